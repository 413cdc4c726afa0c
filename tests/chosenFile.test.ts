import 'fake-indexeddb/auto';
import { mkdtempSync, openAsBlob, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { Outbox } from '../src/web/sync/outbox';
import { openOutboxStore } from '../src/web/sync/outboxStore';

it('a file that was chosen is sent also when it is gone from where it lay', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'zelk-card-'));
  const path = join(folder, 'horn.wav');
  writeFileSync(path, 'peep');
  const chosen = await openAsBlob(path, { type: 'audio/wav' });
  const came: string[] = [];
  let hasSignal = false;
  const outbox = await Outbox.open(await openOutboxStore('chosen'), {
    postCar: async () => ({}),
    postLook: async () => ({}),
    postEntries: async () => ({ refused: new Map() }),
    putPhoto: async () => ({}),
    putRecording: async (_sha256, blob) => {
      if (!hasSignal) throw new Error('no signal');
      came.push(blob.type, await blob.text());
      return {};
    },
  });
  await outbox.addRecording('r1', chosen);
  rmSync(folder, { recursive: true });
  hasSignal = true;
  await outbox.flush();
  outbox.stop();
  expect(came).toEqual(['audio/wav', 'peep']);
  expect(outbox.snapshot().waiting).toBe(0);
});
