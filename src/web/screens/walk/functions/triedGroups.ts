import { functionGroups } from '#core/functions';
import { type FunctionRow, type FunctionTable, isTriedFirst } from '#core/readings';

/** Functions that are shown, and said to work, together. */
export interface TriedGroup {
  id: string;
  name: string;
  rows: readonly FunctionRow[];
}

export interface TriedGroups {
  /** What matters first, and of the drive what does: that needs somebody who may drive. */
  handful: readonly TriedGroup[];
  /** The rest by group, folded. */
  others: readonly TriedGroup[];
  /** The rows of the handful in the order they are tried. */
  first: readonly FunctionRow[];
  /** All rows, the handful before the rest. */
  rows: readonly FunctionRow[];
}

/** The functions of a car as a walk tries them: a handful first, the rest if one likes. */
export function triedGroups({ groups }: Pick<FunctionTable, 'groups'>): TriedGroups {
  const firstOf = (isDrive: boolean) =>
    groups.flatMap(({ id, rows }) => ((id === 'drive') === isDrive ? rows.filter(isTriedFirst) : []));
  const handful = [
    { id: 'first', name: 'What matters first', rows: firstOf(false) },
    { id: 'drive', name: functionGroups.drive.name, rows: firstOf(true) },
  ].filter(({ rows }) => rows.length > 0);
  const others = groups
    .map((group) => ({
      ...group,
      name: group.id === 'drive' ? 'More of the drive' : group.name,
      rows: group.rows.filter((row) => !isTriedFirst(row)),
    }))
    .filter(({ rows }) => rows.length > 0);
  const first = handful.flatMap(({ rows }) => rows);
  return { handful, others, first, rows: [...first, ...others.flatMap(({ rows }) => rows)] };
}
