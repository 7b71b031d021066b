export * from './case';
export * from './common';
export * from './garden';
export * from './look';
export * from './planting';
export * from './treatment';
export * from './views';
