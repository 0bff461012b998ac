import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { FiledFacts, NotMine, NotSure } from '../../claim/WasItYou';
import { FormText } from '../../components/FormText';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

/** For whoever had a letter: its number and code, what was filed in their name, and whether that was them. */
export function LetterScreen() {
  const { t } = useTranslation();
  const { control, handleSubmit, getValues } = useForm({ defaultValues: { number: '', code: '' } });
  const open = useMutation({
    mutationFn: (said: Schemas['LetterCode']) => take(api.POST('/api/letter', { body: said })),
  });
  const answer = useMutation({
    mutationFn: (notMe: boolean) => take(api.POST('/api/letter/answer', { body: { ...getValues(), notMe } })),
  });
  const page = answer.data ?? open.data;
  return (
    <Page title={t('letter.title')}>
      <h1 className="text-3xl">{t('letter.title')}</h1>
      <Problem of={open.error ?? answer.error} />
      {page ? (
        <Filed
          page={page}
          unsure={answer.data?.state === 'ASKED'}
          busy={answer.isPending}
          onSay={answer.mutate}
        />
      ) : (
        <form
          className="sheet mt-4 max-w-xl space-y-4 p-5"
          onSubmit={(event) => void handleSubmit((said) => open.mutate(said))(event)}
        >
          <p>{t('letter.intro')}</p>
          <FormText
            control={control}
            name="number"
            required
            label={t('letter.number')}
            problem={open.error}
          />
          <FormText
            control={control}
            name="code"
            required
            inputMode="numeric"
            label={t('letter.code')}
            problem={open.error}
          />
          <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={open.isPending}>
            {t('letter.go')}
          </Press>
        </form>
      )}
    </Page>
  );
}

function Filed({
  page,
  unsure,
  busy,
  onSay,
}: {
  page: Schemas['LetterPage'];
  unsure: boolean;
  busy: boolean;
  onSay: (notMe: boolean) => void;
}) {
  const { t } = useTranslation();
  const { office } = page;
  if (page.state === 'NOT_ME')
    return (
      <div className="mt-4 max-w-3xl space-y-4">
        <p className="text-lg">{t('letter.notMe')}</p>
        <p className="sheet p-5">
          {t('who.notMe.case')} <b>{page.caseReference}</b>
        </p>
        <p>{t('who.notMe.reach', { telephone: office.telephone, hours: office.hours })}</p>
      </div>
    );
  if (page.state !== 'ASKED') return <p className="mt-4 text-lg">{t('letter.over')}</p>;
  return (
    <div className="mt-4 max-w-3xl space-y-5">
      <p className="told border-s-4 border-s-warning ps-3">{page.why}</p>
      <FiledFacts filing={page.filing} />
      <p className="font-semibold text-warning">
        <span aria-hidden="true">◈ </span>
        {t('who.until', { date: dateText(page.dueOn) })}
      </p>
      <NotMine busy={busy} onSay={() => onSay(true)} />
      <NotSure office={office} dueOn={page.dueOn} said={unsure} busy={busy} onSay={() => onSay(false)} />
      <section className="sheet p-5">
        <h2 className="text-lg">{t('who.filed.yes')}</h2>
        <p className="mt-1">{t('letter.yes')}</p>
        <p className="mt-2">
          <Link to="/my">{t('letter.signIn')}</Link>
        </p>
      </section>
    </div>
  );
}
