import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02809,
  bias: [-0.3926,0.3926],
  weights: `<:a	MQ
<:abuelo	a?
<:alle	GW
<:als	SK
<:also	GW
<:am	WG
<:an	SK
<:and	XF
<:appelle	JT
<:apprent	]B
<:are	VH
<:as	@_
<:ask	YE
<:at	HV
<:atelier	@_
<:atu	DZ
<:avec	a?
<:b	GW
<:be	SK
<:beim	WG
<:best	<d
<:betreff	GW
<:bin	KS
<:bis	>b
<:bitte	SK
<:boat	A^
<:bonjour	UI
<:booking	]B
<:brother	YE
<:buenas	<d
<:but	IU
<:by	IU
<:büro	TJ
<:call	]B
<:called	FX
<:cc	i7
<:chair	h8
<:chez	A^
<:con	^A
<:creamer	C[
<:d	@_
<:de	LR
<:dear	B]
<:del	A^
<:dem	VH
<:der	UI
<:dice	_@
<:die	RL
<:directo	b>
<:el	QM
<:enginee	ZD
<:est	[C
<:estamos	UI
<:et	WG
<:example	GW
<:februar	DZ
<:firm	[C
<:first	9g
<:for	ZD
<:founded	_@
<:fr	@_
<:from	JT
<:für	>b
<:g	UI
<:geehrte	DZ
<:geht	HV
<:get	=c
<:großvat	ZD
<:guild	B]
<:h	VH
<:hafnerm	LR
<:hall	>b
<:he	UI
<:heißen	B]
<:heißt	<d
<:hello	KS
<:hermano	UI
<:hi	MQ
<:hier	RL
<:hija	g9
<:his	YE
<:hola	EY
<:hra	B]
<:ich	SK
<:im	@_
<:impress	UI
<:in	JT
<:inhaber	VH
<:is	]B
<:ist	SK
<:it	[C
<:its	JT
<:je	GW
<:jugendw	]B
<:keine	KS
<:l	RL
<:la	LR
<:laden	GW
<:las	?a
<:law	c=
<:le	SK
<:legal	SK
<:lehrlin	c=
<:llama	;e
<:llamada	YE
<:lo	_@
<:love	>b
<:m	RL
<:ma	a?
<:manager	XF
<:mar	RL
<:marsh	YE
<:me	r.
<:mein	b>
<:meine	b>
<:mi	XF
<:mit	B]
<:mo	SK
<:mon	RL
<:mr	LR
<:my	_@
<:myself	RL
<:nach	YE
<:name	GW
<:nave	?a
<:nd	C[
<:nicht	DZ
<:no	=c
<:not	UI
<:nothing	=c
<:nur	TJ
<:of	RL
<:old	A^
<:on	?a
<:open	>b
<:operati	YE
<:or	h8
<:our	WG
<:piano	JT
<:pm	u+
<:preside	a?
<:préside	JT
<:que	LR
<:re	@_
<:registe	RL
<:ring	GW
<:road	A^
<:run	_@
<:s	YE
<:salga	>b
<:saludo	c=
<:san	2n
<:sankt	9g
<:saturda	?a
<:say	RL
<:se	DZ
<:secreta	YE
<:sehr	DZ
<:shed	C[
<:shop	JT
<:should	YE
<:since	MQ
<:site	8h
<:sitzt	SK
<:somethi	@_
<:somos	TJ
<:son	a?
<:sorry	TJ
<:soy	LR
<:street	8h
<:suis	GW
<:tardes	C[
<:the	MQ
<:they	UI
<:this	C[
<:to	:f
<:trésori	@_
<:un	WG
<:und	SK
<:von	YE
<:vorsitz	XF
<:w	a?
<:was	>b
<:we	A^
<:web	>b
<:werden	EY
<:werksta	C[
<:what	b>
<:when	MQ
<:wie	HV
<:wir	MQ
<:with	_@
<:y	^A
<:yo	f:
<:you	IU
<:young	b>
<:yours	MQ
<:º	JT
<:über	?a
>:a	MQ
>:aa	C[
>:ab	HV
>:acres	FX
>:across	DZ
>:after	d<
>:again	9g
>:all	QM
>:als	FX
>:am	MQ
>:and	IU
>:answers	UI
>:are	UI
>:as	LR
>:asked	c=
>:associa	[C
>:at	<d
>:been	UI
>:bei	FX
>:bis	;e
>:bitte	EY
>:by	?a
>:büro	XF
>:c	WG
>:calle	GW
>:can	C[
>:chair	c=
>:co	?a
>:coordin	_@
>:cuts	EY
>:d	<d
>:da	>b
>:darf	@_
>:das	KS
>:dass	IU
>:de	EY
>:del	DZ
>:der	JT
>:desde	XF
>:dice	c=
>:die	DZ
>:directo	d<
>:do	5k
>:dock	HV
>:does	b>
>:doesn	RL
>:e	C[
>:ein	SK
>:el	VH
>:en	JT
>:enginee	MQ
>:es	TJ
>:et	VH
>:fait	b>
>:for	HV
>:forty	DZ
>:fr	5k
>:frau	XF
>:fri	C[
>:fridays	EY
>:from	c=
>:für	?a
>:g	FX
>:gegründ	C[
>:geht	WG
>:geselle	_@
>:gibt	FX
>:habe	ZD
>:has	LR
>:hat	B]
>:have	;e
>:hd	C[
>:he	=c
>:hello	<d
>:her	c=
>:here	KS
>:his	b>
>:home	_@
>:i	XF
>:ich	[C
>:id	JT
>:idnr	VH
>:if	UI
>:im	LR
>:in	[C
>:ines	WG
>:inh	>b
>:inkl	FX
>:is	VH
>:ist	ZD
>:it	FX
>:jahr	ZD
>:je	XF
>:joan	UI
>:joined	YE
>:jugendw	]B
>:karim	]B
>:kein	[C
>:kw	C[
>:l	ZD
>:left	;e
>:lehrjah	a?
>:lo	JT
>:lunes	SK
>:m	QM
>:macht	ZD
>:madam	EY
>:mail	>b
>:manager	c=
>:master	[C
>:me	c=
>:meeting	A^
>:mehmet	]B
>:meint	UI
>:meister	UI
>:members	ZD
>:mi	QM
>:mit	MQ
>:mo	RL
>:mrs	UI
>:musical	RL
>:my	[C
>:nach	DZ
>:nd	XF
>:ne	TJ
>:no	A^
>:noch	a?
>:not	YE
>:number	B]
>:nur	KS
>:o	WG
>:of	IU
>:office	ZD
>:ohne	IU
>:ok	@_
>:on	b>
>:operati	VH
>:or	^A
>:our	YE
>:out	A^
>:p	MQ
>:pa	C[
>:parle	c=
>:preise	DZ
>:preside	]B
>:pro	EY
>:propose	QM
>:put	]B
>:que	d<
>:registe	WG
>:rigging	JT
>:ros	@_
>:rue	<d
>:runs	A^
>:s	>b
>:said	JT
>:says	]B
>:sec	^A
>:seit	>b
>:send	GW
>:sent	[C
>:she	8h
>:shop	b>
>:should	KS
>:side	EY
>:sites	?a
>:so	B]
>:souhait	QM
>:started	ZD
>:still	b>
>:sí	=c
>:taller	^A
>:tel	^A
>:that	QM
>:the	SK
>:thinks	WG
>:third	d<
>:three	>b
>:thurs	]B
>:to	SK
>:treasur	_@
>:trésori	JT
>:tues	TJ
>:two	SK
>:uhr	GW
>:un	[C
>:und	MQ
>:uns	HV
>:upper	LR
>:us	IU
>:ust	VH
>:v	B]
>:vertrie	a?
>:vom	GW
>:von	C[
>:w	VH
>:was	=c
>:we	RL
>:what	=c
>:wheels	WG
>:who	g9
>:whose	[C
>:wie	[C
>:will	c=
>:wir	FX
>:wird	EY
>:with	SK
>:wrote	GW
>:x	RL
>:y	m3
>:yard	[C
>:yo	]B
>:you	^A
>:young	[C
>:zwei	GW
>:à	ZD
absent	>b
again	e;
alone&label	UI
alone&open:half	LR
alone&open:yes	TJ
alone&r:dont	B]
alone&r:greeting	SK
alone&r:other	JT
alone&under	IU
asked for	]B
begins	KS
begins&label	KS
begins&open:half	KS
begins&open:no	QM
begins&open:yes	IU
begins&r:aside	KS
begins&r:dont	TJ
begins&r:fact	HV
begins&r:greeting	SK
begins&r:note	WG
begins&r:style	JT
begins&r:unsettled	VH
begins&r:visitors	MQ
begins&r:wish	A^
begins&under	XF
ends	VH
from	QM
from&open:no	QM
given	w)
given+more	}!
greeted	C[
in business	WG
is business	SK
k:head	HV
k:head&from	QM
k:head&n:1	QM
k:head&n:2	@_
k:head&n:3	EY
k:head&open:no	HV
k:head&under	B]
k:heading	HV
k:heading&alone	GW
k:heading&begins	QM
k:heading&n:1	DZ
k:heading&n:2	TJ
k:heading&n:3	GW
k:heading&open:half	:f
k:heading&open:yes	IU
k:heading&r:fact	MQ
k:heading&r:greeting	4l
k:heading&r:note	]B
k:heading&r:other	KS
k:heading&r:quoted	UI
k:heading&role ahead	KS
k:heading&role behind:(	[C
k:heading&role behind:,	[C
k:heading&role behind:-	RL
k:heading&title	ZD
k:heading&under	WG
k:item&begins	WG
k:item&n:1	VH
k:item&n:2	FX
k:item&n:3	A^
k:item&open:half	UI
k:item&open:no	MQ
k:item&open:yes	JT
k:item&r:dont	FX
k:item&r:fact	VH
k:item&r:note	WG
k:item&r:other	QM
k:item&r:quoted	RL
k:item&r:style	WG
k:item&r:unsettled	RL
k:item&r:visitors	LR
k:item&r:wish	@_
k:item&role ahead	h8
k:item&role behind:(	DZ
k:item&role behind:,	B]
k:item&role behind:-	c=
k:item&title	MQ
k:item&under	EY
k:line	IU
k:line&alone	VH
k:line&begins	HV
k:line&n:1	TJ
k:line&n:2	EY
k:line&n:3	C[
k:line&n:4	@_
k:line&open:half	HV
k:line&open:no	HV
k:line&open:yes	QM
k:line&r:aside	FX
k:line&r:dont	KS
k:line&r:fact	KS
k:line&r:greeting	LR
k:line&r:note	QM
k:line&r:other	XF
k:line&r:quoted	MQ
k:line&r:unsettled	GW
k:line&r:visitors	7i
k:line&role ahead	TJ
k:line&role behind:,	GW
k:line&role behind:-	QM
k:line&under	a?
k:row	JT
k:row&n:1	JT
k:row&n:2	RL
k:row&n:3	IU
k:row&open:half	SK
k:row&open:no	ZD
k:row&open:yes	7i
k:row&r:dont	b>
k:row&r:fact	A^
k:row&r:note	GW
k:row&role behind:,	WG
k:row&role behind:-	IU
k:row&title	FX
k:sentence	MQ
k:sentence&alone	IU
k:sentence&begins	HV
k:sentence&n:1	UI
k:sentence&n:2	KS
k:sentence&n:3	9g
k:sentence&open:no	LR
k:sentence&r:aside	KS
k:sentence&r:fact	LR
k:sentence&r:greeting	YE
k:sentence&r:note	HV
k:sentence&r:other	=c
k:sentence&r:quoted	DZ
k:sentence&r:style	LR
k:sentence&r:unsettled	QM
k:sentence&r:visitors	WG
k:sentence&r:wish	c=
k:sentence&role ahead	FX
k:sentence&role behind:(	LR
k:sentence&role behind:,	MQ
k:sentence&role behind:-	WG
k:sentence&role behind:does	WG
k:sentence&role behind:is	HV
k:sentence&under	ZD
k:value	IU
k:value&alone	LR
k:value&label	VH
k:value&n:1	GW
k:value&n:3	UI
k:value&n:4	>b
k:value&open:no	JT
k:value&open:yes	KS
k:value&r:aside	[C
k:value&r:dont	IU
k:value&r:note	RL
k:value&r:other	A^
k:value&r:quoted	>b
k:value&r:style	YE
k:value&r:visitors	B]
k:value&r:wish	LR
k:value&role ahead	TJ
k:value&role behind:(	_@
k:value&role behind:,	XF
k:value&role behind:-	IU
k:value&role behind:does	UI
k:value&under	UI
label	VH
label&open:half	IU
label&open:yes	WG
label&r:fact	TJ
label&r:visitors	SK
label&under	d<
last lines	KS
late	HV
low	JT
low:k:item	B]
low:k:line	FX
low:k:sentence	VH
low:k:value	3m
low:r:aside	GW
low:r:dont	7i
low:r:fact	UI
low:r:greeting	LR
low:r:note	ZD
low:r:other	ZD
low:r:style	EY
low:r:unsettled	6j
low:r:visitors	4l
low:r:wish	6j
low:whole	UI
my	p0
n:1&from	a?
n:1&label	WG
n:1&open:half	UI
n:1&open:yes	MQ
n:1&r:aside	XF
n:1&r:dont	UI
n:1&r:greeting	HV
n:1&r:note	WG
n:1&r:other	QM
n:1&r:quoted	FX
n:1&r:style	VH
n:1&r:unsettled	MQ
n:1&r:visitors	IU
n:1&role ahead	>b
n:1&role behind:(	YE
n:1&role behind:,	UI
n:1&role label	FX
n:1&title	JT
n:2	@_
n:2&alone	RL
n:2&begins	KS
n:2&open:half	IU
n:2&open:no	>b
n:2&open:yes	LR
n:2&r:aside	9g
n:2&r:dont	7i
n:2&r:greeting	TJ
n:2&r:note	GW
n:2&r:other	HV
n:2&r:style	B]
n:2&r:unsettled	IU
n:2&r:visitors	FX
n:2&r:wish	VH
n:2&role ahead	g9
n:2&role behind:,	QM
n:2&role behind:-	YE
n:2&role behind:does	c=
n:2&role label	SK
n:2&title	^A
n:2&under	VH
n:3	=c
n:3&alone	IU
n:3&begins	LR
n:3&label	WG
n:3&open:half	EY
n:3&open:no	4l
n:3&open:yes	HV
n:3&r:dont	FX
n:3&r:fact	EY
n:3&r:greeting	B]
n:3&r:note	IU
n:3&r:other	IU
n:3&r:visitors	MQ
n:3&r:wish	B]
n:3&role behind:(	]B
n:3&role behind:,	:f
n:3&role behind:-	B]
n:3&role behind:is	HV
n:3&under	UI
n:4	C[
n:4&alone	KS
n:4&open:no	>b
n:4&r:note	@_
n:4&role behind:,	JT
open:half	KS
open:no	DZ
open:yes	IU
quotes	JT
r:dont	LR
r:dont&open:no	LR
r:fact	KS
r:fact&open:half	MQ
r:fact&open:no	QM
r:fact&open:yes	JT
r:greeting	KS
r:greeting&open:no	KS
r:other	MQ
r:other&open:no	MQ
r:quoted	HV
r:quoted&open:no	HV
r:style	TJ
r:style&open:no	TJ
r:unsettled	LR
r:unsettled&open:no	LR
r:visitors	DZ
r:visitors&open:half	IU
r:visitors&open:no	HV
r:visitors&open:yes	HV
r:wish	QM
r:wish&open:no	QM
role ahead	UI
role ahead&alone	ZD
role ahead&label	WG
role ahead&open:no	LR
role ahead&open:yes	ZD
role ahead&r:dont	DZ
role ahead&r:fact	VH
role ahead&r:other	ZD
role ahead&r:visitors	TJ
role ahead&role behind:(	UI
role ahead&role behind:,	XF
role ahead&under	c=
role behind:(	ZD
role behind:(&begins	UI
role behind:(&open:no	VH
role behind:(&open:yes	XF
role behind:(&r:fact	WG
role behind:(&r:greeting	A^
role behind:(&under	b>
role behind:,	RL
role behind:,&begins	QM
role behind:,&label	JT
role behind:,&open:half	JT
role behind:,&open:yes	UI
role behind:,&r:aside	TJ
role behind:,&r:dont	>b
role behind:,&r:fact	QM
role behind:,&r:greeting	LR
role behind:,&r:note	EY
role behind:,&r:other	UI
role behind:,&r:quoted	RL
role behind:,&r:wish	WG
role behind:,&under	QM
role behind:-	WG
role behind:-&begins	JT
role behind:-&open:half	GW
role behind:-&open:no	SK
role behind:-&open:yes	b>
role behind:-&r:dont	C[
role behind:-&r:fact	WG
role behind:-&r:note	LR
role behind:-&r:other	YE
role behind:-&r:unsettled	f:
role behind:-&under	_@
role behind:does	]B
role behind:does&begins	]B
role behind:does&open:no	VH
role behind:does&open:yes	^A
role behind:does&r:dont	JT
role behind:does&r:fact	b>
role behind:is	IU
role behind:is&begins	IU
role behind:is&open:yes	HV
role behind:is&r:fact	HV
role label&alone	ZD
role label&label	WG
role label&open:half	a?
role label&open:no	MQ
role label&r:fact	LR
role label&role behind:,	XF
role label&under	ZD
says name	ZD
sp:client	IU
sp:designer	0p
title&label	WG
title&open:half	8h
title&open:no	QM
title&open:yes	e;
title&r:aside	:f
title&r:dont	FX
title&r:greeting	@_
title&r:note	SK
title&r:other	XF
title&r:quoted	<d
title&r:visitors	VH
title&r:wish	SK
title&role ahead	c=
title&role behind:(	JT
title&role behind:does	VH
title&under	WG
to	DZ
under	QM
under&open:half	e;
under&open:yes	LR
under&r:fact	VH
under&r:other	HV
under&r:visitors	JT
under&r:wish	FX`,
};
