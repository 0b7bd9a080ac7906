import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02839,
  bias: [-0.4102,0.4102],
  weights: `<:a	JT
<:abuelo	c=
<:alle	FX
<:als	UI
<:also	GW
<:am	ZD
<:an	RL
<:and	YE
<:appelle	JT
<:apprent	^A
<:are	VH
<:as	B]
<:ask	YE
<:at	HV
<:atelier	@_
<:atu	C[
<:avec	]B
<:b	DZ
<:be	SK
<:beim	YE
<:best	=c
<:betreff	HV
<:bin	LR
<:bis	B]
<:bitte	TJ
<:boat	@_
<:bonjour	TJ
<:booking	]B
<:brother	XF
<:buenas	<d
<:but	JT
<:by	JT
<:büro	TJ
<:call	]B
<:called	EY
<:cc	i7
<:chair	b>
<:chez	B]
<:con	ZD
<:creamer	DZ
<:d	A^
<:de	MQ
<:dear	B]
<:del	DZ
<:dem	TJ
<:der	UI
<:dice	_@
<:directo	b>
<:el	QM
<:enginee	VH
<:est	[C
<:estamos	UI
<:et	XF
<:example	HV
<:februar	EY
<:firm	YE
<:first	;e
<:for	YE
<:founded	c=
<:fr	=c
<:from	HV
<:für	>b
<:g	SK
<:geehrte	C[
<:geht	HV
<:get	>b
<:großvat	[C
<:guild	@_
<:h	TJ
<:hafnerm	LR
<:hall	?a
<:he	VH
<:heißen	A^
<:heißt	;e
<:hello	KS
<:hermano	RL
<:hier	SK
<:hija	e;
<:his	WG
<:hola	EY
<:hra	C[
<:ich	SK
<:im	DZ
<:impress	XF
<:in	IU
<:inhaber	TJ
<:is	ZD
<:ist	RL
<:it	[C
<:its	LR
<:je	EY
<:jugendw	SK
<:keine	JT
<:l	RL
<:la	MQ
<:laden	FX
<:las	>b
<:late	RL
<:law	d<
<:le	RL
<:legal	TJ
<:lehrlin	a?
<:line	LR
<:llama	;e
<:llamada	ZD
<:lo	b>
<:love	@_
<:m	RL
<:ma	a?
<:manager	TJ
<:marsh	[C
<:me	p0
<:mein	a?
<:meine	b>
<:mi	YE
<:mit	EY
<:mo	TJ
<:mon	RL
<:my	b>
<:myself	RL
<:nach	YE
<:name	GW
<:nave	@_
<:nd	B]
<:nicht	B]
<:no	<d
<:not	VH
<:nothing	A^
<:nur	UI
<:old	@_
<:on	DZ
<:open	?a
<:operati	]B
<:or	h8
<:our	TJ
<:piano	IU
<:pm	v*
<:preside	b>
<:préside	HV
<:que	KS
<:re	=c
<:registe	TJ
<:ring	HV
<:road	A^
<:run	^A
<:s	ZD
<:salga	>b
<:saludo	c=
<:san	3m
<:sankt	:f
<:saturda	<d
<:say	RL
<:se	C[
<:secreta	YE
<:sehr	C[
<:shed	DZ
<:shop	IU
<:should	YE
<:site	9g
<:sitzt	SK
<:somethi	A^
<:somos	UI
<:son	d<
<:sorry	VH
<:soy	LR
<:street	8h
<:suis	GW
<:swarm	LR
<:tardes	C[
<:the	KS
<:they	QM
<:this	B]
<:to	;e
<:trésori	A^
<:un	VH
<:und	RL
<:uns	QM
<:von	XF
<:vorsitz	[C
<:w	_@
<:was	A^
<:we	A^
<:web	?a
<:werden	FX
<:werksta	C[
<:what	b>
<:wie	HV
<:wir	LR
<:with	a?
<:y	]B
<:yo	h8
<:you	LR
<:young	d<
<:yours	JT
<:º	JT
<:über	?a
>:a	LR
>:aa	DZ
>:ab	HV
>:acres	GW
>:across	B]
>:after	b>
>:again	:f
>:all	QM
>:als	FX
>:am	MQ
>:and	HV
>:answers	TJ
>:are	SK
>:as	LR
>:asked	b>
>:associa	ZD
>:at	<d
>:been	UI
>:bei	GW
>:bis	:f
>:bitte	GW
>:by	<d
>:büro	XF
>:c	TJ
>:calle	IU
>:can	B]
>:chair	^A
>:co	?a
>:coordin	a?
>:cuts	EY
>:d	;e
>:da	=c
>:darf	A^
>:das	IU
>:dass	KS
>:de	EY
>:del	EY
>:der	IU
>:desde	WG
>:dice	f:
>:die	HV
>:directo	b>
>:do	6j
>:dock	DZ
>:does	d<
>:doesn	TJ
>:e	@_
>:ein	SK
>:el	VH
>:en	KS
>:enginee	LR
>:es	TJ
>:et	VH
>:fait	b>
>:for	IU
>:forty	DZ
>:fr	3m
>:frau	WG
>:fri	C[
>:fridays	B]
>:from	b>
>:für	A^
>:g	FX
>:gegründ	C[
>:geht	XF
>:geselle	^A
>:gibt	JT
>:habe	[C
>:had	QM
>:has	LR
>:hat	@_
>:have	<d
>:hd	C[
>:he	=c
>:hello	=c
>:her	d<
>:his	d<
>:home	^A
>:i	YE
>:ich	ZD
>:id	HV
>:idnr	VH
>:if	TJ
>:in	ZD
>:ines	VH
>:inh	?a
>:inkl	IU
>:is	XF
>:ist	ZD
>:it	C[
>:jahr	]B
>:je	XF
>:joan	UI
>:joined	^A
>:jugendw	ZD
>:karim	]B
>:kein	]B
>:kw	B]
>:l	ZD
>:left	<d
>:lehrjah	a?
>:lo	IU
>:lost	QM
>:lunes	SK
>:macht	^A
>:madam	EY
>:mail	@_
>:manager	c=
>:master	ZD
>:me	c=
>:meeting	@_
>:mehmet	YE
>:meint	VH
>:meister	ZD
>:members	ZD
>:mit	MQ
>:mo	QM
>:mrs	TJ
>:musical	RL
>:my	^A
>:nach	B]
>:nd	XF
>:ne	TJ
>:no	A^
>:noch	^A
>:not	YE
>:number	A^
>:nur	JT
>:o	[C
>:of	IU
>:office	YE
>:ohne	IU
>:ok	@_
>:on	c=
>:operati	TJ
>:or	]B
>:our	VH
>:out	A^
>:p	MQ
>:pa	DZ
>:parle	d<
>:piano	LR
>:preise	GW
>:preside	[C
>:pro	FX
>:put	[C
>:que	e;
>:registe	XF
>:rigging	HV
>:ros	?a
>:rue	=c
>:runs	?a
>:s	?a
>:said	JT
>:says	ZD
>:sec	[C
>:seit	B]
>:send	HV
>:sent	a?
>:she	9g
>:shop	]B
>:should	KS
>:side	FX
>:sie	KS
>:sites	>b
>:so	FX
>:started	ZD
>:still	c=
>:sí	=c
>:taller	^A
>:tel	YE
>:the	RL
>:thinks	YE
>:third	^A
>:three	@_
>:thurs	_@
>:to	TJ
>:treasur	ZD
>:trésori	HV
>:tues	TJ
>:uhr	IU
>:un	]B
>:und	MQ
>:uns	FX
>:upper	EY
>:us	LR
>:ust	TJ
>:v	B]
>:vertrie	]B
>:vom	HV
>:von	C[
>:w	VH
>:was	>b
>:what	=c
>:wheels	XF
>:who	h8
>:whose	ZD
>:wie	ZD
>:will	c=
>:wir	IU
>:wird	IU
>:with	SK
>:wrote	GW
>:x	TJ
>:y	l4
>:yard	ZD
>:yo	[C
>:you	^A
>:young	^A
>:zwei	EY
>:à	YE
absent	>b
again	e;
alone&label	WG
alone&open:half	LR
alone&open:yes	TJ
alone&r:dont	@_
alone&r:greeting	SK
alone&r:other	IU
alone&under	KS
asked for	[C
begins	JT
begins&label	MQ
begins&open:half	IU
begins&open:no	RL
begins&open:yes	JT
begins&r:aside	KS
begins&r:dont	VH
begins&r:fact	HV
begins&r:greeting	UI
begins&r:note	VH
begins&r:other	MQ
begins&r:style	JT
begins&r:unsettled	TJ
begins&r:visitors	MQ
begins&r:wish	B]
begins&under	XF
ends	TJ
from	RL
from&open:no	RL
given	x(
given+more	}!
greeted	A^
in business	WG
is business	RL
k:head	FX
k:head&from	RL
k:head&n:1	RL
k:head&n:2	@_
k:head&n:3	IU
k:head&open:no	FX
k:head&under	C[
k:heading	JT
k:heading&alone	HV
k:heading&begins	SK
k:heading&n:1	FX
k:heading&n:2	UI
k:heading&n:3	FX
k:heading&open:half	LR
k:heading&open:no	KS
k:heading&open:yes	JT
k:heading&r:fact	KS
k:heading&r:greeting	4l
k:heading&r:other	LR
k:heading&r:quoted	WG
k:heading&role ahead	HV
k:heading&role behind:(	]B
k:heading&role behind:,	YE
k:heading&role behind:-	TJ
k:heading&title	XF
k:heading&under	[C
k:item	MQ
k:item&begins	TJ
k:item&n:1	UI
k:item&n:2	B]
k:item&n:3	RL
k:item&open:half	TJ
k:item&open:no	KS
k:item&open:yes	QM
k:item&r:dont	JT
k:item&r:fact	UI
k:item&r:note	]B
k:item&r:other	LR
k:item&r:quoted	B]
k:item&r:style	YE
k:item&r:unsettled	a?
k:item&r:visitors	JT
k:item&r:wish	B]
k:item&role ahead	d<
k:item&role behind:(	DZ
k:item&role behind:,	C[
k:item&role behind:-	d<
k:item&title	QM
k:item&under	DZ
k:line	HV
k:line&alone	VH
k:line&begins	HV
k:line&n:1	TJ
k:line&n:2	EY
k:line&n:3	?a
k:line&n:4	@_
k:line&open:half	JT
k:line&open:no	IU
k:line&open:yes	QM
k:line&r:aside	FX
k:line&r:dont	JT
k:line&r:fact	LR
k:line&r:greeting	LR
k:line&r:note	LR
k:line&r:other	VH
k:line&r:quoted	LR
k:line&r:unsettled	FX
k:line&r:visitors	C[
k:line&role ahead	WG
k:line&role behind:(	LR
k:line&role behind:,	GW
k:line&role behind:-	QM
k:line&under	c=
k:row	IU
k:row&n:1	KS
k:row&n:2	QM
k:row&n:3	GW
k:row&open:half	DZ
k:row&open:no	c=
k:row&open:yes	8h
k:row&r:dont	[C
k:row&r:fact	@_
k:row&r:note	FX
k:row&role behind:,	YE
k:row&role behind:-	HV
k:row&title	JT
k:sentence	MQ
k:sentence&alone	GW
k:sentence&begins	IU
k:sentence&n:1	VH
k:sentence&n:2	KS
k:sentence&n:3	6j
k:sentence&n:4	QM
k:sentence&open:no	MQ
k:sentence&r:aside	KS
k:sentence&r:dont	SK
k:sentence&r:greeting	WG
k:sentence&r:note	HV
k:sentence&r:other	=c
k:sentence&r:quoted	JT
k:sentence&r:style	LR
k:sentence&r:unsettled	GW
k:sentence&r:visitors	RL
k:sentence&r:wish	c=
k:sentence&role ahead	IU
k:sentence&role behind:(	LR
k:sentence&role behind:,	MQ
k:sentence&role behind:-	UI
k:sentence&role behind:does	WG
k:sentence&role behind:is	KS
k:sentence&under	XF
k:value	JT
k:value&alone	MQ
k:value&label	UI
k:value&n:1	EY
k:value&n:3	SK
k:value&n:4	<d
k:value&open:half	TJ
k:value&open:no	JT
k:value&open:yes	JT
k:value&r:aside	VH
k:value&r:dont	EY
k:value&r:note	RL
k:value&r:other	EY
k:value&r:quoted	A^
k:value&r:style	ZD
k:value&r:unsettled	RL
k:value&r:visitors	EY
k:value&r:wish	LR
k:value&role ahead	TJ
k:value&role behind:(	a?
k:value&role behind:,	XF
k:value&role behind:-	KS
k:value&role behind:does	VH
k:value&title	MQ
k:value&under	VH
label	UI
label&open:half	LR
label&open:no	_@
label&open:yes	XF
label&r:fact	SK
label&r:visitors	TJ
label&under	b>
last lines	LR
late	JT
low	JT
low:k:item	C[
low:k:line	GW
low:k:sentence	WG
low:k:value	3m
low:r:aside	JT
low:r:dont	6j
low:r:fact	YE
low:r:greeting	IU
low:r:note	[C
low:r:style	EY
low:r:unsettled	7i
low:r:visitors	2n
low:r:wish	6j
low:whole	UI
my	r.
n:1	QM
n:1&begins	QM
n:1&from	a?
n:1&label	WG
n:1&open:half	QM
n:1&open:no	RL
n:1&open:yes	LR
n:1&r:aside	XF
n:1&r:dont	SK
n:1&r:greeting	HV
n:1&r:note	UI
n:1&r:quoted	GW
n:1&r:style	VH
n:1&r:unsettled	MQ
n:1&r:visitors	MQ
n:1&role ahead	>b
n:1&role behind:(	[C
n:1&role behind:,	UI
n:1&role behind:-	QM
n:1&role label	FX
n:1&title	JT
n:1&under	MQ
n:2	A^
n:2&alone	QM
n:2&begins	IU
n:2&open:half	IU
n:2&open:no	?a
n:2&open:yes	LR
n:2&r:aside	?a
n:2&r:dont	5k
n:2&r:fact	LR
n:2&r:greeting	UI
n:2&r:note	HV
n:2&r:other	FX
n:2&r:style	C[
n:2&r:unsettled	HV
n:2&r:visitors	EY
n:2&r:wish	VH
n:2&role ahead	h8
n:2&role behind:,	QM
n:2&role behind:-	XF
n:2&role behind:does	b>
n:2&role label	SK
n:2&title	[C
n:2&under	WG
n:3	@_
n:3&alone	GW
n:3&begins	LR
n:3&label	UI
n:3&open:half	LR
n:3&open:no	6j
n:3&open:yes	GW
n:3&r:dont	FX
n:3&r:fact	JT
n:3&r:greeting	:f
n:3&r:note	IU
n:3&r:other	HV
n:3&r:visitors	FX
n:3&r:wish	@_
n:3&role behind:(	YE
n:3&role behind:,	6j
n:3&role behind:-	>b
n:3&role behind:is	KS
n:3&under	SK
n:4	EY
n:4&alone	KS
n:4&open:no	>b
n:4&r:note	A^
n:4&role behind:,	KS
open:half	LR
open:no	DZ
open:yes	IU
quotes	FX
r:dont	KS
r:dont&open:no	KS
r:fact	KS
r:fact&open:half	MQ
r:fact&open:no	SK
r:fact&open:yes	KS
r:greeting	KS
r:greeting&open:no	KS
r:note	MQ
r:note&open:no	LR
r:other	LR
r:other&open:no	LR
r:quoted	IU
r:quoted&open:no	IU
r:style	TJ
r:style&open:no	TJ
r:unsettled	LR
r:unsettled&open:no	LR
r:visitors	FX
r:visitors&open:half	HV
r:visitors&open:no	XF
r:visitors&open:yes	FX
r:wish	QM
r:wish&open:no	QM
role ahead	UI
role ahead&alone	ZD
role ahead&label	VH
role ahead&open:no	LR
role ahead&open:yes	YE
role ahead&r:dont	DZ
role ahead&r:fact	UI
role ahead&r:other	YE
role ahead&r:visitors	UI
role ahead&role behind:(	RL
role ahead&role behind:,	WG
role ahead&under	WG
role behind:(	YE
role behind:(&begins	WG
role behind:(&open:no	WG
role behind:(&open:yes	VH
role behind:(&r:fact	UI
role behind:(&r:greeting	EY
role behind:(&r:other	QM
role behind:(&under	_@
role behind:,	QM
role behind:,&begins	QM
role behind:,&label	IU
role behind:,&open:half	LR
role behind:,&open:yes	UI
role behind:,&r:aside	QM
role behind:,&r:dont	?a
role behind:,&r:fact	RL
role behind:,&r:greeting	KS
role behind:,&r:note	GW
role behind:,&r:other	WG
role behind:,&r:quoted	QM
role behind:,&r:wish	VH
role behind:-	WG
role behind:-&begins	MQ
role behind:-&open:half	DZ
role behind:-&open:no	UI
role behind:-&open:yes	b>
role behind:-&r:dont	A^
role behind:-&r:fact	ZD
role behind:-&r:note	MQ
role behind:-&r:other	TJ
role behind:-&r:unsettled	^A
role behind:-&r:wish	[C
role behind:-&under	]B
role behind:does	[C
role behind:does&begins	^A
role behind:does&open:no	SK
role behind:does&open:yes	^A
role behind:does&r:dont	YE
role behind:does&r:fact	c=
role behind:is	HV
role behind:is&begins	HV
role behind:is&open:yes	KS
role behind:is&r:fact	KS
role label&alone	ZD
role label&label	UI
role label&open:half	[C
role label&open:no	LR
role label&r:fact	LR
role label&role behind:,	XF
role label&under	SK
says name	ZD
sp:client	IU
sp:designer	0p
title	RL
title&label	RL
title&open:half	=c
title&open:yes	d<
title&r:aside	=c
title&r:dont	GW
title&r:fact	MQ
title&r:greeting	C[
title&r:note	UI
title&r:other	VH
title&r:quoted	8h
title&r:visitors	VH
title&r:wish	QM
title&role ahead	e;
title&role behind:(	KS
title&role behind:,	RL
title&role behind:does	VH
title&under	WG
to	EY
under	SK
under&open:half	f:
under&open:yes	KS
under&r:dont	KS
under&r:fact	UI
under&r:other	IU
under&r:visitors	MQ
under&r:wish	GW`,
};
