import { UserRound } from 'lucide-react';
import { Link } from 'react-router';
import { useMe } from '../people/me';

/** Who is here; behind it how somebody else takes over. */
export function PersonButton() {
  const { name } = useMe();
  return (
    <Link
      to="/me"
      aria-label={`${name}: you and this device`}
      className="flex min-h-12 min-w-12 max-w-44 items-center justify-center gap-2 rounded-md border border-line bg-sheet px-3 font-bold"
    >
      <UserRound aria-hidden size={20} className="shrink-0" />
      <span className="truncate max-sm:sr-only">{name}</span>
    </Link>
  );
}
