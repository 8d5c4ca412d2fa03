// Parts judged one by one by a quick hand: what is pressed before an answer is there goes to the part that was shown then.
import { signIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const OF = '/cases/OQ-26-0110/one-by-one';

// The part in hand, without its grade; each tap as it reaches the server.
async function inHand(page) {
  await signIn(page, 'analyst');
  await page.goto(OF);
  const taps = [];
  page.on('request', (request) => {
    if (request.method() === 'POST' && request.url().includes('/one-by-one/')) {
      const sent = new URLSearchParams(request.postData());
      taps.push([request.url().split('/').at(-1), sent.get('grade') ?? sent.get('disposition'), request.isNavigationRequest()].join(' '));
    }
  });
  const key = () => page.locator('form.taps').evaluate((form) => form.getAttribute('action').split('/').at(-1));
  return { taps, key };
}

// A clean part, and the page has taken up the answer.
async function graded(page) {
  const settled = page.evaluate(() => new Promise((done) => document.addEventListener('htmx:afterSettle', () => done(), { once: true })));
  await page.keyboard.press('0');
  await settled;
}

test('a grade and a decision pressed in one go are both for the part in view', async ({ page }) => {
  const { taps, key } = await inHand(page);
  await page.route('**/one-by-one/*', async (route) => {
    await new Promise((done) => setTimeout(done, 300));
    await route.continue();
  });
  const first = await key();
  await page.keyboard.press('0');
  await page.keyboard.press('0');
  await page.keyboard.press('u');
  await expect.poll(key).not.toBe(first);
  expect(taps).toEqual([`${first} 0 false`, `${first} reuse false`]);
});

test('what is pressed twice, or when the next part is in view already, is not said of the next part', async ({ page }) => {
  const { taps, key } = await inHand(page);
  const first = await key();
  await graded(page);
  await page.route('**/one-by-one/*', async (route) => {
    await new Promise((done) => setTimeout(done, 300));
    await route.continue();
  });
  await page.keyboard.press('u');
  await page.keyboard.press('o');
  await page.keyboard.press('u');
  await expect.poll(key).not.toBe(first);
  await page.waitForTimeout(500);
  expect(taps).toEqual([`${first} 0 false`, `${first} reuse false`]);
  await expect(page.locator('.partlist [aria-current] small')).not.toHaveText(/reuse|run/i);
});

test('what is pressed in the moment in which the next part appears is sent for that part, without a new page', async ({ page }) => {
  const { taps, key } = await inHand(page);
  const first = await key();
  await graded(page);
  // As soon as the answer is in the page, before anything has taken it up.
  await page.evaluate(() => {
    window.same = true;
    const press = () => document.body.dispatchEvent(new KeyboardEvent('keydown', { key: '0', bubbles: true }));
    document.addEventListener('htmx:afterSwap', press, { once: true });
  });
  await page.keyboard.press('u');
  await expect.poll(() => taps.length).toBe(3);
  const second = await key();
  expect(taps).toEqual([`${first} 0 false`, `${first} reuse false`, `${second} 0 false`]);
  await expect(page.locator('button[name=grade][value="0"]')).toHaveAttribute('aria-pressed', 'true');
  expect(await page.evaluate(() => window.same)).toBe(true);
});
