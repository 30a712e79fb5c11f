/** Poisonous plants and fungi that are kin or neighbours of what is gathered, and what tells them apart, in German. */
export const GERMAN_POISON: Readonly<Record<string, string>> = {
  'True gills, broad and far apart, rust-brown: they can be parted one from the other.':
    'Echte Lamellen, breit und weit auseinander, rostbraun: Sie lassen sich voneinander trennen.',
  'Yellowish bands like a crooked belt on a rust-brown stem; cobwebs between rim and stem when young.':
    'Gelbliche Bänder wie ein schiefer Gürtel am rostbraunen Stiel; jung Spinnweben zwischen Rand und Stiel.',
  'A white bag about the foot, often left in the moss: dig it out.':
    'Ein weißer Beutel um den Fuß, oft im Moos gelassen: Grab ihn aus.',
  'White for good, never pink.': 'Für immer weiß, nie rosa.',
  'Shaggy white stem under a torn ring.': 'Zottiger weißer Stiel unter einem zerrissenen Ring.',
  'Yellowish, then salmon pink; not free of the stem.': 'Gelblich, dann lachsrosa; nicht frei vom Stiel.',
  'No ring, no bag.': 'Kein Ring, kein Beutel.',
  'Of fresh meal.': 'Nach frischem Mehl.',
  'Cut or scratched it goes orange, then red-brown.': 'Angeschnitten oder gekratzt wird es orange, dann rotbraun.',
  'A broad bulb with a sharp rim.': 'Eine breite Knolle mit scharfem Rand.',
  'Stem plain, no snakeskin; the ring slides.': 'Stiel schlicht, keine Schlangenhaut; der Ring lässt sich schieben.',
  'Pores red, blue where touched.': 'Poren rot, blau, wo man sie berührt.',
  'Cut flesh slowly goes blue.': 'Angeschnittenes Fleisch wird langsam blau.',
  'Old ones stink of carrion.': 'Alte stinken nach Aas.',
  'White, thin, a fan without a stem, no thicker than cardboard.':
    'Weiß, dünn, ein Fächer ohne Stiel, nicht dicker als Pappe.',
  'On rotten conifer wood.': 'Auf morschem Nadelholz.',
  'Cut lengthwise the cap hangs free from the top of the stem like a thimble.':
    'Längs geschnitten hängt der Hut frei von der Stielspitze wie ein Fingerhut.',
  'The stem is stuffed with cotton, not one clean hollow.':
    'Der Stiel ist mit Watte gefüllt, kein einziger sauberer Hohlraum.',
  'Rough with bristles and blotched purple, swollen under each joint.':
    'Rau von Borsten und purpurn gefleckt, unter jedem Knoten geschwollen.',
  'Solid.': 'Voll.',
  'Long and narrow, tapering, without bristles.': 'Lang und schmal, zugespitzt, ohne Borsten.',
  'Midrib off the middle, one edge crinkled across.': 'Mittelrippe aus der Mitte gerückt, ein Rand quer gewellt.',
  'Rubbed it smells of tangerine.': 'Gerieben riecht es nach Mandarine.',
  'A green finger that sticks out from the side of a leaf-like stem.':
    'Ein grüner Finger, der seitlich aus einem blattartigen Stängel ragt.',
  'Small, hardly as long as a thumbnail, almost without teeth.':
    'Klein, kaum so lang wie ein Daumennagel, fast ohne Zähne.',
  'Rings at every joint, no ball at the top.': 'Ringe an jedem Knoten, keine Kugel an der Spitze.',
  'Sharp, between mint and turpentine.': 'Scharf, zwischen Minze und Terpentin.',
  'White milk wherever it breaks.': 'Weiße Milch, wo immer es bricht.',
  'Greenish cups, forked in threes; no white petals.':
    'Grünliche Becher, zu dritt gegabelt; keine weißen Blütenblätter.',
  'Pink, four-pointed, sitting straight on the wood.': 'Rosa, vierzipflig, unmittelbar am Holz.',
  'Red berries in clusters close about the stem, below a tuft of leaves.':
    'Rote Beeren in Büscheln dicht am Stängel, unter einem Blattschopf.',
  'Tough grey bark that strips but does not break.': 'Zähe graue Rinde, die sich abziehen lässt und nicht bricht.',
  'lilac rings': 'lila Ringe',
  'pink flowers on bare wood': 'rosa Blüten am kahlen Holz',
  'Deadly: destroys the kidneys, and nobody feels it for days.':
    'Tödlich: zerstört die Nieren, und tagelang merkt man nichts.',
  'Poisonous: violent vomiting for days.': 'Giftig: tagelang heftiges Erbrechen.',
  'Sick stomach for a day, in some people badly.': 'Ein Tag Übelkeit, bei manchen schwer.',
  'Poisonous: violent vomiting, raw worst of all.': 'Giftig: heftiges Erbrechen, roh am schlimmsten.',
  'Has killed people whose kidneys were weak, after weeks of eating it.':
    'Hat Menschen mit schwachen Nieren getötet, nach Wochen des Essens.',
  'Sick stomach and unsteady legs, worse the more is eaten.':
    'Übelkeit und unsichere Beine, je mehr gegessen, desto schlimmer.',
  'Poisonous: gut and nerves. No part of an unsettled umbellifer goes near the mouth.':
    'Giftig: Darm und Nerven. Kein Teil eines ungeklärten Doldenblütlers kommt in die Nähe des Mundes.',
  'What it holds causes growths in animals: left alone.':
    'Was es enthält, macht bei Tieren Geschwülste: stehen lassen.',
  'Its oil destroys the liver; it brings on a loss of the child. Left alone.':
    'Ihr Öl zerstört die Leber; sie führt zu Fehlgeburten. Stehen lassen.',
  'The milk burns skin and, worst, eyes.': 'Der Milchsaft verätzt Haut und, am schlimmsten, Augen.',
  'Burns mouth and gut.': 'Verätzt Mund und Darm.',
  'Deadly: a few berries kill. They burn the mouth.': 'Tödlich: Wenige Beeren töten. Sie verbrennen den Mund.',
  'Bark and juice blister the skin.': 'Rinde und Saft ziehen Blasen.',
  'True gills that can be parted, rust-brown, and a banded stem: cut each one lengthwise and look beneath.':
    'Echte Lamellen, die sich trennen lassen, rostbraun, und ein gebänderter Stiel: Schneide jeden längs auf und sieh darunter.',
  'Gills white for good; a bag in the moss about the foot; white print. Only opened caps with pink gills, no buttons.':
    'Lamellen für immer weiß; ein Beutel im Moos um den Fuß; weißer Abdruck. Nur offene Hüte mit rosa Lamellen, keine Knöpfe.',
  'Gills yellowish, then salmon, and never chocolate; no ring; smells of meal.':
    'Lamellen gelblich, dann lachsfarben, nie schokoladenbraun; kein Ring; riecht nach Mehl.',
  'Stem plain without snakeskin, a rimmed bulb; cut flesh goes orange and red-brown.':
    'Stiel schlicht ohne Schlangenhaut, eine gerandete Knolle; angeschnitten wird das Fleisch orange und rotbraun.',
  'Red pores that go blue where touched; chalk-white cap.':
    'Rote Poren, die bei Berührung blau werden; kreideweißer Hut.',
  'Orange throughout, with a stem in the middle.': 'Durch und durch orange, mit einem Stiel in der Mitte.',
  'Pure white, thin as cardboard, on rotten conifer wood.': 'Rein weiß, dünn wie Pappe, auf morschem Nadelholz.',
  'The cap hangs loose from the top like a thimble; the stem is stuffed with cotton.':
    'Der Hut hängt lose von der Spitze wie ein Fingerhut; der Stiel ist mit Watte gefüllt.',
  'Leaves pleated, downy beneath, one above the other in threes round a thick stem; no garlic smell.':
    'Blätter gefältelt, unten flaumig, übereinander in Dreierreihen um einen dicken Stängel; kein Knoblauchgeruch.',
  'Pleated leaves that wrap a stem, one above the other; plantain’s lie on the ground.':
    'Gefältelte Blätter, die einen Stängel umfassen, übereinander; die des Wegerichs liegen am Boden.',
  'Wet ground; a bunch of fat fingers instead of one root; sap goes orange; never hairy.':
    'Nasser Boden; ein Bündel dicker Finger statt einer Wurzel; Saft wird orange; nie behaart.',
  'Wet ground; foot hollow with cross-walls; long sharp-toothed leaflets.':
    'Nasser Boden; Fuß hohl mit Querwänden; lange scharf gezähnte Fiederblättchen.',
  'Hairy too, but blotched, with swollen joints; no feathered bracts under the umbel; seed without bristles.':
    'Auch behaart, aber gefleckt, mit geschwollenen Knoten; keine gefiederten Hüllblätter unter der Dolde; Samen ohne Borsten.',
  'Wedge-shaped leaflets, hairless; sap goes orange; never of aniseed.':
    'Keilförmige Fiederblättchen, kahl; Saft wird orange; nie nach Anis.',
  'In water; long narrow toothed leaflets; foot chambered when cut.':
    'Im Wasser; lange schmale gezähnte Fiederblättchen; Fuß beim Schnitt gekammert.',
  'Stem solid, bristly and blotched; no smell of aniseed.': 'Stängel voll, borstig und gefleckt; kein Anisgeruch.',
  'Wet ground, hairless, wedge-shaped leaflets; sap goes orange.':
    'Nasser Boden, kahl, keilförmige Fiederblättchen; Saft wird orange.',
  'In water, hairless; foot chambered when cut.': 'Im Wasser, kahl; Fuß beim Schnitt gekammert.',
  'Hairy and blotched at once, stem solid, swollen under the joints; flowers a month later.':
    'Behaart und gefleckt zugleich, Stängel voll, unter den Knoten geschwollen; blüht einen Monat später.',
  'In water; leaflets long, narrow and saw-toothed; foot chambered when cut.':
    'Im Wasser; Fiederblättchen lang, schmal und gesägt; Fuß beim Schnitt gekammert.',
  'Leaflets long and saw-toothed on stalks that sheath; foot chambered when cut.':
    'Fiederblättchen lang und gesägt an scheidigen Stielen; Fuß beim Schnitt gekammert.',
  'Ferny leaves on sheathing stalks on the bank; smells of mice.':
    'Farnartige Blätter an scheidigen Stielen am Ufer; riecht nach Mäusen.',
  'Leaves finely feathered one by one on sheaths; stem bare and blotched; smells of mice.':
    'Blätter fein gefiedert, einzeln auf Scheiden; Stängel kahl und gefleckt; riecht nach Mäusen.',
  'Swords with one crinkled edge and a midrib off the middle, scented.':
    'Schwerter mit einem gewellten Rand und einer Mittelrippe neben der Mitte, duftend.',
  'Small almost toothless leaves; rings of flowers at every joint and no ball on top.':
    'Kleine, fast zahnlose Blätter; Blütenringe an jedem Knoten und keine Kugel obenauf.',
  'White milk wherever it breaks; leaves one by one.': 'Weiße Milch, wo immer es bricht; Blätter einzeln.',
  'Red berries on a leafless stalk beside two large leaves; no bush.':
    'Rote Beeren an blattlosem Stiel neben zwei großen Blättern; kein Strauch.',
  'Red berries close about an upright twig, with a tuft of thin leaves above; no evergreen mat.':
    'Rote Beeren dicht um einen aufrechten Zweig, darüber ein Schopf dünner Blätter; kein immergrüner Teppich.',
  'Leaves cut like a hand to the base, no sheath; a dark root like a small turnip.':
    'Blätter bis zum Grund wie eine Hand geteilt, keine Scheide; eine dunkle Wurzel wie ein Rübchen.',
  'Climbs with coiled tendrils, without prickles; soft red berries full of juice.':
    'Klettert mit gewundenen Ranken, ohne Stacheln; weiche rote Beeren voller Saft.',
  'Winds by itself, without prickles; soft red berries in strings, no hairs inside.':
    'Windet sich von selbst, ohne Stacheln; weiche rote Beeren in Ketten, innen ohne Haare.',
  bare: 'kahl',
  'Lily of the valley and mezereon bear red berries in the same woods, and both are deadly: nothing that is not on the low evergreen bush itself.':
    'Maiglöckchen und Seidelbast tragen in denselben Wäldern rote Beeren, und beide sind tödlich: nichts, was nicht am niedrigen immergrünen Strauch selbst sitzt.',
};
