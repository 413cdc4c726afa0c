import type { FaceId, PartId, Vocabulary } from '../car';
import { isKitItemId, kitItemName } from '../kit';
import type { RemedyAbout, WalkState } from '../walk';
import { functionFault } from './functionTable';

interface AboutSpeech {
  state: Pick<WalkState, 'functions' | 'kit'>;
  vocabulary: Vocabulary;
  nameOf: (part: PartId) => string;
  sideOf: (face: FaceId) => string;
}

/** What a cure or a decision is about, in words. */
export function aboutWords(about: RemedyAbout, { state, vocabulary, nameOf, sideOf }: AboutSpeech): string {
  switch (about.of) {
    case 'part':
      return nameOf(about.part);
    case 'function':
      return functionFault(state.functions, about.function, vocabulary);
    case 'item': {
      const named = state.kit.items.get(about.item)?.name;
      return (
        named ??
        (isKitItemId(about.item) ? kitItemName(about.item, vocabulary) : 'a thing that comes with it')
      );
    }
    case 'papers':
      return 'papers';
    case 'smell':
      return 'smell of the cabin';
    case 'side':
      return sideOf(about.side);
    case 'cabin':
      return 'cabin';
    case 'car':
      return 'whole car';
  }
}
