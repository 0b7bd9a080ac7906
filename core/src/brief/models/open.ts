import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.02113,
  bias: [-0.5565,0.5565],
  weights: `de %	VH
de % 	VH
de &	SK
de & 	SK
de (	LR
de (0	MQ
de (a	HV
de (b	GW
de (d	KS
de (f	WG
de (i	SK
de (j	GW
de (k	LR
de (l	GW
de (n	TJ
de (s	JT
de +	IU
de + 	KS
de +0	JT
de -0	^A
de ->	JT
de /	GW
de / 	KS
de 0	SK
de 0 	SK
de 0,	]B
de 0-	RL
de 0.	@_
de 00	[C
de 0:	MQ
de 0–	WG
de a	MQ
de a.	KS
de ac	YE
de ah	KS
de ak	QM
de al	JT
de am	TJ
de an	KS
de ap	[C
de ar	XF
de at	KS
de b	MQ
de ba	QM
de be	LR
de bl	GW
de bo	_@
de bu	GW
de bä	MQ
de bö	RL
de bü	YE
de c	LR
de ca	QM
de ce	VH
de ch	LR
de co	GW
de d	QM
de da	KS
de de	JT
de dr	XF
de du	GW
de dü	KS
de e.	VH
de ec	EY
de eg	RL
de eh	VH
de el	TJ
de em	MQ
de en	A^
de er	HV
de es	WG
de eu	MQ
de ex	SK
de f	JT
de fa	SK
de fe	VH
de fi	DZ
de fl	YE
de fn	RL
de fr	LR
de fu	KS
de fä	LR
de fö	IU
de ga	MQ
de gi	YE
de gl	XF
de go	RL
de gr	B]
de gu	GW
de gä	FX
de h	SK
de h.	B]
de he	IU
de ho	UI
de hr	UI
de hu	UI
de hä	QM
de hö	LR
de hü	EY
de i	RL
de i.	JT
de ic	IU
de id	EY
de if	TJ
de ih	GW
de im	RL
de in	ZD
de is	QM
de it	GW
de j	SK
de ja	JT
de je	VH
de jo	QM
de ju	QM
de jö	TJ
de k	SK
de ke	?a
de kg	WG
de ki	YE
de ko	SK
de kr	VH
de ku	EY
de kw	XF
de kö	FX
de kü	KS
de l	MQ
de la	XF
de le	IU
de lg	GW
de li	DZ
de lo	FX
de lu	QM
de lä	SK
de ma	LR
de mb	LR
de mi	LR
de mm	SK
de mo	VH
de mu	IU
de mw	UI
de mä	QM
de mö	FX
de mü	LR
de n	JT
de na	MQ
de ne	FX
de ni	MQ
de no	HV
de nr	XF
de nu	JT
de nö	WG
de nü	MQ
de o	KS
de ob	DZ
de of	TJ
de oh	WG
de ok	LR
de ol	YE
de on	IU
de or	HV
de os	DZ
de ot	MQ
de p	EY
de pa	FX
de pd	HV
de pe	JT
de pi	IU
de pl	VH
de po	QM
de pr	GW
de pu	UI
de q	YE
de qu	YE
de r	MQ
de ra	MQ
de re	HV
de ri	[C
de ru	RL
de s	GW
de s'	IU
de sa	UI
de sh	KS
de si	JT
de so	HV
de sp	UI
de st	KS
de su	DZ
de sä	QM
de t	SK
de ta	_@
de te	IU
de th	KS
de tr	UI
de ts	FX
de tu	QM
de tä	UI
de tü	SK
de u	UI
de u.	MQ
de uh	YE
de ui	UI
de ul	^A
de um	QM
de un	RL
de ur	QM
de us	RL
de v	JT
de v.	VH
de va	QM
de ve	MQ
de vi	KS
de w	MQ
de wa	VH
de we	LR
de wi	TJ
de wu	FX
de wä	JT
de wü	@_
de x	HV
de xa	HV
de y	TJ
de yo	QM
de yı	TJ
de z	RL
de za	JT
de ze	FX
de zu	RL
de zw	YE
de |	RL
de | 	RL
de ·	FX
de · 	FX
de ä	TJ
de äl	WG
de är	EY
de ö	RL
de öf	MQ
de öl	TJ
de ü	LR
de üb	LR
de –	IU
de – 	IU
de „	GW
de „d	SK
de „e	IU
de „g	IU
de „h	FX
de „m	HV
de „p	KS
de „s	HV
de „w	JT
de €	YE
de € 	WG
de €,	g9
de €.	TJ
de! 	GW
de! |	TJ
de!!	LR
de!! 	LR
de!)	RL
de% 	VH
de% m	TJ
de% u	YE
de& 	SK
de& c	MQ
de& s	SK
de'l	HV
de'll	HV
de's	VH
de's 	VH
de(0	MQ
de(0 	VH
de(0.	JT
de(00	QM
de(a	HV
de(ab	MQ
de(au	MQ
de(b	GW
de(d	KS
de(da	MQ
de(f	WG
de(fr	UI
de(i	SK
de(in	SK
de(j	GW
de(ju	JT
de(k	LR
de(l	GW
de(n	TJ
de(nu	TJ
de(s	JT
de) 	GW
de) |	GW
de),	VH
de), 	VH
de+ 	KS
de+0	JT
de+00	JT
de, 	MQ
de, 0	_@
de, a	MQ
de, b	TJ
de, c	LR
de, d	DZ
de, e	KS
de, f	XF
de, h	MQ
de, j	SK
de, m	SK
de, n	LR
de, o	SK
de, p	FX
de, s	WG
de, t	LR
de, u	b>
de, v	FX
de, w	C[
de, x	LR
de, z	SK
de, ü	ZD
de, „	C[
de,0	C[
de,0 	VH
de,00	A^
de- 	RL
de-,	UI
de-, 	UI
de-0	XF
de-00	VH
de->	JT
de-> 	JT
de-a	[C
de-al	ZD
de-b	HV
de-br	FX
de-f	[C
de-h	[C
de-hi	[C
de-i	RL
de-in	[C
de-k	VH
de-l	a?
de-la	a?
de-m	RL
de-n	QM
de-o	RL
de-r	MQ
de-s	KS
de-se	MQ
de-t	RL
de-u	TJ
de-up	RL
de-w	C[
de-we	FX
de. 	UI
de. 0	XF
de. b	KS
de. d	TJ
de. f	DZ
de. h	JT
de. j	YE
de. l	RL
de. o	MQ
de. r	[C
de. s	GW
de. t	@_
de. u	LR
de. v	IU
de. w	B]
de. z	ZD
de.)	SK
de.),	VH
de.,	JT
de., 	JT
de.-	XF
de.-i	XF
de.0	LR
de.;	[C
de.; 	[C
de.e	QM
de.ex	QM
de.s	DZ
de.–	b>
de.– 	f:
de.–/	TJ
de.–0	SK
de.–d	RL
de.“	A^
de.“ 	A^
de/ 	GW
de/m	TJ
de/m²	TJ
de/n	@_
de0 	YE
de0 %	VH
de0 (	QM
de0 a	HV
de0 b	a?
de0 d	RL
de0 e	RL
de0 f	RL
de0 g	XF
de0 h	^A
de0 j	JT
de0 k	ZD
de0 l	^A
de0 m	ZD
de0 n	MQ
de0 p	a?
de0 r	SK
de0 t	LR
de0 u	ZD
de0 v	B]
de0 w	MQ
de0 |	JT
de0 ·	FX
de0 €	ZD
de0)	GW
de0) 	GW
de0),	TJ
de0, 	VH
de0,0	C[
de0-	RL
de0-0	SK
de0.	RL
de0. 	SK
de0.,	MQ
de0.0	LR
de0.–	f:
de00	^A
de00 	XF
de00)	GW
de00,	KS
de00-	TJ
de00.	j6
de000	^A
de00:	HV
de00;	KS
de00–	QM
de0:	EY
de0: 	JT
de0:0	GW
de0;	KS
de0; 	KS
de0–	SK
de0–0	SK
de: 	GW
de: e	a?
de: f	IU
de: g	LR
de: i	IU
de: k	VH
de: m	UI
de: r	KS
de: s	TJ
de: z	ZD
de: „	A^
de:0	GW
de:00	JT
de; 	GW
de; 0	LR
de; b	JT
de; d	C[
de; f	KS
de; s	]B
de> 	JT
de? 	.r
de@b	ZD
de@be	WG
de@bo	UI
de@k	YE
de@o	YE
de@r	[C
de@s	SK
dea 	QM
dea (	KS
dea 0	ZD
dea a	QM
dea b	<d
dea e	DZ
dea f	^A
dea h	RL
dea k	WG
dea l	IU
dea n	RL
dea p	LR
dea r	UI
dea s	UI
dea t	SK
dea v	DZ
dea w	ZD
dea z	QM
dea,	MQ
dea, 	MQ
deaar	SK
deaat	KS
deab	UI
deab 	^A
deaba	RL
deabe	MQ
deabg	IU
deabh	MQ
deabi	ZD
deabm	SK
deabr	TJ
deabs	JT
deac	SK
deach	RL
dead	MQ
dead 	IU
deade	RL
deadr	FX
deadt	RL
deae	XF
deafe	GW
deaff	LR
deafn	ZD
deaft	QM
deafü	JT
deag 	MQ
deag)	TJ
deag,	MQ
deag.	SK
deagd	KS
deagi	TJ
deags	TJ
deagt	GW
deah	MQ
deahi	JT
deahm	MQ
deahn	LR
deahr	MQ
deai 	MQ
deain	SK
deak	JT
deake	MQ
deakt	IU
deal	QM
deal 	LR
deal,	SK
deal.	QM
dealb	MQ
deald	]B
dealf	ZD
deali	WG
dealk	KS
deall	HV
dealo	MQ
deals	DZ
dealt	QM
deam 	TJ
deame	?a
deamm	HV
deams	RL
deamt	WG
dean 	QM
dean,	RL
dean.	GW
deanb	@_
deang	TJ
deanh	GW
deani	e;
deank	GW
deanl	QM
deanm	QM
deanp	TJ
deans	IU
deanu	QM
deanw	A^
deap	WG
deape	]B
deapp	A^
deapr	WG
dear 	FX
dear,	B]
dear.	EY
deara	^A
dearb	HV
deare	XF
dearf	SK
dearg	[C
deari	XF
deark	JT
dearl	RL
dearm	KS
dearr	WG
dears	DZ
deart	QM
dearu	QM
dearz	;e
deas	JT
deas 	FX
deas,	HV
deas?	IU
deasc	LR
dease	RL
deasm	UI
deass	WG
deat 	DZ
deat,	WG
deat.	JT
deata	SK
deate	SK
deatf	EY
death	HV
deatm	SK
deatt	VH
deatu	VH
deatü	LR
deau	YE
deau 	FX
deau,	KS
deau-	QM
deaub	RL
deauc	TJ
deaud	HV
deaue	VH
deauf	SK
deaug	MQ
deauh	TJ
deaul	UI
deaum	QM
deaun	DZ
deaup	DZ
deaur	TJ
deaus	TJ
deaut	[C
deauw	YE
deauß	LR
deav	MQ
deave	IU
deavo	QM
deax 	QM
deay	QM
deaz	SK
deazu	QM
deaß	TJ
deaß 	RL
deaße	RL
deb 	FX
deb 0	VH
deb a	VH
deb d	B]
deb e	C[
deb f	WG
deb g	IU
deb h	IU
deb n	HV
deb o	HV
deb s	JT
deb u	MQ
deb w	EY
deb z	XF
deb |	YE
deb,	EY
deb, 	EY
deb.	HV
deb. 	IU
deba	WG
debah	XF
debal	<d
deban	IU
debau	^A
debb	]B
debe	QM
debe 	FX
debe,	KS
debea	b>
debee	_@
debeg	VH
debeh	QM
debei	QM
debek	SK
debel	VH
deben	KS
deber	JT
debes	JT
debet	KS
debez	A^
debf	QM
debfr	QM
debg	IU
debge	DZ
debh,	RL
debho	MQ
debi	RL
debia	FX
debie	RL
debil	B]
debin	WG
debio	[C
debis	]B
debit	GW
debl	FX
debla	C[
deble	EY
debli	SK
deblo	RL
debma	HV
debo	QM
debod	DZ
debog	QM
deboo	YE
debot	JT
debr	UI
debre	WG
debri	XF
debro	IU
debru	FX
debrü	VH
debs	QM
debsc	QM
debse	FX
debsf	]B
debst	UI
debt	LR
debt 	RL
debt.	GW
debuc	UI
debud	GW
debue	WG
debun	WG
debur	LR
debä	MQ
debän	MQ
debö	RL
debög	QM
debü	ZD
debüc	WG
debür	YE
deca	ZD
decar	RL
dece	TJ
dech	SK
dech 	KS
dech)	XF
dech,	RL
dech:	LR
dech;	C[
dechb	KS
deche	MQ
dechf	MQ
dechg	WG
dechh	TJ
dechi	QM
dechl	TJ
dechm	SK
dechn	SK
decho	LR
dechr	JT
dechs	[C
decht	LR
dechu	RL
dechw	JT
dechz	RL
dechä	QM
dechö	B]
dechü	RL
deci	XF
deck	QM
deck 	WG
deck,	KS
deck.	LR
deckb	JT
deckh	XF
decks	DZ
deckt	YE
decl	GW
deco	DZ
deco.	VH
decom	KS
decoo	EY
ded 	SK
ded 0	[C
ded a	WG
ded b	KS
ded d	QM
ded e	ZD
ded f	MQ
ded h	EY
ded i	WG
ded j	VH
ded k	JT
ded l	XF
ded m	TJ
ded n	GW
ded o	XF
ded p	YE
ded r	LR
ded s	KS
ded t	HV
ded u	QM
ded v	QM
ded w	MQ
ded |	ZD
ded,	GW
ded, 	GW
ded-	DZ
ded.	RL
ded. 	[C
ded.e	TJ
ded:	MQ
ded: 	MQ
ded@	d<
deda	KS
deda.	XF
dedac	WG
dedaf	JT
dedag	IU
dedai	QM
dedal	YE
dedam	XF
dedan	GW
dedar	QM
dedas	GW
dedat	EY
dedau	GW
dedav	QM
dedb	UI
dede 	HV
dede,	ZD
dede.	MQ
dede0	YE
dedea	?a
dedei	VH
dedel	XF
dedem	GW
deden	RL
deder	LR
dedes	MQ
dedet	WG
dedeu	EY
dedez	UI
dedf	IU
dedg	IU
dedge	GW
dedh	GW
dedi	KS
dedi 	MQ
dedi,	RL
dedin	IU
dedip	SK
dedir	VH
dedis	@_
dedl 	VH
dedle	MQ
dedli	FX
dedm	VH
dedme	VH
dedn	JT
dedne	EY
dednr	RL
dednu	JT
dedo 	XF
dedo,	RL
dedo.	RL
dedok	MQ
dedon	SK
dedor	C[
dedow	LR
dedr	RL
dedr.	SK
dedre	XF
dedri	KS
dedru	FX
dedrü	TJ
deds	FX
dedsa	@_
dedsc	IU
dedss	DZ
dedt	TJ
dedt 	RL
dedu	FX
dedu 	KS
dedun	IU
dedv	WG
dedw	UI
dedwa	_@
dedwe	SK
dedwi	SK
dedy	IU
dedü	KS
dedür	KS
dedı	VH
dedız	TJ
dee 	KS
dee (	JT
dee 0	UI
dee a	HV
dee b	SK
dee c	MQ
dee d	LR
dee f	IU
dee g	MQ
dee h	WG
dee i	GW
dee j	FX
dee k	GW
dee l	HV
dee n	LR
dee o	JT
dee r	QM
dee s	EY
dee u	LR
dee v	HV
dee w	QM
dee z	KS
dee |	XF
dee ö	VH
dee ü	HV
dee „	KS
dee!	KS
dee)	LR
dee),	LR
dee,	UI
dee, 	UI
dee.	RL
dee. 	TJ
dee.e	_@
dee.“	JT
dee0	YE
dee00	YE
dee:	LR
dee: 	LR
dee?	C[
dee? 	C[
deea	TJ
deean	C[
deear	DZ
deeas	GW
deeat	^A
deeb	JT
deeb 	MQ
deeba	XF
deebi	TJ
deebn	JT
deebo	FX
deebr	TJ
deebs	TJ
deebu	IU
deech	RL
deeck	TJ
deed	SK
deed@	WG
deeda	VH
deedg	b>
deeds	JT
deedt	YE
deee	QM
deee,	MQ
deeeh	DZ
deeer	XF
deeet	SK
deef	LR
deef 	TJ
deefa	YE
deeff	LR
deefl	YE
deefo	LR
deefr	A^
deefä	A^
deefü	IU
deeg	VH
deeg 	TJ
deeg,	FX
deeg.	EY
deega	FX
deege	SK
deegi	LR
deegl	KS
deego	TJ
deegr	ZD
deegt	VH
deegu	KS
deeh	RL
deeha	YE
deehe	MQ
deehl	TJ
deehm	XF
deehn	RL
deehr	SK
deeht	KS
deei 	[C
deei,	VH
deei-	_@
deei.	WG
deei@	VH
deeib	C[
deeic	LR
deeid	XF
deeie	FX
deeif	RL
deeig	XF
deeih	WG
deeik	UI
deeil	VH
deein	IU
deeis	KS
deeit	QM
deeiw	UI
deeiz	EY
deeiß	HV
deek	TJ
deeka	MQ
deekl	RL
deeko	MQ
deel	TJ
deel 	GW
deel,	SK
deel.	RL
deela	@_
deelb	QM
deelc	GW
deele	TJ
deelf	MQ
deelg	GW
deelh	QM
deeli	_@
deell	KS
deeln	YE
deelt	QM
deelö	[C
deem	QM
deem 	KS
deema	RL
deemb	QM
deeme	VH
deemi	YE
deemü	GW
deen)	RL
deen,	QM
deen-	_@
deen.	JT
deen:	HV
deen;	JT
deen?	A^
deen@	d<
deenb	UI
deend	JT
deene	UI
deenf	SK
deeng	TJ
deenh	SK
deenk	WG
deenl	RL
deenm	RL
deenn	HV
deeno	LR
deenp	SK
deenr	ZD
deens	b>
deent	KS
deenw	YE
deen“	SK
deeon	TJ
deeor	IU
deep	RL
deepa	UI
deepe	SK
deepl	HV
deepp	WG
deepr	MQ
deept	LR
deer	SK
deer 	QM
deer)	JT
deer,	MQ
deer-	SK
deer.	FX
deer:	JT
deer;	QM
deera	QM
deerb	XF
deere	_@
deerf	JT
deerg	IU
deerh	DZ
deerk	UI
deerl	C[
deern	DZ
deero	UI
deerp	TJ
deerr	DZ
deers	LR
deeru	[C
deerv	KS
deerw	WG
deerz	MQ
deerä	YE
deerö	LR
deer“	FX
dees	MQ
dees 	QM
dees.	EY
deesa	C[
deesc	SK
deese	SK
deesi	SK
deesk	JT
deesp	FX
deess	LR
deest	IU
deesu	C[
deet	KS
deet 	RL
deet,	QM
deet.	GW
deeta	TJ
deetb	TJ
deets	IU
deett	LR
deetw	KS
deetz	C[
deeu	GW
deeu 	EY
deeub	WG
deeue	HV
deeug	UI
deeun	XF
deeur	KS
deeut	LR
deev	JT
deew	LR
deew 	KS
deewi	KS
deex	RL
deexa	QM
deexp	RL
deext	SK
deez	]B
deeza	SK
deeze	]B
deezi	KS
deeß	XF
deeße	TJ
deeö	WG
deeöf	WG
dee“	KS
dee“ 	KS
def 	KS
def (	JT
def 0	KS
def a	QM
def d	C[
def g	VH
def i	DZ
def k	LR
def l	YE
def m	RL
def n	XF
def r	IU
def s	TJ
def t	[C
def u	TJ
def v	KS
def w	SK
def z	XF
def)	HV
def-	YE
defac	KS
defah	QM
defan	]B
defar	@_
defas	TJ
defax	QM
defe	RL
defe 	^A
defeh	EY
defei	MQ
defel	JT
defes	IU
defeu	VH
deff	LR
deff 	FX
deff,	YE
deffe	GW
defge	WG
defh	RL
defi	?a
defia	GW
defik	HV
defil	IU
defin	KS
defir	RL
defk	FX
defl	b>
defla	QM
defle	WG
defli	WG
defm	JT
defma	a?
defn 	RL
defna	HV
defne	XF
defnu	JT
defo@	QM
defol	GW
defon	RL
defor	IU
defot	JT
defr	KS
defr 	SK
defra	EY
defre	VH
defro	WG
defrü	GW
defs	c=
defsc	RL
defst	XF
deft.	UI
defte	DZ
deftl	HV
deftr	IU
defts	MQ
defu	IU
defw	SK
defwa	SK
defä	KS
defäh	HV
defäl	HV
defän	UI
defär	WG
defö	IU
deför	IU
defüh	QM
defül	C[
defür	MQ
deg 	TJ
deg &	FX
deg (	UI
deg a	KS
deg b	MQ
deg e	LR
deg g	GW
deg h	GW
deg j	SK
deg k	ZD
deg m	MQ
deg n	LR
deg o	JT
deg p	YE
deg r	VH
deg s	TJ
deg u	UI
deg v	SK
deg w	QM
deg z	KS
deg |	LR
deg „	TJ
deg)	LR
deg) 	TJ
deg,	LR
deg, 	LR
deg-	RL
deg.	SK
deg. 	SK
deg@	YE
dega	IU
degab	B]
degal	:f
degan	RL
degar	XF
degb	SK
degbr	VH
degd	KS
dege	SK
dege,	UI
dege.	B]
degea	SK
degee	DZ
degef	UI
degeg	UI
degel	JT
degem	[C
degen	WG
degeo	IU
deges	JT
deget	KS
degew	RL
degez	XF
degeö	WG
degg	LR
degg,	QM
degh	TJ
degi	SK
degib	YE
degie	MQ
degin	GW
degit	MQ
degl	YE
degla	KS
degle	QM
degli	QM
deglo	QM
deglä	YE
degmb	TJ
degn	MQ
dego	MQ
dego 	FX
degol	LR
degor	XF
degos	UI
degr	IU
degra	GW
degre	QM
degro	SK
degru	MQ
degrü	GW
degs,	MQ
degs.	UI
degsa	SK
degsp	C[
degst	GW
degsz	JT
degt 	TJ
degt,	IU
degt.	>b
degt:	LR
degu	@_
degun	EY
degus	LR
degut	C[
degä	C[
degäs	IU
deh 	LR
deh (	_@
deh 0	RL
deh a	QM
deh b	LR
deh e	GW
deh g	MQ
deh h	MQ
deh i	LR
deh j	MQ
deh k	SK
deh l	UI
deh m	HV
deh n	MQ
deh o	@_
deh p	SK
deh r	EY
deh s	LR
deh t	MQ
deh u	QM
deh v	VH
deh w	KS
deh z	HV
deh |	HV
deh ü	JT
deh)	XF
deh) 	XF
deh,	SK
deh, 	SK
deh-	JT
deh. 	MQ
deh.e	RL
deh:	LR
deh: 	LR
deh;	C[
deha	WG
dehaa	UI
dehab	VH
dehad	LR
dehal	RL
dehan	UI
dehar	SK
dehat	FX
dehau	WG
dehb	KS
dehba	A^
dehe	IU
dehe 	KS
dehee	VH
dehef	A^
dehei	TJ
dehel	KS
dehem	GW
dehen	GW
deher	FX
dehes	UI
deheu	TJ
dehf	MQ
dehfa	WG
dehg	WG
dehh	TJ
dehhe	IU
dehi	QM
dehic	MQ
dehie	IU
dehil	IU
dehin	XF
dehj	FX
dehja	FX
dehl	YE
dehl 	RL
dehl.	LR
dehla	MQ
dehle	[C
dehli	TJ
dehlo	WG
dehls	ZD
dehlt	KS
dehlu	JT
dehm	UI
dehm 	LR
dehm,	UI
dehme	TJ
dehmi	WG
dehn	UI
dehn 	VH
dehn,	JT
dehna	VH
dehnd	]B
dehne	VH
dehni	UI
deho	TJ
dehoc	TJ
dehof	RL
dehol	RL
dehom	FX
dehon	QM
dehop	DZ
dehor	ZD
dehos	DZ
dehpl	XF
dehr 	LR
dehr.	SK
dehr?	FX
dehra	WG
dehrb	RL
dehre	LR
dehrg	JT
dehri	KS
dehrj	VH
dehrl	UI
dehrs	HV
dehrt	JT
dehru	QM
dehs	UI
dehs 	YE
dehse	RL
dehst	SK
deht	MQ
deht 	QM
deht,	JT
deht.	JT
deht:	JT
deht?	FX
dehtb	LR
dehte	IU
dehti	FX
dehtu	HV
dehtz	XF
dehu	XF
dehul	IU
dehun	XF
dehur	MQ
dehus	XF
dehut	MQ
dehw	JT
dehwa	GW
dehz	RL
dehze	RL
dehäd	IU
dehäf	RL
dehäl	_@
dehät	DZ
dehäu	HV
dehö	GW
dehöc	TJ
dehöf	TJ
dehön	B]
dehör	IU
dehü	QM
dehüb	EY
dehür	UI
dehüs	FX
dei 	XF
dei (	ZD
dei 0	LR
dei a	b>
dei b	LR
dei d	LR
dei e	UI
dei f	WG
dei g	WG
dei h	XF
dei i	RL
dei l	VH
dei m	KS
dei o	TJ
dei s	RL
dei t	HV
dei u	XF
dei w	UI
dei z	TJ
dei,	QM
dei, 	QM
dei-	WG
dei;	b>
dei; 	b>
dei@	VH
deia	HV
deial	MQ
deian	VH
deiat	EY
deib 	FX
deibe	MQ
deibt	QM
deic	HV
deich	IU
deick	JT
deid	VH
deid 	SK
deide	SK
deidn	RL
deidu	LR
deie	QM
deie 	KS
deie,	GW
deie?	EY
deief	MQ
deieg	MQ
deieh	QM
deiel	C[
deiem	TJ
deien	[C
deier	XF
deies	VH
deiet	QM
deieß	XF
deif 	KS
deife	WG
deiff	JT
deifi	MQ
deift	B]
deig	VH
deig 	]B
deig,	KS
deig.	XF
deigi	QM
deign	MQ
deigs	JT
deigt	TJ
deigu	FX
deihe	WG
deihn	RL
deihr	A^
deihu	SK
deik	WG
deik 	TJ
deik,	TJ
deika	JT
deike	RL
deil	HV
deil 	SK
deil?	FX
deila	HV
deilb	JT
deilc	QM
deild	@_
deile	[C
deilf	LR
deili	MQ
deilo	QM
deils	ZD
deilt	GW
deilv	MQ
deim 	VH
deimm	HV
deimp	EY
dein 	KS
dein)	LR
dein,	LR
dein-	QM
dein.	TJ
deina	XF
deinb	RL
deind	VH
deine	IU
deinf	JT
deing	SK
deinh	SK
deink	VH
deinm	DZ
deinn	LR
deino	KS
deinr	KS
deins	UI
deint	LR
deinv	JT
deinw	]B
deinz	QM
deio	TJ
deios	UI
deipl	SK
deipp	HV
deir	ZD
deir 	UI
deir,	ZD
deir.	ZD
deira	HV
deirb	LR
deirc	MQ
deird	WG
deire	QM
deirg	=c
deirn	ZD
deirt	RL
deis	TJ
deis 	TJ
deis,	YE
deisc	GW
deise	DZ
deisi	UI
deisl	EY
deiso	WG
deisp	QM
deiss	JT
deist	UI
deit 	IU
deit.	XF
deita	YE
deitb	TJ
deite	@_
deitg	QM
deith	QM
deitm	SK
deitr	MQ
deits	JT
deitt	KS
deitu	SK
deitz	VH
deitä	WG
deiv	HV
deiva	C[
deive	SK
deiw	UI
deiwe	VH
deiwi	RL
deix	MQ
deix 	EY
deix,	]B
deiz	HV
deize	GW
deizi	UI
deizu	GW
deiß	HV
deiß 	HV
deiß,	FX
deiß.	C[
deiße	TJ
deißt	RL
deja	HV
deja 	=c
deja,	DZ
dejac	LR
dejan	SK
deje	TJ
deje 	JT
dejed	YE
dejet	EY
dejew	ZD
dejug	RL
dejul	KS
dejun	B]
dejö	TJ
dejör	TJ
dek 0	MQ
dek b	RL
dek g	LR
dek h	HV
dek i	SK
dek u	RL
dek w	HV
dek-	YE
dek.	IU
dek. 	IU
deka	RL
dekac	RL
dekam	B]
dekap	YE
dekar	MQ
dekas	HV
dekat	SK
dekau	WG
dekb	HV
deke	JT
deke 	RL
deke,	MQ
dekeg	[C
dekeh	QM
dekei	=c
dekel	EY
deken	TJ
deker	GW
dekg	WG
dekh	TJ
dekho	VH
deki	TJ
dekie	QM
dekil	QM
dekin	TJ
dekio	UI
dekir	MQ
dekis	MQ
dekl	KS
dekl.	WG
dekla	A^
dekle	ZD
dekli	JT
deklä	?a
dekno	KS
deko	TJ
dekol	EY
dekom	UI
dekon	QM
dekor	TJ
dekr	WG
dekre	QM
deks,	LR
dekst	VH
dekt 	MQ
dekt,	TJ
dekt.	B]
dekta	UI
dekte	B]
dekti	SK
dektr	IU
deku	@_
dekuh	GW
dekum	MQ
dekun	C[
dekur	KS
dekw	XF
dekw 	XF
dekö	JT
dekön	JT
dekü	KS
deküc	EY
dekün	GW
dekür	JT
del 	IU
del 0	UI
del b	SK
del e	TJ
del g	FX
del h	?a
del i	KS
del j	EY
del k	RL
del m	LR
del p	IU
del r	C[
del s	LR
del t	JT
del v	A^
del w	QM
del |	WG
del)	RL
del,	TJ
del, 	TJ
del-	XF
del.	QM
del.e	YE
del?	FX
del? 	FX
dela	MQ
dela 	QM
delac	GW
delad	UI
delaf	FX
delam	GW
delan	_@
delar	=c
delat	LR
delau	IU
delb	MQ
delb 	LR
delba	RL
delbe	IU
delbr	_@
delbs	RL
delch	LR
deld	FX
deld 	QM
deld,	MQ
deld.	EY
delde	GW
deldi	MQ
deldr	HV
deldu	MQ
deldı	TJ
dele	WG
dele 	XF
dele,	]B
dele.	b>
delea	HV
deleb	MQ
delec	IU
deled	MQ
delee	MQ
delei	XF
delek	IU
delep	QM
deler	UI
delet	DZ
delfe	GW
delft	ZD
delg	DZ
delg 	GW
delgr	GW
delgt	DZ
delh	QM
delho	QM
deli 	SK
deli,	RL
delic	GW
delie	SK
delig	XF
delil	GW
delin	LR
delis	GW
delit	MQ
delk	YE
delk 	IU
delke	SK
delko	YE
dell	MQ
dell 	A^
dell.	IU
della	ZD
delli	RL
dellk	YE
dellm	]B
dello	LR
dellt	HV
dellw	IU
delm	VH
delm,	HV
delma	QM
deln	TJ
deln 	]B
deln,	YE
delni	LR
delo	VH
delo 	JT
deloa	JT
deloc	QM
delog	MQ
deloh	KS
delom	UI
delor	QM
delos	XF
deloß	RL
delp	QM
delpf	WG
delr	a?
delri	]B
dels	LR
dels 	FX
delsc	[C
delse	[C
delso	MQ
delt	TJ
delt.	LR
delte	MQ
delti	VH
deltu	RL
delu	LR
deluf	QM
delun	RL
delus	LR
delve	MQ
delw	MQ
delwa	LR
dely	WG
delz	ZD
delz 	^A
delz,	MQ
delä	LR
deläd	RL
delän	MQ
delär	@_
delät	MQ
deläu	UI
delö	XF
delöf	[C
delös	UI
delü	LR
delüg	GW
dem (	IU
dem 0	WG
dem a	=c
dem b	GW
dem d	RL
dem e	GW
dem f	VH
dem h	FX
dem j	ZD
dem k	TJ
dem l	UI
dem m	FX
dem n	C[
dem o	YE
dem p	VH
dem t	IU
dem u	GW
dem w	JT
dem z	EY
dem |	ZD
dem „	SK
dem,	MQ
dem, 	MQ
dem.	GW
dem. 	GW
dema 	RL
demag	VH
demah	VH
demai	HV
demal	ZD
deman	QM
demas	QM
demat	^A
demau	MQ
demaß	RL
demb	RL
demba	WG
dembe	RL
dembh	TJ
deme	QM
deme,	QM
deme.	QM
demec	VH
demed	WG
demeh	QM
demei	MQ
demel	LR
demen	RL
demer	GW
demet	c=
demg	IU
demi	MQ
demi 	TJ
demic	@_
demie	VH
demin	JT
demir	IU
demit	RL
demk	HV
demke	DZ
demkr	YE
demlu	QM
demm	KS
demma	EY
demml	QM
demmt	KS
demmu	HV
demo	ZD
demo 	ZD
demo,	[C
demo.	RL
demod	JT
demoi	LR
demon	WG
demoo	RL
demor	[C
demo–	XF
dempe	VH
dempf	IU
dempr	EY
dems	WG
demst	RL
demt 	SK
demt,	HV
demt.	A^
demts	VH
demu	EY
demul	C[
demun	HV
demut	HV
demw	UI
demws	UI
dem²	TJ
dem² 	TJ
demä	QM
demö	FX
demöc	QM
demü	KS
demüh	RL
demül	MQ
demüs	GW
den (	RL
den a	KS
den b	HV
den c	IU
den d	RL
den e	RL
den f	MQ
den g	JT
den h	XF
den i	KS
den j	TJ
den l	KS
den m	IU
den n	VH
den o	HV
den r	LR
den s	IU
den t	UI
den v	[C
den w	VH
den |	JT
den ö	QM
den ü	JT
den!	B]
den! 	B]
den)	LR
den) 	LR
den),	QM
den,	QM
den, 	QM
den-	YE
den- 	QM
den-r	LR
den.	MQ
den.e	QM
den.“	FX
den:	FX
den: 	FX
den;	GW
den; 	EY
den?	?a
den? 	?a
den@	LR
dena	LR
denab	VH
denah	RL
denal	RL
denam	@_
denat	KS
denau	ZD
denb	QM
denba	WG
denbe	IU
denc	RL
dench	RL
dend	QM
dend 	VH
dend,	KS
dend-	GW
dend.	XF
dend:	LR
dend@	d<
denda	]B
dende	VH
dendi	DZ
dendl	MQ
dends	B]
dendt	WG
dendu	SK
dendw	TJ
dendy	IU
dene 	LR
dene,	SK
dene.	@_
deneb	HV
denef	KS
deneh	WG
denei	TJ
denel	ZD
denen	KS
dener	[C
denes	FX
denet	KS
deneu	LR
denew	KS
denf.	UI
denfe	IU
denfo	MQ
denfä	TJ
deng,	LR
denga	IU
dengb	MQ
denge	XF
dengl	@_
dengt	JT
denh	TJ
denh.	]B
denha	TJ
denhe	MQ
denhö	GW
deni 	SK
denia	SK
denic	GW
denie	[C
denig	MQ
denik	VH
denin	KS
denir	FX
denis	JT
denk	JT
denk 	HV
denka	ZD
denke	LR
denkl	LR
denkt	MQ
denku	HV
denla	TJ
denli	FX
denlo	SK
denm	TJ
denma	MQ
denn	KS
denn 	C[
denn,	ZD
denn.	[C
denni	KS
denns	EY
dennt	MQ
dennu	UI
deno	EY
deno 	HV
denoc	JT
denol	JT
denos	RL
denot	HV
denpf	UI
denpl	HV
denpr	TJ
denr	ZD
denr 	VH
denr.	VH
denra	UI
denre	SK
denri	MQ
denrä	TJ
dens	TJ
dens 	WG
dens)	C[
dens,	a?
dens.	JT
densa	^A
densc	LR
densf	HV
densh	RL
densi	YE
densm	MQ
denst	XF
densä	DZ
dent	JT
dent 	RL
dent,	IU
denta	IU
denti	TJ
dentl	GW
dento	SK
dentr	MQ
dents	EY
denu	KS
denua	XF
denum	8h
denun	JT
denup	XF
denus	LR
denv	VH
denve	JT
denw	VH
denwi	^A
denz	MQ
denz 	QM
denz,	VH
denza	DZ
denze	LR
denäc	KS
denäh	SK
denö	]B
denöt	WG
denü	RL
den“	RL
den“ 	EY
deo 	KS
deo (	ZD
deo 0	b>
deo a	WG
deo b	TJ
deo d	HV
deo e	DZ
deo f	HV
deo g	KS
deo h	FX
deo k	LR
deo l	YE
deo m	TJ
deo p	RL
deo r	TJ
deo s	MQ
deo u	IU
deo w	JT
deo z	KS
deo)	d<
deo.	_@
deo. 	_@
deo.–	RL
deo@	SK
deoa	IU
deoad	JT
deob	JT
deob 	=c
deoba	A^
deobe	RL
deobi	LR
deobo	KS
deoc	VH
deoch	MQ
deock	XF
deod	GW
deode	HV
deof	UI
deof 	YE
deof,	GW
deofe	WG
deoff	MQ
deofi	XF
deog	RL
deoge	TJ
deogo	FX
deoh	ZD
deohl	FX
deohn	XF
deohr	RL
deoi	LR
deoin	LR
deois	KS
deok	KS
deoko	LR
deold	FX
deole	]B
deolf	FX
deolg	GW
deolk	QM
deoll	SK
deoln	LR
deolo	VH
deols	SK
deolt	a?
deolu	HV
deolz	ZD
deom	MQ
deom 	JT
deom,	MQ
deoma	YE
deome	LR
deomi	LR
deomm	WG
deomp	LR
deon	KS
deon 	MQ
deona	WG
deond	QM
deone	XF
deoni	VH
deonk	HV
deonl	IU
deons	HV
deoo	QM
deoor	RL
deoot	WG
deop	GW
deop 	DZ
deope	EY
deopf	HV
deopp	SK
deor	TJ
deor 	]B
deora	JT
deorb	WG
deord	GW
deore	TJ
deorf	HV
deorg	QM
deorh	HV
deori	GW
deork	EY
deorm	QM
deorn	UI
deort	HV
deos	SK
deos 	EY
deos,	QM
deos.	TJ
deose	KS
deosk	UI
deosp	LR
deoss	XF
deost	SK
deot	EY
deot 	DZ
deot.	RL
deotd	b>
deote	IU
deoti	EY
deoto	JT
deots	]B
deott	JT
deou	GW
deoul	JT
deour	JT
deout	JT
deov	KS
deove	HV
deoß	RL
deoß 	QM
deoße	HV
deoßv	ZD
deo–	XF
deo–d	UI
deo–f	UI
dep 	RL
dep 0	IU
dep,	C[
dep, 	C[
depa	WG
depaa	LR
depac	EY
depag	A^
depak	QM
depal	GW
depar	YE
depd	HV
depdf	HV
deped	XF
depeg	IU
depek	TJ
depel	VH
deper	QM
depet	EY
depf	YE
depf 	HV
depfe	VH
depfi	FX
depfl	YE
depfm	JT
depic	?a
depie	UI
depin	LR
depl	QM
depla	LR
depo	QM
depos	RL
depp	UI
depp 	ZD
deppe	YE
depr	IU
depra	HV
depre	EY
depri	KS
deprä	IU
deprü	VH
deps	GW
deps.	FX
dept	KS
depu	QM
depum	TJ
deput	GW
depä	GW
depät	IU
dequ	]B
deque	RL
dequi	^A
der &	RL
der 0	XF
der a	YE
der e	IU
der f	MQ
der g	SK
der h	TJ
der i	c=
der m	UI
der n	KS
der o	DZ
der p	GW
der r	MQ
der s	HV
der t	RL
der u	TJ
der v	HV
der w	>b
der z	QM
der ä	LR
der ü	QM
der)	MQ
der) 	JT
der,	QM
der, 	QM
der-	RL
der-i	VH
der.	TJ
der. 	SK
der.e	YE
der:	LR
der: 	LR
der;	QM
der?	FX
der? 	FX
dera	KS
dera 	IU
dera,	JT
derac	UI
derad	JT
derag	GW
derah	KS
deral	TJ
deras	VH
derat	TJ
derau	GW
deraß	YE
derb	UI
derb 	RL
derbe	UI
derbo	RL
derbr	YE
derbs	SK
derbu	[C
derbü	ZD
derc	QM
derch	KS
derd	MQ
derd 	WG
derd,	LR
derda	JT
derdb	UI
derdi	MQ
derdn	GW
derdo	GW
dere 	[C
dere.	EY
dered	IU
deree	YE
deref	IU
dereh	HV
derei	RL
derek	TJ
derem	DZ
deren	UI
derep	XF
derer	GW
deres	FX
deret	RL
dereu	EY
derf	IU
derf 	MQ
derfa	JT
derfe	JT
derfs	_@
derft	LR
derfü	UI
derg	GW
derg 	YE
derga	FX
dergi	@_
dergl	HV
dergr	XF
derh	HV
derhe	KS
deri	TJ
derie	SK
derif	KS
derig	KS
derik	c=
deril	WG
derin	WG
deris	HV
derit	RL
deriv	C[
derj	VH
derja	VH
derk	SK
derk 	MQ
derke	QM
derkl	HV
derks	UI
derkt	SK
derku	UI
derl	IU
derla	IU
derle	QM
derli	MQ
derlä	GW
derm 	LR
derm,	IU
derma	TJ
derme	SK
dermi	RL
dermo	JT
dermu	@_
dern 	WG
dern,	A^
dern.	SK
dern;	HV
derna	IU
dernd	UI
derne	IU
dernt	RL
dero	RL
dero 	ZD
dero,	FX
dero.	RL
dero@	WG
derob	ZD
deroc	A^
derof	XF
derol	TJ
derom	QM
deron	MQ
deros	SK
derot	A^
derp	UI
derr	FX
derr 	@_
derre	DZ
derrh	ZD
derrt	JT
ders	IU
ders 	LR
dersa	RL
dersc	RL
dersi	UI
derso	ZD
derst	DZ
dert	MQ
dert 	LR
dert)	JT
dert,	HV
derta	MQ
derte	UI
derti	HV
derto	LR
dertr	A^
derts	KS
dertu	UI
deru	RL
deruc	FX
deruf	LR
deruh	VH
derum	SK
derun	XF
derut	[C
deruß	EY
derve	VH
dervu	A^
derw	YE
derwa	SK
derwe	TJ
derwi	UI
derwä	C[
derz	FX
derz 	MQ
derz,	LR
derze	GW
derä	VH
deräg	TJ
deräs	IU
derät	YE
deräu	XF
derö	SK
deröf	LR
deröß	QM
derü	TJ
derüb	QM
derüc	UI
derüe	HV
derüf	SK
derüh	GW
derün	VH
derüs	IU
derüß	@_
der“	IU
des 	LR
des (	XF
des 0	YE
des a	SK
des b	>b
des e	YE
des f	UI
des g	FX
des i	JT
des j	EY
des m	SK
des n	EY
des o	MQ
des p	TJ
des r	SK
des s	XF
des t	VH
des u	VH
des v	GW
des w	KS
des z	LR
des |	KS
des ö	HV
des ü	;e
des'	HV
des)	JT
des) 	JT
des,	KS
des, 	KS
des-	[C
des.	JT
des. 	JT
des:	VH
des: 	VH
des?	C[
des? 	C[
desa 	SK
desaa	JT
desab	XF
desac	>b
desag	RL
desam	TJ
desan	KS
desar	^A
desat	QM
desau	SK
desb	MQ
desbe	[C
desbi	GW
desbr	UI
desc	LR
desch	LR
desco	FX
desd	LR
desdi	^A
desdr	JT
dese 	FX
dese,	TJ
dese.	WG
desec	XF
desed	MQ
desee	KS
deseh	B]
desei	KS
desel	UI
desep	VH
deses	XF
deset	VH
desf	IU
desfa	GW
desfe	d<
desfü	MQ
desge	KS
desh	IU
desha	C[
deshe	UI
deshi	JT
desho	IU
desi 	LR
desic	UI
desie	MQ
desig	MQ
desik	YE
desil	KS
desis	RL
desit	QM
desk 	UI
deska	YE
deske	UI
deski	KS
desla	UI
desle	WG
desli	EY
desm	RL
desn	LR
deso,	]B
desob	?a
desoh	EY
desom	JT
deson	IU
desor	VH
despa	VH
despi	SK
despl	GW
despr	KS
despä	IU
desr	[C
desre	SK
dess 	GW
dess,	VH
dessa	WG
dessc	RL
dessh	TJ
dessi	DZ
desst	TJ
dessu	JT
dest	YE
dest 	JT
dest)	KS
dest,	XF
dest.	WG
desta	KS
deste	XF
desth	ZD
desti	EY
destn	QM
desto	RL
destr	UI
dests	RL
destu	YE
destä	QM
destü	VH
desu	FX
desuc	<d
desum	IU
desw	RL
deswa	ZD
deswe	KS
desze	JT
deszu	XF
desä	MQ
desär	LR
desät	FX
det (	RL
det 0	UI
det a	EY
det b	A^
det c	FX
det d	IU
det e	FX
det g	HV
det h	QM
det i	IU
det j	XF
det k	B]
det l	DZ
det m	VH
det n	RL
det o	UI
det p	C[
det r	VH
det s	MQ
det t	WG
det u	IU
det w	KS
det z	WG
det |	EY
det ü	QM
det!	MQ
det! 	GW
det'	[C
det's	[C
det)	QM
det),	WG
det,	SK
det, 	SK
det.)	VH
det.,	QM
det.;	[C
det.e	^A
det:	KS
det: 	MQ
det?	FX
det? 	FX
det@	RL
det@o	YE
deta	SK
detad	RL
detag	XF
detak	EY
detal	KS
detan	HV
detas	JT
detat	TJ
detb	XF
detba	TJ
detbe	QM
detbi	TJ
detd	[C
detdi	b>
dete	LR
dete 	<d
dete)	UI
dete,	JT
dete.	TJ
deteb	IU
detec	XF
deteg	XF
detei	VH
detel	RL
detem	RL
deten	QM
detep	EY
detes	QM
detet	HV
deteu	A^
detex	QM
detf	C[
detfe	EY
detgl	QM
deth	TJ
deth 	UI
deth,	HV
detha	QM
dethe	MQ
dethi	XF
deti	JT
deti 	GW
detic	RL
detie	TJ
detif	MQ
detig	QM
detik	IU
detim	IU
detin	RL
detio	MQ
detip	HV
detis	RL
detke	JT
detkl	UI
detl,	QM
detl.	KS
detla	TJ
detm	ZD
detma	YE
detme	SK
detn	QM
deto 	KS
deto,	XF
deto.	TJ
detob	JT
detoc	JT
detom	GW
deton	YE
detop	KS
detor	ZD
detos	KS
detp	ZD
detr.	SK
detre	A^
detro	WG
detru	VH
deträ	TJ
dets	LR
dets 	GW
dets.	VH
detsa	IU
detsc	EY
detse	FX
detsf	MQ
detsg	VH
detsh	JT
detsl	UI
detsp	RL
detst	WG
dett,	LR
dett.	QM
dett@	QM
detta	QM
dette	EY
detti	HV
dettk	KS
dettl	RL
detto	TJ
detts	RL
dettu	]B
dettw	TJ
detu	WG
detu0	UI
detuh	WG
detum	QM
detun	TJ
detur	ZD
detwa	MQ
detwo	RL
detz	RL
detz 	IU
detz,	KS
detz.	FX
detze	ZD
detzg	RL
detzi	YE
detzu	B]
detä	TJ
detäg	UI
detän	QM
detät	RL
detö	LR
detü	WG
detüc	RL
detüh	UI
detür	SK
deu 	IU
deu a	IU
deu b	=c
deu f	IU
deu g	IU
deu k	IU
deu l	IU
deu n	ZD
deu r	TJ
deu t	FX
deu u	GW
deu v	LR
deu w	?a
deu,	LR
deu, 	LR
deu.	KS
deu. 	IU
deu.e	RL
deu0	UI
deu00	UI
deua	KS
deual	KS
deuar	TJ
deub	VH
deub 	MQ
deube	UI
deubi	XF
deuc	RL
deuch	TJ
deuck	KS
deud	EY
deude	TJ
deudg	FX
deue	TJ
deuer	RL
deuf	QM
deuf 	HV
deuf.	KS
deufe	VH
deufg	SK
deufl	XF
deufm	TJ
deufn	HV
deufr	MQ
deufs	[C
deuft	HV
deufw	SK
deug,	RL
deug-	RL
deuge	QM
deugu	UI
deuh	WG
deuhe	VH
deuhl	[C
deuhr	WG
deui	XF
deuid	UI
deula	MQ
deuld	GW
deule	KS
deuli	VH
deulk	RL
deulr	]B
deum 	KS
deum,	GW
deum.	JT
deuma	KS
deumb	[C
deume	VH
deumg	KS
deumk	YE
deumm	C[
deump	TJ
deums	VH
deund	UI
deune	]B
deung	GW
deunk	FX
deupp	[C
deupt	DZ
deur.	HV
deura	UI
deurd	HV
deure	SK
deurl	UI
deurn	SK
deuro	GW
deurr	HV
deurs	WG
deurt	KS
deurz	SK
deurü	UI
deus	QM
deus 	UI
deus,	HV
deusa	MQ
deusb	MQ
deusc	KS
deusd	KS
deuse	]B
deusg	DZ
deush	DZ
deusi	VH
deusl	TJ
deusr	SK
deuss	GW
deust	VH
deusz	XF
deut	KS
deut 	EY
deute	UI
deuth	WG
deuti	QM
deutk	UI
deuto	TJ
deuts	GW
deutt	C[
deutz	LR
deuw	VH
deuwe	YE
deuß	FX
deuß 	FX
deuße	LR
dev 	SK
dev.	VH
dev. 	UI
deva	MQ
devat	MQ
deve	MQ
deve,	RL
devem	JT
deven	MQ
deves	QM
devi	KS
devie	JT
devis	ZD
devo	MQ
devom	FX
devon	KS
devor	QM
devos	YE
devu	A^
devus	A^
dew 0	XF
dewac	WG
dewaf	HV
dewag	HV
dewah	FX
dewal	WG
dewan	SK
dewar	KS
dewe 	JT
deweb	A^
deweg	JT
deweh	ZD
dewei	KS
dewen	TJ
dewer	TJ
dewes	SK
dewet	DZ
dewi	VH
dewic	HV
dewie	FX
dewim	YE
dewin	SK
dewir	[C
dewis	QM
dewo 	LR
dewoc	ZD
dewoh	WG
dewor	C[
dews	UI
dewst	UI
dewu	JT
dewun	HV
dewur	JT
dewä	QM
dewäh	QM
dewär	JT
dewö	RL
dewöl	SK
dewü	@_
dewün	@_
dex,	]B
dex, 	]B
dex.	KS
dex. 	KS
dexam	QM
dexav	HV
dexp	RL
dexpr	RL
dext	SK
dexte	KS
dextr	VH
dey 	MQ
dey d	RL
dey n	JT
dey,	DZ
dey, 	DZ
dey.	EY
dey. 	EY
deye	UI
deyer	XF
deyn	UI
deyo	QM
deyou	QM
deyı	TJ
deyıl	TJ
dez 	UI
dez 0	RL
dez f	QM
dez g	KS
dez h	TJ
dez m	HV
dez n	HV
dez o	KS
dez u	KS
dez w	IU
dez.	QM
deza	IU
dezah	JT
dezd	UI
dezde	UI
deze.	QM
dezeh	TJ
dezei	SK
dezen	MQ
dezer	KS
dezet	DZ
dezeu	RL
dezf	IU
dezg	SK
dezi	UI
dezi 	HV
dezia	WG
dezie	UI
dezig	WG
dezin	HV
dezir	[C
dezit	JT
dezl	LR
dezli	LR
dezn	JT
dezo	JT
dezol	JT
dezt	UI
dezt,	YE
dezte	EY
dezu	QM
dezu 	TJ
dezu,	TJ
dezub	XF
dezue	WG
dezum	HV
dezun	DZ
dezur	UI
dezus	RL
dezw	XF
dezwa	QM
dezwe	UI
dezwi	UI
dezwö	SK
de| 	RL
de| 0	MQ
de| a	TJ
de| e	GW
de| g	TJ
de| i	JT
de| j	JT
de| k	MQ
de| n	FX
de| p	EY
de| s	SK
de| t	b>
de| u	TJ
de| w	VH
de| |	VH
de² 	TJ
de· 	FX
de· m	FX
deß 	IU
deß g	QM
deß i	KS
deß k	C[
deß m	JT
deß n	HV
deß s	GW
deß u	SK
deß,	B]
deß, 	B]
deß.	B]
deß. 	B]
deße	MQ
deße 	GW
deßer	_@
deßt	RL
deßt 	RL
deßv	UI
deßva	ZD
deäck	HV
deäd	RL
deäde	RL
deäft	LR
deäg	^A
deäge	ZD
deägl	UI
deägt	LR
deähe	SK
deähr	LR
deäl	YE
deäll	HV
deält	a?
deäm	EY
deän	UI
deänd	WG
deäng	JT
deär	=c
deär 	IU
deärb	WG
deärc	XF
deäre	?a
deärg	GW
deärm	KS
deärt	HV
deäs	SK
deäse	UI
deät	HV
deät 	JT
deäte	SK
deätt	C[
deätz	IU
deäu	MQ
deäuf	FX
deäum	XF
deöc	QM
deöch	QM
deöf	SK
deöfe	TJ
deög	VH
deöge	VH
deöh	UI
deöl	UI
deölf	SK
deön	DZ
deön 	DZ
deöni	TJ
deönn	DZ
deöp	YE
deörd	JT
deöre	IU
deörs	WG
deört	JT
deös	MQ
deöss	GW
deöt	UI
deöti	WG
deöß	QM
deöße	QM
deüb	MQ
deübr	KS
deübs	EY
deüc	WG
deüch	SK
deück	TJ
deüe	IU
deüez	HV
deüf	SK
deüft	RL
deüg	JT
deüge	JT
deüh	TJ
deühe	LR
deühj	FX
deühl	ZD
deühr	QM
deül	KS
deüll	B]
deün,	GW
deünd	XF
deüns	@_
deür 	HV
deür.	WG
deüre	RL
deürf	KS
deürl	LR
deüro	YE
deürs	VH
deürz	GW
deüs	HV
deüss	IU
deüß	@_
deüße	A^
deıl	TJ
deıld	TJ
deız	TJ
de– 	UI
de– n	GW
de–/	TJ
de–0	SK
de–00	SK
de–d	UI
de–do	UI
de–f	UI
de–fr	UI
de“ 	?a
de“ (	JT
de“ s	DZ
de“ –	C[
de“,	HV
de“, 	HV
de“.	XF
de“. 	XF
de„d	SK
de„de	UI
de„e	IU
de„ei	FX
de„g	IU
de„h	FX
de„hi	FX
de„m	HV
de„p	KS
de„s	HV
de„si	IU
de„w	JT
de„wi	LR
de€ 	WG
de€ a	QM
de€ i	UI
de€ k	HV
de€,	g9
de€, 	g9
de€.	TJ
de€. 	TJ
en "	GW
en "a	SK
en "b	C[
en "c	DZ
en "d	=c
en "f	GW
en "g	KS
en "h	QM
en "i	RL
en "l	B]
en "m	JT
en "n	VH
en "o	ZD
en "p	MQ
en "s	KS
en "t	FX
en "w	KS
en "y	QM
en $	XF
en $0	XF
en &	RL
en & 	RL
en '	@_
en '0	HV
en 'a	IU
en (	FX
en (0	^A
en (?	ZD
en (a	LR
en (b	KS
en (c	KS
en (d	VH
en (f	TJ
en (i	MQ
en (m	HV
en (n	HV
en (p	TJ
en (s	GW
en (w	QM
en (y	HV
en *	B]
en +	VH
en +0	_@
en /	TJ
en / 	TJ
en 0	RL
en 0 	RL
en 0)	[C
en 0,	KS
en 0-	g9
en 0.	FX
en 0/	TJ
en 00	SK
en 0a	d<
en 0b	ZD
en 0d	RL
en 0e	HV
en 0f	VH
en 0l	a?
en 0n	^A
en 0p	SK
en 0q	YE
en 0r	UI
en 0s	b>
en 0t	ZD
en [	JT
en a0	SK
en ab	@_
en ac	SK
en ad	IU
en af	MQ
en ag	?a
en ai	HV
en al	VH
en am	FX
en an	VH
en ao	FX
en ap	c=
en ar	QM
en as	KS
en at	JT
en av	QM
en aw	MQ
en b 	WG
en b.	KS
en ba	RL
en be	MQ
en bi	GW
en bl	RL
en bo	SK
en br	YE
en bs	a?
en by	RL
en c 	VH
en ca	QM
en cd	VH
en ce	WG
en ch	RL
en ci	UI
en cl	RL
en cr	C[
en cu	QM
en cy	JT
en d	GW
en d.	C[
en da	MQ
en db	XF
en dd	FX
en de	C[
en di	A^
en dl	d<
en dp	ZD
en dr	WG
en du	]B
en dy	ZD
en e	SK
en e 	TJ
en e.	FX
en ea	IU
en eb	FX
en ed	SK
en ei	a?
en el	SK
en em	]B
en er	FX
en es	MQ
en et	HV
en eu	WG
en ev	SK
en ey	RL
en f	SK
en f0	KS
en fa	RL
en fe	YE
en ff	FX
en fl	ZD
en fr	TJ
en fs	XF
en fu	[C
en g	TJ
en ga	WG
en gb	KS
en ge	JT
en gl	UI
en go	JT
en gp	EY
en gr	KS
en gs	SK
en gu	[C
en gw	QM
en ha	JT
en hd	JT
en hi	LR
en ho	RL
en hr	UI
en hu	XF
en i	SK
en i'	JT
en id	C[
en if	QM
en ig	IU
en il	JT
en im	@_
en is	ZD
en iv	JT
en j	VH
en j.	WG
en ja	RL
en je	JT
en ji	[C
en jo	MQ
en ju	TJ
en k	MQ
en k.	RL
en kg	]B
en ki	C[
en km	ZD
en kr	RL
en la	LR
en le	IU
en ll	XF
en ln	XF
en lo	JT
en lt	SK
en lu	e;
en ly	B]
en m	IU
en m.	B]
en ma	LR
en mb	RL
en me	SK
en mm	]B
en mo	MQ
en mr	KS
en ms	LR
en mu	MQ
en my	@_
en n	LR
en n 	IU
en na	HV
en ne	GW
en ni	[C
en no	KS
en nu	MQ
en o	RL
en o 	EY
en o'	KS
en oa	UI
en ob	A^
en od	QM
en of	LR
en oh	MQ
en oi	XF
en ok	ZD
en ol	QM
en om	QM
en on	JT
en op	MQ
en or	SK
en os	ZD
en ot	HV
en ou	QM
en ov	QM
en ow	KS
en ox	KS
en oy	SK
en p.	TJ
en pa	EY
en pd	?a
en pe	SK
en ph	HV
en pi	MQ
en pl	TJ
en pm	SK
en pr	DZ
en ps	B]
en pu	JT
en q	MQ
en qu	MQ
en qx	SK
en r	QM
en r.	WG
en rd	TJ
en re	GW
en rh	HV
en ri	SK
en ro	SK
en ru	HV
en ry	]B
en s	MQ
en sa	GW
en sc	VH
en se	JT
en si	TJ
en sk	TJ
en sl	SK
en sm	f:
en so	IU
en sp	WG
en sq	^A
en sr	TJ
en st	TJ
en su	TJ
en sw	KS
en t	QM
en t 	[C
en ta	MQ
en tb	@_
en te	_@
en th	LR
en to	QM
en tu	YE
en tw	UI
en ty	>b
en u	MQ
en u 	C[
en uh	UI
en um	SK
en un	DZ
en ur	C[
en us	UI
en v	QM
en v0	?a
en va	TJ
en ve	JT
en vi	XF
en vo	DZ
en vu	FX
en w	JT
en w/	HV
en wa	MQ
en we	VH
en wk	ZD
en wo	IU
en wr	LR
en ww	IU
en wy	b>
en x	C[
en x 	A^
en y 	TJ
en ya	UI
en ye	SK
en yo	KS
en yr	i7
en z	KS
en zi	KS
en |	JT
en | 	JT
en ~	SK
en ~~	SK
en £	UI
en £0	UI
en ©	B]
en © 	B]
en ·	B]
en · 	B]
en “	RL
en “b	KS
en “h	JT
en “t	IU
en “y	EY
en €	^A
en €0	^A
en ★	JT
en ★★	JT
en �	[C
en! 	8h
en!!	JT
en!! 	IU
en!!!	ZD
en!)	ZD
en!) 	WG
en" -	C[
en" a	HV
en" i	QM
en" o	HV
en" w	KS
en" –	FX
en")	GW
en") 	GW
en".	HV
en". 	HV
en"a	SK
en"a 	KS
en"ar	HV
en"b	C[
en"be	C[
en"c	DZ
en"d	=c
en"de	DZ
en"di	GW
en"f	GW
en"fo	KS
en"g	KS
en"h	QM
en"ha	B]
en"i	RL
en"i 	MQ
en"l	B]
en"li	C[
en"m	JT
en"my	HV
en"n	VH
en"no	VH
en"o	VH
en"op	YE
en"ou	B]
en"p	MQ
en"pr	QM
en"s	KS
en"sa	SK
en"t	FX
en"th	DZ
en"to	TJ
en"w	KS
en"we	MQ
en"y	QM
en"yo	QM
en$0	XF
en$0 	UI
en$0,	[C
en$0.	ZD
en$00	TJ
en% 	SK
en% o	SK
en& 	RL
en& 0	[C
en& a	ZD
en& b	TJ
en& c	RL
en& d	XF
en& f	QM
en& l	YE
en& m	FX
en& p	JT
en& s	a?
en& t	JT
en' 	MQ
en' b	JT
en' c	TJ
en' h	]B
en' l	RL
en' m	GW
en' s	QM
en'0	QM
en'00	QM
en'a	IU
en'd	MQ
en'l	KS
en'll	KS
en'r	WG
en're	WG
en's	IU
en's 	IU
en's,	RL
en's.	JT
en't	IU
en't 	LR
en't,	EY
en'v	SK
en've	SK
en(0	^A
en(0)	LR
en(00	b>
en(?	ZD
en(a	LR
en(b	KS
en(c	KS
en(ch	FX
en(co	SK
en(d	VH
en(da	UI
en(f	TJ
en(fr	UI
en(he	KS
en(ho	UI
en(i	MQ
en(i 	KS
en(in	RL
en(m	HV
en(ma	SK
en(mi	HV
en(mo	LR
en(mr	EY
en(n	HV
en(no	HV
en(p	TJ
en(pl	GW
en(s	GW
en(sh	C[
en(so	SK
en(te	d<
en(th	SK
en(to	EY
en(tr	GW
en(tu	B]
en(w	QM
en(we	JT
en(wi	VH
en(y	HV
en(ye	HV
en) 	A^
en) 0	XF
en) a	UI
en) b	IU
en) o	QM
en) s	KS
en) w	GW
en) |	KS
en),	WG
en), 	WG
en).	WG
en). 	WG
en):	JT
en): 	JT
en* 	>b
en*,	QM
en*, 	QM
en+ 	MQ
en+ 0	[C
en+ a	FX
en+ p	IU
en+ r	SK
en+ s	]B
en+ v	^A
en+0	_@
en+00	_@
en, 	IU
en, "	FX
en, $	JT
en, a	b>
en, b	TJ
en, c	UI
en, d	IU
en, f	YE
en, g	_@
en, h	TJ
en, j	WG
en, k	IU
en, l	C[
en, m	IU
en, n	QM
en, o	^A
en, q	TJ
en, r	QM
en, s	YE
en, u	VH
en, v	YE
en, w	GW
en, y	JT
en, “	KS
en,0	JT
en,00	JT
en- 0	RL
en- b	LR
en- c	RL
en- h	VH
en- n	LR
en- t	A^
en- |	^A
en-0	]B
en-0 	c=
en-0,	[C
en-0.	c=
en-00	RL
en-a	GW
en-an	GW
en-b	MQ
en-bl	ZD
en-c	EY
en-ca	HV
en-cl	IU
en-co	IU
en-d	RL
en-do	UI
en-e	LR
en-f	HV
en-fi	JT
en-fo	IU
en-fr	KS
en-g	_@
en-h	[C
en-ha	[C
en-l	LR
en-la	KS
en-le	MQ
en-m	IU
en-ma	QM
en-n	]B
en-o	VH
en-of	WG
en-on	YE
en-ou	SK
en-p	TJ
en-pu	[C
en-r	RL
en-re	RL
en-s	LR
en-sa	KS
en-sh	TJ
en-si	B]
en-st	ZD
en-t	LR
en-u	VH
en-up	VH
en-w	B]
en-wi	C[
en. 	RL
en. (	JT
en. 0	d<
en. a	]B
en. b	IU
en. c	9g
en. d	HV
en. e	HV
en. g	JT
en. h	B]
en. k	LR
en. m	JT
en. n	LR
en. o	EY
en. r	EY
en. s	LR
en. t	MQ
en. w	A^
en."	KS
en.)	>b
en.) 	>b
en.*	C[
en.* 	C[
en.,	EY
en., 	EY
en..	IU
en.. 	IU
en...	KS
en.0	MQ
en.0 	a?
en.00	RL
en.:	MQ
en.: 	MQ
en.b	B]
en.b.	B]
en.e	SK
en.ex	SK
en.k	IU
en.ke	LR
en.s	A^
en.t	RL
en/ 0	>b
en/ a	RL
en/ b	HV
en/ p	FX
en/ r	SK
en/ s	[C
en//	TJ
en/0	DZ
en/00	EY
en/h	FX
en/hr	FX
en/m	f:
en/w	UI
en0 	_@
en0 (	UI
en0 +	^A
en0 -	RL
en0 0	_@
en0 a	XF
en0 b	MQ
en0 c	HV
en0 e	VH
en0 f	EY
en0 g	^A
en0 h	TJ
en0 i	JT
en0 j	IU
en0 k	^A
en0 l	ZD
en0 m	KS
en0 o	;e
en0 p	RL
en0 q	VH
en0 r	:f
en0 s	@_
en0 u	DZ
en0 v	XF
en0 y	j6
en0 |	_@
en0 ·	:f
en0 –	GW
en0%	TJ
en0% 	SK
en0)	RL
en0) 	QM
en0),	VH
en0).	QM
en0,	VH
en0, 	]B
en0,0	KS
en0-	]B
en0-0	YE
en0.	QM
en0. 	YE
en0.0	MQ
en0/	FX
en0/0	>b
en0/h	FX
en00	[C
en00 	VH
en00%	TJ
en00)	RL
en00,	VH
en00-	ZD
en00.	XF
en00/	C[
en000	TJ
en00:	ZD
en00;	UI
en00a	TJ
en00g	ZD
en00p	ZD
en00t	>b
en00x	EY
en00–	a?
en0:	QM
en0:0	QM
en0a	_@
en0aa	]B
en0am	VH
en0b	ZD
en0bb	XF
en0d	RL
en0dd	RL
en0e	HV
en0ee	C[
en0f	VH
en0g	ZD
en0k	FX
en0k.	IU
en0l	a?
en0lb	[C
en0ll	ZD
en0m	c=
en0m 	WG
en0n	^A
en0nd	c=
en0nn	UI
en0p	_@
en0p.	YE
en0pl	UI
en0pm	WG
en0pp	WG
en0q	YE
en0r	UI
en0rr	ZD
en0s	_@
en0s 	]B
en0s,	RL
en0s.	TJ
en0st	ZD
en0t	LR
en0th	HV
en0tt	[C
en0x	GW
en0x0	EY
en0–	XF
en0–0	XF
en: 	MQ
en: "	C[
en: $	ZD
en: '	GW
en: 0	GW
en: c	GW
en: d	HV
en: f	MQ
en: h	RL
en: i	ZD
en: m	[C
en: n	>b
en: p	WG
en: r	UI
en: s	GW
en: t	XF
en: w	IU
en: “	IU
en:0	QM
en:00	QM
en; 	TJ
en; 0	c=
en; a	RL
en; b	JT
en; c	JT
en; d	GW
en; g	XF
en; i	RL
en; l	JT
en; m	[C
en; n	JT
en; o	ZD
en; p	DZ
en; r	VH
en; s	a?
en; t	MQ
en; w	^A
en; y	FX
en? 	!}
en?"	YE
en?" 	YE
en?)	JT
en?) 	JT
en??	DZ
en?? 	GW
en@a	RL
en@b	b>
en@br	]B
en@c	JT
en@ca	GW
en@co	TJ
en@f	VH
en@fe	JT
en@g	ZD
en@gr	ZD
en@ha	KS
en@hi	XF
en@l	QM
en@la	b>
en@li	JT
en@p	_@
en@r	WG
en@sa	b>
en@st	ZD
en@t	f:
en@ta	VH
en@to	_@
en@w	SK
en@wi	XF
en] 	HV
en] w	DZ
ena 	QM
ena "	HV
ena 0	MQ
ena a	VH
ena b	EY
ena c	^A
ena d	SK
ena g	IU
ena j	UI
ena k	a?
ena m	[C
ena n	VH
ena o	VH
ena p	KS
ena q	YE
ena s	KS
ena t	IU
ena v	SK
ena w	QM
ena y	SK
ena |	_@
ena £	[C
ena'	RL
ena's	RL
ena)	LR
ena).	LR
ena,	HV
ena, 	HV
ena-	TJ
ena.	LR
ena. 	MQ
ena.”	JT
ena0	SK
ena0 	RL
ena@	LR
enaa	]B
enaa.	XF
enab	GW
enab 	WG
enab.	TJ
enabb	TJ
enabe	GW
enabi	ZD
enabl	IU
enabn	HV
enabo	FX
enabr	MQ
enabs	C[
enabt	MQ
enaby	TJ
enac	IU
enaca	C[
enacc	UI
enach	VH
enack	DZ
enacl	JT
enaco	YE
enacr	JT
enact	MQ
enad	LR
enad 	>b
enad'	JT
enad)	TJ
enad,	QM
enad-	B]
enad.	DZ
enada	d<
enadd	UI
enade	VH
enadi	YE
enadl	HV
enado	JT
enads	KS
enadu	QM
enady	JT
enae	KS
enae 	HV
enaf 	[C
enafe	JT
enaff	XF
enafl	@_
enafo	EY
enaft	LR
enag,	TJ
enaga	=c
enage	TJ
enagg	SK
enagh	^A
enagi	RL
enagl	UI
enagn	B]
enago	SK
enagr	LR
enagu	GW
enah	B]
enah 	@_
enai	LR
enaid	EY
enaig	HV
enaim	A^
enain	JT
enair	ZD
enais	FX
enait	TJ
enak	RL
enak 	]B
enak,	LR
enakd	WG
enake	UI
enakf	MQ
enaki	UI
enal	QM
enal 	TJ
enal,	DZ
enal.	B]
enala	YE
enalc	DZ
enald	XF
enale	JT
enalf	VH
enalk	IU
enalm	UI
enaln	YE
enalo	b>
enalp	GW
enalr	LR
enalt	SK
enalu	KS
enalv	RL
enalw	WG
enam	MQ
enam 	HV
enam-	TJ
enam.	C[
enamb	ZD
enamm	GW
enamo	a?
enamp	QM
enams	SK
enamu	MQ
enan	RL
enan 	TJ
enan'	g9
enan)	KS
enan,	MQ
enan.	SK
enan@	TJ
enana	UI
enanc	EY
enand	UI
enang	;e
enani	SK
enank	JT
enann	VH
enans	RL
enant	KS
enanu	SK
enany	SK
enaoi	LR
enap	QM
enap 	A^
enap,	]B
enap.	A^
enape	IU
enapl	_@
enapo	>b
enapp	^A
enapr	ZD
enaps	C[
enapt	JT
enar	MQ
enar 	C[
enar'	YE
enar.	LR
enar?	VH
enara	MQ
enarb	RL
enarc	EY
enare	UI
enarf	ZD
enarg	MQ
enari	YE
enark	GW
enarl	WG
enarm	UI
enarn	^A
enaro	LR
enarp	f:
enarr	^A
enars	]B
enart	GW
enarv	MQ
enary	HV
enas 	IU
enas,	LR
enas.	MQ
enas;	UI
enasc	]B
enase	?a
enash	TJ
enasi	KS
enasn	8h
enaso	@_
enasp	IU
enass	UI
enast	ZD
enasu	FX
enasw	FX
enasy	FX
enat	QM
enat 	KS
enat'	LR
enat,	ZD
enat.	SK
enata	YE
enatc	UI
enate	JT
enath	a?
enati	TJ
enato	GW
enats	IU
enatt	C[
enatu	TJ
enau	RL
enaud	QM
enaug	WG
enaun	QM
enaur	EY
enaut	GW
enav	JT
enava	SK
enavi	>b
enavo	@_
enavy	A^
enaw	TJ
enaw 	WG
enawa	KS
enawi	EY
enawl	WG
enawm	UI
enawn	IU
enaws	JT
enax 	MQ
enay 	JT
enay!	FX
enay'	HV
enay,	MQ
enay-	MQ
enay.	QM
enay;	[C
enayb	?a
enaye	ZD
enayi	YE
enaym	EY
enaze	QM
enb 	UI
enb &	TJ
enb (	YE
enb 0	]B
enb a	JT
enb b	XF
enb d	B]
enb f	TJ
enb h	KS
enb l	YE
enb s	DZ
enb |	MQ
enb £	TJ
enb,	LR
enb, 	LR
enb-	DZ
enb-0	IU
enb-c	IU
enb.	IU
enb. 	GW
enb.e	TJ
enb/	WG
enb0	[C
enb0 	[C
enba	RL
enbab	RL
enbac	TJ
enbad	FX
enbag	]B
enbal	]B
enban	GW
enbar	UI
enbas	VH
enbat	IU
enbay	a?
enbb.	XF
enbbi	VH
enbbl	WG
enbbo	WG
enbbs	KS
enbby	A^
enbc	LR
enbc 	MQ
enbd	QM
enbe	LR
enbe 	EY
enbe.	MQ
enbea	[C
enbec	TJ
enbed	RL
enbee	EY
enbeg	SK
enbeh	VH
enben	c=
enber	HV
enbes	DZ
enbet	IU
enbev	YE
enbex	?a
enbh	UI
enbha	VH
enbi	GW
enbia	LR
enbic	VH
enbid	EY
enbig	MQ
enbik	VH
enbil	MQ
enbin	KS
enbir	^A
enbit	9g
enbj	A^
enbje	A^
enbl	QM
enbla	IU
enbli	ZD
enblo	IU
enblu	SK
enbly	TJ
enbn	HV
enbo	TJ
enboa	LR
enbob	FX
enbod	TJ
enboi	]B
enbol	ZD
enbon	GW
enboo	KS
enbor	_@
enbot	]B
enbou	@_
enbov	XF
enbox	SK
enbr	XF
enbra	WG
enbre	RL
enbri	XF
enbru	JT
enbs	B]
enbs 	[C
enbs.	@_
enbsc	WG
enbsi	EY
enbsw	KS
enbt	QM
enbt 	YE
enbu	MQ
enbud	DZ
enbui	RL
enbum	HV
enbun	MQ
enbur	SK
enbus	EY
enbut	MQ
enbuy	RL
enbv	HV
enbvi	HV
enby 	SK
enby,	GW
enc 	ZD
enc 0	^A
enc a	RL
enc c	ZD
enc d	C[
enc f	JT
enc l	^A
enc t	EY
enc w	MQ
enc)	QM
enc,	HV
enc, 	HV
enc.	HV
enc. 	EY
enc.e	YE
enc:	C[
enc: 	C[
enca 	MQ
encad	MQ
encaf	[C
encag	[C
encal	FX
encam	RL
encar	WG
encas	VH
encat	LR
encau	LR
encav	C[
encc	WG
encca	]B
encce	]B
encco	GW
enccr	KS
encd	VH
encd0	VH
ence 	SK
ence)	]B
ence,	MQ
ence:	UI
ence;	TJ
ence?	EY
ence@	^A
enceb	@_
enced	SK
encei	HV
encel	FX
encem	QM
encen	SK
encep	TJ
ences	HV
encf	WG
ench 	LR
ench.	VH
enchb	RL
enchd	QM
enche	JT
enchi	_@
enchn	LR
encho	QM
enchr	WG
enchu	IU
enchy	MQ
enci	JT
encia	XF
encid	FX
encie	RL
encil	EY
encip	a?
encis	DZ
encit	LR
enck	UI
enck 	UI
enck'	GW
enck,	TJ
enck-	QM
encka	YE
encke	MQ
encki	FX
enckl	[C
enckm	RL
encko	IU
enckw	b>
encl	VH
encl.	YE
encla	IU
encle	_@
encli	RL
enclo	RL
enco.	[C
encoa	UI
encob	d<
encod	HV
encoe	RL
encof	YE
encol	<d
encom	UI
encon	DZ
encoo	^A
encop	KS
encor	[C
encos	EY
encot	JT
encou	IU
encov	a?
encr	HV
encra	RL
encre	MQ
encri	>b
encro	FX
encry	HV
encs	_@
encs 	]B
encs,	ZD
enct	EY
enct,	GW
enct.	A^
encta	IU
encte	IU
encti	SK
encto	KS
enctr	VH
enctu	>b
encu	KS
encue	ZD
encui	GW
encul	KS
encum	EY
encup	KS
encur	B]
encus	DZ
encut	XF
ency 	DZ
encyc	VH
end 	QM
end "	QM
end &	FX
end (	C[
end /	HV
end 0	WG
end a	GW
end b	UI
end e	e;
end f	HV
end g	JT
end h	MQ
end j	_@
end l	@_
end m	KS
end n	_@
end o	SK
end p	UI
end q	@_
end r	RL
end t	JT
end v	TJ
end y	VH
end |	_@
end –	JT
end"	QM
end" 	;e
end",	^A
end".	GW
end)	HV
end) 	FX
end,	SK
end, 	SK
end-	FX
end-s	EY
end.	MQ
end. 	IU
end."	RL
end.e	[C
end:	MQ
end: 	LR
end;	KS
end; 	KS
end?	@_
end? 	@_
end@	VH
endad	JT
endag	JT
endai	IU
endal	KS
endan	TJ
endar	EY
endat	=c
endau	EY
enday	]B
endb	QM
endbe	[C
endbs	XF
endc	JT
endd	WG
endd 	MQ
endd,	LR
endda	SK
endde	JT
enddi	LR
enddl	YE
enddo	YE
enddr	A^
enddy	c=
ende'	WG
ende,	^A
ende-	XF
ende.	GW
endea	DZ
endeb	UI
endec	EY
ended	IU
endee	RL
endef	C[
endel	SK
endem	SK
enden	ZD
endeo	LR
endep	RL
ender	KS
endes	WG
endet	EY
endey	IU
endf 	B]
endf,	@_
endfa	ZD
endgi	XF
endh	MQ
endi 	HV
endia	KS
endic	IU
endid	QM
endie	IU
endif	EY
endin	ZD
endio	LR
endip	LR
endir	IU
endis	EY
endit	[C
endiv	UI
endl 	d<
endle	UI
endli	FX
endlo	a?
endly	@_
endm	XF
endma	WG
endmi	IU
endmo	UI
endn	HV
endne	HV
endo	RL
endo 	JT
endo.	RL
endoc	QM
endoe	XF
endog	UI
endoi	RL
endol	ZD
endom	IU
endon	IU
endoo	JT
endor	FX
endot	]B
endou	_@
endov	@_
endow	KS
endp	YE
endr 	[C
endra	KS
endre	KS
endri	^A
endro	KS
endry	SK
ends 	JT
ends,	IU
ends.	^A
endsa	XF
endst	VH
endu	TJ
enduc	JT
endug	TJ
endun	VH
endur	ZD
endus	IU
endv	UI
endve	HV
endvi	a?
endy	UI
endy 	XF
endy'	KS
endy,	JT
endy.	C[
ene "	C[
ene $	HV
ene &	DZ
ene (	XF
ene -	TJ
ene /	A^
ene 0	b>
ene a	JT
ene b	LR
ene c	]B
ene d	LR
ene e	YE
ene f	TJ
ene g	MQ
ene h	RL
ene j	QM
ene k	IU
ene l	KS
ene m	JT
ene n	GW
ene o	GW
ene q	WG
ene r	VH
ene u	FX
ene v	C[
ene w	MQ
ene y	[C
ene |	TJ
ene £	C[
ene –	MQ
ene “	JT
ene!	[C
ene!!	[C
ene"	?a
ene" 	DZ
ene",	B]
ene".	B]
ene'	QM
ene'd	A^
ene'l	UI
ene'r	YE
ene's	SK
ene'v	HV
ene)	a?
ene) 	]B
ene),	[C
ene).	XF
ene-	IU
ene-b	]B
ene-d	HV
ene-l	JT
ene-o	HV
ene-p	[C
ene-s	YE
ene.e	d<
ene0	RL
ene:	TJ
ene: 	TJ
ene;	GW
ene; 	GW
ene?	=c
ene? 	:f
ene@	QM
ene@f	JT
ene@r	SK
ene@s	YE
enea	MQ
enea 	]B
enea,	[C
eneac	TJ
eneaf	VH
eneag	UI
eneak	LR
eneam	FX
enean	WG
eneap	A^
enear	IU
eneas	B]
eneat	YE
eneav	KS
eneb	IU
eneb 	FX
eneb,	@_
enebb	GW
enebe	d<
enebo	QM
enebr	IU
enebs	EY
enebu	KS
eneby	IU
enec 	]B
eneca	SK
enece	RL
enech	KS
eneci	A^
enecr	MQ
enect	RL
enecu	^A
ened	LR
ened 	XF
ened"	C[
ened.	KS
ened:	LR
ened?	DZ
enede	VH
enedg	VH
enedn	JT
enedr	JT
eneds	LR
enedu	MQ
enedw	QM
enedy	<d
enee	TJ
enee 	SK
enee,	IU
enee.	LR
eneec	_@
eneed	XF
eneek	MQ
eneel	ZD
eneen	?a
eneep	RL
eneer	RL
enees	YE
eneet	TJ
eneez	[C
enef 	JT
enefa	GW
enefe	B]
enefi	VH
eneft	QM
enefu	QM
eneg 	HV
enega	VH
enege	GW
enegg	KS
enegi	WG
enegu	QM
eneha	HV
enehi	LR
enehu	IU
enei	XF
eneic	WG
eneig	XF
eneil	GW
enein	UI
eneit	LR
enek 	MQ
enek.	DZ
enekd	]B
eneke	VH
enekl	A^
eneks	RL
enel	UI
enel 	SK
enel"	VH
enel,	b>
enel.	KS
enela	A^
enelb	ZD
eneld	QM
enele	YE
enelf	A^
eneli	IU
enell	RL
enelm	ZD
enelo	MQ
enelp	SK
enels	QM
enelt	GW
enelv	IU
enely	=c
enem 	LR
enem,	C[
enem.	LR
enema	LR
enemb	VH
eneme	KS
enemi	TJ
enemo	UI
enemp	ZD
enems	FX
enen	MQ
enen 	TJ
enen)	EY
enen,	SK
enen.	C[
enen:	JT
enen;	XF
enena	SK
enenc	KS
enend	VH
eneng	HV
enenh	]B
eneni	GW
enenn	ZD
eneno	SK
enenq	EY
enens	RL
enent	EY
enenu	VH
enenv	IU
enenw	FX
enen”	KS
eneo	IU
eneo 	C[
eneof	B]
eneon	JT
eneor	^A
eneos	GW
enep	UI
enep,	TJ
enep.	EY
enepa	[C
enepe	]B
eneph	FX
enepi	JT
enepo	YE
eneps	^A
enept	MQ
eneq	?a
enequ	?a
ener 	YE
ener!	C[
ener"	IU
ener'	GW
ener)	B]
ener-	VH
ener.	FX
ener:	LR
ener@	^A
enera	WG
enerb	TJ
enerc	IU
enerd	MQ
enere	IU
enerf	XF
energ	KS
enerh	KS
eneri	RL
enerl	B]
enerm	XF
enern	KS
enero	GW
enerp	^A
enerr	GW
enert	WG
enerv	MQ
enerw	YE
enery	SK
enes	KS
enes 	VH
enes"	QM
enes'	IU
enes)	JT
enes,	JT
enes-	TJ
enes.	SK
enes;	YE
enes?	B]
enes@	XF
enesa	>b
enesc	IU
enese	QM
enesi	UI
enesk	C[
enesm	XF
enesn	MQ
eneso	KS
enest	WG
enesu	FX
enet	IU
enet 	HV
enet)	TJ
enet,	YE
enet-	QM
enet.	8h
enetc	JT
enete	GW
eneth	MQ
eneti	EY
enetr	LR
enett	TJ
enetu	ZD
eneu	]B
eneum	YE
enev 	RL
eneva	XF
enevd	TJ
eneve	MQ
enew 	YE
enew'	FX
enewa	MQ
enewe	QM
enewh	GW
enewi	IU
enewo	[C
enewr	WG
enews	KS
enex	RL
enex 	?a
enexa	YE
enexc	QM
enexi	YE
enexl	ZD
enext	MQ
eney	SK
eney 	SK
eney'	^A
eney,	RL
eney.	;e
eney:	GW
eneya	A^
eneye	MQ
eneyi	WG
eneyo	ZD
eneyr	FX
eneys	c=
eneyw	[C
enez	WG
eneze	WG
enf 	MQ
enf (	ZD
enf 0	VH
enf a	MQ
enf b	IU
enf d	]B
enf e	VH
enf f	RL
enf g	8h
enf h	B]
enf i	XF
enf j	UI
enf l	IU
enf m	EY
enf n	WG
enf o	YE
enf p	VH
enf r	C[
enf s	IU
enf t	IU
enf u	VH
enf v	FX
enf w	KS
enf y	UI
enf,	LR
enf, 	LR
enf-	KS
enf.	IU
enf. 	JT
enf0	KS
enf: 	RL
enf;	VH
enf; 	VH
enfac	SK
enfad	C[
enfai	HV
enfal	LR
enfam	RL
enfan	YE
enfar	ZD
enfas	DZ
enfat	]B
enfe	SK
enfe 	GW
enfeb	LR
enfec	C[
enfed	FX
enfee	YE
enfeg	XF
enfel	[C
enfen	MQ
enfer	GW
enfes	SK
enfet	]B
enfew	JT
enff 	KS
enff,	B]
enff.	RL
enffe	XF
enffi	WG
enffs	UI
enfi	QM
enfic	TJ
enfid	LR
enfie	MQ
enfif	KS
enfig	FX
enfil	KS
enfin	SK
enfir	JT
enfis	TJ
enfit	a?
enfiv	WG
enfix	YE
enfl	VH
enfla	]B
enfle	EY
enfli	HV
enflo	YE
enflu	QM
enfly	KS
enfon	IU
enfoo	@_
enfor	MQ
enfou	XF
enfr	XF
enfra	^A
enfre	YE
enfri	IU
enfry	MQ
enfs	ZD
enfs 	HV
enfsc	XF
enft	UI
enft,	YE
enft.	JT
enfte	QM
enfts	e;
enfty	LR
enfu	RL
enfun	QM
enfur	a?
enfus	KS
eng 	MQ
eng &	_@
eng (	HV
eng 0	RL
eng a	UI
eng b	JT
eng c	[C
eng d	GW
eng f	QM
eng g	YE
eng h	C[
eng i	YE
eng k	FX
eng l	QM
eng m	]B
eng n	VH
eng o	MQ
eng r	[C
eng t	>b
eng u	ZD
eng w	VH
eng y	C[
eng |	QM
eng!	C[
eng! 	C[
eng"	IU
eng" 	LR
eng",	KS
eng'	GW
eng)	QM
eng,	MQ
eng, 	MQ
eng-	QM
eng.	RL
eng. 	RL
eng.e	c=
eng0	SK
eng0 	SK
eng:	QM
eng: 	QM
eng;	WG
eng; 	WG
engab	WG
engai	=c
engan	d<
engar	TJ
engas	SK
engat	b>
engau	TJ
engav	HV
engb	KS
engb 	]B
enge 	LR
enge,	IU
enge.	JT
enge:	QM
enge?	FX
enged	>b
engee	ZD
engem	DZ
engen	JT
engeo	B]
enger	a?
enges	RL
engg	LR
engg 	LR
engge	SK
enggi	C[
engh 	_@
engh,	YE
engh-	UI
engh.	IU
enghb	JT
enghe	MQ
engho	HV
enghs	QM
enght	MQ
engi	GW
engie	FX
engif	VH
engil	KS
engiv	KS
engla	TJ
engle	JT
engli	C[
englo	DZ
engly	ZD
engn 	VH
engna	LR
engne	=c
engno	IU
engo 	^A
engoe	IU
engoi	JT
engol	B]
engon	YE
engoo	DZ
engos	C[
engot	YE
engps	EY
engr	LR
engra	KS
engre	IU
engri	WG
engro	UI
engs	UI
engs 	ZD
engs)	RL
engs,	RL
engs.	EY
engs@	XF
engst	TJ
engt	C[
engu	RL
engua	WG
engue	HV
engui	SK
engun	QM
engur	:f
engus	MQ
engut	^A
enguy	EY
engw	SK
engwe	IU
engwo	TJ
enh 	VH
enh (	IU
enh 0	IU
enh b	]B
enh c	GW
enh f	FX
enh h	SK
enh i	MQ
enh l	LR
enh m	LR
enh n	VH
enh o	]B
enh p	XF
enh r	MQ
enh s	SK
enh u	VH
enh v	XF
enh w	LR
enh y	QM
enh'	HV
enh' 	LR
enh's	HV
enh)	]B
enh) 	]B
enh.	MQ
enh.e	b>
enh:	KS
enh: 	KS
enh;	ZD
enh; 	ZD
enh@	VH
enha,	@_
enhad	?a
enhai	[C
enhal	RL
enham	^A
enhap	LR
enhat	HV
enhau	QM
enhay	SK
enhaz	UI
enhb	LR
enhba	RL
enhbr	JT
enhc	IU
enhd	MQ
enhd0	JT
enhde	QM
enhe	LR
enhe 	JT
enhe'	LR
enhe.	LR
enhed	QM
enhee	SK
enhef	EY
enhei	RL
enhel	QM
enhep	UI
enhes	YE
enhet	EY
enhew	EY
enhey	HV
enhf	IU
enhfu	IU
enhg	YE
enhga	YE
enhi 	7i
enhic	EY
enhid	RL
enhie	YE
enhig	;e
enhil	[C
enhim	VH
enhio	B]
enhir	XF
enhis	DZ
enhit	IU
enhiv	UI
enhiy	EY
enhl	[C
enhm	LR
enhmi	HV
enhni	LR
enho 	RL
enhob	IU
enhod	MQ
enhoe	ZD
enhoi	HV
enhol	[C
enhom	JT
enhoo	UI
enhop	XF
enhor	B]
enhot	IU
enhou	SK
enhow	6j
enhr.	LR
enhre	QM
enhri	WG
enhrs	UI
enhru	]B
enhs 	UI
enhs,	GW
enhs.	HV
enht	MQ
enht 	@_
enht,	RL
enht.	QM
enhte	MQ
enhti	DZ
enhts	]B
enhty	UI
enhu	QM
enhu 	^A
enhub	GW
enhug	RL
enhum	=c
enhun	VH
enhur	WG
enhus	FX
enhut	[C
enhw	@_
enhwa	GW
enhx	KS
enhy	MQ
enhy.	JT
eni (	JT
eni 0	UI
eni c	VH
eni d	VH
eni e	FX
eni f	UI
eni g	LR
eni h	IU
eni i	IU
eni j	FX
eni k	WG
eni l	[C
eni m	YE
eni n	?a
eni o	TJ
eni p	GW
eni q	GW
eni s	=c
eni t	XF
eni u	MQ
eni v	JT
eni w	QM
eni'	JT
eni'd	A^
eni'l	>b
eni'v	ZD
eni,	[C
eni, 	[C
eni-	FX
eni-c	FX
eni. 	[C
enia 	b>
eniab	^A
enial	MQ
enian	LR
eniar	HV
enias	QM
eniat	YE
enib	FX
enibb	]B
enibh	JT
enibl	C[
enic	IU
enic 	TJ
enic.	=c
enica	LR
enice	HV
enich	FX
enick	UI
enicl	WG
enics	_@
enict	0p
enicu	KS
enicy	VH
enid	KS
enid 	DZ
enid"	QM
enid,	SK
enid.	B]
enid:	QM
enidd	RL
enidg	TJ
enidi	ZD
enidn	LR
enids	FX
enidy	B]
enie	DZ
enie 	a?
enie,	MQ
eniec	QM
enied	>b
enief	MQ
eniel	GW
enien	HV
enier	RL
enies	RL
eniet	>b
eniew	EY
enif 	QM
enife	FX
enifi	RL
enift	WG
enig 	HV
enig,	<d
enig.	>b
eniga	SK
enige	GW
enigg	SK
enign	QM
enigu	FX
enik	JT
enike	JT
enil	[C
enil 	GW
enil'	ZD
enil,	SK
enil.	RL
enila	YE
enilb	HV
enild	^A
enilf	IU
enili	IU
enilk	]B
enill	TJ
enilm	RL
eniln	QM
enilo	WG
enils	IU
enilt	TJ
enilv	QM
enilw	ZD
enily	UI
enim	TJ
enim 	KS
enim,	[C
enim.	UI
enima	XF
enimb	RL
enime	XF
enimi	QM
enimn	RL
enimo	>b
enimp	HV
enims	6j
enin	LR
enin 	JT
enin"	IU
enin'	QM
enin)	KS
enin,	MQ
enin-	IU
enin.	FX
enina	GW
eninc	YE
enind	KS
enine	TJ
enini	XF
enink	9g
eninn	QM
enins	QM
eninu	@_
eninv	QM
eniny	MQ
enio	IU
enio 	LR
enion	MQ
enior	VH
eniou	C[
enip	WG
enip 	IU
enip'	GW
enip,	[C
enipa	f:
enipe	UI
enipp	A^
enips	^A
eniq	SK
eniqu	SK
enir	SK
enir 	[C
enir)	KS
enir-	ZD
enir.	C[
enira	UI
enird	b>
enire	MQ
eniri	C[
enirk	UI
enirl	DZ
enirm	QM
eniro	QM
enirr	]B
enirs	TJ
eniry	B]
enis 	UI
enis,	DZ
enis.	YE
enisa	EY
enisc	B]
enise	QM
enisi	LR
enisl	g9
enisn	8h
eniso	RL
enist	MQ
enit	MQ
enit 	SK
enit'	XF
enit)	QM
enit,	e;
enit.	MQ
enit:	LR
enit;	KS
enita	FX
enitc	SK
enite	JT
enito	B]
enitr	]B
enitt	EY
enity	^A
eniu	RL
enium	YE
enius	B]
eniva	B]
enive	VH
enivi	SK
enivo	HV
enix	VH
enix,	KS
enix.	]B
enixe	[C
enixt	IU
eniy	IU
eniya	DZ
eniz	KS
enize	HV
enj.	WG
enj. 	WG
enja	SK
enjac	LR
enjam	XF
enjan	RL
enjar	[C
enjas	LR
enje	IU
enjea	KS
enjec	JT
enji	^A
enjim	[C
enjoa	WG
enjoi	B]
enjok	LR
enjor	c=
enjos	LR
enjoy	SK
enju	VH
enjul	[C
enjun	LR
enjus	VH
enk 	LR
enk &	UI
enk a	VH
enk b	^A
enk c	VH
enk d	JT
enk e	LR
enk f	QM
enk g	?a
enk h	TJ
enk i	LR
enk k	RL
enk m	<d
enk n	^A
enk o	ZD
enk p	A^
enk r	ZD
enk s	YE
enk t	HV
enk w	RL
enk y	>b
enk |	a?
enk £	d<
enk'	MQ
enk'd	WG
enk's	C[
enk,	QM
enk, 	QM
enk-	VH
enk-i	XF
enk.	KS
enk0	YE
enk0 	YE
enk:	LR
enk: 	LR
enk;	VH
enk; 	VH
enk?	FX
enk? 	FX
enk@	LR
enka	QM
enkaf	EY
enkan	UI
enkd	RL
enkda	]B
enke	LR
enke 	SK
enke,	QM
enke.	SK
enked	JT
enkee	YE
enkeh	MQ
enkei	IU
enkel	UI
enken	b>
enkep	DZ
enker	GW
enkes	QM
enket	JT
enkev	TJ
enkey	RL
enkf	MQ
enkfa	MQ
enkg	b>
enkg 	]B
enki 	MQ
enkid	C[
enkil	QM
enkip	MQ
enkir	a?
enkl	KS
enkly	=c
enkm	VH
enkm 	XF
enkne	FX
enkno	TJ
enko	UI
enkor	ZD
enkr	RL
enks 	IU
enks,	^A
enks.	A^
enks;	ZD
enks@	WG
enksg	b>
enksh	SK
enku	B]
enkw	]B
enkwe	b>
enkwo	[C
enky	>b
enky.	B]
enl 	LR
enl &	ZD
enl 0	LR
enl a	RL
enl b	SK
enl d	HV
enl e	d<
enl f	]B
enl h	B]
enl i	RL
enl k	XF
enl l	QM
enl m	JT
enl n	FX
enl o	HV
enl p	LR
enl r	QM
enl s	A^
enl t	XF
enl u	WG
enl v	GW
enl w	KS
enl y	l4
enl |	QM
enl £	XF
enl –	SK
enl"	UI
enl" 	^A
enl",	FX
enl)	YE
enl) 	SK
enl,	RL
enl, 	RL
enl-	VH
enl-o	_@
enl.	VH
enl. 	TJ
enl.e	KS
enl0	YE
enl0 	YE
enla 	JT
enlab	MQ
enlac	C[
enlad	_@
enlag	_@
enlai	UI
enlam	IU
enlan	SK
enlap	IU
enlar	GW
enlas	MQ
enlau	WG
enlaw	KS
enlay	XF
enlb	TJ
enlb 	b>
enlb,	VH
enlby	@_
enlch	TJ
enlcu	GW
enld 	FX
enld,	TJ
enld.	XF
enlde	UI
enldn	JT
enldr	[C
enlds	d<
enle	QM
enle"	TJ
enle'	C[
enle)	JT
enle,	XF
enle.	[C
enle;	YE
enleb	MQ
enlec	XF
enled	]B
enlee	EY
enlef	QM
enleg	FX
enlei	XF
enlem	DZ
enlen	EY
enlep	KS
enler	MQ
enles	XF
enlet	C[
enlev	QM
enley	]B
enlf	MQ
enlf 	LR
enlf,	VH
enlf-	SK
enlf.	HV
enlg	UI
enlga	YE
enlh	MQ
enlha	VH
enlho	GW
enli 	JT
enlia	]B
enlid	SK
enlie	JT
enlif	]B
enlig	WG
enlik	C[
enlil	C[
enlim	XF
enlin	LR
enlio	RL
enlip	HV
enlis	JT
enlit	QM
enliv	MQ
enlk	KS
enlk 	GW
enlk,	YE
enlk-	_@
enlk.	JT
enlke	@_
enlki	B]
enll 	FX
enll"	SK
enll'	_@
enll,	[C
enll-	VH
enll.	RL
enll;	UI
enlle	RL
enllh	C[
enlli	FX
enllm	A^
enllp	_@
enlls	TJ
enllw	SK
enlly	a?
enlm	QM
enlm 	WG
enlm,	XF
enlmo	?a
enlms	TJ
enln	YE
enln 	QM
enln,	^A
enlns	ZD
enlnu	YE
enlo 	EY
enlo@	[C
enloa	EY
enloc	RL
enlod	IU
enlof	LR
enlog	JT
enlol	SK
enlom	VH
enlon	[C
enloo	SK
enlor	RL
enlos	SK
enlot	DZ
enlov	MQ
enlp	UI
enlp 	[C
enlre	TJ
enls	UI
enls 	QM
enls.	JT
enls?	FX
enls@	]B
enlse	VH
enlsh	@_
enlso	YE
enlst	LR
enlt	VH
enlt 	c=
enlt.	LR
enltd	SK
enlte	DZ
enlto	QM
enltr	XF
enlts	IU
enltu	RL
enlu	XF
enlua	JT
enlub	MQ
enlud	[C
enlue	TJ
enlug	LR
enlui	EY
enlur	DZ
enlus	e;
enlut	XF
enlv	JT
enlve	JT
enlw	ZD
enlwa	]B
enlwo	UI
enlwy	C[
enly	LR
enly!	HV
enly)	MQ
enly,	HV
enly.	RL
enlyl	B]
enm 	KS
enm $	_@
enm (	VH
enm 0	B]
enm b	WG
enm c	SK
enm d	QM
enm e	^A
enm f	KS
enm g	a?
enm h	TJ
enm i	EY
enm k	HV
enm l	DZ
enm m	GW
enm n	GW
enm o	XF
enm p	WG
enm r	TJ
enm s	TJ
enm t	?a
enm u	TJ
enm v	XF
enm w	RL
enm y	HV
enm |	IU
enm £	t,
enm –	e;
enm €	[C
enm'	DZ
enm's	DZ
enm)	ZD
enm,	JT
enm, 	JT
enm-	d<
enm-0	TJ
enm.	MQ
enm. 	MQ
enm.e	[C
enm0	g9
enm0 	[C
enm:	LR
enm: 	LR
enm;	YE
enm; 	YE
enma 	MQ
enma,	UI
enmae	EY
enmag	JT
enmak	TJ
enmal	WG
enmap	>b
enmas	LR
enmat	SK
enmau	HV
enmax	^A
enmay	RL
enmb	MQ
enmb 	XF
enmbe	LR
enmbl	c=
enmbo	IU
enmbr	WG
enmbs	B]
enme	SK
enme"	DZ
enme)	ZD
enme,	d<
enme:	EY
enmeb	TJ
enmed	A^
enmee	RL
enmel	JT
enmem	^A
enmen	[C
enmeo	RL
enmet	MQ
enmew	KS
enmi	GW
enmi 	RL
enmi,	KS
enmic	>b
enmid	KS
enmig	A^
enmil	^A
enmin	?a
enmis	LR
enmit	HV
enmix	FX
enmm	EY
enmm,	SK
enmma	IU
enmmi	<d
enmn	LR
enmn 	MQ
enmne	RL
enmob	DZ
enmod	WG
enmog	DZ
enmok	WG
enmon	QM
enmoo	WG
enmor	SK
enmos	YE
enmot	B]
enmp 	TJ
enmpa	SK
enmpi	RL
enmpl	QM
enmpo	QM
enmps	m3
enmpt	TJ
enmr	JT
enmr.	TJ
enmrs	C[
enms	RL
enms 	UI
enms,	]B
enmse	RL
enmsi	IU
enmst	JT
enmu	MQ
enmuc	RL
enmud	]B
enmum	A^
enmun	IU
enmur	GW
enmus	MQ
enmy	=c
enmy 	;e
enmy,	IU
enmys	TJ
enn $	ZD
enn (	YE
enn -	A^
enn /	VH
enn 0	UI
enn a	VH
enn c	FX
enn d	RL
enn e	GW
enn f	KS
enn g	TJ
enn h	VH
enn i	HV
enn j	EY
enn k	B]
enn l	MQ
enn m	UI
enn n	JT
enn o	DZ
enn p	MQ
enn q	B]
enn r	QM
enn s	RL
enn t	WG
enn u	GW
enn v	HV
enn w	_@
enn y	RL
enn £	UI
enn –	UI
enn"	GW
enn" 	LR
enn",	IU
enn's	WG
enn't	JT
enn)	DZ
enn) 	GW
enn),	JT
enn).	VH
enn,	SK
enn, 	SK
enn-	KS
enn-l	IU
enn.	GW
enn. 	HV
enn.e	SK
enn/	MQ
enn0	WG
enn:	JT
enn: 	JT
enn;	RL
enn; 	RL
enn?	FX
enn? 	FX
enn@	]B
enn@t	TJ
enna	HV
enna 	JT
enna,	B]
ennab	[C
ennac	MQ
ennad	ZD
ennag	_@
ennah	B]
ennai	MQ
ennam	GW
ennar	]B
ennas	YE
ennat	HV
ennav	GW
ennb	RL
ennc	TJ
ennce	QM
ennch	_@
enncl	UI
ennco	YE
enncu	C[
enncy	DZ
ennd 	TJ
ennd"	WG
ennd'	SK
ennd,	QM
ennd-	JT
ennda	IU
enndd	QM
ennde	QM
enndf	[C
enndi	VH
enndl	B]
enndm	UI
enndo	WG
enndr	GW
ennds	VH
enndu	LR
enne	SK
enne 	SK
enne"	C[
enne'	HV
enne)	ZD
enne,	VH
enne.	TJ
enne:	WG
enne@	KS
ennea	=c
enned	XF
ennee	KS
enneg	_@
ennel	IU
ennem	GW
ennen	h8
ennep	EY
enneq	C[
enner	WG
ennes	FX
ennet	UI
ennev	RL
ennew	GW
ennex	MQ
enney	LR
ennfi	EY
enng	MQ
enng 	LR
enng!	C[
enng"	IU
enng)	QM
enng,	LR
enng-	QM
enng.	UI
enng;	QM
ennga	KS
ennge	MQ
enngl	B]
enngs	TJ
enngt	C[
enngu	IU
ennh	]B
ennha	a?
ennho	IU
enni	XF
enni 	C[
ennia	B]
ennic	TJ
ennie	LR
ennig	TJ
ennim	MQ
ennio	[C
ennis	XF
ennit	_@
enniu	XF
ennj	XF
ennk	B]
ennk 	JT
ennk.	JT
ennke	QM
ennki	DZ
ennks	A^
ennl	JT
ennle	IU
ennli	EY
ennlo	IU
ennly	RL
ennme	DZ
ennmo	[C
ennn	WG
ennn 	KS
ennn.	YE
ennne	TJ
ennni	JT
ennno	WG
enno	JT
enno 	DZ
enno,	A^
enno.	XF
ennob	QM
ennoc	[C
ennoe	IU
ennoi	UI
ennol	EY
ennoo	JT
ennor	MQ
ennot	KS
ennou	EY
ennov	A^
ennp	[C
ennq	EY
ennqu	EY
ennr	UI
ennri	UI
enns	TJ
enns 	[C
enns"	QM
enns,	C[
enns.	JT
enns:	ZD
ennsa	UI
ennsc	EY
ennse	QM
ennsi	FX
ennsk	QM
ennsp	VH
ennst	KS
ennsu	]B
ennt	IU
ennt 	DZ
ennt.	SK
ennt:	RL
ennte	EY
ennth	XF
ennti	JT
enntl	JT
enntm	b>
ennto	QM
enntr	UI
ennts	HV
ennty	VH
ennu	KS
ennue	QM
ennum	DZ
ennur	c=
ennus	KS
ennut	C[
ennv	IU
ennve	GW
ennvo	SK
ennw	EY
ennw 	MQ
ennwi	JT
enny	SK
enny 	MQ
enny,	TJ
ennyb	XF
ennym	SK
ennyo	[C
ennyt	FX
ennyw	FX
enn–	KS
enn–f	HV
enn–t	YE
enn”	KS
enn” 	KS
eno "	WG
eno (	_@
eno 0	d<
eno a	IU
eno b	VH
eno c	LR
eno d	LR
eno f	C[
eno g	HV
eno h	IU
eno i	GW
eno j	B]
eno k	SK
eno m	JT
eno n	[C
eno p	KS
eno r	GW
eno s	UI
eno t	TJ
eno v	KS
eno w	RL
eno y	UI
eno £	YE
eno –	JT
eno'	C[
eno's	A^
eno,	EY
eno, 	EY
eno-	RL
eno. 	QM
eno:	YE
eno: 	YE
eno@	]B
eno@l	YE
eno@s	ZD
enoa	SK
enoac	JT
enoad	FX
enoak	SK
enoal	HV
enoan	ZD
enoar	SK
enoas	d<
enoat	GW
enob	IU
enob 	FX
enob,	TJ
enoba	QM
enobb	VH
enobe	FX
enobi	GW
enobj	A^
enobl	B]
enobo	TJ
enobs	XF
enobv	HV
enoc	_@
enoc 	MQ
enoca	UI
enocc	]B
enoch	]B
enoci	VH
enock	^A
enod 	@_
enod,	SK
enod.	b>
enoda	TJ
enodd	a?
enode	IU
enodi	DZ
enods	QM
enodu	B]
enody	UI
enoe 	QM
enoes	UI
enoev	^A
enof	QM
enof.	EY
enofe	SK
enoff	RL
enofs	TJ
enog 	MQ
enog,	b>
enog.	IU
enoge	FX
enogi	FX
enogo	DZ
enogr	YE
enoh	MQ
enoic	JT
enoif	EY
enoil	YE
enoin	IU
enoir	QM
enois	VH
enok	QM
enok 	LR
enok'	WG
enok,	EY
enok.	HV
enok:	C[
enoka	EY
enoki	SK
enoko	[C
enoks	KS
enol	RL
enol,	LR
enole	b>
enoli	QM
enolk	[C
enolo	A^
enols	UI
enolt	SK
enolv	JT
enoly	XF
enom	KS
enom 	MQ
enom,	FX
enoma	JT
enomb	ZD
enome	UI
enomi	HV
enomm	EY
enomp	JT
enoms	SK
enon 	FX
enon"	LR
enon'	B]
enon.	JT
enon:	IU
enona	ZD
enonc	]B
enond	SK
enone	TJ
enonf	A^
enong	[C
enoni	WG
enonk	ZD
enonl	QM
enonn	IU
enono	A^
enons	>b
enont	TJ
enonv	HV
enony	SK
enon–	KS
enoo	SK
enoo 	j6
enood	IU
enoof	WG
enook	DZ
enool	TJ
enoom	UI
enoon	GW
enoor	WG
enoos	FX
enop	UI
enop 	MQ
enop,	DZ
enop-	UI
enop.	[C
enope	RL
enopi	LR
enopo	A^
enopp	e;
enops	WG
enopy	GW
enor	RL
enor 	HV
enor'	QM
enor)	ZD
enor.	JT
enora	C[
enorb	QM
enorc	MQ
enord	LR
enore	RL
enorf	KS
enorg	ZD
enori	d<
enork	a?
enorl	QM
enorm	IU
enorn	LR
enoro	GW
enorp	C[
enorr	EY
enors	_@
enort	JT
enorv	SK
enos	MQ
enos 	MQ
enos,	SK
enos.	QM
enosa	MQ
enose	RL
enosi	B]
enosp	LR
enoss	JT
enost	IU
enot	HV
enot,	UI
enot.	QM
enota	>b
enotb	@_
enoth	JT
enoti	@_
enoto	C[
enots	MQ
enott	QM
enou	MQ
enou 	UI
enou'	HV
enou,	QM
enou:	GW
enou?	?a
enoub	XF
enouc	LR
enoud	IU
enoug	KS
enoul	JT
enoup	RL
enour	JT
enous	VH
enov	MQ
enov 	TJ
enova	_@
enove	IU
enow	MQ
enow 	JT
enow,	IU
enow:	GW
enowb	UI
enowe	QM
enowi	=c
enown	QM
enowr	_@
enows	XF
enox	RL
enox 	b>
enox.	GW
enoxb	FX
enoxe	IU
enoxi	IU
enoy 	EY
enoyl	SK
enoys	b>
enoz	JT
enoze	[C
enp (	LR
enp /	[C
enp 0	MQ
enp a	UI
enp c	KS
enp d	C[
enp e	DZ
enp f	SK
enp h	TJ
enp i	GW
enp l	LR
enp m	JT
enp n	SK
enp p	A^
enp r	SK
enp s	]B
enp t	RL
enp u	GW
enp w	SK
enp |	KS
enp £	]B
enp!	VH
enp'	JT
enp's	JT
enp)	HV
enp) 	HV
enp,	UI
enp, 	UI
enp-	UI
enp-u	DZ
enp.	LR
enp. 	SK
enp;	XF
enp; 	XF
enpa 	SK
enpac	>b
enpad	d<
enpag	7i
enpai	XF
enpal	^A
enpan	MQ
enpap	DZ
enpar	]B
enpas	B]
enpat	RL
enpau	]B
enpay	TJ
enpd	@_
enpda	C[
enpdf	?a
enpe	SK
enpe,	WG
enpe.	FX
enpea	C[
enpec	LR
enped	RL
enpeg	^A
enpel	SK
enper	MQ
enpes	VH
enpew	]B
enph	IU
enph 	XF
enpha	KS
enphe	GW
enphi	QM
enpho	DZ
enphs	GW
enpia	SK
enpic	JT
enpie	KS
enpik	c=
enpil	UI
enpin	GW
enpip	HV
enpit	MQ
enpl	QM
enpl 	UI
enpla	SK
enple	QM
enpli	QM
enplo	YE
enpls	GW
enplu	]B
enply	>b
enpm	VH
enpm 	SK
enpm.	^A
enpm;	YE
enpo	UI
enpo 	b>
enpoi	ZD
enpok	JT
enpol	WG
enpon	f:
enpoo	ZD
enpop	9g
enpor	TJ
enpos	8h
enpou	SK
enpp	]B
enpp 	ZD
enpp.	ZD
enppa	ZD
enppe	KS
enppi	LR
enppl	KS
enppo	UI
enppr	^A
enppy	[C
enpr	RL
enpra	IU
enpre	b>
enpri	DZ
enpro	TJ
enpru	XF
enps 	RL
enpse	EY
enpt 	LR
enpt,	GW
enpt.	KS
enpta	MQ
enpte	YE
enpti	UI
enpty	RL
enpul	XF
enpum	WG
enpun	JT
enpup	WG
enpur	b>
enpus	KS
enput	DZ
enpw	XF
enpy	WG
enpy 	WG
enqu	IU
enqua	QM
enque	GW
enqui	LR
enqx	SK
enqx0	SK
enr 	RL
enr "	KS
enr &	UI
enr (	YE
enr 0	MQ
enr a	b>
enr b	UI
enr c	IU
enr d	IU
enr e	JT
enr f	TJ
enr g	UI
enr i	UI
enr j	f:
enr k	e;
enr l	SK
enr m	MQ
enr p	SK
enr q	HV
enr r	MQ
enr s	RL
enr t	QM
enr u	@_
enr v	A^
enr w	FX
enr y	IU
enr |	DZ
enr –	UI
enr!	C[
enr! 	C[
enr"	GW
enr" 	JT
enr".	IU
enr'	JT
enr's	JT
enr)	JT
enr) 	A^
enr),	SK
enr-	UI
enr-0	]B
enr-i	IU
enr.	HV
enr. 	JT
enr."	EY
enr:	HV
enr: 	HV
enr;	LR
enr; 	LR
enr?	TJ
enr? 	FX
enr@	QM
enra	VH
enra 	MQ
enra,	SK
enra.	IU
enrab	_@
enrac	GW
enrad	ZD
enrae	VH
enraf	MQ
enrag	[C
enral	YE
enram	c=
enran	HV
enrap	[C
enras	^A
enrat	MQ
enrau	ZD
enrav	XF
enraw	LR
enrb	UI
enrb 	FX
enrbe	YE
enrbi	SK
enrbr	RL
enrby	QM
enrc	JT
enrca	_@
enrce	IU
enrci	LR
enrco	B]
enrcu	IU
enrd	RL
enrd 	JT
enrd'	LR
enrd,	XF
enrd.	XF
enrda	UI
enrdi	TJ
enrdl	c=
enrdo	QM
enrdr	WG
enrds	IU
enrdu	IU
enre	MQ
enre'	YE
enre,	SK
enre-	h8
enre.	FX
enre?	DZ
enre@	]B
enrea	HV
enrec	MQ
enred	LR
enree	SK
enref	[C
enreg	DZ
enrem	MQ
enrep	h8
enreq	FX
enrer	=c
enrev	IU
enrew	]B
enrey	LR
enrf	a?
enrfl	^A
enrg	SK
enrga	SK
enrge	TJ
enrgi	@_
enrgo	WG
enrgu	=c
enrh	GW
enrha	IU
enrhe	[C
enri	XF
enri 	^A
enri,	YE
enrib	JT
enric	EY
enrid	TJ
enrie	JT
enrig	EY
enril	TJ
enrim	a?
enrin	UI
enrio	JT
enrit	]B
enriz	GW
enrk	VH
enrk 	JT
enrk,	FX
enrkd	IU
enrke	IU
enrki	[C
enrks	]B
enrkw	^A
enrl	KS
enrla	SK
enrle	UI
enrli	VH
enrly	C[
enrm	TJ
enrm 	MQ
enrm,	XF
enrm.	[C
enrma	^A
enrme	IU
enrmi	FX
enrmo	XF
enrms	ZD
enrn	WG
enrn 	YE
enrn.	]B
enrna	EY
enrnb	RL
enrne	XF
enrni	IU
enrnm	LR
enrno	;e
enrns	k5
enro	RL
enro 	UI
enrob	JT
enroc	UI
enrof	SK
enrog	^A
enrok	WG
enrol	RL
enrom	HV
enron	MQ
enroo	SK
enrop	QM
enror	B]
enros	C[
enrot	MQ
enrou	YE
enrov	VH
enroz	IU
enrp	k5
enrpe	_@
enrph	[C
enrpr	[C
enrps	XF
enrq	C[
enrqu	C[
enrr	RL
enrr 	a?
enrr,	]B
enrra	]B
enrre	IU
enrri	SK
enrro	WG
enrry	C[
enrs 	IU
enrs'	VH
enrs)	KS
enrs.	RL
enrs:	QM
enrs;	JT
enrs?	IU
enrs@	[C
enrsb	XF
enrsd	VH
enrse	VH
enrsh	RL
enrsi	C[
enrso	MQ
enrt	QM
enrt 	LR
enrt,	TJ
enrt.	FX
enrta	=c
enrte	VH
enrth	VH
enrti	HV
enrtn	GW
enrto	?a
enrts	h8
enrtu	_@
enru 	h8
enrua	JT
enruc	YE
enrud	HV
enrue	TJ
enrug	LR
enrui	TJ
enrul	B]
enrum	RL
enrun	MQ
enrus	@_
enrv	UI
enrva	JT
enrve	YE
enrw	XF
enrwa	b>
enrwe	EY
enrwi	b>
enry 	RL
enry'	@_
enry,	QM
enry-	TJ
enry.	IU
enry:	]B
enry;	ZD
enry@	RL
enryb	C[
enryo	C[
enryt	[C
enryw	IU
ens 	RL
ens "	QM
ens $	WG
ens &	IU
ens +	]B
ens -	]B
ens 0	HV
ens a	YE
ens b	LR
ens d	JT
ens g	YE
ens h	]B
ens i	LR
ens j	]B
ens k	YE
ens m	d<
ens n	VH
ens o	GW
ens p	TJ
ens q	RL
ens r	EY
ens s	[C
ens t	KS
ens u	GW
ens v	TJ
ens y	JT
ens |	MQ
ens £	SK
ens ·	JT
ens –	DZ
ens €	UI
ens!	IU
ens! 	B]
ens"	TJ
ens'	QM
ens' 	RL
ens) 	JT
ens),	GW
ens).	YE
ens-	TJ
ens. 	SK
ens.)	A^
ens.e	GW
ens:	ZD
ens: 	YE
ens;	[C
ens; 	[C
ens?	9g
ens? 	:f
ens@	ZD
ens@a	RL
ens@b	[C
ens@f	[C
ens@g	YE
ens@h	TJ
ens@q	KS
ens@s	VH
ens@t	VH
ens@w	_@
ensa	JT
ensa 	?a
ensaf	MQ
ensag	VH
ensai	JT
ensal	a?
ensan	QM
ensap	B]
ensas	LR
ensat	]B
ensav	?a
ensaw	]B
ensax	ZD
ensay	7i
ensb	VH
ensba	FX
ensc	UI
ensc 	ZD
ensca	WG
ensch	SK
enscu	DZ
ensd	TJ
ensda	TJ
ense 	B]
ense,	IU
ense.	FX
ense:	]B
ense?	HV
ensea	[C
ensec	HV
ensed	a?
enseh	^A
ensel	QM
ensem	SK
ensen	IU
ensep	SK
enser	VH
enses	]B
enset	EY
enseu	YE
ensev	KS
ensew	ZD
ensg	MQ
ensgi	b>
ensgr	LR
ensh'	MQ
ensh,	JT
ensh.	?a
ensha	YE
enshe	LR
enshi	MQ
enshm	JT
enshr	KS
enshu	XF
ensi	JT
ensib	EY
ensic	ZD
ensid	WG
ensie	DZ
ensig	UI
ensil	LR
ensim	LR
ensin	LR
ensio	IU
ensir	@_
ensis	JT
ensiz	RL
ensk	MQ
ensk 	JT
ensk.	]B
ensk0	WG
enski	KS
ensks	@_
ensky	=c
ensl	TJ
ensla	VH
ensle	QM
ensli	QM
enslo	d<
enslu	EY
ensly	HV
ensm	]B
ensma	WG
ensme	^A
ensmi	HV
ensmo	XF
ensn	DZ
ensn'	DZ
ensna	XF
ensne	IU
ensno	WG
enso	IU
enso 	JT
enso.	WG
ensob	B]
ensoc	ZD
ensoi	RL
ensol	YE
ensom	KS
enson	A^
ensoo	_@
ensor	<d
ensou	KS
ensp	RL
enspe	DZ
enspi	LR
enspl	d<
enspo	YE
ensps	IU
enspu	VH
ensq	^A
ensqu	]B
ensr	GW
enss,	KS
enss.	IU
enss:	HV
enssa	YE
ensse	XF
enssi	KS
enssl	FX
ensso	QM
enssu	TJ
enssw	C[
enst	VH
enst 	MQ
enst,	>b
enst-	B]
enst.	YE
enst;	IU
ensta	RL
enste	WG
enstl	a?
enstm	UI
ensto	]B
enstr	]B
ensts	C[
enstu	@_
ensu	TJ
ensua	UI
ensub	LR
ensue	SK
ensui	_@
ensum	JT
ensun	TJ
ensup	C[
ensur	VH
ensw	HV
enswe	IU
enswi	QM
enswo	DZ
ensyc	QM
ent 	FX
ent "	XF
ent &	b>
ent (	C[
ent 0	LR
ent a	MQ
ent b	GW
ent c	VH
ent e	IU
ent g	FX
ent i	HV
ent j	VH
ent l	KS
ent m	LR
ent n	RL
ent o	SK
ent p	B]
ent q	@_
ent r	HV
ent s	WG
ent u	B]
ent v	DZ
ent y	SK
ent |	SK
ent £	C[
ent ·	KS
ent –	^A
ent €	XF
ent!	B]
ent! 	B]
ent"	HV
ent" 	KS
ent'	RL
ent's	SK
ent) 	KS
ent),	TJ
ent).	MQ
ent,	VH
ent, 	WG
ent-	KS
ent-s	JT
ent.	LR
ent. 	MQ
ent."	IU
ent.)	IU
ent.e	e;
ent;	MQ
ent; 	MQ
ent?	EY
ent? 	EY
ent@	^A
enta	KS
enta 	[C
enta,	HV
entab	DZ
entac	<d
entag	JT
entai	HV
entak	^A
ental	B]
entam	QM
entan	RL
entap	?a
entar	SK
entas	IU
entat	TJ
entax	ZD
entay	MQ
entb	@_
entbc	@_
entc	RL
entch	SK
entd	QM
entd 	VH
entd,	WG
entd.	GW
ente	MQ
ente 	MQ
ente)	[C
ente,	FX
ente.	@_
ente:	=c
ente?	JT
entea	UI
entec	[C
ented	MQ
entee	KS
entem	TJ
entep	QM
enter	QM
entev	=c
entex	VH
enth	KS
enth 	QM
enth'	HV
enth,	RL
enth.	JT
entha	HV
enthf	IU
enthi	JT
enthl	VH
entho	UI
enthr	SK
enths	WG
enthu	VH
enthw	HV
enthy	IU
enti	SK
entia	C[
entie	_@
entig	9g
entil	EY
entim	QM
entin	UI
entio	SK
entip	[C
entiq	SK
entis	IU
entit	LR
entiv	a?
entl	RL
entle	SK
ently	YE
entm	ZD
entma	UI
entme	XF
entn	VH
entne	b>
entni	]B
ento	KS
ento,	C[
entoc	GW
entod	YE
entog	RL
entol	:f
entom	FX
enton	FX
entoo	QM
entor	IU
entos	JT
entov	TJ
entow	^A
entoy	B]
entp	UI
entr	TJ
entra	SK
entre	XF
entri	FX
entro	LR
entru	MQ
ents	SK
ents 	RL
ents)	?a
ents,	UI
ents.	TJ
ents:	QM
ents;	_@
ents?	C[
ents@	XF
entse	C[
entsi	UI
entt	TJ
entt 	UI
entt,	MQ
entta	QM
entte	LR
entti	o1
enttl	KS
entto	;e
enttr	C[
entty	IU
entu	LR
entua	YE
entuc	:f
entud	LR
entue	UI
entuf	JT
entum	ZD
entun	QM
entur	JT
entut	VH
entwe	KS
entwi	MQ
entwo	UI
enty	TJ
enty 	TJ
enty,	]B
enty-	]B
enty.	YE
entyp	@_
enu 	VH
enu 0	b>
enu a	QM
enu b	VH
enu c	YE
enu d	SK
enu f	GW
enu g	SK
enu i	GW
enu k	TJ
enu l	b>
enu m	RL
enu n	RL
enu o	C[
enu p	YE
enu t	EY
enu w	g9
enu'	FX
enu'd	VH
enu'l	GW
enu'r	B]
enu.	KS
enu. 	MQ
enu.”	EY
enu:	GW
enu: 	GW
enu?	?a
enu? 	?a
enua	TJ
enuad	=c
enuag	IU
enual	ZD
enuan	EY
enuar	XF
enuat	JT
enuay	HV
enub 	LR
enub-	IU
enubl	UI
enubr	QM
enuc	GW
enuch	JT
enuck	FX
enuct	RL
enud	JT
enud 	XF
enudd	SK
enude	GW
enudg	DZ
enudh	HV
enudi	IU
enudm	c=
enue	TJ
enue 	YE
enue,	C[
enue-	UI
enue.	WG
enueb	^A
enued	C[
enuee	SK
enuen	MQ
enues	FX
enuf	MQ
enuff	MQ
enug	VH
enug 	^A
enuga	TJ
enuge	RL
enugg	B]
enugs	QM
enugu	RL
enuh	a?
enuhr	UI
enuic	GW
enuid	RL
enuie	FX
enuil	^A
enuin	@_
enuir	KS
enuk	b>
enul 	IU
enul.	[C
enula	TJ
enuld	EY
enule	DZ
enulg	FX
enull	SK
enuls	UI
enult	YE
enuly	UI
enum	GW
enum'	JT
enum,	FX
enumb	GW
enume	TJ
enumm	IU
enumn	FX
enump	YE
enums	DZ
enun	UI
enun 	RL
enuna	MQ
enunc	MQ
enung	_@
enuni	_@
enunk	RL
enunl	EY
enunn	KS
enunt	QM
enuot	SK
enup 	YE
enup,	TJ
enup.	SK
enupd	C[
enuph	RL
enupi	KS
enupl	?a
enupp	GW
enups	KS
enur	RL
enur 	UI
enur,	UI
enur.	YE
enura	A^
enurb	VH
enurd	RL
enure	JT
enurg	EY
enuri	KS
enurn	UI
enurp	WG
enurr	DZ
enurs	A^
enurt	ZD
enurv	[C
enury	^A
enus 	GW
enus"	A^
enus,	KS
enus.	UI
enus;	ZD
enusb	FX
enuse	UI
enush	[C
enusk	[C
enusl	HV
enuss	=c
enust	?a
enusu	YE
enut,	KS
enut-	FX
enut.	LR
enute	FX
enuth	KS
enuti	MQ
enutl	^A
enuto	UI
enutt	XF
enutu	IU
enuy	KS
enuy 	TJ
enuya	IU
enuye	A^
env 	RL
env c	XF
env t	MQ
env,	HV
env, 	HV
env0 	QM
enva	TJ
enva 	EY
envac	RL
enval	A^
envan	UI
envar	MQ
envat	j6
envd	TJ
envd 	TJ
enve	FX
enve 	MQ
enve"	HV
enve,	TJ
enve.	UI
envec	IU
envem	?a
enven	C[
enver	VH
enves	LR
envet	TJ
envey	SK
envi	KS
envic	TJ
envid	SK
envie	EY
envil	QM
envio	HV
envit	HV
envo	C[
envoi	IU
envol	SK
envor	LR
envos	KS
envu	FX
envul	FX
envy	A^
envy 	B]
enw 0	_@
enw a	>b
enw b	WG
enw c	]B
enw d	TJ
enw f	RL
enw g	WG
enw h	KS
enw i	TJ
enw l	]B
enw m	5k
enw n	>b
enw o	b>
enw p	FX
enw r	HV
enw s	c=
enw t	A^
enw w	MQ
enw y	GW
enw'	RL
enw's	RL
enw)	SK
enw) 	SK
enw,	KS
enw, 	KS
enw.	KS
enw. 	MQ
enw/	JT
enw/ 	HV
enw0	YE
enw0 	WG
enw:	IU
enw: 	IU
enw@	FX
enwa	GW
enwag	YE
enwai	SK
enwal	QM
enwan	LR
enwap	MQ
enwar	EY
enwas	IU
enwat	RL
enwb	VH
enwby	UI
enwc	IU
enwd	DZ
enwd 	MQ
enwda	LR
enwe	WG
enwe 	]B
enwe'	SK
enwe.	_@
enwea	VH
enweb	9g
enwed	RL
enwee	QM
enwei	DZ
enwen	IU
enwer	HV
enwes	>b
enwet	^A
enwex	YE
enwf	ZD
enwh	LR
enwha	IU
enwhe	TJ
enwhi	C[
enwho	TJ
enwhy	WG
enwi 	ZD
enwic	XF
enwif	=c
enwil	MQ
enwim	QM
enwin	FX
enwis	IU
enwk	SK
enwk 	YE
enwks	UI
enwl	^A
enwl 	a?
enwls	[C
enwm	UI
enwmi	UI
enwn 	VH
enwn,	TJ
enwn.	>b
enwne	WG
enwnl	DZ
enwns	LR
enwo 	^A
enwo,	c=
enwo.	?a
enwob	IU
enwom	XF
enwon	DZ
enwoo	XF
enwor	MQ
enwou	C[
enwra	^A
enwre	HV
enws	RL
enws 	b>
enws,	QM
enws.	<d
enwsp	GW
enww	IU
enww.	IU
enwww	IU
enwy	UI
enwye	[C
enx 	KS
enx 0	HV
enx a	d<
enx b	]B
enx f	c=
enx h	GW
enx i	TJ
enx o	EY
enx r	SK
enx,	HV
enx, 	HV
enx.	WG
enx. 	WG
enx0	LR
enx0 	UI
enx00	EY
enx@	GW
enxa	YE
enxam	YE
enxb	[C
enxbl	FX
enxc	QM
enxce	MQ
enxe	ZD
enxed	QM
enxes	IU
enxi	LR
enxin	MQ
enxis	YE
enxl	VH
enxle	QM
enxm	JT
enxma	EY
enxpl	MQ
enxt	LR
enxt 	SK
enxte	MQ
enxtr	LR
enxty	EY
enxx	YE
eny 	SK
eny "	RL
eny '	@_
eny +	KS
eny 0	d<
eny a	DZ
eny d	JT
eny e	MQ
eny f	MQ
eny h	VH
eny i	TJ
eny j	EY
eny k	LR
eny l	ZD
eny m	JT
eny n	JT
eny o	LR
eny r	TJ
eny s	RL
eny u	FX
eny v	[C
eny w	KS
eny y	A^
eny |	UI
eny £	WG
eny –	XF
eny!	DZ
eny!!	DZ
eny"	@_
eny" 	DZ
eny'	IU
eny'r	^A
eny's	GW
eny'v	A^
eny)	FX
eny) 	KS
eny).	MQ
eny,	JT
eny, 	JT
eny-	]B
eny-o	WG
eny.	KS
eny. 	JT
eny.e	]B
eny0	ZD
eny:	LR
eny: 	LR
eny;	TJ
eny; 	TJ
eny?	A^
eny? 	A^
eny@	RL
enya	IU
enya 	C[
enya,	FX
enyan	HV
enyar	QM
enyb	KS
enybe	@_
enybo	QM
enyc	ZD
enycl	VH
enyd	A^
enye	WG
enyea	VH
enyel	5k
enyem	IU
enyes	VH
enyet	QM
enyi	ZD
enyin	[C
enyl	IU
enyla	TJ
enyle	A^
enyli	TJ
enyme	EY
enymo	SK
enyn	MQ
enyn 	UI
enyo	RL
enyo 	ZD
enyon	SK
enyor	[C
enyou	LR
enyp	C[
enype	A^
enypi	KS
enyr	WG
enyr 	_@
enyr,	VH
enyre	IU
enyrs	XF
enys	VH
enys,	VH
enys.	KS
enys:	WG
enys;	TJ
enyse	TJ
enyst	b>
enyt	QM
enyv	IU
enyw	LR
enywh	EY
enywi	[C
enyy	KS
enyy 	KS
enz,	C[
enz, 	C[
enze	SK
enze,	C[
enzel	UI
enzen	[C
enzer	WG
enzi	MQ
enzz	MQ
en| 	JT
en| -	^A
en| 0	SK
en| a	SK
en| b	LR
en| d	RL
en| e	_@
en| f	C[
en| g	b>
en| h	QM
en| i	JT
en| l	RL
en| m	SK
en| n	YE
en| o	LR
en| p	IU
en| r	j6
en| s	QM
en| t	_@
en| w	[C
en| |	B]
en| £	s-
en~ 	SK
en~~	SK
en~~ 	SK
en£0	TJ
en£0 	[C
en£0.	XF
en£0m	c=
en© 	B]
en· 	B]
en· 0	IU
en· c	VH
en· f	MQ
en· p	HV
en· w	A^
enéa	LR
en– 0	TJ
en– a	YE
en– c	HV
en– d	DZ
en– f	FX
en– h	IU
en– l	LR
en– m	KS
en– n	C[
en– p	A^
en– s	SK
en– t	WG
en–0	XF
en–0 	KS
en–0,	UI
en–00	i7
en–f	HV
en–fr	HV
en–t	YE
en–th	YE
en“b	KS
en“bu	KS
en“h	JT
en“he	JT
en“t	IU
en“th	IU
en“y	EY
en“yo	EY
en” 	FX
en” (	KS
en€0	b>
en€00	a?
en★ 	JT
en★ "	JT
en★★	JT
en★★ 	JT
en★★★	JT
es "	DZ
es "a	KS
es "e	QM
es "m	LR
es "p	B]
es "s	DZ
es $	_@
es $ 	ZD
es $0	[C
es %	YE
es % 	YE
es (	SK
es (0	QM
es (a	KS
es (b	FX
es (d	VH
es (e	MQ
es (g	JT
es (p	FX
es (s	VH
es (t	RL
es (v	MQ
es +	MQ
es + 	MQ
es -	EY
es ->	IU
es /	JT
es / 	JT
es 0	ZD
es 0 	[C
es 0,	RL
es 0.	_@
es 00	WG
es @	UI
es a 	SK
es ab	WG
es ac	DZ
es ad	MQ
es af	KS
es ag	ZD
es al	WG
es am	GW
es an	KS
es ap	LR
es aq	VH
es as	RL
es at	ZD
es au	SK
es av	KS
es ay	EY
es az	HV
es añ	MQ
es aú	GW
es b	KS
es b0	_@
es ba	XF
es be	MQ
es bi	KS
es bl	JT
es bo	SK
es br	WG
es bu	DZ
es c	TJ
es c/	RL
es ca	XF
es ch	[C
es ci	[C
es co	IU
es cp	ZD
es cr	IU
es cu	MQ
es có	KS
es d	RL
es de	MQ
es di	HV
es do	YE
es du	SK
es dí	TJ
es dó	DZ
es e 	SK
es ed	QM
es el	LR
es em	RL
es en	RL
es es	FX
es eu	WG
es ev	GW
es ex	LR
es f	SK
es fe	SK
es fi	_@
es fl	GW
es fo	DZ
es fr	IU
es g	LR
es g0	UI
es ga	QM
es ge	GW
es go	MQ
es gr	JT
es gu	IU
es h	FX
es h.	EY
es ha	HV
es he	QM
es hi	SK
es ho	B]
es hu	RL
es i 	VH
es ib	QM
es ig	HV
es im	TJ
es in	IU
es iv	a?
es j	VH
es ja	QM
es jo	FX
es ju	YE
es jó	MQ
es k	RL
es ki	QM
es km	[C
es l	LR
es l-	ZD
es la	MQ
es le	GW
es li	KS
es ll	WG
es lu	KS
es lá	KS
es lí	C[
es m	KS
es ma	KS
es me	QM
es mi	MQ
es mo	GW
es mí	DZ
es mó	IU
es mú	JT
es n	EY
es n.	XF
es ni	GW
es no	?a
es nu	VH
es nú	IU
es o	MQ
es o 	IU
es ob	LR
es oc	b>
es of	KS
es oj	IU
es ol	QM
es on	IU
es or	IU
es ot	JT
es p	KS
es p.	LR
es pe	GW
es pi	RL
es pá	JT
es q	C[
es qu	B]
es r	QM
es ra	QM
es ri	QM
es ro	MQ
es ru	KS
es rá	KS
es s	UI
es s.	[C
es sa	LR
es se	UI
es sá	UI
es sé	FX
es sí	UI
es ta	TJ
es te	JT
es tf	ZD
es ti	WG
es tl	SK
es to	QM
es tr	WG
es tu	A^
es u	LR
es un	GW
es ur	UI
es us	SK
es v	JT
es va	IU
es ve	HV
es vi	QM
es vo	MQ
es ví	EY
es w	>b
es we	@_
es y 	RL
es ya	IU
es yo	UI
es yu	KS
es |	TJ
es | 	TJ
es «	DZ
es «e	HV
es «l	LR
es «u	IU
es ¿	MQ
es ¿c	GW
es ¿q	KS
es él	VH
es ér	HV
es ú	KS
es úl	KS
es “	VH
es €	UI
es € 	WG
es €,	SK
es €.	d<
es €/	YE
es €;	TJ
es! 	SK
es" 	LR
es" s	KS
es",	EY
es", 	EY
es".	EY
es". 	EY
es"a	KS
es"e	QM
es"el	SK
es"m	LR
es"p	B]
es"s	DZ
es$ 	ZD
es$ 0	ZD
es$0	[C
es$0,	XF
es$00	[C
es% 	a?
es% d	[C
es(0	QM
es(0 	QM
es(a	KS
es(b	FX
es(d	LR
es(de	VH
es(e	MQ
es(el	SK
es(en	KS
es(es	KS
es(g	JT
es(ge	JT
es(gr	SK
es(p	FX
es(s	VH
es(se	UI
es(t	RL
es(ta	MQ
es(te	HV
es(v	MQ
es) 	HV
es) y	XF
es),	LR
es), 	LR
es).	RL
es). 	RL
es+ 	MQ
es, 	QM
es, "	WG
es, 0	VH
es, b	QM
es, c	RL
es, d	^A
es, e	LR
es, f	LR
es, g	KS
es, h	RL
es, i	MQ
es, j	C[
es, l	MQ
es, m	QM
es, n	A^
es, o	GW
es, p	WG
es, r	TJ
es, s	TJ
es, t	^A
es, v	UI
es, y	WG
es,0	HV
es,00	HV
es- 	JT
es-0	VH
es-00	UI
es->	IU
es-> 	IU
es-v	YE
es-v 	ZD
es. 	RL
es. 0	ZD
es. d	RL
es. s	]B
es."	GW
es." 	GW
es.)	IU
es.) 	JT
es.0	^A
es.00	^A
es.d	EY
es.d.	EY
es.e	XF
es.ex	YE
es.l	WG
es.l.	WG
es.p	SK
es.p.	SK
es.»	KS
es.» 	KS
es/ 	LR
es/ 0	XF
es/k	KS
es/kg	RL
es0 	[C
es0 %	YE
es0 (	a?
es0 -	IU
es0 /	XF
es0 0	b>
es0 a	SK
es0 c	a?
es0 d	UI
es0 h	JT
es0 k	XF
es0 l	[C
es0 m	]B
es0 n	]B
es0 o	LR
es0 p	QM
es0 s	b>
es0 t	JT
es0 v	UI
es0 y	KS
es0 €	UI
es0%	[C
es0% 	[C
es0)	TJ
es0).	[C
es0,	RL
es0, 	WG
es0,0	HV
es0-	YE
es0-0	UI
es0-s	MQ
es0.	UI
es0. 	SK
es0.0	^A
es00	[C
es00 	XF
es00%	[C
es00)	TJ
es00,	SK
es00-	YE
es00.	RL
es000	YE
es00;	VH
es00h	[C
es0;	VH
es0; 	VH
es0h	[C
es: 	JT
es: "	IU
es: c	SK
es: s	RL
es: «	EY
es; 	YE
es; d	WG
es; e	XF
es; l	ZD
es; t	LR
es; y	LR
es> 	IU
es? 	HV
es@l	UI
es@la	UI
es@p	RL
es@pe	RL
es@r	UI
es@re	UI
es@s	WG
es@sa	WG
es@t	UI
esa $	SK
esa (	SK
esa 0	TJ
esa a	MQ
esa b	GW
esa c	VH
esa d	GW
esa e	UI
esa f	LR
esa g	?a
esa h	JT
esa i	HV
esa j	GW
esa n	LR
esa o	HV
esa p	SK
esa q	JT
esa r	XF
esa s	WG
esa t	QM
esa u	FX
esa v	]B
esa w	@_
esa y	VH
esa |	IU
esa «	KS
esa é	IU
esa!	A^
esa"	MQ
esa)	LR
esa) 	MQ
esa,	VH
esa, 	VH
esa.	VH
esa. 	RL
esa.e	VH
esa;	YE
esa; 	YE
esa?	]B
esa? 	[C
esa@	VH
esaa	MQ
esab	VH
esaba	QM
esabe	TJ
esabi	^A
esabl	FX
esabo	SK
esabr	LR
esabu	ZD
esace	^A
esaci	XF
esact	JT
esad	XF
esad 	TJ
esada	QM
esade	SK
esadi	YE
esado	TJ
esadr	XF
esadu	MQ
esae	TJ
esae 	QM
esaer	YE
esaf	MQ
esafa	SK
esafi	LR
esag	a?
esaga	TJ
esago	a?
esagu	WG
esah 	IU
esaho	RL
esai	HV
esaig	MQ
esail	MQ
esain	TJ
esaja	LR
esaje	HV
esajo	UI
esal 	WG
esal,	GW
esal.	EY
esala	MQ
esalb	_@
esald	LR
esale	EY
esalg	GW
esall	VH
esalm	YE
esalo	TJ
esalq	QM
esalt	e;
esalu	C[
esalv	LR
esam	RL
esama	IU
esamb	QM
esami	JT
esan	QM
esan 	IU
esan.	JT
esanc	JT
esand	FX
esane	VH
esang	GW
esani	TJ
esano	c=
esans	KS
esanu	]B
esanz	GW
esao	MQ
esapa	@_
esape	GW
esapi	SK
esapp	LR
esapr	VH
esaq	QM
esaqu	QM
esar,	_@
esar.	SK
esara	MQ
esarb	SK
esarc	ZD
esard	]B
esare	QM
esarg	FX
esari	LR
esarj	]B
esarl	>b
esarn	SK
esaro	A^
esarp	DZ
esarr	TJ
esarz	SK
esarí	C[
esas	KS
esas 	GW
esas,	ZD
esas:	WG
esasc	[C
esasi	SK
esaso	SK
esass	RL
esast	C[
esasu	IU
esasí	KS
esat	XF
esat 	QM
esate	JT
esati	_@
esato	TJ
esatr	QM
esau	RL
esaur	ZD
esaut	TJ
esav	XF
esava	_@
esave	TJ
esavi	LR
esavo	HV
esaví	HV
esax	RL
esay	SK
esay 	TJ
esaya	IU
esaye	VH
esayo	ZD
esayu	MQ
esaz	GW
esaza	IU
esazo	MQ
esazu	HV
esañ	QM
esaña	[C
esañe	GW
esaú	GW
esaún	GW
esb 	TJ
esb d	XF
esb,	MQ
esb, 	MQ
esb.	C[
esb0	_@
esb00	_@
esb@	TJ
esba	[C
esba 	WG
esba.	LR
esbai	LR
esbaj	SK
esbal	JT
esban	UI
esbar	_@
esbas	TJ
esbat	FX
esbañ	QM
esbe 	GW
esbec	ZD
esbel	UI
esbem	GW
esben	HV
esber	RL
esbet	LR
esbi	VH
esbia	QM
esbic	SK
esbie	KS
esbil	FX
esbin	YE
esbio	UI
esbir	JT
esbié	[C
esbió	FX
esbl	EY
esbla	KS
esble	IU
esbli	FX
esblo	WG
esbo	LR
esbo 	EY
esbod	XF
esbog	EY
esbol	LR
esbom	UI
esbot	LR
esbr	KS
esbra	IU
esbre	LR
esbro	QM
esbue	FX
esbuj	HV
esbur	DZ
esbus	SK
esbv	FX
esbve	FX
esbá	MQ
esbáñ	MQ
esbó	SK
esbón	SK
esc 	LR
esc.	XF
esc/	RL
esc/ 	RL
esca	KS
esca 	DZ
esca,	QM
esca.	XF
escad	WG
escae	EY
escaj	KS
escal	WG
escan	IU
escap	LR
escar	IU
escas	KS
escat	GW
escc	HV
escci	HV
esce	YE
esce 	JT
esce.	]B
esced	XF
escel	LR
escem	^A
escen	SK
escer	KS
esch	VH
escha	QM
esche	SK
eschi	EY
escho	^A
esci	QM
escic	[C
escid	B]
escif	UI
escil	QM
escim	WG
escin	VH
escio	EY
escip	VH
escir	?a
escis	TJ
escit	TJ
escl	YE
escli	KS
esclu	_@
esco	MQ
esco)	TJ
esco,	XF
esco.	IU
escob	GW
escoc	SK
escog	RL
escol	MQ
escon	QM
escoo	LR
escop	JT
escor	MQ
escos	QM
escp	ZD
escp 	ZD
escre	QM
escri	MQ
esct	SK
escta	JT
escti	UI
esctr	]B
esctu	MQ
escu	MQ
escuc	XF
escui	JT
escul	QM
escum	KS
escuo	SK
escup	VH
escur	MQ
escuá	LR
escuñ	EY
escá	MQ
escés	LR
escí	LR
escía	LR
escó	IU
escóm	HV
esd 	RL
esd d	UI
esd.	=c
esd. 	>b
esda	QM
esda 	MQ
esda,	UI
esda.	WG
esdab	RL
esdad	XF
esdam	EY
esdan	HV
esdar	EY
esdas	[C
esdav	HV
esde	LR
esde 	LR
esde.	A^
esdeb	EY
esdec	RL
esded	SK
esdej	SK
esdel	HV
esdem	UI
esden	RL
esdeo	DZ
esder	TJ
esdes	LR
esdet	EY
esdev	UI
esdi	MQ
esdia	KS
esdib	MQ
esdic	HV
esdid	QM
esdie	UI
esdij	MQ
esdil	RL
esdim	WG
esdio	SK
esdir	JT
esdit	JT
esdo	RL
esdo,	KS
esdo.	IU
esdob	VH
esdol	_@
esdom	RL
esdon	MQ
esdor	MQ
esdr	[C
esdra	SK
esdre	UI
esdri	WG
esdu	RL
esdua	TJ
esduc	HV
esdul	UI
esdur	SK
esdí	MQ
esdí 	TJ
esdón	EY
ese "	FX
ese $	]B
ese 0	XF
ese a	UI
ese b	GW
ese d	WG
ese g	HV
ese h	DZ
ese i	TJ
ese j	YE
ese l	MQ
ese n	UI
ese o	JT
ese p	XF
ese q	FX
ese t	FX
ese u	MQ
ese v	MQ
ese y	MQ
ese é	XF
ese)	KS
ese) 	a?
ese,	UI
ese, 	UI
ese.	QM
ese. 	RL
ese:	EY
ese: 	EY
esead	FX
esean	@_
eseat	TJ
eseb	IU
eseb 	GW
eseb,	EY
esebe	>b
esebi	RL
esebl	UI
esebo	MQ
esec	EY
eseca	TJ
esecc	JT
esece	DZ
esech	LR
eseci	DZ
esecr	YE
esect	SK
esecu	EY
esecí	LR
esed	RL
esed 	TJ
eseda	GW
esede	UI
esedi	QM
esedo	UI
esedr	MQ
esee	HV
esef	GW
eseg	HV
esega	SK
esegl	XF
esego	MQ
esegr	GW
esegu	A^
esegú	TJ
eseh	VH
esei	ZD
eseis	]B
esej	EY
eseja	RL
esejo	GW
esel	RL
esel 	QM
esel,	DZ
esel.	a?
esela	ZD
eselc	VH
esell	IU
eselo	WG
esels	HV
eselt	QM
eselv	LR
eselé	RL
esem	^A
esema	MQ
esemb	WG
esemi	ZD
esemo	XF
esemp	LR
esemá	TJ
esen	RL
esen,	IU
esen.	LR
esena	GW
esenc	RL
esene	VH
esenf	GW
eseno	QM
esens	WG
esenv	VH
eseo 	RL
eseo.	QM
esep	RL
esepa	HV
esepo	UI
esept	WG
eseq	XF
esequ	XF
eser	SK
eser 	LR
eser@	VH
esera	WG
eserc	DZ
eserd	7i
esere	EY
eserf	QM
eserg	LR
eseri	RL
eserl	JT
esern	VH
esero	TJ
eserr	YE
esers	LR
esert	QM
eserz	ZD
eserí	QM
eses	MQ
eses)	MQ
eses,	FX
eses.	IU
eses:	HV
esesa	RL
esesc	SK
esesd	TJ
esese	KS
esesf	[C
esesi	LR
eseso	GW
esesp	LR
esesq	[C
esess	SK
esest	UI
eseta	QM
esete	b>
eseto	@_
esetr	IU
eseur	QM
eseus	RL
esev	ZD
eseva	XF
eseve	WG
esex	WG
esexa	YE
esext	@_
esey	RL
esey 	C[
esez	UI
esez 	LR
esez.	VH
eseza	UI
esezc	LR
esezó	QM
eseí	SK
eseñ	SK
eseña	VH
eseñi	QM
eseño	LR
esf 	QM
esf b	[C
esf g	UI
esfa	SK
esfa 	SK
esfac	IU
esfad	KS
esfal	[C
esfav	HV
esfe	KS
esfeb	MQ
esfec	A^
esfi	XF
esfia	TJ
esfie	]B
esfin	EY
esfir	RL
esfl	GW
esflo	GW
esfn	ZD
esfno	ZD
esfo	JT
esfot	C[
esfr	FX
esfra	HV
esfre	MQ
esfu	TJ
esfue	C[
esfum	YE
esfun	c=
esfur	IU
esfá	WG
esg,	QM
esg, 	QM
esg.	HV
esg. 	KS
esg0	UI
esg00	UI
esga 	@_
esga,	SK
esga.	VH
esgad	JT
esgal	FX
esgan	QM
esgas	RL
esgañ	GW
esgem	WG
esgen	MQ
esgi	JT
esgin	EY
esgio	UI
esgis	TJ
esgl	QM
esgla	SK
esglé	FX
esgo 	KS
esgoc	MQ
esgon	QM
esgos	[C
esgr	EY
esgri	DZ
esgro	FX
esgu	IU
esgua	QM
esgue	QM
esgui	ZD
esgun	@_
esguo	LR
esgur	IU
esgus	GW
esgá	LR
esgú	TJ
esgún	TJ
esgü	SK
esgüe	SK
esh 	LR
esh y	KS
esh,	ZD
esh, 	ZD
esh.	A^
esh. 	A^
esha	JT
esha 	B]
eshab	EY
eshac	a?
eshad	SK
eshag	IU
eshan	GW
eshar	UI
eshas	>b
eshat	JT
eshe	RL
eshe 	LR
eshec	QM
esher	SK
eshi 	GW
eshic	VH
eshid	VH
eshis	HV
eshit	FX
esho	KS
esho 	YE
esho,	MQ
eshol	?a
eshom	XF
eshon	JT
eshor	RL
eshu	UI
eshí	UI
esi a	VH
esi c	GW
esi e	LR
esi h	WG
esi l	UI
esi m	FX
esi n	LR
esi q	HV
esi s	IU
esi t	UI
esi v	XF
esi,	FX
esi, 	FX
esia	LR
esia 	MQ
esia,	WG
esia.	KS
esiac	VH
esiad	LR
esial	IU
esian	IU
esiar	HV
esias	TJ
esiat	SK
esib	C[
esiba	GW
esibi	DZ
esibo	C[
esibu	RL
esibá	MQ
esic	MQ
esica	DZ
esici	TJ
esicl	[C
esico	JT
esid	UI
esida	SK
eside	YE
esidi	>b
esido	LR
esidr	XF
esie	QM
esie 	YE
esied	MQ
esiej	HV
esiem	MQ
esien	UI
esier	KS
esies	UI
esiez	RL
esif	MQ
esif 	SK
esifi	JT
esig	MQ
esiga	SK
esigo	KS
esigu	JT
esije	YE
esijo	LR
esil	XF
esil 	TJ
esil.	KS
esila	KS
esile	QM
esili	IU
esill	[C
esilo	]B
esim	YE
esima	QM
esimb	ZD
esime	LR
esimi	UI
esimo	b>
esimp	SK
esin	TJ
esin 	LR
esina	KS
esinc	WG
esind	VH
esine	TJ
esinf	JT
esini	TJ
esins	RL
esint	ZD
esinv	QM
esio	SK
esiod	QM
esion	UI
esios	C[
esip	ZD
esipa	UI
esipc	SK
esipi	TJ
esipo	SK
esiq	UI
esiqu	UI
esir	IU
esir 	KS
esir.	LR
esir:	HV
esira	LR
esire	MQ
esirg	JT
esirm	RL
esirv	DZ
esis	QM
esis 	]B
esis,	RL
esisa	VH
esise	JT
esisi	JT
esiso	HV
esist	MQ
esita	JT
esite	IU
esiti	VH
esito	HV
esitr	_@
esitu	EY
esiv	UI
esiva	ZD
esive	JT
esivo	JT
esix	DZ
esiz	RL
esiz.	SK
esiza	QM
esiá	EY
esián	EY
esié	MQ
esién	IU
esiér	UI
esió	FX
esió 	TJ
esió.	JT
esió:	FX
esión	IU
esja	WG
esja 	UI
esja.	RL
esjac	TJ
esjad	HV
esjaj	DZ
esjam	VH
esjar	TJ
esjas	JT
esje,	IU
esjer	HV
esjes	RL
esji	TJ
esjo	FX
esjo 	GW
esjo,	FX
esjo.	SK
esjor	@_
esju	SK
esjue	TJ
esjul	WG
esjun	RL
esjó	MQ
esjóv	MQ
eskg	RL
eskg,	RL
eski	KS
eskil	QM
eskm	HV
eskm 	HV
esl (	XF
esl 0	XF
esl a	IU
esl b	DZ
esl c	HV
esl d	TJ
esl e	KS
esl g	WG
esl h	KS
esl i	EY
esl l	IU
esl m	IU
esl n	JT
esl o	VH
esl p	SK
esl q	HV
esl r	HV
esl v	KS
esl y	TJ
esl ú	LR
esl)	MQ
esl,	GW
esl, 	GW
esl-	ZD
esl-v	ZD
esl. 	LR
esl:	DZ
esl: 	DZ
esla	JT
esla 	KS
esla,	KS
esla.	VH
esla@	TJ
eslab	SK
eslac	JT
eslad	TJ
eslag	KS
eslar	VH
eslas	KS
eslav	b>
eslaz	HV
eslb	_@
eslba	_@
eslc	VH
eslca	KS
eslco	UI
eslda	WG
esldo	]B
esle,	QM
esle.	[C
eslea	DZ
esleg	JT
eslei	GW
eslem	LR
eslen	IU
esleo	WG
esler	RL
esles	QM
eslet	GW
eslev	VH
eslg	HV
eslga	B]
eslgo	MQ
eslgu	XF
esli	HV
eslia	KS
eslib	GW
eslic	LR
eslid	C[
eslie	RL
eslim	SK
eslin	QM
eslio	TJ
eslir	LR
eslis	MQ
eslit	f:
esliv	JT
esll	QM
esll 	MQ
eslla	RL
eslle	_@
eslli	KS
esllo	IU
eslm	b>
eslma	XF
eslo 	QM
eslo,	MQ
eslo.	JT
eslog	JT
eslol	HV
eslom	TJ
eslon	UI
eslor	IU
eslos	SK
eslq	SK
eslqu	SK
esls	GW
esls 	HV
eslso	LR
eslt	VH
eslta	YE
eslti	KS
eslto	UI
eslu	DZ
eslub	ZD
esluc	IU
eslud	A^
eslue	MQ
eslui	HV
esluz	QM
eslv	RL
eslva	C[
eslve	]B
eslvi	LR
eslá	WG
eslé	LR
esléf	RL
eslés	FX
eslí	JT
eslíg	TJ
esló	YE
esm 	IU
esm.	QM
esma 	LR
esma,	MQ
esma.	EY
esmac	WG
esmad	LR
esmai	JT
esmal	EY
esman	TJ
esmap	A^
esmar	MQ
esmas	MQ
esmat	VH
esmay	ZD
esmañ	VH
esmb	SK
esmba	SK
esmbi	YE
esmbr	RL
esme	LR
esme 	DZ
esmed	UI
esmej	@_
esmen	RL
esmer	IU
esmes	WG
esmet	XF
esmi	UI
esmia	KS
esmie	IU
esmig	XF
esmil	MQ
esmim	ZD
esmin	SK
esmio	SK
esmir	LR
esmis	RL
esmié	UI
esmn	MQ
esmno	QM
esmo	YE
esmo 	?a
esmo.	^A
esmod	GW
esmol	VH
esmon	XF
esmor	WG
esmos	ZD
esmot	RL
esmp	WG
esmpa	JT
esmpe	SK
esmpi	MQ
esmpl	WG
esmpr	YE
esmu	TJ
esmuc	DZ
esmud	TJ
esmue	XF
esmuj	KS
esmul	HV
esmuy	JT
esmá	LR
esmás	LR
esmát	JT
esmí	VH
esmí 	SK
esmín	RL
esmó	JT
esmóv	IU
esmú	JT
esmús	JT
esn (	SK
esn 0	KS
esn b	QM
esn c	WG
esn d	FX
esn e	GW
esn f	RL
esn g	UI
esn h	MQ
esn i	UI
esn j	TJ
esn l	LR
esn m	EY
esn n	A^
esn o	HV
esn p	VH
esn s	KS
esn t	IU
esn v	JT
esn,	KS
esn, 	KS
esn.	UI
esn. 	QM
esn.º	XF
esn:	IU
esn: 	IU
esna	KS
esna 	SK
esna)	JT
esna,	YE
esna.	A^
esna:	EY
esna@	SK
esnad	MQ
esnal	EY
esnar	QM
esnas	RL
esnat	IU
esnav	XF
esnc	RL
esnca	KS
esnce	EY
esnch	RL
esnci	VH
esncl	XF
esnco	MQ
esnd	JT
esnda	SK
esnde	MQ
esndi	KS
esndo	FX
esndr	QM
esndí	QM
esne	RL
esne 	SK
esnea	ZD
esnec	HV
esneg	GW
esnem	LR
esnen	LR
esner	^A
esnet	LR
esnf	IU
esnfa	KS
esnfo	JT
esnfr	IU
esnfu	ZD
esng	JT
esnga	EY
esngl	B]
esngo	TJ
esngu	XF
esni	QM
esni 	IU
esnic	TJ
esnid	TJ
esnie	DZ
esnif	QM
esnil	TJ
esnim	QM
esnin	A^
esnio	XF
esnis	TJ
esnit	SK
esniñ	DZ
esno	MQ
esno 	LR
esno,	MQ
esno.	QM
esno?	EY
esnoc	C[
esnom	EY
esnot	XF
esns	SK
esns 	VH
esnsa	UI
esnsc	YE
esnse	QM
esnst	SK
esnt 	TJ
esnt,	KS
esnta	MQ
esnte	HV
esnti	SK
esnto	RL
esntr	LR
esntu	TJ
esntó	TJ
esnu	VH
esnue	WG
esnun	VH
esnv	RL
esnve	RL
esnvi	VH
esnz	JT
esnza	C[
esné	MQ
esnés	JT
esní	B]
esnía	B]
esnú	IU
esnúm	IU
eso 	HV
eso $	WG
eso (	LR
eso 0	UI
eso a	[C
eso b	QM
eso d	JT
eso f	FX
eso i	GW
eso l	YE
eso n	HV
eso o	SK
eso p	C[
eso q	QM
eso r	WG
eso s	QM
eso t	LR
eso v	DZ
eso y	IU
eso"	QM
eso" 	QM
eso)	RL
eso) 	IU
eso,	IU
eso, 	IU
eso.e	YE
eso.»	KS
eso?	B]
eso? 	C[
esoba	RL
esobl	XF
esobo	GW
esobr	LR
esoca	KS
esoch	WG
esoco	RL
esocu	TJ
esode	QM
esodi	KS
esodo	SK
esoe	SK
esof	IU
esofe	LR
esofi	LR
esog	LR
esoge	QM
esogi	QM
esogo	@_
esoj	IU
esojo	DZ
esok	DZ
esoki	DZ
esol	LR
esol 	JT
esola	IU
esold	WG
esole	UI
esolo	MQ
esolu	JT
esolv	VH
esolí	MQ
esom	SK
esom 	LR
esoma	VH
esomb	LR
esome	FX
esomi	TJ
esomp	UI
esomá	KS
eson	KS
eson 	TJ
esona	KS
esonc	FX
esond	HV
esone	MQ
esonf	SK
esong	GW
esoni	VH
esono	QM
esont	KS
esonv	LR
esoo	LR
esoop	QM
esop	RL
esopa	UI
esope	RL
esopi	IU
esopo	FX
esoq	DZ
esoqu	DZ
esor 	JT
esor,	GW
esor.	RL
esora	VH
esord	B]
esore	TJ
esori	DZ
esorm	GW
esorq	QM
esorr	LR
esort	SK
esorí	LR
esos	SK
esos"	HV
esos)	SK
esos.	WG
esos:	LR
esos?	B]
esos@	XF
esosa	LR
esose	LR
esosi	UI
esost	VH
esos»	KS
esot	KS
esot 	JT
esota	WG
esote	ZD
esoto	DZ
esotr	IU
esotó	=c
esou	SK
esova	JT
esove	QM
esovi	VH
esoz	TJ
eso»	>b
eso».	FX
esp 	RL
esp 0	[C
esp. 	VH
esp.d	EY
espa 	MQ
espac	TJ
espad	SK
espag	WG
espal	C[
espap	RL
espar	JT
espas	LR
espat	LR
españ	TJ
espc	SK
espci	SK
espe	JT
espec	JT
esped	LR
espel	DZ
espen	HV
espeq	WG
esper	KS
espes	HV
espet	HV
espeñ	SK
espia	LR
espic	LR
espid	HV
espin	[C
espio	VH
espit	LR
espl	MQ
espla	FX
esple	RL
espo 	WG
espo,	QM
espoc	EY
espod	RL
espol	MQ
espon	@_
espor	QM
espos	ZD
espp	LR
espr	QM
espra	WG
espt	XF
espti	UI
espub	FX
espue	RL
espun	QM
espué	IU
espá	MQ
espág	EY
esq.	KS
esqu	IU
esque	KS
esqué	EY
esquí	WG
esr 	HV
esr a	DZ
esr c	A^
esr d	VH
esr e	MQ
esr f	EY
esr i	LR
esr l	LR
esr m	EY
esr n	RL
esr o	RL
esr p	EY
esr q	TJ
esr s	GW
esr t	MQ
esr u	MQ
esr v	KS
esr y	KS
esr,	UI
esr, 	UI
esr.	RL
esr. 	RL
esr:	C[
esr: 	C[
esr;	RL
esr; 	RL
esr@	VH
esra 	GW
esra,	TJ
esra.	VH
esrab	TJ
esrac	GW
esrad	]B
esrae	SK
esraf	SK
esrag	RL
esraj	EY
esral	UI
esram	QM
esran	QM
esrar	IU
esras	WG
esrat	YE
esraz	=c
esrb	RL
esrbe	UI
esrc	TJ
esrca	IU
esrce	_@
esrch	IU
esrco	^A
esrd	HV
esrda	UI
esrde	DZ
esrdo	RL
esrdí	HV
esrdó	IU
esre	QM
esre 	QM
esre)	JT
esre,	HV
esre.	IU
esrea	[C
esreb	TJ
esrec	FX
esred	[C
esreg	IU
esrel	VH
esrem	EY
esreo	KS
esrep	QM
esrer	UI
esres	TJ
esret	QM
esreu	GW
esrey	RL
esrez	IU
esrf	RL
esrfe	C[
esrg	FX
esrga	FX
esrge	TJ
esrgo	QM
esri	KS
esria	SK
esrib	?a
esrie	SK
esril	IU
esrim	SK
esrio	FX
esrip	RL
esris	B]
esrit	HV
esrió	SK
esrj	b>
esrja	[C
esrl	B]
esrle	EY
esrlo	FX
esrm	LR
esrma	WG
esrmi	?a
esrmu	HV
esrmá	JT
esrn	VH
esrna	SK
esrne	XF
esrni	MQ
esrno	MQ
esro 	QM
esro)	HV
esro,	QM
esro.	IU
esrob	LR
esroj	GW
esrom	ZD
esron	C[
esrop	UI
esros	LR
esrot	VH
esrov	WG
esrp	DZ
esrq	TJ
esrqu	TJ
esrr	UI
esrra	YE
esrre	XF
esrri	>b
esrro	JT
esrs	RL
esrsi	JT
esrt 	KS
esrte	UI
esrti	MQ
esrto	KS
esrtu	TJ
esrub	VH
esrud	MQ
esrue	LR
esrui	MQ
esrum	SK
esrut	JT
esrva	C[
esrve	SK
esrvi	ZD
esry 	RL
esrz	YE
esrza	XF
esrzo	UI
esrá	QM
esráp	KS
esrás	LR
esré	B]
esrés	EY
esrí	MQ
esría	LR
esríc	ZD
esrío	VH
esró	RL
ess 	LR
ess (	QM
ess @	UI
ess a	VH
ess b	a?
ess c	DZ
ess d	MQ
ess e	XF
ess g	HV
ess i	TJ
ess j	RL
ess l	IU
ess n	A^
ess o	YE
ess p	MQ
ess q	DZ
ess r	IU
ess s	MQ
ess t	KS
ess u	XF
ess v	QM
ess y	]B
ess “	VH
ess"	=c
ess".	A^
ess) 	MQ
ess),	MQ
ess).	VH
ess,	XF
ess, 	XF
ess.	RL
ess.e	RL
ess.l	WG
ess:	QM
ess: 	QM
ess;	RL
ess; 	RL
ess?	B]
ess? 	B]
ess@	YE
essa	UI
essa,	XF
essa.	]B
essad	C[
essaj	DZ
essal	KS
essan	XF
essar	C[
essas	XF
essay	RL
essc	VH
essci	QM
esscr	MQ
esscu	WG
essd	UI
essde	TJ
esse	UI
esse 	SK
essea	UI
esseb	JT
essec	VH
esseg	MQ
essei	]B
essel	MQ
essem	MQ
essen	]B
esseo	RL
essep	KS
esser	IU
esses	LR
esseñ	KS
essf	_@
essfe	TJ
essi	TJ
essi 	VH
essia	XF
essid	XF
essie	MQ
essig	KS
essil	d<
essim	DZ
essin	JT
essir	DZ
essis	HV
essió	A^
essmo	MQ
esso 	?a
esso,	IU
esso.	[C
essob	IU
essoc	RL
essor	VH
essos	QM
essp	GW
esspe	LR
esspu	IU
essq	]B
essqu	]B
esss	VH
essse	VH
esst	QM
essta	QM
essti	WG
essto	KS
esstr	YE
esstu	^A
esstá	GW
essté	HV
essua	WG
essub	EY
essup	RL
ess»	KS
ess».	HV
essá	UI
essáb	UI
essé	FX
essí	VH
essí 	LR
essí,	YE
est 	UI
est e	IU
est'	JT
est)	QM
est,	FX
est, 	FX
est.	KS
esta	LR
esta 	IU
esta,	SK
esta.	IU
esta;	VH
estab	SK
estac	MQ
estad	VH
estal	LR
estam	TJ
estan	TJ
estap	XF
estar	SK
estas	LR
estau	VH
estb	FX
este 	HV
este.	]B
estea	KS
estej	HV
estel	XF
estem	VH
esten	JT
esteo	QM
estep	RL
ester	VH
esteñ	QM
estf	ZD
estfn	ZD
esti	WG
estic	IU
estie	[C
estif	LR
estig	RL
estil	a?
estim	RL
estin	SK
estio	UI
estip	TJ
estir	HV
estis	[C
estit	IU
estiv	VH
estiz	QM
estl	RL
estla	RL
esto	HV
esto 	RL
esto,	RL
esto.	HV
estod	SK
estol	]B
estom	TJ
estos	B]
estoy	LR
estr	TJ
estra	TJ
estre	RL
estri	_@
estro	MQ
estru	SK
estrá	SK
ests,	IU
estu	LR
estu 	GW
estur	JT
está	IU
está 	HV
estál	IU
esté	=c
esté 	KS
estí	VH
estía	VH
estó	JT
estó 	KS
estón	FX
esu c	LR
esu m	IU
esu.	KS
esu. 	KS
esua	SK
esua 	SK
esuad	]B
esual	JT
esuan	RL
esuar	LR
esuas	UI
esuat	QM
esub	TJ
esub 	XF
esub@	TJ
esubi	RL
esubl	FX
esubv	FX
esuc	FX
esuca	JT
esuch	JT
esucí	JT
esud	MQ
esuda	XF
esudi	UI
esudo	C[
esue	TJ
esue 	KS
esue,	WG
esueb	VH
esued	HV
esueg	IU
esuel	[C
esuen	MQ
esuer	JT
esues	WG
esuet	LR
esuev	XF
esueñ	VH
esuf	JT
esug	JT
esuid	RL
esuie	FX
esuil	MQ
esuin	]B
esuir	WG
esuis	LR
esuit	EY
esuja	QM
esuje	RL
esujo	MQ
esul	LR
esul 	HV
esula	LR
esuli	WG
esulo	WG
esum	WG
esume	VH
esun	LR
esun 	DZ
esuna	TJ
esunc	XF
esund	SK
esune	KS
esuni	YE
esuno	KS
esunt	DZ
esuot	SK
esup	RL
esupo	UI
esupu	RL
esur	MQ
esur 	DZ
esurg	QM
esuro	YE
esurs	RL
esus	TJ
esusa	YE
esuse	RL
esust	IU
esut	MQ
esuto	TJ
esuv	JT
esuvi	JT
esuy	MQ
esuy 	JT
esuyo	FX
esuz 	VH
esué	C[
esué 	EY
esués	IU
esuí	WG
esuí 	ZD
esuí,	GW
esuít	IU
esuñ	EY
esuña	EY
esv 	[C
esv 0	ZD
esv.	GW
esva	RL
esva 	VH
esva,	SK
esva.	KS
esvad	VH
esvai	LR
esval	QM
esvam	QM
esvan	LR
esvas	RL
esve	TJ
esve 	[C
esvea	EY
esvec	MQ
esveg	QM
esvel	RL
esvem	VH
esven	TJ
esver	A^
esves	WG
esvez	XF
esvi	QM
esvia	HV
esvic	YE
esvid	IU
esvie	UI
esvir	TJ
esvis	IU
esvit	GW
esviv	HV
esvo	GW
esvo 	JT
esvol	YE
esvor	HV
esvos	IU
esví	JT
esvía	HV
esvíd	EY
eswe	>b
esweb	@_
esx 	C[
esxa	YE
esxam	YE
esxe	QM
esxi	KS
esxo	UI
esxt	MQ
esy 	QM
esy a	IU
esy b	LR
esy c	SK
esy d	VH
esy e	JT
esy f	GW
esy g	DZ
esy h	YE
esy i	LR
esy l	XF
esy m	SK
esy o	XF
esy p	JT
esy q	TJ
esy r	MQ
esy s	WG
esy t	VH
esy v	B]
esy y	SK
esy,	]B
esy, 	]B
esy.	UI
esy. 	UI
esya	KS
esya 	LR
esya,	LR
esye	UI
esyer	GW
esyo 	RL
esyo,	[C
esyor	UI
esyu	MQ
esyun	MQ
esz,	IU
esz, 	IU
esz.	VH
esz. 	VH
esza	UI
esza,	MQ
esza.	KS
eszac	WG
eszan	VH
eszar	FX
eszc	LR
eszca	HV
eszo	SK
eszo,	FX
eszo.	VH
eszu	HV
eszul	HV
eszó	QM
eszó 	QM
es| 	TJ
es«e	HV
es«el	HV
es«l	LR
es«u	IU
es«un	IU
esº 0	YE
esº b	HV
es» 	HV
es»,	EY
es», 	EY
es».	EY
es». 	EY
es¿c	GW
es¿q	KS
es¿qu	KS
esá 	FX
esá d	QM
esá e	QM
esá p	A^
esáb	UI
esáb 	UI
esába	QM
esác	SK
eság	EY
esági	EY
esál	LR
esánt	SK
esáp	FX
esápi	FX
esár	RL
esás	QM
esás 	KS
esás.	FX
esásc	TJ
esát	B]
esáti	B]
esáñ	MQ
esáñe	MQ
esé 	JT
esé q	GW
esé t	HV
esé.	JT
esé. 	JT
eséf	RL
eséfo	RL
esél	VH
esél 	VH
esén	HV
esén 	QM
esér	KS
eséra	HV
esérc	UI
esés	A^
esés 	LR
esés,	LR
esés.	FX
esí 	WG
esí m	SK
esí n	RL
esí q	LR
esí s	TJ
esí,	VH
esí, 	VH
esí.	GW
esía	QM
esía 	TJ
esía,	DZ
esía.	WG
esías	HV
esíc	^A
esíco	[C
esícu	VH
esíd	EY
esíde	EY
esíg	RL
esígo	TJ
esíni	KS
esío 	MQ
esío,	VH
esít	HV
esíta	IU
esíti	HV
esña	TJ
esña 	TJ
esña,	SK
esñan	VH
esñe	MQ
esñen	GW
esñez	MQ
esñi	LR
esño 	MQ
esño,	RL
esñor	FX
esó e	KS
esó l	LR
esó m	XF
esó:	FX
esó: 	FX
esód	MQ
esómo	HV
esón	GW
esón 	IU
esón.	JT
esónd	DZ
esóv	HV
esóve	MQ
esóvi	IU
esóx	KS
esóxi	KS
esúl	KS
esúlt	KS
esúm	IU
esúme	IU
esún	QM
esún 	GW
esús	JT
esúsi	JT
esüe	SK
es€ 	WG
es€ a	VH
es€ i	SK
es€ l	XF
es€ m	TJ
es€ p	TJ
es€,	SK
es€, 	SK
es€.	d<
es€. 	d<
es€/	YE
es€/k	RL
es€;	TJ
es€; 	TJ
fr !	A^
fr ! 	C[
fr "	FX
fr "l	MQ
fr $	UI
fr $ 	UI
fr % 	JT
fr &	VH
fr & 	VH
fr (	KS
fr (0	JT
fr (a	LR
fr (d	TJ
fr (e	KS
fr (j	RL
fr (m	LR
fr (o	MQ
fr (p	MQ
fr (q	WG
fr (s	IU
fr (t	GW
fr (v	SK
fr -	RL
fr -0	TJ
fr /	WG
fr / 	RL
fr 0	_@
fr 0,	SK
fr 00	]B
fr 0e	WG
fr 0h	VH
fr 0x	HV
fr 0z	WG
fr :	HV
fr : 	HV
fr ;	QM
fr ; 	QM
fr ?	?a
fr ? 	?a
fr a	MQ
fr ab	GW
fr ac	JT
fr ad	RL
fr af	WG
fr ag	QM
fr ai	IU
fr al	MQ
fr am	LR
fr an	SK
fr ao	[C
fr ap	LR
fr ar	GW
fr as	VH
fr at	SK
fr au	VH
fr av	IU
fr b	FX
fr bc	TJ
fr bi	DZ
fr bl	DZ
fr br	JT
fr bu	GW
fr c	SK
fr ca	RL
fr ce	IU
fr ch	SK
fr ci	LR
fr cl	QM
fr co	VH
fr cu	JT
fr cô	VH
fr d	VH
fr d'	QM
fr da	UI
fr de	UI
fr di	IU
fr dr	SK
fr du	QM
fr d’	QM
fr e	QM
fr ea	SK
fr el	IU
fr en	JT
fr es	RL
fr et	[C
fr eu	RL
fr ex	FX
fr f	RL
fr fa	QM
fr fl	JT
fr fo	TJ
fr fé	VH
fr fê	MQ
fr g	GW
fr g0	WG
fr ga	DZ
fr ge	GW
fr gr	RL
fr gs	JT
fr gu	MQ
fr gé	YE
fr h 	^A
fr h,	RL
fr h.	TJ
fr ha	JT
fr he	RL
fr hi	HV
fr ho	LR
fr hu	_@
fr i	MQ
fr il	KS
fr im	RL
fr j'	HV
fr ja	TJ
fr jo	UI
fr ju	SK
fr j’	KS
fr k	[C
fr ke	^A
fr ki	SK
fr km	TJ
fr kr	SK
fr l	LR
fr l'	MQ
fr le	KS
fr li	QM
fr lu	QM
fr là	;e
fr lé	MQ
fr l’	SK
fr m	KS
fr m 	_@
fr m'	KS
fr m.	HV
fr ma	GW
fr me	SK
fr mi	VH
fr mm	LR
fr mu	HV
fr mè	UI
fr mé	SK
fr na	LR
fr ne	LR
fr ni	C[
fr no	QM
fr nu	MQ
fr n°	LR
fr n’	SK
fr o	UI
fr ob	SK
fr oc	IU
fr od	XF
fr ok	SK
fr on	XF
fr op	GW
fr ou	JT
fr où	JT
fr p	LR
fr pa	IU
fr pe	LR
fr ph	B]
fr pi	VH
fr pl	IU
fr po	UI
fr pr	FX
fr pu	DZ
fr pâ	LR
fr pè	WG
fr pé	MQ
fr q	JT
fr qu	JT
fr r	RL
fr ra	QM
fr rd	TJ
fr ri	VH
fr ro	LR
fr ré	LR
fr s	QM
fr s'	KS
fr sa	KS
fr si	MQ
fr sl	C[
fr so	UI
fr sé	ZD
fr sœ	QM
fr s’	YE
fr t	QM
fr ta	YE
fr te	JT
fr th	C[
fr ti	]B
fr to	TJ
fr tr	SK
fr té	HV
fr u	JT
fr un	JT
fr ur	WG
fr v	JT
fr va	QM
fr ve	C[
fr vi	UI
fr vo	IU
fr vé	IU
fr w	YE
fr y	YE
fr y 	WG
fr z	RL
fr za	RL
fr «	EY
fr « 	EY
fr »	DZ
fr » 	GW
fr »,	GW
fr ».	GW
fr â	UI
fr ç	FX
fr ça	FX
fr é	MQ
fr éc	FX
fr él	SK
fr év	QM
fr ê	HV
fr êt	HV
fr –	IU
fr – 	IU
fr —	KS
fr — 	KS
fr €	UI
fr € 	QM
fr €,	_@
fr €.	^A
fr €/	UI
fr! 	A^
fr!)	LR
fr!),	LR
fr" 	FX
fr"l	MQ
fr$ 	UI
fr% 	JT
fr& 	VH
fr& c	VH
fr'ab	WG
fr'ac	LR
fr'ai	LR
fr'an	JT
fr'ap	MQ
fr'ar	JT
fr'as	KS
fr'at	WG
fr'av	HV
fr'e	JT
fr'ea	KS
fr'en	B]
fr'he	MQ
fr'hi	QM
fr'i	JT
fr'im	MQ
fr'in	C[
fr'o	MQ
fr'ou	KS
fr'u	RL
fr'un	LR
fr'é	RL
fr'éc	LR
fr'ég	QM
fr'éq	VH
fr(0	JT
fr(a	LR
fr(c'	KS
fr(co	RL
fr(d	TJ
fr(da	TJ
fr(e	KS
fr(el	JT
fr(j	RL
fr(lo	LR
fr(m	LR
fr(me	WG
fr(o	MQ
fr(on	MQ
fr(p	MQ
fr(pr	LR
fr(q	WG
fr(qu	WG
fr(s	IU
fr(t	GW
fr(tr	IU
fr(v	SK
fr) 	KS
fr) :	TJ
fr) g	WG
fr).	MQ
fr). 	MQ
fr, 	LR
fr, 0	VH
fr, a	VH
fr, b	RL
fr, d	RL
fr, e	YE
fr, f	LR
fr, g	VH
fr, h	SK
fr, i	SK
fr, j	KS
fr, l	SK
fr, m	IU
fr, n	MQ
fr, o	WG
fr, p	MQ
fr, q	XF
fr, s	MQ
fr, t	^A
fr, u	JT
fr, v	JT
fr, ç	SK
fr, é	LR
fr- l	LR
fr-0	ZD
fr-00	ZD
fr-a	YE
fr-au	VH
fr-bo	RL
fr-cl	MQ
fr-co	UI
fr-d	TJ
fr-du	YE
fr-e	^A
fr-fr	FX
fr-h	KS
fr-j	VH
fr-le	A^
fr-mi	UI
fr-mo	GW
fr-mè	MQ
fr-mê	JT
fr-n	XF
fr-o	SK
fr-on	RL
fr-or	YE
fr-p	SK
fr-pa	GW
fr-s	VH
fr-sa	RL
fr-v	^A
fr-ve	XF
fr-vi	XF
fr-vo	UI
fr-ê	KS
fr-êt	KS
fr. 	IU
fr. 0	LR
fr. d	EY
fr. m	WG
fr. v	QM
fr. »	IU
fr.0	TJ
fr.00	TJ
fr.e	UI
fr.ex	UI
fr/ 	RL
fr/ 0	ZD
fr/0	JT
fr/00	HV
fr0 	YE
fr0 $	UI
fr0 (	KS
fr0 /	WG
fr0 0	RL
fr0 :	JT
fr0 ;	WG
fr0 a	SK
fr0 b	a?
fr0 c	^A
fr0 d	UI
fr0 e	MQ
fr0 h	]B
fr0 i	C[
fr0 j	h8
fr0 k	WG
fr0 l	]B
fr0 m	LR
fr0 o	HV
fr0 p	RL
fr0 r	YE
fr0 s	WG
fr0 t	VH
fr0 v	WG
fr0 |	IU
fr0 à	MQ
fr0 €	UI
fr0)	QM
fr0,	TJ
fr0, 	UI
fr0-	TJ
fr0-0	TJ
fr0.	b>
fr0. 	a?
fr0.0	TJ
fr0/	HV
fr0/0	HV
fr00	^A
fr00 	YE
fr00)	QM
fr00,	RL
fr00-	TJ
fr00.	a?
fr00/	HV
fr000	^A
fr00h	VH
fr0e	WG
fr0er	WG
fr0h	VH
fr0h 	[C
fr0h,	VH
fr0h-	ZD
fr0h.	UI
fr0x	LR
fr0x 	LR
fr0z	WG
fr0z0	WG
fr: 	IU
fr: 0	KS
fr: b	TJ
fr: c	SK
fr: l	KS
fr: n	HV
fr: «	DZ
fr; 	SK
fr; a	a?
fr; c	TJ
fr? 	7i
fr@b	VH
fr@bo	TJ
fr@c	MQ
fr@g	_@
fr@gr	^A
fr@v	IU
fra 	IU
fra (	QM
fra 0	MQ
fra a	KS
fra c	IU
fra d	FX
fra e	FX
fra f	LR
fra h	UI
fra l	MQ
fra p	QM
fra r	LR
fra s	KS
fra t	MQ
fra v	UI
fra à	GW
fra é	GW
fra)	RL
fra) 	RL
fra,	LR
fra, 	LR
fra-	MQ
fraba	ZD
frabl	KS
frabo	QM
frabr	a?
frabs	GW
frac 	UI
fracc	RL
frace	QM
frach	DZ
fracl	MQ
fraco	?a
fract	HV
fracé	UI
frad	JT
fradh	VH
fradr	IU
fradu	YE
fraf	SK
fraff	WG
fraga	VH
frage	LR
fragn	[C
frai	MQ
frai 	TJ
fraie	VH
fraig	^A
frail	UI
fraim	DZ
frain	VH
frair	MQ
frais	KS
fral	IU
fral.	LR
frala	YE
frale	JT
fralo	TJ
fralt	TJ
fralu	MQ
fram	VH
frama	MQ
frame	TJ
frami	KS
framo	YE
framp	WG
fran	TJ
fran 	JT
fran,	UI
fran-	KS
fran.	^A
frana	LR
franc	KS
frand	RL
frane	SK
frang	FX
frani	GW
frann	XF
frano	XF
franq	GW
frans	XF
frant	VH
franv	XF
franç	WG
frao	[C
fraoû	VH
frape	YE
frapi	LR
frapo	LR
frapp	LR
fraq	^A
fraqu	^A
frar 	IU
frar.	XF
frara	LR
frarc	MQ
frare	YE
frarg	QM
frark	IU
frarl	C[
fraro	[C
frarr	RL
frars	KS
frart	SK
fras 	JT
fras.	C[
frasi	VH
frass	QM
frast	UI
frat	b>
frat.	QM
frate	ZD
frath	UI
frato	]B
fratr	YE
fratt	QM
fratu	YE
frau	RL
frau,	KS
frau-	SK
frau.	RL
frau@	]B
fraub	ZD
frauc	MQ
fraud	HV
frauf	VH
fraug	RL
fraul	HV
fraur	TJ
fraus	SK
frav	QM
frava	IU
frave	SK
fravo	WG
fravr	VH
frax	KS
fraxe	]B
fraxi	HV
fray	SK
fraye	RL
frayo	TJ
fraz	GW
fraî	A^
fraîn	LR
fraît	B]
frb 	^A
frba	TJ
frbai	TJ
frbas	LR
frbat	_@
frbc	TJ
frbce	TJ
frbe	WG
frbea	A^
frbec	WG
frbel	SK
frber	UI
frbi	FX
frbie	KS
frbis	MQ
frbj	QM
frbje	QM
frbl	FX
frbla	HV
frble	EY
frbli	MQ
frblo	KS
frboi	RL
frbon	C[
frbor	UI
frbot	QM
frbou	VH
frboî	TJ
frbr	SK
frbra	XF
frbre	JT
frbri	UI
frbs	GW
frbt	SK
frbte	SK
frbu	HV
frbur	MQ
frc d	XF
frc j	SK
frc l	FX
frc o	C[
frc p	FX
frc t	WG
frc'e	MQ
frc'é	QM
frc)	JT
frc) 	JT
frc,	LR
frc, 	LR
frc.	[C
frc. 	XF
frca	RL
frcai	QM
frcal	GW
frcam	JT
frcan	WG
frcar	JT
frcas	XF
frcat	KS
frcau	ZD
frcce	VH
frce 	TJ
frcel	GW
frcen	MQ
frcep	YE
frcer	UI
frces	TJ
frcet	LR
frceu	LR
frcev	RL
frch	VH
frcha	TJ
frche	QM
frchi	WG
frcho	DZ
frchê	TJ
frci	JT
frci 	EY
frci-	GW
frcia	VH
frcid	GW
frcie	GW
frcin	YE
frcit	FX
frck	VH
frck 	VH
frcl	TJ
frcla	SK
frcle	TJ
frcli	GW
frclo	UI
frclu	ZD
frcol	WG
frcon	IU
frcop	C[
frcoû	IU
frcr	GW
frcre	QM
frcri	C[
frcro	MQ
frcrè	FX
frcré	SK
frcs	a?
frcs 	a?
frct	IU
frct 	RL
frcte	KS
frctu	DZ
frcu	IU
frcui	B]
frcul	IU
frcun	JT
frcup	IU
frcus	EY
frcut	QM
frcè	HV
frcès	HV
frcé	SK
frcée	ZD
frcô	VH
frcôt	VH
frd 	LR
frd a	@_
frd e	JT
frd j	YE
frd l	SK
frd p	EY
frd s	GW
frd à	JT
frd'	QM
frd'a	UI
frd'e	KS
frd'h	DZ
frd'o	KS
frd'u	LR
frd.	SK
frd. 	SK
frda	YE
frda 	UI
frdai	QM
frdan	YE
frdas	EY
frde	SK
frde 	ZD
frdel	SK
frdem	FX
frden	VH
frdep	RL
frder	QM
frdes	HV
frdev	B]
frdez	RL
frdh	VH
frdhé	VH
frdi	SK
frdi 	YE
frdi,	SK
frdia	XF
frdic	QM
frdie	^A
frdif	FX
frdil	XF
frdim	TJ
frdin	SK
frdir	IU
frdis	TJ
frdit	IU
frdiv	WG
frdix	LR
frdiz	IU
frdiè	GW
frdoi	FX
frdon	LR
frdor	UI
frdos	FX
frdou	YE
frdr	IU
frdra	JT
frdri	DZ
frds	IU
frds 	IU
frdu	RL
frdu 	RL
frdu-	SK
frdue	XF
frdul	YE
frdur	EY
frdus	KS
frdv	TJ
frdè	UI
frdèl	UI
frdé 	FX
frdé,	HV
frdéb	SK
frdéc	UI
frdée	]B
frdéj	HV
frdém	QM
frdén	MQ
frdép	LR
frdér	WG
frd’	QM
frd’a	RL
frd’e	HV
frd’o	QM
fre 	JT
fre "	KS
fre (	JT
fre 0	a?
fre :	MQ
fre ;	KS
fre a	VH
fre b	DZ
fre c	XF
fre d	RL
fre e	VH
fre f	XF
fre g	HV
fre i	ZD
fre j	HV
fre k	]B
fre l	XF
fre m	JT
fre n	IU
fre o	YE
fre p	LR
fre q	RL
fre r	RL
fre s	MQ
fre u	MQ
fre v	MQ
fre |	c=
fre »	LR
fre à	XF
fre ç	B]
fre é	LR
fre –	IU
fre)	LR
fre),	MQ
fre-c	UI
fre-d	RL
fre-m	HV
fre-v	[C
fre.	FX
fre. 	FX
fre.e	XF
fre?	DZ
fre? 	DZ
freb	SK
frec	QM
frec)	WG
frec.	VH
freco	C[
fred	XF
freda	RL
fredi	YE
fref	VH
fref 	WG
freg	WG
frega	TJ
frei	QM
freil	VH
frel	KS
frel,	DZ
frel.	LR
frela	RL
frele	EY
freli	XF
frels	QM
frelu	C[
frema	QM
freme	MQ
fremi	JT
fremm	FX
fremp	SK
fren	KS
fren 	FX
fren,	IU
frena	UI
frend	TJ
frene	QM
frenf	MQ
freni	RL
frenl	FX
frenn	UI
freno	RL
frens	RL
frenu	TJ
frenv	WG
freo	VH
frep	VH
frepr	GW
frept	[C
frepu	RL
frer)	KS
frer,	TJ
frer.	JT
frera	C[
frerc	RL
frerd	SK
frere	LR
frerf	TJ
freri	XF
frerl	SK
frerm	]B
frern	KS
frerr	LR
frers	UI
frerv	QM
fres	MQ
fres)	EY
fres,	VH
fres-	EY
fres.	GW
fresc	LR
fresp	UI
fress	IU
frest	MQ
fresu	WG
fret	QM
fret 	ZD
fret)	RL
fret,	HV
fret.	MQ
frete	B]
frets	XF
frett	QM
fretu	UI
freté	KS
freu	JT
freu 	EY
freub	RL
freud	ZD
freui	IU
freur	JT
freus	XF
freut	IU
freuv	SK
frev	JT
freve	RL
frevi	GW
frevo	KS
frexa	UI
frexc	IU
frexp	FX
frext	FX
frez	RL
frez 	MQ
frez-	ZD
frf 	UI
frf d	WG
frf s	]B
frf,	QM
frf, 	QM
frfa	RL
frfab	UI
frfac	EY
frfai	UI
frfam	SK
frfar	XF
frfau	JT
frfe	SK
frfem	FX
frfer	RL
frffe	SK
frffi	JT
frffé	IU
frfi	IU
frfic	KS
frfie	IU
frfil	TJ
frfin	JT
frfir	GW
frfle	^A
frfo	QM
frfon	MQ
frfor	LR
frfou	YE
frfr	IU
frfra	TJ
frfri	RL
frfrè	C[
frfs	HV
frfs 	GW
frfu	RL
frfé	MQ
frfér	IU
frfê	MQ
frfêt	MQ
frg d	WG
frg.	RL
frg0	WG
frg0x	WG
frgag	MQ
frgal	FX
frgar	QM
frgas	UI
frgat	ZD
frgau	LR
frgaz	GW
frge	JT
frge 	MQ
frge,	XF
frge.	LR
frgen	SK
frger	IU
frges	KS
frgi	ZD
frgis	XF
frgla	GW
frgli	SK
frgna	RL
frgno	LR
frgo	MQ
frgo 	SK
frgr	UI
frgra	WG
frgre	YE
frgro	EY
frgsm	JT
frgt	TJ
frgts	XF
frgu	[C
frgue	XF
frgui	RL
frguy	UI
frgé	VH
frgén	TJ
frh 	_@
frh (	YE
frh /	TJ
frh 0	SK
frh e	TJ
frh p	YE
frh |	YE
frh à	XF
frh,	XF
frh, 	XF
frh-	[C
frh-0	ZD
frh.	WG
frh. 	WG
frha	TJ
frhal	JT
frham	LR
frhan	WG
frhaq	^A
frhar	GW
frhat	TJ
frhau	GW
frhe	QM
frhe 	LR
frhe,	JT
frhe.	XF
frhef	WG
frhel	DZ
frhem	KS
frher	EY
frhes	TJ
frhet	KS
frhez	WG
frhi	TJ
frhie	XF
frhiv	XF
frho	GW
frhom	FX
frhor	MQ
frhos	FX
frhot	C[
frhu	a?
frhui	YE
frhè	MQ
frhèq	SK
frhèr	GW
frhé,	IU
frhér	LR
frhés	LR
frhê	TJ
frhên	TJ
fri 	TJ
fri b	GW
fri d	UI
fri e	UI
fri j	DZ
fri l	]B
fri n	SK
fri o	DZ
fri p	FX
fri q	VH
fri r	ZD
fri s	C[
fri t	KS
fri v	RL
fri à	XF
fri,	MQ
fri, 	MQ
fri-	LR
fri-d	GW
fri.	QM
fri. 	QM
fria	]B
friag	XF
frial	WG
frian	XF
friat	QM
friba	UI
fribl	HV
fric	MQ
fric 	^A
frica	QM
frich	MQ
frici	C[
frick	VH
frict	JT
fride	MQ
fridi	UI
fridu	XF
fridé	DZ
frie 	KS
frie,	TJ
frie-	LR
frie.	MQ
friei	SK
friel	SK
frier	UI
fries	SK
frieu	MQ
friez	JT
frif	B]
friff	DZ
frifi	JT
frifs	GW
frig	IU
friga	MQ
frign	MQ
frigo	GW
frigu	MQ
fril	ZD
fril 	IU
fril,	TJ
fril.	UI
frile	XF
frill	TJ
frilo	SK
frils	B]
frilà	IU
frim	JT
frime	IU
frimo	UI
frimu	IU
frin	TJ
frin 	VH
frin.	SK
frina	YE
frinc	FX
frind	LR
frine	UI
frinf	MQ
fring	VH
frini	XF
frint	LR
frinu	GW
frinz	SK
frio	MQ
friol	LR
fripe	QM
fript	EY
frir	JT
frir 	KS
frir,	KS
frir-	XF
frir.	RL
frira	HV
friri	KS
friré	ZD
fris,	QM
frisa	JT
frise	SK
frisi	FX
frisp	LR
frit	IU
frit,	SK
frit-	SK
frit.	>b
frite	C[
friti	EY
fritr	WG
fritu	JT
frité	]B
friv	VH
frive	SK
frivi	QM
frivr	SK
frix	QM
frix,	MQ
friz	IU
friza	IU
friè	WG
frièc	SK
frièm	MQ
frièr	SK
frié	GW
frié 	DZ
frié.	=c
friée	UI
friés	JT
frj'	JT
frj'a	HV
frj'e	TJ
frj'é	LR
frja	UI
frjan	XF
frjar	SK
frje	MQ
frjet	C[
frjeu	UI
frjo	QM
frjou	KS
frju	UI
frjui	MQ
frjus	FX
frj’	KS
frk 	XF
frke	^A
frker	[C
frki	MQ
frkil	SK
frkin	IU
frkm	UI
frkm 	TJ
frkm.	RL
frkr	SK
frl (	RL
frl 0	TJ
frl a	KS
frl c	TJ
frl d	RL
frl e	HV
frl l	LR
frl m	RL
frl n	DZ
frl p	IU
frl t	A^
frl v	QM
frl y	RL
frl'a	QM
frl'e	=c
frl'h	QM
frl'i	IU
frl,	JT
frl, 	JT
frl.	KS
frl. 	KS
frl.e	SK
frla 	LR
frla-	MQ
frlac	SK
frlag	YE
frlam	RL
frlan	LR
frlas	VH
frlat	GW
frlav	XF
frlaî	C[
frle@	LR
frled	_@
frlem	RL
frlen	GW
frler	DZ
frlet	h8
frleu	FX
frlev	FX
frlez	EY
frli	QM
frlic	TJ
frlid	JT
frlie	KS
frlig	GW
frlio	MQ
frliq	HV
frlir	B]
frlit	RL
frliv	XF
frlié	JT
frll	RL
frlle	SK
frlli	FX
frllé	RL
frllô	IU
frlm	FX
frlmo	JT
frlo.	ZD
frlog	EY
frloi	TJ
frlom	SK
frlon	HV
frlos	MQ
frlou	YE
frloy	VH
frloï	FX
frls	KS
frls 	IU
frlt	IU
frlt 	C[
frlta	KS
frlu	KS
frluc	JT
frlue	UI
frlum	VH
frlun	QM
frlus	GW
frlut	LR
frlv	VH
frlà	FX
frlà 	HV
frlà-	DZ
frlè	QM
frlèn	QM
frlèv	KS
frlé.	QM
frlée	VH
frlég	a?
frlés	JT
frlô	IU
frlô 	IU
frl’	SK
frl’e	WG
frm 	JT
frm 0	FX
frm a	KS
frm d	JT
frm'	KS
frm'a	LR
frm.	DZ
frm. 	DZ
frma	GW
frma 	KS
frmai	GW
frmal	JT
frman	LR
frmat	ZD
frmb	LR
frmbe	SK
frmbl	HV
frmbé	IU
frme	QM
frme 	C[
frme,	SK
frme.	FX
frmea	_@
frmed	XF
frmei	LR
frmem	RL
frmen	LR
frmer	LR
frmes	SK
frmeu	ZD
frmi	TJ
frmi 	GW
frmi-	UI
frmid	UI
frmil	UI
frmio	JT
frmir	UI
frmiè	RL
frmme	KS
frmmu	a?
frmo	QM
frmod	RL
frmoi	QM
frmon	SK
frmor	SK
frmos	KS
frmot	HV
frmou	UI
frmp	VH
frmpa	QM
frmpe	VH
frmpl	XF
frmpo	UI
frmpt	LR
frms	EY
frms,	IU
frmu	KS
frmul	HV
frmum	IU
frmun	a?
frmus	GW
frmè	RL
frmèr	MQ
frmèt	VH
frmé	MQ
frmé 	[C
frmée	SK
frmén	HV
frmér	FX
frmét	SK
frn 0	ZD
frn a	IU
frn b	FX
frn c	QM
frn d	KS
frn e	VH
frn f	MQ
frn g	QM
frn h	MQ
frn l	JT
frn n	LR
frn o	FX
frn p	KS
frn q	@_
frn r	EY
frn s	YE
frn t	TJ
frn v	EY
frn y	VH
frn »	GW
frn à	SK
frn é	RL
frn'a	LR
frn)	RL
frn-	QM
frn-v	VH
frn.	SK
frn. 	SK
frn.e	TJ
frna	RL
frna 	XF
frnag	HV
frnc	QM
frnc 	QM
frnc,	HV
frnce	WG
frnch	TJ
frnci	HV
frnco	HV
frnd 	LR
frnd.	UI
frnda	RL
frnde	KS
frndi	RL
frndo	YE
frnds	JT
frndu	MQ
frne	]B
frne 	XF
frne,	KS
frne-	SK
frne.	FX
frnea	UI
frnec	[C
frnel	QM
frnem	QM
frnen	TJ
frner	IU
frnes	ZD
frnet	VH
frneu	MQ
frnev	IU
frnez	JT
frnf	KS
frnfi	GW
frnfo	MQ
frnge	FX
frngl	IU
frngs	UI
frngt	TJ
frngu	WG
frni 	HV
frnic	VH
frnie	UI
frnim	ZD
frnin	KS
frnio	IU
frniq	QM
frnir	IU
frnj	KS
frnjo	KS
frnl	FX
frnle	FX
frnn	TJ
frnne	SK
frnni	QM
frnné	EY
frnoi	LR
frnom	EY
frnon	TJ
frnos	MQ
frnot	WG
frnou	XF
frnov	RL
frnoë	TJ
frnq	IU
frnqu	IU
frns	[C
frns 	YE
frns,	RL
frns.	]B
frnsa	TJ
frnsc	EY
frnsi	JT
frnst	UI
frnt	MQ
frnt 	RL
frnt,	RL
frnt-	UI
frnt.	GW
frnte	RL
frntf	_@
frntg	WG
frnto	SK
frntr	LR
frnts	IU
frnu	MQ
frnu 	KS
frnui	YE
frnum	DZ
frnus	VH
frnv	VH
frnve	QM
frnvi	XF
frnvo	QM
frnz	UI
frnze	UI
frn°	LR
frn° 	LR
frnç	TJ
frnça	WG
frné 	LR
frné.	EY
frnée	LR
frnér	TJ
frn’	SK
frn’a	WG
frn’e	>b
fro 	B]
fro 0	GW
fro d	IU
fro e	MQ
fro s	QM
fro,	KS
fro, 	KS
fro.	VH
fro. 	VH
frob	LR
frobj	QM
frobr	JT
froc	KS
froca	MQ
froch	WG
frocu	MQ
frod	XF
frode	IU
frodi	XF
frodè	UI
frof	MQ
frog	LR
frogn	MQ
froh	ZD
froha	ZD
froi	JT
froi 	SK
froi,	FX
froic	HV
froie	TJ
froig	LR
froil	LR
froin	YE
froir	HV
frois	IU
froit	IU
froix	ZD
frok	SK
frok 	SK
frol	LR
frol.	LR
frola	TJ
frole	TJ
frolo	KS
frolé	JT
from 	HV
fromb	GW
fromi	VH
fromm	RL
froms	EY
fron 	UI
fron,	KS
fron.	C[
fronc	ZD
frond	GW
fronf	B]
fronj	KS
fronn	GW
frons	ZD
front	VH
fronv	KS
fronz	RL
froo	FX
froor	FX
frop	HV
frop 	VH
frop.	HV
fropi	C[
fropo	EY
fropr	QM
fropt	EY
fror 	GW
fror,	LR
frorc	YE
frore	B]
frori	IU
frorm	FX
frorn	WG
frorr	UI
frors	UI
frort	[C
frorv	ZD
fros	EY
fros 	HV
fros,	UI
fros.	C[
frosa	YE
frose	MQ
fross	HV
frost	RL
frosé	IU
frot	IU
frot 	JT
frote	EY
froto	C[
frotr	SK
frott	QM
frou	SK
frou 	C[
froub	SK
frouc	UI
froud	KS
froue	QM
frouh	KS
froui	=c
froul	UI
froum	XF
froup	SK
frour	LR
frous	XF
frout	QM
frouv	SK
froué	]B
frov	]B
frove	RL
froy	WG
froye	TJ
froë	TJ
froël	TJ
froî	TJ
froît	TJ
froï	FX
froïc	FX
froù	MQ
froù 	MQ
frp 	SK
frp d	HV
frp.	LR
frp. 	FX
frpa	MQ
frpag	IU
frpai	ZD
frpan	IU
frpap	LR
frpar	SK
frpas	IU
frpay	SK
frpe	MQ
frpe 	]B
frpe,	EY
frpel	MQ
frper	MQ
frpes	SK
frpet	RL
frpeu	LR
frph	JT
frpho	JT
frpi	SK
frpie	JT
frpir	FX
frpiè	VH
frpl	MQ
frple	UI
frpli	DZ
frplo	YE
frplu	FX
frpo	QM
frpoi	LR
frpol	HV
frpom	TJ
frpon	LR
frpor	YE
frpos	RL
frpot	YE
frpou	KS
frpp	LR
frppe	MQ
frppl	QM
frppo	MQ
frppr	RL
frpr	LR
frpri	HV
frpro	IU
frpré	SK
frprê	XF
frps	QM
frps 	TJ
frps.	HV
frpt.	XF
frpte	IU
frpti	HV
frpu	FX
frpu 	KS
frpub	JT
frpui	JT
frpâ	LR
frpâl	LR
frpè	_@
frpèr	[C
frpé	LR
frpér	IU
frpê	RL
frpô	SK
frpôt	SK
frqu	MQ
frqua	VH
frque	IU
frqui	TJ
frquo	UI
frqué	HV
frqu’	JT
frr 	A^
frr 0	MQ
frr :	KS
frr a	RL
frr b	KS
frr c	IU
frr d	SK
frr f	VH
frr i	GW
frr k	UI
frr l	FX
frr n	LR
frr o	UI
frr q	LR
frr r	QM
frr s	KS
frr t	C[
frr v	B]
frr »	JT
frr é	QM
frr)	JT
frr) 	IU
frr),	MQ
frr,	IU
frr, 	IU
frr-	a?
frr.	LR
frr. 	LR
frr.e	WG
frr@	WG
frra 	C[
frra.	RL
frrac	LR
frrag	QM
frrai	KS
frram	]B
frran	VH
frras	KS
frrat	QM
frrav	SK
frraî	HV
frrce	LR
frrci	JT
frrcr	[C
frrd	SK
frrd 	KS
frrda	TJ
frrde	TJ
frrdo	GW
frrdv	TJ
frre 	JT
frre)	QM
frre,	SK
frre-	XF
frre.	GW
frrea	MQ
frred	XF
frreg	TJ
frrei	VH
frrel	GW
frrem	QM
frren	JT
frrep	KS
frrer	RL
frret	JT
frreu	HV
frrev	WG
frrf	TJ
frrg	ZD
frrge	ZD
frri	KS
frria	RL
frric	IU
frrie	RL
frrif	EY
frrig	HV
frril	QM
frrin	UI
frrio	MQ
frrip	FX
frriq	SK
frrir	QM
frris	UI
frrit	DZ
frriv	MQ
frrix	?a
frriè	TJ
frrié	LR
frrk	IU
frrki	IU
frrl	C[
frrla	RL
frrle	JT
frrlo	EY
frrm	UI
frrma	RL
frrme	VH
frrmu	HV
frrmé	YE
frrn	LR
frrna	SK
frrne	WG
frrni	MQ
frrné	HV
frro	IU
frro 	FX
frroi	SK
frron	LR
frrop	JT
frros	FX
frrou	JT
frrr	XF
frrra	YE
frrri	ZD
frrrê	HV
frrs	VH
frrs 	XF
frrs,	]B
frrs.	IU
frrsi	JT
frrso	KS
frrt	XF
frrt 	QM
frrt-	UI
frrt.	XF
frrta	KS
frrte	WG
frrto	EY
frru	RL
frrub	LR
frruc	QM
frrue	WG
frrun	KS
frrv	WG
frrva	ZD
frrve	SK
frry	HV
frry,	HV
frrè	KS
frrèm	FX
frrèr	C[
frré	QM
frré 	RL
frréa	HV
frréc	JT
frréd	UI
frrég	XF
frrém	GW
frrép	YE
frrés	KS
frrét	IU
frréu	IU
frrév	RL
frrê	XF
frrêt	XF
frs !	FX
frs (	TJ
frs 0	ZD
frs :	IU
frs ;	YE
frs ?	C[
frs a	LR
frs b	YE
frs c	MQ
frs e	WG
frs g	LR
frs h	GW
frs j	MQ
frs l	HV
frs m	RL
frs n	TJ
frs p	GW
frs s	WG
frs u	TJ
frs v	YE
frs |	KS
frs à	QM
frs é	IU
frs ê	HV
frs'	KS
frs'a	QM
frs)	DZ
frs) 	C[
frs),	MQ
frs).	LR
frs,	TJ
frs, 	TJ
frs-v	IU
frs.	JT
frs. 	JT
frsa	MQ
frsa 	QM
frsab	GW
frsac	RL
frsai	KS
frsal	KS
frsam	SK
frsan	MQ
frsar	QM
frsau	TJ
frsca	RL
frscr	?a
frse	RL
frse 	SK
frse,	IU
frse.	TJ
frsec	HV
frsem	QM
frsen	>b
frsep	WG
frser	XF
frses	A^
frset	GW
frseu	FX
frsez	LR
frsi	MQ
frsi 	GW
frsib	HV
frsic	LR
frsig	TJ
frsin	KS
frsio	SK
frsiq	IU
frsir	^A
frsit	A^
frsix	UI
frsiè	HV
frsl	C[
frslt	C[
frsm 	JT
frsob	JT
frsoi	UI
frsom	VH
frson	RL
frsor	JT
frsou	MQ
frsp	TJ
frspi	FX
frspo	[C
frsq	JT
frsqu	JT
frsr	XF
frss	QM
frssa	UI
frssi	MQ
frsso	JT
frssé	VH
frst 	QM
frsta	YE
frste	KS
frsti	EY
frsto	DZ
frstr	RL
frsu	MQ
frsui	KS
frsuj	JT
frsul	KS
frsup	DZ
frsur	KS
frsus	YE
frsé	RL
frsé 	UI
frsé,	JT
frsée	DZ
frsés	UI
frsœ	QM
frsœu	QM
frs’	YE
frs’a	ZD
frs’e	MQ
frt (	TJ
frt :	KS
frt ;	JT
frt b	JT
frt c	MQ
frt d	UI
frt e	HV
frt g	UI
frt j	[C
frt l	QM
frt m	UI
frt n	[C
frt o	YE
frt p	DZ
frt q	HV
frt r	QM
frt t	SK
frt u	QM
frt v	FX
frt |	WG
frt «	FX
frt à	IU
frt ç	LR
frt é	DZ
frt"	JT
frt)	TJ
frt) 	RL
frt-	QM
frt-a	TJ
frt-o	SK
frt-v	]B
frt-ê	KS
frt.	FX
frt. 	KS
frta	XF
frtab	QM
frtac	WG
frtag	RL
frtai	RL
frtan	RL
frtar	KS
frtat	RL
frtau	_@
frtax	_@
frte	C[
frte 	QM
frte)	IU
frte,	TJ
frtel	YE
frtem	HV
frter	B]
frtes	B]
frtex	IU
frtf	_@
frtg	WG
frth	LR
frthe	MQ
frthi	TJ
frti	UI
frti 	VH
frtic	FX
frtie	XF
frtif	KS
frtig	GW
frtil	KS
frtim	JT
frtin	TJ
frtio	RL
frtiq	JT
frtir	TJ
frtis	[C
frtit	RL
frtiè	VH
frtié	C[
frto	SK
frto 	LR
frto,	HV
frto.	QM
frtoi	KS
frtom	C[
frton	_@
frtos	DZ
frtr	WG
frtra	UI
frtre	SK
frtru	UI
frts	KS
frts 	LR
frts,	^A
frtt	SK
frtte	MQ
frtu 	LR
frtud	VH
frtue	MQ
frtui	[C
frtur	MQ
frté	GW
frté,	UI
frtée	JT
frtél	HV
frtéo	IU
frtér	MQ
frtô	FX
frtôt	FX
fru 	IU
fru :	HV
fru a	HV
fru b	UI
fru d	KS
fru e	GW
fru g	JT
fru j	JT
fru m	UI
fru n	GW
fru p	RL
fru r	QM
fru s	RL
fru t	LR
fru v	IU
fru à	TJ
fru'e	IU
fru'i	QM
fru,	RL
fru, 	RL
fru-	UI
fru-d	TJ
fru.	RL
fru. 	RL
fru@	]B
frua	ZD
fruar	JT
fruat	YE
frub	^A
frube	SK
frubl	RL
frubr	TJ
fruc	RL
fruch	TJ
fruci	JT
fruco	HV
frucu	@_
frud	JT
frudi	ZD
frudr	GW
frue 	KS
frue,	LR
fruel	MQ
fruen	GW
fruet	[C
fruf	RL
fruff	QM
frug	WG
fruge	MQ
fruh	KS
fruha	KS
frui	KS
fruil	JT
fruip	QM
fruis	LR
fruit	SK
fruiv	HV
fruj	IU
fruje	JT
frul	KS
frul 	SK
frula	KS
frule	HV
fruli	QM
frum	KS
frum 	MQ
frum.	HV
frume	TJ
frumi	ZD
frumé	KS
frun	JT
frun 	LR
frun-	^A
frun.	TJ
frune	JT
fruni	QM
fruo	UI
fruon	WG
frup 	HV
frupe	VH
frur	LR
frur 	EY
frur,	B]
frur-	ZD
frur@	WG
frura	UI
frure	LR
frurg	[C
fruri	UI
frurn	QM
frurr	[C
frurt	B]
frus	SK
frus 	WG
frus.	MQ
fruse	VH
frusi	DZ
frusq	JT
fruss	ZD
frust	EY
frut	LR
frut 	KS
frut,	RL
frut-	IU
frut.	<d
fruta	TJ
frute	KS
fruth	MQ
frutr	JT
frutô	FX
fruve	LR
fruvo	QM
frux	QM
frux 	RL
frux)	UI
frux,	HV
frux.	IU
fruxi	RL
fruy	XF
fruz	XF
frué	YE
fruéb	WG
fru’	JT
fru’o	VH
fru’à	MQ
frva	SK
frva 	WG
frvas	GW
frvau	QM
frve	KS
frve 	KS
frvea	FX
frvei	UI
frvel	HV
frvem	SK
frven	XF
frver	GW
frves	SK
frveu	;e
frvez	WG
frvi	SK
frvid	YE
frvie	XF
frvig	VH
frvil	MQ
frvir	MQ
frvis	B]
frvit	UI
frviv	SK
frvoi	JT
frvol	WG
frvon	^A
frvot	A^
frvoy	XF
frvp 	DZ
frvr	SK
frvra	IU
frvre	RL
frvri	SK
frvé	MQ
frvé 	KS
frvée	UI
frvér	IU
frwe	LR
frx 0	KS
frx a	RL
frx c	RL
frx d	MQ
frx f	QM
frx à	QM
frx)	UI
frx,	KS
frx, 	KS
frx-	[C
frx.	IU
frx. 	IU
frxa	UI
frxam	UI
frxc	IU
frxcu	EY
frxe	]B
frxi	MQ
frxiè	RL
frxp	FX
frxpl	FX
frxt	FX
frxte	IU
frxtr	A^
fry 	[C
fry a	TJ
fry v	SK
fry,	LR
fry, 	LR
fry. 	EY
fry.e	RL
frya	UI
frye	XF
fryen	UI
fryer	MQ
fryo	XF
fryon	ZD
frys	LR
frz 	JT
frz c	DZ
frz d	MQ
frz l	LR
frz m	KS
frz p	GW
frz r	UI
frz v	WG
frz-	ZD
frz-v	WG
frz0	WG
frza	QM
frza 	RL
frze	UI
frze 	UI
frzo	ZD
fr| 0	QM
fr| e	FX
fr| l	[C
fr| m	XF
fr| v	d<
fr| |	KS
fr« 	EY
fr« c	QM
fr« d	KS
fr« l	C[
fr« p	LR
fr« s	FX
fr° 	LR
fr° 0	LR
fr» 	GW
fr»,	GW
fr», 	GW
fr».	GW
fr». 	GW
frà 0	WG
frà a	LR
frà b	LR
frà d	ZD
frà e	QM
frà f	GW
frà g	HV
frà j	JT
frà l	TJ
frà m	FX
frà n	MQ
frà p	ZD
frà q	IU
frà t	LR
frà u	KS
frà v	HV
frà-d	DZ
frâl	LR
frâle	LR
frça	LR
frça 	DZ
frçai	WG
frço	MQ
frçon	MQ
frèc	ZD
frèce	YE
frèg	HV
frèl	UI
frèle	UI
frèm	EY
frème	EY
frèq	SK
frèqu	SK
frès-	UI
frèt	XF
frètr	VH
frèv	KS
frève	KS
fré 	VH
fré 0	WG
fré a	UI
fré b	RL
fré c	MQ
fré d	KS
fré e	SK
fré l	VH
fré m	EY
fré n	RL
fré o	QM
fré p	LR
fré s	KS
fré v	B]
fré à	JT
fré,	MQ
fré, 	MQ
fré.	LR
fré. 	LR
fréa	B]
fréal	FX
fréb	XF
frébe	WG
fréch	KS
fréco	MQ
frécr	FX
fréd	WG
frée	KS
frée 	RL
frée,	@_
frées	GW
frég	_@
fréga	^A
frégi	XF
frégl	TJ
frél	HV
frél.	JT
frélé	MQ
frém	LR
fréma	JT
frémo	UI
frémé	HV
frén	MQ
fréna	HV
fréné	SK
fréo	FX
fréo 	IU
frép	UI
frépa	_@
frépl	IU
frépo	B]
frépô	SK
frér	IU
fréra	QM
frére	MQ
fréri	HV
fréro	FX
frés	KS
frés 	MQ
frés,	QM
frése	HV
fréso	HV
fréta	LR
fréti	UI
fréto	QM
frétu	TJ
frété	LR
fréu	IU
fréun	IU
fréve	WG
frévi	DZ
frêc	KS
frêch	KS
frên	TJ
frêne	TJ
frêt	LR
frêt 	UI
frête	KS
frêtr	KS
frël	TJ
frîn	MQ
frîne	VH
frît	LR
frît 	KS
frîte	UI
frîtr	MQ
frïc	HV
frô 	IU
frôt	MQ
frôt 	JT
frù 	MQ
frù i	TJ
frù l	KS
frût	RL
frût 	TJ
frût,	VH
frût.	TJ
frûte	RL
fr– 	IU
fr— 	KS
fr’a	UI
fr’a 	VH
fr’ac	QM
fr’ai	LR
fr’an	LR
fr’ap	QM
fr’as	HV
fr’at	TJ
fr’au	IU
fr’av	XF
fr’en	LR
fr’es	XF
fr’on	SK
fr’à	MQ
fr’à 	MQ
fr’é	LR
fr€ 	QM
fr€ l	c=
fr€ p	WG
fr€,	_@
fr€, 	_@
fr€.	^A
fr€. 	^A
fr€/	UI`,
};
