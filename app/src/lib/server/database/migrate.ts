import type { Sequelize as Connection } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './connection.ts';
import { migrations } from './migrations/index.ts';

/** Two servers that start at once must not migrate at once; any number that nothing else uses does. */
const LOCK = 467_001;

function statements(connection: Connection, list: readonly string[]): () => Promise<void> {
  return () =>
    connection.transaction(async (transaction) => {
      for (const sql of list) await connection.query(sql, { transaction });
    });
}

export function migrator(connection: Connection = database()) {
  return new Umzug({
    migrations: migrations.map(({ name, up, down }) => ({
      name,
      up: statements(connection, up),
      down: statements(connection, down),
    })),
    storage: new SequelizeStorage({ sequelize: connection, tableName: 'migrations' }),
    logger: undefined,
  });
}

/** Brings the database to the newest shape, one server at a time. */
export async function migrate(connection: Connection = database()): Promise<void> {
  await connection.transaction(async (transaction) => {
    await connection.query(`SELECT pg_advisory_xact_lock(${LOCK})`, { transaction });
    await migrator(connection).up();
  });
}
