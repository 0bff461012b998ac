import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';

type Props = { asked: Schemas['Asking']['moreTime']; onAnswer: (answer: Schemas['TimeAnswer']) => void };

/** The applicant asks for more time: grant it, or refuse it with a reason. */
export function MoreTime({ asked, onAnswer }: Props) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  if (!asked) return null;
  return (
    <section className="border-b-2 border-warning bg-base-200/60 p-4" aria-labelledby="more-time">
      <h2 id="more-time" tabIndex={-1} className="text-lg">
        {t('time.title', { count: asked.days })}
      </h2>
      <p className="mt-1">“{asked.why}”</p>
      <div className="mt-2 max-w-xl">
        <TextField label={t('time.words')} hint={t('time.hint')} value={words} onChange={setWords} />
      </div>
      <div className="mt-3 flex flex-wrap gap-5">
        <button
          type="button"
          className="btn btn-primary h-auto min-h-9 "
          onClick={() => onAnswer({ granted: true, words })}
        >
          {t('time.grant')}
        </button>
        <button
          type="button"
          className="cursor-pointer font-semibold text-error"
          onClick={() => onAnswer({ granted: false, words })}
        >
          {t('time.refuse')}
        </button>
      </div>
    </section>
  );
}
