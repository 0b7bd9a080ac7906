import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02474,
  bias: [-0.4112,0.4112],
  weights: `<:a	<d
<:abuelo	c=
<:alle	EY
<:als	UI
<:also	HV
<:an	]B
<:and	XF
<:appelle	JT
<:apprent	]B
<:are	XF
<:ask	UI
<:at	DZ
<:atu	A^
<:avec	a?
<:b	A^
<:beim	YE
<:betreff	B]
<:bis	@_
<:bitte	TJ
<:boat	=c
<:bonjour	XF
<:booking	XF
<:buenas	>b
<:but	HV
<:by	DZ
<:büro	e;
<:c	VH
<:call	WG
<:called	SK
<:cc	n2
<:chair	]B
<:church	9g
<:creamer	C[
<:d	A^
<:de	ZD
<:dear	EY
<:dem	<d
<:der	TJ
<:dice	c=
<:directo	e;
<:e	9g
<:en	EY
<:enginee	WG
<:est	]B
<:estamos	QM
<:example	GW
<:first	8h
<:for	WG
<:fr	9g
<:from	GW
<:für	;e
<:g	TJ
<:geehrte	GW
<:geht	WG
<:guild	;e
<:h	SK
<:hall	@_
<:he	b>
<:heißt	<d
<:hello	GW
<:hi	RL
<:hier	TJ
<:hija	g9
<:hola	SK
<:hra	B]
<:i	KS
<:im	A^
<:impress	VH
<:in	DZ
<:ing	a?
<:is	e;
<:ist	YE
<:it	]B
<:its	VH
<:je	DZ
<:jugendw	TJ
<:keine	DZ
<:la	IU
<:laden	DZ
<:late	TJ
<:lautera	YE
<:law	e;
<:le	_@
<:legal	XF
<:lehrlin	e;
<:line	UI
<:llama	;e
<:llamada	ZD
<:love	=c
<:m	YE
<:ma	c=
<:manager	ZD
<:mar	RL
<:marsh	LR
<:me	r.
<:meine	d<
<:mi	TJ
<:mit	B]
<:mr	MQ
<:mrs	GW
<:my	b>
<:myself	VH
<:nach	YE
<:name	A^
<:nave	<d
<:nd	;e
<:nicht	@_
<:no	7i
<:not	FX
<:nothing	;e
<:nur	UI
<:of	A^
<:old	:f
<:on	A^
<:only	SK
<:open	=c
<:operati	^A
<:or	e;
<:our	WG
<:pm	}!
<:preside	d<
<:préside	YE
<:que	SK
<:re	9g
<:registe	^A
<:right	XF
<:ring	C[
<:run	d<
<:s	TJ
<:san	1o
<:sankt	;e
<:saturda	:f
<:say	TJ
<:se	8h
<:secreta	_@
<:sehr	GW
<:shed	B]
<:should	ZD
<:since	;e
<:site	5k
<:sitzt	YE
<:somos	UI
<:son	b>
<:sorry	TJ
<:soy	g9
<:street	7i
<:suis	FX
<:swarm	UI
<:tardes	EY
<:that	JT
<:the	GW
<:they	WG
<:this	>b
<:to	@_
<:trésori	e;
<:un	VH
<:und	MQ
<:v	MQ
<:von	VH
<:w	a?
<:web	3m
<:werden	@_
<:werksta	;e
<:what	[C
<:wie	FX
<:wir	VH
<:y	e;
<:yo	d<
<:you	7i
<:young	d<
<:yours	XF
<:º	FX
<:à	?a
<:über	;e
>:a	JT
>:aa	C[
>:ab	DZ
>:across	C[
>:after	d<
>:all	IU
>:als	HV
>:am	QM
>:and	MQ
>:answers	XF
>:any	@_
>:are	>b
>:as	EY
>:asked	n2
>:associa	a?
>:at	=c
>:aus	IU
>:been	VH
>:bis	:f
>:bitte	C[
>:büro	XF
>:c	[C
>:can	>b
>:chair	a?
>:co	=c
>:coordin	b>
>:d	6j
>:da	@_
>:darf	>b
>:das	IU
>:de	?a
>:del	<d
>:dice	h8
>:die	C[
>:directo	i7
>:do	3m
>:dock	?a
>:does	f:
>:doesn	TJ
>:e	@_
>:ein	RL
>:el	XF
>:en	TJ
>:enginee	RL
>:es	UI
>:est	ZD
>:et	>b
>:fait	e;
>:for	MQ
>:fr	1o
>:fri	B]
>:fridays	B]
>:from	l4
>:für	;e
>:g	EY
>:gegründ	>b
>:had	MQ
>:has	]B
>:hat	EY
>:have	:f
>:hd	>b
>:he	HV
>:her	IU
>:hi	?a
>:his	f:
>:i	KS
>:ich	>b
>:id	IU
>:idnr	UI
>:if	VH
>:im	f:
>:inh	>b
>:inkl	JT
>:ist	a?
>:it	MQ
>:ja	RL
>:jahr	]B
>:joined	c=
>:jugendw	[C
>:kein	YE
>:l	]B
>:la	[C
>:le	IU
>:lehrjah	_@
>:macht	]B
>:manager	e;
>:master	_@
>:me	k5
>:meeting	A^
>:meint	WG
>:meister	f:
>:mit	RL
>:more	@_
>:mrs	SK
>:musical	YE
>:my	VH
>:nach	A^
>:nd	YE
>:no	8h
>:noch	a?
>:not	QM
>:nur	HV
>:o	UI
>:of	JT
>:office	ZD
>:ohne	HV
>:ok	?a
>:on	j6
>:operati	VH
>:or	TJ
>:our	RL
>:out	?a
>:p	>b
>:parle	g9
>:preise	FX
>:preside	a?
>:pro	FX
>:propose	RL
>:put	YE
>:que	c=
>:qui	SK
>:registe	a?
>:rue	:f
>:runs	9g
>:s	9g
>:said	MQ
>:says	]B
>:secreta	f:
>:seit	IU
>:send	JT
>:sent	b>
>:she	9g
>:shop	ZD
>:should	KS
>:si	RL
>:side	GW
>:sie	FX
>:since	TJ
>:sites	>b
>:started	d<
>:still	g9
>:sí	=c
>:tel	XF
>:that	RL
>:the	QM
>:they	?a
>:third	d<
>:three	>b
>:thurs	_@
>:to	GW
>:treasur	a?
>:tues	LR
>:uhr	EY
>:un	e;
>:uns	DZ
>:us	RL
>:use	8h
>:ust	SK
>:v	DZ
>:vertrie	^A
>:vom	GW
>:w	a?
>:was	5k
>:we	MQ
>:what	;e
>:wheels	WG
>:who	g9
>:wie	ZD
>:will	l4
>:wir	IU
>:with	VH
>:wrote	HV
>:x	VH
>:y	f:
>:yard	^A
>:you	WG
>:young	XF
>:zwei	DZ
>:à	XF
again	h8
alone	RL
alone&label	JT
alone&open:half	B]
alone&open:no	UI
alone&open:yes	YE
alone&r:dont	EY
alone&r:greeting	UI
alone&r:other	SK
asked for	q/
begins	IU
begins&alone	RL
begins&open:half	LR
begins&open:no	KS
begins&open:yes	LR
begins&r:aside	JT
begins&r:dont	QM
begins&r:fact	KS
begins&r:note	LR
begins&r:quoted	QM
begins&r:style	MQ
begins&r:unsettled	RL
begins&r:visitors	TJ
begins&r:wish	<d
begins&under	XF
ends	ZD
from	UI
from&open:no	UI
given	s-
given+more	}!
greeted	C[
in business	RL
is business	VH
k:head	GW
k:head&from	UI
k:head&n:1	SK
k:head&n:2	=c
k:head&open:no	GW
k:head&under	DZ
k:heading	GW
k:heading&alone	@_
k:heading&begins	HV
k:heading&n:1	GW
k:heading&n:3	DZ
k:heading&open:half	C[
k:heading&open:yes	DZ
k:heading&r:greeting	5k
k:heading&r:other	MQ
k:heading&r:quoted	XF
k:heading&role behind:(	XF
k:heading&role behind:,	j6
k:heading&title	ZD
k:item&alone	MQ
k:item&begins	YE
k:item&n:1	XF
k:item&n:2	A^
k:item&n:3	UI
k:item&n:4	KS
k:item&open:half	YE
k:item&open:no	MQ
k:item&open:yes	KS
k:item&r:dont	9g
k:item&r:fact	QM
k:item&r:note	^A
k:item&r:other	YE
k:item&r:quoted	VH
k:item&r:visitors	UI
k:item&r:wish	B]
k:item&role ahead	WG
k:item&role behind:(	B]
k:item&role behind:,	=c
k:item&role behind:-	WG
k:item&under	HV
k:line	IU
k:line&alone	ZD
k:line&begins	IU
k:line&n:2	HV
k:line&n:3	JT
k:line&open:no	HV
k:line&r:aside	@_
k:line&r:dont	WG
k:line&r:fact	IU
k:line&r:greeting	JT
k:line&r:note	MQ
k:line&r:other	YE
k:line&r:quoted	?a
k:line&r:unsettled	6j
k:line&r:visitors	>b
k:line&role ahead	a?
k:line&role behind:(	TJ
k:line&role behind:,	MQ
k:line&role behind:-	B]
k:line&title	WG
k:line&under	TJ
k:row	LR
k:row&n:1	JT
k:row&n:3	B]
k:row&open:half	IU
k:row&open:no	b>
k:row&open:yes	>b
k:row&r:dont	b>
k:row&r:fact	>b
k:row&r:note	EY
k:row&role behind:,	WG
k:row&role behind:-	LR
k:row&title	FX
k:sentence&alone	FX
k:sentence&begins	FX
k:sentence&n:1	TJ
k:sentence&n:2	LR
k:sentence&n:3	1o
k:sentence&n:4	TJ
k:sentence&open:half	HV
k:sentence&open:no	QM
k:sentence&open:yes	RL
k:sentence&r:aside	UI
k:sentence&r:dont	SK
k:sentence&r:greeting	XF
k:sentence&r:note	KS
k:sentence&r:other	:f
k:sentence&r:quoted	A^
k:sentence&r:unsettled	IU
k:sentence&r:visitors	SK
k:sentence&r:wish	f:
k:sentence&role ahead	WG
k:sentence&role behind:-	MQ
k:sentence&role behind:does	WG
k:sentence&title	EY
k:sentence&under	RL
k:value	HV
k:value&alone	QM
k:value&label	XF
k:value&n:1	FX
k:value&open:no	KS
k:value&open:yes	IU
k:value&r:aside	?a
k:value&r:dont	:f
k:value&r:note	YE
k:value&r:other	FX
k:value&r:quoted	?a
k:value&r:style	[C
k:value&r:unsettled	QM
k:value&r:visitors	?a
k:value&r:wish	SK
k:value&role ahead	[C
k:value&role behind:(	b>
k:value&role behind:,	RL
k:value&role behind:-	TJ
k:value&role behind:does	YE
k:value&title	XF
k:value&under	UI
label	XF
label&open:no	ZD
label&open:yes	ZD
label&r:fact	WG
label&under	h8
last lines	IU
late	GW
low	HV
low:k:item	@_
low:k:line	HV
low:k:sentence	UI
low:k:value	3m
low:r:dont	3m
low:r:fact	XF
low:r:greeting	KS
low:r:note	MQ
low:r:style	EY
low:r:unsettled	:f
low:r:visitors	0p
low:r:wish	1o
low:whole	e;
my	t,
n:1	QM
n:1&alone	QM
n:1&begins	KS
n:1&from	c=
n:1&label	TJ
n:1&open:half	TJ
n:1&open:no	QM
n:1&open:yes	KS
n:1&r:dont	WG
n:1&r:greeting	HV
n:1&r:note	SK
n:1&r:other	LR
n:1&r:quoted	C[
n:1&r:style	YE
n:1&r:unsettled	SK
n:1&r:wish	QM
n:1&role behind:(	e;
n:1&role behind:-	FX
n:1&role behind:does	RL
n:1&title	GW
n:1&under	GW
n:2	@_
n:2&alone	VH
n:2&begins	LR
n:2&from	RL
n:2&open:half	EY
n:2&open:no	A^
n:2&open:yes	IU
n:2&r:aside	GW
n:2&r:dont	B]
n:2&r:fact	LR
n:2&r:greeting	QM
n:2&r:note	KS
n:2&r:other	SK
n:2&r:style	A^
n:2&r:unsettled	B]
n:2&r:visitors	=c
n:2&r:wish	MQ
n:2&role ahead	g9
n:2&role behind:,	UI
n:2&role behind:-	_@
n:2&role behind:does	e;
n:2&title	l4
n:2&under	[C
n:3	C[
n:3&alone	:f
n:3&begins	C[
n:3&label	]B
n:3&open:half	IU
n:3&open:no	-s
n:3&r:dont	A^
n:3&r:fact	IU
n:3&r:greeting	B]
n:3&r:note	FX
n:3&r:other	C[
n:3&r:visitors	RL
n:3&r:wish	B]
n:3&role behind:(	XF
n:3&role behind:,	HV
n:3&under	UI
n:4	DZ
n:4&open:yes	KS
n:4&r:fact	KS
n:4&role behind:,	MQ
open:half	LR
open:no	GW
open:yes	HV
quotes	FX
r:aside	JT
r:aside&open:no	JT
r:dont	LR
r:dont&open:no	MQ
r:fact	KS
r:fact&open:half	KS
r:fact&open:no	UI
r:fact&open:yes	KS
r:greeting	JT
r:greeting&open:no	JT
r:quoted	EY
r:quoted&open:no	EY
r:style	WG
r:style&open:no	WG
r:visitors	HV
r:visitors&open:yes	FX
role ahead	h8
role ahead&open:half	ZD
role ahead&open:no	XF
role ahead&open:yes	c=
role ahead&r:fact	f:
role ahead&r:other	TJ
role ahead&role behind:,	a?
role ahead&under	TJ
role behind:(	]B
role behind:(&begins	LR
role behind:(&label	MQ
role behind:(&open:half	YE
role behind:(&open:no	XF
role behind:(&open:yes	RL
role behind:(&r:fact	TJ
role behind:(&r:greeting	KS
role behind:(&r:other	XF
role behind:(&under	m3
role behind:,	SK
role behind:,&begins	TJ
role behind:,&label	VH
role behind:,&open:half	UI
role behind:,&open:no	MQ
role behind:,&open:yes	UI
role behind:,&r:fact	TJ
role behind:,&r:greeting	<d
role behind:,&r:note	IU
role behind:,&r:other	IU
role behind:,&r:quoted	UI
role behind:,&r:visitors	QM
role behind:,&r:wish	UI
role behind:,&under	QM
role behind:-	RL
role behind:-&begins	XF
role behind:-&open:half	IU
role behind:-&open:yes	XF
role behind:-&r:dont	@_
role behind:-&r:fact	SK
role behind:-&under	l4
role behind:does	a?
role behind:does&begins	c=
role behind:does&open:no	ZD
role behind:does&open:yes	XF
role behind:does&r:dont	YE
role behind:does&r:fact	g9
role behind:is	FX
role behind:is&begins	FX
sp:client	KS
sp:designer	-s
title	RL
title&open:yes	[C
title&r:dont	2n
title&r:greeting	GW
title&r:note	WG
title&r:other	p0
title&r:quoted	1o
title&r:visitors	QM
title&r:wish	UI
title&role ahead	VH
title&under	^A
to	FX
under	QM
under&open:half	TJ
under&open:yes	KS
under&r:dont	HV
under&r:fact	QM
under&r:other	SK
under&r:visitors	IU`,
};
