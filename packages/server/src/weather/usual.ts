import type { ClimateView } from '@sleetbrook/core/api';
import { climateDesk } from '@sleetbrook/core/house';
import Database from 'better-sqlite3';
import type { StoreContext } from '../store-context';
import { keepingOf } from '../house/keeping';

/** A question of what is usual, as it is handed to another thread: that one reads the garden for itself. */
export interface UsualAsked extends Pick<StoreContext, 'demo' | 'seed'> {
  /** The file of the database. */
  readonly path: string;
  readonly at: Date;
  readonly query: unknown;
}

/** Ten years of hours are read and reckoned. @throws Refusal where the question can not be asked */
export function usualIn({ path, demo, seed, at, query }: UsualAsked): ClimateView {
  const db = new Database(path, { readonly: true });
  try {
    return climateDesk({ keep: keepingOf({ db, demo, seed }), now: () => at })(query);
  } finally {
    db.close();
  }
}
