import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02774,
  bias: [-0.3816,0.3816],
  weights: `<:a	LR
<:abuelo	d<
<:alle	GW
<:als	SK
<:also	EY
<:am	ZD
<:an	RL
<:and	[C
<:appelle	JT
<:apprent	_@
<:are	WG
<:as	B]
<:ask	YE
<:at	IU
<:atelier	@_
<:atu	C[
<:avec	_@
<:b	C[
<:be	UI
<:beim	YE
<:best	<d
<:betreff	EY
<:bin	MQ
<:bis	A^
<:bitte	TJ
<:boat	A^
<:bonjour	TJ
<:booking	b>
<:brother	ZD
<:buenas	:f
<:but	KS
<:by	MQ
<:büro	TJ
<:c	MQ
<:call	_@
<:called	DZ
<:cc	j6
<:chair	a?
<:chez	@_
<:con	_@
<:creamer	DZ
<:d	A^
<:dear	@_
<:del	EY
<:dem	RL
<:der	VH
<:dice	b>
<:die	MQ
<:directo	d<
<:el	QM
<:en	KS
<:enginee	VH
<:es	LR
<:est	WG
<:estamos	TJ
<:example	HV
<:februar	C[
<:firm	[C
<:first	9g
<:for	ZD
<:founded	a?
<:fr	=c
<:from	IU
<:für	=c
<:g	TJ
<:geehrte	C[
<:geht	IU
<:get	<d
<:goods	EY
<:großvat	ZD
<:guild	EY
<:h	TJ
<:haben	LR
<:hafnerm	KS
<:hall	A^
<:he	TJ
<:heißen	A^
<:heißt	=c
<:hello	JT
<:hermano	UI
<:hi	LR
<:hier	RL
<:hija	e;
<:his	XF
<:hola	DZ
<:hra	C[
<:ich	VH
<:im	C[
<:impress	VH
<:in	IU
<:inhaber	UI
<:is	]B
<:ist	UI
<:it	YE
<:its	HV
<:je	GW
<:jugendw	WG
<:keine	IU
<:l	RL
<:la	LR
<:laden	FX
<:las	>b
<:law	c=
<:legal	TJ
<:lehrlin	e;
<:llama	A^
<:llamada	[C
<:lo	b>
<:love	?a
<:m	TJ
<:ma	b>
<:manager	UI
<:marsh	[C
<:me	q/
<:mein	b>
<:meine	c=
<:mi	ZD
<:mit	B]
<:mo	UI
<:mon	SK
<:mr	KS
<:my	a?
<:myself	QM
<:nach	YE
<:name	FX
<:nave	>b
<:nd	DZ
<:nicht	DZ
<:no	=c
<:not	VH
<:nothing	=c
<:nur	UI
<:old	A^
<:on	DZ
<:open	=c
<:operati	]B
<:or	j6
<:our	UI
<:piano	JT
<:pm	x(
<:preside	f:
<:préside	HV
<:re	>b
<:registe	RL
<:ring	HV
<:road	=c
<:run	]B
<:s	[C
<:salga	>b
<:saludo	d<
<:san	2n
<:sankt	:f
<:saturda	?a
<:say	SK
<:se	DZ
<:secreta	ZD
<:sehr	C[
<:shed	DZ
<:shop	GW
<:should	YE
<:since	MQ
<:site	7i
<:sitzt	RL
<:so	?a
<:somethi	B]
<:somos	VH
<:son	d<
<:sorry	VH
<:soy	MQ
<:street	7i
<:suis	GW
<:tardes	B]
<:the	KS
<:this	B]
<:to	9g
<:tochter	YE
<:trésori	@_
<:un	SK
<:uns	QM
<:vom	YE
<:von	XF
<:vorsitz	YE
<:w	a?
<:was	?a
<:we	@_
<:web	?a
<:werden	EY
<:werksta	DZ
<:what	c=
<:wie	GW
<:with	a?
<:y	]B
<:yard	DZ
<:yo	f:
<:you	HV
<:young	d<
<:yours	JT
<:º	IU
<:über	LR
>:a	LR
>:aa	DZ
>:ab	JT
>:acres	JT
>:across	C[
>:after	b>
>:again	7i
>:als	HV
>:am	MQ
>:and	IU
>:answers	XF
>:are	TJ
>:as	KS
>:asked	a?
>:associa	ZD
>:at	<d
>:aus	FX
>:been	UI
>:bei	HV
>:bis	9g
>:bitte	DZ
>:by	?a
>:büro	WG
>:c	XF
>:calle	HV
>:can	DZ
>:chair	^A
>:co	?a
>:coordin	a?
>:cuts	DZ
>:d	<d
>:da	>b
>:dad	B]
>:darf	@_
>:das	ZD
>:dass	MQ
>:de	DZ
>:del	B]
>:den	MQ
>:der	GW
>:desde	XF
>:dice	d<
>:die	DZ
>:directo	d<
>:do	3m
>:dock	EY
>:does	a?
>:doesn	SK
>:e	?a
>:ein	SK
>:el	QM
>:en	LR
>:es	UI
>:et	UI
>:fait	c=
>:for	KS
>:forty	KS
>:fr	4l
>:frau	VH
>:fri	EY
>:from	b>
>:für	?a
>:g	FX
>:gegründ	C[
>:geht	WG
>:geselle	a?
>:gibt	GW
>:habe	_@
>:had	RL
>:hat	HV
>:have	;e
>:hd	C[
>:he	<d
>:hello	<d
>:her	d<
>:here	KS
>:his	c=
>:home	a?
>:i	YE
>:ich	[C
>:id	LR
>:idnr	TJ
>:if	TJ
>:im	LR
>:in	VH
>:ines	VH
>:inh	>b
>:inkl	GW
>:is	VH
>:ist	XF
>:it	A^
>:jahr	]B
>:je	[C
>:joined	]B
>:jugendw	YE
>:karim	^A
>:kein	]B
>:kw	A^
>:l	[C
>:le	QM
>:left	<d
>:lehrjah	_@
>:lo	JT
>:lunes	RL
>:macht	[C
>:madam	HV
>:mail	=c
>:manager	c=
>:master	[C
>:me	b>
>:meeting	@_
>:mehmet	UI
>:meint	YE
>:meister	VH
>:members	YE
>:mi	RL
>:mrs	WG
>:musical	TJ
>:my	_@
>:nach	B]
>:nd	WG
>:ne	SK
>:no	?a
>:noch	^A
>:not	YE
>:number	@_
>:nur	KS
>:o	ZD
>:of	GW
>:office	XF
>:ohne	HV
>:ok	?a
>:on	a?
>:operati	UI
>:or	^A
>:our	XF
>:out	@_
>:p	LR
>:pa	C[
>:parle	e;
>:piano	KS
>:please	B]
>:preise	KS
>:preside	^A
>:pro	GW
>:put	ZD
>:que	f:
>:registe	VH
>:rigging	KS
>:ros	@_
>:rue	<d
>:runs	?a
>:s	=c
>:said	LR
>:says	ZD
>:sec	YE
>:secreta	QM
>:seit	?a
>:send	HV
>:sent	a?
>:she	8h
>:shop	[C
>:should	JT
>:side	EY
>:sie	IU
>:sites	>b
>:so	EY
>:started	[C
>:still	b>
>:sí	=c
>:taller	^A
>:tel	YE
>:that	QM
>:the	RL
>:thinks	YE
>:third	d<
>:three	?a
>:thurs	^A
>:to	UI
>:treasur	[C
>:trésori	IU
>:tues	RL
>:two	RL
>:uhr	HV
>:un	]B
>:und	LR
>:uns	GW
>:upper	HV
>:us	KS
>:ust	TJ
>:v	@_
>:vertrie	^A
>:vom	DZ
>:von	C[
>:vorsitz	b>
>:w	WG
>:was	>b
>:we	QM
>:web	1o
>:what	=c
>:wheels	WG
>:who	h8
>:whose	]B
>:wie	YE
>:will	a?
>:wir	GW
>:wird	JT
>:with	]B
>:wrote	GW
>:x	TJ
>:y	f:
>:yard	]B
>:yo	^A
>:you	]B
>:young	]B
>:zwei	FX
>:à	YE
absent	<d
again	f:
alone&label	UI
alone&open:half	HV
alone&open:no	QM
alone&open:yes	SK
alone&r:dont	B]
alone&r:greeting	RL
alone&r:other	GW
alone&under	IU
asked for	ZD
begins	LR
begins&open:half	HV
begins&open:no	QM
begins&open:yes	JT
begins&r:dont	WG
begins&r:fact	HV
begins&r:greeting	SK
begins&r:other	MQ
begins&r:quoted	RL
begins&r:style	MQ
begins&r:unsettled	SK
begins&r:visitors	KS
begins&r:wish	DZ
begins&under	]B
ends	UI
from	RL
from&open:no	RL
given	x(
given+more	}!
greeted	=c
in business	WG
k:head	GW
k:head&from	RL
k:head&n:1	QM
k:head&n:2	?a
k:head&n:3	EY
k:head&open:no	GW
k:head&under	C[
k:heading	IU
k:heading&alone	FX
k:heading&begins	RL
k:heading&n:1	GW
k:heading&n:2	SK
k:heading&n:3	EY
k:heading&open:half	VH
k:heading&open:no	IU
k:heading&open:yes	HV
k:heading&r:fact	LR
k:heading&r:greeting	2n
k:heading&r:other	MQ
k:heading&r:quoted	WG
k:heading&role ahead	GW
k:heading&role behind:(	_@
k:heading&role behind:,	YE
k:heading&role behind:-	SK
k:heading&title	[C
k:heading&under	ZD
k:item&alone	MQ
k:item&begins	TJ
k:item&n:1	SK
k:item&n:2	C[
k:item&n:3	SK
k:item&n:4	KS
k:item&open:half	UI
k:item&open:no	JT
k:item&r:dont	IU
k:item&r:fact	WG
k:item&r:other	GW
k:item&r:quoted	B]
k:item&r:style	YE
k:item&r:unsettled	a?
k:item&r:visitors	JT
k:item&r:wish	EY
k:item&role ahead	d<
k:item&role behind:(	EY
k:item&role behind:,	B]
k:item&role behind:-	f:
k:item&title	LR
k:item&under	C[
k:line	IU
k:line&alone	UI
k:line&begins	IU
k:line&n:1	UI
k:line&n:2	DZ
k:line&n:3	A^
k:line&n:4	?a
k:line&open:half	HV
k:line&open:no	HV
k:line&open:yes	RL
k:line&r:aside	<d
k:line&r:dont	KS
k:line&r:fact	JT
k:line&r:greeting	JT
k:line&r:other	WG
k:line&r:style	IU
k:line&r:unsettled	C[
k:line&r:visitors	B]
k:line&role ahead	UI
k:line&role behind:,	HV
k:line&role behind:-	QM
k:line&under	b>
k:row	JT
k:row&n:1	IU
k:row&n:2	RL
k:row&n:3	A^
k:row&open:half	RL
k:row&open:no	[C
k:row&open:yes	7i
k:row&r:dont	[C
k:row&r:fact	@_
k:row&r:note	LR
k:row&role behind:,	XF
k:row&role behind:-	FX
k:row&title	DZ
k:sentence&alone	EY
k:sentence&begins	KS
k:sentence&n:1	TJ
k:sentence&n:2	IU
k:sentence&n:3	4l
k:sentence&n:4	VH
k:sentence&open:half	MQ
k:sentence&open:no	KS
k:sentence&open:yes	QM
k:sentence&r:aside	GW
k:sentence&r:dont	TJ
k:sentence&r:fact	MQ
k:sentence&r:greeting	c=
k:sentence&r:note	HV
k:sentence&r:other	=c
k:sentence&r:quoted	HV
k:sentence&r:style	HV
k:sentence&r:unsettled	LR
k:sentence&r:wish	_@
k:sentence&role ahead	IU
k:sentence&role behind:(	IU
k:sentence&role behind:,	KS
k:sentence&role behind:-	TJ
k:sentence&role behind:does	YE
k:sentence&role behind:is	XF
k:sentence&under	[C
k:value	IU
k:value&alone	KS
k:value&label	VH
k:value&n:1	FX
k:value&n:2	RL
k:value&n:3	SK
k:value&n:4	=c
k:value&open:half	MQ
k:value&open:yes	HV
k:value&r:aside	ZD
k:value&r:dont	DZ
k:value&r:other	EY
k:value&r:quoted	<d
k:value&r:style	[C
k:value&r:unsettled	KS
k:value&r:visitors	JT
k:value&r:wish	HV
k:value&role ahead	SK
k:value&role behind:(	b>
k:value&role behind:,	VH
k:value&role behind:-	KS
k:value&role behind:does	VH
k:value&title	KS
k:value&under	VH
label	VH
label&open:no	ZD
label&open:yes	VH
label&r:fact	UI
label&under	_@
last lines	LR
late	HV
low	IU
low:k:item	@_
low:k:line	GW
low:k:sentence	UI
low:k:value	3m
low:r:aside	IU
low:r:dont	4l
low:r:fact	VH
low:r:greeting	KS
low:r:note	XF
low:r:style	GW
low:r:unsettled	9g
low:r:visitors	5k
low:r:wish	5k
low:whole	WG
my	r.
n:1	QM
n:1&begins	QM
n:1&from	a?
n:1&label	UI
n:1&open:half	TJ
n:1&open:no	QM
n:1&open:yes	MQ
n:1&r:aside	TJ
n:1&r:dont	TJ
n:1&r:greeting	JT
n:1&r:note	VH
n:1&r:quoted	GW
n:1&r:style	UI
n:1&r:visitors	LR
n:1&role ahead	?a
n:1&role behind:(	YE
n:1&role behind:,	VH
n:1&role label	DZ
n:1&title	KS
n:1&under	MQ
n:2	A^
n:2&alone	SK
n:2&begins	JT
n:2&label	QM
n:2&open:half	IU
n:2&open:no	>b
n:2&open:yes	JT
n:2&r:aside	:f
n:2&r:dont	5k
n:2&r:fact	LR
n:2&r:greeting	QM
n:2&r:note	GW
n:2&r:other	FX
n:2&r:style	@_
n:2&r:unsettled	FX
n:2&r:visitors	GW
n:2&r:wish	VH
n:2&role ahead	g9
n:2&role behind:,	RL
n:2&role behind:-	]B
n:2&role behind:does	b>
n:2&role label	TJ
n:2&title	^A
n:2&under	UI
n:3	@_
n:3&alone	EY
n:3&begins	JT
n:3&label	VH
n:3&open:half	LR
n:3&open:no	4l
n:3&open:yes	GW
n:3&r:dont	B]
n:3&r:fact	JT
n:3&r:greeting	B]
n:3&r:note	HV
n:3&r:other	C[
n:3&r:visitors	FX
n:3&r:wish	EY
n:3&role behind:(	ZD
n:3&role behind:,	5k
n:3&role behind:-	@_
n:3&role behind:is	<d
n:3&under	SK
n:4	GW
n:4&alone	HV
n:4&begins	TJ
n:4&open:no	;e
n:4&r:note	>b
n:4&role behind:,	GW
open:half	MQ
open:no	DZ
open:yes	IU
quotes	GW
r:aside	MQ
r:aside&open:no	KS
r:dont	JT
r:dont&open:no	JT
r:fact	KS
r:fact&open:no	QM
r:fact&open:yes	JT
r:greeting	KS
r:greeting&open:no	KS
r:note	MQ
r:note&open:no	MQ
r:other	JT
r:other&open:no	JT
r:quoted	HV
r:quoted&open:no	HV
r:style	SK
r:style&open:no	SK
r:unsettled	MQ
r:unsettled&open:no	MQ
r:visitors	FX
r:visitors&open:half	KS
r:visitors&open:no	DZ
r:visitors&open:yes	IU
r:wish	QM
r:wish&open:no	QM
role ahead	UI
role ahead&alone	YE
role ahead&label	XF
role ahead&open:no	LR
role ahead&open:yes	ZD
role ahead&r:dont	DZ
role ahead&r:fact	UI
role ahead&r:other	^A
role ahead&r:visitors	TJ
role ahead&role behind:(	TJ
role ahead&role behind:,	UI
role ahead&under	YE
role behind:(	[C
role behind:(&begins	WG
role behind:(&label	VH
role behind:(&open:no	XF
role behind:(&open:yes	VH
role behind:(&r:fact	UI
role behind:(&r:greeting	MQ
role behind:(&r:note	d<
role behind:(&r:other	RL
role behind:(&under	^A
role behind:,	SK
role behind:,&label	IU
role behind:,&open:yes	UI
role behind:,&r:aside	<d
role behind:,&r:dont	?a
role behind:,&r:fact	QM
role behind:,&r:greeting	QM
role behind:,&r:note	KS
role behind:,&r:other	VH
role behind:,&r:quoted	VH
role behind:,&r:style	C[
role behind:,&r:visitors	HV
role behind:,&r:wish	VH
role behind:,&under	RL
role behind:-	XF
role behind:-&open:half	GW
role behind:-&open:no	SK
role behind:-&open:yes	a?
role behind:-&r:dont	A^
role behind:-&r:fact	SK
role behind:-&r:note	KS
role behind:-&r:other	YE
role behind:-&r:unsettled	d<
role behind:-&r:wish	ZD
role behind:-&under	c=
role behind:does	]B
role behind:does&begins	[C
role behind:does&open:no	TJ
role behind:does&open:yes	[C
role behind:does&r:dont	ZD
role behind:does&r:fact	a?
role behind:is	XF
role behind:is&begins	XF
role behind:is&open:yes	XF
role behind:is&r:fact	XF
role label&alone	YE
role label&label	WG
role label&open:half	]B
role label&open:no	LR
role label&r:fact	LR
role label&role behind:,	TJ
role label&under	UI
says name	]B
sp:client	HV
sp:designer	2n
title	RL
title&label	]B
title&open:half	6j
title&open:no	SK
title&open:yes	c=
title&r:aside	?a
title&r:dont	HV
title&r:greeting	WG
title&r:other	UI
title&r:quoted	KS
title&r:visitors	XF
title&r:wish	QM
title&role ahead	d<
title&role behind:does	WG
title&under	VH
to	EY
under	RL
under&open:half	k5
under&open:yes	IU
under&r:fact	VH
under&r:other	JT
under&r:visitors	IU
under&r:wish	GW`,
};
