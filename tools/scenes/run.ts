import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { contactSheet, framesOnTheTable } from './contact-sheet.ts';
import { colourPrintScan } from './colour-print.ts';
import { straightPrint } from './photograph.ts';
import { coolingRacks } from './places/cooling-racks.ts';
import { furnaceHall } from './places/furnace-hall.ts';
import { yardInSnow } from './places/yard-in-snow.ts';
import { render } from './render.ts';
import { tabletScan } from './tablet-scan.ts';

/** Draws the pictures that the demo's prints carry, and the scan of a tablet to try: `npm run scenes`, or one of them by its name. */

const places = [
  { scene: furnaceHall, print: { range: 110, highlight: 0.965, shadow: 0.25 } },
  { scene: coolingRacks, print: { range: 130, highlight: 0.93, shadow: 0.12 } },
  { scene: yardInSnow, print: { range: 90, highlight: 0.8, shadow: 0.03 } },
];
const CONTACT_SHEET = 'contact-sheet';
const TABLET = 'tablet';
const COLOUR = 'colour';
const [only, wide = '840'] = process.argv.slice(2);
const width = Number(wide);
const height = (width * 3) / 4;

/** The same numbers on every run: the pictures are the same on every machine. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 4_294_967_296;
  };
}

async function keep(name: string, codes: Buffer, wide: number, high: number) {
  const file = fileURLToPath(new URL(`../../app/sample-pictures/${name}.webp`, import.meta.url));
  await sharp(codes, { raw: { width: wide, height: high, channels: 1 } })
    .toColourspace('b-w')
    .webp({ quality: 80 })
    .toFile(file);
  console.log(`${name} is in ${file}.`);
}

for (const { scene, print } of places) {
  if (only && only !== 'all' && only !== scene.name) continue;
  const random = seeded(7);
  const luminances = render(scene, width, height, random);
  const codes = straightPrint(luminances, width, height, print, random);
  await keep(scene.name, codes, width, height);
}
if (!only || only === 'all' || only === CONTACT_SHEET) {
  await keep(CONTACT_SHEET, contactSheet(1640, 1400, seeded(7)), 1640, 1400);
  const corners = framesOnTheTable().map(
    ({ x, y }) => `{ x: ${x.toFixed(4)}, y: ${y.toFixed(4)} }`,
  );
  console.log(`Its frames lie between ${corners.join(', ')}.`);
}
if (!only || only === 'all' || only === TABLET) {
  console.log(`The scan of a tablet is in ${await tabletScan(seeded(7))}.`);
}
if (!only || only === 'all' || only === COLOUR) {
  console.log(`A colour print is in ${await colourPrintScan()}.`);
}
