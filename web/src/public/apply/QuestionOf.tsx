import type { Schemas } from '../../api/client';
import type { Answers } from '../../facts/answers';
import { FactField } from '../../facts/FactField';
import { Incomes } from '../../facts/Incomes';
import { HouseholdLines } from '../../facts/Lines';
import { EachPerson, People } from './People';

type Props = { question: Schemas['Asked']; answers: Answers; onChange: (answers: Answers) => void };

/** One question of a chapter: it is the question's shape that tells how it is asked. */
export function QuestionOf({ question, answers, onChange }: Props) {
  switch (question.widget) {
    case 'PEOPLE':
      return <People question={question} answers={answers} onChange={onChange} />;
    case 'EACH_PERSON':
      return <EachPerson question={question} answers={answers} onChange={onChange} />;
    case 'INCOMES':
      return <Incomes asked={question} answers={answers} onChange={onChange} />;
    case 'RESOURCES':
    case 'EXPENSES':
      return <HouseholdLines asked={question} answers={answers} onChange={onChange} />;
    case 'STATISTICS':
      return <FactField asked={question} record={answers} onChange={(now) => onChange(now as Answers)} />;
    default:
      return (
        <div className="sheet mb-4 p-5 empty:hidden">
          <FactField
            asked={question}
            record={answers}
            people={answers.members}
            onChange={(now) => onChange(now as Answers)}
          />
        </div>
      );
  }
}
