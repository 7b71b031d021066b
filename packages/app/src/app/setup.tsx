export { SetupScreen as default } from '../screens/lazy-forms';
