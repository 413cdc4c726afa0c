import { overnightLooks, type StoodTrend, stoodOf } from '../../diary';
import { isStanding } from '../../walk';
import { sentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';

/** The days the car stood, from the diary and the tests over night of the walk alike. */
export function stoodTold({ inputs, state, vocabulary }: WalkTold): Pick<ReportDocument, 'stood'> {
  const inWords = (says: string) =>
    vocabulary === 'us' ? says.replaceAll('tyre', 'tire').replaceAll('warning lamp', 'warning light') : says;
  const looks = inputs.mornings ?? [];
  const stood = stoodOf([...looks, ...overnightLooks(state.functions)]);
  // Without a morning of the diary the functions list tells its tests itself.
  if (!stood || looks.length === 0) return {};
  const isConfirmed = ({ becomes }: StoodTrend) => {
    if ('function' in becomes) return state.functions.tried.get(becomes.function)?.state === 'faulty';
    if ('lamps' in becomes) return (state.functions.lampsOn ?? []).length > 0;
    return state.findings.some(
      (finding) => isStanding(finding) && finding.part === becomes.part && finding.kind === becomes.kind,
    );
  };
  return {
    stood: {
      says: inWords(`${stood.says}.`),
      ...(stood.volts && { volts: `${stood.volts}.` }),
      open: stood.trends.filter((trend) => !isConfirmed(trend)).map(({ says }) => sentence(inWords(says))),
      looks: [...looks],
    },
  };
}
