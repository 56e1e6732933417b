import type { Surroundings } from '$lib/server/store/cases';
import type { Tx } from '$lib/server/db/client';
import type { Who } from '$lib/server/session/who';

declare global {
  namespace App {
    interface Locals {
      who: Who;
      /** Runs work in a transaction of the asker's workspace. */
      inWorkspace: <T>(work: (tx: Tx) => Promise<T>) => Promise<T>;
      /** The asker's present, and where weather comes from. */
      around: Surroundings;
    }
  }
}
