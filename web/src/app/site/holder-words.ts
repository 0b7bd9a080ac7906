import type { SiteDetail } from '../api/model';
import { day } from '../parts/when';

/** Who registered a domain, in a sentence, as far as its registry says. */
export function holderWords(r: NonNullable<SiteDetail['domainSeen']>['registration'] | undefined): string {
  const until = r?.expires ? ` until ${day(r.expires)}` : '';
  switch (r?.state) {
    case 'free':
      return 'It is not registered.';
    case 'ours':
      return `Registered in your account at ${r.registrar ?? 'the registrar'}${until}.`;
    case 'elsewhere':
      return `Registered by your client at ${r.registrar ?? 'another registrar'}${until}. The records below move it here; mail stays where it is.`;
    default:
      return 'The registry did not say who registered it.';
  }
}
