import type {
  ColourParts,
  Damage,
  WallFeature,
  Access,
  Facing,
  Family,
  Tried,
  Fault,
  MapPlace,
  SketchPlace,
  SurfaceFacts,
  TestRecord,
  View,
  Wanted,
  AirSource,
  Exclusion,
  JointLine,
  JointSaid,
  JobStatus,
} from '@rustic/core';

export interface DemoSurface {
  name: string;
  campaign?: string;
  facts: Partial<SurfaceFacts> & Pick<SurfaceFacts, 'element' | 'substrate'>;
  wanted?: Partial<Wanted>;
  tests?: TestRecord[];
  /** What the client keeps out. */
  leftOut?: Omit<Exclusion, 'id'>[];
  /** Damage where it is, on the first wall of its room. */
  damage?: { what: Damage | WallFeature; there?: boolean; x: number; y: number }[];
  /** Joints that are done with it, drawn on the sketch of its room or measured. */
  joints?: (JointSaid & { line?: JointLine })[];
  /** Parts in colours of their own. */
  colourParts?: ColourParts;
  access?: Access;
  /** Coats already logged: how many of the surface's coats, and how many minutes ago the last ended; with the steps before them, where it was `prepared`. */
  laid?: { coats: number | 'all'; lastEndedMinAgo: number; daysBetween?: number; prepared?: true; temperatureC: number; relativeHumidityPct: number };
  /** When it was last walked round after hand-over, in days ago. */
  walkedDaysAgo?: number;
  /** Faults found on it today, after the work. */
  faults?: { fault: Fault; note: string; sizeM2: number; view: View; mark?: SketchPlace }[];
}

export interface DemoJob {
  title: string;
  place: string;
  /** On the sketch map of the town, in kilometres. */
  mapPlace?: MapPlace;
  client: string;
  builtYear: number | null;
  status: JobStatus;
  note: string;
  /** Days from today that it starts; 'next-monday' for the next one. */
  starts: number | 'next-monday';
  /** Initials of those on it. */
  crew: string[];
  temperatureC: number;
  relativeHumidityPct: number;
  post: boolean;
  rooms: DemoRoom[];
  trial?: DemoTrial;
}

export interface DemoRoom {
  name: string;
  backBy?: string;
  /** Where its air is known from: elevations by the station, rooms by hand where not said. */
  airFrom?: AirSource;
  /** Size and openings, from which the walls are unfolded; in metres. */
  size?: { lengthM: number; widthM: number; heightM: number; windows: number; doors: number };
  /** Which way an elevation looks; rooms have none. */
  facing?: Facing;
  surfaces: DemoSurface[];
}

/** A trial board that is under way: laid some days ago, and looked at once. */
export interface DemoTrial {
  title: string;
  place: string;
  surface: string;
  /** What is done to each row of cells. */
  preparations: Tried[][];
  primers: Family[];
  topcoats: Family[];
  laidDaysAgo: number;
  /** How a cell of each primer looked at the first look, by thumbnail. */
  looked: Partial<Record<Family, string>>;
  untreated: string;
}
