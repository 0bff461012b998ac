import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { OtherAsked } from './OtherAsked';

const other = (more: Partial<Schemas['Other']>): Schemas['Other'] => ({
  whom: 'm2',
  kind: 'SIGNATURE',
  what: 'the signature of Tomé',
  dueOn: '2026-12-07',
  state: 'OPEN',
  sent: '25 Nov 10:00',
  opened: '',
  lacks: 'NOTHING',
  closed: false,
  forms: [],
  asked: [],
  ...more,
});

function shown(more: Partial<Schemas['Other']>, anew = false) {
  const onSend = vi.fn();
  render(
    <OtherAsked
      other={other(more)}
      may
      anew={anew}
      busy={false}
      error={null}
      sent={false}
      onSend={onSend}
      onForm={vi.fn()}
    />,
  );
  return onSend;
}

describe('someone else who is asked', () => {
  it('sends their link by the way that is given', async () => {
    const onSend = shown({ sent: '', lacks: 'WAY' });
    await userEvent.type(screen.getByLabelText('E-mail'), 'tome@post.example');
    await userEvent.click(screen.getByRole('button', { name: 'Send the link' }));
    expect(onSend.mock.calls[0]?.[0]).toEqual({ email: 'tome@post.example', phone: '', personNumber: '' });
  });

  it('lets only a caseworker send another after three wrong tries', () => {
    shown({ closed: true });
    expect(screen.queryByText('Reach them in another way')).toBeNull();
    shown({ closed: true }, true);
    expect(screen.getByText('Reach them in another way')).toBeTruthy();
  });

  it('reminds them by the way that is known, and says whether they have opened it', async () => {
    const onSend = shown({});
    expect(screen.getByText(/They have not opened it yet/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Remind them' }));
    expect(onSend).toHaveBeenCalledWith({ email: '', phone: '', personNumber: '' });
    shown({ opened: '25 Nov 11:30' });
    expect(screen.getByText(/They opened it on 25 Nov 11:30/)).toBeTruthy();
  });

  it('asks for nothing once it is answered', () => {
    shown({ state: 'ANSWERED' }, true);
    expect(screen.getByText('answered')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
