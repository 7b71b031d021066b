export { RateScreen as default } from '../../screens/lazy-bench';
