export { ItemNew as default } from '../../../screens/lazy-bench';
