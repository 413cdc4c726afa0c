import { fault, manyFaults, type Table } from './sense';

/** Words for faults. Where one word may be several things, the part decides; a mark may be anything, and is asked about. Common practice. */
export const faults: Table = [
  ['dull|a bit dull', fault('haze', 'bloom', 'peel')],
  [
    `shot|knackered|past it|past their best|past its best|goosed|toast|on their way out|on its way out|gone hard|
    smearing|smear`,
    fault('worn', 'wear', 'tyre-wear', 'split'),
  ],
  [
    `chip|stone chip|rock chip|stonechip|stonechips|chipped|stone chipping|stone hit|rock hit|chip mark|paint chip|stone mark|
    stone damage|chip in the paint`,
    fault('stone-chip', 'glass-chip'),
  ],
  [
    `chips|stone chips|rock chips|chipping|stone hits|rock hits|chip marks|paint chips|stone marks|pock marks|pitting from stones|
    fly rash`,
    manyFaults('stone-chip', 'glass-chip'),
  ],
  [
    `dent|ding|dink|dint|door ding|car park ding|dented|dinged|dinged up|hail|hail damage|parking dent|parking ding|car park dent|
    dimple|dimpled|pushed in|caved in|crumpled|indentation|indent|trolley dent|shopping cart ding|shopping trolley dent|pin dent|
    hail dent|bashed|bash|pushed in a bit|little dint|dinked`,
    fault('dent'),
  ],
  [
    `dents|dings|dinks|door dings|little dents|dimples|parking dents|car park dents|parking dings|pin dents|hail dents|hail dings|
    dints|dents and dings|indentations|car park dings|car park marks|car park mark|car park dinks`,
    manyFaults('dent'),
  ],
  ['crease|creased|creased in|crease dent|creases', fault('dent', 'crease')],
  [
    `scratch|scratched|scratched up|gouge|scr|scratch mark|scratching|key mark|key scratch|keyed|been keyed|score|scored|score mark|
    gouged|trolley scratch|surface scratch|scratch line|scuff scratch|paint scratch|pin scratch|gash|gashed`,
    fault('scratch', 'glass-scratch'),
  ],
  [
    `scratches|gouges|scratch marks|key marks|key scratches|surface scratches|score marks|brush marks|pinstripes|pinstriping|
    pin striping|trail scratches|gashes`,
    manyFaults('scratch', 'glass-scratch'),
  ],
  [
    `scuff|scuffed|scuffed up|scrape|scraped|scraped up|graze|grazed|rub|marked|scuff mark|paint transfer|scuffing|rub mark|scraping|
    rubbed|parking scrape|parking scuff|scuff damage|grazing|scruffed|scruff|scruffy|marked up`,
    fault('kerbing', 'scuff'),
  ],
  [
    'scuffs|scrapes|grazes|scuff marks|rub marks|scrape marks|grazing marks|scruffs',
    manyFaults('kerbing', 'scuff'),
  ],
  ['edge chip|edge chips|chipped edge|chip on the edge|chips on the edge|edge damage', fault('edge-nick')],
  ['nick|edge nick|nicked', fault('edge-nick', 'stone-chip')],
  ['nicks|edge nicks', manyFaults('edge-nick', 'stone-chip')],
  [
    `kerbed|kerbing|kerb mark|kerb damage|kerb rash|curb rash|curbed|curved|rash|rashed|touched by a kerb|caught on a kerb|
    kissed the kerb|kissed a kerb|kissed the curb|kissed a curb|on the kerb|curb mark|kerb damaged|kerb marked|kerb scuff|
    kerb scuffs|kerb scrape|kerb strike|curb damage|curb scuff|curb scuffs|curb scrape|kerbings|curbing|curb rashed|curve rash|
    curved rash|curb brash|kirbed|kirbing|curving|kerb marking|kerb scuffed|caught the kerb|kiss with a kerb|seen a kerb|
    seen a kerb or two|met the kerb|met a curb|seen a curb|seen a curb or two|been up the kerb|been up a kerb|kiss with the kerb|
    kiss of the kerb|kissed a bit|had a kiss|caught a kerb|caught a curb|caught the curb|hit a curb|hit the curb|hit a kerb|
    hit the kerb|met a kerb|bit of kerb|some curb|kerb bite|curb bite|curb damaged|touched the kerb|touched a kerb|been kerbed|
    been curbed|diamond cut damage|kerbed a bit|curbed up`,
    fault('kerbing', 'scuff'),
  ],
  ['kerb marks|curb marks', manyFaults('kerbing', 'scuff')],
  [
    `wavy|ripple|rippled|hollow|low spot|depression|waviness|unevenness|not quite straight|isn't quite straight|a wave in it|
    wave in it|wobble in the panel|bowed|hollows|low spots`,
    fault('ripple'),
  ],
  ['ripples', manyFaults('ripple')],
  ['worn through', fault('paint-loss', 'wear', 'worn')],
  [
    'worn|worn out|worn down|wearing|wearing thin|worn smooth|wearing through|rubbed through|worn away',
    fault('wear', 'worn', 'tyre-wear', 'shiny', 'paint-loss', 'split'),
  ],
  ['wear|bit of wear|wear mark|wear marks|wear and tear', fault('wear', 'tyre-wear', 'shiny')],
  [
    `worn on the inner edge|worn on the outer edge|worn on the inside|worn on the outside|bald|uneven wear|edge wear|worn edge|
    feathered|worn on one edge|wearing on the edge|wearing on the inside|wearing on the outside|balding|nearly bald|worn to the bars|
    down to the wear bars|down to the bars|cords showing|cord showing|feathering|wearing unevenly|worn unevenly|worn on the shoulder|
    wearing on the inner edge|wearing on the outer edge|at the limit|on the limit|on the wear bars|at the wear bars|scalloped|cupped|
    cupping|inner edge is worn|outer edge is worn|inside edge is worn|outside edge is worn|illegal`,
    fault('tyre-wear'),
  ],
  [
    'rust|rusty|rusted|surface rust|bubbling|bubbles|blistering|rust bubbles|rotten|rust through|rot through|rot hole',
    fault('rust', 'corrosion'),
  ],
  ['rusted through|rotten through|rust spot', fault('rust')],
  [
    `peeling|peel|lacquer peel|lacquer lifting|flaking|flaking off|flaked|lacquer gone|lacquer's gone|lacquer coming off|
    clear coat failing|clearcoat failing|clear coat coming off|clear coat's coming off|clear coat is coming off|clear coat failure|
    clear coat's peeling|clear coat is peeling|peeled|flake|flakes|lacquer's lifting|lacquer is lifting|lacquer's peeling|
    lacquer's clear coat is gone|clear coat's gone|clear coat is going|lacquer has gone|lacquer going|paint's peeling|
    paint is peeling|paint's flaking|flaky|clear coat's failing|lacquer's come off|clear coat's starting to go|clear coat is starting to go|
    clear coat's going|clear's going|clear coat starting to go|lacquer's starting to go|lacquer starting to go|lacquer's going|
    clear coat is shot|clear coat's shot|lacquer is shot|lacquer's shot|lacquer's had it|lacquer has lifted|clear coat is failing|
    lacquer is peeling`,
    fault('peel', 'wheel-flaking', 'wear', 'cover-crack'),
  ],
  [
    `etched|etching|bird lime|sap|bird mess|etch|tree sap|water marks|bird mark|bird poo|bird dropping|bird droppings|bird marks|
    bird muck|water spots|water spotting|hard water spots|acid rain|fallout|industrial fallout|bug marks|tree sap marks|sap marks|
    etch marks|bird etching|bird poop`,
    fault('etching'),
  ],
  [
    `swirls|swirl marks|swirl|holograms|buffer trails|buffing marks|swirling|wash marks|car wash marks|car wash scratches|spider webs|
    spiderwebs|spider webbing|polishing marks|swirly|swirl scratches|wash scratches`,
    fault('swirls'),
  ],
  [
    `painted|been painted|been repainted|repainted|resprayed|respray|repaint|overspray|blown over|been blown over|blended|
    blended into|blended in|been painted before|been shot|previous paint|prior paint|prior paintwork|previous paintwork|paint history|
    different shade|variation in colour|variation in color|variation in shade|difference in shade|difference in colour|
    difference in color|colour difference|color difference|mismatched color|mismatched colour|tape line|tape lines|over spray|
    respray sign|had paint|had some paint|has had paint|some paint|had a respray|had a repaint|paint work|been blown in|blown in|
    been sprayed|sprayed|has been painted|repainted before|colour match is off|color match is off|doesn't match|don't match|
    doesn't quite match|does not match|off colour|off color|different colour|different color|slightly different shade|orange peel|
    masking line|masking lines|masking tape line|dry spray|not original paint|paint run|paint runs|runs in the paint|
    run in the paint|sanding marks|shade off|shade different|a shade different|a different shade|lacquer edge|been resprayed|
    re-sprayed|re sprayed|repaired and painted|been refinished|refinished|overspraying|had some paintwork|had some paint work|
    had paintwork|paint's different|had a blow over|blow over`,
    fault('respray-sign'),
  ],
  ['touched in|been touched in|touched up|earlier repair|brush touch in', fault('old-repair')],
  [
    `broken|broke|busted|snapped|smashed|busted out|busted up|in bits|shattered|smashed in|broken off|snapped off|broken out|
    broken clean off|bust|smashed up|in pieces|a chunk missing|chunk missing|chunk out|chunk out of it`,
    fault('broken', 'lamp-crack'),
  ],
  ['bent|buckled|bent rim|out of true|out of round|bent in|bent lip', fault('wheel-bent', 'dent')],
  ['star|star chip|bullseye|bulls eye', fault('glass-chip')],
  [
    `haze|hazy|cloudy|milky|yellow|yellowed|yellowing|foggy|hazed|clouding|clouded|clouded over|cloudiness|hazing|yellowing a bit|
    discoloured|discolored|fogging|gone cloudy|gone milky|gone yellow`,
    fault('haze'),
  ],
  ['moisture|misting|misted|condensation|water in it|water in them|water inside', fault('moisture')],
  [
    `torn|tear|ripped|rip|tears|rips|hole|holes|slit|torn open|ripped open|hole in it|small hole|stitching coming undone|
    stitching's gone|stitching gone|stitching's come undone|stitching's coming undone|stitching has come undone|frayed|fraying|
    seam split|split seam|seam's split|seam's gone|stitching's going|burst|burst open|coming apart|coming apart at the seams|
    pulled threads`,
    fault('tear'),
  ],
  ['split', fault('worn', 'tear', 'split')],
  [
    `stain|stained|coffee stain|staining|discolouration|watermark|water stain|spill|soiled|soiling|dirty mark|grubby|ink mark|
    ink stain|grease mark`,
    fault('stain'),
  ],
  ['stains|water stains|coffee stains|stains all over|spills', manyFaults('stain')],
  [
    `burn|cigarette burn|burnt|burns|burn hole|burn holes|burn mark|burn marks|cigarette burns|cigarette hole|singed|cigar burn|
    burned|fag burn|melted`,
    fault('burn'),
  ],
  [
    'sagging|sags|sag|drooping|coming down|dropping|sagged|saggy|falling|falling down|drooped|come down|sagging down|dropped down|has dropped',
    fault('sag'),
  ],
  ['shiny|gone shiny|shine on it|smooth and shiny|polished up', fault('shiny')],
  [
    'flat|flat bolster|bolster flat|collapsed|gone flat|squashed|flattened|gone soft|broken down',
    fault('flat-bolster'),
  ],
  [
    `loose|missing|hanging off|is gone|are gone|lost its clip|misfit|lost|detached|has come off|come off its clips|falling off|
    come adrift|adrift|not there|unclipped|popped out|clips broken|broken clip|broken clips|flapping|hanging down|clips gone|
    clip's gone|hanging by a thread|come unclipped|not attached|dangling|are missing|is missing|has gone missing|loose fitting|
    hanging loose`,
    fault('loose'),
  ],
  [
    'cut|cut in the sidewall|cut in the side|gouge in the sidewall|chunk out of the tyre|chunk out of the tire|slit in the sidewall',
    fault('tyre-cut', 'tear'),
  ],
  [
    'bulge|bulging|egg in it|bulge in the sidewall|bubble in the sidewall|blister in the sidewall',
    fault('tyre-bulge'),
  ],
  ['peppered', fault('stone-chip')],
  [
    `sits in|stands proud|sitting proud|gap|uneven gap|panel gap|gap wide|proud|out of line|misaligned|misalignment|not lined up|
    doesn't line up|don't line up|not flush|isn't flush|not sitting right|isn't sitting right|not sitting flush|out of alignment|
    sticks out|sticking out|sits proud|sits low|sits high|not sat right|isn't sat right|doesn't sit right|not sitting properly|
    isn't sitting properly|sits slightly proud|off a bit|gaps are off|gap is off|gap's off|gap's wide|gap is wide|bigger gap|uneven|
    doesn't sit flush|doesn't fit right|doesn't fit flush|not quite flush|isn't quite flush`,
    fault('gap'),
  ],
  ['perished', fault('tyre-cracks', 'split')],
  [
    `leak|leaking|weeping|seeping|leaks|oil leak|fluid mark|oil leaks|leaky|drips|dripping|oily|seepage|wet with oil|leaked|
    fluid leak|coolant leak`,
    fault('leak'),
  ],
  [
    `paint loss|paint worn|worn paint|bare metal|paint missing|wear through|paint off|paint gone|paint's gone|paint is gone|
    paint rubbed off|paint's off|paint's come off|paint coming off|paint has come off|paint chipped off|bit of paint missing|
    paint missing off|paint is missing|down to primer|down to the primer|rubbed off|paint flaked off`,
    fault('paint-loss'),
  ],
  ['clear coat peel|clearcoat peel|lacquer peeling', fault('peel')],
  ['corrosion|corroded|white bloom', fault('wheel-corrosion', 'rust', 'bloom', 'corrosion')],
  ['broken lug', fault('glass-crack', 'broken', 'tyre-cracks', 'wheel-bent')],
  ['coating flaking', fault('wheel-flaking', 'peel')],
  ['buckle', fault('wheel-bent')],
  ['slash|cut in it', fault('tyre-cut', 'tear', 'scratch')],
  ['perishing|crazed', fault('tyre-cracks', 'worn', 'split')],
  ['creasing', fault('crease')],
  [
    'colour rub|dye transfer|color rub|jean dye|denim dye|dye marks|blue from jeans|colour transfer',
    fault('colour-rub'),
  ],
  ['worn shiny|matted', fault('shiny', 'wear')],
  ['film lifting|film edge|film edge lifting|lifting film', fault('film-lift')],
  ['bubble under film|bubbles under film|film bubble|film bubbles', fault('film-bubble')],
  ['gash in film|film gash', fault('film-gash')],
  ['pitted|pitting|dull brightwork', fault('pitting')],
  ['delamination|delaminating|delaminated', fault('delamination')],
  ['ghost of a sign|ghosting', fault('ghost')],
  ['road rash', fault('stone-chip', 'kerbing')],
  ['scuffed about|bit scuffed', fault('kerbing', 'scuff', 'wear')],
  [
    `rusting|rusted out|rust hole|rust coming through|bubbled|bubbled up|bubbling up|blistered|blister|blisters|corroding|scabs|
    scabby|rot|rotted|rotting|rust spots|rust staining|surface corrosion|crusty|oxidised|oxidized|oxidation|rusted up|rusting out|
    bubble|gone rusty|scabbing`,
    fault('rust', 'corrosion', 'wheel-corrosion'),
  ],
  [
    'sun faded|sun-faded|faded|fading|fade|sun damage|sun damaged|sunburnt|sunburned|chalky|chalking|gone dull|dulled|oxidizing',
    fault('peel', 'bloom', 'haze'),
  ],
  [
    `filler|body filler|bondo|been repaired|repaired|repair|old repair|had a go at touching in|tried to touch in|had a go at it with a touch up|previous repair|smart repair|had a repair|been filled|
    had work done|been straightened|been fixed|poor repair|filled|been worked on|bad repair|touch up paint|touch in paint|touched-in|
    touched up badly`,
    fault('old-repair', 'old-filling'),
  ],
  [
    `crack|cracked|cracks|fracture|fractured|crack line|hairline crack|cracked through|crack running|spidered|spider crack|
    spider cracks|split in the plastic`,
    fault('glass-crack', 'lamp-crack', 'tyre-cracks', 'wheel-bent', 'cover-crack', 'broken'),
  ],
  ['cracking|cracking up', fault('cover-crack', 'tyre-cracks', 'broken', 'glass-crack')],
  ['star break|bullseye chip|bulls eye chip|star shaped chip|pit', fault('glass-chip', 'stone-chip')],
  [
    `misty|fogged up|steamed up|misting up|misted up|water in|water getting in|damp inside|wet inside|condensation inside|
    water ingress|moist inside`,
    fault('moisture', 'haze'),
  ],
  ['leather cracking|cracked leather', fault('cover-crack', 'wear')],
  [
    `dry rot|dry rotted|dry rotting|weather checking|weather cracked|weather cracking|weather checked|sidewall cracks|
    sidewall cracking|dry cracks|crazing`,
    fault('tyre-cracks'),
  ],
  ['hanging|come away|coming away|come loose|coming loose', fault('loose', 'sag')],
  [
    'mark|marks|had a knock|taken a knock|bit of a knock|got a knock|had a bump|blemish|blemishes|imperfection|imperfections|damage|damaged|defect|defects|flaw|flaws|bit of damage|age related marks',
    fault(),
  ],
];
