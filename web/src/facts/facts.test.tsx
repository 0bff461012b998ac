import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { asked } from '../test/asked';
import { FactField } from './FactField';
import { FactText } from './FactText';
import { FaultList, FaultsAtFields } from './Faults';
import type { Asked, Given } from './shapes';
import { useLedToFirst } from './useLedToFirst';

let now: Given;

function Asking({ of, from = {} }: { of: Asked; from?: Given }) {
  const [record, setRecord] = useState(from);
  now = record;
  return <FactField asked={of} record={record} onChange={setRecord} />;
}

describe('a field follows the shape of its fact', () => {
  it('an amount takes the form of the case file when the field is left', async () => {
    render(<Asking of={asked('AMOUNT')} />);
    await userEvent.type(screen.getByLabelText('Fact'), '780,50');
    await userEvent.tab();
    expect(now).toEqual({ fact: '780.50' });
  });
  it('what cannot be read stays to be seen', async () => {
    render(<Asking of={asked('MONTH')} />);
    await userEvent.type(screen.getByLabelText('Fact'), 'soon');
    await userEvent.tab();
    expect(screen.getByLabelText('Fact')).toHaveProperty('value', 'soon');
  });
  it('a choice that needs a word says it beside each answer', async () => {
    const options = [
      { value: 'ALL', label: 'All of the time', hint: 'No work at all.', week: [10, 10, 10, 10, 10, 0, 0] },
      { value: 'SOME', label: 'Now and then', hint: 'Some days.' },
    ];
    render(<Asking of={asked('CHOICE', { options })} from={{ fact: 'ALL' }} />);
    expect(screen.getByLabelText('All of the time')).toHaveProperty('checked', true);
    expect(screen.getByText('Some days.')).toBeTruthy();
    await userEvent.click(screen.getByLabelText('Now and then'));
    expect(now).toEqual({ fact: 'SOME' });
  });
  it('an emptied field is no answer', async () => {
    render(<Asking of={asked('TEXT')} from={{ fact: 'x', other: 1 }} />);
    await userEvent.clear(screen.getByLabelText('Fact'));
    expect(now).toEqual({ other: 1 });
  });
  it('a group opens when it is ticked and closes with its answers', async () => {
    render(<Asking of={asked('GROUP', { parts: [asked('TEXT', { path: 'school', label: 'School' })] })} />);
    await userEvent.click(screen.getByLabelText('Fact'));
    await userEvent.type(screen.getByLabelText('School'), 'Skerry Lane');
    expect(now).toEqual({ fact: { school: 'Skerry Lane' } });
    await userEvent.click(screen.getByLabelText('Fact'));
    expect(now).toEqual({});
  });
  it('a tick that answers no does so', async () => {
    render(<Asking of={asked('YES_NO', { options: [{ value: 'false', label: '' }] })} />);
    await userEvent.click(screen.getByLabelText('Fact'));
    expect(now).toEqual({ fact: false });
  });
  it('rows can be added, filled and removed', async () => {
    render(<Asking of={asked('ROWS', { parts: [asked('AMOUNT', { path: 'owed', label: 'Owed' })] })} />);
    await userEvent.click(screen.getByText('Add a line'));
    await userEvent.type(screen.getByLabelText('Owed'), '12');
    await userEvent.tab();
    expect(now).toEqual({ fact: [{ owed: '12.00' }] });
    await userEvent.click(screen.getByText('Remove'));
    expect(now).toEqual({});
  });
  it('names grow one by one', async () => {
    render(<Asking of={asked('NAMES')} />);
    await userEvent.type(screen.getByLabelText('Name 1'), 'A');
    await userEvent.type(screen.getByLabelText('Name 2'), 'B');
    expect(now).toEqual({ fact: ['A', 'B'] });
  });
});

describe('an answer reads back as what it is', () => {
  it.each([
    [asked('AMOUNT'), '1234.5', '€1,234.50'],
    [asked('DATE'), '1990-04-02', '2 April 1990'],
    [asked('MONTH'), '2026-08', 'August 2026'],
    [asked('NUMBER'), 4, '4'],
    [asked('TEXT'), 'Skerry Lane', 'Skerry Lane'],
    [asked('CHOICE', { options: [{ value: 'WEEKLY', label: 'every week' }] }), 'WEEKLY', 'every week'],
    [asked('YES_NO'), true, 'yes'],
    [asked('YES_NO'), undefined, 'no'],
    [asked('YES_NO', { options: [{ value: 'false', label: '' }] }), undefined, 'yes'],
    [asked('TEXT'), undefined, 'not answered'],
    [asked('GROUP'), undefined, 'no'],
    [asked('NAMES'), ['A', 'B'], 'A, B'],
  ])('%o', (of, value, words) => {
    const { container } = render(<FactText asked={of} value={value} />);
    expect(container.textContent).toBe(words);
  });
});

function Going() {
  const leadTo = useLedToFirst();
  const parts = [asked('AMOUNT', { path: 'gross', label: 'Gross' })];
  const lacking = { path: 'fact/0/gross', label: 'Gross', whose: '', code: 'missing' as const };
  return (
    <>
      <Asking of={asked('ROWS', { parts })} from={{ fact: [{}] }} />
      <button type="button" onClick={() => leadTo([lacking])}>
        Go on
      </button>
    </>
  );
}

describe('what is wrong', () => {
  it('is listed, leads to its field, and stands at it', async () => {
    const faults = [{ path: 'fact', label: 'Fact', whose: '', code: 'amount' as const }];
    render(
      <>
        <FaultList faults={faults} />
        <FaultsAtFields faults={faults}>
          <Asking of={asked('AMOUNT')} from={{ fact: 'lots' }} />
        </FaultsAtFields>
      </>,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Fact' }));
    expect(document.activeElement).toBe(screen.getByLabelText('Fact'));
    expect(screen.getByLabelText('Fact').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getAllByText('This is no amount. Write it like 780.50.')).toHaveLength(2);
  });

  it('leads whoever goes on to the first field of a row that lacks it', async () => {
    render(<Going />);
    await userEvent.click(screen.getByRole('button', { name: 'Go on' }));
    expect(document.activeElement).toBe(screen.getByLabelText('Gross'));
  });
});
