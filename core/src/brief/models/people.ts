import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02364,
  bias: [-0.3441,0.3441],
  weights: `<:a	FX
<:abuelo	c=
<:alle	DZ
<:als	SK
<:also	FX
<:an	[C
<:and	VH
<:appelle	KS
<:apprent	a?
<:are	ZD
<:ask	UI
<:at	C[
<:atu	?a
<:avec	e;
<:b	B]
<:beim	WG
<:betreff	FX
<:bin	UI
<:bis	?a
<:bitte	RL
<:boat	<d
<:bonjour	VH
<:booking	]B
<:buenas	;e
<:but	JT
<:by	JT
<:büro	e;
<:c	WG
<:call	VH
<:cc	p0
<:chair	[C
<:church	<d
<:creamer	DZ
<:d	>b
<:de	[C
<:dear	C[
<:dem	A^
<:der	[C
<:dice	d<
<:die	MQ
<:directo	d<
<:e	:f
<:en	FX
<:enginee	VH
<:est	_@
<:estamos	RL
<:et	SK
<:example	GW
<:first	5k
<:for	[C
<:founded	e;
<:fr	=c
<:from	FX
<:für	;e
<:g	TJ
<:geehrte	DZ
<:geht	WG
<:get	9g
<:guild	:f
<:h	RL
<:hall	>b
<:he	a?
<:heißt	3m
<:hi	MQ
<:hier	TJ
<:hija	i7
<:hola	IU
<:hra	B]
<:im	>b
<:impress	XF
<:in	?a
<:ing	a?
<:is	b>
<:ist	ZD
<:it	_@
<:its	XF
<:je	C[
<:jugendw	UI
<:keine	GW
<:la	HV
<:laden	C[
<:late	SK
<:lautera	XF
<:law	f:
<:le	_@
<:legal	XF
<:lehrlin	d<
<:line	WG
<:llama	;e
<:llamada	_@
<:love	:f
<:m	UI
<:ma	c=
<:manager	ZD
<:mar	SK
<:me	s-
<:meine	f:
<:mi	VH
<:mit	@_
<:mon	SK
<:mr	MQ
<:my	d<
<:myself	XF
<:nach	XF
<:name	A^
<:nave	;e
<:nd	9g
<:nicht	@_
<:no	6j
<:nothing	9g
<:nur	TJ
<:of	A^
<:old	<d
<:on	DZ
<:only	RL
<:open	;e
<:operati	_@
<:or	i7
<:our	XF
<:pm	|#
<:preside	_@
<:préside	]B
<:que	QM
<:re	9g
<:registe	^A
<:right	YE
<:ring	B]
<:run	g9
<:s	RL
<:san	/q
<:sankt	7i
<:saturda	<d
<:say	TJ
<:se	7i
<:secreta	a?
<:sehr	DZ
<:shed	@_
<:shop	DZ
<:should	[C
<:since	=c
<:site	5k
<:sitzt	^A
<:somethi	>b
<:somos	UI
<:son	c=
<:sorry	UI
<:soy	f:
<:street	4l
<:suis	DZ
<:swarm	WG
<:tardes	C[
<:the	GW
<:they	VH
<:this	=c
<:to	=c
<:trésori	f:
<:two	9g
<:un	TJ
<:und	LR
<:von	ZD
<:w	d<
<:web	;e
<:werden	>b
<:werksta	LR
<:what	]B
<:wie	DZ
<:wir	UI
<:y	g9
<:yo	h8
<:you	:f
<:young	e;
<:yours	]B
<:º	EY
<:à	?a
<:über	;e
>:a	KS
>:aa	GW
>:ab	DZ
>:across	>b
>:after	e;
>:all	JT
>:als	B]
>:am	MQ
>:and	KS
>:answers	VH
>:any	=c
>:are	B]
>:as	EY
>:asked	r.
>:associa	b>
>:at	<d
>:aus	EY
>:been	VH
>:bis	9g
>:bitte	EY
>:by	>b
>:büro	]B
>:c	^A
>:calle	KS
>:can	LR
>:chair	_@
>:co	=c
>:coordin	b>
>:cuts	EY
>:d	3m
>:da	?a
>:darf	=c
>:das	HV
>:de	?a
>:del	:f
>:dice	h8
>:die	DZ
>:directo	h8
>:do	/q
>:dock	DZ
>:does	d<
>:doesn	UI
>:e	?a
>:ein	QM
>:el	WG
>:en	QM
>:enginee	SK
>:es	UI
>:est	YE
>:et	<d
>:fait	g9
>:first	>b
>:for	IU
>:fr	-s
>:fri	C[
>:fridays	A^
>:from	ZD
>:für	8h
>:g	DZ
>:gegründ	<d
>:gibt	KS
>:has	XF
>:hat	C[
>:have	9g
>:hd	?a
>:he	FX
>:her	GW
>:here	SK
>:hi	=c
>:his	c=
>:honey	A^
>:ich	<d
>:id	C[
>:idnr	UI
>:if	XF
>:im	b>
>:inh	;e
>:inkl	C[
>:is	TJ
>:ist	[C
>:ja	TJ
>:jahr	]B
>:joan	RL
>:joined	_@
>:jugendw	a?
>:kein	ZD
>:l	]B
>:la	XF
>:le	C[
>:left	;e
>:lehrjah	a?
>:macht	[C
>:manager	e;
>:master	^A
>:me	n2
>:meeting	?a
>:meint	YE
>:meister	g9
>:members	d<
>:mi	?a
>:more	=c
>:musical	ZD
>:my	TJ
>:nach	?a
>:nd	YE
>:no	6j
>:noch	c=
>:not	RL
>:number	=c
>:nur	FX
>:o	XF
>:of	JT
>:office	[C
>:ohne	B]
>:ok	A^
>:on	f:
>:only	QM
>:operati	WG
>:or	g9
>:out	@_
>:p	@_
>:parle	g9
>:preise	EY
>:preside	_@
>:pro	EY
>:propose	WG
>:préside	_@
>:put	a?
>:que	h8
>:qui	TJ
>:registe	b>
>:rigging	JT
>:rue	8h
>:runs	:f
>:s	5k
>:said	MQ
>:says	b>
>:secreta	d<
>:seit	HV
>:send	JT
>:sent	e;
>:she	4l
>:shop	ZD
>:should	MQ
>:side	EY
>:sie	KS
>:since	QM
>:sites	?a
>:started	d<
>:still	f:
>:sí	;e
>:tel	WG
>:that	GW
>:the	QM
>:they	@_
>:thinks	ZD
>:third	b>
>:three	6j
>:thurs	a?
>:to	EY
>:treasur	b>
>:tues	MQ
>:two	LR
>:uhr	HV
>:un	c=
>:uns	FX
>:upper	B]
>:use	4l
>:ust	UI
>:v	DZ
>:vertrie	c=
>:vom	C[
>:w	^A
>:was	6j
>:what	:f
>:wheels	VH
>:who	f:
>:wie	[C
>:will	m3
>:wir	HV
>:with	XF
>:wrote	FX
>:x	UI
>:y	e;
>:yard	]B
>:yo	b>
>:you	WG
>:young	a?
>:zwei	DZ
>:à	UI
again	j6
alone	RL
alone&label	FX
alone&open:half	>b
alone&open:no	RL
alone&open:yes	b>
alone&r:dont	B]
alone&r:fact	JT
alone&r:greeting	XF
alone&r:other	QM
asked for	r.
begins	IU
begins&alone	RL
begins&open:half	IU
begins&open:no	LR
begins&r:aside	HV
begins&r:dont	UI
begins&r:fact	HV
begins&r:greeting	RL
begins&r:note	MQ
begins&r:quoted	QM
begins&r:style	FX
begins&r:unsettled	SK
begins&r:visitors	ZD
begins&r:wish	=c
begins&under	UI
ends	ZD
from	TJ
from&open:no	TJ
given	v*
given+more	}!
greeted	A^
in business	TJ
is business	RL
k:head	GW
k:head&from	TJ
k:head&n:1	RL
k:head&n:2	>b
k:head&open:no	GW
k:head&under	C[
k:heading	FX
k:heading&alone	A^
k:heading&begins	IU
k:heading&n:1	C[
k:heading&n:2	QM
k:heading&n:3	DZ
k:heading&open:half	HV
k:heading&open:no	LR
k:heading&open:yes	FX
k:heading&r:fact	DZ
k:heading&r:greeting	2n
k:heading&r:quoted	WG
k:heading&role behind:(	XF
k:heading&role behind:,	k5
k:heading&title	ZD
k:item&begins	^A
k:item&n:1	ZD
k:item&n:2	>b
k:item&n:3	TJ
k:item&n:4	KS
k:item&open:half	XF
k:item&open:no	MQ
k:item&open:yes	KS
k:item&r:dont	7i
k:item&r:fact	TJ
k:item&r:note	]B
k:item&r:other	WG
k:item&r:quoted	UI
k:item&r:style	WG
k:item&r:unsettled	SK
k:item&r:visitors	RL
k:item&r:wish	B]
k:item&role ahead	]B
k:item&role behind:(	?a
k:item&role behind:,	:f
k:item&role behind:-	[C
k:item&title	MQ
k:item&under	JT
k:line	GW
k:line&alone	YE
k:line&begins	HV
k:line&n:2	FX
k:line&n:3	JT
k:line&open:half	=c
k:line&open:no	HV
k:line&open:yes	TJ
k:line&r:aside	QM
k:line&r:dont	LR
k:line&r:fact	JT
k:line&r:greeting	IU
k:line&r:note	HV
k:line&r:other	YE
k:line&r:quoted	=c
k:line&r:visitors	>b
k:line&role ahead	[C
k:line&role behind:(	SK
k:line&role behind:-	FX
k:line&title	SK
k:line&under	VH
k:row	KS
k:row&n:1	JT
k:row&n:2	RL
k:row&n:3	GW
k:row&open:half	TJ
k:row&open:no	WG
k:row&open:yes	9g
k:row&r:dont	d<
k:row&r:fact	@_
k:row&r:note	DZ
k:row&role behind:,	XF
k:row&role behind:-	IU
k:row&title	C[
k:sentence&alone	FX
k:sentence&begins	C[
k:sentence&n:1	SK
k:sentence&n:2	LR
k:sentence&n:3	1o
k:sentence&n:4	VH
k:sentence&open:half	EY
k:sentence&open:no	QM
k:sentence&open:yes	QM
k:sentence&r:greeting	WG
k:sentence&r:note	KS
k:sentence&r:other	6j
k:sentence&r:quoted	GW
k:sentence&r:style	KS
k:sentence&r:unsettled	HV
k:sentence&r:wish	p0
k:sentence&role ahead	XF
k:sentence&role behind:,	MQ
k:sentence&role behind:-	SK
k:sentence&role behind:does	]B
k:sentence&title	GW
k:sentence&under	RL
k:value	JT
k:value&alone	MQ
k:value&begins	SK
k:value&label	ZD
k:value&n:1	FX
k:value&n:3	TJ
k:value&open:half	YE
k:value&open:no	GW
k:value&open:yes	FX
k:value&r:aside	A^
k:value&r:dont	HV
k:value&r:fact	MQ
k:value&r:note	[C
k:value&r:other	<d
k:value&r:quoted	A^
k:value&r:style	^A
k:value&r:unsettled	UI
k:value&r:visitors	>b
k:value&r:wish	KS
k:value&role ahead	_@
k:value&role behind:(	d<
k:value&role behind:does	YE
k:value&title	VH
k:value&under	UI
label	ZD
label&open:half	TJ
label&open:no	FX
label&open:yes	ZD
label&r:fact	WG
label&r:visitors	SK
label&under	i7
last lines	HV
late	IU
low	FX
low:k:item	?a
low:k:line	FX
low:k:sentence	UI
low:k:value	-s
low:r:dont	2n
low:r:fact	YE
low:r:note	MQ
low:r:style	C[
low:r:unsettled	:f
low:r:visitors	B]
low:r:wish	,t
low:whole	i7
my	v*
n:1	RL
n:1&begins	LR
n:1&from	e;
n:1&open:half	SK
n:1&open:no	QM
n:1&open:yes	MQ
n:1&r:aside	QM
n:1&r:dont	RL
n:1&r:greeting	HV
n:1&r:note	WG
n:1&r:other	KS
n:1&r:quoted	C[
n:1&r:style	WG
n:1&r:unsettled	LR
n:1&r:visitors	SK
n:1&role behind:(	d<
n:1&role behind:,	QM
n:1&role behind:-	JT
n:1&role behind:does	SK
n:1&title	HV
n:1&under	HV
n:2	@_
n:2&alone	SK
n:2&from	QM
n:2&label	SK
n:2&open:half	EY
n:2&open:no	@_
n:2&open:yes	JT
n:2&r:aside	<d
n:2&r:dont	C[
n:2&r:fact	LR
n:2&r:greeting	RL
n:2&r:note	B]
n:2&r:other	TJ
n:2&r:quoted	QM
n:2&r:style	>b
n:2&r:visitors	B]
n:2&r:wish	JT
n:2&role ahead	e;
n:2&role behind:(	MQ
n:2&role behind:,	SK
n:2&role behind:-	]B
n:2&role behind:does	g9
n:2&title	e;
n:2&under	[C
n:3	A^
n:3&alone	>b
n:3&begins	DZ
n:3&label	]B
n:3&open:half	MQ
n:3&open:no	%z
n:3&open:yes	JT
n:3&r:dont	A^
n:3&r:fact	HV
n:3&r:greeting	>b
n:3&r:note	A^
n:3&r:other	C[
n:3&r:visitors	MQ
n:3&r:wish	A^
n:3&role behind:(	a?
n:3&role behind:,	JT
n:3&under	TJ
n:4	EY
n:4&begins	RL
n:4&open:yes	JT
n:4&r:fact	JT
n:4&role behind:,	MQ
open:half	KS
open:no	FX
open:yes	FX
quotes	GW
r:aside	JT
r:aside&open:no	JT
r:dont	KS
r:dont&open:half	A^
r:dont&open:no	MQ
r:fact	JT
r:fact&open:half	MQ
r:fact&open:yes	JT
r:greeting	JT
r:greeting&open:no	JT
r:note	QM
r:note&open:no	QM
r:quoted	GW
r:quoted&open:no	GW
r:style	TJ
r:style&open:no	TJ
r:unsettled	GW
r:unsettled&open:no	GW
r:visitors	FX
r:visitors&open:half	JT
r:visitors&open:no	WG
r:visitors&open:yes	B]
r:wish	MQ
r:wish&open:no	MQ
role ahead	e;
role ahead&open:half	ZD
role ahead&open:no	ZD
role ahead&open:yes	a?
role ahead&r:fact	d<
role ahead&role behind:,	^A
role ahead&under	TJ
role behind:(	]B
role behind:(&begins	LR
role behind:(&label	JT
role behind:(&open:no	XF
role behind:(&open:yes	_@
role behind:(&r:fact	QM
role behind:(&r:greeting	KS
role behind:(&r:other	]B
role behind:(&under	n2
role behind:,	TJ
role behind:,&begins	TJ
role behind:,&label	YE
role behind:,&open:half	]B
role behind:,&open:no	JT
role behind:,&open:yes	SK
role behind:,&r:dont	TJ
role behind:,&r:fact	VH
role behind:,&r:greeting	@_
role behind:,&r:note	IU
role behind:,&r:other	KS
role behind:,&r:quoted	RL
role behind:,&r:visitors	LR
role behind:,&r:wish	RL
role behind:,&under	TJ
role behind:-	TJ
role behind:-&begins	SK
role behind:-&open:yes	UI
role behind:-&r:dont	?a
role behind:-&r:fact	UI
role behind:-&r:note	JT
role behind:-&r:wish	a?
role behind:-&under	h8
role behind:does	f:
role behind:does&begins	b>
role behind:does&open:no	_@
role behind:does&open:yes	a?
role behind:does&r:dont	GW
role behind:does&r:fact	a?
role behind:is	GW
role behind:is&begins	GW
sp:client	JT
sp:designer	)w
title	SK
title&open:half	GW
title&open:no	LR
title&open:yes	c=
title&r:dont	2n
title&r:fact	SK
title&r:greeting	DZ
title&r:other	i7
title&r:quoted	;e
title&r:unsettled	<d
title&r:visitors	QM
title&r:wish	[C
title&role ahead	VH
title&role behind:(	LR
title&role behind:,	KS
title&under	^A
to	DZ
under&open:half	JT
under&open:yes	RL
under&r:dont	MQ
under&r:fact	RL
under&r:other	DZ
under&r:style	MQ
under&r:visitors	JT
under&r:wish	HV`,
};
