import { z } from 'zod';
import type { AnyRoute } from './route';

const schemaOf = (shape: z.ZodType, io: 'input' | 'output') => {
  const { $schema: _, ...schema } = z.toJSONSchema(shape, { io, unrepresentable: 'any' }) as Record<
    string,
    unknown
  >;
  return schema;
};

const problemAnswer = {
  description: 'What to change, as an RFC 9457 problem document.',
  content: {
    'application/problem+json': {
      schema: {
        type: 'object',
        required: ['type', 'title', 'status', 'detail'],
        properties: {
          type: { type: 'string' },
          title: { type: 'string' },
          status: { type: 'integer' },
          detail: { type: 'string' },
          errors: { type: 'array', items: { type: 'object' } },
        },
      },
    },
  },
};

function parametersOf(shape: z.ZodType | undefined, place: 'path' | 'query') {
  if (!shape) return [];
  const { properties = {}, required = [] } = schemaOf(shape, 'input') as {
    properties?: Record<string, unknown>;
    required?: string[];
  };
  return Object.entries(properties).map(([name, schema]) => ({
    name,
    in: place,
    required: place === 'path' || required.includes(name),
    schema,
  }));
}

function bodyOf(spec: AnyRoute) {
  if (spec.body) {
    return { required: true, content: { 'application/json': { schema: schemaOf(spec.body, 'input') } } };
  }
  if (spec.takes) {
    const content = Object.fromEntries(
      spec.takes.map((type) => [type, { schema: { type: 'string', format: 'binary' } }]),
    );
    return { required: true, content };
  }
  return undefined;
}

/** The API in OpenAPI 3.1, made from the very table that serves it. */
export function describeApi(routes: readonly AnyRoute[]) {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const spec of routes) {
    const path = spec.path.replace(/:(\w+)/g, '{$1}');
    const gives =
      typeof spec.gives === 'string'
        ? { [spec.gives]: {} }
        : { 'application/json': { schema: schemaOf(spec.gives, 'output') } };
    paths[path] ??= {};
    paths[path][spec.method] = {
      summary: spec.summary,
      parameters: [...parametersOf(spec.params, 'path'), ...parametersOf(spec.query, 'query')],
      requestBody: bodyOf(spec),
      responses: {
        [spec.status ?? 200]: { description: 'Done.', content: gives },
        default: problemAnswer,
      },
    };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Zelk', version: '1', description: 'Cars, walks, photos and reports of one yard.' },
    jsonSchemaDialect: 'https://json-schema.org/draft/2020-12/schema',
    paths,
  };
}
