import { z } from 'zod';
import type { PartId } from '../car';
import { FEWEST_READINGS, median } from '../paint';
import type { WalkState } from '../walk';

/** Paint readings of a car's walks, oldest walk first. */
export const paintHistorySchema = z.object({
  walks: z.array(
    z.object({
      walk: z.uuid(),
      begunAt: z.string(),
      panels: z.array(z.object({ part: z.string(), um: z.array(z.number()) })),
    }),
  ),
});
export type PaintHistory = z.output<typeof paintHistorySchema>;

/** What one walk adds to a car's history; undefined where nothing was read, or only with the practice gauge. */
export function paintOfWalk({ walk, begun, paint }: WalkState): PaintHistory['walks'][number] | undefined {
  const panels = [...paint].flatMap(([part, reads]) => {
    const um = reads.flatMap(({ um, source }) => (source === 'practice' ? [] : um));
    return um.length > 0 ? [{ part, um }] : [];
  });
  return begun && panels.length > 0 ? { walk, begunAt: begun.at, panels } : undefined;
}

export interface PaintChange {
  part: PartId;
  /** Medians, oldest first. */
  walks: readonly { begunAt: string; um: number }[];
  /** The last over the first, as a share: 0.4 is 40 % more. */
  change: number;
}

/** A median that moved by more than this between walks was painted, or not read at the same place. House rule. */
export const CHANGED = 0.2;

/** How panels read enough in two walks or more have changed, most changed first. */
export function paintChanges({ walks }: PaintHistory): PaintChange[] {
  const parts = new Set(walks.flatMap(({ panels }) => panels.map(({ part }) => part)));
  return [...parts]
    .flatMap((part): PaintChange[] => {
      const medians = walks.flatMap(({ begunAt, panels }) => {
        const um = panels.find((panel) => panel.part === part)?.um ?? [];
        return um.length >= FEWEST_READINGS ? [{ begunAt, um: median(um) }] : [];
      });
      const [first, last] = [medians[0], medians.at(-1)];
      return first && last && medians.length > 1
        ? [{ part, walks: medians, change: last.um / first.um - 1 }]
        : [];
    })
    .sort((a, b) => Math.abs(b.change) - Math.abs(a.change));
}
