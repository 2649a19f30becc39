import {
  contrastSet,
  defaultPaper,
  keepTone,
  layersFor,
  nearestSetting,
  solveContrast,
} from '@katachron/core';
import Type from 'typebox';
import { isoRange, netDensity, oneOf, orNull, seconds } from '../../kit/fields.ts';
import { contrastSetId } from '../../nouns/strip/contract.ts';
import { operation } from './operation.ts';

export const contrastOperation = operation({
  id: 'contrast',
  summary: 'The contrast at which one exposure makes highlight and shadow right',
  request: Type.Object(
    {
      range: isoRange('The range of the strip'),
      highlightSeconds: seconds('The highlight’s time'),
      shadowSeconds: seconds('The shadow’s time'),
      highlightDensity: netDensity('The highlight’s tone'),
      shadowDensity: netDensity('The shadow’s tone'),
      contrastSetId,
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    range: Type.Number(),
    /** At the nearest setting, its own speed and range counted. */
    seconds: Type.Number(),
    /** At the range that was solved, were all settings as fast. */
    equalSpeedSeconds: Type.Number(),
    formulaRange: Type.Number(),
    beyond: orNull<'too-hard' | 'too-soft'>(oneOf(['too-hard', 'too-soft'], 'Beyond the paper')),
    nearestSettingId: Type.String(),
  }),
  example: {
    request: {
      range: 110,
      highlightSeconds: 10,
      shadowSeconds: 14.1,
      highlightDensity: 0.1,
      shadowDensity: 1.72,
      contrastSetId: 'filters',
    },
    response: {
      range: 94.36,
      seconds: 11.38,
      equalSpeedSeconds: 11.01,
      formulaRange: 95.08,
      beyond: null,
      nearestSettingId: '3',
    },
  },
  run: ({ contrastSetId: setId, ...question }) => {
    const set = contrastSet(setId);
    // A strip softer or harder than the usual layers go has layers that do.
    const paper = layersFor(defaultPaper, [question.range]);
    const { seconds: equalSpeedSeconds, ...answer } = solveContrast(paper, question);
    const nearest = nearestSetting(set, answer.range);
    const { speedStops } = nearestSetting(set, question.range);
    const made = { range: question.range, speedStops };
    const { highlightSeconds, highlightDensity } = question;
    return {
      ...answer,
      seconds: keepTone(paper, made, nearest, highlightSeconds, highlightDensity),
      ...{ equalSpeedSeconds, nearestSettingId: nearest.id },
    };
  },
});
