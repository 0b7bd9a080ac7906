import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.0286,
  bias: [-0.4194,0.4194],
  weights: `<:a	MQ
<:abuelo	a?
<:alle	HV
<:als	QM
<:also	FX
<:am	XF
<:an	SK
<:and	UI
<:appelle	IU
<:apprent	]B
<:are	XF
<:ask	VH
<:at	IU
<:atelier	?a
<:atu	HV
<:avec	^A
<:b	FX
<:beim	YE
<:betreff	FX
<:bin	LR
<:bis	A^
<:bitte	TJ
<:boat	@_
<:bonjour	VH
<:booking	]B
<:buenas	@_
<:but	LR
<:by	JT
<:büro	RL
<:call	XF
<:called	LR
<:cc	i7
<:chair	b>
<:chez	B]
<:con	ZD
<:creamer	C[
<:d	DZ
<:dear	C[
<:dem	A^
<:der	WG
<:dice	a?
<:die	MQ
<:directo	c=
<:enginee	YE
<:est	[C
<:estamos	RL
<:et	SK
<:example	GW
<:firm	XF
<:first	;e
<:for	YE
<:founded	a?
<:fr	A^
<:from	GW
<:für	?a
<:g	TJ
<:geehrte	IU
<:geht	IU
<:get	=c
<:großvat	ZD
<:guild	DZ
<:h	SK
<:hafnerm	KS
<:hall	A^
<:he	TJ
<:heißt	:f
<:hello	MQ
<:hermano	UI
<:hi	MQ
<:hija	e;
<:his	XF
<:hra	DZ
<:ich	EY
<:im	B]
<:impress	VH
<:in	GW
<:is	ZD
<:ist	SK
<:it	YE
<:its	UI
<:je	FX
<:jugendw	UI
<:keine	KS
<:la	MQ
<:laden	DZ
<:las	>b
<:late	RL
<:law	c=
<:le	[C
<:legal	XF
<:lehrlin	b>
<:llama	B]
<:llamada	XF
<:love	A^
<:m	TJ
<:ma	a?
<:manager	WG
<:mar	RL
<:marsh	]B
<:me	q/
<:meine	b>
<:mi	SK
<:mit	HV
<:my	^A
<:myself	QM
<:nach	YE
<:name	HV
<:nave	?a
<:nd	DZ
<:nicht	B]
<:no	=c
<:not	TJ
<:nothing	<d
<:nur	RL
<:old	C[
<:on	@_
<:only	QM
<:open	?a
<:operati	YE
<:or	d<
<:our	TJ
<:pm	v*
<:preside	b>
<:préside	TJ
<:que	QM
<:re	?a
<:registe	WG
<:ring	HV
<:road	DZ
<:run	^A
<:s	XF
<:san	4l
<:sankt	9g
<:saturda	?a
<:say	SK
<:se	<d
<:secreta	UI
<:sehr	IU
<:shed	C[
<:shop	GW
<:should	YE
<:since	KS
<:site	:f
<:sitzt	RL
<:somethi	@_
<:somos	SK
<:son	_@
<:sorry	WG
<:soy	SK
<:street	;e
<:suis	HV
<:tardes	FX
<:that	MQ
<:they	VH
<:this	DZ
<:to	=c
<:un	QM
<:von	ZD
<:w	]B
<:we	C[
<:web	>b
<:werden	EY
<:werksta	C[
<:what	a?
<:wie	EY
<:wir	WG
<:with	^A
<:y	^A
<:yo	e;
<:young	c=
<:yours	[C
<:º	GW
<:über	=c
>:a	IU
>:aa	HV
>:ab	GW
>:acres	HV
>:across	GW
>:after	b>
>:again	=c
>:als	GW
>:am	LR
>:and	HV
>:answers	XF
>:are	C[
>:asked	b>
>:associa	[C
>:at	>b
>:been	VH
>:bis	9g
>:bitte	A^
>:by	?a
>:büro	VH
>:c	UI
>:calle	EY
>:can	C[
>:chair	_@
>:co	?a
>:coordin	^A
>:cuts	EY
>:d	?a
>:da	=c
>:darf	B]
>:das	IU
>:de	B]
>:del	FX
>:der	JT
>:desde	SK
>:dice	i7
>:die	C[
>:directo	c=
>:do	6j
>:dock	DZ
>:does	c=
>:e	?a
>:ein	UI
>:el	XF
>:en	MQ
>:es	XF
>:et	FX
>:fait	d<
>:for	JT
>:forty	C[
>:fr	4l
>:fri	B]
>:fridays	DZ
>:from	b>
>:für	@_
>:g	FX
>:gegründ	C[
>:gibt	EY
>:had	RL
>:hat	B]
>:have	=c
>:hd	DZ
>:he	=c
>:hello	>b
>:her	]B
>:here	LR
>:his	g9
>:home	]B
>:i	QM
>:id	HV
>:idnr	VH
>:if	b>
>:in	XF
>:inh	?a
>:inkl	FX
>:is	VH
>:ist	WG
>:it	HV
>:jahr	]B
>:je	[C
>:joan	TJ
>:joined	^A
>:jugendw	]B
>:kein	YE
>:l	[C
>:la	MQ
>:le	RL
>:left	?a
>:lehrjah	^A
>:lo	JT
>:lunes	QM
>:macht	[C
>:mail	?a
>:manager	c=
>:master	ZD
>:me	f:
>:meeting	A^
>:meint	WG
>:meister	a?
>:members	b>
>:mi	GW
>:mit	LR
>:mrs	]B
>:musical	WG
>:my	RL
>:nach	EY
>:nd	WG
>:ne	RL
>:no	C[
>:noch	^A
>:not	YE
>:number	@_
>:o	VH
>:of	KS
>:office	WG
>:ohne	EY
>:ok	?a
>:on	c=
>:only	LR
>:operati	ZD
>:or	a?
>:our	ZD
>:out	A^
>:pa	C[
>:parle	c=
>:preise	DZ
>:preside	]B
>:pro	GW
>:propose	TJ
>:préside	YE
>:put	XF
>:que	]B
>:registe	YE
>:rue	=c
>:runs	A^
>:s	C[
>:said	IU
>:says	[C
>:secreta	LR
>:seit	IU
>:send	JT
>:sent	^A
>:she	;e
>:shop	]B
>:should	KS
>:side	FX
>:sie	KS
>:sites	?a
>:so	EY
>:started	[C
>:still	e;
>:sí	?a
>:tel	VH
>:the	SK
>:thinks	UI
>:third	_@
>:three	A^
>:thurs	ZD
>:treasur	UI
>:tues	SK
>:two	RL
>:uhr	JT
>:un	_@
>:und	LR
>:uns	GW
>:upper	KS
>:us	LR
>:ust	UI
>:v	B]
>:vertrie	]B
>:vom	GW
>:von	C[
>:w	VH
>:was	>b
>:we	RL
>:what	?a
>:wheels	VH
>:who	d<
>:whose	]B
>:wie	XF
>:will	b>
>:wir	EY
>:with	VH
>:wrote	HV
>:x	TJ
>:y	k5
>:yard	YE
>:yo	]B
>:you	a?
>:young	[C
>:zwei	IU
>:à	ZD
absent	@_
again	d<
alone&label	VH
alone&open:half	EY
alone&open:no	QM
alone&open:yes	WG
alone&r:dont	@_
alone&r:fact	QM
alone&r:greeting	VH
alone&r:other	EY
alone&under	HV
asked for	]B
begins	JT
begins&open:half	MQ
begins&open:yes	GW
begins&r:aside	C[
begins&r:dont	TJ
begins&r:fact	HV
begins&r:greeting	UI
begins&r:note	QM
begins&r:other	KS
begins&r:style	KS
begins&r:unsettled	TJ
begins&r:wish	DZ
begins&under	XF
ends	VH
from	RL
from&open:no	RL
given	v*
given+more	}!
greeted	DZ
in business	XF
is business	VH
k:head	GW
k:head&from	RL
k:head&n:1	QM
k:head&n:2	?a
k:head&open:no	GW
k:head&under	B]
k:heading	IU
k:heading&alone	FX
k:heading&begins	RL
k:heading&n:1	FX
k:heading&n:2	RL
k:heading&n:3	=c
k:heading&open:half	=c
k:heading&r:fact	B]
k:heading&r:greeting	5k
k:heading&r:other	SK
k:heading&r:quoted	VH
k:heading&role ahead	HV
k:heading&role behind:(	VH
k:heading&role behind:,	]B
k:heading&title	WG
k:heading&under	UI
k:item&begins	UI
k:item&n:1	UI
k:item&n:2	HV
k:item&n:3	C[
k:item&n:4	LR
k:item&open:half	SK
k:item&open:no	LR
k:item&r:dont	IU
k:item&r:fact	UI
k:item&r:note	[C
k:item&r:other	EY
k:item&r:quoted	SK
k:item&r:style	UI
k:item&r:unsettled	TJ
k:item&r:visitors	ZD
k:item&r:wish	C[
k:item&role ahead	c=
k:item&role behind:(	DZ
k:item&role behind:,	C[
k:item&role behind:-	c=
k:item&title	KS
k:item&under	B]
k:line	HV
k:line&alone	XF
k:line&begins	IU
k:line&n:1	QM
k:line&n:2	FX
k:line&n:3	JT
k:line&open:half	HV
k:line&open:no	KS
k:line&open:yes	RL
k:line&r:aside	>b
k:line&r:dont	GW
k:line&r:fact	MQ
k:line&r:greeting	IU
k:line&r:other	ZD
k:line&r:quoted	B]
k:line&r:unsettled	<d
k:line&role ahead	SK
k:line&role behind:,	IU
k:line&role behind:-	UI
k:line&under	ZD
k:row	JT
k:row&n:1	KS
k:row&n:2	RL
k:row&n:3	B]
k:row&open:half	JT
k:row&open:no	_@
k:row&open:yes	?a
k:row&r:dont	]B
k:row&r:fact	?a
k:row&r:note	EY
k:row&role behind:,	WG
k:row&role behind:-	HV
k:row&title	FX
k:sentence	MQ
k:sentence&alone	GW
k:sentence&begins	KS
k:sentence&n:1	VH
k:sentence&n:2	KS
k:sentence&n:3	5k
k:sentence&n:4	UI
k:sentence&open:half	QM
k:sentence&open:no	KS
k:sentence&open:yes	QM
k:sentence&r:dont	XF
k:sentence&r:fact	LR
k:sentence&r:greeting	[C
k:sentence&r:note	GW
k:sentence&r:other	:f
k:sentence&r:quoted	EY
k:sentence&r:visitors	UI
k:sentence&r:wish	^A
k:sentence&role behind:(	MQ
k:sentence&role behind:,	LR
k:sentence&role behind:-	XF
k:sentence&role behind:does	WG
k:sentence&role behind:is	LR
k:sentence&title	KS
k:sentence&under	ZD
k:value	IU
k:value&alone	MQ
k:value&label	TJ
k:value&n:1	HV
k:value&n:3	TJ
k:value&n:4	=c
k:value&open:no	MQ
k:value&open:yes	HV
k:value&r:aside	UI
k:value&r:dont	>b
k:value&r:fact	QM
k:value&r:note	XF
k:value&r:other	C[
k:value&r:quoted	@_
k:value&r:style	ZD
k:value&r:visitors	A^
k:value&r:wish	JT
k:value&role ahead	SK
k:value&role behind:(	f:
k:value&role behind:,	TJ
k:value&role behind:-	JT
k:value&role behind:does	VH
k:value&title	TJ
k:value&under	VH
label	TJ
label&open:half	KS
label&open:no	WG
label&open:yes	TJ
label&r:fact	VH
label&r:visitors	JT
label&under	[C
last lines	KS
late	KS
low	IU
low:k:item	A^
low:k:line	IU
low:k:sentence	WG
low:k:value	5k
low:r:aside	KS
low:r:dont	6j
low:r:fact	VH
low:r:note	YE
low:r:style	FX
low:r:unsettled	;e
low:r:visitors	>b
low:r:wish	5k
low:whole	UI
my	q/
n:1	QM
n:1&alone	MQ
n:1&from	b>
n:1&label	WG
n:1&open:half	TJ
n:1&r:aside	SK
n:1&r:dont	RL
n:1&r:fact	SK
n:1&r:greeting	HV
n:1&r:note	XF
n:1&r:other	QM
n:1&r:quoted	C[
n:1&r:style	WG
n:1&r:unsettled	MQ
n:1&r:wish	QM
n:1&role ahead	A^
n:1&role behind:(	b>
n:1&role behind:,	TJ
n:1&role behind:-	QM
n:1&role behind:does	QM
n:1&role label	GW
n:1&title	JT
n:2	A^
n:2&alone	RL
n:2&begins	JT
n:2&open:half	LR
n:2&open:no	?a
n:2&open:yes	IU
n:2&r:aside	<d
n:2&r:dont	HV
n:2&r:fact	LR
n:2&r:greeting	RL
n:2&r:note	HV
n:2&r:other	HV
n:2&r:quoted	TJ
n:2&r:style	C[
n:2&r:unsettled	GW
n:2&r:visitors	KS
n:2&r:wish	KS
n:2&role ahead	e;
n:2&role behind:(	MQ
n:2&role behind:,	QM
n:2&role behind:-	]B
n:2&role behind:does	c=
n:2&role label	QM
n:2&title	^A
n:2&under	VH
n:3	@_
n:3&alone	EY
n:3&begins	MQ
n:3&label	UI
n:3&open:half	;e
n:3&open:no	6j
n:3&r:dont	HV
n:3&r:fact	C[
n:3&r:greeting	:f
n:3&r:note	IU
n:3&r:other	@_
n:3&r:visitors	RL
n:3&r:wish	C[
n:3&role behind:(	]B
n:3&role behind:,	7i
n:3&role behind:is	LR
n:3&under	RL
n:4	GW
n:4&alone	LR
n:4&r:fact	KS
open:half	KS
open:no	FX
open:yes	HV
quotes	JT
r:dont	LR
r:dont&open:no	LR
r:fact	IU
r:fact&open:half	IU
r:fact&open:no	SK
r:fact&open:yes	JT
r:greeting	JT
r:greeting&open:no	JT
r:other	MQ
r:other&open:no	MQ
r:quoted	GW
r:quoted&open:no	GW
r:style	TJ
r:style&open:no	TJ
r:unsettled	LR
r:unsettled&open:no	LR
r:visitors	LR
r:visitors&open:half	RL
r:visitors&open:no	SK
r:visitors&open:yes	FX
role ahead	VH
role ahead&alone	UI
role ahead&label	VH
role ahead&open:half	YE
role ahead&open:no	HV
role ahead&open:yes	ZD
role ahead&r:dont	B]
role ahead&r:fact	YE
role ahead&r:other	c=
role ahead&r:visitors	SK
role ahead&role behind:(	TJ
role ahead&role behind:,	VH
role ahead&under	]B
role behind:(	ZD
role behind:(&begins	QM
role behind:(&open:no	[C
role behind:(&open:yes	VH
role behind:(&r:fact	UI
role behind:(&r:greeting	HV
role behind:(&r:other	SK
role behind:(&under	^A
role behind:,	RL
role behind:,&label	MQ
role behind:,&open:no	JT
role behind:,&open:yes	WG
role behind:,&r:aside	?a
role behind:,&r:greeting	MQ
role behind:,&r:note	DZ
role behind:,&r:other	TJ
role behind:,&r:quoted	SK
role behind:,&r:wish	WG
role behind:,&under	MQ
role behind:-	YE
role behind:-&open:half	JT
role behind:-&open:no	RL
role behind:-&open:yes	^A
role behind:-&r:dont	KS
role behind:-&r:fact	SK
role behind:-&r:note	KS
role behind:-&r:other	YE
role behind:-&r:unsettled	e;
role behind:-&under	c=
role behind:does	]B
role behind:does&begins	]B
role behind:does&open:yes	]B
role behind:does&r:dont	ZD
role behind:does&r:fact	]B
role behind:is	JT
role behind:is&begins	JT
role behind:is&open:yes	LR
role behind:is&r:fact	LR
role label&alone	UI
role label&label	TJ
role label&open:half	]B
role label&open:no	LR
role label&r:fact	MQ
role label&role behind:,	ZD
role label&under	WG
says name	[C
sp:client	HV
sp:designer	/q
title	QM
title&open:half	C[
title&open:no	QM
title&open:yes	^A
title&r:dont	JT
title&r:greeting	FX
title&r:note	VH
title&r:other	d<
title&r:quoted	@_
title&r:unsettled	<d
title&r:visitors	QM
title&r:wish	RL
title&role ahead	d<
title&role behind:(	QM
title&role behind:,	MQ
title&role behind:does	WG
title&under	UI
to	FX
under	RL
under&open:half	f:
under&open:no	QM
under&open:yes	MQ
under&r:dont	JT
under&r:fact	[C
under&r:other	IU
under&r:visitors	EY
under&r:wish	HV`,
};
