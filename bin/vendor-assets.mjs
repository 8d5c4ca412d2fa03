// Copies the dist files of the npm packages that ship with the application into assets/vendor/: npm run vendor.
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

const files = {
  'bootstrap/dist/css/bootstrap-reboot.min.css': 'bootstrap/bootstrap-reboot.min.css',
  'bootstrap/LICENSE': 'bootstrap/LICENSE',
  'htmx.org/dist/htmx.min.js': 'htmx/htmx.min.js',
  'htmx.org/LICENSE': 'htmx/LICENSE',
  '@fontsource/barlow/files/barlow-latin-400-normal.woff2': 'fonts/barlow-400.woff2',
  '@fontsource/barlow/files/barlow-latin-600-normal.woff2': 'fonts/barlow-600.woff2',
  '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-500-normal.woff2': 'fonts/barlow-semi-condensed-500.woff2',
  '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-600-normal.woff2': 'fonts/barlow-semi-condensed-600.woff2',
  '@fontsource-variable/jetbrains-mono/files/jetbrains-mono-latin-wght-normal.woff2': 'fonts/jetbrains-mono.woff2',
  '@fontsource/barlow/LICENSE': 'fonts/LICENSE-barlow',
  '@fontsource-variable/jetbrains-mono/LICENSE': 'fonts/LICENSE-jetbrains-mono',
};

for (const [from, to] of Object.entries(files)) {
  const target = `assets/vendor/${to}`;
  mkdirSync(dirname(target), { recursive: true });
  copyFileSync(`node_modules/${from}`, target);
  if (target.endsWith('.css')) {
    writeFileSync(target, readFileSync(target, 'utf8').replace(/\/\*# sourceMappingURL=.*\*\//, ''));
  }
}
