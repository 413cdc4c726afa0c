import type { StoredCheckPage } from '#core/api';
import { CheckStatement } from '../../arrival/CheckStatement';
import { Button, buttonLook } from '../../components/Button';

interface SentCheckProps {
  sent: StoredCheckPage;
  link: string;
  onAgain: () => void;
}

/** What was signed and has reached the yard, to keep. */
export function SentCheck({ sent, link, onAgain }: SentCheckProps) {
  return (
    <>
      <p role="status" className="border-l-8 border-clear pl-3 text-lg">
        Signed and sent: the yard sees it, and nobody can change it any more.
      </p>
      <CheckStatement
        stored={sent}
        photoUrl={(sha256, width) => `${link}/photos/${sha256}/${width}`}
        pdf={`${link}/checks/${sent.check.id}/pdf`}
      />
      <div className="mt-6 flex flex-wrap gap-2">
        <a className={buttonLook()} href={location.pathname}>
          To the report
        </a>
        <Button onClick={onAgain}>Another check of this car</Button>
      </div>
    </>
  );
}
