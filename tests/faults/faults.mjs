// Each part of a running shop is killed again and again while people write, and at last its disk is full: nothing that was
// acknowledged is lost, and the shop is well again by itself. BASE_URL of a throwaway demo shop, FOLDER of its cluster, SMALL: its disk,
// PARTS: pids of what keeps each part running.
import { execFileSync } from 'node:child_process';
import { appendFileSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
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
      // Whoever was away for two days by the clock signs in again.
      if (answer.status === 302) {
        await door.signIn('ostrey-quay').catch(() => {});
      }
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
// The clock of a node is wrong, by days ahead and behind, and is put right again: nobody is kept out, and no work waits for a day to come.
async function moved() {
  // Somebody of their own: two who sign in with the same cookies at once put each other out.
  const person = new Door(base, 'analyst');
  await person.signIn('ostrey-quay');
  const papers = async () => {
    let ready = 0;
    for (const number of ['OQ-26-0103', 'OQ-26-0104', 'OQ-26-0105', 'OQ-26-0106']) {
      const page = await person.ask('GET', `/cases/${number}/report`);
      ready += [...page.text.matchAll(/class="button"[^>]*href="[^"]*report[^"]*\.pdf"/g)].length;
    }
    return ready;
  };
  const before = await papers();
  const slowest = [];
  for (const [by, number] of [
    ['+2d', 'OQ-26-0103'],
    ['-2d', 'OQ-26-0104'],
    ['+40d', 'OQ-26-0105'],
    ['+0', 'OQ-26-0106'],
  ]) {
    writeFileSync(process.env.CLOCK, `${by}\n`);
    await sleep(1500);
    slowest.push(await well());
    // Whoever was away for days by that clock is signed out, and gets in again.
    if ((await person.ask('GET', '/')).status !== 200) {
      await person.signIn('ostrey-quay');
    }
    const ordered = await person.ask('POST', `/cases/${number}/report`, { body: { _token: person.token, for: 'whole' } });
    if (ordered.status !== 303) {
      throw new Error(`with the clock at ${by} a report was answered with ${ordered.status}`);
    }
    await sleep(3000);
  }
  const began = Date.now();
  while ((await papers()) < before + 4) {
    if (Date.now() - began > 120000) {
      return { made: (await papers()) - before, took: Number.POSITIVE_INFINITY, worst: Math.max(...slowest) };
    }
    await sleep(1000);
  }
  return { made: 4, took: Date.now() - began, worst: Math.max(...slowest) };
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

const clock = process.env.CLOCK ? await moved() : null;
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
if (clock) {
  console.log(`clock moved: ${clock.made} of 4 papers made, the last ${clock.took} ms after it was right; well after ${clock.worst} ms`);
}
if (room) {
  console.log(`disk full: photos answered ${room.answers.join(' ')}, well again ${room.took} ms after there was room`);
}
const slow =
  rows.some(([, , , worst]) => worst > 5000) ||
  (clock?.worst ?? 0) > 5000 ||
  (clock?.took ?? 0) > 120000 ||
  (room?.took ?? 0) > 5000 ||
  room?.answers.some((status) => status < 400);
const idle = rows.some(([, killed]) => killed < kills / 2);
if (slow || idle || lost.length > 0 || kept.length < kills) {
  console.log(slow ? 'Not well within 5 s.' : idle ? 'Too few were there to be killed.' : `Lost: ${lost.slice(0, 5).join(', ')}`);
  process.exit(1);
}
