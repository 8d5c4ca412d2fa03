// What a stranger, and each role beyond its rights, could try: every route as every role, with ids of other cases, hostile texts, files
// and fields. Nothing may fail (5xx), nobody may get a step too far, no text may come back as a script.
// BASE_URL of a throwaway demo shop; ROUTES a file with `debug:router --format=json`.
import { readFileSync } from 'node:fs';
import { Door } from './door.mjs';
import { BODIES, PATHS, QUERIES, TEXTS } from './hostile.mjs';

const base = process.env.BASE_URL;
const routes = Object.entries(JSON.parse(readFileSync(process.env.ROUTES, 'utf8')))
  .map(([name, route]) => ({ name, path: route.path, methods: route.method === 'ANY' ? ['GET', 'POST'] : route.method.split('|') }))
  .filter((route) => !route.name.startsWith('_') && !route.path.endsWith('/stream'));

// What anybody who is signed in may send: it is about themselves.
const OWN = ['units', 'me', 'own_password', 'own_sessions_end', 'session_end', 'ask_save', 'ask_drop', 'bench_set'];
OWN.push('code_new', 'code_begin', 'code_end');
// Open without a log-in: what a customer, a phone or a balancer asks for, each with a key of its own, or nothing to see.
const OPEN = /^\/(login|welcome|begin|health|metrics|empty|offer|aftercare|phone|gateway|api\/v1\/openapi\.yaml)/;

const wrong = [];
let requests = 0;
const complain = (what, response, door) => wrong.push(`${what} as ${door.who}: ${response.status} ${response.asked}`);

async function ask(door, method, path, options = {}) {
  requests += 1;
  const response = await door.ask(method, path, options);
  if (response.status >= 500 && response.status !== 507) {
    complain('fails', response, door);
  }
  return response;
}

// Addresses that the program itself shows, by route: their parameters are of things that exist.
function pattern(route) {
  const names = [];
  const text = route.path.replace(/[.*+?^$()|[\]\\]/g, '\\$&').replace(/\{(\w+)[^}]*\}/g, (_, name) => {
    names.push(name);
    return '([^/?#]+)';
  });
  return new RegExp(`^${text}$`);
}
const patterns = routes.map((route) => [route, pattern(route)]);
const examples = new Map();
const forms = new Map();

function note(path) {
  const bare = path.replace(/[?#].*$/, '');
  for (const [route, regex] of patterns) {
    if (regex.test(bare)) {
      const known = examples.get(route.name) ?? new Set();
      if (known.size < 6) {
        known.add(bare);
        examples.set(route.name, known);
      }
    }
  }
}

// Walks the pages that the program links to, and takes down addresses, forms and their fields.
async function walk(door, most) {
  const seen = new Set();
  const waiting = ['/'];
  const perRoute = new Map();
  while (waiting.length > 0 && seen.size < most) {
    const path = waiting.shift();
    const response = await ask(door, 'GET', path);
    const page = response.text;
    for (const [, link] of page.matchAll(/(?:href|src|hx-get)="(\/[^"]*)"/g)) {
      const next = link.replace(/&amp;/g, '&');
      note(next);
      const kind = patterns.find(([, regex]) => regex.test(next.replace(/[?#].*$/, '')))?.[0].name ?? '';
      const count = perRoute.get(kind) ?? 0;
      if (kind && !seen.has(next) && count < 4 && !next.includes('/assets/')) {
        seen.add(next);
        perRoute.set(kind, count + 1);
        waiting.push(next);
      }
    }
    for (const [, tag, inside] of page.matchAll(/<form([^>]*)>([\s\S]*?)<\/form>/g)) {
      const action = (/action="([^"]*)"/.exec(tag)?.[1] ?? path).replace(/&amp;/g, '&') || path;
      if (/method="post"/i.test(tag)) {
        note(action);
        const bare = action.replace(/[?#].*$/, '');
        const kind = patterns.find(([, regex]) => regex.test(bare))?.[0].name ?? bare;
        const known = forms.get(kind) ?? { action: bare, fields: new Set() };
        for (const [, name] of inside.matchAll(/name="([^"]+)"/g)) {
          known.fields.add(name);
        }
        forms.set(kind, known);
      }
    }
  }
}

const one = (route) => [...(examples.get(route.name) ?? [])][0] ?? route.path.replace(/\{(\w+)[^}]*\}/g, 'none');

// Every route as everybody: nobody gets a page or an act that is not theirs.
async function everyRouteAsEverybody(doors, stranger, viewer) {
  for (const route of routes) {
    for (const method of route.methods) {
      if (route.name === 'logout') {
        continue;
      }
      const path = one(route);
      const out = await ask(stranger, method, path, { body: method === 'GET' ? null : {} });
      if (out.status < 300 && !OPEN.test(path)) {
        complain('a stranger gets in', out, stranger);
      }
      if (method !== 'GET') {
        const token = viewer.token;
        const stepped = await ask(viewer, method, path, { body: { _token: token } });
        if (stepped.status < 400 && !OWN.includes(route.name) && !OPEN.test(path)) {
          complain('a viewer acts', stepped, viewer);
        }
        const forged = await ask(doors[0], method, path, { body: { _token: 'forged' } });
        // A form that was not sent is shown; what was done leads on.
        if (forged.status >= 300 && forged.status < 400 && !OPEN.test(path) && method === 'POST') {
          complain('a forged key acts', forged, doors[0]);
        }
      } else {
        for (const door of doors) {
          await ask(door, method, path);
        }
      }
    }
  }
}

// Hostile parts of addresses and questions.
async function hostileAddresses(door) {
  for (const route of routes.filter((each) => each.methods.includes('GET'))) {
    const known = one(route);
    for (const query of QUERIES) {
      await ask(door, 'GET', `${known}?${query}`);
    }
    for (const bad of PATHS) {
      const parts = [...route.path.matchAll(/\{(\w+)[^}]*\}/g)];
      for (const [whole] of parts.slice(0, 2)) {
        const filled = route.path.replace(whole, bad).replace(/\{(\w+)[^}]*\}/g, 'none');
        await ask(door, 'GET', filled);
      }
    }
  }
}

// What stands in one case is asked for, and changed, under the number of another.
async function otherCases(door) {
  const numberOf = (path) => /^\/cases\/([A-Z]{2}-\d\d-\d+)\//.exec(path)?.[1];
  const numbers = [...new Set([...examples.values()].flatMap((set) => [...set].map(numberOf)))].filter(Boolean);
  const ids = /\/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f-]{22}/;
  for (const [name, paths] of examples) {
    for (const path of paths) {
      const number = numberOf(path);
      const other = numbers.find((each) => each !== number);
      if (!number || !other || !ids.test(path)) {
        continue;
      }
      const route = routes.find((each) => each.name === name);
      for (const method of route.methods) {
        const response = await ask(door, method, path.replace(number, other), { body: method === 'GET' ? null : { _token: door.token } });
        if (response.status < 400) {
          complain('a thing of another case', response, door);
        }
      }
    }
  }
}

// Hostile fields and bodies, with a true key: what the roles may do, done badly.
async function hostileForms(door) {
  for (const { action, fields } of forms.values()) {
    if (/\/(logout|out|in|code|password|sessions|end|settings)(\/|$)/.test(action) || OPEN.test(action)) {
      continue;
    }
    const names = [...fields].filter((name) => !name.startsWith('_'));
    for (const text of TEXTS) {
      const body = Object.fromEntries(names.map((name) => [name, text]));
      await ask(door, 'POST', action, { body: { ...body, _token: door.token } });
    }
    await ask(door, 'POST', action, { body: { ...Object.fromEntries(names.map((name) => [`${name}[x][]`, 'list'])), _token: door.token } });
    for (const { type, body } of BODIES) {
      await ask(door, 'POST', action, { raw: body, type });
    }
  }
}

// Nothing that was typed comes back as what a browser would run.
async function nothingRuns(door) {
  for (const set of examples.values()) {
    for (const path of [...set].slice(0, 2)) {
      const response = await ask(door, 'GET', path);
      if (/text\/html/.test(response.type) && /<script>japhrex|<img src=x onerror|"\s*onmouseover=japhrex/i.test(response.text)) {
        complain('a text runs', response, door);
      }
    }
  }
}

async function tokens(stranger) {
  for (const token of ['', 'x', 'a'.repeat(40), '../../x', '%00']) {
    for (const [path, body] of [
      ['/gateway/readings', '{}'],
      ['/gateway/rows', '{}'],
    ]) {
      const headers = { authorization: `Bearer ${token}` };
      const response = await ask(stranger, 'POST', path, { raw: body, type: 'application/json', headers });
      if (response.status < 400) {
        complain('a false token', response, stranger);
      }
    }
    const phone = await ask(stranger, 'GET', `/phone/${token || 'none'}`);
    if (phone.status < 400) {
      complain('a false pass', phone, stranger);
    }
  }
}

const stranger = new Door(base, 'a stranger');
const doors = [];
for (const who of ['analyst', 'desk', 'bench', 'second', 'viewer']) {
  const door = new Door(base, who);
  await door.signIn('ostrey-quay');
  doors.push(door);
}
const [analyst, desk, bench, , viewer] = doors;
const began = Date.now();
const done = (what) => console.log(`${what}: ${requests} requests, ${Math.round((Date.now() - began) / 1000)} s`);
await walk(analyst, 400);
done('walked');
await everyRouteAsEverybody(doors, stranger, viewer);
done('everyRouteAsEverybody');
await tokens(stranger);
done('tokens');
await hostileAddresses(analyst);
done('hostileAddresses');
await otherCases(analyst);
done('otherCases');
for (const door of [analyst, desk, bench]) {
  await hostileForms(door);
}
await nothingRuns(analyst);

console.log(`${requests} requests over ${routes.length} routes, ${forms.size} forms: ${wrong.length} wrong`);
for (const line of [...new Set(wrong)].slice(0, 60)) {
  console.log(`  ${line}`);
}
process.exit(wrong.length === 0 && requests >= 3000 ? 0 : 1);
