import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

// The ground of the first paint is inline, so that no white shows before the stylesheet; the policy names it by hash.
const template = readFileSync(new URL('./src/app.html', import.meta.url), 'utf8');
const inlineStyle = /<style>([\s\S]*?)<\/style>/.exec(template)?.[1] ?? '';
const inlineHash = createHash('sha256').update(inlineStyle).digest('base64');

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  kit: {
    adapter: adapter({ out: 'build', precompress: true }),
    csp: {
      mode: 'nonce',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', `sha256-${inlineHash}`],
        // By a style attribute the framework's announcer of page changes hides itself, and a date field its caret.
        'style-src-attr': [
          'unsafe-hashes',
          'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo=',
          'sha256-dw8m3J0bqISo5p01IgHla3JZ/SRxlkU9bxbwYOKxTTI=',
        ],
        'img-src': ['self', 'data:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['none'],
        'form-action': ['self'],
        'frame-ancestors': ['none'],
      },
    },
    output: { preloadStrategy: 'modulepreload' },
  },
};
