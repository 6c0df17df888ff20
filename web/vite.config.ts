import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';
import { pagesAhead } from './pages-ahead.ts';

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    pagesAhead(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src/worker',
      filename: 'sw.ts',
      injectRegister: false,
      injectManifest: { globPatterns: ['index.html', '**/*.{js,svg,woff2}'] },
      manifest: {
        name: 'Wren Lane',
        short_name: 'Wren Lane',
        description: 'Plans cone courses and follows riders in slow-speed motorcycle lessons.',
        start_url: '/range',
        display: 'standalone',
        background_color: '#f4f1ea',
        theme_color: '#22262b',
        icons: [{ src: '/wren.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
    }),
    // A seventh less to fetch than what the server would squeeze itself, and nothing to squeeze while somebody waits.
    compression({ algorithms: ['brotliCompress'], include: /assets\/.*\.js$|pages\/.*\.html$/ }),
  ],
  server: { proxy: { '/api': `http://127.0.0.1:${process.env['WREN_PORT'] ?? 8787}` } },
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 600,
    rolldownOptions: {
      // A page that something else imports by its name comes along with every stop.
      onwarn: (warning, warn) => {
        if (warning.code === 'INEFFECTIVE_DYNAMIC_IMPORT') throw new Error(warning.message);
        warn(warning);
      },
      output: {
        // What many pages share comes in one piece: three dozen of a few hundred bytes are as many round trips.
        codeSplitting: {
          groups: [{ name: 'shared', test: /web\/src\/(shared|features)\//, minShareCount: 3 }],
        },
      },
    },
  },
  test: {
    setupFiles: ['./test-setup.ts'],
    testTimeout: 60_000,
    // Modules are loaded once for all files, which takes most of the time; but what mocks one has to load its own.
    projects: [
      {
        extends: true,
        test: {
          name: 'plain',
          isolate: false,
          include: ['src/**/*.test.{ts,tsx}'],
          exclude: ['src/**/*.mocked.test.{ts,tsx}'],
        },
      },
      { extends: true, test: { name: 'mocked', include: ['src/**/*.mocked.test.{ts,tsx}'] } },
    ],
  },
});
