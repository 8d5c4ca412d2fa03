// The worker and the database are killed while photos come in. On a database server of its own, with a copy of the shop in it.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, utimesSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { takeIn } from './people.mjs';
import { expect, test } from './watch.mjs';

const ROOT = join(import.meta.dirname, '../..');
const BIN = '/usr/lib/postgresql/15/bin';
const cluster = (script, folder) =>
  execFileSync('bash', ['-c', `set -e; . bin/launcher/cluster.sh; ${script}`, 'cluster', folder], {
    cwd: ROOT,
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'ignore'],
  }).trim();
const ended = (child) => new Promise((resolve) => child.on('exit', (code, signal) => resolve(signal ?? code)));

// As a crash does it: every process of that server at once, none of them asked.
function kill(folder) {
  const postmaster = Number(readFileSync(join(folder, 'data/postmaster.pid'), 'utf8').split('\n')[0]);
  const children = spawnSync('pgrep', ['-P', String(postmaster)], { encoding: 'utf8' })
    .stdout.split('\n')
    .filter(Boolean)
    .map(Number);
  for (const pid of [postmaster, ...children]) {
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It ended with the others.
    }
  }
}

test('worker and database are killed in mid-ingest: every picture that was accepted is there, whole and once', async ({ browser }) => {
  const number = await takeIn(browser, 'external-gear-pump', 'Night shift');
  const scratch = mkdtempSync(join(tmpdir(), 'killed-'));
  execFileSync('chmod', ['755', scratch]);
  const pg = join(scratch, 'pg');
  try {
    let database = cluster('make_cluster "$1"; start_cluster "$1"; make_database shop; database_url shop', pg);
    const plain = (url) => url.split('?')[0];
    execFileSync(
      'bash',
      [
        '-c',
        `set -o pipefail; ${BIN}/pg_dump --no-owner "$1" | ${BIN}/psql -q "$2"`,
        'copy',
        plain(process.env.DATABASE_URL),
        plain(database),
      ],
      {
        stdio: 'ignore',
      },
    );
    const environment = () => ({ ...process.env, JAPHREX_INBOX: join(scratch, 'inbox'), DATABASE_URL: database });
    const folder = join(scratch, 'inbox', number);
    mkdirSync(folder, { recursive: true });
    const names = ['gear-scored', 'gear-good', 'block-good', 'pan-bronze', 'seal-good', 'planet-good', 'race-good', 'spline-good'];
    const hashes = names.map((name) => {
      // Bytes that no other case holds, and old enough to be whole.
      const file = join(folder, `${name}.jpg`);
      execFileSync('vips', [
        'jpegsave',
        join(ROOT, 'demo/photos', `${name}.jpg`),
        file,
        '--Q',
        String(60 + Math.floor(Math.random() * 35)),
      ]);
      utimesSync(file, Date.now() / 1000 - 60, Date.now() / 1000 - 60);
      return createHash('sha256').update(readFileSync(file)).digest('hex');
    });
    const ingest = () => spawn('php', ['bin/console', 'app:inbox'], { cwd: ROOT, env: environment(), stdio: 'ignore' });
    const aside = () => (existsSync(join(folder, 'taken')) ? readdirSync(join(folder, 'taken')).length : 0);
    const stored = () =>
      spawnSync(
        `${BIN}/psql`,
        [
          '-Atq',
          plain(database),
          '-c',
          `select hash from photo join picture on picture.id = picture_id
             join case_file on case_file.id = case_id where number = '${number}'`,
        ],
        {
          encoding: 'utf8',
        },
      )
        .stdout.split('\n')
        .filter(Boolean);
    const verified = () =>
      spawnSync('php', ['bin/console', 'app:photos:verify'], { cwd: ROOT, env: environment(), encoding: 'utf8' }).stdout;

    const killed = ingest();
    const first = ended(killed);
    await expect.poll(aside, { intervals: [20] }).toBeGreaterThan(1);
    killed.kill('SIGKILL');
    expect(await first).toBe('SIGKILL');
    // What was moved aside was accepted, and is stored.
    expect(stored().length).toBeGreaterThanOrEqual(aside());
    expect(aside()).toBeLessThan(names.length);

    const cut = ingest();
    const second = ended(cut);
    const before = aside();
    await expect.poll(aside, { intervals: [20] }).toBeGreaterThan(before);
    kill(pg);
    expect(await second).not.toBe(0);
    const accepted = aside();
    database = cluster('start_cluster "$1"; database_url shop', pg);
    expect(stored().length).toBeGreaterThanOrEqual(accepted);
    expect(accepted).toBeLessThan(names.length);
    expect(verified()).toMatch(/\d+ photos/);
    expect(verified()).not.toContain(number);

    expect(await ended(ingest())).toBe(0);
    expect(stored().sort()).toEqual([...hashes].sort());
    expect(verified()).toMatch(/\d+ photos/);
    expect(verified()).not.toContain(number);
  } finally {
    cluster('stop_cluster "$1"', pg);
    rmSync(scratch, { recursive: true, force: true });
  }
});
