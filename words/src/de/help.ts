/** What the application says of itself, in German. */
export const help = {
  help: {
    title: 'Hilfe',
    search: 'In der Hilfe suchen',
    none: 'Davon spricht hier nichts.',
    coals: 'Was die Kohlen bedeuten',
    strokes: 'Wie man einen Strich liest',
    strokeLabel: 'Ein Zeitfenster, das sich geöffnet hat und in einigen Wochen schließt',
    stroke:
      'Der farbige Strich ist die Zeit, in der ein Teil genommen werden kann; die senkrechte Linie ist der Tag, den du ansiehst. Wo seine Enden spitz zulaufen, ist der Tag nicht sicher: vom frühesten wahrscheinlichen bis zum spätesten. Schraffiert heißt offen, aber Doppelgänger sind noch nicht zu unterscheiden.',
    tour: 'Zeig mir alles',
    topics: {
      first: {
        title: 'Die ersten zwei Minuten',
        text: 'Drück auf Neuer Ort, wähl eine Pflanze, gib dem Ort einen Namen und sag, wo er ist: mit einem Druck auf die Karte, mit einer getippten Position oder mit „Ich bin hier“. Sofort siehst du, wann sich jeder Teil öffnet und etwa wie viel genommen werden darf. Ein neuer Bestand ist nicht geklärt: Solange niemand an den Merkmalen gesagt hat, was es ist, und nicht jeder tödliche Doppelgänger ausgeschlossen ist, wird nichts angeboten.',
      },
      day: {
        title: 'Der Herd, Tag für Tag',
        text: 'Jetzt nehmen: offen, und es ist etwas übrig. Letzte Tage: schließt binnen einer Woche. Bald: öffnet binnen drei Wochen. Gesperrt oder in Ruhe: darf nicht genommen werden, mit dem Grund. Zu tun: was in sechs Wochen ansteht, nach Tagen; „Nicht jetzt“ verschiebt eines auf diesem Gerät um zwei Wochen.',
      },
      ahead: {
        title: 'Voraus und zurück sehen',
        text: 'Der Streifen oben ist das Jahr. Zieh seine Kerbe oder drück [ und ], und alles zeigt diesen Tag: davor, was eingetragen ist, danach die Vorhersage. Auf dem Telefon öffnet ihn erst sein Pfeil. „Zurück zu heute“, die Taste t und das Zurück des Browsers führen zurück.',
      },
      visit: {
        title: 'Ein Besuch',
        text: 'Drück auf das Stadium, in dem die Pflanze jetzt ist: Dieses ist erreicht, das nächste nicht. Dazu, welcher Anteil des Bestands es ist, eine Zählung (auch „Dutzende“ ist eine), was andere genommen haben, eine Notiz, und zu jedem Doppelgänger, ob du ihn gesucht hast und was dabei herauskam. „Noch nicht“ ist so viel wert wie „erreicht“: Aus beidem lernen die Tage.',
      },
      take: {
        title: 'Eine Entnahme',
        text: 'Tipp auf die Strichliste, oder drück auf die Zahl und schreib sie. Ist die Menge erreicht, sagt die Seite das und warum; weiterzugehen verlangt einen Grund und wird als darüber vermerkt. Was genommen wurde, lässt sich in der Chronik des Bestands berichtigen oder zurücknehmen: Was da stand, bleibt lesbar.',
      },
      much: {
        title: 'Wie viel genommen werden darf',
        text: 'Die Rechnung auf der Seite eines Bestands geht Zeile für Zeile auf: was gezählt wurde, was verloren ging, die ersten und die letzten, was blühen muss, der Anteil für andere, der Anteil jeder Pflanze, was schon genommen ist. Jede Regel kann es nur weniger machen, nie mehr. Ohne Zählung ist es ein Anteil und keine Zahl.',
      },
      when: {
        title: 'Woher die Tage kommen',
        text: 'Aus der Wärme seit dem Winter an den nächsten Wetterstationen, verschoben nach Höhe, Hang und Schatten des Ortes, und aus dem, was hier und anderswo gesehen wurde. Das Band hält acht Jahre von zehn. Drück auf jede Zeile, die unten gepunktet ist: Sie sagt, woraus sie berechnet ist. Ohne Wetter gelten die üblichen Tage der Pflanze, und das wird gesagt.',
      },
      what: {
        title: 'Ist es, was ich meine?',
        text: 'Drück auf die Merkmale, die du siehst; was nicht dazu passt, fällt weg, und was noch möglich ist, bleibt im Blick, das Tödliche zuerst. Nichts wird für dich gewählt. Zum Bestätigen braucht es Merkmale von zwei Organen. Geruch und Geschmack schließen nichts aus, was schaden kann. Nicht auf der Liste heißt nicht: nicht da.',
      },
      round: {
        title: 'Ein Rundgang, und unterwegs',
        text: 'Rundgang sagt, zu welchen Orten und in welcher Reihenfolge. Die Zeiten kommen aus Entnahmen, die ihr gestoppt habt; sag, wie viel du trägst und was du zuerst willst. Mitnehmen legt ihn auf dieses Gerät: er öffnet sich ohne Netz, sagt, wohin als Nächstes und wann umkehren, und jeder Ort ist eine Liste, in die man einträgt. Weg und Zeit zeichnet er auf Wunsch auf, nur auf diesem Gerät. In Not sagt, wen man anruft.',
      },
      larder: {
        title: 'Der Vorrat',
        text: 'Was du genommen hast, liegt auf dem Tisch, bis es sortiert ist: sag, was aussortiert wurde und warum, was gut ist und wie es aufgehoben wird. Was trocknet, wird ab und zu gewogen, und die Seite sagt, wann etwa es trocken ist. Was mit einem Glas etwas gemeinsam hat, in dem etwas anderes war, wird zurückgehalten. Nichts davon heißt, dass etwas zu essen taugt.',
      },
      season: {
        title: 'Der Plan der Saison, und der Rückblick',
        text: 'Schreib auf, was das Jahr bringen soll: so viele jede Woche, so viel getrocknet, etwas daraus Gemachtes. Der Plan sagt, welcher Bestand wie viel gibt, ungefähr wann, in einem frühen, einem üblichen und einem späten Jahr, und bei dem, was nicht geht, was es aufhält. Der Rückblick schaut auf eine Saison und legt etwas für die nächste nahe, jedes mit dem, worauf es steht; nichts geschieht von selbst.',
      },
      practice: {
        title: 'Das Auge üben',
        text: 'Unter Pflanzen: fünf Fragen zu Doppelgängern, Stadien und Mengen eurer eigenen Bestände. Sag zuerst, ob du sicher bist: bei einem Paar, das töten kann, zählt kein Raten. Was du weißt, kommt später wieder. Niemand sonst sieht es.',
      },
      signal: {
        title: 'Ohne Netz',
        text: 'Was du zuletzt gelesen hast, lässt sich wieder lesen. Was du einträgst, wartet unter deinem Namen auf diesem Gerät und geht von selbst hinaus, sobald der Server antwortet; die Leiste oben sagt, wie viel wartet. Nichts wird zweimal gesendet. Mengen und Sperren werden geprüft, wenn es ankommt.',
      },
      secret: {
        title: 'Geheime Orte',
        text: 'In den Einstellungen eines Ortes: Dann sehen nur Hüter, wer ihn eingetragen hat und wen du nennst, wo er liegt. Alle anderen sehen ungefähr, wo, und „ein Ort“ als Namen, auch in Dateien, Hinweisen und Kalendern.',
      },
      rules: {
        title: 'Regeln der Gruppe',
        text: 'Hüter schalten Regeln unter Gruppe ein, für alles, was gesammelt wird, für eine Pflanze oder, mit einem Grund, für einen Bestand. Sie gelten neben dem, was der Pflanzenkatalog und das Gesetz sagen. Zuerst kommt das Recht am Ort, und wem der Grund gehört.',
      },
      undo: {
        title: 'Etwas richtigstellen',
        text: 'Was eben getan wurde, lässt sich mit dem Knopf am Fuß oder der Taste u rückgängig machen. Einträge werden in der Chronik ihres Bestands berichtigt, Beobachtungen auch auf der Leiter. Orte und Bestände, die es nicht mehr gibt, werden stillgelegt und kommen zurück, wie sie waren.',
      },
    },
    steps: {
      strip: {
        title: 'Das Jahr',
        text: 'Deine Zeitfenster durch das Jahr und der Tag, den du ansiehst. Zieh die Kerbe, und alles zeigt diesen Tag.',
      },
      lines: {
        title: 'Wofür der Tag gut ist',
        text: 'Was jetzt genommen werden kann, steht zuerst, dann, was bald schließt und was bald öffnet. Was nicht genommen werden darf, hat seinen eigenen Abschnitt.',
      },
      brief: {
        title: 'Eines davon näher',
        text: 'Wie viel, warum, worauf zu achten ist. Die Seite des Bestands sagt alles.',
      },
      find: {
        title: 'Alles finden',
        text: 'Eine Pflanze, einen Ort, einen Bestand. Die Taste ist /, und ? nennt die anderen.',
      },
      person: {
        title: 'Du, das Licht und die Hilfe',
        text: 'Tag, Nacht oder volle Sonne, die Sprache, die Tasten und noch einmal diese Hilfe.',
      },
    },
    next: 'Weiter',
    back: 'Zurück',
    done: 'Fertig',
  },
};
