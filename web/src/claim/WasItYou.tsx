import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { Press } from '../components/Press';
import { dateText } from '../i18n';

/** What was filed, masked so that whoever filed it recognises it and nobody else learns from it. */
export function FiledFacts({ filing }: { filing: Schemas['Filing'] }) {
  const { t } = useTranslation();
  const rows = [
    [t('who.filed.programme'), filing.programme],
    [t('who.filed.at'), filing.at],
    [t('who.filed.device'), t(`who.device.${(filing.device || 'UNKNOWN') as 'PHONE'}`)],
    [t('who.filed.account'), filing.account || '–'],
    [t('who.filed.phone'), filing.phone || t('who.filed.noPhone')],
  ];
  return (
    <>
      <dl className="sheet divide-y divide-base-300 px-5 py-2">
        {rows.map(([label, text]) => (
          <div key={label} className="grid grid-cols-[9rem_1fr] gap-3 py-2">
            <dt className="quiet">{label}</dt>
            <dd className="font-semibold break-words">{text}</dd>
          </div>
        ))}
      </dl>
      <p className="quiet">{t('who.filed.masked')}</p>
    </>
  );
}

type NotSureProps = {
  office: Schemas['Office'];
  dueOn?: string;
  /** Whether they have said so. */
  said: boolean;
  busy: boolean;
  onSay: () => void;
};

/** "I am not sure": a number to call, and that the clock goes on. */
export function NotSure({ office, dueOn, said, busy, onSay }: NotSureProps) {
  const { t } = useTranslation();
  return (
    <section className="sheet p-5">
      <h2 className="text-lg">{t('who.filed.unsure')}</h2>
      {said ? (
        <div role="status">
          <p className="mt-1 text-lg font-semibold">
            <a href={`tel:${office.telephone.replaceAll(' ', '')}`}>{office.telephone}</a>
          </p>
          <p>
            {t('who.filed.unsureCall', { hours: office.hours })}{' '}
            {dueOn && t('who.filed.clock', { date: dateText(dueOn) })}
          </p>
        </div>
      ) : (
        <>
          <p className="mt-1 mb-3">{t('who.filed.unsureIntro')}</p>
          <Press
            type="button"
            className="btn btn-outline btn-primary h-auto min-h-12"
            busy={busy}
            onClick={onSay}
          >
            {t('who.filed.unsure')}
          </Press>
        </>
      )}
    </section>
  );
}

/** "This was not me": said twice, since it stops everything and only a person can take it back. */
export function NotMine({ busy, onSay }: { busy: boolean; onSay: () => void }) {
  const { t } = useTranslation();
  const [sure, setSure] = useState(false);
  return (
    <section className="sheet p-5">
      <h2 className="text-lg">{t('who.filed.no')}</h2>
      <p className="mt-1 mb-3">{t('who.filed.noIntro')}</p>
      <Press
        type="button"
        className="btn btn-outline btn-error h-auto min-h-12"
        busy={busy}
        onClick={() => (sure ? onSay() : setSure(true))}
      >
        {sure ? t('who.filed.sure') : t('who.filed.no')}
      </Press>
    </section>
  );
}
