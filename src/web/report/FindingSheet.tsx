import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { ChevronLeft, ChevronRight, X } from 'lucide-react';
import type { ReportDocument, ReportFinding } from '#core/report';
import { sentence } from '#core/wording';
import { Button, buttonLook } from '../components/Button';
import { FindingSays } from './FindingSays';
import { FindingStrip } from './FindingStrip';
import { OtherSide } from './OtherSide';
import { PhotoRow } from './PhotoRow';
import type { PhotoUrl } from './photoUrl';
import { reveal } from './reveal';
import { useView, ViewContext } from './ViewContext';

interface FindingSheetProps {
  finding: ReportFinding;
  report: ReportDocument;
  photoUrl: PhotoUrl;
  onFinding: (finding: ReportFinding) => void;
  onClose: () => void;
}

/** A finding picked on the map: where it is and what it is side by side, and the same place on the other side of the car. */
export default function FindingSheet({ finding, report, photoUrl, onFinding, onClose }: FindingSheetProps) {
  const at = report.findings.indexOf(finding);
  const [before, after] = [report.findings[at - 1], report.findings[at + 1]];
  const photos = finding.photos.flatMap((n) => report.photos.find(({ number }) => number === n) ?? []);
  const view = useView();
  const read = () => {
    onClose();
    // The dialog gives the focus back first.
    setTimeout(() => reveal(`#finding-${finding.number}`), 50);
  };
  return (
    <ViewContext value={view && ((photo) => view(photo, onClose))}>
      <Dialog open onClose={onClose} className="relative z-40">
        <div className="fixed inset-0 bg-night/60" aria-hidden />
        <div className="fixed inset-0 grid items-end justify-items-stretch sm:place-items-center">
          <DialogPanel className="max-h-[92dvh] w-full max-w-2xl overflow-y-auto border-t-8 border-tape bg-sheet p-4 sm:rounded-md">
            <div className="flex items-start gap-3">
              <FindingStrip finding={finding} />
              <DialogTitle className="min-w-0 flex-1 text-xl leading-tight">{finding.line}</DialogTitle>
              <button
                type="button"
                aria-label="Close"
                onClick={onClose}
                className="-mt-2 -mr-2 grid size-12 shrink-0 place-items-center"
              >
                <X aria-hidden size={24} />
              </button>
            </div>
            <p>{sentence(finding.partName)}</p>
            <FindingSays finding={finding} />
            {photos.length > 0 ? (
              <PhotoRow photos={photos} photoUrl={photoUrl} />
            ) : (
              <p className="mt-2 text-soft">There is no photo of it.</p>
            )}
            <OtherSide part={finding.part} report={report} photoUrl={photoUrl} />
            <div className="mt-4 grid grid-cols-[3.5rem_1fr_3.5rem] gap-2">
              <Button
                aria-label="The finding before"
                className="px-0!"
                disabled={!before}
                onClick={() => before && onFinding(before)}
              >
                <ChevronLeft aria-hidden size={22} />
              </Button>
              <button type="button" className={buttonLook('main')} onClick={read}>
                Read it in the report
              </button>
              <Button
                aria-label="The next finding"
                className="px-0!"
                disabled={!after}
                onClick={() => after && onFinding(after)}
              >
                <ChevronRight aria-hidden size={22} />
              </Button>
            </div>
          </DialogPanel>
        </div>
      </Dialog>
    </ViewContext>
  );
}
