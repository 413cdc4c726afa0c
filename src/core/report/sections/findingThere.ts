import { inside, type Text } from '../../told';
import type { FindingTold } from '../rowsTold';
import { say } from '../words';

/** A finding within a sentence, with its place; a suspicion is told as one. */
export const findingThere = ({ line, partName, suspected }: FindingTold): Text =>
  say(suspected ? 'what.suspectedWhere' : 'what.where', {
    what: inside(line as Text),
    where: partName as Text,
  });
