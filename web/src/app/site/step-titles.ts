import type { Step } from '@tin-porch/core/care';

/** What the steps of a site’s path are called. */
export const STEP_TITLES: Record<Step, string> = {
  brief: 'Brief',
  plan: 'Plan',
  look: 'Look',
  pages: 'Pages',
  seo: 'SEO',
  domain: 'Domain',
  publish: 'Publish',
  care: 'Care',
};
