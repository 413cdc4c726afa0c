import { useEffect, useState } from 'react';

/** The link as a code that a phone's camera reads, for whoever stands beside. */
export function HandoverCode({ url }: { url: string }) {
  const [image, setImage] = useState<string>();
  useEffect(() => {
    let isGone = false;
    // Asked for only where a link was just made.
    void import('qrcode')
      .then(({ toDataURL }) => toDataURL(url, { errorCorrectionLevel: 'M', margin: 2, scale: 6 }))
      .then((made) => {
        if (!isGone) setImage(made);
      });
    return () => {
      isGone = true;
    };
  }, [url]);
  return (
    <div className="size-44 shrink-0 bg-white">
      {image && <img src={image} alt="The link as a code for a phone’s camera" className="size-full" />}
    </div>
  );
}
