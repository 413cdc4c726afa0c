import type { z } from 'zod';

/** Shapes of the bodies of a family's kinds of entry, by kind. */
export type Bodies = Readonly<Record<string, z.ZodType>>;

/** An entry of a family as its noters see it. */
export interface Told<Body> {
  id: string;
  at: string;
  who: string;
  body: Body;
}

/** How each kind of a family is written into what it is about. None may be left out. */
export type Noters<Into, B extends Bodies> = {
  readonly [K in keyof B]: (into: Into, entry: Told<z.output<B[K]>>) => void;
};
