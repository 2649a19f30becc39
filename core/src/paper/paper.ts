/** A variable-contrast paper as a stack of layers, all equally sensitive to blue, each with its own sensitivity to green. */
export interface Paper {
  /** Density of unexposed, processed paper. */
  readonly dMin: number;
  /** Density of full black. */
  readonly dMax: number;
  /** Steepness of one layer's logistic curve, per log10 exposure. */
  readonly slope: number;
  /** How much less sensitive to green than to blue each layer is, log10. */
  readonly layerOffsets: readonly number[];
}

/** The paper assumed until one is measured. Seven layers are enough to leave no terraces in the curve. */
export const defaultPaper: Paper = {
  dMin: 0.06,
  dMax: 2.15,
  slope: 5.4,
  layerOffsets: [0, 0.275, 0.55, 0.825, 1.1, 1.375, 1.65],
};
