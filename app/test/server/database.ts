import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { afterAll, beforeAll, inject } from 'vitest';
import { closeDatabase } from '../../src/lib/server/database/connection.ts';
import { migrate } from '../../src/lib/server/database/migrate.ts';

/** Gives a test file a database of its own, migrated, and takes it away again. */
export function freshDatabase({ migrated = true } = {}): void {
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const asAdmin = async (sql: string) => {
    const client = new pg.Client({ connectionString: inject('clusterUrl') });
    await client.connect();
    await client.query(sql);
    await client.end();
  };
  beforeAll(async () => {
    await asAdmin(`CREATE DATABASE ${name}`);
    const url = new URL(inject('clusterUrl'));
    url.pathname = `/${name}`;
    process.env.DATABASE_URL = url.href;
    if (migrated) await migrate();
  });
  afterAll(async () => {
    await closeDatabase();
    await asAdmin(`DROP DATABASE ${name} WITH (FORCE)`);
  });
}
