/** Herbs, roots and greens of North America, in German, by what the English says. */
export const GERMAN_AMERICAN_HERBS: Readonly<Record<string, string>> = {
  'tight green buds': 'feste grüne Knospen',
  'pods as long as a thumb': 'daumenlange Schoten',
  'pods open': 'Schoten offen',
  'grey stalks': 'graue Stängel',
  'Snap below a hand’s height; only from shoots that were seen as milkweed the year before.':
    'Unter einer Handhöhe brechen; nur Triebe, die im Vorjahr als Seidenpflanze gesehen wurden.',
  'A second shoot follows; one cut a year.': 'Ein zweiter Trieb folgt; ein Schnitt im Jahr.',
  'Pinch tight green clusters; look for caterpillars and leave those.':
    'Feste grüne Büschel zwicken; nach Raupen sehen und diese lassen.',
  'That cluster makes no pods.': 'Dieses Büschel gibt keine Schoten.',
  'Shake insects off, cut one ball of a stem.': 'Insekten abschütteln, eine Kugel je Stängel schneiden.',
  'That ball makes no pods.': 'Diese Kugel gibt keine Schoten.',
  'for syrup': 'für Sirup',
  'small pods': 'kleine Schoten',
  'Firm, shorter than a thumb; white and soft inside.': 'Fest, kürzer als ein Daumen; innen weiß und weich.',
  'Seed is lost; half of the pods stay.': 'Samen geht verloren; die Hälfte der Schoten bleibt.',
  'stalk fibre': 'Stängelfaser',
  'Take grey dead stalks after frost; crack and strip.':
    'Graue tote Stängel nach dem Frost nehmen; brechen und abziehen.',
  'Nothing: they are dead.': 'Nichts: Sie sind tot.',
  cord: 'Schnur',
  'shorter than a hand': 'kürzer als eine Hand',
  'Thick white milk; one stem, seldom branched, downy.': 'Dicke weiße Milch; ein Stängel, selten verzweigt, flaumig.',
  'Broad ovals in pairs, felted beneath, pink midrib.': 'Breite Ovale in Paaren, unten filzig, rosa Mittelrippe.',
  'Warty grey pods full of silk.': 'Warzige graue Schoten voll Seide.',
  'Shoots thin, hairless, solid inside, branching above; pods thin as pencils.':
    'Triebe dünn, kahl, innen voll, oben verzweigt; Schoten dünn wie Bleistifte.',
  'Dogbane shoots come up in the same fields with the same milk: hair and hollow on every one.':
    'Triebe des Hanf-Hundsgifts kommen mit derselben Milch in denselben Feldern: bei jedem Haare und Höhlung prüfen.',
  'Never raw; narrow-leaved and western kinds are more poisonous.':
    'Nie roh; schmalblättrige und westliche Arten sind giftiger.',
  'Monarch butterflies need it: no stem with eggs or caterpillars.':
    'Monarchfalter brauchen sie: kein Stängel mit Eiern oder Raupen.',
  'Buds and pods boiled, then frozen; stalks dry.': 'Knospen und Schoten gekocht, dann gefroren; Stängel trocken.',
  'small white bells': 'kleine weiße Glocken',
  'thin pods': 'dünne Schoten',
  'red stalks': 'rote Stängel',
  'Thin, red, bare, solid; white milk.': 'Dünn, rot, kahl, voll; weiße Milch.',
  'Branches above.': 'Oben verzweigt.',
  'Pairs of pods thin as pencils.': 'Paare bleistiftdünner Schoten.',
  'Poisonous: stops the heart.': 'Giftig: hält das Herz an.',
  'The milk can blister skin.': 'Der Milchsaft kann Blasen ziehen.',
  'yellow heads': 'gelbe Köpfe',
  'leaves die': 'Blätter sterben',
  'Cut leaves a hand long, the whole bed lightly, not one plant bare; in autumn only from beds that were seen in flower.':
    'Handlange Blätter schneiden, das ganze Beet leicht, keine Pflanze kahl; im Herbst nur aus Beeten, die blühend gesehen wurden.',
  'Comes again; beds that are cut grow thick.': 'Kommt wieder; geschnittene Beete werden dicht.',
  'boiled, then fried': 'gekocht, dann gebraten',
  'Cut into three to seven pointed lobes, smooth above, on a long stalk.':
    'In drei bis sieben spitze Lappen geschnitten, oben glatt, an langem Stiel.',
  'Drooping yellow rays about a green-yellow cone.': 'Hängende gelbe Strahlen um einen grüngelben Kegel.',
  'Leaf cut to the very middle into a hand, lobes cut again; blue hoods. Native kinds grow on the same banks.':
    'Blatt bis zur Mitte wie eine Hand geschnitten, Lappen nochmals; blaue Helme. Heimische Arten wachsen an denselben Ufern.',
  'Leaves twice or thrice feathered on sheaths; hollow stem; umbels.':
    'Blätter zwei- bis dreifach gefiedert, mit Scheiden; hohler Stängel; Dolden.',
  'Monkshood and water hemlock come up on the same wet banks: mark a bed in flower, cut only there.':
    'Eisenhut und Wasserschierling kommen an denselben nassen Ufern hoch: ein Beet in Blüte bezeichnen, nur dort schneiden. Beide töten.',
  'It has harmed cattle and sheep: cooked, and not in quantity.':
    'Rindern und Schafen hat er geschadet: gekocht, und nicht in Menge.',
  'Blanched and frozen.': 'Überbrüht und gefroren.',
  'cones black': 'Kegel schwarz',
  'Cut one head of three with a hand of stalk.': 'Einen von drei Köpfen mit einer Handbreit Stiel schneiden.',
  'The seed of that head is lost.': 'Der Samen dieses Kopfes ist verloren.',
  'Rub half of the ripe cones out where they stand and sow them.':
    'Die Hälfte der reifen Kegel am Ort ausreiben und säen.',
  'Makes the stand larger if it is sown.': 'Vergrößert den Bestand, wenn gesät wird.',
  'Drooping pink rays about a spiny orange cone.': 'Hängende rosa Strahlen um einen stachligen orangen Kegel.',
  'Rough as a file, toothed, pointed.': 'Rau wie eine Feile, gezähnt, spitz.',
  'Soft leaves in a rosette, running down into the stalk; thimbles.':
    'Weiche Blätter in einer Rosette, die in den Stiel laufen; Fingerhüte.',
  'Only in flower: rosettes without a flower may be foxglove.':
    'Nur in Blüte: Rosetten ohne Blüte können Fingerhut sein.',
  'Wild roots are protected in several states; here none is dug.':
    'Wilde Wurzeln sind in mehreren Staaten geschützt; hier wird keine gegraben.',
  'Dried in shade.': 'Im Schatten getrocknet.',
  'Flowers and berries for the same season of colds.': 'Blüten und Beeren für dieselbe Zeit der Erkältungen.',
  'Common, and flowers again.': 'Häufig, und blüht wieder.',
  'hand leaves': 'Handblätter',
  'blue spikes': 'blaue Ähren',
  'tops break off': 'Kraut bricht ab',
  'Loosen a spade deep around, lift, break seed heads over the hole and close the sod.':
    'Einen Spaten tief ringsum lockern, heben, Samenstände über dem Loch zerreiben und die Sode schließen.',
  'Takes the plant; one from seed needs four years or more.':
    'Nimmt die Pflanze; eine aus Samen braucht vier Jahre und mehr.',
  'peeled, raw or dried and ground': 'geschält, roh oder getrocknet und gemahlen',
  'Five fingers from one point on a long white-haired stalk.':
    'Fünf Finger von einem Punkt an langem weiß behaartem Stiel.',
  'A brown egg, white inside, that peels like bark.': 'Ein braunes Ei, innen weiß, das sich wie Rinde schält.',
  'Feathered leaves all from the ground, a bare flower stalk, a long taproot.':
    'Gefiederte Blätter alle vom Boden, ein nackter Blütenstiel, eine lange Pfahlwurzel.',
  'Lupines and locoweeds stand in the same grass: five fingers and white hair on the very plant that is dug.':
    'Lupinen und Fahnenwicken stehen im selben Gras: fünf Finger und weiße Haare an eben der Pflanze, die gegraben wird.',
  'Peeled and braided to dry.': 'Geschält und zum Trocknen geflochten.',
  'purple spikes': 'purpurne Ähren',
  'Feathered, silky, all from the ground.': 'Gefiedert, seidig, alle vom Boden.',
  'The keel ends in a sharp point.': 'Das Schiffchen endet in einer scharfen Spitze.',
  'Poisonous: harms brain and heart, slowly.': 'Giftig: schädigt Hirn und Herz, langsam.',
  'maroon flowers': 'rotbraune Blüten',
  'vines yellow': 'Ranken gelb',
  'Follow the vine down to its string; take the large ones, lay the string with the small ones back.':
    'Der Ranke bis zu ihrer Schnur folgen; die großen nehmen, die Schnur mit den kleinen zurücklegen.',
  'Grows on from what goes back.': 'Wächst aus dem Zurückgelegten weiter.',
  'Five to seven leaflets, milky sap where it breaks.': 'Fünf bis sieben Blättchen, Milchsaft am Bruch.',
  'Tubers like beads on a string, white inside.': 'Knollen wie Perlen an einer Schnur, innen weiß.',
  'One round-lobed leaf to a stalk; a yellow rope for a root.':
    'Ein rundlappiges Blatt je Stiel; als Wurzel ein gelbes Seil.',
  'Roots of other climbers lie in the same soil: only what was followed down from a vine with its leaves.':
    'Wurzeln anderer Kletterer liegen im selben Boden: nur was von einer Ranke mit Blättern hinunter verfolgt wurde.',
  'Some people cannot bear it, even cooked: a little the first time.':
    'Manche vertragen sie nicht, auch gekocht: beim ersten Mal wenig.',
  'In damp sand.': 'In feuchtem Sand.',
  'stalks brown': 'Stängel braun',
  'dead stalks stand': 'tote Stängel stehen',
  'Fork beside a dead stalk of this very plant.': 'Neben einem toten Stängel eben dieser Pflanze graben.',
  'What is left in the ground comes again.': 'Was im Boden bleibt, kommt wieder.',
  'raw or cooked; wind follows': 'roh oder gekocht; Blähungen folgen',
  'Rough as sandpaper, with three veins from the foot.': 'Rau wie Sandpapier, mit drei Adern vom Grund.',
  'Knobbly, white or red, crisp.': 'Knubbelig, weiß oder rot, knackig.',
  'Gives strong wind to many: a little the first time.': 'Macht vielen starke Blähungen: beim ersten Mal wenig.',
  'In the ground, or damp in the cold.': 'Im Boden, oder feucht und kühl.',
  'arrow leaves': 'Pfeilblätter',
  'white whorls': 'weiße Quirle',
  'seed balls': 'Samenkugeln',
  'leaves rot': 'Blätter faulen',
  'Under leaves that were seen as arrows with one vein to each corner: tread, gather what floats, tread the small ones in again.':
    'Unter Blättern, die als Pfeile mit einer Ader je Ecke gesehen wurden: treten, Auftreibendes sammeln, die kleinen wieder eintreten.',
  'A third of the tubers make next year’s bed.': 'Ein Drittel der Knollen macht das Beet vom nächsten Jahr.',
  'Arrow with veins that run from one point into every corner.':
    'Pfeil mit Adern, die von einem Punkt in jede Ecke laufen.',
  'Three white petals, in threes up a stalk.': 'Drei weiße Blütenblätter, zu dritt am Stiel.',
  'One strong middle vein with feather veins; a green hood for a flower; a thick rootstock that burns.':
    'Eine starke Mittelader mit Fiederadern; eine grüne Hülle als Blüte; ein dicker Wurzelstock, der brennt.',
  'Fingers and a chambered stock instead of single white tubers; feathered leaves. Its roots lie in the same mud.':
    'Finger und ein gekammerter Stock statt einzelner weißer Knollen; gefiederte Blätter. Seine Wurzeln liegen im selben Schlamm.',
  'Water hemlock kills and roots in the same mud: only round white tubers that float up, each one looked at.':
    'Wasserschierling tötet und wurzelt im selben Schlamm: nur runde weiße Knollen, die aufschwimmen, jede angesehen.',
  'Mud keeps what ran into the water: no mines, no sewers, no duck shooting above.':
    'Schlamm behält, was ins Wasser lief: keine Minen, keine Abwässer, keine Entenjagd oberhalb.',
  'Cool and damp; dried in slices.': 'Kühl und feucht; in Scheiben getrocknet.',
  'green hoods': 'grüne Hüllen',
  'green-black berries': 'grünschwarze Beeren',
  'Feather veins from a strong midrib, and a vein along the edge.':
    'Fiederadern aus starker Mittelrippe, und eine Ader am Rand entlang.',
  'Full of needles: mouth and throat swell.': 'Voller feiner Nadeln: Mund und Rachen schwellen.',
  'grass leaves in pairs': 'Grasblätter in Paaren',
  'pink-veined flowers': 'rosa geaderte Blüten',
  'Snip a leaf or two of a plant in flower.': 'Ein, zwei Blätter einer blühenden Pflanze schneiden.',
  'The corm feeds from what is left.': 'Die Knolle lebt vom Rest.',
  corms: 'Sprossknollen',
  'One in twenty, larger than a thumbnail, dug under its own flower; the scattered seed pressed in.':
    'Eine von zwanzig, größer als ein Daumennagel, unter ihrer eigenen Blüte gegraben; den Samen eingedrückt.',
  'Five white petals veined pink.': 'Fünf weiße Blütenblätter, rosa geadert.',
  'One pair of narrow leaves half way up.': 'Ein Paar schmaler Blätter auf halber Höhe.',
  'A round corm with roots all over, no layers.': 'Eine runde Knolle, rundum bewurzelt, ohne Schalen.',
  'Grass leaves with a white line, all from a layered white bulb; six white petals.':
    'Grasblätter mit weißer Linie, alle aus einer geschalten weißen Zwiebel; sechs weiße Blütenblätter.',
  'Only under an open flower: bulbs that poison lie among the corms.':
    'Nur unter einer offenen Blüte: Zwischen den Knollen liegen giftige Zwiebeln.',
  'Old woods only have it once.': 'Alte Wälder haben es nur einmal.',
  'grass leaves': 'Grasblätter',
  'A white line along the middle.': 'Eine weiße Linie in der Mitte.',
  'Six white petals, each with a green stripe behind.': 'Sechs weiße Blütenblätter, hinten je ein grüner Streif.',
  'No smell of onion.': 'Kein Zwiebelgeruch.',
  'Poisonous: acts on the heart.': 'Giftig: wirkt auf das Herz.',
  'Bulbs irritate the skin.': 'Zwiebeln reizen die Haut.',
  spears: 'Spitzen',
  'leaves open': 'Blätter offen',
  'white balls, no leaves': 'weiße Kugeln, keine Blätter',
  'at rest': 'in Ruhe',
  'One leaf of a plant that has two or more, cut above the red, each held against the table of its look-alikes.':
    'Ein Blatt je Pflanze, die zwei oder mehr hat, über dem Rot geschnitten, jedes gegen die Tafel der Doppelgänger gehalten.',
  'The bulb lives on, smaller for a year.': 'Die Zwiebel lebt weiter, ein Jahr lang kleiner.',
  'Shake half of it out beside the clump under leaves.': 'Die Hälfte neben dem Horst unter Laub ausschütteln.',
  'It comes up after two winters.': 'Er geht nach zwei Wintern auf.',
  'Stalk of its own, red to purple, round; leaf flat and soft.':
    'Eigener Stiel, rot bis purpurn, rund; Blatt flach und weich.',
  'Of onion and garlic, as do the fingers after one.': 'Nach Zwiebel und Knoblauch, wie die Finger nach einem.',
  'A white bulb of layers.': 'Eine weiße Zwiebel aus Schalen.',
  'Pleated leaves that wrap a stout stem, one above the other; no stalk, no red, no onion. Comes up in the same weeks.':
    'Gefältelte Blätter, die einen dicken Stängel umfassen, übereinander; kein Stiel, kein Rot, keine Zwiebel. Kommt in denselben Wochen.',
  'Two leaves on one stalk, the outer about the inner; no onion; a thin creeping root.':
    'Zwei Blätter an einem Stiel, das äußere um das innere; keine Zwiebel; eine dünne kriechende Wurzel.',
  'False hellebore and lily of the valley kill and stand among it: stalk by stalk, never by the smell of the fingers.':
    'Germer und Maiglöckchen töten und stehen dazwischen: Stiel für Stiel, nie nach dem Geruch der Finger.',
  'Digging is forbidden or limited in many states and provinces.':
    'Graben ist in vielen Staaten und Provinzen verboten oder begrenzt.',
  'Whole woods have been dug out for markets: leaves only, and a year of rest.':
    'Ganze Wälder wurden für Märkte leer gegraben: nur Blätter, und ein Jahr Ruhe.',
  'Leaves frozen as butter or paste.': 'Blätter als Butter oder Paste gefroren.',
  'pleated spears': 'gefältelte Spieße',
  'leafy stem': 'beblätterter Stängel',
  'green stars': 'grüne Sterne',
  'yellow, then gone': 'gelb, dann fort',
  'Pleated like a fan, clasping the stem one above the other.':
    'Wie ein Fächer gefältelt, übereinander den Stängel umfassend.',
  'No onion.': 'Keine Zwiebel.',
  'Deadly in every part: the heart slows and stops.':
    'In allen Teilen tödlich: Das Herz wird langsam und bleibt stehen.',
  'round lobed leaves': 'runde gelappte Blätter',
  'Bleeds red-orange.': 'Blutet rotorange.',
  'One to a stalk, round, deeply lobed, pale beneath.': 'Eines je Stiel, rund, tief gelappt, unten blass.',
  'Poisonous; its blood eats skin away and leaves scars. Salves of it have maimed people.':
    'Giftig; sein Blut frisst Haut weg und lässt Narben. Salben davon haben Menschen entstellt.',
  'leaves float': 'Blätter schwimmen',
  'heads open': 'Rispen offen',
  'first seed falls': 'erste Körner fallen',
  shed: 'ausgefallen',
  grain: 'Körner',
  'Bend a few stems over the boat and brush, not beat; pass a bed again after three days.':
    'Ein paar Halme übers Boot biegen und streifen, nicht schlagen; nach drei Tagen wiederkommen.',
  'Brushing lets most of it fall and sow itself.': 'Streifen lässt das meiste fallen und sich säen.',
  'parched, hulled, boiled': 'gedarrt, entspelzt, gekocht',
  'Upper branches upright and female, lower ones spread and hang with pollen.':
    'Obere Äste aufrecht und weiblich, untere spreizen und hängen voll Pollen.',
  'Long black grain with a beard.': 'Lange schwarze Körner mit Granne.',
  'Grain with pink or purple spurs carries ergot, which harms: sort it out. Lakes below mines hold mercury.':
    'Körner mit rosa oder purpurnem Sporn tragen Mutterkorn, das schadet: aussortieren. Seen unterhalb von Minen führen Quecksilber.',
  'Ricing needs a licence in many places, and on treaty lands it belongs to those who live there.':
    'Vielerorts braucht die Ernte eine Lizenz, und auf Vertragsland gehört sie denen, die dort leben.',
  'Parched and dry, for years.': 'Gedarrt und trocken, jahrelang.',
  'new pads': 'neue Glieder',
  'fruit red': 'Früchte rot',
  'pads wrinkle': 'Glieder schrumpfen',
  'With tongs; roll in sand or singe the bristles off, then peel.':
    'Mit der Zange; in Sand rollen oder die Borsten absengen, dann schälen.',
  'Seed is lost; it grows from pads as well.': 'Samen geht verloren; er wächst auch aus Gliedern.',
  'raw or for syrup': 'roh oder für Sirup',
  'young pads': 'junge Glieder',
  'Cut new pads at the joint, singe and peel; lay one of each three on the ground to root.':
    'Neue Glieder am Gelenk schneiden, absengen und schälen; eines von dreien zum Wurzeln hinlegen.',
  'A pad laid down makes a plant.': 'Ein hingelegtes Glied wird eine Pflanze.',
  'Flat green pads in chains.': 'Flache grüne Glieder in Ketten.',
  'A red pear with tufts of bristles.': 'Eine rote Birne mit Borstenbüscheln.',
  'Hair-fine barbed bristles stay in skin and throat: tongs, flame, peeling.':
    'Haarfeine Borsten mit Widerhaken bleiben in Haut und Hals: Zange, Flamme, Schälen.',
  'Protected in several states and at the northern edge of where it grows.':
    'In mehreren Staaten und am Nordrand seines Gebiets geschützt.',
  'Juice strained through cloth.': 'Saft durch ein Tuch gesiebt.',
  mats: 'Matten',
  'Snip tips; break one and look for milk.': 'Spitzen schneiden; eine brechen und nach Milch sehen.',
  'Thick, spoon-shaped, shining, juice clear.': 'Dick, löffelförmig, glänzend, Saft klar.',
  'Round, fat, red, bare.': 'Rund, fett, rot, kahl.',
  'Thin wiry stems, thin leaves, often a dark spot; white milk.':
    'Dünne drahtige Stängel, dünne Blätter, oft ein dunkler Fleck; weiße Milch.',
  'A few days cold; in vinegar.': 'Ein paar Tage kühl; in Essig.',
  'tiny pink cups': 'winzige rosa Becher',
  'White milk.': 'Weiße Milch.',
  'Thin, in pairs, often with a dark spot.': 'Dünn, in Paaren, oft mit dunklem Fleck.',
  'A swollen stock with chambers one above another, yellow drops; fat fingers below.':
    'Ein geschwollener Stock mit Kammern übereinander, gelbe Tropfen; darunter dicke Finger.',
  'Veins end in the notches between the teeth.': 'Adern enden in den Kerben zwischen den Zähnen.',
  'Hollow, bare, streaked with purple.': 'Hohl, kahl, purpurn gestreift.',
  'The most violent poison of the continent’s plants: fits within the hour, deadly.':
    'Das heftigste Pflanzengift des Kontinents: Krämpfe binnen einer Stunde, tödlich.',
  'leaves red': 'Blätter rot',
  'Rub part of a ripe umbel off, only of plants that are marked since flowering.':
    'Einen Teil einer reifen Dolde abreiben, nur von Pflanzen, die seit der Blüte bezeichnet sind.',
  'Half of it stays to fall.': 'Die Hälfte bleibt zum Fallen.',
  'Collar of brown hair-like fibres, strong celery.': 'Kragen aus braunen haarartigen Fasern, starker Sellerie.',
  'Hollow, green, red at the foot, never blotched.': 'Hohl, grün, am Fuß rot, nie gefleckt.',
  'Stem blotched, smells of mice; wavy ribs on the seed; lower down the valley.':
    'Stängel gefleckt, riecht nach Mäusen; wellige Rippen am Samen; tiefer im Tal.',
  'In water; chambered stock; fat corky ribs on the seed.':
    'Im Wasser; gekammerter Stock; dicke korkige Rippen am Samen.',
  'Closed or limited on many public lands; here no root is dug.':
    'Auf vielen öffentlichen Flächen gesperrt oder begrenzt; hier wird keine Wurzel gegraben.',
  'Seed dry.': 'Samen trocken.',
  'Seed and root of a common cousin for winter coughs.':
    'Samen und Wurzel eines häufigen Vetters für den Winterhusten.',
  'Needles and resin for the same syrup.': 'Nadeln und Harz für denselben Sirup.',
  'yellow plumes': 'gelbe Rispen',
  'grey fluff': 'grauer Flaum',
  'Cut plumes as the first flowers open, a third of a stand at most.':
    'Rispen beim Öffnen der ersten Blüten schneiden, höchstens ein Drittel des Bestands.',
  'Creeps on.': 'Kriecht weiter.',
  'dried; dye': 'getrocknet; Farbe',
  'Three veins lengthwise, rough, toothed.': 'Drei Adern längs, rau, gezähnt.',
  'One-sided arching branches of tiny yellow heads.': 'Einseitige überhängende Äste winziger gelber Köpfchen.',
  'Torn, lobed leaves and flat heads of daisies.': 'Zerrissene, gelappte Blätter und flache Stände von Körbchen.',
  'Not with kidney or heart disease, nor with daisy allergy, without a licensed practitioner.':
    'Nicht bei Nieren- oder Herzleiden, nicht bei Korbblütlerallergie, ohne eine Ärztin zu fragen.',
  'Mould on dead tops harms: only fresh ones.': 'Schimmel auf toten Spitzen schadet: nur frische.',
  'Dried in shade before it goes to fluff.': 'Im Schatten getrocknet, ehe er Flaum wird.',
  'beaks spring': 'Schnäbel springen',
  'part of the rootstock': 'Teil des Wurzelstocks',
  'Only plants that were marked in flower: cut the back half of the stock, set the front with its buds again.':
    'Nur in Blüte bezeichnete Pflanzen: die hintere Hälfte des Stocks schneiden, die vordere mit Knospen wieder setzen.',
  'The front half grows on.': 'Die vordere Hälfte wächst weiter.',
  'Five rose petals, then a beak like a stork’s.': 'Fünf rosa Blütenblätter, dann ein Schnabel wie der eines Storchs.',
  'Five lobes cut three quarters in, softly hairy.': 'Fünf Lappen, drei Viertel tief geschnitten, weich behaart.',
  'Leaf bare and cut to the very middle; root a pair of dark carrots; blue hoods. Native kinds and larkspurs share the woods.':
    'Blatt kahl und bis zur Mitte geschnitten; Wurzel ein Paar dunkler Rüben; blaue Helme. Heimische Arten und Rittersporne teilen die Wälder.',
  'Monkshood and larkspur kill and have leaves like it: only a plant marked in flower, never by the leaf alone.':
    'Eisenhut und Rittersporn töten und haben solche Blätter: nur eine in Blüte bezeichnete Pflanze, nie nach dem Blatt allein.',
  'Sliced and dried.': 'In Scheiben getrocknet.',
  'blue stars': 'blaue Sterne',
  'capsules rattle': 'Kapseln rasseln',
  bulbs: 'Zwiebeln',
  'Under an open blue flower only, followed down by hand; smaller than a thumb goes back.':
    'Nur unter einer offenen blauen Blüte, mit der Hand hinunter verfolgt; kleiner als ein Daumen kommt zurück.',
  'baked two days in a pit': 'zwei Tage in der Grube gebacken',
  'Six blue petals, one bent down apart.': 'Sechs blaue Blütenblätter, eines abgespreizt nach unten.',
  'A bulb of layers, dark skin.': 'Eine Zwiebel aus Schalen, dunkle Haut.',
  'Small cream stars; without a flower nothing tells the bulbs apart, and they grow among each other.':
    'Kleine cremefarbene Sterne; ohne Blüte sagt nichts die Zwiebeln auseinander, und sie wachsen durcheinander.',
  'Death camas grows among it with the same bulb: only under an open blue flower, one stem at a time. It kills.':
    'Todeskamas wächst dazwischen mit derselben Zwiebel: nur unter einer offenen blauen Blüte, ein Stängel auf einmal. Sie ist tödlich.',
  'On treaty lands and many reserves it belongs to others.':
    'Auf Vertragsland und in vielen Schutzgebieten gehört sie anderen.',
  'Baked and dried.': 'Gebacken und getrocknet.',
  'cream stars': 'cremefarbene Sterne',
  'Cream, each petal with a green-yellow spot at its foot.': 'Creme, jedes Blütenblatt mit grüngelbem Fleck am Grund.',
  'Deadly in every part, cooked as raw.': 'In allen Teilen tödlich, gekocht wie roh.',
  'saucer leaves': 'Tellerblätter',
  'red and dry': 'rot und trocken',
  'Cut half of the saucers of a plant.': 'Die Hälfte der Teller einer Pflanze schneiden.',
  'Makes more, and seeds itself.': 'Treibt nach und sät sich aus.',
  'A round saucer with the stem through its middle.': 'Ein runder Teller, der Stängel durch die Mitte.',
  'Some days in the cold.': 'Einige Tage kühl.',
};
