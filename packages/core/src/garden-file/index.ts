export * from './kinds';
export * from './tables';
