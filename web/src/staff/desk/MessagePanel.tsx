import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { Conversation } from '../../claim/Conversation';
import { momentText } from '../../i18n';

/** What applicant and caseworker wrote, and the word that went out about it. Opening it counts as reading. */
export function MessagePanel({
  claim,
  canWrite,
  onRead,
}: {
  claim: string;
  canWrite: boolean;
  /** The claim has changed by it. */
  onRead: () => void;
}) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const path = { id: claim };
  const key = ['messages', claim];
  const post = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/messages', { params: { path } })),
  });
  const read = useMutation({
    mutationFn: () => take(api.POST('/api/claims/{id}/messages/read', { params: { path } })),
    onSuccess: onRead,
  });
  const write = useMutation({
    mutationFn: (body: string) =>
      take(api.POST('/api/claims/{id}/messages', { params: { path }, body: { body } })),
    onSuccess: (now) => {
      queries.setQueryData(key, now);
      onRead();
    },
  });
  const unread = post.data?.messages.some((each) => !each.fromStaff && !each.readAt);
  const { mutate, isPending } = read;
  useEffect(() => {
    if (unread && canWrite && !isPending) mutate();
  }, [unread, canWrite, isPending, mutate]);
  return (
    <section className="p-4" aria-label={t('desk.tab.messages')}>
      <Conversation
        claim={claim}
        messages={post.data?.messages ?? []}
        staff
        canWrite={canWrite}
        busy={write.isPending}
        problem={post.error ?? write.error}
        onWrite={(body, done) => write.mutate(body, { onSuccess: done })}
      />
      {(post.data?.notices.length ?? 0) > 0 && (
        <>
          <h2 className="!font-sans mt-6 text-sm">{t('messages.notices')}</h2>
          <ul className="mt-1">
            {post.data?.notices.map((notice) => (
              <li key={notice.id}>
                {momentText(notice.madeAt)} · {t(`messages.channel.${notice.channel}`)}{' '}
                <span className="quiet">{t(`messages.state.${notice.state as 'SENT'}`)}</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
