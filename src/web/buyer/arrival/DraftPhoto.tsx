import { useEffect, useState } from 'react';
import type { DraftStore } from './draftStore';

interface DraftPhotoProps {
  store: DraftStore;
  link: string;
  sha256: string;
}

/** A photo that lies on this device until the check is sent. */
export function DraftPhoto({ store, link, sha256 }: DraftPhotoProps) {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    let made: string | undefined;
    let gone = false;
    void store.photo(link, sha256).then((blob) => {
      if (!blob || gone) return;
      made = URL.createObjectURL(blob);
      setUrl(made);
    });
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [store, link, sha256]);
  return url ? (
    <img src={url} alt="Taken for this part" className="size-20 bg-fill object-cover" />
  ) : (
    <span className="block size-20 bg-fill" />
  );
}
