import { createHash, randomBytes } from 'node:crypto';

const TOKEN_BYTES = 32;

/** 256 random bits, told once. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** What is kept of it. Looked up by its hash, so that how long it takes tells nothing of the token. */
export const hashOfToken = (token: string): string => createHash('sha256').update(token).digest('hex');
