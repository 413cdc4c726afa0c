import { createContext, useContext } from 'react';

/** Pictures of the report that the yard has withdrawn since, by SHA-256. */
export const WithdrawnContext = createContext<ReadonlySet<string>>(new Set());

export const useWithdrawn = (): ReadonlySet<string> => useContext(WithdrawnContext);
export const useIsWithdrawn = (sha256: string): boolean => useWithdrawn().has(sha256);
