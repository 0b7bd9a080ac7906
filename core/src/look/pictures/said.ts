import type { LanguageTag } from '../../language/registry.gen.js';
import type { Recipe } from '../../model/site.js';

/** What a picture shows in words: English, German, French, Spanish. */
type Said = readonly [en: string, de: string, fr: string, es: string];

const SUBJECTS: Record<string, Said> = {
  boat: ['a sailing boat', 'ein Segelboot', 'un voilier', 'un velero'],
  dinghy: ['a rowing boat', 'ein Ruderboot', 'une barque', 'un bote de remos'],
  anchor: ['an anchor', 'ein Anker', 'une ancre', 'un ancla'],
  rope: ['a coil of rope', 'aufgeschossenes Tauwerk', 'un cordage lové', 'un cabo adujado'],
  lighthouse: ['a lighthouse', 'ein Leuchtturm', 'un phare', 'un faro'],
  net: ['a fishing net', 'ein Fischernetz', 'un filet de pêche', 'una red de pesca'],
  crate: ['a stack of crates', 'gestapelte Kisten', 'des caisses empilées', 'unas cajas apiladas'],
  clock: ['a standing clock', 'eine Standuhr', 'une horloge de parquet', 'un reloj de pie'],
  watch: ['a pocket watch', 'eine Taschenuhr', 'une montre de poche', 'un reloj de bolsillo'],
  gears: [
    'the wheels of a movement',
    'die Räder eines Uhrwerks',
    'les rouages d’un mouvement',
    'las ruedas de un mecanismo',
  ],
  pot: ['a thrown pot', 'ein gedrehter Topf', 'un pot tourné', 'una vasija torneada'],
  jug: ['a jug', 'ein Krug', 'une cruche', 'una jarra'],
  bowl: ['a bowl', 'eine Schale', 'un bol', 'un cuenco'],
  vase: ['a vase of flowers', 'eine Vase mit Blumen', 'un vase de fleurs', 'un jarrón con flores'],
  cup: ['a steaming cup', 'eine dampfende Tasse', 'une tasse fumante', 'una taza humeante'],
  kiln: ['a kiln', 'ein Brennofen', 'un four', 'un horno'],
  plane: ['a wooden plane', 'ein Hobel', 'un rabot', 'un cepillo de carpintero'],
  saw: ['a hand saw', 'eine Handsäge', 'une scie', 'un serrucho'],
  hammer: ['a hammer', 'ein Hammer', 'un marteau', 'un martillo'],
  chisels: ['a row of chisels', 'eine Reihe Stechbeitel', 'des ciseaux à bois', 'unos formones'],
  planks: ['stacked planks', 'gestapelte Bretter', 'des planches empilées', 'unos tablones apilados'],
  chair: ['a wooden chair', 'ein Stuhl', 'une chaise', 'una silla'],
  table: ['a table', 'ein Tisch', 'une table', 'una mesa'],
  shelf: ['a set of shelves', 'ein Regal', 'une étagère', 'una estantería'],
  door: ['a front door', 'eine Haustür', 'une porte d’entrée', 'una puerta'],
  window: ['a sash window', 'ein Fenster', 'une fenêtre', 'una ventana'],
  house: ['a house', 'ein Haus', 'une maison', 'una casa'],
  terrace: ['a row of harbour houses', 'eine Häuserzeile am Hafen', 'une rangée de maisons', 'una hilera de casas'],
  bed: ['a made bed', 'ein gemachtes Bett', 'un lit fait', 'una cama hecha'],
  lamp: ['a lamp', 'eine Lampe', 'une lampe', 'una lámpara'],
  kettle: ['a kettle', 'ein Kessel', 'une bouilloire', 'un hervidor'],
  tap: ['a tap', 'ein Wasserhahn', 'un robinet', 'un grifo'],
  loaf: ['a loaf', 'ein Brotlaib', 'une miche', 'una hogaza'],
  jar: ['jars on show', 'Einmachgläser', 'des bocaux', 'unos tarros'],
  bottle: ['bottles', 'Flaschen', 'des bouteilles', 'unas botellas'],
  basket: ['a woven basket', 'ein geflochtener Korb', 'un panier tressé', 'una cesta trenzada'],
  apple: ['apples', 'Äpfel', 'des pommes', 'unas manzanas'],
  cabbage: ['a row of cabbages', 'eine Reihe Kohlköpfe', 'un rang de choux', 'una hilera de coles'],
  sprout: ['seedlings', 'Keimlinge', 'de jeunes pousses', 'unos brotes'],
  sunflower: ['a sunflower', 'eine Sonnenblume', 'un tournesol', 'un girasol'],
  tree: ['a tree', 'ein Baum', 'un arbre', 'un árbol'],
  spade: ['a spade', 'ein Spaten', 'une bêche', 'una pala'],
  can: ['a watering can', 'eine Gießkanne', 'un arrosoir', 'una regadera'],
  barrow: ['a wheelbarrow', 'eine Schubkarre', 'une brouette', 'una carretilla'],
  flowerpot: ['a plant in a pot', 'eine Topfpflanze', 'une plante en pot', 'una maceta'],
  bee: ['a bee', 'eine Biene', 'une abeille', 'una abeja'],
  bicycle: ['a bicycle', 'ein Fahrrad', 'un vélo', 'una bicicleta'],
  wheel: ['a spoked wheel', 'ein Speichenrad', 'une roue à rayons', 'una rueda de radios'],
  book: ['books', 'Bücher', 'des livres', 'unos libros'],
  press: ['a hand press', 'eine Handpresse', 'une presse à bras', 'una prensa de mano'],
  shoe: ['a shoe', 'ein Schuh', 'une chaussure', 'un zapato'],
  spool: ['spools of thread', 'Garnrollen', 'des bobines de fil', 'unas bobinas de hilo'],
  cloth: ['folded cloth', 'gefaltete Stoffe', 'des étoffes pliées', 'unas telas dobladas'],
  scissors: ['a pair of scissors', 'eine Schere', 'une paire de ciseaux', 'unas tijeras'],
  anvil: ['an anvil', 'ein Amboss', 'une enclume', 'un yunque'],
  key: ['a key', 'ein Schlüssel', 'une clé', 'una llave'],
  paint: [
    'a pot of paint and a brush',
    'ein Farbtopf mit Pinsel',
    'un pot de peinture et un pinceau',
    'un bote de pintura y una brocha',
  ],
  ladder: ['a ladder', 'eine Leiter', 'une échelle', 'una escalera'],
  violin: ['a violin', 'eine Geige', 'un violon', 'un violín'],
  piano: ['a piano', 'ein Klavier', 'un piano', 'un piano'],
  barrel: ['a barrel', 'ein Fass', 'un tonneau', 'un barril'],
  candle: ['candles', 'Kerzen', 'des bougies', 'unas velas'],
  shell: ['a shell', 'eine Muschel', 'un coquillage', 'una concha'],
  gull: ['a gull', 'eine Möwe', 'une mouette', 'una gaviota'],
  cottagebed: ['a flower border', 'ein Blumenbeet', 'une plate-bande', 'un arriate'],
  hands: ['two hands at work', 'zwei Hände bei der Arbeit', 'deux mains au travail', 'dos manos trabajando'],
  van: ['a delivery van', 'ein Lieferwagen', 'une camionnette', 'una furgoneta'],
  scales: ['a pair of scales', 'eine Waage', 'une balance', 'una balanza'],
  frame: ['a picture frame', 'ein Bilderrahmen', 'un cadre', 'un marco'],
  pen: ['a pen and paper', 'Stift und Papier', 'une plume et du papier', 'una pluma y papel'],
  cloud: ['a bank of clouds', 'eine Wolkenbank', 'un banc de nuages', 'un banco de nubes'],
  wave: ['breaking waves', 'brechende Wellen', 'des vagues', 'unas olas'],
  umbrella: ['an open umbrella', 'ein offener Schirm', 'un parapluie ouvert', 'un paraguas abierto'],
  vane: ['a weather vane', 'eine Wetterfahne', 'une girouette', 'una veleta'],
};

const SETTINGS: Record<string, Said> = {
  bay: ['in the bay', 'in der Bucht', 'dans la baie', 'en la bahía'],
  harbour: ['in the harbour', 'im Hafen', 'dans le port', 'en el puerto'],
  quay: ['on the quay', 'am Kai', 'sur le quai', 'en el muelle'],
  shed: ['in the shed', 'im Schuppen', 'dans l’atelier', 'en el cobertizo'],
  bench: ['on the workbench', 'auf der Werkbank', 'sur l’établi', 'sobre el banco de trabajo'],
  wall: ['against a wall', 'vor einer Wand', 'contre un mur', 'contra una pared'],
  room: ['in a room', 'in einem Zimmer', 'dans une pièce', 'en una habitación'],
  table: ['on a table', 'auf einem Tisch', 'sur une table', 'sobre una mesa'],
  shelf: ['on a shelf', 'auf einem Regal', 'sur une étagère', 'en un estante'],
  window: ['by a window', 'an einem Fenster', 'près d’une fenêtre', 'junto a una ventana'],
  kitchen: ['in a kitchen', 'in einer Küche', 'dans une cuisine', 'en una cocina'],
  shop: ['in a shop', 'in einem Laden', 'dans une boutique', 'en una tienda'],
  street: ['in a street', 'in einer Straße', 'dans une rue', 'en una calle'],
  hill: ['on a hill', 'auf einem Hügel', 'sur une colline', 'en una colina'],
  bluff: ['above the sea', 'über dem Meer', 'au-dessus de la mer', 'sobre el mar'],
  garden: ['in a garden', 'in einem Garten', 'dans un jardin', 'en un jardín'],
  bed: ['in a bed of soil', 'im Beet', 'dans un parterre', 'en un bancal'],
  field: ['in a field', 'auf einem Feld', 'dans un champ', 'en un campo'],
  orchard: ['in an orchard', 'in einem Obstgarten', 'dans un verger', 'en un huerto'],
  yard: ['in the yard', 'auf dem Hof', 'dans la cour', 'en el patio'],
};

const MOODS: Record<string, Said> = {
  evening: ['in the evening', 'am Abend', 'le soir', 'al atardecer'],
  night: ['at night', 'bei Nacht', 'la nuit', 'de noche'],
  rain: ['in the rain', 'im Regen', 'sous la pluie', 'bajo la lluvia'],
  mist: ['in the mist', 'im Nebel', 'dans la brume', 'entre la niebla'],
  snow: ['in the snow', 'im Schnee', 'sous la neige', 'bajo la nieve'],
};

const COLUMN: Record<string, 0 | 1 | 2 | 3> = { en: 0, de: 1, fr: 2, es: 3 };

/**
 * What a made picture shows, in the language of the site: “A sailing boat in the bay”. `setting` is where it is drawn;
 * its mood is only said where the recipe asks for it. Empty for a subject nobody has words for.
 */
export function sayRecipe(recipe: Recipe, setting: string, language: LanguageTag): string {
  const at = COLUMN[language.slice(0, 2)] ?? 0;
  const said = [SUBJECTS[recipe.subject]?.[at], SETTINGS[setting]?.[at], MOODS[recipe.mood]?.[at]];
  if (!said[0]) return '';
  const words = said.filter(Boolean).join(' ');
  return words[0]!.toUpperCase() + words.slice(1);
}
