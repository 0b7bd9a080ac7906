import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const openModel: LinearModel = {
  classes: ["open","shut"],
  step: 0.02206,
  bias: [-0.5911,0.5911],
  weights: `de %	TJ
de % 	TJ
de &	SK
de & 	SK
de (	KS
de (a	JT
de (b	FX
de (f	UI
de (i	WG
de (j	HV
de (k	LR
de (l	IU
de (m	QM
de (n	VH
de (s	FX
de (v	TJ
de (z	QM
de +	GW
de + 	KS
de +0	IU
de -0	_@
de ->	LR
de /	FX
de / 	IU
de 0	WG
de 0 	SK
de 0,	XF
de 0-	QM
de 0.	B]
de 00	[C
de 0:	KS
de 0–	WG
de a 	SK
de a.	LR
de ac	[C
de ah	MQ
de ak	QM
de al	KS
de am	WG
de an	IU
de ap	XF
de ar	XF
de as	SK
de at	LR
de au	TJ
de ba	VH
de be	JT
de bi	KS
de bl	KS
de bo	ZD
de br	JT
de bu	IU
de bä	EY
de bö	VH
de bü	YE
de c	LR
de ca	QM
de ce	ZD
de ch	MQ
de cm	UI
de co	EY
de d	QM
de da	IU
de de	KS
de do	UI
de dr	XF
de du	EY
de dü	LR
de e.	QM
de ec	HV
de eh	UI
de ei	SK
de el	_@
de en	A^
de er	JT
de es	VH
de et	HV
de ex	TJ
de f	KS
de fe	VH
de fi	IU
de fl	UI
de fn	QM
de fr	FX
de fu	LR
de fö	B]
de fü	LR
de ga	LR
de ge	MQ
de gi	YE
de gl	UI
de go	YE
de gr	A^
de gu	A^
de gä	EY
de gü	TJ
de h	VH
de h.	B]
de he	KS
de hi	RL
de ho	WG
de hr	SK
de hu	YE
de hä	RL
de hü	DZ
de i	QM
de i.	JT
de id	FX
de if	SK
de ih	EY
de im	TJ
de in	SK
de it	C[
de j	SK
de ja	IU
de je	UI
de jö	TJ
de k	SK
de ke	B]
de kg	WG
de ki	WG
de kn	RL
de ko	VH
de kr	SK
de ku	EY
de kw	SK
de kä	MQ
de kö	FX
de kü	MQ
de la	ZD
de le	KS
de lg	KS
de li	@_
de lo	HV
de lu	WG
de lä	TJ
de m	MQ
de mb	KS
de mi	HV
de mm	SK
de mo	WG
de mu	JT
de mw	UI
de mä	RL
de mö	JT
de mü	RL
de n	KS
de na	MQ
de ne	GW
de ni	JT
de no	JT
de nr	[C
de nu	IU
de nä	QM
de nö	WG
de o	LR
de ob	EY
de oh	VH
de ok	LR
de ol	YE
de om	SK
de on	@_
de op	RL
de or	LR
de os	KS
de ot	MQ
de p	DZ
de pa	EY
de pd	HV
de pe	IU
de pf	YE
de pi	JT
de pl	XF
de po	WG
de pr	FX
de pu	TJ
de q	^A
de qu	^A
de ra	LR
de re	GW
de ri	[C
de ro	KS
de ru	SK
de rä	_@
de s	LR
de s'	KS
de sa	TJ
de se	LR
de sh	HV
de so	JT
de sp	XF
de st	JT
de su	>b
de ta	]B
de te	JT
de th	DZ
de to	LR
de tr	XF
de ts	KS
de tu	TJ
de tä	VH
de tü	QM
de u	UI
de u.	KS
de uh	XF
de ui	TJ
de ul	UI
de um	QM
de un	RL
de us	RL
de v	KS
de v.	SK
de va	UI
de ve	MQ
de vi	HV
de vo	KS
de w	LR
de wa	UI
de we	MQ
de wi	QM
de wo	QM
de wu	HV
de wü	B]
de x	FX
de xa	FX
de y	SK
de yo	RL
de yı	UI
de za	MQ
de ze	KS
de zi	QM
de zu	RL
de zw	WG
de |	RL
de | 	RL
de ·	EY
de · 	EY
de ä	UI
de äl	]B
de är	DZ
de ö	TJ
de öf	MQ
de öl	[C
de ü	LR
de üb	LR
de –	LR
de – 	LR
de „	FX
de „d	SK
de „e	JT
de „g	HV
de „h	HV
de „m	LR
de „n	QM
de „p	HV
de „s	LR
de „w	IU
de €	WG
de € 	VH
de €)	RL
de €,	SK
de €.	TJ
de! 	FX
de! |	SK
de!!	JT
de!! 	JT
de!)	QM
de% 	TJ
de% m	TJ
de% u	ZD
de& 	SK
de& c	MQ
de& s	UI
de'l	C[
de'll	C[
de's	YE
de's 	YE
de(0 	WG
de(0.	IU
de(00	TJ
de(a	JT
de(ab	RL
de(au	LR
de(b	FX
de(f	UI
de(fr	SK
de(i	WG
de(in	WG
de(j	HV
de(ju	KS
de(k	LR
de(ka	KS
de(l	IU
de(m	QM
de(n	VH
de(nu	VH
de(s	FX
de(v	TJ
de(vo	FX
de(z	QM
de) 	GW
de) u	RL
de) |	HV
de),	TJ
de), 	TJ
de).	MQ
de). 	MQ
de+ 	KS
de+0	IU
de+00	IU
de, 0	[C
de, a	MQ
de, b	TJ
de, c	HV
de, d	HV
de, e	HV
de, f	XF
de, g	MQ
de, j	TJ
de, k	QM
de, l	QM
de, m	QM
de, n	MQ
de, o	UI
de, p	FX
de, s	SK
de, t	JT
de, u	_@
de, v	GW
de, w	IU
de, x	IU
de, z	[C
de, ü	VH
de, „	LR
de,0	FX
de,0 	SK
de,00	EY
de- 	QM
de-,	TJ
de-, 	TJ
de-0	VH
de-00	TJ
de->	LR
de-> 	LR
de-a	VH
de-al	ZD
de-b	IU
de-br	GW
de-f	TJ
de-fe	]B
de-fr	SK
de-h	YE
de-hi	YE
de-i	VH
de-in	ZD
de-k	VH
de-l	]B
de-la	]B
de-m	VH
de-n	QM
de-o	VH
de-r	KS
de-s	DZ
de-se	GW
de-t	QM
de-u	VH
de-up	QM
de-w	B]
de-we	EY
de. 	UI
de. 0	a?
de. a	LR
de. b	IU
de. d	TJ
de. f	FX
de. j	UI
de. m	MQ
de. n	HV
de. o	JT
de. r	RL
de. s	KS
de. t	DZ
de. u	GW
de. v	GW
de. w	B]
de. z	ZD
de.)	RL
de.) 	MQ
de.),	WG
de.,	JT
de., 	JT
de.-	WG
de.-i	WG
de.0	KS
de.;	TJ
de.; 	TJ
de.e	SK
de.ex	SK
de.s	FX
de.–	d<
de.– 	_@
de.–/	SK
de.–0	RL
de.–d	UI
de.“	JT
de.“ 	JT
de/ 	FX
de/m	SK
de/m²	SK
de/n	DZ
de0 	YE
de0 %	TJ
de0 0	SK
de0 a	IU
de0 b	YE
de0 c	UI
de0 d	WG
de0 e	TJ
de0 f	RL
de0 g	UI
de0 h	b>
de0 i	IU
de0 j	KS
de0 k	TJ
de0 l	SK
de0 m	ZD
de0 n	IU
de0 o	SK
de0 p	b>
de0 t	LR
de0 u	XF
de0 v	HV
de0 w	QM
de0 |	JT
de0 ·	EY
de0 €	VH
de0)	HV
de0) 	HV
de0),	QM
de0, 	WG
de0,0	FX
de0-0	RL
de0. 	SK
de0.,	MQ
de0.0	KS
de0.–	d<
de00	^A
de00 	XF
de00)	HV
de00,	KS
de00-	QM
de00.	j6
de000	[C
de00:	IU
de0:	C[
de0: 	LR
de0:0	DZ
de0–	QM
de0–0	QM
de: e	UI
de: g	LR
de: i	HV
de: k	XF
de: m	VH
de: r	KS
de: s	QM
de: t	TJ
de: w	RL
de: z	[C
de: „	GW
de:0	DZ
de:00	GW
de; 	KS
de; 0	MQ
de; b	JT
de; d	KS
de; f	IU
de; s	SK
de> 	LR
de? 	3m
de@b	RL
de@be	RL
de@bo	TJ
de@e	RL
de@el	RL
de@h	XF
de@k	YE
de@m	UI
de@o	RL
de@p	HV
de@r	XF
de@s	TJ
dea 	QM
dea (	JT
dea 0	WG
dea a	UI
dea b	EY
dea e	JT
dea f	XF
dea g	KS
dea h	SK
dea i	MQ
dea k	WG
dea l	IU
dea m	[C
dea n	QM
dea p	MQ
dea r	UI
dea v	HV
dea w	SK
dea z	QM
dea.	QM
dea. 	QM
deaa	RL
deaal	WG
deaar	SK
deaat	KS
deab	TJ
deab 	[C
deaba	FX
deabg	JT
deabi	YE
deabm	TJ
deabo	LR
deabr	UI
deabs	KS
deac	SK
deach	SK
deack	MQ
dead 	FX
deade	RL
deadr	HV
deae	UI
deaf	MQ
deafe	EY
deaff	LR
deafn	XF
deaft	QM
deafü	IU
deag 	LR
deag)	SK
deag,	MQ
deag.	SK
deagd	JT
deagi	QM
deags	VH
deagt	HV
deahi	JT
deahm	LR
deahn	QM
deaht	RL
deai	MQ
deail	LR
deain	SK
deak	IU
deake	LR
deakt	GW
deal 	RL
deal,	SK
deal.	QM
dealb	MQ
deald	YE
deale	LR
dealf	_@
deali	TJ
dealk	MQ
deall	IU
dealo	KS
dealp	QM
deals	EY
deam	RL
deam 	TJ
deame	=c
deamm	LR
deamp	QM
deams	TJ
deamt	UI
dean 	RL
dean,	VH
dean.	KS
deana	SK
deanb	FX
deand	LR
deane	RL
deanf	RL
deang	ZD
deanh	A^
deani	YE
deank	DZ
deanl	LR
deann	SK
deanp	WG
deant	LR
deanu	MQ
deanw	B]
deanz	LR
deap	UI
deape	ZD
deapp	DZ
deapr	VH
dear	QM
dear 	LR
dear,	EY
dear.	FX
deara	d<
dearb	HV
dearc	LR
deard	JT
deare	XF
dearf	UI
dearg	XF
deari	[C
deark	KS
dearl	WG
dearr	TJ
dears	EY
deart	SK
dearu	RL
dearz	9g
dearü	DZ
deas	IU
deas 	GW
deas,	EY
deas?	KS
deasc	KS
dease	SK
deasm	RL
deass	RL
deast	MQ
deat	KS
deat 	DZ
deat,	^A
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
deatu	VH
deatz	RL
deatü	RL
deau	YE
deau 	KS
deau,	MQ
deau-	SK
deau.	LR
deaub	RL
deauc	[C
deaud	HV
deaue	XF
deauf	RL
deauh	QM
deaul	SK
deaum	XF
deaun	EY
deaup	HV
deaur	TJ
deaus	SK
deaut	UI
deauw	b>
deauß	LR
deave	FX
deavo	UI
deax	KS
deax 	XF
deay	TJ
deaz	QM
deaß	TJ
deaß 	VH
deaße	VH
deb 	KS
deb 0	XF
deb a	ZD
deb d	EY
deb e	?a
deb f	YE
deb g	JT
deb m	MQ
deb n	JT
deb o	EY
deb s	LR
deb u	MQ
deb w	EY
deb z	^A
deb |	VH
deb,	KS
deb, 	KS
deb.	EY
deb. 	FX
deba	VH
debah	YE
debal	DZ
deban	FX
debar	MQ
debat	HV
debau	c=
debb	UI
debd	GW
debe	RL
debe 	GW
debe,	MQ
debea	b>
debeb	RL
debed	VH
debee	_@
debeg	UI
debeh	QM
debei	SK
debek	RL
debel	RL
deben	MQ
deber	IU
debes	KS
debet	MQ
debev	XF
debew	IU
debez	A^
debf	RL
debfr	RL
debg	JT
debge	DZ
debh	MQ
debh,	ZD
debia	GW
debie	SK
debil	>b
debin	YE
debio	XF
debis	_@
debit	C[
debk	IU
debke	IU
debl	JT
debla	DZ
deble	KS
debli	LR
deblo	UI
debma	LR
debn	LR
debni	LR
deboc	TJ
debod	IU
debog	SK
deboo	TJ
debot	FX
debou	LR
debr	RL
debra	KS
debre	WG
debri	WG
debru	C[
debrü	TJ
debs	SK
debse	GW
debsf	SK
debst	WG
debt	LR
debt 	RL
debt.	FX
debuc	YE
debud	IU
debue	RL
debun	RL
debur	IU
debä	EY
debän	EY
debö	WG
debög	SK
debü	[C
debüc	YE
debür	WG
dec-	VH
deca	YE
decar	RL
dece	VH
dece 	QM
dech	SK
dech 	JT
dech)	WG
dech,	QM
dech:	MQ
dech;	DZ
decha	QM
deche	KS
dechg	WG
dechi	MQ
dechl	QM
dechm	TJ
dechn	UI
decho	UI
dechr	GW
dechs	[C
dechu	RL
dechw	IU
dechz	SK
dechä	SK
dechö	?a
dechü	RL
deci	VH
deck	QM
deck 	SK
deck,	KS
deckb	KS
decke	QM
deckh	TJ
decki	QM
decks	GW
deckt	RL
decl	MQ
decm	UI
decm 	UI
deco	EY
deco.	RL
decom	FX
decoo	B]
ded 	UI
ded 0	XF
ded a	[C
ded b	GW
ded d	TJ
ded e	XF
ded f	MQ
ded g	VH
ded h	C[
ded i	TJ
ded j	TJ
ded k	LR
ded l	ZD
ded m	WG
ded n	KS
ded o	_@
ded p	RL
ded s	MQ
ded t	MQ
ded u	UI
ded z	QM
ded |	WG
ded,	IU
ded, 	IU
ded-	B]
ded.	QM
ded. 	XF
ded.e	UI
ded@	[C
deda	KS
deda 	MQ
deda.	]B
dedac	XF
dedaf	IU
dedag	JT
dedah	TJ
dedai	RL
dedal	WG
dedam	TJ
dedan	IU
dedar	SK
dedas	FX
dedat	DZ
dedau	IU
dedav	UI
dedb	YE
dedbe	a?
dedd	ZD
dede	QM
dede 	JT
dede)	IU
dede,	SK
dede.	HV
dede0	YE
dedea	C[
dedec	XF
dedei	WG
dedel	WG
deden	RL
deder	LR
dedes	JT
dedet	WG
dedeu	@_
dedez	VH
dedf	HV
dedfa	QM
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
dedis	A^
dedk	QM
dedl 	WG
dedli	GW
dedm	RL
dedme	RL
dedn	HV
dedne	IU
dednr	TJ
dednu	DZ
dedo	UI
dedo 	WG
dedo,	RL
dedo.	UI
dedok	MQ
dedon	SK
dedow	FX
dedr	SK
dedr.	UI
dedre	[C
dedri	FX
dedru	HV
dedrü	UI
deds	KS
deds 	TJ
dedsa	KS
dedsc	SK
dedss	IU
dedt 	QM
dedu	DZ
dedu 	GW
dedun	HV
dedv	UI
dedve	TJ
dedw	TJ
dedwa	KS
dedwe	VH
dedwi	RL
dedy	KS
dedü	LR
dedür	LR
dedı	XF
dedız	UI
dee &	VH
dee (	LR
dee 0	UI
dee a	KS
dee b	QM
dee c	JT
dee d	JT
dee f	FX
dee g	KS
dee h	SK
dee i	C[
dee j	C[
dee k	FX
dee l	FX
dee m	JT
dee o	KS
dee p	MQ
dee r	SK
dee s	JT
dee v	IU
dee w	RL
dee z	KS
dee |	SK
dee ö	UI
dee ü	GW
dee „	IU
dee!	IU
dee'	UI
dee)	JT
dee) 	MQ
dee),	IU
dee,	SK
dee, 	SK
dee-	QM
dee.	QM
dee. 	SK
dee.e	VH
dee.“	LR
dee0	YE
dee00	YE
dee?	C[
dee? 	C[
deea	MQ
deean	FX
deear	HV
deeas	HV
deeat	a?
deeb	KS
deeb 	MQ
deeba	^A
deebe	QM
deebk	IU
deebn	EY
deebo	DZ
deebr	VH
deebs	WG
deebu	HV
deec	SK
deech	QM
deeck	ZD
deed	SK
deed 	RL
deed@	WG
deeda	WG
deede	MQ
deedg	[C
deeds	LR
deedt	MQ
deee	RL
deee 	_@
deeeh	DZ
deeep	LR
deeer	YE
deeet	UI
deef 	WG
deefa	XF
deefe	MQ
deeff	MQ
deefl	WG
deefo	QM
deefr	C[
deeft	TJ
deefä	GW
deefü	LR
deeg	RL
deeg 	YE
deeg,	C[
deeg.	IU
deege	SK
deegi	HV
deegl	MQ
deego	XF
deegr	]B
deegt	LR
deegu	LR
deeh	RL
deeha	_@
deehe	LR
deehl	QM
deehm	ZD
deehr	VH
deeht	IU
deehö	RL
deei 	]B
deei,	XF
deei-	ZD
deei.	QM
deei@	SK
deeib	GW
deeic	JT
deeid	SK
deeie	HV
deeif	SK
deeig	UI
deeih	WG
deeik	HV
deeil	VH
deein	KS
deeis	QM
deeiw	TJ
deeiß	HV
deek	QM
deekl	MQ
deekt	MQ
deel 	IU
deel,	RL
deel.	TJ
deela	C[
deelc	GW
deele	SK
deelg	JT
deelh	KS
deeli	d<
deell	JT
deelm	YE
deeln	QM
deels	QM
deelt	TJ
deelw	[C
deelö	TJ
deem	RL
deem 	MQ
deema	QM
deemb	TJ
deeme	UI
deemi	VH
deemü	HV
deen!	JT
deen-	SK
deen.	KS
deen:	TJ
deen;	KS
deen?	DZ
deen@	SK
deena	JT
deenb	XF
deend	HV
deene	TJ
deeng	SK
deenh	TJ
deeni	GW
deenk	a?
deenl	SK
deenm	TJ
deenn	GW
deeno	LR
deenr	XF
deens	^A
deent	DZ
deenw	TJ
deenz	QM
deeo	RL
deeon	RL
deeor	LR
deep	TJ
deepa	UI
deepe	]B
deepl	KS
deepp	TJ
deer	QM
deer)	JT
deer-	SK
deer.	HV
deer:	KS
deerb	RL
deerd	LR
deere	a?
deerf	IU
deerg	GW
deerh	GW
deeri	QM
deerk	WG
deerl	A^
deern	DZ
deero	VH
deerp	UI
deerr	C[
deers	GW
deert	QM
deeru	XF
deerv	KS
deerw	YE
deerz	MQ
deerä	ZD
deerö	KS
deer“	C[
dees	LR
dees 	MQ
dees,	SK
dees.	EY
deesa	A^
deesc	UI
deese	QM
deesh	DZ
deesi	SK
deesk	MQ
deesp	HV
deess	KS
deest	HV
deesu	KS
deet	KS
deet 	RL
deeta	ZD
deetb	TJ
deete	QM
deeto	MQ
deetr	LR
deets	MQ
deetw	JT
deetz	DZ
deeu	IU
deeu 	IU
deeub	WG
deeud	JT
deeue	IU
deeug	SK
deeun	WG
deeur	MQ
deev	IU
deevo	XF
deew	MQ
deew 	LR
deewi	MQ
deex	SK
deexa	SK
deexp	RL
deez	[C
deeze	_@
deezi	MQ
deeß	VH
deeße	UI
deeö	WG
deeöf	WG
dee“	FX
dee“ 	IU
def 	JT
def (	IU
def 0	KS
def d	B]
def e	JT
def g	SK
def h	TJ
def i	C[
def k	JT
def l	XF
def m	UI
def n	QM
def r	DZ
def s	MQ
def t	VH
def u	WG
def w	RL
def z	VH
def)	EY
def-	WG
def- 	SK
def.	LR
def. 	LR
defac	SK
defah	RL
defal	LR
defan	XF
defar	;e
defas	TJ
defax	XF
defe	QM
defe 	ZD
defeb	QM
defeh	JT
defei	LR
defen	KS
defer	RL
defes	KS
defeu	TJ
deff	LR
deff 	IU
deff,	YE
deffe	EY
defg	IU
defge	QM
defi	>b
defia	HV
defik	MQ
defil	LR
defin	LR
defk	KS
defl	e;
defla	RL
defle	YE
defli	UI
deflü	QM
defm	LR
defma	SK
defn	QM
defn 	QM
defna	MQ
defne	ZD
defnu	HV
defo	MQ
defo@	TJ
defol	JT
defon	QM
defor	LR
defot	LR
defr 	RL
defr.	LR
defra	FX
defre	RL
defri	RL
defro	XF
defrü	FX
defs	^A
defsc	QM
defst	VH
deft	JT
deft 	SK
deft,	IU
deft.	VH
defte	HV
deftl	HV
deftr	LR
defu	MQ
defw	YE
defwa	YE
defä	MQ
defäh	HV
defäl	HV
defän	VH
defär	ZD
defö	B]
deför	B]
defüh	SK
defül	A^
deg 	VH
deg &	EY
deg (	UI
deg b	LR
deg e	MQ
deg f	SK
deg g	EY
deg h	FX
deg j	SK
deg k	VH
deg m	LR
deg o	IU
deg p	XF
deg r	WG
deg s	VH
deg t	GW
deg u	VH
deg v	MQ
deg z	LR
deg |	KS
deg „	TJ
deg)	LR
deg) 	SK
deg,	MQ
deg, 	MQ
deg-	RL
deg.	QM
deg. 	QM
deg@	XF
dega	MQ
degab	<d
degal	FX
degar	WG
degas	QM
degb	SK
degbr	UI
degd	JT
dege	UI
dege 	UI
dege,	RL
dege.	IU
degea	RL
degee	DZ
degef	SK
degeg	TJ
degeh	QM
degel	FX
degem	VH
degen	WG
degeo	LR
deger	RL
deges	HV
deget	LR
degew	SK
degez	UI
degeö	WG
degf	LR
degfa	LR
degg	KS
degg,	RL
degh	SK
degi	RL
degib	VH
degin	HV
degl	XF
degla	JT
degle	TJ
degli	QM
deglo	SK
deglä	XF
degmb	UI
degn	LR
dego	RL
dego 	GW
degol	QM
degor	WG
degos	TJ
degr	IU
degra	FX
degri	KS
degrü	JT
degs	QM
degs 	RL
degs,	JT
degs.	VH
degsa	XF
degse	SK
degsp	JT
degst	B]
degsz	HV
degt	LR
degt 	RL
degt,	IU
degt:	LR
degu	A^
degun	DZ
degut	>b
degä	DZ
degäs	LR
degü	SK
degül	TJ
deh 	KS
deh (	[C
deh 0	TJ
deh b	RL
deh d	RL
deh e	GW
deh f	SK
deh h	MQ
deh i	JT
deh j	IU
deh k	RL
deh l	]B
deh m	KS
deh o	?a
deh p	QM
deh r	IU
deh t	IU
deh u	RL
deh v	XF
deh z	JT
deh |	GW
deh ü	KS
deh)	YE
deh) 	YE
deh,	QM
deh, 	QM
deh-	IU
deh.	MQ
deh.e	WG
deh:	MQ
deh: 	MQ
deh;	DZ
deha	WG
dehaa	YE
dehab	WG
dehad	A^
dehal	QM
dehan	VH
dehar	QM
dehat	FX
dehau	WG
dehav	MQ
dehba	FX
dehbo	LR
dehd	WG
dehde	WG
dehe	JT
dehe 	LR
dehe,	QM
dehee	ZD
dehef	IU
dehei	UI
dehel	KS
dehem	HV
dehen	DZ
deher	IU
dehes	QM
deheu	TJ
dehfa	VH
dehfo	KS
dehg	WG
dehga	TJ
dehhe	KS
dehie	HV
dehig	QM
dehin	VH
dehiv	LR
dehj	DZ
dehja	DZ
dehl	UI
dehl 	QM
dehl.	MQ
dehle	[C
dehli	MQ
dehlo	UI
dehls	QM
dehlt	HV
dehlu	JT
dehlä	QM
dehm	WG
dehm,	VH
dehme	SK
dehmi	_@
dehn	UI
dehn 	SK
dehn,	KS
dehna	LR
dehnd	YE
dehne	WG
dehni	TJ
deho	TJ
dehoc	WG
dehof	QM
dehol	WG
dehom	GW
dehon	SK
dehop	A^
dehor	YE
dehos	FX
dehpl	WG
dehr 	JT
dehr,	MQ
dehr.	TJ
dehr?	IU
dehra	YE
dehrb	ZD
dehre	MQ
dehrg	JT
dehri	KS
dehrj	UI
dehrl	SK
dehrr	TJ
dehrs	QM
dehrt	JT
dehru	UI
dehs	WG
dehs 	XF
dehse	SK
dehst	VH
deht	LR
deht,	IU
deht:	HV
deht?	IU
dehtb	LR
dehte	KS
dehti	IU
dehtu	FX
dehtz	VH
dehu	YE
dehun	[C
dehur	MQ
dehus	VH
dehw	IU
dehwa	EY
dehwe	TJ
dehz	SK
dehze	SK
dehäd	EY
dehäf	SK
dehäl	]B
dehän	LR
dehät	@_
dehäu	DZ
dehö	MQ
dehöc	SK
dehöf	SK
dehön	?a
dehüb	DZ
dehür	TJ
dehüs	GW
dei 	UI
dei (	SK
dei a	YE
dei d	GW
dei e	YE
dei f	RL
dei g	SK
dei h	a?
dei i	MQ
dei l	VH
dei m	QM
dei n	QM
dei o	RL
dei s	TJ
dei t	KS
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
deibe	KS
deic	IU
deice	QM
deich	KS
deick	LR
deid	UI
deid 	SK
deide	UI
deidn	TJ
deidu	JT
deie	QM
deie 	GW
deie,	GW
deie?	EY
deied	KS
deief	MQ
deieg	GW
deiel	FX
deiem	XF
deien	YE
deier	[C
deies	XF
deieß	VH
deif	LR
deife	UI
deiff	LR
deift	DZ
deig	RL
deig 	^A
deig,	HV
deig.	ZD
deige	LR
deign	LR
deigs	JT
deigt	VH
deigu	FX
deih	RL
deihe	XF
deihr	<d
deihu	TJ
deik	VH
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
deild	>b
deile	_@
deili	LR
deilk	RL
deill	MQ
deilo	QM
deils	SK
deilt	C[
deilv	IU
deim	SK
deim 	TJ
deimk	ZD
deimm	HV
deimp	LR
dein 	HV
dein)	FX
dein.	RL
deina	WG
deind	VH
deine	FX
deinf	IU
deing	RL
deinh	SK
deini	LR
deink	WG
deinl	DZ
deinm	B]
deinn	MQ
deino	IU
deinr	LR
deins	SK
deint	KS
deinu	IU
deinv	GW
deinw	[C
deinz	RL
deio	UI
deios	TJ
deipl	TJ
deipp	?a
deir	ZD
deir 	XF
deir,	TJ
deir.	YE
deira	HV
deirb	LR
deird	QM
deire	QM
deirg	?a
deirk	QM
deirm	MQ
deirn	VH
deirt	XF
deis	UI
deis 	XF
deis,	[C
deisc	KS
deise	DZ
deisi	WG
deisl	JT
deiso	YE
deiss	IU
deist	UI
deit	QM
deit 	IU
deit.	XF
deita	YE
deitb	RL
deite	A^
deitg	RL
deith	QM
deitm	TJ
deitr	JT
deits	KS
deitu	QM
deitz	SK
deitä	VH
deiu	MQ
deiv	JT
deiv 	LR
deiva	?a
deive	SK
deiw	TJ
deiwe	SK
deiwi	TJ
deix 	EY
deix,	XF
deiz	LR
deize	JT
deizi	WG
deiß	HV
deiß 	GW
deiß,	EY
deiß.	EY
deißi	SK
deißt	UI
dei–	RL
deja	HV
deja 	;e
deja,	C[
dejac	LR
dejah	QM
deje	RL
dejed	XF
dejen	MQ
dejes	LR
dejet	GW
dejew	SK
deju	MQ
dejug	TJ
dejun	HV
dejö	TJ
dejör	TJ
dek 	RL
dek (	VH
dek 0	QM
dek b	YE
dek f	LR
dek h	IU
dek i	UI
dek u	TJ
dek w	DZ
dek |	]B
dek-	WG
dek.e	VH
dekac	XF
dekal	LR
dekam	HV
dekan	QM
dekap	WG
dekar	MQ
dekas	DZ
dekat	VH
dekau	UI
dekb	IU
deke	IU
deke 	QM
deke.	?a
dekeg	]B
dekeh	RL
dekei	B]
deken	SK
deket	RL
dekg	XF
dekh	SK
dekho	TJ
deki	UI
dekie	QM
dekil	QM
dekin	TJ
dekio	TJ
dekis	C[
dekl.	WG
dekla	FX
dekle	XF
dekli	GW
deklä	?a
dekn	SK
dekno	IU
deko	UI
dekol	?a
dekom	SK
dekon	QM
dekor	SK
dekos	RL
dekr	TJ
dekre	SK
deks,	MQ
dekst	VH
dekt	QM
dekt,	QM
dekt.	DZ
dekta	SK
dekte	C[
dekti	XF
dektr	HV
dekts	^A
deku	DZ
dekuh	DZ
dekum	MQ
dekun	A^
dekw	SK
dekw 	SK
dekä	MQ
dekäs	MQ
dekö	HV
dekön	HV
dekü	KS
deküc	FX
dekün	IU
dekür	LR
del 	GW
del 0	UI
del b	SK
del d	LR
del f	QM
del g	IU
del h	HV
del i	IU
del j	C[
del k	RL
del m	GW
del n	KS
del p	B]
del r	B]
del t	IU
del u	JT
del v	B]
del z	SK
del |	UI
del)	RL
del,	RL
del, 	RL
del-	VH
del.	RL
del. 	SK
del.e	RL
del?	FX
del? 	FX
dela	LR
delac	KS
delad	TJ
delaf	EY
delag	MQ
delam	FX
delan	ZD
delar	?a
delas	IU
delat	LR
delau	JT
delb	LR
delb 	LR
delba	SK
delbe	KS
delbr	c=
delc	LR
delch	IU
deld	KS
deld 	MQ
deld.	KS
delde	DZ
deldi	HV
deldr	FX
deldı	UI
dele	VH
dele 	VH
dele,	]B
dele.	XF
delea	JT
delec	FX
deled	EY
delef	SK
delei	SK
delek	HV
delen	QM
deler	UI
deles	LR
delet	IU
deleu	MQ
delf	JT
delf 	KS
delf,	RL
delfe	KS
delft	WG
delg	IU
delg 	KS
delge	MQ
delgr	JT
delgt	GW
delh	RL
deli 	SK
deli,	RL
delic	JT
delie	RL
delig	ZD
delil	B]
delin	KS
delis	HV
delk	ZD
delk 	MQ
delke	VH
delko	ZD
dell	LR
dell 	B]
dell,	QM
dell.	GW
dellb	MQ
delle	SK
delli	QM
dellk	YE
dellm	b>
dello	JT
dells	MQ
dellt	EY
dellw	IU
delm	TJ
delm,	IU
delmt	YE
deln	QM
deln 	VH
deln,	YE
delni	DZ
delo	WG
delo 	JT
deloa	IU
deloc	TJ
delof	MQ
delog	LR
deloh	LR
delom	VH
delor	SK
delos	YE
deloß	UI
delp	RL
delpf	YE
delr	^A
delri	YE
dels	KS
dels 	HV
delsc	a?
delse	TJ
delso	MQ
delt	TJ
delt 	RL
delt,	VH
delt.	JT
delte	LR
delti	ZD
delu	MQ
delue	RL
deluf	QM
delun	QM
delus	SK
delv	MQ
delve	IU
delw	MQ
delwa	KS
dely	VH
delz	[C
delz 	^A
delz,	LR
delä	MQ
deläd	SK
delän	MQ
delär	@_
deläs	YE
delät	JT
deläu	TJ
delö	WG
delöf	TJ
delös	[C
delü	MQ
delüg	HV
dem 	JT
dem (	IU
dem 0	ZD
dem a	>b
dem b	IU
dem d	RL
dem e	IU
dem f	YE
dem g	LR
dem h	FX
dem j	XF
dem k	SK
dem l	XF
dem m	HV
dem n	B]
dem o	XF
dem p	]B
dem r	RL
dem s	JT
dem t	HV
dem u	KS
dem v	FX
dem w	LR
dem z	FX
dem |	[C
dem „	RL
dem,	LR
dem, 	LR
dem.	IU
dem. 	IU
dema	SK
demac	QM
demag	XF
demah	XF
demai	KS
demal	YE
demas	UI
demat	YE
demau	LR
demb	UI
demba	UI
dembe	TJ
dembh	UI
deme	QM
deme 	RL
deme,	SK
deme.	VH
demec	YE
demed	TJ
demeh	TJ
demei	KS
demer	MQ
demet	a?
demf	QM
demi 	VH
demic	@_
demie	^A
demil	QM
demir	GW
demit	QM
demk	RL
demkr	UI
deml	JT
demlu	LR
demm	LR
demm 	TJ
demma	C[
demml	LR
demmt	LR
demmu	JT
demo	YE
demo 	UI
demo,	RL
demo-	]B
demo.	UI
demod	IU
demoi	MQ
demol	JT
demon	VH
demoo	SK
demor	UI
demo–	XF
demp 	UI
dempe	VH
dempf	HV
dempl	QM
dempr	HV
dems	UI
dems 	JT
demsc	UI
demst	QM
demt 	SK
demt,	FX
demt.	FX
demta	YE
demts	TJ
demu	GW
demul	FX
demun	JT
demut	LR
demw	UI
demws	UI
dem²	SK
dem² 	SK
demä	QM
demö	JT
demöc	QM
demüs	LR
den (	LR
den 0	SK
den a	JT
den b	JT
den c	GW
den d	SK
den e	RL
den f	IU
den g	JT
den h	XF
den k	QM
den l	LR
den m	LR
den n	XF
den o	HV
den r	GW
den s	JT
den t	WG
den u	SK
den v	[C
den w	SK
den z	IU
den |	JT
den ü	KS
den!	?a
den! 	?a
den)	HV
den) 	JT
den),	LR
den,	QM
den, 	QM
den-	TJ
den-r	KS
den-w	HV
den.	LR
den.“	GW
den:	QM
den: 	QM
den;	JT
den; 	HV
den?	B]
den? 	B]
den@	IU
dena	LR
dena 	QM
denab	RL
denac	LR
denal	QM
denam	@_
denan	HV
denat	LR
denau	XF
denb	MQ
denba	YE
denbe	GW
denbi	KS
denbr	RL
denbu	SK
denc	VH
dench	VH
dend 	TJ
dend,	JT
dend-	FX
dend.	WG
dend:	LR
dend@	ZD
denda	ZD
dende	VH
dendi	FX
dendl	LR
dendo	UI
dends	C[
dendt	RL
dendu	^A
dendw	RL
dendy	MQ
dene 	MQ
dene,	RL
dene.	B]
deneb	B]
denef	MQ
deneh	ZD
denel	VH
denem	QM
denen	MQ
dener	XF
denes	B]
denet	JT
denew	LR
denf.	UI
denfe	MQ
denfl	TJ
denfo	GW
denfr	MQ
denfä	UI
deng	QM
deng,	LR
deng.	RL
denga	IU
denge	XF
dengl	A^
dengo	HV
dengt	QM
denh	TJ
denh.	XF
denha	SK
denhe	EY
denho	IU
denhö	A^
deni	LR
deni 	VH
denia	RL
denic	JT
denie	[C
denig	JT
denik	XF
denin	MQ
denir	GW
denis	HV
denit	RL
denj	FX
denk	LR
denk 	KS
denka	VH
denke	QM
denkl	KS
denku	GW
denla	RL
denli	<d
denlo	UI
denm	MQ
denma	LR
denme	MQ
denn	LR
denn 	JT
denn,	]B
denn.	VH
denna	LR
denne	QM
denni	LR
denns	EY
dennt	MQ
dennu	TJ
deno	GW
deno 	FX
denoc	LR
denol	KS
denom	^A
denor	QM
denos	RL
denot	HV
denow	RL
denpf	SK
denpl	KS
denpr	WG
denr	^A
denr 	TJ
denr.	a?
denra	YE
denre	QM
denri	QM
denrä	UI
dens	UI
dens 	XF
dens)	FX
dens,	a?
dens.	LR
densa	b>
densc	LR
densf	GW
densh	UI
densi	XF
densp	QM
denst	UI
densä	GW
dent	JT
dent 	SK
dent,	EY
dent.	WG
denta	LR
dente	KS
denti	TJ
dentl	FX
dento	SK
dents	B]
dentü	TJ
denu	JT
denua	SK
denum	@_
denun	HV
denup	VH
denus	HV
denv	TJ
denve	GW
denw	UI
denwi	^A
denz	MQ
denz,	YE
denza	IU
denze	JT
denä	QM
denäc	GW
denäh	SK
denö	]B
denöt	WG
denü	RL
den“ 	EY
deo 	MQ
deo (	XF
deo 0	^A
deo a	VH
deo d	FX
deo e	KS
deo f	DZ
deo g	MQ
deo h	IU
deo l	UI
deo m	QM
deo p	RL
deo r	VH
deo s	KS
deo u	JT
deo w	KS
deo)	UI
deo) 	SK
deo),	SK
deo-	]B
deo.	[C
deo. 	[C
deo.–	UI
deo@	SK
deoa	GW
deoad	IU
deob	GW
deob 	<d
deoba	IU
deobi	MQ
deobo	KS
deoc	RL
deock	UI
deod	FX
deode	HV
deoe	SK
deof 	_@
deof,	FX
deofe	TJ
deoff	JT
deofi	SK
deofr	GW
deog	QM
deoge	WG
deogo	GW
deoh	YE
deohl	GW
deohn	VH
deohr	WG
deoi	MQ
deoin	MQ
deois	JT
deok 	QM
deoko	FX
deola	TJ
deold	IU
deole	YE
deolf	A^
deolg	JT
deolk	LR
deoll	RL
deoln	DZ
deolo	TJ
deols	UI
deolt	VH
deolu	LR
deolz	UI
deom 	HV
deom,	KS
deoma	WG
deomi	KS
deomk	@_
deomm	SK
deomp	MQ
deon	MQ
deon 	LR
deon,	LR
deona	QM
deond	QM
deone	YE
deoni	VH
deonk	GW
deonl	B]
deonn	QM
deons	C[
deoo	RL
deoor	TJ
deoot	SK
deop	EY
deop 	B]
deop,	FX
deope	?a
deopf	FX
deopp	QM
deor	SK
deor 	XF
deor,	MQ
deora	LR
deorb	ZD
deore	UI
deorf	MQ
deorg	TJ
deorh	JT
deori	HV
deork	IU
deorl	FX
deorm	QM
deorn	YE
deort	IU
deorw	VH
deorz	WG
deos	QM
deos 	DZ
deos!	GW
deos.	TJ
deosk	TJ
deosp	QM
deoss	XF
deost	RL
deot	FX
deot 	B]
deot,	RL
deot.	QM
deotd	]B
deote	HV
deoti	KS
deoto	JT
deots	ZD
deott	JT
deou	C[
deoul	IU
deour	A^
deout	FX
deov	LR
deove	FX
deow	SK
deown	LR
deoz	KS
deoze	KS
deoße	KS
deoßv	h8
deo–	XF
deo–d	UI
deo–f	WG
dep 0	FX
dep,	DZ
dep, 	DZ
dep.	MQ
depa	UI
depac	IU
depag	C[
depak	UI
depal	GW
depar	WG
depas	C[
depau	RL
depd	HV
depdf	HV
depe	SK
deped	TJ
depeg	HV
depek	RL
depel	YE
depen	RL
depet	C[
depf	[C
depf 	FX
depfa	QM
depfe	YE
depfi	IU
depfl	ZD
depfm	KS
depi	KS
depic	GW
depie	UI
depin	LR
depl	RL
depla	MQ
deple	RL
depo	SK
depol	JT
depor	QM
depp	UI
depp 	YE
deppe	YE
depr	FX
depra	IU
depre	DZ
deprä	FX
deprü	UI
deps	HV
deps.	IU
depte	RL
depu	QM
depum	SK
deput	EY
depä	FX
depät	DZ
dequ	d<
dequa	SK
deque	UI
dequi	_@
der 	RL
der (	RL
der 0	TJ
der a	VH
der b	QM
der c	YE
der e	IU
der f	MQ
der h	RL
der i	c=
der k	LR
der l	MQ
der m	WG
der n	KS
der o	GW
der p	EY
der r	LR
der s	GW
der t	TJ
der v	FX
der w	<d
der z	SK
der |	TJ
der ä	JT
der ü	QM
der)	MQ
der) 	MQ
der-	UI
der- 	[C
der-i	VH
der.	RL
der. 	QM
der.e	WG
der; 	LR
der?	IU
der? 	IU
dera	IU
dera 	MQ
dera,	MQ
derab	FX
derac	VH
derad	GW
derag	FX
deral	TJ
deras	WG
derat	UI
derau	JT
deraß	YE
derb	QM
derb 	ZD
derbe	RL
derbr	^A
derbs	QM
derbu	d<
derbü	VH
derc	SK
derd	LR
derd 	TJ
derd,	JT
derda	KS
derdb	VH
derde	MQ
derdi	QM
derdn	IU
derdo	EY
dere	MQ
dere 	YE
dere.	EY
derea	JT
derec	KS
dered	HV
deree	YE
deref	LR
dereg	TJ
dereh	QM
derei	QM
derek	YE
derem	KS
deren	QM
derep	WG
derer	HV
deres	FX
dereu	GW
derf	KS
derfa	JT
derfe	KS
derfs	VH
derfü	]B
derg	GW
derg 	VH
derga	JT
derge	TJ
dergi	C[
dergl	A^
dergr	^A
derh	IU
derhe	LR
derhu	QM
deri	WG
derie	RL
derif	FX
derig	JT
derik	]B
derin	VH
derit	XF
deriv	?a
derj	QM
derja	QM
derk	RL
derk 	QM
derka	UI
derke	TJ
derkh	KS
derki	FX
derkl	GW
derks	XF
derkt	WG
derku	TJ
derl	FX
derla	EY
derle	VH
derlä	GW
derm 	MQ
derm,	IU
derma	UI
derme	RL
dermi	SK
dermo	LR
dermu	C[
dern 	SK
dern,	C[
dern.	UI
dern;	JT
derna	HV
dernd	]B
derne	JT
derno	^A
derns	QM
dernt	WG
dero	SK
dero 	XF
dero)	SK
dero,	GW
dero.	QM
dero@	RL
derob	VH
deroc	@_
derod	IU
derof	VH
derom	VH
deron	MQ
deroo	QM
deros	QM
derot	MQ
deroz	KS
deroß	KS
derp	TJ
derr	GW
derr 	C[
derre	GW
derrh	YE
derri	UI
derrt	MQ
ders	KS
dersa	KS
derse	LR
dersi	QM
derso	XF
derst	GW
dert	LR
dert 	KS
dert)	JT
dert.	QM
derte	VH
derth	LR
derti	EY
dertr	A^
dertu	WG
deru	TJ
derua	JT
deruc	EY
derud	RL
deruf	IU
deruh	VH
derum	RL
derun	[C
derup	RL
derut	VH
deruß	JT
derva	MQ
derve	[C
dervi	QM
dervu	C[
derw	ZD
derwa	SK
derwe	WG
derwi	UI
derwä	B]
derz	EY
derz,	KS
derze	HV
derä	VH
deräg	UI
deräs	FX
derät	ZD
deräu	a?
derö	RL
deröf	KS
derüc	SK
derüe	FX
derüf	SK
derüh	FX
derün	RL
derüs	IU
derüß	EY
der“	KS
des &	VH
des (	YE
des 0	WG
des a	RL
des b	A^
des e	WG
des f	XF
des g	GW
des h	MQ
des i	GW
des j	FX
des k	RL
des l	KS
des n	>b
des o	MQ
des p	RL
des r	KS
des s	UI
des t	YE
des u	TJ
des v	HV
des |	KS
des ä	IU
des ö	C[
des ü	=c
des!	GW
des'	KS
des)	HV
des) 	HV
des-	WG
des.	JT
des. 	JT
des:	YE
des: 	YE
des?	GW
des? 	GW
desa	QM
desa 	RL
desa,	YE
desaa	HV
desab	WG
desac	A^
desam	SK
desan	MQ
desar	WG
desat	QM
desau	SK
desbe	]B
desbi	FX
desbr	TJ
desc	MQ
desch	MQ
desco	B]
desd	JT
desdi	]B
desdr	FX
dese 	DZ
dese,	WG
dese.	XF
desec	UI
desed	LR
deseh	=c
desei	KS
desel	VH
desep	UI
deser	QM
deses	XF
deset	UI
desf	KS
desfa	FX
desfe	UI
desfü	LR
desge	LR
desh	LR
desha	B]
deshe	VH
deshi	JT
desi	QM
desi 	HV
desic	RL
desie	KS
desik	SK
desis	VH
desk 	TJ
deska	ZD
deske	UI
deski	MQ
desko	LR
desl	KS
desla	WG
desle	WG
desli	HV
desma	JT
desme	QM
desn	GW
deso,	VH
desob	GW
desoh	GW
desol	JT
desom	LR
deson	EY
desor	VH
despa	QM
despi	TJ
despl	IU
despo	KS
despr	LR
despä	DZ
desr	ZD
desre	QM
dess 	IU
dess,	VH
dess.	SK
dessa	UI
dessc	LR
dessh	UI
dessi	DZ
desst	XF
dessu	LR
dessw	MQ
dest	WG
dest 	LR
dest)	KS
dest,	TJ
dest-	QM
dest.	TJ
dest:	WG
dest@	SK
desta	MQ
destb	UI
deste	VH
destf	ZD
desth	a?
desti	FX
destn	QM
desto	LR
destr	YE
dests	KS
destu	]B
destä	RL
destü	ZD
desu	B]
desuc	C[
desum	HV
desun	QM
desv	VH
desve	SK
desw	RL
deswa	SK
deswe	KS
desze	HV
deszu	WG
desäg	WG
desär	IU
desät	GW
det 0	SK
det a	GW
det b	GW
det c	GW
det d	DZ
det e	LR
det f	MQ
det g	JT
det h	QM
det i	GW
det j	TJ
det k	LR
det l	IU
det m	RL
det o	TJ
det p	HV
det r	UI
det s	LR
det t	UI
det u	JT
det v	SK
det z	[C
det |	KS
det ü	RL
det!	LR
det! 	EY
det'	XF
det's	XF
det.)	WG
det.;	TJ
det.e	[C
det;	SK
det; 	QM
det?	IU
det? 	IU
det@	]B
det@o	TJ
deta	QM
detab	[C
detac	QM
detag	WG
detak	GW
detal	SK
detan	IU
detas	MQ
detat	QM
detau	RL
detb	VH
detba	TJ
detbe	QM
detbi	ZD
detd	]B
detdi	]B
dete 	9g
dete)	TJ
dete,	IU
dete.	XF
deteb	HV
detec	YE
deted	JT
deteg	[C
deteh	LR
detei	VH
detel	TJ
detem	SK
deten	QM
detep	IU
deter	KS
detet	MQ
deteu	C[
detex	MQ
detf	EY
detfe	EY
detgl	RL
deth	RL
deth 	TJ
deth,	IU
dethe	SK
dethi	LR
detho	B]
deti	FX
deti 	KS
detie	YE
detig	SK
detik	FX
detil	MQ
detim	LR
detin	JT
detip	?a
detis	VH
detj	MQ
detje	MQ
detke	LR
detkl	TJ
detl	MQ
detl,	WG
detl.	MQ
detla	UI
detle	TJ
detli	RL
detm	VH
detma	UI
detme	RL
detn	QM
deto	LR
deto 	JT
deto,	WG
deto.	TJ
detob	JT
detof	LR
detok	IU
detom	IU
deton	VH
detop	IU
detor	WG
detos	HV
detp	TJ
detr	SK
detr.	ZD
detra	TJ
detre	EY
detri	MQ
detru	YE
deträ	UI
dets	IU
dets 	JT
dets,	RL
dets.	SK
detsa	FX
detsc	@_
detse	B]
detsf	LR
detsg	TJ
detsh	JT
detsl	XF
detst	LR
detsv	YE
dett 	JT
dett,	MQ
dett.	SK
dett@	VH
dette	HV
dettk	LR
dettl	TJ
detts	MQ
dettu	YE
dettw	YE
detu	]B
detu0	TJ
detuh	YE
detum	SK
detun	VH
detur	]B
detwo	b>
detz 	JT
detz,	JT
detze	ZD
detzg	RL
detzi	WG
detzu	GW
detä	SK
detäg	VH
detän	RL
detät	QM
detö	TJ
detön	SK
detü	XF
detüc	TJ
detüh	VH
detür	RL
deu 	MQ
deu b	@_
deu d	QM
deu e	MQ
deu f	KS
deu g	KS
deu k	LR
deu l	JT
deu n	XF
deu r	TJ
deu s	LR
deu t	GW
deu u	C[
deu w	HV
deu,	MQ
deu, 	MQ
deu-	KS
deu.	HV
deu. 	HV
deu.e	YE
deu0	TJ
deu00	TJ
deua	SK
deual	HV
deuar	SK
deub	SK
deub 	LR
deube	UI
deubi	ZD
deuch	SK
deuck	JT
deud	HV
deude	UI
deudg	IU
deue	TJ
deuen	VH
deuf	RL
deuf 	HV
deuf.	EY
deufe	WG
deufg	RL
deufl	WG
deufm	TJ
deufn	MQ
deufs	[C
deuft	JT
deufw	YE
deug,	[C
deug-	RL
deugu	QM
deuh	SK
deuh 	KS
deuhe	VH
deuhi	QM
deuhl	ZD
deuhr	UI
deui	^A
deuid	TJ
deula	KS
deuld	HV
deule	JT
deuli	TJ
deulk	QM
deull	IU
deulr	YE
deum 	HV
deum,	IU
deum-	MQ
deum.	JT
deuma	WG
deumb	SK
deume	XF
deumg	JT
deumk	UI
deumm	B]
deump	SK
deums	UI
deun 	MQ
deund	SK
deune	YE
deung	JT
deuni	[C
deunk	HV
deunz	QM
deup	RL
deupf	QM
deupp	YE
deupt	HV
deur 	MQ
deur.	C[
deura	XF
deurd	HV
deure	TJ
deuri	LR
deurl	RL
deurn	[C
deuro	MQ
deurr	GW
deurs	]B
deurt	JT
deurz	TJ
deurü	SK
deus	SK
deus 	VH
deus,	JT
deus.	MQ
deusa	FX
deusb	MQ
deusc	LR
deusd	HV
deuse	a?
deusg	A^
deush	GW
deusi	RL
deusl	XF
deusr	QM
deuss	FX
deust	VH
deusw	SK
deusz	XF
deut 	C[
deuta	MQ
deute	RL
deuth	UI
deuti	QM
deutk	TJ
deuto	TJ
deuts	EY
deutt	IU
deutz	MQ
deuwe	JT
deuß	HV
deuß 	HV
deuße	LR
dev 	SK
dev m	ZD
dev.	SK
dev. 	RL
deva	RL
devat	RL
deve,	ZD
devem	GW
deven	KS
deves	TJ
devi	IU
devic	SK
devie	HV
devis	XF
devo	KS
devol	YE
devom	DZ
devon	IU
devos	ZD
devu	C[
devus	C[
dew 0	SK
dewa	RL
dewac	RL
dewaf	GW
dewag	IU
dewah	KS
dewal	WG
dewar	KS
dewe 	GW
deweb	DZ
deweg	HV
deweh	[C
dewen	QM
dewer	WG
dewes	WG
dewet	SK
dewi	SK
dewic	IU
dewie	<d
dewil	SK
dewim	YE
dewin	XF
dewir	]B
dewis	KS
dewn	LR
dewo 	HV
dewoc	ZD
dewoh	WG
dewol	QM
dewor	DZ
dews	UI
dewst	UI
dewu	IU
dewun	IU
dewur	LR
dewä	TJ
dewäh	RL
dewö	QM
dewöl	SK
dewü	@_
dewün	@_
dex 	FX
dex,	XF
dex, 	XF
dex.	KS
dex. 	KS
dexam	SK
dexav	FX
dexp	RL
dexpr	RL
dext.	GW
dexte	LR
dextr	SK
dey d	TJ
dey n	HV
dey s	QM
dey,	GW
dey, 	GW
dey.	EY
dey. 	EY
deye	QM
deyer	VH
deyn	UI
deyo	RL
deyou	RL
deyı	UI
deyıl	UI
dez 	SK
dez d	LR
dez f	RL
dez h	VH
dez m	FX
dez n	HV
dez o	KS
dez u	JT
dez w	JT
dez |	WG
deza	GW
dezah	JT
dezd	QM
dezde	QM
deze	JT
deze.	RL
dezem	VH
dezen	LR
dezer	JT
dezet	EY
dezeu	UI
dezf	JT
dezg	TJ
dezi	XF
dezi 	FX
dezia	VH
dezie	WG
dezig	SK
dezim	^A
dezin	LR
dezir	UI
dezl	JT
dezli	JT
dezn	FX
dezo	FX
dezol	GW
dezs	WG
dezt	TJ
dezt 	LR
dezt,	XF
dezte	IU
dezu	QM
dezu 	RL
dezu,	QM
dezu.	QM
dezub	ZD
dezue	SK
dezum	IU
dezun	MQ
dezur	TJ
dezus	SK
dezw	XF
dezwe	VH
dezwi	RL
dezwö	SK
dezz	MQ
de| 	RL
de| 0	MQ
de| a	VH
de| d	KS
de| e	IU
de| f	LR
de| g	TJ
de| h	QM
de| i	RL
de| j	KS
de| k	KS
de| l	IU
de| m	QM
de| n	JT
de| o	JT
de| p	FX
de| r	B]
de| s	VH
de| t	]B
de| u	RL
de| v	VH
de| w	VH
de| z	YE
de| |	VH
de² 	SK
de· 	EY
de· m	EY
deß 	EY
deß g	VH
deß i	GW
deß k	KS
deß m	C[
deß n	?a
deß s	HV
deß u	QM
deß,	GW
deß, 	GW
deß.	DZ
deß. 	DZ
deße,	KS
deßer	SK
deßi	SK
deßig	SK
deßs	RL
deßt	SK
deßt 	UI
deßv	[C
deßva	h8
deäc	RL
deäch	SK
deäck	FX
deäd	SK
deäde	SK
deäf	QM
deäg	YE
deäge	XF
deägl	VH
deägt	QM
deäh	LR
deähe	SK
deähr	IU
deäl	[C
deäll	HV
deält	b>
deäm	B]
deän	RL
deänd	YE
deäng	LR
deär	@_
deär 	HV
deärb	ZD
deärc	VH
deäre	;e
deärg	B]
deärm	RL
deärt	FX
deäru	IU
deäs	SK
deäse	TJ
deäst	RL
deät	IU
deät 	KS
deäte	UI
deätt	@_
deätz	GW
deäu	JT
deäuf	IU
deäum	a?
deöc	QM
deöch	QM
deöf	RL
deöfe	UI
deög	UI
deöge	UI
deöh	UI
deöl	WG
deölf	SK
deön	C[
deön 	A^
deöni	UI
deönn	DZ
deöp	YE
deöpp	RL
deör	RL
deörd	MQ
deöre	JT
deörs	TJ
deört	MQ
deös	FX
deöss	FX
deöt	WG
deöti	WG
deüb	MQ
deübr	MQ
deübs	DZ
deüc	VH
deüch	TJ
deück	SK
deüe	IU
deüez	FX
deüf	QM
deüg	MQ
deüge	LR
deüh	VH
deühe	KS
deühj	DZ
deühl	ZD
deühr	SK
deül	LR
deüll	@_
deült	TJ
deün	KS
deün,	JT
deünd	XF
deüns	@_
deür	RL
deür 	EY
deür.	UI
deüre	VH
deürf	LR
deürl	RL
deüro	WG
deürs	RL
deürz	GW
deüt	SK
deütz	XF
deüß	EY
deüße	EY
deıl	UI
deıld	UI
deız	UI
de– 	RL
de– n	KS
de–/	SK
de–0	TJ
de–00	RL
de–d	VH
de–do	VH
de–f	ZD
de–fr	ZD
de–s	UI
de“ 	DZ
de“ (	KS
de“ s	GW
de“ –	EY
de“,	IU
de“, 	IU
de“.	YE
de“. 	YE
de„d	SK
de„de	SK
de„e	JT
de„ei	GW
de„g	HV
de„h	HV
de„hi	HV
de„m	LR
de„n	QM
de„p	HV
de„s	LR
de„si	LR
de„w	IU
de„wi	KS
de€ 	VH
de€ a	QM
de€ d	VH
de€ i	h8
de€ k	GW
de€ n	MQ
de€ |	TJ
de€)	RL
de€),	RL
de€,	SK
de€, 	SK
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
en "n	WG
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
en '	C[
en '0	LR
en 'a	HV
en (	JT
en (0	ZD
en (?	XF
en (b	JT
en (c	LR
en (d	RL
en (f	UI
en (h	LR
en (m	GW
en (n	HV
en (o	QM
en (p	SK
en (r	SK
en (s	GW
en (w	SK
en (y	GW
en *	A^
en +	VH
en +0	]B
en ,	UI
en , 	UI
en -	MQ
en - 	MQ
en /	SK
en / 	SK
en 0	SK
en 0)	XF
en 0-	g9
en 0.	HV
en 0/	UI
en 00	RL
en 0:	JT
en 0a	]B
en 0b	_@
en 0d	[C
en 0e	IU
en 0f	[C
en 0h	WG
en 0j	ZD
en 0l	f:
en 0n	b>
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
en ab	B]
en ac	SK
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
en b.	HV
en ba	VH
en be	MQ
en bi	HV
en bn	YE
en bo	SK
en br	TJ
en bs	]B
en by	LR
en c 	[C
en cd	SK
en ce	WG
en ch	SK
en ci	QM
en cl	SK
en cm	a?
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
en eb	DZ
en ed	^A
en ei	_@
en el	SK
en em	ZD
en er	EY
en es	KS
en eu	SK
en ev	SK
en ey	KS
en f	UI
en f0	JT
en fe	TJ
en ff	GW
en fl	VH
en fo	MQ
en fr	TJ
en fs	XF
en fu	UI
en g	TJ
en ga	YE
en gb	KS
en gi	MQ
en gl	VH
en go	MQ
en gp	HV
en gr	HV
en gs	QM
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
en j	UI
en j.	XF
en ja	QM
en je	LR
en ji	^A
en jo	MQ
en ju	RL
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
en lt	VH
en lu	c=
en ly	GW
en m	MQ
en m.	FX
en mb	XF
en mi	LR
en mm	XF
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
en of	MQ
en oh	IU
en oi	MQ
en ok	ZD
en om	RL
en on	JT
en or	UI
en os	YE
en ot	FX
en ow	QM
en oy	LR
en p.	UI
en pa	FX
en pd	>b
en pe	QM
en ph	JT
en pi	MQ
en pl	UI
en pm	UI
en pr	EY
en ps	@_
en pu	FX
en qu	MQ
en qx	RL
en r	QM
en r.	MQ
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
en sp	SK
en sq	]B
en st	RL
en su	QM
en sw	KS
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
en un	C[
en ur	EY
en us	TJ
en v0	GW
en va	VH
en ve	HV
en vi	TJ
en vo	GW
en vu	JT
en w	KS
en w/	HV
en wa	LR
en we	VH
en wk	[C
en wo	IU
en wr	LR
en ww	GW
en wy	b>
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
en! 	<d
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
en" –	DZ
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
en"be	C[
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
en"li	C[
en"m	KS
en"my	IU
en"n	WG
en"no	WG
en"o	YE
en"op	[C
en"ou	>b
en"p	QM
en"pr	SK
en"s	KS
en"sa	TJ
en"t	GW
en"th	B]
en"to	SK
en"w	IU
en"we	LR
en"y	QM
en"yo	QM
en$0	VH
en$0 	UI
en$0,	ZD
en$0.	_@
en$00	TJ
en% 	MQ
en% o	MQ
en& 	TJ
en& 0	UI
en& a	XF
en& b	UI
en& d	ZD
en& l	UI
en& m	A^
en& p	KS
en& r	RL
en& s	XF
en& t	GW
en' 	MQ
en' b	IU
en' c	RL
en' h	RL
en' l	TJ
en' m	C[
en' s	QM
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
en't,	A^
en't.	LR
en(0	ZD
en(00	[C
en(?	XF
en(b	JT
en(c	LR
en(ch	FX
en(co	XF
en(d	RL
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
en(mi	HV
en(mo	DZ
en(mr	C[
en(n	HV
en(no	HV
en(o	QM
en(p	SK
en(pl	GW
en(r	SK
en(re	RL
en(s	GW
en(sh	DZ
en(so	SK
en(te	d<
en(th	UI
en(to	DZ
en(tr	IU
en(tu	C[
en(w	SK
en(we	KS
en(wi	VH
en(y	GW
en(ye	GW
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
en+ 0	TJ
en+ a	GW
en+ p	IU
en+ r	SK
en+ s	[C
en+ v	]B
en+0	^A
en+00	]B
en, 	IU
en, "	EY
en, $	KS
en, 0	QM
en, a	f:
en, b	SK
en, c	TJ
en, d	JT
en, e	KS
en, f	TJ
en, g	^A
en, i	TJ
en, j	SK
en, k	LR
en, l	C[
en, m	FX
en, n	RL
en, o	a?
en, p	RL
en, q	YE
en, r	RL
en, s	[C
en, t	SK
en, u	WG
en, v	]B
en, w	HV
en, £	QM
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
en- |	]B
en-0	[C
en-0 	YE
en-0,	UI
en-0.	^A
en-00	SK
en-a	C[
en-an	EY
en-ar	IU
en-b	MQ
en-bl	]B
en-c	FX
en-ca	GW
en-cl	LR
en-co	KS
en-d	QM
en-do	TJ
en-e	IU
en-ei	XF
en-f	MQ
en-fi	JT
en-fo	LR
en-fr	IU
en-g	WG
en-h	^A
en-ha	^A
en-l	JT
en-la	IU
en-le	KS
en-m	HV
en-ma	TJ
en-n	WG
en-o	WG
en-of	XF
en-on	[C
en-ou	QM
en-p	XF
en-pu	RL
en-r	SK
en-re	[C
en-s	LR
en-sa	MQ
en-sh	UI
en-si	DZ
en-st	]B
en-u	VH
en-up	VH
en-wi	IU
en. 	RL
en. (	MQ
en. 0	_@
en. a	YE
en. b	LR
en. c	;e
en. d	HV
en. e	IU
en. g	JT
en. h	DZ
en. k	TJ
en. m	DZ
en. n	MQ
en. o	C[
en. p	UI
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
en...	JT
en.0	MQ
en.0 	XF
en.:	LR
en.: 	LR
en.b	DZ
en.b.	DZ
en.e	QM
en.ex	QM
en.k	GW
en.ke	LR
en.s	C[
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
en0 	^A
en0 (	QM
en0 +	]B
en0 -	TJ
en0 0	]B
en0 a	_@
en0 b	LR
en0 c	HV
en0 d	LR
en0 e	RL
en0 f	FX
en0 g	f:
en0 i	JT
en0 j	IU
en0 k	h8
en0 l	]B
en0 n	LR
en0 o	>b
en0 p	SK
en0 q	YE
en0 r	>b
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
en0),	QM
en0).	MQ
en0,	WG
en0, 	[C
en0,0	KS
en0-	]B
en0-0	ZD
en0.	QM
en0. 	XF
en0.0	MQ
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
en00:	[C
en00;	VH
en00a	UI
en00g	YE
en00p	WG
en00s	LR
en00t	A^
en00x	FX
en00–	c=
en0:	QM
en0;	QM
en0; 	QM
en0a	^A
en0aa	ZD
en0am	TJ
en0b	_@
en0bb	YE
en0d	[C
en0dd	ZD
en0e	IU
en0ee	EY
en0f	[C
en0g	YE
en0h	WG
en0j	ZD
en0k	GW
en0k.	KS
en0l	f:
en0lb	[C
en0ll	[C
en0ln	VH
en0m	ZD
en0m 	TJ
en0n	b>
en0nd	ZD
en0nn	YE
en0p	a?
en0p.	^A
en0pl	SK
en0pm	VH
en0pp	ZD
en0pt	XF
en0q	ZD
en0qt	UI
en0r	SK
en0rb	QM
en0rr	WG
en0s	_@
en0s 	WG
en0s,	RL
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
en: $	ZD
en: '	FX
en: 0	KS
en: a	KS
en: c	EY
en: d	GW
en: h	TJ
en: i	]B
en: l	RL
en: m	VH
en: n	B]
en: o	TJ
en: p	UI
en: r	TJ
en: s	KS
en: t	RL
en: w	C[
en: “	JT
en; 	RL
en; 0	]B
en; a	UI
en; b	DZ
en; c	MQ
en; d	JT
en; f	LR
en; g	^A
en; h	MQ
en; i	UI
en; l	LR
en; m	WG
en; n	JT
en; o	b>
en; p	A^
en; r	YE
en; s	c=
en; w	TJ
en; y	EY
en? 	!}
en?"	XF
en?" 	XF
en?)	JT
en?) 	JT
en??	GW
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
en@o	YE
en@ot	YE
en@p	d<
en@q	LR
en@qu	LR
en@r	c=
en@s	SK
en@sa	ZD
en@se	UI
en@st	XF
en@t	e;
en@ta	UI
en@th	^A
en@to	WG
en@w	RL
en@we	QM
en@wi	VH
en] 	IU
en] w	FX
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
ena |	^A
ena £	RL
ena,	C[
ena, 	C[
ena-	RL
ena.	IU
ena. 	KS
ena.”	HV
ena@	JT
enaa	ZD
enaa.	_@
enab	GW
enab 	]B
enab.	XF
enabb	XF
enabe	LR
enabi	UI
enabl	IU
enabn	MQ
enabo	GW
enabr	QM
enabs	DZ
enac	HV
enaca	EY
enacc	QM
enace	SK
enach	RL
enaci	LR
enack	EY
enacl	JT
enaco	a?
enacr	LR
enact	HV
enad 	<d
enad'	MQ
enad)	TJ
enad,	MQ
enad-	FX
enad.	RL
enada	]B
enadd	RL
enade	WG
enadg	IU
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
enafo	B]
enaft	MQ
enag	LR
enag,	XF
enaga	;e
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
enalf	VH
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
enam 	LR
enam,	JT
enam-	RL
enam.	JT
enama	VH
enamb	ZD
ename	LR
enamm	C[
enamo	[C
enamp	RL
enamu	IU
enan 	SK
enan'	d<
enan)	LR
enan,	LR
enan.	UI
enan@	ZD
enana	XF
enanc	FX
enand	VH
enane	RL
enang	;e
enani	RL
enank	IU
enann	SK
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
enapp	]B
enapr	[C
enaps	GW
enar 	B]
enar'	XF
enar.	HV
enar:	TJ
enar?	UI
enarb	SK
enare	SK
enarf	_@
enarg	IU
enarj	SK
enark	DZ
enarl	WG
enarm	TJ
enarn	[C
enarp	b>
enarr	ZD
enars	]B
enart	GW
enarv	IU
enary	FX
enas	RL
enas 	HV
enas;	YE
enasc	ZD
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
enat,	^A
enat-	MQ
enat.	WG
enatc	SK
enate	KS
enath	]B
enati	TJ
enato	C[
enatt	IU
enatu	TJ
enau	RL
enauc	A^
enaud	MQ
enaug	UI
enaul	TJ
enaur	GW
enaut	IU
enav	IU
enava	_@
enavi	@_
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
enb (	YE
enb 0	^A
enb a	JT
enb b	a?
enb d	C[
enb f	ZD
enb i	HV
enb l	VH
enb s	GW
enb t	JT
enb £	[C
enb,	KS
enb, 	KS
enb-	DZ
enb-0	GW
enb-c	FX
enb.	HV
enb. 	FX
enb.e	XF
enb/	YE
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
enbas	UI
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
enbed	WG
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
enbey	LR
enbh	SK
enbha	VH
enbi	HV
enbia	JT
enbic	XF
enbid	A^
enbig	KS
enbik	TJ
enbil	LR
enbin	RL
enbir	e;
enbis	LR
enbit	9g
enbj	EY
enbje	EY
enbla	GW
enbli	WG
enblo	FX
enblu	SK
enbly	SK
enbn	MQ
enbn0	YE
enbo	RL
enboa	MQ
enbob	HV
enbod	TJ
enboi	QM
enbol	WG
enbon	IU
enboo	MQ
enbor	XF
enbot	b>
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
enbul	RL
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
enc c	ZD
enc d	HV
enc f	JT
enc l	ZD
enc s	QM
enc t	DZ
enc,	HV
enc, 	HV
enc.	HV
enc. 	EY
enc.e	[C
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
encc	QM
encca	ZD
encce	]B
encco	EY
encd	SK
encd0	SK
ence 	RL
ence)	[C
ence,	LR
ence:	]B
ence;	QM
ence?	HV
ence@	b>
enceb	C[
enced	TJ
encei	KS
encel	FX
encen	]B
encep	RL
ences	IU
encf	WG
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
enciv	KS
enck	SK
enck 	VH
enck'	FX
enck,	SK
enck-	RL
enck.	RL
encka	WG
encke	HV
encki	GW
enckl	[C
enckm	SK
encko	EY
encks	SK
enckw	b>
encl	XF
encl.	XF
encla	HV
encle	]B
encli	JT
enclo	UI
enclu	KS
encm	a?
encm 	a?
enco.	[C
encoa	VH
encob	f:
encod	FX
encoe	RL
encof	VH
encol	@_
encom	UI
encon	EY
encoo	b>
encop	LR
encor	WG
encos	DZ
encou	JT
encov	^A
encr	HV
encra	RL
encre	JT
encri	=c
encro	FX
encry	DZ
encs	_@
encs 	[C
encs,	ZD
enct	GW
enct 	JT
enct.	?a
encta	FX
encte	IU
encti	TJ
enctl	RL
enctr	UI
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
encyc	XF
end &	LR
end (	DZ
end /	IU
end 0	SK
end a	HV
end b	SK
end c	RL
end d	QM
end e	b>
end f	JT
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
end y	VH
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
end-s	JT
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
endag	FX
endai	GW
endal	UI
endam	LR
endan	QM
endar	C[
endat	>b
endau	GW
endaw	RL
enday	^A
endb	QM
endba	LR
endbe	UI
endbs	UI
endc	JT
endd	WG
endd 	SK
endd,	MQ
endda	TJ
enddl	YE
enddo	ZD
enddr	?a
enddy	b>
ende	RL
ende'	VH
ende,	d<
ende-	]B
ende.	MQ
endea	A^
endeb	TJ
endec	C[
ended	IU
endee	QM
endef	A^
enden	^A
endeo	HV
endep	QM
endes	YE
endet	EY
endev	WG
endf	MQ
endf 	DZ
endf,	GW
endfa	WG
endge	QM
endgi	[C
endh	KS
endi	MQ
endi 	HV
endic	FX
endid	VH
endie	FX
endif	EY
endin	VH
endip	LR
endir	JT
endis	EY
endit	ZD
endiv	TJ
endl 	d<
endle	UI
endli	?a
endlo	UI
endly	B]
endm	]B
endma	SK
endmi	IU
endmo	YE
endn	EY
endne	C[
endo 	HV
endo.	SK
endo?	FX
endoc	QM
endoe	VH
endog	TJ
endoi	ZD
endol	b>
endom	LR
endon	HV
endor	FX
endot	ZD
endou	^A
endov	A^
endow	IU
endoz	TJ
endp	[C
endr 	YE
endre	LR
endri	XF
endro	IU
ends 	LR
ends,	JT
ends.	VH
endsa	XF
endsi	IU
endso	VH
endst	UI
endu	WG
enduc	LR
endug	[C
endun	TJ
endur	[C
endus	LR
endv	TJ
endve	IU
endvi	VH
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
ene -	d<
ene /	A^
ene 0	c=
ene a	KS
ene b	MQ
ene c	WG
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
ene v	JT
ene w	LR
ene y	ZD
ene |	JT
ene £	<d
ene “	HV
ene!	[C
ene!!	[C
ene"	@_
ene" 	HV
ene",	IU
ene".	FX
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
eneam	A^
enean	TJ
eneap	B]
enear	IU
eneas	EY
eneat	ZD
eneav	RL
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
enec 	[C
enec@	RL
eneca	RL
enece	SK
eneci	?a
eneck	MQ
enecl	GW
eneco	MQ
enecr	TJ
enect	SK
enecu	VH
ened 	UI
ened"	DZ
ened.	JT
ened:	LR
ened?	EY
enede	UI
enedg	XF
enedi	TJ
enedn	GW
eneds	HV
enedu	KS
enedy	?a
enee	QM
enee 	TJ
enee'	GW
enee,	MQ
enee.	QM
eneec	a?
eneed	UI
eneel	[C
eneen	FX
enees	XF
eneet	UI
eneez	TJ
enef	LR
enef 	IU
enefa	FX
enefe	?a
enefi	XF
enefu	RL
eneg 	C[
enega	WG
enege	HV
enegg	KS
enegi	WG
enegu	SK
eneh	KS
eneha	C[
eneho	LR
enehu	IU
enei	UI
eneic	VH
eneig	WG
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
enel 	VH
enel"	VH
enel,	b>
enel0	UI
enelb	]B
enelc	RL
enele	XF
enelf	EY
eneli	EY
enelm	XF
enelo	IU
enelt	HV
enelv	GW
enelw	IU
enely	<d
enem,	FX
enem.	HV
enema	MQ
enemi	UI
enemo	XF
enemp	UI
enems	DZ
enen	MQ
enen 	TJ
enen'	HV
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
eneno	RL
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
eneon	RL
eneor	_@
eneos	C[
enep	VH
enep,	WG
enep.	EY
enepa	TJ
enepe	YE
eneph	FX
enepi	KS
enepl	SK
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
enerc	HV
enere	IU
enerf	WG
energ	MQ
enerh	KS
enerl	EY
enerm	_@
enern	LR
enero	GW
enerp	ZD
enerr	IU
eners	LR
enert	XF
enerv	JT
enerw	XF
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
enes;	VH
enes?	>b
enes@	_@
enesa	?a
enesc	KS
enesd	LR
enese	LR
enesh	HV
enesi	VH
enesk	A^
enesm	UI
enesn	MQ
eneso	GW
eness	RL
enest	ZD
enesu	HV
enet	LR
enet 	HV
enet)	RL
enet,	_@
enet.	9g
enet;	C[
enetc	LR
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
enev 	RL
eneva	QM
enevd	QM
eneve	QM
enevi	JT
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
enexi	[C
enexl	[C
enext	MQ
eney	SK
eney 	RL
eney'	XF
eney,	UI
eney.	:f
eney:	JT
eneya	@_
eneyi	UI
eneyo	_@
eneyr	JT
eneys	d<
eneyw	[C
enez	UI
eneze	WG
enf (	XF
enf 0	QM
enf a	LR
enf b	KS
enf c	DZ
enf d	TJ
enf e	XF
enf f	VH
enf g	>b
enf h	B]
enf i	XF
enf j	WG
enf l	EY
enf m	IU
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
enf0 	YE
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
enff,	9g
enff.	VH
enffe	RL
enffi	SK
enffl	QM
enffo	TJ
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
enfon	KS
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
enfsc	XF
enft 	LR
enft,	b>
enft.	GW
enfte	RL
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
eng m	WG
eng n	VH
eng o	KS
eng p	LR
eng r	XF
eng s	JT
eng t	<d
eng u	XF
eng w	XF
eng y	EY
eng |	e;
eng £	MQ
eng!	EY
eng! 	EY
eng"	HV
eng" 	KS
eng",	IU
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
engat	a?
engau	]B
engav	FX
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
engf	ZD
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
engst	SK
engt	DZ
ength	LR
engua	WG
engue	FX
engui	^A
engun	QM
engur	EY
engut	[C
enguy	C[
engw	RL
engwe	IU
engwo	UI
enh 	WG
enh (	IU
enh b	YE
enh c	LR
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
enh'	GW
enh' 	IU
enh's	HV
enh)	_@
enh) 	_@
enh,	QM
enh, 	QM
enh-	QM
enh.	MQ
enh. 	RL
enh.e	ZD
enh:	IU
enh: 	IU
enh;	ZD
enh; 	ZD
enh@	SK
enha	QM
enha 	IU
enha,	@_
enhab	C[
enhad	8h
enhai	WG
enhal	LR
enham	ZD
enhap	JT
enhar	QM
enhas	RL
enhat	JT
enhay	SK
enhaz	WG
enhb	KS
enhbr	JT
enhc	JT
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
enhel	KS
enhem	MQ
enhep	_@
enher	LR
enhes	VH
enhet	HV
enhew	@_
enhex	XF
enhf	GW
enhfu	FX
enhg	XF
enhga	XF
enhi 	6j
enhic	DZ
enhid	TJ
enhie	YE
enhig	@_
enhil	a?
enhim	TJ
enhin	QM
enhio	EY
enhip	RL
enhir	ZD
enhis	FX
enhit	KS
enhiv	TJ
enhiy	EY
enhl	UI
enhly	QM
enhm	HV
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
enhr.	KS
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
enhts	^A
enhty	TJ
enhu	QM
enhu 	UI
enhub	GW
enhug	WG
enhum	=c
enhun	XF
enhur	UI
enhus	C[
enhut	YE
enhw	?a
enhwa	IU
enhx	LR
enhx0	UI
enhy	QM
enhy 	TJ
enhy.	C[
eni (	GW
eni 0	UI
eni a	LR
eni b	VH
eni c	VH
eni d	SK
eni e	GW
eni f	WG
eni g	LR
eni j	@_
eni k	]B
eni l	ZD
eni m	YE
eni n	A^
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
eniag	[C
enian	KS
eniar	DZ
eniat	a?
enib	DZ
enibb	]B
enibl	A^
enic	KS
enic 	SK
enic.	>b
enica	MQ
enice	LR
enich	DZ
enick	XF
enicl	YE
enics	_@
enict	0p
enicu	LR
enicy	XF
enid	LR
enid 	C[
enid,	IU
enid.	B]
enid:	UI
enida	RL
enidd	UI
enide	MQ
enidg	RL
enidi	TJ
enids	EY
enidy	DZ
enie	DZ
enie 	]B
enie,	LR
eniec	UI
enied	=c
eniel	JT
enien	FX
enier	QM
eniet	A^
eniew	FX
enif	SK
enife	HV
enift	YE
enig	MQ
enig 	KS
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
enila	XF
enilb	GW
enild	^A
enile	QM
enilf	KS
enili	IU
enilk	XF
enill	UI
enilm	SK
eniln	TJ
enilo	^A
enilt	XF
enilv	QM
enilw	UI
enily	SK
enim	TJ
enim 	MQ
enim,	ZD
enim.	SK
enimb	QM
enime	[C
enimi	QM
enimm	QM
enimn	VH
enimo	@_
enimp	FX
enims	GW
enin	LR
enin 	IU
enin"	GW
enin'	QM
enin-	GW
enin.	DZ
enina	LR
eninc	YE
enind	HV
eninf	QM
enini	VH
enink	<d
eninl	UI
enins	SK
eninu	A^
eniny	GW
enio	JT
enio 	KS
enion	JT
enior	[C
eniou	DZ
enip	TJ
enip 	QM
enip'	GW
enip,	YE
enipa	a?
enipe	SK
enipl	MQ
enipp	DZ
enips	]B
enipt	VH
eniq	UI
eniqu	SK
enir	SK
enir 	XF
enir)	IU
enir-	ZD
enir.	A^
enira	RL
enirc	MQ
enird	c=
enire	MQ
eniri	@_
enirk	RL
enirl	FX
eniro	RL
enirr	_@
enirs	UI
enirt	MQ
eniry	FX
enis 	TJ
enis,	B]
enis.	VH
enisa	B]
enisc	<d
enise	TJ
enish	MQ
enisi	MQ
enisl	d<
enisn	:f
enisp	MQ
enist	KS
enit 	TJ
enit'	WG
enit)	QM
enit,	f:
enit.	MQ
enit:	LR
enit;	MQ
enita	IU
enitc	RL
enite	HV
eniti	QM
enitl	B]
enito	A^
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
enize	IU
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
enjor	ZD
enjos	QM
enjoy	RL
enju	TJ
enjul	WG
enjun	JT
enjus	TJ
enk 	LR
enk -	MQ
enk 0	QM
enk a	VH
enk b	VH
enk d	DZ
enk e	MQ
enk g	@_
enk h	VH
enk k	TJ
enk m	>b
enk n	^A
enk o	[C
enk p	>b
enk r	UI
enk s	XF
enk t	IU
enk u	RL
enk w	WG
enk y	@_
enk |	^A
enk £	a?
enk'	MQ
enk'd	UI
enk's	A^
enk,	RL
enk, 	RL
enk-	ZD
enk-i	YE
enk.	HV
enk. 	JT
enk0	_@
enk0 	_@
enk:	JT
enk: 	JT
enk;	VH
enk; 	VH
enk?	@_
enk? 	@_
enk@	KS
enka	VH
enkaf	B]
enkan	ZD
enkd	RL
enkda	_@
enkdo	RL
enke	LR
enke 	RL
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
enkl	KS
enkle	SK
enkly	@_
enkm	WG
enkm 	YE
enkne	GW
enkno	SK
enko	TJ
enkor	YE
enkr	RL
enks 	JT
enks,	WG
enks.	GW
enks;	WG
enks@	[C
enkse	VH
enksg	^A
enksh	RL
enku	C[
enkw	^A
enkwe	_@
enkwo	YE
enky	FX
enky 	VH
enky.	FX
enl &	VH
enl (	MQ
enl -	XF
enl b	WG
enl d	JT
enl e	g9
enl f	]B
enl h	EY
enl i	KS
enl k	XF
enl l	TJ
enl m	IU
enl n	FX
enl o	JT
enl p	IU
enl s	;e
enl t	SK
enl u	XF
enl v	FX
enl w	GW
enl y	h8
enl |	UI
enl £	WG
enl –	MQ
enl"	UI
enl" 	]B
enl",	B]
enl'	QM
enl's	QM
enl)	RL
enl) 	RL
enl-	YE
enl-o	^A
enl.	SK
enl. 	SK
enl.e	JT
enl0	[C
enl0 	[C
enlab	SK
enlac	HV
enlad	XF
enlag	c=
enlai	XF
enlam	HV
enlan	QM
enlap	HV
enlar	FX
enlas	KS
enlat	JT
enlau	TJ
enlaw	HV
enlay	]B
enlb	UI
enlb 	ZD
enlb,	YE
enlby	EY
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
enles	WG
enlet	FX
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
enlk	EY
enlk,	SK
enlk-	a?
enlk.	IU
enlke	@_
enlki	DZ
enlks	RL
enll 	GW
enll"	SK
enll'	]B
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
enln	YE
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
enloc	WG
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
enlot	EY
enlou	LR
enlov	KS
enlow	QM
enlp	SK
enlp 	TJ
enlre	SK
enls	WG
enls,	QM
enls?	IU
enls@	^A
enlse	UI
enlsh	A^
enlso	b>
enlst	IU
enlt	VH
enlt 	_@
enlt.	FX
enltd	VH
enlte	FX
enltm	TJ
enlto	RL
enltr	WG
enltu	RL
enlu	ZD
enlua	IU
enlub	QM
enlud	TJ
enlue	UI
enlug	QM
enlui	A^
enlum	QM
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
enm $	c=
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
enm l	EY
enm m	MQ
enm n	IU
enm o	TJ
enm p	ZD
enm r	UI
enm s	RL
enm t	<d
enm u	RL
enm v	WG
enm w	YE
enm y	IU
enm |	IU
enm £	r.
enm –	b>
enm €	SK
enm'	FX
enm's	FX
enm)	[C
enm,	IU
enm, 	IU
enm-	c=
enm-0	RL
enm.	MQ
enm.e	b>
enm0	g9
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
enmb 	ZD
enmbe	KS
enmbl	]B
enmbo	HV
enmbr	VH
enmbs	@_
enme	SK
enme"	IU
enme)	YE
enme,	^A
enme-	UI
enme.	RL
enme:	IU
enmeb	UI
enmed	>b
enmee	MQ
enmel	FX
enmem	]B
enmen	]B
enmeo	UI
enmer	SK
enmes	MQ
enmet	KS
enmew	JT
enmi	GW
enmi 	RL
enmi,	HV
enmic	FX
enmig	<d
enmil	a?
enmin	>b
enmis	LR
enmit	KS
enmix	FX
enmm	C[
enmm,	SK
enmma	JT
enmme	MQ
enmmi	@_
enmmu	MQ
enmn	MQ
enmne	VH
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
enms,	d<
enmsi	JT
enmst	KS
enmu	LR
enmuc	TJ
enmud	]B
enmug	QM
enmum	A^
enmur	GW
enmus	KS
enmy	B]
enmy 	A^
enmy,	IU
enmys	QM
enn 	LR
enn $	d<
enn &	LR
enn (	TJ
enn -	@_
enn /	XF
enn a	VH
enn b	MQ
enn c	DZ
enn d	YE
enn e	EY
enn g	UI
enn h	TJ
enn i	JT
enn j	A^
enn k	B]
enn l	JT
enn m	WG
enn n	KS
enn o	IU
enn p	KS
enn q	@_
enn r	QM
enn s	SK
enn t	XF
enn u	IU
enn v	IU
enn w	[C
enn |	C[
enn £	ZD
enn –	UI
enn"	FX
enn" 	IU
enn",	GW
enn's	VH
enn't	LR
enn)	DZ
enn) 	IU
enn).	RL
enn,	RL
enn, 	RL
enn-	IU
enn-l	GW
enn.	IU
enn. 	HV
enn0	_@
enn0 	^A
enn:	MQ
enn: 	MQ
enn;	SK
enn; 	SK
enn?	GW
enn? 	GW
enn@	^A
enn@t	XF
enna	LR
enna,	FX
ennab	XF
ennac	MQ
ennad	[C
ennag	_@
ennah	B]
ennai	LR
ennal	KS
ennam	C[
ennar	[C
ennas	^A
ennav	RL
ennb	[C
ennby	[C
ennc	RL
ennch	WG
enncl	TJ
ennco	^A
enncu	GW
enncy	DZ
ennd	QM
ennd 	TJ
ennd"	UI
ennd'	UI
ennd-	FX
ennd.	SK
ennda	HV
enndf	XF
enndi	SK
enndl	GW
enndm	YE
enndo	RL
enndp	JT
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
ennei	MQ
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
enngf	ZD
enngl	C[
enngr	YE
enngs	SK
enngt	DZ
enngu	HV
ennh	ZD
ennha	[C
enni	WG
enni 	FX
ennia	C[
ennic	SK
ennie	MQ
ennig	]B
ennim	MQ
ennin	QM
ennio	b>
ennis	XF
ennit	[C
enniu	[C
ennj	WG
ennk	C[
ennk 	IU
ennk.	FX
ennke	KS
ennki	A^
ennks	C[
ennl	KS
ennla	YE
ennle	IU
ennli	B]
ennlo	IU
ennm	LR
ennme	8h
ennmo	XF
ennn	VH
ennn 	JT
ennn.	ZD
ennna	QM
ennne	UI
ennni	KS
ennno	WG
ennnu	XF
ennny	SK
enno	HV
enno 	DZ
enno,	;e
enno.	^A
ennoa	[C
ennob	RL
ennoc	VH
ennoe	IU
ennoi	TJ
ennol	C[
ennot	KS
ennou	EY
ennov	C[
ennow	TJ
ennp	ZD
ennq	GW
ennqu	GW
ennri	VH
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
ennst	HV
ennsu	[C
ennt	KS
ennt 	FX
ennt,	VH
ennt.	TJ
ennt:	TJ
ennt?	C[
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
ennv	IU
ennve	GW
ennvi	JT
ennvo	QM
ennw	DZ
ennw 	JT
ennwi	IU
enny	SK
enny,	RL
enny.	QM
ennyb	YE
ennyo	a?
ennyt	EY
ennyw	KS
enn–f	KS
enn–t	UI
enn”	LR
enn” 	LR
eno "	WG
eno (	_@
eno 0	]B
eno a	JT
eno b	QM
eno d	LR
eno e	MQ
eno f	DZ
eno g	FX
eno h	FX
eno i	KS
eno j	;e
eno k	QM
eno l	KS
eno m	MQ
eno n	_@
eno o	C[
eno r	EY
eno s	SK
eno t	VH
eno v	KS
eno y	VH
eno £	]B
eno –	;e
eno'	B]
eno's	A^
eno,	EY
eno, 	EY
eno-	UI
eno.	MQ
eno:	XF
eno: 	XF
eno?	DZ
eno? 	DZ
eno@	_@
eno@l	^A
eno@s	TJ
enoa	SK
enoac	SK
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
enobj	EY
enobl	B]
enobo	RL
enobs	TJ
enobv	FX
enoc	a?
enoc 	MQ
enoca	d<
enocc	ZD
enoch	ZD
enoci	UI
enock	YE
enoct	SK
enod	QM
enod 	=c
enod,	RL
enod.	XF
enoda	SK
enodd	b>
enodi	FX
enods	WG
enodu	KS
enodw	VH
enody	TJ
enoe	LR
enoe 	RL
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
enog,	^A
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
enois	YE
enok 	LR
enok'	UI
enok,	EY
enok.	IU
enok:	HV
enoka	B]
enoki	VH
enoko	]B
enoks	MQ
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
enoly	WG
enom	LR
enom 	KS
enom,	B]
enoma	IU
enomb	YE
enome	RL
enomi	HV
enomm	EY
enomp	LR
enoms	VH
enon 	KS
enon"	IU
enon'	B]
enon,	MQ
enon.	JT
enon:	EY
enona	WG
enonc	XF
enone	TJ
enonf	@_
enong	XF
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
enoom	UI
enoon	GW
enoop	TJ
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
enops	XF
enopy	FX
enor 	GW
enor)	[C
enor.	HV
enora	FX
enorc	JT
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
enorw	XF
enory	RL
enos	JT
enos,	HV
enos.	QM
enosg	LR
enosi	C[
enosp	LR
enoss	IU
enost	KS
enot	HV
enot,	XF
enot.	SK
enota	A^
enotb	DZ
enote	QM
enoti	@_
enoto	IU
enott	XF
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
enowr	WG
enows	WG
enox	VH
enox 	a?
enox.	GW
enoxb	GW
enoxe	JT
enoxi	IU
enoy 	FX
enoyl	RL
enoys	b>
enoz	LR
enoz 	^A
enoze	VH
enp (	MQ
enp /	VH
enp 0	QM
enp a	WG
enp b	TJ
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
enp s	WG
enp t	RL
enp u	IU
enp |	JT
enp £	ZD
enp!	ZD
enp'	HV
enp's	HV
enp)	DZ
enp) 	GW
enp,	VH
enp, 	VH
enp-	SK
enp-u	EY
enp. 	SK
enp:	FX
enp: 	FX
enp;	UI
enp; 	UI
enpa 	KS
enpac	EY
enpad	]B
enpag	5k
enpai	VH
enpal	ZD
enpan	QM
enpap	B]
enpar	UI
enpas	A^
enpau	a?
enpav	MQ
enpay	KS
enpd	;e
enpda	B]
enpdf	>b
enpe	RL
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
enphs	GW
enpia	RL
enpic	KS
enpie	LR
enpik	c=
enpil	TJ
enpin	GW
enpio	SK
enpip	GW
enpl 	SK
enpl0	WG
enpla	TJ
enpli	RL
enplo	ZD
enpls	LR
enplu	]B
enply	?a
enpm	YE
enpm 	SK
enpm,	RL
enpm.	c=
enpm;	a?
enpo	VH
enpo 	^A
enpoi	d<
enpok	GW
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
enppo	WG
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
enpst	UI
enpt	MQ
enpt 	JT
enpt,	IU
enpt.	SK
enpta	QM
enpte	VH
enpti	^A
enpu	MQ
enpul	YE
enpum	b>
enpun	B]
enpup	QM
enpur	b>
enpus	B]
enput	FX
enpw	UI
enpy	YE
enpy 	YE
enqt	UI
enqt 	WG
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
enr k	a?
enr m	MQ
enr n	QM
enr o	RL
enr q	FX
enr s	SK
enr t	SK
enr u	A^
enr v	EY
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
enr-i	GW
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
enrap	WG
enras	a?
enrat	LR
enrau	XF
enrav	TJ
enraw	LR
enrb	UI
enrbe	UI
enrbi	UI
enrbo	QM
enrbr	VH
enrby	TJ
enrc	HV
enrca	]B
enrci	IU
enrco	A^
enrcu	A^
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
enree	RL
enref	VH
enreg	FX
enreh	VH
enrek	KS
enrel	SK
enrem	KS
enren	SK
enrep	]B
enreq	GW
enrer	A^
enres	LR
enrev	HV
enrew	[C
enrey	LR
enrf	d<
enrf,	VH
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
enri,	a?
enria	MQ
enric	C[
enrid	QM
enrig	A^
enril	UI
enrim	]B
enrin	WG
enrio	KS
enrit	XF
enriz	EY
enrj	SK
enrjo	SK
enrk	UI
enrk 	KS
enrk,	GW
enrk.	UI
enrk?	C[
enrkd	HV
enrke	FX
enrki	_@
enrks	UI
enrkw	]B
enrl	LR
enrl 	RL
enrla	SK
enrle	SK
enrli	TJ
enrlo	VH
enrly	C[
enrm	RL
enrm 	KS
enrm,	UI
enrm.	[C
enrma	[C
enrmi	>b
enrmo	WG
enrms	]B
enrn	VH
enrn 	WG
enrn,	MQ
enrn.	_@
enrnb	UI
enrne	SK
enrni	GW
enrnm	SK
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
enrop	QM
enror	A^
enros	A^
enrou	RL
enrov	VH
enroz	HV
enrp	i7
enrpe	a?
enrph	YE
enrpr	^A
enrps	TJ
enrq	A^
enrqu	A^
enrr	RL
enrr 	ZD
enrr,	^A
enrra	YE
enrre	KS
enrri	SK
enrry	FX
enrs	RL
enrs 	KS
enrs!	QM
enrs'	WG
enrs)	HV
enrs,	JT
enrs.	SK
enrs:	QM
enrs?	HV
enrs@	YE
enrsa	UI
enrsb	ZD
enrsd	TJ
enrse	UI
enrsh	RL
enrsi	EY
enrso	LR
enrst	LR
enrt	RL
enrt 	GW
enrt,	VH
enrt.	KS
enrta	>b
enrte	[C
enrth	UI
enrti	IU
enrtl	YE
enrtn	EY
enrto	<d
enrts	h8
enrtu	TJ
enru	QM
enru 	a?
enrua	IU
enruc	ZD
enrud	KS
enrue	RL
enrug	JT
enrui	TJ
enrul	B]
enrum	SK
enrus	B]
enrv	QM
enrva	LR
enrve	YE
enrvi	JT
enrw	ZD
enrwa	d<
enrwe	EY
enrwi	]B
enrwo	LR
enry 	QM
enry'	A^
enry)	@_
enry-	SK
enry.	LR
enry:	[C
enry;	VH
enry@	YE
enryb	A^
enryc	YE
enryo	C[
enryt	YE
enryw	IU
ens 	QM
ens $	YE
ens &	FX
ens (	LR
ens +	ZD
ens -	_@
ens 0	C[
ens a	YE
ens b	MQ
ens c	QM
ens d	KS
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
ens v	SK
ens w	TJ
ens y	HV
ens |	IU
ens £	TJ
ens ·	MQ
ens –	GW
ens €	VH
ens!	JT
ens! 	@_
ens"	TJ
ens" 	QM
ens'	RL
ens' 	SK
ens) 	GW
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
ens: 	^A
ens;	[C
ens; 	[C
ens?	:f
ens? 	9g
ens@	e;
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
ensap	?a
ensar	MQ
ensas	JT
ensat	^A
ensav	FX
ensaw	_@
ensax	_@
ensay	9g
ensb	UI
ensba	C[
ensby	QM
ensc	VH
ensc 	]B
ensca	VH
ensch	SK
ensco	LR
enscu	@_
ensd	TJ
ensda	TJ
ense 	@_
ense,	JT
ense.	B]
ense:	ZD
ense?	B]
ensea	YE
ensec	JT
ensed	]B
enseh	f:
ensel	QM
ensen	IU
ensep	QM
enser	RL
enses	]B
enset	FX
enseu	ZD
ensev	RL
ensew	SK
ensg	SK
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
ensid	ZD
ensie	FX
ensig	WG
ensil	KS
ensim	JT
ensio	FX
ensir	;e
ensis	JT
ensit	QM
ensiv	EY
ensix	SK
ensiz	LR
ensk	MQ
ensk 	JT
ensk,	UI
ensk.	UI
ensk0	ZD
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
ensna	WG
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
ensou	IU
enspe	DZ
enspi	LR
enspl	f:
enspo	^A
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
ensso	UI
enssu	VH
enssw	;e
enst	WG
enst 	MQ
enst,	9g
enst-	DZ
enst.	]B
enst:	QM
enst;	IU
ensta	SK
enste	UI
ensti	JT
enstl	[C
enstm	LR
ensto	YE
enstr	VH
ensts	C[
enstu	A^
ensty	[C
ensu	UI
ensua	XF
ensue	ZD
ensui	]B
ensun	QM
ensup	A^
ensur	XF
ensw	IU
enswe	GW
enswo	DZ
ensy	MQ
ensyc	LR
ent 	FX
ent "	ZD
ent &	c=
ent (	FX
ent 0	LR
ent b	JT
ent c	QM
ent d	LR
ent e	KS
ent f	RL
ent g	GW
ent i	IU
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
ent, 	TJ
ent-	GW
ent-o	MQ
ent-s	KS
ent.	KS
ent. 	LR
ent.)	B]
ent.e	c=
ent0	FX
ent;	GW
ent; 	GW
ent?	B]
ent? 	B]
ent@	WG
enta	MQ
enta 	YE
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
ente:	@_
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
enthl	WG
entho	[C
enthr	UI
enths	TJ
enthu	UI
enthw	JT
enti	SK
entia	@_
entie	YE
entif	QM
entig	@_
entil	HV
entim	QM
entin	TJ
entip	^A
entiq	SK
entis	IU
entit	KS
entiv	WG
entle	QM
entlo	RL
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
entri	IU
entro	KS
entry	LR
ents	SK
ents 	TJ
ents)	IU
ents,	RL
ents;	VH
ents?	@_
ents@	YE
entse	FX
entsi	VH
entsm	^A
entt	QM
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
enty,	_@
enty-	]B
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
enu i	C[
enu k	YE
enu l	b>
enu m	RL
enu o	JT
enu p	[C
enu r	WG
enu t	GW
enu w	a?
enu'	IU
enu'd	UI
enu'l	FX
enu'r	FX
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
enub	QM
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
enuga	TJ
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
enuk	YE
enul 	<d
enul.	]B
enula	]B
enuld	GW
enule	DZ
enulg	JT
enull	RL
enuls	WG
enult	UI
enuly	SK
enum	HV
enum'	FX
enum,	IU
enumb	EY
enume	WG
enumn	GW
enump	_@
enums	FX
enun	WG
enung	b>
enuni	YE
enunl	GW
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
enupl	B]
enupp	KS
enur	RL
enur 	TJ
enur,	RL
enur-	SK
enur.	]B
enura	C[
enurb	VH
enurc	MQ
enure	IU
enurg	DZ
enuri	IU
enurl	QM
enurn	WG
enurp	]B
enurr	DZ
enurs	?a
enurt	ZD
enurv	]B
enury	^A
enus	MQ
enus 	IU
enus"	DZ
enus,	HV
enus.	VH
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
enusu	XF
enut,	EY
enut-	HV
enut.	JT
enute	KS
enuti	JT
enutl	]B
enuto	SK
enutt	UI
enutu	JT
enuy 	]B
enuya	GW
enuye	<d
enuz	MQ
env 	UI
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
enve.	]B
envec	KS
envel	RL
envem	=c
enven	A^
enver	RL
enves	SK
envey	TJ
envi	JT
envic	RL
envid	LR
envie	FX
envil	QM
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
envy 	FX
enw 0	XF
enw a	FX
enw b	RL
enw c	b>
enw d	UI
enw e	VH
enw f	RL
enw g	ZD
enw h	EY
enw i	UI
enw l	YE
enw m	7i
enw n	@_
enw o	c=
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
enwap	MQ
enwar	EY
enwas	GW
enwat	SK
enway	LR
enwb	UI
enwby	UI
enwc	MQ
enwd	EY
enwda	FX
enwe	WG
enwe 	[C
enwe.	]B
enwea	TJ
enweb	;e
enwee	QM
enwei	HV
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
enwho	TJ
enwhy	VH
enwi 	YE
enwic	YE
enwid	^A
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
enwo,	_@
enwo.	@_
enwob	GW
enwom	WG
enwon	HV
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
enx b	UI
enx f	_@
enx i	XF
enx o	FX
enx r	VH
enx t	MQ
enx |	VH
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
enxch	ZD
enxe	]B
enxed	TJ
enxes	EY
enxis	[C
enxl	UI
enxle	QM
enxm	JT
enxma	KS
enxt	LR
enxt 	SK
enxtr	JT
enxty	MQ
enxx	ZD
eny 	RL
eny "	QM
eny &	XF
eny '	EY
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
eny'v	A^
eny)	DZ
eny) 	JT
eny),	@_
eny).	TJ
eny,	JT
eny, 	JT
eny-	XF
eny-o	WG
eny.	KS
eny. 	JT
eny.e	_@
eny0	XF
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
enyc	YE
enyce	YE
enych	MQ
enycl	XF
enyd	HV
enye	VH
enye 	SK
enyea	WG
enyel	8h
enyer	QM
enyes	WG
enyi	YE
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
enys;	UI
enyse	QM
enyst	e;
enyt	MQ
enyth	MQ
enyv	FX
enywh	KS
enywi	[C
enyy	IU
enyy 	IU
enz,	GW
enz, 	GW
enze	QM
enze,	HV
enzel	WG
enzen	VH
enzer	VH
enzy	LR
enzz	KS
en| 	KS
en| -	]B
en| 0	SK
en| a	VH
en| b	WG
en| c	[C
en| d	KS
en| f	EY
en| g	HV
en| h	SK
en| i	MQ
en| k	XF
en| l	JT
en| m	UI
en| n	a?
en| o	B]
en| p	KS
en| r	f:
en| s	RL
en| t	TJ
en| u	FX
en| w	[C
en| y	WG
en| |	IU
en| £	d<
en~ 	UI
en~~	UI
en~~ 	UI
en£0	UI
en£0 	XF
en£0,	RL
en£0.	VH
en£00	QM
en£0m	a?
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
es "m	EY
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
es ag	_@
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
es do	VH
es du	XF
es dí	SK
es dó	EY
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
es km	VH
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
es v	KS
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
es"m	EY
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
es, a	MQ
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
es. 0	WG
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
es/ 0	TJ
es/k	IU
es/kg	SK
es0 	]B
es0 %	VH
es0 (	[C
es0 -	IU
es0 /	TJ
es0 0	g9
es0 a	TJ
es0 c	UI
es0 d	SK
es0 h	KS
es0 k	XF
es0 l	b>
es0 m	]B
es0 n	]B
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
esa) 	IU
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
esajo	TJ
esal	MQ
esal 	VH
esal)	LR
esal,	GW
esal.	HV
esala	RL
esalb	[C
esalc	QM
esald	JT
esale	EY
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
esane	WG
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
esate	FX
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
esb0	_@
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
esce.	WG
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
esect	SK
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
esei	^A
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
esene	VH
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
esers	LR
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
esfer	SK
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
eshi 	FX
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
esied	LR
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
esl i	HV
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
esla,	KS
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
eslga	FX
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
eslom	WG
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
eslue	SK
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
esmbi	WG
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
esmin	RL
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
eso a	]B
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
eso?	B]
eso? 	B]
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
esotó	A^
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
esp 0	YE
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
espel	DZ
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
espon	C[
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
esreb	RL
esrec	DZ
esred	]B
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
esrfe	A^
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
esrma	XF
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
esroc	JT
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
esrri	A^
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
esrub	]B
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
ess u	ZD
ess v	RL
ess y	UI
ess “	VH
ess"	HV
ess".	DZ
ess) 	LR
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
essa	UI
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
essí,	[C
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
esy y	SK
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
esíti	JT
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
esónd	EY
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
es€ a	f:
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
fr (d	WG
fr (e	JT
fr (j	QM
fr (o	MQ
fr (p	KS
fr (q	SK
fr (s	HV
fr (t	JT
fr (v	TJ
fr -	QM
fr - 	QM
fr -0	VH
fr /	]B
fr / 	VH
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
fr a 	MQ
fr ab	TJ
fr af	TJ
fr al	LR
fr am	JT
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
fr ch	UI
fr ci	KS
fr cl	UI
fr co	TJ
fr cr	MQ
fr cu	GW
fr cô	WG
fr d	SK
fr d'	QM
fr da	SK
fr de	TJ
fr di	MQ
fr dr	SK
fr e	RL
fr ea	TJ
fr el	IU
fr en	JT
fr et	ZD
fr ex	GW
fr f	SK
fr fe	RL
fr fl	KS
fr fr	QM
fr fé	SK
fr fê	MQ
fr g	IU
fr g0	SK
fr ga	>b
fr ge	KS
fr gr	SK
fr gs	LR
fr gu	LR
fr gé	ZD
fr h 	^A
fr h,	TJ
fr h.	XF
fr ha	JT
fr he	QM
fr hi	JT
fr hu	_@
fr hé	QM
fr i	KS
fr il	LR
fr in	JT
fr j'	JT
fr ja	VH
fr je	MQ
fr jo	SK
fr ju	SK
fr j’	LR
fr k	]B
fr ka	LR
fr ke	d<
fr ki	VH
fr km	ZD
fr kr	RL
fr le	KS
fr li	QM
fr lo	RL
fr lu	MQ
fr là	FX
fr lé	SK
fr m	LR
fr m 	UI
fr m'	FX
fr m.	GW
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
fr n'	MQ
fr na	QM
fr ne	QM
fr ni	JT
fr nu	IU
fr n°	JT
fr o	TJ
fr ob	SK
fr oc	HV
fr od	YE
fr ok	UI
fr om	MQ
fr on	VH
fr op	IU
fr or	HV
fr ou	MQ
fr où	LR
fr p	HV
fr pa	KS
fr pe	QM
fr ph	FX
fr pi	VH
fr pl	IU
fr po	WG
fr pr	LR
fr pu	C[
fr pâ	LR
fr pè	RL
fr pé	MQ
fr q	KS
fr qu	KS
fr ra	JT
fr rd	VH
fr ro	RL
fr s	QM
fr s'	SK
fr se	VH
fr si	KS
fr sl	FX
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
fr ur	UI
fr v	IU
fr va	SK
fr ve	A^
fr vi	XF
fr vo	FX
fr vé	JT
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
fr » 	JT
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
fr €	WG
fr € 	UI
fr €)	MQ
fr €,	]B
fr €.	[C
fr €/	UI
fr! 	EY
fr!)	MQ
fr!),	MQ
fr" 	JT
fr"l	MQ
fr$ 	YE
fr% 	KS
fr& 	SK
fr& c	SK
fr'a	MQ
fr'ab	WG
fr'ac	KS
fr'ai	LR
fr'an	JT
fr'as	JT
fr'at	UI
fr'av	HV
fr'e	LR
fr'ea	LR
fr'en	B]
fr'es	MQ
fr'hu	VH
fr'i	KS
fr'im	RL
fr'in	DZ
fr'on	KS
fr'ou	MQ
fr'u	QM
fr'un	MQ
fr'é	RL
fr'éc	LR
fr'ég	QM
fr'éq	WG
fr(0	IU
fr(0 	VH
fr(00	JT
fr(a	DZ
fr(c	MQ
fr(c'	KS
fr(co	SK
fr(d	WG
fr(da	VH
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
fr(s	HV
fr(t	JT
fr(v	TJ
fr) 	GW
fr) :	VH
fr) e	JT
fr) g	SK
fr),	QM
fr), 	QM
fr).	MQ
fr). 	MQ
fr, 	KS
fr, 0	XF
fr, a	RL
fr, b	RL
fr, c	QM
fr, d	QM
fr, e	WG
fr, g	[C
fr, h	TJ
fr, j	KS
fr, l	WG
fr, n	JT
fr, o	RL
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
fr-hu	QM
fr-j	RL
fr-l	QM
fr-la	QM
fr-le	IU
fr-m	QM
fr-mi	VH
fr-mo	JT
fr-n	ZD
fr-ne	WG
fr-o	SK
fr-or	a?
fr-p	RL
fr-pa	B]
fr-s	TJ
fr-sa	UI
fr-v	YE
fr-ve	YE
fr-vi	VH
fr-vo	UI
fr-ê	HV
fr-êt	HV
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
fr/ 	VH
fr/ 0	UI
fr/0	JT
fr/00	JT
fr0 	[C
fr0 $	YE
fr0 (	KS
fr0 /	[C
fr0 :	GW
fr0 ;	WG
fr0 a	RL
fr0 b	[C
fr0 c	ZD
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
fr0 v	TJ
fr0 |	EY
fr0 €	WG
fr0)	TJ
fr0, 	SK
fr0-	ZD
fr0-0	ZD
fr0.	^A
fr0. 	]B
fr0.0	UI
fr0/	HV
fr0/0	HV
fr00	^A
fr00 	[C
fr00)	TJ
fr00-	ZD
fr00.	^A
fr00/	HV
fr000	]B
fr00h	UI
fr0e	VH
fr0er	VH
fr0h	UI
fr0h 	^A
fr0h,	XF
fr0h-	YE
fr0h.	TJ
fr0x	JT
fr0x 	QM
fr0z	SK
fr0z0	SK
fr: 	HV
fr: b	VH
fr: c	SK
fr: l	KS
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
fr@gr	UI
fr@v	GW
fra 	GW
fra 0	MQ
fra a	JT
fra b	QM
fra c	LR
fra d	FX
fra e	DZ
fra g	MQ
fra h	SK
fra p	SK
fra q	QM
fra r	IU
fra s	JT
fra v	VH
fra à	GW
fra é	B]
fra)	RL
fra) 	RL
fra,	JT
fra, 	JT
fra.	QM
fra. 	QM
frab	SK
fraba	UI
frabe	RL
frabl	IU
frabr	XF
frabs	JT
frac	RL
frac 	SK
frace	QM
frach	GW
fracl	IU
fraco	C[
fract	FX
fracé	TJ
frad	QM
frada	KS
fradh	WG
frado	FX
fradr	MQ
fradu	VH
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
fraig	VH
fraim	EY
frain	VH
frair	MQ
frais	HV
fral	LR
fral.	QM
frala	[C
frale	IU
frall	KS
fralu	QM
fram	[C
frama	LR
framb	QM
frame	a?
framo	YE
framp	WG
fran	VH
fran,	WG
fran-	LR
fran.	XF
frand	SK
frane	TJ
frang	KS
frani	UI
frann	SK
frano	YE
franq	GW
frans	RL
frant	QM
franv	YE
franç	VH
frao	e;
fraoû	^A
frape	VH
frapo	KS
frapp	KS
frapr	LR
fraq	ZD
fraqu	ZD
frar	UI
frar 	IU
frar.	SK
frarc	MQ
frard	LR
frare	^A
frarg	QM
frari	QM
frark	KS
frarl	GW
fraro	TJ
frarr	SK
frars	KS
fras	MQ
fras 	KS
fras,	SK
fras.	A^
frasi	SK
frass	QM
frast	QM
frat	]B
frat 	SK
frat.	TJ
frate	VH
frath	UI
frato	SK
fratr	ZD
fratt	QM
fratu	UI
frau 	RL
frau,	JT
frau-	TJ
frau.	RL
frau@	ZD
fraub	VH
fraud	GW
frauf	QM
fraug	QM
fraul	JT
fraur	VH
fraus	MQ
fraut	MQ
fraux	QM
frav	VH
frava	RL
frave	RL
fravi	QM
fravo	WG
fravr	RL
frax	HV
fraxe	_@
fraxi	HV
fray	QM
frayo	UI
fraz	HV
fraî	LR
fraîn	RL
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
frbj	UI
frbje	UI
frbl	FX
frbla	GW
frble	A^
frblo	LR
frboi	UI
frbon	A^
frbor	YE
frbot	MQ
frbou	WG
frboî	WG
frbr	QM
frbra	VH
frbre	JT
frbri	UI
frbru	KS
frbs	HV
frbse	HV
frbt	ZD
frbte	ZD
frbu	IU
frbud	LR
frbur	MQ
frbut	MQ
frbv	IU
frbve	IU
frbé.	QM
frbén	MQ
frc 	RL
frc d	UI
frc j	RL
frc l	C[
frc m	IU
frc o	DZ
frc p	GW
frc s	RL
frc t	VH
frc'	MQ
frc'e	LR
frc'é	RL
frc,	KS
frc, 	KS
frc.	YE
frc. 	VH
frca	TJ
frcai	MQ
frcal	HV
frcam	B]
frcan	[C
frcar	HV
frcas	XF
frcat	MQ
frcau	[C
frce 	TJ
frce,	RL
frce.	QM
frcel	DZ
frcen	MQ
frcep	VH
frcet	KS
frcev	TJ
frch	UI
frcha	TJ
frchi	TJ
frcho	HV
frchê	TJ
frci	JT
frci 	MQ
frci-	DZ
frcia	SK
frcid	A^
frcie	GW
frcil	MQ
frcin	YE
frcit	DZ
frcié	MQ
frck	VH
frck 	VH
frcl	WG
frcla	RL
frcle	SK
frcli	>b
frclo	XF
frclu	WG
frclé	KS
frcol	WG
frcom	KS
frcon	LR
frcop	FX
frcot	RL
frcou	QM
frcoû	HV
frcr	DZ
frcra	KS
frcre	VH
frcri	FX
frcro	HV
frcrè	GW
frcs	WG
frcs 	WG
frct	FX
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
frcée	XF
frcô	WG
frcôt	WG
frd 	MQ
frd a	DZ
frd e	MQ
frd j	YE
frd l	TJ
frd p	C[
frd s	HV
frd à	IU
frd'	QM
frd'a	VH
frd'e	JT
frd'h	KS
frd'i	KS
frd'o	MQ
frd'u	MQ
frd'é	RL
frd,	MQ
frd, 	MQ
frd.	SK
frd. 	SK
frda	UI
frda 	QM
frda,	JT
frdai	QM
frdan	TJ
frdas	FX
frde	TJ
frde 	[C
frdel	RL
frdem	GW
frden	RL
frdep	QM
frder	MQ
frdes	LR
frdev	@_
frdez	QM
frdg	LR
frdge	LR
frdh	WG
frdhé	WG
frdi	RL
frdi 	VH
frdi,	XF
frdia	TJ
frdic	MQ
frdie	ZD
frdif	GW
frdil	YE
frdim	RL
frdin	UI
frdir	KS
frdis	QM
frdit	HV
frdiv	YE
frdix	MQ
frdiz	FX
frdiè	IU
frdo	RL
frdoi	DZ
frdos	JT
frdou	WG
frdr	FX
frdra	KS
frdre	MQ
frdri	GW
frds	MQ
frds 	MQ
frdu	RL
frdu 	QM
frdu-	QM
frduc	TJ
frdue	ZD
frdul	VH
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
fre "	GW
fre (	FX
fre 0	]B
fre :	QM
fre ;	HV
fre a	XF
fre b	EY
fre c	YE
fre d	WG
fre e	WG
fre f	VH
fre g	C[
fre h	SK
fre i	UI
fre j	LR
fre k	YE
fre l	WG
fre m	IU
fre n	KS
fre o	VH
fre p	MQ
fre r	SK
fre t	LR
fre u	MQ
fre |	g9
fre »	JT
fre à	UI
fre ç	DZ
fre é	IU
fre –	GW
fre)	LR
fre) 	LR
fre),	MQ
fre).	TJ
fre-c	TJ
fre-d	RL
fre-m	JT
fre-v	YE
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
frein	DZ
frel,	DZ
frel.	KS
frele	FX
freli	UI
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
freni	SK
frenl	JT
frenn	WG
freno	QM
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
frerd	TJ
frere	LR
frerf	TJ
freri	UI
frerl	QM
frerm	XF
frern	KS
frerr	JT
frers	VH
fres 	MQ
fres)	FX
fres,	TJ
fres-	C[
fres.	JT
fresc	IU
fresp	UI
fress	KS
fresu	ZD
fret	QM
fret 	XF
fret)	WG
frete	B]
freti	QM
freto	QM
fretr	HV
frets	YE
frett	SK
fretu	RL
freté	IU
freu	LR
freu 	DZ
freub	VH
freud	VH
freui	LR
freul	SK
freur	LR
freus	ZD
freut	FX
freuv	RL
frev	HV
frevi	HV
frevo	JT
frexa	UI
frexc	MQ
frexi	XF
frexp	GW
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
frfac	FX
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
frfin	C[
frfir	FX
frfl	MQ
frfle	VH
frfor	MQ
frfou	XF
frfra	SK
frfrè	GW
frfs	KS
frfs 	DZ
frfu	UI
frfé	RL
frfér	JT
frfê	MQ
frfêt	MQ
frg 	QM
frg d	SK
frg.	RL
frg0	SK
frg0x	SK
frgag	QM
frgal	FX
frgar	TJ
frgas	RL
frgat	RL
frgau	IU
frgaz	HV
frge	KS
frge 	MQ
frge,	WG
frge.	DZ
frger	GW
frges	KS
frget	LR
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
frgr	XF
frgra	ZD
frgre	XF
frgro	GW
frgs	QM
frgsm	LR
frgt	TJ
frgts	VH
frgu	ZD
frgue	]B
frgui	QM
frguy	UI
frgé	WG
frgén	WG
frh 	d<
frh (	TJ
frh /	SK
frh 0	TJ
frh e	UI
frh p	SK
frh |	VH
frh à	[C
frh,	YE
frh, 	YE
frh-	ZD
frh-0	YE
frh.	ZD
frh. 	ZD
frha	TJ
frhai	SK
frhal	KS
frham	JT
frhan	VH
frhaq	ZD
frhar	KS
frhat	SK
frhau	IU
frhe,	LR
frhe.	VH
frhef	WG
frhel	B]
frhem	KS
frher	EY
frhes	TJ
frhet	HV
frhez	UI
frhi	TJ
frhie	VH
frhis	MQ
frhiv	VH
frho	HV
frhom	JT
frhos	JT
frhot	GW
frhu	^A
frhui	WG
frhèq	RL
frhèr	C[
frhèt	TJ
frhé	JT
frhé,	IU
frhér	JT
frhés	LR
frhê	TJ
frhên	TJ
fri 	QM
fri 0	MQ
fri a	QM
fri b	LR
fri d	UI
fri e	SK
fri j	HV
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
fri-	LR
fri-d	GW
fri.	QM
fri. 	QM
fria	YE
friag	TJ
frial	TJ
frian	SK
friat	SK
frib	LR
friba	VH
fribl	JT
fric	LR
fric 	ZD
frica	LR
frich	KS
frici	EY
frick	VH
frict	GW
fridi	VH
fridu	ZD
fridé	@_
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
frigu	JT
fril	RL
fril 	IU
fril,	XF
fril.	WG
frile	VH
frili	RL
frill	TJ
frilo	VH
frils	IU
frilà	LR
frim	JT
frim 	QM
frima	QM
frime	HV
frimo	YE
frimp	QM
frimu	GW
frin	UI
frin 	SK
frin,	KS
frin.	QM
frina	YE
frinc	LR
frind	MQ
frine	SK
fring	RL
frini	UI
frinq	JT
frins	QM
frint	MQ
frinu	IU
frinz	WG
frio	MQ
friol	LR
frion	LR
frip	LR
fripe	RL
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
frisc	QM
frise	RL
frisi	LR
friso	LR
frisp	IU
friss	SK
frist	QM
frit	JT
frit,	RL
frit.	A^
frita	KS
frite	FX
friti	JT
fritr	UI
frits	XF
fritu	IU
frité	ZD
friv	UI
friva	MQ
frive	SK
frivi	SK
frivo	VH
frivr	RL
frix	RL
frix 	QM
frix,	KS
frix-	RL
frixa	TJ
friz	FX
friza	FX
friè	SK
frièc	UI
frié	EY
frié 	FX
frié.	IU
friée	UI
friés	KS
friét	QM
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
frj’	LR
frj’a	TJ
frk 	XF
frka	LR
frke	d<
frker	d<
frkil	VH
frkin	KS
frkm	[C
frkm 	YE
frkm.	UI
frkr	RL
frl 	MQ
frl (	TJ
frl 0	VH
frl a	UI
frl c	TJ
frl e	JT
frl f	SK
frl l	LR
frl m	MQ
frl n	B]
frl t	A^
frl y	SK
frl à	UI
frl'e	>b
frl'h	QM
frl'i	FX
frl'o	SK
frl'é	RL
frl)	RL
frl),	RL
frl,	MQ
frl, 	MQ
frl.	LR
frl. 	KS
frl.e	QM
frla 	JT
frlac	VH
frlag	ZD
frlam	VH
frlan	LR
frlas	RL
frlat	EY
frlau	LR
frlav	ZD
frlaî	EY
frle 	LR
frle-	LR
frle.	JT
frle@	KS
frled	RL
frlem	TJ
frlen	IU
frler	C[
frlet	a?
frleu	HV
frlev	JT
frlez	C[
frlia	LR
frlib	XF
frlic	UI
frlid	EY
frlie	MQ
frlig	JT
frlin	MQ
frliq	HV
frlir	DZ
frlit	QM
frliv	TJ
frll	RL
frlle	TJ
frlli	HV
frllo	MQ
frllé	QM
frllô	HV
frlm	HV
frlmo	IU
frlo	MQ
frlo 	JT
frlo.	WG
frloc	RL
frlog	JT
frloi	SK
frlom	TJ
frlon	IU
frlos	QM
frlou	]B
frloy	SK
frloï	KS
frls	KS
frls 	KS
frlt	KS
frlt 	DZ
frlta	KS
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
frly	DZ
frlà	FX
frlà 	GW
frlà-	IU
frlèv	MQ
frlé	MQ
frlé.	TJ
frléc	IU
frlée	UI
frlég	TJ
frlés	IU
frlô	HV
frlô 	HV
frl’e	a?
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
frmai	MQ
frmal	EY
frmar	RL
frmat	YE
frmb	LR
frmbe	TJ
frmbl	KS
frmbr	MQ
frmbé	KS
frme 	EY
frme,	UI
frmea	UI
frmed	[C
frmem	RL
frmen	HV
frmer	LR
frmes	YE
frmeu	XF
frmi 	HV
frmi-	UI
frmid	VH
frmie	RL
frmil	YE
frmin	LR
frmio	GW
frmir	UI
frmit	MQ
frmiè	QM
frml	RL
frmm	RL
frmme	LR
frmmu	^A
frmo	QM
frmod	RL
frmoi	RL
frmor	RL
frmos	LR
frmot	C[
frmou	UI
frmp	TJ
frmpa	GW
frmpe	VH
frmpl	YE
frmpo	YE
frmpr	WG
frmpt	FX
frms	FX
frms,	HV
frmul	LR
frmum	GW
frmun	^A
frmus	DZ
frmè	QM
frmèt	UI
frmé 	c=
frméc	WG
frmée	SK
frmén	GW
frmér	DZ
frmét	RL
frmê	UI
frmêm	UI
frm’	MQ
frm’a	MQ
frn (	KS
frn 0	ZD
frn a	JT
frn b	GW
frn d	MQ
frn e	TJ
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
frn y	WG
frn »	FX
frn à	VH
frn é	SK
frn'	MQ
frn'a	LR
frn)	UI
frn-	TJ
frn-l	SK
frn-v	TJ
frn.	UI
frn. 	UI
frn.e	TJ
frna	UI
frna 	XF
frnad	RL
frnag	KS
frnai	SK
frnc	SK
frnc,	HV
frnce	WG
frnch	RL
frnci	JT
frnco	DZ
frnd 	MQ
frnd.	TJ
frnda	QM
frndi	TJ
frndo	YE
frndr	MQ
frndu	HV
frne	ZD
frne 	WG
frne,	KS
frne-	RL
frnea	UI
frnec	[C
frnel	RL
frnem	RL
frnen	RL
frneq	TJ
frner	IU
frnes	XF
frnet	UI
frneu	MQ
frnev	MQ
frnez	MQ
frnf	IU
frnfi	GW
frnge	GW
frngl	KS
frngs	TJ
frngt	TJ
frngu	WG
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
frnnu	JT
frnné	JT
frno 	IU
frnoi	KS
frnom	IU
frnon	XF
frnot	WG
frnou	ZD
frnov	RL
frnoë	QM
frnq	EY
frnqu	EY
frns	XF
frns 	VH
frns.	c=
frnsa	VH
frnsc	JT
frnse	TJ
frnst	TJ
frnt 	RL
frnt,	SK
frnt-	SK
frnt.	GW
frnta	QM
frnte	SK
frntf	UI
frntg	YE
frnti	KS
frnto	UI
frnts	EY
frnu 	DZ
frnui	UI
frnul	JT
frnum	A^
frnus	UI
frnv	XF
frnve	SK
frnvi	YE
frnvo	TJ
frnz	WG
frnze	WG
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
fro e	KS
fro p	MQ
fro,	JT
fro, 	JT
fro-	ZD
fro.	VH
fro. 	VH
frob	MQ
frobj	UI
frobr	IU
froc	MQ
froc 	XF
frocc	QM
froch	WG
frocu	MQ
frod	YE
frode	DZ
frodi	YE
frodè	UI
frog	LR
frogi	KS
froh	_@
froha	_@
froi	KS
froi 	RL
froi,	LR
froic	HV
froig	MQ
froil	KS
froin	[C
froir	JT
frois	LR
froit	GW
froix	ZD
frok	UI
frok 	UI
frol.	MQ
frola	SK
frole	SK
froli	MQ
frolo	KS
frolé	GW
from	MQ
from 	KS
fromb	KS
fromi	VH
fromm	TJ
fromp	MQ
froms	FX
fron	TJ
fron 	VH
fron,	HV
fron-	IU
fron.	FX
fronc	VH
frond	GW
fronf	IU
fronj	IU
fronn	HV
frono	HV
frons	WG
front	RL
fronv	DZ
fronz	QM
froo	FX
froor	FX
frop	EY
frop 	YE
frop.	JT
fropi	FX
fropo	EY
fropr	QM
fropt	IU
fror 	GW
fror,	IU
frorc	VH
frord	LR
frore	C[
frorm	LR
frorn	VH
frorr	TJ
frors	SK
frort	^A
frorv	XF
fros	GW
fros 	HV
fros,	VH
fros.	EY
frosa	WG
frose	KS
frosi	VH
fross	JT
frost	SK
frosé	IU
frot	EY
frot 	EY
frote	KS
froto	GW
frotr	SK
frott	RL
froté	EY
frou 	FX
froub	SK
frouc	WG
froud	LR
froue	RL
froug	IU
frouh	GW
froui	A^
froul	SK
froum	[C
froup	XF
frouq	QM
frour	JT
frous	VH
frout	QM
froué	[C
frov	[C
frove	TJ
froy	SK
froye	UI
froë	TJ
froël	TJ
froî	WG
froît	WG
froï	KS
froïc	KS
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
frper	JT
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
frpol	KS
frpom	WG
frpon	KS
frpor	^A
frpos	MQ
frpot	^A
frpp	JT
frppe	MQ
frppl	MQ
frppo	LR
frppr	RL
frpr	KS
frpre	SK
frpri	JT
frpro	IU
frpré	RL
frprê	ZD
frps 	QM
frps.	KS
frpt	LR
frpt.	[C
frpte	HV
frpti	JT
frpu	IU
frpu 	JT
frpub	IU
frpui	JT
frpâ	LR
frpâl	LR
frpè	ZD
frpèr	WG
frpér	JT
frpê	RL
frpô	UI
frpôt	UI
frqu	KS
frqu'	MQ
frqua	VH
frque	HV
frqui	QM
frquo	SK
frqué	LR
frqu’	IU
frr 	C[
frr (	QM
frr :	LR
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
frr r	VH
frr s	FX
frr t	EY
frr u	KS
frr v	B]
frr »	IU
frr)	LR
frr) 	KS
frr,	JT
frr, 	JT
frr-	]B
frr.	LR
frr. 	LR
frr.e	WG
frr@	VH
frra	MQ
frra 	A^
frra.	SK
frrag	LR
frrai	IU
frram	ZD
frran	XF
frras	IU
frrat	TJ
frrav	SK
frraî	MQ
frrce	JT
frrch	MQ
frrci	MQ
frrcr	a?
frrd	MQ
frrd 	MQ
frrda	SK
frrdo	IU
frrdr	QM
frrdv	VH
frre 	MQ
frre)	QM
frre,	VH
frre-	[C
frre.	EY
frrea	LR
frred	]B
frreg	UI
frrei	UI
frrel	HV
frrem	RL
frren	LR
frrep	JT
frrer	UI
frret	LR
frreu	EY
frrev	WG
frrf	TJ
frrg	YE
frrge	[C
frri	KS
frrib	HV
frric	KS
frrif	C[
frrig	HV
frril	QM
frrim	MQ
frrin	SK
frrio	GW
frrip	JT
frriq	RL
frris	UI
frrit	JT
frrix	<d
frriè	QM
frrié	GW
frrk	KS
frrki	KS
frrl	GW
frrle	KS
frrlo	IU
frrm	QM
frrme	UI
frrmu	LR
frrmé	VH
frrna	RL
frrne	YE
frrné	JT
frro	KS
frro 	FX
frroi	RL
frron	QM
frrop	MQ
frros	IU
frrou	QM
frrr	VH
frrra	VH
frrre	LR
frrri	XF
frrrê	GW
frrs	TJ
frrs 	SK
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
frrte	]B
frrti	UI
frrto	EY
frrub	MQ
frrue	WG
frrun	KS
frrv	VH
frrva	UI
frrve	UI
frry	KS
frry,	KS
frry.	QM
frrè	HV
frrèm	GW
frrèr	GW
frré	SK
frré 	TJ
frréa	IU
frréd	WG
frrée	RL
frréf	JT
frrég	_@
frrém	IU
frrép	[C
frrés	MQ
frrét	LR
frréu	GW
frrê	ZD
frrêt	YE
frs !	HV
frs (	QM
frs 0	TJ
frs :	HV
frs ;	TJ
frs ?	HV
frs b	_@
frs c	RL
frs d	RL
frs e	ZD
frs g	MQ
frs h	EY
frs i	LR
frs j	IU
frs l	MQ
frs m	UI
frs n	MQ
frs p	JT
frs r	RL
frs s	XF
frs t	MQ
frs u	TJ
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
frs-m	SK
frs.	JT
frs. 	IU
frs.e	QM
frsab	FX
frsai	JT
frsam	WG
frsar	RL
frsc	KS
frsca	b>
frscr	EY
frse 	TJ
frse,	IU
frse.	VH
frsec	JT
frsei	TJ
frsel	RL
frsem	RL
frsen	DZ
frsep	SK
frser	TJ
frses	LR
frset	KS
frseu	IU
frsez	IU
frsi 	LR
frsib	JT
frsic	KS
frsid	QM
frsig	RL
frsim	QM
frsio	VH
frsiq	GW
frsir	a?
frsit	B]
frsix	]B
frsl	FX
frslt	FX
frsm 	LR
frsob	HV
frsoi	UI
frsol	LR
frsom	WG
frsor	QM
frsou	MQ
frsp	YE
frspi	IU
frspo	WG
frsq	IU
frsqu	IU
frsr	VH
frss	RL
frssa	VH
frssi	HV
frsso	KS
frssé	VH
frst	RL
frsta	YE
frste	LR
frsto	C[
frstr	RL
frsu	LR
frsub	IU
frsuj	EY
frsul	KS
frsup	DZ
frsur	JT
frsus	WG
frsv	GW
frsvp	GW
frsé 	TJ
frsé,	KS
frsée	FX
frsés	^A
frs’	WG
frs’a	^A
frt (	VH
frt 0	LR
frt ;	KS
frt a	RL
frt b	LR
frt c	QM
frt d	XF
frt e	FX
frt g	QM
frt i	SK
frt j	XF
frt l	TJ
frt m	XF
frt n	YE
frt o	RL
frt p	GW
frt q	IU
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
frt-v	^A
frt-ê	HV
frt.	IU
frt. 	MQ
frta	YE
frtab	JT
frtac	WG
frtag	RL
frtal	RL
frtan	SK
frtat	UI
frtau	YE
frtax	a?
frte	DZ
frte)	IU
frte,	WG
frte.	RL
frtel	UI
frtem	JT
frten	QM
frter	EY
frtes	A^
frteu	VH
frtex	GW
frtez	MQ
frtf	UI
frtg	YE
frthe	MQ
frthi	QM
frti	RL
frti 	VH
frtic	FX
frtie	VH
frtif	MQ
frtig	B]
frtil	RL
frtim	LR
frtin	SK
frtiq	LR
frtir	VH
frtis	ZD
frtit	UI
frtiè	SK
frtié	DZ
frto,	IU
frto.	SK
frtoi	MQ
frtom	DZ
frton	ZD
frtor	UI
frtos	IU
frtou	RL
frtr	SK
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
frtue	QM
frtui	XF
frtur	IU
frtv	^A
frtva	^A
frté	IU
frté,	VH
frtée	JT
frtél	HV
frtéo	LR
frtés	SK
frtô	GW
frtôt	GW
fru 	JT
fru 0	QM
fru a	@_
fru b	RL
fru c	RL
fru d	HV
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
fru à	WG
fru'	MQ
fru'e	LR
fru'i	UI
fru'o	KS
fru,	LR
fru, 	LR
fru-	UI
fru-d	SK
fru.	TJ
fru. 	TJ
fru@	ZD
frua	XF
fruar	LR
fruat	]B
frub	[C
frub 	TJ
frube	TJ
frubl	LR
frubr	RL
frubv	IU
fruch	QM
fruci	MQ
fruco	DZ
fruct	WG
frucu	B]
frud	HV
frudg	LR
frudi	SK
frudr	GW
frue 	LR
frue)	VH
frue,	JT
frue.	MQ
fruei	QM
fruel	MQ
fruen	DZ
fruer	KS
fruet	[C
fruf	QM
fruff	QM
frug	VH
fruge	MQ
fruh	GW
fruha	GW
frui	MQ
fruil	RL
fruip	RL
fruis	LR
fruit	RL
fruiv	EY
fruj	B]
fruje	EY
frul	LR
frul 	WG
frula	KS
frule	LR
frulé	JT
frum 	LR
frum.	FX
frume	SK
frumi	ZD
frumé	GW
frun	JT
frun 	JT
frun-	]B
frun.	UI
fruni	QM
fruo	TJ
fruon	TJ
frup	TJ
frupe	UI
fruq	QM
fruqu	QM
frur	KS
frur 	GW
frur,	DZ
frur-	[C
frur@	VH
frura	TJ
frure	MQ
frurg	[C
fruri	QM
frurn	TJ
fruro	RL
frurr	[C
frurt	JT
frus	RL
frus 	VH
frus.	QM
frusa	MQ
fruse	TJ
frusi	C[
frusq	IU
fruss	WG
frust	IU
frut	JT
frut 	LR
frut,	QM
frut-	DZ
frut.	C[
fruta	RL
fruth	MQ
fruto	QM
frutr	HV
frutô	LR
fruvo	SK
fruvr	RL
frux	QM
frux 	QM
frux)	TJ
frux,	QM
frux.	KS
fruxi	QM
fruy	XF
fruz	XF
frué	ZD
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
frvat	XF
frve	LR
frve 	IU
frvea	KS
frvec	MQ
frvei	WG
frvel	KS
frvem	SK
frven	]B
frver	GW
frves	QM
frveu	EY
frvez	ZD
frvi	RL
frvid	UI
frvie	WG
frvig	[C
frvil	MQ
frvin	XF
frvir	LR
frvis	EY
frvit	SK
frviv	RL
frvo	KS
frvoi	FX
frvol	SK
frvon	XF
frvot	IU
frvoy	WG
frvp	HV
frvp 	FX
frvr	TJ
frvra	FX
frvre	RL
frvri	QM
frvé	LR
frvé 	MQ
frvée	XF
frvér	GW
frwe	KS
frx 	LR
frx 0	JT
frx c	UI
frx d	IU
frx p	LR
frx q	RL
frx à	KS
frx)	TJ
frx-	SK
frx-h	QM
frx-n	VH
frx.	KS
frx. 	KS
frxa	VH
frxam	VH
frxan	TJ
frxc	MQ
frxcu	KS
frxe	_@
frxi	IU
frxis	XF
frxiè	QM
frxp	GW
frxpl	GW
frxt	FX
frxte	GW
frxtr	HV
fry 	]B
fry a	SK
fry e	SK
fry v	UI
fry,	MQ
fry, 	MQ
fry. 	JT
fry.e	SK
frya	UI
frye	WG
fryen	UI
fryer	KS
fryeu	RL
fryo	XF
fryon	WG
frys	MQ
fryè	LR
fryèr	LR
frz c	C[
frz d	QM
frz e	TJ
frz l	LR
frz m	KS
frz p	C[
frz r	TJ
frz v	VH
frz-	WG
frz-v	UI
frz0	SK
frza	SK
frza 	UI
frzai	QM
frze	WG
frze 	WG
frzo	XF
fr| 	LR
fr| 0	QM
fr| e	FX
fr| l	VH
fr| m	YE
fr| v	c=
fr| |	JT
fr« 	GW
fr« c	QM
fr« d	JT
fr« l	DZ
fr« p	HV
fr« s	KS
fr° 	JT
fr° 0	IU
fr» 	JT
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
frà g	GW
frà j	MQ
frà l	RL
frà m	IU
frà n	LR
frà p	_@
frà q	HV
frà u	LR
frà v	LR
frà-d	IU
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
frèq	RL
frèqu	RL
frèr	KS
frère	KS
frès	MQ
frès-	VH
frèt	XF
frète	TJ
frètr	UI
frèv	MQ
frève	MQ
fré 	QM
fré 0	^A
fré a	UI
fré c	MQ
fré d	MQ
fré e	QM
fré l	WG
fré m	JT
fré n	TJ
fré p	KS
fré s	KS
fré u	VH
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
frécu	MQ
fréd	VH
frée 	VH
frée,	DZ
frée.	QM
frées	JT
fréf	JT
frég	d<
fréga	SK
frégi	ZD
frégl	SK
frél	JT
frél.	IU
frém	KS
fréma	HV
frémi	HV
frémo	UI
frémé	GW
frén	LR
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
fréro	DZ
frés	IU
frés 	LR
frés,	UI
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
frévi	HV
frêc	HV
frêch	HV
frêl	UI
frêle	UI
frêm	UI
frême	UI
frên	TJ
frêne	TJ
frêt	MQ
frêt 	VH
frête	LR
frêtr	HV
frël	TJ
frël 	TJ
frîn	RL
frîne	UI
frît	KS
frît 	MQ
frîte	WG
frîtr	KS
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
fr’an	MQ
fr’as	KS
fr’at	YE
fr’au	HV
fr’av	ZD
fr’en	KS
fr’es	RL
fr’o	TJ
fr’à	LR
fr’à 	LR
fr’é	LR
fr’éc	MQ
fr€ 	UI
fr€ l	VH
fr€ p	a?
fr€ |	MQ
fr€)	MQ
fr€) 	MQ
fr€,	]B
fr€, 	]B
fr€.	[C
fr€. 	[C
fr€/	UI`,
};
