/** Words on the screens: the way of a round, as the device notes it. */
export const way = {
  way: {
    title: 'The way',
    note: 'Note the way and the time',
    lead: 'On this device only, while a page of Emberfield is in front. It goes with the round when you let it go, or sign out.',
    walked: '{way} walked, 1 min | {way} walked, {n} min',
    at: '{place}: 1 min | {place}: {n} min',
    looking: 'looking around: 1 min | looking around: {n} min',
    unknown: 'without a position: 1 min | without a position: {n} min',
    pace: 'You walked at {percent} % of the usual pace.',
    takePace: 'Reckon rounds with it',
    paceTaken: 'Rounds are reckoned with your pace.',
    save: 'Save as GPX',
    saved: 'The way is saved as a file.',
    savedWithout: 'The way is saved as a file, without what lies around secret places.',
    allSecret: 'All of it lies around secret places: nothing was saved.',
    forget: 'Forget the way',
    forgotten: 'The way is forgotten.',
    hereFor: 'You have been here for 1 min. | You have been here for {n} min.',
    shared: 'It is noted with what you took, in equal shares.',
    takeIt: '{n} min since you came',
  },
};
