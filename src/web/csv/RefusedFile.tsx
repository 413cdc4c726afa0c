import { Notice } from '../components/Notice';

/** What was wrong with a file, of which nothing was taken. */
export const RefusedFile = ({ says }: { says: readonly string[] }) =>
  says.length > 0 && (
    <Notice look="warn">
      Nothing of that file was taken.
      {says.map((each) => (
        <span key={each} className="block">
          {each}
        </span>
      ))}
    </Notice>
  );
