import type { ReactNode } from 'react';

export const inputLook =
  'min-h-12 w-full rounded-md border border-soft bg-sheet px-3 aria-invalid:border-warn aria-invalid:border-2';

/** A label over its input, with what is wrong beneath. The input takes `id` and `aria-describedby` from here. */
export function Field({
  id,
  label,
  hint,
  error,
  children,
}: {
  id: string;
  label: string;
  hint?: ReactNode;
  error?: string | undefined;
  children: ReactNode;
}) {
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-1 block text-sm font-bold text-soft">
        {label}
      </label>
      {children}
      <div id={`${id}-says`} className="mt-1 text-sm empty:hidden">
        {error ? (
          <p role="alert" className="font-bold text-warn">
            {error}
          </p>
        ) : (
          hint
        )}
      </div>
    </div>
  );
}
