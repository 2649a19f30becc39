export interface Server {
  readonly address: string;
  readonly ended: Promise<number>;
  readonly stop: () => Promise<void>;
}
export function serve(
  project: string,
  settings: { port: number; host: string; databaseUrl: string; demo: boolean },
): Promise<Server>;
