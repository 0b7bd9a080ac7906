import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02417,
  bias: [-0.4212,0.4212],
  weights: `<:a	<d
<:abuelo	c=
<:alle	DZ
<:als	UI
<:also	FX
<:an	[C
<:and	XF
<:appelle	JT
<:apprent	a?
<:are	WG
<:ask	WG
<:at	DZ
<:atu	DZ
<:avec	b>
<:b	=c
<:beim	ZD
<:betreff	B]
<:bis	<d
<:bitte	SK
<:boat	<d
<:bonjour	YE
<:booking	[C
<:buenas	;e
<:but	IU
<:by	EY
<:büro	e;
<:c	WG
<:call	VH
<:called	RL
<:cc	n2
<:chair	YE
<:church	;e
<:creamer	A^
<:d	?a
<:de	YE
<:dear	EY
<:dem	B]
<:der	SK
<:dice	c=
<:die	MQ
<:directo	d<
<:e	9g
<:en	EY
<:enginee	SK
<:est	]B
<:estamos	RL
<:example	HV
<:first	:f
<:for	XF
<:fr	:f
<:from	EY
<:für	:f
<:g	SK
<:geehrte	B]
<:geht	WG
<:guild	<d
<:h	QM
<:hall	@_
<:he	b>
<:heißt	5k
<:hello	FX
<:hier	SK
<:hija	e;
<:hola	UI
<:hra	=c
<:i	LR
<:im	<d
<:impress	VH
<:in	C[
<:ing	a?
<:is	d<
<:ist	ZD
<:it	_@
<:its	UI
<:je	EY
<:jugendw	UI
<:keine	FX
<:la	HV
<:laden	HV
<:late	TJ
<:lautera	XF
<:law	g9
<:le	_@
<:legal	XF
<:lehrlin	g9
<:line	UI
<:llama	=c
<:llamada	^A
<:love	=c
<:m	XF
<:ma	d<
<:manager	[C
<:mar	RL
<:marsh	MQ
<:me	r.
<:meine	f:
<:mi	UI
<:mit	B]
<:mon	QM
<:mrs	C[
<:my	d<
<:myself	VH
<:nach	WG
<:name	B]
<:nave	:f
<:nd	9g
<:nicht	A^
<:no	6j
<:not	DZ
<:nothing	:f
<:nur	TJ
<:of	@_
<:old	:f
<:on	>b
<:only	SK
<:open	<d
<:operati	b>
<:or	d<
<:our	VH
<:pm	}!
<:preside	d<
<:préside	WG
<:que	SK
<:re	;e
<:registe	a?
<:right	ZD
<:ring	DZ
<:run	d<
<:s	RL
<:san	/q
<:sankt	8h
<:saturda	:f
<:say	TJ
<:se	7i
<:secreta	_@
<:sehr	B]
<:shed	A^
<:should	YE
<:since	;e
<:site	4l
<:sitzt	YE
<:somos	SK
<:son	b>
<:soy	g9
<:street	4l
<:suis	FX
<:swarm	UI
<:tardes	C[
<:that	IU
<:the	EY
<:they	ZD
<:this	>b
<:to	@_
<:trésori	e;
<:un	VH
<:von	WG
<:w	b>
<:web	3m
<:werden	A^
<:werksta	=c
<:what	^A
<:wie	DZ
<:wir	SK
<:y	g9
<:yo	e;
<:you	8h
<:young	d<
<:yours	YE
<:º	EY
<:à	?a
<:über	9g
>:a	JT
>:aa	FX
>:ab	HV
>:across	C[
>:after	d<
>:all	IU
>:als	HV
>:am	SK
>:answers	XF
>:any	@_
>:are	C[
>:as	DZ
>:asked	p0
>:associa	a?
>:at	=c
>:aus	C[
>:been	VH
>:bis	9g
>:bitte	B]
>:büro	WG
>:c	ZD
>:can	=c
>:chair	b>
>:co	=c
>:coordin	e;
>:d	7i
>:da	?a
>:darf	;e
>:das	JT
>:de	=c
>:del	<d
>:dice	g9
>:die	C[
>:directo	i7
>:do	2n
>:dock	?a
>:does	e;
>:doesn	TJ
>:e	@_
>:ein	TJ
>:el	ZD
>:en	UI
>:enginee	SK
>:es	SK
>:est	YE
>:et	=c
>:fait	f:
>:for	LR
>:fr	/q
>:fri	@_
>:fridays	C[
>:from	i7
>:für	:f
>:g	DZ
>:gegründ	<d
>:has	YE
>:hat	C[
>:have	;e
>:hd	?a
>:he	IU
>:her	IU
>:hi	<d
>:his	c=
>:i	JT
>:ich	?a
>:id	B]
>:idnr	WG
>:if	VH
>:im	d<
>:in	QM
>:inh	=c
>:inkl	C[
>:ist	]B
>:it	LR
>:ja	RL
>:jahr	[C
>:joined	c=
>:jugendw	[C
>:kein	[C
>:l	]B
>:la	]B
>:le	IU
>:lehrjah	_@
>:macht	[C
>:manager	g9
>:master	_@
>:me	k5
>:meeting	?a
>:meint	YE
>:meister	f:
>:mit	QM
>:more	@_
>:mrs	RL
>:musical	_@
>:my	VH
>:nach	?a
>:nd	YE
>:no	5k
>:noch	b>
>:nur	EY
>:o	TJ
>:of	HV
>:office	ZD
>:ohne	FX
>:ok	A^
>:on	j6
>:operati	WG
>:or	SK
>:our	RL
>:out	?a
>:p	=c
>:parle	g9
>:preise	B]
>:preside	_@
>:pro	DZ
>:propose	RL
>:put	]B
>:que	d<
>:qui	QM
>:registe	_@
>:rigging	KS
>:rue	9g
>:runs	:f
>:s	7i
>:said	KS
>:says	^A
>:secreta	d<
>:seit	HV
>:send	HV
>:sent	b>
>:she	7i
>:shop	^A
>:should	KS
>:si	RL
>:side	GW
>:sie	FX
>:since	RL
>:sites	?a
>:started	d<
>:still	h8
>:sí	=c
>:tel	XF
>:they	@_
>:third	d<
>:three	<d
>:thurs	b>
>:to	GW
>:treasur	a?
>:tues	LR
>:uhr	HV
>:un	d<
>:und	MQ
>:uns	C[
>:us	RL
>:use	8h
>:ust	VH
>:v	DZ
>:vertrie	_@
>:vom	JT
>:w	a?
>:was	5k
>:we	KS
>:what	;e
>:wheels	VH
>:who	d<
>:wie	YE
>:will	l4
>:wir	HV
>:with	UI
>:wrote	HV
>:x	WG
>:y	d<
>:yard	]B
>:you	XF
>:young	ZD
>:zwei	B]
>:à	XF
again	i7
alone	SK
alone&label	JT
alone&open:half	EY
alone&open:no	UI
alone&open:yes	WG
alone&r:dont	?a
alone&r:greeting	UI
alone&r:other	RL
asked for	m3
begins	IU
begins&alone	SK
begins&open:half	KS
begins&open:no	KS
begins&r:aside	IU
begins&r:dont	RL
begins&r:fact	KS
begins&r:greeting	MQ
begins&r:note	MQ
begins&r:unsettled	QM
begins&r:visitors	UI
begins&r:wish	?a
begins&under	ZD
ends	[C
from	UI
from&open:no	UI
given	t,
given+more	}!
greeted	C[
in business	SK
is business	VH
k:head	HV
k:head&from	UI
k:head&n:1	RL
k:head&n:2	?a
k:head&open:no	HV
k:head&under	DZ
k:heading	HV
k:heading&alone	?a
k:heading&begins	IU
k:heading&n:1	FX
k:heading&n:3	?a
k:heading&open:half	DZ
k:heading&open:yes	EY
k:heading&r:fact	MQ
k:heading&r:greeting	3m
k:heading&r:other	LR
k:heading&r:quoted	WG
k:heading&role behind:(	YE
k:heading&role behind:,	k5
k:heading&title	[C
k:item&alone	MQ
k:item&begins	XF
k:item&n:1	YE
k:item&n:2	A^
k:item&n:3	YE
k:item&n:4	LR
k:item&open:half	[C
k:item&open:no	KS
k:item&open:yes	LR
k:item&r:dont	<d
k:item&r:fact	RL
k:item&r:note	d<
k:item&r:other	XF
k:item&r:quoted	UI
k:item&r:visitors	TJ
k:item&r:wish	DZ
k:item&role ahead	ZD
k:item&role behind:(	@_
k:item&role behind:,	<d
k:item&role behind:-	VH
k:item&under	GW
k:line	HV
k:line&alone	YE
k:line&begins	LR
k:line&n:2	GW
k:line&n:3	KS
k:line&open:no	FX
k:line&open:yes	QM
k:line&r:aside	@_
k:line&r:dont	YE
k:line&r:fact	IU
k:line&r:greeting	JT
k:line&r:other	YE
k:line&r:quoted	A^
k:line&r:unsettled	7i
k:line&r:visitors	<d
k:line&role ahead	^A
k:line&role behind:(	WG
k:line&role behind:,	LR
k:line&role behind:-	B]
k:line&title	WG
k:line&under	TJ
k:row	MQ
k:row&n:1	LR
k:row&n:2	RL
k:row&n:3	EY
k:row&open:half	JT
k:row&open:no	a?
k:row&open:yes	<d
k:row&r:dont	d<
k:row&r:fact	=c
k:row&r:note	EY
k:row&role behind:,	UI
k:row&role behind:-	JT
k:row&title	A^
k:sentence&alone	HV
k:sentence&begins	FX
k:sentence&n:1	UI
k:sentence&n:2	LR
k:sentence&n:3	4l
k:sentence&n:4	VH
k:sentence&open:half	GW
k:sentence&open:no	QM
k:sentence&open:yes	RL
k:sentence&r:aside	TJ
k:sentence&r:dont	QM
k:sentence&r:greeting	UI
k:sentence&r:note	KS
k:sentence&r:other	6j
k:sentence&r:quoted	?a
k:sentence&r:unsettled	JT
k:sentence&r:visitors	TJ
k:sentence&r:wish	f:
k:sentence&role ahead	WG
k:sentence&role behind:does	VH
k:sentence&title	C[
k:sentence&under	SK
k:value	HV
k:value&begins	MQ
k:value&label	XF
k:value&n:1	GW
k:value&n:3	QM
k:value&open:no	JT
k:value&open:yes	GW
k:value&r:aside	A^
k:value&r:dont	6j
k:value&r:note	YE
k:value&r:other	DZ
k:value&r:quoted	>b
k:value&r:style	[C
k:value&r:unsettled	QM
k:value&r:visitors	@_
k:value&r:wish	QM
k:value&role ahead	[C
k:value&role behind:(	b>
k:value&role behind:,	RL
k:value&role behind:-	TJ
k:value&role behind:does	ZD
k:value&title	WG
k:value&under	UI
label	XF
label&open:no	_@
label&open:yes	[C
label&r:fact	XF
label&under	i7
last lines	HV
late	IU
low	HV
low:k:item	@_
low:k:line	GW
low:k:sentence	UI
low:k:value	2n
low:r:aside	LR
low:r:dont	2n
low:r:fact	[C
low:r:greeting	KS
low:r:note	QM
low:r:style	GW
low:r:unsettled	:f
low:r:visitors	/q
low:r:wish	0p
my	t,
n:1	QM
n:1&begins	KS
n:1&from	e;
n:1&label	TJ
n:1&open:half	UI
n:1&open:no	QM
n:1&open:yes	KS
n:1&r:aside	QM
n:1&r:dont	WG
n:1&r:greeting	IU
n:1&r:note	SK
n:1&r:other	KS
n:1&r:quoted	B]
n:1&r:style	YE
n:1&r:unsettled	RL
n:1&r:visitors	QM
n:1&r:wish	RL
n:1&role behind:(	c=
n:1&role behind:,	QM
n:1&role behind:-	FX
n:1&role behind:does	RL
n:1&title	HV
n:1&under	GW
n:2	>b
n:2&alone	VH
n:2&begins	MQ
n:2&from	SK
n:2&label	LR
n:2&open:half	HV
n:2&open:no	B]
n:2&open:yes	JT
n:2&r:aside	HV
n:2&r:dont	B]
n:2&r:greeting	SK
n:2&r:note	JT
n:2&r:other	TJ
n:2&r:quoted	QM
n:2&r:style	@_
n:2&r:unsettled	DZ
n:2&r:visitors	@_
n:2&r:wish	MQ
n:2&role ahead	g9
n:2&role behind:,	UI
n:2&role behind:-	b>
n:2&role behind:does	f:
n:2&title	n2
n:2&under	[C
n:3	C[
n:3&alone	<d
n:3&begins	DZ
n:3&label	_@
n:3&open:half	IU
n:3&open:no	1o
n:3&r:dont	7i
n:3&r:fact	IU
n:3&r:greeting	?a
n:3&r:note	IU
n:3&r:other	>b
n:3&r:wish	A^
n:3&role behind:(	VH
n:3&role behind:,	FX
n:3&under	UI
n:4	EY
n:4&begins	QM
n:4&open:yes	KS
n:4&r:fact	KS
open:half	JT
open:no	FX
open:yes	GW
quotes	GW
r:aside	JT
r:aside&open:no	JT
r:dont	MQ
r:dont&open:no	MQ
r:fact	LR
r:fact&open:half	JT
r:fact&open:no	QM
r:fact&open:yes	JT
r:greeting	JT
r:greeting&open:no	JT
r:quoted	FX
r:quoted&open:no	FX
r:style	WG
r:style&open:no	WG
r:visitors	GW
r:visitors&open:no	EY
r:visitors&open:yes	FX
role ahead	h8
role ahead&open:half	VH
role ahead&open:no	XF
role ahead&open:yes	d<
role ahead&r:fact	g9
role ahead&r:other	WG
role ahead&role behind:,	c=
role ahead&under	UI
role behind:(	^A
role behind:(&begins	JT
role behind:(&label	LR
role behind:(&open:half	b>
role behind:(&open:no	UI
role behind:(&open:yes	TJ
role behind:(&r:fact	SK
role behind:(&r:greeting	MQ
role behind:(&r:other	XF
role behind:(&under	j6
role behind:,	SK
role behind:,&begins	RL
role behind:,&label	[C
role behind:,&open:half	UI
role behind:,&open:no	MQ
role behind:,&open:yes	UI
role behind:,&r:fact	UI
role behind:,&r:greeting	>b
role behind:,&r:note	JT
role behind:,&r:other	JT
role behind:,&r:quoted	UI
role behind:,&r:wish	UI
role behind:-	RL
role behind:-&begins	XF
role behind:-&open:half	IU
role behind:-&open:yes	XF
role behind:-&r:dont	A^
role behind:-&r:fact	SK
role behind:-&r:note	RL
role behind:-&under	l4
role behind:does	a?
role behind:does&begins	d<
role behind:does&open:no	YE
role behind:does&open:yes	WG
role behind:does&r:dont	[C
role behind:does&r:fact	i7
role behind:is	HV
role behind:is&begins	HV
sp:client	JT
sp:designer	+u
title	TJ
title&open:yes	[C
title&r:dont	4l
title&r:greeting	B]
title&r:note	VH
title&r:other	o1
title&r:quoted	2n
title&r:visitors	QM
title&r:wish	VH
title&role ahead	XF
title&role behind:(	LR
title&under	ZD
to	FX
under	QM
under&open:half	TJ
under&open:yes	KS
under&r:dont	JT
under&r:fact	QM
under&r:other	TJ
under&r:visitors	JT`,
};
