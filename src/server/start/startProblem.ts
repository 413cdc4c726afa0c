import { NewerData } from '../store/openDatabase';
import { DatabaseGone } from './databaseGone';
import { FolderTaken } from './lockFolder';

/** Why a server cannot start, in words that say what to do; undefined for what nobody foresaw. */
export function startProblem(error: unknown, dataDir: string): string | undefined {
  if ([DatabaseGone, FolderTaken, NewerData].some((known) => error instanceof known))
    return (error as Error).message;
  switch (String((error as { code?: unknown } | null)?.code)) {
    case 'SQLITE_CORRUPT':
    case 'SQLITE_NOTADB':
      return `The database in ${dataDir} is damaged. Put it aside and bring back the last backup: bin/restore DIR.`;
    case 'EACCES':
    case 'EPERM':
    case 'EROFS':
    case 'SQLITE_READONLY':
    case 'SQLITE_READONLY_DIRECTORY':
    case 'SQLITE_READONLY_DBMOVED':
    case 'SQLITE_CANTOPEN':
      return `Zelk may not write in ${dataDir}. Give it a folder of its own with ZELK_DATA, or let it write there.`;
    case 'ENOSPC':
    case 'EDQUOT':
    case 'SQLITE_FULL':
      return `There is no room left where ${dataDir} lies. Make room, then start Zelk again.`;
    case 'ENOTDIR':
    case 'EEXIST':
      return `${dataDir} is not a folder. Set ZELK_DATA to one.`;
    default:
      return undefined;
  }
}
