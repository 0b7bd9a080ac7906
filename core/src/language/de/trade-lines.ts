/**
 * The trades in German, a line each, in the order of the graph: id and gender, what the trade and who plies it are called, the
 * first of them the one used; what is worked on, sold or looked after; what such a business usually offers, in one order in
 * every language.
 */
export const tradeLines = `boatyard f|Bootswerft, Bootsbauer, Bootsbau, Bootsbaubetrieb, Werft|Boote, Jollen, Yachten|Rumpfreparatur, Beplankung, Motorwartung, Winterlager, Einwassern
pottery f|Töpferei, Töpfer, Töpferin, Keramikwerkstatt, Keramiker, Keramikerin|Krüge, Schalen, Tassen, Vasen|Geschirr, Auftragsarbeiten, Einzelstücke, Zweite Wahl, Werkstattbesuch
joinery f|Tischlerei, Tischler, Schreinerei, Schreiner, Tischlermeister, Schreinermeister, Möbeltischler|Türen, Fenster, Treppen, Schränke|Türen nach Maß, Fenster, Treppen, Einbauschränke, Reparaturen
bookbinder f|Buchbinderei, Buchbinder, Buchbinderin, Handbuchbinderei|Bücher, Alben, Kassetten, Mappen|Neueinband, Buchreparatur, Kassetten und Schuber, Abschlussarbeiten, Gästebücher
basket-maker f|Korbflechterei, Korbmacher, Korbflechter, Korbmacherin, Flechtwerkstatt|Körbe, Weidenkörbe, Flechtwerk|Holzkörbe, Einkaufskörbe, Flechtzäune, Reparaturen, Auftragsarbeiten
stained-glass f|Glaswerkstatt, Glasmaler, Kunstglaserei, Glasmalerei, Bleiverglaser|Bleiverglasungen, Kirchenfenster, Glasbilder|Neue Scheiben, Reparatur von Bleiverglasung, Türverglasungen, Kirchenfenster, Schutzverglasung
sailmaker f|Segelmacherei, Segelmacher, Segelmacherin|Segel, Persenninge, Planen|Neue Segel, Segelreparatur, Persenninge, Winterlager und Wäsche, Sprayhoods
ropemaker f|Seilerei, Seiler, Reeperbahn Seilerei, Seilermeister|Seile, Taue, Fender|Seile nach Maß, Spleißen, Glockenseile, Fender, Absperrseile
cooper f|Böttcherei, Böttcher, Küfer, Küferei, Fassbinder, Fassbinderei|Fässer, Bottiche, Kübel|Neue Fässer, Fassreparatur, Bottiche, Pflanzkübel, Regentonnen
blacksmith f|Schmiede, Schmied, Kunstschmied, Schlosserschmied, Hufschmiede|Tore, Geländer, Beschläge|Tore und Geländer, Beschläge, Feuerkörbe, Reparaturen, Auftragsarbeiten
letterpress f|Druckerei, Drucker, Buchdrucker, Buchdruckerei, Handpresse, Druckwerkstatt|Karten, Einladungen, Plakate, Briefbögen|Einladungen, Visitenkarten, Plakate, Briefbögen, Kleine Bücher
candle-maker f|Kerzenwerkstatt, Kerzenzieher, Kerzenmacher, Kerzenmacherei, Wachszieher|Kerzen, Bienenwachskerzen, Taufkerzen|Tafelkerzen, Kirchenkerzen, Bienenwachskerzen, Taufkerzen, Auftragsarbeiten
soap-maker f|Seifensiederei, Seifensieder, Seifenmanufaktur|Seifen, Salben|Stückseifen, Rasierseife, Kernseife, Geschenkkisten, Großabnahme
toymaker m|Spielzeugmacher, Spielzeugwerkstatt, Holzspielzeugmacher, Puppenbauer|Holzspielzeug, Schaukelpferde, Puppen|Holzspielzeug, Schaukelpferde, Spielzeugreparatur, Puppenhäuser, Auftragsarbeiten
weaver f|Weberei, Weber, Weberin, Handweberei|Stoffe, Decken, Teppiche, Schals|Decken, Schals, Teppiche, Stoffe nach Metern, Auftragsarbeiten
signwriter m|Schildermaler, Schildermacher, Schriftenmaler, Schilderwerkstatt|Schilder, Ladenschilder, Bootsnamen|Ladenschilder, Vergoldete Schrift, Bootsnamen, Ehrentafeln, Fahrzeugbeschriftung
saddler f|Sattlerei, Sattler, Sattlerin, Täschner, Lederwerkstatt|Sättel, Zäume, Gürtel, Taschen|Sattelreparatur, Zäume und Geschirr, Gürtel, Taschen, Sattelanpassung
instrument-maker m|Instrumentenbauer, Geigenbauer, Geigenbauerin, Gitarrenbauer, Geigenbau, Instrumentenbau|Geigen, Celli, Gitarren, Bögen|Neubau, Reparaturen, Bogenbezug, Klangeinstellung, Gutachten
jeweller f|Goldschmiede, Goldschmied, Goldschmiedin, Juwelier, Silberschmied|Ringe, Ketten, Broschen|Trauringe, Reparaturen, Ringweitenänderung, Auftragsarbeiten, Umarbeitung alter Stücke
dressmaker f|Schneiderei, Schneider, Schneiderin, Änderungsschneiderei, Maßschneiderei, Damenschneiderin|Kleider, Anzüge, Mäntel|Änderungen, Brautkleider, Maßanzüge, Reparaturen, Reißverschlüsse und Säume
picture-framer f|Rahmenwerkstatt, Rahmenmacher, Einrahmung, Bilderrahmer, Vergolder, Einrahmungswerkstatt|Bilder, Spiegel, Rahmen|Rahmen nach Maß, Passepartouts, Vergoldung, Rahmenreparatur, Glasersatz
wood-turner f|Drechslerei, Drechsler, Drechslermeister, Holzdrechsler|Schalen, Stäbe, Griffe|Gedrechselte Schalen, Treppenstäbe, Werkzeuggriffe, Nachfertigung alter Teile, Auftragsarbeiten
wood-carver f|Holzbildhauerei, Holzbildhauer, Holzschnitzer, Schnitzer, Schnitzerei, Holzbildhauerin|Schnitzereien, Figuren, Reliefs|Figuren und Reliefs, Schriften, Restaurierung, Wappen, Auftragsarbeiten
chair-maker m|Stuhlmacher, Stuhlbauer, Stuhlflechter, Stuhlflechterei, Stuhlwerkstatt|Stühle, Hocker, Bänke|Neue Stühle, Binsengeflecht, Wiener Geflecht, Reparaturen, Hocker
furniture-maker f|Möbelwerkstatt, Möbelbauer, Möbelmacher, Möbelmanufaktur|Tische, Regale, Betten|Esstische, Bücherregale, Betten, Auftragsarbeiten, Reparaturen
kitchen-maker m|Küchenbauer, Küchenschreiner, Küchenwerkstatt, Küchentischler|Küchen, Arbeitsplatten, Vorratsschränke|Küchen nach Maß, Arbeitsplatten, Vorratsschränke, Neue Fronten, Einbau
glassblower f|Glasbläserei, Glasbläser, Glasbläserin, Glashütte|Gläser, Vasen, Lampen|Trinkgläser, Vasen, Lampenschirme, Reparaturen, Auftragsarbeiten
knife-maker f|Messerschmiede, Messermacher, Messerschmied, Messerwerkstatt|Messer, Klingen, Scheren|Küchenmesser, Taschenmesser, Nachschliff, Neue Griffe, Auftragsarbeiten
hatter f|Hutmacherei, Hutmacher, Hutmacherin, Modistin, Putzmacherin|Hüte, Mützen, Kopfschmuck|Hüte nach Maß, Aufarbeiten, Brautschmuck, Neue Bänder, Reinigung
glove-maker m|Handschuhmacher, Handschuhmacherei|Handschuhe, Fäustlinge|Handschuhe nach Maß, Gefütterte Handschuhe, Reparaturen, Reithandschuhe, Gutscheine
umbrella-maker m|Schirmmacher, Schirmmacherei, Schirmwerkstatt|Schirme, Sonnenschirme, Stöcke|Schirmreparatur, Neue Bezüge, Sonnenschirme, Griffe, Spazierstöcke
broom-maker f|Bürstenmacherei, Bürstenmacher, Besenbinder, Bürstenbinder, Besenbinderei|Bürsten, Besen|Besen, Handbürsten, Neubestückung, Sonderbürsten, Reisigbesen
paper-maker f|Papiermühle, Papiermacher, Papierschöpfer, Papierwerkstatt, Buntpapiermacherin|Papiere, Bögen, Hefte|Geschöpfte Bögen, Marmorpapier, Wasserzeichen, Notizbücher, Hochzeitspapiere
lampshade-maker f|Lampenwerkstatt, Lampenschirmmacher, Lampenbauer, Lampenmacherin|Lampenschirme, Lampen, Leuchten|Lampenschirme, Neubezug, Neue Verkabelung, Lampenfüße, Reparaturen
quilter f|Quiltwerkstatt, Quilterin, Patchworkwerkstatt|Quilts, Kissen, Überwürfe|Erinnerungsquilts, Quiltservice, Reparaturen, Kissen, Auftragsarbeiten
embroiderer f|Stickerei, Sticker, Stickerin, Fahnenstickerei|Abzeichen, Wäsche, Fahnen|Namen und Abzeichen, Arbeitskleidung, Fahnen, Wäsche, Reparaturen
lace-maker f|Spitzenwerkstatt, Klöpplerin, Spitzenklöpplerin, Spitzenmacherin|Spitzen, Kragen, Borten|Spitze nach Metern, Kragen, Reparaturen, Taufkleider, Muster
knitter f|Strickwerkstatt, Strickerin, Stricker, Strickmanufaktur|Pullover, Socken, Mützen|Pullover nach Maß, Socken, Mützen, Stopfen, Anleitungen
felt-maker f|Filzwerkstatt, Filzerin, Filzmacher, Filzerei|Filz, Hausschuhe, Hüte|Hausschuhe, Hüte, Wandbehänge, Sitzkissen, Auftragsarbeiten
dyer f|Färberei, Färber, Färberin, Blaudruckerei, Blaudrucker|Stoffe, Garne, Kleidung|Färben von Kleidung, Garne, Blaudruck, Färben nach Muster, Pflanzenfarben
textile-printer f|Siebdruckerei, Siebdrucker, Textildruck, Stoffdruckerei|Stoffe, Hemden, Geschirrtücher|Hemden, Geschirrtücher, Stoff nach Metern, Kleine Auflagen, Auftragsarbeiten
printmaker f|Druckgrafikwerkstatt, Radierer, Gravierwerkstatt|Drucke, Linolschnitte, Radierungen|Drucke, Exlibris, Gravuren, Gerahmte Blätter, Offene Werkstatt
sculptor f|Bildhauerei, Bildhauer, Bildhauerin, Steinbildhauer|Skulpturen, Denkmale, Inschriften|Auftragsarbeiten, Gartenskulpturen, Inschriften, Grabmale, Bronzegüsse
artist f|Malerwerkstatt für Bilder, Künstler, Künstlerin, Kunstmaler, Kunstmalerin, Porträtmalerin|Bilder, Porträts, Zeichnungen|Porträts, Bilder, Auftragsarbeiten, Hausporträts, Offenes Atelier
mosaic-maker f|Mosaikwerkstatt, Mosaikleger, Mosaikkünstlerin|Mosaike, Böden, Bilder|Bodenmosaike, Hausnummern, Gartenmosaike, Reparaturen, Auftragsarbeiten
tile-maker f|Fliesenmanufaktur, Fliesenmaler, Kachelmacher, Kachelmanufaktur|Fliesen, Kacheln, Wandbilder|Kacheln, Nachfertigung alter Fliesen, Gemalte Wandbilder, Zweite Wahl, Auftragsarbeiten
brickmaker f|Ziegelei, Ziegler, Ziegelmanufaktur|Ziegel, Dachziegel, Pflasterklinker|Handstrichziegel, Nachfertigung alter Ziegel, Dachziegel, Pflasterklinker, Muster
bell-founder f|Glockengießerei, Glockengießer, Gießerei, Kunstgießerei, Glockengießerwerkstatt|Glocken, Güsse, Beschläge|Neue Glocken, Nachstimmen, Glockenstühle, Güsse, Reparaturen
organ-builder m|Orgelbauer, Orgelbau, Orgelbauwerkstatt, Orgelbaumeister|Orgeln, Pfeifen, Harmonien|Stimmung, Restaurierung, Neubau, Harmoniumreparatur, Wartung
drum-maker m|Trommelbauer, Trommelwerkstatt, Schlagzeugbauer|Trommeln, Felle, Schlägel|Neue Trommeln, Fellwechsel, Reparaturen, Seiltrommeln, Hüllen
model-maker m|Modellbauer, Modellbauwerkstatt, Schiffsmodellbauer|Modelle, Halbmodelle, Dioramen|Halbmodelle, Schiffsmodelle, Reparaturen, Architekturmodelle, Vitrinen
kite-maker m|Drachenbauer, Fahnenmacher, Flaggenmacher, Fahnennäherei|Drachen, Fahnen, Banner|Drachen, Fahnen nach Maß, Wimpelketten, Banner, Reparaturen
tent-maker f|Zeltmacherei, Planenmacher, Planennäherei, Zeltmacher, Markisenbauer|Zelte, Markisen, Planen|Markisen, Planen nach Maß, Zeltreparatur, Abdeckungen, Festzelte
net-maker f|Netzmacherei, Netzmacher, Netzflicker|Netze, Reusen|Netze, Reusen, Flicken, Sportnetze, Obstnetze
oar-maker m|Riemenbauer, Mastenbauer, Ruderbauer, Paddelbauer|Riemen, Masten, Spieren|Riemen, Masten und Spieren, Paddel, Reparaturen, Belederung
hurdle-maker m|Flechtzaunmacher, Zaunflechter, Niederwaldwirt, Grünholzwerkstatt|Flechtzäune, Pfähle, Stangen|Flechtzäune, Pfähle, Bohnenstangen, Gartenelemente, Niederwaldpflege
charcoal-burner m|Köhler, Köhlerei, Brennholzhändler, Brennholzhandel|Holzkohle, Scheite, Anzündholz|Holzkohle, Trockenes Brennholz, Anzündholz, Lieferung, Kammergetrocknet
taxidermist m|Präparator, Tierpräparator, Hornschnitzer|Präparate, Hörner|Aufträge, Restaurierung, Verleih, Museumsarbeiten
coppersmith m|Kupferschmied, Kupferschmiede, Zinngießer, Blechschmied|Kessel, Töpfe, Rinnen|Verzinnen, Kessel, Wetterfahnen, Reparaturen
clog-maker m|Holzschuhmacher, Sandalenmacher, Pantoffelmacher|Holzschuhe, Sandalen|Holzschuhe nach Maß, Neue Sohlen, Kinderschuhe, Reparaturen
leather-goods f|Lederwerkstatt für Taschen, Taschenmacher, Feintäschner, Lederwaren|Taschen, Gürtel, Börsen|Taschen, Gürtel, Reparaturen, Initialen
tanner f|Gerberei, Gerber, Lohgerberei, Fellgerberei|Häute, Felle, Leder|Schaffelle, Lohngerbung, Leder, Führungen
bow-maker m|Bogenbauer, Pfeilmacher, Bogensportladen|Bögen, Pfeile, Sehnen|Langbögen, Pfeile, Sehnen, Reparaturen
bagpipe-maker m|Dudelsackbauer, Sackpfeifenbauer, Rohrblattmacher|Dudelsäcke, Rohrblätter|Neubau, Rohrblätter, Einstellung, Reparaturen
sundial-maker m|Sonnenuhrmacher, Wetterfahnenmacher, Globenbauer, Kompassmacher|Sonnenuhren, Wetterfahnen, Globen|Sonnenuhren, Wetterfahnen, Restaurierung, Ortstermin
trophy-engraver f|Gravieranstalt, Graveur, Pokalladen, Stempelmacher, Gravurwerkstatt|Schilder, Pokale, Ringe|Pokale, Namensschilder, Gravuren, Stempel
surfboard-maker m|Surfbrettbauer, Shaper, Surfbrettwerkstatt|Bretter, Finnen|Bretter nach Maß, Reparaturen, Finnen, Gebrauchte
canoe-builder m|Kanubauer, Kajakbauer, Faltbootbauer|Kanus, Kajaks, Paddel|Neubau, Reparaturen, Paddel, Bauwochen
caravan-builder m|Schäferwagenbauer, Bauwagenbauer, Tiny-House-Bauer, Baumhausbauer|Wagen, Hütten, Kabinen|Wagen nach Maß, Fahrgestelle, Öfen, Lieferung
machine-shop f|Dreherei, Zerspanungsbetrieb, Feinmechaniker, Maschinenbau, Werkzeugmacher, Mechanische Werkstatt, Federnmacher|Teile, Zahnräder, Wellen|Drehteile, Fräsen, Einzelteile, Reparaturen
electronics-maker f|Elektronikwerkstatt, Lautsprecherbauer, Verstärkerbauer, Elektroniker, Elektronikreparatur|Platinen, Verstärker, Boxen|Reparaturen, Prototypen, Verstärker, Kleinserien
packaging-maker f|Kartonagenwerkstatt, Schachtelmacher, Kistenbauer, Palettenbauer, Verpackungsbetrieb|Schachteln, Kisten, Koffer|Schachteln nach Maß, Kisten, Kleine Auflagen, Einlagen
print-finisher m|Copyshop, Digitaldruckerei, Plakatdrucker, Werbetechnik, Textildruckerei für Vereine|Kopien, Plakate, Banner|Kopien, Plakate, Banner, Bindungen
mattress-maker f|Matratzenmanufaktur, Matratzenmacher, Bettfedernreinigung, Bettenmacher|Matratzen, Decken, Kissen|Matratzen nach Maß, Auffüllen, Decken, Bootspolster
perfume-maker f|Duftmanufaktur, Parfümeur, Naturkosmetikmanufaktur, Kräuterdestille|Düfte, Öle, Balsame|Düfte, Öle, Auftragsdüfte, Geschenkkisten
craft-supplies m|Bastelladen, Perlenladen, Bastelbedarf, Schnittmusterdesignerin|Bausätze, Perlen, Muster|Bausätze, Muster, Material, Bestellungen
game-maker m|Spielemacher, Puzzlemacher, Brettspielbauer, Spielewerkstatt|Spiele, Puzzles, Bretter|Spiele, Puzzles auf Bestellung, Ersatzteile, Händler
urn-maker m|Grabsteinbildhauer, Grabmalbetrieb, Urnenmacher, Gedenktafelmacher|Grabmale, Urnen, Tafeln|Grabmale, Inschriften, Urnen, Reinigung
ship-carver m|Galionsfigurenschnitzer, Schiffsschnitzer, Namensbrettschnitzer|Figuren, Namensbretter|Namensbretter, Vergoldung, Restaurierung, Aufträge
trug-maker m|Rechenmacher, Leiternbauer, Stockmacher, Schlittenmacher|Rechen, Leitern, Stöcke|Rechen, Leitern, Stiele, Reparaturen
spinner f|Handspinnerei, Spinnerin, Spinnradbauer, Wollmühle|Garne, Vliese, Räder|Garne, Lohnspinnen, Spinnradreparatur, Vliese
tapestry-weaver f|Teppichweberei, Bildweberin, Teppichknüpferin, Flickenteppichweberei|Teppiche, Behänge|Teppiche nach Maß, Behänge, Reparaturen, Ausstellungen
lettercutter f|Schriftwerkstatt, Schriftschneider, Hausschilderwerkstatt, Schieferschilder|Hausschilder, Tafeln|Hausschilder, Tafeln, Inschriften, Entwürfe
enameller f|Emaillewerkstatt, Emailleurin, Emailschilder, Glasperlenmacherin|Emails, Schilder, Perlen|Abzeichen, Schilder, Aufträge, Reparaturen
stage-builder m|Bühnenbauer, Kulissenbauer, Requisitenbauer, Messebauer, Ausstellungsbauer|Bühnen, Requisiten, Vitrinen|Bühnen, Requisiten, Ausstellungen, Aufbau
greetings-card-maker f|Kartenmanufaktur, Postkartenverlag, Grußkartendesignerin, Kalendermacher|Karten, Papiere, Kalender|Karten, Papiere, Kalender, Händler
clockmaker m|Uhrmacher, Uhrmacherei, Uhrmachermeister, Uhrenwerkstatt|Uhren, Standuhren, Taschenuhren, Barometer|Uhrenreparatur, Revision, Batteriewechsel, Zifferblattrestaurierung, Hausbesuche
accordion-maker m|Akkordeonbauer, Akkordeonwerkstatt, Harmonikabauer, Harmonikamacher|Akkordeons, Harmonikas, Konzertinas|Stimmung, Reparaturen, Bälge, Riemen, Gebrauchte Instrumente
woodwind-repairer m|Blasinstrumentenbauer, Holzblasinstrumentenmacher, Metallblasinstrumentenmacher, Flötenbauer|Flöten, Klarinetten, Trompeten|Wartung, Polster, Ausbeulen, Miete, Gebrauchte Instrumente
cycles f|Fahrradwerkstatt, Fahrradladen, Fahrradmechaniker, Zweiradmechaniker, Rahmenbauer, Radladen|Fahrräder, Laufräder, Lastenräder|Inspektion, Laufradbau, Bremsen und Schaltung, Rahmenreparatur, Gebrauchträder
upholsterer f|Polsterei, Polsterer, Raumausstatter, Polsterin, Polsterwerkstatt|Stühle, Sofas, Sessel, Kissen|Neubezug, Hussen, Kissen, Federung und Gurte, Stoffberatung
piano-tuner m|Klavierstimmer, Klavierbauer, Klavierwerkstatt, Klavierstimmerin|Klaviere, Flügel, Pianos|Stimmung, Regulierung, Reparaturen, Restaurierung, Gutachten
locksmith m|Schlüsseldienst, Schlosserei, Schlosser, Sicherheitstechnik, Schließtechnik|Schlösser, Schlüssel, Tresore|Schlosseinbau, Schlüssel nachmachen, Türöffnung, Tresore, Sicherheitsprüfung
shoe-repairer f|Schuhmacherei, Schuhmacher, Schuster, Schuhreparatur, Maßschuhmacher, Schusterei|Schuhe, Stiefel, Taschen|Sohlen und Absätze, Nähte, Weiten, Färben, Schuhe nach Maß
furniture-restorer f|Möbelrestaurierung, Möbelrestaurator, Restaurator, Restauratorin, Schellackpolierer|Möbel, Tische, Stühle, Sekretäre|Schellackpolitur, Furnierarbeiten, Verleimung, Holzwurmbehandlung, Lederauflagen
garage f|Autowerkstatt, Kfz-Werkstatt, Kfz-Meister, Autohaus Werkstatt, Kfz-Mechaniker|Autos, Transporter, Motoren|Inspektion, Bremsen, Auspuff, Reifen, Prüfung vor der Hauptuntersuchung
motorcycle-workshop f|Motorradwerkstatt, Motorradmechaniker, Zweiradwerkstatt, Rollerwerkstatt|Motorräder, Roller, Mopeds|Inspektion, Reifen, Elektrik, Vergaser, Restaurierung
body-shop f|Karosseriewerkstatt, Karosseriebauer, Autolackiererei, Lackierer, Fahrzeuglackierer|Autos, Karosserien, Lacke|Beulen, Lackierung, Rostarbeiten, Versicherungsschäden, Politur
classic-car-restorer f|Oldtimerwerkstatt, Oldtimerrestaurierung, Oldtimer-Werkstatt, Stellmacher für Oldtimer|Oldtimer, Motoren, Karosserien|Restaurierung, Motorrevision, Rahmenarbeiten, Innenausstattung, Kaufberatung
caravan-workshop f|Wohnwagenwerkstatt, Wohnmobilwerkstatt, Wohnmobilausbau, Camperausbau|Wohnwagen, Wohnmobile, Camper|Aufbauprüfung, Feuchtigkeitsschäden, Ausbau, Gas und Elektrik, Vorzelte
tyre-fitter m|Reifendienst, Reifenhändler, Reifenhandel, Reifenservice|Reifen, Räder|Reifenwechsel, Reifenreparatur, Auswuchten, Achsvermessung, Einlagerung
marine-engineer f|Bootsmotorenwerkstatt, Bootsmechaniker, Außenborderservice, Bootsmotorenservice|Bootsmotoren, Außenborder, Wellenanlagen|Motorwartung, Außenborderreparatur, Winterfest machen, Wellenanlagen, Einsatz am Liegeplatz
rigger m|Rigger, Riggservice, Takler, Taklerei|Riggs, Masten, Drähte, Leinen|Stehendes Gut, Laufendes Gut, Mastprüfung, Spleiße, Relingdrähte
appliance-repairer m|Hausgerätetechniker, Haushaltsgerätereparatur, Waschmaschinenreparatur, Hausgeräte-Kundendienst, Elektrogerätereparatur|Waschmaschinen, Herde, Kühlschränke|Waschmaschinen, Herde und Öfen, Kühlgeräte, Ersatzteile, Gebrauchtgeräte
radio-repairer f|Radiowerkstatt, Radiotechniker, Fernsehtechniker, Hifi-Werkstatt, Röhrenradio-Werkstatt|Radios, Verstärker, Plattenspieler|Radioreparatur, Verstärker, Plattenspieler, Restaurierung, Röhrenprüfung
computer-repairer f|Computerwerkstatt, Computerreparatur, PC-Service, Computertechniker, Handyreparatur|Computer, Laptops, Telefone|Reparaturen, Datenrettung, Einrichtung, Displaytausch, Hausbesuche
sewing-machine-repairer f|Nähmaschinenwerkstatt, Nähmaschinenmechaniker, Nähmaschinenreparatur|Nähmaschinen, Overlocker|Wartung, Reparaturen, Einstellung, Gebrauchte Maschinen, Ersatzteile
tool-sharpener m|Scherenschleifer, Schleiferei, Messerschleifer, Schärfdienst, Sägenschärfer|Messer, Scheren, Sägen|Messer und Scheren, Sägen, Gartengeräte, Stechbeitel, Abholung
mower-repairer f|Gartengerätewerkstatt, Rasenmäherreparatur, Motorgerätewerkstatt, Motorgeräte-Service|Rasenmäher, Motorsägen, Freischneider|Mäherwartung, Motorsägen, Messer schärfen, Abholung, Gebrauchtgeräte
agricultural-mechanic f|Landmaschinenwerkstatt, Landmaschinenmechaniker, Landtechnik, Schlepperwerkstatt|Traktoren, Pressen, Anhänger|Traktorreparatur, Einsatz auf dem Feld, Hydraulik, Schweißen, Ersatzteile
welder f|Schweißerei, Metallbauer, Metallbau, Schweißwerkstatt, Bauschlosserei|Tore, Rahmen, Halterungen|Schweißarbeiten, Tore und Geländer, Halterungen und Rahmen, Anhängerreparatur, Schweißen vor Ort
electroplater f|Galvanik, Versilberei, Metallpolierer, Galvanisierwerkstatt, Gürtlerei|Silber, Messing, Chrom|Versilbern, Messing polieren, Verchromen, Neubeschichtung, Lackieren
doll-repairer f|Puppenklinik, Puppendoktor, Teddyklinik, Puppenreparatur|Puppen, Bären, Spielzeug|Neuer Gummi, Augen, Reinigung, Kleider, Schätzungen
ceramic-restorer f|Porzellanrestaurierung, Keramikrestaurator, Porzellanrestauratorin|Porzellan, Figuren, Fayencen|Klebungen, Fehlstellen, Retusche, Museale Restaurierung, Kostenschätzung
painting-restorer f|Gemälderestaurierung, Gemälderestauratorin, Papierrestauratorin, Kunstrestaurator|Gemälde, Grafiken, Rahmen|Reinigung, Risse, Doublierung, Firnis, Zustandsberichte
rug-repairer f|Teppichwerkstatt, Teppichreinigung, Teppichreparatur, Teppichwäscherei|Teppiche, Kelims, Läufer|Wäsche, Fransen, Nachknüpfen, Mottenbehandlung, Abholung
stove-restorer f|Ofenwerkstatt, Herdrestaurierung, Ofenrestaurator|Herde, Öfen, Roste|Wartung, Aufarbeitung, Umbau, Ersatzteile, Historische Öfen
pen-repairer f|Füllerwerkstatt, Füllhalterladen, Füllhalterreparatur|Füllhalter, Federn, Tinten|Federschliff, Neue Tintensäcke, Restaurierung, Tinten, Gebrauchte Füller
camera-repairer f|Kamerawerkstatt, Kamerareparatur, Optikwerkstatt, Fernglasreparatur|Kameras, Objektive, Ferngläser|Verschlüsse, Objektivreinigung, Balgen, Ferngläser, Gebrauchte Kameras
harp-maker m|Harfenbauer, Cembalobauer, Cembalobau, Harfenwerkstatt|Harfen, Cembali, Spinette|Besaitung, Stimmung, Regulierung, Neubau, Vermietung
ski-workshop f|Skiwerkstatt, Skiservice, Skiverleih, Schlittenbauer|Ski, Schuhe, Schlitten|Kanten und Wachs, Verleih, Schuhanpassung, Reparaturen, Einlagerung
tackle-shop m|Angelladen, Angelgeschäft, Rutenbauer, Angelgerätehandel|Ruten, Rollen, Köder|Ruten und Rollen, Reparaturen, Köder, Angelkarten, Fliegen
wheelwright m|Stellmacher, Wagner, Stellmacherei, Kutschenbauer, Wagnerei|Räder, Karren, Kutschen|Neue Räder, Reifen aufziehen, Wagenreparatur, Kutschenrestaurierung, Verleih
farrier m|Hufschmied, Hufbeschlag, Hufbearbeitung, Hufpfleger|Pferde, Hufe, Eisen|Beschlag, Ausschneiden, Spezialbeschlag, Stallrunden, Notfälle
clothes-mender f|Flickstube, Kunststopferei, Kleiderreparatur, Kunststopferin|Kleider, Strickwaren, Jacken|Stopfen, Kunststopfen, Flicken, Reißverschlüsse, Wachsjacken
tool-library f|Reparaturwerkstatt im Ehrenamt, Werkzeugausleihe, Reparaturtreff, Leihladen|Werkzeuge, Lampen, Kleider|Reparaturabende, Werkzeugausleihe, Elektroprüfung, Nähtisch, Beratung
vehicle-electrician m|Autoelektriker, Autoglaserei, Kfz-Elektriker, Auspuffdienst, Anhängerkupplungen|Batterien, Scheiben, Kabel|Fehlersuche, Batterien, Scheiben, Anhängerkupplung
hydraulic-repairer m|Motorenwickler, Pumpenwerkstatt, Hydraulikservice, Motoreninstandsetzung, Getriebewerkstatt|Motoren, Pumpen, Schläuche|Wickeln, Lager, Schläuche, Reparatur vor Ort
inflatable-repairer m|Schlauchbootreparatur, GFK-Werkstatt, Bootslackierer, Bootselektronik, Bootssattler|Rümpfe, Schläuche, Decks|Gelcoat, Schläuche, Lackierung, Elektronik
musical-box-repairer f|Schreibmaschinenwerkstatt, Spieluhrenwerkstatt, Grammophonwerkstatt, Waagenbauer, Automatenbauer|Spieluhren, Schreibmaschinen|Reinigung, Federn, Reparaturen, Gebrauchtes
leather-restorer f|Lederreparatur, Taschenreparatur, Koffermacher, Lederrestaurierung|Taschen, Sofas, Koffer|Nähte, Farbe, Reißverschlüsse, Griffe
chimney-sweep m|Schornsteinfeger, Kaminkehrer, Kaminfeger, Schornsteinfegerin, Rauchfangkehrer|Schornsteine, Kamine, Öfen|Kehren, Rauchprüfung, Hauben und Gitter, Nester entfernen, Bescheinigungen
thatcher m|Reetdachdecker, Reetdachdeckerei, Strohdachdecker|Reetdächer, Firste|Neueindeckung, Firsterneuerung, Ausbesserung, Moosentfernung, Begutachtung
stonemason m|Steinmetz, Steinmetzbetrieb, Steinmetzin, Trockenmaurer, Natursteinbetrieb|Mauern, Stufen, Gewände, Grabsteine|Verfugen mit Kalk, Trockenmauern, Stufen und Bänke, Grabsteine, Bildhauerarbeiten
plumber m|Installateur, Klempner, Sanitär und Heizung, Heizungsbauer, Sanitärbetrieb, Klempnerei, Heizung und Sanitär|Hähne, Heizungen, Rohre, Bäder|Rohrbruch und Reparatur, Heizungswartung, Bäder, Heizungsbau, Verstopfungen
electrician m|Elektriker, Elektrobetrieb, Elektroinstallateur, Elektromeister, Elektroinstallation|Leitungen, Leuchten, Steckdosen|Neue Leitungen, Fehlersuche, Beleuchtung, Prüfung, Strom im Garten
plasterer m|Stuckateur, Verputzer, Gipser, Stuckateurbetrieb, Putzbetrieb|Wände, Decken, Stuck|Glattputz, Kalkputz, Außenputz, Stuckprofile, Ausbesserung
roofer m|Dachdecker, Dachdeckerei, Dachdeckerbetrieb, Dachdeckermeister, Bauspengler|Dächer, Schiefer, Rinnen|Schieferreparatur, Neueindeckung, Blecharbeiten, Dachrinnen, Flachdächer
decorator m|Malerbetrieb, Maler, Malermeister, Maler und Lackierer, Anstreicher, Malerin|Räume, Holzwerk, Fassaden|Innenanstrich, Tapezieren, Fassaden, Fenster streichen, Kalkanstrich
tiler m|Fliesenleger, Fliesenlegerbetrieb, Plattenleger, Fliesenlegerin|Böden, Wände, Bäder|Bäder, Küchenböden, Fliesenspiegel, Alte Böden, Außenbeläge
window-cleaner m|Fensterputzer, Fensterreinigung, Glasreiniger, Glasreinigung|Fenster, Rinnen, Wintergärten|Fenster, Dachrinnen, Wintergärten, Schaufenster, Solaranlagen
stove-fitter m|Ofenbauer, Kachelofenbauer, Ofensetzer, Kaminbauer, Ofenbau|Öfen, Feuerstellen, Züge|Ofenbau, Schornsteinsanierung, Feuertische, Wartung, Beratung vor Ort
floor-layer m|Bodenleger, Parkettleger, Parkettlegerei, Fußbodenleger|Böden, Dielen, Teppiche|Schleifen und Ölen, Parkett, Teppichböden, Linoleum, Dielenreparatur
fencer m|Zaunbauer, Zaunbau, Zaunbaubetrieb, Torbauer|Zäune, Tore, Pfosten|Gartenzäune, Weidetore, Weidezäune, Reparaturen, Pfostenwechsel
removals f|Umzugsfirma, Umzüge, Umzugsunternehmen, Möbelspedition, Umzugsbetrieb, Umzug|Haushalte, Klaviere, Kisten|Umzüge, Packen, Klaviere, Einlagerung, Einzelstücke
builder f|Bauunternehmung, Bauunternehmen, Maurer, Maurerbetrieb, Baufirma, Bauunternehmer, Maurermeister|Häuser, Anbauten, Mauern|Anbauten, Sanierung, Mauerwerk, Reparaturen, Gartenmauern
timber-framer f|Zimmerei, Zimmerer, Zimmermann, Zimmermeister, Holzbau, Holzbaubetrieb|Dachstühle, Fachwerk, Scheunen, Carports|Dachstühle, Fachwerksanierung, Scheunen, Carports, Reparaturen
window-restorer m|Fensterbauer, Fensterrestaurierung, Fenstertischler, Fensterwerkstatt, Fensterbau|Fenster, Läden, Rahmen|Aufarbeitung, Abdichten, Beschläge, Neue Flügel, Fensterläden
glazier f|Glaserei, Glaser, Glasermeister, Glasereibetrieb|Scheiben, Spiegel, Gläser|Glasbruch, Isolierglas, Spiegel, Katzenklappen, Gewächshausglas
handyman m|Hausmeisterservice, Handwerker für alles, Hausmeisterdienst, Allrounder, Kleinreparaturen|Regale, Türen, Rinnen, Zäune|Kleine Reparaturen, Regale, Türen, Möbelaufbau, Dachrinnen
scaffolder m|Gerüstbauer, Gerüstbau, Gerüstbaubetrieb|Gerüste, Türme, Dächer|Fassadengerüste, Kamingerüste, Rollgerüste, Wetterdächer, Prüfung
insulation-fitter m|Dämmfachbetrieb, Dämmung, Isolierer, Wärmedämmung|Dächer, Wände, Decken|Dachdämmung, Wanddämmung, Kellerdecken, Abdichten, Beratung
solar-installer m|Solarbetrieb, Solarteur, Photovoltaikbetrieb, Wärmepumpeninstallateur, Solartechnik|Anlagen, Speicher, Wärmepumpen|Photovoltaik, Speicher, Wärmepumpen, Wartung, Ortstermin
drain-clearer m|Rohrreinigungsdienst, Kanalreinigung, Rohrreinigung, Kanaltechnik|Rohre, Kanäle, Gruben|Verstopfungen, Kamerabefahrung, Klärgruben, Rohrsanierung, Abläufe
well-driller m|Brunnenbauer, Brunnenbau, Brunnenbohrer|Brunnen, Bohrungen, Pumpen|Brunnenbohrung, Pumpen, Filter, Pumpversuch, Wartung
groundworker m|Tiefbauer, Tiefbau, Erdarbeiten, Baggerbetrieb, Pflasterer, Pflasterbetrieb|Einfahrten, Fundamente, Gräben|Fundamente, Wege und Einfahrten, Entwässerung, Räumung, Bagger mit Fahrer
lime-worker m|Lehmbauer, Lehmbau, Lehmbaubetrieb, Kalkputzbetrieb, Strohballenbau|Wände, Böden, Öfen|Lehmputz, Kalkputz, Stampflehm, Fachwerkausfachung, Lehmböden
conservatory-builder m|Gewächshausbauer, Gartenhausbauer, Wintergartenbauer, Gartenhäuser|Gewächshäuser, Schuppen, Gartenhäuser|Schuppen nach Maß, Gewächshäuser, Gartenhäuser, Reparaturen, Fundamente
curtain-maker f|Gardinennäherei, Gardinenwerkstatt, Vorhangnäherei, Sonnenschutz|Vorhänge, Rollos, Kissen|Vorhänge, Raffrollos, Kissen, Montage, Aufmaß
cleaner f|Reinigungsfirma, Gebäudereinigung, Putzdienst, Gebäudereiniger, Reinigungskraft|Häuser, Büros, Teppiche|Wöchentliche Reinigung, Endreinigung, Büros, Teppiche, Frühjahrsputz
pest-controller m|Schädlingsbekämpfer, Kammerjäger, Schädlingsbekämpfung, Wespenberater|Wespen, Maulwürfe, Mäuse|Wespennester, Maulwürfe, Mäuse und Ratten, Abdichtung, Notdienst
aerial-fitter m|Antennenbauer, Antennentechnik, Satellitentechnik, Netzwerktechniker|Antennen, Schüsseln, Kabel|Antennen, Satellitenanlagen, Netzwerkdosen, Wandmontage, Reparaturen
alarm-fitter f|Sicherheitstechnik Firma, Alarmanlagenbauer, Brandschutz, Feuerlöscherdienst|Alarmanlagen, Melder, Feuerlöscher|Alarmanlagen, Brandmelder, Feuerlöscherprüfung, Wartung, Notdienst
pool-builder m|Teichbauer, Schwimmteichbau, Poolbauer, Teichbau|Teiche, Becken, Pumpen|Gartenteiche, Schwimmteiche, Pumpen und Filter, Pflege, Reparaturen
lift-engineer m|Treppenliftbauer, Aufzugstechnik, barrierefreier Umbau, Treppenlifte|Treppenlifte, Rampen, Griffe|Treppenlifte, Rampen, Haltegriffe, Barrierefreie Bäder, Wartung
steeplejack m|Turmarbeiter, Blitzschutzbauer, Industriekletterer, Turmdecker|Türme, Schlote, Blitzableiter|Blitzschutz, Begehung, Verfugen in der Höhe, Wetterfahnen, Fahnenmasten
house-clearer f|Entrümpelungsfirma, Haushaltsauflösung, Entrümpelung, Schrotthändler|Häuser, Dachböden, Garagen|Haushaltsauflösung, Dachböden und Garagen, Schrottabholung, Container, Wertanrechnung
skip-hire m|Containerdienst, Muldenverleih, Entsorger, Muldenservice|Container, Mulden, Abfälle|kleine Mulden, Bauschuttcontainer, Greiferwagen, Erdaushub, Mutterboden
playground-builder m|Spielplatzbauer, Gartenmöbelbauer, Bankbauer|Schaukeln, Bänke, Stege|Spielgeräte, Bänke, Stege, Prüfungen
staircase-maker m|Treppenbauer, Treppenbau, Handlaufbauer|Treppen, Handläufe, Stäbe|Neue Treppen, Handläufe, Reparaturen, Raumspartreppen
door-maker m|Türenbauer, Torbauer für Garagen, Garagentore, Haustüren|Türen, Tore, Antriebe|Haustüren, Garagentore, Reparaturen, Antriebe
blind-fitter m|Rollladenbauer, Markisenmonteur, Jalousienbauer, Fensterladenbauer|Rollläden, Markisen, Jalousien|Rollläden, Markisen, Jalousien, Aufmaß
demolition m|Abbruchunternehmer, Abbruchunternehmen, Betonbohrer, Asbestsanierung|Wände, Decken, Öffnungen|Durchbrüche, Abbruch, Bohrungen, Entsorgung
damp-proofer m|Bautrockner, Bautenschutz, Holzschutz, Kellerabdichter, Abdichtungsbetrieb|Keller, Wände, Balken|Feuchteanalyse, Kellerabdichtung, Holzwurm, Lüftung
heat-engineer f|Kältetechnik, Klimatechnik, Lüftungsbauer, Kälteanlagenbauer|Anlagen, Filter, Kühlräume|Einbau, Wartung, Reparaturen, Kühlräume
conservation-builder m|Altbausanierer, Denkmalpflegebetrieb, Fachwerksanierer, Restaurator im Handwerk|Häuser, Scheunen, Kirchen|Kalkarbeiten, Holzreparaturen, Dächer, Begehungen
shopfitter m|Ladenbauer, Ladenbau, Innenausbau, Innenausbauer, Trockenbauer, Trockenbau|Läden, Theken, Regale|Theken, Regale, Trennwände, Einbau
metal-roofer m|Spengler, Bauklempner, Dachrinnenbauer, Fassadenbauer|Rinnen, Bleche, Kupfer|Kupfer- und Zinkdächer, Rinnen, Anschlüsse, Fassaden
house-minder f|Ferienhausbetreuung, Hausbetreuung, Objektbetreuung, Schlüsselverwaltung|Häuser, Schlüssel|Schlüssel, Kontrollen, Gästewechsel, Kleinreparaturen
pressure-washing m|Steinreiniger, Sandstrahler, Fassadenreinigung, Dachreinigung, Graffitientfernung|Einfahrten, Dächer, Wände|Einfahrten, Dächer, Fassaden, Graffiti
tree-surgeon f|Baumpflege, Baumpfleger, Baumpflegerin, Baumfällung, Baumkletterer, Baumpflegebetrieb|Bäume, Hecken, Stubben|Kronenpflege, Fällung, Heckenschnitt, Stubbenfräsen, Baumgutachten
gardener f|Gartenpflege, Gärtner, Gärtnerin, Landschaftsgärtner, Garten- und Landschaftsbau, Gartenbau|Gärten, Rasen, Hecken, Beete|Gartenpflege, Hecken und Rasen, Pflanzungen, Schnitt, Räumung
hedge-layer m|Heckenpfleger, Knickpflege, Heckenflechter, Heckenpflege|Hecken, Knicks, Gräben|Heckenflechten, Pflanzung, Nachpflanzung, Gräben, Auf den Stock setzen
garden-designer f|Gartenplanung, Gartenarchitekt, Landschaftsarchitektin, Gartengestaltung, Gartendesignerin|Gärten, Beete, Terrassen|Gartenpläne, Pflanzpläne, Beete, Terrassen, Beratung vor Ort
forester m|Forstbetrieb, Förster, Waldpflege, Forstwirt, Holzrücker, Pferderücker|Wälder, Stämme, Wege|Durchforstung, Pflanzung, Rücken, Waldpläne, Wegebau
sawmill n|Sägewerk, Lohnsäger, Holzhandel, Sägerei, mobiles Sägewerk|Bretter, Balken, Bohlen|Lohnschnitt, Eichenbalken, Schalung, Trocknung, Sägen vor Ort
animal-boarding f|Hundepension, Katzenpension|Hunde, Katzen|Betreuung, Spaziergänge, Fellpflege, Hausbesuche, Abholung
riding-stable m|Reiterhof, Pferdepension, Reitstall, Pensionsstall, Kutschfahrten, Reitschule|Pferde, Ponys, Boxen|Pension, Reiten, Ausritte, Ponytage, Kutschfahrten
wool-grower f|Schäferei, Schäfer, Schafscherer, Alpakahof, Wollspinnerei, Schafhof|Wolle, Garne, Schafe|Schur, Rohwolle, Garne, Alpakawanderung, Kleine Herden
flower-farm f|Blumengärtnerei, Blumenhof, Schnittblumengärtnerei, Lavendelhof, Trockenblumen|Blumen, Sträuße, Lavendel|Sträuße, Eimer für Feste, Trockenblumen, Hochzeiten, Selbstschneiden
compost m|Kompostbetrieb, Kompostwerk, Erdenhandel, Wurmhof, Grüngutannahme|Kompost, Mulch, Erde|Kompost im Sack, Lose Ware, Grüngutannahme, Wurmkisten, Beratung
gamekeeper f|Naturführung, Wildhüter, Naturschutzgebiet, Naturführer, Jagdbetrieb, Rangerin|Wild, Wälder, Vögel|Führungen, Beobachtungshütten, Wildmanagement, Schulklassen, Landschaftspflege
bulb-grower f|Zwiebelgärtnerei, Dahliengärtnerei, Kakteengärtnerei, Weihnachtsbaumkultur, Rollrasen, Bonsaigärtnerei|Zwiebeln, Bäume, Pflanzen|Versand, Offene Tage, Beratung, Vorbestellung
livestock-breeder f|Viehzucht, Schafzucht, Ziegenhof, Pferdezucht, Rinderzucht, Schweinehof, Gestüt|Zuchttiere, Lämmer|Zuchttiere, Besuche, Schauen, Fleisch und Felle
contractor-farm n|Lohnunternehmen, landwirtschaftlicher Lohnbetrieb, Mähdrusch, Ballenpresse, Grünlandpflege|Felder, Ballen, Gräben|Mähen und Pressen, Pflügen, Heckenschnitt, Mistausbringung
path-builder m|Wegebau, Gewässerpflege, Deichbau, Moorpflege, Uferbau|Wege, Ufer, Deiche|Wege, Uferschutz, Entwässerung, Landschaftspflege
lawn-care m|Rasenpflege, Grünflächenpflege, Heckenschneider, Winterdienst|Rasen, Hecken, Flächen|Mähen, Düngen, Vertikutieren, Heckenschnitt
garden-builder m|Gartenbauer, Terrassenbauer, Landschaftsbau, Bewässerungstechnik, GaLaBau|Terrassen, Mauern, Teiche|Terrassen, Treppen und Mauern, Holzdecks, Bewässerung
beekeeper f|Imkerei, Imker, Imkerin, Bienenhof, Honighof|Honig, Bienen, Völker, Wachs|Honig, Kerzen, Schwarmfang, Ableger, Besuch am Bienenstand
farm m|Bauernhof, Hofladen, Landwirt, Biohof, Landwirtschaft, Hof mit Direktverkauf, Milchhof|Eier, Fleisch, Gemüse, Milch|Eier, Fleischpakete, Gemüse, Hofbesuche, Heu und Stroh
orchard m|Obsthof, Obstbauer, Obstbaubetrieb, Mosterei, Apfelhof|Äpfel, Birnen, Pflaumen, Saft|Äpfel, Saft, Selbstpflücken, Lohnmosten, Baumschnitt
vineyard n|Weingut, Winzer, Winzerin, Weinbau, Weinbaubetrieb, Winzerhof|Weine, Trauben, Flaschen|Weine, Weinproben, Kellerführung, Versand, Lesetage
cider-maker f|Mosterei für Apfelwein, Apfelweinkelterei, Kelterei, Mostkelterei, Keltermeister|Apfelwein, Most, Saft, Essig|Apfelwein, Most, Verkostung, Lohnkelterei, Essig
brewery f|Brauerei, Brauer, Braumeister, Hausbrauerei, Kleinbrauerei|Biere, Fässer, Flaschen|Helles und Dunkles, Fassbier, Flaschenbier, Brauereiführung, Saisonbiere
distillery f|Brennerei, Destillerie, Brenner, Edelbrennerei, Schnapsbrennerei|Brände, Gin, Liköre|Obstbrände, Gin, Führungen, Lohnbrand, Geschenksets
cheesemaker f|Käserei, Käser, Käserin, Molkerei, Hofkäserei, Sennerei|Käse, Butter, Quark|Hartkäse, Frischkäse, Butter, Ganze Laibe, Besuch der Käserei
smokehouse f|Räucherei, Fischräucherei, Räucherkate, Fischräucherer|Räucherfisch, Makrelen, Schinken|Räucherfisch, Lachs, Käse, Lohnräuchern, Geschenkkisten
mill f|Mühle, Müller, Müllerin, Wassermühle, Mühlenladen, Getreidemühle|Mehl, Schrot, Kleie|Mehl, Roggenschrot, Mahltage, Mühlenführung, Getreideannahme
oil-press f|Ölmühle, Ölmüller, Ölpresse, Olivenbauer|Öle, Oliven, Essige|Kaltgepresste Öle, Leinöl, Verkostung, Lohnpressung, Geschenkflaschen
salt-maker f|Saline, Salzsieder, Meersalzmanufaktur, Salzmacher|Meersalz, Flocken, Räuchersalz|Meersalz, Räuchersalz, Kräutersalz, Säcke, Führung
preserve-maker f|Marmeladenmanufaktur, Einmacherei, Konfitürenmanufaktur, Einkocherei|Marmeladen, Chutneys, Eingelegtes|Marmeladen, Chutneys, Gelees, Präsentkörbe, Kleine Auflagen
chocolate-maker f|Schokoladenmanufaktur, Chocolatier, Bonbonmacher, Confiserie, Zuckerwarenmacher|Schokoladen, Pralinen, Bonbons|Tafeln, Pralinen, Bonbons, Hochzeitsgaben, Versand
tea-merchant f|Teehandlung, Kaffeerösterei, Kaffeeröster, Teehändler, Rösterei, Kräutertees|Tees, Kaffees, Kräuter|Röstkaffee, Lose Tees, Hausmischungen, Verkostung, Großabnahme
egg-producer m|Geflügelhof, Hühnerhof, Geflügelzüchter, Brüterei, Eierhof|Eier, Hühner, Küken|Eier, Junghennen, Küken, Hühnerställe, Gänse auf Bestellung
mushroom-grower f|Pilzzucht, Pilzzüchter, Kräutergärtnerei, Kräuterhof, Trüffelanbau|Pilze, Kräuter, Kresse|Frische Pilze, Trockenpilze, Anzuchtsets, Kräuter, Lieferung
oyster-farm f|Austernzucht, Austernfischer, Muschelfischer, Muschelzucht, Algenernte|Austern, Muscheln, Algen|Austern, Muscheln, Algen, Austernöffnen, Lieferung auf Eis
fisherman m|Fischer, Küstenfischer, Fischereibetrieb, Kutterfischer, Krabbenfischer|Krabben, Scholle, Makrelen|Fisch vom Kutter, Krabben, Vorbestellung, Gepulte Krabben, Verkauf am Kai
cake-maker f|Tortenwerkstatt, Tortenmacherin, Hochzeitstorten, Motivtorten|Torten, Etagen, Gebäck|Hochzeitstorten, Geburtstagstorten, Probeessen, Lieferung
ice-cream-maker f|Eismanufaktur, Eismacher, Eiswagen, Eisdiele|Eis, Sorbets|Kugeln, Becher, Eiswagen mieten, Sorten auf Wunsch
food-van m|Imbisswagen, Foodtruck, Pizzawagen, Kaffeemobil, Fischbrötchenwagen|Gerichte, Standorte|Standorte und Tage, Buchung für Feste, Hochzeiten, Karte
pasta-maker f|Nudelmanufaktur, Nudelmacher, Senfmanufaktur, Essigmanufaktur, Tofurei, Metkelterei|Nudeln, Senf, Essige|Frische Nudeln, Gläser, Großabnahme, Probiertage
fruit-juice f|Saftmanufaktur, Limonadenmanufaktur, Süßmosterei, Sirupmanufaktur|Säfte, Sirupe, Flaschen|Säfte, Sirupe, Kisten, Großabnahme
crop-farm f|Forellenzucht, Fischzucht, Spargelhof, Erdbeerhof, Hopfenbauer, Nusshof|Forellen, Spargel, Beeren|Hofverkauf, Räucherforellen, Selbstpflücken, Vorbestellung
pie-maker f|Feinkostmanufaktur, Suppenküche Manufaktur, Pastetenmanufaktur, Maultaschenmanufaktur|Pasteten, Suppen|Pasteten, Händler, Platten, Saisonales
clock-dealer m|Uhrenhändler, Antikuhrenhandel, Uhrenladen|Uhren, Taschenuhren, Barometer|Standuhren, Taschenuhren, Schätzungen, Ankauf, Reparaturen
salvage-yard m|Bauteilhof, historische Baustoffe, Altholzhändler, Bauteilbörse|Balken, Türen, Ziegel, Kamine|Altholz, Türen, Ziegel und Fliesen, Kamine, Ankauf
seeds f|Samenhandlung, Samenhändler, Saatgutbetrieb, Samenzucht, Saatguthandel|Samen, Zwiebeln, Mischungen|Gemüsesaatgut, Blumensamen, Blumenzwiebeln, Wiesenmischungen, Beratung
nursery f|Gärtnerei, Staudengärtnerei, Baumschule, Rosenschule, Pflanzenhandel, Gartencenter|Stauden, Rosen, Gehölze, Kräuter|Stauden, Gehölze, Rosen, Pflanzberatung, Lieferung
fishmonger n|Fischgeschäft, Fischhändler, Fischladen, Fischfeinkost, Fischverkauf|Fisch, Krabben, Muscheln|Frischer Fisch, Schalentiere, Filetieren, Platten, Vorbestellung
greengrocer m|Gemüsehändler, Obst und Gemüse, Gemüsegärtnerei, Gemüsekiste, Gemüsebauer, Marktgärtnerei|Gemüse, Obst, Salate|Gemüse, Obst, Wochenkiste, Vorbestellung, Lieferung
butcher f|Metzgerei, Metzger, Fleischerei, Fleischer, Wursterei, Schlachterei, Wildhändler|Fleisch, Würste, Schinken|Fleisch, Würste, Schinken, Vorbestellung, Zuschnitt nach Wunsch
wool-shop m|Wollladen, Wollgeschäft, Kurzwarenladen, Handarbeitsgeschäft, Kurzwaren|Wolle, Nadeln, Knöpfe|Wolle, Nadeln, Knöpfe, Anleitungen, Strickabende
antique-dealer m|Antiquitätenhändler, Antiquitäten, Trödelladen, Antiquitätenhandel, Auktionator, Auktionshaus, Gebrauchtwaren|Möbel, Silber, Bilder, Porzellan|Möbel, Silber, Schätzungen, Ankauf, Lieferung
florist m|Blumenladen, Florist, Floristin, Blumengeschäft, Floristik|Sträuße, Kränze, Blumen|Sträuße, Hochzeitsblumen, Trauerkränze, Pflanzen, Lieferung
bookshop f|Buchhandlung, Buchhändler, Antiquariat, Antiquar, Buchladen, Buchhändlerin|Bücher, Karten, Drucke|Neue Bücher, Antiquarisches, Bestellungen, Karten und Drucke, Lesungen
ironmonger f|Eisenwarenhandlung, Eisenwaren, Haushaltswaren, Werkzeugladen, Baustoffhandel|Werkzeug, Schrauben, Farben|Werkzeug, Schrauben einzeln, Farben, Schlüssel, Geräteverleih
village-shop m|Dorfladen, Lebensmittelladen, Tante-Emma-Laden, Krämerladen, Gemischtwarenladen, Kiosk, Genossenschaftsladen|Lebensmittel, Zeitungen|Lebensmittel, Zeitungen, Post, Bestellungen, Lieferung
wholefood-shop m|Unverpacktladen, Naturkostladen, Bioladen, Feinkostladen, Gewürzhandel, Reformhaus|Getreide, Gewürze, Öle|Lose Ware, Gewürze, Öle, Nachfüllen, Präsentkörbe
wine-merchant f|Weinhandlung, Weinhändler, Getränkehandel, Weinladen, Getränkemarkt|Weine, Biere, Spirituosen|Weine, Probierkisten, Verkostungen, Gläserverleih, Lieferung
clothes-shop n|Modegeschäft, Modeladen, Bekleidungsgeschäft, Herrenausstatter, Damenmode, Vintageladen, Berufsbekleidung|Mäntel, Kleider, Hemden|Mäntel und Jacken, Kleider, Berufskleidung, Änderungen, Trachten
shoe-shop n|Schuhgeschäft, Schuhladen, Schuhhaus, Kinderschuhladen|Schuhe, Stiefel, Hausschuhe|Schuhberatung, Kinderschuhe, Wanderschuhe, Hausschuhe, Weite Größen
toy-shop m|Spielwarenladen, Spielzeugladen, Spielwaren, Modellbauladen, Modelleisenbahnladen|Spielzeug, Spiele, Bausätze|Spielzeug, Brettspiele, Bausätze, Reparaturen, Bestellungen
record-shop m|Plattenladen, Musikgeschäft, Musikladen, Musikalienhandlung, Notenhandlung|Platten, Instrumente, Noten|Neue Platten, Gebrauchte Platten, Instrumente, Noten, Miete
art-supplies m|Künstlerbedarf, Schreibwarenladen, Papierwaren, Schreibwaren, Papeterie|Farben, Papiere, Stifte|Farben und Pinsel, Papiere, Hefte, Rahmen, Bestellungen
fabric-shop n|Stoffgeschäft, Stoffladen, Tuchhändler, Stoffhandel, Leinenhaus|Stoffe, Futter, Borten|Kleiderstoffe, Dekostoffe, Futter, Borten, Zuschnitt
furniture-shop n|Möbelhaus, Möbelgeschäft, Bettenhaus, Bettengeschäft, Lampenladen|Betten, Sofas, Lampen|Betten, Sofas, Tische, Lieferung, Altmöbel
optician m|Optiker, Augenoptiker, Augenoptikerin, Brillenladen, Optikergeschäft|Brillen, Gläser, Fassungen|Sehtest, Brillen, Kontaktlinsen, Reparaturen, Kinderbrillen
hearing-shop m|Hörakustiker, Hörgeräteakustiker, Hörgeräte, Akustiker|Hörgeräte, Otoplastiken|Hörtest, Hörgeräte, Gehörschutz, Reparaturen, Hausbesuche
chemist f|Apotheke, Apotheker, Drogerie, Kräuterladen, Parfümerie|Arzneien, Cremes, Kräuter|Rezepte, Beratung, Botendienst, Kräuter, Kosmetik
gallery f|Galerie, Kunstgalerie, Kunsthandwerksladen, Geschenkeladen, Kunsthandlung|Bilder, Drucke, Kunsthandwerk|Ausstellungen, Drucke, Kunsthandwerk, Aufträge, Einrahmung
chandlery m|Schiffsausrüster, Bootszubehör, Yachtausrüster, Bootsausrüster|Tauwerk, Farben, Beschläge|Tauwerk nach Metern, Antifouling, Beschläge, Sicherheit, Bestellungen
outdoor-shop m|Outdoorladen, Surfshop, Sportgeschäft, Bergsportladen, Wanderladen|Schuhe, Bretter, Zelte|Schuhberatung, Verleih, Reparaturen, Bretter und Anzüge, Karten
feed-merchant m|Futtermittelhandel, Landhandel, Raiffeisenmarkt Händler, Futterhandel, Agrarhandel|Futter, Heu, Einstreu|Futter, Heu und Stroh, Einstreu, Zaunbedarf, Lieferung
stamp-dealer f|Briefmarkenhandlung, Münzhändler, Briefmarkenhändler, Münzhandel, Landkartenantiquariat|Briefmarken, Münzen, Karten|Briefmarken, Münzen, Schätzungen, Ankauf, Kataloge
mineral-shop m|Mineralienladen, Fossilienladen, Edelsteinschleifer, Steinschleiferei, Bernsteinladen|Mineralien, Fossilien, Steine|Mineralien, Fossilien, Schliff, Schmucksteine, Führungen
costume-hire m|Kostümverleih, Brautmodengeschäft, Theaterkostüme, Trachtengeschäft|Kostüme, Kleider, Anzüge|Kostümverleih, Theaterausstattung, Brautkleider, Anprobe, Änderungen
electrical-shop n|Elektrogeschäft, Elektroladen, Elektrofachgeschäft, Radio- und Fernsehgeschäft|Lampen, Radios, Geräte|Lampen, Reparaturen, Leuchtmittel, Lieferung, Anschluss
charity-shop m|Sozialkaufhaus, Secondhandladen, Umsonstladen, Spendenladen, Gebrauchtkaufhaus|Kleider, Bücher, Möbel|Kleider, Bücher, Möbel, Spendenannahme, Abholung
gravel-merchant m|Steinbruch, Kieswerk, Natursteinhandel, Baustoffe, Schieferbruch|Steine, Kies, Schiefer|Bausteine, Kies, Schiefer, Lieferung
paint-shop m|Farbenladen, Farbenhandel, Tapetengeschäft, Farbenmanufaktur|Farben, Tapeten, Pinsel|Farben mischen, Tapeten, Pinsel, Beratung
kitchen-shop n|Haushaltswarengeschäft, Küchenladen, Porzellangeschäft, Geschirrladen|Töpfe, Messer, Porzellan|Töpfe, Messer, Porzellan, Schleifservice
tobacconist m|Zeitungsladen, Tabakladen, Zeitschriftenladen, Lottoladen, Pfeifenladen|Zeitungen, Karten|Zeitungen, Zustellung, Karten, Post
pram-shop m|Babyladen, Kinderwagenladen, Kinderkleiderladen, Kindersachen|Kinderwagen, Betten, Kleider|Kinderwagen, Verleih, Kleider, Reparaturen
mobility-shop n|Sanitätshaus, Orthopädieschuhmacher, Orthopädietechnik, Rollstuhlwerkstatt|Rollstühle, Gehhilfen, Einlagen|Rollstühle, Einlagen, Verleih, Reparaturen
saddle-shop m|Reitsportladen, Reitsportgeschäft, Reiterladen|Sättel, Stiefel, Decken|Sattelanpassung, Kleidung, Deckenwäsche, Gebrauchtes
aquarium-shop m|Aquaristikladen, Aquarienladen, Terraristikladen, Zoofachgeschäft|Becken, Pflanzen, Fische|Becken, Pflanzen, Beratung, Urlaubspflege
vehicle-dealer m|Autohändler, Gebrauchtwagenhändler, Motorradhändler, Bootshändler, Yachtmakler, Bootsmakler|Autos, Transporter, Boote|Gebrauchte, Inzahlungnahme, Suche auf Auftrag, Aufbereitung
market-stall m|Marktstand, Markthändler, Marktbeschicker, Strandkiosk|Stände, Waren, Tage|Markttage, Waren, Vorbestellung, Feste
uniform-shop n|Wäschegeschäft, Miederwarengeschäft, Schuluniformladen, Strumpfladen, Bademodengeschäft|Wäsche, Strümpfe, Bademode|Anprobe, Bestellungen, Änderungen, Sonderweiten
phone-shop m|Handyladen, Computerladen, Batterieladen, Tintenladen|Telefone, Batterien, Tinte|Reparaturen, Batterien, Tinte, Gebrauchtgeräte
guesthouse f|Pension, Gästehaus, Frühstückspension, Gasthof, Hotel garni, kleines Hotel, Zimmervermietung|Zimmer, Frühstück|Doppelzimmer, Einzelzimmer, Frühstück, Lunchpakete, Trockenraum
campsite m|Campingplatz, Zeltplatz, Wohnmobilstellplatz, Campingpark|Stellplätze, Hütten, Zelte|Zeltplätze, Wohnwagenplätze, Hütten, Warme Duschen, Feuerholz
holiday-cottage f|Ferienwohnung, Ferienhaus, Ferienhof, Ferienapartment, Urlaub auf dem Bauernhof|Wohnungen, Betten, Gärten|Wochenaufenthalt, Kurzurlaub, Wäsche, Kaminofen, Hunde
hostel f|Herberge, Wanderheim, Gruppenunterkunft, Selbstversorgerhaus, Hostel, Hütte, Tagungshaus|Betten, Schlafräume, Küchen|Mehrbettzimmer, Zimmer, Gruppen, Trockenraum, Küche
houseboat-hire f|Hausbootvermietung, Hausboot, Kanalbootvermietung, Bootsferien|Boote, Kabinen, Kanäle|Wochenmiete, Kurzurlaub, Tagesboote, Einweisung, Liegeplätze
wedding-barn f|Hochzeitsscheune, Festscheune, Eventscheune, Hochzeitslocation, Festsaal|Scheunen, Höfe, Gärten|Hochzeiten, Feste, Zeltwiese, Übernachtung, Besichtigung
lighthouse-stay f|Übernachtung im Leuchtturm, Baumhaushotel, Schlosshotel, Mühlenhotel, Heuhotel|Nächte, Zimmer|Nächte, Frühstück, Anreise, Gruppen
hotel n|Hotel, Hafenhotel, Familienhotel, Landhotel, Berghotel, Strandhotel|Zimmer, Suiten, Mahlzeiten|Zimmer, Familienzimmer, Mahlzeiten, Feiern, Angebote
allotments m|Kleingartenverein, Schrebergartenverein, Gemeinschaftsgarten, Kleingartenanlage, Gartenverein|Parzellen, Wege, Lauben|Parzellen, Warteliste, Gemeinschaftsgeräte, Offene Gärten, Saatguttausch
choir m|Chor, Gesangverein, Kirchenchor, Kammerchor, Männerchor, Frauenchor, Shantychor|Lieder, Konzerte, Proben|Proben, Konzerte, Auftritte, Mitsingen, Schnupperabende
brass-band m|Musikverein, Blaskapelle, Orchester, Spielmannszug, Posaunenchor, Blasorchester, Musikkapelle, Trachtenkapelle|Konzerte, Märsche, Proben|Proben, Konzerte, Auftritte, Jugendkapelle, Leihinstrumente
bell-ringers m|Läuteverein, Glockenläuter, Handglockenchor|Glocken, Seile|Übungsabende, Läuten zu Hochzeiten, Anfänger, Turmbesuche, Gastläuter
history-society m|Geschichtsverein, Heimatverein, Denkmalverein, Förderverein Denkmal, Archäologieverein, Geschichtswerkstatt|Archive, Vorträge, Rundgänge|Vorträge, Rundgänge, Archiv, Veröffentlichungen, Mitgliedschaft
sailing-club m|Segelverein, Segelclub, Yachtclub, Wassersportverein|Boote, Regatten, Liegeplätze|Regatten, Vereinsboote, Offene Tage, Liegeplätze, Mitgliedschaft
rowing-club m|Ruderverein, Ruderclub, Kanuverein, Kanuclub, Rudergesellschaft, Paddelverein|Boote, Riemen, Mannschaften|Schnupperrudern, Mannschaften, Vereinsboote, Regatten, Mitgliedschaft
football-club m|Fußballverein, Sportverein, Turnverein, Handballverein, Sportclub, Volleyballverein|Spiele, Mannschaften, Plätze|Training, Spiele, Jugendmannschaften, Mitgliedschaft, Vereinsheim
bowls-club m|Tennisverein, Tennisclub, Schützenverein, Bogenschützenverein, Bouleverein, Tischtennisverein, Kegelverein|Plätze, Bahnen, Spiele|Vereinsabende, Turniere, Schnuppertage, Mitgliedschaft, Leihgerät
cycling-club m|Radsportverein, Radclub, Radfahrverein, Radlergruppe|Touren, Ausfahrten, Rennen|Wöchentliche Ausfahrten, Einstiegstage, Radreisen, Mitgliedschaft, Programm
walking-club m|Wanderverein, Alpenverein Sektion, Laufgruppe, Wandergruppe, Kletterverein, Bergsteigergruppe|Wanderungen, Touren, Läufe|Wöchentliche Wanderungen, Einstiegstouren, Fahrten, Mitgliedschaft, Programm
swimming-club m|Schwimmverein, Schwimmclub, Wasserballverein, Freibadverein|Bahnen, Wettkämpfe|Trainingsabende, Mannschaften, Wettkämpfe, Schwimmenlernen, Mitgliedschaft
chess-club m|Schachverein, Schachclub, Spieleverein, Skatclub, Amateurfunkverein, Sternfreunde, Amateurfunk|Spiele, Bretter, Abende|Vereinsabende, Turniere, Neulinge, Mitgliedschaft, Offene Tage
drama-society f|Theatergruppe, Laienspielgruppe, Theaterverein, Amateurtheater, Puppentheater, Laienbühne|Stücke, Proben, Karten|Aufführungen, Karten, Vorsprechen, Jugendtheater, Mitmachen
morris-side f|Tanzgruppe, Trachtenverein, Volkstanzgruppe, Tanzclub, Folkclub, Trachtengruppe|Tänze, Trachten, Abende|Übungsabende, Auftritte, Buchung, Neulinge, Tanzabende
gardening-club m|Gartenbauverein, Obst- und Gartenbauverein, Imkerverein, Gartenfreunde, Naturschutzverein, Streuobstverein|Gärten, Schauen, Vorträge|Vorträge, Gartenbesuche, Jahresschau, Pflanzentausch, Mitgliedschaft
neighbourhood-group m|Nachbarschaftsverein, Seniorenkreis, Landfrauenverein, Bürgerverein, Frauenkreis, Stadtteilverein, Mieterverein|Treffen, Ausflüge, Vorträge|Wöchentliche Treffen, Vorträge, Ausflüge, Mittagstisch, Mitgliedschaft
community-workshop f|offene Werkstatt, Männerwerkstatt, Gemeinschaftswerkstatt, Selbsthilfewerkstatt|Werkbänke, Werkzeuge, Vorhaben|Offene Tage, gemeinsames Werkzeug, Reparaturen mit Hilfe, Arbeiten für den Ort, Mitmachen
youth-group f|Jugendgruppe, Pfadfindergruppe, Jugendclub, Spielgruppe, Krabbelgruppe, Jugendfeuerwehr, Pfadfinderstamm|Kinder, Lager, Abzeichen|Gruppenstunden, Lager, Anmeldung, Mithelfen, Ferienprogramm
charity m|gemeinnütziger Verein, Tafel, Hilfsverein, Stiftung, Spendenverein, Hospizverein, Flüchtlingshilfe, Beratungsstelle|Hilfe, Spenden, Ehrenamt|Hilfe, Spenden, Ehrenamt, Veranstaltungen, Jahresbericht
lifeboat f|Seenotrettung, Wasserwacht, Seenotretter|Einsätze, Mannschaft, Boote|Einsatz, Besuch der Wache, Sicherheit, Spenden, Mitmachen
fire-brigade f|Freiwillige Feuerwehr, Feuerwehr, Bergwacht, Rettungsdienst, Ortsfeuerwehr|Einsätze, Mannschaft, Fahrzeuge|Einsatz, Besuch der Wache, Brandschutz, Jugendfeuerwehr, Mitmachen
church f|Kirchengemeinde, Pfarrei, Gemeinde, Kapelle, Kirche, Pfarrgemeinde|Gottesdienste, Glocken, Säle|Gottesdienste, Trauungen und Taufen, Gemeindesaal, Chöre, Besichtigung
donkey-sanctuary m|Tierschutzverein, Tierheim, Gnadenhof, Igelstation, Katzenhilfe, Wildtierstation|Tiere, Plätze, Spenden|Vermittlung, Besuche, Spenden, Mithelfen
community-shop-society m|Dorfverein, Bürgergenossenschaft, Ortsverein, Tauschring, Förderverein|Treffen, Vorhaben|Vorhaben, Mitgliedschaft, Treffen, Mithelfen
parents-association m|Schulverein, Förderverein Schule, Elternverein, Grundschule, Elternbeirat|Feste, Basare, Mittel|Feste, Basare, Mithelfen, Förderung
trade-guild f|Innung, Gewerbeverein, Handwerkerinnung, Zunft, Bauernverband, Berufsverband, Fischereiverein|Mitglieder, Versammlungen|Mitglieder, Versammlungen, Betriebssuche, Beitritt
fishing-club m|Angelverein, Fischereiverein Ortsgruppe, Jagdverein, Brieftaubenverein, Kleintierzuchtverein|Gewässer, Karten|Angelkarten, Gewässer, Wettfischen, Mitgliedschaft
riding-club m|Reitverein, Fahrverein, Hundeverein, Hundesportverein, Pferdezuchtverein|Turniere, Treffen|Turniere, Treffen, Training, Mitgliedschaft
martial-arts-club m|Judoverein, Karateverein, Boxverein, Turngruppe, Leichtathletikverein, Kampfsportverein|Training, Prüfungen|Training, Einsteiger, Prüfungen, Mitgliedschaft
art-circle m|Kunstverein, Schreibgruppe, Strickkreis, Filmclub, Literaturkreis, Malkreis, Handarbeitskreis|Abende, Ausstellungen|Wochenabende, Jahresausstellung, Neulinge, Mitgliedschaft
twinning-association m|Partnerschaftsverein, Städtepartnerschaft, Freundschaftsgesellschaft, Sprachtreff|Besuche, Abende|Austausch, Abende, Gastfamilien, Mitgliedschaft
patients-group f|Selbsthilfegruppe, Angehörigengruppe, Behindertenverein, Blindenverein, Gehörlosenverein, Trauergruppe|Treffen, Besuche, Telefon|Treffen, Besuche, Telefonberatung, Mithelfen
energy-group f|Umweltgruppe, Bachpatenschaft, Bürgerwindpark, Klimagruppe, Bürgerinitiative, Verkehrsinitiative|Einsätze, Treffen, Vorhaben|Einsätze, Vorhaben, Mitgliedschaft, Neues
service-club m|Kameradschaftsverein, Reservistenverein, Serviceclub, Loge, Wohltätigkeitsverein|Treffen, Hilfe|Treffen, Hilfe, Spenden, Beitritt
carnival-club m|Karnevalsverein, Faschingsverein, Narrenzunft, Festausschuss, Kirmesverein|Umzüge, Sitzungen|Umzug, Sitzungen, Mitmachen, Mitgliedschaft
steam-owners m|Oldtimerclub, Motorradclub, Traktorfreunde|Ausfahrten, Treffen|Ausfahrten, Treffen, Clubabende, Mitgliedschaft
old-boats m|Traditionsschiffverein, Museumshafenverein, Verein für alte Schiffe|Traditionsschiffe, Dampfbarkassen|Ausfahrten, Erhaltung, Arbeitstage, Mitgliedschaft
model-club m|Modellbauverein, Modelleisenbahnclub, Schiffsmodellbauclub, Modellflugverein, Modellbahnfreunde|Modelle, Anlagen|Clubabende, Fahrtage, Ausstellungen, Bauhilfe, Mitgliedschaft
museum n|Museum, Heimatmuseum, Freilichtmuseum, Sammlung, Archiv, Museumsverein|Sammlungen, Ausstellungen|Ausstellungen, Führungen, Schulklassen, Archiv, Gruppen
village-hall n|Dorfgemeinschaftshaus, Bürgerhaus, Gemeindesaal, Gemeindezentrum, Vereinsheim, Bürgersaal|Säle, Räume, Küchen|Saalmiete, Versammlungen, Feste, Küche, Feste Gruppen
library f|Bücherei, Bibliothek, Stadtbücherei, Gemeindebücherei, Lesesaal, Lesekreis|Bücher, Lesungen, Regale|Ausleihe, Lesekreise, Vorlesestunde, Computer, Raummiete
theatre n|Theater, Kleinkunstbühne, Konzerthaus, Kulturzentrum, Kino, Freilichtbühne, Programmkino|Stücke, Konzerte, Filme|Programm, Karten, Saalmiete, Freundeskreis, Zugang
festival n|Festival, Musikfest, Dorffest, Hafenfest, Weihnachtsmarkt, Handwerkermarkt, Stadtfest, Wochenmarkt, Schützenfest|Stände, Bühnen, Tage|Programm, Karten, Standplätze, Mithelfen, Anreise
heritage-railway f|Museumsbahn, Museumseisenbahn, Schmalspurbahn, Parkeisenbahn, Dampfbahn, Bergbahn|Züge, Loks, Bahnhöfe|Fahrplan, Fahrkarten, Führerstand, Mitmachen, Gruppen
show-garden m|Schaugarten, Botanischer Garten, Schloss, Burg, Herrenhaus, Arboretum, Tierpark, Aquarium, Wildpark|Gärten, Räume, Wege|Öffnung, Eintritt, Führungen, Pflanzenverkauf, Gruppen
tourist-office f|Touristinformation, Verkehrsverein, Stadtführung, Stadtführer, Fremdenführerin, Gästeführer|Führungen, Karten, Touren|Stadtführungen, Karten, Gruppen, Unterkünfte, Andenken
musician f|Band, Musiker, Hochzeitsband, Jazzband, Harfenistin, Organist, Tanzkapelle, Pianistin, Alleinunterhalter|Musik, Lieder, Tänze|Hochzeiten, Feste, Konzerte, Aufnahmen, Buchung
building-friends m|Mühlenverein, Leuchtturmverein, Friedhofsverein, Kirchbauverein|Besuche, Erhaltung, Spenden|Besuche, Erhaltung, Spenden, Mithelfen
observatory f|Sternwarte, Planetarium, Wetterstation, Vogelwarte, Naturkundezentrum|Fernrohre, Abende|Offene Abende, Gruppen, Schulklassen, Mitgliedschaft
adventure-golf m|Minigolfplatz, Kegelbahn, Irrgarten, Spielscheune, Golfplatz, Rätselraum|Runden, Feste, Karten|Öffnung, Eintritt, Geburtstage, Gruppen
artist-residency n|Künstlerhaus, Ateliertage, Kunsthof, Kunsthandwerkerhof, Werkstatthof|Ateliers, Offene Tage|Offene Tage, Künstler, Mitgliedschaft, Ateliermiete
visitor-farm m|Erlebnishof, Kinderbauernhof, Falknerei, Schmetterlingshaus, Maislabyrinth|Tiere, Tage, Karten|Öffnung, Eintritt, Schulklassen, Geburtstage
land-surveyor m|Vermessungsingenieur, Vermesser, Vermessungsbüro, Landvermesser, Geometer|Grundstücke, Grenzen, Gebäude|Grenzvermessung, Lagepläne, Absteckung, Aufmaß, Gutachten
interior-designer f|Innenarchitektur, Innenarchitektin, Innenarchitekt, Raumgestaltung, Einrichtungsberatung|Räume, Farben, Möbel|Farbkonzepte, Raumplanung, Einrichtung, Licht, Ortstermin
bookkeeper n|Buchhaltungsbüro, Buchhalter, Buchhalterin, Steuerberater, Steuerberaterin, Steuerbüro, Lohnbüro, Wirtschaftsprüfer|Bücher, Abschlüsse, Erklärungen|Buchhaltung, Steuererklärung, Lohnabrechnung, Jahresabschluss, Beratung
translator n|Übersetzungsbüro, Übersetzer, Übersetzerin, Dolmetscher, Dolmetscherin, Lektor, Lektorin, Korrektorat|Texte, Briefe, Verträge|Übersetzungen, Beglaubigte Übersetzungen, Dolmetschen, Lektorat, Angebote
architect n|Architekturbüro, Architekt, Architektin, Planungsbüro, Bauplaner, Bauzeichner|Häuser, Anbauten, Pläne|Hauspläne, Anbauten, Bauanträge, Denkmalpflege, Bauleitung
engineer n|Ingenieurbüro, Statiker, Tragwerksplaner, Bauingenieur, Gutachter|Tragwerke, Nachweise, Gutachten|Statik, Ortstermine, Gutachten, Pläne, Energieberatung
building-surveyor m|Bausachverständiger, Bausachverständige, Bootsgutachter, Immobiliengutachter, Sachverständigenbüro|Häuser, Boote, Gutachten|Kaufbegleitung, Feuchtegutachten, Wertermittlung, Bauschäden, Bootsgutachten
lawyer f|Anwaltskanzlei, Rechtsanwalt, Rechtsanwältin, Kanzlei, Patentanwalt|Testamente, Verträge, Urkunden|Testamente, Hauskauf, Verträge, Mediation, Erstgespräch
insurance-broker m|Versicherungsmakler, Versicherungsbüro, Finanzberater, Finanzberaterin, Versicherungsmaklerin, Baufinanzierung|Verträge, Schäden, Kredite|Versicherungscheck, Schadenhilfe, Baufinanzierung, Altersvorsorge, Erstgespräch
estate-office f|Hausverwaltung, Makler, Immobilienmakler, Immobilienbüro, Maklerin, Mietverwaltung|Häuser, Wohnungen, Verträge|Vermietung, Verwaltung, Besichtigungen, Übergaben, Wertermittlung
graphic-designer n|Grafikbüro, Grafiker, Grafikerin, Grafikdesigner, Illustrator, Illustratorin, Kalligraf, Kartograf, Schriftgestalter|Zeichen, Bücher, Karten|Zeichen, Drucksachen, Schriften, Illustrationen, Buchgestaltung
software-developer n|Softwarebüro, Softwareentwickler, Programmierer, IT-Dienstleister, Systemhaus, IT-Betreuung|Software, Netze, Systeme|Betreuung für Büros, Software nach Maß, Netzwerke, Datensicherung, Beratung
secretary m|Büroservice, Schreibbüro, Sekretariatsservice|Briefe, Termine, Reden|Büroarbeiten, Reden, Planung, Nachforschung, Erstgespräch
consultant f|Beratungsfirma, Unternehmensberater, Unternehmensberaterin, Umweltbüro, Ökologe, Fördermittelberatung, Agrarberater|Berichte, Pläne, Gutachten|Beratung, Berichte, Gutachten, Förderanträge, Erstgespräch
laboratory n|Prüflabor, Bodenlabor, Wasserlabor, Dentallabor, Zahntechniker, Kalibrierlabor|Proben, Berichte, Geräte|Probenprüfung, Berichte, Kalibrierung, Abholung, Beratung
publisher m|Verlag, Kleinverlag, Zeitschrift, Lokalzeitung, Tonstudio, Tontechniker, Heimatverlag|Bücher, Hefte, Aufnahmen|Bücher, Abonnement, Manuskripte, Anzeigen, Frühere Ausgaben
co-working f|Bürogemeinschaft, Coworking, Ateliergemeinschaft, Gründerzentrum|Tische, Ateliers, Räume|Arbeitsplätze, Ateliers, Besprechungsräume, Tageskarten, Besichtigung
parish-council f|Gemeindeverwaltung, Ortsgemeinde, Hafenamt, Hafenmeister, Wohnungsgenossenschaft, Energiegenossenschaft, Zweckverband|Sitzungen, Bekanntmachungen|Sitzungen, Bekanntmachungen, Friedhof, Raumbuchung, Schaden melden
film-maker f|Filmproduktion, Filmemacher, Filmemacherin, Trickfilmer, Videografin|Filme, Schnitte|Filme, Schnitt, Hochzeiten, Digitalisierung
web-designer n|Webbüro, Webdesigner, Webdesignerin, Webentwickler, Texter, Texterin|Seiten, Texte|Webseiten, Pflege, Texte, Suchmaschinen
recruiter f|Personalberatung, Arbeitssicherheit, Erste-Hilfe-Ausbildung, Sicherheitsberater, Arbeitsschutz|Personal, Schulungen|Beratung, Schulungen, Begehungen, Erstgespräch
product-designer n|Designbüro, Produktdesigner, Industriedesigner, Modellwerkstatt, Prototypenbau, Konstruktionsbüro|Prototypen, Zeichnungen|Zeichnungen, Prototypen, Kleinserien, Beratung
quantity-surveyor n|Baubüro, Bauleiter, Baukostenplaner, Projektsteuerer, Stadtplaner|Kosten, Pläne, Abläufe|Kostenplanung, Anträge, Bauleitung, Erstgespräch
genealogist m|Ahnenforscher, Familienforscher, Hausforscherin, Archivar, Historikerin|Akten, Familien, Häuser|Familienforschung, Hausgeschichten, Abschriften, Vorträge
celebrant m|Trauredner, Traurednerin, Freie Rednerin, Freier Redner, Zeremonienleiter|Zeremonien, Reden|Trauungen, Namensfeiern, Abschiede, Kennenlernen
event-planner f|Hochzeitsplanung, Hochzeitsplanerin, Veranstaltungsplaner, Eventplanerin, Ballondekorateur|Hochzeiten, Feste|Planung, Begleitung am Tag, Dekoration, Kennenlernen
radio-station n|Bürgerradio, Lokalradio, freies Radio, Stadtmagazin, Gemeindeblatt|Sendungen, Stimmen|Sendungen, Hören, Mitmachen, Anzeigen
energy-adviser f|Energieberatung, Energieberater, Energieberaterin|Häuser, Berichte, Förderung|Gebäudecheck, Berichte, Förderanträge, Begleitung
mediator f|Mediationsbüro, Mediator, Mediatorin, Schuldnerberatung, Mietervereinsbüro|Gespräche, Vereinbarungen|Erstgespräch, Mediation, Unterlagen, Kosten
notary n|Notariat, Notar, Notarin, Nachlassbüro|Urkunden, Testamente|Beglaubigungen, Testamente, Hauskauf, Kosten
music-teacher f|Musikschule, Klavierlehrer, Klavierlehrerin, Geigenlehrer, Gesangslehrerin, Gitarrenlehrer, Musiklehrer|Unterricht, Vorspiele|Klavierunterricht, Gesangsunterricht, Probestunde, Prüfungsvorbereitung, Ferienangebote
tutor m|Nachhilfelehrer, Nachhilfe|Stunden, Prüfungen|Einzelstunden, Prüfungsvorbereitung, Probestunde, Kleine Gruppen, Hausbesuche
hairdresser m|Friseur, Friseursalon, Friseurin, Perückenmacher, Haarstudio|Schnitte, Farben, Bärte|Schnitte, Farbe, Bart, Kinderschnitt, Hausbesuche
beautician n|Kosmetikstudio, Kosmetikerin, Nagelstudio, Fußpflege, Visagistin, Kosmetik|Nägel, Haut, Füße|Gesichtspflege, Nägel, Fußpflege, Brautfrisur und Make-up, Gutscheine
laundry f|Wäscherei, Reinigung, Textilreinigung, Bügelservice, Heißmangel, Waschsalon, Mangelstube|Hemden, Wäsche, Vorhänge|Wäsche, Hemden, Reinigung, Bettzeug, Abholung
undertaker n|Bestattungshaus, Bestatter, Bestatterin, Bestattungsinstitut, Sargmacher, Friedwald, Beerdigungsinstitut|Bestattungen, Särge, Gräber|Bestattungen, Hausbesuche, Särge, Naturbestattung, Vorsorge
midwife f|Hebamme, Hebammenpraxis, Doula, Stillberaterin, Geburtshaus|Geburten, Besuche, Kinder|Vorsorge, Hausgeburt, Wochenbett, Stillberatung, Kennenlernen
childminder f|Tagesmutter, Kindergarten, Kita, Kindertagespflege, Waldkindergarten, Krippe, Tagesvater, Kinderbetreuung|Kinder, Tage, Plätze|Ganztags, Halbtags, Nach der Schule, Eingewöhnung, Besichtigung
home-care m|Pflegedienst, ambulanter Pflegedienst, Alltagsbegleitung, Seniorenbetreuung, Seniorenheim, Haushaltshilfe, Essen auf Rädern|Besuche, Mahlzeiten, Begleitung|Hausbesuche, Einkauf und Mahlzeiten, Begleitung, Verhinderungspflege, Erstbesuch
vet f|Tierarztpraxis, Tierarzt, Tierärztin, Kleintierpraxis, Pferdezahnarzt, Großtierpraxis|Tiere, Besuche, Untersuchungen|Untersuchungen, Impfungen, Hofbesuche, Operationen, Notfälle
dentist f|Zahnarztpraxis, Zahnarzt, Zahnärztin, Kieferorthopäde, Prophylaxepraxis|Zähne, Untersuchungen|Vorsorge, Zahnreinigung, Füllungen, Kinder, Notfälle
doctor f|Arztpraxis, Hausarzt, Hausärztin, Podologie, Heilpraktiker|Termine, Patienten|Termine, Hausbesuche, Vorsorge, Rezepte, Erstbesuch
masseur f|Massagepraxis, Masseur, Masseurin|Stunden, Bäder, Matten|Massagen, Sauna, Gruppenstunden, Einzelstunden, Gutscheine
driving-school f|Fahrschule, Fahrlehrer, Fahrlehrerin, Motorradfahrschule|Fahrstunden, Prüfungen|Grundausbildung, Fahrstunden, Prüfungsvorbereitung, Auffrischung
language-teacher f|Sprachschule, Sprachlehrer, Sprachlehrerin, Sprachunterricht|Stunden, Gespräche|Einzelunterricht, Konversation, Kleine Gruppen, Prüfungsvorbereitung
dance-teacher f|Tanzschule, Tanzlehrer, Tanzlehrerin, Ballettschule|Stunden, Tänze|Probestunde, Kinder, Gesellschaftstanz, Hochzeitstanz, Aufführung
sailing-school f|Segelschule, Segellehrer, Surfschule, Windsurfschule, Kiteschule, Bootsführerschein|Stunden, Boote, Bretter|Einsteiger, Kinder, Einzelstunden, Scheine, Ferienwochen
swimming-teacher f|Schwimmschule, Schwimmlehrer, Schwimmlehrerin|Stunden, Becken|Kinder, Erwachsene, Einzelstunden, Kleine Gruppen
art-teacher f|Malschule, Kunstlehrerin, Zeichenlehrer, Zeichenschule, Nähschule|Stunden, Material|Zeichnen, Malen, Kinder, Einzelne Tage, Material
barber m|Barbier, Herrenfriseur, Barbierladen|Schnitte, Rasuren, Bärte|Schnitte, Nassrasur, Bartpflege, Kinderschnitt
tattooist n|Tattoostudio, Tätowierer, Tätowiererin|Entwürfe, Tattoos|Beratung, Eigene Entwürfe, Überarbeitung, Nachsorge
chiropodist f|Fußpflegepraxis, Podologe, Podologin, medizinische Fußpflege, Fußpflegerin|Füße, Nägel, Einlagen|Fußpflege, Nägel, Einlagen, Hausbesuche
physio f|Physiotherapiepraxis, Physiotherapeut, Physiotherapeutin, Physiotherapie, Krankengymnastik, Osteopath, Osteopathin|Rücken, Gelenke, Termine|Erstbefund, Behandlung, Übungen, Hausbesuche
speech-practice f|Logopädiepraxis, Logopäde, Logopädin, Sprachheilpraxis, Ergotherapiepraxis|Sprache, Stimme|Befund, Termine, Elternarbeit, Hausbesuche
yoga-teacher n|Yogastudio, Yogalehrer, Yogalehrerin, Pilatesstudio, Qigong-Lehrer|Stunden, Matten, Gruppen|Wochenstunden, Einsteiger, Einzelstunden, Auszeittage
sauna f|Sauna, Badehaus, Seebad, mobile Sauna|Aufgüsse, Bäder|Einzelkarten, Miete, Kaltbad, Gutscheine
caterer m|Partyservice, Caterer, Catering, Mietkoch, Mietköchin, Störköchin|Menüs, Platten, Feste|Feste, Hochzeiten, Platten, Geschirrverleih
magician m|Zauberer, Zauberkünstler, Puppenspieler, Kinderschminken, Clown, Märchenerzählerin, Karikaturist|Auftritte, Feste|Kindergeburtstage, Hochzeiten, Feste, Buchung
dog-groomer m|Hundesalon, Hundefriseur, Hundefriseurin, Hundepflege|Hunde, Felle, Krallen|Komplettpflege, Bad, Krallen, Welpen
dog-walker m|Hundesitter, Gassiservice, Katzensitter, Tierbetreuung, Hundeausführer|Hunde, Runden, Besuche|Tägliche Runden, Hausbesuche, Urlaub, Kennenlernen
dog-trainer f|Hundeschule, Hundetrainer, Hundetrainerin, Welpenschule|Hunde, Welpen, Stunden|Welpen, Einzelstunden, Gruppen, Hausbesuche
ski-school f|Skischule, Kletterhalle, Kletterschule, Skatehalle, Boulderhalle|Stunden, Wände|Einsteiger, Kinder, Einzelstunden, Gruppen
ferry f|Fähre, Fährmann, Fährbetrieb, Hafenrundfahrt, Bootsfahrten, Wassertaxi, Ausflugsschiff|Überfahrten, Fahrten, Plätze|Überfahrten, Fahrplan, Hafenrundfahrten, Sonderfahrten, Fahrradmitnahme
boat-hire m|Bootsverleih, Kanuverleih, Kajakverleih, Ruderbootverleih, Yachtcharter, Tretbootverleih|Boote, Kanus, Kajaks|Kanus, Ruderboote, Tagesmiete, Geführte Touren, Schwimmwesten
cycle-hire m|Fahrradverleih, Radverleih, E-Bike-Verleih, Radtouren, Fahrradvermietung|Fahrräder, Tandems, Anhänger|Tagesmiete, Wochenmiete, Elektroräder, Lieferung, Routen
taxi n|Taxiunternehmen, Taxi, Mietwagen mit Fahrer, Krankenfahrten, Chauffeurdienst, Busunternehmen, Kleinbusvermietung|Fahrten, Plätze, Wagen|Stadtfahrten, Flughafen, Schülerfahrten, Rollstuhlfahrten, Kleinbus
haulier f|Spedition, Fuhrunternehmen, Kurierdienst, Frachtführer, Transportunternehmen, Lastenradkurier, Bootstransport|Ladungen, Pakete, Paletten|Nahverkehr, Fernverkehr, Paletten, Lager, Bootstransport
storage n|Lagerhaus, Selbstlager, Lagerräume, Einlagerung, Bootslager, Wohnwagenstellplätze, Selfstorage|Abteile, Container, Plätze|Lagerabteile, Bootslager, Wohnwagen, Kartons, Zugang
tool-hire m|Maschinenverleih, Werkzeugverleih, Autovermietung, Anhängerverleih, Kranverleih|Maschinen, Bagger, Wagen|Werkzeuge, Bagger, Anhänger, Transporter, Lieferung
event-hire m|Zeltverleih, Partyverleih, Festzeltverleih, Veranstaltungsverleih|Zelte, Tische, Bänke|Zelte, Tische und Bänke, Tanzböden, Beleuchtung, Aufbau
marina m|Yachthafen, Marina, Bootshafen, Liegeplätze, Sportboothafen, Bojenfeld|Liegeplätze, Bojen, Slip|Jahresplätze, Gastplätze, Einwassern, Treibstoff, Sanitäranlagen
diver f|Taucherfirma, Taucher, Berufstaucher, Tauchbasis, Schleppdienst, Arbeitsboote, Bergungstaucher|Rümpfe, Anker, Wracks|Rumpfreinigung, Anker und Bojen, Inspektion, Bergung, Arbeitsboot
balloonist f|Ballonfahrten, Segelflugverein, Flugverein, Ballonfahrer, Tandemflüge, Rundflüge|Fahrten, Körbe, Flugzeuge|Ballonfahrten, Schnupperflüge, Gutscheine, Gruppen, Wetterauskunft
mountain-guide m|Bergführer, Wanderführer, Bergschule, Kletterwald, Hochseilgarten, Erlebnispädagoge, Kanuguide|Touren, Klettereien, Ausflüge|Geführte Tage, Kleine Gruppen, Ausrüstung, Familien, Gutscheine
beach-hire m|Strandkorbverleih, Strandhäuschenvermietung, Strandkorbvermietung|Strandkörbe, Häuschen|Tagesmiete, Wochenmiete, Windschutz, Reservierung
car-wash f|Autowäsche, Autopflege, Fahrzeugaufbereitung, Bootspflege, Waschanlage|Autos, Boote, Innenräume|Außenwäsche, Aufbereitung, Boote, Abholung
breakdown m|Abschleppdienst, Pannenhilfe, Autoverwertung, Schrottplatz|Fahrzeuge, Teile|Bergung, Transport, Altautos, Teile
fuel-merchant m|Brennstoffhändler, Kohlenhändler, Heizölhandel, Tankstelle, Gasflaschen|Heizöl, Kohle, Flaschen|Heizöl, Kohle, Gasflaschen, Lieferung
milkman m|Milchmann, Milchlieferdienst, rollender Laden, Eiermann, Verkaufswagen|Milch, Eier, Touren|Lieferung, Eier und Butter, Änderungen, Urlaub
tour-operator m|Reiseveranstalter, Wanderreisen, Radreisen, Reisebüro, Segelreisen, Busreisen|Reisen, Routen, Termine|Reisen, Geführte Gruppen, Termine, Reisen nach Maß
carriage-hire f|Hochzeitskutsche, Kutschenverleih, Oldtimervermietung, Oldtimerbus, Planwagenfahrten|Kutschen, Wagen, Fahrten|Hochzeiten, Ausfahrten, Feste, Besichtigung
shipping-office m|Paketladen, Schiffsagentur, Zollagent, Inselspediteur, Schiffsmakler|Pakete, Kisten, Papiere|Pakete, Verpackung, Zollpapiere, Inselfracht`;
