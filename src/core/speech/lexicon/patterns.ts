import type { Sense } from './sense';

const looked = '(?:see|find|spot|notice|seen|found|spotted|noticed|seeing|finding)';
const failedTo =
  "(?:can't|cannot|can not|cant|couldn't|could not|don't|dont|do not|didn't|did not|haven't|have not|not|never|hardly)(?: really| even| actually| been able to| [a-z]+ly)?";
const any =
  '(?:anything in the way of|any real|any sign of|any signs of|any evidence of|any kind of|any|a single|a|an|much|no)';
const thing =
  '(?:anything else|anything|any thing|a thing|a mark|marks|any marks|any damage|damage|any issues|any problems|any faults|any defects|any blemishes|any imperfections)';
const ofIt = '(?:on|with|about|in) (?:it|there|that|here|this|them|those|that one|this one|any of them)';
const well =
  '(?:good|great|excellent|lovely|nice|superb|fantastic|perfect|brilliant|immaculate|beautiful|amazing|tidy|clean|mint|decent|wonderful|outstanding|fine|top|tip top|awesome|gorgeous|phenomenal|exceptional|pristine)';
const more =
  '(?:(?:really|very|absolutely|pretty|such|generally|overall|fairly|quite|super|just|still|nice|lovely|extremely|remarkably) )*';
const nothing =
  '(?:no|not a|without a|without any|zero|without|no obvious|no real|no visible|no major|no significant|no other|no big)';
const harmless =
  '(?:dirt|dust|mud|water|rain|rainwater|raindrops|a raindrop|a reflection|reflection|reflections|glare|wax|polish|polish residue|a hair|a leaf|a bug|bugs|grime|road grime|road dirt|a shadow|shadow|shadows|the light|the lighting|the sun|the camera|a bit of dirt|a bit of mud|a bit of dust|a bit of water|a bit of polish|a bit of wax|some dirt|some dust|some mud|water drops|a drop of water|soap|a bit of rain|the reflection|sunlight|pollen|salt|snow|ice|condensation on the outside|chalk|a smudge|smudges|a fingerprint|fingerprints|finger marks|tape residue|a sticker|bit of dirt|bit of mud|a speck of dirt|a trick of the light|trick of the light)';

const rows: readonly (readonly [pattern: string, sense: Sense])[] = [
  // "I can't see any", "haven't found any sign of".
  [`${failedTo} ${looked} ${any}`, { is: 'deny' }],
  [
    `${failedTo} ${looked}(?! (?:it|that|this|them|the|on|there|very|how|if|what|where|because|well|me)\\b)`,
    { is: 'deny' },
  ],
  [
    "(?:don't|do not|didn't) (?:think|believe)(?: that)? (?:there's|there is|there are|it's got|it has|they've got|i've seen|i saw)(?: any| a| an| been any| been a)?",
    { is: 'deny' },
  ],
  ['(?:one|two|three) of the (?:four|five)|the other (?:two|three)', { is: 'rest' }],
  [`${looked} (?:no|none|nothing)(?: signs? of| evidence of)?`, { is: 'deny' }],
  [
    '(?:no|not any|not a|without any|without|zero|little or no|hardly any|barely any|free of any|never any)(?: (?:real|obvious|visible|major|other))? (?:signs?|evidence|traces?|hint) of(?: any| a| an)?',
    { is: 'deny' },
  ],
  [
    'nothing (?:wrong|the matter|amiss) (?:with|on|in)(?= (?:the|either|any|that|this|both|those))',
    { is: 'deny', isNothing: true },
  ],
  // "I can't see anything on it", "no marks at all".
  [
    `${failedTo} ${looked} ${thing}(?: wrong)?(?: at all| whatsoever| really)?(?: ${ofIt})?(?: at all)?`,
    { is: 'fine', isNone: true },
  ],
  [
    `there(?:'s| is)? ?(?:isn't|not|ain't|is not) ${thing}(?: wrong)?(?: ${ofIt})?(?: at all)?`,
    { is: 'fine', isNone: true },
  ],
  [
    `${nothing} (?:marks?|damage|issues?|problems?|faults?|defects?|imperfections?|blemish|blemishes|flaws?|concerns?)(?: at all| whatsoever| anywhere| that i can see| that i can find| that i could see| to report| to speak of| to mention)?(?: ${ofIt})?(?: at all)?(?! (?:on|in|of|to) (?:the|either|any|both|these|those)\\b)`,
    { is: 'fine', isNone: true },
  ],
  [
    `${nothing} (?:marks?|damage|issues?|problems?|faults?|defects?|imperfections?|blemish|blemishes|flaws?)(?: at all| whatsoever| anywhere)?(?= (?:on|in|of|to) (?:the|either|any|both|these|those)\\b)`,
    { is: 'deny', isNothing: true },
  ],
  [
    `nothing(?: at all| really| much| else)?(?: to (?:report|note|mention|worry about|speak of|see|say|shout about|write home about|show you))?(?: (?:wrong|amiss))? ?(?:${ofIt})(?: at all)?`,
    { is: 'fine', isNone: true },
  ],
  [
    'nothing(?: at all| really| much| else)? to (?:report|note|mention|worry about|speak of|see|say|shout about|write home about|show you)(?: there| here)?',
    { is: 'fine', isNone: true },
  ],
  // What is said behind it is told first.
  [
    '(?:so )?(?:the )?(?:only )?(?:main|biggest|first|most important) thing (?:(?:that )?(?:you|a buyer|they|people) (?:need|want|ought|have|should) (?:to )?know|to (?:know|tell (?:you|them)))(?: about)?(?: (?:is|it|this one|this|here))*',
    { is: 'filler' },
  ],
  ['nothing at all', { is: 'fine', isNone: true }],
  [
    `(?:in )?(?:a )?${more}${well}(?: ${well})? (?:condition|shape|order|nick)(?: (?:all round|overall|throughout))?`,
    { is: 'fine' },
  ],
  [
    '(?:pretty|real|fairly|quite a|a) good(?= (?:dent|ding|scratch|gouge|scuff|crack|scrape|chip|crease|tear|rip|size|sized)\\b)',
    { is: 'severity', howBad: 'bad' },
  ],
  // "The size of a quarter" is no quarter panel.
  [
    '(?:about |roughly |maybe )?(?:the )?size of (?:a|an|your|my) (?:(?:ten|five|fifty|two|twenty|one|golf|tennis|credit|dinner|pencil|postage) )?[a-z]+(?: (?:piece|coin|eraser))?',
    { is: 'filler' },
  ],
  [
    '(?:dime|quarter|nickel|penny|pea|coin|golf ball|marble|fist|hand|palm|thumb)[ -](?:size|sized)',
    { is: 'filler' },
  ],
  [
    '(?:sat|sits) in(?! (?:the|a|an|our|my|there|here|it|this|that|them|those|by|for|and)\\b)',
    { is: 'fault', kinds: ['gap'] },
  ],
  // What does not do as it should: of something one tries.
  [
    "(?:won't|wont|doesn't|doesnt|does not|will not|don't|didn't|wouldn't)(?: even| really| always)? (?!(?:have|has|show|look|seem|appear|matter|see|know|think|want|need|worry|expect|catch|smoke|rust|go through|come out|polish|wipe|rub|say|mean|believe|like|get me|forget|check|try|test|tried|find|feel|smell|leak|sit|fit|line|match|be|do|tell|mind|take|make|let|give|buff|affect|notice|it|they|you|we|that)\\b)[a-z]+(?: (?:up|down|back|out|on|off|in|open|over|shut|closed|cold|hot|warm))*",
    { is: 'fails' },
  ],
  [
    'not (?:been )?(?:working|kicking in|coming on|blowing|heating|charging|responding|connecting|pairing|opening|closing|locking|engaging|lighting up)',
    { is: 'fails' },
  ],
  ['(?:and )?(?:neither|nor) (?:does|do|did)', { is: 'fails' }],
  [
    "(?:can't|couldn't|could not|cannot|wouldn't|unable to|not able to) get(?: the| it| that| my| this)?",
    { is: 'fails' },
  ],
  [
    '(?:it )?(?:pulls|drifts|wanders)(?: a little| slightly| a bit)? to (?:the |one )?(?:left|right|side)',
    { is: 'function', ids: ['pulls-straight'], works: false },
  ],
  [
    '(?:slight |bit of a |a bit of |a |some )vibrations?(?: at| over)?',
    { is: 'function', ids: ['no-shake'], works: false },
  ],
  [
    '(?:shakes|shimmies|wobbles|vibrates)(?: a little| a bit)? (?:at|over|above|around) (?:speed|[a-z0-9]+)',
    { is: 'function', ids: ['no-shake'], works: false },
  ],
  [
    'all (?:of )?the (?:warning )?(?:lights|lamps)(?: have| all)? (?:gone|go|went|goes) (?:out|off)',
    { is: 'lamps' },
  ],
  // "I'll have that painted before delivery": what will be done, as a promise.
  ...(
    [
      ['painted|sprayed|resprayed|blown in|smart repaired', 'local-paint'],
      ['touched in|touched up', 'touch-in'],
      ['polished|polished out|machine polished|buffed|buffed out|machined|mopped', 'polish'],
      ['refurbed|refurbished|refinished|diamond cut', 'wheel-refurbish'],
      ['replaced|changed|swapped', 'replace'],
      ['pulled|pulled out|pushed out|popped out', 'dent-removal'],
      ['filled|resined', 'glass-repair'],
      ['cleaned|cleaned off|cleaned up|shampooed', 'clean'],
    ] as const
  ).map(
    ([done, cure]) =>
      [
        `(?:i'll|we'll|i will|we will|we're going to|i'm going to|we're gonna|i'm gonna|we are going to) (?:have|get) (?:that|it|this|those|them|these)(?: all| one)? (?:${done})(?: in| out)?`,
        { is: 'cure', cure, decision: 'promised' },
      ] as const,
  ),
  // "That's just dirt": what was pointed at is no fault.
  [
    `(?:(?:that's|it's|that is|it is|this is|they're|is|that'll be|just|only|actually) )+(?:just |only |some |probably |actually )*${harmless}(?! (?:spots?|marks?|stains?|in|inside|out|up|it|off)\\b)`,
    { is: 'dismiss' },
  ],
  [
    "(?:that|it|they|those|these|them)(?:'s|'re| is| are)?(?: all)? (?:wipes?|rubs?|washes|brush|brushes) (?:straight |right |clean )?(?:off|away)",
    { is: 'dismiss' },
  ],
];

const patterns = rows.map(([pattern, sense]) => ({ pattern: new RegExp(`^(?:${pattern})(?= |$)`), sense }));

/** Whether any of them stands there: most words begin none. */
const anyOfThem = new RegExp(`^(?:${rows.map(([pattern]) => pattern).join('|')})(?= |$)`);

/** Words a pattern may take. */
export const LONGEST_PATTERN = 9;

/** A phrase that is put together of many small words rather than listed; the longest that stands at the beginning of what is said. */
export function patternAt(said: string): { sense: Sense; used: number } | undefined {
  if (!anyOfThem.test(said)) return undefined;
  let best: { sense: Sense; used: number } | undefined;
  for (const { pattern, sense } of patterns) {
    const found = pattern.exec(said)?.[0].trim();
    const used = found?.split(' ').length ?? 0;
    if (used > (best?.used ?? 0)) best = { sense, used };
  }
  return best;
}
