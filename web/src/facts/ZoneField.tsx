import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, detailOf, ownHeaders, type Schemas, take } from '../api/client';
import { Field } from '../components/Field';
import { Problem } from '../components/Problem';
import { Choose } from '../papers/Choose';
import { isPicture, prepared } from '../papers/prepare';
import type { Given } from './shapes';

type Props = {
  id: string;
  label: string;
  hint?: string | null;
  error?: string | null;
  value: unknown;
  /** What was typed beside it: whose passport it is and until when. */
  record: Given;
  onChange: (lines: string[] | undefined) => void;
  /** The lines that a photographed page shows, and what they say, for the fields beside it. */
  onSeen: (lines: string[], beside: Given) => void;
};

/** The lines at the foot of a passport's page: looked at when they are left, and what cannot be right is pointed at. */
export function ZoneField({ id, label, hint, error, value, record, onChange, onSeen }: Props) {
  const { t } = useTranslation();
  const lines = Array.isArray(value) ? (value as string[]) : [];
  const look = useMutation({
    mutationFn: (body: Schemas['ZoneTyped']) => take(api.POST('/api/drafts/zone', { body })),
  });
  const see = useMutation({
    mutationFn: async (picture: File) => {
      const answer = await fetch('/api/drafts/zone/picture', {
        method: 'POST',
        headers: { 'Content-Type': 'application/octet-stream', ...ownHeaders() },
        body: isPicture(picture) ? await prepared(picture, 0, undefined) : picture,
      });
      if (!answer.ok) throw new Error(detailOf(await answer.text()));
      return (await answer.json()) as Schemas['ZoneSeen'];
    },
    onSuccess: ({ lines: seen, number, born, expires }) => {
      if (seen.length === 0) return;
      look.reset();
      onSeen(seen, {
        ...(number && { number }),
        ...(born && { dateOfBirth: born }),
        ...(expires && { expiresOn: expires }),
      });
    },
  });
  const text = (name: string) => String(record[name] ?? '');
  const leave = () =>
    lines.length > 0 &&
    look.mutate({ lines, name: text('name'), born: text('dateOfBirth'), expires: text('expiresOn') });
  const set = (typed: string) => {
    look.reset();
    const now = typed
      .toUpperCase()
      .split('\n')
      .map((line) => line.replace(/\s/g, ''))
      .slice(0, 3);
    onChange(now.some(Boolean) ? now : undefined);
  };
  return (
    <div>
      <div className="mb-4">
        <p>{t('facts.zonePicture')}</p>
        <p className="quiet text-sm">{t('facts.zonePictureWhy')}</p>
        <Choose
          title={t('facts.zonePicture')}
          busy={see.isPending}
          onFiles={(files) => files[0] && see.mutate(files[0])}
          single
        />
        <div aria-live="polite">
          {see.isPending && <p className="mt-1">{t('facts.zoneReading')}</p>}
          <Problem of={see.error} />
          {see.data && (
            <p className={`mt-1 font-semibold ${see.data.lines.length ? 'text-success' : 'text-warning'}`}>
              {t(see.data.lines.length ? 'facts.zoneSeen' : 'facts.zoneUnseen')}
            </p>
          )}
        </div>
      </div>
      <Field id={id} label={label} hint={hint} error={error}>
        {(ids) => (
          <textarea
            {...ids}
            className="field h-auto w-full font-mono text-sm break-all"
            rows={2}
            spellCheck={false}
            autoCapitalize="characters"
            autoComplete="off"
            value={lines.join('\n')}
            onChange={(event) => set(event.target.value)}
            onBlur={leave}
          />
        )}
      </Field>
      <div aria-live="polite">
        {look.data?.wrong.length === 0 && (
          <p className="mt-1 font-semibold text-success">
            <span aria-hidden="true">✓ </span>
            {t('facts.zoneRight')}
          </p>
        )}
        <ul className="mt-1 space-y-1">
          {look.data?.wrong.map((each) => (
            <li key={each} className="font-semibold text-warning">
              <span aria-hidden="true">◆ </span>
              {each}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
