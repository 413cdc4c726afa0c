import type { Vocabulary } from '../car';
import { faultTold } from '../readings';
import type { Stop } from '../route';
import { inWords, own, starting, type Text } from '../told';
import { type AttachedPhoto, type Finding, findingTold, pictureOf, type WalkState } from '../walk';
import type { PhotoFacts } from './reportInputs';
import type { PhotoTold } from './rowsTold';
import { englishOfReport, say } from './words';

const roleRank = { 'whole-car': 0, where: 1, what: 2, after: 3 } as const;

/**
 * Photos in a buyer's order: the cover chosen by hand, the whole car, then by part in walking order, the place before the thing.
 * Captions write themselves unless someone wrote one.
 */
export function orderPhotos(
  state: WalkState,
  route: readonly Stop[],
  nameOf: (part: string) => Text,
  facts: ReadonlyMap<string, PhotoFacts>,
): PhotoTold[] {
  const findings = new Map(state.findings.map((finding) => [finding.id, finding]));
  const rankOf = new Map(route.map((stop, i) => [stop.part, i]));
  const stopRank = (photo: AttachedPhoto): number => {
    if (photo.sha256 === state.cover) return -2;
    if (photo.role === 'whole-car') return -1;
    const part = partOf(photo, findings);
    return (part === undefined ? undefined : rankOf.get(part)) ?? route.length;
  };
  return [...state.photos]
    .sort(
      (a, b) =>
        stopRank(a) - stopRank(b) ||
        numberOf(a, findings) - numberOf(b, findings) ||
        roleRank[a.role] - roleRank[b.role] ||
        (a.entry < b.entry ? -1 : 1),
    )
    .map((photo, i): PhotoTold => {
      const finding = photo.finding === undefined ? undefined : findings.get(photo.finding);
      const part = partOf(photo, findings);
      const works = photo.function ? faultTold(state.functions, photo.function) : undefined;
      const size = facts.get(photo.sha256);
      const said = pictureOf(state, photo.sha256);
      const spots = [...said.spots].flatMap(([id, at]) => {
        const there = findings.get(id);
        return there && there.standing.status !== 'dismissed' ? [{ number: there.number, at }] : [];
      });
      return {
        number: i + 1,
        sha256: photo.sha256,
        role: photo.role,
        caption:
          said.caption ?? starting(captionTold(photo, finding, works ?? (part ? nameOf(part) : undefined))),
        part,
        finding: finding && finding.standing.status !== 'dismissed' ? finding.number : undefined,
        function: works && starting(works),
        width: size?.width,
        height: size?.height,
        ...scaleOf(photo, finding, size),
        ...(photo.sha256 === state.cover && { cover: true as const }),
        ...(said.marks.length > 0 && { marks: [...said.marks] }),
        ...(said.boxes && said.boxes.length > 0 && { boxes: [...said.boxes] }),
        ...(spots.length > 0 && { spots: spots.sort((a, b) => a.number - b.number) }),
      };
    });
}

/** So wide is what a picture shows, where it was measured. */
function scaleOf({ sha256 }: AttachedPhoto, finding: Finding | undefined, size: PhotoFacts | undefined) {
  const { measured } = finding ?? {};
  if (!size || measured?.photo !== sha256 || !measured.mmPerPixel) return {};
  return { mmAcross: Math.round(measured.mmPerPixel * size.width * 10) / 10 };
}

const partOf = (photo: AttachedPhoto, findings: ReadonlyMap<string, Finding>) =>
  photo.part ?? (photo.finding === undefined ? undefined : findings.get(photo.finding)?.part);

const numberOf = (photo: AttachedPhoto, findings: ReadonlyMap<string, Finding>) =>
  (photo.finding === undefined ? undefined : findings.get(photo.finding)?.number) ?? 0;

/** What the record says a photo shows: "nearside rear door (left): dent, 40 mm across". */
function captionTold(photo: AttachedPhoto, finding: Finding | undefined, part: Text | undefined): Text {
  if (photo.role === 'whole-car') return say('photo.wholeCar');
  const place = part ?? say('photo.car');
  if (!finding) return photo.role === 'after' ? say('photo.after', { place }) : place;
  const { number, standing } = finding;
  if (standing.status === 'dismissed') return say('photo.noFault', { place, why: own(standing.why) });
  if (photo.role === 'after')
    return say(standing.status === 'put-right' ? 'photo.putRight' : 'photo.workOn', { place, number });
  return photo.role === 'where'
    ? say('photo.where', { place, number })
    : say('where.says', { where: place, says: findingTold(finding) });
}

/** The same in words, where a picture is shown on the walk. */
export const photoCaption = (
  photo: AttachedPhoto,
  finding: Finding | undefined,
  part: string | undefined,
  vocabulary: Vocabulary,
): string =>
  inWords(starting(captionTold(photo, finding, part ? own(part) : undefined)), englishOfReport(vocabulary));
