import { readSettings, type Settings } from '../../forms';
import { Memory, weightOf } from './remember';
import type { Who } from './who';

const KNOWN = new Memory<Settings>(8_000_000, weightOf);

/** The settings of the workspace that is seen; a revision of them never changes. */
export const settingsOf = ({ workspaceId, settingsRevision, settings }: Who): Settings =>
  KNOWN.get(`${workspaceId} ${settingsRevision}`, () => readSettings(settings));
