/** Where a page may fetch a photo; the yard and a buyer's link reach it by different ways. */
export type PhotoUrl = (sha256: string, width: 320 | 1600) => string;
