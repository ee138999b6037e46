import type { DataSourceOptions } from 'typeorm';
import { ENTITIES } from './entities.ts';
import { FirstSchema1764000000001 } from './migrations/0001-first-schema.ts';
import { WalkRound1764000000002 } from './migrations/0002-walk-round.ts';

/** How the server reaches its database; `DATABASE_URL` is set by the start command. */
export function databaseOptions(url = process.env['DATABASE_URL']): DataSourceOptions {
  if (!url) throw new Error('DATABASE_URL is not set. Start with "npm start", which brings its own database.');
  return {
    type: 'mariadb',
    url,
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    entities: ENTITIES,
    migrations: [FirstSchema1764000000001, WalkRound1764000000002],
    synchronize: false,
    migrationsRun: false,
    connectTimeout: 5000,
    extra: { connectionLimit: 12, waitForConnections: true, queueLimit: 200 },
  };
}
