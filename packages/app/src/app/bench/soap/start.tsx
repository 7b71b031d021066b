export { SoapStart as default } from '../../../screens/lazy-bench';
