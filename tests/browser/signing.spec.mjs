// Two sign the same document: what changes between the signatures voids the first, and a limit binds what may be signed.
import { lookedClean, PASSWORD, readyToSign, signIn, storedWith, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

test('evidence that changes between the signatures is not signed by the second from a stale page', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Timber yard');
  await signIn(page, 'analyst');
  await page.goto(`/cases/${number}/intake`);
  const complaint = page.locator('form[action$="/intake/complaints"]');
  await complaint.getByLabel('What fails').selectOption({ label: 'Low flow or slow movement' });
  await complaint.getByRole('button', { name: 'Add the complaint' }).click();
  await page.goto(`/cases/${number}/verdict`);
  await page.getByLabel('Cause not found').check();
  await page.locator('#form_verdict').getByRole('radio', { name: 'Undetermined', exact: true }).check();
  await page.getByLabel('What failed first').fill('Nothing that was looked at explains it.');
  await storedWith(page.getByLabel('What stays at risk'), 'It may come back.');
  await expect(page.locator('#saved_verdict')).toContainText('saved');
  await page.reload();
  await readyToSign(page);
  await page.getByLabel('Your password, once more').fill('not mine');
  await page.getByRole('button', { name: 'Sign as analyst 1' }).click();
  await expect(page.getByText('Nothing is signed: that is not your password.')).toBeVisible();
  await readyToSign(page);
  await page.getByRole('button', { name: 'Sign as analyst 1' }).click();
  await expect(page.getByText('waits for a second person')).toBeVisible();

  // The second has the page open; meanwhile the bench finds something.
  const second = await (await browser.newContext()).newPage();
  await signIn(second, 'second');
  await second.goto(`/cases/${number}/verdict`);
  const bench = await (await browser.newContext()).newPage();
  await signIn(bench, 'bench');
  await bench.goto(`/cases/${number}/parts/body`);
  await lookedClean(bench);
  await second.getByLabel('Your password, once more').fill(PASSWORD);
  await second.getByRole('button', { name: 'I have read it all' }).click();
  await expect(second.locator('body')).toContainText('The analyst signs first; then a second person.');
  await second.goto(`/cases/${number}/verdict`);
  await expect(second.getByText('The first signature holds no more:')).toBeVisible();
  await expect(second.locator('.notice')).toContainText('by bench 2');

  // The first reads it again, changes a word and signs at once: what is signed is what stood there, however slow the line.
  await page.goto(`/cases/${number}/verdict`);
  await readyToSign(page);
  const sent = [];
  await page.route('**/verdict**', async (route) => {
    const isPost = route.request().method() === 'POST';
    const isField = route.request().headers()['x-autosave'] === '1';
    sent.push(...(isPost ? [isField ? 'field' : 'signature'] : []));
    await new Promise((go) => setTimeout(go, isField ? 600 : 0));
    await route.continue();
  });
  await page.evaluate(() => {
    const words = document.querySelector('#verdict_statement');
    words.value = 'Nothing that was looked at so far explains it.';
    words.dispatchEvent(new Event('change', { bubbles: true }));
    [...document.querySelectorAll('button')].find((one) => one.textContent.includes('Sign as analyst 1')).click();
  });
  await expect(page.getByText('waits for a second person')).toBeVisible();
  expect(sent).toEqual(['field', 'signature']);
  await page.unroute('**/verdict**');
  await second.goto(`/cases/${number}/verdict`);
  await expect(second.locator('main')).toContainText('looked at so far explains it');
  await second.getByLabel('Your password, once more').fill(PASSWORD);
  await second.getByRole('button', { name: 'I have read it all' }).click();
  await expect(second.getByText('The case is signed: revision 1.')).toBeVisible();

  // The work goes on: a warranty fact is filled in, a part is decided on.
  await page.goto(`/cases/${number}/warranty`);
  await page.locator('input[name="warranty[oilSample]"][value=yes]').check();
  await expect(page.locator('#saved_warranty')).toContainText('saved');
  await page.goto(`/cases/${number}/repair`);
  await page.getByText('Decide anew of a part').click();
  await page.locator('#parts .anew').getByRole('link', { name: 'Shaft seal', exact: true }).click();
  const seal = page.locator('#decide-shaft-seal');
  await seal.getByLabel('What becomes of it').selectOption({ label: 'Upgrade' });
  await seal.getByLabel('Because').fill('a double lip holds the dust out');
  await seal.getByRole('button', { name: 'Decide' }).click();
  await expect(page.locator('#parts')).toContainText('a double lip holds the dust out');
});

test('a part outside its limit goes back in only with a reason, and the reason is shown', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Cable ferry', { maker: 'Vintrey', model: 'G28' });
  await signIn(page, 'analyst');
  await page.goto(`/cases/${number}/readings`);
  const places = page.locator('#drive-gear-thickness .places input');
  for (const [i, size] of ['26.000 mm', '26.000 mm', '26.000 mm', '25.960 mm'].entries()) {
    await places.nth(i).fill(size);
  }
  await places.last().press('Enter');
  await expect(page.locator('#drive-gear-thickness .verdictword')).toHaveText("outside at 9 o'clock");
  await page.goto(`/cases/${number}/parts/drive-gear`);
  const form = page.locator('#form_part');
  await form.locator('fieldset', { hasText: 'What becomes of it' }).getByRole('radio', { name: 'Reuse', exact: true }).check();
  await form.getByLabel('Because', { exact: true }).fill('looks good');
  await form.getByLabel('Because', { exact: true }).blur();
  await expect(form).toContainText("Reuse is refused: gear width is outside its limit at 9 o'clock");
  await form.getByLabel(/It may go back in all the same, because/).fill('one nick at the edge, stoned off');
  await form.getByLabel(/It may go back in all the same, because/).blur();
  await expect(page.locator('#saved_part')).toContainText('saved');
  await page.goto(`/cases/${number}/report`);
  await expect(page.locator('article')).toContainText('one nick at the edge, stoned off');
});
