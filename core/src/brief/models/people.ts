import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02752,
  bias: [-0.3731,0.3731],
  weights: `<:a	MQ
<:abuelo	a?
<:alle	GW
<:als	TJ
<:also	EY
<:am	]B
<:an	SK
<:and	SK
<:appelle	HV
<:apprent	^A
<:are	VH
<:ask	ZD
<:at	GW
<:atelier	>b
<:atu	FX
<:avec	^A
<:b	FX
<:be	TJ
<:beim	WG
<:betreff	DZ
<:bin	KS
<:bis	@_
<:bitte	TJ
<:boat	?a
<:bonjour	VH
<:booking	_@
<:buenas	=c
<:but	HV
<:by	JT
<:büro	TJ
<:call	]B
<:called	DZ
<:cc	j6
<:chair	VH
<:chez	B]
<:con	]B
<:creamer	EY
<:d	DZ
<:de	KS
<:dear	B]
<:del	FX
<:dem	C[
<:der	TJ
<:dice	a?
<:directo	a?
<:en	MQ
<:enginee	ZD
<:est	ZD
<:estamos	SK
<:et	TJ
<:example	GW
<:firm	XF
<:first	9g
<:for	[C
<:founded	_@
<:fr	>b
<:from	GW
<:für	>b
<:g	TJ
<:geehrte	HV
<:geht	IU
<:get	=c
<:großvat	XF
<:guild	B]
<:h	SK
<:hall	?a
<:he	TJ
<:heißt	<d
<:hello	LR
<:hermano	UI
<:hi	LR
<:hier	QM
<:hija	e;
<:his	XF
<:hola	LR
<:hra	C[
<:i	LR
<:ich	SK
<:im	B]
<:impress	WG
<:in	FX
<:inhaber	XF
<:is	ZD
<:ist	UI
<:it	[C
<:its	KS
<:je	FX
<:jugendw	VH
<:keine	GW
<:la	JT
<:laden	GW
<:las	=c
<:late	RL
<:law	d<
<:le	QM
<:legal	SK
<:lehrlin	c=
<:llama	<d
<:llamada	ZD
<:lo	a?
<:love	>b
<:m	UI
<:ma	b>
<:manager	TJ
<:marsh	[C
<:me	o1
<:mein	b>
<:meine	c=
<:mi	VH
<:mit	A^
<:mon	QM
<:my	a?
<:nach	ZD
<:name	HV
<:nave	?a
<:nd	EY
<:nicht	C[
<:no	<d
<:not	SK
<:nothing	;e
<:nur	TJ
<:of	QM
<:old	@_
<:on	C[
<:only	QM
<:open	=c
<:operati	YE
<:or	h8
<:our	VH
<:piano	IU
<:pm	u+
<:preside	b>
<:préside	C[
<:re	>b
<:registe	TJ
<:ring	IU
<:road	B]
<:run	a?
<:s	ZD
<:san	3m
<:sankt	9g
<:saturda	=c
<:say	RL
<:se	C[
<:secreta	ZD
<:sehr	HV
<:shed	FX
<:shop	JT
<:should	XF
<:since	HV
<:site	8h
<:sitzt	UI
<:somethi	@_
<:somos	VH
<:son	YE
<:sorry	WG
<:soy	QM
<:street	8h
<:suis	HV
<:tardes	EY
<:that	MQ
<:the	JT
<:they	UI
<:this	DZ
<:to	9g
<:trésori	DZ
<:un	RL
<:v	MQ
<:von	ZD
<:w	_@
<:was	>b
<:we	?a
<:web	>b
<:werden	C[
<:werksta	C[
<:what	^A
<:wie	HV
<:wir	QM
<:with	_@
<:y	^A
<:yo	e;
<:you	HV
<:young	d<
<:yours	YE
<:º	GW
<:über	>b
>:a	IU
>:aa	DZ
>:ab	KS
>:acres	C[
>:across	DZ
>:after	c=
>:again	;e
>:all	QM
>:als	FX
>:am	KS
>:and	JT
>:answers	XF
>:are	VH
>:asked	b>
>:associa	^A
>:at	>b
>:been	TJ
>:bis	8h
>:bitte	DZ
>:by	=c
>:büro	VH
>:c	XF
>:calle	EY
>:can	DZ
>:chair	WG
>:co	?a
>:coordin	_@
>:cuts	DZ
>:d	=c
>:da	>b
>:darf	?a
>:das	JT
>:de	DZ
>:del	FX
>:der	IU
>:desde	YE
>:dice	i7
>:die	C[
>:directo	a?
>:do	6j
>:dock	C[
>:does	c=
>:doesn	QM
>:e	?a
>:ein	SK
>:el	XF
>:en	LR
>:enginee	MQ
>:es	UI
>:et	JT
>:fait	d<
>:for	JT
>:forty	@_
>:fr	3m
>:fri	B]
>:fridays	C[
>:from	c=
>:für	?a
>:g	FX
>:gegründ	C[
>:gibt	DZ
>:had	RL
>:hat	@_
>:have	:f
>:hd	B]
>:he	=c
>:hello	>b
>:her	_@
>:his	e;
>:home	]B
>:i	YE
>:id	JT
>:idnr	UI
>:if	TJ
>:im	QM
>:in	WG
>:ines	WG
>:inh	A^
>:inkl	GW
>:is	VH
>:ist	[C
>:it	GW
>:jahr	[C
>:je	ZD
>:joan	TJ
>:joined	^A
>:jugendw	[C
>:kein	WG
>:kw	C[
>:l	[C
>:la	QM
>:le	RL
>:left	>b
>:lehrjah	^A
>:lo	JT
>:lunes	RL
>:m	MQ
>:macht	[C
>:mail	=c
>:manager	c=
>:master	ZD
>:me	g9
>:meeting	@_
>:mehmet	UI
>:meint	YE
>:meister	]B
>:members	b>
>:mi	EY
>:mit	KS
>:mrs	^A
>:musical	TJ
>:my	^A
>:nach	FX
>:nd	YE
>:ne	SK
>:no	A^
>:noch	a?
>:not	ZD
>:number	A^
>:nur	KS
>:o	WG
>:of	HV
>:office	XF
>:ohne	IU
>:ok	@_
>:on	a?
>:operati	SK
>:or	^A
>:our	XF
>:out	A^
>:pa	C[
>:parle	d<
>:piano	MQ
>:preise	EY
>:preside	[C
>:pro	GW
>:préside	JT
>:put	ZD
>:que	_@
>:registe	YE
>:rigging	JT
>:rue	=c
>:runs	>b
>:s	>b
>:said	LR
>:says	^A
>:seit	B]
>:send	IU
>:sent	b>
>:she	8h
>:shop	[C
>:should	JT
>:side	GW
>:since	RL
>:sites	=c
>:so	A^
>:started	[C
>:still	d<
>:sí	>b
>:tel	XF
>:the	TJ
>:thinks	VH
>:third	_@
>:three	?a
>:thurs	_@
>:treasur	[C
>:trésori	C[
>:tues	TJ
>:two	QM
>:uhr	IU
>:un	^A
>:und	HV
>:uns	DZ
>:upper	EY
>:ust	SK
>:v	C[
>:vertrie	b>
>:vom	IU
>:von	C[
>:w	XF
>:was	>b
>:what	=c
>:wheels	XF
>:who	g9
>:whose	ZD
>:wie	YE
>:will	c=
>:wir	FX
>:with	VH
>:wrote	GW
>:x	SK
>:y	j6
>:yard	YE
>:yo	_@
>:you	]B
>:young	^A
>:zwei	C[
>:à	YE
absent	?a
again	e;
alone&label	YE
alone&open:half	JT
alone&open:yes	QM
alone&r:dont	?a
alone&r:greeting	TJ
alone&r:note	b>
alone&r:other	GW
alone&under	JT
asked for	ZD
begins	LR
begins&label	KS
begins&open:half	HV
begins&open:no	QM
begins&open:yes	GW
begins&r:aside	KS
begins&r:dont	SK
begins&r:fact	JT
begins&r:greeting	VH
begins&r:note	RL
begins&r:other	JT
begins&r:style	IU
begins&r:unsettled	WG
begins&r:visitors	SK
begins&r:wish	>b
begins&under	YE
ends	UI
from	RL
from&open:no	RL
given	v*
given+more	}!
greeted	B]
in business	WG
is business	UI
k:head	FX
k:head&from	RL
k:head&n:2	>b
k:head&n:3	HV
k:head&open:no	FX
k:head&under	B]
k:heading	HV
k:heading&alone	FX
k:heading&begins	RL
k:heading&n:1	DZ
k:heading&n:2	SK
k:heading&n:3	?a
k:heading&open:half	DZ
k:heading&open:no	LR
k:heading&open:yes	LR
k:heading&r:fact	JT
k:heading&r:greeting	5k
k:heading&r:quoted	UI
k:heading&role ahead	IU
k:heading&role behind:(	a?
k:heading&role behind:,	ZD
k:heading&title	ZD
k:heading&under	ZD
k:item&begins	VH
k:item&n:1	VH
k:item&n:2	FX
k:item&n:3	=c
k:item&n:4	MQ
k:item&open:no	LR
k:item&open:yes	QM
k:item&r:dont	HV
k:item&r:fact	SK
k:item&r:note	ZD
k:item&r:quoted	QM
k:item&r:style	UI
k:item&r:unsettled	UI
k:item&r:visitors	^A
k:item&r:wish	B]
k:item&role ahead	f:
k:item&role behind:(	FX
k:item&role behind:,	A^
k:item&role behind:-	a?
k:item&title	MQ
k:item&under	DZ
k:line	HV
k:line&alone	WG
k:line&begins	GW
k:line&n:1	QM
k:line&n:2	EY
k:line&n:3	C[
k:line&open:half	IU
k:line&open:no	JT
k:line&r:aside	@_
k:line&r:fact	LR
k:line&r:greeting	JT
k:line&r:note	QM
k:line&r:other	WG
k:line&r:quoted	LR
k:line&r:unsettled	?a
k:line&r:visitors	7i
k:line&r:wish	ZD
k:line&role ahead	VH
k:line&role behind:(	RL
k:line&role behind:,	IU
k:line&role behind:-	RL
k:line&under	^A
k:row	JT
k:row&n:1	KS
k:row&n:3	HV
k:row&open:half	TJ
k:row&open:no	YE
k:row&open:yes	4l
k:row&r:dont	]B
k:row&r:fact	A^
k:row&r:note	GW
k:row&role behind:,	XF
k:row&role behind:-	GW
k:row&title	JT
k:sentence&alone	C[
k:sentence&begins	IU
k:sentence&n:1	UI
k:sentence&n:2	KS
k:sentence&n:3	6j
k:sentence&open:half	MQ
k:sentence&open:no	LR
k:sentence&r:aside	EY
k:sentence&r:dont	WG
k:sentence&r:fact	LR
k:sentence&r:greeting	ZD
k:sentence&r:note	EY
k:sentence&r:other	A^
k:sentence&r:quoted	GW
k:sentence&r:style	LR
k:sentence&r:visitors	VH
k:sentence&r:wish	_@
k:sentence&role ahead	LR
k:sentence&role behind:,	KS
k:sentence&role behind:-	XF
k:sentence&role behind:does	WG
k:sentence&role behind:is	IU
k:sentence&title	KS
k:sentence&under	ZD
k:value	HV
k:value&begins	QM
k:value&label	UI
k:value&n:1	HV
k:value&n:3	TJ
k:value&n:4	;e
k:value&open:half	MQ
k:value&open:no	KS
k:value&open:yes	JT
k:value&r:aside	d<
k:value&r:dont	>b
k:value&r:note	TJ
k:value&r:other	>b
k:value&r:quoted	=c
k:value&r:style	YE
k:value&r:visitors	DZ
k:value&r:wish	LR
k:value&role ahead	RL
k:value&role behind:(	b>
k:value&role behind:,	YE
k:value&role behind:-	KS
k:value&role behind:does	VH
k:value&under	VH
label	UI
label&open:half	HV
label&open:yes	XF
label&r:fact	UI
label&under	a?
last lines	KS
late	KS
low	IU
low:k:item	@_
low:k:line	GW
low:k:sentence	WG
low:k:value	3m
low:r:aside	LR
low:r:dont	7i
low:r:fact	XF
low:r:greeting	EY
low:r:note	[C
low:r:style	FX
low:r:unsettled	:f
low:r:visitors	@_
low:r:wish	4l
low:whole	WG
my	p0
n:1	QM
n:1&alone	MQ
n:1&from	b>
n:1&label	YE
n:1&open:half	WG
n:1&r:aside	RL
n:1&r:dont	QM
n:1&r:greeting	IU
n:1&r:note	WG
n:1&r:other	RL
n:1&r:quoted	JT
n:1&r:style	VH
n:1&r:unsettled	JT
n:1&r:visitors	IU
n:1&r:wish	SK
n:1&role ahead	=c
n:1&role behind:(	[C
n:1&role behind:,	UI
n:1&role behind:-	RL
n:1&role label	EY
n:1&title	JT
n:1&under	MQ
n:2	@_
n:2&begins	JT
n:2&label	LR
n:2&open:half	FX
n:2&open:no	@_
n:2&open:yes	HV
n:2&r:aside	7i
n:2&r:dont	EY
n:2&r:greeting	QM
n:2&r:note	EY
n:2&r:other	C[
n:2&r:quoted	LR
n:2&r:style	B]
n:2&r:unsettled	HV
n:2&r:visitors	MQ
n:2&r:wish	HV
n:2&role ahead	g9
n:2&role behind:(	QM
n:2&role behind:,	RL
n:2&role behind:-	ZD
n:2&role behind:does	c=
n:2&role label	SK
n:2&title	_@
n:2&under	UI
n:3	=c
n:3&alone	HV
n:3&begins	MQ
n:3&label	UI
n:3&open:half	A^
n:3&open:no	4l
n:3&open:yes	IU
n:3&r:dont	DZ
n:3&r:fact	C[
n:3&r:greeting	A^
n:3&r:note	EY
n:3&r:other	DZ
n:3&r:wish	HV
n:3&role behind:(	[C
n:3&role behind:,	8h
n:3&role behind:is	IU
n:3&under	UI
n:4	DZ
n:4&begins	QM
n:4&open:no	@_
n:4&open:yes	LR
n:4&r:fact	LR
n:4&r:note	@_
n:4&role behind:,	JT
open:half	IU
open:no	EY
open:yes	IU
quotes	IU
r:aside	LR
r:aside&open:no	LR
r:dont	LR
r:dont&open:no	LR
r:fact	KS
r:fact&open:half	KS
r:fact&open:no	SK
r:fact&open:yes	IU
r:greeting	JT
r:greeting&open:no	JT
r:other	LR
r:other&open:no	LR
r:quoted	HV
r:quoted&open:no	HV
r:style	SK
r:style&open:no	SK
r:unsettled	IU
r:unsettled&open:no	IU
r:visitors	KS
r:visitors&open:half	HV
r:visitors&open:no	SK
r:visitors&open:yes	KS
role ahead	VH
role ahead&alone	WG
role ahead&label	[C
role ahead&open:half	TJ
role ahead&open:no	JT
role ahead&open:yes	XF
role ahead&r:dont	A^
role ahead&r:fact	WG
role ahead&r:other	XF
role ahead&role behind:(	WG
role ahead&role behind:,	WG
role ahead&under	UI
role behind:(	YE
role behind:(&begins	TJ
role behind:(&open:half	QM
role behind:(&open:no	WG
role behind:(&open:yes	YE
role behind:(&r:fact	VH
role behind:(&r:greeting	QM
role behind:(&r:other	IU
role behind:(&r:visitors	RL
role behind:(&under	n2
role behind:,	RL
role behind:,&begins	RL
role behind:,&label	KS
role behind:,&open:half	IU
role behind:,&open:no	MQ
role behind:,&open:yes	WG
role behind:,&r:aside	B]
role behind:,&r:dont	LR
role behind:,&r:greeting	KS
role behind:,&r:note	DZ
role behind:,&r:other	VH
role behind:,&r:quoted	QM
role behind:,&r:wish	UI
role behind:,&under	MQ
role behind:-	XF
role behind:-&begins	LR
role behind:-&open:half	LR
role behind:-&open:no	QM
role behind:-&open:yes	]B
role behind:-&r:dont	IU
role behind:-&r:fact	SK
role behind:-&r:note	KS
role behind:-&r:other	YE
role behind:-&r:unsettled	f:
role behind:-&r:visitors	^A
role behind:-&under	a?
role behind:does	]B
role behind:does&begins	^A
role behind:does&open:no	WG
role behind:does&open:yes	]B
role behind:does&r:dont	YE
role behind:does&r:fact	a?
role behind:is	HV
role behind:is&begins	HV
role behind:is&open:yes	IU
role behind:is&r:fact	IU
role label&alone	WG
role label&label	XF
role label&open:half	^A
role label&open:no	KS
role label&role behind:,	TJ
role label&under	[C
says name	ZD
sp:client	KS
sp:designer	0p
title	RL
title&label	YE
title&open:half	B]
title&open:yes	c=
title&r:aside	DZ
title&r:dont	IU
title&r:fact	MQ
title&r:greeting	DZ
title&r:note	YE
title&r:other	ZD
title&r:quoted	9g
title&r:wish	UI
title&role ahead	i7
title&role behind:(	KS
title&role behind:does	XF
title&under	XF
to	FX
under	SK
under&open:half	e;
under&open:yes	KS
under&r:dont	IU
under&r:fact	XF
under&r:other	LR
under&r:visitors	FX
under&r:wish	FX`,
};
