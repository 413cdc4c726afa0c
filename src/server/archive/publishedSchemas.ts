import walk from '../../../docs/walk.schema.json' with { type: 'json' };

/** JSON Schema 2020-12 of a walk file, as it is published; a test holds it to the shapes that are checked. Making it anew takes longer than all else of an archive. */
export const walkJsonSchema: object = walk;

/** The same of a frozen report, which a walk file holds. */
export const reportJsonSchema: object = {
  $schema: walk.$schema,
  ...walk.properties.reports.items,
  title: 'Zelk report',
  $defs: walk.$defs,
};
