import type { Fault } from '../cures';

/** How far a yard goes with a car. */
export const standards = ['safe-and-lawful', 'not-across', 'not-one-step', 'as-new', 'own'] as const;
export type Standard = (typeof standards)[number];

export const standardNames: Record<Standard, { name: string; hint: string }> = {
  'safe-and-lawful': { name: 'Safe and lawful only', hint: 'what bears on safety or the law, nothing else' },
  'not-across': { name: 'Nothing from across the bay', hint: 'and nothing that is seen walking up' },
  'not-one-step': { name: 'Nothing from one step back', hint: 'and nothing that is seen standing at it' },
  'as-new': { name: 'As new up close', hint: 'everything that was found' },
  own: { name: 'My own choice', hint: 'what bears on safety, and what is ticked below' },
};

/** Whether a standard asks for a fault to be put right. What was decided to be left is left, unless it bears on safety or is ticked by hand; what is only suspected is made sure of first; what nobody said from where it is seen is asked for by the last alone. */
export function asksFor(
  standard: Standard,
  { id, unsafe, notice, isSuspected, decision }: Fault,
  own: readonly string[],
): boolean {
  if (unsafe !== undefined) return true;
  if (isSuspected) return false;
  if (decision?.is === 'left' && standard !== 'own') return false;
  switch (standard) {
    case 'safe-and-lawful':
      return false;
    case 'not-across':
      return notice === 'across-the-bay';
    case 'not-one-step':
      return notice === 'across-the-bay' || notice === 'one-step-back';
    case 'as-new':
      return true;
    case 'own':
      return own.includes(id);
  }
}
