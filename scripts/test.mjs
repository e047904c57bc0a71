import { existsSync, readFileSync, rmSync } from 'node:fs'
import { join, relative } from 'node:path'
import { stripVTControlCharacters } from 'node:util'
import { openData, startCluster } from './lib/cluster.mjs'
import { checkNode, ensureBuild, ensurePackages } from './lib/install.mjs'
import { installPackages, root, run, runMain } from './lib/system.mjs'

/**
 * Checks everything from nothing: types, form, lint, import arrows, then unit, database and browser tests
 * on a database server of their own. Ends with the plain line “N passed, N failed”. Names of tests
 * to run may follow, and parts of names of files: npm test -- browser malformed
 */
const asked = process.argv.slice(2)
const kinds = ['unit', 'database', 'browser']
const only = asked.filter((name) => !kinds.includes(name))
const projects = kinds.filter((name) => asked.length === 0 || asked.includes(name))
const bin = (name) => join(root, 'node_modules/.bin', name)
const chromium = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell'

const checks = [
  ['types', bin('vue-tsc'), ['-b', '--noEmit']],
  ['types of scripts and tests', bin('tsc'), ['-p', 'tsconfig.scripts.json']],
  ['form', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
  ['lint', bin('eslint'), ['.', '--max-warnings', '0']],
  [
    'import arrows',
    bin('depcruise'),
    [
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'err',
      'app',
      'core',
      'demo',
      'server',
      'site',
      'scripts',
    ],
  ],
]

await runMain(async () => {
  checkNode()
  if (projects.includes('browser') && !existsSync(chromium))
    await installPackages(['chromium-headless-shell'], 'The browser tests')
  const data = openData(join(root, '.data/test'))
  await ensurePackages()
  const count = { passed: 0, failed: 0, failures: [] }
  await run(bin('nuxt'), ['prepare'], { stdio: ['ignore', 'ignore', 'inherit'] })
  if (projects.includes('browser')) await ensureBuild()
  // Begun anew each time, so that nothing of an earlier run is tested by mistake.
  const cluster = projects.some((name) => name !== 'unit')
    ? await startCluster(data, { safe: false, fresh: true })
    : null
  const stop = () => cluster?.stop()
  process.once('SIGINT', stop)
  process.once('SIGTERM', stop)
  try {
    const runKind = (kind) => runProject(kind, cluster?.address('postgres'), count)
    // The database's tests wait for it half the time, which is enough for all that needs no server.
    const early = async () => {
      if (asked.length === 0) await runChecks(count)
      if (projects.includes('unit')) await runKind('unit')
    }
    const late = projects.includes('database') ? runKind('database') : null
    await Promise.all([early(), late])
    if (projects.includes('browser')) await runKind('browser')
  } finally {
    stop()
  }
  // Said once more at the end, where somebody looks who has only that.
  for (const failure of count.failures) console.log(`✗ ${failure}`)
  console.log(`${count.passed} passed, ${count.failed} failed`)
  if (count.failed > 0) process.exitCode = 1
})

async function runChecks(count) {
  for (const check of checks) await runCheck(check, count)
}

async function runCheck([name, command, args], count) {
  const started = Date.now()
  try {
    await run(command, args)
    count.passed += 1
    console.log(`✓ ${name} (${Math.round((Date.now() - started) / 1000)} s)`)
  } catch {
    count.failed += 1
    count.failures.push(name)
    console.log(`✗ ${name}`)
  }
}

async function runProject(project, database, count) {
  const report = join(root, `.data/test/${project}.json`)
  rmSync(report, { force: true })
  const args = [
    'run',
    '--project',
    project,
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report}`,
    ...only,
  ]
  const env = { ...process.env, ...(database ? { BUSHEL_TEST_DATABASE: database } : {}), CHROMIUM: chromium }
  const failed = await run(bin('vitest'), args, { env }).then(
    () => false,
    () => true,
  )
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null
  count.passed += result?.numPassedTests ?? 0
  const failures = failuresIn(result)
  if (failed && failures.length === 0) failures.push(`${project}: did not end as it should; see above`)
  count.failed += failures.length
  count.failures.push(...failures)
}

/** Each failed test of a report, and each file that could not be read: where it stands, and what was wrong. */
function failuresIn(report) {
  return (report?.testResults ?? []).flatMap((file) => {
    const where = relative(root, file.name)
    const tests = file.assertionResults.filter((test) => test.status === 'failed')
    if (tests.length === 0 && file.status === 'failed') return [`${where}\n${beginningOf(file.message)}`]
    return tests.map(
      (test) => `${where}: ${test.fullName}\n${test.failureMessages.map(beginningOf).join('\n')}`,
    )
  })
}

/** The first lines of what was wrong, set in below its name. */
function beginningOf(message) {
  const lines = stripVTControlCharacters(message).split('\n').slice(0, 12)
  return lines.map((line) => `    ${line}`).join('\n')
}
