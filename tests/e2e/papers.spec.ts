import type { Entry } from '#core/walk';
import { cleanAtBothWidths } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter, saved, sign } from './steps';

const history = [
  '9.8k 05/2018 stamp main dealer minor service',
  '19,640 17/05/2019 stamp main dealer oil, oil filter, pollen filter',
  '31.2k 04/2020 invoice Harrow Lane Motors oil and filter, brake fluid',
  '2021-04-19 40112 electronic main dealer major service, plugs',
  'Jun 2022 15k stamp independent oil change',
  '63,980 mi 06/2023 invoice garage timing belt, water pump, coolant',
  '72 07/2024 stamp specialist service',
  '31/02/2025 80k stamp oil',
];

test(
  'a service history is typed in one field, doubtful lines are asked about, and what does not fit is found',
  onlyAt('desk', 'both widths are looked at on the way'),
  async ({ page, server, beginWalk }) => {
    const { walk } = await beginWalk();
    await page.getByRole('button', { name: 'Route, laps and conditions' }).click();
    await page.getByRole('link', { name: 'Papers' }).click();
    await page.getByLabel('Service record, a line each').fill(history.join('\n'));
    await page.getByRole('button', { name: 'Enter these lines' }).click();
    // The line that cannot be stays in the field, the doubtful one waits for a word.
    await expect(page.getByRole('alert').filter({ hasText: 'no such day' })).toBeVisible();
    await expect(page.getByLabel('Service record, a line each')).toHaveValue('31/02/2025 80k stamp oil');
    await expect(page.getByText(/Is “72” a distance\? If so, type 72k/)).toBeVisible();
    await page.getByRole('button', { name: 'Change it' }).click();
    await page.getByLabel('Service record, a line each').fill('72k 07/2024 stamp specialist service');
    await page.getByRole('button', { name: 'Enter these lines' }).click();
    await expect(page.getByRole('button', { name: /^Take off/ })).toHaveCount(7);
    // 15,000 between 40,112 and 63,980: 51,000 with its figures swapped.
    await expect(
      page.getByText(
        /15,000 miles on 1 June 2022 does not fit between 40,112 miles and 63,980 miles; 51,000 miles would/,
      ),
    ).toBeVisible();
    await expect(page.getByRole('img', { name: /7 dated figures, 1 that do not fit/ })).toBeVisible();
    await page.getByRole('button', { name: /^Take off Jun 2022/ }).click();
    await expect(page.getByText(/does not fit between/)).toHaveCount(0);

    for (const [label, value, says] of [
      ['Keepers', '0', '1 to 99 keepers'],
      ['Keys', '11', 'At most 10 keys'],
      ['Inspection until', '31/02/2027', 'no such day'],
    ] as const) {
      await page.getByLabel(label, { exact: true }).fill(value);
      await page.keyboard.press('Tab');
      await expect(page.getByText(new RegExp(says))).toBeVisible();
      await page.getByLabel(label, { exact: true }).fill('');
    }
    await page.getByLabel('Keepers', { exact: true }).fill('3');
    await page.getByLabel('Keys', { exact: true }).fill('2');
    await page.getByLabel('Keys tried').fill('1');
    await page.getByLabel('Inspection until').fill('01/01/2020');
    await page.getByLabel('Identity plate').fill('XZ9FT1A40HK000104');
    await page.getByLabel('Registration paper', { exact: true }).fill('XZ9FT1A40HK000184');
    await page.keyboard.press('Tab');
    await expect(page.getByText(/expired 1 January 2020/)).toBeVisible();
    await expect(page.getByText('1 of 2 keys not tried.')).toBeVisible();
    await expect(page.getByText(/differ at place 16 \(0 against 8\)/)).toBeVisible();

    await page.getByLabel('Timing belt every, miles').fill('60,000');
    await page.keyboard.press('Tab');
    await expect(page.getByText('Enter the service interval too.')).toBeVisible();
    await page.getByLabel('Service every, miles').fill('10,000');
    await page.getByLabel('or every, months').fill('12');
    await page.keyboard.press('Tab');
    await expect(
      page.getByText(/Timing belt: changed June 2023, 63,980 miles; due at 123,980 miles/),
    ).toBeVisible();

    await page
      .getByLabel('Service record, a line each')
      .fill('74.9k 02/03/2025 certificate\n76k certificate\n76k 02/03/2031 photo');
    await page.getByRole('button', { name: 'Enter these lines' }).click();
    await expect(page.getByText('odometer on a certificate')).toBeVisible();
    await expect(page.getByText(/needs both its date and its distance/)).toBeVisible();
    await expect(page.getByLabel('Service record, a line each')).toHaveValue(
      '76k certificate\n76k 02/03/2031 photo',
    );
    await cleanAtBothWidths(page);
    await saved(page);
    const { entries } = (await (await server.fetch(`/api/walks/${walk}`)).json()) as {
      entries: Entry[];
    };
    expect(entries.filter(({ kind }) => kind === 'service-noted')).toHaveLength(7);

    await page.goto(`${server.origin}/walks/${walk}/report`);
    await sign(page);
    await page.waitForURL(/\/reports\//);
    await openEveryChapter(page);
    await expect(page.getByRole('heading', { name: 'Papers', exact: true })).toBeVisible();
    await expect(
      page.getByText(/June 2023, 63,980 miles: belt, water pump, coolant; garage; invoice/),
    ).toBeVisible();
    await cleanAtBothWidths(page);
  },
);
