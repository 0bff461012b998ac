/* Run after the build: writes the first page beside the page that all screens live in. */
import { readFileSync, writeFileSync } from 'node:fs';
import { firstPage } from './target/first/firstPage.js';

writeFileSync('dist/first.html', firstPage(readFileSync('dist/index.html', 'utf8')));
