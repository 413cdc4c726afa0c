import type { CookieOptions, Request, Response } from 'express';
import type { Role } from '#core/people';
import type { Stores } from '../store/stores';

/** Who asks, as far as they are known. */
export interface Identity {
  person: string;
  name: string;
  role: Role;
  device: string;
  /** Of the session, as it is kept. */
  session: string;
  /** Whether what was made on this device may name somebody: who ever signed in on it. */
  speaksFor: (person: string) => boolean;
}

/** Knows who asks by what the request carries; a test may know otherwise. */
export type Identify = (request: Request, now: Date) => Identity | undefined;

const [SESSION, DEVICE] = ['zelk-session', 'zelk-device'] as const;
const A_YEAR_MS = 365 * 86_400_000;

/**
 * Over TLS a cookie's name can promise that it came over TLS, from this very host (RFC 6265bis, 4.1.3.2). Cookies know no ports: two Zelks on one
 * machine would sign each other out, so a port that is not the usual one is part of the name.
 */
function named(name: string, request: Request): string {
  const port = /:(\d+)$/.exec(request.get('host') ?? '')?.[1];
  return `${request.secure ? '__Host-' : ''}${name}${port ? `-${port}` : ''}`;
}

const cookieOf = (request: Request, name: string): string | undefined => {
  const cookies = request.cookies as Record<string, string | undefined> | undefined;
  return cookies?.[named(name, request)];
};

const optionsOf = (request: Request): CookieOptions => ({
  httpOnly: true,
  sameSite: 'lax',
  secure: request.secure,
  path: '/',
});

/** What a browser holds of somebody who signed in, and of the device it runs on. Neither can be read by a page. */
export const cookies = {
  session: (request: Request) => cookieOf(request, SESSION),
  device: (request: Request) => cookieOf(request, DEVICE),
  keepSession: (request: Request, response: Response, token: string) => {
    response.cookie(named(SESSION, request), token, { ...optionsOf(request), maxAge: A_YEAR_MS });
  },
  dropSession: (request: Request, response: Response) => {
    response.clearCookie(named(SESSION, request), optionsOf(request));
  },
  keepDevice: (request: Request, response: Response, secret: string) => {
    response.cookie(named(DEVICE, request), secret, { ...optionsOf(request), maxAge: A_YEAR_MS });
  },
};

/** By the session a cookie holds. */
export const bySession =
  ({ sessions, devices }: Pick<Stores, 'sessions' | 'devices'>): Identify =>
  (request, now) => {
    const token = cookies.session(request);
    const session = token ? sessions.of(token, now) : undefined;
    return (
      session && {
        person: session.person,
        name: session.name,
        role: session.role,
        device: session.device,
        session: session.hash,
        speaksFor: (person) => person === session.person || devices.isOf(session.device, person),
      }
    );
  };
