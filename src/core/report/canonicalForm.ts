import canonicalize from 'canonicalize';

/**
 * The one way of writing a report or a signed check down, byte for byte the same wherever it is written (JSON Canonicalization Scheme, RFC 8785).
 * Its SHA-256 over UTF-8 is its fingerprint. Throws for values that JSON does not know.
 */
export function canonicalForm(document: object): string {
  const form = canonicalize(document);
  if (form === undefined) throw new Error('It cannot be written down as JSON.');
  return form;
}

/** A fingerprint in groups of four, as it is read out and compared by eye. */
export const fingerprintWords = (sha256: string): string => sha256.match(/.{1,4}/g)?.join(' ') ?? '';
