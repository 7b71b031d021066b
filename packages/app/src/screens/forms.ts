/** The screens that fill in forms, as one chunk: the form library is only loaded with the first of them. */
export { SheetEdit } from './shed/sheet-edit';
export { PlantingEdit } from './garden/planting-edit';
export { SettingsScreen } from './settings/settings-screen';
export { SetupScreen } from './settings/setup-screen';
export { DoorScreen } from './door/door-screen';
