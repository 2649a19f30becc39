import type { At } from '@katachron/core';
import { PAGE_HIGH, PAGE_WIDE, type Frame, type Ink, type Pen } from './ink.ts';
import { lineOf, linesOf, outlineOf, widthOf } from './letters.server.ts';

const BADGE = { radius: 10, size: 13 };
const SIGNS: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const safe = (words: string) => words.replaceAll(/[&<>"]/g, (sign) => SIGNS[sign]!);
const point = ({ x, y }: At) => `${x.toFixed(2)},${y.toFixed(2)}`;
const stroke = ({ width, colour, dash }: Pen) =>
  `fill="none" stroke="${colour}" stroke-width="${width}"${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`;

/** A drawing; more pages hang below the first one. */
export function svgInk(): Ink {
  const parts: string[] = [];
  let pages = 1;
  const down = (y: number) => y + (pages - 1) * PAGE_HIGH;
  const box = ({ x, y, width, height }: Frame) =>
    `x="${x}" y="${down(y)}" width="${width}" height="${height}"`;
  // Letters as outlines, and what they say beside them: a drawing is read where our fonts are not.
  const put = (words: string, x: number, y: number, size: number) => {
    const path = outlineOf(words, x, down(y) + lineOf(words, size).foot, size);
    if (path) parts.push(`<path aria-label="${safe(words)}" role="img" d="${path}"/>`);
  };
  return {
    text: (words, x, y, size, room) => {
      const { next } = lineOf(words, size);
      const lines = linesOf(words, size, room);
      for (const [n, line] of lines.entries()) put(line, x, y + n * next, size);
      return y + lines.length * next;
    },
    title: (words, x, y, size, room) => {
      const [line = '', ...more] = linesOf(words, size, room);
      put(more.length > 0 ? `${line.slice(0, -1)}…` : line, x, y, size);
    },
    picture: (png, frame) => {
      const data = Buffer.from(png).toString('base64');
      parts.push(
        `<image ${box(frame)} preserveAspectRatio="none" href="data:image/png;base64,${data}"/>`,
      );
    },
    line: (points, closed, within, pen) => {
      const path = points.map(({ x, y }) => point({ x, y: down(y) })).join(' L');
      const clip = `clip-${parts.length}`;
      parts.push(
        `<clipPath id="${clip}"><rect ${box(within)}/></clipPath>` +
          `<path clip-path="url(#${clip})" d="M${path}${closed ? ' Z' : ''}" ${stroke(pen)}/>`,
      );
    },
    rect: (frame, pen) => {
      parts.push(`<rect ${box(frame)} ${stroke(pen)}/>`);
    },
    badge: (label, x, y) => {
      const { radius, size } = BADGE;
      parts.push(
        `<circle cx="${x}" cy="${down(y)}" r="${radius}" fill="#ffffff" stroke="#000000"/>`,
      );
      const { next } = lineOf(label, size);
      put(label, x - widthOf(label, size) / 2, y - next / 2, size);
    },
    turnPage: () => {
      pages += 1;
    },
    done: () => {
      const [width, height] = [PAGE_WIDE, pages * PAGE_HIGH].map((length) => length.toFixed(2));
      const svg =
        `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">` +
        `<title>Print plan</title><rect width="100%" height="100%" fill="#ffffff"/>${parts.join('')}</svg>`;
      return Promise.resolve(Buffer.from(svg));
    },
  };
}
