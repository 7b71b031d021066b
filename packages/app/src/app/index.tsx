export { TodayScreen as default } from '../screens/today/today-screen';
