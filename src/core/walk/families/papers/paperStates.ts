export const registrationStates = ['original', 'copy', 'missing'] as const;
export const manualStates = ['complete', 'partly', 'missing'] as const;
/** Where an identity number is read on a car and its papers. */
export const numberPlaces = ['plate', 'screen', 'glass', 'paper'] as const;
export type NumberPlace = (typeof numberPlaces)[number];
export const numberPlaceWords: Record<NumberPlace, string> = {
  plate: 'Identity plate',
  screen: 'Behind the screen',
  glass: 'Glass etching',
  paper: 'Registration paper',
};

/** Where a dated odometer figure beyond the service record stands. */
export const figureSources = ['certificate', 'photo', 'other'] as const;

/** What was found of one key. */
export const keyStates = ['works', 'faulty', 'not-tried'] as const;
export type KeyState = (typeof keyStates)[number];
