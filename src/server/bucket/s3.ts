import { createReadStream, createWriteStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  DeleteObjectCommand,
  GetObjectCommand,
  HeadObjectCommand,
  ListObjectsV2Command,
  PutObjectCommand,
  S3Client,
} from '@aws-sdk/client-s3';
import type { ObjectStore } from './objectStore';

export interface S3Settings {
  endpoint: string;
  bucket: string;
  /** What the names of all objects begin with; empty or ending in a slash. */
  prefix: string;
  key: string;
  secret: string;
  region: string;
}

const ATTEMPTS = 3;

/** A bucket of a store that speaks S3. Failures are told in words. */
export function makeS3({ endpoint, bucket, prefix, key, secret, region }: S3Settings): ObjectStore {
  const client = new S3Client({
    endpoint,
    region,
    maxAttempts: ATTEMPTS,
    // The bucket in the path: a store on one's own machine has no names for each.
    forcePathStyle: true,
    credentials: { accessKeyId: key, secretAccessKey: secret },
    // Checksums of the protocol's newer kind are unknown to many stores; files are held against their SHA-256 by Zelk itself.
    requestChecksumCalculation: 'WHEN_REQUIRED',
    responseChecksumValidation: 'WHEN_REQUIRED',
  });
  const at = (name: string) => ({ Bucket: bucket, Key: prefix + name });
  const inWords = (error: unknown): Error => new Error(wordsOf(error, endpoint, bucket));
  async function open(name: string): Promise<Readable> {
    const answer = await client.send(new GetObjectCommand(at(name))).catch((error: unknown) => {
      throw statusOf(error) === 404 ? new Error(`There is no ${name} in the bucket.`) : inWords(error);
    });
    return answer.Body as Readable;
  }
  return {
    has: async (name) =>
      client.send(new HeadObjectCommand(at(name))).then(
        () => true,
        (error: unknown) => {
          if (statusOf(error) === 404) return false;
          throw inWords(error);
        },
      ),
    put: async (name, file) => {
      const { size } = await stat(file);
      await client
        .send(new PutObjectCommand({ ...at(name), Body: createReadStream(file), ContentLength: size }))
        .catch((error: unknown) => {
          throw inWords(error);
        });
    },
    open,
    get: async (name, file) => pipeline(await open(name), createWriteStream(file)),
    list: async (begins) => {
      const names: string[] = [];
      let next: string | undefined;
      do {
        const page = await client
          .send(
            new ListObjectsV2Command({
              Bucket: bucket,
              Prefix: prefix + begins,
              ...(next && { ContinuationToken: next }),
            }),
          )
          .catch((error: unknown) => {
            throw inWords(error);
          });
        names.push(...(page.Contents ?? []).flatMap(({ Key = '' }) => Key.slice(prefix.length)));
        next = page.NextContinuationToken;
      } while (next);
      return names;
    },
    remove: async (name) => {
      await client.send(new DeleteObjectCommand(at(name))).catch((error: unknown) => {
        throw inWords(error);
      });
    },
  };
}

const statusOf = (error: unknown): number | undefined =>
  (error as { $metadata?: { httpStatusCode?: number } }).$metadata?.httpStatusCode;

function wordsOf(error: unknown, endpoint: string, bucket: string): string {
  const status = statusOf(error);
  if (status === 403)
    return `${endpoint} does not let Zelk into “${bucket}”: check ZELK_S3_KEY and ZELK_S3_SECRET.`;
  if (status === 404)
    return `There is no bucket “${bucket}” at ${endpoint}. Make it there, or name another in ZELK_S3.`;
  if (status === undefined) return `${endpoint} does not answer.`;
  return `${endpoint} answered with ${status}: ${(error as Error).message}`;
}
