import {
  Refusal,
  defaultPaper,
  percentInStops,
  planSequence,
  planTools,
  secondsInStops,
  toneById,
  tones,
  type PlanArea,
  type Sequence,
} from '@katachron/core';
import Type, { type Static } from 'typebox';
import { isoRange, oneOf, seconds, stops, text } from '../../kit/fields.ts';
import { Lamp } from '../../nouns/strip/contract.ts';
import { MOST_AREAS } from '../../nouns/print/limits.ts';
import { operation } from './operation.ts';

const setting = {
  id: text('The id of the setting', 40, 1),
  range: isoRange('Its range'),
  speedStops: stops('Its speed'),
};
const exposure = (title: string) =>
  Type.Object({ ...setting, seconds: seconds('The time') }, { title, additionalProperties: false });

const Area = Type.Object(
  {
    name: text('The area', 60, 1),
    stops: Type.Optional(stops('The burn or dodge')),
    seconds: Type.Optional(
      Type.Number({ title: 'The seconds more, or less', minimum: -86_400, maximum: 86_400 }),
    ),
    percent: Type.Optional(
      Type.Number({ title: 'The per cent more, or less', minimum: -99.9, maximum: 100_000 }),
    ),
    setting: Type.Optional(
      Type.Object(setting, { title: 'What it is burned in', additionalProperties: false }),
    ),
    tone: Type.Optional(
      oneOf(
        tones.map(({ id }) => id),
        'The tone that it takes',
      ),
    ),
    widerStops: Type.Optional(
      Type.Number({ title: 'By how much the lens is opened', minimum: 0, maximum: 8 }),
    ),
    tool: Type.Optional(
      oneOf(
        planTools.map(({ id }) => id),
        'The tool',
      ),
    ),
  },
  { title: 'An area', additionalProperties: false },
);

const held = Type.Object({
  area: text('The area', 60),
  fromSeconds: Type.Number(),
  seconds: Type.Number(),
});
const firing = Type.Object({
  kind: oneOf<Sequence['firings'][number]['kind']>(
    ['flash', 'base', 'burn', 'key-line'],
    'What it is',
  ),
  area: Type.Optional(Type.String()),
  settingId: Type.String(),
  widerStops: Type.Number(),
  dialSeconds: Type.Number(),
  lightSeconds: Type.Number(),
  held: Type.Array(held),
});

const handless = (tool: string | undefined) =>
  planTools.some(({ id, hands }) => id === tool && hands === 0);

/** Counted in stops, seconds or per cent: in one of the three. */
function stopsOf(area: Static<typeof Area>, baseSeconds: number, index: number): number {
  const { stops: inStops, seconds: more, percent } = area;
  const said = [
    inStops,
    more !== undefined && secondsInStops(baseSeconds, more),
    percent !== undefined && percentInStops(percent),
  ].filter((one) => typeof one === 'number');
  if (said.length !== 1) {
    throw new Refusal(
      'area',
      `/areas/${index}`,
      `Say how much ${area.name} gets in stops, in seconds or in per cent: in one of the three.`,
    );
  }
  return said[0]!;
}

export const sequenceOperation = operation({
  id: 'sequence',
  summary: 'A print plan firing by firing: who is held back when, burns, changes, light in all',
  request: Type.Object(
    {
      base: Type.Array(exposure('An exposure of the base'), {
        title: 'The base, one exposure or a pair',
        minItems: 1,
        maxItems: 2,
      }),
      areas: Type.Array(Area, { title: 'The areas', maxItems: MOST_AREAS }),
      flash: Type.Optional(
        Type.Object(
          { ...setting, seconds: seconds('The time'), after: Type.Optional(Type.Boolean()) },
          { title: 'The flash', additionalProperties: false },
        ),
      ),
      keyLine: Type.Optional(exposure('The key line')),
      lamp: Lamp,
      hands: Type.Optional(Type.Integer({ title: 'The hands', minimum: 1, maximum: 2 })),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    firings: Type.Array(firing),
    areas: Type.Array(
      Type.Object({
        name: Type.String(),
        stops: Type.Number(),
        equalSeconds: Type.Number(),
        errorStops: Type.Number(),
      }),
    ),
    baseErrorStops: Type.Number(),
    lightSeconds: Type.Number(),
    filterChanges: Type.Number(),
    apertureChanges: Type.Number(),
    handsFit: Type.Boolean(),
  }),
  example: {
    request: {
      base: [{ id: '2.5', range: 100, speedStops: 0, seconds: 12 }],
      areas: [
        { name: 'roof', stops: 1 },
        { name: 'gatherer', seconds: -3, tool: 'wand' },
      ],
      lamp: { lagSeconds: 0, timerStepSeconds: 0.1 },
    },
    response: {
      firings: [
        {
          ...{ kind: 'base', settingId: '2.5', widerStops: 0, dialSeconds: 12, lightSeconds: 12 },
          held: [{ area: 'gatherer', fromSeconds: 0, seconds: 3 }],
        },
        {
          ...{ kind: 'burn', area: 'roof', settingId: '2.5', widerStops: 0 },
          ...{ dialSeconds: 12, lightSeconds: 12, held: [] },
        },
      ],
      areas: [
        { name: 'roof', stops: 1, equalSeconds: 24, errorStops: 0 },
        { name: 'gatherer', stops: -0.415, equalSeconds: 9, errorStops: 0 },
      ],
      baseErrorStops: 0,
      lightSeconds: 24,
      filterChanges: 0,
      apertureChanges: 0,
      handsFit: true,
    },
  },
  run: ({ base, areas, hands = 2, lamp, flash, keyLine }) => {
    const baseSeconds = base.reduce((sum, one) => sum + one.seconds, 0);
    const counted = areas.map((area, index) => stopsOf(area, baseSeconds, index));
    const plan = areas.map(({ setting: other, tone, widerStops, tool }, index): PlanArea => ({
      stops: counted[index]!,
      ...(other && { setting: other }),
      ...(tone && { netDensity: toneById(tone).netDensity }),
      ...(widerStops !== undefined && { widerStops }),
      ...(handless(tool) && { byMask: true }),
    }));
    const {
      firings,
      areas: given,
      ...whole
    } = planSequence(
      defaultPaper,
      { base, areas: plan, hands, ...(flash && { flash }), ...(keyLine && { keyLine }) },
      lamp,
    );
    const nameOf = (index: number) => areas[index]!.name;
    return {
      ...whole,
      firings: firings.map(({ setting: { id }, area, held: windows, ...rest }) => ({
        ...rest,
        settingId: id,
        ...(area !== undefined && { area: nameOf(area) }),
        held: windows.map((window) => ({ ...window, area: nameOf(window.area) })),
      })),
      areas: given.map((one, index) => ({
        ...one,
        name: nameOf(index),
        stops: counted[index]!,
      })),
    };
  },
});
