import {
  STOP_IN_LOG,
  filmCurve,
  filmDensity,
  pushFactor,
  type FilmCharacter,
} from '@katachron/core';
import { line, scaleLinear } from 'd3';
import { signedStops, stopsInWords } from '../../words/fraction.ts';

/** The places of a picture that are followed, in zones: I lies at the speed point. */
const places = [
  { zone: 3, name: 'textured shadow' },
  { zone: 5, name: 'middle grey' },
  { zone: 8, name: 'textured highlight' },
] as const;

/** A place of the picture on a curve. */
export interface PushPlace {
  readonly name: string;
  readonly normal: number;
  /** Shot at the other speed, developed as usual. */
  readonly unchanged: number;
  /** Shot at the other speed and developed for it. */
  readonly pushed: number;
  readonly dots: readonly { readonly x: number; readonly y: number; readonly pushed: boolean }[];
}

/** What a push or a pull does, drawn from the film curve. */
export interface PushView {
  readonly normal: string;
  readonly pushed: string;
  readonly up: readonly { readonly y: number; readonly label: string }[];
  readonly places: readonly PushPlace[];
  readonly sentences: readonly string[];
  /** Where the curves are named. */
  readonly labels: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}

const LEFT = -1.2;
const RIGHT = 2.7;
const SAMPLES = 60;
const EDGE = 3;

/** A difference of density smaller than this nobody sees. */
const SEEN = 0.04;

/** Normal development and a push (or pull) by so many stops, by the film’s own curve where it has one. */
export function pushView(stops: number, film?: FilmCharacter): PushView {
  const normal = filmCurve(1, film);
  const pushed = filmCurve(pushFactor(stops), film);
  const x = scaleLinear([LEFT, RIGHT], [EDGE, 100 - EDGE]);
  const top = Math.max(filmDensity(pushed, RIGHT), filmDensity(normal, RIGHT));
  const y = scaleLinear([0, top], [100 - EDGE, EDGE]).nice();
  const sampled = Array.from(
    { length: SAMPLES + 1 },
    (_, n) => LEFT + ((RIGHT - LEFT) * n) / SAMPLES,
  );
  const path = (curve: typeof normal) =>
    line<number>(
      (logH) => x(logH),
      (logH) => y(filmDensity(curve, logH)),
    )(sampled) ?? '';
  const followed = places.map(({ zone, name }): PushPlace => {
    const logH = (zone - 1) * STOP_IN_LOG;
    const shot = logH - stops * STOP_IN_LOG;
    const densities = {
      normal: filmDensity(normal, logH),
      unchanged: filmDensity(normal, shot),
      pushed: filmDensity(pushed, shot),
    };
    return {
      name,
      ...densities,
      dots: [
        { x: x(logH), y: y(densities.normal), pushed: false },
        { x: x(shot), y: y(densities.pushed), pushed: true },
      ],
    };
  });
  return {
    normal: path(normal),
    pushed: path(pushed),
    up: y.ticks(5).map((density) => ({ y: y(density), label: density.toFixed(1) })),
    places: followed,
    sentences: explained(stops, followed),
    labels: [
      { x: x(RIGHT), y: y(filmDensity(normal, RIGHT)), text: 'normal' },
      ...(stops === 0
        ? []
        : [
            {
              x: x(RIGHT),
              y: y(filmDensity(pushed, RIGHT)),
              text: `${stops > 0 ? 'push' : 'pull'} ${signedStops(stops)}`,
            },
          ]),
    ],
  };
}

function explained(stops: number, followed: readonly PushPlace[]): string[] {
  const [shadow, , highlight] = followed as [PushPlace, PushPlace, PushPlace];
  if (stops === 0) return ['Shot at its box speed and developed as usual.'];
  const d = (density: number) => density.toFixed(2);
  const side = stops > 0 ? 'less' : 'more';
  const does = stops > 0 ? 'push' : 'pull';
  const given = `${stopsInWords(Math.abs(stops))} ${side} light, developed ×${pushFactor(stops).toFixed(2)}.`;
  const lost = shadow.normal - shadow.pushed;
  const shadowsSay =
    lost > SEEN
      ? `The textured shadow falls from ${d(shadow.normal)} to ${d(shadow.unchanged)}, and the ${does} lifts it to ${d(shadow.pushed)} only: what was not exposed does not come back.`
      : `The textured shadow lies at ${d(shadow.pushed)} instead of ${d(shadow.normal)}: it is safe.`;
  const apart = highlight.pushed - highlight.normal;
  const highlightsSay =
    Math.abs(apart) <= SEEN
      ? `The textured highlight comes back to ${d(highlight.pushed)}.`
      : `The textured highlight lies at ${d(highlight.pushed)} instead of ${d(highlight.normal)}: ${apart > 0 ? 'harder' : 'softer'}.`;
  const range = highlight.pushed - shadow.pushed;
  const usual = highlight.normal - shadow.normal;
  const contrast = `Between the two lie ${d(range)} instead of ${d(usual)}: contrast goes ${range > usual ? 'up' : 'down'}.`;
  return [given, shadowsSay, highlightsSay, contrast];
}
