/** What throws light on the paper, as data. */
export interface LightSource {
  readonly id: string;
  readonly name: string;
  /** What a change of place is worked out from: the size of the picture, or the lamp's distance. */
  readonly place: 'size' | 'distance';
  /** The usual caution where it is set up. */
  readonly caution: string;
}
