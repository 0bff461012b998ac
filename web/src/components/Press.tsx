import type { ComponentProps } from 'react';

type Props = ComponentProps<'button'> & {
  /** What it began is under way. */
  busy?: boolean;
};

/** A button that keeps the focus while what it began is under way; pressed again meanwhile it does nothing. */
export function Press({ busy = false, type = 'button', onClick, ...more }: Props) {
  return (
    <button
      {...more}
      type={busy ? 'button' : type}
      aria-disabled={busy || undefined}
      onClick={busy ? undefined : onClick}
    />
  );
}
