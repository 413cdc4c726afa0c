import type { MorningLook } from './look';

export type LookIssue =
  /** The device's clock is ahead of the server's. */
  | { code: 'clock-ahead' }
  /** Earlier than a look made on the same device before: the clock was set back. */
  | { code: 'clock-back'; last: string }
  /** Before the car came in. */
  | { code: 'before-car'; came: string };

const DAY_MS = 86_400_000;
/** Clocks of phones differ by so much. */
const AHEAD_MS = 10 * 60_000;

/** Whether a look can have been made when it says. `day` may differ from the time's own by one, since a yard keeps its own zone. */
export function lookIssue(
  { at, day }: Pick<MorningLook, 'at' | 'day'>,
  { now, came, last }: { now: string; came?: string; last?: string },
): LookIssue | undefined {
  const made = Date.parse(at);
  const apart = Math.abs(Date.parse(`${day}T12:00:00Z`) - made);
  if (made > Date.parse(now) + AHEAD_MS || apart > 1.6 * DAY_MS) return { code: 'clock-ahead' };
  if (last !== undefined && made < Date.parse(last) - AHEAD_MS) return { code: 'clock-back', last };
  if (came !== undefined && made < Date.parse(came) - DAY_MS) return { code: 'before-car', came };
  return undefined;
}

export function lookIssueWords(issue: LookIssue, dayOf: (at: string) => string): string {
  switch (issue.code) {
    case 'clock-ahead':
      return 'The clock of this device does not fit the day of the look. Set the date and time right, and say it again.';
    case 'clock-back':
      return `The clock of this device was set back: it shows a time before the last look, of ${dayOf(issue.last)}. Set it right, and say it again.`;
    case 'before-car':
      return `That is before the car came in, on ${dayOf(issue.came)}. Set the date of this device right, and say it again.`;
  }
}
