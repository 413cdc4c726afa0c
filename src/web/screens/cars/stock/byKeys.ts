import type { KeyboardEvent } from 'react';

const steps: Record<string, number> = { ArrowDown: 1, ArrowUp: -1 };

/** Arrows go from row to row of a list, from its search field into it, and back; the page comes along. */
export function byKeys(event: KeyboardEvent<HTMLElement>): void {
  const step = steps[event.key];
  if (step === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
  const from = event.target as HTMLElement;
  const isSearch = from instanceof HTMLInputElement && from.type === 'search';
  if (!isSearch && !from.closest('[data-stock]')) return;
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-stock] a')];
  const at = rows.indexOf(from);
  const next = isSearch ? (step > 0 ? rows[0] : undefined) : rows[at + step];
  if (next) next.focus();
  else if (!isSearch && step < 0)
    event.currentTarget.querySelector<HTMLElement>('input[type=search]')?.focus();
  event.preventDefault();
}
