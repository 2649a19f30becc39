import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';
import { cutFonts } from './cut-fonts.ts';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit(), cutFonts()],
  worker: { format: 'es' },
});
