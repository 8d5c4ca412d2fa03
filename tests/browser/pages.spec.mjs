// Every page by axe (WCAG 2.2 AA), at the bench's and at the phone's width, and its weight.
import AxeBuilder from '@axe-core/playwright';
import { signIn } from './people.mjs';
import { expect, test } from './watch.mjs';

test.describe.configure({ mode: 'parallel' });

const cases = {
  floor: '/',
  cases: '/cases?q=block+scored%3E%3D3',
  'cases, unread': '/cases?q=stage:garage',
  life: '/life?q=gear-pump&with=roller-pump',
  numbers: '/numbers?q=family:external-gear-pump',
  warnings: '/warnings',
  'cases like one': '/cases/OQ-26-0102/like',
  'one beside another': '/cases/OQ-26-0102/like/OQ-26-0101',
  'a customer': '/about/customer?is=Quarry',
  'a serial': '/about/serial?is=VG28-20417',
  'kind of unit': '/cases/new',
  'new case': '/cases/new?family=external-gear-pump',
  library: '/library?q=lens+plate',
  book: '/library/axial-piston-pump-single',
  map: '/library/external-gear-pump/map?from=suction-strainer&case=OQ-26-0101',
  gauges: '/gauges',
  'test stands': '/stands',
  figures: '/figures',
  'a figure': '/figures/shim-pick?measured=0.42mm&present=1.2mm&low=0.1mm&high=0.2mm&stock=1.4mm;1.5mm',
  'a figure that waits': '/figures/complaint-check?needed=60',
  'a drawing': '/figures/displacement-external-gear?tip-diameter=44.98mm',
  intake: '/cases/OQ-26-0102/intake',
  'intake, signed': '/cases/OQ-26-0101/intake',
  strip: '/cases/OQ-26-0103/strip',
  'strip, stuck': '/cases/OQ-26-0103/strip?step=rear-cover',
  parts: '/cases/OQ-26-0101/parts',
  part: '/cases/OQ-26-0102/parts/drive-gear',
  'one by one': '/cases/OQ-26-0102/one-by-one?part=drive-gear',
  phone: '/cases/OQ-26-0103/phone',
  tray: '/cases/OQ-26-0105/tray',
  readings: '/cases/OQ-26-0102/readings',
  'readings, signed': '/cases/OQ-26-0101/readings',
  wear: '/cases/OQ-26-0101/wear',
  'map, debris': '/library/external-gear-pump/map?case=OQ-26-0101&reach=1',
  chain: '/cases/OQ-26-0102/chain',
  'chain, proposed': '/cases/OQ-26-0108/chain',
  'chain, signed': '/cases/OQ-26-0101/chain',
  'path of harm': '/cases/OQ-26-0101/chain/path',
  verdict: '/cases/OQ-26-0102/verdict',
  warranty: '/cases/OQ-26-0102/warranty',
  policies: '/policies',
  claims: '/claims',
  claim: '/cases/OQ-26-0114/claims/1',
  tags: '/cases/OQ-26-0114/tags',
  repair: '/cases/OQ-26-0101/repair',
  'build sheet': '/cases/OQ-26-0105/build',
  proof: '/cases/OQ-26-0101/proof',
  'proof, in hand': '/cases/OQ-26-0106/proof',
  prices: '/prices',
  certificates: '/me',
  settings: '/settings',
  report: '/cases/OQ-26-0101/report',
  history: '/cases/OQ-26-0101/history',
  'not here': '/cases/OQ-26-9999',
  people: '/people',
  'log-ins': '/security?kind=signed-in',
  exchange: '/exchange',
  'programs that read': '/exchange/tokens',
  'cases from a table': '/exchange/tables/cases',
  'names of people': '/names',
};

// On the phone the pages that are used there are looked at by axe once more; the others only have to fit.
const onThePhone = [
  'floor',
  'intake',
  'strip',
  'parts',
  'part',
  'one by one',
  'phone',
  'tray',
  'readings',
  'chain, proposed',
  'verdict',
  'warranty',
];

// In a dark room.
const inTheDark = ['floor', 'part', 'chain', 'strip, stuck', 'readings, signed', 'readings', 'wear', 'a figure'];

// What is said by the markup is the same at every width; how large things are and what lies behind them is not.
const BY_WIDTH = ['color-contrast', 'link-in-text-block', 'target-size', 'scrollable-region-focusable'];
const COLOURS = ['color-contrast', 'link-in-text-block'];
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const ALL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

async function check(page, rules = ALL) {
  // One frame a page, so axe may work in it instead of opening another beside it; what is right need not be told.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ runOnly: rules, resultTypes: ['violations'] });
  const found = await axe.analyze();
  expect(found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`)).toEqual([]);
}

test('the log-in is accessible', async ({ page }) => {
  await page.goto('/login');
  await check(page);
});

async function fits(page, name) {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
    `${name} is wider than the screen`,
  ).toBeLessThanOrEqual(0);
  await expect(page.locator('dialog:visible'), `${name} opens with nothing over it`).toHaveCount(0);
}

// In parts, so that both workers have something to do.
const PARTS = 4;
for (let part = 0; part < PARTS; part++) {
  test(`every page is accessible and fits, on the desk, the phone and in the dark, part ${part + 1}`, async ({ page }) => {
    await signIn(page, 'analyst');
    for (const [name, at] of Object.entries(cases).filter((_, i) => i % PARTS === part)) {
      await test.step(name, async () => {
        await page.setViewportSize(DESK);
        await page.goto(at);
        if (name.startsWith('chain')) {
          await page.locator('.candidates').waitFor();
        }
        await check(page);
        await fits(page, name);
        if (inTheDark.includes(name)) {
          await page.emulateMedia({ colorScheme: 'dark' });
          await check(page, COLOURS);
          await page.emulateMedia({ colorScheme: null });
        }
        await page.setViewportSize(PHONE);
        await fits(page, name);
        const walk = page.locator('.walk');
        if ((await walk.count()) > 0) {
          expect((await walk.boundingBox()).height, `the walk of ${name} is one row at the bottom`).toBeLessThan(90);
        }
        if (onThePhone.includes(name)) {
          await check(page, BY_WIDTH);
        }
      });
    }
  });
}

test('a photo and two side by side are accessible, on the desk and the phone', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await signIn(page, 'analyst');
  await page.goto('/cases/OQ-26-0101/parts/front-block');
  await page.locator('.film a').first().click();
  const look = async (seen) => {
    await expect(page.locator(seen)).toBeVisible();
    await page.setViewportSize(PHONE);
    await check(page, BY_WIDTH);
    await page.setViewportSize(DESK);
    await check(page);
  };
  await look('.viewer');
  await page.getByRole('link', { name: 'Side by side' }).click();
  await look('.compare');
});

test('the first view of a case is light', async ({ page }) => {
  await signIn(page, 'analyst');
  const client = await page.context().newCDPSession(page);
  await client.send('Network.enable');
  await client.send('Network.setCacheDisabled', { cacheDisabled: true });
  let bytes = 0;
  client.on('Network.loadingFinished', (event) => {
    bytes += event.encodedDataLength;
  });
  await page.route('**/pictures/**', (route) => route.abort());
  await page.goto(cases.intake);
  await page.waitForLoadState('networkidle');
  console.log(`first view without photos: ${Math.round(bytes / 1000)} kB`);
  expect(bytes).toBeLessThan(300_000);
});
