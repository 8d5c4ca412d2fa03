// Makes what ships with the application in assets/vendor/: copies the dist files of npm packages, and compiles Bootstrap with our
// variables. `npm run vendor` writes it, `npm run vendor -- --check` says whether the compiled sheet is of these sources.
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { compile } from 'sass';

const files = {
  'bootstrap/LICENSE': 'bootstrap/LICENSE',
  'htmx.org/dist/htmx.min.js': 'htmx/htmx.min.js',
  'htmx.org/LICENSE': 'htmx/LICENSE',
  'idiomorph/dist/idiomorph.min.js': 'idiomorph/idiomorph.min.js',
  'idiomorph/LICENSE': 'idiomorph/LICENSE',
  '@fontsource/barlow/files/barlow-latin-400-normal.woff2': 'fonts/barlow-400.woff2',
  '@fontsource/barlow/files/barlow-latin-600-normal.woff2': 'fonts/barlow-600.woff2',
  '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-500-normal.woff2': 'fonts/barlow-semi-condensed-500.woff2',
  '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-600-normal.woff2': 'fonts/barlow-semi-condensed-600.woff2',
  '@fontsource-variable/jetbrains-mono/files/jetbrains-mono-latin-wght-normal.woff2': 'fonts/jetbrains-mono.woff2',
  '@fontsource/barlow/LICENSE': 'fonts/LICENSE-barlow',
  '@fontsource-variable/jetbrains-mono/LICENSE': 'fonts/LICENSE-jetbrains-mono',
};

const sheet = 'assets/vendor/bootstrap/bootstrap.min.css';
const { css } = compile('assets/sass/bootstrap.scss', {
  loadPaths: ['node_modules'],
  style: 'compressed',
  quietDeps: true,
  // Bootstrap 5 still names its parts the old way.
  silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
});
if (process.argv.includes('--check')) {
  if (readFileSync(sheet, 'utf8') !== css) {
    console.error(`${sheet} is not what assets/sass makes. Run: npm run vendor`);
    process.exit(1);
  }
} else {
  writeFileSync(sheet, css);
  for (const [from, to] of Object.entries(files)) {
    const target = `assets/vendor/${to}`;
    mkdirSync(dirname(target), { recursive: true });
    copyFileSync(`node_modules/${from}`, target);
  }
}
