// Photos at the bench: a phone by its pass, a connection that breaks off, the tray, and a groove measured in a picture.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { press, signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const PHOTOS = join(import.meta.dirname, '../../demo/photos');

// A picture of more than two pieces.
function large() {
  const folder = mkdtempSync(join(tmpdir(), 'photo-'));
  execFileSync('vips', ['gaussnoise', join(folder, 'a.v'), '1300', '1000', '--mean', '128', '--sigma', `${30 + Math.random() * 20}`]);
  execFileSync('vips', ['cast', join(folder, 'a.v'), join(folder, 'large.png'), 'uchar']);
  return join(folder, 'large.png');
}

// A browser that types what is said.
function speaks(words) {
  window.SpeechRecognition = class {
    start() {
      this.onresult({ results: [[{ transcript: words }]] });
      this.onend();
    }
  };
}

test('a phone adds by its pass; what it took without a connection waits and arrives', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Sweeper depot');
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/phone`);
  await page.getByRole('button', { name: 'Show a code' }).click();
  await expect(page.locator('.qrbox svg.qr')).toBeVisible();
  const link = await page.locator('.qrbox a').getAttribute('href');

  const pocket = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await pocket.newPage();
  await phone.goto(new URL(link).pathname);
  await phone.getByLabel('Find a part').fill('bearing bl');
  await expect(phone.locator('.phoneparts li:visible')).toHaveText([/Rear bearing block/, /Front bearing block/]);
  await phone.getByRole('link', { name: 'Rear bearing block' }).click();
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Rear bearing block');
  await pocket.setOffline(true);
  await phone.locator('#shutter').setInputFiles(join(PHOTOS, 'block-scored.jpg'));
  await expect(phone.locator('.waitingbar')).toContainText('1 picture waits here');
  // Put away in mid-wait; opened again where there is a connection.
  await phone.close();
  await pocket.setOffline(false);
  const again = await pocket.newPage();
  await again.addInitScript(speaks, 'by a nail');
  await again.goto(new URL(link).pathname);
  await expect(async () => {
    await again.goto(`${new URL(link).pathname}?part=rear-block`);
    await expect(again.getByRole('link', { name: 'Rear bearing block 1' })).toBeVisible({ timeout: 1000 });
  }).toPass();
  await page.goto(`/cases/${number}/parts/rear-block`);
  await expect(page.locator('.film li')).toHaveCount(1);

  // What the phone sees is kept as a look of the part; a picture that lands meanwhile takes nothing of it away.
  await again.getByText('What I see').click();
  await again.getByLabel('Grade, 0 is looked and clean').or(again.locator('.grades')).getByLabel('2').check();
  await again.getByLabel('Note').fill('as if drawn');
  await again.getByRole('button', { name: 'Say it' }).click();
  await expect(again.getByLabel('Note')).toHaveValue('as if drawn by a nail');
  await again.locator('#shutter').setInputFiles(join(PHOTOS, 'block-good.jpg'));
  await expect(again.locator('.taken img')).toHaveCount(2);
  await expect
    .poll(() =>
      again
        .locator('.taken img')
        .first()
        .evaluate((image) => image.naturalWidth),
    )
    .toBeGreaterThan(100);
  await expect(again.getByLabel('Note')).toHaveValue('as if drawn by a nail');
  await again.getByLabel('Kind of damage').selectOption({ label: 'Scoring' });
  await again.getByRole('button', { name: 'Keep the look' }).click();
  await expect(again.getByText('Look kept.')).toBeVisible();
  await again.goto(`${new URL(link).pathname}?part=relief-spring`);
  await again.getByText('A reading').click();
  await again.getByLabel(/^Of what/).selectOption({ label: 'Free length (mm)' });
  await again.getByLabel(/^Read there/).fill('38.2');
  await again.getByRole('button', { name: 'Keep the reading' }).click();
  await expect(again.getByText('Reading kept.')).toBeVisible();
  await page.goto(`/cases/${number}/readings`);
  await expect(page.locator('#relief-spring-free-length .places input').first()).toHaveValue('38.2 mm');

  await page.goto(`/cases/${number}/phone`);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.locator('.passes')).toContainText('None.');
  expect((await again.goto(new URL(link).pathname)).status()).toBe(410);
  await pocket.close();
});

test('a connection that is cut in mid-upload goes on where it broke off, once', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Ice plant');
  await signIn(page, 'bench');
  const file = large();
  const offsets = [];
  let cut = 0;
  await page.route('**/uploads/**', async (route) => {
    const request = route.request();
    if (request.method() === 'PUT') {
      const offset = Number(new URL(request.url()).searchParams.get('offset'));
      offsets.push(offset);
      if (offset > 0 && cut < 1) {
        cut += 1;
        await route.abort('connectionreset');
        return;
      }
    }
    await route.continue();
  });
  await page.goto(`/cases/${number}/parts/body`);
  await page.locator('form[data-upload] input[type=file]').setInputFiles(file);
  await expect(page.locator('.film li')).toHaveCount(1);
  expect(cut).toBe(1);
  expect(offsets.filter((offset) => offset === 0)).toHaveLength(1);
  const id = (await page.locator('.film a').getAttribute('href')).split('/').pop();
  const stored = await (await page.request.get(`/pictures/${id}/original`)).body();
  expect(createHash('sha256').update(stored).digest('hex')).toBe(createHash('sha256').update(readFileSync(file)).digest('hex'));
});

test('the tray sorts several at once and puts them back', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Cable ferry');
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/tray`);
  await page.locator('form[data-upload] input[type=file]').setInputFiles([join(PHOTOS, 'gear-good.jpg'), join(PHOTOS, 'gear-scored.jpg')]);
  await expect(page.locator('.lying')).toHaveCount(2);
  await page.locator('.stagehead').click();
  await press(page, 'x');
  await page.getByLabel('or to').selectOption({ label: 'Drive gear and shaft' });
  await page.getByRole('button', { name: 'Put them there' }).click();
  await expect(page.getByText('Empty: every picture has its part.')).toBeVisible();
  await page.goto(`/cases/${number}/parts/drive-gear`);
  await expect(page.locator('.film li')).toHaveCount(2);
  await page.goto(`/cases/${number}/tray`);
  await page.getByRole('button', { name: 'Undo: put 2 back into the tray' }).click();
  await expect(page.locator('.lying')).toHaveCount(2);
});

test('our card is found and a groove of 8 mm measures 8 mm; two pictures move together', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Juice plant');
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/parts/body`);
  await page
    .locator('form[data-upload] input[type=file]')
    .setInputFiles([join(PHOTOS, 'groove-with-card.jpg'), join(PHOTOS, 'block-scored.jpg')]);
  await expect(page.locator('.film li')).toHaveCount(2);
  const photo = await page.locator('.film a').first().getAttribute('href');
  await expect(async () => {
    await page.goto(photo);
    await expect(page.locator('#measure')).toContainText('by our card, found in it', { timeout: 500 });
  }).toPass();
  await page.locator('#measure').getByLabel('width across a groove').check();
  const svg = page.locator('.viewer svg');
  const at = (x, y) =>
    svg.evaluate(
      (node, [px, py]) => {
        const point = new DOMPoint(px, py).matrixTransform(node.getScreenCTM());
        return [point.x, point.y];
      },
      [x, y],
    );
  await page.mouse.move(...(await at(640, 245)));
  for (let i = 0; i < 4; i += 1) {
    await page.mouse.wheel(0, -100);
  }
  for (const [x, y] of [
    [560, 275.5],
    [720, 275.5],
    [640, 213.5],
  ]) {
    await page.mouse.click(...(await at(x, y)));
  }
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Measure it' })).toBeDisabled();
  await page.keyboard.press('Control+y');
  await page.getByLabel('Of what').fill('groove');
  await page.getByRole('button', { name: 'Measure it' }).click();
  const told = page.locator('#measure .finding').first();
  await expect(told).toContainText('width across a groove, groove');
  const value = Number((await told.locator('b').textContent()).split(' ')[0]);
  expect(Math.abs(value - 8)).toBeLessThan(0.16);

  await page.getByRole('link', { name: 'Side by side' }).click();
  await expect(page.locator('[data-compare][data-ready]')).toHaveCount(1);
  const [left, right] = [page.locator('[data-compare] svg').first(), page.locator('[data-compare] svg').last()];
  await left.focus();
  await press(page, '+');
  await expect(left).not.toHaveAttribute('viewBox', /^0 0 1280 960$/);
  await expect(right).not.toHaveAttribute('viewBox', /^0 0 1600 1200$/);

  // With those of the same part in other cases, up to four at once.
  await page.getByLabel('How').selectOption('up to four');
  await page.getByRole('button', { name: 'Show' }).click();
  await expect(page.locator('[data-compare] figcaption').nth(2)).not.toContainText(number);
  const before = await page.locator('[data-compare] svg').nth(2).getAttribute('viewBox');
  await page.locator('[data-compare] svg').first().focus();
  await press(page, '+');
  await expect(page.locator('[data-compare] svg').nth(2)).not.toHaveAttribute('viewBox', before);
});

test('two pictures with our card, of two parts, stand at one scale and are kept as a pair', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Juice plant');
  await signIn(page, 'bench');
  const ids = [];
  for (const [part, file] of [
    ['body', 'groove-with-card.jpg'],
    ['drive-gear', 'groove-slanted.jpg'],
  ]) {
    await page.goto(`/cases/${number}/parts/${part}`);
    await page.locator('form[data-upload] input[type=file]').setInputFiles(join(PHOTOS, file));
    await expect(page.locator('.film li')).toHaveCount(1);
    const photo = await page.locator('.film a').first().getAttribute('href');
    await expect(async () => {
      await page.goto(photo);
      await expect(page.locator('#measure')).toContainText('by our card, found in it', { timeout: 500 });
    }).toPass();
    ids.push(photo.split('/').pop());
  }
  await page.goto(`/cases/${number}/compare?left=${ids[0]}&right=${ids[1]}`);
  await page.getByLabel('At one scale').check();
  await expect(page.locator('[data-wide]')).toContainText('mm across');
  const across = await page
    .locator('[data-compare] svg')
    .evaluateAll((all) => all.map((svg) => Number(svg.dataset.mm) * svg.viewBox.baseVal.width));
  expect(Math.abs(across[0] / across[1] - 1)).toBeLessThan(1e-6);

  await page.getByLabel('What these two tell together').fill('The groove, and what cut it.');
  await page.getByRole('button', { name: 'Keep this pair' }).click();
  await expect(page.locator('#pairs')).toContainText('The groove, and what cut it. at one scale');
  await page.goto(`/cases/${number}/report`);
  await expect(page.locator('.pairs figcaption')).toContainText('Both at one scale');
  await expect(page.locator('.pairs svg')).toHaveCount(2);
});
