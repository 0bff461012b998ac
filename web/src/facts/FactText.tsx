import { useTranslation } from 'react-i18next';
import { amountText, dateText, monthText } from '../i18n';
import { type Asked, type Given, isAsked, isBlank, isRecord } from './shapes';

type T = ReturnType<typeof useTranslation>['t'];
type Person = { id: string; givenName?: string };

/** An answer as a person reads it, by what it looks like. */
export function FactText({ asked, value, people = [] }: { asked: Asked; value: unknown; people?: Person[] }) {
  const { t } = useTranslation();
  return <>{factText(asked, value, t, people)}</>;
}

/** The same as text; "not answered" where nothing was said. */
export function factText(asked: Asked, value: unknown, t: T, people: Person[] = []): string {
  switch (asked.widget) {
    case 'YES_NO': {
      const ticked = asked.options[0]?.value !== 'false';
      return (value ?? !ticked) === true ? t('facts.yes') : t('facts.no');
    }
    case 'GROUP':
      return isRecord(value) ? partsText(asked.parts, value, t, people) || t('facts.yes') : t('facts.no');
    case 'PERIODS':
      if (Array.isArray(value) && value.length === 0)
        return t('facts.noPeriod', { years: asked.options[0]?.value });
      return isBlank(value) ? t('facts.notAnswered') : given(asked, value, t, people);
    default:
      if (!isBlank(value)) return given(asked, value, t, people);
      return asked.widget === 'SEVERAL' ? t('facts.noneTicked') : t('facts.notAnswered');
  }
}

function given(asked: Asked, value: unknown, t: T, people: Person[]): string {
  const label = (code: unknown) => asked.options.find((each) => each.value === code)?.label ?? String(code);
  switch (asked.widget) {
    case 'AMOUNT':
      return amountText(String(value));
    case 'DATE':
      return dateText(String(value));
    case 'MONTH':
      return monthText(String(value));
    case 'CHOICE':
    case 'OCCUPATION':
      return label(value);
    case 'SEVERAL':
      return (value as unknown[]).map(label).join(', ');
    case 'MEMBER':
      return people.find((each) => each.id === value)?.givenName ?? String(value);
    case 'NAMES':
    case 'ZONE':
      return (value as string[]).join(', ');
    case 'PHOTO':
      return isRecord(value)
        ? t('facts.photoOf', { date: dateText(String(value.takenOn ?? '')) })
        : String(value);
    case 'RECORD':
      return isRecord(value) ? recordLines(asked, value, t, people).join('; ') : String(value);
    case 'MONTHS':
      return (value as Given[])
        .map((line) => `${monthText(String(line.month))}: ${partsText(asked.parts, line, t)}`)
        .join('; ');
    case 'PERIODS':
    case 'ROWS':
      return (value as Given[]).map((row) => partsText(asked.parts, row, t, people)).join('; ');
    default:
      return isRecord(value) ? Object.values(value).filter(Boolean).join(', ') : String(value);
  }
}

/** Questions that belong together, each with its answer; hours that need not be said are left out where they are not. */
export function recordLines(asked: Asked, record: Given, t: T, people: Person[] = []): string[] {
  return asked.parts
    .filter((part) => isAsked(part, record))
    .filter((part) => part.required || part.widget !== 'HOURS' || !isBlank(record[part.path]))
    .map((part) => labelled(part.label, factText(part, record[part.path], t, people)));
}

/** A question and its answer. */
export function labelled(label: string, words: string): string {
  return `${label}${label.endsWith('?') ? '' : ':'} ${words}`;
}

/** The answers of one record that were given, in the order in which they are asked. */
export function partsText(parts: Asked[], record: Given, t: T, people: Person[] = []): string {
  return parts
    .filter((part) => isAsked(part, record) && !isBlank(record[part.path]))
    .map((part) => (part.widget === 'YES_NO' ? part.label : factText(part, record[part.path], t, people)))
    .join(', ');
}
