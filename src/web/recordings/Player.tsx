interface PlayerProps {
  of: 'sound' | 'video';
  url: string | undefined;
  /** What it lets one hear or see. */
  label: string;
}

/** A sound or video with the browser's own controls; nothing is fetched until it is played. */
export function Player({ of, url, label }: PlayerProps) {
  if (!url) return null;
  return of === 'sound' ? (
    // biome-ignore lint/a11y/useMediaCaption: an engine's sound has no words; its label says what it is.
    <audio controls preload="metadata" src={url} aria-label={label} className="w-full" />
  ) : (
    // biome-ignore lint/a11y/useMediaCaption: a fault filmed in a yard has no words; its label says what it is.
    <video
      controls
      preload="metadata"
      playsInline
      src={url}
      aria-label={label}
      className="max-h-80 w-full bg-night"
    />
  );
}
