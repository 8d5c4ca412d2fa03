// One shop on two web nodes and two workers, its files in a bucket, behind a balancer on another port: people write while a web node and
// a worker are killed. Nothing that was acknowledged is lost, and at most one request in a hundred is refused meanwhile.
// DATABASE_URL, DATABASE_OWNER_URL and APP_SECRET of an empty shop with its tables.
import { execFileSync, spawn } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Door } from '../attack/door.mjs';

const SECONDS = Number(process.env.LOAD_SECONDS ?? 90);
const PASSWORD = 'harbour kettle seven';
const PHOTO = readFileSync('demo/photos/block-good.jpg');
const folder = mkdtempSync(join(tmpdir(), 'nodes-'));
const sleep = (ms) => new Promise((go) => setTimeout(go, ms));
const started = [];

const freePort = () =>
  new Promise((go) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => go(port));
    });
  });

// In a group of its own, so that a node dies as a machine does: all of it at once.
function begin(name, command, args, env = {}) {
  const log = join(folder, `${name}.log`);
  const child = spawn('/bin/sh', ['-c', `exec "$0" "$@" >${log} 2>&1`, command, ...args], {
    detached: true,
    env: { ...process.env, ...env },
  });
  started.push({ name, child, log });
  return child;
}

// All that a node started, those in groups of their own too.
function family(pid) {
  let all = [pid];
  for (const one of all) {
    try {
      all = all.concat(readFileSync(`/proc/${one}/task/${one}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number));
    } catch {
      // It is gone already.
    }
  }
  return all.length === 1 ? all : all.slice(0, 1).concat(...all.slice(1).map((one) => (one === pid ? [] : family(one))));
}

function kill(child, signal = 'SIGKILL') {
  for (const pid of new Set(family(child.pid))) {
    try {
      process.kill(pid, signal);
    } catch {
      // It is gone already.
    }
  }
}

async function until(what, holds, seconds = 60) {
  for (let i = 0; i < seconds * 10; i += 1) {
    if (await holds().catch(() => false)) {
      return;
    }
    await sleep(100);
  }
  for (const { name, log } of started) {
    console.error(`-- ${name}\n${readFileSync(log, 'utf8').split('\n').slice(-8).join('\n')}`);
  }
  throw new Error(`not within ${seconds} s: ${what}`);
}

const statusOf = async (url) => (await fetch(url, { redirect: 'manual' })).status;

// What a form of a page would send as it is.
function fieldsOf(html) {
  const fields = {};
  const decoded = (text) => text.replaceAll('&quot;', '"').replaceAll('&#039;', "'").replaceAll('&amp;', '&');
  for (const [tag] of html.matchAll(/<input[^>]*>/g)) {
    const name = /\bname="([^"]+)"/.exec(tag)?.[1];
    if (name && !/type="(checkbox|radio|file|submit)"/.test(tag)) {
      fields[decoded(name)] = decoded(/\bvalue="([^"]*)"/.exec(tag)?.[1] ?? '');
    }
  }
  for (const [, name, options] of html.matchAll(/<select[^>]*name="([^"]+)"[^>]*>(.*?)<\/select>/gs)) {
    fields[name] = /<option value="([^"]*)"[^>]*selected/.exec(options)?.[1] ?? /<option value="([^"]*)"/.exec(options)?.[1] ?? '';
  }
  return fields;
}

async function sent(door, path, fields) {
  const page = await door.ask('GET', path);
  return door.ask('POST', path, { body: { ...fieldsOf(page.text), ...fields } });
}

const ports = { a: await freePort(), b: await freePort(), s3: await freePort(), out: await freePort() };
const base = `http://127.0.0.1:${ports.out}`;
writeFileSync(
  join(folder, 'balancer.conf'),
  `daemon off; pid ${folder}/nginx.pid; error_log ${folder}/balancer.log warn; worker_processes 1;
events { worker_connections 256; }
http {
  access_log off; client_max_body_size 600m;
  client_body_temp_path ${folder}/body; proxy_temp_path ${folder}/proxy; fastcgi_temp_path ${folder}/f; uwsgi_temp_path ${folder}/u;
  scgi_temp_path ${folder}/s;
  upstream shop { server 127.0.0.1:${ports.a} max_fails=1 fail_timeout=2s; server 127.0.0.1:${ports.b} max_fails=1 fail_timeout=2s; }
  server {
    listen 127.0.0.1:${ports.out};
    location / {
      proxy_pass http://shop;
      proxy_connect_timeout 1s;
      proxy_next_upstream error timeout http_502 http_503;
      proxy_set_header Host $http_host;
      proxy_set_header X-Forwarded-Host $http_host;
      proxy_set_header X-Forwarded-Port ${ports.out};
      proxy_set_header X-Forwarded-Proto http;
      proxy_set_header X-Forwarded-For $remote_addr;
    }
  }
}
`,
);
const shop = {
  JAPHREX_STORE: `s3://S3RVER:S3RVER@127.0.0.1:${ports.s3}/evidence/shop?plain=1`,
  SYMFONY_TRUSTED_PROXIES: '127.0.0.1',
  SYMFONY_TRUSTED_HOSTS: '^127\\.0\\.0\\.1$,^localhost$',
};
const web = (name) => begin(`web-${name}`, './japhrex', ['web'], { ...shop, PORT: String(ports[name]), JAPHREX_VAR: join(folder, name) });
const worker = (name) => begin(`worker-${name}`, './japhrex', ['worker'], { ...shop, JAPHREX_VAR: join(folder, `w${name}`) });

let failed = false;
const must = (holds, what) => {
  console.log(`${holds ? 'yes' : 'NO '}  ${what}`);
  failed ||= !holds;
};

try {
  begin('s3', 'node', [
    'node_modules/s3rver/bin/s3rver.js',
    '-d',
    join(folder, 's3'),
    '-a',
    '127.0.0.1',
    '-p',
    String(ports.s3),
    '--configure-bucket',
    'evidence',
    '-s',
  ]);
  await until('the bucket', async () => (await statusOf(`http://127.0.0.1:${ports.s3}/`)) > 0);
  execFileSync('chmod', ['711', folder]);
  const first = web('a');
  await until('web node a', async () => (await statusOf(`http://127.0.0.1:${ports.a}/health/ready`)) === 200);
  web('b');
  const firstWorker = worker('1');
  worker('2');
  begin('balancer', '/usr/sbin/nginx', ['-c', join(folder, 'balancer.conf')]);
  await until('web node b', async () => (await statusOf(`http://127.0.0.1:${ports.b}/health/ready`)) === 200);
  await until('the balancer', async () => (await statusOf(`${base}/health/ready`)) === 200);

  // The shop begins by its pages, through the balancer: each page may come from another node.
  const told = execFileSync('./japhrex', ['migrate'], { env: { ...process.env, ...shop }, encoding: 'utf8' });
  const key = /begin\?key=(\w+)/.exec(told)?.[1];
  const door = new Door(base, 'ida');
  const begun = await sent(door, `/begin?key=${key}`, {
    'form[shop][name]': 'Brant Slip',
    'form[analyst][name]': 'Ida Marsk',
    'form[analyst][username]': 'ida',
    'form[analyst][password][first]': PASSWORD,
    'form[analyst][password][second]': PASSWORD,
  });
  must(begun.status === 303, `the shop is begun by its pages (${begun.status})`);
  const doors = [];
  for (let i = 0; i < 8; i += 1) {
    const one = new Door(base, 'ida');
    await one.signIn(PASSWORD);
    const taken = await sent(one, '/cases/new?family=external-gear-pump', { 'unit[customer]': 'Fish quay', 'unit[serial]': `N-${i}` });
    one.case = /cases\/([^/"]+)\/intake/.exec(taken.text)?.[1];
    doors.push(one);
  }
  must(
    doors.every((one) => one.case),
    'eight people have signed in and taken a unit in',
  );

  // A link that somebody takes away leads to the balancer, never to a node; a cookie of a shop that is reached by TLS says so.
  const asTls = await fetch(`http://127.0.0.1:${ports.b}/login`, {
    headers: { 'x-forwarded-proto': 'https', 'x-forwarded-for': '10.0.0.9' },
  });
  must(
    asTls.headers.getSetCookie().some((one) => /secure/i.test(one)),
    'behind TLS a cookie is Secure',
  );
  const passes = await doors[0].ask('POST', `/cases/${doors[0].case}/phone`, { body: { _token: doors[0].token } });
  const link = /https?:\/\/[^"'\s<]+\/phone\/[^"'\s<]+/.exec(
    passes.text + (await doors[0].ask('GET', `/cases/${doors[0].case}/intake`)).text,
  )?.[0];
  must(link === undefined || link.startsWith(base), `the phone's link leads to the balancer (${link ?? 'shown as a code alone'})`);

  // A gauge speaks to one node; the page of its bench listens at the other.
  await sent(door, '/gauges', {
    'gauge[name]': 'Micrometer 25-50',
    'gauge[kind]': 'micrometer',
    'gauge[method]': 'reading',
    'gauge[resolution]': '0.001 mm',
    'gauge[bench]': 'Bench 2',
  });
  const gauge = /\/gauges\/([0-9a-f-]{36})\/token/.exec((await doors[0].ask('GET', '/gauges')).text)?.[1];
  const given = await doors[0].ask('POST', `/gauges/${gauge}/token`, { body: { _token: doors[0].token } });
  const token = /[0-9a-f]{40}/.exec(given.text)?.[0];
  const cookie = [...doors[0].cookies].map((pair) => pair.join('=')).join('; ');
  const heard = fetch(`http://127.0.0.1:${ports.b}/gauges/stream?bench=Bench+2&seconds=4`, { headers: { cookie } }).then((one) =>
    one.text(),
  );
  await sleep(1000);
  const spoken = await fetch(`http://127.0.0.1:${ports.a}/gateway/readings`, {
    method: 'POST',
    headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
    body: JSON.stringify({ value: '25.978 mm' }),
  });
  must(
    spoken.status === 201 && (await heard).includes('25.978 mm'),
    `what a gauge says to one node is heard at the other (${spoken.status})`,
  );

  const kept = { questions: [], photos: [] };
  const answers = new Map();
  let working = true;
  const note = ({ status }) => answers.set(status, (answers.get(status) ?? 0) + 1);
  const work = async (one, nth) => {
    for (let i = 0; working; i += 1) {
      const name = `${nth}-${i}`;
      const saved = await one.ask('POST', '/cases/saved', { body: { _token: one.token, name, line: 'gear-pump' } });
      note(saved);
      if (saved.status === 303) {
        kept.questions.push(name);
      }
      // People look more often than they write.
      for (const page of ['', `cases/${one.case}/intake`, `cases/${one.case}/parts`, 'cases?q=quay']) {
        note(await one.ask('GET', `/${page}`));
      }
      const bytes = Buffer.concat([PHOTO, randomBytes(16)]);
      const id = randomUUID();
      const half = bytes.length >> 1;
      for (const [from, to] of [
        [0, half],
        [half, bytes.length],
      ]) {
        note(await one.ask('PUT', `/uploads/${id}?offset=${from}`, { raw: bytes.subarray(from, to), type: 'application/octet-stream' }));
      }
      const stored = await one.ask('POST', `/cases/${one.case}/photos`, {
        body: { _token: one.token, upload: id, bytes: bytes.length, name: 'block.jpg', stage: 'arrival' },
        headers: { accept: 'application/json' },
      });
      note(stored);
      if (stored.status === 201) {
        kept.photos.push([JSON.parse(stored.text).taken[0], bytes]);
      }
    }
  };
  const people = doors.map(work);
  const ordered = [];
  for (const one of doors) {
    const answer = await one.ask('POST', `/cases/${one.case}/report`, { body: { _token: one.token, for: 'whole' } });
    note(answer);
    if (answer.status === 303) {
      ordered.push(one.case);
    }
  }
  await sleep((SECONDS * 1000) / 3);
  kill(first);
  await sleep(1500);
  kill(firstWorker);
  await sleep((SECONDS * 1000) / 3);
  web('a');
  await until('web node a again', async () => (await statusOf(`http://127.0.0.1:${ports.a}/health/ready`)) === 200);
  await sleep((SECONDS * 1000) / 3);
  working = false;
  await Promise.all(people);

  const all = [...answers.values()].reduce((sum, one) => sum + one, 0);
  const bad = [...answers].filter(([status]) => status >= 400).reduce((sum, [, one]) => sum + one, 0);
  console.log(`answers: ${JSON.stringify(Object.fromEntries(answers))}`);
  must(all > 200 && bad / all <= 0.01, `of ${all} requests ${bad} were refused: at most one in a hundred`);
  const list = (await door.ask('GET', '/cases')).text;
  const lost = kept.questions.filter((name) => !list.includes(`>${name}</a>`));
  must(lost.length === 0, `of ${kept.questions.length} questions that were acknowledged ${lost.length} are lost`);
  let gone = 0;
  for (const [id, bytes] of kept.photos) {
    const response = await fetch(`${base}/pictures/${id}/original`, {
      headers: { cookie: [...door.cookies].map((pair) => pair.join('=')).join('; ') },
    });
    gone += response.status === 200 && Buffer.compare(Buffer.from(await response.arrayBuffer()), bytes) === 0 ? 0 : 1;
  }
  must(kept.photos.length > 20 && gone === 0, `of ${kept.photos.length} photos that were acknowledged ${gone} are lost or changed`);
  await until(
    'every report that was ordered',
    async () => {
      for (const number of ordered) {
        if (!/report[^"]*\.pdf/.test((await door.ask('GET', `/cases/${number}/report`)).text)) {
          return false;
        }
      }
      return true;
    },
    150,
  );
  must(ordered.length === doors.length, `${ordered.length} reports were ordered and all are made, by the worker that was left`);
  execFileSync('php', ['bin/console', 'app:verify'], { env: { ...process.env, ...shop }, stdio: 'inherit' });
} catch (error) {
  console.error(error);
  failed = true;
} finally {
  for (const { child } of started.reverse()) {
    kill(child, 'SIGTERM');
  }
  await sleep(1500);
  for (const { child } of started) {
    kill(child);
  }
  execFileSync('rm', ['-rf', folder]);
}
process.exit(failed ? 1 : 0);
