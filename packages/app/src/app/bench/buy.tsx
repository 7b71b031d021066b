export { BuyScreen as default } from '../../screens/lazy-bench';
