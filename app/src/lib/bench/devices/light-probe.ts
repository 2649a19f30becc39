/** A probe that lies on the baseboard and measures the light there. A real one is read through this too. */
export interface LightProbe {
  readonly name: string;
  /** log10 of the light, on the probe's own scale. */
  read(): Promise<number>;
}
