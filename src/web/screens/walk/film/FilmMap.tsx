import { useCallback, useMemo } from 'react';
import type { PartId } from '#core/car';
import type { FilmDraft } from '#core/filmed';
import type { Draft } from '#core/speech';
import { partStatus } from '#core/walk';
import { ghostsOf } from '../../../heard/ghosts';
import { FaceMap } from '../../../map/FaceMap';
import type { OpenWalk } from '../../../sync/useWalk';
import { concernsOf } from '../round/concernsOf';
import { toMapFinding } from '../round/walkModel';

interface FilmMapProps {
  walk: OpenWalk;
  drafts: readonly FilmDraft[];
  inHand: FilmDraft | undefined;
  /** A part was tapped, to say that it is this one. */
  onPart?: ((part: PartId) => void) | undefined;
}

/** One strip for each part: where on it each fault is was only said. */
function firstOfParts(drafts: readonly FilmDraft[]): Draft[] {
  const first = new Map<string, Draft>();
  for (const { is, draft } of drafts)
    if (is === 'open' && draft.is === 'finding' && draft.part && !first.has(draft.part))
      first.set(draft.part, draft);
  return [...first.values()];
}

/** The side of the car that the statement in hand is about, with what the film says drawn on it before it is in the record. */
export function FilmMap({ walk, drafts, inHand, onPart }: FilmMapProps) {
  const { state, style, page } = walk;
  const concerns = concernsOf(walk);
  const statusOf = useCallback((part: PartId) => partStatus(state, part, concerns), [state, concerns]);
  const { draft } = inHand ?? {};
  const choice = draft && 'choices' in draft ? draft.choices?.[0] : undefined;
  const part = draft && 'part' in draft ? style.parts.get(draft.part ?? '') : undefined;
  const face = part?.face ?? style.parts.get(choice ?? '')?.face;
  const findings = useMemo(
    () => [
      ...state.findings.map((finding) => toMapFinding(finding, style.parts.get(finding.part))),
      ...ghostsOf(firstOfParts(drafts), style),
    ],
    [state, style, drafts],
  );
  return (
    <section aria-label="The car" className="relative min-h-28 flex-1 contain-strict">
      <FaceMap
        style={style}
        face={face ?? 'left'}
        speech={page.car}
        statusOf={statusOf}
        findings={findings}
        {...(part && { current: part.id })}
        {...(onPart && { onPart })}
        className="absolute inset-0 size-full"
      />
    </section>
  );
}
