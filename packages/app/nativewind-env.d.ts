/// <reference types="nativewind/types" />
/// <reference types="expo/types" />

declare module '*.woff2' {
  const asset: number;
  export default asset;
}
