import { ChevronRight, Gauge } from 'lucide-react';
import { Link } from 'react-router';
import type { Part } from '#core/car';
import { hasTyre, isMetal } from '#core/walk';
import type { OpenWalk } from '../../../../sync/useWalk';

// Made once: the deck is drawn anew with every tap.
const icons = {
  gauge: <Gauge aria-hidden size={20} className="shrink-0" />,
  on: <ChevronRight aria-hidden size={20} className="shrink-0" />,
};

const lamps: ReadonlySet<Part['kind']> = new Set(['headlamp', 'foglamp', 'taillamp']);
const counted: ReadonlySet<Part['kind']> = new Set(['sparekit', 'tools', 'loadcover', 'wheelset', 'carpet']);
const outside: ReadonlySet<string> = new Set(['front', 'left', 'right', 'rear', 'top']);

/** Where this part is read rather than looked at: thirds of a tyre, its rim and brake, paint depth, the screen. */
export function StopReadings({ walk, part }: { walk: OpenWalk; part: Part }) {
  const link = linkOf(walk, part);
  if (!link) return null;
  return (
    <Link
      to={`/walks/${walk.page.walk}/${link.to}`}
      className="flex min-h-12 items-center gap-2 rounded-md border border-line px-3 font-bold"
    >
      {icons.gauge}
      <span className="min-w-0 flex-1 leading-tight">{link.says}</span>
      {icons.on}
    </Link>
  );
}

function linkOf({ state }: OpenWalk, part: Part): { to: string; says: string } | undefined {
  if (hasTyre(part)) return { to: `tyres?part=${part.id}`, says: 'By thirds; brand, size, age' };
  if (part.kind === 'wheel')
    return { to: `tyres?part=${part.id.replace('wheel-', 'tyre-')}`, says: 'Rim, finish, brake behind it' };
  if (part.kind === 'windscreen') return { to: 'glass', says: 'Chips and cracks in true size' };
  if (lamps.has(part.kind)) return { to: 'glass', says: 'Lamps: what cures what' };
  if (part.kind === 'smell') return { to: 'kit', says: 'None noticed, or which and how strong' };
  if (counted.has(part.kind)) return { to: 'kit', says: 'Count what comes with it' };
  if (part.kind === 'odometer' || part.kind === 'idplate')
    return { to: 'papers', says: 'Papers and numbers' };
  if (part.kind === 'dashboard' || part.kind === 'screen') return { to: 'functions', says: 'Does it work' };
  if (!isMetal(part) || !outside.has(part.face ?? '')) return undefined;
  const um = (state.paint.get(part.id) ?? []).flatMap((read) => read.um);
  return {
    to: `paint?part=${part.id}`,
    says:
      um.length > 0
        ? `Paint depth: ${um.length === 1 ? '1 reading' : `${um.length} readings`}`
        : 'Paint depth',
  };
}
