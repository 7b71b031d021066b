export { UnitsScreen as default } from '../../screens/lazy-bench';
