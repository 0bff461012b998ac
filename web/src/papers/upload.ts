import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, csrfToken, detailOf, ProblemError, type Schemas, take } from '../api/client';

const MEGABYTE = 1024 * 1024;

/** A file on its way, or one that could not be taken. */
export type Sending = { key: string; name: string; share: number; problem?: string };

type Wanted = { kind: string; subject: string };

/** Sends files one after the other, each with its progress; one that is refused does not hold up the others. */
export function useUpload(claim: string, wanted: Wanted, onSent?: () => void) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [sending, setSending] = useState<Sending[]>([]);
  const [sent, setSent] = useState<string[]>([]);
  const room = useRoom(claim);
  const change = (key: string, to: Partial<Sending>) =>
    setSending((now) => now.map((each) => (each.key === key ? { ...each, ...to } : each)));
  const upload = useMutation({
    mutationFn: async (files: File[]) => {
      const begun = files.map((file, i) => ({ key: `${Date.now()}-${i}`, name: file.name, share: 0 }));
      setSending((now) => [...now.filter((each) => !each.problem), ...begun]);
      for (const [i, file] of files.entries()) {
        const key = begun[i]?.key ?? '';
        try {
          if (room.data && file.size > room.data.largest)
            throw new Error(t('papers.tooLarge', megabytes(room.data)));
          await send(claim, wanted, file, (share) => change(key, { share }));
          setSending((now) => now.filter((each) => each.key !== key));
          setSent((now) => [...now.filter((name) => name !== file.name), file.name]);
          onSent?.();
        } catch (problem) {
          change(key, { problem: problem instanceof Error ? problem.message : '' });
        }
        await queries.invalidateQueries({ queryKey: ['evidence', claim] });
        await queries.invalidateQueries({ queryKey: ['room', claim] });
      }
    },
  });
  return { sending, sent, send: upload.mutate, busy: upload.isPending };
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
    request.setRequestHeader('X-XSRF-TOKEN', csrfToken());
    request.upload.onprogress = (event) => onShare(event.loaded / Math.max(1, event.total));
    request.onerror = () => failed(new ProblemError(0, 'no-answer', '', '', ''));
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
