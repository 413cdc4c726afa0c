const changeNames: Record<string, string> = {
  lengthMm: 'length',
  widthMm: 'width',
  notice: 'noticed from',
  action: 'to do',
  cures: 'what would mend it',
  howBad: 'how bad',
  severity: 'how far gone',
  amount: 'how many',
  isAbout: 'size by eye',
  firm: 'pressed',
  cause: 'may come from',
  rust: 'how far',
};

/** A changed field in the log: "length 46 mm", "note taken back". */
export function changeWords([key, value]: [string, unknown]): string {
  const name = changeNames[key] ?? key;
  if (value === null) return `${name} taken back`;
  if (typeof value === 'object') return name;
  if (key === 'isAbout') return 'size judged by eye';
  if (typeof value === 'boolean') return value ? 'not sure yet' : 'confirmed';
  return `${name} ${String(value).replaceAll('-', ' ')}${key.endsWith('Mm') ? ' mm' : ''}`;
}
