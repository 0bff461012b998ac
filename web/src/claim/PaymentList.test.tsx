import { render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { PaymentList } from './PaymentList';

const paid = (state: Schemas['Paid']['state'], time: string): Schemas['Paid'] => ({
  id: time,
  time,
  part: 1,
  amount: '291.00',
  keptBack: '0.00',
  due: '2027-01-04',
  state,
});

describe('what is paid when', () => {
  it('says for each month how far its money is', () => {
    render(<PaymentList payments={[paid('BOOKED', '2026-12'), paid('PLANNED', '2027-01')]} />);
    const [, december, january] = screen.getAllByRole('row');
    expect(within(december as HTMLElement).getByText('December 2026')).toBeTruthy();
    expect(december?.textContent).toContain('paid');
    expect(january?.textContent).toContain('planned for Mon 4 Jan');
  });

  it('calls a week by its first day', () => {
    render(<PaymentList payments={[paid('PLANNED', '2026-10-05')]} />);
    expect(screen.getByText('The week from 5 October 2026')).toBeTruthy();
  });

  it('says what of it was kept back, and which is paid up', () => {
    render(
      <PaymentList
        payments={[
          { ...paid('BOOKED', '2026-10-05'), keptBack: '16.60' },
          { ...paid('PLANNED', '2026-09-28'), part: 2 },
        ]}
      />,
    );
    expect(screen.getByText('€16.60 of it kept back for an earlier week')).toBeTruthy();
    expect(screen.getByText('more for the week from 28 September 2026')).toBeTruthy();
  });

  it('offers what can be done where something can', () => {
    render(
      <PaymentList
        payments={[paid('QUESTIONED', '2026-12'), paid('BOOKED', '2027-01')]}
        act={(payment) => payment.state === 'QUESTIONED' && <button type="button">It is right</button>}
      />,
    );
    expect(screen.getAllByRole('button')).toHaveLength(1);
  });
});
