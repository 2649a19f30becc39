/** Densities of the reference that lies in the sample scan. */
export const SAMPLE_REFERENCE = Array.from({ length: 14 }, (_, at) =>
  Number((0.05 + 0.15 * at).toFixed(2)),
);

/** The scan that ships with the program, to be tried: a tablet above its reference. */
export async function sampleScan(): Promise<File> {
  const answer = await fetch('/sample-tablet.jpg');
  return new File([await answer.blob()], 'sample-tablet.jpg', { type: 'image/jpeg' });
}
