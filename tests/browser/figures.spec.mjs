// Figures as they are used: typed, sent as a link, kept with a case; and a run of readings with a gauge that sends.
import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const run = promisify(execFile);
const answers = (page) => page.locator('.results').textContent();

test('a figure answers while it is typed, and its link gives the same answer', async ({ page, context }) => {
  await signIn(page, 'second');
  await page.goto('/figures');
  await page.getByRole('link', { name: 'How much does a pump with two equal gears move a revolution?' }).click();
  await page.getByLabel('Tip diameter').pressSequentially('44.98 mm');
  await page.getByLabel('Centre distance').pressSequentially('36 mm');
  await expect(page.getByText('Still needed: face width.')).toBeVisible();
  await page.getByLabel('Face width').pressSequentially('26 mmm');
  await expect(page.locator('#e_face-width')).toContainText('mmm');
  await expect(page.getByLabel('Face width')).toHaveValue('26 mmm');
  await page.getByLabel('Face width').fill('26 mm');
  await page.getByLabel('Teeth').pressSequentially('12');
  await expect(page.locator('.results')).toContainText('cm3/rev');
  await expect(page.locator('.dim.inhand')).toHaveCount(1);
  // Typed slowly, one tooth has an answer of its own before twelve have.
  await expect(page).toHaveURL(/teeth=12/);

  const other = await context.newPage();
  await other.goto(page.url());
  const answer = await answers(other);
  await expect.poll(() => answers(page)).toBe(answer);
  await expect(other.getByLabel('Face width')).toHaveValue('26 mm');
  await other.getByRole('button', { name: 'mm · bar' }).click();
  await expect(other.locator('.results')).toContainText('in3/rev');
  await other.getByRole('button', { name: /psi/ }).click();
  await expect(other.locator('.results')).toContainText('cm3/rev');
});

test('a shelf that runs out of shims says so', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/figures/shim-pick');
  await page.getByLabel('Measured').fill('2.6 mm');
  await page.getByLabel('Low').fill('0.10 mm');
  await page.getByLabel('High').fill('0.20 mm');
  await page.getByLabel('Stock').fill('1.2 mm x2; 0.9 mm');
  await page.getByLabel('Most').fill('2');
  // 2.6 − 2 · 1.2 = 0.20: just inside.
  await expect(page.locator('.results')).toContainText('0.200 mm');
  await expect(page.locator('.refused')).toHaveCount(0);
  await page.getByLabel('Stock').fill('1.2 mm; 0.9 mm');
  await expect(page.locator('.refused')).toContainText('no');
  await expect(page.locator('.said')).toContainText('too loose');
  await expect(page.locator('.results')).toContainText('0.500 mm');
});

test('a figure opened from a part is filled, and kept as evidence', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0105/parts/body');
  await page.getByRole('link', { name: 'What it should move a revolution' }).click();
  await expect(page.getByLabel('Face width')).toHaveValue('25.99 mm');
  await expect(page.locator('#h_face-width')).toContainText('From: Drive gear and shaft, gear width');
  await page.getByLabel('Why it is kept').fill('as much as its tag says');
  await page.getByRole('button', { name: 'Keep with OQ-26-0105, body' }).click();
  const kept = page.locator('.keptfigure', { hasText: 'as much as its tag says' });
  await expect(kept.first()).toContainText('Formula version 1. bench 2');
  await page.goto('/cases/OQ-26-0105/report');
  await expect(page.getByText('as much as its tag says').first()).toBeVisible();
});

test('a run of readings with a gauge that sends, from the first field to the last', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Peat works', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  page.on('dialog', (dialog) => dialog.accept());
  await page.goto('/gauges');
  const entry = page.locator('article', { hasText: 'Depth indicator no. 1' });
  await entry.locator('summary').click();
  await entry.getByRole('button', { name: /Make a (new )?device token/ }).click();
  const token = await page.locator('.token .num').textContent();
  const send = (size) =>
    run('stand-ins/gauge/gauge', [`--to=${process.env.BASE_URL}`, `--token=${token.trim()}`, '--step=0.01', '--zero=0.01', String(size)]);

  await page.goto(`/cases/${number}/readings`);
  await page.getByLabel('This is', { exact: true }).selectOption('Bench 2');
  await expect(page.locator('#listening[data-open]')).toBeVisible();
  await send(25.9);
  await expect(page.locator('#listening')).toContainText('no field is in hand');

  // Its zero first: the stand-in shows 0.01 mm on zero.
  const zero = page.locator('.zero', { hasText: 'Depth indicator no. 1' });
  await zero.getByRole('textbox').click();
  await send(0);
  await expect(zero).toContainText(/0\.01 mm, \d\d:\d\d/);

  const sizes = { 'rear-cover-flatness': [0.01, 0.02], 'front-cover-flatness': [0.01, 0.02], 'body-side-clearance': [0.06, 0.07] };
  const inputs = page.locator('.sheetrun input.value');
  const all = await inputs.count();
  await inputs.first().click();
  const seen = new Set();
  for (let i = 0; i < all; i++) {
    const [row, name] = await page.evaluate(() => [document.activeElement.closest('.sheetrow').id, document.activeElement.name]);
    expect(seen.has(row + name)).toBe(false);
    seen.add(row + name);
    if (row === 'relief-valve-adjuster') {
      await page.keyboard.type('4.25 turn');
      await page.keyboard.press('Enter');
    } else {
      const place = Number(name.match(/\d+/)?.[0] ?? 0);
      const feeler = await page.locator(`#${row} label span`, { hasText: 'smallest that stops' }).count();
      // The stand-in adds its zero of 0.01 mm.
      const size = feeler ? (sizes[row]?.[place] ?? 0.01 * (place + 1)) - 0.01 : 25;
      await send(size);
    }
    if (i < all - 1) {
      await expect
        .poll(() => page.evaluate(() => `${document.activeElement.closest('.sheetrow')?.id}${document.activeElement.name}`))
        .not.toBe(row + name);
    }
  }
  await expect(page.locator('#taken')).toContainText('20 of 20 taken');
  await page.reload();
  await expect(page.locator('#taken')).toContainText('20 of 20 taken');
  await expect(page.locator('#drive-gear-thickness')).toContainText('25.000 mm');
  await expect(page.locator('#body-side-clearance')).toContainText('worked out');

  // A worn battery is told.
  await page.locator('#relief-spring-free-length input.value').click();
  await run('stand-ins/gauge/gauge', [`--to=${process.env.BASE_URL}`, `--token=${token.trim()}`, '--step=0.01', '--charge=0.1', '37.9']);
  await expect(page.locator('#listening')).toContainText('battery is low');
});
