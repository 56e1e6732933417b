import type { Database, Tx } from '$lib/server/db/client';
import type { House, Person, Who } from '$lib/server/session/who';
import type { Surroundings } from '$lib/server/store/case-facts';

declare global {
  namespace App {
    interface Locals {
      /** Told in the answer and in the log, so that one can be found by the other. */
      requestId: string;
      /** From which machine and with what kind of browser it is asked. */
      asks: { readonly from: string; readonly device: string };
      /** The password was right, and the code of the second factor is waited for. */
      half: boolean;
      /** True once the database was found not to answer. */
      away: boolean;
      db: Database;
      /** The session's token, as the cookie holds it. */
      token: string | undefined;
      house: House;
      /** Whoever is signed in. The hook lets nobody else to a page that is not open to all; null there. */
      person: Person;
      /** The person in the workspace that is seen. Null only on open pages and on a person's own. */
      who: Who;
      /** Runs work in a transaction of the asker's workspace; a viewer's transaction cannot write. */
      inWorkspace: <T>(work: (tx: Tx) => Promise<T>) => Promise<T>;
      /**
       * The same for what a page shows, as long as nothing of the workspace changed since it was read: see
       * `session/kept-answers.ts`. `what` holds all of the address that the answer depends on; nobody changes the answer.
       */
      kept: <T>(
        what: string,
        read: (tx: Tx) => Promise<T>,
        weigh?: (answer: NonNullable<T>) => number,
      ) => Promise<T>;
      /** The asker's present, and where weather comes from. */
      around: Surroundings;
    }
  }
}
