/** Seaweeds, mosses and lichens, in German, by what the English says. */
export const GERMAN_SHORE_AND_MOSS: Readonly<Record<string, string>> = {
  'new growth': 'neuer Wuchs',
  'full grown': 'ausgewachsen',
  'worn, overgrown': 'abgenutzt, bewachsen',
  'torn by storms': 'von Stürmen zerrissen',
  blades: 'Blätter des Tangs',
  'Cut the upper two thirds, a hand above the disc.':
    'Die oberen zwei Drittel schneiden, eine Handbreit über der Scheibe.',
  'Grows again from what is left; torn off the rock it is gone.':
    'Wächst aus dem Rest nach; vom Fels gerissen ist er fort.',
  'dried, fried': 'getrocknet, gebraten',
  'Flat, leathery, dark red, split like fingers, small blades along its edge.':
    'Flach, ledrig, dunkelrot, wie Finger geteilt, kleine Blättchen am Rand.',
  'Rocks and tide: not alone, with the time of low water known. Only from clean open water: no harbour, outfall, fish farm or river from fields.':
    'Felsen und Gezeiten: nicht allein, die Zeit des Niedrigwassers bekannt. Nur aus sauberem offenem Wasser: kein Hafen, keine Einleitung, keine Fischzucht, kein Fluss aus Feldern.',
  'Rich in iodine, and gathers metals: little, and with a thyroid disease or in pregnancy ask a licensed practitioner first.':
    'Reich an Jod, und sammelt Metalle: wenig, und bei Schilddrüsenleiden oder in der Schwangerschaft erst eine Ärztin fragen.',
  'The shore has an owner, and many coasts limit cutting: ask first.':
    'Der Strand hat einen Eigentümer, und viele Küsten begrenzen das Schneiden: frag vorher.',
  'Dried on a line in wind, kept dark.': 'Im Wind auf der Leine getrocknet, dunkel gehalten.',
  'Pinch or cut above the point that holds it; take patches, not a whole rock.':
    'Über dem Haftpunkt zwicken oder schneiden; Flecken nehmen, nicht einen ganzen Felsen.',
  'boiled long, then fried': 'lange gekocht, dann gebraten',
  'Thin as film, one layer, purple to olive, fixed at one point.':
    'Dünn wie Folie, eine Lage, purpurn bis oliv, an einem Punkt fest.',
  'Boiled in jars, or dried in sheets.': 'Gekocht in Gläsern, oder in Blättern getrocknet.',
  'Cut the blade two hands above the stem: it grows from there; never the stem, never the claws.':
    'Das Blatt zwei Handbreit über dem Stiel schneiden: Es wächst von dort; nie den Stiel, nie die Krallen.',
  'in stock, as noodles': 'in Brühe, als Nudeln',
  'One undivided belt, crinkled down the middle.': 'Ein ungeteilter Gürtel, in der Mitte gekräuselt.',
  'A round flexible stem on claws.': 'Ein runder biegsamer Stiel auf Krallen.',
  'Dried on a line.': 'Auf der Leine getrocknet.',
  'Cut tips, a quarter of a tuft.': 'Spitzen schneiden, ein Viertel eines Büschels.',
  'A midrib, bladders in pairs beside it.': 'Eine Mittelrippe, daneben Blasen in Paaren.',
  'Dried fast.': 'Rasch getrocknet.',
  growing: 'wächst',
  full: 'voll',
  'Heads like small stars on a wet sponge.': 'Köpfchen wie kleine Sterne auf nassem Schwamm.',
  'Grows a millimetre in a year and holds the bog: left alone.':
    'Wächst einen Millimeter im Jahr und hält das Moor: bleibt stehen.',
  'A fungus on it can cause sores: gloves.': 'Ein Pilz darauf kann Geschwüre machen: Handschuhe.',
  'Left where it is.': 'Bleibt, wo es ist.',
  'Fallen leaves to bed plants and roots in.': 'Falllaub, um Pflanzen und Wurzeln darin zu betten.',
  'Stiff brown gutters with short bristles along the edge.': 'Steife braune Rinnen mit kurzen Borsten am Rand.',
  'A mat that is raked off is gone for a lifetime.': 'Ein abgerechter Teppich ist ein Menschenleben lang fort.',
  'Gathers lead and radioactive fallout.': 'Sammelt Blei und radioaktiven Niederschlag.',
  'Netted ridges and hollows, green when wet, brown when dry.':
    'Netzartige Leisten und Gruben, nass grün, trocken braun.',
  'Protected in many countries: look only.': 'In vielen Ländern geschützt: nur ansehen.',
};
