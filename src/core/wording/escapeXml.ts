const signs: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** Text or an attribute’s value within XML, SVG among it. */
export const escapeXml = (raw: string): string => raw.replace(/[&<>"]/g, (sign) => signs[sign] as string);
