import type { Db } from './db';

/**
 * A write as one transaction that takes its place in the queue before it reads: begun as a reader it could find, half-way,
 * that another has written meanwhile, and fail.
 */
export function writing<A extends unknown[], R>(db: Db, write: (...of: A) => R): (...of: A) => R {
  const transaction = db.transaction(write);
  return (...of) => transaction.immediate(...of);
}
