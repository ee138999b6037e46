/** A picture as it is known: whose it is, and the SHA-256 of its bytes. */
export interface PhotoKey {
  firmId: string;
  hash: string;
}

/** Where pictures lie that do not lie in the database. Putting one there twice, or taking away what is gone, is no fault. */
export interface PhotoPlace {
  /** As people call it. */
  readonly name: string;
  put(key: PhotoKey, content: Buffer): Promise<void>;
  /** Null where it is not there. */
  get(key: PhotoKey): Promise<Buffer | null>;
  /** One that was put there in the last hour stays: the row that names it may be on its way. */
  remove(key: PhotoKey): Promise<void>;
}

/** What was put in so lately is not taken away. */
export const STAYS_MS = 3_600_000;

/** A few folders of few names each: no folder grows past what a file system likes. */
export const pathOf = ({ firmId, hash }: PhotoKey) => [firmId, hash.slice(0, 2), `${hash}.jpg`] as const;
