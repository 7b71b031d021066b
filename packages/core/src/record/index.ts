export { abbott, hendersonTilton, reduction, type Effect } from './efficacy';
export { truthOf, type Deed, type Truth } from './truth';
export { sharesOf, type MixShare } from './shares';
