import { bottleFollows, bottleInBowl, secondsInBath } from '@katachron/core';
import Type from 'typebox';
import { seconds, temperatureC, timeConstantSeconds, volumeMl } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

/** A litre bottle of glass, until it is measured, s. */
const USUAL_FOLLOWS = 600;

export const waterBathOperation = operation({
  id: 'water-bath',
  summary: 'How long a bottle stands in a bath or a bowl of water until it has a temperature',
  request: Type.Object(
    {
      nowC: temperatureC('What the bottle reads'),
      targetC: temperatureC('The temperature wanted'),
      bathC: temperatureC('The water'),
      /** One of the two: known, or to be learned from a second reading. */
      timeConstantSeconds: Type.Optional(timeConstantSeconds),
      second: Type.Optional(
        Type.Object(
          { afterSeconds: seconds('The time since the first reading'), readC: temperatureC() },
          { title: 'A second reading', additionalProperties: false },
        ),
      ),
      /** A bowl that cools; a bath that is held unless said. */
      bowl: Type.Optional(
        Type.Object(
          { bottleMl: volumeMl('The bottle'), bowlMl: volumeMl('The bowl') },
          { title: 'A bowl', additionalProperties: false },
        ),
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    timeConstantSeconds: Type.Number(),
    seconds: Type.Number(),
    endsC: Type.Number(),
    laterSeconds: Type.Number(),
  }),
  example: {
    request: {
      ...{ nowC: 15.5, targetC: 20, bathC: 30 },
      second: { afterSeconds: 300, readC: 18.4 },
      bowl: { bottleMl: 1000, bowlMl: 3500 },
    },
    response: { timeConstantSeconds: 1344.4, seconds: 532.4, endsC: 26.78, laterSeconds: 32.9 },
  },
  run: ({ nowC, targetC, bathC, second, bowl, timeConstantSeconds: known = USUAL_FOLLOWS }) => {
    const follows = second ? bottleFollows(nowC, second.readC, second.afterSeconds, bathC) : known;
    if (!bowl) {
      const time = secondsInBath(nowC, targetC, bathC, follows);
      return { timeConstantSeconds: follows, seconds: time, endsC: bathC, laterSeconds: 0 };
    }
    const bottle = { volumeMl: bowl.bottleMl, nowC, followsSeconds: follows };
    const {
      endsC,
      seconds: time,
      laterSeconds,
    } = bottleInBowl(bottle, { volumeMl: bowl.bowlMl, nowC: bathC }, targetC);
    return { timeConstantSeconds: follows, seconds: time, endsC, laterSeconds };
  },
});
