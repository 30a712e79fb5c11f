/** Wörter auf den Seiten: der Weg eines Rundgangs, wie das Gerät ihn aufzeichnet. */
export const way = {
  way: {
    title: 'Der Weg',
    note: 'Weg und Zeit aufzeichnen',
    lead: 'Nur auf diesem Gerät, solange eine Seite von Emberfield vorn ist. Er geht mit dem Rundgang, wenn du ihn loslässt oder dich abmeldest.',
    walked: '{way} gegangen, 1 min | {way} gegangen, {n} min',
    at: '{place}: 1 min | {place}: {n} min',
    looking: 'umgesehen: 1 min | umgesehen: {n} min',
    unknown: 'ohne Standort: 1 min | ohne Standort: {n} min',
    pace: 'Du bist mit {percent} % des üblichen Tempos gegangen.',
    takePace: 'Rundgänge damit rechnen',
    paceTaken: 'Rundgänge werden mit deinem Tempo gerechnet.',
    save: 'Als GPX speichern',
    saved: 'Der Weg ist als Datei gespeichert.',
    savedWithout: 'Der Weg ist als Datei gespeichert, ohne das, was um geheime Orte liegt.',
    allSecret: 'Alles davon liegt um geheime Orte: nichts wurde gespeichert.',
    forget: 'Den Weg vergessen',
    forgotten: 'Der Weg ist vergessen.',
    hereFor: 'Du bist seit 1 min hier. | Du bist seit {n} min hier.',
    shared: 'Sie werden bei dem vermerkt, was du genommen hast, zu gleichen Teilen.',
    takeIt: '{n} min, seit du kamst',
  },
};
