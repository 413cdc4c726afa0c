export { type ArchivedPicture, planArchive, slug } from './planArchive';
export { photoNamedIn, xmpOf } from './xmp';
