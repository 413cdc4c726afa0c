import { fakeRecognition, hear } from './fakeRecognition';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';

test(
  'a walk is talked through: shown at once, logged when it stands, asked where it is open, taken back by word and by thumb',
  onlyAt('phone', 'it is used with one hand, at the car'),
  async ({ page, beginWalk }) => {
    await fakeRecognition(page);
    await beginWalk();
    await page.goto(`${new URL(page.url()).origin}${new URL(page.url()).pathname}/talk`);
    // Nothing listens before it is told to, and it is said who hears.
    await page.getByRole('button', { name: 'Listen' }).click();
    await expect(page.getByText('Many browsers send what they hear to their maker')).toBeVisible();
    await noAxeFindings(page);
    await page.getByRole('button', { name: 'Let the browser listen' }).click();

    const said = page.getByRole('list', { name: 'Last three statements' }).locator('> li');
    await hear(page, 'nearside front door has a', false);
    await hear(page, 'nearside front door has a dent', false);
    await expect(said).toHaveText(['Nearside front door (left): Dent']);
    await hear(page, 'nearside front door has a dent twenty mil');
    await expect(said.getByLabel('Heard')).toBeVisible();
    // A browser that stops by itself is begun again.
    await page.evaluate(() => (window as never as { giveUp: () => void }).giveUp());
    await hear(page, 'the wheel is kerbed and the rear door is fine');
    // One falls silent: all of it stands.
    await expect(said.getByLabel('Logged')).toHaveCount(3);
    // Corrected, it is taken back and logged where it belongs.
    await hear(page, 'and the rear wheel has a scratch on it no that is just dirt');
    await expect(said).toHaveCount(3);
    await expect(said.last()).not.toContainText('Scratch');
    // A side nobody said is asked.
    await hear(page, 'round to the front headlamp is cracked');
    const open = said.filter({ hasText: 'Which headlamp' });
    await open.getByRole('button', { name: 'Offside headlamp (right)' }).click();
    await expect(said.last().getByLabel('Logged')).toBeVisible();
    await noAxeFindings(page);
    await fitsSideways(page);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(said.filter({ hasText: 'headlamp' })).toHaveCount(0);

    // No microphone: said in words, and the keyboard takes over.
    await page.evaluate(() => (window as never as { fail: (e: string) => void }).fail('audio-capture'));
    await expect(page.getByText('No microphone was found')).toBeVisible();
    await page.getByRole('button', { name: 'Another way' }).click();
    await page.getByRole('button', { name: 'Dictate with the keyboard' }).click();
    await page.getByLabel('Tap here, then the microphone').fill('roof has no dents');
    await page.getByLabel('Tap here, then the microphone').press('Enter');
    const roof = said.filter({ hasText: 'Roof: no dent' });
    await expect(roof).toContainText('only named faults were said not to be there');
    await roof.getByRole('button', { name: 'Log it' }).click();
    await expect(roof.getByLabel('Logged')).toBeVisible();
    await noAxeFindings(page);

    // All of it is in the walk, and what was taken back is not.
    await page.getByRole('link', { name: 'The walk' }).click();
    await page.goto(`${page.url().split('?')[0]}?deck=log`);
    await expect(page.getByText('Nearside front door (left), dent: logged')).toBeVisible();
    const headlamp = page.getByRole('listitem').filter({ hasText: 'Offside headlamp (right)' });
    await expect(headlamp.getByRole('button', { name: 'Bring back' })).toBeVisible();
  },
);

test(
  'a sample shows how it goes, and nothing of it is logged',
  onlyAt('phone', 'what is understood does not depend on the width'),
  async ({ page, beginWalk }) => {
    await beginWalk();
    await page.goto(`${new URL(page.url()).origin}${new URL(page.url()).pathname}/talk`);
    await page.getByRole('button', { name: 'Watch a sample' }).click();
    await expect(page.getByText('A sample: nothing of it is logged.')).toBeVisible();
    await expect(page.getByText('Nearside front wheel (left): Kerbing, about 40 mm long')).toBeVisible({
      timeout: 20_000,
    });
    await page.getByRole('button', { name: 'Stop the sample' }).click();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.getByRole('link', { name: 'The walk' }).click();
    await expect(page.getByRole('img', { name: 'Finding 1' })).toHaveCount(0);
  },
);
