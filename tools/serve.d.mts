export interface Server {
  readonly address: string;
  readonly pid: number;
  readonly ended: Promise<number>;
  readonly stop: () => Promise<void>;
}
export function serve(settings: {
  port: number;
  host: string;
  databaseUrl: string;
  demo: boolean;
}): Promise<Server>;
export function migrateOnly(databaseUrl: string): Promise<boolean>;
