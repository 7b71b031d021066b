export { SeasonScreen as default } from '../screens/lazy-season';
