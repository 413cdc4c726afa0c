import { useCallback, useMemo } from 'react';
import type { PartId } from '#core/car';
import { partStatus } from '#core/walk';
import { ghostsOf } from '../../../heard/ghosts';
import { FaceMap } from '../../../map/FaceMap';
import type { OpenWalk } from '../../../sync/useWalk';
import { concernsOf } from '../round/concernsOf';
import { toMapFinding } from '../round/walkModel';
import type { Statement } from './useTalk';

/** The side of the car that is spoken of, with what was said drawn on it before it is logged. */
export function TalkMap({ walk, statements }: { walk: OpenWalk; statements: readonly Statement[] }) {
  const { state, style, page } = walk;
  const concerns = concernsOf(walk);
  const statusOf = useCallback((part: PartId) => partStatus(state, part, concerns), [state, concerns]);
  const part = lastPart(statements, walk);
  const findings = useMemo(() => {
    const heard = statements.filter(({ is }) => is !== 'taken').map(({ draft }) => draft);
    return [
      ...state.findings.map((finding) => toMapFinding(finding, style.parts.get(finding.part))),
      ...ghostsOf(heard, style),
    ];
  }, [state, style, statements]);
  return (
    <section aria-label="The car" className="relative min-h-40 flex-1 contain-strict">
      <FaceMap
        style={style}
        face={part?.face ?? 'left'}
        speech={page.car}
        statusOf={statusOf}
        findings={findings}
        {...(part && { current: part.id })}
        className="absolute inset-0 size-full"
      />
    </section>
  );
}

/** The part that was spoken of last. */
function lastPart(statements: readonly Statement[], { style }: OpenWalk) {
  for (const { draft } of [...statements].reverse()) {
    const part = 'part' in draft ? style.parts.get(draft.part ?? '') : undefined;
    if (part) return part;
  }
  return undefined;
}
