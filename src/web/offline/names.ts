/** Pictures the device keeps, as its browser's store calls them. */
export const KEPT_PHOTOS = 'zelk-photos';
/** What the browser is asked to wake the worker for. */
export const SEND_LATER = 'zelk-send';
