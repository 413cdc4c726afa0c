import { useMemo } from 'react';
import type { WalkPage } from '#core/api';
import { partTitles, styleOf, vocabularyOf } from '#core/car';
import { compareWalks, type WalkDifference } from '#core/compare';
import { type Finding, findingLine, replay, type WalkState } from '#core/walk';
import { Fold } from '../../../components/Fold';
import { usePhotoUrl } from '../../../components/usePhotoUrl';

const groups = [
  { is: 'new', title: 'New', isOpen: true },
  { is: 'grown', title: 'Grown', isOpen: true },
  { is: 'put-right', title: 'Put right', isOpen: true },
  { is: 'gone', title: 'Gone', isOpen: true },
  { is: 'not-known-before', title: 'Nobody looked there before', isOpen: false },
  { is: 'not-looked-again', title: 'Not looked at again', isOpen: false },
  { is: 'same', title: 'As it was', isOpen: false },
] as const satisfies readonly { is: WalkDifference['is']; title: string; isOpen: boolean }[];

const afterOf = (each: WalkDifference): Finding | undefined =>
  each.is === 'put-right' ? each.mended : 'after' in each ? each.after : undefined;

const mendedLine = ({ standing }: Finding): string | undefined =>
  standing.status === 'put-right' ? `put right: ${standing.says}` : undefined;

const stateOf = ({ walk, entries }: WalkPage) => replay(walk, entries);

/** What is new, grown, gone or as it was, with the pictures of both walks side by side. */
export function Differences({ before, after }: { before: WalkPage; after: WalkPage }) {
  const [was, is] = useMemo(() => [stateOf(before), stateOf(after)], [before, after]);
  const differences = useMemo(() => compareWalks(was, is), [was, is]);
  const { car } = after;
  const style = styleOf({ ...(is.begun ?? car), steering: car.steering });
  const vocabulary = vocabularyOf(car);
  const nameOf = partTitles(style, car);
  const count = (wanted: WalkDifference['is']) => differences.filter((each) => each.is === wanted).length;
  const isQuiet = count('new') + count('grown') + count('gone') === 0;
  return (
    <>
      <p role="status" className="border-l-8 border-tape pl-3 text-lg tabular-nums">
        {count('new')} new, {count('grown')} grown,{' '}
        {count('put-right') > 0 && `${count('put-right')} put right, `}
        {count('gone')} gone, {count('same')} as before
      </p>
      {groups.map(({ is: wanted, title, isOpen }) => {
        const here = differences.filter((each) => each.is === wanted);
        if (here.length === 0) return null;
        return (
          <Fold key={wanted} title={`${title} (${here.length})`} isOpen={isOpen || isQuiet}>
            <ul>
              {here.map((each) => (
                <li
                  key={'after' in each ? each.after.id : each.before.id}
                  className="border-b border-line py-3"
                >
                  <h2 className="text-lg leading-tight">{nameOf(each.part)}</h2>
                  <div className="mt-1 grid grid-cols-2 gap-3">
                    <Side
                      title="Before"
                      state={was}
                      finding={'before' in each ? each.before : undefined}
                      line={(finding) => findingLine(finding, vocabulary)}
                    />
                    <Side
                      title="After"
                      state={is}
                      finding={afterOf(each)}
                      line={(finding) => mendedLine(finding) ?? findingLine(finding, vocabulary)}
                    />
                  </div>
                </li>
              ))}
            </ul>
          </Fold>
        );
      })}
    </>
  );
}

interface SideProps {
  title: string;
  state: WalkState;
  finding: Finding | undefined;
  line: (finding: Finding) => string;
}

function Side({ title, state, finding, line }: SideProps) {
  const photo = finding && state.photos.findLast((each) => each.finding === finding.id);
  return (
    <div className="min-w-0">
      <p className="text-sm text-soft">{title}</p>
      <p>{finding ? `${finding.number}. ${line(finding)}` : 'nothing here'}</p>
      {photo && <Picture sha256={photo.sha256} alt={`${title}: ${finding ? line(finding) : ''}`} />}
    </div>
  );
}

function Picture({ sha256, alt }: { sha256: string; alt: string }) {
  const url = usePhotoUrl(sha256, 320);
  return url ? <img src={url} alt={alt} loading="lazy" className="mt-1 h-auto w-full bg-fill" /> : null;
}
