// A case goes out whole and is read in as one of another shop; a table is looked at, put right and taken in.
import { BY_THE_WORKER, signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

test('a signed case is packed, taken in as one of another shop, and read there', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0114/report');
  await page.getByRole('button', { name: 'Pack it' }).click();
  const packed = page.getByRole('link', { name: 'OQ-26-0114.zip' }).first();
  await expect(packed).toBeVisible(BY_THE_WORKER);
  const [download] = await Promise.all([page.waitForEvent('download'), packed.click()]);
  await page.getByLabel('Bundle').setInputFiles(await download.path());
  await page.getByRole('button', { name: 'Check it, and take it in' }).click();
  await expect(page.getByRole('heading', { name: /OQ-26-0114 from Ostrey Quay Works/ })).toBeVisible();
  await expect(page.locator('main')).toContainText('As it was signed by');
  await expect(page.locator('.shelf img').first()).toHaveJSProperty('complete', true);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(wide).toBeLessThanOrEqual(0);
});

test('a table is looked at first, put right in its place, and taken in', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Fish quay');
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/parts`);
  await page.getByRole('link', { name: 'From a table' }).click();
  const field = page.locator('textarea');
  await field.fill('part,surface,found,grade\nfront-block,face,scoring,3\ndrive-gear,,cleen,');
  await page.getByRole('button', { name: 'Look at it' }).click();
  await expect(page.getByRole('heading', { name: '2 lines, 1 refused' })).toBeVisible();
  await expect(page.locator('tr.no')).toContainText('“cleen” is no damage mode');
  await field.fill((await field.inputValue()).replace('cleen', 'clean'));
  await page.getByRole('button', { name: 'Look at it' }).click();
  await page.getByRole('button', { name: 'Take them in' }).click();
  await expect(page).toHaveURL(new RegExp(`/cases/${number}/parts$`));
  await expect(page.locator('main')).toContainText(/2 of \d+ looked/);
});
