export const paintTones = ['black', 'dark', 'mid', 'silver', 'light', 'white'] as const;
export const fuels = ['petrol', 'diesel', 'hybrid', 'plug-in hybrid', 'electric', 'gas'] as const;

/** Which wheels are driven. */
export const drivens = ['not-said', 'front', 'rear', 'all', 'all, switched'] as const;
