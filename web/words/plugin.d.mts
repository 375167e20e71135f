import type { Plugin } from 'vite';

export function words(): Plugin;
