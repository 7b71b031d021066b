export { abbott, hendersonTilton, reduction, type Effect } from './efficacy';
