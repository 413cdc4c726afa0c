/**
 * Version of the words and rules that reports are composed by. A change that composes another document out of the same log raises it, and
 * `tests/golden` keeps an export of every version: reports of earlier ones are proven by their fingerprint and their facts, since their words can be
 * composed no more. Reports frozen before the number was kept are of version 1.
 */
export const COMPOSED_BY = 8;
