import { isConfirmed, overnightLooks, stoodOf } from '../../diary';
import { sentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';

/** The days the car stood, from the diary and the tests over night of the walk alike. */
export function stoodTold({ inputs, state, vocabulary }: WalkTold): Pick<ReportDocument, 'stood'> {
  const inWords = (says: string) =>
    vocabulary === 'us' ? says.replaceAll('tyre', 'tire').replaceAll('warning lamp', 'warning light') : says;
  const looks = inputs.mornings ?? [];
  const stood = stoodOf([...looks, ...overnightLooks(state.functions, looks)]);
  // Without a morning of the diary the functions list tells its tests itself.
  if (!stood || looks.length === 0) return {};
  return {
    stood: {
      says: inWords(`${stood.says}.`),
      ...(stood.volts && { volts: `${stood.volts}.` }),
      open: stood.trends
        .filter((trend) => !isConfirmed(trend, state))
        .map(({ says }) => sentence(inWords(says))),
      looks: [...looks],
    },
  };
}
