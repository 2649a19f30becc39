import type { Sequelize as Connection } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './connection.ts';
import { migrations } from './migrations/index.ts';

/** Two servers that start at once must not migrate at once; any number that nothing else uses does. */
const LOCK = 467_001;
const TABLE = 'migrations';

/** Which migrations were made. It only reads: that one was made is written with it, so that no end can fall between the two. */
class Made extends SequelizeStorage {
  override logMigration = () => Promise.resolve();
  override unlogMigration = () => Promise.resolve();
}

/** A change of shape and the note that it was made, both or neither. */
function change(connection: Connection, list: readonly string[], note: string, name: string) {
  return () =>
    connection.transaction(async (transaction) => {
      for (const sql of list) await connection.query(sql, { transaction });
      await connection.query(note, { bind: [name], transaction });
    });
}

export function migrator(connection: Connection = database()) {
  return new Umzug({
    migrations: migrations.map(({ name, up, down }) => ({
      name,
      up: change(connection, up, `INSERT INTO ${TABLE} (name) VALUES ($1)`, name),
      down: change(connection, down, `DELETE FROM ${TABLE} WHERE name = $1`, name),
    })),
    storage: new Made({ sequelize: connection, tableName: TABLE }),
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
