import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const offered = async () => (await request(server.app).get('/api/captions').expect(200)).body;
const post = () =>
  request(server.app)
    .post('/api/captions')
    .set('Content-Type', 'video/mp4')
    .send(Buffer.from('front door dented'));

it('the words of a film are not offered where the yard has no program for it', async () => {
  expect(await offered()).toEqual({ isOffered: false });
  const { body } = await post().expect(404);
  expect(body.detail).toContain('Bring captions of the film instead');
});

it('the words of a film are written by the yard’s program', async () => {
  // Prints what it is given, as if that had been said.
  const program = ['node', '-e', "process.stdout.write(require('fs').readFileSync(process.argv[1], 'utf8'))"];
  const own = await startTestServer(true, { captions: program });
  try {
    expect((await request(own.app).get('/api/captions').expect(200)).body).toEqual({ isOffered: true });
    const { body } = await request(own.app)
      .post('/api/captions')
      .set('Content-Type', 'video/mp4')
      .send(Buffer.from('front door dented'))
      .expect(200);
    expect(body).toEqual({ text: 'front door dented' });
    await request(own.app).post('/api/captions').set('Content-Type', 'text/html').send('x').expect(415);
  } finally {
    await own.close();
  }
});
