import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { FollowUpList } from './FollowUpList';

const followUp = (state: Schemas['FollowUp']['state']): Schemas['FollowUp'] => ({
  id: state,
  claim: 'c',
  what: 'look again',
  dueOn: '2027-10-31',
  state,
  doneBy: 'Ása Mikkel',
  note: '',
});

describe('what follows but for money', () => {
  it('says when it is due, and who did it', () => {
    render(<FollowUpList followUps={[followUp('PLANNED'), followUp('DONE')]} />);
    expect(screen.getByText(/planned for 31 October 2027/)).toBeTruthy();
    expect(screen.getByText(/done by Ása Mikkel/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('can be said to be done only while it is not', async () => {
    const onDone = vi.fn();
    render(<FollowUpList followUps={[followUp('DUE'), followUp('DONE')]} onDone={onDone} />);
    await userEvent.type(screen.getByLabelText('What came of it?'), 'Nothing has changed.');
    await userEvent.click(screen.getByRole('button'));
    expect(onDone).toHaveBeenCalledWith('DUE', 'Nothing has changed.');
  });
});
