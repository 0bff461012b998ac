import { monthText } from '../i18n';
import { type Answers, isGrownUp, nameOf } from './answers';
import { type Asked, type FaultCode, faultOf, type Given, isAsked, isRecord } from './shapes';

/** One thing that is wrong or missing. */
export type Fault = {
  /** Leads to its field. */
  path: string;
  label: string;
  /** Whom it is about; empty for the household. */
  whose: string;
  code: FaultCode;
  /** What is wrong and what to do, where the office found it. */
  sentence?: string;
  /** It is asked about, and may stay as it is. */
  mayStay?: boolean;
};

/** All that is wrong or missing in the answers to some questions, in their order. */
export function faultsOf(questions: Asked[], answers: Answers): Fault[] {
  return questions.flatMap((asked) => ofQuestion(asked, answers));
}

function ofQuestion(asked: Asked, answers: Answers): Fault[] {
  const members = answers.members ?? [];
  switch (asked.widget) {
    case 'PEOPLE':
    case 'EACH_PERSON':
      return members.flatMap((person) =>
        ofRecord(asked.parts, person, `members/${person.id}/`, nameOf(person)),
      );
    case 'INCOMES': {
      const lines = (answers.incomes ?? []).flatMap((line) =>
        ofRecord(asked.parts, line, `incomes/${line.id}/`, nameById(answers, line.member)),
      );
      const silent = members.filter(
        (person) =>
          isGrownUp(person) &&
          !answers.incomes?.some((line) => line.member === person.id) &&
          !answers.noIncomeDeclared?.includes(person.id),
      );
      return [
        ...silent.map((person) => ({
          path: `incomes-of/${person.id}`,
          label: asked.label,
          whose: nameOf(person),
          code: 'line' as const,
        })),
        ...lines,
      ];
    }
    case 'RESOURCES':
    case 'EXPENSES': {
      const lines = answers[asked.path];
      if (!Array.isArray(lines)) return [{ path: asked.path, label: asked.label, whose: '', code: 'line' }];
      return (lines as Given[]).flatMap((line, i) => ofRecord(asked.parts, line, `${asked.path}/${i}/`, ''));
    }
    default:
      return ofRecord([asked], answers, '', '');
  }
}

function ofRecord(parts: Asked[], record: Given, within: string, whose: string): Fault[] {
  return parts
    .filter((part) => isAsked(part, record))
    .flatMap((part) => {
      const value = record[part.path];
      const path = `${within}${part.path}`;
      if (part.widget === 'GROUP')
        return isRecord(value) ? ofRecord(part.parts, value, `${path}/`, whose) : [];
      if (part.widget === 'RECORD')
        return ofRecord(part.parts, isRecord(value) ? value : {}, `${path}/`, whose);
      if ((part.widget === 'ROWS' || part.widget === 'PERIODS') && Array.isArray(value))
        return (value as Given[]).flatMap((row, i) => ofRecord(part.parts, row, `${path}/${i}/`, whose));
      if (part.widget === 'MONTHS' && Array.isArray(value))
        return (value as Given[]).flatMap((row) =>
          ofRecord(part.parts, row, `${path}/${row.month}/`, whose).map((fault) => ({
            ...fault,
            label: `${part.label}, ${monthText(String(row.month))}`,
          })),
        );
      const code = faultOf(part, value);
      return code ? [{ path, label: part.label, whose, code }] : [];
    });
}

function nameById(answers: Answers, id: string): string {
  const person = answers.members?.find((each) => each.id === id);
  return person ? nameOf(person) : '';
}
