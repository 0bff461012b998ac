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
  reachable: true,
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
    const onSend = shown({ sent: '', reachable: false });
    await userEvent.type(screen.getByLabelText('E-mail'), 'tome@post.example');
    await userEvent.click(screen.getByRole('button', { name: 'Send the link' }));
    expect(onSend.mock.calls[0]?.[0]).toEqual({ email: 'tome@post.example', phone: '', personNumber: '' });
  });

  it('lets only a caseworker send another after three wrong tries', () => {
    shown({ closed: true });
    expect(screen.queryByText('Send another link')).toBeNull();
    shown({ closed: true }, true);
    expect(screen.getByText('Send another link')).toBeTruthy();
  });

  it('asks for nothing once it is answered', () => {
    shown({ state: 'ANSWERED' }, true);
    expect(screen.getByText('answered')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
