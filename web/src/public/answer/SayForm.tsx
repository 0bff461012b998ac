import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { FactField } from '../../facts/FactField';
import { flat, unflat } from '../../facts/monthLines';
import { type Asked, type Given, isAsked } from '../../facts/shapes';
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

/** The few questions for someone outside the household. */
export function SayForm({ page, answer, begun, onTyped, onKeep, kept }: Props) {
  const { t } = useTranslation();
  const [given, setGiven] = useState<Given>(unflat(page.asked as Asked[], begun.answers));
  const asked = page.asked as Asked[];
  const answers = flat(
    asked.filter((each) => isAsked(each, given)),
    given,
  );
  const said = { name: '', answers, remarks: {} };
  useKeptAnswer(said, onTyped, onKeep);
  const about = (path: string) => (isAbout(answer.error, path) ? answer.error?.message : null);
  const atField = asked.some((each) => about(each.path));
  return (
    <form
      className="sheet space-y-5 p-5"
      onSubmit={(event) => {
        event.preventDefault();
        answer.mutate(said);
      }}
    >
      {!atField && <Problem of={answer.error} />}
      {asked.map((each) => (
        <div key={each.path}>
          <FactField asked={each} record={given} onChange={setGiven} />
          <Problem of={about(each.path)} />
        </div>
      ))}
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={answer.isPending}>
        {t('answer.send')}
      </Press>
      {kept && (
        <p className="quiet" role="status">
          {t('answer.kept')}
        </p>
      )}
    </form>
  );
}
