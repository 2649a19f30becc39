import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A page of a PDF as a printer would put it on paper, grey values row by row. */
export interface Page {
  readonly width: number;
  readonly height: number;
  readonly grey: Uint8Array;
}

const DPI = 150;

/** Renders every page of a PDF. */
export function pagesOf(pdf: Uint8Array): Page[] {
  const folder = mkdtempSync(join(tmpdir(), 'katachron-pdf-'));
  try {
    const file = join(folder, 'in.pdf');
    writeFileSync(file, pdf);
    const drawn = execFileSync('pdftoppm', ['-r', String(DPI), '-gray', file], {
      maxBuffer: 256e6,
    });
    return portableGreys(drawn);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The words that a reader of the PDF finds, line by line. */
export function textOf(pdf: Uint8Array): string {
  return execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf }).toString('utf8');
}

/** Pages of binary PGM, one after another. */
function portableGreys(bytes: Buffer): Page[] {
  const pages: Page[] = [];
  for (let at = 0; at < bytes.length;) {
    const [head = ''] = /^P5\s+\d+\s+\d+\s+255\s/.exec(bytes.toString('latin1', at, at + 40)) ?? [];
    const [, width = 0, height = 0] = head.split(/\s+/).map(Number);
    const from = at + head.length;
    pages.push({ width, height, grey: bytes.subarray(from, from + width * height) });
    at = from + width * height;
    if (head === '') throw new Error('not a page');
  }
  return pages;
}

/** How many pixels of a part of a page are dark; the part in mm from the top, or all of it. */
export function inkOf({ width, height, grey }: Page, fromMm = 0, toMm = Infinity): number {
  const row = (mm: number) => Math.min(height, Math.round((mm / 25.4) * DPI)) * width;
  return grey.subarray(row(fromMm), row(toMm)).filter((value) => value < 128).length;
}
