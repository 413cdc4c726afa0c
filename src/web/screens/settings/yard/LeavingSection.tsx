import { PackageOpen } from 'lucide-react';
import { Link } from 'react-router';
import { buttonLook } from '../../../components/Button';

/** The way out: all of the yard in one file, in formats others read too. */
export function LeavingSection() {
  return (
    <section aria-labelledby="leaving" className="mt-10 space-y-3 border-t border-ink pt-6">
      <h2 id="leaving" className="text-xl">
        Take everything out
      </h2>
      <p>
        One ZIP with all cars, walks, reports, photos as they were taken and recordings, in open formats; a
        note in it says what is where. Another Zelk takes it in under{' '}
        <Link to="/import" className="underline">
          Import
        </Link>
        . It holds what buyers never see: keep it as you would keep the keys.
      </p>
      <a href="/api/yard/everything.zip" download className={buttonLook()}>
        <PackageOpen aria-hidden size={20} /> Take everything out
      </a>
    </section>
  );
}
