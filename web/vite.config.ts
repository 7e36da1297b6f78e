import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  // It names its parts as folders, which Node does not find by itself.
  ssr: { noExternal: ['@atlaskit/pragmatic-drag-and-drop'] },
  server: { fs: { allow: ['..'] } },
});
