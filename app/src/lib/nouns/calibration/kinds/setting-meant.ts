import { Refusal, contrastSet, type ContrastSetId } from '@katachron/core';
import { plainList } from '../../../words/list.ts';
import { namedSetting } from '../../paper/measured-setting.ts';

/**
 * The setting of a set that was meant.
 * @throws Refusal with the names there are
 */
export function settingMeant(setId: ContrastSetId, typed: string) {
  const found = namedSetting(setId, typed);
  if (found) return found;
  const { noun, settings } = contrastSet(setId);
  throw new Refusal(
    'setting',
    '/prints',
    `There is no ${noun} “${typed}”: they are ${plainList(settings.map(({ name }) => name))}.`,
  );
}
