/** Words that mean near enough the same: whoever asks for one is shown the others too. */
const GROUPS: readonly string[] = [
  'boat ship vessel yacht sailing hull dinghy',
  'harbour port marina dock quay waterfront',
  'sea ocean coast bay seaside shore beach',
  'house home cottage building dwelling',
  'room bedroom lodging stay guest accommodation',
  'door entrance doorway porch',
  'window glass pane glazing',
  'wood timber oak planks boards lumber joinery carpentry',
  'joiner carpenter cabinetmaker woodworker joinery bench',
  'tool tools workshop bench',
  'clock watch timepiece horology clockmaker time',
  'gears movement mechanism machinery engine',
  'pottery pot ceramic ceramics earthenware stoneware clay potter',
  'cup mug tea coffee',
  'bicycle bike cycle cycling cyclist',
  'wheel tyre tire spokes puncture',
  'garden gardening allotment plot growing',
  'seed seeds seedling sprout sowing nursery',
  'vegetable vegetables veg crop harvest cabbage',
  'flower flowers bloom blossom bouquet sunflower',
  'tree woodland forest orchard',
  'soil earth ground dirt compost',
  'fruit apple apples orchard',
  'bread loaf baking flour',
  'honey bee bees hive beekeeper',
  'book books reading bookbinder binding library',
  'print printing press letterpress poster',
  'shoe shoes boot leather cobbler',
  'sewing thread tailor stitch dressmaker embroidery',
  'cloth fabric textile linen weave wool curtain',
  'metal iron steel tin forge blacksmith',
  'key keys lock locksmith security',
  'paint painter painting decorating colour brush',
  'music violin instrument fiddle luthier piano',
  'lamp light lighting electric electrician',
  'water plumbing tap pipe plumber leak',
  'rain umbrella weather shower',
  'storm wave waves wind surf',
  'cloud clouds sky',
  'fog mist haze morning',
  'evening dusk sunset twilight',
  'night dark moonlight',
  'rope rigging knot splicing',
  'fish fishing net catch',
  'repair mend mending fix hammer restoration',
  'delivery van transport removal moving',
  'shop store retail market',
  'law accounts bookkeeping scales advice pen',
  'letter writing pen paper stationery',
  'furniture chair table upholstery',
  'hands hand help craft work making',
  'stone rock masonry mason wall cobbles',
  'pattern abstract geometric shapes',
  'texture background surface close-up',
];

const MEANS = new Map<string, Set<string>>();
for (const group of GROUPS) {
  const words = group.split(' ');
  for (const word of words) MEANS.set(word, new Set([...(MEANS.get(word) ?? []), ...words]));
}

/** The words that mean near enough the same as one, in the singular too. */
export const synonymsOf = (word: string): string[] => {
  const found = MEANS.get(word) ?? MEANS.get(word.replace(/(?:es|s|ing)$/, '')) ?? [];
  return [...found].filter((w) => w !== word);
};
