import type { Told } from '../told';
import type { ReportFinding, ReportPhoto } from './reportDocument';

/** A finding before it is put into words. */
export type FindingTold = Told<ReportFinding>;

/** A photo before its caption is. */
export type PhotoTold = Omit<ReportPhoto, 'caption' | 'function'> &
  Told<Pick<ReportPhoto, 'caption' | 'function'>>;
