import { tasks, type Tasks } from './tasks';

type Async<T> = { [K in keyof T]: T[K] extends (...a: infer A) => infer R ? (...a: A) => Promise<R> : never };

/** The same tasks without a worker, where there is none (tests). */
export function core(): Async<Tasks> {
  return {
    takeCopy: async (copy) => tasks.takeCopy(copy),
    tell: async (path, written, at) => tasks.tell(path, written, at),
    take: async (written) => tasks.take(written),
    name: async (t) => tasks.name(t),
    decide: async (t) => tasks.decide(t),
    signsOn: async (t) => tasks.signsOn(t),
    mayCome: async (id, stage, where) => tasks.mayCome(id, stage, where),
    plantNames: async () => tasks.plantNames(),
    findPlants: async (text) => tasks.findPlants(text),
    findSigns: async (text) => tasks.findSigns(text),
    signNames: async (ids) => tasks.signNames(ids),
    comesTo: async (id, hosts) => tasks.comesTo(id, hosts),
    almanacList: async (q) => tasks.almanacList(q),
    almanacEntry: async (id) => tasks.almanacEntry(id),
    season: async (view, what) => tasks.season(view, what),
    moveRound: async (view, caseId, from, to) => tasks.moveRound(view, caseId, from, to),
  };
}
