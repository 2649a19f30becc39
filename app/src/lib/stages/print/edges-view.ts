import { cornerFallOff, keyLine, naturalFallOff, widerBurn, type Lamp } from '@katachron/core';
import { unanswered, type Answered } from '../../kit/asked.ts';
import { within } from '../../kit/form.ts';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { plainStops } from '../../words/fraction.ts';

/** Corners, a key line and a long burn, as they are being typed. */
export interface EdgesForm extends Record<string, string> {
  /** The exposure of the sheet, s; left empty: the answer. */
  base: string;
  fallOff: string;
  focal: string;
  magnification: string;
  radius: string;
  black: string;
  density: string;
  burn: string;
  wider: string;
}

export const usualEdges: EdgesForm = {
  ...{ base: '', fallOff: '', focal: '', magnification: '', radius: '' },
  ...{ black: '', density: '', burn: '', wider: '1' },
};

type Field = keyof EdgesForm & string;

export interface EdgesView {
  readonly corners: Answered;
  readonly key: Answered;
  readonly burn: Answered;
  /** What the corners lack, stops: it can go into the plan as a burn. */
  readonly cornerStops?: number;
  /** The light of the key line, s: it can go into the plan as a firing of its own. */
  readonly keyLineSeconds?: number;
  readonly troubles: Partial<Record<Field, string>>;
}

/** Works the edges out, as far as they are typed. */
export function edgesView(
  form: EdgesForm,
  answerSeconds: number | undefined,
  lamp: Lamp,
  keptFallOff?: number,
): EdgesView {
  const troubles: Partial<Record<Field, string>> = {};
  function read<Value>(field: Field, work: () => Value): Value | undefined {
    if (form[field]?.trim() === '') return undefined;
    const { value, trouble } = attempt(work);
    if (trouble !== undefined) troubles[field] = trouble;
    return value;
  }
  const number = (field: Field, what: string, usual: string, least: number, most: number) =>
    read(field, () =>
      within(form[field] ?? '', `Type ${what}, for example ${usual}.`, least, most),
    );
  const base =
    form.base.trim() === '' ? answerSeconds : number('base', 'seconds', '18', 0.01, 3600);
  const said = (seconds: number) => `${enlargerSeconds(seconds, lamp.timerStepSeconds)}\u00a0s`;
  // What the lamp is late by is dialled on top of every firing.
  const dial = (seconds: number) => `Dial ${said(seconds + lamp.lagSeconds)}.`;
  const stops = (value: number) => `${plainStops(value)} ${value > 1 + 1e-9 ? 'stops' : 'stop'}`;

  const fallOff =
    form.fallOff.trim() === ''
      ? keptFallOff
      : number('fallOff', 'what the corners lack in stops', '½', 0.01, 6);
  const natural = naturalOf();
  function naturalOf() {
    const focal = number('focal', 'the focal length in mm', '75', 1, 2000);
    const magnification = number('magnification', 'how many times it is enlarged', '4', 0.01, 100);
    const radius = number('radius', 'how far the corner is from the middle in mm', '36', 0.1, 500);
    if (!focal || !magnification || !radius) return undefined;
    return read('focal', () => naturalFallOff(focal, magnification, radius));
  }
  const corners = (): Answered => {
    const sentences =
      natural === undefined
        ? []
        : [
            `The lens alone takes ${natural.toFixed(2)} stop there, at any aperture${
              fallOff !== undefined && fallOff > natural + 0.01
                ? `: the other ${(fallOff - natural).toFixed(2)} go away on stopping down`
                : ''
            }.`,
          ];
    if (base === undefined || fallOff === undefined) return { sentences, cautions: [] };
    const { cornersSeconds, wholeSeconds, heldBackSeconds } = cornerFallOff(base, fallOff);
    return {
      big: said(cornersSeconds),
      sentences: [
        `More for the corners, the card over the middle and moving. ${dial(cornersSeconds)}`,
        `Or ${said(wholeSeconds)} for the whole sheet, its middle held back for ${said(heldBackSeconds)}.`,
        ...sentences,
      ],
      cautions: [],
    };
  };

  const black = number('black', 'the minimum time for maximum black', '8.5', 0.01, 3600);
  const density = number('density', 'the density of the clear film', '0.28', 0, 3);
  const line = black === undefined || density === undefined ? undefined : keyLine(black, density);
  const key = (): Answered => {
    if (!line) return unanswered;
    const { justBlackSeconds, seconds } = line;
    return {
      big: said(seconds),
      sentences: [
        `Without the negative, a mask over the picture. ${dial(seconds)}`,
        `Just black it is at ${said(justBlackSeconds)}; half a stop more makes it sure. Much more creeps under the mask.`,
      ],
      cautions: [],
    };
  };

  const burnStops = number('burn', 'the burn in stops', '1½', 0.01, 8);
  const wider = number('wider', 'by how many stops the lens is opened', '1', 0, 8);
  const burn = (): Answered => {
    if (base === undefined || burnStops === undefined || wider === undefined) return unanswered;
    const opened = widerBurn(base, burnStops, wider);
    const same = widerBurn(base, burnStops, 0);
    return {
      big: said(opened.seconds),
      sentences: [
        `With the lens ${stops(wider)} wider, in the place of ${said(same.seconds)}. ${dial(opened.seconds)}`,
        `As many seconds as the sheet got would burn by ${opened.sameSecondsStops.toFixed(2)} stops. Stop down again for the next sheet.`,
      ],
      cautions: [],
    };
  };
  return {
    ...{ corners: corners(), key: key(), burn: burn(), troubles },
    ...(fallOff !== undefined && { cornerStops: fallOff }),
    ...(line && { keyLineSeconds: line.seconds }),
  };
}
