import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { expect, leavePrint, openPrint, stripRead, test } from './bench.ts';

test('a plan goes out in four forms; its file comes into another print, and can be taken back', async ({
  page,
}) => {
  const negative = `F-${randomUUID().slice(0, 6)} / 3`;
  await leavePrint(page, { ...stripRead, negative, areas: [{ name: 'roof', stops: '+⅔' }] });
  await openPrint(page, '/plan');
  const files: Buffer[] = [];
  for (const name of ['PDF, to pin up', 'SVG', 'PNG', 'a file for another print']) {
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name, exact: true }).click();
    files.push(await readFile(await (await coming).path()));
  }
  const begins = files.map((file) => file.subarray(0, 5).toString('latin1'));
  expect(begins).toEqual(['%PDF-', '<svg ', '\u0089PNG\r', '{"for']);

  await leavePrint(page, { ...stripRead, negative, areas: [{ name: 'door', stops: '−⅓' }] });
  await openPrint(page, '/plan');
  const take = page.getByLabel('Take a plan’s file in');
  const sequence = page.getByTestId('sequence');
  await take.setInputFiles({ name: 'x.json', mimeType: 'text/plain', buffer: Buffer.from('{oh') });
  await expect(page.getByRole('alert').filter({ hasText: 'no plan’s file' })).toBeVisible();
  const wrong = Buffer.from(JSON.stringify({ ...JSON.parse(String(files[3])), hands: 'three' }));
  await take.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: wrong });
  await expect(
    page.getByRole('alert').filter({ hasText: 'How many hands hold back is one of one, two.' }),
  ).toBeVisible();
  await expect(sequence).toContainText('hold back door');
  await take.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: files[3]! });
  await expect(sequence).toContainText('Burn roof');
  await expect(sequence).not.toContainText('door');
  await page.keyboard.press('z');
  await expect(sequence).toContainText('hold back door');
  // One area alone, of the other print of this negative.
  await page.getByRole('button', { name: 'Areas of other prints of it' }).click();
  await page.getByRole('button', { name: 'Take over roof +⅔' }).click();
  await expect(sequence).toContainText('Burn roof');
  await page.reload();
  await expect(sequence).toContainText('Burn roof');
  await expect(sequence).toContainText('hold back door');
});
