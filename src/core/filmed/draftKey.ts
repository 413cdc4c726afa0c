import { type Draft, placeOf } from '../speech';

/** What a statement of a film is known by, on every device and however often its talk is read: where it stands in it, of what, and its words. */
export const draftKey = (draft: Draft): string => `${placeOf(draft)} ${draft.text.slice(0, 80)}`;
