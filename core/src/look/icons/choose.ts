/** Icons by what they stand beside: words in the languages sites are written in, the first that fits. */
const CHOICES: [RegExp, string][] = [
  [/boat|hull|plank|yacht|bateau|barco|boot|sail|rig|segel|voile/i, 'sailboat'],
  [/anchor|moor|harbou?r|slip|hafen|port\b|puerto|winter/i, 'anchor'],
  [/engine|motor|electr|elektr|power|strom/i, 'zap'],
  [/clock|watch|uhr|horloge|reloj|montre|repair.*time/i, 'clock'],
  [/bike|cycle|wheel|fahrrad|vélo|bici|rad\b/i, 'bike'],
  [/wood|timber|join|carpent|holz|bois|madera|door|window|stair|shelf|shelv/i, 'axe'],
  [/furnit|chair|sofa|uphol|möbel|meuble|mueble/i, 'armchair'],
  [/garden|plant|allot|hedge|lawn|garten|jardin|jardín/i, 'sprout'],
  [/seed|bulb|saat|semence|semilla|flower|blum|fleur|flor/i, 'flower-2'],
  [/tree|orchard|fruit|baum|arbre|árbol/i, 'tree-deciduous'],
  [/room|bed|stay|guest|night|zimmer|chambre|habitaci/i, 'bed-double'],
  [/breakfast|food|bread|kitchen|frühstück|petit-déj|desayuno|jam|cheese/i, 'utensils'],
  [/pot|bowl|glaze|clay|kiln|mug|ceram|keram|tea|coffee/i, 'cup-soda'],
  [/cloth|linen|sew|alter|tailor|textile|näh|cout|knit|wool|yarn/i, 'scissors'],
  [/paint|decor|colour|plaster|maler|peint|pint/i, 'paint-roller'],
  [/roof|house|build|haus|maison|casa|dach|toit|tile/i, 'house'],
  [/pipe|plumb|water|tap|leak|wasser|eau\b|agua|heiz/i, 'droplets'],
  [/heat|stove|fire|chimney|ofen|feu/i, 'flame'],
  [/metal|forge|weld|iron|schmied|forg|hierro/i, 'anvil'],
  [/glass|mirror|glas|verre|vidrio|frame|picture|photo/i, 'frame'],
  [/book|print|paper|bind|buch|livre|libro|stationer/i, 'book-open'],
  [/music|piano|instrument|tun|guitar|violin|orgel/i, 'music'],
  [/shoe|leather|boot|cobbl|leder|cuir|cuero|saddle/i, 'footprints'],
  [/key|lock|schlüssel|clé|llave|secur/i, 'key-round'],
  [/clean|wash|rein|nettoy|limp|laundr/i, 'brush'],
  [/deliver|van|carry|move|collect|transport|liefer|livr|entrega/i, 'truck'],
  [/survey|inspect|measure|check|valuation|prüf|contrôle|revisi/i, 'ruler'],
  [/repair|mend|fix|restor|service|reparat|répar|repara|overhaul/i, 'wrench'],
  [/sharpen|tool|knife|blade|werkzeug|outil/i, 'hammer'],
  [/hire|rent|lend|let\b|loan|miete|locat|alquil/i, 'repeat'],
  [/sell|shop|sale|buy|kauf|vente|venta|stock/i, 'store'],
  [/gift|voucher|present|geschenk|cadeau|regalo/i, 'gift'],
  [/walk|trip|tour|guide|excursion|route/i, 'map'],
  [/bee|honey|hive/i, 'hexagon'],
  [/sheep|horse|animal|hen|pony/i, 'egg'],
  [/design|draw|plan|entw|dessin|diseñ/i, 'pencil-ruler'],
  [/advice|talk|ask|consult|berat|conseil|consejo/i, 'message-circle'],
  [/help|support|visit|call/i, 'hand-helping'],
];

/** The names of icons that stand for things on every site. */
export const FIXED_ICONS = [
  'map-pin',
  'clock',
  'phone',
  'mail',
  'file-text',
  'arrow-right',
  'check',
  'dot',
  'calendar',
  'user-round',
  'quote',
  'download',
];

/** Every icon that can be drawn. */
export const iconNames = [...new Set([...CHOICES.map(([, name]) => name), ...FIXED_ICONS])].sort();

/** The icon that goes with some words; a plain tick where none does. */
export const iconFor = (words: string): string => CHOICES.find(([pattern]) => pattern.test(words))?.[1] ?? 'check';
