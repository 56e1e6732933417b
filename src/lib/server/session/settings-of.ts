import { readSettings, type Settings } from '../../forms';
import { remember } from './remember';
import type { Who } from './who';

const KNOWN = new Map<string, Settings>();

/** The settings of the workspace that is seen; a revision of them never changes. */
export const settingsOf = ({ workspaceId, settingsRevision, settings }: Who): Settings =>
  remember(KNOWN, `${workspaceId} ${settingsRevision}`, () => readSettings(settings));
