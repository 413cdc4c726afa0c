import { randomBytes } from 'node:crypto';
import { crc32, deflateRawSync } from 'node:zlib';
import { type Attack, repeat } from './attack';

interface Member {
  name: string;
  /** As it unpacks. */
  content: Buffer;
  /** What is said of it instead of the truth. */
  says?: { size?: number; crc?: number; offset?: number; packed?: number };
}

/** The same content packed again is the same. */
const packedOnce = new Map<Buffer, Buffer>();

/** A ZIP by hand (APPNOTE 6.3), so that it can say what is not so. */
function zipOf(members: readonly Member[]): Buffer {
  const locals: Buffer[] = [];
  const central: Buffer[] = [];
  let offset = 0;
  for (const { name, content, says = {} } of members) {
    const packed = packedOnce.get(content) ?? deflateRawSync(content, { level: 9 });
    packedOnce.set(content, packed);
    const common = Buffer.alloc(26);
    common.writeUInt16LE(20, 0);
    common.writeUInt16LE(8, 4);
    common.writeUInt32LE(says.crc ?? crc32(content), 10);
    common.writeUInt32LE(says.packed ?? packed.length, 14);
    common.writeUInt32LE(says.size ?? content.length, 18);
    common.writeUInt16LE(Buffer.byteLength(name), 22);
    const local = Buffer.concat([Buffer.from('PK\x03\x04', 'latin1'), common, Buffer.from(name), packed]);
    const head = Buffer.concat([
      Buffer.from('PK\x01\x02\x14\0', 'latin1'),
      common,
      Buffer.alloc(14),
      Buffer.from(name),
    ]);
    head.writeUInt32LE(says.offset ?? offset, 42);
    locals.push(local);
    central.push(head);
    offset += local.length;
  }
  const directory = Buffer.concat(central);
  const end = Buffer.alloc(22);
  end.write('PK\x05\x06', 0, 'latin1');
  end.writeUInt16LE(members.length, 8);
  end.writeUInt16LE(members.length, 10);
  end.writeUInt32LE(directory.length, 12);
  end.writeUInt32LE(offset, 16);
  return Buffer.concat([...locals, directory, end]);
}

const send = (name: string, body: Buffer): Attack => ({
  name: `ZIP ${name}`,
  method: 'POST',
  path: '/api/imports/archive',
  headers: { 'Content-Type': 'application/zip' },
  body,
});

/** ZIPs that unpack to far more than they are, lead out of their folder, or are none. */
export function archives(walkJson: Buffer): Attack[] {
  const walk = (content: Buffer, says?: Member['says']): Member => ({
    name: 'walk.json',
    content,
    ...(says && { says }),
  });
  const good = walk(walkJson);
  const zeros = Buffer.alloc(100_000_000);
  const picture = (i: number, content: Buffer): Member => ({ name: `01-front/${i}.jpg`, content });
  return [
    send('whose walk is 100 MB of blanks', zipOf([walk(Buffer.alloc(100_000_000, ' '))])),
    send('whose walk is a gigabyte', zipOf([walk(Buffer.alloc(1_000_000_000, ' '))])),
    send('whose walk is brackets', zipOf([walk(Buffer.alloc(7_500_000, '['))])),
    send(
      'whose walk says it is small and is not',
      zipOf([walk(Buffer.alloc(60_000_000, ' '), { size: 500 })]),
    ),
    send(
      'of 60 pictures of 100 MB of nothing',
      zipOf([good, ...Array.from({ length: 60 }, (_, i) => picture(i, zeros))]),
    ),
    send(
      'of 50 names for one file',
      zipOf([
        good,
        ...Array.from({ length: 50 }, (_, i) => ({
          ...picture(i, Buffer.alloc(2_000_000)),
          says: { offset: 0 },
        })),
      ]),
    ),
    send(
      'whose names lead out',
      zipOf([good, { name: '../../../etc/cron.d/x.jpg', content: Buffer.from('x') }]),
    ),
    send('whose names begin at the root', zipOf([good, { name: '/etc/x.jpg', content: Buffer.from('x') }])),
    send('of two walks', zipOf([good, good])),
    send('with wrong checksums', zipOf([walk(walkJson, { crc: 1 })])),
    send(
      'of 30,000 files',
      zipOf([
        good,
        ...Array.from({ length: 30_000 }, (_, i) => ({ name: `a/${i}.txt`, content: Buffer.alloc(0) })),
      ]),
    ),
    send('without a walk', zipOf([picture(1, Buffer.from('x'))])),
    send('of nothing', zipOf([])),
    send('cut in half', zipOf([good, picture(1, randomBytes(1_000_000))]).subarray(0, 500_000)),
    send('that is 200 MB of noise', repeat(20, randomBytes(10_000_000))),
    send(
      'that begins like one',
      Buffer.concat([Buffer.from('PK\x03\x04', 'latin1'), randomBytes(30_000_000)]),
    ),
    send(
      'of a walk with an entry twenty thousand signs deep',
      zipOf([walk(Buffer.from(`{"entries":${'[{"a":'.repeat(20_000)}1${'}]'.repeat(20_000)}}`))]),
    ),
    send(
      'of pictures that are none',
      zipOf([good, ...Array.from({ length: 20 }, (_, i) => picture(i, randomBytes(100_000)))]),
    ),
  ];
}
