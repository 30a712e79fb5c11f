const base = require('./.dependency-cruiser.cjs');

/**
 * Rooms of the server and of the pages lie above or below each other, types included. Specifications reach everywhere, and tables name
 * each other as the database does: both are left out here.
 */
module.exports = {
  forbidden: [
    {
      name: 'no-circles-of-rooms',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(server|web)/src/[^/]+$' },
      to: { circular: true },
    },
  ],
  options: {
    ...base.options,
    exclude: { path: '(dist|migrations)/|/testing/|(\\.spec|/made-[a-z-]+|table)\\.ts$' },
  },
};
