/**
 * The trades in English, a line each, in the order of the graph: id, what the trade and who plies it are called, the
 * first of them the one used; what is worked on, sold or looked after; what such a business usually offers, in one order in
 * every language.
 */
export const tradeLines = `boatyard|boatyard, boatbuilder, shipwright, boatworks, boat builder, boat yard, boat repairer|wooden boats, yachts, dinghies, hulls|hull repairs, planking and caulking, engine servicing, winter storage, launching
pottery|pottery, potter, ceramicist, ceramics studio, ceramic artist|pots, bowls, jugs, mugs, tiles|tableware, commissions, glazed pots, seconds, studio visits
joinery|joinery workshop, joiner, joinery, carpenter, cabinetmaker, cabinet maker, carpentry, woodworker|doors, windows, stairs, cabinets|made-to-measure doors, sash windows, staircases, fitted cupboards, repairs
bookbinder|bookbinder, bookbindery, bookbinding, book binder, book conservator|books, albums, boxes, family bibles|rebinding, repairs to spines, boxes and slipcases, theses, guest books
basket-maker|basket maker, basketmaker, basketry, willow weaver, willow worker|baskets, log baskets, trugs, willow work|log baskets, shopping baskets, willow structures, repairs, commissions
stained-glass|stained glass maker, stained glass studio, glazier in lead, leaded light maker, glass painter|leaded lights, church windows, glass panels|new panels, leaded light repairs, door glass, church windows, protective glazing
sailmaker|sailmaker, sail loft, sail maker, sailmakers|sails, covers, awnings, sprayhoods|new sails, sail repairs, covers and awnings, winter wash and store, sprayhoods
ropemaker|ropemaker, rope maker, ropewalk, rope works|ropes, fenders, bell ropes, leads|rope to length, splicing, bell ropes, fenders, barrier ropes
cooper|cooper, cooperage, barrel maker|barrels, casks, tubs, planters|new barrels, cask repairs, tubs and planters, toasted casks, garden barrels
blacksmith|blacksmith, forge, smithy, artist blacksmith, ironworker, wrought iron worker|gates, railings, hinges, fire irons|gates and railings, hinges and latches, fire baskets, repairs, commissions
letterpress|letterpress printer, letterpress, printer, printing works, print workshop, hand press|cards, invitations, posters, letterheads|invitations, visiting cards, posters, letterheads, small books
candle-maker|candle maker, candlemaker, candle workshop|candles, beeswax candles, tapers|dinner candles, church candles, beeswax candles, dipped tapers, commissions
soap-maker|soap maker, soapmaker, soap works|soaps, bars, salves|bar soaps, shaving soap, laundry soap, gift boxes, wholesale
toymaker|toymaker, toy maker, wooden toy maker, puppet maker|wooden toys, rocking horses, puppets, dolls’ houses|wooden toys, rocking horses, toy repairs, dolls’ houses, commissions
weaver|weaver, handweaver, hand weaver, weaving studio, loom weaver|cloth, rugs, blankets, scarves|blankets, scarves, rugs, cloth by the metre, commissions
signwriter|signwriter, sign writer, sign painter, sign maker, gilder of signs|signs, shopfronts, honours boards, boat names|shop signs, gilded lettering, boat names, honours boards, van lettering
saddler|saddler, saddlery, harness maker, leatherworker, leather worker|saddles, bridles, belts, bags|saddle repairs, bridles and harness, belts, bags, saddle fitting
instrument-maker|instrument maker, violin maker, luthier, guitar maker, instrument repairer, fiddle maker|violins, cellos, guitars, bows|new instruments, repairs, bow rehairing, set-up, valuations
jeweller|jeweller, jeweler, goldsmith, silversmith, jewellery maker, jewellery designer|rings, brooches, necklaces, silver|wedding rings, repairs, resizing, commissions, remodelling of old pieces
dressmaker|dressmaker, tailor, seamstress, alterations, tailoress, bridal dressmaker|dresses, suits, coats, curtains|alterations, wedding dresses, suits to measure, repairs, zips and hems
picture-framer|picture framer, framer, framing workshop, frame maker, gilder|pictures, mirrors, frames, mounts|made-to-measure frames, mount cutting, gilding, frame repairs, glass replacement
wood-turner|wood turner, woodturner, turner, wood turning|bowls, spindles, handles|turned bowls, stair spindles, tool handles, copies of old parts, commissions
wood-carver|wood carver, woodcarver, carver, wood carving|carvings, crests, figures|figures and reliefs, lettering, restoration carving, ship’s carvings, commissions
chair-maker|chair maker, chairmaker, chair bodger, windsor chair maker, chair caner|chairs, stools, benches|new chairs, rush seating, caning, repairs, stools
furniture-maker|furniture maker, furniture designer maker, furniture workshop, table maker|tables, chairs, cabinets, beds|dining tables, bookcases, beds, commissions, repairs
kitchen-maker|kitchen maker, kitchen joiner, kitchen fitter, bespoke kitchens, kitchen workshop|kitchens, worktops, pantries|kitchens to measure, worktops, pantries, new doors on old cupboards, fitting
glassblower|glassblower, glass blower, glass maker, hot glass studio, glass artist|glasses, vases, lamps|drinking glasses, vases, lamp shades, repairs of stems, commissions
knife-maker|knife maker, knifemaker, bladesmith, cutler, cutlery maker, knife handle maker|knives, blades, scissors|kitchen knives, pocket knives, regrinding, new handles, commissions
hatter|hatter, hat maker, milliner, millinery, hat blocker|hats, caps, headpieces|hats to measure, reblocking, wedding headpieces, new ribbons, cleaning
glove-maker|glove maker, glover, glovemaker|gloves, mittens|gloves to measure, lined gloves, repairs, riding gloves, gift vouchers
umbrella-maker|umbrella maker, umbrella repairer, parasol maker|umbrellas, parasols, walking sticks|umbrella repairs, new covers, parasols, handles, walking sticks
broom-maker|broom maker, brush maker, brushmaker, besom maker|brooms, brushes, besoms|yard brooms, hand brushes, rebristling, special brushes, besoms
paper-maker|papermaker, paper maker, paper mill, marbled paper maker|papers, notebooks, sheets|handmade sheets, marbled papers, watermarks, notebooks, wedding stationery
lampshade-maker|lampshade maker, lamp maker, lighting maker|lampshades, lamps, lights|lampshades to order, recovering, rewiring of lamps, lamp bases, repairs
quilter|quilter, quilt maker, patchwork maker, long-arm quilter|quilts, cushions, throws|memory quilts, quilting service, repairs, cushions, commissions
embroiderer|embroiderer, embroidery workshop, machine embroidery, hand embroidery|badges, linen, banners|names and badges, work clothes, banners, linen, repairs
lace-maker|lace maker, lacemaker, lace workshop|lace, collars, edgings|lace by the metre, collars and cuffs, repairs, christening gowns, patterns
knitter|knitter, knitwear maker, knitwear workshop, gansey knitter|jumpers, socks, hats, ganseys|jumpers to measure, socks, hats, mending, patterns
felt-maker|felt maker, feltmaker, felt workshop|felt, slippers, hats|slippers, hats, wall hangings, insulation felt, commissions
dyer|dyer, dye works, natural dyer, indigo dyer|cloth, yarns, clothes|dyeing of clothes, yarns, indigo cloth, dyeing by sample, natural colours
textile-printer|textile printer, screen printer, screen printing, block printer, fabric printer|fabrics, shirts, tea towels|shirts, tea towels, fabric by the metre, small runs, commissions
printmaker|printmaker, etcher, linocut artist, engraving workshop|prints, linocuts, etchings, bookplates|prints for sale, bookplates, engraving to order, framed prints, open studio
sculptor|sculptor, stone carver, sculpture studio|sculptures, memorials, inscriptions|commissions, garden sculpture, lettering, memorials, bronze casts
artist|artist, painter of pictures, portrait painter, watercolourist, art studio|paintings, portraits, drawings|portraits, paintings for sale, commissions, house portraits, open studio
mosaic-maker|mosaic maker, mosaic artist, mosaicist|mosaics, floors, panels|floor mosaics, house numbers, garden mosaics, repairs, commissions
tile-maker|tile maker, tilemaker, encaustic tile maker, delft tile painter|tiles, hearth tiles, panels|hearth tiles, copies of old tiles, painted panels, seconds, commissions
brickmaker|brickmaker, brick maker, brickworks, brickyard|bricks, tiles, pavers|handmade bricks, matching of old bricks, roof tiles, pavers, samples
bell-founder|bell founder, bell foundry, bell hanger, foundry|bells, castings, fittings|new bells, retuning, bell hanging, castings, repairs
organ-builder|organ builder, organ builders, pipe organ builder, harmonium repairer|organs, pipes, harmoniums|tuning, restoration, new organs, harmonium repairs, maintenance
drum-maker|drum maker, drum workshop, percussion maker|drums, heads, sticks|new drums, head fitting, repairs, rope-tension drums, covers
model-maker|model maker, modelmaker, ship model maker, architectural model maker|models, half hulls, scenes|half models, ship models, repairs, architectural models, display cases
kite-maker|kite maker, kitemaker, flag maker, banner maker|kites, flags, banners|kites, flags to order, bunting, banners, repairs
tent-maker|tent maker, canvas worker, tarpaulin maker, awning maker, marquee maker|tents, awnings, covers|awnings, covers to measure, tent repairs, tarpaulins, marquees
net-maker|net maker, netmaker, net loft, fishing gear maker, creel maker|nets, creels, pots|nets, creels and pots, mending, sports nets, fruit cages
oar-maker|oar maker, spar maker, mast and spar maker, paddle maker|oars, masts, spars, paddles|oars, masts and spars, paddles, repairs, leathering
hurdle-maker|hurdle maker, hurdlemaker, coppice worker, coppicer, greenwood worker, green woodworker|hurdles, stakes, poles, fencing panels|woven hurdles, stakes and binders, bean poles, garden panels, coppicing
charcoal-burner|charcoal burner, charcoal maker, firewood merchant, log merchant, firewood supplier|charcoal, logs, kindling|charcoal by the bag, seasoned logs, kindling, delivery, kiln-dried logs
taxidermist|taxidermist, horn carver, bone carver, natural history preparer|mounts, horns, antlers|commissions, restoration, hire, museum work
coppersmith|coppersmith, tinsmith, pewterer, brazier, whitesmith|pots, kettles, gutters|retinning, kettles, weather vanes, repairs
clog-maker|clog maker, clogger, sandal maker, slipper maker|clogs, sandals, slippers|clogs to measure, resoling, children’s clogs, repairs
leather-goods|leather bag maker, leather goods maker, bag maker, belt maker, wallet maker|bags, belts, wallets|bags, belts, repairs, initials
tanner|tanner, tannery, sheepskin tanner, fellmonger|hides, sheepskins, leather|sheepskins, tanning to order, leather by the hide, visits
bow-maker|bowyer, fletcher, longbow maker, arrow maker, archery shop|bows, arrows, strings|longbows, arrows, strings, repairs
bagpipe-maker|bagpipe maker, pipe maker, small pipe maker, reed maker|bagpipes, reeds, chanters|new pipes, reeds, set-up, repairs
sundial-maker|sundial maker, weather vane maker, instrument engraver, globe maker, compass maker|sundials, vanes, globes|sundials to order, weather vanes, restoration, site visits
trophy-engraver|engraver, trophy shop, rubber stamp maker, name plate maker, trophy engraver|plates, cups, rings|trophies, name plates, engraving, rubber stamps
surfboard-maker|surfboard maker, board shaper, surfboard shaper, ding repairer, wooden surfboard maker|boards, fins|boards to order, ding repairs, fins, second-hand boards
canoe-builder|canoe builder, kayak builder, coracle maker, skiff builder|canoes, kayaks, paddles|new canoes, repairs, paddles, build weeks
caravan-builder|shepherd’s hut maker, shepherd’s hut builder, living wagon maker, tiny house builder, tree house builder|huts, wagons, cabins|huts to order, chassis, stoves, delivery
machine-shop|machine shop, precision engineer, turner and miller, machinist, gear cutter, toolmaker, spring maker, engineering works, CNC machining, CNC machinist|parts, gears, shafts|turned parts, milling, one-off parts, repairs
electronics-maker|electronics workshop, loudspeaker maker, amplifier maker, synthesizer maker, electronic repairs, electronics engineer|boards, amplifiers, speakers|repairs, prototypes, amplifiers, small runs
packaging-maker|box maker, packaging maker, cardboard box maker, crate maker, pallet maker, case maker|boxes, crates, cases|boxes to measure, crates, small runs, inserts
print-finisher|copy shop, digital printer, poster printer, print and copy shop, t-shirt printer, banner printer|copies, posters, banners|copies, posters, banners, binding
mattress-maker|mattress maker, bed maker, duvet maker, pillow maker, wool bedding maker|mattresses, duvets, pillows|mattresses to measure, refilling, duvets, boat cushions
perfume-maker|perfume maker, perfumer, essential oil distiller, herbal cosmetics maker, balm maker, incense maker|scents, oils, balms|scents, oils, made to order, gift boxes
craft-supplies|craft supplies shop, bead shop, quilting shop, model kit maker, kit maker, pattern designer|kits, beads, patterns|kits, patterns, supplies, orders
game-maker|board game maker, puzzle maker, jigsaw maker, playing card maker, chess set maker|games, puzzles, boards|games, puzzles to order, missing pieces, trade orders
urn-maker|headstone carver, memorial maker, urn maker, brass plaque maker, coffin weaver|memorials, urns, plaques|memorials, inscriptions, urns, cleaning
ship-carver|figurehead carver, ship model restorer, half model maker, boat name carver|figureheads, name boards|name boards, gilding, restoration, commissions
trug-maker|trug maker, ladder maker, rake maker, hay rake maker, sledge maker, walking stick maker, stick dresser|trugs, rakes, ladders, sticks|trugs, ladders, handles, repairs
spinner|spinner, hand spinner, spinning wheel maker, yarn maker, wool mill|yarns, fleeces, wheels|yarns, spinning to order, wheels repaired, fleeces
tapestry-weaver|tapestry weaver, rug maker, rag rug maker, macramé maker, carpet weaver|tapestries, rugs, hangings|rugs to order, hangings, repairs, exhibitions
lettercutter|letter cutter, house sign maker, slate sign maker, lettering workshop|house signs, plaques, inscriptions|house signs, plaques, inscriptions, drawings
enameller|enameller, enamel sign maker, cloisonné maker, bead maker, glass bead maker|enamels, badges, beads|badges, signs, commissions, repairs
stage-builder|set builder, stage builder, prop maker, exhibition builder, museum display maker|sets, props, displays|sets, props, displays, installation
greetings-card-maker|greetings card maker, card designer, wrapping paper maker, calendar maker, sticker maker, postcard publisher|cards, papers, calendars|cards, wrapping paper, calendars, trade orders
clockmaker|clockmaker, watchmaker, horologist, clock repairer, clock and watch repairer, clock restorer|clocks, watches, barometers, longcase clocks|clock repairs, watch servicing, barometer repairs, dial restoration, home visits
accordion-maker|accordion repairer, accordion maker, melodeon maker, concertina maker|accordions, melodeons, concertinas|tuning, repairs, bellows, straps, second-hand instruments
woodwind-repairer|woodwind repairer, flute maker, brass repairer, wind instrument repairer|flutes, clarinets, trumpets|servicing, pads, dents, hire, second-hand instruments
cycles|cycle workshop, bike shop, bicycle repairer, bicycle workshop, wheelbuilder, cycle shop, frame builder, bike repairer|bicycles, wheels, cargo bikes|full service, wheel building, brake and gear repairs, frame repairs, second-hand cycles
upholsterer|upholsterer, upholstery workshop, reupholstery, upholstery|chairs, sofas, headboards, cushions|reupholstery, loose covers, cushions, springing and webbing, fabric advice
piano-tuner|piano tuner, piano technician, piano restorer, piano tuning, piano workshop|pianos, grands, uprights|tuning, regulation, repairs, restoration, valuations
locksmith|locksmith, lock repairer, key cutter, safe engineer|locks, keys, safes, doors|lock fitting, key cutting, doors opened, safes, security checks
shoe-repairer|shoe repairer, cobbler, shoemaker, boot maker, bootmaker, shoe repairs|shoes, boots, bags|soles and heels, stitching, stretching, dyeing, shoes to measure
furniture-restorer|furniture restorer, furniture restoration, french polisher, antique restorer, furniture repairer|antique furniture, tables, chairs, bureaux|French polishing, veneer repairs, joints and frames, woodworm treatment, leather tops
garage|garage, car mechanic, motor mechanic, car repairer, motor engineer, vehicle workshop|cars, vans, engines|servicing, brakes, exhausts, tyres, pre-inspection checks
motorcycle-workshop|motorcycle workshop, motorbike mechanic, motorcycle repairer, scooter repairer, motorbike repairs, motorbike workshop|motorcycles, scooters, mopeds|servicing, tyres, electrics, carburettors, restoration
body-shop|body shop, bodywork repairer, panel beater, car body workshop, vehicle painter|cars, panels, paintwork|dents, respraying, rust repairs, insurance work, polishing
classic-car-restorer|classic car restorer, vintage car workshop, classic car workshop, coachbuilder|classic cars, engines, coachwork|restoration, engine rebuilds, chassis work, trim, inspections before purchase
caravan-workshop|caravan workshop, caravan repairer, motorhome workshop, camper van converter, van converter|caravans, motorhomes, camper vans|habitation service, damp repairs, conversions, gas and electrics, awnings
tyre-fitter|tyre fitter, tyre shop, tyre dealer, mobile tyre fitter|tyres, wheels|tyre fitting, puncture repairs, balancing, tracking, seasonal storage
marine-engineer|marine engineer, outboard mechanic, boat engineer, marine engine workshop, outboard repairer|marine engines, outboards, stern gear|engine servicing, outboard repairs, winterising, stern gear, call-outs afloat
rigger|rigger, rigging workshop, yacht rigger, mast rigger|rigging, masts, wires, ropes|standing rigging, running rigging, mast checks, splicing, lifelines
appliance-repairer|appliance repairer, washing machine repairer, domestic appliance engineer, white goods repairer|washing machines, cookers, fridges, dishwashers|washing machine repairs, cooker repairs, fridge repairs, spare parts, second-hand machines
radio-repairer|radio repairer, radio workshop, hi-fi repairer, valve radio restorer, record player repairer, television repairer|radios, amplifiers, record players|radio repairs, amplifier repairs, turntables, restoration, valve testing
computer-repairer|computer repairer, computer repair shop, computer technician, laptop repairer, phone repairer|computers, laptops, phones|repairs, data rescue, setting up, screens replaced, home visits
sewing-machine-repairer|sewing machine repairer, sewing machine mechanic, sewing machine shop|sewing machines, overlockers, treadles|servicing, repairs, timing, second-hand machines, parts
tool-sharpener|knife grinder, tool sharpener, saw sharpener, sharpening service, saw doctor|knives, scissors, saws, chisels|knives and scissors, saws, garden tools, chisels and planes, collection round
mower-repairer|mower repairer, lawnmower repairer, garden machinery repairer, chainsaw repairer, small engine repairer, garden machinery repair, lawnmower repair, mower repair, mower workshop|mowers, chainsaws, strimmers|mower servicing, chainsaws, blades sharpened, collection, second-hand machines
agricultural-mechanic|agricultural engineer, tractor mechanic, farm machinery repairer, tractor repairer, agricultural mechanic|tractors, balers, trailers|tractor repairs, field call-outs, hydraulics, welding, parts
welder|welder, fabricator, metal fabricator, welding workshop, steel fabricator|gates, frames, brackets, trailers|welding repairs, gates and railings, brackets and frames, trailer repairs, mobile welding
electroplater|electroplater, plating works, metal polisher, silver plater, metal finisher|silver, brass, chrome|silver plating, brass polishing, chrome, replating, lacquering
doll-repairer|doll repairer, toy restorer, teddy bear repairer, doll restorer|dolls, bears, toys|restringing, new eyes, cleaning, clothes, valuations
ceramic-restorer|ceramic restorer, china restorer, porcelain restorer, china repairer|china, porcelain, figures|riveting undone, chips filled, painting, museum repairs, estimates
painting-restorer|painting conservator, picture restorer, painting restorer, art conservator, paper conservator|paintings, prints, frames|cleaning, tears mended, relining, varnish, condition reports
rug-repairer|rug repairer, carpet restorer, rug cleaner, carpet cleaner, rug washing|rugs, carpets, kilims|washing, fringes, holes rewoven, moth treatment, collection
stove-restorer|stove restorer, range cooker engineer, cooker restorer, cast iron restorer|range cookers, stoves, grates|range servicing, rebuilds, conversions, parts, second-hand stoves
pen-repairer|pen repairer, fountain pen shop, pen shop, fountain pen restorer|fountain pens, nibs, inks|nib grinding, new sacs, restoration, inks, second-hand pens
camera-repairer|camera repairer, camera shop, lens repairer, optical instrument repairer, binocular repairer|cameras, lenses, binoculars|shutters, lens cleaning, bellows, binoculars, second-hand cameras
harp-maker|harp maker, harp repairer, harpsichord maker, early keyboard maker|harps, harpsichords, spinets|stringing, tuning, regulation, new instruments, hire
ski-workshop|ski workshop, ski service, ski hire|skis, boots, sledges|edges and wax, hire, boot fitting, repairs, storage
tackle-shop|fishing tackle shop, rod maker, tackle shop, fly tier, angling shop, reel repairer|rods, reels, flies, bait|rods and reels, repairs, bait, permits, flies tied
wheelwright|wheelwright, cart maker, carriage builder, wagon builder, carriage restorer|wheels, carts, carriages|new wheels, tyres shrunk on, cart repairs, carriage restoration, hire
farrier|farrier, horseshoer, horse shoeing|horses, hooves, shoes|shoeing, trimming, remedial shoes, rounds by yard, emergencies
clothes-mender|mending workshop, invisible mender, clothes mender, darner, repair shop for clothes|clothes, knitwear, jackets|darning, invisible mending, patches, zips, waxed jackets
tool-library|repair shop run by volunteers, mending club, tool library, repair evening|tools, lamps, toasters, clothes|repair evenings, tool lending, electrical checks, sewing table, advice
vehicle-electrician|auto electrician, vehicle electrician, tow bar fitter, windscreen fitter, exhaust centre, car radio fitter|batteries, windscreens, wiring|fault finding, batteries, windscreens, tow bars
hydraulic-repairer|pump repairer, electric motor rewinder, hydraulic hose repairer, compressor repairer, gearbox repairer, engine reconditioner|motors, pumps, hoses|rewinding, bearings, hoses, on-site repairs
inflatable-repairer|inflatable boat repairer, glassfibre repairer, gelcoat repairer, boat painter, boat trimmer, boat electronics engineer|hulls, tubes, decks|gelcoat, tubes, painting, electronics
musical-box-repairer|music box repairer, gramophone repairer, typewriter repairer, automata maker, barometer restorer, scientific instrument restorer, scale repairer|boxes, typewriters, automata|cleaning, springs, repairs, second-hand
leather-restorer|leather restorer, bag repairer, suitcase repairer, zip repairer, saddle restorer, leather sofa repairer|bags, sofas, cases|stitching, colour, zips, handles
chimney-sweep|chimney sweep, chimney cleaner, flue sweep|chimneys, flues, stoves|sweeping, smoke tests, cowls and bird guards, nests removed, certificates
thatcher|thatcher, thatching, thatched roof builder, reed thatcher|thatched roofs, ridges|new thatch, re-ridging, patching, moss removal, surveys
stonemason|stonemason, mason, stone mason, dry stone waller, waller, monumental mason, dry stone walling|walls, steps, lintels, headstones|repointing in lime, dry stone walls, steps and sills, headstones, carved stone
plumber|plumber, plumbing, heating engineer, plumbing and heating, boiler engineer, gas fitter|taps, boilers, pipes, bathrooms|leaks and repairs, boiler servicing, bathrooms, central heating, blocked drains
electrician|electrician, electrical contractor, electrical installer, electrics|wiring, lights, sockets, fuse boards|rewiring, fault finding, lighting, testing and certificates, outdoor power
plasterer|plasterer, plastering, lime plasterer, renderer, plaster moulding maker|walls, ceilings, cornices|skimming, lime plaster, rendering, cornices, patch repairs
roofer|roofer, roofing contractor, slater, roof repairer, lead worker, roof tiler|roofs, slates, gutters, leadwork|slate repairs, new roofs, leadwork, gutters, flat roofs
decorator|painter and decorator, decorator, house painter, paperhanger, painting and decorating|rooms, woodwork, fronts|interior painting, wallpapering, exterior painting, sash windows, lime wash
tiler|tiler, wall and floor tiler, tiling contractor, mosaic tiler|floors, walls, bathrooms|bathrooms, kitchen floors, splashbacks, old floors restored, outdoor tiles
window-cleaner|window cleaner, window cleaning, gutter cleaner|windows, gutters, conservatories|windows, gutters, conservatory roofs, shopfronts, solar panels
stove-fitter|stove fitter, stove installer, fireplace fitter, hearth builder, stove shop, chimney lining|stoves, hearths, flues|stove fitting, flue lining, hearths, servicing, advice at home
floor-layer|floor layer, floor fitter, floor sander, parquet layer, carpet fitter, flooring contractor|floors, boards, carpets|sanding and oiling, parquet, carpets, linoleum, board repairs
fencer|fencing contractor, fencer, fence builder, gate maker, gate and fence builder, temporary fence hire, temporary fencing|fences, gates, posts|garden fences, field gates, stock fencing, repairs, posts replaced
removals|removal firm, removals, house movers, movers, man with a van, furniture removers, removal company|houses, pianos, boxes|house moves, packing, pianos, storage, single items
builder|builder, building firm, building contractor, general builder, bricklayer, building company|houses, extensions, walls|extensions, renovations, brickwork, repairs, garden walls
timber-framer|timber framer, carpenter and framer, oak framer, timber frame builder, barn builder, roof carpenter|frames, barns, roofs, porches|oak frames, barns, roof carpentry, porches, repairs
window-restorer|sash window restorer, window repairer, sash window repairer, window maker, draught proofing, window fitter|sash windows, shutters, frames|overhauls, draught proofing, cords and weights, new sashes, shutters
glazier|glazier, glazing, glass cutter, glass merchant, window glazier|windows, mirrors, glass|broken panes, double glazing, mirrors, cat flaps, greenhouse glass
handyman|handyman, odd job man, handywoman, property maintenance, odd jobs, house repairs|shelves, doors, gutters, fences|small repairs, shelves put up, doors eased, flat-pack assembly, gutters
scaffolder|scaffolder, scaffolding, scaffolding firm, access towers|scaffolds, towers, roofs|house scaffolds, chimney scaffolds, tower hire, temporary roofs, inspections
insulation-fitter|insulation installer, insulation contractor, loft insulation, natural insulation|lofts, walls, floors|loft insulation, wall insulation, floors, draught proofing, assessments
solar-installer|solar installer, solar panel installer, heat pump installer, renewable energy installer|panels, batteries, heat pumps|solar panels, batteries, heat pumps, servicing, site visits
drain-clearer|drain clearer, drainage contractor, drain engineer, septic tank emptying|drains, tanks, gullies|blocked drains, camera surveys, septic tanks, relining, gullies
well-driller|well driller, borehole driller, pump engineer, water well drilling, water bore driller, bore driller, drilling contractor|wells, boreholes, pumps|boreholes, pumps, filters, yield tests, maintenance
groundworker|groundworks contractor, digger driver, excavation contractor, groundworker, paving contractor, paver, driveway layer|drives, foundations, trenches|foundations, drives and paths, drainage, clearance, digger hire
lime-worker|lime specialist, lime worker, earth builder, cob builder, straw bale builder, clay plasterer|walls, floors, ovens|lime render, clay plaster, cob repairs, limewash, earth floors
conservatory-builder|greenhouse builder, conservatory builder, summerhouse builder, shed builder, garden building maker|greenhouses, sheds, summerhouses|sheds to measure, greenhouses, summerhouses, repairs, bases
curtain-maker|curtain maker, blind maker, soft furnishings maker, curtain workshop, blinds fitter|curtains, blinds, cushions|curtains, roman blinds, cushions, poles fitted, measuring at home
cleaner|cleaner, house cleaner, cleaning firm, domestic cleaning, office cleaner, carpet cleaning|houses, offices, carpets|weekly cleaning, end of tenancy, offices, carpets, spring cleaning
pest-controller|pest controller, wasp nest removal, mole catcher, pest control, rat catcher|wasps, moles, mice|wasp nests, moles, mice and rats, proofing, call-outs
aerial-fitter|aerial fitter, television aerial installer, satellite installer, network cabling|aerials, dishes, cables|aerials, dishes, network points, wall mounting, repairs
alarm-fitter|alarm installer, security systems installer, fire alarm engineer, fire extinguisher service, CCTV installer|alarms, detectors, extinguishers|burglar alarms, fire alarms, extinguisher checks, servicing, call-outs
pool-builder|pool builder, pond builder, swimming pond builder, pool maintenance, water garden builder, swimming pool builder, swimming pools|ponds, pools, pumps|ponds, swimming ponds, pumps and filters, maintenance, repairs
lift-engineer|stairlift fitter, lift engineer, access adaptations, ramp builder, stairlift engineer, stairlift installer, stairlifts|stairlifts, ramps, rails|stairlifts, ramps, grab rails, bathrooms made safe, servicing
steeplejack|steeplejack, rope access, lightning conductor engineer, church maintenance, rope access contractor, rope access technician, rope access painter|spires, stacks, conductors|lightning conductors, inspections, repointing at height, weather vanes, flagpoles
house-clearer|house clearance, house clearer, clearance firm, rubbish removal, scrap merchant|houses, lofts, garages|house clearance, lofts and garages, scrap collection, skips, valuations
skip-hire|skip hire, grab hire, waste carrier, muck away, aggregates and skips|skips, waste, topsoil|mini skips, builder’s skips, grab lorry, muck away, topsoil
playground-builder|playground builder, play equipment maker, bench maker, garden furniture maker, bridge builder|swings, benches, bridges|play frames, benches, footbridges, inspections
staircase-maker|staircase maker, stair builder, handrail maker, spiral stair maker|stairs, handrails, spindles|new stairs, handrails, repairs, loft stairs
door-maker|door maker, garage door fitter, door fitter, gate automation|doors, shutters, locks|front doors, garage doors, repairs, automation
blind-fitter|awning fitter, shutter maker, shutter fitter, blinds shop, window blinds|shutters, blinds, awnings|shutters, blinds, awnings, measuring
demolition|demolition contractor, concrete cutter, diamond driller, asbestos removal|walls, slabs, openings|openings cut, demolition, drilling, waste removed
damp-proofer|damp specialist, damp proofer, timber treatment, woodworm treatment, dry rot specialist, waterproofing contractor, dry rot surveyor, damp proofing|cellars, walls, timbers|damp surveys, cellars, woodworm, ventilation
heat-engineer|air conditioning engineer, refrigeration engineer, ventilation engineer, cold room engineer, oil boiler engineer|systems, filters, boilers|installation, servicing, repairs, cold rooms
conservation-builder|conservation builder, heritage builder, church restorer, barn converter, traditional builder|houses, barns, churches|lime work, timber repairs, roofs, surveys with owners
shopfitter|shopfitter, shop fitter, joiner for shops, office fitter, pub fitter|shops, counters, shelves|counters, shelving, partitions, fitting out of hours
metal-roofer|metal roofer, gutter fitter, gutter maker, copper roofer, zinc roofer, weatherboard fitter|gutters, flashings, copper|copper and zinc roofs, gutters, flashings, cladding
house-minder|house sitter, key holder, holiday home caretaker, second home care, caretaker, changeover service|houses, keys, checks|key holding, checks, changeovers, small repairs
pressure-washing|pressure washing, drive cleaning, roof cleaning, patio cleaning, graffiti removal, wheelie bin cleaning, sandblasting, blast cleaner|drives, roofs, walls|drives and patios, roofs, walls, graffiti
tree-surgeon|tree surgeon, arborist, tree care, tree surgery, tree feller, arboriculturist|trees, hedges, stumps|crown reduction, felling, hedge cutting, stump grinding, tree surveys
gardener|gardener, gardening, garden care, garden maintenance, landscape gardener, jobbing gardener, landscaper|gardens, lawns, hedges, borders|garden maintenance, hedges and lawns, planting, pruning, garden clearance
hedge-layer|hedge layer, hedgelayer, hedge laying, hedger and ditcher|hedges, banks, ditches|hedge laying, planting, gapping up, ditching, coppicing
garden-designer|garden designer, landscape architect, garden design studio, planting designer|gardens, borders, terraces|garden plans, planting plans, borders, terraces, on-site advice
forester|forester, forestry contractor, woodland manager, woodland contractor, tree planter, horse logger|woods, timber, rides|thinning, planting, extraction, woodland plans, paths
sawmill|sawmill, mobile sawmill, timber yard, timber merchant, sawyer|timber, beams, boards|sawing to order, oak beams, cladding, kiln drying, mobile milling
animal-boarding|kennels, cattery, dog minder, boarding kennels|dogs, cats, kennels|boarding, daily walks, grooming, home visits, collection
riding-stable|riding stable, livery yard, stables, riding yard, pony trekking, carriage driver, donkey rides, riding school|horses, ponies, stables|livery, riding, hacks, pony days, carriage rides
wool-grower|sheep shearer, shearer, alpaca farm, fleece producer, spinning mill, wool grower|fleeces, yarn, sheep|shearing, fleeces, yarn, alpaca walks, small flocks
flower-farm|flower farm, flower grower, cut flower grower, lavender farm, dried flower maker|flowers, bunches, lavender|bunches, buckets for events, dried flowers, weddings, pick your own
compost|compost maker, wormery, soil merchant, mulch supplier, composting site|compost, mulch, topsoil|compost by the bag, bulk loads, garden waste taken, wormeries, advice
gamekeeper|gamekeeper, deer manager, wildlife ranger, nature reserve, wildlife guide, nature guide|deer, woods, birds|guided walks, hides, deer management, school visits, habitat work
bulb-grower|bulb grower, dahlia grower, cactus nursery, bonsai nursery, fern nursery, snowdrop nursery, christmas tree grower, turf grower|bulbs, trees, plants|bulbs by post, open days, advice, plants to order
livestock-breeder|livestock breeder, sheep breeder, goat breeder, horse breeder, pedigree cattle breeder, pig keeper, rare breeds farm, stud farm|rams, heifers, foals|breeding stock, visits, shows, fleeces and meat
contractor-farm|agricultural contractor, hay contractor, baling contractor, drainage contractor for land, ploughing contractor, digger and tractor hire|fields, bales, ditches|mowing and baling, ploughing, hedge cutting, muck spreading
path-builder|path builder, footpath contractor, bank restorer, river engineer, dyke builder, moorland contractor, peatland restoration|paths, banks, dykes|paths, banks and revetments, drainage, habitat work
lawn-care|lawn care, lawn specialist, hedge cutter, weed control, grass cutter, grounds maintenance|lawns, verges, hedges|mowing, feeding, scarifying, hedge cutting
garden-builder|garden builder, patio builder, decking builder, terrace builder, landscape contractor, rockery builder, irrigation installer|patios, walls, ponds|patios, steps and walls, decks, watering systems
beekeeper|beekeeper, apiary, honey producer, bee farm, apiarist, honey farm|honey, bees, hives, wax|honey, candles, swarm collection, colonies, hive visits
farm|farm, smallholding, farm shop, farmer, dairy farm, sheep farm, hill farm|eggs, lamb, beef, vegetables|eggs, meat boxes, vegetables, farm visits, hay and straw
orchard|orchard, fruit farm, apple grower, pick your own farm, fruit grower|apples, pears, plums, juice|apples, juice, pick your own, pressing your fruit, tree pruning
vineyard|vineyard, winery, wine grower, winemaker, wine estate|wines, grapes, bottles|wines, tastings, cellar visits, cases delivered, harvest days
cider-maker|cider maker, cidermaker, cidery, perry maker, cider press|cider, perry, juice, vinegar|dry cider, perry, tastings, pressing your apples, vinegar
brewery|brewery, brewer, microbrewery, brewhouse, craft brewer|beers, casks, bottles|bitter and stout, cask hire, bottled beer, brewery visits, seasonal beers
distillery|distillery, distiller, gin distiller, still house, whisky distillery|gin, whisky, spirits|gin, cask spirits, tours, private bottlings, gift sets
cheesemaker|cheesemaker, cheese maker, creamery, dairy, cheese farm|cheese, butter, curd|hard cheese, fresh curd, butter, cheese by the wheel, dairy visits
smokehouse|smokehouse, fish smoker, smokery, fish curer, kipper house, eel smoker|smoked fish, kippers, smoked cheese|kippers, smoked salmon, smoked cheese, smoking your catch, gift boxes
mill|flour mill, watermill, windmill, miller, water mill, tide mill|flour, bran, oats|stoneground flour, rye, milling days, mill visits, grain bought
oil-press|oil press, olive oil producer, oil mill, rapeseed oil maker|oils, olives, vinegars|pressed oils, olive oil, tastings, pressing your crop, gift bottles
salt-maker|salt maker, salt works, sea salt producer, salter|sea salt, flakes, smoked salt|sea salt, smoked salt, herb salts, sacks for trade, pan-house visits
preserve-maker|preserve maker, jam maker, pickle maker, chutney maker, marmalade maker|jams, chutneys, pickles|jams, chutneys, marmalade, hampers, small runs to order
chocolate-maker|chocolate maker, chocolatier, sweet maker, fudge maker, confectioner, sweet shop|chocolates, sweets, fudge|chocolate bars, boxes, fudge, wedding favours, orders by post
tea-merchant|tea merchant, coffee roaster, tea blender, coffee roastery, herb tea maker|teas, coffees, herbs|coffee beans, loose teas, blends to order, tastings, wholesale
egg-producer|poultry keeper, egg producer, poultry farm, poultry breeder, hatchery, goose farm|eggs, hens, chicks|eggs, point-of-lay hens, chicks, hen houses, geese and turkeys to order
mushroom-grower|mushroom grower, mushroom farm, truffle grower, herb grower, herb farm, watercress grower|mushrooms, herbs, cress|fresh mushrooms, dried mushrooms, growing kits, herbs, deliveries
oyster-farm|oyster farm, oysterman, oyster merchant, mussel farm, cockle picker, seaweed harvester|oysters, mussels, seaweed|oysters, mussels, seaweed, shucking lessons, deliveries on ice
fisherman|fisherman, inshore fisherman, fishing boat, day boat, crab fisherman, lobster fisherman|crab, lobster, mackerel|crab and lobster, fish off the boat, orders, dressed crab, quay sales
cake-maker|cake maker, wedding cake maker, cake decorator, celebration cakes|cakes, tiers, biscuits|wedding cakes, birthday cakes, tastings, delivery
ice-cream-maker|ice cream maker, ice cream van, gelato maker, sorbet maker|ices, sorbets, tubs|scoops, tubs, van hire, flavours to order
food-van|food van, pizza van, street food van, fish and chip van, mobile coffee van, horsebox bar|dishes, pitches, parties|pitches and days, party hire, weddings, menus
pasta-maker|pasta maker, noodle maker, tofu maker, vinegar maker, mustard maker, honey mead maker, yoghurt maker|pasta, mustards, vinegars|fresh pasta, jars, wholesale, tasting days
fruit-juice|juice maker, soft drinks maker, cordial maker, ginger beer maker, water bottler, kombucha maker|juices, cordials, bottles|juices, cordials, cases, wholesale
crop-farm|trout farm, fish farm, snail farm, saffron grower, hop grower, nut grower, asparagus grower, strawberry farm|trout, fruit, stalks|farm sales, smoked trout, pick your own, orders
pie-maker|pie maker, ready meal maker, soup maker, pasty maker, sausage roll maker, crisp maker|pies, pasties, soups|pies, trade orders, party platters, seasonal pies
clock-dealer|antique clock dealer, clock shop, watch dealer|clocks, watches, barometers|longcase clocks, pocket watches, valuations, buying, repairs
salvage-yard|architectural salvage yard, reclamation yard, salvage yard, reclaimed timber merchant|beams, doors, bricks, fireplaces|reclaimed timber, doors, bricks and tiles, fireplaces, buying in
seeds|seed merchant, seedsman, seed shop, seed house, seed grower, seed company|seeds, bulbs, mixtures|vegetable seed, flower seed, bulbs, meadow mixtures, seed advice
nursery|plant nursery, nursery, garden centre, nurseryman, rose grower, plant grower, tree nursery|plants, perennials, roses, shrubs|perennials, shrubs and trees, roses, planting advice, delivery
fishmonger|fishmonger, fish shop, wet fish shop, fish stall, fresh fish shop|fish, shellfish, oysters|fresh fish, shellfish, filleting, platters, orders
greengrocer|greengrocer, fruit and vegetable shop, veg box scheme, fruit stall, market gardener, market garden, vegetable grower|vegetables, fruit, salads|vegetables, fruit, weekly boxes, orders, deliveries
butcher|butcher, butcher’s shop, butchers, game dealer, sausage maker, charcuterie maker|meat, sausages, hams|local meat, sausages, hams, orders, cutting to order
wool-shop|wool shop, yarn shop, knitting shop, haberdashery, haberdasher, button shop|yarns, needles, buttons, patterns|yarn, needles and hooks, buttons, patterns, knitting evenings
antique-dealer|antique dealer, antique shop, antiques, bric-a-brac shop, auctioneer, valuer, second-hand shop|furniture, silver, pictures, china|furniture, silver, valuations, buying, delivery
florist|florist, flower shop, florists, floral designer|bouquets, wreaths, flowers, plants|bouquets, wedding flowers, funeral wreaths, plants, delivery
bookshop|bookshop, bookseller, second-hand bookshop, antiquarian bookseller, book shop, book dealer|books, maps, prints|new books, second-hand books, orders, maps and prints, readings
ironmonger|ironmonger, hardware shop, hardware store, tool shop, ironmongery, builders’ merchant|tools, screws, paint, hinges|tools, fixings by the piece, paint, key cutting, tool hire
village-shop|village shop, general store, village stores, corner shop, community shop, grocer, grocery|groceries, papers, stamps|groceries, newspapers, post, orders, deliveries
wholefood-shop|wholefood shop, refill shop, zero waste shop, delicatessen, deli, spice merchant, health food shop|grains, spices, oils|dry goods by weight, spices, oils, refills, hampers
wine-merchant|wine merchant, wine shop, off-licence, beer shop, bottle shop|wines, beers, spirits|wines, mixed cases, tastings, glass hire, delivery
clothes-shop|clothes shop, clothing shop, boutique, outfitter, school outfitter, menswear shop, vintage clothes shop, workwear shop|coats, dresses, shirts|coats and jackets, dresses, workwear, alterations, school uniform
shoe-shop|shoe shop, shoe store, children’s shoe shop, boot shop|shoes, boots, slippers|shoe fitting, children’s shoes, walking boots, slippers, wide fittings
toy-shop|toy shop, games shop, model shop, model railway shop, board game shop|toys, games, kits|toys, board games, model kits, repairs, orders
record-shop|record shop, music shop, sheet music shop, vinyl shop, musical instrument shop|records, instruments, scores|new records, second-hand records, instruments, sheet music, hire
art-supplies|art supplies shop, artists’ materials, stationer, stationery shop, art shop, paper shop|paints, papers, pens|paints and brushes, papers, notebooks, framing, orders
fabric-shop|fabric shop, cloth merchant, draper, tweed merchant, material shop, linen shop|fabrics, linings, trims|dress fabrics, curtain fabrics, linings, trimmings, cutting to length
furniture-shop|furniture shop, bed shop, furniture store, lighting shop, second-hand furniture shop|beds, sofas, lamps|beds, sofas, tables, delivery, old furniture taken
optician|optician, optometrist, spectacle maker, eyewear shop|glasses, lenses, frames|eye tests, glasses, contact lenses, repairs, children’s glasses
hearing-shop|hearing aid shop, hearing aid acoustician, audiologist, hearing aid centre|hearing aids, moulds, batteries|hearing tests, hearing aids, ear protection, repairs, home visits
chemist|chemist, pharmacy, pharmacist, herbalist, dispensing chemist, perfumery|remedies, creams, herbs|prescriptions, advice, delivery, herbs, cosmetics
gallery|gallery, art gallery, print gallery, craft shop, craft gallery, gift shop|paintings, prints, crafts|exhibitions, prints, crafts, commissions, framing
chandlery|ship chandler, chandlery, chandler, yacht chandler, marine store|ropes, paint, shackles|rope by the metre, antifouling, fittings, safety gear, orders
outdoor-shop|outdoor shop, surf shop, sports shop, climbing shop, running shop, walking shop|boots, boards, tents|boots fitted, hire, repairs, boards and suits, maps
feed-merchant|feed merchant, animal feed store, country store, agricultural merchant, corn merchant, horse feed merchant|feed, hay, bedding|animal feed, hay and straw, bedding, fencing supplies, delivery
stamp-dealer|stamp dealer, coin dealer, map dealer, postcard dealer, medal dealer, militaria dealer|stamps, coins, maps|stamps, coins, valuations, buying, catalogues
mineral-shop|mineral shop, fossil shop, rock shop, lapidary, gem cutter, shell shop|minerals, fossils, stones|minerals, fossils, polishing, cut stones, guided walks
costume-hire|costume hire, fancy dress hire, bridal shop, kilt maker, theatrical costumier|costumes, gowns, suits|costume hire, theatre wardrobes, wedding gowns, fittings, alterations
electrical-shop|electrical shop, lamp shop, television and radio shop, vacuum cleaner shop, light bulb shop|lamps, radios, bulbs|lamps, repairs, bulbs, delivery, installation
charity-shop|charity shop, thrift shop, hospice shop, reuse shop, swap shop|clothes, books, furniture|clothes, books, furniture, donations, collection
gravel-merchant|sand and gravel merchant, quarry, stone merchant, slate quarry, aggregates merchant|stone, gravel, slate|building stone, gravel, slate, delivery
paint-shop|paint shop, wallpaper shop, paint maker, limewash maker, decorating shop|paints, papers, brushes|paints mixed, wallpaper, brushes, advice
kitchen-shop|kitchen shop, cookware shop, cutlery shop, china shop, glassware shop|pans, knives, china|pans, knives, china, sharpening
tobacconist|newsagent, tobacconist, sweet shop and newsagent, magazine shop, lottery shop|papers, sweets, cards|newspapers, deliveries, cards, post
pram-shop|pram shop, baby shop, children’s clothes shop, nearly new shop|prams, cots, clothes|prams, hire, clothes, repairs
mobility-shop|mobility shop, orthopaedic shoemaker, surgical appliance shop, wheelchair repairer, medical supply shop|scooters, wheelchairs, aids|wheelchairs, scooters, hire, repairs
saddle-shop|riding shop, saddle shop, equestrian shop, tack shop|saddles, boots, rugs|saddle fitting, clothing, rug washing, second-hand tack
aquarium-shop|aquarium shop, reptile shop, bird seed shop, wild bird shop, water lily nursery|tanks, plants, fish|tanks, plants, advice, holiday care
vehicle-dealer|car dealer, used car dealer, van dealer, motorcycle dealer, tractor dealer, boat dealer, yacht broker, boat sales|cars, vans, boats|used vehicles, part exchange, finding to order, preparation
market-stall|market stall, market trader, stallholder, barrow, pop-up shop, seaside kiosk|stalls, goods, days|market days, goods, orders, events
uniform-shop|school uniform shop, hosiery shop, underwear shop, corsetiere, swimwear shop|uniforms, linens, swimwear|fittings, orders, alterations, school lists
phone-shop|phone shop, computer shop, battery shop, printer ink shop, games console shop|phones, batteries, ink|repairs, batteries, ink, second-hand phones
guesthouse|guest house, bed and breakfast, guesthouse, inn, small hotel, rooms to let, lodging house, country house hotel|rooms, breakfasts|double rooms, single rooms, breakfast, packed lunches, drying room
campsite|campsite, camping field, caravan site, camp site, glamping site, shepherd’s huts, holiday park|pitches, huts, tents|tent pitches, caravan pitches, huts, hot showers, firewood
holiday-cottage|holiday cottage, self-catering cottage, holiday let, holiday flat, holiday home, lighthouse cottage, farm cottage|cottages, beds, gardens|week stays, short breaks, linen, log burner, dogs welcome
hostel|hostel, bunkhouse, walkers’ hostel, bunk house, group accommodation, field centre, retreat house|bunks, dormitories, kitchens|bunks, private rooms, group bookings, drying room, kitchen
houseboat-hire|canal boat hire, narrowboat hire, houseboat hire, boat holidays|boats, cabins, canals|week hire, short breaks, day boats, steering lesson, moorings
wedding-barn|wedding venue, wedding barn, barn for hire, event barn, country venue|barns, courtyards, gardens|weddings, parties, marquee field, overnight rooms, viewings
lighthouse-stay|lighthouse stay, windmill stay, castle stay, tower to stay in, treehouse stay, farm stay, vineyard rooms, lighthouse holiday lets, lighthouse lets|nights, rooms, views|nights, breakfast, getting here, groups
hotel|hotel, harbour hotel, family hotel, spa hotel, country hotel, coaching inn, motel|rooms, suites, meals|rooms, family rooms, meals, small functions, offers
allotments|allotment society, allotment association, allotments, community garden, allotment gardens, growers’ association|plots, paths, sheds|plots, waiting list, shared tools, open days, seed swap
choir|choir, choral society, singers, community choir, chamber choir, church choir, shanty crew|songs, concerts, rehearsals|rehearsals, concerts, weddings, joining, newcomers’ evenings
brass-band|brass band, town band, orchestra, wind band, silver band, youth orchestra, string quartet, ceilidh band|concerts, marches, rehearsals|rehearsals, concerts, engagements, youth band, instruments lent
bell-ringers|bell ringers, ringers, tower ringers, handbell ringers, guild of ringers|bells, ropes, methods|practice nights, ringing for weddings, learners, tower visits, visiting bands
history-society|history society, local history society, heritage trust, civic society, archaeology society, family history society, preservation trust|archives, talks, walks|talks, guided walks, archive, publications, membership
sailing-club|sailing club, yacht club|boats, races, moorings|racing, club boats, open days, moorings, membership
rowing-club|rowing club, canoe club, kayak club, gig rowing club, boat club, regatta club, paddling club|boats, oars, crews|learning to row, crews, club boats, regattas, membership
football-club|football club, rugby club, cricket club, hockey club, netball club, basketball club, handball club|matches, teams, pitches|training, matches, youth teams, membership, clubhouse hire
bowls-club|bowls club, tennis club, badminton club, table tennis club, croquet club, pétanque club, archery club, fencing club|courts, greens, matches|club sessions, matches, newcomers’ days, membership, equipment lent
cycling-club|cycling club, cycle club, cyclists’ club|rides, tours, races|weekly rides, beginners’ days, tours, membership, programme
walking-club|walking club, ramblers, hill walkers, running club, mountaineering club, orienteering club, climbing club, footpath group|walks, hills, paths|weekly walks, beginners’ walks, trips away, membership, programme
swimming-club|swimming club, wild swimmers, lido society, water polo club, sea swimmers|lengths, galas, swims|club nights, squads, galas, learning to swim, membership
chess-club|chess club, bridge club, board games club, card club, radio club, astronomy society, stamp club|games, boards, evenings|club nights, matches, newcomers, membership, open days
drama-society|drama society, amateur dramatics, theatre group, players, puppet theatre, pantomime society, storytelling group|plays, rehearsals, tickets|productions, tickets, auditions, youth theatre, membership
morris-side|morris side, folk dance club, dance club, country dance group, folk club, bagpipe band, ceilidh club, clog dancing club, clog dancers, folk dancers|dances, tunes, evenings|practice nights, dancing out, bookings, newcomers, folk evenings
gardening-club|gardening club, horticultural society, flower club, garden society, beekeepers’ association, orchard group, wildlife trust|gardens, shows, talks|talks, garden visits, annual show, plant swap, membership
neighbourhood-group|women’s group, pensioners’ club, social club, over sixties club, senior citizens’ club, neighbourhood association, residents’ association, tenants’ association, tenants and residents|evenings, outings, talks|weekly meetings, talks, outings, lunches, membership
community-workshop|community workshop, men’s shed, repair café, makerspace, shared workshop|benches, tools, projects|open days, shared tools, repairs with help, jobs for the village, joining
youth-group|youth group, scout group, guides, youth club, playgroup, toddler group, after-school club, sea cadets|children, camps, badges|weekly meetings, camps, joining, volunteers, holiday programme
charity|charity, food bank, community charity, refugee support group, hospice charity, relief fund, befriending scheme, advice centre, furniture reuse charity|help, donations, volunteers|help for people, donations, volunteering, events, annual report
lifeboat|lifeboat station, rescue service, coastwatch, sea rescue, inshore rescue|crews, calls, boats|rescue, station visits, safety advice, donations, volunteering
fire-brigade|volunteer fire brigade, fire brigade, mountain rescue, first aid society, air ambulance charity, rescue team|crews, calls, engines|call-outs, station visits, safety advice, youth brigade, volunteering
church|church, parish church, chapel, meeting house, congregation|services, bells, halls|services, weddings and christenings, hall hire, bell ringing, visits
donkey-sanctuary|animal sanctuary, donkey sanctuary, animal rescue, cat rescue, dog rescue, hedgehog rescue|animals, homes, donations|rehoming, visits, donations, volunteering
community-shop-society|community shop society, community pub society, community trust, development trust, village trust, transition group, time bank|meetings, projects, shares|projects, membership, meetings, volunteering
parents-association|parents’ association, school friends, parent-teacher association, village school, alumni association|events, sales, funds|events, second-hand uniform, helping, funds raised
trade-guild|guild, craft guild, trade association, traders’ association, chamber of trade, union branch, farmers’ association, fishermen’s association|members, meetings, standards|members, meetings, finding a member, joining
fishing-club|angling club, fishing club, shooting club, gun club, falconry club, pigeon club, fishery|waters, permits, days|permits, waters, matches, membership
riding-club|riding club, pony club, carriage driving club, dog club, dog training club, sheepdog society|shows, rallies, members|rallies, shows, training, membership
martial-arts-club|martial arts club, judo club, karate club, boxing club, gymnastics club, skating club, athletics club|sessions, grades, teams|weekly sessions, beginners, gradings, membership
art-circle|art society, writers’ group, knitting group, painters’ group, film society, poetry group, craft circle, sewing circle|evenings, shows, members|weekly evenings, annual show, newcomers, membership
twinning-association|twinning association, language exchange, friendship society, international club, exiles’ association|visits, evenings, exchanges|exchange visits, evenings, hosting, membership
patients-group|self-help group, carers’ group, support group, disability group, blind society, deaf club, bereavement group|meetings, visits, helplines|meetings, visits, helpline, volunteering
energy-group|climate group, river trust, beach clean group, wind cooperative, community energy group, cycling campaign, friends of the park|actions, meetings, projects|work days, projects, membership, news
service-club|air cadets, veterans’ association, royal legion branch, lions club, rotary club, freemasons’ lodge, benevolent society|meetings, welfare, parades|meetings, help for members, fundraising, joining
carnival-club|carnival club, carnival society, bonfire society, regatta committee, show society, town twinning committee, christmas lights committee|parades, floats, nights|parade, committee, stalls, helping
steam-owners|vintage car club, tractor club, motorcycle club, steam engine owners’ club|runs, rallies, restorations|runs, rallies, club nights, membership
old-boats|old boats society, gaffers’ association, steam launch trust, heritage boat trust, historic vessel society, steam launch trips|heritage boats, steam launches|trips, restoration, working days, membership
model-club|model boat club, model railway club, model engineers, model engineering society, model flying club, slot car club|models, layouts, engines|club nights, running days, exhibitions, help with building, membership
museum|museum, heritage centre, local museum, railway museum, lighthouse museum|collections, exhibits, galleries|exhibitions, guided visits, school visits, archive, group bookings
village-hall|village hall, community hall, parish hall, memorial hall, community centre, hall for hire, meeting rooms|halls, rooms, kitchens|hall hire, meetings, parties, kitchen, regular groups
library|library, community library, reading room, mechanics’ institute, book club, seed library|books, readings, shelves|lending, reading groups, story time, computers, room hire
theatre|theatre, playhouse, concert hall, arts centre, music hall, open-air theatre, village cinema, cinema|plays, concerts, films|programme, tickets, hall hire, friends’ scheme, access
festival|festival, music festival, village fête, harbour festival, agricultural show, book festival, christmas market, craft fair, farmers’ market|stalls, stages, days|programme, tickets, stallholders, volunteers, getting here
heritage-railway|heritage railway, steam railway, narrow gauge railway, miniature railway, tramway, cliff railway, steam society|trains, engines, stations|timetable, tickets, footplate days, volunteering, group bookings
show-garden|garden open to visitors, botanical garden, arboretum, country house, manor house, castle, historic house, show garden, aquarium, farm park|gardens, rooms, walks|opening, tickets, guided walks, plant sales, private visits
tourist-office|tourist office, visitor centre, harbour office, walking tours, town guide, tour guide, boat museum guide|walks, maps, tours|guided walks, maps, group tours, accommodation list, gift shop
musician|musician, folk band, wedding band, jazz band, harpist, organist, fiddler, string trio, pianist, barn dance caller, disc jockey|music, songs, dances|weddings, parties, concerts, recordings, bookings
building-friends|cemetery trust, burial ground, war memorial trust, lighthouse trust, friends of the church, windmill trust|visits, repairs, appeals|visits, repairs, donations, volunteering
observatory|observatory, planetarium, science centre, weather station, bird observatory, seabird centre|telescopes, evenings, visits|open evenings, group visits, school visits, membership
adventure-golf|crazy golf, adventure golf, bowling alley, maze, play barn, soft play, amusement pier, escape room, golf course|rounds, parties, tickets|opening, tickets, parties, groups
artist-residency|artists’ residency, open studios, studio trail, print workshop for members, craft centre, community darkroom, pottery collective|studios, makers, open days|open days, makers, membership, studio hire
visitor-farm|open farm, city farm, falconry centre, butterfly house, wildlife park, maize maze, pick your own pumpkins, falconry display, falconry|animals, days, tickets|opening, tickets, school visits, parties
land-surveyor|land surveyor, surveyor, measured building surveyor, boundary surveyor, topographic surveyor|land, boundaries, buildings|boundary surveys, topographic surveys, setting out, measured drawings, reports
interior-designer|interior designer, interior decorator, colour consultant, interior design studio|rooms, colours, furniture|colour schemes, room plans, furnishing, lighting, site visits
bookkeeper|bookkeeper, accountant, bookkeeping, payroll bureau, tax adviser, tax consultant, chartered accountant, auditor|books, accounts, returns|bookkeeping, tax returns, payroll, year-end accounts, advice
translator|translator, interpreter, translation office, sworn translator, proofreader, editor, copy editor, indexer, transcriber|texts, letters, contracts|translations, certified translations, interpreting, proofreading, quotations
architect|architect, architects, architectural practice, building designer, architectural technician, conservation architect|houses, extensions, plans|house plans, extensions, planning applications, conservation work, site visits
engineer|structural engineer, consulting engineer, civil engineer, engineering office, acoustic engineer|structures, calculations, reports|structural calculations, site visits, reports, drawings, checks for buyers
building-surveyor|building surveyor, house surveyor, chartered surveyor, party wall surveyor, damp surveyor, home inspector, marine surveyor, boat surveyor|houses, boats, reports|surveys before purchase, damp reports, boundary matters, valuations, boat surveys
lawyer|solicitor, lawyer, law firm, legal practice, barrister, patent attorney|wills, contracts, deeds|wills, house purchase, contracts, mediation, first meeting
insurance-broker|insurance broker, independent insurance adviser, mortgage broker, mortgage adviser, pensions adviser, financial planner|policies, claims, mortgages|insurance reviews, claims help, mortgages, pensions, first meeting
estate-office|property manager, letting office, land agent, block manager, property letting, house sales office, holiday letting management, estate agent, lettings agent, letting agency|houses, flats, leases|lettings, management, viewings, inventories, valuations
graphic-designer|graphic designer, illustrator, lettering artist, calligrapher, typographer, map maker, cartographer, book designer, logo designer|logos, books, letters, maps|logos, printed matter, lettering, illustrations, book design
software-developer|software developer, programmer, IT support, computer consultant, network engineer, database developer|software, networks, systems|support for offices, software to order, networks, backups, advice
secretary|virtual assistant, secretarial service, office services, typing service, archivist|letters, diaries, ceremonies|office help, ceremonies, planning, research, first meeting
consultant|consultant, business adviser, management consultant, environmental consultant, ecologist, grant writer, farm adviser|reports, plans, surveys|advice, reports, surveys, grant applications, first meeting
laboratory|testing laboratory, soil laboratory, water testing laboratory, materials testing, calibration workshop, dental laboratory, dental technician|samples, reports, instruments|sample testing, reports, calibration, collection, advice
publisher|publisher, small press, local newspaper, podcast studio, recording studio, sound engineer, audio studio|books, magazines, recordings|books, subscriptions, submissions, advertising, back numbers
co-working|shared office, co-working space, studio spaces, workshop spaces to let, business centre|desks, studios, rooms|desks, studios, meeting rooms, day passes, viewings
parish-council|parish council, town council, harbour authority, harbour master, water board, housing cooperative, energy cooperative, credit union|meetings, notices, services|meetings, notices, allotments and burial ground, hall bookings, reporting a fault
film-maker|film maker, video maker, documentary maker, animator, video editor, wedding film maker|films, edits, stories|films, editing, weddings, archive transfer
web-designer|web designer, web developer, web design studio, copywriter, marketing consultant, content writer|sites, texts, pages|sites, care of sites, texts, search listing
recruiter|recruitment consultant, training provider, first aid trainer, health and safety consultant, fire safety adviser|staff, trainings, safety checks|advice, trainings, checks, first meeting
product-designer|product designer, industrial designer, prototype maker, inventor, pattern maker, technical drawing office, 3d printing workshop|prototypes, drawings, parts|drawings, prototypes, small runs, advice
quantity-surveyor|quantity surveyor, planning consultant, chartered town planner, project manager, clerk of works, cost consultant|costs, plans, programmes|cost plans, applications, site supervision, first meeting
genealogist|genealogist, family historian, archivist for hire, local historian, house historian, researcher|records, families, houses|family research, house histories, transcriptions, talks
celebrant|celebrant, funeral celebrant, wedding celebrant, speech writer, toastmaster, town crier|ceremonies, speeches|ceremonies, namings, farewells, first meeting
event-planner|wedding planner, event organiser, party planner, conference organiser, balloon decorator, event stylist|weddings, parties|planning, on the day, styling, first meeting
radio-station|community radio, local radio station, listening post, talking newspaper, town magazine, parish magazine|programmes, voices, news|programmes, listening, presenting, advertising
energy-adviser|energy adviser, energy assessor, retrofit adviser, home energy consultant|houses, reports, grants|home assessments, reports, grant forms, follow-up
mediator|mediator, family mediator, conflict adviser, debt adviser, housing adviser, benefits adviser|talks, papers, agreements|first talk, mediation, papers, fees
notary|notary, notary public, will writer, probate office, conveyancer|deeds, wills, seals|certifying papers, wills, house purchase, fees
music-teacher|music teacher, piano teacher, violin teacher, singing teacher, guitar teacher, music school, recorder teacher|lessons, exams, recitals|piano lessons, singing lessons, first lessons, exam preparation, holiday sessions
tutor|tutor, private tutor, maths tutor|lessons, exams, pupils|single lessons, exam preparation, first lesson, small groups, lessons at home
hairdresser|hairdresser, hair salon, barber’s shop, mobile hairdresser, wig maker|cuts, colours, beards|cuts, colour, beards, children’s cuts, home visits
beautician|beautician, beauty salon, nail salon, make-up artist, foot care|nails, skin, feet|facials, nails, foot care, bridal make-up, gift vouchers
laundry|laundry, dry cleaner, launderette, ironing service, linen hire, laundrette|shirts, linen, curtains|service wash, shirts, dry cleaning, bedding, collection
undertaker|undertaker, funeral director, funeral parlour, coffin maker, natural burial ground, crematorium|funerals, coffins, graves|funerals, home visits, coffins, natural burial, advance arrangements
midwife|midwife, doula, independent midwife, maternity nurse, breastfeeding adviser|births, visits, babies|antenatal visits, home births, visits afterwards, feeding advice, first meeting
childminder|childminder, nursery school, kindergarten, nanny, forest kindergarten, day nursery, crèche, babysitter|children, days, places|full days, half days, after school, settling in, visits
home-care|home help, home care, carer, care service, care home, residential home, companion service, meals on wheels|visits, meals, company|home visits, shopping and meals, company, respite, first visit
vet|vet, veterinary surgeon, veterinary practice, animal physiotherapist, horse dentist, farm vet|animals, visits, check-ups|check-ups, vaccinations, farm visits, operations, emergencies
dentist|dentist, dental practice, dental surgery, orthodontist, dental hygienist|teeth, check-ups|check-ups, hygiene, fillings, children, emergencies
doctor|doctor’s practice, family doctor, general practitioner, acupuncturist|visits, patients|appointments, home visits, check-ups, repeat prescriptions, first visit
masseur|masseur, massage practice|sessions, baths, mats|massage, sauna sessions, group sessions, single sessions, gift vouchers
driving-school|driving school, driving instructor, driving lessons, motorcycle training|lessons, tests, cars|first lessons, single lessons, test preparation, refresher lessons
language-teacher|language teacher, language lessons, conversation classes, language tutor|lessons, conversations|single lessons, conversation, small groups, exam preparation
dance-teacher|dance teacher, dance school, dance classes, ballroom dancing, ballet school, tap dancing|classes, dances, shows|first classes, children, ballroom, wedding dances, summer show
sailing-school|sailing school, sailing instructor, windsurf school, surf school, surf lessons, powerboat training, kitesurf school|lessons, boats, boards|beginners, children, single lessons, certificates, holiday weeks
swimming-teacher|swimming teacher, swimming lessons, swim school|lessons, pools|children, adults, single lessons, small groups
art-teacher|art teacher, drawing teacher, painting classes, art school, craft workshops, sewing lessons, pottery lessons|classes, materials|drawing, painting, children, single days, materials
barber|barber, barbershop, gentlemen’s barber, barber’s|cuts, shaves, beards|cuts, wet shaves, beard trims, boys’ cuts
tattooist|tattooist, tattoo artist, tattoo studio, piercing studio|designs, tattoos|consultations, own designs, cover-ups, aftercare
chiropodist|foot care practice, chiropodist, podiatrist, foot health practitioner|feet, nails, insoles|routine foot care, nails, insoles, home visits
physio|physiotherapist, physiotherapy practice, osteopath, chiropractor, sports massage|backs, joints, appointments|first assessment, treatment, exercises, home visits
speech-practice|speech and language practice, voice teacher, speech practice, hearing practice|speech, voice|assessment, sessions, work with families, home visits
yoga-teacher|yoga teacher, yoga studio, pilates teacher, tai chi teacher, yoga classes|sessions, mats, groups|weekly classes, beginners, single sessions, retreats
sauna|sauna, bath house, seawater baths, sauna cabin, hot tub hire|sessions, baths, cabins|single sessions, private hire, cold dips, vouchers
caterer|caterer, catering firm, event caterer, private cook, wedding caterer, field kitchen|menus, platters, parties|parties, weddings, platters, equipment hire
magician|magician, children’s entertainer, puppeteer, face painter, clown, storyteller, caricaturist, juggler|shows, parties, tricks|children’s parties, weddings, festivals, bookings
dog-groomer|dog groomer, grooming parlour, dog grooming, mobile dog groomer|dogs, coats, claws|full groom, bath and brush, claws, puppies
dog-walker|dog walker, dog walking, dog sitter, cat sitter, animal sitter|dogs, walks, visits|daily walks, home visits, holidays, first meeting
dog-trainer|dog trainer, puppy school, dog behaviourist, gundog trainer|dogs, puppies, sessions|puppies, single sessions, groups, home visits
ski-school|ski school, climbing wall, climbing school, trampoline park, skate park, archery lessons|sessions, lessons, walls|beginners, children, single sessions, groups
ferry|ferry, ferryman, boat trips, river trips, harbour cruises, water taxi, fishing trips, boat skipper|crossings, trips, seats|crossings, timetable, harbour trips, private hire, bicycles carried
boat-hire|boat hire, canoe hire, kayak hire, rowing boat hire, yacht charter, paddleboard hire, punt hire, pedalo hire|boats, canoes, kayaks|canoe hire, rowing boats, day hire, guided trips, life jackets
cycle-hire|cycle hire, bike hire, bicycle hire, electric bike hire, cycle tours, tandem hire|bicycles, tandems, trailers|day hire, week hire, electric bicycles, delivery, routes
taxi|taxi, taxi firm, minicab, private hire driver, airport transfers, chauffeur, wedding car hire, minibus hire, coach firm|journeys, seats, cars|local journeys, airport runs, school runs, wheelchair access, minibus hire
haulier|haulier, haulage firm, courier, carrier, pallet delivery, livestock haulier, boat transport, motorcycle courier, cargo bike courier|loads, parcels, pallets|local deliveries, long-distance loads, pallets, storage, boat transport
storage|self storage, storage firm, boat storage, caravan storage, container storage|units, containers, spaces|storage units, boat storage, caravans, boxes, access hours
tool-hire|tool hire, plant hire, van hire, car hire, trailer hire, crane hire, generator hire|tools, diggers, vans|tools, diggers, trailers, vans, delivery
event-hire|marquee hire, party hire, tent hire, event hire, furniture hire, catering equipment hire|marquees, tents, tables, chairs|marquees, tables and chairs, dance floors, lighting, delivery and pitching
marina|marina, moorings, dry stack, boat park, mooring contractor|berths, moorings, slips|annual berths, visitor berths, launching, fuel, washing facilities
diver|diver, commercial diver, diving firm, dive shop, dive boat, salvage diver, tug operator, workboat hire, pilot boat|hulls, moorings, wrecks|hull cleaning, moorings, inspections, recovery, workboat hire
balloonist|balloon flights, gliding club, flying club, air taxi, paragliding flights, balloonist, helicopter flights|flights, baskets, gliders|balloon flights, trial flights, vouchers, group flights, weather line
mountain-guide|mountain guide, walking guide, outdoor centre, climbing guide, adventure centre, high ropes park, canoe guide, fishing guide|walks, climbs, days out|guided days, small groups, equipment, families, vouchers
beach-hire|beach hut hire, deckchair hire, beach hire, wetsuit hire|huts, deckchairs, boards|day hire, week hire, deckchairs, windbreaks
car-wash|car wash, car valeter, valeting, mobile valeter, boat valeter|cars, boats, interiors|outside wash, full valet, boats, collection
breakdown|breakdown recovery, vehicle recovery, roadside recovery, car transporter, scrap yard, car breaker|vehicles, parts, recoveries|recovery, transport, scrap cars, parts
fuel-merchant|fuel merchant, coal merchant, heating oil supplier, gas bottle supplier, filling station, petrol station|fuel, coal, bottles|coal, heating oil, gas bottles, delivery
milkman|milk round, milkman, milk delivery, doorstep delivery, mobile shop, fish van|milk, eggs, rounds|milk round, eggs and butter, changes, holidays
tour-operator|travel planner, walking holidays, cycling holidays, coach trips, pilgrimage organiser, holiday organiser, sailing holidays|trips, routes, dates|planned trips, guided groups, dates, made-to-measure trips
carriage-hire|horse and carriage hire, wedding carriage, vintage bus hire, vintage car hire, tractor rides, road train|carriages, cars, rides|weddings, outings, proms, viewings
shipping-office|post and packing shop, parcel shop, freight forwarder, customs agent, shipping agent, island freight|parcels, crates, papers|parcels, packing, customs papers, island freight`;
