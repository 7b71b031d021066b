export { ShedScreen as default } from '../../screens/shed/shed-screen';
