import { type BodyStyle, partNames, styleOf, type Vocabulary, vocabularyOf } from '../car';
import { overnightLooks, stoodOf } from '../diary';
import type { Facts } from '../judged';
import {
  paintTable,
  papersTable,
  partConcerns,
  screenTable,
  tyreTable,
  type WhatIsLeft,
  whatIsLeft,
} from '../readings';
import type { Stop } from '../route';
import { asBuilt, type Concerns, replay, routeOf, type WalkState } from '../walk';
import { isoDay } from '../wording';
import { orderPhotos } from './orderPhotos';
import type { ReportPhoto } from './reportDocument';
import { EmptyWalkError, type ReportInputs } from './reportInputs';

/** A walk as every section of a report sees it, worked out once. */
export interface WalkTold {
  inputs: ReportInputs;
  state: WalkState & { begun: NonNullable<WalkState['begun']> };
  style: BodyStyle;
  vocabulary: Vocabulary;
  route: readonly Stop[];
  /** What is known of parts beside their findings. */
  concerns: Concerns;
  /** What the walk has not said, seen or shown. */
  left: WhatIsLeft;
  photos: ReportPhoto[];
  nameOf: (part: string) => string;
  /** What is known of it thing by thing, to be judged. */
  facts: Facts;
}

/** Replays what a report rests on. Throws EmptyWalkError for a walk without its first entry. */
export function tellWalk(inputs: ReportInputs): WalkTold {
  const state = replay(inputs.walk, inputs.entries);
  const { begun } = state;
  if (!begun) throw new EmptyWalkError();
  const style = asBuilt(styleOf({ ...begun, steering: inputs.car.steering }), state);
  const vocabulary = vocabularyOf(inputs.car);
  const nameOf = partNames(style, inputs.car);
  const route = routeOf(state, style);
  return {
    inputs,
    state: { ...state, begun },
    style,
    vocabulary,
    route,
    concerns: partConcerns(state, style, inputs.car, new Date(inputs.frozenAt)),
    left: whatIsLeft(state, style, inputs.car, { today: isoDay(inputs.frozenAt) }),
    photos: orderPhotos(state, route, nameOf, vocabulary, inputs.photos),
    nameOf,
    facts: factsOf(inputs, state, style),
  };
}

function factsOf(
  { car, frozenAt, otherWalks = [], mornings = [] }: ReportInputs,
  state: WalkState,
  style: BodyStyle,
): Facts {
  const now = new Date(frozenAt);
  // Without a morning of the diary the functions list tells its tests itself.
  const stood =
    mornings.length > 0 ? stoodOf([...mornings, ...overnightLooks(state.functions, mornings)]) : undefined;
  return {
    state,
    style,
    tyres: tyreTable(state, style, car, now),
    paint: paintTable(state, style, car),
    papers: papersTable(state, car, isoDay(frozenAt), otherWalks),
    screen: screenTable(state, style, car),
    trends: stood?.trends ?? [],
  };
}
