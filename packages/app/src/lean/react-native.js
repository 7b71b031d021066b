// What libraries of the first load take from `react-native` by name, and no more: its index brings lists, switches and every touchable.
export { default as ActivityIndicator } from 'react-native-web/dist/exports/ActivityIndicator';
export { default as Appearance } from 'react-native-web/dist/exports/Appearance';
export { default as AppState } from 'react-native-web/dist/exports/AppState';
export { default as I18nManager } from 'react-native-web/dist/exports/I18nManager';
export { default as Image } from 'react-native-web/dist/exports/Image';
export { default as Platform } from 'react-native-web/dist/exports/Platform';
export { default as Pressable } from 'react-native-web/dist/exports/Pressable';
export { default as ScrollView } from 'react-native-web/dist/exports/ScrollView';
export { default as StyleSheet } from 'react-native-web/dist/exports/StyleSheet';
export { default as Text } from 'react-native-web/dist/exports/Text';
export { default as TextInput } from 'react-native-web/dist/exports/TextInput';
export { default as View } from 'react-native-web/dist/exports/View';
export { default as useColorScheme } from 'react-native-web/dist/exports/useColorScheme';
