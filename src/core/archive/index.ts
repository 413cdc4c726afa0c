export { type ArchivedPicture, planArchive, slug } from './planArchive';
export { photoNamedIn, xmpOf, ZELK_NAMESPACE } from './xmp';
