export { normalDay, type Usual, type UsualDay } from './normal';
export { apartInYear, ownDay, type OwnDay } from './own';
export { middleWarmth, weeksOf } from './same-weeks';
