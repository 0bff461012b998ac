import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { SelectField, TextField } from '../../components/Field';
import { marked } from '../../components/marked';
import { dateText } from '../../i18n';

const INK = {
  MATCH: 'text-success',
  NEAR: 'text-warning',
  CONFLICT: 'text-error',
  INVALID: 'text-error',
  ABSENT: 'quiet',
};
const SHAPE = { MATCH: '✓', NEAR: '≈', CONFLICT: '≠', INVALID: '≠', ABSENT: '–' };
const EDGE = {
  CONFIRMED: 'border-s-success',
  UNCONFIRMED: 'border-s-warning',
  DISPUTED: 'border-s-error',
  MISUSE_SUSPECTED: 'border-s-error',
};

const OCCASIONS = ['DOUBTED', 'OTHER_SERVICE', 'INTAKE'] as const;

type Props = {
  desk: Schemas['Desk'];
  onPaper: (paper: string, page: number) => void;
  onDoubt: (wish: { occasion: (typeof OCCASIONS)[number]; why: string }) => void;
};

/** Who the applicant is, attribute by attribute; what is wrong with each document; what is still needed. */
export function IdentityPanel({ desk, onPaper, onDoubt }: Props) {
  const { t } = useTranslation();
  const identity = desk.identity;
  return (
    <section className="p-4" aria-label={t('desk.tab.identity')}>
      <div className={`border border-s-4 border-base-300 p-3 ${EDGE[identity.result]}`}>
        <p className="told text-lg">{identity.sentence}</p>
        {identity.needs.length > 0 && (
          <p className="mt-1">{t('identity.needs', { needs: identity.needs.join(', ') })}</p>
        )}
        <p className="quiet mt-1 text-[0.8125rem]">
          {t('identity.checked', { name: identity.name, date: dateText(identity.on) })}
          {identity.awaited && ` · ${t('identity.awaited')}`}
        </p>
      </div>
      <p className="mt-2">
        <Link to={`/claims/${desk.id}/identity`} className="alone">
          {t('identity.grid')}
        </Link>
      </p>
      <DoubtIt desk={desk} onDoubt={onDoubt} />
      <table className="mt-4 w-full table-fixed">
        <thead>
          <tr className="row-line text-start text-[0.8125rem]">
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
              <td className="py-2 pe-2">{each.claimed ? marked(each.claimed, [each.onRecord]) : '–'}</td>
              <td className="py-2 pe-2">{each.onRecord ? marked(each.onRecord, [each.claimed]) : '–'}</td>
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
  const [occasion, setOccasion] = useState<(typeof OCCASIONS)[number]>('DOUBTED');
  const doubt = desk.doubt;
  if (doubt) {
    return (
      <p className="mt-3 font-semibold">
        <span aria-hidden="true">◈ </span>
        {t(`doubt.${doubt.state}`, { date: dateText(doubt.dueOn, 'weekday') })}
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
        onDoubt({ occasion, why });
      }}
    >
      <SelectField
        label={t('doubt.occasion')}
        value={occasion}
        options={OCCASIONS.map((each) => ({ value: each, label: t(`doubt.of.${each}`) }))}
        onChange={(chosen) => setOccasion(OCCASIONS.find((each) => each === chosen) ?? 'DOUBTED')}
      />
      <TextField label={t('doubt.why')} hint={t('doubt.whyHint')} value={why} onChange={setWhy} />
      <button type="submit" className="btn btn-primary h-auto min-h-9 ">
        {t('doubt.do')}
      </button>
    </form>
  );
}
