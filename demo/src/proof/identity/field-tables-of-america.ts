// Field tables as in field-tables.ts, of plants of North America and of fungi of wood. Field judgement like the others, written by the same
// hand as their profiles and after the rule: a weaker proof than the older tables. Do not fit the one to the other.

export const GATHERED_OF_AMERICA: Readonly<Record<string, string>> = {
  'wild-leek': `
    leaf: growth fromGround 97 | leafShape oval 52 lance 46 | leafEdge smooth 99 | leafBase wedge 90 sheath 6 | leafSet basal 98 | leafVeins parallel 88 arched 8 | leafSection flat 90 fan 4 | smell garlic 94 none 4 | hairs bare 98 | stalkSection round 60 grooved 26 none 6 | root bulb 94 | leafUnder dull 92 glossy 4
    flower: growth fromGround 95 | flowerSet ball 62 umbel 36 | flowerForm star6 94 | flowerColour white 92 yellow 4 | root bulb 94 | smell garlic 78 none 18 | stemSection solid 70 hollow 16`,
  'wild-grape': `
    leaf: growth climber 97 | leafShape heart 64 hand 30 round 4 | leafEdge coarseTeeth 92 lobed 5 | leafBase heartBase 90 | leafSet alternate 96 | bark peeling 82 furrowed 12 | hairs bare 52 soft 40 | leafUnder dull 86 whiteFelt 6 | stemSkin plain 84 hairy 8
    fruit: growth climber 97 | leafShape heart 62 hand 32 | leafEdge coarseTeeth 92 lobed 5 | fruit berry 97 | berryColour blueBloom 66 black 28 | bark peeling 82 furrowed 12 | leafBase heartBase 90 | leafSet alternate 96`,
  'american-elder': `
    flower: growth bush 96 tree 3 | leafShape feather 98 | leafEdge fineTeeth 84 coarseTeeth 14 | leafSet opposite 97 | flowerSet flatHead 92 umbel 6 | flowerColour white 97 | flowerForm star5 94 | stemSection pith 82 solid 8 hollow 6 | bark smoothBark 60 corky 26 | branching oppositeTwigs 94 | bracts noBracts 70 | leafBase wedge 78
    fruit: growth bush 96 tree 3 | leafShape feather 97 | leafEdge fineTeeth 84 coarseTeeth 14 | leafSet opposite 97 | fruit berry 92 stoneFruit 5 | berryColour black 90 red 6 | stemSection pith 82 solid 8 | bark smoothBark 60 corky 26 | branching oppositeTwigs 94`,
  camas: `
    leaf: growth fromGround 97 | leafShape strap 98 | leafEdge smooth 98 | leafBase sheath 60 stalkless 34 | leafSet basal 99 | leafVeins parallel 99 | leafSection halfMoon 46 flat 36 fan 16 | root bulb 97 | smell none 92
    flower: growth fromGround 94 leafyStem 4 | leafShape strap 98 | flowerForm star6 94 | flowerSet spike 94 | flowerColour blue 92 white 5 | leafSection halfMoon 46 flat 36 fan 16 | root bulb 97 | leafSet basal 97`,
  'honey-fungus': `
    flower: growth cap 98 | capColour yellowCap 56 brownCap 38 greenCap 3 | cap domed 74 flat 22 bellCap 3 | capSize palm 68 coin 28 | underCap runningGills 52 freeGills 44 | gillColour white 70 pink 12 brown 16 | stipe ring 84 bareStem 12 | foot tufted 86 plain 8 bulb 5 | sporePrint whitePrint 97 | flesh unchanged 92 | smell none 74 rank 10 | host deadBroadleaf 66 broadleafSoil 14 deadConifer 18 | inside full 54 loose 40
    fruit: growth cap 98 | capColour brownCap 54 yellowCap 42 | cap flat 66 domed 30 | capSize palm 82 coin 12 | underCap runningGills 58 freeGills 38 | gillColour white 38 pink 16 brown 44 | stipe ring 70 bareStem 26 | foot tufted 84 plain 10 | sporePrint whitePrint 97 | host deadBroadleaf 66 broadleafSoil 14 deadConifer 18`,
  'giant-puffball': `
    flower: growth cap 96 | cap ball 94 domed 5 | capColour whiteCap 92 yellowCap 6 | capSize plate 82 palm 15 | underCap noneBeneath 97 | inside full 92 loose 5 | flesh unchanged 90 yellows 8 | foot plain 78 bulb 6 | smell none 88 rank 5 | host grass 78 broadleafSoil 20 | stipe bareStem 6
    fruit: growth cap 96 | cap ball 92 domed 6 | capColour whiteCap 52 yellowCap 30 brownCap 16 | capSize plate 86 palm 11 | underCap noneBeneath 97 | inside full 50 loose 46 | flesh yellows 60 unchanged 36 | host grass 78 broadleafSoil 20`,
  yarrow: `
    leaf: growth fromGround 50 rosette 36 creeping 10 | leafShape fineFeather 92 feather 7 | leafEdge lobed 50 fineTeeth 36 smooth 8 | leafBase wedge 48 stalkless 32 runsDown 12 | leafSet basal 94 | hairs soft 80 felt 12 bare 6 | smell resin 54 none 26 mint 8 carrot 4 | root creeping 86 fibres 10 | stalkSection grooved 52 round 38
    flower: growth leafyStem 95 | leafShape fineFeather 93 | flowerSet flatHead 92 umbel 6 | flowerForm daisy 74 star5 22 | flowerColour white 84 pink 15 | hairs soft 78 felt 14 | stemSection ribbed 50 solid 34 pith 10 | stemSkin hairy 86 plain 12 | leafSet alternate 94 | leafBase stalkless 70 clasping 10 | smell resin 60 none 22 | root creeping 86`,
  'eastern-hemlock': `
    leaf: growth tree 92 bush 7 | needles twoRows 82 pegs 12 allRound 4 | leafUnder paleBands 93 dull 5 | bark furrowed 74 smoothBark 16 | cone hanging 78 | smell resin 72 none 22 | bud scaled 84 | branching alternateTwigs 74 tiers 20 | leafSet alternate 90
    rest: growth tree 92 bush 7 | needles twoRows 82 pegs 12 | leafUnder paleBands 93 dull 5 | bark furrowed 74 smoothBark 16 | cone hanging 82 | branching alternateTwigs 74 tiers 20 | bud scaled 88`,
  'cutleaf-coneflower': `
    leaf: growth fromGround 56 rosette 38 | leafShape feather 52 hand 34 threeLeaflets 10 | leafEdge lobed 54 coarseTeeth 38 | leafBase wedge 76 | leafSet basal 92 | hairs bare 50 soft 38 bristles 8 | stalkSection grooved 74 round 14 | root creeping 74 fibres 22 | smell none 66 carrot 22 | leafUnder dull 90
    flower: growth leafyStem 97 | leafShape feather 44 hand 34 threeLeaflets 14 | flowerForm daisy 98 | flowerSet single 88 flatHead 8 | flowerColour yellow 98 | leafSet alternate 95 | stemSection solid 60 pith 28 | stemSkin plain 92 | root creeping 74 fibres 22`,
  milkweed: `
    leaf: growth leafyStem 92 fromGround 6 | leafShape oval 92 lance 5 | leafEdge smooth 98 | leafSet opposite 94 alternate 3 | hairs soft 56 felt 34 bare 8 | leafUnder whiteFelt 80 dull 18 | sap milk 97 | stemSection hollow 58 solid 34 | stemSkin hairy 84 plain 14 | root creeping 86
    fruit: growth leafyStem 96 | leafShape oval 92 lance 5 | leafSet opposite 94 | fruit pod 88 capsule 7 | sap milk 95 | hairs soft 58 felt 30 | leafUnder whiteFelt 78 dull 20 | stemSection hollow 60 solid 32 | stemSkin hairy 80 plain 18`,
};

export const TWINS_OF_AMERICA: Readonly<Record<string, string>> = {
  'false-hellebore': `
    leaf: growth leafyStem 72 fromGround 26 | leafShape oval 82 lance 15 | leafEdge smooth 99 | leafBase clasping 56 sheath 30 stalkless 10 | leafSet alternate 78 basal 15 | leafVeins parallel 84 arched 14 | leafSection fan 60 flat 34 | smell none 70 garlic 14 rank 12 | hairs bare 42 soft 52 | root fibres 60 creeping 32 | leafUnder dull 94 | stalkSection none 82 | stemSkin hairy 50 plain 46
    flower: growth leafyStem 97 | leafShape oval 82 lance 15 | flowerForm star6 94 | flowerSet plume 82 spike 14 | flowerColour green 92 yellow 5 | leafBase clasping 60 sheath 26 | leafSet alternate 94 | root fibres 62 creeping 32 | stemSection solid 60 hollow 30`,
  moonseed: `
    leaf: growth climber 93 creeping 4 | leafShape round 42 heart 36 hand 18 | leafEdge smooth 82 lobed 15 | leafBase heartBase 52 wedge 10 | leafSet alternate 96 | bark smoothBark 60 furrowed 26 peeling 4 | hairs bare 56 soft 38 | leafUnder dull 90 | stemSkin plain 78 hairy 18
    fruit: growth climber 95 | leafShape round 44 heart 36 hand 16 | leafEdge smooth 84 lobed 13 | fruit stoneFruit 54 berry 44 | berryColour blueBloom 52 black 42 | bark smoothBark 60 furrowed 26 peeling 4 | leafBase heartBase 52 | leafSet alternate 96`,
  'water-hemlock': `
    leaf: growth fromGround 48 leafyStem 38 rosette 12 | leafShape feather 84 fineFeather 14 | leafEdge fineTeeth 52 coarseTeeth 44 | leafBase sheath 92 | leafSet alternate 58 basal 40 | hairs bare 98 | stalkSection grooved 44 round 34 hollow 18 | root chambered 54 tubers 30 taproot 8 fibres 6 | smell none 52 carrot 36 rank 8 | leafUnder dull 92
    flower: growth leafyStem 97 | leafShape feather 86 fineFeather 12 | leafEdge fineTeeth 52 coarseTeeth 44 | leafSet alternate 94 | flowerSet twiceUmbel 95 flatHead 4 | flowerColour white 97 | flowerForm star5 92 | stemSection hollow 88 ribbed 8 | stemSkin plain 56 blotched 38 | bracts noBracts 54 fewBracts 40 | root chambered 56 tubers 30
    fruit: growth leafyStem 96 | leafShape feather 86 | leafSet alternate 92 | fruit pairedSeeds 95 | stemSection hollow 88 ribbed 8 | seedShape fatRibs 84 wavyRibs 6 | stemSkin plain 58 blotched 36 | root chambered 58 tubers 28`,
  'death-camas': `
    leaf: growth fromGround 96 | leafShape strap 98 | leafEdge smooth 90 fineTeeth 8 | leafBase sheath 62 stalkless 32 | leafSet basal 94 alternate 4 | leafVeins parallel 99 | leafSection fan 52 halfMoon 26 flat 20 | root bulb 97 | smell none 92 garlic 3
    flower: growth fromGround 82 leafyStem 15 | leafShape strap 98 | flowerForm star6 96 | flowerSet spike 60 plume 36 | flowerColour white 66 yellow 26 green 6 | leafSection fan 52 halfMoon 26 flat 20 | root bulb 97 | leafSet basal 90 alternate 8`,
  'canada-yew': `
    leaf: growth bush 84 creeping 12 tree 3 | needles twoRows 76 allRound 14 pegs 8 | leafUnder dull 88 paleBands 10 | bark peeling 48 smoothBark 34 furrowed 12 | cone redCup 22 | smell none 86 resin 10 | bud scaled 86 | branching alternateTwigs 84 | leafSet alternate 88
    rest: growth bush 84 creeping 12 tree 3 | needles twoRows 76 allRound 14 pegs 8 | leafUnder dull 88 paleBands 10 | bark peeling 48 smoothBark 34 | cone redCup 8 | branching alternateTwigs 84 | bud scaled 86`,
  dogbane: `
    leaf: growth leafyStem 96 | leafShape oval 54 lance 42 | leafEdge smooth 98 | leafSet opposite 92 alternate 6 | hairs bare 82 soft 16 | leafUnder dull 84 whiteFelt 12 | sap milk 95 | stemSection solid 80 hollow 16 | stemSkin plain 88 hairy 10 | root creeping 84
    fruit: growth leafyStem 96 | leafShape oval 54 lance 42 | leafSet opposite 92 | fruit pod 94 | sap milk 90 | hairs bare 82 soft 16 | leafUnder dull 84 | stemSection solid 80 hollow 16 | stemSkin plain 90`,
  pokeweed: `
    flower: growth leafyStem 90 bush 9 | leafShape oval 52 lance 46 | leafEdge smooth 97 | leafSet alternate 95 | flowerSet spike 95 | flowerColour white 78 pink 12 green 9 | flowerForm star5 90 | stemSection pith 46 hollow 30 solid 20 | stemSkin plain 95 | leafBase wedge 88
    fruit: growth leafyStem 88 bush 11 | leafShape oval 52 lance 46 | leafSet alternate 95 | fruit berry 97 | berryColour black 84 green 10 red 4 | stemSection pith 46 hollow 30 solid 20 | stemSkin plain 95`,
  earthball: `
    flower: growth cap 95 | cap ball 95 domed 4 | capColour yellowCap 62 brownCap 32 whiteCap 4 | capSize palm 66 coin 30 plate 3 | underCap noneBeneath 96 | inside full 72 loose 16 | flesh unchanged 56 reddens 32 | foot plain 74 bulb 8 | smell rank 50 none 44 | host broadleafSoil 52 coniferSoil 40 grass 5
    fruit: growth cap 95 | cap ball 92 domed 4 | capColour yellowCap 46 brownCap 48 | capSize palm 74 coin 22 | underCap noneBeneath 96 | inside loose 52 full 42 | flesh unchanged 60 reddens 26 | host broadleafSoil 52 coniferSoil 40`,
};

export const DEADLY_PAIRS_OF_AMERICA: readonly (readonly [wanted: string, twin: string])[] = [
  ['wild-leek', 'false-hellebore'],
  ['wild-leek', 'lily-of-the-valley'],
  ['wild-grape', 'moonseed'],
  ['american-elder', 'water-hemlock'],
  ['camas', 'death-camas'],
  ['honey-fungus', 'funeral-bell'],
  ['giant-puffball', 'destroying-angel'],
  ['giant-puffball', 'death-cap'],
  ['yarrow', 'hemlock'],
  ['eastern-hemlock', 'canada-yew'],
  ['cutleaf-coneflower', 'monkshood'],
  ['cutleaf-coneflower', 'water-hemlock'],
];
export const MILDER_PAIRS_OF_AMERICA: readonly (readonly [wanted: string, twin: string])[] = [
  ['american-elder', 'pokeweed'],
  ['milkweed', 'dogbane'],
  ['giant-puffball', 'earthball'],
  ['honey-fungus', 'sulphur-tuft'],
  ['honey-fungus', 'jack-o-lantern'],
  ['yarrow', 'fools-parsley'],
];
