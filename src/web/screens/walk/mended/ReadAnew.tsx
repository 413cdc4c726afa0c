import { Link } from 'react-router';
import type { ToLookAt } from '#core/mending';

/** What was read before the work still stands in the report until it is read again. */
export function ReadAnew({ walk, about }: { walk: string; about: ToLookAt['about'] }) {
  const to = whereTo(about);
  if (!to) return null;
  const [path, says] = to;
  return (
    <p className="text-sm">
      What was read before still stands in the report:{' '}
      <Link to={`/walks/${walk}/${path}`} className="font-bold underline underline-offset-4">
        {says}
      </Link>
      .
    </p>
  );
}

function whereTo(about: ToLookAt['about']): [path: string, says: string] | undefined {
  switch (about.of) {
    case 'finding':
      return undefined;
    case 'part':
      return about.part.startsWith('tyre') ? ['tyres', 'read the new one'] : undefined;
    case 'function':
      return ['functions', 'try it again'];
    case 'papers':
      return ['papers', 'note the new ones'];
    default:
      return ['kit', 'note it again'];
  }
}
