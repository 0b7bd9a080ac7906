/**
 * The trades in Spanish, a line each, in the order of the graph: id and gender, what the trade and who plies it are called, the
 * first of them the one used; what is worked on, sold or looked after; what such a business usually offers, in one order in
 * every language.
 */
export const tradeLines = `boatyard m|astillero, carpintero de ribera, varadero, constructor de barcas|barcos, botes, veleros|reparación de cascos, calafateado, mantenimiento de motores, invernaje, botadura
pottery m|taller de cerámica, alfarero, alfarera, alfarería, ceramista, cerámica artesana|cuencos, jarras, tazas, platos|vajillas, encargos, piezas únicas, segunda selección, visitas al taller
joinery f|carpintería, carpintero, ebanista, ebanistería, carpintero de armar|puertas, ventanas, escaleras, armarios|puertas a medida, ventanas, escaleras, armarios empotrados, reparaciones
bookbinder m|taller de encuadernación, encuadernador, encuadernadora, encuadernación|libros, álbumes, cajas, carpetas|encuadernación nueva, reparación de libros, cajas y estuches, tesis, libros de firmas
basket-maker f|cestería, cestero, cestera, mimbrera|cestas, canastos, mimbre|cestos de leña, cestas de la compra, estructuras de mimbre, reparaciones, encargos
stained-glass m|taller de vidrieras, vidriero artístico, vidrierista, vidrieras|vidrieras, emplomados, paneles|vidrieras nuevas, restauración de emplomados, puertas, vidrieras de iglesia, colocación
sailmaker f|velería, velero artesano, maestro velero|velas, toldos, capotas|velas nuevas, reparación de velas, toldos y fundas, lavado e invernaje, capotas
ropemaker f|cordelería, cordelero, soguero|cuerdas, cabos, defensas|cuerdas a medida, empalmes, cuerdas de campana, defensas, cordones
cooper f|tonelería, tonelero, cubero|toneles, barricas, cubas|toneles nuevos, reparación de barricas, cubas, jardineras, barriles de agua
blacksmith f|herrería, herrero, forja, forjador, cerrajero forjador|verjas, barandillas, herrajes|verjas y barandillas, herrajes, braseros, reparaciones, encargos
letterpress f|imprenta, impresor, tipógrafo, imprenta artesana|tarjetas, invitaciones, carteles|invitaciones, tarjetas de visita, carteles, papel de carta, libros pequeños
candle-maker f|cerería, cerero, velas artesanas|velas, cirios|velas de mesa, cirios, velas de cera de abeja, velas de bautizo, encargos
soap-maker f|jabonería, jabonero, jabones artesanos|jabones, ungüentos|jabones en pastilla, jabón de afeitar, jabón de lavar, cajas de regalo, venta al por mayor
toymaker f|juguetería artesana, juguetero, taller de juguetes|juguetes de madera, caballos de balancín, marionetas|juguetes de madera, caballos de balancín, reparación de juguetes, casas de muñecas, encargos
weaver m|taller de tejido, tejedor, tejedora, telar|telas, mantas, alfombras, bufandas|mantas, bufandas, alfombras, tela por metros, encargos
signwriter m|rotulista, pintor de letreros, rotulación, rotulista artesano|rótulos, letreros, nombres de barcos|rótulos de tienda, letras doradas, nombres de barcos, cuadros de honor, furgonetas
saddler f|guarnicionería, guarnicionero, talabartero, talabartería|sillas de montar, riendas, cinturones, bolsos|reparación de sillas, riendas y arneses, cinturones, bolsos, ajuste de sillas
instrument-maker m|lutier, lutería, luthier, guitarrero, constructor de instrumentos|violines, violonchelos, guitarras, arcos|instrumentos nuevos, reparaciones, encerdado de arcos, ajustes, tasaciones
jeweller f|joyería, joyero, joyera, orfebre, platero, platería|anillos, collares, broches|alianzas, reparaciones, ajuste de talla, encargos, transformación de joyas
dressmaker m|taller de costura, modista, sastre, costurera, sastrería, arreglos de ropa|vestidos, trajes, abrigos|arreglos, vestidos de novia, trajes a medida, reparaciones, cremalleras y bajos
picture-framer m|taller de enmarcación, enmarcador, marcos y molduras, enmarcación, dorador|cuadros, espejos, marcos|marcos a medida, paspartús, dorado, reparación de marcos, cambio de cristal
wood-turner m|tornero de madera, torneado de madera, tornería|cuencos, balaustres, mangos|cuencos torneados, balaustres, mangos de herramientas, copias de piezas antiguas, encargos
wood-carver m|tallista, talla de madera, escultor en madera|tallas, figuras, relieves|figuras y relieves, letras, restauración, escudos, encargos
chair-maker m|sillero, rejillero, silletero, taller de sillas|sillas, taburetes, bancos|sillas nuevas, enea, rejilla, reparaciones, taburetes
furniture-maker m|taller de muebles, mueblista, fabricante de muebles, muebles a medida|mesas, estanterías, camas|mesas, estanterías, camas, encargos, reparaciones
kitchen-maker m|fabricante de cocinas, cocinas a medida, taller de cocinas|cocinas, encimeras, despensas|cocinas a medida, encimeras, despensas, frentes nuevos, montaje
glassblower m|taller de vidrio soplado, vidriero, soplador de vidrio|vasos, jarrones, lámparas|vasos, jarrones, pantallas, reparaciones, encargos
knife-maker f|cuchillería, cuchillero, cuchillería artesana|cuchillos, hojas, tijeras|cuchillos de cocina, navajas, afilado, mangos nuevos, encargos
hatter f|sombrerería, sombrerero, sombrerera, modista de sombreros|sombreros, gorras, tocados|sombreros a medida, reforma, tocados de boda, cintas nuevas, limpieza
glove-maker f|guantería, guantero|guantes, manoplas|guantes a medida, guantes forrados, reparaciones, guantes de montar, vales de regalo
umbrella-maker f|paragüería, paragüero, taller de paraguas|paraguas, sombrillas, bastones|reparación de paraguas, telas nuevas, sombrillas, puños, bastones
broom-maker f|cepillería, escobero, cepillero, fabricante de escobas|escobas, cepillos|escobas, cepillos de mano, reposición de cerdas, cepillos especiales, escobas de brezo
paper-maker m|molino de papel, papelero artesano, papel hecho a mano|papeles, pliegos, cuadernos|pliegos a mano, papel jaspeado, filigranas, cuadernos, papelería de boda
lampshade-maker m|taller de lámparas, pantallas artesanas, lamparero|pantallas, lámparas|pantallas a medida, forrado, recableado, pies de lámpara, reparaciones
quilter m|taller de patchwork, acolchadora, colchas artesanas|colchas, cojines, mantas|colchas de recuerdo, acolchado, reparaciones, cojines, encargos
embroiderer m|taller de bordados, bordador, bordadora, bordados|insignias, ropa blanca, estandartes|nombres e insignias, ropa de trabajo, estandartes, ropa blanca, reparaciones
lace-maker m|taller de encaje, encajera, encaje de bolillos|encajes, cuellos, puntillas|encaje por metros, cuellos y puños, reparaciones, trajes de bautizo, patrones
knitter m|taller de punto, tejedora de punto, prendas de punto|jerséis, calcetines, gorros|jerséis a medida, calcetines, gorros, zurcido, patrones
felt-maker m|taller de fieltro, fieltrera|fieltro, zapatillas, sombreros|zapatillas, sombreros, tapices, cojines, encargos
dyer f|tintorería artesana, tintorero, tintes naturales|telas, hilos, ropa|teñido de ropa, hilos, índigo, teñido por muestra, colores naturales
textile-printer m|taller de serigrafía, serígrafo, estampación textil|telas, camisas, paños|camisetas, paños de cocina, tela por metros, tiradas cortas, encargos
printmaker m|taller de grabado, grabador, grabadora, linograbado|grabados, linograbados, aguafuertes|grabados, exlibris, grabado por encargo, grabados enmarcados, taller abierto
sculptor m|escultor, escultora, taller de escultura|esculturas, lápidas, inscripciones|encargos, esculturas de jardín, letras, lápidas, bronces
artist m|artista, pintora, pintor de cuadros, acuarelista, estudio de arte|cuadros, retratos, dibujos|retratos, cuadros, encargos, retratos de casas, estudio abierto
mosaic-maker m|taller de mosaico, mosaiquista|mosaicos, suelos, paneles|mosaicos de suelo, números de casa, mosaicos de jardín, reparaciones, encargos
tile-maker m|taller de azulejos, azulejero, azulejos pintados|azulejos, zócalos, paneles|azulejos, copias de antiguos, paneles pintados, segunda selección, encargos
brickmaker m|tejar, ladrillero, tejero, ladrillos a mano|ladrillos, tejas, baldosas|ladrillos a mano, copias de ladrillos, tejas, baldosas, muestras
bell-founder f|fundición, fundidor de campanas, campanero fundidor|campanas, piezas fundidas|campanas nuevas, afinación, yugos, piezas fundidas, reparaciones
organ-builder m|organero, taller de organería, constructor de órganos|órganos, tubos, armonios|afinación, restauración, órganos nuevos, reparación de armonios, mantenimiento
drum-maker m|constructor de tambores, taller de percusión, tamborero|tambores, parches, baquetas|tambores nuevos, cambio de parches, reparaciones, tambores de cuerda, fundas
model-maker m|maquetista, taller de maquetas, modelista naval|maquetas, medios cascos, dioramas|medios cascos, maquetas de barcos, reparaciones, maquetas de arquitectura, vitrinas
kite-maker m|fabricante de cometas, fabricante de banderas|cometas, banderas, estandartes|cometas, banderas a medida, banderines, estandartes, reparaciones
tent-maker m|taller de toldos, toldero, fabricante de lonas|tiendas, toldos, lonas|toldos, lonas a medida, reparación de tiendas, fundas, carpas
net-maker m|taller de redes, redero, redera|redes, nasses, trasmallos|redes, nasas, remiendo, redes deportivas, redes de protección
oar-maker m|remolar, fabricante de remos, taller de mástiles|remos, mástiles, perchas|remos, mástiles y perchas, palas, reparaciones, forrado
hurdle-maker m|fabricante de zarzos, vallas trenzadas, trabajador de monte bajo|zarzos, estacas, varas|vallas trenzadas, estacas, varas para judías, paneles de jardín, monte bajo
charcoal-burner m|carbonero, carbonería, leñador, venta de leña|carbón vegetal, leña, astillas|carbón vegetal, leña seca, astillas, reparto, leña secada
taxidermist m|taxidermista, tallador de asta|piezas, astas|encargos, restauración, alquiler, museos
coppersmith m|calderero artesano, estañador, hojalatero, peltrero|cazos, calderos|estañado, calderos, veletas, reparaciones
clog-maker m|zueco artesano, alpargatero, fabricante de sandalias, alpargatería|zuecos, alpargatas|a medida, suelas nuevas, niños, reparaciones
leather-goods f|marroquinería, marroquinero, artesano del cuero, bolsos de piel|bolsos, cinturones, carteras|bolsos, cinturones, reparaciones, iniciales
tanner f|curtiduría, curtidor, tenería|pieles, cueros|pieles de oveja, curtido por encargo, cueros, visitas
bow-maker m|constructor de arcos, arquería|arcos, flechas, cuerdas|arcos largos, flechas, cuerdas, reparaciones
bagpipe-maker m|gaitero artesano, constructor de gaitas, artesano de gaitas|gaitas, cañas|gaitas nuevas, cañas, ajuste, reparaciones
sundial-maker m|constructor de relojes de sol, fabricante de veletas, globos terráqueos|relojes de sol, veletas, globos|relojes de sol, veletas, restauración, visita
trophy-engraver m|taller de grabado en metal, trofeos, grabador de placas, sellos de caucho|placas, copas, anillos|trofeos, placas, grabado, sellos
surfboard-maker m|fabricante de tablas de surf, shaper, taller de tablas|tablas, quillas|tablas a medida, reparaciones, quillas, ocasión
canoe-builder m|constructor de piraguas, constructor de kayaks, constructor de canoas|piraguas, kayaks, palas|piraguas nuevas, reparaciones, palas, semanas de construcción
caravan-builder m|constructor de carromatos, casas diminutas, constructor de cabañas|carromatos, cabañas|a medida, chasis, estufas, entrega
machine-shop m|taller de mecanizado, tornero fresador, mecánica de precisión, matricero|piezas, engranajes, ejes|torneado, fresado, piezas sueltas, reparaciones
electronics-maker m|taller de electrónica, fabricante de altavoces, técnico electrónico|placas, amplificadores, altavoces|reparaciones, prototipos, amplificadores, series cortas
packaging-maker m|taller de cajas, cartonaje, fabricante de cajas, embalajes de madera|cajas, cajones, estuches|cajas a medida, cajones, tiradas cortas, interiores
print-finisher f|copistería, impresión digital, reprografía, rotulación digital|copias, carteles, lonas|copias, carteles, lonas, encuadernación
mattress-maker m|colchonero artesano, fabricante de colchones, edredones|colchones, edredones, almohadas|colchones a medida, rehechos, edredones, cojines de barco
perfume-maker m|perfumista artesano, cosmética artesana, destilería de esencias|perfumes, aceites, bálsamos|perfumes, aceites, encargos, estuches
craft-supplies f|tienda de manualidades, tienda de abalorios, diseñadora de patrones|kits, cuentas, patrones|kits, patrones, material, encargos
game-maker m|creador de juegos, fabricante de rompecabezas, juegos artesanos|juegos, rompecabezas, tableros|juegos, rompecabezas, piezas sueltas, tiendas
urn-maker m|marmolista funerario, lápidas y recordatorios, fabricante de urnas|lápidas, urnas, placas|lápidas, inscripciones, urnas, limpieza
ship-carver m|tallista naval, tallador de mascarones|mascarones, tablas|tablas de nombre, dorado, restauración, encargos
trug-maker m|fabricante de escaleras de mano, bastonero, fabricante de rastrillos|escaleras, rastrillos, bastones|escaleras, rastrillos, mangos, reparaciones
spinner f|hilandería artesana, hilandera, fabricante de ruecas|hilos, vellones, ruecas|hilos, hilado por encargo, reparación de ruecas, vellones
tapestry-weaver m|tejedor de tapices, alfombrero, tapicista|tapices, alfombras|alfombras a medida, tapices, reparaciones, exposiciones
lettercutter m|grabador de letras, placas de pizarra, letras en piedra|placas, inscripciones|placas de casa, inscripciones, dibujos, colocación
enameller m|esmaltador, taller de esmalte, esmaltadora|esmaltes, placas, cuentas|insignias, placas, encargos, reparaciones
stage-builder m|constructor de decorados, atrezzista, montaje de exposiciones|decorados, atrezo, vitrinas|decorados, atrezo, exposiciones, montaje
greetings-card-maker f|tarjetería artesana, diseñadora de tarjetas, editor de postales|tarjetas, papeles, calendarios|tarjetas, papeles, calendarios, tiendas
clockmaker m|relojero, relojería, taller de relojería, relojera, restaurador de relojes, restauradora de relojes, reparación de relojes|relojes, relojes de pared, barómetros|reparación de relojes, revisión de mecanismos, cambio de pila, restauración de esferas, visitas a domicilio
accordion-maker m|afinador de acordeones, taller de acordeones, constructor de acordeones|acordeones, concertinas|afinación, reparaciones, fuelles, correas, instrumentos de ocasión
woodwind-repairer m|reparador de instrumentos de viento, taller de viento, constructor de flautas|flautas, clarinetes, trompetas|mantenimiento, zapatillas, abolladuras, alquiler, ocasión
cycles m|taller de bicicletas, mecánico de bicicletas, tienda de bicicletas|bicicletas, ruedas, bicis de carga|revisión completa, montaje de ruedas, frenos y cambios, reparación de cuadros, bicicletas de ocasión
upholsterer m|tapicero, tapicería, taller de tapicería, tapicera|sillas, sofás, butacas, cojines|retapizado, fundas, cojines, muelles y cinchas, consejo de telas
piano-tuner m|afinador de pianos, taller de pianos, técnico de pianos|pianos, pianos de cola, pianos verticales|afinación, regulación, reparaciones, restauración, tasaciones
locksmith f|cerrajería, cerrajero, cerrajero de urgencia|cerraduras, llaves, cajas fuertes|colocación de cerraduras, copia de llaves, apertura de puertas, cajas fuertes, revisión de seguridad
shoe-repairer f|zapatería de arreglos, zapatero, zapatero remendón, reparación de calzado|zapatos, botas, bolsos|suelas y tacones, costuras, ensanchado, teñido, zapatos a medida
furniture-restorer m|restaurador de muebles, restauración de muebles, barnizador, restauradora de muebles|muebles antiguos, mesas, sillas, escritorios|barnizado a muñequilla, chapas, encolado, tratamiento de carcoma, tapas de cuero
garage m|taller mecánico, taller de coches, mecánico de coches, taller de automóviles|coches, furgonetas, motores|revisión, frenos, escape, neumáticos, revisión antes de la inspección
motorcycle-workshop m|taller de motos, mecánico de motos, taller de scooters|motos, scooters, ciclomotores|revisión, neumáticos, electricidad, carburadores, restauración
body-shop m|taller de chapa y pintura, chapista, carrocero|coches, carrocerías, pinturas|abolladuras, pintura, óxido, siniestros de seguro, pulido
classic-car-restorer m|taller de coches clásicos, restaurador de coches clásicos|coches clásicos, motores, carrocerías|restauración, reconstrucción de motores, chasis, tapicería, revisión antes de la compra
caravan-workshop m|taller de caravanas, taller de autocaravanas, camperización|caravanas, autocaravanas, furgonetas camper|revisión de estanqueidad, humedades, camperización, gas y electricidad, avances
tyre-fitter m|taller de neumáticos, neumáticos, montaje de neumáticos|neumáticos, ruedas|montaje, pinchazos, equilibrado, alineación, guardado
marine-engineer m|mecánico naval, taller náutico, mecánico de motores marinos|motores marinos, fuerabordas, ejes|mantenimiento, reparación de fuerabordas, invernaje, ejes, asistencia a flote
rigger m|aparejador náutico, taller de jarcia, rigger náutico|jarcias, mástiles, cables|jarcia firme, jarcia de labor, revisión de mástiles, empalmes, guardamancebos
appliance-repairer m|técnico de electrodomésticos, reparación de electrodomésticos|lavadoras, cocinas, frigoríficos|lavadoras, cocinas, frigoríficos, repuestos, aparatos de ocasión
radio-repairer m|taller de radios, técnico de radio, reparación de equipos de sonido|radios, amplificadores, tocadiscos|reparación de radios, amplificadores, tocadiscos, restauración, prueba de válvulas
computer-repairer m|taller de ordenadores, reparación de ordenadores, técnico informático, reparación de móviles, informática|ordenadores, portátiles, teléfonos|reparaciones, rescate de datos, instalación, pantallas, visitas a domicilio
sewing-machine-repairer m|taller de máquinas de coser, mecánico de máquinas de coser|máquinas de coser, remalladoras|revisión, reparaciones, ajustes, máquinas de ocasión, piezas
tool-sharpener m|afilador, taller de afilado, afilado de cuchillos|cuchillos, tijeras, sierras|cuchillos y tijeras, sierras, herramientas de jardín, formones, ronda de recogida
mower-repairer m|taller de cortacéspedes, maquinaria de jardín, reparación de motosierras|cortacéspedes, motosierras, desbrozadoras|mantenimiento, motosierras, afilado de cuchillas, recogida, ocasión
agricultural-mechanic m|taller de maquinaria agrícola, mecánico agrícola, taller de tractores|tractores, empacadoras, remolques|reparación de tractores, asistencia en campo, hidráulica, soldadura, repuestos
welder m|soldador, taller de soldadura, metalistería, calderero|verjas, bastidores, soportes|soldadura, verjas y barandillas, soportes y bastidores, reparación de remolques, soldadura a domicilio
electroplater m|taller de galvanoplastia, plateador, pulidor de metales|plata, latón, cromo|plateado, pulido de latón, cromado, rebaño, lacado
doll-repairer m|taller de muñecas, reparador de muñecas, restauradora de juguetes|muñecas, osos, juguetes|montaje, ojos, limpieza, ropa, tasaciones
ceramic-restorer m|restaurador de cerámica, restauradora de porcelana|porcelanas, lozas, figuras|pegados, faltas, retoque, restauración de museo, presupuestos
painting-restorer m|restaurador de cuadros, restauradora de pintura, restauración de papel|cuadros, grabados, marcos|limpieza, desgarros, reentelado, barniz, informes de estado
rug-repairer m|taller de alfombras, restaurador de alfombras, limpieza de alfombras|alfombras, kilims|lavado, flecos, reanudado, tratamiento antipolilla, recogida
stove-restorer m|restaurador de estufas, taller de cocinas de hierro|cocinas, estufas, parrillas|mantenimiento, restauración, conversión, piezas, estufas antiguas
pen-repairer m|taller de plumas, reparación de estilográficas, tienda de plumas|plumas estilográficas, plumines, tintas|ajuste de plumines, depósitos nuevos, restauración, tintas, plumas de ocasión
camera-repairer m|taller de cámaras, reparación de cámaras, taller de óptica de precisión|cámaras, objetivos, prismáticos|obturadores, limpieza de objetivos, fuelles, prismáticos, ocasión
harp-maker m|constructor de arpas, constructor de clavecines, taller de arpas|arpas, clavecines, espinetas|encordado, afinación, regulación, instrumentos nuevos, alquiler
ski-workshop m|taller de esquís, alquiler de esquís|esquís, botas, trineos|cantos y cera, alquiler, ajuste de botas, reparaciones, guardado
tackle-shop f|tienda de pesca, artículos de pesca, constructor de cañas|cañas, carretes, cebos|cañas y carretes, reparaciones, cebos, permisos, moscas
wheelwright m|carretero, taller de carruajes, constructor de carros|ruedas, carros, carruajes|ruedas nuevas, aros, reparación de carros, restauración de carruajes, alquiler
farrier m|herrador, herraje de caballos, podólogo equino|caballos, cascos, herraduras|herraje, recorte, herraje correctivo, rondas, urgencias
clothes-mender m|taller de zurcido, zurcidora, zurcido invisible|ropa, jerséis, chaquetas|zurcido, zurcido invisible, parches, cremalleras, chaquetas enceradas
tool-library m|taller de reparación voluntario, biblioteca de herramientas|herramientas, lámparas, ropa|tardes de reparación, préstamo de herramientas, revisión eléctrica, mesa de costura, consejo
vehicle-electrician m|electricista de automóviles, lunas de coche, electricidad del automóvil|baterías, lunas, cables|averías, baterías, lunas, enganches
hydraulic-repairer m|bobinador, taller de bombas, latiguillos hidráulicos, rectificadora de motores|motores, bombas, latiguillos|bobinado, rodamientos, latiguillos, en el lugar
inflatable-repairer m|reparación de neumáticas, taller de fibra, pintor de barcos, electrónica náutica, tapicero náutico|cascos, flotadores, cubiertas|gelcoat, flotadores, pintura, electrónica
musical-box-repairer m|taller de máquinas de escribir, restaurador de cajas de música, reparador de gramófonos, máquinas de escribir|cajas de música, máquinas|limpieza, muelles, reparaciones, ocasión
leather-restorer m|restaurador de cuero, reparación de bolsos, reparación de maletas|bolsos, sofás, maletas|costuras, color, cremalleras, asas
chimney-sweep m|deshollinador, limpieza de chimeneas, deshollinadora|chimeneas, conductos, estufas|deshollinado, prueba de humo, sombreretes y rejillas, retirada de nidos, certificados
thatcher m|techador de paja, cubiertas vegetales, techador de brezo|cubiertas de paja, cumbreras|cubierta nueva, cumbreras, reparaciones, limpieza de musgo, inspecciones
stonemason m|cantero, picapedrero, cantería, marmolista, piedra seca|muros, escalones, dinteles, lápidas|rejuntado de cal, muros de piedra seca, escalones y alféizares, lápidas, piedra tallada
plumber m|fontanero, fontanería, calefactor, plomero|grifos, calderas, tuberías|fugas y averías, mantenimiento de calderas, baños, calefacción, desatascos
electrician m|electricista, instalaciones eléctricas, electricidad|instalaciones, luces, enchufes|renovación de instalaciones, averías, iluminación, boletines, luz exterior
plasterer m|yesero, escayolista, enlucidor, revocador|paredes, techos, molduras|enlucido, revoco de cal, fachadas, molduras, remates
roofer m|tejador, cubiertas y tejados, pizarrista, techador|tejados, pizarras, canalones|reparación de tejados, tejados nuevos, plomos, canalones, cubiertas planas
decorator m|pintor decorador, pintor de casas, pintor de brocha, empresa de pintura, empapelador, pinturas|habitaciones, maderas, fachadas|pintura interior, empapelado, fachadas, ventanas, encalado
tiler m|alicatador, solador, azulejista, alicatados|suelos, paredes, baños|baños, suelos de cocina, frentes, suelos antiguos, terrazas
window-cleaner m|limpiacristales, limpieza de cristales, limpiador de ventanas|ventanas, canalones, galerías|cristales, canalones, galerías, escaparates, placas solares
stove-fitter m|instalador de estufas, estufista, instalador de chimeneas|estufas, hogares, tubos|instalación de estufas, entubado, hogares, mantenimiento, consejo en casa
floor-layer m|parquetista, instalador de suelos, acuchillador, tarimas|suelos, tarimas, moquetas|lijado y aceitado, parqué, moqueta, linóleo, reparación de tarimas
fencer m|instalador de vallas, cercados, vallados y cercas|vallas, puertas, postes|vallas de jardín, portillos, cercados, reparaciones, postes
removals f|empresa de mudanzas, mudanzas, transportista de muebles|casas, pianos, cajas|mudanzas, embalaje, pianos, guardamuebles, piezas sueltas
builder f|empresa de construcción, albañil, albañilería, constructor, reformas|casas, ampliaciones, muros|ampliaciones, reformas, albañilería, reparaciones, muros de jardín
timber-framer f|carpintería de armar, carpintero de estructuras, estructuras de madera|armaduras, entramados, pajares|cubiertas de madera, entramados, pajares, porches, reparaciones
window-restorer m|restaurador de ventanas, fabricante de ventanas, taller de ventanas|ventanas, contraventanas, marcos|puesta a punto, burletes, herrajes, hojas nuevas, contraventanas
glazier f|cristalería, cristalero, vidriería, acristalamientos|cristales, espejos, vidrios|cristales rotos, doble vidrio, espejos, gateras, vidrio de invernadero
handyman m|manitas, pequeñas reparaciones, servicio de mantenimiento, chapuzas a domicilio|estantes, puertas, canalones|pequeños arreglos, estantes, puertas, montaje de muebles, canalones
scaffolder f|empresa de andamios, montador de andamios, andamios|andamios, torres, cubiertas|fachadas, chimeneas, torres, cubiertas provisionales, revisiones
insulation-fitter m|aislamientos, empresa de aislamientos, instalador de aislamiento|cubiertas, muros, suelos|cubiertas, muros, suelos, burletes, estudios
solar-installer m|instalador solar, placas solares, energía solar, aerotermia|placas, baterías, bombas de calor|placas solares, baterías, aerotermia, mantenimiento, visita
drain-clearer m|desatascos, empresa de desatascos, pocería, pocero|tuberías, fosas, arquetas|desatascos, inspección con cámara, fosas sépticas, rehabilitación, arquetas
well-driller m|pocero de pozos, perforación de pozos, sondeos de agua|pozos, sondeos, bombas|sondeos, bombas, filtros, aforos, mantenimiento
groundworker m|excavaciones, movimiento de tierras, empedrador, pavimentos exteriores|accesos, cimientos, zanjas|cimientos, caminos y accesos, drenajes, desbroces, retro con conductor
lime-worker m|constructor con tierra, bioconstrucción, revocos de cal, adobero|muros, suelos, hornos|revocos de cal, revocos de barro, adobe, encalados, suelos de tierra
conservatory-builder m|constructor de invernaderos, casetas de jardín, cerramientos y galerías|invernaderos, casetas, pérgolas|casetas a medida, invernaderos, pérgolas, reparaciones, bases
curtain-maker m|taller de cortinas, cortinas y estores, confección de cortinas|cortinas, estores, cojines|cortinas, estores, cojines, colocación, medición
cleaner f|empresa de limpieza, limpieza de casas, limpieza de oficinas, limpiadora|casas, oficinas, moquetas|limpieza semanal, fin de alquiler, oficinas, moquetas, limpieza a fondo
pest-controller m|control de plagas, desratizador, retirada de avisperos|avispas, topos, ratones|avisperos, topos, ratones y ratas, sellado, urgencias
aerial-fitter m|antenista, instalador de antenas, telecomunicaciones|antenas, parabólicas, cables|antenas, parabólicas, puntos de red, montaje en pared, averías
alarm-fitter m|instalador de alarmas, protección contra incendios, mantenimiento de extintores|alarmas, detectores, extintores|alarmas, detección de incendios, extintores, mantenimiento, averías
pool-builder m|constructor de piscinas, estanques, mantenimiento de piscinas|estanques, piscinas, bombas|estanques, piscinas naturales, bombas y filtros, mantenimiento, reparaciones
lift-engineer m|instalador de salvaescaleras, ascensorista, adaptación de viviendas|salvaescaleras, rampas, barras|salvaescaleras, rampas, barras de apoyo, baños adaptados, mantenimiento
steeplejack m|trabajos verticales, instalador de pararrayos, trabajos en altura|torres, chimeneas, pararrayos|pararrayos, inspecciones, rejuntado en altura, veletas, mástiles
house-clearer m|vaciado de pisos, vaciado de casas, chatarrero|casas, desvanes, garajes|vaciado de casas, desvanes y garajes, chatarra, contenedores, tasaciones
skip-hire m|alquiler de contenedores, contenedores de obra, gestor de residuos|contenedores, escombros, tierra|contenedores pequeños, contenedores de obra, camión grúa, retirada de tierras, tierra vegetal
playground-builder m|constructor de parques infantiles, fabricante de bancos, muebles de jardín|columpios, bancos, pasarelas|juegos, bancos, pasarelas, revisiones
staircase-maker m|fabricante de escaleras, escalerista, pasamanos|escaleras, pasamanos, balaustres|escaleras nuevas, pasamanos, reparaciones, escaleras de altillo
door-maker m|fabricante de puertas, puertas de garaje, automatismos|puertas, persianas, motores|puertas de entrada, puertas de garaje, reparaciones, motores
blind-fitter m|persianista, instalador de persianas, fabricante de contraventanas|persianas, estores, toldos|persianas, estores, toldos, medición
demolition m|empresa de derribos, demoliciones, corte de hormigón, retirada de amianto|muros, losas, huecos|huecos, derribos, perforación, retirada
damp-proofer m|tratamiento de humedades, tratamiento de la madera, impermeabilizaciones|sótanos, muros, vigas|diagnóstico, sótanos, carcoma, ventilación
heat-engineer m|frigorista, climatización, aire acondicionado, ventilación|equipos, filtros, cámaras|instalación, mantenimiento, averías, cámaras frías
conservation-builder f|restauración de edificios, rehabilitación de casas antiguas, constructor tradicional|casas, pajares, iglesias|cal, maderas, cubiertas, visitas
shopfitter m|montador de tiendas, interiorismo comercial, instalador de pladur|tiendas, mostradores, estanterías|mostradores, estanterías, tabiques, montaje
metal-roofer m|hojalatero de tejados, instalador de canalones, cubiertas de zinc|canalones, zinc, cobre|cubiertas de zinc, canalones, remates, revestimientos
house-minder f|cuidado de segundas residencias, guardia de casas, gestión de viviendas vacacionales|casas, llaves|llaves, revisiones, cambios, pequeños arreglos
pressure-washing m|limpieza de fachadas, chorreado de arena, limpieza de tejados|accesos, tejados, fachadas|accesos, tejados, fachadas, pintadas
tree-surgeon m|podador, arborista, poda y tala, cirugía arbórea|árboles, setos, tocones|poda, tala, corte de setos, destoconado, inspecciones
gardener m|jardinero, jardinera, jardinería, mantenimiento de jardines, paisajista jardinero|jardines, céspedes, setos|mantenimiento, setos y césped, plantaciones, poda, desbroce
hedge-layer m|cuidador de setos, setos vivos, trenzador de setos|setos, taludes, cunetas|setos vivos, plantación, repoblación, cunetas, recepa
garden-designer m|diseñador de jardines, arquitecta paisajista, diseño de jardines|jardines, parterres, terrazas|planos de jardín, planes de plantación, parterres, terrazas, consejo in situ
forester m|trabajos forestales, silvicultor, maderista, selvicultura|montes, madera, pistas|claras, plantaciones, saca de madera, planes de gestión, caminos
sawmill m|aserradero, serrería, almacén de maderas, maderero|tablas, vigas, tablones|aserrado por encargo, vigas de roble, tarimas, secado, aserrado a domicilio
animal-boarding f|residencia canina|perros, gatos|alojamiento, paseos, peluquería, visitas, recogida
riding-stable m|centro ecuestre, cuadra, pupilaje de caballos, paseos a caballo, hípica|caballos, ponis, boxes|pupilaje, monta, rutas, días de poni, paseos en carruaje
wool-grower m|pastor, esquilador, ganadería ovina, granja de alpacas, hilatura|lanas, hilos, ovejas|esquila, vellones, hilos, paseos, rebaños pequeños
flower-farm f|finca de flores, floricultor, cultivo de flores, campo de lavanda|flores, ramos, lavanda|ramos, cubos para fiestas, flores secas, bodas, corte propio
compost f|planta de compost, lombricultura, venta de mantillo, sustratos|compost, mantillo, tierra|compost en saco, granel, restos vegetales, vermicomposteras, consejo
gamekeeper m|guía de naturaleza, guarda de caza, reserva natural, educador ambiental|fauna, bosques, aves|rutas guiadas, observatorios, gestión, colegios, hábitats
bulb-grower m|productor de bulbos, vivero de cactus, árboles de navidad, vivero de bonsáis, césped en rollo|bulbos, árboles, plantas|envíos, puertas abiertas, consejo, encargos
livestock-breeder f|ganadería, criador de ovejas, ganadería caprina, yeguada, cría de caballos|sementales, corderos|reproductores, visitas, ferias, carne y lana
contractor-farm f|empresa de servicios agrícolas, cosechador, empacado de heno|campos, balas, cunetas|siega y empacado, arado, corte de setos, abonado
path-builder m|construcción de senderos, restauración de riberas, mantenimiento de cauces|senderos, riberas, diques|senderos, riberas, drenaje, hábitats
lawn-care m|mantenimiento de césped, cortasetos, zonas verdes|céspedes, setos|siega, abono, escarificado, corte de setos
garden-builder m|constructor de jardines, instalador de riego, pavimentos de jardín|patios, muretes, estanques|patios, escalones y muretes, tarimas, riego
beekeeper m|apicultor, apicultora, colmenar, miel artesana, apicultura|miel, abejas, colmenas, cera|miel, velas, recogida de enjambres, colmenas, visita al colmenar
farm f|granja, finca, agricultor, explotación agrícola, ganadero, caserío|huevos, carne, verduras, leche|huevos, lotes de carne, verduras, visitas, heno y paja
orchard f|finca de frutales, fruticultor, manzanar, cultivo de frutales|manzanas, peras, ciruelas, zumo|manzanas, zumo, recogida propia, prensado, poda
vineyard f|bodega, viticultor, viñedo, bodeguero, viña|vinos, uvas, botellas|vinos, catas, visita a la bodega, envíos, vendimia
cider-maker f|sidrería productora, llagar, sidrero, elaborador de sidra, lagar|sidra, zumo, vinagre|sidra natural, perada, cata, prensado, vinagre
brewery f|fábrica de cerveza artesana, cervecera artesana, maestro cervecero, microcervecería|cervezas, barriles, botellas|rubia y negra, barriles, botellas, visitas, cervezas de temporada
distillery f|destilería, destilador, alambique, aguardientes artesanos|aguardientes, ginebra, licores|aguardientes, ginebra, visitas, destilado por encargo, estuches
cheesemaker f|quesería, quesero, quesera, lechería, quesos artesanos|quesos, mantequilla, cuajada|queso curado, queso fresco, mantequilla, piezas enteras, visitas
smokehouse m|ahumadero, ahumados artesanos, ahumador|pescado ahumado, arenques, quesos|arenques, salmón, queso ahumado, ahumado por encargo, cajas de regalo
mill m|molino harinero, molinero, harinera, molino de agua|harina, salvado, copos|harina de piedra, centeno, días de molienda, visitas, compra de grano
oil-press f|almazara, olivarero, molino de aceite, productor de aceite|aceites, aceitunas, vinagres|aceite de oliva, aceite de nueces, catas, molturación, estuches
salt-maker f|salina, salinero, sal artesana|sal marina, escamas, sal ahumada|sal marina, flor de sel, sal de hierbas, sacos, visita a la salina
preserve-maker f|fábrica de conservas artesanas, mermeladas artesanas, conservero, conservera|mermeladas, chutneys, encurtidos|mermeladas, chutneys, encurtidos, cestas, tiradas cortas
chocolate-maker f|chocolatería artesana, chocolatero, confitería, confitero, bombonería|chocolates, bombones, caramelos|tabletas, bombones, caramelos, detalles de boda, envíos
tea-merchant m|tostador de café, tostadero, casa de tés, herbolario de infusiones|cafés, tés, infusiones|café en grano, tés a granel, mezclas, catas, venta al por mayor
egg-producer f|granja avícola, avicultor, productor de huevos, gallinas camperas|huevos, gallinas, pollitos|huevos, gallinas ponedoras, pollitos, gallineros, aves por encargo
mushroom-grower m|cultivador de setas, cultivo de setas, truficultor, plantas aromáticas|setas, hierbas, berros|setas frescas, setas secas, kits de cultivo, hierbas, repartos
oyster-farm m|ostricultor, criadero de ostras, mejillonero, mariscador, algas|ostras, mejillones, algas|ostras, mejillones, algas, degustación, envíos en hielo
fisherman m|pescador, pescador de bajura, barco de pesca, armador de bajura|centollos, bogavantes, caballas|pescado del día, marisco, encargos, nécoras, venta en el muelle
cake-maker m|taller de tartas, tartas de boda, tartas por encargo|tartas, pisos|tartas de boda, cumpleaños, pruebas, entrega
ice-cream-maker f|heladería artesana, heladero, carrito de helados|helados, sorbetes|bolas, tarrinas, alquiler de carrito, sabores
food-van f|furgoneta de comida, food truck, camión de pizzas, carrito de café|platos, lugares|lugares y días, fiestas, bodas, carta
pasta-maker m|fabricante de pasta fresca, vinagrería, mostaza artesana, obrador de pasta|pasta, mostazas, vinagres|pasta fresca, tarros, por mayor, catas
fruit-juice f|fábrica de zumos, gaseosera artesana, siropes artesanos|zumos, siropes, botellas|zumos, siropes, cajas, por mayor
crop-farm f|piscifactoría, cría de caracoles, azafranero, cultivo de espárragos, cultivo de fresas, almendrero|truchas, espárragos, fresas|venta directa, truchas ahumadas, recogida, encargos
pie-maker f|fábrica de empanadas, empanadas artesanas, conservera de platos, croquetas artesanas|empanadas, sopas|empanadas, tiendas, bandejas, temporada
clock-dealer m|anticuario de relojes, tienda de relojes antiguos|relojes, barómetros|relojes de pie, relojes de bolsillo, tasaciones, compra, reparaciones
salvage-yard m|derribos y antigüedades, materiales recuperados, almacén de derribos|vigas, puertas, ladrillos, chimeneas|madera recuperada, puertas, ladrillos y baldosas, chimeneas, compra
seeds f|casa de semillas, semillero, tienda de semillas, semillería|semillas, bulbos, mezclas|semillas de huerta, semillas de flor, bulbos, mezclas de pradera, consejos
nursery m|vivero, viverista, centro de jardinería, rosaleda|plantas, vivaces, rosales, arbustos|vivaces, arbustos y árboles, rosales, consejo de plantación, reparto
fishmonger f|pescadería, pescadero, pescadera, venta de pescado|pescado, marisco|pescado fresco, marisco, limpieza y filetes, bandejas, encargos
greengrocer f|frutería, verdulería, horticultor, frutas y verduras, huerta de venta directa|verduras, frutas, ensaladas|verduras, frutas, cestas semanales, encargos, repartos
butcher f|carnicería, carnicero, charcutero, embutidos artesanos, charcutería|carnes, embutidos, jamones|carnes, embutidos, jamones, encargos, despiece a medida
wool-shop f|mercería, tienda de lanas, lanería, mercera|lanas, agujas, botones|lanas, agujas, botones, patrones, tardes de punto
antique-dealer m|anticuario, antigüedades, almoneda, tienda de segunda mano, subastador, casa de subastas|muebles, plata, cuadros, porcelana|muebles, plata, tasaciones, compra, entrega
florist f|floristería, florista, tienda de flores|ramos, coronas, flores, plantas|ramos, flores de boda, coronas, plantas, reparto
bookshop f|librería, librero, librería de viejo, librera, libros de ocasión|libros, mapas, grabados|libros nuevos, libros de viejo, encargos, mapas y grabados, lecturas
ironmonger f|ferretería, ferretero, droguería, almacén de ferretería|herramientas, tornillos, pinturas|herramientas, tornillería suelta, pinturas, llaves, alquiler de herramientas
village-shop f|tienda de pueblo, ultramarinos, colmado, tienda de comestibles, abacería|comestibles, periódicos|comestibles, periódicos, correos, encargos, repartos
wholefood-shop f|tienda a granel, herboristería, tienda ecológica, tienda de especias, mantequería|granos, especias, aceites|granel, especias, aceites, recargas, cestas
wine-merchant f|vinoteca, tienda de vinos, licorería, enoteca|vinos, cervezas, licores|vinos, cajas variadas, catas, préstamo de copas, reparto
clothes-shop f|tienda de ropa, boutique de ropa, camisería, ropa de trabajo, tienda vintage|abrigos, vestidos, camisas|abrigos y chaquetas, vestidos, ropa de trabajo, arreglos, uniformes
shoe-shop f|zapatería, tienda de zapatos, zapatos infantiles|zapatos, botas, zapatillas|asesoramiento, calzado infantil, botas de montaña, zapatillas de casa, hormas anchas
toy-shop f|juguetería, tienda de juegos, tienda de modelismo, tienda de juguetes|juguetes, juegos, maquetas|juguetes, juegos de mesa, maquetas, reparaciones, encargos
record-shop f|tienda de discos, tienda de música, casa de música, partituras|discos, instrumentos, partituras|discos nuevos, discos de ocasión, instrumentos, partituras, alquiler
art-supplies f|papelería, bellas artes, material de dibujo, tienda de bellas artes|pinturas, papeles, plumas|pinturas y pinceles, papeles, cuadernos, marcos, encargos
fabric-shop f|tienda de telas, pañero, telas por metros, lencería de hogar|telas, forros, galones|telas de vestir, telas de hogar, forros, galones, corte por metros
furniture-shop f|tienda de muebles, tienda de colchones, colchonería, tienda de lámparas|camas, sofás, lámparas|camas, sofás, mesas, entrega, retirada
optician f|óptica, óptico, optometrista, gafas graduadas|gafas, lentes, monturas|revisión de la vista, gafas, lentillas, reparaciones, gafas infantiles
hearing-shop m|centro auditivo, audioprotesista, audífonos|audífonos, moldes|revisión auditiva, audífonos, protectores, reparaciones, visitas
chemist f|farmacia, farmacéutico, herbolario, parafarmacia, perfumería|remedios, cremas, hierbas|recetas, consejo, reparto, hierbas, cosmética
gallery f|galería de arte, tienda de artesanía, galerista, tienda de regalos|cuadros, grabados, artesanía|exposiciones, grabados, artesanía, encargos, enmarcado
chandlery f|efectos navales, pertrechos náuticos, tienda náutica|cabos, pinturas, herrajes|cabos por metros, antifouling, herrajes, seguridad, encargos
outdoor-shop f|tienda de deportes, tienda de surf, tienda de montaña|botas, tablas, tiendas|calzado, alquiler, reparaciones, tablas y trajes, mapas
feed-merchant m|almacén de piensos, piensos, cooperativa agrícola, tienda agraria|piensos, heno, camas|piensos, heno y paja, camas, cercados, reparto
stamp-dealer f|filatelia, numismática, tienda de sellos, comerciante de monedas|sellos, monedas, mapas|sellos, monedas, tasaciones, compra, catálogos
mineral-shop f|tienda de minerales, lapidario, tienda de fósiles, tallador de gemas|minerales, fósiles, piedras|minerales, fósiles, pulido, piedras talladas, salidas
costume-hire m|alquiler de disfraces, alquiler de trajes, tienda de novias, sastrería teatral|disfraces, vestidos, trajes|alquiler, vestuario teatral, vestidos de novia, pruebas, arreglos
electrical-shop f|tienda de electrodomésticos, tienda de electricidad, tienda de radio y televisión|lámparas, radios, aparatos|lámparas, reparaciones, bombillas, entrega, conexión
charity-shop f|tienda solidaria, tienda benéfica, ropero solidario, tienda de reutilización|ropa, libros, muebles|ropa, libros, muebles, donaciones, recogida
gravel-merchant f|cantera de piedra, almacén de materiales, gravera, pizarrera|piedra, grava, pizarra|piedra, grava, pizarra, entrega
paint-shop f|tienda de pinturas, fabricante de pinturas, papeles pintados|pinturas, papeles, brochas|mezcla de colores, papel pintado, brochas, consejo
kitchen-shop f|tienda de menaje, menaje de cocina, tienda de loza|cazuelas, cuchillos, loza|cazuelas, cuchillos, loza, afilado
tobacconist m|quiosco, estanco, prensa y revistas|periódicos, tarjetas|periódicos, reparto, tarjetas, correos
pram-shop f|tienda de bebés, ropa infantil, puericultura|cochecitos, cunas, ropa|cochecitos, alquiler, ropa, reparaciones
mobility-shop f|ortopedia, técnico ortopédico, alquiler de sillas de ruedas|sillas, bastones, plantillas|sillas, plantillas, alquiler, reparaciones
saddle-shop f|tienda hípica, tienda ecuestre|sillas, botas, mantas|ajuste, ropa, lavado de mantas, ocasión
aquarium-shop f|tienda de acuarios, acuariofilia|acuarios, plantas, peces|acuarios, plantas, consejo, cuidados
vehicle-dealer m|concesionario, compraventa de coches, corredor de barcos, venta de barcos|coches, furgonetas, barcos|ocasión, tasación, búsqueda, preparación
market-stall m|puesto de mercado, vendedor ambulante, parada de mercado|puestos, productos, días|días de mercado, productos, encargos, fiestas
uniform-shop f|lencería, corsetería, uniformes escolares, tienda de bañadores|lencería, uniformes, bañadores|pruebas, encargos, arreglos, tallas especiales
phone-shop f|tienda de móviles, tienda de informática, tienda de pilas|móviles, pilas, tintas|reparaciones, pilas, tintas, ocasión
guesthouse f|casa de huéspedes, pensión, hostal, posada, hotel pequeño, casa rural con habitaciones|habitaciones, desayunos|habitaciones dobles, habitaciones individuales, desayuno, comida para llevar, guarda de bicicletas
campsite m|camping, terreno de acampada, área de autocaravanas, zona de acampada|parcelas, cabañas, tiendas|parcelas para tiendas, caravanas, cabañas, duchas calientes, leña
holiday-cottage f|casa de vacaciones, apartamento turístico, casa rural, alojamiento rural|casas, camas, jardines|semanas, estancias cortas, ropa de cama, chimenea, perros
hostel m|albergue, refugio, casa de colonias, albergue de peregrinos|literas, dormitorios, cocinas|literas, habitaciones, grupos, secadero, cocina
houseboat-hire m|alquiler de barcazas, barcos vivienda, casas flotantes|barcos, camarotes, canales|semana, fin de semana, barcos de día, instrucción, amarres
wedding-barn f|finca de bodas, pajar para eventos, salón de celebraciones, espacio para bodas|pajares, patios, jardines|bodas, fiestas, carpa, alojamiento, visitas
lighthouse-stay m|alojamiento singular, cabañas en los árboles, castillo hotel, molino con habitaciones|noches, habitaciones|noches, desayuno, cómo llegar, grupos
hotel m|hotel, hotel familiar, hotel rural, hotel con encanto|habitaciones, suites, comidas|habitaciones, familiares, comidas, celebraciones, ofertas
allotments f|asociación de huertos, huertos urbanos, huerto comunitario, huertos de ocio|parcelas, caminos, casetas|parcelas, lista de espera, herramientas compartidas, jornadas abiertas, intercambio de semillas
choir m|coro, coral, orfeón, coro de cámara, grupo vocal|canciones, conciertos, ensayos|ensayos, conciertos, bodas, unirse, jornadas abiertas
brass-band f|banda de música, banda municipal, orquesta, charanga, agrupación musical, sociedad musical|conciertos, pasacalles, ensayos|ensayos, conciertos, actuaciones, banda juvenil, préstamo de instrumentos
bell-ringers m|campaneros, asociación de campaneros, toque de campanas|campanas, cuerdas|ensayos, toques de boda, principiantes, visitas a la torre, campaneros invitados
history-society f|sociedad de historia local, asociación de patrimonio, amigos del patrimonio, centro de estudios locales|archivos, charlas, paseos|charlas, paseos guiados, archivo, publicaciones, socios
sailing-club m|club de vela, club náutico|barcos, regatas, amarres|regatas, barcos del club, jornadas abiertas, amarres, socios
rowing-club m|club de remo, club de piragüismo, club de traineras, club de canoa|botes, remos, tripulaciones|bautismo de remo, tripulaciones, botes del club, regatas, socios
football-club m|club de fútbol, club deportivo, club de rugby, club de baloncesto, peña deportiva|partidos, equipos, campos|entrenamientos, partidos, equipos juveniles, socios, local social
bowls-club m|club de tenis, club de petanca, tiro con arco, club de bolos, club de bádminton, club de tiro|pistas, boleras, torneos|sesiones, torneos, jornadas de prueba, socios, préstamo de material
cycling-club m|club ciclista, peña ciclista, grupo ciclista|salidas, rutas, carreras|salidas semanales, jornadas de iniciación, viajes en bici, socios, programa
walking-club m|club de montaña, club de senderismo, grupo excursionista, grupo de montaña, club de escalada|rutas, salidas, cumbres|salidas semanales, rutas de iniciación, viajes, socios, programa
swimming-club m|club de natación, nadadores, club de waterpolo|largos, competiciones|entrenamientos, grupos, competiciones, aprendizaje, socios
chess-club m|club de ajedrez, club de juegos, agrupación astronómica, radioaficionados|juegos, tableros, tardes|tardes de club, torneos, novatos, socios, puertas abiertas
drama-society m|grupo de teatro, teatro aficionado, compañía de teatro, teatro de títeres, cuentacuentos|obras, ensayos, entradas|funciones, entradas, audiciones, teatro joven, socios
morris-side m|grupo de danzas, agrupación folclórica, grupo de baile tradicional, peña folclórica|danzas, trajes, veladas|ensayos, actuaciones, contratación, novatos, bailes
gardening-club f|sociedad de horticultura, club de jardinería, asociación de apicultores, asociación naturalista|jardines, muestras, charlas|charlas, visitas a jardines, muestra anual, intercambio de plantas, socios
neighbourhood-group f|asociación de vecinos, club de jubilados, asociación de mujeres, peña, comisión de fiestas, centro de mayores, asociación de inquilinos, peña de fiestas|encuentros, salidas, charlas|encuentros, charlas, salidas, comidas, socios
community-workshop m|taller comunitario, taller compartido, taller de reparación vecinal|bancos, herramientas, proyectos|días abiertos, herramientas compartidas, reparaciones con ayuda, trabajos para el barrio, socios
youth-group m|grupo scout, club juvenil, ludoteca, asociación juvenil, grupo de tiempo libre|niños, campamentos, actividades|reuniones, campamentos, inscripción, voluntariado, vacaciones
charity f|asociación benéfica, banco de alimentos, fundación, ONG, asociación de ayuda, acogida de refugiados|ayuda, donativos, voluntarios|ayuda, donativos, voluntariado, actos, memoria anual
lifeboat f|estación de salvamento, salvamento marítimo, socorro marítimo|equipos, salidas, lanchas|salvamento, visitas, prevención, donativos, voluntariado
fire-brigade m|bomberos voluntarios, protección civil voluntaria, cuerpo de bomberos, grupo de rescate|equipos, salidas, vehículos|intervenciones, visitas, prevención, bomberos jóvenes, voluntariado
church f|parroquia, iglesia, ermita, monasterio, comunidad parroquial|misas, campanas, salones|misas, bodas y bautizos, salón parroquial, visitas, coro
donkey-sanctuary f|protectora de animales, refugio de animales, santuario animal|animales, adopciones, donativos|adopciones, visitas, donativos, voluntariado
community-shop-society f|asociación cultural, asociación del pueblo, banco del tiempo, colectivo vecinal|reuniones, proyectos|proyectos, socios, reuniones, voluntariado
parents-association f|asociación de madres y padres, escuela rural, asociación de antiguos alumnos|fiestas, mercadillos, fondos|fiestas, mercadillos, ayudar, proyectos
trade-guild m|gremio, asociación de comerciantes, asociación de artesanos, sindicato agrario, cofradía|miembros, reuniones|miembros, reuniones, buscar un miembro, unirse
fishing-club f|sociedad de pescadores, club de pesca, sociedad de cazadores, club de colombofilia|aguas, licencias|licencias, tramos, concursos, socios
riding-club m|club hípico, club canino, club de enganches|concursos, encuentros|concursos, encuentros, entrenamiento, socios
martial-arts-club m|club de judo, club de kárate, club de gimnasia, club de atletismo, club de boxeo|sesiones, exámenes|sesiones, principiantes, exámenes de grado, socios
art-circle f|asociación de artistas, taller de escritura, cineclub, círculo literario, tertulia|veladas, exposiciones|veladas, exposición anual, novatos, socios
twinning-association m|comité de hermanamiento, asociación de amistad, intercambio de idiomas, casa regional|visitas, veladas|intercambios, veladas, acogida, socios
patients-group m|grupo de apoyo, asociación de pacientes, asociación de cuidadores, asociación de personas con discapacidad|encuentros, visitas, teléfono|encuentros, visitas, teléfono de ayuda, voluntariado
energy-group f|asociación ecologista, plataforma ciudadana, amigos del río, limpieza de playas|acciones, reuniones, proyectos|jornadas, proyectos, socios, noticias
service-club f|asociación de veteranos, club de servicio, sociedad de socorros mutuos|reuniones, ayuda|reuniones, ayuda, colectas, socios
carnival-club f|comparsa, comisión de carnaval, sociedad de regatas, comisión de festejos|desfiles, carrozas|desfile, comisión, puestos, ayudar
steam-owners m|club de coches clásicos, moto club, amigos del tractor|salidas, concentraciones|salidas, concentraciones, veladas, socios
old-boats f|asociación de barcos tradicionales, amigos de los barcos, patrimonio marítimo|barcos tradicionales, lanchas de vapor|salidas, restauración, jornadas de trabajo, socios
model-club m|club de modelismo, club de modelismo ferroviario, club de modelismo naval, aeromodelismo|maquetas, circuitos|reuniones, días de rodaje, exposiciones, ayuda para construir, socios
museum m|museo, museo local, centro de interpretación, ecomuseo, archivo|colecciones, exposiciones|exposiciones, visitas guiadas, colegios, archivo, grupos
village-hall m|centro cívico, salón social, casa del pueblo, local social, centro vecinal|salas, cocinas|alquiler de sala, reuniones, fiestas, cocina, grupos
library f|biblioteca, biblioteca popular, sala de lectura, bibliobús, club de lectura|libros, lecturas, estanterías|préstamo, clubes de lectura, hora del cuento, ordenadores, sala
theatre m|teatro, sala de conciertos, centro cultural, cine, auditorio, casa de cultura|obras, conciertos, películas|programa, entradas, alquiler de sala, amigos, acceso
festival m|festival, feria, fiesta del puerto, mercado navideño, feria de artesanía, feria del libro, romería|puestos, escenarios, jornadas|programa, entradas, expositores, voluntarios, cómo llegar
heritage-railway m|ferrocarril histórico, tren de vapor, tren turístico, funicular, tren en miniatura|trenes, locomotoras, estaciones|horarios, billetes, cabina, voluntariado, grupos
show-garden m|jardín visitable, jardín botánico, castillo, palacio, casa señorial, arboreto, acuario, parque de animales|jardines, salas, paseos|apertura, entradas, visitas guiadas, venta de plantas, grupos
tourist-office f|oficina de turismo, guía turístico, visitas guiadas, rutas guiadas, guía oficial|visitas, mapas, rutas|visitas guiadas, mapas, grupos, alojamientos, tienda
musician m|grupo de música, músico, banda de bodas, arpista, organista, pianista, orquesta de baile|música, canciones, bailes|bodas, fiestas, conciertos, grabaciones, contratación
building-friends m|amigos del molino, amigos del faro, asociación de defensa del patrimonio|visitas, obras, donativos|visitas, obras, donativos, voluntariado
observatory m|observatorio, planetario, estación meteorológica, estación ornitológica|telescopios, noches|noches abiertas, grupos, colegios, socios
adventure-golf m|minigolf, bolera, laberinto, parque infantil cubierto, campo de golf, sala de escape|partidas, fiestas, entradas|apertura, entradas, cumpleaños, grupos
artist-residency f|residencia de artistas, estudios abiertos, centro de artesanía, colectivo de artistas|estudios, puertas abiertas|puertas abiertas, artistas, socios, alquiler
visitor-farm f|granja escuela, cetrería, mariposario, laberinto de maíz|animales, días, entradas|apertura, entradas, colegios, cumpleaños
land-surveyor m|topógrafo, estudio de topografía, agrimensor|terrenos, lindes, edificios|deslindes, levantamientos, replanteos, planos, informes
interior-designer m|interiorista, estudio de interiorismo, decorador de interiores, decoradora|espacios, colores, muebles|paletas de color, planos, mobiliario, iluminación, visita
bookkeeper f|gestoría, contable, asesoría fiscal, gestor, contabilidad, asesor fiscal|cuentas, balances, declaraciones|contabilidad, declaraciones, nóminas, cierre anual, asesoramiento
translator m|despacho de traducción, traductor, traductora, intérprete, traductor jurado, correctora, correctora de textos|textos, cartas, contratos|traducciones, traducciones juradas, interpretación, corrección, presupuestos
architect m|estudio de arquitectura, arquitecto, arquitecta, aparejador, delineante|casas, ampliaciones, planos|proyectos de casa, ampliaciones, licencias, rehabilitación, dirección de obra
engineer m|gabinete de ingeniería, ingeniero de estructuras, ingeniera, perito|estructuras, cálculos, informes|cálculo de estructuras, visitas, informes, planos, certificados
building-surveyor m|perito de la construcción, perito naval, tasador, inspector de viviendas|casas, barcos, informes|revisión antes de la compra, humedades, tasaciones, patologías, peritaje naval
lawyer m|despacho de abogados, abogado, abogada, mediador, procurador, bufete|testamentos, contratos, escrituras|herencias, compraventas, contratos, mediación, primera consulta
insurance-broker f|correduría de seguros, corredor de seguros, mediador de seguros, asesor financiero, asesora de hipotecas|pólizas, siniestros, hipotecas|revisión de seguros, siniestros, hipotecas, jubilación, primera consulta
estate-office f|administración de fincas, administrador de fincas, inmobiliaria, gestión de alquileres|casas, pisos, contratos|alquileres, administración, visitas, inventarios, tasaciones
graphic-designer m|estudio de diseño gráfico, diseñador gráfico, diseñadora gráfica, ilustrador, ilustradora, calígrafo, cartógrafo|logotipos, libros, mapas|logotipos, impresos, rotulación, ilustraciones, diseño de libros
software-developer m|servicio informático, programador, informático, desarrollador de software, mantenimiento informático|programas, redes, sistemas|soporte, programas a medida, redes, copias de seguridad, asesoramiento
secretary f|secretaría virtual, asistente virtual, oficiante de ceremonias|cartas, agendas, ceremonias|secretaría, ceremonias, organización, investigación, primera reunión
consultant f|consultoría, consultor, consultora, consultora ambiental, ecólogo, asesor agrario|informes, planes, estudios|asesoramiento, informes, estudios, subvenciones, primera reunión
laboratory m|laboratorio de ensayos, laboratorio de suelos, protésico dental, laboratorio de aguas, calibración|muestras, informes, aparatos|ensayos, informes, calibración, recogida, asesoramiento
publisher f|editorial, editor de libros, revista, periódico local, estudio de grabación, técnico de sonido|libros, revistas, grabaciones|libros, suscripciones, manuscritos, anuncios, números atrasados
co-working m|espacio de coworking, oficinas compartidas, talleres compartidos, vivero de empresas|mesas, talleres, salas|puestos, talleres, salas de reuniones, días sueltos, visitas
parish-council m|ayuntamiento, junta vecinal, capitanía de puerto, cooperativa de viviendas, cooperativa de energía, comunidad de regantes|sesiones, avisos, servicios|sesiones, avisos, cementerio, reserva de salas, avisar de un fallo
film-maker m|realizador de vídeo, videógrafo, documentalista, animadora, montador|vídeos, montajes|vídeos, montaje, bodas, digitalización
web-designer m|estudio web, diseñador web, desarrolladora web, redactora, redactor publicitario|sitios, textos|sitios, mantenimiento, textos, posicionamiento
recruiter f|consultoría de personal, prevención de riesgos, formador en primeros auxilios|plantillas, formaciones|asesoramiento, formaciones, visitas, primera reunión
product-designer m|estudio de diseño de producto, diseñador industrial, prototipos, oficina técnica, impresión 3d|prototipos, dibujos|dibujos, prototipos, series cortas, asesoramiento
quantity-surveyor m|aparejador de obra, urbanista, gestor de proyectos, medición de obra|costes, planes, plazos|presupuestos, expedientes, dirección, primera reunión
genealogist m|genealogista, historiadora, archivero, investigación familiar|registros, familias, casas|investigación, historias de casas, transcripciones, charlas
celebrant f|oficiante, maestro de ceremonias, maestra de ceremonias, pregonero|ceremonias, discursos|bodas, bienvenidas, despedidas, primera reunión
event-planner f|organizadora de bodas, organizador de eventos, decoradora de fiestas, decoración con globos|bodas, fiestas|organización, el día, decoración, primera reunión
radio-station f|radio comunitaria, emisora local, revista del barrio|programas, voces|programas, escuchar, participar, anuncios
energy-adviser m|asesor energético, certificador energético, auditor energético|casas, informes, ayudas|estudio, informes, ayudas, seguimiento
mediator m|gabinete de mediación, mediador familiar, mediadora, asesor de deudas|conversaciones, acuerdos|primera charla, mediación, papeles, honorarios
notary f|notaría, notario, notaria|escrituras, testamentos|legalizaciones, testamentos, compraventas, aranceles
music-teacher m|profesor de música, profesora de piano, escuela de música, profesor de violín, profesora de canto|clases, audiciones|clases de piano, clases de canto, primera clase, preparación de exámenes, vacaciones
tutor m|profesor particular, clases particulares|clases, exámenes, alumnos|clases particulares, preparación de exámenes, primera clase, grupos pequeños, clases a domicilio
hairdresser f|peluquería, peluquero, peluquera, peluquería a domicilio|cortes, colores, barbas|cortes, color, barba, niños, a domicilio
beautician m|centro de estética, esteticista, salón de uñas, maquilladora, pedicura|uñas, piel, pies|faciales, uñas, pies, maquillaje de novia, vales de regalo
laundry f|lavandería, tintorería, servicio de plancha, lavandería autoservicio|camisas, ropa, cortinas|lavado, camisas, limpieza en seco, ropa de cama, recogida
undertaker f|funeraria, servicios funerarios, tanatorio, fabricante de ataúdes, cementerio natural|funerales, féretros, sepulturas|funerales, visitas a casa, féretros, entierro natural, previsión
midwife f|comadrona, matrona, doula, asesora de lactancia, casa de partos|partos, visitas, bebés|seguimiento, parto en casa, posparto, lactancia, primera visita
childminder f|guardería, escuela infantil, canguro, madre de día, jardín de infancia, cuidado de niños|niños, días, plazas|jornada completa, media jornada, después del colegio, adaptación, visitas
home-care m|servicio de ayuda a domicilio, cuidadora, residencia de mayores, acompañamiento, comidas a domicilio, cuidado de mayores|visitas, comidas, compañía|visitas, compra y comidas, compañía, respiro, primera visita
vet f|clínica veterinaria, veterinario, veterinaria, dentista equino|animales, visitas, revisiones|revisiones, vacunas, visitas a granjas, operaciones, urgencias
dentist f|consulta dental, dentista, clínica dental, odontóloga, ortodoncista|dientes, revisiones|revisiones, limpieza, empastes, niños, urgencias
doctor m|consultorio médico, médico de familia, enfermera a domicilio|citas, pacientes|citas, visitas a domicilio, revisiones, recetas, primera visita
masseur m|centro de masajes, masajista, baños|sesiones, baños, esterillas|masajes, sauna, sesiones en grupo, sesiones individuales, vales de regalo
driving-school f|autoescuela, profesor de autoescuela|clases, exámenes|permiso, clases sueltas, preparación del examen, reciclaje
language-teacher f|academia de idiomas, profesora de idiomas, profesor de idiomas|clases, conversaciones|clases particulares, conversación, grupos pequeños, preparación de exámenes
dance-teacher f|escuela de baile, profesora de baile, profesor de danza, academia de baile|clases, bailes|clase de prueba, niños, baile de salón, baile de boda, festival
sailing-school f|escuela de vela, instructor de vela, escuela de surf, escuela náutica|clases, barcos, tablas|principiantes, niños, clases particulares, títulos, semanas de verano
swimming-teacher f|escuela de natación, monitor de natación, clases de natación|clases, piscinas|niños, adultos, clases particulares, grupos pequeños
art-teacher f|escuela de dibujo, profesora de dibujo, clases de pintura, taller de pintura|clases, materiales|dibujo, pintura, niños, jornadas, materiales
barber f|barbería, barbero, peluquería de caballeros|cortes, afeitados, barbas|cortes, afeitado, barba, niños
tattooist m|estudio de tatuaje, tatuador, tatuadora|diseños, tatuajes|consulta, diseños propios, coberturas, cuidados
chiropodist f|consulta de podología, podólogo, podóloga|pies, uñas, plantillas|quiropodia, uñas, plantillas, visitas a domicilio
physio f|consulta de fisioterapia, fisioterapeuta, osteópata|espaldas, articulaciones, citas|valoración, tratamiento, ejercicios, a domicilio
speech-practice f|consulta de logopedia, logopeda|habla, voz|valoración, sesiones, trabajo con familias, a domicilio
yoga-teacher m|estudio de yoga, profesora de yoga, profesor de yoga, estudio de pilates|sesiones, esterillas, grupos|clases semanales, principiantes, sesiones individuales, retiros
sauna f|sauna, casa de baños, baños de mar, sauna móvil|sesiones, baños|sesiones, alquiler privado, baño frío, vales
caterer m|servicio de comidas para eventos, cocinero a domicilio, cocinera a domicilio, catering|menús, bandejas, fiestas|fiestas, bodas, bandejas, alquiler de vajilla
magician m|mago, titiritero, payaso, cuentacuentos profesional, pintacaras, caricaturista|espectáculos, fiestas|cumpleaños, bodas, festivales, contratación
dog-groomer f|peluquería canina, peluquero canino|perros, pelo, uñas|arreglo completo, baño, uñas, cachorros
dog-walker m|paseador de perros, cuidador de animales, paseadora de perros|perros, paseos, visitas|paseos, visitas, vacaciones, primera cita
dog-trainer m|adiestrador canino, educador canino, adiestradora canina|perros, cachorros, sesiones|cachorros, sesiones individuales, grupos, a domicilio
ski-school f|escuela de esquí, rocódromo, escuela de escalada, pista de patinaje|sesiones, clases|principiantes, niños, sesiones individuales, grupos
ferry f|barca de pasaje, barquero, paseos en barco, taxi acuático, excursiones en barco, patrón de barco|travesías, paseos, plazas|travesías, horarios, paseos, alquiler privado, bicicletas
boat-hire m|alquiler de barcas, alquiler de piraguas, alquiler de kayaks, chárter náutico, alquiler de barcos|barcas, piraguas, kayaks|piraguas, barcas de remos, día completo, salidas guiadas, chalecos
cycle-hire m|alquiler de bicicletas, alquiler de bicis, rutas en bicicleta|bicicletas, tándems, remolques|día, semana, bicis eléctricas, entrega, rutas
taxi m|taxi, taxista, conductor privado, traslados al aeropuerto, empresa de autobuses, alquiler de minibús|trayectos, plazas, coches|trayectos, aeropuerto, escolares, silla de ruedas, minibús
haulier f|empresa de transportes, transportista, mensajería, mensajero, ciclomensajería, transporte de barcos|cargas, paquetes, palés|repartos, larga distancia, palés, almacenaje, transporte de barcos
storage m|trastero, guardamuebles, almacén, guarda de barcos, guarda de caravanas, trasteros|trasteros, contenedores, plazas|trasteros, barcos, caravanas, cajas, acceso
tool-hire m|alquiler de maquinaria, alquiler de herramientas, alquiler de coches, alquiler de remolques|herramientas, miniexcavadoras, furgonetas|herramientas, miniexcavadoras, remolques, furgonetas, entrega
event-hire m|alquiler de carpas, alquiler para fiestas, alquiler de mobiliario, alquiler de toldos|carpas, mesas, sillas|carpas, mesas y sillas, tarimas, iluminación, montaje
marina m|puerto deportivo, marina, fondeadero, amarres, varadero seco|amarres, boyas, rampas|amarres anuales, visitantes, botadura, combustible, servicios
diver m|buzo, buceo profesional, trabajos submarinos, centro de buceo, remolcador, buzo profesional|cascos, fondeos, pecios|limpieza de cascos, fondeos, inspecciones, rescate, lancha
balloonist m|vuelos en globo, aeroclub, club de vuelo, parapente, piloto de globos|vuelos, cestas, planeadores|vuelos en globo, bautismo, vales, grupos, meteorología
mountain-guide m|guía de montaña, parque de aventura, empresa de turismo activo, guía de escalada, guía de senderismo|rutas, escaladas, salidas|días guiados, grupos pequeños, material, familias, vales
beach-hire m|alquiler de hamacas, alquiler de casetas de playa|casetas, hamacas|día, semana, sombrillas, reserva
car-wash m|lavado de coches, limpieza de vehículos, limpieza de barcos|coches, barcos, interiores|lavado exterior, limpieza completa, barcos, recogida
breakdown f|grúa, servicio de grúa, desguace|vehículos, piezas|remolque, transporte, bajas, piezas
fuel-merchant m|distribuidor de gasóleo, carbonería de reparto, gasolinera, butano|gasóleo, carbón, bombonas|gasóleo, carbón, bombonas, reparto
milkman m|lechero, reparto de leche, tienda ambulante, venta ambulante|leche, huevos, rondas|reparto, huevos y mantequilla, cambios, vacaciones
tour-operator m|organizador de viajes, viajes a pie, viajes en bicicleta, viajes a vela|viajes, rutas, fechas|viajes, grupos guiados, fechas, a medida
carriage-hire m|alquiler de carruajes, coches de boda, alquiler de coches antiguos, tren turístico de carretera|carruajes, coches, paseos|bodas, paseos, fiestas, visitas
shipping-office m|consignatario, punto de recogida, agente de aduanas, transitario|paquetes, cajas, papeles|paquetes, embalaje, aduanas, carga a islas`;
