// workbook IN OUT: writes tables as a spreadsheet (XLSX, ECMA-376). IN is JSON: a list of sheets, each with its name,
// its heads and its rows; a cell is a text, a number, or {"share": a number from 0 to 1}.
import { readFileSync } from 'node:fs';
import exceljs from 'exceljs';

interface Sheet {
  name: string;
  heads: string[];
  rows: (string | number | null | { share: number })[][];
}

/** letters across, of the narrowest and the widest column */
const NARROW = 10;
const WIDE = 48;

const [source, target] = process.argv.slice(2);
const workbook = new exceljs.Workbook();
for (const { name, heads, rows } of JSON.parse(readFileSync(source, 'utf8')) as Sheet[]) {
  const sheet = workbook.addWorksheet(name, { views: [{ state: 'frozen', ySplit: 1 }] });
  sheet.addRow(heads).font = { bold: true };
  for (const row of rows) {
    const added = sheet.addRow(row.map((cell) => (cell !== null && typeof cell === 'object' ? cell.share : cell)));
    row.forEach((cell, at) => {
      if (cell !== null && typeof cell === 'object') added.getCell(at + 1).numFmt = '0.00%';
    });
  }
  heads.forEach((head, at) => {
    const widths = rows.map((row) => String(row[at] ?? '').length);
    sheet.getColumn(at + 1).width = Math.min(WIDE, Math.max(NARROW, head.length + 2, ...widths.map((one) => one + 2)));
  });
}
await workbook.xlsx.writeFile(target);
