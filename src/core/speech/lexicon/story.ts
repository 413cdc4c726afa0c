import type { Table } from './sense';

/** What is told of a car's life: kept in the words of whoever told it. Common practice. */
export const story: Table = [
  [
    `had a new clutch|new clutch|clutch has been done|clutch has been replaced|timing belt done|timing belt's been done|
    timing belt has been done|cambelt done|cambelt's been done|cambelt has been done|cam belt's been done|cam belt done|
    water pump done|new battery|had a new battery|new brakes|brakes have been done|new discs and pads|new pads and discs|new exhaust|
    had a new exhaust|new shocks|new struts|new alternator|new radiator|new brakes all round|rotors and pads|new rotors|
    just been serviced|freshly serviced|fresh service|just had a service|oil change done|fresh oil change|new tires all around|
    new tyres all round|engine was replaced|had an engine|gearbox was rebuilt|transmission was rebuilt|head gasket was done|
    has just had four new tyres`,
    { is: 'story', about: 'work-done' },
  ],
  [
    `part exchange|part exchanged|came in part exchange|came in as a part exchange|traded in|trade in|took it in on trade|
    bought from auction|bought at auction|came from auction|off lease|lease return|ex lease|ex demo|ex demonstrator|
    direct from the owner|local trade`,
    { is: 'story', about: 'came-in' },
  ],
  [
    `used for towing|towed a caravan|towed with|used as a taxi|ex taxi|taxi|school run|used as a fleet car|company car|fleet vehicle|
    rental car|ex rental|used for work|work truck|driven by a lady|weekend car|second car|motorway miles|highway miles`,
    { is: 'story', about: 'used-for' },
  ],
  [
    `non smoker|never been smoked in|garaged|always garaged|kept in a garage|garage kept|one family owned|accident free|
    never been in an accident|no accidents|been in an accident|was in an accident|had an accident|insurance write off|write off|
    rebuilt title|salvage title|clean title|clear title`,
    { is: 'story', about: 'other' },
  ],
];
