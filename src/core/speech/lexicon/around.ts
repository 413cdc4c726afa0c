import type { Table } from './sense';

/** Light, wet and dirt one walks in, and what the cabin smells of. Common practice. */
export const around: Table = [
  [
    "it's raining|raining|chucking it down|pouring down|in the rain|it's been raining|a bit wet|it's wet|soaking wet|wet through",
    { is: 'condition', wet: 'wet' },
  ],
  ["it's damp|a bit damp|damp out|there's dew on it|covered in dew", { is: 'condition', wet: 'damp' }],
  ["it's dry|nice and dry|dry day|dry out here", { is: 'condition', wet: 'dry' }],
  [
    `just been washed|freshly washed|been washed|just had a wash|fresh from the wash|just been through the wash`,
    { is: 'condition', dirt: 'washed' },
  ],
  [
    `just been valeted|fully valeted|just been detailed|freshly detailed|freshly valeted|been detailed|been valeted`,
    { is: 'condition', dirt: 'clean' },
  ],
  ['a bit dusty|dusty|bit dusty|got dust on it|covered in dust', { is: 'condition', dirt: 'dusty' }],
  [
    `it's dirty|a bit dirty|bit dirty|filthy|muddy|covered in mud|it's muddy|not been washed|hasn't been washed|unwashed|
    haven't washed it|road dirt all over it`,
    { is: 'condition', dirt: 'dirty' },
  ],
  ["overcast|cloudy day|grey day|it's cloudy|cloudy out", { is: 'condition', light: 'overcast' }],
  [
    "bright sun|sunny|sun's out|it's sunny|sunny day|bright sunshine|in the sun",
    { is: 'condition', light: 'bright-sun' },
  ],
  ["low sun|sun's low|sun is low", { is: 'condition', light: 'low-sun' }],
  ["getting dark|dusk|it's dusk|losing the light|light's going", { is: 'condition', light: 'dusk' }],
  ["it's dark|in the dark|dark out|pitch black", { is: 'condition', light: 'dark' }],
  [
    `indoors|in the showroom|in the workshop|under the lights|in the garage|in the shop|under the showroom lights`,
    { is: 'condition', light: 'indoors' },
  ],
  [
    "smells of smoke|smells like smoke|smoke smell in it|smokers car|smoker's car|been smoked in",
    { is: 'smell', smell: 'smoke' },
  ],
  [
    'smells damp|smells of damp|smells musty|musty smell|musty|mildew smell|smells mouldy|smells moldy',
    { is: 'smell', smell: 'damp' },
  ],
  [
    'smells of dog|smells of dogs|smells like dog|doggy smell|dog smell|pet smell|pet odor',
    { is: 'smell', smell: 'animals' },
  ],
  [
    'smells of fuel|smell of fuel|smells of petrol|smells of diesel|smells like gas|gas smell',
    { is: 'smell', smell: 'fuel' },
  ],
  [
    `no smells|no odors|no odours|doesn't smell|doesn't smell of anything|smells clean|smells fresh|no smell|no bad smells|no smell in it|
    no odor|no odour|doesn't smell of smoke|no smoke smell|no smell of smoke|no smoke odor|never smoked in`,
    { is: 'smell' },
  ],
];
