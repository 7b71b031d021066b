// The router offers page heads through this; the app sets its title itself.
export const Helmet = () => null;
export const HelmetProvider = ({ children }) => children;
