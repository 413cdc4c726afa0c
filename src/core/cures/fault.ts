import type { PartId } from '../car';
import type { Cures, Decision, NoticeDistance } from '../walk';
import type { Facts } from './condition';

/** Something a walk found that might be put right. */
export interface Fault {
  /** "finding <id>" of a finding; what a remedy is kept under of the rest: "part tyre-fl", "function horn", "papers"; "lamp <id>" of a warning lamp. */
  id: string;
  /** Of a finding: the number on its strip of tape. */
  number?: number;
  part?: PartId;
  /** Where it is, in words; empty of what has no place. */
  where: string;
  /** What it is, in words: "Dent, 25 mm across". */
  says: string;
  facts: Facts;
  /** Nobody has made sure of it. */
  isSuspected: boolean;
  /** From where it is noticed; absent where nobody said or measured what would tell. */
  notice?: NoticeDistance;
  /** It bears on safety, or may not be driven so: why. */
  unsafe?: string;
  /** A qualified person looks before anything is proposed: why. */
  lookFirst?: string;
  /** Of a tyre: its size as it was said. */
  tyreSize?: string;
  /** What the walk said would mend it, and what was decided. */
  said?: Cures;
  decision?: Decision;
}
