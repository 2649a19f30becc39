import type { Preferences } from '$lib/contract/preferences.ts';

declare global {
  namespace App {
    interface Locals {
      preferences: Preferences;
    }
  }
}
