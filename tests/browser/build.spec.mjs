// A build sheet is stopped by a clearance out of range, told what to do, and mended.
import { execFileSync, spawn } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { signIn } from './people.mjs';

// Nothing runs before it is filled, turned by hand, and known to turn the right way.
const ready = async (page) => {
  for (const [i, seen] of ['oil at both ports', 'turns evenly', 'as the arrow', 'turns as before', 'fast'].entries()) {
    const step = page.locator('.build > li').nth(i);
    const pass = step.getByRole('button', { name: /^(Passed|It is back on)$/ });
    if (await pass.isVisible()) {
      await step.getByLabel('Read, or seen').fill(seen);
      await pass.click();
    }
    await expect(step).toContainText('passed');
  }
};

test('a soak has a clock that survives a reload, and the complaint is repeated', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0105/proof');
  await ready(page);
  await page.getByRole('button', { name: 'Start its clock: 5 min' }).click();
  await expect(page.locator('[data-clock] b')).toHaveText(/4:\d\d left/);
  await page.reload();
  await expect(page.locator('[data-clock] b')).toHaveText(/4:\d\d left/);
  const soak = page.locator('.build > li').filter({ has: page.locator('[data-clock]') });
  await soak.getByLabel('What else was seen').fill('quiet');
  await soak.getByRole('button', { name: 'Passed' }).click();
  await expect(page.getByText(/0 of 5 min have passed/)).toBeVisible();
  await expect(page.locator('.build > li').last()).toContainText('The complaint’s own conditions');
});

test('a clearance out of its target stops the build until it is mended', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0105/build');
  const hand = page.locator('#in-hand');
  await expect(hand).toContainText('Side clearance: 0.060 mm to 0.110 mm');
  await page.getByLabel('Read, several with a semicolon').fill('0.22 mm; 0.24 mm');
  await page.getByLabel('Shims that are in now').fill('1.20 mm');
  await page.getByLabel('Shims on the shelf, each with how many').fill('1.25mm; 1.35mmx2');
  await page.getByRole('button', { name: 'Sign this step' }).click();
  await expect(hand).toContainText('0.24 mm is too loose by 0.13 mm.');
  await expect(hand).toContainText('Lay in 1.35 mm: then it is 0.09 mm.');
  await expect(hand).toContainText('Side clearance', { useInnerText: true });
  await page.getByLabel('Read, several with a semicolon').fill('0.08 mm');
  await page.getByRole('button', { name: 'Try it again' }).click();
  await expect(hand).toContainText('Clean hydraulic oil on every face');
  await expect(hand, 'what happens else stands beside it').toContainText('A dry start wipes the blocks'.toLowerCase());
  await hand.locator('input[name=done][value=yes]').check();
  await page.getByRole('button', { name: 'Sign this step' }).click();
  await expect(hand).toContainText('Rear cover');
  // A facing is ticked, its pins are counted in, somebody looks on; without a picture it is not signed.
  for (const tick of await hand.getByRole('checkbox').all()) {
    await tick.check();
  }
  for (const count of await hand.locator('input[name^="counts"]').all()) {
    await count.fill('2');
  }
  if (await hand.getByLabel(/who looked on/).isVisible()) {
    await hand.getByLabel(/who looked on/).fill('apprentice');
  }
  await hand.getByRole('button', { name: 'Sign this step' }).click();
  await expect(page.getByText(/a facing and a pair are signed with a picture/)).toBeVisible();
  await hand.locator('input[type=file]').setInputFiles('demo/photos/block-good.jpg');
  for (const tick of await hand.getByRole('checkbox').all()) {
    await tick.check();
  }
  await hand.getByRole('button', { name: 'Sign this step' }).click();
  await expect(hand).toContainText('How both load seals lie');
  await expect(page.locator('.build .done').filter({ hasText: 'Rear cover' }).getByAltText('As fitted')).toBeVisible();
});

// The gaps that the proof page of the sweeper lists: read in its build, gone back in as found, new.
const asBuilt = ['--gaps=0.021,0.043,0.020'];

test('a stand sends as it runs: it passes, and fails with the fault that was set', async ({ page, baseURL }) => {
  await signIn(page, 'bench');
  page.on('dialog', (dialog) => dialog.accept());
  await page.goto('/stands');
  await page.getByText('Change, or make a device token').first().click();
  await page.getByRole('button', { name: /Make a (new )?device token/ }).click();
  const token = ((await page.locator('.token .num').textContent()) ?? '').trim();
  for (const [fault, live, says] of [
    ['none', 'As the build lets expect.', /Passed: 100 % of the run/],
    ['worn', /\d % under what the build lets expect/, /Missed: .* It falls short only once it is warm/],
  ]) {
    await page.goto('/cases/OQ-26-0101/proof');
    await page.getByRole('button', { name: 'Begin the run' }).click();
    await expect(page.locator('#live')).toContainText('nothing has come');
    const stand = spawn('php', [
      'stand-ins/stand/stand',
      ...asBuilt,
      `--token=${token}`,
      `--to=${baseURL}`,
      `--fault=${fault}`,
      '--minutes=4',
      '--pace=60',
    ]);
    const ended = new Promise((done) => stand.on('exit', done));
    await expect(page.locator('#live-chart .band')).toBeVisible();
    // How many rows there are on the way is nobody's business; what stands at the end stays.
    expect(await ended).toBe(0);
    await expect(page.locator('#live-chart')).toContainText('2 400 rows');
    await expect(page.locator('#live-chart [role=status]')).toContainText(live);
    await page.getByRole('button', { name: 'End the run and keep it' }).click();
    const kept = page.locator('.recording').first();
    await expect(kept).toContainText('Stand 1, 45 kW');
    await expect(kept).toContainText(says);
  }
  // What the stand shows goes into the step in hand, with the conditions, and is judged.
  await page.goto('/cases/OQ-26-0105/proof');
  await ready(page);
  await page.getByRole('button', { name: 'Begin the run' }).click();
  const stand = spawn('php', ['stand-ins/stand/stand', `--token=${token}`, `--to=${baseURL}`, '--fault=air', '--minutes=2', '--pace=60']);
  const ended = new Promise((done) => stand.on('exit', done));
  await ended;
  await expect(page.locator('#live-chart')).toContainText('1 200 rows');
  const flow = page.locator('.build > li').filter({ hasText: 'Flow at 0, 100 and 200 bar' });
  await flow.getByText('Write it now').click();
  await flow.getByRole('button', { name: 'Take what the stand shows' }).first().click();
  await expect(flow.getByLabel(/^Flow at 100 bar, cold\s+at least/)).toHaveValue(/^[\d.]+ L\/min$/);
  await expect(flow.getByLabel('What else was seen')).toHaveValue(/Flow at 100 bar, cold: 1\d\d.* bar, .* °C/);
  await flow.getByRole('button', { name: 'Passed' }).click();
  await expect(flow.getByRole('alert')).toContainText('Not passed: Flow at 100 bar, cold');
  await expect(flow.getByRole('alert')).toBeInViewport();
  await flow.getByRole('button', { name: 'Missed' }).click();
  await expect(flow).toContainText('First: is something in the wrong way round?');
  await expect(flow).toContainText('leakage inside');
  await page.getByRole('button', { name: 'End the run and keep it' }).click();
  await expect(page.locator('.recording').first()).toContainText('Stand 1, 45 kW');
});

test('a run of the stand passes, and fails with the fault that was set', async ({ page }) => {
  await signIn(page, 'bench');
  await page.goto('/cases/OQ-26-0101/proof');
  for (const [fault, says] of [
    ['none', /Passed: 100 % of the run/],
    ['worn', /Missed: .* It falls short only once it is warm/],
    ['air', /Missed: .* It falls short cold as well/],
  ]) {
    const buffer = execFileSync('php', ['stand-ins/stand/stand', ...asBuilt, `--fault=${fault}`, '--minutes=4']);
    await page.getByLabel('A recording, as CSV').setInputFiles({ name: `${fault}.csv`, mimeType: 'text/csv', buffer });
    await page.getByRole('button', { name: 'Take the recording' }).click();
    const first = page.locator('.recording').first();
    await expect(first).toContainText(`${fault}.csv`);
    await expect(first).toContainText(says);
    await expect(first.locator('.strip svg.drawn')).toHaveCount(4);
  }
  await page
    .getByLabel('A recording, as CSV')
    .setInputFiles({ name: 'back.csv', mimeType: 'text/csv', buffer: Buffer.from('time [s],flow [L/min]\n0,1\n2,1\n1,1\n') });
  await page.getByRole('button', { name: 'Take the recording' }).click();
  await expect(page.getByText('back.csv was not taken. Line 4 steps back in time')).toBeVisible();
});
