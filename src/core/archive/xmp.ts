import { escapeXml } from '../wording';
import type { ArchivedPicture } from './planArchive';

/** Zelk's own properties inside a picture. A name, not an address: nothing is fetched. */
export const ZELK_NAMESPACE = 'urn:zelk:picture:1.0';

/** An XMP packet (ISO 16684-1) with title, caption, keywords and part of a picture, and the SHA-256 of the photo it is a copy of. */
export function xmpOf(
  picture: Pick<ArchivedPicture, 'sha256' | 'title' | 'caption' | 'keywords' | 'part' | 'finding'>,
): string {
  const { sha256, title, caption, keywords, part, finding } = picture;
  return [
    '<?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>',
    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">',
    '<rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/"',
    ' xmlns:Iptc4xmpCore="http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/"',
    ` xmlns:zelk="${ZELK_NAMESPACE}" zelk:photo="${sha256}"`,
    part ? ` zelk:part="${escaped(part)}" Iptc4xmpCore:Location="${escaped(part)}"` : '',
    finding === undefined ? '' : ` zelk:finding="${finding}"`,
    '>',
    `<dc:title><rdf:Alt><rdf:li xml:lang="x-default">${escaped(title)}</rdf:li></rdf:Alt></dc:title>`,
    `<dc:description><rdf:Alt><rdf:li xml:lang="x-default">${escaped(caption)}</rdf:li></rdf:Alt></dc:description>`,
    `<dc:subject><rdf:Bag>${keywords.map((word) => `<rdf:li>${escaped(word)}</rdf:li>`).join('')}</rdf:Bag></dc:subject>`,
    '</rdf:Description></rdf:RDF></x:xmpmeta>',
    '<?xpacket end="r"?>',
  ].join('');
}

/** The photo a copy is of, from the beginning of its file read as Latin-1; undefined for a picture not made by Zelk. */
export function photoNamedIn(head: string): string | undefined {
  return /zelk:photo="([0-9a-f]{64})"/.exec(head)?.[1];
}

/** Control characters have no place in XML 1.0, escaped or not. */
const escaped = (text: string): string =>
  escapeXml(text)
    // biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is to be removed.
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, '');
