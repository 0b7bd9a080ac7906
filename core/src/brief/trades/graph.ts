/**
 * The trades the house knows, a line each: id, family, the schema.org type of such a business, and what pictures of the trade show
 * (see `look/pictures`), where that is sure. What each is called is with the languages.
 */
export const TRADES = `boatyard craft LocalBusiness boat,planks,rope,dinghy
pottery craft Store pot,jug,bowl,vase,kiln
joinery craft HomeAndConstructionBusiness plane,planks,chisels,saw,door,window,shelf
bookbinder craft ProfessionalService book,press
basket-maker craft Store basket
stained-glass craft ProfessionalService window
sailmaker craft LocalBusiness sails,cloth,scissors
ropemaker craft Store rope,spool
cooper craft Store barrel
blacksmith craft LocalBusiness anvil,hammer
letterpress craft LocalBusiness press,book,pen
candle-maker craft Store candle
soap-maker craft Store
toymaker craft ToyStore
weaver craft Store cloth,spool
signwriter craft LocalBusiness paint
saddler craft Store
instrument-maker craft LocalBusiness violin
jeweller craft JewelryStore
dressmaker craft LocalBusiness scissors,spool,cloth
picture-framer craft Store frame
wood-turner craft Store
wood-carver craft Store chisels
chair-maker craft Store chair
furniture-maker craft FurnitureStore table,chair,shelf,bed,planks,plane
kitchen-maker craft HomeAndConstructionBusiness planks,plane,table
glassblower craft Store vase,bottle
knife-maker craft Store
hatter craft ClothingStore
glove-maker craft ClothingStore
umbrella-maker craft Store umbrella
broom-maker craft Store
paper-maker craft Store
lampshade-maker craft Store lamp
quilter craft Store cloth,scissors
embroiderer craft Store spool,scissors
lace-maker craft Store spool
knitter craft Store spool
felt-maker craft Store
dyer craft Store cloth
textile-printer craft Store press,cloth
printmaker craft Store press
sculptor craft Store
artist craft Store paint
mosaic-maker craft Store
tile-maker craft Store
brickmaker craft Store
bell-founder craft LocalBusiness
organ-builder craft LocalBusiness
drum-maker craft LocalBusiness
model-maker craft Store
kite-maker craft Store
tent-maker craft LocalBusiness
net-maker craft LocalBusiness net
oar-maker craft Store
hurdle-maker craft LocalBusiness
charcoal-burner craft Store
taxidermist craft LocalBusiness
coppersmith craft LocalBusiness kettle
clog-maker craft ShoeStore shoe
leather-goods craft Store
tanner craft LocalBusiness
bow-maker craft Store
bagpipe-maker craft Store
sundial-maker craft Store
trophy-engraver craft Store
surfboard-maker craft SportingGoodsStore wave
canoe-builder craft LocalBusiness dinghy
caravan-builder craft LocalBusiness wheel
machine-shop craft LocalBusiness gears
electronics-maker craft LocalBusiness
packaging-maker craft Store
print-finisher craft LocalBusiness press
mattress-maker craft Store bed
perfume-maker craft Store bottle
craft-supplies craft Store spool
game-maker craft ToyStore
urn-maker craft Store
ship-carver craft LocalBusiness boat
trug-maker craft Store basket
spinner craft Store spool
tapestry-weaver craft Store cloth
lettercutter craft ProfessionalService chisels
enameller craft Store
stage-builder craft LocalBusiness
greetings-card-maker craft Store pen
clockmaker repair Store clock,gears,watch
accordion-maker repair LocalBusiness
woodwind-repairer repair LocalBusiness
cycles repair BikeStore bicycle,wheel
upholsterer repair LocalBusiness chair,cloth,scissors
piano-tuner repair LocalBusiness piano
locksmith repair Locksmith key
shoe-repairer repair LocalBusiness shoe
furniture-restorer repair LocalBusiness table,chair
garage repair AutoRepair wheel,van,gears
motorcycle-workshop repair MotorcycleRepair wheel
body-shop repair AutoBodyShop
classic-car-restorer repair AutoRepair wheel
caravan-workshop repair AutoRepair
tyre-fitter repair TireShop wheel
marine-engineer repair LocalBusiness boat
rigger repair LocalBusiness boat,rope
appliance-repairer repair LocalBusiness
radio-repairer repair LocalBusiness
computer-repairer repair ComputerStore
sewing-machine-repairer repair LocalBusiness spool
tool-sharpener repair LocalBusiness
mower-repairer repair LocalBusiness
agricultural-mechanic repair LocalBusiness
welder repair LocalBusiness
electroplater repair LocalBusiness
doll-repairer repair LocalBusiness
ceramic-restorer repair LocalBusiness pot,bowl
painting-restorer repair ProfessionalService frame
rug-repairer repair LocalBusiness
stove-restorer repair LocalBusiness
pen-repairer repair Store pen
camera-repairer repair Store
harp-maker repair LocalBusiness
ski-workshop repair SportingGoodsStore
tackle-shop repair SportingGoodsStore
wheelwright repair LocalBusiness wheel
farrier repair LocalBusiness anvil
clothes-mender repair LocalBusiness spool,scissors
tool-library repair Organization hammer
vehicle-electrician repair AutoRepair
hydraulic-repairer repair LocalBusiness
inflatable-repairer repair LocalBusiness boat
musical-box-repairer repair LocalBusiness gears
leather-restorer repair LocalBusiness
chimney-sweep building HomeAndConstructionBusiness
thatcher building RoofingContractor house
stonemason building HomeAndConstructionBusiness
plumber building Plumber tap
electrician building Electrician lamp
plasterer building HomeAndConstructionBusiness
roofer building RoofingContractor house
decorator building HousePainter paint,ladder,door,window
tiler building HomeAndConstructionBusiness
window-cleaner building HomeAndConstructionBusiness ladder
stove-fitter building HomeAndConstructionBusiness
floor-layer building HomeAndConstructionBusiness planks
fencer building HomeAndConstructionBusiness
removals building MovingCompany van
builder building GeneralContractor house,ladder
timber-framer building GeneralContractor planks
window-restorer building HomeAndConstructionBusiness window
glazier building HomeAndConstructionBusiness window
handyman building HomeAndConstructionBusiness hammer
scaffolder building HomeAndConstructionBusiness
insulation-fitter building HomeAndConstructionBusiness house
solar-installer building HomeAndConstructionBusiness house
drain-clearer building Plumber
well-driller building GeneralContractor
groundworker building GeneralContractor
lime-worker building HomeAndConstructionBusiness
conservatory-builder building HomeAndConstructionBusiness
curtain-maker building HomeGoodsStore cloth
cleaner building HomeAndConstructionBusiness
pest-controller building HomeAndConstructionBusiness
aerial-fitter building HomeAndConstructionBusiness
alarm-fitter building HomeAndConstructionBusiness
pool-builder building HomeAndConstructionBusiness
lift-engineer building HomeAndConstructionBusiness
steeplejack building HomeAndConstructionBusiness
house-clearer building LocalBusiness van
skip-hire transport LocalBusiness
playground-builder building GeneralContractor
staircase-maker building HomeAndConstructionBusiness planks
door-maker building HomeAndConstructionBusiness door
blind-fitter building HomeAndConstructionBusiness window
demolition building GeneralContractor
damp-proofer building GeneralContractor
heat-engineer building Plumber
conservation-builder building GeneralContractor house
shopfitter building GeneralContractor planks
metal-roofer building RoofingContractor
house-minder building HomeAndConstructionBusiness
pressure-washing building LocalBusiness
tree-surgeon land HomeAndConstructionBusiness tree,ladder
gardener land HomeAndConstructionBusiness spade,barrow,can,tree
hedge-layer land LocalBusiness tree
garden-designer land ProfessionalService spade,tree
forester land LocalBusiness tree
sawmill land Store saw,planks
animal-boarding land LocalBusiness
riding-stable land SportsActivityLocation
wool-grower land LocalBusiness
flower-farm land Florist flowerpot,sunflower
compost land LocalBusiness
gamekeeper land LocalBusiness
bulb-grower land GardenStore flowerpot
livestock-breeder land LocalBusiness
contractor-farm land LocalBusiness
path-builder land LocalBusiness
lawn-care land LocalBusiness
garden-builder land LocalBusiness
beekeeper food Store bee,jar
farm food LocalBusiness cabbage,basket,apple
orchard food LocalBusiness apple,tree
vineyard food Winery bottle,barrel
cider-maker food LocalBusiness apple,barrel,bottle
brewery food Brewery barrel,bottle
distillery food Distillery bottle,barrel
cheesemaker food Store
smokehouse food Store
mill food Store
oil-press food Store
salt-maker food Store
preserve-maker food Store jar
chocolate-maker food Store
tea-merchant food Store cup,kettle
egg-producer food LocalBusiness
mushroom-grower food LocalBusiness
oyster-farm food LocalBusiness shell,boat
fisherman food LocalBusiness boat,net
cake-maker food LocalBusiness
ice-cream-maker food LocalBusiness
food-van food LocalBusiness van
pasta-maker food Store
fruit-juice food Store bottle
crop-farm food LocalBusiness
pie-maker food Store
clock-dealer shop Store clock
salvage-yard shop Store
seeds shop GardenStore sprout,flowerpot,sunflower,can
nursery shop GardenStore flowerpot,sprout
fishmonger shop Store
greengrocer shop GroceryStore cabbage,apple,crate,basket
butcher shop Store
wool-shop shop Store spool
antique-dealer shop Store table,clock,chair,vase,frame
florist shop Florist flowerpot,vase
bookshop shop BookStore book,shelf
ironmonger shop HardwareStore hammer,key,paint,saw,lamp
village-shop shop GroceryStore crate
wholefood-shop shop GroceryStore jar
wine-merchant shop LiquorStore bottle
clothes-shop shop ClothingStore
shoe-shop shop ShoeStore shoe
toy-shop shop ToyStore
record-shop shop MusicStore
art-supplies shop Store paint,pen
fabric-shop shop Store cloth,scissors
furniture-shop shop FurnitureStore chair,table,bed,lamp
optician shop Store
hearing-shop shop Store
chemist shop Pharmacy
gallery shop ArtGallery frame,paint
chandlery shop Store rope,anchor
outdoor-shop shop SportingGoodsStore
feed-merchant shop Store
stamp-dealer shop Store
mineral-shop shop Store
costume-hire shop Store
electrical-shop shop Store lamp
charity-shop shop Store
gravel-merchant shop Store
paint-shop shop HardwareStore paint
kitchen-shop shop HomeGoodsStore jug,bowl
tobacconist shop Store
pram-shop shop Store
mobility-shop shop Store
saddle-shop shop Store
aquarium-shop shop Store
vehicle-dealer shop AutoDealer
market-stall shop Store crate
uniform-shop shop ClothingStore
phone-shop shop ElectronicsStore
guesthouse stay LodgingBusiness bed,lamp,door,window,kettle
campsite stay Campground
holiday-cottage stay LodgingBusiness house,door,bed
hostel stay Hostel bed
houseboat-hire stay LodgingBusiness boat
wedding-barn stay EventVenue
lighthouse-stay stay LodgingBusiness lighthouse,bed
hotel stay Hotel bed
allotments club Organization spade,cabbage,can
choir club MusicGroup
brass-band club MusicGroup
bell-ringers club Organization
history-society club Organization book
sailing-club club SportsClub sails,dinghy
rowing-club club SportsClub dinghy
football-club club SportsClub
bowls-club club SportsClub
cycling-club club SportsClub bicycle
walking-club club SportsClub
swimming-club club SportsClub wave
chess-club club Organization
drama-society club TheaterGroup
morris-side club PerformingGroup
gardening-club club Organization flowerpot,spade
neighbourhood-group club Organization
community-workshop club Organization
youth-group club Organization
charity club NGO hands
lifeboat club NGO boat,lighthouse
fire-brigade club NGO
church club Church
donkey-sanctuary club NGO
community-shop-society club Organization
parents-association club Organization
trade-guild club Organization
fishing-club club SportsClub
riding-club club SportsClub
martial-arts-club club SportsClub
art-circle club Organization
twinning-association club Organization
patients-group club NGO
energy-group club Organization
service-club club NGO
carnival-club club Organization
steam-owners club Organization wheel
old-boats club Organization boat
model-club club Organization
museum culture Museum
village-hall culture EventVenue house
library culture Library book,shelf
theatre culture TheaterGroup
festival culture Organization
heritage-railway culture TouristAttraction wheel
show-garden culture TouristAttraction tree,flowerpot
tourist-office culture TouristInformationCenter
musician culture MusicGroup violin
building-friends culture LocalBusiness
observatory culture TouristAttraction
adventure-golf culture TouristAttraction
artist-residency culture Organization
visitor-farm culture TouristAttraction
land-surveyor office ProfessionalService
interior-designer office ProfessionalService
bookkeeper office AccountingService book
translator office ProfessionalService pen
architect office ProfessionalService house
engineer office ProfessionalService
building-surveyor office ProfessionalService house
lawyer office LegalService scales
insurance-broker office InsuranceAgency umbrella
estate-office office RealEstateAgent house,key
graphic-designer office ProfessionalService pen
software-developer office ProfessionalService
secretary office ProfessionalService pen
consultant office ProfessionalService
laboratory office ProfessionalService
publisher office Organization book
co-working office LocalBusiness table
parish-council office GovernmentOffice
film-maker office ProfessionalService
web-designer office ProfessionalService
recruiter office ProfessionalService
product-designer office ProfessionalService
quantity-surveyor office ProfessionalService
genealogist office ProfessionalService book
celebrant office ProfessionalService
event-planner office ProfessionalService
radio-station office Organization
energy-adviser office ProfessionalService
mediator office LegalService
notary office LegalService
music-teacher person EducationalOrganization piano,violin
tutor person EducationalOrganization book,pen
hairdresser person HairSalon scissors
beautician person BeautySalon
laundry person DryCleaningOrLaundry
undertaker person LocalBusiness
midwife person MedicalBusiness
childminder person ChildCare
home-care person LocalBusiness hands
vet person VeterinaryCare
dentist person Dentist
doctor person MedicalBusiness
masseur person HealthAndBeautyBusiness hands
driving-school person EducationalOrganization
language-teacher person EducationalOrganization
dance-teacher person EducationalOrganization
sailing-school person SportsActivityLocation sails,dinghy
swimming-teacher person SportsActivityLocation wave
art-teacher person EducationalOrganization paint,pen
barber person HairSalon scissors
tattooist person LocalBusiness pen
chiropodist person MedicalBusiness
physio person MedicalBusiness hands
speech-practice person MedicalBusiness
yoga-teacher person SportsActivityLocation
sauna person HealthAndBeautyBusiness
caterer person LocalBusiness
magician person PerformingGroup
dog-groomer person LocalBusiness scissors
dog-walker person LocalBusiness
dog-trainer person LocalBusiness
ski-school person SportsActivityLocation
ferry transport LocalBusiness boat,wave
boat-hire transport LocalBusiness boat,dinghy
cycle-hire transport LocalBusiness bicycle
taxi transport TaxiService
haulier transport LocalBusiness van
storage transport SelfStorage crate
tool-hire transport Store hammer,ladder
event-hire transport Store
marina transport LocalBusiness boat,anchor
diver transport LocalBusiness wave
balloonist transport LocalBusiness cloud
mountain-guide transport LocalBusiness
beach-hire transport SportingGoodsStore
car-wash transport AutoWash
breakdown transport AutoRepair
fuel-merchant transport LocalBusiness
milkman transport LocalBusiness bottle
tour-operator transport TravelAgency
carriage-hire transport LocalBusiness
shipping-office transport LocalBusiness`;
