import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

describe('a monitor', () => {
  it('is told how database, disk and queues are, without signing in', async () => {
    const { body } = await request(server.app).get('/api/health').expect(200);
    expect(body).toMatchObject({
      status: 'up',
      database: 'open',
      disk: { isLow: false },
      queue: { files: 0, pictures: 0 },
    });
    expect(body.disk.free).toBeGreaterThan(0);
  });

  it('reads measures by route, never by address, on this machine alone', async () => {
    const token = 'Q'.repeat(27);
    await request(server.app).get(`/api/shared/${token}`);
    const { text, headers } = await request(server.app).get('/api/metrics').expect(200);
    expect(headers['content-type']).toContain('text/plain');
    expect(text).toMatch(
      /zelk_answer_seconds_count\{method="get",route="\/api\/shared\/:token",status="404"\} 1/,
    );
    expect(text).toMatch(/^zelk_disk_free_bytes \d+/m);
    expect(text).toMatch(/^# TYPE process_resident_memory_bytes gauge$/m);
    expect(text).not.toContain(token);
    // Each line is a comment or a sample (Prometheus text exposition format 0.0.4).
    for (const line of text.split('\n').filter(Boolean))
      expect(line).toMatch(/^# (HELP|TYPE) \S+ .+$|^[a-zA-Z_:][\w:]*(\{.*\})? [-+\dNaInf.e]+$/);
  });
});
