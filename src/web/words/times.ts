/** Times as the person in front of this device reads them: in its zone, as its language writes them. */

/** "14 Mar 2026" */
export const localDay = (at: string): string => new Date(at).toLocaleDateString([], { dateStyle: 'medium' });

/** "14 Mar 2026, 09:30" */
export const localMoment = (at: string): string =>
  new Date(at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

/** "09:30" */
export const localTime = (at: string): string =>
  new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });

/** "09:30:15" */
export const localTimeToTheSecond = (at: number): string =>
  new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', second: '2-digit' });

/** The zone of this device, in words: "Central European Standard Time". */
export const zoneHere = (): string =>
  new Intl.DateTimeFormat([], { timeZoneName: 'long' })
    .formatToParts(new Date())
    .find(({ type }) => type === 'timeZoneName')?.value ?? 'that of this device';
