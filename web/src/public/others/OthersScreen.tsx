import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { OtherAsked } from '../../claim/OtherAsked';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { openPdf } from '../../components/pdf';

/** Who else is asked on one's claim, and sending them their link. */
export function OthersScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const queries = useQueryClient();
  const key = ['my-others', claim];
  const others = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/my/claims/{id}/others', { params: { path: { id: claim } } })),
  });
  const send = useMutation({
    mutationFn: ({ whom, reach }: { whom: string; reach: Schemas['ReachWish'] }) =>
      take(
        api.POST('/api/my/claims/{id}/others/{whom}', {
          params: { path: { id: claim, whom } },
          body: reach,
        }),
      ),
    onSuccess: (now) => queries.setQueryData(key, now),
  });
  const form = useMutation({
    mutationFn: (whom: string) =>
      openPdf(() =>
        take(
          api.POST('/api/my/claims/{id}/others/{whom}/form', {
            params: { path: { id: claim, whom } },
            parseAs: 'blob',
          }),
        ),
      ),
  });
  return (
    <Page title={t('others.title')}>
      <BackToMine />
      <h1 className="mt-1 text-3xl">{t('others.title')}</h1>
      <Problem of={others.error ?? form.error} />
      <div className="mt-4 max-w-3xl space-y-4">
        <p>{t(others.data?.length === 0 ? 'others.none' : 'others.intro')}</p>
        {others.data?.map((other) => (
          <OtherAsked
            key={other.whom}
            other={other}
            may
            busy={send.isPending}
            error={send.variables?.whom === other.whom ? send.error : null}
            sent={send.isSuccess && send.variables.whom === other.whom}
            onSend={(reach) => send.mutate({ whom: other.whom, reach })}
            onForm={() => form.mutate(other.whom)}
          />
        ))}
      </div>
    </Page>
  );
}
