import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, detailOf, ownHeaders, ProblemError, type Schemas, take } from '../api/client';
import { forgetFile, type KeptFile, keepFile, keptFiles } from './keptFiles';

const MEGABYTE = 1024 * 1024;
const NO_ANSWER = 'no-answer';

/** A file on its way, one that waits for the network, or one that could not be taken. */
export type Sending = { key: string; name: string; share: number; waits?: boolean; problem?: string };

type Wanted = { kind: string; subject: string };

/**
 * Sends files one after the other, each with its progress; one that is refused does not hold up the others. What finds no
 * network is kept in this browser, and goes on by itself when there is one again or the page is loaded again.
 */
export function useUpload(claim: string, wanted: Wanted, onSent?: () => void) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [sending, setSending] = useState<Sending[]>([]);
  const [sent, setSent] = useState<string[]>([]);
  const room = useRoom(claim);
  const change = (key: string, to: Partial<Sending>) =>
    setSending((now) => now.map((each) => (each.key === key ? { ...each, ...to } : each)));
  const upload = useMutation({
    mutationFn: async (chosen: KeptFile[]) => {
      const begun = chosen.map(({ key, file }) => ({ key, name: file.name, share: 0 }));
      const isBegun = (key: string) => begun.some((each) => each.key === key);
      setSending((now) => [...now.filter((each) => !each.problem && !isBegun(each.key)), ...begun]);
      for (const { key, file } of chosen) {
        try {
          if (room.data && file.size > room.data.largest)
            throw new Error(t('papers.tooLarge', megabytes(room.data)));
          await send(claim, wanted, file, (share) => change(key, { share }));
          await forgetFile(key);
          setSending((now) => now.filter((each) => each.key !== key));
          setSent((now) => [...now.filter((name) => name !== file.name), file.name]);
          onSent?.();
        } catch (problem) {
          const waits = problem instanceof ProblemError && problem.code === NO_ANSWER;
          if (!waits) await forgetFile(key);
          change(key, waits ? { waits } : { problem: problem instanceof Error ? problem.message : '' });
        }
        await queries.invalidateQueries({ queryKey: ['evidence', claim] });
        await queries.invalidateQueries({ queryKey: ['room', claim] });
      }
    },
  });
  const place = `${claim}/${wanted.kind}/${wanted.subject}`;
  const { mutate } = upload;
  useEffect(() => {
    const goOn = async () => {
      const waiting = await keptFiles(place);
      if (waiting.length > 0) mutate(waiting);
    };
    void goOn();
    window.addEventListener('online', goOn);
    return () => window.removeEventListener('online', goOn);
  }, [place, mutate]);
  const choose = async (files: File[]) =>
    mutate(await Promise.all(files.map((file) => keepFile(place, file))));
  return { sending, sent, send: (files: File[]) => void choose(files), busy: upload.isPending };
}

/** What may still be sent to a claim. */
export function useRoom(claim: string) {
  return useQuery({
    queryKey: ['room', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/room', { params: { path: { id: claim } } })),
  });
}

/** The room in whole megabytes, for telling it. */
export function megabytes(room: Schemas['RoomLeft']): { largest: number; together: number } {
  return { largest: Math.floor(room.largest / MEGABYTE), together: Math.floor(room.together / MEGABYTE) };
}

/** A fetch cannot tell how far an upload is; this can. */
function send(claim: string, wanted: Wanted, file: File, onShare: (share: number) => void): Promise<void> {
  const query = new URLSearchParams(wanted);
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest();
    request.open('POST', `/api/my/claims/${claim}/papers?${query}`);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.setRequestHeader(
      'Content-Disposition',
      `attachment; filename*=UTF-8''${encodeURIComponent(file.name).replace(/['()*]/g, escaped)}`,
    );
    for (const [name, value] of Object.entries(ownHeaders())) request.setRequestHeader(name, value);
    request.upload.onprogress = (event) => onShare(event.loaded / Math.max(1, event.total));
    request.onerror = () => failed(new ProblemError(0, NO_ANSWER, '', '', ''));
    request.onload = () => {
      if (request.status < 300) done();
      else failed(new Error(detailOf(request.responseText)));
    };
    request.send(file);
  });
}

/** What a header's text may not hold although an address may. */
function escaped(sign: string): string {
  return `%${sign.charCodeAt(0).toString(16).toUpperCase()}`;
}
