import { busyTimes, UnreadableCalendar, type Busy } from './busyFile.ts';

/** What is asked of the thread: a calendar file, the firm's zone, and between which moments it is read. */
export interface BusyAsked {
  ics: string;
  zone: string;
  from: Date;
  to: Date;
}

/** Reads a calendar file beside the requests: years of repeated events take their time. A fault comes back in words. */
export default function readInThread({ ics, zone, from, to }: BusyAsked): Busy[] | { fault: string } {
  try {
    return busyTimes(ics, zone, from, to);
  } catch (error) {
    if (!(error instanceof UnreadableCalendar)) throw error;
    return { fault: error.message };
  }
}
