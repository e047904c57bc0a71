import PgBoss from 'pg-boss'
import type { Db } from '../db/client'
import { poolOf } from '../db/client'
import type { Job } from './define'

/** Where the package keeps its tables; a migration makes them. */
export const jobSchema = 'jobs'

const queues = new WeakMap<Db, PgBoss>()
const running = new WeakSet<Db>()

/** The queue of a database. It takes jobs also where nothing works on them yet. */
export function queueOf(db: Db): PgBoss {
  const known = queues.get(db)
  if (known !== undefined) return known
  const queue = new PgBoss({
    db: { executeSql: (text: string, values: unknown[]) => poolOf(db).query(text, values) },
    schema: jobSchema,
    migrate: false,
    // In seconds: how often it is looked for what a server left.
    maintenanceIntervalSeconds: 20,
    archiveCompletedAfterSeconds: 3600,
    deleteAfterDays: 7,
  })
  queue.on('error', (error) => console.warn(`Jobs: ${error.message}`))
  queues.set(db, queue)
  return queue
}

/** Whether this server works on the jobs of the database. */
export function areJobsRunning(db: Db): boolean {
  return running.has(db)
}

export function setJobsRunning(db: Db, are: boolean): void {
  if (are) running.add(db)
  else running.delete(db)
}

/** Sends for a job. Of several with one key, one waits at most. */
export async function sendJob<Data extends object>(
  db: Db,
  job: Pick<Job<Data>, 'name'>,
  data: Data,
  key: string,
): Promise<void> {
  await queueOf(db).send(job.name, data, { singletonKey: key })
}
