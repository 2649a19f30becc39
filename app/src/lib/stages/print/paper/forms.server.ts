import sharp from 'sharp';
import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
import type { PrintView } from '../print-view.ts';
import { drawPlan } from './draw-plan.server.ts';
import { pdfInk } from './pdf-ink.server.ts';
import { planFile } from './plan-file.ts';
import { svgInk } from './svg-ink.server.ts';

type Make = (
  draft: PrintDraft,
  view: PrintView,
  preview: Uint8Array | undefined,
) => Promise<Uint8Array>;

/** Of a drawing as a picture, dots an inch: A4 is 2339 wide, read on any screen and sharp on paper. */
const DOTS = 200;

const drawing: Make = (...plan) => drawPlan(svgInk(), ...plan);

/** What a plan goes out as, by the ending of its file. */
export const planForms: Record<string, { readonly type: string; readonly make: Make }> = {
  pdf: { type: 'application/pdf', make: (...plan) => drawPlan(pdfInk(), ...plan) },
  svg: { type: 'image/svg+xml', make: drawing },
  png: {
    type: 'image/png',
    make: async (...plan) =>
      sharp(await drawing(...plan), { density: DOTS })
        .png()
        .toBuffer(),
  },
  json: {
    type: 'application/json',
    make: (...plan) => Promise.resolve(Buffer.from(JSON.stringify(planFile(...plan)))),
  },
};
