import Type from 'typebox';
import { ScanAnswer, scanQuestion } from '../../../nouns/calibration/scan-contract.ts';
import { scanned } from '../../../nouns/calibration/scan.server.ts';
import { decodePicture } from '../../../nouns/picture/decode.server.ts';
import { operation } from '../operation.ts';

/** A picture of a phone in base64 fits into it, bytes. */
const MOST_BYTES = 16 * 1024 * 1024;

/** Two strips of ten patches, the upper one darkest first. */
const image =
  'iVBORw0KGgoAAAANSUhEUgAAAPAAAABQCAAAAAACIqegAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAApUlEQVR42u3YMRGEUBAFQQSRkiMAA0jAw5k4GwjBEAYwMFVUkf6ecLMO3073YE3AwMDAwMDAwMDAwMCfwXO0RGu0RXt0RL/oH53RFQEDAwMDAwMDAwMDAwMDAwMDjwP2tQQGBgYGBgYGBgYGBq5jTa2aZDXdauLVFKzJWNOyJmhN1Zq0wMDAwMDAwMDAwMDAwMDAwMDjgH0tgYGBgYGBgYGBgV/BDzxlk+tiH1PcAAAAAElFTkSuQmCC';

const densities = [1.55, 1.4, 1.25, 1.1, 0.95, 0.8, 0.65, 0.5, 0.35, 0.2];

export const readTabletOperation = operation({
  id: 'read-tablet',
  summary:
    'Densities of a step tablet, or of its print, from a scan or a photo beside a reference of known densities',
  mostBytes: MOST_BYTES,
  request: Type.Object(
    {
      image: Type.String({
        title: 'The picture',
        maxLength: MOST_BYTES,
        minLength: 4,
        pattern: '^[A-Za-z0-9+/]*={0,2}$',
        description: 'JPEG, PNG, WebP or TIFF in base64: the tablet above, the reference below it',
      }),
      ...scanQuestion,
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: ScanAnswer,
  example: {
    request: { image, patches: 10, reference: densities.toReversed() },
    response: {
      steps: [
        { density: 1.55, within: 0.016, beyond: false, x: 0.125, y: 0.3 },
        { density: 1.4, within: 0.016, beyond: false, x: 0.209, y: 0.3 },
        { density: 1.25, within: 0.016, beyond: false, x: 0.293, y: 0.3 },
        { density: 1.1, within: 0.016, beyond: false, x: 0.376, y: 0.3 },
        { density: 0.95, within: 0.016, beyond: false, x: 0.46, y: 0.3 },
        { density: 0.8, within: 0.016, beyond: false, x: 0.544, y: 0.3 },
        { density: 0.65, within: 0.016, beyond: false, x: 0.628, y: 0.3 },
        { density: 0.5, within: 0.016, beyond: false, x: 0.711, y: 0.3 },
        { density: 0.35, within: 0.016, beyond: false, x: 0.795, y: 0.3 },
        { density: 0.2, within: 0.016, beyond: false, x: 0.879, y: 0.3 },
      ],
      reference: [
        { density: 0.2, within: 0.016, beyond: false, x: 0.116, y: 0.725 },
        { density: 0.35, within: 0.016, beyond: false, x: 0.2, y: 0.725 },
        { density: 0.5, within: 0.016, beyond: false, x: 0.284, y: 0.725 },
        { density: 0.65, within: 0.016, beyond: false, x: 0.367, y: 0.725 },
        { density: 0.8, within: 0.016, beyond: false, x: 0.451, y: 0.725 },
        { density: 0.95, within: 0.016, beyond: false, x: 0.535, y: 0.725 },
        { density: 1.1, within: 0.016, beyond: false, x: 0.619, y: 0.725 },
        { density: 1.25, within: 0.016, beyond: false, x: 0.702, y: 0.725 },
        { density: 1.4, within: 0.016, beyond: false, x: 0.786, y: 0.725 },
        { density: 1.55, within: 0.016, beyond: false, x: 0.87, y: 0.725 },
      ],
      corners: {
        tablet: [
          { x: 0.083, y: 0.175 },
          { x: 0.917, y: 0.175 },
          { x: 0.917, y: 0.425 },
          { x: 0.083, y: 0.425 },
        ],
        reference: [
          { x: 0.083, y: 0.6 },
          { x: 0.917, y: 0.6 },
          { x: 0.917, y: 0.85 },
          { x: 0.083, y: 0.85 },
        ],
      },
      uneven: 0,
      gamma: 1.001,
      flare: 0,
      rest: 0.007,
    },
  },
  run: async ({ image: sent, ...question }) => {
    const { preview, width } = await decodePicture(Buffer.from(sent, 'base64'));
    return scanned(preview, width, question);
  },
});
