import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const peopleModel: LinearModel = {
  classes: ["person","none"],
  step: 0.02901,
  bias: [-0.4193,0.4193],
  weights: `<:a	MQ
<:abuelo	b>
<:alle	GW
<:als	RL
<:also	HV
<:am	YE
<:an	RL
<:and	[C
<:appelle	JT
<:apprent	^A
<:are	WG
<:as	A^
<:ask	WG
<:at	IU
<:atelier	@_
<:atu	HV
<:avec	^A
<:b	HV
<:be	UI
<:bei	A^
<:beim	XF
<:best	=c
<:betreff	IU
<:bin	KS
<:bis	?a
<:bitte	UI
<:boat	?a
<:bonjour	TJ
<:booking	]B
<:brother	YE
<:buenas	;e
<:but	EY
<:by	RL
<:büro	QM
<:c	KS
<:call	]B
<:called	DZ
<:cc	i7
<:chair	d<
<:chez	B]
<:con	]B
<:creamer	DZ
<:d	@_
<:dear	C[
<:del	EY
<:dem	VH
<:der	UI
<:dice	b>
<:directo	c=
<:el	QM
<:enginee	WG
<:es	RL
<:est	TJ
<:estamos	UI
<:está	IU
<:et	WG
<:example	IU
<:februar	FX
<:firm	YE
<:first	:f
<:for	b>
<:founded	a?
<:fr	?a
<:from	IU
<:für	@_
<:g	TJ
<:geehrte	EY
<:geht	IU
<:get	>b
<:goods	FX
<:großvat	[C
<:guild	A^
<:h	UI
<:haben	JT
<:hafnerm	LR
<:hall	=c
<:he	VH
<:heißen	B]
<:heißt	?a
<:hello	LR
<:hermano	SK
<:hi	MQ
<:hier	RL
<:hija	f:
<:his	WG
<:hola	FX
<:hra	DZ
<:ich	WG
<:im	DZ
<:impress	WG
<:in	JT
<:inhaber	YE
<:is	ZD
<:ist	TJ
<:it	YE
<:its	JT
<:je	DZ
<:jugendw	WG
<:kassenw	EY
<:keine	LR
<:l	TJ
<:la	MQ
<:laden	EY
<:las	>b
<:law	b>
<:legal	TJ
<:lehrlin	d<
<:llama	=c
<:llamada	XF
<:lo	a?
<:love	B]
<:m	RL
<:ma	a?
<:manager	YE
<:marsh	XF
<:me	p0
<:mein	a?
<:meine	a?
<:mi	ZD
<:mit	B]
<:mo	TJ
<:mon	RL
<:mr	LR
<:my	_@
<:myself	SK
<:nach	XF
<:name	JT
<:nave	?a
<:nd	C[
<:nicht	C[
<:no	<d
<:not	UI
<:nothing	B]
<:nur	TJ
<:of	SK
<:ohlsen	XF
<:old	B]
<:on	C[
<:open	?a
<:operati	YE
<:or	h8
<:our	WG
<:piano	IU
<:pm	w)
<:preside	^A
<:préside	IU
<:que	LR
<:re	@_
<:registe	SK
<:ring	GW
<:road	=c
<:run	[C
<:s	ZD
<:salga	?a
<:saludo	c=
<:salut	<d
<:san	3m
<:sankt	;e
<:saturda	?a
<:say	QM
<:se	DZ
<:secreta	[C
<:sehr	EY
<:shed	GW
<:shop	HV
<:should	XF
<:site	9g
<:sitzt	VH
<:so	>b
<:somethi	@_
<:somos	UI
<:son	d<
<:sorry	VH
<:soy	LR
<:street	8h
<:suis	FX
<:tardes	A^
<:that	MQ
<:the	LR
<:they	UI
<:this	A^
<:to	:f
<:tochter	ZD
<:trésori	B]
<:un	UI
<:uns	SK
<:vom	XF
<:von	WG
<:vorsitz	_@
<:w	a?
<:was	@_
<:way	?a
<:we	C[
<:web	?a
<:werden	GW
<:werksta	DZ
<:what	c=
<:when	LR
<:wie	KS
<:with	_@
<:worksho	<d
<:y	^A
<:yard	B]
<:yo	f:
<:you	LR
<:young	b>
<:yours	JT
<:º	IU
<:über	LR
>:a	LR
>:aa	GW
>:ab	FX
>:acres	FX
>:across	C[
>:after	_@
>:again	9g
>:als	GW
>:am	LR
>:and	LR
>:answers	TJ
>:are	RL
>:as	MQ
>:asked	c=
>:associa	[C
>:at	;e
>:aus	GW
>:been	UI
>:bei	DZ
>:bis	=c
>:bitte	EY
>:by	=c
>:büro	WG
>:c	TJ
>:calle	HV
>:can	B]
>:chair	e;
>:co	?a
>:coordin	a?
>:cuts	FX
>:d	;e
>:da	?a
>:dad	@_
>:darf	?a
>:das	ZD
>:de	EY
>:del	C[
>:den	LR
>:der	IU
>:desde	YE
>:dice	g9
>:die	GW
>:directo	b>
>:do	2n
>:dock	GW
>:does	a?
>:doesn	RL
>:e	C[
>:ein	SK
>:el	QM
>:en	JT
>:enginee	MQ
>:es	WG
>:et	SK
>:fait	a?
>:for	IU
>:forty	DZ
>:fr	5k
>:frau	WG
>:fri	EY
>:from	c=
>:für	?a
>:g	GW
>:gegründ	>b
>:geht	YE
>:geselle	_@
>:gibt	EY
>:habe	^A
>:had	RL
>:has	MQ
>:hat	HV
>:have	=c
>:hd	DZ
>:he	;e
>:hello	>b
>:her	c=
>:here	MQ
>:his	b>
>:home	^A
>:i	VH
>:ich	]B
>:id	HV
>:idnr	TJ
>:if	TJ
>:im	LR
>:in	VH
>:ines	VH
>:inh	@_
>:inkl	FX
>:is	[C
>:ist	WG
>:it	GW
>:jahr	ZD
>:je	XF
>:joined	]B
>:jugendw	[C
>:karim	ZD
>:kassenw	[C
>:kein	ZD
>:kw	B]
>:l	ZD
>:left	=c
>:lehrjah	b>
>:lo	IU
>:lunes	RL
>:macht	XF
>:madam	GW
>:mail	=c
>:manager	b>
>:master	[C
>:me	a?
>:meeting	A^
>:mehmet	YE
>:meint	VH
>:meister	UI
>:members	[C
>:mit	QM
>:mo	SK
>:mrs	VH
>:musical	SK
>:my	a?
>:nach	FX
>:nd	XF
>:ne	UI
>:no	=c
>:noch	ZD
>:not	YE
>:number	B]
>:nur	LR
>:o	ZD
>:of	MQ
>:office	XF
>:ohne	GW
>:ok	?a
>:on	a?
>:operati	YE
>:or	^A
>:our	YE
>:out	B]
>:p	KS
>:pa	C[
>:parle	c=
>:piano	IU
>:pl	C[
>:please	B]
>:portlow	C[
>:preise	IU
>:preside	b>
>:pro	FX
>:propose	LR
>:put	YE
>:que	d<
>:registe	UI
>:rigging	KS
>:ros	B]
>:rue	=c
>:runs	@_
>:s	>b
>:says	VH
>:sec	]B
>:secreta	SK
>:seit	KS
>:send	KS
>:sent	]B
>:she	8h
>:shop	YE
>:should	IU
>:side	HV
>:sie	IU
>:sites	>b
>:so	FX
>:started	YE
>:still	_@
>:sí	>b
>:taller	[C
>:tel	ZD
>:tesorer	^A
>:that	QM
>:the	SK
>:thinks	WG
>:third	^A
>:three	B]
>:thurs	ZD
>:to	TJ
>:treasur	YE
>:trésori	HV
>:two	SK
>:uhr	HV
>:un	YE
>:und	IU
>:uns	FX
>:upper	LR
>:us	MQ
>:ust	TJ
>:v	DZ
>:vertrie	b>
>:vom	DZ
>:von	EY
>:vorsitz	_@
>:w	UI
>:was	=c
>:we	TJ
>:web	3m
>:what	=c
>:wheels	XF
>:who	g9
>:whose	^A
>:wie	ZD
>:will	VH
>:wir	GW
>:wird	EY
>:with	_@
>:wrote	IU
>:x	UI
>:y	e;
>:yard	ZD
>:yo	[C
>:you	a?
>:young	[C
>:zwei	B]
>:à	ZD
absent	9g
again	e;
alone&label	TJ
alone&open:half	FX
alone&open:no	QM
alone&open:yes	RL
alone&r:dont	?a
alone&r:greeting	SK
alone&r:other	IU
alone&under	HV
asked for	[C
begins	KS
begins&open:half	DZ
begins&open:no	SK
begins&open:yes	LR
begins&r:aside	MQ
begins&r:dont	VH
begins&r:fact	LR
begins&r:greeting	QM
begins&r:other	QM
begins&r:style	JT
begins&r:unsettled	SK
begins&r:visitors	MQ
begins&r:wish	@_
begins&under	YE
ends	VH
from	RL
from&open:no	RL
given	w)
given+more	}!
greeted	A^
in business	WG
is business	MQ
k:head	HV
k:head&from	RL
k:head&n:1	QM
k:head&n:2	?a
k:head&n:3	DZ
k:head&open:no	HV
k:head&under	B]
k:heading	HV
k:heading&alone	FX
k:heading&n:1	GW
k:heading&n:3	EY
k:heading&open:yes	C[
k:heading&r:greeting	4l
k:heading&r:other	HV
k:heading&r:quoted	VH
k:heading&role ahead	HV
k:heading&role behind:(	ZD
k:heading&role behind:,	ZD
k:heading&role behind:-	IU
k:heading&title	YE
k:heading&under	[C
k:item&begins	QM
k:item&n:1	SK
k:item&n:2	EY
k:item&n:3	SK
k:item&n:4	KS
k:item&open:half	TJ
k:item&open:no	KS
k:item&open:yes	MQ
k:item&r:dont	IU
k:item&r:fact	VH
k:item&r:note	MQ
k:item&r:other	GW
k:item&r:quoted	QM
k:item&r:style	XF
k:item&r:unsettled	ZD
k:item&r:visitors	KS
k:item&r:wish	IU
k:item&role ahead	g9
k:item&role behind:(	DZ
k:item&role behind:,	DZ
k:item&role behind:-	e;
k:item&title	JT
k:item&under	EY
k:line	HV
k:line&alone	XF
k:line&begins	HV
k:line&n:1	RL
k:line&n:2	FX
k:line&n:3	B]
k:line&n:4	A^
k:line&open:half	@_
k:line&open:no	KS
k:line&open:yes	QM
k:line&r:aside	KS
k:line&r:dont	FX
k:line&r:fact	LR
k:line&r:greeting	KS
k:line&r:note	KS
k:line&r:other	[C
k:line&r:quoted	IU
k:line&r:style	IU
k:line&r:unsettled	EY
k:line&r:visitors	DZ
k:line&role ahead	RL
k:line&role behind:,	GW
k:line&role behind:-	SK
k:line&title	RL
k:line&under	a?
k:row	JT
k:row&n:1	KS
k:row&n:3	A^
k:row&open:half	TJ
k:row&open:no	WG
k:row&open:yes	7i
k:row&r:dont	]B
k:row&r:fact	C[
k:row&r:note	KS
k:row&role behind:,	WG
k:row&role behind:-	GW
k:row&title	DZ
k:sentence	MQ
k:sentence&alone	GW
k:sentence&begins	JT
k:sentence&n:1	TJ
k:sentence&n:2	MQ
k:sentence&n:3	5k
k:sentence&n:4	VH
k:sentence&open:no	JT
k:sentence&r:aside	LR
k:sentence&r:dont	RL
k:sentence&r:fact	LR
k:sentence&r:greeting	ZD
k:sentence&r:note	IU
k:sentence&r:other	=c
k:sentence&r:quoted	JT
k:sentence&r:style	MQ
k:sentence&r:unsettled	QM
k:sentence&r:wish	f:
k:sentence&role ahead	JT
k:sentence&role behind:(	KS
k:sentence&role behind:,	MQ
k:sentence&role behind:-	WG
k:sentence&role behind:does	VH
k:sentence&role behind:is	WG
k:sentence&under	ZD
k:value	IU
k:value&alone	IU
k:value&begins	QM
k:value&label	VH
k:value&n:1	GW
k:value&n:3	SK
k:value&n:4	=c
k:value&open:half	QM
k:value&open:no	KS
k:value&open:yes	IU
k:value&r:aside	WG
k:value&r:dont	GW
k:value&r:note	WG
k:value&r:other	FX
k:value&r:quoted	DZ
k:value&r:style	[C
k:value&r:visitors	KS
k:value&r:wish	EY
k:value&role behind:(	a?
k:value&role behind:,	WG
k:value&role behind:-	MQ
k:value&role behind:does	UI
k:value&title	JT
k:value&under	UI
label	VH
label&open:half	KS
label&open:no	]B
label&open:yes	XF
label&r:fact	TJ
label&r:visitors	QM
label&under	MQ
last lines	MQ
late	GW
low	JT
low:k:item	C[
low:k:line	HV
low:k:sentence	VH
low:k:value	3m
low:r:aside	LR
low:r:dont	5k
low:r:fact	XF
low:r:greeting	FX
low:r:note	^A
low:r:style	FX
low:r:unsettled	?a
low:r:visitors	.r
low:r:wish	3m
low:whole	VH
my	r.
n:1	QM
n:1&begins	QM
n:1&from	a?
n:1&label	TJ
n:1&open:half	SK
n:1&r:aside	VH
n:1&r:dont	TJ
n:1&r:greeting	KS
n:1&r:note	VH
n:1&r:other	JT
n:1&r:quoted	HV
n:1&r:style	WG
n:1&r:visitors	KS
n:1&r:wish	SK
n:1&role ahead	=c
n:1&role behind:(	[C
n:1&role behind:,	WG
n:1&role behind:-	QM
n:1&role label	FX
n:1&title	KS
n:2	@_
n:2&alone	SK
n:2&begins	KS
n:2&label	QM
n:2&open:half	FX
n:2&open:no	@_
n:2&open:yes	KS
n:2&r:aside	:f
n:2&r:dont	7i
n:2&r:greeting	MQ
n:2&r:note	HV
n:2&r:other	MQ
n:2&r:style	FX
n:2&r:unsettled	EY
n:2&r:visitors	JT
n:2&r:wish	UI
n:2&role ahead	g9
n:2&role behind:(	QM
n:2&role behind:,	QM
n:2&role behind:-	ZD
n:2&role behind:does	b>
n:2&role label	TJ
n:2&title	[C
n:2&under	SK
n:3	@_
n:3&alone	IU
n:3&begins	KS
n:3&label	TJ
n:3&open:half	QM
n:3&open:no	5k
n:3&open:yes	DZ
n:3&r:dont	IU
n:3&r:fact	KS
n:3&r:greeting	DZ
n:3&r:note	DZ
n:3&r:other	GW
n:3&r:unsettled	EY
n:3&r:visitors	HV
n:3&r:wish	HV
n:3&role behind:(	WG
n:3&role behind:,	9g
n:3&role behind:-	C[
n:3&role behind:is	?a
n:3&under	UI
n:4	HV
n:4&alone	JT
n:4&begins	RL
n:4&open:no	=c
n:4&r:note	?a
n:4&role behind:,	FX
open:half	MQ
open:no	DZ
open:yes	HV
quotes	GW
r:dont	JT
r:dont&open:no	JT
r:fact	KS
r:fact&open:no	SK
r:fact&open:yes	JT
r:greeting	JT
r:greeting&open:no	JT
r:note&open:half	_@
r:note&open:no	MQ
r:other	JT
r:other&open:no	JT
r:quoted	JT
r:quoted&open:no	JT
r:style	UI
r:style&open:no	UI
r:unsettled	LR
r:unsettled&open:no	LR
r:visitors	HV
r:visitors&open:half	HV
r:visitors&open:no	WG
r:visitors&open:yes	GW
r:wish	SK
r:wish&open:no	SK
role ahead	TJ
role ahead&alone	ZD
role ahead&label	XF
role ahead&open:no	IU
role ahead&open:yes	YE
role ahead&r:dont	DZ
role ahead&r:fact	TJ
role ahead&r:visitors	UI
role ahead&role behind:(	WG
role ahead&role behind:,	VH
role ahead&under	JT
role behind:(	ZD
role behind:(&begins	WG
role behind:(&label	VH
role behind:(&open:half	SK
role behind:(&open:no	ZD
role behind:(&open:yes	RL
role behind:(&r:fact	TJ
role behind:(&r:greeting	HV
role behind:(&r:other	WG
role behind:(&under	g9
role behind:,	QM
role behind:,&label	GW
role behind:,&open:half	MQ
role behind:,&open:yes	UI
role behind:,&r:aside	VH
role behind:,&r:dont	B]
role behind:,&r:fact	TJ
role behind:,&r:greeting	KS
role behind:,&r:note	IU
role behind:,&r:other	WG
role behind:,&r:quoted	SK
role behind:,&r:visitors	B]
role behind:,&r:wish	UI
role behind:,&under	SK
role behind:-	XF
role behind:-&begins	MQ
role behind:-&open:half	KS
role behind:-&open:no	QM
role behind:-&open:yes	^A
role behind:-&r:dont	A^
role behind:-&r:fact	UI
role behind:-&r:note	LR
role behind:-&r:other	[C
role behind:-&r:unsettled	]B
role behind:-&r:wish	YE
role behind:-&under	c=
role behind:does	]B
role behind:does&begins	]B
role behind:does&open:no	VH
role behind:does&open:yes	]B
role behind:does&r:dont	WG
role behind:does&r:fact	a?
role behind:is	UI
role behind:is&begins	UI
role behind:is&open:yes	WG
role behind:is&r:fact	WG
role label&alone	ZD
role label&label	WG
role label&open:half	d<
role label&open:no	LR
role label&r:fact	KS
role label&role behind:,	]B
role label&under	_@
says name	[C
sp:client	HV
sp:designer	3m
title	SK
title&label	VH
title&open:half	;e
title&open:yes	b>
title&r:aside	3m
title&r:dont	MQ
title&r:greeting	TJ
title&r:note	SK
title&r:other	UI
title&r:quoted	LR
title&r:visitors	QM
title&role ahead	b>
title&role behind:does	UI
title&under	WG
to	EY
under	QM
under&open:half	f:
under&open:yes	IU
under&r:fact	VH
under&r:other	HV
under&r:visitors	LR
under&r:wish	EY`,
};
