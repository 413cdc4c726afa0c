/** A camera's own time, from Exif's "2026:03:14 09:30:00" to "2026-03-14T09:30:00"; undefined when it is none, or a clock never set. */
export function readCameraTime(written: unknown): string | undefined {
  if (typeof written !== 'string') return undefined;
  const match = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(written);
  if (!match) return undefined;
  const time = `${match[1]}-${match[2]}-${match[3]}T${match[4]}`;
  return Number.isNaN(cameraMs(time)) ? undefined : time;
}

/** A camera's time as a number to reckon with, milliseconds: read as if its zone were UTC. */
export const cameraMs = (time: string): number => Date.parse(`${time}Z`);
