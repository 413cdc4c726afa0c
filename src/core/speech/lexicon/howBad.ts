import type { Table } from './sense';

/** How bad, how many, from how far, and what nail, finger and cloth say. Common practice. */
export const howBad: Table = [
  // Of a dent they tell how large it is, not how deep.
  [
    `tiny|little|small|smaller|tiniest|very small|very little|really small|super small|teeny|teeny tiny|wee|only small|not a big one|
    not big|ever so small|micro`,
    { is: 'severity', howBad: 'slight', isSize: true },
  ],
  [
    `big|big old|large|larger|huge|massive|pretty big|quite a big|quite big|pretty large|quite large|good size`,
    { is: 'severity', howBad: 'bad', isSize: true },
  ],

  [
    `rough|bad|badly|pretty bad|heavy|severe|nasty|major|really bad|quite bad|pretty heavy|very heavy|quite heavy|serious|seriously|
    horrible|terrible|ugly|severely|very bad|rough looking|pretty rough|significant|substantial|proper|horrendous|shocking|beat up|
    beaten up|hammered`,
    { is: 'severity', howBad: 'bad' },
  ],
  ['deep|pretty deep|quite deep|very deep|really deep|fairly deep', { is: 'depth', depth: 'deep' }],
  [
    `down to metal|down to the metal|to bare metal|to metal|to the metal|down to the bare metal|through to metal|through to the metal`,
    { is: 'depth', depth: 'metal' },
  ],
  [
    `through the paint|gone through the paint|goes through the paint|to the primer|to primer`,
    { is: 'depth', depth: 'primer' },
  ],
  ['hairline', { is: 'depth', depth: 'hairline' }],
  [
    `it's only in the lacquer|only in the lacquer|in the lacquer|in the clear coat|only in the clear coat|in the clear|not through the paint|
    doesn't go through the paint|isn't through the paint|hasn't gone through the paint|not through the clear|
    not through the clear coat|not through the lacquer|hasn't gone through the lacquer|isn't through the lacquer`,
    { is: 'depth', depth: 'lacquer' },
  ],
  [
    `all round|all around|all the way around|all over|all along it|all of it|right the way round|all the way round|all the way along|
    all the way down|all over it|all over the place|the whole way round|full length|whole length|full way round|right round|
    whole way around|entire length|the whole length|all the way across|everywhere on it|right along it|right round it|top to bottom|
    end to end`,
    { is: 'amount', amount: 'all-over' },
  ],
  [
    `a few|a handful|a handful of|few|handful of|some|a small number of|three or four|two or three|a couple few|a few little|
    the usual few|a scattering|a scattering of`,
    { is: 'amount', amount: 'a-few' },
  ],
  [
    `several|a number of|a fair few|quite a few|a good few|multiple|various|numerous|a fair number of|five or six|half a dozen or so|
    good few`,
    { is: 'amount', amount: 'several' },
  ],
  [
    `loads|loads of|loads of them|lots of|peppered with|a bunch of|bunch of|plenty|lots|many|plenty of|tons of|ton of|a ton of|
    a load of|load of|a lot of|lot of|a whole bunch of|whole bunch of|riddled with|riddled|covered in|covered with|full of|plastered|
    littered with|littered|all sorts of|heaps of|masses of|a whole lot of|whole lot of|countless|so many|too many|too many to count|
    loads and loads of|heavily|a smattering`,
    { is: 'amount', amount: 'many' },
  ],
  [
    `most of the way round|most of it|pretty much most of it|most of the rim|most of the edge|most of the panel|most of the wheel|
    half the wheel|most of the way|most of the way around|much of it|the majority|the majority of it|three quarters of it|
    halfway round|half way round|a good part of it`,
    { is: 'amount', amount: 'most-of-it' },
  ],
  [
    `faint|slight|slightly|a little|a bit|light|minor|very faint|going a bit|starting|very slight|only slight|very light|
    very minor|barely there|barely noticeable|hardly noticeable|barely visible|only light|superficial|hint of|a hint of|a touch of|
    a touch|ever so slight|ever so slightly|mild|just a little|just a bit|a little bit|a little bit of|a bit of|bit of|little bit of|
    a wee bit|cosmetic|minimal|slight bit of|lightly|not too bad|not bad|fairly minor|pretty minor`,
    { is: 'severity', howBad: 'slight' },
  ],
  [
    `across the bay|from across the bay|walking up|see it walking up|across bay|from far|from afar|from 3 metres|from a distance|
    from a mile off|from a mile away|from ten feet|from across the lot|from across the yard|across the lot|across the yard|
    see it from here|can see it from here|from twenty feet|sticks out a mile|stands out a mile|from the road|from over there`,
    { is: 'notice', notice: 'across-the-bay' },
  ],
  [
    `one step back|a step back|step back|from a step|from one step back|from a stride|one step|standing back|stood back|
    from a few feet|from a few feet away|stepping back|from a pace back|a pace back|at arm's length`,
    { is: 'notice', notice: 'one-step-back' },
  ],
  [
    `nail glides|glides|nail glides over|doesn't catch|doesnt catch|does not catch|nail does not catch|not catching|
    nail doesn't catch|doesn't catch my nail|doesn't catch a nail|doesn't catch the nail|doesn't catch your nail|nail goes over it|
    can't feel it with my nail|can't feel it with your nail|can't feel it with a nail|can't catch it with a nail|nail slides over|
    doesn't catch your fingernail|doesn't catch my fingernail|doesn't catch a fingernail|can't catch a nail|fingernail doesn't catch|
    hasn't broken the paint|not broken the paint|hasn't broke the paint|paint's not broken|paint isn't broken|paint's not broke|
    paint isn't broke`,
    { is: 'test', of: { nail: 'glides' } },
  ],
  [
    'just catches|nail just catches|barely catches|only just catches',
    { is: 'test', of: { nail: 'just-catches' } },
  ],
  [
    `catches|nail catches|catches the nail|catches a nail|catches nail|catches my nail|catches your nail|catches my fingernail|
    catches your fingernail|catch a nail in it|catch your nail in it|catch my nail in it|nail drops in|fingernail catches|
    can feel it with my nail|feel it with a nail|feel it with your nail|catch it with my nail|catch a fingernail on it|
    catch your nail on it|catch my nail on it|catch a nail on it|feel it with your fingernail`,
    { is: 'test', of: { nail: 'catches' } },
  ],
  [
    "not felt|can't feel it|cant feel it|cannot feel it|can't be felt|no edge",
    { is: 'test', of: { feel: 'not-felt' } },
  ],
  ['slight edge|feels slight|just felt|felt slightly', { is: 'test', of: { feel: 'slight' } }],
  ['clear edge|can feel it|felt edge|feels rough', { is: 'test', of: { feel: 'clear-edge' } }],
  [
    'under film|under film cannot tell|under the film|film cannot tell',
    { is: 'test', of: { nail: 'under-film' } },
  ],
  [
    `wipes off|wiped off|wipes away|comes off|wiped away|wipes right off|wiped right off|comes straight off|rubs off|
    comes off with a rub|rubbed off with my thumb|wipes straight off`,
    { is: 'test', of: { wipe: 'gone' } },
  ],
  ['wipes fainter|fainter|gets fainter|partly wipes off', { is: 'test', of: { wipe: 'fainter' } }],
  [
    `won't wipe off|wont wipe off|does not wipe off|doesn't wipe off|wipe stays|doesn't come off|doesn't wipe|won't rub off|
    doesn't rub off|won't come off`,
    { is: 'test', of: { wipe: 'stays' } },
  ],
  [
    `up close|close up|only up close|close to|look for it|you must look for it|close in|if you look close|if you look closely|
    when you look closely|you have to look for it|you've got to look for it|have to get close|you have to get close|
    only when you look|you'd have to look for it|got to look hard|you really have to look|have to look hard|really got to look|
    only visible up close|right up close|you have to really look`,
    { is: 'notice', notice: 'up-close' },
  ],
  ['one or two|1 or 2|one two|the odd|an odd|a couple or so', { is: 'amount', amount: 'one-or-two' }],
  ['one|single|a single', { is: 'count', count: 1 }],
  ['two|a couple of|a couple|couple of', { is: 'count', count: 2 }],
  ['three', { is: 'count', count: 3 }],
  ['four', { is: 'count', count: 4 }],
  ['five', { is: 'count', count: 5 }],
  ['six|half a dozen', { is: 'count', count: 6 }],
  ['seven', { is: 'count', count: 7 }],
  ['eight', { is: 'count', count: 8 }],
  ['nine', { is: 'count', count: 9 }],
  ['ten', { is: 'count', count: 10 }],
  ['eleven', { is: 'count', count: 11 }],
  ['twelve|a dozen|dozen', { is: 'count', count: 12 }],
  [
    `medium|moderate|moderately|noticeable|fair bit of|a fair bit of|quite a bit of|a good bit of|decent|decent sized|good sized|
    fair sized|medium sized|reasonable sized|moderate amount of`,
    { is: 'severity', howBad: 'plain' },
  ],
];
