/** A volume to measure: to a tenth below 100 ml, whole above. */
export function millilitres(volumeMl: number): string {
  return volumeMl < 100 ? String(Number(volumeMl.toFixed(1))) : String(Math.round(volumeMl));
}
