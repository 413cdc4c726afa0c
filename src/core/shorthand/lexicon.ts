import type { PartKind } from '../car';
import type { Amount, Cure, FindingKind, NoticeDistance, Severity, StoredDecision, Sureness } from '../walk';
import type { End, Meaning, SideWord } from './meaning';

/** Longest phrase of the lexicon, in words. */
export const LONGEST = 5;

const lexicon = new Map<string, Meaning>();

function say(meaning: Meaning, phrases: string): void {
  for (const phrase of phrases.split('|')) lexicon.set(phrase.trim(), meaning);
}

const place = (phrases: string, at: Omit<Extract<Meaning, { slot: 'place' }>, 'slot'>) =>
  say({ slot: 'place', ...at }, phrases);
const part = (phrases: string, ...kinds: PartKind[]) => say({ slot: 'part', kinds }, phrases);
const partAt = (phrases: string, kinds: PartKind[], end?: End, sideWord?: SideWord) =>
  say({ slot: 'part', kinds, ...(end && { end }), ...(sideWord && { sideWord }) }, phrases);
const kind = (phrases: string, ...kinds: FindingKind[]) => say({ slot: 'kind', kinds }, phrases);
const notice = (phrases: string, distance: NoticeDistance) =>
  say({ slot: 'notice', notice: distance }, phrases);
const cure = (phrases: string, what: Cure, sure?: Sureness) =>
  say({ slot: 'cure', cure: what, ...(sure && { sure }) }, phrases);
const decision = (phrases: string, what: StoredDecision['is']) =>
  say({ slot: 'decision', decision: what }, phrases);
const severity = (phrases: string, how: Severity) => say({ slot: 'severity', severity: how }, phrases);
const amount = (phrases: string, how: Amount) => say({ slot: 'amount', amount: how }, phrases);

// Sides and ends. Abbreviations are common practice of the trade.
place('left|lh|left hand|left-hand|left side|l', { hand: 'l' });
place('right|rh|right hand|right-hand|right side|r', { hand: 'r' });
place('nearside|near side|ns|kerb side|kerbside', { sideWord: 'nearside' });
place('offside|off side|os', { sideWord: 'offside' });
place("driver's side|drivers side|driver side|driver's|drivers|driver|ds", { sideWord: 'driver' });
place("passenger side|passenger's side|passengers side|passenger|passenger's|ps", { sideWord: 'passenger' });
place('front|forward|f', { end: 'front' });
place('rear|back', { end: 'rear' });
place('fl|lf|left front|front left|lhf', { hand: 'l', end: 'front' });
place('fr|rf|right front|front right|rhf', { hand: 'r', end: 'front' });
place('rl|lr|left rear|rear left|lhr|left back|back left', { hand: 'l', end: 'rear' });
place('rr|right rear|rear right|rhr|right back|back right', { hand: 'r', end: 'rear' });
place('nsf|ns front|nearside front|front nearside', { sideWord: 'nearside', end: 'front' });
place('osf|os front|offside front|front offside', { sideWord: 'offside', end: 'front' });
place('nsr|ns rear|nearside rear|rear nearside', { sideWord: 'nearside', end: 'rear' });
place('osr|os rear|offside rear|rear offside', { sideWord: 'offside', end: 'rear' });

// Parts, in both vocabularies.
part('door|doors', 'door');
partAt("driver's door|drivers door|driver door", ['door'], 'front', 'driver');
partAt("passenger door|passenger's door|passengers door", ['door'], 'front', 'passenger');
part('wing|fender|front wing|front fender', 'wing');
part('quarter|quarter panel|rear quarter|rear wing|rear fender|qtr|back quarter', 'quarter');
part('bonnet|hood', 'bonnet');
part('boot|boot lid|bootlid|trunk|trunk lid|tailgate|liftgate|hatch|lid', 'bootlid', 'tailgate');
part('bumper|bumpers', 'bumper-front', 'bumper-rear');
partAt('front bumper|nose|lower lip|splitter|valance', ['bumper-front'], 'front');
partAt('rear bumper|back bumper|loading edge|load edge', ['bumper-rear'], 'rear');
part('windscreen|windshield|screen|front screen', 'windscreen');
part('rear glass|rear screen|backlight', 'rearglass');
partAt('rear window|back window', ['rearglass', 'sideglass'], 'rear');
part('door glass|side window|side glass|window|door window', 'sideglass');
part('quarter glass|quarter light|quarter window', 'quarterglass', 'sideglass');
part('mirror|door mirror|wing mirror|side mirror|mirror cap|mirror housing', 'mirror');
part('roof', 'roof', 'hardtop');
part('hard top|hardtop', 'hardtop');
part('roof rail|roof rails|rail', 'roofrail');
part('a pillar|a-pillar|roof edge', 'pillar-a');
part('b pillar|b-pillar', 'pillar-b');
part('sill|rocker|rocker panel|side skirt', 'sill');
part('arch|wheel arch|arch lip', 'arch');
part('filler flap|fuel flap|petrol flap|fuel door|gas flap|filler cap', 'fillerflap');
part('grille|grill', 'grille');
part('headlamp|headlight|head light|head lamp', 'headlamp');
part('fog lamp|fog light|foglight|foglamp|fog', 'foglamp');
part('tail lamp|tail light|taillight|taillamp|rear lamp|rear light|back light', 'taillamp');
part('wheel|rim|alloy|alloys', 'wheel');
part('tyre|tire', 'tyre');
part('wiper|wipers|wiper blade|wiper blades', 'wipers');
part('aerial|antenna|mast', 'aerial');

part('glass roof|sunroof|sun roof|panoramic roof', 'glassroof');
part('soft top|convertible top|canvas top|canvas roof', 'softtop');
part('side step|side steps|running board|running boards', 'sidestep');
part('tow bar|towbar|trailer hitch|hitch', 'towbar');
part('spoiler|rear spoiler', 'spoiler');
part('guard bar|grille guard', 'guardbar');
part('mud flap|mud flaps|mudflap', 'mudflap');
part('flare|arch flare|fender flare', 'flare');
part('stripe|stripes|side stripe', 'stripe');
part('inner tyre|inner tire', 'tyre-inner');
part('sleeper|sleeper side', 'sleeper');
part('fuel tank|diesel tank', 'fueltank');
part('seat|seats|seat base|seat cushion|cushion', 'seat', 'seat3');
part('seat bolster|bolster|bolsters', 'bolster');
part('seat back|seatback|backrest|head restraint|headrest', 'seatback');
for (const [who, words] of [
  ['driver', ["driver's", 'drivers', 'driver']],
  ['passenger', ["passenger's", 'passengers', 'passenger']],
] as const) {
  const said = (what: string) => words.map((word) => `${word} ${what}`).join('|');
  partAt(said('seat'), ['seat', 'bolster', 'seatback'], 'front', who);
  partAt(`${said('seat bolster')}|${said('bolster')}`, ['bolster'], 'front', who);
  partAt(`${said('seat back')}|${said('backrest')}`, ['seatback'], 'front', who);
}
part('armrest|arm rest', 'armrest');
part('child seat anchors|anchors', 'anchors');
part('side of the engine|engine side', 'engineside');
part('third row seat|third-row seat', 'seat3');
part('seat belt|belt|seatbelt', 'belt');
part('steering wheel', 'steeringwheel');
part('dashboard|dash', 'dashboard');
part('centre console|center console|console', 'console');
part('centre screen|center screen|touch screen|touchscreen', 'screen');
part('door card|door cards|door panel', 'doorcard');
part('sill plate|sill plates|door sill plate', 'sillplate');
part('carpet|carpets|mat|mats|floor mat', 'carpet');
part('headlining|headliner|roof lining', 'headlining');
part('sun visor|sun visors|visor', 'visors');
part('boot floor|trunk floor', 'bootfloor');
part('boot lining|trunk lining', 'bootlining');
part('load cover|parcel shelf|cargo cover', 'loadcover');
part('bed floor', 'bedfloor');
part('bed liner|bedliner', 'bedliner');
part('battery', 'battery');
part('engine|engine cover', 'enginecover');
part('hoses|hose', 'hoses');
part('undertray|undertrays|splash shield', 'undertray');
part('exhaust|tail pipe|tailpipe', 'exhaust');

// Kinds; where one word may be several things, the part decides.
kind(
  'stone chip|stone chips|stonechip|stonechips|chip|chips|chipped|stone chipping',
  'stone-chip',
  'glass-chip',
);
kind('scratch|scratches|scratched|scr|scrape|scratch mark', 'scratch', 'glass-scratch');
kind('dent|dents|dented|ding|dings|dink|dinks', 'dent');
kind('scuff|scuffs|scuffed|graze|grazed|scuffing|rub mark', 'scuff');
kind('nick|nicks|edge nick|edge nicks', 'edge-nick', 'stone-chip');
kind('paint loss|paint worn|worn through|worn paint|bare metal|paint missing|wear through', 'paint-loss');
kind('ripple|ripples|hollow|low spot|wavy|depression|wave', 'ripple');
kind('etching|etched|etch|bird lime|tree sap|water marks|bird mark', 'etching');
kind('swirls|swirl|swirl marks|holograms|buffer trails|buffing marks', 'swirls');
kind('peel|peeling|lacquer peel|clear coat peel|clearcoat peel|lacquer peeling', 'peel');
kind(
  'respray|resprayed|repaint|repainted|overspray|over spray|tape line|respray sign|painted before',
  'respray-sign',
);
kind('old repair|earlier repair|touched in|touched up|poor repair|brush touch in', 'old-repair');
kind('rust|rusty|rusted|rust bubbles|bubbling|rust spot|surface rust', 'rust');
kind('corrosion|corroded|white bloom', 'wheel-corrosion', 'rust', 'bloom', 'corrosion');
kind('gap|uneven gap|panel gap|gap wide|stands proud|proud|out of line', 'gap');
kind('loose|missing|hanging|hanging off|misfit', 'loose');
kind('broken|broken lug|cracked|crack|cracks', 'glass-crack', 'broken', 'tyre-cracks', 'wheel-bent');
kind('star|star chip|bulls eye|bullseye', 'glass-chip');
kind('haze|hazy|hazed|yellow|yellowed|yellowing|cloudy|foggy', 'haze');
kind('moisture|condensation|water inside|misted|misting', 'moisture');
kind('worn|split|wear', 'worn', 'tyre-wear', 'wear', 'shiny', 'paint-loss', 'split');
kind('uneven wear|edge wear|worn edge|feathered', 'tyre-wear');
kind('kerbing|kerbed|kerb mark|kerb marks|kerb damage|curb rash|curbed|curb mark|rash|kerb rash', 'kerbing');
kind('flaking|flaked|coating flaking', 'wheel-flaking', 'peel');
kind('bent|buckled|buckle', 'wheel-bent');
kind('bulge|bulging', 'tyre-bulge');
kind('cut|slash|cut in it', 'tyre-cut', 'tear', 'scratch');
kind('perished|perishing|crazed', 'tyre-cracks', 'worn', 'split');

kind('stain|stains|stained', 'stain');
kind('burn|burns|cigarette burn|burnt', 'burn');
kind('tear|tears|torn|hole|rip|ripped', 'tear');
kind('creased|creasing', 'crease');
kind('colour rub|dye transfer|color rub', 'colour-rub');
kind('shiny|worn shiny|matted', 'shiny', 'wear');
kind('sagging|sags|sagged', 'sag');
kind('flat bolster|bolster flat', 'flat-bolster');
kind('leak|leaks|leaking|oil leak|fluid mark|weeping', 'leak');
kind('film lifting|film edge|film edge lifting|lifting film', 'film-lift');
kind('bubble under film|bubbles under film|film bubble|film bubbles', 'film-bubble');
kind('gash|gash in film|film gash', 'film-gash');
kind('pitted|pitting|dull brightwork', 'pitting');
kind('delamination|delaminating|delaminated', 'delamination');
kind('ghost|ghost of a sign|ghosting', 'ghost');

// Tests that decide.
say(
  { slot: 'nail', answer: 'glides' },
  "nail glides|glides|nail glides over|doesn't catch|doesnt catch|does not catch|nail does not catch|not catching",
);
say(
  { slot: 'nail', answer: 'just-catches' },
  'just catches|nail just catches|barely catches|only just catches',
);
say({ slot: 'nail', answer: 'catches' }, 'catches|nail catches|catches the nail|catches a nail|catches nail');
say(
  { slot: 'feel', answer: 'not-felt' },
  "not felt|can't feel it|cant feel it|cannot feel it|can't be felt|no edge",
);
say({ slot: 'feel', answer: 'slight' }, 'slight edge|feels slight|just felt|felt slightly');
say({ slot: 'feel', answer: 'clear-edge' }, 'clear edge|can feel it|felt|felt edge|feels rough');
say(
  { slot: 'nail', answer: 'under-film' },
  'under film|under film cannot tell|under the film|film cannot tell',
);
say({ slot: 'wipe', answer: 'gone' }, 'wipes off|wiped off|wipes away|comes off|wiped away');
say({ slot: 'wipe', answer: 'fainter' }, 'wipes fainter|fainter|gets fainter|partly wipes off');
say(
  { slot: 'wipe', answer: 'stays' },
  "stays|won't wipe off|wont wipe off|does not wipe off|doesn't wipe off|wipe stays|doesn't come off",
);

// From where it is noticed.
notice('up close|close up|only up close|close to|look for it|you must look for it', 'up-close');
notice(
  'one step back|a step back|step back|from a step|from one step back|from a stride|one step',
  'one-step-back',
);
notice(
  'across the bay|from across the bay|across bay|from far|from afar|walking up|from 3 metres|obvious',
  'across-the-bay',
);

// How bad, and how many where nobody counted. "Light" and "deep" also belong to lamps and tread: they stay unsaid.
severity('faint|minor|hairline|very slight|only slight', 'slight');
severity('heavy|heavily|bad|badly|severe|nasty', 'heavy');
amount('one or two|1 or 2', 'one-or-two');
amount('a few|a handful|a handful of', 'a-few');
amount('several', 'several');
amount('loads|loads of|lots of|lots|many|peppered|peppered with|plenty of', 'many');
amount('all over|all round|all around|everywhere', 'all-over');
amount('most of it|most of the rim|most of the edge|most of the panel', 'most-of-it');

// What would mend it, and how sure that is where it was said.
cure('clean|clean it|clean off|wash', 'clean');
cure('will clean off|cleans off', 'clean', 'will');
cure('should clean off', 'clean', 'should');
cure('polish|polish out|polish it|machine polish|buff out|wants a polish', 'polish');
cure('will polish out|polishes out', 'polish', 'will');
cure('should polish out|should polish|should come out with a polish', 'polish', 'should');
cure('may polish out|might polish|might polish out|may polish', 'polish', 'may');
cure('touch in|touch-in|touch up|touch-up|to touch in|to touch up|needs touching in', 'touch-in');
cure('should touch in|should touch up', 'touch-in', 'should');
cure('pdr|dent removal|paintless dent removal|push out|needs pdr', 'dent-removal');
cure('should push out|should come out|a dent man would get that', 'dent-removal', 'should');
cure('may push out|might push out|may come out', 'dent-removal', 'may');
cure('local paint|local repair|spot paint|spot repair|local paint repair|blow in', 'local-paint');
cure('full panel|paint the panel|paint panel|panel paint|needs paint|needs painting', 'full-panel');
cure('treat the rust|rust treatment|seal the rust|clean and seal', 'treat-rust');
cure('repair the panel|panel repair|needs a repair', 'repair-panel');
cure('recolour|recolor|needs recolouring|needs recoloring', 'recolour');
cure('refurb|refurbish|wheel refurb|refinish|wheel refurbish|needs refurb', 'wheel-refurbish');
cure('resin|glass repair|resin repair|fill with resin', 'glass-repair');
cure('new glass|replace glass|new screen|glass replace', 'glass-replace');
cure('lamp polish|polish lamp|restore lamp|headlight restoration|polish the lamp', 'lamp-polish');
cure('adjust|adjust it|needs adjusting|wants adjusting', 'adjust');
cure('refit|clip back|refix|clip it back|put back', 'refit');
cure('take off|take it off|remove it|peel it off', 'remove');
cure('replace|new one|needs replacing|renew|to replace|swap', 'replace');
cure('one for the workshop|workshop job|for the workshop', 'mechanical');
cure('find out|needs looking into|have it looked at|needs diagnosing', 'find-out');

// Who decides. A promise is only what is said as one.
decision(
  "promised|we promise|we'll have that done|we'll do that|will be done before it goes|done before it goes|we will have that done|before you collect|done before collection",
  'promised',
);
decision('up to you|your choice|if you like|buyer to choose|you may choose', 'buyer-chooses');
decision("we'll see|we will see|see about it", 'house-decides');
decision('leave|leave it|leave and say so|leave as is|as is|we leave that|leave that as it is', 'left');

say(
  { slot: 'suspected' },
  "maybe|might be|could be|not sure|possible|possibly|suspect|suspected|looks like|perhaps|don't know|unsure|check again|looks as if",
);
say(
  { slot: 'correction' },
  'sorry|i mean|correction|no sorry|sorry no|make that|rather|no i mean|no wait|wait no|actually',
);
// Before a fault it says that there is none; between two places or two faults it corrects the first.
say(
  { slot: 'denial' },
  "no|not|not a|not any|none|nil|without|without any|nothing|never|isn't|isn't any|isn't a|isnt|aren't|aren't any|arent|no sign of|no signs of|free of|free from|clear of|don't see|don't see any|dont see any|can't see any|cant see any|do not see any|cannot see any|find no|i find no|found no|see no|has no|have no|doesn't have|doesn't have any|does not have any|hasn't got|hasn't got any",
);
// Said for stress, not for a side.
say(
  { slot: 'filler' },
  'right here|right there|right where|right next to|right beside|right above|right below|right under|right at the|right on the edge|right in the middle|right through|right across|right along|all right|right then',
);
say(
  { slot: 'filler' },
  "a|an|the|on|at|in|of|bolster|cushion|to|with|and|is|are|it|its|it's|there|there's|theres|here|has|got|some|small|large|big|little|light|deep|long|wide|across it|about|around|roughly|approx|please|then|just|one of them|this|that|by the|near|above|below|under|along|down|up|edge|lower|upper|bottom|top|corner|middle|centre|center|panel|side|through|from|for|big one|mark|marks|area|few|side of|i|can|see|where|visible|seen",
);

for (const [word, count] of Object.entries({
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  'a couple of': 2,
  'a couple': 2,
  'couple of': 2,
  'half a dozen': 6,
  'a dozen': 12,
  dozen: 12,
  single: 1,
  'a single': 1,
}))
  lexicon.set(word, { slot: 'count', count });

/** Every phrase the parser knows, by what it means, in the order of the lexicon: the published grammar. */
export function grammar(): { meaning: Meaning; phrases: string[] }[] {
  const rows = new Map<string, { meaning: Meaning; phrases: string[] }>();
  for (const [phrase, meaning] of lexicon) {
    const key = JSON.stringify(meaning);
    const row = rows.get(key) ?? { meaning, phrases: [] };
    row.phrases.push(phrase);
    rows.set(key, row);
  }
  return [...rows.values()];
}

export const meaningOf = (phrase: string): Meaning | undefined => lexicon.get(phrase);
