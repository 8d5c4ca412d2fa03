// People come, choose a password by a link, set up a second factor, and are shut out again.
import { execFileSync } from 'node:child_process';
import { signIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const WORDS = 'harbour kettle seven';

// What the telephone shows for a key, by another's arithmetic (RFC 6238).
function code(key, steps = 0) {
  const script =
    'import base64, hashlib, hmac, struct, sys, time\n' +
    'k = base64.b32decode(sys.argv[1] + "=" * (-len(sys.argv[1]) % 8))\n' +
    'm = hmac.new(k, struct.pack(">Q", int(time.time()) // 30 + int(sys.argv[2])), hashlib.sha1).digest()\n' +
    'o = m[19] & 15\n' +
    'print("%06d" % ((struct.unpack(">I", m[o:o + 4])[0] & 0x7FFFFFFF) % 10**6))';
  return execFileSync('python3', ['-c', script, key, String(steps)], { encoding: 'utf8' }).trim();
}

async function enter(page, name, password) {
  await page.goto('/login');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
}

test('somebody is let in by a link, signs in with a code, and is shut out', async ({ browser, page }) => {
  await signIn(page, 'analyst');
  await page.goto('/people');
  const name = `vik${Date.now() % 100000}`;
  await page.getByLabel('Name', { exact: true }).fill('Tor Vik');
  await page.getByLabel('Name to sign in with').fill(name);
  await page.getByRole('button', { name: 'Let them in' }).click();
  const link = await page.locator('code.address').textContent();
  const person = page.url();

  const other = await (await browser.newContext()).newPage();
  await other.goto(link);
  await other.getByLabel('Password').fill(WORDS);
  await other.getByLabel('The same once more').fill(WORDS);
  await other.getByRole('button', { name: 'Set it' }).click();
  await expect(other.getByRole('status')).toContainText('Your password is set');
  await enter(other, name, WORDS);
  await expect(other.getByRole('heading', { name: 'On the floor' })).toBeVisible();

  await other.goto('/me');
  await other.locator('#code-password').fill(WORDS);
  await other.getByRole('button', { name: 'Set it up' }).click();
  const key = (await other.locator('.howto code').textContent()).replaceAll(' ', '');
  await other.getByLabel('The code that it shows now').fill(code(key, -1));
  await other.getByRole('button', { name: 'Use it from now on' }).click();
  await expect(other.locator('#code')).toContainText('you sign in with your password and a code');
  await other.getByRole('button', { name: 'Sign out' }).click();
  await enter(other, name, WORDS);
  await other.getByLabel('Code').fill('000000');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('alert')).toContainText('not the code of this minute');
  await other.getByLabel('Code').fill(code(key));
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('heading', { name: 'On the floor' })).toBeVisible();

  await page.goto(person);
  await page.getByRole('button', { name: 'Shut out' }).click();
  await expect(page.locator('.stagehead')).toContainText('shut out since');
  await other.goto('/cases');
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});
