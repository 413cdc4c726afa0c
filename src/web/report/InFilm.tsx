import type { ReportFinding } from '#core/report';
import { Player } from '../recordings/Player';
import { useRecordingUrls } from './RecordingUrls';

/** What the film of the walk has of a finding: the words it was said in, and the seconds the yard cut for its readers. */
export function InFilm({
  inFilm: { says, clip },
  line,
}: {
  inFilm: NonNullable<ReportFinding['inFilm']>;
  line: string;
}) {
  const urlOf = useRecordingUrls();
  return (
    <div className="space-y-1">
      {says && (
        <p>
          Said in the film: <q className="italic">{says}</q>
        </p>
      )}
      {clip && urlOf && (
        <figure>
          <Player
            of={clip.of}
            url={urlOf(clip.sha256)}
            label={`${line}: ${clip.of === 'sound' ? 'hear it said' : 'from the film of the walk'}`}
          />
          <figcaption className="text-sm text-soft">
            {clip.of === 'sound' ? 'Hear it said' : 'From the film of the walk, without sound'},{' '}
            {Math.round(clip.seconds)} s
          </figcaption>
        </figure>
      )}
    </div>
  );
}
