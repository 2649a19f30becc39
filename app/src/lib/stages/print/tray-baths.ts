import { paperSize, paperSizes, USUAL_SIZE, type PaperSizeId } from '../../nouns/paper/sizes.ts';
import type { PaperThrough, Through } from '../../nouns/bath/through.ts';
import {
  placedBaths,
  pouringCautions,
  throughOf,
  type PlacedBath,
  type StandingBath,
} from '../../nouns/bath/standing.ts';

/** The trays that every sheet goes through; which of them stand is told by what stands mixed. */
const KINDS = ['print-developer', 'print-stop', 'print-short-fix', 'print-fix'] as const;

/** What is typed of the trays: the paper's size, and the baths that were chosen, by their ids. It stays for the next sheet. */
export const emptyTrays = () => ({
  ...{ size: USUAL_SIZE as string, 'print-developer': '', 'print-stop': '', 'print-fix': '' },
});
export type TrayForm = ReturnType<typeof emptyTrays>;

/** The baths that paper goes through beside a print's own page. */
export interface TrayBaths {
  readonly size: PaperSizeId;
  readonly placed: readonly PlacedBath[];
  readonly through: Through;
  /** What is booked on them for a sheet; nothing where none stands. */
  readonly sheet?: PaperThrough;
  readonly cautions: readonly string[];
}

export function trayBaths(form: TrayForm, standing: readonly StandingBath[]): TrayBaths {
  const { size: _size, ...places } = form;
  const chosen = Object.fromEntries(Object.entries(places).filter(([, id]) => id !== ''));
  const placed = placedBaths(standing, { kinds: KINDS, chosen });
  const through = throughOf(placed);
  const {
    id: size,
    widthCm,
    heightCm,
  } = paperSizes.find(({ id }) => id === form.size) ?? paperSize();
  return {
    ...{ size, placed, through },
    ...(through.length > 0 && { sheet: { widthCm, heightCm, baths: through } }),
    cautions: placed.flatMap(({ bath }) =>
      bath ? pouringCautions(bath, 'paper', widthCm * heightCm) : [],
    ),
  };
}
