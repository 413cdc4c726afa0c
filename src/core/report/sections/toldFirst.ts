import { faultTold, functionTold } from '../../readings';
import { own, starting, type Told } from '../../told';
import { type FirstLine, storyTold } from '../../walk';
import type { ReportDocument } from '../reportDocument';
import type { FindingTold } from '../rowsTold';
import type { WalkTold } from '../walkTold';
import { say } from '../words';
import { findingThere } from './findingThere';

type Line = Told<NonNullable<ReportDocument['toldFirst']>[number]>;

/** What the seller wants a buyer to know before all else. What is not there any more is not told. */
export function toldFirst(
  told: WalkTold,
  findings: readonly FindingTold[],
): Told<Pick<ReportDocument, 'toldFirst'>> {
  const lines = [...told.state.firstLines.values()].flatMap((line) => lineOf(line, told, findings) ?? []);
  return lines.length > 0 ? { toldFirst: lines } : {};
}

function lineOf(about: FirstLine, { state }: WalkTold, findings: readonly FindingTold[]): Line | undefined {
  switch (about.of) {
    case 'finding': {
      const finding = findings.find(({ id }) => id === about.finding);
      return finding && { says: starting(findingThere(finding)), finding: finding.number };
    }
    case 'function': {
      const { functions } = state;
      const tried = functions.tried.get(about.function);
      if (!tried) return undefined;
      const says = tried.says
        ? say('where.says', { where: faultTold(functions, about.function), says: own(tried.says) })
        : say('where.says', {
            where: functionTold(functions, about.function),
            says: say(`functionState.${tried.state}`),
          });
      return { says: starting(says), area: 'works' };
    }
    case 'story': {
      const fact = state.story.get(about.fact);
      return fact && { says: starting(storyTold(fact)) };
    }
    case 'words':
      return { says: own(about.says), isOwn: true };
  }
}
