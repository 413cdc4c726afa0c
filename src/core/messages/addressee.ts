import { z } from 'zod';
import type { MessageKind } from './invitation';

const mail = z.email();
const phone = /^\+?\d[\d ()/-]{5,20}$/;

/** Where a message may go, or undefined for what is neither a mail address nor a telephone number. */
export function addressee(typed: string): { kind: MessageKind; to: string } | undefined {
  const to = typed.trim();
  if (to.length > 200) return undefined;
  if (mail.safeParse(to).success) return { kind: 'mail', to };
  return phone.test(to) ? { kind: 'text', to: to.replace(/[^\d+]/g, '') } : undefined;
}

export const ADDRESSEE_WANTED = 'Type a mail address like ida@town.example, or a telephone number.';
