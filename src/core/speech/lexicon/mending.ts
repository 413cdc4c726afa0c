import type { Table } from './sense';

/** What would mend it, how sure that is, and who decides. A promise is only what is said as one. Common practice. */
export const mending: Table = [
  ["they'll touch in|touch in|touch up|touch them in", { is: 'cure', cure: 'touch-in', sure: 'will' }],
  [
    `should polish out|would polish|should polish|a machine polish would sort|should buff out|they'd buff|would buff out|
    should come out with a polish|should buff right out|should buff|should come out with polish|would buff|should machine out|
    should mop out|would mop out|should polish up|ought to polish out|would polish out|would come out with a polish|
    should come out with a machine polish|should come out with a buff|would machine polish out|should polish right out|
    should compound out|should rub out|should t cut out|would buff right out|ought to buff out|should mop up`,
    { is: 'cure', cure: 'polish', sure: 'should' },
  ],
  [
    `they'll polish|it'll machine out|will polish out|it'll polish|polished out|be polished out|polish those|machine polish|
    polishes out|will buff out|it'll buff out|that'll buff out|buffs out|buff right out|will buff right out|polishes right out|
    that'll polish out|they'll polish out|will machine out|that'll machine out|that will polish out|those will polish out|
    will mop out|that'll mop out|will come out with a polish|it'll come out with a polish|comes out with a polish|
    that'll come out with a polish|will polish off|it'll rub out|will rub out`,
    { is: 'cure', cure: 'polish', sure: 'will' },
  ],
  [
    `might buff out|may polish out|might polish out|might polish|may polish|may buff out|could buff out|could polish out|
    may well polish out|may machine out|might machine out|probably polish out|probably buff out|probably buff|
    will probably polish out|would probably polish out|would probably buff out|will probably buff out|probably buffs out|
    could be polished out|could be buffed out|may come out with a polish|might come out with a polish|could probably be buffed out|
    could probably buff out`,
    { is: 'cure', cure: 'polish', sure: 'may' },
  ],
  [
    `dent man would get that|a dent man would get that|would come out|i'd say it would come out|would push out|pdr would have it|
    should come out|could pull that|should push out|dent guy would get that|pdr guy would get that|dent man should get that|
    dent man would get it|dent guy could get that|should pop out|would pop out|should pull out|would pull out|
    dent man would have that out|dent man will get that|should come out with pdr|would come out with pdr|pdr would get that|
    pdr would get it|pdr should get it|should push out okay|would push out fine|dent man should be able to get that|
    dent man could get that out|should massage out|dent man would get those`,
    { is: 'cure', cure: 'dent-removal', sure: 'should' },
  ],
  [
    `it'll push out|that'll push out|paintless guy will get that|will push out|it'll pop out|that'll pop out|will pop out|
    will pull out|pdr will get that|pops out|will come out with pdr|pdr will get it|that'll come out|it'll come out|
    dent man will have that|dent guy will get that|those will push out|they'll push out|dent man will get those`,
    { is: 'cure', cure: 'dent-removal', sure: 'will' },
  ],
  [
    `may not come out|could be popped out|might come out|may come out|may push out|might push out|could be pushed out|could be pulled|
    might be pulled|could pop out|might pop out|may pull out|probably pop out|probably push out|could probably be pushed out|
    could come out|might not come out|could probably be pulled out|could be massaged out|probably pull out|
    probably come out with pdr|could be pulled out|probably be pushed out`,
    { is: 'cure', cure: 'dent-removal', sure: 'may' },
  ],
  [
    `wants a local paint repair|local paint repair|wants paint|needs paint|gonna need paint|would need paint|paint job|a paint job|
    body shop|body work|paint on that one|be painted|will be painted|local paint|local repair|spot paint|spot repair|blow in|
    need paint|smart repair needed|needs a smart repair|wants a smart repair|could do with a smart repair|could do with paint|
    wants spraying|needs spraying|wants blowing in|needs blowing in|could do with some paint|could use some paint|needs some paint|
    need a little paint|needs a bit of paint|needs to be painted|need to be painted|needs repainting|needs respraying|
    wants repainting|wants painting|would want paint|will want paint|will need paint|will need painting|going to need paint|
    want paint|could do with painting|get that painted|get that sprayed|get that smart repaired|needs body work|needs bodywork|
    needs body shop|needs to go to the body shop|needs bodyshop`,
    { is: 'cure', cure: 'local-paint' },
  ],
  [
    `needs a refurb|wants refurbing|refurb|refurb that|refinishing|refinishing that one|refinish|refurbish|wheel refurb|
    wheel refurbish|needs refurb|wants a refurb|want a refurb|needs refurbing|could do with a refurb|could do with refurbing|
    needs refurbishing|wants refurbishing|be refurbed|be refurbished|refurbished|refurbed|refurbishment|needs refinishing|
    need refurbing|diamond cut|re-cut|re cut|could use a refinish|needs to be refinished|could be refinished|get that refurbed|
    get it refurbed|get them refurbed|get that refurbished|want refurbing`,
    { is: 'cure', cure: 'wheel-refurbish' },
  ],
  [
    `can be filled|resin|resin will hold it|fill it|glass repair|resin repair|fill with resin|could be filled|needs filling|
    wants filling|can be repaired with resin|fixable chip|be resined|needs a resin repair|could be resined|chip repair|
    needs a chip repair|will need filling`,
    { is: 'cure', cure: 'glass-repair' },
  ],
  [
    `new windshield|new windscreen|needs a new windshield|needs a new screen|new glass|replace glass|new screen|glass replace|
    needs a new windscreen|wants a new windscreen|wants a new screen|new screens|needs a windscreen|needs a screen|
    needs a windshield|replacement screen|windscreen replaced|windshield replaced|needs new glass|needs a new glass|
    windshield replacement`,
    { is: 'cure', cure: 'glass-replace' },
  ],
  [
    `needs replacing|replace|be replaced|to be replaced|replacing it|replacing|new one|renew|to replace|needs replaced|
    needs to be replaced|need replacing|wants replacing|want replacing|will need replacing|needs a new one|wants a new one|
    will be replaced|get that replaced|need replacing soon|needs changing|want changing|wants changing|needs new|wants new|
    need to be replaced|due for replacement|ready for replacement|needs a replacement|could do with replacing|will want replacing|
    needs swapping|going to need replacing|will need replaced|wants renewing|needs renewing`,
    { is: 'cure', cure: 'replace' },
  ],
  [
    `wants clipping back|clip back|clipping back|refit|refix|clip it back|put back|needs clipping back|wants clipping back in|
    clips back in|clips back on|pop back in|just pops back in|push back in|just pushes back in|wants refitting|needs refitting|
    needs reclipping|reattach|needs reattaching|needs refixing|wants securing|needs securing`,
    { is: 'cure', cure: 'refit' },
  ],
  [
    `want a polish|polish the lamps|lamp polish|polish lamp|restore lamp|headlight restoration|polish the lamp|headlight restore|
    restore the headlights|headlights need polishing|headlamps need polishing|lamps want polishing|headlight polish|restoring`,
    { is: 'cure', cure: 'lamp-polish' },
  ],
  [
    `should clean off|should clean up|should wash off|should clean out|should come out with a clean|should come off with a clean|
    should shampoo out|would clean up|would shampoo out`,
    { is: 'cure', cure: 'clean', sure: 'should' },
  ],
  [
    `we'll have that done before it goes|we'll do that|we will do that|so we will|we're replacing it|so we're|will be painted for you|
    that will be painted for you|polished out for you|that'll be polished out for you|for you|promised|we promise|
    we'll have that done|will be done before it goes|done before it goes|we will have that done|before you collect|
    done before collection|we'll get that done|we'll get that sorted|we'll sort that|we'll sort that out|we'll have that sorted|
    we'll get that sorted out|we will get that done|we will sort that|will be done before collection|will be done before you collect|
    will be done before delivery|will be done for you|we'll get it done|we'll be doing that|we're having that done|
    we're getting that done|being done before collection|we're going to get that done|we're going to have that done|
    we'll take care of that|we'll get that taken care of|we are going to fix that|we're going to fix that|we're gonna fix that|
    we'll fix that|we will fix that|we're going to get that fixed|we're gonna get that fixed|we're gonna get that done|
    we'll have it done|we'll have those done|we'll get those done|before it leaves|before it leaves us|before it goes|
    before collection|before delivery|before you collect it|before you pick it up|will be sorted before|
    will be sorted before it goes|that's being done|that'll be done|that will be done|it'll be done|we'll do those|we'll do it|
    it's booked in|booked in for|that's booked in|they're booked in`,
    { is: 'decision', decision: 'promised' },
  ],
  [
    `up to you|up to you if you want it fixed|that's up to you|your choice|if you like|buyer to choose|you may choose|it's up to you|
    that's your call|your call|if you want it done|if you want that done|if you want us to|we can do that if you want|
    we can get that done if you like|can be done at extra cost|at extra cost|let us know if you want it done|
    let me know if you want it done|leave that up to you|leave it up to you|we'll leave that up to you|leave that with you|
    you decide|whatever you prefer|if you'd like it done`,
    { is: 'decision', decision: 'buyer-chooses' },
  ],
  [
    `we shan't be doing anything about that|shan't be doing anything|won't be doing anything|we leave that|we leave that as it is|
    i'd leave it|leave it|leave that|leave|leave and say so|leave as is|leave that as it is|we're leaving that|
    we're not doing anything with that|not doing anything with that|we won't be doing that|we won't be touching that|
    we're not touching that|not touching that|we'll leave that|we'd leave that|i'd leave that|i would leave that|
    we're not going to touch that|not going to touch that|not going to touch|won't be touching|we're not fixing that|
    not going to fix that|we're not going to fix that|leaving that as it is|leaving it as it is|sold as is|leaving that|
    we'll leave it as it is|we won't do anything with that|not fixing that|we are not fixing that|we aren't fixing that|
    gonna leave that|going to leave that|we're gonna leave that|leaving it|staying as it is|stays as it is|stays like that|
    it stays like that`,
    { is: 'decision', decision: 'left' },
  ],
  [
    `clean off|needs a clean|needs cleaning|wants a clean|could do with a clean|wants cleaning|needs a shampoo|needs a wash|
    could do with a valet|needs a good clean|wants a good clean|needs valeting`,
    { is: 'cure', cure: 'clean' },
  ],
  [
    `cleans off|will clean off|that'll clean off|it'll clean off|will wash off|that'll wash off|it'll wash off|comes off with a clean|
    will clean up|it'll clean up|that'll clean up|will come out with a clean|cleans up|washes off|will shampoo out|it'll shampoo out|
    it'll come out with a clean`,
    { is: 'cure', cure: 'clean', sure: 'will' },
  ],
  [
    `polish|polish out|polish it|buff out|wants a polish|needs a polish|needs polishing|wants polishing|could do with a polish|
    want polishing|needs a buff|needs buffing|wants a machine polish|needs a machine polish|could use a buff|could use a polish|
    could use a buffing|needs a mop|wants mopping|needs a cut and polish|cut and polish|paint correction|needs correcting|
    could do with a machine polish|a good polish|wants a good polish|needs a detail|polishing out|buffing out|polishing`,
    { is: 'cure', cure: 'polish' },
  ],
  [
    `touch-in|touch-up|to touch in|to touch up|needs touching in|touching in|wants touching in|want touching in|needs a touch up|
    could do with touching in|could do with a touch in|touch-up pen|touch up pen|needs touching up|wants touching up|touching up|
    needs touch up|could use a touch up|could use some touch up|need touching in|touch those in|touch that in|touch it in|
    get that touched in|touch it up`,
    { is: 'cure', cure: 'touch-in' },
  ],
  [
    'should touch in|should touch up|would touch in|would touch up|should touch in okay|would touch in okay|would touch in nicely',
    { is: 'cure', cure: 'touch-in', sure: 'should' },
  ],
  [
    `pdr|dent removal|paintless dent removal|push out|needs pdr|wants a dent man|needs a dent man|needs pulling|needs pushing out|
    wants pushing out|pushing out|dent man|dent guy|dent chap|dent fella|dent lad|dent company|dent specialist|dent bloke|paintless|
    paintless dent repair|paintless dent|paintless repair|pdr job|one for the dent man|get the dent man on it|get the dent man to it|
    could do with the dent man`,
    { is: 'cure', cure: 'dent-removal' },
  ],
  ['full panel|paint the panel|paint panel|panel paint|needs painting', { is: 'cure', cure: 'full-panel' }],
  [
    `treat the rust|rust treatment|seal the rust|clean and seal|needs treating|wants treating|want treating|needs the rust treating|
    treat it|treated and sealed|wants rubbing down|needs rubbing down|treat that|needs grinding back`,
    { is: 'cure', cure: 'treat-rust' },
  ],
  [
    `repair the panel|panel repair|needs a repair|panel beating|needs beating out|repairing|needs repairing|wants repairing|
    be repaired|get that repaired|needs fixing|wants fixing|be fixed|needs to be fixed|get that fixed`,
    { is: 'cure', cure: 'repair-panel' },
  ],
  [
    'recolour|recolor|needs recolouring|needs recoloring|recolouring|recoloring|needs a recolour|could be recoloured|redye|re-dye',
    { is: 'cure', cure: 'recolour' },
  ],
  [
    `adjust|adjust it|needs adjusting|wants adjusting|adjusting|just needs adjusting|needs adjustment|needs lining up|wants lining up|
    needs realigning|wants realigning`,
    { is: 'cure', cure: 'adjust' },
  ],
  ['take off|take it off|remove it|peel it off', { is: 'cure', cure: 'remove' }],
  ['one for the workshop|workshop job|for the workshop', { is: 'cure', cure: 'mechanical' }],
  ['find out|needs looking into|have it looked at|needs diagnosing', { is: 'cure', cure: 'find-out' }],
  [
    `we'll see|we will see|see about it|we'll see about that|we might get that done|may get that done|might get that done|
    we may do that|we might do that|haven't decided|not decided yet|see what the boss says|see what the workshop says|
    we're still deciding`,
    { is: 'decision', decision: 'house-decides' },
  ],
];
