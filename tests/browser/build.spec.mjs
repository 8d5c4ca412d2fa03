// A build sheet is stopped by a clearance out of range, told what to do, and mended.
import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { signIn } from './people.mjs';

test('a soak has a clock that survives a reload, and the complaint is repeated', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0105/proof');
  const direction = page.locator('.build > li').first();
  await direction.getByLabel('Read, or seen').fill('as the arrow, turns evenly');
  await direction.getByRole('button', { name: 'Passed' }).click();
  await expect(direction).toContainText('passed');
  await page.getByRole('button', { name: 'Start its clock: 5 min' }).click();
  await expect(page.locator('[data-clock] b')).toHaveText(/4:\d\d left/);
  await page.reload();
  await expect(page.locator('[data-clock] b')).toHaveText(/4:\d\d left/);
  const soak = page.locator('.build > li').filter({ has: page.locator('[data-clock]') });
  await soak.getByLabel('Read, or seen').fill('quiet');
  await soak.getByRole('button', { name: 'Passed' }).click();
  await expect(page.getByText(/0 of 5 min have passed/)).toBeVisible();
  await expect(page.locator('.build > li').last()).toContainText('The complaint’s own conditions');
});

test('a clearance out of its target stops the build until it is mended', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0105/build');
  const hand = page.locator('#in-hand');
  await expect(hand).toContainText('Side clearance: 0.060 mm to 0.110 mm');
  await page.getByLabel('Read, several with a semicolon').fill('0.22 mm; 0.24 mm');
  await page.getByLabel('Shims that are in now').fill('1.20 mm');
  await page.getByLabel('Shims on the shelf, each with how many').fill('1.25mm; 1.35mmx2');
  await page.getByRole('button', { name: 'Sign this step' }).click();
  await expect(hand).toContainText('0.23 mm is too loose by 0.12 mm.');
  await expect(hand).toContainText('Lay in 1.35 mm: then it is 0.08 mm.');
  await expect(hand).toContainText('Side clearance', { useInnerText: true });
  await page.getByLabel('Read, several with a semicolon').fill('0.08 mm');
  await page.getByRole('button', { name: 'Try it again' }).click();
  await expect(hand).toContainText('Lubrication');
  await page.getByText('Done as the book says').click();
  await page.getByRole('button', { name: 'Sign this step' }).click();
  await expect(hand).toContainText('Rear cover');
  // A facing is ticked, its pins are counted in, somebody looks on; without a picture it is not signed.
  for (const tick of await hand.getByRole('checkbox').all()) {
    await tick.check();
  }
  for (const count of await hand.locator('input[name^="counts"]').all()) {
    await count.fill('2');
  }
  if (await hand.getByLabel(/who looked on/).isVisible()) {
    await hand.getByLabel(/who looked on/).fill('apprentice');
  }
  await hand.getByRole('button', { name: 'Sign this step' }).click();
  await expect(page.getByText(/a facing is signed with a picture/)).toBeVisible();
  await hand.locator('input[type=file]').setInputFiles('demo/photos/block-good.jpg');
  for (const tick of await hand.getByRole('checkbox').all()) {
    await tick.check();
  }
  await hand.getByRole('button', { name: 'Sign this step' }).click();
  await expect(hand).toContainText('Cover screws in');
  await expect(page.locator('.build .done').filter({ hasText: 'Rear cover' }).getByAltText('As fitted')).toBeVisible();
});

test('a run of the stand passes, and fails with the fault that was set', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0101/proof');
  for (const [fault, says] of [
    ['none', /Passed: 100 % of the run/],
    ['worn', /Missed: .* It falls short only once it is warm/],
    ['air', /Missed: .* It falls short cold as well/],
  ]) {
    const buffer = execFileSync('php', ['stand-ins/stand/stand', `--fault=${fault}`, '--minutes=4']);
    await page.getByLabel('A recording, as CSV').setInputFiles({ name: `${fault}.csv`, mimeType: 'text/csv', buffer });
    await page.getByRole('button', { name: 'Take the recording' }).click();
    const first = page.locator('.recording').first();
    await expect(first).toContainText(`${fault}.csv`);
    await expect(first).toContainText(says);
    await expect(first.locator('svg')).toHaveCount(4);
  }
  await page.getByLabel('A recording, as CSV').setInputFiles({ name: 'back.csv', mimeType: 'text/csv', buffer: Buffer.from('time [s],flow [L/min]\n0,1\n2,1\n1,1\n') });
  await page.getByRole('button', { name: 'Take the recording' }).click();
  await expect(page.getByText('back.csv was not taken. Line 4 steps back in time')).toBeVisible();
});
