import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.0218,
  bias: [-0.5773,0.5773],
  weights: `de %	TJ
de % 	TJ
de &	QM
de & 	QM
de (	LR
de (0	RL
de (a	IU
de (b	GW
de (d	HV
de (f	UI
de (i	XF
de (j	HV
de (l	KS
de (m	LR
de (n	YE
de (s	IU
de (v	TJ
de (w	LR
de (z	QM
de +	JT
de + 	KS
de +0	KS
de -0	VH
de ->	KS
de /	JT
de / 	GW
de 0	TJ
de 0 	TJ
de 0,	XF
de 0-	RL
de 0.	DZ
de 00	]B
de 0:	LR
de 0–	VH
de a	MQ
de a 	SK
de a.	JT
de ab	QM
de ac	YE
de ah	LR
de al	MQ
de am	TJ
de an	MQ
de ap	WG
de ar	SK
de as	QM
de at	KS
de au	RL
de ba	SK
de be	LR
de bl	KS
de bo	[C
de br	MQ
de bu	JT
de bä	LR
de bü	XF
de c	KS
de ce	WG
de co	EY
de d	SK
de da	JT
de de	IU
de do	TJ
de dr	XF
de du	EY
de dü	LR
de e.	QM
de ec	DZ
de eh	TJ
de ei	QM
de el	VH
de em	RL
de en	:f
de er	HV
de es	ZD
de et	KS
de eu	LR
de ex	SK
de f	MQ
de fe	WG
de fi	HV
de fl	SK
de fn	QM
de fo	MQ
de fr	IU
de fu	KS
de fö	FX
de g	MQ
de ga	MQ
de ge	LR
de gi	]B
de gl	YE
de gm	QM
de go	TJ
de gr	C[
de gu	GW
de gä	A^
de gü	SK
de h	SK
de h.	FX
de ha	RL
de he	IU
de hi	SK
de ho	]B
de hr	UI
de hu	TJ
de hä	RL
de hö	QM
de hü	HV
de i	QM
de i.	JT
de ic	MQ
de id	HV
de if	SK
de ih	IU
de im	RL
de in	TJ
de it	DZ
de j	RL
de ja	KS
de je	YE
de jä	QM
de jö	VH
de ke	A^
de kg	YE
de ki	[C
de kl	RL
de kn	RL
de ko	UI
de kr	WG
de ku	A^
de kw	VH
de kö	IU
de kü	LR
de l	LR
de la	WG
de le	KS
de lg	LR
de li	>b
de lo	EY
de lu	UI
de lä	UI
de m	KS
de ma	LR
de mb	KS
de me	RL
de mi	KS
de mm	QM
de mo	YE
de mu	JT
de mw	TJ
de mö	DZ
de n	LR
de na	LR
de ne	GW
de ni	KS
de no	HV
de nr	VH
de nu	JT
de nö	VH
de o	MQ
de ob	FX
de od	RL
de oh	VH
de ok	KS
de ol	YE
de on	C[
de or	JT
de os	FX
de p	DZ
de pa	GW
de pd	IU
de pe	IU
de pf	SK
de pi	IU
de pl	XF
de pr	EY
de pu	XF
de q	YE
de qu	YE
de r	LR
de ra	KS
de re	IU
de ri	[C
de ro	LR
de ru	SK
de rä	UI
de s	MQ
de s'	JT
de sa	UI
de sc	QM
de sh	JT
de so	IU
de sp	UI
de st	KS
de su	A^
de t	QM
de ta	ZD
de te	IU
de th	IU
de to	KS
de tr	YE
de ts	GW
de tu	SK
de tä	ZD
de tü	SK
de u	TJ
de u.	LR
de uh	XF
de ui	VH
de ul	VH
de un	SK
de us	RL
de v	HV
de v.	RL
de va	SK
de ve	MQ
de vi	HV
de vo	MQ
de w	MQ
de wa	VH
de we	JT
de wi	TJ
de wo	QM
de wu	KS
de wä	KS
de wü	?a
de x	HV
de xa	HV
de y	TJ
de yo	RL
de yı	RL
de z	RL
de ze	EY
de zi	QM
de zu	SK
de zw	YE
de |	QM
de | 	QM
de ·	FX
de · 	FX
de ä	QM
de äl	WG
de är	IU
de ö	SK
de öf	KS
de öl	WG
de ü	KS
de üb	KS
de –	JT
de – 	JT
de „	GW
de „d	SK
de „e	KS
de „g	HV
de „h	LR
de „m	FX
de „p	JT
de „s	JT
de „w	KS
de €	WG
de € 	VH
de €)	TJ
de €,	UI
de €.	WG
de! 	HV
de! |	SK
de!!	KS
de!! 	KS
de!)	SK
de% 	TJ
de% m	SK
de% u	SK
de& 	QM
de& c	LR
de& s	UI
de'l	IU
de'll	IU
de's	XF
de's 	XF
de(0	RL
de(0 	SK
de(0.	JT
de(00	VH
de(a	IU
de(au	LR
de(b	GW
de(d	HV
de(da	LR
de(f	UI
de(fr	UI
de(i	XF
de(in	XF
de(j	HV
de(ju	JT
de(l	KS
de(m	LR
de(n	YE
de(nu	YE
de(s	IU
de(v	TJ
de(w	LR
de(z	QM
de) 	FX
de) u	TJ
de) |	FX
de),	XF
de), 	XF
de).	MQ
de). 	MQ
de+ 	KS
de+0	KS
de+00	KS
de, 0	_@
de, b	UI
de, c	JT
de, d	IU
de, e	LR
de, f	WG
de, g	SK
de, h	MQ
de, j	TJ
de, k	RL
de, l	RL
de, m	SK
de, n	MQ
de, o	SK
de, p	HV
de, s	WG
de, t	GW
de, u	c=
de, v	KS
de, w	JT
de, x	JT
de, z	UI
de, ü	YE
de, „	KS
de,0	EY
de,0 	UI
de,00	DZ
de- 	TJ
de-,	TJ
de-, 	TJ
de-0	UI
de-00	TJ
de->	KS
de-> 	KS
de-a	b>
de-al	^A
de-b	EY
de-br	EY
de-d	TJ
de-f	YE
de-fe	VH
de-h	XF
de-hi	XF
de-i	SK
de-in	YE
de-k	TJ
de-l	^A
de-la	^A
de-m	QM
de-o	ZD
de-r	MQ
de-s	JT
de-se	KS
de-t	RL
de-u	SK
de-up	RL
de-w	C[
de-we	FX
de. 	UI
de. 0	YE
de. a	KS
de. b	LR
de. d	^A
de. e	QM
de. f	HV
de. h	JT
de. j	[C
de. l	MQ
de. m	LR
de. o	LR
de. r	RL
de. s	IU
de. t	@_
de. u	IU
de. v	GW
de. w	B]
de. z	ZD
de.)	UI
de.),	WG
de.,	JT
de., 	JT
de.-	VH
de.-i	VH
de.0	KS
de.0.	MQ
de.;	SK
de.; 	SK
de.e	QM
de.ex	QM
de.s	EY
de.–	g9
de.– 	d<
de.–/	WG
de.–0	ZD
de.–d	XF
de.“	HV
de.“ 	HV
de/ 	JT
de/m	UI
de/m²	UI
de/n	KS
de0 	YE
de0 %	TJ
de0 (	RL
de0 a	KS
de0 b	WG
de0 d	VH
de0 e	SK
de0 f	RL
de0 g	XF
de0 h	e;
de0 i	JT
de0 j	JT
de0 k	b>
de0 l	YE
de0 m	WG
de0 n	GW
de0 o	TJ
de0 p	b>
de0 r	QM
de0 t	JT
de0 u	YE
de0 v	B]
de0 w	QM
de0 |	MQ
de0 ·	FX
de0 €	WG
de0)	KS
de0) 	HV
de0),	QM
de0, 	UI
de0,0	EY
de0-	QM
de0-0	QM
de0.	QM
de0. 	TJ
de0.,	MQ
de0.0	KS
de0.–	g9
de00	_@
de00 	XF
de00)	KS
de00,	MQ
de00-	QM
de00.	k5
de000	[C
de00:	GW
de00;	MQ
de0:	EY
de0:0	EY
de0;	MQ
de0; 	MQ
de0–	RL
de0–0	RL
de: 	IU
de: e	ZD
de: i	JT
de: k	]B
de: m	VH
de: r	LR
de: s	TJ
de: t	SK
de: z	XF
de: „	GW
de:0	EY
de:00	JT
de; 	JT
de; 0	LR
de; b	MQ
de; d	IU
de; f	KS
de; s	]B
de> 	KS
de? 	/q
de@b	WG
de@be	TJ
de@bo	YE
de@e	SK
de@el	SK
de@k	YE
de@o	RL
de@p	JT
de@r	]B
de@s	VH
dea (	LR
dea 0	^A
dea b	C[
dea e	JT
dea f	UI
dea g	LR
dea h	TJ
dea k	ZD
dea l	KS
dea p	KS
dea r	XF
dea s	SK
dea t	SK
dea v	GW
dea w	XF
dea z	QM
dea,	LR
dea, 	LR
deaal	_@
deaar	RL
deaat	JT
deab	TJ
deab 	VH
deaba	KS
deabe	JT
deabg	HV
deabh	LR
deabi	YE
deabm	TJ
deabo	MQ
deabr	SK
deabs	IU
dead 	IU
deade	RL
deadr	HV
deae	UI
deafe	JT
deaff	HV
deafn	TJ
deafü	HV
deag	MQ
deag 	IU
deag)	SK
deag,	TJ
deag.	UI
deagd	LR
deage	RL
deagi	MQ
deags	XF
deagt	EY
deahi	MQ
deahm	JT
deahn	MQ
deaht	RL
deak	FX
deake	LR
deakt	FX
deal,	UI
deal.	SK
deald	ZD
deale	LR
dealf	XF
deali	UI
dealk	KS
deall	MQ
dealp	UI
deals	DZ
dealt	RL
deam 	WG
deame	>b
deamm	IU
deams	SK
deamt	SK
dean	QM
dean 	QM
dean,	RL
dean.	HV
deana	QM
deanb	C[
deand	MQ
deane	SK
deanf	QM
deang	TJ
deanh	EY
deani	e;
deank	C[
deann	UI
deanp	SK
deans	JT
deant	LR
deanw	B]
deanz	KS
deap	YE
deape	[C
deapp	A^
deapr	VH
dear 	JT
dear,	HV
dear.	HV
deara	ZD
dearb	LR
deard	KS
deare	[C
dearf	TJ
dearg	]B
deari	_@
deark	GW
dearl	TJ
dearm	LR
dearr	XF
dears	EY
deart	SK
dearz	=c
dearü	FX
deas	IU
deas 	DZ
deas,	GW
deas.	MQ
deas?	EY
dease	TJ
deasm	UI
deass	SK
deast	UI
deat 	GW
deat,	WG
deat.	MQ
deata	SK
deate	QM
deatf	DZ
death	GW
deatm	VH
deatt	UI
deatu	VH
deatz	MQ
deau	WG
deau 	IU
deau,	IU
deau-	QM
deaub	VH
deauc	YE
deaud	HV
deaue	ZD
deauf	TJ
deaug	LR
deauh	QM
deaul	SK
deaum	ZD
deaun	FX
deaup	GW
deaur	SK
deaus	SK
deaut	YE
deauw	ZD
deauß	KS
deav	LR
deave	GW
deavo	QM
deax	MQ
deax 	]B
deay	QM
deaz	QM
deaß	RL
deaße	SK
deb 	IU
deb 0	VH
deb a	XF
deb d	IU
deb e	FX
deb f	XF
deb g	FX
deb h	LR
deb i	QM
deb m	SK
deb n	JT
deb o	GW
deb s	IU
deb w	;e
deb z	[C
deb |	ZD
deb,	JT
deb, 	JT
deb.	C[
deb. 	FX
deba	VH
debac	QM
debah	YE
debal	FX
deban	FX
debat	HV
debau	^A
debb	TJ
debd	JT
debe	RL
debe 	C[
debe,	LR
debe.	UI
debea	a?
debeb	QM
debed	SK
debee	^A
debeg	WG
debeh	UI
debei	XF
debel	SK
deben	KS
deber	HV
debes	KS
debet	LR
debev	RL
debew	JT
debez	IU
debf	XF
debfr	XF
debg	HV
debge	>b
debh	QM
debh,	SK
debho	LR
debia	GW
debie	SK
debil	EY
debin	UI
debio	VH
debis	ZD
debit	C[
debl	JT
debla	B]
deble	KS
deblo	SK
debma	JT
debn	MQ
debni	MQ
debo	RL
debod	FX
debog	SK
deboo	VH
debot	IU
debou	MQ
debr	SK
debra	LR
debre	UI
debri	VH
debro	GW
debru	EY
debrü	WG
debs	SK
debse	A^
debsf	RL
debst	UI
debt	LR
debt.	FX
debuc	UI
debud	GW
debue	VH
debun	SK
debur	HV
debä	LR
debän	LR
debü	ZD
debüc	ZD
debür	UI
dec-	WG
deca	XF
dece	VH
dech	SK
dech 	MQ
dech)	WG
dech,	RL
dech.	QM
dech;	HV
dechb	IU
dechf	KS
dechg	WG
dechh	QM
dechi	LR
dechm	RL
dechn	TJ
dechp	SK
dechr	JT
dechs	^A
decht	MQ
dechu	TJ
dechw	IU
dechz	SK
dechä	RL
dechö	;e
deci	XF
deck	SK
deck 	TJ
deck.	KS
deckb	KS
decke	MQ
deckh	WG
decki	RL
decks	A^
deckt	XF
decl	KS
deco	DZ
deco.	SK
decom	JT
decoo	@_
ded 	TJ
ded 0	YE
ded a	YE
ded b	JT
ded d	UI
ded e	[C
ded f	MQ
ded g	UI
ded h	C[
ded i	SK
ded j	XF
ded k	HV
ded l	YE
ded m	VH
ded n	JT
ded o	YE
ded p	TJ
ded r	KS
ded s	LR
ded t	KS
ded u	QM
ded v	QM
ded w	LR
ded |	]B
ded,	HV
ded, 	HV
ded-	GW
ded.	QM
ded. 	WG
ded.e	WG
ded@	b>
deda	LR
deda 	LR
deda.	ZD
dedac	TJ
dedaf	HV
dedag	KS
dedah	MQ
dedai	RL
dedal	WG
dedam	UI
dedan	EY
dedar	RL
dedas	EY
dedat	GW
dedau	GW
dedav	QM
dedb	VH
dedd	XF
dede 	LR
dede)	KS
dede,	UI
dede0	XF
dedea	HV
dedei	WG
dedel	XF
dedem	MQ
deden	VH
deder	IU
dedes	JT
dedet	VH
dedeu	IU
dedez	YE
dedf	GW
dedg	HV
dedga	RL
dedge	KS
dedh	A^
dedi	MQ
dedi 	JT
dedi,	QM
dedic	SK
dedin	HV
dedip	TJ
dedir	TJ
dedis	<d
dedk	QM
dedl	MQ
dedl 	XF
dedli	C[
dedm	RL
dedme	RL
dedn	FX
dedne	FX
dednr	UI
dednu	LR
dedo	RL
dedo 	UI
dedo,	QM
dedo.	XF
dedok	KS
dedon	SK
dedor	MQ
dedow	KS
dedr	VH
dedr.	RL
dedra	LR
dedre	XF
dedri	KS
dedru	EY
dedrü	VH
deds	IU
dedsa	B]
dedsc	B]
dedss	JT
dedt	QM
dedt 	RL
dedu	GW
dedu 	HV
dedun	IU
dedur	MQ
dedv	VH
dedve	VH
dedw	SK
dedwe	XF
dedwi	RL
dedy	HV
dedy 	RL
dedü	LR
dedür	LR
dedı	RL
dedız	RL
dee 	JT
dee (	MQ
dee 0	SK
dee a	MQ
dee b	RL
dee c	KS
dee d	MQ
dee e	MQ
dee f	JT
dee h	XF
dee i	EY
dee j	FX
dee k	IU
dee l	GW
dee o	HV
dee p	SK
dee s	GW
dee u	KS
dee v	LR
dee w	QM
dee z	JT
dee |	[C
dee ö	SK
dee ü	FX
dee „	@_
dee!	KS
dee'	QM
dee)	JT
dee) 	MQ
dee),	JT
dee,	QM
dee, 	QM
dee-	TJ
dee.	VH
dee. 	XF
dee.e	^A
dee.“	HV
dee0	XF
dee00	XF
dee:	JT
dee: 	JT
dee?	@_
dee? 	@_
deea	QM
deean	EY
deear	IU
deeas	IU
deeat	]B
deeb	MQ
deeb 	MQ
deeba	ZD
deebe	KS
deebi	QM
deebn	@_
deebo	C[
deebr	RL
deebs	VH
deebu	JT
deec	SK
deech	SK
deeck	TJ
deed	VH
deed@	UI
deeda	XF
deede	MQ
deedg	UI
deeds	JT
deedt	[C
deee	UI
deee 	_@
deee,	QM
deeeh	EY
deeep	LR
deeer	XF
deeet	SK
deef	QM
deef 	UI
deefa	VH
deeff	JT
deefl	XF
deefr	A^
deefä	C[
deefü	GW
deeg	SK
deeg 	[C
deeg,	FX
deeg.	IU
deega	LR
deege	SK
deegi	LR
deegl	LR
deego	YE
deegr	^A
deegt	LR
deeh	RL
deeha	]B
deehe	MQ
deehl	VH
deehm	XF
deehn	MQ
deehr	SK
deeht	JT
deehö	RL
deei 	^A
deei,	RL
deei-	]B
deei.	_@
deei@	SK
deeib	FX
deeid	TJ
deeie	FX
deeif	TJ
deeig	YE
deeih	YE
deeik	YE
deeil	SK
deein	JT
deeit	RL
deeiw	WG
deeiz	DZ
deeiß	JT
deek	RL
deeko	LR
deel	SK
deel 	IU
deel,	SK
deel.	TJ
deela	DZ
deelc	FX
deeld	QM
deele	QM
deelf	LR
deelg	JT
deeli	d<
deell	MQ
deelm	YE
deeln	RL
deelw	VH
deelö	RL
deem 	MQ
deemb	MQ
deeme	YE
deemi	VH
deemü	LR
deen 	RL
deen)	TJ
deen-	VH
deen.	JT
deen:	IU
deen;	LR
deen?	?a
deen@	c=
deena	KS
deenb	UI
deend	IU
deene	WG
deenf	UI
deeng	QM
deenh	QM
deenk	ZD
deenl	VH
deenn	FX
deeno	KS
deenp	QM
deenr	VH
deens	c=
deent	MQ
deenw	ZD
deen“	SK
deeo	QM
deeon	WG
deeor	KS
deep	QM
deepa	UI
deepe	]B
deepl	LR
deepp	XF
deer	SK
deer!	MQ
deer)	MQ
deer,	MQ
deer-	QM
deer.	FX
deer:	JT
deer;	QM
deera	RL
deerb	UI
deere	b>
deerf	LR
deerg	KS
deerh	EY
deerk	UI
deerl	DZ
deerm	RL
deern	C[
deero	ZD
deerp	SK
deerr	B]
deers	HV
deert	QM
deeru	VH
deerv	LR
deerw	XF
deerä	YE
deerö	JT
deer“	IU
dees	LR
dees,	UI
dees.	FX
deesa	;e
deesc	SK
deese	UI
deesh	DZ
deesi	RL
deesk	JT
deesp	HV
deess	IU
deest	HV
deet	LR
deet 	UI
deet,	TJ
deet.	KS
deeta	YE
deetb	RL
deetr	LR
deets	IU
deett	IU
deetw	KS
deetz	FX
deeu	IU
deeu 	FX
deeub	TJ
deeud	MQ
deeue	HV
deeun	ZD
deeur	KS
deeut	MQ
deeuz	QM
deev	KS
deevo	RL
deew	JT
deew 	MQ
deewi	JT
deex	TJ
deexa	QM
deexp	RL
deez	VH
deeze	^A
deezi	FX
deeß	VH
deeße	UI
deeö	YE
deeöf	YE
dee“	HV
dee“ 	IU
def (	JT
def 0	LR
def b	MQ
def d	EY
def e	JT
def g	TJ
def h	VH
def i	C[
def k	KS
def l	YE
def m	SK
def n	TJ
def r	FX
def t	WG
def u	TJ
def v	JT
def w	SK
def z	UI
def)	GW
def,	RL
def, 	RL
def-	d<
def- 	UI
defam	QM
defan	TJ
defar	>b
defas	TJ
defax	]B
defe	QM
defe 	YE
defeb	QM
defeh	KS
defei	KS
defel	LR
defen	KS
defer	QM
defes	IU
defeu	TJ
deff	HV
deff 	EY
deff,	ZD
deffe	GW
defg	MQ
defge	XF
defi	C[
defia	HV
defik	KS
defil	JT
defin	KS
defir	SK
defk	JT
defl	^A
defla	QM
defle	XF
defli	VH
defm	MQ
defma	RL
defn 	QM
defna	MQ
defne	ZD
defnu	HV
defo	LR
defo@	TJ
defol	FX
defor	HV
defot	IU
defp	MQ
defr	IU
defra	GW
defre	TJ
defri	QM
defro	^A
defrü	FX
defs	^A
defsc	TJ
defst	TJ
deft	LR
deft,	MQ
deft.	TJ
defte	EY
deftr	KS
defu	MQ
defw	SK
defwa	SK
defä	MQ
defäh	HV
defäl	GW
defän	WG
defär	]B
defö	FX
deför	FX
defü	LR
defüh	QM
defül	DZ
defür	MQ
deg 	RL
deg &	GW
deg (	TJ
deg f	MQ
deg g	DZ
deg h	HV
deg j	QM
deg k	]B
deg m	KS
deg o	JT
deg p	XF
deg r	ZD
deg s	VH
deg u	UI
deg z	LR
deg |	LR
deg)	LR
deg) 	SK
deg,	MQ
deg, 	MQ
deg-	TJ
deg.	QM
deg. 	QM
deg@	[C
dega	KS
degab	B]
degal	C[
degar	UI
degas	RL
degb	SK
degbr	VH
degd	LR
dege	TJ
dege 	RL
dege,	WG
dege.	B]
degea	VH
degeb	RL
degee	EY
degef	UI
degeg	UI
degek	RL
degel	JT
degem	WG
degen	WG
degeo	KS
deges	KS
deget	HV
degew	TJ
degez	]B
degeö	YE
degg	HV
degg,	VH
degh	SK
degi	QM
degib	[C
degie	QM
degin	GW
degis	LR
degl	XF
degla	LR
degli	RL
deglo	RL
deglä	UI
degm	QM
degmb	SK
degn	MQ
dego 	FX
degor	WG
degos	XF
degr	IU
degra	JT
degro	RL
degru	MQ
degrü	KS
degs	TJ
degs,	MQ
degs.	YE
degsa	RL
degse	RL
degsp	IU
degst	HV
degsz	HV
degt 	RL
degt,	GW
degt.	JT
degt:	HV
degu	@_
degun	B]
degut	DZ
degä	C[
degäs	JT
degül	SK
deh 	MQ
deh (	UI
deh 0	VH
deh e	JT
deh h	LR
deh i	KS
deh j	KS
deh k	TJ
deh l	UI
deh m	GW
deh o	DZ
deh r	C[
deh s	KS
deh t	IU
deh u	QM
deh v	XF
deh w	IU
deh z	IU
deh |	JT
deh ü	HV
deh)	YE
deh) 	YE
deh,	SK
deh, 	SK
deh-	IU
deh.e	ZD
deh;	HV
deha	WG
dehaa	WG
dehab	VH
dehad	IU
dehaf	QM
dehal	QM
dehan	XF
dehar	SK
dehas	LR
dehat	IU
dehau	XF
dehav	MQ
dehb	IU
dehba	DZ
dehe	HV
dehe 	KS
dehe.	LR
dehee	]B
dehef	IU
dehei	ZD
dehem	IU
dehen	DZ
deher	LR
dehes	TJ
deheu	SK
dehf	KS
dehfa	YE
dehfo	IU
dehg	WG
dehh	QM
dehhe	IU
dehie	GW
dehil	MQ
dehin	UI
dehj	B]
dehja	B]
dehl	WG
dehl 	TJ
dehl.	SK
dehle	ZD
dehlo	UI
dehls	UI
dehlt	KS
dehlu	KS
dehm	UI
dehm 	LR
dehm,	UI
dehme	TJ
dehmi	TJ
dehn	RL
dehn,	HV
dehna	TJ
dehnd	YE
dehne	WG
dehni	SK
deho	RL
dehoc	TJ
dehof	QM
dehol	[C
dehom	GW
dehop	EY
dehor	[C
dehos	EY
dehp	SK
dehpl	ZD
dehr	KS
dehr 	JT
dehr,	MQ
dehr.	WG
dehr?	FX
dehra	a?
dehrb	QM
dehre	KS
dehrg	IU
dehrj	YE
dehrl	QM
dehrs	MQ
dehrt	HV
dehru	SK
dehs	YE
dehs 	YE
dehse	SK
dehst	QM
deht	MQ
deht 	QM
deht,	IU
deht.	KS
deht:	IU
deht?	FX
dehtb	JT
dehte	MQ
dehti	DZ
dehtu	HV
dehtz	VH
dehu	ZD
dehul	JT
dehun	ZD
dehur	QM
dehus	XF
dehut	GW
dehw	KS
dehwa	EY
dehwe	RL
dehz	SK
dehze	SK
dehä	QM
dehäd	EY
dehäf	RL
dehäl	[C
dehät	JT
dehäu	FX
dehö	KS
dehöc	SK
dehöf	SK
dehön	;e
dehör	LR
dehüb	HV
dehür	TJ
dehüs	GW
dei 	WG
dei (	SK
dei 0	LR
dei a	[C
dei b	GW
dei d	GW
dei e	TJ
dei f	XF
dei g	XF
dei h	ZD
dei i	RL
dei l	UI
dei m	IU
dei o	QM
dei s	QM
dei t	FX
dei u	[C
dei w	VH
dei z	XF
dei-	]B
dei;	ZD
dei; 	ZD
dei@	TJ
deia	HV
deian	XF
deiat	EY
deib 	HV
deic	FX
deich	HV
deick	LR
deid	SK
deide	VH
deidn	UI
deidu	JT
deie	LR
deie 	IU
deie,	KS
deie?	B]
deieb	SK
deied	RL
deieg	EY
deiel	EY
deiem	YE
deien	[C
deier	WG
deies	]B
deiet	SK
deieß	VH
deif	LR
deife	WG
deiff	JT
deift	GW
deig	XF
deig 	_@
deig,	DZ
deig.	XF
deigi	QM
deign	LR
deigt	RL
deigu	C[
deih	QM
deihe	UI
deihn	TJ
deihr	@_
deihu	UI
deik	VH
deik 	SK
deik,	RL
deika	MQ
deike	RL
deil	HV
deil 	UI
deil?	FX
deila	GW
deilb	JT
deild	B]
deile	b>
deili	LR
deilo	QM
deilt	GW
deim	QM
deim 	TJ
deimk	XF
deimm	GW
deimp	LR
dein 	JT
dein)	LR
dein,	LR
dein.	JT
deina	WG
deind	TJ
deine	IU
deinf	DZ
deinh	SK
deink	WG
deinl	KS
deinm	GW
deinn	LR
deino	KS
deinr	MQ
deins	VH
deint	JT
deinu	MQ
deinv	LR
deinw	[C
deio	UI
deion	LR
deios	RL
deipl	TJ
deipp	JT
deir	WG
deir 	XF
deir,	ZD
deir.	ZD
deira	LR
deird	RL
deire	UI
deirg	EY
deirk	MQ
deirm	MQ
deirn	YE
deirt	RL
deis	WG
deis 	UI
deis,	TJ
deisc	JT
deise	IU
deisi	VH
deisl	B]
deiso	UI
deiss	JT
deist	UI
deit 	EY
deit.	VH
deita	YE
deitb	RL
deite	A^
deitg	QM
deitm	TJ
deitr	LR
deits	IU
deitu	SK
deitz	SK
deitä	VH
deiv	EY
deiva	C[
deive	RL
deiw	WG
deiwe	VH
deiwi	TJ
deix 	DZ
deix,	WG
deiz	LR
deize	KS
deizi	TJ
deizu	EY
deiß	JT
deiß 	FX
deiß,	IU
deiß.	B]
deiße	RL
deißi	WG
deißt	RL
deja	KS
deja 	C[
deja,	DZ
dejac	LR
dejah	QM
dejan	QM
deje	SK
deje 	KS
dejed	VH
dejen	SK
dejet	EY
dejew	UI
deju	LR
dejug	RL
dejul	MQ
dejun	EY
dejä	QM
dejän	QM
dejö	VH
dejör	VH
dek 	QM
dek b	TJ
dek f	KS
dek g	MQ
dek h	HV
dek i	QM
dek u	UI
dek w	DZ
dek,	RL
dek, 	RL
dek-	ZD
dek.	KS
dek. 	KS
dekac	SK
dekam	HV
dekan	QM
dekap	WG
dekar	QM
dekas	JT
dekau	WG
dekb	JT
deke	JT
deke 	RL
deke,	MQ
dekeg	]B
dekeh	VH
dekei	@_
dekel	EY
deker	QM
deket	MQ
dekg	YE
dekh	UI
dekho	UI
deki	WG
dekie	UI
dekil	QM
dekin	WG
dekio	RL
dekis	JT
dekk	LR
dekl	MQ
dekl.	WG
dekla	IU
dekle	VH
dekli	MQ
deklä	=c
dekn	TJ
dekno	IU
deko	TJ
dekol	C[
dekom	VH
dekon	RL
dekor	VH
dekos	UI
dekr	WG
dekra	SK
dekre	RL
deks,	MQ
dekst	WG
dekt	TJ
dekt 	QM
dekt,	QM
dekt.	IU
dekta	YE
dekte	A^
dekti	^A
dektr	LR
deku	@_
dekuh	DZ
dekum	MQ
dekun	C[
dekw	VH
dekw 	VH
dekä	MQ
dekö	JT
dekön	KS
dekü	JT
deküc	KS
dekün	EY
dekür	MQ
del 	KS
del 0	QM
del b	WG
del e	TJ
del f	RL
del g	MQ
del h	HV
del i	JT
del j	C[
del m	LR
del n	KS
del p	KS
del r	FX
del s	KS
del t	JT
del u	JT
del v	A^
del z	XF
del |	YE
del)	QM
del,	TJ
del, 	TJ
del-	TJ
del.	QM
del.e	WG
del?	FX
del? 	FX
delac	GW
delad	SK
delaf	GW
delam	IU
delan	_@
delar	?a
delas	QM
delat	MQ
delau	FX
delb	MQ
delb 	MQ
delba	UI
delbe	GW
delbr	WG
delbs	QM
delc	MQ
delch	JT
deld	GW
deld,	JT
deld.	JT
delde	EY
deldi	HV
deldr	HV
deldı	RL
dele	VH
dele 	UI
dele,	YE
dele.	XF
delea	HV
deleb	LR
delec	KS
deled	LR
deleh	JT
delei	WG
delek	LR
deler	TJ
deles	MQ
delet	HV
deleu	RL
delf,	QM
delfe	KS
delft	VH
delg	GW
delg 	LR
delge	LR
delgr	JT
delgt	EY
deli 	SK
deli,	VH
delic	JT
delie	SK
delig	VH
delil	FX
delin	MQ
delis	B]
delit	MQ
delk	ZD
delk 	IU
delke	]B
delko	YE
dell 	B]
dell,	MQ
dell.	HV
dellb	QM
delli	LR
dellk	YE
dellm	^A
dello	LR
dellt	EY
dellw	HV
delm	XF
delm,	KS
delma	QM
delmt	YE
deln	RL
deln 	SK
deln,	XF
delni	JT
delo	XF
delo 	LR
deloa	IU
delof	MQ
deloh	GW
delom	UI
delos	YE
deloß	SK
delp	SK
delpf	WG
delr	a?
delri	[C
dels	LR
dels 	GW
delsc	[C
delse	UI
delt	VH
delt 	QM
delt.	KS
delte	MQ
delti	WG
delu	LR
deluf	QM
delun	SK
delus	RL
delw	LR
delwa	JT
dely	TJ
delz	_@
delz 	c=
delz,	LR
delä	LR
deläd	RL
delän	MQ
delär	>b
deläs	ZD
delät	LR
deläu	VH
delö	VH
delöf	RL
delös	]B
delü	IU
delüg	KS
dem 	LR
dem (	IU
dem 0	YE
dem a	@_
dem b	IU
dem d	RL
dem e	IU
dem f	YE
dem g	JT
dem h	JT
dem i	LR
dem j	VH
dem k	UI
dem l	QM
dem m	HV
dem n	EY
dem o	ZD
dem p	VH
dem r	RL
dem t	LR
dem u	IU
dem v	JT
dem w	JT
dem z	IU
dem |	ZD
dem-	SK
dem.	JT
dem. 	JT
dema	RL
dema 	QM
demag	RL
demah	VH
demai	LR
demal	ZD
deman	QM
demas	SK
demat	VH
demau	KS
demaß	QM
demb	RL
demba	VH
dembh	SK
deme	QM
deme,	YE
deme.	QM
demec	WG
demed	SK
demel	JT
demen	SK
demer	HV
demes	MQ
demet	a?
demg	MQ
demi 	QM
demic	B]
demie	UI
demil	RL
demin	LR
demir	LR
demis	RL
demit	RL
demk	QM
demkr	]B
demlu	QM
demm	IU
demm 	MQ
demma	GW
demme	LR
demml	QM
demmt	LR
demmu	KS
demo	ZD
demo 	XF
demo,	]B
demo.	XF
demod	GW
demoi	MQ
demol	JT
demon	TJ
demoo	RL
demor	[C
demo–	^A
dempe	^A
dempf	GW
dempl	QM
dempr	IU
dems	UI
dems 	JT
demst	SK
demt	QM
demt 	RL
demt,	B]
demt.	@_
demta	YE
demts	UI
demu	DZ
demul	EY
demun	KS
demut	FX
demw	TJ
demws	TJ
dem²	UI
dem² 	UI
demö	DZ
demöc	TJ
demü	LR
demüh	RL
demül	LR
demüs	HV
den 0	SK
den a	LR
den b	HV
den c	JT
den d	RL
den f	IU
den g	IU
den h	WG
den i	QM
den l	IU
den m	EY
den n	VH
den o	GW
den p	MQ
den r	MQ
den s	KS
den t	WG
den u	RL
den v	^A
den w	WG
den z	JT
den |	JT
den ö	RL
den ü	JT
den!	B]
den! 	B]
den)	LR
den) 	HV
den,	QM
den, 	QM
den-	UI
den-r	KS
den.	LR
den. 	QM
den.“	KS
den:	FX
den: 	FX
den;	JT
den; 	HV
den?	<d
den? 	<d
den@	KS
dena 	QM
denab	UI
denac	KS
denal	QM
denam	@_
denan	JT
denat	IU
denau	XF
denb	QM
denba	YE
denbe	EY
denc	VH
dench	VH
dend 	UI
dend,	JT
dend-	HV
dend.	XF
dend@	f:
denda	[C
dende	VH
dendi	A^
dendl	KS
dends	EY
dendu	VH
dendw	RL
dendy	JT
dene 	MQ
dene,	UI
dene.	@_
deneb	DZ
dened	JT
denef	JT
deneh	XF
denel	XF
denem	QM
denen	HV
dener	YE
denes	FX
denet	JT
deneu	JT
denew	MQ
denf	QM
denf.	UI
denfe	MQ
denfl	QM
denfo	EY
denfr	MQ
denfä	TJ
deng	RL
deng.	TJ
denga	JT
dengb	LR
denge	VH
dengl	A^
dengt	MQ
denh	SK
denh.	ZD
denha	SK
denhe	JT
denho	LR
denhö	EY
deni 	WG
denia	SK
denic	HV
denie	_@
denik	TJ
denin	FX
denir	FX
denis	EY
denk	HV
denk 	FX
denka	XF
denke	HV
denkl	KS
denku	B]
denla	RL
denle	RL
denli	A^
denlo	SK
denme	MQ
denn 	FX
denn,	[C
denn.	XF
denna	KS
denne	QM
denni	MQ
denns	DZ
dennt	KS
dennu	UI
deno	FX
deno 	A^
denoc	MQ
denol	KS
denos	SK
denot	IU
denow	QM
denpf	RL
denpl	JT
denpr	SK
denr	ZD
denr 	UI
denr.	[C
denra	VH
denre	RL
denrä	RL
dens	VH
dens 	ZD
dens)	B]
dens,	b>
dens.	JT
densa	]B
densc	JT
dense	MQ
densf	GW
densh	TJ
densi	WG
denst	WG
densä	IU
dent	HV
dent,	EY
denta	KS
dente	LR
dentl	?a
dento	SK
dents	:f
denu	JT
denua	SK
denum	?a
denun	JT
denup	WG
denus	KS
denv	MQ
denve	LR
denw	WG
denwe	LR
denwi	XF
denz	MQ
denz,	XF
denza	HV
denze	JT
denzi	QM
denäc	HV
denäh	SK
denö	ZD
denöt	VH
denü	QM
den“ 	C[
deo 	KS
deo (	TJ
deo 0	^A
deo a	YE
deo d	DZ
deo e	GW
deo f	A^
deo h	HV
deo i	QM
deo l	TJ
deo r	UI
deo s	KS
deo u	JT
deo z	IU
deo)	XF
deo) 	VH
deo),	TJ
deo,	QM
deo, 	QM
deo.	]B
deo. 	]B
deo.–	XF
deo@	VH
deoa	IU
deoad	IU
deob	HV
deob 	B]
deoba	JT
deobe	QM
deobi	LR
deobo	KS
deock	SK
deod	LR
deode	MQ
deof 	YE
deof,	FX
deofe	UI
deoff	KS
deofi	VH
deofr	MQ
deoge	YE
deogo	FX
deoh	XF
deohn	XF
deohr	VH
deoi	MQ
deoin	MQ
deois	MQ
deok	IU
deoko	C[
deol	LR
deola	VH
deold	HV
deole	XF
deolf	FX
deolg	FX
deolk	KS
deoll	SK
deoln	JT
deolo	VH
deols	QM
deolt	^A
deolu	HV
deolz	XF
deom 	JT
deom,	KS
deoma	UI
deomi	JT
deomk	HV
deomm	TJ
deomp	IU
deon 	MQ
deona	SK
deond	RL
deone	]B
deoni	WG
deonk	B]
deonl	DZ
deonn	MQ
deons	FX
deonz	JT
deoo	RL
deoor	RL
deoos	QM
deoot	UI
deop	FX
deop 	C[
deop,	EY
deope	@_
deopf	GW
deopp	TJ
deor	TJ
deor 	a?
deorb	YE
deord	IU
deorf	IU
deorg	RL
deorh	GW
deori	HV
deork	JT
deorl	KS
deorn	TJ
deort	LR
deos	SK
deos 	FX
deos,	QM
deos.	QM
deose	IU
deosk	RL
deoss	[C
deost	VH
deot	KS
deot 	FX
deot,	QM
deot.	QM
deotd	a?
deote	GW
deoti	KS
deoto	GW
deots	TJ
deou	FX
deoul	EY
deour	JT
deout	IU
deov	LR
deove	HV
deoße	KS
deoßv	[C
deo–	^A
deo–d	YE
deo–f	XF
dep 	LR
dep 0	C[
dep,	FX
dep, 	FX
depa	SK
depaa	MQ
depac	LR
depag	C[
depak	QM
depal	EY
depar	VH
depd	IU
depdf	IU
deped	VH
depeg	A^
depek	VH
depel	ZD
depen	SK
depet	DZ
depf	ZD
depf 	IU
depfa	SK
depfe	UI
depfi	GW
depfl	[C
depfm	KS
depic	C[
depie	VH
depin	FX
depl	TJ
depla	LR
deple	RL
depol	IU
depos	RL
depp	UI
depp 	WG
deppe	YE
depr	GW
depra	IU
depre	A^
depri	MQ
deprä	JT
deprü	SK
deps	GW
deps.	GW
dept	LR
depte	QM
depu	QM
depum	WG
deput	JT
depä	JT
depät	GW
dequ	_@
dequa	RL
deque	RL
dequi	e;
der &	RL
der 0	VH
der a	WG
der b	MQ
der c	UI
der e	GW
der g	TJ
der h	VH
der i	^A
der k	KS
der l	QM
der m	VH
der n	JT
der o	GW
der p	JT
der r	KS
der s	HV
der t	SK
der u	UI
der v	IU
der w	=c
der ä	LR
der ü	RL
der!	MQ
der! 	MQ
der)	MQ
der) 	JT
der,	QM
der, 	QM
der-	QM
der-i	WG
der.	SK
der. 	SK
der.e	WG
der.“	LR
der:	QM
der: 	QM
der;	QM
der?	FX
der? 	FX
dera	JT
dera 	MQ
dera,	LR
derab	HV
derac	UI
derad	JT
derag	IU
derah	LR
deral	WG
deras	XF
derat	TJ
derau	JT
deraß	SK
derb	TJ
derb 	QM
derbe	SK
derbi	QM
derbo	QM
derbr	XF
derbu	YE
derbü	VH
derc	SK
derd	LR
derd 	UI
derd,	MQ
derda	JT
derdb	VH
derdi	LR
derdn	HV
derdo	IU
dere 	[C
dere.	EY
derea	LR
derec	LR
dered	HV
deree	VH
deref	KS
dereg	SK
dereh	IU
derei	SK
derek	SK
derem	A^
deren	VH
derep	WG
derer	HV
deres	FX
deret	RL
dereu	GW
derf	GW
derfa	KS
derfe	KS
derfs	]B
derfü	]B
derg	JT
derg 	VH
derga	KS
dergi	DZ
dergl	HV
dergr	SK
derh	EY
derha	MQ
derhe	KS
derho	LR
deri	VH
derie	SK
derif	KS
derig	KS
derik	[C
deril	UI
derin	VH
deris	KS
derit	XF
deriv	C[
derj	YE
derja	YE
derk	RL
derk 	MQ
derka	RL
derke	UI
derki	LR
derkl	HV
derks	UI
derkt	ZD
derku	TJ
derl	GW
derla	HV
derlä	LR
derm	QM
derm 	JT
derm,	MQ
derma	UI
derme	RL
dermo	LR
dermu	C[
dern	KS
dern 	VH
dern,	GW
dern.	SK
dern;	HV
derna	HV
dernd	UI
derne	LR
dero	QM
dero 	WG
dero,	HV
dero.	RL
dero@	UI
derob	YE
deroc	?a
derof	TJ
derol	TJ
derom	XF
deron	LR
deros	WG
derot	MQ
deroß	IU
derp	SK
derr	FX
derr 	B]
derre	FX
derrh	ZD
derrt	JT
ders	IU
ders 	LR
dersc	RL
dersi	TJ
derso	ZD
dersp	TJ
derst	FX
dert	LR
dert 	LR
dert)	JT
dert,	KS
derte	VH
derth	FX
derti	HV
dertn	RL
derto	MQ
dertr	IU
derts	KS
dertu	VH
deru	VH
derua	LR
deruc	B]
derud	RL
deruf	KS
deruh	UI
derum	SK
derun	]B
derut	WG
deruß	IU
derve	TJ
dervu	DZ
derw	YE
derwa	SK
derwe	SK
derwi	UI
derwä	JT
derz	DZ
derz 	MQ
derz,	IU
derze	IU
derä	VH
deräg	TJ
deräs	JT
derät	YE
deräu	WG
derö	XF
deröf	JT
deröß	SK
derüb	SK
derüc	UI
derüe	EY
derüf	RL
derüh	FX
derüs	FX
derüß	FX
der“	JT
des 	LR
des (	WG
des 0	XF
des a	QM
des b	EY
des e	SK
des f	YE
des g	C[
des i	LR
des j	GW
des m	RL
des n	C[
des o	LR
des p	TJ
des s	XF
des t	UI
des u	UI
des v	DZ
des w	KS
des |	LR
des ä	JT
des ö	GW
des ü	HV
des „	TJ
des'	HV
des)	GW
des) 	GW
des-	RL
des.	IU
des. 	IU
des:	[C
des: 	[C
des?	FX
des? 	FX
desa	QM
desa 	QM
desaa	JT
desab	WG
desac	A^
desag	MQ
desam	QM
desan	KS
desar	_@
desau	TJ
desbe	VH
desbi	KS
desbr	WG
desc	LR
desch	LR
desco	GW
desd	JT
desdi	ZD
desdr	DZ
dese 	DZ
dese,	RL
dese.	QM
desec	WG
desed	LR
desee	LR
deseg	RL
deseh	B]
desei	LR
desel	UI
desen	RL
desep	VH
deses	XF
deset	YE
desfa	FX
desfe	SK
desfü	LR
desge	JT
desh	LR
desha	IU
deshe	VH
deshi	GW
desho	IU
desi 	MQ
desic	RL
desie	LR
desig	MQ
desik	SK
desil	JT
desis	SK
desk	QM
desk 	RL
deska	[C
deske	UI
deski	MQ
desko	MQ
desla	YE
desle	VH
desli	HV
desm	UI
desme	QM
desn	FX
deso	LR
deso 	QM
deso,	YE
desob	JT
desoh	HV
desol	KS
desom	LR
deson	JT
desor	VH
despa	WG
despe	LR
despi	SK
despl	GW
despr	FX
despä	GW
desr	ZD
desre	RL
dess	QM
dess 	EY
dess,	SK
dessa	ZD
dessh	QM
dessi	DZ
desst	TJ
dessu	HV
dest	VH
dest 	LR
dest)	HV
dest,	TJ
dest-	QM
dest.	XF
dest:	XF
deste	UI
desth	WG
desti	FX
destn	SK
destr	TJ
dests	LR
destu	YE
destä	QM
destü	VH
desu	FX
desuc	FX
desum	HV
desun	TJ
desv	SK
desve	QM
desw	TJ
deswa	TJ
deswe	KS
desze	HV
deszu	XF
desäg	VH
desär	FX
desät	IU
det (	SK
det a	FX
det b	C[
det c	KS
det d	GW
det e	LR
det g	KS
det h	QM
det j	TJ
det l	IU
det m	SK
det n	QM
det o	TJ
det p	DZ
det r	SK
det s	KS
det t	UI
det u	KS
det v	SK
det w	MQ
det z	XF
det |	HV
det ü	SK
det!	JT
det! 	GW
det'	YE
det's	YE
det)	MQ
det) 	KS
det),	TJ
det.)	WG
det.,	RL
det.;	SK
det.e	WG
det;	SK
det; 	RL
det?	FX
det? 	FX
det@	TJ
det@o	QM
deta	TJ
detag	UI
detak	FX
detan	FX
detar	QM
detas	MQ
detat	TJ
detau	UI
detb	VH
detba	RL
detbi	YE
detd	b>
detdi	a?
dete	KS
dete 	;e
dete)	SK
dete,	FX
dete.	VH
deteb	JT
detec	SK
deted	MQ
deteg	RL
detei	VH
detel	SK
detem	TJ
deten	RL
detep	FX
deter	LR
detes	RL
deteu	B]
detf	FX
detfe	LR
detgl	QM
deth	WG
deth 	TJ
deth,	IU
dethe	SK
detho	LR
deti	GW
deti 	GW
detie	UI
detig	SK
detik	HV
detil	MQ
detim	KS
detin	JT
detio	MQ
detip	JT
detis	SK
detke	LR
detkl	VH
detl,	UI
detl.	MQ
detle	RL
detli	KS
detm	XF
detma	XF
detme	VH
detn	TJ
detne	RL
deto	QM
deto 	HV
deto,	VH
deto.	UI
detob	JT
detoc	IU
detof	KS
detok	B]
detom	LR
deton	VH
detop	EY
detor	ZD
detos	GW
detp	WG
detr	RL
detr.	XF
detre	JT
detri	KS
detro	RL
detru	UI
deträ	TJ
dets	KS
dets 	GW
dets.	YE
detsa	JT
detsc	EY
detse	?a
detsf	LR
detsg	UI
detsh	MQ
detsl	VH
detsp	TJ
dett 	LR
dett.	RL
dett@	RL
dette	IU
detti	HV
dettk	KS
dettl	SK
detts	QM
dettu	SK
dettw	WG
detu	YE
detu0	VH
detuh	UI
detun	VH
detur	YE
detw	QM
detwe	JT
detwo	RL
detz 	IU
detz,	IU
detz.	JT
detze	YE
detzg	TJ
detzi	VH
detzu	HV
detä	SK
detäg	ZD
detän	QM
detö	FX
detü	WG
detüc	RL
detüh	TJ
detür	TJ
deu 	IU
deu a	IU
deu b	C[
deu e	MQ
deu f	IU
deu g	LR
deu k	IU
deu l	FX
deu n	YE
deu r	XF
deu t	B]
deu u	DZ
deu v	LR
deu w	GW
deu,	LR
deu, 	LR
deu.	JT
deu. 	IU
deu.e	XF
deu0	VH
deu00	VH
deual	HV
deuar	QM
deub	UI
deub 	LR
deube	UI
deubi	WG
deuc	QM
deuch	TJ
deuck	IU
deud	KS
deude	VH
deudg	GW
deue	SK
deuen	QM
deuf	SK
deuf 	HV
deuf.	IU
deufe	UI
deufg	RL
deufl	WG
deufm	QM
deufn	MQ
deufp	MQ
deufs	ZD
deufw	SK
deug	UI
deug,	[C
deug-	TJ
deuge	TJ
deuh	VH
deuhe	UI
deuhl	[C
deuhr	VH
deui	_@
deuid	VH
deula	IU
deuld	C[
deule	JT
deuli	XF
deulk	SK
deull	LR
deulr	[C
deum 	HV
deum,	JT
deum.	IU
deuma	VH
deumb	WG
deume	TJ
deumk	]B
deumm	FX
deump	WG
deums	WG
deund	UI
deune	]B
deung	IU
deunk	GW
deuns	MQ
deupp	ZD
deupt	GW
deur	TJ
deur.	?a
deura	TJ
deurc	MQ
deurd	HV
deure	QM
deurg	MQ
deuri	GW
deurl	YE
deurn	UI
deuro	KS
deurr	B]
deurs	]B
deurt	MQ
deurz	SK
deurü	TJ
deus	RL
deus 	SK
deus,	FX
deusa	KS
deusc	LR
deusd	IU
deuse	^A
deusg	EY
deush	C[
deusl	WG
deusr	RL
deuss	IU
deust	WG
deusw	SK
deusz	XF
deut 	FX
deut.	RL
deuta	QM
deute	RL
deuth	XF
deuti	QM
deutk	VH
deuto	TJ
deuts	JT
deutt	C[
deutz	FX
deuw	XF
deuwe	ZD
deuz	QM
deuß	EY
deuß 	FX
deuße	KS
dev 	UI
dev.	RL
dev. 	QM
deve	JT
deve,	]B
devem	HV
deven	HV
dever	LR
deves	UI
devi	HV
devie	FX
devis	SK
devom	FX
devon	LR
devor	RL
devos	a?
devu	DZ
devus	DZ
dew 	LR
dew 0	VH
dew.	QM
dewac	SK
dewaf	FX
dewag	HV
dewah	JT
dewal	VH
dewan	SK
dewar	IU
dewe	MQ
dewe 	IU
deweb	@_
deweg	JT
deweh	[C
dewei	LR
dewen	QM
dewer	XF
dewes	TJ
dewet	GW
dewi	UI
dewic	HV
dewie	DZ
dewim	YE
dewin	VH
dewir	[C
dewis	MQ
dewo	QM
dewo 	HV
dewoc	YE
dewoh	VH
dewor	GW
dews	TJ
dewst	TJ
dewu	JT
dewul	QM
dewun	HV
dewur	MQ
dewä	RL
dewär	GW
dewöl	QM
dewü	>b
dewün	>b
dex 	GW
dex,	YE
dex, 	YE
dex.	LR
dex. 	LR
dexam	QM
dexav	HV
dexp	RL
dexpr	RL
dexte	KS
dextr	RL
dey 	LR
dey d	WG
dey n	IU
dey s	RL
dey,	GW
dey, 	GW
dey.	DZ
dey. 	DZ
deye	RL
deyer	VH
deyn	RL
deyo	RL
deyou	RL
deyı	RL
deyıl	RL
dez 	RL
dez 0	TJ
dez g	LR
dez h	YE
dez m	LR
dez n	?a
dez o	MQ
dez u	LR
dez w	GW
dez,	QM
dez, 	QM
dez.	QM
dez. 	QM
deza	JT
dezah	KS
dezd	SK
dezde	SK
deze 	KS
dezeh	QM
dezei	VH
dezel	MQ
dezem	WG
dezen	MQ
dezer	KS
dezet	HV
dezeu	]B
dezf	KS
dezg	VH
dezi	UI
dezi 	EY
dezia	XF
dezie	WG
dezig	UI
dezin	LR
dezir	TJ
dezl	JT
dezli	JT
dezn	HV
dezo	JT
dezol	JT
dezt	ZD
dezt 	MQ
dezt,	ZD
dezte	IU
dezu	RL
dezu 	TJ
dezu.	QM
dezub	WG
dezue	WG
dezum	GW
dezun	HV
dezur	TJ
dezw	YE
dezwe	XF
dezwi	RL
dezwö	QM
dezz	QM
de| 	QM
de| 0	QM
de| a	TJ
de| b	QM
de| e	IU
de| g	TJ
de| i	KS
de| j	KS
de| k	JT
de| m	MQ
de| n	KS
de| p	HV
de| t	^A
de| u	[C
de| v	MQ
de| w	VH
de| |	TJ
de² 	UI
de· 	FX
de· m	FX
deß 	HV
deß g	UI
deß i	IU
deß k	IU
deß m	EY
deß n	IU
deß s	JT
deß,	IU
deß, 	IU
deß.	B]
deß. 	B]
deße 	LR
deße,	HV
deßen	RL
deßer	RL
deßi	WG
deßig	WG
deßs	WG
deßt	QM
deßt 	RL
deßv	UI
deßva	[C
deäd	SK
deäde	TJ
deäg	_@
deäge	^A
deägl	ZD
deägt	JT
deäh	RL
deähe	SK
deähr	LR
deäl	YE
deäll	GW
deält	b>
deäm	?a
deän	RL
deänd	]B
deänn	QM
deär	=c
deär 	IU
deärb	]B
deärc	WG
deäre	<d
deärg	IU
deärm	KS
deärt	HV
deäs	RL
deäse	TJ
deäst	MQ
deät	JT
deät 	IU
deäte	UI
deätt	HV
deätz	KS
deäuf	JT
deäum	WG
deöc	TJ
deöch	TJ
deöf	SK
deöfe	SK
deög	TJ
deöge	TJ
deöh	XF
deöl	TJ
deölf	QM
deön	GW
deön 	?a
deöni	VH
deönn	GW
deöp	WG
deörd	LR
deöre	DZ
deörs	RL
deört	KS
deös	IU
deöss	GW
deöt	VH
deöti	VH
deöß	SK
deöße	SK
deüb	MQ
deübr	MQ
deübs	HV
deüc	TJ
deüch	RL
deück	VH
deüe	MQ
deüez	EY
deüf	RL
deüg	HV
deüge	GW
deüh	TJ
deühe	IU
deühj	B]
deühl	XF
deühr	QM
deül	MQ
deüll	C[
deült	SK
deün 	MQ
deün,	JT
deünd	ZD
deüns	>b
deür 	GW
deür.	YE
deüre	TJ
deürf	LR
deüro	UI
deürs	XF
deürz	JT
deüs	IU
deüss	KS
deüt	LR
deüß	FX
deüße	FX
deıl	RL
deıld	RL
deız	RL
de– n	LR
de–/	WG
de–0	RL
de–00	RL
de–d	^A
de–do	^A
de–f	XF
de–fr	XF
de–s	WG
de“ 	DZ
de“ (	IU
de“ s	LR
de“ –	KS
de“,	HV
de“, 	HV
de“.	XF
de“. 	XF
de„d	SK
de„de	TJ
de„e	KS
de„ei	IU
de„g	HV
de„h	LR
de„hi	LR
de„m	FX
de„p	JT
de„s	JT
de„si	JT
de„w	KS
de„wi	LR
de€ 	VH
de€ a	QM
de€ d	QM
de€ i	YE
de€ k	FX
de€)	TJ
de€),	TJ
de€,	UI
de€, 	UI
de€.	WG
de€. 	WG
en "	HV
en "a	TJ
en "b	EY
en "c	DZ
en "d	B]
en "f	FX
en "g	HV
en "l	JT
en "m	IU
en "n	XF
en "o	YE
en "s	MQ
en "t	FX
en "w	KS
en $	XF
en $0	XF
en &	TJ
en & 	TJ
en '	@_
en '0	KS
en 'a	GW
en 's	MQ
en (	IU
en (0	VH
en (?	SK
en (b	LR
en (c	LR
en (d	VH
en (f	SK
en (i	LR
en (m	FX
en (n	IU
en (p	WG
en (s	IU
en (w	UI
en (y	EY
en (£	MQ
en *	B]
en *t	QM
en +	VH
en +0	b>
en /	RL
en / 	RL
en 0	SK
en 0 	QM
en 0)	VH
en 0,	QM
en 0-	d<
en 0.	IU
en 0/	SK
en 00	SK
en 0:	JT
en 0a	f:
en 0b	b>
en 0d	YE
en 0e	IU
en 0f	ZD
en 0h	XF
en 0l	b>
en 0n	d<
en 0p	TJ
en 0q	ZD
en 0r	QM
en 0s	c=
en 0t	YE
en [	IU
en [0	MQ
en a0	QM
en ab	DZ
en ac	QM
en ad	KS
en af	MQ
en ag	@_
en ai	IU
en al	TJ
en am	IU
en an	WG
en ao	HV
en ap	c=
en as	IU
en at	JT
en au	UI
en av	WG
en b	RL
en b 	WG
en b.	JT
en be	LR
en bi	GW
en bn	UI
en bo	TJ
en br	XF
en bs	_@
en bu	MQ
en by	MQ
en c 	WG
en cd	QM
en ce	TJ
en ch	SK
en ci	RL
en cl	QM
en cm	^A
en cr	EY
en cy	KS
en d	GW
en d.	DZ
en da	HV
en db	YE
en dd	EY
en de	EY
en di	B]
en dl	b>
en dp	YE
en dr	UI
en du	[C
en dy	ZD
en e	RL
en e 	WG
en e.	C[
en ea	GW
en eb	FX
en ed	QM
en ei	_@
en el	QM
en em	ZD
en en	QM
en er	A^
en et	LR
en eu	XF
en ev	UI
en ex	QM
en ey	SK
en f	UI
en f0	MQ
en fe	VH
en ff	B]
en fl	WG
en fo	LR
en fr	TJ
en fs	YE
en fu	WG
en g	TJ
en ga	YE
en gb	LR
en ge	KS
en gl	WG
en go	LR
en gp	B]
en gr	JT
en gs	TJ
en gu	^A
en h	MQ
en h.	GW
en ha	LR
en hd	IU
en he	SK
en ho	QM
en hr	VH
en hu	WG
en i	QM
en i'	KS
en id	A^
en ig	FX
en il	IU
en im	B]
en ir	SK
en is	ZD
en it	MQ
en iv	IU
en j	WG
en j.	XF
en ja	RL
en je	LR
en ji	^A
en jo	MQ
en ju	SK
en k.	SK
en kg	]B
en ki	B]
en km	ZD
en kn	QM
en kr	RL
en la	JT
en le	FX
en li	RL
en ll	_@
en ln	[C
en lo	IU
en lt	SK
en lu	a?
en ly	JT
en m	IU
en m.	DZ
en ma	LR
en mb	UI
en me	QM
en mm	TJ
en mo	MQ
en mr	IU
en ms	FX
en mu	JT
en my	C[
en n 	C[
en na	KS
en ne	GW
en ni	]B
en no	LR
en nu	KS
en o	SK
en o 	FX
en o'	KS
en oa	XF
en ob	=c
en od	QM
en of	LR
en oh	IU
en oi	UI
en ok	[C
en ol	QM
en on	KS
en op	QM
en or	RL
en os	ZD
en ot	GW
en ov	RL
en ow	RL
en ox	MQ
en p.	VH
en pa	EY
en pd	B]
en pe	SK
en ph	IU
en pi	JT
en pl	UI
en pm	QM
en po	LR
en pr	GW
en ps	?a
en pu	IU
en q	MQ
en qu	MQ
en qx	SK
en r	QM
en r.	MQ
en rd	XF
en re	GW
en rh	GW
en ri	TJ
en ru	LR
en ry	]B
en s	MQ
en sa	GW
en sc	UI
en se	KS
en sh	QM
en si	TJ
en sk	SK
en sm	d<
en sn	QM
en so	FX
en sp	WG
en sq	]B
en st	QM
en su	RL
en sw	KS
en t	RL
en t 	a?
en tb	C[
en te	]B
en th	LR
en tu	ZD
en tw	SK
en ty	EY
en u	KS
en u 	GW
en uh	XF
en ul	XF
en um	SK
en un	A^
en up	MQ
en ur	C[
en us	XF
en v0	C[
en va	UI
en ve	EY
en vi	VH
en vo	FX
en vu	IU
en w	HV
en w 	RL
en w/	IU
en wa	MQ
en we	XF
en wk	ZD
en wo	IU
en wr	MQ
en ww	HV
en wy	c=
en x	DZ
en x 	B]
en y 	TJ
en ya	SK
en ye	VH
en yo	KS
en yr	c=
en z	LR
en zi	LR
en |	KS
en | 	KS
en ~	RL
en ~~	RL
en £	UI
en £0	UI
en ©	EY
en © 	EY
en ·	C[
en · 	C[
en –	MQ
en – 	MQ
en “b	FX
en “h	LR
en “t	KS
en “y	GW
en €	a?
en €0	a?
en ★	C[
en ★★	C[
en �	a?
en! 	;e
en!!	MQ
en!! 	JT
en!!!	WG
en!!)	RL
en!)	VH
en!) 	VH
en" 	LR
en" -	C[
en" a	IU
en" i	QM
en" o	GW
en" w	GW
en" –	GW
en")	DZ
en") 	DZ
en".	GW
en". 	GW
en"a	TJ
en"a 	MQ
en"ar	DZ
en"b	DZ
en"be	EY
en"c	DZ
en"d	B]
en"de	FX
en"di	GW
en"f	FX
en"fo	HV
en"g	HV
en"ha	GW
en"l	JT
en"li	JT
en"m	IU
en"my	FX
en"n	XF
en"no	XF
en"o	WG
en"op	ZD
en"ou	?a
en"pr	QM
en"s	MQ
en"sa	TJ
en"t	FX
en"th	A^
en"to	UI
en"w	KS
en"wh	HV
en$0	XF
en$0 	SK
en$0,	UI
en$0.	[C
en$00	VH
en% 	LR
en% o	LR
en& 	TJ
en& 0	YE
en& a	WG
en& b	TJ
en& d	[C
en& l	[C
en& m	A^
en& p	HV
en& r	TJ
en& s	[C
en& t	LR
en' 	MQ
en' b	HV
en' h	ZD
en' l	RL
en' m	>b
en' u	QM
en'0	RL
en'00	RL
en'a	GW
en'd	KS
en'l	IU
en'll	IU
en'm	MQ
en'm 	MQ
en'r	YE
en're	XF
en's	IU
en's 	JT
en's.	KS
en't	JT
en't,	B]
en(0	VH
en(00	a?
en(?	SK
en(al	LR
en(b	LR
en(c	LR
en(ch	B]
en(co	ZD
en(d	VH
en(da	TJ
en(f	SK
en(fr	SK
en(he	LR
en(ho	WG
en(i	LR
en(i 	IU
en(m	FX
en(ma	YE
en(mi	FX
en(mo	LR
en(mr	FX
en(n	IU
en(no	IU
en(p	WG
en(pl	C[
en(s	IU
en(sa	HV
en(se	JT
en(sh	DZ
en(so	UI
en(te	e;
en(th	QM
en(to	C[
en(tr	EY
en(tu	HV
en(w	UI
en(we	HV
en(wi	VH
en(y	EY
en(ye	EY
en(£	MQ
en(£0	MQ
en) 	C[
en) 0	YE
en) a	TJ
en) b	C[
en) i	QM
en) o	UI
en) s	IU
en) w	HV
en) –	LR
en),	VH
en), 	VH
en).	XF
en). 	XF
en):	QM
en): 	QM
en* 	@_
en*,	RL
en*, 	RL
en*t	QM
en*th	QM
en+ 	MQ
en+ 0	XF
en+ a	GW
en+ p	IU
en+ r	UI
en+ s	ZD
en+ v	c=
en+0	c=
en+00	b>
en, 	IU
en, "	DZ
en, a	c=
en, b	UI
en, c	UI
en, d	KS
en, e	LR
en, f	RL
en, g	^A
en, h	RL
en, i	SK
en, j	XF
en, k	IU
en, l	FX
en, m	FX
en, n	QM
en, o	a?
en, p	QM
en, q	UI
en, r	RL
en, s	ZD
en, u	YE
en, v	YE
en, w	IU
en, “	FX
en,0	IU
en,00	IU
en- 0	TJ
en- c	MQ
en- h	RL
en- n	HV
en- t	B]
en- |	WG
en-0	ZD
en-0 	d<
en-0,	_@
en-0.	b>
en-a	B]
en-an	EY
en-ar	IU
en-bl	RL
en-c	EY
en-ca	HV
en-cl	IU
en-co	FX
en-d	QM
en-do	RL
en-e	MQ
en-f	HV
en-fi	MQ
en-fo	LR
en-fr	HV
en-g	^A
en-h	VH
en-ha	VH
en-i	QM
en-in	QM
en-l	LR
en-la	IU
en-m	HV
en-n	WG
en-o	WG
en-of	WG
en-on	XF
en-p	YE
en-pu	TJ
en-r	RL
en-re	[C
en-s	JT
en-sa	JT
en-sh	UI
en-si	DZ
en-st	^A
en-u	WG
en-up	WG
en-w	FX
en-wi	IU
en. (	MQ
en. 0	c=
en. a	[C
en. b	FX
en. c	=c
en. d	KS
en. e	IU
en. g	JT
en. h	B]
en. k	QM
en. m	DZ
en. o	B]
en. r	GW
en. s	MQ
en. v	RL
en. w	C[
en."	KS
en.)	<d
en.) 	<d
en.*	C[
en.* 	C[
en.,	EY
en., 	EY
en..	LR
en.. 	LR
en...	LR
en.0 	b>
en.00	QM
en.:	KS
en.: 	KS
en.b	DZ
en.b.	DZ
en.e	TJ
en.ex	TJ
en.k	IU
en.ke	MQ
en.s	B]
en.t	QM
en.”	QM
en.” 	QM
en/ 0	?a
en/ a	RL
en/ b	HV
en/ p	KS
en/ r	QM
en/ s	VH
en//	XF
en/0	EY
en/00	FX
en/h	GW
en/hr	GW
en/m	c=
en/w	RL
en0 	]B
en0 (	SK
en0 +	c=
en0 -	RL
en0 0	a?
en0 a	XF
en0 c	JT
en0 d	MQ
en0 e	^A
en0 f	GW
en0 g	e;
en0 h	QM
en0 i	IU
en0 j	IU
en0 k	d<
en0 l	ZD
en0 o	;e
en0 p	SK
en0 q	[C
en0 r	;e
en0 s	EY
en0 u	C[
en0 v	XF
en0 w	LR
en0 y	f:
en0 |	c=
en0 ·	<d
en0 –	IU
en0%	VH
en0% 	UI
en0)	RL
en0) 	SK
en0),	WG
en0,	XF
en0, 	]B
en0,0	JT
en0-	a?
en0-0	]B
en0.	SK
en0. 	WG
en0/	DZ
en0/0	?a
en0/h	GW
en00	[C
en00 	TJ
en00%	VH
en00)	SK
en00,	TJ
en00-	[C
en00.	XF
en00/	C[
en000	SK
en00:	XF
en00;	UI
en00a	UI
en00g	YE
en00p	WG
en00t	@_
en00x	EY
en00–	^A
en0:	SK
en0: 	QM
en0:0	QM
en0a	b>
en0aa	^A
en0am	WG
en0b	b>
en0bb	ZD
en0d	YE
en0dd	YE
en0e	IU
en0ee	FX
en0f	ZD
en0g	YE
en0h	XF
en0k	GW
en0k.	IU
en0l	b>
en0lb	]B
en0ll	ZD
en0m	^A
en0m 	YE
en0n	d<
en0nd	]B
en0nn	ZD
en0p	]B
en0p.	YE
en0pl	TJ
en0pm	VH
en0pp	XF
en0q	ZD
en0qt	YE
en0r	QM
en0rr	WG
en0s	_@
en0s 	[C
en0s,	QM
en0s.	VH
en0st	ZD
en0t	KS
en0th	GW
en0tt	VH
en0x	HV
en0x0	EY
en0–	XF
en0–0	WG
en: 	KS
en: "	C[
en: $	XF
en: '	B]
en: 0	JT
en: a	FX
en: c	GW
en: d	EY
en: h	VH
en: i	]B
en: l	QM
en: m	WG
en: n	>b
en: p	ZD
en: s	GW
en: t	SK
en: w	FX
en: “	KS
en:0	QM
en:00	QM
en; 	SK
en; 0	[C
en; a	RL
en; b	IU
en; d	IU
en; f	KS
en; g	TJ
en; h	RL
en; i	SK
en; m	f:
en; o	XF
en; p	B]
en; r	[C
en; s	[C
en; t	KS
en; w	YE
en; y	C[
en? 	!}
en?"	WG
en?" 	WG
en?)	KS
en?) 	KS
en??	DZ
en?? 	EY
en@a	[C
en@b	_@
en@br	ZD
en@c	IU
en@ca	GW
en@co	QM
en@f	SK
en@g	XF
en@gr	XF
en@h	JT
en@ha	GW
en@hi	ZD
en@l	SK
en@la	YE
en@li	KS
en@p	]B
en@q	LR
en@qu	LR
en@r	a?
en@sa	^A
en@st	SK
en@t	e;
en@ta	VH
en@to	ZD
en@w	RL
en@we	QM
en@wi	VH
en[0	MQ
en] 	FX
en] w	EY
ena 	QM
ena "	HV
ena 0	JT
ena a	XF
ena b	EY
ena c	ZD
ena f	KS
ena g	KS
ena h	SK
ena i	MQ
ena j	RL
ena k	b>
ena m	WG
ena n	RL
ena o	UI
ena p	IU
ena q	XF
ena r	GW
ena s	KS
ena t	GW
ena v	RL
ena w	QM
ena y	TJ
ena |	[C
ena £	YE
ena,	HV
ena, 	HV
ena-	SK
ena.	IU
ena. 	JT
ena.”	LR
ena0	QM
ena@	IU
enaa	^A
enaa.	YE
enab	EY
enab 	XF
enab.	XF
enabb	VH
enabe	HV
enabi	UI
enabl	JT
enabn	HV
enabo	HV
enabs	EY
enaby	SK
enac	KS
enaca	A^
enacc	QM
enace	RL
enach	SK
enaci	JT
enack	EY
enacl	IU
enaco	XF
enacr	GW
enact	MQ
enad 	=c
enad'	LR
enad)	VH
enad,	MQ
enad-	FX
enad.	EY
enada	XF
enade	VH
enadg	IU
enadi	UI
enadl	IU
enadm	QM
enado	JT
enadu	RL
enadv	QM
enady	LR
enae	IU
enae 	EY
enaf 	[C
enafe	IU
enaff	VH
enafl	B]
enafo	DZ
enaft	MQ
enag	LR
enag,	VH
enaga	>b
enage	UI
enagg	SK
enagh	YE
enagl	QM
enagn	DZ
enago	UI
enagr	KS
enagu	MQ
enah	A^
enah 	B]
enai	LR
enaid	EY
enaig	KS
enail	SK
enaim	?a
enain	IU
enair	[C
enais	?a
enak	TJ
enak 	YE
enak,	KS
enakd	RL
enake	XF
enaki	TJ
enaks	LR
enal 	VH
enal,	?a
enal.	B]
enala	XF
enalc	GW
enald	^A
enale	IU
enalf	VH
enali	MQ
enalk	FX
enalm	SK
enaln	QM
enalo	YE
enalp	JT
enals	QM
enalt	TJ
enalu	HV
enalw	YE
enam	MQ
enam 	JT
enam,	MQ
enam-	RL
enam.	EY
enama	QM
enamb	]B
enami	QM
enamm	HV
enamo	[C
enamu	MQ
enan	QM
enan 	SK
enan'	b>
enan)	KS
enan.	UI
enan@	TJ
enana	UI
enanc	FX
enand	UI
enang	8h
enank	LR
enann	UI
enans	SK
enanu	SK
enany	RL
enap	QM
enap 	B]
enap,	[C
enap.	EY
enapa	TJ
enape	HV
enapl	c=
enapo	C[
enapp	a?
enapr	]B
enaps	DZ
enapt	IU
enar 	B]
enar'	WG
enar.	JT
enar?	WG
enara	QM
enarb	QM
enarc	GW
enard	RL
enare	SK
enarf	[C
enari	WG
enark	FX
enarl	UI
enarm	SK
enarn	[C
enaro	MQ
enarp	g9
enarr	ZD
enars	[C
enart	GW
enarv	MQ
enary	IU
enas 	JT
enas,	RL
enas;	]B
enasc	YE
enase	>b
enash	SK
enasi	HV
enaso	@_
enasp	LR
enass	RL
enast	]B
enasu	IU
enasw	EY
enasy	GW
enat	QM
enat 	KS
enat,	[C
enat-	MQ
enat.	WG
enata	WG
enatc	SK
enate	HV
enath	_@
enati	SK
enato	EY
enats	KS
enatt	FX
enatu	RL
enauc	A^
enaug	WG
enaur	C[
enaut	JT
enav	IU
enava	WG
enavi	>b
enavo	C[
enavy	B]
enaw	QM
enaw 	YE
enawa	KS
enawi	GW
enawl	[C
enawm	TJ
enawn	LR
enaws	IU
enax	QM
enax 	MQ
enay	QM
enay 	JT
enay!	HV
enay'	FX
enay;	XF
enayb	C[
enaye	[C
enayi	ZD
enaym	DZ
enaze	RL
enb 	SK
enb &	QM
enb (	[C
enb 0	[C
enb a	HV
enb b	^A
enb d	KS
enb f	VH
enb h	KS
enb l	WG
enb s	B]
enb t	KS
enb |	KS
enb £	[C
enb,	KS
enb, 	KS
enb-	FX
enb-0	HV
enb-c	FX
enb.	IU
enb. 	GW
enb.e	XF
enb/	UI
enb0	]B
enb0 	]B
enbab	QM
enbac	QM
enbad	EY
enbag	a?
enbal	]B
enban	JT
enbar	RL
enbas	SK
enbat	KS
enbay	b>
enbb	SK
enbb.	ZD
enbbi	^A
enbbl	XF
enbbo	a?
enbbs	IU
enbby	DZ
enbc	JT
enbc 	LR
enbd	RL
enbe	KS
enbe 	B]
enbe,	RL
enbea	^A
enbec	VH
enbed	QM
enbee	JT
enbef	RL
enbeg	QM
enbeh	WG
enbel	RL
enben	b>
enber	GW
enbes	C[
enbet	KS
enbev	]B
enbex	>b
enbh	TJ
enbha	VH
enbi	FX
enbia	HV
enbic	XF
enbid	C[
enbig	JT
enbik	TJ
enbil	JT
enbir	b>
enbis	LR
enbit	<d
enbj	GW
enbje	GW
enbl	QM
enbla	HV
enbli	UI
enblo	LR
enblu	QM
enbly	SK
enbn	KS
enbn0	UI
enboa	KS
enbob	HV
enbod	WG
enboi	XF
enbol	VH
enbon	GW
enboo	KS
enbor	c=
enbot	_@
enbou	>b
enbov	VH
enbox	RL
enbr	UI
enbra	YE
enbri	UI
enbru	KS
enbs	@_
enbs 	ZD
enbs.	C[
enbsc	a?
enbsi	EY
enbsw	IU
enbt 	VH
enbu	MQ
enbud	EY
enbui	QM
enbum	C[
enbur	WG
enbus	HV
enbut	KS
enbuy	SK
enbv	GW
enbvi	GW
enby	IU
enby 	TJ
enby,	FX
enbye	KS
enc 	VH
enc 0	YE
enc a	RL
enc b	TJ
enc c	ZD
enc d	B]
enc l	_@
enc s	MQ
enc t	DZ
enc w	QM
enc,	GW
enc, 	GW
enc.	IU
enc. 	JT
enc.e	XF
enc:	DZ
enc: 	DZ
enc@	YE
enc@s	YE
enca	MQ
enca 	IU
encad	IU
encaf	]B
encag	[C
encal	HV
encam	QM
encap	LR
encar	VH
encas	WG
encat	MQ
encau	IU
encav	?a
encc	RL
encca	RL
encce	XF
encco	GW
encd	QM
encd0	QM
ence)	YE
ence,	JT
ence:	YE
ence;	QM
ence?	HV
ence@	[C
enceb	EY
encei	IU
encel	FX
encem	RL
encen	UI
encep	SK
ences	HV
encf	[C
ench	QM
ench 	KS
ench.	RL
ench:	RL
encha	LR
enchb	QM
enche	MQ
enchi	ZD
enchn	MQ
enchr	TJ
encht	KS
enchu	HV
enchy	JT
enci	LR
encia	YE
encid	GW
encil	HV
encin	QM
encip	ZD
encis	EY
encit	JT
enciv	MQ
enck	VH
enck 	WG
enck'	EY
enck,	UI
enck.	LR
encka	WG
encke	KS
encki	EY
enckl	YE
enckm	SK
encko	DZ
enckw	YE
encl	VH
encl.	b>
encla	HV
encle	]B
encli	MQ
enclo	TJ
enclu	LR
encm	^A
encm 	^A
enco.	]B
encoa	QM
encob	f:
encod	EY
encoe	UI
encof	ZD
encol	?a
encom	SK
encon	HV
encoo	ZD
encop	KS
encor	WG
encos	DZ
encou	LR
encov	e;
encr	EY
encra	UI
encre	JT
encri	A^
encro	DZ
encry	GW
encs	^A
encs 	^A
encs,	YE
enct	DZ
enct 	GW
enct,	FX
enct.	;e
encta	HV
encte	KS
encti	QM
enctr	RL
encts	MQ
enctu	<d
encu	IU
encue	SK
encui	EY
encul	IU
encum	FX
encup	LR
encur	EY
encus	EY
encut	^A
ency	MQ
ency 	JT
encyc	XF
end 	QM
end "	MQ
end &	IU
end (	C[
end /	GW
end 0	ZD
end a	FX
end b	TJ
end c	LR
end e	i7
end f	GW
end g	MQ
end h	MQ
end i	KS
end j	VH
end k	MQ
end l	A^
end n	^A
end o	SK
end p	UI
end q	A^
end r	RL
end s	LR
end t	HV
end u	QM
end v	TJ
end w	QM
end y	WG
end |	XF
end –	HV
end"	UI
end" 	DZ
end",	^A
end".	C[
end'	MQ
end's	MQ
end)	JT
end) 	C[
end,	QM
end, 	QM
end-	C[
end-s	C[
end.	LR
end. 	IU
end.e	]B
end0	MQ
end0 	MQ
end:	MQ
end;	MQ
end; 	MQ
end?	C[
end? 	C[
end@	UI
endab	UI
endad	LR
endai	GW
endam	KS
endan	XF
endar	A^
endat	8h
endau	GW
endaw	QM
enday	ZD
endba	LR
endbe	YE
endbs	YE
endc	KS
endd	UI
endd 	QM
endd,	KS
endda	TJ
endde	LR
enddi	MQ
enddl	XF
enddo	YE
enddr	;e
enddy	[C
ende 	RL
ende'	SK
ende,	c=
ende-	YE
ende.	HV
endea	B]
endeb	RL
endec	FX
ended	IU
endef	?a
endel	RL
endem	TJ
enden	ZD
endeo	JT
endep	QM
ender	JT
endes	WG
endet	FX
endey	IU
endf	LR
endf 	DZ
endf,	KS
endfa	ZD
endgi	XF
endh	LR
endi	MQ
endi 	IU
endia	LR
endic	HV
endid	RL
endie	KS
endif	A^
endin	YE
endio	LR
endip	MQ
endir	IU
endis	DZ
endit	WG
endiv	UI
endl 	b>
endle	TJ
endli	DZ
endlo	b>
endly	@_
endm	WG
endma	XF
endmi	JT
endmo	TJ
endn	GW
endne	FX
endo	QM
endo 	KS
endo.	VH
endoc	WG
endoe	QM
endog	VH
endoi	SK
endol	VH
endom	LR
endon	GW
endoo	KS
endor	EY
endot	ZD
endou	c=
endov	;e
endow	LR
endp	WG
endr	QM
endr 	_@
endra	LR
endre	JT
endri	]B
endro	JT
endru	RL
ends 	IU
ends,	MQ
ends.	a?
endsa	XF
endso	QM
endst	TJ
endu	VH
enduc	JT
endug	UI
endun	UI
endur	VH
endus	LR
endv	WG
endve	C[
endvi	WG
endwr	KS
endy	VH
endy 	YE
endy'	LR
endy,	IU
endy.	?a
ene "	B]
ene $	IU
ene &	B]
ene (	VH
ene -	]B
ene /	B]
ene 0	]B
ene a	MQ
ene b	MQ
ene c	ZD
ene d	KS
ene e	YE
ene f	UI
ene g	JT
ene h	TJ
ene i	RL
ene j	QM
ene k	EY
ene l	JT
ene m	LR
ene n	HV
ene o	EY
ene q	UI
ene r	VH
ene t	QM
ene u	FX
ene v	EY
ene w	LR
ene y	[C
ene |	SK
ene £	C[
ene –	MQ
ene “	LR
ene!	UI
ene!!	UI
ene"	C[
ene" 	GW
ene",	IU
ene".	IU
ene'	RL
ene'd	A^
ene'l	VH
ene'r	YE
ene'v	IU
ene)	_@
ene) 	[C
ene),	WG
ene).	YE
ene-	IU
ene-b	[C
ene-d	GW
ene-l	MQ
ene-o	GW
ene-p	TJ
ene-s	_@
ene. 	MQ
ene.e	ZD
ene:	RL
ene: 	RL
ene;	GW
ene; 	GW
ene?	<d
ene? 	?a
ene@f	JT
ene@r	[C
ene@s	SK
enea	MQ
enea 	e;
enea,	c=
eneac	TJ
eneaf	RL
eneag	UI
eneak	LR
eneam	GW
enean	RL
eneap	B]
enear	HV
eneas	>b
eneat	WG
eneav	QM
eneb	JT
eneb 	B]
eneb,	?a
enebb	MQ
enebe	f:
enebo	QM
enebr	JT
enebs	EY
enebu	LR
eneby	KS
enec 	YE
enec@	YE
eneca	QM
enece	UI
enech	KS
eneci	B]
eneck	MQ
enecr	MQ
enect	RL
enecu	WG
ened 	YE
ened"	?a
ened.	KS
ened:	LR
ened?	EY
eneda	RL
enede	VH
enedg	WG
enedn	IU
enedr	JT
eneds	HV
enedw	RL
enedy	<d
enee 	TJ
enee'	LR
enee,	MQ
enee.	SK
eneec	_@
eneed	UI
eneel	a?
eneen	A^
eneep	SK
eneer	QM
enees	XF
eneet	RL
eneez	XF
enef 	IU
enefa	GW
enefe	?a
enefi	TJ
enefo	QM
eneft	RL
enefu	XF
eneg 	GW
enega	VH
enege	HV
enegg	MQ
enegi	VH
eneh	KS
eneha	KS
enei	UI
eneic	TJ
eneig	]B
eneil	C[
enein	SK
eneit	LR
eneiv	MQ
enek 	LR
enek.	EY
enekd	TJ
eneke	TJ
enekl	EY
eneks	WG
enel	UI
enel 	WG
enel"	SK
enel,	]B
enel.	MQ
enela	HV
enelb	ZD
enelc	TJ
enele	XF
enelf	A^
eneli	JT
enelm	YE
enels	QM
enelt	KS
enelv	IU
enelw	EY
enely	>b
enem 	MQ
enem,	FX
enema	MQ
enemb	RL
enemi	UI
enemo	WG
enemp	ZD
enems	C[
enen 	SK
enen'	LR
enen)	FX
enen,	UI
enen.	DZ
enen:	KS
enen;	YE
enena	SK
enenc	MQ
enend	XF
eneng	IU
enenh	[C
eneni	GW
enenn	ZD
enenq	GW
enens	RL
enent	DZ
enenu	ZD
enenv	JT
enenw	GW
enen”	FX
eneo	IU
eneo 	EY
eneof	EY
eneon	JT
eneor	a?
eneos	HV
enep	VH
enep 	RL
enep,	WG
enep.	C[
enepa	[C
enepe	]B
eneph	EY
enepi	HV
enepo	XF
eneps	TJ
eneq	?a
enequ	?a
ener 	XF
ener!	GW
ener"	<d
ener'	HV
ener)	A^
ener-	ZD
ener.	IU
ener;	LR
ener@	VH
enera	XF
enerb	XF
enerc	GW
enere	JT
enerf	ZD
enerh	LR
enerl	IU
enerm	[C
enern	KS
enero	IU
enerp	^A
enerr	DZ
eners	JT
enert	[C
enerv	MQ
enerw	WG
enery	VH
enes	LR
enes 	UI
enes"	QM
enes'	IU
enes)	KS
enes-	XF
enes.	QM
enes:	LR
enes;	VH
enes?	B]
enes@	_@
enesa	DZ
enesc	LR
enesh	JT
enesi	RL
enesk	C[
enesm	YE
enesn	MQ
eneso	HV
enesp	KS
enest	XF
enesu	FX
enet	JT
enet 	IU
enet)	TJ
enet,	^A
enet.	8h
enetc	MQ
enete	KS
eneth	KS
eneti	HV
enetr	KS
enets	LR
enett	TJ
enetu	_@
enety	RL
eneu	a?
eneum	ZD
eneur	UI
enev	QM
enev 	QM
eneva	TJ
enevd	MQ
enew 	XF
enew'	FX
enewa	JT
enewh	IU
enewi	LR
enewo	[C
enewr	WG
enews	JT
enex	TJ
enex 	A^
enexa	YE
enexc	QM
enexi	UI
enexl	VH
eney 	RL
eney'	YE
eney,	SK
eney.	>b
eney:	JT
eneya	B]
eneye	LR
eneyi	XF
eneyo	ZD
eneyr	EY
eneys	d<
eneyw	]B
enez	VH
eneze	XF
enf 	MQ
enf (	XF
enf 0	QM
enf b	GW
enf c	KS
enf d	YE
enf e	TJ
enf f	TJ
enf g	?a
enf h	DZ
enf i	XF
enf j	XF
enf l	IU
enf m	EY
enf n	UI
enf o	YE
enf p	WG
enf r	EY
enf s	MQ
enf t	GW
enf u	TJ
enf v	C[
enf w	KS
enf y	VH
enf,	LR
enf, 	LR
enf-	IU
enf.	HV
enf. 	IU
enf0	MQ
enf:	SK
enf: 	UI
enf;	VH
enf; 	VH
enfac	QM
enfad	C[
enfai	IU
enfam	RL
enfan	YE
enfar	VH
enfas	HV
enfat	]B
enfe 	GW
enfeb	LR
enfec	A^
enfed	FX
enfee	YE
enfeg	YE
enfel	YE
enfen	LR
enfer	DZ
enfet	ZD
enfew	KS
enff,	<d
enff.	TJ
enffe	SK
enffl	MQ
enffo	UI
enffs	TJ
enfic	TJ
enfid	LR
enfie	GW
enfig	IU
enfil	IU
enfir	JT
enfis	TJ
enfit	b>
enfiv	XF
enfix	WG
enfl	QM
enfla	YE
enfle	JT
enfli	JT
enflo	ZD
enflu	TJ
enfly	JT
enfo	MQ
enfol	LR
enfon	GW
enfoo	A^
enfou	WG
enfr	SK
enfra	ZD
enfre	WG
enfri	KS
enfry	MQ
enfs	YE
enfs 	JT
enfsc	YE
enft	SK
enft 	RL
enft,	ZD
enft.	IU
enfts	c=
enfu	QM
enful	MQ
enfun	QM
enfur	a?
enfus	JT
eng 	MQ
eng &	^A
eng (	GW
eng 0	MQ
eng a	RL
eng c	UI
eng d	JT
eng e	LR
eng f	QM
eng g	YE
eng h	A^
eng i	^A
eng k	GW
eng l	TJ
eng m	_@
eng n	TJ
eng p	JT
eng r	YE
eng s	LR
eng t	?a
eng u	XF
eng w	TJ
eng y	C[
eng |	_@
eng!	EY
eng! 	EY
eng"	HV
eng" 	KS
eng",	?a
eng'	GW
eng,	MQ
eng, 	MQ
eng-	SK
eng.	QM
eng. 	QM
eng.e	d<
eng0	ZD
eng0 	ZD
eng:	QM
eng: 	QM
eng;	UI
eng; 	UI
enga	RL
enga 	LR
engab	KS
engai	>b
engan	YE
engar	RL
engas	QM
engat	b>
engau	]B
engav	B]
engb	LR
engb 	[C
enge,	EY
enge.	MQ
enge:	UI
enge?	B]
enged	?a
engee	ZD
engem	JT
engen	HV
engeo	EY
enger	]B
enges	SK
engg	LR
engg 	KS
engge	WG
enggi	C[
engh 	^A
engh,	VH
engh-	TJ
engh.	JT
enghb	LR
enghe	IU
engho	IU
enght	MQ
engi	HV
engie	DZ
engif	TJ
engil	KS
engiv	MQ
engla	SK
engle	DZ
engli	@_
englo	EY
engly	UI
engma	QM
engn	MQ
engn 	WG
engna	QM
engne	<d
engno	FX
engns	JT
engo	LR
engo 	ZD
engoa	RL
engoe	JT
engoi	FX
engol	<d
engon	XF
engoo	A^
engos	DZ
engot	WG
engps	B]
engr	JT
engra	LR
engre	KS
engri	VH
engro	VH
engs	VH
engs 	XF
engs)	UI
engs,	RL
engs.	GW
engs@	WG
engst	TJ
engt	IU
ength	JT
engua	UI
engue	MQ
engui	ZD
engul	QM
engun	RL
engur	C[
engut	[C
enguy	A^
engw	QM
engwe	JT
engwo	TJ
enh 	VH
enh (	JT
enh 0	LR
enh b	]B
enh c	IU
enh d	HV
enh e	GW
enh f	JT
enh g	QM
enh h	QM
enh l	HV
enh m	@_
enh n	WG
enh o	]B
enh p	TJ
enh r	KS
enh s	WG
enh u	VH
enh v	UI
enh w	HV
enh y	RL
enh |	LR
enh'	EY
enh' 	HV
enh's	EY
enh)	ZD
enh) 	ZD
enh,	QM
enh, 	QM
enh.	MQ
enh.e	ZD
enh:	JT
enh: 	JT
enh;	[C
enh; 	[C
enh@	SK
enha,	>b
enhab	HV
enhad	>b
enhai	ZD
enhal	QM
enham	WG
enhap	KS
enhas	RL
enhat	JT
enhau	SK
enhaw	MQ
enhaz	SK
enhb	MQ
enhba	QM
enhbr	LR
enhc	HV
enhd	KS
enhd0	IU
enhe	MQ
enhe 	IU
enhe'	MQ
enhe.	IU
enhec	MQ
enhed	RL
enhee	TJ
enhef	DZ
enhem	KS
enhen	QM
enhep	a?
enher	KS
enhes	WG
enhet	FX
enhew	DZ
enhey	KS
enhf	KS
enhfu	KS
enhg	VH
enhga	VH
enhi 	5k
enhic	FX
enhid	TJ
enhie	WG
enhig	?a
enhil	^A
enhim	UI
enhio	A^
enhip	QM
enhir	TJ
enhis	DZ
enhit	GW
enhiv	SK
enhiy	FX
enhl	UI
enhm	JT
enhmi	GW
enhni	MQ
enho	MQ
enho 	UI
enhob	HV
enhoe	UI
enhoi	HV
enhol	[C
enhom	JT
enhoo	VH
enhop	ZD
enhor	C[
enhot	GW
enhou	SK
enhow	9g
enhr.	KS
enhre	QM
enhri	TJ
enhro	KS
enhrs	VH
enhru	ZD
enhs.	JT
enht	MQ
enht 	A^
enht.	LR
enhte	LR
enhti	HV
enhts	]B
enhty	VH
enhu 	e;
enhub	EY
enhug	TJ
enhum	?a
enhun	^A
enhur	SK
enhus	B]
enhut	ZD
enhw	?a
enhwa	HV
enhy	QM
enhy 	RL
enhy.	KS
eni 	LR
eni (	HV
eni 0	WG
eni c	RL
eni d	XF
eni e	HV
eni f	YE
eni g	KS
eni h	JT
eni j	@_
eni k	YE
eni l	YE
eni m	[C
eni n	DZ
eni o	TJ
eni p	JT
eni q	=c
eni r	MQ
eni s	C[
eni t	WG
eni u	KS
eni v	HV
eni w	QM
eni'	KS
eni'd	A^
eni'l	=c
eni'm	MQ
eni'v	XF
eni,	_@
eni, 	_@
eni-	DZ
eni-c	DZ
eni. 	XF
enia 	]B
eniab	_@
eniag	UI
enial	MQ
enian	KS
eniar	GW
enias	QM
eniat	YE
enib	A^
enibb	^A
enibe	MQ
enibl	C[
enic	LR
enic 	RL
enic,	MQ
enic.	<d
enice	IU
enich	FX
enick	VH
enicl	ZD
enics	^A
enict	3m
enicu	MQ
enicy	XF
enid	KS
enid 	FX
enid.	>b
enid:	TJ
enida	QM
enidd	UI
enidg	SK
enidi	ZD
enidn	LR
enids	B]
enidy	B]
enie	EY
enie 	a?
enie,	LR
enied	A^
eniel	FX
enien	GW
enier	SK
eniet	A^
eniew	FX
enif	RL
enife	GW
enifi	LR
enift	YE
enig	QM
enig 	GW
enig,	EY
enig.	A^
enige	DZ
enigg	SK
enigu	IU
enik	HV
enike	HV
enil	XF
enil 	JT
enil'	SK
enil,	QM
enil.	TJ
enila	_@
enilb	GW
enild	[C
enili	IU
enilk	XF
enill	QM
enilm	RL
enilo	^A
enils	MQ
enilt	SK
enilw	SK
enily	TJ
enim,	d<
enima	TJ
enimb	VH
enime	[C
enimi	RL
enimn	ZD
enimo	?a
enimp	LR
enims	;e
enin 	GW
enin"	IU
enin'	VH
enin)	KS
enin-	HV
enin.	DZ
enina	LR
eninc	WG
enind	GW
eninf	QM
enini	XF
enink	<d
eninn	QM
enins	RL
enint	RL
eninu	B]
eninv	QM
eniny	MQ
enio	KS
enio 	JT
enior	ZD
eniou	GW
enip	VH
enip'	FX
enip,	^A
enipa	_@
enipe	VH
enipl	QM
enipp	FX
enips	a?
eniq	VH
eniqu	SK
enir	SK
enir 	ZD
enir)	IU
enir,	RL
enir-	^A
enir.	@_
enira	WG
enird	d<
enire	KS
eniri	C[
enirk	UI
enirl	DZ
enirm	RL
eniro	RL
enirr	_@
enirs	TJ
eniry	DZ
enis 	UI
enis,	A^
enis.	VH
enisa	FX
enisc	@_
enise	RL
enisi	KS
enisl	h8
enisn	?a
eniso	UI
enist	LR
enit	QM
enit'	VH
enit,	c=
enit.	MQ
enit;	IU
enita	HV
enitc	SK
enite	HV
eniti	LR
enito	EY
enitr	TJ
enitt	HV
enitu	KS
enity	]B
eniu	SK
enium	]B
enius	DZ
eniva	DZ
enive	UI
enivi	QM
enivo	GW
enix	UI
enix,	MQ
enix.	[C
enixe	[C
enixt	HV
eniy	HV
eniya	FX
eniz	KS
enize	JT
enj.	XF
enj. 	XF
enja	SK
enjac	IU
enjam	SK
enjar	WG
enjas	LR
enje	IU
enjea	LR
enjec	JT
enji	^A
enjim	^A
enjoa	WG
enjoi	DZ
enjok	LR
enjor	b>
enjos	KS
enjoy	SK
enju	TJ
enjul	[C
enjun	RL
enjus	SK
enk 	KS
enk &	TJ
enk 0	MQ
enk a	TJ
enk b	ZD
enk c	QM
enk d	DZ
enk e	?a
enk f	QM
enk g	?a
enk h	VH
enk i	KS
enk k	RL
enk l	MQ
enk m	?a
enk n	YE
enk o	XF
enk p	>b
enk r	WG
enk s	UI
enk t	FX
enk w	VH
enk y	<d
enk |	_@
enk £	c=
enk'	LR
enk'd	VH
enk's	?a
enk,	SK
enk, 	SK
enk-	WG
enk-i	XF
enk.	LR
enk. 	MQ
enk0	YE
enk0 	YE
enk:	LR
enk: 	LR
enk;	WG
enk; 	WG
enk?	B]
enk? 	B]
enk@	KS
enkaf	DZ
enkan	[C
enkda	TJ
enkdo	RL
enke	MQ
enke 	SK
enke,	QM
enke.	QM
enked	IU
enkee	[C
enkei	JT
enkel	XF
enken	QM
enkep	FX
enker	HV
enkes	SK
enket	HV
enkev	WG
enkg	_@
enkg 	]B
enki	MQ
enki 	KS
enkid	A^
enkil	MQ
enkin	MQ
enkir	ZD
enkit	RL
enkl	EY
enkle	MQ
enkly	B]
enkm	UI
enkm 	YE
enkn	QM
enkne	GW
enkno	UI
enko	UI
enkon	LR
enkor	TJ
enkr	RL
enks 	IU
enks,	[C
enks.	FX
enks;	YE
enks@	ZD
enksg	]B
enksh	SK
enku	EY
enkw	_@
enkwe	b>
enkwo	]B
enky	IU
enky.	B]
enl &	XF
enl (	LR
enl -	TJ
enl 0	KS
enl a	QM
enl b	TJ
enl d	FX
enl e	e;
enl f	YE
enl h	FX
enl k	VH
enl l	VH
enl m	JT
enl n	FX
enl o	JT
enl s	;e
enl t	UI
enl u	WG
enl v	KS
enl w	JT
enl y	l4
enl |	UI
enl £	[C
enl –	QM
enl"	TJ
enl" 	[C
enl",	FX
enl)	WG
enl) 	RL
enl,	SK
enl, 	SK
enl-	VH
enl-o	XF
enl.	VH
enl. 	VH
enl.e	JT
enl0	YE
enl0 	YE
enl;	LR
enl; 	LR
enla 	JT
enlab	KS
enlac	FX
enlad	b>
enlag	a?
enlai	TJ
enlam	IU
enlap	IU
enlar	HV
enlas	IU
enlat	MQ
enlau	RL
enlaw	JT
enlay	VH
enlb	XF
enlb 	]B
enlb,	ZD
enlby	C[
enlc	RL
enlch	VH
enlco	SK
enlcu	IU
enld	RL
enld 	IU
enld,	TJ
enld.	ZD
enlde	TJ
enldn	LR
enldr	ZD
enlds	_@
enle	SK
enle 	SK
enle"	TJ
enle'	C[
enle)	KS
enle,	QM
enle.	[C
enle;	TJ
enlea	SK
enleb	LR
enlec	XF
enled	YE
enlee	FX
enleg	C[
enlei	VH
enlem	?a
enlen	GW
enleo	QM
enles	XF
enlet	DZ
enlev	RL
enley	b>
enlf,	VH
enlf-	XF
enlf.	B]
enlga	UI
enlha	ZD
enlho	DZ
enli 	IU
enlia	TJ
enlid	RL
enlie	IU
enlif	^A
enlig	[C
enlik	B]
enlil	EY
enlim	SK
enlin	LR
enlip	HV
enlis	DZ
enlit	RL
enliv	MQ
enlk	JT
enlk 	KS
enlk,	UI
enlk-	^A
enlk.	IU
enlke	A^
enlki	EY
enll 	GW
enll"	SK
enll'	ZD
enll,	[C
enll-	WG
enll.	QM
enll;	SK
enlla	TJ
enlle	SK
enllh	DZ
enlli	HV
enllm	C[
enllo	LR
enllp	YE
enlls	TJ
enllw	RL
enlly	]B
enlm 	SK
enlm,	VH
enlmo	@_
enlms	YE
enln	WG
enln,	^A
enlns	RL
enlnu	QM
enlo 	EY
enlo.	@_
enlo@	a?
enloa	GW
enloc	SK
enlod	HV
enlof	LR
enlog	IU
enlok	KS
enlol	QM
enlom	WG
enlon	WG
enloo	SK
enlop	LR
enlor	QM
enlos	RL
enlot	EY
enlou	JT
enlov	IU
enlow	QM
enlp	UI
enlp 	[C
enlr	QM
enlre	SK
enls	TJ
enls.	MQ
enls?	IU
enls@	f:
enlse	TJ
enlsh	?a
enlso	e;
enlst	LR
enlt	WG
enlt 	ZD
enlt.	LR
enltd	SK
enlte	FX
enltm	WG
enlto	QM
enltr	XF
enlts	KS
enltu	SK
enlu	ZD
enlua	IU
enlub	KS
enlud	_@
enlue	SK
enlui	DZ
enlum	MQ
enlun	QM
enlur	C[
enlus	_@
enlut	UI
enlv	IU
enlva	MQ
enlve	KS
enlw	UI
enlwa	WG
enlwo	UI
enlwy	A^
enly	LR
enly 	QM
enly!	HV
enly)	MQ
enly,	FX
enly.	SK
enly:	MQ
enlyl	C[
enm 	LR
enm "	TJ
enm $	RL
enm (	TJ
enm 0	DZ
enm a	RL
enm b	TJ
enm c	WG
enm d	SK
enm e	]B
enm f	KS
enm g	a?
enm h	SK
enm i	DZ
enm k	JT
enm l	DZ
enm m	FX
enm n	FX
enm o	VH
enm p	UI
enm r	SK
enm s	VH
enm t	@_
enm u	UI
enm v	WG
enm w	RL
enm y	IU
enm |	RL
enm £	p0
enm –	^A
enm €	[C
enm'	FX
enm's	FX
enm)	WG
enm,	JT
enm, 	JT
enm-	e;
enm-0	RL
enm. 	MQ
enm.e	]B
enm0	i7
enm0 	YE
enm:	MQ
enm: 	MQ
enm;	^A
enm; 	^A
enma,	VH
enmac	RL
enmae	>b
enmag	GW
enmak	UI
enmal	TJ
enman	SK
enmap	>b
enmat	QM
enmau	FX
enmax	VH
enmb 	XF
enmbe	KS
enmbl	_@
enmbo	IU
enmbr	UI
enmbs	@_
enme	TJ
enme"	KS
enme)	WG
enme,	]B
enme.	MQ
enme:	GW
enmea	GW
enmeb	UI
enmed	GW
enmel	EY
enmem	]B
enmen	[C
enmeo	UI
enmer	QM
enmet	MQ
enmew	JT
enmi	IU
enmi 	RL
enmi,	GW
enmic	FX
enmid	MQ
enmig	<d
enmil	a?
enmin	@_
enmir	SK
enmit	JT
enmix	A^
enmm	DZ
enmm,	RL
enmma	FX
enmme	LR
enmmi	<d
enmmo	MQ
enmmu	RL
enmn	LR
enmn 	KS
enmne	ZD
enmob	FX
enmod	VH
enmog	GW
enmok	UI
enmol	]B
enmon	UI
enmoo	]B
enmos	XF
enmot	JT
enmou	SK
enmp 	VH
enmpa	RL
enmpe	MQ
enmpi	RL
enmpl	QM
enmpo	SK
enmps	[C
enmpt	UI
enmr	IU
enmr 	MQ
enmr.	SK
enmrs	C[
enms	TJ
enms 	TJ
enms,	UI
enmse	RL
enmst	JT
enmu	JT
enmuc	RL
enmud	]B
enmug	QM
enmum	@_
enmun	JT
enmur	FX
enmy	@_
enmy 	?a
enmy,	HV
enmys	SK
enn $	^A
enn (	VH
enn -	C[
enn /	TJ
enn 0	VH
enn a	XF
enn c	HV
enn d	WG
enn e	EY
enn f	RL
enn g	YE
enn h	]B
enn i	HV
enn j	B]
enn k	>b
enn l	LR
enn m	RL
enn n	KS
enn o	IU
enn p	JT
enn q	EY
enn s	SK
enn t	ZD
enn u	GW
enn v	IU
enn w	]B
enn |	GW
enn £	UI
enn –	RL
enn"	DZ
enn" 	HV
enn",	IU
enn'	MQ
enn's	VH
enn't	KS
enn)	GW
enn) 	HV
enn),	LR
enn).	TJ
enn,	SK
enn, 	SK
enn-	JT
enn-l	HV
enn.	GW
enn. 	JT
enn.e	SK
enn0	c=
enn0 	^A
enn:	HV
enn: 	HV
enn;	RL
enn; 	RL
enn?	FX
enn? 	FX
enn@	[C
enn@t	TJ
enna	JT
enna,	C[
ennab	ZD
ennac	MQ
ennad	UI
ennag	a?
ennah	C[
ennai	MQ
ennam	C[
ennar	VH
ennas	^A
ennat	MQ
ennav	RL
ennb	UI
ennc	TJ
ennce	QM
ennch	WG
enncl	TJ
ennco	YE
enncu	FX
enncy	HV
ennd 	UI
ennd"	WG
ennd'	RL
ennd-	JT
ennda	IU
enndd	RL
enndf	[C
enndi	RL
enndl	HV
enndm	TJ
enndo	RL
enndp	MQ
enndr	LR
ennds	XF
enndu	IU
enndw	KS
enne	SK
enne 	UI
enne"	HV
enne'	C[
enne)	YE
enne,	SK
enne.	QM
enne:	TJ
enne@	KS
ennea	8h
enned	XF
ennee	JT
enneg	_@
ennel	HV
ennem	JT
ennen	k5
ennep	DZ
enneq	FX
enner	XF
ennes	IU
ennet	XF
ennev	SK
ennew	FX
ennex	LR
ennf	JT
ennfi	FX
ennfo	QM
enng	MQ
enng!	EY
enng"	HV
enng,	LR
enng-	SK
enng.	TJ
enng;	RL
ennga	HV
ennge	QM
enngi	MQ
enngl	A^
enngt	IU
enngu	JT
ennh	_@
ennha	b>
ennho	VH
enni	XF
enni 	HV
ennia	C[
ennic	TJ
ennig	^A
ennim	KS
ennio	^A
ennis	UI
ennit	^A
enniu	YE
ennj	WG
ennk	@_
ennk 	IU
ennk.	GW
ennke	MQ
ennki	A^
ennks	DZ
ennl	LR
ennla	SK
ennle	IU
ennli	A^
ennlo	JT
ennme	A^
ennmo	ZD
ennn	VH
ennn 	FX
ennn.	]B
ennna	RL
ennne	UI
ennni	GW
ennno	TJ
ennnu	[C
ennny	RL
enno	HV
enno 	C[
enno,	?a
enno.	]B
ennoc	YE
ennoe	DZ
ennol	C[
ennor	QM
ennot	JT
ennou	B]
ennov	B]
ennow	MQ
ennp	YE
ennq	GW
ennqu	GW
ennri	YE
enns	RL
enns 	ZD
enns,	C[
enns.	IU
enns:	ZD
ennsa	TJ
ennsc	EY
ennse	JT
ennsi	IU
ennsp	TJ
ennst	LR
ennsu	XF
ennsw	QM
ennt	IU
ennt 	HV
ennt,	SK
ennt.	TJ
ennt:	RL
ennta	RL
ennte	GW
ennth	[C
ennti	HV
enntl	GW
enntm	_@
enntr	RL
ennts	GW
ennty	UI
ennu	KS
ennue	QM
ennum	DZ
ennur	c=
ennus	@_
ennut	JT
ennv	KS
ennve	IU
ennvi	LR
ennvo	SK
ennw	FX
ennw 	KS
ennwi	IU
enny	RL
enny,	QM
enny.	SK
ennyb	XF
ennym	RL
ennyo	[C
ennyt	HV
ennyw	FX
enn–	KS
enn–f	IU
enn–t	YE
enn”	FX
enn” 	FX
eno "	VH
eno (	]B
eno 0	a?
eno a	IU
eno b	XF
eno c	MQ
eno d	MQ
eno e	QM
eno f	@_
eno g	FX
eno h	EY
eno i	HV
eno j	DZ
eno k	MQ
eno m	MQ
eno n	_@
eno r	EY
eno s	VH
eno t	TJ
eno u	KS
eno v	HV
eno y	ZD
eno £	[C
eno –	DZ
eno'	>b
eno's	>b
eno,	FX
eno, 	FX
eno-	UI
eno-s	MQ
eno.	MQ
eno:	YE
eno: 	YE
eno@	a?
eno@l	]B
eno@s	VH
enoa	TJ
enoac	MQ
enoad	JT
enoak	WG
enoal	JT
enoan	YE
enoar	RL
enoas	_@
enoat	GW
enob	JT
enob 	GW
enob,	SK
enoba	RL
enobb	WG
enobe	JT
enobi	EY
enobj	GW
enobl	A^
enobs	UI
enobv	GW
enoc	]B
enoc 	QM
enoca	VH
enocc	RL
enoch	_@
enoci	UI
enock	^A
enod 	B]
enod,	RL
enod.	_@
enoda	TJ
enodd	_@
enode	KS
enodi	EY
enods	XF
enodu	C[
enody	WG
enoe	QM
enoe 	UI
enoe.	<d
enoes	SK
enoev	]B
enof	RL
enof.	FX
enofs	WG
enoft	QM
enog	TJ
enog 	MQ
enog,	XF
enog.	GW
enoge	KS
enogi	DZ
enogo	EY
enogr	VH
enogs	MQ
enoh	IU
enoh 	KS
enoic	JT
enoif	EY
enoil	ZD
enoin	IU
enoir	QM
enois	SK
enoj	QM
enoje	QM
enok 	MQ
enok'	VH
enok,	EY
enok.	IU
enok:	IU
enoka	DZ
enoke	QM
enoki	YE
enoko	^A
enoks	IU
enol 	MQ
enol,	DZ
enold	MQ
enole	d<
enoli	SK
enolk	WG
enolo	C[
enols	WG
enolv	FX
enoly	UI
enom	JT
enom,	DZ
enoma	QM
enomb	_@
enome	VH
enomi	HV
enomm	C[
enomp	JT
enoms	UI
enon 	FX
enon"	HV
enon'	B]
enon,	MQ
enon.	IU
enon:	FX
enona	VH
enonc	]B
enond	QM
enone	TJ
enonf	C[
enong	YE
enoni	YE
enonk	^A
enonn	IU
enono	?a
enons	C[
enonv	KS
enon–	KS
enoo	UI
enoo 	g9
enood	IU
enoof	WG
enook	DZ
enool	UI
enoom	UI
enoon	GW
enoop	VH
enoor	TJ
enoos	GW
enoot	MQ
enop	SK
enop 	LR
enop'	RL
enop,	DZ
enop-	UI
enop.	WG
enope	TJ
enopo	9g
enopp	c=
enops	WG
enopy	DZ
enor	QM
enor 	HV
enor'	SK
enor)	YE
enor,	MQ
enor.	IU
enora	EY
enorb	RL
enorc	LR
enord	JT
enore	TJ
enorf	JT
enorg	XF
enori	i7
enork	_@
enorl	RL
enorm	GW
enorn	MQ
enoro	MQ
enorp	LR
enorr	FX
enors	ZD
enort	LR
enorv	VH
enory	RL
enos 	MQ
enos,	MQ
enos.	MQ
enosi	FX
enosp	GW
enoss	JT
enost	LR
enosy	QM
enot	GW
enot,	VH
enot.	RL
enota	<d
enotb	@_
enoth	MQ
enoti	DZ
enoto	DZ
enots	QM
enott	WG
enou 	UI
enou'	HV
enou.	LR
enou:	FX
enou?	B]
enoub	VH
enouc	KS
enoud	FX
enoug	MQ
enoul	HV
enoun	RL
enoup	QM
enour	IU
enous	SK
enout	MQ
enov	KS
enov 	RL
enova	ZD
enove	HV
enow	JT
enow 	KS
enow)	VH
enow.	LR
enow:	;e
enow;	QM
enowb	TJ
enowd	MQ
enowi	?a
enown	TJ
enowr	_@
enows	VH
enox	QM
enox 	_@
enox.	GW
enoxb	IU
enoxe	IU
enoxi	HV
enoy	QM
enoy 	GW
enoyl	RL
enoys	b>
enoz 	^A
enoze	WG
enp 	LR
enp /	VH
enp 0	LR
enp a	VH
enp d	C[
enp e	LR
enp f	RL
enp h	VH
enp i	KS
enp l	KS
enp m	KS
enp n	SK
enp o	QM
enp p	@_
enp r	RL
enp s	ZD
enp t	QM
enp u	JT
enp w	SK
enp |	FX
enp £	XF
enp!	XF
enp'	LR
enp's	LR
enp)	HV
enp) 	HV
enp,	WG
enp, 	WG
enp-	QM
enp-u	FX
enp.	LR
enp. 	RL
enp:	DZ
enp: 	DZ
enp;	YE
enp; 	YE
enpa 	QM
enpac	FX
enpad	^A
enpag	9g
enpai	XF
enpal	XF
enpan	SK
enpap	A^
enpar	XF
enpas	B]
enpat	LR
enpau	VH
enpd	?a
enpda	C[
enpdf	B]
enpe	QM
enpe 	QM
enpe,	RL
enpe.	IU
enpea	EY
enpec	LR
enped	QM
enpeg	^A
enpel	RL
enpen	MQ
enper	MQ
enpes	YE
enpet	RL
enpew	ZD
enph	GW
enph 	WG
enpha	KS
enphe	DZ
enpho	GW
enphs	GW
enpia	RL
enpic	HV
enpie	KS
enpik	d<
enpil	UI
enpin	C[
enpip	HV
enpl 	TJ
enpla	UI
enpli	MQ
enplo	XF
enpls	HV
enplu	YE
enply	@_
enpm	SK
enpm 	RL
enpm.	a?
enpm;	^A
enpo	SK
enpo 	_@
enpoi	^A
enpok	IU
enpol	VH
enpon	h8
enpoo	ZD
enpop	<d
enpor	SK
enpos	>b
enpou	SK
enpow	IU
enpp	_@
enpp 	^A
enpp.	VH
enppa	XF
enppe	LR
enppi	MQ
enppl	JT
enppo	VH
enppr	]B
enppy	]B
enpra	IU
enpre	^A
enpri	DZ
enpro	WG
enpru	_@
enps	QM
enps 	RL
enps,	TJ
enpse	GW
enpt 	MQ
enpt,	GW
enpt.	HV
enpte	XF
enpti	YE
enpty	MQ
enpul	XF
enpum	^A
enpun	FX
enpup	UI
enpur	b>
enpus	IU
enput	C[
enpw	^A
enpy	[C
enpy 	YE
enqt	YE
enqu	KS
enque	EY
enqui	IU
enqx	SK
enqx0	SK
enr 	TJ
enr "	IU
enr &	XF
enr (	TJ
enr 0	JT
enr a	b>
enr b	RL
enr c	GW
enr d	DZ
enr e	JT
enr f	TJ
enr g	WG
enr h	JT
enr i	WG
enr j	d<
enr k	[C
enr l	RL
enr o	RL
enr p	RL
enr q	KS
enr s	TJ
enr t	RL
enr u	=c
enr v	A^
enr w	GW
enr y	HV
enr |	C[
enr £	QM
enr –	RL
enr!	GW
enr! 	GW
enr"	@_
enr" 	>b
enr".	GW
enr'	KS
enr's	KS
enr)	HV
enr) 	?a
enr),	TJ
enr).	KS
enr,	RL
enr, 	RL
enr-	XF
enr-0	a?
enr-i	HV
enr.	GW
enr. 	HV
enr."	FX
enr.e	QM
enr:	JT
enr: 	JT
enr;	LR
enr; 	LR
enr?	TJ
enr? 	JT
enr@	RL
enra	YE
enra 	LR
enra.	KS
enrab	^A
enrac	EY
enrad	UI
enrae	SK
enrag	_@
enral	TJ
enram	a?
enran	KS
enrap	ZD
enras	a?
enrau	^A
enrav	WG
enraw	LR
enrb	WG
enrbe	YE
enrbi	UI
enrbr	XF
enrby	RL
enrc	HV
enrca	]B
enrce	JT
enrci	KS
enrco	GW
enrcu	HV
enrd	SK
enrd 	KS
enrd'	IU
enrd,	WG
enrd.	YE
enrda	TJ
enrdb	LR
enrde	SK
enrdl	f:
enrdr	YE
enrds	GW
enrdu	IU
enre'	ZD
enre,	RL
enre-	]B
enre.	B]
enre?	FX
enre@	WG
enrea	DZ
enrec	LR
enree	RL
enref	WG
enreg	B]
enrel	QM
enrem	KS
enrep	d<
enreq	C[
enrer	A^
enres	SK
enrev	FX
enrew	[C
enrey	JT
enrf	e;
enrfl	f:
enrg	SK
enrga	SK
enrge	TJ
enrgi	DZ
enrgo	WG
enrgu	@_
enrh	IU
enrha	IU
enrhe	YE
enri	WG
enri 	^A
enri,	ZD
enria	JT
enrib	HV
enric	HV
enrid	QM
enrie	IU
enrig	B]
enril	XF
enrim	[C
enrin	VH
enrio	IU
enrit	[C
enriz	JT
enrk	XF
enrk 	JT
enrk,	FX
enrk.	UI
enrkd	A^
enrke	DZ
enrki	[C
enrks	YE
enrkw	_@
enrl	KS
enrl 	TJ
enrla	SK
enrle	WG
enrli	UI
enrly	FX
enrm	TJ
enrm,	WG
enrm.	]B
enrma	ZD
enrme	JT
enrmi	GW
enrmo	XF
enrms	_@
enrn	WG
enrn 	XF
enrn,	SK
enrn.	]B
enrna	C[
enrnb	UI
enrne	ZD
enrni	HV
enrno	<d
enrns	a?
enro	QM
enro 	UI
enroa	UI
enroc	ZD
enrod	LR
enrog	XF
enroj	QM
enrok	SK
enrol	ZD
enrom	JT
enroo	QM
enror	B]
enros	DZ
enrot	KS
enrou	UI
enrov	UI
enroz	KS
enrp	h8
enrpe	c=
enrph	^A
enrpr	[C
enrps	VH
enrq	DZ
enrqu	DZ
enrr	SK
enrr 	]B
enrr,	WG
enrra	ZD
enrre	HV
enrri	QM
enrro	SK
enrry	GW
enrs	RL
enrs 	JT
enrs'	YE
enrs)	IU
enrs.	WG
enrs;	MQ
enrs?	KS
enrs@	TJ
enrsa	UI
enrsb	]B
enrsd	WG
enrse	UI
enrsh	QM
enrsi	FX
enrso	LR
enrt	QM
enrt 	JT
enrt,	TJ
enrt.	JT
enrta	DZ
enrte	XF
enrth	VH
enrti	HV
enrtn	JT
enrto	=c
enrts	l4
enrtu	XF
enru	KS
enru 	h8
enrua	KS
enruc	YE
enrud	HV
enrue	SK
enrug	MQ
enrui	XF
enrul	EY
enrum	TJ
enrus	B]
enrv	TJ
enrve	XF
enrw	WG
enrwa	a?
enrwe	EY
enrwi	c=
enry 	QM
enry'	A^
enry)	DZ
enry,	SK
enry-	UI
enry.	JT
enry:	ZD
enry;	YE
enry@	RL
enryb	?a
enryi	MQ
enryo	FX
enryt	YE
enryw	KS
ens 	SK
ens $	RL
ens &	IU
ens +	a?
ens -	]B
ens 0	FX
ens a	XF
ens b	IU
ens d	IU
ens g	VH
ens h	^A
ens i	JT
ens j	^A
ens k	VH
ens m	c=
ens n	VH
ens o	DZ
ens p	QM
ens q	TJ
ens r	GW
ens s	_@
ens t	KS
ens u	FX
ens v	SK
ens y	IU
ens |	KS
ens £	TJ
ens ·	LR
ens –	HV
ens €	VH
ens!	GW
ens! 	B]
ens"	RL
ens'	RL
ens' 	SK
ens) 	JT
ens),	LR
ens).	[C
ens,	QM
ens, 	RL
ens-	XF
ens. 	RL
ens."	MQ
ens.)	?a
ens.e	FX
ens:	ZD
ens: 	ZD
ens;	]B
ens; 	]B
ens?	:f
ens? 	:f
ens@	b>
ens@a	[C
ens@b	XF
ens@f	d<
ens@g	WG
ens@h	XF
ens@q	LR
ens@s	XF
ens@t	SK
ens@w	a?
ensa	IU
ensa 	@_
ensaf	IU
ensag	SK
ensai	JT
ensal	a?
ensam	SK
ensan	QM
ensap	LR
ensar	EY
ensas	IU
ensat	[C
ensav	>b
ensaw	^A
ensax	h8
ensay	5k
ensb	YE
ensba	B]
ensby	RL
ensc	VH
ensc 	_@
ensca	UI
ensch	RL
ensco	LR
enscu	IU
ensd	TJ
ensda	TJ
ense 	EY
ense.	EY
ense:	[C
ense?	FX
ensea	_@
ensec	IU
ensed	YE
ensee	QM
enseh	c=
ensel	TJ
ensem	QM
ensen	LR
ensep	SK
enser	UI
enses	_@
enset	HV
enseu	YE
ensev	JT
ensew	]B
ensg	TJ
ensgi	]B
ensh 	RL
ensh'	HV
ensh,	GW
ensh.	B]
ensha	ZD
enshe	JT
enshl	JT
enshm	JT
enshr	KS
enshu	WG
ensi	KS
ensib	GW
ensic	[C
ensid	YE
ensie	EY
ensig	QM
ensin	KS
ensio	JT
ensir	A^
ensis	IU
ensiv	IU
ensix	MQ
ensiz	JT
ensk 	MQ
ensk.	^A
ensk0	UI
enski	LR
ensks	@_
ensky	C[
ensl	SK
ensla	WG
ensle	SK
enslo	d<
enslu	DZ
ensly	GW
ensm	ZD
ensma	TJ
ensme	]B
ensmi	JT
ensmo	WG
ensn	LR
ensn'	MQ
ensna	RL
ensne	IU
ensno	YE
enso	HV
enso 	JT
enso.	TJ
ensob	A^
ensoc	WG
ensof	MQ
ensoi	TJ
ensol	VH
ensom	IU
enson	DZ
ensoo	XF
ensor	>b
ensp	QM
enspe	DZ
enspi	GW
enspl	c=
enspo	ZD
enspr	LR
ensps	LR
enspu	WG
ensq	]B
ensqu	[C
ensr	?a
enss,	KS
enss.	MQ
enss:	JT
enssa	VH
ensse	XF
enssi	HV
enssl	FX
enssu	WG
enssw	=c
enst	XF
enst 	MQ
enst,	=c
enst-	DZ
enst.	]B
enst:	MQ
enst;	GW
ensta	SK
enste	UI
ensti	IU
enstl	^A
enstm	QM
ensto	ZD
enstr	ZD
ensts	B]
enstu	A^
ensty	[C
ensu	TJ
ensua	VH
ensub	KS
ensue	TJ
ensui	ZD
ensum	LR
ensun	SK
ensup	=c
ensur	YE
ensw	HV
enswa	RL
enswe	IU
enswo	EY
ensyc	JT
ent 	EY
ent "	[C
ent &	d<
ent (	B]
ent 0	MQ
ent a	MQ
ent b	HV
ent c	SK
ent d	JT
ent e	KS
ent f	SK
ent g	DZ
ent i	JT
ent j	ZD
ent k	QM
ent l	LR
ent m	MQ
ent n	QM
ent o	QM
ent p	C[
ent q	B]
ent r	GW
ent s	WG
ent u	B]
ent v	EY
ent y	UI
ent £	FX
ent ·	IU
ent –	]B
ent €	YE
ent!	?a
ent! 	?a
ent"	HV
ent" 	JT
ent'	QM
ent's	QM
ent)	MQ
ent) 	MQ
ent),	VH
ent).	HV
ent,	SK
ent, 	UI
ent-	FX
ent-o	MQ
ent-s	JT
ent.	JT
ent. 	JT
ent."	MQ
ent.)	DZ
ent.e	a?
ent0	B]
ent:	KS
ent: 	KS
ent;	IU
ent; 	IU
ent?	C[
ent? 	C[
ent@	[C
enta	JT
enta 	YE
enta,	JT
entab	C[
entac	DZ
entag	IU
entai	FX
entak	XF
ental	C[
entam	QM
entan	SK
entap	>b
entar	QM
entas	KS
entat	UI
entax	[C
entb	?a
entbc	C[
entc	RL
entch	SK
entd	QM
entd 	XF
entd,	TJ
entd.	DZ
ente	MQ
ente 	QM
ente)	WG
ente,	@_
ente.	FX
ente:	@_
ente?	LR
entea	VH
entec	_@
ented	RL
entee	MQ
entel	RL
entem	VH
entep	TJ
entes	LR
entev	C[
entew	RL
entex	YE
entf	TJ
entfi	TJ
enth	KS
enth 	QM
enth'	EY
enth,	TJ
enth.	KS
entha	IU
enthe	QM
enthf	KS
enthi	GW
enthl	YE
entho	VH
enthr	RL
enths	RL
enthu	TJ
enthw	IU
enti	QM
entia	B]
entie	[C
entif	QM
entig	?a
entil	GW
entin	VH
entio	QM
entip	WG
entiq	SK
entis	JT
entit	MQ
entiv	ZD
ently	WG
entm	WG
entma	SK
entme	VH
entn	XF
entne	_@
entni	YE
ento	JT
ento,	=c
ento.	QM
entob	LR
entoc	KS
entod	]B
entog	RL
entoi	LR
entok	MQ
entol	?a
entom	IU
enton	IU
entoo	SK
entop	UI
entor	LR
entos	EY
entou	KS
entov	VH
entow	]B
entoy	GW
entp	^A
entr	QM
entra	SK
entre	YE
entri	HV
entru	LR
entry	LR
ents	RL
ents 	SK
ents)	HV
ents,	TJ
ents.	MQ
ents;	QM
ents?	DZ
ents@	[C
entse	FX
entsi	VH
entt	RL
entt 	WG
entt,	KS
entt.	QM
entta	MQ
entti	p0
enttl	HV
entto	>b
enttr	C[
entty	JT
entu	KS
entua	ZD
entuc	;e
entud	LR
entuf	HV
entum	WG
entun	UI
entur	IU
entut	QM
entwe	KS
entwo	TJ
enty	WG
enty 	TJ
enty,	c=
enty-	]B
enty.	WG
entyp	GW
enu 	VH
enu 0	d<
enu a	RL
enu b	QM
enu c	WG
enu d	WG
enu f	IU
enu g	RL
enu i	HV
enu k	XF
enu l	^A
enu m	UI
enu o	IU
enu p	XF
enu t	DZ
enu w	f:
enu'	HV
enu'd	UI
enu'l	HV
enu'r	C[
enu.	HV
enu. 	KS
enu.”	GW
enu:	FX
enu: 	FX
enu?	B]
enu? 	B]
enua	TJ
enuad	@_
enuag	LR
enual	_@
enuan	GW
enuar	WG
enuat	IU
enuay	FX
enub	RL
enub 	JT
enub-	FX
enubl	WG
enubr	TJ
enubs	ZD
enuc	GW
enuch	HV
enuck	GW
enuct	QM
enud	HV
enud 	VH
enudd	QM
enude	IU
enudg	EY
enudh	GW
enudi	JT
enudm	d<
enue	RL
enue 	ZD
enue,	@_
enue-	UI
enue.	UI
enueb	_@
enuee	[C
enuen	MQ
enues	FX
enug	UI
enug 	ZD
enuga	VH
enuge	WG
enugg	C[
enugs	RL
enugu	TJ
enuh	ZD
enuhr	XF
enui	LR
enuic	FX
enuid	IU
enuie	IU
enuil	_@
enuin	C[
enuir	MQ
enuk	XF
enul 	=c
enul.	ZD
enula	XF
enuld	C[
enule	DZ
enulg	IU
enull	QM
enuls	TJ
enult	TJ
enuly	UI
enum	GW
enum 	QM
enum'	GW
enum,	FX
enumb	GW
enume	XF
enumm	LR
enumn	EY
enump	_@
enums	GW
enun	UI
enuna	KS
enune	TJ
enung	_@
enuni	^A
enunk	MQ
enunl	IU
enunn	LR
enuns	RL
enuot	RL
enup 	VH
enup,	RL
enup.	QM
enupd	C[
enuph	TJ
enupl	@_
enupp	JT
enups	JT
enur	SK
enur 	UI
enur,	SK
enur-	RL
enur.	VH
enura	DZ
enurb	VH
enure	KS
enurg	C[
enuri	KS
enurn	UI
enurp	ZD
enurr	HV
enurs	@_
enurt	[C
enurv	a?
enury	a?
enus	JT
enus 	LR
enus"	A^
enus,	KS
enus.	SK
enus;	]B
enusb	B]
enuse	TJ
enush	UI
enusk	ZD
enusl	GW
enuss	DZ
enust	A^
enusu	XF
enut,	EY
enut-	FX
enute	FX
enutf	RL
enutl	_@
enuto	UI
enuts	QM
enutt	XF
enutu	JT
enuy	MQ
enuy 	WG
enuya	HV
enuye	;e
enuz	LR
env 	QM
env c	VH
env,	IU
env, 	IU
env0 	SK
enva	QM
enva 	GW
envac	RL
enval	C[
envan	UI
envar	MQ
envat	e;
envd	MQ
envd 	MQ
enve	EY
enve"	C[
enve,	SK
enve.	_@
envec	JT
envem	>b
enven	DZ
enver	RL
enves	RL
envey	VH
envi	KS
envic	SK
envid	VH
envie	FX
envil	TJ
envio	GW
envis	MQ
envit	IU
envo	FX
envoi	JT
envol	UI
envor	JT
envos	JT
envu	IU
envul	IU
envy	B]
envy 	C[
enw 0	_@
enw a	A^
enw b	QM
enw c	c=
enw d	WG
enw e	UI
enw f	SK
enw g	VH
enw h	LR
enw i	SK
enw l	]B
enw m	9g
enw n	?a
enw o	c=
enw p	C[
enw r	EY
enw s	b>
enw t	@_
enw y	HV
enw'	SK
enw's	SK
enw)	[C
enw) 	ZD
enw,	IU
enw, 	IU
enw.	JT
enw. 	JT
enw.e	_@
enw/	LR
enw/ 	IU
enw0	XF
enw0 	WG
enw:	HV
enw: 	HV
enw;	QM
enw; 	QM
enw@	FX
enwa	IU
enwag	YE
enwai	TJ
enwal	SK
enwan	HV
enwap	LR
enwar	FX
enwas	JT
enwat	TJ
enway	LR
enwb	TJ
enwby	TJ
enwc	LR
enwd	DZ
enwda	IU
enwe	VH
enwe 	[C
enwe'	SK
enwe.	[C
enwea	WG
enweb	<d
enwed	MQ
enwee	QM
enwei	FX
enwel	LR
enwen	IU
enwer	HV
enwes	;e
enwet	^A
enwex	ZD
enwf	ZD
enwh	KS
enwha	KS
enwhe	SK
enwhi	FX
enwho	WG
enwhy	UI
enwi 	VH
enwic	WG
enwid	ZD
enwif	A^
enwim	SK
enwin	DZ
enwir	LR
enwis	FX
enwit	RL
enwk	VH
enwk 	]B
enwks	SK
enwl	XF
enwl 	WG
enwls	XF
enwm	TJ
enwmi	TJ
enwn	QM
enwn 	VH
enwn,	VH
enwn.	;e
enwne	RL
enwnl	>b
enwns	IU
enwo 	[C
enwo,	c=
enwo.	B]
enwob	KS
enwom	XF
enwon	IU
enwoo	TJ
enwou	A^
enwra	]B
enwre	JT
enwro	LR
enws	QM
enws 	c=
enws.	;e
enwsp	GW
enww	HV
enww.	HV
enwww	HV
enwy	UI
enwye	WG
enx 	LR
enx 0	IU
enx a	_@
enx b	WG
enx f	ZD
enx h	EY
enx i	TJ
enx o	EY
enx t	LR
enx w	MQ
enx,	EY
enx, 	EY
enx.	XF
enx. 	XF
enx0	KS
enx0 	UI
enx00	EY
enx@	FX
enxa	YE
enxam	ZD
enxbl	IU
enxc	QM
enxce	KS
enxe	ZD
enxed	RL
enxes	IU
enxi	MQ
enxin	LR
enxis	UI
enxl	TJ
enxm	GW
enxma	KS
enxt	JT
enxt 	QM
enxte	LR
enxtr	KS
enxty	GW
enxx	[C
eny 	TJ
eny "	RL
eny &	XF
eny '	B]
eny (	LR
eny +	MQ
eny 0	a?
eny a	GW
eny b	QM
eny d	IU
eny e	LR
eny f	MQ
eny h	XF
eny i	SK
eny j	C[
eny k	KS
eny l	VH
eny m	KS
eny n	IU
eny o	LR
eny q	UI
eny r	VH
eny s	SK
eny u	JT
eny v	]B
eny w	KS
eny y	C[
eny £	h8
eny –	VH
eny!	C[
eny!!	C[
eny"	EY
eny" 	C[
eny'	JT
eny'r	]B
eny's	DZ
eny'v	A^
eny)	EY
eny) 	IU
eny),	DZ
eny).	QM
eny,	HV
eny, 	HV
eny-	ZD
eny-o	VH
eny.	KS
eny. 	IU
eny.e	YE
eny0	YE
eny;	TJ
eny; 	TJ
eny?	FX
eny? 	FX
eny@	RL
enya	GW
enya 	EY
enya,	EY
enyan	EY
enyb	LR
enybe	DZ
enybo	RL
enyc	]B
enych	RL
enycl	XF
enyd	EY
enye	RL
enye 	QM
enyea	ZD
enyel	9g
enyem	IU
enyer	LR
enyes	UI
enyet	SK
enyi	XF
enyin	_@
enyl	HV
enyla	MQ
enyle	DZ
enyli	UI
enym	SK
enyme	DZ
enymo	RL
enyn 	TJ
enyo 	YE
enyon	QM
enyor	[C
enyou	LR
enyp	GW
enype	EY
enyr	VH
enyr 	]B
enyr,	TJ
enyre	IU
enyrs	^A
enys	XF
enys 	MQ
enys,	XF
enys.	KS
enys:	WG
enys;	YE
enyse	SK
enyst	]B
enyt	RL
enyth	QM
enyv	GW
enyw	LR
enywh	FX
enywi	]B
enyy	JT
enyy 	JT
enz,	EY
enz, 	EY
enze	SK
enze 	MQ
enze,	LR
enzel	SK
enzen	WG
enzer	YE
enzi	MQ
en| 	KS
en| -	WG
en| 0	XF
en| a	SK
en| c	WG
en| d	QM
en| f	@_
en| g	_@
en| i	KS
en| j	LR
en| k	VH
en| n	_@
en| p	HV
en| r	]B
en| s	MQ
en| t	QM
en| w	VH
en| |	GW
en| £	n2
en~ 	RL
en~~	RL
en~~ 	RL
en£0	UI
en£0 	[C
en£0,	QM
en£0.	RL
en£0m	_@
en© 	EY
en· 	C[
en· 0	IU
en· c	VH
en· f	MQ
en· p	GW
en· w	@_
enéa	MQ
en– 	MQ
en– a	WG
en– c	HV
en– d	C[
en– f	GW
en– h	DZ
en– l	HV
en– m	LR
en– n	DZ
en– p	GW
en– t	SK
en–0	WG
en–0,	TJ
en–0.	MQ
en–00	m3
en–f	IU
en–fr	IU
en–t	YE
en–th	YE
en“b	FX
en“bu	FX
en“h	LR
en“he	LR
en“t	KS
en“th	KS
en“y	GW
en“yo	GW
en” 	MQ
en” (	FX
en€0	e;
en€00	d<
en★ 	JT
en★ "	JT
en★★	C[
en★★ 	JT
en★★★	JT
es "	DZ
es "a	KS
es "e	QM
es "m	LR
es "p	IU
es "s	JT
es $	^A
es $ 	[C
es $0	]B
es %	UI
es % 	UI
es (	RL
es (0	QM
es (a	MQ
es (b	GW
es (d	UI
es (e	HV
es (g	MQ
es (l	MQ
es (p	GW
es (s	WG
es +	JT
es + 	JT
es -	HV
es ->	JT
es /	JT
es / 	JT
es 0	YE
es 0 	XF
es 0.	[C
es 00	WG
es 0:	QM
es @	VH
es a	QM
es a 	VH
es ab	XF
es ac	EY
es ad	MQ
es af	LR
es ag	d<
es ah	MQ
es al	SK
es am	FX
es an	IU
es ap	QM
es aq	VH
es ar	MQ
es at	YE
es av	LR
es ay	FX
es az	FX
es aú	HV
es b0	_@
es ba	YE
es be	KS
es bi	KS
es bl	IU
es bo	RL
es br	UI
es bu	DZ
es c	SK
es c/	XF
es ca	YE
es ch	^A
es ci	WG
es cl	MQ
es co	JT
es cp	YE
es cr	KS
es có	IU
es d	RL
es da	MQ
es de	MQ
es di	IU
es do	WG
es du	WG
es dí	TJ
es dó	GW
es e 	QM
es el	MQ
es em	UI
es en	QM
es es	GW
es eu	TJ
es ev	FX
es ex	MQ
es fa	QM
es fe	QM
es fi	^A
es fl	FX
es fo	B]
es fr	LR
es g0	ZD
es ga	RL
es ge	EY
es gr	HV
es gu	MQ
es h	EY
es h.	DZ
es ha	HV
es he	QM
es ho	DZ
es hu	XF
es ib	QM
es ig	JT
es im	VH
es in	MQ
es iv	]B
es j	UI
es ja	SK
es jo	B]
es ju	TJ
es jó	LR
es k	SK
es ki	RL
es km	SK
es l-	]B
es la	KS
es le	GW
es li	HV
es ll	SK
es lo	KS
es lu	LR
es lí	C[
es m	KS
es ma	LR
es mo	HV
es mí	MQ
es mó	JT
es mú	C[
es n	@_
es n.	ZD
es na	QM
es ni	EY
es no	A^
es nu	VH
es nú	IU
es o 	IU
es ob	MQ
es oc	a?
es of	MQ
es oj	HV
es ol	RL
es on	JT
es or	LR
es ot	IU
es p	LR
es p.	HV
es pa	KS
es pe	GW
es pi	WG
es pl	QM
es pr	MQ
es pá	HV
es q	FX
es qu	FX
es ra	RL
es re	SK
es ri	VH
es ru	KS
es rá	LR
es s	VH
es s.	YE
es sa	JT
es se	RL
es so	RL
es su	QM
es sá	TJ
es sé	FX
es sí	YE
es t	RL
es ta	RL
es tf	TJ
es ti	TJ
es tl	RL
es tr	SK
es tu	A^
es u	LR
es un	HV
es ur	YE
es us	TJ
es v	JT
es va	LR
es ve	IU
es vi	WG
es vo	KS
es ví	LR
es w	EY
es we	DZ
es x	QM
es y 	RL
es ya	LR
es |	QM
es | 	QM
es «	C[
es «e	KS
es «l	HV
es «u	JT
es ¿c	GW
es ¿q	KS
es él	UI
es ér	GW
es ú	KS
es úl	KS
es “	RL
es €	WG
es € 	SK
es €)	KS
es €,	a?
es €.	^A
es €/	^A
es €;	ZD
es! 	TJ
es" 	LR
es" s	MQ
es",	HV
es", 	HV
es".	FX
es". 	FX
es"a	KS
es"e	QM
es"el	WG
es"m	LR
es"p	IU
es"s	JT
es$ 	[C
es$ 0	[C
es$0	]B
es$0,	TJ
es$00	]B
es% 	XF
es% d	UI
es(0	QM
es(0 	SK
es(00	QM
es(a	MQ
es(b	GW
es(de	UI
es(e	HV
es(el	RL
es(en	IU
es(es	IU
es(g	MQ
es(ge	LR
es(gr	UI
es(l	MQ
es(la	MQ
es(p	GW
es(s	WG
es(se	UI
es(te	IU
es) 	HV
es) l	VH
es) y	UI
es),	KS
es), 	KS
es+ 	JT
es, "	WG
es, 0	a?
es, c	RL
es, d	[C
es, i	LR
es, j	HV
es, l	JT
es, m	MQ
es, n	@_
es, o	GW
es, p	VH
es, q	TJ
es, s	SK
es, t	^A
es, v	XF
es, y	YE
es,0	HV
es,00	HV
es- 	LR
es-0	UI
es-00	TJ
es->	JT
es-> 	JT
es-s	QM
es-v	]B
es-v 	]B
es. 	RL
es. 0	]B
es. d	VH
es. e	LR
es. s	SK
es."	HV
es." 	HV
es.)	LR
es.) 	KS
es.0	f:
es.00	f:
es.d	GW
es.d.	GW
es.e	a?
es.ex	a?
es.l	UI
es.l.	UI
es.p	UI
es.p.	UI
es.º	KS
es.º 	KS
es.»	LR
es.» 	LR
es/ 	KS
es/ 0	UI
es/k	LR
es/kg	VH
es0 	WG
es0 %	UI
es0 (	YE
es0 -	HV
es0 /	UI
es0 0	d<
es0 a	SK
es0 c	TJ
es0 d	XF
es0 h	IU
es0 k	SK
es0 l	a?
es0 m	YE
es0 n	[C
es0 o	MQ
es0 p	LR
es0 s	i7
es0 t	JT
es0 v	]B
es0 y	KS
es0 €	WG
es0%	WG
es0% 	WG
es0)	TJ
es0).	UI
es0,	RL
es0, 	WG
es0,0	HV
es0-	XF
es0-0	UI
es0.	TJ
es0. 	TJ
es0.0	f:
es00	ZD
es00 	^A
es00%	WG
es00)	TJ
es00,	SK
es00-	XF
es00.	RL
es000	WG
es00:	KS
es00;	WG
es00h	UI
es0:	MQ
es0:0	MQ
es0;	WG
es0; 	WG
es0h	UI
es: 	FX
es: "	HV
es: 0	SK
es: l	QM
es: p	VH
es: «	HV
es:0	MQ
es:00	MQ
es; 	XF
es; a	RL
es; c	SK
es; d	UI
es; e	YE
es; l	RL
es; t	EY
es; y	MQ
es> 	JT
es? 	IU
es@l	VH
es@la	VH
es@p	VH
es@pe	VH
es@r	TJ
es@re	TJ
es@s	RL
es@sa	RL
es@t	XF
esa 	MQ
esa $	UI
esa 0	UI
esa b	IU
esa c	WG
esa d	FX
esa e	TJ
esa f	MQ
esa g	FX
esa i	LR
esa j	JT
esa l	QM
esa n	KS
esa o	KS
esa p	TJ
esa q	FX
esa r	VH
esa s	XF
esa t	UI
esa u	HV
esa v	XF
esa w	FX
esa y	XF
esa |	HV
esa «	JT
esa é	IU
esa!	IU
esa"	MQ
esa" 	TJ
esa)	HV
esa) 	IU
esa).	QM
esa,	UI
esa, 	UI
esa.	TJ
esa. 	SK
esa.e	b>
esa:	MQ
esa: 	MQ
esa;	UI
esa; 	UI
esa?	ZD
esa? 	ZD
esa@	_@
esaa	MQ
esab	VH
esaba	TJ
esabe	UI
esabi	YE
esabl	?a
esabo	RL
esabu	]B
esac	TJ
esace	c=
esach	QM
esaci	TJ
esact	JT
esad	XF
esad 	VH
esada	SK
esade	TJ
esadi	_@
esado	SK
esadr	YE
esae	RL
esae 	MQ
esaer	VH
esafa	VH
esag	_@
esaga	YE
esage	LR
esago	e;
esagr	KS
esagu	WG
esah 	KS
esaho	VH
esain	XF
esaj	KS
esaja	GW
esaje	IU
esajo	VH
esal 	QM
esal)	MQ
esal,	IU
esal.	C[
esalb	[C
esald	MQ
esale	FX
esalg	IU
esali	UI
esall	TJ
esalm	XF
esalo	RL
esalq	SK
esalt	[C
esalu	B]
esalv	DZ
esamb	RL
esame	LR
esami	HV
esamo	RL
esamp	RL
esan 	HV
esan.	DZ
esanc	KS
esand	FX
esane	VH
esang	IU
esani	TJ
esano	_@
esans	LR
esant	LR
esanu	VH
esanz	FX
esao	RL
esap	QM
esapa	IU
esape	DZ
esapi	QM
esapr	SK
esar,	XF
esarb	XF
esarc	]B
esard	YE
esarg	FX
esarj	YE
esarl	C[
esarm	KS
esarn	SK
esaro	B]
esarr	SK
esart	LR
esarz	SK
esarí	B]
esas	JT
esas 	EY
esas,	WG
esas:	WG
esasa	SK
esasc	XF
esasi	UI
esaso	WG
esass	RL
esast	C[
esasu	KS
esasí	JT
esat	VH
esate	KS
esati	^A
esato	QM
esatr	RL
esau	RL
esaur	YE
esav	VH
esava	_@
esave	XF
esavo	LR
esaví	IU
esax	SK
esay	SK
esaya	LR
esaye	VH
esayo	UI
esayu	LR
esaz	C[
esaza	JT
esazo	KS
esazu	FX
esaí	RL
esañ	QM
esaña	VH
esañe	MQ
esaú	HV
esaún	HV
esb 	UI
esb d	WG
esb,	KS
esb, 	KS
esb.	DZ
esb0	a?
esb00	_@
esb@	UI
esba	ZD
esba 	XF
esba.	KS
esbai	GW
esbaj	SK
esbal	EY
esban	QM
esbar	^A
esbas	SK
esbat	IU
esbañ	QM
esbe 	EY
esbec	WG
esbel	VH
esbem	HV
esben	HV
esber	TJ
esbet	HV
esbi	SK
esbia	SK
esbic	SK
esbie	LR
esbil	LR
esbin	YE
esbio	RL
esbir	GW
esbié	ZD
esbió	IU
esbl	GW
esbla	JT
esble	JT
esbli	FX
esblo	QM
esbo	IU
esbo 	C[
esbod	VH
esbog	IU
esbom	TJ
esbot	RL
esbr	LR
esbra	IU
esbri	QM
esbro	SK
esbue	FX
esbuj	EY
esbur	EY
esbus	SK
esbv	EY
esbve	EY
esbí	MQ
esbín	MQ
esbó	YE
esbón	YE
esc.	WG
esc/	XF
esc/ 	XF
esca 	A^
esca.	QM
esca:	LR
escad	TJ
escae	FX
escaj	KS
escal	WG
escan	FX
escap	KS
escat	EY
escc	DZ
escci	DZ
esce	UI
esce.	[C
esced	TJ
escei	TJ
escel	JT
escem	a?
escen	QM
escer	JT
esch	XF
esche	ZD
eschi	HV
escho	]B
esci	RL
escic	ZD
escid	EY
escif	YE
escil	MQ
escim	XF
escin	SK
escio	DZ
escip	ZD
escir	DZ
escis	VH
escit	SK
escl	YE
escla	MQ
escli	HV
esclu	[C
esco 	QM
esco)	VH
esco,	WG
esco.	FX
escob	JT
escoc	RL
escog	RL
escol	MQ
escop	JT
escor	LR
escos	VH
escp	YE
escp 	YE
escre	RL
escri	JT
escta	HV
escti	VH
escto	LR
esctr	YE
esctu	MQ
escua	RL
escuc	]B
escue	QM
escui	LR
escul	VH
escum	QM
escuo	WG
escup	SK
escuá	KS
escuñ	HV
escá	QM
escés	KS
escí	HV
escía	HV
escó	JT
escóm	FX
esd 	UI
esd d	VH
esd t	RL
esd.	C[
esd. 	C[
esda	RL
esda,	WG
esda.	TJ
esdad	_@
esdal	RL
esdam	KS
esdan	IU
esdar	EY
esdas	WG
esdav	IU
esde	MQ
esde 	LR
esde.	HV
esdeb	DZ
esdec	TJ
esded	TJ
esdel	KS
esdem	WG
esden	QM
esdeo	KS
esder	SK
esdes	TJ
esdet	?a
esdev	UI
esdi	LR
esdia	JT
esdib	FX
esdic	KS
esdie	UI
esdij	MQ
esdil	TJ
esdim	YE
esdio	RL
esdir	JT
esdis	QM
esdit	GW
esdo	QM
esdo 	QM
esdo,	JT
esdo.	FX
esdob	SK
esdol	]B
esdon	JT
esdoñ	QM
esdr	XF
esdre	[C
esdri	UI
esdu	UI
esdua	TJ
esduc	FX
esdul	VH
esdur	VH
esdí 	RL
esdón	EY
ese "	JT
ese $	VH
ese 0	RL
ese b	MQ
ese c	KS
ese d	WG
ese f	LR
ese g	EY
ese h	HV
ese i	UI
ese j	YE
ese n	RL
ese o	QM
ese p	VH
ese q	IU
ese s	MQ
ese t	C[
ese u	MQ
ese y	KS
ese é	TJ
ese)	LR
ese) 	ZD
ese,	XF
ese, 	XF
ese.	QM
ese. 	QM
ese:	DZ
ese: 	DZ
esead	HV
esean	GW
eseat	UI
eseb	JT
eseb 	JT
eseb,	IU
eseba	JT
esebe	B]
esebi	QM
esebl	UI
esebo	MQ
esec	DZ
eseca	WG
esecc	GW
esece	FX
esech	LR
eseci	EY
eseco	RL
esecr	XF
esect	QM
esecu	EY
esecí	DZ
esed	QM
esed 	QM
eseda	C[
esede	XF
esedi	RL
esedo	QM
esedr	JT
esee	FX
esef	KS
eseg	IU
esega	TJ
esegi	QM
esegl	UI
esegr	JT
esegu	A^
esegú	RL
eseh	VH
esei	_@
eseis	ZD
eseit	VH
esej	HV
eseja	MQ
esejo	IU
esel	QM
esel,	JT
esel.	[C
esela	XF
eselc	UI
esell	MQ
eselo	WG
esels	KS
eselt	UI
eselv	KS
esem	YE
esem 	RL
esemb	TJ
esemi	^A
esemo	WG
esemp	LR
esemá	UI
esen 	SK
esen,	KS
esen.	KS
esena	EY
esenc	QM
esene	WG
esenf	JT
eseni	QM
eseno	RL
esens	VH
esenv	VH
eseo.	QM
esep	TJ
esepa	LR
esepo	SK
esept	TJ
eseq	UI
esequ	UI
eser	RL
eser,	LR
eser@	SK
esera	XF
eserc	FX
eserd	8h
esere	DZ
eserg	KS
eseri	TJ
esern	QM
esero	RL
eserr	UI
esers	KS
esert	RL
eserz	a?
eserí	SK
eses,	JT
eses.	KS
eses:	GW
esesa	UI
esesc	SK
esesd	SK
esesf	XF
esesi	MQ
eseso	JT
esesp	IU
esesq	XF
esess	VH
esest	TJ
esesu	MQ
eset	LR
eseta	MQ
esete	_@
eseto	HV
esetr	JT
eseus	QM
esev	WG
eseva	XF
eseve	XF
esevo	QM
esex	UI
esexa	a?
esext	HV
esey 	GW
esez	TJ
esez 	MQ
esez.	UI
eseza	SK
esezc	KS
esezó	QM
eseí	QM
eseñ	VH
eseña	_@
eseño	LR
esf 	QM
esf b	YE
esf g	ZD
esfa	RL
esfa 	WG
esfac	JT
esfad	KS
esfal	XF
esfav	LR
esfec	FX
esfer	VH
esfi	VH
esfia	LR
esfie	ZD
esfin	FX
esfl	FX
esflo	FX
esfn	TJ
esfno	TJ
esfo	HV
esfon	KS
esfot	C[
esfr	KS
esfra	FX
esfu	SK
esfue	GW
esfum	YE
esfun	c=
esfá	c=
esg,	MQ
esg, 	MQ
esg.	IU
esg. 	MQ
esg0	ZD
esg00	ZD
esga 	C[
esga,	RL
esga.	TJ
esgad	LR
esgal	EY
esgan	RL
esgar	QM
esgañ	MQ
esge	LR
esgem	UI
esgen	LR
esgi	HV
esgin	C[
esgio	RL
esgis	VH
esgl	RL
esgla	QM
esglé	FX
esgo	MQ
esgos	YE
esgot	LR
esgr	EY
esgra	MQ
esgri	DZ
esgro	IU
esgu	JT
esgui	SK
esgun	C[
esguo	LR
esgur	EY
esgus	DZ
esgú	RL
esgún	RL
esgü	SK
esgüe	SK
esh 	LR
esh y	LR
esh,	VH
esh, 	VH
esh.	A^
esh. 	A^
esha	KS
esha 	@_
eshab	>b
eshac	e;
eshad	LR
eshag	MQ
eshan	C[
eshar	QM
eshas	>b
eshay	KS
eshe	TJ
eshe 	LR
eshec	TJ
eshen	XF
esher	QM
eshes	SK
eshi	LR
eshi 	EY
eshic	QM
eshid	WG
eshij	KS
eshil	QM
eshis	HV
eshit	HV
eshiz	RL
esho	LR
esho 	XF
esho,	LR
eshol	>b
eshom	WG
eshon	IU
eshor	SK
eshu	YE
eshua	RL
eshí	WG
esi 	QM
esi a	UI
esi c	GW
esi h	QM
esi m	DZ
esi n	MQ
esi p	RL
esi q	DZ
esi s	IU
esi t	WG
esi v	TJ
esi,	HV
esi, 	HV
esia	MQ
esia,	SK
esia.	KS
esiac	_@
esiad	RL
esial	LR
esian	JT
esiar	C[
esias	TJ
esiat	WG
esib	GW
esiba	IU
esibi	LR
esibo	EY
esibr	QM
esibu	WG
esic	JT
esica	C[
esici	QM
esicl	ZD
esico	LR
esicu	RL
esid	SK
esida	SK
eside	YE
esidi	DZ
esidr	YE
esie	TJ
esie 	^A
esied	LR
esiej	QM
esiem	LR
esien	TJ
esier	KS
esies	VH
esiez	SK
esif	KS
esif 	SK
esifi	KS
esig	LR
esiga	QM
esigo	MQ
esigu	JT
esij	LR
esije	SK
esijo	KS
esil	SK
esil.	FX
esila	LR
esile	VH
esili	JT
esill	QM
esilo	ZD
esim	XF
esima	QM
esimb	VH
esime	KS
esimi	XF
esimo	a?
esimp	TJ
esin	RL
esina	KS
esinc	YE
esind	VH
esine	ZD
esinf	LR
esing	SK
esini	UI
esins	MQ
esint	XF
esiné	LR
esio	SK
esio 	QM
esiod	QM
esion	RL
esios	B]
esip	WG
esipa	UI
esipc	UI
esipi	WG
esiq	TJ
esiqu	TJ
esir	KS
esir.	IU
esir:	JT
esira	MQ
esire	QM
esirv	IU
esis 	XF
esis.	LR
esisa	YE
esise	JT
esisi	HV
esism	QM
esiso	KS
esit	KS
esit 	MQ
esita	IU
esite	LR
esiti	VH
esito	JT
esitr	d<
esitu	IU
esiv	QM
esiva	ZD
esivo	JT
esix	HV
esizo	RL
esiá	IU
esián	IU
esié	MQ
esién	IU
esiér	SK
esiñ	RL
esiño	RL
esió	FX
esió.	JT
esió:	IU
esión	HV
esja	YE
esja 	VH
esja.	TJ
esjab	XF
esjac	VH
esjad	IU
esjaj	C[
esjam	YE
esjar	XF
esje	JT
esje,	KS
esjer	FX
esjes	XF
esji	VH
esjo	HV
esjo 	LR
esjo,	FX
esjo.	UI
esjor	DZ
esju	QM
esjue	WG
esjul	WG
esjó	LR
esjóv	LR
eskg	VH
eskg,	VH
eski	FX
eskil	RL
eskm	JT
eskm 	HV
esl (	VH
esl 0	ZD
esl a	B]
esl b	GW
esl c	MQ
esl d	TJ
esl e	IU
esl g	XF
esl h	KS
esl i	C[
esl j	RL
esl l	FX
esl n	KS
esl o	VH
esl p	TJ
esl q	IU
esl r	JT
esl t	MQ
esl v	KS
esl y	UI
esl ú	MQ
esl)	KS
esl,	EY
esl, 	EY
esl-	]B
esl-v	]B
esl.	QM
esl. 	MQ
esl:	JT
esl: 	JT
esla	MQ
esla 	KS
esla,	JT
esla.	RL
esla@	]B
eslac	IU
eslad	TJ
eslag	HV
eslal	XF
eslam	QM
eslan	JT
eslap	MQ
eslar	VH
eslas	MQ
eslav	_@
eslaz	JT
eslb	[C
eslba	[C
eslc	RL
eslca	IU
eslco	UI
esld	QM
eslda	ZD
eslde	MQ
esldo	ZD
esle 	SK
esle.	WG
eslea	FX
esleg	JT
eslei	IU
eslen	FX
esleo	[C
esler	QM
esles	WG
eslet	FX
eslev	WG
eslg	IU
eslga	FX
eslgo	LR
eslgu	UI
esli	KS
eslia	MQ
eslib	GW
eslic	KS
eslid	FX
eslie	RL
eslim	SK
eslio	VH
eslir	C[
eslis	MQ
eslit	_@
esliv	KS
esll	TJ
eslla	SK
eslle	[C
eslli	KS
esllo	JT
eslm	[C
eslma	VH
eslme	UI
eslo	QM
eslo 	SK
eslo.	JT
eslob	GW
eslog	IU
eslol	IU
eslom	SK
eslon	TJ
eslor	GW
eslos	QM
eslq	VH
eslqu	VH
esls	KS
esls 	EY
eslt	RL
eslta	WG
eslti	KS
eslto	RL
eslu	GW
eslub	XF
esluc	IU
eslud	B]
eslue	LR
eslum	QM
eslun	KS
eslv	QM
eslva	EY
eslve	[C
eslvi	MQ
eslá	TJ
eslés	FX
eslíg	TJ
esló	ZD
esm 	KS
esm.	SK
esm. 	SK
esma 	UI
esma,	MQ
esma.	GW
esmac	VH
esmad	MQ
esmai	KS
esmal	C[
esman	RL
esmap	GW
esmar	LR
esmat	WG
esmay	TJ
esmañ	QM
esmba	TJ
esmbi	XF
esme	KS
esme 	@_
esmed	VH
esmej	DZ
esmer	JT
esmes	XF
esmet	WG
esmi	SK
esmia	JT
esmic	KS
esmie	IU
esmig	WG
esmim	ZD
esmin	TJ
esmio	TJ
esmir	QM
esmis	SK
esmié	TJ
esmn	LR
esmno	MQ
esmo	VH
esmo 	@_
esmo.	^A
esmod	FX
esmol	]B
esmom	YE
esmon	VH
esmor	]B
esmos	YE
esmp	UI
esmpa	KS
esmpe	UI
esmpi	MQ
esmpl	YE
esmpo	QM
esmpr	XF
esmu	SK
esmuc	EY
esmud	XF
esmue	YE
esmuj	DZ
esmul	GW
esmun	RL
esmuy	KS
esmás	MQ
esmát	LR
esmí	SK
esmí 	RL
esmín	UI
esmó	LR
esmóv	IU
esmú	C[
esmús	C[
esn 	MQ
esn (	[C
esn 0	JT
esn a	MQ
esn b	RL
esn c	VH
esn d	GW
esn e	GW
esn f	TJ
esn g	WG
esn h	RL
esn i	TJ
esn j	XF
esn m	DZ
esn n	GW
esn o	FX
esn p	UI
esn r	WG
esn s	MQ
esn t	HV
esn v	FX
esn.	QM
esn.º	ZD
esn:	JT
esn: 	JT
esna	LR
esna 	RL
esna)	JT
esna,	SK
esna.	C[
esna:	EY
esna@	RL
esnad	MQ
esnal	C[
esnas	SK
esnat	JT
esnav	WG
esnca	MQ
esnce	JT
esnch	SK
esnci	YE
esncl	SK
esnco	KS
esnd	JT
esnda	RL
esnde	LR
esndi	MQ
esndo	GW
esndr	QM
esne	QM
esne 	RL
esnea	TJ
esnec	C[
esneg	LR
esnem	KS
esnen	IU
esner	_@
esnes	JT
esnf	JT
esnfa	KS
esnfi	C[
esnfo	LR
esnfr	KS
esnfu	VH
esng	JT
esnga	C[
esngl	EY
esngo	QM
esngu	VH
esni	TJ
esni 	GW
esnic	VH
esnid	RL
esnie	JT
esnil	UI
esnim	QM
esnin	?a
esnio	XF
esnir	RL
esnis	TJ
esnit	SK
esniñ	IU
esno	QM
esno 	MQ
esno,	JT
esno.	VH
esno?	HV
esnoc	FX
esnom	GW
esnor	RL
esnot	XF
esnov	RL
esnq	QM
esnqu	QM
esns	SK
esns 	_@
esnsa	UI
esnsc	^A
esnse	SK
esnst	XF
esnsu	QM
esnt 	WG
esnt,	HV
esnte	KS
esntu	RL
esntó	VH
esnu	VH
esnue	ZD
esnun	YE
esnv	RL
esnve	SK
esnvi	VH
esnví	RL
esnz	IU
esnza	C[
esné	MQ
esné 	MQ
esnés	KS
esní	C[
esnía	C[
esnú	IU
esnúm	IU
eso 	KS
eso $	TJ
eso 0	ZD
eso a	]B
eso b	QM
eso c	KS
eso d	MQ
eso e	LR
eso f	GW
eso g	LR
eso i	IU
eso l	UI
eso m	QM
eso n	GW
eso o	VH
eso p	FX
eso r	TJ
eso s	RL
eso t	IU
eso u	LR
eso v	EY
eso y	LR
eso"	QM
eso" 	QM
eso)	QM
eso) 	JT
eso,	IU
eso, 	IU
eso.e	VH
eso.»	LR
eso:	MQ
eso: 	MQ
eso;	QM
eso; 	QM
eso?	?a
eso? 	A^
esoba	UI
esobl	UI
esobo	DZ
esobr	HV
esoca	KS
esoch	UI
esocu	SK
esoda	QM
esode	SK
esodi	JT
esodo	QM
esoe	UI
esof	HV
esofe	?a
esofi	MQ
esog	LR
esoga	SK
esoge	QM
esogi	QM
esogo	B]
esoj	FX
esojo	EY
esok	B]
esoki	B]
esola	IU
esold	YE
esole	UI
esolm	UI
esolu	JT
esolv	TJ
esolí	MQ
esom	QM
esom 	MQ
esoma	SK
esomb	GW
esome	KS
esomi	WG
esomp	XF
esomá	HV
eson	KS
esona	LR
esonc	FX
esond	FX
esone	MQ
esonf	RL
esong	DZ
esoni	UI
esonv	MQ
esoop	TJ
esopa	UI
esope	RL
esopi	JT
esopo	GW
esoq	IU
esoqu	IU
esor 	HV
esor,	KS
esor.	TJ
esora	WG
esord	GW
esore	SK
esori	?a
esorm	IU
esorq	QM
esorr	IU
esort	UI
esos	VH
esos"	IU
esos)	QM
esos,	RL
esos.	UI
esos:	MQ
esos?	GW
esos@	UI
esosa	LR
esose	MQ
esosi	VH
esoso	TJ
esost	XF
esos»	GW
esot 	JT
esota	WG
esote	[C
esoto	B]
esotr	MQ
esotó	FX
esou	UI
esour	RL
esov	QM
esova	FX
esovi	QM
esoz	YE
eso»	EY
eso».	IU
esoñ	SK
esoña	SK
esp 	XF
esp 0	ZD
esp.	RL
esp. 	UI
esp.d	GW
espa	LR
espa 	MQ
espac	VH
espad	UI
espag	YE
espal	FX
espap	RL
espar	FX
espas	KS
espat	MQ
españ	UI
espc	UI
espci	UI
espe	HV
espec	LR
esped	JT
espel	EY
espen	DZ
espeq	TJ
esper	KS
espes	KS
espet	GW
espez	QM
espeñ	YE
espi	QM
espia	KS
espic	MQ
espid	JT
espie	QM
espin	]B
espio	VH
espit	MQ
espla	GW
espo	RL
espo 	]B
espoc	>b
espod	UI
espol	MQ
espon	A^
espos	YE
espr	RL
espra	XF
espre	JT
espri	RL
espt	UI
espti	TJ
espub	FX
espue	RL
espun	TJ
espué	FX
espág	C[
esq.	JT
esqu	IU
esque	IU
esqui	LR
esqué	KS
esquí	XF
esr 	GW
esr a	MQ
esr c	C[
esr d	WG
esr e	EY
esr f	HV
esr g	SK
esr i	JT
esr l	LR
esr n	VH
esr q	VH
esr s	HV
esr t	LR
esr u	JT
esr v	GW
esr y	LR
esr,	TJ
esr, 	TJ
esr. 	QM
esr:	GW
esr: 	GW
esr;	QM
esr; 	QM
esr@	SK
esra	QM
esra 	JT
esra,	SK
esra.	YE
esrab	UI
esrac	JT
esrad	b>
esrae	QM
esraf	VH
esrag	MQ
esraj	GW
esral	UI
esran	SK
esrar	EY
esras	XF
esrat	[C
esraz	GW
esrbe	VH
esrc	SK
esrca	KS
esrce	^A
esrch	IU
esrco	]B
esrd	IU
esrda	SK
esrde	A^
esrdi	QM
esrdo	SK
esrdí	GW
esrdó	FX
esre 	XF
esre)	KS
esre.	IU
esrea	ZD
esreb	SK
esrec	FX
esred	^A
esreg	LR
esrej	SK
esrel	XF
esrem	C[
esreo	JT
esrep	QM
esrer	WG
esres	UI
esret	VH
esreu	DZ
esrez	JT
esrf	QM
esrfe	FX
esrg	IU
esrga	IU
esrge	UI
esri	JT
esria	QM
esrib	EY
esrie	RL
esril	JT
esrim	UI
esrin	RL
esrio	HV
esrip	QM
esris	DZ
esrit	JT
esrió	TJ
esrj	ZD
esrja	XF
esrl	C[
esrle	FX
esrlo	IU
esrm	LR
esrma	VH
esrmi	FX
esrmu	GW
esrmá	LR
esrn	TJ
esrna	SK
esrne	[C
esrni	KS
esro 	SK
esro)	GW
esro.	IU
esrob	MQ
esroj	JT
esrom	WG
esron	DZ
esrop	SK
esros	LR
esrot	UI
esrov	VH
esrq	SK
esrqu	SK
esrr	RL
esrra	XF
esrre	VH
esrri	@_
esrt 	LR
esrta	SK
esrte	RL
esrti	RL
esrto	KS
esrtu	TJ
esru	QM
esrub	WG
esrud	MQ
esrue	SK
esrum	XF
esrut	HV
esrv	KS
esrva	@_
esrvi	^A
esry 	]B
esrz	YE
esrza	XF
esrzo	TJ
esráp	LR
esrás	KS
esré	KS
esrés	MQ
esríc	XF
esrío	RL
ess 	JT
ess (	RL
ess 0	MQ
ess @	VH
ess a	YE
ess b	c=
ess c	FX
ess d	QM
ess e	XF
ess g	LR
ess h	LR
ess i	UI
ess j	QM
ess l	LR
ess m	RL
ess n	@_
ess o	SK
ess q	A^
ess r	KS
ess t	KS
ess u	XF
ess v	SK
ess y	UI
ess “	RL
ess"	HV
ess".	JT
ess)	LR
ess) 	LR
ess),	KS
ess).	XF
ess,	YE
ess, 	YE
ess.	QM
ess. 	MQ
ess.e	VH
ess.l	UI
ess:	QM
ess: 	QM
ess;	TJ
ess; 	TJ
ess?	HV
ess? 	HV
ess@	UI
essa	UI
essa,	SK
essa.	[C
essad	B]
essaj	MQ
essal	HV
essan	WG
essar	IU
essas	ZD
essay	SK
essc	YE
essca	RL
essco	UI
esscr	JT
esscu	]B
essd	UI
essde	SK
esse	TJ
esse 	RL
essea	VH
esseb	MQ
essec	XF
esseg	MQ
essei	ZD
essel	MQ
essem	QM
essen	[C
esseo	TJ
esser	IU
esset	MQ
esseñ	LR
essf	YE
essfe	YE
essi	SK
essi 	WG
essia	UI
essic	RL
essid	[C
essie	IU
essig	KS
essil	c=
essim	FX
essin	MQ
essir	IU
essis	IU
essit	QM
essió	GW
essm	QM
esso 	FX
esso,	JT
esso.	[C
essob	DZ
essoc	RL
essom	SK
essor	VH
essoy	RL
essp	IU
esspa	RL
esspe	IU
esspu	FX
essq	_@
essqu	_@
esss	VH
essse	XF
esst	QM
essta	RL
essti	SK
essto	GW
esstr	XF
esstu	XF
esstá	GW
essté	IU
essu 	RL
essua	SK
essub	C[
essup	QM
essus	UI
ess»	GW
ess».	IU
essá	TJ
essáb	TJ
essé	FX
essí	VH
essí 	KS
essí,	[C
essó	JT
essón	C[
est e	IU
est'	DZ
est)	TJ
est,	C[
est, 	C[
est.	KS
esta 	JT
esta,	TJ
esta.	KS
esta;	UI
estac	LR
estad	VH
estag	LR
estam	UI
estap	WG
estau	XF
estb	KS
este 	IU
este.	VH
estea	JT
ested	LR
estej	IU
estel	QM
estem	ZD
esten	LR
esteo	RL
estep	QM
ester	XF
estf	TJ
estfn	TJ
esti	WG
estic	GW
estie	XF
estif	KS
estig	QM
estil	a?
estin	QM
estio	UI
estip	VH
estir	KS
estis	]B
estit	FX
estiv	TJ
estl	RL
estla	RL
esto	IU
esto,	KS
esto.	IU
estol	ZD
estom	UI
eston	SK
estor	KS
estos	=c
estoy	MQ
estr	SK
estra	RL
estri	UI
estru	XF
estrá	TJ
ests,	HV
estu 	IU
estur	MQ
está	FX
está 	HV
estál	IU
esté	C[
esté 	JT
estí	XF
estía	XF
estó	JT
estó 	JT
estón	KS
esu m	DZ
esu.	GW
esu. 	GW
esua	VH
esua 	QM
esua.	QM
esuad	VH
esual	MQ
esuan	TJ
esuas	[C
esuat	QM
esub	SK
esub 	WG
esub@	UI
esubi	UI
esubl	FX
esubv	EY
esuc	DZ
esuca	LR
esuch	IU
esucí	IU
esud	MQ
esuda	VH
esudi	SK
esudo	EY
esue	SK
esue 	IU
esue,	YE
esueb	VH
esued	GW
esueg	IU
esuel	YE
esuer	IU
esues	XF
esuet	JT
esuev	YE
esueñ	TJ
esuf	KS
esug	HV
esui	MQ
esuid	TJ
esuie	MQ
esuin	ZD
esuir	SK
esuit	LR
esuj	SK
esuja	QM
esujo	FX
esul 	FX
esula	GW
esuli	WG
esulo	UI
esult	VH
esum	WG
esume	TJ
esun	LR
esun 	GW
esuna	TJ
esunc	ZD
esund	WG
esune	JT
esuni	[C
esuno	LR
esunq	QM
esunt	DZ
esuot	WG
esup	QM
esupo	UI
esupu	QM
esur	MQ
esur 	DZ
esure	UI
esurg	QM
esuro	UI
esurs	UI
esus	VH
esusa	UI
esuse	QM
esuso	TJ
esust	IU
esut	MQ
esuta	MQ
esuto	TJ
esuv	IU
esuvi	GW
esuy	JT
esuy 	KS
esuyo	C[
esuz	LR
esuz 	RL
esué	EY
esué 	KS
esués	FX
esuí	XF
esuí 	YE
esuí,	KS
esuít	EY
esuñ	HV
esuña	HV
esv 	a?
esv 0	]B
esv.	FX
esva	RL
esva 	TJ
esva,	UI
esva.	KS
esvad	UI
esvai	LR
esval	TJ
esvan	LR
esvas	XF
esve	QM
esve 	WG
esvea	FX
esvec	MQ
esvel	WG
esvem	VH
esven	SK
esver	C[
esves	SK
esvez	]B
esvi	RL
esvia	EY
esvic	WG
esvid	LR
esvie	[C
esvil	LR
esvin	MQ
esvir	RL
esvis	JT
esvit	IU
esviv	A^
esvo	JT
esvo 	QM
esvol	VH
esvor	LR
esvos	FX
esví	JT
esvía	IU
esvíd	LR
esvío	RL
eswe	@_
esweb	FX
esx 	FX
esxa	a?
esxam	a?
esxo	SK
esxt	LR
esy a	QM
esy c	WG
esy d	UI
esy f	JT
esy g	IU
esy h	^A
esy i	JT
esy j	SK
esy l	XF
esy m	QM
esy o	VH
esy p	HV
esy q	RL
esy s	SK
esy t	TJ
esy v	EY
esy y	QM
esy,	]B
esy, 	]B
esy.	VH
esy. 	VH
esya	KS
esya 	LR
esya,	LR
esye	SK
esyer	FX
esyo	MQ
esyo,	XF
esyor	QM
esys	TJ
esyu	JT
esyun	LR
esz 	MQ
esz,	GW
esz, 	GW
esz.	SK
esz. 	SK
esza	SK
esza,	MQ
esza.	LR
eszac	SK
eszan	SK
eszar	LR
eszc	KS
eszca	KS
eszo 	MQ
eszo,	DZ
eszo.	UI
eszu	FX
eszul	FX
eszó	QM
eszó 	QM
es| 	QM
es| l	QM
es«e	KS
es«el	KS
es«l	HV
es«u	JT
es«un	JT
esº 	LR
esº 0	]B
esº b	GW
es» 	IU
es»,	GW
es», 	GW
es».	GW
es». 	GW
es¿c	GW
es¿q	KS
es¿qu	KS
esá 	GW
esá c	TJ
esá e	JT
esá n	SK
esá p	DZ
esáb	TJ
esáb 	[C
esába	QM
esác	WG
eság	C[
esági	C[
esál	MQ
esánd	QM
esánt	QM
esáp	JT
esápi	JT
esár	SK
esás 	JT
esás.	@_
esásc	QM
esát	B]
esáti	B]
esé 	IU
esé q	IU
esé t	HV
esé.	IU
esé. 	IU
esél	UI
esél 	UI
esén	HV
esén 	SK
esér	JT
eséra	FX
esérc	TJ
esés	DZ
esés 	MQ
esés,	KS
esés.	KS
esí 	XF
esí m	RL
esí n	UI
esí q	KS
esí s	RL
esí,	WG
esí, 	WG
esí.	GW
esía 	RL
esía,	@_
esía.	XF
esías	LR
esíc	_@
esíco	XF
esícu	TJ
esíd	LR
esíde	LR
esíg	RL
esígo	TJ
esío	QM
esío 	LR
esío,	RL
esíos	RL
esít	GW
esíta	EY
esíti	HV
esña	VH
esña 	YE
esña,	RL
esñan	QM
esñe	KS
esñen	MQ
esñi	KS
esño	MQ
esño,	TJ
esñol	JT
esñor	C[
esó c	QM
esó e	JT
esó l	IU
esó m	^A
esó:	IU
esó: 	IU
esóm	KS
esómo	FX
esón	FX
esón 	GW
esónd	GW
esóv	HV
esóve	LR
esóvi	IU
esóx	JT
esóxi	JT
esúl	KS
esúlt	KS
esúm	IU
esúme	IU
esún 	HV
esús	C[
esúsi	C[
esüe	SK
es€ 	SK
es€ a	YE
es€ i	SK
es€ l	^A
es€ m	YE
es€ p	XF
es€)	KS
es€,	a?
es€, 	a?
es€.	^A
es€. 	^A
es€/	^A
es€/k	VH
es€;	ZD
es€; 	ZD
fr !	C[
fr ! 	EY
fr "	IU
fr "l	MQ
fr $	XF
fr $ 	XF
fr % 	MQ
fr &	RL
fr & 	RL
fr (	IU
fr (0	JT
fr (a	LR
fr (c	MQ
fr (d	ZD
fr (e	JT
fr (j	SK
fr (l	MQ
fr (o	MQ
fr (q	VH
fr (s	KS
fr (t	EY
fr (v	WG
fr - 	RL
fr -0	XF
fr /	XF
fr / 	TJ
fr 0	[C
fr 0,	RL
fr 00	^A
fr 0e	WG
fr 0h	UI
fr 0x	HV
fr 0z	VH
fr :	EY
fr : 	EY
fr ;	QM
fr ; 	QM
fr ?	>b
fr ? 	>b
fr a	QM
fr a 	MQ
fr ab	RL
fr ac	LR
fr af	SK
fr ag	RL
fr ai	KS
fr al	JT
fr am	MQ
fr an	UI
fr ao	^A
fr ap	JT
fr as	TJ
fr at	RL
fr au	WG
fr av	IU
fr b	DZ
fr bc	SK
fr be	LR
fr bi	HV
fr bl	DZ
fr br	MQ
fr bu	DZ
fr bé	MQ
fr c	TJ
fr ca	MQ
fr ce	IU
fr ch	TJ
fr ci	KS
fr cl	UI
fr co	TJ
fr cr	JT
fr cu	JT
fr cô	TJ
fr d	VH
fr da	TJ
fr de	VH
fr di	KS
fr dr	XF
fr du	QM
fr dè	MQ
fr dé	SK
fr d’	MQ
fr ea	TJ
fr el	IU
fr en	KS
fr es	QM
fr et	[C
fr ex	HV
fr f	SK
fr fa	RL
fr fe	RL
fr fl	KS
fr fo	QM
fr fr	QM
fr fé	TJ
fr fê	MQ
fr g	EY
fr g0	VH
fr ga	A^
fr ge	JT
fr gr	TJ
fr gs	KS
fr gu	RL
fr gé	[C
fr h	RL
fr h 	WG
fr h,	QM
fr h.	WG
fr ha	JT
fr he	UI
fr hi	HV
fr ho	KS
fr hu	^A
fr hé	QM
fr i	LR
fr il	LR
fr im	LR
fr in	LR
fr j	QM
fr j'	HV
fr ja	SK
fr jo	WG
fr ju	RL
fr j’	GW
fr k	XF
fr ke	YE
fr ki	XF
fr km	TJ
fr kr	RL
fr l	MQ
fr l'	KS
fr la	RL
fr lo	QM
fr lu	MQ
fr là	GW
fr l’	RL
fr m	JT
fr m 	YE
fr m'	MQ
fr m.	FX
fr ma	HV
fr mi	WG
fr ml	UI
fr mm	JT
fr mu	GW
fr mè	UI
fr mé	SK
fr mê	WG
fr m’	SK
fr n'	MQ
fr na	QM
fr ni	IU
fr no	RL
fr nu	LR
fr n°	JT
fr n’	QM
fr o	TJ
fr ob	SK
fr oc	JT
fr od	XF
fr ok	QM
fr on	UI
fr op	IU
fr or	KS
fr où	LR
fr p	JT
fr pa	IU
fr pe	LR
fr ph	FX
fr pi	SK
fr pl	FX
fr po	WG
fr pr	HV
fr pu	B]
fr pâ	LR
fr pè	SK
fr pé	LR
fr q	LR
fr qu	LR
fr r	RL
fr ra	MQ
fr rd	TJ
fr ri	UI
fr ru	RL
fr s	RL
fr s'	MQ
fr sa	LR
fr se	MQ
fr si	KS
fr sl	EY
fr so	VH
fr sv	JT
fr sé	UI
fr s’	UI
fr t	RL
fr ta	XF
fr te	LR
fr th	EY
fr ti	[C
fr to	UI
fr tr	UI
fr té	EY
fr u	GW
fr un	GW
fr ur	[C
fr v	HV
fr va	SK
fr ve	A^
fr vi	WG
fr vo	EY
fr vé	GW
fr w	XF
fr y	XF
fr y 	UI
fr ye	RL
fr z	RL
fr za	RL
fr «	GW
fr « 	GW
fr »	IU
fr » 	KS
fr »,	JT
fr ».	C[
fr à	RL
fr à 	RL
fr â	YE
fr ç	FX
fr ça	FX
fr é	JT
fr éc	IU
fr él	SK
fr év	UI
fr ê	KS
fr êt	KS
fr –	IU
fr – 	IU
fr —	KS
fr — 	KS
fr €	TJ
fr € 	QM
fr €,	_@
fr €.	[C
fr €/	VH
fr! 	C[
fr!)	IU
fr!),	IU
fr" 	IU
fr"l	MQ
fr$ 	XF
fr% 	MQ
fr& 	RL
fr& c	RL
fr'a	LR
fr'ab	VH
fr'ac	JT
fr'an	LR
fr'ap	LR
fr'ar	LR
fr'as	GW
fr'at	WG
fr'au	QM
fr'av	IU
fr'e	JT
fr'ea	HV
fr'en	C[
fr'hu	UI
fr'i	IU
fr'im	LR
fr'in	EY
fr'o	MQ
fr'or	MQ
fr'ou	GW
fr'u	UI
fr'un	HV
fr'é	MQ
fr'éc	MQ
fr'ég	TJ
fr'éq	WG
fr'ét	KS
fr(0	JT
fr(0 	QM
fr(00	JT
fr(a	LR
fr(c	MQ
fr(c'	KS
fr(co	WG
fr(d	ZD
fr(da	XF
fr(e	JT
fr(el	JT
fr(j	SK
fr(l	MQ
fr(lo	LR
fr(me	RL
fr(o	MQ
fr(on	MQ
fr(pr	MQ
fr(q	VH
fr(qu	VH
fr(s	KS
fr(t	EY
fr(tr	GW
fr(v	WG
fr) 	EY
fr) :	XF
fr) g	VH
fr),	QM
fr), 	QM
fr).	RL
fr). 	RL
fr, 	LR
fr, 0	WG
fr, a	WG
fr, b	SK
fr, c	JT
fr, d	UI
fr, e	UI
fr, f	LR
fr, g	UI
fr, h	SK
fr, j	HV
fr, l	UI
fr, m	LR
fr, n	LR
fr, o	SK
fr, p	QM
fr, q	VH
fr, t	TJ
fr, u	HV
fr, v	LR
fr, ç	SK
fr- 	RL
fr-0	]B
fr-00	]B
fr-a	YE
fr-au	WG
fr-bo	RL
fr-cl	LR
fr-co	UI
fr-de	KS
fr-du	WG
fr-e	b>
fr-fr	KS
fr-ha	WG
fr-j	QM
fr-le	GW
fr-m	SK
fr-mi	SK
fr-mo	B]
fr-mè	MQ
fr-mê	LR
fr-n	VH
fr-o	TJ
fr-or	SK
fr-p	RL
fr-pa	GW
fr-s	UI
fr-sa	SK
fr-v	WG
fr-ve	ZD
fr-vi	UI
fr-vo	SK
fr-ê	JT
fr-êt	JT
fr. 	JT
fr. 0	MQ
fr. c	LR
fr. d	GW
fr. m	RL
fr. v	KS
fr. »	JT
fr.0	SK
fr.00	SK
fr.e	XF
fr.ex	XF
fr/ 	TJ
fr/ 0	RL
fr/0	LR
fr/00	FX
fr0 	XF
fr0 $	XF
fr0 (	KS
fr0 /	XF
fr0 0	RL
fr0 :	IU
fr0 ;	SK
fr0 a	TJ
fr0 b	_@
fr0 c	VH
fr0 d	XF
fr0 h	TJ
fr0 i	JT
fr0 j	a?
fr0 k	RL
fr0 l	TJ
fr0 m	SK
fr0 o	HV
fr0 p	QM
fr0 r	SK
fr0 s	RL
fr0 t	UI
fr0 v	ZD
fr0 |	HV
fr0 €	TJ
fr0)	TJ
fr0, 	RL
fr0-	VH
fr0-0	VH
fr0.	a?
fr0. 	_@
fr0.0	SK
fr0/	EY
fr0/0	EY
fr00	^A
fr00 	[C
fr00)	TJ
fr00-	VH
fr00.	_@
fr00/	EY
fr000	[C
fr00h	UI
fr0e	WG
fr0er	WG
fr0h	UI
fr0h 	[C
fr0h,	XF
fr0h-	]B
fr0h.	UI
fr0x	IU
fr0z	VH
fr0z0	VH
fr: 	FX
fr: b	WG
fr: c	VH
fr: l	JT
fr: m	QM
fr: n	JT
fr: «	FX
fr; 	SK
fr; a	^A
fr; c	SK
fr; l	QM
fr? 	7i
fr@b	XF
fr@bo	XF
fr@c	QM
fr@g	d<
fr@gr	^A
fr@v	FX
fra 	HV
fra a	LR
fra c	IU
fra d	GW
fra e	@_
fra h	RL
fra l	KS
fra r	KS
fra s	LR
fra t	JT
fra v	SK
fra à	HV
fra é	JT
fra,	MQ
fra, 	MQ
frab	SK
fraba	UI
frabe	UI
frabi	MQ
frabl	IU
frabo	TJ
frabr	YE
frabs	KS
frac 	UI
frach	JT
fracl	KS
fraco	DZ
fract	GW
fracé	QM
frada	LR
fradh	UI
fradu	YE
fraf	QM
fraff	SK
fraga	VH
frage	MQ
fragn	TJ
frai	LR
frai 	TJ
fraie	RL
fraig	XF
frail	TJ
fraim	GW
frain	WG
frair	KS
frais	IU
fraj	QM
frajo	QM
fral	MQ
fral 	JT
fral.	QM
frala	TJ
frale	GW
frall	MQ
fralo	RL
fralt	WG
fralu	LR
fram	VH
frama	JT
frame	YE
frami	KS
framo	XF
framp	WG
fran	RL
fran 	LR
fran,	UI
fran.	[C
frana	GW
frand	RL
frane	UI
frang	GW
frann	WG
frano	TJ
franq	HV
frant	UI
franv	VH
franç	VH
frao	^A
fraoû	YE
frape	WG
frapi	KS
frapo	MQ
frapp	KS
frapr	LR
fraq	XF
fraqu	XF
frar	SK
frar 	KS
frar.	QM
frarc	JT
frard	QM
frare	]B
frarg	TJ
frari	QM
frark	JT
frarl	GW
fraro	WG
frarr	SK
frars	FX
frart	SK
fras	KS
fras 	IU
fras,	RL
fras.	C[
frasi	VH
frass	SK
frast	TJ
frat	_@
frat 	QM
frat.	QM
frate	ZD
frath	VH
frato	XF
fratr	XF
frats	MQ
fratt	QM
fratu	UI
frau 	KS
frau.	UI
frau@	[C
fraub	TJ
fraud	EY
frauf	SK
fraug	SK
fraul	FX
fraur	UI
fraus	RL
fraux	QM
frav	SK
frava	RL
frave	RL
fravo	WG
fravr	TJ
fraxe	[C
fraxi	JT
fray	QM
fraye	RL
frayo	SK
fraz	JT
fraî	MQ
fraît	KS
frb 	[C
frb d	ZD
frb p	VH
frba	QM
frbai	QM
frban	LR
frbat	ZD
frbc	SK
frbce	SK
frbe	RL
frbea	HV
frbec	VH
frbel	TJ
frber	YE
frbi	HV
frbie	GW
frbit	LR
frbl	GW
frbla	JT
frble	DZ
frblo	LR
frbon	@_
frbor	UI
frbot	QM
frbou	UI
frboî	SK
frbr	RL
frbra	TJ
frbre	JT
frbri	TJ
frbs	KS
frbse	KS
frbt	WG
frbte	WG
frbu	EY
frbur	KS
frbv	IU
frbve	IU
frbé.	RL
frbén	MQ
frc d	VH
frc j	QM
frc l	FX
frc m	KS
frc o	A^
frc p	IU
frc s	QM
frc t	YE
frc'é	SK
frc,	MQ
frc, 	MQ
frc.	_@
frc. 	[C
frca	RL
frcai	QM
frcal	MQ
frcam	EY
frcan	WG
frcar	DZ
frcas	YE
frcat	KS
frcau	ZD
frcce	UI
frccu	MQ
frce	QM
frce 	VH
frce,	KS
frce.	RL
frcel	EY
frcep	WG
frcer	RL
frces	UI
frcet	KS
frcev	TJ
frch	VH
frcha	TJ
frchi	UI
frcho	HV
frchè	SK
frchê	SK
frci	HV
frci 	IU
frci-	HV
frcia	VH
frcid	HV
frcie	IU
frcin	TJ
frcit	GW
frcié	KS
frck	TJ
frck 	VH
frcl	XF
frcla	SK
frcle	VH
frcli	C[
frclo	UI
frclu	XF
frclé	KS
frco	MQ
frcol	VH
frcon	KS
frcop	FX
frcoû	IU
frcr	C[
frcre	UI
frcri	FX
frcro	JT
frcrè	FX
frcré	RL
frcs	^A
frcs 	^A
frct	HV
frct 	MQ
frcte	LR
frcto	MQ
frctu	C[
frcu	FX
frcue	SK
frcui	@_
frcul	EY
frcun	HV
frcup	JT
frcus	MQ
frcut	SK
frcè	JT
frcès	JT
frcé	UI
frcée	TJ
frcô	TJ
frcôt	TJ
frd 	LR
frd a	JT
frd d	RL
frd e	MQ
frd j	WG
frd l	TJ
frd p	HV
frd s	HV
frd à	HV
frd'a	TJ
frd'e	FX
frd'h	IU
frd'o	MQ
frd'u	HV
frd'é	QM
frd.	SK
frd. 	SK
frda	UI
frda 	SK
frdai	QM
frdan	SK
frdas	JT
frde	RL
frde 	[C
frdel	QM
frdem	FX
frden	SK
frdep	RL
frdes	KS
frdev	A^
frdez	QM
frdh	UI
frdhé	UI
frdi	SK
frdi 	YE
frdi,	QM
frdi.	MQ
frdia	TJ
frdic	RL
frdie	^A
frdif	B]
frdil	XF
frdim	SK
frdin	TJ
frdir	B]
frdis	SK
frdit	GW
frdiv	ZD
frdix	LR
frdiz	HV
frdiè	JT
frdoi	HV
frdor	QM
frdos	GW
frdou	WG
frdr	IU
frdra	LR
frdre	MQ
frdri	DZ
frdu	SK
frdu 	QM
frdue	WG
frdul	YE
frdur	@_
frdus	JT
frdv	TJ
frdè	WG
frdèl	VH
frdès	MQ
frdé 	KS
frdé,	DZ
frdéb	SK
frdéc	UI
frdée	WG
frdéj	IU
frdén	MQ
frdér	UI
frd’	MQ
frd’a	UI
frd’e	HV
fre 	IU
fre "	LR
fre (	EY
fre 0	b>
fre :	MQ
fre ;	LR
fre a	TJ
fre b	FX
fre c	^A
fre d	WG
fre e	SK
fre f	VH
fre g	B]
fre i	VH
fre j	KS
fre k	^A
fre l	XF
fre m	LR
fre n	IU
fre o	XF
fre q	QM
fre r	RL
fre u	MQ
fre |	a?
fre »	FX
fre à	QM
fre ç	EY
fre é	JT
fre –	IU
fre)	JT
fre) 	KS
fre),	IU
fre).	UI
fre-	SK
fre-c	UI
fre-d	SK
fre-m	KS
fre-v	TJ
fre.	GW
fre. 	GW
fre.e	[C
fre?	EY
fre? 	EY
fre@	LR
frea	SK
frean	QM
freau	RL
freb	WG
frec	RL
frec 	IU
frec)	VH
frec.	XF
frece	LR
freco	LR
fred	YE
freda	RL
fredi	YE
free	QM
fref	XF
fref 	XF
freg	XF
frega	WG
frei	VH
freil	XF
frel	JT
frel 	KS
frel,	B]
frel.	LR
frela	RL
frele	FX
freli	XF
frell	RL
frelu	JT
fremb	KS
fremm	HV
fren	LR
fren 	JT
fren,	JT
frene	SK
frenf	KS
frenl	LR
frenn	WG
freno	RL
frens	MQ
frenu	WG
frenv	VH
frenê	QM
freo	UI
frep	RL
frepr	KS
frept	WG
frepu	RL
frer 	JT
frer)	GW
frer,	QM
frer.	JT
frera	@_
frerc	RL
frerd	SK
frerf	RL
freri	WG
frerl	TJ
frerm	XF
frern	MQ
frerr	GW
frers	WG
fres)	GW
fres,	XF
fres-	JT
fres.	HV
fresc	QM
fresp	UI
fress	HV
frest	LR
fresu	VH
fret	RL
fret 	ZD
fret)	UI
fret.	MQ
frete	B]
freti	QM
frets	SK
fretu	SK
freté	GW
freu	MQ
freu 	A^
freub	RL
freud	XF
freui	IU
freur	LR
freus	ZD
freut	A^
freuv	RL
freux	MQ
frev	GW
frevi	FX
frex	KS
frexa	WG
frexc	MQ
frexi	RL
frexp	HV
frext	GW
frez	TJ
frez-	]B
frf 	UI
frf d	VH
frf s	[C
frf,	RL
frf, 	RL
frfa	SK
frfab	UI
frfac	EY
frfai	SK
frfam	RL
frfan	MQ
frfar	YE
frfau	GW
frfe	RL
frfem	HV
frfen	QM
frfer	UI
frfeu	LR
frffe	UI
frffé	IU
frfi	IU
frfic	MQ
frfie	JT
frfil	UI
frfin	JT
frfir	GW
frfle	^A
frfoi	MQ
frfou	TJ
frfr	LR
frfra	TJ
frfri	RL
frfrè	JT
frfs	IU
frfs 	HV
frfu	TJ
frfé	LR
frfér	IU
frfê	MQ
frfêt	MQ
frg 	QM
frg d	VH
frg.	SK
frg0	VH
frg0x	VH
frga	KS
frgal	HV
frgar	SK
frgas	VH
frgat	WG
frgau	LR
frgaz	JT
frge	KS
frge 	IU
frge,	TJ
frge.	IU
frgen	RL
frger	FX
frgi	TJ
frgie	IU
frgis	VH
frgl	JT
frgla	HV
frgn	QM
frgno	IU
frgné	MQ
frgo	KS
frgo 	QM
frgp	RL
frgr	WG
frgra	XF
frgre	VH
frgro	GW
frgsm	KS
frgt	SK
frgts	SK
frgu	]B
frgue	XF
frgui	RL
frguy	WG
frgé	ZD
frgén	YE
frh 	_@
frh (	SK
frh /	VH
frh 0	TJ
frh e	VH
frh p	ZD
frh |	XF
frh à	WG
frh,	VH
frh, 	VH
frh-	]B
frh-0	]B
frh.	YE
frh. 	YE
frha	UI
frhab	LR
frhal	LR
frhan	YE
frhaq	ZD
frhar	KS
frhat	UI
frhau	JT
frhe,	LR
frhe.	UI
frhef	XF
frhel	EY
frhem	JT
frher	DZ
frhes	VH
frhet	JT
frheu	RL
frhez	TJ
frhi	QM
frhie	VH
frhis	MQ
frhiv	UI
frho	GW
frhom	GW
frhor	LR
frhos	GW
frhot	EY
frhu	_@
frhui	XF
frhèq	QM
frhèr	C[
frhé	MQ
frhé,	JT
frhés	MQ
frhê	SK
frhên	SK
fri 	QM
fri (	QM
fri b	IU
fri d	XF
fri e	TJ
fri j	FX
fri l	[C
fri n	SK
fri o	GW
fri p	IU
fri q	SK
fri r	TJ
fri s	FX
fri v	RL
fri à	WG
fri,	LR
fri, 	LR
fri-	JT
fri-d	HV
fri.	TJ
fri. 	TJ
fria	^A
friag	d<
frial	WG
frian	UI
friat	QM
friba	WG
fribl	JT
fric	MQ
fric 	WG
frice	MQ
frici	FX
frick	VH
frict	HV
fridi	VH
fridu	WG
fridé	JT
frie	QM
frie,	QM
frie-	MQ
frie.	IU
friei	XF
friel	RL
frier	YE
frieu	IU
friez	DZ
frif	@_
friff	C[
frifi	JT
frifs	HV
frig	JT
frigo	B]
frigu	LR
fril	VH
fril 	LR
fril,	UI
fril.	YE
frile	UI
frili	QM
frill	TJ
frilo	XF
frils	EY
frilà	GW
frim	IU
frim 	QM
frime	IU
frimo	[C
frimu	HV
frin	XF
frin 	VH
frina	WG
frinc	GW
frind	MQ
frine	UI
frinf	QM
fring	QM
frini	UI
frinq	MQ
frinu	HV
frinz	UI
frio	MQ
friol	HV
frip	KS
fript	GW
frir	KS
frir,	MQ
frir-	VH
frira	DZ
frire	MQ
friri	IU
frirl	LR
frirs	KS
friré	TJ
fris,	MQ
frisa	IU
frise	SK
frisi	JT
friso	IU
frisp	FX
frist	TJ
frit	JT
frit,	VH
frit-	TJ
frit.	A^
frita	LR
frite	B]
friti	GW
fritr	TJ
fritu	JT
frité	[C
friv	TJ
frive	UI
frivi	QM
frivr	RL
friz	HV
friza	HV
friè	VH
frièc	RL
frièr	SK
frié	GW
frié 	A^
frié.	A^
friée	TJ
friés	LR
friét	KS
frj'	IU
frj'a	HV
frj'e	TJ
frj'é	LR
frja	TJ
frjam	MQ
frjan	VH
frjar	TJ
frje	MQ
frjea	QM
frjet	HV
frjeu	TJ
frjo	TJ
frjos	MQ
frju	RL
frjui	TJ
frjus	HV
frj’	GW
frk 	XF
frke	YE
frker	YE
frkil	XF
frkin	JT
frkm	TJ
frkm 	TJ
frkm.	WG
frkr	RL
frl 	LR
frl (	ZD
frl 0	UI
frl c	ZD
frl e	JT
frl l	KS
frl m	RL
frl n	A^
frl p	MQ
frl t	GW
frl y	QM
frl à	RL
frl'	LR
frl'a	LR
frl'e	B]
frl'h	QM
frl'i	IU
frl'é	MQ
frl)	UI
frl),	UI
frl,	GW
frl, 	GW
frl-	QM
frl.	LR
frl. 	IU
frl.e	YE
frla 	MQ
frlac	SK
frlag	[C
frlai	MQ
frlam	VH
frlan	LR
frlas	UI
frlat	LR
frlav	^A
frlaî	FX
frle 	QM
frle-	MQ
frle@	LR
frled	SK
frlem	TJ
frlen	DZ
frler	C[
frlet	a?
frleu	EY
frlev	LR
frlez	B]
frlia	LR
frlib	^A
frlic	UI
frlid	KS
frlig	FX
frlin	MQ
frlio	LR
frliq	KS
frlir	KS
frlit	VH
frliv	WG
frlié	EY
frlle	RL
frlli	FX
frllé	QM
frllô	FX
frlm	EY
frlmo	HV
frlo.	YE
frlog	GW
frloi	SK
frlom	WG
frlon	MQ
frlos	KS
frlou	VH
frloy	SK
frloï	LR
frls 	IU
frlt	HV
frlt 	EY
frlta	MQ
frlu	LR
frlub	VH
frluc	IU
frlue	UI
frlum	YE
frlun	RL
frlus	FX
frlut	GW
frlv	TJ
frlà	FX
frlà 	EY
frlà-	KS
frlè	RL
frlé	LR
frlé.	QM
frléc	IU
frlée	SK
frlég	WG
frlés	JT
frlô	FX
frlô 	FX
frl’	RL
frl’e	UI
frl’é	RL
frm 	IU
frm 0	HV
frm a	MQ
frm b	QM
frm d	LR
frm'	MQ
frm.	@_
frm. 	@_
frma	HV
frma 	JT
frmai	JT
frmal	KS
frmat	YE
frmb	JT
frmbe	TJ
frmbl	GW
frmbr	MQ
frmbé	JT
frme	UI
frme 	GW
frme,	UI
frme.	GW
frmea	YE
frmed	TJ
frmei	MQ
frmem	TJ
frmer	KS
frmes	SK
frmet	QM
frmeu	ZD
frmi 	GW
frmi-	SK
frmid	SK
frmil	[C
frmin	KS
frmio	EY
frmir	VH
frmis	RL
frmit	MQ
frmiè	QM
frml	UI
frmme	IU
frmmu	^A
frmo	QM
frmod	RL
frmoi	TJ
frmon	RL
frmor	QM
frmos	JT
frmot	DZ
frmou	UI
frmp	WG
frmpa	JT
frmpe	SK
frmpl	XF
frmpo	UI
frmpr	QM
frmps	MQ
frmpt	FX
frms	B]
frms,	FX
frmu	RL
frmul	>b
frmum	HV
frmun	^A
frmus	GW
frmèr	MQ
frmèt	VH
frmé 	VH
frmée	VH
frmén	GW
frmér	A^
frmét	SK
frmê	TJ
frmêm	TJ
frm’	SK
frm’a	SK
frn (	LR
frn 0	VH
frn a	IU
frn b	KS
frn d	MQ
frn e	UI
frn f	QM
frn g	RL
frn i	LR
frn l	IU
frn n	KS
frn o	MQ
frn p	HV
frn q	EY
frn r	HV
frn s	TJ
frn t	SK
frn v	DZ
frn y	WG
frn »	KS
frn à	VH
frn é	TJ
frn'	MQ
frn'a	LR
frn)	SK
frn-	QM
frn-l	TJ
frn-v	VH
frn.	SK
frn. 	RL
frn.e	RL
frna	TJ
frna 	TJ
frnag	LR
frnai	SK
frnc	RL
frnc 	RL
frnc,	HV
frnce	UI
frnch	SK
frnci	JT
frnco	IU
frnd 	LR
frnd.	TJ
frnde	MQ
frndi	RL
frndo	YE
frndr	JT
frnds	MQ
frndu	FX
frne	YE
frne 	VH
frne,	IU
frne-	RL
frne.	GW
frnea	QM
frnec	^A
frnel	RL
frnem	SK
frnen	UI
frner	IU
frnes	VH
frnet	TJ
frnev	LR
frnez	MQ
frnf	HV
frnfa	MQ
frnfi	GW
frnfo	QM
frng	MQ
frnge	GW
frngl	JT
frngs	SK
frngt	SK
frngu	ZD
frni	QM
frni 	IU
frnic	VH
frnie	TJ
frnim	UI
frnin	QM
frnio	LR
frnir	IU
frnj	IU
frnjo	IU
frnl	LR
frnle	LR
frnn	QM
frnna	QM
frnne	SK
frnni	RL
frnnu	EY
frnné	KS
frno	RL
frnoi	KS
frnom	FX
frnon	YE
frnos	LR
frnot	VH
frnou	YE
frnov	VH
frnoë	XF
frnq	FX
frnqu	FX
frns	WG
frns 	YE
frns,	QM
frns.	_@
frnsa	YE
frnsc	GW
frnsi	JT
frnst	TJ
frnt,	SK
frnt-	UI
frnt.	JT
frntf	ZD
frntg	^A
frnto	QM
frntr	LR
frnts	JT
frnu 	?a
frnui	WG
frnul	KS
frnum	B]
frnus	SK
frnv	XF
frnve	RL
frnvi	VH
frnvo	QM
frnz	VH
frnze	VH
frn°	JT
frn° 	JT
frnç	TJ
frnça	VH
frné	KS
frné.	DZ
frnér	YE
frnê	QM
frnêt	QM
frn’	QM
frn’a	WG
frn’e	C[
fro 	GW
fro 0	JT
fro d	FX
fro e	HV
fro,	HV
fro, 	HV
fro.	TJ
fro. 	TJ
frob	LR
frobr	IU
froc	JT
froca	MQ
froch	VH
froct	MQ
frocu	MQ
frod	VH
frode	EY
frodi	XF
frodè	VH
frogi	IU
froh	YE
froha	YE
froi	LR
froi 	SK
froi,	HV
froic	GW
froie	RL
froig	LR
froil	KS
froin	WG
froir	FX
frois	LR
froit	EY
froix	YE
frok	QM
frok 	QM
frol	KS
frol.	KS
frole	SK
frolo	IU
frolé	HV
from 	IU
fromb	JT
fromi	XF
fromm	SK
froms	B]
fron	TJ
fron 	RL
fron,	KS
fron-	HV
fron.	FX
fronc	WG
frond	KS
fronf	HV
fronj	IU
fronn	FX
frono	GW
frons	YE
front	TJ
fronv	IU
fronz	RL
froo	DZ
froor	DZ
frop	IU
frop 	XF
frop.	JT
fropi	FX
fropo	FX
fropt	GW
fror	QM
fror 	DZ
fror,	KS
frora	JT
frorc	SK
frord	KS
frore	DZ
frori	KS
frorm	IU
frorn	VH
frorr	TJ
frors	YE
frort	^A
frorv	ZD
fros	DZ
fros 	IU
fros,	VH
fros.	B]
frosa	XF
frose	MQ
fross	DZ
frost	[C
frosé	JT
frot	EY
frot 	FX
frote	FX
froto	FX
frott	QM
froté	IU
frou	QM
frou 	DZ
froub	UI
frouc	UI
froue	TJ
frouh	GW
froui	A^
froul	SK
froum	]B
froup	UI
frous	WG
frout	QM
frouv	QM
froué	b>
frov	WG
frove	VH
froy	WG
froye	UI
froë	UI
froël	UI
froî	SK
froît	SK
froï	LR
froïc	LR
froû	QM
froût	QM
frp 	TJ
frp d	LR
frp.	JT
frp. 	HV
frpa	MQ
frpag	GW
frpai	ZD
frpan	MQ
frpap	KS
frpas	FX
frpat	MQ
frpay	SK
frpe	RL
frpe 	_@
frpe,	EY
frpel	MQ
frpes	QM
frpet	WG
frpeu	LR
frph	KS
frpho	KS
frpi	SK
frpie	GW
frpir	EY
frpiè	VH
frpl	HV
frple	WG
frpli	FX
frplo	WG
frplu	EY
frpo	RL
frpoi	GW
frpol	IU
frpom	TJ
frpon	MQ
frpor	ZD
frpot	UI
frpou	JT
frpp	JT
frppe	MQ
frppo	KS
frppr	LR
frpr	KS
frpre	KS
frpri	IU
frpro	HV
frprê	[C
frps 	UI
frps.	JT
frpt	JT
frpt.	ZD
frpte	EY
frpti	JT
frpu	EY
frpu 	KS
frpui	FX
frpâ	LR
frpâl	LR
frpè	ZD
frpèr	WG
frpé	KS
frpér	IU
frpê	RL
frpô	VH
frpôt	VH
frqu	KS
frqu'	MQ
frqua	XF
frque	FX
frqui	RL
frquo	RL
frqué	MQ
frqu’	HV
frr 	EY
frr 0	MQ
frr :	LR
frr ;	IU
frr b	JT
frr c	JT
frr d	QM
frr f	TJ
frr i	EY
frr j	QM
frr k	UI
frr l	FX
frr m	QM
frr n	KS
frr o	TJ
frr p	SK
frr q	MQ
frr s	JT
frr t	A^
frr u	KS
frr v	A^
frr »	GW
frr à	MQ
frr é	MQ
frr)	IU
frr) 	GW
frr),	MQ
frr,	IU
frr, 	IU
frr-	ZD
frr.	LR
frr. 	LR
frr.e	b>
frr@	ZD
frra 	B]
frra.	QM
frrab	RL
frrai	HV
frram	YE
frran	WG
frras	KS
frrav	QM
frray	LR
frrc	QM
frrci	HV
frrcr	[C
frrd	MQ
frrda	^A
frrde	UI
frrdi	SK
frrdo	IU
frrdr	MQ
frrdv	TJ
frre 	GW
frre)	TJ
frre,	TJ
frre-	TJ
frre.	B]
frrea	KS
frrec	QM
frred	XF
frreg	WG
frrei	WG
frrel	LR
frren	JT
frrep	MQ
frrer	SK
frret	HV
frreu	HV
frrev	VH
frrf	RL
frrg	]B
frrge	]B
frri	KS
frria	MQ
frric	KS
frrif	DZ
frrig	EY
frrim	MQ
frrin	TJ
frrio	JT
frrip	HV
frriq	VH
frris	RL
frrit	JT
frriv	QM
frrix	B]
frriè	TJ
frrié	KS
frrk	JT
frrki	JT
frrl	JT
frrla	RL
frrle	MQ
frrlo	IU
frrm	UI
frrma	SK
frrme	RL
frrmu	>b
frrmé	UI
frrn	KS
frrna	QM
frrne	XF
frrni	LR
frrné	GW
frro	LR
frro 	DZ
frroc	MQ
frrop	LR
frros	JT
frrou	RL
frrr	VH
frrra	TJ
frrri	XF
frrrê	HV
frrs	UI
frrs 	SK
frrs,	UI
frrs.	LR
frrsi	KS
frrso	HV
frrt	XF
frrt 	MQ
frrt-	RL
frrt.	XF
frrte	]B
frrti	RL
frrto	C[
frru	RL
frrub	LR
frruc	QM
frrue	XF
frrum	MQ
frrun	JT
frrv	WG
frrva	WG
frrve	TJ
frry	HV
frry,	LR
frrè	GW
frrèm	FX
frrèr	JT
frré	QM
frré 	SK
frréa	HV
frréc	IU
frréd	VH
frréf	HV
frrég	WG
frrém	HV
frrép	XF
frrés	LR
frrét	MQ
frréu	LR
frrê	WG
frrêt	WG
frs !	GW
frs (	TJ
frs :	KS
frs ;	UI
frs ?	FX
frs b	[C
frs d	RL
frs e	XF
frs f	MQ
frs g	MQ
frs h	HV
frs i	KS
frs j	LR
frs l	MQ
frs m	VH
frs n	TJ
frs p	KS
frs q	QM
frs r	RL
frs s	XF
frs u	TJ
frs v	[C
frs y	RL
frs |	JT
frs »	MQ
frs à	TJ
frs é	LR
frs ê	KS
frs'	MQ
frs'a	RL
frs)	C[
frs) 	DZ
frs).	LR
frs,	UI
frs, 	UI
frs-v	LR
frs.	KS
frs. 	KS
frsab	EY
frsai	MQ
frsau	SK
frsca	SK
frscr	B]
frscu	MQ
frse 	SK
frse.	QM
frsec	JT
frsei	RL
frsel	QM
frsen	DZ
frsep	SK
frser	SK
frses	EY
frset	HV
frseu	DZ
frsez	LR
frsi 	JT
frsib	JT
frsic	JT
frsig	QM
frsin	KS
frsio	QM
frsiq	HV
frsir	d<
frsit	?a
frsix	UI
frsiè	IU
frsl	EY
frslt	EY
frsm 	KS
frsob	DZ
frsoi	RL
frsol	LR
frsom	UI
frson	MQ
frsou	LR
frsp	XF
frspi	EY
frspo	ZD
frsq	KS
frsqu	KS
frsr	WG
frss	RL
frssa	VH
frsse	QM
frsso	MQ
frssu	IU
frssé	UI
frst	QM
frst 	QM
frsta	ZD
frsti	LR
frsto	DZ
frstr	RL
frsu	JT
frsub	IU
frsui	MQ
frsuj	MQ
frsul	MQ
frsup	JT
frsur	HV
frsus	UI
frsv	JT
frsvp	JT
frsé	QM
frsé 	WG
frsé,	GW
frsée	GW
frsés	WG
frs’	UI
frs’a	UI
frt (	YE
frt :	QM
frt a	TJ
frt d	VH
frt e	IU
frt f	JT
frt g	QM
frt j	WG
frt l	RL
frt m	VH
frt n	[C
frt o	SK
frt p	EY
frt q	KS
frt r	QM
frt t	RL
frt u	MQ
frt v	EY
frt |	XF
frt «	A^
frt à	MQ
frt é	C[
frt"	MQ
frt)	WG
frt) 	UI
frt).	TJ
frt,	SK
frt, 	SK
frt-a	SK
frt-o	TJ
frt-v	[C
frt-ê	JT
frt.	FX
frt. 	JT
frta	XF
frtab	GW
frtac	ZD
frtag	SK
frtan	RL
frtar	MQ
frtat	RL
frtau	^A
frtax	]B
frte	FX
frte 	QM
frte)	HV
frte,	QM
frte.	SK
frtea	KS
frtel	XF
frtem	HV
frter	A^
frtes	C[
frteu	UI
frtex	DZ
frtez	LR
frtf	ZD
frtg	^A
frthe	JT
frthi	UI
frti	TJ
frti 	WG
frtic	GW
frtie	WG
frtig	EY
frtim	LR
frtin	SK
frtiq	JT
frtir	TJ
frtis	_@
frtit	WG
frtiè	VH
frtié	B]
frto 	LR
frto,	DZ
frto.	SK
frtob	MQ
frtoi	MQ
frtom	C[
frton	XF
frtos	C[
frtr	TJ
frtra	UI
frtre	RL
frtri	MQ
frtru	TJ
frtré	RL
frts 	MQ
frts,	UI
frts.	QM
frtt	RL
frttr	TJ
frtu	QM
frtu 	HV
frtud	QM
frtue	KS
frtui	TJ
frtv	[C
frtva	[C
frté	EY
frté,	YE
frtée	JT
frtél	FX
frtéo	LR
frtés	RL
frtô	EY
frtôt	EY
fru 	JT
fru 0	RL
fru :	LR
fru a	=c
fru b	SK
fru d	GW
fru e	FX
fru f	RL
fru g	JT
fru j	GW
fru l	KS
fru m	XF
fru n	KS
fru p	UI
fru s	RL
fru t	JT
fru v	KS
fru à	VH
fru'	MQ
fru'e	IU
fru'i	TJ
fru,	QM
fru, 	QM
fru-	QM
fru-d	SK
fru-f	MQ
fru.	VH
fru. 	VH
fru@	[C
frua	[C
fruan	RL
fruat	[C
frub	^A
frub 	VH
frube	SK
frubl	SK
frubv	IU
fruc	QM
fruch	SK
fruci	KS
fruco	LR
frucu	A^
frud	JT
frudi	UI
frudr	EY
frue 	KS
frue,	MQ
fruei	SK
fruel	MQ
fruen	C[
fruer	KS
fruet	ZD
fruf 	RL
frug	WG
fruh	GW
fruha	GW
frui	IU
frui 	LR
fruil	QM
fruis	MQ
fruit	RL
fruiv	JT
fruj	KS
fruje	MQ
frul 	TJ
frule	IU
frult	KS
frulé	KS
frum 	LR
frum.	GW
frume	RL
frumi	WG
frumé	GW
frun	IU
frun 	HV
frun-	XF
frun.	VH
fruni	RL
fruo	RL
fruon	TJ
frup 	LR
frupe	WG
frur	KS
frur 	EY
frur,	A^
frur-	WG
frur@	XF
frura	VH
frurg	ZD
fruri	QM
fruro	QM
frurr	[C
frurt	C[
frus	QM
frus 	VH
frus-	JT
frus.	LR
fruse	QM
frusi	GW
frusq	KS
fruss	VH
frust	IU
frut	JT
frut 	IU
frut,	UI
frut-	GW
frut.	DZ
frute	QM
fruth	JT
fruto	SK
frutr	KS
frutô	HV
fruvo	RL
fruvr	QM
frux 	RL
frux)	UI
frux,	QM
frux.	HV
fruxi	QM
fruy	WG
fruz	VH
frué	UI
fruéb	VH
fru’	HV
fru’o	UI
fru’à	LR
frva	RL
frva 	WG
frvan	TJ
frvas	C[
frvat	RL
frve	MQ
frve 	MQ
frvea	@_
frvec	LR
frvei	SK
frvel	GW
frvem	XF
frven	]B
frver	HV
frves	SK
frveu	>b
frvez	ZD
frvi	UI
frvie	YE
frvig	UI
frvin	WG
frvio	MQ
frvir	LR
frvis	EY
frvit	SK
frviv	TJ
frviè	IU
frvo	LR
frvoi	EY
frvol	TJ
frvon	XF
frvot	EY
frvou	MQ
frvoy	YE
frvp	KS
frvp 	EY
frvr	SK
frvra	JT
frvre	UI
frvri	SK
frvée	RL
frvér	GW
frx 	HV
frx 0	LR
frx a	TJ
frx c	^A
frx d	MQ
frx f	UI
frx à	MQ
frx)	UI
frx-	WG
frx.	HV
frx. 	HV
frxa	WG
frxam	XF
frxc	MQ
frxcu	MQ
frxe	[C
frxis	RL
frxiè	QM
frxp	HV
frxpl	HV
frxt	GW
frxte	DZ
frxtr	A^
fry 	YE
fry a	TJ
fry e	QM
fry v	TJ
fry.	MQ
fry. 	HV
fry.e	TJ
frya	VH
frye	WG
fryen	WG
fryeu	RL
fryo	WG
fryon	VH
frys	MQ
fryè	MQ
fryèr	MQ
frz 	MQ
frz c	DZ
frz d	SK
frz l	KS
frz p	DZ
frz r	RL
frz v	XF
frz-	]B
frz-v	YE
frz0	VH
frza	RL
frza 	RL
frze	VH
frze 	VH
frzo	SK
fr| 0	QM
fr| e	FX
fr| l	[C
fr| m	TJ
fr| v	b>
fr| |	JT
fr« 	GW
fr« c	TJ
fr« d	LR
fr« l	HV
fr« p	IU
fr« s	GW
fr° 	JT
fr° 0	JT
fr» 	KS
fr»,	JT
fr», 	JT
fr».	C[
fr». 	C[
frà 0	VH
frà a	LR
frà d	WG
frà f	FX
frà g	LR
frà j	KS
frà l	UI
frà m	EY
frà n	LR
frà p	WG
frà q	IU
frà t	JT
frà u	JT
frà v	DZ
frà-	MQ
frà-d	KS
frâl	LR
frâle	LR
frça	KS
frça 	C[
frçai	VH
frèc	VH
frèce	UI
frèg	SK
frège	TJ
frèl	WG
frèle	WG
frèm	JT
frème	JT
frèn	MQ
frène	MQ
frèq	QM
frèqu	QM
frès	LR
frès 	MQ
frès-	SK
frèt	UI
frètr	VH
fré 	QM
fré 0	XF
fré a	XF
fré b	RL
fré d	MQ
fré e	SK
fré l	VH
fré m	GW
fré n	UI
fré p	JT
fré s	JT
fré v	LR
fré à	MQ
fré,	MQ
fré, 	MQ
fré.	LR
fré. 	LR
fréa	B]
fréal	FX
fréb	VH
frébe	[C
fréc	KS
fréch	HV
fréci	RL
frécr	GW
frécu	MQ
fréd	]B
frée 	YE
frée,	HV
frées	IU
fréf	HV
frég	ZD
fréga	RL
frégi	VH
frégl	TJ
fréj	QM
frél	HV
frél.	IU
frélé	MQ
frém	JT
fréma	IU
frémi	HV
frémo	SK
frémé	GW
frén	MQ
fréna	GW
fréno	QM
fréné	RL
fréo	KS
fréo 	LR
frép	UI
frépa	_@
frépl	GW
frépo	EY
frépô	VH
fréq	LR
fréqu	LR
frér	EY
fréra	SK
fréri	FX
fréro	A^
frés	HV
frés,	QM
frése	KS
fréso	JT
frét	QM
fréta	KS
fréti	TJ
fréto	UI
fréu	LR
fréun	LR
fréve	WG
frévi	IU
frêc	HV
frêch	HV
frêm	TJ
frême	TJ
frên	SK
frêne	SK
frêt 	WG
frête	KS
frêtr	MQ
frël	UI
frël 	UI
frîne	QM
frît 	DZ
frîte	TJ
frïc	HV
frô 	FX
frôt	IU
frôt 	IU
frù i	TJ
frù l	KS
frût	TJ
frût 	[C
frût,	RL
frût.	TJ
frœu	MQ
frœur	MQ
fr– 	IU
fr— 	KS
fr’a	UI
fr’a 	SK
fr’ac	RL
fr’ai	JT
fr’an	LR
fr’ap	QM
fr’as	HV
fr’at	RL
fr’au	IU
fr’av	YE
fr’e	QM
fr’es	WG
fr’à	LR
fr’à 	LR
fr’éc	LR
fr€ 	QM
fr€ l	c=
fr€ p	SK
fr€ |	MQ
fr€,	_@
fr€, 	_@
fr€.	[C
fr€. 	[C
fr€/	VH`,
};
