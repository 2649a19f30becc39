/** What a frame is worth, on its proof. */
export const frameRatings = ['pick', 'maybe', 'no'] as const;
export type FrameRating = (typeof frameRatings)[number];
