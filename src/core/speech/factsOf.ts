import type { BodyStyle, PartId } from '../car';
import { middleOf } from '../car';
import { mmFrom32nds } from '../measure';
import { type Fact, type FindingDetails, type LookId, lookKinds, looksFor } from '../walk';
import type { Draft, FindingDraft } from './drafts';

/** What a draft puts into the record when a person takes it; nothing where it must be asked first, or is taken on a screen of its own. `id` names the finding. */
export function factOf(draft: Draft, style: BodyStyle, id: string): Fact | undefined {
  if (draft.sure === 'ask') return undefined;
  switch (draft.is) {
    case 'finding':
      return findingFact(draft, style, id);
    case 'clear': {
      const absent = looksOf(draft.part, draft.absent, style);
      return { kind: 'part-cleared', body: { part: draft.part, ...(absent.length > 0 && { absent }) } };
    }
    case 'tread': {
      const mm = (value: number) =>
        draft.unit === 'mm' ? value : Math.round(mmFrom32nds(value) * 10_000) / 10_000;
      return {
        kind: 'tread-read',
        body: { part: draft.part, depth: { lowMm: mm(draft.low), highMm: mm(draft.high) }, unit: draft.unit },
      };
    }
    case 'function':
      return {
        kind: 'functions-tried',
        body: { functions: [draft.function], state: draft.works ? 'works' : 'faulty' },
      };
    case 'figure':
      return figureFact(draft);
    default:
      return undefined;
  }
}

function findingFact(draft: FindingDraft, style: BodyStyle, id: string): Fact | undefined {
  const {
    part: partId,
    kind,
    suspected,
    count,
    lengthMm,
    widthMm,
    severity,
    amount,
    notice,
    nail,
    feel,
    wipe,
  } = draft;
  const part = style.parts.get(partId ?? '');
  if (!part || !kind) return undefined;
  const details = {
    ...(count !== undefined && { count }),
    ...(lengthMm !== undefined && { lengthMm }),
    ...(widthMm !== undefined && { widthMm }),
    ...(severity && { severity }),
    ...(amount && { amount }),
    ...(notice && { notice }),
    ...(nail && { nail }),
    ...(feel && { feel }),
    ...(wipe && { wipe }),
    ...(draft.cure && { cures: [draft.cure] }),
    ...(draft.decision && { decision: { is: draft.decision } }),
  } as FindingDetails;
  return {
    kind: 'finding-noted',
    body: { finding: id, part: part.id, spot: middleOf(part), kind, suspected, details },
  };
}

function looksOf(id: PartId, kinds: readonly string[], style: BodyStyle): LookId[] {
  const part = style.parts.get(id);
  return part ? looksFor(part).filter((look) => lookKinds(look).some((kind) => kinds.includes(kind))) : [];
}

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
