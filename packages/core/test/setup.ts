import fc from 'fast-check';
import { SEED } from './runs';

fc.configureGlobal({ seed: SEED });
