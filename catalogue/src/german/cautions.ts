/** Cautions in German, by what the English says. */
export const GERMAN_CAUTIONS: Readonly<Record<string, string>> = {
  'Fresh bark and berries cause violent vomiting and purging.':
    'Frische Rinde und Beeren lösen heftiges Erbrechen und Durchfall aus.',
  'Protected: may not be picked or disturbed without a permit. Local law comes first.':
    'Geschützt: darf ohne Genehmigung weder gepflückt noch gestört werden. Zuerst kommt das Recht am Ort.',
  'Poisonous when swallowed.': 'Giftig beim Verschlucken.',
  'Can cause a skin allergy.': 'Kann eine Hautallergie auslösen.',
  'Deadly in every part; there is no antidote, and signs come hours late.':
    'In allen Teilen tödlich; es gibt kein Gegengift, und Anzeichen kommen Stunden zu spät.',
  'Wash the hands after touching it.': 'Nach dem Anfassen die Hände waschen.',
  'Raw nuts in numbers upset the stomach; roasting helps.': 'Viele rohe Nüsse verderben den Magen; Rösten hilft.',
  'Single black berries of herb Paris and nightshade ripen in the same woods: look at the twig it hangs on, berry by berry.':
    'Einzelne schwarze Beeren von Einbeere und Tollkirsche reifen in denselben Wäldern: Sieh bei jeder Beere auf den Zweig, an dem sie hängt.',
  'Eggs of the fox tapeworm are feared on low berries: washing helps little, cooking well or drying hot does. Ask what is advised where you live.':
    'Auf niedrigen Beeren fürchtet man Eier des Fuchsbandwurms: Waschen hilft wenig, gutes Kochen oder heißes Trocknen schon. Frag, was bei dir empfohlen wird.',
  'Leaves taken for long, and with diabetes or blood-thinning medicine: ask a licensed practitioner first.':
    'Blätter über längere Zeit, und bei Diabetes oder Blutverdünnern: frag erst eine Ärztin oder einen Apotheker.',
  'In many reserves picking, or picking with a comb, is forbidden; local rules come first.':
    'In vielen Schutzgebieten ist Pflücken oder Pflücken mit dem Kamm verboten; zuerst kommen die Regeln am Ort.',
  'Bitter; upsets the stomach.': 'Bitter; verdirbt den Magen.',
  'Poisonous in all parts.': 'In allen Teilen giftig.',
  'The juice is full of needles and blisters.': 'Der Saft ist voller feiner Nadeln und zieht Blasen.',
  'Green berries and leaves are poisonous; about ripe ones sources disagree, kept as not for eating.':
    'Grüne Beeren und Blätter sind giftig; über reife widersprechen sich die Quellen, hier gelten sie als nicht zum Essen.',
  'Reports of drunkenness and sickness disagree; kept as not for eating.':
    'Berichte über Rausch und Übelkeit widersprechen sich; hier gilt sie als nicht zum Essen.',
  'Poisonous: lowers blood pressure and stops the breath.': 'Giftig: senkt den Blutdruck und lähmt den Atem.',
  'Suspected to cause cancer; also through its spore dust. Customs of eating it disagree: kept as not for eating.':
    'Steht im Verdacht, Krebs auszulösen; auch durch den Sporenstaub. Die Bräuche gehen auseinander: Hier gilt er als nicht zum Essen.',
  'Do not breathe the spore dust in late summer.': 'Im Spätsommer den Sporenstaub nicht einatmen.',
  'Children pick any black berry: show them the nightshade and the bramble side by side.':
    'Kinder pflücken jede schwarze Beere: Zeig ihnen Tollkirsche und Brombeere nebeneinander.',
  'Not beside roads, railways or where brambles were sprayed; low ones where foxes and dogs pass are washed or cooked.':
    'Nicht an Straßen, Bahnlinien oder wo gespritzt wurde; niedrige an Wegen von Fuchs und Hund werden gewaschen oder gekocht.',
  'Soft berries mould within a day: eat, cook or freeze them the same evening.':
    'Weiche Beeren schimmeln binnen eines Tages: am selben Abend essen, kochen oder einfrieren.',
  'Young flag and reed-mace shoots stand together: pull one that carries last year’s brown spike.':
    'Junge Triebe von Schwertlilie und Rohrkolben stehen beisammen: Zieh einen, der noch den braunen Kolben vom letzten Jahr trägt.',
  'It gathers metals and filth from the water; raw parts can carry liver fluke. Never from ditches below roads or yards.':
    'Er sammelt Metalle und Schmutz aus dem Wasser; rohe Teile können Leberegel tragen. Nie aus Gräben unterhalb von Straßen oder Höfen.',
  'Birds nest in reeds from March to July: keep out, and keep to local rules.':
    'Von März bis Juli brüten Vögel im Röhricht: Bleib draußen, und halt dich an die Regeln am Ort.',
  'Alkaloids that harm the liver slowly.': 'Alkaloide, die die Leber langsam schädigen.',
  'Cooked; raw it upsets some.': 'Gekocht; roh verträgt ihn nicht jeder.',
  'Cut through every one: maggots.': 'Jeden durchschneiden: Maden.',
  'Jack-o’-lantern grows on buried roots and looks as if from soil: ridges, not gills, on every one.':
    'Der Ölbaumtrichterling wächst auf vergrabenen Wurzeln und scheint aus der Erde zu kommen: bei jedem Leisten, nicht Lamellen.',
  'Old and soft ones make ill.': 'Alte und weiche machen krank.',
  'Of gardens and fields: sprayed? dogs?': 'Aus Gärten und Feldern: gespritzt? Hunde?',
  'Foxglove leaves have been taken for it, with deaths.': 'Fingerhutblätter wurden dafür gehalten, mit Todesfällen.',
  'Alkaloids harm the liver slowly, in tea as well: not for eating. About its use people disagree; the cautious side is kept.':
    'Alkaloide schädigen langsam die Leber, auch im Tee: nicht zum Essen. Über den Gebrauch ist man uneins; hier gilt die vorsichtige Seite.',
  'Yards and muck heaps load it with nitrate.': 'An Höfen und Misthaufen lädt sie sich mit Nitrat auf.',
  'Shoots of yellow flag stand between: round stems only.':
    'Dazwischen stehen Triebe der Schwertlilie: nur runde Halme.',
  'Nesting birds: reed is closed from spring to autumn in many places, its shoots with it. Ask before you go near.':
    'Brütende Vögel: Schilf ist vielerorts von Frühling bis Herbst gesperrt, seine Triebe mit ihm. Frage, bevor du hingehst.',
  'Deep mud and thin ice.': 'Tiefer Schlamm und dünnes Eis.',
  'Deadly hemlock stands in the same verges. Hair on stem and leaf stalk is looked for on every plant; without it, leave it.':
    'Tödlicher Schierling steht an denselben Rainen. An jeder Pflanze wird nach Haaren an Stängel und Blattstiel gesehen; ohne sie bleibt sie stehen.',
  'Verges are salted, sprayed and dusty.': 'Straßenränder sind gesalzen, gespritzt und staubig.',
  'Deadly: cramps within the hour. The foot is the worst.':
    'Tödlich: Krämpfe binnen einer Stunde. Am schlimmsten ist der Wurzelstock.',
  'Foxglove rosettes look like it in winter.': 'Rosetten des Fingerhuts sehen im Winter so aus.',
  'Protected in many places: not picked, not dug.': 'Vielerorts geschützt: nicht pflücken, nicht graben.',
  'Cooked; leave the pips out.': 'Gekocht; die Kerne weglassen.',
  'Bog rosemary grows through it and is poisonous: berries only, no leaves.':
    'Rosmarinheide wächst hindurch und ist giftig: nur Beeren, keine Blätter.',
  'Bogs swallow: not alone.': 'Moore verschlucken: nicht allein.',
  'Bogs are reserves as a rule.': 'Moore sind meist Schutzgebiete.',
  'Young ragwort stands as a rosette in the same meadow: no milk, no dandelion.':
    'Junges Greiskraut steht als Rosette auf derselben Wiese: keine Milch, kein Löwenzahn.',
  'With gallstones or trouble of the bile, with kidney or heart medicine, or an allergy to the daisy family: ask a licensed practitioner first.':
    'Bei Gallensteinen oder Gallenleiden, mit Nieren- oder Herzmitteln oder bei Allergie gegen Korbblütler: frag erst eine Ärztin oder einen Apotheker.',
  'The milk stains, and can bring a rash.': 'Die Milch macht Flecken und kann Ausschlag bringen.',
  'Not from sprayed lawns, dog walks, or meadows fresh with slurry.':
    'Nicht von gespritztem Rasen, Hundewegen oder frisch gegüllten Wiesen.',
  'Deadly: destroys the liver.': 'Tödlich: zerstört die Leber.',
  'Suspected poisoning: call the poison line at once and keep a piece of everything.':
    'Bei Verdacht auf Vergiftung: sofort den Giftnotruf rufen und von allem ein Stück aufheben.',
  'Deadly: a few berries kill a child. They taste sweet.': 'Tödlich: Wenige Beeren töten ein Kind. Sie schmecken süß.',
  'Deadly: half a cap. Signs come late, when the liver is already going.':
    'Tödlich: ein halber Hut. Anzeichen kommen spät, wenn die Leber schon versagt.',
  'The hairs inside the hip itch and hurt mouth, throat and gut: take them out, or sieve through a fine cloth.':
    'Die Haare in der Hagebutte jucken und verletzen Mund, Hals und Darm: Nimm sie heraus, oder seih durch ein feines Tuch.',
  'Prickles tear: thick gloves and sleeves.': 'Stacheln reißen: dicke Handschuhe und Ärmel.',
  'Not from hedges by busy roads or sprayed fields.':
    'Nicht aus Hecken an viel befahrenen Straßen oder gespritzten Feldern.',
  'Yew is deadly: resin and pointed buds on every twig, or leave it.':
    'Eibe ist tödlich: Harz und spitze Knospen an jedem Zweig, sonst stehen lassen.',
  'Planted: the owner’s leave, and not where it is sprayed.':
    'Gepflanzt: mit Erlaubnis des Eigentümers, und nicht, wo gespritzt wird.',
  'Poisonous, the berries too, raw or cooked.': 'Giftig, auch die Beeren, roh wie gekocht.',
  'A flower head that grows from a green stem out of the ground is not elder.':
    'Ein Blütenstand, der an grünem Stängel aus dem Boden wächst, ist kein Holunder.',
  'Berries raw, and leaves, bark and unripe fruit in any form, make ill: only ripe berries, cooked, stalks removed.':
    'Rohe Beeren sowie Blätter, Rinde und unreife Früchte in jeder Form machen krank: nur reife Beeren, gekocht, ohne Stiele.',
  'First-year rosettes only, and settled: foxglove and ragwort rosettes stand on the same ground.':
    'Nur Rosetten des ersten Jahres, und geklärt: Rosetten von Fingerhut und Greiskraut stehen auf demselben Boden.',
  'Railway ground was sprayed and tipped on for a century: ask.':
    'Bahngelände wurde hundert Jahre lang gespritzt und aufgeschüttet: Frag.',
  'Upsets many stomachs.': 'Verdirbt vielen den Magen.',
  'Deadly, cooked as well; customs of eating it after boiling have killed.':
    'Tödlich, auch gekocht; der Brauch, sie abgekocht zu essen, hat getötet.',
  'Death caps stand at wood edges and under single oaks in pasture. White gills or a bag: nothing from that place.':
    'Knollenblätterpilze stehen an Waldrändern und unter einzelnen Eichen auf der Weide. Weiße Lamellen oder ein Sack am Fuß: nichts von dieser Stelle.',
  'Pastures are treated: ask.': 'Weiden werden behandelt: Frag.',
  'Deadly: a few leaves stop the heart, dried ones too.':
    'Tödlich: Wenige Blätter lassen das Herz stillstehen, auch getrocknete.',
  'Deadly: destroys the liver, signs come half a day late.':
    'Tödlich: zerstört die Leber, Anzeichen kommen einen halben Tag zu spät.',
  'Fingers that have crushed one leaf make every next one smell: look at the shape of each rosette as well.':
    'Finger, die ein Blatt zerrieben haben, lassen jedes nächste riechen: Sieh auch auf die Form jeder Rosette.',
  'Where it is not native it crowds out the wood floor: carry no seed there, and ask what local rules want done with it.':
    'Wo sie nicht heimisch ist, verdrängt sie den Waldboden: Trag keinen Samen hin, und frag, was die Regeln am Ort damit wollen.',
  'Hedge feet are where dogs go and sprays drift: look before you pick, and wash.':
    'An Heckenfüßen gehen Hunde und weht Spritzmittel hin: Sieh hin, bevor du pflückst, und wasch.',
  'Sap and sun together burn and blister. Cover all skin and eyes; wash at once and stay out of the sun.':
    'Saft und Sonne zusammen verbrennen die Haut und ziehen Blasen. Bedeck Haut und Augen ganz; wasch sofort und meide die Sonne.',
  'Never carry its seed: clean boots, and report it.': 'Trag nie seinen Samen weiter: Stiefel reinigen, und melde ihn.',
  'First-year rosettes of foxglove have been taken for it. Felt of branched hairs on both sides, or leave it.':
    'Rosetten des Fingerhuts wurden dafür gehalten. Filz aus verzweigten Haaren auf beiden Seiten, sonst stehen lassen.',
  'Hairs scratch the throat: strain tea through cloth. Seeds are poisonous to fish and not for eating.':
    'Haare kratzen im Hals: Tee durch ein Tuch seihen. Die Samen sind giftig für Fische und nicht zum Essen.',
  'A root alone cannot be named. Mark rosettes while they are in leaf and dig only at the mark.':
    'Eine Wurzel allein lässt sich nicht bestimmen. Markier Rosetten, solange sie Blätter haben, und grab nur an der Marke.',
  'Digging needs the owner’s leave.': 'Graben braucht die Erlaubnis des Eigentümers.',
  'Bur hairs hurt eyes and skin.': 'Haare der Kletten verletzen Augen und Haut.',
  'In pregnancy and with plants of the daisy family as an allergy: ask a licensed practitioner.':
    'In der Schwangerschaft und bei Allergie gegen Korbblütler: frag eine Ärztin oder einen Apotheker.',
  'Its family holds the deadliest plants there are. Whoever has not learned those leaves the family alone.':
    'In seiner Familie stehen die tödlichsten Pflanzen überhaupt. Wer die nicht gelernt hat, lässt die Familie in Ruhe.',
  'Roots in the compost are a new stand: dry them first. Ask whether it was sprayed.':
    'Wurzeln im Kompost sind ein neuer Bestand: Trockne sie erst. Frag, ob gespritzt wurde.',
  'Blossom, leaves and haws act on the heart and blood pressure: who has heart trouble or takes medicine for it asks a licensed practitioner first.':
    'Blüten, Blätter und Beeren wirken auf Herz und Blutdruck: Wer herzkrank ist oder Mittel dafür nimmt, fragt erst eine Ärztin oder einen Apotheker.',
  'Do not crush or eat the stones: the kernels give off prussic acid.':
    'Die Kerne nicht zerdrücken oder essen: Sie geben Blausäure ab.',
  'Hedges of fields are sprayed from the side: ask, and not by roads.':
    'Feldhecken werden von der Seite gespritzt: Frag, und nicht an Straßen.',
  'A thorn broken off in a joint inflames: see a doctor.': 'Ein im Gelenk abgebrochener Dorn entzündet sich: zum Arzt.',
  'Hazelnut allergy can be severe, and goes with birch-pollen allergy.':
    'Eine Haselnussallergie kann schwer sein und geht mit Birkenpollenallergie einher.',
  'Throw out nuts with a bitter or mouldy kernel.': 'Nüsse mit bitterem oder schimmligem Kern wegwerfen.',
  'Old ones are bitter: young, and cooked.': 'Alte sind bitter: jung, und gekocht.',
  'Deadly: paralyses the breathing. No part of an unsettled umbellifer goes near the mouth.':
    'Tödlich: lähmt die Atmung. Kein Teil eines ungeklärten Doldenblütlers kommt in die Nähe des Mundes.',
  'Gloves; never blow through the hollow stalks.': 'Handschuhe; nie durch die hohlen Stängel blasen.',
  'Deadly within hours, the roots most. Its pleasant smell has killed people.':
    'Tödlich binnen Stunden, am meisten die Wurzeln. Ihr angenehmer Geruch hat Menschen getötet.',
  'Sap irritates: gloves.': 'Der Saft reizt: Handschuhe.',
  'Poisonous; the single berry has been taken for a bilberry.':
    'Giftig; die einzelne Beere wurde für eine Heidelbeere gehalten.',
  'Never sow or scatter its seed, none on boots or in compost.':
    'Seinen Samen nie säen oder verstreuen, keiner an Stiefeln oder im Kompost.',
  'Raw it is full of oxalic acid.': 'Roh ist es voller Oxalsäure.',
  'Shoots of both bryonies come in the same hedges in the same weeks and are poisonous.':
    'Triebe von Zaunrübe und Schmerwurz kommen in denselben Hecken in denselben Wochen und sind giftig.',
  'Rough stems scratch and can raise a rash.': 'Raue Stängel kratzen und können Ausschlag bringen.',
  'Conkers are poisonous.': 'Rosskastanien sind giftig.',
  'Poisonous: violent vomiting.': 'Giftig: heftiges Erbrechen.',
  'A piece as long as a nail makes a new stand: nothing leaves the place uncooked, nothing into compost; moving it is forbidden in many countries.':
    'Ein Stück so lang wie ein Nagel macht einen neuen Bestand: Nichts verlässt den Ort ungekocht, nichts in den Kompost; ihn zu bewegen ist in vielen Ländern verboten.',
  'Ask whether it was sprayed: often it was.': 'Frag, ob gespritzt wurde: oft ja.',
  'Oxalic acid: with kidney stones ask a licensed practitioner.':
    'Oxalsäure: bei Nierensteinen frag eine Ärztin oder einen Apotheker.',
  'It may thin the blood: with such medicines ask a licensed practitioner.':
    'Es kann das Blut verdünnen: mit solchen Mitteln frag eine Ärztin oder einen Apotheker.',
  'Slice it: whole ears burst in hot fat.': 'Schneid es: Ganze Ohren platzen in heißem Fett.',
  'Savin, planted and wild, is deadly: sharp needles in threes, or leave it.':
    'Sadebaum, gepflanzt wie wild, ist tödlich: spitze Nadeln zu dritt, sonst stehen lassen.',
  'Not in pregnancy, not with kidney trouble: ask a licensed practitioner.':
    'Nicht in der Schwangerschaft, nicht bei Nierenleiden: frag eine Ärztin oder einen Apotheker.',
  'Yew is deadly: soft tufts on knobs and resin, or leave it.':
    'Eibe ist tödlich: weiche Büschel auf Höckern und Harz, sonst stehen lassen.',
  'Tips are the owner’s: ask, and never in sprayed plantations.':
    'Spitzen gehören dem Eigentümer: Frag, und nie in gespritzten Pflanzungen.',
  'Deadly: stops the heart. The water of a cut bunch poisons as well.':
    'Tödlich: lässt das Herz stillstehen. Auch das Wasser eines Straußes vergiftet.',
  'Fox tapeworm is feared on low berries: cook or wash well.':
    'Auf niedrigen Beeren fürchtet man den Fuchsbandwurm: kochen oder gut waschen.',
  'Needles of oxalate burn mouth and throat and can close it. Berries tempt children.':
    'Nadeln aus Oxalat verbrennen Mund und Hals und können ihn zuschwellen lassen. Die Beeren locken Kinder.',
  'The juice irritates the skin.': 'Der Saft reizt die Haut.',
  'Poisonous, the root most.': 'Giftig, am meisten die Wurzel.',
  'Grows in ditches with water-dropwort: no umbels, no hollow stems in the basket.':
    'Wächst in Gräben mit der Rebendolde: keine Dolden, keine hohlen Stängel im Korb.',
  'Holds salicylates: not with an allergy to them, blood thinners or for children with fever; ask a licensed practitioner.':
    'Enthält Salicylate: nicht bei Allergie dagegen, mit Blutverdünnern oder für Kinder mit Fieber; frag eine Ärztin oder einen Apotheker.',
  'Deadly in tiny amounts.': 'Tödlich in winzigen Mengen.',
  'The poison goes through the skin: do not touch it bare-handed.':
    'Das Gift geht durch die Haut: nicht mit bloßen Händen anfassen.',
  'False morels kill: pits and one clean hollow in every single one.':
    'Lorcheln töten: Gruben und ein einziger sauberer Hohlraum bei jeder einzelnen.',
  'Raw and underdone they make ill, and with alcohol some people.':
    'Roh und halbgar machen sie krank, mit Alkohol auch manche, die sie sonst vertragen.',
  'Yew has killed people and animals. A flat needle without resin smell: leave it.':
    'Eibe hat Menschen und Tiere getötet. Eine flache Nadel ohne Harzgeruch: stehen lassen.',
  'Tips are the owner’s: ask the forester, and never in plantations or Christmas-tree fields, which are sprayed.':
    'Spitzen gehören dem Eigentümer: Frag den Förster, und nie in Pflanzungen oder Christbaumkulturen, die gespritzt werden.',
  'Boiled at least fifteen minutes and the water thrown away: undercooked croziers have made many people ill.':
    'Mindestens fünfzehn Minuten gekocht und das Wasser weggegossen: Halbgare Wedel haben viele krank gemacht.',
  'A slow crown: rest it every second year.': 'Eine langsame Krone: Lass sie jedes zweite Jahr ruhen.',
  'Other kinds share the log: every cap is looked at.': 'Andere Arten teilen den Stamm: Jeder Hut wird angesehen.',
  'Cooked only.': 'Nur gekocht.',
  'Small dapperlings kill: nothing below the width of a hand, and the ring slides.':
    'Kleine Schirmlinge töten: nichts unter Handbreite, und der Ring ist verschiebbar.',
  'Cooked; the stem is wood.': 'Gekocht; der Stiel ist holzig.',
  'Raw acorns are full of tannin and harm the kidneys: several waters, until nothing is bitter.':
    'Rohe Eicheln sind voller Gerbstoff und schaden den Nieren: mehrere Wasser, bis nichts mehr bitter ist.',
  'Harms the liver, little by little and without a warning; dried as well.':
    'Schädigt die Leber, nach und nach und ohne Warnung; auch getrocknet.',
  'Autumn crocus and lily of the valley grow in the middle of ramsons and have killed people who picked by the handful. Smell wears off on the hands: check each leaf by more than its smell.':
    'Herbstzeitlose und Maiglöckchen wachsen mitten im Bärlauch und haben Leute getötet, die büschelweise pflückten. Der Geruch färbt auf die Hände ab: Prüf jedes Blatt an mehr als seinem Geruch.',
  'Foxes and dogs use the same woods: washing does not take tapeworm eggs off, cooking does.':
    'Füchse und Hunde gehen durch dieselben Wälder: Waschen entfernt Bandwurmeier nicht, Kochen schon.',
  'Maggots: look inside.': 'Maden: Sieh hinein.',
  'In pregnancy ask a licensed practitioner about the leaves.':
    'In der Schwangerschaft frag wegen der Blätter eine Ärztin oder eine Hebamme.',
  'Foxglove rosettes have been taken for plantains: veins side by side, or leave it.':
    'Rosetten des Fingerhuts wurden für Wegerich gehalten: Adern nebeneinander, sonst stehen lassen.',
  'Grows where dogs and boots go.': 'Wächst, wo Hunde und Stiefel gehen.',
  'Deadly water-dropwort grows in wet gullies down to the shore: only fleshy leaves.':
    'Tödliche Rebendolde wächst in nassen Rinnen bis zum Ufer: nur fleischige Blätter.',
  'Cliffs and tide: not alone, with the time of low water known.':
    'Klippen und Flut: nicht allein, und die Zeit des Niedrigwassers kennen.',
  'The owner’s leave; on reserves not at all.': 'Mit Erlaubnis des Eigentümers; in Schutzgebieten gar nicht.',
  'Raw berries upset the stomach: cooked only. Seeds hold a little cyanide: sieve them out.':
    'Rohe Beeren verderben den Magen: nur gekocht. Die Samen enthalten etwas Blausäure: absieben.',
  'Deadly, and the oil harms through the skin.': 'Tödlich, und das Öl schadet durch die Haut.',
  'Poisonous.': 'Giftig.',
  'Yew is deadly: needles in twos and resin, or leave it.':
    'Eibe ist tödlich: Nadeln zu zweit und Harz, sonst stehen lassen.',
  'Pollen allergy.': 'Pollenallergie.',
  'Tips are the owner’s.': 'Spitzen gehören dem Eigentümer.',
  'Shaded banks above the beach hold lords-and-ladies.': 'An schattigen Böschungen über dem Strand steht Aronstab.',
  'Tide lines carry oil and sewage.': 'Spülsäume tragen Öl und Abwasser.',
  'Dunes are held by it: ask, and stay on paths.': 'Er hält die Dünen fest: Frag, und bleib auf den Wegen.',
  'Sap ferments within a day or two: cool it at once.': 'Saft gärt binnen ein, zwei Tagen: sofort kühlen.',
  'Tapping harms a tree that belongs to somebody: ask first.':
    'Anzapfen schadet einem Baum, der jemandem gehört: Frag zuerst.',
  'With birch-pollen allergy, heart or kidney trouble: ask a licensed practitioner.':
    'Bei Birkenpollenallergie, Herz- oder Nierenleiden: frag eine Ärztin oder einen Apotheker.',
  'Yew is the deadly twin: white bands, round foot and resin on every twig, or leave it.':
    'Eibe ist der tödliche Zwilling: weiße Streifen, runder Fuß und Harz an jedem Zweig, sonst stehen lassen.',
  'Tips are the owner’s, and young firs are often fenced for a reason.':
    'Spitzen gehören dem Eigentümer, und junge Tannen sind oft aus gutem Grund eingezäunt.',
  'Black berries of nightshade and buckthorn ripen in the same hedges: only what grows single, blue-bloomed, on a thorny twig, with one stone.':
    'Schwarze Beeren von Nachtschatten und Kreuzdorn reifen in denselben Hecken: nur, was einzeln, blau bereift, an dornigem Zweig wächst und einen Stein hat.',
  'Blossom taken too late turns and is said to upset; take only fresh ones.':
    'Zu spät genommene Blüten kippen und sollen nicht bekommen; nimm nur frische.',
  'Avenue trees stand by roads: dust and spray settle on the blossom. Bees are at work: look before you grasp.':
    'Alleebäume stehen an Straßen: Staub und Spritzwasser setzen sich auf die Blüten. Bienen sind am Werk: Sieh hin, bevor du greifst.',
  'With heart trouble ask a licensed practitioner before drinking it often.':
    'Bei Herzleiden frag eine Ärztin oder einen Apotheker, bevor du ihn oft trinkst.',
  'Wet ground and ticks.': 'Nasser Boden und Zecken.',
  'Young lords-and-ladies among it burn the mouth.': 'Junger Aronstab dazwischen verbrennt den Mund.',
  'Oxalic acid: not much, and not with kidney stones, gout or rheumatism; ask a licensed practitioner.':
    'Oxalsäure: nicht viel, und nicht bei Nierensteinen, Gicht oder Rheuma; frag eine Ärztin oder einen Apotheker.',
  'Poisonous; harm shows late.': 'Giftig; der Schaden zeigt sich spät.',
  'Stings through thin cloth: gloves and long sleeves.': 'Brennt durch dünnen Stoff: Handschuhe und lange Ärmel.',
  'Not once it has flowered: older leaves form gritty crystals (cystoliths).':
    'Nicht mehr nach der Blüte: Ältere Blätter bilden körnige Kristalle (Zystolithen).',
  'Grows best where there is most dung and waste: look at what feeds it before you pick.':
    'Wächst am besten, wo am meisten Mist und Abfall ist: Sieh, was sie nährt, bevor du pflückst.',
  'Who takes medicine for blood pressure, blood clotting or kidneys should ask a licensed practitioner first.':
    'Wer Mittel für Blutdruck, Blutgerinnung oder Nieren nimmt, fragt erst eine Ärztin oder einen Apotheker.',
  'Conkers are poisonous: a tuft at the tip and a husk like a hedgehog.':
    'Rosskastanien sind giftig: ein Büschel an der Spitze und eine Hülle wie ein Igel.',
  'Maggots and mould: cut one open of every handful.': 'Maden und Schimmel: Schneid aus jeder Handvoll eine auf.',
  'Deadly hemlock looks like it from two steps away: each leaf is rubbed and smelled with clean fingers, and its hair looked for.':
    'Tödlicher Schierling sieht auf zwei Schritte so aus: Jedes Blatt wird mit sauberen Fingern gerieben und gerochen, und nach seinen Haaren wird gesehen.',
  'Roots of the deadly water umbels lie in the same mud. Mark valerian in flower; dig only at the mark.':
    'Wurzeln der tödlichen Wasserdolden liegen im selben Schlamm. Markier Baldrian in Blüte; grab nur an der Marke.',
  'Digging needs the owner’s leave, and wet meadows are often protected.':
    'Graben braucht die Erlaubnis des Eigentümers, und Nasswiesen sind oft geschützt.',
  'Acts on sleep and alertness; with medicines, in pregnancy and before driving ask a licensed practitioner. Emberfield gives no doses.':
    'Wirkt auf Schlaf und Wachheit; mit Arzneien, in der Schwangerschaft und vor dem Fahren frag eine Ärztin oder einen Apotheker. Emberfield nennt keine Mengen zum Einnehmen.',
  'The funeral bell can stand in the same tuft. Without a white spore print from this very log nothing is taken.':
    'Der Gift-Häubling kann im selben Büschel stehen. Ohne weißen Sporenabdruck von genau diesem Stamm wird nichts genommen.',
  'Only well cooked. Old, limp or frozen-and-thawed caps make ill even when the species is right.':
    'Nur gut durchgekocht. Alte, schlaffe oder gefrorene und getaute Hüte machen krank, auch wenn die Art stimmt.',
  'Anything odd after a mushroom meal, even a day later: call the poison line and keep a piece of everything.':
    'Alles Seltsame nach einem Pilzessen, auch einen Tag später: den Giftnotruf rufen und von allem ein Stück aufheben.',
  'Raw water plants can carry liver fluke: dry or cook.':
    'Rohe Wasserpflanzen können Leberegel tragen: trocknen oder kochen.',
  'In pregnancy ask a licensed practitioner.': 'In der Schwangerschaft frag eine Ärztin oder eine Hebamme.',
  'Water-dropwort grows in the same ditches: no sheathing stalks in the bunch.':
    'Rebendolde wächst in denselben Gräben: keine Stiele mit Scheiden im Bund.',
  'Liver fluke cannot be washed off: cooked through, never raw from the wild.':
    'Leberegel lassen sich nicht abwaschen: durchgekocht, nie roh aus der Wildnis.',
  'A dye, not a food.': 'Eine Farbe, kein Essen.',
  'Poisonous: berries and root.': 'Giftig: Beeren und Wurzel.',
  'The root blisters the skin.': 'Die Wurzel zieht Blasen auf der Haut.',
  'Deadly: the root above all.': 'Tödlich: vor allem die Wurzel.',
  'Bark holds salicin, a kin of aspirin: not for children, nor for who bears aspirin badly; as a remedy only after asking a licensed practitioner.':
    'Die Rinde enthält Salicin, verwandt mit Aspirin: nichts für Kinder und nichts für alle, die Aspirin schlecht vertragen; als Heilmittel nur, nachdem du eine Ärztin oder einen Apotheker gefragt hast.',
  'Grows among hemlock, cowbane and water-dropwort, which kill. Nothing of an unsettled umbellifer is taken, at any stage.':
    'Wächst zwischen Schierling, Wasserschierling und Rebendolde, die töten. Von einem ungeklärten Doldenblütler wird nichts genommen, in keinem Stadium.',
  'Sap and sun can burn: gloves.': 'Saft und Sonne können verbrennen: Handschuhe.',
  'Deadly rosettes of hemlock have been dug for it. Hair on the leaf stalk of every single plant.':
    'Tödliche Rosetten des Schierlings wurden dafür gegraben. Haare am Blattstiel jeder einzelnen Pflanze.',
  'The seed is not for pregnant people: ask a licensed practitioner.':
    'Die Samen sind nichts für Schwangere: frag eine Ärztin oder eine Hebamme.',
  'Rashes with strawberry allergy.': 'Ausschlag bei Erdbeerallergie.',
  'Spreads beyond control in some countries: check before sowing.':
    'Breitet sich in manchen Ländern unbeherrschbar aus: prüfen vor dem Säen.',
  'Poisonous; the root burns.': 'Giftig; die Wurzel brennt.',
  'Juice blisters the skin of some people.': 'Der Saft zieht bei manchen Blasen auf der Haut.',
  'White hellebore grows among it; roots dug without leaves have killed.':
    'Weißer Germer wächst dazwischen; ohne Blätter gegrabene Wurzeln haben getötet.',
  'Protected in many places, elsewhere under permit and quota.':
    'Vielerorts geschützt, anderswo nur mit Genehmigung und Höchstmenge.',
  'Upsets the stomach of most people.': 'Verdirbt den meisten den Magen.',
  'Deadly: needles, wood, bark and seed. A handful kills a horse.':
    'Tödlich: Nadeln, Holz, Rinde und Samen. Eine Handvoll tötet ein Pferd.',
  'Many countries limit how much may be gathered in a day, or where: ask first.':
    'Viele Länder begrenzen, wie viel am Tag oder wo gesammelt werden darf: vorher fragen.',
  'Gathers radioactive caesium where it once rained down: ask what is advised where you live.':
    'Reichert radioaktives Caesium an, wo es einst herabregnete: Frag, was bei dir geraten wird.',
  'Gathers cadmium and mercury: eaten seldom, and not from beside roads or works.':
    'Reichert Cadmium und Quecksilber an: selten gegessen und nicht neben Straßen oder Werken.',
  'Its sap and the sun together can burn the skin: gloves, and wash it off.':
    'Sein Saft kann mit der Sonne zusammen die Haut verbrennen: Handschuhe, und abwaschen.',
  'Not for pregnant people, nor with medicines that thin the blood: ask a licensed practitioner.':
    'Nichts für Schwangere und nichts zu Mitteln, die das Blut verdünnen: eine Ärztin oder einen Apotheker fragen.',
  'Not for pregnant people, nor with medicines that make drowsy: ask a licensed practitioner.':
    'Nichts für Schwangere und nichts zu Mitteln, die müde machen: eine Ärztin oder einen Apotheker fragen.',
  'Not for pregnant people, nor with ulcers of the stomach: ask a licensed practitioner.':
    'Nichts für Schwangere und nichts bei Magengeschwüren: eine Ärztin oder einen Apotheker fragen.',
  'Gathers lead and other metals: not below mines, roads or yards.':
    'Reichert Blei und andere Metalle an: nicht unterhalb von Bergwerken, Straßen oder Höfen.',
  'It also holds an enzyme that destroys vitamin B1: animals that eat much of it fall ill.':
    'Er enthält auch ein Enzym, das Vitamin B1 zerstört: Tiere, die viel davon fressen, werden krank.',
};
