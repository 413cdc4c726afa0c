import { hashOfPieces } from './hashOfPieces';

addEventListener('message', ({ data }: MessageEvent<Blob>) => {
  hashOfPieces(data).then(
    (sha256) => postMessage({ sha256 }),
    (error: unknown) => postMessage({ error: String(error) }),
  );
});
