// Nothing jumps, nothing vanishes: the page stays where the hand was, and what was typed survives whatever comes between.
import { logIn, signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const PAGES = [
  '/cases/OQ-26-0102/intake',
  '/cases/OQ-26-0103/strip?step=rear-cover',
  '/cases/OQ-26-0102/parts/drive-gear',
  '/cases/OQ-26-0102/readings',
  '/cases/OQ-26-0108/chain',
  '/cases/OQ-26-0102/verdict',
  '/cases/OQ-26-0102/warranty',
  '/cases/OQ-26-0114/claims/1',
  '/cases/OQ-26-0101/repair',
  '/cases/OQ-26-0105/build',
  '/cases/OQ-26-0106/proof',
  '/cases/OQ-26-0105/tray',
  '/library/external-gear-pump',
  '/gauges',
  '/stands',
  '/policies',
  '/prices',
  '/settings',
];
const BOOSTED = 'main form[method=post]:not([data-upload], [hx-boost=false], [hx-post], [action="/units"])';

// Some 400 px.
const ABOVE = '<p>Something came above.</p>'.repeat(12);

// What an answer might do to a page: it comes anew, after a redirect or with a refusal, with something new at its head.
async function answered(page, whole, status, says) {
  await page.unroute('**');
  await page.route('**', async (route) => {
    const headers = route.request().headers();
    // Only what a form brings back: a fragment that the page loads by itself would get the page into itself, without end.
    if (!headers['hx-boosted']) {
      await route.continue();
      return;
    }
    const posted = route.request().method() === 'POST';
    if (posted && status === 303) {
      await route.fulfill({ status, headers: { location: page.url() } });
      return;
    }
    const body = whole.replace(/(<main[^>]*id="work"[^>]*>)/, `$1${says}`);
    await route.fulfill({
      status: posted ? status : 200,
      contentType: 'text/html',
      headers: posted ? { 'HX-Push-Url': 'false' } : {},
      body,
    });
  });
}

// The first form of each kind: a kit has fifty that differ by their part.
const ofEachKind = (page) =>
  page.locator(BOOSTED).evaluateAll((forms) => {
    const kinds = forms.map((form) => [...form.elements].map((one) => one.name || one.textContent.trim()).join());
    return kinds.map((_, i) => i).filter((i) => kinds.indexOf(kinds[i]) === i);
  });

// Sends a form and waits until its answer has its place. A press in the moment in which a part of the page comes anew is sent by what
// stands there then under the same id.
const answersTo = (form) =>
  new Promise((done, failed) => {
    window.setTimeout(() => {
      const said = document.querySelector('#refusal')?.textContent.trim().replace(/\s+/g, ' ');
      const busy = [...document.querySelectorAll('[aria-busy]')].map((one) => one.id || one.nodeName);
      failed(new Error(`no answer came, on the page: ${form.isConnected}, said: ${said}, busy: ${busy}: ${form.outerHTML.slice(0, 200)}`));
    }, 40_000);
    document.addEventListener('htmx:afterSettle', function settled({ detail }) {
      const sent = detail.requestConfig?.elt;
      if (sent === form || (form.id && sent?.id === form.id)) {
        document.removeEventListener('htmx:afterSettle', settled);
        window.setTimeout(done, 90);
      }
    });
    form.noValidate = true;
    form.requestSubmit();
  });

// In halves, so that both workers have something to do.
for (const half of [0, 1]) {
  test(`no form of the demo moves the page under the hand, whether it is taken or refused, half ${half + 1}`, async ({ steady: page }) => {
    await signIn(page, 'analyst');
    page.on('dialog', (dialog) => dialog.accept());
    let sent = 0;
    for (const path of PAGES.filter((_, i) => i % 2 === half)) {
      await page.goto(path);
      const whole = await (await page.context().request.get(path)).text();
      for (const [status, says] of [
        [303, `<div>${ABOVE}</div>`],
        [422, `<p class="problem" role="alert" data-refused>That cannot be.</p>${ABOVE}`],
      ]) {
        await answered(page, whole, status, says);
        for (const i of await ofEachKind(page)) {
          const form = page.locator(BOOSTED).nth(i);
          await form.evaluate((node) => {
            for (let fold = node.closest('details'); fold; fold = fold.parentElement.closest('details')) {
              fold.open = true;
            }
            ([...node.querySelectorAll('button')].find((one) => one.checkVisibility()) ?? node).scrollIntoView({ block: 'center' });
          });
          await form.evaluate(answersTo);
          sent++;
          if (status === 422) {
            const said = page.getByText('That cannot be.');
            await expect(said, `${path}, form ${i}: what was refused is said in sight`).toBeInViewport();
          }
        }
      }
      await page.unroute('**');
      expect(new URL(page.url()).pathname, 'the address can be loaded again').toBe(new URL(path, page.url()).pathname);
    }
    console.log(`${sent} answers to forms, none moved its page`);
    expect(sent).toBeGreaterThan(30);
  });
}

test('back brings the page and the place on it', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0101/parts');
  const last = page.locator('main a[href*="/parts/"]').last();
  await last.scrollIntoViewIfNeeded();
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(200);
  const left = await page.evaluate(() => window.scrollY);
  await page.waitForTimeout(150);
  await last.click();
  await expect(page).toHaveURL(/\/parts\/./);
  await page.goBack();
  await expect(page).toHaveURL(/\/parts$/);
  await page.waitForFunction((y) => document.querySelector('main a[href*="/parts/"]') && Math.abs(window.scrollY - y) < 6, left);
});

test('a link pressed while a form is on its way waits for the answer; where that is a refusal it is not followed', async ({ page }) => {
  await signIn(page, 'analyst');
  await page.goto('/prices');
  const hour = await page.getByLabel('Bench hour, without tax').inputValue();
  for (const [typed, lands] of [
    ['a lot', 'is no amount of money'],
    [hour, 'Gauges'],
  ]) {
    await page.goto('/prices');
    let release;
    const held = new Promise((go) => {
      release = go;
    });
    await page.route('**/prices/rates', async (route) => {
      await held;
      await route.continue();
    });
    await page.getByLabel('Bench hour, without tax').fill(typed);
    await page.getByRole('button', { name: 'Reckon with these' }).click();
    const away = page.locator('a[href="/gauges"]').first();
    await away.evaluate((link) => link.click());
    await expect(away).toHaveAttribute('aria-busy', 'true');
    release();
    await expect(page.locator('main')).toContainText(lands);
    await page.unroute('**/prices/rates');
  }
  await expect(page).toHaveURL(/\/gauges$/);
});

test('a field that is typed last is saved, then its form is sent, then the link is followed, however fast the hand', async ({
  steady: page,
  browser,
}) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Rope walk');
  await signIn(page, 'desk');
  const at = `/cases/${number}/intake`;
  await page.goto(at);
  // The button of a form that saves itself leaves the page where it is.
  const save = page.locator('#form_arrival .actions button');
  await save.scrollIntoViewIfNeeded();
  // The answer is in its place, and how far the page has moved is told, before anything scrolls it.
  const settled = () => new Promise((go) => document.addEventListener('htmx:afterSettle', () => setTimeout(go, 50), { once: true }));
  const [, top] = await Promise.all([page.evaluate(settled), save.evaluate((node) => node.getBoundingClientRect().top), save.click()]);
  await page.waitForFunction(
    (y) => Math.abs(document.querySelector('#form_arrival .actions button').getBoundingClientRect().top - y) < 40,
    top,
  );
  const sent = [];
  await page.route('**/intake/unit', async (route) => {
    sent.push(route.request().headers()['x-autosave']);
    await new Promise((go) => setTimeout(go, 300));
    await route.continue();
  });
  await page.locator('#unit_tag').fill('VG 7');
  await page.evaluate(() => {
    document.querySelector('#unit_tag').blur();
    document.querySelector('#form_unit .actions button').click();
    document.querySelector('a[href="/gauges"]').click();
  });
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gauges');
  await expect(page).toHaveURL(/\/gauges$/);
  expect(sent).toEqual(['1', '0']);
  await page.waitForTimeout(700);
  await expect(page, 'nothing brings the page back').toHaveURL(/\/gauges$/);
  await page.goto(at);
  await expect(page.locator('#unit_tag')).toHaveValue('VG 7');
});

test('the address of a form leads to its page', async ({ page }) => {
  await signIn(page, 'analyst');
  for (const [at, to] of [
    ['/cases/OQ-26-0102/intake/unit', '/cases/OQ-26-0102/intake'],
    ['/cases/OQ-26-0105/build/set-side-clearance', '/cases/OQ-26-0105/build'],
    ['/cases/OQ-26-0102/strip/rear-cover', '/cases/OQ-26-0102/strip'],
    ['/prices/rates', '/prices'],
  ]) {
    await page.goto(at);
    expect(new URL(page.url()).pathname).toBe(to);
  }
});

for (const [device, viewport] of Object.entries({ desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } })) {
  test(`what is typed survives reload, back, a lapsed log-in, a cut line and a server that is killed, on the ${device}`, async ({
    steady: page,
    server,
    browser,
    context,
  }) => {
    const number = await takeIn(browser, 'external-gear-pump', 'Ice plant');
    await page.setViewportSize(viewport);
    await signIn(page, 'bench');
    const at = `${server.url}/cases/${number}/parts/drive-gear`;
    await page.goto(at);
    const fold = page.locator('details', { has: page.locator('form[data-grades]') });
    if ((await fold.getAttribute('open')) === null) {
      await fold.locator('summary').first().click();
    }
    const form = page.locator('form[data-grades]');
    const words = form.getByLabel('In words');
    await words.fill('rings that a nail feels');
    await form.locator('.grades input[value="2"]').check();
    await expect(form.locator('.draft')).toHaveText('kept here as you type');

    // Reload, and away and back.
    await page.reload();
    await expect(words).toHaveValue('rings that a nail feels');
    await expect(form.locator('.grades input[value="2"]')).toBeChecked();
    await expect(form.locator('.draft')).toContainText('not sent yet');
    await page.goto(`${server.url}/cases/${number}/strip`);
    await page.goBack();
    await expect(words).toHaveValue('rings that a nail feels');

    // Another form of the page is saved meanwhile.
    await page.locator('#part_note').fill('seen at noon');
    await page.locator('#part_note').blur();
    await expect(page.locator('#saved_part')).toContainText('saved');
    await expect(words).toHaveValue('rings that a nail feels');

    await form.locator('fieldset', { hasText: 'What it is' }).getByRole('radio', { name: 'Damage', exact: true }).check();
    await form.getByLabel('Where').selectOption({ index: 1 });
    await form.getByLabel('Kind of damage').selectOption('scoring');
    const told = page.locator('#refusal');
    // The line is cut, the server is killed with the post in its hands, nobody is signed in any more: it is said, and the page stays.
    const comesToNothing = async (press, meanwhile) => {
      await context.setOffline(true);
      await press();
      await expect(told).toContainText('cannot be reached');
      await told.getByRole('button').first().click();
      await context.setOffline(false);
      server.signal('STOP');
      await press();
      server.signal('KILL');
      await expect(told).toContainText('cannot be reached');
      await told.getByRole('button').first().click();
      await page.locator('#part_note').fill(meanwhile);
      await page.locator('#part_note').blur();
      await expect(page.locator('#saved_part')).toContainText('not saved yet');
      await server.start();
      await expect(page.locator('#saved_part')).toHaveText(/^saved/);
      await context.clearCookies();
      await press();
      await expect(told).toContainText('You are signed out');
      await expect(told.getByRole('link', { name: 'Sign in again' })).toBeVisible();
      await logIn(page, 'bench');
      await page.goto(at);
      await expect(page.locator('#part_note')).toHaveValue(meanwhile);
    };
    const keep = page.getByRole('button', { name: 'Keep the finding' });
    await comesToNothing(() => keep.click(), 'seen at two');
    await expect(words).toHaveValue('rings that a nail feels');
    await expect(form.getByLabel('Kind of damage')).toHaveValue('scoring');
    await keep.click();
    const finding = page.locator('.finding', { hasText: 'rings that a nail feels' });
    await expect(finding).toHaveCount(1);

    // It is kept once, and gone from here.
    await page.reload();
    await expect(finding).toHaveCount(1);
    await expect(words).toHaveValue('');
    await expect(page.locator('.draft')).toHaveCount(0);

    // What is taken back is not taken back by halves either.
    const undo = page.getByRole('button', { name: /^Undo/ });
    await comesToNothing(() => undo.click(), 'seen at four');
    await undo.click();
    await expect(page.locator('#part_note')).toHaveValue('seen at two');
    await expect(finding).toHaveCount(1);
    await undo.click();
    await expect(finding).toHaveCount(0);
  });
}

test('what somebody else saved meanwhile is not covered by what was typed before', async ({ page, browser }) => {
  await signIn(page, 'desk');
  await page.goto('/cases/OQ-26-0104/intake');
  const [mine, theirs] = [`mine ${Date.now()}`, `theirs ${Date.now()}`];
  await page.route('**/intake/unit', (route) => route.abort());
  await page.locator('#unit_tag').fill(mine);
  await page.locator('#unit_tag').blur();
  await expect(page.locator('#saved_unit')).toContainText('not saved yet');
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'analyst');
  await other.goto('/cases/OQ-26-0104/intake');
  await other.locator('#unit_tag').fill(theirs);
  await other.locator('#unit_tag').blur();
  await expect(other.locator('#saved_unit')).toContainText('saved');
  await other.context().close();
  page.on('dialog', (dialog) => dialog.accept());
  await page.goto('/cases/OQ-26-0104/intake');
  await page.unroute('**/intake/unit');
  await expect(page.locator('#unit_tag')).toHaveValue(theirs);
  await page.getByRole('button', { name: 'Put mine back' }).click();
  await expect(page.locator('#unit_tag')).toHaveValue(mine);
  await expect(page.locator('#saved_unit')).toContainText('saved');
});
