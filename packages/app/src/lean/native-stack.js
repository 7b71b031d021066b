// The app moves in slots only: the router asks for a native stack's navigator when it is read, and never shows it.
export const createNativeStackNavigator = () => ({ Navigator: () => null });
