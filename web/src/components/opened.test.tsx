import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, test } from 'vitest';
import { useOpened } from './useOpened';

function Panel({
  name,
  onClose,
  children,
}: {
  name: string;
  onClose: () => void;
  children?: React.ReactNode;
}) {
  const panel = useOpened<HTMLElement>(onClose);
  return (
    <section ref={panel} aria-label={name}>
      <input aria-label={`field of ${name}`} />
      {children}
    </section>
  );
}

function Desk() {
  const [open, setOpen] = useState<string[]>([]);
  const close = (name: string) => setOpen((now) => now.filter((each) => each !== name));
  const opener = (name: string) => (
    <button type="button" onClick={() => setOpen((now) => [...now, name])}>
      open {name}
    </button>
  );
  return (
    <>
      {opener('first')}
      {open.includes('first') && (
        <Panel name="first" onClose={() => close('first')}>
          {opener('second')}
        </Panel>
      )}
      {open.includes('second') && <Panel name="second" onClose={() => close('second')} />}
    </>
  );
}

test('what opens takes the focus, Escape closes what opened last, and the focus goes back', async () => {
  const user = userEvent.setup();
  render(<Desk />);
  await user.click(screen.getByText('open first'));
  expect(document.activeElement).toBe(screen.getByLabelText('field of first'));
  await user.click(screen.getByText('open second'));
  expect(document.activeElement).toBe(screen.getByLabelText('field of second'));
  await user.keyboard('{Escape}');
  expect(screen.queryByLabelText('second')).toBeNull();
  expect(document.activeElement).toBe(screen.getByText('open second'));
  await user.keyboard('{Escape}');
  expect(screen.queryByLabelText('first')).toBeNull();
  expect(document.activeElement).toBe(screen.getByText('open first'));
});
