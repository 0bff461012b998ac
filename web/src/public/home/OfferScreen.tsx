import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { useProgramme } from '../../api/programme';
import { Page } from '../../components/Page';
import { pending } from '../../components/pending';
import { Check } from './Check';

/** Before anything: what will be asked, what to have at hand, and whether this might be for you. */
export function OfferScreen() {
  const { t } = useTranslation();
  const { programme = '' } = useParams();
  const form = useProgramme(programme);
  if (!form.data) {
    return pending(form.error);
  }
  const { offer, screening } = form.data;
  return (
    <Page title={offer.name}>
      <h1 className="text-3xl">{offer.name}</h1>
      <p className="mt-2 max-w-prose text-lg">{offer.purpose}</p>
      <div className="mt-8 grid gap-6 md:grid-cols-[1fr_1.2fr]">
        <section>
          <h2 className="text-xl">{t('offer.asked')}</h2>
          <p className="mt-1">{offer.askFor}</p>
          {offer.toKnow.length > 0 && (
            <>
              <h2 className="mt-6 text-xl">{t('offer.toKnow')}</h2>
              <ul className="mt-1 space-y-1">
                {offer.toKnow.map((each) => (
                  <li key={each}>{each}</li>
                ))}
              </ul>
            </>
          )}
          <h2 className="mt-6 text-xl">{t('offer.atHand')}</h2>
          <ul className="mt-1 list-disc space-y-1 ps-5">
            {offer.atHand.map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
          <Link to={`/apply/${programme}`} className="btn btn-primary mt-6 h-auto min-h-12">
            {t('offer.start', { name: offer.name.toLowerCase() })}
          </Link>
          <p className="quiet mt-2 text-sm">{t('offer.startNote')}</p>
        </section>
        <Check programme={programme} questions={screening} />
      </div>
    </Page>
  );
}
