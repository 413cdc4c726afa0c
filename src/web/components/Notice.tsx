import clsx from 'clsx';
import { Info, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

const looks = {
  warn: { box: 'border-warn bg-warn-fill text-warn', Icon: TriangleAlert },
  info: { box: 'border-line bg-accent-fill text-ink', Icon: Info },
} as const;

/** A message that stays until its cause is gone. */
export function Notice({
  look = 'info',
  children,
  className,
}: {
  look?: keyof typeof looks;
  children: ReactNode;
  className?: string;
}) {
  const { box, Icon } = looks[look];
  return (
    <div
      role={look === 'warn' ? 'alert' : 'status'}
      className={clsx('flex gap-2 rounded-md border p-3', box, className)}
    >
      <Icon aria-hidden size={20} className="mt-0.5 shrink-0" />
      <div className="min-w-0">{children}</div>
    </div>
  );
}
