import type { FunctionId, WarningLampId } from '../../functions';
import type { Figure, Sense } from './sense';

const runs = (...ids: FunctionId[]): Sense => ({ is: 'function', ids });
const lamp = (id: WarningLampId): Sense => ({ is: 'lamp', lamp: id });
const item = (id: string): Sense => ({ is: 'item', item: id });
const figure = (of: Figure): Sense => ({ is: 'figure', of });

/** Things one switches on, what comes with a car, lamps that warn, and the figures of its papers. Common practice. */
export const works: readonly (readonly [phrases: string, sense: Sense])[] = [
  ['air con|aircon|air conditioning|ac|a c|a/c|air|front air', runs('aircon-cold')],
  ['heater|heat|rear heat', runs('heater-hot')],
  ['windows|electric windows|power windows|front windows', runs('front-windows')],
  ['all windows|windows all|all the windows', runs('front-windows', 'rear-windows')],
  ['rear windows|back windows', runs('rear-windows')],
  ['radio|stereo|audio|speakers|sound system', runs('audio')],
  ['horn', runs('horn')],
  ['sat nav|satnav|navigation|nav', runs('navigation')],
  ['bluetooth|phone', runs('phone')],
  ['cruise|cruise control', runs('cruise')],
  ['reversing camera|reverse camera|backup camera|camera|rear camera', runs('reversing-camera')],
  ['parking sensors|parking sensors work front and back', runs('front-sensors', 'rear-sensors')],
  ['heated seats|seat heaters', runs('front-seat-heat')],
  ['memory seats|seat memory', runs('seat-memory')],
  ['heated screen|heated windscreen', runs('heated-screen')],
  ['central locking|locks|power locks|all locks|door locks', runs('door-locks')],
  ['rear wiper', runs('rear-wiper')],
  ['sunroof|sun roof|moonroof|glass roof', runs('sunroof')],
  ['brake light|brake lights|break light|break lights', runs('brake-lamps')],
  ['number plate light|plate light|license plate light', runs('plate-lamps')],
  ['second screen|rear screens', runs('rear-screens')],
  ['four wheel drive|four by four|all wheel drive|4wd', runs('all-wheel-drive')],
  ['opens with the button', { is: 'function', ids: ['power-tailgate'], works: true }],
  ['shifts|gearbox|transmission|transmission shifts|gears', runs('gears-all')],
  ['runs smooth|idles smooth', { is: 'function', ids: ['idle-smooth'], works: true }],
  ['idle|at idle', runs('idle-smooth')],
  ['no smoke', { is: 'function', ids: ['exhaust-smoke'], works: true }],
  ['drives straight|pulls straight', { is: 'function', ids: ['pulls-straight'], works: true }],
  ['no knocks|no rattles', { is: 'function', ids: ['suspension-quiet'], works: true }],
  [
    'works|work|working|does work|all work|ice cold|cold|blows cold|blow cold|hot|blows hot|go up and down|all go up and down|opens and shuts|engages fine|engages',
    { is: 'works' },
  ],
  [
    "doesn't work|does not work|not working|don't work|dead|out|is out|faulty|blows warm|not cold|that's not cold|doesn't blow cold|doesn't do anything|does nothing|doesn't come up|doesn't|don't remember|does not get warm|doesn't get warm|is slow|slow|a little hard|a little rough|rough|hard",
    { is: 'fails' },
  ],
  ['check engine light|check engine|engine management light|engine light', lamp('engine')],
  ['airbag light|airbag lights|air bag light', lamp('airbag')],
  ['abs light|abs', lamp('anti-lock')],
  ['tire pressure light|tyre pressure light', lamp('tyre-pressure')],
  ['oil light|oil pressure light', lamp('oil-pressure')],
  ['service light', lamp('service-due')],
  ['no warning lights|no warning lamps|no lights on the dash|no codes', { is: 'lamps' }],
  ['spare wheel|spare tire|spare tyre|spare', item('spare-wheel')],
  ['jack', item('jack')],
  ['first aid kit|aid kit', item('first-aid')],
  ["manuals|owner's manual|owners manual|handbook", item('manuals')],
  ['ball|tow ball', item('tow-ball')],
  ['warning triangle', item('warning-triangle')],
  ['locking nut key|locking wheel nut key', item('locking-nut-key')],
  ['keys|key|fobs|fob|key fob|key fobs', figure('keys')],
  [
    'keepers|keeper|owners|owner|former keepers|previous keepers|previous owners|former keeper|previous owner',
    figure('keepers'),
  ],
  ['stamps|services|service stamps|stamps in the book', figure('services')],
  ['on the clock|on the odometer|odometer|odometer reads|mileage|it shows|on it', figure('odometer')],
];
