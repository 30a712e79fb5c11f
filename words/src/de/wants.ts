/** Wörter auf den Seiten: was gebraucht wird und wo es zu haben ist. */
export const wants = {
  wants: {
    title: 'Was brauchst du?',
    lead: 'So viel für einen Topf: von wie vielen Pflanzen, und an welchen Beständen es an diesem Tag zu haben ist.',
    want: 'Gebraucht',
    what: 'Pflanze und Teil',
    amount: 'Wie viel',
    remove: 'Von der Liste nehmen',
    more: 'Noch etwas dazu',
    from: 'von {plants}:',
    missing: 'Nicht zu haben: {amount}.',
    uncounted: '{place}: nicht gezählt, deshalb nur als Anteil: {share}.',
    none: 'Noch nichts, wovon zu nehmen wäre',
    noneText: 'Trage zuerst einen Bestand ein: dann steht hier, was er geben kann.',
  },
};
