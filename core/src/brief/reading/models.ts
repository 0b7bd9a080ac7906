import { commonModel } from '../models/common.js';
import { itemsModel } from '../models/items.js';
import { namesModel } from '../models/names.js';
import { peopleModel } from '../models/people.js';
import { openModel } from '../models/open.js';
import { rolesModel } from '../models/roles.js';
import { tradesModel } from '../models/trades.js';
import { linear, type Linear } from '../roles/linear.js';

/** What was learned of how briefs are written: roles of pieces, what is a service, what a business is called, who is who, what they are. */
export interface Models {
  roles: Linear;
  items: Linear;
  names: Linear;
  people: Linear;
  trades: Linear;
  /** How common a word is in briefs. */
  common: Linear;
  /** Whether a sentence is for visitors, by its letters alone. */
  open: Linear;
}

let shipped: Models | undefined;
/** The models that are shipped, made ready once. */
export const models = (): Models =>
  (shipped ??= {
    roles: linear(rolesModel),
    items: linear(itemsModel),
    names: linear(namesModel),
    people: linear(peopleModel),
    trades: linear(tradesModel),
    open: linear(openModel),
    common: linear(commonModel),
  });
