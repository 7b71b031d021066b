import type { HouseContext } from '@sleetbrook/core/house';
import type { Context } from '../context';
import { keepingOf } from './keeping';

/** What every desk works with here: the database, and the server's clock. */
export const houseContext = (context: Omit<Context, 'exchange'>): HouseContext => ({ keep: keepingOf(context), now: context.clock.now });
