import type { Device } from '../model/site.js';

/** From how many px on a page is one for tablets, and from how many a wide one: 36 and 52 rem. */
const FROM = { tablet: 576, wide: 832 } as const;

/** Kinds of page by their width, as conditions of a container query on the page. */
export const WIDTHS = {
  wide: '(min-width: 52rem)',
  tablet: '(min-width: 36rem) and (max-width: 51.99rem)',
  phone: '(max-width: 35.99rem)',
} as const;

/** The same as media queries, for what is chosen before a page is laid out: which file of a picture is fetched. */
export const MEDIA_OF: Record<Device, string> = { tablet: WIDTHS.tablet, phone: WIDTHS.phone };

/** What kind of page one so many px wide is. */
export const kindOfPage = (px: number): keyof typeof WIDTHS =>
  px < FROM.tablet ? 'phone' : px < FROM.wide ? 'tablet' : 'wide';
