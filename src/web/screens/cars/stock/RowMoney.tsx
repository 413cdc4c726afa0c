import type { BoardPage } from '#core/api';
import type { Vocabulary } from '#core/car';
import { moneyWords } from '#core/plan';

/** What it takes to put a car right, for who may see money. */
export const RowMoney = ({
  cost,
  vocabulary,
}: {
  cost: BoardPage['cars'][number]['cost'];
  vocabulary: Vocabulary;
}) => (
  <span className="block truncate text-soft tabular-nums">
    To put right {moneyWords(cost, cost.currency, vocabulary)}
  </span>
);
