export { TreeScreen as default } from '../../screens/lazy-bench';
