// The readings sheet at the bench: rows that save themselves, wait, clash or are refused, and what it asks for.
import { signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const inputs = (page, row) => page.locator(`#${row} .places input`);

test('a row saves itself when it is left, and what hangs on it follows', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  await inputs(page, 'drive-gear-tip-diameter').nth(0).fill('44.960 mm');
  await inputs(page, 'drive-gear-tip-diameter').nth(1).fill('44.960 mm');
  await expect(page.locator('#v_body-tip-clearance')).toContainText('Worked out once there is: body, gear bore diameter');
  // Leaving the row by any way saves it: here with the mouse.
  await inputs(page, 'body-gear-bore').nth(0).click();
  await expect(page.locator('#drive-gear-tip-diameter .verdictword')).toHaveText('within');
  await page.keyboard.type('45.080 mm');
  await page.keyboard.press('Enter');
  await page.keyboard.type('45.080 mm');
  await page.keyboard.press('Enter');
  await expect(page.locator('#v_body-tip-clearance')).toContainText('0.060 mm');
  await expect(page.locator('#taken')).toContainText('2 of 20 taken');
  // The hand went on to the next row.
  await expect(inputs(page, 'body-wipe-depth')).toBeFocused();
  await inputs(page, 'body-gear-bore').nth(1).fill('45.120 mm');
  await page.keyboard.press('Enter');
  // The widest the two can meet: (45.12 − 44.96)/2
  await expect(page.locator('#v_body-tip-clearance')).toContainText('0.080 mm');
});

test('a refused row keeps what was typed and does not hold up the run', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  await inputs(page, 'front-block-flatness').nth(0).fill('0.03 mm');
  await inputs(page, 'front-block-flatness').nth(1).fill('0.02 mm');
  await inputs(page, 'front-block-flatness').nth(1).press('Enter');
  await expect(inputs(page, 'front-bushes-bore').nth(0)).toBeFocused();
  await expect(page.locator('#front-block-flatness .wrong-words')).toContainText('must be larger');
  await expect(inputs(page, 'front-block-flatness').nth(0)).toHaveValue('0.03 mm');
  await page.keyboard.type('20.05 mm');
  await expect(inputs(page, 'front-bushes-bore').nth(0)).toHaveValue('20.05 mm');
  await inputs(page, 'front-block-flatness').nth(0).fill('0.01 mm');
  await inputs(page, 'front-block-flatness').nth(1).press('Enter');
  await expect(page.locator('#front-block-flatness .wrong-words')).toHaveCount(0);
  await expect(page.locator('#front-block-flatness .verdictword')).toHaveText('undecided');
});

test('a row that cannot be sent waits and is sent again', async ({ page, context, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  await context.setOffline(true);
  await inputs(page, 'relief-spring-free-length').fill('37.9 mm');
  await page.keyboard.press('Enter');
  await expect(page.locator('#relief-spring-free-length .saved')).toContainText('not saved yet');
  await context.setOffline(false);
  await expect(page.locator('#relief-spring-free-length .verdictword')).toHaveText('within');
});

test('two people on one reading both see both values', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'analyst');
  await other.goto(`/cases/${number}/readings`);
  await inputs(other, 'drive-gear-seal-land').nth(0).fill('19.980 mm');
  await inputs(other, 'drive-gear-seal-land').nth(0).press('Enter');
  await expect(other.locator('#drive-gear-seal-land .verdictword')).toHaveText('within');
  await inputs(page, 'drive-gear-seal-land').nth(0).fill('19.940 mm');
  await inputs(page, 'drive-gear-seal-land').nth(0).press('Enter');
  await expect(page.locator('#drive-gear-seal-land .wrong-words')).toContainText(
    'meanwhile analyst 1 saved “19.980 mm”; you typed “19.940 mm”',
  );
  await page.locator('#drive-gear-seal-land').getByRole('button', { name: 'Put mine' }).click();
  await expect(page.locator('#drive-gear-seal-land .verdictword')).toHaveText('outside');
});

test('it asks for the zero of each gauge it needs, and takes it along', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  const zero = page.locator('.zero', { hasText: 'Calliper no. 7' });
  await zero.getByRole('textbox').fill('0.04');
  await zero.getByRole('button', { name: 'Zero' }).click();
  await expect(zero).toContainText(/0\.04 mm, \d\d:\d\d/);
  await expect(zero).not.toHaveClass(/due/);
  await inputs(page, 'relief-spring-free-length').fill('37.64 mm');
  await page.keyboard.press('Enter');
  await expect(page.locator('#relief-spring-free-length .verdictcell')).toContainText('37.600 mm');
  await expect(page.locator('#relief-spring-free-length .verdictcell')).toContainText('was out of calibration');
});

test('where sources disagree an analyst chooses, with a reason', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'analyst');
  await page.goto(`/cases/${number}/readings`);
  await inputs(page, 'drive-gear-journal').nth(0).fill('19.960 mm');
  await inputs(page, 'drive-gear-journal').nth(1).fill('19.960 mm');
  await page.keyboard.press('Enter');
  const row = page.locator('#drive-gear-journal');
  await expect(row.locator('.verdictword')).toHaveText('outside at both places');
  await expect(row.locator('.source')).toHaveCount(2);
  await row.getByText('Choose which counts').click();
  await row.getByLabel('It counts').selectOption({ label: 'sample value for an invented model' });
  await row.getByLabel('Why').fill('not under our warranty');
  await row.getByRole('button', { name: 'Let it count' }).click();
  await expect(row.locator('.verdictword')).toHaveText('within');
  await expect(row).toContainText('“not under our warranty” analyst 1');
});

test('without scripts the sheet still takes readings and zeros', async ({ browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard', { maker: 'Vintrey', model: 'G28' });
  const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
  await signIn(page, 'bench');
  await page.goto(`/cases/${number}/readings`);
  await inputs(page, 'relief-spring-free-length').fill('37.9 mm');
  await page.locator('#relief-spring-free-length').getByRole('button', { name: 'Save' }).click();
  await expect(page.locator('#relief-spring-free-length .verdictword')).toHaveText('within');
  await inputs(page, 'body-depth').nth(1).fill('74.06 mm');
  await page.locator('#body-depth').getByRole('button', { name: 'Save' }).click();
  await expect(page.locator('#body-depth .verdictword')).toHaveText('open: not read at suction side and top');
  await expect(inputs(page, 'body-depth').nth(1)).toHaveValue('74.06 mm');
  await expect(inputs(page, 'body-depth').nth(0)).toHaveValue('');
  await page.goto('/figures/flow?displacement=28.7cc%2Frev&speed=1500rpm');
  await expect(page.locator('.results')).toContainText('43.05 L/min');
});
