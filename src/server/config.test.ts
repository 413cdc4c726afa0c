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
});
