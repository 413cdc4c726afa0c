import { part, type Table } from './sense';

/** Names of the parts outside and below, and their plurals: both of a pair. Common practice. */
export const outsideParts: Table = [
  [
    "rear passenger door|rear passenger's door|back passenger door|rear passengers door",
    part(['door'], { end: 'rear' }),
  ],
  ['liftgate glass|hatch glass|tailgate glass|boot glass', part(['rearglass'])],
  ['the gate itself', part(['tailgate', 'swingdoor', 'bootlid'])],
  [
    "passenger doors|passenger's doors|passenger side doors",
    part(['door'], { sideWord: 'passenger', isMany: true }),
  ],
  [
    "driver's doors|drivers doors|driver doors|driver side doors",
    part(['door'], { sideWord: 'driver', isMany: true }),
  ],
  ['tyre wise|tyres wise|tire wise|tires wise|on tyres', part(['tyre'], { isMany: true })],
  ['in the bed|bed of the truck|inside the bed|inside of the bed', part(['bedfloor'])],
  ['front tyres|front tires', part(['tyre'], { end: 'front', isMany: true })],
  ['rear tyres|rear tires|back tyres|back tires', part(['tyre'], { end: 'rear', isMany: true })],
  ['doors', part(['door'], { isMany: true })],
  ['rear side door|rear door on this side', part(['door'], { end: 'rear' })],
  // Of a car without doors at its rear seats, the one it is loaded by.
  ['back door|rear door', part(['door', 'swingdoor'], { end: 'rear' })],
  ['front door|front side door', part(['door'], { end: 'front' })],
  [
    'front wing|front fender|fender|wing|front quarter panel|front quarter|front guard|fender panel|wing panel',
    part(['wing']),
  ],
  ['wings|fenders|front wings|front fenders|both fenders|both wings', part(['wing'], { isMany: true })],
  [
    `rear quarter|rear quarter panel|quarter|quarter panel|rear wing|back quarter|three quarter|rear three quarter|rear fender|qtr|
    rear three quarter panel|rear guard|back wing|rear side panel|quarter section|back fender|rear quarters panel|
    three quarter panel|back quarter panel|c pillar|c post|quarter pan|c-pillar|back three quarter`,
    part(['quarter']),
  ],
  ['quarters|quarter panels|rear quarters', part(['quarter'], { isMany: true })],
  [
    'bed side|bedside|bed|side of the bed|box side|bed panel|bedside panel|side of the box',
    part(['bedside']),
  ],
  [
    `tailgate|boot lid|bootlid|boot|trunk|trunk lid|liftgate|hatch|decklid|deck lid|lift gate|rear hatch|back hatch|boot door|
    tail gate|tailgates|lid of the boot|hatchback door`,
    part(['tailgate', 'swingdoor', 'bootlid']),
  ],
  ['bed floor', part(['bedfloor'])],
  ['bumper|bumper cover|bumpers', part(['bumper-front', 'bumper-rear'])],
  [
    `front bumper|lower lip|front lip|splitter|valance|front bumper cover|front valance|front spoiler|air dam|chin spoiler|
    front splitter|bumper on the front|bumper at the front|front bar|nose cone|front apron`,
    part(['bumper-front'], { end: 'front' }),
  ],
  [
    `rear bumper|back bumper|loading edge|load edge|rear bumper cover|back bumper cover|rear valance|rear diffuser|diffuser|
    back valance|bumper on the back|bumper at the back|step bumper|rear apron|boot lip|load lip|loading lip|rear bar`,
    part(['bumper-rear'], { end: 'rear' }),
  ],
  [
    `windscreen|windshield|front screen|screen|front windscreen|front windshield|front glass|wind screen|wind shield|main screen|
    wind shields`,
    part(['windscreen']),
  ],
  [
    `rear glass|rear screen|back glass|backlight|rear windscreen|rear windshield|back windshield|back screen|heated rear window|
    back windscreen`,
    part(['rearglass']),
  ],
  [
    `headlamp|headlight|head light|head lamp|headlamp unit|headlight unit|front light|front lamp|headlight lens|headlamp lens|
    headlight cover`,
    part(['headlamp']),
  ],
  [
    'headlamps|headlights|head lights|front lights|front lamps|head lamps|headlight lenses|headlamp lenses',
    part(['headlamp'], { isMany: true }),
  ],
  [
    `fog light|fog lamp|fog|foglight|foglamp|fog light surround|fog lamp surround|fog surround|front fog light|front fog|
    front fog lamp|fog light cover|fog light bezel`,
    part(['foglamp']),
  ],
  [
    'fogs|fog lights|fog lamps|front fogs|front fog lights|foglights|front fog lamps',
    part(['foglamp'], { isMany: true }),
  ],
  [
    `tail lamp|tail light|taillight|rear light|back light|rear lamp|taillamp|rear light cluster|rear cluster|tail lamp lens|
    tail light lens|back lamp|rear lamp cluster|rear light unit`,
    part(['taillamp']),
  ],
  [
    'tail lamps|tail lights|taillights|rear lights|back lights|rear lamps|rear clusters|back lamps|rear light clusters|tail light lenses',
    part(['taillamp'], { isMany: true }),
  ],
  [
    'wheel|rim|alloy|ally|alloy wheel|wheel rim|wheel cover|steel wheel|hubcap|hub cap|wheel trim|alloy rim',
    part(['wheel']),
  ],
  [
    'wheels|rims|alloys|alloy wheels|wheel rims|ally wheels|allies|alloys wheels|wheel trims|hubcaps|hub caps',
    part(['wheel'], { isMany: true }),
  ],
  [
    'back wheel|rear wheel|rear alloy|back alloy|rear alloy wheel|back rim|rear rim',
    part(['wheel'], { end: 'rear' }),
  ],
  ['front wheel|front alloy|front alloy wheel|front rim', part(['wheel'], { end: 'front' })],
  ['tyre|tire|tread|tread depth|tyre wall|tyre tread|tire tread', part(['tyre'])],
  ['tyres|tires|treads|tread depths', part(['tyre'], { isMany: true })],
  ['rear tyre|back tyre|rear tire|back tire', part(['tyre'], { end: 'rear' })],
  ['front tyre|front tire', part(['tyre'], { end: 'front' })],
  [
    `mirror|door mirror|wing mirror|mirror glass|mirror housing|mirror cap|side mirror|mirror cover|mirror casing|side view mirror|
    mirror shell|door mirror cover|wing mirror cover|door mirror glass`,
    part(['mirror']),
  ],
  [
    'mirrors|door mirrors|wing mirrors|side mirrors|mirror caps|mirror covers|mirror glasses',
    part(['mirror'], { isMany: true }),
  ],
  ['lights|lamps', part(['headlamp', 'taillamp'], { isMany: true })],
  ['glass', part(['windscreen', 'rearglass'])],
  ['fronts', part(['tyre'], { end: 'front', isMany: true })],
  ['rears', part(['tyre'], { end: 'rear', isMany: true })],
  [
    'sill|rocker|rocker panel|kick plate|skirt|side skirt|side sill|sill panel|sill cover|rocker cover|rocker panels cover',
    part(['sill']),
  ],
  ['sills|rockers|rocker panels|side skirts|side sills|skirts', part(['sill'], { isMany: true })],
  [
    `arch|wheel arch|arch lip|arch edge|wheel well|wheel opening|wheel arch edge|fender lip|wheel lip|arch trim|wheel arch trim|
    arch liner|wheel arch liner|fender liner|wheel arch lip|wheel house`,
    part(['arch']),
  ],
  ['rear arch|rear wheel arch|back arch', part(['arch'], { end: 'rear' })],
  ['front arch|front wheel arch', part(['arch'], { end: 'front' })],
  ['arches|wheel arches|wheel wells|wheel openings|arch liners|arch trims', part(['arch'], { isMany: true })],
  ['roof rails|rails', part(['roofrail'], { isMany: true })],
  [
    'scuttle|wiper|wipers|wiper blade|wiper blades|rear wiper blade|wiper arm|wiper arms|front wipers',
    part(['wipers']),
  ],
  ['b post|b pillar|cant rail|b-pillar|door pillar', part(['pillar-b'])],
  ['grille|grill|front grille|front grill|radiator grille|lower grille|lower grill', part(['grille'])],
  ['aerial|antenna|mast|arial|ariel|shark fin|antenna mast', part(['aerial'])],
  ['bonnet|hood|hud|hood panel|bonnet lid|bonnets', part(['bonnet'])],
  ['roof', part(['roof'])],
  ['door', part(['door'])],
  ["driver's door|drivers door|driver door", part(['door'], { end: 'front', sideWord: 'driver' })],
  [
    "passenger door|passenger's door|passengers door",
    part(['door'], { end: 'front', sideWord: 'passenger' }),
  ],
  ['rear window|back window', part(['rearglass', 'sideglass'], { end: 'rear' })],
  ['door glass|side window|side glass|window|door window', part(['sideglass'])],
  ['quarter glass|quarter light|quarter window', part(['quarterglass', 'sideglass'])],
  ['hard top|hardtop', part(['hardtop'])],
  ['roof rail', part(['roofrail'])],
  ['a pillar|a-pillar|roof edge|a post|windscreen pillar|windshield pillar', part(['pillar-a'])],
  [
    `filler flap|fuel flap|fuel door|gas flap|filler cap|fuel filler flap|fuel filler|petrol cap|fuel cap|gas cap|gas door|
    fuel filler door|fuel filler cap|fuel door cover`,
    part(['fillerflap']),
  ],
  ['panoramic roof', part(['glassroof'])],
  ['soft top|convertible top|canvas top|canvas roof', part(['softtop'])],
  ['side step|running board', part(['sidestep'])],
  ['tow bar|towbar|trailer hitch|hitch|hitch receiver|tow hitch', part(['towbar'])],
  ['spoiler|rear spoiler', part(['spoiler'])],
  ['guard bar|grille guard', part(['guardbar'])],
  ['mud flap|mud flaps|mudflap', part(['mudflap'])],
  ['flare|arch flare|fender flare', part(['flare'])],
  ['stripe|stripes|side stripe', part(['stripe'])],
  ['inner tyre|inner tire', part(['tyre-inner'])],
  ['sleeper|sleeper side', part(['sleeper'])],
  ['fuel tank|diesel tank', part(['fueltank'])],
  ['side of the engine|engine side', part(['engineside'])],
  ['bed liner|bedliner', part(['bedliner'])],
  ['battery', part(['battery'])],
  ['engine|engine cover', part(['enginecover'])],
  ['hoses|hose', part(['hoses'])],
  ['undertray|undertrays|splash shield', part(['undertray'])],
  [
    'exhaust|tail pipe|tailpipe|exhaust pipe|tailpipes|exhaust tip|exhaust tips|muffler|back box',
    part(['exhaust']),
  ],
  ['front doors|both front doors', part(['door'], { end: 'front', isMany: true })],
  ['rear doors|back doors|both rear doors|both back doors', part(['door'], { end: 'rear', isMany: true })],
  [
    'front wheels|front alloys|front rims|front alloy wheels',
    part(['wheel'], { end: 'front', isMany: true }),
  ],
  [
    'rear wheels|rear alloys|back wheels|back alloys|rear rims|back rims',
    part(['wheel'], { end: 'rear', isMany: true }),
  ],
  ['rear arches|back arches|rear wheel arches', part(['arch'], { end: 'rear', isMany: true })],
  ['front arches|front wheel arches', part(['arch'], { end: 'front', isMany: true })],
  ['side windows|door windows|side glasses', part(['sideglass'], { isMany: true })],
  ['pano roof|panoramic glass roof|panoramic sunroof', part(['glassroof', 'roof'])],
  ['bed sides|bedsides|box sides', part(['bedside'], { isMany: true })],
  ['running boards|side steps|nerf bars|step bars', part(['sidestep'], { isMany: true })],
];
