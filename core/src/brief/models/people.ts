import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02442,
  bias: [-0.4275,0.4275],
  weights: `<:a	=c
<:abuelo	b>
<:alle	C[
<:als	RL
<:also	FX
<:an	[C
<:and	XF
<:appelle	HV
<:apprent	a?
<:are	WG
<:ask	WG
<:at	DZ
<:atu	C[
<:avec	a?
<:b	=c
<:beim	YE
<:betreff	B]
<:bis	<d
<:bitte	RL
<:boat	?a
<:bonjour	YE
<:booking	]B
<:buenas	;e
<:but	JT
<:by	DZ
<:büro	e;
<:c	YE
<:call	VH
<:called	SK
<:cc	m3
<:chair	YE
<:church	<d
<:creamer	A^
<:d	?a
<:de	ZD
<:dear	DZ
<:dem	B]
<:der	UI
<:dice	d<
<:directo	d<
<:e	:f
<:el	QM
<:en	GW
<:enginee	SK
<:est	[C
<:estamos	QM
<:example	HV
<:first	7i
<:for	XF
<:fr	:f
<:from	FX
<:für	:f
<:g	SK
<:geehrte	C[
<:geht	VH
<:guild	=c
<:h	RL
<:hall	A^
<:he	^A
<:heißt	6j
<:hi	MQ
<:hier	TJ
<:hija	f:
<:hra	>b
<:i	LR
<:im	<d
<:impress	VH
<:in	A^
<:ing	a?
<:is	c=
<:ist	]B
<:it	ZD
<:its	VH
<:je	EY
<:jugendw	TJ
<:keine	FX
<:la	HV
<:laden	HV
<:late	TJ
<:lautera	YE
<:law	g9
<:le	UI
<:legal	VH
<:lehrlin	g9
<:line	UI
<:llama	<d
<:llamada	^A
<:love	=c
<:m	UI
<:ma	c=
<:manager	[C
<:mar	RL
<:marsh	LR
<:me	q/
<:meine	e;
<:mi	UI
<:mit	C[
<:mrs	C[
<:my	e;
<:myself	RL
<:nach	WG
<:name	B]
<:nave	;e
<:nd	8h
<:nicht	@_
<:no	5k
<:not	C[
<:nothing	:f
<:nur	SK
<:of	@_
<:old	;e
<:on	=c
<:only	SK
<:open	=c
<:operati	_@
<:or	d<
<:our	VH
<:pm	|#
<:preside	d<
<:préside	YE
<:que	RL
<:re	;e
<:registe	a?
<:right	YE
<:ring	FX
<:run	e;
<:s	SK
<:san	/q
<:sankt	8h
<:saturda	;e
<:say	WG
<:se	6j
<:secreta	^A
<:sehr	C[
<:shed	A^
<:should	XF
<:since	8h
<:site	3m
<:sitzt	YE
<:somos	SK
<:son	c=
<:soy	e;
<:street	5k
<:suis	FX
<:swarm	UI
<:tardes	DZ
<:that	FX
<:the	GW
<:they	VH
<:this	?a
<:to	A^
<:trésori	e;
<:un	ZD
<:und	KS
<:v	LR
<:von	WG
<:w	a?
<:web	4l
<:werden	A^
<:werksta	=c
<:what	^A
<:wie	DZ
<:wir	UI
<:y	g9
<:yo	e;
<:you	8h
<:young	c=
<:yours	YE
<:º	DZ
<:à	@_
<:über	:f
>:a	JT
>:aa	GW
>:ab	HV
>:across	DZ
>:after	d<
>:all	JT
>:als	IU
>:am	TJ
>:and	MQ
>:answers	XF
>:any	@_
>:are	DZ
>:as	EY
>:asked	q/
>:associa	a?
>:at	>b
>:aus	C[
>:been	VH
>:bis	:f
>:bitte	DZ
>:büro	WG
>:c	ZD
>:can	=c
>:chair	a?
>:co	=c
>:coordin	e;
>:d	7i
>:da	>b
>:darf	;e
>:das	KS
>:de	;e
>:del	=c
>:dice	f:
>:die	KS
>:directo	i7
>:do	2n
>:dock	?a
>:does	e;
>:doesn	UI
>:e	@_
>:ein	TJ
>:el	WG
>:en	TJ
>:enginee	SK
>:es	SK
>:est	WG
>:et	>b
>:fait	g9
>:for	MQ
>:fr	1o
>:fri	A^
>:fridays	C[
>:from	h8
>:für	8h
>:g	C[
>:gegründ	<d
>:gibt	MQ
>:has	ZD
>:hat	B]
>:have	;e
>:hd	?a
>:he	IU
>:her	IU
>:hi	=c
>:his	c=
>:i	JT
>:ich	?a
>:id	C[
>:idnr	WG
>:if	UI
>:im	d<
>:in	MQ
>:inh	=c
>:inkl	B]
>:ist	]B
>:it	KS
>:ja	TJ
>:jahr	XF
>:joined	b>
>:jugendw	[C
>:kein	]B
>:l	[C
>:la	YE
>:le	FX
>:lehrjah	a?
>:m	MQ
>:macht	YE
>:manager	g9
>:master	^A
>:me	k5
>:meeting	?a
>:meint	XF
>:meister	f:
>:mit	SK
>:more	@_
>:mrs	QM
>:musical	a?
>:my	WG
>:nach	@_
>:nd	YE
>:no	4l
>:noch	d<
>:not	RL
>:nur	EY
>:o	UI
>:of	HV
>:office	[C
>:ohne	GW
>:ok	A^
>:on	i7
>:operati	VH
>:or	RL
>:our	RL
>:out	?a
>:p	<d
>:parle	f:
>:preise	B]
>:preside	_@
>:pro	EY
>:propose	SK
>:put	[C
>:que	c=
>:registe	_@
>:rigging	KS
>:rue	:f
>:runs	;e
>:s	8h
>:said	MQ
>:says	b>
>:secreta	e;
>:seit	C[
>:send	FX
>:sent	c=
>:she	5k
>:shop	_@
>:should	LR
>:si	TJ
>:side	GW
>:sie	IU
>:since	VH
>:sites	?a
>:started	d<
>:still	f:
>:sí	=c
>:tel	XF
>:that	QM
>:they	A^
>:third	e;
>:three	<d
>:thurs	b>
>:to	HV
>:treasur	_@
>:tues	MQ
>:uhr	HV
>:un	c=
>:uns	DZ
>:us	QM
>:use	9g
>:ust	WG
>:v	DZ
>:vertrie	a?
>:vom	KS
>:w	a?
>:was	6j
>:we	MQ
>:what	<d
>:wheels	WG
>:who	e;
>:wie	ZD
>:will	k5
>:wir	GW
>:with	WG
>:wrote	HV
>:x	SK
>:y	c=
>:yard	]B
>:you	VH
>:young	YE
>:zwei	?a
>:à	XF
again	i7
alone	RL
alone&label	JT
alone&open:half	FX
alone&open:no	UI
alone&open:yes	VH
alone&r:dont	?a
alone&r:greeting	WG
alone&r:other	MQ
alone&under	QM
asked for	k5
begins	IU
begins&alone	RL
begins&open:half	IU
begins&open:no	LR
begins&r:aside	TJ
begins&r:dont	UI
begins&r:fact	HV
begins&r:greeting	QM
begins&r:other	KS
begins&r:quoted	UI
begins&r:visitors	UI
begins&r:wish	@_
begins&under	ZD
ends	[C
from	UI
from&open:no	UI
given	t,
given+more	}!
greeted	DZ
in business	SK
is business	UI
k:head	HV
k:head&from	UI
k:head&n:1	RL
k:head&n:2	@_
k:head&open:no	HV
k:head&under	FX
k:heading	GW
k:heading&alone	B]
k:heading&begins	IU
k:heading&n:1	DZ
k:heading&n:3	>b
k:heading&open:half	C[
k:heading&open:no	MQ
k:heading&open:yes	EY
k:heading&r:greeting	4l
k:heading&r:other	LR
k:heading&r:quoted	VH
k:heading&role behind:(	XF
k:heading&role behind:,	j6
k:heading&title	ZD
k:heading&under	LR
k:item&alone	LR
k:item&begins	[C
k:item&n:1	ZD
k:item&n:2	C[
k:item&n:3	WG
k:item&n:4	KS
k:item&open:half	XF
k:item&open:yes	KS
k:item&r:dont	:f
k:item&r:note	UI
k:item&r:other	h8
k:item&r:quoted	[C
k:item&r:wish	B]
k:item&role ahead	XF
k:item&role behind:(	A^
k:item&role behind:,	=c
k:item&role behind:-	WG
k:item&under	JT
k:line	GW
k:line&alone	XF
k:line&begins	JT
k:line&n:2	GW
k:line&n:3	JT
k:line&open:half	IU
k:line&open:no	GW
k:line&open:yes	QM
k:line&r:aside	:f
k:line&r:dont	UI
k:line&r:fact	JT
k:line&r:greeting	KS
k:line&r:note	LR
k:line&r:other	XF
k:line&r:quoted	HV
k:line&r:visitors	>b
k:line&role ahead	^A
k:line&role behind:(	UI
k:line&role behind:,	MQ
k:line&role behind:-	A^
k:line&title	YE
k:line&under	UI
k:row	MQ
k:row&n:1	KS
k:row&n:2	RL
k:row&n:3	EY
k:row&open:half	A^
k:row&open:no	c=
k:row&open:yes	:f
k:row&r:dont	a?
k:row&r:fact	=c
k:row&r:note	DZ
k:row&role behind:,	WG
k:row&role behind:-	LR
k:row&title	A^
k:sentence&alone	IU
k:sentence&begins	FX
k:sentence&n:1	VH
k:sentence&n:2	KS
k:sentence&n:3	3m
k:sentence&n:4	TJ
k:sentence&open:no	LR
k:sentence&open:yes	RL
k:sentence&r:dont	SK
k:sentence&r:greeting	TJ
k:sentence&r:note	RL
k:sentence&r:other	6j
k:sentence&r:quoted	>b
k:sentence&r:unsettled	IU
k:sentence&r:wish	o1
k:sentence&role ahead	WG
k:sentence&role behind:does	WG
k:sentence&title	?a
k:sentence&under	QM
k:value	IU
k:value&label	XF
k:value&n:1	GW
k:value&n:3	RL
k:value&open:half	QM
k:value&open:no	LR
k:value&open:yes	FX
k:value&r:aside	@_
k:value&r:dont	9g
k:value&r:note	SK
k:value&r:other	KS
k:value&r:quoted	A^
k:value&r:style	[C
k:value&r:unsettled	LR
k:value&r:visitors	FX
k:value&r:wish	HV
k:value&role ahead	[C
k:value&role behind:(	b>
k:value&role behind:,	QM
k:value&role behind:-	SK
k:value&role behind:does	[C
k:value&title	UI
k:value&under	TJ
label	XF
label&open:half	RL
label&open:no	B]
label&open:yes	_@
label&r:fact	WG
label&under	i7
last lines	HV
late	IU
low	HV
low:k:item	B]
low:k:line	FX
low:k:sentence	UI
low:k:value	4l
low:r:dont	5k
low:r:fact	ZD
low:r:greeting	LR
low:r:style	FX
low:r:unsettled	7i
low:r:visitors	1o
low:r:wish	1o
my	t,
n:1	QM
n:1&begins	KS
n:1&from	e;
n:1&label	UI
n:1&open:half	UI
n:1&open:no	RL
n:1&open:yes	KS
n:1&r:aside	SK
n:1&r:dont	SK
n:1&r:greeting	FX
n:1&r:note	XF
n:1&r:quoted	FX
n:1&r:style	YE
n:1&r:unsettled	TJ
n:1&role behind:(	c=
n:1&role behind:,	QM
n:1&role behind:-	GW
n:1&role behind:does	VH
n:1&title	GW
n:1&under	GW
n:2	?a
n:2&alone	UI
n:2&begins	MQ
n:2&from	SK
n:2&label	LR
n:2&open:half	JT
n:2&open:no	@_
n:2&open:yes	KS
n:2&r:aside	?a
n:2&r:dont	FX
n:2&r:fact	LR
n:2&r:greeting	WG
n:2&r:note	GW
n:2&r:quoted	SK
n:2&r:style	?a
n:2&r:unsettled	C[
n:2&r:visitors	DZ
n:2&role ahead	g9
n:2&role behind:,	UI
n:2&role behind:-	b>
n:2&role behind:does	d<
n:2&title	h8
n:2&under	ZD
n:3	C[
n:3&alone	?a
n:3&begins	A^
n:3&label	_@
n:3&open:no	.r
n:3&open:yes	KS
n:3&r:dont	=c
n:3&r:fact	IU
n:3&r:greeting	@_
n:3&r:note	B]
n:3&r:other	@_
n:3&r:unsettled	DZ
n:3&r:visitors	TJ
n:3&r:wish	A^
n:3&role behind:(	UI
n:3&role behind:,	HV
n:3&under	TJ
n:4	EY
n:4&begins	RL
n:4&open:yes	KS
n:4&r:fact	QM
open:no	EY
open:yes	HV
quotes	HV
r:aside	KS
r:aside&open:no	KS
r:dont	MQ
r:dont&open:no	MQ
r:fact	JT
r:fact&open:half	KS
r:fact&open:no	RL
r:fact&open:yes	KS
r:greeting	KS
r:greeting&open:no	KS
r:other	RL
r:other&open:no	RL
r:quoted	HV
r:quoted&open:no	HV
r:style	WG
r:style&open:no	WG
r:visitors	GW
r:visitors&open:half	ZD
r:visitors&open:no	<d
r:visitors&open:yes	DZ
role ahead	g9
role ahead&open:half	WG
role ahead&open:no	WG
role ahead&open:yes	d<
role ahead&r:fact	g9
role ahead&r:other	UI
role ahead&role behind:,	c=
role ahead&under	UI
role behind:(	^A
role behind:(&begins	KS
role behind:(&label	MQ
role behind:(&open:half	YE
role behind:(&open:no	ZD
role behind:(&open:yes	TJ
role behind:(&r:fact	UI
role behind:(&r:greeting	JT
role behind:(&r:other	WG
role behind:(&under	i7
role behind:,	SK
role behind:,&begins	QM
role behind:,&label	]B
role behind:,&open:half	YE
role behind:,&open:no	MQ
role behind:,&open:yes	SK
role behind:,&r:dont	MQ
role behind:,&r:fact	UI
role behind:,&r:greeting	C[
role behind:,&r:quoted	[C
role behind:,&r:visitors	IU
role behind:,&r:wish	WG
role behind:-	SK
role behind:-&begins	UI
role behind:-&open:half	RL
role behind:-&open:yes	TJ
role behind:-&r:dont	@_
role behind:-&r:fact	SK
role behind:-&under	l4
role behind:does	c=
role behind:does&begins	c=
role behind:does&open:half	d<
role behind:does&open:no	RL
role behind:does&open:yes	WG
role behind:does&r:dont	JT
role behind:does&r:fact	f:
role behind:is	HV
role behind:is&begins	HV
sp:client	JT
sp:designer	+u
title	RL
title&open:yes	XF
title&r:dont	6j
title&r:fact	UI
title&r:greeting	C[
title&r:note	SK
title&r:other	m3
title&r:quoted	4l
title&r:wish	XF
title&role ahead	XF
title&role behind:(	MQ
title&role behind:,	LR
title&under	ZD
to	FX
under&open:half	QM
under&open:yes	MQ
under&r:fact	QM
under&r:note	WG
under&r:other	SK`,
};
