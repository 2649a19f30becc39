import {
  castUnits,
  changePack,
  channels,
  eachChannel,
  pickOfRing,
  removeCast,
  wrongTurn,
  type ColourHead,
  type FilterPack,
} from '@katachron/core';
import type { ColourPrintBody, ColourTest } from '../../../nouns/colour-print/contract.ts';
import { startKind } from '../../../nouns/colour-print/start-kinds.ts';
import {
  changeWords,
  headFor,
  packWords,
  verdictWords,
} from '../../../nouns/colour-print/words.ts';
import { sameName } from '../../../words/same-name.ts';
import type { EnlargerBody } from '../../../nouns/enlarger/contract.ts';
import { attempt } from '../../../words/attempt.ts';
import { enlargerSeconds } from '../../../words/duration.ts';
import { stopsInWords } from '../../../words/fraction.ts';

/** A start that nothing is known for: in the middle of what negatives ask for. */
export const USUAL_START: { readonly pack: FilterPack; readonly seconds: number } = {
  pack: { c: 0, m: 40, y: 60 },
  seconds: 10,
};

/** No sheet gets less, s. */
const LEAST_LIGHT = 0.01;

/** What is to be printed next, and why. */
export interface NextColour {
  readonly pack: FilterPack;
  readonly seconds: number;
  readonly sentences: readonly string[];
}

const turned = (units: FilterPack): string[] => {
  const turn = wrongTurn(units);
  if (!turn) return [];
  const { letter } = channels.find(({ id }) => id === turn.channel)!;
  const by = `${turn.units > 0 ? '+' : '−'}${Math.abs(turn.units)} ${letter}`;
  return [
    `${changeWords(units)} is the same colour as ${by}: two moved alike are the third moved the other way.`,
  ];
};

/** What a verdict makes of a test's pack and time, as it is dialled: the lamp's lag gives no light. */
export function judged(test: ColourTest, head: ColourHead, lagSeconds = 0): NextColour {
  const lit = Math.max(LEAST_LIGHT, test.seconds - lagSeconds);
  const { seconds, ...next } = judgedLight({ ...test, seconds: lit }, head);
  return { ...next, seconds: seconds + lagSeconds };
}

function judgedLight(test: ColourTest, head: ColourHead): NextColour {
  const { pack, seconds, verdict, ring } = test;
  const light = 2 ** (verdict?.stops ?? 0);
  const moreLight = verdict?.stops
    ? [`${stopsInWords(verdict.stops)} ${verdict.stops > 0 ? 'more' : 'less'} light on top.`]
    : [];
  if (ring && verdict?.position !== undefined) {
    const picked = pickOfRing(
      { pack, seconds },
      { step: ring.step, patches: ring.patches, ...(ring.channel && { channel: ring.channel }) },
      verdict.position,
      head,
    );
    return {
      pack: picked.pack,
      seconds: picked.seconds * light,
      sentences: [`Picked of the ring-around: ${verdictWords(test)}.`, ...moreLight],
    };
  }
  const cast = verdict?.cast;
  if (!cast) {
    const { pack: clean, seconds: same, stops } = changePack(pack, pack, seconds, head);
    const grey = stops === 0 ? [] : [`Its grey is out: ${stopsInWords(-stops)} gained.`];
    return {
      pack: clean,
      seconds: same * light,
      sentences: [
        verdict ? 'No cast: the pack stays.' : 'As it was printed.',
        ...grey,
        ...moreLight,
      ],
    };
  }
  const units = castUnits(cast.id, cast.strength);
  const changed = removeCast(pack, units, seconds, head);
  const real = eachChannel((id) => changed.pack[id] - pack[id]);
  const grey = Math.min(...channels.map(({ id }) => pack[id] + units[id]));
  return {
    pack: changed.pack,
    seconds: changed.seconds * light,
    sentences: [
      `A ${cast.id} cast goes out by its own colour: ${changeWords(units)}.`,
      ...turned(units),
      ...(Math.abs(grey) < 0.05
        ? []
        : [
            `All three together are only grey: with it out the change is ${changeWords(real) || 'none'}.`,
          ]),
      ...(Math.abs(changed.stops) < 0.005
        ? []
        : [
            `The filters take ${Number(Math.abs(changed.stops).toFixed(3))} stop ${changed.stops > 0 ? 'more' : 'less'}; the time is corrected.`,
          ]),
      ...moreLight,
    ],
  };
}

/** All that the page of a colour print shows. */
export function colourView(body: ColourPrintBody, enlargers: readonly EnlargerBody[]) {
  const { head, measured } = headFor(body.enlarger, enlargers);
  const { lagSeconds, timerStepSeconds: step } = enlargers.find(({ name }) =>
    sameName(name, body.enlarger),
  )?.lamp ?? { lagSeconds: 0, timerStepSeconds: 0.1 };
  const last = body.tests.at(-1);
  const started = body.start;
  const worked = attempt((): NextColour => {
    if (started) return { ...started, sentences: [startKind(started.by).why(started.from)] };
    if (last) return judged(last, head, lagSeconds);
    return {
      ...USUAL_START,
      sentences: ['Nothing is known of this paper yet: the usual start of most negatives.'],
    };
  });
  const next: NextColour = worked.value ?? {
    ...(last ?? USUAL_START),
    sentences: [worked.trouble ?? ''],
  };
  return {
    ...{ head, lagSeconds, next, timerStep: step },
    packShown: packWords(next.pack),
    /** What stands in the empty fields. */
    dialled: eachChannel((id) => String(Number(next.pack[id].toFixed(1)))),
    secondsShown: enlargerSeconds(next.seconds, step),
    headWords: measured
      ? `by the filters of ${body.enlarger}, ten units: ${channels.map(({ id, letter }) => `${letter} ${head[id]}`).join(', ')} stop`
      : 'by usual filters, not measured on this head',
    /** The sheet that lies there to be judged. */
    open: started ? undefined : last && !last.verdict ? last : undefined,
  };
}
export type ColourView = ReturnType<typeof colourView>;
