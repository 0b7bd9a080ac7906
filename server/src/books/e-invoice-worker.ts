import { InvoiceService, type Invoice } from '@e-invoice-eu/core';
import { answerWith } from '@tin-porch/press/threads';

/** What the library has to say goes nowhere: what is wrong it throws. */
const SILENT = { log: () => undefined, warn: () => undefined, error: () => undefined };

/** An invoice in the terms of EN 16931 as UBL 2.1. Throws where it is not one by the schema of that. */
answerWith<{ invoice: Invoice; language: string }>(async ({ invoice, language }) => {
  const xml = await new InvoiceService(SILENT)
    .generate(invoice, { format: 'UBL', lang: language })
    .catch((error: Error & { errors?: { instancePath: string; message?: string }[] }) => {
      const [first] = error.errors ?? [];
      throw first ? new Error(`${error.message}: ${first.instancePath} ${first.message ?? ''}`) : error;
    });
  return typeof xml === 'string' ? xml : Buffer.from(xml).toString('utf8');
});
