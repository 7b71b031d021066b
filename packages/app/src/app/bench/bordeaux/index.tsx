export { BordeauxScreen as default } from '../../../screens/lazy-bench';
