import { expect, test } from './bench-test';
import { openStation } from './bench-page';

test('a charge that would make another metal says what it becomes, and is melted where it is meant', async ({
  page,
}) => {
  await openStation(page, 'metal');
  await page.getByRole('button', { name: 'Put Lot 18, pewter into the pot' }).click();
  await page.getByRole('button', { name: 'Put Lot 9, soft lead into the pot' }).click();
  const lead = page.getByRole('textbox', { name: 'Lot 9', exact: true });
  await lead.fill('20 g');
  await lead.blur();
  // A trace of lead, and it is lead-free no more; it melts from where tin and lead do.
  const change = page.getByText(/Lot 9, soft lead would make Lot 18, pewter/);
  await expect(change).toContainText('a metal with lead in it; it would melt from 183 °C, not from 227 °C');
  await expect(change).toContainText('no oven over 158 °C');
  await expect(page.getByText(/where lead and tin meet/)).toBeVisible();
  const melt = page.getByRole('button', { name: 'Melt into ingots' });
  await expect(melt).toBeDisabled();
  await page.getByRole('button', { name: 'I mean it: it is a blend' }).click();
  await expect(change).toHaveCount(0);
  await expect(melt).toBeEnabled();
  // What was meant of one charge is not meant of another.
  await lead.fill('200 g');
  await lead.blur();
  await expect(change).toBeVisible();
  await expect(melt).toBeDisabled();
});
