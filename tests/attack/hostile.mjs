// What people type who mean no good, and what broken programs send.
const script = '<script>japhrex(1)</script>';

export const TEXTS = [
  '',
  script,
  '"><img src=x onerror=japhrex(1)>',
  '" onmouseover=japhrex(1) x="',
  "'; DROP TABLE person; --",
  '{{ 7*7 }}{% include "/etc/passwd" %}',
  '-1',
  '99999999999999999999999999',
  '1e309',
  'NaN mm',
  '../../../../etc/passwd',
  '\u0000\u0008\ufffe\u202e',
  '𝒳'.repeat(700),
  'x'.repeat(70000),
];

export const PATHS = [
  "'",
  '%27%20OR%201=1',
  encodeURIComponent(script),
  '..%2f..%2fetc%2fpasswd',
  '%00',
  '%ff%fe',
  '0',
  '-1',
  '00000000-0000-0000-0000-000000000000',
  'x'.repeat(3000),
];

export const QUERIES = [
  'q[]=1',
  'q[a][b]=1&page[]=2',
  `q=${encodeURIComponent(script)}`,
  'q=%ff%fe%00',
  'q=scored%3E%3E%3D%3D%22(',
  `q=${'x%20'.repeat(900)}`,
  'page=-1',
  'page=99999999999999999999',
  'part=../..&photo=none&change=none&kind=none&before=x&from=x&offset=x&at=x&key=x',
];

export const BODIES = [
  { type: 'application/json', body: '{"a":' },
  { type: 'application/json', body: '[[[[[[[[]]]]]]]]' },
  { type: 'application/x-www-form-urlencoded', body: 'a=%ff%fe%00&b[=1&[]=2&_token[]=x' },
  {
    type: 'multipart/form-data; boundary=x',
    body: '--x\r\nContent-Disposition: form-data; name="photos[]"; filename="../../x.php"\r\n\r\n<?php',
  },
  { type: 'text/plain', body: 'x'.repeat(100000) },
];
