import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Page } from '../../components/Page';
import { dateText } from '../../i18n';

/** What the applicant has in hand once it is handed in. */
export function Receipt({ receipt }: { receipt: Schemas['Receipt'] }) {
  const { t } = useTranslation();
  const rows = [
    [t('apply.receiptNumber'), receipt.number],
    [t('apply.receiptReceived'), dateText(receipt.receivedOn)],
    [t('apply.receiptDue'), dateText(receipt.dueBy)],
  ];
  return (
    <Page title={t('apply.receiptTitle')}>
      <section className="sheet max-w-2xl border-l-4 border-l-success p-6">
        <h1 className="text-3xl">{t('apply.receiptTitle')}</h1>
        <dl className="mt-5 grid grid-cols-[auto_1fr] gap-x-8 gap-y-2 text-lg">
          {rows.map(([label, value]) => (
            <div key={label} className="contents">
              <dt className="quiet">{label}</dt>
              <dd className="font-semibold">{value}</dd>
            </div>
          ))}
        </dl>
        <p className="mt-5">{t('apply.receiptNext')}</p>
        <Link to="/my" className="btn btn-primary mt-5 h-12">
          {t('apply.toMyClaims')}
        </Link>
      </section>
    </Page>
  );
}
