import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayField } from '../../components/DayField';
import { CheckField, SelectField, TextField } from '../../components/Field';
import { amountText, dateText } from '../../i18n';
import { type Income, nameOf, type Person } from '../apply/answers';
import { AmountField, IncomesOf } from '../apply/Incomes';
import { type Line, Lines, type ListName } from '../apply/Lines';

type Props = { point: Schemas['Point']; people: Person[]; onChange: (value: unknown) => void };

/** The field that fits the fact a point names, by the shape of its path. */
export function PointAnswer({ point, people, onChange }: Props) {
  const parts = point.path.split('/');
  const last = parts.at(-1);
  if (parts[0] === 'members' && last === 'incomes')
    return <PersonIncomes point={point} people={people} onChange={onChange} />;
  if (point.path === 'signatures') return <Sign people={people} onChange={onChange} />;
  if (point.path === 'signerNumber') return <Number4 onChange={onChange} />;
  if (point.path === 'resources' || point.path === 'expenses')
    return <List point={point} list={point.path} people={people} onChange={onChange} />;
  if (point.path === 'linkedBenefit') return <Benefit point={point} onChange={onChange} />;
  return (
    <Scalar
      point={point}
      kind={
        last === 'amount'
          ? 'amount'
          : /dateOfBirth|awaySince/.test(last ?? '')
            ? 'date'
            : last === 'year'
              ? 'number'
              : 'text'
      }
      onChange={onChange}
    />
  );
}

function Scalar({
  point,
  kind,
  onChange,
}: Omit<Props, 'people'> & { kind: 'amount' | 'date' | 'number' | 'text' }) {
  const { t } = useTranslation();
  const before = String(point.before ?? '');
  const [value, setValue] = useState(before);
  const change = (typed: string) => {
    setValue(typed);
    onChange(kind === 'number' && /^\d+$/.test(typed) ? globalThis.Number(typed) : typed);
  };
  const shown =
    kind === 'amount' ? amountText(before) : kind === 'date' && before ? dateText(before) : before;
  return (
    <>
      <p>
        {t('fix.youSaid')}: <span className="font-semibold">{shown}</span>
      </p>
      <div className="max-w-xs">
        {kind === 'amount' ? (
          <AmountField value={value} onChange={change} />
        ) : kind === 'date' ? (
          <DayField label={point.title} value={value} onChange={change} />
        ) : (
          <TextField label={point.title} value={value} onChange={change} />
        )}
      </div>
    </>
  );
}

function PersonIncomes({ point, people, onChange }: Props) {
  const id = point.path.split('/')[1] ?? '';
  const person = people.find((each) => each.id === id) ?? { id };
  const before = (point.before ?? { lines: [], none: false }) as { lines: Income[]; none: boolean };
  const [now, setNow] = useState(before);
  return (
    <IncomesOf
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

function List({ point, list, people, onChange }: Props & { list: ListName }) {
  const [now, setNow] = useState(point.before as Line[] | undefined);
  return (
    <Lines
      list={list}
      people={people}
      lines={now ?? undefined}
      onChange={(lines) => {
        setNow(lines);
        onChange(lines);
      }}
    />
  );
}

function Sign({ people, onChange }: Omit<Props, 'point'>) {
  const { t } = useTranslation();
  const [name, setName] = useState('');
  const self = people.find((each) => each.relationship === 'SELF');
  const change = (typed: string) => {
    setName(typed);
    onChange([{ member: self?.id ?? '', name: typed, signedAt: new Date().toISOString().slice(0, 19) }]);
  };
  return (
    <TextField label={t('apply.signName')} hint={self ? nameOf(self) : null} value={name} onChange={change} />
  );
}

function Number4({ onChange }: Pick<Props, 'onChange'>) {
  const { t } = useTranslation();
  const [last4, setLast4] = useState('');
  const [none, setNone] = useState(false);
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

function Benefit({ point, onChange }: Omit<Props, 'people'>) {
  const { t } = useTranslation();
  const [now, setNow] = useState(
    (point.before ?? { kind: '', caseNumber: '' }) as { kind: string; caseNumber: string },
  );
  const [none, setNone] = useState(false);
  const change = (changed: { kind: string; caseNumber: string }) => {
    setNow(changed);
    onChange({ kind: changed.kind, caseNumber: changed.caseNumber });
  };
  return (
    <>
      {!none && (
        <div className="flex flex-col gap-4 sm:flex-row">
          <SelectField
            label={t('apply.whatKind')}
            value={now.kind}
            onChange={(kind) => change({ ...now, kind })}
            options={(['FOOD_ASSISTANCE', 'CASH_ASSISTANCE'] as const).map((value) => ({
              value,
              label: t(`kind.${value}`),
            }))}
          />
          <TextField
            label={point.title}
            value={now.caseNumber}
            onChange={(caseNumber) => change({ ...now, caseNumber })}
          />
        </div>
      )}
      <CheckField
        label={t('fix.noBenefit')}
        checked={none}
        onChange={(checked) => {
          setNone(checked);
          onChange(checked ? null : now);
        }}
      />
    </>
  );
}
