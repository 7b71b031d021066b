export { DoorScreen as default } from '../screens/lazy-forms';
