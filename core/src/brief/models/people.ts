import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02816,
  bias: [-0.3832,0.3832],
  weights: `<:a	KS
<:abuelo	c=
<:alle	HV
<:als	SK
<:also	FX
<:am	]B
<:and	]B
<:appelle	KS
<:apprent	_@
<:are	XF
<:as	B]
<:ask	VH
<:at	HV
<:atelier	@_
<:atu	DZ
<:avec	^A
<:b	HV
<:be	TJ
<:bei	@_
<:beim	YE
<:best	=c
<:betreff	FX
<:bin	LR
<:bis	@_
<:bitte	VH
<:boat	?a
<:bonjour	UI
<:booking	b>
<:brother	ZD
<:buenas	:f
<:but	FX
<:c	LR
<:call	_@
<:called	DZ
<:cc	i7
<:chair	i7
<:chez	A^
<:con	]B
<:creamer	EY
<:d	@_
<:dear	@_
<:del	C[
<:dem	VH
<:der	TJ
<:dice	a?
<:die	KS
<:directo	c=
<:el	RL
<:en	MQ
<:enginee	[C
<:es	SK
<:est	TJ
<:estamos	VH
<:está	IU
<:example	IU
<:februar	GW
<:firm	YE
<:first	:f
<:for	ZD
<:founded	_@
<:fr	?a
<:from	IU
<:für	>b
<:g	TJ
<:geehrte	?a
<:geht	HV
<:get	=c
<:goods	GW
<:großvat	WG
<:guild	EY
<:h	UI
<:haben	LR
<:hall	<d
<:he	VH
<:heißen	B]
<:heißt	;e
<:hello	KS
<:hermano	SK
<:hi	LR
<:hier	RL
<:hija	g9
<:his	ZD
<:hola	EY
<:hra	B]
<:ich	UI
<:im	A^
<:impress	UI
<:in	HV
<:inhaber	YE
<:is	ZD
<:ist	UI
<:it	[C
<:its	JT
<:je	EY
<:jugendw	WG
<:kassenw	EY
<:keine	JT
<:l	RL
<:la	HV
<:laden	EY
<:las	<d
<:law	c=
<:legal	TJ
<:lehrlin	d<
<:llama	>b
<:llamada	ZD
<:lo	a?
<:love	>b
<:m	RL
<:ma	b>
<:manager	YE
<:marsh	ZD
<:me	p0
<:mein	a?
<:meine	b>
<:mi	YE
<:mit	C[
<:mo	SK
<:mon	RL
<:mr	MQ
<:my	b>
<:myself	QM
<:nach	XF
<:name	JT
<:nave	?a
<:nd	DZ
<:nicht	B]
<:no	;e
<:not	VH
<:nothing	A^
<:nur	TJ
<:of	TJ
<:ohlsen	XF
<:old	@_
<:on	EY
<:only	QM
<:open	>b
<:operati	[C
<:or	i7
<:our	TJ
<:piano	HV
<:pm	u+
<:preside	f:
<:préside	HV
<:re	>b
<:registe	TJ
<:ring	GW
<:road	<d
<:run	_@
<:s	]B
<:salga	=c
<:saludo	d<
<:salut	:f
<:san	3m
<:sankt	;e
<:saturda	=c
<:say	LR
<:se	C[
<:secreta	ZD
<:sehr	?a
<:shed	C[
<:shop	GW
<:should	XF
<:since	MQ
<:site	;e
<:sitzt	VH
<:so	>b
<:somethi	B]
<:somos	XF
<:son	d<
<:sorry	WG
<:street	8h
<:suis	GW
<:tardes	A^
<:that	MQ
<:the	KS
<:they	SK
<:this	A^
<:to	8h
<:tochter	[C
<:trésori	A^
<:un	TJ
<:vom	XF
<:von	YE
<:vorsitz	b>
<:w	a?
<:was	>b
<:way	=c
<:we	@_
<:web	?a
<:werden	EY
<:werksta	C[
<:what	a?
<:when	LR
<:wie	JT
<:with	b>
<:worksho	<d
<:y	_@
<:yard	C[
<:yo	f:
<:you	IU
<:young	d<
<:yours	LR
<:º	JT
<:über	KS
>:a	MQ
>:aa	C[
>:ab	HV
>:acres	HV
>:across	DZ
>:after	a?
>:again	7i
>:als	FX
>:am	KS
>:and	JT
>:answers	XF
>:are	UI
>:as	MQ
>:asked	d<
>:associa	YE
>:at	;e
>:aus	EY
>:been	UI
>:bei	FX
>:bis	=c
>:bitte	EY
>:by	=c
>:büro	WG
>:c	VH
>:calle	HV
>:can	C[
>:chair	]B
>:co	?a
>:coordin	_@
>:cuts	DZ
>:d	<d
>:da	?a
>:dad	A^
>:darf	A^
>:das	WG
>:dass	LR
>:de	DZ
>:del	C[
>:den	MQ
>:der	IU
>:desde	VH
>:dice	g9
>:die	DZ
>:directo	c=
>:do	4l
>:dock	DZ
>:does	b>
>:doesn	RL
>:e	B]
>:ein	TJ
>:el	TJ
>:en	KS
>:enginee	MQ
>:es	TJ
>:et	SK
>:fait	_@
>:for	HV
>:forty	C[
>:fr	2n
>:frau	XF
>:fri	B]
>:from	b>
>:für	<d
>:g	FX
>:gegründ	>b
>:geht	[C
>:geselle	^A
>:gibt	EY
>:habe	_@
>:had	TJ
>:hat	HV
>:have	<d
>:hd	EY
>:he	<d
>:hello	=c
>:her	e;
>:here	MQ
>:his	c=
>:home	^A
>:i	YE
>:ich	^A
>:id	IU
>:idnr	TJ
>:if	RL
>:im	LR
>:in	WG
>:ines	WG
>:inh	@_
>:inkl	DZ
>:is	ZD
>:ist	ZD
>:it	GW
>:jahr	]B
>:je	ZD
>:joined	^A
>:jugendw	^A
>:karim	^A
>:kassenw	^A
>:kein	[C
>:kw	C[
>:l	^A
>:left	<d
>:lehrjah	b>
>:lo	KS
>:lunes	QM
>:m	MQ
>:macht	]B
>:madam	EY
>:mail	>b
>:manager	c=
>:master	YE
>:me	a?
>:meeting	>b
>:mehmet	XF
>:meint	VH
>:meister	VH
>:members	VH
>:mi	QM
>:mo	QM
>:mrs	WG
>:musical	VH
>:my	b>
>:nach	DZ
>:nd	XF
>:ne	UI
>:no	=c
>:noch	[C
>:not	XF
>:number	@_
>:nur	IU
>:o	YE
>:of	LR
>:office	ZD
>:ohne	JT
>:ok	@_
>:on	c=
>:only	LR
>:operati	^A
>:or	a?
>:our	YE
>:out	B]
>:p	JT
>:pa	DZ
>:parle	d<
>:piano	JT
>:pl	B]
>:please	A^
>:portlow	B]
>:preise	HV
>:preside	a?
>:pro	GW
>:put	[C
>:que	e;
>:registe	UI
>:rigging	KS
>:ros	?a
>:rue	<d
>:runs	?a
>:s	?a
>:said	SK
>:says	WG
>:sec	]B
>:secreta	RL
>:seit	JT
>:send	KS
>:sent	]B
>:she	8h
>:shop	a?
>:should	IU
>:side	GW
>:sie	KS
>:sites	=c
>:so	FX
>:started	[C
>:still	a?
>:sí	>b
>:taller	]B
>:tel	ZD
>:tesorer	^A
>:that	RL
>:the	SK
>:thinks	VH
>:third	b>
>:three	B]
>:thurs	[C
>:to	TJ
>:treasur	[C
>:trésori	IU
>:tues	QM
>:two	UI
>:uhr	KS
>:un	YE
>:und	GW
>:uns	FX
>:upper	KS
>:us	LR
>:ust	RL
>:v	C[
>:vertrie	a?
>:vom	EY
>:von	C[
>:vorsitz	c=
>:w	WG
>:was	>b
>:we	UI
>:web	1o
>:what	>b
>:wheels	UI
>:who	f:
>:whose	]B
>:wie	YE
>:will	SK
>:wir	HV
>:wird	FX
>:with	]B
>:wrote	GW
>:x	SK
>:y	d<
>:yard	[C
>:yo	_@
>:you	a?
>:young	]B
>:zwei	DZ
>:à	YE
absent	;e
again	e;
alone&label	RL
alone&open:half	IU
alone&open:yes	RL
alone&r:dont	C[
alone&r:fact	QM
alone&r:greeting	RL
alone&r:other	IU
alone&under	FX
asked for	]B
begins	LR
begins&label	MQ
begins&open:half	B]
begins&open:no	SK
begins&r:aside	JT
begins&r:dont	VH
begins&r:fact	JT
begins&r:greeting	QM
begins&r:note	MQ
begins&r:other	QM
begins&r:quoted	XF
begins&r:style	JT
begins&r:unsettled	XF
begins&r:visitors	HV
begins&r:wish	A^
begins&under	YE
ends	UI
from	RL
from&open:no	RL
given	x(
given+more	}!
greeted	B]
in business	WG
is business	MQ
k:head	GW
k:head&from	RL
k:head&n:1	RL
k:head&n:2	?a
k:head&n:3	GW
k:head&open:no	GW
k:head&under	B]
k:heading	HV
k:heading&alone	EY
k:heading&n:1	HV
k:heading&n:3	C[
k:heading&open:half	A^
k:heading&open:yes	DZ
k:heading&r:greeting	1o
k:heading&r:other	GW
k:heading&r:quoted	VH
k:heading&role ahead	IU
k:heading&role behind:(	ZD
k:heading&role behind:,	]B
k:heading&role behind:-	HV
k:heading&title	YE
k:heading&under	YE
k:item&begins	RL
k:item&n:1	SK
k:item&n:2	EY
k:item&n:3	SK
k:item&n:4	LR
k:item&open:half	VH
k:item&open:no	LR
k:item&open:yes	MQ
k:item&r:dont	GW
k:item&r:fact	TJ
k:item&r:note	QM
k:item&r:other	GW
k:item&r:quoted	VH
k:item&r:style	VH
k:item&r:unsettled	LR
k:item&r:visitors	JT
k:item&r:wish	JT
k:item&role ahead	j6
k:item&role behind:(	C[
k:item&role behind:,	DZ
k:item&role behind:-	h8
k:item&title	LR
k:item&under	EY
k:line	HV
k:line&alone	WG
k:line&begins	IU
k:line&n:1	RL
k:line&n:2	EY
k:line&n:3	A^
k:line&n:4	@_
k:line&open:half	DZ
k:line&open:no	KS
k:line&r:aside	EY
k:line&r:dont	KS
k:line&r:fact	LR
k:line&r:greeting	JT
k:line&r:note	JT
k:line&r:other	ZD
k:line&r:quoted	KS
k:line&r:style	HV
k:line&r:unsettled	FX
k:line&r:visitors	DZ
k:line&role ahead	QM
k:line&role behind:,	HV
k:line&role behind:-	RL
k:line&title	RL
k:line&under	c=
k:row	IU
k:row&n:1	MQ
k:row&n:3	GW
k:row&open:no	VH
k:row&open:yes	B]
k:row&r:dont	a?
k:row&r:fact	C[
k:row&r:note	MQ
k:row&role behind:,	UI
k:row&role behind:-	JT
k:row&title	EY
k:sentence	MQ
k:sentence&alone	FX
k:sentence&begins	KS
k:sentence&n:1	SK
k:sentence&n:2	JT
k:sentence&n:3	1o
k:sentence&n:4	SK
k:sentence&open:no	KS
k:sentence&open:yes	QM
k:sentence&r:aside	GW
k:sentence&r:dont	RL
k:sentence&r:fact	MQ
k:sentence&r:greeting	ZD
k:sentence&r:note	JT
k:sentence&r:other	=c
k:sentence&r:quoted	?a
k:sentence&r:style	MQ
k:sentence&r:visitors	SK
k:sentence&r:wish	^A
k:sentence&role ahead	KS
k:sentence&role behind:(	LR
k:sentence&role behind:,	KS
k:sentence&role behind:-	ZD
k:sentence&role behind:does	UI
k:sentence&role behind:is	VH
k:sentence&title	MQ
k:sentence&under	YE
k:value	IU
k:value&alone	IU
k:value&label	VH
k:value&n:1	GW
k:value&n:3	SK
k:value&n:4	=c
k:value&open:half	UI
k:value&open:no	IU
k:value&open:yes	IU
k:value&r:aside	^A
k:value&r:dont	EY
k:value&r:fact	MQ
k:value&r:note	WG
k:value&r:other	EY
k:value&r:quoted	?a
k:value&r:style	ZD
k:value&r:visitors	FX
k:value&r:wish	FX
k:value&role ahead	QM
k:value&role behind:(	b>
k:value&role behind:,	XF
k:value&role behind:-	KS
k:value&role behind:does	UI
k:value&title	JT
k:value&under	TJ
label	VH
label&open:half	FX
label&open:no	^A
label&open:yes	ZD
label&r:fact	TJ
label&r:visitors	QM
last lines	MQ
late	HV
low	IU
low:k:item	B]
low:k:line	GW
low:k:sentence	UI
low:k:value	2n
low:r:aside	JT
low:r:dont	3m
low:r:fact	WG
low:r:greeting	HV
low:r:note	_@
low:r:style	FX
low:r:unsettled	>b
low:r:visitors	/q
low:r:wish	2n
low:whole	WG
my	o1
n:1	QM
n:1&begins	QM
n:1&from	b>
n:1&label	TJ
n:1&open:half	QM
n:1&r:aside	ZD
n:1&r:dont	RL
n:1&r:greeting	LR
n:1&r:note	VH
n:1&r:other	KS
n:1&r:quoted	IU
n:1&r:style	WG
n:1&r:unsettled	KS
n:1&r:visitors	JT
n:1&r:wish	QM
n:1&role ahead	;e
n:1&role behind:(	[C
n:1&role behind:,	WG
n:1&role label	EY
n:1&title	KS
n:2	@_
n:2&alone	RL
n:2&begins	JT
n:2&label	QM
n:2&open:half	GW
n:2&open:no	@_
n:2&open:yes	KS
n:2&r:aside	:f
n:2&r:dont	4l
n:2&r:fact	LR
n:2&r:note	HV
n:2&r:other	MQ
n:2&r:quoted	HV
n:2&r:style	FX
n:2&r:unsettled	HV
n:2&r:visitors	MQ
n:2&r:wish	VH
n:2&role ahead	g9
n:2&role behind:-	YE
n:2&role behind:does	c=
n:2&role label	UI
n:2&title	[C
n:2&under	UI
n:3	@_
n:3&alone	GW
n:3&begins	KS
n:3&label	VH
n:3&open:half	QM
n:3&open:no	4l
n:3&open:yes	B]
n:3&r:dont	DZ
n:3&r:fact	IU
n:3&r:greeting	DZ
n:3&r:note	B]
n:3&r:other	GW
n:3&r:unsettled	DZ
n:3&r:visitors	FX
n:3&r:wish	EY
n:3&role behind:(	XF
n:3&role behind:,	7i
n:3&role behind:-	B]
n:3&role behind:is	=c
n:3&under	SK
n:4	DZ
n:4&alone	IU
n:4&begins	RL
n:4&open:no	;e
n:4&role behind:,	DZ
open:half	LR
open:no	DZ
open:yes	IU
quotes	JT
r:dont	JT
r:dont&open:no	JT
r:fact	KS
r:fact&open:no	QM
r:fact&open:yes	JT
r:greeting	IU
r:greeting&open:no	IU
r:note&open:no	MQ
r:other	JT
r:other&open:no	JT
r:quoted	GW
r:quoted&open:no	GW
r:style	TJ
r:style&open:no	TJ
r:unsettled	JT
r:unsettled&open:no	JT
r:visitors	GW
r:visitors&open:half	C[
r:visitors&open:no	^A
r:visitors&open:yes	IU
r:wish	SK
r:wish&open:no	RL
role ahead	TJ
role ahead&alone	ZD
role ahead&label	XF
role ahead&open:no	HV
role ahead&open:yes	XF
role ahead&r:dont	EY
role ahead&r:fact	VH
role ahead&r:other	MQ
role ahead&r:visitors	TJ
role ahead&role behind:(	VH
role ahead&role behind:,	XF
role ahead&under	QM
role behind:(	ZD
role behind:(&begins	XF
role behind:(&label	WG
role behind:(&open:half	RL
role behind:(&open:no	ZD
role behind:(&open:yes	SK
role behind:(&r:fact	UI
role behind:(&r:greeting	GW
role behind:(&r:other	VH
role behind:(&under	d<
role behind:,	RL
role behind:,&begins	QM
role behind:,&label	HV
role behind:,&open:half	LR
role behind:,&open:yes	VH
role behind:,&r:aside	C[
role behind:,&r:dont	HV
role behind:,&r:fact	RL
role behind:,&r:greeting	KS
role behind:,&r:note	MQ
role behind:,&r:other	WG
role behind:,&r:quoted	JT
role behind:,&r:visitors	HV
role behind:,&r:wish	VH
role behind:,&under	SK
role behind:-	WG
role behind:-&begins	KS
role behind:-&open:half	FX
role behind:-&open:no	RL
role behind:-&open:yes	b>
role behind:-&r:dont	DZ
role behind:-&r:fact	WG
role behind:-&r:note	KS
role behind:-&r:other	YE
role behind:-&r:unsettled	d<
role behind:-&r:wish	XF
role behind:-&under	_@
role behind:does	[C
role behind:does&begins	]B
role behind:does&open:no	VH
role behind:does&open:yes	^A
role behind:does&r:dont	YE
role behind:does&r:fact	a?
role behind:is	VH
role behind:is&begins	VH
role behind:is&open:yes	VH
role behind:is&r:fact	VH
role label&alone	ZD
role label&label	WG
role label&open:half	^A
role label&open:no	MQ
role label&r:fact	LR
role label&role behind:,	UI
role label&under	_@
says name	[C
sp:client	IU
sp:designer	2n
title	RL
title&label	[C
title&open:half	=c
title&open:yes	c=
title&r:aside	5k
title&r:greeting	VH
title&r:note	UI
title&r:other	VH
title&r:quoted	9g
title&r:visitors	QM
title&r:wish	QM
title&role ahead	f:
title&role behind:does	XF
title&under	XF
to	EY
under	RL
under&open:half	]B
under&open:no	QM
under&open:yes	JT
under&r:dont	MQ
under&r:fact	WG
under&r:other	HV
under&r:unsettled	MQ
under&r:visitors	@_`,
};
