import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { chromium } from '@playwright/test';
import { NELL } from './begin';
import { browserPath } from './browser';
import { expect, onlyAt, test } from './server';

/** A page of somebody else, on this machine too, that tries to plant a car and to read the yard. */
const page = (yard: string) => `<!doctype html><title>Elsewhere</title>
<form method="post" enctype="text/plain" action="${yard}/api/people" target="there"><input name='{"id":"018f0000-0000-7000-8000-0000000000aa","name":"' value='Planted"}'></form>
<iframe name="there"></iframe>
<script>
const outcomes = [];
const tries = [
  ['plain text', () => fetch('${yard}/api/imports/archive', { method: 'POST', mode: 'no-cors', headers: { 'Content-Type': 'text/plain' }, body: 'PK' })],
  ['a beacon', async () => navigator.sendBeacon('${yard}/api/imports/archive', new Blob(['PK'], { type: 'text/plain' }))],
  ['JSON', () => fetch('${yard}/api/people', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ id: '018f0000-0000-7000-8000-0000000000ab', name: 'Planted' }) })],
  ['reading', () => fetch('${yard}/api/people').then((r) => r.json())],
  ['a form', async () => document.forms[0].submit()],
];
(async () => {
  for (const [name, attempt] of tries) outcomes.push(name + ': ' + await attempt().then((r) => r && r.people ? 'read' : 'sent', () => 'stopped'));
  await new Promise((later) => setTimeout(later, 500));
  document.title = outcomes.join('; ');
})();
</script>`;

test(
  'a page of another origin reads nothing and plants nothing, and no other name leads in',
  onlyAt('desk', 'what a page may ask does not depend on the width'),
  async ({ ownServer: server }) => {
    const elsewhere: Server = createServer((_request, response) =>
      response.setHeader('Content-Type', 'text/html').end(page(server.origin)),
    );
    await new Promise<void>((listening) => elsewhere.listen(0, '127.0.0.1', listening));
    const { port } = elsewhere.address() as AddressInfo;
    const yardPort = new URL(server.origin).port;
    const browser = await chromium.launch({
      executablePath: browserPath,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        // A name that was made to lead to this machine, as a rebinding attack does it.
        '--host-resolver-rules=MAP evil.example 127.0.0.1',
      ],
    });
    try {
      const tab = await browser.newPage();
      await tab.goto(`http://127.0.0.1:${port}/`);
      await expect(tab).toHaveTitle(/a form: sent/);
      expect(await tab.title()).toContain('reading: stopped');
      expect(await (await server.fetch(`/api/people`)).json()).toEqual({
        people: [{ id: NELL, name: 'Nell Harrick' }],
      });
      expect((await (await server.fetch(`/api/cars`)).json()).cars).toEqual([]);

      const answer = await tab.goto(`http://evil.example:${yardPort}/api/cars`);
      expect(answer?.status()).toBe(421);
      expect(await tab.textContent('body')).not.toContain('cars"');
      expect((await tab.goto(`http://evil.example:${yardPort}/`))?.status()).toBe(421);
    } finally {
      await browser.close();
      elsewhere.close();
    }
  },
);
