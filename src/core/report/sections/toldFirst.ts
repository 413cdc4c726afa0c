import { functionFault, functionTitle } from '../../readings';
import { type FirstLine, functionStateWords, storySays } from '../../walk';
import { sentence, withinSentence } from '../../wording';
import type { ReportDocument, ReportFinding } from '../reportDocument';
import type { WalkTold } from '../walkTold';

type Line = NonNullable<ReportDocument['toldFirst']>[number];

/** What the seller wants a buyer to know before all else. What is not there any more is not told. */
export function toldFirst(
  told: WalkTold,
  findings: readonly ReportFinding[],
): Pick<ReportDocument, 'toldFirst'> {
  const lines = [...told.state.firstLines.values()].flatMap((line) => lineOf(line, told, findings) ?? []);
  return lines.length > 0 ? { toldFirst: lines } : {};
}

function lineOf(
  about: FirstLine,
  { state, vocabulary }: WalkTold,
  findings: readonly ReportFinding[],
): Line | undefined {
  switch (about.of) {
    case 'finding': {
      const finding = findings.find(({ id }) => id === about.finding);
      if (!finding) return undefined;
      const { number, line, partName, suspected } = finding;
      const what = suspected ? `Suspected: ${withinSentence(line)}` : line;
      return { says: `${what}, ${partName}`, finding: number };
    }
    case 'function': {
      const tried = state.functions.tried.get(about.function);
      if (!tried) return undefined;
      const { functions } = state;
      const says = tried.says
        ? `${functionFault(functions, about.function, vocabulary)}: ${tried.says}`
        : `${functionTitle(functions, about.function, vocabulary)}: ${functionStateWords[tried.state]}`;
      return { says: sentence(says), area: 'works' };
    }
    case 'story': {
      const fact = state.story.get(about.fact);
      return fact && { says: storySays(fact) };
    }
    case 'words':
      return { says: about.says, isOwn: true };
  }
}
