import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { Problem } from '../../components/Problem';
import { openPdf } from '../../components/pdf';
import { momentText } from '../../i18n';

/** That it was handed in: number, moment, what was sent, and what happens next. */
export function Receipt({ claim, mine }: { claim: string; mine: Schemas['MyIdentity'] }) {
  const { t } = useTranslation();
  const receipt = mine.receipt;
  const pdf = useMutation({
    mutationFn: () =>
      openPdf(() =>
        take(
          api.GET('/api/my/claims/{id}/identity/receipt', {
            params: { path: { id: claim } },
            parseAs: 'blob',
          }),
        ),
      ),
  });
  if (!receipt) return <p className="mt-3 text-lg">{mine.sentence}</p>;
  return (
    <div className="mt-4 max-w-3xl space-y-5">
      <section className="sheet border-s-4 border-s-success p-5" role="status">
        <p className="told text-xl">{t('who.receipt.title')}</p>
        <p className="mt-1">
          {t('who.receipt.moment', { number: receipt.number, at: momentText(receipt.at) })}
        </p>
      </section>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.receipt.sent')}</h2>
        <ul className="mt-1 list-disc space-y-1 ps-5">
          {receipt.sent.map((each) => (
            <li key={each.documentType + each.name}>
              {t(`who.type.${each.documentType as 'PASSPORT'}`)}
              {each.sides > 1 && ` ${t('who.sign.bothSides')}`}
            </li>
          ))}
          {receipt.sent.length === 0 && <li>{t('who.receipt.nothing')}</li>}
        </ul>
      </section>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.receipt.next')}</h2>
        <p className="mt-1">{receipt.next}</p>
      </section>
      <Problem of={pdf.error} />
      <button
        type="button"
        className="btn btn-outline btn-primary h-auto min-h-12"
        onClick={() => pdf.mutate()}
      >
        {t('who.receipt.pdf')}
      </button>
    </div>
  );
}
