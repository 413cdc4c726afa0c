import type { AuditKind } from '#core/people';
import type { Context } from '../context';
import type { Identity } from './identity';

/** Writes down that somebody did something that matters beyond a walk's own log. */
export function witnessed(
  { stores, now }: Pick<Context, 'stores' | 'now'>,
  by: Pick<Identity, 'person' | 'device'> | undefined,
  what: AuditKind,
  about = '',
): void {
  stores.audit.add({
    at: now().toISOString(),
    ...(by && { who: by.person, device: by.device }),
    what,
    about,
  });
}
