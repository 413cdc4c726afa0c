const signs: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** Words as HTML: nothing in them is taken for a tag. */
export const asText = (raw: string): string => raw.replace(/[&<>"]/g, (sign) => signs[sign] as string);

/** A whole page with its looks, that needs nothing from a network and runs no script. */
export const htmlPage = (title: string, styles: string, body: string): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${asText(title)}</title>
<style>
body{font:16px/1.45 system-ui,sans-serif;margin:0 auto;padding:1rem;color:#14181c;background:#fbfaf6}
img,svg{max-width:100%;height:auto;display:block}figure{margin:0}figcaption{color:#414a51;margin-top:.25rem}
${styles}
</style></head><body>
${body}
</body></html>
`;
