export { SettingsScreen as default } from '../screens/lazy-forms';
