export * from './brand';
export * from './format';
export * from './kit';
export * from './measure-out';
export * from './outcome';
export * from './parse-number';
export * from './provenance';
export * from './units';
export type { Working, WorkingInput } from './working';
