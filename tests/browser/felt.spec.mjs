// What a hand guessed counts until a gauge has spoken; then both stand.
import { expect, test } from '@playwright/test';
import { signIn, takeIn } from './people.mjs';

test('a size that was felt is replaced by its reading and stays beside it', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Fish quay', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/parts/drive-gear`);
  const land = page.locator('.readinglist > div', { hasText: 'Seal land diameter' });
  await land.getByText('Felt, not measured').click();
  await land.getByLabel('It feels like').fill('much too thin');
  await land.getByRole('button', { name: 'Keep the guess' }).click();
  const refused = page.locator('#refusal');
  await expect(refused).toContainText('How much does it feel like?');
  await refused.getByRole('button').first().click();
  await land.getByLabel('It feels like').fill('19 mm');
  await land.getByRole('radio', { name: 'across' }).check();
  await land.getByLabel('felt against a good one').check();
  await land.getByRole('button', { name: 'Keep the guess' }).click();
  await expect(land).toContainText('Felt: about 19 mm across, against a good one (bench 2)');

  await page.goto(`/cases/${number}/readings`);
  const row = page.locator('#drive-gear-seal-land');
  await row.locator('.places input').first().fill('19.98 mm');
  await row.locator('.places input').first().press('Enter');
  await expect(row.locator('.verdictword')).toHaveText('within');
  await page.goto(`/cases/${number}/parts/drive-gear`);
  await expect(land).toContainText('against a good one (bench 2); the reading counts');
  await expect(land.getByText('Felt, not measured')).toHaveCount(0);
});
