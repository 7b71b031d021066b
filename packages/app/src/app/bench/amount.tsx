export { AmountScreen as default } from '../../screens/lazy-bench';
