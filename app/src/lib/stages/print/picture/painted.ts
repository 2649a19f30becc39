import { printPicture, type PictureTones, type PrintedPicture } from '@katachron/core';
import { areCorners } from '../../../nouns/picture/corners.ts';
import { mirrored } from './paint.ts';
import type { AskedPicture } from './question.ts';
import { squaredUp } from '../../../nouns/picture/square-up.ts';

/** As it lies on the easel: squared up where its corners are known, and the right way round. */
export function laid(tones: PictureTones, asked: AskedPicture): PictureTones {
  const { corners, ratio } = asked;
  const height = Math.max(1, Math.round(tones.width * ratio));
  const square =
    corners && areCorners(corners) ? squaredUp(tones, corners, tones.width, height) : tones;
  return asked.mirrored ? mirrored(square) : square;
}

/** The picture as the paper would show it. */
export const painted = (easel: PictureTones, asked: AskedPicture): PrintedPicture =>
  printPicture(asked.paper, easel, asked.question);
