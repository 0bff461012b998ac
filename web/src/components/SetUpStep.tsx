import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../api/client';
import { useSessionChange } from '../api/session';
import { CodeField } from './CodeField';
import { FormText } from './FormText';
import { Press } from './Press';
import { isAbout, Problem } from './Problem';
import { SimulatedMail } from './SimulatedMail';

export type Kind = Schemas['FactorWish']['kind'];

type Props = {
  kinds: Kind[];
  /** Whoever is signed in shows their password again; whoever has just given it does not. */
  askPassword: boolean;
  onIn: (session: Schemas['Session']) => void;
};

/** Sets up a second step: which, then the first code of it, then the codes for the day on which the phone is lost. */
export function SetUpStep({ kinds, askPassword, onIn }: Props) {
  const [begun, setBegun] = useState<Schemas['Begun'] | null>(null);
  const [phone, setPhone] = useState('');
  const [on, setOn] = useState<Schemas['FactorOn'] | null>(null);
  if (on) return <Recovery on={on} onDone={() => onIn(on.session)} />;
  if (begun) return <FirstCode begun={begun} phone={phone} onOn={setOn} />;
  return (
    <Choose
      kinds={kinds}
      askPassword={askPassword}
      onBegun={(now, to) => {
        setPhone(to);
        setBegun(now);
      }}
    />
  );
}

type ChooseProps = {
  kinds: Kind[];
  askPassword: boolean;
  onBegun: (begun: Schemas['Begun'], phone: string) => void;
};

function Choose({ kinds, askPassword, onBegun }: ChooseProps) {
  const { t } = useTranslation();
  const { control, handleSubmit, register, watch } = useForm({
    defaultValues: { kind: kinds[0] ?? 'APP', phone: '', password: '' },
  });
  const begin = useMutation({
    mutationFn: (body: Schemas['FactorWish']) => take(api.POST('/api/account/second-factor', { body })),
    onSuccess: (now, { phone }) => onBegun(now, phone),
  });
  const known = ['phone', 'password'].some((path) => isAbout(begin.error, path));
  return (
    <form onSubmit={handleSubmit((wish) => begin.mutate(wish))} className="space-y-4" noValidate>
      {kinds.length > 1 && (
        <fieldset className="space-y-1">
          <legend className="font-semibold">{t('step.which')}</legend>
          {kinds.map((kind) => (
            <label key={kind} className="flex min-h-11 items-center gap-3">
              <input type="radio" className="radio" value={kind} {...register('kind')} />
              {t(`step.kind.${kind}`)}
            </label>
          ))}
        </fieldset>
      )}
      {watch('kind') === 'TEXT' && (
        <FormText
          control={control}
          name="phone"
          label={t('step.phone')}
          hint={t('step.phoneHint')}
          type="tel"
          autoComplete="tel"
          problem={begin.error}
        />
      )}
      {askPassword && (
        <FormText
          control={control}
          name="password"
          label={t('step.password')}
          type="password"
          autoComplete="current-password"
          problem={begin.error}
          required
        />
      )}
      {!known && <Problem of={begin.error} />}
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={begin.isPending}>
        {t('step.begin')}
      </Press>
    </form>
  );
}

type FirstProps = { begun: Schemas['Begun']; phone: string; onOn: (on: Schemas['FactorOn']) => void };

function FirstCode({ begun, phone, onOn }: FirstProps) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { code: '' } });
  const email = useQueryClient().getQueryData<Schemas['Session']>(['session'])?.email ?? '';
  const confirm = useMutation({
    mutationFn: (body: Schemas['StepCode']) => take(api.PUT('/api/account/second-factor', { body })),
    onSuccess: onOn,
  });
  return (
    <form onSubmit={handleSubmit((shown) => confirm.mutate(shown))} className="space-y-4" noValidate>
      {begun.kind === 'APP' ? (
        <>
          <p>{t('step.scan')}</p>
          <img src={begun.picture} alt={t('step.picture')} className="w-48 bg-white p-1" />
          <p>
            {t('step.type')}{' '}
            <code className="break-all tabular-nums">{begun.secret.replace(/(.{4})(?=.)/g, '$1 ')}</code>
          </p>
        </>
      ) : (
        <>
          <p>{t(`step.words.${begun.kind}`, { where: begun.where })}</p>
          <SimulatedMail to={begun.kind === 'TEXT' ? phone : email} />
        </>
      )}
      <CodeField control={control} name="code" label={t('step.code')} problem={confirm.error} />
      {!isAbout(confirm.error, 'code') && <Problem of={confirm.error} />}
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={confirm.isPending}>
        {t('step.turnOn')}
      </Press>
    </form>
  );
}

function Recovery({ on, onDone }: { on: Schemas['FactorOn']; onDone: () => void }) {
  const { t } = useTranslation();
  const { stepOn } = useSessionChange();
  return (
    <div className="space-y-4">
      <h3 className="text-xl">{t('step.recoveryTitle')}</h3>
      <p>{t('step.recoveryWords')}</p>
      <ul className="columns-1 gap-8 tabular-nums sm:columns-2" data-testid="recovery">
        {on.recovery.map((code) => (
          <li key={code} className="py-1">
            <code>{code}</code>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-x-6 print:hidden">
        <button
          type="button"
          className="btn btn-outline btn-primary h-auto min-h-12"
          onClick={() => window.print()}
        >
          {t('step.print')}
        </button>
        <button
          type="button"
          className="btn btn-primary h-auto min-h-12"
          onClick={() => {
            stepOn(on.session);
            onDone();
          }}
        >
          {t('step.kept')}
        </button>
      </div>
    </div>
  );
}
