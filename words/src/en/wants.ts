/** Words on the screens: what is wanted, and where it can be had. */
export const wants = {
  wants: {
    title: 'What do you need?',
    lead: 'So much for a pot: from how many plants, and at which stands it can be had on this day.',
    want: 'Wanted',
    what: 'Plant and part',
    amount: 'How much',
    remove: 'Take it off the list',
    more: 'Something else for it',
    from: 'from {plants} at',
    missing: 'Not to be had: {amount}.',
    uncounted: '{place}: not counted, so only a share can be said: {share}.',
    none: 'Nothing to want from yet',
    noneText: 'Enter a stand first: then it is said what it can give.',
  },
};
