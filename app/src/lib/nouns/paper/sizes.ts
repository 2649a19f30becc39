/** Sizes in which paper is sold, cm; the inches they are known by beside them. */
export const paperSizes = [
  { id: '12.7x17.8', name: '12.7 × 17.8 cm', more: '5×7 in', widthCm: 12.7, heightCm: 17.8 },
  { id: '17.8x24', name: '17.8 × 24 cm', more: '7×9½ in', widthCm: 17.8, heightCm: 24 },
  { id: '20.3x25.4', name: '20.3 × 25.4 cm', more: '8×10 in', widthCm: 20.3, heightCm: 25.4 },
  { id: '24x30.5', name: '24 × 30.5 cm', more: '9½×12 in', widthCm: 24, heightCm: 30.5 },
  { id: '27.9x35.6', name: '27.9 × 35.6 cm', more: '11×14 in', widthCm: 27.9, heightCm: 35.6 },
  { id: '30.5x40.6', name: '30.5 × 40.6 cm', more: '12×16 in', widthCm: 30.5, heightCm: 40.6 },
  { id: '40.6x50.8', name: '40.6 × 50.8 cm', more: '16×20 in', widthCm: 40.6, heightCm: 50.8 },
  { id: '50.8x61', name: '50.8 × 61 cm', more: '20×24 in', widthCm: 50.8, heightCm: 61 },
] as const;
export type PaperSizeId = (typeof paperSizes)[number]['id'];

/** What most boxes hold. */
export const USUAL_SIZE: PaperSizeId = '20.3x25.4';

/** A size by its id. */
export const paperSize = (id: PaperSizeId = USUAL_SIZE) =>
  paperSizes.find((size) => size.id === id)!;
