import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.02094,
  bias: [-0.5828,0.5828],
  weights: `de %	WG
de % 	WG
de &	TJ
de & 	TJ
de (0	RL
de (a	LR
de (b	EY
de (d	LR
de (f	VH
de (i	TJ
de (j	HV
de (k	MQ
de (l	GW
de (m	MQ
de (n	XF
de (s	EY
de (v	SK
de (w	KS
de (z	RL
de +	GW
de + 	LR
de +0	KS
de -0	_@
de ->	JT
de /	GW
de / 	JT
de 0	VH
de 0,	ZD
de 0-	RL
de 0.	C[
de 00	[C
de 0:	KS
de 0–	YE
de a.	MQ
de ab	KS
de ac	XF
de ah	KS
de al	KS
de am	VH
de an	LR
de ap	WG
de ar	VH
de as	QM
de at	KS
de au	QM
de ba	WG
de be	JT
de bl	JT
de bo	^A
de bu	GW
de bä	EY
de bö	WG
de bü	XF
de c	JT
de ca	QM
de ce	YE
de cm	YE
de co	C[
de d	SK
de da	HV
de de	JT
de di	SK
de do	VH
de dr	XF
de du	C[
de dü	KS
de e	LR
de e.	TJ
de ec	IU
de eh	WG
de ei	UI
de el	^A
de em	RL
de en	A^
de er	GW
de es	UI
de et	JT
de eu	LR
de ex	SK
de f	KS
de fa	MQ
de fe	XF
de fi	DZ
de fl	YE
de fn	RL
de fo	LR
de fr	KS
de fu	LR
de fä	QM
de fö	C[
de fü	QM
de ga	IU
de ge	LR
de gi	XF
de gl	YE
de go	YE
de gr	A^
de gu	FX
de gä	C[
de h	UI
de h.	>b
de he	HV
de hi	SK
de ho	ZD
de hr	VH
de hu	SK
de hä	SK
de hö	MQ
de hü	DZ
de i.	IU
de ic	KS
de id	EY
de ih	JT
de im	SK
de in	SK
de it	EY
de ja	KS
de je	VH
de jo	MQ
de jö	UI
de ke	C[
de kg	ZD
de ki	XF
de kn	SK
de ko	VH
de kr	VH
de ku	B]
de kw	XF
de kö	HV
de l	MQ
de la	XF
de le	KS
de lg	HV
de li	C[
de lo	HV
de lu	UI
de lä	TJ
de m	LR
de ma	LR
de mb	KS
de me	TJ
de mi	JT
de mm	UI
de mo	VH
de mu	MQ
de mw	VH
de mä	QM
de mö	HV
de mü	LR
de n	HV
de na	LR
de ne	IU
de ni	JT
de no	KS
de nr	]B
de nu	IU
de nä	QM
de nö	WG
de o	MQ
de ob	EY
de od	QM
de of	MQ
de oh	ZD
de ok	IU
de ol	XF
de om	TJ
de on	FX
de op	TJ
de or	MQ
de os	IU
de p	DZ
de pa	FX
de pd	FX
de pe	KS
de pf	TJ
de pi	MQ
de pl	UI
de pr	GW
de pu	WG
de q	ZD
de qu	ZD
de r	LR
de ra	KS
de re	FX
de ri	ZD
de ro	KS
de ru	VH
de rä	VH
de s	MQ
de s'	EY
de sa	WG
de se	LR
de sh	JT
de si	MQ
de so	KS
de sp	QM
de st	GW
de su	A^
de t	QM
de ta	ZD
de te	KS
de th	HV
de ti	MQ
de tr	WG
de ts	LR
de tu	YE
de tä	XF
de tü	SK
de u	VH
de u.	MQ
de uh	ZD
de ui	WG
de ul	VH
de um	QM
de un	SK
de ur	QM
de us	SK
de v	JT
de v.	SK
de va	SK
de vi	KS
de vo	LR
de w	LR
de wa	XF
de we	LR
de wi	SK
de wo	QM
de wu	IU
de wä	MQ
de wü	>b
de x	GW
de xa	GW
de y	VH
de yo	RL
de yı	UI
de z	QM
de za	JT
de ze	JT
de zi	RL
de zu	QM
de zw	YE
de |	RL
de | 	RL
de ·	FX
de · 	FX
de ä	QM
de äl	UI
de är	IU
de ö	QM
de öf	MQ
de öl	ZD
de –	IU
de – 	IU
de „	DZ
de „d	SK
de „e	GW
de „g	FX
de „h	KS
de „m	C[
de „p	LR
de „s	JT
de „w	JT
de €	ZD
de € 	XF
de €)	UI
de €,	XF
de €.	UI
de! 	FX
de! |	QM
de!!	KS
de!! 	KS
de!)	QM
de% 	WG
de% m	UI
de% u	SK
de& 	TJ
de& c	LR
de& s	UI
de'l	EY
de'll	EY
de's	[C
de's 	[C
de(0	RL
de(0 	VH
de(0.	IU
de(00	VH
de(a	LR
de(ab	LR
de(b	EY
de(d	LR
de(f	VH
de(fr	UI
de(i	TJ
de(in	TJ
de(j	HV
de(ju	JT
de(k	MQ
de(ka	KS
de(l	GW
de(m	MQ
de(n	XF
de(nu	XF
de(s	EY
de(v	SK
de(vo	HV
de(w	KS
de(z	RL
de) 	GW
de) u	UI
de) |	JT
de),	UI
de), 	UI
de).	LR
de). 	LR
de+ 	LR
de+0	KS
de+00	KS
de, 0	]B
de, b	TJ
de, c	EY
de, d	HV
de, e	C[
de, f	YE
de, g	VH
de, h	SK
de, i	RL
de, j	TJ
de, l	UI
de, n	LR
de, o	TJ
de, p	FX
de, s	SK
de, t	FX
de, u	b>
de, v	HV
de, w	JT
de, x	KS
de, z	WG
de, ü	ZD
de, „	GW
de,0	FX
de,0 	TJ
de,00	EY
de- 	UI
de- u	QM
de-,	SK
de-, 	SK
de-0	WG
de-00	UI
de->	JT
de-> 	JT
de-a	WG
de-al	[C
de-b	EY
de-br	FX
de-d	QM
de-f	WG
de-fe	[C
de-fr	SK
de-h	WG
de-hi	WG
de-i	UI
de-in	VH
de-k	ZD
de-l	XF
de-la	XF
de-m	SK
de-n	LR
de-o	VH
de-r	MQ
de-s	IU
de-se	JT
de-t	SK
de-u	WG
de-up	SK
de-w	B]
de-we	DZ
de. 	RL
de. 0	e;
de. b	IU
de. d	VH
de. f	FX
de. h	MQ
de. j	XF
de. m	LR
de. n	GW
de. o	HV
de. r	UI
de. s	KS
de. t	?a
de. u	HV
de. v	HV
de. w	B]
de. z	]B
de.) 	KS
de.),	VH
de.,	MQ
de., 	MQ
de.-	SK
de.-i	SK
de.0	JT
de.0.	MQ
de.00	MQ
de.;	SK
de.; 	SK
de.e	SK
de.ex	SK
de.s	GW
de.–	e;
de.– 	a?
de.–/	UI
de.–0	RL
de.–d	TJ
de.“	GW
de.“ 	GW
de/ 	GW
de/m	WG
de/m²	WG
de/n	DZ
de0 	XF
de0 %	WG
de0 (	RL
de0 0	RL
de0 a	HV
de0 b	[C
de0 c	YE
de0 d	SK
de0 e	RL
de0 f	TJ
de0 g	]B
de0 h	b>
de0 i	EY
de0 j	LR
de0 k	g9
de0 l	a?
de0 m	a?
de0 n	JT
de0 o	SK
de0 p	]B
de0 t	KS
de0 u	[C
de0 v	HV
de0 w	UI
de0 |	KS
de0 ·	FX
de0 €	YE
de0)	HV
de0) 	EY
de0),	TJ
de0, 	XF
de0,0	FX
de0-	QM
de0-0	RL
de0.	RL
de0. 	UI
de0.,	LR
de0.0	JT
de0.–	e;
de00	^A
de00 	XF
de00)	HV
de00,	KS
de00-	TJ
de00.	j6
de000	[C
de00:	HV
de00;	MQ
de0:	C[
de0: 	KS
de0:0	GW
de0;	MQ
de0; 	MQ
de0–	SK
de0–0	SK
de: 	LR
de: e	^A
de: i	JT
de: k	XF
de: m	UI
de: r	JT
de: s	SK
de: t	QM
de: w	MQ
de: z	RL
de: „	FX
de:0	GW
de:00	KS
de; 	LR
de; 0	LR
de; b	FX
de; d	HV
de; f	MQ
de; s	RL
de> 	JT
de? 	/q
de@b	[C
de@be	XF
de@bo	VH
de@e	TJ
de@el	TJ
de@h	WG
de@k	^A
de@m	WG
de@o	UI
de@p	IU
de@r	XF
de@s	TJ
dea 	RL
dea (	MQ
dea 0	YE
dea b	C[
dea e	MQ
dea f	YE
dea g	JT
dea k	RL
dea l	IU
dea m	QM
dea p	LR
dea r	UI
dea s	TJ
dea v	EY
dea w	SK
dea,	KS
dea, 	KS
dea.	QM
dea. 	QM
deaa	SK
deaal	SK
deaar	UI
deaat	LR
deab	RL
deab 	[C
deaba	DZ
deabg	HV
deabi	XF
deabm	RL
deabo	MQ
deabr	TJ
deabs	LR
deac	TJ
deach	TJ
dead 	HV
deade	QM
deadr	HV
deae	SK
deaf	QM
deafe	EY
deaff	HV
deafn	XF
deaft	RL
deafü	IU
deag	LR
deag 	KS
deag)	RL
deag,	QM
deag.	RL
deagd	KS
deagi	QM
deags	UI
deagt	HV
deahi	FX
deahm	LR
deahn	MQ
deaht	VH
deai	LR
deai 	LR
deail	MQ
deain	UI
deak	JT
deake	MQ
deakk	MQ
deakt	HV
deal,	SK
dealb	QM
deald	^A
deale	QM
dealf	XF
deali	SK
dealk	IU
deall	KS
dealo	IU
dealp	UI
deals	EY
dealt	RL
deam 	VH
deame	@_
deami	KS
deamm	LR
deamp	RL
deams	VH
deamt	RL
dean 	QM
dean,	UI
dean.	JT
deana	RL
deanb	A^
deand	MQ
deane	RL
deanf	RL
deang	VH
deanh	HV
deani	^A
deank	DZ
deann	RL
deanp	XF
deans	IU
deanw	?a
deanz	KS
deap	WG
deape	YE
deapp	B]
deapr	VH
dear 	IU
dear,	C[
dear.	FX
deara	a?
dearb	JT
dearc	JT
deard	LR
deare	YE
dearf	TJ
dearg	XF
deari	_@
deark	IU
dearl	UI
dearp	QM
dearr	UI
dears	EY
deart	QM
dearz	8h
dearü	FX
deas	HV
deas 	FX
deas,	GW
deas.	MQ
deas?	IU
deasm	RL
deat	LR
deat 	EY
deat,	ZD
deat.	MQ
deata	RL
deatf	EY
death	IU
deati	QM
deatm	RL
deato	MQ
deats	LR
deatt	UI
deatu	ZD
deatz	TJ
deau	[C
deau 	EY
deau,	HV
deau-	UI
deau.	JT
deaub	QM
deauc	VH
deaud	FX
deaue	XF
deauf	SK
deaug	LR
deauh	QM
deaul	RL
deaum	ZD
deaun	DZ
deaup	JT
deaur	WG
deaus	UI
deaut	XF
deauw	TJ
deauß	LR
deav	LR
deave	GW
deavo	SK
deax	KS
deax 	XF
deay	VH
deaz	SK
deaß	RL
deaße	UI
deb 	LR
deb 0	]B
deb a	RL
deb d	EY
deb e	?a
deb f	a?
deb g	KS
deb h	MQ
deb n	GW
deb o	DZ
deb s	MQ
deb w	B]
deb z	VH
deb |	XF
deb,	FX
deb, 	FX
deb.	DZ
deb. 	GW
deba	YE
debac	QM
debah	VH
debal	@_
deban	GW
debar	KS
debat	C[
debau	c=
debb	XF
debd	IU
debe	QM
debe 	IU
debe,	JT
debe.	QM
debea	b>
debed	UI
debee	^A
debeg	UI
debeh	SK
debei	RL
debek	QM
debel	XF
deben	MQ
deber	JT
debes	GW
debev	]B
debew	IU
debez	FX
debf	VH
debfr	VH
debg	HV
debge	FX
debh,	RL
debi	QM
debia	EY
debil	A^
debin	VH
debio	UI
debis	[C
debit	GW
debk	KS
debke	KS
debl	KS
debla	A^
deble	IU
debli	RL
deblo	RL
debm	QM
debma	KS
debn	LR
debni	LR
debo	RL
deboc	XF
debod	JT
deboo	UI
debot	JT
debou	MQ
debr	SK
debra	JT
debre	VH
debri	UI
debro	KS
debru	HV
debrü	XF
debs	QM
debse	JT
debsf	TJ
debst	VH
debt	MQ
debt 	SK
debt.	DZ
debuc	WG
debud	LR
debue	YE
debun	QM
debur	HV
debä	EY
debän	EY
debö	XF
debög	VH
debü	ZD
debüc	WG
debür	YE
deca	ZD
decar	RL
dece	UI
dece 	QM
dech	RL
dech 	LR
dech)	YE
dech,	SK
dech;	KS
dechb	LR
dechg	[C
dechh	RL
dechi	QM
dechm	YE
dechn	TJ
decho	WG
dechp	SK
dechr	JT
dechs	_@
decht	MQ
dechu	TJ
dechw	HV
dechä	QM
dechö	DZ
deci	XF
deck	SK
deck 	SK
deck,	IU
deckb	KS
deckh	WG
decki	QM
decks	=c
deckt	RL
decl	IU
decm	YE
decm 	YE
deco	B]
deco.	UI
decom	KS
decoo	?a
ded 	SK
ded 0	WG
ded a	YE
ded b	HV
ded d	RL
ded e	YE
ded f	MQ
ded g	UI
ded h	C[
ded i	TJ
ded j	WG
ded k	FX
ded l	YE
ded m	XF
ded n	IU
ded o	YE
ded p	SK
ded u	QM
ded v	LR
ded w	RL
ded |	[C
ded,	GW
ded, 	GW
ded-	GW
ded.	QM
ded. 	ZD
ded.e	TJ
ded:	QM
ded: 	QM
ded@	_@
deda	JT
deda.	[C
dedac	WG
dedaf	IU
dedag	JT
dedal	UI
dedam	XF
dedan	DZ
dedas	EY
dedat	FX
dedau	JT
dedav	SK
dedb	VH
dedbe	a?
dedd	XF
dede)	KS
dede,	TJ
dede.	GW
dede0	YE
dedea	IU
dedec	UI
dedei	ZD
dedel	WG
dedem	LR
deden	SK
deder	LR
dedes	LR
dedet	[C
dedeu	GW
dedez	TJ
dedf	MQ
dedfa	QM
dedg	HV
dedge	KS
dedh	EY
dedi 	MQ
dedic	QM
dedig	QM
dedik	LR
dedin	GW
dedip	UI
dedir	UI
dedis	@_
dedk	QM
dedl	LR
dedl 	WG
dedle	KS
dedli	@_
dedm	TJ
dedme	TJ
dedn	KS
dedne	LR
dednr	RL
dednu	IU
dedo	QM
dedo 	XF
dedo.	TJ
dedok	MQ
dedon	SK
dedor	QM
dedow	HV
dedr	QM
dedr.	SK
dedre	ZD
dedri	GW
dedru	FX
dedrü	SK
deds	KS
dedsa	GW
dedsc	VH
dedss	DZ
dedst	MQ
dedt	QM
dedt 	QM
dedu	FX
dedu 	KS
dedun	JT
dedur	QM
dedv	VH
dedve	UI
dedw	VH
dedwe	UI
dedwi	RL
dedy	KS
dedy 	RL
dedü	KS
dedür	KS
dedı	UI
dedız	UI
dee 	JT
dee &	WG
dee (	HV
dee 0	VH
dee a	MQ
dee c	KS
dee f	GW
dee h	UI
dee i	DZ
dee j	EY
dee k	DZ
dee l	IU
dee m	KS
dee o	JT
dee p	QM
dee s	FX
dee u	KS
dee v	RL
dee w	RL
dee z	JT
dee |	WG
dee ü	DZ
dee „	DZ
dee!	KS
dee'	SK
dee)	IU
dee),	GW
dee,	TJ
dee, 	TJ
dee-	RL
dee.	RL
dee. 	SK
dee.e	WG
dee.“	HV
dee0	YE
dee00	YE
dee:	LR
dee: 	LR
dee?	B]
dee? 	B]
deean	HV
deear	EY
deeas	LR
deeat	a?
deeb	JT
deeb 	MQ
deeba	VH
deebi	VH
deebk	KS
deebn	IU
deebo	DZ
deebr	RL
deebs	TJ
deebu	IU
deec	UI
deech	UI
deeck	TJ
deed	TJ
deed 	UI
deed@	UI
deeda	[C
deedg	YE
deeds	LR
deedt	LR
deee	VH
deee 	b>
deeeh	B]
deeep	MQ
deeer	TJ
deeet	SK
deef 	UI
deefa	YE
deefe	SK
deeff	DZ
deefl	WG
deefr	HV
deeft	SK
deefä	FX
deefü	IU
deeg	TJ
deeg 	^A
deeg,	>b
deeg.	GW
deega	MQ
deege	UI
deegi	MQ
deegl	LR
deego	RL
deegr	_@
deeha	]B
deehe	JT
deehl	UI
deehm	ZD
deehr	TJ
deeht	LR
deehö	SK
deei 	a?
deei,	UI
deei-	YE
deei.	UI
deei@	RL
deeib	A^
deeic	LR
deeid	UI
deeie	HV
deeif	[C
deeig	UI
deeih	XF
deeik	JT
deeil	UI
deein	KS
deeit	RL
deeiw	]B
deeiz	JT
deeiß	IU
deek	RL
deekl	KS
deekt	MQ
deel	QM
deel 	IU
deel.	UI
deela	GW
deelc	FX
deele	TJ
deelf	LR
deelg	EY
deelh	QM
deeli	d<
deell	MQ
deelm	XF
deeln	UI
deelt	RL
deelw	VH
deelö	XF
deem	RL
deemb	RL
deeme	VH
deemi	VH
deemü	MQ
deen 	QM
deen!	LR
deen-	YE
deen.	LR
deen:	UI
deen;	KS
deen?	C[
deen@	_@
deena	KS
deenb	VH
deend	HV
deene	SK
deenf	VH
deeng	TJ
deenh	QM
deeni	B]
deenk	_@
deenl	VH
deenn	JT
deeno	IU
deenp	RL
deenr	XF
deens	]B
deent	JT
deenw	ZD
deenz	RL
deen“	SK
deeo	QM
deeon	UI
deeor	GW
deep	UI
deepa	VH
deepe	ZD
deepl	IU
deepp	VH
deepr	LR
deer 	RL
deer!	QM
deer)	JT
deer-	SK
deer.	FX
deer:	KS
deer;	QM
deera	QM
deerb	UI
deere	a?
deerf	LR
deerg	JT
deerh	JT
deeri	SK
deerk	YE
deerl	B]
deern	GW
deero	XF
deerp	WG
deerr	B]
deers	HV
deeru	YE
deerv	MQ
deerw	XF
deerz	SK
deerä	XF
deerö	JT
deer“	HV
dees	LR
dees.	GW
deesa	EY
deesc	UI
deesh	IU
deesi	RL
deesk	JT
deesp	IU
deess	KS
deest	JT
deesu	MQ
deet	KS
deet 	UI
deet,	MQ
deet.	JT
deeta	XF
deetb	WG
deete	RL
deets	KS
deett	IU
deetw	LR
deetz	FX
deeu	HV
deeu 	JT
deeub	VH
deeud	LR
deeue	HV
deeug	ZD
deeun	YE
deeur	LR
deeut	KS
deev	IU
deevo	]B
deew	JT
deew 	KS
deewe	MQ
deewi	KS
deex	VH
deexa	SK
deexp	SK
deez	]B
deeza	SK
deeze	_@
deezi	LR
deeß	XF
deeße	WG
deeö	YE
deeöf	YE
dee“	JT
dee“ 	JT
def 	LR
def (	LR
def 0	LR
def b	MQ
def d	>b
def g	UI
def h	XF
def i	A^
def k	LR
def l	WG
def m	XF
def n	MQ
def r	GW
def s	QM
def t	VH
def u	SK
def v	LR
def z	VH
def)	C[
def,	QM
def, 	QM
def-	RL
def- 	QM
def.	LR
def. 	MQ
defac	QM
defah	TJ
defal	JT
defam	LR
defan	UI
defar	<d
defas	UI
defax	XF
defe 	ZD
defeh	IU
defei	HV
defel	MQ
defen	KS
defer	UI
defes	KS
defeu	VH
deff	MQ
deff 	FX
deff,	ZD
deffe	EY
defge	UI
defhö	QM
defi	A^
defia	FX
defik	MQ
defil	KS
defin	KS
defir	MQ
defk	JT
defl	d<
defla	SK
defle	VH
defli	ZD
deflü	TJ
defma	TJ
defn 	RL
defna	FX
defne	TJ
defnu	HV
defo	KS
defo@	RL
defol	JT
defor	KS
defot	JT
defp	LR
defr	MQ
defr 	QM
defr.	KS
defra	IU
defre	SK
defri	VH
defro	SK
defrü	KS
defs	a?
defst	XF
deft	LR
deft 	RL
deft,	JT
deft.	[C
defte	EY
defti	RL
deftl	JT
deftr	KS
defts	LR
defu	LR
defw	UI
defwa	UI
defz	QM
defzi	QM
defä	MQ
defäh	FX
defäl	GW
defän	UI
defär	VH
defö	C[
deför	C[
defüh	SK
defül	C[
deg 	QM
deg &	C[
deg (	WG
deg 0	SK
deg b	LR
deg e	LR
deg f	^A
deg g	JT
deg h	B]
deg i	MQ
deg j	SK
deg k	ZD
deg n	LR
deg o	KS
deg p	XF
deg r	WG
deg s	UI
deg t	B]
deg u	UI
deg |	KS
deg)	LR
deg) 	RL
deg-	SK
deg.	SK
deg. 	SK
deg@	]B
dega	GW
degab	EY
degal	B]
degan	LR
degar	[C
degas	SK
degb	RL
degbr	VH
degd	KS
dege	SK
dege,	SK
dege.	A^
degea	RL
degee	B]
degef	QM
degeg	UI
degel	IU
degem	XF
degen	WG
degeo	GW
deger	QM
deges	MQ
degew	VH
degez	VH
degeö	YE
degf	MQ
degfa	MQ
degg	KS
degg,	TJ
degh	UI
degi	RL
degib	YE
degie	SK
degin	IU
degis	RL
degl	XF
degla	HV
degle	QM
degli	QM
deglo	QM
deglä	XF
degmb	TJ
degn	LR
dego	RL
dego 	GW
degol	TJ
degor	UI
degos	WG
degr	JT
degra	DZ
degri	HV
degro	QM
degru	RL
degrü	KS
degs	QM
degs,	LR
degs.	TJ
degsa	RL
degse	QM
degsp	?a
degst	=c
degsz	HV
degt	LR
degt 	QM
degt,	IU
degt:	JT
degu	<d
degun	DZ
degus	QM
degut	C[
degä	DZ
degäs	IU
deh 	LR
deh (	UI
deh 0	WG
deh d	UI
deh e	GW
deh f	SK
deh h	JT
deh i	LR
deh j	KS
deh k	RL
deh l	[C
deh m	GW
deh o	EY
deh p	TJ
deh r	C[
deh s	JT
deh t	JT
deh u	RL
deh v	WG
deh w	KS
deh |	FX
deh ü	GW
deh)	YE
deh) 	XF
deh,	TJ
deh, 	TJ
deh-	JT
deh. 	QM
deh.e	a?
deh;	KS
deha	WG
dehaa	]B
dehab	YE
dehad	A^
dehaf	QM
dehal	QM
dehan	XF
dehar	RL
dehas	QM
dehat	JT
dehau	VH
dehb	LR
dehba	=c
dehbo	LR
dehd	TJ
dehde	TJ
dehe	LR
dehe,	RL
dehee	[C
dehef	GW
dehei	UI
dehem	IU
dehen	C[
deher	IU
dehes	RL
deheu	RL
dehfa	SK
dehfo	MQ
dehg	[C
dehga	VH
dehh	RL
dehhe	GW
dehi	RL
dehic	HV
dehie	GW
dehil	MQ
dehin	YE
dehiv	JT
dehj	IU
dehja	IU
dehl	VH
dehl 	TJ
dehla	JT
dehle	ZD
dehli	QM
dehlo	XF
dehls	QM
dehlt	GW
dehlu	KS
dehm	]B
dehm 	LR
dehm,	RL
dehme	TJ
dehmi	ZD
dehn	UI
dehn 	SK
dehn,	IU
dehna	MQ
dehnd	UI
dehne	UI
dehni	TJ
dehnu	LR
deho	WG
dehoc	RL
dehol	]B
dehom	FX
dehon	TJ
dehop	B]
dehor	c=
dehos	GW
dehp	SK
dehpl	XF
dehr	LR
dehr 	KS
dehr,	QM
dehr.	UI
dehr?	EY
dehra	UI
dehrb	RL
dehre	JT
dehrg	HV
dehrj	RL
dehrl	RL
dehrr	VH
dehrt	LR
dehs	YE
dehs 	YE
dehst	UI
deht	MQ
deht,	HV
deht:	IU
deht?	DZ
dehtb	IU
dehti	FX
dehtu	EY
dehtz	WG
dehu	UI
dehul	RL
dehun	]B
dehus	YE
dehut	LR
dehw	HV
dehwa	C[
dehwe	QM
dehä	RL
dehäd	KS
dehäf	QM
dehäl	[C
dehän	JT
dehät	B]
dehäu	HV
dehö	FX
dehöc	UI
dehöf	SK
dehön	DZ
dehör	KS
dehü	MQ
dehüb	DZ
dehür	YE
dehüs	KS
dei 	ZD
dei (	XF
dei 0	MQ
dei a	VH
dei b	JT
dei d	KS
dei e	UI
dei g	XF
dei h	XF
dei i	RL
dei l	TJ
dei n	JT
dei t	FX
dei u	d<
dei w	VH
dei z	]B
dei-	ZD
dei.	KS
dei. 	KS
dei;	[C
dei; 	[C
dei@	RL
deia	DZ
deial	MQ
deian	XF
deiat	DZ
deib 	DZ
deibe	JT
deic	IU
deice	QM
deich	KS
deick	JT
deid	TJ
deid 	TJ
deide	WG
deidn	RL
deidu	MQ
deie	MQ
deie 	HV
deie,	LR
deie?	C[
deieg	IU
deieh	QM
deiek	QM
deiel	C[
deiem	SK
deien	_@
deier	YE
deies	YE
deiet	MQ
deieß	XF
deif	LR
deife	_@
deiff	IU
deift	EY
deig	VH
deig 	[C
deig,	FX
deig.	YE
deige	LR
deign	LR
deigs	DZ
deigt	UI
deigu	GW
deihe	WG
deihn	QM
deihr	=c
deihu	]B
deik	SK
deik 	SK
deik,	YE
deikt	LR
deil	HV
deil 	SK
deil?	EY
deilb	JT
deilc	QM
deild	C[
deile	c=
deili	KS
deilk	d<
deill	LR
deilm	MQ
deilt	FX
deim	QM
deim 	SK
deimk	XF
deimm	EY
deimp	KS
dein 	IU
dein)	KS
dein-	QM
dein.	SK
deina	XF
deinb	SK
deind	^A
deine	IU
deinf	HV
deing	WG
deinh	UI
deini	MQ
deink	]B
deinl	KS
deinm	C[
deino	IU
deins	VH
deint	FX
deinu	LR
deinv	HV
deinw	]B
deinz	QM
deio	TJ
deion	MQ
deios	RL
deip	MQ
deipl	UI
deipp	FX
deir	YE
deir 	XF
deir,	YE
deir.	]B
deira	LR
deirb	LR
deird	RL
deire	UI
deirg	B]
deirk	QM
deirm	LR
deirn	XF
deirt	UI
deis	UI
deis 	VH
deis,	YE
deisc	KS
deise	A^
deisi	ZD
deisl	C[
deiso	QM
deiss	KS
deist	SK
deit	QM
deit 	GW
deit.	[C
deita	YE
deitb	UI
deite	>b
deitg	SK
deith	TJ
deitt	LR
deitu	QM
deitz	UI
deitä	TJ
deiu	HV
deiv	HV
deiv 	JT
deiva	DZ
deive	SK
deiw	]B
deiwe	YE
deiwi	UI
deix 	GW
deix,	WG
deiz	JT
deize	GW
deizi	VH
deizu	KS
deiß	IU
deiß 	C[
deiß,	EY
deiß.	@_
deiße	QM
deißi	RL
deißt	TJ
dei–	TJ
deja	JT
deja 	?a
deja,	EY
dejac	KS
dejah	RL
dejan	QM
deje	RL
dejed	a?
dejes	IU
dejet	FX
dejew	RL
dejo	LR
deju	MQ
dejug	QM
dejul	MQ
dejun	HV
dejö	UI
dejör	UI
dek 	RL
dek (	XF
dek a	KS
dek b	TJ
dek f	LR
dek g	LR
dek h	MQ
dek i	UI
dek u	QM
dek w	FX
dek |	a?
dek-	YE
dek.e	RL
dekac	[C
dekal	MQ
dekam	DZ
dekap	WG
dekar	KS
dekas	FX
dekat	TJ
dekau	YE
dekb	HV
deke	IU
deke.	>b
dekeg	_@
dekeh	QM
dekei	DZ
dekel	MQ
deken	SK
deker	SK
dekg	[C
dekh	SK
dekho	TJ
deki	WG
dekie	VH
dekin	SK
dekio	RL
dekis	EY
dekk	MQ
dekl	JT
dekl.	ZD
dekla	C[
dekle	XF
dekli	KS
deklä	>b
dekn	QM
dekno	KS
deko	VH
dekol	A^
dekom	VH
dekor	UI
dekos	TJ
dekr	WG
dekra	QM
deks	RL
deks,	LR
dekst	VH
dekt	SK
dekt,	QM
dekt.	B]
dekta	SK
dekte	FX
dekti	ZD
dekto	MQ
dektr	HV
dekts	XF
deku	=c
dekuh	FX
dekun	EY
dekur	IU
dekw	XF
dekw 	XF
dekö	JT
dekön	JT
dekü	KS
deküc	GW
dekün	HV
del 	IU
del 0	UI
del a	LR
del b	YE
del d	HV
del e	SK
del g	JT
del h	?a
del i	IU
del j	IU
del m	IU
del n	KS
del p	JT
del r	?a
del t	HV
del u	IU
del v	>b
del |	SK
del)	RL
del,	SK
del, 	SK
del-	XF
del.	SK
del. 	QM
del.e	UI
del?	EY
del? 	EY
dela	KS
delac	KS
delad	UI
delaf	DZ
delag	MQ
delam	GW
delan	^A
delar	A^
delas	MQ
delat	MQ
delau	HV
delb	KS
delba	TJ
delbe	FX
delbr	YE
delbs	RL
delch	MQ
deld	IU
deld 	MQ
deld,	KS
deld.	IU
delde	?a
deldi	HV
deldr	HV
deldı	UI
dele	VH
dele 	UI
dele,	b>
dele.	[C
delea	JT
deleb	LR
delec	KS
deled	LR
delef	SK
deleg	QM
delei	SK
delek	HV
delen	TJ
deler	YE
deles	LR
delet	HV
deleu	SK
delf	JT
delfe	IU
delft	^A
delg	LR
delg 	HV
delge	RL
delgr	EY
delgt	JT
delho	RL
deli	KS
deli,	TJ
delic	LR
delie	QM
delig	WG
delil	@_
delin	KS
delis	FX
delit	MQ
delk	[C
delk 	GW
delke	]B
delko	XF
dell	LR
dell 	?a
dell,	QM
dell.	GW
della	QM
dellk	XF
dellm	YE
dello	KS
dellt	IU
dellw	HV
delm	UI
delm,	LR
delma	SK
delmt	XF
deln	TJ
deln 	VH
deln,	YE
delni	KS
delo	WG
delo 	HV
deloa	HV
delof	MQ
deloh	LR
delom	XF
delos	^A
deloß	RL
delp	RL
delpf	YE
delr	_@
delri	[C
dels	KS
dels 	FX
delsc	WG
delse	TJ
delso	LR
delt	TJ
delt 	QM
delt,	UI
delt.	KS
delte	KS
delti	WG
deltu	RL
delu	MQ
delue	TJ
delun	RL
delus	QM
delw	KS
delwa	LR
dely	UI
delz	_@
delz 	_@
delz,	JT
delä	JT
deläd	VH
delär	B]
deläs	YE
delät	MQ
deläu	VH
delö	c=
delöf	XF
delös	ZD
dem (	IU
dem 0	[C
dem a	;e
dem d	RL
dem e	KS
dem f	TJ
dem h	IU
dem i	MQ
dem j	WG
dem k	UI
dem l	TJ
dem m	KS
dem n	C[
dem o	ZD
dem p	SK
dem r	WG
dem t	JT
dem u	JT
dem z	C[
dem |	XF
dem,	MQ
dem, 	MQ
dem.	FX
dem. 	FX
dema	SK
demag	[C
demah	TJ
demai	LR
demal	XF
deman	RL
demar	TJ
demas	WG
demat	_@
demau	KS
demaß	TJ
demb	VH
demba	XF
dembe	SK
dembh	TJ
deme	RL
deme,	TJ
deme.	SK
demec	QM
demed	UI
demeh	RL
demel	JT
demen	TJ
demep	IU
demer	LR
demes	MQ
demet	]B
demg	JT
demi 	SK
demic	C[
demie	YE
demin	HV
demir	FX
demis	SK
demit	MQ
demk	SK
demke	RL
demkr	WG
demm	IU
demm 	QM
demma	FX
demmt	KS
demmu	IU
demo	YE
demo 	YE
demo,	RL
demo-	WG
demo.	TJ
demod	KS
demol	FX
demon	RL
demoo	RL
demor	UI
demo–	]B
demp	QM
demp 	TJ
dempe	WG
dempf	FX
dempl	RL
dempr	GW
dems	XF
demsc	VH
demst	TJ
demt	QM
demt 	QM
demt,	HV
demt.	DZ
demta	XF
demts	XF
demu	EY
demul	FX
demun	IU
demut	IU
demw	VH
demws	VH
dem²	WG
dem² 	WG
demä	QM
demö	HV
demöc	QM
demüh	RL
demül	LR
den (	LR
den a	MQ
den b	IU
den c	FX
den d	SK
den e	SK
den f	HV
den g	MQ
den h	YE
den i	TJ
den j	SK
den k	MQ
den l	KS
den m	KS
den n	UI
den o	KS
den r	LR
den s	JT
den t	VH
den u	TJ
den v	YE
den w	QM
den z	MQ
den |	JT
den ö	MQ
den ü	KS
den!	@_
den! 	@_
den)	HV
den) 	IU
den),	LR
den-	WG
den- 	QM
den-r	MQ
den-w	LR
den.	MQ
den.“	IU
den;	MQ
den; 	JT
den?	B]
den? 	B]
den@	IU
dena	MQ
dena 	SK
denab	WG
denac	MQ
denah	RL
denam	B]
denan	HV
denat	KS
denau	VH
denb	RL
denba	XF
denbe	IU
denbi	KS
denbr	ZD
denbu	TJ
denc	UI
dench	UI
dend 	TJ
dend,	KS
dend-	KS
dend.	YE
dend@	]B
denda	UI
dende	WG
dendi	FX
dendl	JT
dendo	QM
dendr	MQ
dends	EY
dendt	RL
dendu	TJ
dendw	TJ
dendy	LR
dene 	KS
dene,	SK
dene.	>b
deneb	GW
denef	A^
deneh	[C
denei	RL
denel	XF
denem	RL
denen	MQ
dener	XF
denes	EY
denet	JT
denew	KS
denf	SK
denf.	TJ
denfa	KS
denfl	WG
denfo	FX
denfä	SK
deng	TJ
deng 	MQ
deng,	LR
deng.	RL
denga	IU
dengb	MQ
denge	ZD
dengl	GW
dengo	KS
dengt	SK
denh	SK
denh.	VH
denha	TJ
denhe	LR
denhö	HV
deni 	VH
denia	RL
denic	GW
denie	_@
denig	LR
denik	UI
denin	IU
denir	JT
denis	HV
denit	SK
denix	QM
denj	GW
denk 	KS
denka	YE
denke	LR
denkl	LR
denkt	LR
denku	JT
denl	LR
denle	UI
denli	EY
denlo	VH
denm	MQ
denma	IU
denn 	FX
denn,	a?
denn.	TJ
denna	KS
denne	SK
denni	LR
denns	FX
dennu	VH
deno	IU
deno 	GW
denoc	LR
denol	KS
denom	RL
denot	DZ
denov	LR
denow	SK
denp	RL
denpf	SK
denpl	C[
denpr	XF
denr	VH
denr 	WG
denr.	YE
denra	b>
denre	RL
denrä	RL
dens	SK
dens 	XF
dens)	EY
dens,	WG
dens.	IU
densa	[C
densc	JT
densf	GW
densh	TJ
densi	[C
densm	MQ
densp	QM
denst	[C
densä	DZ
dent	JT
dent 	TJ
dent,	B]
dent.	XF
denta	LR
dente	JT
denti	SK
dentl	HV
dento	SK
dentr	MQ
dents	A^
dentü	TJ
denu	IU
denua	QM
denum	C[
denun	GW
denup	XF
denus	HV
denv	WG
denve	HV
denw	ZD
denwa	LR
denwi	^A
denz,	XF
denza	DZ
denze	MQ
denä	QM
denäc	B]
denäh	SK
denö	[C
denöt	WG
den“	QM
den“ 	IU
deo 	IU
deo (	WG
deo 0	h8
deo a	YE
deo b	TJ
deo d	IU
deo e	IU
deo f	HV
deo g	MQ
deo h	HV
deo j	MQ
deo l	UI
deo m	RL
deo n	QM
deo p	QM
deo r	XF
deo u	GW
deo w	LR
deo z	JT
deo)	TJ
deo) 	SK
deo),	WG
deo,	QM
deo, 	QM
deo-	WG
deo.	]B
deo. 	]B
deo.–	TJ
deo@	TJ
deoa	GW
deoad	HV
deob	FX
deob 	>b
deoba	JT
deobi	LR
deobo	IU
deobs	QM
deoc	RL
deock	SK
deod	HV
deode	IU
deof	MQ
deof 	XF
deof,	HV
deofe	SK
deoff	HV
deofi	RL
deofr	MQ
deog	QM
deoge	VH
deogo	GW
deoh	_@
deohl	IU
deohn	XF
deohr	VH
deoi	LR
deois	LR
deok	KS
deok 	RL
deoko	C[
deokt	MQ
deol	MQ
deola	YE
deold	JT
deole	]B
deolf	EY
deolg	JT
deolk	KS
deoll	QM
deoln	KS
deolo	SK
deols	QM
deolt	WG
deolu	LR
deolz	WG
deom 	HV
deom,	KS
deoma	YE
deomi	KS
deomk	B]
deomm	VH
deomp	LR
deon	MQ
deon,	RL
deona	RL
deond	RL
deone	YE
deoni	YE
deonk	JT
deonl	HV
deons	EY
deont	MQ
deonz	MQ
deoo	TJ
deook	UI
deoor	SK
deoot	UI
deop	DZ
deop 	C[
deop,	GW
deope	EY
deopf	DZ
deopp	QM
deor	SK
deor 	XF
deor,	QM
deorb	WG
deore	QM
deorf	LR
deorg	WG
deorh	EY
deori	JT
deork	HV
deorl	HV
deorn	WG
deors	MQ
deort	KS
deorw	VH
deorz	UI
deos	RL
deos 	=c
deos!	JT
deos.	UI
deose	GW
deosk	RL
deosp	LR
deoss	ZD
deost	TJ
deot	HV
deot 	EY
deot,	MQ
deot.	TJ
deotd	_@
deote	HV
deoti	HV
deoto	IU
deots	TJ
deott	LR
deou	EY
deoul	HV
deour	GW
deout	HV
deov	IU
deove	EY
deow	RL
deow 	SK
deown	MQ
deoz	HV
deoze	HV
deoßv	[C
deo–	]B
deo–d	YE
deo–f	XF
dep 	MQ
dep 0	FX
dep,	C[
dep, 	C[
dep-	KS
dep.	MQ
depa	XF
depaa	MQ
depac	JT
depag	EY
depal	EY
depar	VH
depas	C[
depau	SK
depd	FX
depdf	FX
deped	UI
depeg	C[
depek	XF
depel	YE
depen	SK
depet	FX
depf	XF
depf 	EY
depfa	QM
depfe	WG
depfi	EY
depfl	YE
depfm	IU
depic	HV
depie	SK
depin	HV
depl	QM
depla	LR
depo	MQ
depol	KS
depp	SK
depp 	ZD
deppe	UI
depr	FX
depra	IU
depre	DZ
depro	RL
deprä	DZ
deprü	UI
deps	FX
deps.	GW
dept	MQ
depte	VH
depu	SK
depum	UI
deput	GW
depä	HV
depät	KS
dequ	^A
dequa	UI
deque	RL
dequi	_@
der 	RL
der (	RL
der 0	SK
der a	XF
der b	SK
der c	XF
der e	GW
der f	MQ
der g	QM
der h	TJ
der i	a?
der j	JT
der k	JT
der m	VH
der n	IU
der o	B]
der p	KS
der r	KS
der s	IU
der t	TJ
der u	QM
der v	FX
der w	:f
der z	TJ
der |	VH
der ä	LR
der ü	SK
der!	QM
der! 	QM
der)	LR
der) 	LR
der),	LR
der,	RL
der, 	RL
der-	VH
der- 	TJ
der-i	UI
der.	UI
der. 	TJ
der.e	YE
der;	QM
der; 	FX
der?	EY
der? 	EY
dera	IU
dera 	MQ
dera,	MQ
derab	GW
derac	WG
derad	IU
derag	JT
derah	LR
deral	XF
deras	XF
derat	SK
derau	IU
deraß	_@
derb	UI
derb 	RL
derbe	TJ
derbo	QM
derbr	VH
derbu	YE
derbü	VH
derch	IU
derd	MQ
derd 	SK
derd,	MQ
derda	JT
derdb	UI
derdi	KS
derdn	DZ
derdo	B]
dere 	^A
dere.	IU
derea	IU
dered	GW
deree	YE
deref	GW
dereg	VH
dereh	KS
derei	RL
derek	ZD
derem	HV
deren	SK
derep	XF
derer	KS
deres	B]
dereu	IU
derf 	MQ
derfa	C[
derfe	LR
derfs	YE
derfü	UI
derg	GW
derg 	SK
derga	IU
dergi	B]
dergl	FX
dergr	TJ
derh	IU
derhe	LR
derhu	WG
deri	VH
derie	TJ
derif	HV
derig	KS
derik	_@
deril	RL
derin	VH
deris	TJ
derit	ZD
deriv	DZ
derk	VH
derka	SK
derke	TJ
derkh	KS
derki	HV
derkl	>b
derks	WG
derkt	XF
derku	UI
derl	GW
derla	EY
derli	MQ
derlä	FX
derm	UI
derm 	IU
derm,	QM
derma	VH
derme	WG
dermo	IU
dermu	EY
dern 	RL
dern,	DZ
dern;	HV
derna	GW
dernd	_@
derne	LR
derno	RL
dernt	YE
dero	QM
dero 	ZD
dero)	XF
dero,	EY
dero.	SK
dero@	YE
derob	_@
deroc	?a
derod	FX
derof	SK
derom	TJ
deron	IU
deroo	TJ
deros	RL
derot	MQ
deroz	HV
deroß	KS
derp	XF
derpr	RL
derr	GW
derr 	B]
derre	DZ
derrh	YE
derri	TJ
derrt	MQ
ders	JT
ders 	LR
dersa	QM
derse	HV
dersi	RL
derso	YE
dersp	RL
derst	KS
dert	KS
dert 	JT
dert)	C[
dert,	GW
dert.	RL
derta	KS
derte	YE
derth	EY
derti	FX
dertr	EY
deru	SK
derua	DZ
deruc	FX
derud	RL
deruh	UI
derun	[C
derup	VH
derut	ZD
deruß	DZ
derv	QM
derva	QM
derve	VH
dervu	A^
derw	ZD
derwa	RL
derwe	SK
derwi	XF
derwä	A^
derz	EY
derz,	KS
derze	JT
derä	ZD
deräg	UI
deräs	DZ
derät	XF
deräu	XF
derö	UI
deröf	JT
derüc	WG
derüe	GW
derüf	TJ
derüh	KS
derün	TJ
derüs	B]
derüß	A^
der“	MQ
des &	TJ
des (	XF
des 0	VH
des a	TJ
des b	>b
des d	VH
des e	SK
des f	YE
des g	EY
des h	TJ
des i	FX
des j	IU
des l	MQ
des m	VH
des n	DZ
des o	LR
des p	TJ
des s	RL
des t	[C
des u	TJ
des v	HV
des |	LR
des ä	IU
des ö	GW
des ü	EY
des!	JT
des'	EY
des)	IU
des) 	IU
des-	SK
des.	LR
des. 	LR
des:	ZD
des: 	ZD
des?	DZ
des? 	DZ
desa 	QM
desa,	ZD
desaa	JT
desab	XF
desac	DZ
desam	TJ
desan	LR
desar	a?
desat	QM
desau	QM
desba	LR
desbe	YE
desbi	FX
desbr	VH
desc	MQ
desch	MQ
desco	HV
desdi	TJ
desdr	>b
dese 	C[
dese,	WG
desec	VH
desed	IU
desee	MQ
deseh	?a
desei	LR
desel	UI
desep	XF
deser	TJ
deses	VH
deset	RL
desf	KS
desfa	FX
desfe	VH
desfü	IU
desge	KS
desha	GW
deshe	UI
deshi	KS
desho	IU
desi 	MQ
desic	TJ
desie	HV
desig	LR
desik	VH
desil	KS
desin	RL
desis	QM
desit	QM
desk 	RL
deska	YE
deski	KS
desko	KS
desla	SK
desle	UI
desli	EY
desma	IU
desme	TJ
desn	LR
deso	MQ
deso,	WG
desob	GW
desoh	HV
desol	IU
desom	LR
deson	HV
desor	XF
desp	LR
despa	VH
despe	QM
despi	SK
despl	DZ
despo	LR
despr	HV
despä	KS
desr	^A
desre	RL
dess	RL
dess 	JT
dess,	UI
dess.	WG
dessa	WG
dessc	JT
desse	QM
dessh	QM
dessi	C[
desst	TJ
dessu	HV
dest	WG
dest 	KS
dest)	JT
dest,	VH
dest.	]B
dest:	QM
dest@	UI
desta	KS
destb	VH
deste	VH
destf	YE
desth	a?
desti	EY
destn	QM
desto	KS
destr	WG
destu	YE
destä	QM
destü	VH
desu	C[
desuc	B]
desum	HV
desun	RL
desv	RL
desw	WG
deswa	XF
deswe	KS
desze	HV
deszu	XF
desäg	UI
desär	KS
desät	EY
det 0	SK
det a	FX
det b	C[
det c	LR
det d	FX
det e	LR
det f	RL
det g	DZ
det i	EY
det j	WG
det k	KS
det l	HV
det n	SK
det o	TJ
det p	C[
det r	VH
det s	HV
det t	]B
det u	LR
det v	SK
det w	KS
det z	^A
det |	HV
det ü	SK
det!	LR
det! 	JT
det'	[C
det's	[C
det.	RL
det.)	VH
det.,	QM
det.;	SK
det.e	VH
det:	SK
det: 	TJ
det?	DZ
det? 	DZ
det@	RL
det@o	VH
deta	UI
detab	[C
detag	WG
detak	HV
detal	RL
detan	GW
detas	KS
detau	VH
detb	[C
detba	UI
detbe	RL
detbi	WG
detd	^A
detdi	_@
dete 	;e
dete)	XF
dete,	HV
dete.	^A
deteb	IU
detec	TJ
deted	IU
deteg	VH
detei	TJ
detel	SK
detem	WG
detep	GW
deteu	@_
detf	C[
detfe	C[
detg	QM
detgl	SK
deth	TJ
deth 	UI
deth,	HV
dethe	SK
dethi	MQ
detho	B]
deti	IU
deti 	HV
detic	SK
detie	XF
detig	QM
detik	HV
detim	IU
detin	JT
detip	FX
detis	TJ
detj	KS
detje	KS
detke	LR
detkl	VH
detl	LR
detl,	XF
detl.	MQ
detla	QM
detle	SK
detm	VH
detma	TJ
detme	RL
detn	SK
deto	MQ
deto 	LR
deto,	[C
deto.	UI
detob	HV
detoc	RL
detof	LR
detok	GW
detom	HV
deton	SK
detop	IU
detor	VH
detos	EY
detp	TJ
detr	SK
detr.	TJ
detra	QM
detre	GW
detru	YE
deträ	UI
dets	HV
dets 	EY
dets.	TJ
detsc	C[
detse	?a
detsf	IU
detsg	XF
detsh	FX
detsl	UI
detsp	TJ
detst	RL
detsv	XF
dett	IU
dett 	MQ
dett.	SK
dett@	VH
dette	IU
detti	QM
dettk	LR
dettl	QM
detto	UI
detts	UI
dettu	UI
dettw	YE
detu	^A
detu0	WG
detuh	UI
detun	WG
detur	^A
detw	QM
detwe	MQ
detwo	UI
detz	RL
detz 	IU
detz,	GW
detz.	KS
detze	ZD
detzg	SK
detzi	XF
detzt	MQ
detzu	B]
detä	UI
detäg	XF
detän	QM
detät	QM
detö	QM
detön	QM
detü	XF
detüc	RL
detüh	UI
detür	UI
deu 	IU
deu a	HV
deu b	B]
deu d	RL
deu g	IU
deu k	GW
deu l	HV
deu n	XF
deu s	JT
deu t	A^
deu u	DZ
deu v	MQ
deu w	FX
deu,	JT
deu, 	JT
deu-	JT
deu.	GW
deu. 	GW
deu.e	YE
deu0	WG
deu00	WG
deua	QM
deual	MQ
deuar	QM
deub	UI
deube	RL
deubi	ZD
deuch	SK
deuck	HV
deud	JT
deude	VH
deudg	JT
deue	UI
deue 	LR
deuen	VH
deuf	QM
deuf 	IU
deuf,	MQ
deuf.	JT
deufe	TJ
deufg	QM
deufh	QM
deufl	ZD
deufm	RL
deufn	FX
deufp	LR
deufr	LR
deufs	WG
deuft	JT
deufw	UI
deug 	RL
deug,	XF
deug-	RL
deuge	RL
deugu	SK
deuh	XF
deuh 	MQ
deuhe	VH
deuhl	YE
deuhr	WG
deui	^A
deuid	WG
deula	LR
deuld	DZ
deule	LR
deuli	UI
deulk	RL
deull	KS
deulr	[C
deulw	MQ
deum	LR
deum 	IU
deum,	HV
deum.	IU
deuma	UI
deumb	UI
deume	[C
deumg	MQ
deumk	WG
deumm	DZ
deump	UI
deums	VH
deun	SK
deun 	QM
deund	UI
deune	[C
deung	HV
deuni	VH
deunk	GW
deunz	MQ
deupf	MQ
deupp	]B
deupt	JT
deur	QM
deur.	?a
deura	XF
deurc	QM
deurd	HV
deure	SK
deuri	KS
deurl	TJ
deurm	QM
deurn	ZD
deuro	IU
deurr	JT
deurs	YE
deurt	LR
deurz	SK
deurü	TJ
deus	SK
deus 	XF
deus,	HV
deusa	MQ
deusc	KS
deusd	MQ
deuse	d<
deusg	DZ
deush	IU
deusl	WG
deusr	RL
deuss	HV
deust	ZD
deusw	SK
deusz	YE
deut	JT
deut 	FX
deuta	MQ
deute	TJ
deuth	XF
deuti	QM
deutk	VH
deuto	TJ
deuts	HV
deutt	HV
deutz	KS
deuw	WG
deuß	GW
deuß 	DZ
deuße	LR
dev 	RL
dev m	VH
dev.	SK
dev. 	RL
deva	RL
devat	RL
deve,	XF
devem	IU
deven	IU
deves	TJ
devi	JT
devic	TJ
devie	IU
devis	WG
devo	LR
devol	[C
devom	FX
devon	LR
devor	MQ
devos	TJ
devu	A^
devus	A^
dew 0	XF
dewa	SK
dewac	VH
dewaf	GW
dewag	KS
dewah	LR
dewal	[C
dewan	SK
dewar	KS
dewas	TJ
dewe	MQ
dewe 	B]
deweb	?a
deweg	IU
deweh	[C
dewei	JT
dewel	MQ
dewen	RL
dewer	VH
dewes	SK
dewet	SK
dewi	TJ
dewic	IU
dewie	C[
dewil	MQ
dewim	]B
dewin	XF
dewir	^A
dewit	KS
dewn	MQ
dewo	QM
dewo 	KS
dewoc	YE
dewoh	XF
dewol	MQ
dewor	GW
dews	VH
dewst	VH
dewu	JT
dewul	MQ
dewun	DZ
dewur	KS
dewä	RL
dewäh	QM
dewär	LR
dewö	RL
dewöl	SK
dewü	=c
dewün	=c
dex 	GW
dex,	YE
dex, 	YE
dex.	KS
dex. 	KS
dexam	SK
dexav	GW
dexp	SK
dexpr	SK
dext.	B]
dexte	B]
dextr	TJ
dey d	QM
dey n	FX
dey s	QM
dey,	A^
dey, 	A^
dey.	FX
dey. 	FX
deye	SK
deyer	ZD
deyn	SK
deyo	RL
deyou	RL
deyı	UI
deyıl	UI
dez 	QM
dez f	RL
dez g	KS
dez h	VH
dez m	KS
dez n	KS
dez o	LR
dez u	IU
dez w	IU
dez |	ZD
dez,	LR
dez, 	LR
deza	FX
dezah	IU
dezd	QM
dezde	QM
deze	MQ
deze 	JT
deze.	TJ
dezei	QM
dezel	QM
dezem	TJ
dezer	JT
dezet	EY
dezeu	SK
dezf	LR
dezg	UI
dezi	WG
dezi 	GW
dezia	YE
dezie	WG
dezig	SK
dezim	SK
dezin	HV
dezir	TJ
dezl	JT
dezli	JT
dezn	IU
dezo	GW
dezol	IU
dezs	TJ
dezt	QM
dezt 	KS
dezt,	ZD
dezte	KS
dezu	QM
dezu 	RL
dezu.	TJ
dezub	ZD
dezue	VH
dezug	QM
dezum	JT
dezun	GW
dezur	RL
dezus	SK
dezw	YE
dezwe	WG
dezwi	SK
dezwö	SK
dezz	QM
de| 	RL
de| a	WG
de| d	JT
de| e	GW
de| g	UI
de| i	QM
de| j	LR
de| k	KS
de| l	IU
de| n	IU
de| o	IU
de| p	FX
de| r	A^
de| s	TJ
de| t	_@
de| u	SK
de| v	TJ
de| w	UI
de| z	YE
de| |	WG
de² 	WG
de· 	FX
de· m	FX
deß 	GW
deß g	WG
deß i	JT
deß k	A^
deß m	JT
deß n	HV
deß s	FX
deß,	JT
deß, 	JT
deß.	?a
deß. 	?a
deße	KS
deße 	KS
deße,	JT
deßer	RL
deßi	RL
deßig	RL
deßs	QM
deßt	SK
deßt 	TJ
deßv	VH
deßva	[C
deäc	QM
deäch	SK
deäck	KS
deäd	TJ
deäde	VH
deäg	YE
deäge	YE
deägl	XF
deägt	RL
deähe	SK
deähr	KS
deäl	ZD
deäll	GW
deält	_@
deäm	B]
deän	RL
deänd	WG
deäng	KS
deär	A^
deär 	IU
deärb	VH
deärc	SK
deäre	?a
deärg	IU
deärt	A^
deäru	?a
deäs	TJ
deäse	UI
deäst	QM
deät	JT
deät 	IU
deäte	RL
deätt	EY
deätz	IU
deäu	MQ
deäuf	GW
deäum	XF
deöc	QM
deöch	QM
deöf	QM
deöfe	UI
deög	WG
deöge	WG
deöh	RL
deöl	WG
deölf	SK
deön	DZ
deön 	@_
deöni	UI
deönn	GW
deöp	ZD
deöpp	QM
deörd	KS
deöre	FX
deörs	]B
deört	MQ
deös	FX
deöss	C[
deöt	ZD
deöti	WG
deübr	HV
deübs	DZ
deüc	WG
deüch	RL
deück	UI
deüe	KS
deüez	GW
deüf	TJ
deüft	QM
deüh	UI
deühe	GW
deühj	IU
deühl	YE
deühr	SK
deül	HV
deüll	@_
deün	MQ
deün 	LR
deün,	EY
deünd	]B
deüns	=c
deür 	IU
deür.	VH
deüre	TJ
deürf	KS
deüro	YE
deürs	UI
deürz	HV
deüss	MQ
deüß	A^
deüße	B]
deıl	UI
deıld	UI
deız	UI
de– n	IU
de–/	UI
de–0	TJ
de–00	TJ
de–d	ZD
de–do	ZD
de–f	ZD
de–fr	ZD
de–s	UI
de“ 	@_
de“ (	HV
de“ s	GW
de“ –	GW
de“,	FX
de“, 	FX
de“.	YE
de“. 	YE
de„d	SK
de„de	TJ
de„e	GW
de„ei	FX
de„g	FX
de„h	KS
de„hi	KS
de„m	C[
de„p	LR
de„s	JT
de„si	LR
de„w	JT
de„wi	KS
de€ 	XF
de€ a	QM
de€ d	RL
de€ i	g9
de€ k	EY
de€)	UI
de€),	UI
de€,	XF
de€, 	XF
de€.	UI
de€. 	UI
en "	JT
en "a	RL
en "b	B]
en "c	LR
en "d	GW
en "f	FX
en "g	FX
en "h	LR
en "l	FX
en "m	IU
en "n	VH
en "o	ZD
en "s	KS
en "t	FX
en "w	JT
en $	WG
en $0	WG
en &	UI
en & 	UI
en '	C[
en '0	LR
en 'a	HV
en (	LR
en (0	ZD
en (?	WG
en (a	MQ
en (b	IU
en (c	JT
en (d	RL
en (f	UI
en (i	KS
en (m	JT
en (n	IU
en (o	KS
en (p	UI
en (r	QM
en (s	EY
en (y	DZ
en *	B]
en *h	MQ
en *t	QM
en +	UI
en +0	c=
en ,	XF
en , 	XF
en /	TJ
en / 	TJ
en 0	SK
en 0 	SK
en 0)	YE
en 0-	g9
en 0.	FX
en 0/	UI
en 00	SK
en 0:	JT
en 0a	f:
en 0b	VH
en 0d	RL
en 0e	GW
en 0f	WG
en 0h	WG
en 0j	[C
en 0l	b>
en 0n	c=
en 0p	VH
en 0q	WG
en 0r	RL
en 0s	b>
en 0t	XF
en 0–	MQ
en [	KS
en a.	SK
en a0	TJ
en ab	B]
en ac	SK
en ad	LR
en ag	<d
en ai	EY
en al	TJ
en am	DZ
en an	VH
en ao	EY
en ap	c=
en as	HV
en at	MQ
en au	RL
en av	UI
en b	QM
en b 	YE
en b.	GW
en ba	SK
en bi	GW
en bn	VH
en bo	TJ
en br	UI
en bs	]B
en c 	VH
en cd	RL
en ce	SK
en ch	RL
en cl	SK
en cm	^A
en cr	FX
en cu	QM
en cy	MQ
en d	GW
en d.	C[
en da	MQ
en db	VH
en dd	FX
en de	EY
en di	EY
en dl	c=
en dp	YE
en dr	UI
en du	^A
en dy	WG
en e	QM
en e 	TJ
en e.	DZ
en ea	GW
en eb	GW
en ed	]B
en ei	a?
en el	QM
en em	ZD
en er	GW
en eu	XF
en ev	UI
en ex	LR
en f	UI
en f0	KS
en fe	VH
en ff	EY
en fi	LR
en fl	UI
en fo	MQ
en fr	UI
en fs	YE
en fu	UI
en g	TJ
en ga	WG
en gb	LR
en ge	LR
en gl	WG
en go	KS
en gp	GW
en gr	HV
en gs	SK
en gu	YE
en gw	MQ
en h.	FX
en ha	MQ
en hd	IU
en he	SK
en hr	XF
en hu	UI
en hx	ZD
en i	UI
en i 	QM
en i'	JT
en id	JT
en ig	EY
en il	GW
en im	EY
en ir	YE
en is	]B
en it	MQ
en iv	JT
en j	VH
en j.	XF
en ja	QM
en je	JT
en ji	^A
en jo	LR
en ju	RL
en k	MQ
en k.	TJ
en kg	e;
en ki	C[
en km	[C
en kr	RL
en l	LR
en la	FX
en le	JT
en li	QM
en ll	]B
en ln	WG
en lo	KS
en lt	WG
en lu	b>
en ly	HV
en m	JT
en m.	@_
en mb	RL
en me	SK
en mm	XF
en mr	JT
en mu	JT
en my	C[
en n	MQ
en n 	JT
en na	JT
en ne	KS
en ni	]B
en no	KS
en nu	MQ
en o	RL
en o 	MQ
en o'	LR
en oa	RL
en ob	EY
en oc	TJ
en od	RL
en of	LR
en oh	KS
en ok	YE
en om	RL
en on	JT
en op	LR
en or	TJ
en os	ZD
en ot	KS
en ou	QM
en ov	LR
en ox	MQ
en p.	UI
en pa	FX
en pd	B]
en ph	IU
en pi	LR
en pl	WG
en pm	YE
en po	KS
en pr	DZ
en ps	>b
en pu	IU
en qx	SK
en r.	MQ
en rd	YE
en re	GW
en rh	IU
en ri	UI
en ro	QM
en ru	LR
en ry	b>
en sa	HV
en sc	TJ
en se	MQ
en sh	QM
en si	UI
en sk	QM
en sm	h8
en sn	QM
en so	DZ
en sp	SK
en sq	ZD
en sr	MQ
en st	RL
en su	SK
en sw	LR
en sy	LR
en t	RL
en t 	]B
en tb	A^
en te	^A
en th	MQ
en to	QM
en tu	YE
en tw	QM
en ty	B]
en u	LR
en u 	@_
en uh	SK
en ul	]B
en un	?a
en ur	B]
en us	SK
en v	MQ
en v0	GW
en va	TJ
en ve	GW
en vi	WG
en vo	GW
en vu	GW
en w	IU
en w/	HV
en wa	LR
en we	UI
en wk	_@
en wo	KS
en wr	LR
en ww	GW
en wy	b>
en x	EY
en x 	C[
en y 	TJ
en ya	SK
en ye	QM
en yo	KS
en yr	]B
en z	MQ
en zi	MQ
en |	KS
en | 	KS
en ~	TJ
en ~~	TJ
en £	WG
en £0	WG
en ©	DZ
en © 	DZ
en ·	A^
en · 	A^
en “	MQ
en “b	GW
en “h	LR
en “t	IU
en “y	EY
en €	a?
en €0	a?
en ★	DZ
en ★★	DZ
en �	[C
en! 	;e
en!!	JT
en!! 	IU
en!!!	[C
en!)	YE
en!) 	VH
en" 	IU
en" -	GW
en" a	EY
en" i	SK
en" o	KS
en" w	GW
en" –	C[
en")	DZ
en") 	DZ
en",	LR
en", 	LR
en".	EY
en". 	EY
en"a	RL
en"a 	MQ
en"ar	HV
en"b	B]
en"be	C[
en"c	LR
en"d	GW
en"de	DZ
en"di	DZ
en"f	FX
en"fo	HV
en"g	FX
en"h	LR
en"ha	@_
en"i 	QM
en"l	FX
en"li	GW
en"m	IU
en"my	IU
en"n	VH
en"no	VH
en"o	XF
en"op	ZD
en"ou	C[
en"pr	SK
en"s	KS
en"sa	TJ
en"t	EY
en"th	>b
en"to	VH
en"w	JT
en"we	MQ
en"wh	MQ
en$0	WG
en$0 	VH
en$0,	]B
en$0.	d<
en$00	RL
en% 	MQ
en% o	MQ
en& 	UI
en& 0	UI
en& a	WG
en& b	VH
en& d	ZD
en& f	VH
en& l	_@
en& m	A^
en& p	FX
en& r	SK
en& s	XF
en& t	IU
en' 	MQ
en' b	IU
en' h	TJ
en' l	SK
en' m	A^
en' s	RL
en'0	TJ
en'00	TJ
en'a	HV
en'd	HV
en'd 	KS
en'l	IU
en'll	IU
en'm	LR
en'm 	MQ
en'r	YE
en're	YE
en's	IU
en's 	IU
en's,	SK
en's.	IU
en't	HV
en't 	LR
en't,	?a
en't.	LR
en'v	RL
en've	RL
en(0	ZD
en(00	[C
en(?	WG
en(a	MQ
en(al	MQ
en(b	IU
en(c	JT
en(ch	EY
en(co	VH
en(d	RL
en(da	RL
en(f	UI
en(fo	?a
en(fr	TJ
en(he	MQ
en(ho	YE
en(i	KS
en(i 	KS
en(m	JT
en(ma	SK
en(mi	GW
en(mo	JT
en(mr	?a
en(n	IU
en(no	HV
en(o	KS
en(p	UI
en(pl	?a
en(r	QM
en(re	RL
en(s	EY
en(sa	MQ
en(sh	A^
en(so	SK
en(te	f:
en(th	UI
en(to	B]
en(tr	HV
en(tu	EY
en(we	LR
en(wi	UI
en(y	DZ
en(ye	DZ
en) 	C[
en) 0	VH
en) a	RL
en) b	EY
en) i	MQ
en) o	RL
en) s	KS
en) w	IU
en) |	MQ
en) –	MQ
en),	UI
en), 	UI
en).	YE
en). 	YE
en):	IU
en): 	IU
en* 	@_
en* i	MQ
en*,	RL
en*, 	RL
en*h	MQ
en*t	QM
en*th	QM
en+ 0	XF
en+ a	DZ
en+ p	HV
en+ r	VH
en+ s	YE
en+ v	[C
en+0	d<
en+00	c=
en, 	IU
en, "	B]
en, a	g9
en, b	WG
en, c	RL
en, d	JT
en, e	KS
en, f	VH
en, g	]B
en, h	QM
en, i	RL
en, j	TJ
en, k	GW
en, l	C[
en, m	EY
en, n	RL
en, o	c=
en, p	RL
en, q	TJ
en, r	VH
en, s	]B
en, t	SK
en, u	YE
en, v	ZD
en, w	GW
en, £	RL
en, “	GW
en,0	IU
en,00	IU
en- 0	TJ
en- c	UI
en- h	QM
en- n	JT
en- p	@_
en- t	B]
en- w	YE
en- |	a?
en-0	ZD
en-0 	c=
en-0,	c=
en-0.	^A
en-00	SK
en-a	FX
en-an	DZ
en-ar	LR
en-b	JT
en-bl	SK
en-c	DZ
en-ca	IU
en-cl	KS
en-co	GW
en-d	QM
en-do	RL
en-e	LR
en-ei	[C
en-f	HV
en-fi	HV
en-fo	KS
en-fr	IU
en-g	_@
en-h	^A
en-ha	^A
en-k	LR
en-ke	LR
en-l	KS
en-la	HV
en-le	MQ
en-m	HV
en-n	WG
en-o	XF
en-of	YE
en-on	[C
en-ou	SK
en-p	XF
en-pu	TJ
en-r	RL
en-re	XF
en-sh	SK
en-si	C[
en-st	ZD
en-t	LR
en-u	VH
en-up	VH
en-wi	C[
en. 	QM
en. 0	a?
en. a	VH
en. b	JT
en. c	;e
en. d	LR
en. e	HV
en. g	LR
en. h	C[
en. k	SK
en. l	MQ
en. m	A^
en. n	MQ
en. o	B]
en. p	SK
en. r	GW
en. s	EY
en. v	QM
en. w	GW
en."	JT
en." 	MQ
en.)	<d
en.) 	<d
en.*	FX
en.* 	FX
en.,	B]
en., 	B]
en..	KS
en.. 	KS
en...	KS
en.0 	XF
en.:	MQ
en.: 	MQ
en.b	@_
en.b.	@_
en.e	SK
en.ex	SK
en.k	B]
en.ke	JT
en.s	@_
en.t	TJ
en.”	TJ
en.” 	TJ
en/ 	LR
en/ 0	>b
en/ a	SK
en/ b	HV
en/ p	IU
en/ s	WG
en/ t	MQ
en//	VH
en/0	C[
en/00	EY
en/h	DZ
en/hr	DZ
en/m	b>
en/w	RL
en0 	_@
en0 (	QM
en0 +	[C
en0 -	SK
en0 0	a?
en0 a	[C
en0 b	RL
en0 c	LR
en0 d	MQ
en0 e	XF
en0 f	FX
en0 g	c=
en0 h	RL
en0 i	IU
en0 j	JT
en0 k	d<
en0 l	^A
en0 n	MQ
en0 o	;e
en0 p	SK
en0 q	YE
en0 r	;e
en0 s	C[
en0 u	@_
en0 v	WG
en0 w	MQ
en0 y	_@
en0 |	^A
en0 ·	7i
en0 –	JT
en0%	TJ
en0% 	RL
en0)	SK
en0) 	RL
en0),	UI
en0+	MQ
en0,	XF
en0, 	]B
en0,0	IU
en0-	]B
en0-0	XF
en0.	QM
en0. 	ZD
en0/	C[
en0/0	<d
en0/h	DZ
en00	^A
en00 	UI
en00%	TJ
en00)	SK
en00,	TJ
en00-	ZD
en00.	VH
en00/	B]
en000	SK
en00:	WG
en00;	UI
en00a	UI
en00g	]B
en00p	XF
en00t	@_
en00x	EY
en00–	c=
en0:	QM
en0: 	MQ
en0:0	RL
en0;	RL
en0; 	RL
en0a	[C
en0aa	[C
en0am	XF
en0b	VH
en0bb	_@
en0d	RL
en0dd	RL
en0e	GW
en0ee	B]
en0f	WG
en0g	]B
en0h	WG
en0j	[C
en0k	FX
en0k.	DZ
en0l	b>
en0lb	[C
en0ll	XF
en0ln	UI
en0m	^A
en0m 	VH
en0n	c=
en0nd	]B
en0nn	^A
en0p	_@
en0p.	ZD
en0pl	VH
en0pm	XF
en0pp	]B
en0pt	ZD
en0q	WG
en0qt	VH
en0r	RL
en0rb	RL
en0rd	MQ
en0rr	[C
en0s	e;
en0s 	a?
en0s,	RL
en0s.	UI
en0st	VH
en0t	JT
en0th	GW
en0tt	ZD
en0x	GW
en0x0	EY
en0–	ZD
en0–0	XF
en: 	KS
en: "	EY
en: $	b>
en: '	EY
en: 0	IU
en: c	DZ
en: d	FX
en: h	TJ
en: i	]B
en: l	SK
en: m	]B
en: n	A^
en: o	KS
en: p	XF
en: r	TJ
en: s	FX
en: t	SK
en: w	EY
en: “	FX
en:0	RL
en:00	RL
en; 	UI
en; 0	[C
en; a	WG
en; b	GW
en; c	IU
en; d	KS
en; f	MQ
en; g	UI
en; h	MQ
en; i	VH
en; m	d<
en; n	HV
en; o	TJ
en; p	?a
en; r	[C
en; s	_@
en; t	JT
en; w	YE
en; y	GW
en? 	!}
en?"	[C
en?" 	[C
en?)	JT
en?) 	JT
en??	HV
en?? 	HV
en@a	WG
en@b	b>
en@br	b>
en@c	HV
en@ca	GW
en@co	VH
en@d	YE
en@f	UI
en@fe	HV
en@g	XF
en@gr	XF
en@h	LR
en@ha	IU
en@hi	_@
en@l	RL
en@la	_@
en@li	JT
en@o	XF
en@ot	XF
en@p	e;
en@q	LR
en@qu	LR
en@r	ZD
en@s	RL
en@sa	^A
en@se	UI
en@st	WG
en@t	h8
en@ta	UI
en@th	]B
en@to	YE
en@w	_@
en@we	UI
en@wi	YE
en] 	JT
en] w	HV
ena 	QM
ena "	LR
ena 0	JT
ena a	VH
ena b	HV
ena c	ZD
ena f	JT
ena g	LR
ena h	QM
ena i	QM
ena j	UI
ena k	b>
ena l	QM
ena m	XF
ena n	WG
ena o	VH
ena p	IU
ena q	XF
ena r	KS
ena t	HV
ena v	YE
ena w	VH
ena y	XF
ena |	WG
ena £	SK
ena)	MQ
ena).	MQ
ena,	B]
ena, 	B]
ena-	SK
ena.	KS
ena. 	LR
ena.”	LR
ena0	TJ
ena0 	SK
ena@	LR
enaa	[C
enaa.	YE
enab	HV
enab 	ZD
enab.	XF
enabb	VH
enabe	HV
enabi	SK
enabl	JT
enabn	FX
enabo	DZ
enabr	QM
enabs	A^
enabt	KS
enaby	TJ
enac	IU
enaca	C[
enacc	SK
enace	SK
enach	SK
enack	FX
enacl	KS
enaco	^A
enacr	LR
enact	JT
enad 	=c
enad)	SK
enad-	C[
enad.	TJ
enada	_@
enade	UI
enadi	UI
enadl	GW
enadm	QM
enado	GW
enads	MQ
enadu	QM
enady	GW
enae	FX
enae 	GW
enaf 	^A
enaff	XF
enafl	A^
enafo	FX
enaft	MQ
enag,	VH
enaga	>b
enage	TJ
enagh	XF
enagi	LR
enagl	RL
enagn	C[
enago	VH
enagr	FX
enagu	MQ
enah	A^
enah 	B]
enaid	EY
enaig	GW
enail	QM
enaim	>b
enain	KS
enair	]B
enais	DZ
enait	QM
enak	VH
enak 	VH
enak,	LR
enakd	^A
enake	XF
enakf	MQ
enaki	SK
enaks	MQ
enal 	UI
enal,	>b
enal.	@_
enala	^A
enalc	FX
enald	WG
enale	LR
enalf	VH
enalk	EY
enall	QM
enalm	UI
enaln	XF
enalo	RL
enalp	JT
enalr	LR
enalt	UI
enalu	KS
enalv	SK
enam	MQ
enam 	KS
enam,	KS
enam-	VH
enama	[C
enamb	^A
enamm	JT
enamo	[C
enamp	RL
enams	TJ
enamu	JT
enan 	QM
enan'	b>
enan)	IU
enan,	LR
enan.	VH
enan@	SK
enana	XF
enanc	FX
enand	VH
enane	RL
enang	<d
enank	HV
enann	SK
enano	TJ
enans	UI
enant	KS
enanu	SK
enany	TJ
enap	QM
enap 	=c
enap,	YE
enap.	FX
enapa	TJ
enape	HV
enaph	JT
enapi	KS
enapl	b>
enapo	DZ
enapp	_@
enapr	b>
enaps	EY
enar 	B]
enar'	]B
enar,	UI
enar.	GW
enar:	VH
enar?	UI
enara	RL
enarb	QM
enarc	MQ
enard	QM
enare	VH
enarf	]B
enarg	HV
enarj	TJ
enark	GW
enarl	^A
enarm	VH
enarn	_@
enarp	b>
enarr	^A
enars	^A
enart	IU
enary	HV
enas	RL
enas 	HV
enas.	MQ
enas;	XF
enasc	ZD
enase	=c
enash	SK
enasi	JT
enasn	UI
enaso	LR
enasp	MQ
enast	]B
enasu	C[
enasw	KS
enasy	DZ
enat	SK
enat 	JT
enat'	MQ
enat)	MQ
enat,	ZD
enat.	XF
enata	QM
enatc	UI
enate	IU
enath	^A
enati	WG
enato	A^
enatr	LR
enats	MQ
enatt	GW
enatu	VH
enau	QM
enauc	>b
enaug	VH
enaul	SK
enaur	DZ
enaut	FX
enav	IU
enava	ZD
enavi	<d
enavo	A^
enavy	DZ
enaw	TJ
enaw 	XF
enawa	KS
enawi	C[
enawk	LR
enawl	VH
enawm	YE
enawn	IU
enaws	KS
enax	QM
enaxb	_@
enay 	IU
enay!	DZ
enay'	HV
enay,	RL
enay;	WG
enayb	A^
enaye	[C
enayi	ZD
enayl	JT
enaym	B]
enaz	QM
enaze	RL
enb 	RL
enb (	XF
enb 0	c=
enb a	IU
enb b	ZD
enb d	?a
enb f	TJ
enb h	MQ
enb i	C[
enb l	ZD
enb s	EY
enb t	KS
enb |	MQ
enb £	XF
enb,	KS
enb, 	KS
enb-	A^
enb-0	HV
enb-c	FX
enb.	IU
enb. 	EY
enb.e	XF
enb/	YE
enb0	WG
enb0 	WG
enba	RL
enbab	QM
enbac	SK
enbad	@_
enbag	^A
enbal	ZD
enban	EY
enbar	TJ
enbas	UI
enbat	FX
enbay	c=
enbb	RL
enbb.	_@
enbbi	[C
enbbl	TJ
enbbo	^A
enbbs	LR
enbby	B]
enbc	IU
enbc 	IU
enbd	RL
enbe	LR
enbe 	>b
enbe,	QM
enbe.	IU
enbea	ZD
enbec	VH
enbed	WG
enbee	FX
enbeh	VH
enbel	QM
enben	c=
enber	IU
enbes	C[
enbet	JT
enbev	]B
enbex	?a
enbh	WG
enbha	]B
enbi	IU
enbia	FX
enbic	XF
enbid	B]
enbig	KS
enbik	VH
enbil	KS
enbin	SK
enbir	d<
enbit	8h
enbj	B]
enbje	B]
enbla	HV
enbli	WG
enblo	MQ
enblu	SK
enbly	VH
enbn	JT
enbn0	VH
enbo	RL
enboa	LR
enbob	B]
enbod	UI
enboi	TJ
enbol	UI
enbon	LR
enboo	QM
enbor	XF
enbot	_@
enbou	>b
enbov	WG
enbox	RL
enbr	WG
enbra	ZD
enbre	SK
enbri	TJ
enbru	IU
enbs	DZ
enbs 	XF
enbs.	?a
enbsc	a?
enbsi	DZ
enbsw	LR
enbt	QM
enbt 	XF
enbu	MQ
enbud	A^
enbul	VH
enbum	DZ
enbun	MQ
enbur	VH
enbus	HV
enbut	JT
enbuy	XF
enbv	EY
enbvi	EY
enby	LR
enby,	KS
enby.	QM
enbye	KS
enc 	XF
enc 0	WG
enc a	QM
enc b	RL
enc c	^A
enc d	LR
enc f	RL
enc l	UI
enc t	C[
enc w	RL
enc)	QM
enc,	GW
enc, 	GW
enc.	FX
enc. 	DZ
enc.e	b>
enc:	C[
enc: 	C[
enc@	YE
enc@s	YE
enca	LR
encaf	^A
encag	]B
encal	EY
encap	KS
encar	TJ
encas	RL
encat	IU
encau	LR
encav	A^
encc	SK
encca	ZD
encce	[C
encco	GW
encd	RL
encd0	RL
ence 	QM
ence)	XF
ence,	IU
ence.	QM
ence:	VH
ence;	QM
ence?	DZ
ence@	b>
enceb	A^
enced	RL
encei	JT
encel	DZ
encem	RL
encen	YE
encer	MQ
ences	HV
encf	UI
ench	QM
ench 	IU
ench,	TJ
ench.	VH
enchb	QM
enche	LR
enchi	_@
enchn	MQ
enchu	GW
enchy	IU
enci	LR
encia	ZD
encid	FX
encie	RL
encil	LR
encip	ZD
encir	QM
encis	C[
encit	KS
enciv	IU
enck	RL
enck 	WG
enck'	FX
enck-	RL
encka	TJ
encke	EY
encki	GW
enckl	]B
enckm	VH
encko	DZ
encks	RL
enckw	[C
encl	XF
encl.	]B
encla	HV
encle	ZD
enclo	UI
encm	^A
encm 	^A
enco	MQ
enco.	YE
encoa	QM
encob	d<
encod	GW
encoe	QM
encof	ZD
encol	C[
encom	RL
encon	FX
encoo	d<
encop	QM
encor	[C
encos	@_
encou	JT
encov	b>
encr	GW
encra	RL
encre	MQ
encri	<d
encro	GW
encry	HV
encs	[C
encs 	b>
encs,	[C
enct	FX
enct 	LR
enct,	EY
enct.	C[
encta	C[
encte	IU
encti	QM
enctr	QM
encts	QM
enctu	<d
encu	FX
encue	XF
encui	A^
encum	GW
encup	MQ
encur	?a
encus	GW
encut	YE
ency 	IU
encyc	XF
end &	JT
end (	EY
end /	FX
end 0	WG
end a	GW
end b	TJ
end c	QM
end d	QM
end e	f:
end f	IU
end g	EY
end i	MQ
end j	YE
end k	LR
end l	GW
end n	b>
end o	TJ
end p	WG
end q	?a
end r	RL
end s	RL
end t	LR
end u	SK
end v	JT
end w	SK
end y	[C
end –	LR
end"	QM
end" 	@_
end",	_@
end".	>b
end'	HV
end's	HV
end)	GW
end) 	DZ
end,	TJ
end, 	TJ
end-	B]
end-s	GW
end. 	LR
end."	RL
end.e	[C
end0	JT
end0 	JT
end:	MQ
end: 	KS
end;	IU
end; 	IU
end?	DZ
end? 	DZ
end@	VH
endab	ZD
endad	SK
endag	C[
endai	B]
endal	UI
endam	JT
endan	QM
endar	C[
endat	9g
endau	GW
enday	^A
endb	MQ
endba	JT
endbe	VH
endbs	UI
endc	HV
endd	XF
endd 	SK
endd,	LR
endda	UI
endde	LR
enddl	YE
enddo	ZD
enddr	B]
enddy	]B
ende	QM
ende 	RL
ende'	UI
ende,	e;
ende-	]B
ende.	KS
endea	B]
endeb	VH
endec	FX
ended	IU
endee	QM
endef	B]
endeg	SK
endel	LR
endem	QM
enden	ZD
endeo	JT
ender	KS
endes	YE
endet	B]
endev	UI
endey	JT
endf	MQ
endf 	C[
endf,	C[
endfa	ZD
endg	RL
endge	RL
endgi	XF
endh	IU
endi	KS
endi 	IU
endic	C[
endid	UI
endie	HV
endif	C[
endin	ZD
endio	MQ
endip	MQ
endir	IU
endis	EY
endit	WG
endiv	XF
endl	MQ
endl 	c=
endle	SK
endli	FX
endlo	QM
endly	FX
endm	YE
endma	WG
endmi	EY
endmo	]B
endn	C[
endne	EY
endo	QM
endo 	HV
endo.	TJ
endo?	HV
endoc	SK
endoe	VH
endog	TJ
endoi	VH
endol	e;
endom	LR
endon	HV
endor	KS
endot	_@
endou	^A
endov	;e
endow	KS
endoz	XF
endp	YE
endr 	ZD
endra	MQ
endre	JT
endri	ZD
endro	KS
endry	QM
ends 	KS
ends,	HV
ends.	VH
endsa	[C
endsi	MQ
endso	RL
endst	WG
endu	SK
enduc	JT
endug	[C
endun	XF
endur	YE
endv	UI
endve	HV
endvi	YE
endw	SK
endwo	]B
endwr	IU
endy	SK
endy 	ZD
endy'	MQ
endy,	KS
endy.	B]
ene 	QM
ene "	?a
ene $	EY
ene &	A^
ene (	XF
ene -	TJ
ene /	DZ
ene 0	_@
ene a	IU
ene c	YE
ene d	LR
ene e	VH
ene f	WG
ene g	MQ
ene h	RL
ene j	UI
ene k	HV
ene l	JT
ene m	KS
ene n	GW
ene o	GW
ene p	MQ
ene q	UI
ene r	SK
ene s	MQ
ene t	MQ
ene u	JT
ene v	EY
ene w	MQ
ene y	[C
ene |	MQ
ene £	<d
ene –	JT
ene “	LR
ene!	ZD
ene!!	ZD
ene"	C[
ene" 	HV
ene",	KS
ene".	GW
ene'	UI
ene'd	B]
ene'l	TJ
ene'r	[C
ene's	SK
ene'v	GW
ene)	_@
ene) 	ZD
ene),	XF
ene).	YE
ene,	QM
ene, 	QM
ene-	LR
ene-b	ZD
ene-d	GW
ene-l	KS
ene-o	HV
ene-p	TJ
ene-s	^A
ene.e	h8
ene0	MQ
ene:	TJ
ene: 	TJ
ene;	EY
ene; 	EY
ene?	;e
ene? 	<d
ene@f	HV
ene@r	YE
ene@s	WG
enea	MQ
enea 	c=
enea,	c=
eneac	VH
eneaf	VH
eneag	RL
eneak	MQ
eneal	LR
eneam	A^
enean	UI
eneap	?a
enear	FX
eneas	FX
eneat	]B
eneav	QM
eneb	GW
eneb 	B]
eneb,	@_
enebe	a?
enebo	RL
enebr	HV
enebs	DZ
enebu	LR
eneby	HV
enec 	YE
enec@	YE
eneca	VH
enece	YE
eneci	A^
enecl	FX
eneco	MQ
enect	TJ
enecu	[C
ened 	XF
ened"	>b
ened.	HV
ened:	JT
ened?	EY
enedd	RL
enede	WG
enedg	]B
enedi	VH
enedn	IU
enedr	QM
eneds	IU
enedu	LR
enedw	TJ
enedy	A^
enee	RL
enee 	TJ
enee'	GW
enee,	LR
eneec	YE
eneed	XF
eneek	MQ
eneel	_@
eneen	B]
eneep	SK
enees	YE
eneez	RL
enef	HV
enef 	KS
enefa	HV
enefe	@_
enefi	VH
enefo	MQ
enefu	TJ
eneg 	C[
enega	VH
enege	IU
enegg	MQ
enegi	WG
eneh	IU
eneha	C[
enehi	MQ
eneho	MQ
enehu	IU
enei	TJ
eneic	XF
eneig	ZD
eneil	DZ
enein	UI
eneit	LR
eneiv	QM
enek 	KS
enek.	B]
enekd	^A
eneke	UI
enekl	HV
eneks	WG
enel	VH
enel 	ZD
enel"	RL
enel,	a?
enel.	MQ
enel0	RL
enelb	ZD
enelc	WG
eneld	RL
enele	XF
enelf	C[
eneli	HV
enell	QM
enelm	VH
enelo	KS
enelt	GW
enelv	EY
enelw	IU
enely	=c
enem,	GW
enem.	FX
enema	KS
enemb	RL
eneme	LR
enemi	VH
enemo	ZD
enemp	VH
enems	C[
enen 	TJ
enen'	JT
enen)	B]
enen,	UI
enen.	JT
enen:	HV
enen;	RL
enena	RL
enenb	b>
enenc	LR
enend	ZD
enene	LR
eneng	IU
enenh	^A
eneni	IU
enenn	]B
eneno	SK
enenq	FX
enens	VH
enent	B]
enenu	XF
enenv	HV
enenw	GW
enen”	GW
eneo	LR
eneo 	DZ
eneof	B]
eneon	MQ
eneor	]B
eneos	GW
enep	UI
enep,	TJ
enep.	?a
enepa	VH
enepe	YE
eneph	GW
enepi	MQ
enepo	^A
eneps	XF
enept	RL
eneq	<d
enequ	<d
ener 	YE
ener!	IU
ener"	DZ
ener'	HV
ener)	EY
ener-	VH
ener.	IU
ener:	JT
ener;	MQ
ener@	[C
enera	TJ
enerb	VH
enerc	JT
enerd	KS
enere	JT
enerf	[C
enerh	KS
eneri	MQ
enerl	EY
enerm	]B
enern	KS
enero	HV
enerp	^A
enerr	GW
eners	MQ
enert	ZD
enerv	JT
enerw	SK
enery	SK
enes	LR
enes 	VH
enes"	TJ
enes'	JT
enes)	JT
enes,	KS
enes-	[C
enes.	QM
enes:	LR
enes;	UI
enes?	@_
enes@	a?
enesa	>b
enesc	JT
enese	HV
enesh	KS
enesi	VH
enesk	@_
enesm	VH
enesp	JT
eness	QM
enest	YE
enesu	HV
enet	KS
enet 	GW
enet)	TJ
enet,	^A
enet.	5k
enet;	B]
enete	FX
eneti	EY
enetr	MQ
enets	LR
enett	WG
enetu	b>
enetw	QM
eneu	_@
eneum	ZD
eneur	UI
enev	RL
enev 	UI
eneva	[C
enevd	SK
enevi	IU
enew 	UI
enew'	HV
enew,	LR
enewa	LR
enewh	FX
enewo	WG
enewr	XF
enews	JT
enex	SK
enex 	@_
enexa	YE
enexc	TJ
enexi	XF
enexl	a?
enext	KS
eney	QM
eney 	SK
eney'	YE
eney,	XF
eney.	:f
eney:	LR
eneya	A^
eneye	MQ
eneyi	YE
eneyo	ZD
eneyr	KS
eneys	e;
eneyw	_@
enez	VH
eneze	WG
enf (	XF
enf 0	TJ
enf b	HV
enf c	IU
enf d	XF
enf e	WG
enf f	SK
enf g	A^
enf h	C[
enf i	[C
enf j	ZD
enf l	HV
enf m	JT
enf n	YE
enf o	]B
enf p	UI
enf r	HV
enf s	LR
enf t	GW
enf u	XF
enf v	DZ
enf w	GW
enf y	TJ
enf,	KS
enf, 	KS
enf-	JT
enf.	KS
enf0	LR
enf0 	ZD
enf: 	RL
enf;	ZD
enf; 	ZD
enfad	B]
enfai	B]
enfal	MQ
enfam	SK
enfan	WG
enfar	VH
enfas	IU
enfat	[C
enfe	RL
enfe 	KS
enfeb	KS
enfec	B]
enfed	HV
enfee	]B
enfeg	UI
enfel	ZD
enfer	GW
enfes	QM
enfet	VH
enfew	KS
enff	MQ
enff 	MQ
enff,	>b
enff.	SK
enffe	QM
enffi	RL
enffl	SK
enffo	TJ
enffs	WG
enfic	QM
enfie	MQ
enfif	LR
enfig	KS
enfil	JT
enfir	LR
enfis	ZD
enfit	f:
enfiv	XF
enfix	UI
enfl	SK
enfla	QM
enfle	HV
enfli	MQ
enflo	VH
enflu	QM
enfly	IU
enfo	MQ
enfon	JT
enfoo	A^
enfor	LR
enfou	WG
enfr	TJ
enfra	VH
enfre	[C
enfri	HV
enfro	MQ
enfry	MQ
enfs	[C
enfs 	IU
enfsc	YE
enft	QM
enft,	ZD
enft.	FX
enfte	RL
enfts	d<
enfty	JT
enfun	KS
enfur	f:
enfus	HV
eng 	JT
eng &	ZD
eng (	HV
eng b	GW
eng c	ZD
eng d	JT
eng e	KS
eng f	MQ
eng g	VH
eng h	@_
eng i	ZD
eng k	DZ
eng l	WG
eng m	XF
eng n	TJ
eng o	KS
eng p	MQ
eng r	YE
eng s	MQ
eng t	<d
eng u	WG
eng w	SK
eng y	EY
eng |	f:
eng £	MQ
eng!	DZ
eng! 	DZ
eng"	DZ
eng" 	KS
eng",	GW
eng'	DZ
eng-	VH
eng.	QM
eng.e	RL
eng0	TJ
eng0 	TJ
eng:	QM
eng: 	QM
eng;	UI
eng; 	UI
enga	UI
engai	;e
engan	c=
engap	FX
engar	QM
engas	^A
engat	_@
engau	VH
engav	KS
engb	LR
engb 	c=
enge,	JT
enge.	KS
enge;	LR
enge?	DZ
enged	?a
engee	^A
engel	UI
engem	GW
engen	KS
engeo	B]
enger	_@
enges	XF
enget	KS
engf	YE
engge	XF
enggi	DZ
engh 	_@
engh,	[C
engh-	UI
engh.	KS
enghb	KS
enghe	MQ
engho	JT
enghs	QM
enght	KS
engi	IU
engie	FX
engif	VH
engil	JT
engin	LR
engis	UI
engiv	JT
engl	MQ
engla	VH
engle	JT
engli	B]
englo	IU
engly	VH
engma	RL
engn	IU
engn 	UI
engna	EY
engne	@_
engno	EY
engns	LR
engo	KS
engo 	[C
engoe	IU
engoi	HV
engol	>b
engon	UI
engoo	FX
engos	FX
engot	^A
engp	LR
engps	GW
engre	IU
engri	UI
engro	RL
engs	SK
engs 	]B
engs)	VH
engs,	TJ
engs.	LR
engs@	UI
engst	VH
engt	EY
ength	LR
engua	ZD
engue	KS
engui	WG
engul	QM
engun	QM
engur	B]
engus	MQ
engut	^A
enguy	C[
engw	MQ
engwe	JT
engwo	TJ
enh 	UI
enh (	GW
enh a	QM
enh b	WG
enh c	IU
enh d	MQ
enh e	HV
enh f	MQ
enh g	RL
enh h	MQ
enh l	JT
enh n	WG
enh o	a?
enh p	UI
enh r	MQ
enh s	RL
enh u	UI
enh v	YE
enh w	LR
enh y	RL
enh'	GW
enh' 	IU
enh's	IU
enh)	]B
enh) 	]B
enh,	QM
enh, 	QM
enh-	SK
enh. 	RL
enh.e	ZD
enh:	KS
enh: 	KS
enh;	a?
enh; 	a?
enh@	TJ
enha 	IU
enha,	B]
enhab	GW
enhad	9g
enhai	ZD
enham	a?
enhap	IU
enhat	IU
enhau	RL
enhav	RL
enhaw	LR
enhay	MQ
enhaz	VH
enhb	LR
enhba	QM
enhbr	KS
enhc	KS
enhd0	IU
enhe	LR
enhe 	IU
enhe'	IU
enhe.	KS
enhea	VH
enhec	QM
enhed	YE
enhee	VH
enhef	LR
enhel	LR
enhem	MQ
enhen	MQ
enhep	_@
enher	JT
enhes	SK
enhet	JT
enhew	@_
enhex	TJ
enhey	LR
enhf	KS
enhfu	GW
enhg	QM
enhga	QM
enhi 	5k
enhic	EY
enhid	SK
enhie	_@
enhig	A^
enhil	]B
enhim	SK
enhio	EY
enhip	UI
enhir	YE
enhis	DZ
enhit	KS
enhiv	UI
enhiy	EY
enhl	WG
enhm	GW
enhma	LR
enhmi	IU
enhn	MQ
enhni	MQ
enho 	RL
enhob	KS
enhod	RL
enhoe	TJ
enhoi	IU
enhol	]B
enhom	FX
enhoo	VH
enhop	]B
enhor	C[
enhos	MQ
enhot	EY
enhou	VH
enhow	8h
enhr.	KS
enhre	QM
enhrs	XF
enhru	c=
enhs	LR
enhs 	MQ
enhs,	JT
enhs.	IU
enht	KS
enht 	C[
enht.	MQ
enhte	JT
enhti	GW
enhts	_@
enhty	QM
enhu	SK
enhu 	^A
enhub	GW
enhug	VH
enhum	?a
enhun	ZD
enhur	TJ
enhus	B]
enhut	VH
enhw	B]
enhwa	IU
enhx	KS
enhx0	ZD
enhy 	VH
enhy.	DZ
eni 	MQ
eni (	LR
eni 0	VH
eni a	KS
eni b	VH
eni c	SK
eni d	UI
eni e	IU
eni f	TJ
eni h	MQ
eni j	DZ
eni k	^A
eni l	YE
eni m	WG
eni n	?a
eni p	EY
eni q	C[
eni r	MQ
eni s	=c
eni t	UI
eni u	IU
eni v	KS
eni w	LR
eni'	JT
eni'd	FX
eni'l	<d
eni'm	MQ
eni'v	[C
eni,	XF
eni, 	XF
eni-	DZ
eni-c	DZ
eni.	QM
eni. 	c=
enia 	a?
eniab	UI
eniag	[C
enial	QM
enian	IU
eniar	C[
eniat	[C
enib	C[
enibb	ZD
enibh	LR
enibl	<d
enic 	SK
enic.	;e
enica	MQ
enice	LR
enich	EY
enici	QM
enick	ZD
enicl	WG
enics	[C
enict	0p
enicy	XF
enid	JT
enid 	C[
enid"	RL
enid.	B]
enid:	UI
enida	TJ
enidd	VH
enidg	QM
enidi	UI
enidn	KS
enids	EY
enidy	>b
enie	B]
enie 	[C
enie,	KS
eniec	TJ
enied	<d
enief	QM
enien	IU
enier	RL
enies	VH
eniet	A^
eniew	EY
enif	QM
enife	FX
enifi	QM
enift	YE
enig 	KS
enig,	=c
enig.	FX
eniga	QM
enige	GW
enigg	RL
enigh	MQ
enign	MQ
enigu	KS
enik	IU
enike	IU
enil	ZD
enil 	C[
enil'	TJ
enil,	EY
enil.	XF
enila	WG
enilb	GW
enild	c=
enile	QM
enilf	KS
enili	JT
enilk	[C
enill	SK
enilm	TJ
eniln	RL
enilo	a?
enils	KS
enilt	SK
enilv	QM
enilw	TJ
enily	SK
enim	SK
enim 	MQ
enim,	_@
enim.	TJ
enima	RL
enimb	QM
enime	a?
enimm	SK
enimn	ZD
enimo	>b
enimp	FX
enims	DZ
enimu	QM
enin	KS
enin 	GW
enin"	FX
enin)	LR
enin,	MQ
enin-	GW
enin.	A^
enina	GW
eninc	]B
enind	HV
enine	SK
enini	ZD
enink	<d
eninl	UI
enint	TJ
eninu	@_
eniny	JT
enio	IU
enio 	KS
enioc	QM
enion	KS
enior	VH
eniou	C[
enip	WG
enip 	SK
enip'	IU
enip,	ZD
enipa	c=
enipe	VH
enipl	MQ
enipp	EY
enips	_@
enipt	TJ
eniq	YE
eniqu	VH
enir	RL
enir 	XF
enir)	HV
enir-	SK
enir.	@_
enira	QM
enirc	QM
enird	g9
enire	KS
eniri	GW
enirk	QM
enirl	DZ
enirm	QM
eniro	QM
enirr	b>
enirs	WG
eniry	C[
enis 	SK
enis,	EY
enis.	]B
enisa	EY
enisc	=c
enise	TJ
enisk	IU
enisl	h8
enisn	=c
eniso	SK
enist	LR
enit 	TJ
enit'	WG
enit,	h8
enit.	LR
enita	IU
enitc	RL
enite	IU
eniti	MQ
enitl	EY
enito	B]
enitr	XF
enits	QM
enitt	IU
enity	]B
eniu	TJ
enium	]B
enius	HV
eniv	MQ
eniva	C[
enive	QM
enivi	SK
enivo	A^
enix	TJ
enix 	KS
enix,	MQ
enix.	]B
enixe	YE
eniy	JT
eniya	GW
eniz	JT
enize	MQ
enj.	XF
enj. 	XF
enja	RL
enjac	KS
enjam	WG
enjan	RL
enjar	TJ
enjas	LR
enje	FX
enjea	HV
enjec	GW
enji	^A
enjim	^A
enjo 	IU
enjoa	ZD
enjob	QM
enjoi	FX
enjok	KS
enjor	[C
enjos	MQ
enjoy	QM
enju	TJ
enjul	XF
enjun	LR
enjus	UI
enk 	LR
enk (	LR
enk a	TJ
enk b	TJ
enk c	TJ
enk d	KS
enk e	MQ
enk g	<d
enk h	UI
enk i	MQ
enk k	QM
enk l	LR
enk m	>b
enk n	b>
enk o	YE
enk p	B]
enk r	YE
enk s	WG
enk t	GW
enk u	KS
enk w	VH
enk y	?a
enk |	d<
enk £	ZD
enk'	KS
enk'd	VH
enk's	@_
enk)	MQ
enk-	ZD
enk-i	ZD
enk.	KS
enk. 	LR
enk0	WG
enk0 	WG
enk:	IU
enk: 	IU
enk;	WG
enk; 	WG
enk?	>b
enk? 	>b
enk@	JT
enka	RL
enkaf	FX
enkan	WG
enkda	^A
enke.	MQ
enked	GW
enkee	YE
enkeh	JT
enkei	JT
enkel	UI
enken	TJ
enkep	@_
enkes	VH
enket	IU
enkev	RL
enkey	QM
enkf	MQ
enkfa	MQ
enkg	c=
enkg 	e;
enkid	DZ
enkin	JT
enkir	UI
enkl	FX
enkly	DZ
enkm	_@
enkm 	YE
enkne	C[
enkno	SK
enko	SK
enkon	MQ
enkor	TJ
enkr	RL
enks	QM
enks 	LR
enks,	YE
enks.	EY
enks;	ZD
enks@	]B
enkse	VH
enksg	c=
enksh	RL
enku	B]
enkw	[C
enkwe	_@
enkwo	[C
enky	FX
enky 	ZD
enky.	EY
enl 	LR
enl &	XF
enl -	WG
enl 0	LR
enl a	RL
enl b	WG
enl d	GW
enl e	j6
enl f	[C
enl g	RL
enl h	GW
enl i	JT
enl k	XF
enl l	VH
enl m	JT
enl n	JT
enl o	IU
enl p	KS
enl r	SK
enl s	<d
enl t	VH
enl u	YE
enl v	GW
enl w	IU
enl y	k5
enl |	VH
enl £	WG
enl"	XF
enl" 	a?
enl",	EY
enl)	QM
enl) 	SK
enl,	QM
enl, 	QM
enl-	VH
enl-o	b>
enl.	SK
enl. 	TJ
enl.e	KS
enl0	_@
enl0 	_@
enl:	LR
enl: 	LR
enl;	MQ
enl; 	MQ
enla 	TJ
enlac	HV
enlad	]B
enlag	a?
enlai	UI
enlam	JT
enlan	QM
enlap	JT
enlar	C[
enlas	IU
enlau	UI
enlaw	IU
enlay	^A
enlb	VH
enlb 	^A
enlb,	XF
enlby	FX
enlc	UI
enlch	TJ
enlco	WG
enlcu	IU
enld 	FX
enld,	SK
enld.	ZD
enlde	WG
enldi	MQ
enldn	LR
enldr	ZD
enlds	d<
enle'	KS
enle)	IU
enle,	SK
enle.	_@
enle;	^A
enlea	RL
enleb	KS
enlec	]B
enled	[C
enlee	FX
enlef	LR
enleg	EY
enlei	]B
enlem	B]
enlen	GW
enleo	UI
enler	MQ
enles	ZD
enlet	GW
enley	b>
enlf,	VH
enlf-	VH
enlf.	DZ
enlg	VH
enlga	^A
enlh	KS
enlha	WG
enlho	DZ
enli	MQ
enli 	HV
enlia	VH
enlic	QM
enlid	RL
enlie	HV
enlif	b>
enlig	ZD
enlik	A^
enlil	C[
enlim	WG
enlio	RL
enlip	FX
enlis	EY
enlit	RL
enlk	GW
enlk 	JT
enlk,	WG
enlk-	a?
enlk.	JT
enlke	@_
enlki	@_
enll 	GW
enll"	SK
enll'	WG
enll,	ZD
enll-	VH
enll;	SK
enlla	TJ
enlle	VH
enllh	A^
enllm	C[
enllo	HV
enllp	^A
enlls	TJ
enllw	QM
enlly	^A
enlm 	XF
enlm,	QM
enlmo	@_
enlms	UI
enln	XF
enln,	ZD
enln.	EY
enln0	UI
enlns	UI
enlnu	XF
enlo 	EY
enlo,	EY
enlo.	DZ
enlo@	d<
enloa	DZ
enloc	WG
enlod	VH
enlog	FX
enloi	^A
enlok	UI
enlol	UI
enlom	]B
enlon	YE
enlor	MQ
enlos	RL
enlot	EY
enlou	JT
enlov	KS
enlow	QM
enlp 	UI
enlr	QM
enlre	UI
enls	TJ
enls 	QM
enls,	LR
enls.	RL
enls?	IU
enls@	f:
enlse	UI
enlsh	GW
enlso	b>
enlst	MQ
enlt	XF
enlt 	_@
enlt.	EY
enltd	WG
enlte	B]
enltm	WG
enlto	RL
enltr	ZD
enlts	KS
enltu	RL
enltz	QM
enlu	ZD
enlua	KS
enlub	QM
enlud	TJ
enlue	SK
enlug	RL
enlui	A^
enlun	SK
enlur	@_
enlus	_@
enlut	WG
enlv	JT
enlve	JT
enlwo	VH
enlwy	HV
enly	LR
enly!	IU
enly)	KS
enly,	IU
enlyl	DZ
enm 	LR
enm "	QM
enm $	XF
enm (	WG
enm 0	IU
enm a	MQ
enm b	TJ
enm c	RL
enm e	ZD
enm f	JT
enm g	]B
enm h	JT
enm i	FX
enm k	JT
enm l	FX
enm m	KS
enm n	JT
enm o	UI
enm p	XF
enm r	YE
enm s	TJ
enm t	=c
enm u	RL
enm v	VH
enm w	YE
enm y	KS
enm |	LR
enm £	t,
enm –	j6
enm €	VH
enm'	GW
enm's	GW
enm)	ZD
enm,	GW
enm, 	GW
enm-	b>
enm-0	VH
enm.e	[C
enm0	i7
enm0 	ZD
enm:	MQ
enm: 	MQ
enm;	VH
enm; 	VH
enma	QM
enma 	LR
enma,	WG
enmad	RL
enmae	A^
enmag	JT
enmai	MQ
enmak	SK
enmal	XF
enman	QM
enmap	>b
enmas	KS
enmat	RL
enmau	B]
enmax	[C
enmay	KS
enmb	JT
enmb 	YE
enmbe	IU
enmbl	b>
enmbo	IU
enmbr	TJ
enmbs	@_
enme	QM
enme"	A^
enme)	ZD
enme,	^A
enme-	RL
enme:	EY
enmea	GW
enmeb	TJ
enmed	B]
enmel	HV
enmem	^A
enmen	^A
enmeo	UI
enmer	SK
enmet	IU
enmew	JT
enmi	FX
enmi 	SK
enmi,	LR
enmic	C[
enmid	MQ
enmig	>b
enmil	c=
enmin	?a
enmir	UI
enmis	MQ
enmit	FX
enmix	GW
enmm	EY
enmm,	XF
enmma	EY
enmme	MQ
enmmi	B]
enmmo	LR
enmmu	MQ
enmn	IU
enmn 	KS
enmne	ZD
enmob	FX
enmod	XF
enmog	DZ
enmok	WG
enmol	]B
enmon	QM
enmoo	UI
enmos	YE
enmp	RL
enmp 	VH
enmpa	SK
enmpi	UI
enmpo	TJ
enmps	b>
enmpu	RL
enmr	IU
enmr.	SK
enmrs	=c
enms	RL
enms 	SK
enms,	VH
enmse	QM
enmsi	HV
enmst	MQ
enmu	LR
enmuc	TJ
enmud	ZD
enmum	>b
enmur	FX
enmus	LR
enmy	A^
enmy 	A^
enmy,	HV
enmys	TJ
enn 	MQ
enn $	e;
enn (	UI
enn -	A^
enn /	[C
enn a	YE
enn b	IU
enn c	C[
enn d	XF
enn e	DZ
enn f	MQ
enn g	XF
enn h	YE
enn i	HV
enn j	>b
enn k	DZ
enn l	QM
enn m	VH
enn n	JT
enn o	IU
enn q	A^
enn r	RL
enn s	QM
enn t	YE
enn u	HV
enn v	KS
enn w	[C
enn |	DZ
enn £	TJ
enn –	SK
enn"	A^
enn" 	GW
enn",	FX
enn's	XF
enn't	JT
enn)	DZ
enn) 	GW
enn),	KS
enn).	RL
enn,	RL
enn, 	RL
enn-	IU
enn-f	MQ
enn-l	GW
enn.	IU
enn. 	IU
enn.e	TJ
enn/	MQ
enn0	[C
enn0 	YE
enn:	IU
enn: 	IU
enn;	QM
enn; 	QM
enn?	EY
enn? 	EY
enn@	ZD
enn@t	YE
enna	LR
enna,	DZ
ennab	]B
ennad	ZD
ennag	a?
ennah	DZ
ennai	MQ
ennal	LR
ennam	A^
ennan	QM
ennar	d<
ennas	^A
ennav	RL
ennb	^A
ennby	]B
ennc	TJ
ennch	YE
ennci	RL
enncl	TJ
ennco	XF
enncu	EY
enncy	HV
ennd	QM
ennd 	TJ
ennd"	VH
ennd'	TJ
ennd-	FX
ennd.	TJ
ennda	GW
enndd	RL
enndf	[C
enndi	QM
enndl	FX
enndm	]B
enndo	QM
enndp	LR
enndr	KS
ennds	WG
enndu	HV
enndw	IU
enndy	C[
enne	SK
enne 	QM
enne"	HV
enne'	B]
enne)	[C
enne.	QM
enne:	UI
enne@	FX
ennea	B]
enned	UI
ennee	MQ
enneg	YE
ennei	KS
ennel	KS
ennem	HV
ennen	h8
ennep	@_
enneq	C[
enner	XF
ennes	EY
ennet	WG
ennev	TJ
ennew	IU
ennex	MQ
enney	IU
ennf	KS
ennfi	JT
ennfu	DZ
enng!	DZ
enng"	DZ
enng-	VH
enng.	UI
enng:	QM
enng;	QM
ennga	IU
ennge	QM
enngf	YE
enngi	MQ
enngl	B]
enngr	YE
enngs	RL
enngt	EY
enngu	IU
ennh	b>
ennha	a?
ennho	RL
enni	YE
enni 	B]
ennia	EY
ennic	RL
ennif	RL
ennig	[C
ennim	JT
ennio	]B
ennis	WG
ennit	[C
enniu	ZD
ennj	SK
ennk	@_
ennk 	LR
ennk.	JT
ennki	>b
ennks	@_
ennl	KS
ennla	WG
ennle	KS
ennli	EY
ennlo	KS
ennme	B]
ennmo	]B
ennn	UI
ennn 	KS
ennn.	YE
ennna	TJ
ennne	TJ
ennni	LR
ennno	TJ
ennnu	^A
enno	GW
enno 	FX
enno,	;e
enno.	WG
ennoa	^A
ennob	TJ
ennoc	XF
ennoe	FX
ennoi	RL
ennol	EY
ennon	MQ
ennoo	JT
ennor	QM
ennot	KS
ennou	EY
ennov	HV
ennow	RL
ennp	XF
ennq	FX
ennqu	FX
ennr	TJ
ennri	VH
enns	RL
enns 	WG
enns"	QM
enns,	A^
enns:	XF
ennsa	RL
ennsc	DZ
ennsh	^A
ennsi	GW
ennsk	QM
ennsp	^A
ennst	LR
ennsu	YE
ennt	JT
ennt 	FX
ennt,	VH
ennt:	SK
ennt?	B]
ennte	FX
ennth	WG
ennti	LR
enntl	=c
enntm	e;
ennto	LR
enntr	UI
ennts	GW
ennty	WG
ennu	LR
ennue	RL
ennum	DZ
ennur	g9
ennus	HV
ennut	EY
ennv	HV
ennve	GW
ennvi	KS
ennvo	QM
ennw	C[
ennw 	IU
ennwi	FX
ennwo	MQ
enny	SK
enny 	MQ
enny,	WG
enny.	LR
ennyb	YE
ennym	RL
ennyo	_@
ennyt	EY
ennyw	JT
enn–	MQ
enn–f	JT
enn–t	XF
enn”	GW
enn” 	GW
eno "	WG
eno (	_@
eno 0	^A
eno a	FX
eno b	TJ
eno c	MQ
eno d	JT
eno e	QM
eno f	FX
eno g	IU
eno h	FX
eno i	LR
eno j	<d
eno k	QM
eno l	LR
eno n	a?
eno o	C[
eno p	MQ
eno r	EY
eno s	TJ
eno t	VH
eno v	LR
eno y	[C
eno £	WG
eno –	FX
eno'	>b
eno's	@_
eno,	EY
eno, 	EY
eno-	TJ
eno:	XF
eno: 	XF
eno?	FX
eno? 	FX
eno@	_@
eno@l	WG
eno@s	YE
enoa	SK
enoac	TJ
enoad	IU
enoak	WG
enoal	HV
enoan	^A
enoar	WG
enoas	f:
enoat	FX
enob	HV
enob 	IU
enob,	WG
enoba	RL
enobb	TJ
enobe	MQ
enobi	A^
enobj	B]
enobl	@_
enobo	TJ
enobs	YE
enobv	EY
enoc	a?
enoca	a?
enocc	ZD
enoce	QM
enoch	_@
enoci	VH
enock	XF
enoct	SK
enod	QM
enod 	>b
enod,	VH
enod.	WG
enoda	SK
enodd	a?
enode	QM
enodi	FX
enods	QM
enodu	EY
enodw	UI
enody	UI
enoe	MQ
enoe 	UI
enoe.	@_
enoes	TJ
enoev	_@
enof	QM
enof.	FX
enofe	QM
enofs	UI
enoft	SK
enog,	_@
enog.	JT
enoge	KS
enogi	FX
enogo	FX
enogr	WG
enogs	LR
enogu	LR
enoh	KS
enoh 	KS
enoi	HV
enoic	KS
enoif	B]
enoir	KS
enois	XF
enok	SK
enok'	VH
enok,	FX
enok.	IU
enok:	?a
enoka	EY
enoki	SK
enoko	[C
enol	QM
enol,	HV
enold	KS
enole	g9
enoli	UI
enolk	TJ
enolo	@_
enols	SK
enolt	QM
enolu	MQ
enolv	LR
enoly	UI
enom	LR
enom 	KS
enom,	A^
enoma	IU
enomb	^A
enome	UI
enomi	HV
enomm	DZ
enoms	WG
enon 	IU
enon"	GW
enon'	B]
enon.	JT
enon:	FX
enona	XF
enonc	^A
enone	TJ
enonf	C[
enong	ZD
enoni	VH
enonk	]B
enonn	HV
enono	A^
enons	A^
enonv	IU
enon–	MQ
enoo	TJ
enoo 	j6
enoo.	LR
enood	MQ
enoof	TJ
enook	JT
enool	QM
enoom	UI
enoon	FX
enoop	SK
enoor	TJ
enoos	GW
enop	UI
enop 	JT
enop,	C[
enop-	TJ
enop.	^A
enope	RL
enopi	MQ
enopo	<d
enopp	_@
enops	VH
enopy	A^
enor 	HV
enor'	RL
enor)	ZD
enor.	IU
enora	FX
enorb	RL
enorc	KS
enord	GW
enore	UI
enorf	HV
enorg	[C
enori	m3
enork	_@
enorm	EY
enorn	LR
enoro	MQ
enorp	FX
enorr	C[
enors	[C
enort	LR
enorv	UI
enorw	ZD
enory	SK
enos	MQ
enos,	JT
enosa	QM
enosi	B]
enosp	MQ
enoss	HV
enost	KS
enosy	QM
enot	HV
enot,	UI
enot.	TJ
enota	<d
enotb	A^
enote	MQ
enoth	MQ
enoti	<d
enoto	GW
enott	VH
enou 	UI
enou'	JT
enou:	IU
enou?	?a
enoub	ZD
enouc	MQ
enoud	JT
enoug	MQ
enoul	JT
enoun	QM
enoup	MQ
enour	GW
enous	TJ
enov	KS
enov 	SK
enova	XF
enove	FX
enovi	QM
enow	KS
enow 	LR
enow)	UI
enow,	MQ
enow:	IU
enow;	MQ
enowa	DZ
enowb	UI
enowd	MQ
enowe	MQ
enowi	:f
enown	VH
enowr	YE
enows	WG
enox	XF
enox 	_@
enox.	IU
enoxb	KS
enoxe	MQ
enoxi	HV
enoy	QM
enoy 	FX
enoyl	RL
enoys	[C
enoz	MQ
enoz 	[C
enoze	SK
enp 	MQ
enp /	WG
enp a	SK
enp d	=c
enp e	JT
enp f	HV
enp h	SK
enp i	KS
enp l	JT
enp m	KS
enp p	A^
enp r	TJ
enp s	YE
enp t	UI
enp u	LR
enp |	JT
enp £	UI
enp!	YE
enp'	LR
enp's	LR
enp)	DZ
enp) 	DZ
enp,	TJ
enp, 	TJ
enp-u	GW
enp. 	WG
enp:	DZ
enp: 	DZ
enp;	WG
enp; 	WG
enpa 	LR
enpac	DZ
enpad	b>
enpag	5k
enpai	XF
enpal	]B
enpan	TJ
enpap	DZ
enpar	RL
enpas	=c
enpau	a?
enpav	QM
enpd	>b
enpda	A^
enpdf	B]
enpe	TJ
enpe,	TJ
enpe.	EY
enpea	@_
enpec	LR
enpeg	c=
enpel	RL
enpes	YE
enpew	a?
enph	IU
enph 	XF
enph,	RL
enpha	KS
enphe	?a
enphi	LR
enpho	IU
enphs	EY
enpia	UI
enpic	HV
enpie	KS
enpik	b>
enpil	SK
enpin	EY
enpip	JT
enpl 	VH
enpl0	RL
enpla	UI
enpli	KS
enplo	]B
enpls	KS
enplu	ZD
enply	>b
enpm	XF
enpm,	VH
enpm.	f:
enpm;	VH
enpo	UI
enpo 	]B
enpoi	a?
enpok	FX
enpol	WG
enpon	c=
enpoo	YE
enpop	@_
enpor	UI
enpos	=c
enpot	RL
enpou	QM
enpow	MQ
enpp	ZD
enpp 	a?
enpp.	ZD
enppa	SK
enppe	FX
enppi	TJ
enppl	KS
enppo	WG
enppr	XF
enppy	^A
enpr	SK
enpra	HV
enpre	d<
enpri	C[
enpro	XF
enpru	_@
enps	RL
enps 	SK
enps,	TJ
enps.	TJ
enpse	C[
enpst	SK
enpt 	JT
enpt,	IU
enpta	LR
enpte	ZD
enpti	[C
enpul	WG
enpum	]B
enpun	DZ
enpup	QM
enpur	b>
enpus	A^
enput	DZ
enpw	TJ
enpy	WG
enpy 	WG
enqt	VH
enqt 	TJ
enqu	KS
enque	DZ
enqui	HV
enquo	RL
enqx	SK
enqx0	SK
enr 	TJ
enr "	HV
enr &	WG
enr (	TJ
enr 0	KS
enr a	a?
enr b	SK
enr c	HV
enr d	HV
enr f	UI
enr g	XF
enr h	MQ
enr i	SK
enr j	g9
enr k	ZD
enr l	QM
enr m	KS
enr n	QM
enr o	SK
enr q	HV
enr r	KS
enr s	UI
enr u	@_
enr v	FX
enr w	JT
enr y	KS
enr |	FX
enr –	QM
enr!	IU
enr! 	IU
enr"	FX
enr" 	DZ
enr".	DZ
enr'	KS
enr's	KS
enr)	IU
enr) 	B]
enr),	QM
enr).	MQ
enr,	RL
enr, 	RL
enr-	UI
enr-0	^A
enr-e	[C
enr-i	GW
enr.	HV
enr. 	IU
enr."	;e
enr0	^A
enr0 	^A
enr:	JT
enr: 	JT
enr;	LR
enr; 	LR
enr?	UI
enr? 	EY
enr@	RL
enra	ZD
enra 	TJ
enra,	HV
enra.	JT
enrab	h8
enrac	FX
enrad	RL
enrag	[C
enrai	MQ
enral	WG
enram	f:
enran	FX
enrap	XF
enras	[C
enrau	XF
enrav	VH
enraw	KS
enray	RL
enrb	TJ
enrbe	WG
enrbi	TJ
enrbo	RL
enrbr	]B
enrby	TJ
enrc	JT
enrca	ZD
enrce	LR
enrci	JT
enrco	DZ
enrcu	B]
enrd	UI
enrd 	JT
enrd'	DZ
enrd,	WG
enrd.	XF
enrda	VH
enrdb	JT
enrde	QM
enrdi	MQ
enrdl	a?
enrdr	VH
enrds	JT
enrdu	JT
enre	MQ
enre 	UI
enre'	WG
enre,	QM
enre-	f:
enre.	EY
enre?	FX
enre@	VH
enrea	DZ
enrec	LR
enred	GW
enree	QM
enref	UI
enreg	GW
enreh	XF
enrek	GW
enrel	UI
enrem	LR
enrep	_@
enreq	B]
enrer	?a
enres	LR
enrev	JT
enrew	^A
enrey	JT
enrf	d<
enrf,	UI
enrfl	^A
enrga	RL
enrge	QM
enrgi	>b
enrgo	QM
enrgu	=c
enrh	GW
enrha	IU
enrhe	a?
enri	VH
enri 	UI
enri,	WG
enria	MQ
enrib	MQ
enric	@_
enrie	KS
enrig	EY
enril	UI
enrim	[C
enrin	XF
enrio	LR
enris	RL
enrit	a?
enriz	IU
enrj	TJ
enrjo	TJ
enrk	UI
enrk 	IU
enrk,	JT
enrk.	TJ
enrk?	A^
enrkd	LR
enrke	DZ
enrki	a?
enrks	XF
enrkw	_@
enrl	MQ
enrla	QM
enrle	QM
enrli	VH
enrlo	ZD
enrly	B]
enrm	RL
enrm 	HV
enrm,	WG
enrm.	^A
enrma	b>
enrme	KS
enrmi	DZ
enrmo	]B
enrms	_@
enrn	RL
enrn 	^A
enrn,	JT
enrn.	_@
enrnb	SK
enrne	YE
enrni	FX
enrno	>b
enrns	l4
enro 	VH
enroa	QM
enrob	KS
enroc	]B
enrod	LR
enrof	QM
enrog	]B
enrok	LR
enrol	[C
enrom	IU
enron	QM
enroo	SK
enror	B]
enros	B]
enrou	RL
enrov	UI
enroz	IU
enrp	i7
enrpe	_@
enrph	ZD
enrpr	a?
enrps	UI
enrq	C[
enrqu	C[
enrr	RL
enrr 	YE
enrr,	_@
enrra	^A
enrre	KS
enrri	SK
enrro	KS
enrry	EY
enrs 	KS
enrs!	QM
enrs'	YE
enrs)	HV
enrs.	UI
enrs:	QM
enrs?	GW
enrs@	YE
enrsa	UI
enrsb	[C
enrsd	RL
enrse	UI
enrsh	QM
enrsi	GW
enrso	MQ
enrst	KS
enrt 	IU
enrt,	TJ
enrt.	LR
enrta	B]
enrte	]B
enrth	SK
enrti	GW
enrtl	TJ
enrtn	GW
enrto	?a
enrts	m3
enrtu	WG
enrty	MQ
enru	KS
enru 	i7
enrua	IU
enruc	]B
enrud	IU
enrue	SK
enrug	LR
enrui	YE
enrul	EY
enrum	QM
enrun	QM
enrus	DZ
enrv	SK
enrve	YE
enrvi	KS
enrw	YE
enrwa	d<
enrwe	B]
enrwi	c=
enrwo	QM
enry	QM
enry 	RL
enry'	@_
enry)	FX
enry,	QM
enry-	WG
enry:	]B
enry;	WG
enry@	b>
enryb	?a
enryc	VH
enryo	@_
enryt	ZD
enryw	HV
ens 	QM
ens $	VH
ens &	HV
ens (	JT
ens +	b>
ens -	_@
ens 0	EY
ens a	WG
ens b	KS
ens c	UI
ens d	HV
ens e	MQ
ens f	SK
ens g	VH
ens h	^A
ens i	KS
ens j	[C
ens k	XF
ens m	e;
ens n	UI
ens o	FX
ens p	QM
ens q	SK
ens r	HV
ens s	YE
ens t	JT
ens u	IU
ens v	TJ
ens w	TJ
ens y	IU
ens |	IU
ens £	SK
ens ·	MQ
ens –	KS
ens €	RL
ens!	HV
ens! 	=c
ens!!	QM
ens"	QM
ens" 	QM
ens'	SK
ens' 	TJ
ens)	MQ
ens) 	GW
ens),	HV
ens).	c=
ens,	QM
ens, 	RL
ens-	[C
ens. 	RL
ens.)	B]
ens.e	EY
ens:	[C
ens: 	[C
ens;	[C
ens; 	[C
ens?	;e
ens? 	<d
ens@	b>
ens@a	WG
ens@b	ZD
ens@f	f:
ens@g	WG
ens@h	[C
ens@q	LR
ens@s	ZD
ens@t	UI
ens@w	ZD
ensa	JT
ensa 	?a
ensa,	YE
ensad	VH
ensag	QM
ensai	KS
ensal	]B
ensan	TJ
ensap	>b
ensar	HV
ensas	LR
ensat	]B
ensav	>b
ensaw	a?
ensax	SK
ensay	4l
ensb	RL
ensba	B]
ensby	RL
ensc	WG
ensc 	_@
ensca	WG
ensch	RL
ensco	MQ
enscr	LR
enscu	=c
ensd	WG
ensda	WG
ense 	B]
ense.	IU
ense:	[C
ense?	B]
ensea	YE
ensec	JT
ensed	ZD
ensee	MQ
enseh	XF
ensel	SK
ensem	RL
ensen	IU
ensep	UI
enser	RL
enses	^A
enset	DZ
enseu	ZD
ensev	RL
ensew	YE
ensg	QM
ensgi	c=
ensgr	KS
ensh 	MQ
ensh'	JT
ensh,	GW
ensh.	?a
ensha	TJ
enshe	JT
enshi	QM
enshl	JT
enshm	IU
enshr	JT
enshu	UI
ensi	KS
ensia	SK
ensib	B]
ensic	UI
ensid	YE
ensie	A^
ensig	UI
ensil	MQ
ensim	LR
ensin	HV
ensio	DZ
ensir	;e
ensis	HV
ensiv	DZ
ensix	QM
ensk	MQ
ensk 	LR
ensk,	XF
ensk.	SK
ensk0	UI
enske	RL
enski	MQ
ensks	@_
ensky	EY
ensl	TJ
ensla	XF
enslo	[C
enslu	A^
ensly	EY
ensm	YE
ensma	WG
ensme	YE
ensmi	HV
ensmo	WG
ensn	KS
ensn'	KS
ensna	VH
ensne	JT
ensno	UI
enso	JT
enso 	JT
enso.	RL
ensob	C[
ensoc	]B
ensof	LR
ensoi	SK
ensol	VH
ensom	JT
enson	JT
ensoo	ZD
ensor	@_
ensou	IU
enspa	TJ
enspe	B]
enspi	MQ
enspl	d<
enspo	a?
enspr	KS
ensps	MQ
enspu	VH
ensq	ZD
ensqu	YE
ensr	IU
enss 	MQ
enss.	MQ
enss:	JT
enssa	WG
ensse	XF
enssi	KS
enssl	FX
ensso	QM
enssu	UI
enssw	DZ
enst	WG
enst 	MQ
enst,	=c
enst-	C[
enst.	]B
enst;	IU
ensta	SK
enste	VH
ensti	JT
enstl	VH
enstm	KS
ensto	ZD
enstr	XF
ensts	A^
enstu	DZ
ensty	[C
ensu	UI
ensua	ZD
ensue	VH
ensui	ZD
ensum	LR
ensun	QM
ensup	B]
ensur	[C
ensw	GW
enswa	QM
enswe	HV
enswi	QM
enswo	GW
ensyc	LR
ent 	EY
ent "	XF
ent &	e;
ent (	DZ
ent 0	LR
ent b	MQ
ent c	WG
ent d	KS
ent e	KS
ent f	SK
ent g	JT
ent i	KS
ent j	QM
ent m	IU
ent o	TJ
ent p	B]
ent q	A^
ent r	C[
ent s	WG
ent u	DZ
ent v	DZ
ent y	MQ
ent |	QM
ent £	FX
ent ·	JT
ent –	a?
ent €	YE
ent!	=c
ent! 	=c
ent"	DZ
ent" 	GW
ent'	QM
ent's	QM
ent) 	JT
ent),	WG
ent).	LR
ent,	TJ
ent, 	TJ
ent-	IU
ent-o	MQ
ent-s	LR
ent.	MQ
ent. 	MQ
ent."	LR
ent.)	C[
ent.e	c=
ent0	FX
ent:	KS
ent: 	KS
ent;	FX
ent; 	FX
ent?	C[
ent? 	C[
ent@	YE
enta	KS
enta 	ZD
enta,	IU
entab	A^
entac	C[
entai	MQ
entak	XF
ental	A^
entan	WG
entap	C[
entar	UI
entas	LR
entat	TJ
entax	ZD
entb	>b
entbc	A^
entc	RL
entch	RL
entd	TJ
entd 	WG
entd,	UI
entd.	IU
ente 	LR
ente)	XF
ente,	A^
ente.	GW
ente:	<d
ente?	GW
entea	XF
entec	_@
entel	UI
entem	TJ
enten	KS
entep	RL
enter	QM
entes	LR
entev	B]
entew	SK
entex	RL
entf	SK
entfi	SK
enth	MQ
enth 	QM
enth'	IU
enth,	SK
enth.	KS
entha	LR
enthf	GW
enthi	GW
enthl	WG
entho	WG
enthr	TJ
enths	UI
enthu	QM
enthw	KS
enthy	LR
enti	RL
entia	C[
entic	MQ
entid	QM
entie	[C
entif	SK
entig	:f
entil	JT
entim	QM
entin	WG
entio	SK
entip	ZD
entiq	VH
entir	MQ
entis	KS
entit	IU
entiv	YE
entl	QM
entlo	QM
ently	WG
entm	TJ
entma	LR
entme	XF
entn	VH
entne	e;
entni	ZD
ento	JT
ento 	RL
ento,	JT
ento.	RL
entoc	A^
entod	XF
entok	QM
entol	;e
entom	HV
enton	IU
entor	MQ
entos	FX
entov	VH
entow	a?
entoy	A^
entp	TJ
entr	SK
entra	RL
entre	YE
entri	GW
entro	MQ
entry	LR
ents	SK
ents 	VH
ents)	JT
ents,	TJ
ents;	RL
ents?	HV
ents@	^A
entse	?a
entsi	SK
entsm	ZD
entt	TJ
entt 	VH
entt,	JT
entt.	TJ
entta	SK
entte	HV
entti	p0
enttl	JT
entto	<d
enttr	LR
entty	KS
entu	KS
entua	XF
entuc	8h
entuf	JT
entum	WG
entun	WG
entur	HV
entut	QM
entwi	QM
entwo	VH
enty	WG
enty 	WG
enty,	^A
enty-	_@
enty.	ZD
entyl	MQ
entyp	C[
entz	QM
enu 	VH
enu 0	c=
enu c	]B
enu d	SK
enu f	FX
enu g	UI
enu i	C[
enu k	[C
enu l	b>
enu m	RL
enu n	TJ
enu o	FX
enu p	[C
enu r	]B
enu t	B]
enu w	e;
enu'	JT
enu'd	TJ
enu'l	FX
enu'r	C[
enu.	IU
enu. 	MQ
enu.”	EY
enu:	IU
enu: 	IU
enu?	?a
enu? 	?a
enua	TJ
enuad	B]
enuag	IU
enual	^A
enuan	GW
enuar	WG
enuat	KS
enuay	GW
enub	QM
enub 	LR
enub-	FX
enubl	VH
enubr	QM
enubs	a?
enuc	GW
enuch	LR
enuck	FX
enud	FX
enud 	XF
enudd	QM
enude	HV
enudg	A^
enudh	EY
enudm	ZD
enue 	XF
enue,	C[
enue-	TJ
enue.	YE
enueb	^A
enued	C[
enuee	WG
enuen	QM
enues	HV
enuf	MQ
enuff	MQ
enug	TJ
enug 	b>
enuga	RL
enuge	TJ
enugg	?a
enugu	RL
enuh	[C
enuhr	SK
enui	LR
enuic	A^
enuid	MQ
enuie	GW
enuil	a?
enuin	B]
enuk	ZD
enul 	DZ
enul.	ZD
enula	[C
enuld	EY
enule	GW
enulg	GW
enull	RL
enuls	UI
enult	VH
enuly	SK
enum	IU
enum'	HV
enum,	HV
enumb	FX
enume	UI
enumm	LR
enumn	FX
enump	YE
enums	B]
enun	WG
enun 	TJ
enuna	KS
enung	^A
enuni	YE
enunk	QM
enunl	GW
enunm	MQ
enunn	IU
enuo	RL
enuot	UI
enup	LR
enup 	VH
enup,	UI
enup.	QM
enupd	A^
enuph	XF
enupi	KS
enupl	DZ
enupp	FX
enupr	MQ
enur	QM
enur 	UI
enur,	YE
enur-	SK
enur.	ZD
enura	B]
enurb	UI
enurc	MQ
enure	HV
enurg	FX
enuri	IU
enurl	RL
enurn	UI
enurp	]B
enurr	HV
enurs	?a
enurt	WG
enurv	[C
enury	b>
enus	KS
enus 	KS
enus"	GW
enus,	C[
enus.	YE
enus;	UI
enusa	RL
enusb	B]
enusc	ZD
enuse	VH
enusk	ZD
enusl	EY
enuss	@_
enust	B]
enusu	b>
enut,	HV
enut-	FX
enut.	MQ
enute	KS
enutf	SK
enuth	KS
enutl	_@
enuto	TJ
enutt	VH
enutu	HV
enuy 	[C
enuya	HV
enuye	FX
enuz	MQ
env 	VH
env a	WG
env c	VH
env t	KS
env,	JT
env, 	JT
env0	MQ
enva	SK
enva 	HV
envac	SK
enval	B]
envan	UI
envar	MQ
envat	f:
envd	SK
envd 	SK
enve	IU
enve 	LR
enve"	HV
enve,	VH
enve.	b>
envec	KS
envel	SK
envem	?a
enven	C[
enver	RL
enves	RL
envet	QM
envey	QM
envi	IU
envic	RL
envid	MQ
envie	EY
envil	QM
envin	FX
envio	EY
envis	QM
envit	IU
envo	B]
envoi	KS
envol	TJ
envor	HV
envos	JT
envu	GW
envul	GW
envy	DZ
envy 	DZ
enw 0	XF
enw a	B]
enw c	_@
enw d	XF
enw e	XF
enw g	XF
enw h	LR
enw i	VH
enw l	[C
enw m	4l
enw n	A^
enw o	a?
enw p	C[
enw r	EY
enw s	c=
enw t	9g
enw w	RL
enw'	RL
enw's	RL
enw)	YE
enw) 	VH
enw,	LR
enw, 	LR
enw.	KS
enw. 	JT
enw.e	ZD
enw/ 	HV
enw0	ZD
enw0 	[C
enw:	IU
enw: 	IU
enw;	MQ
enw; 	MQ
enw@	EY
enwa	JT
enwag	ZD
enwai	UI
enwal	ZD
enwan	JT
enwap	GW
enwar	EY
enwas	HV
enwat	TJ
enwb	VH
enwby	UI
enwd	HV
enwda	IU
enwe	VH
enwe 	^A
enwe'	UI
enwe.	a?
enwea	YE
enweb	=c
enwed	RL
enwee	UI
enwei	IU
enwen	HV
enwer	HV
enwes	=c
enwet	WG
enwex	YE
enwf	ZD
enwh	LR
enwha	IU
enwhe	UI
enwhi	DZ
enwho	SK
enwhy	XF
enwi 	YE
enwic	YE
enwid	ZD
enwif	B]
enwil	MQ
enwim	QM
enwin	EY
enwir	GW
enwis	GW
enwit	RL
enwk 	c=
enwks	SK
enwl	XF
enwl 	WG
enwls	XF
enwm	WG
enwmi	YE
enwn 	UI
enwn,	WG
enwn.	>b
enwne	UI
enwnl	C[
enwns	DZ
enwo 	]B
enwo,	b>
enwo.	B]
enwob	FX
enwom	YE
enwon	EY
enwoo	QM
enwou	C[
enwra	b>
enwre	KS
enwri	RL
enws	RL
enws 	d<
enws.	?a
enwsp	?a
enww	GW
enww.	GW
enwww	GW
enwy	UI
enwye	]B
enx 	KS
enx 0	IU
enx a	c=
enx b	YE
enx f	b>
enx h	MQ
enx i	WG
enx o	FX
enx |	]B
enx,	HV
enx, 	HV
enx.	TJ
enx. 	TJ
enx0 	UI
enx00	EY
enx@	HV
enxa	YE
enxam	YE
enxb	UI
enxbl	KS
enxby	_@
enxc	TJ
enxce	IU
enxch	[C
enxe	ZD
enxed	RL
enxes	LR
enxin	KS
enxis	XF
enxl	XF
enxle	UI
enxm	EY
enxma	HV
enxpl	JT
enxt	LR
enxt 	TJ
enxtr	GW
enxty	MQ
enxx	[C
eny 	RL
eny "	RL
eny &	]B
eny '	?a
eny (	LR
eny 0	c=
eny a	EY
eny b	QM
eny d	MQ
eny e	KS
eny f	KS
eny h	XF
eny i	TJ
eny j	EY
eny k	KS
eny l	YE
eny m	HV
eny n	MQ
eny o	RL
eny q	SK
eny r	VH
eny s	WG
eny t	QM
eny u	A^
eny v	^A
eny w	MQ
eny y	A^
eny |	QM
eny £	f:
eny –	VH
eny!	C[
eny!!	C[
eny"	C[
eny" 	GW
eny'	IU
eny'r	_@
eny's	DZ
eny'v	EY
eny)	EY
eny) 	JT
eny),	FX
eny,	IU
eny, 	IU
eny-	YE
eny-o	XF
eny.	KS
eny. 	IU
eny.e	a?
eny0	WG
eny:	LR
eny: 	LR
eny;	QM
eny; 	QM
eny?	GW
eny? 	GW
eny@	b>
enya	GW
enya 	EY
enya,	HV
enyan	FX
enyb	KS
enybe	C[
enyc	YE
enyce	XF
enycl	XF
enyd	FX
enye	XF
enye 	RL
enye.	LR
enyea	[C
enyel	8h
enyem	JT
enyer	UI
enyes	VH
enyet	LR
enyi	ZD
enyin	ZD
enyl	JT
enyle	EY
enyli	VH
enym	RL
enyma	[C
enyme	B]
enymo	RL
enyn	LR
enyn 	RL
enyo	QM
enyo 	YE
enyon	RL
enyor	[C
enyou	KS
enyp	DZ
enype	FX
enypi	EY
enyr	XF
enyr 	^A
enyr,	WG
enyre	LR
enyrs	YE
enys	UI
enys 	LR
enys,	YE
enys.	LR
enys:	XF
enys;	UI
enyse	TJ
enyst	^A
enyv	KS
enywh	JT
enywi	_@
enyy	HV
enyy 	HV
enz,	C[
enz, 	C[
enze	TJ
enze 	QM
enze,	FX
enzel	VH
enzen	SK
enzer	YE
enzi	QM
enzy	MQ
enzz	KS
en| 	KS
en| -	a?
en| 0	UI
en| a	VH
en| b	VH
en| c	[C
en| d	IU
en| f	@_
en| g	HV
en| h	TJ
en| j	MQ
en| k	ZD
en| l	LR
en| n	c=
en| o	C[
en| p	KS
en| r	c=
en| t	UI
en| u	FX
en| w	[C
en| y	XF
en| |	JT
en| £	[C
en~ 	TJ
en~~	TJ
en~~ 	TJ
en£0	VH
en£0 	YE
en£0.	TJ
en£00	RL
en£0m	ZD
en© 	DZ
en· 	A^
en· 0	JT
en· c	WG
en· p	JT
en· w	B]
en– a	ZD
en– c	IU
en– d	C[
en– f	GW
en– h	C[
en– l	DZ
en– m	JT
en– n	B]
en– p	DZ
en– s	QM
en– t	UI
en–0	XF
en–0 	LR
en–0,	RL
en–00	i7
en–f	JT
en–fr	JT
en–t	XF
en–th	XF
en“b	GW
en“bu	GW
en“h	LR
en“he	LR
en“t	IU
en“th	IU
en“y	EY
en“yo	EY
en” (	GW
en€0	d<
en€00	d<
en★ 	JT
en★ "	JT
en★★	DZ
en★★ 	JT
en★★★	JT
es "	DZ
es "a	MQ
es "m	IU
es "p	EY
es "s	@_
es $	^A
es $ 	VH
es $0	^A
es %	XF
es % 	XF
es (	UI
es (b	FX
es (d	SK
es (e	LR
es (p	FX
es (s	TJ
es (t	MQ
es (v	LR
es +	JT
es + 	JT
es -	GW
es ->	IU
es /	IU
es / 	IU
es 0	ZD
es 0 	WG
es 0,	QM
es 0.	WG
es 00	WG
es @	ZD
es a	QM
es a 	WG
es ab	XF
es ac	<d
es ag	c=
es ai	SK
es al	TJ
es am	C[
es an	HV
es ap	WG
es aq	WG
es as	WG
es at	YE
es av	IU
es ay	GW
es az	FX
es aú	FX
es b0	^A
es ba	VH
es be	GW
es bi	KS
es bl	GW
es bo	TJ
es br	VH
es bu	EY
es c	SK
es c/	UI
es ca	YE
es ch	ZD
es ci	]B
es cl	MQ
es co	GW
es cp	XF
es cr	LR
es cu	MQ
es có	IU
es de	MQ
es do	TJ
es du	SK
es dí	QM
es dó	EY
es e	RL
es e 	TJ
es ed	IU
es el	MQ
es em	UI
es er	QM
es es	JT
es eu	SK
es ev	EY
es ex	KS
es f	SK
es fa	QM
es fe	UI
es fi	b>
es fl	IU
es fo	C[
es fr	LR
es fu	QM
es g	LR
es g0	WG
es ga	SK
es ge	IU
es gr	IU
es gu	KS
es h	C[
es h.	KS
es ha	GW
es hi	QM
es ho	A^
es hu	SK
es ig	KS
es im	UI
es iv	YE
es j	UI
es ja	SK
es jo	@_
es ju	TJ
es jó	JT
es k	WG
es ki	TJ
es km	TJ
es l	IU
es l-	YE
es la	HV
es le	HV
es li	JT
es ll	UI
es lu	IU
es lí	EY
es m	LR
es mi	QM
es mo	LR
es mu	MQ
es má	QM
es mó	IU
es mú	JT
es n	C[
es n.	UI
es na	QM
es ni	GW
es no	A^
es nu	SK
es nú	IU
es o	KS
es o 	IU
es ob	MQ
es oc	ZD
es of	KS
es oj	HV
es on	IU
es op	IU
es or	MQ
es p	JT
es p.	JT
es pa	LR
es pe	GW
es pi	RL
es pu	QM
es pá	HV
es q	C[
es qu	EY
es ra	TJ
es ri	UI
es ro	LR
es ru	MQ
es rá	C[
es s	WG
es s.	[C
es sa	JT
es se	RL
es si	RL
es su	QM
es sá	WG
es sé	FX
es sí	VH
es t	SK
es ta	UI
es te	LR
es tf	SK
es ti	TJ
es to	QM
es tr	RL
es tu	GW
es u	KS
es un	GW
es ur	]B
es us	SK
es v	LR
es va	JT
es ve	KS
es vi	WG
es vo	JT
es ví	IU
es w	@_
es we	DZ
es x	MQ
es y 	TJ
es ya	JT
es yo	TJ
es z	YE
es |	QM
es | 	QM
es «	A^
es «e	JT
es «l	IU
es «u	GW
es é	LR
es él	QM
es ér	EY
es ó	HV
es ú	JT
es úl	JT
es “	VH
es €	YE
es € 	UI
es €)	LR
es €,	YE
es €.	XF
es €/	]B
es €;	SK
es! 	SK
es" 	LR
es",	DZ
es", 	DZ
es".	EY
es". 	EY
es"a	MQ
es"el	QM
es"m	IU
es"p	EY
es"s	@_
es$ 	VH
es$ 0	VH
es$0	^A
es$0,	WG
es$00	^A
es% 	[C
es% d	YE
es(0 	QM
es(b	FX
es(de	SK
es(e	LR
es(el	SK
es(en	IU
es(es	IU
es(ge	MQ
es(gr	TJ
es(p	FX
es(pr	FX
es(s	TJ
es(se	RL
es(t	MQ
es(ta	MQ
es(te	FX
es(v	LR
es) 	IU
es) l	RL
es) y	LR
es),	MQ
es), 	MQ
es).	RL
es). 	RL
es+ 	JT
es, "	SK
es, 0	^A
es, a	MQ
es, c	TJ
es, d	^A
es, e	RL
es, f	IU
es, g	IU
es, i	LR
es, j	KS
es, l	IU
es, m	RL
es, n	@_
es, o	IU
es, p	WG
es, q	SK
es, s	TJ
es, t	]B
es, u	SK
es, v	TJ
es, y	UI
es,0	GW
es,00	GW
es- 	LR
es-0	WG
es-00	VH
es->	IU
es-> 	IU
es-s	RL
es-v	VH
es-v 	YE
es. 	SK
es. 0	_@
es. d	^A
es. p	IU
es. s	TJ
es."	HV
es." 	HV
es.)	LR
es.) 	EY
es.0	]B
es.00	]B
es.d	FX
es.d.	FX
es.e	YE
es.ex	]B
es.l	YE
es.l.	YE
es.p	UI
es.p.	UI
es.»	IU
es.» 	IU
es/ 	KS
es/ 0	XF
es/k	JT
es/kg	TJ
es0 	[C
es0 %	XF
es0 (	XF
es0 -	IU
es0 /	XF
es0 0	h8
es0 a	VH
es0 c	TJ
es0 d	WG
es0 e	QM
es0 h	KS
es0 k	TJ
es0 l	^A
es0 m	_@
es0 n	TJ
es0 o	LR
es0 s	_@
es0 t	MQ
es0 v	TJ
es0 y	JT
es0 €	YE
es0%	WG
es0% 	WG
es0)	UI
es0) 	QM
es0).	RL
es0,	QM
es0, 	VH
es0,0	GW
es0-	]B
es0-0	WG
es0.	UI
es0. 	RL
es0.0	]B
es00	[C
es00 	XF
es00%	WG
es00)	UI
es00,	RL
es00-	]B
es00.	RL
es000	YE
es00:	LR
es00;	WG
es00h	TJ
es0:0	MQ
es0;	WG
es0; 	WG
es0h	TJ
es: 	IU
es: "	HV
es: 0	SK
es: c	RL
es: m	SK
es: p	VH
es: s	MQ
es: «	HV
es:0	MQ
es:00	MQ
es; 	WG
es; a	RL
es; c	UI
es; d	UI
es; e	XF
es; l	UI
es> 	IU
es? 	GW
es@l	UI
es@la	UI
es@p	UI
es@pe	UI
es@r	WG
es@re	VH
es@s	SK
es@sa	SK
es@t	[C
esa 	KS
esa $	UI
esa 0	WG
esa a	LR
esa b	GW
esa c	XF
esa d	EY
esa e	UI
esa f	MQ
esa g	?a
esa h	JT
esa i	MQ
esa j	GW
esa l	TJ
esa m	SK
esa n	KS
esa o	MQ
esa p	SK
esa q	HV
esa r	[C
esa s	ZD
esa t	[C
esa u	EY
esa v	ZD
esa w	EY
esa y	UI
esa |	HV
esa «	FX
esa é	HV
esa!	B]
esa"	KS
esa" 	SK
esa)	DZ
esa) 	EY
esa),	FX
esa,	XF
esa, 	XF
esa.	UI
esa. 	TJ
esa.e	[C
esa:	LR
esa: 	LR
esa;	XF
esa; 	XF
esa?	ZD
esa? 	ZD
esa@	ZD
esa@r	UI
esaa	MQ
esab	UI
esaba	RL
esabe	SK
esabi	WG
esabl	>b
esabo	MQ
esabu	_@
esac	RL
esace	]B
esaci	XF
esact	C[
esacu	C[
esad	YE
esad 	TJ
esada	QM
esade	UI
esadi	^A
esado	QM
esadr	YE
esae 	KS
esaer	XF
esafa	SK
esag	a?
esaga	WG
esage	MQ
esago	d<
esagr	LR
esagu	XF
esah	QM
esah 	IU
esaho	RL
esain	UI
esaj	IU
esaja	KS
esaje	HV
esaji	UI
esajo	UI
esal 	TJ
esal,	IU
esal.	GW
esalb	[C
esald	LR
esale	GW
esalg	IU
esall	UI
esalm	YE
esalo	RL
esalq	QM
esalt	]B
esalu	GW
esalv	IU
esam	RL
esama	KS
esamb	SK
esame	KS
esami	HV
esamo	RL
esamu	WG
esan	MQ
esan 	LR
esan.	LR
esana	QM
esanc	IU
esand	GW
esane	XF
esang	GW
esani	RL
esano	^A
esans	MQ
esant	KS
esanu	_@
esanz	GW
esao	SK
esap	UI
esapa	C[
esape	HV
esapi	TJ
esapp	HV
esapr	]B
esapu	QM
esar 	HV
esar,	YE
esarb	UI
esarc	^A
esard	]B
esarg	FX
esari	JT
esarj	XF
esarl	DZ
esarm	LR
esarn	MQ
esaro	=c
esart	LR
esarz	RL
esarí	9g
esas	KS
esas 	C[
esas,	[C
esas:	VH
esasa	RL
esasc	TJ
esase	RL
esasi	UI
esaso	^A
esass	XF
esast	A^
esasí	HV
esat	VH
esat 	MQ
esata	QM
esati	ZD
esatr	RL
esaur	WG
esav	UI
esava	_@
esave	TJ
esavi	IU
esavo	IU
esaví	GW
esax	RL
esay	QM
esay 	QM
esaya	JT
esaye	TJ
esayo	^A
esayu	LR
esaz	FX
esaza	LR
esazo	KS
esazu	FX
esañ	SK
esaña	[C
esañe	KS
esaú	HV
esaún	FX
esb 	QM
esb d	YE
esb,	JT
esb, 	JT
esb.	KS
esb0	_@
esb00	^A
esb@	WG
esba	YE
esba 	WG
esba.	LR
esbad	RL
esbai	LR
esbal	GW
esban	UI
esbar	^A
esbas	QM
esbat	EY
esbañ	RL
esbe	KS
esbe 	B]
esbec	SK
esbel	UI
esbem	GW
esber	UI
esbet	IU
esbi	WG
esbia	XF
esbic	SK
esbie	KS
esbil	EY
esbin	XF
esbio	TJ
esbir	GW
esbié	XF
esbió	IU
esbl	DZ
esbla	KS
esble	FX
esbli	DZ
esbo	IU
esbo 	A^
esbod	WG
esbog	HV
esbol	JT
esbom	UI
esbor	[C
esbot	MQ
esbr	IU
esbra	HV
esbre	MQ
esbri	SK
esbue	EY
esbuj	KS
esbur	HV
esbus	UI
esbv	HV
esbve	HV
esbí	LR
esbín	LR
esbó	WG
esbón	WG
esc.	XF
esc/	UI
esc/ 	UI
esca	MQ
esca 	GW
esca.	QM
escab	RL
escad	UI
escae	EY
escaj	LR
escal	WG
escan	JT
escap	C[
escat	FX
escc	DZ
escci	DZ
esce	TJ
esce 	JT
esce.	a?
esced	TJ
escei	TJ
escel	LR
escem	a?
escen	RL
escer	MQ
esces	KS
esch	WG
esche	VH
eschi	EY
escho	XF
esci	SK
escic	[C
escid	B]
escie	KS
escif	WG
escil	MQ
escim	UI
escin	UI
escio	EY
escip	VH
escir	IU
escis	XF
escit	]B
esció	SK
escl	WG
escla	HV
escli	KS
esclu	^A
esco 	QM
esco)	VH
esco,	WG
esco.	DZ
escob	JT
escoc	RL
escol	LR
escoo	MQ
escop	MQ
escor	KS
escos	WG
escp	XF
escp 	XF
escri	HV
escru	QM
esct	LR
escta	C[
escti	QM
esctr	]B
esctu	HV
escua	QM
escuc	_@
escue	RL
escui	KS
escul	WG
escum	IU
escuo	a?
escup	RL
escuá	GW
escuñ	FX
escé	RL
escés	MQ
escí	EY
escía	KS
escó	KS
escóm	IU
esd 	TJ
esd d	ZD
esd t	QM
esd.	A^
esd. 	C[
esda	QM
esda,	XF
esda.	WG
esdad	ZD
esdal	RL
esdam	IU
esdan	GW
esdar	LR
esdas	[C
esdav	GW
esde	MQ
esde.	GW
esdeb	C[
esdec	QM
esded	UI
esdej	QM
esdel	HV
esdem	XF
esder	VH
esdet	EY
esdev	WG
esdic	KS
esdie	QM
esdij	MQ
esdil	TJ
esdim	_@
esdir	MQ
esdit	HV
esdo	RL
esdo 	QM
esdo,	LR
esdo.	EY
esdob	TJ
esdol	]B
esdom	QM
esdon	LR
esdor	QM
esdos	LR
esdr	VH
esdre	TJ
esdri	VH
esdu	RL
esdua	RL
esduc	FX
esdul	YE
esdur	TJ
esdí	LR
esdí 	UI
esdó	JT
esdón	C[
ese "	DZ
ese $	VH
ese (	MQ
ese 0	RL
ese a	QM
ese b	KS
ese d	VH
ese e	MQ
ese g	JT
ese h	FX
ese i	VH
ese j	TJ
ese m	SK
ese p	TJ
ese q	FX
ese s	MQ
ese t	EY
ese u	GW
ese v	QM
ese é	VH
ese) 	XF
ese,	RL
ese, 	RL
ese-	UI
ese.e	[C
ese:	EY
ese: 	EY
esea	MQ
esead	KS
esean	FX
eseat	]B
eseb	FX
eseb 	GW
eseb,	IU
eseba	LR
esebe	C[
esebi	SK
esebl	WG
esebo	MQ
esec	HV
eseca	XF
esecc	FX
esece	FX
esech	KS
eseci	B]
esecr	UI
esect	RL
esecu	IU
esecí	FX
esed	UI
esed 	UI
eseda	@_
esede	YE
esedi	VH
esedo	SK
esedr	MQ
esee	JT
esef	FX
eseg	MQ
esega	SK
esegi	SK
esegl	WG
esegr	EY
esegu	=c
esegú	TJ
eseh	YE
esei	[C
eseis	b>
eseit	RL
esej	IU
esejo	JT
esel	QM
esel,	GW
esel.	]B
esela	]B
eselc	UI
esele	LR
eselo	WG
esels	JT
eselt	RL
eselv	IU
esem	[C
esem 	TJ
esemb	SK
esemi	TJ
esemo	YE
esemá	SK
esen,	GW
esen.	LR
esena	B]
esend	TJ
esene	YE
eseni	SK
eseno	QM
esens	]B
esenv	SK
esení	IU
eseo	MQ
eseo 	QM
esep	SK
esepa	JT
esepo	UI
esept	WG
eseq	SK
esequ	SK
eser	RL
eser.	MQ
eser@	TJ
esera	VH
eserc	C[
eserd	<d
esere	>b
eserf	QM
eserg	KS
eseri	VH
eserm	TJ
esern	SK
esero	VH
eserr	WG
esers	HV
esert	TJ
eserz	_@
eses	LR
eses 	QM
eses,	LR
eses.	LR
eses:	HV
esesa	UI
esesc	UI
esesd	TJ
esesf	ZD
esesi	JT
eseso	DZ
esesp	IU
esesq	[C
esess	RL
esest	VH
esesu	MQ
eset	MQ
esete	d<
eseto	IU
esetr	LR
eseu	JT
eseun	GW
eseus	SK
esev	XF
eseva	ZD
eseve	UI
esex	XF
esexa	]B
esext	EY
esey	TJ
esey 	DZ
esez	SK
esez 	MQ
esez.	ZD
eseza	QM
esezc	KS
esezó	SK
eseí	UI
eseñ	SK
eseña	]B
eseño	KS
esf b	WG
esf g	WG
esfa	TJ
esfa 	TJ
esfac	HV
esfad	RL
esfal	[C
esfav	IU
esfe	RL
esfec	B]
esfer	TJ
esfi	XF
esfia	MQ
esfic	LR
esfid	[C
esfie	^A
esfil	RL
esfin	GW
esfl	IU
esflo	IU
esfn	SK
esfno	SK
esfo	FX
esfon	LR
esfor	UI
esfot	B]
esfr	EY
esfra	B]
esfre	JT
esfu	UI
esfue	GW
esfug	QM
esfum	YE
esfun	]B
esfur	MQ
esfá	WG
esg,	QM
esg, 	QM
esg.	IU
esg. 	KS
esg0	WG
esg00	WG
esga	TJ
esga 	B]
esga,	TJ
esga.	TJ
esgad	MQ
esgal	C[
esgan	TJ
esgas	TJ
esgañ	HV
esge	MQ
esge 	QM
esgem	ZD
esgen	KS
esges	UI
esgi	MQ
esgin	DZ
esgio	VH
esgis	VH
esgl	RL
esgla	QM
esglé	EY
esgo	QM
esgo 	LR
esgon	QM
esgos	]B
esgr	FX
esgri	DZ
esgro	DZ
esgru	MQ
esgu	HV
esgua	SK
esgui	RL
esgun	A^
esguo	MQ
esgur	IU
esgus	>b
esgá	QM
esgú	TJ
esgún	TJ
esgü	TJ
esgüe	TJ
esh 	LR
esh y	GW
esh,	UI
esh, 	UI
esh.	HV
esh. 	HV
esha	JT
esha 	C[
eshab	?a
eshac	c=
eshag	QM
eshan	HV
eshar	RL
eshas	@_
eshat	EY
eshay	MQ
eshe	TJ
eshe 	MQ
eshe.	JT
eshec	QM
eshen	XF
esher	RL
eshi 	FX
eshic	SK
eshid	UI
eshis	DZ
eshit	IU
esho	LR
esho 	WG
esho,	MQ
eshol	A^
eshom	UI
eshon	LR
eshor	SK
eshu	WG
eshua	RL
eshí	TJ
esi a	UI
esi c	FX
esi e	KS
esi h	UI
esi l	TJ
esi m	B]
esi n	MQ
esi p	MQ
esi q	IU
esi s	JT
esi t	TJ
esi v	RL
esi,	GW
esi, 	GW
esia	KS
esia 	MQ
esia,	QM
esia.	QM
esiac	]B
esiad	SK
esial	JT
esian	IU
esiar	DZ
esias	RL
esiat	VH
esib	IU
esiba	GW
esibi	EY
esibo	B]
esibr	SK
esibu	QM
esic	KS
esica	JT
esici	RL
esicl	[C
esico	MQ
esicu	VH
esid	TJ
esida	TJ
eside	XF
esidi	A^
esidr	_@
esie	UI
esie 	_@
esie.	GW
esied	LR
esieg	SK
esiej	QM
esiem	MQ
esien	UI
esier	IU
esies	UI
esiet	LR
esiez	RL
esif	MQ
esif 	QM
esifi	JT
esiga	QM
esigo	JT
esigu	HV
esije	VH
esil	VH
esil 	SK
esil.	HV
esila	JT
esile	TJ
esili	LR
esill	TJ
esilo	_@
esim	ZD
esima	QM
esimb	YE
esime	LR
esimi	VH
esimo	_@
esimp	RL
esin	TJ
esina	IU
esinc	VH
esind	UI
esine	VH
esinf	LR
esing	TJ
esini	QM
esino	QM
esins	RL
esint	XF
esinv	SK
esiné	LR
esio	SK
esio 	VH
esio)	SK
esio.	LR
esiod	RL
esion	UI
esios	@_
esip	ZD
esipa	TJ
esipc	SK
esipi	TJ
esipo	TJ
esiq	TJ
esiqu	TJ
esir	KS
esir.	JT
esir:	HV
esira	KS
esire	MQ
esirg	LR
esiro	UI
esirv	C[
esis 	[C
esis,	UI
esis.	IU
esisa	ZD
esisc	LR
esise	HV
esisi	LR
esism	RL
esiso	KS
esist	QM
esit	KS
esit 	MQ
esita	GW
esite	LR
esiti	WG
esito	KS
esitr	_@
esitu	EY
esiva	XF
esive	MQ
esivo	JT
esivá	RL
esix	@_
esiz	QM
esiz.	QM
esiza	LR
esiá	JT
esián	JT
esié	LR
esién	HV
esiér	QM
esiñ	RL
esiño	RL
esió	DZ
esió.	IU
esió:	IU
esión	GW
esja	VH
esja 	UI
esja.	SK
esjab	[C
esjac	SK
esjad	KS
esjaj	GW
esjam	XF
esjar	VH
esje,	JT
esjed	RL
esjer	GW
esjes	XF
esji	VH
esjil	UI
esjo	GW
esjo 	LR
esjo,	DZ
esjo.	VH
esjor	FX
esjos	LR
esju	RL
esjue	XF
esjul	XF
esjun	RL
esjó	JT
esjóv	JT
eskg	TJ
eskg,	TJ
eski	FX
eskil	TJ
eskm	LR
eskm 	HV
esl 	RL
esl (	UI
esl 0	SK
esl a	EY
esl b	JT
esl c	KS
esl d	WG
esl g	[C
esl h	KS
esl i	KS
esl l	HV
esl o	VH
esl p	VH
esl q	LR
esl r	IU
esl s	JT
esl t	KS
esl v	HV
esl y	UI
esl ú	KS
esl,	EY
esl, 	EY
esl-	YE
esl-v	YE
esl.	LR
esl. 	KS
esl:	IU
esl: 	IU
esla	LR
esla 	KS
esla,	IU
esla.	SK
esla@	YE
eslab	LR
eslac	IU
eslag	LR
eslal	SK
eslan	MQ
eslap	MQ
eslar	VH
eslas	LR
eslat	RL
eslav	_@
eslaz	JT
eslb	[C
eslba	ZD
eslc	WG
eslca	IU
eslco	YE
esld	RL
eslda	_@
eslde	LR
esldo	RL
esle 	QM
esle.	YE
eslea	C[
eslec	a?
esled	YE
esleg	JT
eslei	HV
eslem	MQ
eslen	GW
esleo	WG
esles	RL
eslet	GW
eslev	WG
eslg	KS
eslga	A^
eslgu	SK
esli	IU
eslib	IU
eslic	KS
eslid	B]
eslie	QM
eslim	TJ
eslio	RL
eslir	EY
eslis	FX
eslit	^A
esliv	JT
esliá	RL
esll	UI
eslla	SK
eslle	^A
eslli	HV
esllo	HV
eslm	TJ
eslma	WG
eslme	ZD
eslo.	LR
eslog	IU
esloj	ZD
eslol	HV
eslom	TJ
eslon	VH
eslor	C[
eslos	VH
eslq	SK
eslqu	SK
esls	HV
esls 	HV
eslso	LR
eslt	UI
eslta	XF
eslti	JT
eslto	RL
eslu	EY
eslub	YE
esluc	GW
eslud	A^
eslum	RL
eslun	LR
eslva	=c
eslve	d<
eslvi	LR
eslá	SK
eslám	QM
eslé	LR
eslés	EY
eslí	LR
eslíg	SK
esló	[C
esm 	IU
esm.	RL
esm. 	RL
esma 	TJ
esma,	QM
esma.	DZ
esmac	XF
esmad	KS
esmai	MQ
esmal	EY
esman	SK
esmap	9g
esmar	KS
esmat	VH
esmav	WG
esmay	^A
esmañ	TJ
esmb	QM
esmba	WG
esmbi	VH
esme	LR
esme 	=c
esmed	UI
esmej	FX
esmer	IU
esmes	[C
esmet	^A
esmez	QM
esmi	SK
esmi 	QM
esmia	JT
esmic	LR
esmie	KS
esmig	TJ
esmim	[C
esmin	SK
esmié	TJ
esmno	QM
esmo	XF
esmo 	?a
esmo.	[C
esmod	FX
esmol	XF
esmon	TJ
esmor	VH
esmos	XF
esmot	RL
esmp	UI
esmpe	TJ
esmpi	LR
esmpl	YE
esmpo	MQ
esmpr	ZD
esmu	RL
esmuc	GW
esmud	VH
esmue	_@
esmuj	MQ
esmul	DZ
esmuy	JT
esmás	MQ
esmát	JT
esmí	TJ
esmí 	SK
esmín	SK
esmó	KS
esmóv	HV
esmú	JT
esmús	JT
esn 	MQ
esn (	SK
esn 0	KS
esn a	MQ
esn b	QM
esn c	SK
esn d	FX
esn e	LR
esn f	VH
esn g	XF
esn h	QM
esn i	YE
esn j	TJ
esn l	LR
esn m	EY
esn n	EY
esn o	FX
esn p	UI
esn q	RL
esn r	XF
esn s	KS
esn t	JT
esn u	RL
esn v	IU
esn y	QM
esn,	LR
esn, 	LR
esn.	VH
esn. 	SK
esn.º	UI
esn:	IU
esn: 	IU
esna	IU
esna)	MQ
esna,	XF
esna.	?a
esna:	HV
esna@	TJ
esnac	[C
esnad	LR
esnal	DZ
esnat	EY
esnav	UI
esnc	MQ
esnca	GW
esnce	IU
esnch	VH
esnci	XF
esncl	RL
esnco	MQ
esnda	RL
esndi	JT
esndo	GW
esndr	QM
esndí	QM
esndó	TJ
esne	SK
esne 	SK
esnea	[C
esnec	HV
esneg	JT
esnem	JT
esnen	KS
esner	^A
esnet	QM
esnf	LR
esnfa	WG
esnfi	KS
esnfo	JT
esnfr	HV
esnfu	WG
esng	HV
esnga	@_
esngl	FX
esngo	SK
esngu	^A
esni	RL
esni 	GW
esnia	FX
esnic	UI
esnid	RL
esnie	FX
esnil	QM
esnim	SK
esnio	XF
esnir	SK
esnis	RL
esnit	TJ
esniñ	EY
esnió	GW
esno	QM
esno 	KS
esno,	MQ
esno.	WG
esno?	FX
esnoc	@_
esnom	FX
esnot	WG
esns	RL
esns 	_@
esnsa	ZD
esnsc	WG
esnse	UI
esnsi	RL
esnst	RL
esnt 	XF
esnt,	IU
esnte	KS
esnti	QM
esntr	MQ
esntu	SK
esntó	XF
esnu	SK
esnue	UI
esnun	ZD
esnur	KS
esnv	UI
esnve	SK
esnvi	XF
esnz	KS
esnza	EY
esné	LR
esnés	MQ
esní	GW
esnía	EY
esnú	IU
esnúm	IU
eso 	IU
eso $	TJ
eso (	KS
eso 0	_@
eso a	]B
eso c	KS
eso d	LR
eso e	KS
eso h	QM
eso i	JT
eso n	HV
eso o	QM
eso p	EY
eso q	VH
eso r	WG
eso t	KS
eso u	MQ
eso v	DZ
eso y	JT
eso)	QM
eso) 	IU
eso,	HV
eso, 	HV
eso.e	TJ
eso.»	IU
eso?	B]
eso? 	B]
esoba	SK
esobl	UI
esobo	DZ
esobr	IU
esoca	LR
esoch	WG
esoco	MQ
esoct	KS
esocu	RL
esod	LR
esoda	KS
esode	RL
esodi	KS
esodo	RL
esoe	TJ
esof	LR
esofe	HV
esofi	LR
esog	KS
esoga	SK
esogi	QM
esogo	B]
esoj	GW
esojo	FX
esok	DZ
esoki	DZ
esol 	JT
esola	MQ
esold	UI
esole	VH
esolm	ZD
esolu	JT
esolv	QM
esolí	MQ
esom	VH
esom 	MQ
esoma	XF
esomb	IU
esome	DZ
esomi	YE
esomo	RL
esomp	[C
esomá	HV
eson	IU
esona	JT
esonc	IU
esond	FX
esone	LR
esong	EY
esoni	RL
esono	SK
esoo	MQ
esoop	TJ
esop	QM
esopa	RL
esope	QM
esopi	LR
esopo	HV
esoq	EY
esoqu	EY
esor	RL
esor 	GW
esor,	FX
esor.	VH
esora	WG
esord	GW
esore	UI
esori	@_
esorm	EY
esoro	QM
esorq	QM
esort	UI
esorí	XF
esos	UI
esos 	RL
esos"	KS
esos)	RL
esos.	UI
esos?	EY
esos@	VH
esosi	UI
esoso	RL
esost	WG
esos»	GW
esot	KS
esot 	GW
esota	UI
esote	^A
esoto	EY
esotr	GW
esotó	B]
esou	QM
esov	RL
esova	EY
esovi	RL
esoy	MQ
esoz	a?
esoza	[C
eso»	C[
eso».	IU
esoñ	QM
esoña	QM
esp 	RL
esp 0	ZD
esp. 	XF
esp.d	FX
espa	MQ
espa 	QM
espac	VH
espad	RL
espag	WG
espal	GW
espap	RL
espar	KS
espas	JT
espat	LR
españ	RL
espc	SK
espci	SK
espe	IU
espec	KS
esped	IU
espel	DZ
espen	HV
espeq	TJ
esper	KS
espes	JT
espet	HV
espeñ	YE
espi	QM
espia	LR
espic	LR
espid	GW
espie	UI
espin	VH
espio	YE
espit	MQ
espl	MQ
espla	FX
esple	RL
espo	RL
espo 	YE
espoc	HV
espod	SK
espon	A^
espos	WG
espp	HV
espr	UI
espra	YE
espt	YE
espti	WG
espub	DZ
espue	UI
espun	SK
espué	JT
espá	IU
espág	DZ
esq.	LR
esqu	IU
esque	IU
esqui	LR
esqué	A^
esquí	YE
esr 	JT
esr a	IU
esr c	@_
esr d	WG
esr f	KS
esr g	RL
esr i	JT
esr l	HV
esr n	ZD
esr p	KS
esr q	VH
esr s	IU
esr t	LR
esr u	EY
esr v	C[
esr y	LR
esr,	UI
esr, 	UI
esr:	FX
esr: 	FX
esr;	RL
esr; 	RL
esr@	TJ
esra	RL
esra 	JT
esra,	VH
esra.	YE
esra:	KS
esrab	QM
esrac	HV
esrad	d<
esrae	QM
esraf	SK
esrag	SK
esrai	QM
esraj	HV
esral	UI
esram	MQ
esran	QM
esrar	B]
esras	XF
esrat	VH
esraz	:f
esrb	SK
esrbe	WG
esrc	TJ
esrca	KS
esrce	YE
esrch	FX
esrco	]B
esrd	JT
esrda	UI
esrde	EY
esrdo	TJ
esrdí	JT
esrdó	IU
esre)	KS
esre.	IU
esrea	ZD
esreb	SK
esrec	GW
esred	_@
esreg	JT
esrel	RL
esrem	EY
esren	RL
esreo	JT
esrep	RL
esrer	ZD
esres	UI
esret	TJ
esreu	JT
esrey	TJ
esrez	IU
esreí	QM
esrf	SK
esrfe	DZ
esrg	JT
esrga	GW
esrge	SK
esrgo	SK
esri	LR
esria	QM
esrib	FX
esric	QM
esrie	TJ
esrig	MQ
esrim	RL
esrin	QM
esrio	DZ
esrip	RL
esris	DZ
esrit	GW
esrió	WG
esrj	]B
esrja	ZD
esrl	GW
esrle	@_
esrlo	IU
esrm	MQ
esrma	ZD
esrme	KS
esrmi	GW
esrmu	DZ
esrmá	JT
esrn	RL
esrna	KS
esrne	a?
esro)	EY
esro,	QM
esro.	IU
esrob	MQ
esroc	IU
esrog	KS
esroj	JT
esrom	XF
esron	B]
esrop	SK
esros	MQ
esrot	RL
esrov	RL
esrq	TJ
esrqu	TJ
esrr	SK
esrra	TJ
esrre	^A
esrri	?a
esrro	MQ
esrs	QM
esrse	QM
esrsi	KS
esrt	QM
esrt 	KS
esrta	RL
esrte	TJ
esrto	KS
esrtu	RL
esru	UI
esrub	^A
esrud	LR
esrue	MQ
esrum	RL
esrup	MQ
esrut	KS
esrv	MQ
esrva	A^
esrvi	ZD
esry	MQ
esry 	[C
esrz	XF
esrza	[C
esrzo	SK
esrá	TJ
esráp	C[
esrás	LR
esrí	RL
esría	QM
esríc	YE
esrío	RL
esró	SK
ess 	KS
ess (	QM
ess 0	QM
ess @	ZD
ess a	TJ
ess b	a?
ess c	FX
ess d	LR
ess e	XF
ess f	MQ
ess g	EY
ess h	JT
ess j	VH
ess l	MQ
ess m	SK
ess n	C[
ess o	XF
ess p	MQ
ess q	A^
ess r	HV
ess t	JT
ess u	_@
ess v	MQ
ess y	XF
ess “	VH
ess"	HV
ess".	GW
ess)	QM
ess).	WG
ess,	VH
ess, 	VH
ess. 	MQ
ess.e	UI
ess.l	YE
ess:	QM
ess: 	QM
ess;	RL
ess; 	RL
ess?	GW
ess? 	GW
ess@	VH
essa	SK
essa,	VH
essa.	]B
essad	B]
essaj	MQ
essal	JT
essam	RL
essan	WG
essar	IU
essas	UI
essay	RL
essc	YE
essci	RL
essco	UI
esscr	HV
esscu	]B
essd	VH
essde	TJ
esse	SK
esse 	TJ
essea	XF
esseb	LR
essec	TJ
esseg	LR
essei	b>
essel	MQ
essem	RL
essen	WG
esseo	XF
esser	JT
esset	KS
esseñ	JT
essf	[C
essfe	ZD
essi	RL
essi 	XF
essia	TJ
essid	UI
essie	KS
essif	JT
essig	MQ
essil	c=
essim	HV
essir	C[
essis	GW
essió	C[
essm	RL
essmo	QM
esso	JT
esso 	A^
esso,	JT
esso.	^A
essob	C[
essoc	LR
essom	TJ
esson	IU
essor	SK
essoy	RL
essp	HV
esspa	QM
esspe	DZ
esspu	JT
essq	^A
essqu	^A
esss	UI
essse	WG
esst	TJ
essta	RL
esste	RL
essti	QM
essto	KS
esstr	YE
esstu	j6
esstá	EY
essté	FX
essu 	QM
essua	WG
essub	FX
essue	QM
essus	TJ
ess»	GW
ess».	IU
essá	WG
essáb	WG
essé	FX
essí	WG
essí 	KS
essí,	XF
essó	MQ
essón	LR
est 	UI
est e	HV
est'	LR
est)	MQ
est,	EY
est, 	EY
est.	LR
esta	MQ
esta 	KS
esta)	FX
esta,	VH
esta:	QM
esta;	VH
estad	YE
estag	KS
estal	QM
estam	RL
estan	SK
estap	[C
estas	MQ
estau	RL
estb	IU
este 	IU
este.	YE
estea	MQ
ested	KS
estej	HV
estel	UI
estem	XF
esten	LR
estep	RL
ester	VH
estez	[C
estf	SK
estfn	SK
esti	XF
estic	HV
estid	MQ
estie	YE
estif	KS
estil	c=
estim	RL
estin	QM
estio	WG
estip	UI
estir	IU
estis	d<
estit	IU
estiv	UI
estl	RL
estla	RL
esto	DZ
esto,	LR
esto.	DZ
estod	MQ
estol	RL
estom	UI
eston	RL
estos	EY
estoy	LR
estr	TJ
estra	QM
estre	SK
estri	YE
estru	RL
estrá	SK
ests,	IU
estu	KS
estu 	LR
estub	KS
estur	KS
está	EY
está 	FX
estál	MQ
esté	@_
esté 	IU
estí	YE
estía	YE
estó	KS
estó 	LR
esu 	LR
esu c	MQ
esu m	HV
esu n	KS
esu.	LR
esu. 	LR
esua	SK
esua 	SK
esuad	YE
esual	KS
esuan	XF
esuar	LR
esuas	TJ
esuat	QM
esub	RL
esub 	YE
esub@	WG
esubi	TJ
esubl	DZ
esubr	KS
esubv	HV
esuc	B]
esuca	IU
esuch	JT
esucí	HV
esud	LR
esuda	ZD
esudi	TJ
esudo	B]
esue	QM
esue 	JT
esue,	ZD
esueb	XF
esued	IU
esueg	KS
esuel	^A
esuer	GW
esues	YE
esuev	WG
esueñ	UI
esuf	KS
esui	KS
esuid	QM
esuie	KS
esuin	^A
esuir	SK
esuit	IU
esuiz	RL
esuj	SK
esuje	UI
esul	MQ
esul 	FX
esula	B]
esuli	UI
esulo	UI
esult	YE
esum	WG
esume	VH
esun	LR
esun 	IU
esuna	SK
esunc	WG
esund	TJ
esune	MQ
esuni	UI
esuno	KS
esunt	HV
esuo	QM
esuo 	QM
esuot	a?
esupi	KS
esupo	[C
esur	LR
esur 	DZ
esure	TJ
esurg	TJ
esuri	MQ
esuro	QM
esurs	UI
esus	TJ
esusa	TJ
esuse	RL
esuso	SK
esust	DZ
esut	IU
esuto	QM
esuvi	IU
esuy 	JT
esuyo	A^
esuz	LR
esuz 	RL
esuá	LR
esuán	MQ
esué	HV
esué 	A^
esués	JT
esuí	YE
esuí 	a?
esuí,	IU
esuít	KS
esuñ	FX
esuña	FX
esv 	_@
esv 0	YE
esv.	EY
esva	UI
esva 	ZD
esva,	WG
esva.	KS
esvad	VH
esvai	MQ
esval	RL
esvam	QM
esvan	KS
esvas	ZD
esve	UI
esve 	XF
esvea	=c
esvec	MQ
esveg	QM
esvel	VH
esvem	ZD
esven	VH
esver	B]
esves	UI
esvez	[C
esvi	SK
esvia	HV
esvic	XF
esvid	JT
esvie	WG
esvin	QM
esvir	RL
esvis	FX
esviv	GW
esvo	KS
esvol	ZD
esvor	IU
esvos	B]
esvá	RL
esván	RL
esví	GW
esvía	GW
esvíd	IU
eswe	?a
esweb	EY
esx 	EY
esxa	]B
esxam	]B
esxe	RL
esxi	LR
esxo	YE
esxt	HV
esy 	QM
esy 0	MQ
esy a	QM
esy b	LR
esy c	TJ
esy d	TJ
esy e	LR
esy f	IU
esy g	DZ
esy h	]B
esy j	TJ
esy l	]B
esy m	MQ
esy n	JT
esy o	YE
esy p	IU
esy q	RL
esy r	MQ
esy s	TJ
esy t	VH
esy u	RL
esy v	B]
esy y	TJ
esy,	^A
esy, 	^A
esy.	VH
esy. 	VH
esya	IU
esya 	KS
esya,	IU
esye	TJ
esyer	GW
esyo 	MQ
esyo,	VH
esyor	UI
esys	SK
esyu	LR
esyun	LR
esz y	WG
esz.	VH
esz. 	VH
esza	TJ
esza.	IU
eszac	SK
eszan	XF
eszar	FX
eszas	ZD
eszc	KS
eszca	IU
eszcl	QM
eszo	MQ
eszo 	MQ
eszo,	A^
eszo.	VH
eszu	EY
eszul	FX
eszó	SK
eszó 	SK
es| 	QM
es| l	SK
es«e	JT
es«el	JT
es«l	IU
es«u	GW
es«un	GW
esº 0	VH
esº b	FX
es» 	FX
es»,	HV
es», 	HV
es».	EY
es». 	EY
esá 	FX
esá d	QM
esá e	KS
esá n	TJ
esá p	?a
esáb	WG
esáb 	XF
esába	WG
esác	TJ
eság	DZ
esági	DZ
esái	TJ
esáis	TJ
esám	QM
esán	RL
esán 	QM
esáp	EY
esápi	EY
esár	RL
esás	QM
esás 	KS
esás.	A^
esásc	TJ
esát	C[
esáti	C[
esé 	HV
esé t	GW
esé.	HV
esé. 	HV
esél	QM
esél 	YE
esén	IU
esén 	SK
esér	JT
eséra	C[
esérc	TJ
esés	C[
esés 	LR
esés,	MQ
esés.	IU
esí 	YE
esí m	TJ
esí n	YE
esí q	JT
esí s	WG
esí,	SK
esí, 	SK
esí.	HV
esía	QM
esía 	TJ
esía,	EY
esía.	XF
esías	MQ
esíc	]B
esíco	ZD
esícu	TJ
esíd	IU
esíde	IU
esíg	RL
esígo	SK
esío	JT
esío 	HV
esío,	RL
esír	RL
esír 	RL
esít	GW
esíta	KS
esíti	HV
esña	ZD
esña 	ZD
esña,	UI
esñan	TJ
esñen	HV
esñi	JT
esño 	MQ
esño,	]B
esñor	FX
esó c	SK
esó e	JT
esó l	JT
esó m	]B
esó:	IU
esó: 	IU
esód	UI
esóm	LR
esómo	IU
esón	FX
esón 	GW
esónd	EY
esós	JT
esóv	FX
esóve	JT
esóvi	HV
esóx	LR
esóxi	LR
esúl	MQ
esúlt	JT
esúm	IU
esúme	IU
esún	QM
esún 	JT
esús	JT
esúsi	JT
esüe	TJ
es€ 	UI
es€ a	UI
es€ i	UI
es€ l	TJ
es€ m	ZD
es€ p	TJ
es€ y	XF
es€)	LR
es€) 	b>
es€),	d<
es€,	YE
es€, 	YE
es€.	XF
es€. 	XF
es€/	]B
es€/k	TJ
es€;	SK
es€; 	SK
fr !	B]
fr ! 	C[
fr "	KS
fr $	YE
fr $ 	YE
fr %	MQ
fr % 	KS
fr &	UI
fr & 	UI
fr (	JT
fr (0	IU
fr (a	LR
fr (d	TJ
fr (e	IU
fr (l	RL
fr (o	MQ
fr (p	MQ
fr (q	SK
fr (s	HV
fr (t	LR
fr (v	SK
fr -	TJ
fr - 	SK
fr -0	WG
fr /	_@
fr / 	WG
fr 0	_@
fr 0 	MQ
fr 0,	SK
fr 00	_@
fr 0e	UI
fr 0h	XF
fr 0x	HV
fr 0z	SK
fr :	FX
fr : 	FX
fr ;	TJ
fr ; 	TJ
fr ?	>b
fr ? 	>b
fr a 	IU
fr ab	RL
fr ad	UI
fr af	VH
fr ai	JT
fr al	MQ
fr am	JT
fr an	[C
fr ao	b>
fr ar	HV
fr as	[C
fr at	UI
fr au	WG
fr av	JT
fr b	B]
fr bc	ZD
fr be	LR
fr bi	EY
fr bl	DZ
fr br	LR
fr bu	IU
fr c	SK
fr c'	QM
fr ca	SK
fr ce	KS
fr ch	TJ
fr ci	LR
fr cl	SK
fr co	TJ
fr cr	LR
fr cu	GW
fr cô	RL
fr d	TJ
fr da	UI
fr de	UI
fr di	LR
fr dr	VH
fr du	QM
fr dé	QM
fr ea	UI
fr el	HV
fr en	MQ
fr es	QM
fr et	YE
fr eu	TJ
fr ex	@_
fr f	RL
fr fa	RL
fr fe	UI
fr fi	LR
fr fl	MQ
fr fé	UI
fr g	HV
fr g0	SK
fr ga	DZ
fr ge	LR
fr gr	SK
fr gs	LR
fr gu	MQ
fr gé	[C
fr h 	a?
fr h,	YE
fr h.	UI
fr ha	JT
fr he	QM
fr hi	IU
fr hu	_@
fr il	MQ
fr im	LR
fr in	IU
fr j	QM
fr j'	KS
fr ja	TJ
fr je	LR
fr jo	VH
fr ju	TJ
fr j’	JT
fr k	^A
fr ke	]B
fr ki	RL
fr km	SK
fr kr	SK
fr l	MQ
fr l'	LR
fr la	QM
fr le	LR
fr li	RL
fr lo	WG
fr là	<d
fr lé	RL
fr m	JT
fr m 	XF
fr m'	EY
fr m.	GW
fr ma	LR
fr mi	VH
fr ml	SK
fr mu	LR
fr mè	VH
fr mé	SK
fr mê	WG
fr ni	DZ
fr nu	JT
fr n°	KS
fr n’	UI
fr o	TJ
fr ob	VH
fr oc	JT
fr od	XF
fr ok	SK
fr on	ZD
fr op	GW
fr or	JT
fr ou	MQ
fr où	LR
fr p	KS
fr pa	JT
fr ph	EY
fr pi	VH
fr pl	GW
fr po	WG
fr pr	EY
fr pu	C[
fr pâ	LR
fr pè	SK
fr q	KS
fr qu	KS
fr r	RL
fr rd	UI
fr ri	RL
fr ro	JT
fr ru	RL
fr ré	QM
fr s'	RL
fr sa	KS
fr se	RL
fr si	LR
fr sl	DZ
fr so	TJ
fr su	KS
fr sv	LR
fr sé	YE
fr s’	UI
fr ta	WG
fr te	KS
fr th	HV
fr ti	]B
fr to	RL
fr tr	RL
fr tu	QM
fr té	EY
fr u	GW
fr un	GW
fr ur	]B
fr v	HV
fr va	VH
fr ve	A^
fr vi	TJ
fr vo	HV
fr vé	KS
fr w	XF
fr y	YE
fr y 	WG
fr ye	QM
fr z	WG
fr za	WG
fr «	DZ
fr « 	DZ
fr »	A^
fr » 	FX
fr »,	DZ
fr ».	JT
fr à	QM
fr à 	QM
fr â	UI
fr ç	B]
fr ça	B]
fr é	IU
fr éc	DZ
fr él	RL
fr ét	LR
fr év	QM
fr ê	GW
fr êt	GW
fr –	EY
fr – 	EY
fr —	IU
fr — 	IU
fr €	WG
fr € 	TJ
fr €)	MQ
fr €,	YE
fr €.	UI
fr €/	TJ
fr! 	B]
fr!)	MQ
fr!),	MQ
fr" 	JT
fr$ 	YE
fr% 	KS
fr& 	UI
fr& c	UI
fr'a	KS
fr'a 	TJ
fr'ab	WG
fr'an	IU
fr'ap	MQ
fr'ar	MQ
fr'as	GW
fr'at	WG
fr'au	RL
fr'av	GW
fr'e	GW
fr'ea	JT
fr'en	B]
fr'es	LR
fr'h	QM
fr'hu	RL
fr'i	IU
fr'il	QM
fr'im	MQ
fr'in	GW
fr'o	MQ
fr'ou	LR
fr'u	RL
fr'un	LR
fr'éc	QM
fr'ég	QM
fr'éq	VH
fr'ér	MQ
fr(0	IU
fr(00	IU
fr(a	LR
fr(c'	KS
fr(co	TJ
fr(d	TJ
fr(da	TJ
fr(e	IU
fr(el	GW
fr(l	RL
fr(me	UI
fr(o	MQ
fr(on	MQ
fr(p	MQ
fr(pr	LR
fr(q	SK
fr(qu	SK
fr(s	HV
fr(t	LR
fr(v	SK
fr) 	HV
fr) :	TJ
fr) e	LR
fr) g	SK
fr),	QM
fr), 	QM
fr).	LR
fr). 	LR
fr, 	KS
fr, 0	YE
fr, a	TJ
fr, b	QM
fr, c	QM
fr, e	YE
fr, f	MQ
fr, g	XF
fr, h	QM
fr, i	RL
fr, j	MQ
fr, l	TJ
fr, n	JT
fr, o	QM
fr, p	KS
fr, q	UI
fr, r	QM
fr, t	XF
fr, u	HV
fr, v	HV
fr, à	KS
fr, ç	YE
fr, é	JT
fr,0	LR
fr,00	LR
fr- 	SK
fr- l	MQ
fr-0	[C
fr-00	[C
fr-a	WG
fr-au	TJ
fr-bo	SK
fr-co	SK
fr-d	VH
fr-du	XF
fr-e	ZD
fr-fr	HV
fr-ha	VH
fr-jo	MQ
fr-le	MQ
fr-m	QM
fr-mi	XF
fr-mo	JT
fr-mê	LR
fr-n	WG
fr-ne	TJ
fr-o	VH
fr-or	]B
fr-p	UI
fr-pa	JT
fr-s	TJ
fr-sa	TJ
fr-v	YE
fr-ve	YE
fr-vi	TJ
fr-vo	TJ
fr-ê	IU
fr-êt	IU
fr. 	JT
fr. c	KS
fr. d	HV
fr. m	XF
fr. v	IU
fr. »	EY
fr.0	ZD
fr.00	ZD
fr.e	UI
fr.ex	UI
fr/ 	WG
fr/ 0	TJ
fr/0	MQ
fr/00	KS
fr0 	]B
fr0 $	YE
fr0 %	MQ
fr0 (	IU
fr0 /	ZD
fr0 :	IU
fr0 ;	YE
fr0 a	SK
fr0 b	_@
fr0 c	^A
fr0 d	WG
fr0 h	XF
fr0 i	GW
fr0 j	e;
fr0 k	YE
fr0 l	[C
fr0 m	MQ
fr0 o	HV
fr0 p	LR
fr0 r	_@
fr0 s	RL
fr0 t	b>
fr0 v	UI
fr0 |	FX
fr0 €	WG
fr0)	TJ
fr0,	QM
fr0, 	SK
fr0,0	LR
fr0-	UI
fr0-0	UI
fr0.	]B
fr0. 	]B
fr0.0	ZD
fr0/	JT
fr0/0	JT
fr00	_@
fr00 	[C
fr00)	TJ
fr00-	UI
fr00.	]B
fr00/	IU
fr000	^A
fr00h	WG
fr0e	UI
fr0er	UI
fr0h	WG
fr0h 	b>
fr0h,	ZD
fr0h-	[C
fr0h.	SK
fr0h0	RL
fr0x	KS
fr0x 	QM
fr0z	SK
fr0z0	SK
fr: 	FX
fr: 0	LR
fr: b	WG
fr: c	TJ
fr: l	LR
fr: n	HV
fr: «	FX
fr; 	WG
fr; a	ZD
fr; c	UI
fr; j	QM
fr; l	QM
fr? 	4l
fr@b	[C
fr@bo	YE
fr@c	MQ
fr@g	YE
fr@gr	WG
fr@v	DZ
fra 	FX
fra 0	MQ
fra a	IU
fra b	SK
fra c	IU
fra d	GW
fra e	DZ
fra f	MQ
fra m	TJ
fra r	IU
fra s	FX
fra t	KS
fra v	SK
fra à	FX
fra é	HV
fra)	QM
fra) 	QM
fra,	KS
fra, 	KS
fra-	MQ
frab	SK
fraba	WG
frabe	RL
frabl	JT
frabr	XF
frabs	GW
frac	QM
frac 	WG
fracc	QM
frace	QM
frach	HV
fracl	MQ
fraco	FX
fract	HV
fracé	RL
frad	QM
fradh	XF
frado	B]
fradr	HV
fradu	YE
fradè	TJ
fraf	TJ
fraff	VH
frag	MQ
fraga	WG
frage	IU
fragn	VH
frah	RL
frai	KS
frai 	UI
fraie	VH
fraig	SK
frail	QM
fraim	DZ
frain	TJ
frair	MQ
frais	JT
fral	LR
fral 	LR
frala	XF
frale	HV
frall	IU
fralo	SK
fralt	QM
fram	ZD
frama	LR
frame	]B
frami	KS
framo	WG
framp	WG
fran	VH
fran 	JT
fran,	^A
fran-	MQ
fran.	ZD
frana	IU
frand	SK
frane	VH
frang	MQ
frani	UI
frann	SK
frano	VH
franq	EY
frans	RL
frant	VH
franv	VH
franç	VH
frao	b>
fraoû	ZD
frap	MQ
frape	XF
frapo	MQ
frapp	KS
frapr	LR
fraq	ZD
fraqu	ZD
frar 	KS
frar.	WG
frarc	MQ
frard	MQ
frare	^A
frarg	QM
frark	KS
frarl	EY
fraro	UI
frarr	UI
frars	KS
fras	KS
fras 	KS
fras,	QM
fras.	EY
frasi	WG
frast	VH
frat	^A
frat 	RL
frat.	UI
frate	^A
frath	UI
frati	QM
frato	WG
fratr	WG
frats	MQ
fratt	RL
fratu	UI
frau	QM
frau 	QM
frau,	JT
frau-	QM
frau.	RL
frau@	]B
fraub	SK
frauc	QM
fraud	DZ
fraug	QM
fraul	C[
fraur	UI
fraux	QM
frav	SK
frava	QM
frave	RL
fravo	VH
fravr	RL
frax	MQ
fraxe	_@
fraxi	IU
fray	RL
fraye	RL
frayo	RL
fraz	HV
fraî	LR
fraîn	RL
fraît	EY
frb 	WG
frb d	ZD
frb p	TJ
frba	UI
frbai	RL
frbas	QM
frbat	_@
frbc	ZD
frbce	ZD
frbe	XF
frbea	HV
frbec	SK
frbel	RL
frber	RL
frbi	HV
frbie	JT
frbj	SK
frbje	SK
frbl	FX
frbla	KS
frble	C[
frbli	MQ
frblo	MQ
frboi	VH
frbon	B]
frbor	SK
frbou	UI
frboî	UI
frbr	QM
frbra	UI
frbre	HV
frbri	SK
frbru	MQ
frbs	GW
frbse	IU
frbt	XF
frbte	XF
frbu	HV
frbud	IU
frbv	KS
frbve	KS
frbé.	SK
frc 	QM
frc c	LR
frc d	WG
frc j	RL
frc l	DZ
frc m	JT
frc o	IU
frc p	IU
frc s	SK
frc t	VH
frc'e	MQ
frc'é	RL
frc.	YE
frc. 	WG
frca	TJ
frcal	LR
frcam	GW
frcan	XF
frcar	JT
frcas	YE
frcau	]B
frcc	QM
frcce	UI
frcco	MQ
frccu	QM
frce 	VH
frce,	SK
frce.	QM
frcel	FX
frcem	QM
frcen	LR
frcep	UI
frces	SK
frcet	IU
frcev	TJ
frch	XF
frcha	SK
frche	RL
frcho	DZ
frché	MQ
frchê	SK
frci	EY
frci 	KS
frci-	JT
frcia	RL
frcid	HV
frcie	HV
frcin	YE
frcit	C[
frcié	MQ
frck	UI
frck 	WG
frcl	VH
frcla	SK
frcle	QM
frcli	@_
frclo	VH
frclu	WG
frco	MQ
frcol	ZD
frcom	KS
frcop	EY
frcor	QM
frcot	VH
frcoû	FX
frcr	GW
frcra	IU
frcre	RL
frcri	B]
frcro	JT
frcrè	EY
frcs	WG
frcs 	WG
frct	KS
frcte	MQ
frctu	IU
frcu	GW
frcue	RL
frcui	FX
frcul	KS
frcun	JT
frcup	GW
frcus	HV
frcut	RL
frcy	QM
frcè	JT
frcès	JT
frcé	QM
frcée	SK
frcô	RL
frcôt	RL
frd 	MQ
frd a	C[
frd d	QM
frd j	WG
frd l	TJ
frd p	GW
frd s	HV
frd à	IU
frd'a	UI
frd'e	HV
frd'h	IU
frd'i	LR
frd'o	MQ
frd'u	LR
frd,	JT
frd, 	JT
frd.	RL
frd. 	RL
frda	VH
frda,	IU
frdai	RL
frdan	UI
frdas	DZ
frde	TJ
frde 	XF
frdel	TJ
frdem	EY
frden	RL
frdep	RL
frder	LR
frdes	KS
frdev	>b
frdg	IU
frdge	IU
frdh	XF
frdhé	XF
frdi	RL
frdi 	[C
frdi,	QM
frdi.	MQ
frdia	TJ
frdie	[C
frdif	GW
frdil	XF
frdim	RL
frdin	VH
frdir	C[
frdis	QM
frdit	FX
frdiv	]B
frdiz	HV
frdiè	JT
frdoi	EY
frdon	LR
frdos	LR
frdou	ZD
frdr	HV
frdra	IU
frdre	MQ
frdri	DZ
frds	LR
frds 	LR
frdu	QM
frdu 	QM
frdu-	SK
frduc	SK
frdue	ZD
frdul	YE
frdur	JT
frdus	JT
frdv	UI
frdè	XF
frdèg	TJ
frdèl	UI
frdé 	LR
frdé,	HV
frdéb	SK
frdéc	RL
frdée	]B
frdéj	DZ
frdém	MQ
frdén	MQ
frdép	IU
frdér	UI
frd’a	QM
frd’e	HV
fre 	KS
fre "	KS
fre (	IU
fre 0	c=
fre :	QM
fre ;	IU
fre a	WG
fre b	DZ
fre c	]B
fre d	UI
fre e	UI
fre f	UI
fre g	EY
fre i	YE
fre j	MQ
fre k	^A
fre l	VH
fre m	JT
fre n	HV
fre o	VH
fre q	RL
fre r	UI
fre s	MQ
fre t	MQ
fre |	_@
fre »	JT
fre à	YE
fre ç	DZ
fre é	HV
fre –	EY
fre) 	JT
fre),	MQ
fre).	RL
fre-	QM
fre-c	SK
fre-d	RL
fre-m	JT
fre-v	UI
fre.	IU
fre. 	HV
fre.e	_@
fre?	EY
fre? 	EY
fre@	HV
frea	QM
frean	RL
freau	QM
freb	RL
frec)	SK
frec.	SK
frece	KS
freco	EY
frecr	MQ
fred	WG
freda	VH
fredi	YE
free	SK
fref	WG
fref 	WG
freg	VH
frega	TJ
frei	QM
freig	MQ
freil	UI
frein	HV
frel 	MQ
frel,	DZ
frel.	KS
frele	DZ
freli	[C
frell	RL
frels	MQ
frelu	@_
frem	LR
frema	MQ
fremb	MQ
freme	MQ
fremm	KS
fremo	RL
fremp	QM
fren	KS
fren 	GW
fren,	JT
frena	MQ
frenc	MQ
frend	QM
frenf	KS
frenl	LR
frenn	ZD
freno	QM
frens	QM
frent	QM
frenu	VH
frenv	VH
freo	XF
frep	RL
frepr	JT
frept	WG
frepu	RL
freq	TJ
frer	LR
frer 	LR
frer)	LR
frer.	LR
frera	B]
frerc	SK
frerf	TJ
freri	VH
frerl	QM
frerm	UI
frern	MQ
frerr	LR
frers	TJ
fres	LR
fres)	FX
fres,	[C
fres-	DZ
fres.	JT
fresc	MQ
fresp	WG
fress	KS
fresu	YE
fret	SK
fret 	^A
fret)	SK
fret.	KS
frete	DZ
freti	UI
fretr	LR
frets	XF
fretu	TJ
freté	IU
freu	IU
freu 	B]
freub	XF
freud	_@
freui	HV
freul	QM
freun	QM
freur	JT
freus	WG
freut	GW
freuv	SK
freux	RL
frev	LR
frevi	GW
frevo	LR
frexa	UI
frexc	MQ
frexi	[C
frexp	HV
frext	B]
frez	QM
frez 	JT
frez-	WG
frf 	VH
frf d	TJ
frf s	^A
frf,	SK
frf, 	SK
frfa	RL
frfab	SK
frfac	DZ
frfai	VH
frfam	SK
frfan	KS
frfar	YE
frfau	IU
frfe	VH
frfe 	a?
frfem	KS
frfer	VH
frfeu	MQ
frffe	d<
frffi	LR
frffé	LR
frfi	IU
frfic	JT
frfie	HV
frfin	KS
frfir	DZ
frfle	XF
frfoi	JT
frfon	LR
frfor	KS
frfou	XF
frfr	LR
frfra	SK
frfrè	FX
frfs	GW
frfs 	EY
frfu	UI
frfé	QM
frfér	LR
frg d	SK
frg.	QM
frg0	SK
frg0x	SK
frga	RL
frgal	HV
frgar	RL
frgas	VH
frgat	UI
frgau	KS
frgaz	HV
frge 	IU
frge,	WG
frge.	HV
frgen	QM
frger	HV
frges	LR
frget	IU
frgi	WG
frgie	GW
frgis	VH
frgl	KS
frgla	KS
frgne	QM
frgno	JT
frgo	MQ
frgo 	SK
frgp	RL
frgr	WG
frgra	VH
frgre	WG
frgro	GW
frgs	QM
frgsm	LR
frgt	SK
frgts	TJ
frgu	^A
frgue	]B
frgui	SK
frguy	SK
frgé	YE
frgén	WG
frh 	g9
frh (	XF
frh /	TJ
frh 0	QM
frh e	SK
frh p	UI
frh |	ZD
frh à	[C
frh,	ZD
frh, 	ZD
frh-	^A
frh-0	[C
frh.	VH
frh. 	WG
frh0	RL
frh00	RL
frha	WG
frhal	LR
frhan	WG
frhaq	ZD
frhar	IU
frhat	UI
frhau	HV
frhe	QM
frhe 	RL
frhe.	TJ
frhef	WG
frhel	GW
frher	DZ
frhes	VH
frhet	IU
frheu	TJ
frhez	XF
frhi	RL
frhie	TJ
frhis	MQ
frhiv	XF
frho	HV
frhom	MQ
frhos	EY
frhot	FX
frhu	_@
frhui	WG
frhè	LR
frhèq	RL
frhèr	EY
frhèt	TJ
frhé,	B]
frhér	LR
frhés	KS
frhê	SK
frhên	SK
fri 	SK
fri 0	QM
fri a	QM
fri b	LR
fri c	MQ
fri d	WG
fri e	RL
fri j	LR
fri l	[C
fri m	SK
fri o	IU
fri p	A^
fri q	TJ
fri r	SK
fri s	GW
fri t	LR
fri v	RL
fri à	[C
fri-	JT
fri-d	HV
fri-j	MQ
fria	XF
friag	UI
frial	VH
frian	UI
frib	KS
friba	TJ
fribl	HV
fric	LR
fric 	WG
frica	QM
frice	LR
frich	JT
frici	HV
frick	WG
frict	EY
frid	JT
fridi	TJ
fridu	ZD
fridé	IU
frie 	LR
frie,	SK
frie-	JT
frie.	KS
friei	UI
friel	TJ
frier	XF
fries	VH
frieu	MQ
friez	KS
frif	@_
friff	FX
frifi	IU
frifs	EY
frig	LR
frign	LR
frigo	GW
frigu	LR
fril	WG
fril 	KS
fril,	^A
fril.	WG
frile	TJ
frili	QM
frill	TJ
frilo	RL
frils	IU
frilà	HV
frim	JT
frim 	QM
frime	FX
frimo	TJ
frimu	KS
frin	VH
frin 	UI
frin,	LR
frin.	TJ
frina	WG
frinc	KS
frine	QM
frinf	QM
frini	YE
frinq	LR
frins	SK
frint	KS
frinu	GW
frinz	SK
frio	LR
friol	KS
frip	JT
fripe	QM
fript	DZ
frir	MQ
frir,	LR
frir-	UI
frir.	QM
frira	IU
friri	KS
friré	YE
fris,	MQ
frisa	KS
frise	RL
frisi	MQ
friso	MQ
frisp	DZ
friss	SK
frist	RL
frit	JT
frit,	UI
frit-	SK
frit.	@_
frite	C[
friti	EY
fritr	VH
frits	WG
fritu	IU
frité	[C
friv	WG
frive	WG
frivo	[C
frivr	SK
frix	QM
frix-	UI
frixa	RL
friz	HV
friza	HV
friè	VH
frièc	UI
frié	EY
frié 	EY
frié.	IU
friée	VH
friés	KS
frj'	LR
frj'a	KS
frj'e	TJ
frj'é	IU
frja	UI
frjan	VH
frjar	UI
frje	KS
frjea	RL
frjet	IU
frjeu	SK
frjo	QM
frjoi	MQ
frjou	KS
frju	UI
frjui	QM
frjus	HV
frj’	JT
frj’a	QM
frk 	XF
frkar	QM
frke	]B
frker	]B
frkil	RL
frkin	KS
frkm	SK
frkm 	SK
frkm.	WG
frkr	SK
frl 	MQ
frl (	VH
frl 0	XF
frl c	XF
frl d	QM
frl e	JT
frl l	LR
frl m	UI
frl n	C[
frl t	HV
frl y	QM
frl à	RL
frl'	LR
frl'e	B]
frl'h	RL
frl'i	DZ
frl)	SK
frl),	SK
frl,	MQ
frl, 	MQ
frl.	MQ
frl. 	JT
frl.e	SK
frla	QM
frla 	JT
frla-	MQ
frlac	UI
frlag	WG
frlam	VH
frlan	JT
frlas	UI
frlat	LR
frlau	LR
frlav	^A
frlaî	FX
frle.	JT
frle@	MQ
frled	TJ
frlen	DZ
frler	A^
frles	RL
frlet	_@
frleu	C[
frlev	LR
frlez	B]
frlib	ZD
frlic	SK
frlid	LR
frlig	IU
frlio	MQ
frliq	FX
frlir	LR
frlit	QM
frliv	XF
frll	SK
frlle	TJ
frlli	GW
frllé	TJ
frllô	FX
frlm	HV
frlmo	LR
frlo 	JT
frlo.	ZD
frloc	MQ
frlog	EY
frloi	WG
frlom	RL
frlon	IU
frlor	QM
frlos	RL
frlou	TJ
frloy	SK
frloï	JT
frls	MQ
frls 	JT
frlt 	DZ
frlta	MQ
frlub	TJ
frluc	JT
frlue	TJ
frlum	UI
frlun	QM
frlus	DZ
frlv	XF
frly	EY
frlà	;e
frlà 	>b
frlà-	FX
frlé	LR
frlé.	RL
frléc	HV
frlée	WG
frlég	UI
frlés	@_
frlô	FX
frlô 	FX
frl’a	MQ
frl’e	VH
frl’é	QM
frm 	IU
frm 0	KS
frm a	KS
frm b	QM
frm d	MQ
frm'	EY
frm'a	IU
frm.	A^
frm. 	A^
frma	FX
frma 	LR
frmag	QM
frmai	LR
frmal	LR
frmar	LR
frmat	[C
frmb	LR
frmbe	SK
frmbl	MQ
frmbr	LR
frmbé	KS
frme	QM
frme 	JT
frme,	YE
frme.	KS
frmea	XF
frmed	WG
frmei	KS
frmem	UI
frmen	JT
frmer	MQ
frmes	[C
frmeu	^A
frmi 	B]
frmi-	VH
frmid	XF
frmie	LR
frmil	WG
frmio	JT
frmir	TJ
frmit	MQ
frmiè	QM
frml	SK
frmm	RL
frmme	LR
frmmu	[C
frmo	QM
frmod	RL
frmoi	UI
frmor	QM
frmos	GW
frmot	@_
frmou	UI
frmp	WG
frmpa	IU
frmpe	SK
frmpl	YE
frmpo	XF
frmps	MQ
frmpt	FX
frms	DZ
frms,	GW
frmul	DZ
frmum	KS
frmun	[C
frmus	JT
frmè	SK
frmèt	TJ
frmé 	YE
frméc	UI
frmée	TJ
frmén	FX
frmér	DZ
frmét	SK
frmê	UI
frmêm	UI
frn (	JT
frn 0	]B
frn a	HV
frn b	GW
frn e	VH
frn g	RL
frn h	LR
frn i	KS
frn j	QM
frn l	LR
frn n	MQ
frn o	IU
frn p	FX
frn q	GW
frn r	IU
frn s	UI
frn t	TJ
frn v	FX
frn y	WG
frn »	JT
frn à	TJ
frn é	TJ
frn'a	KS
frn)	VH
frn-	SK
frn-l	SK
frn-v	TJ
frn.	TJ
frn. 	TJ
frn.e	TJ
frna	TJ
frna 	UI
frnad	QM
frnag	KS
frnal	QM
frnc	RL
frnc,	EY
frnce	UI
frnch	RL
frnco	LR
frnd 	LR
frnd.	SK
frndi	SK
frndo	]B
frndr	LR
frnds	LR
frndu	EY
frndé	QM
frne	ZD
frne 	XF
frne,	KS
frne-	QM
frne.	LR
frnea	XF
frnec	[C
frnel	QM
frnem	QM
frnen	QM
frneq	TJ
frner	HV
frnes	XF
frnet	UI
frneu	LR
frnev	KS
frnez	LR
frnf	JT
frnfa	KS
frnfi	GW
frnfo	QM
frnge	JT
frngl	LR
frngs	UI
frngt	SK
frngu	WG
frni	RL
frni 	GW
frnic	WG
frnie	VH
frnim	WG
frnio	FX
frniq	TJ
frnir	JT
frnj	KS
frnjo	KS
frnl	LR
frnle	LR
frnn	QM
frnne	QM
frnnu	IU
frnné	JT
frno 	GW
frnoi	KS
frnom	IU
frnon	UI
frnos	RL
frnot	XF
frnou	VH
frnov	VH
frnoë	TJ
frnq	DZ
frnqu	DZ
frns	ZD
frns 	[C
frns.	_@
frnsa	WG
frnsc	DZ
frnse	RL
frnsi	LR
frnst	TJ
frnt 	QM
frnt)	MQ
frnt,	WG
frnt-	WG
frnt.	JT
frnte	RL
frntf	[C
frntg	VH
frnti	MQ
frnto	TJ
frntr	LR
frnts	JT
frnu	QM
frnu 	A^
frnui	XF
frnul	FX
frnum	DZ
frnus	SK
frnv	WG
frnve	TJ
frnvi	VH
frnvo	RL
frnz	SK
frnze	SK
frn°	KS
frn° 	KS
frnç	TJ
frnça	VH
frné	JT
frné 	LR
frné.	GW
frnée	MQ
frnér	WG
frn’	UI
frn’a	XF
frn’e	FX
fro 	IU
fro 0	MQ
fro d	C[
fro p	MQ
fro s	RL
fro,	IU
fro, 	IU
fro-	UI
fro.	XF
fro. 	XF
frobj	SK
frobr	GW
froc	JT
frocc	QM
froch	TJ
frocu	QM
frod	UI
frode	GW
frodi	XF
frodè	UI
frog	JT
frogi	GW
froh	ZD
froha	ZD
froi	JT
froi 	QM
froi,	MQ
froic	IU
froie	QM
froig	IU
froil	LR
froin	ZD
froir	GW
frois	JT
froit	GW
froix	[C
frok	SK
frok 	SK
frol.	LR
frola	SK
frole	SK
frolo	GW
frolé	B]
from	KS
from 	LR
froma	KS
fromb	JT
fromi	XF
fromm	TJ
fromp	MQ
froms	DZ
fromè	QM
fron	QM
fron 	TJ
fron,	HV
fron-	MQ
fron.	IU
fronc	XF
frond	HV
fronf	FX
froni	MQ
fronj	KS
fronn	JT
frono	EY
frons	WG
fronv	B]
fronz	SK
froo	B]
froor	B]
frop	GW
frop 	XF
frop.	LR
fropi	EY
fropo	FX
fropt	DZ
fror	RL
fror 	FX
fror,	JT
frora	KS
frorc	ZD
frore	=c
frori	MQ
frorm	JT
frorn	TJ
frorr	SK
frors	VH
frort	_@
frorv	XF
fros	FX
fros 	GW
fros,	VH
fros.	A^
frosa	UI
frose	KS
frosi	TJ
fross	LR
frost	SK
frosé	GW
frot	FX
frot 	IU
frote	HV
froto	FX
frotr	WG
frott	QM
froté	IU
frou	RL
frou 	HV
froub	XF
frouc	WG
froud	IU
froue	UI
froug	GW
frouh	FX
froui	>b
froul	QM
froum	c=
froup	WG
frouq	VH
frour	LR
frous	VH
frouv	QM
froué	[C
frov	ZD
frove	VH
froy	WG
froye	UI
froë	TJ
froël	TJ
froî	UI
froît	UI
froï	JT
froïc	JT
froù	MQ
froù 	MQ
frp 	RL
frp d	LR
frp. 	KS
frpa	MQ
frpag	FX
frpai	]B
frpan	GW
frpas	FX
frpay	SK
frpe	QM
frpe 	^A
frpe,	GW
frpel	JT
frpen	IU
frpet	WG
frpeu	MQ
frph	GW
frpho	HV
frpi	UI
frpie	IU
frpiq	MQ
frpir	IU
frpiè	YE
frple	WG
frpli	HV
frplo	TJ
frplu	A^
frpo	RL
frpoi	IU
frpol	FX
frpom	TJ
frpon	LR
frpor	]B
frpot	YE
frpp	KS
frppe	JT
frppo	MQ
frppr	SK
frpr	HV
frpre	LR
frpri	IU
frpro	HV
frprè	MQ
frpré	QM
frprê	YE
frps 	XF
frps.	IU
frpt	JT
frpt.	[C
frpte	FX
frpti	GW
frpté	QM
frpu	GW
frpu 	HV
frpub	MQ
frpui	JT
frpâ	LR
frpâl	LR
frpè	[C
frpèr	WG
frpér	LR
frpê	RL
frpô	QM
frpôt	QM
frqu	KS
frqu'	LR
frqua	ZD
frque	FX
frqui	RL
frquo	UI
frqué	MQ
frqu’	DZ
frr 	B]
frr 0	LR
frr :	KS
frr ;	EY
frr a	RL
frr b	LR
frr c	MQ
frr d	MQ
frr e	TJ
frr f	WG
frr i	?a
frr k	YE
frr l	GW
frr o	TJ
frr p	JT
frr r	RL
frr s	JT
frr t	EY
frr u	JT
frr v	A^
frr »	KS
frr à	MQ
frr)	KS
frr) 	KS
frr),	LR
frr,	KS
frr, 	KS
frr-	[C
frr.	MQ
frr. 	JT
frr.e	UI
frr@	YE
frra 	C[
frrac	LR
frrai	HV
frram	YE
frran	ZD
frrap	LR
frras	HV
frrat	VH
frrav	SK
frraî	LR
frrc	RL
frrce	MQ
frrch	MQ
frrci	KS
frrcr	WG
frrd	MQ
frrd 	MQ
frrda	QM
frrdo	HV
frrdv	UI
frre 	KS
frre)	QM
frre,	TJ
frre-	VH
frre.	C[
frrec	QM
frred	XF
frreg	TJ
frrei	SK
frrel	EY
frren	LR
frrep	MQ
frrer	SK
frres	LR
frret	JT
frreu	C[
frrev	UI
frrf	TJ
frrg	ZD
frrge	XF
frri	JT
frrib	C[
frric	HV
frrie	RL
frrif	B]
frrig	HV
frrin	WG
frrio	HV
frrip	DZ
frriq	UI
frris	SK
frrit	HV
frriv	SK
frrix	DZ
frriè	TJ
frrié	HV
frrk	KS
frrki	KS
frrl	EY
frrle	IU
frrlo	IU
frrm	SK
frrme	QM
frrmu	DZ
frrmé	VH
frrn	MQ
frrna	QM
frrne	YE
frrné	FX
frro	HV
frro 	FX
frroc	MQ
frroi	SK
frrom	LR
frrop	JT
frros	GW
frrou	QM
frrr	VH
frrra	XF
frrri	_@
frrrê	FX
frrs	VH
frrs 	VH
frrs,	TJ
frrsi	HV
frrso	MQ
frrt	VH
frrt 	QM
frrt-	QM
frrt.	[C
frrta	LR
frrte	[C
frrti	QM
frrto	C[
frrub	MQ
frruc	QM
frrue	ZD
frrum	MQ
frrun	HV
frrv	SK
frrva	VH
frrve	MQ
frrvi	QM
frry	GW
frry,	JT
frrè	HV
frrèm	EY
frrèr	FX
frrès	MQ
frré	TJ
frré 	QM
frréa	EY
frréd	VH
frrée	JT
frréf	IU
frrég	YE
frrém	GW
frrép	[C
frrés	KS
frrét	LR
frréu	FX
frrê	WG
frrêt	WG
frs 	RL
frs !	GW
frs (	SK
frs 0	XF
frs :	HV
frs ;	XF
frs ?	C[
frs a	LR
frs b	a?
frs d	QM
frs e	XF
frs f	MQ
frs h	C[
frs i	KS
frs j	JT
frs l	KS
frs m	QM
frs n	SK
frs o	SK
frs p	HV
frs s	]B
frs u	VH
frs v	[C
frs y	QM
frs |	JT
frs »	IU
frs à	XF
frs é	LR
frs ê	GW
frs'	RL
frs'a	SK
frs'i	MQ
frs)	A^
frs) 	DZ
frs).	KS
frs,	UI
frs, 	UI
frs-m	TJ
frs-v	LR
frs.	JT
frs. 	IU
frs.e	VH
frsab	IU
frsai	MQ
frsal	LR
frsam	TJ
frsca	VH
frscr	GW
frse	SK
frse 	RL
frse,	FX
frse.	WG
frsec	IU
frsei	RL
frsel	SK
frsem	UI
frsen	C[
frsep	TJ
frser	WG
frses	LR
frset	IU
frseu	JT
frsez	LR
frsi	KS
frsi 	DZ
frsib	IU
frsic	LR
frsig	UI
frsim	RL
frsin	LR
frsio	QM
frsiq	JT
frsir	b>
frsit	B]
frsix	]B
frsiè	KS
frsl	DZ
frslt	DZ
frsm 	LR
frsob	EY
frsoi	UI
frsol	FX
frsom	UI
frson	MQ
frsor	RL
frsou	LR
frsp	VH
frspi	IU
frspo	WG
frsq	JT
frsqu	JT
frsr	WG
frssa	XF
frsse	QM
frssi	JT
frsso	KS
frssé	TJ
frsta	]B
frsti	QM
frsto	FX
frstr	TJ
frsu	JT
frsub	KS
frsuj	LR
frsul	MQ
frsup	C[
frsur	LR
frsus	ZD
frsv	LR
frsvp	LR
frsé 	WG
frsé,	KS
frsée	HV
frsés	WG
frs’	UI
frs’a	ZD
frs’e	MQ
frt (	TJ
frt 0	LR
frt :	MQ
frt ;	KS
frt a	QM
frt b	KS
frt c	RL
frt d	WG
frt e	GW
frt f	RL
frt g	QM
frt i	RL
frt j	ZD
frt l	SK
frt m	YE
frt n	ZD
frt o	YE
frt p	DZ
frt q	FX
frt r	UI
frt t	WG
frt u	LR
frt v	FX
frt |	[C
frt «	GW
frt à	JT
frt ç	IU
frt é	FX
frt)	QM
frt) 	SK
frt).	VH
frt,	TJ
frt, 	TJ
frt-	LR
frt-a	SK
frt-o	UI
frt-v	b>
frt-ê	IU
frt.	GW
frt. 	KS
frt@	MQ
frta	YE
frtab	JT
frtac	VH
frtag	SK
frtai	RL
frtal	UI
frtan	TJ
frtar	IU
frtat	QM
frtau	[C
frtax	b>
frte	DZ
frte 	QM
frte)	GW
frte,	UI
frte-	RL
frte.	RL
frtel	WG
frtem	FX
frten	SK
frter	@_
frtes	@_
frteu	RL
frtex	EY
frtez	MQ
frtf	[C
frtg	VH
frth	MQ
frthi	TJ
frti	SK
frti 	ZD
frtic	IU
frtie	TJ
frtig	?a
frtim	JT
frtin	VH
frtio	QM
frtiq	MQ
frtir	YE
frtis	YE
frtit	WG
frtiè	TJ
frtié	DZ
frto	QM
frto 	LR
frto,	EY
frto.	UI
frtoi	JT
frtom	FX
frton	ZD
frtos	C[
frtou	QM
frtr	VH
frtra	TJ
frtre	TJ
frtro	LR
frtru	TJ
frtré	UI
frts 	LR
frts,	VH
frts.	LR
frtt	RL
frtu	LR
frtu 	IU
frtue	MQ
frtui	YE
frtur	KS
frtv	XF
frtva	XF
frté	GW
frté,	UI
frtée	KS
frtél	EY
frtéo	HV
frtés	QM
frtô	FX
frtôt	FX
fru 	KS
fru :	KS
fru a	GW
fru b	RL
fru d	JT
fru e	FX
fru f	SK
fru g	IU
fru j	HV
fru l	LR
fru m	TJ
fru n	IU
fru p	SK
fru r	QM
fru s	SK
fru t	HV
fru v	KS
fru à	SK
fru'	LR
fru'e	LR
fru'i	VH
fru-	TJ
fru-d	RL
fru-f	MQ
fru.	RL
fru. 	RL
fru@	]B
frua	]B
fruan	SK
fruat	[C
frub	[C
frub 	TJ
frube	SK
frubr	RL
frubv	KS
fruc	RL
fruci	LR
fruco	LR
fruct	TJ
frucu	@_
frud	GW
frude	MQ
frudg	IU
frudi	WG
frudr	EY
frue	MQ
frue 	KS
frue)	SK
frue,	MQ
fruei	RL
fruel	KS
fruen	@_
fruer	LR
frues	MQ
fruet	YE
fruf	RL
fruf 	QM
frug	VH
fruge	MQ
fruh	FX
fruha	FX
frui	LR
fruil	TJ
fruin	KS
fruip	QM
fruis	KS
fruiv	IU
fruj	JT
fruje	LR
frul	KS
frul 	WG
frule	GW
frulé	FX
frum 	MQ
frum.	HV
frume	WG
frumi	WG
frumé	HV
frun	IU
frun 	IU
frun-	XF
frun.	VH
frund	MQ
frune	MQ
fruni	RL
fruo	TJ
fruon	WG
frup 	LR
frupe	UI
fruq	VH
fruqu	VH
frur	JT
frur 	C[
frur,	A^
frur-	YE
frur@	YE
frura	UI
frure	LR
frurg	YE
fruri	RL
frurn	SK
fruro	VH
frurr	[C
frurs	RL
frurt	HV
frus	QM
frus 	UI
frus-	LR
frus.	RL
frusa	MQ
fruse	TJ
frusi	GW
frusq	JT
fruss	WG
frust	HV
frut	JT
frut 	MQ
frut,	QM
frut-	FX
frut.	FX
fruta	RL
fruto	QM
frutr	FX
frutô	JT
fruve	JT
fruvo	SK
fruvr	QM
frux	QM
frux)	TJ
frux,	RL
frux.	IU
fruxi	QM
fruy	WG
fruz	VH
frué	ZD
fruéb	SK
fru’	DZ
fru’à	JT
frva	WG
frva 	UI
frvag	MQ
frvan	SK
frvas	B]
frvat	QM
frvau	RL
frve	KS
frve 	IU
frvea	IU
frvei	VH
frvel	GW
frvem	VH
frven	^A
frver	HV
frves	TJ
frveu	B]
frvez	WG
frvi	SK
frvie	ZD
frvig	XF
frvin	VH
frvio	LR
frvir	LR
frvis	DZ
frvit	SK
frviv	RL
frvo	LR
frvoi	FX
frvol	VH
frvon	WG
frvot	IU
frvou	RL
frvoy	WG
frvp 	?a
frvr	VH
frvra	LR
frvre	UI
frvri	QM
frvé 	KS
frvée	TJ
frvér	HV
frwe	LR
frx 	MQ
frx 0	HV
frx a	UI
frx c	SK
frx d	JT
frx f	MQ
frx m	LR
frx p	JT
frx q	TJ
frx à	LR
frx)	TJ
frx-	WG
frx.	IU
frx. 	IU
frxa	VH
frxam	UI
frxan	RL
frxc	MQ
frxcu	HV
frxe	_@
frxi	JT
frxis	[C
frxiè	QM
frxp	HV
frxpl	HV
frxt	B]
frxte	EY
frxtr	DZ
fry 	ZD
fry a	TJ
fry e	QM
fry v	UI
fry.	KS
fry. 	FX
fry.e	TJ
frya	ZD
frye	YE
fryen	UI
fryer	LR
fryeu	QM
fryo	VH
fryon	UI
frys	LR
frz 	JT
frz c	FX
frz d	RL
frz e	XF
frz l	JT
frz m	KS
frz p	HV
frz r	VH
frz v	UI
frz-	WG
frz-v	UI
frz0	SK
frza 	WG
frze	SK
frze 	SK
frzo	WG
fr| 0	LR
fr| e	DZ
fr| l	VH
fr| m	TJ
fr| v	UI
fr| |	JT
fr« 	DZ
fr« d	GW
fr« l	HV
fr« p	LR
fr« s	LR
fr° 	KS
fr° 0	KS
fr» 	FX
fr»,	DZ
fr», 	DZ
fr».	JT
fr». 	JT
frà 0	YE
frà a	LR
frà b	LR
frà d	XF
frà e	SK
frà f	KS
frà g	GW
frà j	IU
frà l	UI
frà m	KS
frà p	^A
frà q	HV
frà t	JT
frà u	GW
frà v	HV
frà-	QM
frà-d	FX
frâl	LR
frâle	LR
frça	MQ
frça 	A^
frçai	VH
frço	MQ
frçon	MQ
frèc	[C
frèce	ZD
frèg	TJ
frège	VH
frèl	UI
frèle	UI
frèm	HV
frème	HV
frèn	MQ
frène	MQ
frèq	RL
frèqu	RL
frèr	KS
frère	KS
frès	KS
frès-	XF
frèt	WG
frète	TJ
frètr	TJ
fré 	TJ
fré 0	]B
fré a	WG
fré b	RL
fré e	RL
fré l	[C
fré m	KS
fré n	SK
fré p	LR
fré s	JT
fré u	VH
fré v	B]
fré,	KS
fré, 	KS
fré.	KS
fré. 	KS
fréa	<d
fréal	B]
fréb	WG
frébe	UI
fréc	QM
fréch	GW
frécl	SK
fréco	RL
frécr	GW
fréd	TJ
frée	LR
frée 	VH
frée,	C[
frée.	MQ
frées	GW
fréf	IU
frég	a?
fréga	TJ
frégi	VH
frégl	VH
frél	GW
frél 	MQ
frél.	GW
frélè	QM
frélé	MQ
frém	IU
fréma	KS
frémi	FX
frémo	RL
frémé	FX
frén	LR
fréna	FX
fréné	UI
fréo	GW
fréo 	HV
frép	XF
frépa	d<
frépl	HV
frépo	B]
frépô	QM
frér	DZ
fréra	QM
fréri	GW
fréro	DZ
frés	JT
frés 	KS
frés,	QM
frése	EY
frési	RL
fréso	MQ
frét	QM
fréta	LR
fréti	WG
fréto	TJ
frété	MQ
fréu	FX
fréun	FX
frév	KS
fréve	ZD
frévi	EY
frêc	EY
frêch	EY
frêl	[C
frêle	[C
frêm	UI
frême	UI
frên	SK
frêne	SK
frêt 	UI
frête	LR
frêtr	JT
frël	TJ
frël 	SK
frîn	RL
frîne	WG
frît	LR
frît 	LR
frîte	WG
frîtr	MQ
frïc	IU
frô 	FX
frôt	MQ
frôt 	JT
frù 	MQ
frù i	TJ
frù l	LR
frût	RL
frût 	[C
frût,	TJ
frût.	UI
fr– 	EY
fr— 	IU
fr’a	SK
fr’a 	WG
fr’ac	SK
fr’ai	IU
fr’an	MQ
fr’as	KS
fr’at	RL
fr’au	IU
fr’av	ZD
fr’en	MQ
fr’es	QM
fr’on	MQ
fr’à	JT
fr’à 	JT
fr’é	MQ
fr€ 	TJ
fr€ l	b>
fr€ p	d<
fr€ |	JT
fr€)	MQ
fr€) 	MQ
fr€,	YE
fr€, 	YE
fr€.	UI
fr€. 	UI
fr€/	TJ`,
};
