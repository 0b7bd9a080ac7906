import type { Invoice } from '@e-invoice-eu/core';
import { decimal, totalsOf, type IssuedInvoice, type Party, type Tax, type Unit } from '@tin-porch/core/care';
import { Thread } from '@tin-porch/press/threads';

/** What is counted, by UN/ECE Recommendation 20. */
const CODES: Record<Unit, string> = { month: 'MON', year: 'ANN', minute: 'MIN', piece: 'C62' };
/** What an invoice is (UNTDID 1001): one, and one that takes another back. */
const [INVOICE, CORRECTED] = ['380', '384'];

const category = ({ category, rate }: Tax) => ({
  'cbc:ID': category,
  // Whoever is not subject to the tax has no rate of it (BR-O-5).
  ...(category !== 'O' && { 'cbc:Percent': decimal(rate) }),
  'cac:TaxScheme': { 'cbc:ID': 'VAT' },
});
const endpoint = (mail: string) => mail && { 'cbc:EndpointID': mail, 'cbc:EndpointID@schemeID': 'EM' };
const address = (p: Party) => ({
  ...(p.street && { 'cbc:StreetName': p.street }),
  'cbc:CityName': p.city,
  ...(p.postcode && { 'cbc:PostalZone': p.postcode }),
  'cac:Country': { 'cbc:IdentificationCode': p.country },
});

/** An invoice in the terms of EN 16931, by the names UBL 2.1 has for them. */
export function enInvoice(i: IssuedInvoice): Invoice {
  const { currency, seller, buyer, tax } = i;
  const totals = totalsOf(i);
  const money = (name: string, amount: number) => ({
    [`cbc:${name}`]: decimal(amount),
    [`cbc:${name}@currencyID`]: currency,
  });
  const exempt = tax.category === 'E' || tax.category === 'O' || tax.category === 'AE';
  const why = i.taxReason.trim() || (tax.category === 'AE' ? 'Reverse charge' : '');
  const note = [i.takesBack && `Takes back ${i.takesBack.number}`, i.note].filter(Boolean).join('\n');
  const invoice = {
    'cbc:CustomizationID': 'urn:cen.eu:en16931:2017',
    'cbc:ID': i.number,
    'cbc:IssueDate': i.issued,
    'cbc:DueDate': i.due,
    'cbc:InvoiceTypeCode': i.takesBack ? CORRECTED : INVOICE,
    ...(note && { 'cbc:Note': [note] }),
    'cbc:DocumentCurrencyCode': currency,
    ...(i.reference && { 'cbc:BuyerReference': i.reference }),
    ...(i.takesBack && {
      'cac:BillingReference': [
        { 'cac:InvoiceDocumentReference': { 'cbc:ID': i.takesBack.number, 'cbc:IssueDate': i.takesBack.issued } },
      ],
    }),
    'cac:AccountingSupplierParty': {
      'cac:Party': {
        ...endpoint(seller.mail),
        'cac:PostalAddress': address(seller),
        'cac:PartyTaxScheme': [
          ...(seller.vatId ? [{ 'cbc:CompanyID': seller.vatId, 'cac:TaxScheme': { 'cbc:ID': 'VAT' } }] : []),
          ...(seller.taxNumber ? [{ 'cbc:CompanyID': seller.taxNumber, 'cac:TaxScheme': { 'cbc:ID': 'TAX' } }] : []),
        ],
        'cac:PartyLegalEntity': { 'cbc:RegistrationName': seller.name },
        ...((seller.contact || seller.phone || seller.mail) && {
          'cac:Contact': {
            ...(seller.contact && { 'cbc:Name': seller.contact }),
            ...(seller.phone && { 'cbc:Telephone': seller.phone }),
            ...(seller.mail && { 'cbc:ElectronicMail': seller.mail }),
          },
        }),
      },
    },
    'cac:AccountingCustomerParty': {
      'cac:Party': {
        ...endpoint(buyer.mail),
        'cac:PostalAddress': address(buyer),
        ...(buyer.vatId && {
          'cac:PartyTaxScheme': { 'cbc:CompanyID': buyer.vatId, 'cac:TaxScheme': { 'cbc:ID': 'VAT' } },
        }),
        'cac:PartyLegalEntity': { 'cbc:RegistrationName': buyer.name },
      },
    },
    ...(seller.iban && {
      'cac:PaymentMeans': [
        {
          // A credit transfer (UNTDID 4461).
          'cbc:PaymentMeansCode': '30',
          'cbc:PaymentID': i.number,
          'cac:PayeeFinancialAccount': {
            'cbc:ID': seller.iban.replace(/\s/g, '').toUpperCase(),
            'cbc:Name': seller.name,
            ...(seller.bic && { 'cac:FinancialInstitutionBranch': { 'cbc:ID': seller.bic } }),
          },
        },
      ],
    }),
    'cac:TaxTotal': [
      {
        ...money('TaxAmount', totals.tax),
        'cac:TaxSubtotal': [
          {
            ...money('TaxableAmount', totals.net),
            ...money('TaxAmount', totals.tax),
            'cac:TaxCategory': {
              ...category(tax),
              ...(exempt && {
                'cbc:TaxExemptionReason': why,
                ...(tax.category === 'AE' && { 'cbc:TaxExemptionReasonCode': 'VATEX-EU-AE' }),
                ...(tax.category === 'O' && { 'cbc:TaxExemptionReasonCode': 'VATEX-EU-O' }),
              }),
            },
          },
        ],
      },
    ],
    'cac:LegalMonetaryTotal': {
      ...money('LineExtensionAmount', totals.net),
      ...money('TaxExclusiveAmount', totals.net),
      ...money('TaxInclusiveAmount', totals.gross),
      ...money('PayableAmount', totals.gross),
    },
    'cac:InvoiceLine': i.lines.map((line, at) => ({
      'cbc:ID': String(at + 1),
      'cbc:InvoicedQuantity': String(line.quantity),
      'cbc:InvoicedQuantity@unitCode': CODES[line.unit],
      ...money('LineExtensionAmount', totals.lines[at]!),
      'cac:Item': { 'cbc:Name': line.words, 'cac:ClassifiedTaxCategory': category(tax) },
      'cac:Price': {
        ...money('PriceAmount', line.price),
        // Work is told in minutes, and its price is for sixty of them: nothing is rounded on the way.
        ...(line.unit === 'minute' && { 'cbc:BaseQuantity': '60', 'cbc:BaseQuantity@unitCode': 'MIN' }),
      },
    })),
  };
  return { 'ubl:Invoice': invoice } as unknown as Invoice;
}

/** Makes electronic invoices (UBL 2.1 by EN 16931) in a thread: checking one against its schema takes a third of a second. */
export class EInvoices {
  private readonly thread = new Thread(
    (ending) => new URL(`./e-invoice-worker${ending}`, import.meta.url),
    import.meta.url.endsWith('.mjs'),
  );

  /** @throws Error where it is not one by the schema of that */
  of = (i: IssuedInvoice): Promise<string> =>
    this.thread.ask({ invoice: enInvoice(i), language: i.language }) as Promise<string>;

  close = (): Promise<void> => this.thread.close();
}
