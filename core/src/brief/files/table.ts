import Papa from 'papaparse';

/** Cells of a table by rows, as lines that keep them apart: “| Mesh panel | £2.40 |”. */
export const rowLine = (cells: readonly string[]): string =>
  `| ${cells.map((c) => c.replace(/\s+/g, ' ').replace(/\|/g, '/').trim()).join(' | ')} |`;

/**
 * Rows of cells as lines of a text: rows with several cells stay a table, a row with one cell is a line of its own, as
 * people write notes over and under their lists. Empty columns are left out.
 */
export function textOfRows(rows: readonly (readonly string[])[]): string {
  const cells = rows.map((r) => r.map((c) => c.trim()));
  const used = (cells[0] ?? []).length
    ? Array.from({ length: Math.max(...cells.map((r) => r.length)) }, (_, n) =>
        cells.some((r) => r.filter(Boolean).length > 1 && r[n]),
      )
    : [];
  const asked = cells.filter((r) => /\?$/.test(r[0] ?? '') && r.filter(Boolean).length === 2);
  // Questions with their answers beside them are a form, not a price list.
  if (asked.length >= 3 && asked.length >= cells.filter((r) => r.some(Boolean)).length * 0.5)
    return cells
      .filter((r) => r.filter(Boolean).length > 0)
      .map((r) => {
        const [question, answer] = r.filter(Boolean);
        return answer === undefined
          ? question!
          : `${question!.replace(/[:\s]+$/, '')}${/\?$/.test(question!) ? '' : ':'} ${answer}`;
      })
      .join('\n\n');
  let inTable = false;
  return cells
    .map((r) => {
      const there = r.filter(Boolean);
      // A line of a table that has but its name is still one.
      const bare = there.length === 1 && inTable && r[0] !== '' && r[0]!.length <= 60 && !/[.!?]$/.test(r[0]!);
      inTable = there.length > 1 || bare;
      if (!inTable) return there.length ? `\n${there[0]!}\n` : '';
      return rowLine(used.flatMap((u, n) => (u ? [r[n] ?? ''] : [])));
    })
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

/** A table as a text (CSV after RFC 4180, tabs, semicolons), with what stands over and under it. */
export function textOfCsv(csv: string): string {
  const text = csv.replace(/^\uFEFF/, '').trim();
  // Notes over a table have commas of their own: the separator is the one most lines agree on.
  const lines = text.split(/\r?\n/).filter((l) => l.trim());
  const delimiter = ['\t', ';', '|', ',']
    .map((d) => ({
      d,
      n: lines.filter((l) => l.split(d).length >= 3).length,
      two: lines.filter((l) => l.split(d).length === 2).length,
    }))
    .sort((a, b) => b.n - a.n || b.two - a.two)[0]!.d;
  const { data } = Papa.parse<string[]>(text, { delimiter, skipEmptyLines: false });
  return textOfRows(data.map((r) => r.map(String)));
}
