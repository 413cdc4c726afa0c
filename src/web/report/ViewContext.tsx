import { createContext, useContext } from 'react';
import type { ReportPhoto } from '#core/report';

/** Shows a photo large; what it was opened from is left where the reader goes on to another place of the report. */
export type View = (photo: ReportPhoto, leave?: () => void) => void;

export const ViewContext = createContext<View | undefined>(undefined);

export const useView = () => useContext(ViewContext);
