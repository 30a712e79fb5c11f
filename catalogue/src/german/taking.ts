/** How a part is taken, and what that does to the plant, in German, by what the English says. */
export const GERMAN_TAKING: Readonly<Record<string, string>> = {
  'Not taken. Grow it, or use another plant.': 'Wird nicht genommen. Zieh sie selbst, oder nimm eine andere Pflanze.',
  'Only under a permit, for resowing.': 'Nur mit Genehmigung, zum Wiederaussäen.',
  'Single leaves from low twigs while they still hang limp.':
    'Einzelne Blätter von niedrigen Zweigen, solange sie noch schlaff hängen.',
  'From the ground, full ones.': 'Vom Boden, volle.',
  'Strip a few from each twig before the fruit, never a whole bush.':
    'Vor der Frucht von jedem Zweig einige abstreifen, nie einen ganzen Strauch.',
  'By hand. Combs tear leaves and shoots, and are forbidden in many places.':
    'Mit der Hand. Kämme reißen Blätter und Triebe ab und sind vielerorts verboten.',
  'Snap the soft end of a shoot while its prickles still bend.':
    'Das weiche Ende eines Triebs abbrechen, solange die Stacheln sich biegen.',
  'Young whole leaves without rust spots.': 'Junge ganze Blätter ohne Rostflecken.',
  'Only berries that come off at a touch; leave the inside of the thicket.':
    'Nur Beeren, die bei Berührung abgehen; das Innere des Dickichts stehen lassen.',
  'Grasp the inner leaves and pull slowly: the heart slips out, the rootstock stays.':
    'Die inneren Blätter fassen und langsam ziehen: Das Herz gleitet heraus, der Wurzelstock bleibt.',
  'Cut the upper, male spike while it is green and sheathed.':
    'Den oberen, männlichen Kolben schneiden, solange er grün in der Scheide steckt.',
  'On a still day bend the spike into a bag and shake.':
    'An einem windstillen Tag den Kolben in einen Beutel biegen und schütteln.',
  'Cut green leaves above the water in late summer.': 'Grüne Blätter im Spätsommer über dem Wasser schneiden.',
  'Feel along the rootstock in the mud, cut a side run of a hand’s length, leave the main run.':
    'Am Wurzelstock im Schlamm entlang tasten, einen handlangen Seitentrieb schneiden, den Haupttrieb lassen.',
  'Twist out whole, look at the foot, fill the hole; leave the old and the tiny.':
    'Ganz herausdrehen, den Fuß ansehen, das Loch füllen; alte und winzige stehen lassen.',
  'Cut or twist those larger than a thumbnail; cover the place.':
    'Schneiden oder drehen, was größer ist als ein Daumennagel; die Stelle zudecken.',
  'Cut the top of a cushion with scissors.': 'Die Spitze eines Polsters mit der Schere schneiden.',
  'Cut leaves above the crown.': 'Blätter über der Krone schneiden.',
  'A few of each stem; turn them and look for rust.': 'Von jedem Stängel einige; umdrehen und nach Rost sehen.',
  'Open ones in the morning.': 'Offene, am Morgen.',
  'From the shore only, at the edge, while nobody nests near: pull white inner shoots out of clean water, a tenth of the stems.':
    'Nur vom Ufer aus, am Rand, solange nichts in der Nähe brütet: weiße innere Triebe aus sauberem Wasser ziehen, ein Zehntel der Halme.',
  'Cut dead stems above the ice or water, in strips; leave two thirds standing for insects.':
    'Tote Halme über Eis oder Wasser in Streifen schneiden; zwei Drittel für Insekten stehen lassen.',
  'Leaf by leaf, each looked at, of plants settled in flower the year before.':
    'Blatt für Blatt, jedes angesehen, von Pflanzen, die im Jahr davor in Blüte geklärt wurden.',
  'Watched and counted only.': 'Nur ansehen und zählen.',
  'From the ground or shaken.': 'Vom Boden oder geschüttelt.',
  'Few steps, on tussocks; the moss keeps a footprint for years.':
    'Wenige Schritte, auf Bulten; das Moos behält einen Fußabdruck jahrelang.',
  'Cut the rosette just above the root, or take the inner leaves only.':
    'Die Rosette knapp über der Wurzel schneiden, oder nur die inneren Blätter nehmen.',
  'At noon on a dry day, open heads only; leave some for the bees: it is one of their first foods.':
    'Mittags an einem trockenen Tag, nur offene Köpfe; einige den Bienen lassen: Es ist eine ihrer ersten Speisen.',
  'Loosen with a fork and lift whole; what breaks off shoots again.':
    'Mit der Grabgabel lockern und ganz heben; was abbricht, treibt wieder.',
  'Pull the petals and leave the heart: the hip still grows.':
    'Die Blütenblätter zupfen und das Herz lassen: Die Hagebutte wächst trotzdem.',
  'Cut or twist off single hips with gloves; hard for drying, soft for mash.':
    'Einzelne Hagebutten mit Handschuhen schneiden oder abdrehen; hart zum Trocknen, weich für Mus.',
  'Side tips from low boughs.': 'Seitenspitzen von niedrigen Ästen.',
  'On a dry day before noon, cut open heads with little stalk; shake the insects off, do not wash.':
    'An einem trockenen Tag vormittags offene Stände mit wenig Stiel schneiden; Insekten abschütteln, nicht waschen.',
  'Cut clusters that hang and are black throughout; strip at home with a fork.':
    'Stände schneiden, die hängen und ganz schwarz sind; daheim mit der Gabel abstreifen.',
  'Dig rosettes from leaf-fall until the stalk; never plants that have flowered.':
    'Rosetten vom Laubfall bis zum Stängel graben; nie Pflanzen, die geblüht haben.',
  'Shake dry pods; let half fall.': 'Trockene Schoten schütteln; die Hälfte fallen lassen.',
  'Dig out the first of every place with its foot and look for a bag; cut its base and watch the colour.':
    'Den ersten jeder Stelle mit dem Fuß ausgraben und nach einem Sack sehen; den Fuß schneiden und die Farbe beobachten.',
  'Pinch single leaves and the soft top; leave the heart of the rosette.':
    'Einzelne Blätter und die weiche Spitze abzwicken; das Herz der Rosette lassen.',
  'Snap where the stem breaks by itself.': 'Abbrechen, wo der Stängel von selbst bricht.',
  'Bend dry stems into a bag and shake.': 'Trockene Stängel in einen Beutel biegen und schütteln.',
  'Cut a lower leaf or two of a rosette, dry and clean ones.':
    'Ein oder zwei untere Blätter einer Rosette schneiden, trockene und saubere.',
  'Pick open flowers day by day, in the morning, without the green.':
    'Offene Blüten Tag für Tag am Morgen pflücken, ohne das Grün.',
  'Dig beside a rosette that has no old stalk: a deep hole on one side, then lean the root into it. Fill the hole and press it down.':
    'Neben einer Rosette ohne alten Stängel graben: auf einer Seite ein tiefes Loch, dann die Wurzel hineinlegen. Das Loch füllen und festdrücken.',
  'Cut below knee height before the buds open; peel down to the pale core.':
    'Unter Kniehöhe schneiden, bevor die Knospen aufgehen; bis auf den hellen Kern schälen.',
  'Pinch shining leaves with a piece of stalk. Look at each stalk: three-edged and grooved.':
    'Glänzende Blätter mit einem Stück Stiel abzwicken. Jeden Stiel ansehen: dreikantig und mit Rinne.',
  'Pinch single soft leaves; keep your hand out of the thorns.':
    'Einzelne weiche Blätter abzwicken; mit der Hand aus den Dornen bleiben.',
  'On a dry day cut small clusters with their top leaves; a few from each branch.':
    'An einem trockenen Tag kleine Stände mit ihren obersten Blättern schneiden; von jedem Ast einige.',
  'Comb off by hand when red throughout; leave the inside and the top to the birds.':
    'Ganz rot mit der Hand abkämmen; das Innere und die Spitze den Vögeln lassen.',
  'Shake the stem and gather what falls; nuts that must be pulled are not ripe.':
    'Den Stamm schütteln und sammeln, was fällt; Nüsse, die man ziehen muss, sind nicht reif.',
  'A few soft leaves from each stem.': 'Von jedem Stängel einige weiche Blätter.',
  'Cut; rub the spines off old ones.': 'Schneiden; bei alten die Stacheln abreiben.',
  'Then pull the whole plant and let it wither off the ground.':
    'Dann die ganze Pflanze ziehen und abseits des Bodens welken lassen.',
  'Catch pods in a bag: none may fall, none be carried off.':
    'Kapseln in einem Beutel auffangen: keine darf fallen, keine verschleppt werden.',
  'Snap the tip as long as a hand; leave the two strongest to climb.':
    'Die Spitze handlang abbrechen; die zwei stärksten klettern lassen.',
  'Pick when they feel of paper and stick a little.': 'Pflücken, wenn sie sich wie Papier anfühlen und etwas kleben.',
  'Snap those below the knee; burn or boil every scrap that is left over.':
    'Unter Kniehöhe abbrechen; jeden Rest verbrennen oder kochen.',
  'Cut soft ones.': 'Weiche schneiden.',
  'Shake blue ones over a cloth; leave the green.': 'Blaue über einem Tuch schütteln; die grünen lassen.',
  'Pinch single tufts from low twigs, spread round the tree.':
    'Einzelne Büschel von niedrigen Zweigen abzwicken, rund um den Baum verteilt.',
  'Red all round, by hand.': 'Rundum rot, mit der Hand.',
  'Cut half-open plumes on a dry day, one of a stem.':
    'Halb offene Rispen an einem trockenen Tag schneiden, eine je Stängel.',
  'Cut lengthwise on the spot: one clean hollow from tip to foot.':
    'Gleich längs aufschneiden: ein sauberer Hohlraum von der Spitze bis zum Fuß.',
  'Pinch side tips only, a few from each branch, all round the tree; never the leader, never young trees.':
    'Nur Seitenspitzen abzwicken, von jedem Ast einige, rund um den Baum; nie den Leittrieb, nie junge Bäume.',
  'Snap those still tightly rolled, at most two of a crown and never two years running.':
    'Noch fest gerollte abbrechen, höchstens zwei je Krone und nie zwei Jahre nacheinander.',
  'Cut young shelves; leave the wood.': 'Junge Konsolen schneiden; das Holz lassen.',
  'Only caps wider than a hand, the ring slid and the stem looked at.':
    'Nur Hüte breiter als eine Hand, den Ring verschoben und den Stiel angesehen.',
  'From the ground, brown, without holes.': 'Vom Boden, braun, ohne Löcher.',
  'Take one leaf of a plant that has two or more. Hold it at the base, cut it singly and look at every one: no handfuls.':
    'Ein Blatt von einer Pflanze mit zweien oder mehr nehmen. Am Grund fassen, einzeln schneiden und jedes ansehen: keine Büschel.',
  'Pinch the stalk under the closed sheath.': 'Den Stiel unter der geschlossenen Scheide abzwicken.',
  'Cut the head while the capsules are still green and shut.':
    'Den Stand schneiden, solange die Kapseln grün und geschlossen sind.',
  'What slips from its plug.': 'Was vom Zapfen gleitet.',
  'Two or three of a cane.': 'Zwei oder drei je Rute.',
  'A third of a rosette.': 'Ein Drittel einer Rosette.',
  'Cut soft tips with scissors where you stand firm; never pull at a cliff.':
    'Weiche Spitzen mit der Schere schneiden, wo du fest stehst; nie an einer Klippe ziehen.',
  'Cut whole heads, leave the top of the tree.': 'Ganze Stände schneiden, die Baumspitze lassen.',
  'Side candles from low boughs, spread round.': 'Seitliche Kerzen von niedrigen Ästen, rundum verteilt.',
  'Shake ripe catkins into a bag on a still day.': 'Reife Kätzchen an einem windstillen Tag in einen Beutel schütteln.',
  'A few of each plant, above the reach of the last tide.': 'Von jeder Pflanze einige, oberhalb der letzten Flut.',
  'Milk the twig with a fork into a bowl, or shake frozen twigs; do not cut.':
    'Den Zweig mit der Gabel in eine Schüssel streifen, oder gefrorene Zweige schütteln; nicht schneiden.',
  'Only trees thicker than two hands. Cut one twig of thumb thickness and hang a bottle, or one shallow hole, closed afterwards with a plug. One to three days, then leave the tree.':
    'Nur Bäume, dicker als zwei Hände. Einen daumendicken Zweig schneiden und eine Flasche daran hängen, oder ein flaches Loch, danach mit einem Stöpsel verschlossen. Ein bis drei Tage, dann den Baum in Ruhe lassen.',
  'Strip a few twigs in reach, spread round the tree.':
    'Einige erreichbare Zweige abstreifen, rund um den Baum verteilt.',
  'Side tips from low boughs; never the top, never of trees below head height.':
    'Seitenspitzen von niedrigen Ästen; nie die Spitze, nie von Bäumen unter Kopfhöhe.',
  'Thick gloves. Pick single fruit that give to the thumb; leave the inside of the bush to the birds.':
    'Dicke Handschuhe. Einzelne Früchte pflücken, die dem Daumen nachgeben; das Innere des Strauchs den Vögeln lassen.',
  'Shake or pinch a few from each branch.': 'Von jedem Ast einige schütteln oder abzwicken.',
  'On a dry noon, pick clusters with their pale wing from branches in reach; spread round the tree.':
    'An einem trockenen Mittag Stände mit ihrem hellen Flügel von erreichbaren Ästen pflücken; rund um den Baum verteilt.',
  'Pick soft, shining leaves from twigs in reach, never all of one twig.':
    'Weiche, glänzende Blätter von erreichbaren Zweigen pflücken, nie alle eines Zweigs.',
  'Cut a third of a clump with a sickle.': 'Ein Drittel eines Horstes mit der Sichel schneiden.',
  'A few from each plant.': 'Von jeder Pflanze einige.',
  'Gloves. Pinch the top two or three pairs of leaves above a pair; the stem branches below.':
    'Handschuhe. Die obersten zwei oder drei Blattpaare über einem Paar abzwicken; darunter verzweigt sich der Stängel.',
  'From female plants only: the hanging, full strings. Cut the top and strip it when dry.':
    'Nur von weiblichen Pflanzen: die hängenden, vollen Schnüre. Die Spitze schneiden und trocken abstreifen.',
  'Cut tall stems near the ground once the leaves begin to fall.':
    'Hohe Stängel nahe am Boden schneiden, sobald die Blätter zu fallen beginnen.',
  'From the ground, gloves for the husks, full and unbored ones.':
    'Vom Boden, Handschuhe für die Hüllen, volle ohne Bohrlöcher.',
  'Cut outer leaves.': 'Äußere Blätter schneiden.',
  'Pick while green and soft.': 'Grün und weich pflücken.',
  'Loosen all round with a fork, lift, cut off the root threads; set the crown with its youngest buds back at the same depth.':
    'Rundum mit der Grabgabel lockern, heben, die Wurzelfäden abschneiden; die Krone mit den jüngsten Knospen gleich tief zurücksetzen.',
  'Cut the umbrella-like head with a hand of stalk.': 'Den schirmartigen Stand mit einer Handbreit Stiel schneiden.',
  'Shake ripe heads into a bag on a still day.': 'Reife Stände an einem windstillen Tag in einen Beutel schütteln.',
  'Cut single young caps; the stems are tough. Look at every cap of the tuft: two kinds can share a log. Take one home on paper for its spore print first.':
    'Einzelne junge Hüte schneiden; die Stiele sind zäh. Jeden Hut des Büschels ansehen: Zwei Arten können einen Stamm teilen. Erst einen auf Papier für den Sporenabdruck heimnehmen.',
  'Cut above a pair of leaves.': 'Über einem Blattpaar schneiden.',
  'Cut above the water, from a spring without stock above it.':
    'Über dem Wasser schneiden, aus einer Quelle ohne Vieh oberhalb.',
  'Cut when the lower pods are green; leave every second plant to seed.':
    'Schneiden, wenn die unteren Kapseln grün sind; jede zweite Pflanze aussamen lassen.',
  'Cut one-year rods of a pollard low, with a slope, all in one go.':
    'Einjährige Ruten einer Kopfweide tief und schräg schneiden, alle auf einmal.',
  'Only from rods cut anyway; never from the trunk, never in a ring.':
    'Nur von ohnehin geschnittenen Ruten; nie vom Stamm, nie ringsum.',
  'Only of plants settled in flower the year before, each stem looked at. Cut one, leave the crown.':
    'Nur von Pflanzen, die im Jahr davor in Blüte geklärt wurden, jeder Stängel angesehen. Einen schneiden, die Krone lassen.',
  'Cut one umbel, leave the others to fall.': 'Eine Dolde schneiden, die anderen fallen lassen.',
  'Dig first-year plants in autumn, only with every look-alike ruled out.':
    'Einjährige Pflanzen im Herbst graben, nur wenn jeder Doppelgänger ausgeschlossen ist.',
  'Dig rosettes only, after every look-alike is ruled out.':
    'Nur Rosetten graben, nachdem jeder Doppelgänger ausgeschlossen ist.',
  'Cut one dry nest, shake half of it where it stood.':
    'Ein trockenes Nest schneiden, die Hälfte davon ausschütteln, wo es stand.',
  'Pick what falls at a touch; leave the small ones.': 'Pflücken, was bei Berührung fällt; die kleinen lassen.',
  'One or two of a plant.': 'Eines oder zwei je Pflanze.',
  'Cut outer leaves of rosettes; twice in a summer.': 'Äußere Blätter der Rosetten schneiden; zweimal im Sommer.',
  'Only with permit and leave, in autumn, plants confirmed in flower; part of the root, the crown set back.':
    'Nur mit Genehmigung und Erlaubnis, im Herbst, in Blüte bestätigte Pflanzen; einen Teil der Wurzel, die Krone zurückgesetzt.',
  'Shake ripe pods into the hand, sow most of it on bare soil there.':
    'Reife Kapseln in die Hand schütteln, das meiste gleich auf nacktem Boden säen.',
  // What it does to the plant.
  'Seed lost in a plant that sets little.': 'Samen verloren bei einer Pflanze, die wenig ansetzt.',
  'Seed lost.': 'Samen verloren.',
  'Little, if spread.': 'Wenig, wenn verteilt.',
  'Mice and jays need them in lean years.': 'Mäuse und Häher brauchen sie in mageren Jahren.',
  'Weakens this year’s berries.': 'Schwächt die Beeren dieses Jahres.',
  'Food of grouse, bears and many others.': 'Nahrung von Raufußhühnern, Bären und vielen anderen.',
  'The shoot branches below.': 'Der Trieb verzweigt sich darunter.',
  'Little.': 'Wenig.',
  'Seed and food for many animals.': 'Samen und Nahrung für viele Tiere.',
  'One shoot of the clone is lost; others follow.': 'Ein Trieb des Klons ist verloren; andere folgen.',
  'No pollen and no seed from that stem.': 'Kein Pollen und kein Samen von diesem Halm.',
  'Little: enough is spilt to seed.': 'Wenig: Es fällt genug zum Aussamen.',
  'Cut too early it weakens the rootstock.': 'Zu früh geschnitten schwächt es den Wurzelstock.',
  'A side run of the clone is lost.': 'Ein Seitentrieb des Klons ist verloren.',
  'Lives on in the roots.': 'Lebt in den Wurzeln weiter.',
  'The fungus lives on in the soil; trampling hurts it.': 'Der Pilz lebt im Boden weiter; Tritt schadet ihm.',
  'Grows again within weeks and seeds itself.': 'Wächst binnen Wochen nach und samt sich aus.',
  'Comes again three or four times a year.': 'Kommt drei- oder viermal im Jahr wieder.',
  'Grows on.': 'Wächst weiter.',
  'Flowers for months.': 'Blüht monatelang.',
  'None that lasts to the reed; whoever goes in drives birds from their nests.':
    'Dem Schilf keine, die bleibt; wer hineingeht, vertreibt Vögel vom Nest.',
  'None to the reed; much to those that winter in it.': 'Dem Schilf nichts; viel denen, die darin überwintern.',
  'Comes again.': 'Kommt wieder.',
  'Seed is its way to spread.': 'Durch Samen breitet sie sich aus.',
  'Trampling harms more than picking.': 'Tritt schadet mehr als Pflücken.',
  'Comes again from the root within weeks.': 'Kommt binnen Wochen aus der Wurzel wieder.',
  'That head sets no seed.': 'Dieser Kopf setzt keinen Samen an.',
  'The plant is gone, unless a piece stays.': 'Die Pflanze ist weg, wenn kein Stück bleibt.',
  'Little: the heart of the flower stays and sets its hip.':
    'Wenig: Das Herz der Blüte bleibt und setzt seine Hagebutte an.',
  'Seed and winter food for birds.': 'Samen und Winternahrung für Vögel.',
  'Little, if few.': 'Wenig, wenn es wenige sind.',
  'Each head taken is one cluster of berries lost.': 'Jeder genommene Stand ist ein verlorener Beerenstand.',
  'Kills it; it dies after flowering anyway and seeds freely.':
    'Tötet sie; nach der Blüte stirbt sie ohnehin und samt reich aus.',
  'Lives by seed.': 'Lebt vom Samen.',
  'Lives on in the turf.': 'Lebt in der Grasnarbe weiter.',
  'A second-year plant flowers from below all the same.': 'Eine zweijährige Pflanze blüht von unten trotzdem.',
  'The seed of that stem is lost; side stems follow.': 'Der Samen dieses Stängels ist verloren; Seitenstängel folgen.',
  'Seed of a plant that dies anyway.': 'Samen einer Pflanze, die ohnehin stirbt.',
  'Weakens the rosette; it flowers a year later or not at all.':
    'Schwächt die Rosette; sie blüht ein Jahr später oder gar nicht.',
  'Each is a capsule lost; the candle bears hundreds.': 'Jede ist eine verlorene Kapsel; die Kerze trägt Hunderte.',
  'The plant is killed before it has ever seeded.': 'Die Pflanze wird getötet, bevor sie je ausgesamt hat.',
  'The plant is dying anyway, but its seed is lost.': 'Die Pflanze stirbt ohnehin, aber ihr Samen ist verloren.',
  'None that lasts; it comes back from every scrap of root.':
    'Keine, die bleibt; er kommt aus jedem Wurzelrest wieder.',
  'Little, if no twig is stripped.': 'Wenig, wenn kein Zweig kahl wird.',
  'Each cluster taken is a cluster of haws lost.': 'Jeder genommene Stand ist ein verlorener Beerenstand.',
  'Seed and winter store of many animals.': 'Samen und Wintervorrat vieler Tiere.',
  'Lives on in the soil.': 'Lebt im Boden weiter.',
  'The more the better.': 'Je mehr, desto besser.',
  'Sprouts again from the crown.': 'Treibt aus der Krone wieder.',
  'Lives on from the root.': 'Lebt aus der Wurzel weiter.',
  'Lives on in the wood.': 'Lebt im Holz weiter.',
  'Birds sow what is left; young bushes have become rare.':
    'Vögel säen, was bleibt; junge Sträucher sind selten geworden.',
  'Little, if few; never the leading shoot.': 'Wenig, wenn es wenige sind; nie den Leittrieb.',
  'Little; the rake tears shoots.': 'Wenig; der Kamm reißt Triebe ab.',
  'Its seed is lost; it also creeps.': 'Ihr Samen ist verloren; sie kriecht aber auch.',
  'A side tip taken is that branch’s growth of the year; the leader lost makes a crooked tree.':
    'Eine genommene Seitenspitze ist der Jahreszuwachs dieses Asts; ein verlorener Leittrieb gibt einen krummen Baum.',
  'A crown robbed of half shrinks for years.': 'Eine um die Hälfte beraubte Krone schrumpft jahrelang.',
  'Many animals live on them.': 'Viele Tiere leben davon.',
  'The bulb lives on what its leaves bring in until June; a plant robbed of all of them shrinks or misses a year.':
    'Die Zwiebel lebt von dem, was ihre Blätter bis Juni einbringen; eine ganz entblätterte Pflanze schrumpft oder setzt ein Jahr aus.',
  'Each bud taken is a flower head and its seed lost.':
    'Jede genommene Knospe ist ein verlorener Blütenstand mit seinem Samen.',
  'The seed of the year is lost; ramsons spreads by little else.':
    'Der Samen des Jahres ist verloren; Bärlauch breitet sich sonst kaum aus.',
  'Grows again.': 'Wächst nach.',
  'A pulled plant is gone for years.': 'Eine gezogene Pflanze fehlt jahrelang.',
  'Thrushes live on what is left.': 'Drosseln leben von dem, was bleibt.',
  'A side shoot lost.': 'Ein Seitentrieb verloren.',
  'None to speak of.': 'Kaum eine.',
  'Cut branches bear again only after years.': 'Geschnittene Äste tragen erst nach Jahren wieder.',
  'Each hole is a wound that can rot; rest the tree for some years.':
    'Jedes Loch ist eine Wunde, die faulen kann; lass den Baum einige Jahre ruhen.',
  'Deer do the rest: few, or none where it is browsed.':
    'Den Rest tut das Wild: wenige, oder keine, wo verbissen wird.',
  'Winter food for birds, and seed.': 'Winternahrung für Vögel, und Samen.',
  'Each blossom taken is a fruit lost; first food for bees.':
    'Jede genommene Blüte ist eine verlorene Frucht; erste Nahrung für Bienen.',
  'Little to a large tree if no branch is stripped or broken.':
    'Wenig für einen großen Baum, wenn kein Ast kahl oder gebrochen wird.',
  'Little, if spread round the crown.': 'Wenig, wenn rund um die Krone verteilt.',
  'The stem branches and comes again in three to five weeks.':
    'Der Stängel verzweigt sich und kommt in drei bis fünf Wochen wieder.',
  'The seed is lost; the creeping roots carry the stand on.':
    'Der Samen ist verloren; die kriechenden Wurzeln tragen den Bestand weiter.',
  'None that lasts; the stem would die back anyway.': 'Keine, die bleibt; der Stängel würde ohnehin vergehen.',
  'Deer and jays share them.': 'Wild und Häher teilen sie.',
  'Seed of the year lost.': 'Samen des Jahres verloren.',
  'Kills the plant unless the crown goes back; half of those put back live (estimate).':
    'Tötet die Pflanze, wenn die Krone nicht zurückkommt; von den zurückgesetzten lebt die Hälfte (geschätzt).',
  'The seed of that stem is lost.': 'Der Samen dieses Stängels ist verloren.',
  'Sow part of it where you dig.': 'Säe einen Teil davon, wo du gräbst.',
  'The fungus lives on in the wood.': 'Der Pilz lebt im Holz weiter.',
  'Branches and grows on.': 'Verzweigt sich und wächst weiter.',
  'Ends the plant.': 'Beendet die Pflanze.',
  'Pollards live by it.': 'Kopfbäume leben davon.',
  'A ringed tree dies.': 'Ein geringelter Baum stirbt.',
  'The plant does not flower this year and may sprout once more.':
    'Die Pflanze blüht dieses Jahr nicht und treibt vielleicht noch einmal.',
  'It dies after seeding and comes again only from seed.':
    'Sie stirbt nach dem Aussamen und kommt nur aus Samen wieder.',
  'Kills it.': 'Tötet sie.',
  'It lives by seed alone.': 'Sie lebt allein vom Samen.',
  'Spreads by runners more than by seed.': 'Breitet sich mehr durch Ausläufer als durch Samen aus.',
  'Grows again until autumn.': 'Wächst bis zum Herbst nach.',
  'Kills a plant of many years, unless the crown lives on.':
    'Tötet eine Pflanze von vielen Jahren, wenn die Krone nicht weiterlebt.',
  'Its only way to spread.': 'Ihr einziger Weg, sich auszubreiten.',
  'In many countries its living seed may be neither sown nor moved: what is taken is boiled before it goes anywhere.':
    'In vielen Ländern darf sein lebender Samen weder gesät noch bewegt werden: Was genommen wird, wird gekocht, bevor es irgendwohin kommt.',
  'Bulbs are not dug: in many places that is forbidden, and everywhere it needs the owner’s leave.':
    'Zwiebeln werden nicht gegraben: Vielerorts ist das verboten, und überall braucht es die Erlaubnis des Besitzers.',
};
