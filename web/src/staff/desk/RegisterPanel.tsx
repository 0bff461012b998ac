import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';

const INK = { ASKED: 'text-warning', SILENT: 'text-error', ANSWERED: 'text-success', WITHOUT: 'quiet' };
const SHAPE = { ASKED: '◈', SILENT: '▲', ANSWERED: '✓', WITHOUT: '–' };

type Props = {
  desk: Schemas['Desk'];
  onAsk: (request: string) => void;
  onWithout: (wish: { request: string; reason: string }) => void;
};

/** What each register was asked, when, and what it answered. */
export function RegisterPanel({ desk, onAsk, onWithout }: Props) {
  const { t } = useTranslation();
  const [going, setGoing] = useState('');
  const [reason, setReason] = useState('');
  return (
    <section className="p-4" aria-label={t('desk.tab.registers')}>
      <ul className="space-y-3">
        {desk.registers.map((each) => (
          <li key={each.id} className="border-b border-base-300 pb-3">
            <p>
              <strong>{each.name}</strong> {each.about && <span>· {each.about}</span>}{' '}
              <span className="quiet">{each.when}</span>
            </p>
            <p className={`font-semibold ${INK[each.state]}`}>
              <span aria-hidden="true">{SHAPE[each.state]} </span>
              {each.answer}
            </p>
            {desk.may.work && (
              <div className="mt-1 flex flex-wrap gap-5">
                <button
                  type="button"
                  className="min-h-8 cursor-pointer font-semibold text-primary"
                  onClick={() => onAsk(each.id)}
                >
                  {t('desk.askRegister')}
                </button>
                {(each.state === 'SILENT' || each.state === 'ASKED') && (
                  <button
                    type="button"
                    className="min-h-8 cursor-pointer font-semibold text-primary"
                    onClick={() => setGoing(each.id)}
                  >
                    {t('desk.without')}
                  </button>
                )}
              </div>
            )}
            {going === each.id && (
              <form
                className="mt-2 max-w-md space-y-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  onWithout({ request: each.id, reason });
                  setGoing('');
                }}
              >
                <TextField label={t('desk.reason')} value={reason} onChange={setReason} />
                <button type="submit" className="btn btn-primary h-auto min-h-9 ">
                  {t('desk.withoutDo')}
                </button>
              </form>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
