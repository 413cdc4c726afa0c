import type { CarDetails, Part } from '../car';

interface CautionFacts {
  says: string;
  /** At which parts it matters. */
  at: (part: Pick<Part, 'kind' | 'face' | 'zone'>, car: Pick<CarDetails, 'fuel'>) => boolean;
}

const hasHighVoltage = ({ fuel }: Pick<CarDetails, 'fuel'>) =>
  fuel === 'electric' || fuel === 'hybrid' || fuel === 'plug-in hybrid';

/** What may hurt the person walking, said where it may. The usual cautions of the trade; local law and licensed people come first. */
const cautions = {
  traffic: {
    says: 'Mind traffic round the yard while you look at the car, above all at its road side.',
    at: ({ face }) => face === 'left' || face === 'right' || face === 'front' || face === 'rear',
  },
  'high-voltage': {
    says: 'High voltage: look at orange cables and charging gear, never touch them.',
    at: ({ face, kind }, car) => hasHighVoltage(car) && (face === 'engine' || kind === 'fillerflap'),
  },
  engine: {
    says: 'Move the car outdoors before you run the engine. Hands, hair and sleeves clear of belts and fans; parts are hot; see that the bonnet stays up.',
    at: ({ face }) => face === 'engine',
  },
  jack: {
    says: 'Never go under a car on a jack. Chock it on a slope; look from beside it with a lamp.',
    at: ({ face }) => face === 'under',
  },
  lid: {
    says: 'Mind your head: a tailgate or roof with weak struts can fall.',
    at: ({ face, kind }) => face === 'boot' || kind === 'softtop' || kind === 'hardtop',
  },
  airbags: {
    says: 'Airbags live in pillars, seats and the wheel: do not probe them.',
    at: ({ face }) => face === 'cabin',
  },
  'sharp-edges': {
    says: 'Kerbed rims and worn tyres can have sharp edges and bare wires: gloves.',
    at: ({ zone }) => zone === 'wheels',
  },
} as const satisfies Record<string, CautionFacts>;

export type CautionId = keyof typeof cautions;
export const cautionIds = Object.keys(cautions) as [CautionId, ...CautionId[]];

/** US wording where it differs. */
const american: Partial<Record<CautionId, string>> = {
  engine: cautions.engine.says.replace('bonnet', 'hood'),
  lid: cautions.lid.says.replace('tailgate', 'liftgate'),
  'sharp-edges': 'Scraped rims and worn tires can have sharp edges and bare wires: wear gloves.',
};

export function cautionSays(id: CautionId, vocabulary: 'uk' | 'us'): string {
  return (vocabulary === 'us' ? american[id] : undefined) ?? cautions[id].says;
}

/** The first caution that matters at a part and was not read in this walk yet. */
export function cautionAt(
  part: Pick<Part, 'kind' | 'face' | 'zone'>,
  car: Pick<CarDetails, 'fuel'>,
  read: ReadonlySet<CautionId>,
): CautionId | undefined {
  return cautionIds.find((id) => !read.has(id) && (cautions[id] as CautionFacts).at(part, car));
}
