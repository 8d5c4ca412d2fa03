// Clips and sounds from the phone, a still taken by hand, and what is sent when no page of ours is open any more.
import { join } from 'node:path';
import { signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const DEMO = join(import.meta.dirname, '../../demo');

async function pass(page, number, part) {
  await page.goto(`/cases/${number}/parts/${part}`);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('link', { name: 'Phone' }).click();
  await page.getByRole('button', { name: 'Show a code' }).click();
  const link = new URL(await page.locator('.qrbox a').getAttribute('href'));
  return link.pathname + link.search;
}

test('a clip is filmed and a note is spoken beside the unit; a still is taken from the clip, and what was said is typed out', async ({
  page,
  browser,
}) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Dredger');
  await signIn(page, 'bench');
  const link = await pass(page, number, 'front-bushes');
  const pocket = await browser.newContext({ viewport: { width: 390, height: 844 }, permissions: ['microphone'] });
  const phone = await pocket.newPage();
  await phone.goto(link);
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Front bearing bushes');
  await phone.locator('#film').setInputFiles(join(DEMO, 'clips/play-in-bush.mp4'));
  await expect(phone.getByText('1 clip stored.')).toBeVisible();
  await phone.getByRole('button', { name: 'Speak a note' }).click();
  await expect(phone.getByRole('button', { name: /Stop, [12] s/ })).toBeVisible();
  await phone.getByRole('button', { name: /Stop/ }).click();
  await expect(phone.getByText('2 clips stored.')).toBeVisible();
  await pocket.close();

  await page.goto(`/cases/${number}/parts/front-bushes`);
  await expect(page.locator('.ofclip')).toHaveCount(2);
  await page.getByRole('link', { name: /^clip, 4 s/ }).click();
  const video = page.locator('.player video');
  await expect.poll(() => video.evaluate((node) => [node.readyState >= 2, Math.round(node.duration)])).toEqual([true, 4]);
  // The player may go anywhere in it: the server sends ranges.
  await video.evaluate((node) => {
    node.currentTime = 2;
  });
  await page.getByRole('button', { name: 'A picture on' }).click();
  await expect(page.locator('[data-at]')).toHaveText('2.04 s');
  await page.getByRole('button', { name: 'Keep this picture' }).click();
  await expect(page.getByRole('heading', { name: 'Pictures taken from it' })).toBeVisible();
  await page.getByLabel('What is said or heard, typed out').fill('Rocks at the pressure side');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByLabel('What is said or heard, typed out')).toHaveValue('Rocks at the pressure side');
  await page.locator('.film a').click();
  await expect(page.getByText('still from a clip at 2.0 s')).toBeVisible();
  // As large as the clip, and not black.
  await expect(page.getByText(/still-at-2\.04-s\.jpg, 640 × 480/)).toBeVisible();
  await expect(page.locator('.stays').getByText(/dark|black/i)).toHaveCount(0);
});

test('with every page closed the service worker sends what waits', async ({ page, browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Lock keeper');
  await signIn(page, 'bench');
  const link = await pass(page, number, 'rear-block');
  const pocket = await browser.newContext({ serviceWorkers: 'allow' });
  const phone = await pocket.newPage();
  await phone.goto(link);
  await phone.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  await pocket.setOffline(true);
  await phone.locator('#shutter').setInputFiles(join(DEMO, 'photos/block-scored.jpg'));
  await expect(phone.locator('.waitingbar')).toContainText('1 picture waits here');
  const other = await pocket.newPage();
  const devtools = await pocket.newCDPSession(other);
  const registered = new Promise((resolve) => {
    devtools.on(
      'ServiceWorker.workerRegistrationUpdated',
      ({ registrations }) => registrations.length > 0 && resolve(registrations[0].registrationId),
    );
  });
  await devtools.send('ServiceWorker.enable');
  const registrationId = await registered;
  await phone.close();
  await pocket.setOffline(false);
  // The browser does this by itself once it has a connection again; here it is told to.
  const origin = new URL(process.env.BASE_URL).origin;
  await expect(async () => {
    await devtools.send('ServiceWorker.dispatchSyncEvent', { origin, registrationId, tag: 'photos', lastChance: false });
    await page.goto(`/cases/${number}/parts/rear-block`);
    await expect(page.locator('.film li')).toHaveCount(1, { timeout: 1500 });
  }).toPass();
  await pocket.close();
});
