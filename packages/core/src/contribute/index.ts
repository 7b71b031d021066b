/** What a gardener writes: reading, checking, and what is made of it. Used by the scripts and tests, never by the app. */
export { checkLibrary } from './check';
export { jsonSchemas } from './json-schema';
export { KIND_NAMES, KINDS, type Kind, type Library, type Wrong } from './library';
export { makeModules } from './make';
export { readLibrary, sayFault, type EntryFile, type Fault } from './read';
