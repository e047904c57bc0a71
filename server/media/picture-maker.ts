import { fork } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { Problem } from '../http/problem'
import type { JobAnswer, PictureJob, TakenPicture } from './picture-jobs'

/**
 * How long one picture may take, how many may wait, and when the program is ended, in milliseconds
 * and bytes.
 */
const longestJob = 30_000
const mostWaiting = 300
const idleFor = 20_000
const mostMemory = 400_000_000

interface Waiting {
  readonly job: PictureJob
  readonly done: (answer: JobAnswer) => void
  readonly failed: (error: Error) => void
}

/** As many programs work on pictures at once. */
const programs = 2

/**
 * A program that works on one picture at a time. It is ended when one takes too long, and when it
 * has grown.
 */
class Program {
  isBusy = false
  private worker: ChildProcess | null = null

  run({ job, done, failed }: Waiting, then: () => void): void {
    const worker = (this.worker ??= startWorker())
    this.isBusy = true
    const settle = (act: () => void, isEnded: boolean) => {
      clearTimeout(timer)
      worker.off('message', answered).off('exit', ended)
      if (isEnded) this.end()
      this.isBusy = false
      act()
      then()
    }
    const answered = (answer: JobAnswer & { readonly memory: number }) =>
      settle(() => done(answer), answer.memory > mostMemory)
    const ended = () => settle(() => failed(new Error('The program that works on pictures ended.')), true)
    const timer = setTimeout(
      () =>
        settle(
          () =>
            done({
              fault:
                'This picture takes too long to work on. Save it smaller, or with less detail, and bring that.',
            }),
          true,
        ),
      longestJob,
    )
    worker.on('message', answered).once('exit', ended)
    worker.send(job)
  }

  /** Ends it, and gives back what it took. It is started again when it is needed. */
  end(): void {
    this.worker?.kill('SIGKILL')
    this.worker = null
  }
}

/**
 * Has pictures worked on by programs of their own, few at a time: those that somebody waits for
 * first. The programs are ended when there is nothing to do.
 */
export class PictureMaker {
  private readonly soon: Waiting[] = []
  private readonly later: Waiting[] = []
  private readonly all = Array.from({ length: programs }, () => new Program())
  private idle: NodeJS.Timeout | undefined

  /** Makes a picture safe and measures it, or says why it is not taken. */
  async take(bytes: Buffer, isDrawing: boolean): Promise<TakenPicture | { readonly fault: string }> {
    const answer = await this.ask({ do: 'take', bytes, isDrawing }, this.soon)
    if ('taken' in answer) return { ...answer.taken, bytes: Buffer.from(answer.taken.bytes) }
    return { fault: 'fault' in answer ? answer.fault : 'This picture could not be read.' }
  }

  /** Makes a picture at a width. Throws when it can't be made. */
  async make(job: Omit<Extract<PictureJob, { do: 'make' }>, 'do'>, isAwaited: boolean): Promise<Buffer> {
    const answer = await this.ask({ do: 'make', ...job }, isAwaited ? this.soon : this.later)
    if ('made' in answer) return Buffer.from(answer.made)
    throw new Error('fault' in answer ? answer.fault : 'The picture could not be made.')
  }

  stop(): void {
    clearTimeout(this.idle)
    for (const program of this.all) program.end()
  }

  private ask(job: PictureJob, queue: Waiting[]): Promise<JobAnswer> {
    if (queue.length >= mostWaiting)
      throw new Problem(
        503,
        'Too many pictures at once',
        'Other pictures are worked on just now. Try again in a minute.',
      )
    return new Promise((done, failed) => {
      queue.push({ job, done, failed })
      this.next()
    })
  }

  private next(): void {
    clearTimeout(this.idle)
    const free = this.all.find((program) => !program.isBusy)
    const waiting = free === undefined ? undefined : (this.soon.shift() ?? this.later.shift())
    if (free !== undefined && waiting !== undefined) return free.run(waiting, () => this.next())
    if (this.all.some((program) => program.isBusy)) return
    this.idle = setTimeout(() => this.stop(), idleFor)
    this.idle.unref()
  }
}

/** The program as it was built beside the server; from its source where nothing is built, as in tests. */
function startWorker(): ChildProcess {
  const built = fileURLToPath(new URL('./picture-worker.mjs', import.meta.url))
  const isBuilt = existsSync(built)
  const worker = fork(isBuilt ? built : join(process.cwd(), 'server/media/picture-worker.ts'), {
    serialization: 'advanced',
    execArgv: isBuilt ? [] : ['--import', 'tsx'],
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  })
  worker.on('error', (error) => console.warn(`The program that works on pictures: ${error.message}`))
  worker.unref()
  worker.channel?.unref()
  return worker
}

let maker: PictureMaker | undefined

/** The server's own. */
export function pictureMaker(): PictureMaker {
  maker ??= new PictureMaker()
  return maker
}
