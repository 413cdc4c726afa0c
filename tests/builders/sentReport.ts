import request from 'supertest';
import type { Fact } from '#core/walk';
import { begun, entriesOf, idOf, noted, WALK } from './entries';
import { jpeg, sha256Of } from './photos';
import type { TestServer } from './testServer';

export const putPhoto = (server: TestServer, bytes: Buffer, sha256 = sha256Of(bytes)) =>
  request(server.app).put(`/api/photos/${sha256}`).set('Content-Type', 'image/jpeg').send(bytes);

export const attached = (photo: string, part = 'roof'): Fact => ({
  kind: 'photo-attached',
  body: { photo, role: 'where', part },
});

/** A walk with a finding and as many pictures as wanted, frozen and linked. */
export async function sendReport(server: TestServer, pictures = 2, more: readonly Fact[] = []) {
  const photos = await Promise.all(Array.from({ length: pictures }, (_, i) => jpeg(i + 1)));
  for (const bytes of photos) await putPhoto(server, bytes).expect(200);
  const hashes = photos.map(sha256Of);
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, noted(1), ...hashes.map((hash) => attached(hash)), ...more]) })
    .expect(200);
  const { body: report } = await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd01) })
    .expect(201);
  const { body: share } = await request(server.app)
    .post(`/api/reports/${report.id}/shares`)
    .send({})
    .expect(201);
  return { report, token: share.token as string, photos, hashes };
}
