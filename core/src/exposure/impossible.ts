import { sound } from '../quantity/sound.ts';
/** What a whole strip has wrong with it, whatever patch is looked at. */
export interface StripFault {
  readonly id: 'too-little' | 'too-much' | 'too-soft' | 'too-hard';
  readonly sentence: string;
}

/** Each fault, by the ends at which the two places were picked: the darkest patch is the last. */
const faults: readonly (StripFault & {
  readonly highlight: 'lightest' | 'darkest';
  readonly shadow: 'lightest' | 'darkest';
})[] = [
  {
    id: 'too-little',
    highlight: 'darkest',
    shadow: 'darkest',
    sentence: 'No real black anywhere, and the lights still lack tone: too little light.',
  },
  {
    id: 'too-much',
    highlight: 'lightest',
    shadow: 'lightest',
    sentence: 'Nothing near white, and the darks are full everywhere: too much light.',
  },
  {
    id: 'too-soft',
    highlight: 'lightest',
    shadow: 'darkest',
    sentence: 'No black although the lights are already too dark: too soft a setting.',
  },
  {
    id: 'too-hard',
    highlight: 'darkest',
    shadow: 'lightest',
    sentence: 'The lights are blank where the darks are full: too hard a setting.',
  },
];

/**
 * What is impossible on a strip, looked for before anything is picked between its ends.
 * @param patches how many the strip has
 * @param highlight position at which the highlight is right or comes nearest, from 0
 * @param shadow the same for the shadow
 * @returns the fault; undefined while one of them is right somewhere inside
 * @source practice: first look for what is impossible
 * @example
 * stripFault(7, 0, 6).id // = "too-soft"
 */
export function stripFault(
  patches: number,
  highlight: number,
  shadow: number,
): StripFault | undefined {
  sound([patches, highlight, shadow]);
  const endOf = (position: number) =>
    position === 0 ? 'lightest' : position === patches - 1 ? 'darkest' : undefined;
  const found = faults.find(
    (fault) => fault.highlight === endOf(highlight) && fault.shadow === endOf(shadow),
  );
  return found && { id: found.id, sentence: found.sentence };
}
