import { FINGERPRINT } from '@tin-porch/core/page';
import { PAGE_HEADERS } from '@tin-porch/cms';

/** Kinds of file by their ending that nginx serves by itself; a file of a release that is of another kind is the agent’s. */
export const SERVED_TYPES: Record<string, string> = {
  html: 'text/html; charset=utf-8',
  css: 'text/css; charset=utf-8',
  js: 'text/javascript; charset=utf-8',
  txt: 'text/plain; charset=utf-8',
  csv: 'text/csv; charset=utf-8',
  ics: 'text/calendar; charset=utf-8',
  vcf: 'text/vcard; charset=utf-8',
  vtt: 'text/vtt; charset=utf-8',
  xml: 'application/xml; charset=utf-8',
  webmanifest: 'application/manifest+json',
  svg: 'image/svg+xml',
  png: 'image/png',
  jpg: 'image/jpeg',
  webp: 'image/webp',
  avif: 'image/avif',
  ico: 'image/x-icon',
  woff2: 'font/woff2',
  pdf: 'application/pdf',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  pptx: 'application/vnd.openxmlformats-officedocument.presentationml.presentation',
  odt: 'application/vnd.oasis.opendocument.text',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
  odp: 'application/vnd.oasis.opendocument.presentation',
  epub: 'application/epub+zip',
  zip: 'application/zip',
  gpx: 'application/octet-stream',
  mp3: 'audio/mpeg',
  mp4: 'video/mp4',
  webm: 'video/webm',
};
/** Kinds that are packed beforehand; what is packed by its own kind gains nothing. */
const PACKED = /^(?:text\/|image\/svg|application\/(?:xml|manifest|atom|feed|octet-stream)|image\/x-icon)/;
export const isPacked = (type: string): boolean => PACKED.test(type);
const PACKED_TYPES = [...new Set(Object.values(SERVED_TYPES))].filter(isPacked);
/** How long a file whose name says what is in it may be kept, and any other. */
export const LASTING = 'public, max-age=31536000, immutable';
export const ASKED_AGAIN = 'no-cache';
export const HSTS = 'max-age=15552000';
/** What the agent says with an answer that belongs into the access log of its site. */
export const COUNTED = 'x-counted';
/** Set by the agent where it says that there is nothing yet, as it was meant to. */
export const MEANT = 'x-meant';
/** Where the agent has a visitor led on to, and what says to a server that somebody comes that way. */
export const LED_TO = 'x-led-to';
export const LED_ON = 'x-led-on';
/** Bytes that may come with one request: a photograph from a phone, and what a form of it weighs beside. */
const MOST_BODY_MB = 48;
/** Connections of one address at a time (in HTTP/2: requests), and requests a second that are more than a file. */
const MOST_OF_ADDRESS = 240;
const ASKED_PER_SECOND = 60;
const ASKED_AT_ONCE = 400;

/** What the front of a hosting server listens on. */
export interface FrontAddresses {
  address: string;
  httpPort: number;
  httpsPort: number;
  temporary: { address: string; port: number };
}
/** Names of the folders under the front’s in which a link for every name leads to its site, by how it is asked for. */
export const WAYS = ['plain', 'secure', 'temporary'] as const;
export type Way = (typeof WAYS)[number];

/** Where the front says how it is, and where it writes down what went wrong; under its prefix. */
export const STATUS_SOCKET = 'status.sock';
export const TROUBLES = 'troubles.log';
/** Where whoever asks for the agent waits while it is away for a moment. */
export const WAITING_SOCKET = 'waiting.sock';
const WRONG = `access_log ${TROUBLES} troubles if=$troubled;`;

/** What a front is made with. */
export interface FrontWith {
  /** Where the dynamic modules are; null where Brotli is not to be had. */
  modules: string | null;
  /** As whom it works; null where that is not to be said. */
  user: string | null;
  friends: readonly string[];
  /** Whether `trusted.pem` has the authorities by which other servers are known. */
  trusts: boolean;
}

const quoted = (text: string): string => `"${text.replace(/["\\]/g, '\\$&')}"`;
const headers = (extra: Record<string, string>): string =>
  Object.entries({ ...PAGE_HEADERS, ...extra })
    .map(([name, value]) => `add_header ${name} ${quoted(value)} always;`)
    .join('\n    ');

/** What says no in the front itself, before a site was looked for. */
const says = (status: number, title: string): string =>
  `default_type application/problem+json; return ${status} '${JSON.stringify({ title, status })}';`;

const ERRORS = `error_page 400 414 431 494 /-/said/unreadable;
    error_page 413 @large;
    error_page 429 @often;
    error_page 502 504 =503 @away;`;

function server(way: Way, listen: string, address: string, trusts: boolean): string {
  const extra = {
    ...(way === 'secure' && { 'strict-transport-security': HSTS }),
    ...(way === 'temporary' && { 'x-robots-tag': 'noindex' }),
  };
  const own = (keeping: string, beyond: string) => `
    ${headers(extra)}
    add_header cache-control ${quoted(keeping)};
    add_header last-modified "";
    error_page 404 405 = ${beyond};
    ${ERRORS}`;
  return `
  server {
    listen ${listen};
    server_name _;
    root ${way}/$site_name/now;
    ${
      way === 'secure'
        ? `ssl_certificate certificates/$certificate_name.pem;
    ssl_certificate_key certificates/$certificate_name.pem;
    error_page 497 =301 https://$host:$server_port$request_uri;`
        : ''
    }
    ${way === 'temporary' ? '' : `access_log ${way}/$site_name/log/$day.log visits if=$counted;`}
    ${WRONG}
    ${ERRORS}
    limit_conn of_address ${MOST_OF_ADDRESS};

    location / {${own(ASKED_AGAIN, '@agent')}
    }
    location ~ /$ {${own(ASKED_AGAIN, '@agent')}
      rewrite ^ \${uri}index.html break;
    }
    # Who came just ahead of a switch still has the styles and pictures of the release before.
    location ~ "${FINGERPRINT}" {${own(LASTING, '@before')}
    }
    location @before {${own(LASTING, '@agent')}
      root ${way}/$site_name/before;
    }
    location ^~ /fonts/ {${own(LASTING, '@before')}
    }
    location ^~ /-/ {
      limit_req zone=asking burst=${ASKED_AT_ONCE} nodelay;
      proxy_pass http://agent$request_uri;
    }
    location ^~ /-/desk {
      ${WRONG}
      proxy_pass http://agent$request_uri;
    }
    location ^~ /.well-known/acme-challenge/ {
      access_log off;
      proxy_pass http://agent$request_uri;
    }
    location @agent {
      limit_req zone=asking burst=${ASKED_AT_ONCE} nodelay;
      proxy_pass http://agent$request_uri;
    }
    # A site that is on another server by now: the agent says where. There it is asked for as it was asked for here.
    location @led_on {
      set $led_to $upstream_http_${LED_TO.replaceAll('-', '_')};
      proxy_ignore_headers x-accel-redirect x-accel-expires x-accel-limit-rate x-accel-buffering x-accel-charset;
      proxy_set_header connection "";
      proxy_set_header host $host_said;
      proxy_set_header x-forwarded-for $remote_addr;
      proxy_set_header x-forwarded-proto $scheme;
      proxy_set_header ${LED_ON} 1;
      proxy_ssl_server_name on;
      proxy_ssl_name $host;
      ${trusts ? 'proxy_ssl_verify on; proxy_ssl_verify_depth 4; proxy_ssl_trusted_certificate trusted.pem;' : ''}
      # It is believed there by the address it comes from.
      proxy_bind ${address};
      proxy_pass $led_to$request_uri;
    }
    # What could not be read has no address to be answered under by name.
    location = /-/said/unreadable { internal; ${says(400, 'The address cannot be read')} }
    location @large { ${says(413, 'That is more than is taken here at once')} }
    location @often { add_header retry-after 5 always; ${says(429, 'Much is asked from your address at this moment')} }
    location @away {
      default_type "text/plain; charset=utf-8";
      add_header retry-after 10 always;
      add_header cache-control no-store always;
      return 503 "This does not answer at the moment. If you sent something, it may not have arrived: please go back and send it again in a minute.\\n";
    }
  }`;
}

/**
 * The configuration of the front, for nginx 1.22 and newer. Sites are not in it: they are found by links under its prefix,
 * which change without it. Every path is relative to the prefix.
 * @param friends addresses of servers that lead visitors here: whom they lead is whom they say
 */
export function nginxConf(at: FrontAddresses, { modules, user, friends, trusts }: FrontWith): string {
  const types = Object.entries(SERVED_TYPES).map(([ending, type]) => `    ${quoted(type)} ${ending};`);
  return `# Written by the agent at every start.
${modules ? `load_module ${quoted(`${modules}/ngx_http_brotli_static_module.so`)};\n` : ''}${user ? `user ${user};\n` : ''}worker_processes auto;
pcre_jit on;
pid nginx.pid;
error_log error.log warn;
worker_shutdown_timeout 10m;
events { worker_connections 4096; }
http {
  types {
${types.join('\n')}
  }
  default_type application/octet-stream;
  log_format visits '$remote_addr - - [$time_local] "$request" $status $body_bytes_sent "$http_referer" "$http_user_agent"';
  log_format troubles escape=json '{"at":"$time_iso8601","host":"$host","method":"$request_method","path":"$path_asked","status":$status,"behind":"$upstream_status"}';
  access_log off;
  log_not_found off;
  open_log_file_cache max=1000 inactive=30s valid=20s min_uses=1;
  client_body_temp_path tmp/body;
  proxy_temp_path tmp/proxy;
  fastcgi_temp_path tmp/none;
  uwsgi_temp_path tmp/none;
  scgi_temp_path tmp/none;

  server_tokens off;
  absolute_redirect off;
  recursive_error_pages on;
  sendfile on;
  tcp_nopush on;
  if_modified_since off;
  keepalive_timeout 65s;
  keepalive_requests 10000;
  client_header_timeout 15s;
  client_body_timeout 60s;
  send_timeout 60s;
  reset_timedout_connection on;
  large_client_header_buffers 4 16k;
  client_body_buffer_size 128k;
  client_max_body_size ${MOST_BODY_MB}m;
${friends.map((address) => `  set_real_ip_from ${address};\n`).join('')}  real_ip_header x-forwarded-for;
  limit_conn_zone $binary_remote_addr zone=of_address:4m;
  limit_conn_status 429;
  limit_req_zone $binary_remote_addr$site_name zone=asking:8m rate=${ASKED_PER_SECOND}r/s;
  limit_req_status 429;

  gzip on;
  gzip_comp_level 5;
  gzip_min_length 500;
  gzip_proxied off;
  gzip_vary on;
  gzip_types ${PACKED_TYPES.map(quoted).join(' ')};
  gzip_static on;
${modules ? '  brotli_static on;\n' : ''}
  ssl_protocols TLSv1.2 TLSv1.3;
  ssl_ciphers ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-RSA-AES128-GCM-SHA256:ECDHE-ECDSA-AES256-GCM-SHA384:ECDHE-RSA-AES256-GCM-SHA384:ECDHE-ECDSA-CHACHA20-POLY1305:ECDHE-RSA-CHACHA20-POLY1305;
  ssl_prefer_server_ciphers off;
  ssl_session_cache shared:sessions:8m;
  ssl_session_timeout 1d;
  ssl_session_tickets off;

  # Names that lead to a file or folder here are of letters, digits, dots and hyphens, and begin and end with none of the last two.
  map $host $site_name {
    default "-";
    "~^[a-z0-9](?:[a-z0-9.-]{0,251}[a-z0-9])?$" $host;
  }
  # Who names no host is told so by the agent.
  map $http_host $host_said {
    default $http_host;
    "" "-";
  }
  map $ssl_server_name $certificate_name {
    default "-";
    "~^[a-z0-9](?:[a-z0-9.-]{0,251}[a-z0-9])?$" $ssl_server_name;
  }
  map $time_iso8601 $day {
    default "0000-00-00";
    "~^(?<on_day>\\d{4}-\\d\\d-\\d\\d)T" $on_day;
  }
  # What was served from here is of a site that has a log; of anything else the agent says so.
  map $http_user_agent $looked {
    default 0;
    "~TinPorch-" 1;
  }
  map "$looked:$upstream_addr:$upstream_http_${COUNTED.replaceAll('-', '_')}" $counted {
    default 0;
    "0::" 1;
    "~^0:.*:1$" 1;
  }

  # A page that says when a site opens is no trouble.
  map "$status:$upstream_http_${MEANT.replaceAll('-', '_')}" $troubled {
    default 0;
    "~^5[0-9][0-9]:$" 1;
  }
  # What is asked along with an address may be a key.
  map $request_uri $path_asked {
    default "";
    "~^(?<asked_path>[^?]*)" $asked_path;
  }

  # While the agent is being started anew, whoever asks for it waits; only what was not sent to it yet is asked again.
  upstream agent {
    server unix:agent.sock max_fails=0;
    server unix:${WAITING_SOCKET} max_fails=0 backup;
    keepalive 32;
  }
  proxy_http_version 1.1;
  proxy_set_header connection "";
  proxy_set_header host $host_said;
  proxy_set_header x-forwarded-for $remote_addr;
  proxy_set_header x-forwarded-proto $scheme;
  proxy_connect_timeout 5s;
  proxy_read_timeout 120s;
  proxy_next_upstream error;
  proxy_next_upstream_tries 2;
  # What was sent is brought to its end, whoever still listens.
  proxy_ignore_client_abort on;
  proxy_hide_header ${COUNTED};
  proxy_hide_header ${MEANT};
  server {
    listen unix:${STATUS_SOCKET};
    location / { stub_status; }
  }
${server('plain', `${at.address}:${at.httpPort}`, at.address, trusts)}
${server('secure', `${at.address}:${at.httpsPort} ssl http2`, at.address, trusts)}
${server('temporary', `${at.temporary.address}:${at.temporary.port}`, at.address, trusts)}
}
`;
}
