export { SoapScreen as default } from '../../../screens/lazy-bench';
