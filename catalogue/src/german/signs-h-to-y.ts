/** Signs in words of the plants from hawthorn to yew, in German, by what the English says. */
export const GERMAN_SIGNS_H_TO_Y: Readonly<Record<string, string>> = {
  'Straight thorns on the twigs, some ending in a bud.': 'Gerade Dornen an den Zweigen, manche enden in einer Knospe.',
  'Leaf cut deeply into three to seven lobes, wider than the gaps between them.':
    'Blatt tief in drei bis sieben Lappen geteilt, breiter als die Lücken dazwischen.',
  'One hard stone in each haw; the dry calyx sits on its end.':
    'Ein harter Stein in jeder Beere; der trockene Kelch sitzt am Ende.',
  'Round, softly hairy, with a small tip and a double saw edge.':
    'Rund, weich behaart, mit kleiner Spitze und doppelt gesägtem Rand.',
  'Nut in a ragged green cup.': 'Nuss in zerschlitzter grüner Hülle.',
  'Brittle spines.': 'Spröde Stacheln.',
  'Cream to buff, wavy.': 'Creme bis semmelgelb, wellig.',
  'Smooth and hairless, hollow, with purple blotches, most at the foot; young ones may have none yet.':
    'Glatt und kahl, hohl, mit violetten Flecken, am meisten am Fuß; junge haben vielleicht noch keine.',
  'Smells of mice when rubbed. Do not breathe it deeply.': 'Riecht gerieben nach Mäusen. Nicht tief einatmen.',
  'Seeds round with wavy ribs.': 'Samen rund mit welligen Rippen.',
  'In winter tall hollow stalks with the ribs of umbrellas.':
    'Im Winter hohe hohle Stängel mit den Rippen von Schirmen.',
  'A bunch of thick fingers; cut, they ooze a clear sap that turns orange. Do not dig it to see.':
    'Ein Bund dicker Finger; geschnitten tritt klarer Saft aus, der orange wird. Nicht graben, um nachzusehen.',
  'Hollow, ribbed, hairless, no purple.': 'Hohl, gerippt, kahl, kein Violett.',
  'Not unpleasant, of parsley or celery: the smell proves nothing.':
    'Nicht unangenehm, nach Petersilie oder Sellerie: Der Geruch beweist nichts.',
  'Three to five lance leaflets from one point, like a hand.':
    'Drei bis fünf lanzenförmige Blättchen aus einem Punkt, wie eine Hand.',
  'Full of pith, reddish.': 'Voll Mark, rötlich.',
  'Four leaves in one whorl, all at one height.': 'Vier Blätter in einem Quirl, alle auf einer Höhe.',
  'A single berry on top, none anywhere else.': 'Eine einzige Beere obenauf, sonst nirgends eine.',
  'Thick, juicy, red, hollow.': 'Dick, saftig, rot, hohl.',
  'In pairs or threes, with red-based teeth.': 'Zu zweit oder zu dritt, Zähne am Grund rot.',
  'Pods that spring at a touch.': 'Kapseln, die bei Berührung springen.',
  'Rough with small hooks; no tendrils.': 'Rau von kleinen Haken; keine Ranken.',
  'In pairs.': 'Paarweise.',
  'Papery cones, left on dead vines.': 'Papierene Zapfen, an toten Ranken zurückgeblieben.',
  'Fingers from one point.': 'Finger aus einem Punkt.',
  'Large, brown and sticky, in pairs.': 'Groß, braun und klebrig, paarweise.',
  'A few soft spikes on the husk, a round conker without a tip.':
    'Wenige weiche Stacheln an der Hülle, eine runde Kastanie ohne Spitze.',
  'Sharp true gills that run far down.': 'Scharfe echte Lamellen, die weit herablaufen.',
  'Many from one foot, on wood or a buried root.': 'Viele aus einem Fuß, auf Holz oder einer vergrabenen Wurzel.',
  'Hollow like bamboo, with red flecks and rings.': 'Hohl wie Bambus, mit roten Flecken und Ringen.',
  'Like a spade, straight across at the stalk.': 'Wie ein Spaten, am Stiel gerade abgeschnitten.',
  'Brown canes stand all winter.': 'Braune Ruten stehen den ganzen Winter.',
  'An ear of rubber, velvety outside, veined within; no gills, no pores.':
    'Ein Ohr aus Gummi, außen samtig, innen geadert; keine Lamellen, keine Poren.',
  'Sharp needles in threes with one white band above.': 'Spitze Nadeln zu dritt mit einem weißen Streifen oben.',
  'A three-rayed seam on top of the berry.': 'Eine dreistrahlige Naht oben auf der Beere.',
  'Of gin.': 'Nach Gin.',
  'Soft needles in tufts on knobs; bare in winter.': 'Weiche Nadeln in Büscheln auf Höckern; im Winter kahl.',
  'Knobbly straw-coloured twigs with small egg-shaped cones all winter.':
    'Knotige strohfarbene Zweige mit kleinen eiförmigen Zapfen, den ganzen Winter.',
  'Two leaves, seldom three, wrapped round each other on one stem.':
    'Zwei Blätter, selten drei, an einem Stängel umeinander gewickelt.',
  'Underside shining.': 'Unterseite glänzend.',
  'A creeping white rootstock that branches, and no bulb.':
    'Ein kriechender weißer verzweigter Wurzelstock, keine Zwiebel.',
  'Nodding white bells all to one side.': 'Nickende weiße Glocken, alle nach einer Seite.',
  'Leathery, edge rolled under, dotted beneath.': 'Ledrig, Rand eingerollt, unten gepunktet.',
  'In small hanging bunches, with the rest of the flower at the tip.':
    'In kleinen hängenden Trauben, mit dem Rest der Blüte an der Spitze.',
  'Veins run in a net with a seam along the edge; grown leaves have two barbs.':
    'Adern im Netz mit einem Saum am Rand; ausgewachsene Blätter haben zwei Zipfel.',
  'No garlic.': 'Kein Knoblauch.',
  'A knobbly brown tuber.': 'Eine höckerige braune Knolle.',
  'A club of orange berries, alone above the ground.': 'Eine Keule oranger Beeren, allein über dem Boden.',
  'Croziers with many broad brown scales that do not rub off as one skin.':
    'Eingerollte Wedel mit vielen breiten braunen Schuppen, die nicht als eine Haut abgehen.',
  'No groove along the inside of the stalk; ostrich fern has a deep one.':
    'Keine Rinne an der Innenseite des Stiels; der Straußenfarn hat eine tiefe.',
  'Large and tiny leaflets by turns, the end one three-lobed, white beneath.':
    'Große und winzige Blättchen im Wechsel, das letzte dreilappig, unten weiß.',
  'Red, furrowed, hard.': 'Rot, gefurcht, hart.',
  'Crushed leaf sharp, like a bandage; flowers of almond and honey.':
    'Zerriebenes Blatt scharf, wie ein Verband; Blüten nach Mandel und Honig.',
  'Cut to the stalk into five or seven narrow parts, dark above.':
    'Bis zum Stiel in fünf oder sieben schmale Teile geschnitten, oben dunkel.',
  'A dark turnip with a younger one beside it.': 'Eine dunkle Rübe mit einer jüngeren daneben.',
  'A closed hood.': 'Ein geschlossener Helm.',
  'Pits like a honeycomb, one with the stem.': 'Gruben wie eine Wabe, eins mit dem Stiel.',
  'One clean hollow.': 'Ein sauberer Hohlraum.',
  'Needles four-edged, they roll between the fingers; each sits on a small brown peg that stays on the twig.':
    'Nadeln vierkantig, sie rollen zwischen den Fingern; jede sitzt auf einem kleinen braunen Höcker, der am Zweig bleibt.',
  'Cones hang and fall whole.': 'Zapfen hängen und fallen ganz.',
  'Crushed tip smells of resin and lemon.': 'Zerriebene Spitze riecht nach Harz und Zitrone.',
  'A deep groove along the inside of the smooth stalk, like a stick of celery.':
    'Eine tiefe Rinne an der Innenseite des glatten Stiels, wie bei einer Selleriestange.',
  'Thin brown skin that rubs off; no wool, no lasting scales.':
    'Dünne braune Haut, die sich abreibt; keine Wolle, keine bleibenden Schuppen.',
  'Stiff brown plumes of last year in the middle of the crown.':
    'Steife braune Wedel vom letzten Jahr in der Mitte der Krone.',
  'White, running down a short stem at the side.': 'Weiß, an einem kurzen seitlichen Stiel herablaufend.',
  'Pale lilac to white.': 'Blass lila bis weiß.',
  'Brown snakeskin; a double ring that slides.': 'Braune Schlangenhaut; ein doppelter verschiebbarer Ring.',
  'Wider than a hand: small kin are deadly.': 'Breiter als eine Hand: Kleine Verwandte sind tödlich.',
  'Does not turn red.': 'Wird nicht rot.',
  'Round lobes, two small ears at the foot.': 'Runde Lappen, zwei kleine Öhrchen am Fuß.',
  'Acorns on long stalks.': 'Eicheln an langen Stielen.',
  'Several buds crowded at the end of the twig.': 'Mehrere Knospen gedrängt am Ende des Zweigs.',
  'Cut and cut again, ragged; the end lobe blunt.': 'Geteilt und wieder geteilt, zerzaust; der Endlappen stumpf.',
  'Rank when rubbed.': 'Gerieben streng.',
  'Each leaf smells of garlic when crushed; fingers that have touched it smell too, so use a clean hand for every leaf.':
    'Jedes Blatt riecht zerrieben nach Knoblauch; Finger, die es berührt haben, riechen auch, darum für jedes Blatt eine saubere Hand.',
  'Each leaf stands on a stalk of its own, straight from the ground.':
    'Jedes Blatt steht auf einem eigenen Stiel, direkt aus dem Boden.',
  'Underside dull and paler than the upper side; the midrib snaps when bent.':
    'Unterseite matt und heller als die Oberseite; die Mittelrippe knackt beim Biegen.',
  'A slim white bulb, one to a plant, with threads at its foot.':
    'Eine schlanke weiße Zwiebel, eine je Pflanze, mit Fäden am Fuß.',
  'A loose ball of white stars on a three-edged stalk.': 'Ein lockerer Ball weißer Sterne auf dreikantigem Stängel.',
  'White beneath.': 'Unten weiß.',
  'Round canes with thin straight prickles.': 'Runde Ruten mit dünnen geraden Stacheln.',
  'Slips off a white plug.': 'Geht von einem weißen Zapfen ab.',
  'Five strong veins side by side; torn, they draw threads.':
    'Fünf starke Adern nebeneinander; gerissen ziehen sie Fäden.',
  'Short dark head on a furrowed bare stalk.': 'Kurzer dunkler Kopf auf gefurchtem kahlem Stängel.',
  'Fleshy round fingers, full of juice.': 'Fleischige runde Finger, voll Saft.',
  'Of polish and carrot.': 'Nach Politur und Möhre.',
  'Leaflets all toothed, in pairs with one at the end.': 'Blättchen alle gezähnt, paarweise mit einem am Ende.',
  'Purple-brown, downy, one by one.': 'Purpurbraun, flaumig, einzeln.',
  'Like a tiny apple inside.': 'Innen wie ein winziger Apfel.',
  'Scales, on young twigs needles.': 'Schuppen, an jungen Zweigen Nadeln.',
  'Foul when rubbed.': 'Gerieben übel.',
  'Berries hang on bent stalks.': 'Beeren hängen an gebogenen Stielen.',
  'Square.': 'Vierkantig.',
  'Black dots beneath.': 'Unten schwarze Punkte.',
  'Salmon red, seldom blue.': 'Lachsrot, selten blau.',
  'Needles in twos, blue-green, twisted.': 'Nadeln zu zweit, blaugrün, gedreht.',
  'Fox-red and peeling in the upper half.': 'In der oberen Hälfte fuchsrot und abblätternd.',
  'Thick, glossy, wavy, with a red-striped stalk.': 'Dick, glänzend, wellig, mit rot gestreiftem Stiel.',
  'Green, in threes along spikes.': 'Grün, zu dritt an Ähren.',
  'Long thorns.': 'Lange Dornen.',
  'Narrow, silver with scales.': 'Schmal, silbrig von Schuppen.',
  'White peeling bark, black diamonds low on the trunk.': 'Weiße schälende Rinde, unten am Stamm schwarze Rauten.',
  'Leaves triangular with a double saw edge; twigs hang, with small warts.':
    'Blätter dreieckig mit doppelt gesägtem Rand; Zweige hängen, mit kleinen Warzen.',
  'Two white bands beneath, tip notched, the foot round like a sucker.':
    'Unten zwei weiße Streifen, Spitze gekerbt, der Fuß rund wie ein Saugnapf.',
  'Of resin and orange.': 'Nach Harz und Orange.',
  'Pale grey, smooth, with resin blisters.': 'Hellgrau, glatt, mit Harzblasen.',
  'A torn needle leaves a round flat scar, no bark with it.':
    'Eine abgerissene Nadel lässt eine runde flache Narbe, ohne Rinde mitzunehmen.',
  'Dark, dense, thorny shrub; the thorns are short side twigs.':
    'Dunkler, dichter, dorniger Strauch; die Dornen sind kurze Seitenzweige.',
  'One stone in each round, blue-bloomed fruit; single on short stalks.':
    'Ein Stein in jeder runden, blau bereiften Frucht; einzeln an kurzen Stielen.',
  'Heart-shaped, small, blue-green beneath, with rust-brown tufts of hair in the corners of the veins.':
    'Herzförmig, klein, unten blaugrün, mit rostbraunen Haarbüscheln in den Aderwinkeln.',
  'Five to eleven flowers upright on a stalk grown together with a pale wing.':
    'Fünf bis elf Blüten aufrecht an einem Stiel, der mit einem hellen Flügel verwachsen ist.',
  'Round, full of white unbroken pith.': 'Rund, voll weißem, ununterbrochenem Mark.',
  'A tuft that sits on the side of the stem.': 'Ein Büschel, das seitlich am Halm sitzt.',
  'Barbs of the leaf foot point straight back along the stalk.':
    'Die Zipfel am Blattgrund zeigen gerade am Stiel zurück.',
  'Veins a net; no seam along the edge.': 'Adern ein Netz; kein Saum am Rand.',
  'Young twigs green, with four corky edges.': 'Junge Zweige grün, mit vier Korkleisten.',
  'Pink, four-lobed, opening to orange seeds.': 'Rosa, vierlappig, springt auf zu orangen Samen.',
  'Leaves in crossed pairs, saw-edged, with stinging hairs on both sides.':
    'Blätter in gekreuzten Paaren, gesägt, mit Brennhaaren auf beiden Seiten.',
  'Stem four-edged and hairy; tough fibres when pulled apart.':
    'Stängel vierkantig und behaart; auseinandergezogen zähe Fasern.',
  'Tough yellow creeping roots.': 'Zähe gelbe kriechende Wurzeln.',
  'Sulphur-yellow with a green tinge, then purple-brown.': 'Schwefelgelb mit grünem Stich, dann purpurbraun.',
  'Purple-brown.': 'Purpurbraun.',
  'Long, with a sharp tooth at the end of each vein.': 'Lang, mit einem scharfen Zahn am Ende jeder Ader.',
  'Husk like a hedgehog; nut flat on a side, with a tuft at its tip.':
    'Hülle wie ein Igel; Nuss auf einer Seite flach, mit einem Büschel an der Spitze.',
  'Furrows that wind round the trunk.': 'Furchen, die sich um den Stamm winden.',
  'Of aniseed, strong and sweet, in every part.': 'Nach Anis, stark und süß, in allen Teilen.',
  'White flecks along the middle.': 'Weiße Flecken entlang der Mitte.',
  'As long as a finger joint, ribbed, shining.': 'Ein Fingerglied lang, gerippt, glänzend.',
  'Leaves in pairs, feathered into narrow leaflets with an odd one at the end.':
    'Blätter paarweise, in schmale Blättchen gefiedert, mit einem am Ende.',
  'Stem hollow and ribbed; hairs at the joints.': 'Stängel hohl und gerippt; Haare an den Knoten.',
  'Short rootstock with many pale threads; the cut smells strongly, more so when it dries.':
    'Kurzer Wurzelstock mit vielen hellen Fäden; der Schnitt riecht stark, getrocknet noch mehr.',
  'Small funnels with a spur-like bulge, pink to white, in a domed head: not an umbel with rays from one point.':
    'Kleine Trichter mit spornartiger Ausbuchtung, rosa bis weiß, in gewölbtem Stand: keine Dolde mit Strahlen aus einem Punkt.',
  'Spore print white. The deadly twin’s is rust-brown. Overnight, under a glass.':
    'Sporenabdruck weiß. Der des tödlichen Zwillings ist rostbraun. Über Nacht, unter einem Glas.',
  'Stem velvety and black-brown from the foot up, pale at the top; no ring at all.':
    'Stiel vom Fuß her samtig und schwarzbraun, oben hell; gar kein Ring.',
  'Cap orange-yellow, sticky when damp.': 'Hut orangegelb, feucht klebrig.',
  'Gills cream, never rust-brown with age.': 'Lamellen creme, auch im Alter nie rostbraun.',
  'Of mint.': 'Nach Minze.',
  'A round head on top.': 'Obenauf ein runder Kopf.',
  'Dead stems square, with dry balls in storeys.': 'Tote Stängel vierkantig, mit trockenen Bällen in Stockwerken.',
  'Sharp, of cress.': 'Scharf, nach Kresse.',
  'Leaflets smooth, the end one largest and round.': 'Blättchen glatt, das letzte am größten und rund.',
  'Hollow, round.': 'Hohl, rund.',
  'Narrow, wavy, shining, undivided.': 'Schmal, wellig, glänzend, ungeteilt.',
  'A long thin spike that follows the sun.': 'Eine lange dünne Kerze, die der Sonne folgt.',
  'Coiled tendrils: hop has none.': 'Gewundene Ranken: Hopfen hat keine.',
  'One at each knot, ivy-like, rough.': 'Eines an jedem Knoten, efeuartig, rau.',
  'Dull red berries on dead vines into winter.': 'Matt rote Beeren an toten Ranken bis in den Winter.',
  'One at each knot, pleated, downy beneath. Gentian’s stand in pairs and are bare.':
    'Eines an jedem Knoten, gefältelt, unten flaumig. Die des Enzians stehen paarweise und sind kahl.',
  'A short thick stock with many threads, white inside; gentian has one long yellow taproot.':
    'Ein kurzer dicker Stock mit vielen Fäden, innen weiß; Enzian hat eine lange gelbe Pfahlwurzel.',
  'Silver silk beneath, narrow.': 'Unten silbrige Seide, schmal.',
  'One scale like a cap, pressed to the twig.': 'Eine Schuppe wie eine Kappe, an den Zweig gedrückt.',
  'Stalk with a deep groove along its upper side, the sheath large and blown up.':
    'Stiel mit tiefer Rinne auf der Oberseite, die Scheide groß und aufgeblasen.',
  'Flushed purple all over, with bloom, not blotched.': 'Ganz violett überlaufen, bereift, nicht gefleckt.',
  'Seeds flat with broad wings.': 'Samen flach mit breiten Flügeln.',
  'Spicy. Smell settles nothing in this family.': 'Würzig. In dieser Familie klärt der Geruch nichts.',
  'Often one dark red flower in the middle of the white umbel.':
    'Oft eine dunkelrote Blüte in der Mitte der weißen Dolde.',
  'Stiffly hairy, full.': 'Steif behaart, voll.',
  'Umbels close to birds’ nests of hooked seed and stand so all winter.':
    'Dolden schließen sich zu Vogelnestern aus Hakensamen und stehen so den ganzen Winter.',
  'Of carrot, which others of the family do as well.': 'Nach Möhre, was andere der Familie auch tun.',
  'Three leaflets, side veins straight into the teeth, silky beneath.':
    'Drei Blättchen, Seitenadern gerade in die Zähne, unten seidig.',
  'Hangs; seeds stand out on it.': 'Hängt; Samen stehen darauf vor.',
  'Blue-green, smooth, a pale midrib; stem leaves clasp with two ears.':
    'Blaugrün, glatt, helle Mittelrippe; Stängelblätter umfassen mit zwei Öhrchen.',
  'Hanging black-brown pods like tongues.': 'Hängende schwarzbraune Schoten wie Zungen.',
  'At the foot the leaves lie edge to edge in a flat fan; reedmace is round there and half-moon in section.':
    'Am Fuß liegen die Blätter Kante an Kante in einem flachen Fächer; Rohrkolben ist dort rund und im Schnitt ein Halbmond.',
  'A raised rib along the middle.': 'Eine erhabene Rippe entlang der Mitte.',
  'Pink inside, turning dark.': 'Innen rosa, wird dunkel.',
  'In pairs, crossed, bare and bluish, with five to seven arched veins.':
    'Paarweise, gekreuzt, kahl und bläulich, mit fünf bis sieben gebogenen Adern.',
  'A long thick taproot, yellow inside.': 'Eine lange dicke Pfahlwurzel, innen gelb.',
  'Yellow stars in whorls.': 'Gelbe Sterne in Quirlen.',
  'Dead stems keep pairs of pods at each storey.': 'Tote Stängel behalten Kapselpaare an jedem Stockwerk.',
  'The very foot of the stem turns bright yellow at once.': 'Der äußerste Fuß des Stiels wird sofort leuchtend gelb.',
  'Of ink or hospital.': 'Nach Tinte oder Krankenhaus.',
  'Flat soft needles in two rows, dark above, dull pale green beneath without white bands.':
    'Flache weiche Nadeln in zwei Reihen, oben dunkel, unten matt blassgrün ohne weiße Streifen.',
  'No smell of resin when crushed.': 'Zerrieben kein Harzgeruch.',
  'Reddish, flaking, on a stem often of several.': 'Rötlich, abblätternd, an oft mehrteiligem Stamm.',
  'A red fleshy cup open at the tip round one seed.':
    'Ein roter fleischiger Becher um einen Samen, an der Spitze offen.',
};
