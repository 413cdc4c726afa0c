import type { Table } from './sense';

/** How talk holds together: what is fine, what is denied, where one walks, what belongs to what. Common practice. */
export const talk: Table = [
  [
    `fine|good|clean|clear|perfect|okay|ok|alright|all right|sound|intact|whole|tidy|spotless|straight|straight along its length|
    in good order|looks good|look good|nothing on it|nothing on them|nothing on it at all|nothing in it|unmarked|lovely|like new|
    looks like new|as new|looks new|brand new|looks brand new|absolutely fine|hardly been sat in|spot on|mint|immaculate|excellent|
    very good|nice|dry|dry as a bone|true|it's true|great|superb|beautiful|gorgeous|flawless|faultless|unblemished|pristine|
    undamaged|unscathed|damage free|dent free|chip free|scratch free|mark free|rust free|rot free|as it should be|as they should be|
    solid|fantastic|brilliant|top notch|first class|a1|a one condition|as good as new|good as new|up together|bang on|looks great|
    look great|looking good|looks fine|look fine|looks lovely|look lovely|looks clean|look clean|hardly worn|barely worn|
    crystal clear|crisp and clear|nice and clear|in one piece|all there|not bad at all|all present|all intact|perfectly straight|
    dead straight|wear free|unworn|unmolested|respectable|presentable|honest|lines up|line up|lines up nicely|line up nicely|
    all line up|super clean|squeaky clean|can't fault|can't fault it|can't fault that|couldn't fault it|never been kerbed|
    never been curbed|never been painted|never been used|never been sat in`,
    { is: 'fine' },
  ],
  [
    `no|not|none|never|nothing|neither|without|free of|free from|clear of|isn't|aren't|hasn't|haven't|hasn't got|doesn't have|
    there are none|there is none|there's none|there isn't any|there aren't any|not been|it's not|that's not|nope|nothing bigger than|
    nothing like|not any|not a|nil|without any|isn't any|isn't a|isnt|aren't any|arent|has no|have no|doesn't have any|
    does not have any|hasn't got any|haven't got any|hasn't been|haven't been|has not been|have not been|never been|wasn't|weren't|
    doesn't show|doesn't show any|don't have|don't have any|ain't|ain't got|ain't got no|ain't no|there ain't no|zero|nor|
    free of any|free from any|clear of any|devoid of|hasn't had|haven't had|has never had|never had|doesn't look|don't look|no other|
    not one|not a single|didn't have|nowt|is not|are not|does not have|do not have|lacks any|lack of`,
    { is: 'deny' },
  ],
  [
    `but|though|although|apart from|except|except the|except for|other than|otherwise|just|only|there's|there is|there are|
    and there's|so|aside from|with the exception of|bar|besides|save for|however|outside of|but there's|just the|only the|the only|
    the only thing is|except that|there was`,
    { is: 'turn' },
  ],
  [
    `has|has got|it's got|has had|we've got|you've got|got|they've got|he's got|we have|you have|it has|they have|have|because|cause`,
    { is: 'turn', isWeak: true },
  ],
  [
    `a|an|the|at|with|and|is|are|it|its|it's|there|theres|long|wide|across it|about|roughly|approx|please|then|one of them|this|that|
    down|up|lower|upper|through|for|i|can|see|visible|seen|was|were|be|been|being|very|really|quite|pretty|fairly|all of|absolutely|
    completely|totally|literally|perhaps just|you know|sort of|kind of|kinda|like|well|um|uh|er|erm|yeah|yep|yes|obviously|basically|
    guess|as well|too|also|still|again there|again here|now|okay so|alright then|right then|did|have a look|take a look|
    let's have a look|let me|let's|we|you|they|my|your|our|me|us`,
    { is: 'filler' },
  ],
  [
    `not terrible|nothing major|nothing serious|nothing crazy|nothing terrible|nothing too bad|nothing drastic|nothing horrible|
    nothing too major|nothing too serious|nothing massive|nothing huge|nothing unusual|nothing too deep|nothing out of the ordinary|
    no big deal|no biggie|not a big deal|that i can find|that i can see|that i see|that i could see|that i could find|
    that i've found|at some stage|at some point|at one point|i should think|i reckon|i would say|i'd say|as you'd expect|
    as you would expect|like you'd expect|what you'd expect|you'd expect for|than you'd expect|that you'd expect|which you'd expect|
    as expected|surprisingly|bigger than|no bigger than|no more than|not more than|less than|more than|to speak of|so don't|
    don't drive on that|i wouldn't drive it on that|wouldn't drive|doesn't matter|don't expect it to be new|straight up|
    starts straight up|don't worry|don't worry about|not to worry|no worries|no problem|no doubt|no matter|no need|no need to|
    no idea|no longer|no question|not to mention|not only|not just|whether or not|if not|why not|not much to say|nothing but|
    not far off|can't remember|can't complain|broke the paint|broken the paint|break the paint|hard to see|hard to show|
    difficult to see|might not be able to see|may not be able to see|don't know if you can see|don't know if you can see that|
    don't know if you can see it|i don't know if|if you can see|not sure if you can see|can you see that|can you see|
    you can't see it|you can't really see it|can't really see it|probably can't see it|can't see it on camera|on the camera|
    on camera|on the video|on video|pick it up|pick that up|picks it up|picking it up|doesn't show up|won't show up|
    doesn't show up on camera|not showing up|hope you can see|as you can see|you can see|if you look|if you look here|
    let me show you|i'll show you|i'll point out|point out`,
    { is: 'filler' },
  ],
  [
    `isn't it|isn't he|isn't that|aren't they|aren't we|doesn't it|don't they|don't you|don't we|haven't they|hasn't it|wasn't it|
    won't it|can't you|wouldn't it|wouldn't you|ain't it|innit`,
    { is: 'filler' },
  ],
  [
    `right here|right there|right beside|right on the edge|right in the middle|right along|right on|right in|right through|
    right above|right below|right by|right next to|right at|right at the|right under|right across|right behind|right where|right up|
    right down|right back|right over|right up to|right into|right from|right now|right away|right so|right okay|right about|
    right guys|right let's|right on the|right off|back to|back in|back up|back over|back onto|back into|come back|coming back|
    go back|going back|get back|pull back|stand back|back down|back along|back again|back on|back out|back of the|back of the net|
    left with|left over|left in it|left in|left to|left off|what's left|side to side|a good driver|daily driver|front to back|
    back to front|drive back|in front|out front|out back|back home`,
    { is: 'filler' },
  ],
  [
    `side|side of|area|centre|center|panel|handle|door handle|pillar|petrol flap|vent|lock|trim|sidewall|body line|belt line|
    swage line|crease line|character line|feature line|edge|corner|corners|middle|top|bottom|cushion|lip|shoulder|leading edge|
    trailing edge|front edge|back edge|bottom edge|top edge|inner edge|outer edge|lower edge|shut line|door shut|door shuts|spoke|
    spokes|centre cap|center cap|face of the wheel`,
    { is: 'spot' },
  ],
  [
    `on the same side|same side|starting to|clear coat|clearcoat|this side|on this corner|this corner|this one|that one|here|paint|
    the paint|the clear|paintwork|bodywork|panels|rearview mirror|rear view mirror|rear-view mirror|interior mirror|parked|outside|
    remote start`,
    { is: 'filler' },
  ],
  [
    `good job|nice job|great job|lovely job|decent job|smoke smell|smell of smoke|no smoking smell|
    good morning|good afternoon|good evening|good day|good luck|good to go|good idea|good value|good runner|good spec|
    good specification|good example|good service|good history|good price|good look|good view|good angle|good old|good few months|
    good number|nice car|nice example|nice colour|nice color|nice spec|nice day|nice touch|nice feature|nice features|nice thing|
    nice little car|nice truck|clean car|clean history|clean bill|lovely car|lovely example|lovely colour|lovely day|great car|
    great colour|great color|great truck|great value|great history|perfect car|beautiful car|good car|good truck|good miles|
    good mileage|good amount|good bit|good tread|great tread|plenty of tread|plenty of meat|lots of tread|good life|good meat|
    nice size|nice big|great features|great spec|good features|great deal|good deal|good condition for|very clean car|
    really clean car|good fit|good grip|all good things|fine example|the best|good owner|good hands|clean example|tidy example|
    good order mechanically|great runner|nice runner|nice and tight|nice and straight away|nice set|good set|great set|clear picture|
    clear view|good photo|nice to drive|good clean|quick clean|clear up|clean up|clean out|clear out|fine by|if is that okay|
    that's okay|hope that's okay`,
    { is: 'filler' },
  ],
  [
    `comes with|it's got all the|fitted with|specced with|spec includes|it's fitted with|kit includes|equipped with|options include|
    has the benefit of|benefits from|features include|it also has|you also get|you get|loaded with|full spec|top spec`,
    { is: 'has' },
  ],
  ['on|in|to|onto the', { is: 'on' }],
  [
    `across|over|along|down the|up the|around|round|all along|all down|all across|through the|along the|across the|around the|
    round the|over the`,
    { is: 'on', isLoose: true },
  ],
  ['of', { is: 'on' }],
  [
    `onto|into|on to|on into|and onto|and into|carries on to|carries on into|carries onto|carrying on into|carrying onto|
    continues onto|continues into|continuing onto|runs onto|runs into|running into|running onto|runs through to|goes onto|goes into|
    going onto|going into|through into|extends onto|extends into`,
    { is: 'onto' },
  ],
  [
    `below|just below|under|underneath|above|just above|up above|near|near the|next to|beside|by|by the|towards|toward|behind|from|
    between|up by|down by|in front of|under the|where|adjacent to|close to the|just behind|just under|just in front of|level with|
    just by|over by|beneath|alongside|in line with|opposite|back from|forward of|ahead of|facing|to match|inboard of|outboard of|
    just past|past|against the|next to the`,
    { is: 'near' },
  ],
  [
    'both|both of them|both sides|all|all the|each|every|either|both of the|any of the|all of the',
    { is: 'both' },
  ],
  ['any of them|all of them|all of those', { is: 'both', isAll: true }],
  [
    'none of them|none of the|none of those|not one of them|not one of the',
    { is: 'both', isAll: true, isNone: true },
  ],
  ['anything', { is: 'anything' }],
  [
    `haven't tried|didn't try|haven't tested|didn't test|not tested|couldn't test|couldn't try|didn't check|haven't checked|
    can't test|can't try|daren't try|not tried|haven't been able to try|haven't been able to test|wasn't able to test|forgot to try|
    forgot to test|untested`,
    { is: 'untried' },
  ],
  [
    'all four|all 4|all four of the|each of the|every one of the|any of the four',
    { is: 'both', isAll: true },
  ],
  [
    `i was looking for|i looked for|looking for|i look for|i thought there was|i thought they'd|i thought it had been|
    i thought somebody had|i thought someone had|i thought i'd found|thought i'd found|i thought i saw|thought i saw|
    i thought it might have|i thought that was|i thought it was|thought it had|i thought it had|thought there was|thought that was|
    i was expecting|i'd expect|i expected|looked like|i've looked for|we looked for|checked for|checking for|i was checking for|
    searching for|watching for|keeping an eye out for|we check for|i checked for|i've checked for|check for|you look for|
    you'd look for`,
    { is: 'looking' },
  ],
  [
    `is that a|is that|is there a|is there any|is there|are there any|are there|was that a|is it a|does it have any|does it have|
    has it got any|any`,
    { is: 'asking' },
  ],
  ["the other one's|the other ones|the other one|its twin|its partner", { is: 'other' }],
  [
    'so is the other one|so is the other|same for the other one|as is the other one|other one is too|the other one too',
    { is: 'other', isSame: true },
  ],
  [
    `these|this type|you sometimes get|you sometimes see|you do get|you can get|you get a lot of|they can get|they can suffer|
    you tend to get|you'll usually find|you'll often find|you'd usually see|i would normally expect|i'd normally expect|
    i'd usually expect|i would usually expect|would expect|they do get|they do tend to|they do suffer|you might expect|they usually|
    they all|usually|normally|you'd normally|you usually see|you usually get|you often|a lot of these|most of these|lots of these|
    these tend to|they tend to|tend to|prone to|known for|they're known for|they're known to|known to|commonly|notorious for|
    a common fault|common on these|common for these|typical of these|if there's|if there is|if there are|if there was|if there were|
    if it had|if it has|if you find|if you spot|in case there's|in case there is|had there been|would have had|on a lot of them|
    every one of these|they like to|they love to|they'll often|a weak spot|a weak point|weak spot`,
    { is: 'such' },
  ],
  [
    `and yes|and this one has|and this ones has|but this one|but this one's|but this ones|this one's|this one has|this one is|
    and this one|and this one's|sure enough|and it has|and it's the same here|including this one|and so has this|
    and this is no exception`,
    { is: 'indeed' },
  ],
  [
    `same again|the same as the other side|the same as the front|the same as the back|the same as the others|the same as that side|
    same as that side|the same way|the same|same|same as|same as the other side|same as the front|same as the others|same thing|
    same story|same deal|same thing again|similar|the same thing|same again here|ditto|same there|same here|matching one|
    same sort of thing|similar story|again the same|much the same|just the same|the same again`,
    { is: 'same' },
  ],
  [
    'so is|so are|as is the|as are|so is the|so are the|likewise|and so is|and so are|same goes for|same for|same with|same on|same thing on|same goes with|same story on|as is',
    { is: 'likewise' },
  ],
  ['the front one|front one', { is: 'one', end: 'front' }],
  ['the rear one|rear one|the back one|back one', { is: 'one', end: 'rear' }],
  ["driver's one|drivers one|driver's side one", { is: 'one', sideWord: 'driver' }],
  ["passenger's one|passenger one|passenger side one", { is: 'one', sideWord: 'passenger' }],
  ['the nearside one|nearside one', { is: 'one', sideWord: 'nearside' }],
  ['the offside one|offside one', { is: 'one', sideWord: 'offside' }],
  ['the left one|left one|left hand one', { is: 'one', hand: 'l' }],
  ['the right one|right one|right hand one', { is: 'one', hand: 'r' }],
  [
    'the rest|against|elsewhere|everything else|everywhere|everywhere else|rest|the others|the rest of it|all the others|the rest of the car|the whole car',
    { is: 'rest' },
  ],
  [
    `going down|moving down|looking along|looking back along|coming up|coming down the|moving up|on this side|moving along|
    working our way down|moving back|moving on back|working back|heading back|working our way back|working my way back|
    moving on down|moving on|moving forward|coming forward|walking back|working down|heading down|walking down|coming along|
    moving back along|going along|making our way down|working my way down|heading back along`,
    { is: 'move', to: 'side' },
  ],
  [
    `round to the back|round the back|around the back|around back|coming around back|at the back|to the rear|moving round to the back|
    looking across the back|round the back now|around to the back|around to the rear|round to the rear|moving to the rear|
    at the rear|to the back of the car|back end|the back end|rear end|coming to the back|on the back end|across the back|
    over to the back`,
    { is: 'move', to: 'rear' },
  ],
  [
    `at the front|up front|front end|start at the front|starting at the front|back to the front|round to the front|
    around to the front|the front end|starting up front|from the front|across the front|round the front|around the front|
    to the front`,
    { is: 'move', to: 'front' },
  ],
  [
    `other side|the other side|now the other side|round the other side|around the other side|over on the other side|opposite side|
    the opposite side|on to the other side|onto the other side|coming round the other side|down the other side`,
    { is: 'move', to: 'other-side' },
  ],
  [
    `jumping in|hop inside|inside|interior|cabin|jump in|in the cabin|let's hop inside|hop in|hopping in|jump inside|step inside|
    get inside|getting inside|moving inside|the interior|climbing in|on the inside|inside the car|inside of the car|inside the cabin|
    sat in the car|sitting in the car|inside the vehicle|in the interior`,
    { is: 'move', to: 'inside' },
  ],
  [
    `might be|could be|looks like|i think|maybe there|i think it's|somebody should look again|someone should look again|not sure|
    maybe|possible|possibly|suspect|suspected|perhaps|don't know|unsure|check again|looks as if|not sure if that's|not sure if it's|
    looks to be|appears to be|seems to be|seems to have|looks to have|appears to have|might have|may have|may be|could have|
    looks like it's|looks like it's had|looks like it has|potentially|i'm not certain|not certain|can't tell if|can't tell if that's|
    i believe|looks as though|hard to tell|looks a bit|probably|i'd say it's|i would guess|presumably|i wonder if`,
    { is: 'doubt' },
  ],
  [
    `no hang on|sorry|i mean|hang on|no wait|correction|make that|no sorry|sorry no|no i mean|wait no|actually|excuse me|
    i beg your pardon|beg your pardon|my mistake|i tell a lie|tell a lie|i meant|should say|i should say|or rather|wait|sorry that's|
    sorry that is|apologies that's|let me correct that|no actually`,
    { is: 'correct' },
  ],
  [
    `gauge|gauge reads|on the gauge|meter|meter says|paint meter|reads|reading|readings|paint readings|paint meter is|you got|
    meter reads|gauge says|gauge gives|gauge is showing|showing|shows|comes up at|coming up at|coming in at|comes in at|paint depth|
    paint gauge|depth gauge|paint thickness|microns on|mils on|measuring|measures at|paint reads|thickness gauge|meter's reading|
    meter's showing|gauge shows|meter shows|on the meter|reading of|we're reading|i'm getting|getting`,
    { is: 'gauge' },
  ],
  [
    `gear knob|gear stick|gearstick|gear lever|gearknob|shifter|gear shifter|shift knob|gear selector|badge|emblem|badges|
    number plate|licence plate|license plate|reg plate|number plates|plate|glovebox|glove box|ashtray|cup holder|cup holders|gaiter|
    cubby|window switch|switch|switches|speaker grille|bulb|bulbs|trolley|towing eye cover|tow eye cover|key blade|logbook|v5|
    paperwork|tailpipe trim|engine bay|bay|canopy|tarp|cover sheet|jack point|jacking point|frame|chassis|subframe|tray|lid of the|
    coat hook|hub nut|lug nut|wheel nut|wheel bolt|brake disc|brake discs|brake pads|discs|pads|rotors|rotor|calipers|caliper|
    cigarette|tool kit|toolkit|air freshener|sticker|stickers|sensor|sensors|door seal|door seals|seal|seals|weatherstrip|
    rubber seal|rubbers|door rubber|hinge|hinges`,
    { is: 'stranger' },
  ],
];
