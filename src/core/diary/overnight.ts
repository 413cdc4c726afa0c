import type { FunctionRun } from '../walk';
import { isoDay } from '../wording';
import type { Looked } from './stood';

/** Tests over night of the functions list, as mornings of the diary: one truth, whoever wrote it down where. */
export function overnightLooks({ tried }: Pick<FunctionRun, 'tried'>): Looked[] {
  const looks: Looked[] = [];
  const battery = tried.get('battery-overnight');
  if (battery?.state === 'works' || battery?.state === 'faulty')
    looks.push({
      at: battery.at,
      day: isoDay(battery.at),
      start: battery.state === 'works' ? 'at-once' : 'not',
    });
  const suspension = tried.get('suspension-overnight');
  if (suspension?.state === 'works' || suspension?.state === 'faulty')
    looks.push({
      at: suspension.at,
      day: isoDay(suspension.at),
      level: suspension.state === 'works' ? 'level' : 'sunk',
    });
  return looks;
}
