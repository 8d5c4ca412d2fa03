// A page on which anything that a visitor would not want to see fails the test: script errors, blocked resources, server errors.
import { test as base, expect } from '@playwright/test';

export const test = base.extend({
  page: async ({ page }, use) => {
    const wrong = [];
    page.on('pageerror', (error) => wrong.push(`script: ${error.message}`));
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
});

export { expect };
