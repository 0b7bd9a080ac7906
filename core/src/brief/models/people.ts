import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02733,
  bias: [-0.3948,0.3948],
  weights: `<:abuelo	d<
<:alle	FX
<:als	TJ
<:also	HV
<:am	YE
<:an	SK
<:and	ZD
<:appelle	JT
<:apprent	_@
<:are	WG
<:as	A^
<:ask	ZD
<:at	GW
<:atelier	A^
<:atu	EY
<:avec	b>
<:b	FX
<:be	TJ
<:beim	XF
<:best	<d
<:betreff	EY
<:bin	LR
<:bis	?a
<:bitte	UI
<:boat	A^
<:bonjour	TJ
<:booking	_@
<:brother	XF
<:buenas	;e
<:but	B]
<:by	MQ
<:büro	VH
<:c	LR
<:call	[C
<:called	EY
<:cc	i7
<:chair	c=
<:chez	A^
<:con	^A
<:creamer	EY
<:d	B]
<:de	LR
<:dear	A^
<:del	A^
<:der	UI
<:dice	b>
<:die	JT
<:directo	e;
<:el	RL
<:en	MQ
<:enginee	WG
<:es	LR
<:est	XF
<:estamos	VH
<:example	IU
<:februar	DZ
<:firm	ZD
<:first	9g
<:for	[C
<:founded	a?
<:fr	=c
<:from	HV
<:für	=c
<:g	TJ
<:geehrte	EY
<:geht	HV
<:get	<d
<:goods	GW
<:großvat	WG
<:guild	FX
<:h	UI
<:haben	LR
<:hafnerm	LR
<:hall	>b
<:he	UI
<:heißen	A^
<:heißt	<d
<:hello	LR
<:hermano	WG
<:hi	MQ
<:hier	QM
<:hija	h8
<:his	ZD
<:hola	DZ
<:hra	B]
<:ich	UI
<:im	B]
<:impress	XF
<:in	FX
<:inhaber	ZD
<:is	[C
<:ist	TJ
<:it	XF
<:its	HV
<:je	FX
<:jugendw	[C
<:keine	KS
<:la	LR
<:laden	EY
<:las	=c
<:late	QM
<:law	c=
<:le	QM
<:legal	RL
<:lehrlin	c=
<:llama	>b
<:llamada	YE
<:lo	a?
<:love	>b
<:m	SK
<:ma	b>
<:manager	XF
<:mar	QM
<:marsh	^A
<:me	r.
<:mein	c=
<:meine	a?
<:mi	]B
<:mit	A^
<:mo	VH
<:mon	SK
<:my	b>
<:myself	QM
<:nach	XF
<:name	EY
<:nave	@_
<:nd	B]
<:nicht	B]
<:no	;e
<:not	UI
<:nothing	@_
<:nur	VH
<:old	@_
<:on	C[
<:only	QM
<:open	>b
<:operati	[C
<:or	j6
<:our	XF
<:piano	HV
<:pm	w)
<:preside	a?
<:préside	HV
<:re	?a
<:registe	TJ
<:ring	HV
<:road	=c
<:run	_@
<:s	]B
<:salga	>b
<:saludo	c=
<:san	2n
<:sankt	:f
<:saturda	>b
<:say	RL
<:se	C[
<:secreta	YE
<:sehr	EY
<:shed	EY
<:shop	HV
<:should	ZD
<:since	LR
<:site	8h
<:sitzt	RL
<:so	?a
<:somethi	B]
<:somos	UI
<:son	b>
<:sorry	VH
<:soy	MQ
<:street	8h
<:suis	GW
<:tardes	C[
<:the	LR
<:they	VH
<:this	@_
<:to	8h
<:tochter	ZD
<:trésori	?a
<:un	YE
<:und	RL
<:vom	[C
<:von	YE
<:vorsitz	YE
<:w	a?
<:was	?a
<:way	>b
<:we	DZ
<:web	=c
<:werden	EY
<:werksta	B]
<:what	a?
<:when	KS
<:wie	FX
<:with	a?
<:y	^A
<:yard	DZ
<:yo	h8
<:you	HV
<:young	e;
<:yours	HV
<:º	HV
<:über	MQ
>:a	LR
>:aa	DZ
>:ab	JT
>:acres	EY
>:across	EY
>:after	c=
>:again	7i
>:all	TJ
>:als	EY
>:am	MQ
>:and	JT
>:answers	SK
>:are	TJ
>:as	MQ
>:asked	d<
>:associa	ZD
>:at	=c
>:aus	JT
>:been	UI
>:bei	GW
>:bis	9g
>:bitte	?a
>:by	?a
>:büro	XF
>:c	UI
>:calle	KS
>:can	C[
>:chair	c=
>:co	?a
>:coordin	c=
>:cuts	DZ
>:d	;e
>:da	;e
>:dad	@_
>:darf	?a
>:das	YE
>:de	C[
>:del	A^
>:der	HV
>:desde	VH
>:dice	e;
>:die	C[
>:directo	f:
>:do	4l
>:dock	DZ
>:does	c=
>:doesn	RL
>:e	>b
>:ein	UI
>:el	QM
>:en	KS
>:enginee	LR
>:es	WG
>:et	UI
>:fait	b>
>:for	HV
>:forty	DZ
>:fr	1o
>:frau	WG
>:fri	DZ
>:from	c=
>:für	=c
>:g	DZ
>:gegründ	C[
>:geht	ZD
>:geselle	a?
>:gibt	EY
>:habe	[C
>:had	QM
>:has	MQ
>:hat	GW
>:have	;e
>:hd	C[
>:he	;e
>:hello	=c
>:her	d<
>:his	d<
>:home	a?
>:i	YE
>:ich	YE
>:id	LR
>:idnr	VH
>:if	TJ
>:im	MQ
>:in	UI
>:ines	VH
>:inh	?a
>:inkl	FX
>:is	XF
>:ist	VH
>:it	B]
>:jahr	]B
>:je	^A
>:joined	[C
>:jugendw	^A
>:karim	]B
>:kein	[C
>:kw	A^
>:l	^A
>:le	RL
>:left	<d
>:lehrjah	_@
>:lo	IU
>:lost	SK
>:lunes	RL
>:m	MQ
>:macht	[C
>:madam	EY
>:mail	?a
>:manager	c=
>:master	]B
>:me	_@
>:meeting	A^
>:mehmet	ZD
>:meint	WG
>:meister	UI
>:members	[C
>:mit	MQ
>:mrs	YE
>:musical	WG
>:my	a?
>:nach	FX
>:nd	XF
>:ne	TJ
>:no	;e
>:noch	^A
>:not	XF
>:number	@_
>:nur	KS
>:o	WG
>:of	IU
>:office	ZD
>:ohne	IU
>:ok	@_
>:on	b>
>:only	MQ
>:operati	WG
>:or	b>
>:our	YE
>:out	A^
>:p	KS
>:pa	A^
>:parle	d<
>:piano	IU
>:please	A^
>:preise	HV
>:preside	^A
>:pro	EY
>:propose	RL
>:put	]B
>:que	d<
>:qui	QM
>:registe	XF
>:rigging	KS
>:ros	?a
>:rue	<d
>:runs	>b
>:s	?a
>:said	MQ
>:says	WG
>:sec	[C
>:secreta	QM
>:seit	A^
>:send	IU
>:sent	^A
>:she	7i
>:shop	VH
>:should	IU
>:si	TJ
>:side	FX
>:sie	HV
>:since	RL
>:sites	=c
>:so	IU
>:started	ZD
>:still	b>
>:sí	=c
>:taller	^A
>:tel	_@
>:that	RL
>:the	RL
>:thinks	VH
>:third	d<
>:three	?a
>:thurs	^A
>:to	TJ
>:treasur	[C
>:trésori	HV
>:tues	QM
>:two	RL
>:uhr	FX
>:un	[C
>:und	LR
>:uns	HV
>:upper	FX
>:ust	VH
>:v	@_
>:vertrie	c=
>:vom	GW
>:von	C[
>:vorsitz	ZD
>:w	VH
>:was	?a
>:we	SK
>:web	2n
>:what	<d
>:wheels	SK
>:who	h8
>:whose	ZD
>:wie	XF
>:will	_@
>:wir	HV
>:wird	IU
>:with	_@
>:wrote	GW
>:x	RL
>:y	e;
>:yard	ZD
>:yo	_@
>:you	_@
>:young	_@
>:zwei	DZ
>:à	YE
absent	;e
again	f:
alone&label	TJ
alone&open:half	GW
alone&open:yes	RL
alone&r:dont	?a
alone&r:greeting	SK
alone&r:other	DZ
alone&under	LR
asked for	ZD
begins	KS
begins&open:half	HV
begins&open:no	RL
begins&open:yes	HV
begins&r:aside	MQ
begins&r:dont	SK
begins&r:fact	KS
begins&r:greeting	VH
begins&r:other	KS
begins&r:style	IU
begins&r:unsettled	UI
begins&r:visitors	JT
begins&r:wish	A^
begins&under	[C
ends	UI
from	RL
from&open:no	RL
given	y&
given+more	}!
greeted	>b
in business	WG
k:head	GW
k:head&from	RL
k:head&n:2	?a
k:head&n:3	DZ
k:head&open:no	GW
k:head&under	C[
k:heading	IU
k:heading&alone	HV
k:heading&begins	QM
k:heading&n:1	EY
k:heading&n:2	QM
k:heading&n:3	>b
k:heading&open:half	QM
k:heading&open:no	IU
k:heading&open:yes	FX
k:heading&r:fact	KS
k:heading&r:greeting	4l
k:heading&r:note	a?
k:heading&r:other	MQ
k:heading&r:quoted	YE
k:heading&role ahead	GW
k:heading&role behind:(	_@
k:heading&role behind:,	]B
k:heading&role behind:-	SK
k:heading&title	[C
k:heading&under	XF
k:item&alone	MQ
k:item&begins	SK
k:item&n:1	RL
k:item&n:2	DZ
k:item&n:3	QM
k:item&n:4	KS
k:item&open:half	TJ
k:item&open:no	MQ
k:item&open:yes	LR
k:item&r:dont	LR
k:item&r:fact	WG
k:item&r:other	EY
k:item&r:quoted	QM
k:item&r:style	WG
k:item&r:unsettled	JT
k:item&r:visitors	JT
k:item&r:wish	FX
k:item&role ahead	i7
k:item&role behind:(	B]
k:item&role behind:,	A^
k:item&role behind:-	d<
k:item&title	LR
k:item&under	FX
k:line	GW
k:line&alone	UI
k:line&begins	GW
k:line&n:1	UI
k:line&n:2	EY
k:line&n:3	@_
k:line&n:4	=c
k:line&open:half	DZ
k:line&open:no	JT
k:line&open:yes	QM
k:line&r:aside	;e
k:line&r:dont	JT
k:line&r:fact	JT
k:line&r:greeting	KS
k:line&r:note	JT
k:line&r:other	XF
k:line&r:quoted	DZ
k:line&r:style	GW
k:line&r:unsettled	RL
k:line&r:visitors	A^
k:line&role ahead	VH
k:line&role behind:,	JT
k:line&role behind:-	QM
k:line&under	_@
k:row	JT
k:row&n:1	LR
k:row&n:3	IU
k:row&open:half	c=
k:row&open:no	XF
k:row&open:yes	4l
k:row&r:dont	[C
k:row&r:fact	?a
k:row&r:note	KS
k:row&role behind:,	XF
k:row&role behind:-	HV
k:row&title	JT
k:sentence	LR
k:sentence&alone	EY
k:sentence&begins	KS
k:sentence&n:1	UI
k:sentence&n:2	KS
k:sentence&n:3	4l
k:sentence&n:4	TJ
k:sentence&open:half	LR
k:sentence&open:no	KS
k:sentence&open:yes	QM
k:sentence&r:fact	LR
k:sentence&r:greeting	[C
k:sentence&r:note	IU
k:sentence&r:other	=c
k:sentence&r:quoted	KS
k:sentence&r:style	MQ
k:sentence&r:unsettled	HV
k:sentence&r:visitors	RL
k:sentence&r:wish	]B
k:sentence&role ahead	HV
k:sentence&role behind:(	LR
k:sentence&role behind:,	LR
k:sentence&role behind:-	WG
k:sentence&role behind:does	XF
k:sentence&role behind:is	WG
k:sentence&under	[C
k:value	IU
k:value&alone	KS
k:value&label	VH
k:value&n:1	FX
k:value&n:2	QM
k:value&n:3	SK
k:value&n:4	;e
k:value&open:half	QM
k:value&open:no	LR
k:value&open:yes	IU
k:value&r:aside	ZD
k:value&r:dont	GW
k:value&r:note	YE
k:value&r:other	EY
k:value&r:quoted	@_
k:value&r:style	YE
k:value&r:unsettled	LR
k:value&r:visitors	JT
k:value&r:wish	KS
k:value&role ahead	SK
k:value&role behind:(	c=
k:value&role behind:,	VH
k:value&role behind:-	GW
k:value&role behind:does	VH
k:value&title	JT
k:value&under	UI
label	VH
label&open:half	KS
label&open:no	]B
label&open:yes	XF
label&r:fact	UI
label&under	WG
last lines	KS
late	IU
low	HV
low:k:item	B]
low:k:line	HV
low:k:sentence	VH
low:k:value	3m
low:r:aside	JT
low:r:dont	3m
low:r:fact	WG
low:r:greeting	QM
low:r:note	YE
low:r:style	FX
low:r:unsettled	:f
low:r:visitors	1o
low:r:wish	1o
low:whole	XF
my	q/
n:1&from	b>
n:1&label	UI
n:1&open:half	VH
n:1&open:yes	LR
n:1&r:aside	WG
n:1&r:dont	UI
n:1&r:greeting	KS
n:1&r:note	VH
n:1&r:quoted	EY
n:1&r:style	XF
n:1&r:unsettled	LR
n:1&r:visitors	KS
n:1&r:wish	QM
n:1&role ahead	=c
n:1&role behind:(	ZD
n:1&role behind:,	VH
n:1&role behind:-	RL
n:1&role label	EY
n:1&title	KS
n:1&under	MQ
n:2	?a
n:2&alone	RL
n:2&begins	JT
n:2&label	QM
n:2&open:half	GW
n:2&open:no	>b
n:2&open:yes	LR
n:2&r:aside	9g
n:2&r:dont	5k
n:2&r:greeting	RL
n:2&r:note	FX
n:2&r:other	IU
n:2&r:style	A^
n:2&r:unsettled	FX
n:2&r:visitors	KS
n:2&role ahead	g9
n:2&role behind:(	QM
n:2&role behind:,	RL
n:2&role behind:-	]B
n:2&role behind:does	d<
n:2&role label	TJ
n:2&title	[C
n:2&under	UI
n:3	A^
n:3&alone	GW
n:3&begins	IU
n:3&label	UI
n:3&open:half	KS
n:3&open:no	4l
n:3&open:yes	GW
n:3&r:dont	GW
n:3&r:fact	JT
n:3&r:greeting	>b
n:3&r:note	GW
n:3&r:other	?a
n:3&r:visitors	FX
n:3&r:wish	IU
n:3&role behind:(	[C
n:3&role behind:,	:f
n:3&role behind:-	EY
n:3&role behind:is	=c
n:3&under	TJ
n:4	FX
n:4&alone	HV
n:4&begins	TJ
n:4&open:no	<d
n:4&open:yes	RL
n:4&r:fact	RL
n:4&r:note	?a
n:4&role behind:,	FX
open:half	MQ
open:no	EY
open:yes	HV
quotes	JT
r:dont	KS
r:dont&open:no	KS
r:fact	KS
r:fact&open:half	QM
r:fact&open:yes	JT
r:greeting	IU
r:greeting&open:no	IU
r:other	KS
r:other&open:no	KS
r:quoted	FX
r:quoted&open:no	FX
r:style	TJ
r:style&open:no	TJ
r:unsettled	KS
r:unsettled&open:no	KS
r:visitors	GW
r:visitors&open:half	EY
r:visitors&open:no	]B
r:visitors&open:yes	HV
role ahead	VH
role ahead&alone	ZD
role ahead&label	WG
role ahead&open:half	KS
role ahead&open:no	LR
role ahead&open:yes	[C
role ahead&r:dont	EY
role ahead&r:fact	UI
role ahead&r:other	]B
role ahead&r:visitors	UI
role ahead&role behind:(	WG
role ahead&role behind:,	UI
role ahead&under	_@
role behind:(	ZD
role behind:(&begins	WG
role behind:(&label	SK
role behind:(&open:half	QM
role behind:(&open:no	YE
role behind:(&open:yes	UI
role behind:(&r:fact	VH
role behind:(&r:other	QM
role behind:(&under	^A
role behind:,	QM
role behind:,&label	HV
role behind:,&open:half	IU
role behind:,&open:yes	VH
role behind:,&r:aside	B]
role behind:,&r:dont	B]
role behind:,&r:fact	QM
role behind:,&r:greeting	JT
role behind:,&r:note	KS
role behind:,&r:other	VH
role behind:,&r:quoted	RL
role behind:,&r:visitors	JT
role behind:,&r:wish	VH
role behind:,&under	RL
role behind:-	ZD
role behind:-&begins	MQ
role behind:-&open:half	XF
role behind:-&open:no	RL
role behind:-&open:yes	XF
role behind:-&r:dont	A^
role behind:-&r:fact	XF
role behind:-&r:note	IU
role behind:-&r:other	XF
role behind:-&r:unsettled	g9
role behind:-&r:visitors	_@
role behind:-&under	YE
role behind:does	]B
role behind:does&begins	[C
role behind:does&open:no	UI
role behind:does&open:yes	[C
role behind:does&r:dont	XF
role behind:does&r:fact	h8
role behind:is	WG
role behind:is&begins	WG
role behind:is&open:yes	WG
role behind:is&r:fact	WG
role label&alone	ZD
role label&label	VH
role label&open:half	b>
role label&open:no	LR
role label&r:fact	KS
role label&role behind:,	UI
role label&under	WG
says name	ZD
sp:client	HV
sp:designer	1o
title	RL
title&label	[C
title&open:half	=c
title&open:yes	f:
title&r:aside	>b
title&r:dont	IU
title&r:greeting	WG
title&r:note	SK
title&r:other	VH
title&r:quoted	LR
title&r:unsettled	=c
title&r:visitors	VH
title&r:wish	TJ
title&role ahead	c=
title&role behind:does	VH
title&under	XF
to	EY
under	RL
under&open:half	j6
under&open:yes	JT
under&r:aside	TJ
under&r:dont	]B
under&r:fact	VH
under&r:other	KS
under&r:visitors	KS
under&r:wish	FX`,
};
