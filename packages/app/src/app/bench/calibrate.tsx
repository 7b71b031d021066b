export { CalibrateScreen as default } from '../../screens/lazy-bench';
