/** Herbs of fields, hedges and shores that came to the list together, in German, by what the English says. */
export const GERMAN_FIELD_HERBS: Readonly<Record<string, string>> = {
  'spoon leaves': 'Löffelblätter',
  'autumn rosettes': 'Herbstrosetten',
  'Pinch the smaller leaves from several rosettes; leave the heart.':
    'Die kleineren Blätter von mehreren Rosetten zupfen; das Herz bleibt.',
  'The rosette grows on.': 'Die Rosette wächst weiter.',
  'in salads, a few': 'in Salaten, wenige',
  'Nip closed buds off with the nail.': 'Geschlossene Knospen mit dem Nagel abzwicken.',
  'That head makes no seed; side buds follow.': 'Dieser Kopf gibt keinen Samen; Seitenknospen folgen.',
  'Spoon-shaped, dark, with round teeth, narrowing to a long stalk.':
    'Löffelförmig, dunkel, mit runden Zähnen, in einen langen Stiel verschmälert.',
  'One white daisy to a stem, the middle flat and yellow.':
    'Eine weiße Margerite je Stängel, die Mitte flach und gelb.',
  'Leaves torn and ragged into lobes, with a ragged end lobe; many yellow heads.':
    'Blätter zerrissen gelappt, mit zerrissenem Endlappen; viele gelbe Köpfe.',
  'Some people’s skin and mouth react to daisies of all kinds.': 'Manchen reizen Korbblütler aller Art Haut und Mund.',
  'Where it is not native it takes over pastures: carry no seed there.':
    'Wo sie nicht heimisch ist, übernimmt sie Weiden: keine Samen dorthin tragen.',
  'Roadsides, dog walks, sprayed fields and old tips: look where it grows before you pick.':
    'Straßenränder, Hundewege, gespritzte Äcker und alte Kippen: Sieh vor dem Pflücken, wo es wächst.',
  'Leaves fresh; buds in vinegar.': 'Blätter frisch; Knospen in Essig.',
  'feather leaves': 'Federblätter',
  'Pinch single young feathers, each held against the table of its look-alikes.':
    'Einzelne junge Federn zupfen, jede gegen die Tafel der Doppelgänger gehalten.',
  'chopped, a little': 'gehackt, wenig',
  'Cut a hand below the flat head.': 'Eine Handbreit unter dem flachen Kopf schneiden.',
  'The seed of that stem is lost; it creeps on.': 'Der Samen dieses Stängels ist verloren; sie kriecht weiter.',
  'A narrow feather cut so fine that it is thick like a tail, softly hairy.':
    'Eine schmale Feder, so fein zerteilt, dass sie rund wie ein Schwanz ist, weich behaart.',
  'Each “petal” is a ray of a tiny daisy; rays of the head leave the stem one above the other, not from one point.':
    'Jedes „Blütenblatt“ ist die Zunge eines winzigen Körbchens; die Äste gehen übereinander ab, nicht von einem Punkt.',
  'Tough, ribbed, woolly, not hollow.': 'Zäh, gerillt, wollig, nicht hohl.',
  'Bare and shining, on long hollow stalks that sheathe the stem; broad as a triangle, never a narrow tail; smells of mice.':
    'Kahl und glänzend, an langen hohlen Stielen mit Scheide; breit wie ein Dreieck, nie ein schmaler Schwanz; riecht nach Mäusen.',
  'Bare, shining, triangular; no hairs at all.': 'Kahl, glänzend, dreieckig; gar keine Haare.',
  'A finely cut leaf in a meadow may be a deadly umbellifer’s: only narrow, hairy, tail-like ones, leaf by leaf.':
    'Ein fein zerteiltes Blatt in der Wiese kann von einem tödlichen Doldenblütler sein: nur schmale, behaarte, schwanzartige, Blatt für Blatt.',
  'In pregnancy, with medicines or for a child: ask a licensed practitioner first. Emberfield gives no doses.':
    'In der Schwangerschaft, mit Arzneien oder für ein Kind: erst eine Ärztin oder einen Apotheker fragen. Emberfield nennt keine Mengen.',
  'Dry tops in shade, hung in loose bunches.': 'Spitzen im Schatten trocknen, in lockeren Bünden gehängt.',
  'rolled young leaves': 'gerollte junge Blätter',
  'green whorls': 'grüne Quirle',
  'seed rust-brown': 'Samen rostbraun',
  'Take the slimy, still rolled ones from the middle.': 'Die schleimigen, noch gerollten aus der Mitte nehmen.',
  'Comes again within weeks.': 'Kommt in Wochen wieder.',
  'cooked, water thrown away': 'gekocht, Wasser weggegossen',
  'Strip brown spikes by hand into a bag.': 'Braune Ähren mit der Hand in einen Beutel streifen.',
  'It has seed for forty years in the ground.': 'Es liegt Samen für vierzig Jahre im Boden.',
  'ground, husks and all': 'gemahlen, samt Spelzen',
  'Large, blunt, heart-shaped at the foot, red-veined.': 'Groß, stumpf, am Grund herzförmig, rot geadert.',
  'A brown papery sheath about each joint.': 'Eine braune papierne Hülle um jeden Knoten.',
  'Thick, forked, yellow inside.': 'Dick, gegabelt, innen gelb.',
  'Soft with hair, edge finely toothed, leaf running down into the stalk; dock is bare and heart-shaped at the foot.':
    'Weich behaart, Rand fein gezähnt, Blatt läuft in den Stiel; Ampfer ist kahl und am Grund herzförmig.',
  'Arrow barbs at the foot and veins that meet a line round the edge.':
    'Pfeilzipfel am Grund und Adern, die in eine Randlinie münden.',
  'Young leaves of foxglove and lords-and-ladies come up beside it: leaf by leaf, with the foot of each in sight.':
    'Junge Blätter von Fingerhut und Aronstab kommen daneben hoch: Blatt für Blatt, der Grund eines jeden zu sehen.',
  'Rich in oxalic acid: not in quantity, and not for those with kidney trouble or gout.':
    'Viel Oxalsäure: nicht in Menge, und nicht bei kranken Nieren oder Gicht.',
  'Leaves fresh; seed dry and airy.': 'Blätter frisch; Samen trocken und luftig.',
  'a hand high': 'eine Hand hoch',
  'green clusters': 'grüne Knäuel',
  'seed black': 'Samen schwarz',
  'Pinch the tender top; it branches below.': 'Die zarte Spitze abzwicken; darunter verzweigt er sich.',
  'Bushes out and gives twice more.': 'Wird buschig und gibt noch zweimal.',
  'cooked like spinach': 'gekocht wie Spinat',
  'Rub dry heads over a cloth, winnow.': 'Trockene Köpfe über einem Tuch reiben, ausblasen.',
  'It sows itself all the same.': 'Er sät sich trotzdem aus.',
  'washed long, then boiled or ground': 'lange gewaschen, dann gekocht oder gemahlen',
  'Like a goose’s foot, with white meal on the youngest that rubs off; water runs off in pearls.':
    'Wie ein Gänsefuß, auf den jüngsten weißes Mehl, das sich abreibt; Wasser perlt ab.',
  'Ribbed, striped green and red, red in the joints.': 'Gerippt, grün und rot gestreift, in den Achseln rot.',
  'As a seedling dark, soft-haired, never mealy; later white stars and black berries.':
    'Als Keimling dunkel, weich behaart, nie mehlig; später weiße Sterne und schwarze Beeren.',
  'Rich in oxalic acid, and on dunged soil in nitrate: cooked, not every day.':
    'Viel Oxalsäure, auf gedüngtem Boden viel Nitrat: gekocht, nicht jeden Tag.',
  'Tops blanched and frozen; seed dry.': 'Spitzen überbrüht und gefroren; Samen trocken.',
  'young shoots': 'junge Triebe',
  'tiny white flowers': 'winzige weiße Blüten',
  'hooked seed': 'Klettfrüchte',
  'Nip tops while they are softer than they are hooked.': 'Spitzen abzwicken, solange sie weicher sind als hakig.',
  'Branches from below.': 'Verzweigt sich von unten.',
  'cooked; raw it scratches the throat': 'gekocht; roh kratzt es im Hals',
  'Comb off with a woollen glove.': 'Mit einem Wollhandschuh abkämmen.',
  'roasted for a drink': 'geröstet als Getränk',
  'Square, with hooks on the edges that hold on to cloth.':
    'Vierkantig, mit Häkchen an den Kanten, die am Stoff halten.',
  'Six to nine in a star at each joint.': 'Sechs bis neun in einem Stern an jedem Knoten.',
  'The juice gives some people a rash.': 'Der Saft macht manchen einen Ausschlag.',
  'Tops the same day; seed roasted dry.': 'Spitzen am selben Tag; Samen trocken geröstet.',
  'spiny rosette': 'stachlige Rosette',
  'purple heads': 'purpurne Köpfe',
  'down flies': 'Flaum fliegt',
  'Fork out rosettes that have no stalk.': 'Rosetten ohne Stängel ausgraben.',
  'Takes the plant.': 'Nimmt die Pflanze.',
  'Cut low with gloves on, strip the wings and peel.': 'Mit Handschuhen tief schneiden, Flügel abstreifen und schälen.',
  'Side shoots may still flower.': 'Seitentriebe können noch blühen.',
  'peeled, raw or boiled': 'geschält, roh oder gekocht',
  'before buds colour': 'ehe die Knospen färben',
  'Spines on top as well as on the edge; each lobe ends in a spear.':
    'Stacheln auch auf der Oberseite; jeder Lappen endet in einem Spieß.',
  'Spiny wings all the way.': 'Stachlige Flügel von oben bis unten.',
  'Spines go through thin gloves and break off in the skin.':
    'Stacheln gehen durch dünne Handschuhe und brechen in der Haut ab.',
  'Digging needs the owner’s leave, and in many places a permit.':
    'Graben braucht die Erlaubnis des Eigentümers und vielerorts eine Genehmigung.',
  'Roots lose their sugar within days: use them.': 'Wurzeln verlieren in Tagen ihren Zucker: verbrauchen.',
  'yellow umbels': 'gelbe Dolden',
  'leaves fade': 'Blätter welken',
  'Only where it was confirmed in flower for years and nothing else of its family grows: rosettes without a stalk, dug whole.':
    'Nur wo er seit Jahren in Blüte bestätigt ist und sonst nichts aus der Familie wächst: Rosetten ohne Stängel, ganz gegraben.',
  'boiled or roasted': 'gekocht oder gebraten',
  'Rub flat brown seed off dry umbels.': 'Flache braune Samen von trockenen Dolden reiben.',
  'Leave half to fall.': 'Die Hälfte fallen lassen.',
  'as a spice': 'als Gewürz',
  'Once feathered into broad toothed leaflets, dull, hairy.':
    'Einfach gefiedert mit breiten gezähnten Blättchen, matt, behaart.',
  'Yellow, petals rolled in.': 'Gelb, Blütenblätter eingerollt.',
  'Furrowed, hairy, hollow; smells of parsnip.': 'Gefurcht, behaart, hohl; riecht nach Pastinake.',
  'Fine as lace, bare, stem blotched; white flowers; wavy seed.':
    'Fein wie Spitze, kahl, Stängel gefleckt; weiße Blüten; wellige Samen.',
  'Wet ground, a bunch of fat fingers for a root, white flowers.':
    'Nasser Boden, als Wurzel ein Bündel dicker Finger, weiße Blüten.',
  'In water; the root chambered inside; white flowers.': 'Im Wasser; die Wurzel innen gekammert; weiße Blüten.',
  'A family with deadly members in the same places: settle each plant by signs of two organs, and leave every one that stays unsettled.':
    'Eine Familie mit tödlichen Verwandten am selben Ort: Jede Pflanze nach Merkmalen zweier Organe klären und jede stehen lassen, die ungeklärt bleibt.',
  'Sap on skin and then sun: blisters that leave marks for months. Cover up, cut on dull days.':
    'Saft auf der Haut und dann Sonne: Blasen, deren Spuren Monate bleiben. Bedeckt, an trüben Tagen schneiden.',
  'Roots in sand; seed dry.': 'Wurzeln in Sand; Samen trocken.',
  'stalks rise': 'Stängel steigen',
  'yellow-green umbels': 'gelbgrüne Dolden',
  'Cut thick stalks below the buds and peel them.': 'Dicke Stängel unter den Knospen schneiden und schälen.',
  'Side shoots still flower.': 'Seitentriebe blühen noch.',
  steamed: 'gedämpft',
  'Shake black seed into a bag.': 'Schwarze Samen in einen Beutel schütteln.',
  'ground as pepper': 'gemahlen als Pfeffer',
  'Broad shining leaflets in threes, blunt teeth; fat papery sheaths.':
    'Breite glänzende Blättchen zu dritt, stumpfe Zähne; dicke papierne Scheiden.',
  'Yellow-green, never white.': 'Gelbgrün, nie weiß.',
  'Black, round, as large as a peppercorn.': 'Schwarz, rund, groß wie ein Pfefferkorn.',
  'Wedge-shaped leaflets, white flowers, wet ground, a bunch of fingers for a root. It grows in the same lanes.':
    'Keilförmige Blättchen, weiße Blüten, nasser Boden, als Wurzel ein Bündel Finger. Wächst an denselben Wegen.',
  'Fine as lace, dull, stem blotched.': 'Fein wie Spitze, matt, Stängel gefleckt.',
  'Stalks fresh; seed dry.': 'Stängel frisch; Samen trocken.',
  'velvet leaves': 'Samtblätter',
  'pale pink flowers': 'blassrosa Blüten',
  'seed cheeses': 'Samenräder',
  'Take single leaves up the stems, not the tops.': 'Einzelne Blätter an den Stängeln nehmen, nicht die Spitzen.',
  'side roots': 'Seitenwurzeln',
  'Open one side, cut two side roots, close again: the main root stays.':
    'Eine Seite öffnen, zwei Seitenwurzeln schneiden, wieder schließen: Die Hauptwurzel bleibt.',
  'Lives on if the main root stays.': 'Lebt weiter, wenn die Hauptwurzel bleibt.',
  'dried, steeped cold': 'getrocknet, kalt angesetzt',
  'Grey velvet on both sides, folded like a fan.': 'Beiderseits grauer Samt, gefaltet wie ein Fächer.',
  'White inside, slimy.': 'Innen weiß, schleimig.',
  'A rosette of long leaves that run down into the stalk; never lobed like a fan, never at the shore.':
    'Eine Rosette langer Blätter, die in den Stiel laufen; nie gelappt wie ein Fächer, nie an der Küste.',
  'Not a leaf from a rosette: marsh mallow has its leaves up the stems. Velvet alone tells nothing, foxglove is soft too.':
    'Kein Blatt aus einer Rosette: Eibisch trägt seine Blätter an Stängeln. Samt allein sagt nichts, Fingerhut ist auch weich.',
  'Roots peeled and dried fast, else they mould.': 'Wurzeln geschält und rasch getrocknet, sonst schimmeln sie.',
  'Slimy leaves and flowers for the same drinks, from a plant of every farmyard.':
    'Schleimige Blätter und Blüten für dieselben Getränke, von einer Pflanze jedes Hofes.',
  'winter leaves grow': 'Winterblätter wachsen',
  'Take a few inner leaves of each rosette.': 'Ein paar innere Blätter je Rosette nehmen.',
  'Snap bud heads with a finger of stalk.': 'Knospenköpfe mit einem Finger Stiel brechen.',
  'Side buds follow.': 'Seitenknospen folgen.',
  'Pick pods that snap.': 'Schoten pflücken, die knacken.',
  'Leave half for seed.': 'Die Hälfte zum Säen lassen.',
  'raw or pickled': 'roh oder eingelegt',
  'Rough; many pairs of lobes, small ones between large ones, a big end lobe.':
    'Rau; viele Lappenpaare, kleine zwischen großen, ein großer Endlappen.',
  'Pods pinched like beads on a string.': 'Schoten eingeschnürt wie Perlen auf einer Schnur.',
  'Ragged leaves without rough bristles and without radish in the smell; daisies.':
    'Zerrissene Blätter ohne raue Borsten und ohne Rettichgeruch; Körbchen.',
  'Above the tide line, away from outfalls.': 'Oberhalb der Flutlinie, fern von Einleitungen.',
  'Fresh; pods in vinegar.': 'Frisch; Schoten in Essig.',
  'furled shoots': 'gefaltete Triebe',
  'buds in sheaths': 'Knospen in Scheiden',
  'Cut furled leaf stalks a finger above the ground, with gloves.':
    'Gefaltete Blattstiele einen Finger über dem Boden schneiden, mit Handschuhen.',
  'More follow from the crown.': 'Aus dem Wurzelkopf folgen mehr.',
  'fried or boiled': 'gebraten oder gekocht',
  'Rub dry flat seed off; wear gloves while it is green.': 'Trockene flache Samen abreiben; grün nur mit Handschuhen.',
  'Once feathered into a few big lobed leaflets, rough with hair.':
    'Einfach gefiedert mit wenigen großen gelappten Blättchen, rau behaart.',
  'Bristly, furrowed, hollow; huge sheaths.': 'Borstig, gefurcht, hohl; riesige Scheiden.',
  'Leaf ends in spikes, stem blotched purple, taller than a man.':
    'Blatt endet in Spitzen, Stängel purpurn gefleckt, höher als ein Mann.',
  'Fine as lace and without a single hair.': 'Fein wie Spitze und ohne ein einziges Haar.',
  'Shoots the same day; seed dry.': 'Triebe am selben Tag; Samen trocken.',
  'lace leaves': 'Spitzenblätter',
  withered: 'verwelkt',
  tubers: 'Knollen',
  'Follow the thread of one stem down by hand, without losing it, to the tuber; sow its seed in the hole.':
    'Dem Faden eines Stängels mit der Hand hinunter folgen, ohne ihn zu verlieren, bis zur Knolle; ihren Samen ins Loch säen.',
  peeled: 'geschält',
  'Thin as a thread underground, without any hair.': 'Unter der Erde dünn wie ein Faden, ganz ohne Haare.',
  'A knobbly brown nut, white inside.': 'Eine knubbelige braune Nuss, innen weiß.',
  'Ground leaves gone at flowering; those on the stem are threads.':
    'Grundblätter zur Blüte verschwunden; die am Stängel sind Fäden.',
  'A stout plant on a taproot, stem blotched.': 'Eine kräftige Pflanze auf Pfahlwurzel, Stängel gefleckt.',
  'Several fat fingers, not one nut; wet ground. Children have died of them.':
    'Mehrere dicke Finger, nicht eine Nuss; nasser Boden. Kinder sind daran gestorben.',
  'Fresh.': 'Frisch.',
  'Cut the rosette above the root with scissors.': 'Die Rosette mit der Schere über der Wurzel schneiden.',
  'The seed in the ground makes next year’s.': 'Der Samen im Boden macht die vom nächsten Jahr.',
  'raw, like cress': 'roh, wie Kresse',
  'Pairs of round leaflets, the end one the largest, flat on the ground.':
    'Paare runder Blättchen, das letzte am größten, flach am Boden.',
  'Thin pods that overtop the flowers and spring when touched.':
    'Dünne Schoten, die die Blüten überragen und bei Berührung springen.',
  'Ragged thick leaves, no cress in the smell; never round leaflets in pairs.':
    'Zerrissene dicke Blätter, kein Kressegeruch; nie runde Blättchen in Paaren.',
  'The same day.': 'Am selben Tag.',
  'folded leaves': 'gefaltete Blätter',
  'veined white flowers': 'geaderte weiße Blüten',
  'full leaf': 'voll belaubt',
  'Snip single leaves with their stalk, here and there.': 'Einzelne Blätter samt Stiel abknipsen, hier und dort.',
  'Grows on slowly.': 'Wächst langsam weiter.',
  'raw, a few': 'roh, wenige',
  'Three hearts joined at their points, folded down at night.':
    'Drei an den Spitzen verbundene Herzen, nachts gefaltet.',
  'One to a stalk, white with lilac veins.': 'Eine je Stiel, weiß mit lila Adern.',
  'Eggs of the fox tapeworm are feared on low leaves: washing helps little, cooking does. Ask what is advised where you live.':
    'Auf niedrigen Blättern fürchtet man Eier des Fuchsbandwurms: Waschen hilft wenig, Kochen schon. Frag, was bei dir empfohlen wird.',
  'Fresh; it wilts within the hour.': 'Frisch; er welkt in einer Stunde.',
  'rough leaves': 'raue Blätter',
  'pods dry': 'Schoten trocken',
  'Pinch budding tops.': 'Knospende Spitzen zwicken.',
  'Branches below.': 'Verzweigt sich darunter.',
  'Shake dry pods into a bag.': 'Trockene Schoten in einen Beutel schütteln.',
  'It has seed in the ground for years.': 'Sein Samen liegt Jahre im Boden.',
  'Rough, lower ones lobed, upper ones without a stalk.': 'Rau, untere gelappt, obere ohne Stiel.',
  'A pod with a beak two thirds as long as itself.': 'Eine Schote mit Schnabel, zwei Drittel so lang wie sie selbst.',
  'A field that is sprayed for it is no place to pick it: ask the farmer.':
    'Ein Acker, der gegen ihn gespritzt wird, ist kein Ort zum Pflücken: frag die Bäuerin.',
  'Hot seed burns an empty stomach; not for small children.':
    'Der scharfe Samen brennt im leeren Magen; nichts für kleine Kinder.',
  'Tops fresh; seed dry.': 'Spitzen frisch; Samen trocken.',
  'forked leaves': 'gegabelte Blätter',
  spikes: 'Ähren',
  'Cut half of a rosette with scissors, not the heart.':
    'Die Hälfte einer Rosette mit der Schere schneiden, nicht das Herz.',
  'Grows again in three weeks.': 'Wächst in drei Wochen nach.',
  'raw or steamed': 'roh oder gedämpft',
  'Narrow with side horns like a deer’s, flat to the ground.':
    'Schmal mit Seitenzinken wie ein Geweih, flach am Boden.',
  'A stiff thin spike on a bowed stalk.': 'Eine steife dünne Ähre auf gebogenem Stiel.',
  'Not beside roads that are salted: oil and rubber run there too.':
    'Nicht neben gesalzten Straßen: Öl und Gummi fließen auch dorthin.',
  'Keeps a week in the cold.': 'Hält sich kühl eine Woche.',
  'a finger high': 'einen Finger hoch',
  'red, seed': 'rot, Samen',
  'Snip the top half with scissors; never pull: the root holds the mud.':
    'Die obere Hälfte mit der Schere schneiden; nie ziehen: Die Wurzel hält den Schlick.',
  'Branches again and seeds.': 'Verzweigt sich wieder und samt aus.',
  'steamed, stripped off the thread': 'gedämpft, vom Faden gestreift',
  'Joints of green glass without a leaf.': 'Glieder wie grünes Glas, ohne Blatt.',
  'On bare mud that the tide covers.': 'Auf nacktem Schlick, den die Flut bedeckt.',
  'Mud and tide: not alone, with the time of low water known; far from outfalls and moorings.':
    'Schlick und Gezeiten: nicht allein, die Zeit des Niedrigwassers bekannt; fern von Einleitungen und Liegeplätzen.',
  'Salt marshes are mostly reserves: ask, and pull nothing up.':
    'Salzwiesen sind meist Schutzgebiete: frag, und reiß nichts aus.',
  'Very salty: a few, and not for those who must avoid salt.':
    'Sehr salzig: wenig, und nicht für wen Salz meiden muss.',
  'A week in the cold; in vinegar.': 'Kühl eine Woche; in Essig.',
  'fresh tips': 'frische Spitzen',
  'yellowish spikes': 'gelbliche Ähren',
  'winter leaves': 'Winterblätter',
  'Snip tips a finger long, here and there along the bush.': 'Fingerlange Spitzen schneiden, hier und dort am Busch.',
  'Branches again.': 'Verzweigt sich wieder.',
  'raw, or crisped in fat': 'roh, oder in Fett knusprig',
  'Oval, thick, silvered by a meal that rubs off.': 'Oval, dick, silbrig von einem Mehl, das sich abreibt.',
  'Hems the creeks like a hedge.': 'Säumt die Priele wie eine Hecke.',
  'A week in the cold.': 'Kühl eine Woche.',
};
