import { dump } from 'js-yaml';
import { toMarkdown } from '../../collections/files.js';
import { textsOf } from '../../making/generate/site.js';
import type { SiteDocument } from '../../model/site.js';
import { published } from '../render/on-hold.js';
import { descriptionOf, titleOf } from '../seo/seo.js';

/**
 * The words of a site as Markdown files with YAML front matter, one a page, and one an item of its collections in a folder
 * for each of those: drafts too, since they are the client’s.
 */
export function contentFiles(site: SiteDocument): { path: string; text: string }[] {
  const document = published(site);
  const items = (site.collections ?? []).flatMap((collection) =>
    toMarkdown(site, collection).map(({ path, text }) => ({ path: `${collection.id}/${path}`, text })),
  );
  const pages = document.pages.map((page) => {
    const front = dump({
      title: titleOf(document, page),
      description: descriptionOf(document, page),
      label: page.label,
      slug: page.slug,
      sections: page.sections.map((s) => s.shape),
    });
    const body = page.sections.map((section, n) =>
      textsOf(section, page)
        .filter((t) => t.text.value)
        .map(({ path, text }) => {
          if (path === 'heading') return `${n === 0 ? '#' : '##'} ${text.value}`;
          if (/\.name$/.test(path)) return `### ${text.value}`;
          return text.value;
        })
        .join('\n\n'),
    );
    return { path: `${page.slug || 'home'}.md`, text: `---\n${front}---\n\n${body.filter(Boolean).join('\n\n')}\n` };
  });
  return [...pages, ...items];
}
