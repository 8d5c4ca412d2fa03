// The demo people and how the browser is started, for tests and pictures alike.
import { existsSync } from 'node:fs';

// Debian's browser without its windows, or the whole one.
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

export const PASSWORD = 'ostrey-quay';

// What the worker makes stands behind all that was asked for before.
export const BY_THE_WORKER = { timeout: 300_000 };

export const launchOptions = {
  executablePath: process.env.CHROMIUM ?? BROWSERS.find((one) => existsSync(one)),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
  ],
};

// Log-ins are kept for the tests that follow in the same worker: the page that takes a password is walked once for each of
// the people, and again when a test has ended the session. It leads nowhere: what is looked at first is the test's own.
const kept = new Map();

export async function signIn(page, name) {
  const context = page.context();
  await context.addCookies(kept.get(name) ?? []);
  const here = await context.request.get('/figures', { maxRedirects: 0 });
  if (here.status() !== 200) {
    await logIn(page, name);
    kept.set(name, await context.cookies());
  }
}

// One tap on the page of a part. The words stand on the page before, too: only the answer says that it is kept.
export async function lookedClean(bench) {
  await Promise.all([
    bench.waitForResponse((one) => one.url().endsWith('/clean')),
    bench.getByRole('button', { name: 'The whole part: looked, clean' }).click(),
  ]);
}

export async function logIn(page, name) {
  await page.goto('/login');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('.people .who').waitFor({ state: 'attached' });
}

// A unit that the desk takes in, over the form and without its page; its number.
export async function takeIn(browser, family, whose, unit = {}) {
  const context = await browser.newContext();
  await signIn(await context.newPage(), 'desk');
  const at = `/cases/new?family=${family}`;
  const token = (await (await context.request.get(at)).text()).match(/name="unit\[_token\]"[^>]*value="([^"]+)"/)[1];
  const taken = await context.request.post(at, {
    form: {
      'unit[customer]': whose,
      'unit[_token]': token,
      ...Object.fromEntries(Object.entries(unit).map(([field, value]) => [`unit[${field}]`, value])),
    },
  });
  await context.close();
  return taken.url().match(/cases\/([^/]+)\//)[1];
}

// What is signed before the first part comes off.
export async function openUnit(page) {
  for (const tick of await page.locator('.opening [name="ticked[]"]').all()) {
    await tick.check();
  }
  await page.getByLabel('What is in it').fill('hydraulic oil');
  await page.getByLabel('Precautions').fill('gloves, eye protection, tray');
  await page.getByRole('button', { name: 'Signed: it may be opened' }).click();
  await page.getByText('Before it was opened:').waitFor();
}

// A key, once the page's scripts have run: its words stand before them, and a key pressed then would be lost.
export async function press(page, key) {
  await page.waitForLoadState('load');
  await page.keyboard.press(key);
}

// Why each open point may stay open, and the password once more: what a signature asks for.
export async function readyToSign(page) {
  for (const field of await page.locator('input[name^="despite["]').all()) {
    await field.fill('known, and it changes nothing here');
  }
  await page.getByLabel('Your password, once more').fill(PASSWORD);
}

// Types the last field of a form that saves itself, and waits until that very text is stored: on a slow machine the fields
// before it have been saved by themselves, and have said so.
export async function storedWith(field, text) {
  const page = field.page();
  const stored = page.waitForResponse(
    (answer) =>
      answer.request().method() === 'POST' &&
      answer.ok() &&
      (answer.request().postData() ?? '').includes(encodeURIComponent(text.split(' ').at(-1))),
    BY_THE_WORKER,
  );
  await field.fill(text);
  await field.blur();
  await stored;
}
