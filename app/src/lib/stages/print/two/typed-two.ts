import type { SideOfTwo } from '../../../nouns/two-negatives/contract.ts';
import type { PaperBody } from '../../../nouns/paper/contract.ts';
import { measuredSetting } from '../../../nouns/paper/measured-setting.ts';
import { within } from '../../../kit/form.ts';

/** What is typed of a side, by the part of it that it becomes. */
interface Typed {
  readonly label: string;
  readonly hint: string;
  /** An empty field is nothing of it. */
  readonly optional?: boolean;
  readonly least: number;
  readonly most: number;
  readonly sentence: string;
}

/** The numbers of a side, each said once. */
export const sideNumbers = {
  range: {
    label: 'R',
    hint: 'What its filter is on this paper.',
    ...{ least: 20, most: 300, sentence: 'Type the R of its setting, as 110.' },
  },
  seconds: {
    label: 'Its time alone, s',
    hint: 'By a strip of it alone, as dialled.',
    optional: true,
    ...{ least: 0.01, most: 3600, sentence: 'Type the seconds that it gets alone, as 10.' },
  },
  negativeMm: {
    label: 'A length on the negative, mm',
    hint: 'For another size.',
    optional: true,
    ...{ least: 0.1, most: 10_000, sentence: 'Type a length on the negative, mm, as 36.' },
  },
  printMm: {
    label: 'The same on the print, mm',
    hint: 'For another size.',
    optional: true,
    ...{ least: 0.1, most: 10_000, sentence: 'Type the same length on the print, mm, as 240.' },
  },
} as const satisfies Partial<Record<keyof SideOfTwo, Typed>>;
export type SideNumber = keyof typeof sideNumbers;

/**
 * A side with a number as it was typed.
 * @throws Refusal with what to type instead
 */
export function withNumber(side: SideOfTwo, part: SideNumber, text: string): SideOfTwo {
  const asked: Typed = sideNumbers[part];
  const { [part]: _before, ...others } = side;
  if (text.trim() === '' && asked.optional) return others as SideOfTwo;
  return { ...side, [part]: within(text, asked.sentence, asked.least, asked.most) };
}

/** A side with the R that its setting was found to have on the paper; where nobody measured it, as it is. */
export function asMeasured(
  side: SideOfTwo,
  paper: string,
  papers: readonly PaperBody[],
): SideOfTwo {
  const measured = measuredSetting(papers, paper, side.setting);
  return measured ? { ...side, range: measured.range } : side;
}

/** A side as it was set: another setting brings the R that was measured for it. */
export const sideSet = (
  before: SideOfTwo,
  changed: SideOfTwo,
  paper: string,
  papers: readonly PaperBody[],
): SideOfTwo => (changed.setting === before.setting ? changed : asMeasured(changed, paper, papers));
