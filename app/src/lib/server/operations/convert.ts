import {
  defaultPaper,
  longTimeIn,
  keepTone,
  ratioInStops,
  timeAtAperture,
  timeAtDistance,
  timeAtMagnification,
  timeByLengths,
  timeByProbe,
  timeOnPaper,
  timeWithPupils,
  toneById,
  tones,
  usualLoss,
} from '@katachron/core';
import Type from 'typebox';
import { isoRange, oneOf, seconds, stops } from '../../kit/fields.ts';
import { operation } from './operation.ts';

const some = (title: string, maximum = 100_000) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum });
const change = (title: string, maximum?: number) =>
  Type.Optional(
    Type.Object(
      { from: some('What it was', maximum), to: some('What it is', maximum) },
      { title, additionalProperties: false },
    ),
  );
const setting = (title: string) =>
  Type.Object(
    { range: isoRange('The range'), speedStops: stops('The speed') },
    { title, additionalProperties: false },
  );

export const convertOperation = operation({
  id: 'convert',
  summary: 'A time in another set-up: size, aperture, distance, paper, contrast, and long times',
  request: Type.Object(
    {
      seconds: seconds('The time that was right'),
      size: Type.Optional(
        Type.Object(
          {
            negativeMm: some('The length on the negative'),
            fromMm: some('The same length on the print'),
            toMm: some('The length it is to have'),
            pupils: Type.Optional(some('Exit pupil by entrance pupil', 10)),
          },
          { title: 'The size', additionalProperties: false },
        ),
      ),
      probe: change('The probe’s readings at one spot'),
      aperture: change('The f-numbers', 1000),
      distance: change('The lamp’s distances'),
      paperSpeed: change('The papers’ speeds'),
      setting: Type.Optional(
        Type.Object(
          {
            from: setting('The setting that it was right at'),
            to: setting('The setting to go to'),
            tone: Type.Optional(
              oneOf(
                tones.map(({ id }) => id),
                'The tone to keep',
              ),
            ),
          },
          { title: 'The contrast', additionalProperties: false },
        ),
      ),
      longTimes: Type.Optional(Type.Boolean({ title: 'Whether the paper loses speed' })),
      loss: Type.Optional(
        Type.Object(
          {
            fromSeconds: Type.Number({
              ...{ title: 'Where the loss begins', minimum: 1, maximum: 3600, description: 's' },
            }),
            lossPerDoubling: Type.Number({
              ...{ title: 'What is lost at each doubling', minimum: 0, maximum: 0.4 },
            }),
          },
          {
            title: 'What this paper loses; what papers usually do unless said',
            additionalProperties: false,
          },
        ),
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    seconds: Type.Number(),
    stops: Type.Number(),
    byLengthsSeconds: Type.Optional(Type.Number()),
    laws: Type.Array(Type.String()),
  }),
  example: {
    request: { seconds: 10, aperture: { from: 8, to: 11 } },
    response: { seconds: 20, stops: 1, laws: ['aperture'] },
  },
  run: ({
    seconds: was,
    size,
    probe,
    aperture,
    distance,
    paperSpeed,
    setting: other,
    longTimes,
    loss = usualLoss,
  }) => {
    const laws: string[] = [];
    let now = was;
    const by = (law: string, next: number) => {
      laws.push(law);
      now = next;
    };
    // A probe has seen what a law can only say.
    if (probe) by('probe', timeByProbe(now, probe.from, probe.to));
    else if (size) {
      const [from, to] = [size.fromMm / size.negativeMm, size.toMm / size.negativeMm];
      if (size.pupils) by('lens law with pupils', timeWithPupils(now, from, to, size.pupils));
      else by('lens law', timeAtMagnification(now, from, to));
    }
    if (aperture) by('aperture', timeAtAperture(now, aperture.from, aperture.to));
    if (distance) by('inverse square', timeAtDistance(now, distance.from, distance.to));
    if (paperSpeed) by('paper speed', timeOnPaper(now, paperSpeed.from, paperSpeed.to));
    if (other) {
      const { netDensity } = toneById(other.tone ?? 'VIII');
      by('contrast', keepTone(defaultPaper, other.from, other.to, now, netDensity));
    }
    if (longTimes) by('long times', longTimeIn(was, now / was, loss));
    return {
      ...{ seconds: now, stops: ratioInStops(now / was), laws },
      ...(size && { byLengthsSeconds: timeByLengths(was, size.fromMm, size.toMm) }),
    };
  },
});
