// Writes the spreadsheet files that readers are tested with: with exceljs, and, from the same table, with LibreOffice.
// Run by hand when they are to be others: node tests/Fixtures/tables/make.mjs (needs `soffice`, from Debian).
import { execFileSync } from 'node:child_process';
import { mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ExcelJS from 'exceljs';

const here = new URL('.', import.meta.url).pathname;
const book = new ExcelJS.Workbook();

const notes = book.addWorksheet('Read me');
notes.getCell('A1').value = 'Counted at the door of the Mending Room.';

const year = book.addWorksheet('A year');
year.mergeCells('A1:E1');
year.getCell('A1').value = 'What came through the door';
year.getRow(3).values = ['Kind', 2022, 2023, 'Mended', 'Opened'];
const kinds = [
  [{ richText: [{ text: 'Small ' }, { text: 'appliances', font: { bold: true } }] }, 498, 512, 0.73, '2022-01-15'],
  ['Lamps & lights', 301.5, 287, 0.81, '2022-02-01'],
  ['Clothing', 154, 199, 0.410000000000000003, '2023-03-05'],
  ['Umbrellas', 12, 9, 0.5, '2023-03-06'],
  ['Toys', { formula: '50+38', result: 88 }, { formula: 'C5-187', result: 100 }, 1, '2023-12-31'],
];
kinds.forEach(([label, before, now, share, day], index) => {
  const row = year.getRow(4 + index);
  row.values = [label, before, now, share, new Date(`${day}T00:00:00Z`)];
  row.getCell(4).numFmt = '0 %';
  row.getCell(5).numFmt = 'yyyy-mm-dd';
});
year.getRow(7).hidden = true;
year.getRow(9).values = ['Total', { formula: 'SUM(B4:B8)', result: 1053.5 }, { formula: 'SUM(C4:C8)', result: 1107 }];
year.getRow(11).values = ['Source: the book at the door'];

const long = book.addWorksheet('Long');
long.getRow(1).values = ['Region', 'Kind', 'Year', 'Things', 'Cost'];
let at = 2;
for (const [region, kind, first] of [
  ['North', 'Kettles', 10],
  ['North', 'Lamps', 20],
  ['South', 'Chairs', 30],
]) {
  for (let step = 0; step < 3; step += 1) {
    long.getRow(at).values = [region, kind, 2021 + step, first + step, 1.5 * first + step];
    long.getRow(at).getCell(5).numFmt = '[$€-407] #,##0.00';
    at += 1;
  }
}
// A region stands once, over all of its rows.
long.mergeCells('A2:A7');
long.mergeCells('A8:A10');
long.getColumn(5).hidden = true;

const kept = book.addWorksheet('Kept apart');
kept.state = 'hidden';
kept.getRow(1).values = ['Kettles', 1];
kept.getRow(2).values = ['Lamps', 2];

await book.xlsx.writeFile(join(here, 'exceljs.xlsx'));

const scratch = mkdtempSync(join(tmpdir(), 'tables-'));
const convert = (from, to) =>
  execFileSync('soffice', [
    `-env:UserInstallation=file://${scratch}/me`,
    '--headless',
    '--convert-to',
    to,
    '--outdir',
    scratch,
    from,
  ]);
convert(join(here, 'exceljs.xlsx'), 'ods');
renameSync(join(scratch, 'exceljs.ods'), join(here, 'libreoffice.ods'));
convert(join(here, 'libreoffice.ods'), 'xlsx');
renameSync(join(scratch, 'libreoffice.xlsx'), join(here, 'libreoffice.xlsx'));
rmSync(scratch, { recursive: true });
