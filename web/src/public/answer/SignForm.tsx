import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { LongTextField, TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { useKeptAnswer } from './useKeptAnswer';
import type { useLinkPage } from './useLinkPage';

type Props = {
  page: Schemas['LinkPage'];
  answer: ReturnType<typeof useLinkPage>['answer'];
  /** What was typed before. */
  begun: Schemas['Said'];
  onTyped: (said: Schemas['Said']) => void;
  onKeep: (said: Schemas['Said']) => void;
  kept: boolean;
};

/** What was said about whoever signs and what they share; each can be marked as not right; then the signature. */
export function SignForm({ page, answer, begun, onTyped, onKeep, kept }: Props) {
  const { t } = useTranslation();
  const [name, setName] = useState(begun.name);
  const [remarks, setRemarks] = useState<Record<string, string>>(begun.remarks);
  const said = { name, answers: {}, remarks };
  useKeptAnswer(said, onTyped, onKeep);
  const marked = Object.values(remarks).filter((words) => words.trim()).length;
  const ofName = isAbout(answer.error, 'name') ? answer.error?.message : null;
  const remark = (path: string, words: string | undefined) => {
    const { [path]: before, ...rest } = remarks;
    setRemarks(words === undefined ? rest : { ...rest, [path]: words });
  };
  return (
    <form
      className="space-y-5"
      onSubmit={(event) => {
        event.preventDefault();
        answer.mutate(said);
      }}
    >
      {page.shown.map((group) => (
        <section key={group.title} className="sheet p-5">
          <h2 className="text-xl">{group.title}</h2>
          <ul className="mt-2 divide-y divide-base-300">
            {group.rows.map((row) => (
              <Said
                key={row.path + row.text}
                row={row}
                words={remarks[row.path]}
                onRemark={(words) => remark(row.path, words)}
              />
            ))}
          </ul>
        </section>
      ))}
      <section className="sheet space-y-4 border-s-4 border-s-primary p-5">
        <h2 className="text-xl">{t('answer.sign.title')}</h2>
        <p>{marked ? t('answer.sign.statementBut', { count: marked }) : t('answer.sign.statement')}</p>
        {!ofName && <Problem of={answer.error} />}
        <TextField
          label={t('answer.sign.name')}
          hint={t('answer.sign.nameHint', { name: page.you })}
          error={ofName}
          autoComplete="name"
          value={name}
          onChange={setName}
        />
        <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={answer.isPending}>
          {t('answer.sign.go')}
        </Press>
        {kept && (
          <p className="quiet" role="status">
            {t('answer.kept')}
          </p>
        )}
      </section>
    </form>
  );
}

type SaidProps = {
  row: Schemas['SaidRow'];
  words: string | undefined;
  onRemark: (words: string | undefined) => void;
};

function Said({ row, words, onRemark }: SaidProps) {
  const { t } = useTranslation();
  return (
    <li className="py-2">
      <div className="grid grid-cols-[1fr_auto] items-center gap-x-4">
        <div>
          <p className="quiet text-sm">{row.label}</p>
          <p className="font-semibold">{row.text}</p>
        </div>
        <button
          type="button"
          className="min-h-11 cursor-pointer text-sm text-primary"
          aria-label={`${t(words === undefined ? 'answer.notRight' : 'answer.right')}: ${row.label}`}
          onClick={() => onRemark(words === undefined ? '' : undefined)}
        >
          {t(words === undefined ? 'answer.notRight' : 'answer.right')}
        </button>
      </div>
      {words !== undefined && (
        <LongTextField
          label={t('answer.notRightLabel', { label: row.label })}
          hint={t('answer.notRightHint')}
          rows={2}
          value={words}
          onChange={onRemark}
        />
      )}
    </li>
  );
}
