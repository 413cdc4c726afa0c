import { runs, type Table } from './sense';

/** Things one switches on, tries and drives. Common practice. */
export const functions: Table = [
  ['folds in and out|fold in and out|folds in|fold in', runs('mirror-fold')],
  ['rear screen heater|screen heater|rear window heater|rear screen demister', runs('rear-demist')],
  ['electric blind|rear blind|blinds|electric sun blind', runs('rear-blinds')],
  [
    'third row seats fold flat|third row folds flat|third row seats fold down|third row folds down',
    { is: 'function', ids: ['third-row-fold'], works: true },
  ],
  ['no heat|no hot air|heater blows cold', { is: 'function', ids: ['heater-hot'], works: false }],
  ['no cold air|blows no cold air', { is: 'function', ids: ['aircon-cold'], works: false }],
  [
    `air con|aircon|air conditioning|ac|a c|a/c|air|front air|air condition|climate control|climate|airco|a.c|ac system|
    air con system|climate air con|aircon system|the ac|rear ac|rear air|ac compressor|dual climate`,
    runs('aircon-cold'),
  ],
  ['heater|heat|rear heat|heating|heaters|blower heat', runs('heater-hot')],
  [
    "windows|electric windows|power windows|front windows|driver's window|drivers window|passenger window|electric windows front",
    runs('front-windows'),
  ],
  [
    `all windows|windows all|all the windows|all electric windows|all the electric windows|all four windows|windows all round|
    all of the windows|electric windows all|all the power windows|power windows all|electric windows all round|
    all four electric windows|both windows`,
    runs('front-windows', 'rear-windows'),
  ],
  ['rear windows|back windows|rear electric windows', runs('rear-windows')],
  [
    'radio|stereo|audio|speakers|sound system|cd player|radio display|radio screen|speaker|infotainment|dab radio|dab|entertainment system|head unit',
    runs('audio'),
  ],
  ['horn|hooter|the horn', runs('horn')],
  ['sat nav|satnav|navigation|nav|gps|sat navigation|navigation system|nav system', runs('navigation')],
  ['bluetooth|phone|hands free|handsfree|phone connection|bluetooth phone', runs('phone')],
  ['cruise|cruise control|speed control', runs('cruise')],
  ['clutch|clutch pedal|biting point|clutch bite', runs('clutch-bite')],
  [
    `handbrake|parking brake|hand brake|electric handbrake|e brake|emergency brake|park brake|electronic handbrake|hand break|
    electric parking brake`,
    runs('handbrake-holds'),
  ],
  ['brakes|brake|breaks|braking|brake pedal|brakes all', runs('brakes-smooth')],
  [
    'indicators|turn signals|indicator|turn signal|blinkers|blinker|signals|flashers|turn indicators',
    runs('indicators'),
  ],
  ['hazards|hazard lights|hazard|hazard flashers|four ways|emergency flashers', runs('hazards')],
  [
    `touch screen|touchscreen|infotainment screen|display|main screen display|touch display|multimedia screen`,
    runs('screen-touch'),
  ],
  [
    'head restraints|seat belts|belts|seatbelts|all seat belts|all the belts|seat belt retractors',
    runs('belts-retract'),
  ],
  ['usb|usb sockets|usb ports|usb port|usb socket|usbs|charging ports|usb charging|usb c ports', runs('usb')],
  [
    'interior lights|courtesy lights|dome light|interior light|dome lights|map lights|inside lights|cabin lights|ambient lighting',
    runs('interior-lamps'),
  ],
  [
    `electric seat|power seat|seat adjustment|power seats|electric seats|driver's seat adjustment|seat motor|driver's electric seat|
    powered seat|seat motors`,
    runs('driver-seat'),
  ],
  [
    `remote locking|key fob buttons|remote|remote lock|remote central locking|lock buttons|fob buttons|remote entry|remote locks|
    key remote`,
    runs('remote-lock'),
  ],
  [
    'keyless|keyless entry|push button start|keyless go|keyless start|push to start|push button|start button|push start|keyless ignition',
    runs('keyless'),
  ],
  ['stop start|start stop|auto stop|stop/start|start/stop|engine stop start', runs('stop-start')],
  [
    'tow bar electrics|trailer socket|trailer plug|tow electrics|towing electrics|trailer wiring',
    runs('tow-electrics'),
  ],
  [
    `reversing camera|reverse camera|backup camera|backup cam|camera|rear camera|reverse cam|reversing cam|back up camera|
    rear view camera|back camera|parking camera`,
    runs('reversing-camera'),
  ],
  [
    'parking sensors|parking sensors work front and back|park sensors|parking aids|parking aid|park distance sensors',
    runs('front-sensors', 'rear-sensors'),
  ],
  ['heated seats|seat heaters|seat heater|heated seat', runs('front-seat-heat')],
  [
    "memory seats|seat memory|memory seat|driver's seat memory|drivers seat memory|driver's memory seat|driver's memory",
    runs('seat-memory'),
  ],
  ['heated screen|heated windscreen', runs('heated-screen')],
  [
    `central locking|locks|power locks|all locks|door locks|door lock|locking|all the locks|all the door locks|all the doors lock|
    deadlocks`,
    runs('door-locks'),
  ],
  ['rear wiper|back wiper|rear wash wipe|rear wash wiper', runs('rear-wiper')],
  [
    'sunroof|sun roof|moonroof|glass roof|sliding roof|electric sunroof|panoramic roof opens|pan roof|pano|moon roof|roof opens',
    runs('sunroof'),
  ],
  [
    `brake light|brake lights|break light|break lights|third brake light|high level brake light|stop lights|stop lamps|brake lamps|
    stop light`,
    runs('brake-lamps'),
  ],
  [
    'number plate light|plate light|license plate light|tag light|tag lights|number plate lights|plate lights|license plate lights',
    runs('plate-lamps'),
  ],
  ['second screen|rear screens|rear entertainment|dvd player|rear dvd|dvd screens', runs('rear-screens')],
  [
    `four wheel drive|four by four|all wheel drive|4wd|four wheel drives|4x4|4 wheel drive|four low|four high|transfer case|awd|
    low range|diff lock|diff locks`,
    runs('all-wheel-drive'),
  ],
  [
    'opens with the button|opens on the button|opens off the button|shuts on the button|closes on the button',
    { is: 'function', ids: ['power-tailgate'], works: true },
  ],
  [
    `shifts|gearbox|transmission|transmission shifts|gears|gear box|gear change|gear changes|gearchange|trans|shifting|all the gears|
    goes through the gears|changes gear|the auto box|automatic gearbox|auto gearbox|goes through all its gears|goes into every gear|
    automatic transmission`,
    runs('gears-all'),
  ],
  [
    `runs smooth|idles smooth|idles nicely|idles fine|idles great|ticks over nicely|ticks over lovely|ticking over nicely|
    ticks over smoothly|ticks over fine|idles nice|idles perfect|runs nice and smooth|idles lovely|idling smoothly|
    ticks over sweetly`,
    { is: 'function', ids: ['idle-smooth'], works: true },
  ],
  ['idle|at idle', runs('idle-smooth')],
  [
    "no smoke|no smoke from the exhaust|no smoke out of the exhaust|no blue smoke|doesn't smoke",
    { is: 'function', ids: ['exhaust-smoke'], works: true },
  ],
  [
    `drives straight|pulls straight|drives in a straight line|tracks straight|drives nice and straight|drives dead straight|
    pulls up straight|goes down the road straight|drives straight as an arrow|steers straight`,
    { is: 'function', ids: ['pulls-straight'], works: true },
  ],
  [
    `no knocks|no rattles|no knocks or bangs|no clunks|no squeaks or rattles|no rattles or knocks|no knocks from the suspension|
    no bangs|suspension's quiet|no knocking|no knocks or rattles|no squeaks`,
    { is: 'function', ids: ['suspension-quiet'], works: true },
  ],
  ['blower|fan|blower motor|heater fan|blower fan|fan speeds', runs('blower-speeds')],
  ['phone mirroring|screen mirroring|phone link', runs('phone-mirror')],
  [
    'folding mirrors|power folding mirrors|mirrors fold|mirror fold|electric folding mirrors|mirrors fold in|power fold mirrors',
    runs('mirror-fold'),
  ],
  ['electric mirrors|power mirrors|mirror adjustment|mirrors adjust|mirror controls', runs('mirror-adjust')],
  ['heated mirrors', runs('mirror-heat')],
  ['heated steering wheel|steering wheel heater', runs('wheel-heat')],
  ['cooled seats|ventilated seats|seat cooling', runs('seat-cool')],
  ['heated rear seats|rear heated seats|rear seat heaters', runs('rear-seat-heat')],
  ['massage seats|seat massage|massage', runs('seat-massage')],
  [
    `folding seats|seats fold|rear seats fold|seats fold down|rear seats fold down|back seats fold|back seats fold down|
    rear seats fold flat|seats fold flat`,
    runs('rear-fold'),
  ],
  ['third row folds|third row fold', runs('third-row-fold')],
  [
    'rear parking sensors|reversing sensors|rear sensors|backup sensors|reverse sensors',
    runs('rear-sensors'),
  ],
  ['front parking sensors|front sensors', runs('front-sensors')],
  ['360 camera|surround camera|surround view|birds eye camera', runs('round-cameras')],
  ['blind spot|blind spot monitors|blind spot monitoring|blind spot warning', runs('blind-spot')],
  ['lane assist|lane keep|lane keep assist|lane keeping', runs('lane-assist')],
  ['adaptive cruise|adaptive cruise control|radar cruise', runs('adaptive-cruise')],
  ['park assist|self parking|parking assist', runs('park-assist')],
  [
    'power tailgate|powered tailgate|electric tailgate|power liftgate|power lift gate|electric boot|power hatch|electric boot lid',
    runs('power-tailgate'),
  ],
  ['sliding doors|sliding door|power sliding doors|power sliding door|slide door', runs('sliding-door')],
  ['boot release|trunk release|boot catch|boot lock', runs('boot-release')],
  [
    'bonnet release|hood release|bonnet catch|hood latch|bonnet stay|hood struts|hood prop',
    runs('bonnet-release'),
  ],
  ['fuel flap release|fuel door release|gas door release', runs('filler-release')],
  ['child locks|child lock', runs('child-locks')],
  ['power steering|steering assistance', runs('steering-assist')],
  ['wipers front|windscreen wipers|windshield wipers', runs('front-wipers')],
  [
    'washers|screen wash|windscreen washers|windshield washers|screen washers|washer jets|washer pump',
    runs('front-washers'),
  ],
  ['rain sensor|auto wipers|automatic wipers|rain sensing wipers', runs('rain-sensor')],
  [
    'rear defrost|rear defroster|rear demister|heated rear screen|rear demist|defroster|rear heated screen|rear defog',
    runs('rear-demist'),
  ],
  ['dipped beam|dip beam|low beams|low beam|dipped beams', runs('dipped-beam')],
  ['main beam|high beams|high beam|full beam|main beams', runs('main-beam')],
  ['daytime running lights|drls|drl|running lights', runs('daytime-lamps')],
  ['side lights|sidelights|parking lights', runs('side-lamps')],
  ['reverse lights|reverse light|reversing lights|reversing light|backup lights', runs('reversing-lamps')],
  ['automatic headlights|auto headlights|auto lights|automatic lights', runs('auto-lamps')],
  ['puddle lights', runs('puddle-lamps')],
  [
    `steering wheel controls|steering wheel buttons|wheel controls|controls on the wheel|controls on the steering wheel|
    buttons on the wheel|buttons on the steering wheel`,
    runs('wheel-buttons'),
  ],
  [
    'instruments|gauges|clocks|cluster|instrument cluster|dials|digital dash|gauge cluster|all the gauges',
    runs('instrument-lights'),
  ],
  ['head up display|heads up display', runs('head-up')],
  ['clock', runs('clock')],
  [
    'power outlet|power outlets|12 volt|12 volt socket|cigarette lighter|cigarette lighter socket|lighter socket|twelve volt socket|power socket|twelve volt',
    runs('sockets'),
  ],
  ['wireless charging|wireless charger|charging pad|phone charger', runs('wireless-charge')],
  ['roof blind|sunroof blind|sun blind|sunshade|roof shade', runs('sunblind')],
  [
    'roof goes up and down|top goes up and down|hood goes up and down|electric roof|power top',
    runs('soft-top-down', 'soft-top-up'),
  ],
  [
    'steering column|tilt wheel|steering adjustment|tilt steering|steering column adjustment',
    runs('steering-adjust'),
  ],
  ['speed limiter|limiter', runs('speed-limiter')],
  ['hill hold|hill start', runs('hill-hold')],
  ['alarm|immobiliser|immobilizer', runs('immobiliser')],
  ['cold start|starts from cold|cold starts|starts cold', runs('starts-cold')],
  ['air suspension|air ride', runs('air-suspension')],
  ['fuel gauge', runs('fuel-gauge')],
  ['temperature gauge|temp gauge', runs('temperature-gauge')],
  ['both keys work', runs('every-key')],
  ['one touch windows|auto windows', runs('one-touch')],
  ['power running boards|power steps', runs('side-steps-power')],
  ['charging cable|charge cable|charging lead', runs('charge-cable')],
  ['engine noise', runs('engine-noise')],
  ['alignment|tracking|wheel alignment', runs('pulls-straight')],
  ['suspension|shocks|struts', runs('suspension-quiet')],
  ['window blinds|sun blinds', runs('rear-blinds')],
  [
    `no engine noises|no rattles from the engine|no noises from the engine|no ticking|engine's quiet|no ticks|no funny noises|
    no weird noises|no strange noises`,
    { is: 'function', ids: ['engine-noise'], works: true },
  ],
  [
    'no vibration|no vibrations|no shake|no shimmy|no wobble',
    { is: 'function', ids: ['no-shake'], works: true },
  ],
  [
    'starts first time from cold|started from cold fine|started up from cold',
    { is: 'function', ids: ['starts-cold'], works: true },
  ],
  [
    "handbrake holds|handbrake's tight|handbrake is tight",
    { is: 'function', ids: ['handbrake-holds'], works: true },
  ],
  [
    `shifts great|shifts smooth|shifts smoothly|shifts fine|shifts nice|changes gear smoothly|shifts like it should|
    gear changes are smooth|changes smoothly`,
    { is: 'function', ids: ['gears-all'], works: true },
  ],
];
