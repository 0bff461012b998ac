import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { api, ProblemError, type Schemas, take } from '../../api/client';
import type { Answers } from '../../facts/answers';
import { type Clash, mergeAnswers } from '../../facts/mergeAnswers';

const MOST_UNANSWERED = 20;

function random(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
    byte.toString(16).padStart(2, '0'),
  ).join('');
}

/** Whether the answers on the screen are those that were saved. */
export function isSaved(saved: Schemas['DraftView'], answers: Answers): boolean {
  return JSON.stringify(saved.answers) === JSON.stringify(answers);
}

/** What was written here and elsewhere at the same time. @see mergeAnswers */
export type Meanwhile = { draft: Schemas['DraftView']; answers: Answers; clashes: Clash[] };

/**
 * The draft of a programme: begun when there is none, saved whole at every step.
 *
 * @param onMeanwhile it was written elsewhere since; nothing was saved, and saving again saves both
 */
export function useDraft(programme: string, onMeanwhile: (both: Meanwhile) => void) {
  const queries = useQueryClient();
  const key = ['draft', programme];
  /** Saves that were sent and of which nothing came back: they may have arrived all the same. */
  const unanswered = useRef<string[]>([]);
  const draft = useQuery({
    queryKey: key,
    queryFn: () => take(api.POST('/api/drafts', { body: { programme } })),
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const save = useMutation({
    mutationFn: (wish: { answers: Answers; chapter: string }) => {
      const { id, version } = queries.getQueryData<Schemas['DraftView']>(key) ?? { id: '', version: 0 };
      const name = random();
      const body = { version, save: name, unanswered: unanswered.current.slice(-MOST_UNANSWERED), ...wish };
      unanswered.current.push(name);
      return take(api.PUT('/api/drafts/{id}', { params: { path: { id } }, body }));
    },
    onSuccess: (saved) => {
      unanswered.current = [];
      queries.setQueryData(key, saved);
    },
    onError: (problem, { answers }) => {
      if (!(problem instanceof ProblemError) || problem.status !== 409) return;
      const before = queries.getQueryData<Schemas['DraftView']>(key);
      void take(api.POST('/api/drafts', { body: { programme } })).then(
        (now) => {
          queries.setQueryData(key, now);
          if (before)
            onMeanwhile({
              draft: now,
              ...mergeAnswers(before.answers as Answers, answers, now.answers as Answers),
            });
          save.reset();
        },
        () => void queries.invalidateQueries({ queryKey: key }),
      );
    },
  });
  const handIn = useMutation({
    mutationFn: (wish: Schemas['HandIn']) =>
      take(
        api.POST('/api/drafts/{id}/hand-in', { params: { path: { id: draft.data?.id ?? '' } }, body: wish }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['my'] });
      void queries.invalidateQueries({ queryKey: ['drafts'] });
    },
  });
  return { draft, save, handIn };
}
