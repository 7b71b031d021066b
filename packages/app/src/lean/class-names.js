// Which components take class names, and as what. The library's own list names every component there is, and so loads it.
import { cssInterop } from 'react-native-css-interop/dist/runtime/api';
import { Image, Pressable, ScrollView, Text, TextInput, View } from './react-native';

for (const plain of [Image, Pressable, Text, View]) cssInterop(plain, { className: 'style' });
cssInterop(ScrollView, { className: 'style', contentContainerClassName: 'contentContainerStyle' });
cssInterop(TextInput, { className: { target: 'style', nativeStyleToProp: { textAlign: true } } });
