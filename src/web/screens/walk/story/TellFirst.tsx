import { ArrowUpToLine } from 'lucide-react';
import { type Fact, type FirstLine, firstLineKey } from '#core/walk';
import { Button } from '../../../components/Button';
import type { OpenWalk } from '../../../sync/useWalk';

interface TellFirstProps {
  walk: OpenWalk;
  about: FirstLine;
  /** Records it; the deck says what was said there. */
  say?: (fact: Fact) => void;
}

/** One tap: a buyer reads it before all else, or no longer. */
export function TellFirst({ walk, about, say = walk.record }: TellFirstProps) {
  const isFirst = walk.state.firstLines.has(firstLineKey(about));
  return (
    <Button
      className="w-full"
      look={isFirst ? 'main' : 'plain'}
      aria-pressed={isFirst}
      onClick={() => say({ kind: isFirst ? 'told-first-taken-back' : 'told-first', body: { about } })}
    >
      <ArrowUpToLine aria-hidden size={20} /> {isFirst ? 'Told first in the report' : 'Tell this first'}
    </Button>
  );
}
