// What the shop remembers: the one-line question, completed, narrowed, kept and taken away.
import { readFileSync } from 'node:fs';
import { signIn } from './people.mjs';
import { expect, test } from './watch.mjs';

test('a question is typed in one line, completed by keys, narrowed by a tap, kept and taken away', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/');
  const line = page.locator('#search');
  await line.pressSequentially('block scored>=3 customer:qua');
  const words = page.locator('#search-words button');
  await expect(words.first()).toContainText('Quarry');
  await line.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(line).toHaveValue('block scored>=3 customer:Quarry ');
  await line.press('Enter');
  await expect(page).toHaveURL(/\/cases\?q=block/);
  await expect(page.locator('.terms')).toContainText('grade 3 or more');
  const found = Number(await page.locator('main h1 .num').textContent());
  expect(found).toBeGreaterThan(2);

  const narrower = page.locator('.facets a').first();
  const left = Number(await page.locator('.facets dd .num').first().textContent());
  await narrower.click();
  await expect(page.locator('main h1 .num')).toHaveText(String(left));
  await expect(page.locator('.floorlist > li').first()).toContainText('Quarry');

  await page.getByLabel('Keep this question as').fill('Scored at the quarry');
  await page.locator('.savedasks select[name=for]').selectOption('shop');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.locator('.savedasks')).toContainText('Scored at the quarry');
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'CSV' }).click()]);
  const rows = readFileSync(await file.path(), 'utf8')
    .trim()
    .split('\n');
  expect(rows).toHaveLength(left + 1);
  expect(rows[0]).toContain('number,family,unit');
  await page.goto('/');
  await page.getByRole('link', { name: 'Scored at the quarry' }).click();
  await expect(page.locator('main h1 .num')).toHaveText(String(left));
  await page.getByRole('button', { name: 'Drop “Scored at the quarry”' }).click();
  await expect(page.locator('.savedasks')).not.toContainText('Scored at the quarry');
});

test('what is not typed is tapped: family, part, grade and the kind of repair become words of the line', async ({ page }) => {
  await signIn(page, 'viewer');
  await page.goto('/cases?q=is:closed');
  await page.getByText('Narrow it by tapping').click();
  const narrow = page.locator('.narrow form');
  await narrow.getByLabel('Family').selectOption('external-gear-pump');
  await narrow.getByLabel('Repair').selectOption({ index: 1 });
  await narrow.getByLabel('Grade at least').selectOption('3');
  await narrow.getByRole('button', { name: 'Narrow' }).click();
  await expect(page.locator('.terms > li')).toHaveCount(4);
  await expect(page.locator('#search')).toHaveValue(/^is:closed family:external-gear-pump .*grade>=3.*repair:/);
});

test('more cases come as one scrolls, and a unit leads to its life', async ({ page }) => {
  await signIn(page, 'viewer');
  await page.goto('/cases?q=is:closed');
  await expect(page.locator('.floorlist > li').first()).toBeVisible();
  const before = await page.locator('.floorlist h3').count();
  await page.locator('.nextpage').scrollIntoViewIfNeeded();
  await expect.poll(() => page.locator('.floorlist h3').count()).toBeGreaterThan(before);
  await page.goto('/cases/OQ-26-0101/parts');
  await page.getByRole('button', { name: /^More/ }).click();
  await page.getByRole('link', { name: 'This unit’s life' }).click();
  await expect(page.locator('.unitlife > li').first()).toContainText('OQ-');
});

test('a closed case like the one in hand is opened beside it', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0102/chain');
  await page.locator('#alike').evaluate((node) => node.scrollIntoView());
  const first = page.locator('#alike li').first();
  await expect(first).toContainText('That one was:');
  await expect(first).toContainText('Both:');
  await first.getByRole('link').click();
  await expect(page).toHaveURL(/\/like\/OQ-/);
  await expect(page.locator('.beside thead')).toContainText('OQ-26-0102, in hand');
  await expect(page.locator('.beside tbody')).toContainText('Suction strainer');
});

test('the answer is shown by the book alone and with what the shop has seen', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0105/chain');
  const moved = page.locator('.bybook');
  await expect(moved).toContainText('closed cases of this shop');
  await moved.getByRole('link', { name: 'By the book alone' }).click();
  await expect(page.locator('.bybook')).toContainText('without what this shop has seen');
});

test('a warning is said on the floor and put away with a reason', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/');
  const said = page.locator('.ask', { hasText: 'in the last year' });
  // The floor says the newest few: when one goes, another may come in its place.
  const first = await said.first().locator('b').textContent();
  await said.first().getByRole('link').click();
  const sheet = page
    .locator('section', { hasText: 'in the last year' })
    .filter({ has: page.locator('.settle') })
    .first();
  await sheet.getByLabel('What is done about it').fill('The batch went back to the supplier.');
  await sheet.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.locator('main')).toContainText('The batch went back to the supplier.');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'On the floor' })).toBeVisible();
  await expect(said.filter({ hasText: first })).toHaveCount(0);
});

test('a batch is called back: which units have it, and a letter for each owner', async ({ page }) => {
  await signIn(page, 'desk');
  await page.goto('/batches');
  await page.getByLabel('Batch or date code').fill('K7-114');
  await page.keyboard.press('Enter');
  await expect(page.locator('main h1')).toHaveText('Batch K7-114');
  expect(await page.locator('table.plain tbody tr').count()).toBeGreaterThan(3);
  await page.getByLabel('Why it is called back').fill('Seals of this batch tear.');
  const [letters] = await Promise.all([
    page.waitForResponse(/batches-letters\?.*Seals\+of\+this\+batch/),
    page.getByRole('button', { name: 'A letter for each owner' }).click(),
  ]);
  expect(letters.status()).toBe(200);
  expect(letters.headers()['content-type']).toBe('application/pdf');
});
