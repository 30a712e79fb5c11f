/** Signs in words of the plants from alder buckthorn to ground elder, in German, by what the English says. */
export const GERMAN_SIGNS_A_TO_G: Readonly<Record<string, string>> = {
  'Dark bark with pale dots in rows.': 'Dunkle Rinde mit hellen Punkten in Reihen.',
  'Edge without teeth, side veins parallel and bowed.': 'Rand ohne Zähne, Seitenadern parallel und gebogen.',
  'Winter buds are small folded leaves, brown-haired, without scales.':
    'Winterknospen sind kleine gefaltete Blätter, braun behaart, ohne Schuppen.',
  'Leaves of the ground rosette in crossed pairs; the stem carries one or two small pairs.':
    'Blätter der Grundrosette in gekreuzten Paaren; am Stängel ein oder zwei kleine Paare.',
  'Orange-yellow, ragged heads; scented.': 'Orangegelbe, zerzauste Köpfe; duftend.',
  'Stiff, shining leaves without any stalk, several folded into each other from one point.':
    'Steife, glänzende Blätter ganz ohne Stiel, mehrere aus einem Punkt ineinander gefaltet.',
  'Last autumn’s flower sits as a swelling capsule in the middle of the leaves.':
    'Die Blüte vom letzten Herbst sitzt als schwellende Kapsel mitten in den Blättern.',
  'A brown corm deep in the ground, solid when cut.': 'Eine braune Knolle tief im Boden, beim Schnitt voll.',
  'No smell of garlic, if fingers and plant were not beside ramsons.':
    'Kein Knoblauchgeruch, wenn Finger und Pflanze nicht neben Bärlauch waren.',
  'Long, thin, sharp, brown.': 'Lang, dünn, spitz, braun.',
  'Smooth and grey like an elephant.': 'Glatt und grau wie ein Elefant.',
  'Edge fringed with silk when young.': 'Rand jung mit Seide gefranst.',
  'Bristly husks in four, left on the twigs in winter.': 'Borstige vierteilige Hüllen, im Winter noch an den Zweigen.',
  'Green twigs with sharp edges, bare in winter and green still.':
    'Grüne scharfkantige Zweige, im Winter kahl und immer noch grün.',
  'Thin, finely toothed leaves that fall in autumn.': 'Dünne, fein gezähnte Blätter, die im Herbst fallen.',
  'Berries single; flesh and juice dark red-blue throughout, staining.':
    'Beeren einzeln; Fleisch und Saft ganz dunkel rotblau, färbend.',
  'Pores turn pink.': 'Poren werden rosa.',
  'A coarse dark net on a pale stem; the cep’s is white and fine.':
    'Ein grobes dunkles Netz auf hellem Stiel; das des Steinpilzes ist weiß und fein.',
  'Smooth and round, twines by itself.': 'Glatt und rund, windet sich von selbst.',
  'A shining heart with a few bowed veins.': 'Ein glänzendes Herz mit wenigen gebogenen Adern.',
  'Several berries on one stalk, like a small umbrella.': 'Mehrere Beeren an einem Stiel, wie ein kleiner Schirm.',
  'White star with a yellow beak.': 'Weißer Stern mit gelbem Schnabel.',
  'Flesh pale and juice clear; the bilberry stains purple.':
    'Fleisch hell und Saft klar; die Heidelbeere färbt violett.',
  'Twigs round and brown, not green and edged.': 'Zweige rund und braun, nicht grün und kantig.',
  'Blue-green, edge without teeth.': 'Blaugrün, Rand ohne Zähne.',
  'Narrow, edges rolled under, blue-white beneath.': 'Schmal, Ränder eingerollt, unten bläulich weiß.',
  'Dry capsules.': 'Trockene Kapseln.',
  'Croziers one by one, with three claws and silver fur.':
    'Eingerollte Wedel einzeln, mit drei Klauen und silbrigem Fell.',
  'Feathered thrice, on a tall bare stalk.': 'Dreifach gefiedert, auf hohem kahlem Stiel.',
  'Arching angled canes with hooked prickles, rooting where the tip meets the ground.':
    'Überhängende kantige Ruten mit Hakenstacheln, die wurzeln, wo die Spitze den Boden berührt.',
  'Three to five leaflets from one point, prickles along the ribs beneath.':
    'Drei bis fünf Blättchen aus einem Punkt, Stacheln an den Rippen darunter.',
  'Many small drupes on a pale core that comes off with the berry.':
    'Viele kleine Steinfrüchtchen auf hellem Zapfen, der mit der Beere abgeht.',
  'Brown cigar-shaped spike on last year’s stems, the pale male part touching it without a gap.':
    'Brauner zigarrenförmiger Kolben an den Halmen vom letzten Jahr, der helle männliche Teil schließt ohne Lücke an.',
  'Strap leaves without a midrib, filled with air chambers, round-backed at the base.':
    'Bandblätter ohne Mittelrippe, voller Luftkammern, am Grund mit rundem Rücken.',
  'Rootstock white inside, with a starchy core; no smell.':
    'Wurzelstock innen weiß, mit stärkereichem Kern; geruchlos.',
  'Stalk hollow; burdock’s is full.': 'Stiel hohl; der der Klette ist voll.',
  'Round as an umbrella, finely toothed.': 'Rund wie ein Schirm, fein gezähnt.',
  'Creeps near the surface; burdock goes straight down.': 'Kriecht flach; die Klette geht gerade hinab.',
  'Pores white, then yellow-green, never pink or red.': 'Poren weiß, dann gelbgrün, nie rosa oder rot.',
  'A fine white net at the top.': 'Ein feines weißes Netz an der Spitze.',
  'White and stays so.': 'Weiß und bleibt es.',
  'Blunt forked ridges, one with the flesh.': 'Stumpfe gegabelte Leisten, eins mit dem Fleisch.',
  'Of apricot.': 'Nach Aprikose.',
  'White inside.': 'Innen weiß.',
  'Cream.': 'Creme.',
  'One line of hairs along the stem, changing side at each knot.':
    'Eine Haarlinie am Stängel, die an jedem Knoten die Seite wechselt.',
  'Pulled gently, a white thread shows inside.': 'Sanft auseinandergezogen zeigt sich innen ein weißer Faden.',
  'Five petals so deeply cut that they look like ten.':
    'Fünf Blütenblätter, so tief geteilt, dass sie wie zehn aussehen.',
  'Rough with stiff hairs, edge smooth, the blade running down the stem.':
    'Rau von steifen Haaren, Rand glatt, die Spreite läuft am Stängel herab.',
  'Bells in a coil that unrolls.': 'Glocken in einer Schnecke, die sich aufrollt.',
  'Black outside, white and slimy within.': 'Außen schwarz, innen weiß und schleimig.',
  'Round with five to seven shallow lobes, a dark spot at the stalk.':
    'Rund mit fünf bis sieben flachen Lappen, ein dunkler Fleck am Stiel.',
  'A small round cheese in sectors.': 'Ein kleiner runder Käse in Stücken.',
  'A ring of hairs where the leaf meets the stem.': 'Ein Haarkranz, wo das Blatt an den Halm stößt.',
  'A silky plume.': 'Eine seidige Rispe.',
  'Grooved and downy, green, sometimes flushed purple but never blotched.':
    'Gefurcht und flaumig, grün, manchmal violett überlaufen, aber nie gefleckt.',
  'Stalk with a groove, like a half-pipe, edges hairy.': 'Stiel mit einer Rinne, wie ein halbes Rohr, Ränder behaart.',
  'Long, smooth, dark, with a short beak.': 'Lang, glatt, dunkel, mit kurzem Schnabel.',
  'The foot cut lengthwise shows hollow chambers one above another, with yellow drops.':
    'Der Wurzelstock zeigt längs geschnitten hohle Kammern übereinander, mit gelben Tropfen.',
  'Leaflets narrow, long, sharply toothed.': 'Blättchen schmal, lang, scharf gezähnt.',
  'Thick, hollow, hairless.': 'Dick, hohl, kahl.',
  'Wrinkled, narrowing suddenly to a winged stalk.': 'Runzlig, plötzlich in einen geflügelten Stiel verschmälert.',
  'Deep yellow with five orange spots, hanging to one side.':
    'Tiefgelb mit fünf orangen Flecken, nach einer Seite hängend.',
  'Smooth when grown; garden apples stay felted beneath.': 'Ausgewachsen glatt; Gartenäpfel bleiben unten filzig.',
  'Some short twigs end in thorns.': 'Manche Kurztriebe enden in Dornen.',
  'Thin threads creeping over moss.': 'Dünne Fäden, die über Moos kriechen.',
  'Tiny, pointed, white beneath.': 'Winzig, spitz, unten weiß.',
  'One hollow leafless stalk for each head, with white milk.':
    'Für jeden Kopf ein hohler blattloser Stängel, mit weißer Milch.',
  'Rosette of smooth leaves with teeth that point back to the heart.':
    'Rosette glatter Blätter mit Zähnen, die zum Herzen zurückzeigen.',
  'Tongue flowers only; the outer bracts bend down.': 'Nur Zungenblüten; die äußeren Hüllblätter biegen sich hinab.',
  'Two to six centimetres, with brown-pink scales.': 'Zwei bis sechs Zentimeter, mit bräunlich rosa Schuppen.',
  'Dark scaly bands below a vague ring; nothing slides.':
    'Dunkle schuppige Gürtel unter einem undeutlichen Ring; nichts lässt sich verschieben.',
  'One shining black berry on a stalk, seated on a green star of five.':
    'Eine glänzende schwarze Beere am Stiel, auf einem grünen fünfzackigen Stern.',
  'Soft oval leaves, a large and a small one together; no teeth.':
    'Weiche ovale Blätter, je ein großes und ein kleines beisammen; keine Zähne.',
  'Dies to the ground in winter: no wood.': 'Stirbt im Winter bis zum Boden ab: kein Holz.',
  'Dig out the foot: it stands in a bag. Cut above it, the bag is missed.':
    'Grab den Fuß aus: Er steht in einem Sack. Wer darüber schneidet, übersieht den Sack.',
  'White, and white they stay.': 'Weiß, und weiß bleiben sie.',
  'White. Field mushrooms print dark.': 'Weiß. Champignons drucken dunkel ab.',
  'Arching stems with strong hooked prickles, broad at their base.':
    'Überhängende Ruten mit starken Hakenstacheln, am Grund breit.',
  'Feathered leaf of five to seven leaflets, smooth, with wings at the foot of its stalk.':
    'Gefiedertes Blatt aus fünf bis sieben Blättchen, glatt, mit Flügeln am Fuß des Stiels.',
  'Red hip full of hard seeds among stiff hairs.': 'Rote Hagebutte voll harter Samen zwischen steifen Haaren.',
  'Cones with three-tipped tongues between the scales, under the tree all year.':
    'Zapfen mit dreispitzigen Zungen zwischen den Schuppen, das ganze Jahr unter dem Baum.',
  'Long pointed buds like a beech’s.': 'Lange spitze Knospen wie bei der Buche.',
  'Of orange.': 'Nach Orange.',
  'No wood and no bark: green furrowed stems, all of one height.':
    'Kein Holz und keine Rinde: grüne gefurchte Stängel, alle gleich hoch.',
  'Narrow leaflets, seven to eleven, with leafy tabs at the foot of the stalk.':
    'Schmale Blättchen, sieben bis elf, mit blattartigen Lappen am Fuß des Stiels.',
  'Heads stand upright when ripe; those of the elder hang.': 'Reife Stände stehen aufrecht; die des Holunders hängen.',
  'Woody, corky, furrowed bark; young twigs full of warts.':
    'Verholzt, korkige gefurchte Rinde; junge Zweige voller Warzen.',
  'Thick white pith in the twigs.': 'Dickes weißes Mark in den Zweigen.',
  'Flat cream heads with yellow anthers, five main rays, sweet and heavy smell.':
    'Flache cremefarbene Stände mit gelben Staubbeuteln, fünf Hauptstrahlen, süßer schwerer Duft.',
  'Clusters hang down when ripe.': 'Reife Stände hängen herab.',
  'White midrib, in winter flushed red.': 'Weiße Mittelrippe, im Winter rot überlaufen.',
  'Taproot pink in the upper part.': 'Pfahlwurzel im oberen Teil rosa.',
  'Pods split into four, on stiff dead stalks.': 'Kapseln springen vierteilig auf, an steifen toten Stängeln.',
  'Thin true gills, forked, that part from the flesh.': 'Dünne echte Lamellen, gegabelt, die sich vom Fleisch lösen.',
  'Of mushroom, not of apricot.': 'Nach Pilz, nicht nach Aprikose.',
  'Folded like a brain, never pitted like a honeycomb.': 'Gefaltet wie ein Hirn, nie grubig wie eine Wabe.',
  'Cut lengthwise: cottony chambers, not one clean hollow.':
    'Längs geschnitten: wattige Kammern, nicht ein sauberer Hohlraum.',
  'Pink, then chocolate; never white.': 'Rosa, dann schokoladenbraun; nie weiß.',
  'Dark brown.': 'Dunkelbraun.',
  'The foot does not turn yellow.': 'Der Fuß wird nicht gelb.',
  'No bag at the foot.': 'Kein Sack am Fuß.',
  'Three long thin bracts hang from the outside of each small umbel like a beard.':
    'Drei lange dünne Hüllblätter hängen außen an jedem Döldchen wie ein Bart.',
  'Dark, shining beneath; smells of little when rubbed.': 'Dunkel, unten glänzend; riecht gerieben nach wenig.',
  'Edge with fine blunt teeth; the blade runs down its stalk as a wing.':
    'Rand mit feinen stumpfen Zähnen; die Spreite läuft als Flügel am Stiel herab.',
  'Hairs short and single, never a branched felt.': 'Haare kurz und einfach, nie ein verzweigter Filz.',
  'A raised net of veins beneath.': 'Unten ein erhabenes Adernetz.',
  'In winter a bare spike of two-chambered capsules, all to one side.':
    'Im Winter eine kahle Kerze zweikammeriger Kapseln, alle nach einer Seite.',
  'Rust-brown.': 'Rostbraun.',
  'Silvery threads below a ring or its traces; never dark velvet.':
    'Silbrige Fasern unter einem Ring oder seinen Spuren; nie dunkler Samt.',
  'Of meal.': 'Nach Mehl.',
  'Crushed leaf smells of garlic at once, though no bulb is near.':
    'Zerriebenes Blatt riecht sofort nach Knoblauch, obwohl keine Zwiebel da ist.',
  'Kidney-shaped below, heart-shaped with blunt teeth above, net-veined, on a long stalk.':
    'Unten nierenförmig, oben herzförmig mit stumpfen Zähnen, netzadrig, lang gestielt.',
  'Four white petals in a cross; pods stand off the stem.': 'Vier weiße Blütenblätter im Kreuz; Schoten stehen ab.',
  'Taproot bent like a hook just below the rosette.': 'Pfahlwurzel gleich unter der Rosette wie ein Haken gebogen.',
  'Thick as an arm, stiffly haired, with purple blotches round the hairs.':
    'Armdick, steif behaart, mit violetten Flecken um die Haare.',
  'Up to the length of a person, cut into sharp points.': 'Bis mannslang, in scharfe Spitzen geteilt.',
  'Thick felt on both sides, running down the stem.': 'Dicker Filz auf beiden Seiten, läuft am Stängel herab.',
  'Hairs branched like small trees.': 'Haare verzweigt wie kleine Bäume.',
  'In winter a stiff dark candle, often branched at the top, with felt left at its foot.':
    'Im Winter eine steife dunkle Kerze, oben oft verzweigt, am Fuß noch Filz.',
  'Very large heart-shaped leaves, pale felt beneath, wavy edge.':
    'Sehr große herzförmige Blätter, unten heller Filz, welliger Rand.',
  'Leaf stalk of greater burdock is filled with pith, not hollow, with a groove.':
    'Der Blattstiel der Großen Klette ist mit Mark gefüllt, nicht hohl, mit einer Rinne.',
  'Round burs with hooked bristles on last year’s stalks.':
    'Runde Kletten mit Hakenborsten an den Stängeln vom letzten Jahr.',
  'Long, brown, hardly branched taproot, white within.': 'Lange, braune, kaum verzweigte Pfahlwurzel, innen weiß.',
  'Leaf stalk three-edged with a groove, smooth, solid, without spots.':
    'Blattstiel dreikantig mit einer Rinne, glatt, voll, ohne Flecken.',
  'Three times three leaflets, toothed, often two of them grown together at the base.':
    'Drei mal drei Blättchen, gezähnt, oft zwei davon am Grund verwachsen.',
  'White creeping runners like string, just under the ground.':
    'Weiße kriechende Ausläufer wie Schnur, dicht unter dem Boden.',
  'Crushed: carrot and parsley, never mouse.': 'Zerrieben: Möhre und Petersilie, nie Maus.',
};
