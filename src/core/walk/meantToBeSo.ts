import type { Part, PartKind, Vocabulary } from '../car';

interface ShapeNote {
  uk: string;
  us?: string;
}

/** Shapes and marks that look like faults on photos and are meant to be so, by the part they are on. Common practice. */
const shapes: Partial<Record<PartKind, readonly ShapeNote[]>> = {
  seat: [
    { uk: 'the cover lies in soft folds when nobody sits on it' },
    { uk: 'a seam where two covers meet' },
    { uk: 'a perforated middle: the holes let air through' },
  ],
  bolster: [{ uk: 'the airbag’s seam at the outer side' }, { uk: 'the firm edge of the seat’s frame' }],
  seatback: [
    { uk: 'a zip or flap for the seat’s heater and frame' },
    { uk: 'marks of the head restraint’s catch' },
  ],
  headlining: [
    { uk: 'a cover over a sun-roof drain or aerial fixing' },
    { uk: 'a small hole for the microphone' },
  ],
  dashboard: [
    { uk: 'the fine line where the airbag opens' },
    { uk: 'the sun sensor' },
    { uk: 'a grained surface that shines at an angle' },
  ],
  steeringwheel: [{ uk: 'a stitched seam' }, { uk: 'the airbag’s outline' }],
  console: [{ uk: 'a blank where a switch of another version sits' }],
  carpet: [{ uk: 'a heel pad pressed into the carpet' }, { uk: 'a fixing for the mats' }],
  bootfloor: [{ uk: 'a cut-out for the tools or the spare' }],
  'bumper-front': [
    { uk: 'the cap over the towing eye', us: 'the cap over the tow hook' },
    { uk: 'a sensor, flush in the bumper' },
    { uk: 'a vent that leads air past the wheel' },
  ],
  'bumper-rear': [
    { uk: 'the cap over the towing eye', us: 'the cap over the tow hook' },
    { uk: 'a cut-out for the tow ball', us: 'a cut-out for the hitch' },
    { uk: 'a sensor, flush in the bumper' },
  ],
  door: [
    { uk: 'a crease of the shape, the same on the other side' },
    { uk: 'a guard strip on the door’s edge' },
  ],
  wing: [{ uk: 'a crease of the shape, the same on the other side' }],
  quarter: [{ uk: 'a crease of the shape, the same on the other side' }],
  sill: [{ uk: 'rough stone-guard coating from the works' }, { uk: 'a jacking point or its cover' }],
  roof: [{ uk: 'the laser seam or its joint strip' }],
  windscreen: [
    { uk: 'the dotted edge of the glass' },
    { uk: 'a sensor behind the mirror' },
    { uk: 'fine wires of the heated screen', us: 'fine wires of the heated windshield' },
  ],
  rearglass: [{ uk: 'the wires of the heater and aerial' }],
  headlamp: [{ uk: 'a mist that goes when the lamp is on' }, { uk: 'lines moulded into the lens' }],
  wheel: [{ uk: 'a balance weight' }, { uk: 'a drain hole in the rim’s spoke' }],
  tyre: [
    { uk: 'wear bars between the tread blocks' },
    { uk: 'a dip in the side where the cords overlap' },
    { uk: 'paint dots from the maker' },
  ],
  sillunder: [{ uk: 'a drain hole, open as it should be' }],
  undertray: [{ uk: 'a flap for the oil drain' }],
};

/** What a suspicion on a part may turn out to be, in the car's words. */
export const meantToBeSo = ({ kind }: Pick<Part, 'kind'>, vocabulary: Vocabulary): string[] =>
  (shapes[kind] ?? []).map(({ uk, us }) => (vocabulary === 'us' ? us : undefined) ?? uk);
