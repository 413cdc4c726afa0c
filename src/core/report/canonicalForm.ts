import canonicalize from 'canonicalize';
import type { ReportDocument } from './reportDocument';

/**
 * The one way of writing a report down, byte for byte the same wherever it is written (JSON Canonicalization Scheme, RFC 8785).
 * Its SHA-256 over UTF-8 is the report's fingerprint. Throws for values that JSON does not know.
 */
export function canonicalForm(report: ReportDocument): string {
  const form = canonicalize(report);
  if (form === undefined) throw new Error('A report cannot be written down as JSON.');
  return form;
}

/** A fingerprint in groups of four, as it is read out and compared by eye. */
export const fingerprintWords = (sha256: string): string => sha256.match(/.{1,4}/g)?.join(' ') ?? '';
