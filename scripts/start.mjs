import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { openData, startCluster } from './lib/cluster.mjs'
import { checkNode, ensureBuild, ensurePackages } from './lib/install.mjs'
import { Stop, isPortFree, root, run, runMain } from './lib/system.mjs'

/**
 * Starts Bushel: installs what is missing, starts a private database, builds when sources changed,
 * loads the demo site into an empty database and serves until Ctrl-C. With --dev it serves with
 * hot reload. DATABASE_URL, PORT and BUSHEL_DATA override.
 */
const dev = process.argv.includes('--dev')
const port = Number(process.env.PORT ?? 4310)

await runMain(async () => {
  checkNode()
  if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Stop(`PORT is “${process.env.PORT}”; use a number from 1 to 65535.`)
  if (!(await isPortFree(port))) throw new Stop(`Port ${port} of 127.0.0.1 is taken. End what uses it, or choose another: PORT=4311 npm start`)
  const data = openData()
  await ensurePackages()
  const cluster = process.env.DATABASE_URL ? null : await startCluster(data)
  let child = null
  let stopping = false
  const stopAll = () => {
    if (stopping) return
    stopping = true
    if (child && child.exitCode === null && child.signalCode === null) child.kill('SIGTERM')
    else cluster?.stop()
  }
  process.on('SIGINT', stopAll)
  process.on('SIGTERM', stopAll)
  process.on('SIGHUP', stopAll)
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
    if (stopping) return
    const [command, args] = dev
      ? [join(root, 'node_modules/.bin/nuxt'), ['dev', '--host', '127.0.0.1', '--port', String(port)]]
      : [process.execPath, [join(root, '.output/server/index.mjs')]]
    child = spawn(command, args, { cwd: root, env, stdio: ['ignore', dev ? 'inherit' : 'ignore', 'inherit'] })
    const ended = new Promise((resolve) => child.on('exit', (code) => resolve(code)))
    announce(await Promise.race([answers(`http://127.0.0.1:${port}/api/session`), ended.then(() => null)]))
    const code = await ended
    if (!stopping) throw new Stop(`The server ended by itself with ${code}. Its messages stand above.`)
  } finally {
    stopping = true
    cluster?.stop()
  }
})

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
