import type { FindingKind } from '../../walk';
import type { Sense } from './sense';

const fault = (...kinds: FindingKind[]): Sense => ({ is: 'fault', kinds });
const faults_ = (...kinds: FindingKind[]): Sense => ({ is: 'fault', kinds, isMany: true });

/** Words for faults that talk has beside those of a typed line. Where one word may be several things, the part decides. Common practice. */
export const faults: readonly (readonly [phrases: string, sense: Sense])[] = [
  ['chip|stone chip|rock chip', fault('stone-chip', 'glass-chip')],
  ['chips|stone chips|rock chips|chipping', faults_('stone-chip', 'glass-chip')],
  ['dent|ding|dink|dint|door ding|car park ding|dented|dinged|dinged up', fault('dent')],
  ['dents|dings|dinks|door dings|little dents', faults_('dent')],
  ['crease|creased', fault('dent', 'crease')],
  ['scratch|scratched|scratched up|gouge', fault('scratch', 'glass-scratch')],
  ['scratches|gouges', faults_('scratch', 'glass-scratch')],
  ['scuff|scuffed|scuffed up|scrape|scraped|scraped up|graze|grazed|rub', fault('kerbing', 'scuff')],
  ['scuffs|scrapes|grazes', faults_('kerbing', 'scuff')],
  ['nick|edge nick|nicked', fault('edge-nick', 'stone-chip')],
  ['nicks|edge nicks', faults_('edge-nick', 'stone-chip')],
  [
    'kerbed|kerbing|kerb mark|kerb damage|kerb rash|curb rash|curbed|curved|rash|rashed|touched by a kerb|caught on a kerb|light kerb mark|light rash|bad curb rash',
    fault('kerbing'),
  ],
  ['kerb marks|curb marks', faults_('kerbing')],
  ['wavy|ripple|rippled|hollow', fault('ripple')],
  ['ripples', faults_('ripple')],
  ['worn through', fault('paint-loss', 'wear', 'worn')],
  ['worn', fault('wear', 'worn', 'tyre-wear', 'shiny', 'paint-loss', 'split')],
  ['wear', fault('wear', 'tyre-wear', 'shiny')],
  [
    'worn on the inner edge|worn on the outer edge|worn on the inside|worn on the outside|bald',
    fault('tyre-wear'),
  ],
  [
    'rust|rusty|rusted|surface rust|bubbling|bubbles|blistering|rust bubbles|rotten',
    fault('rust', 'corrosion'),
  ],
  ['rusted through|rotten through', fault('rust')],
  ['peeling|peel|lacquer peel|lacquer lifting|flaking|flaking off|flaked', fault('peel', 'wheel-flaking')],
  ['etched|etching|bird lime|sap|bird mess', fault('etching')],
  ['swirls|swirl marks|swirl', fault('swirls')],
  [
    'painted|been painted|been repainted|repainted|resprayed|respray|repaint|overspray|blown over|been blown over|blended|different shade|mismatched color|mismatched colour|tape line|tape lines',
    fault('respray-sign'),
  ],
  ['touched in|been touched in|touched up', fault('old-repair')],
  ['broken|broke|busted|snapped|smashed', fault('broken', 'lamp-crack')],
  ['crack|cracked|cracks', fault('glass-crack', 'lamp-crack', 'tyre-cracks', 'wheel-bent', 'broken')],
  ['cracking', fault('cover-crack', 'tyre-cracks', 'broken')],
  ['bent|buckled', fault('wheel-bent', 'dent')],
  ['star|star chip|bullseye', fault('glass-chip')],
  ['haze|hazy|cloudy|milky|yellow|yellowed|yellowing|foggy|faded', fault('haze')],
  ['moisture|misting|misted|condensation|water in it|water in them|water inside', fault('moisture')],
  ['torn|tear|ripped|rip|tears|rips', fault('tear')],
  ['split', fault('worn', 'tear', 'split')],
  ['stain|stained|coffee stain', fault('stain')],
  ['stains', faults_('stain')],
  ['burn|cigarette burn|burnt', fault('burn')],
  ['sagging|sags|drooping', fault('sag')],
  ['shiny', fault('shiny')],
  ['flat', fault('flat-bolster')],
  ['loose|missing|hanging|hanging off|is gone|are gone|lost its clip', fault('loose')],
  ['cut|cut in the sidewall', fault('tyre-cut', 'tear')],
  ['bulge|bulging', fault('tyre-bulge')],
  ['perished', fault('tyre-cracks', 'split')],
  ['leak|leaking|weeping|seeping', fault('leak')],
  ['hail|hail damage', fault('dent')],
];
