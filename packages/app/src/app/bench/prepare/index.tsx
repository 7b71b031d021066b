export { PrepareList as default } from '../../../screens/lazy-bench';
