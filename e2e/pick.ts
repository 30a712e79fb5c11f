import type { Locator, Page } from 'playwright-core';

/** Chooses in a field that opens a list, as somebody would: types what is wanted and takes the first that is offered. '' takes the first of all. */
export async function pick(
  page: Page,
  label: string | RegExp,
  option: string,
  within: Page | Locator = page,
): Promise<void> {
  const field = within.getByRole('combobox', { name: label }).first();
  await field.focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.type(option);
  await page
    .locator('.ant-select-dropdown:visible .ant-select-item-option')
    .filter({ hasText: option })
    .first()
    .click();
}

/** Lets go what was chosen in a field that may be empty: of that field, and not of whichever can be cleared first. */
export async function unpick(page: Page, label: string | RegExp): Promise<void> {
  const field = page.locator('.ant-select', { has: page.getByRole('combobox', { name: label }) }).first();
  await field.hover();
  await field.locator('.ant-select-clear').click();
}
