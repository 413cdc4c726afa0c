import { likelyKappa, type YesNoTable } from './likelyKappa';

/** How far two people agree beyond chance, with the interval it lies in 95 times in 100. */
export interface Agreement {
  kappa: number;
  low: number;
  high: number;
  /** Share on which they said the same. */
  same: number;
  /** How many things both said something of. */
  of: number;
}

const Z = 1.959964;

/**
 * Cohen's kappa of a table of counts, rows by one person and columns by the other in the same order of categories (Cohen, Educational and Psychological
 * Measurement 20, 1960), with the large-sample standard error of Fleiss, Cohen and Everitt (Psychological Bulletin 72, 1969). Undefined for an empty table, and where one of them said one thing of
 * everything: there is nothing to agree on then, and no interval.
 */
export function agreementOf(table: readonly (readonly number[])[]): Agreement | undefined {
  const n = table.flat().reduce((sum, each) => sum + each, 0);
  if (n === 0) return undefined;
  const p = table.map((row) => row.map((each) => each / n));
  const rows = p.map((row) => row.reduce((sum, each) => sum + each, 0));
  const columns = p.map((_, j) => p.reduce((sum, row) => sum + (row[j] ?? 0), 0));
  const same = p.reduce((sum, row, i) => sum + (row[i] ?? 0), 0);
  const chance = rows.reduce((sum, row, i) => sum + row * (columns[i] ?? 0), 0);
  if ([rows, columns].some((shares) => shares.some((share) => share >= 1))) return undefined;
  const kappa = (same - chance) / (1 - chance);
  let [onDiagonal, off] = [0, 0];
  for (const [i, row] of p.entries())
    for (const [j, each] of row.entries()) {
      if (i === j) onDiagonal += each * (1 - ((rows[i] ?? 0) + (columns[i] ?? 0)) * (1 - kappa)) ** 2;
      else off += each * ((columns[i] ?? 0) + (rows[j] ?? 0)) ** 2;
    }
  const variance =
    (onDiagonal + (1 - kappa) ** 2 * off - (kappa - chance * (1 - kappa)) ** 2) / (n * (1 - chance) ** 2);
  const error = Math.sqrt(Math.max(variance, 0));
  return {
    kappa,
    low: Math.max(-1, kappa - Z * error),
    high: Math.min(1, kappa + Z * error),
    same,
    of: n,
  };
}

/** Yes or no of each of two people, as a table of counts. */
export function yesNoTable(pairs: readonly (readonly [one: boolean, other: boolean])[]): YesNoTable {
  const count = (ofOne: boolean, ofOther: boolean) =>
    pairs.filter(([one, other]) => one === ofOne && other === ofOther).length;
  return [
    [count(true, true), count(true, false)],
    [count(false, true), count(false, false)],
  ];
}

/** How far two people agree on a yes or no, with an interval that stays honest over few things. Undefined as that of `agreementOf` is. */
export function yesNoAgreement(table: YesNoTable): Agreement | undefined {
  const agreement = agreementOf(table);
  return agreement && { ...agreement, ...likelyKappa(table, agreement.kappa) };
}
