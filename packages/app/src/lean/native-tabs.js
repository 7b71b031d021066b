// No native tabs here: no child of a layout is a trigger of one.
export const isNativeTabTrigger = () => false;
