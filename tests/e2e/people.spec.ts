import type { Browser, Page } from '@playwright/test';
import { OWNER_PASSWORD, RunningServer } from '../builders/runningServer';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

const phone = { width: 390, height: 844 };

/** A browser of somebody's own, with nothing in it. */
const newBrowser = async (browser: Browser): Promise<Page> =>
  (await browser.newContext({ viewport: phone, reducedMotion: 'reduce' })).newPage();

/** The address a code on the screen stands for. */
const addressOn = async (page: Page): Promise<string> =>
  (await page.getByText(/\/enter#/).textContent()) ?? '';

async function signIn(page: Page, origin: string, name: string, password = OWNER_PASSWORD): Promise<void> {
  await page.goto(origin);
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
}

test(
  'a yard is opened by its first owner, who asks somebody in; they walk, and their entries bear their name',
  onlyAt('phone', 'what is asked does not depend on the width'),
  async ({ page, browser }) => {
    const server = new RunningServer(null);
    await server.start();
    try {
      // Whoever has no address is told where to find it.
      await page.goto(server.origin);
      await expect(page.getByText(/Nobody belongs to this yard yet/)).toBeVisible();
      await noAxeFindings(page);
      await page.goto(server.firstAddress);
      await page.getByLabel('Your name, as it signs reports').fill('Ada Quill');
      await page.getByLabel('A password of your own').fill('password123');
      await page.getByRole('button', { name: 'Come in' }).click();
      await expect(page.getByText(/on every list of guesses/)).toBeVisible();
      await page.getByLabel('A password of your own').fill('ferry slipway gull');
      await noAxeFindings(page);
      await page.getByRole('button', { name: 'Come in' }).click();
      await expect(page.getByRole('heading', { name: 'Stock list' })).toBeVisible();
      expect(page.url()).not.toContain('#');

      await page.getByRole('link', { name: 'Ada Quill: you and this device' }).click();
      await page.getByRole('link', { name: 'People of the yard' }).click();
      await page.getByLabel('Name, as it signs reports').fill('Bram Oake');
      await page.getByRole('button', { name: 'Ask them in' }).click();
      await expect(page.getByText('Bram Oake, for “Walk”')).toBeVisible();
      await noAxeFindings(page);
      await fitsSideways(page);

      const his = await newBrowser(browser);
      const invited = await addressOn(page);
      await his.goto(invited);
      await expect(his.getByRole('heading', { name: 'Welcome, Bram Oake' })).toBeVisible();
      await his.getByLabel('A password of your own').fill('gravel lantern tide');
      await his.getByRole('button', { name: 'Come in' }).click();
      await expect(his.getByRole('heading', { name: 'Stock list' })).toBeVisible();
      // It opened once.
      const late = await newBrowser(browser);
      await late.goto(invited);
      await expect(late.getByText(/It opens once/)).toBeVisible();
      // Who walks cars adds them; the yard's settings and people are not shown to them.
      await expect(his.getByRole('link', { name: 'Add car' })).toBeVisible();
      await expect(his.getByRole('link', { name: 'The yard on its reports' })).toHaveCount(0);
      await his.getByRole('link', { name: 'Bram Oake: you and this device' }).click();
      await expect(his.getByRole('button', { name: 'Show the code' })).toBeVisible();
      await expect(his.getByRole('link', { name: 'People of the yard' })).toHaveCount(0);
      await noAxeFindings(his);
      await fitsSideways(his);

      await page.goto(`${server.origin}/people/log`);
      await expect(page.getByText('Bram Oake joined by an invitation')).toBeVisible();
      await noAxeFindings(page);
      for (const each of [his, late]) await each.context().close();
    } finally {
      await server.end();
      server.remove();
    }
  },
);

test(
  'a phone is brought by a code, shared by a PIN, and signed out from elsewhere when it is lost',
  onlyAt('phone', 'what is asked does not depend on the width'),
  async ({ page, ownServer: server, browser }) => {
    await page.context().addCookies(server.cookies);
    await page.goto(`${server.origin}/me`);
    await page.getByRole('button', { name: 'Show the code' }).click();
    await expect(page.getByRole('img', { name: /code for a phone/ })).toBeVisible();
    const mobile = await newBrowser(browser);
    await mobile.goto(await addressOn(page));
    await expect(mobile.getByRole('heading', { name: 'Stock list' })).toBeVisible();

    // Somebody else joins, and sets a PIN on the same phone.
    const invited = await server.post('/api/invitations', { name: 'Bram Oake', role: 'walk' });
    const { token } = (await invited.json()) as { token: string };
    await mobile.goto(`${server.origin}/enter#${token}`);
    await mobile.getByLabel('A password of your own').fill('gravel lantern tide');
    await mobile.getByRole('button', { name: 'Come in' }).click();
    await mobile.getByRole('link', { name: 'Bram Oake: you and this device' }).click();
    await mobile.getByRole('button', { name: 'Set a PIN' }).click();
    await mobile.getByLabel('Six digits').fill('123456');
    await expect(mobile.getByText(/tried first/)).toBeVisible();
    await mobile.getByLabel('Six digits').fill('802714');
    await expect(mobile.getByText('You have a PIN on this device.')).toBeVisible();
    await mobile.getByRole('button', { name: 'Sign out' }).click();
    // The way back is a tap and six digits.
    await expect(mobile.getByRole('heading', { name: 'On this device before' })).toBeVisible();
    await noAxeFindings(mobile);
    await mobile.getByRole('button', { name: 'Bram Oake' }).click();
    await mobile.getByLabel('PIN').fill('111222');
    await expect(mobile.getByText('That is not the PIN. 4 more tries.')).toBeVisible();
    await mobile.getByLabel('PIN').fill('802714');
    await expect(mobile.getByRole('region', { name: 'Who is here' })).toContainText('Bram Oake');
    await mobile.goto(server.origin);
    await expect(mobile.getByRole('heading', { name: 'Stock list' })).toBeVisible();

    // Lost: the owner signs it out, and what it does next asks to sign in.
    await page.reload();
    await page.getByRole('button', { name: 'Sign it out' }).first().click();
    await page.getByRole('button', { name: /^Sign out (Phone|Computer)$/ }).click();
    await mobile.getByLabel('Search the stock list').fill('any');
    await expect(mobile.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await expect(mobile.getByRole('heading', { name: 'On this device before' })).toHaveCount(0);
    await signIn(mobile, server.origin, 'Bram Oake', 'wrong');
    await expect(mobile.getByText('Name and password do not go together. Check both.')).toBeVisible();
    await expect(mobile.getByLabel('Name')).toHaveValue('Bram Oake');
    await mobile.context().close();
  },
);

test(
  'what was said while signed out waits, and goes out under the name of who said it',
  onlyAt('phone', 'what waits does not depend on the width'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    const devices = (await (await server.fetch('/api/devices')).json()) as { devices: { id: string }[] };
    expect(devices.devices.length).toBeGreaterThan(0);
    // The session ends behind the phone's back.
    await page.context().clearCookies();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await expect(page.getByText(/on this device to be sent/)).toBeVisible();
    await page.getByLabel('Name').fill('nell harrick');
    await page.getByLabel('Password').fill(OWNER_PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByText(/Stop \d+ of/)).toBeVisible();
    await expect
      .poll(async () => {
        const { entries } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
          entries: { kind: string }[];
        };
        return entries.filter(({ kind }) => kind === 'part-cleared').length;
      })
      .toBe(1);
  },
);

test(
  'a passkey opens what a password did, and nothing once it is taken off',
  onlyAt('phone', 'what a device holds does not depend on the width'),
  async ({ ownServer: server, browser }) => {
    // Passkeys are bound to a name: an address of digits has none.
    const origin = server.origin.replace('127.0.0.1', 'localhost');
    const page = await newBrowser(browser);
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('WebAuthn.enable');
    await cdp.send('WebAuthn.addVirtualAuthenticator', {
      options: {
        protocol: 'ctap2',
        transport: 'internal',
        hasResidentKey: true,
        hasUserVerification: true,
        isUserVerified: true,
        automaticPresenceSimulation: true,
      },
    });
    await signIn(page, origin, 'Nell Harrick');
    await page.getByRole('link', { name: 'Nell Harrick: you and this device' }).click();
    await page.getByRole('button', { name: 'Add a passkey' }).click();
    await expect(page.getByText(/not used yet/)).toBeVisible();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByRole('button', { name: 'Use a passkey' }).click();
    await expect(page.getByText(/last used/)).toBeVisible();
    await page.getByRole('button', { name: 'Take it off' }).click();
    await expect(page.getByText(/last used/)).toHaveCount(0);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByRole('button', { name: 'Use a passkey' }).click();
    await expect(page.getByText(/It was taken off, or is of another yard/)).toBeVisible();
    // By its number the same yard says why there is none.
    await page.goto(`${server.origin}/`);
    await expect(page.getByRole('button', { name: 'Use a passkey' })).toHaveCount(0);
    await page.context().close();
  },
);
