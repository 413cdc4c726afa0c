import { figure, item, lamp, type Table } from './sense';

/** Whether a thing works, lamps that warn, what comes with a car, and the figures of its papers. Common practice. */
export const works: Table = [
  ["serviced|been serviced|it's been serviced|been in for service", { is: 'serviced' }],
  ['does|do', { is: 'works', isVerb: true }],
  [
    `works|work|working|does work|all work|ice cold|cold|blows cold|blow cold|hot|blows hot|go up and down|all go up and down|
    opens and shuts|opens and closes|engages fine|engages|all working|are working|is working|do work|working fine|works fine|
    works great|work great|works perfectly|works like it should|works as it should|works as they should|working as it should|
    working as they should|in working order|all function|functions|functions fine|functional|operational|fully working|beep|beeping|beeps|as it should|
    as they should|squirting|squirt|held its speed|holds its speed|came straight up|comes straight up|came up fine|plays|like butter|
    like a dream|like silk|nicely|beautifully|feel good|feels good|read fine|in and out|goes in and out|roll up and down|
    rolls up and down|go up and down fine|blowing cold|nice and cold|freezing cold|gets cold|freezing|icy cold|blows ice cold|
    blowing nice and cold|gets hot|gets nice and hot|nice and hot|blowing hot|nice and warm|up and down|goes up and down|
    go down and up|opens and closes fine|open and close|open and shut|opens fine|opens up|holds|hold|retract|heats up|heat up|
    gets warm|loud and clear|pairs|connects|pairs up|connects fine|lights up|light up|come on|comes on|smooth|bites nicely|
    bites where it should|nice and light|does what it should|do what they should|respond|responds|tested and working|tested|
    checked and working|still works|still working|operate|operates|operate fine|operates fine|are all good to go|fold|folds|
    does its job|does the job|lock and unlock|locks and unlocks|is fine and works|picks up|responsive|cold as ice|
    cold as it should be`,
    { is: 'works' },
  ],
  [
    `doesn't work|does not work|not working|don't work|dead|inop|inoperative|out|is out|faulty|blows warm|not cold|that's not cold|
    doesn't blow cold|doesn't do anything|does nothing|doesn't come up|doesn't|don't remember|does not get warm|doesn't get warm|
    is slow|slow|a little hard|a little rough|hard|isn't working|weak|a bit weak|very weak|warm|lukewarm|luke warm|squeals|rattles|whines|clunks|clicks|
    shudders|vibrates|only works|only working|won't roll up|won't roll down|doesn't roll up|doesn't roll down|doesn't go back|
    won't go back|doesn't move|won't move|won't adjust|doesn't adjust|no power|no power to that|no power to it|has no power|
    aren't working|not work|never works|won't work|wont work|doesnt work|dont work|do not work|does not function|don't function|
    doesn't function|stopped working|has stopped|quit|quit working|has quit|blown|blows hot air|blows luke warm|blowing warm|
    blowing hot air|not blowing cold|isn't cold|isn't blowing cold|not getting cold|not very cold|isn't very cold|not cold at all|
    won't go cold|won't get cold|ain't cold|doesn't get cold|doesn't get hot|stuck|is stuck|stuck down|stuck up|jammed|won't open|
    won't close|won't go up|won't go down|doesn't open|doesn't close|doesn't go down|doesn't go up|not opening|won't turn on|
    won't come on|doesn't turn on|doesn't come on|does not come on|not responding|unresponsive|doesn't respond|intermittent|
    playing up|temperamental|hit and miss|sluggish|slips|slipping|grinds|grinding|squeal|squealing|judders|juddering|crunches|
    crunchy|sticky|sticking|glitchy|blank|no sound|crackles|crackly|kaput|u s|fault with it|not functioning|won't lock|doesn't lock|
    doesn't hold|won't hold|doesn't latch|won't latch|doesn't retract|slow to retract|ain't working|has packed up|packed up|
    packed in|given up|on the blink|noisy|no longer works|isn't right|doesn't do it`,
    { is: 'fails' },
  ],
  [
    `check engine light|check engine|engine management light|engine light|engine management lamp|engine warning light|engine lamp|eml|
    eml light|check engine lamp|emissions light|engine light on|service engine soon|service engine soon light|mil light`,
    lamp('engine'),
  ],
  [
    'airbag light|airbag lights|air bag light|airbag warning light|srs light|srs|airbag lamp|airbag warning|airbag light stays on',
    lamp('airbag'),
  ],
  ['abs light|abs|abs warning light|abs lamp|antilock light|anti lock light|abs warning', lamp('anti-lock')],
  [
    `tire pressure light|tyre pressure light|tpms light|tpms|tyre pressure warning|tire pressure warning|tyre pressure warning light|
    tyre light|tire light|low tire light|tyre pressure lamp|tire pressure monitor light|tyre pressure monitor light`,
    lamp('tyre-pressure'),
  ],
  ['oil light|oil pressure light|oil warning light|oil lamp|oil pressure warning', lamp('oil-pressure')],
  [
    `service light|service reminder|service due light|service indicator|service message|maintenance light|maintenance required light|
    oil change light|service due message|spanner light|wrench light`,
    lamp('service-due'),
  ],
  ['glow plug light|glow plug lamp|glow plug warning light|preheat light', lamp('glow-plugs')],
  [
    'battery light|charging light|battery lamp|battery warning light|charge light|alternator light',
    lamp('battery-charge'),
  ],
  [
    'brake pad light|brake wear light|brake pad warning|brake pad warning light|pad warning light|pad light',
    lamp('brake-pads'),
  ],
  ['dpf light|particulate filter light|dpf warning light|dpf lamp|dpf warning', lamp('particle-filter')],
  [
    `traction light|stability light|traction control light|traction control lamp|esp light|stability control light|skid light|
    traction control warning light|dsc light|stability lamp`,
    lamp('stability'),
  ],
  [
    'bulb light|bulb warning|bulb out light|bulb failure light|bulb warning light|bulb failure warning',
    lamp('bulb'),
  ],
  [
    `no warning lights|no warning lamps|no lights on the dash|no codes|no warning lights on|no warning lights on the dash|
    no warning lights at all|no warning lights present|no lights on|no lights on on the dash|no lights at all on the dash|
    no dash lights|no warning lights showing|no warning messages|dash is clear of lights|no lights on the dashboard|
    no lamps on the dash|no warning lamps on|no faults on the dash|no lights on the instrument cluster|no warning signs|
    no codes stored|no warnings|no warning lights on there|warning lights all go out|all the warning lights go out|
    all the lights go out|lights all go out|all the lamps go out|no lights lit up|no warning lights or anything|no dashboard lights|
    no dashboard warning lights|free of warning lights|clear of warning lights`,
    { is: 'lamps' },
  ],
  [
    `spare wheel|spare tire|spare tyre|spare|full size spare|spacesaver|space saver|full-size spare|spare wheel and jack|donut|
    full size spare wheel|space saver spare`,
    item('spare-wheel'),
  ],
  ['jack|the jack|jack kit|wheel brace and jack|jack and tools|jack and tool kit', item('jack')],
  ['first aid kit|aid kit|first aid|first-aid kit', item('first-aid')],
  [
    `manuals|the books|owner's manual|owners manual|handbook|service book|handbooks|handbook pack|book pack|owner's handbook|
    owners handbook|owners manuals|the manuals|owner's manuals|hand books|the handbook|the manual`,
    item('manuals'),
  ],
  ['ball|tow ball|towball|detachable tow ball', item('tow-ball')],
  ['warning triangle|triangle|warning triangles', item('warning-triangle')],
  [
    `locking nut key|locking wheel nut key|locking wheel nut|locking wheel nut adapter|locking nut|wheel lock key|lug nut key|
    locker key|locking wheel nut socket|wheel lock|wheel locks key`,
    item('locking-nut-key'),
  ],
  [
    `keys|key|fobs|fob|key fob|key fobs|remotes|sets of keys|set of keys|key cards|key card|smart keys|smart key|remote keys|keyfobs|
    keyfob|spare key`,
    figure('keys'),
  ],
  [
    `keepers|keeper|owners|owner|former keepers|previous keepers|previous owners|former keeper|previous owner|registered keepers|
    registered keeper|former owners|former owner|recorded keepers|previous registered keepers|lady owner|lady owners|gentleman owner|
    owners from new|owner from new|owner car|owner vehicle|prior owners|prior owner|keepers on the logbook|keepers from new|owner's|
    previous keeper|local owner|local owners|private owner|private owners`,
    figure('keepers'),
  ],
  [
    `stamps|services|service stamps|stamps in the book|services done|service entries|stamps in it|dealer stamps|service records|
    entries in the book|service visits|main dealer stamps|main dealer services|main dealer service stamps|times it's been serviced|
    services in the book|service stamps in it`,
    figure('services'),
  ],
  [
    `on the clock|on the odometer|odometer|odometer reads|mileage|it shows|on it|on the odo|odo|odometer shows|mileage on it|
    mileage is|odometer's at|odometer is at|odometer says|clocked|on the dial`,
    figure('odometer'),
  ],
  ['temperature light|overheating light|coolant light|temp light|coolant warning light', lamp('engine-hot')],
  ['brake warning light|brake warning lamp|brake fluid light|brake fluid warning', lamp('brakes')],
  ['steering light|power steering light|steering warning light', lamp('steering')],
  ['exhaust fluid light|exhaust fluid warning', lamp('exhaust-fluid')],
  ['gearbox light|transmission light|gearbox warning light', lamp('gearbox')],
  ['washer fluid light|washer light|screen wash light', lamp('washer')],
  [
    'a warning light|warning light|warning lamp|one warning light|a light on the dash|a dash light',
    lamp('another-lamp'),
  ],
];
