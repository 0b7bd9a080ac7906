import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.02197,
  bias: [-0.5903,0.5903],
  weights: `de %	TJ
de % 	TJ
de &	SK
de & 	SK
de (	LR
de (0	QM
de (a	JT
de (b	FX
de (f	UI
de (i	XF
de (j	HV
de (k	JT
de (l	IU
de (m	QM
de (n	WG
de (s	GW
de (v	RL
de (z	QM
de +	GW
de + 	KS
de +0	JT
de -0	_@
de ->	LR
de /	EY
de / 	IU
de 0	WG
de 0 	SK
de 0,	XF
de 0-	RL
de 0.	A^
de 00	[C
de 0:	KS
de 0–	WG
de a 	SK
de a.	LR
de ac	[C
de ah	LR
de ak	QM
de al	KS
de am	VH
de an	IU
de ap	WG
de ar	XF
de as	SK
de at	LR
de au	SK
de ba	VH
de be	IU
de bi	KS
de bl	KS
de bo	XF
de br	LR
de bu	IU
de bä	EY
de bö	VH
de bü	XF
de c	KS
de ca	QM
de ce	[C
de cm	SK
de co	EY
de d	RL
de da	HV
de de	JT
de do	VH
de dr	XF
de du	EY
de dü	LR
de e.	RL
de ec	HV
de eh	UI
de ei	SK
de el	a?
de en	B]
de er	JT
de es	VH
de et	HV
de ex	TJ
de f	JT
de fe	UI
de fi	JT
de fl	TJ
de fn	QM
de fr	FX
de fu	LR
de fä	QM
de fö	DZ
de g	MQ
de ga	LR
de ge	JT
de gi	XF
de gl	VH
de go	YE
de gr	B]
de gu	B]
de gä	GW
de gü	TJ
de h	UI
de h.	A^
de he	KS
de hi	RL
de ho	XF
de hr	SK
de hu	YE
de hä	TJ
de hü	DZ
de i	SK
de i.	JT
de id	FX
de if	RL
de ih	FX
de im	RL
de in	RL
de it	C[
de j	RL
de ja	JT
de je	UI
de jö	UI
de k	SK
de ke	B]
de kg	UI
de ki	WG
de kn	RL
de ko	WG
de kr	SK
de ku	DZ
de kw	TJ
de kä	MQ
de kö	FX
de kü	MQ
de la	ZD
de le	JT
de lg	KS
de li	@_
de lo	GW
de lu	[C
de lä	TJ
de m	MQ
de mb	JT
de me	QM
de mi	GW
de mm	RL
de mo	XF
de mu	JT
de mw	UI
de mä	RL
de mö	JT
de n	KS
de na	MQ
de ne	HV
de ni	JT
de no	JT
de nr	YE
de nu	HV
de nö	XF
de o	MQ
de ob	DZ
de oh	UI
de ok	LR
de ol	WG
de om	RL
de on	A^
de op	QM
de or	LR
de os	KS
de ot	LR
de p	EY
de pa	FX
de pd	GW
de pe	JT
de pf	XF
de pi	JT
de pl	XF
de po	YE
de pr	EY
de pu	TJ
de q	]B
de qu	]B
de r	MQ
de ra	LR
de re	FX
de ri	^A
de ro	JT
de ru	TJ
de rä	^A
de s	LR
de s'	KS
de sa	TJ
de se	LR
de sh	IU
de si	MQ
de so	IU
de sp	WG
de st	JT
de su	>b
de ta	[C
de te	JT
de th	DZ
de to	MQ
de tr	XF
de ts	LR
de tu	UI
de tä	TJ
de tü	RL
de u	UI
de u.	JT
de uh	XF
de ui	TJ
de ul	UI
de um	QM
de un	SK
de us	RL
de v	KS
de v.	SK
de va	UI
de ve	LR
de vi	IU
de vo	KS
de w	LR
de wa	UI
de we	MQ
de wi	QM
de wo	RL
de wu	HV
de wü	@_
de x	FX
de xa	FX
de y	SK
de yo	RL
de yı	VH
de za	MQ
de ze	KS
de zu	QM
de zw	WG
de |	QM
de | 	QM
de ·	EY
de · 	EY
de ä	TJ
de äl	]B
de är	GW
de ö	TJ
de öf	MQ
de öl	[C
de ü	LR
de üb	LR
de –	KS
de – 	KS
de „	FX
de „d	SK
de „e	JT
de „g	IU
de „h	HV
de „m	LR
de „n	QM
de „p	HV
de „s	LR
de „w	IU
de €	WG
de € 	WG
de €)	RL
de €,	TJ
de €.	TJ
de! 	FX
de! |	RL
de!!	KS
de!! 	KS
de!)	RL
de% 	TJ
de% m	TJ
de% u	[C
de& 	SK
de& c	LR
de& s	UI
de'l	DZ
de'll	DZ
de's	ZD
de's 	ZD
de(0	QM
de(0 	YE
de(0.	HV
de(00	SK
de(a	JT
de(ab	RL
de(au	LR
de(b	FX
de(f	UI
de(fr	SK
de(i	XF
de(in	XF
de(j	HV
de(ju	JT
de(k	JT
de(ka	IU
de(l	IU
de(m	QM
de(n	WG
de(nu	WG
de(s	GW
de(v	RL
de(vo	JT
de(z	QM
de) 	FX
de) u	RL
de) |	HV
de),	TJ
de), 	TJ
de).	MQ
de). 	MQ
de+ 	KS
de+0	JT
de+00	JT
de, 0	]B
de, a	MQ
de, b	TJ
de, c	HV
de, d	HV
de, e	HV
de, f	WG
de, j	TJ
de, l	QM
de, m	QM
de, n	MQ
de, o	WG
de, p	FX
de, r	QM
de, s	SK
de, t	JT
de, u	_@
de, v	HV
de, w	JT
de, x	IU
de, z	ZD
de, ü	VH
de, „	LR
de,0	FX
de,0 	SK
de,00	FX
de- 	QM
de-,	UI
de-, 	UI
de-0	VH
de-00	TJ
de->	LR
de-> 	LR
de-a	VH
de-al	ZD
de-b	JT
de-br	HV
de-d	QM
de-f	TJ
de-fe	ZD
de-fr	SK
de-h	ZD
de-hi	ZD
de-i	WG
de-in	[C
de-k	VH
de-l	ZD
de-la	ZD
de-m	TJ
de-n	QM
de-o	VH
de-r	KS
de-s	DZ
de-se	GW
de-t	RL
de-u	VH
de-up	QM
de-w	B]
de-we	EY
de. 	UI
de. 0	c=
de. a	LR
de. b	IU
de. d	UI
de. f	FX
de. j	VH
de. m	MQ
de. n	GW
de. o	JT
de. r	RL
de. s	KS
de. t	C[
de. u	GW
de. v	JT
de. w	B]
de. z	ZD
de.)	QM
de.) 	KS
de.),	WG
de.,	JT
de., 	JT
de.-	VH
de.-i	VH
de.0	KS
de.;	TJ
de.; 	TJ
de.e	SK
de.ex	SK
de.s	FX
de.–	e;
de.– 	_@
de.–/	SK
de.–0	RL
de.–d	TJ
de.“	JT
de.“ 	JT
de/ 	EY
de/m	SK
de/m²	SK
de/n	DZ
de0 	XF
de0 %	TJ
de0 0	TJ
de0 a	IU
de0 b	XF
de0 c	SK
de0 d	TJ
de0 e	UI
de0 f	RL
de0 g	UI
de0 h	a?
de0 i	HV
de0 j	KS
de0 k	TJ
de0 l	YE
de0 m	[C
de0 n	IU
de0 o	TJ
de0 p	b>
de0 t	MQ
de0 u	XF
de0 v	FX
de0 |	JT
de0 ·	EY
de0 €	WG
de0)	HV
de0) 	HV
de0),	QM
de0, 	XF
de0,0	FX
de0-0	RL
de0.	QM
de0. 	SK
de0.,	MQ
de0.0	KS
de0.–	d<
de00	^A
de00 	XF
de00)	HV
de00,	KS
de00-	QM
de00.	k5
de000	ZD
de00:	HV
de0:	C[
de0: 	KS
de0:0	DZ
de0–	RL
de0–0	RL
de: e	UI
de: g	LR
de: i	FX
de: k	WG
de: m	VH
de: r	KS
de: s	RL
de: t	VH
de: w	SK
de: z	[C
de: „	FX
de:0	DZ
de:00	HV
de; 	LR
de; 0	MQ
de; b	LR
de; d	KS
de; f	HV
de; s	SK
de> 	LR
de? 	3m
de@b	RL
de@be	QM
de@bo	SK
de@e	SK
de@el	SK
de@h	XF
de@k	YE
de@m	UI
de@o	RL
de@p	HV
de@r	XF
de@s	TJ
dea (	KS
dea 0	XF
dea a	SK
dea b	C[
dea e	IU
dea f	YE
dea g	KS
dea h	SK
dea k	ZD
dea l	HV
dea m	ZD
dea p	MQ
dea r	VH
dea v	FX
dea w	RL
dea.	QM
dea. 	QM
deaa	RL
deaal	YE
deaar	TJ
deaat	KS
deab	TJ
deab 	ZD
deaba	GW
deabg	JT
deabi	YE
deabm	SK
deabo	LR
deabr	TJ
deabs	KS
deac	SK
deach	SK
deack	MQ
dead 	GW
deade	RL
deadr	HV
deae	VH
deaf	MQ
deafe	EY
deaff	LR
deafn	WG
deaft	RL
deafü	IU
deag 	LR
deag)	SK
deag.	SK
deagd	KS
deagi	QM
deags	WG
deagt	HV
deahi	LR
deahm	LR
deaht	RL
deai	MQ
deail	MQ
deain	RL
deak	IU
deake	LR
deakt	GW
deal 	RL
deal,	RL
dealb	MQ
deald	YE
deale	LR
dealf	[C
deali	TJ
dealk	MQ
deall	JT
dealo	KS
dealp	SK
deals	DZ
dealt	QM
deam	RL
deam 	SK
deame	=c
deamm	LR
deamp	RL
deams	TJ
deamt	VH
dean 	RL
dean,	WG
dean.	KS
deana	SK
deanb	EY
deand	LR
deane	RL
deanf	RL
deang	ZD
deanh	EY
deani	XF
deank	C[
deanl	MQ
deann	TJ
deanp	VH
deant	MQ
deanu	MQ
deanw	C[
deanz	LR
deap	TJ
deape	ZD
deapp	EY
deapr	XF
dear 	MQ
dear,	FX
dear.	FX
deara	d<
dearb	HV
dearc	LR
deard	KS
deare	XF
dearf	UI
dearg	WG
deari	^A
deark	KS
dearl	^A
dearr	TJ
dears	EY
deart	SK
dearu	QM
dearz	:f
dearü	EY
deas	IU
deas 	GW
deas,	FX
deas.	MQ
deas?	KS
deasc	LR
dease	SK
deasm	RL
deass	RL
deast	MQ
deat	KS
deat 	EY
deat,	a?
deat.	GW
deata	RL
deate	SK
deatf	FX
death	HV
deati	QM
deatm	RL
deato	MQ
deats	MQ
deatt	RL
deatu	WG
deatz	RL
deatü	RL
deau	YE
deau 	KS
deau,	MQ
deau-	SK
deau.	LR
deaub	RL
deauc	]B
deaud	HV
deaue	XF
deauf	RL
deauh	QM
deaul	TJ
deaum	YE
deaun	FX
deaup	HV
deaur	TJ
deaus	TJ
deaut	VH
deauw	b>
deauß	LR
deave	FX
deavo	TJ
deax	JT
deax 	XF
deay	TJ
deaz	QM
deaß	TJ
deaß 	UI
deaße	WG
deb 	KS
deb 0	XF
deb a	_@
deb d	EY
deb e	@_
deb f	XF
deb g	JT
deb n	JT
deb o	EY
deb s	LR
deb u	MQ
deb w	EY
deb z	[C
deb |	VH
deb,	KS
deb, 	KS
deb.	DZ
deb. 	GW
deba	VH
debah	XF
debal	C[
deban	EY
debar	MQ
debat	HV
debau	b>
debb	VH
debd	GW
debe	QM
debe 	GW
debe,	MQ
debe.	QM
debea	b>
debeb	RL
debed	WG
debee	_@
debeg	TJ
debeh	QM
debei	SK
debek	RL
debel	QM
deben	MQ
deber	IU
debes	KS
debev	YE
debew	KS
debez	C[
debf	RL
debfr	RL
debg	JT
debge	C[
debh	MQ
debh,	YE
debia	EY
debie	SK
debil	@_
debin	YE
debio	XF
debis	_@
debit	DZ
debk	JT
debke	JT
debl	JT
debla	EY
deble	MQ
debli	KS
deblo	UI
debm	QM
debma	LR
debn	LR
debni	LR
deboc	TJ
debod	KS
debog	RL
deboo	RL
debot	FX
debou	LR
debr	RL
debra	LR
debre	WG
debri	WG
debru	C[
debrü	UI
debs	RL
debse	GW
debsf	TJ
debst	WG
debt	KS
debt 	RL
debt.	FX
debuc	YE
debud	IU
debue	RL
debun	QM
debur	JT
debä	EY
debän	EY
debö	XF
debög	TJ
debü	[C
debüc	YE
debür	WG
dec-	VH
deca	YE
decar	RL
dece	UI
dece 	QM
dech	SK
dech 	JT
dech)	WG
dech,	QM
dech:	MQ
dech;	C[
deche	KS
dechg	WG
dechh	QM
dechm	TJ
dechn	UI
decho	UI
dechr	FX
dechs	ZD
decht	MQ
dechu	RL
dechw	IU
dechz	RL
dechä	RL
dechö	=c
dechü	QM
deci	WG
deck	QM
deck 	UI
deck,	KS
deckb	KS
decke	QM
deckh	TJ
decki	QM
decks	GW
deckt	SK
decl	LR
decle	MQ
decm	SK
decm 	SK
deco	EY
deco.	RL
decom	GW
decoo	C[
ded 	TJ
ded 0	WG
ded a	[C
ded b	GW
ded d	SK
ded e	XF
ded g	WG
ded h	B]
ded i	SK
ded j	VH
ded k	KS
ded l	[C
ded m	XF
ded n	KS
ded o	_@
ded p	TJ
ded r	QM
ded s	MQ
ded t	MQ
ded u	UI
ded |	WG
ded,	HV
ded, 	HV
ded-	C[
ded.	RL
ded. 	XF
ded.e	UI
ded@	[C
deda	KS
deda 	MQ
deda.	[C
dedac	VH
dedaf	IU
dedag	JT
dedai	RL
dedal	XF
dedam	TJ
dedan	JT
dedar	RL
dedas	FX
dedat	DZ
dedau	IU
dedav	TJ
dedb	ZD
dedbe	a?
dedd	ZD
dede 	KS
dede)	HV
dede,	UI
dede.	IU
dede0	YE
dedea	DZ
dedec	VH
dedei	YE
dedel	WG
dedem	MQ
deden	RL
deder	LR
dedes	JT
dedet	YE
dedeu	A^
dedez	UI
dedf	GW
dedfa	RL
dedg	GW
dedga	MQ
dedge	IU
dedh	GW
dedi	LR
dedi 	IU
dedi,	RL
dedic	RL
dedig	MQ
dedik	C[
dedin	FX
dedip	TJ
dedis	?a
dedk	QM
dedl 	WG
dedli	GW
dedm	RL
dedme	RL
dedn	HV
dedne	IU
dednr	TJ
dednu	EY
dedo	UI
dedo 	XF
dedo,	RL
dedo.	TJ
dedok	MQ
dedon	RL
dedow	DZ
dedr	SK
dedr.	UI
dedre	ZD
dedri	GW
dedru	HV
dedrü	UI
deds	JT
deds 	TJ
dedsa	JT
dedsc	UI
dedss	GW
dedt 	RL
dedu	DZ
dedu 	GW
dedun	HV
dedur	QM
dedv	UI
dedve	TJ
dedw	TJ
dedwa	KS
dedwe	WG
dedwi	RL
dedy	JT
dedü	LR
dedür	LR
dedı	YE
dedız	VH
dee &	UI
dee (	LR
dee 0	TJ
dee a	LR
dee b	QM
dee c	JT
dee d	JT
dee f	FX
dee g	LR
dee h	SK
dee i	DZ
dee j	C[
dee k	EY
dee l	HV
dee m	JT
dee o	KS
dee p	MQ
dee r	SK
dee s	KS
dee v	KS
dee w	QM
dee z	KS
dee |	SK
dee ö	TJ
dee ü	FX
dee „	IU
dee!	IU
dee'	UI
dee)	KS
dee) 	MQ
dee),	JT
dee,	SK
dee, 	SK
dee-	QM
dee.	QM
dee. 	SK
dee.e	UI
dee.“	KS
dee0	YE
dee00	YE
dee?	C[
dee? 	C[
deea	MQ
deean	GW
deear	HV
deeas	IU
deeat	a?
deeb	JT
deeba	^A
deebi	QM
deebk	JT
deebn	DZ
deebo	DZ
deebr	VH
deebs	WG
deebu	IU
deec	SK
deech	QM
deeck	XF
deed	TJ
deed 	TJ
deed@	UI
deeda	WG
deede	LR
deedg	ZD
deeds	KS
deee	RL
deee 	a?
deeeh	EY
deeep	LR
deeer	YE
deeet	UI
deef 	VH
deefa	XF
deeff	MQ
deefl	XF
deefo	QM
deefr	B]
deeft	UI
deefä	GW
deefü	LR
deeg	QM
deeg 	YE
deeg,	C[
deeg.	IU
deege	SK
deegi	IU
deegl	MQ
deego	[C
deegr	a?
deegt	MQ
deegu	LR
deeh	RL
deeha	_@
deehe	LR
deehl	QM
deehm	ZD
deehr	WG
deeht	JT
deehö	RL
deei 	]B
deei,	WG
deei-	[C
deei.	RL
deei@	SK
deeib	GW
deeic	KS
deeid	TJ
deeie	HV
deeif	SK
deeig	UI
deeih	XF
deeik	HV
deeil	WG
deein	KS
deeiw	TJ
deeiß	IU
deek	QM
deek 	QM
deekl	MQ
deekt	LR
deel	TJ
deel 	HV
deel,	RL
deel.	TJ
deela	DZ
deelc	GW
deele	RL
deelg	JT
deelh	LR
deeli	e;
deell	IU
deelm	YE
deeln	QM
deels	RL
deelt	SK
deelw	[C
deelö	WG
deem	RL
deem 	LR
deema	RL
deemb	RL
deeme	VH
deemi	WG
deemü	GW
deen!	IU
deen-	SK
deen.	KS
deen:	SK
deen;	KS
deen?	DZ
deen@	SK
deena	IU
deenb	UI
deend	GW
deene	UI
deeng	SK
deenh	QM
deeni	HV
deenk	]B
deenl	SK
deenm	TJ
deenn	GW
deeno	KS
deenr	ZD
deens	[C
deent	DZ
deenw	UI
deenz	RL
deeo	RL
deeon	RL
deeor	MQ
deep	TJ
deepa	VH
deepe	]B
deepl	JT
deepp	TJ
deer	QM
deer 	QM
deer)	KS
deer,	QM
deer-	TJ
deer.	HV
deer:	JT
deer;	QM
deerb	RL
deerd	JT
deere	a?
deerf	IU
deerg	FX
deerh	GW
deeri	QM
deerk	WG
deerl	B]
deern	DZ
deero	VH
deerp	TJ
deerr	B]
deers	HV
deert	QM
deeru	XF
deerv	LR
deerw	YE
deerz	MQ
deerä	XF
deerö	LR
deer“	EY
dees	KS
dees 	MQ
dees,	SK
dees.	DZ
deesa	?a
deesc	UI
deese	QM
deesh	DZ
deesi	RL
deesk	MQ
deesp	HV
deess	LR
deest	HV
deesu	KS
deet	JT
deet 	QM
deet.	JT
deeta	ZD
deetb	TJ
deete	RL
deetr	MQ
deets	JT
deett	LR
deetw	JT
deetz	DZ
deeu	GW
deeu 	IU
deeub	WG
deeud	JT
deeue	IU
deeug	SK
deeun	WG
deeur	MQ
deeut	MQ
deev	IU
deevo	YE
deew	MQ
deew 	LR
deewi	MQ
deex	RL
deexa	SK
deexp	RL
deez	[C
deeze	_@
deezi	MQ
deeß	VH
deeße	UI
deeö	[C
deeöf	[C
dee“	FX
dee“ 	IU
def 	IU
def (	JT
def 0	KS
def d	A^
def e	JT
def g	TJ
def h	TJ
def i	C[
def k	JT
def l	YE
def m	TJ
def n	QM
def r	DZ
def t	TJ
def u	XF
def w	RL
def z	XF
def)	C[
def-	WG
def- 	SK
def.	LR
def. 	LR
defac	SK
defal	MQ
defan	WG
defar	;e
defas	TJ
defax	XF
defe 	ZD
defeb	QM
defeh	JT
defei	LR
defen	LR
defer	QM
defes	KS
defeu	TJ
deff	LR
deff 	IU
deff,	ZD
deffe	GW
defg	IU
defge	RL
defi	>b
defia	GW
defik	MQ
defil	LR
defin	KS
defk	KS
defl	d<
defla	QM
defle	YE
defli	UI
deflü	QM
defm	LR
defma	TJ
defn 	QM
defna	MQ
defne	[C
defnu	HV
defo	MQ
defo@	UI
defol	JT
defon	QM
defor	MQ
defot	LR
defr 	RL
defr.	MQ
defra	EY
defre	RL
defri	RL
defro	XF
defru	LR
defrü	FX
defs	^A
defst	UI
deft	LR
deft 	RL
deft,	JT
deft.	VH
defte	HV
deftl	IU
deftr	MQ
defu	MQ
defw	YE
defwa	YE
defä	MQ
defäh	HV
defäl	HV
defän	VH
defär	[C
defö	DZ
deför	DZ
defüh	SK
defül	B]
deg 	VH
deg &	EY
deg (	VH
deg b	LR
deg d	QM
deg f	SK
deg g	EY
deg h	FX
deg j	VH
deg k	VH
deg m	LR
deg o	IU
deg p	YE
deg r	WG
deg s	UI
deg t	HV
deg u	WG
deg v	KS
deg z	MQ
deg |	KS
deg „	RL
deg)	LR
deg) 	SK
deg-	RL
deg.	RL
deg. 	RL
deg@	WG
dega	MQ
degab	>b
degal	FX
degar	WG
degas	QM
degb	SK
degbr	VH
degd	KS
dege	UI
dege 	UI
dege.	IU
degea	RL
degee	EY
degef	TJ
degeg	SK
degeh	RL
degel	FX
degem	XF
degen	WG
degeo	MQ
deger	SK
deges	JT
deget	MQ
degew	SK
degez	TJ
degeö	[C
degf	LR
degfa	LR
degg	KS
degg,	RL
degh	TJ
degi	RL
degib	VH
degin	HV
degl	VH
degla	JT
degle	SK
degli	RL
deglo	TJ
deglä	XF
degm	QM
degmb	UI
degn	MQ
dego	RL
dego 	GW
degol	RL
degor	WG
degos	TJ
degr	GW
degra	GW
degri	KS
degrü	JT
degs 	RL
degs,	KS
degs.	WG
degsa	WG
degse	SK
degsp	KS
degst	B]
degsz	HV
degt	LR
degt 	SK
degt,	IU
degt.	KS
degt:	LR
degu	B]
degun	EY
degut	>b
degä	DZ
degäs	LR
degü	TJ
degül	TJ
deh 	KS
deh (	[C
deh 0	TJ
deh b	SK
deh d	SK
deh e	GW
deh f	TJ
deh i	KS
deh j	JT
deh k	RL
deh l	]B
deh m	IU
deh n	MQ
deh o	?a
deh p	RL
deh r	IU
deh t	IU
deh u	SK
deh v	XF
deh z	JT
deh |	HV
deh ü	JT
deh)	YE
deh) 	YE
deh,	QM
deh, 	QM
deh-	JT
deh.e	VH
deh:	MQ
deh: 	MQ
deh;	C[
deha	WG
dehaa	XF
dehab	WG
dehad	DZ
dehan	UI
dehar	QM
dehat	FX
dehau	WG
dehav	MQ
dehba	FX
dehbo	MQ
dehd	UI
dehde	UI
dehe	JT
dehe 	MQ
dehe,	QM
dehee	[C
dehef	JT
dehei	UI
dehel	JT
dehem	HV
dehen	DZ
deher	JT
dehes	RL
deheu	WG
dehfa	VH
dehfo	KS
dehg	WG
dehga	SK
dehh	QM
dehhe	KS
dehie	IU
dehig	RL
dehin	VH
dehiv	LR
dehj	FX
dehja	FX
dehl	TJ
dehl 	QM
dehl.	MQ
dehle	]B
dehli	MQ
dehlo	UI
dehlt	IU
dehlu	JT
dehlä	QM
dehm	VH
dehm 	QM
dehm,	UI
dehme	RL
dehmi	^A
dehn	UI
dehn 	SK
dehn,	KS
dehna	KS
dehnd	YE
dehne	XF
dehni	SK
deho	TJ
dehoc	WG
dehol	XF
dehom	EY
dehon	RL
dehop	B]
dehor	YE
dehos	FX
dehpl	XF
dehr	MQ
dehr 	JT
dehr,	MQ
dehr.	UI
dehr?	IU
dehra	ZD
dehrb	YE
dehre	LR
dehrg	JT
dehri	KS
dehrj	TJ
dehrl	SK
dehrr	TJ
dehrt	KS
dehru	SK
dehs	WG
dehs 	XF
dehse	SK
dehst	UI
deht	MQ
deht,	IU
deht:	HV
deht?	JT
dehtb	KS
dehte	KS
dehti	HV
dehts	MQ
dehtu	FX
dehtz	WG
dehu	YE
dehun	^A
dehur	MQ
dehus	UI
dehw	IU
dehwa	FX
dehwe	TJ
dehz	RL
dehze	RL
dehä	RL
dehäd	EY
dehäf	SK
dehäl	[C
dehän	KS
dehät	A^
dehäu	DZ
dehö	LR
dehöf	SK
dehön	=c
dehör	MQ
dehü	MQ
dehüb	DZ
dehür	TJ
dehüs	FX
dei 	VH
dei (	SK
dei a	ZD
dei d	HV
dei e	ZD
dei f	SK
dei g	SK
dei h	_@
dei i	MQ
dei l	TJ
dei m	QM
dei n	QM
dei o	RL
dei s	TJ
dei t	LR
dei u	b>
dei w	SK
dei z	YE
dei-	SK
dei.	LR
dei. 	LR
dei;	RL
dei; 	RL
dei@	UI
deia	JT
deian	WG
deiat	FX
deib 	IU
deibe	LR
deic	HV
deice	QM
deich	JT
deick	LR
deid	UI
deid 	SK
deide	VH
deidn	TJ
deidu	JT
deie 	HV
deie,	GW
deie?	EY
deied	MQ
deief	LR
deieg	FX
deieh	QM
deiel	EY
deiem	YE
deien	YE
deier	[C
deies	VH
deieß	VH
deif	LR
deife	UI
deiff	LR
deift	EY
deig	RL
deig 	]B
deig,	GW
deig.	ZD
deige	LR
deign	LR
deigs	LR
deigt	VH
deigu	FX
deih	RL
deihe	XF
deihr	>b
deihu	VH
deik	WG
deik 	VH
deik,	UI
deike	LR
deikt	C[
deil	JT
deil 	QM
deil?	FX
deila	MQ
deilb	LR
deilc	RL
deild	@_
deile	_@
deili	LR
deilk	SK
deilo	QM
deils	RL
deilt	DZ
deilv	KS
deim	QM
deim 	RL
deimk	ZD
deimm	IU
deimp	KS
dein 	HV
dein)	JT
dein.	QM
deina	WG
deinb	MQ
deind	WG
deine	FX
deinf	JT
deing	RL
deinh	RL
deini	LR
deink	XF
deinl	DZ
deinm	DZ
deinn	MQ
deino	IU
deins	TJ
deint	KS
deinu	LR
deinv	GW
deinw	[C
deinz	RL
deio	UI
deios	TJ
deip	MQ
deipl	TJ
deipp	@_
deir	ZD
deir 	XF
deir,	TJ
deir.	YE
deira	GW
deirb	LR
deird	RL
deire	QM
deirg	?a
deirk	QM
deirn	VH
deirt	UI
deis	UI
deis 	XF
deis,	ZD
deisc	LR
deise	EY
deisi	WG
deisl	JT
deiso	XF
deiss	IU
deist	UI
deit	QM
deit 	IU
deit.	XF
deita	YE
deitb	QM
deite	@_
deitg	RL
deith	RL
deitm	TJ
deitr	IU
deits	KS
deitu	QM
deitz	SK
deitä	VH
deiu	MQ
deiv	IU
deiv 	LR
deiva	@_
deive	SK
deiw	TJ
deiwe	SK
deiwi	SK
deix 	FX
deix,	XF
deiz	MQ
deize	JT
deizi	XF
deiß	IU
deiß 	GW
deiß,	FX
deiß.	DZ
deißi	RL
deißt	VH
dei–	RL
deja	HV
deja 	A^
deja,	DZ
dejac	LR
dejah	QM
deje	RL
dejed	[C
dejes	JT
dejet	FX
dejew	SK
dejo	MQ
deju	MQ
dejug	TJ
dejul	MQ
dejun	FX
dejö	UI
dejör	UI
dek 	SK
dek (	TJ
dek b	XF
dek f	LR
dek h	LR
dek u	SK
dek w	EY
dek |	]B
dek-	XF
dek.e	WG
dekac	WG
dekal	JT
dekam	HV
dekan	QM
dekap	WG
dekar	MQ
dekas	EY
dekat	VH
dekau	UI
dekb	IU
deke	IU
deke 	RL
deke.	>b
dekeg	]B
dekeh	RL
dekei	B]
deken	SK
deket	RL
dekg	VH
dekh	SK
dekho	UI
deki	UI
dekie	QM
dekil	QM
dekin	UI
dekio	TJ
dekis	C[
dekl.	XF
dekla	FX
dekle	YE
dekli	GW
deklä	?a
dekn	SK
dekno	GW
deko	UI
dekol	;e
dekom	TJ
dekor	SK
dekos	SK
dekr	TJ
dekre	RL
deks,	MQ
dekst	VH
dekt	RL
dekt,	QM
dekt.	FX
dekta	SK
dekte	DZ
dekti	XF
dektr	JT
dekts	]B
deku	DZ
dekuh	DZ
dekum	MQ
dekun	A^
dekur	MQ
dekw	TJ
dekw 	TJ
dekä	MQ
dekäs	MQ
dekö	HV
dekön	HV
dekü	JT
deküc	FX
dekün	IU
dekür	MQ
del 	HV
del 0	TJ
del b	SK
del d	IU
del f	QM
del g	IU
del h	GW
del i	IU
del j	EY
del k	QM
del m	GW
del p	EY
del r	B]
del t	JT
del u	JT
del v	B]
del z	SK
del |	TJ
del)	RL
del,	RL
del, 	RL
del-	VH
del.	RL
del. 	TJ
del.e	RL
del?	FX
del? 	FX
dela	JT
delac	JT
delad	TJ
delaf	EY
delag	MQ
delam	EY
delan	[C
delar	A^
delas	JT
delat	LR
delau	JT
delb	KS
delb 	LR
delba	TJ
delbe	KS
delbr	c=
delbs	TJ
delc	KS
delch	HV
deld	JT
deld 	MQ
deld.	KS
delde	DZ
deldi	GW
deldr	FX
deldı	VH
dele	UI
dele 	VH
dele,	[C
dele.	XF
delea	JT
delec	FX
deled	DZ
delef	SK
delei	TJ
delek	JT
delen	RL
deler	VH
deles	MQ
delet	IU
delf	JT
delf 	LR
delf,	QM
delfe	JT
delft	WG
delg	JT
delg 	KS
delge	MQ
delgr	JT
delgt	GW
delho	MQ
deli	MQ
deli 	TJ
deli,	QM
delic	KS
delie	RL
delig	YE
delil	B]
delin	JT
delis	GW
delk	ZD
delk 	MQ
delke	VH
delko	ZD
dell	LR
dell 	C[
dell,	QM
dell.	GW
dellb	MQ
delle	RL
delli	QM
dellk	ZD
dellm	[C
dello	JT
dellt	EY
dellw	JT
delm	SK
delm,	JT
delmt	YE
deln	RL
deln 	VH
deln,	ZD
delne	MQ
delni	DZ
delo	XF
delo 	JT
deloa	GW
deloc	TJ
delof	LR
delog	LR
deloh	LR
delom	WG
delor	SK
delos	ZD
deloß	UI
delp	RL
delpf	[C
delr	b>
delri	YE
dels	JT
dels 	HV
delsc	a?
delse	RL
delso	LR
delt	UI
delt 	RL
delt,	UI
delt.	JT
delte	LR
delti	ZD
delu	MQ
delue	SK
delun	QM
delus	RL
delv	LR
delve	KS
delw	MQ
delwa	KS
dely	UI
delz	^A
delz 	^A
delz,	KS
delä	MQ
deläd	SK
delän	KS
delär	@_
deläs	XF
delät	JT
deläu	SK
delö	WG
delöf	WG
delös	ZD
delüg	IU
dem 	LR
dem (	IU
dem 0	YE
dem a	?a
dem b	IU
dem d	SK
dem e	JT
dem f	XF
dem g	KS
dem h	GW
dem j	YE
dem k	SK
dem l	VH
dem m	HV
dem n	DZ
dem o	XF
dem p	[C
dem r	RL
dem s	JT
dem t	IU
dem u	LR
dem v	EY
dem w	LR
dem z	C[
dem |	ZD
dem „	RL
dem,	LR
dem, 	LR
dem-	QM
dem.	IU
dem. 	HV
dema	RL
demac	QM
demag	XF
demah	XF
demai	HV
demal	YE
demar	RL
demas	VH
demat	TJ
demau	LR
demb	VH
demba	UI
dembe	SK
dembh	UI
deme	RL
deme 	SK
deme,	SK
deme.	UI
demec	YE
demed	TJ
demeh	TJ
demei	KS
demen	QM
demer	MQ
demet	b>
demf	QM
demi 	VH
demic	@_
demie	]B
demil	QM
demir	GW
demk	QM
demkr	TJ
deml	KS
demlu	MQ
demm	KS
demm 	SK
demma	EY
demml	MQ
demmt	LR
demmu	JT
demo	YE
demo 	VH
demo,	RL
demo-	]B
demo.	TJ
demod	GW
demoi	LR
demol	KS
demon	WG
demoo	RL
demor	UI
demo–	XF
demp 	SK
dempe	WG
dempf	HV
dempl	QM
dempr	HV
dems	WG
dems 	IU
demsc	UI
demst	SK
demt 	RL
demt,	FX
demt.	GW
demta	YE
demts	UI
demu	FX
demul	GW
demun	JT
demut	LR
demw	UI
demws	UI
dem²	SK
dem² 	SK
demä	QM
demö	JT
demöc	QM
demüh	QM
den 0	SK
den a	IU
den b	IU
den c	HV
den d	RL
den e	QM
den f	IU
den g	IU
den h	ZD
den j	QM
den k	SK
den l	MQ
den m	JT
den n	XF
den o	HV
den r	GW
den s	JT
den t	UI
den u	TJ
den v	[C
den w	TJ
den z	HV
den |	KS
den ü	HV
den!	A^
den! 	A^
den)	GW
den) 	JT
den),	LR
den,	QM
den, 	QM
den-	UI
den-r	KS
den-w	HV
den.	LR
den.“	FX
den;	JT
den; 	HV
den?	B]
den? 	B]
den@	IU
dena	LR
dena 	QM
denab	RL
denac	LR
denal	RL
denam	?a
denan	HV
denat	JT
denau	XF
denba	VH
denbe	HV
denbi	IU
denbr	QM
denbu	SK
denc	VH
dench	VH
dend 	UI
dend,	JT
dend-	FX
dend.	XF
dend:	LR
dend@	ZD
denda	ZD
dende	VH
dendi	EY
dendl	KS
dendo	VH
dends	C[
dendt	RL
dendu	d<
dendw	RL
dendy	LR
dene 	MQ
dene,	RL
dene.	A^
deneb	C[
dened	MQ
denef	MQ
deneh	YE
denei	QM
denel	VH
denem	RL
denen	LR
dener	YE
denes	B]
denet	JT
denew	LR
denf.	UI
denfe	MQ
denfl	TJ
denfo	GW
denfr	MQ
denfä	UI
deng	RL
deng,	MQ
deng.	TJ
denga	IU
denge	XF
dengl	@_
dengo	IU
denh	RL
denh.	XF
denha	RL
denhe	FX
denho	JT
denhö	EY
deni	LR
deni 	VH
denia	RL
denic	JT
denie	[C
denig	JT
denik	WG
denin	MQ
denir	FX
denis	HV
denit	RL
denj	JT
denk	MQ
denk 	LR
denka	WG
denkl	JT
denku	EY
denla	RL
denli	=c
denlo	UI
denm	LR
denma	KS
denme	MQ
denn	KS
denn 	JT
denn,	^A
denn.	UI
denna	MQ
denni	LR
denns	FX
dennt	MQ
dennu	SK
deno	GW
deno 	EY
denoc	LR
denol	KS
denom	^A
denor	QM
denos	RL
denot	HV
denow	RL
denp	MQ
denpf	TJ
denpl	KS
denpr	VH
denr	^A
denr 	UI
denr.	^A
denra	ZD
denre	QM
denri	SK
denrä	SK
dens	UI
dens 	WG
dens)	FX
dens,	_@
dens.	LR
densa	b>
densc	MQ
densf	GW
densh	VH
densi	XF
densp	QM
denst	VH
densä	HV
dent	JT
dent 	TJ
dent,	DZ
dent.	VH
denta	LR
dente	KS
denti	TJ
dentl	GW
dento	SK
dents	B]
dentü	TJ
denu	IU
denua	SK
denum	@_
denun	IU
denup	VH
denus	IU
denv	TJ
denve	GW
denw	UI
denwi	^A
denz	MQ
denz,	YE
denza	HV
denze	IU
denäc	HV
denäh	SK
denö	]B
denöt	XF
denü	RL
den“ 	FX
deo 	LR
deo (	]B
deo 0	_@
deo a	VH
deo d	EY
deo e	JT
deo f	EY
deo g	MQ
deo h	IU
deo l	WG
deo m	QM
deo p	SK
deo r	UI
deo s	LR
deo u	IU
deo v	QM
deo w	KS
deo z	MQ
deo)	UI
deo) 	RL
deo),	TJ
deo-	]B
deo.	[C
deo. 	[C
deo.–	TJ
deo@	SK
deoa	EY
deoad	GW
deob	GW
deob 	=c
deoba	IU
deobi	MQ
deobo	KS
deoc	RL
deock	VH
deod	IU
deode	JT
deoe	SK
deof 	^A
deof,	FX
deofe	UI
deoff	KS
deofi	RL
deofr	FX
deog	QM
deoge	WG
deogo	GW
deoh	WG
deohl	KS
deohn	WG
deohr	WG
deoi	LR
deoin	LR
deois	KS
deok	LR
deoko	DZ
deola	UI
deold	JT
deole	XF
deolf	EY
deolg	JT
deolk	MQ
deoll	RL
deoln	DZ
deolo	TJ
deols	TJ
deolt	VH
deolu	LR
deolz	VH
deom 	JT
deom,	KS
deoma	WG
deomi	IU
deomk	A^
deomm	SK
deomp	MQ
deon	MQ
deon 	LR
deon,	MQ
deona	RL
deond	QM
deone	YE
deoni	VH
deonk	EY
deonl	B]
deons	EY
deonz	MQ
deoo	RL
deoor	TJ
deoos	QM
deoot	RL
deop	FX
deop 	A^
deop,	GW
deope	C[
deopf	FX
deor	RL
deor 	XF
deora	MQ
deorb	ZD
deore	UI
deorf	KS
deorg	SK
deorh	IU
deori	IU
deork	JT
deorl	FX
deorm	QM
deorn	YE
deort	HV
deorw	UI
deorz	WG
deos 	FX
deos!	FX
deos.	TJ
deosk	TJ
deoss	XF
deost	RL
deot	GW
deot 	B]
deot,	RL
deot.	QM
deotd	]B
deote	JT
deoti	KS
deoto	IU
deots	[C
deott	IU
deou	C[
deoul	HV
deour	@_
deout	FX
deov	KS
deove	GW
deow	TJ
deow 	LR
deown	MQ
deoz	KS
deoze	KS
deoße	MQ
deoßv	h8
deo–	XF
deo–d	TJ
deo–f	WG
dep 0	EY
dep,	DZ
dep, 	DZ
dep.	MQ
depa	TJ
depac	IU
depag	B]
depak	SK
depal	IU
depar	VH
depas	B]
depau	RL
depd	GW
depdf	GW
depe	SK
deped	SK
depeg	IU
depek	UI
depel	YE
depen	RL
depet	C[
depf	[C
depf 	FX
depfe	XF
depfi	HV
depfl	ZD
depfm	KS
depi	KS
depic	GW
depie	UI
depin	LR
depl	RL
depla	MQ
deple	RL
depo	QM
depol	JT
depp	UI
depp 	YE
deppe	ZD
depr	FX
depra	HV
depre	C[
deprä	HV
deprü	TJ
deps	HV
deps.	IU
dept	MQ
depte	RL
depu	QM
depum	TJ
deput	EY
depä	HV
depät	B]
dequ	c=
dequa	SK
deque	VH
dequi	_@
der 	RL
der (	RL
der 0	TJ
der a	VH
der b	QM
der c	ZD
der e	HV
der f	MQ
der h	TJ
der i	b>
der k	MQ
der l	LR
der m	XF
der n	KS
der o	DZ
der p	FX
der r	LR
der s	GW
der t	VH
der v	FX
der w	;e
der z	SK
der |	TJ
der ü	RL
der) 	MQ
der-	WG
der- 	WG
der-i	VH
der.	RL
der.e	XF
der;	QM
der; 	MQ
der?	IU
der? 	IU
dera	JT
dera 	LR
dera,	LR
derab	GW
derac	UI
derad	HV
derag	IU
deral	UI
deras	VH
derat	VH
derau	JT
deraß	]B
derb	RL
derb 	YE
derba	QM
derbe	SK
derbi	QM
derbr	^A
derbu	c=
derbü	VH
derc	SK
derd	LR
derd 	UI
derd,	KS
derda	JT
derdb	WG
derde	MQ
derdi	RL
derdn	IU
derdo	FX
dere 	ZD
dere.	DZ
derea	IU
derec	KS
dered	IU
deree	ZD
deref	MQ
dereg	TJ
dereh	QM
derei	QM
derek	XF
derem	KS
deren	QM
derep	XF
derer	HV
deres	EY
dereu	GW
derf	KS
derfa	KS
derfe	JT
derfs	VH
derfü	]B
derg	FX
derg 	WG
derga	JT
derge	SK
dergi	C[
dergl	@_
dergr	]B
derh	IU
derhe	LR
derho	QM
derhu	QM
deri	VH
derie	SK
derif	GW
derig	JT
derik	]B
derin	VH
derit	XF
deriv	@_
derj	RL
derja	RL
derk	RL
derka	UI
derke	UI
derkh	JT
derki	FX
derkl	FX
derks	WG
derkt	WG
derku	TJ
derl	GW
derla	FX
derle	WG
derlä	FX
derm 	MQ
derm,	LR
derma	VH
derme	QM
dermi	SK
dermo	LR
dermu	EY
dern 	RL
dern,	C[
dern.	YE
dern;	JT
derna	HV
dernd	]B
derne	IU
derno	^A
dernt	XF
dero	RL
dero 	XF
dero)	TJ
dero,	GW
dero.	RL
dero@	RL
derob	WG
deroc	A^
derod	GW
derof	UI
derom	VH
deron	LR
deros	QM
derot	LR
deroz	KS
deroß	LR
derp	TJ
derr	GW
derr 	B]
derre	GW
derrh	YE
derri	UI
derrt	MQ
ders	JT
ders 	MQ
dersa	LR
derse	KS
dersi	SK
derso	XF
dersp	QM
derst	GW
dert	LR
dert 	JT
dert)	KS
dert.	QM
derte	VH
derth	KS
derti	GW
dertr	B]
dertu	WG
deru	TJ
derua	KS
deruc	EY
derud	RL
deruf	IU
deruh	WG
derum	SK
derun	ZD
derup	RL
derut	VH
deruß	JT
derva	MQ
derve	[C
dervi	RL
dervu	B]
derw	ZD
derwa	SK
derwe	VH
derwi	UI
derwä	DZ
derz	DZ
derz,	LR
derze	GW
derä	VH
deräg	UI
deräs	HV
derät	XF
deräu	_@
derö	RL
deröf	LR
derüb	QM
derüc	SK
derüe	EY
derüf	SK
derüh	FX
derün	UI
derüs	JT
derüß	FX
der“	LR
des &	TJ
des (	YE
des 0	WG
des a	VH
des b	B]
des e	WG
des f	YE
des g	GW
des i	HV
des j	FX
des k	QM
des l	KS
des n	>b
des p	SK
des r	KS
des s	UI
des t	XF
des u	TJ
des v	GW
des |	LR
des ä	HV
des ö	C[
des ü	>b
des!	FX
des'	KS
des)	IU
des) 	IU
des-	WG
des.	JT
des. 	JT
des:	YE
des: 	YE
des?	GW
des? 	GW
desa	RL
desa 	RL
desa,	]B
desaa	HV
desab	WG
desac	B]
desam	RL
desan	LR
desar	XF
desat	RL
desau	TJ
desbe	ZD
desbi	FX
desbr	TJ
desc	MQ
desch	MQ
desco	A^
desd	JT
desdi	ZD
desdr	FX
dese 	C[
dese,	WG
dese.	WG
desec	UI
desed	LR
deseh	=c
desei	KS
desel	VH
desep	UI
deser	RL
deses	XF
deset	WG
desf	LR
desfa	FX
desfe	WG
desfü	MQ
desge	LR
desh	LR
desha	A^
deshe	VH
deshi	KS
desi	QM
desi 	HV
desic	TJ
desie	LR
desik	SK
desis	TJ
desk 	TJ
deska	XF
deske	UI
desko	LR
desl	KS
desla	ZD
desle	UI
desli	HV
desma	GW
desme	QM
desn	HV
deso,	VH
desob	GW
desoh	GW
desol	JT
desom	LR
deson	DZ
desor	VH
despa	QM
despi	TJ
despl	KS
despo	KS
despr	LR
despä	B]
desr	ZD
desre	QM
dess 	IU
dess,	UI
dess.	RL
dessa	UI
dessh	TJ
dessi	C[
desst	VH
dessu	KS
dessw	MQ
dest	WG
dest 	KS
dest)	KS
dest,	VH
dest-	QM
dest.	TJ
dest:	WG
dest@	TJ
desta	MQ
destb	UI
deste	WG
destf	[C
desth	a?
desti	FX
destn	RL
desto	LR
destr	XF
dests	KS
destu	]B
destä	SK
destü	YE
desu	A^
desuc	B]
desum	HV
desun	QM
desv	WG
desve	SK
desw	RL
deswa	SK
deswe	KS
desze	HV
deszu	WG
desä	MQ
desäg	TJ
desär	IU
desät	HV
det (	QM
det 0	TJ
det a	IU
det b	GW
det c	HV
det d	GW
det e	LR
det g	JT
det h	QM
det i	GW
det j	SK
det k	LR
det l	IU
det m	RL
det n	QM
det o	SK
det p	HV
det r	TJ
det s	MQ
det t	VH
det u	JT
det v	QM
det w	QM
det z	ZD
det ü	SK
det!	KS
det! 	EY
det'	YE
det's	YE
det.)	WG
det.;	TJ
det.e	[C
det;	SK
det; 	RL
det?	JT
det? 	JT
det@	^A
det@o	TJ
deta	QM
detab	[C
detag	XF
detak	GW
detal	TJ
detan	IU
detas	MQ
detat	QM
detau	RL
detb	WG
detba	UI
detbi	^A
detd	WG
detdi	]B
dete	MQ
dete 	;e
dete)	TJ
dete,	JT
dete.	XF
deteb	IU
detec	YE
deted	JT
deteg	[C
deteh	MQ
detei	VH
detel	SK
detem	SK
deten	RL
detep	HV
deter	KS
deteu	DZ
detex	MQ
detf	GW
detfe	GW
detg	QM
detgl	RL
deth	RL
deth 	UI
deth,	JT
dethe	SK
dethi	KS
detho	B]
deti	FX
deti 	KS
detie	ZD
detig	SK
detik	EY
detim	LR
detin	IU
detip	@_
detis	UI
detj	MQ
detje	MQ
detke	LR
detkl	RL
detl	MQ
detl,	VH
detl.	MQ
detla	UI
detle	TJ
detli	RL
detm	VH
detma	UI
detme	RL
detn	QM
deto	KS
deto 	KS
deto,	XF
deto.	TJ
detob	JT
detof	KS
detok	GW
detom	IU
deton	WG
detop	JT
detor	UI
detos	HV
detp	SK
detr	SK
detr.	ZD
detra	RL
detre	C[
detru	XF
deträ	UI
dets	IU
dets 	HV
dets,	RL
dets.	SK
detsa	FX
detsc	A^
detse	A^
detsf	MQ
detsg	UI
detsh	LR
detsl	UI
detsp	QM
detst	LR
detsv	ZD
dett 	JT
dett,	MQ
dett.	RL
dett@	VH
dette	KS
dettk	LR
dettl	TJ
dettu	XF
dettw	ZD
detu	^A
detu0	TJ
detuh	WG
detum	TJ
detun	WG
detur	^A
detv	QM
detve	QM
detwa	MQ
detwo	a?
detz 	KS
detz,	IU
detz.	LR
detze	ZD
detzg	RL
detzi	WG
detzu	FX
detä	TJ
detäg	TJ
detän	SK
detät	RL
detö	UI
detön	SK
detü	XF
detüc	TJ
detüh	VH
detür	SK
deu 	MQ
deu b	@_
deu d	RL
deu e	MQ
deu f	KS
deu g	LR
deu k	KS
deu l	JT
deu n	XF
deu r	TJ
deu s	KS
deu t	GW
deu u	C[
deu w	HV
deu,	MQ
deu, 	MQ
deu-	KS
deu.	HV
deu. 	HV
deu.e	ZD
deu0	TJ
deu00	TJ
deua	SK
deual	IU
deuar	SK
deub	SK
deub 	LR
deube	UI
deubi	YE
deuch	SK
deuck	JT
deud	GW
deude	UI
deudg	IU
deue	TJ
deue 	MQ
deuen	UI
deuf	QM
deuf 	HV
deuf.	GW
deufe	WG
deufg	RL
deufl	WG
deufm	SK
deufn	MQ
deufs	ZD
deuft	LR
deufw	YE
deug,	^A
deug-	RL
deugu	QM
deuh	UI
deuh 	KS
deuhe	WG
deuhi	RL
deuhl	[C
deuhr	VH
deui	^A
deuid	TJ
deula	KS
deuld	IU
deule	JT
deuli	SK
deulk	QM
deull	IU
deulr	YE
deum	MQ
deum 	HV
deum,	IU
deum.	JT
deuma	WG
deumb	SK
deume	WG
deumg	JT
deumk	TJ
deumm	A^
deump	TJ
deums	VH
deun 	LR
deund	SK
deune	[C
deung	JT
deuni	]B
deunk	GW
deup	SK
deupf	QM
deupp	ZD
deupt	HV
deur 	MQ
deur.	C[
deura	WG
deurc	QM
deurd	IU
deure	SK
deuri	LR
deurl	SK
deurn	]B
deuro	MQ
deurr	EY
deurs	]B
deurt	IU
deurz	TJ
deurü	SK
deus	TJ
deus 	UI
deus,	JT
deus.	MQ
deusa	HV
deusb	MQ
deusc	KS
deusd	HV
deuse	a?
deusg	C[
deush	GW
deusi	RL
deusl	XF
deusr	QM
deuss	HV
deust	UI
deusw	SK
deusz	ZD
deut	MQ
deut 	DZ
deute	QM
deuth	UI
deuti	QM
deutk	RL
deuto	UI
deuts	C[
deutt	HV
deutz	MQ
deuwe	KS
deuß	HV
deuß 	HV
deuße	LR
dev 	SK
dev m	XF
dev.	SK
dev. 	RL
deva	RL
devat	QM
deve,	]B
devem	HV
deven	KS
deves	TJ
devi	IU
devic	XF
devie	HV
devis	XF
devo	KS
devol	XF
devom	HV
devon	JT
devos	YE
devu	B]
devus	B]
dew 0	TJ
dewa	QM
dewac	RL
dewaf	HV
dewag	IU
dewah	IU
dewal	VH
dewar	KS
dewas	QM
dewe 	HV
deweb	DZ
deweg	IU
deweh	ZD
dewel	MQ
dewer	WG
dewes	VH
dewi	SK
dewic	IU
dewie	=c
dewil	SK
dewim	ZD
dewin	WG
dewir	^A
dewis	KS
dewn	MQ
dewo 	HV
dewoc	[C
dewoh	WG
dewol	QM
dewor	DZ
dews	UI
dewst	UI
dewu	IU
dewun	IU
dewur	LR
dewä	SK
dewäh	QM
dewö	QM
dewöl	SK
dewü	>b
dewün	>b
dex 	GW
dex,	XF
dex, 	XF
dex.	JT
dex. 	JT
dexam	SK
dexav	FX
dexp	RL
dexpr	RL
dext.	HV
dexte	LR
dextr	SK
dey 	MQ
dey d	SK
dey n	HV
dey s	QM
dey,	GW
dey, 	GW
dey.	DZ
dey. 	DZ
deye	QM
deyer	VH
deyn	UI
deyo	RL
deyou	RL
deyı	VH
deyıl	VH
dez 	RL
dez f	RL
dez h	VH
dez m	FX
dez n	GW
dez o	LR
dez s	MQ
dez u	JT
dez w	JT
dez |	XF
deza	GW
dezah	JT
dezd	RL
dezde	RL
deze	LR
deze.	QM
dezem	UI
dezen	MQ
dezer	JT
dezet	EY
dezeu	UI
dezf	JT
dezfe	MQ
dezg	TJ
dezi	WG
dezi 	EY
dezia	WG
dezie	WG
dezig	SK
dezim	[C
dezin	JT
dezir	TJ
dezl	JT
dezli	JT
dezn	GW
dezo	EY
dezol	GW
dezs	WG
dezt	UI
dezt,	XF
dezte	IU
dezu	QM
dezu 	QM
dezu,	QM
dezu.	QM
dezub	YE
dezue	SK
dezum	IU
dezun	KS
dezur	UI
dezus	RL
dezw	XF
dezwe	WG
dezwi	RL
dezwö	SK
dezz	MQ
de| 	QM
de| 0	KS
de| a	WG
de| d	KS
de| e	IU
de| f	LR
de| g	UI
de| h	SK
de| i	SK
de| j	KS
de| k	KS
de| l	GW
de| m	QM
de| n	MQ
de| o	JT
de| p	FX
de| r	A^
de| s	WG
de| t	]B
de| u	RL
de| v	UI
de| w	VH
de| z	]B
de| |	WG
de² 	SK
de· 	EY
de· m	EY
deß 	FX
deß g	VH
deß i	GW
deß k	JT
deß m	C[
deß n	=c
deß s	IU
deß u	QM
deß,	GW
deß, 	GW
deß.	DZ
deß. 	DZ
deße 	JT
deße,	KS
deßer	SK
deßi	RL
deßig	RL
deßs	RL
deßt	TJ
deßt 	VH
deßv	ZD
deßva	h8
deäc	SK
deäch	TJ
deäck	EY
deäd	SK
deäde	SK
deäf	QM
deäg	ZD
deäge	XF
deägl	TJ
deägt	RL
deäh	LR
deähe	SK
deähr	IU
deäl	ZD
deäll	HV
deält	^A
deäm	B]
deän	QM
deänd	ZD
deäng	KS
deär	?a
deär 	HV
deärb	[C
deärc	VH
deäre	;e
deärg	EY
deärm	RL
deärt	FX
deäru	HV
deäs	SK
deäse	SK
deäst	RL
deät	IU
deät 	LR
deäte	UI
deätt	A^
deätz	HV
deäu	JT
deäuf	HV
deäum	_@
deöc	RL
deöch	RL
deöf	RL
deöfe	UI
deög	UI
deöge	UI
deöh	UI
deöl	XF
deölf	SK
deön	DZ
deön 	A^
deöni	VH
deönn	DZ
deöp	YE
deöpp	QM
deör	QM
deörd	LR
deöre	IU
deörs	WG
deört	LR
deös	GW
deöss	EY
deöt	XF
deöti	XF
deüb	MQ
deübr	MQ
deübs	DZ
deüc	VH
deüch	TJ
deück	TJ
deüe	IU
deüez	EY
deüf	QM
deüg	LR
deüge	KS
deüh	VH
deühe	KS
deühj	FX
deühl	YE
deühr	SK
deül	JT
deüll	A^
deült	TJ
deün	MQ
deün,	JT
deünd	[C
deüns	>b
deür	QM
deür 	FX
deür.	UI
deüre	WG
deürf	LR
deürl	RL
deüro	WG
deürs	SK
deürz	GW
deütz	UI
deüß	FX
deüße	FX
deıl	VH
deıld	VH
deız	VH
de– 	RL
de– n	KS
de–/	SK
de–0	TJ
de–00	RL
de–d	VH
de–do	VH
de–f	ZD
de–fr	ZD
de–s	TJ
de“ 	DZ
de“ (	JT
de“ s	EY
de“ –	EY
de“,	IU
de“, 	IU
de“.	YE
de“. 	YE
de„d	SK
de„de	SK
de„e	JT
de„ei	GW
de„g	IU
de„h	HV
de„hi	HV
de„m	LR
de„n	QM
de„p	HV
de„s	LR
de„si	LR
de„w	IU
de„wi	JT
de€ 	WG
de€ a	QM
de€ d	VH
de€ i	^A
de€ k	GW
de€ n	MQ
de€ |	SK
de€)	RL
de€),	RL
de€,	TJ
de€, 	TJ
de€.	TJ
de€. 	TJ
en "	GW
en "a	QM
en "b	DZ
en "c	KS
en "d	B]
en "f	FX
en "g	JT
en "h	MQ
en "i	QM
en "l	DZ
en "m	KS
en "n	XF
en "o	]B
en "p	QM
en "s	KS
en "t	GW
en "w	IU
en "y	QM
en $	VH
en $0	VH
en &	TJ
en & 	TJ
en '	B]
en '0	LR
en 'a	HV
en (	JT
en (0	ZD
en (?	XF
en (b	JT
en (c	LR
en (d	QM
en (f	UI
en (h	LR
en (m	GW
en (n	HV
en (o	QM
en (p	TJ
en (r	RL
en (s	GW
en (w	RL
en (y	GW
en (£	MQ
en *	A^
en +	VH
en +0	^A
en ,	UI
en , 	UI
en -	MQ
en - 	MQ
en /	SK
en / 	SK
en 0	SK
en 0)	WG
en 0-	g9
en 0.	HV
en 0/	UI
en 00	RL
en 0:	JT
en 0a	]B
en 0b	a?
en 0d	[C
en 0e	IU
en 0f	[C
en 0h	VH
en 0j	ZD
en 0l	e;
en 0n	c=
en 0p	VH
en 0q	ZD
en 0r	SK
en 0s	^A
en 0t	ZD
en 0–	MQ
en [	KS
en a	QM
en a 	MQ
en a.	MQ
en a0	QM
en ab	B]
en ac	RL
en ad	JT
en af	MQ
en ag	C[
en ai	C[
en al	QM
en am	FX
en an	UI
en ao	HV
en ap	_@
en as	IU
en at	LR
en au	QM
en av	RL
en b	RL
en b 	]B
en b.	IU
en ba	VH
en be	MQ
en bi	HV
en bn	YE
en bo	SK
en br	TJ
en bs	]B
en by	LR
en c 	]B
en cd	SK
en ce	WG
en ch	SK
en ci	QM
en cl	SK
en cm	^A
en cr	FX
en cu	SK
en cy	MQ
en d	EY
en d.	C[
en da	MQ
en db	UI
en dd	DZ
en de	FX
en di	DZ
en dl	d<
en dp	[C
en dr	TJ
en du	^A
en dy	[C
en e	SK
en e 	RL
en e.	C[
en ea	FX
en eb	C[
en ed	^A
en ei	_@
en el	TJ
en em	ZD
en er	EY
en es	KS
en eu	SK
en ev	SK
en ey	KS
en f	VH
en f0	JT
en fe	TJ
en ff	GW
en fl	VH
en fo	MQ
en fr	TJ
en fs	WG
en fu	UI
en g	TJ
en ga	YE
en gb	KS
en gi	MQ
en gl	WG
en go	MQ
en gp	HV
en gr	HV
en gs	RL
en gu	YE
en h.	HV
en hd	HV
en he	SK
en hr	WG
en hu	UI
en hx	UI
en i	TJ
en i'	LR
en id	GW
en ig	IU
en il	HV
en im	C[
en ir	VH
en is	ZD
en it	MQ
en iv	JT
en j	VH
en j.	XF
en ja	QM
en je	LR
en ji	^A
en jo	MQ
en ju	SK
en k.	RL
en kg	_@
en ki	EY
en km	ZD
en kr	RL
en l	MQ
en la	GW
en le	IU
en li	QM
en ll	^A
en ln	YE
en lo	IU
en lt	WG
en lu	c=
en ly	GW
en m	MQ
en m.	FX
en mb	WG
en mi	LR
en mm	YE
en mr	LR
en ms	LR
en mu	JT
en my	DZ
en n	MQ
en n 	DZ
en na	JT
en ne	LR
en ni	]B
en no	KS
en nu	LR
en o	SK
en o 	=c
en o'	MQ
en oa	RL
en ob	@_
en oc	TJ
en od	RL
en of	LR
en oh	IU
en oi	MQ
en ok	ZD
en om	RL
en on	JT
en or	UI
en os	YE
en ot	FX
en ow	QM
en oy	KS
en p.	UI
en pa	FX
en pd	>b
en pe	QM
en ph	JT
en pi	MQ
en pl	TJ
en pm	WG
en pr	EY
en ps	@_
en pu	FX
en qu	MQ
en qx	RL
en r	QM
en ra	LR
en rd	TJ
en re	HV
en rh	IU
en ri	QM
en ru	HV
en ry	YE
en s0	LR
en sa	GW
en sc	VH
en si	VH
en sk	RL
en sl	MQ
en sm	d<
en so	DZ
en sp	TJ
en sq	]B
en st	RL
en su	QM
en sw	KS
en sy	MQ
en t	RL
en t 	XF
en ta	QM
en tb	GW
en te	YE
en th	KS
en tu	ZD
en tw	SK
en ty	A^
en u	KS
en u 	DZ
en uh	XF
en ul	VH
en un	B]
en ur	EY
en us	TJ
en v0	FX
en va	VH
en ve	GW
en vi	TJ
en vo	FX
en vu	JT
en w	KS
en w/	HV
en wa	LR
en we	VH
en wk	[C
en wo	IU
en wr	LR
en ww	GW
en wy	c=
en x	C[
en x 	@_
en y 	TJ
en ya	SK
en ye	RL
en yo	LR
en yr	c=
en z	LR
en zi	LR
en |	KS
en | 	KS
en ~	UI
en ~~	UI
en £	VH
en £0	VH
en ©	C[
en © 	C[
en ·	B]
en · 	B]
en “b	LR
en “h	HV
en “t	HV
en “y	IU
en €	^A
en €0	^A
en ★	IU
en ★★	IU
en �	[C
en! 	;e
en!!	JT
en!! 	JT
en!!!	[C
en!)	UI
en!) 	UI
en" 	HV
en" -	GW
en" a	GW
en" i	SK
en" o	MQ
en" w	JT
en" –	C[
en")	DZ
en") 	DZ
en",	MQ
en", 	MQ
en".	GW
en". 	GW
en"a	QM
en"a 	LR
en"ar	DZ
en"b	DZ
en"be	B]
en"c	KS
en"d	B]
en"de	HV
en"di	EY
en"f	FX
en"fo	HV
en"g	JT
en"h	MQ
en"ha	JT
en"i	QM
en"i 	QM
en"it	QM
en"l	DZ
en"li	A^
en"m	KS
en"my	IU
en"n	XF
en"no	XF
en"o	YE
en"op	[C
en"ou	>b
en"p	QM
en"pr	SK
en"s	KS
en"sa	TJ
en"t	FX
en"th	B]
en"to	SK
en"w	IU
en"we	LR
en"y	QM
en"yo	QM
en$0	VH
en$0 	UI
en$0,	ZD
en$0.	a?
en$00	TJ
en% 	MQ
en% o	MQ
en& 	TJ
en& 0	UI
en& a	XF
en& b	UI
en& d	ZD
en& l	VH
en& m	A^
en& p	KS
en& r	RL
en& s	XF
en& t	GW
en' 	MQ
en' b	HV
en' c	RL
en' h	RL
en' l	TJ
en' m	B]
en' s	RL
en' u	KS
en'0	SK
en'00	SK
en'a	HV
en'd	HV
en'd 	LR
en'l	JT
en'll	JT
en'm	LR
en'm 	MQ
en'r	VH
en're	UI
en's	HV
en's 	JT
en's,	SK
en's.	LR
en't	KS
en't,	B]
en't.	LR
en(0	ZD
en(00	[C
en(?	XF
en(al	MQ
en(b	JT
en(c	LR
en(ch	FX
en(co	WG
en(d	QM
en(f	UI
en(fo	DZ
en(fr	TJ
en(h	LR
en(he	KS
en(ho	VH
en(i 	JT
en(in	RL
en(m	GW
en(ma	SK
en(mi	FX
en(mo	DZ
en(mr	C[
en(n	HV
en(no	HV
en(o	QM
en(p	TJ
en(pl	GW
en(r	RL
en(re	RL
en(s	GW
en(sh	DZ
en(so	SK
en(te	d<
en(th	TJ
en(to	DZ
en(tr	IU
en(tu	C[
en(w	RL
en(we	KS
en(wi	VH
en(y	GW
en(ye	GW
en(£	MQ
en(£0	MQ
en) 	C[
en) 0	VH
en) a	UI
en) b	IU
en) i	MQ
en) o	SK
en) s	JT
en) w	JT
en) –	RL
en),	UI
en), 	UI
en).	VH
en). 	VH
en):	LR
en): 	LR
en* 	A^
en*,	RL
en*, 	RL
en+ 0	UI
en+ a	GW
en+ p	IU
en+ r	SK
en+ s	[C
en+ v	]B
en+0	^A
en+00	^A
en, 	IU
en, "	EY
en, $	KS
en, 0	QM
en, a	g9
en, b	SK
en, c	TJ
en, d	KS
en, e	KS
en, f	TJ
en, g	_@
en, i	TJ
en, j	SK
en, k	LR
en, l	B]
en, m	FX
en, n	SK
en, o	a?
en, p	RL
en, q	ZD
en, r	RL
en, s	[C
en, t	SK
en, u	WG
en, v	]B
en, w	GW
en, £	RL
en, “	LR
en,0	KS
en,00	KS
en- 	MQ
en- 0	TJ
en- c	SK
en- n	IU
en- p	A^
en- t	DZ
en- w	YE
en- |	ZD
en-0	[C
en-0 	ZD
en-0,	UI
en-0.	^A
en-00	SK
en-a	B]
en-an	EY
en-ar	IU
en-b	MQ
en-bl	ZD
en-c	FX
en-ca	GW
en-cl	MQ
en-co	KS
en-d	QM
en-do	TJ
en-e	IU
en-ei	XF
en-f	MQ
en-fi	JT
en-fo	KS
en-fr	IU
en-g	WG
en-h	^A
en-ha	^A
en-k	MQ
en-ke	MQ
en-l	JT
en-la	IU
en-le	KS
en-m	HV
en-ma	TJ
en-n	WG
en-o	WG
en-of	XF
en-on	ZD
en-ou	QM
en-p	XF
en-pu	RL
en-r	SK
en-re	]B
en-s	MQ
en-sa	MQ
en-sh	UI
en-si	DZ
en-st	]B
en-u	WG
en-up	WG
en-wi	IU
en. 	RL
en. (	MQ
en. 0	_@
en. a	YE
en. b	LR
en. c	;e
en. d	HV
en. e	HV
en. g	IU
en. h	DZ
en. k	TJ
en. m	DZ
en. n	MQ
en. o	C[
en. p	TJ
en. r	IU
en. s	DZ
en. t	QM
en. w	EY
en."	MQ
en.)	>b
en.) 	>b
en.*	DZ
en.* 	DZ
en.,	GW
en., 	GW
en..	IU
en.. 	IU
en...	IU
en.0	LR
en.0 	YE
en.:	LR
en.: 	LR
en.b	EY
en.b.	EY
en.e	QM
en.ex	QM
en.k	GW
en.ke	LR
en.s	B]
en.t	QM
en.”	RL
en.” 	RL
en/ 	LR
en/ 0	>b
en/ a	RL
en/ b	HV
en/ p	JT
en/ r	QM
en/ s	VH
en/ t	LR
en//	WG
en/0	DZ
en/00	C[
en/h	GW
en/hr	GW
en/m	^A
en/w	SK
en0 	_@
en0 (	QM
en0 +	]B
en0 -	TJ
en0 0	^A
en0 a	_@
en0 b	KS
en0 c	HV
en0 d	LR
en0 e	RL
en0 f	FX
en0 g	f:
en0 i	JT
en0 j	IU
en0 k	h8
en0 l	]B
en0 n	KS
en0 o	>b
en0 p	SK
en0 q	ZD
en0 r	=c
en0 s	EY
en0 u	B]
en0 v	ZD
en0 y	e;
en0 |	c=
en0 ·	;e
en0 –	GW
en0%	TJ
en0% 	TJ
en0)	QM
en0),	RL
en0).	MQ
en0,	WG
en0, 	[C
en0,0	KS
en0-	]B
en0-0	ZD
en0.	QM
en0. 	YE
en0.0	LR
en0/	FX
en0/0	@_
en0/h	GW
en00	^A
en00 	VH
en00%	TJ
en00)	QM
en00,	TJ
en00-	ZD
en00.	UI
en00/	EY
en000	RL
en00:	]B
en00;	VH
en00a	UI
en00g	YE
en00p	WG
en00s	LR
en00t	A^
en00x	FX
en00–	b>
en0:	QM
en0;	QM
en0; 	QM
en0a	^A
en0aa	ZD
en0am	TJ
en0b	a?
en0bb	YE
en0d	[C
en0dd	YE
en0e	IU
en0ee	EY
en0f	[C
en0g	YE
en0h	VH
en0j	ZD
en0k	GW
en0k.	KS
en0l	e;
en0lb	[C
en0ll	XF
en0ln	VH
en0m	ZD
en0m 	TJ
en0n	c=
en0nd	[C
en0nn	ZD
en0p	a?
en0p.	^A
en0pl	TJ
en0pm	VH
en0pp	ZD
en0pt	XF
en0q	ZD
en0qt	UI
en0r	SK
en0rb	QM
en0rr	XF
en0s	_@
en0s 	WG
en0s,	SK
en0s.	UI
en0st	UI
en0t	JT
en0th	GW
en0tt	UI
en0x	FX
en0x0	FX
en0–	YE
en0–0	XF
en: 	HV
en: "	GW
en: $	[C
en: '	FX
en: 0	KS
en: a	JT
en: c	EY
en: d	GW
en: h	TJ
en: i	]B
en: l	RL
en: m	VH
en: n	B]
en: o	UI
en: p	UI
en: r	TJ
en: s	KS
en: t	RL
en: w	C[
en: “	JT
en; 	RL
en; 0	^A
en; a	UI
en; b	DZ
en; c	MQ
en; d	IU
en; f	LR
en; g	^A
en; h	LR
en; i	UI
en; l	LR
en; m	ZD
en; n	JT
en; o	_@
en; p	A^
en; r	ZD
en; s	c=
en; w	TJ
en; y	EY
en? 	!}
en?"	YE
en?" 	YE
en?)	JT
en?) 	JT
en??	HV
en?? 	HV
en@a	WG
en@b	a?
en@br	_@
en@c	JT
en@ca	HV
en@co	SK
en@d	ZD
en@f	TJ
en@fe	IU
en@g	UI
en@gr	UI
en@h	JT
en@ha	HV
en@hi	_@
en@la	_@
en@li	JT
en@o	XF
en@ot	XF
en@p	d<
en@q	LR
en@qu	LR
en@r	c=
en@s	SK
en@sa	ZD
en@se	UI
en@st	XF
en@t	e;
en@ta	TJ
en@th	_@
en@to	WG
en@w	RL
en@we	QM
en@wi	VH
en] 	IU
en] w	GW
ena 	QM
ena "	MQ
ena 0	MQ
ena a	]B
ena b	JT
ena c	XF
ena f	KS
ena g	LR
ena h	QM
ena i	QM
ena j	SK
ena k	a?
ena m	YE
ena n	WG
ena p	JT
ena q	YE
ena r	KS
ena s	MQ
ena t	LR
ena v	VH
ena w	TJ
ena y	[C
ena |	_@
ena £	RL
ena,	C[
ena, 	C[
ena-	RL
ena.	IU
ena. 	JT
ena.”	HV
ena0	QM
ena@	JT
enaa	ZD
enaa.	_@
enab	GW
enab 	]B
enab.	XF
enabb	XF
enabe	LR
enabi	TJ
enabl	IU
enabn	MQ
enabo	GW
enabr	QM
enabs	EY
enac	HV
enaca	EY
enacc	QM
enace	SK
enach	RL
enaci	LR
enack	EY
enacl	IU
enaco	a?
enacr	MQ
enact	HV
enad 	<d
enad'	MQ
enad)	UI
enad,	MQ
enad-	FX
enad.	RL
enada	[C
enadd	RL
enade	WG
enadg	JT
enadi	XF
enadl	EY
enado	EY
enads	JT
enadu	QM
enady	LR
enae	HV
enae 	IU
enaf 	[C
enaff	WG
enafl	@_
enafo	A^
enaft	MQ
enag	LR
enag,	XF
enaga	<d
enage	UI
enagh	XF
enagl	TJ
enagn	B]
enago	VH
enagr	GW
enagu	KS
enah	DZ
enah 	DZ
enaid	EY
enaig	HV
enail	RL
enaim	>b
enain	IU
enair	ZD
enais	DZ
enak	UI
enak 	VH
enak,	MQ
enakd	WG
enake	VH
enakf	MQ
enaks	MQ
enal	QM
enal 	WG
enal,	C[
enal.	FX
enala	ZD
enalc	LR
enald	VH
enalf	WG
enalk	C[
enalm	RL
enaln	VH
enalo	WG
enalp	MQ
enals	SK
enalt	WG
enalu	JT
enalv	TJ
enalw	QM
enam	QM
enam 	LR
enam,	HV
enam-	SK
enam.	IU
enama	VH
enamb	ZD
ename	LR
enamm	C[
enamo	]B
enamp	RL
enamu	IU
enan 	SK
enan'	d<
enan)	LR
enan,	LR
enan.	UI
enan@	YE
enana	XF
enanc	FX
enand	VH
enane	RL
enang	;e
enani	RL
enank	IU
enann	TJ
enano	QM
enans	UI
enant	LR
enanu	RL
enany	TJ
enao	RL
enap 	=c
enap,	XF
enap.	DZ
enapa	UI
enape	KS
enapl	]B
enapo	C[
enapp	[C
enapr	[C
enaps	GW
enar 	B]
enar'	XF
enar.	GW
enar:	TJ
enar?	UI
enarb	TJ
enare	SK
enarf	a?
enarg	IU
enarj	UI
enark	EY
enarl	WG
enarm	SK
enarn	ZD
enarp	b>
enarr	ZD
enars	]B
enart	GW
enarv	IU
enary	FX
enas	RL
enas 	HV
enas;	YE
enasc	[C
enase	>b
enash	SK
enasi	GW
enasp	MQ
enass	QM
enast	_@
enasu	GW
enasw	HV
enasy	B]
enat	SK
enat 	LR
enat'	MQ
enat,	]B
enat-	MQ
enat.	WG
enatc	TJ
enate	KS
enath	]B
enati	TJ
enato	DZ
enatt	GW
enatu	TJ
enau	RL
enauc	A^
enaud	MQ
enaug	UI
enaul	TJ
enaun	MQ
enaur	GW
enaut	IU
enav	IU
enava	_@
enavi	<d
enavo	A^
enavy	EY
enaw	SK
enaw 	YE
enawa	LR
enawe	QM
enawi	GW
enawl	UI
enawm	VH
enawn	LR
enaws	IU
enax	QM
enax 	MQ
enaxb	^A
enay 	IU
enay!	EY
enay'	GW
enay,	LR
enay-	MQ
enay.	RL
enay;	VH
enayb	=c
enaye	YE
enayi	[C
enayl	LR
enaym	A^
enays	MQ
enaz	QM
enaze	RL
enb &	SK
enb (	UI
enb 0	^A
enb a	JT
enb b	a?
enb d	DZ
enb f	YE
enb i	HV
enb l	VH
enb s	IU
enb t	IU
enb £	]B
enb,	LR
enb, 	LR
enb-	C[
enb-0	GW
enb-c	FX
enb.	IU
enb. 	GW
enb.e	XF
enb/	XF
enb0	UI
enb0 	UI
enba	RL
enbab	RL
enbac	RL
enbad	=c
enbag	^A
enbal	ZD
enban	EY
enbar	TJ
enbas	VH
enbat	HV
enbay	_@
enbb	SK
enbb.	YE
enbbi	ZD
enbbl	YE
enbbo	b>
enbbs	KS
enbby	EY
enbc	KS
enbc 	KS
enbd	SK
enbe	LR
enbe 	A^
enbe.	HV
enbea	]B
enbec	TJ
enbed	XF
enbee	FX
enbef	QM
enbeg	RL
enbeh	WG
enben	b>
enber	LR
enbes	C[
enbet	LR
enbev	XF
enbex	A^
enbey	KS
enbh	TJ
enbha	VH
enbi	GW
enbia	JT
enbic	YE
enbid	A^
enbig	KS
enbik	TJ
enbil	KS
enbin	RL
enbir	e;
enbis	LR
enbit	9g
enbj	DZ
enbje	DZ
enbla	GW
enbli	WG
enblo	FX
enblu	SK
enbly	SK
enbn	MQ
enbn0	YE
enbo	RL
enboa	LR
enbob	HV
enbod	TJ
enboi	QM
enbol	WG
enbon	IU
enbor	XF
enbot	c=
enbou	@_
enbov	XF
enbox	SK
enbr	UI
enbra	YE
enbre	MQ
enbri	VH
enbru	IU
enbs	EY
enbs 	UI
enbs.	A^
enbsc	]B
enbsi	C[
enbsw	KS
enbt 	WG
enbuc	MQ
enbud	?a
enbui	TJ
enbul	SK
enbum	B]
enbur	UI
enbus	DZ
enbut	KS
enbuy	YE
enbv	FX
enbvi	FX
enby	LR
enby,	KS
enbye	LR
enc 	VH
enc 0	ZD
enc a	SK
enc b	QM
enc c	YE
enc d	HV
enc f	JT
enc l	ZD
enc s	QM
enc t	DZ
enc,	HV
enc, 	HV
enc.	HV
enc. 	EY
enc.e	]B
enc:	FX
enc: 	FX
enc@	RL
enc@s	RL
enca	LR
enca 	MQ
encad	KS
encaf	YE
encag	]B
encal	DZ
encam	LR
encar	TJ
encas	XF
encat	HV
encau	LR
encav	C[
encc	RL
encca	[C
encce	]B
encco	FX
enccr	MQ
encd	SK
encd0	SK
ence 	RL
ence)	[C
ence,	LR
ence:	]B
ence;	QM
ence?	HV
ence@	c=
enceb	C[
enced	TJ
encei	JT
encel	FX
encen	]B
encep	RL
ences	IU
encf	VH
ench	SK
ench 	KS
ench,	ZD
ench.	SK
enche	LR
enchi	]B
encht	FX
enchu	HV
encia	^A
encid	DZ
encie	RL
encil	JT
encip	YE
encir	MQ
encis	EY
encit	FX
enciv	JT
enck	SK
enck 	VH
enck'	GW
enck,	SK
enck-	RL
enck.	RL
encka	VH
encke	HV
encki	GW
enckl	ZD
enckm	SK
encko	EY
encks	SK
enckw	b>
encl	XF
encl.	XF
encla	GW
encle	]B
encli	JT
enclo	UI
enclu	LR
encm	^A
encm 	^A
enco.	[C
encoa	UI
encob	f:
encod	FX
encoe	SK
encof	WG
encol	@_
encom	UI
encon	EY
encoo	b>
encop	LR
encor	WG
encos	C[
encou	JT
encov	^A
encr	HV
encra	RL
encre	KS
encri	=c
encro	FX
encry	DZ
encs	_@
encs 	^A
encs,	YE
enct	GW
enct 	JT
enct.	?a
encta	FX
encte	IU
encti	TJ
enctl	RL
enctr	VH
enctu	;e
encu	HV
encue	WG
encui	DZ
encul	IU
encum	EY
encup	MQ
encur	>b
encus	DZ
encut	XF
ency	KS
ency 	KS
encyc	YE
end &	LR
end (	DZ
end /	IU
end 0	SK
end a	HV
end b	RL
end c	SK
end d	RL
end e	b>
end f	IU
end g	JT
end h	KS
end i	KS
end j	ZD
end k	MQ
end l	A^
end n	_@
end o	RL
end p	YE
end q	@_
end s	TJ
end t	LR
end u	RL
end v	LR
end w	RL
end y	WG
end |	RL
end £	KS
end –	LR
end" 	EY
end",	^A
end".	HV
end'	IU
end's	IU
end)	EY
end) 	DZ
end,	TJ
end, 	TJ
end-	DZ
end-s	IU
end. 	MQ
end."	SK
end.e	ZD
end0	MQ
end0 	MQ
end: 	MQ
end;	KS
end; 	KS
end?	A^
end? 	A^
end@	UI
enda	RL
endab	VH
endag	EY
endai	GW
endal	VH
endam	LR
endan	QM
endar	DZ
endat	=c
endau	GW
endaw	RL
enday	^A
endba	LR
endbe	UI
endbs	UI
endc	JT
endd	WG
endd 	SK
endd,	MQ
endda	TJ
enddl	ZD
enddo	ZD
enddr	?a
enddy	b>
ende	RL
ende'	VH
ende,	e;
ende-	]B
ende.	MQ
endea	A^
endeb	TJ
endec	C[
ended	JT
endee	QM
endef	A^
endel	QM
enden	^A
endeo	IU
endep	QM
endes	YE
endet	EY
endev	WG
endf	MQ
endf 	DZ
endf,	GW
endfa	WG
endge	QM
endgi	]B
endh	KS
endi	MQ
endi 	HV
endic	FX
endid	VH
endie	FX
endif	EY
endin	WG
endip	LR
endir	JT
endis	EY
endit	ZD
endiu	VH
endiv	TJ
endl 	d<
endle	UI
endli	@_
endlo	TJ
endly	B]
endm	]B
endma	SK
endmi	IU
endmo	ZD
endn	EY
endne	C[
endo 	HV
endo.	SK
endo?	GW
endoc	QM
endoe	VH
endog	TJ
endoi	YE
endol	b>
endom	LR
endon	HV
endor	FX
endot	ZD
endou	^A
endov	A^
endow	IU
endoz	SK
endp	[C
endr 	]B
endre	LR
endri	XF
endro	JT
ends 	LR
ends,	JT
ends.	VH
endsa	XF
endsi	IU
endso	VH
endst	UI
endu	WG
enduc	LR
endug	]B
endun	TJ
endur	[C
endus	LR
endv	TJ
endve	IU
endvi	WG
endw	TJ
endwo	YE
endwr	GW
endy	UI
endy 	TJ
endy'	HV
endy,	JT
endy.	B]
ene "	:f
ene $	GW
ene &	A^
ene (	XF
ene -	c=
ene /	A^
ene 0	c=
ene a	KS
ene b	MQ
ene c	XF
ene d	KS
ene e	TJ
ene f	SK
ene j	RL
ene k	HV
ene l	LR
ene m	IU
ene n	JT
ene o	IU
ene q	VH
ene r	UI
ene u	GW
ene v	IU
ene w	LR
ene y	[C
ene |	JT
ene £	;e
ene “	HV
ene!	[C
ene!!	[C
ene"	@_
ene" 	HV
ene",	HV
ene".	GW
ene'	SK
ene'd	C[
ene'l	VH
ene'r	XF
ene's	TJ
ene'v	JT
ene)	_@
ene) 	[C
ene),	UI
ene).	YE
ene,	QM
ene, 	QM
ene-	MQ
ene-b	XF
ene-d	KS
ene-l	KS
ene-o	GW
ene-p	RL
ene-s	WG
ene.e	d<
ene0	KS
ene:	QM
ene: 	QM
ene;	JT
ene; 	JT
ene?	?a
ene? 	C[
ene@f	HV
ene@r	[C
ene@s	YE
enea 	]B
enea,	_@
eneac	TJ
enead	MQ
eneaf	VH
eneag	RL
eneal	LR
eneam	B]
enean	TJ
eneap	B]
enear	IU
eneas	EY
eneat	ZD
eneav	SK
eneb	GW
eneb 	EY
eneb,	@_
enebb	LR
enebe	b>
enebo	RL
enebr	IU
enebs	C[
enebu	JT
eneby	EY
enec 	]B
enec@	RL
eneca	RL
enece	SK
eneci	?a
eneck	MQ
enecl	HV
eneco	MQ
enecr	UI
enect	SK
enecu	VH
ened 	UI
ened"	DZ
ened.	JT
ened:	LR
ened?	EY
enede	UI
enedg	XF
enedi	UI
enedn	GW
eneds	HV
enedu	KS
enedy	?a
enee	QM
enee 	TJ
enee'	GW
enee,	LR
enee.	QM
eneec	_@
eneed	UI
eneel	[C
eneen	EY
enees	XF
eneet	UI
eneez	TJ
enef	LR
enef 	IU
enefa	FX
enefe	@_
enefi	XF
enefu	SK
eneg 	C[
enega	WG
enege	HV
enegg	KS
enegi	WG
enegu	SK
eneh	KS
eneha	C[
eneho	KS
enehu	IU
enei	UI
eneic	VH
eneig	XF
eneil	C[
enein	QM
eneir	KS
eneit	HV
eneiv	LR
enek,	TJ
enek.	FX
enekd	_@
eneke	WG
enekl	C[
eneks	VH
enel	WG
enel 	WG
enel"	WG
enel,	b>
enel0	UI
enelb	]B
enelc	RL
enele	XF
enelf	EY
eneli	EY
enelm	XF
enelo	IU
enelt	GW
enelv	GW
enelw	IU
enely	<d
enem,	FX
enem.	IU
enema	MQ
enemi	UI
enemo	XF
enemp	UI
enems	DZ
enen	MQ
enen 	UI
enen'	IU
enen)	C[
enen,	QM
enen.	GW
enen:	JT
enen;	SK
enena	RL
enenb	[C
enenc	LR
enend	XF
enene	KS
eneng	JT
enenh	XF
eneni	IU
enenn	]B
eneno	QM
enenq	GW
enens	XF
enent	C[
enenu	ZD
enenv	HV
enenw	HV
enen”	LR
eneo	LR
eneo 	B]
eneof	@_
eneon	SK
eneor	_@
eneos	DZ
enep	VH
enep,	XF
enep.	EY
enepa	TJ
enepe	ZD
eneph	FX
enepi	KS
enepl	RL
enepo	b>
eneps	VH
enept	KS
eneq	A^
enequ	A^
ener 	WG
ener!	DZ
ener"	>b
ener'	DZ
ener)	A^
ener-	WG
ener.	IU
ener:	KS
ener@	YE
enera	WG
enerb	TJ
enerc	IU
enere	IU
enerf	WG
energ	MQ
enerh	KS
enerl	EY
enerm	_@
enern	MQ
enero	GW
enerp	ZD
enerr	IU
eners	LR
enert	XF
enerv	JT
enerw	WG
enery	UI
enes	MQ
enes 	UI
enes"	QM
enes'	LR
enes)	JT
enes,	LR
enes-	RL
enes.	QM
enes:	JT
enes;	WG
enes?	=c
enes@	_@
enesa	?a
enesc	KS
enesd	LR
enese	KS
enesh	HV
enesi	VH
enesk	A^
enesm	UI
enesn	MQ
eneso	GW
eness	RL
enest	ZD
enesu	HV
enet	KS
enet 	HV
enet)	RL
enet,	a?
enet.	9g
enet;	C[
enetc	KS
enete	GW
eneth	KS
eneti	DZ
enetr	MQ
enets	KS
enett	SK
enetu	WG
enetw	QM
enety	QM
eneu	]B
eneum	]B
eneur	TJ
enev	SK
enev 	QM
eneva	QM
enevd	QM
eneve	QM
enevi	IU
enew 	VH
enew'	IU
enewa	JT
enewh	C[
enewi	KS
enewo	XF
enewr	[C
enews	KS
enex	TJ
enex 	C[
enexa	YE
enexi	]B
enexl	[C
enext	MQ
eney	SK
eney 	RL
eney'	XF
eney,	VH
eney.	:f
eney:	JT
eneya	@_
eneyi	UI
eneyo	_@
eneyr	JT
eneys	d<
eneyw	[C
enez	UI
eneze	VH
enf (	XF
enf 0	QM
enf a	LR
enf b	KS
enf c	DZ
enf d	TJ
enf e	WG
enf f	VH
enf g	>b
enf h	A^
enf i	XF
enf j	WG
enf l	EY
enf m	HV
enf n	VH
enf o	YE
enf p	TJ
enf r	GW
enf s	MQ
enf t	EY
enf u	WG
enf v	GW
enf w	FX
enf y	TJ
enf,	LR
enf, 	LR
enf-	JT
enf.	HV
enf. 	IU
enf0	JT
enf0 	ZD
enf: 	TJ
enf;	TJ
enf; 	TJ
enfa	RL
enfad	B]
enfai	C[
enfam	RL
enfan	ZD
enfar	TJ
enfas	EY
enfat	[C
enfe 	MQ
enfeb	LR
enfec	DZ
enfed	FX
enfee	[C
enfeg	TJ
enfel	XF
enfen	LR
enfer	IU
enfes	QM
enfet	UI
enfew	LR
enff 	MQ
enff,	:f
enff.	VH
enffe	RL
enffi	SK
enffl	QM
enffo	UI
enffs	XF
enfic	RL
enfid	MQ
enfie	KS
enfif	LR
enfig	KS
enfil	IU
enfin	QM
enfir	KS
enfis	WG
enfit	c=
enfiv	QM
enfix	SK
enfl	TJ
enfla	UI
enfle	IU
enfli	LR
enflo	WG
enflu	SK
enfly	JT
enfol	MQ
enfon	JT
enfoo	@_
enfor	MQ
enfou	UI
enfr	SK
enfra	XF
enfre	VH
enfri	IU
enfry	MQ
enfs	a?
enfs 	GW
enfsc	WG
enft 	MQ
enft,	b>
enft.	GW
enfte	QM
enfts	d<
enfty	KS
enfu	RL
enfun	MQ
enfur	_@
enfus	IU
eng 	LR
eng &	^A
eng (	GW
eng b	IU
eng c	WG
eng d	KS
eng e	MQ
eng g	WG
eng h	?a
eng i	YE
eng k	FX
eng l	VH
eng m	XF
eng n	VH
eng o	KS
eng p	LR
eng r	XF
eng s	JT
eng t	<d
eng u	XF
eng w	YE
eng y	EY
eng |	f:
eng £	MQ
eng!	EY
eng! 	EY
eng"	HV
eng" 	KS
eng",	HV
eng'	FX
eng)	QM
eng-	TJ
eng.	RL
eng. 	RL
eng.e	VH
eng0	WG
eng0 	WG
eng:	SK
eng: 	SK
eng;	WG
eng; 	WG
enga	RL
enga 	LR
engab	RL
engai	<d
engal	MQ
engan	d<
engap	FX
engar	QM
engas	_@
engat	_@
engau	]B
engav	GW
engb	KS
engb 	^A
enge,	GW
enge.	LR
enge;	HV
enge?	DZ
engea	MQ
enged	A^
engee	[C
engel	WG
engem	HV
engen	JT
engeo	@_
enger	a?
enges	^A
enget	JT
engf	[C
engg	MQ
engg 	JT
engge	XF
enggi	DZ
engh 	]B
engh,	XF
engh-	UI
engh.	KS
enghb	JT
enghe	MQ
engho	HV
enght	MQ
engi	GW
engie	JT
engif	ZD
engil	IU
engis	UI
engiv	KS
engl	MQ
engla	SK
engle	LR
engli	B]
englo	IU
engly	XF
engn	KS
engn 	WG
engna	FX
engne	<d
engno	IU
engns	MQ
engo	LR
engo 	ZD
engoa	MQ
engoe	KS
engoi	GW
engol	@_
engon	WG
engoo	FX
engos	LR
engot	VH
engps	HV
engr	JT
engra	LR
engre	JT
engri	XF
engro	SK
engs	VH
engs 	XF
engs)	SK
engs,	RL
engs.	MQ
engs@	SK
engst	TJ
engt	DZ
ength	LR
engua	WG
engue	FX
engui	^A
engur	EY
engut	[C
enguy	C[
engw	SK
engwe	IU
engwo	UI
enh 	WG
enh (	IU
enh b	YE
enh c	KS
enh d	LR
enh e	HV
enh f	KS
enh g	TJ
enh h	KS
enh l	IU
enh m	IU
enh n	QM
enh o	^A
enh p	ZD
enh r	IU
enh s	WG
enh t	LR
enh u	UI
enh v	RL
enh w	LR
enh y	QM
enh'	FX
enh' 	IU
enh's	HV
enh)	_@
enh) 	_@
enh-	QM
enh.	MQ
enh. 	QM
enh.e	ZD
enh:	IU
enh: 	IU
enh;	ZD
enh; 	ZD
enh@	SK
enha	QM
enha 	IU
enha,	?a
enhab	C[
enhad	8h
enhai	XF
enhal	LR
enham	ZD
enhap	JT
enhar	QM
enhas	QM
enhat	JT
enhau	QM
enhay	SK
enhaz	WG
enhb	LR
enhbr	JT
enhc	KS
enhd0	HV
enhe	KS
enhe 	KS
enhe'	LR
enhe.	MQ
enhea	QM
enhed	]B
enhee	UI
enhef	KS
enhei	MQ
enhel	LR
enhem	MQ
enhep	_@
enher	LR
enhes	UI
enhet	HV
enhew	@_
enhex	YE
enhf	GW
enhfu	FX
enhg	XF
enhga	XF
enhi 	6j
enhic	DZ
enhid	UI
enhie	YE
enhig	@_
enhil	a?
enhim	UI
enhin	QM
enhio	DZ
enhip	SK
enhir	ZD
enhis	FX
enhit	LR
enhiv	UI
enhiy	EY
enhl	TJ
enhly	QM
enhm	GW
enhma	MQ
enhmi	GW
enhob	JT
enhoe	RL
enhoi	FX
enhol	^A
enhom	HV
enhoo	UI
enhop	_@
enhor	C[
enhos	RL
enhot	IU
enhou	TJ
enhow	8h
enhr	QM
enhr.	LR
enhre	RL
enhro	LR
enhrs	WG
enhru	ZD
enhs,	FX
enhs.	KS
enht	MQ
enht 	B]
enht,	MQ
enht.	QM
enhte	KS
enhti	HV
enhts	_@
enhty	TJ
enhu	QM
enhu 	UI
enhub	GW
enhug	WG
enhum	=c
enhun	YE
enhur	UI
enhus	C[
enhut	YE
enhw	>b
enhwa	IU
enhx	LR
enhx0	UI
enhy	QM
enhy 	TJ
enhy.	C[
eni (	FX
eni 0	TJ
eni a	LR
eni b	WG
eni c	VH
eni d	SK
eni e	GW
eni f	XF
eni g	KS
eni j	?a
eni k	]B
eni l	ZD
eni m	YE
eni n	@_
eni o	TJ
eni p	JT
eni q	A^
eni r	KS
eni s	@_
eni t	TJ
eni u	EY
eni v	KS
eni'	LR
eni'd	DZ
eni'l	;e
eni'm	MQ
eni'v	YE
eni,	]B
eni, 	]B
eni-	HV
eni-c	HV
eni. 	YE
enia	MQ
enia 	^A
eniab	ZD
eniag	]B
enian	KS
eniar	DZ
eniat	b>
enib	DZ
enibb	]B
enibh	MQ
enibl	A^
enic	KS
enic 	SK
enic.	>b
enice	LR
enich	DZ
enick	XF
enicl	YE
enics	_@
enict	/q
enicu	LR
enicy	YE
enid	LR
enid 	C[
enid,	IU
enid.	B]
enid:	UI
enida	SK
enidd	UI
enide	MQ
enidg	RL
enidi	TJ
enids	EY
enidy	DZ
enie	DZ
enie 	^A
enie,	LR
eniec	UI
enied	=c
eniel	KS
enien	FX
enier	QM
eniet	A^
eniew	EY
enif	SK
enife	HV
enift	YE
enig	MQ
enig 	LR
enig,	C[
enig.	?a
eniga	QM
enige	GW
enigg	RL
enigu	KS
enik	HV
enike	HV
enil	XF
enil 	EY
enil'	WG
enil,	GW
enil.	VH
enila	YE
enilb	GW
enild	^A
enile	QM
enilf	KS
enili	JT
enilk	YE
enill	UI
enilm	SK
eniln	TJ
enilo	_@
enilt	XF
enilv	QM
enilw	UI
enily	TJ
enim	TJ
enim 	MQ
enim,	[C
enim.	SK
enimb	RL
enime	[C
enimi	QM
enimm	QM
enimn	WG
enimo	@_
enimp	FX
enims	FX
enin	LR
enin 	IU
enin"	GW
enin'	RL
enin)	MQ
enin-	FX
enin.	DZ
enina	MQ
eninc	YE
enind	HV
eninf	QM
enini	VH
enink	;e
eninl	SK
enins	SK
eninu	A^
eniny	FX
enio	KS
enio 	KS
enioc	QM
enion	JT
enior	ZD
eniou	DZ
enip	TJ
enip 	QM
enip'	GW
enip,	WG
enipa	a?
enipe	SK
enipl	MQ
enipp	DZ
enips	]B
enipt	TJ
eniq	UI
eniqu	SK
enir	SK
enir 	XF
enir)	IU
enir-	[C
enir.	A^
enira	RL
enirc	MQ
enird	c=
enire	MQ
eniri	@_
enirk	RL
enirl	EY
eniro	RL
enirr	_@
enirs	UI
enirt	MQ
eniry	FX
enis 	TJ
enis,	B]
enis.	VH
enisa	C[
enisc	<d
enise	TJ
enish	MQ
enisi	MQ
enisk	MQ
enisl	d<
enisn	9g
enisp	MQ
enist	KS
enit 	TJ
enit'	WG
enit)	QM
enit,	f:
enit.	MQ
enit:	LR
enita	HV
enitc	RL
enite	HV
eniti	QM
enitl	B]
enito	B]
enitr	YE
enits	QM
enitt	HV
enitu	RL
enity	^A
enium	]B
enius	EY
eniv	QM
eniva	A^
enive	UI
enivo	DZ
enix	WG
enix 	LR
enix,	KS
enix.	_@
enixe	ZD
enixt	LR
eniy	JT
eniya	FX
eniz	JT
enize	JT
enj.	XF
enj. 	XF
enja	RL
enjac	KS
enjam	VH
enjar	TJ
enje	IU
enjea	LR
enjec	HV
enji	^A
enjim	^A
enjo 	A^
enjoa	XF
enjoi	DZ
enjok	JT
enjor	^A
enjos	QM
enjoy	RL
enju	TJ
enjul	WG
enjun	IU
enjus	TJ
enk 	LR
enk -	MQ
enk 0	QM
enk a	VH
enk b	UI
enk d	C[
enk e	MQ
enk g	?a
enk h	VH
enk k	TJ
enk m	>b
enk n	^A
enk o	[C
enk p	=c
enk r	UI
enk s	XF
enk t	IU
enk u	RL
enk w	WG
enk y	@_
enk |	]B
enk £	a?
enk'	LR
enk'd	UI
enk's	A^
enk,	RL
enk, 	RL
enk-	ZD
enk-i	YE
enk.	HV
enk. 	JT
enk0	^A
enk0 	^A
enk:	JT
enk: 	JT
enk;	VH
enk; 	VH
enk?	@_
enk? 	@_
enk@	LR
enka	VH
enkaf	A^
enkan	ZD
enkd	RL
enkda	_@
enkdo	RL
enke	LR
enke 	QM
enked	IU
enkee	YE
enkei	LR
enkel	SK
enken	SK
enkep	DZ
enker	QM
enkes	MQ
enket	LR
enkev	SK
enkey	SK
enkf	MQ
enkfa	MQ
enkg	c=
enkg 	_@
enki	MQ
enki 	KS
enkid	DZ
enkin	LR
enkip	QM
enkir	SK
enkit	QM
enkl	JT
enkle	QM
enkly	?a
enkm	VH
enkm 	YE
enkne	GW
enkno	SK
enko	TJ
enkor	YE
enkr	RL
enks 	JT
enks,	WG
enks.	FX
enks;	WG
enks@	[C
enkse	VH
enksg	^A
enksh	RL
enku	C[
enkw	^A
enkwe	_@
enkwo	YE
enky	EY
enky 	VH
enky.	FX
enl &	VH
enl (	MQ
enl -	XF
enl b	WG
enl d	JT
enl e	g9
enl f	[C
enl h	EY
enl i	KS
enl k	XF
enl l	UI
enl m	IU
enl n	FX
enl o	JT
enl p	IU
enl s	;e
enl t	SK
enl u	YE
enl v	FX
enl w	GW
enl y	h8
enl |	UI
enl £	WG
enl –	MQ
enl"	VH
enl" 	]B
enl",	C[
enl'	QM
enl's	QM
enl)	RL
enl) 	RL
enl-	YE
enl-o	]B
enl.	SK
enl. 	SK
enl.e	JT
enl0	YE
enl0 	YE
enlab	SK
enlac	HV
enlad	XF
enlag	c=
enlai	YE
enlam	IU
enlan	QM
enlap	HV
enlar	FX
enlas	KS
enlat	JT
enlau	TJ
enlaw	HV
enlay	]B
enlb	UI
enlb 	YE
enlb,	YE
enlby	DZ
enlch	WG
enlcu	JT
enld	MQ
enld 	EY
enld,	WG
enld.	YE
enlde	WG
enldi	JT
enldn	FX
enldr	]B
enlds	b>
enle	RL
enle"	XF
enle'	LR
enle)	KS
enle,	QM
enle.	YE
enle;	WG
enlea	QM
enleb	FX
enlec	[C
enled	ZD
enlee	FX
enlef	LR
enleg	FX
enlei	UI
enlem	C[
enlen	DZ
enleo	QM
enler	MQ
enles	XF
enlet	GW
enlev	SK
enley	]B
enlf 	LR
enlf,	WG
enlf-	XF
enlf.	HV
enlga	ZD
enlh	MQ
enlha	XF
enlho	FX
enli 	HV
enlia	VH
enlic	RL
enlid	QM
enlie	HV
enlif	a?
enlig	XF
enlik	B]
enlil	FX
enlim	UI
enlip	JT
enlis	GW
enliv	MQ
enlk	EY
enlk 	QM
enlk,	TJ
enlk-	a?
enlk.	IU
enlke	@_
enlki	DZ
enlks	RL
enll 	GW
enll"	SK
enll'	^A
enll,	YE
enll-	ZD
enll.	MQ
enll;	SK
enlla	SK
enlle	VH
enllh	@_
enlli	LR
enllm	C[
enllo	KS
enllp	a?
enllw	QM
enlly	ZD
enlm	QM
enlm 	TJ
enlm,	YE
enlmo	A^
enlms	XF
enln	XF
enln,	YE
enln.	C[
enln0	VH
enlns	VH
enlnu	VH
enlo 	C[
enlo,	GW
enlo.	DZ
enlo@	^A
enloa	B]
enloc	VH
enlod	TJ
enlog	EY
enloi	]B
enlok	WG
enlol	TJ
enlom	TJ
enlon	_@
enloo	QM
enlop	LR
enlor	MQ
enlot	FX
enlou	LR
enlov	KS
enlow	QM
enlp	RL
enlp 	TJ
enlre	SK
enls	WG
enls,	RL
enls?	IU
enls@	_@
enlse	UI
enlsh	B]
enlso	b>
enlst	IU
enlt	VH
enlt 	_@
enlt.	FX
enltd	WG
enlte	FX
enltm	TJ
enlto	RL
enltr	WG
enltu	RL
enlu	[C
enlua	IU
enlud	TJ
enlue	UI
enlug	QM
enlui	A^
enlur	IU
enlus	c=
enlut	TJ
enlv	KS
enlve	LR
enlw	QM
enlwo	RL
enlwy	C[
enly	KS
enly 	RL
enly!	JT
enly)	JT
enly,	EY
enlyl	C[
enm 	MQ
enm "	TJ
enm $	d<
enm (	UI
enm 0	JT
enm a	QM
enm b	TJ
enm c	WG
enm d	QM
enm e	_@
enm f	JT
enm g	]B
enm h	KS
enm i	C[
enm k	GW
enm l	DZ
enm m	MQ
enm n	IU
enm o	TJ
enm p	ZD
enm r	UI
enm s	RL
enm t	<d
enm u	RL
enm v	VH
enm w	YE
enm y	IU
enm |	JT
enm £	q/
enm –	b>
enm €	SK
enm'	EY
enm's	EY
enm)	[C
enm,	IU
enm, 	IU
enm-	c=
enm-0	SK
enm.	MQ
enm. 	MQ
enm.e	b>
enm0	f:
enm0 	]B
enm;	a?
enm; 	a?
enma,	[C
enmae	?a
enmag	IU
enmai	MQ
enmak	RL
enmal	XF
enmap	?a
enmas	LR
enmat	SK
enmau	GW
enmax	WG
enmay	LR
enmb 	VH
enmbe	LR
enmbl	]B
enmbo	HV
enmbr	VH
enmbs	@_
enme	SK
enme"	IU
enme)	YE
enme,	^A
enme-	TJ
enme.	RL
enme:	IU
enmeb	UI
enmed	>b
enmee	MQ
enmel	FX
enmem	[C
enmen	]B
enmeo	VH
enmer	SK
enmes	MQ
enmet	KS
enmew	JT
enmi	GW
enmi 	RL
enmi,	IU
enmic	FX
enmig	<d
enmil	a?
enmin	>b
enmis	LR
enmit	JT
enmix	FX
enmm	C[
enmm,	SK
enmma	JT
enmme	MQ
enmmi	A^
enmn	MQ
enmne	WG
enmob	FX
enmod	RL
enmog	GW
enmok	ZD
enmol	WG
enmoo	TJ
enmos	[C
enmou	QM
enmp	QM
enmp 	TJ
enmpi	RL
enmpo	SK
enmps	e;
enmpu	RL
enmr	JT
enmr 	MQ
enmr.	SK
enmrs	>b
enms 	RL
enms,	c=
enmsi	JT
enmst	KS
enmu	KS
enmuc	TJ
enmud	]B
enmug	QM
enmum	A^
enmur	GW
enmus	KS
enmy	B]
enmy 	A^
enmy,	HV
enmys	QM
enn 	LR
enn $	e;
enn &	LR
enn (	TJ
enn -	@_
enn /	XF
enn a	VH
enn b	MQ
enn c	DZ
enn d	YE
enn e	EY
enn g	VH
enn h	TJ
enn i	JT
enn j	A^
enn k	B]
enn l	IU
enn m	XF
enn n	JT
enn o	IU
enn p	JT
enn q	@_
enn r	QM
enn s	SK
enn t	XF
enn u	IU
enn v	IU
enn w	[C
enn |	C[
enn £	ZD
enn –	TJ
enn"	FX
enn" 	IU
enn",	GW
enn's	UI
enn't	LR
enn)	DZ
enn) 	IU
enn).	RL
enn,	RL
enn, 	RL
enn-	IU
enn-l	FX
enn.	IU
enn. 	HV
enn.e	QM
enn/	MQ
enn0	_@
enn0 	[C
enn:	MQ
enn: 	MQ
enn;	SK
enn; 	SK
enn?	GW
enn? 	GW
enn@	^A
enn@t	WG
enna	LR
enna,	FX
ennab	XF
ennac	MQ
ennad	[C
ennag	_@
ennah	B]
ennai	LR
ennal	JT
ennam	C[
ennar	[C
ennas	^A
ennav	RL
ennb	]B
ennby	[C
ennc	RL
ennch	WG
enncl	TJ
ennco	^A
enncu	FX
enncy	DZ
ennd	QM
ennd 	TJ
ennd"	UI
ennd'	TJ
ennd-	FX
ennd.	SK
ennda	GW
enndf	XF
enndi	SK
enndl	GW
enndm	ZD
enndo	RL
enndp	KS
enndr	JT
ennds	VH
enndu	KS
enndw	GW
enndy	A^
enne	SK
enne 	SK
enne"	FX
enne'	GW
enne)	ZD
enne.	RL
enne:	RL
enne@	JT
ennea	=c
enned	YE
enneg	]B
ennel	HV
ennem	EY
ennen	i7
ennep	@_
enneq	B]
enner	VH
ennes	IU
ennet	VH
ennev	QM
ennew	HV
enney	JT
ennf	JT
ennfi	FX
ennfo	QM
ennfu	B]
enng!	EY
enng"	HV
enng)	QM
enng-	TJ
enng.	TJ
enng:	RL
enng;	QM
ennga	IU
enngf	[C
enngl	C[
enngr	YE
enngs	SK
enngt	DZ
enngu	HV
ennh	ZD
ennha	[C
enni	WG
enni 	EY
ennia	C[
ennic	SK
ennie	LR
ennig	]B
ennim	MQ
ennin	QM
ennio	a?
ennis	XF
ennit	[C
enniu	ZD
ennj	WG
ennk	C[
ennk 	IU
ennk.	FX
ennke	KS
ennki	A^
ennks	C[
ennl	KS
ennla	VH
ennle	IU
ennli	B]
ennlo	IU
ennm	LR
ennme	9g
ennmo	XF
ennn	VH
ennn 	JT
ennn.	ZD
ennna	QM
ennne	VH
ennni	KS
ennno	VH
ennnu	XF
ennny	RL
enno	HV
enno 	DZ
enno,	;e
enno.	^A
ennoa	[C
ennob	RL
ennoc	WG
ennoe	HV
ennoi	TJ
ennol	C[
ennot	KS
ennou	EY
ennov	C[
ennow	TJ
ennp	ZD
ennq	GW
ennqu	GW
ennri	WG
enns	SK
enns 	SK
enns"	QM
enns,	FX
enns.	LR
enns:	YE
ennsa	UI
ennsc	B]
ennse	MQ
ennsh	^A
ennsi	GW
ennsk	QM
ennsp	XF
ennst	GW
ennsu	ZD
ennt	KS
ennt 	FX
ennt,	VH
ennt.	TJ
ennt:	TJ
ennt?	DZ
ennte	FX
ennth	TJ
ennti	LR
enntl	LR
enntm	g9
enntr	UI
ennts	EY
ennty	TJ
ennu	IU
ennue	RL
ennum	C[
ennur	c=
ennus	HV
ennut	GW
ennv	HV
ennve	GW
ennvi	JT
ennvo	QM
ennw	DZ
ennw 	JT
ennwi	IU
enny	SK
enny,	RL
enny.	QM
ennyb	ZD
ennyo	a?
ennyt	EY
ennyw	KS
enn–f	KS
enn–t	UI
enn”	LR
enn” 	LR
eno "	WG
eno (	_@
eno 0	[C
eno a	JT
eno b	QM
eno d	LR
eno e	MQ
eno f	DZ
eno g	FX
eno h	FX
eno i	JT
eno j	;e
eno k	QM
eno l	KS
eno m	MQ
eno n	_@
eno o	C[
eno r	EY
eno s	TJ
eno t	VH
eno v	KS
eno y	VH
eno £	]B
eno –	;e
eno'	B]
eno's	B]
eno,	EY
eno, 	EY
eno-	UI
eno-b	[C
eno.	MQ
eno:	XF
eno: 	XF
eno?	DZ
eno? 	DZ
eno@	^A
eno@l	^A
eno@s	TJ
enoa	SK
enoac	TJ
enoad	EY
enoal	GW
enoan	[C
enoar	TJ
enoas	^A
enoat	FX
enob	HV
enob 	HV
enob,	RL
enoba	TJ
enobb	TJ
enobe	LR
enobi	C[
enobj	DZ
enobl	B]
enobo	RL
enobs	TJ
enobv	FX
enoc	a?
enoc 	MQ
enoca	d<
enocc	[C
enoce	QM
enoch	ZD
enoci	UI
enock	YE
enoct	SK
enod	QM
enod 	<d
enod,	RL
enod.	YE
enoda	SK
enodd	b>
enodi	FX
enods	WG
enodu	JT
enodw	VH
enody	TJ
enoe	LR
enoe 	SK
enoe.	A^
enoes	RL
enoev	ZD
enof	RL
enof.	C[
enofe	QM
enofs	VH
enoft	QM
enog	QM
enog 	MQ
enog,	]B
enog.	HV
enoge	LR
enogi	JT
enogo	B]
enogr	VH
enogs	MQ
enogu	LR
enoh	IU
enoh 	JT
enoi	HV
enoic	KS
enoif	FX
enoil	SK
enoir	LR
enois	ZD
enok 	LR
enok'	UI
enok,	EY
enok.	IU
enok:	HV
enoka	A^
enoki	VH
enoko	^A
enol	QM
enol 	MQ
enol,	JT
enold	LR
enole	b>
enoli	UI
enolk	WG
enolo	=c
enolt	MQ
enolv	JT
enoly	VH
enom	LR
enom 	KS
enom,	B]
enoma	IU
enomb	YE
enome	RL
enomi	HV
enomm	EY
enomp	LR
enoms	WG
enon 	KS
enon"	IU
enon'	B]
enon,	MQ
enon-	QM
enon.	JT
enon:	EY
enona	VH
enonc	YE
enone	TJ
enonf	@_
enong	YE
enoni	VH
enonk	ZD
enonn	HV
enono	B]
enons	A^
enont	QM
enonv	IU
enoo	VH
enoo 	f:
enood	JT
enoof	UI
enook	IU
enoom	TJ
enoon	GW
enoop	SK
enoor	UI
enoos	EY
enoot	KS
enop	RL
enop 	LR
enop,	EY
enop-	WG
enop.	a?
enope	TJ
enopo	<d
enopp	a?
enops	WG
enopy	FX
enor 	GW
enor)	[C
enor.	HV
enora	FX
enorc	KS
enord	JT
enore	TJ
enorf	KS
enorg	_@
enori	g9
enork	b>
enorm	HV
enoro	KS
enorp	EY
enorr	EY
enors	]B
enort	MQ
enorv	ZD
enorw	YE
enory	RL
enos	JT
enos,	HV
enos.	QM
enosg	LR
enosi	C[
enosp	MQ
enoss	IU
enost	KS
enot	HV
enot,	XF
enot.	SK
enota	A^
enotb	C[
enote	QM
enoti	@_
enoto	IU
enott	YE
enou 	UI
enou'	IU
enou,	QM
enou.	LR
enou:	GW
enou?	>b
enoub	VH
enouc	KS
enoud	HV
enoul	KS
enoun	QM
enour	IU
enous	SK
enout	MQ
enov	KS
enov 	VH
enova	UI
enove	GW
enovi	RL
enow	MQ
enow 	JT
enow)	QM
enow,	KS
enow.	KS
enow:	KS
enowa	EY
enowb	UI
enowd	MQ
enowi	9g
enown	UI
enowr	XF
enows	WG
enox	VH
enox 	a?
enox.	GW
enoxb	GW
enoxe	JT
enoxi	IU
enoy 	FX
enoyl	RL
enoys	a?
enoz	MQ
enoz 	[C
enoze	VH
enp (	MQ
enp /	VH
enp 0	QM
enp a	WG
enp b	TJ
enp c	MQ
enp d	IU
enp e	KS
enp f	LR
enp h	WG
enp i	LR
enp l	IU
enp m	HV
enp n	RL
enp o	RL
enp p	DZ
enp r	VH
enp s	VH
enp t	SK
enp u	IU
enp |	HV
enp £	YE
enp!	ZD
enp'	HV
enp's	HV
enp)	EY
enp) 	GW
enp,	VH
enp, 	VH
enp-	SK
enp-u	FX
enp. 	TJ
enp:	FX
enp: 	FX
enp;	UI
enp; 	UI
enpa 	KS
enpac	EY
enpad	[C
enpag	5k
enpai	VH
enpal	ZD
enpan	RL
enpap	B]
enpar	UI
enpas	A^
enpau	a?
enpay	KS
enpd	;e
enpda	B]
enpdf	>b
enpe	QM
enpe,	TJ
enpe.	JT
enpea	EY
enpec	KS
enpeg	b>
enpel	QM
enper	QM
enpes	[C
enpet	RL
enpew	[C
enph	GW
enph 	XF
enpha	GW
enphe	A^
enpho	FX
enphs	HV
enpia	RL
enpic	JT
enpie	KS
enpik	c=
enpil	TJ
enpin	GW
enpio	TJ
enpip	GW
enpl 	TJ
enpl0	VH
enpla	TJ
enpli	RL
enplo	ZD
enpls	JT
enplu	]B
enply	?a
enpm	ZD
enpm 	SK
enpm,	QM
enpm.	e;
enpm;	a?
enpo	VH
enpo 	^A
enpoi	d<
enpok	FX
enpol	UI
enpon	f:
enpoo	WG
enpop	=c
enpor	TJ
enpos	:f
enpot	RL
enpou	QM
enpp	YE
enpp 	WG
enpp.	YE
enppa	TJ
enppe	JT
enppi	QM
enppl	IU
enppo	XF
enppr	[C
enppy	]B
enpr	SK
enpra	IU
enpre	]B
enpri	C[
enpro	TJ
enpru	XF
enps	RL
enps 	RL
enps.	SK
enpse	DZ
enpst	VH
enpt	MQ
enpt 	JT
enpt,	IU
enpt.	SK
enpta	QM
enpte	VH
enpti	_@
enpu	MQ
enpul	XF
enpum	b>
enpun	B]
enpup	QM
enpur	b>
enpus	EY
enput	FX
enpw	UI
enpy	YE
enpy 	YE
enqt	UI
enqt 	ZD
enqu	KS
enqua	QM
enque	DZ
enqui	IU
enquo	QM
enqx	RL
enqx0	RL
enr 	UI
enr "	IU
enr &	XF
enr (	VH
enr a	_@
enr b	RL
enr c	HV
enr d	IU
enr e	MQ
enr f	TJ
enr g	XF
enr h	LR
enr i	VH
enr j	^A
enr k	b>
enr l	QM
enr m	MQ
enr o	RL
enr q	FX
enr s	TJ
enr t	SK
enr u	A^
enr v	DZ
enr w	GW
enr y	JT
enr |	EY
enr –	QM
enr!	DZ
enr! 	DZ
enr"	:f
enr" 	@_
enr".	IU
enr)	EY
enr) 	@_
enr),	QM
enr).	KS
enr,	RL
enr, 	RL
enr-	XF
enr-0	YE
enr-e	XF
enr-i	FX
enr.	HV
enr. 	JT
enr."	DZ
enr0	WG
enr0 	WG
enr:	LR
enr: 	LR
enr;	LR
enr; 	LR
enr?	TJ
enr? 	KS
enr@	SK
enra	[C
enra 	SK
enra,	FX
enra.	JT
enrab	^A
enrac	EY
enrad	VH
enraf	SK
enrag	XF
enrai	KS
enral	VH
enram	h8
enran	HV
enrap	XF
enras	a?
enrat	LR
enrau	XF
enrav	TJ
enraw	LR
enray	QM
enrb	UI
enrbe	UI
enrbi	UI
enrbo	RL
enrbr	UI
enrby	TJ
enrc	IU
enrca	^A
enrci	JT
enrco	A^
enrcu	@_
enrd	TJ
enrd'	DZ
enrd,	YE
enrd.	ZD
enrda	TJ
enrdb	LR
enrde	MQ
enrdl	^A
enrdo	QM
enrdr	WG
enrds	IU
enrdu	KS
enre 	SK
enre'	YE
enre-	^A
enre.	C[
enre?	IU
enre@	YE
enrea	HV
enrec	LR
enred	HV
enree	SK
enref	WG
enreg	EY
enreh	VH
enrek	JT
enrel	SK
enrem	KS
enren	SK
enrep	^A
enreq	GW
enrer	A^
enres	LR
enrev	HV
enrew	[C
enrey	LR
enrf	e;
enrf,	UI
enrfl	]B
enrga	UI
enrge	SK
enrgi	A^
enrgo	RL
enrgu	=c
enrh	HV
enrha	IU
enrhe	YE
enri	XF
enri 	]B
enri,	_@
enria	LR
enric	B]
enrid	QM
enrie	MQ
enrig	A^
enril	UI
enrim	]B
enrin	WG
enrio	KS
enrit	XF
enriz	EY
enrj	UI
enrjo	UI
enrk	UI
enrk 	LR
enrk,	GW
enrk.	TJ
enrk?	C[
enrkd	HV
enrke	FX
enrki	_@
enrks	UI
enrkw	]B
enrl	LR
enrl 	RL
enrla	TJ
enrle	SK
enrli	TJ
enrlo	VH
enrly	C[
enrm	SK
enrm 	KS
enrm,	UI
enrm.	[C
enrma	[C
enrmi	>b
enrmo	WG
enrms	]B
enrn	VH
enrn 	VH
enrn,	MQ
enrn.	_@
enrnb	VH
enrne	SK
enrni	GW
enrnm	TJ
enrno	>b
enrns	g9
enro	QM
enro 	SK
enroa	MQ
enrob	MQ
enroc	YE
enrod	JT
enrof	QM
enrog	^A
enrol	YE
enrom	JT
enroo	QM
enrop	RL
enror	A^
enros	A^
enrou	RL
enrov	VH
enroz	HV
enrp	i7
enrpe	b>
enrph	YE
enrpr	^A
enrps	TJ
enrq	@_
enrqu	@_
enrr	RL
enrr 	ZD
enrr,	]B
enrra	YE
enrre	KS
enrri	SK
enrry	FX
enrs	RL
enrs 	KS
enrs!	QM
enrs'	WG
enrs)	IU
enrs,	JT
enrs.	TJ
enrs:	QM
enrs?	HV
enrs@	YE
enrsa	TJ
enrsb	ZD
enrsd	TJ
enrse	UI
enrsh	RL
enrsi	DZ
enrso	LR
enrst	LR
enrt	RL
enrt 	GW
enrt,	VH
enrt.	KS
enrta	?a
enrte	[C
enrth	UI
enrti	IU
enrtl	XF
enrtn	EY
enrto	<d
enrts	h8
enrtu	QM
enru	QM
enru 	a?
enrua	IU
enruc	ZD
enrud	KS
enrue	RL
enrug	KS
enrui	TJ
enrul	B]
enrum	SK
enrus	B]
enrva	MQ
enrve	YE
enrvi	JT
enrw	[C
enrwa	d<
enrwe	EY
enrwi	]B
enrwo	LR
enry 	QM
enry'	A^
enry)	?a
enry-	SK
enry.	LR
enry:	[C
enry;	WG
enry@	YE
enryb	A^
enryc	YE
enryo	C[
enryt	YE
enryw	IU
ens 	QM
ens $	YE
ens &	EY
ens (	LR
ens +	[C
ens -	a?
ens 0	DZ
ens a	YE
ens b	MQ
ens c	QM
ens d	LR
ens e	KS
ens f	SK
ens g	VH
ens h	c=
ens i	LR
ens j	[C
ens k	VH
ens m	f:
ens n	TJ
ens o	GW
ens p	TJ
ens q	SK
ens r	FX
ens s	YE
ens t	JT
ens u	JT
ens v	TJ
ens w	TJ
ens y	HV
ens |	IU
ens £	TJ
ens ·	MQ
ens –	HV
ens €	VH
ens!	JT
ens! 	@_
ens"	TJ
ens" 	QM
ens'	RL
ens' 	SK
ens) 	FX
ens),	JT
ens).	ZD
ens,	RL
ens, 	RL
ens-	RL
ens.	MQ
ens. 	QM
ens.)	GW
ens.e	HV
ens:	_@
ens: 	_@
ens;	[C
ens; 	[C
ens?	:f
ens? 	9g
ens@	f:
ens@a	WG
ens@b	XF
ens@f	a?
ens@g	UI
ens@h	_@
ens@q	IU
ens@s	XF
ens@t	VH
ens@w	^A
ensa	IU
ensa 	@_
ensa,	_@
ensag	QM
ensai	KS
ensal	a?
ensam	UI
ensan	TJ
ensap	>b
ensar	MQ
ensas	JT
ensat	^A
ensav	FX
ensaw	_@
ensax	^A
ensay	9g
ensb	UI
ensba	C[
ensby	QM
ensc	VH
ensc 	]B
ensca	VH
ensch	SK
ensco	LR
enscu	?a
ensd	TJ
ensda	TJ
ense 	@_
ense,	JT
ense.	B]
ense:	ZD
ense?	B]
ensea	YE
ensec	IU
ensed	]B
enseh	f:
ensel	QM
ensen	IU
ensep	QM
enser	RL
enses	^A
enset	FX
enseu	ZD
ensev	RL
ensew	SK
ensg	TJ
ensgi	^A
ensgr	LR
ensh 	MQ
ensh'	KS
ensh,	FX
ensh.	>b
ensha	VH
enshe	JT
enshi	QM
enshl	LR
enshm	KS
enshr	GW
enshu	SK
ensi	JT
ensib	EY
ensic	VH
ensid	YE
ensie	EY
ensig	WG
ensil	KS
ensim	JT
ensio	GW
ensir	;e
ensis	JT
ensit	QM
ensiv	EY
ensix	SK
ensiz	LR
ensk	LR
ensk 	JT
ensk,	WG
ensk.	UI
ensk0	YE
enske	RL
ensks	C[
ensky	B]
ensl	SK
ensla	VH
enslo	a?
enslu	A^
ensly	FX
ensm	WG
ensma	WG
ensme	WG
ensmi	LR
ensmo	ZD
ensn	IU
ensn'	IU
ensna	UI
ensne	JT
ensno	SK
enso	JT
enso 	MQ
enso.	SK
ensob	FX
ensoc	XF
ensof	LR
ensoi	TJ
ensol	UI
ensom	JT
enson	KS
ensoo	YE
ensor	B]
ensou	JT
enspe	DZ
enspi	MQ
enspl	g9
enspo	_@
enspr	MQ
ensps	MQ
enspu	XF
ensq	]B
ensqu	[C
ensr	HV
enss	MQ
enss 	KS
enss,	LR
enss:	HV
enssa	XF
ensse	XF
enssi	IU
enssl	GW
ensso	TJ
enssu	VH
enssw	;e
enst	WG
enst 	MQ
enst,	9g
enst-	DZ
enst.	]B
enst:	QM
enst;	HV
ensta	SK
enste	UI
ensti	JT
enstl	[C
enstm	LR
ensto	YE
enstr	VH
ensts	C[
enstu	@_
ensty	[C
ensu	VH
ensua	XF
ensub	MQ
ensue	ZD
ensui	]B
ensun	QM
ensup	A^
ensur	XF
ensw	IU
enswe	GW
enswo	B]
ensy	MQ
ensyc	KS
ent 	FX
ent "	ZD
ent &	c=
ent (	FX
ent 0	LR
ent b	JT
ent c	QM
ent d	KS
ent e	KS
ent f	RL
ent g	FX
ent i	JT
ent l	JT
ent m	HV
ent n	LR
ent o	QM
ent p	@_
ent q	A^
ent r	B]
ent s	SK
ent t	MQ
ent u	EY
ent v	EY
ent |	QM
ent £	FX
ent ·	KS
ent –	_@
ent €	VH
ent!	A^
ent! 	A^
ent"	EY
ent" 	IU
ent'	QM
ent's	QM
ent)	LR
ent) 	IU
ent),	WG
ent).	MQ
ent,	TJ
ent, 	UI
ent-	GW
ent-o	MQ
ent-s	KS
ent.	KS
ent. 	LR
ent.)	A^
ent.e	c=
ent0	FX
ent;	GW
ent; 	GW
ent?	B]
ent? 	B]
ent@	WG
enta	MQ
enta 	ZD
enta,	IU
entab	B]
entac	B]
entai	GW
entak	XF
ental	?a
entan	QM
entap	A^
entar	SK
entas	KS
entat	SK
entax	WG
entay	KS
entb	A^
entbc	GW
entc	RL
entch	RL
entd	UI
entd 	VH
entd,	TJ
entd.	LR
ente 	LR
ente)	UI
ente,	@_
ente.	GW
ente:	?a
ente?	FX
entea	XF
entec	ZD
entel	SK
entem	RL
entep	RL
enter	QM
entes	JT
entev	A^
entex	WG
enth	MQ
enth'	HV
enth,	QM
enth.	LR
entha	KS
enthe	QM
enthf	FX
enthi	FX
enthl	XF
entho	[C
enthr	UI
enths	TJ
enthu	UI
enthw	JT
enti	SK
entia	@_
entic	QM
entie	XF
entif	QM
entig	@_
entil	HV
entim	QM
entin	TJ
entip	^A
entiq	SK
entis	IU
entit	JT
entiv	WG
entle	QM
entlo	QM
ently	UI
entm	UI
entme	YE
entn	RL
entne	]B
entni	[C
ento	JT
ento 	RL
ento,	EY
ento.	RL
entoc	FX
entod	YE
entog	RL
entoi	QM
entok	MQ
entol	;e
entom	FX
enton	IU
entos	FX
entov	[C
entow	^A
entoy	C[
entp	VH
entra	SK
entre	[C
entri	HV
entro	KS
entry	LR
ents	SK
ents 	TJ
ents)	IU
ents,	RL
ents;	WG
ents?	@_
ents@	YE
entse	FX
entsi	VH
entsm	^A
entt	RL
entt 	WG
entt,	MQ
entt.	WG
entte	MQ
entti	o1
enttl	KS
entto	=c
enttr	MQ
entty	JT
entu	LR
entua	WG
entuc	=c
entud	MQ
entue	TJ
entuf	IU
entum	VH
entun	SK
entur	IU
entut	TJ
entw	QM
entwo	UI
enty	VH
enty 	UI
enty,	a?
enty-	[C
enty.	YE
entyp	C[
enu 	VH
enu 0	ZD
enu b	RL
enu c	YE
enu d	TJ
enu f	FX
enu g	SK
enu h	RL
enu i	B]
enu k	YE
enu l	b>
enu m	SK
enu o	JT
enu p	]B
enu r	WG
enu t	GW
enu w	a?
enu'	IU
enu'd	UI
enu'l	FX
enu'r	EY
enu.	IU
enu. 	LR
enu.”	IU
enu:	GW
enu: 	GW
enu?	>b
enu? 	>b
enua	WG
enuad	B]
enuag	JT
enual	^A
enuan	GW
enuar	]B
enuat	IU
enuay	EY
enub	RL
enub 	LR
enub-	FX
enubl	WG
enubr	RL
enubs	_@
enuc	FX
enuch	LR
enuck	HV
enud	EY
enud 	TJ
enudd	QM
enude	FX
enudg	?a
enudh	IU
enudi	LR
enudm	d<
enue 	UI
enue,	?a
enue.	XF
enueb	]B
enued	B]
enuee	WG
enuen	MQ
enues	HV
enug	SK
enug 	c=
enuga	RL
enugg	B]
enugh	MQ
enugu	TJ
enuh	VH
enuhr	XF
enui	MQ
enuic	C[
enuid	QM
enuie	DZ
enuil	_@
enuin	>b
enuir	LR
enuk	XF
enul 	=c
enul.	]B
enula	]B
enuld	GW
enule	DZ
enulg	JT
enull	RL
enuls	VH
enult	UI
enuly	SK
enum	HV
enum 	QM
enum'	FX
enum,	IU
enumb	DZ
enume	WG
enumn	GW
enump	_@
enums	FX
enun	WG
enung	b>
enuni	XF
enunl	GW
enunm	MQ
enunn	FX
enuns	JT
enuo	QM
enuot	TJ
enup	MQ
enup 	SK
enup,	UI
enup.	RL
enupd	B]
enuph	WG
enupi	JT
enupl	C[
enupp	KS
enur	RL
enur 	TJ
enur,	RL
enur-	SK
enur.	]B
enura	DZ
enurb	VH
enurc	MQ
enure	IU
enurg	DZ
enuri	JT
enurl	QM
enurn	WG
enurp	]B
enurr	DZ
enurs	>b
enurt	ZD
enurv	^A
enury	^A
enus	MQ
enus 	IU
enus"	C[
enus,	HV
enus.	WG
enus;	TJ
enusa	RL
enusb	C[
enusc	ZD
enuse	UI
enusi	MQ
enusk	XF
enusl	FX
enuss	;e
enust	DZ
enusu	YE
enut,	EY
enut-	HV
enut.	JT
enute	KS
enuti	JT
enutl	^A
enuto	SK
enutt	UI
enutu	IU
enuy 	]B
enuya	GW
enuye	<d
enuz	MQ
env 	TJ
env a	VH
env c	WG
env t	MQ
env,	IU
env, 	IU
env0	MQ
enva	RL
enva 	GW
envac	RL
enval	>b
envan	VH
envar	MQ
envat	h8
envd	QM
envd 	QM
enve	IU
enve 	KS
enve"	GW
enve,	SK
enve.	[C
envec	KS
envel	RL
envem	=c
enven	A^
enver	RL
enves	TJ
envey	TJ
envi	JT
envic	RL
envid	LR
envie	EY
envil	SK
envin	EY
envio	FX
envit	IU
envo	C[
envoi	KS
envol	TJ
envor	MQ
envos	LR
envu	JT
envul	JT
envy	EY
envy 	EY
enw 0	XF
enw a	FX
enw b	RL
enw c	b>
enw d	UI
enw e	VH
enw f	QM
enw g	ZD
enw h	EY
enw i	UI
enw l	YE
enw m	7i
enw n	@_
enw o	d<
enw p	FX
enw r	GW
enw s	^A
enw t	>b
enw w	QM
enw y	LR
enw'	SK
enw's	SK
enw)	VH
enw) 	WG
enw,	JT
enw, 	JT
enw.	IU
enw. 	IU
enw.e	ZD
enw/	JT
enw/ 	HV
enw0	UI
enw0 	TJ
enw:	KS
enw: 	KS
enw@	FX
enwa	IU
enwag	YE
enwai	TJ
enwal	XF
enwan	GW
enwap	LR
enwar	EY
enwas	HV
enwat	SK
enway	LR
enwb	UI
enwby	UI
enwc	MQ
enwd	EY
enwda	FX
enwe	WG
enwe 	[C
enwe'	QM
enwe.	]B
enwea	TJ
enweb	;e
enwei	IU
enwel	QM
enwen	FX
enwer	GW
enwes	>b
enwet	ZD
enwex	WG
enwf	[C
enwh	LR
enwha	FX
enwhe	TJ
enwhi	FX
enwho	SK
enwhy	VH
enwi 	YE
enwic	YE
enwid	]B
enwif	C[
enwim	SK
enwin	DZ
enwir	HV
enwis	JT
enwit	SK
enwk	SK
enwk 	ZD
enwks	RL
enwl	WG
enwl 	ZD
enwls	YE
enwm	YE
enwmi	VH
enwn 	UI
enwn,	VH
enwn.	;e
enwne	TJ
enwnl	A^
enwns	HV
enwo	MQ
enwo 	[C
enwo,	[C
enwo-	UI
enwo.	@_
enwob	GW
enwom	WG
enwon	GW
enwor	QM
enwou	DZ
enwra	^A
enwre	JT
enwro	MQ
enws	TJ
enws 	^A
enws.	=c
enwsp	FX
enww	GW
enww.	GW
enwww	GW
enwy	UI
enwye	[C
enx 	MQ
enx 0	IU
enx a	]B
enx b	VH
enx f	a?
enx i	YE
enx o	FX
enx r	UI
enx t	MQ
enx |	UI
enx,	GW
enx, 	GW
enx.	VH
enx. 	VH
enx0 	VH
enx00	FX
enx@	HV
enxa	YE
enxac	RL
enxam	XF
enxb	]B
enxbl	GW
enxby	^A
enxce	JT
enxch	[C
enxe	]B
enxed	TJ
enxes	EY
enxis	]B
enxl	UI
enxle	QM
enxm	IU
enxma	KS
enxt	LR
enxt 	SK
enxtr	JT
enxty	MQ
enxx	ZD
eny 	RL
eny "	QM
eny &	XF
eny '	FX
eny (	LR
eny 0	f:
eny a	EY
eny b	SK
eny c	MQ
eny f	JT
eny g	LR
eny h	^A
eny i	RL
eny j	GW
eny k	KS
eny l	VH
eny m	GW
eny o	LR
eny p	SK
eny q	TJ
eny r	TJ
eny s	SK
eny t	SK
eny u	C[
eny v	XF
eny w	KS
eny y	DZ
eny £	d<
eny –	RL
eny!	C[
eny!!	C[
eny"	DZ
eny" 	GW
eny'	HV
eny'r	YE
eny's	>b
eny'v	@_
eny)	DZ
eny) 	JT
eny),	?a
eny).	UI
eny,	KS
eny, 	KS
eny-	XF
eny-o	VH
eny.	KS
eny. 	JT
eny.e	_@
eny0	WG
eny;	SK
eny; 	SK
eny?	HV
eny? 	HV
eny@	YE
enya	GW
enya 	DZ
enya,	FX
enyan	DZ
enyb	LR
enybe	>b
enybo	QM
enyc	ZD
enyce	YE
enych	MQ
enycl	XF
enyd	GW
enye	VH
enye 	SK
enyea	WG
enyel	8h
enyer	QM
enyes	WG
enyi	ZD
enyin	ZD
enyl	JT
enyla	RL
enyle	DZ
enyli	VH
enym	TJ
enyma	YE
enyme	A^
enyn	LR
enyn 	SK
enyo 	XF
enyor	b>
enyou	MQ
enyp	DZ
enype	DZ
enypi	@_
enyr	TJ
enyr 	YE
enyr,	UI
enyre	KS
enyrs	c=
enys	UI
enys 	KS
enys,	XF
enys.	KS
enys:	UI
enys;	VH
enyse	QM
enyst	d<
enyt	MQ
enyth	MQ
enyv	DZ
enywh	KS
enywi	[C
enyy	IU
enyy 	IU
enz,	GW
enz, 	GW
enze	RL
enze,	IU
enzel	WG
enzen	VH
enzer	VH
enzy	LR
enzz	KS
en| 	KS
en| -	ZD
en| 0	SK
en| a	VH
en| b	WG
en| c	ZD
en| d	JT
en| f	EY
en| g	HV
en| h	TJ
en| i	LR
en| k	XF
en| l	IU
en| m	UI
en| n	a?
en| o	B]
en| p	KS
en| r	e;
en| s	SK
en| t	SK
en| u	GW
en| w	ZD
en| y	WG
en| |	IU
en| £	c=
en~ 	UI
en~~	UI
en~~ 	UI
en£0	UI
en£0 	XF
en£0,	RL
en£0.	VH
en£00	QM
en£0m	_@
en© 	C[
en· 	B]
en· 0	HV
en· c	WG
en· f	QM
en· p	HV
en· w	C[
en– a	WG
en– c	HV
en– d	EY
en– f	IU
en– h	GW
en– l	FX
en– m	IU
en– n	DZ
en– p	GW
en– s	QM
en– t	XF
en–0	XF
en–0 	KS
en–0,	[C
en–00	g9
en–f	KS
en–fr	KS
en–t	UI
en–th	UI
en“b	LR
en“bu	LR
en“h	HV
en“he	HV
en“t	HV
en“th	HV
en“y	IU
en“yo	IU
en” (	LR
en€0	c=
en€00	_@
en★ 	MQ
en★ "	MQ
en★★	IU
en★★ 	MQ
en★★★	MQ
es "	FX
es "a	LR
es "m	DZ
es "p	EY
es "s	KS
es $	a?
es $ 	WG
es $0	^A
es %	VH
es % 	VH
es (	SK
es (b	MQ
es (d	SK
es (e	LR
es (g	JT
es (l	MQ
es (p	EY
es (s	TJ
es (v	MQ
es +	MQ
es + 	MQ
es -	GW
es ->	IU
es /	GW
es / 	GW
es 0	YE
es 0 	ZD
es 0,	QM
es 0.	ZD
es 00	VH
es @	WG
es a	QM
es a 	VH
es ab	WG
es ac	A^
es ad	QM
es af	KS
es ag	a?
es ah	LR
es ai	QM
es al	WG
es am	C[
es an	IU
es ap	UI
es aq	YE
es as	VH
es at	_@
es av	LR
es ay	C[
es az	FX
es añ	KS
es aú	FX
es b0	_@
es ba	UI
es be	LR
es bi	JT
es bl	JT
es bo	SK
es br	VH
es bu	FX
es c	SK
es c/	ZD
es ca	XF
es ch	YE
es ci	^A
es cl	KS
es co	HV
es cp	WG
es cr	LR
es có	HV
es da	MQ
es de	MQ
es di	KS
es do	WG
es du	XF
es dí	SK
es dó	DZ
es e 	QM
es ed	KS
es em	TJ
es er	UI
es es	GW
es eu	TJ
es ev	EY
es ex	KS
es f	SK
es fe	SK
es fi	b>
es fl	IU
es fo	FX
es fr	GW
es fu	QM
es g0	SK
es ge	JT
es go	MQ
es gr	IU
es gu	MQ
es h	FX
es h.	IU
es ha	HV
es hi	RL
es ho	C[
es hu	ZD
es i	QM
es ig	KS
es im	TJ
es in	LR
es iv	[C
es j	SK
es jo	?a
es ju	UI
es jó	IU
es k	SK
es ki	RL
es km	WG
es l	LR
es l-	WG
es la	JT
es le	IU
es li	KS
es ll	UI
es lu	LR
es lí	JT
es m	KS
es mo	JT
es má	QM
es mí	LR
es mó	KS
es mú	KS
es n	DZ
es n.	TJ
es na	QM
es ni	IU
es no	C[
es nu	TJ
es nú	GW
es o 	JT
es ob	LR
es oc	ZD
es of	IU
es oj	HV
es ol	TJ
es on	KS
es op	B]
es p	JT
es p.	LR
es pe	JT
es po	MQ
es pá	FX
es q	EY
es qu	EY
es r	QM
es re	RL
es ri	TJ
es ru	LR
es rá	KS
es rí	KS
es s	UI
es s.	XF
es se	RL
es si	QM
es su	RL
es sá	WG
es sé	FX
es sí	UI
es t	RL
es ta	UI
es tf	SK
es ti	UI
es tl	QM
es to	RL
es tr	SK
es tu	A^
es u	KS
es un	GW
es ur	[C
es us	TJ
es v	JT
es va	LR
es ve	IU
es vi	UI
es vo	HV
es ví	IU
es w	C[
es we	GW
es x	QM
es y 	QM
es ya	LR
es yo	SK
es yu	MQ
es z	WG
es «	@_
es «e	KS
es «l	HV
es «u	IU
es é	LR
es ér	GW
es ó	GW
es ú	HV
es úl	HV
es “	VH
es €	YE
es € 	TJ
es €)	MQ
es €,	XF
es €.	[C
es €/	ZD
es €;	TJ
es! 	TJ
es" 	JT
es" s	MQ
es",	KS
es", 	KS
es".	DZ
es". 	DZ
es"a	LR
es"el	SK
es"m	DZ
es"p	EY
es"s	KS
es$ 	WG
es$ 0	WG
es$0	^A
es$0,	TJ
es$00	^A
es% 	[C
es% d	VH
es(0 	TJ
es(b	MQ
es(de	SK
es(e	LR
es(el	VH
es(en	JT
es(es	KS
es(g	JT
es(ge	JT
es(gr	RL
es(l	MQ
es(la	MQ
es(p	EY
es(pr	GW
es(s	TJ
es(se	RL
es(te	IU
es(v	MQ
es) 	GW
es) l	VH
es) y	MQ
es),	IU
es), 	IU
es+ 	MQ
es, "	TJ
es, 0	ZD
es, a	LR
es, b	QM
es, c	QM
es, d	ZD
es, e	SK
es, f	HV
es, g	KS
es, i	FX
es, j	GW
es, l	IU
es, m	TJ
es, n	A^
es, o	HV
es, p	[C
es, q	TJ
es, r	JT
es, s	RL
es, t	[C
es, u	QM
es, v	WG
es, y	TJ
es,0	HV
es,00	HV
es- 	IU
es-0	VH
es-00	UI
es->	IU
es-> 	IU
es-v	YE
es-v 	WG
es. 	RL
es. 0	XF
es. d	RL
es. e	MQ
es. p	LR
es. s	UI
es."	HV
es." 	HV
es.)	KS
es.) 	LR
es.0	c=
es.00	c=
es.d	GW
es.d.	GW
es.e	ZD
es.ex	^A
es.l	WG
es.l.	WG
es.p	TJ
es.p.	TJ
es.º	QM
es.º 	QM
es.»	IU
es.» 	IU
es/ 	IU
es/ 0	UI
es/k	IU
es/kg	SK
es0 	]B
es0 %	VH
es0 (	[C
es0 -	IU
es0 /	UI
es0 0	g9
es0 a	TJ
es0 c	UI
es0 d	SK
es0 h	KS
es0 k	XF
es0 l	b>
es0 m	]B
es0 n	^A
es0 s	_@
es0 t	JT
es0 v	XF
es0 y	KS
es0 €	YE
es0%	XF
es0% 	XF
es0)	UI
es0).	TJ
es0,	RL
es0, 	XF
es0,0	HV
es0-	YE
es0-0	UI
es0.	UI
es0. 	SK
es0.0	c=
es00	YE
es00 	XF
es00%	XF
es00)	UI
es00,	SK
es00-	YE
es00.	RL
es000	XF
es00:	MQ
es00;	UI
es00h	VH
es0:0	MQ
es0;	UI
es0; 	UI
es0h	VH
es: 	JT
es: "	GW
es: 0	QM
es: c	RL
es: p	TJ
es: «	HV
es:0	MQ
es:00	MQ
es; 	XF
es; a	QM
es; c	SK
es; d	SK
es; e	YE
es; l	RL
es; t	KS
es; y	LR
es> 	IU
es? 	GW
es@l	TJ
es@la	TJ
es@p	VH
es@pe	VH
es@r	TJ
es@re	SK
es@s	TJ
es@sa	TJ
es@t	WG
esa 	MQ
esa $	TJ
esa (	TJ
esa 0	VH
esa a	QM
esa b	GW
esa c	TJ
esa d	EY
esa e	TJ
esa f	MQ
esa g	EY
esa h	IU
esa i	IU
esa j	FX
esa l	QM
esa n	JT
esa o	JT
esa p	RL
esa q	IU
esa r	VH
esa s	UI
esa t	YE
esa u	C[
esa v	[C
esa w	GW
esa y	RL
esa |	HV
esa «	C[
esa é	GW
esa!	EY
esa"	MQ
esa)	HV
esa) 	HV
esa),	GW
esa).	UI
esa,	UI
esa, 	UI
esa.	UI
esa. 	TJ
esa.e	ZD
esa:	LR
esa: 	LR
esa;	XF
esa; 	XF
esa?	WG
esa? 	WG
esa@	]B
esa@r	VH
esaa	MQ
esab	SK
esaba	RL
esabe	TJ
esabi	WG
esabl	B]
esabr	LR
esabu	WG
esac	TJ
esace	_@
esaci	TJ
esact	C[
esacu	EY
esad	WG
esad 	UI
esada	RL
esade	TJ
esadi	YE
esado	RL
esadr	SK
esadu	MQ
esae	LR
esae 	MQ
esaer	YE
esaf	MQ
esafa	QM
esafi	MQ
esag	a?
esaga	YE
esage	KS
esago	^A
esagu	ZD
esah 	KS
esaho	UI
esaig	RL
esain	^A
esaja	JT
esaje	KS
esaji	TJ
esajo	UI
esal	MQ
esal 	VH
esal)	LR
esal,	GW
esal.	HV
esala	RL
esalb	[C
esalc	QM
esald	JT
esale	DZ
esalg	FX
esall	XF
esalm	VH
esalo	KS
esalt	WG
esalu	B]
esalv	FX
esama	LR
esamb	QM
esami	MQ
esamu	VH
esan 	LR
esan.	MQ
esand	FX
esane	XF
esang	FX
esani	TJ
esano	^A
esans	LR
esanu	YE
esanz	JT
esap	RL
esapa	FX
esape	FX
esapi	VH
esapp	JT
esapr	YE
esaq	TJ
esaqu	TJ
esar 	KS
esar,	VH
esarb	SK
esarc	]B
esard	XF
esare	SK
esarg	FX
esari	KS
esarj	_@
esarl	?a
esarm	LR
esarn	QM
esaro	?a
esarp	KS
esart	LR
esarí	>b
esas	IU
esas 	GW
esas,	WG
esas.	LR
esas:	VH
esasa	TJ
esasc	YE
esaso	YE
esass	UI
esast	B]
esasu	GW
esasí	GW
esat	UI
esate	EY
esati	_@
esato	QM
esatr	RL
esau	LR
esaur	WG
esav	WG
esava	[C
esave	YE
esavi	LR
esavo	JT
esaví	HV
esax	QM
esay	QM
esay 	QM
esaya	JT
esaye	WG
esayo	TJ
esayu	HV
esaz	GW
esaza	LR
esazo	KS
esazu	FX
esaí	RL
esañ	QM
esaña	WG
esañe	MQ
esaño	MQ
esaú	JT
esaún	FX
esb d	UI
esb,	MQ
esb, 	MQ
esb.	DZ
esb0	a?
esb00	_@
esb@	TJ
esba	XF
esba 	[C
esba.	LR
esbai	JT
esbaj	QM
esbal	B]
esban	VH
esbar	YE
esbat	DZ
esbe 	B]
esbec	UI
esbel	SK
esbem	GW
esben	MQ
esber	UI
esbet	LR
esbi	TJ
esbia	[C
esbic	QM
esbie	MQ
esbil	GW
esbin	VH
esbio	SK
esbir	GW
esbié	XF
esbió	FX
esbl	DZ
esbla	KS
esble	HV
esbli	FX
esblo	SK
esbo	LR
esbo 	HV
esbod	WG
esbog	IU
esbol	MQ
esbom	TJ
esbor	UI
esbr	LR
esbra	HV
esbue	HV
esbuj	JT
esbur	DZ
esbus	SK
esbv	LR
esbve	LR
esbáñ	MQ
esbó	SK
esbón	SK
esc 	KS
esc.	VH
esc/	ZD
esc/ 	ZD
esca 	FX
esca,	QM
esca.	UI
esca:	MQ
escab	SK
escad	TJ
escae	JT
escaj	JT
escal	XF
escan	JT
escap	KS
escat	JT
escc	HV
escci	HV
esce	VH
esce 	JT
esce.	XF
esced	UI
escei	SK
escem	_@
escen	TJ
escer	LR
esces	KS
esch	WG
escha	MQ
esche	[C
eschi	EY
escho	[C
escic	ZD
escid	B]
escie	TJ
escif	ZD
escim	XF
escin	TJ
escio	GW
escip	[C
escir	GW
escis	VH
escit	VH
escl	SK
escla	MQ
escli	KS
esclu	WG
esco)	XF
esco,	YE
esco.	FX
escob	KS
escoc	TJ
escog	QM
escol	LR
escop	KS
escos	XF
escot	QM
escp	WG
escp 	WG
escr	RL
escre	RL
esct	KS
escta	EY
escti	UI
escto	LR
esctr	ZD
esctu	EY
escuc	c=
escue	TJ
escul	YE
escuo	XF
escup	WG
escur	MQ
escuá	JT
escuñ	FX
escá	RL
escé	QM
escés	LR
escí	JT
escía	MQ
escó	LR
escóm	HV
esd 	SK
esd d	WG
esd.	C[
esd. 	DZ
esda 	MQ
esda,	WG
esda.	WG
esdad	[C
esdal	QM
esdan	IU
esdar	LR
esdas	UI
esdav	HV
esde,	MQ
esde.	DZ
esdeb	EY
esdec	QM
esded	VH
esdej	QM
esdel	GW
esdem	[C
esder	VH
esdes	QM
esdet	A^
esdev	VH
esdia	LR
esdib	MQ
esdic	KS
esdie	RL
esdij	QM
esdil	RL
esdim	UI
esdir	IU
esdit	HV
esdo	QM
esdo 	RL
esdo,	RL
esdo.	IU
esdob	TJ
esdol	^A
esdom	SK
esdon	JT
esdor	SK
esdoñ	MQ
esdr	UI
esdre	SK
esdri	TJ
esdu	UI
esdua	RL
esduc	EY
esdul	SK
esdur	WG
esdí	LR
esdí 	RL
esdó 	RL
esdón	DZ
ese 	MQ
ese "	JT
ese $	VH
ese (	MQ
ese 0	RL
ese b	JT
ese c	MQ
ese d	TJ
ese e	RL
ese f	TJ
ese g	FX
ese h	IU
ese i	VH
ese j	QM
ese l	KS
ese m	QM
ese n	QM
ese p	TJ
ese q	IU
ese r	RL
ese s	JT
ese t	IU
ese u	GW
ese v	RL
ese é	TJ
ese) 	ZD
ese,	UI
ese, 	UI
ese-	VH
ese.	SK
ese. 	TJ
ese.e	WG
ese:	EY
ese: 	EY
esea	MQ
esea 	QM
esead	HV
esean	IU
eseat	UI
eseb	FX
eseb 	IU
eseb,	HV
eseba	IU
esebe	A^
esebi	QM
esebl	WG
esebr	QM
esec	HV
eseca	SK
esecc	JT
esece	HV
esech	LR
eseci	HV
eseco	QM
esecr	UI
esect	TJ
esecu	FX
esecí	LR
esed	VH
esed 	TJ
eseda	C[
esede	YE
esedi	RL
esedo	UI
esedr	MQ
esee	C[
esef	HV
esega	SK
esegi	QM
esegl	WG
esegr	GW
esegu	@_
esegú	RL
eseh	XF
esei	_@
eseis	ZD
eseit	RL
esej	KS
esejo	GW
esel	QM
esel,	FX
esel.	_@
esela	[C
eselc	UI
esell	LR
eselo	VH
esels	IU
eselt	QM
eselv	MQ
esem	ZD
esema	MQ
esemb	RL
esemi	TJ
esemo	[C
esemá	UI
esen 	RL
esen,	HV
esen.	LR
esena	C[
esenc	MQ
esend	TJ
esene	WG
eseng	MQ
eseni	SK
esens	VH
esent	QM
esenv	WG
esení	LR
eseo	QM
eseo 	VH
eseo.	QM
esep	SK
esepa	LR
esepo	UI
esept	ZD
eseq	RL
esequ	RL
eser	RL
eser.	KS
eser@	RL
esera	TJ
eserc	GW
eserd	?a
esere	C[
eserg	LR
eseri	RL
eserl	MQ
eserm	RL
esern	TJ
esero	QM
eserr	WG
esers	KS
esert	QM
eserv	RL
eserz	SK
eserí	QM
eses	MQ
eses 	QM
eses,	HV
eses.	JT
eses:	KS
esesa	UI
esesc	YE
esesd	TJ
esese	RL
esesf	YE
esesi	LR
eseso	IU
esesp	GW
esesq	VH
esess	UI
esest	VH
eset	MQ
esete	b>
eseto	@_
esetr	JT
eseu	JT
eseun	HV
eseus	QM
esev	YE
eseva	XF
eseve	VH
esex	UI
esexa	^A
esext	GW
esey 	KS
esez	WG
esez.	VH
esezc	MQ
esezó	RL
eseí	VH
eseñ	UI
eseña	YE
eseño	JT
esf b	ZD
esf g	SK
esfa	TJ
esfa 	TJ
esfac	FX
esfad	QM
esfal	YE
esfav	JT
esfec	FX
esfer	TJ
esfi	VH
esfic	IU
esfid	YE
esfie	^A
esfil	MQ
esfin	FX
esfir	SK
esfl	IU
esflo	DZ
esfn	SK
esfno	SK
esfo	JT
esfon	MQ
esfor	QM
esfot	B]
esfr	EY
esfra	JT
esfre	IU
esfu	VH
esfue	@_
esfug	RL
esfum	YE
esfun	_@
esfur	KS
esfá	XF
esg,	QM
esg, 	QM
esg.	IU
esg. 	KS
esg0	SK
esg00	SK
esga	RL
esga 	FX
esga,	TJ
esga.	UI
esgad	MQ
esgal	C[
esgar	LR
esgas	SK
esgañ	GW
esgem	WG
esges	SK
esgi	MQ
esgin	A^
esgio	UI
esgis	SK
esgl	TJ
esgla	SK
esglé	EY
esgo	QM
esgo 	KS
esgon	RL
esgos	YE
esgr	GW
esgri	FX
esgro	HV
esgru	RL
esgu	KS
esgui	WG
esgun	DZ
esguo	MQ
esgur	KS
esgus	C[
esgú	RL
esgún	RL
esgü	RL
esgüe	RL
esh 	LR
esh y	MQ
esh,	SK
esh, 	SK
esh.	FX
esh. 	FX
esha	KS
esha 	B]
eshab	B]
eshac	b>
eshan	EY
eshar	TJ
eshas	?a
eshay	LR
eshe	RL
eshe.	IU
eshec	QM
eshen	XF
esher	SK
eshes	RL
eshi 	EY
eshid	XF
eshis	DZ
eshit	EY
eshiz	QM
esho	LR
esho 	ZD
esho,	LR
eshoj	QM
eshol	>b
eshom	XF
eshon	LR
eshor	UI
eshu	XF
eshua	RL
eshí	SK
esi a	SK
esi c	FX
esi d	MQ
esi e	MQ
esi h	UI
esi l	MQ
esi m	DZ
esi n	LR
esi q	GW
esi s	LR
esi t	TJ
esi u	RL
esi v	QM
esi,	IU
esi, 	IU
esia 	JT
esia,	SK
esia.	MQ
esiac	UI
esiad	QM
esial	JT
esian	JT
esiar	FX
esias	TJ
esiat	SK
esib	GW
esiba	DZ
esibi	A^
esibo	FX
esibu	QM
esibá	MQ
esic	MQ
esica	IU
esici	RL
esicl	ZD
esico	KS
esicu	SK
esid	SK
esida	TJ
eside	TJ
esidi	=c
esidr	[C
esie	RL
esie 	[C
esie.	KS
esied	KS
esieg	RL
esiem	IU
esien	UI
esier	JT
esies	UI
esiez	RL
esif	KS
esifi	IU
esiga	RL
esigo	KS
esigu	KS
esij	QM
esija	UI
esije	WG
esil	UI
esil 	TJ
esil.	HV
esila	LR
esile	TJ
esili	JT
esill	WG
esilo	ZD
esim	[C
esima	QM
esimb	XF
esimi	UI
esimo	_@
esimp	SK
esin	VH
esina	KS
esinc	XF
esind	TJ
esine	VH
esinf	LR
esing	SK
esini	SK
esino	QM
esint	XF
esinv	RL
esiné	LR
esio	UI
esio 	QM
esio)	TJ
esio,	MQ
esion	TJ
esios	A^
esip	YE
esipa	WG
esipc	SK
esipi	QM
esipo	RL
esiq	TJ
esiqu	TJ
esir.	JT
esir:	IU
esira	MQ
esire	RL
esirg	LR
esirm	SK
esiro	YE
esirv	GW
esis	RL
esis 	XF
esis,	RL
esis.	RL
esisa	WG
esisc	LR
esise	IU
esisi	JT
esism	QM
esiso	JT
esist	MQ
esit	MQ
esit 	LR
esita	KS
esite	KS
esiti	WG
esito	MQ
esitr	_@
esitu	EY
esiva	^A
esivo	HV
esivá	UI
esix	EY
esiz	QM
esiza	QM
esizo	QM
esiá	HV
esián	HV
esié	IU
esién	GW
esiér	RL
esiñ	SK
esiño	SK
esió	EY
esió.	JT
esió:	FX
esión	GW
esja	WG
esja 	XF
esja.	QM
esjab	WG
esjac	VH
esjad	KS
esjaj	JT
esjam	VH
esjar	UI
esjer	GW
esjes	ZD
esji	TJ
esjil	RL
esjo	JT
esjo 	GW
esjo,	HV
esjo.	UI
esjor	EY
esjos	GW
esju	RL
esjue	TJ
esjul	ZD
esjun	TJ
esjó	IU
esjóv	IU
eskg	SK
eskg,	SK
eski	JT
eskil	RL
eskm	IU
eskm 	IU
esl 	RL
esl (	YE
esl 0	RL
esl a	B]
esl b	JT
esl c	LR
esl d	RL
esl e	JT
esl f	JT
esl g	WG
esl h	JT
esl i	GW
esl j	RL
esl l	HV
esl o	WG
esl p	WG
esl q	EY
esl r	HV
esl s	MQ
esl t	RL
esl v	JT
esl y	UI
esl ú	KS
esl)	JT
esl,	EY
esl, 	EY
esl-	WG
esl-v	WG
esl.	MQ
esl. 	KS
esl:	JT
esl: 	JT
esla	KS
esla 	KS
esla,	JT
esla.	QM
esla@	YE
eslab	MQ
eslac	JT
eslad	QM
eslag	LR
eslal	TJ
eslam	MQ
eslar	RL
eslas	JT
eslat	MQ
eslav	]B
eslaz	LR
eslb	[C
eslba	]B
eslc	WG
eslca	MQ
eslco	WG
esld	QM
eslda	^A
eslde	LR
esldo	UI
esle	QM
esle 	QM
esle,	MQ
esle.	YE
eslea	C[
eslec	^A
esled	XF
esleg	KS
eslei	KS
eslem	MQ
eslen	FX
esleo	XF
esler	UI
esles	SK
eslet	DZ
eslev	WG
eslg	HV
eslga	EY
eslgu	QM
esli	JT
eslia	MQ
eslib	FX
eslic	MQ
eslid	JT
eslie	RL
eslim	UI
eslin	QM
eslio	VH
eslir	KS
eslis	IU
eslit	d<
esliv	JT
esliá	QM
esll	TJ
esll 	MQ
eslla	RL
eslle	[C
eslli	GW
esllo	JT
esllu	QM
eslm	UI
eslma	VH
eslme	SK
eslo,	MQ
eslo.	LR
eslob	KS
eslog	IU
esloj	RL
eslol	KS
eslom	XF
eslon	VH
eslor	GW
eslos	WG
esls	GW
esls 	FX
eslso	MQ
eslt	VH
eslta	WG
eslti	HV
eslto	SK
eslu	JT
eslub	UI
esluc	EY
eslud	>b
eslue	TJ
eslui	MQ
eslum	RL
eslun	LR
eslva	DZ
eslve	_@
eslá	UI
eslám	RL
esléc	MQ
esléf	QM
eslés	EY
eslí	HV
eslíg	UI
esló	ZD
esm 	JT
esm.	RL
esm. 	RL
esma 	QM
esma.	C[
esmac	WG
esmad	LR
esmai	LR
esmal	FX
esmam	MQ
esmap	FX
esmar	LR
esmat	[C
esmav	QM
esmay	TJ
esmañ	SK
esmb	QM
esmba	TJ
esmbi	XF
esme	IU
esme 	?a
esmed	[C
esmej	EY
esmes	^A
esmet	WG
esmi	RL
esmi 	QM
esmia	KS
esmic	IU
esmie	LR
esmig	YE
esmim	YE
esmin	SK
esmio	TJ
esmis	RL
esmié	WG
esmn	MQ
esmo	ZD
esmo 	GW
esmo.	ZD
esmod	GW
esmol	ZD
esmom	KS
esmon	UI
esmor	[C
esmos	XF
esmot	RL
esmp	XF
esmpa	KS
esmpe	UI
esmpi	MQ
esmpl	WG
esmpo	QM
esmpr	VH
esmu	TJ
esmuc	GW
esmud	WG
esmue	[C
esmuj	MQ
esmul	GW
esmuy	IU
esmás	MQ
esmát	JT
esmí	VH
esmí 	RL
esmín	UI
esmó	LR
esmóv	IU
esmú	KS
esmús	KS
esn (	WG
esn b	SK
esn c	VH
esn d	FX
esn e	LR
esn f	RL
esn g	VH
esn i	VH
esn j	XF
esn l	KS
esn m	DZ
esn n	HV
esn o	EY
esn p	TJ
esn q	RL
esn s	HV
esn t	LR
esn v	GW
esn.	TJ
esn. 	RL
esn.º	TJ
esn:	IU
esn: 	IU
esna	KS
esna)	LR
esna,	YE
esna.	FX
esna:	FX
esna@	UI
esnac	RL
esnal	FX
esnat	EY
esnav	WG
esnca	JT
esnce	JT
esnch	TJ
esnci	VH
esncl	UI
esnco	MQ
esndi	IU
esndo	FX
esndr	QM
esndí	QM
esndó	RL
esne	RL
esne 	TJ
esnea	WG
esnec	HV
esneg	JT
esnem	LR
esnen	JT
esner	[C
esnes	MQ
esnf	LR
esnfa	QM
esnfi	IU
esnfo	JT
esnfr	GW
esnfu	WG
esng	JT
esnga	GW
esngl	C[
esngu	YE
esni 	HV
esnia	FX
esnic	WG
esnid	UI
esnie	FX
esnil	QM
esnin	RL
esnio	YE
esnir	RL
esnis	VH
esnit	TJ
esniñ	A^
esnió	HV
esno 	IU
esno,	MQ
esno.	SK
esno?	GW
esnoc	EY
esnom	GW
esnot	VH
esns	TJ
esns 	SK
esnsa	TJ
esnsc	UI
esnst	TJ
esnt	MQ
esnt 	SK
esnt,	IU
esnta	MQ
esnte	LR
esnti	RL
esntu	QM
esntó	[C
esnu	TJ
esnue	XF
esnun	VH
esnur	HV
esnv	SK
esnve	RL
esnvi	XF
esnví	QM
esnz	LR
esnza	GW
esné	MQ
esnés	JT
esní	IU
esnía	FX
esnú	GW
esnúm	GW
eso 	HV
eso $	YE
eso (	HV
eso 0	ZD
eso a	^A
eso c	JT
eso d	MQ
eso f	KS
eso g	IU
eso h	RL
eso i	JT
eso l	UI
eso n	GW
eso o	VH
eso p	DZ
eso r	XF
eso s	QM
eso t	FX
eso u	LR
eso v	B]
eso y	LR
eso"	QM
eso" 	QM
eso) 	GW
eso,	KS
eso, 	KS
eso.e	TJ
eso.»	IU
eso;	RL
eso; 	RL
eso?	A^
eso? 	A^
esob	QM
esoba	RL
esobl	TJ
esobo	B]
esobr	FX
esoc	MQ
esoca	KS
esoch	]B
esoct	HV
esocu	SK
esoda	IU
esode	UI
esodi	IU
esodo	RL
esoe	TJ
esof	IU
esofe	GW
esofi	KS
esog	LR
esoga	VH
esogi	RL
esogo	B]
esoj	GW
esoja	QM
esojo	A^
esok	EY
esoki	EY
esol 	MQ
esola	KS
esold	YE
esole	UI
esoli	RL
esolm	UI
esolu	KS
esolv	SK
esolí	KS
esom	SK
esom 	KS
esoma	RL
esomb	IU
esome	GW
esomi	UI
esomo	QM
esomp	XF
esomá	KS
eson	IU
eson 	QM
esona	KS
esonc	FX
esond	DZ
esone	MQ
esonf	LR
esong	IU
esono	QM
esont	MQ
esonv	KS
esoop	TJ
esopa	RL
esope	TJ
esopi	JT
esopo	GW
esoq	GW
esoqu	GW
esor 	GW
esor,	KS
esor.	SK
esora	XF
esord	EY
esore	RL
esori	A^
esorm	EY
esorq	SK
esort	SK
esorí	UI
esos	UI
esos"	LR
esos)	QM
esos,	QM
esos.	TJ
esos?	EY
esos@	SK
esosa	MQ
esosi	WG
esoso	RL
esost	ZD
esos»	HV
esot	MQ
esot 	IU
esota	WG
esote	YE
esoti	QM
esoto	FX
esotr	KS
esotó	@_
esou	TJ
esour	QM
esov	QM
esova	EY
esove	QM
esoy 	RL
esoz	WG
esoza	[C
eso»	IU
eso».	FX
esoñ	RL
esoña	RL
esp 	YE
esp 0	ZD
esp. 	WG
esp.d	GW
espa	LR
espac	WG
espag	ZD
espal	FX
espar	IU
espat	JT
españ	SK
espc	SK
espci	SK
espe	MQ
espec	MQ
esped	JT
espel	C[
espen	FX
espeq	SK
esper	IU
espet	EY
espez	QM
espeñ	WG
espia	LR
espid	IU
espie	QM
espin	YE
espio	VH
espit	GW
espl	LR
espla	HV
esple	QM
espo 	VH
espo,	RL
espoc	EY
espod	TJ
espon	B]
espor	RL
espos	TJ
espp	JT
espr	RL
espra	ZD
espre	MQ
espri	SK
espt	UI
espti	WG
espu	MQ
espub	FX
espue	QM
espun	TJ
espué	JT
espá	JT
espág	A^
esq.	LR
esqu	IU
esque	IU
esqui	LR
esqué	HV
esquí	ZD
esr 	KS
esr 0	RL
esr a	LR
esr c	?a
esr d	VH
esr e	JT
esr f	HV
esr g	TJ
esr i	JT
esr l	JT
esr n	XF
esr o	KS
esr q	VH
esr s	IU
esr t	KS
esr u	LR
esr v	IU
esr y	LR
esr,	VH
esr, 	VH
esr:	GW
esr: 	GW
esr;	QM
esr; 	QM
esr@	RL
esra	QM
esra 	KS
esra,	SK
esra.	YE
esra:	LR
esrab	UI
esrac	JT
esrad	a?
esraf	QM
esrag	UI
esrai	RL
esraj	GW
esral	XF
esran	RL
esrar	EY
esras	TJ
esrat	ZD
esraz	C[
esrb	RL
esrbe	UI
esrc	UI
esrca	JT
esrce	]B
esrch	HV
esrco	]B
esrd	JT
esrda	SK
esrde	DZ
esrdí	GW
esrdó	IU
esre)	LR
esre.	IU
esrea	]B
esreb	SK
esrec	DZ
esred	^A
esrej	MQ
esrel	RL
esrem	KS
esren	VH
esreo	KS
esrer	XF
esres	SK
esret	TJ
esreu	HV
esreí	RL
esrf	RL
esrfe	@_
esrg	HV
esrga	HV
esrge	UI
esri	JT
esrib	EY
esrie	RL
esril	JT
esrim	TJ
esrin	QM
esrio	EY
esris	DZ
esrit	JT
esrió	SK
esrj	XF
esrja	WG
esrl	C[
esrle	EY
esrlo	FX
esrm	LR
esrma	YE
esrme	LR
esrmi	EY
esrmu	GW
esrmá	JT
esrn	UI
esrne	XF
esrno	MQ
esro)	IU
esro.	IU
esrob	MQ
esroc	IU
esrog	KS
esroj	EY
esrom	XF
esron	B]
esrop	QM
esros	LR
esrot	TJ
esrov	UI
esrp	KS
esrq	TJ
esrqu	TJ
esrr	TJ
esrra	TJ
esrre	YE
esrri	@_
esrro	MQ
esrs	SK
esrs 	MQ
esrsi	MQ
esrso	RL
esrt	QM
esrt 	MQ
esrta	QM
esrte	QM
esrtu	RL
esru	UI
esrub	^A
esrud	KS
esrue	KS
esrum	TJ
esrup	RL
esrut	LR
esrva	EY
esrve	RL
esrvi	WG
esry	MQ
esry 	SK
esrz	VH
esrza	YE
esráp	KS
esrás	IU
esré	MQ
esrí	QM
esríc	^A
esrío	[C
esró	RL
ess 	JT
ess (	QM
ess @	WG
ess a	ZD
ess b	]B
ess c	DZ
ess d	RL
ess e	YE
ess f	JT
ess g	KS
ess h	MQ
ess i	RL
ess j	UI
ess m	RL
ess n	B]
ess o	UI
ess q	A^
ess r	JT
ess s	MQ
ess t	KS
ess u	[C
ess v	SK
ess y	UI
ess “	VH
ess"	HV
ess".	DZ
ess) 	LR
ess),	MQ
ess).	XF
ess,	VH
ess, 	VH
ess. 	MQ
ess.e	XF
ess.l	WG
ess;	RL
ess; 	RL
ess?	EY
ess? 	EY
ess@	TJ
essa	VH
essa,	UI
essa.	YE
essad	;e
essaj	KS
essal	IU
essan	WG
essar	IU
essas	WG
essay	TJ
essc	XF
essco	WG
esscu	ZD
essd	VH
essde	TJ
esse	SK
esse 	RL
essea	RL
esseb	KS
essec	TJ
esseg	LR
essei	ZD
essel	MQ
essen	TJ
esseo	XF
essep	RL
esser	MQ
esset	KS
esseñ	HV
essf	YE
essfe	RL
essi	RL
essi 	TJ
essia	WG
essid	XF
essie	JT
essif	MQ
essig	LR
essil	b>
essim	FX
essin	LR
essir	GW
essis	KS
essit	QM
essió	EY
essm	QM
esso	QM
esso 	A^
esso,	LR
esso.	XF
essob	HV
essol	SK
essom	WG
esson	IU
essor	RL
essoy	QM
essp	FX
esspa	SK
esspe	HV
esspu	JT
essq	[C
essqu	[C
esss	UI
essse	XF
esst	SK
essta	SK
essto	JT
esstr	WG
esstu	ZD
esstá	HV
essté	KS
essua	UI
essub	KS
essue	SK
essun	GW
essup	QM
essus	VH
ess»	HV
ess».	JT
essá	WG
essáb	WG
essé	FX
essí	WG
essí 	KS
essí,	]B
essó	LR
essón	LR
est e	IU
est'	HV
est,	DZ
est, 	DZ
est.	LR
est. 	LR
esta 	MQ
esta)	GW
esta,	WG
esta.	LR
esta;	TJ
estab	QM
estac	MQ
estad	UI
estag	KS
estam	RL
estan	SK
estap	YE
estas	KS
estb	IU
este 	EY
este.	WG
estea	MQ
estej	IU
estel	TJ
estem	TJ
esten	JT
estep	TJ
ester	YE
estes	LR
estez	ZD
estf	SK
estfn	SK
esti	ZD
estic	GW
estie	YE
estif	KS
estig	RL
estil	_@
estim	SK
estin	QM
estio	TJ
estip	XF
estir	JT
estis	^A
estit	HV
estiv	UI
estiz	QM
estl	TJ
estla	TJ
esto	GW
esto,	LR
esto.	GW
estol	UI
estom	TJ
eston	UI
estor	RL
estos	@_
estoy	LR
estr	TJ
estra	RL
estre	QM
estri	YE
estro	SK
estru	TJ
estrá	QM
ests,	KS
estu	QM
estu 	JT
estub	HV
estur	QM
está	HV
está 	IU
estál	MQ
esté	FX
esté 	KS
estí	XF
estía	XF
estó	GW
estó 	JT
estón	LR
esu 	LR
esu c	LR
esu f	MQ
esu m	GW
esu.	DZ
esu. 	DZ
esua	RL
esua 	QM
esuad	[C
esual	JT
esuan	WG
esuas	RL
esuat	QM
esub	QM
esub 	UI
esub@	TJ
esubi	SK
esubl	FX
esubr	HV
esubv	LR
esuc	C[
esuca	JT
esuch	IU
esucí	EY
esud	LR
esuda	ZD
esudi	SK
esudo	?a
esue	RL
esue 	IU
esue,	WG
esueb	XF
esued	GW
esuel	YE
esuer	HV
esues	WG
esuet	GW
esuev	VH
esueñ	UI
esuf	MQ
esuid	WG
esuie	MQ
esuil	MQ
esuin	^A
esuir	VH
esuis	LR
esuit	IU
esuj	QM
esuja	QM
esuje	RL
esujo	MQ
esul	KS
esul 	FX
esula	IU
esuli	VH
esulo	VH
esult	VH
esum	[C
esume	WG
esun	KS
esun 	HV
esuna	TJ
esunc	VH
esund	TJ
esune	KS
esuni	RL
esuno	HV
esunt	HV
esuot	XF
esupi	LR
esupo	SK
esupu	QM
esur	LR
esur 	DZ
esura	QM
esure	WG
esurg	TJ
esuri	IU
esuro	TJ
esurs	TJ
esus	VH
esusa	VH
esuse	QM
esuso	UI
esust	GW
esut	KS
esuto	RL
esuv	KS
esuvi	IU
esuy	KS
esuy 	IU
esuyo	FX
esuz 	QM
esuá	MQ
esué	DZ
esué 	HV
esués	JT
esuí	ZD
esuí 	[C
esuí,	GW
esuít	IU
esuñ	FX
esuña	FX
esv 	]B
esv 0	WG
esv.	FX
esva	RL
esva 	WG
esva,	YE
esva.	LR
esvad	SK
esvai	IU
esval	RL
esvam	RL
esvan	GW
esvas	WG
esve	SK
esve 	XF
esvea	EY
esvel	UI
esvem	XF
esven	TJ
esver	C[
esves	ZD
esvez	XF
esvi	RL
esvia	JT
esvic	YE
esvid	LR
esvie	YE
esvir	RL
esvis	IU
esvit	JT
esviv	IU
esvo	MQ
esvo 	QM
esvol	VH
esvor	JT
esvos	IU
esvá	UI
esván	UI
esví	HV
esvía	HV
esvíd	IU
esvío	QM
eswe	B]
esweb	GW
esx 	JT
esxa	^A
esxam	^A
esxe	RL
esxo	TJ
esxt	JT
esy 0	MQ
esy b	JT
esy c	TJ
esy d	VH
esy e	JT
esy f	EY
esy g	JT
esy h	_@
esy i	GW
esy j	QM
esy l	XF
esy m	TJ
esy n	LR
esy o	YE
esy p	MQ
esy q	RL
esy s	XF
esy t	UI
esy v	EY
esy y	TJ
esy,	]B
esy, 	]B
esy.	XF
esy. 	XF
esya	KS
esya 	LR
esya,	KS
esye	TJ
esyer	FX
esyo,	WG
esyor	RL
esys	TJ
esyu	IU
esyun	HV
esz 	MQ
esz y	UI
esz,	MQ
esz, 	MQ
esz.	VH
esz. 	VH
esza	UI
esza,	LR
esza.	LR
eszac	TJ
eszan	TJ
eszar	FX
eszas	_@
eszc	MQ
eszca	C[
eszo 	KS
eszo,	FX
eszo.	WG
eszu	FX
eszul	FX
eszó	RL
eszó 	RL
es| l	QM
es«e	KS
es«el	KS
es«l	HV
es«u	IU
es«un	IU
esº 	SK
esº 0	UI
esº b	JT
es» 	GW
es»,	JT
es», 	JT
es».	HV
es». 	HV
esá 	FX
esá c	RL
esá e	IU
esá n	RL
esá p	A^
esáb	WG
esáb 	YE
esába	TJ
esác	TJ
eság	A^
esági	A^
esái	QM
esáis	QM
esál	MQ
esám	RL
esán	TJ
esánt	QM
esáp	FX
esápi	FX
esár	QM
esás	RL
esás.	GW
esásc	QM
esát	B]
esáti	B]
esáñ	MQ
esáñe	MQ
esé 	GW
esé t	GW
esé.	DZ
esé. 	DZ
eséc	MQ
eséct	MQ
eséf	QM
eséfo	QM
esél 	SK
esén	HV
esén 	SK
esér	GW
eséra	FX
esérc	WG
esés	EY
esés 	MQ
esés,	KS
esés.	JT
esí 	ZD
esí m	SK
esí n	WG
esí q	FX
esí s	VH
esí y	MQ
esí,	VH
esí, 	VH
esí.	GW
esía	QM
esía 	SK
esía,	@_
esía.	VH
esías	LR
esíc	YE
esíco	WG
esícu	UI
esíd	IU
esíde	IU
esíg	SK
esígo	UI
esío	HV
esío 	HV
esío,	[C
esíos	QM
esír	QM
esír 	QM
esís	LR
esís 	LR
esít	IU
esíta	IU
esíti	IU
esña	[C
esña 	UI
esña,	QM
esñan	SK
esñe	MQ
esñen	GW
esñez	MQ
esñi	MQ
esño	LR
esño 	MQ
esño,	VH
esñor	FX
esños	LR
esó 	RL
esó c	QM
esó e	JT
esó l	KS
esó m	]B
esó:	FX
esó: 	FX
esóm	QM
esómo	HV
esón	HV
esón 	HV
esón.	LR
esónd	DZ
esós	LR
esóv	EY
esóve	IU
esóvi	IU
esóx	JT
esóxi	JT
esúlt	HV
esúm	GW
esúme	GW
esún 	FX
esús	KS
esúsi	KS
esüe	RL
es€ 	TJ
es€ a	g9
es€ i	TJ
es€ l	YE
es€ m	RL
es€ p	RL
es€ y	RL
es€)	MQ
es€) 	RL
es€),	RL
es€,	XF
es€, 	XF
es€.	[C
es€. 	[C
es€/	ZD
es€/k	SK
es€;	TJ
es€; 	TJ
fr !	EY
fr ! 	EY
fr "	IU
fr "l	MQ
fr $	YE
fr $ 	YE
fr % 	KS
fr &	SK
fr & 	SK
fr (	IU
fr (0	IU
fr (a	DZ
fr (c	MQ
fr (d	XF
fr (e	JT
fr (j	QM
fr (o	MQ
fr (p	KS
fr (q	SK
fr (s	IU
fr (t	JT
fr (v	TJ
fr -	QM
fr - 	QM
fr -0	VH
fr /	]B
fr / 	WG
fr 0	_@
fr 0,	TJ
fr 00	_@
fr 0e	VH
fr 0h	VH
fr 0x	FX
fr 0z	SK
fr :	HV
fr : 	HV
fr ;	UI
fr ; 	UI
fr ?	@_
fr ? 	@_
fr ab	UI
fr af	TJ
fr al	LR
fr am	KS
fr an	YE
fr ao	e;
fr ap	KS
fr ar	KS
fr as	SK
fr at	QM
fr au	VH
fr av	MQ
fr b	EY
fr bc	UI
fr be	MQ
fr bi	GW
fr bl	A^
fr bo	QM
fr br	LR
fr bu	JT
fr bé	MQ
fr c	RL
fr ca	RL
fr ce	KS
fr ch	VH
fr ci	LR
fr cl	UI
fr co	UI
fr cr	MQ
fr cu	GW
fr cô	WG
fr d	SK
fr d'	QM
fr da	SK
fr de	TJ
fr di	MQ
fr dr	SK
fr du	QM
fr e	RL
fr ea	TJ
fr el	IU
fr en	JT
fr et	ZD
fr ex	GW
fr f	SK
fr fe	RL
fr fl	JT
fr fr	QM
fr fé	TJ
fr fê	MQ
fr g	JT
fr g0	SK
fr ga	>b
fr ge	JT
fr gr	SK
fr gs	LR
fr gu	LR
fr gé	ZD
fr h 	[C
fr h,	TJ
fr h.	YE
fr ha	JT
fr he	QM
fr hi	JT
fr hu	a?
fr hé	QM
fr i	KS
fr il	LR
fr in	JT
fr j'	JT
fr ja	VH
fr je	MQ
fr jo	SK
fr ju	SK
fr j’	KS
fr k	]B
fr ka	LR
fr ke	e;
fr ki	UI
fr km	YE
fr kr	RL
fr l	MQ
fr la	QM
fr le	KS
fr li	RL
fr lo	RL
fr lu	MQ
fr là	DZ
fr lé	SK
fr m	KS
fr m 	UI
fr m'	FX
fr m.	HV
fr ma	IU
fr me	MQ
fr mi	VH
fr ml	RL
fr mm	LR
fr mu	JT
fr mè	SK
fr mé	RL
fr mê	UI
fr m’	MQ
fr na	QM
fr ne	QM
fr ni	JT
fr nu	IU
fr n°	JT
fr o	TJ
fr ob	SK
fr oc	IU
fr od	YE
fr ok	TJ
fr om	MQ
fr on	VH
fr op	IU
fr or	HV
fr ou	LR
fr où	LR
fr p	HV
fr pa	LR
fr pe	QM
fr ph	FX
fr pi	VH
fr pl	IU
fr po	WG
fr pr	KS
fr pu	C[
fr pâ	LR
fr pè	RL
fr pé	LR
fr q	KS
fr qu	KS
fr ra	JT
fr rd	VH
fr ro	QM
fr s	QM
fr s'	SK
fr se	UI
fr si	KS
fr sl	EY
fr so	UI
fr st	QM
fr su	LR
fr sv	GW
fr sé	]B
fr s’	WG
fr t	QM
fr ta	[C
fr te	JT
fr th	DZ
fr ti	^A
fr to	VH
fr tr	TJ
fr tu	QM
fr té	HV
fr u	IU
fr un	HV
fr ur	VH
fr v	IU
fr va	SK
fr ve	A^
fr vi	YE
fr vo	GW
fr vé	KS
fr w	TJ
fr y	XF
fr y 	TJ
fr ye	RL
fr z	UI
fr za	UI
fr |	LR
fr | 	LR
fr «	GW
fr « 	GW
fr »	GW
fr » 	KS
fr »,	JT
fr ».	JT
fr à	QM
fr à 	QM
fr â	UI
fr ç	B]
fr ça	B]
fr éc	FX
fr él	TJ
fr év	VH
fr ê	C[
fr êt	C[
fr –	GW
fr – 	GW
fr —	LR
fr — 	LR
fr €	XF
fr € 	UI
fr €)	MQ
fr €,	]B
fr €.	ZD
fr €/	VH
fr! 	EY
fr!)	MQ
fr!),	MQ
fr" 	JT
fr"l	MQ
fr$ 	YE
fr% 	KS
fr& 	SK
fr& c	SK
fr'ab	WG
fr'ac	LR
fr'ai	MQ
fr'an	JT
fr'as	JT
fr'at	UI
fr'av	GW
fr'e	LR
fr'ea	LR
fr'en	C[
fr'es	MQ
fr'he	MQ
fr'hu	UI
fr'i	JT
fr'im	RL
fr'in	EY
fr'on	KS
fr'ou	MQ
fr'u	QM
fr'un	MQ
fr'é	RL
fr'éc	LR
fr'ég	RL
fr'éq	WG
fr(0	IU
fr(0 	TJ
fr(00	JT
fr(a	DZ
fr(c	MQ
fr(c'	LR
fr(co	SK
fr(d	XF
fr(da	WG
fr(e	JT
fr(el	JT
fr(j	QM
fr(l'	RL
fr(me	RL
fr(o	MQ
fr(on	MQ
fr(p	KS
fr(pr	MQ
fr(q	SK
fr(qu	SK
fr(s	IU
fr(t	JT
fr(v	TJ
fr) 	FX
fr) :	WG
fr) e	JT
fr) g	SK
fr),	QM
fr), 	QM
fr).	MQ
fr). 	MQ
fr, 	LR
fr, 0	WG
fr, a	QM
fr, b	RL
fr, c	QM
fr, d	QM
fr, e	WG
fr, g	]B
fr, h	TJ
fr, j	KS
fr, l	XF
fr, n	KS
fr, o	SK
fr, q	VH
fr, t	[C
fr, u	HV
fr, v	GW
fr, ç	UI
fr, é	LR
fr- 	QM
fr- l	MQ
fr-0	a?
fr-00	a?
fr-a	]B
fr-au	[C
fr-bo	RL
fr-co	TJ
fr-d	SK
fr-de	MQ
fr-du	VH
fr-e	^A
fr-f	RL
fr-fr	GW
fr-ha	ZD
fr-j	RL
fr-l	QM
fr-la	QM
fr-le	IU
fr-m	QM
fr-mi	VH
fr-mo	JT
fr-n	[C
fr-ne	XF
fr-o	SK
fr-or	]B
fr-p	RL
fr-pa	B]
fr-s	SK
fr-sa	UI
fr-v	YE
fr-ve	XF
fr-vi	WG
fr-vo	UI
fr-ê	GW
fr-êt	GW
fr. 	JT
fr. 0	KS
fr. c	LR
fr. d	JT
fr. m	SK
fr. v	KS
fr. »	LR
fr.0	UI
fr.00	UI
fr.e	VH
fr.ex	VH
fr/ 	WG
fr/ 0	VH
fr/0	JT
fr/00	JT
fr0 	[C
fr0 $	YE
fr0 (	LR
fr0 /	]B
fr0 :	GW
fr0 ;	XF
fr0 a	RL
fr0 b	[C
fr0 c	YE
fr0 d	SK
fr0 h	[C
fr0 i	C[
fr0 j	ZD
fr0 k	SK
fr0 l	YE
fr0 o	IU
fr0 p	QM
fr0 r	WG
fr0 t	UI
fr0 v	UI
fr0 |	EY
fr0 €	XF
fr0)	TJ
fr0, 	SK
fr0-	ZD
fr0-0	ZD
fr0.	^A
fr0. 	]B
fr0.0	UI
fr0/	GW
fr0/0	GW
fr00	^A
fr00 	[C
fr00)	TJ
fr00-	ZD
fr00.	]B
fr00/	GW
fr000	^A
fr00h	UI
fr0e	VH
fr0er	VH
fr0h	UI
fr0h 	^A
fr0h,	XF
fr0h-	ZD
fr0h.	TJ
fr0x	JT
fr0x 	QM
fr0z	SK
fr0z0	SK
fr: 	HV
fr: b	VH
fr: c	SK
fr: l	JT
fr: n	HV
fr: «	IU
fr; 	WG
fr; a	ZD
fr; c	SK
fr? 	9g
fr@b	WG
fr@bo	VH
fr@c	MQ
fr@g	XF
fr@gr	VH
fr@v	FX
fra 	GW
fra 0	MQ
fra a	JT
fra b	QM
fra c	LR
fra d	FX
fra e	EY
fra g	MQ
fra h	SK
fra p	SK
fra q	QM
fra r	JT
fra s	KS
fra v	VH
fra à	GW
fra é	A^
fra)	RL
fra) 	RL
fra,	JT
fra, 	JT
fra.	QM
fra. 	QM
frab	RL
fraba	UI
frabe	RL
frabl	JT
frabr	XF
frabs	JT
frac	RL
frac 	RL
frace	RL
frach	FX
fracl	HV
fraco	C[
fract	FX
fracé	SK
frad	QM
frada	KS
fradh	WG
frado	FX
fradr	MQ
fradu	WG
fradè	SK
fraf	TJ
fraff	TJ
fraga	SK
frage	MQ
fragn	RL
frah	RL
frai	KS
frai 	QM
fraie	UI
fraig	UI
fraim	FX
frain	VH
frair	MQ
frais	HV
frait	QM
fral	LR
fral 	QM
fral.	QM
frala	[C
frale	IU
frall	KS
fram	[C
frama	LR
framb	QM
frame	_@
framo	XF
framp	WG
fran	VH
fran,	YE
fran-	LR
fran.	XF
frand	SK
frane	TJ
frang	JT
frani	UI
frann	TJ
frano	ZD
franq	GW
frans	RL
frant	RL
franv	YE
franç	VH
frao	f:
fraoû	_@
frape	VH
frapo	KS
frapp	KS
frapr	LR
fraq	YE
fraqu	YE
frar	UI
frar 	IU
frar.	TJ
frarc	MQ
frard	LR
frare	^A
frarg	QM
frari	QM
frark	KS
frarl	EY
fraro	TJ
frarr	SK
frars	JT
fras	MQ
fras 	KS
fras,	SK
fras.	<d
frasi	SK
frass	QM
frast	RL
frat	]B
frat 	TJ
frat.	TJ
frate	WG
frath	UI
frato	SK
fratr	ZD
fratt	QM
fratu	UI
frau 	QM
frau,	IU
frau-	TJ
frau.	RL
frau@	ZD
fraub	VH
fraud	FX
fraug	QM
fraul	JT
fraur	VH
fraus	MQ
fraux	QM
frav	VH
frava	SK
frave	RL
fravi	QM
fravo	WG
fravr	RL
frax	HV
fraxe	_@
fraxi	HV
fray	QM
frayo	TJ
fraz	GW
fraî	LR
fraîn	QM
fraît	GW
frb 	XF
frb d	XF
frb p	TJ
frba	UI
frbai	SK
frbat	[C
frbc	UI
frbce	UI
frbe	VH
frbea	HV
frbec	SK
frbel	QM
frber	TJ
frbi	IU
frbie	JT
frbit	MQ
frbj	TJ
frbje	TJ
frbl	FX
frbla	GW
frble	A^
frblo	LR
frboi	UI
frbon	A^
frbor	ZD
frbot	MQ
frbou	WG
frboî	WG
frbr	QM
frbra	VH
frbre	JT
frbri	UI
frbru	KS
frbs	GW
frbse	HV
frbt	YE
frbte	YE
frbu	IU
frbud	KS
frbur	MQ
frbv	GW
frbve	GW
frbé.	QM
frbén	MQ
frc 	RL
frc d	VH
frc j	RL
frc l	C[
frc m	IU
frc o	DZ
frc p	FX
frc s	RL
frc t	VH
frc'	MQ
frc'e	LR
frc'é	RL
frc,	KS
frc, 	KS
frc.	YE
frc. 	WG
frca	TJ
frcai	MQ
frcal	HV
frcam	B]
frcan	ZD
frcar	IU
frcas	XF
frcat	MQ
frcau	[C
frce 	TJ
frce,	RL
frce.	QM
frcel	DZ
frcen	MQ
frcep	VH
frcet	LR
frcev	UI
frch	UI
frcha	UI
frchi	TJ
frcho	HV
frché	MQ
frchê	TJ
frci	IU
frci 	MQ
frci-	DZ
frcia	SK
frcid	B]
frcie	GW
frcil	MQ
frcin	YE
frcit	DZ
frcié	MQ
frck	VH
frck 	VH
frcl	VH
frcla	RL
frcle	SK
frcli	C[
frclo	WG
frclu	WG
frclé	LR
frcol	WG
frcom	KS
frcon	LR
frcop	GW
frcor	QM
frcot	RL
frcou	QM
frcoû	HV
frcr	C[
frcra	JT
frcre	VH
frcri	FX
frcro	IU
frcrè	GW
frcré	QM
frcs	WG
frcs 	WG
frct	FX
frcte	MQ
frctu	FX
frcu	GW
frcue	QM
frcui	EY
frcul	JT
frcun	MQ
frcup	IU
frcus	KS
frcut	TJ
frcè	IU
frcès	IU
frcé	SK
frcée	WG
frcô	WG
frcôt	WG
frd 	MQ
frd a	DZ
frd e	MQ
frd j	YE
frd l	SK
frd p	C[
frd s	HV
frd à	IU
frd'	QM
frd'a	VH
frd'e	JT
frd'h	KS
frd'i	JT
frd'o	MQ
frd'u	MQ
frd'é	QM
frd,	MQ
frd, 	MQ
frd.	RL
frd. 	RL
frda	UI
frda 	QM
frda,	LR
frdai	QM
frdan	TJ
frdas	GW
frde	TJ
frde 	[C
frde,	MQ
frdel	RL
frdem	GW
frden	RL
frdep	QM
frder	MQ
frdes	MQ
frdev	@_
frdez	QM
frdg	KS
frdge	KS
frdh	WG
frdhé	WG
frdi	SK
frdi 	VH
frdi,	YE
frdia	TJ
frdic	MQ
frdie	ZD
frdif	GW
frdil	YE
frdim	SK
frdin	UI
frdir	KS
frdis	QM
frdit	HV
frdiv	ZD
frdiz	EY
frdiè	IU
frdo	QM
frdoi	DZ
frdos	JT
frdou	XF
frdr	FX
frdra	KS
frdri	HV
frds	MQ
frds 	MQ
frdu	RL
frdu 	QM
frdu-	QM
frduc	RL
frdue	]B
frdul	WG
frdur	IU
frdus	LR
frdv	VH
frdè	WG
frdèg	SK
frdèl	UI
frdé 	KS
frdé,	GW
frdéb	VH
frdéc	SK
frdée	[C
frdéj	LR
frdép	KS
frdér	UI
frd’a	QM
frd’e	IU
fre 	JT
fre "	FX
fre (	FX
fre 0	]B
fre :	QM
fre ;	HV
fre a	XF
fre b	DZ
fre c	YE
fre d	WG
fre e	WG
fre f	VH
fre g	C[
fre h	RL
fre i	UI
fre j	LR
fre k	ZD
fre l	WG
fre m	IU
fre n	KS
fre o	VH
fre r	SK
fre t	LR
fre u	MQ
fre |	g9
fre »	IU
fre à	UI
fre ç	DZ
fre é	IU
fre –	GW
fre)	LR
fre) 	LR
fre),	MQ
fre).	TJ
fre-	QM
fre-c	TJ
fre-d	RL
fre-m	JT
fre-v	ZD
fre.	IU
fre. 	IU
fre.e	[C
fre?	IU
fre? 	IU
fre@	LR
frea	QM
frean	QM
freau	QM
freb	RL
frec 	MQ
frec)	SK
frec.	TJ
frece	HV
freco	HV
frecr	MQ
frect	MQ
fred	XF
freda	RL
fredi	a?
free	QM
fref	YE
fref 	WG
freg	YE
frega	UI
frei	VH
freil	XF
frein	C[
frel,	DZ
frel.	KS
frele	FX
freli	VH
frell	QM
frelu	EY
frem	LR
fremb	MQ
freme	KS
fremi	KS
fremm	LR
fremo	QM
fren	JT
fren 	EY
fren,	MQ
frenc	KS
frend	QM
frene	UI
frenf	MQ
freni	RL
frenl	JT
frenn	WG
freno	SK
frens	QM
frent	QM
frenu	VH
frenv	XF
frenê	MQ
freo	UI
frep	QM
frepr	HV
frept	WG
frepu	QM
freq	TJ
frer	KS
frer 	MQ
frer)	KS
frer,	QM
frer.	LR
frera	@_
frerc	QM
frerd	SK
frere	LR
frerf	TJ
freri	VH
frerl	QM
frerm	XF
frern	KS
frerr	IU
frers	WG
fres 	MQ
fres)	FX
fres,	TJ
fres-	C[
fres.	IU
fresc	IU
fresp	UI
fress	KS
fresu	YE
fret	RL
fret 	YE
fret)	WG
frete	B]
freti	QM
freto	QM
fretr	HV
frets	XF
frett	SK
fretu	SK
freté	JT
freu	LR
freu 	DZ
freub	VH
freud	VH
freui	LR
freul	TJ
freur	LR
freus	ZD
freut	FX
freuv	RL
frev	GW
frevi	HV
frevo	JT
frexa	UI
frexc	MQ
frexi	XF
frexp	FX
frext	FX
frez	RL
frez-	WG
frf 	UI
frf d	UI
frf s	UI
frf,	TJ
frf, 	TJ
frfa	RL
frfab	SK
frfac	GW
frfai	WG
frfam	UI
frfar	YE
frfau	JT
frfe	SK
frfe 	QM
frfem	LR
frfen	MQ
frfer	XF
frffe	RL
frffi	KS
frffé	JT
frfi	GW
frfic	IU
frfie	GW
frfin	B]
frfir	FX
frfl	MQ
frfle	VH
frfor	MQ
frfou	YE
frfra	TJ
frfri	RL
frfrè	FX
frfs	KS
frfs 	DZ
frfu	VH
frfé	RL
frfér	JT
frfê	MQ
frfêt	MQ
frg d	SK
frg.	SK
frg0	SK
frg0x	SK
frgag	QM
frgal	EY
frgar	TJ
frgas	RL
frgat	RL
frgau	IU
frgaz	GW
frge	LR
frge 	MQ
frge,	XF
frge.	C[
frger	GW
frges	JT
frget	KS
frgi	UI
frgie	KS
frgis	ZD
frgl	IU
frgla	KS
frgli	KS
frgna	SK
frgno	JT
frgné	LR
frgo	MQ
frgo 	TJ
frgp	SK
frgr	WG
frgra	YE
frgre	XF
frgro	GW
frgs	QM
frgsm	LR
frgt	TJ
frgts	WG
frgu	[C
frgue	[C
frgui	QM
frguy	UI
frgé	WG
frgén	WG
frh 	c=
frh (	UI
frh /	SK
frh 0	UI
frh e	UI
frh p	RL
frh |	VH
frh à	[C
frh,	YE
frh, 	YE
frh-	ZD
frh-0	ZD
frh.	ZD
frh. 	ZD
frha	TJ
frhab	MQ
frhai	SK
frhal	KS
frham	JT
frhan	VH
frhaq	YE
frhar	KS
frhat	SK
frhau	JT
frhe 	QM
frhe,	LR
frhe.	XF
frhef	WG
frhel	B]
frhem	KS
frher	EY
frhes	SK
frhet	GW
frhez	UI
frhi	TJ
frhie	WG
frhis	MQ
frhiv	VH
frho	GW
frhom	JT
frhos	JT
frhot	GW
frhu	^A
frhui	WG
frhèq	QM
frhèr	C[
frhèt	TJ
frhé	JT
frhé 	MQ
frhé,	IU
frhér	JT
frhés	LR
frhê	TJ
frhên	TJ
fri 	QM
fri 0	MQ
fri a	RL
fri b	LR
fri d	UI
fri e	SK
fri j	GW
fri l	[C
fri m	VH
fri n	RL
fri o	JT
fri p	HV
fri q	VH
fri r	SK
fri s	FX
fri v	SK
fri à	XF
fri,	MQ
fri, 	MQ
fri-	KS
fri-d	FX
fri.	QM
fri. 	QM
fria	YE
friag	UI
frial	UI
frian	SK
friat	TJ
frib	LR
friba	UI
fribl	JT
fric	LR
fric 	ZD
frica	LR
frice	MQ
frich	KS
frici	EY
frick	VH
frict	GW
frid	MQ
fridi	VH
fridu	]B
fridé	A^
frie 	LR
frie-	LR
frie.	LR
friei	SK
friel	VH
frier	VH
fries	VH
frieu	KS
friez	LR
frif	GW
friff	LR
frifi	IU
frifs	DZ
frig	KS
frign	MQ
frigo	EY
frigu	IU
fril	RL
fril 	IU
fril,	XF
fril.	WG
frile	VH
frili	RL
frill	UI
frilo	UI
frils	HV
frilà	LR
frim	JT
frim 	QM
frima	QM
frime	HV
frimo	YE
frimp	QM
frimu	FX
frin	UI
frin 	SK
frin,	LR
frin.	QM
frina	YE
frinc	KS
frind	MQ
frine	SK
fring	RL
frini	VH
frinq	JT
frins	QM
frinu	IU
frinz	VH
frio	MQ
friol	LR
frion	LR
frip	LR
fripe	QM
fript	JT
frir	IU
frir 	RL
frir-	WG
frira	LR
friri	HV
frirl	MQ
friré	VH
fris	MQ
frisa	KS
frisc	RL
frise	RL
frisi	LR
friso	LR
frisp	IU
friss	QM
frit	JT
frit,	RL
frit.	A^
frita	KS
frite	FX
friti	JT
fritr	UI
frits	VH
fritu	IU
frité	ZD
friv	UI
friva	MQ
frive	SK
frivi	SK
frivo	WG
frivr	RL
frix	RL
frix,	MQ
frix-	RL
frixa	SK
friz	EY
friza	EY
friè	SK
frièc	UI
frié	DZ
frié 	FX
frié.	IU
friée	UI
friés	KS
frj'	LR
frj'a	KS
frj'e	SK
frj'é	LR
frja	WG
frjan	YE
frjar	UI
frje	LR
frjea	QM
frjet	HV
frjoi	LR
frjou	LR
frju	SK
frjui	QM
frjus	FX
frj’	KS
frj’a	TJ
frk 	XF
frka	LR
frke	e;
frker	d<
frkil	UI
frkin	KS
frkm	[C
frkm 	YE
frkm.	TJ
frkr	RL
frl 	MQ
frl (	TJ
frl 0	UI
frl a	UI
frl c	SK
frl e	JT
frl f	SK
frl l	LR
frl m	MQ
frl n	B]
frl t	A^
frl y	RL
frl à	TJ
frl'e	>b
frl'h	QM
frl'i	EY
frl'o	SK
frl'é	RL
frl)	RL
frl),	RL
frl,	MQ
frl, 	MQ
frl.	LR
frl. 	KS
frl.e	QM
frla 	KS
frlac	WG
frlag	[C
frlam	WG
frlan	LR
frlas	SK
frlat	FX
frlau	KS
frlav	ZD
frlaî	EY
frle 	LR
frle-	LR
frle.	KS
frle@	LR
frled	RL
frlem	TJ
frlen	IU
frler	C[
frlet	b>
frleu	HV
frlev	JT
frlez	C[
frlia	LR
frlib	XF
frlic	UI
frlid	FX
frlie	MQ
frlig	JT
frlin	MQ
frliq	HV
frlir	EY
frlis	MQ
frliv	TJ
frll	SK
frlle	TJ
frlli	HV
frllo	MQ
frllé	QM
frllô	HV
frlm	HV
frlmo	HV
frlo 	KS
frlo.	WG
frloc	RL
frlog	IU
frloi	SK
frlom	TJ
frlon	JT
frlos	QM
frlou	[C
frloy	SK
frloï	JT
frls	LR
frls 	KS
frlt	KS
frlt 	DZ
frlta	JT
frlu	LR
frlub	TJ
frluc	JT
frlue	VH
frlui	RL
frlum	WG
frlun	SK
frlus	JT
frlut	MQ
frlv	XF
frly	LR
frlà	EY
frlà 	GW
frlà-	GW
frlèv	MQ
frlé	MQ
frlé.	TJ
frléc	IU
frlée	UI
frlég	TJ
frlés	FX
frlô	HV
frlô 	HV
frl’e	^A
frm 	HV
frm 0	JT
frm a	GW
frm b	QM
frm d	MQ
frm'	FX
frm'a	JT
frm.	EY
frm. 	EY
frma	HV
frmai	LR
frmal	FX
frmar	QM
frmat	YE
frmb	LR
frmbe	TJ
frmbl	KS
frmbr	MQ
frmbé	KS
frme 	EY
frme,	UI
frmea	UI
frmed	]B
frmem	RL
frmen	HV
frmer	LR
frmes	ZD
frmeu	XF
frmi 	HV
frmi-	UI
frmid	VH
frmie	QM
frmil	YE
frmin	LR
frmio	GW
frmir	UI
frmit	MQ
frmiè	QM
frml	RL
frmm	QM
frmme	LR
frmmu	^A
frmo	QM
frmod	RL
frmoi	RL
frmor	RL
frmos	LR
frmot	C[
frmou	VH
frmp	TJ
frmpa	FX
frmpe	VH
frmpl	XF
frmpo	WG
frmpr	XF
frmpt	FX
frms	FX
frms,	HV
frmul	LR
frmum	FX
frmun	^A
frmus	EY
frmè	QM
frmèt	UI
frmé 	c=
frméc	XF
frmée	SK
frmén	GW
frmér	C[
frmét	RL
frmê	VH
frmêm	VH
frm’	MQ
frm’a	MQ
frn (	KS
frn 0	ZD
frn a	JT
frn b	GW
frn e	SK
frn f	KS
frn g	SK
frn h	QM
frn l	KS
frn m	SK
frn o	IU
frn p	IU
frn q	GW
frn r	HV
frn s	WG
frn t	UI
frn v	HV
frn y	VH
frn »	GW
frn à	VH
frn é	TJ
frn'a	LR
frn'e	QM
frn)	UI
frn,	MQ
frn, 	MQ
frn-	TJ
frn-l	SK
frn-v	TJ
frn.	UI
frn. 	UI
frn.e	TJ
frna	UI
frna 	XF
frnad	RL
frnag	LR
frnai	SK
frnc	SK
frnc,	HV
frnce	WG
frnch	SK
frnci	IU
frnco	EY
frnd 	MQ
frnd.	TJ
frnda	QM
frndi	UI
frndo	YE
frndr	MQ
frndu	HV
frne	YE
frne 	WG
frne,	KS
frne-	SK
frne.	LR
frnea	UI
frnec	[C
frnel	RL
frnem	RL
frnen	RL
frneq	TJ
frner	HV
frnes	WG
frnet	UI
frneu	MQ
frnev	MQ
frnez	MQ
frnf	IU
frnfi	GW
frnge	GW
frngl	JT
frngs	TJ
frngt	TJ
frngu	XF
frni	TJ
frni 	B]
frnic	VH
frnie	VH
frnim	RL
frnin	QM
frnio	GW
frniq	YE
frnir	LR
frnj	IU
frnjo	IU
frnl	JT
frnle	JT
frnni	RL
frnnu	IU
frnné	IU
frno 	IU
frnoi	KS
frnom	IU
frnon	WG
frnos	RL
frnot	WG
frnou	ZD
frnov	RL
frnoë	QM
frnq	EY
frnqu	EY
frns	XF
frns 	VH
frns.	c=
frnsa	WG
frnsc	JT
frnse	VH
frnst	TJ
frnt 	RL
frnt,	SK
frnt-	SK
frnt.	GW
frnte	SK
frntf	VH
frntg	XF
frnti	LR
frnto	UI
frnts	EY
frnu 	DZ
frnui	UI
frnul	JT
frnum	A^
frnus	UI
frnv	YE
frnve	SK
frnvi	YE
frnvo	TJ
frnz	VH
frnze	VH
frn°	JT
frn° 	JT
frnç	VH
frnça	VH
frné	HV
frné 	MQ
frné.	IU
frnée	MQ
frnér	WG
frnê	MQ
frnêt	MQ
frn’a	XF
frn’e	KS
fro 	EY
fro 0	EY
fro d	IU
fro e	JT
fro p	MQ
fro,	JT
fro, 	JT
fro-	YE
fro.	VH
fro. 	VH
frob	LR
frobj	TJ
frobr	IU
froc	MQ
froc 	XF
froch	UI
frocu	LR
frod	YE
frode	DZ
frodi	YE
frodè	UI
frog	LR
frogi	KS
froh	a?
froha	a?
froi	LR
froi 	RL
froi,	LR
froic	HV
froig	MQ
froil	KS
froin	[C
froir	JT
frois	LR
froit	FX
froix	XF
frok	TJ
frok 	TJ
frol	MQ
frol,	MQ
frol.	MQ
frola	SK
frole	UI
froli	MQ
froll	MQ
frolo	KS
frolé	GW
from 	KS
fromb	KS
fromi	VH
fromm	TJ
fromp	LR
froms	FX
fron	TJ
fron 	VH
fron,	IU
fron-	IU
fron.	FX
fronc	VH
frond	GW
fronf	JT
fronj	IU
fronn	HV
frono	IU
frons	WG
front	RL
fronv	DZ
fronz	QM
froo	FX
froor	FX
frop	EY
frop 	XF
frop.	JT
fropi	GW
fropo	EY
fropr	QM
fropt	IU
fror 	GW
fror,	HV
frorc	WG
frord	MQ
frore	DZ
frorm	KS
frorn	VH
frorr	TJ
frors	SK
frort	^A
frorv	XF
fros	FX
fros 	GW
fros,	VH
fros.	EY
frosa	XF
frose	KS
frosi	UI
fross	JT
frost	SK
frosé	IU
frot	EY
frot 	EY
frote	KS
froto	GW
frotr	SK
frott	RL
froté	DZ
frou 	FX
froub	RL
frouc	WG
froud	LR
froue	SK
froug	IU
frouh	FX
froui	A^
froul	TJ
froum	ZD
froup	XF
frouq	RL
frour	KS
frous	VH
frout	QM
froué	]B
frov	[C
frove	UI
froy	TJ
froye	UI
froë	TJ
froël	TJ
froî	WG
froît	WG
froï	JT
froïc	JT
froû	KS
froût	KS
frp 	RL
frp.	KS
frp. 	HV
frpag	GW
frpai	ZD
frpan	JT
frpap	MQ
frpar	QM
frpas	GW
frpay	TJ
frpe	MQ
frpe 	a?
frpe,	GW
frpel	MQ
frper	IU
frpet	UI
frpeu	QM
frph	IU
frpho	JT
frpi	TJ
frpie	KS
frpir	IU
frpiè	ZD
frple	UI
frpli	C[
frplo	YE
frplu	GW
frpo	SK
frpoi	IU
frpol	JT
frpom	XF
frpon	KS
frpor	^A
frpos	MQ
frpot	^A
frpou	QM
frpp	JT
frppe	MQ
frppl	MQ
frppo	LR
frppr	RL
frpr	JT
frpre	RL
frpri	IU
frpro	IU
frpré	QM
frprê	ZD
frps 	QM
frps.	KS
frpt	LR
frpt.	[C
frpte	HV
frpti	JT
frpu	JT
frpu 	JT
frpub	IU
frpui	KS
frpâ	LR
frpâl	LR
frpè	ZD
frpèr	WG
frpér	JT
frpê	RL
frpô	UI
frpôt	UI
frqu	KS
frqu'	LR
frqua	VH
frque	HV
frqui	QM
frquo	SK
frqué	MQ
frqu’	IU
frr 	C[
frr (	QM
frr :	KS
frr ;	IU
frr b	KS
frr c	KS
frr f	UI
frr i	IU
frr j	LR
frr k	ZD
frr l	GW
frr n	KS
frr o	TJ
frr p	MQ
frr r	VH
frr s	GW
frr t	EY
frr u	KS
frr v	A^
frr »	IU
frr)	LR
frr) 	KS
frr,	JT
frr, 	JT
frr-	]B
frr.	LR
frr. 	LR
frr.e	VH
frr@	VH
frra	LR
frra 	C[
frra.	SK
frrab	QM
frrag	MQ
frrai	IU
frram	YE
frran	XF
frras	IU
frrat	TJ
frrav	TJ
frraî	MQ
frrce	IU
frrch	LR
frrci	MQ
frrcr	a?
frrd 	LR
frrda	TJ
frrdo	IU
frrdv	VH
frre 	MQ
frre)	RL
frre,	VH
frre-	]B
frre.	EY
frrea	LR
frred	]B
frreg	UI
frrei	UI
frrel	HV
frrem	QM
frren	MQ
frrep	JT
frrer	WG
frret	LR
frreu	DZ
frrev	WG
frrf	TJ
frrg	YE
frrge	ZD
frri	KS
frrib	IU
frric	KS
frrif	DZ
frrig	HV
frril	QM
frrim	MQ
frrin	SK
frrio	HV
frrip	JT
frriq	RL
frris	UI
frrit	JT
frrix	<d
frriè	QM
frrié	GW
frrk	KS
frrki	KS
frrl	HV
frrle	JT
frrlo	IU
frrm	QM
frrme	UI
frrmu	LR
frrmé	WG
frrna	SK
frrne	YE
frrné	JT
frro	LR
frro 	FX
frroc	MQ
frroi	RL
frron	RL
frrop	MQ
frros	IU
frrr	UI
frrra	VH
frrre	MQ
frrri	XF
frrrê	HV
frrs	TJ
frrs 	TJ
frrs,	[C
frrs.	MQ
frrsi	GW
frrso	JT
frrt	VH
frrt 	QM
frrt,	RL
frrt-	VH
frrt.	TJ
frrta	KS
frrte	^A
frrti	UI
frrto	EY
frrub	MQ
frrue	VH
frrun	KS
frrv	VH
frrva	UI
frrve	UI
frry	KS
frry,	LR
frry.	QM
frrè	HV
frrèm	GW
frrèr	FX
frré	RL
frré 	TJ
frréa	IU
frréd	WG
frrée	RL
frréf	IU
frrég	^A
frrém	IU
frrép	]B
frrés	MQ
frrét	LR
frréu	GW
frrê	ZD
frrêt	YE
frs !	GW
frs (	QM
frs 0	TJ
frs :	HV
frs ;	TJ
frs ?	HV
frs b	a?
frs c	QM
frs d	RL
frs e	ZD
frs g	MQ
frs h	EY
frs i	LR
frs j	IU
frs l	LR
frs m	UI
frs n	MQ
frs p	JT
frs r	QM
frs s	XF
frs t	MQ
frs u	UI
frs v	XF
frs y	RL
frs |	HV
frs »	LR
frs à	YE
frs é	KS
frs ê	C[
frs'	SK
frs'a	SK
frs)	EY
frs) 	DZ
frs),	QM
frs).	MQ
frs,	UI
frs, 	UI
frs-	RL
frs-m	RL
frs.	JT
frs. 	IU
frs.e	QM
frsab	FX
frsai	JT
frsam	WG
frsar	RL
frsc	KS
frsca	a?
frscr	EY
frse 	UI
frse,	IU
frse.	VH
frsec	JT
frsei	VH
frsel	SK
frsem	RL
frsen	DZ
frsep	SK
frser	TJ
frses	LR
frset	LR
frseu	HV
frsez	HV
frsi 	MQ
frsib	JT
frsic	KS
frsid	QM
frsig	RL
frsim	QM
frsio	VH
frsiq	GW
frsir	a?
frsit	B]
frsix	[C
frsl	EY
frslt	EY
frsm 	LR
frsob	HV
frsoi	UI
frsol	KS
frsom	WG
frsor	QM
frsp	YE
frspi	IU
frspo	WG
frsq	IU
frsqu	IU
frsr	VH
frss	RL
frssa	VH
frssi	IU
frsso	JT
frssé	VH
frst	RL
frsta	YE
frste	LR
frsto	C[
frstr	RL
frsu	LR
frsub	GW
frsuj	EY
frsul	JT
frsup	DZ
frsur	JT
frsus	WG
frsv	GW
frsvp	GW
frsé 	TJ
frsé,	JT
frsée	FX
frsés	^A
frs’	WG
frs’a	]B
frt (	VH
frt 0	LR
frt ;	KS
frt a	QM
frt b	LR
frt c	QM
frt d	XF
frt e	FX
frt f	MQ
frt g	RL
frt i	SK
frt j	XF
frt l	TJ
frt m	WG
frt n	YE
frt o	RL
frt p	GW
frt q	HV
frt r	RL
frt s	JT
frt t	UI
frt v	GW
frt |	XF
frt «	HV
frt à	JT
frt ç	MQ
frt é	DZ
frt"	KS
frt) 	WG
frt).	TJ
frt,	RL
frt, 	RL
frt-a	XF
frt-o	SK
frt-v	_@
frt-ê	GW
frt.	IU
frt. 	LR
frta	YE
frtab	KS
frtac	WG
frtag	QM
frtal	RL
frtan	SK
frtat	UI
frtau	YE
frtax	a?
frte	DZ
frte)	IU
frte,	WG
frte.	RL
frtel	VH
frtem	JT
frten	QM
frter	EY
frtes	@_
frteu	VH
frtex	GW
frtez	LR
frtf	VH
frtg	XF
frthe	MQ
frthi	QM
frti	SK
frti 	VH
frtic	FX
frtie	VH
frtif	MQ
frtig	C[
frtil	RL
frtim	LR
frtin	SK
frtiq	KS
frtir	VH
frtis	ZD
frtit	VH
frtiè	SK
frtié	DZ
frto,	IU
frto.	SK
frtoi	MQ
frtom	C[
frton	[C
frtos	IU
frtou	RL
frtr	TJ
frtra	QM
frtre	RL
frtro	MQ
frtru	TJ
frtré	TJ
frts	LR
frts,	WG
frts.	LR
frtt	TJ
frttr	RL
frtu	SK
frtu 	KS
frtud	SK
frtui	XF
frtur	IU
frtv	^A
frtva	^A
frté	IU
frté,	VH
frtée	HV
frtél	HV
frtéo	LR
frtés	RL
frtô	GW
frtôt	GW
fru 	JT
fru 0	QM
fru a	@_
fru b	RL
fru c	RL
fru d	IU
fru e	FX
fru f	RL
fru g	EY
fru j	JT
fru l	MQ
fru m	SK
fru n	HV
fru p	QM
fru r	SK
fru s	TJ
fru t	KS
fru v	LR
fru à	VH
fru'	LR
fru'e	LR
fru'i	VH
fru'o	KS
fru,	LR
fru, 	LR
fru-	VH
fru-d	TJ
fru.	TJ
fru. 	TJ
fru@	ZD
frua	XF
fruar	KS
fruat	[C
frub	]B
frub 	TJ
frube	UI
frubl	MQ
frubr	RL
frubv	GW
fruch	QM
fruci	MQ
fruco	DZ
fruct	VH
frucu	A^
frud	HV
frudg	KS
frudi	SK
frudr	GW
frue 	LR
frue)	TJ
frue,	JT
frue.	MQ
fruei	QM
fruel	LR
fruen	DZ
fruer	KS
fruet	ZD
fruf	QM
fruff	QM
frug	WG
fruge	MQ
fruh	FX
fruha	FX
frui	MQ
fruil	RL
fruip	QM
fruis	MQ
fruit	RL
fruiv	EY
fruj	B]
fruje	EY
frul	LR
frul 	WG
frula	KS
frule	KS
frulé	JT
frum 	LR
frum.	FX
frume	SK
frumi	YE
frumé	GW
frun	IU
frun 	JT
frun-	^A
frun.	UI
fruni	QM
fruo	TJ
fruon	TJ
frup	TJ
frupe	VH
fruq	RL
fruqu	RL
frur	LR
frur 	GW
frur,	DZ
frur-	ZD
frur@	VH
frura	TJ
frure	MQ
frurg	[C
fruri	QM
frurn	TJ
fruro	RL
frurr	[C
frurt	JT
frus	SK
frus 	VH
frus,	QM
frus.	QM
frusa	MQ
fruse	UI
frusi	B]
frusq	IU
fruss	WG
frust	IU
frut	IU
frut 	LR
frut,	QM
frut-	DZ
frut.	B]
fruta	RL
fruth	MQ
fruto	QM
frutr	HV
frutô	LR
fruvo	RL
fruvr	RL
frux	QM
frux 	QM
frux)	UI
frux,	QM
frux.	KS
fruxi	QM
fruy	XF
fruz	XF
frué	[C
fruéb	SK
fru’	IU
fru’o	RL
fru’à	LR
frva	TJ
frva 	XF
frvag	KS
frval	QM
frvan	VH
frvas	GW
frvat	WG
frve	LR
frve 	IU
frvea	KS
frvei	WG
frvel	KS
frvem	SK
frven	^A
frver	GW
frves	QM
frveu	EY
frvez	ZD
frvi	RL
frvid	UI
frvie	WG
frvig	ZD
frvil	MQ
frvin	XF
frvir	LR
frvis	EY
frvit	TJ
frviv	RL
frvo	KS
frvoi	GW
frvol	SK
frvon	XF
frvot	JT
frvoy	WG
frvp	HV
frvp 	FX
frvr	TJ
frvra	GW
frvre	RL
frvri	QM
frvé	MQ
frvé 	MQ
frvée	YE
frvér	GW
frwe	KS
frx 	LR
frx 0	JT
frx c	WG
frx d	IU
frx p	LR
frx q	RL
frx à	LR
frx)	UI
frx-	SK
frx.	KS
frx. 	KS
frxa	VH
frxam	VH
frxan	SK
frxc	MQ
frxcu	KS
frxe	_@
frxi	IU
frxis	XF
frxiè	QM
frxp	FX
frxpl	FX
frxt	FX
frxte	GW
frxtr	IU
fry 	]B
fry a	RL
fry e	TJ
fry v	UI
fry,	MQ
fry, 	MQ
fry. 	JT
fry.e	SK
frya	VH
frye	WG
fryen	UI
fryer	KS
fryeu	RL
fryo	XF
fryon	WG
frys	MQ
fryè	LR
fryèr	LR
frz 	MQ
frz c	C[
frz d	QM
frz e	TJ
frz l	LR
frz m	KS
frz p	C[
frz r	SK
frz v	VH
frz-	WG
frz-v	UI
frz0	SK
frza	TJ
frza 	UI
frzai	QM
frze	VH
frze 	VH
frzo	XF
fr| 	LR
fr| 0	QM
fr| e	FX
fr| l	WG
fr| m	YE
fr| v	c=
fr| |	JT
fr« 	GW
fr« c	QM
fr« d	JT
fr« l	C[
fr« p	HV
fr« s	KS
fr° 	JT
fr° 0	IU
fr» 	KS
fr» (	MQ
fr»,	JT
fr», 	JT
fr».	JT
fr». 	JT
frà 0	XF
frà a	KS
frà b	MQ
frà d	VH
frà e	RL
frà f	KS
frà g	FX
frà j	MQ
frà l	RL
frà m	IU
frà n	LR
frà p	_@
frà q	HV
frà u	LR
frà v	LR
frà-d	GW
frâl	LR
frâle	LR
frça	HV
frça 	B]
frçai	VH
frço	QM
frçon	QM
frèc	]B
frèce	ZD
frèg	SK
frège	SK
frèl	UI
frèle	UI
frèm	KS
frème	KS
frèn	MQ
frène	MQ
frèq	QM
frèqu	QM
frèr	LR
frère	LR
frès	MQ
frès-	VH
frèt	XF
frète	TJ
frètr	UI
frèv	MQ
frève	MQ
fré 	QM
fré 0	]B
fré a	UI
fré c	MQ
fré d	MQ
fré e	QM
fré l	WG
fré m	JT
fré n	TJ
fré p	KS
fré s	KS
fré u	WG
fré v	LR
fré.	LR
fré. 	LR
fréa	C[
fréal	GW
fréb	XF
frébe	WG
fréc	RL
fréch	FX
fréci	QM
frécr	DZ
fréd	VH
frée 	VH
frée,	EY
frée.	QM
frées	JT
fréf	IU
frég	c=
fréga	TJ
frégi	ZD
frégl	TJ
frél	KS
frél.	IU
frém	KS
fréma	HV
frémi	HV
frémo	UI
frémé	GW
frén	MQ
fréna	GW
fréné	SK
fréo	LR
fréo 	LR
frép	WG
frépa	b>
frépl	KS
frépo	C[
frépô	UI
fréq	MQ
fréqu	MQ
frér	GW
fréra	TJ
frére	MQ
fréri	GW
fréro	C[
frés	IU
frés 	LR
frés,	TJ
frése	IU
frési	QM
fréso	LR
frét	QM
fréta	KS
fréti	TJ
fréto	WG
frétu	RL
fréu	GW
fréun	GW
frév	QM
fréve	WG
frévi	IU
frêc	IU
frêch	IU
frêl	TJ
frêle	TJ
frêm	VH
frême	VH
frên	TJ
frêne	TJ
frêt	LR
frêt 	VH
frête	LR
frêtr	HV
frël	TJ
frël 	TJ
frîn	QM
frîne	WG
frît	KS
frît 	MQ
frîte	WG
frîtr	JT
frïc	HV
frô 	HV
frôt	MQ
frôt 	LR
frù i	SK
frù l	LR
frût 	WG
frût,	TJ
frût.	WG
frœur	LR
fr– 	GW
fr— 	LR
fr’a	RL
fr’a 	QM
fr’ac	TJ
fr’an	LR
fr’ap	QM
fr’as	KS
fr’at	YE
fr’au	HV
fr’av	YE
fr’en	KS
fr’es	RL
fr’o	TJ
fr’à	LR
fr’à 	LR
fr’é	LR
fr’éc	MQ
fr€ 	UI
fr€ l	VH
fr€ p	^A
fr€ |	MQ
fr€)	MQ
fr€) 	MQ
fr€,	]B
fr€, 	]B
fr€.	ZD
fr€. 	ZD
fr€/	VH`,
};
