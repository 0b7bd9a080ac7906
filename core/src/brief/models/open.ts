import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.01992,
  bias: [-0.5589,0.5589],
  weights: `de %	UI
de % 	UI
de &	TJ
de & 	TJ
de (	JT
de (0	QM
de (a	LR
de (b	DZ
de (f	SK
de (i	TJ
de (j	GW
de (k	QM
de (l	EY
de (n	WG
de (s	HV
de (v	TJ
de (w	KS
de (z	RL
de +	FX
de + 	KS
de +0	KS
de -0	a?
de ->	FX
de /	FX
de / 	HV
de 0	VH
de 0 	SK
de 0,	ZD
de 0-	RL
de 0.	B]
de 00	^A
de 0:	HV
de 0–	ZD
de a 	QM
de a.	JT
de ac	ZD
de ah	LR
de al	JT
de am	UI
de an	JT
de ap	YE
de ar	SK
de as	SK
de at	LR
de au	QM
de ba	TJ
de be	JT
de bl	HV
de bo	^A
de bu	IU
de bä	B]
de bö	SK
de bü	ZD
de c	HV
de ce	VH
de ch	KS
de co	B]
de d	SK
de da	JT
de de	HV
de do	XF
de dr	YE
de du	JT
de dü	KS
de e	MQ
de e.	VH
de ec	B]
de eg	QM
de eh	UI
de ei	RL
de el	_@
de em	QM
de en	<d
de er	IU
de es	VH
de et	IU
de eu	MQ
de f	KS
de fe	WG
de fi	EY
de fl	YE
de fn	SK
de fo	MQ
de fr	HV
de fu	IU
de fö	GW
de fü	KS
de g	MQ
de ga	HV
de ge	KS
de gi	^A
de gl	WG
de go	UI
de gr	DZ
de gu	B]
de gä	HV
de gü	SK
de h	RL
de h.	B]
de ha	QM
de he	FX
de hi	SK
de ho	YE
de hr	YE
de hu	WG
de hä	TJ
de hü	FX
de i	RL
de i.	IU
de ic	IU
de id	DZ
de ih	IU
de im	TJ
de in	VH
de is	RL
de it	EY
de j	SK
de ja	KS
de je	XF
de jö	TJ
de ka	MQ
de ke	>b
de kg	YE
de ki	XF
de kl	RL
de kn	SK
de ko	UI
de kr	SK
de ku	C[
de kw	TJ
de kö	GW
de l	JT
de la	^A
de le	IU
de lg	GW
de li	?a
de lo	DZ
de lu	TJ
de lä	UI
de m	LR
de ma	EY
de me	RL
de mi	JT
de mm	TJ
de mo	YE
de mu	IU
de mw	VH
de mö	DZ
de mü	MQ
de n	LR
de na	KS
de ne	EY
de ni	KS
de no	HV
de nr	WG
de nu	EY
de nä	RL
de nö	VH
de ob	DZ
de od	RL
de oh	]B
de ok	LR
de ol	VH
de on	FX
de op	QM
de or	DZ
de os	FX
de p	GW
de pa	IU
de pd	GW
de pe	GW
de pi	LR
de pl	WG
de po	QM
de pr	FX
de pu	YE
de q	ZD
de qu	ZD
de r	KS
de ra	EY
de re	GW
de ri	[C
de ro	JT
de ru	UI
de rä	TJ
de s	LR
de s'	FX
de sa	SK
de se	LR
de sh	GW
de si	MQ
de so	JT
de sp	SK
de st	JT
de su	=c
de ta	_@
de te	FX
de th	C[
de ti	LR
de to	JT
de tr	WG
de ts	DZ
de tu	QM
de tä	WG
de tü	RL
de u	SK
de u.	JT
de uh	XF
de ui	SK
de ul	WG
de um	SK
de un	TJ
de ur	TJ
de us	RL
de v	IU
de v.	UI
de va	SK
de ve	MQ
de vi	HV
de vo	LR
de w	LR
de wa	TJ
de we	MQ
de wi	SK
de wu	KS
de wä	GW
de wü	A^
de x	IU
de xa	IU
de y	RL
de yo	SK
de yı	RL
de ze	FX
de zi	VH
de zu	TJ
de zw	]B
de |	RL
de | 	RL
de ·	FX
de · 	FX
de ä	UI
de äl	UI
de är	>b
de öf	KS
de öl	WG
de ü	LR
de üb	LR
de –	JT
de – 	JT
de „	IU
de „d	UI
de „e	HV
de „g	IU
de „h	GW
de „m	JT
de „p	KS
de „s	JT
de „w	KS
de €	TJ
de € 	VH
de €)	WG
de €,	VH
de €.	WG
de! 	FX
de! |	QM
de!!	IU
de!! 	IU
de!)	RL
de% 	UI
de% m	TJ
de% u	WG
de& 	TJ
de& c	MQ
de& s	VH
de'l	HV
de'll	HV
de's	YE
de's 	YE
de(0	QM
de(0 	XF
de(0.	KS
de(00	VH
de(a	LR
de(ab	MQ
de(b	DZ
de(f	SK
de(fr	SK
de(i	TJ
de(in	TJ
de(j	GW
de(ju	KS
de(k	QM
de(l	EY
de(n	WG
de(nu	WG
de(s	HV
de(v	TJ
de(w	KS
de(z	RL
de) 	HV
de) u	WG
de) |	HV
de),	UI
de), 	UI
de).	LR
de). 	LR
de+ 	KS
de+0	KS
de+00	KS
de, 0	a?
de, b	SK
de, c	JT
de, d	FX
de, e	HV
de, f	WG
de, i	KS
de, j	RL
de, l	RL
de, m	SK
de, n	QM
de, o	TJ
de, p	EY
de, s	UI
de, t	HV
de, u	d<
de, v	KS
de, w	IU
de, x	HV
de, z	ZD
de, ü	ZD
de, „	DZ
de,0	B]
de,0 	ZD
de,00	?a
de- 	RL
de-,	RL
de-, 	RL
de-0	WG
de-00	TJ
de->	FX
de-> 	FX
de-a	XF
de-al	[C
de-b	IU
de-br	GW
de-d	RL
de-do	RL
de-f	e;
de-fe	_@
de-h	[C
de-hi	[C
de-i	TJ
de-id	QM
de-in	ZD
de-k	UI
de-l	_@
de-la	_@
de-m	SK
de-o	SK
de-r	IU
de-s	FX
de-se	KS
de-t	TJ
de-u	WG
de-up	TJ
de-w	EY
de-we	GW
de. 	VH
de. 0	^A
de. a	LR
de. b	GW
de. d	XF
de. e	MQ
de. f	FX
de. h	JT
de. j	WG
de. m	MQ
de. o	KS
de. r	UI
de. s	FX
de. t	B]
de. u	GW
de. v	GW
de. w	C[
de. z	]B
de.)	QM
de.),	[C
de.,	IU
de., 	IU
de.-	WG
de.-i	WG
de.0.	MQ
de.;	SK
de.; 	SK
de.e	QM
de.ex	QM
de.s	EY
de.–	c=
de.– 	_@
de.–/	SK
de.–0	XF
de.–d	VH
de.“	>b
de.“ 	>b
de/ 	FX
de/m	SK
de/m²	SK
de/n	B]
de0 	YE
de0 %	UI
de0 (	QM
de0 a	GW
de0 b	_@
de0 d	RL
de0 e	TJ
de0 f	UI
de0 g	VH
de0 h	e;
de0 i	GW
de0 j	JT
de0 k	WG
de0 l	^A
de0 m	_@
de0 n	GW
de0 o	SK
de0 p	^A
de0 t	KS
de0 u	YE
de0 v	FX
de0 |	LR
de0 ·	FX
de0 €	TJ
de0)	GW
de0) 	DZ
de0),	UI
de0, 	TJ
de0,0	B]
de0-	QM
de0-0	UI
de0.	SK
de0. 	RL
de0.,	MQ
de0.–	b>
de00	a?
de00 	YE
de00)	GW
de00,	LR
de00.	n2
de000	[C
de00:	HV
de0:	DZ
de0: 	KS
de0:0	FX
de0–	UI
de0–0	UI
de: 	HV
de: e	TJ
de: f	LR
de: g	LR
de: i	JT
de: k	VH
de: m	ZD
de: r	JT
de: s	UI
de: t	RL
de: w	SK
de: z	VH
de: „	@_
de:0	FX
de:00	JT
de; 	IU
de; 0	MQ
de; b	KS
de; d	FX
de; f	KS
de; s	WG
de> 	FX
de? 	/q
de@b	^A
de@be	ZD
de@bo	XF
de@e	RL
de@el	RL
de@k	VH
de@o	XF
de@p	JT
de@r	^A
de@s	RL
dea 0	XF
dea a	VH
dea b	EY
dea e	EY
dea f	[C
dea g	KS
dea h	SK
dea k	VH
dea l	LR
dea n	MQ
dea p	KS
dea r	YE
dea s	TJ
dea t	QM
dea v	B]
dea w	UI
dea z	RL
dea,	JT
dea, 	JT
deaa	RL
deaal	VH
deaar	TJ
deaat	LR
deab	VH
deab 	YE
deaba	JT
deabg	LR
deabh	LR
deabi	ZD
deabm	UI
deabr	YE
deabs	MQ
deac	QM
deach	QM
deack	RL
dead 	KS
deade	VH
deadr	JT
deae	RL
deafe	JT
deaff	FX
deafn	TJ
deafü	GW
deag	LR
deag)	RL
deag,	SK
deag.	QM
deagd	LR
deags	VH
deagt	GW
deah	LR
deahi	KS
deahm	KS
deahn	RL
deahr	KS
deaht	UI
deai	LR
deai 	MQ
deain	SK
deak	LR
deake	MQ
deakk	MQ
deakt	KS
deal	TJ
deal 	SK
deal,	TJ
deal.	UI
dealb	JT
deald	_@
deale	LR
dealf	^A
deali	SK
dealk	JT
deall	HV
dealo	LR
dealp	VH
deals	DZ
deam 	TJ
deame	<d
deamm	GW
deamp	RL
deams	XF
deamt	UI
dean 	VH
dean,	SK
dean.	KS
deanb	A^
deand	LR
deane	RL
deanf	QM
deang	VH
deanh	GW
deani	_@
deank	GW
deanl	SK
deann	SK
deanp	YE
deanr	RL
deant	KS
deanw	C[
deap	WG
deape	e;
deapp	DZ
deapr	WG
dear 	IU
dear,	DZ
dear.	C[
deara	b>
dearb	LR
deard	KS
deare	ZD
dearf	TJ
dearg	_@
deari	[C
deark	HV
dearl	YE
dearm	MQ
dearr	TJ
dears	@_
deart	UI
dearz	<d
dearü	HV
deas	JT
deas 	EY
deas,	EY
deas?	FX
deasm	SK
deass	SK
deast	RL
deat	KS
deat 	GW
deat,	ZD
deata	RL
deatf	C[
death	JT
deatm	WG
deats	MQ
deatt	RL
deatu	YE
deatz	RL
deau	]B
deau 	GW
deau,	KS
deau-	XF
deau.	KS
deaub	TJ
deauc	XF
deaud	GW
deaue	XF
deauf	SK
deaug	IU
deauh	QM
deaul	TJ
deaum	UI
deaun	B]
deaup	MQ
deaur	RL
deaus	RL
deaut	]B
deauw	YE
deauß	KS
deave	HV
deavo	RL
deax 	ZD
deay	TJ
deaz	QM
deaß	XF
deaß 	UI
deaße	SK
deb 	GW
deb 0	XF
deb a	ZD
deb d	C[
deb e	HV
deb f	]B
deb g	IU
deb h	FX
deb i	RL
deb m	RL
deb n	DZ
deb o	IU
deb s	MQ
deb w	C[
deb z	UI
deb |	XF
deb.	HV
deb. 	IU
deba	SK
debac	LR
debah	XF
debal	DZ
deban	IU
debar	MQ
debat	FX
debau	]B
debb	]B
debd	JT
debe	QM
debe 	B]
debe,	MQ
debe.	RL
debea	b>
debed	WG
debee	a?
debeg	UI
debeh	QM
debei	SK
debek	TJ
debel	WG
deben	IU
deber	FX
debet	MQ
debev	XF
debew	LR
debez	JT
debf	SK
debfr	SK
debg	LR
debge	EY
debh,	VH
debho	LR
debia	FX
debie	RL
debil	?a
debin	XF
debio	VH
debis	ZD
debit	FX
debl	KS
debla	B]
deble	EY
debli	MQ
deblo	SK
debma	JT
debn	MQ
debni	MQ
debod	DZ
debog	QM
deboo	VH
debot	IU
debr	RL
debra	LR
debre	XF
debri	VH
debro	C[
debru	DZ
debrü	c=
debs	SK
debsc	RL
debse	EY
debsf	]B
debst	UI
debt	KS
debt.	FX
debu	RL
debuc	WG
debud	EY
debue	TJ
debun	SK
debur	GW
debä	B]
debän	B]
debö	TJ
debög	SK
debü	ZD
debüc	VH
debür	XF
dec-	QM
deca	]B
decar	RL
dece	WG
dech	TJ
dech 	LR
dech)	XF
dech,	SK
dech;	DZ
dechb	HV
deche	LR
dechf	MQ
dechg	d<
dechl	QM
dechm	RL
dechn	RL
dechp	QM
dechr	JT
dechs	ZD
decht	MQ
dechu	UI
dechw	GW
dechz	RL
dechä	QM
dechö	C[
dechü	SK
deci	]B
deck	RL
deck 	VH
deck,	LR
deckb	KS
deckh	ZD
decki	QM
decks	DZ
deckt	XF
decl	KS
deco	A^
deco.	TJ
decom	LR
decoo	?a
ded 	TJ
ded 0	XF
ded a	ZD
ded b	MQ
ded e	ZD
ded f	KS
ded g	VH
ded h	GW
ded i	VH
ded j	a?
ded k	EY
ded l	[C
ded m	XF
ded n	IU
ded o	ZD
ded p	XF
ded r	HV
ded s	HV
ded t	IU
ded u	TJ
ded v	RL
ded w	TJ
ded z	RL
ded |	YE
ded,	LR
ded, 	LR
ded-	EY
ded.	QM
ded. 	YE
ded.e	[C
ded@	g9
deda	MQ
deda.	[C
dedac	TJ
dedaf	GW
dedag	IU
dedah	QM
dedai	QM
dedal	XF
dedam	YE
dedan	GW
dedas	EY
dedat	FX
dedau	IU
dedav	RL
dedb	XF
dedd	XF
dede 	LR
dede)	MQ
dede,	c=
dede0	ZD
dedea	>b
dedei	]B
dedel	TJ
dedem	IU
deden	QM
deder	JT
dedet	WG
dedeu	B]
dedez	UI
dedf	FX
dedfa	QM
dedg	DZ
dedge	HV
dedh	KS
dedi	LR
dedi 	JT
dedi,	UI
dedic	QM
dedin	GW
dedip	WG
dedir	TJ
dedis	A^
dedl	JT
dedl 	SK
dedli	EY
dedm	SK
dedme	SK
dedn	GW
dedne	FX
dednr	WG
dednu	KS
dedo	SK
dedo 	WG
dedo,	UI
dedo.	VH
dedok	HV
dedon	VH
dedow	JT
dedr	SK
dedr.	YE
dedre	XF
dedri	FX
dedru	GW
dedrü	WG
deds	DZ
deds 	QM
dedsa	EY
dedsc	IU
dedss	GW
dedt 	WG
dedu	FX
dedu 	DZ
dedun	KS
dedv	SK
dedve	SK
dedw	SK
dedwa	LR
dedwe	UI
dedwi	SK
dedy	MQ
dedy 	RL
dedü	KS
dedür	KS
dedı	TJ
dedız	RL
dee 	JT
dee (	KS
dee 0	TJ
dee a	MQ
dee b	QM
dee c	IU
dee d	MQ
dee e	LR
dee f	IU
dee g	MQ
dee h	VH
dee i	KS
dee j	C[
dee k	HV
dee l	C[
dee m	KS
dee n	GW
dee o	IU
dee p	QM
dee s	C[
dee t	RL
dee u	KS
dee v	QM
dee w	WG
dee z	EY
dee |	UI
dee ö	RL
dee ü	FX
dee „	DZ
dee!	HV
dee)	MQ
dee) 	QM
dee),	KS
dee,	QM
dee, 	QM
dee-	RL
dee.	TJ
dee. 	UI
dee.e	VH
dee.“	GW
dee0	ZD
dee00	ZD
dee:	JT
dee: 	JT
dee?	DZ
dee? 	DZ
deean	HV
deear	GW
deeas	LR
deeat	^A
deeba	YE
deebi	UI
deebn	B]
deebo	FX
deebr	TJ
deebs	YE
deebu	JT
deec	QM
deeck	VH
deed	TJ
deed 	SK
deed@	XF
deeda	YE
deede	JT
deedg	^A
deedi	MQ
deeds	MQ
deedt	XF
deee	VH
deee 	d<
deeeh	;e
deeep	LR
deeer	WG
deeet	SK
deef 	WG
deefa	XF
deeff	MQ
deefl	VH
deefr	HV
deefä	FX
deeg	RL
deeg 	ZD
deeg,	EY
deeg.	GW
deege	TJ
deegg	RL
deegi	JT
deegl	HV
deego	XF
deegr	[C
deegt	IU
deegu	QM
deeh	VH
deeha	ZD
deehe	LR
deehl	RL
deehm	XF
deehr	SK
deeht	KS
deei	QM
deei 	^A
deei,	TJ
deei-	^A
deei.	b>
deei@	RL
deeib	C[
deeic	KS
deeid	VH
deeie	HV
deeif	RL
deeig	YE
deeih	_@
deeik	TJ
deeil	ZD
deein	LR
deeis	LR
deeit	RL
deeiw	YE
deeiz	GW
deeiß	HV
deek	TJ
deekl	LR
deeko	MQ
deel	TJ
deel 	HV
deel,	UI
deela	HV
deelc	A^
deeld	LR
deele	UI
deelg	GW
deelh	MQ
deeli	e;
deell	LR
deelm	ZD
deeln	SK
deels	TJ
deelt	QM
deelw	a?
deelö	UI
deem 	KS
deemb	QM
deemd	QM
deeme	SK
deemi	XF
deemü	HV
deen-	UI
deen.	HV
deen:	JT
deen;	MQ
deen?	C[
deen@	h8
deena	LR
deenb	WG
deend	KS
deene	SK
deenf	YE
deeng	RL
deenh	RL
deenk	WG
deenl	WG
deenm	TJ
deenn	MQ
deeno	HV
deenp	QM
deenr	TJ
deens	b>
deent	HV
deenw	^A
deen“	SK
deeo	SK
deeon	UI
deeor	LR
deepa	YE
deepe	XF
deepl	IU
deepp	WG
deepr	LR
deept	MQ
deer	QM
deer 	QM
deer)	KS
deer-	TJ
deer.	IU
deer:	IU
deerb	VH
deerd	QM
deere	c=
deerf	LR
deerg	LR
deerh	DZ
deeri	LR
deerk	XF
deerl	@_
deerm	RL
deern	>b
deero	YE
deerp	SK
deerr	>b
deers	HV
deert	LR
deeru	^A
deerv	IU
deerw	XF
deerä	WG
deerö	IU
deer“	IU
dees	MQ
dees 	LR
dees,	TJ
dees.	EY
deesa	@_
deesc	RL
deese	QM
deesh	IU
deesi	RL
deesk	MQ
deesp	IU
deess	MQ
deest	GW
deet	MQ
deet 	UI
deet,	RL
deet.	EY
deeta	UI
deetb	VH
deete	VH
deeto	KS
deetr	JT
deets	?a
deett	LR
deetw	MQ
deetz	EY
deeu 	EY
deeub	RL
deeud	KS
deeue	KS
deeug	TJ
deeun	YE
deeur	LR
deeut	JT
deev	JT
deevo	XF
deew	KS
deew 	MQ
deewe	RL
deewi	KS
deex	QM
deexa	QM
deexp	RL
deez	YE
deeza	UI
deeze	a?
deezi	HV
deeß	YE
deeße	WG
deeö	YE
deeöf	YE
dee“	GW
dee“ 	HV
def 	JT
def (	IU
def 0	KS
def a	QM
def d	>b
def e	MQ
def g	SK
def h	WG
def i	DZ
def k	KS
def l	XF
def m	RL
def n	SK
def r	FX
def t	XF
def u	WG
def v	JT
def w	QM
def z	VH
def)	EY
def,	TJ
def, 	TJ
def-	e;
def- 	UI
defa	MQ
defal	LR
defam	RL
defan	WG
defar	?a
defas	TJ
defax	ZD
defe	SK
defe 	^A
defeb	QM
defeh	JT
defei	KS
defen	KS
defeu	VH
deff	KS
deff 	FX
deff,	YE
deffe	GW
deffn	LR
defge	WG
defh	RL
defi	>b
defia	GW
defik	JT
defil	HV
defin	JT
defk	IU
defl	g9
defla	RL
defle	WG
defli	YE
deflü	SK
defma	SK
defn	LR
defn 	SK
defna	HV
defne	XF
defnu	GW
defo	HV
defo@	RL
defol	DZ
defor	HV
defot	GW
defp	JT
defr	JT
defr 	RL
defr.	MQ
defra	A^
defre	RL
defri	RL
defro	]B
defrü	JT
defs	a?
defsc	QM
defst	YE
deft	KS
deft 	QM
deft,	MQ
deft.	YE
defte	C[
deftl	HV
deftr	KS
defu	JT
defw	SK
defwa	SK
defz	QM
defzi	QM
defä	JT
defäh	GW
defäl	JT
defän	WG
defär	YE
defö	GW
deför	GW
defü	RL
defüh	TJ
defül	GW
defün	QM
defür	JT
deg 	UI
deg &	EY
deg (	VH
deg 0	MQ
deg a	MQ
deg b	LR
deg d	JT
deg g	C[
deg h	HV
deg i	MQ
deg j	UI
deg k	VH
deg m	LR
deg n	MQ
deg o	IU
deg p	XF
deg r	XF
deg s	RL
deg u	XF
deg w	QM
deg z	LR
deg |	MQ
deg „	SK
deg) 	RL
deg,	JT
deg, 	JT
deg-	RL
deg.	RL
deg. 	RL
deg@	ZD
dega	FX
degab	EY
degal	@_
degar	WG
degas	RL
degb	QM
degbr	[C
degd	LR
dege	UI
dege 	SK
dege,	WG
dege.	HV
degea	WG
degeb	SK
degee	;e
degef	SK
degeg	WG
degek	KS
degel	IU
degem	WG
degen	XF
degeo	LR
deger	LR
deges	JT
deget	DZ
degew	SK
degez	VH
degeö	YE
degg	IU
degg,	VH
degh	RL
degi	RL
degib	YE
degie	RL
degin	HV
degis	GW
degk	QM
degke	QM
degl	XF
degla	JT
degle	TJ
degli	QM
deglo	SK
deglä	XF
degm	RL
degmb	TJ
degn	LR
dego 	FX
degor	XF
degos	VH
degr	IU
degra	IU
degru	FX
degrü	HV
degs	QM
degs.	YE
degsa	TJ
degse	VH
degsp	@_
degst	IU
degsz	GW
degt	LR
degt 	QM
degt,	GW
degt.	EY
degt:	HV
degu	=c
degun	DZ
degut	@_
degä	FX
degäs	JT
degül	SK
deh 	MQ
deh (	[C
deh 0	TJ
deh e	GW
deh f	UI
deh g	SK
deh h	LR
deh i	LR
deh k	SK
deh l	RL
deh m	C[
deh n	KS
deh o	EY
deh p	SK
deh r	FX
deh s	MQ
deh t	JT
deh v	WG
deh w	HV
deh z	JT
deh |	IU
deh ü	FX
deh)	[C
deh) 	ZD
deh,	UI
deh, 	UI
deh-	IU
deh.e	VH
deh;	DZ
deha	XF
dehaa	VH
dehab	ZD
dehad	EY
dehaf	SK
dehal	TJ
dehan	WG
dehar	RL
dehas	SK
dehat	HV
dehau	XF
dehav	LR
dehb	HV
dehba	EY
dehe	JT
dehe 	JT
dehe,	SK
dehe.	LR
dehee	_@
dehef	IU
dehei	VH
dehel	KS
dehem	GW
dehen	C[
deher	KS
dehes	RL
deheu	UI
dehf	MQ
dehfa	UI
dehfo	EY
dehg	d<
dehhe	FX
dehi	RL
dehie	HV
dehil	JT
dehin	YE
dehj	JT
dehja	JT
dehl	VH
dehl 	QM
dehla	KS
dehle	ZD
dehlo	XF
dehls	TJ
dehlt	JT
dehlä	SK
dehm	VH
dehm 	KS
dehm,	UI
dehme	RL
dehmi	WG
dehn	XF
dehn 	SK
dehn,	EY
dehnd	XF
dehne	YE
dehni	RL
dehnu	KS
deho	TJ
dehoc	RL
dehol	[C
dehom	EY
dehop	EY
dehor	_@
dehos	FX
dehp	QM
dehpl	YE
dehr	MQ
dehr 	HV
dehr,	RL
dehr.	SK
dehr?	HV
dehra	XF
dehrb	TJ
dehre	JT
dehrg	JT
dehri	KS
dehrj	YE
dehrl	RL
dehrs	KS
dehrt	LR
dehs	VH
dehs 	XF
dehse	TJ
dehst	SK
deht	LR
deht,	GW
deht.	LR
deht:	GW
deht?	IU
dehtb	FX
dehte	LR
dehti	GW
dehtu	HV
dehtz	]B
dehu	YE
dehul	HV
dehun	XF
dehus	YE
dehut	MQ
dehw	GW
dehwa	HV
dehwi	JT
dehz	RL
dehze	RL
dehä	QM
dehäd	KS
dehäf	QM
dehäl	_@
dehät	GW
dehäu	IU
dehö	JT
dehöc	RL
dehöf	UI
dehön	C[
dehör	JT
dehüb	FX
dehür	UI
dehüs	DZ
dei 	WG
dei (	ZD
dei 0	IU
dei a	a?
dei b	KS
dei d	IU
dei e	ZD
dei f	VH
dei g	d<
dei h	YE
dei i	QM
dei l	VH
dei m	LR
dei n	KS
dei o	QM
dei t	HV
dei u	g9
dei w	XF
dei z	VH
dei-	[C
dei;	]B
dei; 	]B
dei@	RL
deia	IU
deial	MQ
deian	YE
deiat	EY
deib	QM
deib 	A^
deibe	MQ
deic	FX
deich	IU
deick	HV
deid	TJ
deid 	RL
deide	WG
deidn	WG
deidu	JT
deie	MQ
deie 	JT
deie,	HV
deie?	EY
deieb	SK
deief	MQ
deieg	IU
deieh	QM
deiel	GW
deiem	[C
deien	VH
deier	]B
deies	b>
deiet	QM
deieß	YE
deif	KS
deif 	LR
deife	UI
deiff	LR
deift	B]
deig	VH
deig 	_@
deig,	JT
deig.	WG
deige	LR
deign	LR
deigs	KS
deigt	WG
deigu	EY
deihe	c=
deihn	YE
deihr	B]
deihu	WG
deik	[C
deik 	WG
deik,	^A
deika	MQ
deike	TJ
deil	HV
deil?	GW
deila	FX
deilb	LR
deild	>b
deile	a?
deilf	MQ
deilm	LR
deilo	RL
deilt	C[
deim	RL
deimk	WG
deimm	HV
deimp	GW
dein	MQ
dein 	JT
dein)	MQ
dein,	GW
deina	XF
deinb	QM
deind	UI
deine	HV
deinf	IU
deing	TJ
deinh	SK
deink	]B
deinl	KS
deinm	?a
deinn	KS
deino	KS
deinr	FX
deins	UI
deint	FX
deinu	MQ
deinv	JT
deinw	^A
deinz	RL
deio	UI
deios	RL
deip	JT
deipl	WG
deipp	C[
deir	[C
deir 	VH
deir,	^A
deir.	^A
deira	FX
deird	TJ
deire	RL
deirg	C[
deirk	KS
deirm	LR
deirn	XF
deirt	VH
deis	VH
deis 	VH
deis,	UI
deisc	HV
deise	FX
deisi	_@
deisl	IU
deiso	VH
deisp	KS
deiss	MQ
deist	UI
deit 	GW
deit.	XF
deita	ZD
deitb	RL
deite	>b
deitg	RL
deith	UI
deitm	VH
deitr	MQ
deits	JT
deitt	LR
deitu	QM
deitz	SK
deitä	VH
deiu	QM
deiv	IU
deiva	C[
deive	QM
deiw	YE
deiwe	VH
deiwi	VH
deix	KS
deix 	EY
deix,	XF
deiz	HV
deize	HV
deizi	XF
deizu	GW
deiß	HV
deiß 	HV
deiß,	IU
deiß.	@_
deiße	RL
deißi	SK
deißt	TJ
deja	JT
deja 	@_
deja,	HV
dejac	KS
dejah	WG
deje	RL
deje 	MQ
dejed	XF
dejen	XF
dejet	IU
dejew	TJ
deju	MQ
dejug	RL
dejul	LR
dejun	EY
dejö	TJ
dejör	TJ
dek 	QM
dek 0	LR
dek a	MQ
dek b	TJ
dek f	IU
dek h	GW
dek i	TJ
dek u	UI
dek w	?a
dek,	QM
dek, 	QM
dek-	e;
dek.	MQ
dek. 	MQ
dekac	]B
dekal	MQ
dekam	A^
dekan	SK
dekap	[C
dekar	QM
dekas	FX
dekat	SK
dekau	ZD
dekb	JT
deke	KS
deke 	TJ
dekeg	^A
dekei	>b
dekel	A^
deken	TJ
deker	QM
dekg	YE
dekh	WG
dekho	XF
deki	ZD
dekie	SK
dekil	RL
dekin	WG
dekio	RL
dekir	KS
dekis	FX
dekk	JT
dekl	LR
dekl.	ZD
dekla	HV
dekle	YE
dekli	KS
deklä	9g
dekn	TJ
dekno	B]
deko	TJ
dekol	:f
dekom	VH
dekor	WG
dekos	SK
dekr	TJ
dekra	QM
deks,	LR
dekst	XF
dekt	SK
dekt,	RL
dekt.	FX
dekta	SK
dekte	GW
dekti	SK
dektr	JT
deku	=c
dekuh	EY
dekum	JT
dekun	B]
dekur	LR
dekw	TJ
dekw 	TJ
dekö	KS
dekön	LR
dekü	KS
deküc	HV
dekün	FX
del 	FX
del 0	TJ
del b	ZD
del d	MQ
del e	RL
del g	FX
del h	IU
del i	GW
del j	HV
del k	QM
del m	FX
del n	JT
del p	EY
del r	DZ
del t	KS
del v	B]
del w	GW
del z	[C
del |	VH
del)	SK
del,	TJ
del, 	TJ
del-	VH
del.	TJ
del. 	RL
del.e	RL
del?	GW
del? 	GW
dela	LR
dela 	KS
delac	JT
delad	WG
delaf	GW
delag	JT
delam	DZ
delan	]B
delar	;e
delas	QM
delat	MQ
delau	IU
delb	JT
delb 	KS
delba	UI
delbe	GW
delbr	_@
delbs	SK
delch	LR
deld	IU
deld,	JT
deld.	IU
delde	C[
deldi	JT
deldr	GW
deldu	MQ
deldı	RL
dele	WG
dele 	XF
dele,	ZD
dele.	[C
delea	JT
deleb	IU
delec	HV
deled	FX
delee	MQ
delef	RL
delei	XF
delek	JT
delen	UI
delep	SK
deler	ZD
deles	LR
delet	C[
delf	KS
delf,	RL
delfe	JT
delft	]B
delg	HV
delg 	GW
delgr	GW
delgt	KS
delh	TJ
delho	MQ
deli 	UI
deli,	WG
delic	JT
delie	RL
delig	[C
delil	DZ
delin	KS
delis	DZ
delit	MQ
delk	]B
delk 	GW
delke	YE
delko	YE
dell 	>b
dell.	C[
delle	LR
dellk	YE
dellm	XF
dells	LR
dellt	FX
dellw	GW
delm	VH
delm,	MQ
delmt	ZD
deln	TJ
deln 	ZD
deln,	QM
delni	GW
delo	WG
deloa	IU
deloc	SK
delog	RL
deloh	KS
delom	XF
delos	]B
deloß	SK
delp	TJ
delpf	YE
delr	b>
delri	YE
dels	MQ
dels 	FX
delsc	VH
delse	VH
delso	IU
delst	RL
delt	TJ
delt.	LR
delte	IU
delti	UI
delu	RL
deluf	QM
delun	UI
delus	TJ
delv	QM
delw	KS
delwa	HV
dely	UI
delz	[C
delz 	c=
delz,	LR
deläd	UI
delän	MQ
delär	B]
deläs	YE
delät	LR
deläu	ZD
delö	TJ
delöf	UI
delös	RL
delü	JT
delüg	GW
del“	RL
dem 	MQ
dem (	IU
dem 0	ZD
dem a	FX
dem d	RL
dem e	JT
dem f	UI
dem g	JT
dem h	FX
dem i	LR
dem j	WG
dem k	UI
dem l	SK
dem m	IU
dem n	FX
dem o	XF
dem p	YE
dem r	XF
dem t	HV
dem u	GW
dem v	MQ
dem w	IU
dem z	EY
dem |	XF
dem „	QM
dem,	JT
dem, 	JT
dem-	QM
dem.	EY
dem. 	EY
dema	TJ
dema 	SK
demac	RL
demag	VH
demah	XF
demai	GW
demal	ZD
demas	SK
demat	XF
demau	IU
demaß	XF
demb	TJ
demba	UI
dembe	SK
dembh	TJ
demd	QM
demd 	RL
deme	QM
deme,	RL
deme.	TJ
demec	TJ
demed	TJ
demeh	SK
demei	IU
demel	KS
demer	LR
demes	MQ
demet	YE
demf	RL
demi 	[C
demic	C[
demie	ZD
demil	QM
demin	LR
demir	JT
demis	RL
demit	RL
demkr	_@
demm	HV
demm 	QM
demma	DZ
demmt	JT
demmu	IU
demo	[C
demo 	XF
demo,	XF
demo.	VH
demod	IU
demol	GW
demon	SK
demoo	SK
demor	XF
demo–	SK
dempe	]B
dempf	LR
dempr	GW
dems	XF
demst	XF
demt 	SK
demt,	HV
demt.	?a
demta	ZD
demts	]B
demu	GW
demul	EY
demun	IU
demut	DZ
demw	VH
demws	VH
dem²	SK
dem² 	SK
demö	DZ
demöc	QM
demü	MQ
demüh	SK
demüs	C[
den 0	RL
den b	FX
den c	HV
den e	RL
den f	IU
den g	JT
den h	ZD
den k	LR
den l	LR
den m	C[
den n	UI
den o	GW
den p	KS
den r	JT
den s	LR
den t	WG
den u	RL
den v	YE
den w	RL
den z	EY
den |	HV
den ö	LR
den ü	JT
den!	A^
den! 	A^
den)	JT
den) 	DZ
den-	WG
den-r	GW
den.“	C[
den:	FX
den: 	FX
den;	JT
den; 	FX
den?	A^
den? 	A^
den@	FX
denab	UI
denac	MQ
denah	RL
denam	DZ
denan	GW
denat	MQ
denau	WG
denba	UI
denbe	EY
denc	XF
dench	XF
dend 	VH
dend-	GW
dend.	WG
dend:	LR
dend@	d<
denda	YE
dende	YE
dendi	FX
dendl	KS
dends	?a
dendt	QM
dendu	YE
dene 	KS
dene,	XF
dene.	GW
deneb	?a
dened	LR
denef	KS
deneh	WG
denel	XF
denem	SK
denen	KS
dener	ZD
denes	EY
denet	HV
denew	MQ
denf.	VH
denfe	IU
denfl	QM
denfo	KS
denfr	KS
denfä	VH
deng	SK
deng.	TJ
denga	HV
dengb	KS
denge	YE
dengl	9g
dengs	KS
denh	SK
denh.	[C
denha	QM
denhe	LR
denho	LR
denhö	GW
deni 	TJ
denia	TJ
denic	IU
denie	c=
denig	LR
denik	XF
denin	IU
denir	FX
denis	HV
denit	SK
denk	JT
denk 	JT
denka	[C
denke	LR
denkl	LR
denks	QM
denku	DZ
denl	QM
denla	UI
denle	VH
denli	DZ
denlo	VH
denm	QM
denme	MQ
denn 	HV
denn,	a?
denn.	WG
denne	RL
denni	MQ
denns	EY
dennu	XF
deno	C[
deno 	GW
denoc	IU
denol	KS
denor	MQ
denos	XF
denot	IU
denow	SK
denpf	RL
denpl	KS
denpr	YE
denr	ZD
denr 	_@
denr.	YE
denra	UI
denre	TJ
denru	RL
denrä	SK
dens	XF
dens 	^A
dens)	EY
dens,	XF
dens.	JT
densa	]B
densc	EY
densf	FX
densh	SK
densi	YE
densm	LR
densp	RL
denst	ZD
densä	GW
dent	JT
dent 	RL
dent,	EY
denta	HV
dente	LR
denti	QM
dentl	HV
dento	UI
dentr	RL
dents	B]
dentü	WG
denu	KS
denua	RL
denum	;e
denun	FX
denup	XF
denur	QM
denus	KS
denve	JT
denw	WG
denwe	QM
denwi	c=
denz,	YE
denza	FX
denze	KS
denzi	TJ
denä	RL
denäc	LR
denäh	RL
denö	[C
denöt	VH
denü	TJ
den“	RL
den“ 	C[
deo 	LR
deo (	YE
deo 0	ZD
deo a	WG
deo b	SK
deo d	GW
deo e	EY
deo f	DZ
deo g	KS
deo h	HV
deo i	RL
deo j	RL
deo k	KS
deo l	VH
deo m	TJ
deo r	WG
deo s	FX
deo u	JT
deo w	EY
deo z	EY
deo)	XF
deo) 	VH
deo),	e;
deo.	_@
deo. 	_@
deo.–	VH
deo@	WG
deoa	HV
deoad	IU
deob	FX
deob 	?a
deoba	A^
deobi	JT
deobo	LR
deoc	QM
deock	VH
deod	IU
deode	MQ
deoe	QM
deof 	_@
deof,	EY
deofe	TJ
deoff	IU
deofi	WG
deog	TJ
deoge	YE
deogo	FX
deoh	ZD
deohn	[C
deohr	SK
deoi	KS
deoin	KS
deok	KS
deoko	EY
deol	LR
deola	XF
deold	HV
deole	_@
deolf	GW
deolg	DZ
deolk	HV
deoll	UI
deoln	GW
deols	RL
deolt	VH
deolu	GW
deolz	TJ
deom 	IU
deom,	KS
deoma	VH
deome	QM
deomi	KS
deomk	C[
deomm	TJ
deomp	IU
deon	MQ
deon 	MQ
deona	QM
deone	VH
deoni	YE
deonk	DZ
deonl	IU
deonn	MQ
deons	C[
deont	KS
deonz	MQ
deoo	VH
deoor	SK
deoot	UI
deop	GW
deop 	DZ
deop,	HV
deope	DZ
deopf	GW
deopp	QM
deor	VH
deor 	]B
deorb	]B
deord	GW
deore	QM
deorf	LR
deorg	UI
deorh	GW
deori	JT
deork	KS
deorl	GW
deorm	TJ
deorn	XF
deort	EY
deos	QM
deos 	:f
deos.	TJ
deose	IU
deosk	RL
deosp	IU
deoss	[C
deost	SK
deot	IU
deot 	HV
deot,	MQ
deotd	a?
deote	HV
deoti	HV
deoto	EY
deots	RL
deou	DZ
deoul	B]
deour	JT
deout	GW
deov	KS
deove	C[
deow	SK
deown	MQ
deoße	MQ
deoßv	]B
deo–	SK
deo–d	XF
deo–f	RL
dep 	LR
dep 0	GW
dep,	DZ
dep, 	DZ
dep.	KS
depa	VH
depaa	MQ
depac	IU
depag	DZ
depak	SK
depal	C[
depar	TJ
depd	GW
depdf	GW
deped	VH
depeg	?a
depek	QM
depel	]B
depen	QM
depet	DZ
depf	ZD
depf 	IU
depfa	RL
depfe	YE
depfi	HV
depfl	]B
depic	EY
depie	UI
depin	JT
depl	TJ
depla	KS
deple	RL
depo	QM
depol	KS
depos	XF
depp	TJ
depp 	ZD
deppe	]B
depr	FX
depra	EY
depre	B]
depro	MQ
deprä	FX
deprü	UI
deps	B]
deps.	FX
dept	MQ
depte	QM
depum	VH
deput	B]
depä	GW
depät	KS
dequ	a?
dequa	VH
deque	UI
dequi	^A
der 	TJ
der &	QM
der 0	VH
der a	VH
der b	MQ
der c	TJ
der d	TJ
der e	HV
der f	MQ
der g	RL
der h	WG
der i	b>
der k	MQ
der m	UI
der n	GW
der o	C[
der p	LR
der r	JT
der s	IU
der t	UI
der v	JT
der w	;e
der z	SK
der |	TJ
der ä	JT
der ü	QM
der)	LR
der) 	KS
der-	UI
der-i	VH
der.	RL
der. 	QM
der.e	^A
der.“	LR
der?	HV
der? 	HV
dera	KS
dera 	HV
dera,	GW
derab	JT
derac	WG
derad	KS
derag	GW
derah	MQ
deral	QM
deras	XF
derat	UI
derau	IU
deraß	UI
derb	TJ
derb 	TJ
derba	QM
derbe	RL
derbi	RL
derbo	VH
derbr	]B
derbs	SK
derbu	ZD
derbü	SK
derc	TJ
derd 	SK
derda	KS
derdb	XF
derde	LR
derdn	GW
derdo	GW
dere	QM
dere 	YE
dere.	DZ
derea	JT
derec	MQ
dered	DZ
deree	QM
deref	LR
dereg	XF
derek	UI
derem	@_
deren	SK
derep	_@
derer	HV
deres	FX
deret	MQ
dereu	HV
derfa	?a
derfe	JT
derfs	d<
derfü	TJ
derg	IU
derg 	WG
derga	JT
derge	RL
dergi	EY
dergl	A^
dergr	XF
derh	HV
derhe	KS
deri	UI
deric	QM
derie	VH
derif	GW
derig	JT
derik	ZD
deril	WG
derin	VH
deris	@_
derit	VH
deriv	C[
derj	YE
derja	YE
derk	QM
derk 	JT
derka	TJ
derke	XF
derki	IU
derkl	FX
derks	SK
derkt	VH
derku	VH
derl	EY
derla	EY
derle	JT
derlä	HV
derm 	JT
derm,	LR
derma	YE
derme	XF
dermi	UI
dermo	IU
dermu	B]
dern	MQ
dern 	SK
dern,	B]
dern.	TJ
dern;	HV
derna	EY
dernd	TJ
derne	MQ
derns	QM
dernt	UI
dero	SK
dero 	ZD
dero,	EY
dero.	TJ
dero@	TJ
derob	]B
deroc	;e
derof	YE
derol	TJ
derom	TJ
deron	KS
deros	YE
derot	MQ
deroß	KS
derp	VH
derr	GW
derr 	;e
derre	DZ
derrh	^A
derrt	JT
ders	KS
dersc	QM
dersi	WG
derso	VH
dersp	ZD
derst	DZ
dert	MQ
dert 	KS
dert)	IU
dert,	JT
derte	XF
derth	HV
derti	EY
dertr	GW
derts	LR
dertu	SK
deru	UI
derua	LR
deruc	A^
derud	SK
deruf	JT
deruh	RL
derum	RL
derun	[C
derut	]B
deruß	DZ
derv	LR
derva	LR
derve	^A
dervi	KS
dervu	C[
derw	ZD
derwa	[C
derwe	VH
derwi	WG
derwä	FX
derz	EY
derz 	GW
derz,	LR
derze	JT
derä	UI
deräg	SK
deräs	FX
derät	WG
deräu	SK
derö	VH
deröf	IU
deröß	RL
derü	MQ
derüb	SK
derüc	TJ
derüe	HV
derüf	TJ
derüh	JT
derün	UI
derüs	C[
derüß	B]
des (	YE
des 0	VH
des a	RL
des b	>b
des d	SK
des e	WG
des f	YE
des g	@_
des i	DZ
des j	IU
des k	RL
des l	JT
des m	SK
des n	@_
des o	LR
des p	RL
des r	MQ
des s	VH
des t	XF
des u	UI
des v	FX
des w	LR
des z	LR
des |	IU
des ä	QM
des ö	HV
des ü	;e
des'	C[
des)	IU
des) 	IU
des-	RL
des.	KS
des. 	KS
des:	XF
des: 	XF
des?	@_
des? 	@_
desa 	TJ
desaa	KS
desab	YE
desac	A^
desam	TJ
desar	SK
desat	QM
desau	RL
desbe	XF
desbi	IU
desbr	VH
desc	MQ
desch	MQ
desco	DZ
desd	JT
desdi	XF
desdr	KS
dese	RL
dese 	C[
dese,	TJ
dese.	TJ
desec	XF
desed	LR
desee	MQ
deseh	C[
desei	JT
desel	RL
desep	XF
deses	XF
deset	UI
desf	IU
desfa	FX
desfe	b>
desfü	LR
desg	MQ
desge	HV
desh	GW
desha	HV
deshe	XF
deshi	C[
desho	HV
desi 	LR
desie	KS
desig	LR
desik	TJ
desis	RL
desk 	RL
deska	_@
deske	UI
deski	MQ
desko	MQ
desl	LR
desla	YE
desle	RL
desli	HV
desm	SK
desme	QM
desn	GW
deso 	MQ
deso,	UI
desob	KS
desoh	C[
desol	JT
desom	IU
desor	[C
desp	SK
despa	WG
despe	QM
despi	QM
despl	GW
despr	IU
despä	KS
desr	XF
desre	TJ
dess	MQ
dess 	GW
dess,	XF
dess.	TJ
dessa	RL
dessh	TJ
dessi	EY
desst	UI
dessu	IU
dest	YE
dest 	KS
dest)	HV
dest,	VH
dest-	TJ
dest.	UI
dest:	]B
desta	LR
deste	VH
desth	VH
desti	EY
destn	ZD
destr	RL
dests	MQ
destu	^A
destä	TJ
destü	XF
desu	DZ
desuc	DZ
desum	EY
desun	QM
desv	VH
desve	SK
desw	VH
deswa	SK
deswe	LR
desze	GW
deszu	XF
desäg	VH
desär	C[
desät	GW
det (	TJ
det 0	SK
det a	FX
det b	DZ
det c	IU
det d	EY
det e	MQ
det g	DZ
det h	SK
det i	HV
det j	XF
det l	JT
det m	UI
det n	QM
det o	WG
det p	C[
det r	TJ
det t	UI
det u	KS
det v	RL
det z	XF
det |	HV
det ü	SK
det!	KS
det! 	HV
det'	[C
det's	[C
det) 	LR
det),	YE
det-	RL
det-i	QM
det.	QM
det.)	[C
det.;	SK
det.e	VH
det:	MQ
det;	TJ
det; 	SK
det?	IU
det? 	IU
det@	i7
det@o	XF
deta	UI
detag	XF
detak	FX
detal	TJ
detan	C[
detar	SK
detas	MQ
detat	TJ
detau	RL
detb	UI
detba	RL
detbi	^A
detd	c=
detdi	a?
dete 	9g
dete)	VH
dete,	FX
dete.	UI
deteb	JT
detec	UI
deteg	WG
deteh	LR
detei	VH
detel	QM
detem	TJ
deten	UI
detep	EY
detet	KS
deteu	@_
detf	C[
detfe	FX
detgl	RL
deth	VH
deth 	XF
deth,	IU
dethe	RL
deti	JT
deti 	DZ
detic	SK
detie	YE
detik	GW
detim	HV
detin	JT
detip	C[
detis	TJ
detj	JT
detje	JT
detk	LR
detke	IU
detkl	XF
detl	QM
detl,	[C
detla	QM
detle	RL
detli	SK
detm	[C
detma	[C
detme	WG
detn	QM
deto 	HV
deto,	ZD
deto.	SK
detob	IU
detoc	MQ
detof	KS
detok	IU
detom	IU
deton	YE
detop	IU
detor	a?
detos	HV
detp	YE
detr	RL
detr.	ZD
detre	FX
detri	JT
detro	YE
detru	TJ
deträ	SK
dets	HV
dets 	B]
dets,	RL
dets.	WG
detsa	MQ
detsc	@_
detse	DZ
detsf	LR
detsg	]B
detsh	KS
detsl	TJ
detsp	SK
dett	MQ
dett 	JT
dett,	SK
dett.	UI
dett@	[C
dette	HV
detti	FX
dettk	KS
dettl	SK
detto	UI
dettu	SK
dettw	ZD
detu	XF
detu0	SK
detuh	SK
detum	UI
detun	TJ
detur	e;
detv	MQ
detve	MQ
detw	QM
detwe	LR
detwo	VH
detz	MQ
detz 	KS
detz,	HV
detz.	IU
detze	[C
detzg	RL
detzi	]B
detzt	MQ
detzu	FX
detä	WG
detäg	WG
detän	SK
detö	EY
detü	VH
detüc	UI
detüh	TJ
detür	RL
deu 	IU
deu a	GW
deu b	C[
deu f	MQ
deu g	HV
deu k	HV
deu l	JT
deu n	ZD
deu r	QM
deu t	C[
deu u	C[
deu w	DZ
deu,	KS
deu, 	KS
deu-	KS
deu.	HV
deu. 	HV
deu.e	[C
deu0	SK
deu00	SK
deual	KS
deuar	QM
deub	ZD
deub 	LR
deube	WG
deubi	YE
deuch	SK
deuck	IU
deud	IU
deude	RL
deudg	C[
deue	UI
deue 	RL
deuf	QM
deuf 	JT
deuf,	RL
deuf.	JT
deufe	UI
deufg	QM
deufl	YE
deufm	SK
deufn	HV
deufp	JT
deufr	LR
deufs	[C
deufw	SK
deug	QM
deug,	RL
deug-	YE
deuge	QM
deugu	QM
deuh	WG
deuh 	JT
deuhe	TJ
deuhl	XF
deuhr	VH
deui	]B
deuid	SK
deuk	JT
deul	LR
deula	JT
deuld	A^
deule	KS
deuli	WG
deull	IU
deulr	YE
deum 	IU
deum,	IU
deum.	HV
deuma	TJ
deumb	UI
deume	UI
deumk	_@
deumm	?a
deump	VH
deums	VH
deun 	MQ
deund	TJ
deune	^A
deung	FX
deunk	IU
deuns	LR
deunt	MQ
deunz	QM
deupf	QM
deupp	[C
deupt	MQ
deur	SK
deur 	QM
deur.	GW
deura	TJ
deurd	LR
deure	SK
deurg	MQ
deuri	GW
deurl	YE
deurn	TJ
deuro	GW
deurr	DZ
deurs	XF
deurt	KS
deurz	RL
deurü	UI
deus	RL
deus 	YE
deus,	GW
deus.	MQ
deusa	JT
deusc	KS
deusd	MQ
deuse	^A
deusg	DZ
deush	DZ
deusi	MQ
deusl	XF
deusr	TJ
deuss	EY
deust	TJ
deusw	SK
deusz	XF
deut	LR
deut 	GW
deut.	RL
deuta	XF
deute	QM
deuth	WG
deuti	TJ
deutk	XF
deuto	TJ
deuts	DZ
deutt	B]
deutz	MQ
deuw	YE
deuwe	YE
deuß	GW
deuß 	EY
deuße	KS
dev 	TJ
dev.	UI
dev. 	TJ
deva	QM
devat	QM
deve	KS
deve,	RL
devem	HV
deven	JT
dever	KS
deves	SK
devi	HV
devie	GW
devis	XF
devom	EY
devon	KS
devos	XF
devu	C[
devus	C[
dew 0	TJ
dewac	a?
dewaf	FX
dewag	IU
dewah	KS
dewal	WG
dewan	UI
dewar	MQ
dewe	MQ
dewe 	JT
deweb	=c
deweg	FX
deweh	XF
dewei	JT
dewel	QM
dewen	TJ
dewer	VH
dewes	SK
dewet	DZ
dewi	TJ
dewic	IU
dewie	@_
dewim	[C
dewin	TJ
dewir	[C
dewis	QM
dewn	MQ
dewo 	HV
dewoc	ZD
dewoh	VH
dewol	LR
dewor	>b
dews	VH
dewst	VH
dewu	JT
dewun	HV
dewäh	TJ
dewär	FX
dewö	QM
dewöl	SK
dewü	@_
dewün	@_
dex 	EY
dex,	XF
dex, 	XF
dex.	MQ
dex. 	MQ
dexam	QM
dexav	IU
dexp	RL
dexpr	RL
dexte	JT
dextr	RL
dey 	MQ
dey d	RL
dey n	EY
dey s	RL
dey,	C[
dey, 	C[
dey.	GW
dey. 	GW
deye	QM
deyer	ZD
deyn	SK
deyo	SK
deyou	SK
deyı	RL
deyıl	RL
dez 	SK
dez 0	VH
dez f	QM
dez g	MQ
dez h	YE
dez m	JT
dez n	FX
dez o	JT
dez s	JT
dez u	LR
dez w	GW
dez.	SK
dez. 	SK
deza	GW
dezah	IU
dezd	YE
dezde	YE
deze	KS
deze.	QM
dezeh	TJ
dezel	MQ
dezem	UI
dezer	LR
dezet	FX
dezeu	SK
dezf	HV
dezfe	LR
dezg	RL
dezi	VH
dezi 	HV
dezia	XF
dezie	UI
dezig	ZD
dezin	JT
dezir	SK
dezit	RL
dezl	LR
dezli	LR
dezn	IU
dezo	KS
dezol	IU
dezt	SK
dezt 	MQ
dezt,	XF
dezte	HV
dezu	RL
dezu 	QM
dezu,	SK
dezu.	RL
dezub	YE
dezue	TJ
dezug	TJ
dezum	EY
dezun	EY
dezur	UI
dezw	^A
dezwa	QM
dezwe	YE
dezwi	RL
dezwö	SK
dezz	SK
de| 	RL
de| a	WG
de| b	QM
de| e	GW
de| f	LR
de| g	VH
de| i	KS
de| j	LR
de| n	JT
de| p	FX
de| s	QM
de| t	]B
de| u	WG
de| v	SK
de| w	VH
de| |	WG
de² 	SK
de· 	FX
de· m	FX
deß 	JT
deß g	TJ
deß i	IU
deß k	IU
deß m	DZ
deß n	>b
deß s	DZ
deß u	SK
deß,	KS
deß, 	KS
deß.	@_
deß. 	@_
deße	KS
deße 	MQ
deße,	IU
deßer	RL
deßi	SK
deßig	SK
deßs	TJ
deßt	TJ
deßt 	TJ
deßv	TJ
deßva	]B
deäck	MQ
deäd	TJ
deäde	TJ
deäft	MQ
deäg	_@
deäge	YE
deägl	WG
deähe	RL
deähr	HV
deäl	]B
deäll	JT
deält	^A
deäm	@_
deän	UI
deänd	XF
deär	=c
deär 	GW
deärb	YE
deärc	TJ
deäre	<d
deärg	>b
deärm	KS
deärt	IU
deäs	SK
deäse	SK
deät	IU
deät 	IU
deäte	ZD
deätt	GW
deätz	JT
deäu	MQ
deäuf	IU
deäum	SK
deöc	SK
deöch	SK
deöf	QM
deöfe	XF
deög	ZD
deöge	ZD
deöh	SK
deöl	WG
deölf	SK
deön	FX
deön 	FX
deöni	UI
deönn	GW
deöp	[C
deörd	FX
deöre	IU
deörs	[C
deört	KS
deös	MQ
deöss	EY
deöt	XF
deöti	VH
deöß	RL
deöße	RL
deüb	MQ
deübr	HV
deübs	FX
deüc	UI
deück	VH
deüez	HV
deüf	TJ
deüft	TJ
deüg	HV
deüge	HV
deüh	XF
deühe	FX
deühj	JT
deühl	XF
deühr	TJ
deül	JT
deüll	GW
deült	SK
deün	MQ
deün 	MQ
deün,	GW
deünd	[C
deünf	QM
deüns	@_
deür	MQ
deür 	FX
deür.	YE
deüre	UI
deürf	KS
deüro	XF
deürs	ZD
deürz	HV
deüs	HV
deüss	JT
deütz	QM
deüß	B]
deüße	B]
deıl	RL
deıld	RL
deız	RL
de– 	TJ
de– n	IU
de–/	SK
de–0	UI
de–00	UI
de–d	YE
de–do	YE
de–f	RL
de–fr	RL
de–s	TJ
de“ 	>b
de“ (	KS
de“ s	IU
de“ –	@_
de“,	FX
de“, 	FX
de“.	YE
de“. 	YE
de„d	UI
de„de	VH
de„e	HV
de„ei	HV
de„g	IU
de„h	GW
de„hi	GW
de„m	JT
de„p	KS
de„s	JT
de„si	LR
de„w	KS
de„wi	LR
de€ 	VH
de€ a	TJ
de€ d	^A
de€ i	WG
de€ k	JT
de€ n	RL
de€)	WG
de€),	WG
de€,	VH
de€, 	VH
de€.	WG
de€. 	WG
en "	JT
en "a	SK
en "b	A^
en "c	A^
en "d	IU
en "f	JT
en "g	IU
en "i	RL
en "l	>b
en "m	IU
en "n	XF
en "o	XF
en "s	LR
en "t	DZ
en "w	IU
en "y	QM
en $	WG
en $0	WG
en &	VH
en & 	VH
en '	B]
en '0	IU
en 'a	HV
en 's	KS
en (	IU
en (0	YE
en (?	TJ
en (a	LR
en (b	IU
en (c	MQ
en (d	TJ
en (f	TJ
en (i	IU
en (m	EY
en (n	IU
en (p	WG
en (r	QM
en (s	IU
en (w	SK
en (y	FX
en *	?a
en *h	MQ
en *t	QM
en +	UI
en +0	f:
en /	TJ
en / 	TJ
en 0	UI
en 0)	^A
en 0-	f:
en 0.	HV
en 0/	TJ
en 00	TJ
en 0:	LR
en 0a	[C
en 0b	_@
en 0d	ZD
en 0e	HV
en 0f	_@
en 0h	YE
en 0l	_@
en 0n	^A
en 0p	VH
en 0q	_@
en 0r	SK
en 0s	_@
en 0t	[C
en 0–	MQ
en [	IU
en a0	QM
en ab	@_
en ac	UI
en ad	JT
en af	MQ
en ag	=c
en ai	IU
en al	WG
en am	FX
en an	WG
en ao	JT
en ap	f:
en as	HV
en at	KS
en au	RL
en av	SK
en aw	RL
en b	QM
en b 	WG
en b.	C[
en ba	SK
en bi	FX
en bl	QM
en bn	XF
en bo	RL
en br	YE
en bs	_@
en by	RL
en c	RL
en c 	XF
en cd	RL
en ce	WG
en ci	QM
en cl	RL
en cm	^A
en cr	FX
en cy	KS
en d	FX
en d.	B]
en da	LR
en db	RL
en dd	HV
en de	B]
en di	EY
en dl	d<
en do	QM
en dp	^A
en dr	SK
en du	_@
en dy	ZD
en e	SK
en e 	UI
en e.	GW
en ea	LR
en eb	DZ
en ed	TJ
en ei	b>
en em	_@
en en	SK
en er	C[
en eu	UI
en ev	TJ
en ex	RL
en ey	SK
en f	UI
en f0	KS
en fa	MQ
en fe	VH
en ff	DZ
en fi	QM
en fl	YE
en fr	TJ
en fs	XF
en fu	XF
en g	WG
en ga	YE
en gb	KS
en ge	LR
en gl	XF
en go	LR
en gp	GW
en gr	JT
en gs	TJ
en gu	WG
en h.	DZ
en ha	KS
en hd	KS
en he	QM
en hi	MQ
en ho	TJ
en hr	^A
en hu	TJ
en i	TJ
en i 	MQ
en i'	IU
en id	@_
en if	MQ
en ig	IU
en il	HV
en im	A^
en in	MQ
en is	[C
en iv	LR
en j	WG
en j.	XF
en ja	SK
en ji	]B
en ju	SK
en k	QM
en k.	RL
en kg	_@
en ki	B]
en km	WG
en kr	SK
en la	IU
en le	HV
en li	SK
en ll	XF
en ln	XF
en lo	HV
en lt	RL
en lu	a?
en ly	GW
en m	IU
en m.	FX
en ma	KS
en mb	ZD
en me	QM
en mi	LR
en mm	YE
en mr	LR
en ms	JT
en mu	KS
en my	@_
en n 	B]
en na	IU
en ne	IU
en ni	^A
en no	LR
en nu	HV
en o	SK
en o 	C[
en o'	MQ
en oa	TJ
en ob	=c
en od	SK
en oh	HV
en oi	XF
en ok	a?
en ol	SK
en on	JT
en op	LR
en or	RL
en os	]B
en ot	IU
en ou	RL
en ow	SK
en ox	KS
en oy	QM
en p	MQ
en p.	SK
en pa	B]
en pd	>b
en ph	LR
en pi	KS
en pl	XF
en pm	UI
en po	MQ
en pr	FX
en ps	>b
en pu	KS
en q	MQ
en qx	SK
en r	RL
en r.	ZD
en rd	TJ
en re	FX
en rh	LR
en ro	RL
en ru	IU
en ry	XF
en sa	DZ
en sc	UI
en se	KS
en si	TJ
en sk	QM
en sl	RL
en sm	g9
en sn	QM
en so	EY
en sp	UI
en sq	a?
en sr	UI
en st	TJ
en su	VH
en sw	JT
en t	QM
en t 	^A
en ta	MQ
en tb	EY
en te	a?
en th	MQ
en to	SK
en tr	MQ
en tu	ZD
en tw	WG
en ty	B]
en u	KS
en u 	B]
en uh	UI
en ul	]B
en un	DZ
en up	MQ
en ur	@_
en us	SK
en v0	B]
en va	VH
en ve	C[
en vi	XF
en vo	DZ
en vu	FX
en w	HV
en w/	HV
en wa	LR
en we	WG
en wi	RL
en wk	a?
en wo	IU
en wr	JT
en ww	IU
en wy	c=
en x	B]
en x 	A^
en y	QM
en y 	SK
en ya	UI
en ye	SK
en yo	LR
en yr	b>
en |	KS
en | 	KS
en ~	TJ
en ~~	TJ
en £	VH
en £0	VH
en ©	A^
en © 	A^
en ·	A^
en · 	A^
en “b	LR
en “h	DZ
en “t	JT
en “y	C[
en €	d<
en €0	d<
en ★	EY
en ★★	EY
en �	_@
en! 	<d
en!!	JT
en!! 	IU
en!!!	ZD
en!!)	QM
en!)	XF
en!) 	UI
en" 	IU
en" -	A^
en" a	IU
en" i	RL
en" o	GW
en" w	@_
en" –	C[
en")	EY
en") 	EY
en".	B]
en". 	B]
en"a	SK
en"a 	JT
en"ar	DZ
en"b	A^
en"be	A^
en"c	A^
en"d	IU
en"de	IU
en"di	LR
en"f	JT
en"fo	KS
en"g	IU
en"ha	EY
en"i	RL
en"it	QM
en"l	>b
en"li	@_
en"m	IU
en"my	HV
en"n	XF
en"no	XF
en"o	WG
en"op	ZD
en"ou	<d
en"pr	RL
en"s	LR
en"sa	YE
en"t	DZ
en"th	=c
en"to	UI
en"w	IU
en"we	KS
en"wh	MQ
en"y	QM
en"yo	QM
en$0	WG
en$0 	SK
en$0,	[C
en$0.	WG
en$00	SK
en% 	JT
en% o	JT
en& 	VH
en& 0	WG
en& a	WG
en& b	VH
en& d	^A
en& f	RL
en& l	ZD
en& m	DZ
en& p	KS
en& r	RL
en& s	XF
en& t	HV
en' 	MQ
en' b	FX
en' c	RL
en' h	^A
en' l	UI
en' m	IU
en'a	HV
en'd	JT
en'l	IU
en'll	IU
en'm	LR
en'm 	MQ
en'r	ZD
en're	XF
en's	GW
en's 	HV
en's,	VH
en's.	HV
en't	IU
en't,	A^
en't.	MQ
en'v	RL
en've	RL
en(0	YE
en(00	^A
en(?	TJ
en(a	LR
en(al	MQ
en(b	IU
en(c	MQ
en(ch	DZ
en(co	SK
en(d	TJ
en(da	RL
en(f	TJ
en(fr	UI
en(he	KS
en(ho	WG
en(i	IU
en(i 	IU
en(in	RL
en(m	EY
en(ma	RL
en(mi	DZ
en(mo	FX
en(mr	?a
en(n	IU
en(no	IU
en(p	WG
en(pl	C[
en(r	QM
en(s	IU
en(sa	LR
en(se	LR
en(sh	B]
en(so	SK
en(te	b>
en(th	SK
en(to	EY
en(tr	GW
en(tu	HV
en(w	SK
en(we	JT
en(wi	^A
en(y	FX
en(ye	FX
en) 	@_
en) 0	VH
en) a	TJ
en) b	EY
en) o	TJ
en) s	LR
en) w	JT
en) –	MQ
en),	WG
en), 	WG
en).	XF
en). 	XF
en* 	<d
en* i	MQ
en*,	UI
en*, 	UI
en*h	MQ
en*t	QM
en*th	QM
en+ 0	a?
en+ a	DZ
en+ p	KS
en+ r	UI
en+ s	[C
en+ v	_@
en+0	f:
en+00	f:
en, 	HV
en, "	A^
en, 0	TJ
en, a	g9
en, b	RL
en, c	SK
en, d	IU
en, e	MQ
en, f	UI
en, g	c=
en, i	TJ
en, j	XF
en, k	GW
en, l	FX
en, m	DZ
en, n	QM
en, o	d<
en, p	UI
en, q	WG
en, r	QM
en, s	[C
en, t	MQ
en, u	[C
en, v	_@
en, w	FX
en, y	LR
en, “	LR
en,0	JT
en,00	JT
en- 0	TJ
en- b	LR
en- c	JT
en- h	QM
en- n	IU
en- t	@_
en- |	c=
en-0	ZD
en-0 	b>
en-0,	b>
en-0.	a?
en-00	QM
en-a	DZ
en-an	GW
en-ar	EY
en-b	MQ
en-bl	^A
en-c	B]
en-ca	GW
en-cl	LR
en-co	EY
en-d	RL
en-do	ZD
en-e	LR
en-f	IU
en-fi	JT
en-fo	FX
en-fr	IU
en-g	_@
en-h	c=
en-ha	c=
en-l	IU
en-la	IU
en-m	HV
en-ma	RL
en-n	WG
en-o	ZD
en-of	ZD
en-on	YE
en-ou	QM
en-p	[C
en-pu	XF
en-re	YE
en-s	KS
en-sa	LR
en-sh	TJ
en-si	B]
en-st	[C
en-u	WG
en-up	WG
en-w	B]
en-wi	EY
en. (	LR
en. 0	g9
en. a	a?
en. b	IU
en. c	8h
en. d	HV
en. e	IU
en. g	JT
en. h	B]
en. m	FX
en. o	B]
en. p	VH
en. r	HV
en. s	LR
en. v	QM
en. w	C[
en."	IU
en." 	KS
en.)	=c
en.) 	=c
en.*	EY
en.* 	EY
en.,	DZ
en., 	DZ
en..	HV
en.. 	HV
en...	JT
en.0 	c=
en.00	RL
en.:	MQ
en.: 	MQ
en.b	A^
en.b.	A^
en.e	VH
en.ex	VH
en.k	IU
en.ke	MQ
en.s	A^
en.t	SK
en.”	UI
en.” 	UI
en/ 0	=c
en/ a	TJ
en/ b	HV
en/ p	FX
en/ r	QM
en/ s	ZD
en//	RL
en/0	EY
en/00	GW
en/h	FX
en/hr	FX
en/m	b>
en/w	SK
en0 	^A
en0 (	QM
en0 +	_@
en0 -	VH
en0 0	a?
en0 a	[C
en0 c	GW
en0 d	KS
en0 e	UI
en0 f	DZ
en0 g	i7
en0 i	FX
en0 j	IU
en0 k	]B
en0 l	ZD
en0 m	RL
en0 n	MQ
en0 o	;e
en0 q	WG
en0 r	>b
en0 s	GW
en0 u	@_
en0 v	[C
en0 y	h8
en0 |	b>
en0 ·	;e
en0 –	B]
en0%	WG
en0% 	UI
en0)	TJ
en0) 	UI
en0),	UI
en0).	JT
en0,	XF
en0, 	^A
en0,0	JT
en0-	a?
en0-0	_@
en0.	RL
en0. 	WG
en0/	EY
en0/0	>b
en0/h	FX
en00	[C
en00 	WG
en00%	WG
en00)	WG
en00,	UI
en00-	YE
en00.	ZD
en00/	A^
en000	RL
en00:	ZD
en00;	VH
en00a	VH
en00g	RL
en00p	XF
en00t	?a
en00x	C[
en00–	a?
en0:	SK
en0:0	RL
en0;	QM
en0; 	QM
en0a	^A
en0aa	WG
en0am	VH
en0b	_@
en0bb	YE
en0d	ZD
en0dd	ZD
en0e	HV
en0ee	A^
en0f	_@
en0g	RL
en0h	YE
en0k	FX
en0k.	@_
en0l	_@
en0lb	YE
en0ll	WG
en0m	g9
en0m 	_@
en0n	^A
en0nd	YE
en0nn	b>
en0p	^A
en0p.	WG
en0pl	WG
en0pm	VH
en0pp	WG
en0q	_@
en0qt	UI
en0r	SK
en0rr	TJ
en0s	b>
en0s 	a?
en0s,	SK
en0s.	SK
en0st	XF
en0t	LR
en0th	IU
en0tt	VH
en0x	C[
en0x0	C[
en0–	XF
en0–0	XF
en: 	KS
en: "	C[
en: $	VH
en: '	EY
en: *	RL
en: 0	JT
en: a	?a
en: c	EY
en: d	EY
en: h	RL
en: i	_@
en: l	QM
en: m	ZD
en: n	?a
en: p	VH
en: r	SK
en: s	KS
en: w	FX
en: “	IU
en:0	RL
en:00	RL
en; 	TJ
en; 0	_@
en; a	QM
en; b	HV
en; c	LR
en; d	HV
en; f	QM
en; g	YE
en; i	RL
en; l	JT
en; m	_@
en; n	MQ
en; o	^A
en; p	?a
en; r	^A
en; s	f:
en; t	KS
en; w	[C
en; y	EY
en? 	!}
en?"	]B
en?" 	]B
en?)	JT
en?) 	JT
en??	FX
en?? 	FX
en@a	[C
en@b	b>
en@br	]B
en@c	FX
en@ca	EY
en@co	VH
en@f	UI
en@fe	JT
en@g	[C
en@gr	[C
en@h	LR
en@ha	HV
en@hi	ZD
en@la	f:
en@li	JT
en@p	[C
en@q	KS
en@qu	KS
en@r	UI
en@s	QM
en@sa	YE
en@st	SK
en@t	m3
en@ta	WG
en@to	]B
en@w	YE
en@we	SK
en@wi	XF
en] 	FX
en] w	GW
ena 	RL
ena "	FX
ena 0	KS
ena a	a?
ena b	EY
ena c	ZD
ena d	SK
ena f	IU
ena g	JT
ena i	JT
ena j	VH
ena k	]B
ena m	[C
ena n	UI
ena o	SK
ena p	KS
ena q	WG
ena r	JT
ena s	MQ
ena t	HV
ena v	TJ
ena w	WG
ena y	ZD
ena |	a?
ena £	WG
ena)	MQ
ena).	MQ
ena,	IU
ena, 	IU
ena. 	MQ
ena.”	DZ
ena0	QM
ena@	GW
enaa	WG
enaa.	]B
enab	GW
enab 	WG
enab.	]B
enabb	VH
enabe	IU
enabi	UI
enabl	GW
enabn	HV
enabo	KS
enabr	QM
enabs	DZ
enaby	SK
enac	IU
enaca	A^
enacc	RL
enach	TJ
enaci	JT
enack	GW
enacl	IU
enaco	]B
enacr	KS
enact	IU
enad 	9g
enad)	SK
enad,	QM
enad-	EY
enad.	A^
enada	_@
enadd	QM
enade	WG
enadg	JT
enadi	YE
enadl	GW
enadm	RL
enado	JT
enads	GW
enadu	QM
enady	KS
enae	JT
enae 	DZ
enaf	MQ
enaf 	^A
enafe	LR
enaff	XF
enafl	C[
enafo	DZ
enag	KS
enag 	MQ
enag,	TJ
enaga	;e
enage	UI
enagh	[C
enagi	QM
enagn	DZ
enago	VH
enagr	IU
enagu	LR
enah	@_
enah 	B]
enai	MQ
enaid	DZ
enaig	GW
enail	SK
enaim	>b
enain	HV
enair	[C
enais	C[
enait	RL
enak	WG
enak 	YE
enak,	KS
enakd	XF
enake	XF
enakf	MQ
enaks	MQ
enal	QM
enal 	UI
enal,	EY
enal.	DZ
enala	ZD
enalc	GW
enald	]B
enale	JT
enalf	VH
enalk	FX
enall	LR
enalm	TJ
enalo	^A
enalp	GW
enalr	MQ
enals	UI
enalt	RL
enalu	HV
enalv	WG
enalw	VH
enam 	KS
enam,	LR
enam-	RL
enam.	FX
enama	TJ
enamb	ZD
ename	QM
enami	RL
enamm	KS
enamo	YE
enamp	SK
enams	UI
enamu	MQ
enan	QM
enan 	TJ
enan'	e;
enan)	JT
enan.	VH
enan@	XF
enana	WG
enanc	IU
enand	TJ
enane	TJ
enang	8h
enani	RL
enank	JT
enann	XF
enans	SK
enant	MQ
enanu	SK
enany	RL
enao	RL
enap	QM
enap 	?a
enap,	]B
enap.	IU
enapa	UI
enape	GW
enapi	MQ
enapl	d<
enapo	A^
enapp	e;
enapr	[C
enaps	C[
enapt	IU
enar 	B]
enar'	YE
enar,	TJ
enar.	JT
enar?	WG
enara	QM
enarb	QM
enarc	FX
enard	QM
enare	WG
enarf	b>
enarg	LR
enari	[C
enark	FX
enarl	UI
enarm	RL
enarn	[C
enarp	f:
enarr	]B
enars	^A
enart	HV
enarv	MQ
enary	HV
enas	QM
enas 	GW
enas,	QM
enas;	XF
enasc	[C
enase	=c
enash	QM
enasi	GW
enask	MQ
enasn	TJ
enaso	A^
enasp	LR
enass	SK
enast	_@
enasu	DZ
enasw	HV
enasy	EY
enat	QM
enat 	JT
enat,	XF
enat-	LR
enat.	XF
enata	[C
enatc	XF
enate	IU
enath	_@
enati	YE
enato	A^
enatr	MQ
enats	HV
enatt	C[
enatu	VH
enau	QM
enauc	LR
enaug	XF
enaur	GW
enaut	FX
enav	GW
enava	RL
enavi	<d
enavo	>b
enavy	@_
enaw	SK
enaw 	YE
enawi	GW
enawl	WG
enawm	UI
enawn	IU
enaws	LR
enax	QM
enay 	HV
enay!	FX
enay'	IU
enay,	LR
enay;	_@
enayb	A^
enaye	]B
enayi	XF
enayl	RL
enaym	JT
enaz	RL
enaze	UI
enb 	RL
enb &	TJ
enb (	ZD
enb 0	b>
enb a	KS
enb b	_@
enb d	B]
enb f	VH
enb h	JT
enb l	YE
enb s	EY
enb t	IU
enb |	LR
enb £	SK
enb,	KS
enb, 	KS
enb-	@_
enb-0	GW
enb-c	DZ
enb.	IU
enb. 	HV
enb.e	^A
enb/	VH
enb0	XF
enb0 	XF
enba	RL
enbab	QM
enbac	TJ
enbad	DZ
enbag	a?
enbal	ZD
enban	DZ
enbar	SK
enbas	QM
enbat	IU
enbay	a?
enbb	UI
enbb.	YE
enbbi	[C
enbbl	WG
enbbo	YE
enbbs	LR
enbby	B]
enbc	JT
enbc 	JT
enbe	LR
enbe 	@_
enbe,	SK
enbe.	MQ
enbea	b>
enbec	WG
enbee	GW
enbef	SK
enbeg	SK
enbeh	TJ
enbei	QM
enbel	VH
enben	d<
enber	FX
enbes	>b
enbet	JT
enbev	[C
enbex	@_
enbh	VH
enbha	WG
enbi	FX
enbia	GW
enbic	VH
enbid	@_
enbig	KS
enbik	RL
enbil	IU
enbin	LR
enbir	a?
enbis	TJ
enbit	:f
enbj	DZ
enbje	DZ
enbla	IU
enbli	XF
enblo	KS
enblu	TJ
enbly	XF
enbn0	XF
enbo	SK
enboa	LR
enbob	FX
enbod	TJ
enboi	YE
enbol	TJ
enbon	IU
enbor	_@
enbot	[C
enbou	@_
enbov	YE
enbox	UI
enbr	YE
enbra	a?
enbre	SK
enbri	WG
enbro	QM
enbru	HV
enbs	B]
enbs 	ZD
enbs.	?a
enbsc	^A
enbsi	EY
enbsw	LR
enbt 	XF
enbud	B]
enbui	QM
enbum	FX
enbun	MQ
enbur	WG
enbus	HV
enbut	LR
enbuy	RL
enbv	C[
enbvi	C[
enby	MQ
enby 	RL
enby,	DZ
enbye	FX
enc 	ZD
enc 0	[C
enc a	RL
enc b	RL
enc c	a?
enc d	EY
enc f	IU
enc l	XF
enc t	EY
enc w	MQ
enc,	DZ
enc, 	DZ
enc.	FX
enc. 	FX
enc.e	WG
enc:	C[
enc: 	C[
enc@	VH
enc@s	VH
enca	MQ
encad	KS
encaf	]B
encag	_@
encal	EY
encam	QM
encan	MQ
encar	WG
encas	YE
encat	MQ
encau	KS
encav	=c
encc	SK
encca	SK
encce	[C
encco	GW
encd	RL
encd0	RL
ence	QM
ence 	QM
ence)	[C
ence,	KS
ence:	c=
ence;	VH
ence?	JT
ence@	[C
enceb	=c
enced	RL
encei	KS
encel	HV
encem	RL
encen	UI
encep	SK
encer	LR
ences	HV
encf	ZD
ench	RL
ench 	FX
ench.	VH
enchb	RL
enche	LR
enchi	_@
enchr	VH
encht	MQ
enchu	HV
enci	KS
encia	VH
encid	B]
encie	SK
encil	HV
encin	QM
encip	[C
encis	B]
encit	IU
enciv	MQ
enck	TJ
enck 	TJ
enck'	FX
enck,	UI
enck-	RL
enck.	MQ
encka	[C
encke	KS
encki	FX
enckl	[C
enckm	TJ
encko	HV
encks	UI
enckw	a?
encl	XF
encl.	TJ
encla	GW
encle	^A
encli	KS
enclo	UI
encm	^A
encm 	^A
enco	MQ
enco.	_@
encoa	RL
encob	d<
encod	GW
encoe	RL
encof	[C
encol	>b
encom	TJ
encon	JT
encoo	XF
encop	GW
encor	XF
encos	FX
encou	MQ
encov	m3
encr	GW
encra	UI
encre	JT
encri	>b
encro	JT
encry	B]
encs	[C
encs 	[C
encs,	YE
enct	DZ
enct 	JT
enct,	DZ
enct.	=c
encta	HV
encte	GW
encti	SK
encto	JT
enctr	TJ
enctu	=c
encu	GW
encue	YE
encui	EY
encul	LR
encum	HV
encup	LR
encur	?a
encus	FX
encut	]B
ency	RL
ency 	FX
encyc	VH
end 	SK
end "	MQ
end &	IU
end (	A^
end /	FX
end 0	TJ
end a	FX
end b	VH
end e	l4
end f	HV
end g	KS
end i	JT
end j	^A
end k	LR
end l	=c
end n	b>
end o	TJ
end p	XF
end q	:f
end r	SK
end s	QM
end t	JT
end u	SK
end v	VH
end w	RL
end y	ZD
end |	c=
end £	QM
end –	KS
end"	TJ
end" 	;e
end",	a?
end".	GW
end'	LR
end's	LR
end)	FX
end) 	C[
end,	RL
end, 	RL
end-	A^
end-s	GW
end.	LR
end. 	IU
end."	VH
end.e	a?
end0	MQ
end0 	MQ
end:	MQ
end: 	KS
end;	MQ
end; 	MQ
end?	EY
end? 	EY
end@	WG
enda 	QM
endab	VH
endad	JT
endag	FX
endai	IU
endal	MQ
endam	LR
endan	UI
endar	B]
endat	4l
endau	GW
endaw	MQ
enday	^A
endba	LR
endbe	YE
endbs	RL
endc	JT
endd	TJ
endd 	TJ
endda	UI
endde	LR
enddl	UI
enddo	VH
enddr	5k
enddy	a?
ende	QM
ende 	RL
ende'	YE
ende,	d<
ende-	WG
ende.	FX
endea	DZ
endeb	VH
endec	DZ
ended	IU
endee	SK
endef	B]
endel	TJ
endem	TJ
enden	]B
endeo	IU
endep	MQ
ender	KS
endes	UI
endet	GW
endf	HV
endf 	C[
endf,	JT
endfa	^A
endgi	TJ
endh	LR
endi	MQ
endi 	KS
endia	KS
endic	HV
endie	IU
endif	B]
endin	ZD
endip	MQ
endir	GW
endis	B]
endit	UI
endiv	SK
endl 	d<
endle	TJ
endli	FX
endlo	^A
endly	A^
endm	UI
endma	XF
endmi	IU
endmo	[C
endn	HV
endn'	LR
endne	GW
endo	QM
endo 	KS
endoc	SK
endoe	XF
endog	XF
endoi	RL
endol	YE
endom	KS
endon	IU
endoo	KS
endor	HV
endot	b>
endou	d<
endov	;e
endow	JT
endp	^A
endr	RL
endr 	^A
endra	LR
endre	KS
endri	_@
endro	JT
endry	LR
ends 	JT
ends,	HV
ends.	^A
endsa	[C
endso	XF
endst	YE
endu	VH
enduc	JT
endug	[C
endul	LR
endun	XF
endur	YE
endus	GW
endv	RL
endve	IU
endvi	b>
endwr	QM
endy	WG
endy 	YE
endy'	LR
endy,	DZ
endy.	C[
ene "	?a
ene $	GW
ene &	@_
ene (	XF
ene -	ZD
ene /	@_
ene 0	a?
ene a	IU
ene b	LR
ene c	[C
ene d	LR
ene e	XF
ene f	TJ
ene h	TJ
ene i	QM
ene j	UI
ene k	DZ
ene l	IU
ene m	LR
ene n	FX
ene o	HV
ene q	VH
ene r	ZD
ene s	MQ
ene u	HV
ene v	B]
ene w	KS
ene y	XF
ene £	>b
ene –	IU
ene “	DZ
ene!	ZD
ene!!	ZD
ene"	B]
ene" 	C[
ene",	IU
ene".	EY
ene'	VH
ene'd	A^
ene'l	UI
ene'r	YE
ene's	RL
ene'v	FX
ene)	b>
ene) 	]B
ene),	YE
ene).	WG
ene-	HV
ene-b	UI
ene-d	KS
ene-l	IU
ene-o	IU
ene-p	YE
ene-s	_@
ene.e	ZD
ene0	QM
ene:	RL
ene: 	RL
ene;	GW
ene; 	GW
ene?	:f
ene? 	=c
ene@	QM
ene@f	GW
ene@r	SK
ene@s	SK
enea	IU
enea 	g9
enea,	_@
eneac	WG
eneaf	WG
eneag	TJ
eneam	A^
enean	VH
eneap	=c
enear	IU
eneas	@_
eneat	YE
eneav	TJ
eneb	GW
eneb 	FX
eneb,	?a
enebb	QM
enebe	c=
enebo	QM
enebr	GW
enebs	EY
enebu	JT
eneby	IU
enec 	ZD
enec@	VH
eneca	RL
enece	XF
eneci	<d
eneco	MQ
enecr	KS
enect	SK
enecu	[C
ened 	WG
ened"	C[
ened.	LR
ened:	JT
ened?	IU
enedd	QM
enede	TJ
enedg	UI
enedi	RL
enedn	KS
enedr	JT
eneds	HV
enedy	<d
enee	QM
enee 	TJ
enee'	HV
enee,	IU
enee.	TJ
eneec	[C
eneed	UI
eneek	MQ
eneel	a?
eneen	C[
eneep	SK
eneer	RL
enees	XF
eneet	TJ
eneez	SK
enef	MQ
enef 	JT
enefa	EY
enefe	?a
enefi	UI
enefo	QM
eneft	QM
eneg 	FX
enega	SK
enege	HV
enegg	LR
enegi	VH
eneh	JT
eneha	EY
enehi	KS
enehu	LR
enei	UI
eneic	VH
eneig	WG
eneil	A^
enein	RL
eneit	MQ
enek 	JT
enek,	QM
enek.	EY
enekd	^A
eneke	VH
enekl	FX
eneks	SK
enel	UI
enel 	TJ
enel"	VH
enel,	]B
enel.	KS
enela	C[
enelb	]B
enelc	TJ
eneld	QM
enele	YE
enelf	?a
eneli	GW
enell	QM
enelm	_@
enels	QM
enelt	GW
enelv	HV
enelw	HV
enely	:f
enem 	MQ
enem,	DZ
enem.	GW
enema	IU
enemb	RL
eneme	MQ
enemi	UI
enemo	YE
enemp	[C
enems	@_
enen	LR
enen 	VH
enen'	KS
enen)	C[
enen,	UI
enen.	B]
enen:	IU
enen;	VH
enena	SK
enenc	LR
enend	YE
eneng	FX
enenh	[C
eneni	DZ
enenn	]B
eneno	RL
enenq	DZ
enens	RL
enent	A^
enenu	VH
enenv	JT
enenw	FX
enen”	LR
eneo	JT
eneo 	B]
eneof	<d
eneon	IU
eneor	c=
eneos	?a
enep	WG
enep,	ZD
enep.	B]
enepa	]B
enepe	^A
eneph	GW
enepi	JT
enepo	[C
eneps	VH
enept	KS
eneq	<d
enequ	<d
ener	QM
ener 	ZD
ener!	B]
ener"	:f
ener'	GW
ener)	B]
ener,	JT
ener-	XF
ener.	DZ
ener:	KS
ener;	MQ
ener@	c=
enera	XF
enerb	VH
enerc	JT
enere	IU
enerf	]B
enerh	IU
enerl	>b
enerm	ZD
enern	IU
enero	FX
enerp	]B
enerr	DZ
enert	WG
enerv	MQ
enerw	VH
enery	RL
enes	LR
enes 	UI
enes"	ZD
enes'	IU
enes)	KS
enes,	LR
enes-	ZD
enes.	RL
enes;	[C
enes?	DZ
enes@	YE
enesa	?a
enesc	EY
enese	QM
enesh	JT
enesk	FX
enesm	TJ
eneso	LR
enest	[C
enesu	DZ
enet	FX
enet 	IU
enet)	RL
enet,	a?
enet-	SK
enet.	8h
eneta	MQ
enetc	MQ
enete	JT
eneth	LR
eneti	DZ
enets	KS
enett	YE
enetu	^A
enety	SK
eneu	_@
eneum	[C
eneur	VH
enev	QM
eneva	YE
enevd	KS
enevi	MQ
enew	QM
enew 	WG
enew'	EY
enew,	KS
enewa	DZ
enewh	IU
enewi	IU
enewo	]B
enewr	UI
enews	FX
enex	SK
enex 	@_
enexa	XF
enexi	[C
enexl	VH
enext	LR
eney	TJ
eney 	QM
eney'	YE
eney,	QM
eney.	8h
eney:	LR
eneya	@_
eneye	MQ
eneyi	^A
eneyo	]B
eneyr	B]
eneys	b>
eneyw	c=
enez	VH
eneze	YE
enf (	XF
enf 0	UI
enf a	LR
enf b	HV
enf c	LR
enf d	YE
enf e	ZD
enf f	XF
enf g	9g
enf h	FX
enf i	]B
enf j	WG
enf l	HV
enf m	B]
enf n	VH
enf o	[C
enf p	UI
enf r	EY
enf s	LR
enf t	HV
enf u	XF
enf v	GW
enf w	JT
enf y	RL
enf,	JT
enf, 	JT
enf-	JT
enf.	LR
enf. 	LR
enf0	KS
enf:	SK
enf: 	ZD
enf;	VH
enf; 	VH
enfa	SK
enfad	C[
enfai	KS
enfal	MQ
enfam	SK
enfan	[C
enfar	WG
enfas	GW
enfat	]B
enfe 	GW
enfeb	JT
enfec	C[
enfed	IU
enfee	_@
enfeg	RL
enfel	[C
enfer	GW
enfes	RL
enfet	]B
enfew	JT
enff 	LR
enff,	6j
enff.	XF
enffe	UI
enffi	TJ
enffl	LR
enffo	RL
enffs	TJ
enfi	QM
enfic	SK
enfid	LR
enfie	LR
enfif	MQ
enfig	EY
enfil	EY
enfir	KS
enfis	SK
enfit	g9
enfiv	UI
enfix	VH
enfl	SK
enfla	ZD
enfle	HV
enfli	MQ
enflo	YE
enflu	RL
enfo	MQ
enfol	KS
enfon	KS
enfoo	B]
enfou	XF
enfr	UI
enfra	[C
enfre	ZD
enfri	IU
enfs	ZD
enfs 	HV
enfsc	XF
enft	UI
enft 	QM
enft,	WG
enft.	KS
enfte	QM
enfts	b>
enfty	LR
enfu	RL
enful	LR
enfun	TJ
enfur	^A
enfus	JT
eng 	KS
eng &	XF
eng (	HV
eng a	SK
eng b	JT
eng c	VH
eng d	KS
eng g	WG
eng h	B]
eng i	WG
eng k	DZ
eng l	UI
eng m	ZD
eng n	UI
eng o	KS
eng p	LR
eng r	_@
eng s	QM
eng t	?a
eng u	ZD
eng w	UI
eng y	A^
eng |	a?
eng!	@_
eng! 	@_
eng"	GW
eng" 	LR
eng",	C[
eng'	DZ
eng,	KS
eng, 	KS
eng-	VH
eng.	QM
eng.e	RL
eng0	YE
eng0 	YE
eng;	[C
eng; 	[C
enga	TJ
enga 	LR
engab	QM
engai	>b
engal	KS
engan	a?
engar	SK
engat	a?
engau	[C
engav	GW
engb	KS
engb 	b>
enge,	HV
enge:	RL
enge?	C[
engea	MQ
enged	=c
engee	ZD
engem	EY
engen	KS
engeo	<d
enger	^A
enges	UI
enget	MQ
engg	MQ
engg 	MQ
engge	VH
enggi	A^
engh	MQ
engh 	_@
engh,	WG
engh-	UI
engh.	IU
enghb	KS
enghe	IU
engho	FX
enght	LR
engi	HV
engie	JT
engif	TJ
engin	MQ
engis	QM
engiv	KS
engl	MQ
engla	UI
engle	MQ
engli	@_
englo	DZ
engly	[C
engn	LR
engn 	UI
engna	JT
engne	@_
engno	IU
engns	MQ
engo	LR
engo 	XF
engoa	RL
engoe	JT
engoi	DZ
engol	=c
engon	[C
engoo	DZ
engos	LR
engot	YE
engps	GW
engr	JT
engra	JT
engre	MQ
engri	TJ
engro	RL
engs	VH
engs 	YE
engs)	UI
engs,	SK
engs.	FX
engs@	YE
engst	VH
engt	EY
ength	KS
engu	RL
engua	UI
engue	GW
engui	UI
engul	QM
engun	QM
engur	?a
engut	^A
enguy	?a
engw	QM
engwe	JT
engwo	UI
enh 	XF
enh (	KS
enh 0	LR
enh b	[C
enh c	GW
enh d	KS
enh e	LR
enh f	IU
enh g	TJ
enh h	MQ
enh l	EY
enh m	@_
enh n	WG
enh o	_@
enh p	UI
enh r	MQ
enh s	YE
enh t	RL
enh u	[C
enh v	VH
enh w	IU
enh |	KS
enh'	FX
enh' 	IU
enh's	HV
enh)	_@
enh) 	_@
enh,	QM
enh, 	QM
enh-	SK
enh.e	VH
enh:	JT
enh: 	JT
enh;	[C
enh; 	[C
enh@	TJ
enha	QM
enha,	>b
enhab	FX
enhad	9g
enhai	XF
enhal	QM
enham	XF
enhan	SK
enhap	JT
enhas	RL
enhat	IU
enhau	QM
enhaw	MQ
enhay	UI
enhaz	WG
enhb	KS
enhba	RL
enhbr	KS
enhc	GW
enhd	LR
enhd0	KS
enhe	KS
enhe 	IU
enhe'	LR
enhe.	LR
enhea	MQ
enhec	RL
enhed	UI
enhee	UI
enhef	HV
enhel	MQ
enhem	MQ
enhen	RL
enhep	a?
enher	KS
enhes	TJ
enhet	GW
enhew	A^
enhex	QM
enhey	KS
enhf	IU
enhfu	IU
enhg	ZD
enhga	ZD
enhi 	5k
enhic	DZ
enhid	VH
enhie	XF
enhig	>b
enhil	_@
enhim	UI
enhin	QM
enhio	DZ
enhip	SK
enhir	ZD
enhis	FX
enhit	IU
enhiv	RL
enhiy	C[
enhl	TJ
enhly	QM
enhm	MQ
enhmi	FX
enho	LR
enho 	WG
enhob	IU
enhod	MQ
enhoe	VH
enhoi	GW
enhol	c=
enhom	IU
enhoo	TJ
enhop	^A
enhor	C[
enhot	HV
enhou	SK
enhow	3m
enhr	QM
enhr.	LR
enhre	VH
enhri	VH
enhro	LR
enhrs	^A
enhru	]B
enhs 	RL
enhs,	GW
enhs.	HV
enht	LR
enht 	EY
enhte	KS
enhti	HV
enhts	[C
enhty	TJ
enhu	RL
enhu 	_@
enhub	FX
enhug	UI
enhum	>b
enhun	]B
enhur	VH
enhus	@_
enhut	[C
enhw	?a
enhwa	FX
enhx	MQ
enhy	QM
enhy 	TJ
enhy.	EY
eni (	GW
eni 0	UI
eni a	LR
eni c	VH
eni d	TJ
eni e	JT
eni f	[C
eni h	IU
eni i	KS
eni j	?a
eni k	]B
eni l	ZD
eni m	^A
eni n	>b
eni o	QM
eni p	GW
eni q	A^
eni r	KS
eni s	>b
eni t	VH
eni u	KS
eni v	KS
eni w	QM
eni'	KS
eni'd	DZ
eni'l	;e
eni'm	MQ
eni'v	ZD
eni,	^A
eni, 	^A
eni-	DZ
eni-c	DZ
eni. 	YE
enia 	b>
eniab	XF
eniag	TJ
enial	KS
enian	HV
eniar	GW
enias	QM
eniat	c=
enib	GW
enibb	WG
enibe	LR
enibh	MQ
enibl	>b
enic	LR
enic 	TJ
enic,	KS
enic.	:f
enica	MQ
enice	IU
enich	EY
enick	YE
enicl	ZD
enics	[C
enict	-s
enicy	VH
enid	LR
enid 	C[
enid"	QM
enid,	RL
enid.	<d
enid:	RL
enida	RL
enidd	UI
enidg	UI
enidi	YE
enidn	LR
enids	EY
enidy	@_
enie	DZ
enie 	_@
enie,	KS
eniec	SK
enied	?a
eniel	GW
enien	FX
enier	QM
eniet	<d
eniew	DZ
enif	QM
enif 	MQ
enife	FX
enift	XF
enig	QM
enig 	LR
enig,	EY
enig.	FX
eniga	QM
enige	EY
enigg	QM
enigh	LR
enigu	EY
enik	KS
enike	KS
enil	[C
enil 	GW
enil'	WG
enil,	SK
enil.	SK
enila	WG
enilb	HV
enild	[C
enilf	JT
enili	IU
enilk	VH
enill	TJ
enilm	VH
eniln	QM
enilo	^A
enils	KS
enilt	XF
enilw	UI
enily	UI
enim	UI
enim,	_@
enim.	VH
enimb	RL
enime	_@
enimn	[C
enimo	;e
enimp	FX
enims	8h
enin 	HV
enin"	IU
enin'	RL
enin)	LR
enin,	LR
enin-	GW
enin.	C[
enina	JT
eninc	YE
enind	IU
enine	QM
ening	QM
enini	YE
enink	9g
enins	SK
eninu	DZ
eniny	HV
enio	JT
enio 	MQ
enion	KS
enior	[C
eniou	?a
enip	WG
enip'	GW
enip,	UI
enipa	b>
enipe	YE
enipp	A^
enips	a?
enipt	QM
eniq	[C
eniqu	XF
enir	RL
enir 	VH
enir)	IU
enir,	SK
enir-	_@
enir.	A^
enira	VH
enird	d<
enire	KS
eniri	B]
enirk	TJ
enirl	HV
enirm	QM
enirr	]B
enirs	TJ
enirt	SK
eniry	DZ
enis 	WG
enis,	DZ
enis.	XF
enisa	GW
enisc	@_
enise	WG
enisi	LR
enisl	e;
enisn	9g
eniso	UI
enisp	JT
enist	JT
enit	MQ
enit 	RL
enit'	VH
enit)	TJ
enit,	f:
enit.	LR
enit;	GW
enita	JT
enitc	UI
enite	IU
enith	RL
enito	C[
enitr	XF
enits	LR
enitt	GW
enitu	IU
enity	b>
eniu	QM
enium	]B
enius	EY
eniva	@_
enive	UI
enivo	GW
enix	WG
enix,	LR
enix.	a?
enixe	[C
enixt	HV
eniy	HV
eniya	C[
eniz	KS
enize	IU
enj.	XF
enj. 	XF
enja	UI
enjac	KS
enjar	b>
enjas	LR
enje	IU
enjea	KS
enjec	IU
enji	]B
enjim	]B
enjoa	WG
enjoi	DZ
enjok	MQ
enjor	_@
enjos	LR
enjoy	SK
enju	UI
enjul	[C
enjun	LR
enjus	XF
enk 	JT
enk &	UI
enk a	UI
enk b	_@
enk c	YE
enk d	B]
enk e	IU
enk f	RL
enk g	=c
enk h	VH
enk i	JT
enk k	UI
enk l	LR
enk m	>b
enk n	[C
enk o	WG
enk p	<d
enk r	XF
enk s	YE
enk t	HV
enk w	VH
enk y	9g
enk |	]B
enk £	d<
enk'	KS
enk'd	XF
enk's	>b
enk)	RL
enk,	TJ
enk, 	TJ
enk-	YE
enk-i	YE
enk.	KS
enk. 	MQ
enk0	UI
enk0 	UI
enk:	LR
enk: 	LR
enk;	RL
enk; 	RL
enk?	B]
enk? 	B]
enk@	JT
enkaf	DZ
enkan	TJ
enkd	RL
enkda	^A
enke,	SK
enke.	KS
enked	IU
enkee	XF
enkeh	LR
enkei	GW
enkel	VH
enken	RL
enkep	B]
enker	MQ
enkes	SK
enket	FX
enkev	WG
enkey	SK
enkf	MQ
enkfa	MQ
enkg	c=
enkg 	_@
enki	KS
enki 	GW
enkid	B]
enkin	LR
enkir	]B
enkit	VH
enkl	EY
enkly	B]
enkm	XF
enkm 	[C
enkn	QM
enkne	B]
enkno	TJ
enko	RL
enkon	MQ
enkor	ZD
enkr	SK
enks 	EY
enks,	b>
enks.	FX
enks;	WG
enks@	a?
enksg	VH
enku	C[
enkw	]B
enkwe	e;
enkwo	XF
enky	DZ
enky.	GW
enl 	MQ
enl &	XF
enl -	SK
enl 0	IU
enl b	WG
enl c	RL
enl d	DZ
enl e	h8
enl f	]B
enl g	LR
enl h	DZ
enl k	ZD
enl l	TJ
enl m	JT
enl n	DZ
enl o	GW
enl p	IU
enl s	>b
enl t	XF
enl u	]B
enl v	IU
enl w	KS
enl y	l4
enl |	UI
enl £	^A
enl –	QM
enl"	WG
enl" 	_@
enl",	@_
enl)	TJ
enl) 	RL
enl,	TJ
enl, 	TJ
enl-	RL
enl-o	ZD
enl.	VH
enl. 	VH
enl.e	FX
enl0	VH
enl0 	VH
enla 	GW
enlab	LR
enlac	HV
enlad	]B
enlag	^A
enlai	XF
enlam	HV
enlap	DZ
enlar	GW
enlas	KS
enlat	MQ
enlau	TJ
enlaw	GW
enlay	VH
enlb	YE
enlb 	]B
enlb,	UI
enlby	C[
enlch	RL
enlco	SK
enlcu	IU
enld 	C[
enld,	UI
enld.	^A
enlde	RL
enldi	QM
enldn	B]
enldr	]B
enlds	c=
enle	RL
enle 	QM
enle"	WG
enle'	FX
enle)	MQ
enle,	UI
enle.	]B
enle;	^A
enlea	UI
enleb	JT
enlec	YE
enled	]B
enlee	JT
enleg	A^
enlei	ZD
enlem	C[
enlen	FX
enler	KS
enles	ZD
enlet	FX
enlev	RL
enley	e;
enlf,	TJ
enlf-	YE
enlf.	EY
enlg	RL
enlga	YE
enlh	KS
enlha	XF
enlho	C[
enli	MQ
enli 	FX
enlia	TJ
enlic	QM
enlid	SK
enlie	GW
enlif	b>
enlig	YE
enlik	B]
enlil	EY
enlim	YE
enlin	IU
enlip	HV
enlis	FX
enlit	QM
enlk	HV
enlk 	KS
enlk,	ZD
enlk-	a?
enlk.	HV
enlke	@_
enlki	<d
enll	LR
enll 	GW
enll"	WG
enll'	a?
enll,	YE
enll-	WG
enll;	UI
enlla	RL
enlle	SK
enllh	?a
enlli	JT
enllm	A^
enllo	LR
enllp	]B
enlls	UI
enllu	RL
enllw	RL
enlly	c=
enlm	SK
enlm 	XF
enlm,	SK
enlmo	?a
enlms	]B
enln	VH
enln,	^A
enlns	WG
enlo 	C[
enlo.	>b
enlo@	b>
enloa	C[
enloc	TJ
enlod	JT
enlof	MQ
enlog	EY
enlok	SK
enlol	TJ
enlom	UI
enlon	ZD
enloo	RL
enlop	RL
enlor	SK
enlot	>b
enlou	JT
enlp	VH
enlp 	]B
enlre	QM
enls	VH
enls 	RL
enls?	HV
enls@	ZD
enlse	TJ
enlsh	<d
enlso	b>
enlt	WG
enlt 	b>
enlt.	FX
enltd	RL
enlte	DZ
enltm	VH
enlto	SK
enltr	YE
enlts	MQ
enltu	RL
enltz	QM
enlu	ZD
enlua	IU
enlud	ZD
enlue	TJ
enlui	C[
enlum	LR
enlun	TJ
enlur	A^
enlus	n2
enlut	XF
enlv	IU
enlva	LR
enlve	KS
enlw	UI
enlwa	XF
enlwo	TJ
enlwy	FX
enly	MQ
enly!	HV
enly,	FX
enly.	TJ
enly:	JT
enlyl	A^
enm 	LR
enm "	SK
enm $	UI
enm (	TJ
enm 0	A^
enm a	QM
enm b	VH
enm c	VH
enm d	TJ
enm e	b>
enm f	LR
enm g	b>
enm h	UI
enm i	>b
enm k	HV
enm l	EY
enm m	IU
enm n	EY
enm o	UI
enm p	XF
enm r	TJ
enm s	RL
enm t	8h
enm u	TJ
enm v	WG
enm w	RL
enm y	LR
enm |	QM
enm £	s-
enm –	^A
enm €	WG
enm'	FX
enm's	FX
enm)	^A
enm,	IU
enm, 	IU
enm-	f:
enm-0	RL
enm.	MQ
enm.e	XF
enm0	d<
enm0 	_@
enm:	LR
enm: 	LR
enm;	]B
enm; 	]B
enma 	JT
enma,	ZD
enmac	RL
enmad	QM
enmae	DZ
enmag	HV
enmai	LR
enmak	UI
enmal	VH
enman	QM
enmap	=c
enmar	SK
enmas	QM
enmat	MQ
enmau	DZ
enmax	TJ
enmb	QM
enmb 	ZD
enmbe	MQ
enmbl	b>
enmbo	C[
enmbr	TJ
enmbs	>b
enme	UI
enme 	MQ
enme"	JT
enme)	[C
enme,	a?
enme:	C[
enmea	IU
enmeb	UI
enmed	GW
enmem	a?
enmen	]B
enmeo	SK
enmer	QM
enmet	KS
enmew	LR
enmi	GW
enmi 	QM
enmi,	JT
enmic	DZ
enmid	IU
enmig	7i
enmil	c=
enmin	@_
enmit	JT
enmix	GW
enmm	A^
enmm,	RL
enmma	@_
enmme	KS
enmmi	;e
enmmo	KS
enmmu	QM
enmn	MQ
enmn 	KS
enmne	[C
enmob	DZ
enmod	[C
enmog	FX
enmok	YE
enmol	WG
enmon	QM
enmoo	ZD
enmos	YE
enmot	FX
enmou	QM
enmp 	UI
enmpa	RL
enmpe	MQ
enmpi	RL
enmpl	QM
enmpo	TJ
enmps	d<
enmpt	TJ
enmpu	QM
enmr	JT
enmr 	MQ
enmr.	RL
enmrs	@_
enms	MQ
enms 	QM
enms,	^A
enmse	SK
enmsi	IU
enmst	MQ
enmu	KS
enmud	ZD
enmug	QM
enmum	;e
enmun	KS
enmur	EY
enmy	=c
enmy 	=c
enmy,	FX
enmys	SK
enn 	MQ
enn $	XF
enn &	KS
enn (	WG
enn -	>b
enn /	YE
enn 0	TJ
enn a	XF
enn b	MQ
enn c	B]
enn d	WG
enn e	C[
enn g	VH
enn h	]B
enn i	EY
enn j	>b
enn k	=c
enn l	IU
enn m	XF
enn n	KS
enn o	JT
enn p	LR
enn q	@_
enn r	SK
enn s	UI
enn t	^A
enn v	HV
enn w	^A
enn y	RL
enn |	IU
enn £	VH
enn"	EY
enn" 	GW
enn",	IU
enn's	ZD
enn't	JT
enn)	DZ
enn) 	GW
enn),	LR
enn).	TJ
enn,	SK
enn, 	SK
enn-	MQ
enn-l	GW
enn.	HV
enn. 	IU
enn.e	RL
enn0	]B
enn0 	YE
enn:	GW
enn: 	GW
enn;	SK
enn; 	SK
enn?	FX
enn? 	FX
enn@	b>
enn@t	XF
enna	GW
enna 	RL
enna,	DZ
ennab	^A
ennac	LR
ennad	^A
ennag	c=
ennah	A^
ennam	A^
ennan	MQ
ennar	b>
ennas	[C
ennat	HV
ennav	UI
ennb	SK
ennc	TJ
ennch	WG
enncl	UI
ennco	XF
enncu	C[
enncy	B]
ennd 	UI
ennd"	ZD
ennd'	RL
ennd-	HV
ennda	IU
enndd	SK
enndf	b>
enndi	QM
enndl	GW
enndm	[C
enndo	SK
enndp	MQ
enndr	JT
ennds	WG
enndu	JT
enndw	QM
enne	SK
enne 	UI
enne"	@_
enne'	DZ
enne)	YE
enne:	UI
enne@	KS
ennea	;e
enned	UI
ennee	LR
enneg	^A
ennel	IU
ennem	JT
ennen	l4
ennep	A^
enneq	C[
enner	TJ
ennes	EY
ennet	ZD
ennev	SK
ennew	FX
ennex	LR
enney	LR
ennf	LR
ennfi	EY
enng 	MQ
enng!	@_
enng"	GW
enng,	LR
enng-	VH
enng.	TJ
enng;	RL
ennga	IU
ennge	MQ
enngi	KS
enngl	DZ
enngt	EY
enngu	GW
ennh	_@
ennha	^A
ennho	SK
enni	XF
enni 	B]
ennia	A^
ennic	UI
ennie	MQ
ennig	]B
ennim	LR
ennio	]B
ennis	ZD
ennit	b>
enniu	YE
ennj	XF
ennk	A^
ennk 	HV
ennk.	IU
ennke	QM
ennki	DZ
ennks	C[
ennl	LR
ennla	YE
ennle	LR
ennli	B]
ennlo	HV
ennme	EY
ennmo	[C
ennn	YE
ennn 	GW
ennn.	g9
ennna	RL
ennne	UI
ennni	IU
ennno	ZD
ennnu	WG
ennny	SK
enno	GW
enno 	DZ
enno,	>b
enno.	[C
ennob	SK
ennoc	[C
ennoe	GW
ennoi	QM
ennol	A^
ennor	MQ
ennot	LR
ennou	GW
ennov	@_
ennp	^A
ennq	DZ
ennqu	DZ
ennr	SK
ennri	RL
enns	RL
enns 	YE
enns"	QM
enns,	DZ
enns.	HV
enns:	ZD
ennsa	XF
ennsc	FX
ennse	IU
ennsi	JT
ennsk	SK
ennsp	YE
ennst	HV
ennsu	[C
ennt	KS
ennt 	FX
ennt,	SK
ennt.	SK
ennt:	TJ
ennta	MQ
ennte	FX
ennth	WG
ennti	GW
enntl	EY
enntm	c=
enntr	YE
ennts	EY
ennty	VH
ennu	JT
ennum	A^
ennur	j6
ennus	JT
ennut	GW
ennv	HV
ennve	EY
ennvi	JT
ennvo	SK
ennw	C[
ennw 	JT
ennwa	LR
ennwi	HV
ennwo	HV
enny	RL
enny,	YE
enny.	SK
ennyb	^A
ennym	VH
ennyo	b>
ennyt	EY
ennyw	EY
enn–f	JT
enn–t	ZD
enn”	LR
enn” 	LR
eno 	MQ
eno "	ZD
eno (	_@
eno 0	]B
eno a	GW
eno b	WG
eno c	LR
eno d	KS
eno e	SK
eno f	EY
eno g	A^
eno h	GW
eno i	KS
eno j	?a
eno k	MQ
eno l	MQ
eno m	KS
eno n	a?
eno r	DZ
eno s	TJ
eno t	UI
eno v	HV
eno w	JT
eno y	ZD
eno £	a?
eno –	DZ
eno'	EY
eno's	A^
eno,	GW
eno, 	GW
eno-	TJ
eno.	MQ
eno:	XF
eno: 	XF
eno@	d<
eno@l	ZD
eno@s	WG
enoa	TJ
enoad	EY
enoak	SK
enoal	IU
enoan	YE
enoar	RL
enoas	d<
enoat	GW
enob	DZ
enob 	GW
enob,	QM
enoba	TJ
enobb	WG
enobe	JT
enobi	B]
enobj	DZ
enobl	@_
enobo	SK
enobs	YE
enobv	C[
enoc	_@
enoca	XF
enocc	SK
enoch	a?
enoci	XF
enock	]B
enoct	MQ
enod	SK
enod 	>b
enod,	TJ
enod.	b>
enoda	VH
enodd	a?
enode	HV
enodi	B]
enods	a?
enodu	DZ
enody	TJ
enoe 	TJ
enoe.	@_
enoes	UI
enoev	a?
enof.	EY
enofe	RL
enoff	QM
enofs	UI
enoft	QM
enog	QM
enog 	KS
enog,	]B
enog.	MQ
enoge	JT
enogi	JT
enogo	B]
enogr	YE
enoh	HV
enoh 	IU
enoi	LR
enoic	KS
enoif	EY
enoil	XF
enoin	IU
enoir	QM
enois	XF
enok	RL
enok'	XF
enok,	A^
enok.	GW
enok:	HV
enoka	B]
enoke	LR
enoki	WG
enoko	]B
enoks	KS
enol	QM
enol 	MQ
enol,	LR
enold	MQ
enole	d<
enoli	TJ
enolk	b>
enolo	=c
enols	UI
enolu	JT
enolv	FX
enoly	TJ
enom	LR
enom 	MQ
enom,	C[
enom.	RL
enoma	KS
enomb	]B
enome	TJ
enomi	GW
enomm	DZ
enomp	HV
enoms	TJ
enon 	GW
enon"	HV
enon'	?a
enon)	LR
enon,	QM
enon.	GW
enon:	FX
enona	YE
enonc	_@
enond	RL
enone	UI
enonf	B]
enong	ZD
enoni	WG
enonk	ZD
enonn	DZ
enono	=c
enons	@_
enonv	JT
enoo	TJ
enoo 	j6
enoo.	LR
enood	GW
enoof	UI
enook	FX
enool	UI
enoom	WG
enoon	GW
enoop	RL
enoor	TJ
enoos	GW
enoot	QM
enop	WG
enop 	LR
enop,	DZ
enop-	VH
enop.	VH
enope	QM
enopo	9g
enopp	h8
enops	]B
enopy	C[
enor 	IU
enor'	TJ
enor)	ZD
enor.	HV
enora	FX
enorb	QM
enord	HV
enore	TJ
enorg	b>
enori	i7
enork	c=
enorm	JT
enoro	EY
enorp	FX
enorr	JT
enors	_@
enorv	ZD
enos	KS
enos,	FX
enosi	B]
enosp	JT
enoss	KS
enost	KS
enot	FX
enot,	YE
enot.	TJ
enota	?a
enotb	A^
enoth	LR
enoti	A^
enoto	C[
enott	TJ
enou 	TJ
enou'	FX
enou.	JT
enou:	FX
enou?	DZ
enoub	ZD
enouc	KS
enoud	EY
enoul	KS
enoun	QM
enoup	QM
enour	FX
enous	VH
enov	JT
enov 	QM
enova	_@
enove	FX
enovi	LR
enow	LR
enow 	KS
enow)	VH
enow,	JT
enow.	MQ
enow:	FX
enowa	UI
enowb	WG
enowi	=c
enown	TJ
enowr	YE
enows	YE
enox	RL
enox 	d<
enox.	DZ
enoxb	EY
enoxe	FX
enoxi	IU
enoy	RL
enoy 	C[
enoyl	RL
enoys	c=
enoz	LR
enoz 	^A
enoze	VH
enp /	ZD
enp 0	LR
enp a	VH
enp b	IU
enp c	JT
enp d	B]
enp e	IU
enp f	SK
enp h	UI
enp i	JT
enp l	GW
enp m	IU
enp n	TJ
enp p	@_
enp r	RL
enp s	WG
enp u	KS
enp w	RL
enp |	GW
enp £	WG
enp!	VH
enp'	JT
enp's	JT
enp)	DZ
enp) 	DZ
enp,	WG
enp, 	WG
enp-	TJ
enp-u	HV
enp.	MQ
enp. 	RL
enp:	GW
enp: 	GW
enp;	XF
enp; 	XF
enpa 	RL
enpac	EY
enpad	i7
enpag	8h
enpai	VH
enpal	[C
enpan	RL
enpap	>b
enpar	^A
enpas	C[
enpau	VH
enpay	LR
enpd	C[
enpda	A^
enpdf	>b
enpe	UI
enpe 	RL
enpe.	KS
enpea	EY
enpec	JT
enpeg	b>
enpel	TJ
enpen	JT
enpes	]B
enpet	RL
enpew	YE
enph	JT
enph 	VH
enpha	IU
enphe	HV
enpho	FX
enphs	C[
enpia	QM
enpic	FX
enpie	JT
enpik	f:
enpil	RL
enpin	EY
enpip	IU
enpit	LR
enpl 	WG
enpla	TJ
enple	RL
enplo	^A
enpls	EY
enplu	c=
enply	>b
enpm	UI
enpm 	RL
enpm,	LR
enpm.	_@
enpm;	]B
enpo	TJ
enpo 	a?
enpoi	[C
enpok	FX
enpol	ZD
enpon	m3
enpoo	^A
enpop	?a
enpor	VH
enpos	?a
enpot	QM
enpou	QM
enpp	]B
enpp 	YE
enpp.	XF
enppa	WG
enppe	LR
enppl	IU
enppo	UI
enppr	^A
enppy	_@
enpr	QM
enpra	IU
enpre	_@
enpri	C[
enpro	VH
enpru	_@
enps	QM
enps 	RL
enps.	SK
enpse	C[
enpt 	IU
enpt,	HV
enpt.	IU
enpta	MQ
enpte	YE
enpti	XF
enpty	QM
enpul	VH
enpum	XF
enpun	IU
enpup	SK
enpur	d<
enpus	LR
enput	B]
enpw	YE
enpy	VH
enpy 	UI
enqt	UI
enqu	IU
enque	B]
enqui	IU
enquo	RL
enqx	SK
enqx0	SK
enr 	TJ
enr "	KS
enr &	UI
enr (	UI
enr 0	JT
enr a	_@
enr b	RL
enr c	FX
enr d	IU
enr e	JT
enr f	UI
enr g	XF
enr h	MQ
enr i	WG
enr j	]B
enr k	f:
enr l	QM
enr m	KS
enr o	SK
enr p	QM
enr q	GW
enr r	KS
enr s	VH
enr t	RL
enr u	>b
enr v	B]
enr w	GW
enr y	IU
enr |	EY
enr £	MQ
enr –	WG
enr!	B]
enr! 	B]
enr"	7i
enr" 	>b
enr".	HV
enr'	KS
enr's	KS
enr)	GW
enr) 	B]
enr),	RL
enr).	LR
enr,	RL
enr, 	RL
enr-	WG
enr-0	YE
enr-i	GW
enr.	IU
enr. 	IU
enr."	>b
enr:	GW
enr: 	GW
enr;	KS
enr; 	KS
enr?	VH
enr? 	JT
enra	XF
enra.	LR
enrab	c=
enrac	C[
enrad	UI
enrag	^A
enral	TJ
enram	_@
enran	FX
enrap	YE
enras	e;
enrat	QM
enrau	_@
enrav	YE
enraw	JT
enrb	WG
enrb 	IU
enrbe	UI
enrbi	VH
enrbr	WG
enrby	TJ
enrc	GW
enrca	UI
enrce	IU
enrch	LR
enrci	MQ
enrco	GW
enrcu	GW
enrd	RL
enrd 	IU
enrd'	JT
enrd,	YE
enrd.	XF
enrda	VH
enrdb	LR
enrdl	c=
enrdr	SK
enrds	KS
enrdu	C[
enre	MQ
enre'	XF
enre,	UI
enre-	d<
enre.	C[
enre?	DZ
enre@	RL
enrea	IU
enrec	MQ
enred	KS
enref	ZD
enreg	C[
enrem	LR
enren	RL
enrep	i7
enreq	DZ
enrer	<d
enres	RL
enret	MQ
enrev	A^
enrew	_@
enrey	HV
enrf	b>
enrfl	b>
enrg	QM
enrga	WG
enrge	SK
enrgi	?a
enrgo	YE
enrgu	;e
enrh	JT
enrha	GW
enrhe	UI
enri	YE
enri 	YE
enri,	ZD
enria	JT
enrib	LR
enric	DZ
enrid	QM
enrie	HV
enrig	GW
enril	VH
enrim	]B
enrin	VH
enrio	JT
enrip	TJ
enris	SK
enrit	^A
enriz	GW
enrk	UI
enrk 	GW
enrk,	EY
enrkd	IU
enrke	GW
enrki	[C
enrks	[C
enrkw	a?
enrl 	WG
enrli	VH
enrly	?a
enrm	SK
enrm,	YE
enrm.	^A
enrma	d<
enrme	GW
enrmi	FX
enrmo	WG
enrms	ZD
enrn	UI
enrn 	XF
enrn,	RL
enrn.	_@
enrna	DZ
enrnb	SK
enrne	XF
enrni	HV
enrnm	JT
enrno	?a
enrns	_@
enro 	VH
enroa	RL
enrob	QM
enroc	_@
enrof	RL
enrog	]B
enrol	[C
enrom	KS
enron	MQ
enroo	QM
enror	A^
enros	DZ
enrot	MQ
enrou	XF
enrov	YE
enroz	GW
enrp	q/
enrpe	f:
enrph	]B
enrpr	a?
enrps	VH
enrq	A^
enrqu	A^
enrr	SK
enrr 	WG
enrr,	d<
enrra	^A
enrre	IU
enrro	SK
enrry	DZ
enrs 	IU
enrs'	]B
enrs)	JT
enrs,	KS
enrs.	TJ
enrs:	SK
enrs;	MQ
enrs?	HV
enrs@	XF
enrsa	WG
enrsb	XF
enrsd	UI
enrse	QM
enrsh	WG
enrsi	C[
enrso	LR
enrt 	JT
enrt.	IU
enrta	?a
enrte	]B
enrth	VH
enrti	HV
enrtn	HV
enrto	A^
enrts	m3
enrtu	SK
enru	LR
enru 	f:
enrua	JT
enruc	ZD
enrud	HV
enrue	UI
enrug	LR
enrui	UI
enrul	@_
enrun	RL
enrus	?a
enrv	SK
enrva	LR
enrve	XF
enrw	UI
enrwa	d<
enrwe	DZ
enrwi	^A
enrwo	MQ
enry 	SK
enry'	?a
enry)	GW
enry,	RL
enry-	XF
enry.	JT
enry:	[C
enry;	WG
enry@	SK
enryb	A^
enryi	MQ
enryo	A^
enryt	[C
enryw	IU
ens 	RL
ens "	MQ
ens $	[C
ens &	FX
ens (	KS
ens +	e;
ens -	ZD
ens 0	DZ
ens a	ZD
ens b	HV
ens c	QM
ens d	HV
ens f	QM
ens g	TJ
ens h	[C
ens i	KS
ens j	b>
ens k	XF
ens l	QM
ens m	e;
ens n	VH
ens o	EY
ens q	SK
ens r	EY
ens s	]B
ens t	KS
ens u	GW
ens v	UI
ens w	RL
ens y	KS
ens |	IU
ens £	UI
ens ·	JT
ens –	GW
ens €	RL
ens!	GW
ens! 	B]
ens"	WG
ens" 	TJ
ens'	QM
ens' 	SK
ens) 	IU
ens),	B]
ens).	WG
ens,	SK
ens, 	SK
ens-	ZD
ens. 	SK
ens.)	IU
ens.e	C[
ens:	[C
ens: 	[C
ens;	YE
ens; 	YE
ens?	7i
ens? 	8h
ens@	a?
ens@a	[C
ens@b	]B
ens@f	]B
ens@g	ZD
ens@h	VH
ens@q	KS
ens@s	]B
ens@t	XF
ens@w	ZD
ensa	GW
ensa 	?a
ensad	QM
ensaf	LR
ensag	SK
ensai	KS
ensal	_@
ensam	XF
ensan	QM
ensap	@_
ensar	KS
ensas	IU
ensat	_@
ensav	FX
ensaw	_@
ensax	_@
ensay	8h
ensb	QM
ensba	@_
ensc	WG
ensc 	]B
ensca	TJ
ensch	RL
enscu	C[
ensd	UI
ensda	UI
ense 	C[
ense.	EY
ense:	]B
ense?	LR
ensea	^A
ensec	HV
ensed	^A
enseh	c=
ensel	QM
ensem	TJ
ensen	JT
ensep	SK
enser	TJ
enses	ZD
enset	FX
enseu	ZD
ensev	KS
ensew	XF
ensg	UI
ensgi	VH
ensgr	LR
ensh	MQ
ensh'	KS
ensh,	IU
ensh.	EY
ensha	ZD
enshm	MQ
enshr	KS
enshu	VH
ensi	KS
ensia	RL
ensib	DZ
ensic	UI
ensid	ZD
ensie	A^
ensig	TJ
ensil	MQ
ensim	KS
ensin	JT
ensio	HV
ensir	<d
ensis	JT
ensit	KS
ensiv	HV
ensix	QM
ensiz	MQ
ensk	LR
ensk 	LR
ensk.	_@
ensk0	UI
enski	MQ
ensks	DZ
ensky	B]
ensl	TJ
ensla	TJ
ensle	RL
enslo	f:
enslu	C[
ensly	C[
ensm	]B
ensma	VH
ensme	^A
ensmi	KS
ensmo	YE
ensn	GW
ensn'	JT
ensna	SK
ensne	KS
ensno	TJ
enso	GW
enso 	JT
enso.	RL
ensob	9g
ensoc	]B
ensol	XF
ensom	IU
enson	HV
ensoo	WG
ensor	>b
ensou	MQ
ensp	QM
enspa	MQ
enspe	FX
enspi	JT
enspl	i7
enspo	[C
enspr	MQ
ensps	LR
enspu	WG
ensq	a?
ensqu	]B
ensr	JT
enss	MQ
enss 	QM
enss,	JT
enss.	LR
enss:	GW
enssa	YE
ensse	VH
enssi	IU
enssl	EY
enssu	UI
enssw	C[
enst	XF
enst 	LR
enst,	>b
enst-	C[
enst.	]B
enst:	QM
enst;	C[
ensta	TJ
enste	UI
ensti	LR
enstl	ZD
enstm	SK
ensto	]B
enstr	YE
ensts	@_
enstu	>b
ensty	ZD
ensu	UI
ensua	TJ
ensub	LR
ensue	UI
ensui	]B
ensul	MQ
ensun	SK
ensup	A^
ensur	ZD
ensw	EY
enswa	QM
enswe	GW
enswo	A^
ensy 	RL
ensyc	MQ
ent 	C[
ent "	^A
ent &	d<
ent (	KS
ent a	LR
ent b	IU
ent c	WG
ent e	IU
ent f	RL
ent g	EY
ent i	IU
ent j	VH
ent l	KS
ent n	MQ
ent o	SK
ent p	A^
ent q	C[
ent r	HV
ent s	XF
ent t	MQ
ent u	B]
ent v	FX
ent y	UI
ent |	TJ
ent £	GW
ent ·	LR
ent –	_@
ent €	YE
ent!	?a
ent! 	?a
ent"	FX
ent" 	GW
ent'	RL
ent's	RL
ent)	RL
ent) 	KS
ent),	UI
ent).	LR
ent,	UI
ent, 	UI
ent-	FX
ent-o	MQ
ent-s	LR
ent.	KS
ent. 	KS
ent."	LR
ent.)	C[
ent.e	_@
ent0	B]
ent:	MQ
ent: 	MQ
ent;	GW
ent; 	GW
ent?	A^
ent? 	A^
ent@	[C
enta	MQ
enta 	XF
enta,	KS
entab	A^
entac	@_
entaf	QM
entag	LR
entai	HV
entak	XF
ental	A^
entam	QM
entan	RL
entap	>b
entas	KS
entat	SK
entax	a?
entay	LR
entb	C[
entbc	EY
entc	SK
entch	TJ
entd	RL
entd 	XF
entd,	XF
entd.	DZ
ente	MQ
ente)	YE
ente,	?a
ente.	DZ
ente:	A^
ente?	IU
entea	ZD
entec	a?
ented	QM
entee	KS
entel	QM
entem	WG
entep	UI
enter	QM
entes	MQ
entev	A^
entew	VH
entex	YE
entf	TJ
entfi	TJ
enth	LR
enth 	QM
enth'	HV
enth,	UI
enth.	LR
entha	IU
enthf	IU
enthi	GW
enthl	XF
entho	YE
enthr	UI
enths	TJ
enthu	TJ
enthw	GW
enthy	QM
entia	C[
entic	MQ
entie	[C
entif	SK
entig	<d
entil	GW
entin	VH
entio	RL
entip	[C
entiq	XF
entit	MQ
entiv	ZD
entle	RL
ently	VH
entm	]B
entma	SK
entme	YE
entn	TJ
entne	f:
entni	[C
ento	JT
ento 	QM
ento,	B]
ento.	RL
entob	KS
entoc	HV
entod	ZD
entog	RL
entok	RL
entol	9g
entom	GW
enton	IU
entor	KS
entos	HV
entou	LR
entov	ZD
entow	ZD
entoy	C[
entp	b>
entr	TJ
entra	VH
entre	^A
entri	HV
entro	MQ
entry	MQ
ents	SK
ents 	TJ
ents)	EY
ents,	TJ
ents.	QM
ents;	YE
ents?	GW
ents@	b>
entse	EY
entsi	XF
entt	SK
entt 	YE
entt,	MQ
entta	LR
entte	HV
entti	t,
enttl	JT
entto	7i
enttr	=c
entty	MQ
entu	KS
entua	[C
entuc	9g
entud	KS
entue	RL
entuf	IU
entum	ZD
entun	TJ
entur	IU
entut	TJ
entwe	MQ
entwo	VH
enty	WG
enty 	TJ
enty,	e;
enty-	]B
enty.	ZD
entyp	DZ
entz	QM
enu 	WG
enu 0	]B
enu a	SK
enu b	TJ
enu c	WG
enu d	XF
enu f	EY
enu g	RL
enu h	QM
enu i	DZ
enu k	ZD
enu l	_@
enu m	VH
enu o	?a
enu p	ZD
enu t	FX
enu w	e;
enu'	FX
enu'd	TJ
enu'l	GW
enu'r	C[
enu.	HV
enu. 	KS
enu.”	C[
enu:	FX
enu: 	FX
enu?	DZ
enu? 	DZ
enua	WG
enuad	@_
enuag	IU
enual	a?
enuan	EY
enuar	YE
enuat	IU
enuay	HV
enub	SK
enub 	IU
enub-	DZ
enubl	WG
enubr	QM
enubs	[C
enuc	HV
enuch	IU
enuck	IU
enuct	QM
enud	KS
enud 	UI
enudd	QM
enude	GW
enudg	B]
enudh	GW
enudi	GW
enudm	^A
enue	TJ
enue 	ZD
enue,	C[
enue-	UI
enue.	XF
enueb	[C
enued	>b
enuee	^A
enues	FX
enug	TJ
enug 	a?
enuga	[C
enuge	UI
enugg	B]
enugs	QM
enugu	TJ
enuh	g9
enuhr	UI
enui	MQ
enuic	GW
enuie	B]
enuil	]B
enuin	@_
enuk	XF
enul 	GW
enul.	a?
enula	WG
enuld	FX
enule	C[
enulg	FX
enull	QM
enuls	TJ
enult	VH
enuly	VH
enum	DZ
enum'	GW
enum,	DZ
enumb	DZ
enume	VH
enumm	LR
enumn	FX
enump	[C
enums	HV
enun	UI
enuna	MQ
enune	VH
enung	g9
enuni	[C
enunl	HV
enunn	KS
enuo	RL
enuot	TJ
enup	KS
enup 	TJ
enup,	SK
enup.	VH
enupd	A^
enuph	WG
enupi	MQ
enupl	A^
enupp	GW
enups	IU
enur	RL
enur 	WG
enur,	VH
enur-	QM
enur.	YE
enura	A^
enurb	XF
enurd	TJ
enure	IU
enurg	GW
enuri	MQ
enurn	VH
enurp	_@
enurr	DZ
enurs	B]
enurt	^A
enurv	]B
enury	_@
enus	MQ
enus 	IU
enus"	C[
enus,	GW
enus.	WG
enus;	_@
enusa	MQ
enusb	@_
enuse	RL
enush	RL
enusk	[C
enusl	C[
enuss	@_
enust	DZ
enusu	_@
enut 	MQ
enut,	IU
enut-	HV
enut.	IU
enute	GW
enutf	TJ
enuth	KS
enutl	]B
enuto	UI
enuts	QM
enutt	YE
enutu	IU
enuy	JT
enuy 	SK
enuya	EY
enuye	=c
enuz	MQ
env c	_@
env,	JT
env, 	JT
env0	LR
enva	RL
enva 	FX
enval	EY
envan	UI
envar	JT
envat	j6
envd	KS
envd 	KS
enve	GW
enve 	MQ
enve"	GW
enve,	TJ
enve.	a?
envec	JT
envel	QM
envem	7i
enven	FX
enver	TJ
enves	SK
envet	QM
envey	SK
envi	LR
envic	RL
envid	YE
envie	DZ
envil	SK
envin	LR
envio	C[
envis	MQ
envit	FX
envo	A^
envoi	KS
envol	UI
envor	LR
envos	JT
envu	FX
envul	FX
envy	@_
envy 	@_
enw 0	[C
enw a	>b
enw b	QM
enw c	e;
enw d	TJ
enw e	QM
enw g	WG
enw h	LR
enw i	SK
enw l	c=
enw m	1o
enw n	@_
enw o	b>
enw p	A^
enw r	GW
enw s	e;
enw t	>b
enw w	SK
enw y	DZ
enw'	SK
enw's	SK
enw)	TJ
enw) 	SK
enw,	IU
enw, 	IU
enw.	IU
enw. 	IU
enw.e	a?
enw/	JT
enw/ 	HV
enw0	]B
enw0 	[C
enw:	LR
enw: 	LR
enw@	C[
enwa	IU
enwag	YE
enwai	TJ
enwal	SK
enwan	KS
enwar	FX
enwas	HV
enwat	SK
enway	LR
enwb	WG
enwby	WG
enwc	MQ
enwd	FX
enwda	KS
enwe	WG
enwe 	^A
enwe'	QM
enwe.	^A
enwea	XF
enweb	:f
enwei	HV
enwen	JT
enwer	LR
enwes	<d
enwet	XF
enwex	UI
enwf	^A
enwh	KS
enwha	IU
enwhe	TJ
enwhi	EY
enwho	UI
enwhy	TJ
enwi	MQ
enwi 	SK
enwic	ZD
enwid	^A
enwif	<d
enwim	RL
enwin	DZ
enwir	MQ
enwis	LR
enwit	RL
enwk	TJ
enwk 	^A
enwks	SK
enwl	]B
enwl 	ZD
enwls	YE
enwm	UI
enwmi	UI
enwn	QM
enwn 	UI
enwn,	UI
enwn.	<d
enwne	TJ
enwnl	9g
enwns	DZ
enwo 	^A
enwo,	g9
enwo.	>b
enwob	HV
enwom	XF
enwon	FX
enwoo	RL
enwou	B]
enwra	]B
enwre	KS
enws	TJ
enws 	j6
enws,	MQ
enws.	9g
enwsp	EY
enww	IU
enww.	IU
enwww	IU
enwy	VH
enwye	]B
enx 	MQ
enx 0	HV
enx a	h8
enx b	SK
enx f	XF
enx h	FX
enx i	SK
enx o	FX
enx r	SK
enx t	LR
enx,	GW
enx, 	GW
enx.	UI
enx. 	UI
enx0 	VH
enx00	C[
enx@	GW
enxa	XF
enxam	_@
enxb	TJ
enxbl	EY
enxe	[C
enxed	SK
enxes	FX
enxin	LR
enxis	[C
enxl	VH
enxle	SK
enxm	JT
enxma	DZ
enxpe	LR
enxt	KS
enxt 	QM
enxte	KS
enxtr	LR
enxty	DZ
enxx	]B
eny 	TJ
eny "	UI
eny &	XF
eny '	DZ
eny (	LR
eny +	MQ
eny 0	d<
eny a	DZ
eny d	JT
eny f	JT
eny g	JT
eny h	[C
eny j	B]
eny k	MQ
eny l	UI
eny m	LR
eny n	DZ
eny q	RL
eny r	WG
eny s	VH
eny t	RL
eny u	KS
eny v	ZD
eny w	IU
eny y	DZ
eny |	VH
eny £	k5
eny –	YE
eny!	B]
eny!!	B]
eny"	A^
eny" 	DZ
eny'	JT
eny'r	^A
eny's	DZ
eny'v	C[
eny)	FX
eny) 	IU
eny),	GW
eny).	TJ
eny,	IU
eny, 	IU
eny-	ZD
eny-o	WG
eny.	IU
eny. 	HV
eny.e	f:
eny0	VH
eny:	LR
eny: 	LR
eny;	TJ
eny; 	TJ
eny?	FX
eny? 	FX
eny@	SK
enya	GW
enya 	=c
enya,	GW
enyan	DZ
enyar	QM
enyb	KS
enybe	C[
enybo	QM
enyc	^A
enych	QM
enycl	VH
enyd	KS
enye	TJ
enye 	RL
enye.	LR
enyea	[C
enyel	7i
enyer	RL
enyes	VH
enyet	UI
enyi	[C
enyin	[C
enyl	KS
enyla	QM
enyle	C[
enyli	YE
enym	SK
enyme	JT
enymo	SK
enyn 	TJ
enyo	RL
enyo 	ZD
enyon	QM
enyor	]B
enyou	LR
enyp	DZ
enype	FX
enypi	FX
enyr	YE
enyr 	ZD
enyr,	VH
enyre	FX
enyrs	XF
enys	WG
enys,	XF
enys.	KS
enys:	WG
enys;	UI
enyse	SK
enyst	b>
enyv	IU
enyw	EY
enywh	C[
enywi	c=
enyy	GW
enyy 	GW
enz,	EY
enz, 	EY
enze	SK
enze,	A^
enzel	WG
enzen	VH
enzer	TJ
enzz	LR
en| 	KS
en| -	c=
en| 0	ZD
en| a	WG
en| b	RL
en| c	XF
en| d	SK
en| e	LR
en| f	?a
en| g	d<
en| h	TJ
en| i	JT
en| k	UI
en| l	RL
en| n	_@
en| o	QM
en| p	IU
en| r	i7
en| s	KS
en| w	WG
en| y	QM
en| |	GW
en| £	n2
en~ 	TJ
en~~	TJ
en~~ 	TJ
en£0	SK
en£0 	]B
en£0,	SK
en£0.	RL
en£0m	d<
en© 	A^
en· 	A^
en· 0	IU
en· c	XF
en· f	LR
en· p	EY
en· w	>b
enéa	KS
en– 0	QM
en– a	VH
en– c	HV
en– d	EY
en– f	GW
en– h	EY
en– l	JT
en– m	KS
en– n	@_
en– p	FX
en– t	WG
en–0	XF
en–0 	IU
en–0,	YE
en–00	g9
en–f	JT
en–fr	JT
en–t	ZD
en–th	ZD
en“b	LR
en“bu	LR
en“h	DZ
en“he	DZ
en“t	JT
en“th	JT
en“y	C[
en“yo	C[
en” 	LR
en” (	LR
en€0	g9
en€00	g9
en★ 	JT
en★ "	JT
en★★	EY
en★★ 	JT
en★★★	JT
es "	DZ
es "m	LR
es "p	DZ
es "s	@_
es $	b>
es $ 	]B
es $0	_@
es %	WG
es % 	WG
es (a	MQ
es (b	IU
es (d	VH
es (e	HV
es (g	IU
es (p	FX
es (s	VH
es (v	MQ
es +	IU
es + 	IU
es -	GW
es ->	HV
es /	IU
es / 	IU
es 0	^A
es 0 	XF
es 0.	_@
es 00	ZD
es @	XF
es a 	SK
es ab	WG
es ac	?a
es ad	MQ
es ag	^A
es ai	LR
es al	XF
es am	C[
es an	KS
es aq	SK
es as	VH
es at	]B
es av	MQ
es ay	GW
es az	HV
es añ	MQ
es aú	EY
es b	QM
es b0	_@
es ba	_@
es be	KS
es bi	MQ
es bl	HV
es bo	QM
es br	WG
es bu	C[
es c	SK
es c/	ZD
es ca	WG
es ch	]B
es ci	[C
es co	IU
es cp	[C
es cr	IU
es có	KS
es da	LR
es de	LR
es di	LR
es do	VH
es du	WG
es dí	QM
es dó	GW
es e 	SK
es ed	QM
es el	MQ
es em	SK
es en	SK
es es	FX
es eu	WG
es ev	DZ
es ex	MQ
es f	QM
es fa	RL
es fe	UI
es fi	]B
es fl	HV
es fo	DZ
es fr	HV
es fu	KS
es g	JT
es g0	YE
es ge	C[
es gr	GW
es gu	KS
es h	FX
es h.	EY
es ha	HV
es he	TJ
es ho	DZ
es hu	ZD
es i	MQ
es ib	QM
es ig	GW
es im	VH
es in	IU
es iv	b>
es j	UI
es ja	QM
es jo	KS
es ju	WG
es jó	LR
es k	UI
es ki	SK
es km	YE
es l	LR
es l-	VH
es la	JT
es le	GW
es li	IU
es ll	UI
es lo	QM
es lu	JT
es lí	GW
es m	JT
es mo	KS
es má	MQ
es mí	LR
es mó	GW
es mú	HV
es n	DZ
es n.	YE
es na	TJ
es ne	MQ
es ni	B]
es no	C[
es nu	YE
es nú	HV
es o	MQ
es o 	JT
es ob	JT
es oc	e;
es oj	HV
es ol	WG
es on	HV
es or	LR
es p	KS
es p.	IU
es pa	MQ
es pe	DZ
es pi	SK
es pr	LR
es pá	IU
es q	DZ
es qu	DZ
es re	QM
es ri	ZD
es ru	MQ
es rá	DZ
es rí	MQ
es s	XF
es s.	ZD
es sa	MQ
es se	RL
es si	QM
es sá	WG
es sé	GW
es sí	WG
es ta	XF
es te	LR
es tf	WG
es ti	VH
es tl	RL
es to	RL
es tu	FX
es u	MQ
es un	HV
es ur	YE
es us	SK
es v	KS
es ve	JT
es vi	VH
es vo	KS
es ví	LR
es w	B]
es we	FX
es y 	RL
es ya	KS
es yo	RL
es yu	JT
es «	<d
es «e	IU
es «l	IU
es «u	DZ
es ¿c	EY
es ¿q	KS
es é	QM
es él	SK
es ér	FX
es ú	MQ
es úl	MQ
es “	RL
es €	WG
es € 	TJ
es €)	JT
es €,	]B
es €.	c=
es €/	b>
es €;	VH
es! 	SK
es" 	LR
es" s	LR
es",	IU
es", 	IU
es".	C[
es". 	C[
es"el	UI
es"m	LR
es"p	DZ
es"s	@_
es$ 	]B
es$ 0	]B
es$0	_@
es$0,	VH
es$00	_@
es% 	ZD
es% d	YE
es(0 	UI
es(a	MQ
es(b	IU
es(d	MQ
es(de	VH
es(e	HV
es(el	SK
es(en	IU
es(es	KS
es(g	IU
es(ge	IU
es(gr	TJ
es(p	FX
es(s	VH
es(se	TJ
es(ta	LR
es(te	HV
es(v	MQ
es) 	GW
es) y	XF
es),	KS
es), 	KS
es).	SK
es). 	SK
es+ 	IU
es, 	MQ
es, "	YE
es, 0	XF
es, b	TJ
es, c	RL
es, d	ZD
es, f	LR
es, g	KS
es, h	QM
es, i	IU
es, j	GW
es, l	IU
es, m	RL
es, n	>b
es, o	GW
es, p	TJ
es, q	VH
es, s	UI
es, t	YE
es, v	TJ
es, y	TJ
es,0	IU
es,00	IU
es- 	KS
es-0	VH
es-00	UI
es->	HV
es-> 	HV
es-v	YE
es-v 	VH
es. 0	a?
es. d	c=
es. e	JT
es. s	WG
es."	HV
es." 	HV
es.)	JT
es.) 	JT
es.0	k5
es.00	k5
es.d	GW
es.d.	GW
es.e	]B
es.ex	]B
es.l	VH
es.l.	VH
es.p	WG
es.p.	WG
es.º	KS
es.º 	KS
es.»	FX
es.» 	FX
es/ 	JT
es/ 0	[C
es/k	GW
es/kg	SK
es0 	]B
es0 %	WG
es0 (	c=
es0 -	JT
es0 /	[C
es0 0	^A
es0 a	SK
es0 c	QM
es0 d	VH
es0 h	IU
es0 k	WG
es0 l	a?
es0 m	_@
es0 n	b>
es0 o	MQ
es0 s	b>
es0 t	JT
es0 v	^A
es0 y	LR
es0 €	WG
es0%	VH
es0% 	VH
es0)	WG
es0).	WG
es0,	SK
es0, 	VH
es0,0	IU
es0-	ZD
es0-0	VH
es0-s	MQ
es0.	UI
es0. 	UI
es0.0	k5
es00	^A
es00 	ZD
es00%	VH
es00)	WG
es00,	RL
es00-	ZD
es00.	RL
es000	WG
es00:	LR
es00;	YE
es00h	XF
es0:0	MQ
es0;	YE
es0; 	YE
es0h	XF
es: 	GW
es: "	C[
es: 0	QM
es: c	RL
es: l	MQ
es: p	TJ
es: s	QM
es: «	EY
es:0	MQ
es:00	MQ
es; 	VH
es; a	TJ
es; c	RL
es; d	VH
es; e	VH
es; l	TJ
es; t	KS
es; y	JT
es> 	HV
es? 	GW
es@l	SK
es@la	SK
es@p	VH
es@pe	VH
es@r	SK
es@re	SK
es@s	RL
es@sa	RL
es@t	XF
esa 	LR
esa $	SK
esa (	QM
esa 0	VH
esa a	QM
esa b	DZ
esa c	WG
esa d	EY
esa e	XF
esa f	MQ
esa g	DZ
esa i	GW
esa j	FX
esa n	LR
esa o	LR
esa p	TJ
esa q	HV
esa r	ZD
esa s	ZD
esa t	UI
esa u	FX
esa v	^A
esa w	FX
esa y	VH
esa |	GW
esa «	C[
esa é	HV
esa!	DZ
esa"	MQ
esa" 	WG
esa)	HV
esa) 	KS
esa).	TJ
esa,	TJ
esa, 	TJ
esa.	WG
esa. 	TJ
esa.e	XF
esa;	WG
esa; 	WG
esa?	[C
esa? 	XF
esa@	XF
esaa	MQ
esab	RL
esabe	WG
esabi	YE
esabl	C[
esabo	UI
esabu	f:
esac	UI
esaca	JT
esace	a?
esach	GW
esaci	XF
esaco	SK
esact	KS
esad	YE
esad 	[C
esada	RL
esade	UI
esadi	[C
esado	QM
esadr	g9
esadu	LR
esaer	ZD
esafa	TJ
esafi	LR
esag	_@
esaga	UI
esago	a?
esagr	LR
esagu	YE
esah	QM
esah 	HV
esaho	VH
esai	RL
esain	UI
esaj	KS
esaja	KS
esaje	FX
esajo	SK
esal	JT
esal 	UI
esal)	MQ
esal,	LR
esal.	A^
esala	SK
esalb	_@
esale	GW
esalg	GW
esali	MQ
esall	WG
esalm	SK
esalo	TJ
esalq	UI
esalt	[C
esalu	>b
esalv	KS
esam	QM
esama	JT
esami	IU
esamo	TJ
esamp	SK
esan 	KS
esan.	EY
esanc	KS
esand	JT
esane	YE
esang	JT
esani	RL
esano	e;
esans	MQ
esanu	[C
esanz	FX
esao	QM
esap	QM
esapa	GW
esape	C[
esapi	SK
esapp	MQ
esapr	YE
esapu	LR
esar	MQ
esar 	KS
esar,	VH
esarb	VH
esarc	c=
esard	_@
esare	SK
esarg	B]
esari	MQ
esarj	YE
esarl	DZ
esarm	GW
esarn	UI
esaro	<d
esarp	JT
esarr	SK
esart	LR
esarz	QM
esarí	C[
esas	FX
esas 	DZ
esas,	]B
esas.	UI
esas:	VH
esasa	SK
esasc	a?
esasi	SK
esaso	UI
esass	QM
esast	B]
esasu	HV
esasí	LR
esat	VH
esat 	MQ
esata	MQ
esate	HV
esati	_@
esato	SK
esatr	TJ
esau	UI
esaun	QM
esaur	XF
esav	VH
esava	a?
esave	]B
esavi	MQ
esavo	KS
esaví	JT
esax	QM
esay	RL
esay 	RL
esaya	KS
esaye	WG
esayo	[C
esayu	KS
esaz	DZ
esaza	LR
esazo	JT
esazu	HV
esaí	RL
esañ	VH
esaña	]B
esañe	GW
esaú	EY
esaún	EY
esb 	VH
esb d	UI
esb,	IU
esb, 	IU
esb.	C[
esb0	b>
esb00	_@
esb@	RL
esba	XF
esba 	[C
esbad	RL
esbai	DZ
esbaj	RL
esbal	JT
esban	VH
esbar	^A
esbas	TJ
esbat	FX
esbañ	QM
esbe	QM
esbe 	DZ
esbec	VH
esbel	YE
esbem	FX
esben	IU
esber	TJ
esbet	KS
esbi	VH
esbia	SK
esbic	RL
esbie	LR
esbil	GW
esbin	WG
esbio	SK
esbir	JT
esbié	WG
esbió	EY
esbl	DZ
esbla	IU
esble	IU
esbli	EY
esbo	MQ
esbo 	GW
esbod	VH
esbog	FX
esbol	IU
esbom	UI
esbr	LR
esbra	HV
esbro	SK
esbue	FX
esbuj	EY
esbur	FX
esbus	VH
esbv	HV
esbve	HV
esbí	LR
esbín	LR
esbó	_@
esbón	_@
esc 	LR
esc.	XF
esc/	ZD
esc/ 	ZD
esca	MQ
esca 	B]
esca.	SK
esca:	MQ
escad	YE
escae	GW
escaj	FX
escal	UI
escam	QM
escan	EY
escap	IU
escar	QM
escas	MQ
escat	DZ
escc	B]
escci	B]
esce	WG
esce 	JT
esce.	ZD
esced	UI
escei	ZD
escel	KS
escem	]B
escen	UI
escer	MQ
esces	MQ
esch	WG
esche	UI
eschi	GW
escho	ZD
esci	SK
escia	QM
escic	ZD
escid	B]
escif	]B
escil	LR
escim	WG
escin	UI
escio	C[
escip	]B
escir	DZ
escis	TJ
escit	VH
escl	VH
escli	KS
esclu	XF
esco)	WG
esco,	XF
esco.	JT
escob	EY
escoc	QM
escog	RL
escol	IU
escom	QM
escon	TJ
escoo	KS
escop	GW
escor	MQ
escos	TJ
escp	[C
escp 	[C
escre	RL
escri	MQ
esct	RL
escta	HV
escti	[C
escto	LR
esctr	YE
esctu	LR
escua	RL
escuc	[C
escue	QM
escui	KS
escul	TJ
escuo	[C
escup	TJ
escuá	KS
escuñ	EY
escé	QM
escí	GW
escía	GW
escó	IU
escóm	HV
esd 	UI
esd d	XF
esd t	QM
esd.	C[
esd. 	C[
esda	RL
esda 	LR
esda,	UI
esda.	WG
esdab	RL
esdad	b>
esdam	JT
esdan	DZ
esdar	JT
esdas	XF
esdav	JT
esde	MQ
esde 	KS
esde,	JT
esde.	A^
esdeb	@_
esdec	QM
esded	VH
esdej	MQ
esdem	UI
esden	RL
esdeo	KS
esder	TJ
esdet	JT
esdev	UI
esdi	QM
esdia	IU
esdib	FX
esdic	KS
esdid	SK
esdie	SK
esdij	MQ
esdil	QM
esdim	ZD
esdir	JT
esdis	QM
esdit	JT
esdo 	UI
esdo,	LR
esdo.	JT
esdob	TJ
esdol	a?
esdon	LR
esdor	QM
esdr	YE
esdre	YE
esdri	TJ
esdu	WG
esdua	UI
esduc	FX
esdul	VH
esdur	SK
esdí	KS
esdí 	VH
esdón	DZ
ese "	@_
ese $	WG
ese 0	WG
ese b	JT
ese c	QM
ese d	ZD
ese f	RL
ese g	EY
ese h	DZ
ese i	VH
ese j	YE
ese m	SK
ese o	RL
ese p	WG
ese q	IU
ese r	QM
ese s	LR
ese t	C[
ese é	TJ
ese)	KS
ese) 	SK
ese,	WG
ese, 	WG
ese.	TJ
ese. 	TJ
ese:	DZ
ese: 	DZ
esea 	MQ
esead	EY
esean	C[
eseat	]B
eseb	JT
eseb 	GW
eseb,	IU
eseba	MQ
esebe	@_
esebi	RL
esebl	RL
esebo	GW
esec	HV
eseca	VH
esecc	EY
esece	DZ
esech	JT
eseci	FX
eseco	SK
esecr	XF
esecu	LR
esecí	B]
esed	TJ
esed 	UI
eseda	DZ
esede	ZD
esedi	UI
esedo	RL
esedr	KS
esee	EY
esef	IU
eseg	LR
esega	QM
esegi	SK
esegl	TJ
esegr	IU
esegu	=c
esegú	VH
eseh	VH
esei	f:
eseis	b>
eseit	TJ
esej	HV
eseja	MQ
esejo	JT
esel	RL
esel,	JT
esel.	^A
esela	[C
eselc	WG
esele	MQ
esell	RL
eselo	[C
esels	GW
eselt	RL
eselv	LR
eselé	QM
esem	[C
esem 	QM
esema	MQ
esemb	TJ
esemi	]B
esemo	[C
esemp	LR
esemá	UI
esen 	QM
esen,	JT
esen.	LR
esena	C[
esenc	RL
esene	YE
esenf	A^
eseng	QM
eseni	VH
eseno	SK
esens	VH
esenv	WG
eseo	KS
esep	RL
esepa	JT
esepo	VH
esept	UI
eseq	SK
esequ	SK
eser 	QM
eser,	MQ
eser.	LR
eser@	UI
esera	XF
eserc	GW
eserd	:f
esere	C[
eserg	JT
eseri	UI
eserm	MQ
esern	SK
esero	TJ
eserr	ZD
esers	IU
esert	XF
eserv	QM
eserz	SK
eserí	QM
eses)	MQ
eses,	LR
eses.	MQ
eses:	B]
esesa	UI
esesc	TJ
esesd	RL
esesf	[C
esesi	LR
eseso	JT
esesp	KS
esesq	ZD
esess	VH
esest	SK
esesu	LR
eseta	MQ
esete	XF
eseto	C[
esetr	MQ
eseus	SK
esev	YE
eseva	XF
eseve	YE
esevo	RL
esex	WG
esexa	]B
esext	DZ
esey 	FX
esez	UI
esez 	LR
esez.	]B
eseza	RL
esezc	MQ
esezó	QM
eseí	RL
eseñ	UI
eseña	YE
eseñi	MQ
eseño	KS
esf b	[C
esf g	YE
esfa	RL
esfa 	WG
esfac	HV
esfad	=c
esfal	]B
esfav	KS
esfec	C[
esfer	UI
esfi	XF
esfia	LR
esfic	MQ
esfie	]B
esfin	IU
esfir	QM
esfl	HV
esflo	HV
esfn	WG
esfno	WG
esfo	IU
esfon	LR
esfor	VH
esfot	EY
esfr	EY
esfra	DZ
esfu	QM
esfue	B]
esfum	ZD
esfun	b>
esfur	KS
esfá	[C
esg.	KS
esg. 	MQ
esg0	YE
esg00	YE
esga 	C[
esga,	ZD
esga.	TJ
esgad	LR
esgal	FX
esgan	SK
esgar	SK
esgas	RL
esgañ	GW
esge 	MQ
esgem	ZD
esgin	=c
esgio	TJ
esgis	XF
esgl	SK
esgla	RL
esglé	C[
esgo 	JT
esgoc	LR
esgos	[C
esgot	MQ
esgr	GW
esgri	C[
esgro	HV
esgu	GW
esgua	RL
esgui	YE
esgun	9g
esguo	KS
esgur	IU
esgus	GW
esgú	SK
esgún	VH
esgü	RL
esgüe	RL
esh 	KS
esh,	UI
esh, 	UI
esh.	B]
esh. 	B]
esha	JT
esha 	B]
eshab	?a
eshac	d<
eshag	QM
eshan	FX
eshar	SK
eshas	>b
eshat	LR
eshay	MQ
eshe	UI
eshe 	KS
eshec	SK
eshen	[C
esher	UI
eshes	RL
eshi	LR
eshi 	FX
eshic	SK
eshid	WG
eshij	MQ
eshil	QM
eshis	GW
eshit	A^
esho	MQ
esho 	[C
esho,	MQ
eshoj	QM
eshol	<d
eshom	YE
eshon	JT
eshor	QM
eshu	WG
eshua	RL
eshí	RL
esi a	ZD
esi c	IU
esi e	KS
esi h	TJ
esi m	A^
esi n	MQ
esi p	RL
esi q	DZ
esi s	EY
esi t	VH
esi v	UI
esi,	GW
esi, 	GW
esia	LR
esia 	MQ
esia,	YE
esia.	JT
esiac	a?
esial	KS
esian	HV
esiar	GW
esias	UI
esiat	RL
esib	FX
esiba	HV
esibi	IU
esibo	IU
esibu	QM
esic	KS
esica	GW
esici	UI
esicl	ZD
esid	VH
esida	VH
eside	TJ
esidi	B]
esido	QM
esidr	VH
esie	RL
esie 	^A
esied	KS
esiem	MQ
esier	KS
esies	WG
esiez	TJ
esif	LR
esif 	UI
esifi	JT
esig	KS
esiga	TJ
esigo	MQ
esij	RL
esija	MQ
esije	WG
esil	VH
esil 	RL
esile	QM
esili	LR
esill	VH
esilo	^A
esim	YE
esima	MQ
esimb	XF
esime	KS
esimi	WG
esimo	a?
esimp	TJ
esin	UI
esin 	KS
esina	KS
esinc	XF
esind	TJ
esine	]B
esinf	HV
esing	RL
esini	YE
esins	RL
esint	]B
esinv	LR
esiné	GW
esio	VH
esio 	TJ
esiod	SK
esion	VH
esios	DZ
esip	WG
esipa	XF
esipc	WG
esipi	RL
esiq	UI
esiqu	UI
esir	QM
esir 	MQ
esir.	KS
esir:	LR
esira	LR
esire	KS
esirm	QM
esirv	FX
esis 	YE
esis.	MQ
esisa	WG
esisc	MQ
esise	HV
esisi	GW
esiso	MQ
esit	LR
esit 	MQ
esita	LR
esite	LR
esiti	WG
esito	FX
esitr	h8
esitu	FX
esiva	]B
esive	LR
esivo	>b
esix	JT
esiz.	QM
esiá	LR
esián	LR
esié	JT
esién	GW
esiér	TJ
esiñ	QM
esiño	QM
esió	GW
esió 	QM
esió.	IU
esió:	EY
esión	FX
esja	UI
esja 	SK
esja.	SK
esjab	^A
esjac	SK
esjad	JT
esjaj	HV
esjam	WG
esjar	RL
esje	RL
esje,	FX
esjer	EY
esjes	RL
esji	ZD
esjo	JT
esjo 	HV
esjo,	DZ
esjo.	TJ
esjor	FX
esju	TJ
esjue	UI
esjul	TJ
esjun	QM
esjó	LR
esjóv	LR
eskg	SK
eskg,	SK
eski	DZ
eskil	SK
eskm	GW
eskm 	GW
esl (	WG
esl 0	XF
esl a	DZ
esl b	GW
esl c	KS
esl d	WG
esl e	LR
esl g	^A
esl h	JT
esl i	B]
esl l	JT
esl m	MQ
esl n	JT
esl o	^A
esl p	YE
esl q	GW
esl r	EY
esl s	MQ
esl t	MQ
esl v	IU
esl y	SK
esl)	MQ
esl,	JT
esl, 	JT
esl-	VH
esl-v	VH
esl:	HV
esl: 	HV
esla	LR
esla 	JT
esla,	HV
esla@	_@
eslab	SK
eslac	IU
eslad	UI
eslag	IU
eslal	VH
eslan	JT
eslap	QM
eslar	ZD
eslas	JT
eslat	MQ
eslav	_@
eslaz	LR
eslb	_@
eslba	_@
eslc	UI
eslca	HV
eslco	SK
esld	RL
eslda	XF
esldo	XF
esle 	XF
esle,	TJ
esle.	WG
eslea	A^
esleg	LR
eslei	EY
eslen	HV
esleo	ZD
esles	RL
eslet	DZ
eslev	WG
eslg	HV
eslga	FX
eslgo	MQ
eslgu	VH
esli	GW
eslia	LR
eslib	EY
eslic	KS
eslid	DZ
eslie	TJ
eslim	UI
eslio	RL
eslir	FX
eslis	MQ
eslit	j6
esliv	GW
esll	UI
eslla	SK
eslle	c=
eslli	LR
esllo	IU
eslm	WG
eslma	SK
eslme	YE
eslo	MQ
eslo.	KS
eslob	HV
esloc	TJ
eslog	JT
eslol	JT
eslom	ZD
eslon	UI
eslor	GW
eslos	TJ
eslq	VH
eslqu	VH
esls	DZ
esls 	EY
eslso	LR
eslt	VH
eslta	[C
eslti	MQ
eslu	HV
eslub	VH
esluc	HV
eslud	;e
eslui	HV
eslum	WG
eslun	HV
eslus	RL
esluz	QM
eslva	@_
eslve	^A
eslvi	LR
eslá	VH
eslám	RL
esléc	LR
esléf	RL
eslés	C[
eslí	JT
eslíg	UI
esló	XF
esm 	GW
esm.	UI
esm. 	UI
esma 	RL
esma.	B]
esmac	UI
esmai	IU
esmal	GW
esmam	LR
esmap	7i
esmar	MQ
esmas	KS
esmat	WG
esmay	ZD
esmañ	RL
esmb	QM
esmba	TJ
esmbi	WG
esme	IU
esme 	@_
esmed	TJ
esmej	FX
esmen	MQ
esmer	HV
esmes	^A
esmet	d<
esmi	WG
esmia	KS
esmie	HV
esmig	XF
esmil	KS
esmim	[C
esmin	VH
esmio	TJ
esmis	QM
esmié	XF
esmo	WG
esmo 	B]
esmo.	_@
esmod	FX
esmol	XF
esmom	]B
esmon	TJ
esmor	WG
esmos	WG
esmot	RL
esmp	VH
esmpa	JT
esmpe	TJ
esmpi	LR
esmpl	TJ
esmpr	[C
esmu	VH
esmuc	EY
esmud	UI
esmue	]B
esmuj	FX
esmul	GW
esmuy	HV
esmás	MQ
esmát	HV
esmí	SK
esmí 	QM
esmín	YE
esmó	JT
esmóv	GW
esmú	HV
esmús	HV
esn 	MQ
esn (	b>
esn c	TJ
esn d	HV
esn e	IU
esn f	SK
esn g	YE
esn h	RL
esn i	WG
esn j	SK
esn m	A^
esn n	FX
esn o	A^
esn p	VH
esn r	UI
esn u	KS
esn v	KS
esn,	LR
esn, 	LR
esn.	TJ
esn.º	YE
esn:	FX
esn: 	FX
esna	LR
esna 	RL
esna,	ZD
esna.	FX
esna:	FX
esna@	RL
esnal	C[
esnat	HV
esnav	WG
esnc	QM
esnca	HV
esnce	JT
esnch	RL
esnci	YE
esncl	[C
esnd	LR
esnda	RL
esnde	JT
esndi	MQ
esndo	EY
esndr	TJ
esne 	SK
esnea	TJ
esnec	FX
esneg	JT
esnem	LR
esnen	JT
esner	a?
esnet	MQ
esnf	HV
esnfa	=c
esnfi	B]
esnfo	HV
esnfr	FX
esnfu	SK
esng	LR
esnga	FX
esngl	DZ
esngo	RL
esngu	XF
esni 	JT
esnic	VH
esnid	WG
esnie	EY
esnif	MQ
esnil	TJ
esnin	B]
esnio	[C
esnir	SK
esnis	VH
esniñ	GW
esno	MQ
esno 	LR
esno,	KS
esno.	SK
esno?	EY
esnoc	DZ
esnom	HV
esnor	QM
esnos	TJ
esnot	WG
esnq	QM
esnqu	QM
esns	RL
esns 	TJ
esnsa	SK
esnsc	]B
esnse	WG
esnst	UI
esnt 	TJ
esnt,	JT
esnta	MQ
esnte	KS
esnti	RL
esnto	TJ
esntr	MQ
esntu	QM
esntó	_@
esnu	YE
esnud	QM
esnue	]B
esnun	^A
esnvi	TJ
esnví	RL
esnz	IU
esnza	DZ
esné	LR
esnés	KS
esní	EY
esnía	EY
esnú	HV
esnúm	HV
eso 	IU
eso $	ZD
eso (	MQ
eso 0	XF
eso a	^A
eso b	SK
eso c	HV
eso d	LR
eso f	FX
eso g	MQ
eso h	MQ
eso i	KS
eso l	TJ
eso m	SK
eso n	IU
eso o	VH
eso p	DZ
eso q	TJ
eso r	ZD
eso u	LR
eso v	=c
eso"	VH
eso" 	VH
eso)	SK
eso) 	LR
eso,	GW
eso, 	GW
eso.e	YE
eso.»	FX
eso;	SK
eso; 	SK
eso?	A^
eso? 	DZ
esob	SK
esoba	SK
esobl	ZD
esobo	@_
esobr	GW
esoch	VH
esoci	LR
esoco	KS
esocu	SK
esode	TJ
esodi	JT
esodo	RL
esoe	UI
esof	IU
esofe	HV
esog	KS
esoga	TJ
esoge	SK
esogi	QM
esogo	@_
esoj	JT
esoja	QM
esojo	B]
esok	B]
esoki	B]
esol	QM
esol 	KS
esola	GW
esold	[C
esole	UI
esolm	YE
esolo	QM
esolu	IU
esolv	UI
esolí	MQ
esom	SK
esom 	IU
esoma	QM
esomb	HV
esome	GW
esomi	WG
esomp	UI
esomá	GW
eson	JT
eson 	SK
esonc	FX
esond	EY
esong	GW
esoni	XF
esono	RL
esons	RL
esoo	KS
esoop	TJ
esopa	TJ
esope	RL
esopi	FX
esopo	HV
esoq	HV
esoqu	HV
esor	MQ
esor 	EY
esor,	GW
esor.	RL
esora	[C
esord	IU
esore	WG
esori	>b
esorm	FX
esorq	RL
esorr	KS
esort	SK
esorí	IU
esos	UI
esos"	=c
esos)	RL
esos,	SK
esos.	VH
esos?	DZ
esos@	XF
esose	JT
esosi	SK
esost	WG
esos»	FX
esot 	JT
esota	YE
esote	c=
esoto	FX
esotr	GW
esotó	EY
esou	VH
esour	TJ
esov	QM
esova	FX
esove	RL
esovi	SK
esoy	LR
esoz	UI
eso»	GW
eso».	EY
esoñ	QM
esoña	QM
esp 	QM
esp 0	^A
esp.	RL
esp. 	XF
esp.d	GW
espa	MQ
espac	XF
espad	VH
espag	UI
espal	C[
espap	MQ
espar	HV
espas	LR
espat	KS
españ	RL
espc	WG
espci	WG
espe	LR
espec	LR
esped	JT
espel	A^
espen	MQ
espeq	SK
esper	KS
espes	JT
espet	GW
espeñ	YE
espi	RL
espia	IU
espic	LR
espid	IU
espin	^A
espio	YE
espit	JT
espl	MQ
espla	HV
esple	QM
espo 	ZD
espo,	SK
espoc	EY
espod	RL
espol	MQ
espon	B]
espos	WG
espp	MQ
espr	RL
espra	ZD
espre	KS
espri	QM
espro	SK
espt	XF
espti	TJ
espub	EY
espue	QM
espun	RL
espué	JT
espá	JT
espág	=c
esq.	IU
esqu	HV
esque	GW
esqui	LR
esqué	LR
esquí	WG
esr 	GW
esr 0	TJ
esr a	KS
esr c	A^
esr d	VH
esr e	IU
esr f	HV
esr g	UI
esr i	IU
esr l	GW
esr m	IU
esr n	WG
esr p	KS
esr q	VH
esr s	EY
esr t	LR
esr u	C[
esr v	KS
esr y	HV
esr,	SK
esr, 	SK
esr:	HV
esr: 	HV
esr;	TJ
esr; 	TJ
esr@	UI
esra 	IU
esra,	WG
esra.	_@
esrab	QM
esrac	LR
esrad	f:
esrae	RL
esraf	TJ
esrag	SK
esrai	QM
esraj	DZ
esral	]B
esram	KS
esran	TJ
esrar	FX
esras	^A
esrat	[C
esraz	FX
esrb	MQ
esrbe	WG
esrc	WG
esrca	MQ
esrce	]B
esrch	EY
esrco	^A
esrd	JT
esrda	UI
esrde	C[
esrdi	UI
esrdo	SK
esrdí	HV
esrdó	GW
esre	QM
esre)	JT
esre,	SK
esre.	GW
esrea	a?
esreb	TJ
esrec	DZ
esred	[C
esreg	MQ
esrel	TJ
esrem	KS
esren	QM
esreo	MQ
esrer	]B
esres	YE
esret	UI
esreu	HV
esrez	GW
esrf	QM
esrfe	DZ
esrg	GW
esrga	GW
esrge	UI
esri	IU
esrib	EY
esric	KS
esrie	XF
esril	JT
esrim	SK
esrio	IU
esris	EY
esrit	FX
esrió	UI
esrj	_@
esrja	^A
esrl	DZ
esrle	A^
esrlo	HV
esrm	KS
esrma	VH
esrmi	EY
esrmu	GW
esrmá	HV
esrn	VH
esrna	UI
esrne	WG
esrni	JT
esrno	MQ
esro)	EY
esro.	IU
esrob	LR
esroj	EY
esrom	VH
esron	EY
esrop	TJ
esros	LR
esrot	UI
esrov	TJ
esrp	JT
esrq	TJ
esrqu	TJ
esrr	TJ
esrra	YE
esrre	ZD
esrri	@_
esrro	MQ
esrsi	GW
esrso	MQ
esrt 	MQ
esrta	VH
esrte	RL
esrti	SK
esrto	JT
esrtu	VH
esru	SK
esrub	WG
esrud	IU
esrui	MQ
esrum	UI
esrut	JT
esrva	C[
esrve	QM
esrvi	VH
esry 	RL
esrz	WG
esrza	ZD
esrzo	RL
esrá	TJ
esráp	DZ
esrás	IU
esré	JT
esrí	RL
esría	QM
esríc	a?
esrío	XF
ess 	JT
ess (	RL
ess @	XF
ess a	[C
ess b	d<
ess c	C[
ess d	LR
ess e	[C
ess f	LR
ess g	IU
ess i	UI
ess j	RL
ess l	KS
ess n	;e
ess o	SK
ess p	RL
ess q	B]
ess r	MQ
ess t	LR
ess u	ZD
ess v	SK
ess y	[C
ess “	RL
ess"	DZ
ess".	GW
ess)	MQ
ess) 	LR
ess).	^A
ess,	XF
ess, 	XF
ess.	RL
ess.e	WG
ess.l	VH
ess:	RL
ess: 	RL
ess;	ZD
ess; 	ZD
ess?	DZ
ess? 	DZ
ess@	XF
essa	VH
essa 	MQ
essa,	QM
essa.	[C
essab	TJ
essad	A^
essaj	EY
essal	KS
essan	[C
essar	IU
essas	WG
essay	SK
essc	[C
essca	VH
essco	]B
esscr	MQ
esscu	c=
essd	UI
essde	SK
esse	SK
esse 	SK
essea	SK
essec	QM
essei	b>
essel	LR
essen	VH
esseo	VH
esser	JT
esses	MQ
esset	JT
essf	[C
essfe	UI
essi	UI
essi 	XF
essia	WG
essid	ZD
essie	MQ
essig	KS
essil	b>
essim	EY
essin	LR
essir	FX
essis	GW
essió	DZ
essmo	MQ
esso 	C[
esso,	HV
esso.	[C
essob	GW
essoc	QM
essol	RL
essom	QM
esson	MQ
essor	UI
essos	RL
essot	KS
essp	JT
esspe	HV
esspu	JT
essq	b>
essqu	b>
esss	[C
essse	YE
essta	QM
esste	LR
essti	QM
essto	JT
esstr	^A
esstu	e;
esstá	HV
essté	JT
essu	KS
essu 	RL
essua	WG
essub	EY
essup	RL
essus	XF
ess»	FX
ess».	HV
essá	WG
essáb	WG
essé	GW
essí	ZD
essí 	LR
essí,	[C
essó	KS
essón	JT
est e	IU
est m	MQ
est'	JT
est)	QM
est,	FX
est, 	FX
est.	LR
esta	MQ
esta 	MQ
esta,	UI
esta.	JT
esta;	YE
estab	QM
estad	YE
estam	TJ
estap	ZD
estar	QM
estas	QM
estau	RL
estb	JT
este 	LR
este,	MQ
este.	b>
estea	MQ
ested	MQ
estej	IU
estel	TJ
estem	YE
esten	LR
estep	TJ
ester	ZD
estes	QM
esteñ	MQ
estf	WG
estfn	WG
esti	ZD
estic	HV
estie	YE
estif	KS
estig	TJ
estil	^A
estim	RL
estin	RL
estio	UI
estip	TJ
estir	FX
estis	_@
estit	HV
estiv	TJ
estl	TJ
estla	TJ
esto	IU
esto 	RL
esto,	LR
esto.	HV
estod	QM
estol	XF
estom	SK
eston	YE
estos	@_
estr	QM
estra	RL
estre	QM
estri	VH
estru	UI
estrá	RL
ests,	HV
estu	KS
estu 	JT
estur	MQ
está	HV
está 	IU
estál	JT
esté	DZ
esté 	KS
estí	YE
estía	YE
estó	JT
estó 	HV
esu f	GW
esu m	C[
esu.	LR
esu. 	LR
esua	WG
esua 	UI
esuad	a?
esual	HV
esuan	WG
esuar	LR
esuas	RL
esuat	UI
esub	QM
esub 	UI
esub@	RL
esubi	SK
esubl	EY
esubv	HV
esuc	DZ
esuca	GW
esuch	LR
esucí	HV
esuda	WG
esudi	SK
esudo	>b
esue	QM
esue 	IU
esue,	ZD
esueb	RL
esued	GW
esueg	IU
esuel	]B
esuer	HV
esues	ZD
esuet	LR
esuev	[C
esueñ	TJ
esuf	LR
esug	HV
esui	MQ
esuid	RL
esuie	LR
esuil	SK
esuin	a?
esuir	UI
esuit	EY
esuj	TJ
esuja	QM
esuje	RL
esujo	FX
esul	LR
esul 	HV
esula	EY
esuli	UI
esulo	VH
esum	WG
esume	TJ
esun	JT
esun 	IU
esuna	TJ
esunc	ZD
esund	VH
esune	HV
esuni	XF
esuno	IU
esunq	QM
esunt	GW
esuo 	MQ
esuot	[C
esupi	LR
esupo	ZD
esupu	RL
esur 	DZ
esure	ZD
esurg	RL
esuro	TJ
esurs	RL
esus	UI
esus 	RL
esusa	WG
esuse	RL
esust	IU
esuto	SK
esuv	LR
esuvi	JT
esuy 	HV
esuyo	B]
esuz	MQ
esuz 	RL
esué	FX
esué 	LR
esués	JT
esuí	WG
esuí 	ZD
esuí,	KS
esuít	GW
esuñ	EY
esuña	EY
esv 	^A
esv 0	VH
esv.	DZ
esva	VH
esva 	XF
esva,	YE
esva.	JT
esvad	SK
esval	VH
esvam	SK
esvan	JT
esvar	JT
esvas	SK
esve	RL
esve 	WG
esvea	IU
esvel	TJ
esvem	YE
esven	SK
esver	DZ
esves	VH
esvez	YE
esvi	XF
esvia	HV
esvic	YE
esvid	KS
esvie	]B
esvin	SK
esvir	TJ
esvis	GW
esvit	HV
esviv	JT
esvo	MQ
esvo 	QM
esvol	XF
esvor	KS
esvos	EY
esví	JT
esvía	JT
esvíd	LR
esvío	RL
eswe	A^
esweb	FX
esx 	DZ
esxa	]B
esxam	]B
esxi	MQ
esxo	WG
esxt	JT
esy c	VH
esy d	[C
esy f	IU
esy g	HV
esy h	VH
esy i	LR
esy j	QM
esy l	ZD
esy o	ZD
esy p	JT
esy q	SK
esy s	VH
esy t	WG
esy u	SK
esy v	FX
esy y	SK
esy,	_@
esy, 	_@
esy.	XF
esy. 	XF
esya	LR
esya,	IU
esye	WG
esyer	JT
esyo	MQ
esyo,	UI
esyor	VH
esys	VH
esyu	IU
esyun	KS
esz d	MQ
esz,	EY
esz, 	EY
esz.	WG
esz. 	WG
esza	VH
esza 	TJ
esza,	QM
esza.	KS
eszac	TJ
eszam	MQ
eszan	UI
eszar	LR
eszc	MQ
eszca	GW
eszo	QM
eszo,	JT
eszo.	XF
eszu	HV
eszul	HV
eszó	QM
eszó 	QM
es| l	VH
es«e	IU
es«el	IU
es«l	IU
es«u	DZ
es«un	DZ
esº 0	YE
esº b	DZ
es» 	C[
es»,	DZ
es», 	DZ
es».	DZ
es». 	DZ
es¿c	EY
es¿q	KS
es¿qu	KS
esá 	HV
esá c	SK
esá e	KS
esá n	SK
esá p	EY
esáb	WG
esáb 	g9
esába	TJ
esác	VH
eság	=c
esági	=c
esái	RL
esáis	RL
esál	MQ
esám	RL
esánt	TJ
esáp	FX
esápi	FX
esár	UI
esás 	IU
esás.	FX
esásc	XF
esát	?a
esáti	?a
esé 	JT
esé q	GW
esé t	EY
esé.	JT
esé. 	JT
eséc	LR
eséct	LR
eséf	RL
eséfo	RL
esél	SK
esél 	SK
esén	IU
esén 	RL
esér	GW
eséra	EY
esérc	XF
esés	HV
esés.	HV
esí 	[C
esí m	RL
esí n	VH
esí q	JT
esí s	SK
esí,	VH
esí, 	VH
esí.	IU
esía 	SK
esía,	DZ
esía.	XF
esías	KS
esíc	a?
esíco	YE
esícu	WG
esíd	LR
esíde	LR
esígo	UI
esín	KS
esín 	JT
esío	QM
esío,	XF
esíos	RL
esít	FX
esíta	GW
esíti	GW
esña	]B
esña 	XF
esña,	YE
esñan	RL
esñe	KS
esñen	GW
esñi	IU
esño	LR
esño 	MQ
esño,	UI
esñol	KS
esñor	EY
esños	KS
esó 	MQ
esó e	JT
esó l	LR
esó m	]B
esó:	EY
esó: 	EY
esód	KS
esóm	KS
esómo	HV
esón	FX
esón 	HV
esón,	LR
esón.	KS
esónd	GW
esóv	GW
esóve	LR
esóvi	GW
esóx	FX
esóxi	FX
esúl	MQ
esúlt	MQ
esúm	HV
esúme	HV
esún 	DZ
esús	HV
esúsi	HV
esüe	RL
es€ 	TJ
es€ a	b>
es€ i	UI
es€ l	[C
es€ m	UI
es€ p	VH
es€)	JT
es€,	]B
es€, 	]B
es€.	c=
es€. 	c=
es€/	b>
es€/k	SK
es€;	VH
es€; 	VH
fr !	?a
fr ! 	?a
fr "	IU
fr "l	LR
fr $	TJ
fr $ 	TJ
fr %	QM
fr % 	IU
fr &	SK
fr & 	SK
fr (	IU
fr (0	JT
fr (a	JT
fr (d	UI
fr (e	IU
fr (j	SK
fr (p	MQ
fr (q	WG
fr (s	IU
fr (t	DZ
fr (v	TJ
fr - 	QM
fr -0	VH
fr /	]B
fr / 	ZD
fr 0	_@
fr 0 	MQ
fr 0,	TJ
fr 00	_@
fr 0e	VH
fr 0h	VH
fr 0x	IU
fr 0z	WG
fr :	GW
fr : 	GW
fr ;	QM
fr ; 	QM
fr ?	9g
fr ? 	9g
fr a 	GW
fr ab	UI
fr ac	MQ
fr ad	QM
fr af	VH
fr ai	JT
fr al	JT
fr am	MQ
fr an	XF
fr ao	d<
fr ar	JT
fr as	TJ
fr at	WG
fr au	WG
fr av	JT
fr b	DZ
fr ba	MQ
fr bc	RL
fr bi	HV
fr bl	C[
fr bo	LR
fr br	KS
fr bu	EY
fr bé	LR
fr c	UI
fr ca	UI
fr ce	JT
fr ch	RL
fr ci	MQ
fr cl	SK
fr co	UI
fr cr	LR
fr cu	IU
fr cô	XF
fr d	TJ
fr da	TJ
fr de	TJ
fr di	LR
fr dr	TJ
fr du	RL
fr dé	RL
fr e	RL
fr ea	VH
fr el	IU
fr en	JT
fr es	RL
fr et	ZD
fr eu	QM
fr ex	JT
fr f	RL
fr fa	SK
fr fi	MQ
fr fl	KS
fr fé	UI
fr fê	JT
fr g	FX
fr g0	WG
fr ga	A^
fr ge	HV
fr gr	TJ
fr gs	KS
fr gé	a?
fr h	QM
fr h 	]B
fr h,	UI
fr h.	XF
fr ha	LR
fr he	XF
fr hi	IU
fr ho	IU
fr hu	d<
fr i	MQ
fr il	IU
fr im	LR
fr in	KS
fr j	SK
fr j'	HV
fr ja	UI
fr je	JT
fr jo	XF
fr ju	TJ
fr j’	LR
fr k	YE
fr ka	QM
fr ke	_@
fr ki	TJ
fr km	^A
fr kr	UI
fr l'	LR
fr lo	SK
fr lu	MQ
fr là	GW
fr l’	SK
fr m	LR
fr m 	^A
fr m'	LR
fr m.	GW
fr ma	DZ
fr mi	YE
fr ml	TJ
fr mm	IU
fr mo	QM
fr mu	IU
fr mè	UI
fr mé	UI
fr mê	WG
fr ne	LR
fr ni	A^
fr no	QM
fr nu	JT
fr n°	JT
fr n’	TJ
fr o	RL
fr ob	RL
fr oc	HV
fr od	XF
fr ok	QM
fr on	WG
fr op	HV
fr or	JT
fr où	JT
fr p	JT
fr pa	JT
fr pe	KS
fr ph	EY
fr pi	WG
fr pl	FX
fr po	WG
fr pr	HV
fr pu	C[
fr pâ	LR
fr pè	RL
fr pé	LR
fr q	KS
fr qu	KS
fr r	RL
fr ra	IU
fr rd	VH
fr ri	SK
fr s	SK
fr sa	LR
fr se	RL
fr si	MQ
fr sl	C[
fr so	UI
fr su	MQ
fr sv	JT
fr sé	YE
fr s’	ZD
fr ta	YE
fr te	IU
fr th	GW
fr ti	_@
fr to	UI
fr tr	SK
fr tu	QM
fr té	FX
fr u	GW
fr un	GW
fr ur	WG
fr v	GW
fr va	TJ
fr ve	@_
fr vi	XF
fr vo	GW
fr vé	IU
fr w	UI
fr y	VH
fr y 	TJ
fr z	UI
fr za	UI
fr |	QM
fr | 	QM
fr «	GW
fr « 	GW
fr »	EY
fr » 	GW
fr »,	EY
fr ».	EY
fr à	QM
fr à 	QM
fr â	YE
fr ç	EY
fr ça	EY
fr é	LR
fr éc	HV
fr él	UI
fr ét	MQ
fr év	TJ
fr ê	=c
fr êt	=c
fr –	EY
fr – 	EY
fr —	KS
fr — 	KS
fr €	UI
fr € 	QM
fr €,	]B
fr €.	_@
fr €/	WG
fr! 	?a
fr!)	LR
fr!),	LR
fr" 	IU
fr"l	LR
fr$ 	TJ
fr% 	IU
fr& 	SK
fr& c	SK
fr'a	MQ
fr'a 	VH
fr'ab	YE
fr'ac	LR
fr'an	LR
fr'ap	JT
fr'ar	IU
fr'as	HV
fr'at	VH
fr'au	SK
fr'av	JT
fr'e	JT
fr'ea	JT
fr'en	>b
fr'es	LR
fr'he	LR
fr'hu	RL
fr'i	HV
fr'il	MQ
fr'im	RL
fr'in	EY
fr'or	RL
fr'ou	MQ
fr'u	RL
fr'un	B]
fr'é	SK
fr'ég	WG
fr'éq	VH
fr(0	JT
fr(0 	UI
fr(00	JT
fr(a	JT
fr(c'	JT
fr(co	VH
fr(d	UI
fr(da	UI
fr(e	IU
fr(el	IU
fr(j	SK
fr(l'	RL
fr(lo	KS
fr(me	TJ
fr(p	MQ
fr(pr	LR
fr(q	WG
fr(qu	WG
fr(s	IU
fr(t	DZ
fr(tr	FX
fr(v	TJ
fr) 	EY
fr) :	UI
fr) g	WG
fr),	QM
fr), 	QM
fr, 	LR
fr, 0	TJ
fr, a	RL
fr, b	QM
fr, c	LR
fr, e	XF
fr, f	KS
fr, g	UI
fr, h	VH
fr, j	LR
fr, k	MQ
fr, l	VH
fr, m	KS
fr, n	LR
fr, o	TJ
fr, p	IU
fr, q	WG
fr, r	LR
fr, t	UI
fr, u	FX
fr, v	HV
fr, ç	RL
fr- 	QM
fr-0	a?
fr-00	a?
fr-a	ZD
fr-au	ZD
fr-b	SK
fr-bo	TJ
fr-c	MQ
fr-cl	MQ
fr-co	XF
fr-d	RL
fr-du	WG
fr-e	f:
fr-fr	IU
fr-h	TJ
fr-ha	VH
fr-la	RL
fr-mi	VH
fr-mo	HV
fr-mè	IU
fr-n	XF
fr-o	TJ
fr-or	RL
fr-p	RL
fr-pa	KS
fr-s	UI
fr-sa	RL
fr-v	]B
fr-ve	XF
fr-vi	XF
fr-vo	VH
fr-ê	KS
fr-êt	KS
fr. 	KS
fr. d	GW
fr. m	UI
fr. v	LR
fr. »	IU
fr.0	RL
fr.00	RL
fr.e	UI
fr.ex	UI
fr/ 	ZD
fr/ 0	SK
fr/0	IU
fr/00	GW
fr0 	YE
fr0 $	TJ
fr0 %	QM
fr0 (	KS
fr0 /	[C
fr0 0	SK
fr0 :	EY
fr0 ;	]B
fr0 a	SK
fr0 b	b>
fr0 c	_@
fr0 d	VH
fr0 e	MQ
fr0 h	TJ
fr0 i	EY
fr0 j	]B
fr0 k	[C
fr0 l	a?
fr0 m	QM
fr0 o	HV
fr0 p	QM
fr0 r	RL
fr0 s	QM
fr0 t	SK
fr0 v	XF
fr0 |	EY
fr0 €	UI
fr0)	TJ
fr0,	SK
fr0, 	TJ
fr0-	ZD
fr0-0	ZD
fr0.	b>
fr0. 	a?
fr0.0	RL
fr0/	HV
fr0/0	HV
fr00	_@
fr00 	ZD
fr00)	TJ
fr00,	SK
fr00-	ZD
fr00.	b>
fr00/	GW
fr000	a?
fr00h	YE
fr0e	VH
fr0er	VH
fr0h	YE
fr0h 	a?
fr0h,	XF
fr0h-	[C
fr0h.	RL
fr0h0	QM
fr0x	IU
fr0x 	MQ
fr0z	WG
fr0z0	WG
fr: 	GW
fr: b	ZD
fr: c	TJ
fr: l	IU
fr: n	JT
fr: «	GW
fr; 	SK
fr; a	ZD
fr; c	TJ
fr; j	WG
fr; l	XF
fr? 	4l
fr@b	XF
fr@bo	WG
fr@c	MQ
fr@g	d<
fr@gr	_@
fr@v	GW
fra 	IU
fra 0	MQ
fra a	KS
fra b	UI
fra c	HV
fra d	LR
fra e	DZ
fra f	LR
fra m	VH
fra r	HV
fra s	JT
fra t	KS
fra v	UI
fra à	DZ
fra é	GW
fra)	RL
fra) 	RL
fra,	KS
fra, 	KS
frab	RL
fraba	YE
frabe	TJ
frabi	MQ
frabl	HV
frabr	[C
frabs	IU
frac	TJ
frac 	SK
frace	SK
frach	DZ
fracl	EY
fraco	FX
fract	HV
fradh	ZD
fradr	MQ
fradu	^A
fraf	UI
fraff	VH
frag	MQ
fraga	UI
frage	KS
fragn	UI
frah	LR
frai 	RL
fraie	RL
fraig	[C
frail	QM
fraim	@_
frain	XF
frais	HV
fral	MQ
fral 	LR
fral.	QM
frala	WG
frale	KS
frall	LR
fralo	SK
fralt	QM
fram	XF
frame	b>
frami	JT
framo	YE
framp	VH
fran	TJ
fran 	JT
fran,	YE
fran-	MQ
fran.	[C
frana	GW
frand	TJ
frane	SK
frang	FX
frani	QM
frann	UI
frano	YE
franq	DZ
frans	TJ
frant	TJ
franv	ZD
franç	YE
frao	d<
fraoû	ZD
frape	[C
frapi	MQ
frapo	MQ
frapp	JT
frapr	MQ
fraq	[C
fraqu	[C
frar	UI
frar 	FX
frar.	TJ
frarc	LR
frare	[C
frarg	RL
frari	QM
frark	HV
frarl	FX
fraro	TJ
frarr	UI
frars	HV
frart	SK
fras 	KS
fras.	>b
frasi	UI
frass	RL
frast	TJ
frat	_@
frat 	TJ
frat.	XF
frate	ZD
frath	YE
frati	MQ
frato	UI
fratr	ZD
fratt	WG
fratu	UI
frau 	SK
frau,	GW
frau-	RL
frau.	RL
frau@	[C
fraub	YE
fraud	DZ
frauf	SK
fraug	QM
fraul	GW
fraur	TJ
fraut	MQ
fraux	SK
frav	UI
frava	RL
frave	SK
fravo	_@
fravr	RL
frax	JT
fraxe	]B
fraxi	IU
fraye	SK
frayo	[C
fraz	IU
fraî	FX
fraîn	LR
fraît	HV
frb 	ZD
frb d	[C
frb p	VH
frba	QM
frbai	SK
frban	LR
frbat	b>
frbc	RL
frbce	RL
frbe	UI
frbea	DZ
frbec	WG
frbel	RL
frber	ZD
frbi	HV
frbie	IU
frbis	LR
frbit	KS
frbl	DZ
frbla	KS
frble	B]
frblo	EY
frbo	MQ
frboi	SK
frbon	@_
frbor	TJ
frbou	UI
frboî	VH
frbr	SK
frbra	TJ
frbre	KS
frbri	SK
frbru	MQ
frbs	FX
frbse	FX
frbt	XF
frbte	XF
frbu	GW
frbur	MQ
frbv	EY
frbve	EY
frbé.	QM
frbén	LR
frc 	QM
frc d	^A
frc j	RL
frc l	EY
frc m	HV
frc o	C[
frc p	HV
frc t	YE
frc'e	MQ
frc'é	QM
frc)	LR
frc) 	LR
frc,	HV
frc, 	HV
frc.	a?
frc. 	[C
frca	TJ
frcal	GW
frcam	DZ
frcan	VH
frcar	IU
frcas	ZD
frcat	JT
frcau	_@
frcce	UI
frce 	WG
frce,	IU
frce.	QM
frcel	FX
frcen	MQ
frcep	XF
frcer	VH
frces	TJ
frcet	LR
frceu	MQ
frcev	RL
frch	VH
frcha	RL
frchi	WG
frcho	EY
frché	KS
frchê	UI
frci	JT
frci 	JT
frci-	JT
frcia	_@
frcid	EY
frcie	IU
frcil	MQ
frcin	WG
frcit	FX
frcié	QM
frck	WG
frck 	WG
frcl	XF
frcla	TJ
frcle	YE
frcli	B]
frclo	VH
frclu	YE
frclé	IU
frcol	YE
frcon	MQ
frcop	GW
frcou	QM
frcoû	FX
frcr	A^
frcre	TJ
frcri	FX
frcro	JT
frcrè	GW
frcré	TJ
frcs	_@
frcs 	_@
frct	IU
frcte	KS
frctu	EY
frcu	GW
frcue	SK
frcui	FX
frcul	JT
frcun	KS
frcup	EY
frcus	JT
frcut	RL
frcè	IU
frcès	IU
frcé	QM
frcée	SK
frcô	XF
frcôt	XF
frd a	@_
frd d	VH
frd j	ZD
frd l	QM
frd p	B]
frd s	FX
frd à	HV
frd'a	[C
frd'e	EY
frd'h	HV
frd'o	LR
frd'u	B]
frd'é	SK
frd.	RL
frd. 	RL
frda	WG
frda 	UI
frdai	RL
frdam	QM
frdan	WG
frdas	A^
frde	SK
frde 	ZD
frdel	TJ
frdem	KS
frden	SK
frdep	RL
frder	JT
frdes	IU
frdeu	MQ
frdev	<d
frdh	ZD
frdhé	ZD
frdi	TJ
frdi 	]B
frdi,	UI
frdi.	MQ
frdia	YE
frdic	QM
frdie	]B
frdif	FX
frdil	XF
frdim	QM
frdin	TJ
frdir	?a
frdis	RL
frdit	EY
frdiv	UI
frdix	JT
frdiz	B]
frdiè	IU
frdo	QM
frdoi	A^
frdon	LR
frdor	QM
frdos	C[
frdou	[C
frdr	KS
frdre	LR
frdri	A^
frds	LR
frds 	LR
frdu	SK
frdu 	SK
frdu-	QM
frdue	ZD
frdul	^A
frdur	FX
frdus	LR
frdv	VH
frdè	WG
frdèl	UI
frdé	QM
frdé 	HV
frdé,	FX
frdéb	QM
frdéc	TJ
frdée	WG
frdéj	EY
frdém	KS
frdép	LR
frdér	RL
frd’a	QM
frd’e	DZ
frd’o	QM
fre 	KS
fre "	KS
fre (	FX
fre 0	c=
fre :	LR
fre ;	MQ
fre a	ZD
fre b	A^
fre c	a?
fre d	TJ
fre e	WG
fre f	WG
fre g	?a
fre i	UI
fre j	JT
fre k	]B
fre l	ZD
fre m	KS
fre n	FX
fre o	YE
fre r	QM
fre s	LR
fre t	LR
fre v	RL
fre |	g9
fre »	KS
fre à	WG
fre ç	A^
fre –	EY
fre)	JT
fre) 	JT
fre),	IU
fre).	SK
fre-c	XF
fre-m	GW
fre-v	XF
fre.	HV
fre. 	HV
fre.e	c=
fre?	C[
fre? 	C[
frea	SK
frean	RL
freau	RL
freb	SK
frec	SK
frec 	IU
frec)	WG
frec.	YE
freco	EY
frecr	MQ
fred	XF
freda	TJ
fredi	^A
free	RL
fref	[C
fref 	XF
freg	]B
frega	YE
frei	UI
freil	YE
frel	MQ
frel,	C[
frel.	JT
frela	QM
frele	GW
freli	ZD
frell	RL
frels	MQ
frelu	B]
frema	MQ
freme	LR
fremm	GW
fremo	QM
fremp	TJ
fren	IU
fren 	FX
fren,	KS
frena	QM
frend	QM
freni	UI
frenl	B]
frenn	TJ
freno	RL
frent	RL
frenu	WG
frenv	WG
frenê	QM
freo	UI
frep	UI
frepa	QM
frepr	FX
frept	WG
frepu	RL
frer	LR
frer 	MQ
frer)	HV
frer.	JT
frera	A^
frerc	QM
frerd	QM
frerf	UI
freri	XF
frerl	QM
frerm	d<
frern	LR
frerr	HV
frers	TJ
frert	MQ
frerv	MQ
fres 	MQ
fres)	EY
fres,	WG
fres-	FX
fres.	FX
fresc	KS
fresp	UI
fress	IU
frest	KS
fresu	WG
fret 	ZD
fret)	XF
frete	DZ
freto	MQ
frets	SK
frett	QM
fretu	VH
freté	HV
freu	JT
freu 	C[
freub	VH
freud	ZD
freui	JT
freul	QM
freur	MQ
freus	XF
freut	EY
freuv	UI
frev	LR
freve	SK
frevi	C[
frevo	LR
frexa	TJ
frexc	JT
frexi	RL
frexp	FX
frext	EY
frez	QM
frez 	KS
frez-	[C
frf 	YE
frf d	WG
frf s	UI
frfa	SK
frfab	UI
frfac	GW
frfai	XF
frfar	ZD
frfau	HV
frfem	GW
frfen	QM
frfer	QM
frfeu	QM
frff	LR
frffe	[C
frffi	MQ
frffé	HV
frfi	FX
frfic	IU
frfie	GW
frfil	RL
frfin	DZ
frfir	EY
frfl	MQ
frfle	WG
frfoi	IU
frfor	LR
frfou	WG
frfr	HV
frfra	VH
frfri	XF
frfrè	IU
frfs	HV
frfs 	GW
frfu	UI
frfér	HV
frfê	JT
frfêt	JT
frg d	WG
frg0	WG
frg0x	WG
frga	KS
frgag	MQ
frgal	C[
frgas	TJ
frgat	SK
frgau	KS
frgaz	IU
frge	KS
frge 	LR
frge,	TJ
frge.	B]
frger	GW
frges	LR
frgi	WG
frgie	KS
frgis	[C
frgl	IU
frgla	KS
frgno	JT
frgo	LR
frgo 	SK
frgp	VH
frgr	WG
frgra	]B
frgre	ZD
frgro	DZ
frgsm	KS
frgt	TJ
frgts	UI
frgu	^A
frgue	XF
frgui	WG
frguy	VH
frgé	a?
frgén	ZD
frh 	e;
frh (	RL
frh /	SK
frh 0	SK
frh e	RL
frh p	TJ
frh s	QM
frh |	XF
frh à	[C
frh,	XF
frh, 	XF
frh-	]B
frh-0	[C
frh.	TJ
frh. 	TJ
frh0	QM
frh00	QM
frha	VH
frhab	KS
frhal	IU
frham	MQ
frhan	WG
frhaq	[C
frhar	DZ
frhat	UI
frhe,	LR
frhe.	TJ
frhef	XF
frhel	LR
frhem	JT
frher	EY
frhes	VH
frhet	KS
frheu	TJ
frhez	TJ
frhi	SK
frhie	YE
frhis	LR
frhiv	YE
frho	C[
frhom	FX
frhon	QM
frhor	IU
frhos	GW
frhot	FX
frhu	^A
frhui	WG
frhè	LR
frhèq	SK
frhèr	C[
frhé	LR
frhé 	LR
frhé,	GW
frhér	MQ
frhê	UI
frhên	UI
fri (	QM
fri b	LR
fri c	LR
fri d	WG
fri e	VH
fri j	DZ
fri l	^A
fri m	WG
fri n	SK
fri o	EY
fri p	HV
fri q	XF
fri r	SK
fri s	DZ
fri v	QM
fri à	[C
fri,	LR
fri, 	LR
fri-d	FX
fri.	QM
fri. 	QM
fria	YE
friag	YE
frial	YE
frian	TJ
friat	VH
friba	UI
fribl	HV
fric	MQ
fric 	[C
frici	JT
frick	WG
frict	GW
fride	MQ
fridi	WG
fridu	ZD
fridé	GW
frie 	LR
frie.	GW
friei	SK
friel	XF
frier	VH
fries	VH
frieu	LR
friez	EY
frif	?a
friff	C[
frifi	GW
frifs	GW
frigo	C[
frigu	KS
fril	UI
fril 	JT
fril,	WG
fril.	XF
frile	VH
frili	QM
frill	QM
frilo	TJ
frils	GW
frilà	GW
frim	JT
frim 	RL
frime	FX
frimo	ZD
frimp	MQ
frimu	FX
frin	ZD
frin 	UI
frin.	RL
frina	VH
frinc	JT
frind	KS
frine	QM
frinf	QM
fring	SK
frini	YE
frins	RL
frint	KS
frinu	HV
frinz	RL
frio	KS
friol	JT
frion	MQ
frip	KS
fript	GW
frir	KS
frir 	LR
frir,	MQ
frir-	YE
frir.	MQ
frira	GW
frire	MQ
friri	LR
frirl	MQ
friro	RL
friré	SK
fris	QM
fris,	QM
fris.	QM
frisa	GW
frisc	QM
frise	SK
frisi	MQ
frisp	GW
frist	QM
frit	HV
frit,	VH
frit-	QM
frit.	=c
frite	?a
friti	C[
fritr	UI
fritu	LR
frité	ZD
friv	VH
friva	MQ
frive	YE
frivi	RL
frivr	RL
frix,	MQ
friz	B]
friza	B]
friè	RL
frièc	ZD
frièr	QM
frié	GW
frié 	C[
frié.	EY
friée	XF
friés	KS
frj'	JT
frj'a	KS
frj'e	UI
frj'é	IU
frja	UI
frjan	ZD
frjar	TJ
frje	JT
frje 	LR
frjea	RL
frjet	DZ
frjeu	UI
frjo	TJ
frjoi	MQ
frjos	QM
frjou	LR
frju	TJ
frjui	UI
frjus	DZ
frj’	LR
frk 	VH
frka	QM
frkar	QM
frke	a?
frker	_@
frki	MQ
frkil	TJ
frkin	HV
frkm	SK
frkm 	^A
frkm.	RL
frkr	UI
frl 	MQ
frl (	TJ
frl 0	VH
frl c	WG
frl d	RL
frl e	IU
frl l	KS
frl m	RL
frl n	DZ
frl p	LR
frl t	B]
frl v	RL
frl y	TJ
frl à	QM
frl'a	QM
frl'e	A^
frl'h	RL
frl'i	C[
frl'o	QM
frl)	VH
frl),	VH
frl,	KS
frl, 	KS
frl.	MQ
frl. 	KS
frl.e	UI
frla 	KS
frlac	WG
frlag	^A
frlam	ZD
frlan	JT
frlas	TJ
frlat	JT
frlav	d<
frlaî	HV
frle,	QM
frle@	LR
frled	TJ
frlem	QM
frlen	?a
frler	EY
frlet	c=
frleu	FX
frlev	B]
frlez	B]
frli	MQ
frlia	KS
frlib	YE
frlic	TJ
frlid	KS
frlie	KS
frlig	JT
frliq	LR
frlir	KS
frlis	LR
frlit	QM
frliv	WG
frlié	KS
frlla	SK
frlle	RL
frlli	JT
frllô	FX
frlm	A^
frlmo	GW
frlo.	ZD
frloc	QM
frlog	IU
frloi	TJ
frlom	SK
frlon	JT
frlor	QM
frlos	MQ
frlou	ZD
frloy	QM
frloï	KS
frls	MQ
frls 	HV
frlt	IU
frlt 	C[
frlta	GW
frlte	MQ
frlu	KS
frlub	VH
frluc	IU
frlue	VH
frlui	RL
frlum	[C
frlun	RL
frlus	DZ
frlut	JT
frlv	WG
frlà	HV
frlà 	JT
frlà-	EY
frlè	RL
frlèn	QM
frlèv	QM
frlé	LR
frléc	KS
frlée	RL
frlég	RL
frlép	QM
frlés	FX
frlô	FX
frlô 	FX
frl’	SK
frl’e	UI
frl’é	LR
frm 	JT
frm 0	HV
frm a	JT
frm b	RL
frm d	LR
frm'	LR
frm'a	MQ
frm.	C[
frm. 	C[
frma	GW
frma 	HV
frmai	FX
frmal	KS
frman	QM
frmat	YE
frmb	LR
frmbe	VH
frmbl	HV
frmbr	LR
frme	QM
frme 	@_
frme,	UI
frme.	JT
frmea	YE
frmed	ZD
frmem	RL
frmen	JT
frmer	LR
frmes	UI
frmet	JT
frmeu	]B
frmi	TJ
frmi 	FX
frmi-	RL
frmid	VH
frmie	QM
frmil	TJ
frmin	MQ
frmio	IU
frmir	WG
frmis	RL
frmiè	RL
frml	TJ
frmme	IU
frmmu	_@
frmo	RL
frmoi	MQ
frmon	RL
frmor	RL
frmos	HV
frmot	<d
frmou	TJ
frmp	VH
frmpl	WG
frmpo	YE
frmpr	SK
frmpt	FX
frms	GW
frms,	HV
frmu	MQ
frmul	DZ
frmum	FX
frmun	_@
frmus	GW
frmè	QM
frmèr	IU
frmèt	WG
frmé	LR
frmé 	]B
frmée	UI
frmén	GW
frmér	C[
frmét	UI
frmê	TJ
frmêm	TJ
frn (	KS
frn 0	]B
frn a	FX
frn b	IU
frn c	QM
frn d	QM
frn e	QM
frn g	MQ
frn h	LR
frn i	LR
frn j	RL
frn l	MQ
frn n	MQ
frn o	GW
frn p	KS
frn q	FX
frn r	DZ
frn s	VH
frn v	FX
frn y	ZD
frn »	DZ
frn à	QM
frn é	SK
frn'a	IU
frn'e	QM
frn)	UI
frn,	LR
frn, 	LR
frn-	RL
frn-l	TJ
frn-v	SK
frn.	TJ
frn. 	SK
frn.e	RL
frna	QM
frna 	WG
frnag	GW
frnai	QM
frnal	QM
frnc	SK
frnc 	QM
frnc,	JT
frnce	VH
frnch	QM
frnci	JT
frnco	EY
frnd	MQ
frnd.	SK
frnda	QM
frndi	TJ
frndo	[C
frndr	JT
frnds	MQ
frndu	C[
frndé	SK
frne	ZD
frne 	RL
frne,	HV
frne-	MQ
frne.	GW
frnea	XF
frnec	ZD
frnel	QM
frnen	RL
frner	KS
frnes	YE
frneu	MQ
frnev	LR
frnez	MQ
frnf	JT
frnfi	HV
frnfo	QM
frng	JT
frnge	GW
frngl	LR
frngs	SK
frngt	TJ
frngu	YE
frni	RL
frni 	HV
frnic	WG
frnie	XF
frnim	WG
frnin	RL
frnio	EY
frniq	QM
frnir	JT
frnj	IU
frnjo	IU
frnl	B]
frnle	B]
frnne	RL
frnni	SK
frnnu	IU
frnné	GW
frno	QM
frnoi	MQ
frnom	FX
frnon	SK
frnot	SK
frnou	YE
frnov	SK
frnoë	RL
frnq	KS
frnqu	KS
frns	YE
frns 	[C
frns.	^A
frnsa	YE
frnsc	GW
frnse	QM
frnsi	LR
frnst	TJ
frnt 	QM
frnt,	RL
frnt-	RL
frnt.	FX
frntf	WG
frntg	YE
frnto	SK
frntr	LR
frnts	HV
frnu	MQ
frnu 	=c
frnui	YE
frnul	MQ
frnum	C[
frnus	SK
frnv	WG
frnve	RL
frnvi	ZD
frnvo	SK
frnz	RL
frnze	RL
frn°	JT
frn° 	JT
frnç	YE
frnça	YE
frné	GW
frné 	LR
frné.	B]
frnée	MQ
frnér	ZD
frnê	QM
frnêt	QM
frn’	TJ
frn’a	YE
frn’e	?a
fro 	C[
fro 0	FX
fro d	FX
fro e	IU
fro,	IU
fro, 	IU
fro.	XF
fro. 	XF
frobr	GW
froc	MQ
froc 	SK
froch	VH
froci	RL
frocu	RL
frod	WG
frode	GW
frodi	XF
frodè	UI
frof	MQ
frog	LR
frogi	KS
froh	ZD
froha	ZD
froi	KS
froi,	LR
froic	FX
froie	RL
froig	JT
froil	IU
froin	UI
froir	HV
frois	KS
froit	EY
froix	]B
frok	QM
frok 	QM
frol	IU
frol.	LR
frole	TJ
froll	QM
frolo	JT
frolé	FX
from	LR
from 	HV
fromb	KS
fromi	XF
fromm	TJ
fromp	LR
froms	GW
fron	RL
fron 	TJ
fron,	JT
fron.	EY
frona	MQ
fronc	YE
frond	FX
fronf	JT
fronj	IU
fronn	GW
frons	WG
front	TJ
fronv	?a
fronz	TJ
froo	C[
froor	C[
frop	GW
frop 	WG
frop.	JT
fropi	GW
fropo	FX
fropr	SK
fropt	EY
fror	QM
fror 	DZ
fror,	MQ
frora	GW
frorc	RL
frord	MQ
frore	=c
frori	JT
frorm	HV
frorn	SK
frorr	RL
frors	[C
frort	_@
frorv	ZD
fros	FX
fros 	EY
fros,	VH
fros.	?a
frosa	WG
fross	JT
frost	SK
frosé	HV
frot	B]
frot 	?a
frote	EY
froto	GW
frott	SK
froté	JT
frou	TJ
frou 	IU
froub	SK
frouc	XF
froue	RL
frouh	DZ
froui	;e
froul	RL
froum	ZD
froup	WG
frour	MQ
frous	VH
froué	_@
frov	WG
frove	TJ
froy	TJ
froye	RL
froë	WG
froël	WG
froî	VH
froît	VH
froï	KS
froïc	KS
frp 	QM
frp d	KS
frp.	MQ
frp. 	HV
frpa	MQ
frpag	HV
frpai	[C
frpan	GW
frpap	MQ
frpas	GW
frpat	RL
frpay	WG
frpe 	a?
frpe,	DZ
frpel	KS
frpen	MQ
frpet	UI
frpeu	JT
frph	HV
frpho	HV
frpie	IU
frpiq	QM
frpir	KS
frpiè	ZD
frpl	LR
frple	UI
frpli	DZ
frplo	SK
frplu	C[
frpoi	JT
frpol	GW
frpom	RL
frpon	LR
frpor	]B
frpos	QM
frpot	ZD
frpou	HV
frpp	IU
frppe	KS
frppo	MQ
frpr	HV
frpri	EY
frpro	JT
frpré	QM
frprê	[C
frps	QM
frps 	TJ
frps.	IU
frpt	IU
frpt.	[C
frpte	EY
frpti	HV
frpu	HV
frpu 	GW
frpub	LR
frpui	IU
frpâ	LR
frpâl	LR
frpè	ZD
frpèr	XF
frpé	KS
frpér	IU
frpê	RL
frpô	SK
frpôt	SK
frqu	MQ
frqu'	MQ
frqua	WG
frque	IU
frqui	QM
frquo	TJ
frqu’	FX
frr 	EY
frr 0	MQ
frr :	KS
frr ;	HV
frr a	LR
frr b	KS
frr c	LR
frr d	QM
frr f	VH
frr i	KS
frr k	VH
frr l	A^
frr m	RL
frr n	KS
frr o	UI
frr p	MQ
frr q	MQ
frr r	RL
frr s	FX
frr t	?a
frr u	JT
frr v	A^
frr »	KS
frr)	JT
frr) 	IU
frr,	HV
frr, 	HV
frr-	_@
frr. 	MQ
frr.e	XF
frr@	]B
frra 	DZ
frra.	QM
frrab	QM
frrag	QM
frrai	HV
frram	[C
frran	ZD
frrap	QM
frras	FX
frrav	QM
frraî	JT
frrch	RL
frrci	KS
frrcr	b>
frrda	TJ
frrde	QM
frrdi	QM
frrdo	JT
frrdr	MQ
frrdv	VH
frre 	GW
frre)	TJ
frre,	TJ
frre-	XF
frre.	DZ
frrec	QM
frred	ZD
frreg	YE
frrei	TJ
frrel	EY
frrem	RL
frren	MQ
frrep	MQ
frrer	TJ
frret	IU
frreu	IU
frrev	YE
frrf	UI
frrg	[C
frrge	[C
frri	JT
frric	LR
frrif	C[
frrig	HV
frrin	UI
frrio	KS
frrip	GW
frriq	UI
frrir	RL
frris	TJ
frrit	JT
frriv	RL
frrix	EY
frriè	QM
frrié	KS
frrk	HV
frrki	HV
frrl	EY
frrla	MQ
frrle	JT
frrlo	FX
frrm	UI
frrma	RL
frrme	WG
frrmu	DZ
frrmé	ZD
frrna	SK
frrne	VH
frrné	GW
frro	IU
frro 	EY
frroc	MQ
frrom	MQ
frrop	KS
frros	C[
frrou	QM
frrr	WG
frrra	UI
frrre	QM
frrri	YE
frrrê	FX
frrs	VH
frrs 	TJ
frrs,	UI
frrs.	MQ
frrsi	LR
frrso	LR
frrt	WG
frrt 	QM
frrt,	QM
frrt-	UI
frrt.	YE
frrta	KS
frrte	[C
frrti	SK
frrto	FX
frrub	LR
frruc	RL
frrue	]B
frrun	JT
frrv	RL
frrva	UI
frrvi	QM
frry	LR
frry,	LR
frry.	QM
frrè	IU
frrèm	GW
frrèr	IU
frré	SK
frré 	QM
frréa	GW
frréc	KS
frréd	WG
frréf	DZ
frrég	_@
frrém	FX
frrép	ZD
frrés	MQ
frrét	IU
frréu	EY
frrév	QM
frrê	[C
frrêt	[C
frs !	DZ
frs (	RL
frs 0	WG
frs :	IU
frs ;	]B
frs ?	A^
frs a	MQ
frs b	^A
frs c	MQ
frs e	XF
frs f	LR
frs h	FX
frs i	JT
frs l	IU
frs m	TJ
frs n	UI
frs p	LR
frs q	QM
frs r	RL
frs s	ZD
frs t	UI
frs u	XF
frs v	YE
frs |	KS
frs »	LR
frs à	TJ
frs é	HV
frs ê	=c
frs'a	QM
frs)	A^
frs) 	DZ
frs).	KS
frs,	WG
frs, 	WG
frs-m	UI
frs-v	HV
frs.	HV
frs. 	HV
frsab	FX
frsac	RL
frsag	QM
frsai	KS
frsal	MQ
frsam	TJ
frsan	MQ
frsar	RL
frsau	RL
frsc	KS
frsca	WG
frscr	B]
frse	RL
frse 	RL
frse,	HV
frse.	VH
frsec	FX
frsei	RL
frsel	SK
frsen	C[
frsep	RL
frser	WG
frses	IU
frset	LR
frseu	GW
frsez	HV
frsi	LR
frsi 	IU
frsib	IU
frsic	MQ
frsig	QM
frsin	MQ
frsio	RL
frsiq	C[
frsir	^A
frsit	?a
frsix	WG
frsiè	HV
frsl	C[
frslt	C[
frsm 	KS
frsob	@_
frsoc	RL
frsoi	TJ
frsol	LR
frsom	UI
frson	RL
frsou	JT
frsp	VH
frspi	KS
frspo	[C
frsq	HV
frsqu	HV
frsr	TJ
frss	RL
frssa	WG
frsso	FX
frssu	MQ
frssé	VH
frst	RL
frsta	^A
frsti	LR
frsto	EY
frstr	RL
frsu	LR
frsub	EY
frsui	GW
frsuj	IU
frsul	GW
frsup	JT
frsur	IU
frsus	YE
frsv	JT
frsvp	JT
frsé 	UI
frsé,	IU
frsée	GW
frsés	UI
frs’	ZD
frs’a	^A
frt (	ZD
frt :	LR
frt ;	KS
frt a	MQ
frt c	SK
frt d	UI
frt e	IU
frt g	QM
frt j	]B
frt l	QM
frt m	UI
frt n	ZD
frt o	WG
frt p	B]
frt q	DZ
frt r	SK
frt s	RL
frt t	WG
frt u	LR
frt v	IU
frt |	VH
frt «	FX
frt à	FX
frt ç	MQ
frt é	EY
frt"	GW
frt)	UI
frt) 	XF
frt).	TJ
frt,	SK
frt, 	SK
frt-a	VH
frt-o	TJ
frt-v	b>
frt-ê	KS
frt.	DZ
frt. 	IU
frt@	MQ
frta	_@
frtab	MQ
frtac	_@
frtag	SK
frtai	TJ
frtal	QM
frtan	QM
frtar	JT
frtat	UI
frtau	ZD
frtax	_@
frte	DZ
frte 	QM
frte)	IU
frte,	SK
frtea	LR
frtel	XF
frtem	HV
frten	SK
frter	B]
frtes	A^
frteu	RL
frtex	IU
frtez	LR
frtf	WG
frtg	YE
frthi	SK
frti	UI
frti 	UI
frtic	DZ
frtie	[C
frtif	KS
frtig	C[
frtil	QM
frtim	JT
frtio	RL
frtiq	JT
frtir	SK
frtis	^A
frtit	UI
frtiè	SK
frtié	B]
frto	QM
frto,	JT
frto.	UI
frtoi	MQ
frtom	B]
frton	]B
frtos	JT
frtou	QM
frtr	TJ
frtra	WG
frtre	UI
frtri	KS
frtro	MQ
frtru	TJ
frtré	RL
frts	IU
frts 	KS
frts,	UI
frts.	KS
frtt	SK
frttr	UI
frtu 	KS
frtud	UI
frtue	KS
frtui	]B
frtur	IU
frtv	[C
frtva	[C
frté	IU
frté,	WG
frtée	DZ
frtél	GW
frtéo	HV
frtér	MQ
frtés	RL
frtô	B]
frtôt	B]
fru 	KS
fru :	GW
fru a	EY
fru b	VH
fru c	KS
fru d	IU
fru e	FX
fru f	TJ
fru g	JT
fru j	C[
fru l	GW
fru m	RL
fru n	FX
fru p	RL
fru r	RL
fru s	RL
fru v	HV
fru à	RL
fru'	MQ
fru'e	IU
fru'i	ZD
fru,	LR
fru, 	LR
fru-	TJ
fru-d	UI
fru.	RL
fru. 	RL
fru@	[C
frua	ZD
fruan	RL
fruat	YE
frub	ZD
frub 	VH
frube	UI
frubr	RL
frubv	EY
fruc	RL
fruch	VH
fruci	LR
fruco	KS
frucu	GW
frud	MQ
frude	QM
frudi	WG
frudr	EY
frue 	FX
fruei	SK
fruel	JT
fruen	IU
fruer	KS
frues	KS
fruet	]B
fruf	TJ
fruf 	RL
fruff	QM
frug	VH
fruge	MQ
fruh	DZ
fruha	DZ
frui	KS
frui 	LR
fruil	TJ
fruis	KS
fruit	UI
fruiv	DZ
fruj	@_
fruje	IU
frul	KS
frul 	QM
frula	KS
frule	HV
frulé	MQ
frum 	JT
frum.	FX
frume	UI
frumi	[C
frumé	HV
frun	IU
frun 	KS
frun-	[C
frun.	VH
frune	MQ
fruni	SK
fruon	XF
frup 	KS
frupe	UI
frur	KS
frur 	EY
frur,	?a
frur-	[C
frur.	QM
frur@	]B
frura	]B
frure	KS
frurg	[C
fruri	XF
frurn	RL
frurr	XF
frurs	SK
frurt	B]
frus	SK
frus 	ZD
frus,	JT
frus.	MQ
fruse	VH
frusi	GW
frusq	HV
fruss	VH
frust	FX
frut	KS
frut 	IU
frut,	RL
frut-	JT
frut.	?a
fruta	QM
frute	QM
fruto	RL
frutr	KS
frutô	IU
fruv	MQ
fruve	IU
fruvo	SK
fruvr	QM
frux 	TJ
frux)	SK
frux,	TJ
frux.	IU
fruxi	TJ
fruy	]B
fruz	WG
frué	ZD
fruéb	WG
fru’	FX
fru’o	UI
fru’à	KS
frva	UI
frva 	WG
frvai	TJ
frval	QM
frvan	TJ
frvas	@_
frvat	VH
frvau	MQ
frve	JT
frve 	FX
frvea	JT
frvec	KS
frvel	B]
frvem	SK
frven	]B
frver	HV
frves	QM
frveu	DZ
frvez	YE
frvi	WG
frvid	WG
frvie	[C
frvig	XF
frvin	VH
frvir	KS
frvis	EY
frvit	UI
frviv	RL
frviè	MQ
frvo	JT
frvoi	B]
frvol	TJ
frvon	[C
frvot	DZ
frvoy	WG
frvp	LR
frvp 	HV
frvr	TJ
frvra	EY
frvre	TJ
frvri	QM
frvé	KS
frvé 	IU
frvée	UI
frvér	GW
frx 	JT
frx 0	KS
frx a	TJ
frx c	TJ
frx d	HV
frx f	UI
frx p	KS
frx s	KS
frx à	MQ
frx)	SK
frx-	YE
frx.	IU
frx. 	IU
frxa	TJ
frxam	UI
frxc	JT
frxcu	JT
frxe	]B
frxi	LR
frxis	RL
frxiè	TJ
frxp	FX
frxpl	FX
frxt	EY
frxte	IU
frxtr	LR
fry 	YE
fry a	SK
fry e	RL
fry v	RL
fry. 	JT
fry.e	SK
frya	VH
frye	TJ
fryen	WG
fryer	JT
fryo	SK
fryon	SK
frz 	KS
frz c	C[
frz l	LR
frz m	MQ
frz p	?a
frz r	VH
frz v	UI
frz-	[C
frz-v	[C
frz0	WG
frza	VH
frza 	UI
frzai	SK
frze	RL
frze 	RL
frzo	XF
fr| 	QM
fr| e	EY
fr| l	]B
fr| m	YE
fr| v	]B
fr« 	GW
fr« c	RL
fr« d	MQ
fr« l	DZ
fr« p	HV
fr« s	KS
fr° 	JT
fr° 0	JT
fr» 	GW
fr»,	EY
fr», 	EY
fr».	EY
fr». 	EY
frà 0	XF
frà a	KS
frà b	MQ
frà d	[C
frà f	KS
frà g	KS
frà j	LR
frà l	RL
frà m	LR
frà n	JT
frà p	XF
frà s	MQ
frà t	JT
frà u	LR
frà v	GW
frà-	LR
frà-d	EY
frâl	LR
frâle	LR
frça	LR
frça 	A^
frçai	YE
frèc	c=
frèce	^A
frèg	SK
frège	WG
frèl	UI
frèle	UI
frèm	IU
frème	IU
frèn	MQ
frène	MQ
frèq	SK
frèqu	SK
frèr	MQ
frère	MQ
frès-	VH
frèt	ZD
frètr	WG
frèv	QM
frève	QM
fré 	TJ
fré 0	VH
fré a	[C
fré b	RL
fré c	LR
fré e	SK
fré l	YE
fré m	KS
fré p	MQ
fré s	C[
fré v	KS
fré à	LR
fré.	HV
fré. 	HV
fréa	=c
fréal	C[
fréb	RL
frébe	[C
fréc	LR
fréce	RL
fréch	GW
fréci	RL
frécl	SK
fréco	KS
frécr	IU
frécu	LR
fréd	ZD
frée	KS
frée 	VH
frée,	EY
frée.	KS
frées	JT
fréf	DZ
frég	e;
fréga	TJ
frégi	[C
frégl	]B
fréj	RL
frél	GW
frél 	MQ
frél.	MQ
frélè	QM
frém	EY
fréma	DZ
frémi	DZ
frémo	QM
frémé	GW
frén	MQ
fréna	GW
fréné	SK
fréo	IU
fréo 	HV
frép	WG
frépa	e;
fréph	QM
frépl	JT
frépo	EY
frépô	SK
fréq	MQ
fréqu	MQ
frér	C[
fréra	TJ
fréri	FX
fréro	C[
frés	LR
frés 	MQ
frés,	TJ
frése	LR
fréso	IU
frét	RL
fréta	KS
fréti	VH
fréto	]B
frétu	RL
fréu	EY
fréun	EY
frév	LR
fréve	YE
frévi	DZ
frêm	TJ
frême	TJ
frên	UI
frêne	UI
frêt 	WG
frêtr	KS
frël	WG
frël 	YE
frîn	MQ
frîne	WG
frît	LR
frît 	LR
frîte	VH
frîtr	KS
frïc	FX
frô 	FX
frôt	MQ
frù i	TJ
frù l	DZ
frût	QM
frût 	WG
frût,	TJ
frût.	VH
fr– 	EY
fr— 	KS
fr’a	WG
fr’a 	TJ
fr’ac	WG
fr’ai	MQ
fr’ap	QM
fr’as	DZ
fr’at	UI
fr’au	FX
fr’av	YE
fr’e	TJ
fr’on	RL
fr’à	KS
fr’à 	KS
fr’é	HV
fr’éc	MQ
fr€ 	QM
fr€ l	WG
fr€ p	VH
fr€ |	LR
fr€,	]B
fr€, 	]B
fr€.	_@
fr€. 	_@
fr€/	WG`,
};
