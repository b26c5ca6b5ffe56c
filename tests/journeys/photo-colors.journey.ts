import { preyPicture } from '../support/prey-picture';
import { openStation } from './bench-page';
import { turnTo } from './coat-bench';
import { expect, test } from './bench-test';

test('a picture gives its known colors, and the powders nearest to them; a file that is none is refused', async ({
  page,
}) => {
  await openStation(page, 'coat');
  await turnTo(page, 'Colors');
  await page.getByRole('button', { name: 'From a photo' }).click();
  const photo = page.getByRole('region', { name: 'Colors of a photo' });
  const input = photo.locator('input[type=file]');
  await input.setInputFiles({ name: 'perch.png', mimeType: 'image/png', buffer: preyPicture(400, 300) });
  const colors = photo.getByRole('list', { name: 'Main colors' }).getByRole('listitem');
  await expect(colors).toHaveCount(3);
  await expect(colors.nth(0)).toContainText('#5d7a3a 50 %');
  await expect(colors.nth(0).getByRole('button').first()).toHaveAccessibleName('reed green, difference 0.0');
  await expect(colors.nth(1)).toContainText('#e9e2cf 30 %');
  await expect(colors.nth(2)).toContainText('#b8441c 20 %');
  await expect(colors.nth(2).getByRole('button').first()).toHaveAccessibleName('ember fleck, difference 0.0');

  await colors.nth(2).getByRole('button').first().click();
  const form = page.getByRole('form', { name: 'New color' });
  await form.getByRole('textbox', { name: 'Called' }).fill('Perch fin');
  await form.getByRole('button', { name: 'Keep this color' }).click();
  await expect(
    page.getByRole('list', { name: 'Colors' }).getByRole('button', { name: /^Perch fin/ }),
  ).toBeVisible();

  await input.setInputFiles({ name: 'notes.txt', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(photo.getByRole('alert')).toContainText('Choose a JPEG, PNG or WebP.');
});
