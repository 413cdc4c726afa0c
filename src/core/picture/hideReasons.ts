export const hideReasons = ['plate', 'face', 'reflection', 'address', 'other'] as const;
export type HideReason = (typeof hideReasons)[number];
