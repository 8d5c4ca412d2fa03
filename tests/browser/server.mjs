// A server of a test's own, over the same shop: it may be killed, and comes again at the same address.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';

const ROOT = join(import.meta.dirname, '../..');

const freePort = () =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

export async function ownServer() {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let child = null;
  const start = async () => {
    child = spawn('php', ['-d', 'opcache.enable_cli=1', '-S', `127.0.0.1:${port}`, '-t', 'public', 'tests/browser/router.php'], {
      cwd: ROOT,
      stdio: 'ignore',
      env: { ...process.env, PHP_CLI_SERVER_WORKERS: '4' },
      detached: true,
    });
    for (let tries = 0; tries < 200; tries++) {
      const answer = await fetch(`${url}/login`).catch(() => null);
      if (answer?.ok) {
        return;
      }
      await new Promise((go) => setTimeout(go, 50));
    }
    throw new Error('The server of this test does not answer.');
  };
  // All of its workers at once, none of them asked; `STOP` leaves them standing with what they were about to answer.
  const signal = (name) => process.kill(-child.pid, `SIG${name}`);
  const end = () => child.exitCode === null && child.signalCode === null && signal('KILL');
  await start();
  return { url, start, signal, end };
}
