// A unit without a plate is told by what lies on the bench; the plate is one witness among others.
import { expect, test } from '@playwright/test';
import { signIn, takeIn } from './people.mjs';

test('a pump without a plate is told by what is measured, taken as that model, and its limits follow', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Ice plant');
  await signIn(page, 'analyst');
  await page.goto(`/cases/${number}/readings`);
  await expect(page.getByText('say at intake which it is').first()).toBeAttached();

  await page.goto(`/cases/${number}/intake`);
  await page.getByRole('link', { name: 'Which unit it is' }).click();
  const features = page.locator('#features');
  await features.getByLabel('Pilot diameter').fill('50.8 mm');
  await features.getByLabel('Gear width').fill('14.98');
  await features.getByRole('button', { name: 'Keep what was measured' }).click();
  // A size without its unit is refused and stays; what was right beside it is kept.
  await expect(features.locator('.wrong-words')).toContainText('expected a number above nought with its unit');
  await expect(features.getByLabel('Gear width')).toHaveValue('14.98');
  await features.getByLabel('Gear width').fill('14.98 mm');
  await features.getByRole('button', { name: 'Keep what was measured' }).click();
  const leads = page.locator('.maybe.leads');
  await expect(leads).toContainText('Vintrey G17');
  await expect(leads).toContainText('Gear width 14.98 mm against 15 mm');
  await expect(page.locator('.maybe', { hasText: 'Vintrey G28' })).toContainText('11.02 mm too small');
  await leads.getByRole('button', { name: 'It is a Vintrey G17' }).click();
  await expect(page.locator('#model')).toContainText('Taken as Vintrey G17, told by');

  // The parts move what the plate says; with the wide gears of another they do not.
  await expect(page.locator('#moves')).toContainText('The two agree');
  await features.getByLabel('Gear width').fill('25.97 mm');
  await features.getByRole('button', { name: 'Keep what was measured' }).click();
  await expect(page.getByText('The parts move 72 % more than the plate says.')).toBeVisible();
  await expect(page.locator('.maybe.leads')).toContainText('Vintrey G28');

  // The variant that it is changes its parts.
  await page.locator('#variants').getByRole('radio', { name: 'Splined' }).check();
  await page.locator('#variants').getByLabel('Told by what').first().fill('no slot, no nut');
  await page.locator('#variants').getByRole('button', { name: 'Keep it' }).first().click();
  await expect(page.locator('#variants').getByLabel('Told by what').first()).toHaveValue('no slot, no nut');
  await page.goto(`/cases/${number}/readings`);
  await expect(page.getByText('14.965 mm').first()).toBeAttached();
  expect((await page.goto(`/cases/${number}/parts/shaft-key`)).status()).toBe(404);
});

test('a missing stroke stop makes a bigger pump, and the page says so', async ({ page }) => {
  await signIn(page, 'viewer');
  await page.goto('/cases/OQ-26-0106/identity');
  await expect(page.getByText('The parts move 21 % more than the plate says.')).toBeVisible();
  await expect(page.getByText('is the stroke limiter ring there')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep what was measured' })).toHaveCount(0);
});
