import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.01993,
  bias: [-0.5664,0.5664],
  weights: `de %	TJ
de % 	TJ
de &	SK
de & 	SK
de (	JT
de (a	IU
de (b	EY
de (f	VH
de (i	VH
de (j	EY
de (k	KS
de (l	B]
de (m	LR
de (n	XF
de (s	JT
de (v	VH
de (w	MQ
de +	FX
de + 	LR
de +0	JT
de -0	VH
de ->	IU
de /	JT
de / 	LR
de 0	SK
de 0,	RL
de 0-	RL
de 0.	@_
de 00	^A
de 0:	JT
de 0–	YE
de a 	RL
de a.	LR
de ac	]B
de ad	MQ
de ah	KS
de al	MQ
de am	UI
de an	KS
de ap	WG
de ar	YE
de as	RL
de at	KS
de au	UI
de ba	UI
de be	MQ
de bi	LR
de bl	HV
de bo	a?
de bu	IU
de bä	IU
de bü	UI
de c	KS
de ce	YE
de ch	IU
de cm	VH
de co	FX
de d	RL
de da	IU
de de	HV
de do	VH
de dr	[C
de du	GW
de dü	MQ
de e	KS
de e.	WG
de ec	A^
de eh	WG
de ei	RL
de el	_@
de em	MQ
de en	C[
de er	HV
de es	VH
de et	LR
de ex	UI
de f	KS
de fe	UI
de fi	EY
de fl	XF
de fr	GW
de fu	IU
de fä	MQ
de fö	KS
de g	LR
de ga	HV
de ge	JT
de gi	YE
de gl	VH
de gm	QM
de go	YE
de gr	A^
de gu	FX
de gä	HV
de h	SK
de h.	B]
de ha	RL
de he	HV
de ho	WG
de hr	[C
de hu	ZD
de hä	SK
de hö	QM
de hü	C[
de i.	JT
de ic	KS
de id	C[
de if	RL
de ih	HV
de im	XF
de in	TJ
de is	QM
de it	DZ
de j	SK
de ja	KS
de je	VH
de jo	RL
de ju	MQ
de jä	RL
de jö	YE
de k	QM
de ka	MQ
de ke	A^
de kg	UI
de ki	UI
de kl	SK
de kn	QM
de ko	WG
de kr	VH
de ku	@_
de kw	TJ
de kä	MQ
de kö	HV
de kü	LR
de la	]B
de le	LR
de lg	IU
de li	>b
de lo	GW
de lu	QM
de lä	SK
de m	KS
de mb	KS
de me	RL
de mi	JT
de mm	QM
de mo	WG
de mu	KS
de mw	VH
de mä	RL
de mö	JT
de mü	SK
de n	IU
de na	KS
de ne	HV
de ni	JT
de no	IU
de nr	^A
de nu	HV
de nö	XF
de nü	KS
de o	LR
de ob	C[
de od	RL
de oh	ZD
de ok	KS
de ol	VH
de om	RL
de on	GW
de op	SK
de or	MQ
de os	IU
de p	DZ
de pa	FX
de pd	HV
de pe	IU
de pf	TJ
de pi	HV
de pl	[C
de pr	GW
de pu	XF
de q	[C
de qu	[C
de r	KS
de ra	JT
de re	HV
de ri	]B
de ro	MQ
de ru	WG
de rä	TJ
de s	LR
de s'	IU
de sa	RL
de sc	QM
de sh	GW
de si	MQ
de so	IU
de sp	RL
de st	LR
de su	<d
de sä	RL
de ta	_@
de te	IU
de th	B]
de ti	MQ
de to	LR
de tr	XF
de ts	DZ
de tu	SK
de tä	XF
de tü	QM
de u	UI
de u.	JT
de uh	[C
de ui	YE
de ul	XF
de um	RL
de un	TJ
de v	HV
de v.	TJ
de va	SK
de ve	MQ
de vi	GW
de vo	JT
de w	MQ
de wa	WG
de we	IU
de wi	SK
de wu	GW
de wä	IU
de wü	>b
de x	FX
de xa	FX
de y	SK
de yo	TJ
de yı	UI
de z	RL
de za	IU
de ze	HV
de zi	RL
de zu	VH
de zw	ZD
de |	QM
de | 	QM
de ·	GW
de · 	GW
de ä	TJ
de äl	YE
de är	HV
de ö	QM
de öf	LR
de öl	XF
de ü	LR
de üb	LR
de –	LR
de – 	LR
de „	EY
de „e	HV
de „g	LR
de „h	B]
de „m	EY
de „p	LR
de „s	LR
de „w	HV
de €	YE
de € 	YE
de €)	SK
de €,	TJ
de €.	VH
de! 	FX
de! |	TJ
de!!	KS
de!! 	KS
de!)	RL
de% 	TJ
de% m	SK
de% u	TJ
de& 	SK
de& s	WG
de'l	EY
de'll	EY
de's	UI
de's 	UI
de(0 	TJ
de(0.	HV
de(00	TJ
de(a	IU
de(b	EY
de(da	QM
de(f	VH
de(fr	SK
de(i	VH
de(in	VH
de(j	EY
de(ju	IU
de(k	KS
de(ka	JT
de(l	B]
de(m	LR
de(n	XF
de(nu	XF
de(s	JT
de(v	VH
de(w	MQ
de) 	FX
de) u	SK
de) |	IU
de),	SK
de), 	SK
de+ 	LR
de+0	JT
de+00	JT
de, 0	a?
de, b	SK
de, c	FX
de, d	DZ
de, e	KS
de, f	ZD
de, g	QM
de, j	RL
de, k	TJ
de, l	RL
de, o	RL
de, p	B]
de, r	RL
de, s	RL
de, t	GW
de, u	b>
de, v	FX
de, w	GW
de, x	JT
de, z	XF
de, ü	ZD
de, „	LR
de,0	EY
de,0 	^A
de,00	EY
de- 	RL
de-,	XF
de-, 	XF
de-0	XF
de-00	WG
de->	IU
de-> 	IU
de-a	_@
de-al	[C
de-b	FX
de-br	FX
de-d	RL
de-do	QM
de-f	^A
de-fe	]B
de-fr	VH
de-h	]B
de-hi	]B
de-i	SK
de-in	WG
de-k	SK
de-l	[C
de-la	[C
de-m	TJ
de-o	XF
de-r	MQ
de-s	JT
de-se	KS
de-u	WG
de-up	TJ
de-w	EY
de-we	HV
de. 	VH
de. 0	^A
de. b	JT
de. d	UI
de. f	C[
de. h	MQ
de. j	TJ
de. k	QM
de. l	RL
de. m	LR
de. o	MQ
de. r	SK
de. s	FX
de. t	C[
de. u	IU
de. v	HV
de. w	@_
de. z	_@
de.)	RL
de.) 	LR
de.),	VH
de.,	HV
de., 	HV
de.-	UI
de.-i	UI
de.0	KS
de.00	MQ
de.;	SK
de.; 	SK
de.e	RL
de.ex	RL
de.s	DZ
de.–	d<
de.– 	c=
de.–/	VH
de.–0	SK
de.–d	XF
de.“	HV
de.“ 	HV
de/ 	JT
de/m	TJ
de/m²	TJ
de/n	C[
de0 	ZD
de0 %	TJ
de0 (	RL
de0 0	RL
de0 a	GW
de0 b	_@
de0 c	VH
de0 d	UI
de0 e	RL
de0 f	SK
de0 g	[C
de0 h	b>
de0 i	GW
de0 k	WG
de0 l	a?
de0 m	_@
de0 n	HV
de0 o	SK
de0 p	d<
de0 r	TJ
de0 t	LR
de0 u	ZD
de0 v	C[
de0 w	RL
de0 |	KS
de0 ·	GW
de0 €	YE
de0)	FX
de0) 	FX
de0),	TJ
de0,	MQ
de0, 	TJ
de0,0	EY
de0-	SK
de0-0	TJ
de0.	QM
de0. 	SK
de0.,	LR
de0.0	KS
de0.–	d<
de00	b>
de00 	YE
de00)	FX
de00,	KS
de00-	SK
de00.	p0
de000	b>
de00:	EY
de00;	LR
de00–	SK
de0:	EY
de0: 	LR
de0:0	FX
de0;	LR
de0; 	LR
de0–	WG
de0–0	WG
de: 	MQ
de: 0	MQ
de: e	YE
de: f	JT
de: g	LR
de: i	KS
de: k	UI
de: m	XF
de: r	IU
de: s	SK
de: t	RL
de: z	RL
de: „	FX
de:0	FX
de:00	JT
de; 	IU
de; 0	KS
de; b	LR
de; d	IU
de; f	HV
de; s	^A
de> 	IU
de? 	,t
de@b	VH
de@be	VH
de@bo	SK
de@e	WG
de@el	WG
de@h	^A
de@k	TJ
de@o	VH
de@p	IU
de@r	[C
de@s	ZD
dea 	RL
dea 0	d<
dea b	HV
dea e	A^
dea f	ZD
dea g	KS
dea h	RL
dea i	MQ
dea k	^A
dea l	HV
dea p	KS
dea r	XF
dea s	VH
dea t	QM
dea v	HV
dea w	WG
dea,	KS
dea, 	KS
dea.	SK
dea. 	SK
deaa	SK
deaal	^A
deaar	WG
deaat	IU
deab	TJ
deab 	]B
deaba	HV
deabe	MQ
deabg	EY
deabi	ZD
deabm	TJ
deabr	TJ
deabs	HV
deac	SK
deach	SK
deack	MQ
dead	MQ
dead 	HV
deadr	FX
deae	SK
deaf	MQ
deafe	FX
deaff	IU
deafn	VH
deafü	JT
deag 	HV
deag)	TJ
deag,	SK
deag.	TJ
deagd	LR
deage	SK
deags	TJ
deagt	HV
deah	KS
deahi	LR
deahl	SK
deahn	LR
deahr	KS
deaht	VH
deail	MQ
deain	SK
deak	KS
deake	LR
deakt	IU
deal 	QM
deal,	WG
deal.	SK
dealb	RL
deald	_@
deale	KS
dealf	]B
deali	UI
deall	JT
dealo	IU
dealp	RL
deals	A^
deam	QM
deam 	UI
deame	A^
deamm	JT
deams	UI
deamt	TJ
dean 	SK
dean,	RL
dean.	HV
deanb	B]
deand	MQ
deanf	RL
deang	VH
deanh	DZ
deani	_@
deank	C[
deanl	QM
deanp	TJ
deans	LR
deanw	?a
deanz	LR
deap	VH
deape	ZD
deapp	HV
deapr	VH
dear	RL
dear 	KS
dear,	DZ
dear.	FX
deara	f:
dearb	HV
deard	HV
deare	WG
dearf	TJ
dearg	[C
deari	^A
deark	A^
dearl	RL
dearm	QM
dearr	TJ
dears	EY
deart	RL
dearu	MQ
dearz	;e
dearü	A^
deas	JT
deas 	GW
deas,	C[
deas.	MQ
deas?	GW
dease	QM
deasm	]B
deass	QM
deast	KS
deat	JT
deat 	HV
deat,	TJ
deat.	JT
deata	TJ
deatf	B]
death	GW
deati	MQ
deatm	UI
deato	QM
deats	MQ
deatt	SK
deatu	a?
deatz	QM
deau	_@
deau 	HV
deau,	KS
deau-	UI
deaub	UI
deauc	VH
deaud	C[
deaue	]B
deaug	LR
deauh	WG
deaul	VH
deaum	WG
deaun	A^
deaup	KS
deaur	TJ
deaus	UI
deaut	ZD
deauw	VH
deauß	IU
deave	FX
deavo	SK
deax 	RL
deay	UI
deaz	QM
deaß	WG
deaß 	RL
deaße	SK
deb 	JT
deb 0	YE
deb a	WG
deb d	IU
deb e	A^
deb f	VH
deb g	HV
deb h	LR
deb m	MQ
deb n	FX
deb o	EY
deb s	KS
deb u	IU
deb w	?a
deb z	SK
deb |	VH
deb,	LR
deb, 	LR
deb.	GW
deb. 	JT
deba	ZD
debac	RL
debah	WG
debal	B]
deban	IU
debar	KS
debat	C[
debau	e;
debb	^A
debd	IU
debe 	DZ
debe,	IU
debe.	QM
debea	d<
debeb	JT
debed	RL
debee	^A
debeg	UI
debeh	UI
debei	SK
debek	MQ
debel	QM
deben	LR
deber	HV
debes	KS
debet	LR
debev	RL
debew	HV
debez	KS
debf	RL
debfr	RL
debg	EY
debge	B]
debh,	XF
debia	GW
debie	RL
debil	A^
debin	[C
debio	YE
debis	ZD
debit	EY
debk	IU
debke	IU
debl	HV
debla	@_
deble	IU
debli	LR
deblo	TJ
debma	GW
debo	TJ
debod	IU
debog	SK
deboo	YE
debot	EY
debr	QM
debra	KS
debre	VH
debri	UI
debro	MQ
debru	EY
debrü	a?
debs	RL
debsc	RL
debse	HV
debsf	]B
debst	YE
debt	JT
debt 	QM
debt.	A^
debu	QM
debuc	UI
debud	HV
debue	SK
debun	UI
debur	HV
debä	IU
debän	IU
debü	WG
debüc	[C
debür	TJ
dec-	SK
deca	XF
decar	SK
dece	YE
dece 	QM
dech	TJ
dech 	MQ
dech)	]B
dech,	TJ
dech:	JT
dech;	C[
decha	LR
dechg	b>
dechh	RL
dechi	QM
dechl	RL
dechm	XF
dechn	TJ
decho	SK
dechp	QM
dechr	JT
dechs	_@
decht	MQ
dechu	SK
dechw	JT
dechz	QM
dechä	VH
dechö	?a
dechü	SK
deci	ZD
deck	RL
deck 	SK
deck,	JT
deckb	HV
decke	QM
deckh	UI
decki	QM
decks	@_
deckt	XF
decl	JT
decle	MQ
decm	VH
decm 	VH
deco	B]
deco.	UI
decom	IU
decoo	B]
ded 	RL
ded 0	c=
ded a	[C
ded b	IU
ded d	QM
ded e	_@
ded f	RL
ded g	UI
ded h	DZ
ded i	QM
ded j	YE
ded k	HV
ded l	YE
ded m	]B
ded n	IU
ded o	YE
ded p	SK
ded r	VH
ded s	JT
ded u	VH
ded z	QM
ded |	XF
ded,	JT
ded, 	JT
ded-	C[
ded.	SK
ded. 	YE
ded.e	TJ
ded:	QM
ded: 	QM
ded@	b>
deda	KS
deda 	QM
deda.	YE
dedac	WG
dedaf	JT
dedag	IU
dedah	MQ
dedai	RL
dedal	TJ
dedam	UI
dedan	FX
dedar	RL
dedas	EY
dedat	EY
dedau	FX
dedav	SK
dedb	XF
dedd	YE
dede)	KS
dede,	UI
dede.	DZ
dede0	YE
dedea	JT
dedec	XF
dedei	ZD
dedel	[C
dedem	LR
deden	QM
deder	MQ
dedet	UI
dedeu	B]
dedez	TJ
dedf	FX
dedg	FX
dedga	QM
dedge	IU
dedh	FX
dedi	LR
dedi 	IU
dedi,	TJ
dedic	RL
dedin	HV
dedip	YE
dedir	UI
dedis	A^
dedk	QM
dedl 	VH
dedli	A^
dedm	WG
dedme	WG
dedn	B]
dedne	EY
dednr	WG
dednu	EY
dedo	TJ
dedo 	YE
dedo,	TJ
dedo.	XF
dedok	KS
dedon	UI
dedow	HV
dedr	SK
dedr.	VH
dedre	]B
dedri	FX
dedru	FX
dedrü	TJ
deds	LR
deds 	QM
dedsa	A^
dedsc	TJ
dedss	C[
dedt 	QM
dedu	EY
dedu 	HV
dedun	GW
dedv	VH
dedve	SK
dedw	WG
dedwa	GW
dedwe	ZD
dedwi	RL
dedy	JT
dedü	MQ
dedür	MQ
dedı	TJ
dedız	UI
dee 	IU
dee 0	VH
dee a	KS
dee b	QM
dee c	EY
dee d	MQ
dee e	MQ
dee f	EY
dee g	MQ
dee h	ZD
dee i	FX
dee j	DZ
dee k	IU
dee l	EY
dee m	KS
dee o	JT
dee r	RL
dee s	HV
dee t	MQ
dee u	RL
dee w	MQ
dee z	KS
dee |	]B
dee ö	RL
dee ü	HV
dee „	EY
dee!	KS
dee'	TJ
dee)	JT
dee),	JT
dee,	QM
dee, 	QM
dee-	VH
dee.	QM
dee. 	TJ
dee.e	]B
dee.“	IU
dee0	YE
dee00	YE
dee:	KS
dee: 	KS
dee?	A^
dee? 	A^
deea	MQ
deean	FX
deear	FX
deeas	LR
deeat	^A
deeb	HV
deeba	XF
deebi	TJ
deebk	IU
deebn	IU
deebo	B]
deebr	VH
deebs	UI
deebu	LR
deec	TJ
deech	RL
deeck	ZD
deed	RL
deed@	XF
deeda	[C
deede	MQ
deedg	[C
deeds	LR
deedt	LR
deee	VH
deee 	_@
deeeh	>b
deeep	MQ
deeer	WG
deeet	XF
deef 	WG
deefa	_@
deefe	RL
deeff	LR
deefl	^A
deefr	GW
deefä	B]
deefü	MQ
deeg	XF
deeg 	a?
deeg,	FX
deeg.	GW
deega	LR
deege	VH
deegg	QM
deegl	LR
deego	WG
deegr	YE
deeh	SK
deeha	[C
deehe	KS
deehl	RL
deehm	]B
deehr	VH
deeht	MQ
deei 	^A
deei,	ZD
deei-	^A
deei.	RL
deei@	UI
deeib	HV
deeic	KS
deeid	TJ
deeie	FX
deeif	UI
deeig	WG
deeih	]B
deeik	SK
deeil	TJ
deeim	MQ
deein	IU
deeit	SK
deeiw	YE
deeiz	B]
deeiß	KS
deek	ZD
deek 	QM
deeka	MQ
deekl	HV
deeko	HV
deel	RL
deel 	IU
deel.	SK
deela	FX
deelb	MQ
deelc	GW
deele	SK
deelf	JT
deelg	EY
deeli	f:
deell	KS
deelm	ZD
deeln	RL
deels	TJ
deelt	RL
deelw	SK
deelö	YE
deem 	KS
deemb	XF
deemd	QM
deeme	YE
deemi	SK
deemü	B]
deen	MQ
deen!	JT
deen)	TJ
deen-	_@
deen.	JT
deen:	UI
deen;	KS
deen?	B]
deen@	c=
deena	JT
deenb	]B
deend	IU
deene	TJ
deenf	QM
deeng	TJ
deenh	RL
deeni	HV
deenk	_@
deenl	WG
deenm	QM
deenn	GW
deeno	MQ
deenp	QM
deenr	a?
deens	b>
deent	KS
deenw	ZD
deen“	SK
deeon	RL
deeor	JT
deep	RL
deepa	TJ
deepe	YE
deepl	JT
deepp	VH
deepr	MQ
deept	RL
deer	QM
deer 	SK
deer)	LR
deer,	LR
deer-	QM
deer.	FX
deer:	IU
deera	RL
deerb	WG
deere	d<
deerf	LR
deerg	KS
deerh	GW
deeri	QM
deerk	XF
deerl	C[
deerm	QM
deern	DZ
deero	ZD
deerp	XF
deerr	B]
deers	EY
deeru	WG
deerv	LR
deerw	VH
deerä	VH
deerö	IU
deer“	EY
dees	JT
dees 	MQ
dees,	TJ
dees.	IU
deesa	DZ
deesc	RL
deese	WG
deesh	IU
deesk	LR
deesp	LR
deess	KS
deest	JT
deesu	SK
deet	LR
deet 	SK
deet,	RL
deet.	GW
deeta	UI
deetb	SK
deete	MQ
deetr	KS
deets	JT
deett	LR
deetz	EY
deeu	IU
deeu 	IU
deeub	SK
deeue	B]
deeug	TJ
deeun	WG
deeut	MQ
deev	MQ
deevo	RL
deew	JT
deew 	JT
deewi	HV
deex	RL
deexa	RL
deexp	UI
deez	[C
deeza	QM
deeze	_@
deezi	EY
deeß	WG
deeße	VH
deeö	^A
deeöf	^A
dee“	HV
dee“ 	IU
def 	IU
def (	KS
def 0	JT
def a	QM
def d	A^
def g	TJ
def h	TJ
def i	B]
def k	HV
def l	[C
def n	SK
def r	C[
def t	[C
def u	RL
def v	JT
def w	RL
def z	XF
def)	JT
def,	SK
def, 	SK
def-	b>
def- 	RL
def.	SK
def. 	SK
defah	MQ
defam	RL
defan	XF
defar	?a
defas	TJ
defax	RL
defe 	]B
defeb	VH
defeh	JT
defei	KS
defen	KS
defer	TJ
defes	GW
defeu	[C
deff	HV
deff 	HV
deff,	[C
deffe	EY
defg	LR
defge	RL
defh	QM
defi	B]
defia	IU
defik	JT
defil	MQ
defin	KS
defk	JT
defl	f:
defle	XF
defli	ZD
defm	LR
defma	RL
defna	LR
defne	ZD
defnu	GW
defo	HV
defo@	VH
defol	A^
defon	QM
defor	HV
defot	KS
defp	MQ
defr	IU
defr 	XF
defr.	MQ
defra	EY
defre	TJ
defro	WG
defrü	@_
defs	d<
defsc	QM
defst	YE
deft	KS
deft 	QM
deft,	KS
deft.	WG
defte	FX
deftl	LR
deftr	JT
defts	QM
defu	LR
defun	RL
defw	YE
defwa	YE
defz	RL
defzi	RL
defäh	FX
defäl	DZ
defän	VH
defär	XF
defö	KS
deför	KS
defü	MQ
defüh	RL
defül	FX
defür	MQ
deg 	TJ
deg &	EY
deg (	XF
deg 0	WG
deg a	MQ
deg b	LR
deg d	KS
deg e	QM
deg f	MQ
deg g	C[
deg h	HV
deg i	MQ
deg j	UI
deg k	TJ
deg m	JT
deg o	GW
deg p	ZD
deg r	ZD
deg s	UI
deg t	HV
deg u	ZD
deg |	KS
deg „	MQ
deg)	LR
deg) 	TJ
deg-	YE
deg.	TJ
deg. 	TJ
deg@	WG
dega	HV
degab	>b
degal	FX
degar	[C
degas	QM
degb	SK
degbr	ZD
degd	LR
dege	RL
dege 	VH
dege,	UI
dege.	A^
degea	UI
degee	>b
degef	SK
degeg	WG
degek	RL
degel	HV
degem	YE
degen	XF
degeo	JT
degep	LR
deges	JT
deget	IU
degew	WG
degez	a?
degeö	^A
degg	KS
degg,	VH
degh	TJ
degi	UI
degib	ZD
degie	RL
degin	GW
degk	QM
degke	QM
degl	[C
degla	HV
degle	RL
degli	UI
deglo	RL
deglä	WG
degm	QM
degmb	RL
degn	MQ
dego	SK
dego 	DZ
degol	RL
degor	WG
degos	VH
degr	IU
degra	FX
degri	GW
degru	MQ
degrö	QM
degrü	GW
degs 	LR
degs,	LR
degs.	VH
degsa	WG
degse	SK
degsp	JT
degst	GW
degsz	GW
degt	MQ
degt,	JT
degt.	MQ
degt:	DZ
degu	A^
degun	EY
degut	C[
degä	DZ
degäs	LR
deh 	MQ
deh (	WG
deh 0	XF
deh e	GW
deh f	QM
deh g	MQ
deh h	MQ
deh i	MQ
deh j	EY
deh k	SK
deh l	RL
deh m	LR
deh n	KS
deh o	FX
deh p	RL
deh r	C[
deh s	MQ
deh t	HV
deh v	VH
deh z	JT
deh |	C[
deh ü	EY
deh)	]B
deh) 	XF
deh,	SK
deh, 	SK
deh-	JT
deh.e	TJ
deh:	JT
deh: 	JT
deh;	C[
deha	VH
dehaa	XF
dehab	YE
dehad	@_
dehal	QM
dehan	SK
dehar	TJ
dehat	HV
dehau	YE
dehba	A^
dehbo	IU
dehe	IU
dehe.	JT
dehee	]B
dehef	C[
dehei	WG
dehel	LR
dehem	MQ
dehen	EY
deher	JT
deheu	TJ
dehfa	XF
dehfo	EY
dehg	b>
dehga	]B
dehh	RL
dehhe	HV
dehi	TJ
dehic	JT
dehie	C[
dehil	KS
dehin	VH
dehj	B]
dehja	B]
dehl	YE
dehl 	VH
dehl.	KS
dehla	IU
dehle	^A
dehlo	VH
dehls	YE
dehlt	FX
dehlu	JT
dehlä	MQ
dehm	ZD
dehm,	UI
dehme	QM
dehmi	a?
dehn	UI
dehn 	UI
dehn,	HV
dehna	HV
dehnd	^A
dehne	WG
dehni	TJ
dehnu	MQ
deho	TJ
dehoc	RL
dehol	XF
dehom	GW
dehon	TJ
dehop	DZ
dehor	]B
dehos	FX
dehp	QM
dehpl	ZD
dehr	KS
dehr 	IU
dehr.	UI
dehr?	C[
dehra	ZD
dehrb	VH
dehre	HV
dehrg	HV
dehri	MQ
dehrj	UI
dehrs	HV
dehrt	LR
dehru	RL
dehs	YE
dehs 	YE
dehse	SK
dehst	UI
deht	MQ
deht,	HV
deht.	LR
deht?	DZ
dehtb	KS
dehte	LR
dehti	GW
dehtu	GW
dehtz	[C
dehu	ZD
dehul	MQ
dehun	a?
dehur	UI
dehus	WG
dehut	FX
dehw	JT
dehwa	A^
dehwe	TJ
dehwi	JT
dehz	QM
dehze	QM
dehä	SK
dehäd	C[
dehäf	UI
dehäl	^A
dehän	LR
dehät	EY
dehäu	FX
dehö	GW
dehöc	QM
dehöf	WG
dehön	?a
dehör	KS
dehüb	C[
dehür	VH
dehüs	DZ
dei 	XF
dei (	UI
dei 0	KS
dei a	f:
dei d	IU
dei e	WG
dei f	VH
dei g	XF
dei h	YE
dei l	SK
dei o	RL
dei s	TJ
dei t	IU
dei u	a?
dei w	TJ
dei z	SK
dei-	XF
dei.	LR
dei. 	LR
dei;	c=
dei; 	c=
dei@	WG
deia	GW
deial	MQ
deian	YE
deiat	DZ
deib	QM
deib 	C[
deibt	MQ
deic	GW
deice	QM
deich	IU
deid	SK
deid 	SK
deide	[C
deidn	WG
deidu	JT
deie 	HV
deie,	HV
deie?	C[
deief	LR
deieg	EY
deiel	GW
deiem	UI
deien	_@
deier	[C
deies	]B
deiet	QM
deieß	WG
deif	SK
deif 	LR
deife	WG
deiff	MQ
deift	@_
deig	VH
deig 	ZD
deig,	GW
deig.	[C
deige	JT
deigi	SK
deign	LR
deigs	KS
deigt	RL
deigu	FX
deihe	YE
deihn	QM
deihr	C[
deihu	^A
deik	ZD
deik 	UI
deik,	WG
deika	KS
deike	UI
deil	IU
deil 	TJ
deil?	DZ
deila	KS
deilb	KS
deilc	TJ
deild	@_
deile	^A
deill	MQ
deilm	QM
deilo	QM
deils	JT
deilt	EY
deilv	MQ
deim	RL
deim 	UI
deimk	WG
deimm	GW
deimp	HV
dein 	HV
dein)	KS
dein.	QM
deina	YE
deind	VH
deine	HV
deinf	HV
deing	SK
deinh	SK
deink	[C
deinl	DZ
deinm	@_
deino	KS
deins	WG
deint	IU
deinu	LR
deinv	HV
deinw	_@
deinz	RL
deio	UI
deios	WG
deip	JT
deipl	YE
deipp	B]
deir	[C
deir 	WG
deir,	YE
deir.	ZD
deira	@_
deirb	MQ
deire	RL
deirg	;e
deirm	IU
deirn	YE
deirt	SK
deis	UI
deis 	VH
deis,	XF
deisc	FX
deise	HV
deisi	VH
deisl	HV
deiso	RL
deisp	KS
deiss	JT
deist	TJ
deit 	FX
deit.	[C
deita	YE
deitb	SK
deite	B]
deitg	VH
deith	RL
deitm	RL
deitr	MQ
deits	DZ
deitt	LR
deitz	ZD
deitä	TJ
deiu	JT
deiv	JT
deiv 	HV
deiva	B]
deive	UI
deiw	YE
deiwe	ZD
deiwi	UI
deix 	DZ
deix,	ZD
deiz	FX
deize	GW
deizi	VH
deizu	B]
deiß	KS
deiß 	FX
deiß,	FX
deiß.	A^
deiße	QM
deißi	TJ
deißt	UI
dei–	YE
deja	KS
deja 	?a
deja,	C[
dejac	LR
dejah	SK
dejan	MQ
deje	SK
dejed	[C
dejen	ZD
dejet	C[
dejew	]B
dejo	QM
deju	JT
dejug	SK
dejun	C[
dejä	SK
dejän	RL
dejö	YE
dejör	YE
dek 	TJ
dek (	XF
dek b	SK
dek f	HV
dek h	JT
dek i	VH
dek u	RL
dek w	B]
dek-	TJ
dek.	MQ
dek. 	MQ
dek.e	a?
deka	SK
dekac	UI
dekam	DZ
dekap	ZD
dekar	QM
dekas	DZ
dekau	YE
dekb	FX
deke	JT
dekeg	^A
dekeh	UI
dekei	B]
dekel	MQ
deken	RL
deket	QM
dekg	UI
dekh	RL
dekho	UI
deki	TJ
dekie	RL
dekil	QM
dekin	TJ
dekio	WG
dekis	IU
dekl	KS
dekl.	ZD
dekla	GW
dekle	WG
dekli	LR
deklä	>b
dekn	RL
dekno	IU
deko	SK
dekol	@_
dekom	VH
dekon	QM
dekor	QM
dekos	SK
dekr	WG
dekre	RL
deks	TJ
deks,	MQ
dekst	XF
dekt	QM
dekt 	QM
dekt,	RL
dekt.	GW
dekta	UI
dekte	FX
dekti	XF
dektr	FX
deku	>b
dekuh	EY
dekum	JT
dekun	EY
dekur	KS
dekw	TJ
dekw 	TJ
dekä	LR
dekäs	MQ
dekö	IU
dekön	JT
dekü	JT
deküc	JT
dekün	FX
dekür	JT
del 	FX
del 0	UI
del a	RL
del b	WG
del d	JT
del e	RL
del f	TJ
del g	JT
del h	?a
del i	HV
del j	DZ
del k	QM
del m	@_
del n	SK
del p	@_
del r	FX
del s	KS
del u	MQ
del v	<d
del z	QM
del |	WG
del,	SK
del, 	SK
del-	SK
del.	SK
del. 	RL
del.e	YE
del?	DZ
del? 	DZ
dela	KS
dela 	RL
delac	KS
delad	TJ
delaf	EY
delam	IU
delan	a?
delar	;e
delas	HV
delat	MQ
delau	EY
delb	KS
delb 	MQ
delba	SK
delbe	EY
delbr	_@
delbs	TJ
delch	MQ
deld	JT
deld,	MQ
deld.	KS
delde	C[
deldi	KS
deldr	HV
deldı	UI
dele	WG
dele 	WG
dele,	WG
dele.	[C
delea	GW
delec	IU
deled	KS
delee	QM
delef	UI
deleh	KS
delei	VH
delek	FX
delen	UI
delep	QM
deler	[C
delet	GW
deleu	RL
delf	JT
delf 	MQ
delfe	GW
delft	YE
delg	FX
delg 	IU
delge	JT
delgr	EY
delgt	DZ
delh	SK
deli 	TJ
deli,	VH
delic	HV
delie	TJ
delig	WG
delil	B]
delin	KS
delis	GW
delit	LR
delk	UI
delk 	KS
delke	]B
delko	YE
dell	KS
dell 	=c
dell.	JT
dellb	LR
delli	QM
dellk	YE
dellm	YE
dello	MQ
dells	QM
dellt	GW
dellw	FX
delm	SK
delmt	ZD
deln	RL
deln 	YE
deln,	WG
delni	KS
delo	WG
delo 	MQ
deloa	JT
deloc	QM
delog	LR
deloh	GW
delom	^A
delor	SK
delos	]B
deloß	TJ
delp	UI
delpf	[C
delr	e;
delri	^A
dels	LR
dels 	C[
delsc	^A
delse	TJ
delso	MQ
delt	UI
delt 	SK
delt,	XF
delt.	JT
delte	JT
delti	SK
delue	VH
deluf	QM
delun	SK
delus	QM
delve	MQ
delw	LR
delwa	GW
dely	RL
delz	]B
delz 	d<
delä	IU
deläd	TJ
delän	LR
delär	>b
deläs	]B
delät	JT
deläu	WG
delö	TJ
delöf	YE
delös	UI
delü	KS
delüc	IU
delüg	KS
del“	MQ
dem 	KS
dem (	GW
dem 0	UI
dem a	A^
dem b	HV
dem d	UI
dem f	ZD
dem g	MQ
dem h	FX
dem i	KS
dem j	[C
dem k	RL
dem l	TJ
dem m	KS
dem n	=c
dem o	ZD
dem p	TJ
dem r	SK
dem t	GW
dem u	GW
dem v	JT
dem w	MQ
dem z	EY
dem |	^A
dem „	MQ
dem,	MQ
dem, 	MQ
dem-	QM
dem.	JT
dem. 	JT
dema	SK
dema 	LR
demac	QM
demag	WG
demah	[C
demai	LR
demal	[C
deman	RL
demar	TJ
demas	UI
demat	c=
demau	GW
demaß	UI
demb	SK
demba	SK
dembe	[C
dembh	RL
demd	QM
demd 	QM
deme	RL
deme,	UI
deme.	VH
demec	WG
demed	XF
demeh	TJ
demel	IU
demen	QM
demer	JT
demes	JT
demet	b>
demg	KS
demi 	YE
demic	C[
demie	ZD
demil	SK
demin	MQ
demir	GW
demit	RL
demk	QM
demkr	YE
demlu	QM
demm	LR
demm 	QM
demma	FX
demml	QM
demmt	JT
demmu	HV
demo	YE
demo 	ZD
demo,	[C
demo-	UI
demo.	XF
demod	FX
demoi	LR
demol	GW
demon	SK
demoo	WG
demor	XF
demo–	^A
dempe	XF
dempf	B]
dempl	QM
dempr	FX
dems	YE
demsc	UI
demst	TJ
demt	QM
demt 	QM
demt,	LR
demt.	C[
demta	ZD
demts	TJ
demu	GW
demul	C[
demun	HV
demut	LR
demw	VH
demws	VH
dem²	TJ
dem² 	TJ
demä	QM
demö	JT
demöc	RL
demü	RL
demüh	SK
den a	JT
den b	HV
den c	LR
den d	KS
den e	QM
den g	LR
den h	[C
den j	TJ
den l	KS
den m	HV
den n	VH
den o	HV
den p	UI
den r	HV
den s	KS
den t	WG
den u	UI
den v	YE
den w	VH
den z	KS
den |	HV
den ö	LR
den ü	GW
den!	DZ
den! 	DZ
den)	JT
den) 	IU
den-	UI
den-r	MQ
den.	MQ
den.e	MQ
den.“	B]
den:	QM
den: 	QM
den;	KS
den; 	GW
den?	@_
den? 	@_
den@	LR
dena	KS
dena 	QM
denab	XF
denal	QM
denam	@_
denan	IU
denau	ZD
denba	ZD
denbe	GW
denbi	JT
denbu	TJ
denc	VH
dench	VH
dend 	TJ
dend,	MQ
dend-	HV
dend.	WG
dend:	LR
dend@	^A
denda	_@
dende	VH
dendi	EY
dendl	MQ
dendr	LR
dends	DZ
dendu	XF
dendw	TJ
dendy	LR
dene	QM
dene 	IU
dene,	VH
dene.	<d
deneb	DZ
dened	KS
denef	LR
deneh	[C
denei	QM
denel	]B
dener	XF
denes	DZ
denet	KS
deneu	QM
denew	JT
denf.	WG
denfa	MQ
denfe	KS
denfl	TJ
denfo	B]
denfä	VH
deng	TJ
deng 	MQ
deng.	RL
denga	JT
dengb	KS
denge	YE
dengl	B]
dengo	EY
dengs	MQ
denh	RL
denh.	WG
denhe	MQ
denho	LR
denhö	DZ
deni 	XF
denia	VH
denic	HV
denie	c=
denig	JT
denik	XF
denin	IU
denir	FX
denis	HV
denit	SK
denk	JT
denk 	KS
denka	XF
denke	MQ
denkl	LR
denks	RL
denku	B]
denl	RL
denla	SK
denle	SK
denli	B]
denlo	WG
denm	QM
denma	HV
denn	IU
denn 	FX
denn,	a?
denn.	[C
denna	LR
denni	IU
denns	C[
dennu	QM
deno	GW
deno 	DZ
denoc	KS
denol	KS
denom	VH
denos	UI
denot	IU
denow	RL
denp	QM
denpf	RL
denpl	KS
denpr	TJ
denr	XF
denr 	[C
denr.	c=
denra	[C
denre	RL
denri	VH
denrä	UI
dens	WG
dens 	ZD
dens)	C[
dens,	]B
dens.	IU
densa	b>
densc	HV
densf	FX
densh	WG
densi	ZD
densp	RL
denst	WG
densä	GW
dent	JT
dent 	QM
dent,	C[
denta	MQ
dente	MQ
denti	VH
dentl	GW
dento	SK
dentr	KS
dents	B]
dentü	SK
denu	DZ
denua	SK
denum	@_
denun	FX
denup	YE
denur	MQ
denus	KS
denv	YE
denve	HV
denw	ZD
denwe	QM
denwi	^A
denz	QM
denz,	_@
denza	EY
denze	LR
denzi	QM
denäc	GW
denäh	TJ
denö	]B
denöt	XF
denü	RL
den“	RL
den“ 	FX
deo 	MQ
deo (	VH
deo 0	YE
deo a	ZD
deo b	RL
deo d	KS
deo e	@_
deo f	IU
deo h	HV
deo j	QM
deo k	KS
deo l	UI
deo m	QM
deo n	LR
deo p	MQ
deo r	TJ
deo s	EY
deo u	HV
deo v	QM
deo w	LR
deo z	HV
deo)	VH
deo) 	TJ
deo),	SK
deo-	UI
deo.	^A
deo. 	^A
deo.–	XF
deo@	TJ
deoa	IU
deoad	JT
deob	EY
deob 	=c
deoba	C[
deobo	LR
deoc	QM
deock	VH
deod	GW
deode	HV
deof 	_@
deof,	GW
deofe	WG
deoff	JT
deofi	TJ
deofr	MQ
deoge	XF
deogo	DZ
deoh	a?
deohl	LR
deohn	_@
deohr	WG
deoi	KS
deoin	LR
deois	LR
deok	MQ
deoko	FX
deol	QM
deola	UI
deold	KS
deole	XF
deolf	HV
deolg	A^
deolk	LR
deoln	KS
deolo	TJ
deolt	XF
deolu	HV
deolz	VH
deom	MQ
deom 	HV
deom,	JT
deoma	WG
deomi	IU
deomk	>b
deomm	VH
deomp	IU
deon	KS
deon,	QM
deona	RL
deond	QM
deone	[C
deoni	VH
deonk	B]
deonl	JT
deons	FX
deonz	MQ
deoo	ZD
deoor	SK
deoos	UI
deoot	XF
deop	EY
deop 	EY
deop,	GW
deope	C[
deopf	EY
deopp	RL
deor	VH
deor 	[C
deor,	KS
deora	KS
deorb	XF
deord	JT
deore	MQ
deorf	FX
deorg	YE
deorh	GW
deork	FX
deorl	HV
deorn	UI
deort	IU
deorw	SK
deorz	ZD
deos	SK
deos 	DZ
deos,	MQ
deos.	VH
deose	IU
deosk	WG
deoss	[C
deost	UI
deot	JT
deot 	A^
deot.	SK
deotd	XF
deote	GW
deoti	GW
deoto	IU
deots	WG
deott	MQ
deou	C[
deoul	GW
deour	DZ
deout	FX
deov	JT
deove	GW
deow	SK
deoß 	SK
deoße	LR
deoßv	ZD
deo–	^A
deo–d	YE
deo–f	]B
dep 	KS
dep 0	GW
dep,	EY
dep, 	EY
dep.	LR
depa	TJ
depaa	LR
depac	LR
depag	C[
depal	FX
depar	WG
depas	@_
depd	HV
depdf	HV
depe	QM
deped	VH
depeg	B]
depek	SK
depel	WG
depen	TJ
deper	SK
depet	B]
depf	XF
depf 	EY
depfa	QM
depfe	XF
depfi	HV
depfl	[C
depfm	HV
depi	SK
depic	A^
depie	VH
depin	JT
depl	RL
depla	HV
deple	RL
deplo	MQ
depo	SK
depol	KS
depor	UI
depos	TJ
depp	SK
depp 	WG
deppe	VH
depr	FX
depra	JT
depre	DZ
depri	MQ
depro	LR
deprä	A^
deprü	UI
deps	DZ
deps.	HV
dept	MQ
depte	VH
depu	SK
depum	UI
deput	GW
depä	JT
depät	B]
dequ	_@
dequa	SK
deque	UI
dequi	^A
der 	QM
der &	QM
der (	RL
der 0	RL
der a	]B
der c	WG
der e	HV
der g	ZD
der h	WG
der i	a?
der j	LR
der k	JT
der m	XF
der n	FX
der o	GW
der p	FX
der r	JT
der s	GW
der t	VH
der v	FX
der w	<d
der z	UI
der |	RL
der ä	LR
der ü	QM
der)	LR
der) 	JT
der,	QM
der, 	QM
der-	SK
der-i	a?
der.	TJ
der.e	[C
der.“	IU
der:	MQ
der: 	MQ
der?	C[
der? 	C[
dera	IU
dera 	HV
derab	KS
derac	VH
derad	GW
derag	DZ
deral	[C
deras	WG
derat	QM
derau	JT
deraß	TJ
derb	UI
derb 	VH
derbe	TJ
derbo	SK
derbr	VH
derbs	TJ
derbu	^A
derbü	WG
derc	UI
derd 	VH
derd,	LR
derda	IU
derdb	XF
derde	QM
derdn	B]
derdo	DZ
dere	MQ
dere 	a?
dere.	HV
derea	JT
derec	LR
dered	IU
deree	YE
deref	HV
dereg	UI
dereh	LR
derei	QM
derek	VH
derem	LR
deren	VH
derep	XF
derer	HV
deres	FX
deret	QM
dereu	GW
derf	LR
derfa	HV
derfe	FX
derfs	b>
derfü	WG
derg	EY
derg 	ZD
derga	HV
derge	RL
dergi	@_
dergl	JT
dergr	YE
derh	IU
derhe	JT
derho	QM
derhu	[C
deri	XF
deric	RL
derie	XF
derif	HV
derig	JT
derik	]B
deril	SK
derin	VH
deris	KS
derit	YE
deriv	B]
derj	QM
derja	QM
derk	WG
derk 	MQ
derka	WG
derke	XF
derki	MQ
derkl	JT
derks	XF
derkt	VH
derku	RL
derl	HV
derla	HV
derlä	KS
derm	TJ
derm 	IU
derm,	IU
derma	UI
derme	SK
dermi	QM
dermo	IU
dermu	?a
dern	MQ
dern 	TJ
dern,	GW
dern;	IU
derna	FX
dernd	TJ
derne	GW
derno	VH
dernt	WG
dero	SK
dero 	VH
dero)	TJ
dero,	GW
dero.	WG
dero@	SK
derob	[C
deroc	<d
derod	KS
derof	TJ
derol	RL
derom	VH
deron	KS
deroo	RL
deros	VH
derot	QM
deroß	LR
derp	YE
derpr	RL
derr	IU
derr 	A^
derre	IU
derrh	ZD
derrt	MQ
ders	HV
ders 	MQ
dersc	UI
derse	KS
dersi	QM
derso	ZD
dersp	UI
derst	DZ
dert	LR
dert 	JT
dert)	IU
dert,	IU
dert.	QM
derta	LR
derte	XF
derth	LR
derti	HV
dertn	QM
dertr	GW
derts	KS
dertu	SK
deru	RL
derua	IU
deruc	EY
derud	QM
deruf	LR
deruh	WG
derun	]B
derup	XF
derut	[C
deruß	EY
derva	LR
derve	VH
dervu	@_
derw	WG
derwa	SK
derwe	SK
derwi	XF
derwä	DZ
derz	C[
derz,	FX
derze	JT
derä	WG
deräg	TJ
deräs	A^
derät	VH
deräu	TJ
derö	WG
deröf	IU
deröß	SK
derü	RL
derüc	UI
derüe	EY
derüf	TJ
derüh	@_
derün	TJ
derüs	KS
derüß	A^
der“	LR
des 	MQ
des &	ZD
des (	YE
des 0	]B
des a	SK
des b	@_
des d	RL
des e	XF
des f	YE
des g	HV
des h	QM
des i	QM
des j	DZ
des k	TJ
des l	FX
des n	>b
des p	RL
des r	KS
des s	ZD
des t	]B
des u	VH
des v	FX
des |	LR
des ö	HV
des ü	EY
des „	QM
des'	HV
des)	GW
des) 	GW
des-	VH
des.	JT
des. 	JT
des:	VH
des: 	VH
des?	DZ
des? 	DZ
desa 	QM
desa,	^A
desaa	JT
desab	ZD
desac	DZ
desam	UI
desar	ZD
desat	SK
desau	TJ
desb	IU
desbe	[C
desbi	B]
desbr	^A
desc	LR
desch	LR
desco	@_
desd	MQ
desdi	UI
desdr	IU
dese 	EY
dese,	TJ
dese.	WG
desec	^A
desed	LR
desee	LR
deseg	RL
deseh	7i
desei	LR
desel	VH
desep	YE
deser	QM
deses	XF
deset	TJ
desf	LR
desfa	DZ
desfe	a?
desfü	HV
desge	JT
desh	IU
desha	GW
deshe	ZD
deshi	@_
desho	IU
desi 	KS
desig	MQ
desik	SK
desil	MQ
desin	MQ
desis	TJ
desk 	WG
deska	SK
deske	SK
deski	KS
desko	LR
desl	RL
desla	VH
desle	WG
desli	DZ
desm	RL
desma	DZ
desme	QM
desn	DZ
deso	LR
deso,	XF
desob	DZ
desoh	DZ
desol	IU
desom	JT
deson	GW
desor	WG
despa	UI
despe	QM
despi	UI
despl	GW
despr	KS
despä	B]
desr	]B
desre	RL
dess 	IU
dess,	UI
dess.	SK
dessa	SK
dessc	LR
desse	QM
dessh	SK
dessi	B]
desst	RL
dessu	GW
dest	XF
dest 	MQ
dest)	KS
dest,	SK
dest.	TJ
dest:	UI
dest@	SK
destb	UI
deste	WG
destf	VH
desth	XF
desti	EY
destn	VH
desto	LR
destr	WG
destu	^A
destä	RL
destü	VH
desu	A^
desuc	DZ
desum	FX
desun	QM
desv	SK
desve	SK
desw	RL
deswa	XF
deswe	IU
desze	GW
deszu	]B
desäg	UI
desär	GW
desät	IU
det (	LR
det 0	YE
det a	EY
det b	?a
det c	LR
det d	FX
det e	LR
det g	HV
det h	QM
det i	IU
det j	YE
det k	IU
det l	IU
det m	TJ
det n	SK
det o	VH
det p	GW
det r	WG
det s	IU
det t	WG
det u	LR
det v	QM
det w	LR
det z	YE
det |	EY
det ü	QM
det!	KS
det! 	JT
det'	[C
det's	[C
det),	QM
det,	MQ
det, 	MQ
det-	KS
det.	RL
det.)	VH
det.,	QM
det.;	SK
det.e	VH
det; 	RL
det?	DZ
det? 	DZ
det@	ZD
det@o	VH
deta	TJ
detac	MQ
detag	UI
detak	GW
detal	TJ
detan	IU
detar	IU
detas	LR
detat	RL
detau	SK
detb	WG
detba	SK
detbi	WG
detd	ZD
detdi	XF
dete	LR
dete 	9g
dete)	VH
dete,	IU
dete.	[C
deteb	LR
detec	WG
deted	KS
deteg	[C
deteh	KS
detei	WG
detel	SK
detem	UI
deten	RL
detep	FX
deter	KS
detet	MQ
deteu	C[
detex	LR
detf	C[
detfe	GW
detg	SK
detgl	VH
deth	SK
deth 	VH
deth,	IU
detha	SK
dethe	SK
detho	A^
deti	FX
deti 	GW
detic	QM
detie	TJ
detig	SK
detik	EY
detil	IU
detim	IU
detin	FX
detio	JT
detip	B]
detis	VH
detk	QM
detke	KS
detkl	TJ
detl	LR
detl,	UI
detl.	MQ
detla	RL
detle	UI
detli	MQ
detm	SK
detma	SK
detme	UI
detn	SK
deto	KS
deto 	HV
deto,	UI
deto.	UI
detob	JT
detof	LR
detok	EY
detom	GW
deton	VH
detop	IU
detor	]B
detos	GW
detp	WG
detr	RL
detr.	[C
detre	EY
detri	KS
detro	UI
detru	YE
deträ	TJ
dets	HV
dets 	GW
dets.	XF
detsa	JT
detsc	C[
detse	;e
detsf	HV
detsg	TJ
detsh	LR
detsl	WG
detsp	SK
dett	MQ
dett,	MQ
dett@	WG
detta	KS
dette	LR
detti	KS
dettk	HV
dettl	QM
detto	QM
dettw	XF
detu	YE
detu0	YE
detuh	WG
detum	QM
detun	TJ
detur	XF
detw	RL
detwa	RL
detwe	MQ
detwo	SK
detz	RL
detz 	JT
detz,	EY
detz.	FX
detze	]B
detzg	ZD
detzi	ZD
detzt	KS
detzu	@_
detä	SK
detäg	XF
detän	RL
detö	KS
detü	XF
detüc	RL
detüh	YE
detür	SK
deu 	JT
deu (	MQ
deu a	JT
deu b	@_
deu d	RL
deu e	MQ
deu f	JT
deu g	GW
deu k	IU
deu l	HV
deu m	UI
deu n	_@
deu r	RL
deu s	JT
deu t	A^
deu u	C[
deu v	LR
deu w	FX
deu,	JT
deu, 	JT
deu-	LR
deu.	KS
deu. 	JT
deu.e	]B
deu0	YE
deu00	YE
deua	RL
deub	[C
deube	WG
deubi	^A
deuch	RL
deuck	GW
deud	GW
deude	TJ
deudg	GW
deue	RL
deue 	LR
deuen	QM
deuf 	C[
deuf.	JT
deufe	XF
deufg	SK
deufl	WG
deufm	SK
deufn	LR
deufp	MQ
deufr	KS
deufs	WG
deuft	LR
deufw	YE
deug 	MQ
deug,	VH
deug-	WG
deuge	SK
deuh	YE
deuh 	JT
deuhe	VH
deuhl	]B
deuhr	WG
deui	[C
deuid	YE
deul	MQ
deula	IU
deuld	C[
deule	LR
deuli	UI
deulk	MQ
deull	JT
deulr	^A
deum 	FX
deum,	MQ
deum.	GW
deuma	VH
deumb	]B
deume	XF
deumg	JT
deumk	YE
deumm	A^
deump	UI
deums	VH
deun 	LR
deund	VH
deune	ZD
deung	JT
deunk	IU
deunt	MQ
deunz	MQ
deupf	JT
deupp	^A
deupt	KS
deur	RL
deur 	LR
deur.	?a
deura	XF
deurd	JT
deure	XF
deurg	KS
deuri	FX
deurl	RL
deurm	QM
deurn	^A
deuro	LR
deurr	B]
deurs	]B
deurt	GW
deurz	QM
deurü	QM
deus	RL
deus 	XF
deus,	GW
deusa	IU
deusb	KS
deusc	LR
deusd	LR
deuse	^A
deusg	FX
deush	JT
deusl	UI
deusr	RL
deuss	GW
deust	UI
deusz	^A
deut	LR
deut 	FX
deut.	SK
deuta	JT
deute	SK
deuth	XF
deutk	TJ
deuto	RL
deuts	DZ
deutt	GW
deutz	EY
deuw	TJ
deuß	FX
deuß 	GW
deuße	IU
dev 	SK
dev m	SK
dev.	TJ
dev. 	SK
deve	LR
deve,	TJ
devem	HV
deven	KS
deves	TJ
devi	HV
devic	VH
devie	FX
devis	ZD
devo	MQ
devom	FX
devon	HV
devos	SK
devu	@_
devus	@_
dew 0	TJ
dewa	RL
dewac	RL
dewaf	LR
dewag	GW
dewah	GW
dewal	WG
dewan	QM
dewar	GW
dewas	SK
dewe	MQ
dewe 	GW
deweb	@_
deweg	IU
deweh	a?
dewei	JT
dewel	MQ
dewer	[C
dewes	QM
dewi	UI
dewic	GW
dewie	>b
dewim	^A
dewin	UI
dewir	_@
dewis	KS
dewit	MQ
dewo 	JT
dewoc	[C
dewoh	ZD
dewol	MQ
dewor	FX
dews	VH
dewst	VH
dewu	HV
dewun	DZ
dewäh	SK
dewär	HV
dewö	SK
dewöl	SK
dewü	<d
dewün	<d
dex 	HV
dex,	ZD
dex, 	ZD
dex.	KS
dex. 	KS
dexam	RL
dexav	FX
dexp	UI
dexpr	UI
dext.	HV
dexte	LR
dextr	TJ
dey 	LR
dey d	SK
dey n	JT
dey s	WG
dey,	GW
dey, 	GW
dey.	FX
dey. 	FX
deye	TJ
deyer	XF
deyn	SK
deyo	TJ
deyou	TJ
deyı	UI
deyıl	UI
dez 	QM
dez 0	RL
dez g	KS
dez h	WG
dez m	C[
dez n	FX
dez o	FX
dez u	JT
dez w	IU
dez,	QM
dez, 	QM
dez.	MQ
dez. 	MQ
deza	GW
dezah	JT
dezd	RL
dezde	RL
deze	LR
deze 	MQ
dezeh	RL
dezei	SK
dezem	TJ
dezen	KS
dezer	KS
dezet	FX
dezf	JT
dezfe	MQ
dezg	b>
dezi	YE
dezi 	EY
dezia	XF
dezie	XF
dezig	UI
dezim	VH
dezin	JT
dezir	UI
dezit	RL
dezl	IU
dezli	IU
dezn	GW
dezo	IU
dezol	IU
dezs	YE
dezt	QM
dezt 	LR
dezt,	ZD
dezte	IU
dezu	QM
dezu 	RL
dezu,	MQ
dezub	^A
dezue	XF
dezum	EY
dezun	A^
dezur	QM
dezus	TJ
dezw	ZD
dezwe	XF
dezwi	QM
dezwö	SK
dezz	MQ
de| 	QM
de| 0	MQ
de| a	VH
de| e	FX
de| g	UI
de| i	GW
de| j	MQ
de| k	KS
de| l	HV
de| o	LR
de| p	FX
de| r	C[
de| s	WG
de| t	^A
de| u	RL
de| v	QM
de| w	VH
de| z	UI
de| |	WG
de² 	TJ
de· 	GW
de· m	GW
deß 	GW
deß g	SK
deß i	JT
deß k	JT
deß m	EY
deß n	IU
deß s	IU
deß u	QM
deß,	GW
deß, 	GW
deß.	A^
deß. 	A^
deße	LR
deße 	KS
deße,	HV
deßen	RL
deßi	TJ
deßig	TJ
deßs	WG
deßt	QM
deßt 	UI
deßv	TJ
deßva	ZD
deäc	QM
deäch	RL
deäck	DZ
deäd	SK
deäde	TJ
deäf	SK
deäg	YE
deäge	YE
deägl	XF
deägt	RL
deäh	QM
deähe	TJ
deähr	JT
deäl	^A
deäll	DZ
deält	c=
deäm	HV
deän	UI
deänd	[C
deäng	MQ
deänn	RL
deär	?a
deär 	JT
deärb	XF
deärc	[C
deäre	:f
deärg	JT
deärm	MQ
deärt	HV
deäru	DZ
deäs	SK
deäse	WG
deät	IU
deät 	JT
deäte	WG
deätt	DZ
deätz	IU
deäuf	JT
deäum	TJ
deöc	RL
deöch	RL
deöf	UI
deöfe	WG
deöff	QM
deög	VH
deöge	VH
deöh	UI
deöl	UI
deölf	SK
deön	B]
deön 	C[
deöni	XF
deönn	HV
deöp	WG
deör	RL
deörd	IU
deöre	GW
deörs	WG
deört	KS
deös	JT
deöss	GW
deöt	XF
deöti	XF
deöß	SK
deöße	SK
deübr	LR
deübs	C[
deüc	UI
deüch	SK
deück	SK
deüe	LR
deüez	EY
deüft	MQ
deüfu	RL
deüg	MQ
deüge	LR
deüh	WG
deühe	IU
deühj	B]
deühl	^A
deühr	RL
deül	LR
deüll	HV
deün,	EY
deünd	^A
deüns	<d
deür 	JT
deür.	VH
deüre	XF
deürf	MQ
deüro	TJ
deürs	XF
deürz	FX
deüs	LR
deüss	MQ
deüß	A^
deüße	C[
deıl	UI
deıld	UI
deız	UI
de– 	UI
de– n	GW
de–/	VH
de–0	XF
de–00	WG
de–d	[C
de–do	[C
de–f	ZD
de–fr	ZD
de–s	SK
de“ 	DZ
de“ (	FX
de“ s	HV
de“ –	A^
de“,	FX
de“, 	FX
de“.	ZD
de“. 	ZD
de„de	TJ
de„e	HV
de„ei	HV
de„g	LR
de„h	B]
de„hi	B]
de„m	EY
de„p	LR
de„s	LR
de„si	LR
de„w	HV
de„wi	JT
de€ 	YE
de€ d	RL
de€ i	d<
de€ k	C[
de€ n	MQ
de€)	SK
de€),	SK
de€,	TJ
de€, 	TJ
de€.	VH
de€. 	VH
en "	JT
en "a	VH
en "b	B]
en "c	HV
en "d	HV
en "f	GW
en "g	LR
en "h	MQ
en "i	RL
en "l	FX
en "m	HV
en "n	VH
en "o	XF
en "s	LR
en "t	C[
en "w	JT
en "y	RL
en $	XF
en $0	XF
en &	UI
en & 	UI
en '	A^
en '0	JT
en 'a	GW
en 's	LR
en (	GW
en (0	a?
en (?	TJ
en (a	MQ
en (b	JT
en (c	LR
en (d	UI
en (f	UI
en (h	MQ
en (i	KS
en (m	GW
en (n	IU
en (p	UI
en (r	QM
en (s	GW
en (w	TJ
en (y	DZ
en *	?a
en +	WG
en +0	c=
en ,	VH
en , 	VH
en /	QM
en / 	QM
en 0	TJ
en 0 	QM
en 0)	_@
en 0-	f:
en 0.	HV
en 0/	RL
en 00	SK
en 0:	LR
en 0a	YE
en 0b	d<
en 0d	YE
en 0e	FX
en 0f	[C
en 0h	XF
en 0j	VH
en 0l	e;
en 0n	b>
en 0p	VH
en 0q	ZD
en 0r	SK
en 0s	d<
en 0t	YE
en [	JT
en a0	QM
en ab	DZ
en ac	SK
en ad	LR
en af	LR
en ag	?a
en ai	FX
en al	UI
en am	C[
en an	VH
en ao	HV
en ap	a?
en ar	QM
en as	GW
en at	LR
en b	SK
en b 	ZD
en b.	EY
en ba	RL
en be	MQ
en bi	C[
en bn	WG
en bo	VH
en br	ZD
en bs	^A
en bu	LR
en c 	]B
en cd	VH
en ce	VH
en ch	QM
en ci	RL
en cl	RL
en cm	b>
en co	QM
en cr	DZ
en cu	SK
en cy	JT
en d	DZ
en d.	A^
en db	VH
en dd	FX
en de	B]
en di	B]
en dl	h8
en dp	]B
en dr	VH
en du	b>
en dy	XF
en e	RL
en e 	WG
en e.	C[
en ea	IU
en eb	DZ
en ed	WG
en ei	b>
en el	SK
en em	YE
en er	DZ
en es	LR
en eu	VH
en ev	TJ
en f	UI
en f0	KS
en fe	YE
en ff	>b
en fl	ZD
en fr	VH
en fs	WG
en fu	YE
en g	VH
en ga	YE
en gb	KS
en ge	MQ
en gi	MQ
en gl	WG
en go	JT
en gp	GW
en gr	HV
en gs	SK
en gu	YE
en gw	QM
en h.	GW
en ha	KS
en hd	JT
en he	QM
en hi	MQ
en ho	QM
en hr	XF
en hu	XF
en hx	WG
en i	RL
en i 	RL
en i'	KS
en id	HV
en ig	EY
en il	GW
en im	C[
en ir	TJ
en is	]B
en it	MQ
en iv	FX
en j	WG
en j.	WG
en ja	QM
en je	IU
en ji	^A
en jo	LR
en ju	TJ
en k	LR
en k.	RL
en ke	QM
en kg	^A
en ki	B]
en km	ZD
en kn	MQ
en kr	SK
en la	IU
en le	LR
en li	QM
en ll	[C
en ln	[C
en lo	IU
en lt	WG
en lu	d<
en ly	FX
en m	JT
en m.	?a
en ma	KS
en mb	ZD
en me	QM
en mi	LR
en mm	a?
en mr	KS
en ms	FX
en mu	KS
en my	C[
en n	MQ
en n 	EY
en na	KS
en ne	LR
en ni	]B
en no	JT
en nu	KS
en o	SK
en o 	IU
en o'	MQ
en oa	TJ
en ob	B]
en oc	SK
en oh	GW
en oi	MQ
en ok	XF
en ol	QM
en om	QM
en on	JT
en op	SK
en or	SK
en os	a?
en ot	IU
en ou	QM
en ov	RL
en ow	QM
en ox	LR
en p.	UI
en pa	C[
en pd	>b
en pe	TJ
en ph	JT
en pi	KS
en pl	UI
en pm	TJ
en po	JT
en pr	EY
en ps	>b
en pu	GW
en qx	TJ
en r	RL
en r.	LR
en rd	UI
en re	IU
en rh	EY
en ri	TJ
en ry	^A
en s0	MQ
en sa	FX
en sc	UI
en se	KS
en si	WG
en sk	TJ
en sm	k5
en so	GW
en sp	TJ
en sq	a?
en st	TJ
en su	RL
en sw	JT
en t	QM
en t 	b>
en ta	RL
en tb	GW
en te	b>
en th	LR
en to	RL
en tu	YE
en tw	UI
en ty	DZ
en u	LR
en u 	?a
en uh	^A
en ul	SK
en um	SK
en un	@_
en ur	C[
en us	VH
en v0	=c
en va	TJ
en ve	GW
en vi	XF
en vo	C[
en vu	FX
en w	HV
en w 	QM
en w/	HV
en wa	LR
en we	WG
en wi	RL
en wk	]B
en wo	JT
en ww	IU
en wy	f:
en x	B]
en x 	A^
en y 	RL
en ya	UI
en ye	QM
en yo	KS
en yr	^A
en z	LR
en zi	LR
en |	MQ
en | 	MQ
en ~	SK
en ~~	SK
en £	VH
en £0	VH
en ©	B]
en © 	B]
en ·	@_
en · 	@_
en “	QM
en “b	FX
en “h	JT
en “t	IU
en “y	?a
en €	d<
en €0	d<
en ★	KS
en ★★	KS
en �	a?
en! 	;e
en!!	KS
en!! 	JT
en!!!	ZD
en!)	WG
en!) 	WG
en" 	KS
en" -	FX
en" a	FX
en" i	RL
en" o	DZ
en" w	B]
en" –	EY
en")	@_
en") 	@_
en",	MQ
en", 	MQ
en".	FX
en". 	FX
en"a	VH
en"a 	LR
en"ar	GW
en"b	B]
en"be	B]
en"c	HV
en"d	HV
en"de	?a
en"di	@_
en"f	GW
en"fo	HV
en"g	LR
en"h	MQ
en"ha	@_
en"i	RL
en"i 	RL
en"l	FX
en"li	HV
en"m	HV
en"me	MQ
en"my	FX
en"n	VH
en"no	VH
en"o	WG
en"op	ZD
en"ou	FX
en"pr	RL
en"s	LR
en"sa	XF
en"t	B]
en"th	9g
en"to	RL
en"w	JT
en"wh	LR
en"y	RL
en"yo	RL
en$0	XF
en$0 	ZD
en$0,	c=
en$0.	a?
en$00	TJ
en% 	JT
en% o	JT
en& 	UI
en& 0	ZD
en& a	YE
en& b	SK
en& c	SK
en& d	]B
en& f	QM
en& l	h8
en& m	@_
en& p	KS
en& r	RL
en& s	ZD
en& t	FX
en' 	KS
en' b	B]
en' h	[C
en' l	WG
en' m	FX
en'0	QM
en'00	QM
en'a	GW
en'd	KS
en'l	JT
en'll	JT
en'm	KS
en'm 	LR
en'r	YE
en're	XF
en's	IU
en's 	IU
en's.	KS
en't	IU
en't 	LR
en't,	@_
en't.	MQ
en'v	QM
en've	QM
en(0	a?
en(00	h8
en(?	TJ
en(a	MQ
en(al	MQ
en(b	JT
en(c	LR
en(ch	FX
en(co	WG
en(d	UI
en(da	SK
en(f	UI
en(fo	@_
en(fr	XF
en(h	MQ
en(he	IU
en(hi	QM
en(ho	UI
en(i	KS
en(i 	HV
en(in	RL
en(m	GW
en(ma	TJ
en(mi	KS
en(mo	LR
en(mr	?a
en(n	IU
en(no	HV
en(p	UI
en(pl	GW
en(r	QM
en(re	QM
en(s	GW
en(sa	KS
en(se	MQ
en(sh	A^
en(so	SK
en(te	d<
en(th	TJ
en(to	C[
en(tr	HV
en(tu	B]
en(w	TJ
en(wi	YE
en(y	DZ
en(ye	DZ
en) 	C[
en) 0	YE
en) a	UI
en) b	FX
en) o	VH
en) s	KS
en) w	JT
en),	UI
en), 	UI
en).	XF
en). 	XF
en):	JT
en): 	JT
en* 	<d
en*,	SK
en*, 	SK
en+ 	MQ
en+ 0	YE
en+ a	DZ
en+ p	HV
en+ r	SK
en+ s	_@
en+ v	]B
en+0	c=
en+00	c=
en, 	HV
en, "	?a
en, $	MQ
en, 0	RL
en, a	d<
en, b	VH
en, c	UI
en, d	JT
en, e	LR
en, f	WG
en, g	^A
en, h	VH
en, i	TJ
en, j	YE
en, k	HV
en, l	@_
en, m	HV
en, n	SK
en, o	a?
en, p	QM
en, q	TJ
en, r	SK
en, s	[C
en, t	SK
en, u	]B
en, v	]B
en, w	FX
en, £	MQ
en, “	FX
en,0	JT
en,00	JT
en- 0	TJ
en- c	TJ
en- h	QM
en- n	LR
en- p	@_
en- t	A^
en- |	]B
en-0	VH
en-0 	g9
en-0,	d<
en-0.	TJ
en-00	RL
en-a	B]
en-an	FX
en-ar	FX
en-b	MQ
en-bl	UI
en-c	DZ
en-ca	JT
en-cl	IU
en-co	GW
en-d	SK
en-do	UI
en-e	MQ
en-ei	ZD
en-f	KS
en-fi	KS
en-fo	KS
en-fr	HV
en-g	_@
en-h	XF
en-ha	XF
en-l	MQ
en-la	GW
en-m	HV
en-ma	RL
en-n	[C
en-o	WG
en-of	ZD
en-on	_@
en-ou	QM
en-p	WG
en-pu	]B
en-r	UI
en-re	UI
en-s	LR
en-sa	MQ
en-sh	VH
en-si	B]
en-st	^A
en-u	WG
en-up	WG
en-w	EY
en-wi	DZ
en. (	LR
en. 0	g9
en. a	YE
en. b	GW
en. c	<d
en. d	IU
en. e	GW
en. f	QM
en. g	JT
en. h	A^
en. k	TJ
en. m	DZ
en. n	KS
en. o	@_
en. r	DZ
en. w	B]
en."	KS
en." 	LR
en.)	;e
en.) 	;e
en.*	DZ
en.* 	DZ
en.,	EY
en., 	EY
en..	LR
en.. 	LR
en.0	MQ
en.0 	g9
en.:	JT
en.: 	JT
en.b	EY
en.b.	EY
en.e	SK
en.ex	SK
en.k	GW
en.ke	LR
en.s	?a
en.t	SK
en.”	SK
en.” 	SK
en/ 0	=c
en/ a	QM
en/ b	FX
en/ p	FX
en/ r	RL
en/ s	ZD
en//	ZD
en/0	EY
en/00	GW
en/h	C[
en/hr	C[
en/m	h8
en/w	SK
en0 	^A
en0 (	SK
en0 +	]B
en0 -	TJ
en0 0	a?
en0 a	^A
en0 c	LR
en0 e	WG
en0 f	GW
en0 g	d<
en0 i	IU
en0 j	IU
en0 k	f:
en0 l	]B
en0 m	RL
en0 o	<d
en0 p	QM
en0 q	ZD
en0 r	=c
en0 s	DZ
en0 u	B]
en0 v	[C
en0 w	MQ
en0 y	b>
en0 |	a?
en0 ·	8h
en0 –	FX
en0%	UI
en0% 	RL
en0)	RL
en0) 	TJ
en0),	WG
en0,	XF
en0, 	]B
en0,0	KS
en0-	b>
en0-0	_@
en0.	SK
en0. 	YE
en0.0	MQ
en0/	DZ
en0/0	9g
en0/h	C[
en00	^A
en00 	VH
en00%	UI
en00)	SK
en00,	UI
en00-	ZD
en00.	VH
en00/	C[
en000	RL
en00:	ZD
en00;	RL
en00a	WG
en00g	[C
en00p	WG
en00s	MQ
en00t	?a
en00x	EY
en00–	a?
en0:	TJ
en0: 	QM
en0:0	QM
en0a	]B
en0aa	^A
en0am	UI
en0b	d<
en0bb	^A
en0d	YE
en0dd	YE
en0e	FX
en0ee	B]
en0f	[C
en0g	[C
en0h	XF
en0j	VH
en0k	GW
en0k.	LR
en0l	e;
en0lb	ZD
en0ll	^A
en0ln	[C
en0m	a?
en0m 	ZD
en0n	b>
en0nd	_@
en0nn	YE
en0p	]B
en0p.	_@
en0pl	[C
en0pm	UI
en0pp	VH
en0pt	UI
en0q	ZD
en0qt	XF
en0r	SK
en0rb	UI
en0rr	WG
en0s	c=
en0s 	[C
en0s,	QM
en0s.	UI
en0st	YE
en0t	LR
en0th	FX
en0tt	RL
en0x	GW
en0x0	EY
en0–	YE
en0–0	XF
en: 	KS
en: "	EY
en: $	b>
en: '	EY
en: 0	JT
en: b	LR
en: c	B]
en: d	DZ
en: h	SK
en: i	c=
en: l	RL
en: m	]B
en: n	:f
en: o	QM
en: p	XF
en: r	UI
en: s	JT
en: w	DZ
en: “	C[
en:0	QM
en:00	QM
en; 	QM
en; 0	a?
en; a	UI
en; b	GW
en; c	MQ
en; d	JT
en; f	GW
en; g	UI
en; i	TJ
en; m	^A
en; n	JT
en; o	XF
en; p	=c
en; r	[C
en; s	c=
en; t	LR
en; w	^A
en; y	B]
en? 	!}
en?"	]B
en?" 	]B
en?)	IU
en?) 	IU
en??	DZ
en?? 	EY
en@a	[C
en@b	d<
en@br	a?
en@c	GW
en@ca	GW
en@co	RL
en@f	WG
en@fe	KS
en@g	[C
en@gr	[C
en@ha	JT
en@hi	_@
en@l	TJ
en@la	e;
en@li	IU
en@o	YE
en@ot	YE
en@p	e;
en@q	MQ
en@qu	MQ
en@r	d<
en@s	SK
en@sa	^A
en@se	[C
en@st	XF
en@t	k5
en@ta	XF
en@to	[C
en@w	]B
en@we	UI
en@wi	YE
en] 	GW
en] w	FX
ena 	SK
ena "	C[
ena 0	LR
ena a	XF
ena b	HV
ena c	ZD
ena d	SK
ena f	GW
ena i	MQ
ena j	UI
ena k	^A
ena m	XF
ena n	WG
ena p	IU
ena q	[C
ena r	IU
ena t	MQ
ena w	ZD
ena y	WG
ena |	_@
ena £	XF
ena,	DZ
ena, 	DZ
ena-	QM
ena.	LR
ena. 	MQ
ena.”	JT
ena0	QM
ena@	KS
enaa	^A
enaa.	ZD
enab	HV
enab 	XF
enab.	[C
enabb	TJ
enabe	EY
enabi	WG
enabl	HV
enabn	LR
enabo	DZ
enabs	A^
enaby	TJ
enac	HV
enaca	DZ
enacc	RL
enace	QM
enach	QM
enack	IU
enacl	HV
enaco	]B
enacr	IU
enact	IU
enad	MQ
enad 	>b
enad'	IU
enad,	QM
enad-	EY
enada	^A
enadd	QM
enade	UI
enadg	GW
enadi	YE
enadl	IU
enadm	RL
enado	HV
enads	LR
enady	IU
enae	JT
enae 	EY
enaf 	]B
enaff	YE
enafl	?a
enafo	FX
enaft	KS
enag	KS
enag,	UI
enaga	;e
enage	TJ
enagh	^A
enagm	RL
enagn	C[
enago	TJ
enagr	HV
enagu	MQ
enah	B]
enah 	DZ
enai	IU
enaid	GW
enaig	LR
enail	UI
enaim	<d
enain	JT
enair	^A
enais	DZ
enait	QM
enak	TJ
enak 	WG
enak,	KS
enakd	RL
enake	XF
enal	RL
enal 	SK
enal,	EY
enal.	9g
enala	WG
enalc	C[
enald	[C
enale	MQ
enalf	VH
enali	LR
enalk	EY
enalm	RL
enaln	VH
enalo	ZD
enalp	JT
enalt	TJ
enalu	JT
enalv	TJ
enalw	WG
enam 	LR
enam,	IU
enam-	RL
enam.	GW
enamb	]B
enami	QM
enamm	IU
enamo	[C
enamp	QM
enams	QM
enamu	MQ
enan	RL
enan 	VH
enan'	e;
enan)	IU
enan.	RL
enan@	ZD
enana	]B
enanc	FX
enand	YE
enang	5k
enani	SK
enank	MQ
enann	SK
enano	RL
enans	RL
enant	KS
enanu	VH
enany	RL
enao	QM
enap	QM
enap 	>b
enap,	ZD
enap.	C[
enapa	TJ
enape	EY
enaph	LR
enapl	_@
enapo	C[
enapp	b>
enapr	]B
enaps	A^
enapt	LR
enar	MQ
enar 	C[
enar'	ZD
enar.	HV
enar?	WG
enara	QM
enarb	RL
enard	SK
enare	RL
enarf	_@
enarg	KS
enari	ZD
enarj	VH
enark	EY
enarl	SK
enarm	WG
enarn	]B
enarp	c=
enarr	YE
enars	_@
enart	HV
enarv	KS
enary	FX
enas	QM
enas 	IU
enas,	RL
enas;	XF
enasc	YE
enase	<d
enash	XF
enasi	JT
enasn	UI
enaso	DZ
enasp	JT
enass	SK
enast	^A
enasu	EY
enasw	C[
enasy	DZ
enat	TJ
enat 	JT
enat,	^A
enat-	MQ
enat.	UI
enata	TJ
enatc	SK
enate	IU
enath	^A
enati	XF
enato	HV
enats	QM
enatt	DZ
enatu	UI
enau	UI
enauc	EY
enaug	TJ
enaul	XF
enaun	MQ
enaur	JT
enaut	KS
enav	GW
enava	b>
enavi	=c
enavo	B]
enavy	B]
enaw	RL
enaw 	ZD
enawe	RL
enawi	EY
enawk	JT
enawl	WG
enawm	XF
enawn	HV
enaws	LR
enay	MQ
enay 	HV
enay!	DZ
enay'	FX
enay-	LR
enay.	MQ
enay;	YE
enayb	A^
enaye	ZD
enayi	WG
enayl	RL
enaym	HV
enb 	QM
enb (	SK
enb 0	b>
enb a	JT
enb b	]B
enb d	JT
enb f	ZD
enb h	HV
enb i	EY
enb l	[C
enb s	KS
enb t	KS
enb |	KS
enb £	]B
enb,	LR
enb, 	LR
enb-	EY
enb-0	HV
enb-c	C[
enb.	HV
enb. 	DZ
enb.e	]B
enb/	WG
enb0	WG
enb0 	WG
enbac	VH
enbad	FX
enbag	^A
enbal	XF
enban	C[
enbar	VH
enbas	TJ
enbat	JT
enbay	a?
enbb	VH
enbb.	^A
enbbi	]B
enbbl	WG
enbbo	]B
enbbs	JT
enbby	B]
enbc	KS
enbc 	LR
enbd	QM
enbe	MQ
enbe 	A^
enbe.	LR
enbea	ZD
enbec	UI
enbed	UI
enbee	FX
enbef	SK
enbeg	SK
enbeh	UI
enbel	VH
enben	b>
enber	LR
enbes	?a
enbet	IU
enbev	[C
enbex	@_
enbey	MQ
enbh	VH
enbha	XF
enbi	EY
enbia	HV
enbic	b>
enbid	B]
enbig	HV
enbik	TJ
enbil	KS
enbir	d<
enbis	MQ
enbit	2n
enbj	@_
enbje	@_
enbla	LR
enbli	^A
enblo	IU
enbly	YE
enbn	MQ
enbn0	WG
enboa	IU
enbob	FX
enbod	UI
enboi	QM
enbol	YE
enbon	DZ
enboo	LR
enbor	f:
enbot	c=
enbou	<d
enbov	ZD
enbox	RL
enbr	TJ
enbra	ZD
enbre	TJ
enbri	UI
enbru	HV
enbs	C[
enbs 	[C
enbs.	?a
enbsc	c=
enbsi	C[
enbsw	JT
enbt	RL
enbt 	ZD
enbu	LR
enbuc	MQ
enbud	B]
enbui	RL
enbum	GW
enbur	[C
enbus	FX
enbut	LR
enbuy	XF
enbv	IU
enbvi	IU
enby	KS
enby 	QM
enby,	EY
enbye	HV
enc 	XF
enc 0	WG
enc a	RL
enc b	RL
enc c	[C
enc d	DZ
enc l	_@
enc t	HV
enc,	DZ
enc, 	DZ
enc. 	HV
enc.e	^A
enc:	DZ
enc: 	DZ
enc@	ZD
enc@s	ZD
enca	MQ
encad	JT
encaf	XF
encag	^A
encal	C[
encam	MQ
encan	MQ
encap	MQ
encar	VH
encas	XF
encat	KS
encau	KS
encav	A^
encc	TJ
encca	RL
encce	^A
encco	DZ
encd	VH
encd0	VH
ence 	UI
ence)	[C
ence,	HV
ence:	[C
ence;	WG
ence?	HV
ence@	g9
enceb	B]
enced	QM
encei	JT
encel	GW
encem	SK
encen	XF
encep	RL
ences	IU
encf	a?
ench,	JT
ench.	UI
enchd	MQ
enche	KS
enchi	a?
enchn	MQ
encho	MQ
enchr	VH
encht	MQ
enchu	GW
enchy	GW
enci	MQ
encia	YE
encid	C[
encil	JT
encin	MQ
encip	XF
encis	C[
encit	LR
enciv	MQ
enck	RL
enck 	WG
enck'	FX
enck,	YE
enck-	SK
encka	UI
encke	KS
encki	B]
enckl	a?
enckm	VH
encko	EY
enckw	XF
encl	WG
encl.	XF
encla	GW
encle	f:
encli	JT
enclo	TJ
encm	b>
encm 	b>
enco.	ZD
encoa	SK
encob	h8
encod	DZ
encof	^A
encol	9g
encom	VH
encon	DZ
encoo	b>
encop	MQ
encor	XF
encos	A^
encot	IU
encou	LR
encov	c=
encr	DZ
encra	VH
encri	>b
encro	IU
encry	C[
encs	_@
encs 	b>
encs,	_@
enct	FX
enct 	MQ
enct,	KS
enct.	A^
encta	HV
encte	IU
encti	QM
encto	MQ
enctr	TJ
enctu	:f
encu	JT
encue	WG
encui	FX
encul	JT
encum	FX
encup	LR
encur	B]
encus	B]
encut	XF
ency	LR
ency 	KS
encyc	b>
end &	GW
end (	B]
end /	FX
end 0	UI
end a	EY
end b	WG
end e	a?
end f	GW
end g	HV
end h	MQ
end i	LR
end j	[C
end k	JT
end l	?a
end m	KS
end n	b>
end o	SK
end p	[C
end q	<d
end r	RL
end t	JT
end u	TJ
end v	TJ
end w	UI
end y	WG
end |	]B
end £	QM
end –	LR
end"	QM
end" 	;e
end",	a?
end".	@_
end'	JT
end's	JT
end)	GW
end) 	B]
end,	SK
end, 	SK
end-	EY
end-s	GW
end. 	LR
end."	QM
end.e	_@
end0	KS
end0 	KS
end: 	KS
end?	EY
end? 	EY
end@	[C
enda	QM
enda 	QM
endab	WG
endad	UI
endag	FX
endai	GW
endal	TJ
endam	JT
endan	TJ
endar	@_
endat	3m
endau	FX
enday	^A
endb	QM
endba	LR
endbe	]B
endbs	VH
endc	IU
endd	VH
endd 	UI
endd,	MQ
endda	WG
endde	MQ
enddl	[C
enddo	XF
enddr	;e
enddy	^A
ende	QM
ende'	^A
ende,	e;
ende-	SK
ende.	LR
endea	?a
endeb	XF
endec	GW
ended	HV
endef	;e
endel	SK
endem	SK
enden	XF
endeo	IU
ender	LR
endes	WG
endet	A^
endev	XF
endey	IU
endf	KS
endf 	B]
endf,	HV
endfa	ZD
endg	MQ
endge	MQ
endgi	^A
endh	JT
endi	LR
endi 	IU
endic	HV
endid	WG
endie	KS
endif	B]
endin	[C
endir	HV
endis	B]
endit	ZD
endiv	VH
endl 	h8
endle	VH
endli	EY
endlo	YE
endly	?a
endm	WG
endma	[C
endmi	HV
endmo	^A
endn	B]
endne	HV
endo 	HV
endo.	RL
endoc	UI
endoe	XF
endog	UI
endoi	UI
endol	a?
endom	KS
endon	IU
endor	FX
endot	^A
endou	e;
endov	>b
endow	JT
endp	YE
endr	QM
endr 	]B
endra	KS
endre	GW
endri	XF
endro	IU
endru	QM
ends 	KS
ends,	KS
ends.	a?
endsa	]B
endsi	IU
endso	UI
endst	^A
endu	VH
enduc	LR
endug	]B
endun	VH
endur	[C
endus	MQ
endv	RL
endve	B]
endvi	UI
endw	SK
endwo	]B
endwr	JT
endy	VH
endy 	]B
endy'	IU
endy,	GW
endy.	@_
ene 	QM
ene "	<d
ene $	EY
ene &	@_
ene (	YE
ene -	WG
ene /	@_
ene 0	a?
ene a	LR
ene c	]B
ene d	LR
ene e	ZD
ene f	VH
ene g	MQ
ene h	TJ
ene i	RL
ene j	UI
ene k	GW
ene l	LR
ene m	KS
ene n	IU
ene o	GW
ene q	SK
ene r	SK
ene s	JT
ene t	MQ
ene u	EY
ene v	DZ
ene w	LR
ene y	YE
ene |	FX
ene £	:f
ene –	QM
ene “	JT
ene!	[C
ene!!	[C
ene"	C[
ene" 	HV
ene",	=c
ene".	FX
ene'	RL
ene'd	A^
ene'l	VH
ene'r	]B
ene's	RL
ene'v	FX
ene)	e;
ene) 	]B
ene),	VH
ene).	]B
ene,	RL
ene, 	RL
ene-	IU
ene-b	_@
ene-d	GW
ene-l	JT
ene-o	IU
ene-p	_@
ene-s	a?
ene.e	k5
ene:	TJ
ene: 	TJ
ene;	FX
ene; 	FX
ene?	;e
ene? 	>b
ene@f	IU
ene@r	_@
ene@s	[C
enea	JT
enea 	c=
enea,	ZD
eneac	UI
enead	MQ
eneaf	UI
eneag	QM
eneam	EY
enean	UI
eneap	C[
enear	JT
eneas	DZ
eneat	^A
eneav	QM
eneb	IU
eneb 	C[
eneb,	@_
enebe	g9
enebr	GW
enebs	C[
enebu	JT
eneby	KS
enec 	YE
enec@	ZD
eneca	QM
enece	VH
eneci	@_
eneck	QM
enecl	C[
enect	TJ
enecu	XF
ened 	YE
ened"	:f
ened,	MQ
ened.	JT
ened:	JT
ened?	C[
enedd	RL
enede	TJ
enedg	WG
enedi	TJ
enedn	KS
eneds	JT
enedu	KS
enedw	UI
enedy	>b
enee	QM
enee 	SK
enee'	B]
enee,	QM
eneec	]B
eneed	SK
eneel	a?
eneen	C[
eneep	RL
eneer	VH
enees	YE
eneet	QM
eneez	VH
enef	IU
enef 	IU
enefa	DZ
enefe	;e
enefi	a?
enefu	UI
eneg	SK
eneg 	GW
enega	VH
enege	EY
enegg	KS
enegi	ZD
eneh	MQ
eneha	FX
enei	RL
eneic	YE
eneig	[C
eneil	B]
enein	SK
eneir	LR
eneit	MQ
eneiv	MQ
enek 	KS
enek,	SK
enek.	FX
enekd	c=
eneke	SK
enekl	?a
eneks	VH
enel	TJ
enel 	VH
enel"	TJ
enel,	a?
enel.	KS
enel0	TJ
enela	EY
enelb	[C
enelc	RL
enele	YE
enelf	?a
eneli	JT
enell	QM
enelm	YE
enelp	LR
enels	MQ
enelt	FX
enelv	IU
enelw	GW
enely	>b
enem 	QM
enem,	FX
enem.	FX
enema	JT
eneme	KS
enemi	WG
enemo	UI
enemp	VH
enems	DZ
enen	MQ
enen 	UI
enen'	KS
enen)	DZ
enen,	VH
enen.	C[
enen:	IU
enen;	ZD
enenc	MQ
enend	XF
eneng	KS
enenh	^A
eneni	HV
enenn	^A
enenq	EY
enens	WG
enent	DZ
enenu	VH
enenv	KS
enenw	GW
enen”	FX
eneo	JT
eneo 	C[
eneof	?a
eneon	MQ
eneor	a?
eneos	?a
enep	YE
enep,	TJ
enep.	C[
enepa	VH
enepe	[C
eneph	DZ
enepi	MQ
enepl	QM
enepo	^A
eneps	XF
enept	KS
eneq	<d
enequ	<d
ener 	ZD
ener!	C[
ener"	C[
ener'	GW
ener)	C[
ener-	YE
ener.	IU
ener:	KS
ener;	KS
ener@	b>
enera	VH
enerb	WG
enerc	HV
enerd	LR
enere	IU
enerf	[C
energ	MQ
enerh	KS
enerl	DZ
enerm	a?
enern	KS
enero	DZ
enerp	[C
enerr	DZ
eners	KS
enert	ZD
enerw	YE
enery	TJ
enes	MQ
enes 	VH
enes"	RL
enes'	IU
enes)	KS
enes,	MQ
enes-	[C
enes.	SK
enes;	^A
enes?	A^
enes@	a?
enesa	?a
enesc	LR
enesd	LR
enese	KS
enesh	KS
enesi	SK
enesk	A^
enesm	^A
enesn	MQ
eneso	JT
enesp	MQ
eness	QM
enest	ZD
enesu	GW
enet	JT
enet 	KS
enet)	TJ
enet,	^A
enet.	7i
enet;	B]
enete	EY
eneth	LR
eneti	B]
enets	JT
enett	SK
enetu	_@
eneu	c=
eneum	^A
eneur	VH
enev 	RL
eneva	TJ
enevd	RL
enevi	IU
enew 	XF
enew'	C[
enew,	KS
enewa	KS
enewe	QM
enewh	@_
enewi	HV
enewo	c=
enewr	XF
enex 	<d
enexa	[C
enexi	WG
enexl	b>
enext	LR
eney	SK
eney 	UI
eney'	[C
eney,	XF
eney.	9g
eney:	HV
eneya	@_
eneyi	VH
eneyo	_@
eneyr	FX
eneys	a?
eneyw	^A
enez	WG
eneze	ZD
enf (	VH
enf 0	SK
enf b	FX
enf c	MQ
enf d	WG
enf e	WG
enf f	VH
enf g	=c
enf h	FX
enf i	^A
enf j	YE
enf l	KS
enf m	DZ
enf n	YE
enf o	]B
enf p	ZD
enf r	GW
enf s	MQ
enf t	EY
enf u	UI
enf v	KS
enf w	GW
enf y	SK
enf,	GW
enf, 	GW
enf-	IU
enf.	JT
enf. 	LR
enf0	KS
enf:	QM
enf: 	UI
enf;	^A
enf; 	^A
enfa	QM
enfac	QM
enfad	FX
enfai	EY
enfal	QM
enfan	ZD
enfar	WG
enfas	HV
enfat	[C
enfe 	JT
enfeb	JT
enfec	C[
enfed	GW
enfee	ZD
enfeg	TJ
enfel	]B
enfen	MQ
enfer	IU
enfes	SK
enfet	^A
enfew	FX
enff,	?a
enffe	SK
enffi	RL
enffo	QM
enffs	_@
enfi	QM
enfic	TJ
enfif	LR
enfig	LR
enfil	IU
enfir	KS
enfis	ZD
enfit	i7
enfiv	YE
enfix	TJ
enfl	VH
enfla	XF
enfle	EY
enfli	LR
enflo	ZD
enflu	VH
enfly	HV
enfol	LR
enfon	EY
enfoo	B]
enfor	LR
enfou	VH
enfr	VH
enfra	c=
enfre	ZD
enfri	JT
enfro	QM
enfry	JT
enfs	a?
enfs 	FX
enfsc	WG
enft,	ZD
enft.	LR
enfte	SK
enfts	l4
enfty	JT
enfu	RL
enful	MQ
enfur	e;
enfus	MQ
eng 	LR
eng &	YE
eng (	C[
eng 0	QM
eng b	GW
eng c	WG
eng d	IU
eng f	QM
eng g	YE
eng h	>b
eng i	[C
eng k	HV
eng l	VH
eng m	YE
eng n	XF
eng o	KS
eng r	]B
eng s	MQ
eng t	=c
eng u	YE
eng w	VH
eng y	B]
eng |	d<
eng £	QM
eng!	A^
eng! 	A^
eng"	DZ
eng" 	IU
eng",	IU
eng'	EY
eng)	MQ
eng-	RL
eng.	QM
eng. 	RL
eng.e	c=
eng0	UI
eng0 	UI
eng:	RL
eng: 	RL
eng;	UI
eng; 	UI
enga	RL
enga 	MQ
engab	VH
engai	;e
engan	a?
engap	EY
engas	b>
engat	c=
engau	YE
engav	FX
engb	KS
engb 	b>
enge,	C[
enge:	RL
enge?	JT
enged	A^
engee	]B
engem	DZ
engen	JT
engeo	?a
enger	b>
enges	VH
enget	MQ
engf	ZD
engg	MQ
engg 	MQ
engge	XF
enggi	DZ
engh	LR
engh 	b>
engh,	YE
engh-	UI
engh.	LR
enghb	KS
enghe	LR
engho	EY
enght	MQ
engi	FX
engie	JT
engif	[C
engil	IU
engin	LR
engis	UI
engiv	KS
engl	MQ
engla	TJ
engle	IU
engli	=c
englo	GW
engly	ZD
engm	RL
engma	RL
engn 	UI
engna	KS
engne	<d
engno	EY
engns	LR
engo	KS
engo 	_@
engoa	MQ
engoe	IU
engoi	GW
engol	=c
engon	WG
engoo	EY
engos	DZ
engot	[C
engp	RL
engps	GW
engr	LR
engra	MQ
engre	KS
engri	TJ
engro	TJ
engs	UI
engs 	YE
engs)	UI
engs,	MQ
engs.	LR
engs@	ZD
engst	UI
engt	C[
ength	KS
engu	QM
engua	TJ
engue	KS
engui	YE
engul	SK
engun	QM
engur	FX
engut	]B
enguy	A^
engw	RL
engwe	IU
engwo	ZD
engy	MQ
enh 	TJ
enh (	GW
enh 0	LR
enh a	QM
enh b	]B
enh c	FX
enh d	IU
enh e	JT
enh f	LR
enh g	SK
enh h	MQ
enh l	IU
enh m	KS
enh n	TJ
enh o	b>
enh p	VH
enh r	LR
enh s	UI
enh t	QM
enh u	VH
enh v	VH
enh w	LR
enh'	C[
enh' 	GW
enh's	GW
enh)	]B
enh) 	]B
enh-	SK
enh.	MQ
enh. 	QM
enh.e	YE
enh:	KS
enh: 	KS
enh;	WG
enh; 	WG
enh@	YE
enha,	@_
enhab	GW
enhad	9g
enhai	YE
enhal	SK
enham	]B
enhap	KS
enhar	QM
enhas	RL
enhat	JT
enhay	UI
enhaz	SK
enhb	MQ
enhbr	KS
enhc	JT
enhd0	JT
enhde	MQ
enhe	LR
enhe 	JT
enhe'	LR
enhe.	GW
enhea	VH
enhec	RL
enhed	SK
enhee	WG
enhef	A^
enhel	KS
enhem	LR
enhep	XF
enher	KS
enhes	VH
enhet	DZ
enhew	=c
enhex	VH
enhey	HV
enhf	IU
enhfu	EY
enhg	^A
enhga	^A
enhi 	7i
enhic	GW
enhid	VH
enhie	ZD
enhig	?a
enhil	f:
enhim	SK
enhin	SK
enhio	EY
enhip	TJ
enhir	]B
enhis	C[
enhit	JT
enhiv	TJ
enhiy	:f
enhl	YE
enhly	TJ
enhm	LR
enhmi	DZ
enhn	MQ
enhni	MQ
enho 	TJ
enhob	GW
enhod	RL
enhoe	SK
enhoi	FX
enhol	_@
enhom	JT
enhoo	TJ
enhop	]B
enhor	B]
enhot	DZ
enhou	VH
enhow	7i
enhr.	HV
enhre	QM
enhri	VH
enhrs	XF
enhru	^A
enhs	MQ
enhs,	KS
enhs.	LR
enht	MQ
enht 	DZ
enht,	SK
enht.	MQ
enhte	JT
enhti	FX
enhts	]B
enhu	QM
enhu 	[C
enhub	FX
enhug	UI
enhum	;e
enhun	[C
enhur	XF
enhus	@_
enhut	ZD
enhw	?a
enhwa	IU
enhx	IU
enhx0	WG
enhy 	UI
enhy.	GW
eni 	LR
eni (	HV
eni 0	VH
eni b	VH
eni c	WG
eni d	XF
eni e	GW
eni f	ZD
eni h	MQ
eni j	HV
eni k	^A
eni l	ZD
eni m	ZD
eni n	>b
eni o	RL
eni p	GW
eni q	8h
eni r	JT
eni s	?a
eni t	UI
eni u	JT
eni v	IU
eni w	KS
eni'	LR
eni'd	A^
eni'l	:f
eni'm	LR
eni'v	ZD
eni,	a?
eni, 	a?
eni-	FX
eni-c	FX
eni.	SK
eni. 	]B
enia 	^A
eniab	_@
eniag	VH
enian	IU
eniar	C[
enias	TJ
eniat	YE
enib	FX
enibb	YE
enibe	LR
enibh	MQ
enibl	B]
enic	KS
enic 	UI
enic,	MQ
enic.	3m
enica	MQ
enice	MQ
enich	DZ
enick	WG
enicl	[C
enics	_@
enict	.r
enicu	LR
enicy	b>
enid	LR
enid 	IU
enid,	MQ
enid.	FX
enid:	QM
enida	QM
enidd	VH
enidg	UI
enidi	WG
enidn	IU
enids	DZ
enidy	A^
enie	EY
enie 	a?
enie,	LR
eniec	TJ
enied	?a
eniel	MQ
enien	GW
enier	QM
eniet	A^
eniew	C[
enif	QM
enife	GW
eniff	MQ
enifi	KS
enift	[C
enig 	IU
enig,	@_
enig.	@_
eniga	MQ
enige	@_
enigg	QM
enigh	LR
enign	SK
enigu	LR
enik	IU
enike	IU
enil	[C
enil 	DZ
enil'	TJ
enil,	GW
enil.	[C
enila	ZD
enilb	FX
enild	c=
enile	QM
enilf	LR
enili	FX
enilk	YE
enill	TJ
enilm	VH
eniln	SK
enilo	YE
enils	JT
enilt	UI
enilw	UI
enily	UI
enim	VH
enim,	[C
enim.	SK
enimb	RL
enime	]B
enimn	ZD
enimo	:f
enimp	HV
enims	C[
enimu	MQ
enin	LR
enin 	FX
enin"	GW
enin'	SK
enin,	MQ
enin-	FX
enin.	FX
enina	KS
eninc	YE
enind	JT
enine	QM
enini	^A
enink	<d
eninl	WG
enins	QM
eninu	C[
eniny	FX
enio	GW
enioc	MQ
enion	IU
enior	[C
eniou	DZ
enip	WG
enip'	IU
enip,	WG
enipa	e;
enipe	TJ
enipp	EY
enips	]B
enipt	UI
eniq	[C
eniqu	XF
enir	UI
enir 	]B
enir)	JT
enir,	QM
enir-	YE
enir.	DZ
enira	RL
enird	a?
enire	MQ
eniri	@_
enirk	UI
enirl	FX
enirm	MQ
eniro	MQ
enirr	^A
enirs	RL
eniry	@_
enis 	UI
enis,	EY
enis.	]B
enisa	FX
enisc	@_
enise	VH
enish	QM
enisi	MQ
enisk	KS
enisl	i7
enisn	5k
eniso	VH
enisp	LR
enist	KS
enit	QM
enit 	RL
enit'	VH
enit,	f:
enit.	KS
enit:	MQ
enit;	KS
enita	EY
enitc	UI
enite	FX
enith	QM
eniti	MQ
enito	DZ
enitr	[C
enits	TJ
enitt	GW
enitu	SK
enity	^A
eniu	UI
enium	ZD
enius	FX
eniv	MQ
eniva	B]
enive	TJ
enivi	RL
enivo	A^
enix	UI
enix 	QM
enix,	IU
enix.	^A
enixe	ZD
enixt	GW
eniy	FX
eniya	DZ
eniz	LR
enize	JT
enj.	WG
enj. 	WG
enja	RL
enjam	TJ
enjan	SK
enjar	h8
enjas	MQ
enje	HV
enjea	JT
enjec	IU
enji	^A
enjim	^A
enjoa	WG
enjoi	B]
enjok	IU
enjor	b>
enjos	MQ
enju	VH
enjul	YE
enjus	TJ
enk 	LR
enk &	QM
enk (	LR
enk a	TJ
enk b	]B
enk c	WG
enk d	DZ
enk f	QM
enk g	A^
enk h	ZD
enk i	KS
enk k	WG
enk l	KS
enk m	@_
enk n	^A
enk o	]B
enk p	:f
enk r	[C
enk s	XF
enk t	GW
enk u	QM
enk w	UI
enk y	@_
enk |	_@
enk £	b>
enk'd	WG
enk's	?a
enk,	SK
enk, 	SK
enk-	VH
enk-i	XF
enk.	JT
enk. 	LR
enk0	SK
enk0 	SK
enk:	JT
enk: 	JT
enk;	XF
enk; 	XF
enk?	FX
enk? 	FX
enk@	MQ
enkaf	FX
enkan	ZD
enkd	SK
enkda	c=
enkdo	QM
enke	MQ
enked	LR
enkee	XF
enkeh	MQ
enkei	IU
enkel	TJ
enken	QM
enkep	B]
enkes	UI
enket	IU
enkev	QM
enkey	TJ
enkg	a?
enkg 	^A
enki 	KS
enkid	A^
enkin	MQ
enkir	_@
enkit	RL
enkl	HV
enkle	QM
enkly	9g
enkm	_@
enkm 	ZD
enkne	LR
enkno	RL
enko	SK
enkor	VH
enkr	SK
enks	QM
enks 	IU
enks,	a?
enks.	EY
enks;	WG
enks@	c=
enksg	c=
enksh	VH
enku	B]
enkw	_@
enkwe	a?
enkwo	^A
enky	IU
enky 	YE
enky.	B]
enl 	LR
enl &	]B
enl -	[C
enl 0	MQ
enl b	SK
enl c	QM
enl d	JT
enl e	i7
enl f	a?
enl g	KS
enl h	FX
enl k	]B
enl l	YE
enl m	JT
enl n	KS
enl o	GW
enl p	HV
enl s	<d
enl t	TJ
enl u	]B
enl v	FX
enl w	KS
enl y	o1
enl |	UI
enl £	]B
enl –	LR
enl"	WG
enl" 	_@
enl",	DZ
enl)	XF
enl) 	TJ
enl,	RL
enl, 	RL
enl-	XF
enl-o	b>
enl.	UI
enl. 	UI
enl.e	LR
enl0	[C
enl0 	[C
enl:	LR
enl: 	LR
enlab	MQ
enlac	DZ
enlad	ZD
enlag	a?
enlai	YE
enlak	RL
enlam	JT
enlap	EY
enlar	FX
enlas	GW
enlau	TJ
enlaw	LR
enlay	VH
enlb	WG
enlb 	e;
enlb,	UI
enlby	B]
enlc	TJ
enlch	RL
enlco	QM
enlcu	EY
enld 	EY
enld,	VH
enld.	ZD
enlde	VH
enldn	JT
enldr	b>
enlds	c=
enle"	QM
enle'	@_
enle)	LR
enle,	RL
enle.	_@
enle;	UI
enlea	SK
enleb	JT
enlec	]B
enled	_@
enlee	IU
enlef	LR
enleg	GW
enlei	XF
enlem	A^
enlen	EY
enleo	RL
enlep	LR
enles	YE
enlet	GW
enlev	VH
enley	b>
enlf 	LR
enlf,	WG
enlf-	WG
enlf.	GW
enlg	QM
enlga	YE
enlha	ZD
enlho	EY
enli	MQ
enli 	HV
enlia	WG
enlie	HV
enlif	f:
enlig	YE
enlik	B]
enlil	DZ
enlim	XF
enlin	QM
enlio	MQ
enlip	IU
enlis	HV
enlit	MQ
enlk	GW
enlk 	IU
enlk,	XF
enlk-	a?
enlk.	JT
enlke	?a
enlki	9g
enll 	FX
enll"	UI
enll'	ZD
enll,	XF
enll-	XF
enll;	SK
enlle	SK
enllh	B]
enlli	LR
enllm	A^
enllo	KS
enllp	b>
enlls	XF
enllu	TJ
enllw	SK
enlly	]B
enlm	QM
enlm 	ZD
enlm,	WG
enlmo	>b
enlms	YE
enln	VH
enln,	_@
enln.	C[
enln0	XF
enlns	SK
enlnu	VH
enlo	MQ
enlo 	FX
enlo.	>b
enlo@	c=
enloa	FX
enloc	SK
enlod	VH
enlog	GW
enlol	VH
enlom	UI
enlon	[C
enloo	SK
enlop	SK
enlor	SK
enlos	SK
enlot	DZ
enlou	HV
enlov	LR
enlp 	SK
enlr	QM
enlre	RL
enls	WG
enls 	SK
enls,	KS
enls.	MQ
enls?	GW
enls@	[C
enlse	UI
enlsh	A^
enlso	]B
enlt	]B
enlt 	[C
enlt.	LR
enltd	WG
enlte	DZ
enltm	ZD
enltr	XF
enlts	JT
enlu	ZD
enlua	IU
enlud	ZD
enlue	RL
enlui	B]
enlun	RL
enlur	GW
enlus	k5
enlut	TJ
enlv	JT
enlve	JT
enlw	VH
enlwa	[C
enlwo	TJ
enlwy	@_
enly	JT
enly!	LR
enly)	LR
enly,	FX
enly.	TJ
enly:	LR
enlyl	>b
enm 	JT
enm "	QM
enm $	a?
enm (	UI
enm 0	HV
enm a	TJ
enm b	TJ
enm c	TJ
enm e	a?
enm f	MQ
enm g	b>
enm h	YE
enm i	DZ
enm k	HV
enm l	EY
enm m	MQ
enm n	FX
enm o	VH
enm p	TJ
enm r	WG
enm s	WG
enm t	;e
enm u	YE
enm v	XF
enm w	ZD
enm y	KS
enm |	JT
enm £	r.
enm –	k5
enm €	ZD
enm'	FX
enm's	FX
enm)	[C
enm,	IU
enm, 	IU
enm-	_@
enm-0	RL
enm.	MQ
enm. 	MQ
enm.e	a?
enm0	g9
enm0 	[C
enm:	JT
enm: 	JT
enm;	SK
enm; 	SK
enma,	SK
enmac	SK
enmad	QM
enmae	DZ
enmag	EY
enmai	QM
enmak	YE
enmal	VH
enman	QM
enmap	?a
enmar	RL
enmas	MQ
enmau	HV
enmax	ZD
enmay	MQ
enmb 	XF
enmbe	HV
enmbl	c=
enmbo	HV
enmbr	UI
enmbs	>b
enme	RL
enme 	QM
enme"	EY
enme)	XF
enme,	[C
enme.	LR
enme:	?a
enmea	MQ
enmeb	VH
enmed	DZ
enmee	RL
enmel	HV
enmem	d<
enmen	_@
enmeo	TJ
enmer	UI
enmet	HV
enmew	HV
enmi	DZ
enmi 	QM
enmi,	B]
enmic	HV
enmid	JT
enmig	=c
enmil	d<
enmin	A^
enmir	TJ
enmit	HV
enmix	C[
enmm	@_
enmm,	[C
enmma	JT
enmme	JT
enmmi	<d
enmn	MQ
enmn 	LR
enmne	ZD
enmob	GW
enmod	RL
enmog	FX
enmok	WG
enmol	XF
enmon	QM
enmoo	VH
enmos	ZD
enmot	@_
enmou	SK
enmp	QM
enmp 	TJ
enmpa	QM
enmpe	RL
enmpi	SK
enmpo	TJ
enmps	b>
enmpu	RL
enmr	KS
enmr 	LR
enmr.	TJ
enmrs	?a
enms 	TJ
enms,	RL
enmse	QM
enmsi	JT
enmst	LR
enmu	JT
enmuc	VH
enmud	^A
enmum	;e
enmun	GW
enmur	DZ
enmy	@_
enmy 	?a
enmy,	DZ
enmys	QM
enn 	MQ
enn $	b>
enn &	MQ
enn (	WG
enn -	B]
enn /	b>
enn 0	QM
enn a	WG
enn b	LR
enn c	EY
enn d	VH
enn e	DZ
enn g	YE
enn h	]B
enn i	A^
enn j	A^
enn k	DZ
enn l	JT
enn m	RL
enn n	HV
enn o	GW
enn p	IU
enn q	DZ
enn r	UI
enn s	TJ
enn t	XF
enn u	MQ
enn v	MQ
enn w	]B
enn |	IU
enn £	WG
enn"	B]
enn" 	B]
enn",	GW
enn'	MQ
enn's	VH
enn't	JT
enn)	FX
enn) 	HV
enn),	LR
enn).	WG
enn,	RL
enn, 	RL
enn-	IU
enn-f	MQ
enn-l	FX
enn.	IU
enn. 	JT
enn.e	VH
enn/	LR
enn0	]B
enn0 	[C
enn:	FX
enn: 	FX
enn;	QM
enn; 	QM
enn?	HV
enn? 	HV
enn@	b>
enn@t	YE
enna	KS
enna 	LR
enna,	DZ
ennab	YE
ennac	MQ
ennad	TJ
ennag	b>
ennah	A^
ennai	LR
ennam	DZ
ennan	]B
ennar	c=
ennas	_@
ennat	LR
ennav	QM
ennb	SK
ennc	UI
ennch	[C
ennci	RL
enncl	SK
ennco	[C
enncu	JT
enncy	IU
ennd 	SK
ennd"	XF
ennd'	WG
ennd,	RL
ennd-	HV
ennd.	VH
ennda	DZ
enndd	TJ
enndf	[C
enndi	SK
enndl	DZ
enndm	^A
enndo	QM
enndp	LR
enndr	JT
ennds	XF
enndw	JT
enne	TJ
enne 	UI
enne"	FX
enne'	B]
enne)	_@
enne.	TJ
enne:	SK
enne@	HV
ennea	;e
enned	YE
ennee	LR
enneg	]B
ennei	MQ
ennel	JT
ennem	JT
ennen	f:
ennep	=c
enneq	C[
enner	[C
ennes	A^
ennet	WG
ennev	TJ
ennew	FX
ennex	MQ
enney	EY
ennf	KS
ennfi	B]
enng 	MQ
enng!	A^
enng"	DZ
enng)	MQ
enng-	RL
enng.	TJ
enng:	QM
enng;	QM
ennga	IU
enngf	ZD
enngl	?a
enngr	ZD
enngs	TJ
enngt	C[
enngu	IU
ennh	b>
ennha	_@
ennho	SK
enni	YE
enni 	GW
ennia	A^
ennic	RL
ennie	MQ
ennif	RL
ennig	^A
ennim	LR
ennio	^A
ennis	UI
ennit	^A
enniu	ZD
ennj	XF
ennk	A^
ennk 	IU
ennk.	FX
ennki	C[
ennks	B]
ennl	LR
ennla	]B
ennle	HV
ennli	EY
ennlo	KS
ennm	MQ
ennme	GW
ennmo	a?
ennn	UI
ennn 	GW
ennn.	[C
ennne	VH
ennni	GW
ennno	UI
ennnu	[C
ennny	MQ
enno	GW
enno 	DZ
enno,	=c
enno.	^A
ennob	UI
ennoc	^A
ennoe	FX
ennoi	RL
ennol	A^
ennon	QM
ennoo	MQ
ennor	SK
ennot	KS
ennou	DZ
ennov	A^
ennow	SK
ennp	[C
ennq	EY
ennqu	EY
ennr	QM
ennri	RL
enns 	ZD
enns"	RL
enns,	?a
enns:	[C
ennsa	WG
ennsc	DZ
ennse	TJ
ennsi	EY
ennsp	ZD
ennst	FX
ennsu	_@
ennt	JT
ennt 	C[
ennt,	YE
ennt:	TJ
ennta	QM
ennte	FX
ennth	[C
ennti	KS
enntl	HV
enntm	i7
enntr	UI
ennts	HV
ennty	TJ
ennu	IU
ennua	QM
ennum	DZ
ennur	c=
ennus	KS
ennut	FX
ennv	IU
ennve	FX
ennvi	KS
ennw	DZ
ennw 	KS
ennwa	MQ
ennwi	IU
ennwo	DZ
enny	RL
enny 	KS
enny,	SK
ennyb	VH
ennym	QM
ennyo	^A
ennyt	DZ
ennyw	DZ
enn–	LR
enn–f	IU
enn–t	WG
enn”	FX
enn” 	FX
eno 	LR
eno "	WG
eno (	a?
eno 0	a?
eno a	JT
eno b	VH
eno d	MQ
eno f	DZ
eno g	GW
eno h	HV
eno i	MQ
eno j	=c
eno l	KS
eno n	b>
eno o	A^
eno p	RL
eno r	EY
eno s	VH
eno t	UI
eno v	JT
eno w	JT
eno y	XF
eno £	]B
eno –	JT
eno'	A^
eno's	?a
eno,	GW
eno, 	GW
eno-	WG
eno-s	MQ
eno:	^A
eno: 	^A
eno?	KS
eno? 	KS
eno@	d<
eno@l	[C
eno@s	[C
enoa	SK
enoac	UI
enoad	HV
enoak	TJ
enoal	JT
enoan	ZD
enoar	SK
enoas	a?
enoat	DZ
enob	DZ
enob 	FX
enob,	WG
enoba	QM
enobb	VH
enobe	KS
enobi	FX
enobj	@_
enobl	>b
enobo	UI
enobs	WG
enobv	IU
enoc	a?
enoca	[C
enocc	RL
enoce	MQ
enoch	^A
enoci	SK
enock	^A
enoct	SK
enod	TJ
enod 	>b
enod,	SK
enod.	]B
enoda	UI
enodd	_@
enodi	C[
enods	YE
enodu	EY
enodw	XF
enody	UI
enoe 	QM
enoe.	A^
enoes	VH
enoev	_@
enof.	DZ
enofe	SK
enoff	QM
enofs	XF
enoft	SK
enog	SK
enog,	c=
enog.	HV
enoge	HV
enogi	JT
enogo	@_
enogr	VH
enogs	MQ
enoh	GW
enoh 	HV
enoi	LR
enoic	IU
enoif	EY
enoin	JT
enoir	JT
enois	XF
enoj	QM
enoje	QM
enok 	MQ
enok'	WG
enok,	FX
enok.	JT
enok:	DZ
enoka	C[
enoki	XF
enoko	^A
enoks	JT
enol	QM
enol 	MQ
enol,	FX
enold	MQ
enole	b>
enolk	[C
enolo	B]
enols	WG
enolu	MQ
enolv	JT
enoly	YE
enom	IU
enom 	HV
enom,	C[
enom.	TJ
enoma	IU
enomb	^A
enome	UI
enomi	IU
enomm	DZ
enomp	JT
enoms	YE
enon	QM
enon 	GW
enon"	C[
enon'	?a
enon.	FX
enon:	DZ
enona	ZD
enonc	YE
enonf	=c
enong	YE
enoni	XF
enonk	YE
enonn	FX
enono	?a
enons	?a
enonv	FX
enony	QM
enon–	LR
enoo	UI
enoo 	m3
enoo.	JT
enood	JT
enoof	VH
enook	FX
enool	SK
enoom	SK
enoon	EY
enoop	SK
enoor	UI
enoos	HV
enop	RL
enop,	A^
enop-	UI
enop.	XF
enope	TJ
enopi	MQ
enopo	;e
enopp	WG
enops	YE
enopy	B]
enor 	GW
enor'	SK
enor)	]B
enor,	QM
enor.	JT
enora	C[
enorc	KS
enord	GW
enore	VH
enorf	GW
enorg	_@
enori	e;
enork	c=
enorl	TJ
enorm	GW
enoro	LR
enorp	GW
enorr	HV
enors	]B
enort	MQ
enorv	YE
enory	RL
enos	LR
enos,	JT
enosa	KS
enose	RL
enosg	IU
enosi	DZ
enosp	KS
enoss	IU
enost	LR
enosy	RL
enot	HV
enot,	UI
enota	:f
enotb	A^
enote	RL
enoti	?a
enoto	@_
enott	UI
enou 	VH
enou'	JT
enou.	LR
enou:	DZ
enou?	@_
enoub	YE
enouc	KS
enoud	JT
enoul	JT
enoun	SK
enour	IU
enout	MQ
enov	KS
enov 	VH
enova	WG
enove	GW
enovi	RL
enow	MQ
enow 	JT
enow)	SK
enow,	KS
enow.	MQ
enow:	FX
enowa	WG
enowb	WG
enowi	<d
enown	TJ
enowr	]B
enows	WG
enox	RL
enox 	_@
enox.	FX
enoxb	HV
enoxe	JT
enoxi	GW
enoy	QM
enoy 	EY
enoyl	UI
enoys	e;
enoz	JT
enoz 	^A
enoze	WG
enp /	ZD
enp a	VH
enp b	LR
enp c	QM
enp d	=c
enp e	IU
enp f	JT
enp h	TJ
enp i	LR
enp l	JT
enp m	IU
enp p	DZ
enp r	SK
enp s	ZD
enp t	QM
enp u	IU
enp |	JT
enp £	_@
enp!	ZD
enp'	LR
enp's	LR
enp)	EY
enp) 	EY
enp,	WG
enp, 	WG
enp-	QM
enp-u	IU
enp.	LR
enp. 	QM
enp:	C[
enp: 	C[
enp;	YE
enp; 	YE
enpa 	SK
enpac	FX
enpad	i7
enpag	5k
enpai	]B
enpal	WG
enpan	TJ
enpap	DZ
enpar	WG
enpas	B]
enpat	TJ
enpau	a?
enpav	MQ
enpd	@_
enpda	B]
enpdf	>b
enpe	RL
enpe 	QM
enpe,	VH
enpe.	GW
enpea	C[
enpec	MQ
enped	LR
enpeg	d<
enpel	QM
enper	MQ
enpes	XF
enpet	MQ
enpew	_@
enph	JT
enph 	[C
enpha	JT
enphe	DZ
enpho	EY
enphs	IU
enpic	JT
enpie	LR
enpik	d<
enpil	SK
enpin	GW
enpip	HV
enpit	MQ
enpl	QM
enpl 	[C
enpla	TJ
enplo	[C
enpls	LR
enplu	XF
enply	=c
enpm	UI
enpm 	RL
enpm,	MQ
enpm.	h8
enpm;	SK
enpo	UI
enpo 	a?
enpoi	a?
enpok	JT
enpol	XF
enpon	g9
enpoo	XF
enpop	@_
enpor	SK
enpos	>b
enpou	ZD
enpow	MQ
enpp	ZD
enpp 	YE
enpp.	YE
enppa	ZD
enppe	JT
enppl	IU
enppo	ZD
enppr	_@
enppy	^A
enpr	QM
enpra	GW
enpre	_@
enpri	DZ
enpro	TJ
enpru	ZD
enps	TJ
enps 	UI
enps,	RL
enps.	RL
enpse	C[
enpt	QM
enpt 	KS
enpt,	LR
enpt.	TJ
enpta	LR
enpte	VH
enpti	YE
enpu	JT
enpub	MQ
enpul	YE
enpum	_@
enpun	IU
enpup	RL
enpur	d<
enpus	B]
enput	A^
enpw	b>
enpy	]B
enpy 	YE
enqt	XF
enqt 	UI
enqu	JT
enqua	TJ
enque	EY
enqui	GW
enquo	RL
enqx	TJ
enqx0	TJ
enr 	UI
enr "	KS
enr &	VH
enr (	UI
enr a	_@
enr b	RL
enr c	GW
enr d	HV
enr f	VH
enr g	YE
enr h	KS
enr i	UI
enr j	c=
enr k	d<
enr l	RL
enr m	MQ
enr n	SK
enr p	SK
enr q	LR
enr s	TJ
enr u	?a
enr v	C[
enr w	IU
enr y	LR
enr |	FX
enr –	UI
enr!	C[
enr! 	C[
enr"	DZ
enr" 	DZ
enr".	FX
enr'	IU
enr's	IU
enr)	GW
enr) 	B]
enr),	RL
enr).	KS
enr,	SK
enr, 	SK
enr-	YE
enr-0	[C
enr-e	ZD
enr-i	FX
enr.	HV
enr. 	JT
enr."	FX
enr.e	MQ
enr0	VH
enr0 	VH
enr:	FX
enr: 	FX
enr;	MQ
enr; 	MQ
enr?	SK
enr? 	KS
enr@	TJ
enra	YE
enra,	DZ
enra.	MQ
enrab	c=
enrac	C[
enrad	WG
enraf	MQ
enrag	^A
enrai	MQ
enral	UI
enram	g9
enran	GW
enrap	YE
enras	b>
enrat	MQ
enrau	ZD
enrav	YE
enraw	KS
enray	MQ
enrb	WG
enrb 	LR
enrbe	VH
enrbi	TJ
enrbr	SK
enrby	QM
enrc	GW
enrca	XF
enrce	LR
enrci	JT
enrco	EY
enrcu	DZ
enrd	UI
enrd 	KS
enrd'	JT
enrd,	VH
enrd.	ZD
enrda	WG
enrdb	LR
enrdi	LR
enrdl	d<
enrdo	QM
enrdr	UI
enrds	FX
enrdu	FX
enre	LR
enre 	RL
enre'	YE
enre,	RL
enre-	e;
enre.	B]
enre?	DZ
enre@	XF
enrea	GW
enrec	MQ
enred	LR
enree	SK
enref	XF
enreg	EY
enrel	RL
enrem	KS
enrep	^A
enreq	B]
enrer	A^
enrev	HV
enrew	_@
enrey	LR
enrf	h8
enrf,	VH
enrfl	a?
enrga	UI
enrge	QM
enrgi	A^
enrgo	ZD
enrgu	@_
enrh	IU
enrha	IU
enrhe	VH
enri	WG
enri 	]B
enri,	WG
enria	MQ
enrib	LR
enric	@_
enrid	UI
enrie	KS
enrig	B]
enril	UI
enrim	ZD
enrin	XF
enrio	IU
enrip	TJ
enris	QM
enrit	_@
enriz	HV
enrj	VH
enrjo	VH
enrk	VH
enrk 	IU
enrk,	GW
enrk.	UI
enrkd	=c
enrke	C[
enrki	^A
enrks	]B
enrkw	b>
enrl 	UI
enrle	TJ
enrli	UI
enrly	>b
enrm	WG
enrm 	GW
enrm,	XF
enrm.	_@
enrma	^A
enrme	JT
enrmi	DZ
enrmo	WG
enrms	ZD
enrn	UI
enrn 	a?
enrn,	KS
enrn.	_@
enrnb	SK
enrne	WG
enrni	JT
enrnm	QM
enrno	=c
enrns	f:
enro 	TJ
enroa	QM
enrob	KS
enroc	WG
enrod	JT
enrof	SK
enrog	[C
enroj	QM
enrok	RL
enrol	[C
enrom	KS
enroo	QM
enrop	TJ
enror	?a
enros	@_
enrot	JT
enrou	WG
enrov	UI
enroz	GW
enrp	k5
enrpe	j6
enrph	]B
enrpr	a?
enrps	UI
enrq	B]
enrqu	B]
enrr 	YE
enrr,	_@
enrra	^A
enrre	LR
enrry	A^
enrs 	LR
enrs'	YE
enrs)	IU
enrs,	QM
enrs.	UI
enrs;	IU
enrs?	JT
enrs@	d<
enrsa	[C
enrsb	^A
enrsd	TJ
enrse	TJ
enrsh	QM
enrsi	>b
enrso	LR
enrst	MQ
enrt 	GW
enrt,	XF
enrt.	KS
enrta	B]
enrte	b>
enrth	VH
enrti	HV
enrtn	EY
enrto	?a
enrts	m3
enrtu	RL
enrty	QM
enru	MQ
enru 	k5
enrua	HV
enruc	]B
enrud	JT
enrue	UI
enrug	LR
enrui	UI
enrul	@_
enrum	RL
enrus	A^
enrv	VH
enrva	KS
enrve	ZD
enrw	YE
enrwa	c=
enrwe	B]
enrwi	^A
enrwo	QM
enry 	RL
enry'	?a
enry)	IU
enry-	TJ
enry.	MQ
enry:	^A
enry;	YE
enry@	[C
enryb	DZ
enryo	DZ
enryt	]B
enryw	HV
ens 	SK
ens $	[C
ens &	FX
ens (	IU
ens +	_@
ens -	_@
ens 0	FX
ens a	YE
ens b	JT
ens c	QM
ens d	LR
ens f	RL
ens g	XF
ens h	_@
ens i	MQ
ens j	]B
ens k	UI
ens m	h8
ens n	WG
ens o	EY
ens q	TJ
ens r	IU
ens s	YE
ens t	KS
ens u	FX
ens v	VH
ens w	TJ
ens y	JT
ens |	IU
ens £	TJ
ens ·	KS
ens –	IU
ens €	VH
ens!	HV
ens! 	@_
ens"	QM
ens'	RL
ens' 	SK
ens)	QM
ens) 	JT
ens),	IU
ens).	ZD
ens, 	QM
ens-	[C
ens. 	SK
ens.)	GW
ens.e	GW
ens:	^A
ens: 	^A
ens;	^A
ens; 	^A
ens?	3m
ens? 	4l
ens@	^A
ens@a	[C
ens@b	_@
ens@f	[C
ens@g	ZD
ens@h	b>
ens@q	MQ
ens@s	ZD
ens@t	^A
ens@w	b>
ensa	HV
ensa 	?a
ensa,	XF
ensad	TJ
ensag	QM
ensai	JT
ensal	_@
ensam	UI
ensan	SK
ensap	B]
ensar	FX
ensas	IU
ensat	]B
ensav	6j
ensaw	c=
ensax	c=
ensay	8h
ensb	VH
ensba	@_
ensby	RL
ensc	TJ
ensc 	^A
ensca	VH
ensch	WG
ensco	JT
enscu	IU
ensd	VH
ensda	VH
ense 	C[
ense,	LR
ense.	JT
ense:	[C
ense?	KS
ensea	ZD
ensec	JT
ensed	a?
enseh	YE
ensel	RL
ensem	VH
ensen	LR
ensep	QM
enser	VH
enses	^A
enset	GW
enseu	]B
ensev	MQ
ensew	b>
ensg	SK
ensgi	c=
ensgr	GW
ensh 	MQ
ensh'	JT
ensh,	EY
ensh.	?a
ensha	YE
enshe	LR
enshi	MQ
enshl	LR
enshm	LR
ensho	LR
enshr	HV
enshu	WG
ensi	LR
ensia	QM
ensib	EY
ensic	WG
ensid	WG
ensie	>b
ensil	IU
ensim	LR
ensin	IU
ensio	JT
ensir	7i
ensis	HV
ensit	KS
ensiv	HV
ensiz	MQ
ensk 	HV
ensk,	[C
ensk.	a?
ensk0	VH
enske	QM
enski	HV
ensks	EY
ensky	EY
ensl	RL
ensla	WG
ensle	RL
enslo	[C
enslu	EY
ensly	IU
ensm	a?
ensma	XF
ensme	]B
ensmi	HV
ensmo	XF
ensn	LR
ensn'	KS
ensna	UI
ensne	HV
ensno	SK
enso	IU
enso 	LR
enso.	UI
ensob	A^
ensoc	WG
ensoi	RL
ensol	UI
ensom	IU
enson	EY
ensoo	YE
ensor	=c
ensou	FX
enspa	TJ
enspe	EY
enspi	KS
enspl	b>
enspo	WG
enspr	LR
ensps	JT
enspu	XF
ensq	a?
ensqu	[C
ensr	@_
enss,	LR
enss:	IU
enssa	VH
ensse	ZD
enssi	EY
enssl	DZ
ensso	RL
enssu	UI
enssw	?a
enst	UI
enst 	KS
enst,	>b
enst-	B]
enst.	d<
enst:	TJ
enst;	HV
ensta	RL
enste	VH
enstl	YE
enstm	QM
ensto	_@
enstr	XF
ensts	?a
enstu	?a
ensty	a?
ensu	VH
ensua	WG
ensub	QM
ensue	VH
ensui	d<
ensum	LR
ensun	SK
ensup	:f
ensur	YE
ensw	FX
enswe	HV
enswo	C[
ensy	JT
ensyc	KS
ent 	FX
ent "	XF
ent &	g9
ent (	HV
ent 0	JT
ent a	MQ
ent b	KS
ent c	XF
ent d	JT
ent e	IU
ent f	RL
ent g	DZ
ent h	RL
ent i	JT
ent j	UI
ent k	QM
ent l	LR
ent m	KS
ent o	RL
ent p	DZ
ent q	@_
ent r	DZ
ent s	VH
ent u	C[
ent v	EY
ent w	MQ
ent y	TJ
ent |	QM
ent £	C[
ent ·	HV
ent –	_@
ent €	YE
ent!	?a
ent! 	?a
ent"	HV
ent" 	IU
ent) 	LR
ent),	WG
ent).	LR
ent,	TJ
ent, 	TJ
ent-	KS
ent-s	LR
ent.	LR
ent. 	LR
ent."	IU
ent.)	HV
ent.e	g9
ent0	?a
ent:	LR
ent: 	LR
ent;	IU
ent; 	IU
ent?	?a
ent? 	?a
ent@	_@
enta	MQ
enta 	XF
enta,	DZ
entab	A^
entac	A^
entaf	TJ
entag	IU
entai	HV
entak	YE
ental	>b
entam	RL
entan	RL
entap	>b
entas	MQ
entax	]B
entay	LR
entb	B]
entbc	GW
entc	UI
entch	TJ
entd	TJ
entd 	VH
entd,	RL
entd.	JT
ente	KS
ente)	VH
ente,	@_
ente.	DZ
ente:	@_
ente?	GW
entea	ZD
entec	]B
entel	RL
entem	UI
entep	UI
entev	>b
entew	QM
entex	XF
entf	RL
entfi	RL
enth	KS
enth 	MQ
enth'	GW
enth,	WG
enth.	LR
entha	JT
enthf	EY
enthi	FX
enthl	YE
entho	ZD
enthr	UI
enths	QM
enthu	VH
enthw	JT
enthy	MQ
enti	QM
entia	<d
entic	LR
entie	b>
entif	TJ
entig	9g
entil	IU
entin	VH
entio	UI
entip	UI
entiq	XF
entis	IU
entiv	XF
entle	QM
ently	TJ
entm	XF
entma	VH
entme	WG
entn	VH
entne	]B
entni	[C
ento	KS
ento 	RL
ento,	DZ
ento.	UI
entoc	GW
entod	YE
entol	9g
entom	KS
enton	C[
entoo	RL
entor	IU
entos	DZ
entou	LR
entov	XF
entow	^A
entoy	DZ
entp	e;
entr	RL
entra	UI
entre	[C
entri	HV
entru	LR
ents	RL
ents 	TJ
ents)	?a
ents,	WG
ents;	SK
ents?	FX
ents@	]B
entse	C[
entsi	WG
entsm	^A
entt	VH
entt 	VH
entt,	KS
entt.	VH
entta	JT
entte	LR
entti	m3
enttl	HV
entto	;e
enttr	LR
entty	C[
entu	LR
entua	WG
entuc	9g
entud	KS
entue	TJ
entuf	DZ
entug	RL
entum	ZD
entun	VH
entur	HV
entut	QM
entwe	MQ
entwi	SK
entwo	UI
enty	VH
enty 	SK
enty,	WG
enty-	c=
enty.	[C
entyp	EY
enu 	WG
enu 0	e;
enu a	QM
enu b	QM
enu c	^A
enu d	TJ
enu f	KS
enu g	UI
enu h	QM
enu i	C[
enu k	WG
enu l	e;
enu m	UI
enu o	C[
enu p	YE
enu s	RL
enu t	EY
enu w	f:
enu'	JT
enu'd	XF
enu'l	GW
enu'r	DZ
enu.	IU
enu. 	LR
enu.”	?a
enu:	DZ
enu: 	DZ
enu?	@_
enu? 	@_
enua	XF
enuad	?a
enuag	JT
enual	_@
enuan	FX
enuar	WG
enuat	IU
enuay	FX
enub 	LR
enub-	C[
enubl	VH
enubr	SK
enubs	c=
enuc	FX
enuch	JT
enuck	IU
enuct	MQ
enud	GW
enud 	XF
enudd	QM
enude	DZ
enudg	B]
enudh	HV
enudi	JT
enudm	e;
enue	QM
enue 	ZD
enue,	A^
enue-	UI
enue.	YE
enueb	b>
enuee	WG
enuen	MQ
enues	DZ
enug	RL
enug 	^A
enuga	WG
enuge	QM
enugg	A^
enugh	JT
enugu	VH
enuh	d<
enuhr	^A
enuic	EY
enuie	HV
enuil	b>
enuin	>b
enuir	LR
enuk	[C
enul 	?a
enul.	d<
enula	^A
enuld	DZ
enule	DZ
enulg	FX
enull	QM
enuls	WG
enult	VH
enuly	UI
enum	GW
enum'	IU
enum,	GW
enumb	EY
enume	UI
enumm	MQ
enumn	FX
enump	]B
enums	DZ
enun	TJ
enuna	KS
enunc	QM
enune	RL
enung	a?
enuni	]B
enunl	HV
enunm	QM
enunn	FX
enuns	JT
enunt	MQ
enuo	RL
enuot	UI
enup	LR
enup 	UI
enup,	QM
enup.	WG
enupd	B]
enuph	TJ
enupi	LR
enupl	=c
enupp	JT
enups	GW
enur 	UI
enur,	UI
enur-	TJ
enur.	[C
enura	B]
enurb	UI
enurd	SK
enure	JT
enurg	IU
enurl	RL
enurn	UI
enurp	_@
enurr	FX
enurs	?a
enurt	UI
enurv	]B
enury	d<
enus	JT
enus 	HV
enus"	GW
enus,	JT
enus.	VH
enus;	]B
enusa	QM
enusb	@_
enuse	VH
enush	KS
enusk	^A
enusl	IU
enuss	=c
enust	A^
enusu	XF
enut,	HV
enut-	HV
enut.	KS
enute	C[
enutf	RL
enutl	^A
enuto	RL
enutt	XF
enuy	KS
enuy 	^A
enuya	KS
enuye	8h
enuz	KS
env 	SK
env a	UI
env c	[C
env t	MQ
env,	HV
env, 	HV
env0	RL
env0 	RL
enva	RL
enva 	HV
envac	RL
enval	A^
envan	TJ
envar	KS
envat	h8
envd	RL
envd 	RL
enve	GW
enve 	MQ
enve"	KS
enve,	UI
enve.	a?
envec	JT
envem	<d
enven	DZ
enver	TJ
envey	RL
envi	HV
envic	RL
envie	C[
envil	RL
envin	KS
envio	IU
envit	JT
envo	?a
envoi	GW
envol	VH
envor	HV
envos	IU
envu	FX
envul	FX
envy	B]
envy 	B]
enw 0	_@
enw a	FX
enw b	TJ
enw c	b>
enw d	XF
enw e	UI
enw g	^A
enw h	JT
enw i	TJ
enw l	ZD
enw m	/q
enw n	=c
enw o	f:
enw p	A^
enw r	FX
enw s	d<
enw t	;e
enw w	SK
enw y	GW
enw'	UI
enw's	UI
enw)	WG
enw) 	UI
enw,	KS
enw, 	KS
enw.	JT
enw. 	JT
enw.e	a?
enw/	KS
enw/ 	HV
enw0	YE
enw0 	YE
enw:	HV
enw: 	HV
enw@	C[
enwa	IU
enwag	YE
enwai	WG
enwal	VH
enwan	HV
enwar	DZ
enwas	EY
enwat	SK
enwb	XF
enwby	WG
enwc	GW
enwd	IU
enwd 	QM
enwda	IU
enwe	XF
enwe 	^A
enwe.	^A
enwea	UI
enweb	8h
enwed	QM
enwei	FX
enwen	IU
enwer	JT
enwes	;e
enwet	^A
enwex	YE
enwf	^A
enwh	LR
enwha	IU
enwhe	WG
enwhi	B]
enwho	SK
enwhy	^A
enwi 	WG
enwic	[C
enwid	^A
enwif	;e
enwil	MQ
enwim	QM
enwin	B]
enwir	KS
enwis	KS
enwit	TJ
enwk	RL
enwk 	[C
enwks	UI
enwl	[C
enwl 	_@
enwls	VH
enwm	XF
enwmi	XF
enwn 	WG
enwn,	XF
enwn.	<d
enwne	RL
enwnl	@_
enwns	GW
enwo 	^A
enwo,	i7
enwo.	B]
enwob	JT
enwom	YE
enwon	FX
enwoo	SK
enwou	C[
enwra	^A
enwre	HV
enwro	LR
enws	TJ
enws 	f:
enws,	TJ
enws.	@_
enwsp	FX
enww	IU
enww.	IU
enwww	IU
enwy	RL
enwye	YE
enx 	JT
enx 0	HV
enx a	e;
enx b	WG
enx f	^A
enx h	B]
enx i	YE
enx o	EY
enx r	QM
enx w	QM
enx,	FX
enx, 	FX
enx.	VH
enx. 	VH
enx0 	XF
enx00	EY
enx@	FX
enxa	[C
enxam	[C
enxb	TJ
enxbl	HV
enxce	LR
enxe	ZD
enxed	VH
enxes	JT
enxin	MQ
enxis	WG
enxl	YE
enxle	TJ
enxm	JT
enxma	JT
enxt	JT
enxt 	UI
enxte	MQ
enxtr	JT
enxty	EY
enxx	[C
eny 	UI
eny "	TJ
eny &	[C
eny '	A^
eny (	KS
eny 0	d<
eny a	GW
eny c	RL
eny e	JT
eny f	FX
eny h	]B
eny i	VH
eny j	IU
eny k	GW
eny l	YE
eny m	HV
eny n	GW
eny o	QM
eny r	YE
eny s	TJ
eny u	FX
eny v	]B
eny w	JT
eny y	EY
eny |	SK
eny £	a?
eny –	XF
eny!	A^
eny!!	A^
eny"	A^
eny" 	EY
eny'	C[
eny'r	]B
eny's	B]
eny'v	?a
eny)	FX
eny) 	LR
eny),	IU
eny,	IU
eny, 	IU
eny-	^A
eny-o	_@
eny.	IU
eny. 	KS
eny.e	c=
eny0	]B
eny:	KS
eny: 	KS
eny;	UI
eny; 	UI
eny?	EY
eny? 	EY
eny@	[C
enya	FX
enya 	A^
enya,	HV
enyan	C[
enyar	QM
enyb	JT
enybe	B]
enyc	VH
enych	MQ
enycl	b>
enyd	FX
enye	UI
enye 	TJ
enye.	MQ
enyea	XF
enyel	8h
enyem	IU
enyer	JT
enyes	UI
enyet	UI
enyi	WG
enyin	YE
enyl	KS
enyla	RL
enyle	9g
enyli	YE
enym	RL
enyme	HV
enymo	QM
enyn 	TJ
enyo	QM
enyo 	ZD
enyor	e;
enyou	KS
enyp	EY
enype	B]
enypi	C[
enyr	TJ
enyr 	]B
enyr,	SK
enyre	GW
enyrs	XF
enys	UI
enys 	MQ
enys,	[C
enys.	IU
enys:	TJ
enys;	VH
enyse	QM
enyst	g9
enyt	QM
enyv	MQ
enyw	LR
enywh	DZ
enywi	^A
enyy	GW
enyy 	GW
enz,	DZ
enz, 	DZ
enze	TJ
enze,	@_
enzel	SK
enzen	WG
enzer	VH
enzz	KS
en| 	MQ
en| -	]B
en| 0	XF
en| a	XF
en| b	UI
en| c	UI
en| d	HV
en| f	C[
en| g	]B
en| h	SK
en| i	KS
en| k	RL
en| l	HV
en| m	QM
en| n	b>
en| o	EY
en| p	HV
en| r	f:
en| t	YE
en| u	FX
en| w	[C
en| |	C[
en| £	e;
en~ 	SK
en~~	SK
en~~ 	SK
en£0	UI
en£0 	[C
en£0,	RL
en£0.	XF
en£00	QM
en£0m	^A
en© 	B]
en· 	@_
en· 0	HV
en· c	WG
en· p	FX
en· w	FX
en– 0	RL
en– a	WG
en– c	HV
en– d	C[
en– f	GW
en– h	GW
en– l	DZ
en– m	JT
en– n	B]
en– p	DZ
en– s	RL
en– t	ZD
en–0	XF
en–0 	LR
en–0,	XF
en–00	e;
en–f	IU
en–fr	IU
en–t	WG
en–th	WG
en“b	FX
en“bu	FX
en“h	JT
en“he	JT
en“t	IU
en“th	IU
en“y	?a
en“yo	?a
en” (	FX
en€0	g9
en€00	g9
en★ 	JT
en★ "	JT
en★★	KS
en★★ 	JT
en★★★	JT
es "	?a
es "a	LR
es "m	LR
es "p	C[
es "s	=c
es $	[C
es $ 	]B
es $0	YE
es %	VH
es % 	VH
es (	RL
es (0	QM
es (a	LR
es (d	WG
es (e	HV
es (g	LR
es (p	EY
es (s	TJ
es (t	RL
es (v	LR
es +	JT
es + 	JT
es -	IU
es ->	IU
es /	EY
es / 	EY
es 0	YE
es 0 	[C
es 0.	]B
es 00	VH
es 0:	RL
es @	XF
es a 	XF
es ab	YE
es ac	?a
es af	LR
es ag	]B
es al	VH
es am	DZ
es an	KS
es ap	TJ
es aq	WG
es as	RL
es at	ZD
es au	QM
es av	MQ
es ay	DZ
es az	GW
es añ	MQ
es aú	HV
es b0	a?
es ba	VH
es be	GW
es bi	LR
es bl	FX
es bo	TJ
es br	WG
es bu	DZ
es c	RL
es c/	^A
es ca	[C
es ch	^A
es ci	WG
es cl	LR
es co	HV
es cp	[C
es cr	JT
es cu	QM
es có	HV
es di	JT
es do	WG
es du	VH
es dí	SK
es dó	EY
es e 	QM
es el	MQ
es em	RL
es en	RL
es er	QM
es es	IU
es eu	WG
es ev	HV
es ex	JT
es f	QM
es fa	QM
es fe	QM
es fi	a?
es fl	FX
es fo	A^
es fr	GW
es fu	RL
es g0	^A
es ga	LR
es ge	IU
es gr	JT
es gu	IU
es h	B]
es h.	FX
es ha	FX
es ho	C[
es hu	^A
es i	SK
es ig	HV
es im	UI
es in	MQ
es iv	WG
es j	SK
es ja	RL
es jo	GW
es ju	SK
es jó	MQ
es k	VH
es ki	TJ
es km	TJ
es l	LR
es l-	[C
es la	IU
es le	HV
es li	FX
es ll	QM
es lu	KS
es lí	HV
es mo	MQ
es mu	KS
es mó	GW
es mú	IU
es n	C[
es n.	TJ
es na	QM
es ni	A^
es no	@_
es nu	SK
es nú	JT
es o	LR
es o 	JT
es ob	HV
es oc	[C
es of	JT
es oj	GW
es ol	QM
es on	JT
es op	FX
es or	LR
es ot	LR
es p	KS
es p.	KS
es pa	LR
es pe	HV
es pi	RL
es pl	LR
es po	QM
es pr	MQ
es pu	RL
es pá	GW
es q	DZ
es qu	DZ
es r	QM
es ri	TJ
es ro	KS
es ru	IU
es rá	JT
es rí	MQ
es s	TJ
es s.	[C
es sa	JT
es se	UI
es si	TJ
es sá	WG
es sé	DZ
es sí	RL
es t	QM
es ta	WG
es tf	WG
es ti	UI
es tr	VH
es tu	?a
es u	MQ
es un	IU
es ur	XF
es v	JT
es va	KS
es ve	FX
es vi	RL
es vo	KS
es ví	KS
es w	DZ
es we	C[
es x	RL
es y 	SK
es ya	MQ
es yo	QM
es yu	MQ
es z	ZD
es |	RL
es | 	RL
es «	C[
es «e	JT
es «l	KS
es «u	DZ
es ¿	QM
es é	LR
es él	QM
es ér	FX
es ó	EY
es ú	KS
es úl	KS
es “	UI
es €	VH
es € 	SK
es €,	XF
es €.	b>
es €/	d<
es €;	TJ
es! 	TJ
es" 	HV
es" s	MQ
es",	FX
es", 	FX
es".	@_
es". 	@_
es"a	LR
es"el	TJ
es"m	LR
es"p	C[
es"s	=c
es$ 	]B
es$ 0	]B
es$0	YE
es$0,	TJ
es$00	YE
es% 	]B
es% d	XF
es(0	QM
es(0 	RL
es(a	LR
es(de	WG
es(e	HV
es(el	UI
es(en	IU
es(es	HV
es(g	LR
es(ge	LR
es(gr	RL
es(p	EY
es(pr	FX
es(s	TJ
es(se	RL
es(t	RL
es(te	LR
es(v	LR
es) 	LR
es) y	RL
es),	GW
es), 	GW
es).	SK
es). 	SK
es+ 	JT
es, "	UI
es, 0	XF
es, a	SK
es, b	QM
es, c	SK
es, d	ZD
es, e	IU
es, f	IU
es, g	KS
es, h	SK
es, i	MQ
es, j	GW
es, l	JT
es, m	UI
es, n	=c
es, o	GW
es, p	WG
es, q	SK
es, s	TJ
es, t	ZD
es, u	QM
es, v	WG
es, y	TJ
es,0	JT
es,00	JT
es- 	LR
es-0	XF
es-00	WG
es->	IU
es-> 	IU
es-s	MQ
es-v	YE
es-v 	[C
es. 	SK
es. 0	^A
es. d	RL
es. s	^A
es."	FX
es." 	FX
es.)	KS
es.) 	KS
es.0	d<
es.00	d<
es.d	FX
es.d.	FX
es.e	b>
es.ex	b>
es.l	VH
es.l.	VH
es.p	UI
es.p.	UI
es.º	MQ
es.º 	MQ
es.»	HV
es.» 	HV
es/ 	GW
es/ 0	XF
es/k	LR
es/kg	TJ
es0 	]B
es0 %	VH
es0 (	YE
es0 -	JT
es0 /	XF
es0 0	f:
es0 a	VH
es0 c	UI
es0 d	UI
es0 e	QM
es0 h	GW
es0 k	SK
es0 l	XF
es0 m	_@
es0 n	[C
es0 p	SK
es0 s	j6
es0 t	KS
es0 v	UI
es0 y	JT
es0 €	VH
es0%	[C
es0% 	[C
es0)	WG
es0).	SK
es0,	SK
es0, 	ZD
es0,0	JT
es0-	]B
es0-0	XF
es0-s	LR
es0.	UI
es0. 	TJ
es0.0	d<
es00	]B
es00 	XF
es00%	[C
es00)	WG
es00,	SK
es00-	]B
es00.	RL
es000	YE
es00;	XF
es00h	WG
es0:	QM
es0;	XF
es0; 	XF
es0h	WG
es: 	KS
es: "	DZ
es: 0	SK
es: c	RL
es: m	XF
es: p	SK
es: «	IU
es; 	XF
es; a	RL
es; c	VH
es; d	WG
es; e	ZD
es; l	SK
es; t	MQ
es; y	LR
es> 	IU
es? 	FX
es@l	WG
es@la	WG
es@p	]B
es@pe	]B
es@r	SK
es@re	SK
es@s	RL
es@sa	RL
es@t	ZD
esa 	LR
esa $	TJ
esa (	UI
esa 0	XF
esa a	KS
esa b	GW
esa c	VH
esa d	FX
esa f	LR
esa g	<d
esa i	HV
esa j	DZ
esa n	KS
esa o	KS
esa p	RL
esa q	GW
esa r	ZD
esa s	VH
esa t	XF
esa u	FX
esa v	_@
esa w	FX
esa y	WG
esa |	FX
esa «	DZ
esa é	HV
esa!	B]
esa"	LR
esa)	HV
esa) 	MQ
esa),	FX
esa).	MQ
esa,	WG
esa, 	WG
esa.	WG
esa. 	TJ
esa.e	_@
esa:	LR
esa: 	LR
esa;	UI
esa; 	UI
esa?	YE
esa? 	YE
esa@	^A
esaa	LR
esab	UI
esaba	VH
esabe	UI
esabi	[C
esabl	DZ
esabr	JT
esabu	b>
esac	QM
esaca	MQ
esace	b>
esach	MQ
esaci	TJ
esact	JT
esacu	EY
esad	XF
esad 	TJ
esada	RL
esadi	YE
esado	TJ
esadr	XF
esadu	SK
esae	MQ
esae 	LR
esaer	YE
esafa	RL
esag	b>
esaga	WG
esago	a?
esagu	WG
esah 	LR
esaho	SK
esai	JT
esaig	MQ
esain	WG
esaja	KS
esaje	IU
esajo	VH
esal	MQ
esal 	UI
esal)	LR
esal,	GW
esal.	DZ
esalb	ZD
esalc	QM
esald	MQ
esale	FX
esalg	IU
esall	TJ
esalm	XF
esalo	UI
esalt	WG
esalu	=c
esalv	LR
esam	RL
esama	HV
esamb	TJ
esame	LR
esami	GW
esamo	QM
esamp	QM
esan	QM
esan 	MQ
esan.	IU
esanc	FX
esand	HV
esane	ZD
esang	IU
esani	UI
esano	^A
esans	MQ
esant	MQ
esanu	]B
esanz	FX
esao	RL
esap	QM
esapa	JT
esape	DZ
esapi	RL
esapr	[C
esapu	QM
esaq	SK
esaqu	SK
esar	LR
esar 	HV
esar,	VH
esarb	TJ
esarc	ZD
esard	YE
esare	RL
esarg	EY
esari	GW
esarj	VH
esarl	?a
esarm	LR
esarn	SK
esaro	@_
esarp	MQ
esarr	UI
esarz	QM
esarí	;e
esas	IU
esas 	C[
esas,	UI
esas.	RL
esas:	WG
esasc	VH
esase	KS
esasi	SK
esaso	XF
esass	QM
esast	A^
esasu	MQ
esasí	IU
esat	SK
esata	QM
esate	GW
esati	_@
esato	RL
esau	RL
esaur	VH
esav	TJ
esava	^A
esave	XF
esavi	MQ
esavo	JT
esaví	HV
esay	SK
esay 	SK
esaya	EY
esaye	VH
esayo	RL
esayu	MQ
esaz	GW
esaza	MQ
esazo	MQ
esazu	GW
esaí	RL
esañ	VH
esaña	ZD
esañe	MQ
esaño	MQ
esaú	HV
esaún	HV
esb 	RL
esb d	VH
esb,	MQ
esb, 	MQ
esb.	DZ
esb0	[C
esb00	a?
esb@	YE
esba	a?
esba 	WG
esba.	JT
esbai	MQ
esbaj	WG
esbal	DZ
esban	RL
esbar	_@
esbas	RL
esbat	DZ
esbañ	WG
esbe 	A^
esbec	SK
esbel	RL
esbem	LR
esben	IU
esber	VH
esbet	HV
esbi	WG
esbia	XF
esbil	C[
esbin	[C
esbio	SK
esbir	DZ
esbié	[C
esbió	IU
esbl	EY
esbla	KS
esble	GW
esbli	B]
esbo	IU
esbo 	B]
esbod	VH
esbog	IU
esbol	KS
esbom	WG
esbor	d<
esbr	IU
esbra	GW
esbre	MQ
esbu	LR
esbue	B]
esbuj	EY
esbur	DZ
esbus	SK
esbv	HV
esbve	HV
esbáñ	MQ
esbí	IU
esbín	IU
esbó	[C
esbón	[C
esc.	]B
esc/	^A
esc/ 	^A
esca 	DZ
esca,	QM
esca.	TJ
esca:	MQ
escac	QM
escad	UI
escae	GW
escaj	FX
escal	WG
escam	RL
escan	GW
escap	JT
escar	LR
escas	JT
escat	GW
escc	EY
escci	EY
esce	VH
esce 	IU
esce.	_@
esced	TJ
escei	]B
escel	LR
escem	]B
escen	UI
escer	MQ
esch	YE
escha	RL
esche	RL
eschi	IU
escho	^A
esci	UI
escia	SK
escic	ZD
escid	C[
escie	MQ
escif	]B
escil	MQ
escim	WG
escin	SK
escio	C[
escip	[C
escir	DZ
escis	XF
escit	TJ
esció	QM
escl	YE
escli	HV
esclu	YE
esco	LR
esco 	RL
esco)	TJ
esco,	YE
esco.	B]
escob	HV
escoc	RL
escol	HV
escon	MQ
escoo	KS
escop	EY
escor	KS
escos	UI
escp	[C
escp 	[C
escri	IU
escru	QM
esct	RL
escta	HV
escti	TJ
escto	LR
esctr	]B
esctu	JT
escu	MQ
escuc	e;
escue	RL
escui	LR
escul	TJ
escuo	YE
escup	RL
escur	RL
escuá	IU
escuñ	FX
escé	RL
escés	JT
escí	DZ
escía	FX
escó	JT
escóm	HV
esd d	XF
esd t	RL
esd.	A^
esd. 	A^
esda 	MQ
esda,	]B
esda.	VH
esdad	b>
esdal	QM
esdam	HV
esdan	B]
esdar	KS
esdas	ZD
esdav	HV
esde	LR
esde.	FX
esdeb	B]
esded	XF
esdel	JT
esdem	TJ
esden	QM
esdeo	MQ
esder	VH
esdet	A^
esdev	VH
esdia	LR
esdib	JT
esdic	IU
esdie	RL
esdil	TJ
esdim	_@
esdir	IU
esdit	GW
esdo	SK
esdo 	QM
esdo,	MQ
esdo.	C[
esdob	VH
esdol	^A
esdor	MQ
esdr	XF
esdra	RL
esdre	TJ
esdri	[C
esdu	WG
esdua	RL
esduc	FX
esdul	TJ
esdí 	YE
esdó	MQ
esdó 	SK
esdón	A^
ese 	MQ
ese "	=c
ese $	YE
ese (	MQ
ese 0	XF
ese a	QM
ese c	LR
ese d	WG
ese e	JT
ese f	UI
ese g	FX
ese h	@_
ese i	WG
ese j	TJ
ese p	UI
ese q	JT
ese r	QM
ese s	KS
ese t	B]
ese u	HV
ese é	YE
ese) 	TJ
ese,	TJ
ese, 	TJ
ese-	XF
ese.	RL
ese. 	RL
ese.e	]B
ese:	DZ
ese: 	DZ
esea 	LR
esead	HV
esean	?a
eseat	VH
eseb	HV
eseb 	IU
eseb,	HV
eseba	IU
esebe	B]
esebi	SK
esebl	UI
esec	FX
eseca	VH
esecc	C[
esece	>b
eseci	B]
eseco	RL
esecr	TJ
esect	SK
esecu	B]
esecí	FX
esed	XF
esed 	QM
eseda	DZ
esede	XF
esedi	SK
esedo	RL
esee	FX
eseg	IU
esega	RL
esegi	QM
esegl	ZD
esegr	IU
esegu	B]
esegú	SK
eseh	ZD
esei	a?
eseis	f:
eseit	XF
esej	FX
esejo	HV
esel	SK
esel 	QM
esel,	GW
esel.	]B
esela	[C
eselc	TJ
esele	LR
eselm	LR
eselo	YE
esels	HV
eselt	SK
eselv	LR
esem	a?
esem 	QM
esemb	VH
esemi	SK
esemo	ZD
esemá	VH
esen	QM
esen 	RL
esen,	KS
esen.	KS
esena	=c
esenc	WG
esene	WG
eseng	KS
eseni	QM
esens	WG
esent	QM
esenv	XF
eseo 	UI
eseo.	QM
esepa	LR
esepo	XF
esept	XF
eseq	UI
esequ	UI
eser	QM
eser 	QM
eser,	KS
eser.	LR
eser@	RL
esera	[C
eserc	IU
eserd	?a
esere	DZ
eserg	MQ
eseri	TJ
eserl	MQ
eserm	QM
esero	RL
eserr	VH
esers	IU
esert	QM
eserv	SK
eserz	d<
eserí	RL
eses	LR
eses 	SK
eses,	KS
eses.	IU
eses:	JT
esesa	RL
esesc	UI
esesd	WG
esesf	ZD
esesi	KS
eseso	EY
esesp	HV
esesq	ZD
esess	TJ
esest	YE
esesu	MQ
eset	JT
eseta	QM
esete	c=
eseto	DZ
esetr	KS
eseu	QM
eseur	SK
eseus	SK
esev	]B
eseva	XF
eseve	ZD
esex	TJ
esexa	b>
esext	B]
esey	RL
esey 	JT
esez	SK
esez 	LR
esez.	WG
esezc	KS
esezó	QM
eseí	SK
eseñ	SK
eseña	]B
eseño	KS
esf b	[C
esf g	^A
esfa	VH
esfa 	TJ
esfac	KS
esfad	RL
esfal	^A
esfav	JT
esfe	MQ
esfec	C[
esfer	SK
esfi	YE
esfic	JT
esfid	ZD
esfie	]B
esfin	JT
esfir	QM
esfl	FX
esflo	EY
esfn	WG
esfno	WG
esfo	FX
esfon	JT
esfor	SK
esfot	C[
esfr	C[
esfra	DZ
esfre	JT
esfu	UI
esfue	@_
esfug	UI
esfum	YE
esfun	ZD
esfur	KS
esfá	ZD
esg.	IU
esg. 	LR
esg0	^A
esg00	^A
esga 	DZ
esga,	QM
esga.	TJ
esgal	C[
esgan	RL
esgas	WG
esgañ	GW
esge	MQ
esge 	MQ
esgem	d<
esgen	LR
esges	VH
esgi	IU
esgid	MQ
esgin	B]
esgio	SK
esgis	ZD
esgl	TJ
esgla	SK
esglé	FX
esgo	QM
esgon	RL
esgos	VH
esgr	FX
esgra	MQ
esgri	DZ
esgro	IU
esgu	GW
esgua	MQ
esgue	LR
esgui	YE
esgun	@_
esguo	KS
esgur	JT
esgus	6j
esgú	SK
esgún	SK
esgü	RL
esgüe	RL
esh 	KS
esh y	LR
esh,	UI
esh, 	UI
esh.	B]
esh. 	B]
esha	JT
esha 	EY
eshab	B]
eshac	c=
eshan	DZ
eshar	RL
eshas	=c
eshay	MQ
eshe	SK
eshe 	HV
eshe.	DZ
eshec	SK
eshen	[C
esher	SK
eshes	RL
eshi	MQ
eshi 	B]
eshic	SK
eshid	VH
eshij	LR
eshis	IU
eshit	FX
esho	LR
esho 	^A
esho,	GW
eshol	A^
eshom	VH
eshon	JT
eshor	QM
eshu	YE
eshua	UI
eshí	XF
esi a	VH
esi c	FX
esi d	MQ
esi e	HV
esi h	RL
esi l	VH
esi m	GW
esi n	LR
esi q	KS
esi s	HV
esi t	WG
esi v	QM
esi,	GW
esi, 	GW
esia 	KS
esia,	SK
esia.	TJ
esiac	^A
esian	MQ
esiar	B]
esias	SK
esib	IU
esiba	FX
esibi	GW
esibo	EY
esibá	MQ
esic	MQ
esica	IU
esici	UI
esicl	ZD
esid	SK
esida	QM
eside	WG
esidi	C[
esido	SK
esidr	YE
esie	TJ
esie 	[C
esied	LR
esiem	JT
esien	SK
esier	JT
esies	VH
esiet	MQ
esiez	QM
esif	IU
esif 	SK
esifi	HV
esigo	LR
esigu	KS
esij	RL
esije	XF
esil	^A
esil 	TJ
esil.	HV
esila	IU
esile	UI
esili	IU
esill	RL
esilo	^A
esim	YE
esimb	XF
esime	LR
esimi	VH
esimo	b>
esimp	RL
esin	QM
esina	GW
esinc	UI
esind	RL
esine	VH
esinf	IU
esini	TJ
esino	QM
esint	^A
esiné	HV
esio	VH
esio 	RL
esio)	SK
esio,	MQ
esiod	QM
esion	UI
esios	@_
esip	a?
esipa	WG
esipc	WG
esipi	RL
esipo	RL
esiq	XF
esiqu	XF
esir	MQ
esir.	MQ
esir:	GW
esira	MQ
esire	UI
esirg	JT
esirm	QM
esiro	XF
esirv	FX
esis 	YE
esis,	SK
esis.	JT
esisa	SK
esise	JT
esisi	FX
esism	RL
esiso	JT
esist	LR
esit	KS
esit 	LR
esita	KS
esite	LR
esiti	WG
esito	LR
esitr	h8
esitu	FX
esiv	QM
esiva	ZD
esive	LR
esivo	KS
esivá	RL
esix	IU
esiz	SK
esiá	JT
esián	JT
esié	JT
esién	GW
esiér	RL
esiñ	RL
esiño	RL
esió	GW
esió 	RL
esió.	MQ
esió:	IU
esión	IU
esja	YE
esja 	WG
esja.	SK
esjab	^A
esjac	SK
esjad	FX
esjaj	GW
esjam	UI
esjar	XF
esjas	IU
esje	JT
esje,	JT
esjer	DZ
esjes	YE
esji	UI
esjo	GW
esjo 	HV
esjo,	A^
esjo.	TJ
esjor	EY
esju	QM
esjue	VH
esjul	VH
esjó	MQ
esjóv	MQ
eskg	TJ
eskg,	TJ
eski	EY
eskil	TJ
eskm	JT
eskm 	JT
esl 	RL
esl (	TJ
esl 0	VH
esl a	DZ
esl b	DZ
esl c	MQ
esl d	RL
esl e	LR
esl f	LR
esl g	YE
esl h	LR
esl i	IU
esl l	FX
esl n	JT
esl o	UI
esl p	XF
esl q	>b
esl r	A^
esl t	KS
esl v	EY
esl y	UI
esl ú	LR
esl)	JT
esl,	EY
esl, 	EY
esl-	[C
esl-v	[C
esl.	KS
esl. 	IU
esl:	HV
esl: 	HV
esla	LR
esla 	HV
esla,	HV
esla@	[C
eslab	KS
eslac	GW
eslad	RL
eslag	KS
eslal	WG
eslan	JT
eslap	MQ
eslar	WG
eslas	LR
eslav	e;
eslaz	LR
eslb	ZD
eslba	ZD
eslc	VH
eslca	LR
eslco	ZD
esld	RL
eslda	[C
eslde	MQ
esldo	TJ
esle	TJ
esle 	RL
esle,	LR
esle.	UI
eslea	C[
esleg	MQ
eslei	IU
eslem	JT
eslen	DZ
esleo	ZD
esler	QM
esles	SK
eslet	GW
eslev	UI
eslg	IU
eslga	FX
eslgu	VH
esli	GW
eslia	MQ
eslib	FX
eslic	MQ
eslid	GW
eslie	QM
eslim	VH
eslin	QM
eslio	XF
eslir	KS
eslis	LR
eslit	i7
esliv	KS
esll	UI
esll 	QM
eslla	SK
eslle	a?
eslli	FX
esllo	IU
esllu	SK
eslm	VH
eslma	XF
eslme	TJ
eslmo	LR
eslo.	KS
eslob	IU
eslog	KS
esloj	XF
eslol	IU
eslom	RL
eslon	QM
eslor	FX
eslos	UI
eslq	RL
eslqu	RL
esls	EY
esls 	EY
eslso	MQ
eslt	SK
eslta	ZD
eslti	KS
eslu	GW
eslub	VH
esluc	FX
eslud	=c
eslui	JT
eslum	RL
eslun	HV
eslus	RL
eslv	QM
eslva	C[
eslve	_@
eslvi	LR
eslá	RL
eslé	MQ
esléc	LR
eslés	FX
eslí	JT
eslíg	RL
esló	a?
esm 	KS
esma	TJ
esma 	TJ
esma,	JT
esma.	C[
esmac	ZD
esmad	LR
esmai	MQ
esmal	EY
esmap	B]
esmar	HV
esmas	MQ
esmat	]B
esmav	SK
esmay	RL
esmañ	RL
esmb	RL
esmba	WG
esmbi	ZD
esme	JT
esme 	>b
esmed	[C
esmej	EY
esmen	RL
esmer	IU
esmes	WG
esmet	]B
esmi	RL
esmia	IU
esmie	GW
esmig	UI
esmim	YE
esmin	RL
esmio	QM
esmié	SK
esmn	KS
esmo	ZD
esmo 	A^
esmo.	^A
esmod	GW
esmol	YE
esmom	SK
esmon	UI
esmor	YE
esmos	XF
esmp	]B
esmpa	LR
esmpe	TJ
esmpl	TJ
esmpo	QM
esmpr	YE
esmuc	GW
esmud	VH
esmue	a?
esmuj	KS
esmul	IU
esmun	QM
esmuy	KS
esmát	GW
esmí	ZD
esmí 	TJ
esmín	XF
esmó	KS
esmóv	DZ
esmú	IU
esmús	IU
esn (	TJ
esn 0	KS
esn c	RL
esn d	DZ
esn e	IU
esn f	XF
esn g	WG
esn h	RL
esn i	RL
esn j	SK
esn l	MQ
esn m	C[
esn n	@_
esn o	A^
esn p	WG
esn q	RL
esn r	XF
esn s	HV
esn t	KS
esn u	QM
esn v	GW
esn y	RL
esn,	KS
esn, 	KS
esn.º	TJ
esn:	HV
esn: 	HV
esna	JT
esna 	RL
esna)	GW
esna,	VH
esna.	B]
esna:	HV
esna@	SK
esnal	B]
esnar	LR
esnas	SK
esnat	FX
esnav	VH
esnca	KS
esnce	HV
esnch	TJ
esnci	]B
esncl	UI
esnco	LR
esnd	IU
esnda	VH
esnde	JT
esndi	JT
esndo	HV
esndr	RL
esndó	]B
esne	RL
esne 	RL
esnea	WG
esnec	DZ
esneg	LR
esnem	IU
esnen	JT
esner	_@
esnes	MQ
esnf	LR
esnfa	TJ
esnfi	IU
esnfo	GW
esnfr	GW
esnfu	QM
esng	EY
esnga	GW
esngl	HV
esngo	QM
esngu	RL
esni	QM
esni 	HV
esnia	HV
esnic	TJ
esnid	TJ
esnie	GW
esnif	KS
esnil	SK
esnim	TJ
esnin	IU
esnio	[C
esnir	RL
esnis	UI
esnit	SK
esniñ	C[
esno	QM
esno 	LR
esno,	LR
esno?	IU
esnoc	C[
esnom	HV
esnot	TJ
esns	QM
esns 	UI
esnsa	VH
esnsc	]B
esnse	QM
esnsi	MQ
esnst	RL
esnt 	RL
esnt,	JT
esnta	LR
esnte	HV
esnti	TJ
esntó	WG
esnu	SK
esnud	QM
esnue	XF
esnun	a?
esnur	GW
esnv	UI
esnve	SK
esnvi	UI
esnví	TJ
esnz	IU
esnza	B]
esné	LR
esné 	MQ
esnés	DZ
esní	FX
esnía	FX
esnú	JT
esnúm	JT
eso 	IU
eso $	[C
eso (	JT
eso 0	_@
eso a	^A
eso d	KS
eso e	KS
eso f	JT
eso i	HV
eso l	TJ
eso m	MQ
eso n	GW
eso o	RL
eso p	B]
eso q	RL
eso r	UI
eso s	MQ
eso t	IU
eso u	MQ
eso v	IU
eso y	KS
eso"	QM
eso" 	QM
eso)	SK
eso) 	IU
eso,	IU
eso, 	IU
eso.e	YE
eso.»	HV
eso:	MQ
eso: 	MQ
eso;	TJ
eso; 	TJ
eso?	A^
eso? 	A^
esoba	SK
esobl	ZD
esobo	EY
esobr	FX
esoc	MQ
esoca	HV
esoch	XF
esoco	RL
esoct	HV
esoda	LR
esode	UI
esodi	JT
esodo	QM
esoe	QM
esof	FX
esofe	LR
esofi	JT
esog	JT
esoga	TJ
esoge	SK
esogo	C[
esoj	DZ
esojo	A^
esok	C[
esoki	C[
esol 	JT
esola	HV
esold	XF
esole	UI
esoli	QM
esolm	TJ
esolo	LR
esolu	HV
esolv	QM
esom	SK
esom 	JT
esoma	TJ
esomb	HV
esome	FX
esomi	XF
esomo	QM
esomp	YE
esomá	GW
eson	LR
eson 	QM
esona	IU
esonc	FX
esond	EY
esonf	LR
esong	FX
esoni	WG
esons	MQ
esoo	KS
esoop	SK
esopa	TJ
esopi	DZ
esopo	HV
esoq	?a
esoqu	?a
esor	MQ
esor 	IU
esor,	C[
esor.	SK
esora	RL
esord	C[
esore	UI
esori	@_
esorm	HV
esoro	MQ
esorq	SK
esorr	MQ
esort	SK
esorí	WG
esos	SK
esos"	HV
esos)	RL
esos,	SK
esos.	WG
esos?	FX
esos@	YE
esosi	VH
esost	WG
esos»	KS
esot	MQ
esot 	KS
esota	YE
esote	_@
esoto	EY
esotr	GW
esotó	C[
esou	YE
esour	TJ
esov	QM
esova	EY
esove	QM
esovi	TJ
esoy	QM
esoy 	SK
esoz	XF
esoza	^A
eso»	FX
eso».	IU
esp 	ZD
esp 0	[C
esp. 	UI
esp.d	FX
espa	MQ
espac	UI
espag	XF
espal	A^
espar	GW
espas	JT
espat	LR
españ	RL
espc	WG
espci	WG
espe	HV
espec	HV
esped	GW
espel	B]
espen	DZ
espeq	UI
esper	MQ
espet	FX
espeñ	YE
espic	MQ
espid	GW
espin	[C
espio	WG
espit	KS
espl	MQ
espla	C[
espo 	]B
espo,	RL
espoc	IU
espod	UI
espon	=c
espor	QM
espos	WG
espr	VH
espra	[C
espre	QM
espt	WG
espti	WG
espub	B]
espue	UI
espun	UI
espué	IU
espá	HV
espág	B]
esq.	JT
esqu	KS
esque	IU
esqui	LR
esqué	HV
esquí	YE
esr 	JT
esr 0	RL
esr a	GW
esr c	DZ
esr d	UI
esr e	JT
esr f	HV
esr g	RL
esr i	LR
esr l	IU
esr m	QM
esr n	VH
esr o	LR
esr p	LR
esr q	TJ
esr s	GW
esr u	C[
esr v	IU
esr y	KS
esr,	SK
esr, 	SK
esr:	GW
esr: 	GW
esr;	RL
esr; 	RL
esr@	RL
esra	RL
esra 	IU
esra,	WG
esra.	ZD
esrab	XF
esrac	IU
esrad	h8
esraf	RL
esrag	TJ
esraj	GW
esral	]B
esran	TJ
esrar	B]
esras	XF
esrat	XF
esraz	FX
esrb	VH
esrbe	XF
esrc	TJ
esrca	JT
esrce	_@
esrch	JT
esrco	a?
esrd	LR
esrda	WG
esrde	GW
esrdi	SK
esrdo	SK
esrdí	DZ
esrdó	FX
esre)	IU
esre.	FX
esrea	[C
esrec	C[
esred	ZD
esreg	LR
esrel	TJ
esrem	HV
esren	WG
esreo	JT
esrep	RL
esrer	ZD
esres	RL
esret	RL
esreu	KS
esrey	RL
esrez	KS
esrf	RL
esrfe	@_
esrg	HV
esrga	IU
esrge	VH
esrgo	QM
esri	KS
esrib	C[
esric	MQ
esrie	QM
esrig	LR
esril	KS
esrim	TJ
esrin	UI
esrio	EY
esrip	QM
esris	@_
esrit	EY
esrió	VH
esrj	]B
esrja	XF
esrl	A^
esrle	C[
esrlo	IU
esrm	LR
esrma	WG
esrmi	DZ
esrmu	IU
esrmá	GW
esrn	RL
esrna	RL
esrne	ZD
esrni	LR
esro	MQ
esro 	QM
esro)	GW
esro,	MQ
esro.	IU
esrob	KS
esroc	KS
esrog	KS
esroj	EY
esrom	VH
esron	B]
esrop	RL
esros	JT
esrot	VH
esrov	RL
esrp	MQ
esrq	TJ
esrqu	TJ
esrr	VH
esrra	VH
esrre	ZD
esrri	:f
esrro	LR
esrs	QM
esrse	SK
esrsi	HV
esrt 	JT
esrta	SK
esrte	TJ
esrto	KS
esrtu	[C
esru	RL
esrub	]B
esrud	LR
esrue	MQ
esrum	RL
esrut	IU
esrva	<d
esrvi	VH
esry	LR
esry 	YE
esrz	WG
esrza	_@
esrzo	QM
esrá	RL
esráp	JT
esrás	IU
esré	KS
esrés	MQ
esríc	]B
esrío	]B
ess 	JT
ess (	QM
ess 0	KS
ess @	XF
ess a	VH
ess b	b>
ess c	EY
ess e	]B
ess f	KS
ess g	FX
ess i	UI
ess j	SK
ess l	KS
ess m	QM
ess n	C[
ess o	VH
ess p	LR
ess q	A^
ess r	FX
ess u	]B
ess y	[C
ess “	UI
ess"	B]
ess".	GW
ess)	LR
ess),	GW
ess).	YE
ess,	[C
ess, 	[C
ess.	RL
ess.e	RL
ess.l	VH
ess;	SK
ess; 	SK
ess?	FX
ess? 	FX
ess@	YE
essa	TJ
essa,	SK
essa.	[C
essad	@_
essaj	KS
essal	JT
essam	SK
essan	UI
essar	EY
essas	RL
essay	QM
essc	YE
essci	QM
essco	UI
esscr	IU
esscu	_@
essd	YE
essde	WG
esse	UI
essea	TJ
essec	XF
essei	f:
essel	JT
essen	WG
esseo	WG
essep	MQ
esses	IU
esseñ	JT
essf	]B
essfe	QM
essi	VH
essi 	XF
essia	TJ
essid	YE
essie	IU
essif	EY
essig	HV
essil	_@
essim	C[
essin	RL
essir	FX
essis	IU
essió	FX
essm	RL
esso 	@_
esso,	JT
esso.	a?
essob	HV
essoc	QM
essol	SK
essor	TJ
essoy	TJ
essp	FX
esspa	QM
esspe	IU
esspu	IU
essq	a?
essqu	a?
esss	UI
essse	XF
esst	RL
essta	RL
esste	MQ
essti	UI
essto	IU
esstr	[C
esstu	_@
esstá	DZ
essté	GW
essu	MQ
essu 	MQ
essua	^A
essub	EY
essun	MQ
essup	RL
essus	RL
ess»	KS
ess».	KS
essá	WG
essáb	WG
essé	DZ
essí	UI
essí 	KS
essí,	[C
essó	IU
essón	KS
est 	LR
est e	JT
est'	IU
est)	MQ
est,	DZ
est, 	DZ
est.	KS
esta 	JT
esta)	FX
esta,	UI
esta;	SK
estac	LR
estad	ZD
estam	RL
estan	WG
estap	WG
estar	MQ
estau	SK
estb	HV
este 	IU
este,	LR
este.	YE
estea	IU
estej	GW
estel	VH
estem	RL
esten	IU
estep	VH
ester	YE
estf	WG
estfn	WG
esti	VH
estic	IU
estie	^A
estif	JT
estig	TJ
estil	b>
estim	VH
estin	QM
estio	VH
estip	UI
estir	IU
estis	ZD
estit	LR
estiv	XF
estl	VH
estla	VH
esto	GW
esto,	LR
esto.	HV
estod	LR
estol	TJ
estom	SK
eston	WG
estos	>b
estoy	HV
estr	VH
estra	QM
estre	SK
estri	VH
estru	RL
estrá	RL
ests,	JT
estu	JT
estu 	GW
estub	HV
estur	KS
está	FX
está 	EY
estál	KS
esté	A^
esté 	KS
estí	XF
estía	XF
estó	JT
estó 	IU
esu 	LR
esu c	KS
esu f	MQ
esu m	DZ
esu n	KS
esu.	HV
esu. 	HV
esua	RL
esua 	VH
esuad	ZD
esual	LR
esuan	VH
esuar	RL
esuas	RL
esub	QM
esub 	VH
esub@	YE
esubi	VH
esubl	B]
esubr	HV
esubv	HV
esuc	DZ
esuca	JT
esuch	KS
esucí	FX
esuda	XF
esudi	TJ
esudo	@_
esue	TJ
esue 	IU
esue,	UI
esueb	VH
esued	EY
esueg	HV
esuel	ZD
esuen	KS
esuer	EY
esues	WG
esuet	FX
esuev	]B
esueñ	WG
esuf	MQ
esuid	RL
esuie	MQ
esuin	ZD
esuir	UI
esuit	GW
esuiz	SK
esuj	QM
esuja	SK
esujo	JT
esul	HV
esul 	GW
esula	EY
esuli	SK
esulo	XF
esum	WG
esume	TJ
esun	LR
esun 	DZ
esuna	TJ
esunc	UI
esund	TJ
esune	HV
esuni	^A
esuno	IU
esunt	C[
esuot	YE
esupi	LR
esupo	TJ
esupu	RL
esur	IU
esur 	B]
esura	IU
esure	UI
esurg	SK
esuri	IU
esuro	SK
esurs	UI
esus	WG
esus 	QM
esusa	ZD
esuse	RL
esuso	SK
esust	IU
esut	KS
esuta	KS
esuv	IU
esuvi	IU
esuy	KS
esuy 	KS
esuyo	DZ
esuz	KS
esuz 	RL
esuá	LR
esuán	LR
esué	EY
esué 	HV
esués	IU
esuí	YE
esuí 	[C
esuí,	GW
esuít	EY
esuñ	FX
esuña	FX
esv 	_@
esv 0	[C
esv.	IU
esva	QM
esva 	YE
esva,	YE
esva.	HV
esvad	XF
esvai	IU
esval	SK
esvan	IU
esvas	QM
esve	TJ
esve 	ZD
esvea	C[
esvel	XF
esvem	VH
esven	RL
esver	C[
esves	UI
esvez	YE
esvi	SK
esvia	GW
esvic	YE
esvid	IU
esvie	[C
esvil	MQ
esvir	SK
esvis	IU
esviv	JT
esvo	JT
esvol	UI
esvor	JT
esvos	IU
esvá	RL
esván	RL
esví	GW
esvía	HV
esvíd	KS
esvío	TJ
eswe	?a
esweb	FX
esx 	MQ
esxa	b>
esxam	b>
esxi	JT
esxo	TJ
esxt	EY
esy 0	QM
esy b	KS
esy c	WG
esy d	RL
esy e	FX
esy f	DZ
esy g	FX
esy h	QM
esy i	FX
esy j	RL
esy l	YE
esy o	WG
esy p	HV
esy q	TJ
esy s	UI
esy t	UI
esy u	UI
esy v	C[
esy y	QM
esy,	]B
esy, 	]B
esy.	WG
esy. 	WG
esya	LR
esya 	LR
esya,	KS
esye	SK
esyer	EY
esyo,	VH
esyor	SK
esyu	IU
esyun	MQ
esz 	LR
esz.	WG
esz. 	WG
esza 	RL
esza,	LR
esza.	LR
eszac	QM
eszam	MQ
eszan	UI
eszar	JT
eszc	KS
eszca	JT
eszo 	MQ
eszo,	FX
eszo.	VH
eszu	FX
eszul	GW
eszó	QM
eszó 	QM
es| 	RL
es| l	WG
es«e	JT
es«el	JT
es«l	KS
es«u	DZ
es«un	DZ
esº 	MQ
esº 0	UI
esº b	GW
es» 	C[
es»,	IU
es», 	IU
es».	IU
es». 	IU
esá 	FX
esá c	VH
esá e	JT
esá p	B]
esáb	WG
esáb 	[C
esába	SK
esác	TJ
eság	B]
esági	B]
esái	VH
esáis	VH
esáp	FX
esápi	FX
esár	TJ
esás	QM
esás 	KS
esás.	=c
esásc	TJ
esát	B]
esáti	B]
esáñ	MQ
esáñe	MQ
esé 	GW
esé t	FX
esé.	IU
esé. 	IU
eséc	LR
eséct	LR
esél	QM
esél 	VH
esén	GW
esén 	SK
esér	JT
eséra	EY
esérc	SK
esés	DZ
esés,	JT
esés.	HV
esí 	YE
esí m	UI
esí n	VH
esí q	KS
esí s	UI
esí,	VH
esí, 	VH
esí.	KS
esía	TJ
esía 	UI
esía,	B]
esía.	XF
esías	JT
esíc	f:
esíco	^A
esícu	ZD
esíd	KS
esíde	KS
esígo	RL
esín	KS
esín 	KS
esío	IU
esío 	FX
esío,	]B
esíos	TJ
esít	B]
esíta	EY
esíti	EY
esña	ZD
esña 	XF
esña,	SK
esñan	RL
esñen	GW
esñez	MQ
esñi	KS
esño	LR
esño,	WG
esñol	LR
esñor	IU
esños	MQ
esó c	RL
esó e	EY
esó l	JT
esó m	^A
esó.	SK
esó. 	SK
esó:	IU
esó: 	IU
esómo	HV
esón	HV
esón 	HV
esón,	LR
esón.	KS
esónd	EY
esós	GW
esóv	C[
esóve	MQ
esóvi	DZ
esóx	DZ
esóxi	DZ
esúl	KS
esúlt	KS
esúm	JT
esúme	JT
esún 	FX
esús	IU
esúsi	IU
esüe	RL
es€ 	SK
es€ a	a?
es€ i	VH
es€ l	_@
es€ m	QM
es€ p	UI
es€ y	a?
es€) 	UI
es€),	UI
es€,	XF
es€, 	XF
es€.	b>
es€. 	b>
es€/	d<
es€/k	TJ
es€;	TJ
es€; 	TJ
fr !	FX
fr ! 	DZ
fr "	EY
fr "l	KS
fr $	^A
fr $ 	^A
fr &	_@
fr & 	_@
fr (	GW
fr (0	IU
fr (a	B]
fr (d	UI
fr (e	JT
fr (j	SK
fr (o	MQ
fr (p	LR
fr (q	SK
fr (s	GW
fr (t	LR
fr (v	XF
fr -	QM
fr -0	SK
fr /	XF
fr / 	SK
fr 0	^A
fr 0,	SK
fr 00	b>
fr 0e	WG
fr 0h	VH
fr 0x	GW
fr 0z	SK
fr :	HV
fr : 	HV
fr ;	TJ
fr ; 	TJ
fr ?	6j
fr ? 	6j
fr a 	MQ
fr ad	QM
fr af	VH
fr ai	HV
fr al	MQ
fr am	IU
fr an	WG
fr ao	]B
fr ap	KS
fr ar	JT
fr as	YE
fr at	RL
fr au	WG
fr av	IU
fr b	EY
fr ba	MQ
fr bc	XF
fr be	KS
fr bi	DZ
fr bl	B]
fr br	IU
fr bu	IU
fr c	WG
fr ch	TJ
fr ci	FX
fr co	TJ
fr cr	KS
fr cu	HV
fr cô	TJ
fr d	TJ
fr da	RL
fr de	TJ
fr di	LR
fr do	QM
fr dr	TJ
fr dé	QM
fr d’	LR
fr ea	VH
fr el	HV
fr en	KS
fr es	SK
fr et	ZD
fr ex	FX
fr f	SK
fr fa	QM
fr fe	QM
fr fo	SK
fr fé	UI
fr fê	LR
fr g	HV
fr g0	SK
fr ga	@_
fr ge	IU
fr gr	TJ
fr gs	KS
fr gu	MQ
fr gé	YE
fr h	UI
fr h 	e;
fr h,	SK
fr h.	YE
fr ha	QM
fr he	UI
fr hi	IU
fr ho	KS
fr hu	a?
fr i	JT
fr il	JT
fr im	MQ
fr in	JT
fr j'	IU
fr ja	TJ
fr je	LR
fr jo	VH
fr ju	UI
fr j’	IU
fr k	_@
fr ka	LR
fr ke	[C
fr ki	XF
fr km	VH
fr kr	UI
fr l	LR
fr l'	JT
fr li	QM
fr lo	TJ
fr lu	QM
fr là	FX
fr m	IU
fr m 	ZD
fr m'	MQ
fr m.	C[
fr ma	HV
fr me	QM
fr mi	UI
fr ml	UI
fr mm	LR
fr mo	MQ
fr mu	KS
fr mè	VH
fr mé	QM
fr mê	VH
fr m’	RL
fr n'	LR
fr na	QM
fr ni	EY
fr no	RL
fr nu	KS
fr n°	LR
fr n’	RL
fr ob	QM
fr oc	JT
fr od	WG
fr ok	SK
fr om	MQ
fr on	VH
fr op	IU
fr or	LR
fr où	IU
fr p	IU
fr pa	JT
fr ph	GW
fr pi	UI
fr pl	FX
fr po	VH
fr pr	GW
fr pu	@_
fr pâ	JT
fr pè	QM
fr pé	KS
fr q	MQ
fr qu	MQ
fr r	QM
fr rd	TJ
fr ru	MQ
fr s	RL
fr sa	IU
fr se	QM
fr si	LR
fr sl	C[
fr so	UI
fr st	RL
fr su	LR
fr sé	^A
fr sœ	QM
fr s’	UI
fr t	UI
fr ta	WG
fr te	LR
fr th	DZ
fr ti	_@
fr to	SK
fr tr	UI
fr tu	QM
fr té	GW
fr u	HV
fr un	HV
fr ur	WG
fr v	EY
fr va	SK
fr ve	EY
fr vi	ZD
fr vo	GW
fr vé	IU
fr w	XF
fr y	[C
fr y 	XF
fr ye	QM
fr z	SK
fr za	SK
fr |	MQ
fr | 	MQ
fr «	EY
fr « 	EY
fr »	<d
fr » 	A^
fr »,	EY
fr ».	DZ
fr à	SK
fr à 	SK
fr â	UI
fr ç	EY
fr ça	EY
fr é	LR
fr éc	GW
fr él	SK
fr év	SK
fr ê	HV
fr êt	HV
fr –	IU
fr – 	IU
fr —	IU
fr — 	IU
fr €	VH
fr € 	QM
fr €)	LR
fr €,	WG
fr €.	[C
fr €/	XF
fr! 	DZ
fr" 	FX
fr"l	KS
fr$ 	^A
fr& 	_@
fr& c	_@
fr'a 	TJ
fr'ab	WG
fr'ac	JT
fr'an	DZ
fr'ar	LR
fr'as	DZ
fr'at	WG
fr'av	JT
fr'e	GW
fr'ea	LR
fr'en	?a
fr'es	MQ
fr'h	SK
fr'hu	VH
fr'i	KS
fr'il	LR
fr'in	C[
fr'on	MQ
fr'or	SK
fr'u	RL
fr'un	JT
fr'é	RL
fr'ég	RL
fr'éq	VH
fr'ér	LR
fr(0	IU
fr(0 	XF
fr(00	HV
fr(a	B]
fr(c'	GW
fr(co	RL
fr(d	UI
fr(da	RL
fr(e	JT
fr(el	FX
fr(j	SK
fr(l'	SK
fr(lo	LR
fr(me	SK
fr(o	MQ
fr(on	MQ
fr(p	LR
fr(pr	LR
fr(q	SK
fr(qu	SK
fr(s	GW
fr(t	LR
fr(v	XF
fr) 	FX
fr) :	RL
fr) e	LR
fr) g	SK
fr),	SK
fr), 	SK
fr).	MQ
fr). 	MQ
fr, 0	[C
fr, a	UI
fr, c	SK
fr, d	RL
fr, e	XF
fr, f	LR
fr, g	[C
fr, h	UI
fr, i	SK
fr, j	MQ
fr, k	MQ
fr, l	VH
fr, m	MQ
fr, n	LR
fr, q	VH
fr, s	QM
fr, t	XF
fr, u	LR
fr, v	GW
fr, ç	RL
fr, é	KS
fr-0	ZD
fr-00	ZD
fr-a	XF
fr-au	XF
fr-b	RL
fr-bo	TJ
fr-cl	MQ
fr-co	[C
fr-de	JT
fr-du	VH
fr-e	^A
fr-f	QM
fr-fr	IU
fr-ha	WG
fr-j	RL
fr-le	FX
fr-mi	UI
fr-mo	HV
fr-n	WG
fr-ne	VH
fr-o	RL
fr-or	ZD
fr-p	RL
fr-pa	FX
fr-s	XF
fr-sa	TJ
fr-v	YE
fr-ve	UI
fr-vi	XF
fr-vo	SK
fr-ê	HV
fr-êt	HV
fr. 	IU
fr. 0	LR
fr. c	LR
fr. d	GW
fr. m	UI
fr. v	LR
fr. »	EY
fr.0	XF
fr.00	XF
fr.e	WG
fr.ex	WG
fr/ 	SK
fr/ 0	SK
fr/0	KS
fr/00	JT
fr0 	ZD
fr0 $	^A
fr0 (	KS
fr0 /	a?
fr0 0	QM
fr0 :	IU
fr0 ;	XF
fr0 a	WG
fr0 b	]B
fr0 c	WG
fr0 d	TJ
fr0 e	KS
fr0 h	_@
fr0 i	LR
fr0 j	XF
fr0 k	_@
fr0 l	WG
fr0 m	LR
fr0 o	IU
fr0 p	RL
fr0 r	[C
fr0 s	SK
fr0 t	WG
fr0 v	SK
fr0 |	FX
fr0 €	VH
fr0)	VH
fr0, 	SK
fr0-	VH
fr0-0	VH
fr0.	[C
fr0. 	[C
fr0.0	XF
fr0/	IU
fr0/0	IU
fr00	a?
fr00 	]B
fr00)	VH
fr00-	VH
fr00.	[C
fr00/	IU
fr000	_@
fr00h	YE
fr0e	WG
fr0er	WG
fr0h	YE
fr0h 	[C
fr0h,	VH
fr0h-	XF
fr0h.	WG
fr0h0	RL
fr0x	HV
fr0z	SK
fr0z0	SK
fr: 	HV
fr: 0	MQ
fr: b	UI
fr: c	VH
fr: l	MQ
fr: n	A^
fr: «	FX
fr; 	VH
fr; a	UI
fr; c	WG
fr; l	QM
fr? 	5k
fr@b	WG
fr@bo	WG
fr@g	WG
fr@gr	[C
fr@v	GW
fra 	HV
fra 0	JT
fra a	IU
fra b	RL
fra c	JT
fra d	EY
fra e	FX
fra f	MQ
fra g	KS
fra h	QM
fra m	TJ
fra n	MQ
fra r	JT
fra s	GW
fra t	LR
fra v	VH
fra à	FX
fra é	KS
fra)	UI
fra) 	UI
fra,	KS
fra, 	KS
frab	ZD
fraba	UI
frabe	SK
frabl	LR
frabr	YE
frabs	FX
frac	SK
frac 	[C
frace	SK
frach	HV
fracl	MQ
fraco	EY
fract	HV
fracé	SK
frad	LR
frada	IU
fradh	ZD
frado	GW
fradr	MQ
fradu	b>
fraf	TJ
fraff	VH
frag	QM
fraga	UI
fragn	SK
frah	TJ
frai	IU
frai 	RL
fraie	RL
fraig	^A
fraim	A^
frain	WG
frair	LR
frais	IU
frait	QM
fral	KS
fral.	QM
frala	VH
frale	IU
frall	LR
fralt	RL
fralu	JT
fram	ZD
frama	KS
frame	^A
frami	HV
framo	XF
framp	YE
fran	UI
fran 	JT
fran,	a?
fran.	XF
frana	GW
franc	KS
frand	SK
frane	TJ
frang	GW
frani	TJ
frann	WG
frano	WG
franq	IU
frant	TJ
franv	XF
franç	WG
frao	]B
fraoû	VH
frape	XF
frapp	JT
frapr	LR
fraq	]B
fraqu	]B
frar	RL
frar 	IU
frar.	UI
frara	QM
frarc	MQ
frard	MQ
frare	]B
frarg	RL
frark	FX
frarl	HV
fraro	SK
frarr	SK
frars	A^
fras 	JT
fras,	QM
fras.	C[
frasi	_@
frast	QM
frat	a?
frat 	SK
frat.	SK
frate	YE
frath	XF
frato	^A
fratr	WG
fratt	RL
fratu	UI
frau	RL
frau,	JT
frau-	QM
frau.	RL
frau@	ZD
fraub	YE
frauc	QM
fraud	GW
frauf	SK
fraug	TJ
fraul	IU
fraur	UI
frav	SK
frava	QM
frave	QM
fravi	RL
fravo	VH
fravr	TJ
frax	JT
fraxe	^A
fraxi	GW
fray	RL
fraye	RL
frayo	RL
fraz	C[
fraîn	QM
fraît	JT
frb 	_@
frb d	ZD
frb p	XF
frba	QM
frbai	RL
frbat	YE
frbc	XF
frbce	XF
frbe	VH
frbea	DZ
frbec	SK
frbel	RL
frben	LR
frber	YE
frbi	FX
frbie	HV
frbis	SK
frbit	MQ
frbl	C[
frbla	JT
frble	A^
frbli	RL
frblo	IU
frboi	UI
frbon	=c
frbor	SK
frbou	YE
frboî	SK
frbra	WG
frbre	HV
frbri	TJ
frbru	JT
frbs	GW
frbse	JT
frbt	UI
frbte	UI
frbu	JT
frbud	KS
frbv	HV
frbve	HV
frbé	QM
frbé.	RL
frc 	RL
frc c	JT
frc d	WG
frc j	RL
frc l	@_
frc m	KS
frc o	EY
frc p	C[
frc t	]B
frc'é	QM
frc.	ZD
frc. 	XF
frca	TJ
frcal	IU
frcam	C[
frcan	SK
frcar	DZ
frcas	YE
frcau	[C
frcce	VH
frcco	LR
frce	SK
frce 	UI
frce,	UI
frcel	EY
frcen	QM
frcep	ZD
frcer	SK
frces	VH
frcet	KS
frcev	UI
frch	UI
frcha	VH
frche	MQ
frcho	HV
frchê	TJ
frci	GW
frci 	LR
frci-	IU
frcia	[C
frcid	FX
frcie	HV
frcil	MQ
frcin	XF
frcit	IU
frck	VH
frck 	VH
frcl	TJ
frcla	SK
frcle	TJ
frcli	7i
frclo	ZD
frclu	VH
frclé	KS
frco	LR
frcol	UI
frcom	MQ
frcon	HV
frcop	DZ
frcoû	HV
frcr	A^
frcra	LR
frcre	SK
frcri	C[
frcro	IU
frcrè	HV
frcré	UI
frcs	WG
frcs 	WG
frct	JT
frct 	QM
frcto	MQ
frctu	EY
frcu	C[
frcui	FX
frcul	LR
frcun	JT
frcup	KS
frcus	JT
frcy	TJ
frcè	DZ
frcès	DZ
frcé	SK
frcée	UI
frcô	TJ
frcôt	TJ
frd a	HV
frd d	RL
frd j	XF
frd l	VH
frd p	?a
frd s	DZ
frd à	LR
frd'a	TJ
frd'e	@_
frd'h	FX
frd'o	QM
frd'u	JT
frd.	SK
frd. 	SK
frda	TJ
frda 	UI
frda,	IU
frdai	QM
frdan	WG
frdas	LR
frde	SK
frde 	ZD
frde,	QM
frdel	TJ
frdem	HV
frden	UI
frdes	IU
frdeu	RL
frdev	>b
frdg	KS
frdge	KS
frdh	ZD
frdhé	ZD
frdi	WG
frdi 	VH
frdi,	QM
frdia	TJ
frdic	QM
frdie	ZD
frdif	IU
frdil	WG
frdim	SK
frdin	TJ
frdir	@_
frdis	SK
frdit	HV
frdiv	WG
frdix	LR
frdiz	C[
frdiè	MQ
frdo	RL
frdoi	EY
frdon	JT
frdor	RL
frdos	KS
frdou	[C
frdr	GW
frdra	JT
frdri	GW
frds	LR
frds 	LR
frdu	QM
frdu-	QM
frduc	^A
frdue	^A
frdul	b>
frdur	GW
frdus	FX
frdv	TJ
frdè	ZD
frdèl	WG
frdé 	IU
frdé,	B]
frdéb	SK
frdéc	SK
frdée	YE
frdéj	IU
frdém	KS
frdén	EY
frdép	JT
frdér	SK
frd’	LR
frd’e	EY
fre 	LR
fre "	HV
fre (	GW
fre 0	d<
fre ;	MQ
fre a	WG
fre b	A^
fre c	ZD
fre d	SK
fre e	UI
fre f	XF
fre g	B]
fre h	SK
fre i	VH
fre k	ZD
fre l	_@
fre m	GW
fre n	HV
fre o	XF
fre p	LR
fre q	MQ
fre r	VH
fre t	MQ
fre |	h8
fre »	KS
fre à	XF
fre ç	EY
fre é	IU
fre –	IU
fre)	LR
fre) 	LR
fre,	KS
fre, 	KS
fre-c	[C
fre-d	QM
fre-m	IU
fre-v	XF
fre.	FX
fre. 	FX
fre.e	]B
fre?	HV
fre? 	HV
fre@	MQ
freb	YE
frec	SK
frec)	SK
frec.	SK
frece	IU
freco	DZ
fred	WG
freda	WG
fredi	VH
free	UI
fref	WG
fref 	WG
freg	]B
frega	XF
frei	VH
freil	WG
frel	MQ
frel 	MQ
frel,	DZ
frel.	JT
frele	C[
freli	XF
frels	QM
frelu	EY
frem	MQ
fremb	IU
freme	LR
fremm	GW
fremp	TJ
fren	KS
fren 	GW
fren,	HV
frena	QM
frenc	LR
frend	QM
frene	SK
freni	RL
frenl	JT
frenn	TJ
freno	QM
frens	RL
frenu	TJ
frenv	XF
freo	ZD
frepr	IU
frept	VH
frer	MQ
frer 	MQ
frer.	JT
frera	>b
frerc	TJ
frerd	YE
frerf	VH
freri	YE
frerl	RL
frerm	ZD
frerr	MQ
frers	UI
frert	QM
fres	MQ
fres)	FX
fres,	TJ
fres-	KS
fres.	KS
fresc	MQ
fresp	TJ
fress	HV
fresu	[C
fret	RL
fret 	]B
fret)	a?
fret.	LR
frete	C[
freti	UI
frets	UI
frett	SK
fretu	TJ
freté	KS
freu	KS
freu 	EY
freub	TJ
freud	YE
freui	MQ
freul	RL
freur	LR
freus	YE
freut	DZ
freuv	WG
frev	HV
freve	TJ
frevi	EY
frevo	GW
frex	LR
frexa	VH
frexc	MQ
frexi	XF
frexp	LR
frext	A^
frez	TJ
frez 	LR
frez-	[C
frf 	VH
frf d	VH
frf s	SK
frf,	QM
frf, 	QM
frfa	QM
frfab	VH
frfac	GW
frfai	SK
frfar	]B
frfau	HV
frfe	RL
frfem	GW
frfer	VH
frff	LR
frffe	XF
frffi	KS
frffé	DZ
frfi	GW
frfic	JT
frfie	FX
frfil	RL
frfin	IU
frfir	C[
frfle	[C
frfor	LR
frfou	WG
frfr	IU
frfra	SK
frfri	QM
frfrè	GW
frfs	GW
frfs 	FX
frfu	SK
frfé	TJ
frfér	DZ
frfê	LR
frfêt	LR
frg d	SK
frg.	RL
frg0	SK
frg0x	SK
frga	JT
frgag	QM
frgal	FX
frgar	RL
frgas	WG
frgat	XF
frgau	LR
frgaz	C[
frge 	MQ
frge,	YE
frge.	EY
frgen	QM
frger	B]
frges	IU
frget	KS
frgi	YE
frgie	GW
frgis	]B
frgl	IU
frgla	JT
frgli	RL
frgn	QM
frgna	QM
frgne	SK
frgno	EY
frgné	MQ
frgo	IU
frgo 	QM
frgp	RL
frgr	VH
frgra	ZD
frgre	XF
frgro	GW
frgsm	KS
frgt	WG
frgts	XF
frgu	a?
frgue	ZD
frgui	TJ
frguy	YE
frgé	YE
frgén	UI
frh 	a?
frh (	XF
frh /	SK
frh 0	RL
frh e	TJ
frh p	[C
frh s	QM
frh |	ZD
frh à	VH
frh,	YE
frh, 	YE
frh-	XF
frh-0	XF
frh.	[C
frh. 	ZD
frh0	RL
frh00	RL
frha	XF
frhab	MQ
frhal	EY
frhan	XF
frhaq	]B
frhar	FX
frhat	UI
frhau	KS
frhe 	LR
frhe,	MQ
frhe.	UI
frhef	WG
frhel	LR
frhem	KS
frher	GW
frhes	SK
frhet	LR
frheu	WG
frhez	WG
frhie	WG
frhis	LR
frhiv	WG
frho	FX
frhom	EY
frhos	B]
frhot	GW
frhu	b>
frhui	[C
frhèq	UI
frhèr	B]
frhé 	RL
frhé,	HV
frhér	IU
frhés	LR
frhê	TJ
frhên	TJ
fri 	QM
fri (	QM
fri 0	HV
fri a	KS
fri b	KS
fri d	XF
fri j	JT
fri l	ZD
fri n	SK
fri o	FX
fri p	A^
fri q	WG
fri r	QM
fri s	EY
fri t	QM
fri v	SK
fri à	ZD
fri-	LR
fri-d	JT
fri.	RL
fri. 	RL
fria	ZD
friag	WG
frial	SK
frian	YE
friat	SK
frib	QM
friba	UI
fribl	KS
fric 	^A
frich	LR
frici	GW
frick	VH
frict	JT
frid	MQ
fride	MQ
fridi	WG
fridu	^A
fridé	EY
frie	RL
frie-	JT
frie.	KS
friei	WG
friel	QM
frier	UI
fries	ZD
frieu	KS
friez	FX
frif	B]
friff	FX
frifi	JT
frifs	FX
frig	LR
frigo	EY
frigu	MQ
fril	TJ
fril 	HV
fril,	YE
fril.	UI
frile	VH
frili	QM
frill	RL
frilo	XF
frils	JT
frilà	KS
frim	IU
frim 	QM
frima	MQ
frime	KS
frimo	VH
frimu	JT
frin	ZD
frin 	ZD
frin,	LR
frin.	SK
frina	_@
frinc	HV
frind	HV
frine	VH
frinf	MQ
fring	TJ
frini	XF
frinq	FX
frins	RL
frint	KS
frinu	GW
frinz	SK
friol	JT
frion	LR
frip	MQ
fript	GW
frir	IU
frir 	MQ
frir,	LR
frir-	UI
frira	JT
frire	RL
friri	DZ
friré	ZD
fris	QM
fris 	QM
fris,	QM
frisa	DZ
frise	WG
frisi	LR
friso	KS
frisp	EY
frist	RL
frit	KS
frit,	UI
frit-	SK
frit.	>b
frite	DZ
friti	FX
fritr	UI
frits	WG
fritu	IU
frité	XF
friv	YE
friva	MQ
frive	YE
frivo	[C
frivr	VH
frix 	QM
frix,	IU
frix-	XF
friz	C[
friza	C[
friè	TJ
frièc	UI
frièm	QM
frièr	QM
frié	?a
frié 	DZ
frié.	EY
friée	VH
friés	HV
frj'	LR
frj'a	IU
frj'e	TJ
frj'é	GW
frja	UI
frjan	XF
frjar	SK
frje	KS
frje 	KS
frjet	GW
frjeu	RL
frjo	SK
frjos	LR
frjou	KS
frju	VH
frjui	RL
frjus	GW
frj’	IU
frk 	UI
frka	LR
frke	[C
frker	[C
frki	JT
frkil	XF
frkin	FX
frkm	WG
frkm 	UI
frkm.	XF
frkr	UI
frl 	TJ
frl (	SK
frl 0	VH
frl c	XF
frl e	MQ
frl l	IU
frl m	SK
frl n	?a
frl p	MQ
frl t	C[
frl v	QM
frl y	RL
frl à	XF
frl'	JT
frl'e	DZ
frl'h	UI
frl'i	@_
frl'o	RL
frl'é	QM
frl)	RL
frl),	RL
frl,	KS
frl, 	KS
frl.	KS
frl. 	HV
frl.e	YE
frla 	JT
frlac	WG
frlag	UI
frlai	QM
frlam	]B
frlan	IU
frlas	UI
frlat	JT
frlav	ZD
frlaî	C[
frle	MQ
frle 	QM
frle,	RL
frle.	MQ
frle@	LR
frled	VH
frlen	GW
frler	C[
frles	TJ
frlet	c=
frleu	DZ
frlev	JT
frlez	FX
frlib	ZD
frlic	UI
frlid	EY
frlie	RL
frlig	DZ
frlin	LR
frliq	JT
frlir	?a
frlis	LR
frlit	UI
frliv	a?
frll	QM
frlla	MQ
frlle	RL
frlli	JT
frllo	MQ
frllé	QM
frllô	EY
frlm	FX
frlmo	KS
frlo 	IU
frlo.	UI
frlog	EY
frloi	SK
frlom	XF
frlon	KS
frlor	MQ
frlou	[C
frloy	UI
frloï	LR
frls 	MQ
frlt	HV
frlt 	A^
frlta	JT
frlu	LR
frlub	ZD
frluc	HV
frlue	WG
frlum	RL
frlun	QM
frlus	FX
frlv	TJ
frly	B]
frlà	GW
frlà 	HV
frlà-	GW
frlè	QM
frlèn	RL
frlé	JT
frlé.	MQ
frléc	LR
frlée	ZD
frlég	UI
frlés	JT
frlô	EY
frlô 	EY
frl’e	YE
frl’o	RL
frl’é	MQ
frm 	IU
frm 0	IU
frm a	HV
frm b	QM
frm d	KS
frm'	MQ
frm.	?a
frm. 	?a
frma	KS
frma 	LR
frmag	KS
frmai	KS
frmal	EY
frman	MQ
frmat	ZD
frmb	GW
frmbe	VH
frmbl	HV
frmbr	JT
frme 	B]
frme,	XF
frme.	JT
frmea	UI
frmed	ZD
frmei	LR
frmem	TJ
frmen	MQ
frmer	LR
frmes	YE
frmeu	[C
frmi	UI
frmi 	@_
frmi-	RL
frmid	VH
frmil	TJ
frmin	KS
frmio	FX
frmir	TJ
frmit	MQ
frmiè	MQ
frml	UI
frmme	IU
frmmu	c=
frmo	RL
frmod	RL
frmon	RL
frmor	SK
frmos	MQ
frmot	C[
frmou	VH
frmp	UI
frmpa	MQ
frmpe	TJ
frmpl	YE
frmpo	XF
frmpr	QM
frmpt	IU
frms	GW
frms,	IU
frmu	MQ
frmul	FX
frmum	JT
frmun	c=
frmus	IU
frmè	TJ
frmèt	XF
frmé	LR
frmé 	a?
frméc	UI
frmée	RL
frmén	JT
frmér	DZ
frmét	QM
frmê	SK
frmêm	SK
frm’	RL
frm’a	RL
frn 	MQ
frn (	KS
frn 0	UI
frn a	FX
frn b	IU
frn e	UI
frn g	TJ
frn h	JT
frn i	IU
frn j	QM
frn l	GW
frn m	LR
frn o	KS
frn p	IU
frn q	B]
frn r	DZ
frn s	YE
frn v	FX
frn y	ZD
frn «	LR
frn »	KS
frn à	UI
frn é	RL
frn'	LR
frn'a	KS
frn)	TJ
frn,	LR
frn, 	LR
frn-	TJ
frn-l	VH
frn-v	SK
frn.	TJ
frn. 	TJ
frn.e	VH
frna	VH
frna 	VH
frnad	SK
frnai	RL
frnal	QM
frnc	QM
frnc 	TJ
frnc,	IU
frnce	WG
frnch	SK
frnci	HV
frnco	GW
frnd.	RL
frnda	QM
frndo	YE
frndr	KS
frnds	LR
frndu	HV
frndé	QM
frne	[C
frne 	UI
frne,	LR
frne-	MQ
frne.	MQ
frnea	VH
frnec	WG
frnel	QM
frnen	RL
frner	KS
frnes	WG
frnet	YE
frneu	SK
frnev	EY
frnf	MQ
frnfi	C[
frnfo	MQ
frnge	FX
frngl	KS
frngs	SK
frngt	WG
frngu	^A
frni 	FX
frnic	VH
frnie	UI
frnim	TJ
frnio	IU
frniq	VH
frnir	FX
frnj	IU
frnjo	IU
frnl	JT
frnle	JT
frnna	RL
frnne	QM
frnni	SK
frnnu	LR
frnné	FX
frno	SK
frno 	KS
frnom	FX
frnon	VH
frnos	MQ
frnou	WG
frnov	VH
frnoë	TJ
frnq	FX
frnqu	FX
frns	ZD
frns 	XF
frns,	MQ
frns.	[C
frnsa	UI
frnsc	GW
frnse	RL
frnst	WG
frnt	KS
frnt 	QM
frnt,	RL
frnt-	YE
frnt.	GW
frnte	QM
frntf	YE
frntg	TJ
frnto	QM
frntr	LR
frnts	FX
frnu 	GW
frnui	XF
frnum	B]
frnus	RL
frnv	VH
frnvi	XF
frnvo	TJ
frnz	SK
frnze	SK
frn°	LR
frn° 	LR
frnç	WG
frnça	WG
frné 	MQ
frné.	GW
frnér	UI
frn’	RL
frn’a	XF
frn’e	JT
fro 	FX
fro 0	LR
fro d	IU
fro e	IU
fro,	C[
fro, 	C[
fro-	YE
fro.	XF
fro. 	XF
frob	LR
frobr	JT
froc	JT
froc 	SK
frocc	QM
froch	]B
froci	MQ
froct	MQ
frocu	RL
frod	ZD
frode	EY
frodi	WG
frodè	WG
frog	LR
frogi	GW
frogn	QM
froh	[C
froha	[C
froi	KS
froi,	MQ
froic	>b
froie	RL
froig	IU
froil	JT
froin	YE
froir	EY
frois	MQ
froit	IU
froix	[C
frok	SK
frok 	SK
frol	MQ
frol,	SK
frol.	JT
frola	VH
frolo	JT
frolé	GW
from	KS
from 	JT
froma	MQ
fromb	JT
fromi	SK
fromm	TJ
fromp	LR
froms	GW
fron	UI
fron 	VH
fron,	JT
fron-	IU
fron.	A^
fronc	WG
frond	IU
fronf	@_
fronj	IU
fronn	FX
frono	KS
frons	XF
front	SK
fronv	JT
fronz	VH
froo	@_
froor	@_
frop	HV
frop 	ZD
frop.	JT
fropi	DZ
fropo	DZ
fropr	QM
fropt	IU
fror	SK
fror 	C[
frorc	ZD
frore	>b
frori	MQ
frorm	JT
frorn	WG
frorr	SK
frors	SK
frort	f:
frorv	YE
fros	EY
fros 	GW
fros,	VH
fros.	@_
frosa	VH
frose	GW
frosi	ZD
fross	KS
frost	ZD
frosé	IU
frot	FX
frot 	FX
frote	EY
froto	HV
froté	JT
frou	SK
frou 	FX
froub	RL
frouc	TJ
froud	LR
froug	IU
frouh	GW
froui	;e
froul	RL
froum	b>
froup	]B
frour	LR
frous	TJ
froué	[C
frov	a?
frove	YE
froy	XF
froye	VH
froë	YE
froël	YE
froî	SK
froît	SK
froï	LR
froïc	LR
froù	MQ
froù 	MQ
froû	MQ
froût	MQ
frp 	TJ
frp d	IU
frp. 	HV
frpa	MQ
frpag	FX
frpai	XF
frpan	IU
frpar	RL
frpas	HV
frpay	VH
frpe 	d<
frpe,	FX
frpel	JT
frpen	RL
frpet	XF
frpeu	KS
frph	GW
frpho	HV
frpi	TJ
frpie	JT
frpir	LR
frpiè	XF
frpl	IU
frpla	RL
frple	VH
frpli	JT
frplo	VH
frplu	C[
frpo	RL
frpoi	KS
frpol	GW
frpom	WG
frpor	a?
frpot	TJ
frpou	MQ
frpp	JT
frppe	JT
frppo	KS
frppr	SK
frpr	IU
frpri	HV
frpro	JT
frpré	MQ
frprê	YE
frps 	SK
frps.	JT
frpt	JT
frpt.	^A
frpte	GW
frpti	HV
frpté	LR
frpu	HV
frpu 	JT
frpub	MQ
frpui	KS
frpâ	JT
frpâl	JT
frpè	ZD
frpèr	VH
frpé	JT
frpér	HV
frpê	TJ
frpô	RL
frpôt	RL
frqu	JT
frqua	WG
frque	GW
frqui	QM
frqué	MQ
frqu’	HV
frr 	B]
frr 0	LR
frr :	MQ
frr ;	EY
frr a	QM
frr b	JT
frr c	JT
frr d	RL
frr i	JT
frr k	WG
frr l	EY
frr m	QM
frr n	MQ
frr o	QM
frr q	MQ
frr r	QM
frr s	IU
frr t	>b
frr u	MQ
frr v	A^
frr »	HV
frr à	MQ
frr é	QM
frr)	MQ
frr,	IU
frr, 	IU
frr-	ZD
frr.	JT
frr. 	JT
frr.e	UI
frr@	ZD
frra 	@_
frra.	SK
frrac	LR
frrag	LR
frrai	LR
frram	YE
frran	VH
frrap	KS
frras	HV
frrav	VH
frray	LR
frraî	C[
frrc	QM
frrce	KS
frrch	RL
frrci	IU
frrcr	g9
frrd 	MQ
frrda	RL
frrde	QM
frrdo	JT
frrdv	TJ
frre	QM
frre 	GW
frre)	QM
frre,	WG
frre-	[C
frre.	@_
frrea	MQ
frrec	RL
frred	UI
frreg	XF
frrei	UI
frrel	FX
frrem	SK
frren	LR
frrep	KS
frrer	VH
frres	KS
frret	JT
frreu	B]
frrev	WG
frrf	VH
frrg	ZD
frrge	[C
frri	JT
frric	JT
frrie	RL
frrif	@_
frrig	DZ
frrim	MQ
frrin	WG
frrio	KS
frrip	JT
frriq	UI
frrir	MQ
frris	UI
frrit	HV
frriv	QM
frrix	B]
frriè	SK
frrié	JT
frrk	FX
frrki	FX
frrl	FX
frrla	TJ
frrle	LR
frrlo	JT
frrm	VH
frrma	SK
frrme	SK
frrmu	FX
frrmé	^A
frrna	QM
frrne	ZD
frrné	IU
frro	IU
frro 	GW
frroc	LR
frroi	TJ
frrom	LR
frron	RL
frrop	JT
frros	FX
frrr	VH
frrra	ZD
frrri	[C
frrrê	DZ
frrs	VH
frrs 	UI
frrs,	YE
frrsi	KS
frrso	KS
frrt	XF
frrt 	RL
frrt-	UI
frrt.	VH
frrta	HV
frrte	]B
frrti	RL
frrto	?a
frrub	LR
frrue	a?
frrun	GW
frrv	VH
frrva	UI
frrvi	RL
frry	IU
frry,	LR
frry.	MQ
frrè	HV
frrèm	HV
frrèr	GW
frré	UI
frré 	TJ
frréa	HV
frréc	LR
frréd	XF
frréf	KS
frrég	a?
frrém	DZ
frrép	[C
frréu	JT
frrê	ZD
frrêt	ZD
frs !	GW
frs 0	WG
frs :	GW
frs ;	XF
frs ?	A^
frs a	JT
frs b	a?
frs d	RL
frs e	WG
frs f	MQ
frs g	KS
frs h	IU
frs i	JT
frs j	MQ
frs l	LR
frs m	UI
frs n	SK
frs o	RL
frs p	HV
frs q	VH
frs s	]B
frs t	QM
frs u	WG
frs v	XF
frs y	QM
frs |	HV
frs »	C[
frs à	YE
frs é	KS
frs ê	HV
frs'a	QM
frs)	C[
frs) 	DZ
frs),	RL
frs).	MQ
frs,	UI
frs, 	UI
frs-	MQ
frs-m	UI
frs-v	LR
frs.	KS
frs. 	KS
frsa	QM
frsab	EY
frsai	KS
frsam	RL
frsan	MQ
frsar	TJ
frsau	RL
frsc	MQ
frsca	RL
frscr	B]
frse	SK
frse 	TJ
frse,	HV
frse.	SK
frsec	HV
frsei	XF
frsel	XF
frsem	QM
frsen	C[
frsep	TJ
frser	WG
frses	JT
frset	HV
frseu	JT
frsez	C[
frsi	KS
frsi 	DZ
frsib	LR
frsic	JT
frsid	MQ
frsig	QM
frsim	QM
frsin	IU
frsio	QM
frsiq	LR
frsir	c=
frsit	?a
frsix	VH
frsl	C[
frslt	C[
frsm 	KS
frso	QM
frsob	DZ
frsoc	MQ
frsoi	TJ
frsol	JT
frsom	WG
frsou	JT
frsp	UI
frspi	LR
frspo	RL
frsq	IU
frsqu	IU
frsr	ZD
frss	QM
frssa	WG
frssi	HV
frsso	IU
frssu	MQ
frssé	TJ
frst 	TJ
frsta	YE
frsti	IU
frsto	FX
frstr	QM
frsu	LR
frsub	HV
frsui	LR
frsuj	@_
frsul	JT
frsup	FX
frsur	KS
frsus	ZD
frsé 	SK
frsé,	FX
frsée	GW
frsés	UI
frsœ	QM
frsœu	QM
frs’	UI
frs’a	YE
frt (	YE
frt ;	IU
frt a	SK
frt c	SK
frt d	XF
frt e	DZ
frt f	LR
frt g	QM
frt i	RL
frt j	WG
frt l	WG
frt m	VH
frt n	[C
frt o	WG
frt p	@_
frt q	DZ
frt r	TJ
frt t	VH
frt u	LR
frt v	DZ
frt |	]B
frt «	DZ
frt à	FX
frt ç	JT
frt é	JT
frt"	IU
frt)	SK
frt) 	a?
frt).	WG
frt-a	TJ
frt-o	RL
frt-v	]B
frt-ê	HV
frt.	FX
frt. 	KS
frt@	LR
frta	WG
frtac	SK
frtag	TJ
frtal	RL
frtar	GW
frtat	VH
frtau	^A
frtax	b>
frte	DZ
frte)	GW
frtel	XF
frtem	HV
frter	B]
frtes	A^
frteu	UI
frtex	GW
frtf	YE
frtg	TJ
frth	QM
frthi	RL
frti	VH
frti 	WG
frtic	HV
frtie	SK
frtig	EY
frtil	UI
frtim	JT
frtin	TJ
frtir	UI
frtis	]B
frtit	YE
frtiè	YE
frtié	C[
frto,	EY
frto.	UI
frtob	MQ
frtoi	MQ
frtom	C[
frton	YE
frtor	RL
frtos	EY
frtr	WG
frtre	TJ
frtro	JT
frtru	TJ
frtré	TJ
frts	JT
frts 	MQ
frts,	WG
frtt	TJ
frttr	QM
frtu 	LR
frtud	QM
frtue	KS
frtui	]B
frtur	JT
frtv	XF
frtva	XF
frté	IU
frté 	MQ
frté,	XF
frtée	JT
frtél	GW
frtéo	LR
frtô	FX
frtôt	FX
fru 	LR
fru 0	QM
fru :	LR
fru a	?a
fru b	RL
fru c	LR
fru d	KS
fru e	HV
fru f	VH
fru g	HV
fru j	GW
fru l	HV
fru m	XF
fru n	GW
fru p	SK
fru r	SK
fru s	RL
fru t	HV
fru v	DZ
fru à	RL
fru'e	EY
fru'i	RL
fru'o	MQ
fru-	RL
fru-d	VH
fru.	RL
fru. 	RL
fru@	ZD
frua	ZD
fruat	XF
frub	ZD
frub 	ZD
frube	UI
frubr	TJ
frubv	HV
fruc	RL
fruch	RL
fruci	LR
fruco	IU
fruct	XF
frucu	A^
frud	JT
frudg	KS
frudi	XF
frudr	EY
frue	MQ
frue 	IU
frue)	TJ
frue.	MQ
fruel	JT
fruen	C[
fruer	LR
frues	JT
fruet	WG
fruff	SK
frug	UI
fruge	LR
fruh	GW
fruha	GW
frui	KS
frui 	KS
fruil	TJ
fruin	MQ
fruiv	C[
fruj	EY
fruje	@_
frul 	YE
frula	GW
frule	IU
frum 	KS
frum.	HV
frume	UI
frumi	ZD
frumé	IU
frun	HV
frun 	IU
frun-	UI
frun.	TJ
frund	KS
frune	JT
fruni	QM
fruo	RL
fruon	UI
frup	YE
frup 	IU
frupe	[C
frur	IU
frur 	GW
frur,	?a
frur-	WG
frur@	WG
frura	[C
frure	JT
frurg	b>
fruri	SK
fruro	RL
frurr	YE
frurs	SK
frurt	C[
frus	RL
frus 	ZD
frus-	HV
fruse	RL
frusi	GW
frusq	IU
fruss	WG
frust	DZ
frut	LR
frut 	FX
frut,	TJ
frut-	FX
frut.	C[
fruti	RL
fruto	UI
frutr	HV
frutô	LR
fruv	MQ
fruve	IU
fruvo	RL
fruvr	QM
frux	QM
frux 	QM
frux)	TJ
frux,	TJ
frux.	IU
fruy	]B
fruz	WG
frué	WG
fruéb	SK
fru’	HV
fru’à	LR
frva	VH
frva 	VH
frvag	JT
frval	SK
frvan	TJ
frvas	@_
frvat	QM
frve	MQ
frve 	EY
frvea	KS
frvei	UI
frvel	IU
frvem	VH
frven	a?
frver	JT
frves	QM
frveu	DZ
frvez	]B
frvi	XF
frvid	VH
frvie	WG
frvig	VH
frvil	MQ
frvin	VH
frvis	DZ
frvit	SK
frviè	MQ
frvo	JT
frvoi	GW
frvol	RL
frvon	XF
frvot	IU
frvoy	WG
frvp 	DZ
frvr	VH
frvra	HV
frvre	WG
frvri	QM
frvé	LR
frvé 	KS
frvée	ZD
frvér	FX
frwe	KS
frx 	JT
frx 0	GW
frx a	RL
frx c	QM
frx d	LR
frx f	QM
frx p	LR
frx à	MQ
frx)	TJ
frx-	VH
frx.	IU
frx. 	IU
frxa	VH
frxam	WG
frxc	MQ
frxcu	JT
frxe	^A
frxi	LR
frxis	XF
frxp	LR
frxpl	LR
frxt	A^
frxte	GW
frxtr	FX
fry 	b>
fry a	UI
fry v	VH
fry.	LR
fry. 	HV
fry.e	YE
frya	SK
frye	YE
fryen	XF
fryer	JT
fryeu	QM
fryo	VH
fryon	UI
frys	LR
fryè	LR
fryèr	LR
frz 	KS
frz c	IU
frz d	MQ
frz l	IU
frz m	MQ
frz p	HV
frz r	YE
frz v	ZD
frz-	[C
frz-v	]B
frz0	SK
frza	SK
frza 	SK
frzai	SK
frze	SK
frze 	SK
frzo	XF
fr| 	MQ
fr| 0	MQ
fr| e	EY
fr| l	_@
fr| m	WG
fr| v	h8
fr| |	KS
fr« 	EY
fr« c	RL
fr« d	C[
fr« l	JT
fr« p	LR
fr« s	JT
fr° 	LR
fr° 0	KS
fr» 	A^
fr» (	LR
fr»,	EY
fr», 	EY
fr».	DZ
fr». 	DZ
frà 0	VH
frà a	LR
frà b	MQ
frà c	LR
frà d	YE
frà e	QM
frà f	GW
frà j	IU
frà l	QM
frà m	LR
frà n	MQ
frà p	ZD
frà q	JT
frà t	KS
frà u	EY
frà v	HV
frà-d	GW
frâl	JT
frâle	JT
frça	LR
frça 	C[
frçai	WG
frèc	[C
frèce	ZD
frèg	MQ
frège	YE
frèl	WG
frèle	WG
frèm	LR
frème	LR
frèn	QM
frène	QM
frèq	UI
frèqu	UI
frès-	UI
frèt	[C
frètr	XF
fré 	VH
fré 0	_@
fré a	XF
fré c	LR
fré e	UI
fré l	YE
fré m	EY
fré n	RL
fré o	QM
fré p	LR
fré s	IU
fré v	KS
fré à	QM
fré,	JT
fré, 	JT
fré.	KS
fré. 	KS
fréa	C[
fréal	GW
fréb	UI
frébe	WG
fréc	LR
fréch	HV
frécl	RL
fréco	MQ
frécr	GW
frécu	SK
fréd	UI
frée	JT
frée 	WG
frée,	EY
frée.	MQ
frées	GW
fréf	KS
frég	c=
fréga	SK
frégi	]B
frégl	TJ
frél	KS
frél 	KS
frél.	GW
frém	FX
fréma	LR
frémi	HV
frémo	XF
frémé	JT
fréna	JT
fréno	LR
fréné	RL
fréo	KS
fréo 	LR
frép	XF
frépa	d<
frépl	FX
frépo	DZ
frépô	RL
fréq	MQ
fréqu	MQ
frér	DZ
frére	MQ
fréri	HV
fréro	DZ
frés 	LR
frés,	TJ
frése	HV
frési	QM
fréso	MQ
frét	QM
fréti	UI
fréto	[C
frété	LR
fréu	JT
fréun	JT
fréve	SK
frévi	EY
frêc	HV
frêch	HV
frêm	SK
frême	SK
frên	TJ
frêne	TJ
frêt	LR
frêt 	ZD
frêtr	EY
frël	YE
frël 	[C
frîn	SK
frîne	XF
frît 	FX
frîte	SK
frïc	GW
frô 	EY
frôt	LR
frôt 	MQ
frù 	MQ
frù i	UI
frù l	JT
frût 	a?
frût,	TJ
frût.	TJ
fr– 	IU
fr— 	IU
fr’a	SK
fr’a 	VH
fr’ac	QM
fr’ai	JT
fr’ap	QM
fr’as	FX
fr’at	[C
fr’au	GW
fr’av	YE
fr’en	LR
fr’es	SK
fr’o	SK
fr’à	LR
fr’à 	LR
fr’é	IU
fr’éc	LR
fr€ 	QM
fr€ l	YE
fr€ p	_@
fr€ |	KS
fr€)	LR
fr€) 	LR
fr€,	WG
fr€, 	WG
fr€.	[C
fr€. 	[C
fr€/	XF`,
};
