import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, type Schemas, take } from '../../api/client';
import { sendByPiece } from '../../papers/byPiece';
import { forgetFile, type KeptFile, keepFile, keptFiles } from '../../papers/keptFiles';

const LOOK_AGAIN = 1500;

/** @property backOf the document whose back side it is; left out for a document of its own */
type Picked = { file: File; documentType: string; backOf?: string };

/** A document on its way, or one that could not be taken. */
export type OnItsWay = {
  key: string;
  name: string;
  documentType: string;
  sent: number;
  bytes: number;
  problem?: string;
};

/** What is asked of a claim's applicant about who they are; looked at again while something is being read. */
export function useIdentity(claim: string) {
  const queries = useQueryClient();
  const path = { id: claim };
  const key = ['my-identity', claim];
  const identity = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/my/claims/{id}/identity', { params: { path } })),
    refetchInterval: (query) =>
      query.state.data?.documents.some((each) => each.reading === 'WAITING') ? LOOK_AGAIN : false,
  });
  const now = (answered: Schemas['MyIdentity']) => {
    queries.setQueryData(key, answered);
    void queries.invalidateQueries({ queryKey: ['my'] });
  };
  const filed = useMutation({
    mutationFn: (said: Schemas['SayFiled']['filed']) =>
      take(api.POST('/api/my/claims/{id}/identity/filed', { params: { path }, body: { filed: said } })),
    onSuccess: now,
  });
  const takeBack = useMutation({
    mutationFn: (paper: string) =>
      take(
        api.DELETE('/api/my/claims/{id}/identity/documents/{paper}', {
          params: { path: { ...path, paper } },
        }),
      ),
    onSuccess: now,
  });
  const remark = useMutation({
    mutationFn: ({ paper, words }: { paper: string; words: string }) =>
      take(
        api.POST('/api/my/claims/{id}/identity/documents/{paper}/remark', {
          params: { path: { ...path, paper } },
          body: { remark: words },
        }),
      ),
    onSuccess: now,
  });
  const later = useMutation({
    mutationFn: (wish: Schemas['Later']) =>
      take(api.POST('/api/my/claims/{id}/identity/more-time', { params: { path }, body: wish })),
    onSuccess: now,
  });
  const handIn = useMutation({
    mutationFn: (wish: Schemas['HandInIdentity']) =>
      take(api.POST('/api/my/claims/{id}/identity/hand-in', { params: { path }, body: wish })),
    onSuccess: now,
  });
  return { identity, filed, takeBack, remark, later, handIn };
}

/** Sends documents by piece, each with its progress; what has not arrived is kept, and goes on after loading again. */
export function useSending(claim: string) {
  const place = `${claim}/identity-sent`;
  const queries = useQueryClient();
  const [onTheirWay, setOnTheirWay] = useState<OnItsWay[]>([]);
  const change = (key: string, to: Partial<OnItsWay>) =>
    setOnTheirWay((now) => now.map((each) => (each.key === key ? { ...each, ...to } : each)));
  const send = useMutation({
    // without a network it goes on by itself as soon as there is one, piece by piece
    networkMode: 'always',
    mutationFn: async ({ key, place: of, file }: KeptFile) => {
      const [documentType = '', backOf = ''] = of.slice(place.length + 1).split('/');
      setOnTheirWay((now) => [
        ...now.filter((each) => each.problem === undefined && each.key !== key),
        { key, name: file.name, documentType, sent: 0, bytes: file.size },
      ]);
      try {
        await sendByPiece(
          `/api/my/claims/${claim}/identity/uploads`,
          file,
          backOf ? { documentType, backOf } : { documentType },
          (sent) => change(key, { sent }),
        );
        await forgetFile(key);
        await queries.invalidateQueries({ queryKey: ['my-identity', claim] });
        setOnTheirWay((now) => now.filter((each) => each.key !== key));
      } catch (problem) {
        await forgetFile(key);
        change(key, { problem: problem instanceof Error ? problem.message : '' });
      }
    },
  });
  const { mutate } = send;
  useEffect(() => {
    void keptFiles(place).then((waiting) => waiting.forEach((each) => void mutate(each)));
  }, [place, mutate]);
  return {
    onTheirWay,
    send: (picture: Picked) =>
      void keepFile(`${place}/${picture.documentType}/${picture.backOf ?? ''}`, picture.file).then((kept) =>
        mutate(kept),
      ),
  };
}
