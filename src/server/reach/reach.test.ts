import { describe, expect, it } from 'vitest';
import { reachOf, whyNotOpen } from './reach';

const tls = { cert: Buffer.alloc(1), key: Buffer.alloc(1) };
const alone = { host: '127.0.0.1', port: 4310 };
const office = { host: '0.0.0.0', port: 4310, tls };
const proxied = { ...alone, publicUrl: 'https://zelk.yard.example', trustProxy: ['127.0.0.1'] };
const well = { hasAccounts: true, mode: 0o40700 };

describe('where the yard is opened from', () => {
  it('is this machine alone, unless it is told otherwise', () => {
    expect(reachOf(alone)).toBeUndefined();
    // The proxy of a port for readers lets nobody into the yard.
    expect(reachOf({ ...proxied, readersPort: 4311 })).toBeUndefined();
    expect(whyNotOpen(alone, { hasAccounts: false, mode: 0o40755 })).toBeUndefined();
  });

  it('is the machine’s own addresses and name on the office network', () => {
    const reach = reachOf(office, ['192.168.1.20']);
    expect(reach?.address).toBe('https://192.168.1.20:4310');
    expect(reach?.hosts.has('192.168.1.20')).toBe(true);
    expect(reach?.hosts.has('192.168.1.21')).toBe(false);
    expect(reach?.isProxied).toBe(false);
    expect(reachOf({ ...office, host: '192.168.1.20' }, [])?.hosts.has('192.168.1.20')).toBe(true);
  });

  it('is the name a proxy is reached by, and nothing else', () => {
    expect(reachOf(proxied)).toEqual({
      hosts: new Set(['zelk.yard.example']),
      isProxied: true,
      address: 'https://zelk.yard.example',
    });
  });
});

describe('letting others in', () => {
  it('is refused in words while it would not be safe', () => {
    expect(whyNotOpen(office, well)).toBeUndefined();
    expect(whyNotOpen(proxied, well)).toBeUndefined();
    expect(whyNotOpen(office, { ...well, hasAccounts: false })).toContain('to be the owner');
    expect(whyNotOpen(office, { ...well, mode: 0o40750 })).toContain('chmod 700');
    const { tls: _, ...clear } = office;
    expect(whyNotOpen(clear, well)).toContain('ZELK_TLS_CERT');
    expect(whyNotOpen({ ...clear, ...proxied, host: '0.0.0.0' }, well)).toBeUndefined();
  });
});
