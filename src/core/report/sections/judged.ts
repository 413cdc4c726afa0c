import { type About, judge } from '../../judged';
import { faultTold, functionTold, smellTold } from '../../readings';
import { listed, own, type Text, type Told } from '../../told';
import { tyreFaults } from '../../tyres';
import { driveTold, statementTold } from '../../walk';
import { brakeTold } from '../../wheels';
import type { ReportDocument } from '../reportDocument';
import type { FindingTold } from '../rowsTold';
import type { WalkTold } from '../walkTold';
import { say } from '../words';
import { findingThere } from './findingThere';

/** What the facts come to, as it is told: the heads of page and paper are made of it. */
export function judgedTold(
  told: WalkTold,
  findings: readonly FindingTold[],
): Told<Pick<ReportDocument, 'judged'>> {
  const judged = judge(told.facts).map(({ area, weight, about }) => ({
    area,
    weight,
    of: about.of,
    says: aboutFact(about, told, findings),
  }));
  return judged.length > 0 ? { judged } : {};
}

/** The fact a judgement rests on, within a sentence. */
export function aboutFact(about: About, told: WalkTold, findings: readonly FindingTold[]): Text {
  const { state, facts, nameOf } = told;
  switch (about.of) {
    case 'finding':
    case 'paint-sign': {
      const finding = findings.find(({ number }) => number === about.finding);
      return finding ? findingThere(finding) : own('');
    }
    case 'screen': {
      const row = facts.screen?.rows.find(({ number }) => number === about.finding);
      return row ? say('judged.screen', { says: row.says }) : own('');
    }
    case 'smell': {
      const noticed = state.kit.smells?.find(({ smell }) => smell === about.smell);
      return noticed
        ? say('judged.smell', { smell: smellTold(noticed), strength: noticed.strength })
        : say(`smell.${about.smell}`);
    }
    case 'tyre': {
      const row = facts.tyres.rows.find(({ part }) => part === about.part);
      // How it looks is a reason only where it looks worn.
      const looks = state.treadLooks.get(about.part);
      const isWorn = looks === 'worn' || looks === 'needs-replacing';
      const why = [
        ...(row?.verdict?.reasons ?? tyreFaults(about.flags)),
        ...(isWorn && row?.byEye ? [row.byEye] : []),
      ];
      return say('what.where', { what: nameOf(about.part), where: listed('semicolon', why) });
    }
    case 'tyres-differ':
      return facts.tyres.matching.find(({ parts }) => parts === about.parts)?.says ?? own('');
    case 'brake': {
      const seen = brakeTold(state.wheels.get(about.part) ?? {});
      return say('judged.brake', { wheel: nameOf(about.part), seen });
    }
    case 'paint':
      return say('where.says', { where: nameOf(about.part), says: say(`paintClass.${about.is}`) });
    case 'one-repair': {
      const made = state.statements.get(about.statement);
      return made ? statementTold(made, told) : own('');
    }
    case 'function': {
      const { functions } = state;
      const fault = faultTold(functions, about.function);
      const isNamed = 'id' in fault && fault.id.startsWith('functionWrong.');
      const what = isNamed ? fault : say('judged.faulty', { name: functionTold(functions, about.function) });
      const says = functions.tried.get(about.function)?.says;
      return says ? say('where.says', { where: what, says: own(says) }) : what;
    }
    case 'lamp':
      return say('judged.lamp', { lamp: say(`lamp.${about.lamp}`) });
    case 'drive': {
      const said = state.drove.get(about.group);
      return said ? driveTold(about.group, said) : own('');
    }
    case 'morning':
      return facts.trends[about.trend]?.says ?? own('');
    case 'ask':
      return facts.papers.asks[about.ask]?.says ?? own('');
  }
}
