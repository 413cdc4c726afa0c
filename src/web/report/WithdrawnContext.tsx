import { createContext, useContext } from 'react';

/** Pictures of the report that the yard has withdrawn since, by SHA-256. */
export const WithdrawnContext = createContext<ReadonlySet<string>>(new Set());

export const useIsWithdrawn = (sha256: string): boolean => useContext(WithdrawnContext).has(sha256);
