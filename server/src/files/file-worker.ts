import { textOfBytes } from '@tin-porch/core/intake';
import { answerWith } from '@tin-porch/press/threads';
import type { FileRequest } from './opened-file.js';

/** Word documents, PDFs and archives are made by anybody: they are read here, where reading one can hold up nobody. */
answerWith<FileRequest>(({ name, bytes }) => textOfBytes(name, bytes));
