/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />

/**
 * Stands in when the server is lost. The browser's own error page is white, and white light fogs paper on the bench;
 * this one is black with dim red, and goes back to the page by itself once the server answers.
 */
const worker = globalThis as unknown as ServiceWorkerGlobalScope;

const RETRY_SECONDS = 3;
const lostPage = `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Server lost · Katachron</title>
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="dark"><meta http-equiv="refresh" content="${RETRY_SECONDS}">
<style>html{background:#000;color:rgb(150 0 0);font:22px/1.5 sans-serif;cursor:url(/pointer-red.svg) 2 2,none}
body{margin:20vh auto;max-width:30em;padding:0 20px}</style></head>
<body><h1>The server does not answer</h1>
<p>What was poured and typed is kept in this browser. This page looks again every ${RETRY_SECONDS} seconds.</p>
</body></html>`;

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener('fetch', (event) => {
  if (event.request.mode !== 'navigate') return;
  event.respondWith(
    fetch(event.request).catch(
      () =>
        new Response(lostPage, {
          status: 503,
          headers: { 'content-type': 'text/html; charset=utf-8' },
        }),
    ),
  );
});
