import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { asked } from '../test/asked';
import { renderServed, served } from '../test/served';
import type { FactField } from './FactField';
import type { Given } from './shapes';

let Field: typeof FactField;
let now: Given;

/** A busy machine takes its time to fetch a module. */
const PATIENCE = 20_000;

function Asking({ of }: { of: 'EMPLOYER' | 'OCCUPATION' }) {
  const [record, setRecord] = useState<Given>({});
  now = record;
  return <Field asked={asked(of)} record={record} onChange={setRecord} />;
}

/** What was typed before the field that offers is there: each time as on a page just opened. */
async function typedAtOnce(of: 'EMPLOYER' | 'OCCUPATION') {
  renderServed(<Asking of={of} />);
  const field = screen.getByLabelText('Fact');
  field.focus();
  fireEvent.change(field, { target: { value: 'Skerry Fe' } });
  expect(screen.queryByRole('combobox')).toBeNull();
  return screen.findByRole('combobox', {}, { timeout: PATIENCE });
}

beforeEach(async () => {
  vi.resetModules();
  await import('./SuggestField');
  Field = (await import('./FactField')).FactField;
  served('POST', []);
});
afterEach(() => vi.restoreAllMocks());

describe('a field that is fetched while one types already', { timeout: 2 * PATIENCE }, () => {
  it('keeps what was typed, and the one who types', async () => {
    const whole = await typedAtOnce('EMPLOYER');
    expect(whole).toHaveProperty('value', 'Skerry Fe');
    expect(now).toEqual({ fact: 'Skerry Fe' });
    await waitFor(() => expect(document.activeElement).toBe(whole));
  });

  it('goes on searching with it where only what is chosen counts', async () => {
    expect(await typedAtOnce('OCCUPATION')).toHaveProperty('value', 'Skerry Fe');
    expect(now).toEqual({});
  });
});
