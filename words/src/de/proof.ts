/** How good the dates were, in German. */
export const proof = {
  proof: {
    title: 'Wie gut sind meine Tage?',
    lead: 'Jedes Stadium, das jemand kommen sah, {days} Tage vorher vorhergesagt nur aus früheren Saisons, neben dem, wonach man ohne Vorhersage geht. Was zwischen „noch nicht“ und „erreicht“ kam, kann an jedem Tag dazwischen gekommen sein: Jeder wird gewogen, keiner gilt einfach als richtig.',
    none: 'Noch nichts zu vergleichen. Ein Stadium muss man kommen sehen, einmal „noch nicht“ und dann „erreicht“, in drei Saisons eines Bestands.',
    said: 'Über {trials} Tage lag ich um {mine} Tage daneben, der Tag vom letzten Jahr um {lastYear}, das Mittel der Jahre um {meanDate}.',
    plant: 'Pflanze und Stadium',
    trials: 'Tage',
    mine: 'Meine',
    lastYear: 'Vom letzten Jahr',
    meanDate: 'Mittel der Jahre',
    covered: 'In meinem Band',
    off: '{n} Tage daneben',
    picture: 'Tage daneben, je Pflanze',
    bands: 'Sind die Bänder ehrlich?',
    bandsLead:
      'Wo die wirklichen Tage in meinen Bändern von 8 in 10 lagen. Die Linie ist, was ehrliche Bänder ergeben.',
    band: {
      early: 'vor dem Band',
      lower: 'in der frühen Hälfte',
      upper: 'in der späten Hälfte',
      late: 'nach dem Band',
    },
    bandSaid: '{where}: {percent} %, gemeint {meant} %',
    looks: 'Wo ein Blick am meisten hilft',
    looksLead: 'Am meisten sagt ein Blick an einem Tag, an dem ein Stadium so gut da sein kann wie nicht.',
    look: 'Etwa {day}, {place}: {plant}, ist „{stage}“ erreicht?',
    lookGain: 'würde ein Fenster um {days} Tage verengen | würde {n} Fenster um zusammen {days} Tage verengen',
    noLooks: 'Kein Fenster der nächsten Wochen hängt an einem Blick.',
    waiting: 'Noch ein Bestand wird berechnet. | Noch {n} Bestände werden berechnet.',
    toAll: 'Alle Pflanzen',
  },
};
