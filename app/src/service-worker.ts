/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />

import { build, files, version } from '$service-worker';
import type { ShellMessage } from './lib/bench/light/shell.ts';

/**
 * Stands in when the server is lost. The browser's own error page is white, and white light fogs paper on the bench;
 * a run
 * that was open comes up again as it was kept, and anything else as a page that is black with dim red and goes back by itself
 * once the server answers.
 */
const worker = globalThis as unknown as ServiceWorkerGlobalScope;

const RETRY_SECONDS = 3;
/** A server that has not answered by then is lost, where a page was kept to be shown instead, ms. */
const PATIENCE_MS = 3000;
/** Where there is nothing better to show, it gets longer, ms. */
const LONG_PATIENCE_MS = 10_000;
/** How bright the page of a lost server is, for each step of the brightness. */
const LIT = [0.4, 0.55, 0.7, 0.86, 1];
const lostPage = (brightness: number) => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Server lost · Katachron</title>
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="dark"><meta http-equiv="refresh" content="${RETRY_SECONDS}">
<style>html{background:#000;color:rgb(${Math.round(214 * (LIT[brightness - 1] ?? 0.55))} 0 0);font:22px/1.5 sans-serif;cursor:url(/pointer-red-${brightness}.svg) 2 2,none}
body{margin:20vh auto;max-width:30em;padding:0 20px}</style></head>
<body><h1>The server does not answer</h1>
<p>What was poured and typed is kept in this browser. This page looks again every ${RETRY_SECONDS} seconds.</p>
</body></html>`;

/** The application itself; a new version has a new name, and the old ones are thrown away. */
const SHELL = `shell-${version}`;
/** Pages of runs, and the light; they outlive a version. */
const KEPT = 'kept';
const LIGHT = '/kept-light';
/** More runs than this nobody has in the sink. */
const MOST_PAGES = 6;

const shell = [...build, ...files];

worker.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(SHELL)
      .then((cache) => cache.addAll(shell))
      .then(() => worker.skipWaiting()),
  );
});

worker.addEventListener('activate', (event) => {
  const tidy = async () => {
    const old = (await caches.keys()).filter((name) => name !== SHELL && name !== KEPT);
    await Promise.all(old.map((name) => caches.delete(name)));
    await worker.clients.claim();
  };
  event.waitUntil(tidy());
});

worker.addEventListener('message', (event) => {
  const message = event.data as ShellMessage;
  const keep = async () => {
    const cache = await caches.open(KEPT);
    if (message.kind === 'light') await cache.put(LIGHT, new Response(JSON.stringify(message)));
    if (message.kind === 'keep') await keepPage(cache, message.path);
  };
  event.waitUntil(keep().catch(() => undefined));
});

async function keepPage(cache: Cache, path: string): Promise<void> {
  const response = await fetch(path, { credentials: 'same-origin' });
  if (!response.ok) return;
  await cache.delete(path);
  await cache.put(path, response);
  const pages = (await cache.keys()).filter(({ url }) => !url.endsWith(LIGHT));
  await Promise.all(pages.slice(0, -MOST_PAGES).map((page) => cache.delete(page)));
}

/** The light as the page told it last. */
async function lightNow(): Promise<{ light: string; brightness: number }> {
  const told = await (await caches.open(KEPT)).match(LIGHT);
  const { light = 'red', brightness = 2 } = told
    ? ((await told.json()) as { light?: string; brightness?: number })
    : {};
  return { light, brightness };
}

/** A kept page in the light that it is now: nothing white is painted on a bench in red light. */
async function inItsLight(kept: Response): Promise<Response> {
  const html = await kept.text();
  const { light, brightness } = await lightNow();
  const white = light === 'white';
  const lit = html
    .replace(/data-light="\w+"/, `data-light="${light}"`)
    .replace(/data-brightness="\d"/, `data-brightness="${brightness}"`)
    .replace(/(name="color-scheme" content=")\w+/, `$1${white ? 'light' : 'dark'}`)
    .replace(/(name="theme-color" content=")#\w+/, `$1${white ? '#efece4' : '#000000'}`);
  return new Response(lit, { headers: kept.headers });
}

/** The page from the server; from what was kept, or a page that says so, when that is lost or hangs. */
async function pageOf(request: Request, path: string): Promise<Response> {
  const kept = await (await caches.open(KEPT)).match(path);
  const given = new AbortController();
  const timer = setTimeout(() => given.abort(), kept ? PATIENCE_MS : LONG_PATIENCE_MS);
  try {
    return await fetch(request, { signal: given.signal });
  } catch {
    if (kept) return inItsLight(kept);
    const { brightness } = await lightNow();
    return new Response(lostPage(brightness), {
      status: 503,
      headers: { 'content-type': 'text/html; charset=utf-8' },
    });
  } finally {
    clearTimeout(timer);
  }
}

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== worker.location.origin) return;
  if (shell.includes(pathname)) {
    event.respondWith(caches.match(pathname).then((kept) => kept ?? fetch(request)));
  } else if (request.mode === 'navigate') {
    event.respondWith(pageOf(request, pathname));
  }
});
