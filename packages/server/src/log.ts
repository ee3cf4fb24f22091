import { pino } from 'pino';

/** One log for the server; names and free text are not logged. */
export const log = pino({ level: process.env.FURROW_LOG ?? 'warn' });
