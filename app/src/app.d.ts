import type { Preferences } from '$lib/bench/desk/preferences.ts';

declare global {
  namespace App {
    interface Locals {
      preferences: Preferences;
    }
  }
}
