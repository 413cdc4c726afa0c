import type { Random } from './random';

/** A JSON Schema, as far as the API's description uses it. */
export interface Schema {
  type?: string | string[];
  const?: unknown;
  enum?: unknown[];
  anyOf?: Schema[];
  oneOf?: Schema[];
  allOf?: Schema[];
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: Schema | boolean;
  items?: Schema | boolean;
  prefixItems?: Schema[];
  format?: string;
  pattern?: string;
  minimum?: number;
  maximum?: number;
  minLength?: number;
  maxLength?: number;
  minItems?: number;
  maxItems?: number;
}

const hostile: readonly unknown[] = [
  '',
  ' ',
  '\0',
  '\ud800',
  '../../etc/passwd',
  '<script>alert(1)</script>',
  '=HYPERLINK("x")',
  "'; DROP TABLE cars; --",
  'x'.repeat(5000),
  '\u202e',
  '😀'.repeat(50),
  0,
  -1,
  1e308,
  -0.5,
  2 ** 53,
  null,
  true,
  [],
  {},
  [[[[[[[[]]]]]]]],
  { __proto__: null, constructor: { prototype: {} } },
  '2026-13-45T99:99:99Z',
  'Infinity',
];

/** A value of a shape, most often as it should be; now and then something else in its place. */
export function madeBy(schema: Schema, random: Random, known: readonly string[], depth = 0): unknown {
  if (random.chance(0.015)) return random.pick(hostile);
  const [choice] = [schema.anyOf ?? schema.oneOf].filter((each) => each !== undefined);
  if (choice) return madeBy(random.pick(choice), random, known, depth);
  if (schema.allOf)
    return Object.assign({}, ...schema.allOf.map((each) => madeBy(each, random, known, depth) as object));
  if ('const' in schema) return schema.const;
  if (schema.enum) return random.pick(schema.enum);
  const type = Array.isArray(schema.type) ? random.pick(schema.type) : schema.type;
  switch (type) {
    case 'object':
      return objectOf(schema, random, known, depth);
    case 'array':
      return arrayOf(schema, random, known, depth);
    case 'string':
      return textOf(schema, random, known);
    case 'integer':
      return random.between(schema.minimum ?? -5, Math.min(schema.maximum ?? 5000, 1e6));
    case 'number':
      return random.next() * ((schema.maximum ?? 5000) - (schema.minimum ?? 0)) + (schema.minimum ?? 0);
    case 'boolean':
      return random.chance(0.5);
    case 'null':
      return null;
    default:
      return random.pick(hostile);
  }
}

function objectOf(schema: Schema, random: Random, known: readonly string[], depth: number): unknown {
  const { properties = {}, required = [] } = schema;
  const made: Record<string, unknown> = {};
  for (const [name, inner] of Object.entries(properties)) {
    const isWanted = required.includes(name) ? random.chance(0.98) : depth < 6 && random.chance(0.4);
    if (isWanted) made[name] = madeBy(inner, random, known, depth + 1);
  }
  if (random.chance(0.03))
    made[random.pick(['extra', '__proto__', 'constructor', '\0'])] = random.pick(hostile);
  return made;
}

function arrayOf(schema: Schema, random: Random, known: readonly string[], depth: number): unknown {
  if (schema.prefixItems) return schema.prefixItems.map((each) => madeBy(each, random, known, depth + 1));
  const { items, minItems = 0, maxItems = 4 } = schema;
  const length = random.between(minItems, Math.min(maxItems, minItems + 4));
  return Array.from({ length }, () =>
    typeof items === 'object' ? madeBy(items, random, known, depth + 1) : random.pick(hostile),
  );
}

function textOf(schema: Schema, random: Random, known: readonly string[]): string {
  if (schema.format === 'uuid' || (schema.pattern?.includes('[0-9a-f') && random.chance(0.7)))
    return random.chance(0.7) && known.length > 0 ? random.pick(known) : random.uuid();
  if (schema.format === 'date-time') return new Date(1.77e12 + random.between(0, 1e9)).toISOString();
  if (schema.format === 'date')
    return `20${random.between(10, 40)}-0${random.between(1, 9)}-1${random.between(0, 9)}`;
  const length = random.between(schema.minLength ?? 0, Math.min(schema.maxLength ?? 30, 60));
  return random.chance(0.3) && known.length > 0 ? random.pick(known) : random.text(length);
}
