// Makes the pictures in docs/screenshots from the demo shop: ./japhrex shots. SHOTS=name,name makes only some;
// OUT=folder puts them elsewhere.
import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { launchOptions, signIn } from './people.mjs';

const out = process.env.OUT ?? 'docs/screenshots';
const only = process.env.SHOTS?.split(',');
const views = {
  floor: { at: '/' },
  cases: { at: '/cases?q=gear-pump+block+scored%3E%3D3+last%3A6years' },
  numbers: { at: '/numbers?q=family%3Aexternal-gear-pump' },
  life: { at: '/life?q=gear-pump&with=roller-pump' },
  intake: { at: '/cases/OQ-26-0102/intake' },
  identity: { at: '/cases/OQ-26-0106/identity' },
  strip: { at: '/cases/OQ-26-0103/strip?step=rear-cover', as: 'bench' },
  parts: { at: '/cases/OQ-26-0106/parts#unit-drawing' },
  part: { at: '/cases/OQ-26-0102/parts/drive-gear' },
  onebyone: { at: '/cases/OQ-26-0107/one-by-one?part=vanes' },
  photo: { at: '/cases/OQ-26-0107/parts/vanes', as: 'bench', press: '.film a' },
  compare: { at: '/cases/OQ-26-0101/parts/front-block', press: ['.film a', 'text=Side by side'] },
  tray: { at: '/cases/OQ-26-0105/tray', as: 'bench' },
  pass: { at: '/cases/OQ-26-0103/phone', as: 'bench', press: ['text=Show a code', '.qrbox a'] },
  readings: { at: '/cases/OQ-26-0105/readings#drive-gear-thickness' },
  disputed: { at: '/cases/OQ-26-0105/readings#drive-gear-journal' },
  wear: { at: '/cases/OQ-26-0101/wear' },
  figures: { at: '/figures' },
  figure: { at: '/figures/shim-pick?measured=1.62+mm&low=0.10+mm&high=0.20+mm&stock=0.5+mm+x2%3B0.9+mm%3B1.0+mm+x*&most=2&reuse=no' },
  gauges: { at: '/gauges' },
  library: { at: '/library' },
  map: { at: '/library/external-gear-pump/map?case=OQ-26-0101&reach=1' },
  chain: { at: '/cases/OQ-26-0102/chain' },
  path: { at: '/cases/OQ-26-0109/chain/path' },
  chainopen: { at: '/cases/OQ-26-0108/chain' },
  verdict: { at: '/cases/OQ-26-0101/verdict' },
  report: { at: '/cases/OQ-26-0101/report' },
  claim: { at: '/cases/OQ-26-0114/claims/1', as: 'desk' },
  repair: { at: '/cases/OQ-26-0101/repair#options', as: 'desk' },
  build: { at: '/cases/OQ-26-0105/build#in-hand', as: 'bench' },
  proof: { at: '/cases/OQ-26-0101/proof#recordings', as: 'bench' },
  customer: { at: '/cases/OQ-26-0109/repair', as: 'desk', press: '.offer a.button' },
  history: { at: '/cases/OQ-26-0101/history' },
  login: { at: '/login', as: null },
};
const committed = {
  '': [
    'floor',
    'intake',
    'identity',
    'strip',
    'parts',
    'cases',
    'photo',
    'readings',
    'figure',
    'chain',
    'path',
    'verdict',
    'claim',
    'repair',
    'build',
    'proof',
    'report',
  ],
  '-phone': ['pass', 'customer'],
};
const sizes = { '': { width: 1280, height: 800 }, '-phone': { width: 390, height: 844 } };

mkdirSync(out, { recursive: true });
const browser = await chromium.launch(launchOptions);
for (const [suffix, viewport] of Object.entries(sizes)) {
  const pages = {};
  for (const name of only ?? committed[suffix]) {
    const bare = name.replace('-phone', '');
    if (only && (name !== bare) !== (suffix !== '')) {
      continue;
    }
    const { at, as = 'analyst', press } = views[bare];
    if (!pages[as]) {
      const context = await browser.newContext({
        viewport,
        baseURL: process.env.BASE_URL,
        reducedMotion: 'reduce',
        hasTouch: suffix !== '',
      });
      pages[as] = await context.newPage();
      if (as) {
        await signIn(pages[as], as);
      }
    }
    const page = pages[as];
    await page.goto(at);
    for (const one of [press ?? []].flat()) {
      await page.locator(one).first().click();
      await page.waitForTimeout(600);
    }
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: `${out}/${bare}${suffix}.png`, fullPage: process.env.FULL === '1' });
  }
}
await browser.close();
