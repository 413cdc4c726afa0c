import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { fromBufferPromise } from 'yauzl';
import type { WalkFile } from '#core/exchange';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { sha256Of } from '../../../tests/builders/photos';
import { sameYard } from '../../../tests/builders/sameYard';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

/** A picture that is nowhere the colour of a box: what shows through one would be seen. */
const bright = () =>
  sharp({ create: { width: 1800, height: 1200, channels: 3, background: '#e06040' } })
    .withExifMerge({
      IFD0: { Artist: 'A. Owner' },
      IFD2: { BodySerialNumber: '12345' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '12/1 34/1 0/1' },
    })
    .jpeg()
    .toBuffer();

let server: TestServer;
let photo: string;
const box = { x: 0.25, y: 0.5, width: 0.3, height: 0.2, hides: 'plate' } as const;

const start = sameYard(async (made) => {
  server = made;
  const bytes = await bright();
  photo = sha256Of(bytes);
  await request(server.app)
    .put(`/api/photos/${photo}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  const facts: Fact[] = [
    begun,
    noted(1),
    {
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { lengthMm: 12, note: '=HYPERLINK("x"), "quoted", Łódź' } },
    },
    { kind: 'photo-attached', body: { photo, role: 'what', part: 'door-fl', finding: idOf(0xf001) } },
    { kind: 'photo-hidden', body: { photo, boxes: [box] } },
    {
      kind: 'photo-marked',
      body: {
        photo,
        marks: [
          { kind: 'ring', at: { x: 0.8, y: 0.2 }, radius: 0.05 },
          { kind: 'text', at: { x: 0.05, y: 0.1 }, label: 'here <&>' },
        ],
      },
    },
    { kind: 'spot-on-photo', body: { photo, finding: idOf(0xf001), at: { x: 0.8, y: 0.8 } } },
  ];
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts) })
    .expect(200);
});
beforeEach(async () => {
  server = await start();
});
afterEach(() => server.close());

const sharedCopy = async (width: 320 | 1600): Promise<Buffer> => {
  const { body: report } = await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd0c) });
  const { body: share } = await request(server.app)
    .post(`/api/reports/${report.id}/shares`)
    .send({ label: '' });
  const { body } = await request(server.app)
    .get(`/api/shared/${share.token}/photos/${photo}/${width}`)
    .expect(200);
  return body;
};

/** Every pixel inside the box is the box's own colour. A copy coded twice rings a little at the very edge, with what is outside. */
async function expectHidden(jpeg: Buffer, edge = 0): Promise<void> {
  const { data, info } = await sharp(jpeg).raw().toBuffer({ resolveWithObject: true });
  for (let y = Math.ceil(box.y * info.height) + edge; y < (box.y + box.height) * info.height - edge; y++)
    for (let x = Math.ceil(box.x * info.width) + edge; x < (box.x + box.width) * info.width - edge; x++) {
      const first = (y * info.width + x) * 3;
      const pixel = [...data.subarray(first, first + 3)];
      if (pixel.some((value, i) => Math.abs(value - ([0x14, 0x18, 0x1c][i] as number)) > 3))
        throw new Error(`Pixel ${x}, ${y} shows through: ${pixel}`);
    }
}

describe('a shared picture', () => {
  it.each([320, 1600] as const)('has what is hidden painted over, %i wide', async (width) => {
    await expectHidden(await sharedCopy(width));
  });

  it('is the same file whatever lay under the box: nothing of it can be won back', async () => {
    const under = async (colour: string): Promise<string> => {
      const patch = await sharp({ create: { width: 400, height: 150, channels: 3, background: colour } })
        .png()
        .toBuffer();
      const png = await sharp(await bright())
        .resize(1600)
        .composite([{ input: patch, left: 440, top: 560 }])
        .png()
        .toBuffer();
      const sha256 = sha256Of(png);
      await request(server.app)
        .put(`/api/photos/${sha256}`)
        .set('Content-Type', 'image/png')
        .send(png)
        .expect(200);
      // The plain copy of the yard is JPEG already, and bleeds a few pixels: the box reaches beyond what it hides.
      return sha256Of(readFileSync(await server.context.burned(sha256, { boxes: [box] }, 1600)));
    };
    expect(await under('#ffffff')).toBe(await under('#003355'));
  });

  it('carries its marks, and is otherwise the picture', async () => {
    const { data, info } = await sharp(await sharedCopy(1600))
      .raw()
      .toBuffer({ resolveWithObject: true });
    const at = (x: number, y: number) => {
      const first = (Math.round(y) * info.width + Math.round(x)) * 3;
      return [...data.subarray(first, first + 3)] as [number, number, number];
    };
    const isYellow = ([r, g, b]: [number, number, number]) => r > 220 && g > 170 && b < 110;
    // On the ring, on the edge of the spot's ring, on the plate of the words, and on nothing.
    expect(isYellow(at(0.85 * info.width, 0.2 * info.height))).toBe(true);
    expect(isYellow(at(0.8 * info.width + 0.035 * info.width, 0.8 * info.height))).toBe(true);
    expect(isYellow(at(0.053 * info.width, 0.1 * info.height))).toBe(true);
    expect(at(0.5 * info.width, 0.1 * info.height)[0]).toBeGreaterThan(200);
    expect(at(0.5 * info.width, 0.1 * info.height)[2]).toBeLessThan(90);
  });

  it('shows no more than the plain copy tells in the yard, where nothing is burned', async () => {
    const { body } = await request(server.app).get(`/api/photos/${photo}/1600`).expect(200);
    await expect(expectHidden(body)).rejects.toThrow('shows through');
  });
});

const zipOf = async (from: TestServer): Promise<Buffer> =>
  (
    await request(from.app)
      .get(`/api/walks/${WALK}/pictures.zip`)
      .buffer(true)
      .parse((stream, done) => {
        const chunks: Buffer[] = [];
        stream.on('data', (chunk: Buffer) => chunks.push(chunk));
        stream.on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200)
  ).body;

async function unpacked(zip: Buffer): Promise<Map<string, Buffer>> {
  const files = new Map<string, Buffer>();
  const archive = await fromBufferPromise(zip, { lazyEntries: true });
  for await (const entry of archive.eachEntry()) {
    const chunks: Buffer[] = [];
    for await (const chunk of await archive.openReadStreamPromise(entry)) chunks.push(chunk as Buffer);
    files.set(entry.fileName, Buffer.concat(chunks));
  }
  return files;
}

describe('the ZIP of a walk', () => {
  it('names each picture by zone, side, part, fault and size, and describes it inside, read by exiftool', async () => {
    const files = await unpacked(await zipOf(server));
    const path = '01-left/001-left-front-door-dent-12mm-close.jpg';
    expect([...files.keys()].toSorted()).toEqual([path, 'findings.csv', 'index.html', 'walk.json']);
    const jpeg = files.get(path) as Buffer;
    const [told] = JSON.parse(execFileSync('exiftool', ['-j', '-G1', '-'], { input: jpeg }).toString());
    expect(told['XMP-dc:Title']).toContain('Nearside front door (left): dent, 12 mm across');
    expect(told['XMP-dc:Description']).toBe('Nearside front door (left): dent, 12 mm across');
    expect(told['XMP-dc:Subject']).toEqual(
      expect.arrayContaining(['door-fl', 'left', 'dent', 'finding 1', 'close']),
    );
    expect(told['XMP-iptcCore:Location']).toBe('Nearside front door (left)');
    expect(JSON.stringify(told)).not.toMatch(/GPS|Owner|12345|Warning/);
    await expectHidden(jpeg);
    expect(files.get('index.html')?.toString()).toContain(`src="${path}"`);
    expect(JSON.parse(files.get('walk.json')?.toString() ?? '')).toMatchObject({
      format: 'zelk-walk',
      walk: WALK,
    });
  });

  it('lists the findings as RFC 4180 says, and as no formula', async () => {
    const csv = (await unpacked(await zipOf(server))).get('findings.csv')?.toString() ?? '';
    const lines = csv.split('\r\n');
    expect(lines).toHaveLength(3);
    expect(lines[0]).toBe(
      'number,part,finding,standing,noticed from,tests,advice,decision,promised work,note,pictures',
    );
    expect(lines[1]).toContain(`"'=HYPERLINK(""x""), ""quoted"", Łódź"`);
  });

  it('comes into another Zelk with every link intact and everything hidden still hidden', async () => {
    const there = await startTestServer(false);
    // What was found out of its pixels goes with it.
    await server.context.judge.idle();
    try {
      const zip = await zipOf(server);
      const take = () =>
        request(there.app).post('/api/imports/archive').set('Content-Type', 'application/zip').send(zip);
      const { body } = await take().expect(201);
      expect(body).toMatchObject({ walk: WALK, entries: 7, photosMissing: [] });
      const exported = async (from: TestServer): Promise<WalkFile> =>
        (await request(from.app).get(`/api/walks/${WALK}/export`)).body;
      expect((await exported(there)).entries).toEqual((await exported(server)).entries);
      // Both may still be judging it.
      for (const { context } of [server, there]) await context.judge.idle();
      expect((await exported(there)).photos).toEqual((await exported(server)).photos);
      const { body: picture } = await request(there.app).get(`/api/photos/${photo}/1600`).expect(200);
      await expectHidden(picture, 16);
      expect((await take().expect(201)).body).toMatchObject({ entries: 0, photosMissing: [] });
      // The original, should it come later, takes the copy's place.
      const bytes = await bright();
      await request(there.app)
        .put(`/api/photos/${photo}`)
        .set('Content-Type', 'image/jpeg')
        .send(bytes)
        .expect(200);
      const whole = await request(there.app).get(`/api/photos/${photo}/1600`).expect(200);
      await expect(expectHidden(whole.body)).rejects.toThrow('shows through');
    } finally {
      await there.close();
    }
  });

  it('is refused with advice when it is none, cut short, or of something else', async () => {
    const send = (body: Buffer) =>
      request(server.app).post('/api/imports/archive').set('Content-Type', 'application/zip').send(body);
    expect((await send(Buffer.from('not a zip')).expect(422)).body.detail).toMatch(
      /not a ZIP, or it was cut short/,
    );
    const zip = await zipOf(server);
    await send(zip.subarray(0, zip.length / 2)).expect(422);
    const dir = mkdtempSync(join(tmpdir(), 'zelk-zip-'));
    writeFileSync(join(dir, 'note.txt'), 'hello');
    execFileSync('python3', ['-c', 'import zipfile; zipfile.ZipFile("o.zip","w").write("note.txt")'], {
      cwd: dir,
    });
    expect((await send(readFileSync(join(dir, 'o.zip'))).expect(400)).body.detail).toMatch(
      /no walk in this ZIP/,
    );
    rmSync(dir, { recursive: true });
  });
});

describe('the report', () => {
  it('lists a picture under every finding whose place is marked on it, and forgets what is set aside', async () => {
    const more: Fact[] = [
      noted(2, 'roof'),
      { kind: 'spot-on-photo', body: { photo, finding: idOf(0xf002), at: { x: 0.1, y: 0.1 } } },
      { kind: 'photo-captioned', body: { photo, caption: 'As found in the rain' } },
      { kind: 'cover-chosen', body: { photo } },
    ];
    const post = (facts: readonly Fact[], first: number) =>
      request(server.app)
        .post(`/api/walks/${WALK}/entries`)
        .send({ entries: entriesOf(facts, WALK, first) })
        .expect(200);
    const freeze = async (id: string): Promise<ReportDocument> =>
      (await request(server.app).post(`/api/walks/${WALK}/reports`).send({ id }).expect(201)).body;
    await post(more, 50);
    const report = await freeze(idOf(0xd0d));
    expect(report.findings.map(({ photos }) => photos)).toEqual([[1], [1]]);
    expect(report.photos).toMatchObject([{ caption: 'As found in the rain', cover: true, boxes: [box] }]);
    await post([{ kind: 'photo-set-aside', body: { photo } }], 70);
    expect((await freeze(idOf(0xd0e))).photos).toEqual([]);
  });
});
