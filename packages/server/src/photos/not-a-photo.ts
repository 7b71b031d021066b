/** Sent bytes that are no picture, or one that can not be opened safely. The message is for the grower. */
export class NotAPhoto extends Error {}

export interface Shrunk {
  readonly jpeg: Uint8Array;
  readonly width: number;
  readonly height: number;
}
