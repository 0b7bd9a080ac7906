import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02509,
  bias: [-0.3579,0.3579],
  weights: `<:a	>b
<:abuelo	^A
<:alle	B]
<:als	QM
<:also	HV
<:an	ZD
<:and	VH
<:appelle	SK
<:apprent	]B
<:are	YE
<:ask	VH
<:at	A^
<:atu	C[
<:avec	a?
<:b	C[
<:beim	WG
<:betreff	?a
<:bis	@_
<:boat	=c
<:bonjour	YE
<:booking	[C
<:buenas	<d
<:by	TJ
<:büro	c=
<:c	TJ
<:call	_@
<:called	RL
<:cc	i7
<:chair	]B
<:church	;e
<:creamer	A^
<:d	C[
<:de	^A
<:dear	C[
<:dem	>b
<:der	VH
<:dice	e;
<:die	JT
<:directo	d<
<:e	?a
<:el	LR
<:en	GW
<:enginee	UI
<:est	TJ
<:estamos	TJ
<:example	EY
<:first	<d
<:for	XF
<:fr	9g
<:from	GW
<:für	;e
<:g	QM
<:geehrte	DZ
<:geht	WG
<:guild	:f
<:hall	?a
<:he	MQ
<:heißt	5k
<:hi	LR
<:hier	TJ
<:hija	e;
<:hola	KS
<:hra	?a
<:i	A^
<:im	<d
<:impress	XF
<:in	?a
<:ing	b>
<:is	ZD
<:ist	[C
<:it	a?
<:its	SK
<:je	>b
<:jugendw	UI
<:keine	GW
<:la	FX
<:laden	EY
<:late	UI
<:lautera	[C
<:le	WG
<:legal	WG
<:lehrlin	d<
<:line	VH
<:llama	=c
<:llamada	[C
<:m	GW
<:ma	b>
<:mar	KS
<:marsh	RL
<:me	n2
<:meine	c=
<:mi	UI
<:mit	A^
<:mr	KS
<:mrs	FX
<:my	b>
<:myself	XF
<:nach	XF
<:name	?a
<:nd	<d
<:nicht	>b
<:no	7i
<:not	@_
<:nur	MQ
<:of	B]
<:off	TJ
<:old	=c
<:on	=c
<:only	SK
<:open	<d
<:or	c=
<:our	UI
<:pm	s-
<:preside	d<
<:re	:f
<:right	XF
<:ring	@_
<:run	b>
<:s	UI
<:san	0p
<:sankt	:f
<:saturda	@_
<:say	WG
<:se	7i
<:secreta	SK
<:sehr	DZ
<:should	XF
<:since	<d
<:site	8h
<:sitzt	XF
<:somos	WG
<:son	d<
<:sorry	SK
<:soy	b>
<:street	<d
<:swarm	VH
<:tardes	DZ
<:that	TJ
<:the	GW
<:they	SK
<:this	B]
<:to	>b
<:un	VH
<:und	GW
<:v	MQ
<:von	VH
<:w	c=
<:web	5k
<:werden	?a
<:werksta	?a
<:what	^A
<:wie	GW
<:y	e;
<:yo	_@
<:you	:f
<:young	a?
<:yours	ZD
<:º	JT
<:à	@_
<:über	<d
>:a	GW
>:aa	EY
>:ab	EY
>:across	@_
>:after	c=
>:all	JT
>:als	IU
>:am	QM
>:and	GW
>:answers	VH
>:as	FX
>:asked	o1
>:associa	_@
>:at	?a
>:aus	C[
>:bis	;e
>:bitte	A^
>:büro	UI
>:c	WG
>:can	?a
>:co	<d
>:d	5k
>:da	@_
>:darf	?a
>:das	HV
>:de	>b
>:del	=c
>:dice	f:
>:die	KS
>:directo	i7
>:do	3m
>:dock	HV
>:does	_@
>:doesn	VH
>:e	@_
>:el	RL
>:en	QM
>:enginee	TJ
>:es	UI
>:est	TJ
>:et	A^
>:fait	e;
>:for	JT
>:fr	3m
>:fri	FX
>:from	f:
>:für	8h
>:g	B]
>:gibt	IU
>:had	QM
>:has	ZD
>:hat	C[
>:have	:f
>:hd	A^
>:he	8h
>:her	IU
>:hi	>b
>:his	f:
>:ich	=c
>:id	IU
>:idnr	XF
>:if	UI
>:im	c=
>:in	QM
>:inkl	EY
>:is	MQ
>:ist	ZD
>:it	KS
>:ja	QM
>:jahr	ZD
>:joined	_@
>:jugendw	[C
>:kein	YE
>:l	ZD
>:la	UI
>:le	FX
>:lehrjah	a?
>:m	LR
>:macht	^A
>:manager	f:
>:master	^A
>:me	i7
>:meint	YE
>:meister	a?
>:mit	QM
>:musical	XF
>:nd	XF
>:no	<d
>:noch	a?
>:not	RL
>:of	GW
>:office	[C
>:ohne	IU
>:ok	A^
>:on	j6
>:our	SK
>:out	@_
>:p	?a
>:parle	f:
>:preise	EY
>:preside	_@
>:pro	EY
>:put	ZD
>:que	d<
>:qui	QM
>:rigging	HV
>:s	@_
>:says	]B
>:secreta	c=
>:seit	B]
>:send	HV
>:sent	g9
>:she	8h
>:shop	XF
>:should	FX
>:si	QM
>:side	HV
>:since	RL
>:sites	?a
>:started	e;
>:still	f:
>:sí	=c
>:that	MQ
>:the	RL
>:they	?a
>:third	b>
>:thurs	b>
>:to	FX
>:tues	LR
>:und	QM
>:uns	C[
>:use	7i
>:ust	UI
>:vertrie	_@
>:vom	C[
>:w	]B
>:was	<d
>:we	MQ
>:what	<d
>:wheels	ZD
>:who	a?
>:wie	XF
>:will	e;
>:wir	GW
>:with	SK
>:wrote	B]
>:y	]B
>:yard	]B
>:you	RL
>:zwei	A^
>:à	SK
again	j6
alone&open:half	EY
alone&open:yes	]B
alone&r:dont	EY
alone&r:fact	EY
alone&r:other	WG
alone&under	TJ
asked for	e;
begins	KS
begins&label	TJ
begins&open:half	IU
begins&open:no	KS
begins&r:aside	TJ
begins&r:dont	SK
begins&r:fact	GW
begins&r:greeting	MQ
begins&r:note	SK
begins&r:other	SK
begins&r:visitors	QM
begins&r:wish	7i
begins&under	WG
ends	[C
from	QM
from&open:no	QM
given	s-
given+more	}!
greeted	EY
in business	]B
is business	SK
k:head	HV
k:head&from	QM
k:head&n:1	MQ
k:head&n:2	FX
k:head&open:no	HV
k:head&under	FX
k:heading	HV
k:heading&alone	C[
k:heading&begins	HV
k:heading&n:1	FX
k:heading&n:3	C[
k:heading&open:half	SK
k:heading&open:no	HV
k:heading&open:yes	DZ
k:heading&r:fact	JT
k:heading&r:greeting	4l
k:heading&role behind:(	WG
k:heading&role behind:,	h8
k:heading&title	ZD
k:heading&under	MQ
k:item&begins	ZD
k:item&n:1	WG
k:item&n:2	A^
k:item&n:3	VH
k:item&n:4	GW
k:item&open:half	MQ
k:item&open:no	TJ
k:item&open:yes	KS
k:item&r:dont	<d
k:item&r:fact	QM
k:item&r:note	TJ
k:item&r:quoted	ZD
k:item&r:unsettled	HV
k:item&r:visitors	LR
k:item&r:wish	IU
k:item&role ahead	WG
k:item&role behind:(	@_
k:item&role behind:,	:f
k:item&role behind:-	WG
k:item&title	KS
k:item&under	ZD
k:line	IU
k:line&alone	VH
k:line&begins	HV
k:line&n:2	IU
k:line&n:3	LR
k:line&open:half	HV
k:line&open:no	GW
k:line&open:yes	VH
k:line&r:aside	C[
k:line&r:dont	RL
k:line&r:fact	FX
k:line&r:note	SK
k:line&r:other	SK
k:line&r:quoted	HV
k:line&r:unsettled	KS
k:line&r:visitors	FX
k:line&role ahead	[C
k:line&role behind:(	e;
k:line&role behind:,	QM
k:line&role behind:-	A^
k:line&title	XF
k:line&under	VH
k:row	IU
k:row&n:1	LR
k:row&n:2	KS
k:row&n:3	C[
k:row&open:half	SK
k:row&open:no	b>
k:row&open:yes	5k
k:row&r:dont	]B
k:row&r:fact	9g
k:row&r:note	DZ
k:row&r:wish	^A
k:row&role behind:-	QM
k:row&title	DZ
k:sentence&alone	6j
k:sentence&begins	DZ
k:sentence&n:1	WG
k:sentence&n:2	IU
k:sentence&n:3	4l
k:sentence&n:4	SK
k:sentence&open:half	LR
k:sentence&open:no	MQ
k:sentence&r:aside	SK
k:sentence&r:dont	SK
k:sentence&r:fact	RL
k:sentence&r:greeting	RL
k:sentence&r:note	IU
k:sentence&r:quoted	EY
k:sentence&r:style	RL
k:sentence&r:visitors	MQ
k:sentence&r:wish	UI
k:sentence&role ahead	SK
k:sentence&role behind:,	MQ
k:sentence&role behind:does	XF
k:sentence&title	C[
k:value	GW
k:value&alone	TJ
k:value&begins	UI
k:value&label	WG
k:value&n:1	HV
k:value&n:2	JT
k:value&n:3	LR
k:value&open:half	TJ
k:value&open:no	GW
k:value&open:yes	FX
k:value&r:aside	C[
k:value&r:dont	@_
k:value&r:note	WG
k:value&r:other	;e
k:value&r:quoted	?a
k:value&r:style	FX
k:value&r:unsettled	IU
k:value&r:visitors	GW
k:value&r:wish	TJ
k:value&role ahead	_@
k:value&role behind:(	_@
k:value&role behind:,	RL
k:value&role behind:does	ZD
k:value&title	UI
k:value&under	QM
label	WG
label&open:half	WG
label&open:no	?a
label&open:yes	YE
label&r:fact	VH
label&under	c=
last lines	KS
late	JT
low	GW
low:k:item	DZ
low:k:line	IU
low:k:row	=c
low:k:sentence	SK
low:k:value	9g
low:r:aside	KS
low:r:dont	EY
low:r:fact	SK
low:r:style	EY
low:r:visitors	9g
low:r:wish	5k
my	t,
n:1&begins	MQ
n:1&from	c=
n:1&label	l4
n:1&open:half	TJ
n:1&open:yes	HV
n:1&r:aside	QM
n:1&r:dont	RL
n:1&r:fact	RL
n:1&r:greeting	HV
n:1&r:note	WG
n:1&r:other	KS
n:1&r:quoted	KS
n:1&r:style	VH
n:1&r:visitors	HV
n:1&r:wish	SK
n:1&role behind:(	^A
n:1&role behind:,	SK
n:1&role behind:-	EY
n:1&role behind:does	UI
n:1&title	EY
n:1&under	IU
n:2	?a
n:2&alone	RL
n:2&begins	LR
n:2&from	MQ
n:2&label	LR
n:2&open:half	FX
n:2&open:no	B]
n:2&open:yes	LR
n:2&r:aside	>b
n:2&r:dont	3m
n:2&r:fact	HV
n:2&r:greeting	VH
n:2&r:note	KS
n:2&r:quoted	FX
n:2&r:style	FX
n:2&r:unsettled	KS
n:2&r:visitors	GW
n:2&role ahead	e;
n:2&role behind:(	RL
n:2&role behind:,	VH
n:2&role behind:-	]B
n:2&title	g9
n:2&under	UI
n:3	B]
n:3&alone	FX
n:3&begins	C[
n:3&label	TJ
n:3&open:no	0p
n:3&open:yes	GW
n:3&r:dont	EY
n:3&r:fact	DZ
n:3&r:greeting	<d
n:3&r:note	A^
n:3&r:visitors	VH
n:3&r:wish	GW
n:3&role behind:(	XF
n:3&role behind:,	2n
n:3&under	WG
n:4	GW
n:4&begins	UI
n:4&role behind:,	QM
open:half	MQ
open:no	EY
open:yes	GW
quotes	C[
r:aside	KS
r:aside&open:no	KS
r:dont	JT
r:dont&open:no	JT
r:fact	JT
r:fact&open:half	LR
r:fact&open:no	TJ
r:fact&open:yes	HV
r:greeting	JT
r:greeting&open:no	JT
r:other	LR
r:other&open:no	LR
r:quoted	FX
r:quoted&open:no	FX
r:style	SK
r:style&open:no	SK
r:visitors	IU
r:visitors&open:no	A^
r:visitors&open:yes	IU
r:wish	RL
r:wish&open:no	QM
role ahead	e;
role ahead&open:half	[C
role ahead&open:yes	a?
role ahead&r:fact	b>
role ahead&role behind:,	]B
role ahead&under	TJ
role behind:(	^A
role behind:(&begins	RL
role behind:(&label	LR
role behind:(&open:half	QM
role behind:(&open:no	a?
role behind:(&open:yes	VH
role behind:(&r:fact	SK
role behind:(&r:other	RL
role behind:(&under	XF
role behind:,	SK
role behind:,&begins	TJ
role behind:,&open:yes	WG
role behind:,&r:dont	<d
role behind:,&r:fact	TJ
role behind:,&r:greeting	?a
role behind:,&r:other	VH
role behind:,&r:quoted	ZD
role behind:,&r:unsettled	HV
role behind:,&r:visitors	GW
role behind:,&r:wish	[C
role behind:,&under	]B
role behind:-	RL
role behind:-&begins	RL
role behind:-&open:half	VH
role behind:-&open:no	MQ
role behind:-&open:yes	SK
role behind:-&r:dont	A^
role behind:-&r:fact	SK
role behind:-&under	g9
role behind:does	b>
role behind:does&begins	^A
role behind:does&open:no	_@
role behind:does&open:yes	WG
role behind:does&r:dont	HV
role behind:does&r:fact	c=
sp:client	LR
sp:designer	,t
title	SK
title&open:half	GW
title&open:yes	b>
title&r:dont	8h
title&r:fact	WG
title&r:greeting	DZ
title&r:note	ZD
title&r:other	c=
title&r:quoted	LR
title&r:unsettled	:f
title&r:visitors	KS
title&role ahead	UI
title&role behind:,	FX
to	GW
under&open:half	q/
under&open:no	IU
under&open:yes	C[
under&r:aside	i7
under&r:fact	UI
under&r:other	=c
under&r:visitors	QM`,
};
