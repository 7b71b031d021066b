// the web stylesheet is not there in tests: class names are taken and left aside
jest.mock('react-native-css-interop/jsx-runtime', () => jest.requireActual('react/jsx-runtime'));
