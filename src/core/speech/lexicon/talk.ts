import type { Sense } from './sense';

/** How talk holds together: what is fine, what is denied, where one walks, what belongs to what. Common practice. */
export const talk: readonly (readonly [phrases: string, sense: Sense])[] = [
  [
    "fine|good|clean|clear|perfect|okay|ok|alright|all right|sound|intact|whole|tidy|spotless|straight|straight along its length|in good order|looks good|look good|not a mark on it|not a thing|nothing on it|nothing on them|nothing on it at all|nothing in it|nothing to report|nothing at all|no issues|no damage|no marks|no marks on it|no marks at all|unmarked|lovely|lovely condition|in lovely condition|like new|looks like new|as new|absolutely fine|there isn't a mark on it|isn't a mark on it|not a mark|free of any damage|hardly been sat in|spot on|mint|immaculate|excellent|very good|nice|no wear|shows no wear|no paint damage|don't see anything|can't find anything|can't see anything|couldn't find anything|nothing wrong with it|dry|dry as a bone|true|it's true|not terrible",
    { is: 'fine' },
  ],
  [
    "no|not|none|never|nothing|neither|without|free of|free from|clear of|isn't|aren't|hasn't|haven't|hasn't got|doesn't have|don't see any|can't see any|no sign of|there are none|there is none|not been|it's not|that's not|nope|nothing bigger than|nothing like|not any|not a",
    { is: 'deny' },
  ],
  [
    "but|though|although|apart from|except|except the|other than|otherwise|just|only|there's|there is|there are|has|has got|it's got|has had|and there's|we've got|you've got|got|so",
    { is: 'turn' },
  ],
  [
    "not terrible|nothing major|that I can find|that i can find|that i see|i should think|i reckon|as you'd expect|surprisingly|bigger than|to speak of|so don't|don't drive on that|i wouldn't drive it on that|wouldn't drive|doesn't matter|no hang on|don't expect it to be new|haven't tried",
    { is: 'filler' },
  ],
  [
    'below|just below|under|underneath|above|just above|up above|near|near the|next to|beside|by|by the|towards|toward|behind|from|around|round|between|along|up by|down by|in front of|under the|where',
    { is: 'near' },
  ],
  ['on|in|of|to|across', { is: 'on' }],
  ['both|both of them|both sides|all', { is: 'both' }],
  ['all four', { is: 'both', isAll: true }],
  ['i was looking for|i looked for|looking for|i look for', { is: 'looking' }],
  ["the other one's|the other ones|the other one", { is: 'other' }],
  ['so is the other one|so is the other|same for the other one', { is: 'other', isSame: true }],
  ['straight up|starts straight up|alright then|okay so|right then', { is: 'filler' }],
  ['these|this type|they usually|they all|usually', { is: 'such' }],
  ["and yes|and this one has|and this ones has|but this one|but this one's|but this ones", { is: 'indeed' }],
  [
    'right on|right in|right through|right above|right below|right by|right next to|right at|right under|right across|right behind|right round|right where',
    { is: 'filler' },
  ],
  ['clear coat|clearcoat|on the same side|same side|starting to', { is: 'filler' }],
  [
    'same again|the same|same|same as|same as the other side|same as the front|same as the others',
    { is: 'same' },
  ],
  ['the front one|front one', { is: 'one', end: 'front' }],
  ['the rear one|rear one|the back one|back one', { is: 'one', end: 'rear' }],
  ['the left one|left one', { is: 'one', hand: 'l' }],
  ['the right one|right one', { is: 'one', hand: 'r' }],
  ['the rest|against|elsewhere|everything else|everywhere|everywhere else|all round|rest', { is: 'rest' }],
  [
    'going down|down the|moving down|looking along|looking back along|up the|coming up|coming down the|moving up|on this side|moving along',
    { is: 'move', to: 'side' },
  ],
  [
    'round to the back|round the back|around the back|around back|coming around back|at the back|to the rear|moving round to the back|looking across the back|round the back now',
    { is: 'move', to: 'rear' },
  ],
  [
    'at the front|up front|front end|start at the front|starting at the front|back to the front',
    { is: 'move', to: 'front' },
  ],
  ['other side|the other side|now the other side', { is: 'move', to: 'other-side' }],
  [
    "jumping in|hop inside|inside|interior|cabin|jump in|in the cabin|let's hop inside",
    { is: 'move', to: 'inside' },
  ],
  [
    "might be|could be|looks like|i think|maybe there|i think it's|somebody should look again|someone should look again|not sure",
    { is: 'doubt' },
  ],
  ['sorry|i mean|hang on|no hang on|no wait|correction|make that', { is: 'correct' }],
  [
    'gauge|gauge reads|on the gauge|meter|meter says|paint meter|reads|reading|readings|paint readings|paint meter is|you got',
    { is: 'gauge' },
  ],
  ['a few|a handful|a handful of|few|handful of|some', { is: 'amount', amount: 'a-few' }],
  ['several', { is: 'amount', amount: 'several' }],
  [
    'loads|loads of|loads of them|lots of|peppered with|a bunch of|bunch of|plenty',
    { is: 'amount', amount: 'many' },
  ],
  [
    'all round|all around|all the way around|all over|all along it|all along|all of it',
    { is: 'amount', amount: 'all-over' },
  ],
  [
    'most of the way round|most of it|pretty much most of it|most of the rim',
    { is: 'amount', amount: 'most-of-it' },
  ],
  [
    'faint|slight|slightly|tiny|hairline|a little|a bit|light|minor|very faint|going a bit|starting',
    { is: 'severity', severity: 'slight' },
  ],
  ['bad|badly|pretty bad|deep|heavy|heavily|rough', { is: 'severity', severity: 'heavy' }],
  [
    'across the bay|from across the bay|walking up|see it walking up',
    { is: 'notice', notice: 'across-the-bay' },
  ],
  ['one step back|a step back', { is: 'notice', notice: 'one-step-back' }],
  ["they'll touch in|touch in|touch up|touch them in", { is: 'cure', cure: 'touch-in', sure: 'will' }],
  [
    "should polish out|would polish|should polish|a machine polish would sort|should buff out|they'd buff|would buff out",
    { is: 'cure', cure: 'polish', sure: 'should' },
  ],
  [
    "they'll polish|it'll machine out|will polish out|it'll polish|polished out|be polished out|polish those|machine polish",
    { is: 'cure', cure: 'polish', sure: 'will' },
  ],
  ['might buff out|may polish out|might polish out', { is: 'cure', cure: 'polish', sure: 'may' }],
  [
    "dent man would get that|a dent man would get that|would come out|i'd say it would come out|would push out|pdr would have it|should come out|could pull that",
    { is: 'cure', cure: 'dent-removal', sure: 'should' },
  ],
  [
    "it'll push out|that'll push out|paintless guy will get that|will push out",
    { is: 'cure', cure: 'dent-removal', sure: 'will' },
  ],
  [
    'may not come out|could be popped out|might come out|may come out',
    { is: 'cure', cure: 'dent-removal', sure: 'may' },
  ],
  [
    'wants a local paint repair|local paint repair|wants paint|needs paint|gonna need paint|would need paint|paint job|a paint job|body shop|body work|paint on that one|be painted|will be painted',
    { is: 'cure', cure: 'local-paint' },
  ],
  [
    'needs a refurb|wants refurbing|refurb|refurb that|refinishing|refinishing that one|refinish',
    { is: 'cure', cure: 'wheel-refurbish' },
  ],
  ['can be filled|resin|resin will hold it|fill it', { is: 'cure', cure: 'glass-repair' }],
  [
    'new windshield|new windscreen|needs a new windshield|needs a new screen',
    { is: 'cure', cure: 'glass-replace' },
  ],
  [
    'needs replacing|replace|be replaced|to be replaced|replacing it|replacing',
    { is: 'cure', cure: 'replace' },
  ],
  ['wants clipping back|clip back|clipping back', { is: 'cure', cure: 'refit' }],
  ['want a polish|polish the lamps', { is: 'cure', cure: 'lamp-polish' }],
  ['should clean off|will clean off', { is: 'cure', cure: 'clean', sure: 'should' }],
  [
    "we'll have that done before it goes|we'll do that|we will do that|so we will|we're replacing it|so we're|will be painted for you|that will be painted for you|polished out for you|that'll be polished out for you|for you",
    { is: 'decision', decision: 'promised' },
  ],
  [
    "up to you|up to you if you want it fixed|that's up to you|your choice",
    { is: 'decision', decision: 'buyer-chooses' },
  ],
  [
    "we shan't be doing anything about that|shan't be doing anything|won't be doing anything|we leave that|we leave that as it is|i'd leave it|leave it|leave that",
    { is: 'decision', decision: 'left' },
  ],
  [
    'this side|on this corner|this corner|this one|that one|here|the glass|handle|pillar|number plate|petrol flap|badge|vent|lock|trim|sidewall|body line|belt line|edge|corner|middle|top|bottom',
    { is: 'filler' },
  ],
];
