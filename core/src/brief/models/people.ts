import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02485,
  bias: [-0.3935,0.3935],
  weights: `<:a	=c
<:abuelo	c=
<:alle	FX
<:als	RL
<:also	GW
<:an	YE
<:and	WG
<:appelle	GW
<:apprent	b>
<:are	YE
<:ask	XF
<:at	A^
<:atu	A^
<:avec	c=
<:b	A^
<:beim	TJ
<:betreff	B]
<:bis	?a
<:bitte	QM
<:boat	?a
<:bonjour	ZD
<:booking	^A
<:buenas	<d
<:but	LR
<:by	GW
<:büro	e;
<:c	RL
<:call	WG
<:called	QM
<:cc	k5
<:chair	YE
<:church	;e
<:creamer	B]
<:d	A^
<:de	]B
<:dear	DZ
<:dem	?a
<:der	VH
<:dice	c=
<:die	LR
<:directo	d<
<:e	<d
<:en	GW
<:enginee	VH
<:est	SK
<:estamos	UI
<:example	EY
<:first	@_
<:for	YE
<:fr	6j
<:from	FX
<:für	;e
<:g	TJ
<:geehrte	C[
<:geht	UI
<:guild	=c
<:h	XF
<:hall	?a
<:he	a?
<:heißt	5k
<:hello	IU
<:hi	MQ
<:hier	UI
<:hija	g9
<:hra	>b
<:i	A^
<:im	B]
<:impress	TJ
<:in	B]
<:ing	^A
<:is	c=
<:ist	ZD
<:it	e;
<:its	UI
<:je	EY
<:jugendw	SK
<:keine	HV
<:la	FX
<:laden	C[
<:late	RL
<:lautera	WG
<:law	d<
<:le	UI
<:legal	XF
<:lehrlin	e;
<:line	VH
<:llama	:f
<:llamada	_@
<:m	HV
<:ma	c=
<:manager	[C
<:marsh	MQ
<:me	s-
<:meine	d<
<:mi	ZD
<:mit	@_
<:mon	MQ
<:mrs	EY
<:my	e;
<:myself	RL
<:nach	YE
<:name	C[
<:nd	=c
<:nicht	A^
<:no	7i
<:not	B]
<:nothing	:f
<:nur	QM
<:of	A^
<:old	>b
<:on	?a
<:only	SK
<:open	>b
<:or	a?
<:our	VH
<:pm	s-
<:preside	d<
<:que	UI
<:re	8h
<:right	WG
<:ring	@_
<:run	f:
<:s	RL
<:san	/q
<:sankt	8h
<:saturda	=c
<:say	TJ
<:se	:f
<:secreta	c=
<:sehr	C[
<:shed	A^
<:should	ZD
<:since	9g
<:site	9g
<:sitzt	_@
<:somos	TJ
<:son	b>
<:soy	e;
<:street	7i
<:suis	FX
<:swarm	VH
<:tardes	DZ
<:that	HV
<:the	HV
<:they	WG
<:this	B]
<:to	?a
<:trésori	e;
<:un	SK
<:und	JT
<:von	WG
<:w	c=
<:web	5k
<:werden	A^
<:werksta	<d
<:what	^A
<:wie	GW
<:y	e;
<:yo	f:
<:you	:f
<:young	b>
<:yours	WG
<:º	HV
<:à	?a
<:über	<d
>:a	HV
>:aa	EY
>:ab	DZ
>:across	?a
>:after	c=
>:all	LR
>:als	GW
>:am	RL
>:and	LR
>:answers	TJ
>:as	C[
>:asked	o1
>:associa	a?
>:at	=c
>:aus	FX
>:bis	;e
>:bitte	@_
>:büro	]B
>:c	]B
>:can	>b
>:chair	a?
>:co	=c
>:d	9g
>:da	>b
>:darf	>b
>:das	IU
>:de	@_
>:del	<d
>:der	LR
>:dice	g9
>:die	C[
>:directo	i7
>:do	5k
>:dock	EY
>:does	a?
>:doesn	RL
>:e	<d
>:ein	SK
>:el	WG
>:en	SK
>:enginee	RL
>:es	WG
>:est	VH
>:et	>b
>:fait	f:
>:fr	2n
>:fri	DZ
>:from	d<
>:für	>b
>:g	A^
>:gegründ	>b
>:gibt	JT
>:has	ZD
>:hat	EY
>:have	;e
>:hd	A^
>:he	IU
>:her	IU
>:hi	=c
>:his	e;
>:i	KS
>:ich	@_
>:id	EY
>:idnr	WG
>:if	UI
>:im	d<
>:in	IU
>:inh	<d
>:inkl	FX
>:is	LR
>:ist	[C
>:it	LR
>:jahr	YE
>:joined	a?
>:jugendw	^A
>:kein	XF
>:l	^A
>:la	UI
>:le	C[
>:lehrjah	b>
>:m	QM
>:macht	^A
>:manager	d<
>:master	]B
>:me	j6
>:meint	YE
>:meister	d<
>:mit	QM
>:mrs	TJ
>:musical	WG
>:my	WG
>:nd	[C
>:no	:f
>:noch	b>
>:not	WG
>:nur	DZ
>:o	VH
>:of	JT
>:office	_@
>:ohne	IU
>:ok	A^
>:on	f:
>:only	MQ
>:or	MQ
>:our	SK
>:out	?a
>:p	=c
>:parle	g9
>:preise	EY
>:preside	b>
>:pro	C[
>:put	YE
>:que	_@
>:qui	RL
>:rigging	KS
>:runs	9g
>:s	7i
>:says	c=
>:secreta	e;
>:seit	HV
>:send	IU
>:sent	d<
>:she	5k
>:shop	YE
>:should	JT
>:side	DZ
>:sie	JT
>:since	TJ
>:sites	@_
>:started	e;
>:still	b>
>:sí	<d
>:tel	WG
>:the	SK
>:they	@_
>:third	d<
>:thurs	a?
>:to	GW
>:treasur	c=
>:tues	QM
>:und	QM
>:uns	EY
>:use	:f
>:ust	VH
>:v	DZ
>:vertrie	_@
>:vom	B]
>:w	]B
>:was	8h
>:we	KS
>:what	>b
>:wheels	VH
>:who	e;
>:wie	[C
>:will	h8
>:wir	EY
>:with	TJ
>:wrote	B]
>:y	_@
>:yard	ZD
>:you	UI
>:zwei	C[
>:à	VH
again	j6
alone	SK
alone&open:half	FX
alone&open:no	QM
alone&open:yes	SK
alone&r:dont	C[
alone&r:fact	JT
alone&r:greeting	QM
alone&r:other	RL
asked for	h8
begins	IU
begins&alone	SK
begins&label	SK
begins&open:half	KS
begins&open:no	JT
begins&open:yes	MQ
begins&r:dont	ZD
begins&r:fact	JT
begins&r:note	VH
begins&r:quoted	@_
begins&r:style	MQ
begins&r:unsettled	LR
begins&r:visitors	LR
begins&r:wish	:f
begins&under	UI
ends	^A
from	SK
from&open:no	SK
given	u+
given+more	}!
greeted	B]
in business	_@
is business	QM
k:head	HV
k:head&from	SK
k:head&n:2	EY
k:head&open:no	HV
k:head&under	EY
k:heading	EY
k:heading&alone	A^
k:heading&begins	HV
k:heading&n:1	EY
k:heading&n:2	MQ
k:heading&n:3	?a
k:heading&open:half	EY
k:heading&open:no	LR
k:heading&r:fact	DZ
k:heading&r:greeting	0p
k:heading&r:other	QM
k:heading&role behind:(	YE
k:heading&role behind:,	j6
k:heading&title	ZD
k:item&alone	KS
k:item&begins	^A
k:item&n:1	ZD
k:item&n:2	B]
k:item&n:3	XF
k:item&n:4	GW
k:item&open:no	QM
k:item&r:dont	;e
k:item&r:note	SK
k:item&r:other	d<
k:item&r:quoted	QM
k:item&r:visitors	MQ
k:item&r:wish	FX
k:item&role ahead	UI
k:item&role behind:(	A^
k:item&role behind:,	=c
k:item&role behind:-	ZD
k:item&under	HV
k:line	HV
k:line&alone	WG
k:line&begins	JT
k:line&n:2	EY
k:line&n:3	MQ
k:line&open:half	EY
k:line&open:no	GW
k:line&open:yes	TJ
k:line&r:aside	?a
k:line&r:dont	XF
k:line&r:fact	KS
k:line&r:greeting	LR
k:line&r:note	KS
k:line&r:quoted	?a
k:line&r:unsettled	>b
k:line&r:visitors	=c
k:line&role ahead	b>
k:line&role behind:(	SK
k:line&role behind:-	FX
k:line&title	ZD
k:line&under	VH
k:row	JT
k:row&n:1	JT
k:row&n:3	B]
k:row&open:half	>b
k:row&open:no	b>
k:row&open:yes	=c
k:row&r:dont	YE
k:row&r:fact	;e
k:row&r:note	DZ
k:row&r:other	_@
k:row&r:wish	^A
k:row&role behind:,	WG
k:row&title	EY
k:sentence&alone	>b
k:sentence&begins	EY
k:sentence&n:1	WG
k:sentence&n:2	KS
k:sentence&n:3	2n
k:sentence&n:4	QM
k:sentence&open:half	LR
k:sentence&open:no	KS
k:sentence&open:yes	SK
k:sentence&r:aside	KS
k:sentence&r:dont	TJ
k:sentence&r:fact	QM
k:sentence&r:greeting	WG
k:sentence&r:note	MQ
k:sentence&r:other	5k
k:sentence&r:quoted	HV
k:sentence&r:unsettled	IU
k:sentence&r:visitors	MQ
k:sentence&r:wish	a?
k:sentence&role ahead	VH
k:sentence&role behind:(	SK
k:sentence&role behind:does	]B
k:sentence&title	EY
k:sentence&under	WG
k:value	KS
k:value&label	UI
k:value&n:1	HV
k:value&n:3	MQ
k:value&open:half	WG
k:value&open:no	KS
k:value&open:yes	EY
k:value&r:dont	7i
k:value&r:note	b>
k:value&r:other	JT
k:value&r:quoted	B]
k:value&r:style	]B
k:value&r:unsettled	LR
k:value&r:visitors	MQ
k:value&r:wish	MQ
k:value&role ahead	b>
k:value&role behind:(	f:
k:value&role behind:does	YE
k:value&title	SK
k:value&under	RL
label	UI
label&open:half	SK
label&open:no	GW
label&open:yes	UI
label&r:fact	QM
label&r:visitors	TJ
label&under	c=
last lines	KS
late	IU
low	GW
low:k:item	C[
low:k:line	JT
low:k:row	<d
low:k:sentence	RL
low:k:value	3m
low:r:aside	KS
low:r:dont	6j
low:r:fact	WG
low:r:style	HV
low:r:unsettled	GW
low:r:visitors	FX
low:r:wish	1o
my	u+
n:1&alone	JT
n:1&from	c=
n:1&label	d<
n:1&open:half	VH
n:1&open:yes	HV
n:1&r:aside	QM
n:1&r:dont	XF
n:1&r:greeting	KS
n:1&r:note	VH
n:1&r:other	MQ
n:1&r:quoted	DZ
n:1&r:style	XF
n:1&r:unsettled	MQ
n:1&r:wish	QM
n:1&role behind:(	c=
n:1&role behind:,	RL
n:1&role behind:-	EY
n:1&role behind:does	VH
n:1&title	GW
n:1&under	HV
n:2	@_
n:2&alone	VH
n:2&begins	KS
n:2&label	LR
n:2&open:half	FX
n:2&open:no	A^
n:2&open:yes	KS
n:2&r:aside	HV
n:2&r:dont	>b
n:2&r:fact	JT
n:2&r:note	JT
n:2&r:quoted	JT
n:2&r:style	@_
n:2&r:unsettled	GW
n:2&r:visitors	@_
n:2&role ahead	g9
n:2&role behind:,	TJ
n:2&role behind:-	a?
n:2&role behind:does	d<
n:2&title	i7
n:2&under	YE
n:3	B]
n:3&alone	FX
n:3&begins	FX
n:3&label	UI
n:3&open:half	KS
n:3&open:no	*v
n:3&r:dont	A^
n:3&r:fact	EY
n:3&r:greeting	<d
n:3&r:note	EY
n:3&r:other	FX
n:3&r:visitors	WG
n:3&r:wish	FX
n:3&role behind:(	WG
n:3&role behind:,	/q
n:3&under	VH
n:4	GW
n:4&begins	UI
n:4&role behind:,	RL
open:half	LR
open:no	FX
open:yes	GW
quotes	LR
r:aside	LR
r:aside&open:no	LR
r:dont	LR
r:dont&open:no	LR
r:fact	HV
r:fact&open:half	IU
r:fact&open:no	VH
r:fact&open:yes	IU
r:greeting	MQ
r:greeting&open:no	MQ
r:quoted	C[
r:quoted&open:no	C[
r:style	VH
r:style&open:no	VH
r:unsettled	KS
r:unsettled&open:no	KS
r:visitors	HV
r:visitors&open:half	YE
r:visitors&open:no	?a
r:visitors&open:yes	FX
r:wish	MQ
r:wish&open:no	MQ
role ahead	g9
role ahead&open:half	TJ
role ahead&open:yes	c=
role ahead&r:fact	d<
role ahead&role behind:,	^A
role ahead&under	WG
role behind:(	[C
role behind:(&begins	HV
role behind:(&open:half	MQ
role behind:(&open:no	_@
role behind:(&open:yes	WG
role behind:(&r:fact	UI
role behind:(&r:greeting	QM
role behind:(&r:other	SK
role behind:(&under	h8
role behind:,	SK
role behind:,&begins	VH
role behind:,&label	KS
role behind:,&open:half	VH
role behind:,&open:no	KS
role behind:,&r:fact	SK
role behind:,&r:greeting	@_
role behind:,&r:quoted	QM
role behind:,&r:unsettled	EY
role behind:,&r:visitors	IU
role behind:,&r:wish	YE
role behind:-	RL
role behind:-&begins	QM
role behind:-&open:half	RL
role behind:-&open:no	KS
role behind:-&open:yes	VH
role behind:-&r:dont	B]
role behind:-&r:fact	SK
role behind:-&under	f:
role behind:does	d<
role behind:does&begins	^A
role behind:does&open:no	TJ
role behind:does&open:yes	[C
role behind:does&r:dont	XF
role behind:does&r:fact	g9
role behind:is	LR
role behind:is&begins	LR
sp:client	LR
sp:designer	)w
title	SK
title&open:half	HV
title&open:yes	[C
title&r:dont	3m
title&r:fact	WG
title&r:greeting	C[
title&r:note	ZD
title&r:other	j6
title&r:quoted	KS
title&r:unsettled	@_
title&role ahead	VH
title&role behind:,	HV
title&under	VH
to	GW
under	QM
under&open:half	p0
under&open:no	LR
under&open:yes	GW
under&r:dont	EY
under&r:fact	XF
under&r:other	?a
under&r:unsettled	@_
under&r:visitors	IU`,
};
