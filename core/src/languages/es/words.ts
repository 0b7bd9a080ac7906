import type { FixedWords } from '../language.js';

export const words: FixedWords = {
  skip: 'Ir al texto',
  mainMenu: 'Menú principal',
  pages: 'Páginas',
  pictures: 'Imágenes',
  inThisPart: 'En esta parte',
  address: 'Dirección',
  open: 'Abierto',
  reach: 'Llamar o escribir',
  optional: 'si quiere',
  notSent: 'Aún sin enviar',
  leaveEmpty: 'Deje esto vacío',
  notFound: 'Aquí no hay ninguna página',
  notFoundLead: 'Puede que la dirección sea antigua o esté mal escrita. El menú de arriba lleva a todo lo que hay.',
  notFoundTitle: 'No encontrada',
  opensSoon: 'Nuestra nueva página abre aquí pronto.',
  lost: 'No hemos podido guardar su mensaje ahora mismo. Sigue aquí abajo: envíelo otra vez dentro de un minuto.',
  missing: (label) => `Falta: ${label}.`,
  tooLong: (label, most) => `${label}: más de ${most} caracteres.`,
  notMail: (value) => `«${value}» no es una dirección a la que podamos responder.`,
  notPhone: (value) => `«${value}» no es un número de teléfono.`,
  form: { name: 'Su nombre', mail: 'Correo', phone: 'Teléfono', message: 'Mensaje' },
  headings: {
    people: 'Las personas de {name}',
    partners: '{name} pertenece a',
    areas: 'Dónde trabaja {name}',
  },
  labels: {
    home: 'Inicio',
    services: 'Servicios',
    rooms: 'Habitaciones',
    about: 'Quiénes somos',
    contact: 'Contacto',
    prices: 'Precios',
  },
  privacy: {
    label: 'Privacidad',
    heading: 'Qué pasa con lo que usted envía',
    sentences: [
      'Esta página pertenece a {who}.',
      'Lo que escribe en el formulario se guarda en el servidor de esta página y solo lo leemos nosotros. Sirve para responderle.',
      'El servidor anota qué páginas se piden, cuándo y desde qué dirección. Con eso contamos las visitas y nada más.',
      'Esta página no pone cookies a los visitantes ni carga nada de otros lugares.',
    ],
    ask: {
      sentence:
        'Guardamos los mensajes durante … y después los borramos. Escríbanos si quiere ver el suyo o que se borre.',
      question: 'How long does the client keep messages?',
    },
  },
  accessibility: {
    label: 'Accesibilidad',
    heading: 'Cómo usar esta página',
    sentences: [
      'Las páginas se pueden escuchar, recorrer solo con el teclado, ampliar al doble y leer en un teléfono.',
      'El texto se distingue del fondo lo bastante para leerse con poca vista, de día y de noche.',
      'Si algo no le funciona, díganoslo: {tell}.',
    ],
  },
  imprint: {
    label: 'Aviso legal',
    heading: 'Quién responde de esta página',
    sentences: ['{who}'],
    ask: {
      sentence: 'Registro y número fiscal: …',
      question: 'Is the business in a register, and under which number? Does it have a tax number to show?',
    },
    phone: 'Teléfono: ',
    mail: 'Correo: ',
  },
};
