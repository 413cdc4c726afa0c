import { part, type Table } from './sense';

/** Names of the parts in the cabin and the boot. Common practice. */
export const cabinParts: Table = [
  ['front seat belt|front seatbelt|front belt', part(['belt'], { end: 'front' })],
  ['rear seat belt|rear seatbelt|rear belt|back seat belt', part(['belt'], { end: 'rear' })],
  ['third row|third row seats|back row|back row seats|rearmost seats', part(['seat3'], { isMany: true })],
  [
    'boot floor|trunk floor|boot carpet|cargo floor|load floor|cargo area carpet|boot base|trunk carpet',
    part(['bootfloor', 'bedfloor']),
  ],
  ["driver's seat|drivers seat|driver seat", part(['seat'], { end: 'front', sideWord: 'driver' })],
  ["passenger seat|passenger's seat", part(['seat'], { end: 'front', sideWord: 'passenger' })],
  [
    `driver's seat bolster|drivers seat bolster|driver seat bolster|driver's bolster|drivers bolster|driver bolster|
    driver's side bolster|driver's outer bolster|drivers side bolster|driver's outside bolster|driver seat outer bolster`,
    part(['bolster'], { end: 'front', sideWord: 'driver' }),
  ],
  ['seat|seat base|base|squab', part(['seat'])],
  ['back seat|rear seat', part(['seat'], { end: 'rear', isMass: true })],
  ['seats', part(['seat'], { isMany: true })],
  [
    `rear seats|back seats|second row|rear bench|back bench|rear seat bench|bench seat|rear bench seat|seats in the back|
    seats in the rear`,
    part(['seat'], { end: 'rear', isMany: true }),
  ],
  [
    'bolster|seat bolster|bolsters|side bolster|seat side bolster|outer bolster|outside bolster|outboard bolster',
    part(['bolster']),
  ],
  [
    'seat back|backrest|seatback|head restraint|headrest|head rest|head rests|headrests|back rest|back of the seat',
    part(['seatback']),
  ],
  [
    'door card|door panel|door trim|inner door panel|inside door panel|door pocket|door pull|interior door panel',
    part(['doorcard']),
  ],
  ['carpet|mat|floor mat|floor carpet|rubber mat|floormat|carpeting', part(['carpet'], { isMass: true })],
  ['carpets|mats|floor mats|rubber mats|mats all|carpet mats|floormats', part(['carpet'], { isMany: true })],
  [
    'headlining|headliner|roof lining|head liner|head lining|roof liner|headlinings|head lighting',
    part(['headlining']),
  ],
  [
    'steering wheel|steering wheel rim|steering wheel leather|leather steering wheel',
    part(['steeringwheel']),
  ],
  [
    'dash|dashboard|dash board|dash top|dashboard top|dash pad|instrument panel|top of the dash',
    part(['dashboard']),
  ],
  [
    'console|centre console|center console|centre tunnel|gear surround|shifter surround|centre stack|center stack',
    part(['console']),
  ],
  ['armrest|arm rest', part(['armrest'])],
  ['seat cushion', part(['seat', 'seat3'])],
  [
    "driver's seat back|drivers seat back|driver seat back|driver's backrest|drivers backrest|driver backrest",
    part(['seatback'], { end: 'front', sideWord: 'driver' }),
  ],
  [
    "passenger's seat bolster|passengers seat bolster|passenger seat bolster|passenger's bolster|passengers bolster|passenger bolster",
    part(['bolster'], { end: 'front', sideWord: 'passenger' }),
  ],
  [
    "passenger's seat back|passengers seat back|passenger seat back|passenger's backrest|passengers backrest|passenger backrest",
    part(['seatback'], { end: 'front', sideWord: 'passenger' }),
  ],
  ['child seat anchors|anchors', part(['anchors'])],
  ['third row seat|third-row seat', part(['seat3'])],
  ['seat belt|belt|seatbelt', part(['belt'])],
  ['centre screen|center screen', part(['screen'])],
  [
    `sill plate|sill plates|door sill plate|tread plate|tread plates|door sill|door sills|scuff plate|scuff plates|sill trim|
    sill trims|step plate`,
    part(['sillplate']),
  ],
  ['sun visor|sun visors|visor', part(['visors'])],
  [
    'boot lining|trunk lining|boot side trim|side trims|boot side trims|load area trim|load area trims|boot trim|trunk trim|cargo side trim|cargo area trim',
    part(['bootlining']),
  ],
  [
    'load cover|parcel shelf|cargo cover|load blind|luggage cover|tonneau|tonneau cover|cargo shade',
    part(['loadcover']),
  ],
  ['front seats|front two seats|front pair of seats', part(['seat'], { end: 'front', isMany: true })],
  ['front seat', part(['seat'], { end: 'front' })],
  [
    `driver's seat base|drivers seat base|driver's seat cushion|driver seat cushion|driver's seat squab|drivers seat cushion|
    driver's chair`,
    { is: 'part', kinds: ['seat'], end: 'front', sideWord: 'driver' },
  ],
  [
    "passenger seat base|passenger seat cushion|front passenger seat|passenger's seat cushion|passenger front seat|passengers seat",
    { is: 'part', kinds: ['seat'], end: 'front', sideWord: 'passenger' },
  ],
  ['door cards|door panels|door trims|interior door panels', part(['doorcard'], { isMany: true })],
  ['seat backs|backs of the front seats', part(['seatback'], { end: 'front', isMany: true })],
];
