import { type ComponentProps, type ComponentType, lazy, Suspense, useState } from 'react';

/** Something that opens over the report. Its code travels after the report stands; once it is there it opens at once, within the same frame. */
interface Piece<P extends object> {
  there: ComponentType<P> | undefined;
  Waited: ComponentType<P>;
  fetch: () => Promise<void>;
}

function pieceOf<P extends object>(load: () => Promise<{ default: ComponentType<P> }>): Piece<P> {
  const piece: Piece<P> = {
    there: undefined,
    Waited: lazy(load) as unknown as ComponentType<P>,
    fetch: async () => {
      piece.there = (await load()).default;
    },
  };
  return piece;
}

/** React keeps back for a while what had to wait: what is there already does not go that way. */
function Opened<P extends object>({ piece, props }: { piece: Piece<P>; props: P }) {
  const [There] = useState(() => piece.there);
  if (There) return <There {...props} />;
  return (
    <Suspense fallback={null}>
      <piece.Waited {...props} />
    </Suspense>
  );
}

const findingSheet = pieceOf(() => import('./FindingSheet'));
const gallery = pieceOf(() => import('./gallery/Gallery'));
const walkWithMe = pieceOf(() => import('./walkWithMe/WalkWithMe'));

type Sheet = typeof import('./FindingSheet').default;
type Pictures = typeof import('./gallery/Gallery').default;
type Walk = typeof import('./walkWithMe/WalkWithMe').default;

export const FindingSheet = (props: ComponentProps<Sheet>) => <Opened piece={findingSheet} props={props} />;
export const Gallery = (props: ComponentProps<Pictures>) => <Opened piece={gallery} props={props} />;
export const WalkWithMe = (props: ComponentProps<Walk>) => <Opened piece={walkWithMe} props={props} />;

/** Fetches all of them. Out of signal it does no harm: they are fetched when they are asked for. */
export const fetchLater = (): Promise<unknown> =>
  Promise.allSettled([findingSheet.fetch(), gallery.fetch(), walkWithMe.fetch()]);
