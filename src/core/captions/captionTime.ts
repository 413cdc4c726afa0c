const TIME = /^(?:(\d{1,3}):)?(\d{1,3}):(\d{2})(?:[.,](\d{1,3}))?$/;

/** Seconds of "1:02:03.5", "02:03,500" or "2:03"; undefined for anything else. */
export function secondsOf(text: string): number | undefined {
  const match = TIME.exec(text.trim());
  if (!match) return undefined;
  const [, hours = '0', minutes = '0', seconds = '0', part = ''] = match;
  if (Number(seconds) > 59) return undefined;
  return Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds) + Number(`0.${part || '0'}`);
}
