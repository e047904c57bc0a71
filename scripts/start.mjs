import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { openData, startCluster } from './lib/cluster.mjs'
import { checkNode, ensureBuild, ensurePackages } from './lib/install.mjs'
import { Stop, isPortFree, root, run, runMain } from './lib/system.mjs'

/**
 * Starts Bushel: installs what is missing, starts a private database, builds when sources changed,
 * loads the demo site into an empty database and serves until Ctrl-C; what dies meanwhile is started
 * again. With --dev it serves with hot reload. DATABASE_URL, PORT and BUSHEL_DATA override.
 */
const dev = process.argv.includes('--dev')
const port = Number(process.env.PORT ?? 4310)

/** So often in a row is it tried; whoever served for so long, in milliseconds, begins anew. */
const mostTries = 5
const longEnough = 60_000

await runMain(async () => {
  checkNode()
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`PORT is “${process.env.PORT}”; use a number from 1 to 65535.`)
  if (!(await isPortFree(port)))
    throw new Stop(
      `Port ${port} of 127.0.0.1 is taken. End what uses it, or choose another: PORT=4311 npm start`,
    )
  const data = openData()
  await ensurePackages()
  const cluster = process.env.DATABASE_URL ? null : await startCluster(data)
  const stopping = new AbortController()
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stopping.abort())
  try {
    cluster?.createDatabase('bushel')
    const env = {
      ...process.env,
      DATABASE_URL: process.env.DATABASE_URL ?? cluster.address('bushel'),
      BUSHEL_SECRET: process.env.BUSHEL_SECRET ?? data.secrets.cookie,
      HOST: '127.0.0.1',
      PORT: String(port),
      NUXT_TELEMETRY_DISABLED: '1',
    }
    if (!dev) await ensureBuild()
    await run(process.execPath, ['--import', 'tsx', 'scripts/prepare-database.ts'], { env })
    const watching = cluster === null ? null : keepDatabase(cluster, stopping.signal)
    await keepServing(env, stopping.signal)
    await watching
  } finally {
    stopping.abort()
    cluster?.stop()
  }
})

/**
 * Serves until it is told to stop. A server that ends by itself is started again, each time after a
 * longer pause.
 */
async function keepServing(env, signal) {
  for (let tries = 0; !signal.aborted; tries += 1) {
    if (tries === mostTries)
      throw new Stop(
        `The server ended by itself ${mostTries} times in a row. Its messages stand above; mend what they say, then start again.`,
      )
    const begun = Date.now()
    const code = await serve(env, signal, tries === 0)
    if (signal.aborted) return
    if (Date.now() - begun > longEnough) tries = 0
    const delay = 500 * 2 ** tries
    console.warn(`The server ended by itself with ${code}. It is started again in ${delay / 1000} s.`)
    await waited(delay, signal)
  }
}

async function serve(env, signal, isFirst) {
  const [command, args] = dev
    ? [join(root, 'node_modules/.bin/nuxt'), ['dev', '--host', '127.0.0.1', '--port', String(port)]]
    : [process.execPath, [join(root, '.output/server/index.mjs')]]
  const child = spawn(command, args, {
    cwd: root,
    env,
    stdio: ['ignore', dev ? 'inherit' : 'ignore', 'inherit'],
  })
  const end = () => child.exitCode === null && child.signalCode === null && child.kill('SIGTERM')
  signal.addEventListener('abort', end, { once: true })
  const ended = new Promise((resolve) => child.on('exit', (code, killedBy) => resolve(killedBy ?? code)))
  if (isFirst)
    announce(await Promise.race([answers(`http://127.0.0.1:${port}/api/session`), ended.then(() => null)]))
  const code = await ended
  signal.removeEventListener('abort', end)
  return code
}

/** Starts the database again when it died. */
async function keepDatabase(cluster, signal) {
  const lookEvery = 1000
  let tries = 0
  while (!signal.aborted) {
    await waited(lookEvery * 2 ** tries, signal)
    if (signal.aborted || cluster.isRunning()) {
      tries = 0
      continue
    }
    if (tries === mostTries) {
      console.error(
        `The database could not be started again ${mostTries} times in a row. Its log says why; pages say that they are away until it is back.`,
      )
      tries -= 1
    }
    console.warn('The database ended by itself. It is started again.')
    try {
      cluster.startAgain()
      tries = 0
    } catch (error) {
      tries += 1
      console.warn(error instanceof Error ? error.message : String(error))
    }
  }
}

/** Waits, or until it is to stop. */
function waited(milliseconds, signal) {
  return pause(milliseconds, undefined, { signal }).catch(() => undefined)
}

function announce(session) {
  if (session === null) return
  console.log(`\n  Bushel      http://127.0.0.1:${port}/bench\n  The site    http://127.0.0.1:${port}/`)
  if (session.demo) console.log(`  Sign in     ${session.demo.email} with ${session.demo.password}`)
  console.log('\n  Ctrl-C stops it.\n')
}

/** Waits until the server answers. */
async function answers(address) {
  for (;;) {
    try {
      const answer = await fetch(address)
      if (answer.ok) return await answer.json()
    } catch {
      // It is not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
}
