import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router';
import { api, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { Conversation } from '../../claim/Conversation';
import { Page } from '../../components/Page';
import { MyContact } from './MyContact';

/** What the applicant and the caseworker wrote to each other on a claim, and how the applicant may be reached. */
export function MessagesScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const queries = useQueryClient();
  const path = { id: claim };
  const key = ['my-messages', claim];
  const messages = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/my/claims/{id}/messages', { params: { path } })),
  });
  const mine = useQuery({
    queryKey: ['my', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}', { params: { path } })),
  });
  const read = useMutation({
    mutationFn: () => take(api.POST('/api/my/claims/{id}/messages/read', { params: { path } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['my'] }),
  });
  const write = useMutation({
    mutationFn: (body: string) =>
      take(api.POST('/api/my/claims/{id}/messages', { params: { path }, body: { body } })),
    onSuccess: (now) => queries.setQueryData(key, now),
  });
  const unread = messages.data?.some((each) => each.fromStaff && !each.readAt);
  const { mutate, isPending, isSuccess } = read;
  useEffect(() => {
    if (unread && !isPending && !isSuccess) mutate();
  }, [unread, isPending, isSuccess, mutate]);
  return (
    <Page title={t('messages.title')}>
      <BackToMine />
      <h1 className="mt-1 mb-4 text-3xl">{t('messages.title')}</h1>
      <Conversation
        claim={claim}
        messages={messages.data ?? []}
        staff={false}
        canWrite={mine.data?.canWrite ?? true}
        busy={write.isPending}
        problem={messages.error ?? write.error}
        onWrite={(body, done) => write.mutate(body, { onSuccess: done })}
      />
      <MyContact claim={claim} />
    </Page>
  );
}
