import { expose } from 'comlink';
import { tasks } from './tasks';
import { warmUp } from './warm-up';

expose(tasks);
// the first verdict is as quick as the later ones: the engine is run once while nobody waits for it
setTimeout(warmUp, 1500);
