export { type ArchivedPicture, planArchive } from './planArchive';
export { photoNamedIn, xmpOf, ZELK_NAMESPACE } from './xmp';
