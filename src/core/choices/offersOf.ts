import { type BodyStyle, type Car, partNames, vocabularyOf } from '../car';
import { decisionLine, findingLine, isStanding, type WalkState } from '../walk';
import { sentence } from '../wording';

/** Something a buyer may choose to have put right, at a price. */
export interface Offer {
  /** "finding <id>", or "part <id>" of a tyre, a wheel and the like. */
  fault: string;
  /** Of a finding: the number on its strip. */
  number?: number;
  where: string;
  says: string;
  /** In whole units, as it was offered. */
  price: { amount: number; currency: string };
  /** What the report says of it: an offer is one only where a report says the same. */
  told: string;
}

/** What a walk offers to the buyer at a price, in the order of the findings. What has no price is talked about, not ticked. */
export function offersOf(
  state: Pick<WalkState, 'findings' | 'remedies'>,
  style: BodyStyle,
  car: Pick<Car, 'country' | 'steering'>,
): Offer[] {
  const vocabulary = vocabularyOf(car);
  const nameOf = partNames(style, car);
  return [
    ...state.findings.flatMap((finding): Offer[] => {
      const { decision } = finding.details;
      if (!isStanding(finding) || decision?.is !== 'buyer-chooses' || !decision.price) return [];
      return [
        {
          fault: `finding ${finding.id}`,
          number: finding.number,
          where: sentence(nameOf(finding.part)),
          says: findingLine(finding, vocabulary),
          price: decision.price,
          told: decisionLine({ decision }, vocabulary),
        },
      ];
    }),
    ...[...state.remedies.values()].flatMap(({ about, decision, checked }): Offer[] =>
      about.of === 'part' && checked?.found !== 'gone' && decision?.is === 'buyer-chooses' && decision.price
        ? [
            {
              fault: `part ${about.part}`,
              where: sentence(nameOf(about.part)),
              says: '',
              price: decision.price,
              told: decisionLine({ decision }, vocabulary),
            },
          ]
        : [],
    ),
  ];
}
