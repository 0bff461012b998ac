import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { renderServed, served } from '../../test/served';
import { Check } from './Check';

const asks = (path: string, widget: Schemas['Asked']['widget'], label: string) =>
  ({ path, widget, label, required: true, options: [], parts: [], notOf: [] }) as unknown as Schemas['Asked'];

it('takes amounts in the way people write them', async () => {
  const post = served('POST', { sentence: 'Yes.', reasons: [] });
  renderServed(
    <Check
      programme="food-assistance"
      questions={[
        asks('people', 'NUMBER', 'How many are you?'),
        asks('income', 'AMOUNT', 'What do you earn?'),
      ]}
    />,
  );
  await userEvent.type(screen.getByLabelText('How many are you?'), '3');
  await userEvent.type(screen.getByLabelText('What do you earn?'), '1.850,50');
  await userEvent.click(screen.getByRole('button', { name: 'Tell me' }));
  expect(post.mock.calls[0]?.[1].body).toEqual({ answers: { people: '3', income: '1850.50' } });
});
