/** What proves passkeys. Fetched when the first one is used: it takes a quarter of a second of every start otherwise. */
export const webauthn = () => import('@simplewebauthn/server');
