/** Wörter auf den Seiten: eine Waage am Kabel. */
export const scale = {
  scale: {
    begin: 'Von einer Waage',
    waiting: 'warte auf die Waage',
    still: 'in Ruhe',
    settling: 'schwankt noch',
    take: 'Dieses Gewicht nehmen',
    tare: 'Null',
    stop: 'Jetzt nicht',
    standIn: 'Anstelle einer Waage, nur in der Vorführung: was darauf liegt',
    lost: 'Die Waage antwortet nicht. {why}',
  },
};
