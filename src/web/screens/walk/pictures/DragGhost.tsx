import { usePhotoUrl } from '../../../components/usePhotoUrl';

/** The picture under the finger while it is dragged. */
export function DragGhost({ sha256 }: { sha256: string }) {
  const url = usePhotoUrl(sha256, 320);
  return (
    <img src={url} alt="" className="pointer-events-none w-24 rounded-md border-2 border-accent opacity-90" />
  );
}
