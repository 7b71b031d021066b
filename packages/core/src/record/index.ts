export { abbott, hendersonTilton, reduction, type Effect } from './efficacy';
export { truthOf, WHOM_TO_ASK, type Deed, type Truth } from './truth';
