// Looks at a part, as a hand at the bench enters them.
import { expect } from '@playwright/test';

export async function choose(scope, legend, option) {
  await scope.locator('fieldset', { hasText: legend }).getByRole('radio', { name: option, exact: true }).check();
}

export async function finding(page, { mode, grade, surface, note }) {
  const fold = page.locator('details', { has: page.locator('form[data-grades]') });
  if ((await fold.getAttribute('open')) === null) {
    await fold.locator('summary').click();
  }
  const form = page.locator('form[data-grades]');
  await choose(form, 'What it is', 'Damage');
  await form.locator(`.grades input[value="${grade}"]`).check();
  await form.getByLabel('Where').selectOption({ label: surface });
  await form.getByLabel('Kind of damage').selectOption({ label: mode });
  await expect(form.locator('.mode-help')).toContainText('Speaks for');
  await form.getByLabel('In words').fill(note);
  await form.getByRole('button', { name: 'Keep the finding' }).click();
  await expect(page.locator('.finding', { hasText: note })).toBeVisible();
}
