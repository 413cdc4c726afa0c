import type { FaceId, PartId, Vocabulary } from '../car';
import { isKitItemId } from '../kit';
import { own, type Text } from '../told';
import type { RemedyAbout, WalkState } from '../walk';
import { say } from './say';
import { faultTold } from './tellFunction';
import { inEnglish } from './words';

interface AboutTold {
  state: Pick<WalkState, 'functions' | 'kit'>;
  nameOf: (part: PartId) => Text;
  sideOf: (face: FaceId) => Text;
}

/** What a cure or a decision is about. */
export function aboutTold(about: RemedyAbout, { state, nameOf, sideOf }: AboutTold): Text {
  switch (about.of) {
    case 'part':
      return nameOf(about.part);
    case 'function':
      return faultTold(state.functions, about.function);
    case 'item': {
      const named = state.kit.items.get(about.item)?.name;
      return named ? own(named) : say(isKitItemId(about.item) ? `item.${about.item}` : 'item.thing');
    }
    case 'side':
      return sideOf(about.side);
    case 'papers':
    case 'smell':
    case 'cabin':
    case 'car':
      return say(`about.${about.of}`);
  }
}

interface AboutSpeech {
  state: AboutTold['state'];
  vocabulary: Vocabulary;
  nameOf: (part: PartId) => string;
  sideOf: (face: FaceId) => string;
}

/** The same in words. */
export const aboutWords = (about: RemedyAbout, { state, vocabulary, nameOf, sideOf }: AboutSpeech): string =>
  inEnglish(
    aboutTold(about, { state, nameOf: (part) => own(nameOf(part)), sideOf: (face) => own(sideOf(face)) }),
    vocabulary,
  );
