import { createContext, useContext } from 'react';
import type { ReportPhoto } from '#core/report';

/** Shows a photo large, to come nearer with two fingers. */
export const ViewContext = createContext<((photo: ReportPhoto) => void) | undefined>(undefined);

export const useView = () => useContext(ViewContext);
