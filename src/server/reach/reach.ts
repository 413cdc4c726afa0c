import { hostname, networkInterfaces } from 'node:os';
import type { Config } from '../config';

/** Where the yard's screens may be opened from, beside the machine itself. */
export interface Reach {
  /** Names and addresses it answers to. */
  hosts: ReadonlySet<string>;
  /** A proxy that is named stands before it. */
  isProxied: boolean;
  /** How a phone opens it. */
  address: string;
}

/** Whether an address to listen on can be reached by other machines. */
const isOpen = (host: string): boolean => !host.startsWith('127.') && host !== '::1';

/** How this machine itself opens the yard, whatever else it listens on. */
export const ownOrigin = ({ host, tls }: Pick<Config, 'host' | 'tls'>, port: number): string =>
  `http${tls ? 's' : ''}://${isOpen(host) ? 'localhost' : host}:${port}`;

type Reaching = Pick<Config, 'host' | 'port' | 'tls' | 'publicUrl' | 'readersPort' | 'trustProxy'>;

/** With a port for readers the proxy stands before that one, and the yard's stays where it is. */
const isProxied = ({ publicUrl, readersPort, trustProxy }: Reaching): boolean =>
  publicUrl !== undefined && trustProxy !== undefined && readersPort === undefined;

/** This machine's own addresses, as others of the network reach it. */
const ownAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((each = []) =>
    each.flatMap(({ address, internal, family }) => (internal || family !== 'IPv4' ? [] : [address])),
  );

/** Undefined where nobody but this machine is let in. */
export function reachOf(config: Reaching, addresses = ownAddresses()): Reach | undefined {
  const { host, port, tls, publicUrl } = config;
  if (!isOpen(host) && !isProxied(config)) return undefined;
  const named = publicUrl ? [new URL(publicUrl).hostname] : [];
  const numbers = isOpen(host) ? (/^(0\.0\.0\.0|::)$/.test(host) ? addresses : [host]) : [];
  const names = isOpen(host) ? [hostname().toLowerCase(), `${hostname().toLowerCase()}.local`] : [];
  return {
    hosts: new Set([...named, ...numbers, ...names]),
    isProxied: isProxied(config),
    address: publicUrl ?? `http${tls ? 's' : ''}://${numbers[0] ?? hostname()}:${port}`,
  };
}

/** Why other machines are not let in as it is set up, in words, or undefined. */
export function whyNotOpen(
  config: Reaching,
  { hasAccounts, mode }: { hasAccounts: boolean; mode: number },
): string | undefined {
  if (!isOpen(config.host) && !isProxied(config)) return undefined;
  if (!hasAccounts)
    return 'Nobody belongs to this yard yet. Start Zelk on this machine alone first, open the address it prints to be the owner, then let others in.';
  if ((mode & 0o077) !== 0)
    return 'The data folder can be read by others of this machine. Close it (chmod 700) before others are let in.';
  if (isOpen(config.host) && !config.tls && !isProxied(config))
    return 'Passwords would travel in the clear. Set ZELK_TLS_CERT and ZELK_TLS_KEY (bin/certificate makes some on the spot), or put a proxy with TLS before it and name that with ZELK_URL and ZELK_TRUST_PROXY.';
  return undefined;
}
