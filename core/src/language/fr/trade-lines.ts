/**
 * The trades in French, a line each, in the order of the graph: id and gender, what the trade and who plies it are called, the
 * first of them the one used; what is worked on, sold or looked after; what such a business usually offers, in one order in
 * every language.
 */
export const tradeLines = `boatyard m|chantier naval, charpentier de marine, constructeur de bateaux|bateaux, voiliers, canots|réparation de coque, bordage et calfatage, entretien moteur, hivernage, mise à l’eau
pottery f|poterie, potier, potière, céramiste, atelier de céramique|bols, cruches, assiettes, vases|vaisselle, commandes, pièces uniques, second choix, visite de l’atelier
joinery f|menuiserie, menuisier, ébéniste, menuisier ébéniste, ébénisterie|portes, fenêtres, escaliers, placards|portes sur mesure, fenêtres, escaliers, placards intégrés, réparations
bookbinder m|atelier de reliure, relieur, relieuse, reliure, relieur doreur|livres, albums, coffrets, registres|reliure neuve, réparation de livres, étuis et coffrets, mémoires, livres d’or
basket-maker f|vannerie, vannier, vannière, osiériculteur|paniers, corbeilles, osier|paniers à bûches, paniers de marché, structures en osier, réparations, commandes
stained-glass m|atelier de vitrail, maître verrier, vitrailliste, vitrail|vitraux, panneaux, verrières|créations de vitraux, restauration de vitraux, portes vitrées, vitraux d’église, pose
sailmaker f|voilerie, maître voilier, voilier réparateur|voiles, tauds, capotes|voiles neuves, réparation de voiles, tauds et capotes, lavage et hivernage, lazy-bags
ropemaker f|corderie, cordier, maître cordier|cordes, cordages, défenses|cordes sur mesure, épissures, cordes de cloche, défenses, cordons d’accueil
cooper f|tonnellerie, tonnelier|tonneaux, barriques, cuves|tonneaux neufs, réparation de barriques, cuves, bacs à plantes, récupérateurs d’eau
blacksmith f|forge, forgeron, ferronnier, ferronnerie, ferronnier d’art|portails, rampes, ferrures|portails et rampes, pentures, ferronnerie de cheminée, réparations, commandes
letterpress f|imprimerie, imprimeur, typographe, imprimerie typographique|cartes, faire-part, affiches|faire-part, cartes de visite, affiches, papier à lettres, petits livres
candle-maker f|ciergerie, cirier, fabricant de bougies|bougies, cierges|bougies de table, cierges, bougies en cire d’abeille, bougies de baptême, commandes
soap-maker f|savonnerie, savonnier, savonnière|savons, baumes|savons solides, savon à barbe, savon de ménage, coffrets, vente en gros
toymaker m|fabricant de jouets, jouets en bois, atelier de jouets, marionnettiste fabricant|jouets en bois, chevaux à bascule, marionnettes|jouets en bois, chevaux à bascule, réparation de jouets, maisons de poupées, commandes
weaver m|atelier de tissage, tisserand, tisserande, tissage à la main|étoffes, couvertures, tapis, écharpes|couvertures, écharpes, tapis, tissu au mètre, commandes
signwriter m|peintre en lettres, peintre d’enseignes, enseigniste|enseignes, devantures, noms de bateaux|enseignes, lettres dorées, noms de bateaux, tableaux d’honneur, véhicules
saddler f|sellerie, sellier, bourrelier, sellier harnacheur|selles, brides, ceintures, sacs|réparation de selles, brides et harnais, ceintures, sacs, réglage de selles
instrument-maker m|luthier, lutherie, facteur d’instruments, luthière, archetier|violons, violoncelles, guitares, archets|instruments neufs, réparations, reméchage d’archets, réglages, expertises
jeweller f|bijouterie, bijoutier, joaillier, orfèvre, bijoutière, créatrice de bijoux|bagues, colliers, broches|alliances, réparations, mise à taille, commandes, transformation de bijoux
dressmaker m|atelier de couture, couturière, tailleur, couturier, retoucheuse, retouches|robes, costumes, manteaux|retouches, robes de mariée, costumes sur mesure, réparations, fermetures et ourlets
picture-framer m|atelier d’encadrement, encadreur, encadreuse, encadrement, doreur|tableaux, miroirs, cadres|cadres sur mesure, passe-partout, dorure, réparation de cadres, remplacement de verre
wood-turner m|tourneur sur bois, tournage sur bois, atelier de tournage|bols, balustres, manches|bols tournés, balustres, manches d’outils, copies d’anciennes pièces, commandes
wood-carver m|sculpteur sur bois, sculpture sur bois, atelier de sculpture|sculptures, figures, reliefs|figures et reliefs, lettrage, restauration, blasons, commandes
chair-maker m|chaisier, rempailleur, rempailleuse, canneur, cannage et paillage|chaises, tabourets, bancs|chaises neuves, paillage, cannage, réparations, tabourets
furniture-maker m|fabricant de meubles, atelier de meubles, créateur de meubles|tables, bibliothèques, lits|tables, bibliothèques, lits, commandes, réparations
kitchen-maker m|cuisiniste, fabricant de cuisines, menuisier agenceur|cuisines, plans de travail, garde-manger|cuisines sur mesure, plans de travail, garde-manger, nouvelles façades, pose
glassblower f|verrerie, souffleur de verre, verrier, souffleuse de verre|verres, vases, lampes|verres à boire, vases, abat-jour, réparations, commandes
knife-maker f|coutellerie, coutelier, forgeron coutelier|couteaux, lames, ciseaux|couteaux de cuisine, couteaux pliants, affûtage, nouveaux manches, commandes
hatter f|chapellerie, chapelier, modiste, chapelière|chapeaux, casquettes, coiffes|chapeaux sur mesure, remise en forme, coiffes de mariage, rubans, nettoyage
glove-maker f|ganterie, gantier, gantière|gants, moufles|gants sur mesure, gants doublés, réparations, gants d’équitation, bons cadeaux
umbrella-maker m|fabricant de parapluies, réparateur de parapluies, parapluiterie|parapluies, ombrelles, cannes|réparation de parapluies, nouvelles toiles, ombrelles, poignées, cannes
broom-maker f|brosserie, brossier, fabricant de balais|brosses, balais|balais, brosses à main, regarnissage, brosses spéciales, balais de bruyère
paper-maker m|moulin à papier, papetier artisan, fabricant de papier, marbreur|papiers, feuilles, carnets|feuilles à la main, papiers marbrés, filigranes, carnets, papeterie de mariage
lampshade-maker m|fabricant d’abat-jour, abat-jouriste, créateur de luminaires|abat-jour, lampes, luminaires|abat-jour sur mesure, recouvrement, réfection électrique, pieds de lampe, réparations
quilter m|atelier de patchwork, quilteuse, boutis|courtepointes, coussins, couvre-lits|couvertures souvenirs, matelassage, réparations, coussins, commandes
embroiderer m|atelier de broderie, brodeur, brodeuse, broderie|écussons, linge, bannières|noms et écussons, vêtements de travail, bannières, linge, réparations
lace-maker m|atelier de dentelle, dentellière, dentelle aux fuseaux|dentelles, cols, galons|dentelle au mètre, cols et poignets, réparations, robes de baptême, modèles
knitter m|atelier de tricot, tricoteuse, créatrice de maille|pulls, chaussettes, bonnets|pulls sur mesure, chaussettes, bonnets, raccommodage, modèles
felt-maker m|atelier de feutre, feutrière, feutrier|feutre, chaussons, chapeaux|chaussons, chapeaux, tentures, coussins, commandes
dyer f|teinturerie artisanale, teinturier, teinturière, indigo|étoffes, fils, vêtements|teinture de vêtements, fils, indigo, teinture sur échantillon, couleurs végétales
textile-printer m|atelier de sérigraphie, sérigraphe, impression textile|tissus, chemises, torchons|chemises, torchons, tissu au mètre, petites séries, commandes
printmaker m|graveur, atelier de gravure, graveuse, linograveuse|estampes, linogravures, eaux-fortes|estampes, ex-libris, gravure sur commande, estampes encadrées, atelier ouvert
sculptor m|sculpteur, sculptrice, atelier de sculpture sur pierre, graveur sur pierre|sculptures, stèles, inscriptions|commandes, sculptures de jardin, lettrage, stèles, bronzes
artist m|artiste peintre, peintre portraitiste, aquarelliste, atelier d’artiste|tableaux, portraits, dessins|portraits, tableaux, commandes, portraits de maisons, atelier ouvert
mosaic-maker m|atelier de mosaïque, mosaïste|mosaïques, sols, panneaux|mosaïques de sol, numéros de maison, mosaïques de jardin, réparations, commandes
tile-maker f|fabrique de carreaux, carreaux de ciment, faïencerie, faïencier|carreaux, frises, panneaux|carreaux de cheminée, copies d’anciens, panneaux peints, second choix, commandes
brickmaker f|briqueterie, briquetier, tuilerie, tuilier|briques, tuiles, pavés|briques moulées main, copies de briques, tuiles, pavés, échantillons
bell-founder f|fonderie, fondeur de cloches, fonderie d’art, campaniste|cloches, fontes, pièces|cloches neuves, accordage, beffrois, fontes, réparations
organ-builder m|facteur d’orgues, manufacture d’orgues, organier|orgues, tuyaux, harmoniums|accord, restauration, orgues neuves, réparation d’harmoniums, entretien
drum-maker m|facteur de tambours, atelier de percussions, fabricant de tambours|tambours, peaux, baguettes|tambours neufs, pose de peaux, réparations, tambours à cordes, housses
model-maker m|maquettiste, atelier de maquettes, modéliste naval|maquettes, demi-coques, dioramas|demi-coques, maquettes de bateaux, réparations, maquettes d’architecture, vitrines
kite-maker m|fabricant de cerfs-volants, fabricant de drapeaux|cerfs-volants, drapeaux, bannières|cerfs-volants, drapeaux sur mesure, guirlandes, bannières, réparations
tent-maker m|fabricant de tentes, bâcheur, atelier de bâches, storiste|tentes, stores, bâches|stores, bâches sur mesure, réparation de tentes, housses, chapiteaux
net-maker m|atelier de filets, ramendeur, fabricant de filets|filets, casiers, nasses|filets, casiers, ramendage, filets de sport, filets de protection
oar-maker m|fabricant d’avirons, mâteur, fabricant de mâts|avirons, mâts, espars|avirons, mâts et espars, pagaies, réparations, cuirs
hurdle-maker m|fabricant de claies, claies et ganivelles, travailleur du taillis|claies, pieux, perches|claies tressées, piquets, rames à haricots, panneaux de jardin, entretien de taillis
charcoal-burner m|charbonnier, marchand de bois, bois de chauffage|charbon de bois, bûches, petit bois|charbon de bois, bûches sèches, petit bois, livraison, bois séché
taxidermist m|taxidermiste, naturaliste préparateur, sculpteur sur corne|pièces, cornes|commandes, restauration, location, musées
coppersmith m|chaudronnier d’art, dinandier, étameur, potier d’étain|casseroles, chaudrons|étamage, chaudrons, girouettes, réparations
clog-maker m|sabotier, fabricant de sandales, pantouflier|sabots, sandales|sabots sur mesure, ressemelage, enfants, réparations
leather-goods f|maroquinerie, maroquinier, artisan du cuir|sacs, ceintures, portefeuilles|sacs, ceintures, réparations, initiales
tanner f|tannerie, tanneur, mégisserie|peaux, cuirs|peaux de mouton, tannage à façon, cuirs, visites
bow-maker m|facteur d’arcs, archerie, archetier de tir|arcs, flèches, cordes|arcs droits, flèches, cordes, réparations
bagpipe-maker m|facteur de cornemuses, facteur de bombardes, anchier|cornemuses, anches|instruments neufs, anches, réglage, réparations
sundial-maker m|cadranier, fabricant de girouettes, fabricant de globes|cadrans, girouettes, globes|cadrans solaires, girouettes, restauration, visite
trophy-engraver m|atelier de gravure sur métal, graveur sur métal, trophées et coupes, fabricant de tampons|plaques, coupes, bagues|coupes, plaques, gravure, tampons
surfboard-maker m|fabricant de planches de surf, shapeur|planches, dérives|planches sur mesure, réparations, dérives, occasions
canoe-builder m|constructeur de canoës, constructeur de kayaks, fabricant de pirogues|canoës, kayaks, pagaies|canoës neufs, réparations, pagaies, semaines de construction
caravan-builder m|fabricant de roulottes, constructeur de tiny houses, constructeur de cabanes|roulottes, cabanes|roulottes sur mesure, châssis, poêles, livraison
machine-shop m|atelier de mécanique, tourneur fraiseur, mécanique de précision, outilleur, usinage|pièces, engrenages, arbres|pièces tournées, fraisage, pièces uniques, réparations
electronics-maker m|atelier d’électronique, fabricant d’enceintes, électronicien|cartes, amplificateurs, enceintes|réparations, prototypes, amplificateurs, petites séries
packaging-maker f|cartonnerie, cartonnier, fabricant de boîtes, caisserie, layetier|boîtes, caisses, étuis|boîtes sur mesure, caisses, petites séries, calages
print-finisher m|centre de copie, imprimeur numérique, reprographie, marquage publicitaire|copies, affiches, banderoles|copies, affiches, banderoles, reliures
mattress-maker m|matelassier, fabricant de matelas, literie artisanale|matelas, couettes, oreillers|matelas sur mesure, réfection, couettes, coussins de bateau
perfume-maker f|parfumerie artisanale, parfumeur créateur, distillerie d’huiles essentielles, cosmétiques artisanaux|parfums, huiles, baumes|parfums, huiles, créations, coffrets
craft-supplies m|magasin de loisirs créatifs, boutique de perles, créatrice de patrons|kits, perles, patrons|kits, patrons, fournitures, commandes
game-maker m|créateur de jeux, fabricant de puzzles, fabricant d’échiquiers|jeux, puzzles, échiquiers|jeux, puzzles sur commande, pièces manquantes, revendeurs
urn-maker m|marbrier funéraire, graveur funéraire, fabricant d’urnes|stèles, urnes, plaques|stèles, inscriptions, urnes, nettoyage
ship-carver m|sculpteur de figures de proue, sculpteur naval|figures, tableaux|tableaux de nom, dorure, restauration, commandes
trug-maker m|fabricant d’échelles, fabricant de râteaux, fabricant de cannes|échelles, râteaux, cannes|échelles, râteaux, manches, réparations
spinner f|filature artisanale, fileuse, fabricant de rouets|fils, toisons, rouets|fils, filage à façon, réparation de rouets, toisons
tapestry-weaver m|lissier, lissière, fabricant de tapis, atelier de tapisserie de lice|tapisseries, tapis|tapis sur mesure, tentures, réparations, expositions
lettercutter m|graveur lapidaire, graveur de lettres, fabricant de plaques en ardoise|plaques, inscriptions|plaques de maison, inscriptions, dessins, pose
enameller m|émailleur, émailleuse, atelier d’émail, perlière|émaux, plaques, perles|insignes, plaques, commandes, réparations
stage-builder m|constructeur de décors, accessoiriste, agenceur d’expositions|décors, accessoires, vitrines|décors, accessoires, expositions, montage
greetings-card-maker f|carterie, créatrice de cartes, éditeur de cartes postales|cartes, papiers, calendriers|cartes, papiers, calendriers, revendeurs
clockmaker m|horloger, horlogerie, réparateur d’horloges|horloges, montres, pendules, baromètres|réparation d’horloges, révision de montres, restauration de cadrans, changement de pile, déplacement à domicile
accordion-maker m|accordeur d’accordéons, facteur d’accordéons, réparateur d’accordéons|accordéons, concertinas|accord, réparations, soufflets, bretelles, instruments d’occasion
woodwind-repairer m|réparateur d’instruments à vent, facteur de flûtes|flûtes, clarinettes, trompettes|entretien, tampons, débosselage, location, occasions
cycles m|atelier de vélos, réparateur de vélos, vélociste, magasin de vélos, cadreur|vélos, roues, vélos cargo|révision complète, montage de roues, freins et vitesses, réparation de cadres, vélos d’occasion
upholsterer m|tapissier, tapissière, atelier de tapisserie, tapissier décorateur|chaises, fauteuils, canapés, coussins|réfection de sièges, housses, coussins, sangles et ressorts, conseil en tissus
piano-tuner m|accordeur de pianos, facteur de pianos, accordeuse de pianos, atelier de pianos|pianos, pianos à queue, pianos droits|accord, réglage, réparations, restauration, expertises
locksmith f|serrurerie, serrurier, serrurier dépanneur|serrures, clés, coffres-forts|pose de serrures, double de clés, ouverture de portes, coffres-forts, contrôle de sécurité
shoe-repairer f|cordonnerie, cordonnier, bottier, cordonnière|chaussures, bottes, sacs|semelles et talons, coutures, élargissement, teinture, chaussures sur mesure
furniture-restorer m|restaurateur de meubles, restauration de meubles, ébéniste restaurateur, vernisseur|meubles anciens, tables, chaises, secrétaires|vernis au tampon, placage, recollage, traitement contre les vers, cuirs de bureau
garage m|garage, garage automobile, mécanicien auto, garagiste|voitures, utilitaires, moteurs|révision, freins, échappement, pneus, contrôle avant visite technique
motorcycle-workshop m|atelier moto, mécanicien moto, réparateur de motos, atelier de scooters|motos, scooters, mobylettes|révision, pneus, électricité, carburateurs, restauration
body-shop f|carrosserie, carrossier, peintre automobile|voitures, carrosseries, peintures|bosses, peinture, rouille, sinistres d’assurance, polissage
classic-car-restorer m|atelier de voitures anciennes, restaurateur de voitures anciennes|voitures anciennes, moteurs, carrosseries|restauration, réfection de moteurs, châssis, sellerie, expertise avant achat
caravan-workshop m|atelier de caravanes, réparateur de camping-cars, aménageur de fourgons|caravanes, camping-cars, fourgons|contrôle d’étanchéité, réparation d’humidité, aménagements, gaz et électricité, auvents
tyre-fitter m|marchand de pneus, monteur de pneus, centre de pneus|pneus, roues|montage, réparation de crevaisons, équilibrage, géométrie, gardiennage
marine-engineer m|mécanicien marine, atelier de moteurs marins, motoriste marine|moteurs marins, hors-bord, lignes d’arbre|entretien moteur, réparation de hors-bord, hivernage moteur, lignes d’arbre, dépannage à quai
rigger m|gréeur, atelier de gréement, matelotage|gréements, mâts, câbles|gréement dormant, gréement courant, contrôle de mâts, épissures, filières
appliance-repairer m|réparateur d’électroménager, dépannage électroménager, dépanneur d’électroménager, électroménager|lave-linge, cuisinières, réfrigérateurs|lave-linge, cuisinières, réfrigérateurs, pièces détachées, appareils d’occasion
radio-repairer m|réparateur de radios, atelier hi-fi, réparateur d’amplificateurs|radios, amplificateurs, tourne-disques|réparation de radios, amplificateurs, platines, restauration, test de lampes
computer-repairer m|réparateur d’ordinateurs, dépannage informatique, informaticien de quartier, réparation de téléphones|ordinateurs, portables, téléphones|réparations, récupération de données, installation, écrans, visites à domicile
sewing-machine-repairer m|réparateur de machines à coudre, atelier de machines à coudre|machines à coudre, surjeteuses|révision, réparations, réglages, machines d’occasion, pièces
tool-sharpener m|rémouleur, affûteur, affûtage, atelier d’affûtage|couteaux, ciseaux, scies|couteaux et ciseaux, scies, outils de jardin, ciseaux à bois, tournée
mower-repairer m|réparateur de tondeuses, motoculture, atelier de motoculture|tondeuses, tronçonneuses, débroussailleuses|entretien de tondeuses, tronçonneuses, affûtage de lames, enlèvement, occasions
agricultural-mechanic m|mécanicien agricole, atelier agricole, réparateur de tracteurs|tracteurs, presses, remorques|réparation de tracteurs, dépannage au champ, hydraulique, soudure, pièces
welder m|soudeur, métallerie, métallier, atelier de soudure, chaudronnier|portails, châssis, supports|soudure, portails et garde-corps, supports et châssis, réparation de remorques, soudure sur place
electroplater m|atelier de galvanoplastie, argenteur, polisseur, doreur argenteur|argent, laiton, chrome|argenture, polissage du laiton, chromage, réargenture, vernissage
doll-repairer m|réparateur de poupées, réparation d’ours en peluche, restauratrice de poupées|poupées, ours, jouets|remontage, yeux, nettoyage, vêtements, estimations
ceramic-restorer m|restaurateur de céramiques, restauratrice de porcelaine, restauration de faïences|porcelaines, faïences, figurines|collages, éclats comblés, retouche, restauration muséale, devis
painting-restorer m|restaurateur de tableaux, restauratrice de peintures, conservation d’œuvres sur papier|tableaux, estampes, cadres|nettoyage, déchirures, rentoilage, vernis, constats d’état
rug-repairer m|restaurateur de tapis, nettoyage de tapis, atelier de tapis|tapis, kilims|lavage, franges, retissage, traitement antimites, enlèvement
stove-restorer m|restaurateur de poêles, réparateur de fourneaux|fourneaux, poêles, grilles|entretien, remise en état, conversion, pièces, poêles anciens
pen-repairer m|réparateur de stylos, boutique de stylos plume|stylos plume, plumes, encres|taille de plumes, sacs neufs, restauration, encres, stylos d’occasion
camera-repairer m|réparateur d’appareils photo, atelier d’optique, réparateur de jumelles|appareils photo, objectifs, jumelles|obturateurs, nettoyage d’objectifs, soufflets, jumelles, occasions
harp-maker m|facteur de harpes, facteur de clavecins, atelier de clavecins|harpes, clavecins, épinettes|cordage, accord, réglage, instruments neufs, location
ski-workshop m|atelier de skis, location de skis, luge et skis|skis, chaussures, luges|affûtage et fartage, location, réglage de chaussures, réparations, gardiennage
tackle-shop m|magasin de pêche, articles de pêche, fabricant de cannes à pêche|cannes, moulinets, appâts|cannes et moulinets, réparations, appâts, permis, mouches
wheelwright m|charron, charronnage, carrossier hippomobile|roues, charrettes, calèches|roues neuves, cerclage, réparation de charrettes, restauration de calèches, location
farrier m|maréchal-ferrant, maréchalerie, pareur|chevaux, sabots, fers|ferrage, parage, ferrure corrective, tournées, urgences
clothes-mender m|atelier de raccommodage, stoppeuse, reprise invisible|vêtements, tricots, vestes|reprisage, stoppage invisible, pièces, fermetures, vestes huilées
tool-library m|atelier de réparation bénévole, outilthèque, bricothèque|outils, lampes, vêtements|soirées de réparation, prêt d’outils, contrôle électrique, table de couture, conseils
vehicle-electrician m|électricien auto, pare-brise, centre d’échappement, pose d’attelages|batteries, pare-brise, câbles|recherche de panne, batteries, pare-brise, attelages
hydraulic-repairer m|bobineur, réparateur de pompes, flexibles hydrauliques, rectification de moteurs|moteurs, pompes, flexibles|bobinage, roulements, flexibles, dépannage sur site
inflatable-repairer m|réparateur de pneumatiques, stratifieur, peintre de bateaux, électronique marine, sellier nautique|coques, boudins, ponts|gelcoat, boudins, peinture, électronique
musical-box-repairer m|réparateur de machines à écrire, réparateur de boîtes à musique, restaurateur d’automates|boîtes à musique, machines|nettoyage, ressorts, réparations, occasions
leather-restorer m|restaurateur de cuir, réparateur de sacs, réparation de bagages|sacs, canapés, valises|coutures, couleur, fermetures, poignées
chimney-sweep m|ramoneur, ramonage, fumiste|cheminées, conduits, poêles|ramonage, test fumigène, chapeaux et grilles, retrait de nids, certificats
thatcher m|chaumier, couvreur en chaume|toits de chaume, faîtages|couverture neuve, réfection de faîtage, réparations, démoussage, expertises
stonemason m|tailleur de pierre, maçon tailleur de pierre, murailler, pierre sèche, marbrier|murs, marches, linteaux, stèles|rejointoiement à la chaux, murs en pierre sèche, marches et appuis, stèles, pierre sculptée
plumber m|plombier, plomberie, chauffagiste, plombier chauffagiste|robinets, chaudières, tuyaux|fuites et dépannage, entretien de chaudière, salles de bains, chauffage central, débouchage
electrician m|électricien, électricité générale, électricienne, installateur électrique|installations, lumières, prises|remise aux normes, recherche de panne, éclairage, contrôle, éclairage extérieur
plasterer m|plâtrier, plâtrerie, staffeur, enduiseur|murs, plafonds, corniches|enduit lissé, enduit à la chaux, crépi, corniches, reprises
roofer m|couvreur, couverture zinguerie, couvreur zingueur, ardoisier|toitures, ardoises, gouttières|réparation d’ardoises, toitures neuves, zinguerie, gouttières, toits plats
decorator m|peintre en bâtiment, peintre décorateur, peinture et décoration, entreprise de peinture|pièces, boiseries, façades|peinture intérieure, papier peint, façades, fenêtres, badigeon à la chaux
tiler m|carreleur, carrelage, entreprise de carrelage, mosaïste carreleur|sols, murs, salles de bains|salles de bains, sols de cuisine, crédences, anciens sols, terrasses
window-cleaner m|laveur de vitres, nettoyage de vitres, laveur de carreaux|vitres, gouttières, vérandas|vitres, gouttières, vérandas, vitrines, panneaux solaires
stove-fitter m|installateur de poêles, fumisterie, poêlier, cheministe|poêles, foyers, conduits|pose de poêles, tubage, foyers, entretien, conseil à domicile
floor-layer m|parqueteur, poseur de sols, parquet, solier|sols, parquets, moquettes|ponçage et huilage, parquet, moquette, linoléum, réparation de planchers
fencer m|poseur de clôtures, clôtures et portails, entreprise de clôtures|clôtures, portails, piquets|clôtures de jardin, barrières, clôtures agricoles, réparations, poteaux
removals m|déménageur, déménagements, entreprise de déménagement|maisons, pianos, cartons|déménagements, emballage, pianos, garde-meuble, objets seuls
builder f|entreprise de maçonnerie, maçon, maçonnerie, entreprise du bâtiment, entrepreneur|maisons, extensions, murs|extensions, rénovations, maçonnerie, réparations, murs de jardin
timber-framer f|charpente, charpentier, entreprise de charpente, charpentier couvreur, ossature bois|charpentes, colombages, granges|charpentes, pans de bois, granges, auvents, réparations
window-restorer m|restaurateur de fenêtres, fabricant de fenêtres, menuisier de fenêtres|fenêtres, volets, châssis|remise en état, calfeutrage, ferrures, vantaux neufs, volets
glazier f|vitrerie, vitrier, miroitier, miroiterie|vitres, miroirs, verres|vitres cassées, double vitrage, miroirs, chatières, verre de serre
handyman m|homme à tout faire, petits travaux, multiservices, bricoleur à domicile|étagères, portes, gouttières|petites réparations, étagères, portes, montage de meubles, gouttières
scaffolder m|échafaudeur, échafaudages, montage d’échafaudages|échafaudages, tours, toits|façades, cheminées, tours mobiles, toits provisoires, contrôles
insulation-fitter m|isolation, entreprise d’isolation, isolation écologique|combles, murs, planchers|combles, murs, planchers, calfeutrage, bilans
solar-installer m|installateur solaire, panneaux solaires, pompes à chaleur|panneaux, batteries, pompes à chaleur|panneaux solaires, batteries, pompes à chaleur, entretien, visite
drain-clearer m|vidangeur, débouchage de canalisations, assainissement|canalisations, fosses, regards|débouchage, inspection par caméra, fosses septiques, chemisage, regards
well-driller m|foreur, puisatier, forage de puits|puits, forages, pompes|forages, pompes, filtres, essais de débit, entretien
groundworker m|terrassier, terrassement, entreprise de terrassement, paveur|allées, fondations, tranchées|fondations, allées, drainage, défrichage, pelle avec chauffeur
lime-worker m|maçon chaux et terre, construction en terre crue, enduits terre, torchis|murs, sols, fours|enduits à la chaux, enduits de terre, torchis, badigeons, sols en terre
conservatory-builder m|constructeur de serres, abris de jardin, constructeur de vérandas, fabricant d’abris|serres, abris, kiosques|abris sur mesure, serres, kiosques, réparations, dalles
curtain-maker m|atelier de rideaux, confection de rideaux, voilages et stores|rideaux, stores, coussins|rideaux, stores bateau, coussins, pose, prise de mesures
cleaner f|entreprise de nettoyage, ménage à domicile, nettoyage, femme de ménage|maisons, bureaux, moquettes|ménage hebdomadaire, fin de bail, bureaux, moquettes, grand nettoyage
pest-controller m|dératiseur, désinsectiseur, taupier, lutte contre les nuisibles, dératisation|guêpes, taupes, souris|nids de guêpes, taupes, souris et rats, protection, interventions
aerial-fitter m|antenniste, pose d’antennes, installateur d’antennes|antennes, paraboles, câbles|antennes, paraboles, prises réseau, fixation murale, dépannage
alarm-fitter m|installateur d’alarmes, sécurité incendie, vérification d’extincteurs|alarmes, détecteurs, extincteurs|alarmes, détection incendie, extincteurs, entretien, dépannage
pool-builder m|pisciniste, constructeur de bassins, piscines naturelles|bassins, piscines, pompes|bassins, piscines naturelles, pompes et filtres, entretien, réparations
lift-engineer m|installateur de monte-escaliers, ascensoriste, aménagement accessible|monte-escaliers, rampes, barres|monte-escaliers, rampes, barres d’appui, salles de bains adaptées, entretien
steeplejack m|cordiste, travaux en hauteur, paratonnerres, campanologue|clochers, cheminées, paratonnerres|paratonnerres, inspections, rejointoiement en hauteur, girouettes, mâts
house-clearer m|débarras, vide-maison, débarrasseur, ferrailleur|maisons, greniers, garages|débarras de maisons, greniers et garages, ferraille, bennes, estimations
skip-hire f|location de bennes, évacuation de gravats, loueur de bennes|bennes, gravats, terre|petites bennes, bennes à gravats, camion-grue, évacuation de terre, terre végétale
playground-builder m|constructeur d’aires de jeux, fabricant de bancs, mobilier de jardin|balançoires, bancs, passerelles|aires de jeux, bancs, passerelles, contrôles
staircase-maker m|escaliéteur, fabricant d’escaliers, fabricant de rampes|escaliers, rampes, balustres|escaliers neufs, rampes, réparations, escaliers de grenier
door-maker m|fabricant de portes, poseur de portes de garage, portails automatiques|portes, volets, moteurs|portes d’entrée, portes de garage, réparations, motorisation
blind-fitter m|fabricant de volets, storiste poseur, poseur de stores|volets, stores, bannes|volets, stores, bannes, métré
demolition m|démolisseur, entreprise de démolition, carottage, désamiantage|murs, dalles, ouvertures|ouvertures, démolition, carottage, évacuation
damp-proofer m|traitement de l’humidité, traitement des bois, entreprise d’étanchéité, étancheur|caves, murs, bois|diagnostic, caves, vers à bois, ventilation
heat-engineer m|frigoriste, climatisation, installateur de ventilation|installations, filtres, chambres froides|pose, entretien, dépannage, chambres froides
conservation-builder m|entreprise du patrimoine, restaurateur du bâti ancien, rénovation du bâti ancien|maisons, granges, églises|chaux, charpentes, toitures, visites
shopfitter m|agenceur, agencement de magasins, plaquiste, cloisons|magasins, comptoirs, rayonnages|comptoirs, rayonnages, cloisons, pose
metal-roofer m|zingueur, couvreur cuivre, bardeur, poseur de gouttières|gouttières, zinc, cuivre|toits de zinc, gouttières, solins, bardage
house-minder f|conciergerie, gardiennage de maisons, intendance de résidences secondaires|maisons, clés|clés, contrôles, changements, petites réparations
pressure-washing m|nettoyeur de façades, sableur, démoussage de toitures, hydrogommage|allées, toits, façades|allées, toitures, façades, tags
tree-surgeon m|élagueur, élagage, arboriste grimpeur, arboriste, abattage|arbres, haies, souches|taille, abattage, taille de haies, rognage de souches, diagnostics
gardener m|jardinier, jardinière, entretien de jardins, paysagiste, jardinier paysagiste|jardins, pelouses, haies, massifs|entretien de jardins, haies et pelouses, plantations, taille, débroussaillage
hedge-layer m|plesseur de haies, plessage, entretien de haies bocagères|haies, talus, fossés|plessage, plantation, regarnissage, fossés, recépage
garden-designer m|concepteur de jardins, architecte paysagiste, créateur de jardins|jardins, massifs, terrasses|plans de jardin, plans de plantation, massifs, terrasses, conseil sur place
forester m|exploitant forestier, forestier, débardeur, gestion forestière, débardage à cheval|bois, grumes, chemins|éclaircies, plantations, débardage, plans de gestion, chemins
sawmill f|scierie, scieur, scierie mobile, marchand de bois d’œuvre|planches, poutres, plateaux|sciage à façon, poutres de chêne, bardage, séchage, sciage à domicile
animal-boarding f|pension canine, pension pour chats|chiens, chats|pension, promenades, toilettage, visites, transport
riding-stable m|centre équestre, écurie, pension pour chevaux, poney-club, balades en calèche|chevaux, poneys, boxes|pension, équitation, balades, journées poney, calèche
wool-grower f|bergerie, berger, tondeur de moutons, élevage d’alpagas, filature|toisons, laines, moutons|tonte, toisons, laines, balades, petits troupeaux
flower-farm f|ferme florale, horticulteur, horticultrice, producteur de fleurs, lavandin, lavandiculteur|fleurs, bouquets, lavande|bouquets, seaux pour fêtes, fleurs séchées, mariages, cueillette
compost f|plateforme de compostage, producteur de compost, terreaux et paillages, lombriculture|compost, paillage, terre|compost en sac, vrac, reprise de déchets verts, lombricomposteurs, conseils
gamekeeper m|guide nature, garde-chasse, réserve naturelle, animateur nature|gibier, forêts, oiseaux|sorties guidées, affûts, gestion, scolaires, entretien de milieux
bulb-grower m|producteur de bulbes, producteur de dahlias, pépinière de cactus, sapins de Noël, gazon en rouleaux|bulbes, arbres, plantes|expédition, portes ouvertes, conseils, commandes
livestock-breeder m|éleveur de moutons, élevage de chèvres, élevage bovin, haras, élevage de chevaux, élevage de porcs|reproducteurs, agneaux|reproducteurs, visites, concours, viande et peaux
contractor-farm f|entreprise de travaux agricoles, moissonneur, pressage de foin|champs, bottes, fossés|fauche et pressage, labour, taille de haies, épandage
path-builder m|constructeur de sentiers, entretien de rivières, protection de berges|sentiers, berges, digues|sentiers, berges, drainage, milieux
lawn-care m|entretien d’espaces verts, tonte de pelouses, tailleur de haies|pelouses, haies|tonte, engrais, scarification, taille
garden-builder m|créateur de terrasses, aménageur de jardins, arrosage automatique, maçon paysagiste|terrasses, murets, bassins|terrasses, marches et murets, platelages, arrosage
beekeeper m|apiculteur, apicultrice, rucher, miellerie, apiculture|miel, abeilles, ruches, cire|miel, bougies, récupération d’essaims, essaims, visite du rucher
farm f|ferme, exploitation agricole, agriculteur, ferme en vente directe, éleveur, paysan|œufs, viande, légumes, lait|œufs, colis de viande, légumes, visites, foin et paille
orchard m|verger, arboriculteur, cueillette à la ferme, pomiculteur|pommes, poires, prunes, jus|pommes, jus, cueillette, pressage à façon, taille
vineyard m|domaine viticole, vigneron, vigneronne, viticulteur, cave, propriété viticole|vins, raisins, bouteilles|vins, dégustations, visite de cave, expédition, vendanges
cider-maker f|cidrerie, cidrier, producteur de cidre, pressoir|cidre, poiré, jus, vinaigre|cidre brut, poiré, dégustation, pressage, vinaigre
brewery f|brasserie artisanale, brasseur, microbrasserie, brasseuse|bières, fûts, bouteilles|blonde et brune, fûts, bouteilles, visite, bières de saison
distillery f|distillerie, distillateur, bouilleur de cru, brûlerie|eaux-de-vie, gin, liqueurs|eaux-de-vie, gin, visites, distillation à façon, coffrets
cheesemaker f|fromagerie, fromager, fromagère, laiterie, producteur de fromages|fromages, beurre, yaourts|tommes, fromage frais, beurre, meules entières, visite
smokehouse m|fumoir, saurisserie, fumeur de poisson, fumaison artisanale|poissons fumés, harengs, fromages|harengs, saumon, fromage fumé, fumage à façon, coffrets
mill m|moulin, meunier, minoterie, moulin à eau, meunière|farine, son, flocons|farine de meule, seigle, journées de mouture, visite, achat de grain
oil-press m|moulin à huile, oléiculteur, huilerie, producteur d’huile d’olive|huiles, olives, vinaigres|huile d’olive, huile de noix, dégustation, pressage à façon, coffrets
salt-maker m|saunier, saline, paludier, producteur de sel|sel, fleur de sel, sels aux herbes|gros sel, fleur de sel, sels aux herbes, sacs, visite des salines
preserve-maker m|confiturier, fabricant de confitures, conserverie artisanale, confiturière|confitures, chutneys, pickles|confitures, chutneys, marmelades, paniers, petites séries
chocolate-maker f|chocolaterie, chocolatier, confiserie, confiseur, chocolatière|chocolats, bonbons, caramels|tablettes, ballotins, caramels, dragées, expédition
tea-merchant f|maison de thé, torréfacteur, brûlerie de café, torréfaction, tisanier|thés, cafés, tisanes|cafés en grains, thés en vrac, mélanges, dégustations, vente en gros
egg-producer m|élevage de volailles, aviculteur, producteur d’œufs, ferme avicole|œufs, poules, poussins|œufs, poules pondeuses, poussins, poulaillers, volailles de fête
mushroom-grower m|champignonniste, champignonnière, producteur d’herbes, trufficulteur, cueilleur|champignons, herbes, cresson|champignons frais, champignons secs, kits de culture, herbes, livraisons
oyster-farm m|ostréiculteur, ostréicultrice, mytiliculteur, parc à huîtres, récoltant d’algues|huîtres, moules, algues|huîtres, moules, algues, dégustation, livraison sur glace
fisherman m|pêcheur, patron pêcheur, pêche côtière, marin pêcheur|crabes, homards, maquereaux|poisson du bateau, crabes et homards, commandes, araignées, vente à quai
cake-maker m|créateur de gâteaux, gâteaux de mariage, cake designer|gâteaux, pièces montées|gâteaux de mariage, anniversaires, dégustation, livraison
ice-cream-maker m|glacier artisanal, fabricant de glaces, camion de glaces|glaces, sorbets|boules, pots, location de chariot, parfums
food-van m|camion à pizzas, camion-restaurant, food truck, triporteur à café|plats, emplacements|emplacements et jours, location pour fêtes, mariages, carte
pasta-maker m|fabricant de pâtes, moutarderie, vinaigrerie, fabricant de tofu|pâtes, moutardes, vinaigres|pâtes fraîches, bocaux, vente en gros, dégustations
fruit-juice f|fabrique de jus, limonaderie, siroperie, fabricant de limonades|jus, sirops, bouteilles|jus, sirops, cartons, vente en gros
crop-farm f|pisciculture, élevage d’escargots, safranière, asperges de la ferme, nuciculteur, fraisiculture|truites, asperges, fraises|vente à la ferme, truites fumées, cueillette, commandes
pie-maker f|conserverie, fabricant de terrines, fabricant de soupes, plats cuisinés|terrines, soupes|terrines, revendeurs, plateaux, saison
clock-dealer m|marchand d’horloges anciennes, antiquaire horloger|horloges, montres, baromètres|horloges comtoises, montres de poche, estimations, achat, réparations
salvage-yard m|négociant en matériaux anciens, matériaux de récupération, récupérateur|poutres, portes, briques, cheminées|vieux bois, portes, briques et carreaux, cheminées, achat
seeds f|graineterie, grainetier, semencier, artisan semencier|graines, bulbes, mélanges|graines potagères, graines de fleurs, bulbes, mélanges de prairie, conseils
nursery f|pépinière, pépiniériste, rosiériste, jardinerie, producteur de plantes|vivaces, rosiers, arbustes|vivaces, arbustes et arbres, rosiers, conseils de plantation, livraison
fishmonger f|poissonnerie, poissonnier, poissonnière, étal de poissons|poissons, coquillages, crustacés|poisson frais, coquillages, levée de filets, plateaux, commandes
greengrocer m|primeur, maraîcher, maraîchère, fruits et légumes, paniers de légumes|légumes, fruits, salades|légumes, fruits, paniers hebdomadaires, commandes, livraisons
butcher f|boucherie, boucher, charcutier, charcuterie, salaisons|viandes, saucisses, jambons|viandes, saucisses, jambons, commandes, découpe sur mesure
wool-shop f|mercerie, boutique de laine, mercière, boutique de fils|laines, aiguilles, boutons|laines, aiguilles et crochets, boutons, modèles, soirées tricot
antique-dealer m|antiquaire, brocante, brocanteur, antiquités, commissaire-priseur, dépôt-vente|meubles, argenterie, tableaux, porcelaines|meubles, argenterie, estimations, achat, livraison
florist m|fleuriste, boutique de fleurs, artisan fleuriste|bouquets, couronnes, fleurs, plantes|bouquets, fleurs de mariage, deuil, plantes, livraison
bookshop f|librairie, libraire, bouquiniste, librairie d’occasion|livres, cartes, estampes|livres neufs, livres d’occasion, commandes, cartes et estampes, lectures
ironmonger f|quincaillerie, quincaillier, droguerie, outillage|outils, vis, peintures|outils, visserie à la pièce, peintures, clés, location d’outils
village-shop f|épicerie, épicier, commerce de village, épicière, bazar, superette|provisions, journaux|épicerie, journaux, relais postal, commandes, livraisons
wholefood-shop f|épicerie en vrac, épicerie fine, magasin bio, épices, boutique vrac|céréales, épices, huiles|vrac, épices, huiles, recharges, paniers
wine-merchant m|caviste, cave à vins, marchand de vins, cave à bières|vins, bières, spiritueux|vins, caisses panachées, dégustations, prêt de verres, livraison
clothes-shop f|boutique de vêtements, prêt-à-porter, friperie, mercerie habillement, magasin de vêtements|manteaux, robes, chemises|manteaux et vestes, robes, vêtements de travail, retouches, tenues de fête
shoe-shop m|magasin de chaussures, chausseur, boutique de chaussures|chaussures, bottes, pantoufles|conseil chaussant, chaussures enfants, marche, pantoufles, pieds larges
toy-shop m|magasin de jouets, ludothèque boutique, boutique de jeux, modélisme|jouets, jeux, maquettes|jouets, jeux de société, maquettes, réparations, commandes
record-shop m|disquaire, magasin de musique, boutique de disques, partitions|disques, instruments, partitions|disques neufs, disques d’occasion, instruments, partitions, location
art-supplies f|papeterie, beaux-arts, fournitures d’art, papetier, boutique de papeterie|couleurs, papiers, stylos|couleurs et pinceaux, papiers, carnets, cadres, commandes
fabric-shop m|magasin de tissus, marchand de tissus, drapier, boutique de tissus|tissus, doublures, galons|tissus d’habillement, ameublement, doublures, galons, coupe au mètre
furniture-shop m|magasin de meubles, literie, magasin de literie, boutique de luminaires|lits, canapés, lampes|lits, canapés, tables, livraison, reprise
optician m|opticien, opticienne, magasin d’optique, lunetier|lunettes, verres, montures|examen de vue, lunettes, lentilles, réparations, lunettes enfants
hearing-shop m|audioprothésiste, centre d’audition, appareils auditifs|appareils auditifs, embouts|bilan auditif, appareils auditifs, protections, réparations, visites
chemist f|pharmacie, pharmacien, herboristerie, herboriste, parfumerie|remèdes, crèmes, plantes|ordonnances, conseils, livraison, plantes, cosmétiques
gallery f|galerie d’art, galerie, boutique d’artisanat, galeriste, boutique de cadeaux|tableaux, estampes, artisanat|expositions, estampes, artisanat, commandes, encadrement
chandlery m|shipchandler, accastillage, coopérative maritime|cordages, peintures, ferrures|cordage au mètre, antifouling, accastillage, sécurité, commandes
outdoor-shop m|magasin de sport, surf shop, magasin de randonnée, boutique outdoor|chaussures, planches, tentes|chaussures, location, réparations, planches et combinaisons, cartes
feed-merchant m|magasin agricole, marchand d’aliments, coopérative agricole, grainetier fourrager|aliments, foin, litière|aliments, foin et paille, litière, clôtures, livraison
stamp-dealer m|philatéliste, numismate, marchand de timbres, marchand de monnaies|timbres, monnaies, cartes|timbres, monnaies, estimations, achat, catalogues
mineral-shop f|boutique de minéraux, lapidaire, boutique de fossiles, tailleur de pierres fines|minéraux, fossiles, pierres|minéraux, fossiles, polissage, pierres taillées, sorties
costume-hire m|loueur de costumes, location de costumes, boutique de mariage, costumier|costumes, robes, habits|location, costumes de théâtre, robes de mariée, essayages, retouches
electrical-shop m|magasin d’électroménager, boutique d’électricité, radio télévision|lampes, radios, appareils|lampes, réparations, ampoules, livraison, branchement
charity-shop f|ressourcerie, boutique solidaire, recyclerie, vestiaire solidaire|vêtements, livres, meubles|vêtements, livres, meubles, dons, enlèvement
gravel-merchant f|carrière, négociant en pierres, marchand de matériaux, ardoisière|pierres, graviers, ardoises|pierres, graviers, ardoises, livraison
paint-shop m|magasin de peinture, fabricant de peintures, papiers peints|peintures, papiers, pinceaux|teintes sur mesure, papiers peints, pinceaux, conseil
kitchen-shop m|magasin d’articles de cuisine, arts de la table, vaisselle|casseroles, couteaux, vaisselle|casseroles, couteaux, vaisselle, affûtage
tobacconist f|maison de la presse, marchand de journaux, bureau de tabac, tabac presse|journaux, cartes|journaux, portage, cartes, relais postal
pram-shop m|magasin de puériculture, vêtements d’enfants, dépôt-vente enfants|poussettes, lits, vêtements|poussettes, location, vêtements, réparations
mobility-shop m|magasin de matériel médical, orthopédiste, bottier orthopédiste|fauteuils, cannes, semelles|fauteuils, semelles, location, réparations
saddle-shop f|boutique d’équitation, sellerie boutique, magasin équestre|selles, bottes, couvertures|ajustement, vêtements, lavage de couvertures, occasions
aquarium-shop m|magasin d’aquariophilie, aquariophile|bacs, plantes, poissons|bacs, plantes, conseils, garde
vehicle-dealer m|vendeur de voitures, concessionnaire, courtier en bateaux, négociant automobile|voitures, utilitaires, bateaux|occasions, reprise, recherche, préparation
market-stall m|stand de marché, marchand ambulant, commerçant de marché, étal|stands, produits, jours|jours de marché, produits, commandes, fêtes
uniform-shop f|boutique de lingerie, bonneterie, corsetière, boutique de maillots|lingerie, bas, maillots|essayages, commandes, retouches, grandes tailles
phone-shop f|boutique de téléphonie, magasin d’informatique, boutique de piles|téléphones, piles, encres|réparations, piles, encres, occasions
guesthouse f|maison d’hôtes, chambres d’hôtes, pension, auberge, petit hôtel, gîte d’étape|chambres, petits déjeuners|chambres doubles, chambres simples, petit déjeuner, paniers repas, local vélos
campsite m|camping, aire naturelle de camping, terrain de camping, camping à la ferme|emplacements, cabanes, tentes|emplacements tentes, caravanes, cabanes, douches chaudes, bois
holiday-cottage m|gîte, location de vacances, gîte rural, maison de vacances, meublé de tourisme|gîtes, lits, jardins|semaines, courts séjours, linge, poêle à bois, chiens
hostel f|auberge de jeunesse, refuge, gîte de groupe, gîte d’étape collectif|lits, dortoirs, cuisines|dortoirs, chambres, groupes, séchoir, cuisine
houseboat-hire f|location de péniches, location de bateaux habitables, péniche|bateaux, cabines, canaux|semaine, week-end, bateaux à la journée, initiation, amarrages
wedding-barn f|salle de mariage, grange de réception, lieu de réception, domaine de réception|granges, cours, jardins|mariages, fêtes, pré pour chapiteau, hébergement, visites
lighthouse-stay f|nuit insolite, cabane dans les arbres, château d’hôtes, moulin d’hôtes|nuits, chambres|nuits, petit déjeuner, accès, groupes
hotel m|hôtel, hôtel du port, hôtel familial, hôtel de charme|chambres, suites, repas|chambres, chambres familiales, repas, réceptions, offres
allotments f|association de jardins familiaux, jardins ouvriers, jardin partagé, jardins familiaux|parcelles, allées, cabanons|parcelles, liste d’attente, outils partagés, portes ouvertes, échange de graines
choir f|chorale, chœur, ensemble vocal, chœur de chambre, chants de marins|chants, concerts, répétitions|répétitions, concerts, mariages, nous rejoindre, soirées découverte
brass-band f|harmonie, fanfare, orchestre, harmonie municipale, bagad, ensemble de cuivres, société musicale|concerts, défilés, répétitions|répétitions, concerts, animations, école d’harmonie, prêt d’instruments
bell-ringers m|sonneurs de cloches, carillonneurs, cercle de sonneurs|cloches, cordes|répétitions, sonneries de mariage, débutants, visites du clocher, sonneurs invités
history-society f|société d’histoire, association du patrimoine, société archéologique, association d’histoire locale|archives, conférences, balades|conférences, visites guidées, archives, publications, adhésion
sailing-club m|club de voile, club nautique, cercle nautique, yacht-club|bateaux, régates, mouillages|régates, bateaux du club, portes ouvertes, mouillages, adhésion
rowing-club m|club d’aviron, club de kayak, société nautique, cercle d’aviron, club de canoë|bateaux, avirons, équipages|initiation, équipages, bateaux du club, régates, adhésion
football-club m|club de football, club de rugby, club de handball, association sportive, club de basket|matchs, équipes, terrains|entraînements, matchs, équipes jeunes, licences, club-house
bowls-club m|club de tennis, club de pétanque, boules, tir à l’arc, club d’escrime, club de badminton, club de tir|terrains, boulodrome, tournois|séances, tournois, journées découverte, adhésion, prêt de matériel
cycling-club m|club cycliste, cyclotouristes, vélo-club, cyclo-club|sorties, randonnées, courses|sorties hebdomadaires, journées découverte, séjours à vélo, adhésion, programme
walking-club m|club de randonnée, randonneurs, club alpin, club d’escalade, marcheurs, club de montagne|randonnées, sorties, sentiers|sorties hebdomadaires, randonnées découverte, séjours, adhésion, programme
swimming-club m|club de natation, nageurs, club de water-polo|longueurs, compétitions|entraînements, groupes, compétitions, apprentissage, adhésion
chess-club m|club d’échecs, club de bridge, club de jeux, club d’astronomie, radioamateurs|jeux, échiquiers, soirées|soirées du club, tournois, débutants, adhésion, portes ouvertes
drama-society f|troupe de théâtre, théâtre amateur, compagnie amateur, théâtre de marionnettes, conteurs|pièces, répétitions, billets|spectacles, billets, auditions, théâtre jeune, adhésion
morris-side m|cercle celtique, groupe folklorique, club de danse, bal folk, danse traditionnelle|danses, costumes, soirées|répétitions, spectacles, réservations, débutants, bals
gardening-club f|société d’horticulture, club de jardinage, association de jardiniers, association naturaliste, syndicat apicole|jardins, expositions, conférences|conférences, visites de jardins, exposition annuelle, troc de plantes, adhésion
neighbourhood-group f|association de quartier, club des aînés, comité de quartier, amicale, comité des fêtes, club du troisième âge, association de locataires|rencontres, sorties, causeries|rencontres, causeries, sorties, repas, adhésion
community-workshop m|atelier associatif, atelier de réparation|établis, outils, projets|journées ouvertes, outils partagés, réparations accompagnées, petits travaux, adhésion
youth-group m|groupe scout, club de jeunes, association de jeunesse, halte-garderie, patronage, maison des jeunes|enfants, camps, activités|réunions, camps, inscription, bénévoles, vacances
charity f|association caritative, banque alimentaire, association d’entraide, fondation, accueil de réfugiés, fonds de solidarité|aide, dons, bénévoles|aide, dons, bénévolat, événements, rapport annuel
lifeboat f|station de sauvetage, sauveteurs en mer, canot de sauvetage|équipes, sorties, canots|sauvetage, visites, prévention, dons, bénévolat
fire-brigade f|amicale des sapeurs-pompiers, sapeurs-pompiers, secouristes, secours en montagne, centre de secours, pompiers|équipes, interventions, engins|interventions, visites, prévention, jeunes sapeurs-pompiers, bénévolat
church f|paroisse, église, chapelle, abbaye, communauté paroissiale|messes, cloches, salles|offices, mariages et baptêmes, salle paroissiale, visites, chorale
donkey-sanctuary m|refuge animalier, association de protection animale, sanctuaire, refuge pour chats|animaux, adoptions, dons|adoptions, visites, dons, bénévolat
community-shop-society f|association de village, association citoyenne, système d’échange local, régie de quartier|réunions, projets|projets, adhésion, réunions, bénévolat
parents-association f|association de parents d’élèves, amicale laïque, école de village, sou des écoles|fêtes, ventes, fonds|fêtes, bourses, aider, actions
trade-guild f|union commerciale, guilde, association de commerçants, syndicat professionnel, corporation|membres, réunions|membres, réunions, trouver un membre, adhésion
fishing-club f|association de pêche, société de chasse, club de pêche, colombophiles, société de pêche|eaux, cartes|cartes de pêche, parcours, concours, adhésion
riding-club m|club hippique, club canin, club d’attelage, association équestre|concours, rencontres|concours, rencontres, entraînement, adhésion
martial-arts-club m|club de judo, club de karaté, club de gymnastique, club d’athlétisme, club de boxe|séances, passages|séances, débutants, passages de grade, licence
art-circle f|société artistique, atelier d’écriture, ciné-club, cercle de lecture, club de tricot, cercle littéraire|soirées, expositions|soirées, exposition annuelle, débutants, adhésion
twinning-association m|comité de jumelage, association d’amitié, échange linguistique|visites, soirées|échanges, soirées, accueil, adhésion
patients-group m|groupe d’entraide, association de patients, association d’aidants, association de personnes handicapées|rencontres, visites, écoute|rencontres, visites, écoute, bénévolat
energy-group f|association environnementale, collectif citoyen, association de rivière, nettoyage de plages|actions, réunions, projets|chantiers, projets, adhésion, nouvelles
service-club f|amicale d’anciens combattants, club service, société de bienfaisance, mutuelle d’entraide|réunions, entraide|réunions, entraide, collectes, adhésion
carnival-club m|comité de carnaval, comité de fêtes du port, société de régates, association de la fête|défilés, chars|défilé, comité, stands, bénévolat
steam-owners m|club de voitures anciennes, moto-club, amis des vieux tracteurs|sorties, rassemblements|sorties, rassemblements, soirées, adhésion
old-boats f|association de vieux gréements, amis des vieux bateaux, patrimoine maritime|vieux gréements, chaloupes|sorties en mer, restauration, chantiers, adhésion
model-club m|club de modélisme, club de modélisme ferroviaire, club de modélisme naval, aéromodélisme|maquettes, réseaux|soirées, journées de roulage, expositions, aide au montage, adhésion
museum m|musée, écomusée, musée local, maison du patrimoine, archives|collections, expositions|expositions, visites guidées, scolaires, archives, groupes
village-hall f|salle des fêtes, salle communale, maison de quartier, foyer rural, salle polyvalente|salles, cuisines|location de salle, réunions, fêtes, cuisine, activités régulières
library f|bibliothèque, médiathèque, salle de lecture, bibliothèque associative, bibliobus|livres, lectures, rayonnages|prêt, cercles de lecture, heure du conte, ordinateurs, salle
theatre m|théâtre, salle de spectacle, centre culturel, cinéma, salle de concert, théâtre de verdure|pièces, concerts, films|programme, billets, location de salle, amis du théâtre, accès
festival m|festival, fête du port, marché de Noël, salon du livre, foire, fête de village, marché artisanal|stands, scènes, journées|programme, billets, exposants, bénévoles, venir
heritage-railway m|chemin de fer touristique, train à vapeur, petit train, train touristique, funiculaire|trains, locomotives, gares|horaires, billets, cabine, bénévolat, groupes
show-garden m|jardin ouvert à la visite, jardin botanique, château, manoir, arboretum, parc animalier, aquarium|jardins, salles, allées|ouverture, billets, visites guidées, vente de plantes, groupes
tourist-office m|office de tourisme, guide conférencier, visites guidées, syndicat d’initiative, guide touristique|visites, cartes, circuits|visites guidées, plans, groupes, hébergements, boutique
musician m|groupe de musique, musicien, orchestre de bal, harpiste, organiste, pianiste, groupe de jazz|musiques, chants, danses|mariages, fêtes, concerts, enregistrements, réservations
building-friends f|association de sauvegarde, amis du moulin, amis du phare|visites, travaux, dons|visites, travaux, dons, bénévolat
observatory m|observatoire, planétarium, station météo, station ornithologique|télescopes, soirées|soirées, groupes, scolaires, adhésion
adventure-golf m|minigolf, bowling, labyrinthe, aire de jeux couverte, golf, jeu d’évasion|parties, fêtes, billets|ouverture, billets, anniversaires, groupes
artist-residency f|résidence d’artistes, ateliers ouverts, village d’artisans, collectif d’artistes|ateliers, portes ouvertes|portes ouvertes, artistes, adhésion, location
visitor-farm f|ferme pédagogique, fauconnerie, serre aux papillons, labyrinthe de maïs|animaux, journées, billets|ouverture, billets, scolaires, anniversaires
land-surveyor m|géomètre, géomètre-expert, cabinet de géomètre, topographe|terrains, limites, bâtiments|bornage, relevés topographiques, implantation, plans, rapports
interior-designer m|architecte d’intérieur, décorateur d’intérieur, décoratrice d’intérieur|pièces, couleurs, meubles|palettes de couleurs, plans, ameublement, éclairage, visite
bookkeeper m|cabinet comptable, comptable, expert-comptable, secrétariat comptable, gestionnaire de paie|comptes, bilans, déclarations|tenue de comptes, déclarations, paie, bilan annuel, conseil
translator m|cabinet de traduction, traducteur, traductrice, interprète, correctrice, relecteur, rédactrice|textes, lettres, contrats|traductions, traductions assermentées, interprétation, relecture, devis
architect m|cabinet d’architecture, architecte, atelier d’architecture, maître d’œuvre, dessinateur en bâtiment|maisons, extensions, plans|plans de maison, extensions, permis de construire, patrimoine, suivi de chantier
engineer m|bureau d’études, ingénieur structure, ingénieur conseil, diagnostiqueur|structures, calculs, rapports|calculs de structure, visites, rapports, plans, diagnostics
building-surveyor m|expert en bâtiment, expert maritime, expert immobilier, diagnostic immobilier|maisons, bateaux, rapports|visite avant achat, expertise d’humidité, estimations, désordres, expertise de bateaux
lawyer m|cabinet d’avocats, avocat, avocate, médiateur, médiatrice, huissier|testaments, contrats, actes|successions, achats immobiliers, contrats, médiation, premier rendez-vous
insurance-broker m|cabinet de courtage, courtier en assurances, assureur, conseiller en gestion, courtier en prêts|contrats, sinistres, prêts|bilan d’assurances, aide aux sinistres, prêts, retraite, premier rendez-vous
estate-office m|cabinet immobilier, gestion locative, syndic, régie immobilière, négociateur immobilier, agence immobilière, agent immobilier|maisons, appartements, baux|locations, gestion, visites, états des lieux, estimations
graphic-designer m|atelier graphique, graphiste, illustrateur, illustratrice, calligraphe, cartographe, typographe créateur|logos, livres, cartes|logos, imprimés, lettrage, illustrations, maquettes de livres
software-developer m|prestataire informatique, développeur, informaticien, développeuse, service informatique|logiciels, réseaux, systèmes|assistance, logiciels sur mesure, réseaux, sauvegardes, conseil
secretary m|secrétariat indépendant, assistante indépendante|courriers, agendas, cérémonies|secrétariat, cérémonies, organisation, recherches, premier rendez-vous
consultant m|cabinet de conseil, consultant, consultante, bureau d’études environnement, écologue, conseiller agricole|rapports, plans, études|conseil, rapports, études, dossiers de subvention, premier rendez-vous
laboratory m|laboratoire d’analyses, laboratoire d’essais, prothésiste dentaire, laboratoire des sols, métrologie|échantillons, rapports, appareils|analyses, rapports, étalonnage, enlèvement, conseil
publisher f|maison d’édition, éditeur, revue, journal local, studio d’enregistrement, ingénieur du son|livres, revues, enregistrements|livres, abonnements, manuscrits, annonces, anciens numéros
co-working m|espace de coworking, bureaux partagés, ateliers partagés, pépinière d’entreprises, atelier collectif|bureaux, ateliers, salles|postes, ateliers, salles de réunion, journées, visites
parish-council f|mairie, conseil municipal, capitainerie, coopérative d’habitation, coopérative d’énergie, syndicat des eaux|séances, avis, services|séances, avis, cimetière, réservation de salles, signaler un problème
film-maker m|réalisateur, vidéaste, réalisatrice de documentaires, monteuse, animateur de films|films, montages|films, montage, mariages, numérisation
web-designer m|créateur de sites, webdesigner, développeuse web, rédactrice web, conceptrice-rédactrice|sites, textes|sites, entretien, textes, référencement
recruiter m|cabinet de recrutement, conseil en sécurité, formateur aux premiers secours|personnel, formations|conseil, formations, visites, premier rendez-vous
product-designer m|bureau de design, designer produit, prototypiste, bureau de dessin, impression 3d|prototypes, dessins|dessins, prototypes, petites séries, conseil
quantity-surveyor m|économiste de la construction, métreur, urbaniste, conducteur de travaux|coûts, plans, plannings|estimations, dossiers, suivi, premier rendez-vous
genealogist m|généalogiste, historienne, archiviste indépendante, recherches familiales|registres, familles, maisons|recherches, histoires de maisons, transcriptions, conférences
celebrant f|officiante, officiant de cérémonies, maître de cérémonie, crieur public|cérémonies, discours|mariages, baptêmes laïques, adieux, premier rendez-vous
event-planner m|organisateur de mariages, organisatrice de mariages, organisateur d’événements, décoratrice de fêtes|mariages, fêtes|organisation, jour même, décoration, premier rendez-vous
radio-station f|radio associative, radio locale, journal de quartier, bulletin|émissions, voix|émissions, écouter, participer, annonces
energy-adviser m|conseiller en énergie, diagnostiqueur énergétique, auditeur énergétique|maisons, rapports, aides|audit, rapports, dossiers d’aides, suivi
mediator m|cabinet de médiation, médiateur familial, médiatrice familiale, conseil en surendettement|entretiens, accords|premier entretien, médiation, dossiers, honoraires
notary f|étude notariale, notaire, étude de notaires|actes, testaments|actes, successions, achats immobiliers, frais
music-teacher m|professeur de musique, professeur de piano, école de musique, professeur de violon, professeur de chant|leçons, auditions|cours de piano, cours de chant, premier cours, préparation aux examens, stages
tutor m|professeur particulier, soutien scolaire|leçons, examens, élèves|cours particuliers, préparation aux examens, premier cours, petits groupes, cours à domicile
hairdresser m|salon de coiffure, coiffeur, coiffeuse, coiffeuse à domicile, perruquier|coupes, couleurs, barbes|coupes, couleur, barbe, enfants, à domicile
beautician m|institut de beauté, esthéticienne, onglerie, maquilleuse, pédicure|ongles, peau, pieds|soins du visage, ongles, pieds, maquillage de mariée, bons cadeaux
laundry f|blanchisserie, pressing, laverie, repassage, teinturerie pressing|chemises, linge, rideaux|lavage, chemises, nettoyage à sec, literie, enlèvement
undertaker f|maison funéraire, pompes funèbres, entreprise de pompes funèbres, fabricant de cercueils, cimetière naturel|obsèques, cercueils, tombes|obsèques, visites à domicile, cercueils, cimetière naturel, prévoyance
midwife f|sage-femme, cabinet de sages-femmes, doula, conseillère en allaitement, maison de naissance|naissances, visites, bébés|suivi de grossesse, naissance à domicile, suites, allaitement, premier rendez-vous
childminder f|assistante maternelle, crèche, nourrice, jardin d’enfants, micro-crèche, garde d’enfants|enfants, journées, places|journées, demi-journées, périscolaire, adaptation, visites
home-care m|service d’aide à domicile, aide à domicile, auxiliaire de vie, maison de retraite, portage de repas|visites, repas, compagnie|visites, courses et repas, compagnie, répit, première visite
vet m|cabinet vétérinaire, vétérinaire, clinique vétérinaire, dentiste équin|animaux, visites, bilans|consultations, vaccins, visites en ferme, opérations, urgences
dentist m|cabinet dentaire, dentiste, chirurgien-dentiste, orthodontiste|dents, contrôles|contrôles, détartrage, soins, enfants, urgences
doctor m|cabinet médical, médecin généraliste, infirmière libérale|rendez-vous, patients|rendez-vous, visites à domicile, bilans, ordonnances, première visite
masseur m|cabinet de massage, masseur, masseuse, bains, studio de pilates|séances, bains, tapis|massages, sauna, séances collectives, séances individuelles, bons cadeaux
driving-school f|auto-école, moniteur d’auto-école, moto-école|leçons, examens|permis, leçons à l’unité, préparation à l’examen, remise à niveau
language-teacher f|école de langues, professeur de langues, cours de langue|leçons, conversations|leçons particulières, conversation, petits groupes, préparation aux examens
dance-teacher f|école de danse, professeur de danse, cours de danse|cours, danses|cours d’essai, enfants, danse de salon, danse de mariage, gala
sailing-school f|école de voile, moniteur de voile, école de surf, bateau-école|leçons, bateaux, planches|débutants, enfants, leçons particulières, permis, stages d’été
swimming-teacher f|école de natation, maître-nageur, leçons de natation|leçons, bassins|enfants, adultes, leçons particulières, petits groupes
art-teacher f|école de dessin, professeur de dessin, atelier de peinture pour tous, professeur d’arts plastiques|cours, matériel|dessin, peinture, enfants, journées, matériel
barber m|barbier, coiffeur pour hommes, barbershop|coupes, rasages, barbes|coupes, rasage, taille de barbe, enfants
tattooist m|salon de tatouage, tatoueur, tatoueuse|dessins, tatouages|rendez-vous, dessins originaux, recouvrements, soins
chiropodist m|cabinet de pédicurie, podologue, pédicure-podologue|pieds, ongles, semelles|soins, ongles, semelles, visites à domicile
physio m|cabinet de kinésithérapie, kinésithérapeute, ostéopathe|dos, articulations, rendez-vous|bilan, soins, exercices, à domicile
speech-practice m|cabinet d’orthophonie, orthophoniste|langage, voix|bilan, séances, travail avec la famille, à domicile
yoga-teacher m|studio de yoga, professeur de yoga, professeur de pilates|séances, tapis, groupes|cours hebdomadaires, débutants, séances individuelles, retraites
sauna m|sauna, bains publics, bains de mer, sauna mobile|séances, bains|séances, location privée, bain froid, bons cadeaux
caterer m|traiteur, cuisinière à domicile, chef à domicile, service traiteur|menus, plateaux, fêtes|réceptions, mariages, plateaux, location de vaisselle
magician m|magicien, marionnettiste, conteuse, clown, maquilleuse d’enfants, caricaturiste|spectacles, fêtes|anniversaires, mariages, festivals, réservations
dog-groomer m|salon de toilettage, toiletteur, toiletteuse|chiens, poils, griffes|toilettage complet, bain, griffes, chiots
dog-walker m|promeneur de chiens, garde d’animaux, cat-sitter, promeneuse de chiens|chiens, promenades, visites|promenades, visites, vacances, première rencontre
dog-trainer m|éducateur canin, école du chiot, éducatrice canine, comportementaliste canin|chiens, chiots, séances|chiots, séances individuelles, groupes, à domicile
ski-school f|école de ski, salle d’escalade, école d’escalade, skatepark|séances, leçons, murs|débutants, enfants, séances individuelles, groupes
ferry m|bac, passeur, vedettes, promenades en bateau, bateau-taxi, navette maritime, batelier|traversées, promenades, places|traversées, horaires, promenades, affrètement, vélos
boat-hire f|location de bateaux, location de canoës, location de kayaks, location de barques, charter|bateaux, canoës, kayaks|canoës, barques, journée, sorties guidées, gilets
cycle-hire f|location de vélos, loueur de vélos, vélos électriques, randonnées à vélo|vélos, tandems, remorques|journée, semaine, vélos électriques, livraison, itinéraires
taxi m|taxi, artisan taxi, chauffeur privé, transport de personnes, autocariste, location de minibus|trajets, places, voitures|courses, aéroport, scolaires, fauteuil roulant, minibus
haulier m|transporteur, entreprise de transport, coursier, coursier à vélo, messagerie, transport de bateaux|charges, colis, palettes|livraisons locales, longue distance, palettes, stockage, transport de bateaux
storage m|garde-meuble, self-stockage, entrepôt, gardiennage de bateaux, gardiennage de caravanes|boxes, conteneurs, places|boxes, bateaux, caravanes, cartons, accès
tool-hire f|location de matériel, location d’outillage, location de voitures, location de remorques|outils, mini-pelles, fourgons|outils, mini-pelles, remorques, fourgons, livraison
event-hire f|location de chapiteaux, location de matériel de fête, location de tentes, location de barnums|chapiteaux, tables, chaises|chapiteaux, tables et chaises, planchers, éclairage, livraison et montage
marina m|port de plaisance, marina, mouillages, port à sec|places, mouillages, cales|places à l’année, visiteurs, mise à l’eau, carburant, sanitaires
diver m|scaphandrier, plongeur professionnel, travaux sous-marins, club de plongée, remorquage, vedette de servitude|coques, mouillages, épaves|nettoyage de coques, mouillages, inspections, récupération, vedette
balloonist m|vols en montgolfière, aéroclub, club de vol à voile, parapente, aérostier|vols, nacelles, planeurs|vols en ballon, vols d’initiation, bons cadeaux, groupes, météo
mountain-guide m|guide de montagne, accompagnateur, parc aventure, base de loisirs, moniteur d’escalade, accrobranche|randonnées, escalades, sorties|journées guidées, petits groupes, matériel, familles, bons cadeaux
beach-hire f|location de cabines de plage, location de transats, plagiste|cabines, transats|journée, semaine, parasols, réservation
car-wash m|lavage auto, nettoyage de voitures, esthétique automobile, nettoyage de bateaux|voitures, bateaux, intérieurs|lavage extérieur, nettoyage complet, bateaux, enlèvement
breakdown m|dépanneur remorqueur, dépannage remorquage, casse automobile|véhicules, pièces|remorquage, transport, épaves, pièces
fuel-merchant m|négociant en combustibles, marchand de charbon, fioul, station-service|fioul, charbon, bouteilles|fioul, charbon, bouteilles de gaz, livraison
milkman m|laitier, livraison de lait, épicerie ambulante, camion épicerie|lait, œufs, tournées|tournées, œufs et beurre, changements, vacances
tour-operator m|organisateur de voyages, voyages à pied, voyages à vélo, croisières à la voile|voyages, circuits, dates|voyages, groupes guidés, dates, sur mesure
carriage-hire f|location de calèches, voiture de mariage, location de voitures anciennes, petit train routier|calèches, voitures, promenades|mariages, promenades, fêtes, visites
shipping-office m|transitaire, point colis, courtier maritime, consignataire|colis, caisses, papiers|colis, emballage, douane, fret des îles`;
