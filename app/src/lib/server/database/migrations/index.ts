import { firstSlice } from './0001-first-slice.ts';
import type { Migration } from './migration.ts';

/** Every migration, oldest first. */
export const migrations: readonly Migration[] = [firstSlice];
