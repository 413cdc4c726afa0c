import { type Direction, orderRuleNames, type RouteRule, type StartCorner } from '#core/route';

export const cornerNames: Record<StartCorner, string> = {
  fl: 'front left',
  fr: 'front right',
  rl: 'rear left',
  rr: 'rear right',
};

export const directionNames: Record<Direction, string> = {
  clockwise: 'Clockwise',
  anticlockwise: 'Anticlockwise',
};

/** "From the front left, anticlockwise; wheel as met, doors opened as passed." */
export function routeLine({ start, direction, order, insideAsPassed }: RouteRule): string {
  const doors = insideAsPassed ? ', doors opened as passed' : '';
  return `From the ${cornerNames[start]}, ${direction}; ${orderRuleNames[order].name.toLowerCase()}${doors}.`;
}

/** "7 minutes"; less than one is "a minute". */
export function minutesWords(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  return minutes <= 1 ? 'a minute' : `${minutes} minutes`;
}
