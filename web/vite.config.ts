import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';

/** Names the script that runs first in the page, before the one that waits for everything. */
const early: Plugin = {
  name: 'early',
  transformIndexHtml: {
    order: 'post',
    handler: (html, { bundle }) => {
      const first = Object.values(bundle ?? {}).find((file) => file.type === 'chunk' && file.name === 'early');
      const tag = `<script type="module" crossorigin src="/${first?.fileName}"></script>\n    `;
      return first ? html.replace('<script type="module"', `${tag}$&`) : html;
    },
  },
};

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    early,
    compression({ include: /\.(js|css)$/, algorithms: [defineAlgorithm('brotliCompress')], logLevel: 'silent' }),
  ],
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1500,
    rollupOptions: { input: { index: 'index.html', early: 'src/early.ts' } },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
});
