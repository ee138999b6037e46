import type { DataSourceOptions } from 'typeorm';
import type { PoolOptions } from 'mysql2';
import { NodePool } from './nodes.ts';
import { ENTITIES } from './tables.ts';
import { FirstSchema1764000000001 } from './migrations/0001-first-schema.ts';
import { WalkRound1764000000002 } from './migrations/0002-walk-round.ts';
import { SystemsAndShelf1764000000003 } from './migrations/0003-systems-and-shelf.ts';
import { PriceAndDocuments1764000000004 } from './migrations/0004-price-and-documents.ts';
import { PlanAndAir1764100000005 } from './migrations/0005-plan-and-air.ts';
import { SiteAndPeople1764200000006 } from './migrations/0006-site-and-people.ts';
import { JobsBetweenFirms1764300000007 } from './migrations/0007-jobs-between-firms.ts';
import { PunchList1764400000008 } from './migrations/0008-punch-list.ts';
import { Visits1764500000009 } from './migrations/0009-visits.ts';
import { WritesThatHold1764600000010 } from './migrations/0010-writes-that-hold.ts';
import { EventsNameWhatMoved1764600000011 } from './migrations/0011-events-name-what-moved.ts';
import { AFirmOfItsOwn1764700000012 } from './migrations/0012-a-firm-of-its-own.ts';
import { HoursAsSaid1764800000013 } from './migrations/0013-hours-as-said.ts';
import { DerivedAnswers1766200000027 } from './migrations/0027-derived-answers.ts';
import { Colours1766300000028 } from './migrations/0028-colours.ts';
import { PatchPictures1766400000029 } from './migrations/0029-patch-pictures.ts';
import { Practice1766500000030 } from './migrations/0030-practice.ts';
import { ColourParts1766600000031 } from './migrations/0031-colour-parts.ts';
import { DamageMarks1766700000032 } from './migrations/0032-damage-marks.ts';
import { Boards1766800000033 } from './migrations/0033-boards.ts';
import { MakersYears1766900000034 } from './migrations/0034-makers-years.ts';
import { Drills1767100000036 } from './migrations/0036-drills.ts';
import { PhotoFrames1767200000037 } from './migrations/0037-photo-frames.ts';
import { FirmPace1767300000038 } from './migrations/0038-firm-pace.ts';
import { Joints1767000000035 } from './migrations/0035-joints.ts';
import { Passkeys1766100000026 } from './migrations/0026-passkeys.ts';
import { PhotosByHash1766000000025 } from './migrations/0025-photos-by-hash.ts';
import { SecondLock1765900000024 } from './migrations/0024-second-lock.ts';
import { Doors1765800000023 } from './migrations/0023-doors.ts';
import { Yard1765700000022 } from './migrations/0022-yard.ts';
import { ClientPhotos1765600000021 } from './migrations/0021-client-photos.ts';
import { Logo1765500000020 } from './migrations/0020-logo.ts';
import { CameFrom1765400000019 } from './migrations/0019-came-from.ts';
import { Post1765300000018 } from './migrations/0018-post.ts';
import { OwnSums1765200000017 } from './migrations/0017-own-sums.ts';
import { ClientReplies1765100000016 } from './migrations/0016-client-replies.ts';
import { HandedOver1765000000015 } from './migrations/0015-handed-over.ts';
import { Withdrawn1764900000014 } from './migrations/0014-withdrawn.ts';

/** Where the database is: the nodes of a cluster in the order in which they are taken, or the one address. */
export function databaseUrls({ DATABASE_URLS: several = '', DATABASE_URL: one = '' } = process.env): string[] {
  const urls = (several || one)
    .split(',')
    .map((url) => url.trim())
    .filter(Boolean);
  if (urls.length === 0)
    throw new Error('DATABASE_URL is not set. Start with "npm start", which brings its own database.');
  return urls;
}

/** Over several nodes connections come from whichever can write; over one, from the driver's own pool. */
const overNodes = (urls: readonly string[]) =>
  urls.length > 1 ? { driver: { createPool: (options: PoolOptions) => new NodePool(urls, options) } } : {};

/** How the server reaches its database; `DATABASE_URL` is set by the start command, `DATABASE_URLS` names several nodes of one. */
export function databaseOptions(urls = databaseUrls()): DataSourceOptions {
  return {
    type: 'mariadb',
    url: urls[0]!,
    ...overNodes(urls),
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    entities: ENTITIES,
    migrations: [
      FirstSchema1764000000001,
      WalkRound1764000000002,
      SystemsAndShelf1764000000003,
      PriceAndDocuments1764000000004,
      PlanAndAir1764100000005,
      SiteAndPeople1764200000006,
      JobsBetweenFirms1764300000007,
      PunchList1764400000008,
      Visits1764500000009,
      WritesThatHold1764600000010,
      EventsNameWhatMoved1764600000011,
      AFirmOfItsOwn1764700000012,
      HoursAsSaid1764800000013,
      Withdrawn1764900000014,
      HandedOver1765000000015,
      ClientReplies1765100000016,
      OwnSums1765200000017,
      Post1765300000018,
      CameFrom1765400000019,
      Logo1765500000020,
      ClientPhotos1765600000021,
      Yard1765700000022,
      Doors1765800000023,
      SecondLock1765900000024,
      PhotosByHash1766000000025,
      Passkeys1766100000026,
      DerivedAnswers1766200000027,
      Colours1766300000028,
      PatchPictures1766400000029,
      Practice1766500000030,
      ColourParts1766600000031,
      DamageMarks1766700000032,
      Boards1766800000033,
      MakersYears1766900000034,
      Joints1767000000035,
      Drills1767100000036,
      PhotoFrames1767200000037,
      FirmPace1767300000038,
    ],
    synchronize: false,
    migrationsRun: false,
    connectTimeout: 5000,
    extra: { connectionLimit: 12, waitForConnections: true, queueLimit: 1000 },
  };
}
