import { describe, expect, it } from 'vitest';
import { readConfig } from './config';

describe('configuration', () => {
  it('has defaults: port 4310, ./data, loopback only', () => {
    const config = readConfig({});
    expect(config).toMatchObject({ port: 4310, host: '127.0.0.1' });
    expect(config.dataDir).toMatch(/\/data$/);
  });

  it('takes port and data folder from the environment', () => {
    expect(readConfig({ PORT: '0', ZELK_DATA: '/tmp/elsewhere' })).toMatchObject({
      port: 0,
      dataDir: '/tmp/elsewhere',
    });
  });

  it.each(['high', '-1', '70000', '43.5'])('says what is wrong with PORT=%s', (PORT) => {
    expect(() => readConfig({ PORT })).toThrow(/PORT must be a whole number/);
  });

  it('takes a program that writes the words of films, with its arguments', () => {
    expect(readConfig({}).captions).toBeUndefined();
    expect(readConfig({ ZELK_CAPTIONS: ' ' }).captions).toBeUndefined();
    expect(readConfig({ ZELK_CAPTIONS: '"/opt/my speech/write" --language en' }).captions).toEqual([
      '/opt/my speech/write',
      '--language',
      'en',
    ]);
    for (const wrong of ['"/opt/speech', '""'])
      expect(() => readConfig({ ZELK_CAPTIONS: wrong })).toThrow(/must be a program and its arguments/);
  });

  it('keeps backups outside of what they are of, and as often as is said', () => {
    expect(readConfig({}).backups).toBeUndefined();
    const env = { ZELK_DATA: '/srv/zelk', ZELK_BACKUPS: '/mnt/other/zelk' };
    expect(readConfig(env).backups).toEqual({ dir: '/mnt/other/zelk', everyHours: 24 });
    expect(readConfig({ ...env, ZELK_BACKUP_HOURS: '6' }).backups?.everyHours).toBe(6);
    for (const inside of ['/srv/zelk', '/srv/zelk/backups'])
      expect(() => readConfig({ ...env, ZELK_BACKUPS: inside })).toThrow(/must lie outside of ZELK_DATA/);
    expect(readConfig({ ...env, ZELK_BACKUPS: '/srv/zelk-backups' }).backups).toBeDefined();
    for (const hours of ['0', 'often', '-1'])
      expect(() => readConfig({ ...env, ZELK_BACKUP_HOURS: hours })).toThrow(/ZELK_BACKUP_HOURS must be/);
  });
});
