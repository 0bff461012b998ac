import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { CheckField, TextField } from '../../components/Field';
import { type Income, nameOf, type Person } from '../../facts/answers';
import { FactField } from '../../facts/FactField';
import { FactText } from '../../facts/FactText';
import { IncomesOf } from '../../facts/Incomes';
import { Lines } from '../../facts/Lines';
import { type Asked, type Given, isRecord } from '../../facts/shapes';

type Props = {
  point: Schemas['Point'];
  /** How the form asks for the fact; nothing where it does not. */
  asked: Asked | undefined;
  people: Person[];
  /** What was typed before and not sent; undefined when nothing was. */
  given: unknown;
  onChange: (value: unknown) => void;
};

/** The field that fits the fact a point names, by how the form asks for it. */
export function PointAnswer({ point, asked, people, given, onChange }: Props) {
  switch (asked?.widget) {
    case 'SIGNATURE':
      return <Sign people={people} given={given} onChange={onChange} />;
    case 'LAST_FOUR':
      return <Number4 given={given} onChange={onChange} />;
    case 'INCOMES':
      return <PersonIncomes point={point} asked={asked} people={people} given={given} onChange={onChange} />;
    case 'RESOURCES':
    case 'EXPENSES':
      return <List point={point} asked={asked} people={people} given={given} onChange={onChange} />;
    case 'GROUP':
      return <Group point={point} asked={asked} people={people} given={given} onChange={onChange} />;
    default:
      return (
        <One point={point} asked={asked ?? asText(point)} people={people} given={given} onChange={onChange} />
      );
  }
}

type Known = Props & { asked: Asked };

/** What no form asks for is put right in words. */
function asText(point: Schemas['Point']): Asked {
  return {
    path: 'value',
    widget: 'TEXT',
    required: true,
    label: point.title,
    options: [],
    parts: [],
    notOf: [],
  };
}

function One({ point, asked, people, given, onChange }: Known) {
  const { t } = useTranslation();
  const isOfMonths = asked.widget === 'MONTHS';
  const own: Asked = {
    ...asked,
    when: undefined,
    notOf: [],
    required: true,
    options: isOfMonths ? [] : asked.options,
  };
  const [now, setNow] = useState<Given>({ [asked.path]: given ?? point.before ?? undefined });
  return (
    <>
      <p>
        {t('fix.youSaid')}:{' '}
        <span className="font-semibold">
          <FactText asked={own} value={point.before} people={people} />
        </span>
      </p>
      <div className={isOfMonths ? 'max-w-xl' : 'max-w-xs'}>
        <FactField
          asked={own}
          record={now}
          people={people}
          onChange={(record) => {
            setNow(record);
            onChange(record[asked.path] ?? '');
          }}
        />
      </div>
    </>
  );
}

function PersonIncomes({ point, asked, people, given, onChange }: Known) {
  const id = point.path.split('/')[1] ?? '';
  const person = people.find((each) => each.id === id) ?? { id };
  const before = (given ?? point.before ?? { lines: [], none: false }) as { lines: Income[]; none: boolean };
  const [now, setNow] = useState(before);
  return (
    <IncomesOf
      asked={asked}
      person={person}
      all={now.lines}
      none={now.none}
      onChange={(lines, none) => {
        const changed = {
          lines: lines.map((line) => ({
            ...line,
            id: line.id.startsWith(`${id}-`) ? line.id : `${id}-${line.id}`,
          })),
          none,
        };
        setNow(changed);
        onChange(changed);
      }}
    />
  );
}

function List({ point, asked, people, given, onChange }: Known) {
  const [now, setNow] = useState((given ?? point.before) as Given[] | undefined);
  return (
    <Lines
      asked={asked}
      people={people}
      lines={now ?? undefined}
      onChange={(lines) => {
        setNow(lines);
        onChange(lines);
      }}
    />
  );
}

/** Facts that belong together, or the statement that there is no such thing. */
function Group({ point, asked, people, given, onChange }: Known) {
  const { t } = useTranslation();
  const [now, setNow] = useState<Given>(isRecord(given) ? given : isRecord(point.before) ? point.before : {});
  const [none, setNone] = useState(given === null);
  const own = (record: Given) =>
    Object.fromEntries(asked.parts.map((part) => [part.path, record[part.path] ?? '']));
  return (
    <>
      {!none && (
        <div className="flex flex-col gap-4 sm:flex-row">
          {asked.parts.map((part) => (
            <FactField
              key={part.path}
              asked={part}
              record={now}
              within={`${asked.path}/`}
              people={people}
              onChange={(record) => {
                setNow(record);
                onChange(own(record));
              }}
            />
          ))}
        </div>
      )}
      <CheckField
        label={t('fix.noSuchThing')}
        checked={none}
        onChange={(checked) => {
          setNone(checked);
          onChange(checked ? null : own(now));
        }}
      />
    </>
  );
}

function Sign({ people, given, onChange }: Pick<Props, 'people' | 'given' | 'onChange'>) {
  const { t } = useTranslation();
  const [name, setName] = useState((given as { name: string }[] | undefined)?.[0]?.name ?? '');
  const self = people.find((each) => each.relationship === 'SELF');
  const change = (typed: string) => {
    setName(typed);
    onChange([{ member: self?.id ?? '', name: typed, signedAt: new Date().toISOString().slice(0, 19) }]);
  };
  return (
    <TextField label={t('apply.signName')} hint={self ? nameOf(self) : null} value={name} onChange={change} />
  );
}

function Number4({ given, onChange }: Pick<Props, 'given' | 'onChange'>) {
  const { t } = useTranslation();
  const typed = given as { last4?: string; none?: boolean } | undefined;
  const [last4, setLast4] = useState(typed?.last4 ?? '');
  const [none, setNone] = useState(typed?.none ?? false);
  return (
    <>
      {!none && (
        <TextField
          label={t('apply.last4')}
          inputMode="numeric"
          value={last4}
          onChange={(typed) => {
            setLast4(typed);
            onChange({ last4: typed });
          }}
        />
      )}
      <CheckField
        label={t('apply.none')}
        checked={none}
        onChange={(checked) => {
          setNone(checked);
          onChange(checked ? { none: true } : { last4 });
        }}
      />
    </>
  );
}
