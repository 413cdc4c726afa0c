import { createContext, useContext } from 'react';

/** Where a page fetches the sounds and videos of its report; undefined where none may be played. */
export const RecordingUrls = createContext<((sha256: string) => string) | undefined>(undefined);
export const useRecordingUrls = () => useContext(RecordingUrls);
