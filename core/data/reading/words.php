<?php

// Words that recipes say often, by bin/train: a misspelt food is none of them.
return preg_split('/\s+/', 'about above accept across active added adding adds adjust adobo advertisement affiliate after again against aged ahead
ajar allergens allow allspice almonds almost alone along already also altogether always amber amount ancho anchovies
anchovy anise another anything apart apple apples approx apricots arbol around article aside asked asking aunt auntie
aunty auto away baby back bacon bags bake baking balls banana barley base batch batches bean beans beat beaten because
beef been beer before behind bell belly below berries beside best better between bhuno bill bird\'s biscuit bits bitter
black blade blanched blend blender block blog blood blue board boil boiled boiling boils bone boned boneless bones
bonnet boston both bottle bottom bought bouquet bowl bowls braise braised braises braising bread breadcrumbs break
breast bring brioche brisket broil broth brother brown browned browning bruised brush bubble bubbling budget bulb bunch
bundle buns burn burns burst butcher butt butter buttermilk button cabbage cake call calories came camp can\'t cane
cannellini canola cans capers caramel caraway carbohydrates carbs card cardamom cardamoms care carrot carrots carton
carve casserole cassia catch cayenne celeriac celery changed char cheap check cheek cheeks cheese chef cherry chestnut
chestnuts chicken children chile chiles chili chill chilli chillies chipotle chipotles chives chocolate chop chopped
chops christmas chuck chunks church chutney cider cilantro cinnamon class clay clean clear clings clip close closed
closely clove cloves coals coarse coat coated coats coconut coffee coins cola cold color colour coloured combine come
comes coming comment comments condensed contact contain content cook cook\'s cooked cooker cookers cookery cookies
cooking cooks cool core coriander corn corned cornflour cornstarch cost costs could couple course couscous cousin cover
covered cracked cream creme crisp crock crowd crumbled crush crushed crust crusty cube cubed cubes cucumber cumin cups
curd cured curry customary cuts daikon dalchini dare dark darkens darlene date days deep deer deglaze degrees
dessertspoon dessertspoonful dhania dice diced difficulty dijon dinner dinners directions discard dish dishes divide
divided does doesn\'t dogs doing don\'t done dont door double doubled dough down dozen drain drained dried drink drinks
dripping drippings drop drumsticks duck dump dumplings dust dusting dutch each easily easter easy eaten eats edge edges
eggs eight eighty elaichi electric else email ends english enough equipment evaporate even evening ever every everybody
everyone everything except excess extra fall falling family father february feed feeds fell fennel fifteen fifty fill
fillets find fine finely finger fingers finish fire first fish five flaked flakes flame flameproof flat floats flour
floury flower foil fold food forget forgot fork forks forty four fraiche free freeze freezer freezes fresh freshly
friday fridge fried from front frozen frying full further fuss game gammon garam garlic garni garnish gave gently gets
ghee gift gill ginger give given gives glass glaze glazed glossy gluten goat goes going gold golden gone good gradually
grain grainy gram grams grandma grandmother grated gravy grease greek green greens gremolata grey grill grind gristle
ground guajillo guests haldi half halfway halve halved hand handed handful hands hang hanout hard hare haricot harvest
hash haunch have head heaped heat heavy held hello herb herbs here hers high hocks hold hole holiday home honey hour
hours house hundred hungry hurry husband imperial inch inches index information ingredient ingredients instant instead
instructions into iron isn\'t it\'s item itself january jelly jjim join joint jointed joints juice juices jump june
juniper just kale kashmiri kcal kcals keep kept ketchup kidney kids kilo kilos kind kitchen knife knot know korean
kosher ladle lamb lard lardons large last late later laung laurel law\'s layer leaf leafs least leave leaves leaving leek
leeks left leftover leftovers legs lemon lemons lengths lentils less level lift lifting light lightly like lime limes
line lined liner links liquid liquor list litre litres little long longer look looks lots love lovely lower lowest lumps
lunch mace made main makes malt march marinade marinate marinating mark market masala mash mashed maybe mayonnaise meal
means meant meanwhile meat medium melt menu message method metric mexican middle might mild milk mince minced mine mins
mint minute minutes mirin mixed moderate molasses monday month months more morning most mostly mother mother\'s move much
mushroom mushrooms muslin must mustard mutton natural nearly neck need needed needs nestle never news next nice nicely
night nights nine nobody noodles note notes nothing november nutmeg nutrition nutritional october often okay olive
olives once ones onion onions only onto open optional orange ordinary oregano other otherwise ounce ounces ours oven
ovenproof over overnight oxtail pack packed packet packets page paper paprika parsley parsnips part party pass passata
past paste pastes pastry patta peanut pear pearl peas peek peeking peel peeled people pepper peppercorns peppers perfect
person persons phone photo pick picked pickle pickled piece pieces pile pimento pinch pineapple pint pints pitted place
plain plate plates platter please plenty plum plus point pomegranate pork port porter portion portions post posted posts
potato potatoes pots pound pounded pounds pour poured powder preheat prep preparation press pressing pressure print
privacy promised properly protein prunes published puddings pulled pulls puree purpose push quart quarter quartered
quarters quarts questions quick quince rabbit radish raising raisins ranch rapeseed rate rating ratings read readers
ready real recipe recipes redcurrant reduce reduced refrigerate refrigerator regulo reheat release remaining remark
remember remove removed replace reply reserve reserved rest return ribs rice right rind ring rings rinse rinsed roast
roasted roaster roasting rock roll rolled rolls rosemary rough roughly round rounded rounds runs saffron sage said salad
salsa salt salted salty same sandwiches saturates saturday sauce saucepan saunf saute save saved says scale scallion
scallions scatter scoop score scotch scrape scraping scratch scum sear search season seasoned seasoning second seconds
section seed seeded seeds self send sent separates serve serves service serving servings sesame setting settle seven
shake shallots shallow shank shanks shaoxing shape share sharp sheet shelf sherry shin shine shiny shop shopping short
should shoulder shred shredded shreds side sides sieve sign simmer since sister site sits sixty size sized skillet skim
skin skip skipped slaw slice sliced slices slide slides slightly slotted slow slowly small smallest smashed smell smells
smoked smokes smoking smoky smooth snip soak soaked soaking sodium soft soften softened sold some something sonth soon
sorry sort soup sour source spice spices spicy spinach splash split spoon spoonful spoons spread sprig sprigs spring
sprinkle spuds square squares squeeze stale stalk stalks stand star starch stars start station stay stays steak steam
steamed stemmed stems step steps stew stewing stews stick sticks sticky still stir stirring stock stop storage story
stout stove stovetop straight strain strainer streaky street strew string strings strip strips strong stuck stuff style
subject subscribe subscribers substitutions suet sugar sugars sulphites sunday sunflower supper sure surface swap swaps
sweat swede sweet switch syrup syrupy table tablesp tablespoon tablespoonfuls tablespoons tacos tags tail take takes
taking tarragon taste tastes tblsp tbsp teacupful teaspoon teaspoonful teaspoons tell tender tent tested thai than thank
that that\'s thats thaw their them then there there\'s these they thick thicken thickened thickens thickly thighs thin
thing things think thinly third thirds thirty this those thoughts three through throw throwing thumb thursday thus thyme
tied tight tightly till time times tins tips tita title toast toasted today together told tomato tomatoes tomatos
tomorrow tonight took tops torn tortillas toss total tough transfer translated tray treacle tried trim trimmed trust
tuck tuesday turkey turmeric turn turned turning turnip turns twenty twice typed uncle uncover uncovered under unit
unsalted unsmoked until unto updated upon used uses using value veal vegetable vegetables venison version very village
vinegar virgin voice votes wait waiting walk walnut want wants warm wash watch water waxy ways we\'re wedges week
weeknight weight welcome well went were what whatever wheat when where which while whisk whistles white whole wholegrain
whom whose wide wife wild will wine wineglass winter wipe with without won\'t worcester worcestershire working would
write writer written wrote year years yellow yield yoghurt you\'ll you\'re young your yours zest');
