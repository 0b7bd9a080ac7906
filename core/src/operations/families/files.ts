import { Type } from '@sinclair/typebox';
import { SiteFile } from '../../model/site.js';
import { OperationError, type Definition } from '../definition.js';
import { fileKey, FILES } from '../keys.js';
import { inserted, withTail } from '../reach.js';

const closed = { additionalProperties: false } as const;

/** Adds a file for visitors to the site’s, or puts one in the place of that with its id: its address stays. */
const PutFile = Type.Object(
  { op: Type.Literal('putFile'), file: SiteFile, at: Type.Optional(Type.Integer({ minimum: 0, maximum: 100 })) },
  closed,
);
export const putFile: Definition<typeof PutFile> = {
  schema: PutFile,
  apply(document, { op, file, at }) {
    const { files = [] } = document;
    const there = files.findIndex((f) => f.id === file.id);
    if (there < 0)
      return {
        document: withTail(document, { files: inserted(files, file, at ?? files.length) }),
        inverse: { op: 'removeFile', file: file.id },
      };
    return {
      document: withTail(document, { files: files.map((f, n) => (n === there ? file : f)) }),
      inverse: { op, file: files[there]! },
    };
  },
  says: ({ file }) => `Took in the file ${file.title}`,
  field: ({ file }) => `file ${file.id}`,
  writes: ({ file }) => [`${fileKey(file.id)}/file`],
  moves: ({ file: { id }, at }, { files = [] }) =>
    files.some((f) => f.id === id) ? [] : [{ list: FILES, id, from: null, to: at ?? files.length }],
  placed: (operation, at) => ({ ...operation, at }),
};

const RemoveFile = Type.Object({ op: Type.Literal('removeFile'), file: Type.String({ maxLength: 64 }) }, closed);
export const removeFile: Definition<typeof RemoveFile> = {
  schema: RemoveFile,
  apply(document, { file: id }) {
    const { files = [] } = document;
    const at = files.findIndex((f) => f.id === id);
    if (at < 0) throw new OperationError(`There is no file “${id}”.`);
    return {
      document: withTail(document, { files: files.filter((_, n) => n !== at) }),
      inverse: { op: 'putFile', file: files[at]!, at },
    };
  },
  says: () => 'Took a file out',
  writes: ({ file }) => [fileKey(file)],
  moves: ({ file: id }, { files = [] }) => [{ list: FILES, id, from: files.findIndex((f) => f.id === id), to: null }],
};
