/** A photograph as it is kept. */
export interface Shrunk {
  readonly jpeg: Uint8Array;
  readonly width: number;
  readonly height: number;
}
