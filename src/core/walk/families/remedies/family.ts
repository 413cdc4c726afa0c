import { decidedAnew } from '../../remedy';
import { adviceLine, decisionLine } from '../../tellRemedy';
import type { Finding } from '../../walkState';
import { familyOf, type LogSpeech } from '../family';
import { change } from '../findings/change';
import type { RemedyAbout, remedyBodies } from './bodies';
import { foundWords } from './foundWords';
import { type MendChecked, type RemedyNoted, remedyKey } from './state';

export const remedies = familyOf<typeof remedyBodies>()({
  empty: () => ({ remedies: new Map<string, RemedyNoted>() }),
  noters: {
    'remedy-noted': ({ state }, { body: { about, cures, decision } }) => {
      const key = remedyKey(about);
      const before = state.remedies.get(key);
      const after: RemedyNoted = {
        ...before,
        about,
        cures: cures === undefined ? before?.cures : (cures ?? undefined),
        decision:
          decision === undefined
            ? before?.decision
            : decision === null
              ? undefined
              : decidedAnew(before?.decision, decision),
      };
      if (after.cures || after.decision || after.checked) state.remedies.set(key, after);
      else state.remedies.delete(key);
    },
    'mend-checked': (walk, { body: { about, found, says }, at }) => {
      const checked: MendChecked = { found, ...(says && { says }), at };
      if (about.of === 'finding') change(walk, about.finding, (finding) => checkedAgain(finding, checked));
      else {
        const { remedies } = walk.state;
        remedies.set(remedyKey(about), { ...remedies.get(remedyKey(about)), about, checked });
      }
    },
  },
  words: {
    'remedy-noted': ({ about, cures, decision }, speech) => {
      const said = [
        cures ? adviceLine({ cures }, speech.vocabulary) : cures === null && 'what would mend it taken back',
        decision
          ? decisionLine({ decision }, speech.vocabulary).toLowerCase()
          : decision === null && 'decision taken back',
      ].filter(Boolean);
      return `${aboutWords(about, speech)}: ${said.join('; ')}`;
    },
    'mend-checked': ({ about, found, says }, speech) => {
      const what = about.of === 'finding' ? speech.about(about.finding) : aboutWords(about, speech);
      return `${what}: looked at again: ${foundWords[found].name.toLowerCase()}${says ? `, ${says}` : ''}`;
    },
  },
});

function aboutWords(about: RemedyAbout, { nameOf, titleOf }: LogSpeech): string {
  if (about.of === 'part') return nameOf(about.part);
  if (about.of === 'side') return `${about.side} side`;
  if (about.of === 'car') return 'whole car';
  return about.of === 'function' ? titleOf(about.function) : about.of;
}

/** Gone, it is on the car no more; otherwise it stands, also where it was thought to be gone, with what was seen of it. */
function checkedAgain(finding: Finding, checked: MendChecked): Finding {
  const { found, says, at } = checked;
  if (found !== 'gone')
    return {
      ...finding,
      checked,
      ...(finding.standing.status === 'put-right' && { standing: { status: 'confirmed' as const } }),
    };
  return { ...finding, checked, standing: { status: 'put-right', says: says ?? foundWords.gone.told, at } };
}
