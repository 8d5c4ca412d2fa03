// Each part of a running shop is killed again and again while people write, and at last its disk is full: nothing that was
// acknowledged is lost, and the shop is well again by itself. BASE_URL of a throwaway demo shop, FOLDER of its cluster, SMALL: its disk,
// PARTS: pids of what keeps each part running.
import { execFileSync } from 'node:child_process';
import { appendFileSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Door } from '../attack/door.mjs';

const base = process.env.BASE_URL;
const kills = Number(process.env.KILLS ?? 100);
const pids = Object.fromEntries(process.env.PARTS.split(' ').map((pair) => pair.split('=')));
const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

const children = (pid) => {
  try {
    return readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number);
  } catch {
    return [];
  }
};
const one = (list) => list[Math.floor(Math.random() * list.length)];
const postmaster = () => {
  try {
    return Number(readFileSync(`${process.env.FOLDER}/data/postmaster.pid`, 'utf8').split('\n')[0]);
  } catch {
    return undefined;
  }
};

// What is killed, each time another of its kind.
const victims = {
  'the database': postmaster,
  'a process of the database': () => one(children(postmaster())),
  PHP: () => children(pids['php-fpm'])[0],
  'a process of PHP': () => one(children(children(pids['php-fpm'])[0])),
  'the web server': () => children(pids.nginx)[0],
  'the worker': () => children(pids.worker)[0],
};

const kept = [];
const refused = new Map();
let writing = true;

// A person at the desk who keeps questions under names, one after the other, and takes down what was acknowledged.
async function writes(door) {
  for (let i = 0; writing; i += 1) {
    const name = `${door.who}-${i}`;
    const answer = await door.ask('POST', '/cases/saved', { body: { _token: door.token, name, line: 'gear-pump' } });
    if (answer.status === 303) {
      kept.push(name);
    } else {
      refused.set(answer.status, (refused.get(answer.status) ?? 0) + 1);
      await sleep(100);
    }
  }
}

async function well() {
  const began = Date.now();
  for (;;) {
    const answer = await fetch(`${base}/health/ready`).catch(() => null);
    if (answer?.status === 200) {
      return Date.now() - began;
    }
    if (Date.now() - began > 30000) {
      return Number.POSITIVE_INFINITY;
    }
    await sleep(50);
  }
}

const doors = ['desk', 'bench', 'analyst', 'second'].map((who) => new Door(base, who));
for (const door of doors) {
  await door.signIn('ostrey-quay');
}
const people = doors.map(writes);
await sleep(1000);
const rows = [];
for (const [name, victim] of Object.entries(victims)) {
  const took = [];
  let missed = 0;
  for (let i = 0; i < kills; i += 1) {
    const pid = victim();
    if (pid) {
      try {
        process.kill(pid, 'SIGKILL');
      } catch {
        missed += 1;
      }
    } else {
      missed += 1;
    }
    await sleep(50 + Math.random() * 150);
    took.push(await well());
  }
  took.sort((a, b) => a - b);
  rows.push([name, kills - missed, took[Math.floor(took.length / 2)], took.at(-1)]);
}
// Everything that this disk still takes is taken, to the last block.
async function full() {
  const filler = join(process.env.SMALL, 'filler');
  for (let bytes = 1 << 22; bytes >= 4096; bytes >>= 1) {
    try {
      for (;;) {
        appendFileSync(filler, Buffer.alloc(bytes));
      }
    } catch {
      // No room for so much; perhaps for half of it.
    }
  }
  const photo = readFileSync('demo/photos/gear-good.jpg').toString('latin1');
  const body = Buffer.from(
    `--x\r\nContent-Disposition: form-data; name="_token"\r\n\r\n${doors[1].token}\r\n--x\r\nContent-Disposition: form-data; ` +
      `name="photos[]"; filename="x.jpg"\r\nContent-Type: image/jpeg\r\n\r\n${photo}.\r\n--x--\r\n`,
    'latin1',
  );
  const answers = [];
  for (let i = 0; i < 10; i += 1) {
    // Each a little other, so that none is here already; the last bytes belong to the form.
    body[body.length - 10] = 65 + i;
    const headers = { accept: 'application/json' };
    const sent = await doors[1].ask('POST', '/cases/OQ-26-0103/photos', { raw: body, type: 'multipart/form-data; boundary=x', headers });
    answers.push(sent.status);
    await sleep(400);
  }
  rmSync(filler);
  return { answers, took: await well() };
}

const room = process.env.SMALL ? await full() : null;
await sleep(1000);
writing = false;
await Promise.all(people);

const there = new Set(
  execFileSync('/usr/lib/postgresql/15/bin/psql', [process.env.DATABASE_OWNER_URL.split('?')[0], '-Atc', 'SELECT name FROM saved_ask'], {
    encoding: 'utf8',
  }).split('\n'),
);
const lost = kept.filter((name) => !there.has(name));
for (const [name, killed, middle, worst] of rows) {
  console.log(`${name.padEnd(28)} ${String(killed).padStart(4)} kills, well again after ${middle} ms (at most ${worst} ms)`);
}
const statuses = [...refused].map(([status, count]) => `${count} with ${status}`).join(', ');
console.log(`${kept.length} acknowledged, ${lost.length} lost; refused meanwhile: ${statuses}`);
if (room) {
  console.log(`disk full: photos answered ${room.answers.join(' ')}, well again ${room.took} ms after there was room`);
}
const slow = rows.some(([, , , worst]) => worst > 5000) || (room?.took ?? 0) > 5000 || room?.answers.some((status) => status < 400);
const idle = rows.some(([, killed]) => killed < kills / 2);
if (slow || idle || lost.length > 0 || kept.length < kills) {
  console.log(slow ? 'Not well within 5 s.' : idle ? 'Too few were there to be killed.' : `Lost: ${lost.slice(0, 5).join(', ')}`);
  process.exit(1);
}
