import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { refused, renderServed, served } from '../../test/served';
import { HoursScreen } from './HoursScreen';
import { TellWeek } from './TellWeek';

const week = (more: Partial<Schemas['HoursWeek']>): Schemas['HoursWeek'] =>
  ({
    monday: '2026-11-16',
    sunday: '2026-11-22',
    state: 'ASKED',
    canTell: true,
    dueOn: '2026-11-30',
    days: [
      { date: '2026-11-16', usual: '8', hours: '0' },
      { date: '2026-11-18', usual: '8', hours: '8' },
    ],
    total: '8',
    amount: '83.00',
    ...more,
  }) as Schemas['HoursWeek'];

afterEach(() => {
  vi.restoreAllMocks();
  sessionStorage.clear();
});

describe('a week that is over', () => {
  it('is told as planned or as it was, day by day', async () => {
    const put = served('PUT', { number: 'PL-26-00001', weeks: [] });
    renderServed(<TellWeek claim="c" week={week({})} />);
    expect(screen.getByText(/Please tell us by Mon 30 November/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Hours away on Mon 16 November'), '2,5');
    await userEvent.click(screen.getByRole('button', { name: 'These were my hours' }));
    expect(put.mock.calls[0]?.[1].body).toEqual({ hours: { '2026-11-16': '2,5', '2026-11-18': '8' } });
  });

  it('can have had no hours at all, in one press', async () => {
    const put = served('PUT', { number: 'PL-26-00001', weeks: [] });
    renderServed(<TellWeek claim="c" week={week({ state: 'NOT_TOLD' })} />);
    expect(screen.getByText(/You have not told us/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'I was not away at all' }));
    expect(put.mock.calls[0]?.[1].body).toEqual({ hours: {} });
  });

  it('says at its day what cannot be, and keeps what was typed', async () => {
    refused('PUT', 'On 18 November you work 8 hours.', 'hours/2026-11-18');
    renderServed(<TellWeek claim="c" week={week({})} />);
    const wednesday = screen.getByLabelText('Hours away on Wed 18 November');
    await userEvent.clear(wednesday);
    await userEvent.type(wednesday, '9');
    await userEvent.click(screen.getByRole('button', { name: 'These were my hours' }));
    expect((await screen.findByRole('alert')).textContent).toBe('On 18 November you work 8 hours.');
    expect(wednesday).toHaveProperty('value', '9');
    expect(wednesday.getAttribute('aria-invalid')).toBe('true');
  });

  it('has what was typed when one comes back, until it was told', async () => {
    served('PUT', { number: 'PL-26-00001', weeks: [] });
    const first = renderServed(<TellWeek claim="c" week={week({})} />);
    await userEvent.type(screen.getByLabelText('Hours away on Mon 16 November'), '2,5');
    first.unmount();
    const again = renderServed(<TellWeek claim="c" week={week({})} />);
    expect(screen.getByLabelText('Hours away on Mon 16 November')).toHaveProperty('value', '2,5');
    await userEvent.click(screen.getByRole('button', { name: 'These were my hours' }));
    again.unmount();
    renderServed(<TellWeek claim="c" week={week({})} />);
    expect(screen.getByLabelText('Hours away on Mon 16 November')).toHaveProperty('value', '');
  });

  it('says what it comes to once it is told, and can be changed', async () => {
    renderServed(<TellWeek claim="c" week={week({ state: 'TOLD' })} />);
    expect(screen.getByRole('status').textContent).toContain('This week comes to €83.00.');
    expect(screen.queryByLabelText(/Hours away/)).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Change the hours' }));
    expect(screen.getByLabelText('Hours away on Wed 18 November')).toHaveProperty('value', '8');
  });
});

describe('the weeks of a claim', () => {
  it('stand with what is to be told first, then what was told, the newest first', async () => {
    served('GET', {
      number: 'PL-26-00001',
      weeks: [
        week({ monday: '2026-11-02', sunday: '2026-11-08', state: 'TOLD' }),
        week({ monday: '2026-11-09', sunday: '2026-11-15', state: 'TOLD' }),
        week({}),
        week({ monday: '2026-11-23', sunday: '2026-11-29', state: 'TO_COME', canTell: false }),
      ],
    });
    renderServed(<HoursScreen />);
    const headings = await screen.findAllByRole('heading', { name: /^Week from/ });
    expect(headings.map((each) => each.textContent)).toEqual([
      'Week from Mon 16 November to Sun 22 November',
      'Week from Mon 9 November to Sun 15 November',
      'Week from Mon 2 November to Sun 8 November',
    ]);
    expect(screen.getByText(/you can tell its hours from Sun 29 November on/)).toBeTruthy();
  });

  it('say so when there is none to tell', async () => {
    served('GET', { number: 'PL-26-00001', weeks: [week({ state: 'TOLD' })] });
    renderServed(<HoursScreen />);
    expect(await screen.findByText('There is no week to tell just now.')).toBeTruthy();
    expect(within(document.body).queryByText(/The next one is/)).toBeNull();
  });
});
