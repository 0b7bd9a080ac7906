import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.02139,
  bias: [-0.5629,0.5629],
  weights: `de %	XF
de % 	XF
de &	RL
de & 	RL
de (	KS
de (0	RL
de (a	GW
de (b	GW
de (d	MQ
de (e	MQ
de (f	TJ
de (i	WG
de (j	FX
de (k	KS
de (l	JT
de (m	MQ
de (n	YE
de (s	KS
de (v	SK
de (w	LR
de +	FX
de + 	JT
de +0	KS
de -	RL
de -0	^A
de ->	HV
de /	FX
de / 	GW
de 0	WG
de 0 	SK
de 0,	WG
de 0-	RL
de 0.	DZ
de 00	]B
de 0:	MQ
de 0–	XF
de a	KS
de a.	KS
de ab	KS
de ac	[C
de ah	KS
de ak	LR
de al	JT
de am	UI
de an	LR
de ap	[C
de ar	UI
de as	TJ
de at	KS
de au	SK
de ba	UI
de be	LR
de bl	KS
de bo	[C
de bu	JT
de bä	JT
de bö	QM
de bü	WG
de c	FX
de ca	RL
de ce	ZD
de ch	HV
de cm	UI
de co	EY
de d	SK
de da	HV
de de	IU
de di	QM
de do	XF
de dr	XF
de du	FX
de dü	JT
de e	MQ
de e.	SK
de ec	EY
de eh	YE
de ei	RL
de el	_@
de en	C[
de er	HV
de es	TJ
de et	GW
de f	JT
de fe	VH
de fi	DZ
de fl	UI
de fn	SK
de fr	JT
de fu	LR
de fö	IU
de g	MQ
de ga	LR
de ge	LR
de gi	YE
de gl	XF
de go	ZD
de gr	DZ
de gu	HV
de gä	A^
de gü	TJ
de h	TJ
de h.	A^
de ha	RL
de he	JT
de ho	ZD
de hr	ZD
de hu	XF
de hä	SK
de hö	LR
de hü	DZ
de i	QM
de i.	LR
de ic	MQ
de id	EY
de ih	IU
de im	TJ
de in	SK
de it	EY
de ja	IU
de je	VH
de ju	QM
de jä	QM
de jö	VH
de ka	MQ
de ke	?a
de kg	VH
de ki	XF
de kl	RL
de kn	RL
de ko	VH
de kr	SK
de ku	?a
de kw	UI
de kö	IU
de la	XF
de le	MQ
de lg	FX
de li	?a
de lo	KS
de lu	SK
de lä	TJ
de m	LR
de mb	LR
de mi	IU
de mm	RL
de mo	WG
de mu	JT
de mw	VH
de mä	RL
de mö	IU
de n	IU
de na	LR
de ne	HV
de ni	LR
de no	HV
de nr	[C
de nu	JT
de nö	WG
de nü	LR
de ob	EY
de od	KS
de of	QM
de oh	YE
de ok	LR
de ol	ZD
de om	RL
de on	?a
de op	RL
de or	KS
de os	DZ
de ot	KS
de p	C[
de pa	FX
de pd	HV
de pe	KS
de pf	TJ
de pi	MQ
de pl	UI
de po	QM
de pr	DZ
de pu	YE
de q	YE
de qu	YE
de ra	JT
de re	FX
de ri	]B
de ro	IU
de ru	TJ
de rä	SK
de s	KS
de s'	HV
de sa	TJ
de se	MQ
de sh	GW
de so	HV
de sp	SK
de st	LR
de su	@_
de ta	]B
de te	MQ
de th	EY
de ti	KS
de to	JT
de tr	XF
de ts	HV
de tä	SK
de tü	RL
de u	SK
de u.	KS
de uh	XF
de ui	WG
de ul	YE
de un	SK
de ur	TJ
de us	SK
de v	JT
de v.	SK
de va	SK
de ve	JT
de vi	GW
de vo	GW
de w	MQ
de wa	WG
de we	KS
de wi	RL
de wo	QM
de wu	HV
de wä	IU
de wü	A^
de x	IU
de xa	IU
de yo	QM
de yı	UI
de z	QM
de za	KS
de ze	JT
de zi	RL
de zu	SK
de zw	ZD
de |	QM
de | 	QM
de ·	GW
de · 	GW
de äl	YE
de är	IU
de ö	QM
de öf	KS
de öl	WG
de ü	LR
de üb	LR
de –	IU
de – 	IU
de „	EY
de „d	QM
de „e	FX
de „g	FX
de „h	KS
de „m	JT
de „p	JT
de „s	DZ
de „w	IU
de €	XF
de € 	UI
de €)	RL
de €,	TJ
de €.	VH
de! 	GW
de! |	RL
de!!	KS
de!! 	KS
de!)	QM
de% 	XF
de% m	VH
de% u	SK
de& 	RL
de& s	VH
de'l	JT
de'll	JT
de's	ZD
de's 	ZD
de(0	RL
de(0 	TJ
de(0.	IU
de(00	UI
de(a	GW
de(ab	QM
de(au	JT
de(b	GW
de(d	MQ
de(da	SK
de(e	MQ
de(eh	MQ
de(f	TJ
de(fr	TJ
de(i	WG
de(in	WG
de(j	FX
de(ju	JT
de(k	KS
de(ka	HV
de(l	JT
de(m	MQ
de(n	YE
de(nu	YE
de(s	KS
de(v	SK
de(w	LR
de) 	HV
de) u	RL
de) |	GW
de),	WG
de), 	WG
de+ 	JT
de+0	KS
de+00	KS
de, 	LR
de, 0	^A
de, a	RL
de, b	TJ
de, c	IU
de, d	GW
de, e	JT
de, f	XF
de, h	QM
de, i	MQ
de, j	RL
de, k	UI
de, l	RL
de, n	LR
de, o	VH
de, p	JT
de, r	RL
de, s	QM
de, t	DZ
de, u	a?
de, v	KS
de, w	LR
de, x	GW
de, z	[C
de, ü	a?
de, „	@_
de,0	EY
de,0 	UI
de,00	EY
de- 	TJ
de-,	XF
de-, 	XF
de-0	WG
de-00	UI
de->	HV
de-> 	HV
de-a	[C
de-al	YE
de-b	HV
de-br	GW
de-d	QM
de-f	ZD
de-fe	XF
de-fr	WG
de-h	SK
de-hi	SK
de-i	VH
de-id	SK
de-in	VH
de-k	ZD
de-l	YE
de-la	YE
de-n	QM
de-o	SK
de-r	LR
de-s	GW
de-se	MQ
de-t	RL
de-u	UI
de-up	QM
de-w	EY
de-we	GW
de. 	SK
de. 0	]B
de. b	GW
de. d	UI
de. f	DZ
de. h	IU
de. j	ZD
de. l	RL
de. m	IU
de. n	MQ
de. o	JT
de. r	QM
de. s	HV
de. t	A^
de. u	GW
de. v	FX
de. w	@_
de. z	[C
de.)	SK
de.) 	MQ
de.),	XF
de.,	IU
de., 	IU
de.-	SK
de.-i	SK
de.0	MQ
de.;	VH
de.; 	VH
de.e	RL
de.ex	RL
de.s	EY
de.–	f:
de.– 	d<
de.–/	RL
de.–0	TJ
de.–d	RL
de.“	FX
de.“ 	FX
de/ 	FX
de/m	SK
de/m²	SK
de/n	IU
de0 	XF
de0 %	XF
de0 (	QM
de0 0	QM
de0 a	GW
de0 b	XF
de0 c	UI
de0 d	UI
de0 e	QM
de0 f	UI
de0 g	^A
de0 h	c=
de0 i	HV
de0 j	MQ
de0 k	VH
de0 l	TJ
de0 m	[C
de0 n	IU
de0 o	RL
de0 p	[C
de0 r	QM
de0 s	RL
de0 t	LR
de0 u	XF
de0 v	GW
de0 w	RL
de0 |	JT
de0 ·	GW
de0 €	WG
de0)	JT
de0) 	HV
de0),	RL
de0, 	UI
de0,0	EY
de0-	SK
de0-0	SK
de0.	QM
de0. 	QM
de0.,	LR
de0.0	MQ
de0.–	e;
de00	^A
de00 	WG
de00)	JT
de00,	LR
de00-	SK
de00.	i7
de000	[C
de00:	FX
de00;	LR
de0:	DZ
de0: 	MQ
de0:0	EY
de0;	LR
de0; 	LR
de0–	TJ
de0–0	TJ
de: e	WG
de: f	LR
de: g	MQ
de: i	GW
de: k	TJ
de: m	VH
de: r	KS
de: s	TJ
de: t	RL
de: w	RL
de: z	QM
de: „	EY
de:0	EY
de:00	KS
de; 	GW
de; 0	LR
de; b	JT
de; d	HV
de; f	IU
de; s	YE
de> 	HV
de? 	2n
de@b	SK
de@be	XF
de@bo	RL
de@e	YE
de@el	YE
de@h	XF
de@k	ZD
de@o	UI
de@p	MQ
de@r	YE
de@s	YE
dea (	MQ
dea 0	i7
dea a	QM
dea b	@_
dea e	GW
dea f	ZD
dea g	KS
dea i	HV
dea k	^A
dea l	IU
dea p	MQ
dea r	UI
dea s	RL
dea t	QM
dea v	C[
dea w	TJ
dea z	QM
deaa	RL
deaal	[C
deaar	UI
deaat	LR
deab	QM
deab 	YE
deaba	HV
deabg	HV
deabh	KS
deabi	WG
deabm	UI
deabr	RL
deabs	LR
deac	RL
deach	TJ
deack	LR
dead	MQ
dead 	GW
deadr	FX
deadt	QM
deae	RL
deaf	SK
deafe	KS
deaff	JT
deafn	UI
deafü	DZ
deag)	QM
deag,	QM
deag.	SK
deagd	KS
deags	RL
deagt	HV
deah	LR
deahi	JT
deahl	SK
deahm	JT
deahn	KS
deahr	LR
deaht	TJ
deail	MQ
deain	RL
deak	GW
deake	JT
deakt	EY
deal	TJ
deal 	SK
deal,	XF
deal.	QM
deald	]B
deale	LR
dealf	VH
deali	TJ
dealk	LR
deall	MQ
dealo	KS
dealp	TJ
deals	FX
dealt	RL
deam 	UI
deame	A^
deami	MQ
deamm	JT
deams	UI
deamt	TJ
dean	QM
dean,	RL
dean.	JT
deana	QM
deanb	B]
deand	MQ
deane	UI
deanf	TJ
deang	VH
deanh	DZ
deani	[C
deank	C[
deanl	RL
deann	QM
deanp	SK
deanr	LR
deans	KS
deanw	B]
deap	YE
deape	[C
deapp	A^
deapr	WG
dear 	LR
dear,	IU
dear.	GW
deara	c=
dearb	KS
dearc	MQ
deard	IU
deare	[C
dearf	VH
dearg	XF
deari	]B
deark	KS
dearl	RL
dearm	QM
dearr	VH
dears	@_
deart	QM
dearz	>b
dearü	HV
deas	MQ
deas 	FX
deas,	EY
deas?	KS
dease	QM
deasm	WG
deass	VH
deat	LR
deat 	HV
deat,	[C
deat.	JT
deata	VH
deatf	C[
death	KS
deatm	VH
deato	WG
deats	MQ
deatt	SK
deatu	]B
deatz	QM
deatü	TJ
deau	[C
deau 	GW
deau,	IU
deau-	SK
deaub	WG
deauc	UI
deaud	FX
deaue	VH
deauf	QM
deauh	RL
deaul	UI
deaum	WG
deaun	B]
deaup	MQ
deaur	VH
deaus	XF
deaut	ZD
deauw	WG
deauß	JT
deav	LR
deave	GW
deavo	UI
deax 	TJ
deay	RL
deaz	QM
deazu	KS
deaß	TJ
deaß 	SK
deaße	RL
deb 	IU
deb 0	YE
deb a	UI
deb d	B]
deb e	EY
deb f	^A
deb g	GW
deb h	LR
deb i	QM
deb m	LR
deb n	GW
deb o	KS
deb s	KS
deb u	IU
deb w	C[
deb z	a?
deb |	YE
deb,	LR
deb, 	LR
deb.	C[
deb. 	DZ
deba	YE
debah	a?
debal	GW
deban	JT
debar	MQ
debat	EY
debau	_@
debb	YE
debd	KS
debe	TJ
debe 	IU
debe,	FX
debe.	QM
debea	b>
debeb	KS
debed	TJ
debee	]B
debeg	VH
debeh	SK
debei	TJ
debek	SK
debel	SK
deben	MQ
deber	IU
debes	KS
debet	JT
debev	WG
debew	KS
debez	>b
debf	UI
debfr	UI
debg	HV
debge	DZ
debh	MQ
debh 	RL
debh,	TJ
debho	KS
debia	EY
debil	?a
debin	WG
debio	UI
debis	]B
debit	@_
debk	KS
debke	KS
debl	LR
debla	A^
deble	EY
deblo	UI
debm	RL
debma	KS
debn	KS
debni	KS
debo	RL
debod	JT
debog	QM
deboo	UI
debot	GW
debr	RL
debra	KS
debre	TJ
debri	TJ
debro	MQ
debru	HV
debrü	d<
debs	UI
debsc	SK
debse	GW
debsf	YE
debst	WG
debt	LR
debt 	QM
debt.	EY
debu	RL
debuc	UI
debud	LR
debue	XF
debun	TJ
debur	GW
debä	JT
debän	JT
debö	QM
debög	QM
debü	YE
debüc	XF
debür	VH
dec-	UI
deca	^A
decar	SK
dece	SK
dece 	RL
dech	SK
dech 	LR
dech)	XF
dech.	QM
dech:	GW
dech;	LR
dechf	LR
dechg	]B
dechh	QM
dechi	QM
dechm	XF
dechn	TJ
decho	SK
dechp	QM
dechr	GW
dechs	^A
decht	KS
dechu	QM
dechw	IU
dechä	RL
dechö	A^
dechü	QM
deci	TJ
deck 	SK
deck,	MQ
deckb	IU
deckh	WG
decki	QM
decks	A^
deckt	WG
decle	QM
decm	UI
decm 	UI
deco	B]
deco.	SK
decom	JT
decoo	FX
ded 	TJ
ded 0	ZD
ded a	_@
ded b	JT
ded d	UI
ded e	ZD
ded f	LR
ded g	TJ
ded h	DZ
ded i	UI
ded j	_@
ded k	GW
ded l	XF
ded m	UI
ded n	HV
ded o	VH
ded p	SK
ded s	JT
ded t	MQ
ded u	RL
ded |	TJ
ded,	IU
ded, 	IU
ded-	EY
ded. 	XF
ded.e	RL
ded@	^A
deda	LR
deda 	MQ
deda.	WG
dedac	VH
dedaf	DZ
dedag	GW
dedai	SK
dedal	RL
dedam	YE
dedan	C[
dedas	FX
dedat	DZ
dedau	GW
dedav	UI
dedaz	MQ
dedb	WG
dedd	ZD
dede 	MQ
dede)	KS
dede,	]B
dede.	DZ
dede0	[C
dedea	GW
dedec	VH
dedei	WG
dedel	YE
dedem	LR
deden	RL
deder	LR
dedes	LR
dedet	XF
dedeu	GW
dedez	UI
dedf	GW
dedg	HV
dedge	JT
dedh	IU
dedi 	MQ
dedi,	QM
dedin	EY
dedip	UI
dedir	QM
dedis	EY
dedl	MQ
dedl 	VH
dedle	MQ
dedli	9g
dedm	SK
dedme	SK
dedn	DZ
dedne	FX
dednr	UI
dednu	IU
dedo	UI
dedo 	UI
dedo,	QM
dedo.	RL
dedok	KS
dedon	VH
dedor	MQ
dedow	KS
dedr	TJ
dedr.	SK
dedre	]B
dedri	HV
dedru	B]
dedrü	YE
deds	LR
deds 	QM
dedsa	GW
dedss	HV
dedt	QM
dedu	DZ
dedu 	HV
dedun	FX
dedv	VH
dedve	VH
dedw	TJ
dedwa	KS
dedwe	^A
dedwi	SK
dedy	JT
dedy 	QM
dedü	JT
dedür	JT
dedı	VH
dedız	UI
dee 	JT
dee (	MQ
dee 0	VH
dee a	MQ
dee b	SK
dee c	HV
dee e	JT
dee f	IU
dee h	UI
dee i	B]
dee j	HV
dee k	HV
dee l	>b
dee m	KS
dee o	HV
dee p	QM
dee r	QM
dee s	GW
dee v	KS
dee w	QM
dee z	IU
dee |	YE
dee ö	QM
dee ü	JT
dee „	GW
dee!	JT
dee'	SK
dee)	JT
dee),	LR
dee,	SK
dee, 	SK
dee.	SK
dee. 	TJ
dee.e	]B
dee.“	GW
dee0	[C
dee00	[C
dee:	JT
dee: 	JT
dee?	@_
dee? 	@_
deean	GW
deear	IU
deeas	MQ
deeat	]B
deeb	KS
deeba	[C
deebi	UI
deebk	KS
deebn	DZ
deebo	@_
deebr	VH
deebs	VH
deebu	EY
deec	UI
deech	UI
deeck	TJ
deed	SK
deed 	RL
deed@	SK
deeda	YE
deede	MQ
deedg	SK
deeds	MQ
deee	SK
deee 	]B
deeeh	EY
deeep	RL
deeer	WG
deef 	XF
deefa	VH
deeff	MQ
deefl	XF
deefr	JT
deefä	EY
deefü	KS
deeg	RL
deeg 	]B
deeg,	IU
deeg.	EY
deega	MQ
deege	TJ
deegl	LR
deego	SK
deegr	^A
deegt	LR
deegu	QM
deeh	UI
deeha	XF
deehe	HV
deehl	TJ
deehm	XF
deehr	TJ
deeht	KS
deehö	RL
deei 	_@
deei,	TJ
deei-	ZD
deei.	TJ
deei@	WG
deeib	C[
deeic	JT
deeid	RL
deeie	GW
deeif	ZD
deeig	YE
deeih	ZD
deeik	QM
deeil	UI
deein	MQ
deeit	TJ
deeiw	UI
deeiz	GW
deeiß	KS
deek	SK
deek 	QM
deekl	KS
deel	SK
deel 	IU
deel,	QM
deel.	RL
deela	IU
deelb	RL
deelc	FX
deele	UI
deelf	JT
deelg	JT
deeli	b>
deell	IU
deelm	VH
deeln	QM
deelt	SK
deelw	TJ
deelö	[C
deem	RL
deem 	MQ
deemb	SK
deeme	WG
deemi	XF
deemü	GW
deen!	JT
deen)	QM
deen-	WG
deen.	LR
deen:	TJ
deen;	LR
deen?	C[
deen@	]B
deena	HV
deenb	WG
deend	IU
deene	RL
deenf	UI
deeng	QM
deenh	QM
deeni	GW
deenk	[C
deenl	VH
deenm	UI
deenn	IU
deeno	JT
deenr	XF
deens	^A
deent	IU
deenw	YE
deenz	RL
deen“	TJ
deeo	RL
deeon	TJ
deeor	JT
deep	RL
deepa	SK
deepe	TJ
deepl	KS
deepp	VH
deer	QM
deer 	QM
deer)	KS
deer-	RL
deer.	EY
deer:	KS
deera	VH
deerb	TJ
deerd	LR
deere	^A
deerh	EY
deerk	SK
deerl	@_
deerm	QM
deern	FX
deero	[C
deerp	UI
deerr	@_
deers	JT
deeru	WG
deerw	XF
deerz	MQ
deerä	UI
deerö	HV
deer“	HV
dees	LR
dees,	TJ
dees.	IU
deesa	=c
deesc	SK
deese	UI
deesh	LR
deesi	RL
deesk	KS
deesp	JT
deess	JT
deest	IU
deesu	MQ
deet	LR
deet 	TJ
deet.	JT
deeta	VH
deetb	WG
deete	QM
deeto	LR
deetr	LR
deets	KS
deett	KS
deetw	IU
deetz	FX
deeu	JT
deeub	WG
deeue	HV
deeug	SK
deeun	WG
deeut	LR
deeuz	MQ
deev	IU
deevo	WG
deew	MQ
deewi	IU
deex	QM
deexa	RL
deexp	QM
deez	[C
deeza	QM
deeze	_@
deezi	EY
deeß	YE
deeße	XF
deeö	XF
deeöf	XF
dee“	IU
dee“ 	IU
def 	IU
def (	GW
def 0	IU
def a	SK
def d	A^
def e	LR
def g	TJ
def h	SK
def i	DZ
def k	GW
def l	^A
def m	RL
def n	TJ
def r	EY
def s	MQ
def t	WG
def u	YE
def v	MQ
def z	TJ
def)	KS
def-	]B
def- 	TJ
defah	JT
defal	LR
defam	MQ
defan	VH
defar	B]
defas	VH
defax	TJ
defe	SK
defe 	YE
defeb	RL
defed	MQ
defeh	FX
defei	KS
defel	KS
defen	LR
defes	IU
defeu	UI
deff	KS
deff 	IU
deff,	XF
deffe	GW
defge	]B
defi	<d
defia	FX
defik	LR
defil	LR
defin	IU
defk	JT
defl	d<
defle	VH
defli	YE
deflü	QM
defma	VH
defn 	SK
defne	WG
defnu	DZ
defo	JT
defo@	SK
defol	FX
defon	QM
defor	KS
defot	MQ
defp	MQ
defr 	RL
defr.	MQ
defra	DZ
defre	YE
defro	WG
defru	LR
defrü	LR
defs	]B
defst	WG
deft 	RL
deft,	LR
deft.	UI
defte	FX
deftl	JT
deftr	LR
defts	RL
defu	MQ
defw	UI
defwa	UI
defz	QM
defzi	QM
defä	MQ
defäh	HV
defäl	JT
defän	VH
defär	a?
defö	IU
deför	IU
defü	MQ
defüh	RL
defül	B]
deg 	VH
deg &	DZ
deg (	TJ
deg 0	RL
deg b	LR
deg e	MQ
deg g	FX
deg h	FX
deg i	LR
deg j	RL
deg k	VH
deg m	JT
deg o	HV
deg p	ZD
deg r	UI
deg s	UI
deg t	GW
deg u	TJ
deg w	TJ
deg |	MQ
deg „	WG
deg) 	QM
deg,	KS
deg, 	KS
deg-	RL
deg.	SK
deg. 	SK
deg@	TJ
dega	LR
degab	FX
degal	C[
degan	RL
degar	TJ
degas	QM
degb	RL
degbr	TJ
degd	KS
dege	RL
dege 	SK
dege,	SK
dege.	@_
degea	VH
degeb	JT
degee	EY
degef	RL
degeg	XF
degel	JT
degem	YE
degen	WG
degeo	JT
deger	QM
deges	JT
deget	LR
degew	UI
degez	WG
degeö	XF
degg	KS
degg,	TJ
degh	SK
degi	QM
degib	XF
degie	RL
degin	FX
degit	MQ
degl	VH
degla	FX
degle	SK
deglo	TJ
deglä	XF
degmb	YE
dego 	DZ
degol	SK
degor	WG
degos	[C
degr	JT
degra	KS
degre	MQ
degri	A^
degru	LR
degrü	IU
degs	QM
degs,	KS
degs.	YE
degsa	SK
degse	RL
degsp	HV
degst	HV
degsz	DZ
degt	KS
degt,	GW
degt:	GW
degu	?a
degun	C[
degut	EY
degä	>b
degäs	EY
degü	SK
degül	TJ
deh 	LR
deh (	TJ
deh 0	VH
deh b	QM
deh d	LR
deh e	DZ
deh g	KS
deh i	KS
deh j	HV
deh k	RL
deh l	TJ
deh m	JT
deh n	JT
deh o	HV
deh p	QM
deh r	FX
deh s	MQ
deh t	IU
deh v	RL
deh |	KS
deh ü	DZ
deh)	XF
deh) 	XF
deh,	QM
deh, 	QM
deh-	KS
deh. 	QM
deh.e	ZD
deh:	GW
deh: 	GW
deh;	LR
deha	XF
dehaa	VH
dehab	YE
dehad	KS
dehaf	TJ
dehal	UI
dehan	UI
dehar	TJ
dehat	IU
dehau	YE
dehba	>b
dehbo	LR
dehe	KS
dehe 	LR
dehee	YE
dehef	FX
dehei	VH
dehel	LR
dehem	FX
dehen	EY
deher	HV
dehes	SK
deheu	TJ
dehf	LR
dehfa	SK
dehfo	FX
dehg	]B
dehga	d<
dehh	QM
dehhe	HV
dehi	RL
dehic	RL
dehie	IU
dehil	MQ
dehin	VH
dehiv	MQ
dehj	IU
dehja	IU
dehl	WG
dehl 	UI
dehl.	MQ
dehla	KS
dehle	^A
dehlo	SK
dehls	VH
dehlt	KS
dehlu	JT
dehlä	MQ
dehm	YE
dehm 	IU
dehm,	UI
dehme	RL
dehmi	[C
dehn	SK
dehn 	QM
dehn,	GW
dehn.	QM
dehna	JT
dehnd	YE
dehne	VH
dehni	SK
dehnu	KS
deho	TJ
dehoc	SK
dehof	LR
dehol	ZD
dehom	JT
dehon	TJ
dehop	B]
dehor	ZD
dehos	EY
dehp	QM
dehpl	VH
dehr	LR
dehr 	KS
dehr,	QM
dehr.	ZD
dehr?	EY
dehra	ZD
dehrb	TJ
dehre	KS
dehrg	HV
dehri	MQ
dehrj	TJ
dehrl	RL
dehrs	GW
dehrt	EY
dehru	RL
dehs	YE
dehs 	XF
dehse	RL
dehst	TJ
deht	LR
deht,	EY
deht.	MQ
deht?	IU
dehtb	JT
dehte	JT
dehti	EY
dehtu	DZ
dehtz	XF
dehu	VH
dehul	JT
dehun	YE
dehur	MQ
dehus	XF
dehut	FX
dehw	IU
dehwa	EY
dehwi	LR
dehäd	JT
dehäf	RL
dehäl	_@
dehän	LR
dehät	FX
dehäu	GW
dehö	HV
dehöf	TJ
dehön	A^
dehör	JT
dehü	MQ
dehüb	DZ
dehür	TJ
dehüs	HV
dei 	[C
dei (	SK
dei 0	FX
dei a	UI
dei d	MQ
dei e	TJ
dei f	UI
dei g	TJ
dei h	[C
dei l	TJ
dei m	QM
dei o	TJ
dei s	UI
dei t	DZ
dei u	]B
dei w	RL
dei z	RL
dei-	^A
dei.	RL
dei. 	RL
dei;	VH
dei; 	VH
dei@	XF
deia	GW
deial	MQ
deian	WG
deiat	FX
deib	QM
deib 	FX
deic	IU
deich	KS
deick	MQ
deid	RL
deid 	VH
deide	UI
deidn	UI
deidu	KS
deie	MQ
deie 	FX
deie,	HV
deie?	C[
deieb	QM
deied	QM
deief	LR
deieg	IU
deiel	FX
deiem	YE
deien	_@
deier	_@
deies	WG
deiet	LR
deieß	YE
deif	MQ
deif 	JT
deife	]B
deiff	LR
deift	B]
deig	VH
deig 	[C
deig,	JT
deig.	XF
deige	LR
deigi	QM
deign	LR
deigs	IU
deigt	SK
deigu	C[
deih	QM
deihe	[C
deihr	:f
deihu	VH
deik	WG
deik 	UI
deik,	ZD
deika	MQ
deike	RL
deil	JT
deil?	EY
deila	LR
deilb	KS
deild	A^
deile	a?
deili	LR
deill	KS
deilo	RL
deilt	HV
deilv	MQ
deim	SK
deim 	SK
deimk	VH
deimm	IU
deimp	KS
dein	MQ
dein 	LR
dein)	KS
dein,	IU
deina	WG
deinb	WG
deind	SK
deine	KS
deinf	GW
deing	WG
deinh	UI
deini	RL
deink	YE
deinl	GW
deinm	EY
deino	IU
deins	SK
deint	LR
deinu	MQ
deinv	DZ
deinw	_@
deinz	SK
deio	RL
deion	KS
deios	UI
deipl	UI
deipp	B]
deir	YE
deir 	XF
deir,	XF
deir.	c=
deira	JT
deirb	MQ
deird	QM
deire	SK
deirg	B]
deirk	MQ
deirn	UI
deirt	SK
deis	UI
deis 	YE
deis,	QM
deisc	FX
deise	FX
deisi	ZD
deisl	B]
deiso	RL
deisp	MQ
deiss	IU
deist	UI
deit 	IU
deit.	ZD
deita	XF
deitb	QM
deite	@_
deitg	TJ
deith	UI
deitm	SK
deitr	LR
deits	HV
deitz	RL
deitä	TJ
deiu	IU
deiv	HV
deiv 	IU
deiva	EY
deive	TJ
deiw	UI
deiwe	^A
deiwi	QM
deix	LR
deix 	GW
deix,	WG
deiz	HV
deize	GW
deizi	UI
deizu	HV
deiß	KS
deiß 	EY
deiß,	GW
deiß.	FX
deiße	QM
deißi	TJ
deißt	TJ
dei–	SK
deja	HV
deja 	DZ
deja,	FX
dejac	LR
dejah	RL
deje	SK
dejed	VH
dejen	WG
dejes	JT
dejet	IU
dejew	WG
dejun	IU
dejä	QM
dejän	QM
dejö	VH
dejör	VH
dek 	RL
dek (	SK
dek a	LR
dek b	VH
dek d	QM
dek f	JT
dek g	LR
dek h	IU
dek i	SK
dek u	RL
dek w	DZ
dek-	WG
dek.e	]B
dekac	ZD
dekal	KS
dekam	FX
dekan	SK
dekap	VH
dekas	FX
dekat	TJ
dekau	]B
dekb	HV
deke 	QM
dekeg	[C
dekeh	QM
dekei	A^
deken	TJ
dekg	VH
dekh	QM
dekho	RL
deki	WG
dekil	RL
dekin	TJ
dekio	UI
dekis	HV
dekl	JT
dekl.	ZD
dekla	B]
dekle	YE
deklä	;e
dekn	SK
dekno	HV
deko	UI
dekol	B]
dekom	VH
dekon	TJ
dekor	TJ
dekos	RL
dekr	SK
dekra	MQ
deks	SK
deks,	LR
dekst	UI
dekt	QM
dekt 	QM
dekt.	HV
dekta	XF
dekte	FX
dekti	VH
deku	<d
dekuh	C[
dekun	@_
dekur	IU
dekw	UI
dekw 	UI
dekä	MQ
dekö	JT
dekön	LR
dekü	MQ
deküc	HV
dekün	B]
dekür	MQ
del 	FX
del 0	UI
del a	QM
del b	UI
del d	MQ
del e	QM
del g	EY
del h	HV
del i	IU
del j	HV
del m	GW
del p	DZ
del r	C[
del t	MQ
del u	KS
del v	B]
del w	QM
del z	QM
del |	WG
del)	TJ
del,	VH
del, 	VH
del-	ZD
del.	TJ
del. 	RL
del.e	]B
del?	EY
del? 	EY
dela	LR
delac	IU
delad	RL
delaf	GW
delag	QM
delam	IU
delan	_@
delar	;e
delat	KS
delau	FX
delb 	MQ
delba	RL
delbe	FX
delbr	]B
delbs	SK
delc	MQ
delch	LR
deld	HV
deld 	MQ
deld,	LR
deld.	JT
delde	>b
deldi	HV
deldr	FX
deldı	UI
dele	TJ
dele 	XF
dele,	YE
dele.	^A
delea	GW
delec	FX
deled	LR
delee	MQ
delef	RL
deleg	RL
deleh	KS
delei	VH
delen	UI
deler	VH
deles	KS
delet	IU
deleu	SK
delf	JT
delfe	C[
delft	WG
delg	HV
delg 	FX
delge	MQ
delgr	JT
delgt	LR
deli 	UI
deli,	TJ
delic	MQ
delie	SK
delig	XF
delil	IU
delin	KS
delis	IU
delit	LR
delk	YE
delk 	IU
delke	UI
delko	XF
dell	KS
dell 	@_
dell,	QM
dell.	FX
dellb	LR
delle	MQ
delli	LR
dellk	XF
dellm	]B
dello	KS
dellt	C[
dellu	RL
dellw	HV
delm	RL
delm,	MQ
delmt	VH
deln 	WG
deln,	VH
delni	LR
delo	WG
delo 	JT
deloa	IU
deloc	SK
deloh	IU
delom	UI
delos	WG
deloß	UI
delp	SK
delpf	]B
delr	_@
delri	YE
dels	KS
dels 	HV
delsc	XF
delse	VH
delso	LR
delt	UI
delt,	VH
delt.	HV
delte	LR
delti	VH
deltu	TJ
delue	RL
deluf	RL
delus	TJ
delve	MQ
delwa	JT
dely	UI
delz	_@
delz 	a?
delz,	MQ
delä	MQ
deläd	SK
delän	JT
delär	A^
deläs	YE
delät	HV
deläu	XF
delö	VH
delöf	[C
delös	WG
delüc	JT
delüg	IU
dem 	LR
dem (	HV
dem 0	XF
dem a	?a
dem b	GW
dem d	QM
dem e	JT
dem f	ZD
dem g	KS
dem h	FX
dem i	KS
dem j	VH
dem l	UI
dem m	JT
dem n	>b
dem o	WG
dem p	UI
dem r	UI
dem t	HV
dem u	IU
dem v	MQ
dem w	MQ
dem z	B]
dem |	YE
dem „	UI
dem,	KS
dem, 	KS
dem.	HV
dem. 	HV
dema	SK
dema 	TJ
demac	MQ
demag	WG
demah	ZD
demai	LR
demal	TJ
demar	XF
demas	VH
demat	[C
demau	JT
demaß	UI
demb	VH
demba	TJ
dembe	TJ
dembh	YE
deme 	MQ
deme,	XF
deme.	QM
demec	VH
demed	VH
demeh	TJ
demen	TJ
demer	HV
demes	MQ
demet	a?
demg	JT
demi 	VH
demic	DZ
demie	ZD
demin	JT
demir	C[
demis	QM
demit	QM
demk	QM
demkr	ZD
demm	KS
demm 	SK
demma	IU
demmt	LR
demmu	JT
demo	YE
demo 	VH
demo,	]B
demo-	TJ
demo.	RL
demod	IU
demol	KS
demon	UI
demoo	RL
demor	WG
demo–	SK
dempe	[C
dempf	HV
dempr	IU
dems	VH
dems 	LR
demsc	XF
demst	SK
demt 	RL
demt,	FX
demt.	EY
demta	VH
demts	]B
demu	EY
demul	C[
demun	JT
demut	JT
demw	VH
demws	VH
dem²	SK
dem² 	SK
demä	RL
demö	IU
demöc	QM
demüh	QM
den 0	TJ
den a	LR
den b	KS
den c	GW
den d	TJ
den e	UI
den f	HV
den g	LR
den h	WG
den i	LR
den j	SK
den k	MQ
den l	LR
den m	KS
den n	SK
den o	DZ
den r	JT
den s	LR
den t	VH
den u	QM
den v	YE
den w	TJ
den z	HV
den |	JT
den ü	GW
den!	B]
den! 	B]
den)	IU
den) 	KS
den-	ZD
den-r	LR
den.e	QM
den.“	GW
den;	IU
den; 	DZ
den?	B]
den? 	B]
den@	HV
dena 	RL
denab	b>
denal	QM
denam	EY
denan	FX
denat	JT
denau	XF
denba	ZD
denbe	FX
denbi	MQ
denbr	RL
denbu	SK
denc	ZD
dench	ZD
dend 	TJ
dend-	IU
dend.	VH
dend:	MQ
dend@	^A
denda	[C
dende	XF
dendi	JT
dendl	KS
dends	FX
dendu	UI
dendw	SK
dendy	LR
dene 	LR
dene,	UI
dene.	?a
deneb	?a
denef	KS
deneh	WG
denel	XF
denen	LR
dener	XF
denes	B]
denet	LR
denf.	TJ
denfe	LR
denfl	SK
denfo	GW
denfä	UI
deng	RL
deng 	LR
deng,	MQ
deng.	RL
denga	MQ
dengb	KS
denge	XF
dengl	HV
dengo	HV
dengs	QM
denh	SK
denh.	XF
denha	TJ
denhe	HV
denho	MQ
denhö	DZ
deni 	RL
denia	RL
denic	JT
denie	b>
denik	XF
denin	FX
denir	IU
denis	HV
denit	VH
denix	MQ
denka	XF
denkl	KS
denkt	KS
denku	DZ
denl	SK
denla	SK
denle	SK
denli	;e
denlo	RL
denma	MQ
denme	MQ
denn	KS
denn 	IU
denn,	ZD
denn.	XF
denna	MQ
denni	IU
denns	FX
dennu	VH
deno	FX
deno 	DZ
denoc	LR
denol	JT
denom	SK
denor	MQ
denot	FX
denov	LR
denow	TJ
denp	QM
denpf	VH
denpl	KS
denpr	SK
denr	XF
denr 	WG
denr.	c=
denra	XF
denre	TJ
denri	QM
denru	LR
denrä	QM
dens	SK
dens 	YE
dens)	DZ
dens,	VH
dens.	MQ
densa	]B
densc	GW
dense	RL
densf	IU
densh	UI
densi	YE
denst	ZD
densä	HV
dent	JT
dent 	QM
dent,	EY
denta	HV
dente	IU
denti	SK
dentl	IU
dento	TJ
dents	B]
dentü	VH
denu	IU
denua	RL
denum	C[
denun	GW
denup	]B
denus	MQ
denv	QM
denve	DZ
denw	YE
denwe	MQ
denwi	ZD
denz	QM
denz,	XF
denza	GW
denze	JT
denäc	IU
denäh	TJ
denö	[C
denöt	WG
denü	QM
den“	QM
den“ 	LR
deo 	MQ
deo (	RL
deo 0	XF
deo a	WG
deo b	RL
deo d	FX
deo e	JT
deo f	EY
deo h	IU
deo i	MQ
deo j	QM
deo l	YE
deo m	QM
deo r	VH
deo s	JT
deo u	KS
deo v	QM
deo w	LR
deo z	HV
deo)	UI
deo) 	RL
deo),	TJ
deo-	TJ
deo.	YE
deo. 	YE
deo.–	RL
deo@	YE
deoa	FX
deoad	IU
deob	HV
deob 	?a
deoba	C[
deobi	MQ
deobs	QM
deoc	QM
deock	WG
deod	DZ
deode	FX
deof 	WG
deof,	GW
deofe	XF
deoff	KS
deofi	UI
deofr	QM
deog	SK
deoge	ZD
deogo	DZ
deoh	[C
deohl	MQ
deohn	WG
deohr	UI
deois	MQ
deok	LR
deoko	IU
deol	MQ
deola	VH
deold	MQ
deole	^A
deolf	HV
deolg	FX
deoll	TJ
deoln	LR
deolo	RL
deols	RL
deolt	]B
deolu	HV
deolz	VH
deom 	GW
deom,	LR
deoma	WG
deome	MQ
deomi	KS
deomk	C[
deomm	VH
deomp	LR
deon	KS
deon 	MQ
deona	RL
deond	SK
deone	WG
deoni	TJ
deonk	DZ
deonl	@_
deonn	KS
deons	EY
deonz	IU
deoo	SK
deook	QM
deoor	TJ
deoos	RL
deoot	TJ
deop	JT
deop 	B]
deop,	GW
deope	B]
deopf	HV
deopp	QM
deor	WG
deor 	YE
deor,	LR
deorb	WG
deord	KS
deore	XF
deorf	IU
deorg	TJ
deorh	GW
deori	LR
deork	HV
deorl	KS
deorn	YE
deorw	VH
deorz	VH
deos 	>b
deos.	SK
deose	HV
deosk	UI
deosp	JT
deoss	TJ
deost	SK
deot	JT
deot 	FX
deot.	QM
deotd	^A
deote	JT
deoti	HV
deoto	JT
deots	YE
deott	JT
deou	FX
deoul	EY
deour	HV
deout	KS
deov	HV
deove	GW
deow	WG
deoße	LR
deoßv	]B
deo–	SK
deo–d	]B
deo–f	RL
dep 	LR
dep 0	EY
dep,	B]
dep, 	B]
dep.	MQ
depa	UI
depac	HV
depag	GW
depak	RL
depal	>b
depar	SK
depas	DZ
depd	HV
depdf	HV
depe	RL
deped	TJ
depeg	HV
depek	UI
depel	YE
depen	XF
depet	B]
depf	YE
depf 	JT
depfa	QM
depfe	VH
depfi	FX
depfl	]B
depfm	LR
depi	QM
depic	B]
depie	VH
depin	HV
depl	TJ
depla	LR
deple	QM
deplä	QM
depol	LR
depor	[C
depos	QM
depp	VH
depp 	WG
deppe	YE
depr	GW
depra	FX
depre	EY
depri	MQ
deprä	EY
deprü	UI
deps	DZ
deps.	EY
depte	SK
depu	SK
depum	WG
deput	LR
depä	HV
depät	JT
dequ	]B
dequa	RL
deque	UI
dequi	]B
der 	QM
der &	QM
der 0	UI
der a	WG
der b	QM
der c	VH
der e	JT
der g	UI
der h	VH
der i	^A
der j	LR
der k	JT
der l	LR
der m	XF
der n	JT
der o	DZ
der p	HV
der r	GW
der s	IU
der t	RL
der u	RL
der v	IU
der w	<d
der |	UI
der ü	RL
der)	KS
der) 	JT
der),	RL
der,	RL
der, 	RL
der-	TJ
der-i	XF
der.	TJ
der. 	SK
der.e	YE
der.“	QM
der?	EY
der? 	EY
dera	KS
dera 	HV
dera,	KS
derab	FX
derac	VH
derad	HV
derag	IU
deral	YE
deran	QM
deras	UI
derat	SK
derau	KS
deraß	TJ
derb	SK
derb 	TJ
derba	MQ
derbe	QM
derbo	SK
derbr	ZD
derbs	TJ
derbu	YE
derbü	ZD
derc	VH
derd	QM
derd 	RL
derd,	KS
derda	JT
derdb	WG
derdi	MQ
derdn	FX
derdo	EY
dere 	_@
dere.	C[
derea	JT
dered	HV
deree	TJ
deref	LR
dereg	SK
dereh	MQ
derei	QM
derek	SK
derem	FX
deren	QM
derep	ZD
derer	HV
deres	HV
dereu	A^
derf	KS
derf 	MQ
derfa	HV
derfe	HV
derfs	[C
derfü	XF
derg	IU
derg 	SK
derga	IU
derge	SK
dergi	A^
dergl	GW
dergr	WG
derh	KS
derha	RL
derhe	IU
derhu	YE
deri	XF
deric	QM
derie	UI
derif	IU
derig	LR
derik	]B
deril	SK
derin	ZD
deris	JT
derit	UI
deriv	EY
derk	SK
derk 	LR
derka	WG
derke	VH
derki	FX
derkl	FX
derks	WG
derkt	XF
derku	UI
derl	FX
derla	DZ
derle	KS
derlo	QM
derlä	HV
derm 	HV
derm,	IU
derma	XF
derme	SK
dermi	SK
dermo	IU
dermu	?a
dern 	TJ
dern,	DZ
dern.	TJ
dern;	GW
derna	FX
dernd	XF
derne	JT
derno	SK
dernt	UI
dero 	UI
dero)	RL
dero,	GW
dero.	TJ
dero@	XF
derob	ZD
deroc	>b
derod	IU
derof	ZD
derol	RL
derom	[C
deron	KS
deroo	SK
deros	QM
deroß	KS
derp	VH
derpr	RL
derr	HV
derr 	=c
derre	IU
derrh	WG
derrt	LR
ders	KS
ders 	KS
dersc	QM
derse	IU
dersi	QM
derso	WG
dersp	SK
derst	FX
dert	KS
dert 	JT
dert)	GW
dert,	JT
derte	TJ
derth	B]
derti	EY
dertr	FX
derts	LR
dertu	TJ
deru	UI
deruc	EY
deruf	KS
deruh	TJ
derum	LR
derun	XF
derup	RL
derut	ZD
deruß	FX
derva	JT
derve	UI
dervi	QM
dervu	EY
derw	YE
derwa	UI
derwe	SK
derwi	WG
derwä	IU
derz	EY
derz 	MQ
derz,	JT
derze	HV
derä	]B
deräg	VH
deräs	EY
derät	UI
deräu	ZD
derö	TJ
deröf	HV
deröß	RL
derü	MQ
derüb	RL
derüc	SK
derüe	HV
derüf	TJ
derüh	LR
derün	RL
derüs	IU
derüß	B]
der“	LR
des 	MQ
des &	TJ
des (	XF
des 0	WG
des a	UI
des b	@_
des d	SK
des e	UI
des f	ZD
des g	DZ
des h	UI
des i	LR
des j	FX
des k	TJ
des l	LR
des m	UI
des n	@_
des p	RL
des r	LR
des s	WG
des t	ZD
des u	VH
des v	IU
des z	QM
des |	JT
des ä	KS
des ö	KS
des ü	@_
des'	GW
des)	HV
des) 	HV
des-	TJ
des.	JT
des. 	LR
des:	SK
des: 	SK
des?	EY
des? 	EY
desa	RL
desa 	RL
desa,	[C
desaa	IU
desab	WG
desac	FX
desag	QM
desam	SK
desan	MQ
desar	YE
desat	QM
desau	QM
desb	MQ
desbe	RL
desbi	FX
desbr	XF
desc	MQ
desch	MQ
desco	HV
desd	LR
desdi	TJ
desdr	EY
dese	QM
dese 	B]
dese,	SK
dese.	TJ
desec	YE
desee	KS
deseh	@_
desei	KS
desel	TJ
desen	RL
desep	VH
deser	QM
deses	XF
deset	SK
desf	JT
desfa	HV
desfe	]B
desfü	LR
desge	IU
desh	LR
desha	HV
deshe	WG
deshi	JT
desho	JT
desi 	LR
desie	MQ
desik	QM
desis	QM
desk	QM
desk 	UI
deska	_@
deske	QM
deski	MQ
desko	KS
desla	VH
desle	UI
desli	EY
desma	GW
desme	TJ
desn	LR
deso	LR
deso,	VH
desob	HV
desoh	B]
desol	GW
desom	LR
deson	JT
desor	VH
despa	TJ
despe	RL
despi	SK
despl	DZ
despr	IU
despä	JT
desr	UI
desre	TJ
dess	MQ
dess 	EY
dess,	VH
dess.	TJ
dessa	TJ
dessc	IU
desse	QM
dessh	RL
dessi	DZ
desst	SK
dessu	JT
dest	WG
dest 	JT
dest)	KS
dest,	WG
dest-	UI
dest.	YE
dest:	YE
dest@	RL
destb	XF
deste	WG
destf	TJ
desth	WG
desti	HV
destn	RL
desto	IU
destr	SK
destu	[C
destä	SK
destü	XF
desu	DZ
desuc	EY
desum	LR
desun	RL
desv	QM
desw	RL
deswa	WG
deswe	GW
desz	RL
desze	DZ
deszu	XF
desä	KS
desäg	UI
desär	HV
desät	IU
det 0	SK
det a	EY
det b	>b
det c	GW
det d	DZ
det e	LR
det f	RL
det g	GW
det h	MQ
det i	DZ
det j	XF
det k	HV
det l	JT
det n	RL
det o	TJ
det p	JT
det r	XF
det s	MQ
det t	RL
det u	JT
det v	VH
det w	JT
det z	[C
det |	IU
det ü	TJ
det! 	JT
det'	XF
det's	XF
det-	UI
det-i	SK
det.	QM
det.)	XF
det.;	VH
det.e	ZD
det; 	QM
det?	IU
det? 	IU
det@	UI
det@o	VH
detad	QM
detag	UI
detak	FX
detal	RL
detam	QM
detan	HV
detas	LR
detat	TJ
detau	RL
detb	VH
detba	SK
detbi	VH
detd	a?
detdi	^A
dete 	:f
dete)	RL
dete,	KS
dete.	XF
deteb	EY
detec	ZD
deteg	UI
detei	VH
detel	UI
detem	UI
deten	QM
detep	IU
deter	MQ
detes	TJ
detet	LR
deteu	B]
detf	DZ
detfe	FX
detg	RL
detgl	TJ
deth	UI
deth 	WG
deth,	IU
detha	RL
dethe	UI
detho	C[
deti	GW
deti 	JT
detie	WG
detik	IU
detil	MQ
detim	KS
detin	GW
detio	KS
detip	B]
detis	UI
detj	LR
detje	LR
detk	QM
detke	IU
detkl	WG
detl,	XF
detl.	MQ
detla	QM
detle	RL
detm	XF
detma	WG
detme	VH
deto 	MQ
deto,	TJ
deto.	TJ
detob	KS
detof	JT
detok	JT
detom	GW
deton	VH
detop	HV
detor	XF
detos	GW
detp	SK
detr	QM
detr.	ZD
detre	DZ
detri	LR
detro	QM
detru	UI
deträ	VH
dets	FX
dets 	IU
dets.	YE
detsa	KS
detsc	C[
detse	FX
detsf	LR
detsg	]B
detsh	JT
detsl	WG
detsp	QM
dett 	KS
dett,	LR
dett.	RL
dett@	SK
dette	IU
detti	JT
dettk	IU
dettl	RL
detto	RL
dettu	UI
dettw	UI
detu	ZD
detu0	WG
detuh	SK
detum	TJ
detun	RL
detur	ZD
detv	RL
detve	RL
detwo	TJ
detz 	KS
detz,	FX
detz.	MQ
detze	]B
detzg	SK
detzi	XF
detzt	MQ
detzu	FX
detä	UI
detäg	SK
detän	RL
detät	RL
detö	JT
detü	WG
detüc	TJ
detüh	VH
detür	RL
deu 	KS
deu a	LR
deu b	GW
deu d	SK
deu f	KS
deu g	JT
deu k	IU
deu l	GW
deu m	QM
deu n	ZD
deu r	RL
deu s	MQ
deu t	EY
deu u	DZ
deu v	LR
deu w	GW
deu,	IU
deu, 	IU
deu-	MQ
deu. 	KS
deu.e	TJ
deu0	WG
deu00	WG
deua	RL
deuar	RL
deub	]B
deub 	QM
deube	VH
deubi	WG
deuch	SK
deuck	FX
deud	LR
deude	TJ
deudg	IU
deue	RL
deue 	RL
deuen	RL
deuer	MQ
deuf 	GW
deuf,	RL
deuf.	JT
deufe	XF
deufg	TJ
deufl	XF
deufp	MQ
deufr	KS
deufs	XF
deuft	LR
deufw	UI
deug 	QM
deug,	_@
deug-	RL
deuh	WG
deuh 	MQ
deuhe	VH
deuhl	XF
deuhr	WG
deui	[C
deuid	WG
deuk	QM
deul	KS
deula	IU
deuld	IU
deule	GW
deuli	]B
deulk	QM
deull	LR
deulr	YE
deum	LR
deum 	JT
deum,	JT
deum.	IU
deuma	UI
deumb	UI
deume	YE
deumk	ZD
deumm	C[
deump	WG
deums	XF
deun	QM
deund	SK
deune	ZD
deung	IU
deunk	HV
deuns	TJ
deup	LR
deupp	[C
deupt	MQ
deur	RL
deur 	QM
deur.	B]
deura	UI
deurd	JT
deure	WG
deurg	MQ
deuri	HV
deurl	WG
deurm	RL
deurn	RL
deuro	JT
deurr	DZ
deurs	[C
deurt	LR
deurz	RL
deurü	RL
deus	SK
deus 	UI
deus,	FX
deus.	MQ
deusa	LR
deusc	LR
deusd	IU
deuse	]B
deusg	DZ
deush	HV
deusl	TJ
deusr	TJ
deuss	EY
deust	TJ
deusz	ZD
deut	JT
deut 	JT
deut.	QM
deuta	MQ
deute	TJ
deuth	WG
deuti	QM
deutk	WG
deuto	SK
deuts	IU
deutt	FX
deutz	FX
deuw	RL
deuz	MQ
deuß	GW
deuß 	C[
deuße	JT
dev 	VH
dev m	UI
dev.	SK
dev. 	RL
deve	MQ
deve,	ZD
devem	IU
deven	JT
dever	MQ
deves	UI
devi	GW
devic	YE
devie	FX
devis	XF
devo	LR
devom	EY
devon	IU
devor	QM
devos	]B
devu	EY
devus	EY
dew 0	UI
dew.	SK
dewac	RL
dewaf	JT
dewag	IU
dewah	HV
dewal	YE
dewan	RL
dewar	IU
dewe	MQ
dewe 	GW
deweb	@_
deweg	HV
deweh	[C
dewei	IU
dewel	KS
dewen	TJ
dewer	XF
dewes	QM
dewi	UI
dewic	DZ
dewie	C[
dewil	JT
dewim	VH
dewin	UI
dewir	[C
dewo	QM
dewo 	IU
dewoc	YE
dewoh	YE
dewor	B]
dews	VH
dewst	VH
dewu	HV
dewun	GW
dewäh	QM
dewär	GW
dewö	QM
dewöl	RL
dewü	@_
dewün	@_
dex 	IU
dex,	WG
dex, 	WG
dexam	RL
dexav	IU
dexp	QM
dexpr	QM
dext.	GW
dexte	KS
dextr	QM
dey 	LR
dey n	HV
dey s	RL
dey,	DZ
dey, 	DZ
dey.	A^
dey. 	A^
deye	RL
deyer	YE
deyn	QM
deyo	QM
deyou	QM
deyı	UI
deyıl	UI
dez 0	RL
dez f	RL
dez g	MQ
dez h	WG
dez m	GW
dez n	GW
dez o	JT
dez u	IU
dez w	LR
deza	EY
dezah	IU
dezd	SK
dezde	SK
deze 	MQ
deze.	RL
dezei	UI
dezel	MQ
dezem	UI
dezen	MQ
dezer	KS
dezet	EY
dezeu	TJ
dezf	KS
dezg	WG
dezi	UI
dezi 	HV
dezia	XF
dezie	VH
dezig	UI
dezim	TJ
dezin	JT
dezir	SK
dezl	IU
dezli	IU
dezn	JT
dezo	IU
dezol	JT
dezs	[C
dezt	UI
dezt 	KS
dezt,	XF
dezte	HV
dezu 	SK
dezu,	SK
dezu.	QM
dezub	WG
dezue	XF
dezug	RL
dezum	HV
dezun	GW
dezur	QM
dezus	QM
dezw	ZD
dezwe	YE
dezwö	RL
dezz	MQ
de| 	QM
de| a	XF
de| b	SK
de| e	JT
de| g	VH
de| h	SK
de| i	KS
de| j	LR
de| k	JT
de| l	LR
de| m	MQ
de| n	KS
de| o	MQ
de| p	GW
de| r	DZ
de| s	RL
de| t	]B
de| u	TJ
de| v	RL
de| w	TJ
de| z	UI
de| |	SK
de² 	SK
de· 	GW
de· m	GW
deß 	LR
deß g	SK
deß i	A^
deß k	HV
deß m	DZ
deß n	B]
deß s	IU
deß u	SK
deß,	IU
deß, 	IU
deß.	FX
deß. 	FX
deße 	KS
deße,	KS
deßen	SK
deßer	YE
deßi	TJ
deßig	TJ
deßs	QM
deßt	TJ
deßt 	TJ
deßv	YE
deßva	]B
deäc	RL
deäch	SK
deäck	JT
deäd	SK
deäde	TJ
deäf	QM
deäg	[C
deäge	YE
deägl	SK
deägt	RL
deäh	RL
deähe	TJ
deähr	JT
deäl	^A
deäll	JT
deält	b>
deäm	B]
deän	RL
deänd	XF
deäng	MQ
deänn	QM
deär	C[
deär 	JT
deärb	a?
deärc	SK
deäre	;e
deärg	HV
deärt	C[
deäru	JT
deäs	SK
deäse	UI
deät	JT
deät 	KS
deäte	QM
deätt	LR
deätz	GW
deäu	MQ
deäuf	IU
deäum	ZD
deöf	RL
deöfe	RL
deög	VH
deöge	VH
deöh	RL
deöl	XF
deölf	RL
deön	EY
deön 	FX
deöni	SK
deönn	HV
deöp	VH
deörd	HV
deöre	JT
deörs	UI
deört	IU
deös	IU
deöss	GW
deöt	UI
deöti	WG
deöß	RL
deöße	RL
deüb	MQ
deübs	DZ
deüc	XF
deüch	TJ
deück	UI
deüez	HV
deüf	TJ
deüft	VH
deüg	IU
deüge	IU
deüh	VH
deühe	EY
deühj	IU
deühl	ZD
deühr	RL
deül	KS
deüll	C[
deült	TJ
deün	LR
deün,	JT
deünd	[C
deüns	@_
deür 	HV
deür.	XF
deüre	UI
deürf	JT
deürl	TJ
deüro	VH
deürs	UI
deürz	GW
deüs	MQ
deüt	RL
deütz	QM
deüß	B]
deüße	C[
deıl	UI
deıld	UI
deız	UI
de– 	QM
de– n	GW
de–/	RL
de–0	UI
de–00	UI
de–d	YE
de–do	YE
de–f	RL
de–fr	RL
de–s	QM
de“ 	@_
de“ (	GW
de“ s	?a
de“ –	IU
de“,	C[
de“, 	C[
de“.	XF
de“. 	XF
de„d	QM
de„de	TJ
de„e	FX
de„ei	FX
de„g	FX
de„h	KS
de„hi	KS
de„m	JT
de„p	JT
de„s	DZ
de„si	FX
de„w	IU
de„wi	IU
de€ 	UI
de€ a	QM
de€ d	RL
de€ i	a?
de€ k	IU
de€)	RL
de€),	RL
de€,	TJ
de€, 	TJ
de€.	VH
de€. 	VH
en "	IU
en "a	RL
en "b	@_
en "c	LR
en "d	FX
en "f	GW
en "g	LR
en "i	QM
en "l	EY
en "m	IU
en "n	VH
en "o	YE
en "s	KS
en "t	FX
en "w	KS
en "y	QM
en $	WG
en $0	WG
en &	TJ
en & 	TJ
en '	A^
en '0	IU
en 'a	HV
en (	IU
en (0	^A
en (?	UI
en (a	JT
en (b	JT
en (d	YE
en (f	TJ
en (i	LR
en (m	DZ
en (n	GW
en (p	TJ
en (r	QM
en (s	HV
en (w	QM
en (y	IU
en (£	MQ
en *	B]
en *h	LR
en *t	QM
en +	UI
en +0	d<
en ,	ZD
en , 	ZD
en /	SK
en / 	SK
en 0	TJ
en 0)	a?
en 0-	d<
en 0.	EY
en 0/	TJ
en 00	SK
en 0:	KS
en 0a	YE
en 0b	]B
en 0d	[C
en 0e	IU
en 0f	]B
en 0h	WG
en 0j	XF
en 0l	[C
en 0n	]B
en 0p	UI
en 0q	YE
en 0r	SK
en 0s	^A
en 0t	]B
en 0–	MQ
en [	LR
en a 	MQ
en a.	RL
en ab	B]
en ac	RL
en ad	KS
en af	LR
en ag	@_
en ai	HV
en al	TJ
en am	DZ
en an	WG
en ao	DZ
en ap	a?
en ar	QM
en as	JT
en at	KS
en au	TJ
en av	SK
en b	QM
en b 	WG
en b.	DZ
en ba	SK
en bi	GW
en bl	SK
en bn	[C
en bo	UI
en br	ZD
en bs	a?
en by	QM
en c 	WG
en cd	UI
en ce	VH
en ch	UI
en ci	SK
en cl	TJ
en cm	^A
en cr	EY
en cu	QM
en cy	GW
en d	GW
en d.	B]
en da	LR
en db	WG
en dd	DZ
en de	DZ
en di	C[
en dl	[C
en dp	YE
en dr	UI
en du	[C
en dy	XF
en e	SK
en e 	VH
en e.	B]
en ea	LR
en eb	DZ
en ed	WG
en ei	a?
en el	RL
en em	[C
en en	RL
en er	GW
en es	LR
en et	MQ
en eu	TJ
en ev	UI
en f	WG
en f0	LR
en fa	MQ
en fe	VH
en ff	DZ
en fl	YE
en fo	LR
en fr	UI
en fs	VH
en fu	VH
en g	UI
en ga	XF
en gb	KS
en gl	WG
en go	KS
en gp	HV
en gr	IU
en gs	RL
en gu	YE
en gw	RL
en h.	GW
en ha	LR
en hd	JT
en he	SK
en hi	LR
en hr	YE
en hu	TJ
en hx	]B
en i	SK
en i 	QM
en i'	LR
en id	EY
en if	MQ
en ig	IU
en il	IU
en im	C[
en ir	SK
en is	YE
en it	MQ
en iv	GW
en j	VH
en j.	VH
en je	KS
en ji	]B
en ju	SK
en k.	SK
en kg	a?
en ki	DZ
en km	YE
en kr	TJ
en la	IU
en le	IU
en li	QM
en ll	^A
en ln	ZD
en lo	KS
en lt	UI
en lu	d<
en ly	EY
en m	KS
en m.	EY
en ma	LR
en mb	]B
en me	QM
en mm	h8
en mr	LR
en ms	GW
en mu	KS
en my	DZ
en n	MQ
en n 	C[
en ne	JT
en ni	YE
en no	KS
en nu	MQ
en o	UI
en o 	FX
en o'	MQ
en oa	QM
en ob	<d
en oc	RL
en of	LR
en oh	KS
en ok	YE
en ol	RL
en on	MQ
en or	TJ
en os	[C
en ot	JT
en ox	MQ
en p	MQ
en p.	TJ
en pa	EY
en pd	B]
en pe	TJ
en ph	KS
en pl	VH
en pm	RL
en po	LR
en pr	EY
en ps	?a
en pu	IU
en qx	UI
en r	RL
en rd	XF
en re	JT
en rh	IU
en ri	TJ
en ro	QM
en ru	LR
en ry	[C
en s0	LR
en sa	HV
en sc	WG
en se	LR
en si	UI
en sk	SK
en sm	d<
en sn	QM
en so	GW
en sp	SK
en sq	b>
en sr	QM
en st	SK
en su	SK
en t	QM
en t 	a?
en tb	HV
en te	[C
en th	LR
en to	RL
en tu	ZD
en tw	RL
en ty	B]
en u	KS
en u 	FX
en uh	XF
en ul	TJ
en um	SK
en un	B]
en ur	EY
en us	UI
en v0	EY
en va	TJ
en ve	FX
en vi	WG
en vo	EY
en vu	IU
en w	IU
en w/	HV
en wa	MQ
en we	UI
en wi	QM
en wk	ZD
en wo	FX
en wr	MQ
en ww	JT
en wy	b>
en x	GW
en x 	B]
en y	RL
en y 	RL
en ya	WG
en ye	SK
en yo	LR
en yr	XF
en z	MQ
en zi	MQ
en |	KS
en | 	KS
en ~	TJ
en ~~	TJ
en £	VH
en £0	VH
en ©	DZ
en © 	DZ
en ·	B]
en · 	B]
en “b	EY
en “h	HV
en “t	JT
en “y	EY
en €	^A
en €0	^A
en ★	JT
en ★★	JT
en �	a?
en! 	:f
en!!	HV
en!! 	HV
en!!!	[C
en!)	VH
en!) 	UI
en" 	LR
en" -	EY
en" a	HV
en" o	@_
en" w	DZ
en" –	DZ
en")	HV
en") 	HV
en".	EY
en". 	EY
en"a	RL
en"a 	KS
en"ar	KS
en"b	@_
en"be	@_
en"c	LR
en"d	FX
en"de	IU
en"di	EY
en"f	GW
en"fo	?a
en"g	LR
en"ha	FX
en"i	QM
en"it	QM
en"l	EY
en"li	>b
en"m	IU
en"my	IU
en"n	VH
en"no	VH
en"o	WG
en"op	YE
en"ou	C[
en"s	KS
en"sa	VH
en"t	EY
en"th	@_
en"to	RL
en"w	KS
en"we	MQ
en"wh	JT
en"y	QM
en"yo	QM
en$0	WG
en$0 	[C
en$0,	XF
en$0.	_@
en$00	RL
en% 	LR
en% o	LR
en& 	TJ
en& 0	XF
en& a	WG
en& b	TJ
en& c	SK
en& d	YE
en& l	a?
en& m	DZ
en& p	FX
en& r	QM
en& s	VH
en& t	IU
en' b	JT
en' c	TJ
en' h	UI
en' l	QM
en' m	B]
en'0	TJ
en'00	TJ
en'a	HV
en'd	IU
en'd 	MQ
en'l	HV
en'll	HV
en'm	LR
en'm 	MQ
en'r	WG
en're	WG
en's	HV
en's 	IU
en's,	RL
en's.	MQ
en't	KS
en't,	DZ
en't.	MQ
en(0	^A
en(0)	LR
en(00	]B
en(?	UI
en(a	JT
en(al	MQ
en(b	JT
en(ch	GW
en(co	VH
en(d	YE
en(da	VH
en(f	TJ
en(fo	IU
en(fr	WG
en(he	JT
en(hi	QM
en(ho	XF
en(i	LR
en(i 	LR
en(in	QM
en(m	DZ
en(ma	]B
en(mi	HV
en(mo	FX
en(mr	?a
en(n	GW
en(no	GW
en(p	TJ
en(pl	HV
en(r	QM
en(re	RL
en(s	HV
en(sa	LR
en(se	MQ
en(sh	A^
en(so	RL
en(te	e;
en(th	RL
en(to	EY
en(tr	JT
en(tu	DZ
en(w	QM
en(we	LR
en(wi	WG
en(y	IU
en(ye	IU
en(£	MQ
en(£0	MQ
en) 	C[
en) 0	WG
en) a	ZD
en) b	FX
en) o	TJ
en) s	LR
en) w	GW
en) |	LR
en) –	SK
en),	TJ
en), 	TJ
en).	XF
en). 	XF
en):	KS
en): 	KS
en* 	@_
en* i	LR
en*,	RL
en*, 	RL
en*h	LR
en*t	QM
en*th	QM
en+ 0	]B
en+ a	FX
en+ p	GW
en+ r	RL
en+ s	ZD
en+ v	]B
en+0	e;
en+00	d<
en, 	HV
en, "	EY
en, $	KS
en, 0	RL
en, a	f:
en, b	VH
en, d	JT
en, e	LR
en, f	TJ
en, g	]B
en, h	RL
en, i	TJ
en, j	WG
en, k	FX
en, l	EY
en, m	EY
en, n	TJ
en, o	a?
en, p	SK
en, q	SK
en, r	QM
en, s	YE
en, t	SK
en, u	[C
en, v	WG
en, w	GW
en, y	LR
en, £	QM
en, “	EY
en,0	IU
en,00	IU
en- 0	SK
en- c	SK
en- h	QM
en- n	IU
en- p	@_
en- t	C[
en- |	YE
en-0	[C
en-0 	XF
en-0,	TJ
en-0.	ZD
en-00	SK
en-a	C[
en-an	GW
en-ar	FX
en-b	MQ
en-bl	RL
en-c	FX
en-ca	IU
en-cl	KS
en-co	IU
en-d	SK
en-do	XF
en-e	JT
en-ei	[C
en-f	LR
en-fi	JT
en-fo	LR
en-fr	JT
en-g	[C
en-h	^A
en-ha	^A
en-l	JT
en-la	IU
en-le	KS
en-m	IU
en-n	VH
en-o	XF
en-of	YE
en-on	[C
en-ou	QM
en-p	WG
en-pu	SK
en-r	TJ
en-re	TJ
en-s	IU
en-sa	MQ
en-sh	UI
en-si	C[
en-st	ZD
en-t	MQ
en-u	VH
en-up	VH
en-w	EY
en-wi	GW
en. 	QM
en. (	LR
en. 0	_@
en. a	[C
en. b	FX
en. c	:f
en. e	HV
en. g	IU
en. h	DZ
en. k	UI
en. m	GW
en. n	LR
en. o	B]
en. r	GW
en. s	LR
en. t	MQ
en. v	QM
en. w	B]
en."	KS
en.)	>b
en.) 	>b
en.*	C[
en.* 	C[
en.,	EY
en., 	EY
en..	KS
en.. 	KS
en...	MQ
en.0	MQ
en.0 	^A
en.:	LR
en.: 	LR
en.b	C[
en.b.	C[
en.e	SK
en.ex	SK
en.k	FX
en.ke	LR
en.s	B]
en.t	TJ
en.”	TJ
en.” 	TJ
en/ 0	>b
en/ a	QM
en/ b	EY
en/ p	B]
en/ r	TJ
en/ s	ZD
en/ t	LR
en//	RL
en/0	DZ
en/00	FX
en/h	FX
en/hr	FX
en/m	]B
en/w	TJ
en0 	]B
en0 (	RL
en0 +	]B
en0 -	UI
en0 0	b>
en0 a	]B
en0 b	QM
en0 c	IU
en0 e	TJ
en0 f	JT
en0 g	b>
en0 i	IU
en0 j	JT
en0 k	_@
en0 l	_@
en0 n	QM
en0 o	;e
en0 p	QM
en0 q	UI
en0 r	=c
en0 s	GW
en0 t	KS
en0 u	?a
en0 v	]B
en0 w	IU
en0 y	j6
en0 |	a?
en0 ·	;e
en0 –	IU
en0%	VH
en0% 	TJ
en0)	TJ
en0) 	UI
en0),	RL
en0,	YE
en0, 	^A
en0,0	IU
en0-	^A
en0-0	YE
en0.	RL
en0. 	ZD
en0.0	MQ
en0/	DZ
en0/0	<d
en0/h	FX
en00	[C
en00 	WG
en00%	VH
en00)	VH
en00,	TJ
en00-	ZD
en00.	VH
en00/	C[
en00:	ZD
en00;	TJ
en00a	UI
en00g	YE
en00p	WG
en00t	B]
en00x	DZ
en00–	_@
en0: 	RL
en0:0	RL
en0a	[C
en0aa	ZD
en0am	UI
en0b	]B
en0bb	XF
en0d	[C
en0dd	ZD
en0e	IU
en0ee	DZ
en0f	]B
en0g	YE
en0h	WG
en0j	XF
en0k	IU
en0k.	B]
en0l	[C
en0lb	]B
en0ll	SK
en0ln	VH
en0m	^A
en0m 	^A
en0n	]B
en0nd	XF
en0nn	_@
en0p	[C
en0p.	TJ
en0pl	UI
en0pm	UI
en0pp	UI
en0pt	]B
en0q	YE
en0qt	VH
en0r	SK
en0rb	RL
en0rr	SK
en0s	^A
en0s 	WG
en0s,	RL
en0s.	UI
en0st	WG
en0t	HV
en0th	GW
en0tt	XF
en0x	DZ
en0x0	DZ
en0–	XF
en0–0	UI
en: 	HV
en: "	FX
en: $	c=
en: '	DZ
en: 0	HV
en: a	MQ
en: c	IU
en: d	C[
en: h	SK
en: i	[C
en: l	RL
en: m	[C
en: n	@_
en: p	VH
en: r	QM
en: s	LR
en: t	QM
en: w	FX
en: “	JT
en:0	RL
en:00	RL
en; 	QM
en; 0	[C
en; b	HV
en; d	HV
en; f	JT
en; g	UI
en; h	KS
en; i	SK
en; l	JT
en; m	ZD
en; o	]B
en; p	EY
en; r	YE
en; s	a?
en; t	MQ
en; w	[C
en; y	A^
en? 	!}
en?"	XF
en?" 	XF
en?)	KS
en?) 	KS
en??	DZ
en?? 	EY
en@a	YE
en@b	^A
en@br	]B
en@c	HV
en@ca	HV
en@co	UI
en@f	WG
en@fe	JT
en@g	YE
en@gr	YE
en@h	JT
en@ha	HV
en@hi	XF
en@l	MQ
en@la	]B
en@li	IU
en@o	^A
en@ot	^A
en@p	_@
en@q	KS
en@qu	KS
en@r	ZD
en@s	SK
en@sa	ZD
en@se	XF
en@st	TJ
en@t	^A
en@ta	UI
en@to	a?
en@w	RL
en@we	QM
en@wi	WG
en] 	KS
en] w	DZ
ena 	RL
ena "	LR
ena 0	MQ
ena a	VH
ena b	JT
ena c	XF
ena d	QM
ena f	JT
ena g	MQ
ena j	RL
ena k	^A
ena m	WG
ena n	XF
ena o	TJ
ena p	LR
ena q	YE
ena r	KS
ena s	QM
ena v	VH
ena w	UI
ena y	TJ
ena |	VH
ena £	VH
ena)	MQ
ena).	MQ
ena,	EY
ena, 	EY
ena-	SK
ena.	KS
ena. 	JT
ena.”	HV
ena@	IU
enaa	ZD
enaa.	WG
enab	IU
enab 	[C
enab.	TJ
enabb	RL
enabe	LR
enabi	UI
enabl	IU
enabn	LR
enabo	GW
enabs	C[
enabt	MQ
enaby	SK
enac	JT
enaca	EY
enacc	QM
enace	RL
enach	SK
enack	FX
enacl	JT
enaco	YE
enacr	KS
enact	HV
enad	KS
enad 	@_
enad-	C[
enad.	MQ
enada	a?
enadd	SK
enade	UI
enadg	GW
enadi	SK
enadl	HV
enado	JT
enads	LR
enadv	QM
enady	IU
enae	FX
enae 	HV
enaf	RL
enaf 	^A
enaff	WG
enafl	=c
enafo	GW
enaft	LR
enag	KS
enag 	MQ
enag,	XF
enaga	8h
enage	UI
enagh	]B
enagi	QM
enagl	SK
enagm	QM
enagn	B]
enago	WG
enagr	GW
enagu	LR
enah	EY
enah 	C[
enai	LR
enaid	FX
enaig	JT
enail	SK
enaim	=c
enain	KS
enair	[C
enais	DZ
enak	VH
enak 	YE
enak,	MQ
enakd	XF
enake	XF
enaki	QM
enaks	KS
enal 	UI
enal,	DZ
enal.	B]
enala	WG
enalc	EY
enald	[C
enalf	UI
enalk	DZ
enalm	RL
enaln	RL
enalo	[C
enalp	LR
enalt	TJ
enalu	LR
enalv	VH
enalw	TJ
enam 	LR
enam,	IU
enam-	SK
enam.	DZ
enama	TJ
enamb	ZD
ename	MQ
enami	RL
enamm	A^
enamo	]B
enams	RL
enamu	KS
enan	RL
enan 	TJ
enan'	c=
enan)	MQ
enan,	LR
enan.	VH
enan@	XF
enana	XF
enanc	FX
enand	WG
enane	RL
enang	;e
enank	JT
enann	WG
enant	JT
enanu	SK
enany	RL
enao	SK
enaoi	RL
enap 	?a
enap,	ZD
enap.	B]
enapa	TJ
enape	JT
enapl	_@
enapo	A^
enapp	b>
enapr	^A
enaps	B]
enar 	A^
enar'	]B
enar.	FX
enar?	TJ
enara	QM
enarb	SK
enarc	LR
enare	RL
enarf	^A
enarg	KS
enari	UI
enarj	SK
enark	FX
enarl	TJ
enarm	TJ
enarn	[C
enarp	d<
enarr	YE
enars	_@
enart	GW
enary	IU
enas 	LR
enas,	QM
enas.	LR
enas;	TJ
enasc	YE
enase	@_
enash	QM
enasi	IU
enasn	TJ
enaso	B]
enasp	LR
enass	SK
enast	^A
enasu	GW
enasw	HV
enasy	DZ
enat	SK
enat 	KS
enat'	MQ
enat,	^A
enat-	LR
enat.	WG
enata	XF
enatc	VH
enate	JT
enath	_@
enati	VH
enato	DZ
enatr	MQ
enats	QM
enatt	EY
enatu	UI
enau	RL
enauc	GW
enaud	QM
enaug	WG
enaul	VH
enaur	KS
enaus	MQ
enaut	GW
enav	IU
enava	ZD
enavi	A^
enavo	DZ
enavy	>b
enaw	UI
enaw 	YE
enawa	LR
enawe	QM
enawi	GW
enawl	UI
enawm	SK
enawn	JT
enaws	KS
enax	MQ
enay 	KS
enay!	GW
enay'	IU
enay,	LR
enay;	WG
enayb	EY
enaye	XF
enayi	VH
enaym	GW
enaze	SK
enb &	RL
enb (	]B
enb 0	c=
enb a	MQ
enb b	ZD
enb d	EY
enb f	UI
enb h	KS
enb i	DZ
enb l	[C
enb s	C[
enb |	MQ
enb £	^A
enb,	MQ
enb, 	MQ
enb-	DZ
enb-0	GW
enb-c	EY
enb.	IU
enb. 	DZ
enb.e	VH
enb/	XF
enb0	[C
enb0 	[C
enbac	UI
enbad	IU
enbag	b>
enbal	WG
enban	GW
enbar	UI
enbas	TJ
enbat	IU
enbay	_@
enbb	VH
enbb.	XF
enbbi	YE
enbbl	TJ
enbbo	YE
enbbs	HV
enbby	A^
enbc	KS
enbc 	IU
enbe 	?a
enbe.	LR
enbea	[C
enbec	UI
enbed	VH
enbee	GW
enbeg	QM
enbeh	UI
enbel	RL
enben	a?
enber	LR
enbes	B]
enbet	IU
enbev	YE
enbex	@_
enbey	LR
enbh	QM
enbha	UI
enbi	GW
enbia	HV
enbic	UI
enbid	C[
enbig	JT
enbik	UI
enbil	KS
enbin	QM
enbir	]B
enbit	<d
enbj	C[
enbje	C[
enbla	KS
enbli	^A
enblo	GW
enblu	QM
enbly	RL
enbn	LR
enbn0	[C
enbo	RL
enboa	LR
enbob	EY
enbod	VH
enboi	TJ
enbol	WG
enbon	LR
enboo	KS
enbor	_@
enbot	^A
enbou	?a
enbov	VH
enbox	SK
enbr	UI
enbra	YE
enbri	VH
enbru	LR
enbs	C[
enbs 	VH
enbs.	?a
enbsc	^A
enbsi	FX
enbsw	HV
enbt	QM
enbt 	YE
enbuc	MQ
enbud	C[
enbui	TJ
enbum	EY
enbun	QM
enbur	XF
enbus	FX
enbut	JT
enbuy	XF
enbv	FX
enbvi	FX
enby	KS
enby,	FX
enbye	JT
enc 	YE
enc 0	RL
enc a	RL
enc b	QM
enc c	XF
enc d	GW
enc f	KS
enc l	YE
enc s	LR
enc t	GW
enc)	RL
enc,	HV
enc, 	HV
enc.	JT
enc. 	IU
enc.e	c=
enc:	B]
enc: 	B]
enc@	RL
enc@s	RL
enca	KS
enca 	KS
encad	HV
encaf	WG
encag	ZD
encal	EY
encar	ZD
encas	YE
encat	KS
encau	JT
encav	@_
encc	SK
encca	RL
encce	b>
encco	GW
encd	UI
encd0	UI
ence	QM
ence 	RL
ence)	[C
ence,	JT
ence:	WG
ence;	RL
ence?	IU
ence@	^A
enceb	GW
enced	QM
encei	IU
encel	EY
encen	WG
ences	IU
encf	YE
ench	RL
ench 	KS
ench.	TJ
enche	JT
enchi	_@
enchn	LR
enchr	SK
encht	JT
enchu	DZ
enchy	GW
enci	JT
encia	YE
encid	C[
encil	IU
encip	YE
encis	EY
encit	KS
enck	TJ
enck 	VH
enck'	FX
enck,	TJ
enck-	RL
enck.	LR
encka	[C
encke	LR
encki	FX
enckl	TJ
enckm	SK
encko	IU
encks	TJ
enckw	TJ
encl	XF
encl.	UI
encla	IU
encle	YE
encli	KS
enclo	VH
enclu	RL
encm	^A
encm 	^A
enco.	_@
encoa	SK
encob	d<
encod	HV
encof	YE
encol	>b
encom	VH
encon	IU
encoo	a?
encop	LR
encor	[C
encos	C[
encot	LR
encou	JT
encov	b>
encr	GW
encra	TJ
encri	@_
encro	FX
encry	EY
encs	]B
encs 	_@
encs,	YE
enct	EY
enct 	KS
enct,	IU
enct.	@_
encta	GW
encte	KS
encti	TJ
encto	KS
enctr	VH
encts	QM
enctu	>b
encu	JT
encue	WG
encui	GW
encum	IU
encur	@_
encus	EY
encut	ZD
ency 	HV
encyc	UI
end &	LR
end (	C[
end /	GW
end 0	XF
end a	EY
end b	XF
end d	QM
end e	b>
end f	HV
end g	HV
end i	LR
end j	]B
end l	@_
end m	LR
end n	_@
end o	RL
end p	XF
end q	?a
end r	UI
end t	IU
end u	TJ
end v	TJ
end w	QM
end y	XF
end |	[C
end £	QM
end –	LR
end"	TJ
end" 	:f
end",	^A
end".	IU
end'	LR
end's	LR
end)	HV
end) 	EY
end,	TJ
end, 	TJ
end-	EY
end-s	DZ
end. 	LR
end."	TJ
end.e	YE
end:	MQ
end: 	LR
end;	LR
end; 	LR
end?	C[
end? 	C[
end@	XF
enda	RL
endab	UI
endad	TJ
endag	JT
endai	GW
endal	UI
endam	KS
endan	VH
endar	EY
endat	9g
endau	FX
enday	_@
endba	IU
endbe	YE
endbs	WG
endc	IU
endd	VH
endd 	RL
endd,	FX
endda	QM
endde	MQ
enddi	JT
enddl	WG
enddo	WG
enddr	:f
enddy	_@
ende	RL
ende'	UI
ende,	d<
ende-	^A
ende.	HV
endea	DZ
endeb	TJ
endec	FX
ended	KS
endee	MQ
endef	FX
endel	RL
endem	QM
enden	XF
endeo	JT
ender	IU
endes	XF
endet	FX
endev	SK
endey	LR
endf	LR
endf 	C[
endf,	DZ
endfa	[C
endgi	SK
endh	KS
endi 	GW
endic	GW
endid	SK
endie	KS
endif	DZ
endin	WG
endio	LR
endir	GW
endis	B]
endit	VH
endiv	VH
endl	RL
endl 	[C
endle	SK
endli	C[
endlo	[C
endly	@_
endm	TJ
endma	SK
endmi	FX
endmo	UI
endn	HV
endne	IU
endo 	KS
endo.	UI
endoc	UI
endoe	WG
endog	UI
endol	]B
endom	JT
endon	IU
endor	JT
endot	_@
endou	d<
endov	?a
endow	KS
endp	XF
endr 	ZD
endra	LR
endre	JT
endri	YE
endro	JT
ends 	KS
ends,	HV
ends.	a?
endsa	ZD
endsi	GW
endso	RL
endst	YE
endu	WG
enduc	JT
endug	VH
endul	LR
endun	YE
endur	VH
endus	HV
endv	VH
endve	HV
endvi	[C
endw	TJ
endwo	ZD
endwr	LR
endy	UI
endy 	XF
endy'	JT
endy,	A^
endy.	A^
ene 	QM
ene "	B]
ene $	GW
ene &	C[
ene (	VH
ene -	TJ
ene /	C[
ene 0	_@
ene a	MQ
ene b	LR
ene c	[C
ene d	KS
ene e	XF
ene f	VH
ene g	MQ
ene h	QM
ene i	QM
ene j	SK
ene k	JT
ene l	KS
ene m	IU
ene n	IU
ene o	FX
ene q	UI
ene r	SK
ene s	MQ
ene u	EY
ene v	FX
ene w	LR
ene y	YE
ene |	IU
ene £	A^
ene –	LR
ene “	HV
ene!	ZD
ene!!	ZD
ene"	DZ
ene" 	GW
ene",	>b
ene".	;e
ene'	TJ
ene'd	C[
ene'l	RL
ene'r	ZD
ene's	RL
ene'v	HV
ene)	b>
ene) 	[C
ene),	TJ
ene).	YE
ene-	MQ
ene-b	XF
ene-d	LR
ene-l	JT
ene-o	HV
ene-p	SK
ene-s	c=
ene.e	ZD
ene:	RL
ene: 	RL
ene;	GW
ene; 	GW
ene?	?a
ene? 	<d
ene@	MQ
ene@f	GW
ene@r	VH
ene@s	TJ
enea	MQ
enea 	^A
enea,	b>
eneac	TJ
enead	MQ
eneaf	TJ
eneag	QM
eneam	C[
enean	TJ
eneap	@_
enear	FX
eneas	C[
eneat	[C
eneav	QM
eneb	HV
eneb 	FX
eneb,	?a
enebb	KS
enebe	b>
enebr	IU
enebs	FX
eneby	LR
enec 	]B
enec@	RL
enece	TJ
eneci	@_
enecl	C[
eneco	LR
enect	SK
enecu	VH
ened	LR
ened 	YE
ened"	GW
ened.	JT
ened:	KS
ened?	DZ
enedd	MQ
enede	TJ
enedg	VH
enedi	RL
enedn	LR
eneds	JT
enedu	KS
enedw	RL
enedy	DZ
enee	TJ
enee 	SK
enee'	B]
enee,	JT
enee.	UI
eneec	YE
eneed	VH
eneel	[C
eneen	@_
eneep	QM
eneer	QM
enees	YE
eneet	SK
eneez	XF
enef	KS
enef 	IU
enefa	C[
enefe	EY
enefi	XF
enefu	VH
eneg 	B]
enega	VH
enege	JT
enegi	XF
eneha	DZ
enehu	KS
enei	SK
eneic	]B
eneig	XF
eneil	A^
enein	SK
eneit	JT
enek,	RL
enek.	C[
enekd	_@
eneke	VH
enekl	DZ
eneks	TJ
enel	RL
enel 	WG
enel"	VH
enel,	f:
enel0	RL
enela	FX
enelb	ZD
enelc	RL
enele	YE
enelf	A^
eneli	HV
enell	TJ
enelm	]B
enelo	LR
enelp	KS
enels	QM
enelt	IU
enelv	IU
enelw	FX
enely	9g
enem 	MQ
enem,	C[
enem.	IU
enema	IU
enemb	QM
eneme	MQ
enemi	SK
enemo	XF
enemp	WG
enems	C[
enen	MQ
enen 	RL
enen'	KS
enen)	C[
enen,	RL
enen.	FX
enen:	KS
enen;	SK
enenc	MQ
enend	XF
enene	KS
eneng	JT
enenh	]B
eneni	GW
enenn	ZD
eneno	RL
enenq	FX
enens	WG
enent	EY
enenu	RL
enenv	LR
enenw	EY
enen”	EY
eneo	JT
eneo 	FX
eneof	B]
eneon	MQ
eneor	^A
eneos	IU
enep	UI
enep 	SK
enep,	VH
enep.	FX
enepa	YE
enepe	VH
eneph	GW
enepi	JT
enepo	^A
eneps	WG
enept	LR
eneq	>b
enequ	>b
ener 	WG
ener!	FX
ener"	?a
ener'	HV
ener)	C[
ener-	VH
ener.	IU
ener:	LR
ener@	YE
enera	XF
enerb	VH
enerc	GW
enerd	QM
enere	HV
enerf	XF
enerh	KS
eneri	QM
enerl	DZ
enerm	^A
enern	LR
enero	EY
enerp	_@
enerr	FX
eners	LR
enert	YE
enerw	WG
enery	RL
enes	KS
enes 	UI
enes"	RL
enes'	LR
enes)	KS
enes-	XF
enes.	UI
enes;	TJ
enes?	DZ
enes@	XF
enesa	?a
enesc	HV
enese	LR
enesh	JT
enesi	SK
enesk	B]
enesm	YE
enesn	MQ
eneso	EY
eness	QM
enest	YE
enesu	FX
enet	IU
enet 	KS
enet)	SK
enet,	^A
enet-	QM
enet.	9g
enet;	FX
enete	EY
eneth	LR
eneti	FX
enets	JT
enett	VH
enetu	WG
eneu	]B
eneum	ZD
eneur	UI
enev	RL
enev 	UI
eneva	VH
enevd	SK
enevi	FX
enew 	XF
enew'	FX
enew,	JT
enewa	KS
enewh	A^
enewi	IU
enewo	YE
enewr	YE
enews	HV
enex	TJ
enex 	@_
enexa	YE
enexc	TJ
enexi	]B
enexl	]B
enexp	MQ
enext	LR
eney	RL
eney 	QM
eney'	VH
eney,	UI
eney.	;e
eney:	LR
eneya	A^
eneye	QM
eneyi	XF
eneyo	^A
eneyr	HV
eneys	_@
eneyw	[C
enez	TJ
eneze	]B
enf (	XF
enf 0	SK
enf a	MQ
enf b	KS
enf d	WG
enf e	VH
enf f	SK
enf g	@_
enf h	HV
enf i	XF
enf j	VH
enf l	KS
enf m	DZ
enf n	XF
enf o	XF
enf p	VH
enf r	FX
enf s	LR
enf t	GW
enf u	XF
enf v	A^
enf w	HV
enf y	SK
enf,	IU
enf, 	IU
enf-	IU
enf.	HV
enf. 	KS
enf0	LR
enf: 	TJ
enf;	YE
enf; 	YE
enfac	MQ
enfad	B]
enfai	FX
enfal	MQ
enfam	RL
enfan	[C
enfar	VH
enfas	GW
enfat	XF
enfec	FX
enfed	HV
enfee	[C
enfeg	XF
enfel	XF
enfen	MQ
enfer	DZ
enfes	QM
enfet	YE
enfew	KS
enff 	LR
enff,	B]
enff.	SK
enffe	SK
enffi	TJ
enffo	RL
enffr	RL
enffs	WG
enfic	TJ
enfid	LR
enfie	JT
enfig	JT
enfil	KS
enfir	KS
enfis	ZD
enfit	d<
enfiv	VH
enfix	UI
enfl	UI
enfla	ZD
enfle	FX
enfli	KS
enflo	WG
enflu	RL
enfly	IU
enfon	IU
enfoo	EY
enfor	LR
enfou	VH
enfr	QM
enfra	YE
enfre	UI
enfri	GW
enfs	^A
enfs 	JT
enfsc	VH
enft	RL
enft,	ZD
enft.	JT
enfte	QM
enfts	e;
enfty	MQ
enfu	RL
enfun	QM
enfur	c=
enfus	KS
eng 	LR
eng &	VH
eng (	FX
eng a	RL
eng b	JT
eng c	[C
eng d	GW
eng f	SK
eng g	YE
eng h	=c
eng i	]B
eng k	GW
eng l	WG
eng m	WG
eng n	UI
eng o	MQ
eng r	YE
eng s	IU
eng t	=c
eng u	ZD
eng w	TJ
eng y	EY
eng |	h8
eng £	MQ
eng!	DZ
eng! 	DZ
eng"	IU
eng" 	KS
eng",	JT
eng'	GW
eng-	SK
eng. 	QM
eng.e	b>
eng0	WG
eng0 	WG
eng:	SK
eng: 	SK
eng;	ZD
eng; 	ZD
enga	TJ
engai	8h
engal	KS
engan	_@
engap	FX
engar	QM
engas	^A
engat	_@
engau	VH
engav	GW
engb	KS
engb 	c=
enge,	EY
enge.	LR
enge?	GW
engea	MQ
enged	C[
engee	[C
engem	EY
engen	LR
engeo	B]
enger	^A
enges	UI
engf	b>
engg	MQ
engg 	MQ
engge	VH
enggi	FX
engh	MQ
engh 	^A
engh,	WG
engh-	SK
engh.	JT
enghb	MQ
engho	GW
engi	HV
engie	IU
engif	XF
engil	KS
engis	TJ
engiv	KS
engla	TJ
engle	KS
engli	A^
englo	GW
engly	XF
engm	QM
engma	SK
engn 	TJ
engna	GW
engne	=c
engno	IU
engns	KS
engo	LR
engo 	YE
engoa	MQ
engoe	IU
engoi	GW
engol	A^
engon	XF
engoo	FX
engos	@_
engot	XF
engps	HV
engr	MQ
engra	MQ
engre	HV
engri	RL
engs	VH
engs 	XF
engs)	VH
engs,	QM
engs.	MQ
engs@	VH
engst	UI
engt	EY
ength	KS
engua	QM
engue	KS
engui	WG
engul	UI
engun	RL
engur	@_
engus	MQ
engut	^A
enguy	C[
engw	QM
engwe	KS
engwo	TJ
enh 	UI
enh (	JT
enh 0	LR
enh a	QM
enh b	VH
enh c	JT
enh d	MQ
enh e	JT
enh f	FX
enh g	SK
enh l	LR
enh m	KS
enh n	TJ
enh o	]B
enh p	QM
enh s	VH
enh u	XF
enh v	TJ
enh w	LR
enh'	DZ
enh' 	GW
enh's	EY
enh)	]B
enh) 	]B
enh.	MQ
enh.e	XF
enh:	JT
enh: 	JT
enh;	[C
enh; 	[C
enh@	ZD
enha,	@_
enhab	C[
enhad	=c
enhai	VH
enhal	QM
enham	YE
enhan	RL
enhar	QM
enhat	JT
enhay	SK
enhaz	XF
enhbr	MQ
enhc	JT
enhd	MQ
enhd0	JT
enhe	LR
enhe 	JT
enhe'	JT
enhe.	JT
enhea	QM
enhed	SK
enhee	VH
enhef	JT
enhel	LR
enhem	KS
enhep	YE
enher	JT
enhes	TJ
enhet	FX
enhew	A^
enhex	WG
enhey	KS
enhf	HV
enhfu	GW
enhg	WG
enhga	WG
enhi	QM
enhi 	4l
enhic	DZ
enhid	TJ
enhie	WG
enhig	?a
enhil	a?
enhim	TJ
enhio	C[
enhip	SK
enhir	YE
enhis	EY
enhit	JT
enhiv	UI
enhiy	C[
enhl	TJ
enhmi	GW
enhni	LR
enho	MQ
enho 	VH
enhob	IU
enhoe	WG
enhoi	JT
enhol	_@
enhom	KS
enhoo	UI
enhop	^A
enhor	EY
enhot	HV
enhou	SK
enhow	8h
enhr	QM
enhr.	KS
enhre	QM
enhri	SK
enhrs	YE
enhru	b>
enhs	MQ
enhs,	GW
enhs.	MQ
enht 	DZ
enht,	RL
enhte	KS
enhti	GW
enhts	[C
enhty	RL
enhu 	ZD
enhub	DZ
enhug	RL
enhum	C[
enhun	YE
enhur	VH
enhus	C[
enhut	[C
enhw	@_
enhwa	HV
enhx	JT
enhx0	]B
enhy 	SK
enhy.	JT
eni 	MQ
eni (	JT
eni 0	WG
eni b	TJ
eni c	WG
eni d	UI
eni e	DZ
eni f	XF
eni g	KS
eni h	LR
eni i	QM
eni j	EY
eni k	[C
eni l	]B
eni m	ZD
eni n	@_
eni o	MQ
eni p	HV
eni q	B]
eni r	LR
eni s	>b
eni t	UI
eni u	GW
eni v	JT
eni w	MQ
eni'	LR
eni'd	GW
eni'l	=c
eni'm	MQ
eni'v	]B
eni,	[C
eni, 	[C
eni-	FX
eni-c	FX
eni. 	ZD
enia	MQ
enia 	^A
eniab	YE
eniag	SK
enial	LR
enian	LR
eniar	B]
enias	QM
eniat	WG
enib	DZ
enibb	VH
enibe	LR
enibh	KS
enibl	?a
enibr	QM
enic	KS
enic 	SK
enic,	MQ
enic.	A^
enica	KS
enice	KS
enich	B]
enick	UI
enicl	WG
enics	]B
enict	.r
enicu	LR
enicy	UI
enid	JT
enid 	IU
enid"	QM
enid.	>b
enid:	TJ
enida	SK
enidd	TJ
enidg	TJ
enidi	VH
enidn	MQ
enids	FX
enidy	C[
enie	EY
enie 	d<
eniec	TJ
enied	@_
eniel	HV
enien	HV
eniet	?a
eniew	DZ
enif	SK
enif 	MQ
enife	A^
enift	XF
enig 	KS
enig,	FX
enig.	C[
eniga	QM
enige	FX
enigg	SK
enigh	LR
enign	SK
enigu	JT
enik	JT
enike	JT
enil	YE
enil 	FX
enil'	XF
enil,	GW
enil.	VH
enila	UI
enilb	GW
enild	^A
enilf	MQ
enili	JT
enilk	SK
enill	RL
enilm	VH
enilo	YE
enils	KS
enilt	VH
enilw	VH
enily	RL
enim	RL
enim 	LR
enim,	]B
enim.	VH
enime	_@
enimn	SK
enimo	<d
enimp	JT
enims	FX
enimu	MQ
enin	MQ
enin 	FX
enin"	HV
enin'	TJ
enin)	LR
enin-	FX
enin.	EY
enina	JT
eninc	[C
enind	IU
enine	RL
enini	ZD
enink	=c
eninl	UI
eninn	RL
eninu	@_
eninv	QM
eniny	GW
enio	KS
enio 	JT
enion	LR
enior	YE
eniou	A^
enip	WG
enip'	GW
enip,	YE
enipa	a?
enipe	VH
enipp	DZ
enips	[C
enipt	RL
eniq	UI
eniqu	SK
enir	TJ
enir 	XF
enir)	JT
enir,	SK
enir-	SK
enir.	C[
enird	_@
enire	IU
eniri	B]
enirk	RL
enirl	C[
enirm	QM
enirr	]B
enirs	RL
eniry	C[
enis 	UI
enis,	DZ
enis.	VH
enisa	EY
enisc	>b
enise	UI
enisi	LR
enisk	IU
enisl	g9
enisn	9g
eniso	SK
enisp	IU
enist	LR
enit 	SK
enit'	UI
enit,	d<
enit.	LR
enit;	MQ
enita	GW
enitc	RL
enite	JT
eniti	LR
enito	B]
enitr	]B
enits	TJ
enitt	HV
enitu	TJ
enity	ZD
eniu	TJ
enium	XF
enius	EY
eniv	MQ
eniva	DZ
enive	SK
enivi	QM
enivo	C[
enix	VH
enix 	LR
enix.	_@
enixe	YE
enixt	FX
eniy	LR
eniya	EY
eniz	MQ
enize	JT
enj.	VH
enj. 	VH
enja	QM
enjam	SK
enjar	^A
enje	HV
enjea	LR
enjec	JT
enji	^A
enjim	]B
enjoa	YE
enjoi	DZ
enjok	KS
enjor	^A
enjoy	QM
enju	UI
enjul	ZD
enjus	TJ
enk 	KS
enk -	MQ
enk 0	LR
enk a	SK
enk b	XF
enk c	TJ
enk d	DZ
enk e	MQ
enk f	MQ
enk g	@_
enk h	VH
enk i	JT
enk k	TJ
enk l	MQ
enk m	@_
enk n	[C
enk o	XF
enk p	?a
enk r	ZD
enk s	VH
enk t	GW
enk u	RL
enk w	SK
enk y	>b
enk |	a?
enk £	c=
enk'	IU
enk'd	VH
enk's	@_
enk)	KS
enk,	RL
enk, 	RL
enk-	YE
enk-i	ZD
enk.	LR
enk0	YE
enk0 	YE
enk:	LR
enk: 	LR
enk;	SK
enk; 	SK
enk?	EY
enk? 	EY
enk@	KS
enka	QM
enkaf	GW
enkan	YE
enkda	_@
enke	MQ
enke.	LR
enked	LR
enkee	YE
enkei	FX
enkel	QM
enken	TJ
enkep	C[
enker	KS
enkes	RL
enket	IU
enkev	VH
enkey	TJ
enkfa	MQ
enkg	b>
enkg 	a?
enki	MQ
enki 	MQ
enkid	C[
enkil	QM
enkin	LR
enkir	UI
enkit	RL
enkl	IU
enkle	QM
enkly	?a
enkm	VH
enkm 	XF
enkne	KS
enkno	TJ
enko	UI
enkon	LR
enkor	RL
enkr	TJ
enks 	HV
enks,	_@
enks.	GW
enks;	YE
enks@	]B
enksg	]B
enksh	SK
enku	C[
enkw	_@
enkwe	]B
enkwo	ZD
enky	A^
enky 	WG
enky.	A^
enl &	VH
enl -	UI
enl 0	MQ
enl a	JT
enl b	TJ
enl d	HV
enl e	h8
enl f	^A
enl h	EY
enl k	YE
enl l	UI
enl m	MQ
enl n	IU
enl o	EY
enl p	KS
enl s	>b
enl t	UI
enl u	YE
enl v	FX
enl w	KS
enl y	i7
enl |	TJ
enl £	YE
enl –	MQ
enl"	YE
enl" 	^A
enl",	B]
enl)	[C
enl) 	SK
enl-	YE
enl-o	e;
enl.	TJ
enl. 	RL
enl.e	JT
enl0	]B
enl0 	]B
enl:	LR
enl: 	LR
enl;	KS
enl; 	KS
enla 	QM
enlac	C[
enlad	XF
enlag	]B
enlai	WG
enlam	IU
enlap	HV
enlar	EY
enlas	JT
enlau	WG
enlaw	IU
enlay	UI
enlb	UI
enlb 	XF
enlb,	ZD
enlby	DZ
enlch	YE
enlco	QM
enlcu	GW
enld 	C[
enld,	VH
enld.	YE
enlde	WG
enldi	KS
enldn	GW
enldr	ZD
enlds	[C
enle	QM
enle 	QM
enle"	RL
enle'	C[
enle)	MQ
enle,	SK
enle.	]B
enle;	b>
enlea	UI
enleb	LR
enlec	YE
enled	[C
enlee	EY
enleg	FX
enlei	XF
enlem	>b
enlen	EY
enles	YE
enlet	HV
enlev	RL
enley	a?
enlf	LR
enlf,	TJ
enlf-	YE
enlf.	FX
enlg	TJ
enlga	ZD
enlha	WG
enlho	FX
enli 	FX
enlia	UI
enlib	QM
enlic	QM
enlid	RL
enlie	IU
enlif	_@
enlig	ZD
enlik	C[
enlil	GW
enlim	WG
enlin	LR
enlip	FX
enlis	FX
enlit	UI
enlk	HV
enlk 	MQ
enlk,	[C
enlk-	_@
enlk.	JT
enlke	@_
enlki	@_
enlks	QM
enll 	HV
enll"	TJ
enll'	UI
enll,	YE
enll-	YE
enll.	RL
enll;	UI
enlla	RL
enlle	UI
enllh	EY
enllm	C[
enllo	HV
enllp	^A
enlls	TJ
enllu	QM
enllw	RL
enlly	YE
enlm	SK
enlm 	YE
enlm,	WG
enlmo	B]
enlms	ZD
enln	]B
enln 	QM
enln,	]B
enln.	C[
enln0	WG
enlns	XF
enlnu	RL
enlo 	FX
enlo.	A^
enlo@	[C
enloa	EY
enloc	QM
enlod	XF
enlof	LR
enlog	GW
enlok	RL
enlol	SK
enlom	SK
enlon	]B
enloo	RL
enlor	SK
enlot	C[
enlou	JT
enlov	JT
enlp	MQ
enlp 	TJ
enlr	RL
enlre	UI
enls	UI
enls 	QM
enls,	MQ
enls.	LR
enls?	IU
enls@	]B
enlse	RL
enlsh	:f
enlso	c=
enlst	KS
enlt	XF
enlt 	]B
enlt.	JT
enltd	UI
enlte	C[
enltm	XF
enlto	QM
enltr	WG
enlts	MQ
enlu	YE
enlua	IU
enlub	RL
enlud	]B
enlue	RL
enlui	EY
enlur	GW
enlus	b>
enlut	VH
enlv	KS
enlve	LR
enlw	VH
enlwa	VH
enlwo	SK
enlwy	C[
enly	JT
enly!	MQ
enly)	KS
enly,	HV
enly.	SK
enlyl	C[
enm "	QM
enm $	SK
enm (	WG
enm 0	GW
enm c	SK
enm e	]B
enm f	KS
enm g	_@
enm h	RL
enm i	B]
enm k	EY
enm l	A^
enm n	EY
enm o	VH
enm p	SK
enm r	VH
enm s	WG
enm t	:f
enm u	XF
enm v	SK
enm w	XF
enm y	KS
enm |	HV
enm £	m3
enm –	[C
enm €	[C
enm'	GW
enm's	GW
enm)	]B
enm,	HV
enm, 	HV
enm-	c=
enm-0	SK
enm.	MQ
enm. 	MQ
enm.e	ZD
enm0	j6
enm0 	]B
enm:	LR
enm: 	LR
enm;	^A
enm; 	^A
enma	QM
enma 	KS
enma,	RL
enmac	RL
enmae	C[
enmag	IU
enmak	SK
enmal	TJ
enman	QM
enmap	9g
enmas	TJ
enmat	RL
enmau	KS
enmax	UI
enmb	LR
enmb 	ZD
enmbe	JT
enmbl	a?
enmbo	JT
enmbr	VH
enmbs	@_
enme	QM
enme"	EY
enme)	]B
enme,	[C
enme:	EY
enmea	MQ
enmeb	UI
enmed	HV
enmel	IU
enmem	^A
enmen	]B
enmeo	RL
enmer	RL
enmes	QM
enmet	KS
enmew	GW
enmi	IU
enmi,	IU
enmic	EY
enmid	KS
enmig	:f
enmil	b>
enmin	?a
enmis	LR
enmit	GW
enmix	DZ
enmm	@_
enmm,	YE
enmma	KS
enmme	IU
enmmi	<d
enmmo	MQ
enmmu	QM
enmn	HV
enmn 	JT
enmne	SK
enmob	EY
enmod	WG
enmog	GW
enmok	YE
enmol	^A
enmon	UI
enmoo	WG
enmos	^A
enmot	HV
enmp	TJ
enmp 	UI
enmpe	MQ
enmpl	RL
enmps	c=
enmpt	RL
enmr	KS
enmr.	TJ
enmrs	A^
enms 	VH
enms,	]B
enmse	RL
enmsi	JT
enmst	LR
enmu	LR
enmuc	QM
enmud	ZD
enmum	>b
enmun	JT
enmur	GW
enmy	@_
enmy 	@_
enmy,	DZ
enmys	RL
enn 	LR
enn $	c=
enn &	LR
enn (	WG
enn -	@_
enn /	SK
enn a	YE
enn b	MQ
enn c	DZ
enn d	ZD
enn e	B]
enn g	]B
enn h	]B
enn i	GW
enn j	@_
enn k	@_
enn l	JT
enn m	SK
enn n	IU
enn o	LR
enn p	KS
enn q	A^
enn r	UI
enn s	TJ
enn t	ZD
enn u	JT
enn v	KS
enn w	^A
enn |	KS
enn £	SK
enn –	ZD
enn"	HV
enn" 	KS
enn",	HV
enn'	MQ
enn's	YE
enn't	LR
enn)	HV
enn) 	GW
enn).	RL
enn,	RL
enn, 	RL
enn-	KS
enn-f	RL
enn-l	FX
enn.	GW
enn. 	HV
enn.e	SK
enn0	ZD
enn0 	XF
enn:	KS
enn: 	KS
enn;	RL
enn; 	RL
enn?	DZ
enn? 	DZ
enn@	_@
enn@t	WG
enna	MQ
enna 	LR
enna,	C[
ennab	]B
ennad	XF
ennag	_@
ennah	B]
ennam	A^
ennan	XF
ennar	_@
ennas	]B
ennat	JT
ennav	SK
ennb	WG
ennc	UI
ennch	WG
enncl	UI
ennco	TJ
enncu	A^
enncy	HV
ennd	QM
ennd 	TJ
ennd"	YE
ennd'	QM
ennd-	IU
ennd.	SK
ennda	JT
enndf	a?
enndi	RL
enndl	GW
enndm	UI
enndo	TJ
enndp	IU
enndr	IU
ennds	VH
enndu	IU
enndw	LR
enne	TJ
enne 	TJ
enne"	:f
enne'	?a
enne)	ZD
enne.	RL
enne:	UI
enne@	JT
ennea	>b
enned	UI
enneg	^A
ennei	LR
ennel	EY
ennem	FX
ennen	g9
ennep	A^
enneq	EY
enner	VH
ennes	EY
ennet	WG
ennev	UI
ennew	EY
enney	LR
ennf	KS
ennfi	GW
enng	MQ
enng!	DZ
enng"	IU
enng-	SK
enng.	TJ
enng:	QM
enng;	QM
ennga	HV
ennge	MQ
enngf	b>
enngi	MQ
enngl	B]
enngr	YE
enngs	TJ
enngt	EY
enngu	HV
ennh	a?
ennha	c=
enni	VH
enni 	FX
ennia	B]
ennic	TJ
ennie	MQ
ennif	RL
ennig	YE
ennim	MQ
ennio	[C
ennis	XF
ennit	]B
enniu	XF
ennj	VH
ennk	A^
ennk 	LR
ennk.	C[
ennke	MQ
ennki	>b
ennks	DZ
ennl	LR
ennla	XF
ennle	KS
ennli	B]
ennlo	HV
ennme	DZ
ennmo	ZD
ennn	TJ
ennn 	EY
ennn.	YE
ennna	UI
ennne	WG
ennni	HV
ennno	UI
ennnu	a?
ennny	QM
enno	HV
enno 	B]
enno,	@_
enno.	]B
ennob	UI
ennoc	UI
ennoe	GW
ennoi	LR
ennol	B]
ennot	LR
ennou	DZ
ennov	?a
ennow	RL
ennp	[C
ennq	FX
ennqu	FX
ennri	XF
enns	SK
enns 	TJ
enns"	QM
enns,	B]
enns.	JT
enns:	]B
ennsa	SK
ennsc	C[
ennse	QM
ennsi	IU
ennsp	WG
ennst	GW
ennsu	]B
ennt	LR
ennt 	EY
ennt,	SK
ennte	FX
ennth	WG
ennti	IU
enntl	JT
enntm	c=
enntr	TJ
ennts	FX
ennty	WG
ennu	KS
ennue	QM
ennum	DZ
ennur	d<
ennus	FX
ennut	GW
ennv	FX
ennve	IU
ennvi	JT
ennvo	QM
ennw	DZ
ennw 	MQ
ennwi	IU
enny	QM
enny 	MQ
ennyb	[C
ennym	RL
ennyo	[C
ennyt	GW
ennyw	DZ
enn–	KS
enn–f	JT
enn–t	ZD
enn”	EY
enn” 	EY
eno "	VH
eno (	ZD
eno 0	a?
eno a	IU
eno b	RL
eno d	JT
eno e	RL
eno f	B]
eno g	FX
eno h	HV
eno j	?a
eno k	RL
eno l	KS
eno m	JT
eno n	b>
eno o	HV
eno p	RL
eno r	GW
eno s	RL
eno t	WG
eno v	FX
eno w	KS
eno y	YE
eno £	ZD
eno –	IU
eno'	?a
eno's	@_
eno,	HV
eno, 	HV
eno-	TJ
eno-s	KS
eno:	XF
eno: 	XF
eno?	JT
eno? 	JT
eno@	]B
eno@l	ZD
eno@s	VH
enoa	SK
enoac	ZD
enoad	JT
enoal	HV
enoan	]B
enoar	VH
enoas	_@
enoat	DZ
enob	LR
enob 	HV
enob,	VH
enoba	RL
enobb	UI
enobe	JT
enobi	EY
enobj	C[
enobl	?a
enobo	UI
enobs	VH
enobv	FX
enoc	b>
enoca	a?
enocc	RL
enoch	^A
enoci	VH
enock	[C
enod 	A^
enod,	QM
enod.	XF
enoda	TJ
enodd	_@
enode	SK
enodi	GW
enods	WG
enodu	C[
enodw	]B
enody	VH
enoe.	A^
enoes	UI
enoev	_@
enof	QM
enof.	C[
enofe	QM
enofs	XF
enoft	RL
enog	QM
enog 	LR
enog,	XF
enog.	IU
enoge	LR
enogi	IU
enogo	EY
enogr	WG
enogs	LR
enoh	MQ
enoh 	KS
enoi	IU
enoic	IU
enoif	C[
enoin	MQ
enois	VH
enoj	RL
enoje	RL
enok	QM
enok'	VH
enok,	EY
enok.	KS
enok:	HV
enoka	C[
enoke	QM
enoki	VH
enoko	]B
enoks	JT
enol 	JT
enol,	IU
enole	a?
enolk	VH
enolo	B]
enols	UI
enolu	LR
enolv	FX
enoly	[C
enom	LR
enom 	LR
enom,	C[
enom.	QM
enoma	KS
enomb	ZD
enome	XF
enomi	GW
enomm	EY
enomp	JT
enoms	WG
enon	MQ
enon 	GW
enon"	KS
enon'	A^
enon)	MQ
enon-	RL
enon.	IU
enon:	GW
enona	XF
enonc	WG
enone	TJ
enonf	C[
enong	YE
enoni	VH
enonk	^A
enonn	HV
enono	?a
enons	B]
enont	QM
enonv	GW
enon–	KS
enoo	UI
enoo 	k5
enoo.	MQ
enood	IU
enoof	VH
enook	GW
enool	WG
enoom	QM
enoon	HV
enoor	TJ
enoos	IU
enop	SK
enop 	MQ
enop,	GW
enop-	VH
enop.	VH
enope	SK
enopi	LR
enopo	?a
enopp	]B
enops	XF
enopy	@_
enor 	IU
enor'	QM
enor)	_@
enor.	JT
enora	DZ
enorc	LR
enord	IU
enore	TJ
enorf	C[
enorg	[C
enori	h8
enork	b>
enorl	QM
enorm	GW
enorp	IU
enorr	HV
enors	[C
enort	MQ
enorv	VH
enory	MQ
enos	KS
enos 	MQ
enos,	KS
enosg	MQ
enosi	C[
enosp	MQ
enoss	KS
enost	MQ
enot	HV
enot,	[C
enot.	SK
enota	@_
enotb	A^
enote	RL
enoti	C[
enoto	DZ
enott	TJ
enou 	SK
enou'	JT
enou.	MQ
enou:	DZ
enou?	A^
enoub	WG
enouc	KS
enoud	HV
enoug	LR
enoul	LR
enoun	SK
enour	EY
enous	RL
enov	LR
enova	WG
enove	HV
enovi	RL
enow 	IU
enow)	UI
enow,	LR
enow.	MQ
enow:	FX
enow;	QM
enowa	QM
enowb	TJ
enowd	IU
enowi	=c
enown	SK
enowr	ZD
enows	XF
enox	RL
enox 	_@
enox.	FX
enoxb	LR
enoxe	JT
enoxi	HV
enoy 	EY
enoyl	VH
enoys	e;
enoz	LR
enoz 	^A
enoze	VH
enp 	MQ
enp /	ZD
enp 0	MQ
enp a	VH
enp b	LR
enp c	QM
enp d	DZ
enp e	IU
enp f	JT
enp h	QM
enp i	MQ
enp l	HV
enp m	LR
enp o	QM
enp p	B]
enp r	RL
enp s	[C
enp t	RL
enp u	LR
enp |	HV
enp £	UI
enp!	YE
enp'	LR
enp's	LR
enp)	DZ
enp) 	DZ
enp,	XF
enp, 	XF
enp-	RL
enp-u	EY
enp.	MQ
enp. 	RL
enp:	FX
enp: 	FX
enp;	WG
enp; 	WG
enpac	DZ
enpad	d<
enpag	9g
enpai	VH
enpal	ZD
enpan	SK
enpap	FX
enpar	VH
enpas	@_
enpat	QM
enpau	^A
enpay	JT
enpd	?a
enpda	B]
enpdf	B]
enpe	SK
enpe,	RL
enpe.	KS
enpea	FX
enped	KS
enpeg	d<
enpel	SK
enpes	[C
enpew	ZD
enph	IU
enph 	XF
enph,	SK
enpha	KS
enphe	FX
enpho	GW
enphs	IU
enpic	KS
enpie	KS
enpik	c=
enpil	QM
enpin	EY
enpip	JT
enpit	LR
enpl 	UI
enpla	SK
enple	QM
enplo	XF
enpls	LR
enplu	]B
enply	?a
enpm	UI
enpm 	RL
enpm.	b>
enpm;	^A
enpo	VH
enpo 	c=
enpoi	_@
enpok	GW
enpol	WG
enpon	g9
enpoo	[C
enpop	9g
enpor	SK
enpos	@_
enpou	RL
enpp	YE
enpp 	VH
enpp.	SK
enppa	VH
enppe	IU
enppl	JT
enppo	WG
enppr	^A
enppy	]B
enpr	RL
enpra	JT
enpre	a?
enpri	DZ
enpro	UI
enpru	[C
enps	UI
enps 	SK
enps.	UI
enpse	FX
enpt 	MQ
enpt,	JT
enpt.	RL
enpta	RL
enpte	VH
enpti	ZD
enpu	KS
enpul	XF
enpum	c=
enpun	FX
enpup	TJ
enpur	b>
enpus	C[
enput	DZ
enpw	^A
enpy	WG
enpy 	WG
enqt	VH
enqt 	SK
enqu	JT
enque	LR
enqui	IU
enquo	QM
enqx	UI
enqx0	UI
enr 	UI
enr "	LR
enr &	RL
enr (	UI
enr 0	KS
enr a	^A
enr b	SK
enr c	HV
enr d	EY
enr e	JT
enr f	UI
enr g	XF
enr h	QM
enr i	UI
enr j	c=
enr k	a?
enr l	SK
enr m	LR
enr o	RL
enr p	RL
enr q	IU
enr r	LR
enr s	SK
enr u	@_
enr v	EY
enr w	JT
enr y	GW
enr |	HV
enr –	TJ
enr!	FX
enr! 	FX
enr"	<d
enr" 	A^
enr".	FX
enr'	KS
enr's	KS
enr)	HV
enr) 	A^
enr),	RL
enr).	KS
enr,	RL
enr, 	RL
enr-	WG
enr-0	ZD
enr-e	[C
enr-i	FX
enr.	IU
enr. 	HV
enr."	B]
enr0	ZD
enr0 	ZD
enr:	HV
enr: 	HV
enr;	LR
enr; 	LR
enr?	SK
enr? 	GW
enr@	QM
enra	YE
enra,	EY
enra.	IU
enrab	^A
enrac	FX
enrad	UI
enrae	RL
enraf	MQ
enrag	]B
enram	f:
enran	IU
enrap	YE
enrar	QM
enras	c=
enrat	KS
enrau	_@
enrav	SK
enraw	LR
enray	QM
enrb	WG
enrb 	KS
enrbe	YE
enrbi	RL
enrbr	RL
enrby	RL
enrc	KS
enrca	]B
enrce	KS
enrci	LR
enrco	A^
enrcu	IU
enrd	SK
enrd 	JT
enrd'	IU
enrd,	VH
enrd.	[C
enrda	VH
enrdb	IU
enrde	MQ
enrdi	MQ
enrdl	^A
enrdo	SK
enrdr	SK
enrds	EY
enrdu	JT
enre	MQ
enre 	TJ
enre'	YE
enre,	TJ
enre-	e;
enre.	DZ
enre?	C[
enre@	UI
enrea	FX
enrec	LR
enred	KS
enree	RL
enref	TJ
enreg	IU
enrel	RL
enrep	_@
enreq	B]
enrer	@_
enres	QM
enrev	HV
enrew	^A
enrey	IU
enrf	e;
enrf,	VH
enrfl	^A
enrg	QM
enrga	SK
enrge	QM
enrgi	A^
enrgo	WG
enrgu	;e
enrh	HV
enrha	JT
enrhe	^A
enri	WG
enri 	d<
enri,	^A
enric	DZ
enrid	UI
enrie	IU
enrig	A^
enril	YE
enrim	]B
enrin	XF
enrio	KS
enrip	SK
enrit	[C
enriv	MQ
enriy	MQ
enriz	HV
enrj	SK
enrjo	SK
enrk	UI
enrk 	GW
enrk,	LR
enrk.	QM
enrkd	FX
enrke	EY
enrki	]B
enrks	YE
enrkw	_@
enrl	LR
enrla	SK
enrle	SK
enrli	UI
enrly	C[
enrm	TJ
enrm 	JT
enrm,	XF
enrm.	_@
enrma	]B
enrme	JT
enrmi	@_
enrmo	ZD
enrms	YE
enrn	VH
enrn 	YE
enrn,	IU
enrn.	^A
enrnb	WG
enrne	UI
enrnm	RL
enrno	=c
enrns	a?
enro	QM
enro 	UI
enroa	QM
enroc	XF
enrod	KS
enrof	QM
enrog	ZD
enroj	RL
enrok	QM
enrol	YE
enrom	IU
enror	C[
enros	A^
enrot	MQ
enrou	TJ
enrov	RL
enroz	GW
enrp	k5
enrpe	b>
enrph	^A
enrpr	]B
enrps	UI
enrq	C[
enrqu	C[
enrr 	XF
enrr,	[C
enrra	]B
enrre	KS
enrri	UI
enrry	GW
enrs	QM
enrs 	KS
enrs!	RL
enrs'	YE
enrs)	GW
enrs,	LR
enrs.	QM
enrs;	MQ
enrs?	JT
enrs@	YE
enrsa	[C
enrsb	YE
enrsd	SK
enrse	UI
enrsh	QM
enrsi	C[
enrso	LR
enrt	QM
enrt 	HV
enrt,	UI
enrt.	JT
enrta	A^
enrte	^A
enrth	UI
enrti	IU
enrtn	FX
enrto	A^
enrts	j6
enrtu	XF
enrty	MQ
enru	MQ
enru 	j6
enrua	IU
enruc	XF
enrud	IU
enrug	IU
enrui	WG
enrul	>b
enrum	RL
enrus	DZ
enrv	UI
enrva	JT
enrve	YE
enrw	VH
enrwa	c=
enrwe	DZ
enrwi	c=
enry 	QM
enry'	@_
enry)	IU
enry,	SK
enry-	UI
enry:	YE
enry;	UI
enry@	UI
enryb	@_
enryi	QM
enryo	DZ
enryt	]B
enryw	JT
ens 	SK
ens "	SK
ens $	TJ
ens &	FX
ens (	KS
ens +	g9
ens -	a?
ens 0	EY
ens a	YE
ens b	IU
ens d	LR
ens e	KS
ens f	TJ
ens g	UI
ens h	]B
ens i	MQ
ens j	_@
ens k	UI
ens m	d<
ens n	UI
ens o	EY
ens q	TJ
ens r	LR
ens s	XF
ens t	KS
ens u	KS
ens v	UI
ens w	RL
ens y	HV
ens |	KS
ens £	SK
ens ·	JT
ens –	IU
ens €	TJ
ens!	IU
ens! 	C[
ens"	QM
ens" 	QM
ens'	QM
ens' 	SK
ens) 	JT
ens),	HV
ens).	ZD
ens,	QM
ens, 	QM
ens-	XF
ens. 	RL
ens."	QM
ens.)	DZ
ens.e	HV
ens:	a?
ens: 	^A
ens;	]B
ens; 	]B
ens?	:f
ens? 	:f
ens@	]B
ens@a	YE
ens@b	UI
ens@f	]B
ens@g	VH
ens@h	XF
ens@q	KS
ens@s	TJ
ens@t	VH
ens@w	ZD
ensa	IU
ensa 	?a
ensa,	a?
ensag	QM
ensai	IU
ensal	[C
ensan	SK
ensap	9g
ensar	LR
ensas	LR
ensat	[C
ensav	EY
ensaw	b>
ensax	_@
ensay	8h
ensb	SK
ensba	C[
ensc	TJ
ensc 	[C
ensca	TJ
ensch	TJ
ensco	MQ
enscu	A^
ensd	WG
ensda	WG
ense 	B]
ense.	HV
ense:	[C
ense?	KS
ensea	VH
ensec	JT
ensed	^A
enseh	ZD
ensel	SK
ensem	SK
ensen	MQ
ensep	QM
enser	TJ
enses	a?
enset	HV
enseu	ZD
ensew	^A
ensgi	]B
ensgr	JT
ensh 	KS
ensh'	IU
ensh,	HV
ensh.	?a
ensha	XF
enshe	KS
enshi	MQ
ensho	MQ
enshr	HV
enshu	WG
ensi	LR
ensia	VH
ensib	DZ
ensic	UI
ensid	XF
ensie	DZ
ensig	TJ
ensin	IU
ensio	IU
ensir	9g
ensis	IU
ensit	MQ
ensiv	FX
ensix	QM
ensiz	MQ
ensk 	JT
ensk,	ZD
ensk.	^A
ensk0	VH
enski	LR
ensks	DZ
ensky	<d
ensl	RL
ensla	VH
enslo	c=
enslu	EY
ensly	FX
ensm	YE
ensma	TJ
ensme	YE
ensmi	LR
ensmo	YE
ensn	LR
ensn'	JT
ensna	RL
ensne	LR
ensno	SK
enso	KS
enso 	JT
enso.	QM
ensob	B]
ensoc	XF
ensoi	RL
ensol	UI
ensom	KS
enson	GW
ensoo	XF
ensor	=c
ensou	GW
enspa	SK
enspe	HV
enspi	MQ
enspl	g9
enspo	[C
enspr	KS
ensps	LR
enspu	SK
ensq	b>
ensqu	_@
ensr	IU
enss 	QM
enss,	QM
enss.	KS
enss:	IU
enssa	VH
ensse	XF
enssi	JT
enssl	EY
ensso	RL
enssu	TJ
enssw	A^
enst	VH
enst 	MQ
enst,	<d
enst-	C[
enst.	[C
enst;	EY
ensta	SK
enste	WG
ensti	IU
enstl	XF
ensto	]B
enstr	YE
ensts	EY
enstu	C[
ensty	YE
ensu	RL
ensua	XF
ensue	UI
ensui	]B
ensul	LR
ensum	LR
ensun	QM
ensup	B]
ensur	WG
ensw	HV
enswa	QM
enswe	GW
enswi	QM
enswo	DZ
ensy 	MQ
ensyc	LR
ent 	EY
ent "	ZD
ent &	b>
ent (	GW
ent 0	MQ
ent b	HV
ent c	RL
ent d	KS
ent e	IU
ent f	TJ
ent g	HV
ent h	QM
ent i	JT
ent j	ZD
ent k	MQ
ent l	LR
ent m	LR
ent o	QM
ent p	C[
ent q	A^
ent r	FX
ent s	WG
ent u	C[
ent v	EY
ent y	RL
ent £	KS
ent ·	JT
ent –	^A
ent €	YE
ent!	?a
ent! 	?a
ent"	FX
ent" 	JT
ent'	QM
ent's	QM
ent) 	KS
ent),	UI
ent).	GW
ent,	SK
ent, 	SK
ent-	IU
ent-s	KS
ent.	LR
ent. 	LR
ent."	MQ
ent.)	B]
ent.e	b>
ent0	A^
ent:	LR
ent: 	LR
ent;	HV
ent; 	HV
ent?	C[
ent? 	C[
ent@	_@
enta	KS
enta 	YE
enta,	KS
entab	A^
entac	EY
entaf	MQ
entag	GW
entai	FX
entak	]B
ental	B]
entan	QM
entap	<d
entar	UI
entas	IU
entat	TJ
entax	]B
entb	A^
entbc	FX
entch	QM
entd	SK
entd 	WG
entd,	YE
entd.	JT
ente	MQ
ente 	LR
ente)	TJ
ente,	@_
ente.	C[
ente:	>b
ente?	HV
entea	YE
entec	]B
entee	MQ
entel	SK
entem	RL
entep	VH
entes	KS
entev	>b
entew	TJ
entex	XF
entf	TJ
entfi	TJ
enth	LR
enth'	EY
enth,	TJ
enth.	LR
entha	KS
enthf	GW
enthi	FX
enthl	[C
entho	[C
enthr	TJ
enths	WG
enthu	UI
enthw	IU
enti	RL
entia	GW
entie	]B
entif	UI
entig	9g
entil	FX
entin	VH
entio	RL
entip	UI
entiq	SK
entir	MQ
entiv	UI
entle	QM
entlo	MQ
ently	WG
entm	XF
entma	QM
entme	XF
entn	UI
entne	]B
entni	_@
ento	JT
ento 	QM
ento,	C[
ento.	VH
entoc	HV
entod	YE
entog	RL
entok	RL
entol	9g
entom	HV
enton	GW
entoo	QM
entor	LR
entos	FX
entou	SK
entov	SK
entow	[C
entoy	FX
entp	^A
entr	RL
entra	TJ
entre	YE
entri	GW
entro	MQ
entru	LR
entry	LR
ents	SK
ents 	TJ
ents)	DZ
ents,	XF
ents.	QM
ents;	]B
ents?	HV
ents@	UI
entse	GW
entsi	UI
entsm	YE
entt	SK
entt 	TJ
entt,	MQ
entt.	RL
entta	LR
entte	MQ
entti	p0
enttl	HV
entto	<d
entty	EY
entu	KS
entua	WG
entuc	:f
entud	MQ
entue	RL
entuf	IU
entum	VH
entun	XF
entur	IU
entut	TJ
entwe	MQ
entwi	MQ
entwo	UI
enty	WG
enty 	TJ
enty,	WG
enty-	ZD
enty.	[C
entyp	DZ
enu 	TJ
enu 0	b>
enu b	RL
enu c	ZD
enu d	RL
enu f	IU
enu g	SK
enu i	GW
enu k	a?
enu l	_@
enu m	QM
enu n	MQ
enu o	EY
enu p	[C
enu t	EY
enu w	e;
enu'	JT
enu'd	YE
enu'l	FX
enu'r	EY
enu,	MQ
enu, 	MQ
enu.	JT
enu. 	MQ
enu.”	EY
enu:	DZ
enu: 	DZ
enu?	A^
enu? 	A^
enua	UI
enuad	@_
enuag	KS
enual	[C
enuan	FX
enuar	ZD
enuat	IU
enuay	GW
enub	RL
enub 	HV
enub-	EY
enubl	UI
enubr	QM
enubs	]B
enuc	EY
enuch	IU
enuck	HV
enuct	MQ
enud	GW
enud 	UI
enude	GW
enudg	C[
enudh	IU
enudi	KS
enudm	c=
enue	QM
enue 	ZD
enue,	C[
enue-	SK
enue.	VH
enueb	[C
enued	HV
enuee	ZD
enuen	MQ
enues	FX
enug	UI
enug 	b>
enuga	QM
enuge	RL
enugg	A^
enugh	MQ
enugu	TJ
enuh	ZD
enuhr	XF
enuic	DZ
enuie	HV
enuil	^A
enuin	C[
enuir	KS
enuk	YE
enul 	C[
enul.	YE
enula	[C
enuld	DZ
enule	FX
enulg	IU
enull	QM
enuls	TJ
enult	WG
enuly	WG
enum	EY
enum 	QM
enum'	IU
enum,	HV
enumb	GW
enume	UI
enumm	JT
enumn	EY
enump	[C
enums	JT
enun	UI
enuna	KS
enune	SK
enung	a?
enuni	YE
enunk	RL
enunl	FX
enunm	RL
enunn	MQ
enuns	KS
enuo	QM
enuot	TJ
enup 	TJ
enup,	TJ
enup.	TJ
enupd	B]
enuph	TJ
enupi	LR
enupl	C[
enupp	KS
enupr	LR
enups	LR
enur	SK
enur 	TJ
enur,	ZD
enur-	SK
enur.	YE
enura	B]
enurb	RL
enurc	MQ
enurd	QM
enure	KS
enurg	FX
enuri	MQ
enurn	TJ
enurp	]B
enurr	EY
enurs	A^
enurt	ZD
enurv	[C
enury	c=
enus	LR
enus 	IU
enus"	IU
enus,	KS
enus.	UI
enus;	WG
enusa	LR
enusb	C[
enuse	WG
enush	MQ
enusk	^A
enusl	FX
enuss	?a
enust	@_
enusu	_@
enut,	FX
enut-	HV
enut.	KS
enute	EY
enutf	SK
enuth	LR
enutl	^A
enuto	RL
enutt	WG
enutu	KS
enuy 	YE
enuya	IU
enuye	?a
enuz	MQ
env 	SK
env a	SK
env c	]B
env,	HV
env, 	HV
env0	JT
enva	RL
enva 	GW
envac	UI
enval	EY
envan	RL
envat	g9
envd	SK
envd 	SK
enve	GW
enve 	LR
enve"	JT
enve,	TJ
enve.	a?
envec	JT
enved	SK
envel	RL
envem	<d
enven	A^
enver	TJ
envey	QM
envi	KS
envic	RL
envie	DZ
envin	JT
envio	FX
envit	HV
envo	EY
envoi	IU
envol	TJ
envos	KS
envu	IU
envul	IU
envy	>b
envy 	?a
enw 0	WG
enw a	B]
enw b	SK
enw c	c=
enw d	TJ
enw e	SK
enw f	TJ
enw g	XF
enw h	JT
enw i	QM
enw l	[C
enw m	5k
enw n	>b
enw o	b>
enw p	B]
enw r	GW
enw s	_@
enw t	@_
enw w	RL
enw y	LR
enw'	TJ
enw's	TJ
enw)	WG
enw) 	UI
enw,	KS
enw, 	KS
enw.	KS
enw. 	JT
enw.e	YE
enw/	JT
enw/ 	HV
enw0	ZD
enw0 	YE
enw:	IU
enw: 	IU
enw;	QM
enw; 	QM
enw@	EY
enwa	IU
enwag	XF
enwai	SK
enwal	ZD
enwan	IU
enwar	FX
enwas	GW
enwat	UI
enway	MQ
enwb	UI
enwby	TJ
enwc	MQ
enwd	DZ
enwda	EY
enwe	WG
enwe 	]B
enwe'	QM
enwe.	_@
enwea	SK
enweb	<d
enwei	JT
enwel	RL
enwen	KS
enwer	JT
enwes	<d
enwet	WG
enwex	VH
enwf	XF
enwh	LR
enwha	IU
enwhe	TJ
enwhi	B]
enwho	TJ
enwhy	ZD
enwi 	[C
enwic	_@
enwid	^A
enwif	9g
enwim	RL
enwin	A^
enwir	KS
enwis	GW
enwit	SK
enwk	UI
enwk 	ZD
enwks	SK
enwl	YE
enwl 	]B
enwls	VH
enwm	SK
enwmi	SK
enwn 	UI
enwn,	WG
enwn.	=c
enwne	TJ
enwnl	C[
enwns	HV
enwo 	ZD
enwo,	c=
enwo.	B]
enwob	GW
enwom	WG
enwon	GW
enwoo	TJ
enwor	QM
enwou	FX
enwra	_@
enwre	JT
enws	TJ
enws 	f:
enws.	;e
enwsp	GW
enww	JT
enww.	JT
enwww	JT
enwy	SK
enwye	[C
enx 	IU
enx 0	JT
enx a	d<
enx b	[C
enx f	TJ
enx h	GW
enx i	XF
enx o	FX
enx r	RL
enx w	SK
enx,	JT
enx, 	JT
enx.	VH
enx. 	VH
enx0 	VH
enx00	DZ
enx@	GW
enxa	YE
enxam	YE
enxb	QM
enxbl	LR
enxc	TJ
enxe	]B
enxes	JT
enxi	LR
enxin	LR
enxis	]B
enxl	UI
enxle	QM
enxm	JT
enxma	EY
enxp	MQ
enxt	IU
enxt 	SK
enxtr	GW
enxty	EY
enxx	UI
eny 	TJ
eny "	SK
eny &	WG
eny '	@_
eny (	LR
eny +	KS
eny 0	c=
eny a	GW
eny b	QM
eny c	MQ
eny f	KS
eny g	LR
eny h	]B
eny i	TJ
eny j	MQ
eny k	JT
eny l	VH
eny m	JT
eny n	HV
eny p	TJ
eny r	UI
eny s	VH
eny u	B]
eny v	[C
eny w	KS
eny y	C[
eny |	TJ
eny £	XF
eny –	UI
eny!	C[
eny!!	C[
eny"	A^
eny" 	DZ
eny'	GW
eny'r	[C
eny's	DZ
eny'v	JT
eny)	FX
eny) 	IU
eny),	IU
eny).	SK
eny,	JT
eny, 	JT
eny-	YE
eny-o	^A
eny.	KS
eny. 	IU
eny.e	]B
eny0	YE
eny:	MQ
eny: 	MQ
eny;	TJ
eny; 	TJ
eny?	C[
eny? 	C[
eny@	UI
enya	FX
enya 	B]
enya,	EY
enyan	DZ
enyar	RL
enyb	JT
enybe	FX
enyc	YE
enycl	WG
enyd	EY
enye	VH
enye 	TJ
enyea	YE
enyel	8h
enyem	LR
enyes	SK
enyet	QM
enyi	XF
enyin	YE
enyl	HV
enyla	QM
enyle	@_
enyli	VH
enym	RL
enyme	GW
enymo	RL
enyn 	SK
enyo	QM
enyo 	[C
enyor	e;
enyou	LR
enyp	DZ
enype	EY
enypi	JT
enyr	SK
enyr 	_@
enyr,	RL
enyre	HV
enyrs	[C
enys	UI
enys 	LR
enys,	XF
enys.	LR
enys:	VH
enys;	WG
enyse	RL
enyst	b>
enyv	IU
enyw	JT
enywh	C[
enywi	[C
enyy	GW
enyy 	GW
enz,	EY
enz, 	EY
enze	TJ
enze,	DZ
enzel	XF
enzen	VH
enzer	SK
enzz	MQ
en| 	KS
en| -	YE
en| 0	WG
en| a	SK
en| b	VH
en| c	XF
en| d	JT
en| e	LR
en| f	?a
en| g	SK
en| h	RL
en| j	LR
en| k	RL
en| l	IU
en| m	QM
en| n	_@
en| o	FX
en| p	JT
en| r	c=
en| s	QM
en| t	WG
en| u	HV
en| w	]B
en| |	C[
en| £	e;
en~ 	TJ
en~~	TJ
en~~ 	TJ
en£0	UI
en£0 	YE
en£0.	VH
en£0m	[C
en© 	DZ
en· 	B]
en· 0	JT
en· c	VH
en· f	KS
en· p	GW
en· w	A^
en– a	VH
en– c	KS
en– d	DZ
en– f	FX
en– h	C[
en– l	EY
en– m	JT
en– n	C[
en– p	DZ
en– s	QM
en– t	VH
en–0	UI
en–0 	LR
en–0,	WG
en–0.	RL
en–00	n2
en–f	JT
en–fr	JT
en–t	ZD
en–th	ZD
en“b	EY
en“bu	EY
en“h	HV
en“he	HV
en“t	JT
en“th	JT
en“y	EY
en“yo	EY
en” 	LR
en” (	EY
en€0	b>
en€00	b>
en★ 	HV
en★ "	HV
en★★	JT
en★★ 	HV
en★★★	HV
es "	B]
es "m	HV
es "p	DZ
es "s	HV
es $	_@
es $ 	VH
es $0	b>
es %	YE
es % 	YE
es (	SK
es (0	RL
es (a	KS
es (b	JT
es (d	TJ
es (e	LR
es (g	JT
es (p	IU
es (s	RL
es (t	QM
es +	JT
es + 	JT
es -	GW
es ->	HV
es /	JT
es / 	JT
es 0	[C
es 0 	XF
es 0.	[C
es 00	YE
es 0:	QM
es @	XF
es a	RL
es a 	UI
es ab	WG
es ac	@_
es ag	b>
es al	XF
es am	EY
es an	LR
es ap	TJ
es aq	VH
es at	ZD
es av	MQ
es ay	HV
es az	GW
es añ	MQ
es aú	HV
es b	MQ
es b0	c=
es ba	UI
es be	HV
es bi	JT
es bl	FX
es bo	SK
es br	TJ
es bu	EY
es c	QM
es c/	XF
es ca	WG
es ch	YE
es ci	YE
es co	GW
es cp	[C
es cr	MQ
es cu	RL
es có	LR
es da	LR
es de	KS
es di	JT
es do	TJ
es du	WG
es dí	QM
es dó	GW
es e	QM
es e 	SK
es el	MQ
es em	VH
es er	RL
es es	JT
es eu	SK
es ev	HV
es ex	JT
es f	QM
es fe	RL
es fi	a?
es fl	EY
es fo	DZ
es fr	JT
es g0	WG
es ge	IU
es go	MQ
es gr	IU
es gu	HV
es h	EY
es h.	HV
es ha	GW
es hi	QM
es ho	DZ
es hu	TJ
es i	MQ
es ig	JT
es im	WG
es in	KS
es iv	^A
es j	TJ
es ja	SK
es jo	HV
es ju	RL
es jó	KS
es k	VH
es ki	TJ
es km	RL
es l-	UI
es la	KS
es le	GW
es li	KS
es ll	VH
es lí	FX
es m	KS
es mo	KS
es mu	LR
es mí	MQ
es mú	HV
es n	EY
es n.	XF
es na	RL
es ne	MQ
es ni	FX
es no	B]
es nu	SK
es nú	GW
es o	QM
es o 	JT
es ob	MQ
es oc	YE
es of	GW
es oj	IU
es ol	SK
es on	JT
es op	KS
es or	LR
es ot	MQ
es p	KS
es p.	JT
es pe	HV
es pi	SK
es pl	RL
es po	RL
es pr	MQ
es pu	MQ
es pá	GW
es q	C[
es qu	C[
es r	QM
es ra	SK
es ri	TJ
es ro	KS
es ru	KS
es rá	HV
es rí	QM
es s	TJ
es s.	ZD
es sa	LR
es se	RL
es si	UI
es so	QM
es su	RL
es sá	UI
es sé	GW
es sí	VH
es t	QM
es ta	YE
es te	LR
es tf	YE
es ti	VH
es tl	QM
es to	QM
es tr	TJ
es tu	C[
es u	MQ
es un	IU
es ur	_@
es us	TJ
es v	KS
es va	QM
es ve	HV
es vi	VH
es ví	LR
es w	@_
es we	C[
es x	QM
es y 	RL
es ya	JT
es yo	TJ
es yu	LR
es z	ZD
es |	QM
es | 	QM
es «	A^
es «e	IU
es «l	IU
es «u	GW
es él	RL
es ér	HV
es ó	IU
es ú	KS
es úl	KS
es “	SK
es €	YE
es € 	SK
es €)	LR
es €,	XF
es €.	ZD
es €/	YE
es €;	QM
es! 	QM
es" 	LR
es" s	KS
es",	GW
es", 	GW
es".	EY
es". 	EY
es"el	TJ
es"m	HV
es"p	DZ
es"s	HV
es$ 	VH
es$ 0	VH
es$0	b>
es$0,	WG
es$00	b>
es% 	[C
es% d	XF
es(0	RL
es(0 	SK
es(00	QM
es(a	KS
es(b	JT
es(de	TJ
es(e	LR
es(el	XF
es(en	KS
es(es	KS
es(g	JT
es(ge	JT
es(gr	SK
es(p	IU
es(pr	IU
es(s	RL
es(se	QM
es(t	QM
es(te	GW
es) 	IU
es) l	QM
es),	GW
es), 	GW
es).	RL
es). 	RL
es+ 	JT
es, "	SK
es, 0	WG
es, c	RL
es, d	a?
es, g	LR
es, i	KS
es, j	EY
es, l	GW
es, m	SK
es, n	?a
es, o	GW
es, p	UI
es, q	XF
es, r	RL
es, s	XF
es, t	WG
es, v	VH
es, y	UI
es,0	HV
es,00	HV
es- 	JT
es-0	YE
es-00	WG
es->	HV
es-> 	HV
es-v	YE
es-v 	UI
es. 0	^A
es. d	a?
es. e	MQ
es. s	YE
es."	HV
es." 	HV
es.)	JT
es.) 	JT
es.0	]B
es.00	]B
es.d	GW
es.d.	GW
es.e	XF
es.ex	YE
es.l	^A
es.l.	^A
es.p	TJ
es.p.	TJ
es.»	JT
es.» 	JT
es/ 0	RL
es/k	JT
es/kg	TJ
es0 	[C
es0 %	YE
es0 (	WG
es0 -	JT
es0 /	RL
es0 0	^A
es0 a	VH
es0 c	RL
es0 d	UI
es0 h	JT
es0 k	RL
es0 l	b>
es0 m	[C
es0 n	VH
es0 o	LR
es0 s	_@
es0 t	IU
es0 v	ZD
es0 y	HV
es0 €	YE
es0%	VH
es0% 	VH
es0)	UI
es0) 	QM
es0).	RL
es0,	RL
es0, 	VH
es0,0	HV
es0-	ZD
es0-0	WG
es0-s	MQ
es0.	VH
es0. 	TJ
es0.0	]B
es00	[C
es00 	YE
es00%	VH
es00)	UI
es00,	RL
es00-	ZD
es00.	RL
es000	XF
es00:	LR
es00;	VH
es00h	XF
es0:0	MQ
es0;	VH
es0; 	VH
es0h	XF
es: 	HV
es: "	HV
es: 0	QM
es: m	QM
es: p	QM
es: «	FX
es:0	MQ
es:00	MQ
es; 	WG
es; a	RL
es; c	RL
es; d	UI
es; e	VH
es; l	VH
es; y	LR
es> 	HV
es? 	EY
es@l	RL
es@la	RL
es@p	RL
es@pe	RL
es@r	SK
es@re	SK
es@s	RL
es@sa	RL
es@t	XF
esa 	KS
esa $	TJ
esa 0	WG
esa a	LR
esa b	FX
esa c	[C
esa d	FX
esa e	SK
esa f	KS
esa g	@_
esa h	LR
esa i	IU
esa j	GW
esa m	SK
esa n	KS
esa o	GW
esa p	RL
esa q	IU
esa r	XF
esa s	YE
esa t	WG
esa u	B]
esa v	^A
esa w	C[
esa y	UI
esa |	IU
esa «	KS
esa é	IU
esa!	B]
esa" 	SK
esa)	FX
esa) 	FX
esa),	IU
esa,	WG
esa, 	WG
esa.	WG
esa. 	SK
esa.e	UI
esa;	VH
esa; 	VH
esa?	ZD
esa? 	ZD
esa@	WG
esaa	LR
esab	WG
esaba	UI
esabe	UI
esabi	WG
esabl	A^
esabr	KS
esabu	]B
esac	UI
esaca	JT
esace	c=
esaci	UI
esaco	QM
esact	GW
esacu	EY
esad	XF
esad 	VH
esada	SK
esade	SK
esadi	_@
esado	SK
esadr	RL
esadu	KS
esae	QM
esaer	WG
esaf	QM
esag	_@
esaga	WG
esago	^A
esagr	LR
esagu	WG
esah 	LR
esaho	SK
esai	LR
esaig	MQ
esain	SK
esaje	GW
esajo	TJ
esal	MQ
esal 	UI
esal)	KS
esal,	IU
esal.	C[
esala	LR
esalb	ZD
esalc	RL
esale	GW
esalg	IU
esali	LR
esall	TJ
esalm	VH
esalo	QM
esalq	TJ
esalt	ZD
esalu	C[
esalv	JT
esama	HV
esamb	RL
esame	MQ
esami	KS
esamo	TJ
esan 	MQ
esanc	LR
esand	KS
esane	UI
esang	IU
esani	ZD
esano	b>
esans	QM
esanu	ZD
esanz	IU
esao	SK
esap	UI
esapa	A^
esape	DZ
esapi	RL
esapp	KS
esapr	[C
esar 	LR
esar,	^A
esara	LR
esarb	TJ
esarc	a?
esard	ZD
esare	QM
esarg	FX
esari	KS
esarj	TJ
esarl	@_
esarn	SK
esaro	A^
esarr	TJ
esart	MQ
esarz	SK
esarí	9g
esas	LR
esas 	B]
esas,	YE
esas.	MQ
esas:	TJ
esasa	QM
esasc	XF
esase	MQ
esasi	TJ
esaso	XF
esast	B]
esasí	IU
esat	VH
esate	LR
esati	^A
esato	RL
esatr	QM
esaur	XF
esav	WG
esava	_@
esave	b>
esavi	MQ
esavo	KS
esaví	GW
esax	QM
esay	SK
esay 	QM
esaya	KS
esaye	UI
esayo	WG
esayu	MQ
esaz	EY
esaza	MQ
esazo	GW
esazu	GW
esaí	TJ
esaña	_@
esaño	KS
esaú	HV
esaún	HV
esb 	TJ
esb d	UI
esb,	HV
esb, 	HV
esb.	DZ
esb0	e;
esb00	c=
esb@	TJ
esba	]B
esba 	XF
esba.	MQ
esbai	JT
esbaj	TJ
esbal	GW
esban	WG
esbar	[C
esbas	SK
esbat	GW
esbe 	DZ
esbec	VH
esbel	QM
esbem	LR
esben	HV
esber	VH
esbet	KS
esbi	TJ
esbia	YE
esbic	TJ
esbie	KS
esbil	GW
esbin	YE
esbio	UI
esbir	HV
esbié	VH
esbió	HV
esbl	DZ
esbla	IU
esble	FX
esbli	KS
esblo	TJ
esbo	MQ
esbo 	DZ
esbod	VH
esbog	KS
esbol	LR
esbom	QM
esbor	WG
esbr	JT
esbra	HV
esbre	IU
esbro	RL
esbue	DZ
esbuj	GW
esbur	C[
esbus	UI
esbv	FX
esbve	FX
esbí	KS
esbín	KS
esbó	XF
esbón	XF
esc 	LR
esc.	YE
esc/	XF
esc/ 	XF
esca	LR
esca 	@_
esca,	MQ
esca:	LR
escab	RL
escad	TJ
escae	IU
escaj	JT
escal	WG
escan	JT
escap	KS
escat	FX
escc	JT
escci	JT
esce	TJ
esce 	JT
esce.	]B
esced	XF
escei	RL
escel	MQ
escem	a?
escen	VH
esch	[C
esche	WG
eschi	FX
escho	^A
esci	QM
escia	RL
escic	ZD
escid	B]
escif	ZD
escim	UI
escin	VH
escio	FX
escip	c=
escir	FX
escis	XF
escit	SK
escl	XF
escla	QM
escli	GW
esclu	]B
esco	KS
esco 	SK
esco)	[C
esco,	XF
esco.	IU
escob	LR
escoc	TJ
escog	QM
escol	LR
escon	SK
escoo	MQ
escop	GW
escor	MQ
escos	UI
escot	MQ
escp	[C
escp 	[C
escri	LR
escru	QM
escta	IU
escti	UI
escto	MQ
esctr	YE
esctu	GW
escu	SK
escua	QM
escuc	SK
escui	KS
escul	QM
escum	LR
escuo	RL
escup	UI
escuá	IU
escuñ	EY
escé	SK
escés	IU
escí	HV
escía	JT
escó	MQ
escóm	LR
esd 	SK
esd d	XF
esd t	QM
esd.	FX
esd. 	FX
esda	QM
esda 	LR
esda,	XF
esda.	XF
esdad	[C
esdal	SK
esdam	JT
esdan	DZ
esdas	YE
esdav	GW
esde	LR
esde 	LR
esde,	LR
esde.	FX
esdeb	FX
esdec	QM
esded	TJ
esdej	LR
esdel	KS
esdem	UI
esden	SK
esdeo	MQ
esdes	MQ
esdet	EY
esdev	XF
esdib	JT
esdic	JT
esdid	RL
esdie	RL
esdig	RL
esdim	XF
esdio	QM
esdir	KS
esdis	RL
esdit	IU
esdo,	JT
esdo.	HV
esdob	VH
esdol	]B
esdr	VH
esdre	QM
esdri	VH
esdu	VH
esdua	SK
esduc	IU
esdul	QM
esdur	RL
esdí	KS
esdí 	SK
esdó 	QM
esdón	DZ
ese 	LR
ese "	GW
ese $	c=
ese (	KS
ese 0	VH
ese c	QM
ese d	XF
ese e	SK
ese f	VH
ese g	DZ
ese h	B]
ese i	UI
ese j	TJ
ese m	QM
ese n	SK
ese o	KS
ese p	WG
ese q	MQ
ese s	IU
ese t	GW
ese u	HV
ese y	RL
ese é	WG
ese)	KS
ese) 	UI
ese,	TJ
ese, 	TJ
ese-	WG
ese.	TJ
ese. 	RL
ese.e	SK
ese:	EY
ese: 	EY
esea	LR
esea 	MQ
esead	LR
esean	DZ
eseat	YE
eseb	EY
eseb 	HV
eseb,	GW
eseba	KS
esebe	A^
esebi	TJ
esebl	[C
esebo	JT
esec	FX
eseca	XF
esecc	JT
esece	FX
eseci	EY
esecr	TJ
esect	RL
esecu	EY
esecí	MQ
esed	SK
esed 	SK
eseda	DZ
esede	YE
esedi	WG
esedo	SK
esedr	QM
esee	GW
esef	LR
esega	WG
esegi	QM
esegl	TJ
esego	MQ
esegr	JT
esegu	@_
esegú	SK
eseh	SK
esei	[C
eseis	[C
eseit	QM
esej	GW
eseja	LR
esejo	IU
esel,	IU
esel.	c=
esela	ZD
eselc	WG
eselo	WG
esels	HV
eselt	SK
eselv	LR
esem	]B
esemb	YE
esemi	^A
esemo	ZD
esemp	LR
esemá	RL
esen 	QM
esen,	JT
esen.	LR
esena	HV
esenc	RL
esend	QM
esene	WG
eseni	SK
eseno	SK
esens	UI
esent	RL
esenv	UI
eseo 	QM
esep	QM
esepa	JT
esepo	SK
esept	ZD
eseq	TJ
esequ	TJ
eser 	KS
eser,	JT
eser@	VH
esera	WG
eserc	GW
eserd	?a
esere	DZ
eserg	LR
eseri	TJ
eserl	LR
esern	SK
esero	TJ
eserr	XF
esers	JT
esert	QM
eserv	RL
eserz	YE
eserí	QM
eses	LR
eses,	HV
eses.	LR
eses:	DZ
esesa	TJ
esesc	TJ
esesd	VH
esesf	ZD
esesi	JT
eseso	FX
esesp	IU
esesq	YE
esess	TJ
esest	WG
eset	RL
esete	[C
eseto	EY
esetr	KS
eseus	TJ
esev	XF
eseva	YE
eseve	ZD
esex	UI
esexa	YE
esext	EY
esey	RL
esey 	IU
esez	UI
esez.	ZD
eseza	RL
esezc	IU
esezó	QM
eseí	RL
eseñ	VH
eseña	[C
eseñi	MQ
esf b	ZD
esf g	WG
esfa	RL
esfa 	RL
esfac	HV
esfad	TJ
esfal	[C
esfav	KS
esfec	FX
esfer	TJ
esfi	ZD
esfic	IU
esfid	ZD
esfie	]B
esfin	HV
esfir	RL
esfl	EY
esflo	EY
esfn	YE
esfno	YE
esfo	JT
esfon	MQ
esfor	QM
esfot	B]
esfr	IU
esfra	IU
esfre	MQ
esfu	RL
esfue	B]
esfug	QM
esfum	XF
esfun	d<
esfur	KS
esfá	[C
esg,	QM
esg, 	QM
esg.	JT
esg. 	KS
esg0	WG
esg00	WG
esga 	B]
esga,	QM
esga.	UI
esgad	LR
esgal	HV
esgan	QM
esgar	KS
esgas	RL
esgañ	JT
esgem	_@
esgen	KS
esges	RL
esgi	KS
esgin	DZ
esgio	QM
esgis	]B
esgl	RL
esgla	QM
esglé	FX
esgo 	KS
esgoc	QM
esgon	QM
esgos	ZD
esgr	FX
esgri	A^
esgro	GW
esgu	IU
esgue	RL
esgui	VH
esgun	A^
esgur	IU
esgus	C[
esgú	SK
esgún	SK
esgü	SK
esgüe	SK
esh 	MQ
esh y	MQ
esh,	YE
esh, 	YE
esh.	EY
esh. 	EY
esha	LR
esha 	FX
eshab	@_
eshac	c=
eshan	C[
eshar	TJ
eshas	?a
eshat	MQ
eshay	MQ
eshe	TJ
eshe 	KS
eshe.	HV
eshec	QM
eshen	YE
esher	RL
eshes	QM
eshi	KS
eshi 	DZ
eshid	WG
eshij	MQ
eshis	KS
eshit	HV
esho	MQ
esho 	YE
esho,	FX
eshol	>b
eshom	^A
eshon	JT
eshor	VH
eshu	UI
eshí	TJ
esi 	MQ
esi a	TJ
esi c	IU
esi d	LR
esi e	KS
esi h	TJ
esi l	SK
esi m	B]
esi n	MQ
esi q	KS
esi s	IU
esi t	UI
esi u	RL
esi v	QM
esi,	GW
esi, 	GW
esia,	WG
esia.	TJ
esiac	XF
esiad	RL
esian	KS
esiar	DZ
esias	QM
esiat	QM
esib	HV
esiba	IU
esibi	C[
esibo	EY
esic	KS
esica	JT
esicl	ZD
esicu	UI
esid	SK
esida	QM
eside	WG
esidi	FX
esidr	ZD
esie	RL
esie 	ZD
esied	LR
esiem	KS
esien	SK
esier	MQ
esies	UI
esiet	LR
esiez	QM
esif	MQ
esif 	QM
esifi	JT
esig	MQ
esiga	TJ
esigu	KS
esij	SK
esije	UI
esijo	QM
esil	VH
esil 	SK
esil.	LR
esila	LR
esile	TJ
esill	TJ
esilo	^A
esim	YE
esimb	WG
esime	LR
esimi	XF
esimo	b>
esimp	TJ
esin	SK
esin 	MQ
esina	IU
esinc	VH
esind	TJ
esine	XF
esinf	MQ
esing	QM
esint	YE
esinv	QM
esiné	IU
esio	TJ
esio 	SK
esio)	SK
esio,	QM
esiod	QM
esios	FX
esip	VH
esipa	^A
esipc	VH
esipi	RL
esiq	UI
esiqu	UI
esir 	KS
esir.	IU
esir:	IU
esira	LR
esirg	MQ
esirm	RL
esiro	WG
esirv	EY
esis 	ZD
esis,	RL
esis.	LR
esisa	SK
esisc	JT
esise	HV
esisi	IU
esism	SK
esiso	KS
esist	QM
esit	MQ
esita	KS
esite	LR
esiti	WG
esito	LR
esitr	a?
esitu	FX
esiv	SK
esiva	YE
esive	KS
esivo	DZ
esivá	UI
esix	LR
esiz.	RL
esiá	HV
esián	HV
esié	MQ
esién	JT
esiér	SK
esiñ	RL
esiño	RL
esió	HV
esió 	RL
esió.	FX
esió:	HV
esión	HV
esja	XF
esja 	UI
esja.	QM
esjab	SK
esjac	TJ
esjaj	FX
esjam	UI
esjar	VH
esje,	IU
esjed	RL
esjer	C[
esjes	UI
esji	RL
esjo	IU
esjo 	LR
esjo,	DZ
esjo.	SK
esjor	FX
esju	RL
esjue	WG
esjul	VH
esjó	KS
esjóv	KS
eskg	TJ
eskg,	TJ
eski	KS
eskil	TJ
eskm	JT
eskm 	HV
esl 	QM
esl (	UI
esl 0	VH
esl a	DZ
esl b	IU
esl c	KS
esl d	UI
esl e	KS
esl g	ZD
esl h	IU
esl i	JT
esl j	QM
esl l	KS
esl n	KS
esl o	XF
esl p	XF
esl q	GW
esl r	GW
esl t	RL
esl v	IU
esl y	VH
esl ú	MQ
esl)	KS
esl,	HV
esl, 	HV
esl-	UI
esl-v	UI
esl.	JT
esl. 	JT
esl:	HV
esl: 	HV
esla	MQ
esla 	KS
esla,	GW
esla.	QM
esla@	VH
eslab	LR
eslac	EY
eslag	KS
eslal	RL
eslan	MQ
eslap	QM
eslar	XF
eslas	EY
eslav	a?
eslaz	LR
eslb	ZD
eslba	YE
eslc	WG
eslca	KS
eslco	WG
esld	RL
eslda	ZD
esldo	VH
esle	MQ
esle 	UI
esle.	VH
eslea	DZ
esleg	KS
eslei	FX
eslen	JT
esleo	YE
esler	SK
esles	RL
eslet	EY
eslev	WG
eslg	JT
eslga	DZ
eslgu	TJ
esli	JT
eslia	LR
eslib	GW
eslid	C[
eslim	RL
eslin	QM
eslio	SK
eslir	FX
eslit	^A
esliv	FX
esll	TJ
esll 	QM
eslle	_@
eslli	JT
esllo	MQ
esllu	RL
eslm	UI
eslma	TJ
eslme	XF
eslo	QM
eslo,	MQ
eslo.	GW
esloc	RL
eslog	IU
esloj	SK
eslol	GW
eslom	RL
eslon	]B
eslor	HV
eslos	VH
eslq	UI
eslqu	UI
esls	IU
esls 	IU
eslt	VH
eslta	YE
eslti	KS
eslto	RL
eslu	HV
eslub	XF
esluc	JT
eslud	C[
eslui	JT
eslum	RL
eslun	KS
eslva	EY
eslve	b>
eslá	SK
eslám	QM
eslé	LR
esléc	MQ
esléf	QM
eslés	FX
eslí	HV
eslíg	TJ
esló	[C
esm 	EY
esm.	QM
esm. 	QM
esma 	SK
esma.	DZ
esmac	VH
esmad	JT
esmai	KS
esmal	GW
esmam	KS
esman	QM
esmap	A^
esmas	MQ
esmat	RL
esmav	TJ
esmay	WG
esmañ	UI
esmb	TJ
esmba	QM
esmbi	UI
esme	LR
esme 	A^
esmed	WG
esmej	FX
esmen	RL
esmer	HV
esmes	^A
esmet	TJ
esmi	WG
esmic	MQ
esmie	HV
esmig	XF
esmim	]B
esmin	SK
esmié	VH
esmn	KS
esmo	XF
esmo 	EY
esmo.	[C
esmod	JT
esmol	]B
esmor	UI
esmos	VH
esmot	UI
esmp	UI
esmpa	JT
esmpe	VH
esmpi	MQ
esmpl	VH
esmpo	MQ
esmpr	ZD
esmu	TJ
esmuc	A^
esmud	WG
esmue	WG
esmuj	JT
esmul	EY
esmun	QM
esmuy	HV
esmá	MQ
esmát	KS
esmí	QM
esmín	ZD
esmóv	KS
esmú	HV
esmús	HV
esn (	UI
esn 0	KS
esn b	RL
esn c	SK
esn d	GW
esn e	KS
esn f	VH
esn g	VH
esn i	TJ
esn j	TJ
esn m	C[
esn n	EY
esn o	A^
esn p	YE
esn r	WG
esn s	JT
esn t	JT
esn v	GW
esn,	JT
esn, 	JT
esn.	UI
esn. 	TJ
esn.º	XF
esn:	EY
esn: 	EY
esna	MQ
esna)	HV
esna,	WG
esna.	DZ
esna:	MQ
esna@	ZD
esnal	FX
esnar	LR
esnas	QM
esnat	LR
esnav	ZD
esnc	TJ
esnca	JT
esnce	LR
esnch	SK
esnci	TJ
esncl	ZD
esnd	MQ
esnda	QM
esnde	KS
esndi	KS
esndo	JT
esndr	RL
esndí	QM
esndó	QM
esne	SK
esne 	VH
esnea	^A
esnec	GW
esneg	LR
esnem	LR
esnen	JT
esner	[C
esnet	QM
esnf	KS
esnfa	TJ
esnfi	HV
esnfo	KS
esnfr	DZ
esnfu	UI
esng	GW
esnga	FX
esngl	DZ
esngu	VH
esni	QM
esni 	IU
esnia	GW
esnic	UI
esnid	TJ
esnie	HV
esnil	RL
esnin	C[
esnio	YE
esnir	]B
esnis	VH
esnit	TJ
esniñ	EY
esno 	JT
esno,	MQ
esno.	SK
esno?	EY
esnoc	A^
esnom	IU
esnor	TJ
esnot	UI
esnov	SK
esns	RL
esns 	VH
esnsa	TJ
esnsc	YE
esnse	TJ
esnsi	QM
esnst	RL
esnt	MQ
esnt 	TJ
esnt,	JT
esnta	MQ
esnte	JT
esnto	RL
esntu	QM
esntó	YE
esnu	SK
esnue	[C
esnun	]B
esnur	GW
esnv	TJ
esnve	TJ
esnvi	VH
esnví	QM
esnz	KS
esnza	FX
esné	MQ
esnés	HV
esní	FX
esnía	FX
esnú	GW
esnúm	GW
eso 	IU
eso $	WG
eso (	LR
eso 0	ZD
eso a	YE
eso c	LR
eso e	LR
eso f	JT
eso h	LR
eso i	LR
eso j	RL
eso n	EY
eso o	VH
eso p	EY
eso q	SK
eso r	TJ
eso t	JT
eso v	C[
eso y	HV
eso) 	HV
eso,	HV
eso, 	HV
eso.e	XF
eso.»	JT
eso?	B]
eso? 	B]
esob	SK
esoba	TJ
esobl	XF
esobo	A^
esobr	IU
esoca	MQ
esoch	XF
esoct	IU
esod	LR
esode	RL
esodi	KS
esodo	QM
esoe	TJ
esof	HV
esofe	KS
esofi	KS
esog	KS
esoga	TJ
esogo	@_
esoi	QM
esoj	GW
esojo	EY
esok	EY
esoki	EY
esol 	JT
esola	HV
esold	YE
esole	WG
esoli	QM
esolm	XF
esolo	LR
esolu	LR
esolv	RL
esolí	MQ
esom	VH
esom 	JT
esoma	RL
esomb	HV
esome	JT
esomi	WG
esomp	XF
esomá	IU
eson	MQ
eson 	QM
esona	HV
esonc	HV
esond	FX
esone	QM
esonf	LR
esong	HV
esoni	UI
esono	QM
esons	MQ
esont	LR
esoo	MQ
esoop	RL
esop	RL
esopa	TJ
esope	QM
esopi	FX
esopo	IU
esoq	JT
esoqu	JT
esor 	IU
esor,	JT
esor.	RL
esora	UI
esord	IU
esore	VH
esori	B]
esorm	KS
esorn	TJ
esorq	TJ
esort	UI
esorí	UI
esos	SK
esos"	JT
esos)	SK
esos,	RL
esos.	TJ
esos?	C[
esos@	YE
esosa	MQ
esosi	TJ
esost	SK
esos»	EY
esot 	JT
esota	XF
esote	ZD
esoti	MQ
esoto	DZ
esotr	DZ
esotó	EY
esou	VH
esour	SK
esov	UI
esova	JT
esove	TJ
esovi	VH
esoy 	RL
esoz	ZD
esoza	SK
eso»	B]
eso».	HV
esoñ	RL
esoña	RL
esp 	TJ
esp 0	[C
esp.	KS
esp. 	a?
esp.d	GW
espa	LR
espac	TJ
espag	WG
espal	@_
espar	IU
espas	LR
espat	KS
españ	SK
espc	VH
espci	VH
espe	LR
espec	GW
esped	IU
espel	EY
espen	JT
espeq	UI
esper	LR
espes	KS
espet	DZ
espeñ	XF
espi	QM
espia	JT
espic	MQ
espid	EY
espie	QM
espin	WG
espio	VH
espit	JT
espl	RL
espla	HV
esple	RL
espo 	WG
espoc	HV
espod	QM
espol	MQ
espon	DZ
espos	UI
espp	KS
espr	RL
espra	]B
espri	SK
espt	[C
espti	WG
espu	LR
espub	KS
espue	RL
espun	QM
espué	JT
espá	HV
espág	DZ
esq.	JT
esqu	IU
esque	IU
esqui	MQ
esqué	KS
esquí	ZD
esr 	JT
esr 0	MQ
esr a	IU
esr c	<d
esr d	RL
esr e	KS
esr f	HV
esr g	SK
esr i	JT
esr l	FX
esr n	UI
esr o	KS
esr p	GW
esr q	VH
esr s	HV
esr u	C[
esr v	HV
esr y	LR
esr,	SK
esr, 	SK
esr:	KS
esr: 	KS
esr@	VH
esra	SK
esra 	IU
esra,	QM
esra.	YE
esrab	XF
esrac	IU
esrad	a?
esrae	RL
esrag	UI
esraj	DZ
esral	WG
esran	SK
esrar	FX
esras	VH
esrat	VH
esraz	@_
esrb	RL
esrbe	VH
esrc	VH
esrca	HV
esrce	[C
esrch	JT
esrco	[C
esrd	JT
esrda	QM
esrde	HV
esrdo	VH
esrdí	HV
esrdó	FX
esre	QM
esre 	RL
esre)	JT
esre,	LR
esre.	GW
esrea	ZD
esrec	GW
esred	]B
esreg	JT
esrej	SK
esrel	SK
esrem	JT
esren	UI
esreo	MQ
esrer	XF
esres	TJ
esret	TJ
esreu	GW
esrey	RL
esrf	RL
esrfe	EY
esrg	FX
esrga	GW
esrge	UI
esrgo	MQ
esri	HV
esrib	A^
esric	KS
esrie	RL
esrig	MQ
esril	IU
esrim	UI
esrin	QM
esrio	GW
esris	DZ
esrit	GW
esrió	[C
esrj	YE
esrja	WG
esrl	A^
esrle	FX
esrlo	EY
esrm	LR
esrma	VH
esrme	MQ
esrmi	FX
esrmu	EY
esrmá	KS
esrn	TJ
esrne	VH
esrni	LR
esro 	RL
esro)	FX
esro,	QM
esro.	HV
esrob	HV
esroc	KS
esrog	KS
esroj	FX
esrom	VH
esron	B]
esrop	SK
esros	MQ
esrot	RL
esrov	RL
esrq	SK
esrqu	UI
esrr	VH
esrra	VH
esrre	WG
esrri	>b
esrs	RL
esrse	TJ
esrsi	HV
esrt 	KS
esrte	SK
esrto	MQ
esrtu	ZD
esru	QM
esrub	]B
esrud	MQ
esrue	MQ
esrum	RL
esrut	LR
esrva	DZ
esrvi	TJ
esry	MQ
esry 	[C
esrz	ZD
esrza	[C
esrzo	TJ
esráp	HV
esrás	LR
esré	KS
esrí	RL
esría	RL
esríc	YE
esrío	UI
ess 	KS
ess (	UI
ess @	XF
ess a	VH
ess b	a?
ess c	FX
ess e	ZD
ess f	KS
ess g	GW
ess i	TJ
ess j	RL
ess l	KS
ess n	?a
ess o	TJ
ess p	MQ
ess q	DZ
ess r	FX
ess u	XF
ess v	SK
ess y	YE
ess “	SK
ess"	GW
ess".	JT
ess) 	MQ
ess),	LR
ess).	VH
ess,	VH
ess, 	VH
ess.	RL
ess.e	VH
ess.l	^A
ess;	QM
ess; 	QM
ess?	C[
ess? 	C[
ess@	VH
essa	TJ
essa 	QM
essa,	SK
essa.	VH
essad	EY
essaj	KS
essal	LR
essam	QM
essan	YE
essar	EY
essas	WG
essay	QM
essc	WG
essci	RL
essco	WG
esscr	LR
esscu	[C
essd	XF
essde	VH
esse	RL
esse 	RL
essea	QM
esseb	MQ
essec	SK
essei	[C
essel	MQ
essen	VH
esseo	UI
esset	LR
esseñ	MQ
essf	XF
essfe	QM
essi	SK
essi 	UI
essia	SK
essic	RL
essid	VH
essie	JT
essif	GW
essig	JT
essil	f:
essim	DZ
essir	EY
essis	FX
essió	B]
essm	SK
essmo	RL
esso 	DZ
esso,	GW
esso.	YE
essob	EY
essoc	MQ
essom	QM
esson	LR
essor	VH
essot	JT
essoy	SK
essp	HV
esspe	JT
esspu	JT
essq	]B
essqu	]B
esss	XF
essse	UI
esst	QM
essti	RL
essto	KS
esstr	WG
esstu	YE
esstá	HV
essté	MQ
essua	RL
essub	FX
essus	TJ
ess»	EY
ess».	GW
essá	UI
essáb	UI
essé	GW
essí	UI
essí 	IU
essí,	[C
essó	JT
est e	HV
est'	JT
est)	SK
est,	DZ
est, 	DZ
est.	LR
esta 	JT
esta)	IU
esta,	SK
esta;	SK
estad	ZD
estam	TJ
estan	SK
estap	ZD
estas	MQ
estau	RL
estb	IU
este 	IU
este.	[C
estea	MQ
ested	MQ
estej	B]
estel	VH
estem	TJ
esten	KS
estep	SK
ester	VH
estes	SK
esteñ	MQ
estf	YE
estfn	YE
esti	XF
estic	HV
estie	ZD
estif	JT
estig	UI
estil	_@
estim	RL
estin	QM
estio	TJ
estip	UI
estir	JT
estis	YE
estit	C[
estiv	RL
estiz	MQ
estl	SK
estla	SK
esto	HV
esto 	RL
esto,	IU
esto.	EY
estol	VH
estom	VH
eston	SK
estos	?a
estoy	JT
estr	SK
estra	SK
estre	SK
estri	VH
estru	RL
estrá	RL
ests,	JT
estu	LR
estu 	HV
estub	IU
estur	MQ
está	HV
está 	HV
estál	IU
esté	IU
estí	VH
estía	VH
estó	IU
estó 	IU
esu 	MQ
esu f	LR
esu m	JT
esu n	LR
esu.	IU
esu. 	IU
esua	TJ
esua 	SK
esuad	YE
esual	KS
esuan	UI
esuar	LR
esuas	UI
esub	SK
esub 	UI
esub@	TJ
esubi	TJ
esubl	KS
esubr	IU
esubv	FX
esuc	EY
esuca	HV
esuch	LR
esucí	A^
esud	LR
esuda	ZD
esudi	TJ
esudo	DZ
esue	SK
esue 	JT
esue,	VH
esueb	]B
esued	GW
esueg	LR
esuel	]B
esuen	JT
esuer	JT
esues	YE
esuet	LR
esuev	ZD
esueñ	VH
esuf	JT
esuga	RL
esuid	RL
esuil	SK
esuin	_@
esuir	WG
esuis	MQ
esuit	HV
esuiz	SK
esuja	RL
esujo	JT
esul	MQ
esul 	GW
esula	FX
esuli	TJ
esulo	UI
esult	VH
esum	YE
esume	VH
esun	KS
esun 	IU
esuna	RL
esunc	YE
esund	VH
esune	HV
esuni	WG
esuno	JT
esunt	FX
esuot	RL
esupi	KS
esupo	WG
esur	LR
esur 	C[
esure	WG
esuri	IU
esuro	RL
esurs	RL
esus	VH
esusa	YE
esuse	TJ
esuso	RL
esust	GW
esuta	JT
esuto	RL
esuv	C[
esuvi	C[
esuy	LR
esuy 	HV
esuyo	FX
esuz 	QM
esuá	KS
esuán	LR
esué	GW
esué 	KS
esués	JT
esuí	ZD
esuí 	]B
esuí,	IU
esuít	IU
esuñ	EY
esuña	EY
esv 	XF
esv 0	UI
esv.	HV
esva	TJ
esva 	XF
esva,	WG
esva.	LR
esvad	VH
esvan	GW
esvar	MQ
esvas	[C
esve	RL
esve 	VH
esvea	IU
esvec	SK
esvel	WG
esvem	_@
esven	WG
esver	DZ
esves	SK
esvez	ZD
esvi	TJ
esvia	C[
esvic	XF
esvid	KS
esvie	]B
esvir	QM
esvis	IU
esviv	C[
esvo	IU
esvo 	MQ
esvol	YE
esvor	KS
esvos	GW
esvá	UI
esván	UI
esví	HV
esvía	GW
esvíd	LR
esvío	QM
eswe	>b
esweb	C[
esx 	EY
esxa	YE
esxam	YE
esxi	LR
esxo	RL
esxt	GW
esy 0	MQ
esy a	LR
esy b	JT
esy c	QM
esy d	RL
esy f	GW
esy g	HV
esy h	VH
esy i	LR
esy j	RL
esy l	YE
esy m	TJ
esy n	IU
esy o	WG
esy p	MQ
esy s	YE
esy t	UI
esy u	SK
esy v	DZ
esy y	UI
esy,	]B
esy, 	]B
esy.	UI
esy. 	UI
esya	KS
esya 	LR
esya,	KS
esye	UI
esyer	GW
esyo	KS
esyo,	VH
esyor	SK
esys	RL
esyu	JT
esyun	MQ
esz 	KS
esz,	LR
esz, 	LR
esz.	TJ
esz. 	TJ
esza	RL
esza 	QM
esza,	MQ
esza.	KS
eszac	QM
eszan	VH
eszar	KS
eszc	IU
eszca	JT
eszo	RL
eszo,	GW
eszo.	YE
eszu	FX
eszul	GW
eszó	QM
eszó 	QM
es| 	QM
es| l	QM
es«e	IU
es«el	IU
es«l	IU
es«u	GW
es«un	GW
esº 0	XF
esº b	HV
es» 	DZ
es»,	FX
es», 	FX
es».	FX
es». 	FX
esá 	EY
esá c	QM
esá e	KS
esá p	A^
esáb	UI
esáb 	YE
esába	RL
esác	YE
eság	DZ
esági	DZ
esái	QM
esáis	QM
esál	KS
esám	QM
esán	RL
esáp	FX
esápi	FX
esár	QM
esás	RL
esás 	MQ
esás.	B]
esásc	WG
esát	C[
esáti	C[
esé 	JT
esé t	EY
esé.	KS
esé. 	KS
eséc	MQ
eséct	MQ
eséf	QM
eséfo	QM
esél	RL
esél 	XF
esén	JT
esén 	QM
esér	IU
eséra	FX
esérc	VH
esés	FX
esés 	LR
esés,	MQ
esés.	JT
esí 	XF
esí m	RL
esí n	TJ
esí q	KS
esí s	WG
esí y	MQ
esí,	VH
esí, 	VH
esí.	IU
esía	QM
esía 	SK
esía,	B]
esía.	WG
esías	MQ
esíc	YE
esíco	ZD
esícu	RL
esíd	LR
esíde	LR
esígo	TJ
esín	MQ
esío	IU
esío 	DZ
esío,	UI
esíos	QM
esít	B]
esíta	IU
esíti	FX
esña	XF
esña 	WG
esña,	RL
esñan	UI
esñen	JT
esñi	HV
esño	KS
esñol	LR
esñor	HV
esó c	RL
esó e	KS
esó l	MQ
esó m	b>
esó:	HV
esó: 	HV
esód	QM
esómo	LR
esón	FX
esón 	IU
esón,	LR
esón.	LR
esónd	GW
esós	JT
esóv	JT
esóve	KS
esóvi	KS
esóx	JT
esóxi	JT
esúl	KS
esúlt	KS
esúm	GW
esúme	GW
esún 	GW
esús	HV
esúsi	HV
esüe	SK
es€ 	SK
es€ a	a?
es€ i	ZD
es€ l	XF
es€ m	QM
es€ p	RL
es€ y	RL
es€)	LR
es€) 	RL
es€),	RL
es€,	XF
es€, 	XF
es€.	ZD
es€. 	ZD
es€/	YE
es€/k	TJ
es€;	QM
es€; 	QM
fr !	?a
fr ! 	A^
fr "	KS
fr $	YE
fr $ 	YE
fr %	MQ
fr % 	JT
fr &	SK
fr & 	SK
fr (	GW
fr (0	JT
fr (a	DZ
fr (c	SK
fr (d	VH
fr (e	IU
fr (j	RL
fr (p	MQ
fr (q	UI
fr (s	GW
fr (t	KS
fr (v	WG
fr -	QM
fr -0	VH
fr /	ZD
fr / 	TJ
fr 0	^A
fr 0,	QM
fr 00	^A
fr 0e	YE
fr 0h	UI
fr 0x	EY
fr 0z	UI
fr :	IU
fr : 	IU
fr ;	RL
fr ; 	RL
fr ?	=c
fr ? 	=c
fr a 	MQ
fr ac	KS
fr ad	QM
fr af	WG
fr ai	MQ
fr al	LR
fr am	KS
fr an	YE
fr ao	a?
fr ap	KS
fr ar	KS
fr as	VH
fr at	XF
fr au	SK
fr av	JT
fr b	EY
fr ba	MQ
fr bc	VH
fr be	KS
fr bi	GW
fr bl	FX
fr bo	MQ
fr br	IU
fr bu	KS
fr c	UI
fr ca	QM
fr ch	SK
fr ci	JT
fr cl	RL
fr co	WG
fr cr	MQ
fr cu	EY
fr cô	UI
fr d	TJ
fr da	VH
fr de	SK
fr dr	TJ
fr dé	RL
fr ea	WG
fr el	KS
fr en	KS
fr es	TJ
fr et	]B
fr ex	DZ
fr f	SK
fr fe	QM
fr fi	LR
fr fl	KS
fr fo	RL
fr fr	QM
fr fé	TJ
fr fê	MQ
fr g	IU
fr g0	UI
fr ga	:f
fr ge	JT
fr gr	QM
fr gs	KS
fr gé	^A
fr h 	VH
fr h,	XF
fr h.	RL
fr ha	KS
fr he	ZD
fr hi	IU
fr ho	JT
fr hu	a?
fr hé	RL
fr i	JT
fr il	LR
fr im	MQ
fr in	MQ
fr j	QM
fr j'	IU
fr ja	VH
fr je	KS
fr jo	TJ
fr ju	UI
fr j’	MQ
fr k	a?
fr ke	^A
fr ki	TJ
fr km	ZD
fr kr	TJ
fr l	LR
fr la	QM
fr le	MQ
fr li	LR
fr lo	RL
fr là	DZ
fr l’	UI
fr m	LR
fr m 	UI
fr m'	GW
fr m.	B]
fr ma	GW
fr mi	VH
fr ml	SK
fr mm	KS
fr mu	JT
fr mè	UI
fr mé	SK
fr mê	WG
fr m’	QM
fr n	MQ
fr n'	MQ
fr na	RL
fr ne	RL
fr ni	EY
fr nu	IU
fr n°	KS
fr n’	SK
fr o	VH
fr ob	RL
fr oc	JT
fr od	WG
fr ok	RL
fr om	MQ
fr on	ZD
fr op	IU
fr or	KS
fr ou	KS
fr où	HV
fr p	IU
fr pa	KS
fr ph	FX
fr pi	WG
fr pl	EY
fr po	UI
fr pr	JT
fr pu	DZ
fr pâ	LR
fr pè	QM
fr q	MQ
fr qu	MQ
fr r	TJ
fr ra	JT
fr rd	TJ
fr ri	SK
fr ro	QM
fr s	SK
fr sa	JT
fr se	RL
fr si	MQ
fr sl	C[
fr so	XF
fr st	QM
fr su	LR
fr sv	FX
fr sé	[C
fr sœ	SK
fr s’	XF
fr ta	YE
fr te	EY
fr th	HV
fr ti	]B
fr to	SK
fr tr	TJ
fr té	GW
fr u	IU
fr un	HV
fr ur	UI
fr v	JT
fr va	SK
fr ve	C[
fr vi	UI
fr vo	FX
fr vé	MQ
fr w	WG
fr y	ZD
fr y 	WG
fr ye	QM
fr z	UI
fr za	UI
fr «	GW
fr « 	GW
fr »	GW
fr » 	IU
fr »,	KS
fr ».	JT
fr à	QM
fr à 	QM
fr â	WG
fr ç	C[
fr ça	C[
fr é	KS
fr éc	FX
fr él	RL
fr ét	LR
fr év	UI
fr ê	A^
fr êt	A^
fr –	JT
fr – 	JT
fr €	TJ
fr € 	RL
fr €)	LR
fr €,	c=
fr €.	ZD
fr €/	YE
fr! 	?a
fr!)	JT
fr!),	JT
fr" 	JT
fr$ 	YE
fr% 	JT
fr& 	SK
fr& c	SK
fr'ab	UI
fr'ac	KS
fr'an	JT
fr'ap	JT
fr'ar	MQ
fr'as	IU
fr'at	WG
fr'av	JT
fr'e	HV
fr'ea	FX
fr'en	?a
fr'es	MQ
fr'h	QM
fr'hi	MQ
fr'hu	SK
fr'i	GW
fr'il	MQ
fr'in	EY
fr'ou	MQ
fr'u	QM
fr'un	GW
fr'é	RL
fr'ég	RL
fr'éq	WG
fr'ér	MQ
fr(0	JT
fr(0 	VH
fr(00	JT
fr(a	DZ
fr(c	SK
fr(c'	FX
fr(co	VH
fr(d	VH
fr(da	VH
fr(e	IU
fr(el	IU
fr(j	RL
fr(me	VH
fr(p	MQ
fr(pr	MQ
fr(q	UI
fr(qu	UI
fr(s	GW
fr(t	KS
fr(tr	MQ
fr(v	WG
fr) 	JT
fr) :	VH
fr) e	HV
fr) g	UI
fr),	RL
fr), 	RL
fr).	IU
fr). 	IU
fr, 	KS
fr, 0	_@
fr, a	RL
fr, b	SK
fr, c	RL
fr, e	UI
fr, g	VH
fr, h	RL
fr, i	QM
fr, j	KS
fr, l	[C
fr, n	MQ
fr, o	RL
fr, p	KS
fr, q	WG
fr, r	RL
fr, s	MQ
fr, t	VH
fr, u	LR
fr, v	IU
fr, à	QM
fr, ç	RL
fr, é	MQ
fr-0	]B
fr-00	]B
fr-a	]B
fr-au	ZD
fr-b	SK
fr-bo	SK
fr-c	MQ
fr-co	SK
fr-d	UI
fr-de	RL
fr-du	XF
fr-e	b>
fr-fr	IU
fr-h	QM
fr-ha	VH
fr-j	UI
fr-l	QM
fr-la	QM
fr-le	IU
fr-mi	WG
fr-mo	EY
fr-mè	MQ
fr-n	XF
fr-ne	RL
fr-o	RL
fr-or	YE
fr-p	SK
fr-s	TJ
fr-sa	QM
fr-v	]B
fr-ve	UI
fr-vi	VH
fr-vo	TJ
fr-ê	A^
fr-êt	A^
fr. 	IU
fr. 0	LR
fr. c	LR
fr. d	JT
fr. m	XF
fr. v	HV
fr. »	IU
fr.0	VH
fr.00	VH
fr.e	TJ
fr.ex	TJ
fr/ 	TJ
fr/ 0	RL
fr/0	KS
fr/00	IU
fr0 	ZD
fr0 $	YE
fr0 %	MQ
fr0 (	MQ
fr0 /	[C
fr0 0	SK
fr0 :	JT
fr0 ;	TJ
fr0 a	VH
fr0 b	]B
fr0 c	XF
fr0 d	XF
fr0 e	KS
fr0 h	WG
fr0 j	c=
fr0 k	VH
fr0 l	WG
fr0 m	QM
fr0 o	GW
fr0 p	MQ
fr0 r	ZD
fr0 s	VH
fr0 t	RL
fr0 v	SK
fr0 |	IU
fr0 à	QM
fr0 €	TJ
fr0)	TJ
fr0,	QM
fr0, 	RL
fr0-	VH
fr0-0	VH
fr0.	a?
fr0. 	a?
fr0.0	VH
fr0/	FX
fr0/0	FX
fr00	^A
fr00 	ZD
fr00)	TJ
fr00-	VH
fr00.	_@
fr00/	FX
fr000	[C
fr00h	TJ
fr0e	YE
fr0er	YE
fr0h	TJ
fr0h 	^A
fr0h,	ZD
fr0h-	ZD
fr0h.	TJ
fr0x	HV
fr0z	UI
fr0z0	UI
fr: 	IU
fr: 0	LR
fr: b	UI
fr: c	SK
fr: l	LR
fr: n	IU
fr: «	FX
fr; 	TJ
fr; a	XF
fr; c	UI
fr? 	9g
fr@b	XF
fr@bo	[C
fr@g	WG
fr@gr	^A
fr@v	FX
fra 	KS
fra a	KS
fra c	IU
fra d	EY
fra e	DZ
fra h	UI
fra m	RL
fra p	SK
fra r	A^
fra s	HV
fra t	MQ
fra v	SK
fra à	EY
fra é	GW
fra,	MQ
fra, 	MQ
fra.	QM
fra. 	QM
frab	UI
fraba	VH
frabe	SK
frabi	QM
frabl	KS
frabo	RL
frabr	[C
frabs	JT
frac 	TJ
fracc	QM
frace	TJ
frach	GW
fracl	KS
fraco	DZ
fract	LR
fracé	SK
frada	KS
fradh	YE
frado	A^
fradu	a?
fraf	SK
fraff	WG
frag	MQ
fraga	WG
frage	LR
fragn	RL
frah	RL
frai	MQ
frai 	SK
fraie	TJ
fraig	SK
frail	QM
fraim	DZ
frain	YE
frair	LR
frais	JT
frait	MQ
fral.	QM
frala	[C
frale	IU
frali	SK
frall	LR
fralt	QM
fram	XF
frame	^A
frami	KS
framo	WG
framp	UI
fran	TJ
fran 	GW
fran,	_@
fran-	LR
fran.	YE
frana	JT
frand	SK
frane	SK
frang	JT
frani	TJ
frann	SK
frano	_@
franq	DZ
frans	SK
frant	SK
franv	WG
franç	VH
frao	a?
fraoû	ZD
frap	LR
frape	WG
frapi	MQ
frapp	KS
frapr	KS
fraq	YE
fraqu	YE
frar	QM
frar 	MQ
frar.	WG
frarc	LR
frard	SK
frare	b>
frari	UI
frark	DZ
frarl	FX
fraro	TJ
frarr	RL
frars	IU
frart	RL
fras	LR
fras 	KS
fras,	SK
fras.	B]
frasi	[C
frass	MQ
frast	UI
frat	^A
frat 	UI
frat.	RL
frate	YE
frath	WG
frato	UI
fratr	ZD
frats	LR
fratt	SK
fratu	TJ
frau	LR
frau 	TJ
frau-	SK
frau.	SK
frau@	]B
fraub	UI
fraud	HV
frauf	QM
fraug	RL
fraul	KS
fraur	RL
fraus	QM
fraux	UI
frav	UI
frave	SK
fravi	MQ
fravo	XF
fravr	SK
frax	LR
fraxe	]B
fraxi	JT
fraye	SK
frayo	TJ
fraz	IU
fraî	JT
fraîn	SK
fraît	C[
frb 	^A
frb d	XF
frb p	UI
frba	RL
frbai	TJ
frban	KS
frbar	SK
frbat	[C
frbc	VH
frbce	VH
frbe	XF
frbea	GW
frbec	UI
frbel	QM
frber	SK
frbi	LR
frbie	JT
frbil	RL
frbj	QM
frbje	QM
frbl	FX
frbla	LR
frble	C[
frblo	LR
frboi	TJ
frbon	C[
frbor	SK
frbot	RL
frbou	TJ
frboî	TJ
frbr	QM
frbra	TJ
frbre	GW
frbri	RL
frbru	LR
frbs	IU
frbse	IU
frbt	VH
frbte	VH
frbu	KS
frbud	JT
frbut	MQ
frbv	EY
frbve	EY
frc 	SK
frc c	JT
frc d	WG
frc l	EY
frc m	EY
frc o	C[
frc p	GW
frc s	QM
frc t	TJ
frc'é	SK
frc,	LR
frc, 	LR
frc.	]B
frc. 	ZD
frca	UI
frcam	DZ
frcan	WG
frcar	HV
frcas	VH
frcat	JT
frcau	ZD
frcc	SK
frcce	YE
frcco	KS
frccu	QM
frce 	SK
frce,	QM
frce.	UI
frcel	GW
frcem	TJ
frcen	MQ
frcep	[C
frcer	TJ
frces	UI
frcev	UI
frch	WG
frcha	QM
frchi	XF
frcho	HV
frchê	QM
frci	GW
frci 	KS
frci-	IU
frcia	TJ
frcid	IU
frcie	FX
frcil	MQ
frcin	[C
frcit	DZ
frck	WG
frck 	WG
frcl	VH
frcla	VH
frcle	UI
frcli	?a
frclo	ZD
frclu	XF
frclé	KS
frco	MQ
frcol	YE
frcom	MQ
frcop	GW
frcoû	HV
frcr	C[
frcra	IU
frcre	UI
frcri	FX
frcro	GW
frcrè	EY
frcré	UI
frcs	ZD
frcs 	ZD
frct	IU
frct 	RL
frcto	LR
frctu	KS
frcu	EY
frcue	SK
frcui	C[
frcul	KS
frcun	LR
frcup	EY
frcus	LR
frcut	QM
frcè	HV
frcès	HV
frcé	SK
frcée	TJ
frcô	UI
frcôt	UI
frd a	DZ
frd j	WG
frd l	UI
frd p	KS
frd s	HV
frd à	HV
frd'a	WG
frd'e	<d
frd'h	FX
frd'i	KS
frd'o	MQ
frd'u	GW
frd'é	RL
frd.	SK
frd. 	SK
frda	VH
frda 	SK
frda,	IU
frdai	QM
frdam	RL
frdan	TJ
frdas	C[
frde	RL
frde 	YE
frde,	MQ
frdel	RL
frdem	FX
frden	VH
frder	LR
frdes	KS
frdev	=c
frdg	JT
frdge	JT
frdh	YE
frdhé	YE
frdi	UI
frdi 	WG
frdi,	TJ
frdia	UI
frdic	MQ
frdie	]B
frdif	GW
frdil	WG
frdim	SK
frdin	SK
frdir	A^
frdis	VH
frdit	KS
frdiv	[C
frdix	JT
frdiz	GW
frdiè	LR
frdoi	EY
frdon	LR
frdos	IU
frdou	YE
frdr	HV
frdra	MQ
frdre	KS
frdri	DZ
frds	KS
frds 	KS
frdu	RL
frduc	UI
frdue	UI
frdul	a?
frdur	GW
frdus	JT
frdv	TJ
frdè	YE
frdèl	WG
frdé	QM
frdé 	IU
frdé,	LR
frdéb	QM
frdéc	UI
frdée	XF
frdéj	DZ
frdém	MQ
frdén	GW
frdép	JT
frdér	TJ
frd’e	EY
fre 	LR
fre "	JT
fre (	JT
fre 0	c=
fre ;	JT
fre a	ZD
fre b	FX
fre c	]B
fre d	TJ
fre e	TJ
fre f	UI
fre g	@_
fre h	RL
fre i	ZD
fre j	LR
fre k	^A
fre l	YE
fre m	JT
fre n	HV
fre o	VH
fre p	MQ
fre r	SK
fre s	MQ
fre u	JT
fre |	]B
fre »	GW
fre à	XF
fre ç	GW
fre é	FX
fre –	JT
fre) 	LR
fre),	QM
fre).	RL
fre-	RL
fre-c	SK
fre-d	QM
fre-m	LR
fre-v	XF
fre.	JT
fre. 	IU
fre.e	[C
fre?	C[
fre? 	C[
fre@	JT
freb	RL
frec	RL
frec 	MQ
frec)	UI
frec.	VH
frece	GW
freco	FX
frect	MQ
fred	YE
freda	SK
fredi	ZD
free	TJ
fref	YE
fref 	VH
freg	WG
frega	UI
frei	VH
freil	WG
frel,	C[
frel.	IU
frela	QM
frele	GW
freli	YE
frell	QM
frelu	FX
frem	KS
fremb	KS
fremm	JT
fremp	RL
fren	GW
fren 	EY
fren,	LR
frena	RL
frend	RL
frene	QM
frenf	KS
frenl	IU
frenn	TJ
freno	UI
frent	QM
frenu	WG
frenv	XF
freo	WG
frepr	JT
frept	UI
frer	LR
frer 	JT
frer.	MQ
frera	@_
frerc	QM
frerd	YE
frere	MQ
frerf	UI
freri	XF
frerm	[C
frern	LR
frers	YE
fres	MQ
fres)	HV
fres,	WG
fres-	KS
fres.	HV
fresp	SK
fress	KS
fresu	YE
fret	TJ
fret 	[C
fret)	SK
fret.	JT
frete	DZ
freti	UI
frets	YE
fretu	TJ
freté	HV
freu	LR
freu 	B]
freub	RL
freud	[C
freui	KS
freul	RL
freun	RL
freur	KS
freus	WG
freut	HV
freuv	WG
freux	MQ
freva	QM
freve	SK
frevi	KS
frevo	HV
frexa	TJ
frexc	LR
frexi	SK
frexp	GW
frext	A^
frez	TJ
frez-	YE
frf 	UI
frf d	UI
frf s	TJ
frf,	QM
frf, 	QM
frfa	QM
frfab	UI
frfac	KS
frfai	YE
frfam	QM
frfar	WG
frfau	IU
frfe	RL
frfem	JT
frfer	UI
frffe	SK
frffé	IU
frfi	EY
frfic	IU
frfie	JT
frfil	RL
frfin	JT
frfir	DZ
frfl	LR
frfle	c=
frfo	QM
frfoi	MQ
frfon	MQ
frfor	LR
frfou	VH
frfr	KS
frfra	TJ
frfrè	HV
frfs	HV
frfs 	GW
frfu	SK
frfér	IU
frfê	MQ
frfêt	MQ
frg d	UI
frg.	RL
frg0	UI
frg0x	UI
frga	MQ
frgal	EY
frgar	QM
frgas	VH
frgat	TJ
frgau	KS
frgaz	IU
frge	KS
frge 	MQ
frge,	SK
frge.	EY
frgen	RL
frger	IU
frges	JT
frget	JT
frgi	VH
frgie	IU
frgis	XF
frgla	MQ
frgli	RL
frgn	QM
frgne	RL
frgno	IU
frgo	LR
frgo 	QM
frgp	UI
frgr	SK
frgra	YE
frgre	_@
frgro	JT
frgs	QM
frgsm	KS
frgt	TJ
frgts	VH
frgu	]B
frgue	ZD
frgui	TJ
frguy	XF
frgé	^A
frgén	ZD
frh 	_@
frh (	TJ
frh /	RL
frh 0	QM
frh e	WG
frh p	ZD
frh |	[C
frh à	[C
frh,	[C
frh, 	[C
frh-	]B
frh-0	ZD
frh.	TJ
frh. 	WG
frha	TJ
frhai	SK
frhal	LR
frham	MQ
frhan	XF
frhaq	YE
frhar	HV
frhat	VH
frhau	LR
frhe)	MQ
frhe,	KS
frhe.	RL
frhef	VH
frhel	IU
frhem	LR
frher	EY
frhet	JT
frheu	WG
frhez	UI
frhi	RL
frhie	WG
frhis	LR
frhiv	XF
frho	HV
frhom	C[
frhos	EY
frhot	GW
frhu	b>
frhui	YE
frhèq	SK
frhèr	C[
frhé 	MQ
frhé,	IU
frhér	MQ
frhés	MQ
frhê	QM
frhên	QM
fri 	QM
fri a	JT
fri b	IU
fri c	IU
fri d	WG
fri j	GW
fri l	[C
fri m	RL
fri n	RL
fri o	GW
fri p	GW
fri q	VH
fri r	SK
fri s	DZ
fri v	RL
fri à	[C
fri,	LR
fri, 	LR
fri-	JT
fri-d	KS
fri.	QM
fri. 	QM
fria	UI
friag	UI
frial	ZD
frian	SK
friba	UI
fribl	JT
fric	QM
fric 	WG
frice	LR
frich	MQ
frici	EY
frick	WG
frict	HV
frid	QM
fridi	WG
fridu	UI
fridé	IU
frie 	SK
frie,	QM
frie-	IU
frie.	LR
friei	ZD
friel	RL
frien	MQ
frier	WG
fries	VH
frieu	JT
friez	IU
frif	>b
friff	FX
frifi	IU
frifs	GW
frigo	DZ
fril	TJ
fril 	IU
fril,	]B
fril.	XF
frile	YE
frili	SK
frill	QM
frilo	TJ
frils	JT
frilà	HV
frim 	RL
frime	GW
frimo	SK
frimu	IU
frin	TJ
frin 	XF
frin.	TJ
frina	a?
frinc	JT
frind	MQ
frine	UI
fring	SK
frini	YE
frinq	GW
frint	IU
frinu	KS
frinz	SK
friol	LR
frip	MQ
fripe	QM
fript	IU
friq	MQ
friqu	MQ
frir	JT
frir-	TJ
frir.	MQ
frira	C[
frire	QM
friri	JT
friro	RL
frirs	LR
friré	ZD
fris)	MQ
fris,	RL
fris.	RL
frisa	GW
frise	QM
frisi	IU
friso	HV
frisp	JT
friss	UI
frist	RL
frit	KS
frit,	UI
frit-	SK
frit.	B]
frita	KS
frite	B]
friti	IU
fritr	UI
frits	WG
fritu	JT
frité	[C
friv	YE
frive	YE
frivi	QM
frivo	]B
frivr	QM
frix	MQ
frix,	KS
frix-	SK
friz	GW
friza	GW
friè	TJ
frièc	UI
frié	HV
frié 	GW
frié.	FX
friée	TJ
friés	IU
friét	QM
frj'	IU
frj'a	JT
frj'e	WG
frj'é	LR
frja	WG
frjam	QM
frjan	WG
frjar	SK
frje	JT
frje 	KS
frjet	GW
frjeu	RL
frjou	JT
frju	UI
frjus	LR
frj’	MQ
frj’a	QM
frk 	YE
frkar	RL
frke	^A
frker	]B
frki	MQ
frkil	TJ
frkin	DZ
frkm	WG
frkm 	YE
frkm.	RL
frkr	TJ
frl (	SK
frl 0	WG
frl a	RL
frl c	WG
frl d	SK
frl e	KS
frl l	KS
frl m	VH
frl n	FX
frl t	EY
frl y	RL
frl à	VH
frl'	QM
frl'a	RL
frl'e	A^
frl'h	SK
frl'i	C[
frl'o	RL
frl'é	RL
frl)	TJ
frl),	TJ
frl,	JT
frl, 	JT
frl. 	LR
frl.e	VH
frla 	JT
frlac	WG
frlag	ZD
frlai	LR
frlam	[C
frlan	JT
frlas	VH
frlat	LR
frlau	MQ
frlav	^A
frlaî	DZ
frle 	MQ
frle,	KS
frle@	MQ
frled	[C
frlem	SK
frlen	EY
frler	FX
frles	WG
frlet	e;
frleu	FX
frlev	IU
frlez	@_
frlia	MQ
frlib	YE
frlic	TJ
frlid	GW
frlig	JT
frlin	LR
frlio	LR
frliq	JT
frlir	C[
frlis	KS
frlit	UI
frliv	TJ
frlié	MQ
frlle	RL
frlli	IU
frllo	MQ
frllô	GW
frlm	EY
frlmo	JT
frlo	SK
frlo 	LR
frlo.	XF
frloc	LR
frlog	FX
frloi	TJ
frlom	TJ
frlon	IU
frlor	MQ
frlos	KS
frlou	SK
frloy	TJ
frloï	LR
frls 	LR
frlt	JT
frlt 	EY
frlta	JT
frlub	WG
frluc	JT
frlue	SK
frlum	TJ
frlun	SK
frlus	HV
frlut	MQ
frlv	WG
frly	LR
frlà	EY
frlà 	GW
frlà-	IU
frlèv	QM
frlé 	QM
frléc	KS
frlée	RL
frlég	RL
frlés	IU
frlô	GW
frlô 	GW
frl’	UI
frl’e	TJ
frm 	MQ
frm 0	JT
frm a	JT
frm b	RL
frm'	GW
frm'a	KS
frm.	DZ
frm. 	DZ
frma	IU
frma 	LR
frmag	LR
frmai	KS
frmal	GW
frman	LR
frmar	MQ
frmat	WG
frmb	KS
frmbe	UI
frmbl	GW
frmbr	KS
frme	QM
frme 	C[
frme,	TJ
frme.	JT
frmea	XF
frmed	WG
frmei	LR
frmem	XF
frmen	KS
frmes	WG
frmet	KS
frmeu	[C
frmi 	GW
frmi-	TJ
frmid	XF
frmil	ZD
frmin	KS
frmio	DZ
frmir	SK
frmit	LR
frmiè	SK
frml	SK
frmme	GW
frmmu	ZD
frmod	QM
frmoi	SK
frmor	RL
frmos	KS
frmot	A^
frmou	UI
frmp	UI
frmpe	RL
frmpl	WG
frmpo	VH
frmpr	RL
frmps	LR
frmpt	GW
frms	FX
frms,	HV
frmu	QM
frmul	DZ
frmum	IU
frmun	ZD
frmus	IU
frmèr	MQ
frmèt	WG
frmé	LR
frmé 	YE
frméc	UI
frmée	XF
frmén	HV
frmér	EY
frmét	SK
frmê	SK
frmêm	SK
frm’	QM
frm’a	QM
frn (	JT
frn 0	YE
frn a	FX
frn b	IU
frn d	KS
frn e	TJ
frn f	MQ
frn h	MQ
frn i	MQ
frn j	RL
frn l	KS
frn o	GW
frn p	IU
frn q	DZ
frn r	GW
frn s	WG
frn t	TJ
frn v	FX
frn y	XF
frn »	JT
frn à	SK
frn é	RL
frn'	MQ
frn'a	KS
frn)	UI
frn-	WG
frn-l	VH
frn-v	RL
frn.	TJ
frn. 	RL
frn.e	RL
frna	TJ
frna 	^A
frnad	SK
frnag	GW
frnai	SK
frnal	QM
frnc	QM
frnc 	RL
frnc,	FX
frnce	UI
frnch	SK
frnci	JT
frnco	HV
frnd.	RL
frnde	MQ
frndi	SK
frndo	YE
frndr	KS
frnds	LR
frndu	A^
frne	]B
frne 	TJ
frne,	LR
frne.	FX
frnea	TJ
frnec	ZD
frnel	RL
frnen	QM
frner	LR
frnes	XF
frnet	VH
frneu	MQ
frnev	GW
frnez	KS
frnf	LR
frnfi	EY
frng 	MQ
frnge	KS
frngl	JT
frngs	TJ
frngt	TJ
frngu	YE
frni	QM
frni 	IU
frnic	WG
frnie	UI
frnim	UI
frnio	LR
frniq	UI
frnir	IU
frnj	LR
frnjo	LR
frnl	IU
frnle	IU
frnne	QM
frnnu	LR
frnné	GW
frno 	JT
frnoi	MQ
frnom	GW
frnon	ZD
frnos	RL
frnot	RL
frnou	WG
frnov	WG
frnoë	QM
frnq	@_
frnqu	@_
frns	XF
frns 	YE
frns.	d<
frnsa	WG
frnsc	IU
frnse	RL
frnst	RL
frnt	LR
frnt 	RL
frnt)	MQ
frnt,	SK
frnt-	RL
frnt.	KS
frnta	LR
frntf	_@
frntg	XF
frnto	RL
frntr	QM
frnts	GW
frnu	KS
frnu 	B]
frnui	XF
frnul	MQ
frnum	DZ
frnus	SK
frnv	]B
frnve	TJ
frnvi	WG
frnvo	TJ
frnz	UI
frnze	UI
frn°	KS
frn° 	KS
frnç	TJ
frnça	VH
frné	JT
frné 	QM
frné.	JT
frnér	ZD
frn’	SK
frn’a	VH
frn’e	HV
fro 	FX
fro (	MQ
fro 0	MQ
fro d	GW
fro,	LR
fro, 	LR
fro-	VH
fro.	XF
fro. 	XF
frob	KS
frobj	QM
frobr	IU
froc	JT
frocc	QM
froch	[C
froci	MQ
froct	LR
frocu	RL
frod	VH
frode	EY
frodi	WG
frodè	WG
frof	MQ
frog	KS
frogi	IU
froh	[C
froha	[C
froi	LR
froi,	KS
froic	B]
froie	QM
froig	LR
froil	LR
froin	XF
froir	KS
froit	HV
froix	_@
frok	RL
frok 	RL
frol	MQ
frol.	JT
frola	WG
frole	QM
froli	LR
frolo	IU
frolé	HV
from	LR
from 	KS
froma	KS
fromb	LR
fromi	VH
fromm	RL
froms	FX
fron 	UI
fron,	HV
fron.	GW
frona	MQ
fronc	XF
frond	JT
frone	QM
fronf	HV
froni	MQ
fronj	LR
fronn	GW
frono	JT
frons	ZD
front	QM
fronv	A^
fronz	TJ
froo	DZ
froor	DZ
frop	HV
frop 	VH
frop.	LR
fropi	GW
fropo	B]
fropt	JT
fror	MQ
fror 	FX
fror,	JT
frora	KS
frorc	YE
frore	A^
frori	MQ
frorm	JT
frorn	TJ
frorr	TJ
frors	TJ
frort	a?
frorv	_@
fros	EY
fros 	HV
fros,	XF
fros.	EY
frosa	WG
frose	LR
frosi	UI
fross	KS
frost	TJ
frosé	DZ
frot	HV
frot 	FX
frote	JT
froto	GW
frotr	TJ
froté	FX
frou	QM
frou 	HV
froub	XF
frouc	UI
froud	LR
froue	TJ
froug	FX
frouh	EY
froui	A^
froul	QM
froum	ZD
froup	[C
frouq	QM
frour	LR
frous	VH
frout	QM
frouv	RL
froué	[C
frov	a?
frove	WG
froy	UI
froye	TJ
froë	VH
froël	VH
froî	TJ
froît	TJ
froï	LR
froïc	LR
froû	QM
froût	QM
frp 	RL
frp d	EY
frp.	LR
frp. 	JT
frpag	JT
frpai	[C
frpan	IU
frpas	GW
frpat	MQ
frpay	SK
frpe	MQ
frpe 	c=
frpe,	EY
frpel	KS
frpen	MQ
frpes	MQ
frpet	VH
frpeu	MQ
frph	HV
frpho	IU
frpi	TJ
frpie	MQ
frpiq	LR
frpir	HV
frpiè	ZD
frple	TJ
frpli	FX
frplo	VH
frplu	DZ
frpo	RL
frpoi	KS
frpol	FX
frpom	RL
frpor	ZD
frpos	QM
frpot	RL
frpou	LR
frpp	JT
frppe	KS
frppl	MQ
frppr	QM
frpr	IU
frpri	JT
frpro	IU
frprè	MQ
frprê	VH
frps 	UI
frps.	KS
frpt	JT
frpt.	[C
frpte	HV
frpti	KS
frpu	JT
frpu 	IU
frpui	IU
frpâ	LR
frpâl	LR
frpè	XF
frpèr	UI
frpé	JT
frpér	GW
frpê	QM
frpô	UI
frpôt	UI
frqu	IU
frqu'	LR
frqua	SK
frque	HV
frqui	RL
frqué	KS
frqu’	KS
frr 	DZ
frr 0	KS
frr :	LR
frr ;	KS
frr b	LR
frr c	MQ
frr e	SK
frr f	XF
frr i	LR
frr j	JT
frr k	UI
frr l	EY
frr n	KS
frr o	UI
frr p	LR
frr r	UI
frr s	LR
frr t	@_
frr u	KS
frr v	B]
frr)	MQ
frr) 	LR
frr),	QM
frr,	IU
frr, 	IU
frr-	YE
frr.	KS
frr. 	KS
frr.e	VH
frr@	[C
frra 	>b
frra.	RL
frrac	MQ
frrai	GW
frram	ZD
frran	YE
frrap	MQ
frras	JT
frrat	TJ
frrav	VH
frraî	HV
frrc	MQ
frrce	LR
frrci	KS
frrcr	a?
frrd	RL
frrda	QM
frrdi	TJ
frrdo	HV
frrdv	TJ
frre 	HV
frre)	TJ
frre,	YE
frre-	TJ
frre.	DZ
frred	ZD
frreg	UI
frrei	VH
frrel	IU
frrem	TJ
frrep	LR
frrer	RL
frres	LR
frret	LR
frreu	EY
frrev	TJ
frrf	UI
frrg	YE
frrge	XF
frri	IU
frric	KS
frrie	SK
frrif	C[
frrig	JT
frrin	YE
frrio	LR
frrip	KS
frriq	RL
frrir	QM
frris	QM
frrit	EY
frriv	QM
frrix	A^
frriè	QM
frrié	HV
frrk	DZ
frrki	DZ
frrl	FX
frrla	QM
frrle	LR
frrlo	EY
frrm	RL
frrma	SK
frrme	TJ
frrmu	DZ
frrmé	VH
frrn	QM
frrna	TJ
frrne	YE
frrni	MQ
frrné	JT
frro	IU
frro 	GW
frroc	MQ
frroi	RL
frrom	JT
frron	QM
frrop	KS
frros	GW
frrou	QM
frrr	VH
frrra	WG
frrri	]B
frrrê	HV
frrs	XF
frrs 	SK
frrs,	XF
frrsi	LR
frrso	MQ
frrt	ZD
frrt-	[C
frrt.	XF
frrte	^A
frrti	QM
frrto	>b
frru	QM
frrub	LR
frruc	MQ
frrue	YE
frrun	MQ
frrv	SK
frrva	SK
frry	FX
frry,	FX
frrè	GW
frrèm	EY
frrèr	HV
frrès	MQ
frré	LR
frré 	SK
frréa	HV
frréc	KS
frréd	WG
frrée	QM
frréf	EY
frrég	[C
frrém	GW
frrép	[C
frrés	KS
frrét	MQ
frréu	LR
frrê	TJ
frrêt	TJ
frs !	B]
frs (	QM
frs 0	VH
frs :	HV
frs ;	WG
frs ?	DZ
frs a	MQ
frs b	a?
frs d	RL
frs e	WG
frs g	KS
frs h	EY
frs i	LR
frs j	MQ
frs l	MQ
frs n	RL
frs p	JT
frs r	LR
frs s	^A
frs t	QM
frs u	VH
frs v	YE
frs y	QM
frs |	LR
frs »	KS
frs à	VH
frs é	IU
frs ê	A^
frs'a	TJ
frs)	DZ
frs) 	DZ
frs).	JT
frs,	VH
frs, 	VH
frs-	LR
frs-m	QM
frs-v	FX
frs.	JT
frs. 	JT
frsa 	QM
frsab	IU
frsal	HV
frsam	SK
frsan	MQ
frsar	TJ
frsau	QM
frsc	MQ
frsca	VH
frscr	C[
frse 	VH
frse,	IU
frse.	SK
frsec	LR
frsei	SK
frsem	RL
frsen	B]
frsep	RL
frser	SK
frses	KS
frset	IU
frseu	JT
frsez	KS
frsi	LR
frsi 	GW
frsib	KS
frsic	MQ
frsie	RL
frsim	RL
frsin	MQ
frsiq	HV
frsir	a?
frsit	B]
frsix	ZD
frsl	C[
frslt	C[
frsm 	KS
frso	MQ
frsob	IU
frsoc	MQ
frsoi	VH
frsol	IU
frsom	SK
frsou	MQ
frsp	VH
frspi	HV
frspo	TJ
frsq	IU
frsqu	IU
frsr	UI
frssa	UI
frsse	QM
frssi	LR
frsso	KS
frssu	LR
frssé	TJ
frst	QM
frst 	QM
frsta	[C
frste	QM
frsti	HV
frsto	B]
frsu	MQ
frsub	EY
frsui	KS
frsuj	JT
frsul	JT
frsup	IU
frsur	JT
frsus	WG
frsv	FX
frsvp	FX
frsé 	UI
frsé,	IU
frsée	HV
frsés	]B
frsœ	SK
frsœu	SK
frs’	XF
frs’a	^A
frt (	ZD
frt ;	JT
frt b	LR
frt c	SK
frt d	UI
frt e	HV
frt f	LR
frt g	UI
frt i	UI
frt j	VH
frt l	RL
frt m	SK
frt n	XF
frt o	WG
frt p	C[
frt q	IU
frt r	UI
frt s	MQ
frt t	TJ
frt v	HV
frt |	[C
frt «	MQ
frt à	HV
frt ç	MQ
frt é	A^
frt"	IU
frt)	RL
frt) 	SK
frt).	TJ
frt,	VH
frt, 	VH
frt-a	YE
frt-o	RL
frt-v	ZD
frt-ê	A^
frt.	FX
frt. 	KS
frta	[C
frtab	IU
frtac	SK
frtag	UI
frtar	LR
frtat	XF
frtau	]B
frtax	^A
frte	B]
frte 	QM
frte)	IU
frte,	QM
frte-	MQ
frtel	XF
frtem	GW
frter	GW
frtes	EY
frteu	SK
frtex	FX
frtez	JT
frtf	_@
frtg	XF
frthi	SK
frti	RL
frti 	UI
frtic	GW
frtie	VH
frtif	KS
frtig	A^
frtil	VH
frtim	LR
frtin	VH
frtiq	LR
frtir	RL
frtis	ZD
frtit	VH
frtiè	VH
frtié	C[
frto 	KS
frto,	KS
frto.	SK
frtob	LR
frtom	HV
frton	^A
frtor	RL
frtos	FX
frtou	SK
frtr	WG
frtra	TJ
frtre	UI
frtru	SK
frtré	RL
frts 	LR
frts,	VH
frtt	RL
frtte	MQ
frttr	RL
frtu 	KS
frtud	QM
frtue	MQ
frtui	VH
frtur	JT
frtv	YE
frtva	YE
frté	IU
frté 	MQ
frté,	WG
frtée	C[
frtél	GW
frtéo	LR
frtés	QM
frtô	EY
frtôt	EY
fru 	LR
fru :	LR
fru a	>b
fru b	TJ
fru c	MQ
fru d	C[
fru e	GW
fru g	HV
fru j	IU
fru l	LR
fru m	ZD
fru n	HV
fru p	RL
fru r	QM
fru s	VH
fru t	JT
fru v	EY
fru à	QM
fru'	LR
fru'e	KS
fru'i	a?
fru-	RL
fru-d	UI
fru.	TJ
fru. 	TJ
fru@	]B
frua	UI
fruat	UI
frub	YE
frub 	WG
frube	TJ
frubl	RL
frubv	EY
fruc	QM
fruch	QM
fruci	LR
fruco	EY
fruct	XF
frucu	FX
frud	IU
frudg	JT
frudi	UI
frudr	JT
frue 	LR
frue)	TJ
frue.	KS
fruei	SK
fruen	IU
fruer	KS
frues	HV
fruet	]B
fruf	QM
fruff	RL
frug	WG
fruge	JT
fruh	EY
fruha	EY
frui	MQ
frui 	IU
fruie	MQ
fruil	SK
fruip	QM
fruis	KS
fruit	TJ
fruiv	EY
fruj	EY
fruje	JT
frul	MQ
frul 	TJ
frula	HV
frule	IU
frult	MQ
frulé	MQ
frum	MQ
frum.	FX
frume	VH
frumi	YE
frumé	JT
frun	LR
frun 	HV
frun-	WG
frun.	VH
frund	MQ
fruni	RL
fruon	UI
frup	QM
frup 	EY
frupe	WG
fruq	QM
fruqu	QM
frur	JT
frur 	HV
frur,	A^
frur-	YE
frur@	[C
frura	TJ
frure	JT
frurg	]B
frurn	UI
frurr	^A
frurs	QM
frurt	C[
frus	TJ
frus 	VH
frus-	JT
frus.	RL
fruse	TJ
frusi	GW
frusq	IU
fruss	WG
frut	JT
frut 	JT
frut,	RL
frut-	JT
frut.	?a
fruta	RL
frute	LR
fruti	RL
fruto	RL
frutr	EY
frutô	KS
fruv	MQ
fruve	JT
fruvo	SK
fruvr	TJ
frux 	RL
frux)	WG
frux,	QM
frux.	IU
fruxi	RL
fruy	[C
fruz	XF
frué	XF
fruéb	UI
fru’	KS
fru’o	QM
fru’à	KS
frva	TJ
frva 	TJ
frvag	MQ
frval	SK
frvan	SK
frvas	DZ
frve	KS
frve 	IU
frvea	HV
frvei	TJ
frvel	FX
frvem	WG
frven	XF
frver	HV
frves	RL
frveu	EY
frvez	ZD
frvi	TJ
frvid	YE
frvie	YE
frvig	YE
frvin	WG
frvir	LR
frvis	DZ
frvit	SK
frviè	JT
frvo	LR
frvoi	C[
frvol	UI
frvon	YE
frvot	HV
frvoy	YE
frvp 	DZ
frvr	SK
frvra	FX
frvre	SK
frvri	TJ
frvé	QM
frvée	TJ
frvér	IU
frwe	MQ
frx 0	KS
frx c	RL
frx d	IU
frx f	QM
frx p	IU
frx s	MQ
frx à	LR
frx)	WG
frx,	LR
frx, 	LR
frx-	UI
frx.	IU
frx. 	IU
frxa	TJ
frxam	TJ
frxc	LR
frxcu	LR
frxe	]B
frxi	MQ
frxis	SK
frxiè	RL
frxp	GW
frxpl	GW
frxt	A^
frxte	FX
frxtr	IU
fry 	[C
fry a	UI
fry v	SK
fry.	JT
fry. 	HV
fry.e	UI
frya	WG
frye	XF
fryen	XF
fryer	KS
fryeu	QM
fryo	WG
fryon	UI
frys	LR
fryè	LR
fryèr	LR
frz 	MQ
frz c	IU
frz l	EY
frz m	KS
frz p	DZ
frz r	SK
frz v	VH
frz-	YE
frz-v	XF
frz0	UI
frza 	UI
frze	UI
frze 	UI
frzo	VH
fr| e	EY
fr| l	WG
fr| m	UI
fr| v	ZD
fr| |	LR
fr« 	GW
fr« d	MQ
fr« l	JT
fr« p	KS
fr« s	GW
fr° 	KS
fr° 0	KS
fr» 	IU
fr» (	LR
fr»,	KS
fr», 	KS
fr».	JT
fr». 	JT
frà 0	ZD
frà a	MQ
frà b	QM
frà c	MQ
frà d	YE
frà f	HV
frà g	JT
frà j	LR
frà m	JT
frà n	LR
frà p	XF
frà s	SK
frà t	KS
frà u	LR
frà v	JT
frà-	KS
frà-d	IU
frâl	LR
frâle	LR
frça	HV
frça 	C[
frçai	VH
frèc	]B
frèce	WG
frèg	RL
frège	XF
frèl	ZD
frèle	ZD
frèm	JT
frème	JT
frèn	JT
frène	JT
frèq	SK
frèqu	SK
frèr	LR
frère	LR
frès	MQ
frès-	WG
frèt	YE
frètr	WG
frèv	QM
frève	QM
fré 	TJ
fré 0	XF
fré a	XF
fré b	QM
fré e	RL
fré l	WG
fré m	EY
fré n	UI
fré s	B]
fré v	FX
fré,	LR
fré, 	LR
fré.	IU
fré. 	IU
fréa	B]
fréal	FX
fréb	VH
frébe	_@
frébu	MQ
fréc	RL
fréch	JT
frécl	RL
fréco	JT
frécr	IU
frécu	KS
fréd	ZD
frée 	UI
frée,	@_
frée.	RL
frées	IU
fréf	EY
frég	[C
fréga	QM
frégi	XF
frégl	TJ
frél	GW
frél.	HV
frélè	QM
frém	HV
fréma	IU
frémi	EY
frémo	RL
frémé	HV
frén	MQ
fréna	HV
fréno	MQ
fréné	UI
fréo	JT
fréo 	LR
frép	XF
frépa	e;
frépl	HV
frépo	GW
frépô	UI
frér	C[
fréra	RL
fréri	GW
fréro	EY
frés	HV
frés 	MQ
frés,	QM
frése	GW
frési	TJ
fréso	MQ
fréta	LR
fréti	WG
fréto	UI
frété	KS
fréu	LR
fréun	LR
fréve	YE
frévi	GW
frêc	LR
frêch	LR
frêm	SK
frême	SK
frên	QM
frêne	QM
frêt 	VH
frête	MQ
frêtr	IU
frël	VH
frël 	VH
frîn	SK
frîne	TJ
frît 	EY
frîte	WG
frîtr	JT
frïc	JT
frô 	GW
frôt	JT
frôt 	KS
frù i	TJ
frù l	GW
frût	SK
frût 	[C
frût,	SK
frût.	TJ
frûte	LR
fr– 	JT
fr’a	WG
fr’a 	UI
fr’ac	QM
fr’ai	EY
fr’an	MQ
fr’ap	SK
fr’as	IU
fr’at	RL
fr’au	KS
fr’av	XF
fr’en	MQ
fr’o	TJ
fr’à	KS
fr’à 	KS
fr’é	KS
fr€ 	RL
fr€ l	ZD
fr€ p	^A
fr€ |	KS
fr€)	LR
fr€) 	LR
fr€,	c=
fr€, 	c=
fr€.	ZD
fr€. 	ZD
fr€/	YE`,
};
