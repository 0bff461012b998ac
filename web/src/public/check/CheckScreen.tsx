import { useMutation, useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { api, detailOf, type Schemas, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { Choose } from '../../papers/Choose';

/** For whoever is shown a document: whether it stands, and nothing about anybody. */
export function CheckScreen() {
  const { t } = useTranslation();
  const { number = '' } = useParams();
  const go = useNavigate();
  const [typed, setTyped] = useState(number);
  const checked = useQuery({
    queryKey: ['check', number],
    queryFn: () => take(api.GET('/api/check/{number}', { params: { path: { number } } })),
    enabled: number !== '',
  });
  const file = useMutation({
    mutationFn: async (pdf: File) => {
      const answer = await fetch('/api/check/file', {
        method: 'POST',
        headers: { 'Content-Type': 'application/octet-stream' },
        body: pdf,
      });
      if (!answer.ok) throw new Error(detailOf(await answer.text()));
      return (await answer.json()) as Schemas['Checked'];
    },
  });
  const send = (files: File[]) => files[0] && file.mutate(files[0]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    file.reset();
    if (typed.trim()) go(`/check/${encodeURIComponent(typed.trim())}`);
  };
  return (
    <Page title={t('check.title')}>
      <h1 className="text-3xl">{t('check.title')}</h1>
      <p className="mt-2 max-w-prose">{t('check.intro')}</p>
      <form className="sheet mt-4 max-w-xl space-y-4 p-5" onSubmit={submit}>
        <TextField label={t('check.number')} hint={t('check.hint')} value={typed} onChange={setTyped} />
        <button type="submit" className="btn btn-primary h-auto min-h-12">
          {t('check.go')}
        </button>
      </form>
      <div aria-live="polite">
        <Problem of={checked.error ?? file.error} />
        {file.data ? (
          <Answer checked={file.data} ofFile />
        ) : (
          checked.data && <Answer checked={checked.data} />
        )}
      </div>
      <section
        className="sheet mt-4 max-w-xl p-5"
        aria-label={t('check.file')}
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          send([...event.dataTransfer.files]);
        }}
      >
        <h2 className="text-lg">{t('check.file')}</h2>
        <p className="mt-1">{t('check.fileIntro')}</p>
        <Choose title={t('check.file')} busy={file.isPending} onFiles={send} single asMade />
      </section>
    </Page>
  );
}

const LOOK: { [state: string]: { edge: string; ink: string; shape: string } } = {
  STANDS: { edge: 'border-s-success', ink: 'text-success', shape: '✓' },
  REPLACED: { edge: 'border-s-warning', ink: 'text-warning', shape: '◈' },
  REVOKED: { edge: 'border-s-error', ink: 'text-error', shape: '◆' },
  LAPSED: { edge: 'border-s-warning', ink: 'text-warning', shape: '◈' },
  UNKNOWN: { edge: 'border-s-error', ink: 'text-error', shape: '◆' },
};

function Answer({ checked, ofFile = false }: { checked: Schemas['Checked']; ofFile?: boolean }) {
  const { t } = useTranslation();
  const look = LOOK[checked.state];
  return (
    <section className={`sheet mt-4 max-w-xl border-s-4 p-5 ${look?.edge}`}>
      <p className={`told text-2xl ${look?.ink}`}>
        <span aria-hidden="true">{look?.shape} </span>
        {ofFile && checked.state === 'UNKNOWN'
          ? t('check.changed')
          : t(`check.state.${checked.state as 'STANDS'}`)}
      </p>
      <p className="mt-2">
        {ofFile && (checked.state === 'STANDS' || checked.state === 'UNKNOWN')
          ? t(checked.state === 'UNKNOWN' ? 'check.changedWords' : 'check.unchanged')
          : t(`check.words.${checked.state as 'STANDS'}`)}
      </p>
      {checked.title && (
        <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-8 gap-y-1">
          <dt className="quiet">{t('check.kind')}</dt>
          <dd>{checked.title}</dd>
          <dt className="quiet">{t('check.issued')}</dt>
          <dd>{dateText(checked.issuedOn ?? '')}</dd>
          <dt className="quiet">{t('check.until')}</dt>
          <dd>{dateText(checked.validUntil ?? '')}</dd>
          {checked.revokedOn && (
            <>
              <dt className="quiet">{t('check.revoked')}</dt>
              <dd>{dateText(checked.revokedOn)}</dd>
            </>
          )}
        </dl>
      )}
    </section>
  );
}
