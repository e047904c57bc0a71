import { spawn, spawnSync } from 'node:child_process'
import { accessSync, constants, existsSync, mkdirSync } from 'node:fs'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'

/** The project's folder. */
export const root = fileURLToPath(new URL('../..', import.meta.url)).replace(/\/$/, '')

/** A failure whose message says what to do; printed without a stack. */
export class Stop extends Error {}

/** Runs a command to its end, its output shown. Throws Stop when it fails. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', ...options })
    child.on('error', (error) => reject(new Stop(`${command} could not be started: ${error.message}`)))
    child.on('exit', (code, signal) =>
      code === 0
        ? resolve()
        : reject(new Stop(`${[command, ...args].join(' ')} ended with ${signal ?? code}.`)),
    )
  })
}

/** Runs a short command and gives what it printed; `ok` tells whether it succeeded. */
export function ask(command, args, options = {}) {
  const { status, stdout, stderr, error } = spawnSync(command, args, { encoding: 'utf8', ...options })
  return { ok: status === 0 && !error, output: `${stdout ?? ''}${stderr ?? ''}`.trim() }
}

export const isRoot = process.getuid?.() === 0

/** Installs Debian packages as root or through sudo. Throws Stop where neither is possible. */
export async function installPackages(packages, why) {
  if (!existsSync('/usr/bin/apt-get'))
    throw new Stop(
      `${why} needs ${packages.join(', ')}, and this is not a Debian system. Install them and start again.`,
    )
  if (!isRoot && !ask('sudo', ['-n', 'true']).ok)
    throw new Stop(
      `${why} needs Debian's ${packages.join(', ')}. Run “sudo apt-get install ${packages.join(' ')}”, then start again.`,
    )
  console.log(`Installing ${packages.join(', ')}…`)
  const [command, prefix] = isRoot
    ? ['apt-get', []]
    : ['sudo', ['-n', 'DEBIAN_FRONTEND=noninteractive', 'apt-get']]
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const stdio = ['ignore', 'ignore', 'inherit']
  await run(command, [...prefix, 'update', '-q'], { env, stdio })
  await run(command, [...prefix, 'install', '-y', '-q', '--no-install-recommends', ...packages], {
    env,
    stdio,
  })
}

/** Makes a folder that must be writable. Throws Stop when it isn't. */
export function writableFolder(path) {
  try {
    mkdirSync(path, { recursive: true })
    accessSync(path, constants.W_OK)
  } catch {
    throw new Stop(
      `The folder ${path} cannot be written. Give this user the right to, or set BUSHEL_DATA to another folder.`,
    )
  }
  return path
}

/** Whether nothing listens on a port of 127.0.0.1. */
export function isPortFree(port) {
  return new Promise((resolve) => {
    const server = createServer()
    server.once('error', () => resolve(false))
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)))
  })
}

/** A port of 127.0.0.1 that is free now. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer()
    server.once('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address()
      server.close(() => resolve(port))
    })
  })
}

/** Runs `main`; a Stop is printed as its message alone. */
export async function runMain(main) {
  try {
    await main()
  } catch (error) {
    console.error(error instanceof Stop ? `\n${error.message}\n` : error)
    process.exitCode = 1
  }
}
