// A claim's papers are made, fetched, and their sums checked; a customer opens the link on a phone, and chooses.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { BY_THE_WORKER, signIn } from './people.mjs';

test('the papers of a claim are made, and the sums of the bundle agree', async ({ page }) => {
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0109/warranty');
  await page.getByRole('button', { name: /Draft/ }).first().click();
  await expect(page.getByRole('heading', { name: /Claim OQ-26-0109-C\d+: drafted/ })).toBeVisible();
  await page.getByLabel('Parts', { exact: true }).fill('480.00 EUR');
  await page.getByLabel('Labour (not paid by this policy)').fill('120.00 EUR');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.locator('.stagehead')).toContainText('280.00 EUR');
  await page.getByRole('button', { name: 'Make the papers' }).click();
  await expect(page.getByRole('link', { name: /\.zip$/ })).toBeVisible(BY_THE_WORKER);
  const waits = page.waitForEvent('download');
  await page.getByRole('link', { name: /\.zip$/ }).click();
  const folder = mkdtempSync(path.join(tmpdir(), 'claim-'));
  try {
    await (await waits).saveAs(path.join(folder, 'claim.zip'));
    execFileSync('unzip', ['-q', 'claim.zip'], { cwd: folder });
    execFileSync('sha256sum', ['--strict', '-c', 'SHA256SUMS'], { cwd: folder });
    const claim = JSON.parse(readFileSync(path.join(folder, 'claim.json'), 'utf8'));
    expect(claim.claimed).toBe('280.00 EUR');
    expect(claim.photos.length).toBeGreaterThan(0);
    for (const photo of claim.photos) {
      expect(execFileSync('sha256sum', [photo.file], { cwd: folder, encoding: 'utf8' }).slice(0, 64)).toBe(photo.sha256);
    }
  } finally {
    rmSync(folder, { recursive: true });
  }
  await page.getByLabel('On', { exact: true }).fill(new Date().toISOString().slice(0, 10));
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/It asks for what is not there/)).toBeVisible();
});

test('a customer opens the link on a phone, answers and chooses; an altered and an expired link open nothing', async ({
  page,
  browser,
}) => {
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0106/repair');
  for (const kind of ['not-worth', 'as-it-was']) {
    const price = page.locator(`#${kind} .price`);
    if (!(await price.isVisible())) {
      await page.locator(`#${kind}`).getByRole('button', { name: 'Work it out', exact: true }).click();
    }
    await expect(price).toBeVisible();
  }
  const links = page.locator('.linkfield');
  const offered = async (told, asked = '') => {
    const before = await links.count();
    const story = page.getByLabel('What failed and why, in plain words');
    (await story.isVisible()) || (await page.getByText('Make an offer of the options above').click());
    await story.fill(told);
    await page.getByLabel('Questions to them, one a line').fill(asked);
    // Some parts have no price: that is sent only by somebody who saw it.
    await page.getByRole('checkbox', { name: /Send it although/ }).check();
    await page.getByRole('button', { name: 'Make the page and its link' }).click();
    await expect(links).toHaveCount(before + 1);
    return links.first().inputValue();
  };
  const link = await offered('A ring was left out in the last repair.', 'Who repaired it last?');
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const customer = await phone.newPage();
  await customer.goto(link);
  await expect(customer.getByText('A ring was left out in the last repair.')).toBeVisible();
  await expect(customer.getByText('Not in these prices:').first()).toBeVisible();
  expect((await new AxeBuilder({ page: customer }).analyze()).violations.map((v) => `${v.id}: ${v.nodes[0].html.slice(0, 160)}`)).toEqual(
    [],
  );
  await customer.getByLabel('Your answer').fill('A yard on the mainland.');
  await customer.getByRole('button', { name: 'Send the answer' }).click();
  await expect(customer.getByText('A yard on the mainland.')).toBeVisible();
  await customer.locator('label[for="choice-as-it-was"]').click();
  await customer.getByLabel('Your name').fill('ferry master');
  await customer.getByRole('button', { name: 'Send what I choose' }).click();
  await expect(customer.getByText('You chose: repaired as it was.')).toBeVisible();
  await customer.goto(link.replace(/_expiration=\d+/, '_expiration=1700000000'));
  await expect(customer.getByText(/was changed on its way/)).toBeVisible();
  await expect(customer.getByText('To the floor')).toHaveCount(0);
  await page.reload();
  await expect(page.locator('#offers')).toContainText('chosen: repaired as it was by ferry master');
  // A second offer whose last day has passed.
  const second = await offered('As told before.');
  await customer.goto(second);
  await expect(customer.getByText('As told before.')).toBeVisible();
  const id = new URL(second).pathname.split('/').pop();
  execFileSync('/usr/lib/postgresql/15/bin/psql', [
    '-q',
    process.env.DATABASE_URL.replace(/\?.*$/, ''),
    '-c',
    `UPDATE offer SET valid_until = now() - interval '2 days' WHERE id = '${id}'`,
  ]);
  await customer.goto(second);
  await expect(customer.getByText('This link has expired.')).toBeVisible();
  await phone.close();
  await page.goto('/cases/OQ-26-0106/intake');
  await expect(page.getByText('Asked “Who repaired it last?”: A yard on the mainland.').first()).toBeVisible();
});
