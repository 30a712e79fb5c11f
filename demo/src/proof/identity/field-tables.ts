// How specimens of plants and fungi look in the field, phase by phase. Field judgement, all of it estimates; written apart from the
// profiles and before the rule that is held against it, so that neither leans on the other. Do not fit the one to the other.
//
// One line a sign: its states with how many of a hundred specimens show each as the first thing one would say of it. What is missing to a
// hundred shows none of the states, or is not there to be looked at.

/** Plants that are gathered. */
export const GATHERED: Readonly<Record<string, string>> = {
  bilberry: `
    leaf: growth bush 97 | leafShape oval 96 round 4 | leafEdge fineTeeth 94 smooth 6 | leafSet alternate 98 | leafBase wedge 85 stalkless 10 | hairs bare 98 | stemSection ribbed 70 square 20 solid 8 | leafVeins net 98 | branching alternateTwigs 95
    fruit: growth bush 97 | leafShape oval 96 | leafEdge fineTeeth 92 smooth 8 | leafSet alternate 98 | fruit berry 97 | berryColour blueBloom 80 black 18 | hairs bare 98 | stemSection ribbed 72 square 20 | branching alternateTwigs 95`,
  bramble: `
    leaf: growth bush 55 climber 25 creeping 18 | leafShape threeLeaflets 60 hand 35 | leafEdge fineTeeth 45 coarseTeeth 50 | stemSkin prickles 93 thorns 6 | leafSet alternate 96 | leafUnder whiteFelt 45 dull 50 | hairs soft 60 felt 20 bare 15
    fruit: growth bush 60 climber 22 creeping 14 | leafShape threeLeaflets 60 hand 33 | stemSkin prickles 93 thorns 6 | fruit manyDrupes 98 | berryColour black 75 red 22 | leafSet alternate 96 | leafEdge fineTeeth 45 coarseTeeth 50`,
  reedmace: `
    leaf: growth reed 92 fromGround 6 | leafShape strap 97 | leafSection halfMoon 72 flat 20 fan 4 | leafBase sheath 90 stalkless 6 | leafVeins parallel 99 | root creeping 85 fibres 10 | smell none 92 | hairs bare 99
    rest: growth reed 95 | deadStalk cigar 80 noStalk 15 | root creeping 85 fibres 10 | stemSection solid 60 pith 30`,
  comfrey: `
    leaf: growth rosette 40 fromGround 45 leafyStem 12 | leafShape lance 60 oval 36 | leafEdge smooth 94 fineTeeth 3 | hairs bristles 88 soft 9 | leafBase runsDown 35 wedge 55 | leafSet basal 82 alternate 15 | root taproot 72 tubers 12 fibres 8 | leafVeins net 98
    flower: growth leafyStem 92 | leafShape lance 72 oval 25 | leafEdge smooth 95 | hairs bristles 88 soft 8 | leafBase runsDown 86 stalkless 8 | leafSet alternate 95 | flowerForm bell 94 | flowerColour pink 45 white 30 blue 12 | stemSection hollow 50 ribbed 20 solid 20 | stemSkin hairy 90`,
  'cow-parsley': `
    leaf: growth rosette 60 fromGround 28 leafyStem 8 | leafShape fineFeather 84 feather 14 | leafBase sheath 82 | leafSet basal 88 alternate 9 | hairs soft 75 bare 20 | stalkSection grooved 72 threeEdged 12 round 10 | stemSkin hairy 50 plain 42 | smell none 55 carrot 20 rank 10 | root taproot 85
    flower: growth leafyStem 96 | leafShape fineFeather 85 feather 13 | flowerSet twiceUmbel 97 | flowerColour white 98 | bracts noBracts 92 fewBracts 6 | stemSkin hairy 60 plain 36 | stemSection hollow 62 ribbed 34 | hairs soft 68 bare 28 | leafSet alternate 92`,
  cowslip: `
    leaf: growth rosette 97 | leafShape oval 70 lance 26 | leafEdge fineTeeth 50 smooth 32 coarseTeeth 14 | leafBase runsDown 72 wedge 24 | hairs soft 80 felt 10 bare 8 | leafUnder dull 82 whiteFelt 10 | leafVeins net 97 | root fibres 82
    flower: growth rosette 84 fromGround 12 | flowerSet umbel 78 oneSided 16 | flowerColour yellow 98 | flowerForm star5 55 bell 35 | leafShape oval 70 lance 26 | leafBase runsDown 70 wedge 25 | hairs soft 80 felt 10 | leafSet basal 97`,
  'douglas-fir': `
    leaf: growth tree 97 bush 3 | needles allRound 62 twoRows 24 suckers 10 | leafUnder paleBands 84 dull 12 | smell resin 88 none 6 | bark smoothBark 42 furrowed 44 corky 10 | bud longPointed 84 | cone tongued 62 hanging 16 | branching tiers 70 alternateTwigs 18
    rest: growth tree 97 | needles allRound 62 twoRows 24 suckers 10 | leafUnder paleBands 84 dull 12 | bud longPointed 88 | cone tongued 74 hanging 14 | bark furrowed 50 smoothBark 38 corky 10`,
  'evening-primrose': `
    leaf: growth rosette 96 | leafShape lance 86 oval 11 | leafEdge smooth 45 fineTeeth 40 coarseTeeth 10 | hairs soft 62 bare 28 | leafBase wedge 84 runsDown 12 | root taproot 92 | leafUnder dull 90 | stalkSection round 40 grooved 45
    flower: growth leafyStem 96 | flowerForm cross4 93 | flowerColour yellow 97 | flowerSet spike 82 | leafSet alternate 95 | leafShape lance 92 | fruit capsule 70 pod 24 | hairs soft 65 bare 24 | stemSkin hairy 70 blotched 16 plain 10`,
  'field-mushroom': `
    flower: growth cap 98 | capColour whiteCap 84 brownCap 8 greyCap 6 | cap domed 82 flat 14 | capSize palm 74 coin 16 plate 8 | underCap freeGills 94 | gillColour pink 88 brown 8 white 3 | stipe ring 76 bareStem 20 | foot plain 86 bulb 8 | flesh unchanged 62 reddens 34 | sporePrint darkPrint 93 rustPrint 3 | smell none 88 | host grass 95
    fruit: growth cap 98 | capColour whiteCap 62 brownCap 26 greyCap 10 | cap flat 66 domed 32 | capSize palm 86 plate 10 | underCap freeGills 95 | gillColour dark 54 brown 40 pink 5 | stipe ring 62 bareStem 34 | foot plain 86 bulb 8 | flesh unchanged 62 reddens 34 | sporePrint darkPrint 97 | host grass 95`,
  'garlic-mustard': `
    leaf: growth rosette 82 fromGround 12 leafyStem 4 | leafShape heart 60 round 36 | leafEdge coarseTeeth 62 fineTeeth 30 lobed 4 | smell garlic 92 none 6 | leafBase heartBase 90 | hairs bare 75 soft 20 | root taproot 86 | stalkSection round 40 grooved 48
    flower: growth leafyStem 97 | leafShape heart 84 oval 12 | leafEdge coarseTeeth 90 fineTeeth 8 | smell garlic 90 | flowerForm cross4 97 | flowerColour white 98 | leafSet alternate 96 | fruit pod 60 | stemSection solid 78 hollow 12`,
  mullein: `
    leaf: growth rosette 98 | leafShape oval 60 lance 36 | hairs felt 94 soft 5 | leafEdge smooth 68 fineTeeth 28 | leafUnder whiteFelt 84 dull 12 | leafBase wedge 58 stalkless 26 runsDown 12 | root taproot 90
    flower: growth leafyStem 96 | flowerSet spike 96 | flowerColour yellow 97 | flowerForm star5 93 | leafBase runsDown 82 stalkless 14 | hairs felt 93 soft 5 | stemSkin hairy 86 | leafSet alternate 95`,
  burdock: `
    leaf: growth rosette 92 fromGround 6 | leafShape heart 82 oval 14 | leafEdge smooth 62 fineTeeth 28 coarseTeeth 8 | leafUnder whiteFelt 76 dull 22 | leafBase heartBase 86 | hairs soft 56 felt 32 bare 8 | stalkSection grooved 48 hollow 30 round 14 | root taproot 94
    rest: growth leafyStem 68 rosette 26 | deadStalk burrsLeft 80 noStalk 16 | fruit burr 86 | root taproot 92`,
  'ground-elder': `
    leaf: growth fromGround 88 rosette 8 creeping 4 | leafShape threeLeaflets 48 feather 44 | leafEdge fineTeeth 66 coarseTeeth 32 | leafBase sheath 70 wedge 15 | hairs bare 84 soft 14 | stalkSection threeEdged 60 grooved 30 | root creeping 94 | smell carrot 32 none 40 rank 20 | leafSet basal 94
    flower: growth leafyStem 94 | flowerSet twiceUmbel 95 | flowerColour white 97 | bracts noBracts 96 | leafShape threeLeaflets 45 feather 50 | leafEdge fineTeeth 70 coarseTeeth 28 | root creeping 94 | stemSkin plain 94 | stemSection hollow 68 ribbed 28`,
  juniper: `
    leaf: growth bush 88 tree 8 | needles sharpThrees 97 | leafUnder dull 50 paleBands 46 | cone blueBerry 56 | bark peeling 68 furrowed 14 | smell resin 66 none 26 | leafSet whorl 92
    fruit: growth bush 90 tree 8 | needles sharpThrees 97 | cone blueBerry 90 | berryColour blueBloom 72 black 14 green 12 | bark peeling 68 furrowed 14 | leafSet whorl 92`,
  larch: `
    leaf: growth tree 98 | needles tufts 96 | bark furrowed 62 peeling 16 smoothBark 18 | cone upright 62 hanging 10 | leafUnder dull 92 | smell resin 42 none 50 | leafSet whorl 66 alternate 20
    flower: growth tree 98 | needles tufts 95 | cone upright 76 | bark furrowed 62 smoothBark 18 | leafSet whorl 66 alternate 20 | branching alternateTwigs 70 tiers 14`,
  meadowsweet: `
    leaf: growth fromGround 54 rosette 34 leafyStem 10 | leafShape feather 88 threeLeaflets 8 | leafEdge fineTeeth 40 coarseTeeth 52 | leafUnder whiteFelt 60 dull 38 | smell none 42 rank 18 mint 6 | stalkSection grooved 62 round 24 | hairs bare 70 soft 20 | root creeping 56 fibres 28 | leafSet basal 76 alternate 20
    flower: growth leafyStem 96 | flowerSet plume 86 flatHead 8 | flowerColour white 96 | flowerForm star5 96 | leafShape feather 93 | leafEdge coarseTeeth 60 fineTeeth 36 | leafSet alternate 95 | stemSection ribbed 34 hollow 30 solid 28 | leafUnder whiteFelt 60 dull 38`,
  morel: `
    flower: growth cap 98 | cap honeycomb 96 brain 3 | underCap noneBeneath 96 | inside oneHollow 97 chambers 2 | capSize palm 76 coin 18 | stipe bareStem 96 | foot plain 84 bulb 10 | flesh unchanged 95 | host broadleafSoil 72 grass 12 coniferSoil 12
    fruit: growth cap 98 | cap honeycomb 94 brain 5 | underCap noneBeneath 96 | inside oneHollow 96 chambers 3 | capSize palm 82 | stipe bareStem 95 | foot plain 82 bulb 12 | host broadleafSoil 72 grass 12 coniferSoil 12`,
  spruce: `
    leaf: growth tree 97 | needles pegs 78 allRound 17 twoRows 4 | leafUnder dull 78 paleBands 20 | bark furrowed 30 peeling 36 smoothBark 28 | cone hanging 58 | smell resin 72 none 20 | branching tiers 82
    rest: growth tree 97 | needles pegs 80 allRound 16 | cone hanging 74 | bark peeling 38 furrowed 32 smoothBark 26 | leafUnder dull 78 paleBands 20 | branching tiers 82 | bud scaled 84 longPointed 12`,
  'oyster-mushroom': `
    flower: growth cap 96 | capColour greyCap 58 brownCap 26 whiteCap 12 | cap shelf 92 funnel 6 | underCap runningGills 95 | gillColour white 94 | stipe bareStem 64 | foot tufted 70 plain 26 | capSize palm 80 plate 12 coin 6 | flesh unchanged 97 | sporePrint whitePrint 94 pinkPrint 4 | host deadBroadleaf 94 deadConifer 4
    fruit: growth cap 96 | capColour brownCap 46 greyCap 34 whiteCap 16 | cap shelf 88 funnel 10 | underCap runningGills 95 | gillColour white 92 brown 5 | capSize palm 72 plate 24 | foot tufted 72 plain 24 | sporePrint whitePrint 94 pinkPrint 4 | inside full 94 | host deadBroadleaf 94`,
  parasol: `
    flower: growth cap 97 | capColour brownCap 64 whiteCap 20 greyCap 14 | cap domed 70 bellCap 22 flat 6 | capSize palm 40 plate 52 coin 4 | underCap freeGills 96 | gillColour white 95 | stipe slidingRing 86 ring 12 | foot bulb 82 plain 14 | flesh unchanged 86 reddens 12 | sporePrint whitePrint 95 | host grass 56 broadleafSoil 34
    fruit: growth cap 97 | capColour brownCap 52 whiteCap 32 greyCap 14 | cap flat 80 domed 16 | capSize plate 86 palm 13 | underCap freeGills 96 | gillColour white 93 brown 4 | stipe slidingRing 90 ring 9 | foot bulb 84 plain 12 | sporePrint whitePrint 95 | flesh unchanged 86 reddens 12`,
  ramsons: `
    leaf: growth fromGround 95 rosette 4 | leafShape lance 80 oval 18 | leafBase wedge 86 stalkless 8 | leafUnder dull 92 glossy 6 | stalkSection threeEdged 34 grooved 30 round 26 | smell garlic 96 none 4 | root bulb 94 fibres 3 | leafVeins parallel 84 arched 14 | leafSet basal 96
    flower: growth fromGround 95 | leafShape lance 80 oval 18 | leafBase wedge 86 stalkless 8 | flowerForm star6 95 | flowerSet umbel 80 ball 16 | flowerColour white 98 | stemSection threeEdged 70 solid 24 | smell garlic 96 | root bulb 94`,
  plantain: `
    leaf: growth rosette 97 | leafShape lance 92 strap 5 | leafVeins parallel 78 arched 17 net 3 | leafEdge smooth 84 fineTeeth 14 | hairs soft 48 bare 45 | leafBase wedge 82 stalkless 10 | root fibres 76 taproot 18 | stalkSection grooved 76
    flower: growth rosette 94 | leafShape lance 93 | leafVeins parallel 80 arched 16 | flowerSet spike 72 ball 20 | flowerColour brown 74 white 20 | stemSection ribbed 74 solid 18 | leafSet basal 97 | hairs soft 48 bare 45`,
  samphire: `
    leaf: growth creeping 30 leafyStem 40 fromGround 24 | leafShape fineFeather 34 feather 40 needle 12 | leafEdge smooth 90 | hairs bare 98 | leafSection tube 64 halfMoon 24 flat 8 | smell resin 30 carrot 34 aniseed 10 none 16 | root taproot 48 creeping 34
    flower: growth leafyStem 86 creeping 10 | flowerSet twiceUmbel 95 | flowerColour yellow 66 green 22 white 10 | bracts fewBracts 86 noBracts 12 | leafSection tube 64 halfMoon 24 | leafEdge smooth 92 | stemSection solid 60 ribbed 30`,
  pine: `
    leaf: growth tree 97 | needles pairs 95 | bark peeling 46 furrowed 48 | cone hanging 40 upright 14 | smell resin 70 none 24 | branching tiers 64 | leafUnder dull 90
    rest: growth tree 97 | needles pairs 95 | bark peeling 46 furrowed 48 | cone hanging 52 upright 12 | bud scaled 56 longPointed 26 sticky 14 | branching tiers 64`,
  'silver-fir': `
    leaf: growth tree 98 | needles suckers 84 twoRows 14 | leafUnder paleBands 96 | bark smoothBark 78 furrowed 16 | cone upright 26 | smell resin 74 none 20 | branching tiers 80
    rest: growth tree 98 | needles suckers 84 twoRows 14 | leafUnder paleBands 96 | bark smoothBark 78 furrowed 16 | bud scaled 80 sticky 10 | branching tiers 80`,
  sloe: `
    leaf: growth bush 93 tree 6 | leafShape oval 82 lance 15 | leafEdge fineTeeth 93 | stemSkin thorns 92 prickles 5 | leafSet alternate 96 | leafBase wedge 92 | bark smoothBark 70 furrowed 20 | branching alternateTwigs 92 | hairs bare 72 soft 26
    fruit: growth bush 94 tree 5 | fruit stoneFruit 94 berry 5 | berryColour blueBloom 90 black 9 | stemSkin thorns 92 prickles 5 | leafEdge fineTeeth 93 | leafShape oval 82 lance 15 | branching alternateTwigs 92`,
  'sweet-cicely': `
    leaf: growth fromGround 56 rosette 34 leafyStem 8 | leafShape fineFeather 82 feather 16 | smell aniseed 97 | hairs soft 94 | leafBase sheath 84 | stalkSection hollow 26 grooved 44 round 24 | stemSkin hairy 86 plain 12 | root taproot 88 | leafSet basal 90
    flower: growth leafyStem 95 | leafShape fineFeather 84 feather 14 | smell aniseed 97 | flowerSet twiceUmbel 97 | bracts noBracts 93 | stemSkin hairy 86 plain 12 | stemSection hollow 76 ribbed 18 | seedShape longSmooth 62 | hairs soft 92 | flowerColour white 98`,
  valerian: `
    leaf: growth rosette 60 fromGround 34 | leafShape feather 93 | leafEdge coarseTeeth 56 smooth 26 fineTeeth 12 | smell none 52 rank 42 | leafSet basal 84 opposite 12 | leafBase sheath 20 wedge 60 | root fibres 92 creeping 4 | hairs soft 40 bare 55 | stalkSection grooved 80
    flower: growth leafyStem 97 | leafSet opposite 97 | leafShape feather 95 | flowerSet flatHead 66 plume 12 umbel 12 | flowerColour pink 66 white 32 | flowerForm star5 88 | root fibres 92 | stemSection hollow 60 ribbed 34 | leafEdge coarseTeeth 52 smooth 30`,
  'velvet-shank': `
    flower: growth cap 97 | capColour yellowCap 70 brownCap 20 redCap 8 | cap domed 64 flat 34 | capSize coin 68 palm 31 | underCap freeGills 40 | gillColour white 84 brown 6 orange 8 | stipe velvet 78 bareStem 20 | foot tufted 92 | sporePrint whitePrint 96 | flesh unchanged 97 | host deadBroadleaf 97
    fruit: growth cap 97 | capColour brownCap 50 yellowCap 44 redCap 4 | cap flat 64 domed 34 | capSize coin 50 palm 49 | gillColour white 76 orange 12 brown 9 | stipe velvet 92 bareStem 7 | foot tufted 92 | sporePrint whitePrint 96 | host deadBroadleaf 97`,
  watercress: `
    leaf: growth creeping 72 leafyStem 24 | leafShape feather 92 round 5 | leafEdge smooth 72 lobed 18 | stemSection hollow 84 ribbed 10 | leafSet alternate 92 | root fibres 90 | smell none 84 rank 8 | hairs bare 97 | leafBase clasping 26 wedge 55
    flower: growth creeping 54 leafyStem 44 | flowerForm cross4 96 | flowerColour white 97 | flowerSet spike 46 flatHead 30 | leafShape feather 94 | leafEdge smooth 70 lobed 20 | stemSection hollow 84 ribbed 10 | fruit pod 56 | root fibres 90`,
  angelica: `
    leaf: growth rosette 48 fromGround 44 | leafShape feather 84 fineFeather 12 | leafEdge fineTeeth 84 coarseTeeth 14 | leafBase sheath 92 | stalkSection grooved 50 hollow 28 round 14 | stemSkin plain 78 hairy 14 | smell rank 40 aniseed 14 carrot 14 none 24 | root taproot 84 | hairs bare 84 soft 12
    flower: growth leafyStem 97 | flowerSet twiceUmbel 97 | flowerColour white 56 pink 26 green 16 | bracts noBracts 86 fewBracts 12 | leafShape feather 86 fineFeather 10 | leafEdge fineTeeth 86 coarseTeeth 12 | leafBase sheath 95 | stemSkin plain 82 hairy 14 | stemSection hollow 82 ribbed 14`,
  'wild-carrot': `
    leaf: growth rosette 93 fromGround 4 | leafShape fineFeather 96 | hairs bristles 34 soft 54 bare 10 | smell carrot 88 none 8 | root taproot 95 | leafBase sheath 72 | stalkSection grooved 50 round 24 | stemSkin hairy 82 plain 14 | leafSet basal 95
    flower: growth leafyStem 96 | leafShape fineFeather 97 | flowerSet twiceUmbel 97 | bracts featherBracts 97 fewBracts 2 | hairs bristles 60 soft 34 | stemSkin hairy 90 plain 8 | stemSection solid 78 ribbed 18 | flowerColour white 95 | smell carrot 84 | seedShape bristly 40`,
  'yellow-gentian': `
    leaf: growth fromGround 40 leafyStem 46 rosette 12 | leafSet opposite 92 basal 5 | leafShape oval 90 lance 8 | leafVeins arched 76 parallel 22 | hairs bare 98 | leafUnder dull 62 glossy 26 | leafBase clasping 66 stalkless 24 wedge 8 | root taproot 90
    flower: growth leafyStem 98 | leafSet opposite 98 | flowerColour yellow 98 | flowerSet ball 12 spike 62 | flowerForm star5 62 star6 24 | leafShape oval 92 | hairs bare 98 | leafBase clasping 72 stalkless 24 | root taproot 90`,
  chanterelle: `
    flower: growth cap 97 | capColour yellowCap 95 whiteCap 4 | cap domed 36 funnel 48 flat 14 | underCap ridges 92 runningGills 7 | gillColour orange 52 white 8 | stipe bareStem 98 | foot plain 96 | inside full 96 | smell apricot 62 none 34 | flesh unchanged 95 | sporePrint whitePrint 86 pinkPrint 6 | host broadleafSoil 60 coniferSoil 38
    fruit: growth cap 97 | capColour yellowCap 92 whiteCap 4 brownCap 3 | cap funnel 86 flat 10 | underCap ridges 93 runningGills 6 | stipe bareStem 98 | foot plain 95 | inside full 94 | smell apricot 62 none 34 | capSize palm 72 coin 24 | sporePrint whitePrint 86 | host broadleafSoil 60 coniferSoil 38`,
  elder: `
    flower: growth bush 84 tree 14 | bark corky 68 furrowed 26 | leafShape feather 97 | leafSet opposite 98 | flowerSet flatHead 97 | flowerColour white 97 | stemSection pith 92 hollow 5 | branching oppositeTwigs 94 | leafEdge fineTeeth 94
    fruit: growth bush 84 tree 14 | bark corky 68 furrowed 26 | fruit berry 66 stoneFruit 30 | berryColour black 93 red 5 | flowerSet flatHead 94 | leafSet opposite 98 | stemSection pith 92 | branching oppositeTwigs 94 | leafShape feather 97`,
  sorrel: `
    leaf: growth rosette 88 fromGround 10 | leafShape arrow 96 | leafEdge smooth 96 | leafVeins net 94 | leafSet basal 92 | stalkSection grooved 72 | root taproot 60 fibres 34 | leafUnder dull 76 glossy 20
    flower: growth leafyStem 96 | leafShape arrow 96 | flowerSet spike 82 plume 14 | flowerColour pink 44 brown 34 green 18 | leafBase clasping 50 sheath 38 | leafSet alternate 90 | stemSection ribbed 66 | root taproot 60 fibres 34`,
  'sea-beet': `
    leaf: growth rosette 58 fromGround 24 creeping 14 | leafShape oval 60 heart 14 arrow 10 lance 12 | leafEdge smooth 96 | leafUnder glossy 82 dull 16 | leafVeins net 97 | leafBase wedge 66 runsDown 20 | root taproot 86 | hairs bare 98
    flower: growth leafyStem 84 creeping 12 | flowerSet spike 95 | flowerColour green 94 | leafSet alternate 95 | leafShape oval 50 lance 40 | leafUnder glossy 80 dull 18 | stemSection ribbed 66 | root taproot 86`,
  dandelion: `
    leaf: growth rosette 98 | leafShape lance 92 | leafEdge lobed 72 coarseTeeth 26 | sap milk 94 | root taproot 94 | hairs bare 76 soft 22 | stalkSection hollow 34 grooved 44
    flower: growth rosette 97 | flowerForm strapHead 86 daisy 12 | flowerColour yellow 98 | flowerSet single 97 | stemSection hollow 96 | sap milk 96 | leafEdge lobed 74 coarseTeeth 24`,
  hop: `
    leaf: growth climber 92 creeping 5 | stemSkin hooks 72 hairy 20 prickles 5 | leafSet opposite 94 | leafShape hand 72 heart 22 | leafEdge coarseTeeth 78 fineTeeth 16 | leafBase heartBase 78 | root creeping 84 | hairs bristles 56 soft 24
    fruit: growth climber 96 | fruit winged 20 nut 14 | flowerSet catkin 30 ball 20 | stemSkin hooks 72 hairy 20 | leafSet opposite 94 | leafShape hand 74 heart 22 | leafEdge coarseTeeth 80 | smell resin 40 rank 26`,
  hawthorn: `
    leaf: growth bush 68 tree 31 | stemSkin thorns 92 prickles 4 | leafEdge lobed 92 coarseTeeth 6 | leafSet alternate 96 | leafShape oval 62 hand 14 | leafBase wedge 92 | bark furrowed 56 smoothBark 36 | branching alternateTwigs 92
    fruit: growth bush 68 tree 31 | fruit pome 74 berry 20 hip 5 | berryColour red 97 | stemSkin thorns 92 | leafEdge lobed 92 coarseTeeth 6 | leafSet alternate 96 | branching alternateTwigs 92`,
  'sweet-chestnut': `
    fruit: growth tree 98 | leafShape lance 94 | leafEdge coarseTeeth 84 spiny 14 | fruit burr 66 nut 32 | leafSet alternate 96 | bark furrowed 76 smoothBark 20 | branching alternateTwigs 94
    rest: growth tree 98 | bark furrowed 78 smoothBark 18 | bud scaled 86 | branching alternateTwigs 95 | fruit burr 60 nut 30`,
  chickweed: `
    leaf: growth creeping 86 leafyStem 12 | leafShape oval 86 heart 9 | leafSet opposite 97 | leafUnder dull 94 | stemSkin plain 46 hairy 50 | stemSection solid 78 square 4 | leafBase wedge 70 stalkless 26 | root fibres 92
    flower: growth creeping 86 leafyStem 12 | flowerColour white 98 | flowerForm star5 94 | leafSet opposite 97 | leafShape oval 88 | stemSection solid 80 square 4 | stemSkin hairy 50 plain 46`,
};

/** What is taken for them and makes ill or kills. */
export const TWINS: Readonly<Record<string, string>> = {
  'deadly-nightshade': `
    leaf: growth leafyStem 72 bush 22 fromGround 5 | leafShape oval 94 lance 5 | leafEdge smooth 95 fineTeeth 3 | leafSet alternate 72 opposite 18 | hairs soft 56 bare 36 | leafVeins net 98 | leafBase wedge 72 runsDown 24 | stemSection solid 56 hollow 24 ribbed 14 | root taproot 60 tubers 8 creeping 18 | stemSkin plain 52 hairy 40 | branching alternateTwigs 40
    fruit: growth leafyStem 60 bush 38 | fruit berry 98 | berryColour black 92 green 7 | leafShape oval 95 | leafEdge smooth 95 fineTeeth 3 | leafSet alternate 68 opposite 22 | hairs soft 54 bare 38 | stemSkin plain 50 hairy 42 | stemSection solid 56 hollow 24`,
  'water-dropwort': `
    leaf: growth leafyStem 34 fromGround 42 rosette 18 | leafShape feather 52 fineFeather 44 | leafEdge coarseTeeth 36 lobed 44 fineTeeth 14 | root tubers 84 fibres 10 taproot 4 | stemSection hollow 80 ribbed 16 | hairs bare 98 | leafBase sheath 78 wedge 12 | smell carrot 36 none 34 rank 26 | stalkSection grooved 34 hollow 36 round 24 | sap clear 58 orange 30 | leafSet alternate 40 basal 54 | stemSkin plain 94
    flower: growth leafyStem 97 | leafShape feather 46 fineFeather 50 | flowerSet twiceUmbel 96 | flowerColour white 97 | bracts noBracts 48 fewBracts 48 | stemSkin plain 94 | stemSection hollow 62 ribbed 36 | root tubers 86 fibres 10 | hairs bare 98 | leafSet alternate 94 | leafBase sheath 84 | smell carrot 36 none 34 rank 26
    rest: growth leafyStem 46 rosette 34 fromGround 16 | deadStalk umbelRibs 62 noStalk 34 | root tubers 84 fibres 10 taproot 4`,
  foxglove: `
    leaf: growth rosette 92 fromGround 7 | leafShape lance 54 oval 44 | leafEdge fineTeeth 70 coarseTeeth 16 smooth 13 | hairs soft 76 felt 17 bare 4 bristles 3 | leafUnder dull 58 whiteFelt 38 | leafBase runsDown 66 wedge 32 | leafVeins net 98 | root fibres 62 taproot 34 | leafSet basal 96 | smell none 88 rank 10 | stalkSection threeEdged 28 grooved 48
    flower: growth leafyStem 92 rosette 6 | flowerForm bell 82 lipped 14 | flowerSet oneSided 70 spike 28 | flowerColour pink 90 white 9 | leafShape lance 60 oval 38 | leafEdge fineTeeth 72 coarseTeeth 14 smooth 12 | hairs soft 78 felt 14 | leafSet alternate 92 | leafBase runsDown 58 wedge 36 | stemSkin hairy 76 plain 22 | stemSection solid 64 hollow 20 ribbed 10 | root fibres 62 taproot 34
    rest: growth rosette 58 leafyStem 36 | deadStalk tallSpike 62 noStalk 32 | root fibres 62 taproot 34 | fruit capsule 64`,
  hemlock: `
    leaf: growth rosette 76 fromGround 14 leafyStem 8 | leafShape fineFeather 93 feather 6 | leafEdge lobed 44 fineTeeth 36 coarseTeeth 18 | hairs bare 96 soft 3 | smell mouse 44 rank 24 none 24 carrot 6 | stemSkin blotched 44 plain 52 | leafBase sheath 86 | leafSet basal 86 alternate 11 | root taproot 92 fibres 4 | stalkSection round 46 hollow 38 grooved 12 | stemSection hollow 86 ribbed 8
    flower: growth leafyStem 98 | leafShape fineFeather 94 | flowerSet twiceUmbel 97 | flowerColour white 98 | bracts fewBracts 78 noBracts 18 | stemSkin blotched 88 plain 11 | hairs bare 97 | smell mouse 52 rank 26 none 18 | stemSection hollow 88 ribbed 10 | seedShape wavyRibs 44 | leafSet alternate 90 | leafEdge lobed 44 fineTeeth 36 coarseTeeth 18`,
  yew: `
    leaf: growth tree 62 bush 37 | needles twoRows 74 allRound 18 suckers 4 pegs 2 | leafUnder dull 84 paleBands 14 | bark peeling 72 furrowed 16 smoothBark 10 | cone redCup 22 | smell none 84 resin 12 | branching alternateTwigs 76 tiers 10 | leafSet alternate 70
    flower: growth tree 62 bush 37 | needles twoRows 74 allRound 18 suckers 4 | bark peeling 72 furrowed 16 smoothBark 10 | leafUnder dull 84 paleBands 14 | cone redCup 10 | branching alternateTwigs 76 tiers 10
    fruit: growth tree 62 bush 37 | needles twoRows 74 allRound 18 suckers 4 | cone redCup 56 | bark peeling 72 furrowed 16 smoothBark 10 | berryColour red 56 | leafUnder dull 84 paleBands 14
    rest: growth tree 62 bush 37 | needles twoRows 74 allRound 18 suckers 4 pegs 2 | bark peeling 72 furrowed 16 smoothBark 10 | bud scaled 74 longPointed 10 | leafUnder dull 84 paleBands 14 | cone redCup 14 | branching alternateTwigs 76 tiers 10`,
  savin: `
    leaf: growth bush 94 creeping 5 | needles scaleLeaves 76 sharpThrees 20 | cone blueBerry 40 | bark peeling 60 furrowed 12 | smell resin 44 rank 46 | leafSet opposite 64 whorl 14 | leafUnder dull 70 paleBands 22
    fruit: growth bush 94 creeping 5 | needles scaleLeaves 76 sharpThrees 20 | cone blueBerry 84 | berryColour blueBloom 76 black 16 green 6 | bark peeling 60 furrowed 12 | leafSet opposite 64 whorl 14`,
  'deadly-webcap': `
    flower: growth cap 97 | capColour brownCap 60 yellowCap 26 redCap 12 | cap bellCap 52 domed 38 flat 8 | capSize palm 60 coin 38 | underCap freeGills 90 runningGills 7 ridges 1 | gillColour orange 52 brown 45 | stipe bareStem 92 ring 5 | foot plain 74 bulb 22 | inside full 88 | sporePrint rustPrint 96 | flesh unchanged 86 yellows 10 | smell none 70 rank 22 | host coniferSoil 86 broadleafSoil 12
    fruit: growth cap 97 | capColour brownCap 70 redCap 14 yellowCap 14 | cap flat 40 bellCap 34 domed 24 | capSize palm 74 coin 24 | underCap freeGills 91 runningGills 7 | gillColour brown 84 orange 14 | stipe bareStem 95 ring 3 | foot plain 76 bulb 20 | sporePrint rustPrint 97 | flesh unchanged 88 | host coniferSoil 86 broadleafSoil 12`,
  'destroying-angel': `
    flower: growth cap 98 | capColour whiteCap 95 yellowCap 3 | cap bellCap 50 domed 42 flat 6 | capSize palm 78 coin 18 | underCap freeGills 95 | gillColour white 98 | stipe ringAndBag 54 ring 30 bareStem 12 velvet 2 | foot bag 86 bulb 10 plain 2 | inside full 86 loose 10 | sporePrint whitePrint 97 | flesh unchanged 96 | smell none 66 rank 28 | host coniferSoil 48 broadleafSoil 46 grass 5
    fruit: growth cap 98 | capColour whiteCap 92 yellowCap 6 | cap flat 52 domed 34 bellCap 12 | capSize palm 86 plate 6 coin 6 | underCap freeGills 95 | gillColour white 98 | stipe ringAndBag 48 ring 28 bareStem 20 | foot bag 84 bulb 11 | sporePrint whitePrint 97 | flesh unchanged 96 | smell rank 48 none 46 | host coniferSoil 48 broadleafSoil 46 grass 5`,
  'angel-wing': `
    flower: growth cap 92 | capColour whiteCap 94 yellowCap 5 | cap shelf 82 funnel 16 | capSize palm 50 coin 46 | underCap runningGills 88 freeGills 9 | gillColour white 97 | stipe bareStem 24 | foot tufted 62 plain 26 | inside full 90 | sporePrint whitePrint 96 | flesh unchanged 97 | smell none 90 | host deadConifer 92 deadBroadleaf 6
    fruit: growth cap 92 | capColour whiteCap 82 yellowCap 16 | cap shelf 84 funnel 14 | capSize palm 66 coin 28 | underCap runningGills 90 freeGills 7 | gillColour white 92 orange 4 | stipe bareStem 22 | foot tufted 64 plain 24 | sporePrint whitePrint 96 | flesh unchanged 97 | host deadConifer 92 deadBroadleaf 6`,
  monkshood: `
    leaf: growth fromGround 46 leafyStem 48 rosette 5 | leafShape hand 92 feather 6 | leafEdge lobed 60 coarseTeeth 34 | leafBase wedge 46 heartBase 34 stalkless 12 | leafSet alternate 70 basal 27 | hairs bare 84 soft 14 | stemSection solid 78 hollow 14 | sap clear 94 | root tubers 82 taproot 12 | smell none 94 | stemSkin plain 84 hairy 12
    flower: growth leafyStem 97 | flowerForm hood 95 | flowerSet spike 88 plume 8 | flowerColour blue 95 white 3 | leafShape hand 93 | leafSet alternate 97 | hairs bare 78 soft 20 | stemSection solid 80 | root tubers 84 taproot 10
    rest: growth leafyStem 40 | deadStalk tallSpike 40 podsLeft 34 noStalk 20 | root tubers 84 taproot 10`,
  'death-cap': `
    flower: growth cap 98 | capColour greenCap 60 yellowCap 20 whiteCap 10 brownCap 8 | cap domed 84 bellCap 6 flat 8 | capSize palm 72 coin 22 plate 4 | underCap freeGills 94 | gillColour white 97 | stipe ringAndBag 60 ring 28 bareStem 10 | foot bag 90 bulb 8 | flesh unchanged 96 yellows 2 | sporePrint whitePrint 97 | smell none 78 rank 14 | host broadleafSoil 76 coniferSoil 10 grass 12
    fruit: growth cap 98 | capColour greenCap 52 brownCap 18 yellowCap 18 whiteCap 10 | cap flat 66 domed 32 | capSize palm 82 plate 12 | underCap freeGills 95 | gillColour white 96 | stipe ringAndBag 58 ring 24 bareStem 16 | foot bag 88 bulb 10 | sporePrint whitePrint 97 | flesh unchanged 96 | smell none 50 rank 44 | host broadleafSoil 76 coniferSoil 10 grass 12`,
  'false-morel': `
    flower: growth cap 97 | cap brain 90 honeycomb 5 domed 4 | underCap noneBeneath 96 | inside chambers 86 oneHollow 8 full 5 | capSize palm 82 plate 8 | stipe bareStem 94 | foot plain 84 bulb 10 | flesh unchanged 94 | host coniferSoil 78 broadleafSoil 18
    fruit: growth cap 97 | cap brain 90 honeycomb 4 domed 5 | underCap noneBeneath 96 | inside chambers 84 oneHollow 10 full 4 | capSize palm 76 plate 18 | stipe bareStem 94 | foot plain 84 | host coniferSoil 78 broadleafSoil 18`,
  'funeral-bell': `
    flower: growth cap 97 | capColour brownCap 80 yellowCap 18 | cap domed 70 flat 22 bellCap 7 | capSize coin 82 palm 17 | underCap runningGills 30 freeGills 20 | gillColour brown 80 white 12 orange 6 | stipe ring 66 bareStem 30 velvet 3 | foot tufted 56 plain 40 | smell none 48 cucumber 42 rank 8 | sporePrint rustPrint 95 darkPrint 3 | flesh unchanged 96 | host deadConifer 58 deadBroadleaf 38
    fruit: growth cap 97 | capColour brownCap 72 yellowCap 26 | cap flat 64 domed 32 | capSize coin 66 palm 33 | gillColour brown 94 orange 4 | stipe ring 52 bareStem 44 velvet 3 | foot tufted 56 plain 40 | sporePrint rustPrint 96 darkPrint 3 | inside full 60 loose 36 | smell none 48 cucumber 42 | host deadConifer 58 deadBroadleaf 38`,
  'deadly-dapperling': `
    flower: growth cap 97 | capColour brownCap 56 redCap 38 whiteCap 4 | cap domed 74 flat 20 bellCap 5 | capSize coin 88 palm 11 | underCap freeGills 96 | gillColour white 95 | stipe ring 40 bareStem 52 slidingRing 4 | foot plain 82 bulb 12 | flesh unchanged 70 reddens 28 | sporePrint whitePrint 96 | host grass 52 broadleafSoil 40
    fruit: growth cap 97 | capColour brownCap 62 redCap 28 whiteCap 8 | cap flat 62 domed 34 | capSize coin 78 palm 21 | underCap freeGills 96 | gillColour white 94 | stipe bareStem 66 ring 28 slidingRing 3 | foot plain 82 bulb 12 | sporePrint whitePrint 96 | flesh unchanged 70 reddens 28`,
  'autumn-crocus': `
    leaf: growth fromGround 92 rosette 6 | leafShape lance 62 strap 34 oval 4 | leafBase stalkless 58 sheath 20 clasping 14 wedge 7 | leafUnder glossy 84 dull 15 | root corm 72 bulb 26 | smell none 66 garlic 24 rank 8 | leafVeins parallel 95 arched 5 | leafSet basal 84 alternate 8 | stalkSection round 3 grooved 8 | leafSection flat 72 fan 20
    flower: growth fromGround 94 | flowerForm star6 96 | flowerSet single 96 | flowerColour pink 92 white 6 | root corm 72 bulb 26 | smell none 90`,
  'lily-of-the-valley': `
    leaf: growth fromGround 88 leafyStem 9 | leafShape oval 58 lance 40 | leafBase sheath 56 wedge 28 clasping 12 | leafUnder glossy 56 dull 42 | root creeping 86 fibres 10 bulb 3 | smell none 72 garlic 24 | leafVeins parallel 84 arched 14 | leafSet basal 78 opposite 12 | stalkSection round 40 grooved 22
    flower: growth fromGround 92 | leafShape oval 60 lance 38 | flowerForm bell 96 | flowerSet oneSided 72 spike 24 | flowerColour white 98 | leafUnder glossy 54 dull 44 | root creeping 86 fibres 10 | leafBase sheath 58 wedge 28 | smell none 66 garlic 20 | stemSection solid 50 threeEdged 14 ribbed 22`,
  cowbane: `
    leaf: growth fromGround 38 leafyStem 36 rosette 22 | leafShape feather 78 fineFeather 18 | leafEdge fineTeeth 82 coarseTeeth 15 | hairs bare 98 | root chambered 62 fibres 20 taproot 12 tubers 4 | stemSection hollow 88 ribbed 9 | leafBase sheath 76 | smell none 34 carrot 28 rank 34 | stalkSection hollow 62 round 22 grooved 14 | sap clear 52 orange 32 milk 6 | leafSet basal 50 alternate 46
    flower: growth leafyStem 96 | flowerSet twiceUmbel 97 | flowerColour white 97 | bracts noBracts 92 fewBracts 7 | leafShape feather 78 fineFeather 19 | leafEdge fineTeeth 82 coarseTeeth 15 | stemSkin plain 95 | stemSection hollow 84 ribbed 14 | root chambered 66 fibres 20 | leafSet alternate 95 | leafBase sheath 82
    rest: growth leafyStem 48 rosette 22 fromGround 22 | deadStalk umbelRibs 58 noStalk 38 | root chambered 66 fibres 18 taproot 11`,
  'white-hellebore': `
    leaf: growth leafyStem 52 fromGround 44 | leafSet alternate 92 basal 6 opposite 2 | leafShape oval 90 lance 9 | leafVeins parallel 58 arched 40 | hairs soft 70 bare 28 | leafUnder dull 86 | leafBase sheath 52 clasping 40 stalkless 6 | root fibres 48 creeping 36 taproot 10
    flower: growth leafyStem 98 | leafSet alternate 96 opposite 2 | flowerColour green 44 white 50 yellow 5 | flowerSet plume 58 spike 40 | flowerForm star6 95 | leafShape oval 88 lance 11 | hairs soft 70 bare 28 | leafBase sheath 50 clasping 42 | root fibres 48 creeping 36 taproot 10`,
  'jack-o-lantern': `
    flower: growth cap 97 | capColour yellowCap 88 redCap 8 brownCap 3 | cap domed 42 funnel 34 flat 22 | underCap runningGills 92 ridges 7 | gillColour orange 96 | stipe bareStem 96 | foot tufted 74 plain 24 | inside full 80 loose 16 | smell none 74 rank 14 apricot 8 | flesh unchanged 56 yellows 36 | sporePrint whitePrint 90 | host deadBroadleaf 66 broadleafSoil 32
    fruit: growth cap 97 | capColour yellowCap 70 brownCap 24 redCap 4 | cap funnel 68 flat 28 | underCap runningGills 93 ridges 6 | stipe bareStem 96 | foot tufted 74 plain 24 | inside full 76 loose 20 | capSize palm 76 plate 18 | sporePrint whitePrint 90 | smell none 74 rank 14 | host deadBroadleaf 66 broadleafSoil 32`,
  'lords-and-ladies': `
    leaf: growth fromGround 95 | leafShape arrow 82 lance 8 oval 7 | leafVeins net 80 parallel 10 arched 8 | leafUnder glossy 72 dull 26 | leafBase sheath 50 heartBase 26 wedge 18 | root tubers 50 corm 40 bulb 8 | smell none 74 garlic 18 | leafSet basal 97 | leafEdge smooth 97 | stalkSection grooved 56 round 30
    flower: growth fromGround 95 | leafShape arrow 95 | leafVeins net 84 | flowerForm hood 97 | flowerColour green 86 brown 10 | root tubers 50 corm 40 bulb 8 | leafUnder glossy 72 dull 26 | leafSet basal 97 | leafEdge smooth 97`,
  'dwarf-elder': `
    flower: growth leafyStem 86 bush 12 | leafShape feather 98 | leafSet opposite 98 | flowerSet flatHead 96 | flowerColour white 86 pink 13 | stemSection pith 62 ribbed 24 solid 8 | leafEdge fineTeeth 96 | root creeping 92 | smell rank 76 none 20
    fruit: growth leafyStem 84 bush 14 | fruit berry 66 stoneFruit 30 | berryColour black 95 red 3 | flowerSet flatHead 93 | leafSet opposite 98 | stemSection pith 62 ribbed 24 | leafShape feather 98 | smell rank 74 none 22 | root creeping 92`,
  'alder-buckthorn': `
    leaf: growth bush 78 tree 21 | leafShape oval 95 | leafEdge smooth 94 fineTeeth 4 | stemSkin plain 96 thorns 1 | leafSet alternate 92 opposite 6 | bark smoothBark 84 bands 8 | branching alternateTwigs 90 | hairs bare 84 soft 14
    fruit: growth bush 78 tree 21 | fruit stoneFruit 30 berry 68 | berryColour black 62 red 32 green 5 | stemSkin plain 96 | leafEdge smooth 94 fineTeeth 4 | leafShape oval 95 | branching alternateTwigs 90`,
  'fools-parsley': `
    leaf: growth rosette 40 leafyStem 48 fromGround 10 | leafShape fineFeather 86 feather 12 | hairs bare 97 | smell none 44 rank 48 | leafBase sheath 82 | stemSkin plain 92 blotched 6 | stemSection hollow 66 ribbed 26 | root taproot 92 | leafSet basal 44 alternate 52 | stalkSection round 44 grooved 40 | leafEdge lobed 58 coarseTeeth 28
    flower: growth leafyStem 97 | flowerSet twiceUmbel 97 | bracts beardedBracts 90 noBracts 6 | flowerColour white 98 | leafShape fineFeather 88 | stemSkin plain 92 blotched 6 | hairs bare 97 | stemSection hollow 66 ribbed 28 | root taproot 92 | leafSet alternate 95`,
  ragwort: `
    leaf: growth rosette 95 | leafShape feather 66 lance 14 oval 14 | leafEdge lobed 84 coarseTeeth 13 | hairs bare 44 soft 40 felt 12 | sap clear 84 | root fibres 84 taproot 12 | leafUnder dull 82 whiteFelt 14 | smell rank 62 none 34 | leafBase runsDown 40 wedge 40
    flower: growth leafyStem 97 | flowerForm daisy 95 strapHead 3 | flowerSet flatHead 93 | flowerColour yellow 99 | leafEdge lobed 94 | leafSet alternate 96 | stemSection ribbed 56 solid 36 | sap clear 86 | root fibres 84`,
  'white-bryony': `
    leaf: growth climber 96 | stemSkin hairy 48 plain 46 hooks 3 | leafSet alternate 96 | leafShape hand 94 heart 4 | leafEdge lobed 70 coarseTeeth 22 smooth 5 | leafBase heartBase 84 | root tubers 46 taproot 48 | hairs bristles 76 soft 12
    fruit: growth climber 97 | fruit berry 98 | berryColour red 84 green 12 | stemSkin hairy 48 plain 46 | leafSet alternate 96 | leafShape hand 95 | leafEdge lobed 70 coarseTeeth 22 | smell rank 44 none 50`,
  'black-bryony': `
    leaf: growth climber 96 | stemSkin plain 96 | leafSet alternate 97 | leafShape heart 95 arrow 3 | leafEdge smooth 98 | leafBase heartBase 93 | root tubers 84 taproot 10 | hairs bare 99 | leafVeins arched 62 net 36
    fruit: growth climber 97 | fruit berry 98 | berryColour red 88 green 8 | stemSkin plain 96 | leafSet alternate 97 | leafShape heart 94 | leafEdge smooth 98`,
  spindle: `
    leaf: growth bush 88 tree 11 | stemSkin plain 97 | leafEdge fineTeeth 94 smooth 4 | leafSet opposite 95 | leafShape oval 66 lance 32 | stemSection square 66 solid 24 | branching oppositeTwigs 92 | leafBase wedge 94
    fruit: growth bush 88 tree 11 | fruit capsule 94 | berryColour red 56 orange 38 | stemSkin plain 97 | leafEdge fineTeeth 94 | leafSet opposite 95 | branching oppositeTwigs 92`,
  'horse-chestnut': `
    fruit: growth tree 98 | leafShape hand 98 | leafEdge fineTeeth 66 coarseTeeth 30 | fruit burr 76 nut 20 capsule 3 | leafSet opposite 97 | bark furrowed 40 peeling 34 smoothBark 22 | branching oppositeTwigs 95
    rest: growth tree 98 | bud sticky 92 scaled 7 | branching oppositeTwigs 96 | bark peeling 38 furrowed 40 smoothBark 20 | fruit burr 60 nut 30`,
  'scarlet-pimpernel': `
    leaf: growth creeping 84 leafyStem 14 | leafShape oval 96 | leafSet opposite 95 whorl 4 | stemSection square 92 solid 6 | leafBase stalkless 92 wedge 5 | stemSkin plain 97 | leafUnder dull 94 | root fibres 60 taproot 36
    flower: growth creeping 84 leafyStem 14 | flowerColour pink 44 blue 8 yellow 2 | flowerForm star5 96 | leafSet opposite 95 whorl 4 | stemSection square 92 solid 6 | stemSkin plain 97 | leafBase stalkless 92`,
  'sulphur-tuft': `
    flower: growth cap 97 | capColour yellowCap 82 greenCap 8 brownCap 8 | cap domed 82 flat 14 | capSize coin 80 palm 19 | gillColour brown 12 dark 46 white 6 orange 4 | stipe bareStem 88 ring 8 velvet 2 | foot tufted 95 | sporePrint darkPrint 95 rustPrint 3 | flesh unchanged 60 yellows 36 | host deadBroadleaf 74 deadConifer 24
    fruit: growth cap 97 | capColour yellowCap 62 brownCap 28 greenCap 8 | cap flat 46 domed 50 | capSize coin 66 palm 33 | gillColour dark 88 brown 8 | stipe bareStem 88 ring 8 velvet 2 | foot tufted 95 | sporePrint darkPrint 95 rustPrint 3 | host deadBroadleaf 74 deadConifer 24`,
  'herb-paris': `
    leaf: growth leafyStem 70 fromGround 28 | leafSet whorl 97 | leafShape oval 96 | leafEdge smooth 97 | leafVeins net 70 arched 26 | root creeping 92 | hairs bare 98 | stemSection solid 86
    fruit: growth leafyStem 74 fromGround 24 | fruit berry 98 | berryColour blueBloom 44 black 54 | leafSet whorl 97 | leafShape oval 96 | leafEdge smooth 97 | stemSection solid 86`,
  'yellow-flag': `
    leaf: growth reed 62 fromGround 36 | leafShape strap 97 | leafSection fan 76 flat 20 halfMoon 2 | leafBase sheath 84 stalkless 12 | leafVeins parallel 98 | root creeping 84 tubers 8 | smell none 94 | hairs bare 99
    rest: growth reed 60 fromGround 26 | deadStalk podsLeft 60 noStalk 36 | root creeping 84 tubers 8 | stemSection solid 72`,
};

/** What is taken for what: gathered, and what stands in for it. Those that kill first. */
export const DEADLY_PAIRS_OF_EUROPE: readonly (readonly [wanted: string, twin: string])[] = [
  ['bilberry', 'deadly-nightshade'],
  ['bramble', 'deadly-nightshade'],
  ['sloe', 'deadly-nightshade'],
  ['burdock', 'deadly-nightshade'],
  ['burdock', 'foxglove'],
  ['comfrey', 'foxglove'],
  ['cowslip', 'foxglove'],
  ['evening-primrose', 'foxglove'],
  ['garlic-mustard', 'foxglove'],
  ['mullein', 'foxglove'],
  ['plantain', 'foxglove'],
  ['reedmace', 'water-dropwort'],
  ['ground-elder', 'water-dropwort'],
  ['meadowsweet', 'water-dropwort'],
  ['samphire', 'water-dropwort'],
  ['valerian', 'water-dropwort'],
  ['watercress', 'water-dropwort'],
  ['angelica', 'water-dropwort'],
  ['wild-carrot', 'water-dropwort'],
  ['cow-parsley', 'water-dropwort'],
  ['sweet-cicely', 'water-dropwort'],
  ['ground-elder', 'cowbane'],
  ['valerian', 'cowbane'],
  ['angelica', 'cowbane'],
  ['watercress', 'cowbane'],
  ['wild-carrot', 'cowbane'],
  ['cow-parsley', 'hemlock'],
  ['ground-elder', 'hemlock'],
  ['sweet-cicely', 'hemlock'],
  ['angelica', 'hemlock'],
  ['wild-carrot', 'hemlock'],
  ['watercress', 'hemlock'],
  ['valerian', 'hemlock'],
  ['douglas-fir', 'yew'],
  ['spruce', 'yew'],
  ['silver-fir', 'yew'],
  ['larch', 'yew'],
  ['pine', 'yew'],
  ['juniper', 'savin'],
  ['field-mushroom', 'death-cap'],
  ['parasol', 'death-cap'],
  ['parasol', 'deadly-dapperling'],
  ['morel', 'false-morel'],
  ['oyster-mushroom', 'funeral-bell'],
  ['velvet-shank', 'funeral-bell'],
  ['ramsons', 'autumn-crocus'],
  ['ramsons', 'lily-of-the-valley'],
  ['ramsons', 'white-hellebore'],
  ['plantain', 'white-hellebore'],
  ['yellow-gentian', 'white-hellebore'],
  ['cow-parsley', 'cowbane'],
  ['sweet-cicely', 'cowbane'],
  ['angelica', 'monkshood'],
  ['elder', 'hemlock'],
  ['chanterelle', 'deadly-webcap'],
  ['field-mushroom', 'destroying-angel'],
];
export const MILDER_PAIRS_OF_EUROPE: readonly (readonly [wanted: string, twin: string])[] = [
  ['ramsons', 'lords-and-ladies'],
  ['sorrel', 'lords-and-ladies'],
  ['sea-beet', 'lords-and-ladies'],
  ['chanterelle', 'jack-o-lantern'],
  ['elder', 'dwarf-elder'],
  ['sloe', 'alder-buckthorn'],
  ['cow-parsley', 'fools-parsley'],
  ['ground-elder', 'fools-parsley'],
  ['wild-carrot', 'fools-parsley'],
  ['evening-primrose', 'ragwort'],
  ['dandelion', 'ragwort'],
  ['hop', 'white-bryony'],
  ['hop', 'black-bryony'],
  ['hawthorn', 'spindle'],
  ['sweet-chestnut', 'horse-chestnut'],
  ['chickweed', 'scarlet-pimpernel'],
  ['velvet-shank', 'sulphur-tuft'],
  ['bilberry', 'herb-paris'],
  ['reedmace', 'yellow-flag'],
  ['oyster-mushroom', 'angel-wing'],
];
