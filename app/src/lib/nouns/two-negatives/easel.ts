import type { EaselSize } from '@katachron/core';

/** Usual until it is said: the sheet that most people have. */
export const USUAL_EASEL: EaselSize = { widthMm: 240, heightMm: 180 };
