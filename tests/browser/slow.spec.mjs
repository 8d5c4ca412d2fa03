// Readings on a slow or broken line: each is saved once, or says that it is not. Nothing that was typed goes without a word.
import { signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const inputs = (page, row) => page.locator(`#${row} .places input`);
const saving = (number) => new RegExp(`/cases/${number}/readings/`);
const field = (url) => new URL(url).pathname.split('/readings/')[1].replace('/', '-');

// Holds back the answers of one row after the other; `release` lets them go in the order asked for.
async function heldBack(page, number) {
  const waiting = new Map();
  await page.route(saving(number), async (route) => {
    const answer = await route.fetch();
    await new Promise((go) => waiting.set(field(route.request().url()), go));
    await route.fulfill({ response: answer });
  });
  return async (row) => {
    await expect.poll(() => waiting.has(row)).toBe(true);
    waiting.get(row)();
    waiting.delete(row);
  };
}

test('rows left one after the other are each saved, in whatever order the answers come', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  const release = await heldBack(page, number);
  const rows = { 'relief-spring-free-length': '37.9 mm', 'drive-gear-seal-land': '19.98 mm', 'body-wipe-depth': '0.03 mm' };
  for (const [row, size] of Object.entries(rows)) {
    await inputs(page, row).nth(0).fill(size);
    await inputs(page, row).nth(0).press('Enter');
  }
  for (const row of Object.keys(rows).reverse()) {
    await release(row);
    await expect(page.locator(`#${row} .verdictword`).first()).toHaveText('within');
  }
  await page.unroute(saving(number));
  await page.reload();
  for (const [row, size] of Object.entries(rows)) {
    await expect(inputs(page, row).nth(0)).toHaveValue(size);
  }
});

test('a row that is mended while its answer is on the way keeps what is typed now, and saves it', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  const release = await heldBack(page, number);
  const row = 'relief-spring-free-length';
  for (const [typed, mended] of [
    ['37.9 bar', '37.9 mm'],
    ['37.8 mm', '37.7 mm'],
  ]) {
    await inputs(page, row).nth(0).fill(typed);
    await inputs(page, row).nth(0).press('Enter');
    await inputs(page, row).nth(0).fill(mended);
    await inputs(page, row).nth(0).press('Enter');
    await release(row);
    await expect(inputs(page, row).nth(0)).toHaveValue(mended);
    await release(row);
    await expect(page.locator(`#${row} .verdictword`)).toHaveText('within');
    await expect(page.locator(`#${row} .wrong-words`)).toHaveCount(0);
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'viewer');
    await other.goto(`/cases/${number}/report`);
    await expect(other.locator('body')).toContainText(mended);
    await other.context().close();
  }
});

test('a row mended while another row is on its way is saved, though the answers are late', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  const release = await heldBack(page, number);
  await inputs(page, 'front-block-flatness').nth(0).fill('0.03 mm');
  await inputs(page, 'front-block-flatness').nth(1).fill('0.02 mm');
  await inputs(page, 'front-block-flatness').nth(1).press('Enter');
  await release('front-block-flatness');
  await expect(page.locator('#front-block-flatness .wrong-words')).toContainText('must be larger');
  await inputs(page, 'front-bushes-bore').nth(0).fill('20.05 mm');
  await inputs(page, 'front-block-flatness').nth(0).fill('0.01 mm');
  await inputs(page, 'front-block-flatness').nth(1).press('Enter');
  await release('front-bushes-bore');
  await expect(inputs(page, 'front-block-flatness').nth(0)).toHaveValue('0.01 mm');
  await release('front-block-flatness');
  await expect(page.locator('#front-block-flatness .verdictword').first()).toHaveText('undecided');
  await expect(inputs(page, 'front-block-flatness').nth(0)).toHaveValue('0.01 mm');
  await expect(inputs(page, 'front-bushes-bore').nth(0)).toHaveValue('20.05 mm');
});

test('a row whose answer never comes says that it is not saved, and is sent again', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  // The answer is awaited for a second here, not for twenty.
  await page.evaluate(() => {
    for (const form of document.querySelectorAll('form[data-row]')) {
      form.setAttribute('hx-request', '{"timeout":1000}');
    }
  });
  let lost = 0;
  await page.route(saving(number), async (route) => {
    if (lost++ === 0) {
      await route.fetch();
      return;
    }
    await route.continue();
  });
  await inputs(page, 'relief-spring-free-length').nth(0).fill('37.9 mm');
  await page.keyboard.press('Enter');
  await expect(page.locator('#relief-spring-free-length .saved')).toContainText('not saved yet');
  await expect(inputs(page, 'relief-spring-free-length').nth(0)).toHaveValue('37.9 mm');
  await expect(page.locator('#relief-spring-free-length .verdictword').first()).toHaveText('within');
  expect(lost).toBeGreaterThan(1);
});
