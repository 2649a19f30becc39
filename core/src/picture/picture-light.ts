import { densityAt, logExposureAt, logOfTone } from '../paper/curve.ts';
import { densityUnderFlash, type Flash } from '../paper/flash.ts';
import type { Paper } from '../paper/paper.ts';
import { curveForRange } from '../paper/range.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { codeFromLinear, linearFromCode } from './srgb.ts';

/** Codes of eight bits. */
const CODES = 256;
/** So near to paper white or to full black the picture says nothing of the light that made it, density. */
const AT_AN_END = 0.02;
/** ISO 6846 speed is measured here above Dmin. */
const SPEED_DENSITY = 0.6;
/** Under this a scan of a negative is flare, and no film. */
const LEAST_SCANNED = 12;

/** What is known of a code: the light that the paper got there. */
export interface PictureLight {
  /** For each of 256 codes, log10 exposure on the paper's curve. */
  readonly logH: readonly number[];
  /** For each of 256 codes: nothing is known of its light. */
  readonly unknown: readonly boolean[];
}

const netMost = (paper: Paper) => paper.dMax - paper.dMin;

function checkedCode(code: number, field: string): void {
  if (!(code >= 1 && code < CODES)) {
    throw new Refusal('picture', field, 'A tone of a picture is a code from 1 to 255.');
  }
}

/**
 * The light behind a picture of a straight print: back through the paper's curve.
 * @param paper layers
 * @param range R of the print
 * @param whiteCode the code of its paper white, 1 to 255
 * @returns log exposure of each code, and which say nothing
 * @throws Refusal `picture` for a white that is no code
 * @source code → net density against paper white → log H on the curve
 * @example
 * lightOfPrint(defaultPaper, 100, 236).unknown[236] // = true
 */
export function lightOfPrint(paper: Paper, range: number, whiteCode: number): PictureLight {
  sound([range, whiteCode]);
  checkedCode(whiteCode, '/whiteCode');
  const curve = curveForRange(paper, range);
  const white = linearFromCode(whiteCode);
  const most = netMost(paper) - AT_AN_END;
  const nets = Array.from({ length: CODES }, (_, code) => {
    const share = linearFromCode(code) / white;
    return share > 0 ? -Math.log10(share) : Infinity;
  });
  return {
    logH: nets.map((net) =>
      logExposureAt(curve, paper.dMin + Math.min(most, Math.max(AT_AN_END, net))),
    ),
    unknown: nets.map((net) => net < AT_AN_END || net > most),
  };
}

/**
 * The light that a negative would send to the paper, from its scan, a highlight of it placed on a tone.
 * @param paper layers
 * @param range R of the setting
 * @param scan the codes of clear film and of the highlight, 1 to 255; the tone that the highlight takes, density above Dmin
 * @returns log exposure of each code, and which say nothing
 * @throws Refusal `picture` for what is no code, or a highlight no denser than clear film; `density` for a tone that the paper cannot show
 * @source linear light → D = −log10(lin/lin of clear film) → log H = log H of the tone + D of the highlight − D
 * @example
 * lightOfNegative(defaultPaper, 110, { clearCode: 221, highlightCode: 70, netDensity: 0.1 }).unknown[5] // = true
 */
export function lightOfNegative(
  paper: Paper,
  range: number,
  scan: { readonly clearCode: number; readonly highlightCode: number; readonly netDensity: number },
): PictureLight {
  sound([range, scan]);
  const { clearCode, highlightCode, netDensity } = scan;
  checkedCode(clearCode, '/clearCode');
  checkedCode(highlightCode, '/highlightCode');
  if (highlightCode >= clearCode) {
    throw new Refusal(
      'picture',
      '/highlightCode',
      'On a negative the highlight is darker than clear film: pick another place.',
    );
  }
  const curve = curveForRange(paper, range);
  const density = (code: number) =>
    -Math.log10(Math.max(linearFromCode(Math.max(code, 1)), 1e-6) / linearFromCode(clearCode));
  const placed = logOfTone(curve, netDensity);
  const highlight = density(highlightCode);
  const codes = Array.from({ length: CODES }, (_, code) => code);
  return {
    logH: codes.map((code) => placed + highlight - density(code)),
    unknown: codes.map((code) => code < LEAST_SCANNED),
  };
}

/**
 * The same light at another contrast: settings of equal speed reach the speed point in the same time.
 * @param paper layers
 * @param light what each code stands for at the first setting
 * @param fromRange R of the first setting
 * @param toRange R of the other
 * @returns what each code stands for at the other setting
 * @source ISO 6846: equal speeds meet at the speed point
 * @example
 * lightAtRange(defaultPaper, lightOfPrint(defaultPaper, 100, 236), 100, 100).logH[172] - lightOfPrint(defaultPaper, 100, 236).logH[172] // ≈ 0
 */
export function lightAtRange(
  paper: Paper,
  light: PictureLight,
  fromRange: number,
  toRange: number,
): PictureLight {
  const speedPoint = (range: number) =>
    logExposureAt(curveForRange(paper, range), paper.dMin + SPEED_DENSITY);
  const shift = sound(speedPoint(toRange) - speedPoint(fromRange));
  return { ...light, logH: light.logH.map((logH) => logH + shift) };
}

/** From nothing at all to full black, log10 exposure, and how finely a slow curve is tabulated there. */
const [LEAST_LOG, MOST_LOG, LOG_STEP] = [-5, 5, 0.01];

/** A curve that takes long to work out, worked out once for each of a thousand places and straight between them. */
function tabulated(curve: (logH: number) => number): (logH: number) => number {
  const count = Math.round((MOST_LOG - LEAST_LOG) / LOG_STEP);
  const known = Float64Array.from({ length: count + 1 }, (_, n) => curve(LEAST_LOG + n * LOG_STEP));
  return (logH) => {
    const at = Math.min(count, Math.max(0, (logH - LEAST_LOG) / LOG_STEP));
    const below = Math.min(count - 1, Math.floor(at));
    return known[below]! + (at - below) * (known[below + 1]! - known[below]!);
  };
}

/** More or less light than this is not looked up, stops. */
export const MOST_LOOKED_UP = 5;
/** Finer than this nobody sees, stops. */
export const LOOKED_UP_STEP = 1 / 24;

/**
 * What the paper would show: for every light more or less, and every code, the code it becomes. Row by row from the least
 * light, 256 codes each.
 * @param paper layers
 * @param range R of the setting
 * @param light what each code stands for
 * @param whiteCode the code of paper white in what is shown, 1 to 255
 * @param flash a plain exposure of the whole sheet besides, as a share of the threshold, and R of its light
 * @returns codes, row after row: −5 stops first, in steps of 1/24 stop
 * @throws Refusal `picture` for a white that is no code
 * @source the layer model, tabulated; print 10^−net of paper white; light of flash and negative added
 * @example
 * printTable(defaultPaper, 100, lightOfPrint(defaultPaper, 100, 236), 236)[120 * 256 + 172] // = 172
 */
export function printTable(
  paper: Paper,
  range: number,
  light: PictureLight,
  whiteCode: number,
  flash?: Flash,
): Uint8Array {
  sound([range, whiteCode, flash ?? 0]);
  checkedCode(whiteCode, '/whiteCode');
  const curve = curveForRange(paper, range);
  const density = flash
    ? tabulated(densityUnderFlash(paper, range, flash))
    : (logH: number) => densityAt(curve, logH);
  const white = linearFromCode(whiteCode);
  const rows = Math.round((2 * MOST_LOOKED_UP) / LOOKED_UP_STEP) + 1;
  const table = new Uint8Array(rows * CODES);
  for (let row = 0; row < rows; row += 1) {
    const more = (row * LOOKED_UP_STEP - MOST_LOOKED_UP) * STOP_IN_LOG;
    for (let code = 0; code < CODES; code += 1) {
      const net = density(light.logH[code]! + more) - paper.dMin;
      table[row * CODES + code] = Math.round(codeFromLinear(white * 10 ** -net));
    }
  }
  return table;
}
