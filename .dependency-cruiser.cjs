/**
 * Who may import whom. The rooms of core stand on those before them in the list, never sideways in a circle; packages
 * and applications stand on core and contract, never on each other.
 */

const rooms = require('./rooms.json');

const room = (name) => `^packages/core/src/${name}/`;
const forbid = (name, from, to, comment) => ({
  name,
  severity: 'error',
  comment,
  from: { path: from },
  to: { path: to },
});

const upward = rooms.core
  .slice(0, -1)
  .map((name, index) =>
    forbid(
      `core-${name}-stands-below`,
      room(name),
      `^packages/core/src/(${rooms.core.slice(index + 1).join('|')})/`,
      `${name} may only stand on rooms before it`,
    ),
  );

const serverUpward = rooms.server
  .slice(0, -1)
  .map((name, index) =>
    forbid(
      `server-${name}-stands-below`,
      `^apps/server/src/${name}/(?!.*\\.spec)`,
      `^apps/server/src/(${rooms.server.slice(index + 1).join('|')})/`,
      `${name} may only stand on folders before it`,
    ),
  );

const webUpward = rooms.web
  .slice(0, -1)
  .map((name, index) =>
    forbid(
      `web-${name}-stands-below`,
      `^apps/web/src/app/${name}/(?!.*\\.spec)`,
      `^apps/web/src/app/(${rooms.web.slice(index + 1).join('|')})/`,
      `${name} may only stand on rooms before it`,
    ),
  );

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...upward,
    forbid('cutting-and-drawing-apart', room('drawing'), room('cutting'), 'both stand on plan, not on each other'),
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core takes nothing from node or from packages (tests may)',
      from: { path: '^packages/core/src', pathNot: '\\.spec(-data)?\\.ts$' },
      to: { dependencyTypes: ['core', 'npm', 'npm-dev', 'npm-no-pkg', 'npm-unknown'] },
    },
    forbid('core-stands-alone', '^packages/core/', '^(packages/(?!core)|apps|e2e)/', 'core knows nobody'),
    forbid('contract-on-core', '^packages/contract/', '^(packages/cli|apps|e2e)/', 'contract stands on core'),
    forbid('cli-on-core', '^packages/cli/', '^(packages/contract|apps|e2e)/', 'the command line stands on core'),
    forbid('server-alone', '^apps/server/', '^(packages/cli|apps/web|e2e)/', 'server stands on core and contract'),
    forbid('web-alone', '^apps/web/', '^(packages/cli|apps/server|e2e)/', 'web stands on core and contract'),
    ...serverUpward,
    ...webUpward,
    forbid(
      'server-is-asked-in-one-room',
      '^apps/web/src/app/(?!server-api/|app\\.config)(?!.*\\.spec)',
      'node_modules/@angular/common/.*http',
      'requests are made in server-api',
    ),
    forbid(
      'routers-ask-services',
      '^apps/server/src/.*/router\\.ts$',
      '(/repository\\.ts$|^apps/server/src/db/)',
      'a router holds a service',
    ),
    forbid(
      'repositories-know-no-http',
      '^apps/server/src/.*/repository\\.ts$',
      '^apps/server/src/http/',
      'a repository answers with outcomes',
    ),
    forbid(
      'services-know-no-express',
      '^apps/server/src/.*/(service|repository)\\.ts$',
      'node_modules/express',
      'HTTP stays in routers',
    ),
    forbid(
      'sql-in-repositories',
      '^apps/server/src/(?!db/|main|share|app|health/service|looking/worker|own-server)(?!.*(repository|entries)\\.ts$)(?!.*\\.spec)',
      '^apps/server/src/db/',
      'SQL stays in repositories',
    ),
    forbid(
      'through-the-face',
      '^(apps|packages/(?!core))',
      '^packages/core/src/(?!index|length/index)',
      'core is used through its index, or its lengths through theirs, which do not bring the planner along',
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.angular|\\.together|test-results)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
