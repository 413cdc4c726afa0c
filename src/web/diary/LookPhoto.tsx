import { usePhotoUrl } from '../components/usePhotoUrl';

/** A photo taken of a standing car, from this device while it waits to be sent. */
export function LookPhoto({ sha256, says }: { sha256: string; says: string }) {
  const url = usePhotoUrl(sha256, 320);
  return (
    <img {...(url && { src: url })} alt={says} loading="lazy" className="h-24 w-32 bg-fill object-cover" />
  );
}
