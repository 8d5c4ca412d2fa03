// Habits of the bench: keys, quiet saving, lost connections, two people, bad files.
import { readFileSync } from 'node:fs';
import { press, signIn } from './people.mjs';
import { expect, test } from './watch.mjs';

test('keys lead from part to part, to a grade and to what is open', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/');
  await press(page, '/');
  await expect(page.locator('#search')).toBeFocused();
  await page.goto('/cases/OQ-26-0102/parts/drive-gear');
  await press(page, '3');
  const form = page.locator('form[data-grades]');
  await expect(form.locator('.grades input[value="3"]')).toBeChecked();
  await expect(form.locator('input[value=damage]')).toBeChecked();
  await press(page, 'n');
  await expect(page.locator('main h2').first()).toContainText('Driven gear');
  await press(page, 'b');
  await expect(page.locator('main h2').first()).toContainText('Drive gear and shaft');
  await press(page, '?');
  await expect(page.locator('#keys')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await press(page, '.');
  await expect(page).toHaveURL(/\/parts\/(?!drive-gear)/);
  await press(page, 'l');
  await expect(page).toHaveURL(/\/chain$/);
});

test('typing a number into a field grades nothing', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0102/parts/drive-gear');
  await page.locator('#part_note').fill('');
  await page.locator('#part_note').press('3');
  await expect(page.locator('#part_note')).toHaveValue('3');
  await expect(page.locator('form[data-grades] .grades input[value="3"]')).not.toBeChecked();
});

test('what cannot be sent waits on the page and is sent again', async ({ page, context }) => {
  const smell = `sour ${Date.now()}`;
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0104/intake');
  await context.setOffline(true);
  await page.locator('#arrival_oilSmell').fill(smell);
  await page.locator('#arrival_oilSmell').blur();
  await expect(page.locator('#saved_arrival')).toContainText('not saved yet');
  // What is pressed meanwhile does not overtake it.
  await page.getByRole('button', { name: 'mm · bar' }).click();
  await expect(page.locator('#refusal')).toContainText('what was typed before it waits for a connection');
  await page.locator('#refusal button').first().click();
  await context.setOffline(false);
  await expect(page.locator('#saved_arrival')).toContainText('saved');
  await expect(page.locator('#saved_arrival')).not.toContainText('not saved');
  await page.reload();
  await expect(page.locator('#arrival_oilSmell')).toHaveValue(smell);
});

test('two people changing one field both see both values', async ({ page, browser }) => {
  const [theirs, mine] = [`chain ${Date.now()}`, `gearbox ${Date.now()}`];
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0104/intake');
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'analyst');
  await other.goto('/cases/OQ-26-0104/intake');
  await other.locator('#unit_drive').fill(theirs);
  await other.locator('#unit_drive').blur();
  await expect(other.locator('#saved_unit')).toContainText('saved');
  await page.locator('#unit_drive').fill(mine);
  await page.locator('#unit_drive').blur();
  await expect(page.locator('#form_unit .wrong-words')).toContainText(`somebody saved “${theirs}”; you typed “${mine}”`);
  await expect(page.locator('#unit_drive')).toHaveValue(mine);
  await Promise.all([
    page.waitForResponse((one) => one.url().endsWith('/intake/unit') && one.status() === 303),
    page.locator('#form_unit').getByRole('button', { name: 'Save' }).click(),
  ]);
  await expect(page.locator('#unit_drive')).toHaveValue(mine);
  await other.reload();
  await expect(other.locator('#unit_drive')).toHaveValue(mine);
});

test('a refused field keeps its words and says what would be right', async ({ page }) => {
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0104/intake');
  await page.locator('#unit_displacement').fill('17 bar');
  await page.locator('#unit_displacement').blur();
  await expect(page.locator('#form_unit .wrong-words')).toContainText('"bar" is no unit of displacement');
  await expect(page.locator('#unit_displacement')).toHaveValue('17 bar');
});

test('bad files are named, good ones beside them are kept', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0103/parts/relief-valve');
  await page.setInputFiles('form[data-upload] input[type=file]', [
    { name: 'page.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('<html><script>1</script>') },
    { name: 'empty.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(0) },
    { name: 'good.jpg', mimeType: 'image/jpeg', buffer: readFileSync('demo/photos/gear-good.jpg') },
  ]);
  await expect(page.locator('.uploads .refused')).toHaveCount(2);
  await expect(page.locator('.uploads')).toContainText('page.jpg: this is not a photo');
  await expect(page.locator('.uploads')).toContainText('empty.jpg: the file is empty');
  await page.getByRole('link', { name: 'Show them' }).click();
  await expect(page.locator('.film li')).toHaveCount(1);
});

test('an upload that breaks off goes on by itself', async ({ page, context }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0103/parts/relief-spring');
  await context.setOffline(true);
  await page.setInputFiles('form[data-upload] input[type=file]', 'demo/photos/gear-overheated.jpg');
  await expect(page.locator('.waitingbar')).toContainText('waits here for the connection');
  await context.setOffline(false);
  await expect(page.locator('.film li')).toHaveCount(1);
});

test('a mark can be set without a mouse', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0102/parts/rear-block');
  await page.locator('.film a').first().click();
  await page.getByRole('radio', { name: 'arrow', exact: true }).check();
  await page.locator('.viewer svg').focus();
  await press(page, 'Enter');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('button', { name: 'Keep the mark' })).toBeEnabled();
  await page.getByLabel('Note').fill('by keyboard');
  await page.getByRole('button', { name: 'Keep the mark' }).click();
  await expect(page.locator('.finding', { hasText: 'by keyboard' })).toBeVisible();
});

test('without scripts a case can still be read and changed', async ({ browser }) => {
  const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0104/intake');
  await page.locator('#unit_tag').fill('scratched');
  await page.locator('#form_unit').getByRole('button', { name: 'Save' }).click();
  await page.goto('/cases/OQ-26-0104/intake');
  await expect(page.locator('#unit_tag')).toHaveValue('scratched');
});

test('a session that ended takes nothing that was typed with it', async ({ page, context }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0103/strip?step=rear-cover');
  await page.locator('#step_facing').fill('open side toward suction');
  const cookies = await context.cookies();
  await context.clearCookies();
  await page.getByRole('button', { name: 'Stuck' }).click();
  await expect(page.locator('#refusal')).toContainText('You are signed out, so nothing was saved');
  await page.getByRole('button', { name: 'Back to what I typed' }).click();
  await expect(page.locator('#step_facing')).toHaveValue('open side toward suction');
  await context.addCookies(cookies);
});

test('a case that was signed meanwhile keeps the words on the page', async ({ page }) => {
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0104/intake');
  await page.route('**/intake/unit', (route) => route.continue({ url: route.request().url().replace('0104', '0101') }));
  await page.locator('#unit_drive').fill('worm');
  await page.locator('#unit_drive').blur();
  await expect(page.locator('#saved_unit')).toContainText('not saved: Case OQ-26-0101 is signed');
  await expect(page.locator('#unit_drive')).toHaveValue('worm');
});

test('a refusal that comes late does not take away what is being typed', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0105/parts/rear-cover');
  let refused = 0;
  let refuse;
  const typed = new Promise((done) => {
    refuse = done;
  });
  await page.route('**/parts/rear-cover', async (route) => {
    if (route.request().method() === 'POST' && refused++ === 0) {
      await typed;
    }
    await route.continue();
  });
  const answered = page.waitForResponse((response) => response.request().method() === 'POST');
  // A decision without its reason is refused; the reason is typed while the refusal is under way.
  await page.locator('#form_part fieldset', { hasText: 'What becomes of it' }).getByRole('radio', { name: 'Reuse', exact: true }).check();
  await expect.poll(() => refused).toBeGreaterThan(0);
  await page.getByLabel('Because').pressSequentially('flat within limit');
  refuse();
  await answered;
  await expect(page.getByLabel('Because')).toHaveValue('flat within limit');
  await page.getByLabel('Because').blur();
  await expect(page.locator('#saved_part')).toContainText('saved');
  await page.reload();
  await expect(page.getByLabel('Because')).toHaveValue('flat within limit');
});
