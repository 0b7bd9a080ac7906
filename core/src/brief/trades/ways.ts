/**
 * How trades are plied, a line each: the way of working and the trades that share it. Who mends clocks and who mends chairs
 * are asked the same; who mends vans is asked something else. A trade that stands nowhere has the words of its family.
 */
const WAYS = `woodwork joinery furniture-maker kitchen-maker chair-maker wood-turner wood-carver staircase-maker mattress-maker
wares pottery glassblower basket-maker candle-maker soap-maker broom-maker trug-maker umbrella-maker lampshade-maker perfume-maker toymaker kite-maker game-maker greetings-card-maker cooper hurdle-maker charcoal-burner tile-maker
cloth weaver quilter embroiderer lace-maker knitter felt-maker dyer textile-printer spinner tapestry-weaver dressmaker hatter glove-maker
leather saddler leather-goods tanner clog-maker leather-restorer
metal blacksmith coppersmith knife-maker trophy-engraver sundial-maker bell-founder enameller welder electroplater
jewellery jeweller
print letterpress bookbinder printmaker paper-maker packaging-maker print-finisher
boats boatyard sailmaker canoe-builder oar-maker surfboard-maker ship-carver marine-engineer rigger inflatable-repairer
instruments instrument-maker organ-builder drum-maker bagpipe-maker harp-maker accordion-maker woodwind-repairer piano-tuner
commissions signwriter stained-glass sculptor artist mosaic-maker lettercutter picture-framer urn-maker taxidermist
parts machine-shop electronics-maker caravan-builder stage-builder model-maker ropemaker net-maker tent-maker
restoring clockmaker doll-repairer ceramic-restorer painting-restorer pen-repairer camera-repairer musical-box-repairer rug-repairer furniture-restorer upholsterer stove-restorer
bench cycles sewing-machine-repairer tool-sharpener mower-repairer appliance-repairer radio-repairer computer-repairer shoe-repairer clothes-mender ski-workshop locksmith laundry
vehicles garage motorcycle-workshop body-shop classic-car-restorer caravan-workshop tyre-fitter vehicle-electrician agricultural-mechanic hydraulic-repairer wheelwright
walls-and-roofs thatcher stonemason plasterer roofer builder timber-framer lime-worker conservation-builder metal-roofer damp-proofer steeplejack groundworker conservatory-builder
pipes-and-wires plumber electrician heat-engineer solar-installer alarm-fitter aerial-fitter well-driller drain-clearer lift-engineer stove-fitter pool-builder
rooms decorator tiler floor-layer curtain-maker blind-fitter glazier window-restorer door-maker insulation-fitter shopfitter
rounds chimney-sweep window-cleaner cleaner pest-controller pressure-washing house-minder handyman lawn-care
gardens gardener garden-designer tree-surgeon hedge-layer garden-builder path-builder
animals animal-boarding riding-stable dog-groomer dog-walker dog-trainer
farm-gate beekeeper farm orchard egg-producer mushroom-grower oyster-farm fisherman crop-farm
drink vineyard cider-maker brewery distillery fruit-juice tea-merchant wine-merchant
larder cheesemaker smokehouse mill oil-press salt-maker preserve-maker chocolate-maker ice-cream-maker pasta-maker pie-maker cake-maker
catering food-van caterer
second-hand clock-dealer salvage-yard antique-dealer stamp-dealer record-shop bookshop mineral-shop charity-shop
provisions fishmonger greengrocer butcher village-shop wholefood-shop
materials ironmonger wool-shop fabric-shop art-supplies paint-shop gravel-merchant feed-merchant chandlery craft-supplies tackle-shop
plants seeds nursery florist bulb-grower flower-farm
fitted clothes-shop shoe-shop outdoor-shop pram-shop mobility-shop saddle-shop uniform-shop optician hearing-shop furniture-shop
guest-rooms guesthouse hotel hostel lighthouse-stay
own-door holiday-cottage houseboat-hire
players choir brass-band bell-ringers drama-society morris-side
sport sailing-club rowing-club football-club bowls-club cycling-club walking-club swimming-club riding-club martial-arts-club fishing-club
pursuits allotments gardening-club community-workshop steam-owners old-boats model-club art-circle chess-club
cause charity neighbourhood-group youth-group patients-group energy-group service-club
sights museum heritage-railway show-garden observatory visitor-farm
house-and-stage village-hall theatre
papers lawyer notary bookkeeper insurance-broker mediator
plans architect engineer land-surveyor building-surveyor interior-designer quantity-surveyor
media graphic-designer software-developer web-designer film-maker publisher product-designer
occasions celebrant event-planner magician
lessons music-teacher tutor language-teacher dance-teacher sailing-school swimming-teacher art-teacher driving-school yoga-teacher ski-school
treatment masseur chiropodist physio beautician
care childminder home-care
hire boat-hire cycle-hire tool-hire event-hire beach-hire costume-hire tool-library
carrying removals haulier taxi shipping-office
outings balloonist mountain-guide tour-operator
keeping storage marina`;

const wayByTrade = new Map(
  WAYS.split('\n').flatMap((line) => {
    const [way, ...trades] = line.split(' ');
    return trades.map((trade) => [trade, way!] as const);
  }),
);

/** The way of working of a trade by its id; undefined where it has only that of its family. */
export const wayOf = (trade: string): string | undefined => wayByTrade.get(trade);
/** Every trade that has one. */
export const tradesWithWays: readonly string[] = [...wayByTrade.keys()];
