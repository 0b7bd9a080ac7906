import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02441,
  bias: [-0.3647,0.3647],
  weights: `<:a	GW
<:abuelo	a?
<:alle	C[
<:als	TJ
<:also	GW
<:an	ZD
<:and	VH
<:appelle	JT
<:apprent	a?
<:are	WG
<:ask	UI
<:at	DZ
<:atu	EY
<:avec	c=
<:b	@_
<:beim	YE
<:betreff	EY
<:bin	TJ
<:bis	?a
<:bitte	SK
<:boat	;e
<:bonjour	VH
<:booking	]B
<:buenas	:f
<:but	KS
<:by	IU
<:büro	d<
<:c	UI
<:call	YE
<:cc	o1
<:chair	]B
<:church	<d
<:creamer	DZ
<:d	=c
<:de	[C
<:dear	EY
<:dem	>b
<:der	[C
<:dice	c=
<:die	MQ
<:directo	f:
<:e	;e
<:en	EY
<:enginee	VH
<:est	]B
<:estamos	SK
<:et	RL
<:example	DZ
<:first	7i
<:for	ZD
<:founded	d<
<:fr	<d
<:from	DZ
<:für	=c
<:g	TJ
<:geehrte	@_
<:geht	YE
<:get	;e
<:guild	:f
<:h	SK
<:hall	?a
<:he	a?
<:heißt	7i
<:hello	JT
<:hi	QM
<:hier	SK
<:hija	h8
<:hola	GW
<:hra	A^
<:i	MQ
<:im	?a
<:impress	UI
<:in	@_
<:ing	^A
<:is	d<
<:ist	[C
<:it	^A
<:its	WG
<:je	DZ
<:jugendw	UI
<:keine	HV
<:la	IU
<:laden	FX
<:late	QM
<:lautera	YE
<:law	g9
<:le	_@
<:legal	XF
<:lehrlin	e;
<:line	WG
<:llama	;e
<:llamada	a?
<:love	<d
<:m	VH
<:ma	d<
<:manager	[C
<:mar	TJ
<:me	r.
<:meine	d<
<:mi	VH
<:mit	DZ
<:mon	MQ
<:mr	MQ
<:my	c=
<:myself	VH
<:nach	YE
<:name	?a
<:nave	;e
<:nd	;e
<:nicht	>b
<:no	8h
<:not	QM
<:nothing	:f
<:nur	UI
<:of	@_
<:old	<d
<:on	EY
<:only	SK
<:open	<d
<:operati	_@
<:or	g9
<:our	TJ
<:pm	|#
<:preside	_@
<:préside	[C
<:re	<d
<:registe	]B
<:right	ZD
<:ring	EY
<:run	e;
<:s	QM
<:san	/q
<:sankt	7i
<:saturda	:f
<:say	TJ
<:se	:f
<:secreta	b>
<:sehr	@_
<:shed	@_
<:shop	C[
<:should	XF
<:since	=c
<:site	5k
<:sitzt	[C
<:somethi	@_
<:somos	VH
<:son	d<
<:sorry	UI
<:soy	g9
<:street	6j
<:suis	FX
<:swarm	WG
<:tardes	A^
<:that	RL
<:the	HV
<:they	UI
<:this	>b
<:to	;e
<:trésori	c=
<:two	:f
<:un	RL
<:und	LR
<:von	ZD
<:w	a?
<:web	<d
<:werden	?a
<:werksta	MQ
<:what	[C
<:wie	GW
<:wir	XF
<:y	f:
<:yo	g9
<:you	9g
<:young	f:
<:yours	YE
<:º	EY
<:à	?a
<:über	=c
>:a	SK
>:aa	DZ
>:ab	HV
>:across	@_
>:after	e;
>:all	JT
>:als	B]
>:and	MQ
>:answers	WG
>:any	=c
>:are	A^
>:as	JT
>:asked	m3
>:associa	_@
>:at	>b
>:aus	GW
>:been	XF
>:bis	:f
>:bitte	@_
>:by	>b
>:büro	]B
>:c	ZD
>:calle	JT
>:can	HV
>:chair	ZD
>:co	?a
>:coordin	a?
>:cuts	DZ
>:d	7i
>:da	>b
>:darf	>b
>:das	JT
>:de	A^
>:del	<d
>:dice	l4
>:die	EY
>:directo	g9
>:do	2n
>:dock	@_
>:does	d<
>:doesn	UI
>:e	A^
>:ein	SK
>:el	WG
>:en	QM
>:enginee	SK
>:es	UI
>:et	>b
>:fait	f:
>:first	>b
>:for	JT
>:fr	0p
>:fri	@_
>:fridays	C[
>:from	b>
>:für	<d
>:g	GW
>:gegründ	=c
>:gibt	IU
>:had	LR
>:has	VH
>:hat	A^
>:have	9g
>:hd	?a
>:he	EY
>:her	_@
>:his	c=
>:i	SK
>:id	GW
>:idnr	VH
>:if	TJ
>:im	b>
>:in	MQ
>:inh	EY
>:inkl	FX
>:ist	]B
>:jahr	[C
>:joan	SK
>:joined	a?
>:jugendw	]B
>:kein	ZD
>:l	^A
>:la	WG
>:le	DZ
>:left	:f
>:lehrjah	b>
>:macht	_@
>:manager	g9
>:master	^A
>:me	l4
>:meeting	>b
>:meint	VH
>:meister	f:
>:members	b>
>:mi	?a
>:more	=c
>:mrs	QM
>:musical	ZD
>:my	TJ
>:nach	?a
>:nd	XF
>:no	4l
>:noch	a?
>:not	VH
>:number	?a
>:nur	HV
>:o	WG
>:of	IU
>:office	[C
>:ohne	HV
>:ok	A^
>:on	g9
>:only	KS
>:operati	VH
>:or	f:
>:out	@_
>:p	>b
>:parle	f:
>:preise	?a
>:preside	^A
>:pro	HV
>:propose	UI
>:préside	^A
>:put	^A
>:que	g9
>:qui	RL
>:registe	^A
>:rigging	KS
>:rue	9g
>:runs	=c
>:s	6j
>:said	MQ
>:says	c=
>:secreta	e;
>:seit	DZ
>:send	IU
>:sent	a?
>:she	9g
>:shop	[C
>:should	JT
>:side	HV
>:sie	HV
>:since	QM
>:sites	=c
>:started	d<
>:still	f:
>:sí	9g
>:tel	WG
>:that	HV
>:they	>b
>:thinks	VH
>:third	c=
>:three	8h
>:thurs	]B
>:to	EY
>:treasur	c=
>:two	MQ
>:uhr	IU
>:un	c=
>:und	LR
>:uns	EY
>:upper	IU
>:ust	SK
>:v	DZ
>:vertrie	_@
>:vom	GW
>:w	]B
>:was	<d
>:we	WG
>:what	:f
>:wheels	YE
>:who	f:
>:wie	ZD
>:will	j6
>:wir	FX
>:with	UI
>:wrote	DZ
>:x	TJ
>:y	d<
>:yard	]B
>:yo	c=
>:you	VH
>:young	a?
>:zwei	DZ
>:à	VH
again	h8
alone	QM
alone&label	JT
alone&open:half	=c
alone&open:no	RL
alone&open:yes	a?
alone&r:dont	B]
alone&r:fact	JT
alone&r:greeting	WG
alone&r:other	QM
alone&under	LR
asked for	p0
begins	KS
begins&alone	QM
begins&open:no	LR
begins&r:aside	HV
begins&r:dont	VH
begins&r:fact	FX
begins&r:note	XF
begins&r:style	HV
begins&r:unsettled	VH
begins&r:visitors	a?
begins&r:wish	<d
begins&under	a?
ends	ZD
from	TJ
from&open:no	TJ
given	v*
given+more	}!
greeted	C[
in business	TJ
is business	QM
k:head	GW
k:head&from	TJ
k:head&n:1	TJ
k:head&n:2	>b
k:head&open:no	GW
k:head&under	DZ
k:heading	GW
k:heading&alone	>b
k:heading&n:1	FX
k:heading&n:3	C[
k:heading&open:half	JT
k:heading&open:no	LR
k:heading&open:yes	C[
k:heading&r:fact	C[
k:heading&r:greeting	0p
k:heading&r:other	LR
k:heading&r:quoted	YE
k:heading&role behind:(	VH
k:heading&role behind:,	i7
k:heading&title	YE
k:heading&under	XF
k:item&begins	]B
k:item&n:1	WG
k:item&n:2	@_
k:item&n:3	TJ
k:item&n:4	MQ
k:item&open:half	XF
k:item&open:no	LR
k:item&open:yes	JT
k:item&r:dont	7i
k:item&r:fact	TJ
k:item&r:note	ZD
k:item&r:other	VH
k:item&r:quoted	TJ
k:item&r:style	UI
k:item&r:unsettled	d<
k:item&r:wish	EY
k:item&role ahead	YE
k:item&role behind:(	?a
k:item&role behind:,	:f
k:item&role behind:-	YE
k:item&title	LR
k:item&under	IU
k:line	GW
k:line&alone	ZD
k:line&begins	IU
k:line&n:2	GW
k:line&n:3	JT
k:line&open:half	B]
k:line&open:no	HV
k:line&open:yes	TJ
k:line&r:dont	SK
k:line&r:fact	HV
k:line&r:greeting	HV
k:line&r:note	JT
k:line&r:other	ZD
k:line&r:quoted	>b
k:line&r:visitors	:f
k:line&role ahead	ZD
k:line&role behind:(	RL
k:line&role behind:-	DZ
k:line&title	SK
k:line&under	VH
k:row	JT
k:row&n:1	KS
k:row&n:2	RL
k:row&n:3	GW
k:row&open:half	TJ
k:row&open:no	ZD
k:row&open:yes	9g
k:row&r:dont	c=
k:row&r:fact	B]
k:row&r:note	DZ
k:row&role behind:,	WG
k:row&role behind:-	JT
k:row&title	FX
k:sentence&alone	DZ
k:sentence&begins	EY
k:sentence&n:1	VH
k:sentence&n:2	LR
k:sentence&n:3	2n
k:sentence&n:4	UI
k:sentence&open:half	FX
k:sentence&r:aside	LR
k:sentence&r:dont	UI
k:sentence&r:greeting	]B
k:sentence&r:note	HV
k:sentence&r:other	:f
k:sentence&r:quoted	DZ
k:sentence&r:style	MQ
k:sentence&r:unsettled	B]
k:sentence&r:wish	o1
k:sentence&role ahead	[C
k:sentence&role behind:,	MQ
k:sentence&role behind:-	a?
k:sentence&role behind:does	XF
k:sentence&title	FX
k:sentence&under	VH
k:value	JT
k:value&alone	LR
k:value&begins	RL
k:value&label	YE
k:value&n:1	FX
k:value&n:2	QM
k:value&n:3	SK
k:value&open:half	VH
k:value&open:no	HV
k:value&open:yes	FX
k:value&r:aside	>b
k:value&r:dont	B]
k:value&r:note	WG
k:value&r:other	=c
k:value&r:quoted	?a
k:value&r:style	[C
k:value&r:unsettled	VH
k:value&r:visitors	B]
k:value&r:wish	LR
k:value&role ahead	ZD
k:value&role behind:(	d<
k:value&role behind:does	ZD
k:value&title	TJ
label	YE
label&open:no	?a
label&open:yes	]B
label&r:fact	YE
label&under	m3
last lines	HV
late	HV
low	FX
low:k:item	?a
low:k:line	IU
low:k:sentence	WG
low:k:value	/q
low:r:dont	3m
low:r:fact	XF
low:r:note	MQ
low:r:style	EY
low:r:unsettled	<d
low:r:visitors	A^
low:r:wish	.r
low:whole	i7
my	s-
n:1	RL
n:1&alone	MQ
n:1&begins	RL
n:1&from	g9
n:1&open:half	TJ
n:1&open:no	QM
n:1&open:yes	MQ
n:1&r:aside	QM
n:1&r:dont	RL
n:1&r:greeting	KS
n:1&r:note	WG
n:1&r:other	LR
n:1&r:quoted	DZ
n:1&r:style	ZD
n:1&r:unsettled	MQ
n:1&role behind:(	b>
n:1&role behind:,	QM
n:1&role behind:-	KS
n:1&role behind:does	SK
n:1&title	JT
n:1&under	IU
n:2	A^
n:2&alone	VH
n:2&begins	LR
n:2&from	QM
n:2&label	RL
n:2&open:half	GW
n:2&open:no	A^
n:2&open:yes	IU
n:2&r:aside	B]
n:2&r:dont	C[
n:2&r:fact	MQ
n:2&r:greeting	QM
n:2&r:note	LR
n:2&r:other	TJ
n:2&r:quoted	MQ
n:2&r:style	DZ
n:2&r:unsettled	A^
n:2&r:visitors	HV
n:2&r:wish	KS
n:2&role ahead	d<
n:2&role behind:(	MQ
n:2&role behind:,	TJ
n:2&role behind:-	^A
n:2&role behind:does	g9
n:2&title	g9
n:2&under	YE
n:3	A^
n:3&alone	?a
n:3&begins	C[
n:3&label	[C
n:3&open:half	LR
n:3&open:no	.r
n:3&open:yes	KS
n:3&r:dont	@_
n:3&r:fact	IU
n:3&r:greeting	EY
n:3&r:note	@_
n:3&r:other	C[
n:3&r:wish	A^
n:3&role behind:(	^A
n:3&role behind:,	IU
n:3&under	TJ
n:4	FX
n:4&begins	QM
n:4&open:yes	KS
n:4&r:fact	KS
n:4&role behind:,	LR
open:half	KS
open:no	FX
open:yes	GW
quotes	KS
r:aside	KS
r:aside&open:no	KS
r:dont	LR
r:dont&open:no	LR
r:fact	JT
r:fact&open:half	KS
r:fact&open:yes	KS
r:greeting	KS
r:greeting&open:no	KS
r:quoted	EY
r:quoted&open:no	EY
r:style	VH
r:style&open:no	VH
r:unsettled	HV
r:unsettled&open:no	HV
r:visitors	JT
r:visitors&open:no	ZD
r:visitors&open:yes	A^
role ahead	d<
role ahead&open:half	YE
role ahead&open:no	YE
role ahead&open:yes	_@
role ahead&r:fact	c=
role ahead&role behind:,	^A
role ahead&under	SK
role behind:(	]B
role behind:(&begins	LR
role behind:(&label	FX
role behind:(&open:half	KS
role behind:(&open:no	]B
role behind:(&open:yes	XF
role behind:(&r:fact	SK
role behind:(&r:greeting	IU
role behind:(&r:other	YE
role behind:(&under	o1
role behind:,	TJ
role behind:,&begins	QM
role behind:,&label	WG
role behind:,&open:half	ZD
role behind:,&open:no	IU
role behind:,&open:yes	TJ
role behind:,&r:dont	QM
role behind:,&r:fact	TJ
role behind:,&r:greeting	HV
role behind:,&r:note	B]
role behind:,&r:other	KS
role behind:,&r:quoted	UI
role behind:,&r:unsettled	ZD
role behind:,&r:visitors	FX
role behind:,&r:wish	SK
role behind:,&under	RL
role behind:-	VH
role behind:-&open:half	KS
role behind:-&open:no	SK
role behind:-&open:yes	VH
role behind:-&r:dont	=c
role behind:-&r:fact	RL
role behind:-&r:note	JT
role behind:-&r:wish	_@
role behind:-&under	j6
role behind:does	c=
role behind:does&begins	c=
role behind:does&open:no	[C
role behind:does&open:yes	_@
role behind:does&r:dont	GW
role behind:does&r:fact	_@
role behind:is	DZ
role behind:is&begins	DZ
sp:client	JT
sp:designer	*v
title	SK
title&open:half	HV
title&open:yes	a?
title&r:dont	5k
title&r:fact	TJ
title&r:greeting	@_
title&r:note	YE
title&r:other	h8
title&r:quoted	3m
title&r:unsettled	>b
title&r:visitors	:f
title&r:wish	XF
title&role ahead	SK
title&role behind:,	JT
title&under	]B
to	FX
under&open:half	KS
under&open:no	SK
under&open:yes	RL
under&r:fact	RL
under&r:other	FX
under&r:visitors	FX
under&r:wish	EY`,
};
