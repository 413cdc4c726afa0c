import type { Speech } from '#core/car';
import { tellAtStop } from '#core/readings';
import { listed, type Text } from '#core/told';
import { Notice } from '../../../../components/Notice';

/** What is known of a part beside its findings, where it may be cleared. */
export const KnownHere = ({ known, car }: { known: readonly Text[]; car: Speech }) => (
  <Notice>
    Known of it: {tellAtStop(car)(listed('semicolon', known))}. The report says so, whatever else is clear.
  </Notice>
);
