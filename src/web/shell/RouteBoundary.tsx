import { Component, type ComponentType, lazy, type ReactNode, Suspense } from 'react';
import { Button } from '../components/Button';
import { Bar } from './Bar';

interface BoundaryProps {
  children: ReactNode;
  /** A piece of a screen: the screen itself stands and keeps its bar. */
  isPiece?: boolean;
  /** Makes what failed anew. */
  onTryAgain: () => void;
}

/** Keeps a screen that fails from taking the app with it: the person tries again, or goes back. */
class Boundary extends Component<BoundaryProps, { failed?: Error }> {
  override state: { failed?: Error } = {};

  static getDerivedStateFromError(failed: Error) {
    return { failed };
  }

  override render() {
    const { failed } = this.state;
    if (!failed) return this.props.children;
    const isUnfetched = /import|fetch|module|load/i.test(failed.message);
    const says = (
      <>
        <p role="alert" className="text-lg">
          {isUnfetched
            ? 'This screen could not be fetched: there is no signal, or the server is away. Nothing you did is lost.'
            : 'Something failed on this screen. Nothing you did is lost.'}
        </p>
        <div className="grid grid-cols-2 gap-2">
          <Button
            look="main"
            onClick={() => {
              this.props.onTryAgain();
              this.setState({ failed: undefined });
            }}
          >
            Try again
          </Button>
          <Button onClick={() => history.back()}>Back</Button>
        </div>
      </>
    );
    if (this.props.isPiece) return <div className="space-y-4 p-4">{says}</div>;
    return (
      <>
        <Bar title="This screen did not open" />
        <main className="mx-auto max-w-md space-y-4 p-4">{says}</main>
      </>
    );
  }
}

/** A screen whose code is fetched when it is asked for. */
export interface FetchedScreen<P extends object> {
  /** What to show; made anew when a fetch that failed is to be tried again. */
  shown: ComponentType<P>;
  again: () => void;
  /** Fetches it before it is asked for; failing then does no harm. */
  fetch: () => Promise<unknown>;
}

export function fetchedScreen<P extends object>(load: () => Promise<ComponentType<P>>): FetchedScreen<P> {
  const makeShown = () => lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>;
  const screen: FetchedScreen<P> = {
    shown: makeShown(),
    again: () => {
      screen.shown = makeShown();
    },
    fetch: () => load().catch(() => undefined),
  };
  return screen;
}

/** Shows such a screen; until it is there, and when it cannot be had, says so. */
export function Fetched<P extends object>({ screen, ...props }: { screen: FetchedScreen<P> } & P) {
  return (
    <Boundary onTryAgain={screen.again}>
      <Shown screen={screen} props={props as unknown as P} />
    </Boundary>
  );
}

/** The same for a piece of a screen: its place is kept meanwhile where it has one, and the rest of the screen stays when it cannot be had. */
export function FetchedPiece<P extends object>({
  screen,
  meanwhile = null,
  ...props
}: { screen: FetchedScreen<P>; meanwhile?: ReactNode } & P) {
  return (
    <Boundary onTryAgain={screen.again} isPiece>
      <Shown screen={screen} props={props as unknown as P} meanwhile={meanwhile} />
    </Boundary>
  );
}

function Shown<P extends object>({
  screen,
  props,
  meanwhile = <Opening />,
}: {
  screen: FetchedScreen<P>;
  props: P;
  meanwhile?: ReactNode;
}) {
  const Screen = screen.shown;
  return (
    <Suspense fallback={meanwhile}>
      <Screen {...props} />
    </Suspense>
  );
}

/** The same keeping for a screen that is there from the start. */
export function RouteBoundary({ children }: { children: ReactNode }) {
  return <Boundary onTryAgain={() => undefined}>{children}</Boundary>;
}

function Opening() {
  return (
    <main className="p-4">
      <h1 className="text-base">Opening…</h1>
    </main>
  );
}
