import { z } from 'zod';

/** What may be known of a fault. Sizes are millimetres and square millimetres, paint depth is micrometres. */
export const factNames = [
  /** Kind of finding; of what is no finding, what it is: `tyre`, `function`, `item`, `smell`, `certificate`, `service`; `promised` of a part with no fault, `side`, `cabin`, `car` of more than a part. */
  'kind',
  'partKind',
  'material',
  /** The worse of how bad and how far gone. */
  'severity',
  /** How deep or how far gone, where that was said. */
  'howFar',
  'count',
  'lengthMm',
  'areaMm2',
  'nail',
  'wipe',
  'feel',
  'firm',
  'hole',
  'underFilm',
  'finish',
  'paintUm',
  'paintReads',
  'paintBroken',
  'place',
  'panel',
  'wheelFinish',
  'wheelWants',
  'screenSays',
  'howBadRepair',
] as const;
export type FactName = (typeof factNames)[number];
/** Only what is known is in it. */
export type Facts = Readonly<Partial<Record<FactName, string | number>>>;

/** A question about one fact. Data, so that a house may add its own. */
export const conditionSchema = z.union([
  z.strictObject({ fact: z.enum(factNames), is: z.array(z.string()).min(1).readonly() }),
  z.strictObject({ fact: z.enum(factNames), isNot: z.array(z.string()).min(1).readonly() }),
  z.strictObject({ fact: z.enum(factNames), atMost: z.number() }),
  z.strictObject({ fact: z.enum(factNames), over: z.number() }),
]);
export type Condition = z.output<typeof conditionSchema>;

/** Whether it holds; undefined where nobody has said, measured or read what it asks for. */
export function holds(condition: Condition, facts: Facts): boolean | undefined {
  const value = facts[condition.fact];
  if (value === undefined) return undefined;
  if ('is' in condition) return condition.is.includes(String(value));
  if ('isNot' in condition) return !condition.isNot.includes(String(value));
  const figure = Number(value);
  return 'atMost' in condition ? figure <= condition.atMost : figure > condition.over;
}
