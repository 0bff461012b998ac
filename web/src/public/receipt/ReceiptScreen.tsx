import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { useMyClaims } from '../../claim/useMyClaims';
import { Wanted } from '../../claim/Wanted';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

/** What the applicant has in hand once it is handed in: first what is still wanted, then the number and the days. */
export function ReceiptScreen() {
  const { t } = useTranslation();
  const { claim: id = '' } = useParams();
  const claims = useMyClaims();
  const claim = claims.data?.find((each) => each.id === id);
  if (!claim) {
    return (
      <Page title={t('apply.receiptTitle')}>
        <h1 className="text-3xl">{claims.data ? t('notFound.title') : t('loading')}</h1>
        <Problem of={claims.error} />
      </Page>
    );
  }
  const rows = [
    [t('apply.receiptNumber'), claim.number],
    [t('apply.receiptReceived'), dateText(claim.receivedOn)],
    [t('apply.receiptDue'), dateText(claim.decideBy)],
  ];
  const wanted = claim.wanted.length > 0;
  return (
    <Page title={t('apply.receiptTitle')}>
      <section className="sheet max-w-2xl border-s-4 border-s-success p-6">
        <h1 className="text-3xl">{t('apply.receiptTitle')}</h1>
        <Wanted claim={claim} />
        <dl className="mt-5 grid grid-cols-[auto_1fr] gap-x-8 gap-y-2 text-lg">
          {rows.map(([label, value]) => (
            <div key={label} className="contents">
              <dt className="quiet">{label}</dt>
              <dd className="font-semibold">{value}</dd>
            </div>
          ))}
        </dl>
        <p className="mt-5">{claim.sentence}</p>
        <p className="mt-2">{t(wanted ? 'apply.receiptWanted' : 'apply.receiptNext')}</p>
        <div className="mt-5 flex flex-wrap gap-4 print:hidden">
          <Link to="/my" className={`btn h-auto min-h-12 btn-primary ${wanted ? 'btn-outline' : ''}`}>
            {t('apply.toMyClaims')}
          </Link>
          <button
            type="button"
            className="min-h-12 cursor-pointer font-semibold text-primary"
            onClick={() => window.print()}
          >
            {t('apply.print')}
          </button>
        </div>
      </section>
    </Page>
  );
}
