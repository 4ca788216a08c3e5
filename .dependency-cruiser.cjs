/** Folders as floors of a house, the lowest first: none imports anything of a floor above it, so there is no circle. Pages themselves come last. */
const FLOORS = ['words', 'api', 'session', 'kit', 'drawing', 'people', 'picture', 'step', 'piece', 'plan', 'pots', 'colour', 'shelf', 'bench', 'counter', 'ledger', 'offer', 'passport', 'owner', 'workshop', 'help']
const folder = (name) => `^web/src/${name}/`

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    { name: 'folder-has-its-floor', severity: 'error', from: {}, to: { path: '^web/src/[^/]+/', pathNot: FLOORS.map(folder) } },
    ...FLOORS.map((name, i) => ({
      name: `${name}-lies-below`,
      severity: 'error',
      from: { path: folder(name) },
      to: { path: ['^web/src/[^/]+$', ...FLOORS.slice(i + 1).map(folder)] },
    })),
    { name: 'nobody-needs-it', severity: 'error', from: { orphan: true, pathNot: 'env\\.d\\.ts$' }, to: {} },
    { name: 'cannot-be-found', severity: 'error', from: {}, to: { couldNotResolve: true, pathNot: '^(?:vue-router/auto|virtual:words/)' } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    extraExtensionsToScan: ['.css'],
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js', '.css'] },
  },
}
