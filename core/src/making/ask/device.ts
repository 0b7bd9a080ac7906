import { DEVICES, type Device } from '../../model/site.js';
import type { Reader } from './reader.js';

/** The kind of page something is said of: a phone, a tablet. */
export const deviceIn = (r: Reader): Device | undefined => {
  const said = r.word('device:phone', 'device:tablet')?.of;
  return DEVICES.find((d) => d === said);
};
