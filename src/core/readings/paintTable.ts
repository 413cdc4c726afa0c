import {
  type BodyStyle,
  type Part,
  type PartId,
  partIdOf,
  partTold,
  type Speech,
  twinPosition,
  vocabularyOf,
} from '../car';
import type { PaintUnit } from '../measure';
import {
  coarseTold,
  doubtTold,
  type EyeEvidence,
  FEWEST_READINGS,
  judgePaint,
  levelTold,
  type PaintLevel,
  type PanelVerdict,
  roofTold,
  sayOfPaint,
  strayReadings,
} from '../paint';
import { own, type Text } from '../told';
import {
  findingKindOf,
  isGauged,
  isMetal,
  isPaintedPlastic,
  routeOf,
  sayOfWalk,
  type WalkState,
} from '../walk';
import { byText } from '../wording';

export interface PaintRow extends PanelVerdict {
  /** Every reading, micrometres, in the order taken. */
  um: readonly number[];
  /** How often the gauge came to it: more than once says that it was read twice. */
  visits: number;
  /** Readings that stand apart: read there again. */
  stray: readonly number[];
}

export interface PaintTable {
  unit: PaintUnit;
  level?: PaintLevel;
  /** Where the level comes from; what the roof says of it. */
  says: readonly Text[];
  /** Panels in walking order: the ones to be read, painted plastic, and what else was read. */
  rows: readonly PaintRow[];
  /** Readings that came from the practice gauge. */
  practice: number;
}

/** Panels a gauge is held to, in walking order. */
export const panelsToGauge = (state: Pick<WalkState, 'route'>, style: BodyStyle): Part[] =>
  routeOf(state, style).flatMap(({ part: id }) => {
    const part = style.parts.get(id);
    return part && isGauged(part) ? [part] : [];
  });

/** Of which metal a panel is: as it was noted of this car, or as such cars have it. */
function metalOf({ materials, metals }: WalkState, { id, material }: Part): 'steel' | 'aluminium' {
  const noted = materials.get(id) ?? metals.get(id) ?? material;
  return noted === 'aluminium' ? 'aluminium' : 'steel';
}

/** Everything read of a car's paint, each panel judged against the car's own level. */
export function paintTable(state: WalkState, style: BodyStyle, car: Speech): PaintTable {
  const unit: PaintUnit = vocabularyOf(car) === 'us' ? 'mil' : 'um';
  const parts = routeOf(state, style).flatMap(({ part: id }) => {
    const part = style.parts.get(id);
    const belongs = part && (isGauged(part) || (isPaintedPlastic(part) && part.face) || state.paint.has(id));
    return belongs ? [part] : [];
  });
  const readingsOf = (id: PartId) => (state.paint.get(id) ?? []).flatMap(({ um }) => um);
  const eyeOf = (id: PartId): EyeEvidence => ({
    signs: state.findings
      .filter(
        ({ part, kind, standing }) =>
          part === id && standing.status === 'confirmed' && findingKindOf(kind).isPaintSign,
      )
      .map(({ number, kind, details }) =>
        sayOfPaint('panel.sign', { what: noted(details.note) ?? sayOfWalk(`kind.${kind}`), number }),
      ),
  });
  const { level, doubt, verdicts } = judgePaint(
    parts.map((part) => {
      const twin = part.position && partIdOf(part.kind, twinPosition(part.position));
      return {
        part: part.id,
        um: readingsOf(part.id),
        isMetal: isMetal(part),
        metal: metalOf(state, part),
        eye: eyeOf(part.id),
        ...(twin && { twin }),
      };
    }),
    unit,
  );
  const visits = visitsTo(state);
  const rows = verdicts.map((verdict): PaintRow => {
    const um = readingsOf(verdict.part);
    return { ...verdict, um, visits: visits.get(verdict.part) ?? 0, stray: strayReadings(um) };
  });
  const roof =
    level &&
    roofTold(
      verdicts.find(({ part }) => part === 'roof'),
      unit,
    );
  const coarse = level && coarseTold(level);
  const nameOf = (id: PartId) => {
    const part = style.parts.get(id);
    return part ? partTold(part, car) : own(id);
  };
  const enough = rows.filter(({ um }) => um.length >= FEWEST_READINGS).length;
  return {
    unit,
    ...(level && { level }),
    says: [
      ...(level ? [levelTold(level, enough, unit)] : []),
      ...(doubt ? [doubtTold(doubt.map(nameOf))] : []),
      ...(coarse ? [coarse] : []),
      ...(roof ? [roof] : []),
    ],
    rows,
    practice: [...state.paint.values()].flat().filter(({ source }) => source === 'practice').length,
  };
}

/** The first line of a note. */
function noted(note = ''): Text | undefined {
  const line = (note.split('\n')[0] as string).replace(/\.$/, '');
  return line ? own(line) : undefined;
}

/** Runs of readings on each panel, as the gauge went from one to the next. */
function visitsTo({ paint }: WalkState): Map<PartId, number> {
  const inOrder = [...paint]
    .flatMap(([part, reads]) => reads.map(({ at, entry }) => ({ part, at, entry })))
    .sort((a, b) => byText(a.at, b.at) || byText(a.entry, b.entry));
  const visits = new Map<PartId, number>();
  inOrder.forEach(({ part }, i) => {
    if (inOrder[i - 1]?.part !== part) visits.set(part, (visits.get(part) ?? 0) + 1);
  });
  return visits;
}
