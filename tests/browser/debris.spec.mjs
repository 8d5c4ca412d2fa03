// What lay in a unit: its shape leads to the part that lacks it.
import { expect, test } from '@playwright/test';
import { signIn } from './people.mjs';

test('half a needle in the strainer leads to the joint that is counted short', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0111/parts/strainer');
  const find = page.locator('.finding', { hasText: 'needle, whole or half' });
  await expect(find.locator('.pieces li').nth(1)).toContainText('Output joint');
  await expect(find.locator('.pieces')).toContainText('needles: 87 of 88 counted out');
  await find.getByRole('link', { name: 'Output joint' }).click();
  await expect(page.getByRole('heading', { name: 'Output flange and joint' })).toBeVisible();
});

test('a piece that is told in the pan is asked after among the parts that have such', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0111/parts/cooler');
  await expect(page.getByText('Before it is washed')).toBeVisible();
  const add = page.locator('form[action$="/findings"]');
  await expect(add.getByLabel('Shape of a piece')).toBeHidden();
  await add.getByLabel('Kind of damage').selectOption('debris');
  await add.locator('label[for$="grade_2"]').click();
  await add.locator('input[value=steel]').check({ force: true });
  await add.getByLabel('Shape of a piece').selectOption('tooth-corner');
  await add.getByLabel('The largest piece').fill('about a nail');
  await add.getByRole('button', { name: 'Keep the finding' }).click();
  await expect(page.locator('.wrong-words')).toBeVisible();
  await page.getByLabel('The largest piece').first().fill('3 mm');
  await page.getByRole('button', { name: 'Keep the finding' }).click();
  const find = page.locator('.finding', { hasText: 'corner of a tooth; up to 3 mm' });
  await expect(find.locator('.pieces')).toContainText('Pinions');
  await expect(page.getByText('Before it is washed')).toHaveCount(0);
});
