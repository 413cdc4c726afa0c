import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

const ANALYZE = '/usr/bin/systemd-analyze';

it.skipIf(!existsSync(ANALYZE) || !existsSync('/usr/bin/node'))(
  'the systemd unit is one systemd takes, without a word of complaint',
  () => {
    // Exits with an error, or complains, about settings it does not know and programs that are not there.
    const said = execFileSync(ANALYZE, ['verify', 'deploy/zelk.service'], { encoding: 'utf8' });
    expect(said).toBe('');
  },
);

it('the container starts the file that the build makes, and holds nothing of the data folder or of Git', () => {
  const steps = readFileSync('deploy/Dockerfile', 'utf8');
  const [, file = ''] = /^CMD \["node", "([^"]+)"\]$/m.exec(steps) ?? [];
  const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> };
  expect(readFileSync('bin/serve', 'utf8') + scripts.start).toContain(file);
  const ignored = readFileSync('.dockerignore', 'utf8').split('\n');
  for (const each of ['data', '.git', 'node_modules']) expect(ignored).toContain(each);
});
