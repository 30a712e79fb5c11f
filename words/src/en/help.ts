/** Words on the screens: what the application says of itself. */
export const help = {
  help: {
    title: 'Help',
    search: 'Search in the help',
    none: 'Nothing here speaks of that.',
    coals: 'What the coals mean',
    strokes: 'How a stroke is read',
    strokeLabel: 'A window that has opened and closes in some weeks',
    stroke:
      'The coloured stroke is the time in which a part can be taken; the upright line is the day looked at. Where its ends taper, the day is not certain: from the earliest likely one to the latest. Hatched means open, but look-alikes cannot be told apart yet.',
    tour: 'Show me round',
    topics: {
      first: {
        title: 'The first two minutes',
        text: 'Press New patch, choose a plant, name the place and say where it is: by pressing on the map, by typing a position, or with “I am here”. At once you see when each part opens and about how much may be taken. A new stand is not settled: until somebody has said by its signs what it is, and every deadly look-alike is ruled out, nothing is offered.',
      },
      day: {
        title: 'The Hearth, day by day',
        text: 'Take now: open, and something is left. Last call: closes within a week. Soon: opens within three weeks. Locked or resting: may not be taken, with the reason. Duties: what wants doing within six weeks, by its day; “Not now” puts one off for two weeks on this device.',
      },
      ahead: {
        title: 'Looking ahead and back',
        text: 'The strip at the top is the year. Drag its notch, or press [ and ], and everything shows that day: the record up to it, the forecast beyond. On the phone it is opened by its arrow first. “Back to today”, the key t and the browser’s Back all return.',
      },
      visit: {
        title: 'A visit',
        text: 'Press the stage at which the plant is now: that one is reached, the next is not. Add how much of the stand it is, a count (even “dozens” is one), what was lost to others, a note, and for each look-alike whether you looked for it and what came of it. “Not yet” is worth as much as “reached”: dates learn from both.',
      },
      take: {
        title: 'A take',
        text: 'Tap the tally, or press the number and type it. When the allowance is reached the screen says so and why; to go on takes a reason and is kept as over. What was taken can be corrected or taken back in the record of its stand: what it was stays readable.',
      },
      much: {
        title: 'How much may be taken',
        text: 'The sum on the page of a stand adds up line by line: what was counted, what was lost, the first and the last, what must flower, the share for others, the share of each plant, what was taken already. Every rule can only make it less, never more. Without a count it is a share, not a number.',
      },
      when: {
        title: 'Where the dates come from',
        text: 'From the warmth since winter at the nearest weather stations, moved by height, slope and shade of the place, and from what was seen here and elsewhere. The band holds eight years of ten. Press any line that is dotted underneath: it says what it is reckoned from. Without weather the plant’s usual days are taken, and that is said.',
      },
      what: {
        title: 'Is it what I think?',
        text: 'Press the signs that you see; what they do not fit falls away, and what is still possible stays in sight, the deadly first. Nothing is chosen for you. To confirm needs signs of two organs. Smell and taste rule nothing out that can harm. Not on the list does not mean absent.',
      },
      round: {
        title: 'A round, and out on it',
        text: 'Round says which places to go to and in which order. Times come from takes that you timed; say how much you carry, and what you want first. Take it along puts it on this device: it opens without a signal, says where to go next and when to turn back, and each place is one list to note things in. It can note the way and the time, on this device only. In need says whom to call.',
      },
      larder: {
        title: 'The larder',
        text: 'What you took lies on the table until it is sorted: say what was thrown out and why, what is good, and how it is kept. What dries is weighed now and then, and the page says about when it will be dry. What shares something with a jar in which something else was found is held back. None of it says that anything is good to eat.',
      },
      season: {
        title: 'The season’s plan, and the ledger',
        text: 'Write down what the year should bring: so many each week, so much dried, something made of it. The plan says which stand gives how much, about when, in an early, a usual and a late year, and of what cannot be met what holds it back. The ledger looks back on a season and suggests things for the next, each with what it stands on; nothing is done by itself.',
      },
      practice: {
        title: 'Practising the eye',
        text: 'Under Plants: five questions about the look-alikes, stages and amounts of your own stands. Say first whether you are sure: of a pair that may kill no guess counts. What you know comes again later. Nobody else sees it.',
      },
      signal: {
        title: 'Without a signal',
        text: 'What you read lately can be read again. What you enter waits on this device under your name and goes by itself when the server answers; the bar at the top says how much waits. Nothing is sent twice. Amounts and locks are checked when it arrives.',
      },
      secret: {
        title: 'Secret places',
        text: 'In the settings of a place: then only keepers, whoever entered it and those you name see where it lies. All others see about where, called “a place”, also in files, notices and calendars.',
      },
      rules: {
        title: 'Rules of the group',
        text: 'Keepers switch rules on under Group, for all that is gathered, for one plant, or for one stand with a reason. They hold beside what the catalogue and the law say. Local law comes first, and whoever owns the ground.',
      },
      undo: {
        title: 'Putting things right',
        text: 'What was just done can be undone with the button at the foot or the key u. Entries are corrected in the record of their stand, sightings also on the ladder. Places and stands that are no more are retired, and come back as they were.',
      },
    },
    steps: {
      strip: {
        title: 'The year',
        text: 'Your windows through the year, and the day looked at. Drag the notch and everything shows that day.',
      },
      lines: {
        title: 'What the day is for',
        text: 'What can be taken now stands first, then what closes soon and what opens soon. What may not be taken has its own section.',
      },
      brief: {
        title: 'One of them closer',
        text: 'How much, why, what to look out for. The page of the stand says all of it.',
      },
      find: {
        title: 'Find anything',
        text: 'A plant, a place, a stand. The key is /, and ? lists the others.',
      },
      person: {
        title: 'You, the light, and help',
        text: 'Day, night or full sun, the language, the keys, and this help again.',
      },
    },
    next: 'Next',
    back: 'Back',
    done: 'Done',
  },
};
