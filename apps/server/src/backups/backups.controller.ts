import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { Answers } from '../answers/answer.ts';
import { backupsAnswer } from '../answers/firm.ts';
import { ForOwners } from '../people/roles.ts';

/** What the start command tells of the backups that it makes. Other firms of this server are in them too: no counts. */
const status = z.object({
  last: z.object({ at: z.string(), bytes: z.number() }).nullable(),
  fault: z.object({ at: z.string(), words: z.string() }).nullable(),
  rule: z.object({ folder: z.string(), everyH: z.number(), keep: z.number(), days: z.number() }),
});
const NONE = { made: false, folder: null, everyH: null, keep: null, days: null, last: null, fault: null };

/** Whether everything is kept elsewhere, and since when. */
@ApiTags('health')
@Controller('api/backups')
export class BackupsController {
  @ForOwners() @Answers('backups', backupsAnswer) @Get() async backups() {
    const folder = process.env['BACKUP_DIR'];
    if (!folder) return NONE;
    const said = await readFile(join(folder, 'backups.json'), 'utf8')
      .then((text): unknown => JSON.parse(text))
      .catch(() => null);
    const read = status.safeParse(said);
    // Cut off by a full disk, or damaged, it says nothing; the next backup writes it anew.
    if (!read.success) return { ...NONE, made: true, folder };
    const { last, fault, rule } = read.data;
    return { made: true, ...rule, last, fault };
  }
}
