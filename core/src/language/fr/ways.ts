import { wayWords } from '../way-words.js';

/** What people ask and how it goes, in French, by way of working; see `way-words.ts` for how it is written. */
export const ways = wayWords(`# woodwork
? Peut-on travailler d’après mon propre dessin ? = Oui. Apportez-le avec les mesures et une image de la pièce.
? Quel bois est employé ?
? La livraison et la pose sont-elles comprises ?
? Que faut-il mesurer avant ? = La hauteur, la largeur et la profondeur, à plusieurs endroits : peu de murs sont droits.
> Dire quoi et où = La taille de l’emplacement, ce qu’il faut y mettre et ce qu’il y a à côté.
> Dessin, bois et prix = Le tout sur une feuille, avant de couper une planche.
> Fabriqué et posé = Ajusté sur place, jusqu’à ce que tout ferme bien.
# wares
? Y a-t-il des pièces à emporter tout de suite ? = Quelques-unes sont prêtes ; le choix change d’une semaine à l’autre.
? Peut-on commander une série ? = Oui. Dites combien, de quelle taille et pour quand.
? Comment en prendre soin ? = Un mot à ce sujet accompagne chaque pièce.
? Y a-t-il des pièces de second choix ?
> Regarder et choisir = Ce qui est prêt se prend en main avant de se décider.
> Ou faire faire = Taille, couleur et nombre sont notés, avec une date.
> Emballé ou envoyé = De façon à arriver entier.
# cloth
? Puis-je apporter mon propre tissu ?
? Comment se lave-t-il ? = La façon et la température sont écrites sur une carte jointe.
? Combien y a-t-il d’essayages ?
? Sera-ce prêt pour un mariage ? = Demandez dès que la date est connue ; les semaines avant l’été se remplissent d’abord.
> Choisir l’étoffe = Poids, fibre et couleur se jugent de la main et à la lumière du jour.
> Mesures et essai = D’abord un petit morceau, pour éviter les surprises.
> Cousu et fini = Repassé, avec un peu de fil pour plus tard.
# leather
? Un vieux cuir peut-il être sauvé ? = Souvent. Un cuir sec est nourri avant d’être cousu ; un cuir craquelé se remplace.
? L’ajustez-vous à l’animal ou à la personne ?
? Que faut-il apporter ? = La pièce, propre si possible, avec les sangles et les boucles qui se sont détachées.
? Combien de temps cela dure-t-il ?
> Apportez-le = Coutures, doublure et garnitures sont regardées avec vous.
> Le cuir et le fil sont choisis = Et le prix est dit avant la première coupe.
> Cousu et ciré = Il repart avec un conseil pour rester souple.
# metal
? Assurez-vous la pose ?
? Pouvez-vous refaire une pièce ancienne ? = Apportez-la, ou une image avec une règle à côté.
? Est-ce que cela rouille ? = Cela dépend de la finition : huile, peinture, cire ou zinc. On en parle avant.
? Combien cela pèse-t-il ?
> Un croquis et des cotes = Avec une image de l’endroit et de ce qui doit le tenir.
> Un gabarit et un prix = Tracé en grandeur réelle quand c’est utile.
> Fait et fini = Chaque arête est reprise avant le départ.
# jewellery
? Peut-on réemployer mon or ou mon argent ?
? Comment connaître ma taille de doigt ? = En essayant un jeu d’anneaux ici ; le matin et par temps froid, les doigts sont plus fins.
? Une bague peut-elle être agrandie plus tard ? = Presque toujours, d’une taille ou deux.
? Est-ce poinçonné ?
> Parler et regarder = Les pierres, les métaux et ce que vous avez déjà.
> Un dessin ou une cire = Pour voir la pièce avant qu’elle existe.
> Fait à votre mesure = Et essayé avant d’être terminé.
# print
? Sous quelle forme faut-il donner le texte ? = En texte simple, relu une fois de plus qu’il ne vous semble nécessaire.
? Quel est le plus petit tirage ?
? Verrai-je une épreuve ? = Toujours. Rien ne s’imprime avant que vous l’ayez signée.
? Quels papiers y a-t-il ?
> Texte, format, tirage = Et le jour où il vous le faut.
> Une épreuve = À lire, à corriger, à signer.
> Imprimé et façonné = Coupé, plié ou relié, et compté.
# boats
? Pouvez-vous voir le bateau là où il est ?
? Quand y a-t-il de la place ? = L’hiver se remplit à l’automne. Un mot en été garde une place.
? Que faut-il vous dire d’abord ? = La longueur, la largeur, le tirant d’eau, le matériau et la dernière sortie de l’eau.
? Travaillez-vous d’après une expertise ?
> Parlez-nous du bateau = Longueur, année, matériau et ce qui vous inquiète.
> On va le voir = À terre ou à flot, avant de donner un prix.
> Le travail, avec des nouvelles = Ce que l’on découvre vous est montré avant d’y toucher.
# instruments
? Puis-je d’abord en essayer un ? = Oui, sur rendez-vous et aussi longtemps que vous voulez.
? Que faut-il à un instrument en hiver ? = Un air pas trop sec : le chauffage fait plus de mal que le froid.
? Combien de temps attend-on un instrument neuf ?
? Combien vaut le mien ?
> Jouer et écouter = Ce qui ne va pas s’entend mieux que cela ne se dit.
> Ce qu’il lui faut = Et ce que cela coûterait, avant de rien ouvrir.
> Construit ou réparé = Et joué avant de vous être remis.
# commissions
? Puis-je dire comment je l’imagine ? = Bien sûr ; et le croquis change jusqu’à ce que vous le voyiez aussi.
? À qui appartient le dessin ?
? Peut-il rester dehors ?
? Comment se fait le paiement ?
> Une idée et un lieu = Où on le verra, qui, et pour combien de temps.
> Des croquis = Deux ou trois, dont un est mené plus loin.
> Réalisé et posé = Avec une fixation décidée d’avance.
# parts
? Quelle est la plus petite série ?
? Quels plans vous faut-il ? = Des plans cotés avec tolérances ; une pièce usée suffit quand il n’y en a pas.
? Les pièces sont-elles mesurées et suivies ?
? Tenez-vous un délai ? = Le délai figure dans l’offre ; si quelque chose le déplace, vous le savez aussitôt.
> Plan ou modèle = Avec la matière, le nombre et la date.
> Une offre = À la pièce et à la série.
> Une première, puis les autres = La première vous est soumise.
# restoring
? Aura-t-il l’air neuf ? = Non : l’air soigné. Jusqu’où aller se décide d’abord.
? Perd-il de sa valeur ? = Un bon travail n’en ôte pas. Ce qui est fait peut être défait, autant que possible.
? Garde-t-on une trace de ce qui est fait ?
? Comment l’apporter ? = Peu emballé, posé comme chez vous, les parties détachées dans un sac.
> Vu et jugé = Ce qui est ancien, ce qui a été changé, ce qui manque.
> Un plan chiffré = Par étapes, pour pouvoir s’arrêter après chacune.
> Fait et consigné = Avec des images d’avant et d’après.
# bench
? Puis-je attendre sur place ?
? Que faut-il apporter ? = L’appareil, avec son câble, son chargeur ou sa clé, et ce que vous avez remarqué.
? Peut-on m’en prêter un autre ?
? Et si ce n’est pas réparable ? = Il revient comme il était, et vous ne payez pas plus que convenu.
> Déposer = Avec votre nom, votre numéro et une ligne sur la panne.
> On vous appelle = Avec la panne, le prix et un jour.
> Reprendre = Essayé, et avec les vieilles pièces si vous le souhaitez.
# vehicles
? Faut-il un rendez-vous ? = Pour une bricole, non ; pour une journée de travail, oui.
? Peut-on venir le chercher ou le rendre ?
? Quelles marques connaissez-vous ?
? Les anciennes pièces sont-elles gardées ? = Jusqu’à ce que vous les ayez vues.
> Dire ce qu’il fait = Marque, année, kilomètres ou heures, et quand vient le bruit.
> D’abord un contrôle = Vous savez ce qu’il faut faire, ce qu’il faudrait et ce qui peut attendre.
> Essayé avant le retour = Sur la route ou en charge, jusqu’à ce que tout aille.
# walls-and-roofs
? L’échafaudage est-il compris ?
? Peut-on travailler en hiver ? = En partie. Le gel arrête mortier, enduit et peinture ; ce qui protège de l’eau n’attend pas.
? Connaissez-vous les vieilles maisons ?
? Faut-il une autorisation ? = Pour un bâtiment protégé, souvent. À qui la demander se dit à la première visite.
> Vu de tous les côtés = D’en haut, de l’intérieur et sous la pluie s’il le faut.
> Mesuré et chiffré = Avec ce qui est sûr et ce qu’on ne verra qu’en ouvrant.
> À l’abri chaque soir = Rien ne reste ouvert la nuit.
# pipes-and-wires
? Venez-vous tout de suite en cas de panne ?
? Que faire en attendant ? = Coupez l’arrivée : le robinet près du compteur ou l’interrupteur du tableau.
? L’installation est-elle contrôlée et attestée ?
? Entretenez-vous ce que d’autres ont posé ?
> Dire ce qui est arrivé = Avec la marque et l’âge, s’ils sont sur la plaque.
> D’abord mettre en sécurité = Puis chercher la cause.
> Réparé et essayé = Et expliqué, pour la prochaine fois.
# rooms
? Puis-je voir des échantillons chez moi ? = Oui. Couleurs et sols changent sous votre lumière.
? Qui déplace les meubles ?
? Combien de temps la pièce est-elle inutilisable ?
? Faites-vous aussi de petits travaux ? = Les petits sont groupés avec d’autres du voisinage.
> Mesuré et choisi = Dans la pièce même, les échantillons sur la table.
> Un prix et un jour = Et la durée pendant laquelle la pièce est prise.
> Protégé, fait, balayé = Et regardé ensemble avant de ranger les outils.
# rounds
? À quel rythme cela vaut-il la peine ?
? Faut-il être chez soi ? = Pas toujours ; dites comment on entre.
? Apportez-vous tout ? = Le matériel et les chiffons, oui. L’eau et le courant sont pris sur place.
? Peut-on sauter un passage ?
> Combien et à quel rythme = Un appel suffit presque toujours.
> Une première visite = Pour que le prix convienne au lieu.
> Puis la tournée = Le même jour, autant que le temps le permet.
# gardens
? Pouvez-vous reprendre en cours d’année ?
? Y a-t-il un plan ? = Pour un nouveau jardin, oui, avec les plantes, les allées et l’entretien qui suit.
? Peut-on abattre en été ? = Là où nichent les oiseaux, cela attend l’automne, sauf danger.
? Que puis-je faire moi-même ? = Beaucoup. Ce qui vous fait économiser vous est dit.
> Faire le tour ensemble = Le sol, le soleil, les coins humides et ce qui doit rester.
> D’abord l’ossature = Terrain, bordures, allées ; les plantes en leur temps.
> Un entretien qui convient = Chaque semaine, chaque mois ou deux fois l’an.
# animals
? Que faut-il vous dire avant ? = L’âge, la santé, les vaccins et ce qui fait peur à l’animal.
? Pouvons-nous venir voir ? = Oui, et avec lui.
? Que se passe-t-il s’il tombe malade ?
? Que faut-il apporter ? = Sa nourriture et sa couverture, ses papiers et un numéro où vous joindre.
> Faire connaissance = L’animal et les gens, sans hâte.
> Convenir des jours = Et de ses habitudes.
> Des nouvelles entre-temps = Et un appel si quelque chose sort de l’ordinaire.
# farm-gate
? Qu’y a-t-il en ce moment ?
? Peut-on cueillir ou visiter ?
? Comment cultivez-vous ou élevez-vous ?
? Combien de temps cela se garde-t-il ? = Le frais porte sa date ; pour le reste, demandez comment le garder.
> Voir ce qu’il y a = Cela change avec la semaine et le temps.
> Commander plus d’un panier = La veille, pour qu’on le cueille pour vous.
> Venir chercher = Rapportez caisses, bocaux et boîtes : ils resservent.
# drink
? Peut-on goûter ?
? Vendez-vous aux auberges et aux boutiques ?
? Comment le garder ? = Au frais, dans le noir et debout ; une fois ouvert, il faut le boire.
? Reprenez-vous les bouteilles ?
> D’abord goûter = Autant que le chemin du retour le permet.
> À la bouteille ou au carton = Panaché si vous voulez.
> Emporté ou envoyé = Emballé debout, avec un mot sur le moment de l’ouvrir.
# larder
? Qu’y a-t-il dedans ? = C’est écrit sur chaque étiquette, avec ce que certains ne supportent pas.
? Combien de temps et comment se garde-t-il ?
? Puis-je commander pour une fête ? = Oui. Avant les fêtes, une semaine d’avance n’est pas trop.
? Où le trouve-t-on ailleurs ?
> Goûter un peu = Si vous hésitez, demandez un morceau de chacun.
> Prendre ou commander = Entier, à la coupe ou en bocal.
> Bien le garder = La façon est écrite sur le papier.
# catering
? Pour combien de personnes cuisinez-vous ?
? Et les allergies ? = Dites-les à la commande, et encore le jour même.
? Que faut-il sur place ? = De l’eau, une prise et un endroit plat.
? La vaisselle et le service sont-ils compris ?
> Dire quand, où, combien = Et quelle sorte de journée ce sera.
> Un menu et un prix = Avec deux façons de le changer.
> Le jour venu = Installé avant le premier invité, reparti après le dernier.
# second-hand
? Achetez-vous aussi ?
? D’où viennent les choses ? = Ce que l’on sait d’une pièce est dit avec elle.
? Pouvez-vous chercher pour moi ? = Laissez une description et un numéro ; cela peut durer.
? Peut-on mettre de côté ?
> Faire le tour = Tout n’est pas en vitrine.
> Poser des questions = L’âge, les réparations et ce qui n’est pas tout à fait juste.
> Emporter = Ou faire porter.
# provisions
? Peut-on commander par téléphone ?
? D’où cela vient-il ? = D’aussi près que possible ; l’étiquette le dit.
? Puis-je apporter mes bocaux et mes sacs ?
? Qu’y a-t-il quel jour ?
> Voir ce qui est arrivé = L’ardoise à la porte le dit le matin.
> Faire couper ou peser = Ce qu’il vous faut, pas plus.
> Mis de côté = Un appel avant midi, et c’est prêt le soir.
# materials
? Vendez-vous à la pièce, au mètre et au poids ?
? Pouvez-vous me dire comment m’en servir ? = Aussi bien que ceux qui le font, et vous pouvez demander deux fois.
? Y a-t-il des échantillons ?
? Livrez-vous les grandes quantités ?
> Dire ce que vous faites = Pour avoir ce qui convient, et pas davantage.
> Mesuré = Au mètre, au kilo ou à la vis.
> Ce qui reste = Non ouvert, il se reprend presque toujours.
# plants
? Que pousse-t-il dans un jardin comme le mien ? = Dites s’il y a du soleil, du vent, de l’humidité, et apportez une image.
? Quand plante-t-on ?
? Repousse-t-elle l’année suivante ? = C’est écrit sur chaque étiquette.
? Livrez-vous, plantez-vous aussi ?
> Dire où elle ira = Le soleil, le sol et la taille comptent plus que le goût.
> Choisir ici = Et l’emporter bien emballée.
> La faire tenir = Avec un conseil pour l’eau, la taille et le gel.
# fitted
? Puis-je essayer d’abord ? = Oui, et en prenant votre temps.
? Peut-on le retoucher ou le régler ?
? Et si cela ne va pas à la maison ?
? Réparez-vous ce que vous vendez ?
> Dire à quoi cela sert = Combien de fois, où et pour qui.
> Essayer = Avec quelqu’un qui connaît les tailles.
> Ajusté = Et encore après quelques semaines, s’il le faut.
# guest-rooms
? Y a-t-il un petit déjeuner, et à quelle heure ?
? Peut-on venir à vélo ou avec un chien ?
? Comment entrer tard ? = Dites quand vous arrivez ; quelqu’un veille, ou une clé vous attend.
? Y a-t-il une chambre de plain-pied ?
> Dire les nuits = Et combien de lits il vous faut.
> Réservé dès la réponse = Avec le prix et le chemin.
> Arriver = On vous montre où tout se trouve.
# own-door
? Que trouve-t-on sur place, et que faut-il apporter ?
? Les draps et les serviettes sont-ils fournis ?
? À quelle distance sont les commerces et l’eau ?
? D’autres peuvent-ils nous rejoindre pour la journée ?
> Choisir la semaine = En été, les jours d’arrivée sont fixes.
> Un acompte la retient = Le reste se règle avant l’arrivée.
> La clé = La façon de l’avoir vient avec le chemin.
# players
? Faut-il savoir lire la musique ou connaître les pas ? = Non ; on apprend en faisant, et il y a toujours quelqu’un à côté.
? Quand répétez-vous ?
? Peut-on vous inviter pour une fête ?
? Faut-il son instrument ou son costume ?
> Venir à une répétition = S’asseoir et écouter ; rien d’autre à faire.
> Essayer quelques semaines = Avec des partitions prêtées et quelqu’un à vos côtés.
> Rester = Et être là quand cela compte.
# sport
? Y a-t-il un groupe de débutants ?
? Que faut-il la première fois ? = Une tenue où l’on bouge bien. Le reste se prête.
? À partir de quel âge, et jusqu’à quel âge ?
? Y a-t-il des compétitions ?
> Venir essayer = Deux ou trois fois, sans adhérer.
> Trouver son groupe = Selon l’âge, l’allure et le jour.
> Adhérer = Vous êtes alors assuré, et vous avez votre tour.
# pursuits
? Y a-t-il une liste d’attente ?
? Partagez-vous outils et livres ?
? Les enfants peuvent-ils venir ? = Oui, avec quelqu’un qui veille sur eux.
? Peut-on simplement passer ? = Chaque fois que quelqu’un est là.
> Passer voir = N’importe quel jour où la porte est ouverte.
> Demander une place = Une parcelle, un établi, une chaise.
> Participer = Avec son propre ouvrage, et un peu du commun.
# cause
? Où va l’argent ?
? Comment puis-je aider ? = Par du temps, des choses ou de l’argent ; le premier est le plus rare.
? Qui peut venir ?
? L’aide coûte-t-elle quelque chose ?
> Appeler ou passer = Aucun papier n’est nécessaire pour un premier entretien.
> Dire ce qu’il vous faut, ou ce que vous donnez = Les deux sont bienvenus le même jour.
> Quelqu’un s’en charge = Avec un nom et un numéro.
# sights
? Combien de temps faut-il prévoir ?
? Y a-t-il quelque chose pour les enfants ?
? Peut-on prendre des images ?
? Et s’il pleut ? = Une partie est couverte ; pour le reste, prenez de bonnes chaussures.
> Voir quand c’est ouvert = Certains jours, en été seulement.
> Venir seul ou nombreux = Au-delà de dix, un mot avant.
> Regarder, demander, revenir = Tout ne se montre pas la première fois.
# house-and-stage
? Combien de personnes la salle contient-elle ?
? Qu’y a-t-il : chaises, cuisine, son ?
? Comment savoir si un jour est libre ? = Demandez avec le jour et les heures ; la réponse vient vite.
? Qui ouvre et qui balaie ?
> Voir le programme, ou demander un jour = Les deux sont sur ces pages.
> Réserver = Une place ou la maison entière.
> Entrer = Les portes s’ouvrent une demi-heure avant.
# papers
? Faut-il venir en personne ?
? Quels papiers apporter ? = Tout ce qui est arrivé par la poste, même fermé, et une pièce d’identité.
? Combien cela coûte-t-il, et quand le sait-on ? = Avant de rien commencer, par écrit.
? Qui d’autre le saura ? = Personne sans votre accord.
> Un premier entretien = Ce qui est arrivé, et pour quand il faut agir.
> Ce à quoi cela revient = Le chemin, la durée et le coût, sur une page.
> Fait et classé = Avec des copies pour vous et ce qu’il faut garder.
# plans
? Venez-vous voir les lieux ?
? Quels dessins sont remis ?
? Parlez-vous aux services et aux voisins ?
? À partir de quelle taille est-ce utile ? = Même un petit projet coûte moins s’il est pensé une bonne fois.
> Sur place = Mesurer, photographier, écouter.
> Une ébauche = Assez libre pour être changée.
> Le plan = Avec des chiffres sur lesquels d’autres peuvent bâtir et compter.
# media
? Que faut-il pour commencer ? = Une personne qui décide, et ce qui existe déjà.
? Combien de propositions y a-t-il ?
? À qui appartient le résultat ?
? Que se passe-t-il ensuite ?
> À quoi cela sert = Qui doit le voir, et faire quoi.
> Une première version = Tôt, tant que changer coûte peu.
> Terminé et remis = Avec tous les fichiers et un mot sur leur usage.
# occasions
? Quand faut-il demander ? = Dès qu’on pense au jour ; demander ne coûte rien.
? Et si le jour change ?
? Jusqu’où vous déplacez-vous ?
? Peut-on se voir avant ? = Oui, et c’est mieux.
> Une première rencontre = Qui vous êtes, pour qui c’est et ce qui ne doit pas arriver.
> Un déroulé = Heure par heure, avec des noms.
> Le jour même = Quelqu’un est là avant vous et part après vous.
# lessons
? Y a-t-il une première séance d’essai ?
? Que faut-il apporter ?
? Peut-on commencer à l’âge adulte ? = Oui. Beaucoup le font, et ils savent pourquoi.
? Et pendant les vacances ?
> Une première heure = Pour voir ce que vous savez et ce que vous aimeriez.
> Un jour par semaine = Toujours le même, autant que possible.
> Un peu chaque jour = Court et souvent vaut mieux que long et rare.
# treatment
? Combien de temps cela dure-t-il ?
? Faut-il une ordonnance ?
? Que faut-il dire avant ? = Ce que vous prenez, ce que vous ne supportez pas et ce qui a été essayé.
? Peut-on venir sans rendez-vous ?
> Prendre rendez-vous = Le matin, à midi ou le soir.
> Dire ce qu’il y a = Et ce que vous voudriez changer.
> Ensuite = Vous savez quoi faire chez vous et quand revenir.
# care
? Qui vient, et est-ce toujours la même personne ?
? À partir de quand y a-t-il une place ?
? Quelle part est prise en charge ?
? Pouvons-nous venir voir ? = Volontiers, et avec la personne concernée.
> Un entretien à la maison = Avec ceux qui connaissent le fil des jours.
> Convenu par écrit = Les jours, les heures et ce qui ne se fait pas.
> Quelques jours pour s’habituer = Puis on en reparle.
# hire
? Y a-t-il une caution ?
? Et si quelque chose casse ? = Dites-le au retour ; presque tout s’arrange.
? Peut-on livrer et reprendre ?
? Pour combien de temps au moins ?
> Dire quoi et quand = Avec le jour du retour.
> Gardé pour vous = Vérifié, chargé ou rempli.
> Montré avant le départ = Comment cela marche, et que faire si cela ne marche pas.
# carrying
? Combien pouvez-vous prendre ?
? Roulez-vous la nuit et le dimanche ?
? Est-ce assuré en route ?
? Qui charge ?
> D’où à où = Avec les escaliers, les portails et tout ce qui pèse.
> Un prix et une heure = Fermes, si vous avez tout dit.
> En route = Vous pouvez joindre celui qui conduit.
# outings
? Quelle forme faut-il avoir ?
? Que mettre et qu’emporter ? = Plusieurs couches, de bonnes chaussures, de quoi boire. Une liste vient avec la réservation.
? À partir de quel âge ?
? Et si le temps tourne ? = On déplace ou on raccourcit, et vous êtes prévenu à temps.
> Choisir un jour = Et un second, à cause du temps.
> Un mot la veille = Si la sortie a lieu, et où se retrouver.
> Aller et retour = Avec quelqu’un qui connaît le chemin.
# keeping
? Peut-on y accéder à toute heure ?
? Est-ce au sec, et surveillé ?
? Quelle place me faut-il ? = Dites ce que c’est ; il en faut souvent moins qu’on ne croit.
? Comment résilier ?
> Voir la place = Et mesurer ce que vous apportez.
> Signer = Au mois ou à l’année.
> S’installer = Avec une clé, un code ou un numéro d’emplacement.`);
