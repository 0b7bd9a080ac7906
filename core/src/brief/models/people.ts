import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02916,
  bias: [-0.4184,0.4184],
  weights: `<:abuelo	a?
<:alle	GW
<:als	SK
<:also	GW
<:am	[C
<:an	SK
<:and	[C
<:appelle	KS
<:apprent	^A
<:are	WG
<:as	A^
<:ask	WG
<:at	IU
<:atelier	@_
<:atu	GW
<:avec	^A
<:b	HV
<:be	UI
<:bei	A^
<:beim	WG
<:best	=c
<:betreff	IU
<:bin	LR
<:bis	?a
<:bitte	UI
<:boat	@_
<:bonjour	TJ
<:booking	[C
<:brother	YE
<:buenas	:f
<:but	DZ
<:büro	QM
<:c	LR
<:call	[C
<:called	DZ
<:cc	i7
<:chair	d<
<:chez	B]
<:con	[C
<:creamer	DZ
<:d	A^
<:dear	C[
<:del	EY
<:dem	UI
<:der	UI
<:dice	a?
<:directo	b>
<:el	QM
<:enginee	WG
<:es	RL
<:est	UI
<:estamos	UI
<:está	IU
<:et	WG
<:example	IU
<:februar	FX
<:firm	YE
<:first	:f
<:for	[C
<:founded	a?
<:fr	@_
<:from	IU
<:für	@_
<:g	UI
<:geehrte	DZ
<:geht	IU
<:get	>b
<:goods	FX
<:großvat	[C
<:guild	A^
<:h	UI
<:haben	IU
<:hafnerm	LR
<:hall	=c
<:he	TJ
<:heißen	B]
<:heißt	?a
<:hello	LR
<:hermano	SK
<:hi	MQ
<:hier	RL
<:hija	f:
<:his	WG
<:hola	EY
<:hra	DZ
<:ich	WG
<:im	DZ
<:impress	VH
<:in	JT
<:inhaber	XF
<:is	ZD
<:ist	TJ
<:it	ZD
<:its	JT
<:je	DZ
<:jugendw	WG
<:kassenw	EY
<:keine	LR
<:l	SK
<:laden	EY
<:las	>b
<:law	b>
<:legal	TJ
<:lehrlin	c=
<:line	MQ
<:llama	=c
<:llamada	YE
<:lo	_@
<:love	@_
<:m	RL
<:ma	a?
<:manager	YE
<:marsh	ZD
<:me	o1
<:mein	a?
<:meine	a?
<:mi	YE
<:mit	C[
<:mo	TJ
<:mon	SK
<:mr	LR
<:my	^A
<:myself	RL
<:nach	XF
<:name	JT
<:nave	?a
<:nd	C[
<:nicht	C[
<:no	=c
<:not	UI
<:nothing	>b
<:nur	TJ
<:of	RL
<:ohlsen	XF
<:old	B]
<:on	B]
<:only	QM
<:open	?a
<:operati	YE
<:or	g9
<:our	WG
<:piano	KS
<:pm	v*
<:preside	^A
<:préside	IU
<:re	@_
<:registe	TJ
<:ring	GW
<:road	=c
<:run	[C
<:s	]B
<:salga	?a
<:saludo	b>
<:salut	<d
<:san	3m
<:sankt	;e
<:saturda	@_
<:se	EY
<:secreta	ZD
<:sehr	DZ
<:shed	HV
<:shop	HV
<:should	XF
<:since	MQ
<:site	9g
<:sitzt	VH
<:so	>b
<:somethi	@_
<:somos	WG
<:son	d<
<:sorry	WG
<:soy	MQ
<:street	9g
<:suis	FX
<:swarm	MQ
<:tardes	B]
<:the	LR
<:they	UI
<:this	A^
<:to	:f
<:tochter	ZD
<:trésori	B]
<:un	UI
<:uns	RL
<:v	QM
<:vom	XF
<:von	XF
<:vorsitz	_@
<:w	_@
<:was	>b
<:way	>b
<:we	C[
<:web	?a
<:werden	GW
<:werksta	DZ
<:what	a?
<:when	LR
<:wie	KS
<:wir	MQ
<:with	_@
<:worksho	<d
<:y	]B
<:yard	DZ
<:yo	f:
<:you	HV
<:young	b>
<:yours	JT
<:º	GW
<:über	KS
>:a	KS
>:aa	HV
>:ab	FX
>:acres	FX
>:across	DZ
>:after	_@
>:again	9g
>:als	GW
>:am	LR
>:and	MQ
>:answers	TJ
>:are	QM
>:as	MQ
>:asked	c=
>:associa	ZD
>:at	<d
>:aus	GW
>:been	UI
>:bei	DZ
>:bis	=c
>:bitte	B]
>:by	=c
>:büro	WG
>:c	TJ
>:calle	HV
>:can	B]
>:chair	f:
>:co	?a
>:coordin	b>
>:cuts	FX
>:d	:f
>:da	?a
>:dad	?a
>:darf	?a
>:das	ZD
>:dass	KS
>:de	DZ
>:del	DZ
>:den	LR
>:der	HV
>:desde	YE
>:dice	f:
>:die	FX
>:directo	b>
>:do	2n
>:dock	GW
>:does	_@
>:doesn	RL
>:e	B]
>:ein	TJ
>:el	RL
>:en	KS
>:enginee	MQ
>:es	WG
>:et	SK
>:fait	_@
>:for	HV
>:forty	DZ
>:fr	5k
>:frau	VH
>:fri	EY
>:from	c=
>:für	?a
>:g	GW
>:gegründ	?a
>:geht	[C
>:geselle	_@
>:gibt	EY
>:habe	^A
>:had	RL
>:has	MQ
>:hat	HV
>:have	=c
>:hd	DZ
>:he	;e
>:hello	>b
>:her	c=
>:here	LR
>:his	a?
>:home	_@
>:i	XF
>:ich	]B
>:id	HV
>:idnr	UI
>:if	TJ
>:im	KS
>:in	VH
>:ines	VH
>:inh	B]
>:inkl	FX
>:is	ZD
>:ist	WG
>:it	GW
>:jahr	ZD
>:je	[C
>:joined	^A
>:jugendw	[C
>:karim	ZD
>:kassenw	[C
>:kein	XF
>:kw	B]
>:l	ZD
>:left	<d
>:lehrjah	b>
>:lo	KS
>:lost	QM
>:lunes	RL
>:m	JT
>:macht	[C
>:madam	GW
>:mail	>b
>:manager	b>
>:master	[C
>:me	_@
>:meeting	A^
>:mehmet	]B
>:meint	WG
>:meister	UI
>:members	[C
>:mo	SK
>:mrs	VH
>:musical	SK
>:my	c=
>:nach	FX
>:nd	XF
>:ne	SK
>:no	>b
>:noch	ZD
>:not	XF
>:number	B]
>:nur	LR
>:o	XF
>:of	LR
>:office	YE
>:ohne	GW
>:ok	@_
>:on	a?
>:operati	YE
>:or	^A
>:our	YE
>:out	B]
>:p	JT
>:pa	C[
>:parle	c=
>:piano	LR
>:pl	C[
>:please	@_
>:portlow	C[
>:preise	HV
>:preside	c=
>:pro	FX
>:propose	QM
>:put	ZD
>:que	b>
>:registe	VH
>:rigging	IU
>:ros	A^
>:rue	=c
>:runs	?a
>:s	@_
>:said	LR
>:says	UI
>:sec	[C
>:secreta	RL
>:seit	JT
>:send	JT
>:sent	]B
>:she	9g
>:shop	YE
>:should	JT
>:side	IU
>:sie	LR
>:sites	=c
>:so	EY
>:souhait	RL
>:started	YE
>:still	_@
>:sí	>b
>:taller	ZD
>:tel	ZD
>:tesorer	]B
>:the	TJ
>:thinks	WG
>:third	^A
>:three	B]
>:thurs	[C
>:to	UI
>:treasur	ZD
>:trésori	HV
>:tues	QM
>:two	RL
>:uhr	GW
>:un	ZD
>:und	IU
>:uns	FX
>:upper	LR
>:us	MQ
>:ust	TJ
>:v	C[
>:vertrie	b>
>:vom	EY
>:von	FX
>:vorsitz	a?
>:w	UI
>:was	>b
>:we	SK
>:web	3m
>:what	>b
>:wheels	XF
>:who	g9
>:whose	^A
>:wie	ZD
>:will	VH
>:wir	FX
>:wird	EY
>:with	_@
>:wrote	IU
>:x	TJ
>:y	d<
>:yard	ZD
>:yo	[C
>:you	a?
>:young	]B
>:zwei	B]
>:à	ZD
absent	:f
again	e;
alone&label	VH
alone&r:dont	>b
alone&r:greeting	UI
alone&r:other	FX
alone&under	IU
asked for	]B
begins	LR
begins&open:half	JT
begins&open:no	RL
begins&open:yes	LR
begins&r:aside	RL
begins&r:dont	WG
begins&r:fact	JT
begins&r:greeting	SK
begins&r:note	UI
begins&r:style	GW
begins&r:unsettled	WG
begins&r:visitors	MQ
begins&r:wish	<d
begins&under	YE
ends	UI
from	RL
from&open:no	RL
given	w)
given+more	}!
greeted	A^
in business	WG
is business	MQ
k:head	HV
k:head&from	RL
k:head&n:1	QM
k:head&n:2	?a
k:head&n:3	DZ
k:head&open:no	HV
k:head&under	B]
k:heading	HV
k:heading&alone	IU
k:heading&n:1	HV
k:heading&n:3	FX
k:heading&open:half	TJ
k:heading&open:no	IU
k:heading&open:yes	DZ
k:heading&r:fact	MQ
k:heading&r:greeting	4l
k:heading&r:note	[C
k:heading&r:other	JT
k:heading&r:quoted	VH
k:heading&role ahead	HV
k:heading&role behind:(	ZD
k:heading&role behind:,	ZD
k:heading&role behind:-	IU
k:heading&title	YE
k:heading&under	ZD
k:item&begins	QM
k:item&n:1	SK
k:item&n:2	EY
k:item&n:3	SK
k:item&n:4	KS
k:item&open:half	SK
k:item&open:no	KS
k:item&r:dont	GW
k:item&r:fact	UI
k:item&r:note	WG
k:item&r:other	FX
k:item&r:quoted	RL
k:item&r:style	XF
k:item&r:unsettled	KS
k:item&r:visitors	KS
k:item&r:wish	JT
k:item&role ahead	f:
k:item&role behind:(	DZ
k:item&role behind:,	EY
k:item&role behind:-	e;
k:item&title	LR
k:item&under	FX
k:line	HV
k:line&alone	XF
k:line&begins	HV
k:line&n:1	RL
k:line&n:2	EY
k:line&n:3	B]
k:line&n:4	A^
k:line&open:half	A^
k:line&open:no	KS
k:line&open:yes	QM
k:line&r:aside	<d
k:line&r:dont	KS
k:line&r:fact	LR
k:line&r:greeting	KS
k:line&r:note	GW
k:line&r:other	[C
k:line&r:style	JT
k:line&r:unsettled	FX
k:line&r:visitors	DZ
k:line&role ahead	RL
k:line&role behind:,	IU
k:line&role behind:-	RL
k:line&title	SK
k:line&under	_@
k:row	JT
k:row&n:1	KS
k:row&n:3	A^
k:row&open:half	SK
k:row&open:no	XF
k:row&open:yes	7i
k:row&r:dont	[C
k:row&r:fact	C[
k:row&r:note	KS
k:row&role behind:,	WG
k:row&role behind:-	GW
k:row&title	C[
k:sentence	MQ
k:sentence&alone	HV
k:sentence&begins	KS
k:sentence&n:1	TJ
k:sentence&n:2	MQ
k:sentence&n:3	6j
k:sentence&n:4	VH
k:sentence&open:half	KS
k:sentence&open:no	LR
k:sentence&open:yes	QM
k:sentence&r:aside	MQ
k:sentence&r:dont	TJ
k:sentence&r:fact	MQ
k:sentence&r:greeting	XF
k:sentence&r:note	IU
k:sentence&r:other	C[
k:sentence&r:quoted	C[
k:sentence&r:unsettled	SK
k:sentence&r:visitors	QM
k:sentence&r:wish	XF
k:sentence&role ahead	IU
k:sentence&role behind:(	LR
k:sentence&role behind:,	LR
k:sentence&role behind:-	YE
k:sentence&role behind:does	XF
k:sentence&role behind:is	WG
k:sentence&title	MQ
k:sentence&under	ZD
k:value	IU
k:value&alone	HV
k:value&begins	QM
k:value&label	UI
k:value&n:1	GW
k:value&n:3	SK
k:value&n:4	=c
k:value&open:half	UI
k:value&open:no	KS
k:value&open:yes	HV
k:value&r:aside	]B
k:value&r:dont	EY
k:value&r:note	UI
k:value&r:other	EY
k:value&r:quoted	EY
k:value&r:style	SK
k:value&r:unsettled	QM
k:value&r:visitors	IU
k:value&r:wish	HV
k:value&role behind:(	^A
k:value&role behind:,	VH
k:value&role behind:-	KS
k:value&role behind:does	UI
k:value&title	JT
k:value&under	UI
label	UI
label&open:half	MQ
label&open:no	c=
label&open:yes	VH
label&r:fact	UI
label&r:visitors	KS
last lines	MQ
late	GW
low	JT
low:k:item	C[
low:k:line	IU
low:k:sentence	UI
low:k:value	4l
low:r:dont	5k
low:r:fact	VH
low:r:greeting	KS
low:r:note	XF
low:r:style	FX
low:r:unsettled	<d
low:r:visitors	4l
low:r:wish	3m
low:whole	UI
my	q/
n:1	QM
n:1&begins	RL
n:1&from	_@
n:1&label	RL
n:1&open:half	RL
n:1&open:no	QM
n:1&r:aside	RL
n:1&r:dont	RL
n:1&r:greeting	LR
n:1&r:note	VH
n:1&r:other	KS
n:1&r:quoted	HV
n:1&r:style	YE
n:1&r:unsettled	MQ
n:1&r:visitors	MQ
n:1&r:wish	SK
n:1&role ahead	=c
n:1&role behind:(	[C
n:1&role behind:,	WG
n:1&role label	EY
n:1&title	LR
n:2	@_
n:2&alone	RL
n:2&begins	KS
n:2&label	QM
n:2&open:half	IU
n:2&open:no	?a
n:2&open:yes	LR
n:2&r:aside	<d
n:2&r:dont	FX
n:2&r:fact	MQ
n:2&r:note	IU
n:2&r:style	A^
n:2&r:unsettled	IU
n:2&r:visitors	IU
n:2&r:wish	MQ
n:2&role ahead	h8
n:2&role behind:,	QM
n:2&role behind:-	ZD
n:2&role behind:does	c=
n:2&role label	TJ
n:2&title	ZD
n:2&under	TJ
n:3	@_
n:3&alone	IU
n:3&begins	LR
n:3&label	TJ
n:3&open:half	QM
n:3&open:no	5k
n:3&open:yes	DZ
n:3&r:dont	HV
n:3&r:fact	JT
n:3&r:greeting	C[
n:3&r:note	C[
n:3&r:other	GW
n:3&r:visitors	HV
n:3&r:wish	IU
n:3&role behind:(	WG
n:3&role behind:,	9g
n:3&role behind:-	C[
n:3&role behind:is	>b
n:3&under	UI
n:4	GW
n:4&alone	JT
n:4&begins	SK
n:4&open:no	=c
n:4&r:note	?a
n:4&role behind:,	FX
open:no	DZ
open:yes	HV
quotes	HV
r:dont	KS
r:dont&open:no	KS
r:fact	KS
r:fact&open:no	RL
r:fact&open:yes	KS
r:greeting	KS
r:greeting&open:no	KS
r:note	MQ
r:note&open:no	MQ
r:other	LR
r:other&open:no	LR
r:quoted	JT
r:quoted&open:no	JT
r:style	SK
r:style&open:no	SK
r:unsettled	KS
r:unsettled&open:no	KS
r:visitors	HV
r:visitors&open:half	KS
r:visitors&open:no	[C
r:visitors&open:yes	EY
r:wish	QM
r:wish&open:no	QM
role ahead	TJ
role ahead&alone	[C
role ahead&label	YE
role ahead&open:no	IU
role ahead&open:yes	ZD
role ahead&r:dont	DZ
role ahead&r:fact	UI
role ahead&r:visitors	WG
role ahead&role behind:(	WG
role ahead&role behind:,	WG
role ahead&under	KS
role behind:(	YE
role behind:(&begins	VH
role behind:(&label	SK
role behind:(&open:half	UI
role behind:(&open:no	YE
role behind:(&r:fact	TJ
role behind:(&r:greeting	HV
role behind:(&r:other	XF
role behind:(&under	f:
role behind:,	QM
role behind:,&label	GW
role behind:,&open:half	HV
role behind:,&open:yes	VH
role behind:,&r:aside	DZ
role behind:,&r:dont	HV
role behind:,&r:fact	RL
role behind:,&r:greeting	JT
role behind:,&r:note	KS
role behind:,&r:other	VH
role behind:,&r:quoted	XF
role behind:,&r:visitors	FX
role behind:,&r:wish	WG
role behind:,&under	SK
role behind:-	XF
role behind:-&begins	KS
role behind:-&open:half	JT
role behind:-&open:no	RL
role behind:-&open:yes	^A
role behind:-&r:dont	B]
role behind:-&r:fact	UI
role behind:-&r:note	LR
role behind:-&r:other	[C
role behind:-&r:unsettled	]B
role behind:-&r:visitors	ZD
role behind:-&r:wish	ZD
role behind:-&under	a?
role behind:does	^A
role behind:does&begins	]B
role behind:does&open:no	UI
role behind:does&open:yes	[C
role behind:does&r:dont	WG
role behind:does&r:fact	f:
role behind:is	UI
role behind:is&begins	UI
role behind:is&open:yes	WG
role behind:is&r:fact	WG
role label&alone	[C
role label&label	WG
role label&open:half	a?
role label&open:no	MQ
role label&open:yes	QM
role label&r:fact	LR
role label&role behind:,	[C
role label&under	^A
says name	[C
sp:client	HV
sp:designer	2n
title	SK
title&label	WG
title&open:half	8h
title&open:yes	e;
title&r:aside	7i
title&r:dont	SK
title&r:fact	KS
title&r:greeting	TJ
title&r:note	XF
title&r:other	XF
title&r:quoted	;e
title&r:visitors	WG
title&r:wish	SK
title&role ahead	b>
title&role behind:does	UI
title&under	WG
to	FX
under	QM
under&open:half	e;
under&open:yes	IU
under&r:dont	MQ
under&r:fact	UI
under&r:other	IU
under&r:visitors	MQ`,
};
