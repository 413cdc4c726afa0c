import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Minus, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { TransformComponent, TransformWrapper } from 'react-zoom-pan-pinch';
import type { ReportPhoto } from '#core/report';
import type { PhotoUrl } from './photoUrl';
import { ScaleBar } from './ScaleBar';

interface PhotoViewerProps {
  photo: ReportPhoto;
  photoUrl: PhotoUrl;
  onClose: () => void;
}

const CLOSEST = 8;
const control = 'grid size-12 place-items-center rounded-md border border-white/60 text-white';

/** One photo on the whole screen: pinch, wheel or the buttons to come nearer, drag to move. */
export default function PhotoViewer({ photo, photoUrl, onClose }: PhotoViewerProps) {
  const { sha256, number, caption, width, height, mmAcross } = photo;
  const [widthPx, setWidthPx] = useState<number>();
  return (
    <Dialog open onClose={onClose} className="relative z-50">
      <DialogPanel className="fixed inset-0 flex flex-col bg-night text-white">
        <TransformWrapper minScale={1} maxScale={CLOSEST} doubleClick={{ mode: 'toggle', step: 2 }}>
          {({ zoomIn, zoomOut }) => (
            <>
              <div className="flex items-start gap-2 p-3">
                <DialogTitle className="min-w-0 flex-1 leading-tight">
                  <span className="font-bold">Photo {number}</span> {caption}
                </DialogTitle>
                <button type="button" className={control} aria-label="Farther away" onClick={() => zoomOut()}>
                  <Minus aria-hidden size={22} />
                </button>
                <button type="button" className={control} aria-label="Come nearer" onClick={() => zoomIn()}>
                  <Plus aria-hidden size={22} />
                </button>
                <button type="button" className={control} aria-label="Close the photo" onClick={onClose}>
                  <X aria-hidden size={22} />
                </button>
              </div>
              <div className="relative grid min-h-0 flex-1 place-items-center overflow-hidden">
                <TransformComponent
                  wrapperClass="h-full! w-full!"
                  contentClass="grid! h-full! w-full! place-items-center"
                >
                  <img
                    src={photoUrl(sha256, 1600)}
                    alt={caption}
                    width={width}
                    height={height}
                    className="h-auto max-h-[calc(100dvh-6rem)] w-auto max-w-[100vw]"
                    onLoad={(event) => setWidthPx(event.currentTarget.clientWidth)}
                  />
                </TransformComponent>
                {mmAcross && widthPx && <ScaleBar mmAcross={mmAcross} widthPx={widthPx} />}
              </div>
            </>
          )}
        </TransformWrapper>
      </DialogPanel>
    </Dialog>
  );
}
