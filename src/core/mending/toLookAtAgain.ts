import { type BodyStyle, type Car, type FaceId, faceName, partNames, vocabularyOf } from '../car';
import { aboutWords } from '../readings';
import {
  type Decision,
  type EntryBody,
  findingLine,
  isPromised,
  type MendChecked,
  remedyKey,
  type WalkState,
} from '../walk';
import { sentence } from '../wording';

/** Something that was to be mended, to be looked at again on the second walk. */
export interface ToLookAt {
  /** "finding <id>", "part tyre-fl", "smell". */
  id: string;
  about: EntryBody<'mend-checked'>['about'];
  /** Of a finding: the number on its strip of tape. */
  number?: number;
  part?: string;
  where: string;
  says: string;
  decision?: Decision;
  checked?: MendChecked;
  /** Pictures from before. */
  photos: readonly string[];
}

type LookingCar = Pick<Car, 'country' | 'steering'>;

/**
 * What was to be mended of a car: what was promised, what whoever works on it spoke of (`worked`, by the ids of faults), and what was looked at again
 * already. Findings by their numbers, then the rest. What was dismissed is none.
 */
export function toLookAtAgain(
  state: WalkState,
  style: BodyStyle,
  car: LookingCar,
  worked: ReadonlySet<string>,
): ToLookAt[] {
  const vocabulary = vocabularyOf(car);
  const nameOf = partNames(style, car);
  const sideOf = (face: FaceId) => faceName(face, car);
  const isWanted = (id: string, decision: Decision | undefined, checked: MendChecked | undefined) =>
    isPromised({ decision }) || checked !== undefined || worked.has(id);
  const findings = state.findings.flatMap((finding): ToLookAt[] => {
    const id = `finding ${finding.id}`;
    const { decision } = finding.details;
    if (finding.standing.status === 'dismissed' || !isWanted(id, decision, finding.checked)) return [];
    // Put right and said so where it was found: it has been looked at.
    if (finding.standing.status === 'put-right' && !finding.checked) return [];
    return [
      {
        id,
        about: { of: 'finding', finding: finding.id },
        number: finding.number,
        part: finding.part,
        where: sentence(nameOf(finding.part)),
        says: findingLine(finding, vocabulary),
        ...(decision && { decision }),
        ...(finding.checked && { checked: finding.checked }),
        photos: state.photos
          .filter((photo) => photo.finding === finding.id && photo.role !== 'after')
          .map(({ sha256 }) => sha256),
      },
    ];
  });
  const others = [...state.remedies.values()].flatMap(({ about, decision, checked }): ToLookAt[] => {
    const id = remedyKey(about);
    if (!isWanted(id, decision, checked)) return [];
    return [
      {
        id,
        about,
        ...(about.of === 'part' && { part: about.part }),
        where: sentence(aboutWords(about, { state, vocabulary, nameOf, sideOf })),
        says: '',
        ...(decision && { decision }),
        ...(checked && { checked }),
        photos: state.photos
          .filter((photo) => about.of === 'part' && photo.part === about.part && photo.role !== 'after')
          .map(({ sha256 }) => sha256),
      },
    ];
  });
  return [...findings, ...others];
}
