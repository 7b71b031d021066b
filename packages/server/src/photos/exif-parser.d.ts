declare module 'exif-parser' {
  interface Parsed {
    readonly tags?: Readonly<Record<string, unknown>>;
  }
  const exif: { create(bytes: Buffer): { parse(): Parsed } };
  export default exif;
}
