import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { monthText } from '../i18n';
import { asked } from '../test/asked';
import { FactField } from './FactField';
import { factText } from './FactText';
import { FaultsAtFields } from './Faults';
import { lastMonths } from './monthLines';
import type { Asked, Given } from './shapes';

const OWED = asked('AMOUNT', { path: 'owed', label: 'Owed' });
const ARREARS = asked('MONTHS', {
  path: 'arrears',
  label: 'Rent owed',
  parts: [OWED],
  options: [{ value: 'aided', label: 'Helped with already' }],
});
const HOME = asked('RECORD', {
  path: 'home',
  label: 'The home',
  parts: [
    asked('TEXT', { path: 'postCode', label: 'Post code' }),
    asked('NUMBER', { path: 'bedrooms', label: 'Bedrooms' }),
    asked('TEXT', { path: 'why', label: 'Why?', when: { path: 'postCode', oneOf: ['9999'] } }),
  ],
});
const [LAST, BEFORE] = lastMonths(new Date()) as [string, string];
let now: Given;

beforeEach(() => {
  now = {};
});

function Asking({ of, from = {} }: { of: Asked; from?: Given }) {
  const [record, setRecord] = useState(from);
  now = record;
  return <FactField asked={of} record={record} onChange={setRecord} />;
}

describe('months', () => {
  it('each take an amount, and say what they come to together', async () => {
    render(<Asking of={ARREARS} />);
    await userEvent.type(screen.getByLabelText(`Owed, ${monthText(LAST)}`), '700');
    await userEvent.type(screen.getByLabelText(`Owed, ${monthText(BEFORE)}`), '650,50');
    await userEvent.tab();
    expect(now.arrears).toEqual([
      { month: BEFORE, owed: '650.50' },
      { month: LAST, owed: '700.00' },
    ]);
    expect(screen.getByText('€1,350.50')).toBeTruthy();
  });
  it('are left out again when the amount is taken away, and keep what stands beside them', async () => {
    render(<Asking of={ARREARS} from={{ arrears: [{ month: LAST, owed: '700.00' }], other: 1 }} />);
    await userEvent.clear(screen.getByLabelText(`Owed, ${monthText(LAST)}`));
    expect(now).toEqual({ arrears: [], other: 1 });
  });
  it('can stand in a list beside them', async () => {
    render(<Asking of={ARREARS} />);
    await userEvent.click(screen.getByLabelText(`Helped with already, ${monthText(BEFORE)}`));
    expect(now).toEqual({ aided: [BEFORE] });
  });
  it('that are longer ago are shown when something was said of them', () => {
    render(<Asking of={ARREARS} from={{ arrears: [{ month: '2020-03', owed: '1.00' }] }} />);
    expect(screen.getByLabelText('Owed, March 2020')).toHaveProperty('value', '1.00');
  });
  it('say what is wrong at the month it is about', () => {
    const fault = { path: `arrears/${LAST}/owed`, label: '', whose: '', code: 'amount' as const };
    render(
      <FaultsAtFields faults={[fault]}>
        <Asking of={ARREARS} from={{ arrears: [{ month: LAST, owed: 'lots' }] }} />
      </FaultsAtFields>,
    );
    const field = screen.getByLabelText(`Owed, ${monthText(LAST)}`);
    expect(field.getAttribute('aria-invalid')).toBe('true');
    const told = document.getElementById(field.getAttribute('aria-describedby') ?? '');
    expect(told?.textContent).toContain('This is no amount.');
  });
});

describe('a record', () => {
  it('is asked at once, and its answers stand below it', async () => {
    render(<Asking of={HOME} />);
    await userEvent.type(screen.getByLabelText('Post code'), '2104');
    await userEvent.type(screen.getByLabelText('Bedrooms'), '2');
    expect(now).toEqual({ home: { postCode: '2104', bedrooms: 2 } });
  });
  it('asks what another answer in it calls for', async () => {
    render(<Asking of={HOME} />);
    expect(screen.queryByLabelText('Why?')).toBeNull();
    await userEvent.type(screen.getByLabelText('Post code'), '9999');
    expect(screen.getByLabelText('Why?')).toBeTruthy();
  });
  it('is no answer once all of it is taken away', async () => {
    render(<Asking of={HOME} from={{ home: { postCode: '2' } }} />);
    await userEvent.clear(screen.getByLabelText('Post code'));
    expect(now).toEqual({});
  });
  it('reads back with its questions, and months with theirs', () => {
    const t = ((key: string) => (key === 'facts.notAnswered' ? 'not answered' : key)) as Parameters<
      typeof factText
    >[2];
    expect(factText(HOME, { postCode: '2104' }, t)).toBe('Post code: 2104; Bedrooms: not answered');
    expect(factText(ARREARS, [{ month: '2026-08', owed: '700.00' }], t)).toBe('August 2026: €700.00');
  });
});
