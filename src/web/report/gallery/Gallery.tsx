import PhotoSwipe from 'photoswipe';
import 'photoswipe/style.css';
import { useEffect, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import type { ReportDocument, ReportPhoto } from '#core/report';
import { BackCloses } from '../../device/backCloses';
import { useAsk } from '../AskContext';
import type { PhotoUrl } from '../photoUrl';
import { reveal } from '../reveal';
import { ScaleBar } from '../ScaleBar';
import { useWithdrawn } from '../WithdrawnContext';
import { GalleryWords } from './GalleryWords';
import './gallery.css';
import { isNear, type Shown, shownOf, spotInTheMiddle } from './shown';

interface GalleryProps {
  report: ReportDocument;
  /** The picture it opens with. */
  first: ReportPhoto;
  photoUrl: PhotoUrl;
  onClose: () => void;
  /** Closed to go on to another place of the report. */
  onLeave: () => void;
}

/** From so wide a window on the words stand beside the picture, not below it. */
const BESIDE_PX = 760;
/** Room the words take, beside or below; as in gallery.css. */
const [WORDS_WIDE, WORDS_HIGH, BAR_HIGH] = [320, 216, 56];

/** All pictures of a report on the whole screen, in its order: swipe or arrows to the next, two fingers or a double tap to come nearer, Back to close. */
export default function Gallery({ report, first, photoUrl, onClose, onLeave }: GalleryProps) {
  const withdrawn = useWithdrawn();
  const ask = useAsk();
  const [photos] = useState(() => report.photos.filter(({ sha256 }) => !withdrawn.has(sha256)));
  const [at, setAt] = useState(() => Math.max(0, photos.indexOf(first)));
  const [shown, setShown] = useState<Shown>();
  const [host, setHost] = useState<HTMLElement>();
  const viewer = useRef<PhotoSwipe>(undefined);
  const latestClose = useRef(onClose);
  latestClose.current = onClose;
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is opened once, and goes on by itself.
  useEffect(() => {
    const pswp = new PhotoSwipe({
      dataSource: photos.map(({ sha256, caption, width = 1600, height = 1200 }) => ({
        src: photoUrl(sha256, 1600),
        msrc: photoUrl(sha256, 320),
        alt: caption,
        width,
        height,
      })),
      index: at,
      loop: false,
      preload: [1, 2],
      bgOpacity: 1,
      showHideAnimationType: 'none',
      maxZoomLevel: ({ fit }) => fit * 8,
      secondaryZoomLevel: ({ fit }) => fit * 2.5,
      paddingFn: ({ x }) =>
        x >= BESIDE_PX
          ? { top: BAR_HIGH, bottom: 0, left: 0, right: WORDS_WIDE }
          : { top: BAR_HIGH, bottom: WORDS_HIGH, left: 0, right: 0 },
      indexIndicatorSep: ' of ',
      closeTitle: 'Close the pictures',
      zoomTitle: 'Come nearer',
      arrowPrevTitle: 'The picture before',
      arrowNextTitle: 'The next picture',
      errorMsg: 'This picture has not been sent yet.',
    });
    pswp.on('uiRegister', () => {
      pswp.ui?.registerElement({
        name: 'words',
        className: 'pswp__hide-on-close',
        appendTo: 'root',
        onInit: setHost,
      });
    });
    const look = () => setShown(shownOf(pswp, BAR_HIGH));
    pswp.on('change', () => setAt(pswp.currIndex));
    for (const moved of ['change', 'zoomPanUpdate', 'imageSizeChange', 'resize'] as const)
      pswp.on(moved, look);
    let isLeft = false;
    pswp.on('destroy', () => {
      if (!isLeft) latestClose.current();
    });
    // What lies below would close too.
    const onEscape = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      event.stopPropagation();
      pswp.close();
    };
    window.addEventListener('keydown', onEscape, true);
    viewer.current = pswp;
    pswp.init();
    pswp.element?.setAttribute('aria-label', 'Pictures');
    return () => {
      isLeft = true;
      window.removeEventListener('keydown', onEscape, true);
      pswp.destroy();
    };
  }, []);
  const photo = photos[at];
  const { mmAcross } = photo ?? {};
  return (
    <>
      <BackCloses close={onClose} />
      {host &&
        photo &&
        createPortal(
          <>
            {mmAcross && shown && <ScaleBar mmAcross={mmAcross} {...shown} />}
            <GalleryWords
              report={report}
              photo={photo}
              photos={photos}
              photoUrl={photoUrl}
              onPhoto={(to) => viewer.current?.goTo(photos.indexOf(to))}
              {...(ask && {
                onAsk: () => {
                  const spot = shown && isNear(shown) ? spotInTheMiddle(shown) : undefined;
                  onClose();
                  ask({
                    about: { photo: photo.sha256, ...(spot && { at: spot }) },
                    title: `photo ${photo.number}`,
                  });
                },
              })}
              onRead={(finding) => {
                onLeave();
                // The viewer gives the focus back first.
                setTimeout(() => reveal(`#finding-${finding}`), 50);
              }}
            />
          </>,
          host,
        )}
    </>
  );
}
