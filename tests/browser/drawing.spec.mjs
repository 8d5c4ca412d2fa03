// The drawing of the unit: the way to a part, in its grades, and the path of harm over it.
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { signIn, takeIn } from './people.mjs';

test('a part is tapped in the drawing, graded, and its face takes the colour of the grade', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Ice plant', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/parts`);
  const inOrder = page.getByRole('list', { name: 'Parts in the order in which they come off' });
  await expect(page.locator('.unitpicture [data-part=drive-gear]')).toHaveClass(/inside/);
  const wide = async (which) => (await page.locator(which).boundingBox()).width;
  expect(await wide('.unitdrawing .paper'), 'it has the whole width of its place').toBeGreaterThan(0.95 * (await wide('.unitdrawing')));
  // By keys: all parts, as the strip takes them, never from the back to the front.
  await expect(inOrder.getByRole('link').first()).toHaveText(/^Suction strainer/);
  await inOrder.getByRole('link', { name: 'Drive gear and shaft, still in the unit' }).focus();
  await expect(page.locator('.unitpicture [data-part=drive-gear]')).toHaveClass(/hand/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Drive gear and shaft' })).toBeVisible();
  const add = page.locator('form[action$="/findings"]');
  await add.getByLabel('Where', { exact: true }).selectOption('end-face');
  await add.getByLabel('Kind of damage').selectOption('scoring');
  await add.locator('label[for$="grade_3"]').click();
  await add.getByRole('button', { name: 'Keep the finding' }).click();
  await expect(page.locator('.finding')).toContainText('Scoring');
  await page.goto(`/cases/${number}/parts`);
  await expect(inOrder.getByRole('link', { name: 'Drive gear and shaft, grade 3' })).toHaveCount(1);
  const drawn = page.locator('.unitpicture [data-part=drive-gear]');
  await expect(drawn.locator('path[class^=g3]')).not.toHaveCount(0);
  // Its journal was not found damaged: it stays as it is.
  await expect(drawn.locator('path[class^=t]')).not.toHaveCount(0);
  await page.getByLabel('Names', { exact: true }).uncheck();
  await expect(page.locator('.labels [data-for=body]')).toBeHidden();
  await inOrder.getByRole('link', { name: /^Body/ }).focus();
  await expect(page.locator('.labels [data-for=body]')).toBeVisible();
  // The wear strip and the drawing point to each other.
  await expect(page.locator('#wear a[href$="/parts/body"]')).toHaveClass(/pointed/);
  await page.locator('#wear a[href$="/parts/coupling"]').focus();
  await expect(page.locator('.unitpicture [data-part=coupling]')).toHaveClass(/hand/);
});

test('the path of harm is played step by step, by button and by key', async ({ page }) => {
  await signIn(page, 'viewer');
  await page.goto('/cases/OQ-26-0109/chain');
  await page.getByRole('link', { name: 'The path of harm' }).click();
  const last = page.locator('.unitpicture .disc').last();
  await expect(last).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Step' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.locator('[data-at]')).toHaveText(/^1 of /);
  await expect(last).toBeHidden();
  await expect(page.locator('.harmsteps .now')).toContainText('Two block screws never tightened');
  await page.getByRole('button', { name: 'On' }).click();
  await expect(page.locator('[data-at]')).toHaveText(/^2 of /);
  await expect(page.locator('.unitpicture .disc[data-step="2"]')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((one) => `${one.id}: ${one.nodes[0]?.html}`)).toEqual([]);
});
