import clsx from 'clsx';
import type { ButtonHTMLAttributes } from 'react';

const looks = {
  main: 'bg-accent text-on-accent border-accent',
  plain: 'bg-sheet text-ink border-line',
  tape: 'bg-tape border-ink',
  warn: 'bg-sheet text-warn border-warn',
} as const;

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: keyof typeof looks;
}

/** A button big enough for a wet thumb. */
export function Button({ look = 'plain', className, ...props }: ButtonProps) {
  return <button type="button" className={clsx(buttonLook(look), className)} {...props} />;
}

/** The same look for links. */
export const buttonLook = (look: keyof typeof looks = 'plain') =>
  clsx(
    'inline-flex min-h-12 min-w-11 items-center justify-center gap-2 rounded-md border px-4 font-bold leading-tight',
    'disabled:border-line disabled:bg-fill disabled:text-soft',
    looks[look],
  );
