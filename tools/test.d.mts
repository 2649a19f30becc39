export interface ThrowawayCluster {
  readonly url: string;
  readonly remove: () => Promise<void>;
}
export function throwawayCluster(): Promise<ThrowawayCluster>;
export function quickCheck(project: string): Promise<void>;
export function wholeTest(project: string): Promise<void>;
