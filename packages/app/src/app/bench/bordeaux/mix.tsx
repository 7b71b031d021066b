export { BordeauxMix as default } from '../../../screens/lazy-bench';
