export { KeptScreen as default } from '../screens/reach/kept-screen';
