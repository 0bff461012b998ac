import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { expect, test, vi } from 'vitest';
import type { Fault } from '../../facts/faultsOf';
import { asked } from '../../test/asked';
import { ReadBack } from './ReadBack';

const HOME = {
  id: 'home',
  title: 'Your home',
  intro: '',
  questions: [
    asked('AMOUNT', { path: 'rent', label: 'Rent a month' }),
    asked('YES_NO', { path: 'homeless', label: 'We have no home of our own' }),
  ],
};
const CONTACT = { id: 'contact', title: 'How can we reach you?', intro: '', questions: [] };

const NOTHING: { toKnow: string[]; costs: string[] } = { toKnow: [], costs: [] };

function readBack(
  answers: object,
  open: { chapter: string; fault: Fault }[] = [],
  { toKnow, costs } = NOTHING,
  doubtful: { chapter: string; fault: Fault }[] = [],
) {
  const onChange = vi.fn();
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } });
  queries.setQueryData(['draft-evidence', 'd1'], []);
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <ReadBack
          form={{ offer: { toKnow }, chapters: [HOME, CONTACT], asksSignerNumber: false } as never}
          costs={costs}
          draft="d1"
          answers={answers as never}
          open={open}
          doubtful={doubtful}
          onChange={onChange}
          handIn={{ error: null, isPending: false } as never}
        />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return onChange;
}

test('what is good to know is said before one signs, with what it costs here', () => {
  readBack({}, [], { toKnow: ['Tell them first.'], costs: ['Begun later: €83.00 more.'] });
  expect(screen.getByText('Tell them first.')).toBeTruthy();
  expect(screen.getByText('Begun later: €83.00 more.')).toBeTruthy();
});

test('what was hardly meant is asked about, leads to its field, and need not be changed', async () => {
  const fault: Fault = {
    path: 'since',
    label: 'Since when?',
    whose: '',
    code: 'missing',
    sentence: 'Too long ago.',
  };
  const onChange = readBack({}, [], NOTHING, [{ chapter: 'home', fault }]);
  expect(screen.getByText('Is this right? You can sign as it is')).toBeTruthy();
  expect(screen.queryByText(/Before you can sign/)).toBeNull();
  await userEvent.click(screen.getByText('Since when?'));
  expect(onChange).toHaveBeenCalledWith('home', 'since');
});

test('every answer leads to its own question', async () => {
  const onChange = readBack({ rent: '700.00' });
  expect(screen.getByText('Rent a month: €700.00')).toBeTruthy();
  await userEvent.click(screen.getByLabelText('Change: Rent a month'));
  expect(onChange).toHaveBeenCalledWith('home', 'rent');
});

test('nothing is said that was not: no amount, and no way to be reached', () => {
  readBack({});
  expect(screen.getByText('Rent a month: not answered')).toBeTruthy();
  expect(screen.getByText('We reach you under My claims only.')).toBeTruthy();
});

test('what was allowed is said, and nothing else', () => {
  readBack({ contact: { mayText: true, mayLetter: true } });
  expect(screen.getByText('We may send text messages, send letters.')).toBeTruthy();
});

test('what is still to be put right stands on top and leads to its field', async () => {
  const fault: Fault = { path: 'rent', label: 'Rent a month', whose: '', code: 'missing' };
  const onChange = readBack({}, [{ chapter: 'home', fault }]);
  expect(screen.getByRole('alert').textContent).toContain('one thing is still to be put right');
  await userEvent.click(screen.getByRole('button', { name: 'Rent a month' }));
  expect(onChange).toHaveBeenCalledWith('home', 'rent');
});
