import { HttpClient, HttpEventType } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Credit, FileMedium, Medium, Retouch, SiteFile } from '@tin-porch/core/model';
import { filter, firstValueFrom, map, type Observable } from 'rxjs';
import { PorchApi } from './porch-api';

/** A picture that was brought, or how far it is. */
export type Bringing = { sent: number } | { medium: Medium; plainBackground: boolean; dropped: string[] };

/** A picture of the library, as its search shows it. */
export interface LibraryPicture {
  id: string;
  title: string;
  group: string;
  style: string;
  format: string;
  width: number;
  height: number;
  drawn: boolean;
  credit: Credit;
  preview: string;
}
export interface LibraryFound {
  /** Null where none is set up. */
  name: string | null;
  total: number;
  page: number;
  pages: number;
  groups: string[];
  styles: string[];
  pictures: LibraryPicture[];
}

/** The calls about picture files, files for visitors, and the library. */
@Injectable({ providedIn: 'root' })
export class PictureApi {
  private readonly http = inject(HttpClient);
  private readonly api = inject(PorchApi);

  /** Brings one file for visitors; `instead` is the id of the one it is another version of. */
  bringFile(site: string, file: Blob, name: string, instead?: string): Observable<SiteFile> {
    return this.api.send((token) =>
      this.http.post<SiteFile>(`/api/sites/${site}/files`, file, {
        params: { name, ...(instead !== undefined && { instead }) },
        headers: { ...token, 'content-type': 'application/octet-stream' },
      }),
    );
  }
  /** Brings one picture; tells how much of it is sent, then what it became. */
  bring(site: string, file: Blob, name: string): Observable<Bringing> {
    return this.api
      .send((token) =>
        this.http.post<Exclude<Bringing, { sent: number }>>(`/api/sites/${site}/pictures`, file, {
          params: { name },
          headers: { ...token, 'content-type': 'application/octet-stream' },
          reportProgress: true,
          observe: 'events',
        }),
      )
      .pipe(
        map((event): Bringing | null =>
          event.type === HttpEventType.UploadProgress
            ? { sent: event.total ? event.loaded / event.total : 0 }
            : event.type === HttpEventType.Response
              ? event.body!
              : null,
        ),
        filter((b): b is Bringing => b !== null),
      );
  }
  /** What a retouch looks like, as a picture to be shown. */
  async sight(site: string, source: string, retouch: Retouch): Promise<Blob> {
    return firstValueFrom(
      this.api.send((headers) =>
        this.http.post(`/api/sites/${site}/pictures/${source}/sight`, { retouch }, { headers, responseType: 'blob' }),
      ),
    );
  }
  print = (site: string, source: string, retouch: Retouch) =>
    firstValueFrom(
      this.api.post<Pick<FileMedium, 'width' | 'height' | 'colour' | 'renditions'>>(
        `/sites/${site}/pictures/${source}/print`,
        { retouch },
      ),
    );
  light = (site: string, source: string) =>
    firstValueFrom(
      this.api.get<Pick<Retouch, 'light' | 'contrast' | 'warmth'>>(`/sites/${site}/pictures/${source}/light`),
    );
  search = (search: Record<string, string | number>) =>
    firstValueFrom(
      this.api.get<LibraryFound>(
        `/library?${new URLSearchParams(
          Object.entries(search)
            .filter(([, v]) => v !== '')
            .map(([k, v]) => [k, String(v)]),
        )}`,
      ),
    );
  take = (site: string, picture: string, tint: boolean) =>
    firstValueFrom(
      this.api.post<{ medium: Medium; plainBackground: boolean; dropped: string[] }>(`/sites/${site}/library`, {
        picture,
        tint,
      }),
    );
}
