/** What tells a look-alike apart, and how a part is kept, in German, by what the English says. */
export const GERMAN_APART: Readonly<Record<string, string>> = {
  'Leaves alternate on the stem; several ragworts harm the liver.':
    'Blätter wechselständig am Stängel; mehrere Greiskräuter schädigen die Leber.',
  'Round brown twigs, blue-green leaves without teeth, pale flesh and clear juice; eaten in quantity it has made people giddy.':
    'Runde braune Zweige, blaugrüne Blätter ohne Zähne, helles Fleisch und klarer Saft; in Menge gegessen hat sie Leute schwindlig gemacht.',
  'A tall herb with large soft leaves; shining black berry on a green star.':
    'Ein hohes Kraut mit großen weichen Blättern; glänzende schwarze Beere auf grünem Stern.',
  'One berry in the middle of a whorl of four broad leaves.':
    'Eine Beere in der Mitte eines Quirls aus vier breiten Blättern.',
  'Few large bloomed drupes, always three leaflets; used alike.':
    'Wenige große bereifte Steinfrüchtchen, immer drei Blättchen; ebenso gebraucht.',
  'No prickles; a single shining black berry on a green star, not made of small ones. Children pick it among brambles.':
    'Keine Stacheln; eine einzelne glänzende schwarze Beere auf grünem Stern, nicht aus kleinen zusammengesetzt. Kinder pflücken sie zwischen Brombeeren.',
  'Shoots flat like a fan, leaves with a raised midrib; rootstock reddish inside.':
    'Triebe flach wie ein Fächer, Blätter mit erhabener Mittelrippe; Wurzelstock innen rötlich.',
  'Roots in the same mud like a bunch of fingers: never take a root you have not followed to a reed-mace stem.':
    'Wurzeln im selben Schlamm wie ein Bund Finger: Nimm nie eine Wurzel, die du nicht bis zu einem Rohrkolben verfolgt hast.',
  'Pores turn pink; dark coarse net.': 'Poren werden rosa; dunkles grobes Netz.',
  'True thin gills that rub off; no apricot.': 'Echte dünne Lamellen, die sich abreiben lassen; keine Aprikose.',
  'Sharp gills, in tufts on wood or buried roots.': 'Scharfe Lamellen, büschelig auf Holz oder vergrabenen Wurzeln.',
  'Square stem without a hair line, leaves dotted black beneath.':
    'Vierkantiger Stängel ohne Haarlinie, Blätter unten schwarz gepunktet.',
  'Leaf with fine teeth and soft hair; comfrey’s edge is smooth and its hair stiff.':
    'Blatt mit feinen Zähnen und weichem Haar; Beinwell hat glatten Rand und steifes Haar.',
  'Flat fan of leaves at the foot; reed has a round stem.':
    'Am Fuß ein flacher Blattfächer; Schilf hat einen runden Halm.',
  'Stem bare and blotched; no hair anywhere; smells of mice.':
    'Stängel kahl und gefleckt; nirgends Haare; riecht nach Mäusen.',
  'Beards of three bracts; shining and hairless.': 'Bärtchen aus drei Hüllblättern; glänzend und kahl.',
  'Rosette larger and softer, pointed leaves.': 'Rosette größer und weicher, spitze Blätter.',
  'Upright, narrow leaves rolled under; dry capsules, no berries.':
    'Aufrecht, schmale Blätter mit eingerolltem Rand; trockene Kapseln, keine Beeren.',
  'Rough hairy leaves; stalks solid or branched.': 'Raue behaarte Blätter; Stängel voll oder verzweigt.',
  'Leaves ruffled and cut to the midrib, dark green, without milk; they harm the liver slowly and unseen.':
    'Blätter kraus und bis zur Mittelrippe geschlitzt, dunkelgrün, ohne Milch; sie schädigen die Leber langsam und unbemerkt.',
  'Leaflets hairy or with scented glands beneath; used alike.':
    'Blättchen behaart oder unten mit duftenden Drüsen; ebenso gebraucht.',
  'No resin, no pointed buds, red cups instead of cones.':
    'Kein Harz, keine spitzen Knospen, rote Becher statt Zapfen.',
  'A herb, not woody, stems die to the ground; violet anthers; clusters stand upright; unpleasant smell.':
    'Ein Kraut, nicht verholzt, Stängel sterben bis zum Boden ab; violette Staubbeutel; Stände aufrecht; unangenehmer Geruch.',
  'White heads from afar: but herbs with alternate leaves; elder is a woody shrub with paired, feathered leaves.':
    'Von Weitem weiße Köpfe: aber Kräuter mit wechselständigen Blättern; Holunder ist ein verholzter Strauch mit gegenständigen, gefiederten Blättern.',
  'Rosette wrinkled, a raised net beneath, no white or red midrib.':
    'Rosette runzlig, unten ein erhabenes Netz, keine weiße oder rote Mittelrippe.',
  'Leaves ragged and lobed.': 'Blätter zerschlitzt und gelappt.',
  'White gills for good; a bag at the foot; white print.': 'Lamellen bleiben weiß; ein Sack am Fuß; weißer Abdruck.',
  'Foot turns bright yellow when cut; smells of ink.': 'Fuß wird beim Schnitt leuchtend gelb; riecht nach Tinte.',
  'Rough hairy leaves without garlic smell; violet flowers; flat round pods.':
    'Raue behaarte Blätter ohne Knoblauchgeruch; violette Blüten; flache runde Schoten.',
  'Ground ivy creeps with square stems and smells of balsam; violets have no smell in the leaf.':
    'Gundermann kriecht mit vierkantigen Stängeln und riecht nach Balsam; Veilchenblätter riechen nicht.',
  'Long lance-shaped felted leaves that narrow into the stalk; no garlic smell.':
    'Lange lanzenförmige filzige Blätter, die in den Stiel auslaufen; kein Knoblauchgeruch.',
  'Rosette leaf with fine blunt teeth, short single hairs and a raised net beneath; never thick felt on both sides.':
    'Rosettenblatt mit feinen stumpfen Zähnen, kurzen einfachen Haaren und erhabenem Netz darunter; nie dicker Filz auf beiden Seiten.',
  'Roots have been confused: no rosette, leaves without pale felt, no burs. Dig only where you saw the leaf and last year’s burs.':
    'Wurzeln wurden verwechselt: keine Rosette, Blätter ohne hellen Filz, keine Kletten. Grab nur, wo du das Blatt und die Kletten vom letzten Jahr gesehen hast.',
  'First-year rosette: leaves narrow into the stalk and are fine-toothed, never heart-shaped at the base.':
    'Rosette des ersten Jahres: Blätter laufen in den Stiel aus und sind fein gezähnt, am Grund nie herzförmig.',
  'Stream banks; round leaves from a creeping rootstock, no taproot, no burs.':
    'Bachufer; runde Blätter aus kriechendem Wurzelstock, keine Pfahlwurzel, keine Kletten.',
  'Leaf finely feathered; round hollow stem with purple spots; smells of mice.':
    'Blatt fein gefiedert; runder hohler Stängel mit violetten Flecken; riecht nach Mäusen.',
  'Finely cut, glossy beneath, unpleasant smell; annual with a taproot, no runners.':
    'Fein geschlitzt, unten glänzend, unangenehmer Geruch; einjährig mit Pfahlwurzel, keine Ausläufer.',
  'Wet ground; round hollow stalks; finger-like swollen roots.':
    'Nasser Boden; runde hohle Stiele; fingerartig verdickte Wurzeln.',
  'Shallow rounded lobes, two stones in a haw; used alike.':
    'Flache gerundete Lappen, zwei Steine in einer Beere; ebenso gebraucht.',
  'Spindle has no thorns, opposite leaves and four-cornered pink fruit.':
    'Pfaffenhütchen hat keine Dornen, gegenständige Blätter und vierkantige rosa Früchte.',
  'A tree with one trunk; cups long-fringed and sticky.': 'Ein Baum mit einem Stamm; Hüllen lang gefranst und klebrig.',
  'Coiled tendrils; leaves one by one; no hooks.': 'Gewundene Ranken; Blätter einzeln; keine Haken.',
  'Smooth shining stem and heart leaves, one by one.': 'Glatter glänzender Stängel und Herzblätter, einzeln.',
  'Scale leaves with a foul smell when rubbed; berries hang.':
    'Schuppenblätter, die gerieben übel riechen; Beeren hängen.',
  'Flat dark needles in two rows, no resin, never in tufts.':
    'Flache dunkle Nadeln in zwei Reihen, kein Harz, nie in Büscheln.',
  'Lies flat; leaves with a net of veins and no dots; berries mealy.':
    'Liegt flach; Blätter mit Adernetz und ohne Punkte; Beeren mehlig.',
  'Flowers in umbels of rays, hollow stem, leaf stalks that sheath.':
    'Blüten in Dolden aus Strahlen, hohler Stängel, Blattstiele mit Scheiden.',
  'A folded brain with cottony chambers inside.': 'Ein gefaltetes Hirn mit wattigen Kammern darin.',
  'Flat soft needles in two rows, no resin smell, green twigs, red cups. All parts but the cup’s flesh kill; often planted beside spruce.':
    'Flache weiche Nadeln in zwei Reihen, kein Harzgeruch, grüne Zweige, rote Becher. Alles außer dem Fleisch des Bechers tötet; oft neben Fichten gepflanzt.',
  'Flat needles with two white stripes beneath, leaving round scars.':
    'Flache Nadeln mit zwei weißen Streifen darunter, die runde Narben lassen.',
  'Single, furry, with three claws.': 'Einzeln, pelzig, mit drei Klauen.',
  'Covered with brown scales; no groove.': 'Mit braunen Schuppen bedeckt; keine Furche.',
  'Small brown caps with a stem in the middle, rust print.':
    'Kleine braune Hüte mit Stiel in der Mitte, rostfarbener Abdruck.',
  'Small as a coin to a palm, no sliding ring.': 'Klein wie eine Münze bis ein Handteller, kein verschiebbarer Ring.',
  'A bag at the foot, no snakeskin, no sliding ring.':
    'Ein Sack am Fuß, keine Schlangenhaut, kein verschiebbarer Ring.',
  'Stalkless leaves, several from one point, with last year’s fruit often between them; no garlic smell.':
    'Blätter ohne Stiel, mehrere aus einem Punkt, oft mit der Frucht vom letzten Jahr dazwischen; kein Knoblauchgeruch.',
  'Two leaves wrap one stem; underside glossy; no garlic smell; creeping rootstock instead of a bulb.':
    'Zwei Blätter umhüllen einen Stängel; Unterseite glänzend; kein Knoblauchgeruch; kriechender Wurzelstock statt Zwiebel.',
  'Arrow-shaped with netted veins once grown, but its first leaves are plain tongues among the ramsons; no garlic smell.':
    'Ausgewachsen pfeilförmig mit Adernetz, aber seine ersten Blätter sind schlichte Zungen zwischen dem Bärlauch; kein Knoblauchgeruch.',
  'Wrinkled, with a net of veins and soft hair; never straight ribs.':
    'Runzlig, mit Adernetz und weichem Haar; nie gerade Rippen.',
  'Leaves thin, not fleshy; in wet gullies above the beach.':
    'Blätter dünn, nicht fleischig; in nassen Rinnen über dem Strand.',
  'Single flat needles in two rows, no resin.': 'Einzelne flache Nadeln in zwei Reihen, kein Harz.',
  'In shaded banks above the beach: arrowheads with a seam along the edge.':
    'An schattigen Böschungen über dem Strand: Pfeilspitzen mit einem Saum am Rand.',
  'Twigs hairy, not warty; used alike.': 'Zweige behaart, nicht warzig; ebenso gebraucht.',
  'Pale green beneath without white bands, pointed, no resin smell; needles run down the twig.':
    'Unten blassgrün ohne weiße Streifen, spitz, kein Harzgeruch; Nadeln laufen am Zweig herab.',
  'No thorns; black berries with two or three pips.': 'Keine Dornen; schwarze Beeren mit zwei oder drei Kernen.',
  'A herb without thorns; shining black berry with many seeds sitting on a green star.':
    'Ein Kraut ohne Dornen; glänzende schwarze Beere mit vielen Samen auf grünem Stern.',
  'White felt beneath the leaf; flowers later.': 'Weißer Filz unter dem Blatt; blüht später.',
  'Leaves shining, with a seam along the edge, in woods; barbs point outwards.':
    'Blätter glänzend, mit einem Saum am Rand, in Wäldern; Zipfel zeigen nach außen.',
  'No sting; square hollow stem; lipped flowers.': 'Brennt nicht; vierkantiger hohler Stängel; Lippenblüten.',
  'Leaves of fingers from one point; few soft spikes; conker round, without a tuft.':
    'Blätter als Finger aus einem Punkt; wenige weiche Stacheln; Kastanie rund, ohne Büschel.',
  'Bare, blotched, smells of mice; never of aniseed.': 'Kahl, gefleckt, riecht nach Mäusen; nie nach Anis.',
  'Same ditches. Alternate leaves on sheaths, swollen finger-like roots, rays from one point. Never dig a root that was not seen in flower.':
    'Dieselben Gräben. Wechselständige Blätter auf Scheiden, fingerartig verdickte Wurzeln, Strahlen aus einem Punkt. Grab nie eine Wurzel, die nicht in Blüte gesehen wurde.',
  'Chambered hollow rootstock with yellow sap; leaves alternate.':
    'Gekammerter hohler Wurzelstock mit gelbem Saft; Blätter wechselständig.',
  'Leaves cut into three to five fingers, not feathered; no smell of valerian in the root.':
    'Blätter in drei bis fünf Finger geteilt, nicht gefiedert; Wurzel riecht nicht nach Baldrian.',
  'Rust-brown spore print; a ring or its traces; stem silvery-fibrous, not velvet. It kills the liver, days after the meal.':
    'Rostbrauner Sporenabdruck; ein Ring oder seine Spuren; Stiel silbrig-faserig, kein Samt. Er tötet die Leber, Tage nach dem Essen.',
  'Greenish-yellow gills, purple-brown spore print.': 'Grünlich-gelbe Lamellen, purpurbrauner Sporenabdruck.',
  'Smells of nothing; deeply cut leaves.': 'Riecht nach nichts; tief geteilte Blätter.',
  'Toothed leaflets, stalks that sheath the stem, umbels.':
    'Gezähnte Blättchen, Stiele, die den Stängel umscheiden, Dolden.',
  'Young leaves in the same ditch: stalks sheath the stem, leaflets wedge-shaped and cut.':
    'Junge Blätter im selben Graben: Stiele umscheiden den Stängel, Blättchen keilförmig und geschlitzt.',
  'Leaves finely feathered; stem bare with purple blotches; smells of mice.':
    'Blätter fein gefiedert; Stängel kahl mit violetten Flecken; riecht nach Mäusen.',
  'Narrow sharply toothed leaflets; foot chambered when cut.':
    'Schmale scharf gezähnte Blättchen; Wurzelstock beim Schnitt gekammert.',
  'A bunch of fat roots; sap turns orange; leaflets wedge-shaped.':
    'Ein Bund dicker Wurzeln; Saft wird orange; Blättchen keilförmig.',
  'Stiff hairs and blotches; burns the skin.': 'Steife Haare und Flecken; verbrennt die Haut.',
  'Hollow bare stem with blotches, smell of mice, never hairy.':
    'Hohler kahler Stängel mit Flecken, Mäusegeruch, nie behaart.',
  'Hairless, shining, with beards under the umbels.': 'Kahl, glänzend, mit Bärtchen unter den Dolden.',
  'Leaves one by one and pleated, downy beneath; root a short stock with threads, white inside.':
    'Blätter einzeln und gefältelt, unten flaumig; Wurzel ein kurzer Stock mit Fäden, innen weiß.',
  // How it is kept.
  'Not kept.': 'Wird nicht aufbewahrt.',
  'Nothing is taken. Marigold ointment serves for many of the same uses; ask a licensed practitioner.':
    'Es wird nichts genommen. Ringelblumensalbe dient vielfach demselben Zweck; frag eine Ärztin oder einen Apotheker.',
  'Use it fresh.': 'Frisch verwenden.',
  'Pick out leaves by rolling them down a damp board; freeze, cook or dry the same day.':
    'Blätter ausklauben, indem man die Beeren ein feuchtes Brett hinabrollt; am selben Tag einfrieren, kochen oder trocknen.',
  'Freeze loose on a tray, or cook the same day. Dry leaves thin and in the shade.':
    'Lose auf einem Blech einfrieren oder am selben Tag kochen. Blätter dünn und im Schatten trocknen.',
  'Dry pollen and starch at once; leaves in bundles upright and airy.':
    'Pollen und Stärke sofort trocknen; Blätter gebündelt, aufrecht und luftig.',
  'Heads close within hours: use them at once. Scrub roots, slice and dry quickly.':
    'Köpfe schließen sich binnen Stunden: sofort verwenden. Wurzeln bürsten, schneiden und rasch trocknen.',
  'Halve and scrape hard hips, dry them quickly; freeze if the frost is late.':
    'Harte Hagebutten halbieren und auskratzen, rasch trocknen; einfrieren, wenn der Frost spät kommt.',
  'Flowers brown within hours: use or dry the same day, in one layer.':
    'Blüten werden binnen Stunden braun: am selben Tag verwenden oder trocknen, in einer Lage.',
  'Eat the same day: dried or cooked it loses its garlic.':
    'Am selben Tag essen: Getrocknet oder gekocht verliert sie den Knoblauch.',
  'Roots keep for weeks in damp sand, or slice and dry at once.':
    'Wurzeln halten wochenlang in feuchtem Sand, oder gleich schneiden und trocknen.',
  'Use fresh; blanch and freeze.': 'Frisch verwenden; blanchieren und einfrieren.',
  'Dry blossom thin and in the shade the same day; cook haws to a mash and sieve.':
    'Blüten am selben Tag dünn und im Schatten trocknen; Beeren zu Mus kochen und passieren.',
  'Dry in the shell in one layer for some weeks, then keep airy.':
    'In der Schale in einer Lage einige Wochen trocknen, dann luftig lagern.',
  'Layer in sugar or salt the same day, or freeze.': 'Am selben Tag in Zucker oder Salz schichten, oder einfrieren.',
  'Wilts within hours: keep cool and damp. Drying loses the taste; pound with oil or salt, or freeze chopped.':
    'Welkt binnen Stunden: kühl und feucht halten. Trocknen nimmt den Geschmack; mit Öl oder Salz zerstoßen, oder gehackt einfrieren.',
  'Fresh in the cold for two days; frozen, or boiled down.':
    'Frisch in der Kälte zwei Tage; eingefroren oder eingekocht.',
  'Freeze overnight if the frost is late; steep, or cook to a mash and sieve.':
    'Über Nacht einfrieren, wenn der Frost spät kommt; ansetzen, oder zu Mus kochen und passieren.',
  'Dry the same day in one layer in the shade; keep dark and shut.':
    'Am selben Tag in einer Lage im Schatten trocknen; dunkel und verschlossen aufbewahren.',
  'Dry in a thin layer out of the sun until the leaf crumbles, then strip from the stem.':
    'In dünner Lage ohne Sonne trocknen, bis das Blatt bröselt, dann vom Stängel streifen.',
  'Wash, split, dry below 40 °C; keep apart from everything else because of the smell.':
    'Waschen, spalten, unter 40 °C trocknen; wegen des Geruchs von allem getrennt halten.',
  'Dry caps in one layer; keep a specimen of each tuft apart until the meal is a week past.':
    'Hüte in einer Lage trocknen; von jedem Büschel ein Stück getrennt aufheben, bis das Essen eine Woche her ist.',
};
