import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import type { useIdentity } from './useIdentity';

type Props = {
  mine: Schemas['MyIdentity'];
  handIn: ReturnType<typeof useIdentity>['handIn'];
  onBack: () => void;
};

/** Everything read back, what is declared, and the signature. Handed in once. */
export function SignStep({ mine, handIn, onBack }: Props) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { name: '', phone: mine.phone } });
  const [mayCall, setMayCall] = useState(false);
  const sent = mine.documents.filter((each) => each.state === 'BEGUN');
  const told = isAbout(handIn.error, 'name') || isAbout(handIn.error, 'phone');
  return (
    <form
      className="space-y-5"
      onSubmit={(event) => void handleSubmit((said) => handIn.mutate({ ...said, mayCall }))(event)}
    >
      <section className="sheet p-5">
        <h2 className="text-lg">{t('who.sign.back')}</h2>
        <ul className="mt-2 list-disc space-y-1 ps-5">
          {mine.asksWhetherFiled && (
            <li>{t('who.sign.filed', { programme: mine.programme, at: mine.filing.at })}</li>
          )}
          {sent.map((each) => (
            <li key={each.id}>
              {t(`who.type.${each.documentType as 'PASSPORT'}`)}
              {each.back && ` ${t('who.sign.bothSides')}`}
              {each.faults.length > 0 && <span className="text-warning"> · {t('who.sign.faulty')}</span>}
              {each.remark && ` · ${each.remark}`}
            </li>
          ))}
          {sent.length === 0 && <li>{t('who.sign.nothing')}</li>}
        </ul>
        {!mine.enough && (
          <p className="mt-3 border-s-4 border-s-warning ps-3">
            {t('who.sign.little')} {mine.dueOn && mine.then}
          </p>
        )}
      </section>
      <section className="sheet space-y-4 border-s-4 border-s-primary p-5">
        <p>{t('who.sign.declare')}</p>
        <p className="quiet">{t('who.sign.false')}</p>
        {!told && <Problem of={handIn.error} />}
        <FormText
          control={control}
          name="name"
          required
          label={t('who.sign.name')}
          hint={t('who.sign.nameHint', { name: mine.name })}
          problem={handIn.error}
          autoComplete="name"
        />
        <FormText
          control={control}
          name="phone"
          label={t('who.sign.phone')}
          hint={t('who.sign.phoneHint')}
          problem={handIn.error}
          inputMode="tel"
          autoComplete="tel"
        />
        <label className="flex min-h-11 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="checkbox checkbox-primary"
            checked={mayCall}
            onChange={(event) => setMayCall(event.target.checked)}
          />
          {t('who.sign.mayCall')}
        </label>
        <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={handIn.isPending}>
          {t('who.sign.go')}
        </Press>
      </section>
      <button type="button" className="min-h-11 cursor-pointer font-semibold text-primary" onClick={onBack}>
        {t('who.sign.change')}
      </button>
    </form>
  );
}
