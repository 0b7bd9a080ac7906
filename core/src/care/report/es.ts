import type { InvoiceWords, ReportWords } from './words.js';

const of = (count: number, one: string, many: string) => (count === 1 ? one : many);

export const report: ReportWords = {
  title: (site, month) => `${site} en ${month}`,
  by: (who) => `De ${who}, que cuida del sitio.`,
  visits: 'Quién pasó',
  nobody: 'Este mes no pasó nadie.',
  visited: (n, c) => `${n} ${of(c, 'visita', 'visitas')}`,
  more: (n, month) => `${n} más que en ${month}`,
  fewer: (n, month) => `${n} menos que en ${month}`,
  same: (month) => `tantas como en ${month}`,
  mostRead: (page, n, c) => `Además de la primera página, lo más leído fue «${page}», ${n} ${of(c, 'vez', 'veces')}.`,
  cameFrom: (host, n, c) => `${n} ${of(c, 'vino', 'vinieron')} de ${host}.`,
  onPhone: (percent) => `${percent} de cada 100 lo leyeron en un teléfono.`,
  wrote: (n, c) => `${n} ${of(c, 'mensaje le llegó', 'mensajes le llegaron')} por el sitio.`,
  nobodyWrote: 'No llegó ningún mensaje por el sitio.',
  next: 'Una cosa por hacer',
  missing: (address, n) =>
    `${n} veces alguien buscó ${address}, que no existe. Díganos qué esperan encontrar allí, y los llevaremos.`,
  silent: (n) =>
    `${n} visitas, y nadie escribió. Díganos qué le preguntan por teléfono: lo contestamos donde se lee, con la manera de escribir al lado.`,
  phone: (percent) =>
    `${percent} de cada 100 leen en un teléfono. Abra el sitio en el suyo y díganos qué buscaría primero.`,
  done: 'Lo que se hizo',
  published: (n, c) => of(c, 'El sitio se publicó de nuevo.', `El sitio se publicó de nuevo ${n} veces.`),
  edited: (n, c) => `${of(c, `Se publicó ${n} cambio suyo`, `Se publicaron ${n} cambios suyos`)}.`,
  mended: (n, c) =>
    `${of(c, `Se arregló ${n} defecto que encontró`, `Se arreglaron ${n} defectos que encontraron`)} nuestras rondas diarias.`,
  certificate: 'Se renovó el certificado: la línea hasta el sitio sigue cerrada a los demás.',
  nothingDone: 'No hubo nada que hacer: cada día una ronda por todas las páginas lo encontró todo bien.',
  planned: 'Lo que está previsto',
  publishes: (day) => `Lo que se cambió se publica el ${day}.`,
  domainEnds: (day) => `El dominio es suyo hasta el ${day}; cuide de renovarlo a tiempo.`,
  safe: 'A salvo y en línea',
  proven: (n, all, c) =>
    `Las copias de ${n} ${of(c, 'noche', 'noches')} de ${all} se restauraron a prueba, y volvió todo.`,
  notProven: 'Este mes no se probó ninguna copia. Lo estamos mirando.',
  upAlways: (n) => `Miramos ${n} veces desde fuera si se entra: siempre.`,
  up: (percent, n, minutes) =>
    `Miramos ${n} veces desde fuera si se entra: el ${percent} % de las veces. En total no se entró durante ${minutes}.`,
  answer: (seconds) => `La primera página respondió en ${seconds} s.`,
  care: 'Su plan de cuidado',
  used: (plan, used, included) => `${plan}: ${used} de ${included}.`,
  usedOnly: (plan, used) => `${plan}: ${used} de trabajo.`,
  none: (plan, included) => `${plan}: incluye ${included} de trabajo, que no hicieron falta.`,
  hello: 'Buenos días:',
  letter: (site, month) => `así fue ${month} para ${site}.`,
  attached: 'Lo mismo va adjunto en PDF.',
  online: 'Para leerlo en el navegador:',
};

export const invoice: InvoiceWords = {
  plan: (name, span) => `${name}, ${span}`,
  beyond: (what) => `Trabajo fuera del plan${what ? `: ${what}` : ''}`,
  invoice: 'Factura',
  takingBack: 'Factura de anulación',
  takesBack: (number, day) => `Anula la factura ${number} de ${day}.`,
  number: 'Número',
  date: 'Fecha',
  due: 'Vence',
  to: 'Para',
  reference: 'Su referencia',
  what: 'Concepto',
  quantity: 'Cantidad',
  price: 'Precio',
  amount: 'Importe',
  net: 'Base',
  tax: (rate) => `IVA ${rate} %`,
  gross: 'A pagar',
  vatId: 'NIF-IVA',
  taxNumber: 'NIF',
  pay: (gross, day) => `Le rogamos que pague ${gross} antes del ${day}, con el número de la factura.`,
  payTo: 'Cuenta',
  reverse: 'Inversión del sujeto pasivo: el IVA lo debe quien recibe.',
  months: (n) => `${n} ${of(Math.abs(n), 'mes', 'meses')}`,
  years: (n) => `${n} ${of(Math.abs(n), 'año', 'años')}`,
  perHour: 'por hora',
  letter: (number, gross, day) =>
    `adjunta va la factura ${number} de ${gross}, que vence el ${day}: en PDF y como factura electrónica (XML) para sus libros.`,
  letterBack: (number, back) => `adjunta va ${number}, que anula la factura ${back}. No hay nada que pagar.`,
  hello: 'Buenos días:',
};
