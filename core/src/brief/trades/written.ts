import { goods } from './goods.js';
import { harbour } from './harbour.js';
import { house } from './house.js';
import { makers } from './makers.js';
import { menders } from './menders.js';
import { outdoors } from './outdoors.js';
import type { WrittenPack } from './pack.js';
import { places } from './places.js';

/** What is written for trades of the graph, by their id. */
export const written: ReadonlyMap<string, WrittenPack> = new Map(
  [...harbour, ...makers, ...menders, ...outdoors, ...house, ...goods, ...places].map((pack) => [pack.id, pack]),
);
