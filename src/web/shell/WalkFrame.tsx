import { Signpost } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { Speech } from '#core/car';
import { Notice } from '../components/Notice';
import { useStayAwake } from '../device/useStayAwake';
import { useInWalk } from '../offline/inWalk';
import { useWalker } from '../people/me';
import { type OpenWalk, useWalk } from '../sync/useWalk';
import { Bar } from './Bar';
import { OutboxBadge } from './OutboxBadge';

interface WalkFrameProps {
  /** In the words of the car's country, once it is known. */
  title: ReactNode | ((speech: Speech | undefined) => ReactNode);
  /** The screen in a word, where the title is more than that. */
  name?: string;
  /** Where the arrow leads, where that is not the walk itself: added to the walk's address. */
  back?: { to: string; label: string };
  children: (walk: OpenWalk) => ReactNode;
}

/** A screen that belongs to a walk: its bar, the way back, and the walk once it is open and somebody walks. */
export function WalkFrame({ title, name, back, children }: WalkFrameProps) {
  const { id = '' } = useParams();
  const walker = useWalker();
  const load = useWalk(id, walker);
  useStayAwake();
  useInWalk();
  const speech = load.status === 'open' ? load.walk.page.car : undefined;
  const car = speech?.stockNumber;
  const screen = name ?? (typeof title === 'string' ? title : undefined);
  const pageTitle = screen && car ? { pageTitle: `${screen} · ${car}` } : {};
  return (
    <div className="flex h-dvh flex-col overflow-hidden print:h-auto print:overflow-visible">
      <Bar
        title={typeof title === 'function' ? title(speech) : title}
        {...pageTitle}
        back={{ to: `/walks/${id}${back?.to ?? ''}`, label: back?.label ?? 'Back to the walk' }}
      >
        {car !== undefined && <span className="pr-2 text-soft max-sm:hidden">{car}</span>}
        <OutboxBadge />
        <Link
          to={`/walks/${id}?deck=where-to`}
          className="flex min-h-12 min-w-12 items-center justify-center gap-x-2 rounded-md font-bold max-sm:flex-col max-sm:gap-y-1 max-sm:text-xs max-sm:leading-none sm:px-2"
        >
          <Signpost aria-hidden size={22} />
          Where to
        </Link>
      </Bar>
      {load.status === 'failed' && <Notice look="warn">{load.error.message}</Notice>}
      {load.status === 'open' && children(load.walk)}
    </div>
  );
}
