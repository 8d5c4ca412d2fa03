// A whole new case, from the intake bench to the text of its signed PDF, with real photo files.
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { choose, finding } from './looks.mjs';
import { BY_THE_WORKER, lookedClean, openUnit, PASSWORD, signIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const photo = (name) => `demo/photos/${name}.jpg`;
const saved = (page, form) => expect(page.locator(`#saved_${form}`)).toContainText('saved');

async function stepDone(page, fill = async () => {}) {
  const title = await page.locator('.step h2').textContent();
  await fill(page);
  const adjuster = page.getByLabel('as found, before it is touched');
  if ((await adjuster.count()) > 0) {
    await page.getByRole('button', { name: 'Done, it is off' }).click();
    await expect(page.getByText('Take it as found first')).toBeVisible();
    await adjuster.fill('4.25 turn');
  }
  await page.getByRole('button', { name: 'Done, it is off' }).click();
  const leave = page.getByRole('button', { name: 'Leave out, knowingly' });
  await expect(leave.or(page.locator('.step h2').filter({ hasNotText: title })).first()).toBeVisible();
  if ((await leave.count()) > 0) {
    await leave.click();
  }
  await expect(page.locator('.step h2')).not.toHaveText(title);
}

async function addPhoto(page, ...names) {
  const before = await page.locator('.film li').count();
  await page.setInputFiles('form[data-upload] input[type=file]', names.map(photo));
  await expect(page.locator('.film li')).toHaveCount(before + names.length);
}

async function reading(page, anchor, typed, gauge, verdict) {
  const row = page.locator(`#${anchor}`);
  await row.getByLabel(/^Gauge/).selectOption({ label: gauge });
  const places = row.locator('input.value');
  for (const [i, one] of typed.split(';').entries()) {
    await places.nth(i).fill(one.trim());
  }
  await places.last().press('Enter');
  await expect(page.locator(`#${anchor} .verdictword`)).toHaveText(verdict);
}

async function link(page, from, to, how, way) {
  const form = page.locator('#link-form');
  await page.locator('#joining').evaluate((node) => node.setAttribute('open', ''));
  await form.getByLabel('Cause').selectOption({ label: from });
  await form.getByLabel('Effect').selectOption({ label: to });
  await form.getByLabel('How', { exact: true }).selectOption({ label: how });
  await form.getByLabel('Which way it took').selectOption({ label: way });
  await form.getByRole('button', { name: 'Link them' }).click();
  // The page of before may show the same two already: the new one has an empty form.
  await expect(form.getByLabel('Cause')).toHaveValue('');
  await expect(page.locator('[id^=link-].finding', { hasText: `${from} → ${to}` })).toBeVisible();
}

test('a failed pump is taken in, stripped, judged, explained and signed', async ({ page, browser }) => {
  await signIn(page, 'desk');
  await page.goto('/');

  // Intake at the desk.
  await page.getByRole('link', { name: 'Take in a unit' }).click();
  await page.getByRole('link', { name: 'External gear pump', exact: true }).click();
  await page.getByLabel('Whose').fill('Cable ferry');
  await page.getByLabel('What it does').fill('Ramp pump');
  await page.getByLabel('Serial').pressSequentially('vg28 20417');
  await expect(page.getByText('This serial was here before.')).toBeVisible();
  await page.getByLabel('Serial').fill(`RP-${Date.now()}`);
  await expect(page.getByText('This serial was here before.')).toBeHidden();
  await page.getByLabel('Maker').fill('Vintrey');
  await page.getByLabel('Model').fill('G28');
  await page.getByLabel('Displacement').fill('28.7 cc/rev');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('heading', { name: 'Ramp pump' })).toBeVisible();
  const number = (await page.locator('.caseline .num').textContent()).trim();

  const complaint = page.locator('form[action$="/intake/complaints"]');
  await complaint.getByLabel('What fails').selectOption({ label: 'Low flow or slow movement' });
  await complaint.getByLabel("In the customer's words").fill('The ramp creeps when it is warm.');
  await complaint.getByLabel('Their theory').fill('The oil is wrong.');
  await choose(complaint, 'Oil', 'hot');
  await complaint.getByRole('button', { name: 'Add the complaint' }).click();
  await expect(page.locator('.words').first()).toHaveText('The ramp creeps when it is warm.');

  const arrival = page.locator('#form_arrival');
  await choose(arrival, 'Shaft by hand', 'stiff');
  await saved(page, 'arrival');
  for (const [legend, option] of [
    ['End float felt', 'slight'],
    ['Side play felt', 'none'],
    ['Oil in it', 'partly'],
    ['Water in the oil', 'no'],
    ['Metal in the oil', 'yes'],
    ['Seals and tags intact', 'yes'],
  ]) {
    await choose(arrival, legend, option);
  }
  await saved(page, 'arrival');
  await addPhoto(page, 'arrival-tag', 'arrival-port');
  await page.reload();
  await expect(arrival.locator('fieldset', { hasText: 'Metal in the oil' }).getByLabel('yes')).toBeChecked();
  await expect(page.locator('#walk a', { hasText: 'Intake' })).toContainText('nothing open');

  // Strip at the bench, by somebody else.
  const bench = await (await browser.newContext()).newPage();
  await signIn(bench, 'bench');
  await bench.goto(`/cases/${number}/strip`);
  await expect(bench.locator('.step h2')).toHaveText('Strainer and what came with it');
  await openUnit(bench);
  await stepDone(bench);
  await expect(bench.locator('.danger')).toContainText('A port may still hold pressure');
  await stepDone(bench, (p) => choose(p, 'How the fasteners came out', 'rusty'));
  for (let i = 0; i < 9; i++) {
    await stepDone(bench);
  }
  await bench.getByRole('button', { name: 'Done, it is off' }).click();
  await bench.getByRole('button', { name: 'Leave out, knowingly' }).click();
  await expect(bench.getByText('12 of 12 steps done; the unit is apart')).toBeVisible();

  // Parts: photos, a mark, findings, what is clean.
  await bench.goto(`/cases/${number}/parts/front-block`);
  await addPhoto(bench, 'block-scored');
  await finding(bench, { mode: 'Scoring', grade: 3, surface: 'Running face', note: 'rings in which a nail catches' });
  await choose(bench.locator('#form_part'), 'Nail and pick', 'nail catches');
  await saved(bench, 'part');
  await bench.locator('.film a').first().click();
  await bench.getByRole('radio', { name: 'box', exact: true }).check();
  const picture = await bench.locator('.viewer svg').boundingBox();
  await bench.mouse.move(picture.x + picture.width * 0.3, picture.y + picture.height * 0.3);
  await bench.mouse.down();
  await bench.mouse.move(picture.x + picture.width * 0.6, picture.y + picture.height * 0.6, { steps: 4 });
  await bench.mouse.up();
  await bench.locator('#mark-form .grades input[value="3"]').check();
  await bench.getByLabel('Note').fill('deepest here');
  await bench.getByRole('button', { name: 'Keep the mark' }).click();
  await expect(bench.locator('.finding', { hasText: 'deepest here' })).toBeVisible();
  await bench.goto(`/cases/${number}/parts/suction-strainer`);
  await finding(bench, { mode: 'Embedded particles', grade: 2, surface: 'Mesh', note: 'hard grains' });
  await bench.goto(`/cases/${number}/parts/body`);
  await lookedClean(bench);

  // Readings.
  await bench.goto(`/cases/${number}/readings`);
  await reading(bench, 'front-block-thickness', '23.92 mm; 23.925 mm; 23.921 mm', 'Micrometer 0–25 no. 3', 'outside at every place');
  await reading(bench, 'drive-gear-thickness', '1.0235 in; 1.0235 in; 1.0234 in; 1.0235 in', 'Micrometer 25–50 no. 5', 'within');
  await reading(bench, 'body-side-clearance', '0.14 mm; 0.15 mm', 'Feeler set A', 'outside');

  // Chain and verdict by the analyst.
  const analyst = await (await browser.newContext()).newPage();
  await signIn(analyst, 'analyst');
  await analyst.goto(`/cases/${number}/parts/front-block`);
  await choose(analyst.locator('#form_part'), 'What becomes of it', 'Replace');
  await analyst.getByLabel('Because', { exact: true }).fill('below its limit');
  await analyst.getByLabel('Because', { exact: true }).blur();
  await saved(analyst, 'part');
  await analyst.goto(`/cases/${number}/chain`);
  while ((await analyst.getByRole('button', { name: 'Bring in' }).count()) > 0) {
    const left = await analyst.getByRole('button', { name: 'Bring in' }).count();
    await analyst.getByRole('button', { name: 'Bring in' }).first().click();
    await expect(analyst.getByRole('button', { name: 'Bring in' })).toHaveCount(left - 1);
  }
  await analyst.getByText('Add an origin').click();
  const origin = analyst.locator('form', { has: analyst.locator('#origin_name') });
  await origin.getByLabel('In a few words').fill('Dirt let in when the tank was filled');
  await origin.getByLabel('Kind of origin').selectOption({ label: 'Contamination let in' });
  await origin.getByLabel('It rests on').fill('the same grains in the funnel');
  await origin.getByRole('button', { name: 'Add the origin' }).click();
  await expect(analyst.locator('.chain-svg .origin')).toBeVisible();
  await link(
    analyst,
    'Dirt let in when the tank was filled',
    'Embedded particles, suction strainer, mesh',
    'Dirt gets in and travels with the oil',
    'at the same place',
  );
  await link(
    analyst,
    'Embedded particles, suction strainer, mesh',
    'Scoring, front bearing block, running face',
    'Hard particles cut a softer face',
    'by touch',
  );
  await expect(analyst.locator('.problem', { hasText: 'nothing goes by touch' })).toContainText('The book joins them by the oil');
  await link(
    analyst,
    'Embedded particles, suction strainer, mesh',
    'Scoring, front bearing block, running face',
    'Hard particles cut a softer face',
    'by the oil',
  );
  await expect(analyst.locator('.problem', { hasText: 'nothing goes by touch' })).toHaveCount(0);
  await link(analyst, 'Scoring, front bearing block, running face', 'Low flow or slow movement', 'Is noticed as', 'at the same place');
  const open = analyst.locator('#leftopen .problem');
  await expect(open.first()).toContainText('the diagnosis is provisional');
  // The answer to the last link is there.
  await expect(analyst.locator('#candidates')).not.toHaveAttribute('aria-busy');
  // The next one is refused with a reason, whether or not it comes near the first: that hangs on what else the shop has signed.
  const named = await analyst.locator('.candidates > li').nth(1).locator('p b').first().textContent();
  const other = analyst.locator('.candidates > li', { has: analyst.locator('p b', { hasText: named }) });
  await other.getByText('Why, and how it would have gone').click();
  await other.getByText('Refuse this origin').click();
  await other.getByLabel('Why it was not this').fill('measured on the frame, and looked at: it was not this');
  await other.getByRole('button', { name: 'Refuse it' }).click();
  await expect(other).toContainText('refused: measured on the frame');
  await expect(open).toHaveCount(1);

  await analyst.goto(`/cases/${number}/verdict`);
  await analyst.getByLabel('Origin').selectOption({ label: 'Dirt let in when the tank was filled' });
  await choose(analyst, 'Who carries it', 'Operator');
  await analyst.getByLabel('What failed first').fill('Grains came in with the oil and scored the blocks.');
  await analyst.getByLabel('What failed first').blur();
  await saved(analyst, 'verdict');
  await analyst.getByLabel('Your password, once more').fill(PASSWORD);
  await analyst.getByRole('button', { name: 'Sign as analyst 1' }).click();
  await expect(analyst.getByText('waits for a second person')).toBeVisible();

  const second = await (await browser.newContext()).newPage();
  second.on('dialog', (dialog) => dialog.accept());
  await signIn(second, 'second');
  await second.goto(`/cases/${number}/verdict`);
  await second.getByLabel('Your password, once more').fill(PASSWORD);
  await second.getByRole('button', { name: 'I have read it all' }).click();
  await expect(second.getByText('The case is signed: revision 1.')).toBeVisible();

  // The report of the signing is made by itself.
  const file = second.getByRole('link', { name: `${number}-report-r1.pdf` });
  await expect(file).toBeVisible(BY_THE_WORKER);
  const pdf = await second.request.get(await file.getAttribute('href'));
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  writeFileSync('var/walk.pdf', await pdf.body());
  const text = execFileSync('pdftotext', ['-layout', 'var/walk.pdf', '-']).toString().replace(/\s+/g, ' ');
  for (const words of [
    'Ramp pump',
    number,
    'The ramp creeps when it is warm.',
    'The oil is wrong.',
    'Dirt let in when the tank was filled',
    'rings in which a nail catches',
    '23.920 mm',
    'outside',
    'Feeler set A',
    'below its limit',
    'Grains came in with the oil',
    'analyst 1',
    'analyst 2',
    'deepest here',
    'block-scored.jpg',
    'page 1 of',
  ]) {
    expect(text).toContain(words);
  }
  expect(text.match(/[0-9a-f]{64}/g).length).toBeGreaterThanOrEqual(4);
  expect(text).not.toContain('draft');

  // Frozen: the page offers no way to change it, and the floor shows it as signed.
  await bench.goto(`/cases/${number}/parts/front-block`);
  await expect(bench.locator('form[data-autosave]')).toHaveCount(0);
  await bench.goto('/');
  await expect(bench.locator('.floorlist li', { hasText: number })).toContainText('Signed');
});
