import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02559,
  bias: [-0.3861,0.3861],
  weights: `<:a	@_
<:abuelo	c=
<:alle	GW
<:als	QM
<:also	EY
<:an	YE
<:and	YE
<:appelle	RL
<:apprent	a?
<:are	WG
<:ask	WG
<:at	@_
<:atu	DZ
<:avec	_@
<:b	C[
<:beim	VH
<:betreff	C[
<:bis	@_
<:bitte	TJ
<:boat	?a
<:bonjour	ZD
<:booking	[C
<:buenas	;e
<:by	RL
<:büro	d<
<:c	TJ
<:call	_@
<:cc	j6
<:chair	^A
<:church	;e
<:creamer	C[
<:d	@_
<:de	ZD
<:dear	C[
<:dem	;e
<:der	XF
<:dice	e;
<:die	MQ
<:directo	d<
<:e	?a
<:el	MQ
<:en	GW
<:enginee	WG
<:est	TJ
<:estamos	VH
<:example	FX
<:first	@_
<:for	VH
<:fr	:f
<:from	EY
<:für	<d
<:g	RL
<:geehrte	C[
<:geht	YE
<:guild	:f
<:hall	A^
<:heißt	5k
<:hi	KS
<:hier	TJ
<:hija	d<
<:hola	MQ
<:hra	>b
<:i	B]
<:im	>b
<:impress	VH
<:in	?a
<:ing	^A
<:is	YE
<:ist	YE
<:it	e;
<:its	SK
<:je	@_
<:jugendw	VH
<:keine	GW
<:la	HV
<:laden	DZ
<:late	UI
<:lautera	VH
<:le	ZD
<:legal	VH
<:lehrlin	d<
<:line	UI
<:llama	>b
<:llamada	]B
<:m	EY
<:ma	c=
<:mar	MQ
<:me	n2
<:meine	c=
<:mi	WG
<:mit	B]
<:mr	KS
<:mrs	EY
<:my	d<
<:myself	WG
<:nach	WG
<:name	C[
<:nd	:f
<:nicht	C[
<:no	9g
<:not	DZ
<:of	B]
<:old	<d
<:on	=c
<:only	TJ
<:open	>b
<:or	^A
<:our	UI
<:pm	t,
<:preside	_@
<:re	8h
<:right	XF
<:ring	C[
<:run	b>
<:s	TJ
<:san	1o
<:sankt	:f
<:saturda	=c
<:say	UI
<:se	7i
<:secreta	RL
<:sehr	C[
<:should	YE
<:since	=c
<:site	<d
<:sitzt	XF
<:somos	WG
<:son	f:
<:sorry	RL
<:soy	e;
<:street	<d
<:swarm	UI
<:tardes	C[
<:that	RL
<:the	HV
<:they	WG
<:this	?a
<:to	>b
<:un	WG
<:und	KS
<:von	VH
<:w	a?
<:web	5k
<:werden	@_
<:werksta	=c
<:what	^A
<:wie	IU
<:y	c=
<:yo	]B
<:you	9g
<:young	a?
<:yours	WG
<:º	HV
<:à	@_
<:über	>b
>:a	HV
>:aa	DZ
>:ab	DZ
>:across	@_
>:after	c=
>:als	GW
>:am	QM
>:and	FX
>:answers	YE
>:as	GW
>:asked	p0
>:associa	^A
>:at	A^
>:aus	EY
>:bis	8h
>:bitte	B]
>:büro	WG
>:c	TJ
>:can	?a
>:co	:f
>:d	7i
>:da	B]
>:darf	@_
>:das	LR
>:de	?a
>:del	<d
>:dice	d<
>:die	IU
>:directo	g9
>:do	2n
>:dock	DZ
>:does	_@
>:doesn	VH
>:e	@_
>:en	RL
>:enginee	UI
>:es	UI
>:est	TJ
>:et	@_
>:fait	d<
>:for	JT
>:fr	2n
>:fri	B]
>:from	e;
>:für	=c
>:g	DZ
>:gibt	MQ
>:had	SK
>:has	YE
>:hat	A^
>:have	:f
>:hd	>b
>:he	9g
>:her	IU
>:hi	?a
>:his	d<
>:i	QM
>:ich	=c
>:id	DZ
>:idnr	WG
>:if	WG
>:im	d<
>:in	QM
>:inkl	DZ
>:is	MQ
>:ist	XF
>:it	KS
>:ja	SK
>:jahr	[C
>:joined	_@
>:jugendw	ZD
>:kein	VH
>:l	ZD
>:la	TJ
>:le	GW
>:lehrjah	a?
>:m	QM
>:macht	^A
>:manager	d<
>:master	]B
>:me	h8
>:meint	ZD
>:meister	d<
>:mit	QM
>:musical	YE
>:nd	[C
>:no	>b
>:noch	_@
>:not	SK
>:of	IU
>:office	[C
>:ohne	HV
>:ok	@_
>:on	g9
>:our	SK
>:out	>b
>:p	@_
>:parle	f:
>:preise	GW
>:preside	[C
>:pro	FX
>:put	XF
>:que	c=
>:qui	UI
>:s	9g
>:says	[C
>:secreta	b>
>:seit	A^
>:send	HV
>:sent	d<
>:she	6j
>:shop	_@
>:should	HV
>:si	QM
>:side	DZ
>:since	RL
>:sites	?a
>:started	d<
>:still	d<
>:sí	@_
>:that	RL
>:the	QM
>:they	C[
>:third	c=
>:thurs	b>
>:to	GW
>:tues	QM
>:und	SK
>:uns	IU
>:us	SK
>:use	8h
>:ust	VH
>:vertrie	a?
>:vom	C[
>:w	^A
>:was	9g
>:what	<d
>:wheels	YE
>:who	d<
>:wie	YE
>:will	f:
>:wir	IU
>:with	QM
>:wrote	DZ
>:y	^A
>:yard	]B
>:you	UI
>:zwei	C[
>:à	TJ
again	j6
alone&label	MQ
alone&open:half	C[
alone&open:yes	^A
alone&r:dont	HV
alone&r:fact	KS
alone&r:other	UI
alone&under	VH
asked for	e;
begins	IU
begins&label	SK
begins&open:half	JT
begins&open:no	LR
begins&open:yes	MQ
begins&r:aside	LR
begins&r:dont	UI
begins&r:fact	JT
begins&r:greeting	LR
begins&r:other	SK
begins&r:style	QM
begins&r:unsettled	MQ
begins&r:visitors	LR
begins&r:wish	;e
begins&under	VH
ends	[C
from	RL
from&open:no	RL
given	s-
given+more	}!
greeted	DZ
in business	]B
is business	SK
k:head	HV
k:head&from	RL
k:head&n:2	DZ
k:head&open:no	HV
k:head&under	FX
k:heading	IU
k:heading&alone	C[
k:heading&begins	GW
k:heading&n:1	FX
k:heading&n:3	B]
k:heading&open:half	MQ
k:heading&open:no	LR
k:heading&open:yes	FX
k:heading&r:fact	KS
k:heading&r:greeting	4l
k:heading&r:other	QM
k:heading&r:quoted	A^
k:heading&role behind:(	UI
k:heading&role behind:,	g9
k:heading&title	[C
k:heading&under	MQ
k:item&begins	ZD
k:item&n:1	WG
k:item&n:2	C[
k:item&n:3	XF
k:item&n:4	HV
k:item&open:no	RL
k:item&open:yes	JT
k:item&r:dont	HV
k:item&r:fact	SK
k:item&r:note	UI
k:item&r:quoted	XF
k:item&r:unsettled	IU
k:item&r:visitors	MQ
k:item&r:wish	IU
k:item&role ahead	YE
k:item&role behind:(	A^
k:item&role behind:,	<d
k:item&role behind:-	XF
k:item&under	UI
k:line	IU
k:line&alone	WG
k:line&begins	HV
k:line&n:2	IU
k:line&n:3	LR
k:line&open:half	HV
k:line&open:no	JT
k:line&open:yes	QM
k:line&r:aside	=c
k:line&r:dont	IU
k:line&r:fact	IU
k:line&r:note	TJ
k:line&r:other	RL
k:line&r:quoted	JT
k:line&r:visitors	GW
k:line&role ahead	[C
k:line&role behind:(	k5
k:line&role behind:-	DZ
k:line&title	YE
k:line&under	UI
k:row	JT
k:row&n:1	KS
k:row&n:3	HV
k:row&open:half	A^
k:row&open:no	b>
k:row&open:yes	;e
k:row&r:dont	ZD
k:row&r:fact	<d
k:row&r:note	DZ
k:row&r:wish	]B
k:row&title	A^
k:sentence&alone	5k
k:sentence&begins	DZ
k:sentence&n:1	VH
k:sentence&n:2	JT
k:sentence&n:3	6j
k:sentence&open:half	IU
k:sentence&open:yes	RL
k:sentence&r:aside	ZD
k:sentence&r:dont	UI
k:sentence&r:note	HV
k:sentence&r:quoted	KS
k:sentence&r:style	SK
k:sentence&r:unsettled	MQ
k:sentence&r:visitors	MQ
k:sentence&r:wish	TJ
k:sentence&role ahead	WG
k:sentence&role behind:does	TJ
k:sentence&title	B]
k:sentence&under	JT
k:value	GW
k:value&alone	QM
k:value&begins	SK
k:value&label	VH
k:value&n:1	IU
k:value&n:2	MQ
k:value&n:3	LR
k:value&open:half	VH
k:value&open:no	FX
k:value&open:yes	FX
k:value&r:dont	:f
k:value&r:note	VH
k:value&r:other	<d
k:value&r:quoted	A^
k:value&r:style	GW
k:value&r:unsettled	LR
k:value&r:visitors	JT
k:value&r:wish	SK
k:value&role ahead	]B
k:value&role behind:(	b>
k:value&role behind:,	RL
k:value&role behind:does	WG
k:value&title	QM
k:value&under	QM
label	VH
label&open:half	XF
label&open:no	A^
label&open:yes	YE
label&r:fact	VH
label&r:visitors	b>
label&under	h8
last lines	KS
late	JT
low	HV
low:k:item	C[
low:k:line	IU
low:k:row	<d
low:k:sentence	SK
low:k:value	9g
low:r:aside	VH
low:r:dont	+u
low:r:fact	VH
low:r:note	QM
low:r:style	FX
low:r:unsettled	5k
low:r:visitors	6j
low:r:wish	>b
my	s-
n:1	QM
n:1&from	e;
n:1&label	i7
n:1&open:half	XF
n:1&open:yes	IU
n:1&r:aside	SK
n:1&r:fact	RL
n:1&r:greeting	GW
n:1&r:note	VH
n:1&r:other	MQ
n:1&r:quoted	KS
n:1&r:style	SK
n:1&r:visitors	IU
n:1&r:wish	RL
n:1&role behind:(	_@
n:1&role behind:,	QM
n:1&role behind:-	EY
n:1&role behind:does	UI
n:1&title	GW
n:1&under	IU
n:2	?a
n:2&alone	SK
n:2&begins	LR
n:2&label	MQ
n:2&open:half	DZ
n:2&open:no	DZ
n:2&open:yes	LR
n:2&r:aside	>b
n:2&r:dont	DZ
n:2&r:fact	LR
n:2&r:greeting	TJ
n:2&r:note	HV
n:2&r:quoted	C[
n:2&r:style	GW
n:2&r:visitors	FX
n:2&role ahead	d<
n:2&role behind:(	RL
n:2&role behind:,	UI
n:2&role behind:-	_@
n:2&title	h8
n:2&under	VH
n:3	C[
n:3&alone	FX
n:3&begins	B]
n:3&label	RL
n:3&open:no	4l
n:3&open:yes	IU
n:3&r:dont	C[
n:3&r:fact	EY
n:3&r:greeting	=c
n:3&r:note	A^
n:3&r:other	FX
n:3&r:visitors	WG
n:3&r:wish	B]
n:3&role behind:(	XF
n:3&role behind:,	1o
n:3&under	VH
n:4	GW
n:4&begins	UI
n:4&role behind:,	RL
open:half	MQ
open:no	GW
open:yes	GW
quotes	@_
r:aside	MQ
r:aside&open:no	MQ
r:dont	JT
r:dont&open:no	JT
r:fact	KS
r:fact&open:half	IU
r:fact&open:no	]B
r:fact&open:yes	JT
r:greeting	JT
r:greeting&open:no	JT
r:other	LR
r:other&open:no	LR
r:quoted	FX
r:quoted&open:no	FX
r:style	QM
r:style&open:no	QM
r:visitors	IU
r:visitors&open:half	TJ
r:visitors&open:no	A^
r:visitors&open:yes	EY
r:wish	RL
r:wish&open:no	RL
role ahead	e;
role ahead&open:half	ZD
role ahead&open:yes	_@
role ahead&r:fact	c=
role ahead&role behind:,	]B
role ahead&under	UI
role behind:(	[C
role behind:(&label	MQ
role behind:(&open:no	f:
role behind:(&open:yes	VH
role behind:(&r:fact	SK
role behind:(&r:visitors	c=
role behind:(&under	a?
role behind:,	SK
role behind:,&begins	VH
role behind:,&open:half	MQ
role behind:,&open:yes	WG
role behind:,&r:dont	KS
role behind:,&r:fact	RL
role behind:,&r:greeting	B]
role behind:,&r:note	QM
role behind:,&r:other	TJ
role behind:,&r:quoted	YE
role behind:,&r:unsettled	FX
role behind:,&r:visitors	LR
role behind:,&r:wish	[C
role behind:,&under	[C
role behind:-	SK
role behind:-&begins	QM
role behind:-&open:half	RL
role behind:-&open:yes	RL
role behind:-&r:dont	C[
role behind:-&r:fact	SK
role behind:-&under	i7
role behind:does	a?
role behind:does&begins	[C
role behind:does&open:no	^A
role behind:does&open:yes	XF
role behind:does&r:dont	EY
role behind:does&r:fact	d<
sp:client	KS
sp:designer	,t
title	SK
title&open:no	MQ
title&open:yes	YE
title&r:dont	EY
title&r:fact	VH
title&r:greeting	C[
title&r:note	ZD
title&r:other	b>
title&r:quoted	KS
title&r:unsettled	;e
title&r:wish	QM
title&role ahead	WG
title&role behind:,	HV
to	GW
under&open:half	e;
under&open:no	LR
under&open:yes	HV
under&r:aside	h8
under&r:dont	LR
under&r:fact	VH
under&r:other	=c
under&r:visitors	TJ`,
};
