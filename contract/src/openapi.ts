import type { TObject, TSchema } from '@sinclair/typebox';
import type { AnyRoute } from './route.js';
import { components } from './schemas.js';

const Problem = {
  type: 'object',
  required: ['type', 'title', 'status'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string' },
    instance: { type: 'string' },
  },
};

const content = (schema: TSchema | object, type = 'application/json') => ({ [type]: { schema } });

function parametersOf(path: string, query: TObject | undefined) {
  const inPath = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const inQuery = Object.entries(query?.properties ?? {}).map(([name, schema]) => ({
    name,
    in: 'query',
    required: query!.required?.includes(name) ?? false,
    schema,
  }));
  return [...inPath, ...inQuery];
}

/** Routes as an OpenAPI 3.1 document, for an API at `server`. */
export function openApi(routes: Record<string, AnyRoute>, server: string): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const [key, r] of Object.entries(routes)) {
    const [method, path] = key.split(' ') as [string, string];
    const parameters = parametersOf(path, r.query);
    const bytes = { type: 'string', format: 'binary' };
    const taken = r.body ? content(r.body) : r.takes ? content(bytes, r.takes) : undefined;
    const given = r.answer ? content(r.answer) : r.gives ? content(bytes, r.gives) : undefined;
    (paths[path.replace(/:(\w+)/g, '{$1}')] ??= {})[method.toLowerCase()] = {
      summary: r.says,
      ...(parameters.length && { parameters }),
      ...(taken && { requestBody: { required: true, content: taken } }),
      responses: {
        [r.status]: { description: r.says, ...(given && { content: given }) },
        default: {
          description: 'Why not (RFC 9457).',
          content: content({ $ref: '#/components/schemas/Problem' }, 'application/problem+json'),
        },
      },
      security: r.role === 'anybody' ? [] : [{ session: [] }],
      'x-role': r.role,
    };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Tin Porch',
      version: '1',
      description: 'Every change carries the session’s token as x-porch-token.',
    },
    servers: [{ url: server }],
    paths,
    components: {
      schemas: { ...components, Problem },
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'porch_session' } },
    },
  };
}
