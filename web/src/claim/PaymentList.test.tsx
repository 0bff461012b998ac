import { render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { PaymentList } from './PaymentList';

const paid = (state: Schemas['Paid']['state'], time: string): Schemas['Paid'] => ({
  id: time,
  time,
  amount: '291.00',
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
