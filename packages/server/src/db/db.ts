import type Database from 'better-sqlite3';

export type Db = Database.Database;
