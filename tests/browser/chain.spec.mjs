// The engine beside the analyst's chain: what the finds speak for, and a story taken into the chain.
import { finding } from './looks.mjs';
import { signIn, takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

test('a case is graded step by step, the right candidate rises, and its story goes into the chain', async ({ page, browser }) => {
  const number = await takeIn(browser, 'External gear pump', 'Timber yard');
  await signIn(page, 'analyst');
  const first = async () => {
    await page.goto(`/cases/${number}/chain`);
    await expect(page.locator('#candidates')).toBeVisible();
    return page.locator('.candidates > li').first();
  };
  const grade = async (part, look) => {
    await page.goto(`/cases/${number}/parts/${part}`);
    await finding(page, look);
  };
  const share = async (row) => Number((await row.locator('.share .num').textContent()).replace('%', ''));
  await grade('front-block', { surface: 'Running face', mode: 'Scoring', grade: 3, note: 'rings over both bores' });
  const before = await share(await first());
  await grade('rear-block', { surface: 'Running face', mode: 'Scoring', grade: 3, note: 'as the front block' });
  await grade('suction-strainer', { surface: 'Mesh', mode: 'Debris', grade: 3, note: 'hard grains' });
  const row = await first();
  await expect(row).toContainText('Dirt let in');
  expect(await share(row)).toBeGreaterThan(before);
  await expect(page.locator('.checks a').first()).toBeVisible();
  await row.getByText('Why, and how it would have gone').click();
  await expect(row.locator('.story li').first()).toContainText('Dirt let in');
  await row.getByRole('button', { name: 'Take this story into the chain' }).click();
  const drawing = page.locator('.chainbox');
  await expect(drawing).toContainText('Dirt let in');
  await expect(drawing).toContainText('Scoring, front');
});
