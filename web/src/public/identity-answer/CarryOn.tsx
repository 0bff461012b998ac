import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';

/** A code to go on with the camera of a phone; offered where the page is wide, since a phone has its camera already. */
export function CarryOn({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const make = useMutation({
    mutationFn: () =>
      take(api.POST('/api/my/claims/{id}/identity/carry', { params: { path: { id: claim } } })),
  });
  return (
    <details className="sheet hidden p-5 sm:block">
      <summary className="min-h-11 py-2.5 cursor-pointer font-semibold text-primary">
        {t('who.carry.offer')}
      </summary>
      <p className="mt-2">{t('who.carry.intro')}</p>
      <Problem of={make.error} />
      {make.data ? (
        <img src={make.data.code} alt={t('who.carry.alt')} className="mt-3 w-44 bg-white" />
      ) : (
        <Press
          type="button"
          className="btn btn-outline btn-primary mt-3 h-auto min-h-11"
          busy={make.isPending}
          onClick={() => make.mutate()}
        >
          {t('who.carry.make')}
        </Press>
      )}
    </details>
  );
}
