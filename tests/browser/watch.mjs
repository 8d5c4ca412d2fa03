// A page on which anything that a visitor would not want to see fails the test: script errors, blocked resources, server errors.
// `steady` watches besides that the page does not move away under the hand when a form of it is sent.
import { test as base, expect } from '@playwright/test';
import { ownServer } from './server.mjs';

// How far the page has moved under the hand once the answer is there; tells only of pages that stay the same page.
function watchTheHand() {
  let hand = null;
  document.addEventListener('htmx:beforeRequest', ({ detail }) => {
    if (detail.target === document.body && detail.requestConfig.verb === 'post') {
      const stood = [];
      for (let node = detail.elt; node && node !== document.body; node = node.previousElementSibling ?? node.parentElement) {
        stood.push([node, node.id, node.getBoundingClientRect().top]);
      }
      hand = { sent: detail.elt, stood, path: location.pathname, to: detail.requestConfig.path, scrolled: window.scrollY };
    }
  });
  document.addEventListener('htmx:afterSettle', ({ detail }) => {
    if (hand?.sent !== detail.requestConfig?.elt || hand?.path !== location.pathname) {
      return;
    }
    const { stood, scrolled, to } = hand;
    hand = null;
    window.setTimeout(() => {
      // What has no id may have become something else. A page that did not scroll, or only along with what grew above, stays.
      const [, id, top] = stood.find(([, one]) => one && document.getElementById(one)) ?? [];
      const node = document.getElementById(id);
      const shift = node ? node.getBoundingClientRect().top - top : Number.POSITIVE_INFINITY;
      const atItsEnd = window.scrollY >= document.documentElement.scrollHeight - window.innerHeight - 1;
      // Nobody can scroll further than a page goes.
      if (!(shift > 0 && atItsEnd) && !(shift < 0 && window.scrollY === 0)) {
        const far = [shift, window.scrollY - scrolled].sort((a, b) => Math.abs(a) - Math.abs(b))[0];
        window.moved(to, Math.round(far));
      }
    });
  });
}

export const test = base.extend({
  page: async ({ page }, use) => {
    const wrong = [];
    page.on('pageerror', (error) => wrong.push(`script: ${error.message}${error.stack?.split('\n').slice(1, 3).join('')}`));
    page.on('console', (message) => {
      if (message.type() === 'error' && /Content Security Policy|Refused to/.test(message.text())) {
        wrong.push(message.text());
      }
    });
    page.on('response', (response) => {
      if (response.status() === 500) {
        wrong.push(`500 ${response.url()}`);
      }
    });
    await use(page);
    expect(wrong).toEqual([]);
  },
  // A server of its own, over the same shop, that the test may kill.
  server: async ({ browserName: _ }, use) => {
    const server = await ownServer();
    try {
      await use(server);
    } finally {
      server.end();
    }
  },
  steady: async ({ page }, use) => {
    const wrong = [];
    await page.exposeFunction('moved', (to, far) => {
      if (Math.abs(far) > 40) {
        wrong.push(`the page moved by ${far} px under the hand: ${to}`);
      }
    });
    await page.addInitScript(watchTheHand);
    await use(page);
    expect(wrong).toEqual([]);
  },
});

export { expect };
