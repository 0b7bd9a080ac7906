import { wayWords } from '../way-words.js';

/** What people ask and how it goes, in Spanish, by way of working; see `way-words.ts` for how it is written. */
export const ways = wayWords(`# woodwork
? ¿Se puede hacer según mi propio dibujo? = Sí. Tráigalo con las medidas y una imagen del lugar.
? ¿Qué madera se usa?
? ¿Se entrega y se monta?
? ¿Qué debo medir antes? = Alto, ancho y fondo, en más de un punto: pocas paredes están rectas.
> Qué y dónde = El tamaño del hueco, lo que debe caber y lo que hay al lado.
> Dibujo, madera y precio = Todo en una hoja, antes de cortar una tabla.
> Hecho y colocado = Ajustado en su sitio, hasta que todo cierra bien.
# wares
? ¿Hay piezas para llevar? = Algunas están listas; lo que hay cambia de una semana a otra.
? ¿Puedo encargar un juego entero? = Sí. Diga cuántas, de qué tamaño y para cuándo.
? ¿Cómo se cuida? = Con cada pieza va una nota sobre eso.
? ¿Hay piezas de segunda?
> Mirar y elegir = Lo que está listo se coge con la mano antes de decidir.
> O mandarlo hacer = Se apuntan tamaño, color y número, con una fecha.
> Envuelto o enviado = De modo que llegue entero.
# cloth
? ¿Puedo traer mi propia tela?
? ¿Cómo se lava? = Cómo y a qué temperatura, lo dice una tarjeta que va con la prenda.
? ¿Cuántas pruebas hacen falta?
? ¿Estará a tiempo para una boda? = Pregunte en cuanto se sepa el día; las semanas antes del verano se llenan primero.
> Elegir el tejido = El peso, la fibra y el color se deciden mejor con la mano y a la luz del día.
> Medidas y muestra = Primero un trozo pequeño, para que nadie se sorprenda.
> Cosido y terminado = Planchado, con un poco de hilo para más adelante.
# leather
? ¿Se puede salvar un cuero viejo? = Muchas veces. El cuero seco se engrasa antes de coserlo; el agrietado se cambia.
? ¿Se ajusta al animal o a la persona?
? ¿Qué debo traer? = La pieza, limpia si es posible, y las correas y hebillas que se hayan soltado.
? ¿Cuánto dura?
> Tráigalo = Costuras, forro y herrajes se miran con usted.
> Se eligen el cuero y el hilo = Y el precio se dice antes del primer corte.
> Cosido y encerado = Se lo lleva con un consejo para que siga flexible.
# metal
? ¿También se coloca?
? ¿Se puede igualar una pieza antigua? = Tráigala, o una imagen con una regla al lado.
? ¿Se oxida? = Depende del acabado: aceite, pintura, cera o zinc. Se habla antes cuál conviene.
? ¿Cuánto pesa?
> Un boceto y medidas = Con una imagen del lugar y de lo que lo va a sujetar.
> Plantilla y precio = Dibujada a tamaño real donde ayuda.
> Hecho y repasado = Se repasa cada canto antes de que salga.
# jewellery
? ¿Se puede usar mi oro o mi plata?
? ¿Cómo sé mi talla de anillo? = Probando un juego de anillos aquí; por la mañana y con frío los dedos son más finos.
? ¿Se puede agrandar un anillo después? = Casi todos, una talla o dos.
? ¿Lleva contraste?
> Hablar y mirar = Piedras, metales y lo que usted ya tiene.
> Un dibujo o una cera = Para verlo antes de que exista.
> Hecho a su medida = Y probado antes de terminarlo.
# print
? ¿Cómo hay que dar el texto? = Como texto sencillo, leído una vez más de lo que parece necesario.
? ¿Cuál es la tirada más pequeña?
? ¿Veré una prueba? = Siempre. No se imprime nada antes de que la firme.
? ¿Qué papeles hay?
> Texto, tamaño y tirada = Y el día para el que hace falta.
> Una prueba = Para leer, corregir y firmar.
> Impreso y acabado = Cortado, plegado o encuadernado, y contado.
# boats
? ¿Se puede ver el barco donde está?
? ¿Cuándo hay sitio? = El invierno se llena en otoño. Unas líneas en verano guardan la plaza.
? ¿Qué hay que saber primero? = Eslora, manga, calado, de qué está hecho y cuándo salió del agua por última vez.
? ¿Se trabaja según un peritaje?
> Cuéntenos del barco = Eslora, año, material y lo que le preocupa.
> Se va a ver = En seco o a flote, antes de dar un precio.
> El trabajo, con noticias = Lo que aparece por el camino se enseña antes de tocarlo.
# instruments
? ¿Puedo probar uno antes? = Sí, con cita y el tiempo que quiera.
? ¿Qué necesita un instrumento en invierno? = Un aire no demasiado seco: la calefacción hace más daño que el frío.
? ¿Cuánto se espera por uno nuevo?
? ¿Cuánto vale el mío?
> Tocar y escuchar = Lo que falla se oye mejor de lo que se cuenta.
> Lo que le hace falta = Y lo que costaría, antes de abrir nada.
> Hecho o arreglado = Y tocado antes de entregarlo.
# commissions
? ¿Puedo decir cómo lo imagino? = Claro; y el boceto se cambia hasta que usted también lo vea.
? ¿De quién es el dibujo?
? ¿Puede estar al aire libre?
? ¿Cómo se paga?
> Una idea y un lugar = Dónde se verá, quién lo verá y por cuánto tiempo.
> Bocetos = Dos o tres, y uno se desarrolla.
> Hecho y colocado = Con la sujeción acordada de antemano.
# parts
? ¿Cuál es la serie más pequeña?
? ¿Qué planos hacen falta? = Planos con cotas y tolerancias; donde no los hay, basta una pieza gastada.
? ¿Se miden y se registran las piezas?
? ¿Se cumple una fecha? = La fecha va en la oferta; si algo la mueve, usted lo sabe enseguida.
> Plano o muestra = Con el material, el número y el día.
> Una oferta = Por pieza y por serie.
> Primero una, luego el resto = La primera va a usted para que la apruebe.
# restoring
? ¿Quedará como nuevo? = No: quedará cuidado. Hasta dónde llegar se acuerda primero.
? ¿Pierde valor? = Un buen trabajo no se lo quita. Lo que se hace se puede deshacer, en lo posible.
? ¿Queda escrito lo que se ha hecho?
? ¿Cómo se trae? = Poco envuelto, de pie como está en casa, y las partes sueltas en una bolsa.
> Visto y juzgado = Qué es antiguo, qué se cambió y qué falta.
> Un plan con precios = Paso a paso, para poder parar después de cualquiera.
> Hecho y anotado = Con imágenes de antes y de después.
# bench
? ¿Puedo esperar mientras se hace?
? ¿Qué debo traer? = El aparato, con cable, cargador o llave, y lo que haya notado.
? ¿Hay algo que usar entretanto?
? ¿Y si no tiene arreglo? = Entonces vuelve como estaba y no paga más de lo acordado.
> Dejarlo = Con su nombre, su número y una línea sobre la avería.
> Se le llama = Con la avería, el precio y un día.
> Recogerlo = Probado, y con las piezas viejas si las quiere.
# vehicles
? ¿Hace falta cita? = Para cosas pequeñas no; para un día de trabajo sí.
? ¿Se puede recoger o llevar?
? ¿Qué marcas conocen?
? ¿Se guardan las piezas viejas? = Hasta que las haya visto.
> Decir qué hace = Marca, año, kilómetros u horas, y cuándo suena el ruido.
> Primero se revisa = Se le dice lo que hay que hacer, lo que convendría y lo que puede esperar.
> Probado antes de devolverlo = En carretera o con carga, hasta que va bien.
# walls-and-roofs
? ¿El andamio va en el precio?
? ¿Se puede hacer en invierno? = En parte. La helada detiene mortero, yeso y pintura; lo que frena el agua no espera.
? ¿Conocen las casas viejas?
? ¿Hace falta permiso? = En edificios protegidos, casi siempre. A quién pedirlo se dice en la primera visita.
> Visto por todos los lados = Desde arriba, por dentro y con lluvia si hace falta.
> Medido y calculado = Con lo que es seguro y lo que solo se ve al abrir.
> Cubierto cada noche = Nada se queda abierto hasta mañana.
# pipes-and-wires
? ¿Vienen enseguida si algo falla?
? ¿Qué hago hasta entonces? = Corte la entrada: la llave junto al contador o el interruptor del cuadro.
? ¿Se comprueba y se certifica?
? ¿Se cuidan también instalaciones de otros?
> Decir qué ha pasado = Con la marca y la edad, si están en la placa.
> Primero, seguro = Después se busca la causa.
> Arreglado y probado = Y explicado, para que lo sepa la próxima vez.
# rooms
? ¿Puedo ver muestras en casa? = Sí. Los colores y los suelos cambian con su luz.
? ¿Quién mueve los muebles?
? ¿Cuánto tiempo no se puede usar la habitación?
? ¿Se hacen trabajos pequeños? = Los pequeños se juntan con otros de la zona.
> Medido y elegido = En la misma habitación, con las muestras sobre la mesa.
> Un precio y un día = Y cuánto tiempo estará ocupada.
> Tapado, hecho y barrido = Y mirado con usted antes de recoger.
# rounds
? ¿Cada cuánto merece la pena?
? ¿Tengo que estar en casa? = No siempre; diga cómo se entra.
? ¿Traen todo? = Las herramientas y los paños sí. El agua y la luz se toman del lugar.
? ¿Puedo saltarme una visita?
> Cuánto y cada cuánto = Casi siempre basta una llamada.
> Una primera visita = Para que el precio vaya con el lugar.
> Luego, la ronda = El mismo día, mientras el tiempo lo permita.
# gardens
? ¿Se puede empezar a mitad de año?
? ¿Hay un plano? = Para jardines nuevos sí, con plantas, caminos y el cuidado de después.
? ¿Se puede talar en verano? = Donde anidan pájaros se espera al otoño, salvo peligro.
? ¿Qué puedo hacer yo? = Mucho. Se le dice lo que le ahorra dinero.
> Recorrerlo con usted = El suelo, el sol, los rincones húmedos y lo que debe quedar.
> Primero el armazón = Terreno, bordes y caminos; las plantas, a su tiempo.
> Un cuidado a medida = Cada semana, cada mes o dos veces al año.
# animals
? ¿Qué hay que saber antes? = La edad, la salud, las vacunas y lo que asusta al animal.
? ¿Podemos ir a verlo? = Sí, y tráiganlo.
? ¿Qué pasa si se pone enfermo?
? ¿Qué debemos traer? = Su comida y su manta, los papeles y un número donde localizarles.
> Conocerse = El animal y la gente, sin prisa.
> Acordar los días = Con sus costumbres.
> Noticias entretanto = Y una llamada si algo no es como siempre.
# farm-gate
? ¿Qué hay ahora?
? ¿Se puede coger uno mismo o visitar?
? ¿Cómo se cultiva o se cría?
? ¿Cuánto se conserva? = Lo fresco lleva su fecha; para lo demás, pregunte cómo guardarlo.
> Ver lo que hay = Cambia con la semana y con el tiempo.
> Encargar más de una cesta = Un día antes, para que se recoja para usted.
> Venir a buscarlo = Traiga de vuelta cajas, tarros y cartones: se vuelven a usar.
# drink
? ¿Se puede probar?
? ¿Venden a posadas y tiendas?
? ¿Cómo se guarda? = En fresco, a oscuras y de pie; una vez abierto, hay que beberlo.
? ¿Se devuelven las botellas?
> Primero probar = Lo que permita el camino de vuelta.
> Por botella o por caja = Surtida, si quiere.
> Recogido o enviado = Embalado de pie, con una nota sobre cuándo abrirlo.
# larder
? ¿Qué lleva? = Está en cada etiqueta, también lo que a algunos no les sienta bien.
? ¿Cuánto se conserva, y cómo?
? ¿Puedo encargar para una fiesta? = Sí. Antes de las fiestas, una semana no es demasiado pronto.
? ¿Dónde más se encuentra?
> Probar un poco = Si no sabe cuál, pida un trozo de cada uno.
> Llevar o encargar = Entero, cortado o en tarro.
> Guardarlo bien = Cómo, está escrito en el papel.
# catering
? ¿Para cuántos se cocina?
? ¿Y las alergias? = Dígalas al encargar y otra vez el mismo día.
? ¿Qué hace falta en el lugar? = Agua, un enchufe y un sitio llano.
? ¿Van incluidos la vajilla y el servicio?
> Cuándo, dónde y cuántos = Y qué clase de día es.
> Un menú y un precio = Con dos maneras de cambiarlo.
> El día = Montado antes del primer invitado, recogido después del último.
# second-hand
? ¿También compran?
? ¿De dónde vienen las cosas? = Lo que se sabe de cada pieza se cuenta con ella.
? ¿Pueden buscar algo para mí? = Deje una descripción y un número; puede tardar.
? ¿Se puede reservar?
> Dar una vuelta = No todo está en el escaparate.
> Preguntar = La edad, los arreglos y lo que no está del todo bien.
> Llevárselo = O que se lo lleven.
# provisions
? ¿Puedo encargar por teléfono?
? ¿De dónde viene? = De lo más cerca posible; lo dice la etiqueta.
? ¿Puedo traer mis tarros y bolsas?
? ¿Qué hay cada día?
> Ver lo que ha llegado = Por la mañana lo dice la pizarra de la puerta.
> Que se lo corten o pesen = Lo que necesite, no más.
> Guardado = Una llamada antes del mediodía, y por la tarde está listo.
# materials
? ¿Se vende por piezas, por metros y al peso?
? ¿Me pueden decir cómo se usa? = Tan bien como quien lo hace, y puede preguntar dos veces.
? ¿Hay muestras?
? ¿Se llevan grandes cantidades?
> Decir qué va a hacer = Así se lleva lo que sirve, y no de más.
> Medido = Por metro, por kilo o por tornillo.
> Lo que sobra = Sin abrir, casi siempre se puede devolver.
# plants
? ¿Qué crece en un jardín como el mío? = Diga cuánto sol, viento y humedad hay, y traiga una imagen.
? ¿Cuándo se planta?
? ¿Vuelve al año siguiente? = Está en cada etiqueta.
? ¿También se lleva o se planta?
> Decir dónde irá = El sol, el suelo y el tamaño deciden más que el gusto.
> Elegirla aquí = Y llevársela bien envuelta.
> Sacarla adelante = Con un consejo sobre riego, poda y heladas.
# fitted
? ¿Puedo probarlo antes? = Sí, y tómese su tiempo.
? ¿Se puede arreglar o ajustar?
? ¿Y si en casa no va bien?
? ¿Arreglan lo que venden?
> Decir para qué es = Cuántas veces, dónde y quién lo usa.
> Probar = Con alguien al lado que conoce las tallas.
> Ajustado = Y otra vez al cabo de unas semanas, si hace falta.
# guest-rooms
? ¿Hay desayuno, y a qué hora?
? ¿Podemos traer bicicletas o un perro?
? ¿Cómo se entra tarde? = Diga cuándo llega; alguien espera, o hay una llave preparada.
? ¿Hay una habitación en la planta baja?
> Decir las noches = Y cuántas camas hacen falta.
> Reservado con la respuesta = Con el precio y el camino.
> Llegar = Se le enseña dónde está todo.
# own-door
? ¿Qué hay, y qué tenemos que traer?
? ¿Hay sábanas y toallas?
? ¿A qué distancia están las tiendas y el agua?
? ¿Pueden venir otros a pasar el día?
> Elegir la semana = En verano los días de llegada son fijos.
> Una señal la reserva = El resto se paga antes de llegar.
> La llave = Cómo recogerla va con el camino.
# players
? ¿Hay que saber leer música o conocer los pasos? = No; se aprende haciéndolo, y siempre hay alguien al lado.
? ¿Cuándo se ensaya?
? ¿Se les puede llamar para una fiesta?
? ¿Hace falta instrumento o traje propio?
> Venir a un ensayo = Sentarse y escuchar; no hay que hacer nada.
> Probar unas semanas = Con partituras prestadas y alguien al lado.
> Quedarse = Y estar cuando cuenta.
# sport
? ¿Hay un grupo para empezar?
? ¿Qué necesito el primer día? = Ropa con la que pueda moverse. Lo demás se presta.
? ¿Desde qué edad y hasta cuál?
? ¿Hay competiciones?
> Venir a probar = Dos o tres veces sin hacerse socio.
> Encontrar su grupo = Por edad, por ritmo y por día.
> Hacerse socio = Entonces tiene seguro y su turno.
# pursuits
? ¿Hay lista de espera?
? ¿Se comparten herramientas y libros?
? ¿Pueden venir niños? = Sí, con alguien que los cuide.
? ¿Puedo pasar solo a mirar? = Siempre que haya alguien.
> Pasar a ver = Cualquier día que la puerta esté abierta.
> Pedir un sitio = Una parcela, un banco, una silla.
> Participar = Con lo propio y un poco de lo común.
# cause
? ¿Adónde va el dinero?
? ¿Cómo puedo ayudar? = Con tiempo, con cosas o con dinero; lo primero es lo más escaso.
? ¿Quién puede venir?
? ¿Cuesta algo la ayuda?
> Llamar o pasar = Para hablar por primera vez no hacen falta papeles.
> Decir qué necesita, o qué puede dar = Las dos cosas valen el mismo día.
> Alguien se encarga = Con nombre y número.
# sights
? ¿Cuánto tiempo hay que contar?
? ¿Hay algo para niños?
? ¿Se pueden hacer imágenes?
? ¿Y si llueve? = Una parte está cubierta; para el resto, buen calzado.
> Ver cuándo está abierto = Algunos días, solo en verano.
> Venir solo o con muchos = Si son más de diez, avisen antes.
> Mirar, preguntar, volver = No todo se ve la primera vez.
# house-and-stage
? ¿Cuántas personas caben?
? ¿Qué hay: sillas, cocina, sonido?
? ¿Cómo se sabe si un día está libre? = Pregunte con el día y las horas; se contesta pronto.
? ¿Quién abre y quién barre?
> Ver qué hay, o pedir un día = Las dos cosas están en estas páginas.
> Reservar = Una entrada o la casa entera.
> Entrar = Las puertas se abren media hora antes.
# papers
? ¿Tengo que ir en persona?
? ¿Qué papeles debo llevar? = Todo lo que llegó por correo, también sin abrir, y un documento de identidad.
? ¿Cuánto cuesta, y cuándo se sabe? = Antes de empezar nada, por escrito.
? ¿Quién más lo sabrá? = Nadie sin su permiso.
> Una primera conversación = Qué ha pasado y para cuándo hay que hacer algo.
> En qué queda = El camino, el tiempo y el coste, en una página.
> Hecho y archivado = Con copias para usted y lo que debe guardar.
# plans
? ¿Vienen a ver el lugar?
? ¿Qué planos se entregan?
? ¿Hablan con la administración y los vecinos?
? ¿Desde qué tamaño merece la pena? = Hasta lo pequeño sale más barato si se piensa una vez bien.
> En el lugar = Se mide, se fotografía y se escucha.
> Un borrador = Bastante abierto para cambiarlo.
> El plano = Con cifras con las que otros pueden construir y contar.
# media
? ¿Qué hace falta para empezar? = Una persona que decida, y lo que ya existe.
? ¿Cuántas propuestas hay?
? ¿De quién es el resultado?
? ¿Qué pasa después?
> Para qué es = Quién debe verlo, y qué debe hacer entonces.
> Una primera versión = Pronto, mientras cambiarla cuesta poco.
> Terminado y entregado = Con todos los archivos y una nota sobre cómo usarlos.
# occasions
? ¿Con cuánta antelación hay que preguntar? = En cuanto se piense en el día; preguntar no cuesta.
? ¿Y si cambia el día?
? ¿Hasta dónde se desplazan?
? ¿Podemos vernos antes? = Sí, y conviene.
> Un primer encuentro = Quiénes son, para quién es y qué no debe pasar.
> Un plan = Hora por hora, con nombres.
> El día = Alguien está antes que ustedes y se va después.
# lessons
? ¿Hay una primera clase de prueba?
? ¿Qué hay que traer?
? ¿Se puede empezar de mayor? = Sí. Muchos lo hacen, y saben por qué.
? ¿Qué pasa en vacaciones?
> Una primera hora = Para ver qué sabe y qué le gustaría.
> Un día a la semana = Siempre el mismo, en lo posible.
> Un poco cada día = Corto y a menudo vale más que largo y rara vez.
# treatment
? ¿Cuánto dura?
? ¿Hace falta un volante?
? ¿Qué debo decir antes? = Lo que toma, lo que no le sienta bien y lo que ya se ha probado.
? ¿Puedo ir sin cita?
> Pedir hora = Por la mañana, al mediodía o por la tarde.
> Decir qué pasa = Y qué quiere que cambie.
> Después = Se le dice qué hacer en casa y cuándo volver.
# care
? ¿Quién viene, y es siempre la misma persona?
? ¿Desde cuándo hay plaza?
? ¿Qué parte cubre la ayuda pública?
? ¿Podemos ir a verlo? = Claro, y con la persona de quien se trata.
> Una conversación en casa = Con quienes conocen el día a día.
> Acordado por escrito = Días, horas y lo que no se hace.
> Unos días para acostumbrarse = Luego se vuelve a hablar.
# hire
? ¿Hay fianza?
? ¿Y si algo se rompe? = Dígalo al devolverlo; casi todo tiene arreglo.
? ¿Se puede llevar y recoger?
? ¿Por cuánto tiempo como mínimo?
> Decir qué y cuándo = Con el día en que vuelve.
> Se le guarda = Revisado, cargado o lleno.
> Enseñado antes de salir = Cómo funciona, y qué hacer si no funciona.
# carrying
? ¿Cuánto pueden llevar?
? ¿Van de noche y en domingo?
? ¿Va asegurado por el camino?
? ¿Quién carga?
> De dónde a dónde = Con escaleras, portones y todo lo que pesa.
> Un precio y una hora = Fijos, si lo ha dicho todo.
> En camino = Puede llamar a quien conduce.
# outings
? ¿Hay que estar en forma?
? ¿Qué me pongo y qué llevo? = Varias capas, calzado firme y algo de beber. Con la reserva va una lista.
? ¿Desde qué edad?
? ¿Y si cambia el tiempo? = Se aplaza o se acorta, y se le avisa a tiempo.
> Elegir un día = Y otro, por el tiempo.
> Aviso la víspera = Si se sale, y dónde se queda.
> Ida y vuelta = Con alguien que conoce el camino.
# keeping
? ¿Se puede entrar a cualquier hora?
? ¿Está seco y vigilado?
? ¿Cuánto sitio necesito? = Diga qué es; casi todos necesitan menos de lo que creen.
? ¿Cómo se da de baja?
> Ver el sitio = Y medir lo que trae.
> Firmar = Por meses o por años.
> Instalarse = Con una llave, un código o un número de amarre.`);
