import { ColumnsAndTables } from './columnsAndTables.ts';

/** What has just happened says about what, and by which write: a page fetches that anew, and knows its own. */
export class EventsNameWhatMoved1764600000011 extends ColumnsAndTables {
  name = 'EventsNameWhatMoved1764600000011';
  protected readonly columns = [
    ['event', 'subject CHAR(36) NULL'],
    ['event', 'write_id VARCHAR(64) NULL'],
  ] as const;
  protected readonly tables = {};
}
