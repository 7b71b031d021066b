/**
 * What the other packages may use. Prefer the entry points by station (`@sleetbrook/core/mix`, …):
 * they keep bundles small.
 */
export * from './api';
export * from './catalogue';
export * from './decide';
export * from './diagnose';
export * from './label';
export * from './label/sheets';
export * from './measure';
export * from './mix';
export * from './record';
export * from './schedule';
export * from './scout';
export * from './weather';
