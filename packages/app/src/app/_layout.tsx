import '../global.css';

export { Root as default } from '../screens/root';
