import { defineConfig } from 'vitest/config';

/** Logic runs in Node; a component test asks for a document in its first line. */
export default defineConfig({ test: { include: ['resources/js/**/*.test.{ts,tsx}'] } });
