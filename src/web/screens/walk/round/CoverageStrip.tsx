import { ChevronRight, Signpost } from 'lucide-react';
import type { Coverage } from '#core/walk';

const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

const signpost = <Signpost aria-hidden size={20} className="shrink-0" />;
const onward = <ChevronRight aria-hidden size={20} className="relative shrink-0" />;

/** What is left, always in sight: parts, readings, photos, second looks. One tap opens the list. */
export function CoverageStrip({
  cover,
  elsewhere,
  onOpen,
  onPlan,
}: {
  cover: Coverage;
  /** Things left that are no part, reading or picture. */
  elsewhere: number;
  onOpen: () => void;
  onPlan: () => void;
}) {
  const readings = cover.treadsLeft.length + (cover.odometerLeft ? 1 : 0);
  const { left, photosLeft, unresolved, spotsLeft, visited, total } = cover;
  const said = [
    `${plural(left.length, 'part')} left`,
    ...(readings > 0 ? [plural(readings, 'reading to take', 'readings to take')] : []),
    ...(photosLeft.length > 0 ? [plural(photosLeft.length, 'photo missing', 'photos missing')] : []),
    ...(unresolved.length > 0 ? [plural(unresolved.length, 'second look')] : []),
    ...(spotsLeft.length > 0
      ? [plural(spotsLeft.length, 'weak spot to look for', 'weak spots to look for')]
      : []),
    ...(elsewhere > 0 ? [`${elsewhere} to try, count or read`] : []),
  ];
  // The one number that matters next stands first; the others as far as there is room.
  const [next, ...others] = left.length > 0 || said.length === 1 ? said : said.slice(1);
  // Full only when nothing is left anywhere: photos, readings, functions, things and papers count as much as parts.
  const open = readings + photosLeft.length + unresolved.length + spotsLeft.length + elsewhere;
  const [done, all] = [visited, total + open];
  return (
    <div className="flex shrink-0 flex-wrap border-b border-line">
      <button
        type="button"
        onClick={onOpen}
        aria-label={said.join(', ')}
        className="relative flex min-h-12 min-w-[min(100%,11rem)] flex-1 items-center gap-x-3 bg-sheet px-3 text-left text-sm leading-tight tabular-nums sm:text-base"
      >
        <span
          aria-hidden
          data-fills
          className="absolute inset-y-0 left-0 bg-clear"
          style={{ width: `${total > 0 ? (100 * done) / all : 0}%` }}
        />
        <span className="relative flex min-w-0 flex-1 gap-x-3 overflow-hidden whitespace-nowrap">
          <span className="shrink-0 font-bold">{next}</span>
          <span className="min-w-0 truncate">{others.join(' · ')}</span>
        </span>
        {onward}
      </button>
      {/* At a desk it stands in the bar. */}
      <button
        type="button"
        onClick={onPlan}
        aria-label="Where to: route, laps and conditions"
        className="flex min-h-12 shrink-0 items-center gap-1 border-l border-line bg-sheet px-3 text-sm font-bold sm:hidden"
      >
        {signpost} Where to
      </button>
    </div>
  );
}
