import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { Preferences, defaultPreferences } from '$lib/bench/desk/preferences.ts';
import { closeDatabase } from '$lib/server/database/connection.ts';
import { connectionTrouble } from '$lib/server/database/connection-trouble.ts';
import { migrate } from '$lib/server/database/migrate.ts';
import { refuseForeign } from '$lib/server/doors.ts';
import { keptParts } from '$lib/server/kept.ts';
import { log } from '$lib/server/log.ts';
import { loadDemo } from '$lib/server/seeds/load.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { cookieNames } from '$lib/kit/cookie.ts';

/** The command that started the server adds nothing to a sentence said with this exit code. */
const TOLD_WHY = 3;

export const init: ServerInit = async () => {
  // Whoever ends the server waits for this, so that the database is left in order.
  process.on('katachron:end', (goodbyes: Promise<void>[]) => goodbyes.push(closeDatabase()));
  try {
    await migrate();
    if (process.env.KATACHRON_MIGRATE_ONLY) process.exit(0);
    if (process.env.KATACHRON_DEMO) await loadDemo();
    // Nobody waits for it, and nothing is wrong with a server that could not.
    void pictures.tidy(Date.now()).catch((cause: unknown) => log.error(cause));
  } catch (cause) {
    const sentence = connectionTrouble(cause, process.env.DATABASE_URL ?? '');
    if (!sentence) throw cause;
    console.error(sentence);
    process.exit(TOLD_WHY);
  }
};

export const handle: Handle = async ({ event, resolve }) => {
  const refused = refuseForeign(event.request);
  if (refused) return refused;
  event.locals.preferences = keptParts(
    event.cookies,
    cookieNames.preferences,
    Preferences,
    defaultPreferences,
  );
  const { light, brightness } = event.locals.preferences;
  const white = light === 'white';
  const response = await resolve(event, {
    // The page arrives in its light: nothing white is painted before a script has run.
    transformPageChunk: ({ html }) =>
      html
        .replace('%katachron.light%', light)
        .replace('%katachron.brightness%', String(brightness))
        .replace('%katachron.scheme%', white ? 'light' : 'dark')
        .replace('%katachron.ground%', white ? '#efece4' : '#000000'),
    preload: ({ type, path }) =>
      type === 'css' || type === 'js' || (type === 'font' && path.includes('latin')),
  });
  return response;
};

export const handleError: HandleServerError = ({ error, status, message }) => {
  if (status >= 500) log.error(error);
  return { message: status === 404 ? 'There is nothing at this address.' : message };
};
