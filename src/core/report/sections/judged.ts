import { type FaceId, faceName } from '../../car';
import { warningLampName } from '../../functions';
import { type About, judge } from '../../judged';
import { smellName } from '../../kit';
import { paintClassWords } from '../../paint';
import { functionFault, functionTitle } from '../../readings';
import { tyreFaults } from '../../tyres';
import { driveSays, statementSays } from '../../walk';
import { brakeWords } from '../../wheels';
import { sentence, withinSentence } from '../../wording';
import type { ReportDocument, ReportFinding } from '../reportDocument';
import type { WalkTold } from '../walkTold';

/** What the facts come to, put into words: the heads of page and paper are made of it. */
export function judgedTold(
  told: WalkTold,
  findings: readonly ReportFinding[],
): Pick<ReportDocument, 'judged'> {
  const judged = judge(told.facts).map(({ area, weight, about }) => ({
    area,
    weight,
    of: about.of,
    says: withinSentence(wordsOf(about, told, findings)).replace(/\.$/, ''),
  }));
  return judged.length > 0 ? { judged } : {};
}

function wordsOf(about: About, told: WalkTold, findings: readonly ReportFinding[]): string {
  const { state, facts, vocabulary, nameOf, inputs } = told;
  switch (about.of) {
    case 'finding':
    case 'paint-sign': {
      const finding = findings.find(({ number }) => number === about.finding);
      return `${finding?.suspected ? 'suspected: ' : ''}${withinSentence(finding?.line ?? '')}, ${finding?.partName}`;
    }
    case 'screen':
      return `the screen: ${withinSentence(facts.screen?.rows.find(({ number }) => number === about.finding)?.says ?? '')}`;
    case 'smell': {
      const noticed = state.kit.smells?.find(({ smell }) => smell === about.smell);
      const of = about.smell === 'other' && noticed?.says ? noticed.says : smellName(about.smell, vocabulary);
      return `a smell of ${of}, ${noticed?.strength}`;
    }
    case 'tyre': {
      const row = facts.tyres.rows.find(({ part }) => part === about.part);
      const why = [...(row?.verdict?.reasons ?? tyreFaults(about.flags)), ...(row?.byEye ? [row.byEye] : [])];
      return `${nameOf(about.part)}, ${why.join('; ')}`;
    }
    case 'tyres-differ':
      return facts.tyres.matching.find(({ parts }) => parts === about.parts)?.says ?? '';
    case 'brake':
      return `brake behind the ${nameOf(about.part)}, as seen: ${brakeWords(state.wheels.get(about.part) ?? {}, vocabulary)}`;
    case 'paint':
      return `${nameOf(about.part)}: ${withinSentence(paintClassWords[about.is])}`;
    case 'one-repair': {
      const made = state.statements.get(about.statement);
      const sideOf = (face: FaceId) => sentence(faceName(face, inputs.car));
      return made ? statementSays(made, { vocabulary, nameOf, sideOf }) : '';
    }
    case 'function': {
      const { functions } = state;
      const [fault, title] = [functionFault, functionTitle].map((name) =>
        withinSentence(name(functions, about.function, vocabulary)),
      );
      const says = functions.tried.get(about.function)?.says;
      return `${fault === title ? `${title} faulty` : fault}${says ? `: ${says}` : ''}`;
    }
    case 'lamp':
      return `warning ${vocabulary === 'us' ? 'light' : 'lamp'} on: ${withinSentence(warningLampName(about.lamp, vocabulary))}`;
    case 'drive': {
      const said = state.drove.get(about.group);
      return said ? driveSays(about.group, said) : '';
    }
    case 'morning':
      return facts.trends[about.trend]?.says ?? '';
    case 'ask':
      return facts.papers.asks[about.ask] ?? '';
  }
}
