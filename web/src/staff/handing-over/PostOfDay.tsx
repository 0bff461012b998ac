import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { Table } from './Pieces';

type Props = { today: string; pieces: Schemas['Piece'][]; mayWork: boolean };

/** What is to go by post today: its list for labels, and that it went. */
export function PostOfDay({ today, pieces, mayWork }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const sent = useMutation({
    mutationFn: (documents: string[]) => take(api.POST('/api/post-list', { body: { documents } })),
    onSuccess: (now) => {
      queries.setQueryData(['handovers'], now);
      void queries.invalidateQueries({ queryKey: ['at-counter'] });
    },
  });
  const addressed = pieces.filter((each) => each.address !== '').map((each) => each.document);
  return (
    <section aria-label={t('handover.post')}>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <h2 className="flex-1 text-xl">
          {t('handover.post')}{' '}
          <span className="quiet font-sans text-base font-normal">· {pieces.length}</span>
        </h2>
        <a href={`/api/post-list?on=${today}`} className="alone" download={`post-${today}.csv`}>
          {t('handover.list')}
        </a>
        {mayWork && addressed.length > 0 && (
          <Press
            className="btn btn-primary btn-sm"
            busy={sent.isPending}
            onClick={() => sent.mutate(addressed)}
          >
            {t('handover.went', { count: addressed.length })}
          </Press>
        )}
      </div>
      <Problem of={sent.error} />
      {pieces.length === 0 ? (
        <p className="mt-1">{t('handover.none.post')}</p>
      ) : (
        <Table pieces={pieces} kind="post" />
      )}
      {addressed.length < pieces.length && <p className="mt-1 text-warning">{t('handover.noAddress')}</p>}
    </section>
  );
}
