import {
  type BodyStyle,
  type FaceId,
  faceTold,
  partTold,
  styleOf,
  type Vocabulary,
  vocabularyOf,
} from '../car';
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
import { own, type Text } from '../told';
import { asBuilt, type Concerns, replay, routeOf, type WalkState } from '../walk';
import { isoDay } from '../wording';
import { orderPhotos } from './orderPhotos';
import { EmptyWalkError, type ReportInputs } from './reportInputs';
import type { PhotoTold } from './rowsTold';

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
  photos: PhotoTold[];
  /** What a part is called, within a sentence. */
  nameOf: (part: string) => Text;
  sideOf: (face: FaceId) => Text;
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
  const nameOf = (id: string): Text => {
    const part = style.parts.get(id);
    return part ? partTold(part, inputs.car) : own(id);
  };
  const route = routeOf(state, style);
  return {
    inputs,
    state: { ...state, begun },
    style,
    vocabulary,
    route,
    concerns: partConcerns(state, style, inputs.car, new Date(inputs.frozenAt)),
    left: whatIsLeft(state, style, inputs.car, { today: isoDay(inputs.frozenAt) }),
    photos: orderPhotos(state, route, nameOf, inputs.photos),
    nameOf,
    sideOf: (face) => faceTold(face, inputs.car),
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
