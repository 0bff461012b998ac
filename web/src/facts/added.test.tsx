import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, test } from 'vitest';
import { renderServed } from '../test/served';
import { RowsField } from './ManyFields';
import type { Asked, Given } from './shapes';

const part = (path: string): Asked =>
  ({ path, label: path, widget: 'TEXT', parts: [], options: [] }) as never;
const ASKED = { ...part('absences'), label: 'Single days', parts: [part('date'), part('hours')] } as Asked;

function Rows() {
  const [rows, setRows] = useState<Given[] | undefined>([{ date: 'first' }]);
  return <RowsField asked={ASKED} value={rows} within="absences/" people={[]} onChange={setRows} />;
}

test('whoever adds a line is in its first field, and each line is removed by a name of its own', async () => {
  renderServed(<Rows />);
  await userEvent.click(screen.getByRole('button', { name: /Add/ }));
  const fields = screen.getAllByLabelText('date');
  expect(fields).toHaveLength(2);
  expect(document.activeElement).toBe(fields[1]);
  await userEvent.click(screen.getByRole('button', { name: 'Remove: Single days, 1' }));
  expect(screen.getAllByLabelText('date')).toHaveLength(1);
});
