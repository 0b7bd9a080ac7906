import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import type { ZoneRecord } from '../dns/records.js';

/** A registered domain and its zone. */
export interface Zone {
  domain: string;
  /** Who may change it: the account behind the API key, or somebody else. */
  holder: 'account' | 'other';
  registered: string;
  expires: string;
  serial: number;
  records: ZoneRecord[];
}

/** The register of names, kept in one file. */
export class Names {
  private readonly zones = new Map<string, Zone>();
  constructor(private readonly file: string) {
    if (existsSync(file))
      for (const zone of JSON.parse(readFileSync(file, 'utf8')) as Zone[]) this.zones.set(zone.domain, zone);
  }

  all = (): Zone[] => [...this.zones.values()].sort((a, b) => (a.domain < b.domain ? -1 : 1));
  get = (domain: string): Zone | undefined => this.zones.get(domain);

  /** The zone a name lies in. */
  zoneOf(name: string): Zone | undefined {
    const labels = name.split('.');
    for (let n = 0; n < labels.length; n++) {
      const zone = this.zones.get(labels.slice(n).join('.'));
      if (zone) return zone;
    }
    return undefined;
  }

  register(domain: string, holder: Zone['holder'], years: number, records: ZoneRecord[], now = new Date()): Zone {
    const expires = new Date(now);
    expires.setUTCFullYear(expires.getUTCFullYear() + years);
    const zone: Zone = {
      domain,
      holder,
      registered: now.toISOString(),
      expires: expires.toISOString(),
      serial: 1,
      records,
    };
    this.zones.set(domain, zone);
    this.save();
    return zone;
  }

  setRecords(zone: Zone, records: ZoneRecord[]): void {
    zone.records = records;
    zone.serial++;
    this.save();
  }

  private save(): void {
    writeFileSync(`${this.file}.part`, JSON.stringify(this.all(), null, 1));
    renameSync(`${this.file}.part`, this.file);
  }
}
