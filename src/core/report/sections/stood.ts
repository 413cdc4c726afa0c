import { isConfirmed, overnightLooks, stoodOf } from '../../diary';
import { starting, type Text, type Told } from '../../told';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { say } from '../words';

/** The days the car stood, from the diary and the tests over night of the walk alike. */
export function stoodTold({ inputs, state }: WalkTold): Told<Pick<ReportDocument, 'stood'>> {
  const looks = inputs.mornings ?? [];
  const stood = stoodOf([...looks, ...overnightLooks(state.functions, looks)]);
  // Without a morning of the diary the functions list tells its tests itself.
  if (!stood || looks.length === 0) return {};
  const line = (says: Text) => starting(say('line', { says }));
  return {
    stood: {
      says: line(stood.says),
      ...(stood.volts && { volts: line(stood.volts) }),
      open: stood.trends.filter((trend) => !isConfirmed(trend, state)).map(({ says }) => starting(says)),
      looks: [...looks],
    },
  };
}
