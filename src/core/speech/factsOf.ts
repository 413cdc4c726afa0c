import type { BodyStyle } from '../car';
import { middleOf } from '../car';
import type { WarningLampId } from '../functions';
import { kitItemIds } from '../kit';
import { mmFrom32nds, UM_PER_MIL } from '../measure';
import { type Fact, type FindingDetails, lookKinds, looksFor } from '../walk';
import type { Draft, FindingDraft } from './drafts';

interface Taking {
  style: BodyStyle;
  /** A new name for each thing that is put into the record. */
  newId: () => string;
  /** Words nobody knew go along as a note: they are few in a line, and many in a film. */
  keepsWords?: boolean;
  /** Warning lamps that were told to be on before. */
  lampsOn?: readonly WarningLampId[] | undefined;
}

/** What drafts put into the record when a person takes them, in order; nothing of what must be asked first, and no figure that was only about so much. */
export function factsOf(drafts: readonly Draft[], taking: Taking): Fact[] {
  const lamps = new Set(taking.lampsOn);
  for (const draft of drafts) if (draft.is === 'lamp') lamps.add(draft.lamp);
  const [firstLamp] = drafts.filter(({ is }) => is === 'lamp');
  return drafts.flatMap((draft) => {
    // All lamps that are on are one answer.
    if (draft.is === 'lamp')
      return draft === firstLamp ? [{ kind: 'lamps-noted', body: { on: [...lamps] } }] : [];
    const fact = draft.sure === 'ask' ? undefined : factOf(draft, taking);
    const first = fact && TELLS_FIRST.test(draft.said) && firstLineOf(fact);
    return [...(fact ? [fact] : []), ...(first ? [first] : [])];
  });
}

/** "The main thing you need to know is the gearbox whines." */
const TELLS_FIRST =
  /\b(?:main|biggest|first|most important) thing (?:(?:that )?(?:you|a buyer|they|people) (?:need|want|ought|have|should) (?:to )?know|to (?:know|tell (?:you|them)))\b/i;

function firstLineOf(fact: Fact): Fact | undefined {
  switch (fact.kind) {
    case 'finding-noted':
      return { kind: 'told-first', body: { about: { of: 'finding', finding: fact.body.finding } } };
    case 'story-told':
      return { kind: 'told-first', body: { about: { of: 'story', fact: fact.body.fact } } };
    case 'functions-tried': {
      const [tried] = fact.body.functions;
      return tried === undefined
        ? undefined
        : { kind: 'told-first', body: { about: { of: 'function', function: tried } } };
    }
    default:
      return undefined;
  }
}

/** Whether a draft may be taken as it is. */
export const isTakeable = (draft: Draft, style: BodyStyle): boolean =>
  factsOf([draft], { style, newId: () => '' }).length > 0;

function factOf(draft: Draft, taking: Taking): Fact | undefined {
  const { style } = taking;
  switch (draft.is) {
    case 'finding':
      return findingFact(draft, taking);
    case 'clear':
      return clearFact(draft, style);
    case 'tread': {
      const mm = (value: number) =>
        draft.unit === 'mm' ? value : Math.round(mmFrom32nds(value) * 10_000) / 10_000;
      return {
        kind: 'tread-read',
        body: { part: draft.part, depth: { lowMm: mm(draft.low), highMm: mm(draft.high) }, unit: draft.unit },
      };
    }
    case 'paint': {
      if (draft.sure !== 'said') return undefined;
      const um = (value: number) => Math.round(draft.unit === 'um' ? value : value * UM_PER_MIL);
      const read = [...new Set([um(draft.low), um(draft.high)])];
      return { kind: 'paint-read', body: { part: draft.part, um: read, source: 'typed' } };
    }
    case 'function':
      return {
        kind: 'functions-tried',
        body: { functions: [draft.function], state: draft.works ? 'works' : 'faulty' },
      };
    case 'no-lamps':
      return { kind: 'lamps-noted', body: { on: [] } };
    case 'item': {
      const item = kitItemIds.find((id) => id === draft.item);
      return item && { kind: 'item-counted', body: { item, count: draft.there ? 1 : 0 } };
    }
    case 'smell':
      // How strong it is was not said.
      return draft.smell === undefined ? { kind: 'smell-noted', body: { noticed: [] } } : undefined;
    case 'equipment':
      return { kind: 'equipment-noted', body: { item: draft.item, standing: 'said' } };
    case 'to-follow':
      return {
        kind: 'to-follow-noted',
        body: { follow: taking.newId(), what: draft.what, says: draft.said.slice(0, MOST_LETTERS) },
      };
    case 'story':
      return {
        kind: 'story-told',
        body: { fact: taking.newId(), about: draft.about, says: draft.said.slice(0, 300), source: 'said' },
      };
    case 'figure':
      return draft.sure === 'said' ? figureFact(draft) : undefined;
    default:
      return undefined;
  }
}

function findingFact(draft: FindingDraft, { style, newId, keepsWords }: Taking): Fact | undefined {
  const {
    part: partId,
    kind,
    suspected,
    count,
    lengthMm,
    widthMm,
    howBad,
    severity,
    amount,
    notice,
    nail,
    feel,
    wipe,
  } = draft;
  const part = style.parts.get(partId ?? '');
  if (!part || !kind) return undefined;
  // Where on the part it is stands in the speaker's words: the strip on the map is only somewhere on it.
  const note = [draft.where, ...(keepsWords ? draft.unheard : [])].filter(Boolean).join(' ');
  const details = {
    ...(count !== undefined && { count }),
    ...(lengthMm !== undefined && { lengthMm }),
    ...(widthMm !== undefined && { widthMm }),
    ...(draft.isAbout && { isAbout: true }),
    ...(howBad && { howBad }),
    ...(severity && { severity }),
    ...(amount && { amount }),
    ...(notice && { notice }),
    ...(nail && { nail }),
    ...(feel && { feel }),
    ...(wipe && { wipe }),
    ...(draft.cures && { cures: draft.cures }),
    ...(draft.decision && { decision: { is: draft.decision } }),
    ...(note && { note }),
  } as FindingDetails;
  return {
    kind: 'finding-noted',
    body: { finding: newId(), part: part.id, spot: middleOf(part), kind, suspected, details },
  };
}

/** Called fine, a part is clear; where only some faults were denied, or large ones, no more than that is said of it. */
function clearFact(
  { part: id, polarity, absent, over }: Extract<Draft, { is: 'clear' }>,
  style: BodyStyle,
): Fact | undefined {
  const part = style.parts.get(id ?? '');
  if (!part) return undefined;
  if (polarity === 'fine' && over === undefined) {
    const looks = looksFor(part).filter((look) => lookKinds(look).some((kind) => absent.includes(kind)));
    return { kind: 'part-cleared', body: { part: part.id, ...(looks.length > 0 && { absent: looks }) } };
  }
  const kinds = absent.slice(0, MOST_DENIED);
  if (kinds.length === 0 && over === undefined) return undefined;
  return {
    kind: 'not-there-noted',
    body: { part: part.id, ...(kinds.length > 0 && { kinds }), ...(over !== undefined && { over }) },
  };
}
const MOST_DENIED = 12;
const MOST_LETTERS = 160;

function figureFact({ of, value, unit }: Extract<Draft, { is: 'figure' }>): Fact {
  switch (of) {
    case 'odometer':
      return { kind: 'odometer-read', body: { value, unit: unit ?? 'mi' } };
    case 'keys':
      return { kind: 'papers-noted', body: { keys: value } };
    case 'keepers':
      return { kind: 'papers-noted', body: { keepers: value } };
    case 'services':
      return { kind: 'papers-noted', body: { stamps: value } };
  }
}
