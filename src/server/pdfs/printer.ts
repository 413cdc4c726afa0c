import { createReadStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PassThrough, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { PdfState } from '#core/api';
import { makeLine } from '../line';
import { Problem } from '../problems';
import type { KeptPdfs } from './keptPdfs';
import type { PrintJob } from './printed';

/** So many PDFs are made at once; the rest wait their turn. */
const AT_ONCE = 2;

/** A file to be sent. `done` is to be called once it was. */
interface PdfFile {
  path: string;
  done: () => Promise<void>;
}

/** What a PDF is made of is gathered when its turn has come. */
type Gather = () => Promise<PrintJob>;

/** Makes PDFs in another process, two at a time, and keeps them. Meanwhile everybody else is answered. */
export function makePrinter(kept: KeptPdfs, print: (job: PrintJob, file: string) => Promise<void>) {
  const line = makeLine(AT_ONCE);
  const failed = new Set<string>();

  const making = new Map<string, Promise<string>>();

  const written = (gather: Gather) => async (file: string) => print(await gather(), file);

  /** Takes its turn at once, before the disk is asked anything: who asked first is made first. Two who ask for the same one wait for it together. */
  function made(key: string, gather: Gather): Promise<string> {
    const there =
      making.get(key) ??
      line.run(key, () => kept.pathOf(key, written(gather))).finally(() => making.delete(key));
    making.set(key, there);
    return there;
  }

  /** A full disk keeps nobody from reading: then it is made in the system's own scratch folder, for this once. */
  async function madeInScratch(key: string, gather: Gather): Promise<PdfFile> {
    const scratch = await mkdtemp(join(tmpdir(), 'zelk-pdf-'));
    const done = () => rm(scratch, { recursive: true, force: true });
    const path = join(scratch, 'made.pdf');
    try {
      await line.run(key, () => written(gather)(path));
    } catch (error) {
      await done();
      throw error;
    }
    return { path, done };
  }

  async function fileOf(key: string, gather: Gather): Promise<PdfFile> {
    failed.delete(key);
    try {
      // One that is kept waits for nobody.
      const path = await ((await kept.has(key)) ? kept.pathOf(key, written(gather)) : made(key, gather));
      return { path, done: async () => undefined };
    } catch (error) {
      if (error instanceof Problem) throw error;
      return madeInScratch(key, gather);
    }
  }

  return {
    fileOf,
    /** What a PDF holds, once it is made. */
    streamOf: (key: string, gather: Gather): Readable => {
      const out = new PassThrough();
      fileOf(key, gather)
        .then(({ path, done }) => pipeline(createReadStream(path), out).finally(done))
        .catch((error: Error) => out.destroy(error));
      return out;
    },
    /** Has one made that is not there, and tells how it stands. One that could not be made counts as ready: whoever fetches it is told why. */
    state: async (key: string, gather: Gather): Promise<PdfState> => {
      if (failed.has(key) || (await kept.has(key))) return { isReady: true, before: 0 };
      if (line.before(key) === undefined) made(key, gather).catch(() => failed.add(key));
      return { isReady: false, before: line.before(key) ?? 0 };
    },
    /** Forgets all of them: something they may show was erased. */
    forget: (): Promise<void> => kept.forget(),
  };
}

export type Printer = ReturnType<typeof makePrinter>;
