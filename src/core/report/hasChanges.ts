import type { ReportChanges } from './compareReports';

export const hasChanges = ({ added, changed, putRight, withdrawn, others }: ReportChanges): boolean =>
  added.length + changed.length + putRight.length + withdrawn.length + others.length > 0;
