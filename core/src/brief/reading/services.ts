import { moneyIn } from '../items/money.js';
import { capital } from './words.js';

/** Reads a service as people write one in a line: “Hull survey, from £180: a day with hammer and meter”. */
export function readServiceLine(line: string): { name: string; detail: string; price: string } {
  let rest = line.replace(/^[-*•·–▪\s]+/u, '').trim();
  const [money] = moneyIn(rest);
  if (money)
    rest = (rest.slice(0, money.from) + rest.slice(money.to))
      .replace(/\(\s*\)/g, '')
      .replace(/\s*[,–-]\s*(?=[:,]|$)/u, '');
  const split = /^(.{2,80}?)\s*(?::|\s[–—-]\s)\s*(.*)$/su.exec(rest);
  const name = (split?.[1] ?? rest).replace(/[\s,;:.–-]+$/u, '').trim();
  return {
    name: capital(name).slice(0, 120),
    detail: (split?.[2] ?? '').replace(/^[\s,;:–-]+|[\s,;:–-]+$/gu, '').slice(0, 600),
    price: (money?.text ?? '').slice(0, 60),
  };
}
