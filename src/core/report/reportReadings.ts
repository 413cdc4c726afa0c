import { z } from 'zod';
import { type BodyStyle, type Car, sentence } from '../car';
import { speakPaint } from '../measure';
import { paintClasses, paintClassWords } from '../paint';
import { serviceWords } from '../papers';
import {
  functionTable,
  paintTable,
  papersTable,
  repairWords,
  screenTable,
  tyreTable,
  wheelTable,
} from '../readings';
import type { WalkState } from '../walk';
import { finishNames } from '../wheels';

const text = z.string();
const place = z.tuple([z.number(), z.number()]);

/** What was read of tyres, wheels, paint and the screen, as a reader is told it. Absent where nothing was read. */
export const reportReadingsShape = {
  tyres: z
    .strictObject({
      law: text,
      summary: text,
      rows: z.array(
        z.strictObject({
          part: text,
          name: text,
          /** "Ortal 205/55R16 91V" */
          make: text,
          made: text,
          /** Depth once for the whole tread, or by thirds; empty where not read. */
          whole: text,
          outer: text,
          centre: text,
          inner: text,
          when: z.enum(['now', 'soon', 'later']).optional(),
          mayBeDriven: z.boolean(),
          /** Share of its life left, per cent. */
          left: z.int().min(0).max(100).optional(),
          says: text,
        }),
      ),
      matching: z.array(text),
      toBuy: z.array(text),
    })
    .optional(),
  wheels: z
    .strictObject({
      rows: z.array(
        z.strictObject({ part: text, name: text, rim: text, damage: text, says: text, brake: text }),
      ),
      set: text,
    })
    .optional(),
  paint: z
    .strictObject({
      unit: z.enum(['um', 'mil']),
      levelUm: z.number().optional(),
      spreadUm: z.number().optional(),
      says: z.array(text),
      rows: z.array(
        z.strictObject({
          part: text,
          name: text,
          class: z.enum(paintClasses),
          className: text,
          um: z.array(z.number()),
          median: text,
          medianUm: z.number().optional(),
          ratio: z.number().optional(),
          says: text,
        }),
      ),
    })
    .optional(),
  functions: z
    .strictObject({
      summary: text,
      faulty: z.array(z.strictObject({ name: text, says: text, caution: text.optional() })),
      notTried: z.array(z.strictObject({ name: text, says: text })),
      works: z.array(z.strictObject({ group: text, names: z.array(text) })),
      notFitted: z.array(text),
      left: z.array(text),
    })
    .optional(),
  papers: z
    .strictObject({
      asks: z.array(text),
      says: z.array(text),
      services: z.array(text),
    })
    .optional(),
  screen: z
    .strictObject({
      widthMm: z.number(),
      heightMm: z.number(),
      swept: z.array(place),
      bandMm: place,
      rule: text,
      summary: text,
      rows: z.array(
        z.strictObject({
          number: z.int().positive(),
          at: place,
          to: place.optional(),
          acrossMm: z.number(),
          fails: z.boolean(),
          says: text,
          repair: text,
        }),
      ),
    })
    .optional(),
} as const;

const readingsSchema = z.strictObject(reportReadingsShape);
export type ReportReadings = z.output<typeof readingsSchema>;

/** What is said of paint readings wherever they are shown. */
export const PAINT_CAUTION =
  'Paint readings support what the eye saw; they do not tell why a panel was painted. Some makers’ colours and pillars run thicker.';

/** The readings of a walk in words and figures. `now` gives tyres their age. */
export function reportReadings(
  state: WalkState,
  style: BodyStyle,
  car: Spoken,
  nameOf: (part: string) => string,
  now: Date,
): ReportReadings {
  const name = (part: string) => sentence(nameOf(part));
  return {
    ...(state.treads.size + state.tyres.size > 0 && { tyres: tyres(state, style, car, name, now) }),
    ...wheels(state, style, car, name),
    ...(state.paint.size > 0 && { paint: paint(state, style, car, name) }),
    ...screen(state, style, car),
    ...functions(state, car),
    ...papers(state, car, now),
  };
}

type Named = (part: string) => string;
type Spoken = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

function tyres(
  state: WalkState,
  style: BodyStyle,
  car: Spoken,
  name: Named,
  now: Date,
): ReportReadings['tyres'] {
  const table = tyreTable(state, style, car, now);
  return {
    law: table.lawSays,
    summary: table.summary,
    rows: table.rows.map(
      ({ part, brand, size, made, flags, depths, verdict, share, distance, isPractice }) => ({
        part,
        name: name(part),
        make: [brand, size].filter(Boolean).join(' '),
        made: made ?? '',
        whole: depths.whole ?? '',
        outer: depths.outer ?? '',
        centre: depths.centre ?? '',
        inner: depths.inner ?? '',
        ...(verdict && { when: verdict.when }),
        mayBeDriven: verdict?.mayBeDriven ?? true,
        ...(share !== undefined && { left: Math.round(share * 100) }),
        says: [
          ...(verdict ? (verdict.reasons.length > 0 ? verdict.reasons : ['in order']) : ['not read']),
          ...flags.filter(
            (flag) => flag === 'repair' || flag === 'run-flat' || flag === 'new' || flag === 'odd',
          ),
          ...(distance ? [`about ${distance} left at the rate worn so far`] : []),
          ...(isPractice ? ['read with the practice gauge: not a measurement'] : []),
        ].join('; '),
      }),
    ),
    matching: table.matching.map(({ says }) => says),
    toBuy: table.toBuy.map(
      ({ count, size, when, parts }) =>
        `${count} × ${size}, ${when === 'now' ? 'now' : 'within the year'}: ${parts.map((part) => nameLower(name(part))).join(', ')}`,
    ),
  };
}

const nameLower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);
/** A name within a sentence: "USB sockets" and "12 V sockets" stay as they are. */
const inSentence = (name: string) => (/^[A-Z][a-z’-]/.test(name) ? nameLower(name) : name);

function wheels(
  state: WalkState,
  style: BodyStyle,
  car: Spoken,
  name: Named,
): Pick<ReportReadings, 'wheels'> {
  const { rows, isSet } = wheelTable(state, style, car);
  if (rows.length === 0) return {};
  return {
    wheels: {
      rows: rows.map(({ part, rimIn, finish, rimShare, damagedMm, says, brake }) => ({
        part,
        name: name(part),
        rim: [rimIn && `${rimIn} in`, finish && finishNames[finish].toLowerCase()].filter(Boolean).join(', '),
        damage: damagedMm > 0 ? `${damagedMm} mm of the rim, ${Math.round(rimShare * 100)} %` : '',
        says,
        brake,
      })),
      set: isSet ? 'All wheels want refinishing: priced as one set.' : '',
    },
  };
}

function paint(state: WalkState, style: BodyStyle, car: Spoken, name: Named): ReportReadings['paint'] {
  const { unit, level, says, rows, practice } = paintTable(state, style, car);
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    unit,
    ...(level && { levelUm: round(level.um), spreadUm: round(level.spreadUm) }),
    says: [
      ...says,
      ...(practice > 0
        ? ['Some of these figures come from the practice gauge, which measures nothing.']
        : []),
      PAINT_CAUTION,
    ],
    rows: rows.map((row) => ({
      part: row.part,
      name: name(row.part),
      class: row.class,
      className: paintClassWords[row.class],
      um: [...row.um],
      median: row.medianUm === undefined ? '' : speakPaint(row.medianUm, unit),
      ...(row.medianUm !== undefined && { medianUm: round(row.medianUm) }),
      ...(row.ratio !== undefined && { ratio: round(row.ratio) }),
      says: row.says,
    })),
  };
}

function screen(state: WalkState, style: BodyStyle, car: Spoken): Pick<ReportReadings, 'screen'> {
  const table = screenTable(state, style, car);
  if (!table || (table.rows.length === 0 && !state.screen)) return {};
  const { plan, rule, rows, summary } = table;
  const at = ([x, y]: readonly [number, number]): [number, number] => [Math.round(x), Math.round(y)];
  return {
    screen: {
      widthMm: plan.width,
      heightMm: plan.height,
      swept: plan.swept.map(at),
      bandMm: [plan.band.middle - plan.band.width / 2, plan.band.middle + plan.band.width / 2],
      rule: rule.says,
      summary,
      rows: rows.map(({ number, damage, passes, says, repair }) => ({
        number,
        at: at(damage.at),
        ...(damage.to && { to: at(damage.to) }),
        acrossMm: Math.round(damage.acrossMm),
        fails: passes === false,
        says,
        repair: repairWords[repair],
      })),
    },
  };
}

function functions(state: WalkState, car: Spoken): Pick<ReportReadings, 'functions'> {
  const { groups, left, isBegun } = functionTable(state, car);
  if (!isBegun) return {};
  const rows = groups.flatMap((group) => group.rows);
  const are = (wanted: string) => rows.filter(({ tried }) => tried?.state === wanted);
  const [works, faulty, notTried, notFitted] = [
    are('works'),
    are('faulty'),
    are('not-tried'),
    are('not-fitted'),
  ];
  return {
    functions: {
      summary: [
        `${works.length} of ${works.length + faulty.length} functions tried work`,
        ...(faulty.length > 0 ? [`${faulty.length} ${faulty.length === 1 ? 'is' : 'are'} faulty`] : []),
        ...(notTried.length + left.length > 0 ? [`${notTried.length + left.length} not tried`] : []),
      ].join('; '),
      faulty: faulty.map(({ name, tried, facts }) => ({
        name,
        says: tried?.says ?? '',
        ...(facts?.caution && { caution: facts.caution }),
      })),
      notTried: notTried.map(({ name, tried }) => ({ name: inSentence(name), says: tried?.says ?? '' })),
      works: groups.flatMap((group) => {
        const names = group.rows
          .filter(({ tried }) => tried?.state === 'works')
          .map(({ name }) => inSentence(name));
        return names.length > 0 ? [{ group: group.name, names }] : [];
      }),
      notFitted: notFitted.map(({ name }) => inSentence(name)),
      left: left.map(({ name }) => inSentence(name)),
    },
  };
}

function papers(state: WalkState, car: Spoken, now: Date): Pick<ReportReadings, 'papers'> {
  const table = papersTable(state, car, now.toISOString().slice(0, 10));
  if (table.isEmpty) return {};
  return {
    papers: {
      asks: [...table.asks],
      says: [
        ...table.says,
        ...(table.isUsualInterval && table.services.length > 0
          ? ['Held against a usual interval: the maker’s was not entered.']
          : []),
      ],
      services: table.services.map(({ entry }) => serviceWords(entry, table.unit)),
    },
  };
}
