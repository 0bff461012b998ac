import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useParams } from 'react-router';
import { useDesk } from '../../claim/useDesk';
import { LongTextField } from '../../components/Field';
import { useKept } from '../../components/kept';
import { LetterText } from '../../components/LetterText';
import { Page } from '../../components/Page';
import { isAbout, Problem } from '../../components/Problem';
import { pending } from '../../components/pending';
import { openLetter, useLetter } from './useLetter';

/** The outcome, the letter as it will go out, then the decision. */
export function DecideScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const go = useNavigate();
  const { desk, decide } = useDesk(claim);
  const [reason = '', setReason] = useKept<string>(`decide/${claim}`);
  const [shown, setShown] = useState(reason);
  const [despite, setDespite] = useState('');
  const letter = useLetter(claim, shown);
  if (!desk.data) {
    return pending(desk.error);
  }
  const { outcome, unasked, may } = desk.data;
  const { number, household } = desk.data.strip;
  const open = desk.data.inTheWay.filter((each) => each.weight !== 'IMMATERIAL');
  const title = t('decide.title', { number });
  return (
    <Page title={title} wide>
      <div className="dense grid min-h-[calc(100vh-2.8125rem)] grid-cols-1 lg:grid-cols-[26.25rem_minmax(0,1fr)]">
        <form
          className="space-y-4 border-e border-base-300 bg-base-100 p-5"
          onSubmit={(event) => {
            event.preventDefault();
            decide.mutate(
              { reason, despite },
              {
                onSuccess: () => {
                  setReason(undefined);
                  go(`/claims/${claim}`);
                },
              },
            );
          }}
        >
          <Link to={`/claims/${claim}`} className="alone">
            {t('decide.back')}
          </Link>
          <h1 className="text-2xl">{title}</h1>
          <p className="quiet">{household}</p>
          <h2 className="!font-sans text-sm">{t('decide.outcome')}</h2>
          <p className="told text-2xl">{outcome.headline}</p>
          <p>{outcome.detail}</p>
          {unasked.length > 0 && (
            <div className="border-s-4 border-s-base-300 ps-3">
              <p>{t('decide.unasked', { count: unasked.length })}</p>
              <ul className="quiet mt-1">
                {unasked.map((each) => (
                  <li key={each.label}>
                    {each.label}: {each.reason}
                  </li>
                ))}
              </ul>
            </div>
          )}
          {outcome.determined && open.length > 0 && (
            <div className="space-y-3 border-s-4 border-s-error ps-3">
              <div>
                <p className="font-semibold text-error">◆ {t('decide.open')}</p>
                <ul className="mt-1">
                  {open.map((each) => (
                    <li key={each.path + each.title}>
                      {each.title}
                      {each.impact && <span className="quiet block">{each.impact}</span>}
                    </li>
                  ))}
                </ul>
              </div>
              <LongTextField
                label={t('decide.despite')}
                hint={t('decide.despiteHint')}
                error={isAbout(decide.error, 'despite') ? decide.error?.message : null}
                rows={2}
                value={despite}
                onChange={setDespite}
              />
            </div>
          )}
          {!outcome.determined && <p className="font-semibold text-error">◆ {t('decide.notYet')}</p>}
          <LongTextField
            label={t('decide.reason')}
            hint={t(outcome.negative ? 'decide.reasonNeeded' : 'decide.reasonOptional')}
            error={isAbout(decide.error, 'reason') ? decide.error?.message : null}
            rows={4}
            value={reason}
            onChange={setReason}
          />
          {reason !== shown && (
            <button
              type="button"
              className="btn btn-outline btn-primary h-auto min-h-9 "
              onClick={() => setShown(reason)}
            >
              {t('decide.refresh')}
            </button>
          )}
          {!isAbout(decide.error, 'reason') && !isAbout(decide.error, 'despite') && (
            <Problem of={decide.error} />
          )}
          <div>
            <button
              type="submit"
              className="btn btn-primary h-auto min-h-11"
              disabled={!may.decide || !outcome.determined || decide.isPending}
            >
              {t('decide.do')}
            </button>
          </div>
        </form>
        <section className="flex flex-col p-5" aria-labelledby="letter">
          <div className="flex items-baseline justify-between">
            <h2 id="letter" className="!font-sans text-sm">
              {t('decide.letter')}
            </h2>
            <button
              type="button"
              className="cursor-pointer font-semibold text-primary"
              onClick={() => void openLetter(claim, shown)}
            >
              {t('decide.pdf')}
            </button>
          </div>
          <Problem of={letter.error} />
          <LetterText html={letter.data?.html} />
        </section>
      </div>
    </Page>
  );
}
