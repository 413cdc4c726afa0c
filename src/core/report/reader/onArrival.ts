import type { ReportDocument } from '../reportDocument';

/** How long one has to tell that the car differs from its report, and what happens then: the yard's own words, or that it has none. */
export const onArrivalSays = ({ yard }: Pick<ReportDocument, 'yard'>): string =>
  yard.onArrival ||
  'The yard says nothing of how long you have to tell of a difference, nor of what it does then. Ask before you buy.';
