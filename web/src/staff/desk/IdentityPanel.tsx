import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';
import { dateText } from '../../i18n';
import { marked } from './marked';

const INK = {
  MATCH: 'text-success',
  NEAR: 'text-warning',
  CONFLICT: 'text-error',
  INVALID: 'text-error',
  ABSENT: 'quiet',
};
const SHAPE = { MATCH: '✓', NEAR: '≈', CONFLICT: '≠', INVALID: '≠', ABSENT: '–' };
const EDGE = {
  CONFIRMED: 'border-l-success',
  UNCONFIRMED: 'border-l-warning',
  DISPUTED: 'border-l-error',
  MISUSE_SUSPECTED: 'border-l-error',
};

type Props = {
  desk: Schemas['Desk'];
  onPaper: (paper: string, page: number) => void;
  onDoubt: (why: string) => void;
};

/** Who the applicant is, attribute by attribute; what is wrong with each document; what is still needed. */
export function IdentityPanel({ desk, onPaper, onDoubt }: Props) {
  const { t } = useTranslation();
  const identity = desk.identity;
  return (
    <section className="p-4" aria-label={t('desk.tab.identity')}>
      <div className={`border border-l-4 border-base-300 p-3 ${EDGE[identity.result]}`}>
        <p className="told text-lg">{identity.sentence}</p>
        {identity.needs.length > 0 && (
          <p className="mt-1">{t('identity.needs', { needs: identity.needs.join(', ') })}</p>
        )}
        <p className="quiet mt-1 text-[13px]">
          {t('identity.checked', { name: identity.name, date: dateText(identity.on) })}
          {identity.awaited && ` · ${t('identity.awaited')}`}
        </p>
      </div>
      <DoubtIt desk={desk} onDoubt={onDoubt} />
      <table className="mt-4 w-full table-fixed">
        <thead>
          <tr className="row-line text-left text-[13px]">
            <th className="w-[20%] py-2 font-normal">{t('identity.attribute')}</th>
            <th className="w-[28%] font-normal">{t('desk.said')}</th>
            <th className="w-[28%] font-normal">{t('desk.record')}</th>
            <th className="font-normal">{t('identity.verdict')}</th>
          </tr>
        </thead>
        <tbody>
          {identity.attributes.map((each) => (
            <tr key={each.label} className="row-line align-top">
              <td className="py-2">{each.label}</td>
              <td className="py-2 pr-2">{each.claimed ? marked(each.claimed, [each.onRecord]) : '–'}</td>
              <td className="py-2 pr-2">{each.onRecord ? marked(each.onRecord, [each.claimed]) : '–'}</td>
              <td className={`py-2 font-semibold ${INK[each.verdict]}`}>
                <span aria-hidden="true">{SHAPE[each.verdict]} </span>
                {t(`identity.${each.verdict}`)}
                {each.what && <span className="block font-normal">{each.what}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="!font-sans mt-5 text-sm">{t('identity.documents')}</h2>
      {identity.documents.length === 0 && <p className="quiet mt-1">{t('identity.noDocuments')}</p>}
      <ul className="mt-1 space-y-2">
        {identity.documents.map((each) => (
          <li key={each.paper + each.name} className="border-b border-base-300 pb-2">
            <button
              type="button"
              className="cursor-pointer font-semibold text-primary"
              onClick={() => onPaper(each.paper, 1)}
            >
              {each.name}
            </button>{' '}
            <span className="quiet">{t(`identity.category.${each.category}`)}</span>
            {each.inWords.length === 0 ? (
              <p className="text-success">
                <span aria-hidden="true">✓ </span>
                {t('identity.usable')}
              </p>
            ) : (
              each.inWords.map((fault) => (
                <p key={fault} className="text-error">
                  <span aria-hidden="true">≠ </span>
                  {fault}
                </p>
              ))
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Asks the person whether they filed this, and shows what they said. */
function DoubtIt({ desk, onDoubt }: Pick<Props, 'desk' | 'onDoubt'>) {
  const { t } = useTranslation();
  const [why, setWhy] = useState<string>();
  const doubt = desk.doubt;
  if (doubt) {
    return (
      <p className="mt-3 font-semibold">
        <span aria-hidden="true">◈ </span>
        {t(`doubt.${doubt.state}`, { date: dateText(doubt.dueOn, 'short') })}
      </p>
    );
  }
  if (!desk.may.work || desk.strip.state === 'WAITING') return null;
  if (why === undefined) {
    return (
      <button
        type="button"
        className="mt-3 min-h-8 cursor-pointer font-semibold text-primary"
        onClick={() => setWhy('')}
      >
        {t('doubt.ask')}
      </button>
    );
  }
  return (
    <form
      className="mt-3 max-w-xl space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        onDoubt(why);
      }}
    >
      <TextField label={t('doubt.why')} hint={t('doubt.whyHint')} value={why} onChange={setWhy} />
      <button type="submit" className="btn btn-primary h-9 min-h-9">
        {t('doubt.do')}
      </button>
    </form>
  );
}
