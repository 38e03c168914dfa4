/** A photo as it is kept: bare of everything that is not the picture. */
export interface Photo {
  readonly type: string;
  readonly bytes: Uint8Array;
}
