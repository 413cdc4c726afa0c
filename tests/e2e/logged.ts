import type { Fact } from '#core/walk';
import type { RunningServer } from '../builders/runningServer';
import { NELL } from './begin';

/** A finding as the app would note it, in the middle of its part. */
export const findingOn = (part: string, kind: string, details: object): Fact =>
  ({
    kind: 'finding-noted',
    body: { finding: crypto.randomUUID(), part, spot: { u: 0.5, v: 0.5 }, kind, suspected: false, details },
  }) as Fact;

/** Puts facts into a walk’s log as Nell’s, without a screen. */
export async function logged(server: RunningServer, walk: string, facts: readonly Fact[]): Promise<void> {
  const at = new Date().toISOString();
  const entries = facts.map((fact) => ({ ...fact, id: crypto.randomUUID(), walk, who: NELL, at }));
  const answer = await server.post(`/api/walks/${walk}/entries`, { entries });
  if (!answer.ok) throw new Error(await answer.text());
}
