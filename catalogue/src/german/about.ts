/** What is told about a plant, in German, by its key. */
export const GERMAN_ABOUT: Readonly<Record<string, string>> = {
  'alder-buckthorn': 'Ein Strauch nasser Wälder, dessen Beeren nacheinander reifen, grün, rot und schwarz zugleich.',
  arnica:
    'Auf mageren Bergwiesen, im Rückgang und in weiten Teilen ihres Gebiets geschützt (Anhang V der FFH-Richtlinie). Emberfield hilft, sie anzusehen und zu zählen, nicht, sie zu nehmen.',
  'autumn-crocus':
    'Eine verkehrte Wiesenpflanze: Blätter und Frucht im Frühling, blasse Blüten im Herbst direkt aus dem nackten Boden. Jeder Teil tötet.',
  beech: 'Seidige Blätter zehn Tage lang im Frühling; Nüsse in Mastjahren.',
  bilberry:
    'Kniehoher Strauch saurer Wälder und Moore, breitet sich mit den Wurzeln aus: Ein Fleck kann eine einzige alte Pflanze sein. Später Frost auf die Blüte nimmt die Beeren des Jahres.',
  'bitter-bolete': 'Verdirbt mit seiner Bitterkeit eine ganze Pfanne Steinpilze.',
  'black-bryony': 'Windet sich durch Hecken, mit glänzenden Herzblättern und Schnüren roter Beeren; keine Ranken.',
  'black-nightshade':
    'Ein Gartenunkraut mit weißen Sternen und Büscheln schwarzer Beeren. Über die reife Beere gehen die Meinungen auseinander.',
  'bog-bilberry': 'Die blaugrüne Heidelbeere der Moore, ihr Saft ohne Farbe. Manchen wurde nach vielen davon übel.',
  'bog-rosemary': 'Ein niedriges aufrechtes Heidekraut der Moore, zwischen Moosbeeren.',
  bracken:
    'Der hohe Farn der Heiden, Wedel für Wedel aus kriechender Wurzel. Löst bei Rindern Krebs aus und steht beim Menschen im Verdacht.',
  bramble:
    'Überhängende Ruten, die an der Spitze wurzeln; eine Rute trägt im zweiten Sommer und stirbt. Die Beere am Ende eines Zweigs reift zuerst und ist die süßeste.',
  reedmace:
    'Röhricht stillen Wassers, das der Reihe nach fünferlei gibt: Triebe, grüne Kolben, Pollen, Samenflaum und Blätter zum Flechten, im Winter stärkereichen Wurzelstock.',
  butterbur: 'Rosa Ähren vor den Blättern, dann Schirme von Blättern an Bächen. Schädigt die Leber.',
  cep: 'Unter Fichte, Eiche und Buche, etwa zehn Tage nach gutem Regen.',
  chanterelle: 'Dottergelb, mit stumpfen Leisten, die sich nicht vom Fleisch lösen; aus moosigem Boden, nie aus Holz.',
  chickweed: 'Zartes Grün von Feldern und Gärten, am besten in der kühlen Jahreshälfte.',
  comfrey:
    'Ein raues Kraut nasser Wiesen, hier eine Pflanze für Garten und Kompost. Früher gegessen; seine Alkaloide schädigen die Leber.',
  mallow: 'Runde weiche Blätter und violette Blüten an alten Mauern und Höfen.',
  reed: 'Triebe im Frühling, Dachhalm im Winter.',
  'cow-parsley':
    'Die weiße Spitze der Wegränder im Mai. Von wenigen gegessen, von den meisten hier nur angesehen: Seine Verwandten töten.',
  cowbane:
    'Steht in flachem Wasser und auf Schwingrasen. Der verdickte Wurzelstock ist in Kammern gebaut und der giftigste Teil.',
  cowslip: 'Einst korbweise gepflückt, heute vielerorts geschützt: hier angesehen, im Garten gezogen.',
  'crab-apple': 'Kleine saure Äpfel für Gelee; der echte wilde ist selten geworden.',
  cranberry: 'Fäden über Torfmoos, mit Beeren, die den Winter überdauern.',
  dandelion:
    'Staude der Wiesen und Gärten mit tiefer Pfahlwurzel. Blätter vor der Blüte, Blüten in einer großen Welle im April, Wurzeln, wenn die Blätter vorbei sind.',
  'deadly-dapperling':
    'Ein kleiner rosabrauner Schirm der Gärten, Parks und Wegränder mit dem Gift des Knollenblätterpilzes.',
  'deadly-nightshade':
    'Ein buschiges Kraut der Lichtungen auf Kalk mit glänzenden schwarzen Beeren, jede in grünem Stern.',
  'death-cap':
    'Olivgrüne bis weiße Hüte unter Eiche und Buche, mit einem Sack am Fuß, der beim Abschneiden im Boden bleibt.',
  'dog-rose':
    'Überhängender dorniger Strauch der Hecken und Gebüsche. Blütenblätter im Juni, Hagebutten vom ersten Rot, bis der Frost sie weich gemacht hat.',
  'douglas-fir': 'Gepflanzt; ihre Spitzen riechen nach Orangenschale.',
  'dwarf-elder': 'Der Holunder ohne Holz: gerade Stängel, die jeden Winter bis zum Boden absterben, Beeren aufrecht.',
  elder:
    'Strauch der Hecken und nährstoffreichen Böden. Jeder im Juni genommene Blütenstand ist im September ein Beerenstand weniger.',
  'evening-primrose':
    'Im ersten Jahr flache Rosetten auf Bahngelände und Sand, mit rosa Pfahlwurzel; im zweiten gelb in der Dämmerung.',
  'false-chanterelle': 'Orange und dünn, mit echten dichten Lamellen, die sich abreiben lassen.',
  'false-morel': 'Ein braunes Hirn auf kurzem Stiel unter Kiefern im Frühling. Schon sein Dampf beim Kochen vergiftet.',
  'field-mushroom': 'Rosa Lamellen auf alter Weide nach Sommerregen, in zwei Tagen schokoladenbraun.',
  'fools-parsley': 'Ein Unkraut der Gärten und Felder, wie eine kleine dunkle Petersilie.',
  foxglove:
    'Im ersten Jahr eine Rosette weicher runzliger Blätter, im zweiten ein hoher Stängel hängender Glocken. Die Rosette wurde für Beinwell, Königskerze und Klette gehalten.',
  'funeral-bell':
    'Kleine braune Glocken auf totem Holz, in denselben Monaten und an denselben Stämmen wie der Samtfußrübling. Enthält das Gift des Knollenblätterpilzes.',
  'garlic-mustard':
    'Zweijährig an Heckenfüßen und Waldrändern. Die Rosette bleibt den Winter über grün; im zweiten Frühling schießt sie auf, blüht, samt aus und stirbt.',
  'giant-hogweed': 'Ein Eindringling, höher als ein Mensch. Sein Saft verbrennt mit Sonnenlicht die Haut für Wochen.',
  mullein: 'Im ersten Jahr eine filzige Rosette, im zweiten eine hohe gelbe Kerze. Nimmt offenen, steinigen Boden ein.',
  burdock:
    'Zweijährig: im ersten Jahr eine Rosette mit tiefer Pfahlwurzel, im zweiten ein Blütenstängel, dann stirbt sie. Wurzeln gräbt man im ersten Herbst, Stängel schneidet man im zweiten Frühling.',
  'ground-elder':
    'Kriechender Eindringling der Gärten und Hecken: Nimm, so viel du magst. Er gehört zu einer Familie mit tödlichen Mitgliedern, das Nehmen ist also der leichte Teil.',
  hawthorn:
    'Dorniger Strauch oder kleiner Baum der Hecken. Junge Blätter vor der Blüte, die Blüte etwa zehn Tage im Mai, mehlige Beeren bis zum Winter.',
  hazel:
    'Vielstämmiger Strauch, der als erster im Jahr blüht. Reife Nüsse werden in ihren Hüllen braun und fallen über etwa drei Wochen; Häher, Mäuse und Eichhörnchen wissen es auch.',
  hedgehog: 'Stacheln darunter, wo andere Lamellen haben: Auf Boden hat nichts Gefährliches sie.',
  hemlock:
    'Der Doldenblütler der Straßenränder und Brachen, hoch und fein gefiedert, der glatte Stängel violett gefleckt.',
  'water-dropwort':
    'In Gräben und an Bachufern, den Winter über grün, mit einem Bund dicker weißer Wurzeln, die schnell töten.',
  'hemp-agrimony': 'Hoch und rosa auf nassem Boden wie Baldrian, die Blätter wie Hanf.',
  'herb-paris':
    'Ein Quirl aus vier Blättern an einem Stängel in schattigen Wäldern, in der Mitte eine blauschwarze Beere.',
  balsam: 'Überwuchert Flussufer. Gezogen, bevor es aussamt, und zwar alles.',
  hop: 'Triebe wie Spargel zwei Wochen lang im Frühling, Zapfen im September.',
  'horse-chestnut': 'Der Alleebaum, dessen Kastanien für Esskastanien gehalten werden.',
  'jack-o-lantern': 'Büschel oranger Trichter auf Stümpfen und vergrabenen Wurzeln von Laubbäumen in warmen Ländern.',
  knotweed: 'Rote Triebe im April, Dickicht im Juni. Oft von der Gemeinde gespritzt.',
  'jelly-ear': 'Braune Ohren an totem Holunder, den ganzen Winter; trocknet zu Leder und quillt wieder auf.',
  juniper: 'Beeren brauchen zwei oder drei Jahre; grüne und blaue stehen am selben Strauch.',
  larch: 'Weiche Büschel brechen Wochen vor der Fichte auf: die ersten Spitzen des Jahres.',
  'lily-of-the-valley':
    'Teppiche gepaarter Blätter in denselben Wäldern wie Bärlauch. Herzgift in allen Teilen, auch in den roten Beeren.',
  lingonberry: 'Immergrün in trockenem Moor und Kiefernwald, rote Beeren im September.',
  'lords-and-ladies':
    'Wächst Blatt für Blatt mitten im Bärlauch. Seine ersten Blätter sind schlichte Zungen; erst ausgewachsene sind Pfeilspitzen.',
  'male-fern': 'Der gewöhnliche Trichterfarn der Wälder, die eingerollten Wedel dicht mit braunen Schuppen.',
  meadowsweet: 'Cremefarbene Rispen über nassen Wiesen im Hochsommer.',
  monkshood: 'Blaue Helme auf hohen Stängeln an kühlen Bächen. Die giftigste Pflanze ihrer Art, auch durch die Haut.',
  morel: 'Eine Wabe im April unter Esche und Ulme, an Bächen.',
  spruce:
    'Nadelbaum, dessen neue Spitzen weich und hell genommen werden, nach ihrer Länge, über etwa zwei Wochen. Andere Nadelbäume kommen am selben Ort Wochen früher oder später; Eibe ist tödlich.',
  'ostrich-fern':
    'Trichter auf Flussschlamm. Seine eingerollten Wedel isst man gekocht; fast jeder andere Farn ist giftig.',
  'oyster-mushroom': 'Konsolen an Buche in den kalten Monaten.',
  parasol: 'Handbreit und mehr, auf hohem Stiel mit Schlangenhaut und verschiebbarem Ring.',
  oak: 'Eicheln für Mehl, wenn der Gerbstoff ausgewaschen ist; Galläpfel und Rinde zum Färben.',
  ragwort: 'Gelbe Körbchen über zerzausten Blättern auf der Weide. Vergiftet langsam die Leber.',
  ramsons:
    'Eine Waldzwiebel, die Blätter und Blüten treibt und vergeht, bevor die Bäume sich geschlossen haben. Sie breitet sich langsam aus: Vom Samen bis zur ersten Blüte vergehen mehrere Jahre.',
  raspberry: 'Zweijährige Ruten auf Lichtungen.',
  plantain: 'Auf jeder Wiese.',
  samphire: 'Fleischige Blätter an Meeresklippen und auf Kies.',
  rowan: 'Orange Beeren, die Vögel an einem Tag plündern; milder nach Frost.',
  savin: 'Ein kriechender Wacholder der Gärten und trockenen Berge mit Schuppenblättern.',
  'scarlet-pimpernel': 'Liegt in denselben Beeten wie Vogelmiere; ohne Blüten sehen beide gleich aus.',
  pine: 'Kerzen und Pollen im späten Frühling.',
  'sea-beet': 'Glänzende ledrige Blätter am Spülsaum, Spinat fast das ganze Jahr.',
  'sea-buckthorn': 'Dornig und silbrig auf Dünen, orange Beeren dicht an den Zweigen.',
  birch:
    'Saft steigt zwei bis vier Wochen, bevor die Knospen aufbrechen; sobald Blätter da sind, wird er trüb und bitter. Dann folgen junge Blätter.',
  'silver-fir':
    'Spitzen kommen zwei Wochen nach der Fichte. Flache Nadeln mit zwei weißen Streifen, auf runden Füßchen.',
  sloe: 'Dorniger Heckenstrauch, weiß vor den Blättern. Die Frucht ist herb, bis Frost darüber gegangen ist.',
  lime: 'Baum, dessen Blüte nur wenige Tage lohnt, am besten, wenn die ersten Blüten eines Standes offen sind. Junge Blätter sind im Frühling ein Salat.',
  rush: 'Runde grüne Halme für Matten und Lichter.',
  sorrel: 'Saure Blätter alter Wiesen.',
  spindle: 'Ein Heckenstrauch mit grünen vierkantigen Zweigen und rosa vierlappigen Früchten um orange Samen.',
  nettle:
    'Kriechende Staude reicher, gestörter Böden. Geschnittene Bestände treiben wieder, so gibt dasselbe Beet einen zweiten und dritten Frühling.',
  'sulphur-tuft': 'Dichte gelbe Büschel auf Stümpfen, Lamellen werden grün und dann dunkel.',
  'sweet-chestnut': 'Nüsse fallen zwei oder drei Wochen lang im Oktober.',
  'sweet-cicely':
    'Weiche farnartige Blätter mit weißen Flecken, nach Anis duftend, an nördlichen Bächen und alten Gärten.',
  valerian:
    'Staude nasser Wiesen. Die Wurzel lohnt das Graben ab dem dritten Jahr; ein Teil der Krone kann zurück in den Boden.',
  'velvet-shank':
    'Winterpilz mit Lamellen, in Büscheln auf totem Laubholz, in milden Zeiten von der ersten Kälte bis zum Frühling. Sein tödlicher Zwilling wächst in denselben Monaten auf Holz.',
  'water-mint': 'In Gräben und nassen Wiesen; der ganze Ort duftet, wenn man darauf tritt.',
  watercress: 'Den ganzen Winter grün in Quellen. Unterhalb von Weiden trägt sie Leberegel.',
  weld: 'Das stärkste Gelb der alten Färber, auf Steinbruchböden und Kalk.',
  'white-bryony': 'Klettert mit gewundenen Ranken neben Hopfen durch Hecken. Rote Beeren, eine Wurzel wie eine Rübe.',
  'white-hellebore': 'Steht neben Gelbem Enzian auf Bergwiesen und wurde für ihn gegraben.',
  willow: 'Ruten für Körbe im Winter, Rinde für Fasern im Mai, wenn sie sich löst.',
  angelica:
    'Auf nassen Wiesen und im Bruchwald, kräftig und violett überlaufen, in Gesellschaft ihrer tödlichen Verwandten.',
  'wild-carrot': 'Auf trockenem Grasland. Die Wurzel lohnt nur im ersten Jahr, bevor der Stängel sie zu Holz macht.',
  'wild-strawberry': 'Sonnige Böschungen und Lichtungen, breitet sich mit Ausläufern aus.',
  woad: 'Blaue Farbe aus den Blättern des ersten Jahres.',
  'yellow-flag': 'Steht zwischen Rohrkolben, die Blätter am Fuß zu einem flachen Fächer gefaltet.',
  'yellow-gentian':
    'Lebt Jahrzehnte und blüht erst nach etwa zehn Jahren. Seine Wurzel wird für Bitteres gegraben, seine Bestände schrumpfen, und sein Zwilling ist tödlich.',
  'yellow-stainer':
    'Sieht aus wie ein Champignon, bis man den Fuß schneidet: leuchtend gelb binnen Sekunden, und Geruch nach Tinte.',
  yew: 'Das dunkle Immergrün ohne Harz. Alles daran tötet außer dem roten Becher, und auch der Samen im Becher ist tödlich.',
  'deadly-webcap':
    'Ein lohfarbener Hut moosiger Fichtenwälder, zwischen Pfifferlingen und an denselben Tagen. Zerstört die Nieren; Zeichen kommen nach Tagen oder Wochen.',
  'destroying-angel':
    'Ganz weiß, aus einem Ei im Moos feuchter Wälder und an ihren Rändern. Das Gift des Grünen Knollenblätterpilzes.',
  'livid-pinkgill':
    'Ein kräftiger blasser Pilz der Laubwälder auf schwerem Boden, mit Lamellen, die von Gelb zu Lachs gehen.',
  'brown-parasol': 'Ein Schirmling der Gärten, Parks und Komposthaufen, mit glattem Stiel aus gerandeter Knolle.',
  'devils-bolete': 'Ein dicker kreideweißer Hut über roten Poren, unter Buchen und Eichen auf warmem Kalk. Selten.',
  'angel-wing':
    'Dünne rein weiße Fächer auf morschen Nadelholzstümpfen im Norden und im Bergland. Menschen mit schwachen Nieren sind daran gestorben.',
  'thimble-morel':
    'Ein runzliger brauner Fingerhut, der lose am Stiel hängt, ein, zwei Wochen vor den Morcheln, unter Espen und Kirschen.',
  'rough-chervil':
    'Die Dolde der Hecken, die dem Wiesenkerbel folgt: behaart und gefleckt zugleich, so dass „Haare, sonst lass es“ versagt.',
  'sweet-flag':
    'Schwerter am Ufer mit gewelltem Rand, durch und durch duftend; manche Sippen führen, was bei Tieren Geschwülste macht.',
  pennyroyal:
    'Eine kriechende Minze zertretener Teichränder, mit Ringen lila Blüten am Stängel. Ihr Öl zerstört die Leber.',
  'petty-spurge': 'Ein zartes grünes Unkraut der Gärten, zwischen der Vogelmiere, mit brennendem Milchsaft.',
  mezereon:
    'Ein kleiner Strauch kalkiger Wälder, rosa am kahlen Holz vor den Blättern. Wenige seiner roten Beeren töten.',
  'ox-eye-daisy': 'Die große Margerite magerer Wiesen. Löffelblätter im Frühling, Knospen zum Einlegen, Blüten.',
  yarrow:
    'Blattfedern in jeder trockenen Wiese, flache weiße Köpfe im Sommer. Junge Blätter und blühende Spitzen, getrocknet.',
  'broad-dock':
    'Wo Vieh stand und Kompost liegt. Ganz junge Blätter werden gekocht, Samen gemahlen, die gelbe Wurzel getrocknet.',
  goosefoot: 'Der mehlige Gänsefuß der Kartoffeläcker und Misthaufen: den ganzen Sommer Gemüse, dann Samen.',
  cleavers: 'Hängt mit Häkchen an jedem Ärmel. Junge Spitzen früh im Jahr, die Klettfrüchte im Sommer geröstet.',
  'spear-thistle':
    'Die große stachlige Rosette der Weiden. Wurzel des ersten Herbstes, geschälter Stängel des zweiten Sommers vor der Blüte.',
  'wild-parsnip':
    'Gelbe Dolden trockener Raine auf Kalk; die weiße Wurzel des ersten Winters. Der Saft verbrennt die Haut in der Sonne.',
  alexanders:
    'Den ganzen Winter grün an Wegen und Klippen nahe dem Meer, gelbgrüne Dolden im Frühling; Stängel vor der Blüte, Knospen, schwarze Samen als Pfeffer.',
  'marsh-mallow':
    'Samtgraue Blätter auf der oberen Salzwiese und an nassen Ufern; in allen Teilen schleimig, am meisten in der Wurzel.',
  'sea-radish':
    'Raue grüne Rosetten den Winter über oberhalb der Flutlinie; Blätter, Blütenknospen wie Brokkoli, grüne Schoten.',
  hogweed:
    'Grober behaarter Doldenblütler jedes Wegrands. Gefaltete junge Triebe im Frühling, geschlossene Knospen, Samen als Gewürz. Der Saft verbrennt die Haut in der Sonne.',
  pignut:
    'Ein Faden von einem Doldenblütler in alten Wäldern, auf einer braunen Knolle eine Hand tief. Jede genommene ist eine Pflanze weniger.',
  bittercress: 'Eine Kresse der Töpfe, Wege und Weinberge, den ganzen Winter grün.',
  'wood-sorrel': 'Blasse dreiteilige Blätter am Boden schattiger Wälder, sauer. Einige als Würze.',
  charlock: 'Gelber Senf der Äcker. Junge Spitzen gekocht, Knospen, scharfer Samen.',
  'buckshorn-plantain':
    'Ein Stern gegabelter Blätter auf Klippen, salzigen Straßenrändern und betretenem Sand, den Winter über grün.',
  glasswort:
    'Gegliederte grüne Kerzen auf dem Schlick zwischen den Gezeiten. Spitzen im Frühsommer, ehe sie blühen und rot werden.',
  'sea-purslane': 'Niedrige silbrige Büsche an den Prielen der Salzwiesen, den Winter über grün.',
  'hen-of-the-woods': 'Ein Kopf graubrauner Fächer am Fuß alter Eichen, Jahr für Jahr an derselben Stelle.',
  'chicken-of-the-woods':
    'Schwefelgelbe und orange Konsolen an Eiche, Kirsche und Weide ab Mai. Junge Lappen; manche macht er krank, gleich von welchem Baum.',
  'lions-mane':
    'Ein weißer Bart aus Stacheln an alten Buchen und Eichen. In Europa selten, vielerorts auf der Roten Liste und mancherorts geschützt: Dort sieht man ihn an.',
  'giant-puffball':
    'Weiße Kugeln, kopfgroß, in fetten Wiesen und unter Brennnesseln. Nur solange sie durch und durch weiß sind wie Milch.',
  earthball: 'Eine harte schuppige Kartoffel auf saurem Waldboden, innen schwarz.',
  'honey-fungus':
    'Honigfarbene Büschel an Stümpfen und lebenden Bäumen im Herbst; er tötet ganze Pflanzungen. Junge Hüte, erst gekocht.',
  'late-oyster':
    'Olivgrüne Fächer mit gelben Lamellen an totem Laubholz nach den ersten Frösten. Schlecht roh, leidlich nach langem Kochen.',
  'scarlet-elf-cup': 'Scharlachrote Becher an bemoosten Ästen am Ende des Winters, vor allem anderen.',
  'turkey-tail': 'Dünne gebänderte Fächer an jedem Stumpf. Zu zäh zum Kauen: für ein Getränk gekocht, getrocknet.',
  'cauliflower-fungus': 'Ein cremefarbener Schwamm krauser Blätter am Fuß von Kiefern, der jahrelang wiederkommt.',
  'beautiful-coral':
    'Eine rosa Koralle mit gelben Spitzen unter Buchen. Führt ab. Korallen sind schwer zu unterscheiden, und mehrere sind selten.',
  'poison-pie': 'Blass lederfarbene Hüte in Ringen unter Bäumen und auf ihrem Rasen, spät im Jahr.',
  'eastern-destroying-angel': 'Rein weiß, hoch, aus einem Ei unter Eichen und auf Rasen daneben, den ganzen Sommer.',
  'western-destroying-angel':
    'Weiß, mitunter in der Mitte rosa, unter immergrünen Eichen vom Ende des Winters bis in den Frühling.',
  milkweed:
    'Kriechende Staude alter Felder, die der Reihe nach sechserlei gibt: Triebe, Blütenknospen, Blüten, kleine Schoten, Seide, Fasern. Falter leben von ihr.',
  dogbane:
    'Rotstängelig, verzweigt, milchend, in denselben Feldern wie die Seidenpflanze. Aus toten Stängeln wird die beste Schnur des Landes; gegessen wird nichts.',
  'cutleaf-coneflower':
    'Hohe Staude der Bachufer; zerteilte Blätter im Frühling und wieder im Herbst, als Gemüse gekocht. In Familien gelernt: Die ersten Rosetten zeigt einem jemand.',
  'purple-coneflower':
    'Prärie und lichte Wälder. Wilde Wurzeln wurden wagenweise gegraben; gezogene taugen ebenso. Blüten und Blätter gibt es ohne Graben.',
  'bread-root':
    'Behaarte Pflanze mit Handblättern auf ungepflügter Prärie, mit eiförmiger Wurzel. Gegraben, solange das Kraut steht, denn es bricht ab und rollt davon; der Samen kommt ins Loch.',
  locoweed: 'Seidige Büschel trockener Prärie mit purpurnen Ähren. Macht Rinder verrückt.',
  'ground-nut':
    'Eine Bohne, die in nassem Gebüsch klettert, mit Schnüren von Knollen dicht unter dem Boden. Eine Schnur wird gehoben, die kleinere Hälfte kommt zurück.',
  sunchoke:
    'Eine hohe späte Sonnenblume der Flussufer auf knubbeligen Knollen. Was übersehen wird, wächst; wo sie nicht heimisch ist, alles nehmen.',
  arrowhead: 'Pfeilblätter im flachen Wasser; weiße Knollen im Schlamm, mit den Füßen gelockert, bis sie aufschwimmen.',
  'arrow-arum':
    'Pfeilblätter mit einer Mittelader, im selben Flachwasser wie das Pfeilkraut. Roh brennt er wie Nadeln.',
  'spring-beauty':
    'Rosa geaderte Teppiche am Waldboden im April, im Juni verschwunden, auf Knollen wie kleine Kartoffeln.',
  'star-of-bethlehem':
    'Weiße sechsstrahlige Sterne auf Rasen und Weinbergsrainen, in der Neuen Welt verwildert. Jeder Teil ist giftig, am meisten die Zwiebel.',
  'wild-leek':
    'Zwei oder drei breite Blätter an rotem Stiel, sechs Wochen im Frühling in alten Laubwäldern. Ein gegrabener Horst braucht zehn Jahre: ein Blatt je Pflanze, die Zwiebel bleibt.',
  'false-hellebore':
    'Gefältelte grüne Spieße in nassen Wäldern, Wochen vor den Bäumen. Wer ihn für Wildlauch hält, stirbt daran.',
  bloodroot: 'Ein gelapptes Blatt um eine weiße Blüte gewickelt; rotoranges Blut in jedem Teil. Zum Ansehen.',
  'wild-rice':
    'Ein Gras klarer nördlicher Seen, mit zwei Stöcken ins Boot geklopft. Einjährig: Was ins Wasser fällt, ist der Reis vom nächsten Jahr.',
  'prickly-pear':
    'Flache Glieder auf Sand und Fels; rote Früchte im Herbst. Die feinen Borsten sind schlimmer als die Dornen.',
  purslane: 'Dicke rote Stängel flach auf heißem nacktem Boden, in Gärten und Ritzen.',
  'spotted-spurge': 'Eine flache drahtige Matte in Ritzen und Kies, zwischen Portulak, mit brennender Milch.',
  'water-hemlock':
    'Nasse Wiesen und Gräben auf dem ganzen Kontinent. Ein walnussgroßes Stück der Wurzel tötet eine Kuh.',
  osha: 'Doldenblütler der Berge mit brauner zottiger Wurzel, die nach Sellerie riecht. In vielen Tälern ausgegraben; wächst aus Stücken langsam nach. Blätter und Samen taugen ebenso.',
  goldenrod: 'Gelbe Rispen jedes alten Feldes im Spätsommer; Blätter und Spitzen für ein Getränk, Blüten zum Färben.',
  'wild-geranium':
    'Rosa Blüten lichter Wälder über handförmigen Blättern; der dicke Wurzelstock zieht zusammen. Ein Teil des Stocks wird genommen, der Rest kommt zurück.',
  camas:
    'Blaue Sterne in nassen Frühlingswiesen des Westens. Felder wurden Jahrtausende gepflegt: in Blüte gegraben, kleine Zwiebeln und Samen zurückgelegt.',
  'death-camas': 'Cremefarbene Ähren in denselben Wiesen wie Prärielilie und wilde Zwiebeln. Zwei Zwiebeln töten.',
  'miners-lettuce': 'Runde Blätter, vom Stängel durchwachsen, im kühlen Schatten vom Winter bis in den Frühling.',
  'slippery-elm':
    'Schleimiger Bast. Bäume werden geschält und sterben, und das Ulmensterben nimmt den Rest: Bast nur von Ästen, die gefallen oder geschnitten sind.',
  'sugar-maple': 'Saft in Wochen mit Nachtfrost und Tauwetter am Tag, vierzig zu eins eingekocht.',
  'shagbark-hickory': 'Lange aufgebogene Rindenstreifen; süße dickschalige Nüsse. Bittere Arten stehen daneben.',
  'black-walnut': 'Runde grüne Hüllen, die Hände wochenlang färben, eine harte gefurchte Nuss. Darunter wächst wenig.',
  'white-oak':
    'Runde Lappen; Eicheln in einem Jahr reif, die im selben Herbst keimen: rasch sammeln, am wenigsten wässern.',
  'red-oak':
    'Borstig gespitzte Lappen; große Eicheln des zweiten Jahres, bitter und ölig, die den ganzen Winter halten.',
  'american-chestnut':
    'Einst jeder vierte Baum der östlichen Berge; eine eingeschleppte Krankheit ließ Triebe, die zurücksterben. Wer einen mit Nüssen findet, lässt sie und meldet ihn.',
  'ohio-buckeye': 'Fünf Finger je Blatt, in Paaren; glänzende braune Samen mit blassem Auge.',
  pawpaw: 'Ein kleiner Baum der Auwälder mit großen hängenden Blättern und weichen Früchten wie Pudding.',
  persimmon: 'Orange Früchte, die zusammenziehen, bis sie weich sind wie Mus; Bäume sind männlich oder weiblich.',
  serviceberry: 'Weiß in kahlen Wäldern; die erste Frucht des Sommers, purpurn, mit Krönchen.',
  'wild-grape': 'Hohe Ranken an Flüssen; saure blaue Trauben, nach Frost süßer.',
  moonseed: 'Eine Ranke ohne Greifer mit Trauben wie Wildreben. Kinder sind daran gestorben.',
  chokecherry: 'Schnüre dunkler Kirschen, die zusammenziehen, in Gebüschen an jedem Zaun.',
  'staghorn-sumac': 'Samtrote Kolben auf samtigen Zweigen; saures Getränk aus Früchten vor dem Herbstregen.',
  'poison-sumac': 'Ein hoher Strauch östlicher Sümpfe. Jeder Teil zieht Blasen, sein Rauch in der Lunge.',
  'poison-ivy': 'Blätter zu dritt am Boden, an Bäumen und über Mauern. Sein Öl bleibt jahrelang an Stiefeln und Gerät.',
  'american-elder': 'Gebüsche auf nassem Boden; flache weiße Blüten im Sommer, purpurschwarze Beeren, gekocht.',
  pokeweed:
    'Ein mannshohes rotstängeliges Kraut mit Schnüren tintenschwarzer Beeren. Bräuche kochen seine Triebe in mehreren Wassern; es hat getötet, darum ist es hier nur zum Kennen.',
  huckleberry:
    'Kniehoch auf trockenem saurem Boden, mit schwarzen Beeren aus zehn harten Samen und goldenen Punkten unter dem Blatt.',
  'red-baneberry':
    'Ein Kraut reicher Wälder mit roten oder weißen glänzenden Beeren an dünnen Stielen. Sechs Beeren machen einen Erwachsenen krank.',
  'american-cranberry': 'Kriecht in Mooren und Dünentälern; rote Beeren, die bis in den Winter hängen.',
  'eastern-hemlock':
    'Ein Schattenbaum der östlichen Berge, den ein Insekt umbringt; mit dem tödlichen Schierling hat er nur im Englischen den Namen gemein. Spitzen im späten Frühling, nur von gesunden Bäumen.',
  'balsam-fir': 'Kalte Wälder des Nordens; Harzblasen in glatter Rinde, Spitzen wie Zitrus.',
  'white-pine': 'Fünf weiche Nadeln im Bündel, an den höchsten Bäumen des Ostens.',
  'canada-yew':
    'Eine niedrige Eibe schattiger östlicher Wälder, zwischen Hemlocktanne und Tanne. Alles bis auf das Rot des Bechers tötet.',
  salal: 'Ledriges Gebüsch unter den Nadelbäumen der Westküste; dunkle mehlige Beeren an Schnüren.',
  salmonberry: 'Die erste Beere der Westküste, orange oder rot, an jedem Bach.',
  dulse: 'Dunkelrote Hände auf Fels und an Tangstielen, bei Springniedrigwasser frei. Trocken gekaut oder gebraten.',
  laver: 'Häute aus purpurbraunem Film auf Felsen in der Brandung; lange von Sand gewaschen, stundenlang gekocht.',
  'sugar-kelp':
    'Ein gerüschtes braunes Band, länger als ein Mensch, am untersten Rand der Tide. Tangwälder sind Kinderstuben: Blätter werden geschnitten, Stiele bleiben.',
  'bladder-wrack':
    'Gegabelte olive Riemen mit Blasenpaaren, über jedem geschützten Fels. Für ein Getränk, fürs Bad, für den Garten.',
  'peat-moss':
    'Das Moos, das Moore baut, einen Millimeter im Jahr. Einst für Wunden und Wiegen; nun sind Moore selten, und es bleibt stehen.',
  'iceland-moss':
    'Eine Flechte der Heiden und Bergrücken, braune gerollte Riemen. In Hungerjahren war sie Brot; sie wächst wenige Millimeter im Jahr und trinkt, was vom Himmel fällt.',
  'tree-lungwort':
    'Grüne Lappen wie eine Lunge an alten Bäumen, wo die Luft sauber ist. Wo sie wächst, ist der Wald alt: ansehen und melden.',
};
