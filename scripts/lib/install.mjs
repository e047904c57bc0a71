import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { Stop, root, run } from './system.mjs'

const least = [20, 19]

export function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major < least[0] || (major === least[0] && minor < least[1]))
    throw new Stop(`Bushel needs Node ${least.join('.')} or newer; this is ${process.versions.node}.`)
}

/** Installs the npm packages when the lock file changed since the last time. */
export async function ensurePackages() {
  const stamp = join(root, 'node_modules/.bushel-lock')
  const wanted = hashOf([readFileSync(join(root, 'package-lock.json'))])
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  console.log('Installing npm packages…')
  await run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'], {
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  writeFileSync(stamp, wanted)
}

const sources = ['app', 'core', 'demo', 'modules', 'public', 'server', 'site']
const sourceFiles = ['nuxt.config.ts', 'package-lock.json']

/** Builds the server and the bench when a source changed since the last build. */
export async function ensureBuild() {
  const stamp = join(root, '.output/.sources')
  const wanted = hashOf(
    [
      ...sources.flatMap((folder) => filesBelow(join(root, folder))),
      ...sourceFiles.map((file) => join(root, file)),
    ].map((path) => `${path}\0${readFileSync(path, 'base64')}`),
  )
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  console.log('Building…')
  await run(join(root, 'node_modules/.bin/nuxt'), ['build'], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NODE_ENV: 'production', NUXT_TELEMETRY_DISABLED: '1' },
  })
  writeFileSync(stamp, wanted)
}

function filesBelow(folder) {
  return readdirSync(folder, { recursive: true })
    .map((name) => join(folder, name))
    .filter((path) => statSync(path).isFile() && !path.endsWith('.test.ts'))
    .sort()
}

function hashOf(parts) {
  const hash = createHash('sha256')
  for (const part of parts) hash.update(part)
  return hash.digest('hex')
}
