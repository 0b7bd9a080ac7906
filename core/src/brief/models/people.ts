import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02833,
  bias: [-0.4203,0.4203],
  weights: `<:a	MQ
<:abuelo	a?
<:alle	HV
<:als	QM
<:also	FX
<:am	WG
<:an	TJ
<:and	TJ
<:appelle	JT
<:apprent	^A
<:are	YE
<:ask	WG
<:at	IU
<:atelier	@_
<:atu	IU
<:avec	_@
<:b	FX
<:beim	YE
<:betreff	FX
<:bin	MQ
<:bis	A^
<:bitte	TJ
<:boat	@_
<:bonjour	VH
<:booking	]B
<:buenas	@_
<:but	IU
<:by	MQ
<:büro	SK
<:call	XF
<:cc	j6
<:chair	b>
<:chez	B]
<:con	ZD
<:creamer	C[
<:d	A^
<:dear	FX
<:dem	A^
<:der	XF
<:dice	a?
<:die	MQ
<:directo	c=
<:el	RL
<:en	MQ
<:enginee	YE
<:est	[C
<:estamos	RL
<:et	SK
<:example	GW
<:firm	XF
<:first	;e
<:for	ZD
<:founded	_@
<:fr	@_
<:from	GW
<:für	>b
<:g	TJ
<:geehrte	IU
<:geht	IU
<:get	>b
<:großvat	ZD
<:guild	C[
<:h	SK
<:hafnerm	KS
<:hall	A^
<:he	UI
<:heißt	:f
<:hello	MQ
<:hermano	UI
<:hi	LR
<:hier	QM
<:hija	f:
<:his	XF
<:hola	MQ
<:hra	DZ
<:ich	EY
<:im	A^
<:impress	VH
<:in	HV
<:is	[C
<:ist	TJ
<:it	[C
<:its	SK
<:je	FX
<:jugendw	UI
<:keine	KS
<:la	LR
<:laden	DZ
<:las	?a
<:late	QM
<:law	c=
<:le	^A
<:legal	XF
<:lehrlin	b>
<:llama	B]
<:llamada	XF
<:love	>b
<:m	TJ
<:ma	a?
<:manager	WG
<:mar	QM
<:marsh	]B
<:me	p0
<:meine	b>
<:mi	TJ
<:mit	HV
<:mr	MQ
<:my	_@
<:myself	RL
<:nach	YE
<:name	HV
<:nave	?a
<:nd	DZ
<:nicht	B]
<:no	<d
<:not	SK
<:nothing	<d
<:nur	RL
<:old	C[
<:on	C[
<:only	RL
<:open	?a
<:operati	XF
<:or	d<
<:our	TJ
<:pm	v*
<:preside	c=
<:préside	TJ
<:re	@_
<:registe	VH
<:ring	FX
<:road	C[
<:run	^A
<:s	XF
<:san	3m
<:sankt	9g
<:saturda	?a
<:say	TJ
<:se	;e
<:secreta	UI
<:sehr	IU
<:shed	B]
<:shop	GW
<:should	YE
<:since	KS
<:site	;e
<:sitzt	UI
<:somethi	A^
<:somos	VH
<:son	_@
<:sorry	VH
<:soy	RL
<:street	:f
<:suis	HV
<:tardes	FX
<:the	MQ
<:they	VH
<:this	DZ
<:to	=c
<:un	RL
<:und	QM
<:von	ZD
<:w	^A
<:we	DZ
<:web	>b
<:werden	EY
<:werksta	B]
<:what	a?
<:wie	EY
<:wir	VH
<:with	^A
<:y	_@
<:yo	f:
<:you	LR
<:young	d<
<:yours	[C
<:º	IU
<:über	<d
>:a	KS
>:aa	HV
>:ab	GW
>:acres	HV
>:across	FX
>:after	a?
>:again	=c
>:als	GW
>:am	MQ
>:and	FX
>:answers	XF
>:are	B]
>:asked	]B
>:associa	]B
>:at	>b
>:been	UI
>:bis	8h
>:bitte	A^
>:by	?a
>:büro	VH
>:c	UI
>:calle	EY
>:can	C[
>:chair	_@
>:co	@_
>:coordin	_@
>:cuts	C[
>:d	>b
>:da	=c
>:darf	B]
>:das	IU
>:de	@_
>:del	FX
>:der	KS
>:desde	QM
>:dice	i7
>:die	IU
>:directo	c=
>:do	5k
>:dock	DZ
>:does	d<
>:doesn	QM
>:e	?a
>:ein	UI
>:el	WG
>:en	LR
>:es	XF
>:et	FX
>:fait	d<
>:for	JT
>:forty	B]
>:fr	4l
>:fri	B]
>:fridays	C[
>:from	b>
>:für	@_
>:g	FX
>:gegründ	C[
>:gibt	DZ
>:had	RL
>:has	QM
>:hat	B]
>:have	<d
>:hd	DZ
>:he	;e
>:hello	>b
>:her	^A
>:here	MQ
>:his	f:
>:home	[C
>:i	RL
>:id	HV
>:idnr	VH
>:if	b>
>:im	QM
>:in	VH
>:inh	A^
>:inkl	EY
>:is	WG
>:ist	XF
>:it	JT
>:jahr	]B
>:je	[C
>:joan	TJ
>:joined	^A
>:jugendw	^A
>:kein	XF
>:l	[C
>:la	LR
>:le	QM
>:left	?a
>:lehrjah	^A
>:lo	IU
>:lunes	RL
>:macht	[C
>:mail	?a
>:manager	e;
>:master	ZD
>:me	f:
>:meeting	A^
>:meint	WG
>:meister	a?
>:members	b>
>:mi	JT
>:mit	MQ
>:mrs	[C
>:musical	WG
>:my	RL
>:nach	EY
>:nd	XF
>:ne	RL
>:no	B]
>:noch	^A
>:not	ZD
>:number	?a
>:nur	MQ
>:o	VH
>:of	KS
>:office	WG
>:ohne	EY
>:ok	A^
>:on	c=
>:only	MQ
>:operati	YE
>:or	b>
>:our	YE
>:out	A^
>:pa	C[
>:parle	d<
>:preise	DZ
>:preside	]B
>:pro	GW
>:préside	YE
>:put	YE
>:que	a?
>:registe	WG
>:rue	>b
>:runs	A^
>:s	A^
>:said	LR
>:says	[C
>:secreta	KS
>:seit	HV
>:send	JT
>:sent	[C
>:she	9g
>:shop	[C
>:should	GW
>:side	FX
>:sie	MQ
>:sites	>b
>:so	FX
>:started	[C
>:still	d<
>:sí	?a
>:tel	VH
>:that	MQ
>:the	RL
>:thinks	WG
>:third	_@
>:three	@_
>:thurs	[C
>:treasur	UI
>:tues	RL
>:two	SK
>:uhr	JT
>:un	^A
>:und	MQ
>:uns	GW
>:upper	JT
>:us	LR
>:ust	UI
>:v	A^
>:vertrie	^A
>:vom	GW
>:von	C[
>:w	WG
>:was	;e
>:we	RL
>:what	>b
>:wheels	VH
>:who	d<
>:whose	]B
>:wie	YE
>:will	c=
>:wir	EY
>:with	VH
>:wrote	HV
>:x	TJ
>:y	m3
>:yard	YE
>:yo	_@
>:you	c=
>:young	]B
>:zwei	HV
>:à	YE
absent	@_
again	e;
alone&label	YE
alone&open:half	EY
alone&open:no	RL
alone&open:yes	UI
alone&r:dont	@_
alone&r:fact	SK
alone&r:greeting	TJ
alone&r:other	IU
alone&under	FX
asked for	[C
begins	JT
begins&open:half	JT
begins&open:no	QM
begins&open:yes	HV
begins&r:aside	LR
begins&r:dont	ZD
begins&r:fact	JT
begins&r:note	MQ
begins&r:other	MQ
begins&r:style	JT
begins&r:unsettled	UI
begins&r:wish	B]
begins&under	YE
ends	UI
from	RL
from&open:no	RL
given	v*
given+more	}!
greeted	GW
in business	XF
is business	VH
k:head	GW
k:head&from	RL
k:head&n:1	QM
k:head&n:2	?a
k:head&open:no	GW
k:head&under	B]
k:heading	IU
k:heading&alone	EY
k:heading&begins	QM
k:heading&n:1	GW
k:heading&n:2	QM
k:heading&n:3	>b
k:heading&open:half	A^
k:heading&open:no	MQ
k:heading&r:fact	A^
k:heading&r:greeting	6j
k:heading&r:other	TJ
k:heading&r:quoted	WG
k:heading&role ahead	GW
k:heading&role behind:(	WG
k:heading&role behind:,	^A
k:heading&title	XF
k:heading&under	VH
k:item&begins	VH
k:item&n:1	VH
k:item&n:2	GW
k:item&n:3	C[
k:item&n:4	KS
k:item&open:half	SK
k:item&open:no	LR
k:item&r:dont	LR
k:item&r:fact	TJ
k:item&r:note	WG
k:item&r:other	LR
k:item&r:quoted	SK
k:item&r:style	VH
k:item&r:unsettled	UI
k:item&r:visitors	_@
k:item&r:wish	A^
k:item&role ahead	d<
k:item&role behind:(	DZ
k:item&role behind:,	C[
k:item&role behind:-	b>
k:item&title	JT
k:item&under	B]
k:line	HV
k:line&alone	YE
k:line&begins	JT
k:line&n:2	IU
k:line&n:3	KS
k:line&open:half	HV
k:line&open:no	KS
k:line&open:yes	SK
k:line&r:aside	EY
k:line&r:dont	HV
k:line&r:fact	KS
k:line&r:greeting	HV
k:line&r:other	[C
k:line&r:quoted	B]
k:line&r:unsettled	=c
k:line&r:visitors	MQ
k:line&r:wish	XF
k:line&role ahead	SK
k:line&role behind:,	EY
k:line&role behind:-	UI
k:line&under	YE
k:row	IU
k:row&n:1	JT
k:row&n:2	QM
k:row&n:3	A^
k:row&open:half	HV
k:row&open:no	a?
k:row&open:yes	>b
k:row&r:dont	_@
k:row&r:fact	DZ
k:row&r:note	DZ
k:row&role behind:,	VH
k:row&role behind:-	IU
k:row&title	GW
k:sentence	MQ
k:sentence&alone	HV
k:sentence&begins	IU
k:sentence&n:1	WG
k:sentence&n:2	KS
k:sentence&n:3	9g
k:sentence&n:4	UI
k:sentence&open:half	QM
k:sentence&open:no	KS
k:sentence&r:aside	JT
k:sentence&r:dont	SK
k:sentence&r:greeting	ZD
k:sentence&r:note	JT
k:sentence&r:other	7i
k:sentence&r:quoted	EY
k:sentence&r:visitors	TJ
k:sentence&r:wish	i7
k:sentence&role behind:(	KS
k:sentence&role behind:-	WG
k:sentence&role behind:does	WG
k:sentence&role behind:is	LR
k:sentence&title	JT
k:sentence&under	[C
k:value	IU
k:value&alone	MQ
k:value&label	UI
k:value&n:1	IU
k:value&n:3	SK
k:value&n:4	>b
k:value&open:half	MQ
k:value&open:no	MQ
k:value&open:yes	IU
k:value&r:aside	TJ
k:value&r:dont	B]
k:value&r:fact	QM
k:value&r:note	SK
k:value&r:other	?a
k:value&r:quoted	@_
k:value&r:style	YE
k:value&r:unsettled	RL
k:value&r:visitors	?a
k:value&role ahead	SK
k:value&role behind:(	g9
k:value&role behind:,	UI
k:value&role behind:-	KS
k:value&role behind:does	VH
k:value&title	SK
k:value&under	VH
label	UI
label&open:half	HV
label&open:no	VH
label&open:yes	XF
label&r:fact	TJ
label&r:visitors	RL
label&under	[C
last lines	JT
late	JT
low	IU
low:k:item	A^
low:k:line	IU
low:k:sentence	WG
low:k:value	5k
low:r:aside	LR
low:r:dont	4l
low:r:fact	VH
low:r:note	TJ
low:r:style	FX
low:r:unsettled	:f
low:r:visitors	DZ
low:r:wish	3m
low:whole	UI
my	s-
n:1	QM
n:1&from	b>
n:1&label	XF
n:1&open:half	VH
n:1&r:aside	VH
n:1&r:dont	SK
n:1&r:fact	RL
n:1&r:greeting	IU
n:1&r:note	WG
n:1&r:quoted	C[
n:1&r:style	XF
n:1&r:unsettled	MQ
n:1&r:wish	SK
n:1&role ahead	@_
n:1&role behind:(	c=
n:1&role behind:,	TJ
n:1&role behind:-	RL
n:1&role behind:does	QM
n:1&role label	FX
n:1&title	JT
n:2	@_
n:2&alone	QM
n:2&begins	JT
n:2&open:half	HV
n:2&open:no	@_
n:2&open:yes	IU
n:2&r:aside	?a
n:2&r:dont	EY
n:2&r:fact	LR
n:2&r:greeting	RL
n:2&r:note	HV
n:2&r:other	KS
n:2&r:quoted	SK
n:2&r:style	@_
n:2&r:unsettled	EY
n:2&r:visitors	QM
n:2&r:wish	MQ
n:2&role ahead	e;
n:2&role behind:,	QM
n:2&role behind:-	ZD
n:2&role behind:does	c=
n:2&role label	QM
n:2&title	_@
n:2&under	VH
n:3	@_
n:3&alone	B]
n:3&begins	LR
n:3&label	UI
n:3&open:half	@_
n:3&open:no	2n
n:3&r:dont	HV
n:3&r:fact	FX
n:3&r:greeting	A^
n:3&r:note	GW
n:3&r:other	DZ
n:3&r:unsettled	HV
n:3&r:visitors	KS
n:3&r:wish	A^
n:3&role behind:(	ZD
n:3&role behind:,	6j
n:3&role behind:is	LR
n:3&under	RL
n:4	FX
n:4&alone	KS
n:4&role behind:,	QM
open:half	JT
open:no	FX
open:yes	HV
quotes	KS
r:aside&open:no	MQ
r:dont	KS
r:dont&open:no	KS
r:fact	IU
r:fact&open:half	JT
r:fact&open:no	RL
r:fact&open:yes	JT
r:greeting	JT
r:greeting&open:no	JT
r:other	MQ
r:other&open:no	MQ
r:quoted	GW
r:quoted&open:no	GW
r:style	TJ
r:style&open:no	TJ
r:unsettled	KS
r:unsettled&open:no	KS
r:visitors	LR
r:visitors&open:half	JT
r:visitors&open:no	]B
r:visitors&open:yes	EY
r:wish	QM
r:wish&open:no	QM
role ahead	VH
role ahead&alone	VH
role ahead&label	VH
role ahead&open:half	WG
role ahead&open:no	IU
role ahead&open:yes	ZD
role ahead&r:dont	C[
role ahead&r:fact	YE
role ahead&r:other	b>
role ahead&r:visitors	SK
role ahead&role behind:(	TJ
role ahead&role behind:,	VH
role ahead&under	[C
role behind:(	ZD
role behind:(&label	RL
role behind:(&open:half	QM
role behind:(&open:no	[C
role behind:(&open:yes	UI
role behind:(&r:fact	UI
role behind:(&r:greeting	HV
role behind:(&r:other	TJ
role behind:(&under	^A
role behind:,	RL
role behind:,&label	MQ
role behind:,&open:half	LR
role behind:,&open:no	MQ
role behind:,&open:yes	UI
role behind:,&r:dont	SK
role behind:,&r:fact	SK
role behind:,&r:greeting	A^
role behind:,&r:note	IU
role behind:,&r:other	QM
role behind:,&r:quoted	SK
role behind:,&r:visitors	HV
role behind:,&r:wish	TJ
role behind:-	XF
role behind:-&open:half	JT
role behind:-&open:no	QM
role behind:-&open:yes	^A
role behind:-&r:dont	B]
role behind:-&r:fact	VH
role behind:-&r:note	KS
role behind:-&r:other	YE
role behind:-&r:unsettled	c=
role behind:-&r:wish	YE
role behind:-&under	d<
role behind:does	]B
role behind:does&begins	]B
role behind:does&open:no	WG
role behind:does&open:yes	]B
role behind:does&r:dont	IU
role behind:does&r:fact	]B
role behind:is	IU
role behind:is&begins	IU
role behind:is&open:yes	LR
role behind:is&r:fact	LR
role label&alone	VH
role label&label	SK
role label&open:half	_@
role label&open:no	LR
role label&r:fact	MQ
role label&role behind:,	YE
role label&under	WG
says name	]B
sp:client	HV
sp:designer	/q
title	QM
title&open:half	DZ
title&open:yes	^A
title&r:dont	LR
title&r:greeting	EY
title&r:note	UI
title&r:other	f:
title&r:quoted	A^
title&r:visitors	TJ
title&role ahead	c=
title&role behind:(	QM
title&role behind:,	MQ
title&role behind:does	YE
title&under	UI
to	FX
under	RL
under&open:half	i7
under&open:yes	MQ
under&r:dont	LR
under&r:fact	ZD
under&r:other	JT
under&r:visitors	EY
under&r:wish	FX`,
};
