/** The faces of the car a person stands at outside, in walking order. */
export const outsideFaces = ['front', 'left', 'rear', 'right', 'top'] as const;
/** Places that have a map of their own. */
export const insideFaces = ['cabin', 'boot', 'engine', 'under'] as const;
export const faceIds = [...outsideFaces, ...insideFaces] as const;
export type FaceId = (typeof faceIds)[number];
