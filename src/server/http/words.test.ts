import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

it('teaches a word of the house, tells it, and forgets it', async () => {
  const { app } = server;
  expect((await request(app).get('/api/words')).body).toEqual([]);
  const taught = await request(app).put('/api/words').send({ word: ' Gubbins ', means: 'Wiper' });
  expect(taught.body).toEqual([{ word: 'gubbins', means: 'wiper' }]);
  await request(app).put('/api/words').send({ word: 'gubbins', means: 'grille' });
  expect((await request(app).get('/api/words')).body).toEqual([{ word: 'gubbins', means: 'grille' }]);
  expect((await request(app).delete('/api/words/gubbins')).body).toEqual([]);
  expect((await request(app).delete('/api/words/gubbins')).status).toBe(404);
});

it('says in words what is wrong with a word, and takes nothing', async () => {
  const { app } = server;
  const known = await request(app).put('/api/words').send({ word: 'door', means: 'wiper' });
  expect(known.status).toBe(400);
  expect(JSON.stringify(known.body)).toContain('understood already');
  expect((await request(app).get('/api/words')).body).toEqual([]);
});
