import type { FamilyWords, FilledWords } from '../language.js';
import type { Family } from '../../model/family.js';

export const families: Record<Family | 'any', FamilyWords> = {
  craft: {
    verbs: 'fabric hac constru torn tej cos encuadern forj tall',
    steps: [
      ['Diga para qué es', 'El tamaño, el uso y dónde va a estar. Un boceto o la imagen de algo parecido ayuda.'],
      ['Un dibujo y un precio', 'Los dos llegan por escrito antes de cortar el material.'],
      ['Se hace', 'A mano y por orden; se avisa cuando falta poco.'],
      ['Se recoge o se envía', 'Bien embalado, con unas líneas sobre cómo cuidarlo.'],
    ],
    questions: [
      ['¿Se puede encargar a medida?', 'Sí. Diga qué debe hacer y dónde debe caber; lo demás se piensa en común.'],
      ['¿Cuánto se tarda?', ''],
      ['¿Se puede enviar?', 'La mayoría de las piezas se embalan y se envían; las grandes es mejor recogerlas.'],
      [
        '¿Se puede reparar una pieza antigua?',
        'Muchas veces, sí. Basta una imagen del daño para una primera respuesta.',
      ],
      ['¿Se puede ver cómo se trabaja?', 'Con cita. Llame antes, para que alguien tenga tiempo.'],
    ],
  },
  repair: {
    verbs: 'repar restaur manten revis afil afin',
    steps: [
      ['Cuente qué le pasa', 'Qué hace, qué debería hacer y desde cuándo. Ayuda una imagen o la referencia.'],
      ['Se mira', 'Se abre, se limpia lo necesario y se juzga, antes de prometer nada.'],
      ['Primero el precio', 'Se le dice cuánto cuesta y si merece la pena; sin su sí no se empieza.'],
      ['Se prueba antes de devolverlo', 'Funciona aquí primero, el tiempo que haga falta para fiarse.'],
    ],
    questions: [
      ['¿Merece la pena repararlo?', 'Es lo primero que se le dice, con franqueza y antes de cualquier gasto.'],
      ['¿Cuánto hay que esperar?', ''],
      ['¿Cuánto cuesta la revisión?', ''],
      ['¿Tiene garantía el arreglo?', ''],
      ['¿Qué debo traer?', 'Todo, con cables, llaves y lo que se haya soltado, y un papel con su nombre y su número.'],
    ],
  },
  building: {
    verbs: 'instal coloc albañil pint aisl',
    steps: [
      ['Una llamada y unas preguntas', 'De qué se trata, dónde y para cuándo. Las imágenes ahorran un viaje.'],
      ['Una visita', 'Se mide y se mira, y se habla primero de los rincones difíciles.'],
      ['Un presupuesto por escrito', 'Con lo que incluye, lo que no, y hasta cuándo vale.'],
      ['La obra', 'En los días acordados; antes se cubre y después se barre.'],
    ],
    questions: [
      ['¿Se paga el presupuesto?', ''],
      ['¿Cuándo pueden venir?', ''],
      ['¿Queda todo recogido?', 'Sí. Lo que se trajo se vuelve a llevar, y el suelo se barre.'],
      ['¿Tienen seguro?', ''],
      ['¿A qué lugares van?', ''],
    ],
  },
  land: {
    verbs: 'pod plant seg tal cri',
    steps: [
      ['Cuéntenos cómo es el terreno', 'Su tamaño, su pendiente y lo que le gustaría que fuera.'],
      ['Una vuelta por él', 'Mejor en compañía y con luz.'],
      ['Un plan por estaciones', 'Qué va primero, qué puede esperar al invierno y cuánto cuesta cada parte.'],
      ['El trabajo y después el cuidado', 'Con el tiempo que pide, y otra mirada más tarde.'],
    ],
    questions: [
      ['¿Cuál es la mejor época?', 'Depende de lo que crezca allí. Pregunte pronto: las buenas semanas se llenan.'],
      ['¿Se llevan los restos?', ''],
      ['¿Vienen con regularidad?', ''],
      ['¿Hasta dónde van?', ''],
      ['¿Y si llueve?', 'Se busca otro día y se le avisa por la mañana.'],
    ],
  },
  food: {
    verbs: 'elabor produc prens ahum cosech cultiv',
    steps: [
      ['Mire qué hay', 'Cambia con la temporada; lo que está listo figura en la pizarra y aquí.'],
      ['Pida que se lo guarden', 'Una llamada o una línea el día antes, y queda a su nombre.'],
      ['Recójalo', 'En el horario indicado. Traiga bolsa, caja o los envases.'],
    ],
    questions: [
      ['¿Qué hay ahora?', ''],
      ['¿Se puede encargar?', 'Sí, y en fiestas es lo prudente.'],
      ['¿Llevan a casa?', ''],
      ['¿Venden a tiendas?', ''],
      ['¿Se puede visitar?', ''],
    ],
  },
  shop: {
    verbs: 'vend tienda encarg estante',
    steps: [
      ['Pase y mire', 'Nadie mete prisa, y preguntar no cuesta nada.'],
      ['¿No está en el estante?', 'Mucho se puede encargar. Diga qué necesita y para cuándo.'],
      ['Se recoge o se lleva', 'Se le avisa en cuanto llega.'],
    ],
    questions: [
      ['¿Pueden encargar algo?', 'Casi siempre. Deje un número y sabrá cuándo llega y cuánto cuesta.'],
      ['¿Se puede devolver?', ''],
      ['¿Cómo se puede pagar?', ''],
      ['¿Llevan a casa?', ''],
      ['¿Dónde se aparca?', ''],
    ],
  },
  stay: {
    verbs: 'aloj noche habitaci reserv huésped',
    steps: [
      ['Pregunte por sus fechas', 'Diga cuántos son y cuánto tiempo quieren quedarse.'],
      ['Una respuesta y un precio', 'Con todo lo que incluye y lo que no.'],
      ['Llegar', 'El camino, la llave y las horas se envían antes de salir.'],
    ],
    questions: [
      ['¿A qué hora se llega y a cuál se sale?', ''],
      ['¿Se admiten perros?', ''],
      ['¿Hay aparcamiento?', ''],
      ['¿Se puede cancelar?', ''],
      ['¿Qué hay cerca?', ''],
    ],
  },
  club: {
    verbs: 'soci reun volunt ensay',
    steps: [
      ['Venga a ver', 'La primera visita no compromete a nada.'],
      ['Pruebe un tiempo', 'Alguien le enseña y le presta lo que haga falta.'],
      ['Hágase socio', 'Con un formulario y la cuota anual; entonces tiene voz.'],
    ],
    questions: [
      ['¿Hay que saber algo antes?', 'No. La mayoría no sabía al empezar.'],
      ['¿Cuánto cuesta ser socio?', ''],
      ['¿Cuándo y dónde se reúnen?', ''],
      ['¿Se puede ayudar sin ser socio?', 'Con mucho gusto. Diga qué le gusta hacer y cuándo tiene tiempo.'],
      ['¿Quién decide?', ''],
    ],
  },
  culture: {
    verbs: 'visit expos entrada función',
    steps: [
      ['Mire qué hay', 'Días, horas y ocasiones especiales están en esta página.'],
      ['Saque entrada, o simplemente venga', 'Donde hay pocas plazas, se indica.'],
      ['Quédese lo que quiera', 'Y pregunte: hay quien lo sabe.'],
    ],
    questions: [
      ['¿Cuánto cuesta?', ''],
      ['¿Podemos ir en grupo?', 'Sí. Escriba con algo de tiempo, para que alguien les reciba.'],
      ['¿Se entra sin escalones?', ''],
      ['¿Cómo se llega?', ''],
      ['¿Se puede alquilar?', ''],
    ],
  },
  office: {
    verbs: 'asesor traduc diseñ estudi perit',
    steps: [
      ['Una primera conversación', 'Por teléfono o en la mesa: de qué se trata y para cuándo.'],
      ['Una propuesta por escrito', 'Qué se hace, cuánto cuesta y qué se necesita de usted.'],
      ['El trabajo', 'Una sola persona le atiende de principio a fin.'],
      ['La entrega', 'Explicada con palabras sencillas y con lo que viene después.'],
    ],
    questions: [
      ['¿Cuánto cuesta la primera conversación?', ''],
      ['¿Cuánto se tarda?', ''],
      ['¿Qué necesitan de mí?', 'Lo que ya esté en papel. Antes se envía una lista.'],
      ['¿Queda en confianza lo que cuento?', ''],
      ['¿Trabajan también a distancia?', ''],
    ],
  },
  person: {
    verbs: 'cita trat cort clase cuid',
    steps: [
      ['Pida cita', 'Por teléfono o con el formulario; diga si es la primera vez.'],
      ['Unas preguntas antes', 'Para que le vaya bien a usted.'],
      ['Tómese su tiempo', 'No hay nada más en esa hora.'],
    ],
    questions: [
      ['¿Cómo se pide cita?', 'Por teléfono o con el formulario de este sitio.'],
      ['¿Y si no puedo ir?', ''],
      ['¿Qué debo llevar?', ''],
      ['¿Van a domicilio?', ''],
      ['¿Cómo se puede pagar?', ''],
    ],
  },
  transport: {
    verbs: 'alquil repart transport lleva traves',
    steps: [
      ['Diga de dónde a dónde', 'Con el día, la hora y cuántos o cuánto.'],
      ['Un precio antes de reservar', 'Con todo incluido.'],
      ['El día', 'Se le llama si el viento, la marea o el tráfico cambian algo.'],
    ],
    questions: [
      ['¿Cómo se reserva?', 'Por teléfono o con el formulario. Queda reservado cuando recibe la respuesta.'],
      ['¿Y con mal tiempo?', ''],
      ['¿Se puede cambiar el día?', ''],
      ['¿Cuántas personas o cuánta carga?', ''],
      ['¿Dónde quedamos?', ''],
    ],
  },
  any: {
    verbs: '',
    steps: [
      ['Pregunte', 'Por teléfono o con el formulario: bastan una o dos frases.'],
      ['Una respuesta', 'Con lo que se puede hacer, cuándo y cuánto cuesta.'],
      ['Y se hace', 'Como se acordó.'],
    ],
    questions: [
      ['¿Cómo les encuentro?', 'Por teléfono o con el formulario de este sitio.'],
      ['¿Cuánto cuesta?', ''],
      ['¿Para cuándo?', ''],
      ['¿Dónde están?', ''],
    ],
  },
};

export const filled: FilledWords = {
  headings: {
    openingHeading: 'Bienvenidos',
    offerHeading: 'Lo que hay',
    ledgerHeading: 'Uno por uno',
    storyHeading: 'En pocas palabras',
    aboutHeading: 'Quién está detrás',
    aboutStoryHeading: 'Cómo surgió',
    visitHeading: 'Dónde y cuándo',
    callHeading: '¿Una pregunta?',
    contactHeading: 'Escriba',
    servicesHeading: 'Todo lo que hay',
    pricesHeading: 'Lo que cuesta',
  },
  questionsLabel: 'Preguntas',
  questionsHeading: ['Preguntas a {name}, y sus respuestas', 'Preguntas y respuestas'],
  questionsPlain: 'Antes de preguntar',
  questionsLead: 'Lo que se quiere saber primero. Lo que falte se aclara con una llamada.',
  stepsHeading: ['Cómo se hace en {name}', 'Cómo se hace'],
  peopleHeading: 'A quién encontrará',
  quotesHeading: ['Se dice de {name}', 'Lo que se dice'],
  pricesHeading: 'Lo que cuesta',
  hoursHeading: 'Cuándo hay alguien',
  person: 'Un nombre',
  role: 'qué hace',
  quote: 'Una frase que alguien dijo, palabra por palabra y con su permiso.',
  quoteBy: 'Quién la dijo',
  price: 'precio por confirmar',
  page: 'Lo que hay que contar sobre esto.',
  answer: 'La respuesta a esto.',
  hours: 'Los días y las horas.',
  story: [
    ['Cómo empezó, y cuándo.', 'How and when did it begin?'],
    ['Quién trabaja aquí hoy y qué hace cada cual.', 'Who works there today, and what does each of them do?'],
    [
      'Qué importa aquí y qué se hace de otra manera que en otros sitios.',
      'What do you care about in your work, and what do you do differently?',
    ],
  ],
  offer: ['Lo que se ofrece, en una línea.', 'What do people come to you for? A line each.'],
  lead: [
    'Quiénes son, qué hacen y para quién, en dos frases.',
    'Who are you, what do you do and for whom? Two sentences.',
  ],
};
