import {
  type BodyStyle,
  endOf,
  handOf,
  kindName,
  type Part,
  partNameForAnyone,
  plainHand,
  type Speech,
  vocabularyOf,
} from '../car';
import type { Overlay } from '../picture';
import type { ReportDocument, ReportPhoto } from '../report';
import { findingKindName } from '../walk';
import { sentence } from '../wording';

/** One picture of an archive: where it goes and what is written inside it. */
export interface ArchivedPicture {
  /** Path within the archive, like "03-left/014-left-rear-door-dent-12mm-close.jpg". */
  path: string;
  sha256: string;
  title: string;
  caption: string;
  keywords: readonly string[];
  /** Name of the part, spoken so that anyone knows the side; empty for the whole car. */
  part: string;
  /** Number of the finding it belongs to. */
  finding?: number;
  overlay: Overlay;
}

const roleWord = { where: 'where', what: 'close', 'whole-car': 'whole-car', after: 'after' } as const;

/**
 * Names and orders a walk's pictures so that a folder of files alone tells where each belongs: folders by zone and side as walked,
 * files by number, part, side, kind and size. Pure: the same report gives the same names.
 */
export function planArchive(
  report: ReportDocument,
  style: BodyStyle,
  speech: Speech,
  /** Pictures that have no place yet; they come last. */
  unplaced: readonly string[] = [],
): ArchivedPicture[] {
  const folders = new Map<string, string>();
  const folderOf = (name: string): string => {
    const known = folders.get(name);
    if (known) return known;
    const made = `${String(folders.size + 1).padStart(2, '0')}-${name}`;
    folders.set(name, made);
    return made;
  };
  const placed = report.photos.map((photo): ArchivedPicture => {
    const part = photo.part === undefined ? undefined : style.parts.get(photo.part);
    const isIt = ({ number }: { number: number }) => number === photo.finding;
    const finding = report.findings.find(isIt) ?? report.putRight?.find(isIt);
    const isWhole = photo.role === 'whole-car' || !part;
    const folder = folderOf(isWhole ? 'whole-car' : placeOf(part));
    const kind = finding && findingKindName(finding.kind, vocabularyOf(speech));
    const words = [
      String(photo.number).padStart(3, '0'),
      ...(part && !isWhole ? [sideAndName(part, speech)] : []),
      ...(finding && kind ? [kind, sizeIn(finding.line, kind)] : []),
      roleWord[photo.role],
    ];
    return {
      path: `${folder}/${slug(words.join(' '))}.jpg`,
      sha256: photo.sha256,
      title: `${report.title}: ${photo.caption}`,
      caption: photo.caption,
      keywords: keywordsOf(photo, part, kind, report),
      part: part ? sentence(partNameForAnyone(part, speech)) : '',
      ...(finding && { finding: finding.number }),
      overlay: {
        ...(photo.marks && { marks: photo.marks }),
        ...(photo.boxes && { boxes: photo.boxes }),
        ...(photo.spots && { spots: photo.spots }),
      },
    };
  });
  const rest = unplaced.map(
    (sha256, i): ArchivedPicture => ({
      path: `${folderOf('without-a-place')}/${String(placed.length + i + 1).padStart(3, '0')}.jpg`,
      sha256,
      title: report.title,
      caption: 'Not placed yet',
      keywords: [report.car.stockNumber],
      part: '',
      overlay: {},
    }),
  );
  return [...placed, ...rest];
}

/** "left", "wheels left", "boot": the zone, with its side where it has one. */
function placeOf({ zone, position }: Part): string {
  const side = position && zone !== 'left' && zone !== 'right' ? `-${plainHand(handOf(position))}` : '';
  return `${zone}${side}`;
}

/** "left rear door": sides as seen from the driver's seat, said the same in every country. */
function sideAndName({ kind, position }: Part, speech: Speech): string {
  if (!position) return kindName(kind, speech);
  return [plainHand(handOf(position)), endOf(position), kindName(kind, speech)].filter(Boolean).join(' ');
}

/** What the finding's line says after its kind: "12 mm across" → "12mm". */
function sizeIn(line: string, kind: string): string {
  const size = /(\d+(?:\.\d+)?) ?mm/.exec(line.slice(kind.length));
  return size ? `${size[1]}mm` : '';
}

function keywordsOf(
  photo: ReportPhoto,
  part: Part | undefined,
  kind: string | undefined,
  report: ReportDocument,
): string[] {
  return [
    report.car.stockNumber,
    part?.id,
    part?.position && plainHand(handOf(part.position)),
    part?.zone,
    kind?.toLowerCase(),
    photo.finding !== undefined ? `finding ${photo.finding}` : undefined,
    roleWord[photo.role],
  ].filter((word): word is string => Boolean(word));
}

/** Words as a file name holds them everywhere. */
export const slug = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9.]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 90);
