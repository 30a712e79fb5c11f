/** Trees, shrubs and vines of North America, in German, by what the English says. */
export const GERMAN_AMERICAN_TREES: Readonly<Record<string, string>> = {
  'rust-haired buds swell': 'rostbehaarte Knospen schwellen',
  'round winged seed': 'runde geflügelte Samen',
  'inner bark of pruned branches': 'Bast geschnittener Äste',
  'One branch of a large tree, sawn at the collar, thinner than a wrist; peel it on the ground.':
    'Ein Ast eines großen Baums, am Astring gesägt, dünner als ein Handgelenk; am Boden schälen.',
  'A wound that heals; bark off the trunk kills.': 'Eine Wunde, die heilt; Rinde vom Stamm tötet.',
  'dried, ground, with water': 'getrocknet, gemahlen, mit Wasser',
  'Rough both ways, lopsided at the foot.': 'Nach beiden Seiten rau, am Grund schief.',
  'Inner bark slimy when chewed or wetted, scented.': 'Bast benetzt schleimig, duftend.',
  'Rust-coloured hair.': 'Rostfarbene Haare.',
  'Whole stands were stripped: no bark from a standing trunk.':
    'Ganze Bestände wurden geschält: keine Rinde vom stehenden Stamm.',
  'Dried, then ground.': 'Getrocknet, dann gemahlen.',
  'Slimy root and leaf for the same drinks.': 'Schleimige Wurzel und Blatt für dieselben Getränke.',
  'Slimy leaves and flowers, common.': 'Schleimige Blätter und Blüten, häufig.',
  'sap runs': 'Saft läuft',
  colour: 'Färbung',
  'One hole a hand’s width from old ones, two fingers deep, slightly upward; pull the spout when buds swell.':
    'Ein Loch eine Handbreit von alten, zwei Finger tief, leicht aufwärts; Zapfen ziehen, wenn Knospen schwellen.',
  'The hole closes within two years.': 'Das Loch schließt sich in zwei Jahren.',
  'boiled to syrup': 'zu Sirup gekocht',
  'Five lobes, smooth curves between, no teeth.': 'Fünf Lappen, runde Buchten, keine Zähne.',
  'Sharp, brown, in pairs.': 'Spitz, braun, in Paaren.',
  'Boiling sap and steam burn; boil out of doors.': 'Kochender Saft und Dampf verbrennen; draußen kochen.',
  'Sap sours within days in warmth.': 'Saft säuert in der Wärme in Tagen.',
  'Syrup hot into jars.': 'Sirup heiß in Gläser.',
  'Gather what has fallen, early in the day.': 'Sammeln, was gefallen ist, früh am Tag.',
  'Animals and seedlings need the rest.': 'Tiere und Keimlinge brauchen den Rest.',
  'raw or for nut milk': 'roh oder für Nussmilch',
  'Hangs in long plates, loose at both ends.': 'Hängt in langen Platten, an beiden Enden lose.',
  'Husk splits to the foot in four.': 'Hülle spaltet sich bis zum Grund in vier.',
  'Leaves like hands, in pairs; a large round shining seed with one pale eye, in a leathery husk.':
    'Blätter wie Hände, in Paaren; ein großer runder glänzender Samen mit einem blassen Auge, in lederner Hülle.',
  'Buckeyes lie under the same trees: a nut has a pointed end and a shell, a buckeye shines and has an eye.':
    'Rosskastanien liegen unter denselben Bäumen: Eine Nuss hat eine Spitze und eine Schale, die Kastanie glänzt und hat ein Auge.',
  'Nut allergy.': 'Nussallergie.',
  'In the shell, cool and dry.': 'In der Schale, kühl und trocken.',
  'dried, cracked': 'getrocknet, geknackt',
  'A green ball that does not split, spicy.': 'Eine grüne Kugel, die sich nicht spaltet, würzig.',
  'Pith in plates like a ladder.': 'Mark in Plättchen wie eine Leiter.',
  'Husks stain skin and cloth; old ones hold maggots and mould: husk at once, with gloves.':
    'Hüllen färben Haut und Stoff; alte haben Maden und Schimmel: gleich enthüllen, mit Handschuhen.',
  'Husked, washed, dried two weeks.': 'Enthüllt, gewaschen, zwei Wochen getrocknet.',
  'raw never: shelled, ground, leached until no longer bitter':
    'roh nie: geschält, gemahlen, gewässert bis nicht mehr bitter',
  'Lobes round, no bristle at their ends.': 'Lappen rund, ohne Borste am Ende.',
  'Warty shallow cup.': 'Warziger flacher Becher.',
  'Tannin harms gut and kidneys: leach until the water stays clear and nothing puckers.':
    'Gerbstoff schadet Darm und Nieren: wässern, bis das Wasser klar bleibt und nichts mehr zusammenzieht.',
  'Dried fast, else they sprout.': 'Rasch getrocknet, sonst keimen sie.',
  'Lobes end in a bristle.': 'Lappen enden in einer Borste.',
  'A fat acorn in a flat beret.': 'Eine dicke Eichel in flacher Mütze.',
  'In the shell, dry, over the winter.': 'In der Schale, trocken, über den Winter.',
  'Long, hooked teeth, dull and hairless beneath.': 'Lang, hakige Zähne, unten matt und kahl.',
  'Needle-sharp burr with two or three nuts.': 'Nadelspitzer Igel mit zwei oder drei Nüssen.',
  'Leaves like hands; one shining seed in a leathery husk.':
    'Blätter wie Hände; ein glänzender Samen in lederner Hülle.',
  'Each nut is needed for breeding it back: leave and report.':
    'Jede Nuss wird zur Rettung gebraucht: lassen und melden.',
  'Planted trees bear as good a nut.': 'Gepflanzte Bäume tragen ebenso gute Nüsse.',
  'yellow-green candles': 'gelbgrüne Kerzen',
  'seed falls': 'Samen fallen',
  'Five leaflets from one point, in pairs on the twig; foul when crushed.':
    'Fünf Blättchen von einem Punkt, in Paaren am Zweig; zerrieben stinkend.',
  'A leathery husk with warts.': 'Eine lederne Hülle mit Warzen.',
  'Poisonous: weakness, cramps.': 'Giftig: Schwäche, Krämpfe.',
  ripe: 'reif',
  'Pick ripe ones by hand, a branch here and there; birds need the rest.':
    'Reife von Hand pflücken, hier und dort einen Zweig; Vögel brauchen den Rest.',
  'Seed goes with it; the plant lives on.': 'Samen geht mit; die Pflanze lebt weiter.',
  'flesh raw': 'Fruchtfleisch roh',
  'As long as a forearm, widest near the tip, smell of green pepper.':
    'Unterarmlang, nahe der Spitze am breitesten, riecht nach Paprika.',
  'Naked, brown velvet.': 'Nackt, brauner Samt.',
  'Some people are sickened by it or get a rash: a little the first time; never skin, seed or leaf. Dried or cooked fruit has sickened more.':
    'Manche macht sie krank oder gibt Ausschlag: beim ersten Mal wenig; nie Haut, Samen oder Blatt. Von getrockneten oder gekochten wurde mehr Leuten übel.',
  'A few days; frozen pulp.': 'Ein paar Tage; Mus gefroren.',
  'soft ones raw, or as pulp': 'weiche roh, oder als Mus',
  'Black, broken into small blocks like an alligator.': 'Schwarz, in kleine Blöcke gebrochen wie bei einem Alligator.',
  'Orange, with a stiff four-lobed collar.': 'Orange, mit steifem vierlappigem Kragen.',
  'Unripe ones in numbers can clot in the stomach: only soft ones, not many at once.':
    'Viele unreife können im Magen verklumpen: nur weiche, nicht viele auf einmal.',
  'Pulp frozen or dried.': 'Mus gefroren oder getrocknet.',
  'raw, dried': 'roh, getrocknet',
  'Smooth, grey, with dark streaks.': 'Glatt, grau, mit dunklen Streifen.',
  'A small apple with a crown, several soft seeds.': 'Ein kleiner Apfel mit Krönchen, mehrere weiche Samen.',
  'Leaf without teeth; berries without a crown, green, red and black together.':
    'Blatt ohne Zähne; Beeren ohne Krönchen, grün, rot und schwarz zugleich.',
  'Leaves and seed hold a little cyanide: fruit only.': 'Blätter und Samen enthalten etwas Blausäure: nur die Frucht.',
  'Dried or frozen.': 'Getrocknet oder gefroren.',
  'juice, jelly': 'Saft, Gelee',
  'Forked tendrils opposite leaves; bark in shreds.': 'Gegabelte Ranken den Blättern gegenüber; Rinde in Fetzen.',
  'Several pear-shaped pips.': 'Mehrere birnenförmige Kerne.',
  'Coarsely toothed all round.': 'Ringsum grob gezähnt.',
  'No tendrils; leaf edge smooth, stalk joined inside the edge; one flat crescent stone.':
    'Keine Ranken; Blattrand glatt, Stiel innerhalb des Randes angesetzt; ein flacher mondförmiger Stein.',
  'Moonseed kills and hangs in the same thickets: tendrils on the very vine, toothed leaves, and one grape of each bunch cut for its pips.':
    'Mondsame tötet und hängt im selben Gebüsch: Ranken an eben dieser Rebe, gezähnte Blätter, und von jeder Traube eine Beere auf Kerne aufgeschnitten.',
  'Juice hot into jars.': 'Saft heiß in Gläser.',
  'greenish plumes': 'grünliche Rispen',
  'blue-black fruit': 'blauschwarze Früchte',
  'One flat stone like a crescent moon.': 'Ein flacher Stein wie eine Mondsichel.',
  'Shallow lobes, edge without teeth, stalk set in from the edge.':
    'Seichte Lappen, Rand ohne Zähne, Stiel vom Rand eingerückt.',
  'Deadly: a handful of the fruit kills a child.': 'Tödlich: Eine Handvoll Früchte tötet ein Kind.',
  'cooked, stones out': 'gekocht, ohne Steine',
  'Cherries on a string, one hard stone.': 'Kirschen an einer Schnur, ein harter Stein.',
  'Fine sharp teeth, two small glands on the stalk.': 'Feine scharfe Zähne, zwei kleine Drüsen am Stiel.',
  'Leaf without teeth; berries singly in the axils.': 'Blatt ohne Zähne; Beeren einzeln in den Achseln.',
  'A vine; flat crescent stone.': 'Eine Ranke; flacher mondförmiger Stein.',
  'A vine in the thicket may carry moonseed, which kills: pick from the bush that the hand has followed.':
    'Eine Ranke im Gebüsch kann Mondsame sein, der tötet: vom Strauch pflücken, dem die Hand gefolgt ist.',
  'Stones and seed hold cyanide: strain them out, unbroken.':
    'Steine und Samen enthalten Blausäure: unzerbrochen aussieben.',
  'Jelly, syrup.': 'Gelee, Sirup.',
  'steeped cold': 'kalt angesetzt',
  'Upright, red, furry.': 'Aufrecht, rot, pelzig.',
  'Velvet; milk where it is cut.': 'Samt; Milch, wo er geschnitten ist.',
  'In swamps; leaf edge smooth, red stalk, loose hanging white berries.':
    'In Sümpfen; Blattrand glatt, roter Stiel, lockere hängende weiße Beeren.',
  'Not for whoever is allergic to cashew or mango.': 'Nichts für Menschen mit Allergie gegen Cashew oder Mango.',
  'Steep cold and strain through cloth: the hairs scratch.':
    'Kalt ansetzen und durch ein Tuch sieben: Die Haare kratzen.',
  'Cones dried whole.': 'Kolben ganz getrocknet.',
  'Seven to thirteen leaflets without teeth, on a red stalk.':
    'Sieben bis dreizehn Blättchen ohne Zähne, an rotem Stiel.',
  'White, hanging loose.': 'Weiß, locker hängend.',
  'Its oil blisters skin for weeks, in winter too: wash at once, clothes as well. Never burn it.':
    'Sein Öl zieht wochenlang Blasen, auch im Winter: gleich waschen, auch die Kleider. Nie verbrennen.',
  'Three leaflets, the middle one on a longer stalk; alternate.':
    'Drei Blättchen, das mittlere länger gestielt; wechselständig.',
  'Old vines hairy like a rope.': 'Alte Ranken behaart wie ein Seil.',
  'Woody, warty, with white pith; leaves in pairs.': 'Holzig, warzig, mit weißem Mark; Blätter in Paaren.',
  'Flat white plates.': 'Flache weiße Teller.',
  'A herb: hollow green stems without wood, leaves alternate on sheaths, umbels of dry seed.':
    'Ein Kraut: hohle grüne Stängel ohne Holz, Blätter wechselständig mit Scheiden, Dolden trockener Samen.',
  'A red-stemmed herb; berries on a hanging string, one by one.':
    'Ein rotstängeliges Kraut; Beeren einzeln an einer hängenden Schnur.',
  'Water hemlock kills and stands between the bushes with flat white heads: only from wood with pith, twig in hand.':
    'Wasserschierling tötet und steht mit flachen weißen Ständen zwischen den Sträuchern: nur von Holz mit Mark, den Zweig in der Hand.',
  'Cooked, stems off; leaves, bark and raw berries make ill.':
    'Gekocht, ohne Stiele; Blätter, Rinde und rohe Beeren machen krank.',
  'Juice hot into jars; berries dried.': 'Saft heiß in Gläser; Beeren getrocknet.',
  'white strings': 'weiße Schnüre',
  'Thick, smooth, magenta.': 'Dick, glatt, purpurrot.',
  'Flat black buttons on a red string.': 'Flache schwarze Knöpfe an roter Schnur.',
  'Poisonous, most in root and seed: vomiting, cramps; it has killed.':
    'Giftig, am meisten Wurzel und Samen: Erbrechen, Krämpfe; sie hat getötet.',
  'Sap of the root passes through cut skin.': 'Wurzelsaft dringt durch verletzte Haut.',
  'Golden resin dots beneath.': 'Unten goldene Harzpunkte.',
  'Ten seeds that crunch, a crown at the end.': 'Zehn knirschende Samen, ein Krönchen am Ende.',
  'A herb with compound leaves; glossy red or white berries on a spike, no crown.':
    'Ein Kraut mit zusammengesetzten Blättern; glänzende rote oder weiße Beeren an einer Ähre, kein Krönchen.',
  'Bears eat them too: make noise.': 'Bären fressen sie auch: mach Lärm.',
  'white tufts': 'weiße Büschel',
  'Twice cut in threes, sharply toothed.': 'Zweimal zu dritt geteilt, scharf gezähnt.',
  'Shining, on a spike above the leaves.': 'Glänzend, an einer Ähre über den Blättern.',
  'Poisonous: gut, dizziness, heart.': 'Giftig: Darm, Schwindel, Herz.',
  rest: 'in Ruhe',
  'cooked, or raw and sour': 'gekocht, oder roh und sauer',
  'Small, blunt, evergreen, edge a little rolled.': 'Klein, stumpf, immergrün, Rand etwas gerollt.',
  'Four air chambers: it bounces.': 'Vier Luftkammern: Sie springt.',
  'Stiff upright, long leaves white beneath; dry capsules.':
    'Steif aufrecht, lange Blätter unten weiß; trockene Kapseln.',
  'Not with blood thinners in quantity: ask a licensed practitioner.':
    'Bei Blutverdünnern nicht in Menge: eine Ärztin fragen.',
  'Bogs are mostly protected: ask, and tread on no moss.': 'Moore sind meist geschützt: frag, und tritt auf kein Moos.',
  'Keep for months in water or cold.': 'Halten Monate in Wasser oder Kälte.',
  'soft new tips': 'weiche neue Spitzen',
  'tips hard': 'Spitzen hart',
  'From side branches, never the leader, a few of each branch.':
    'Von Seitenästen, nie vom Gipfeltrieb, von jedem Ast wenige.',
  'The branch loses a year of growth there.': 'Der Ast verliert dort ein Jahr Wuchs.',
  'for a drink or syrup': 'für ein Getränk oder Sirup',
  'Short, flat, on tiny stalks, two white lines beneath.':
    'Kurz, flach, auf winzigen Stielen, unten zwei weiße Linien.',
  'Cones as long as a fingernail.': 'Zapfen, fingernagellang.',
  'A low sprawling bush, needles green on both sides with a point, no resin smell; red cups.':
    'Ein niedriger ausgebreiteter Strauch, Nadeln beiderseits grün mit Spitze, kein Harzgeruch; rote Becher.',
  'Yew kills by a handful: cones and resin on the very tree, every twig by its needles.':
    'Eibe tötet mit einer Handvoll: Zapfen und Harz an eben diesem Baum, jeder Zweig nach seinen Nadeln.',
  'White wool at the foot of the needles: a dying tree, carry nothing away.':
    'Weiße Wolle am Grund der Nadeln: ein sterbender Baum, nichts davontragen.',
  'Fresh; syrup in jars.': 'Frisch; Sirup in Gläsern.',
  'Blisters that spurt resin.': 'Blasen, aus denen Harz spritzt.',
  'Flat, blunt, leaving round scars.': 'Flach, stumpf, hinterlassen runde Narben.',
  'Resin can cause a skin allergy.': 'Harz kann eine Hautallergie auslösen.',
  needles: 'Nadeln',
  'Five in a bundle, thin and soft.': 'Fünf im Bündel, dünn und weich.',
  'Long hanging cones with white resin.': 'Lange hängende Zapfen mit weißem Harz.',
  'Some western pines harm a pregnancy: none in pregnancy.':
    'Manche westlichen Kiefern schaden in der Schwangerschaft: dann keine.',
  'Flat, pointed, green beneath, running down the twig.': 'Flach, spitz, unten grün, am Zweig herablaufend.',
  'No resin.': 'Kein Harz.',
  'Deadly: a handful of needles stops the heart.': 'Tödlich: Eine Handvoll Nadeln hält das Herz an.',
  'raw or dried in cakes': 'roh oder in Fladen getrocknet',
  'Thick, evergreen, finely toothed.': 'Dick, immergrün, fein gezähnt.',
  'Hairy blue-black, on one side of a red string.': 'Behaart, blauschwarz, an einer Seite einer roten Schnur.',
  'A soft herb with compound leaves; shining red or white berries.':
    'Ein weiches Kraut mit zusammengesetzten Blättern; glänzende rote oder weiße Beeren.',
  'Three leaflets; the two side ones make a butterfly.': 'Drei Blättchen; die beiden seitlichen bilden einen Falter.',
  'Comes off hollow, like a raspberry.': 'Löst sich hohl ab, wie eine Himbeere.',
};
