import { Sequelize } from 'sequelize';

let open: Sequelize | undefined;

/** The one connection pool of the server, made when first asked for. */
export function database(): Sequelize {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set; start Katachron with ./katachron start.');
  open ??= new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max: 10, acquire: 5000 },
    dialectOptions: { connectionTimeoutMillis: 3000 },
  });
  return open;
}

export async function closeDatabase(): Promise<void> {
  await open?.close();
  open = undefined;
}
