import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const namesModel: LinearModel = {
  classes: ["score"],
  step: 0.09329,
  bias: [0],
  weights: `<:a	@
<:about	J
<:als	S
<:an	I
<:appelle	W
<:are	W
<:as	W
<:at	L
<:au	X
<:auf	M
<:avec	F
<:be	]
<:behind	E
<:beim	K
<:between	L
<:by	N
<:called	F
<:colin	L
<:das	T
<:de	F
<:der	T
<:die	Y
<:do	L
<:does	N
<:dont	E
<:dry	M
<:du	K
<:ein	M
<:einem	K
<:el	W
<:en	V
<:es	L
<:est	G
<:estamos	L
<:every	N
<:ex	C
<:example	N
<:fait	M
<:following	M
<:for	D
<:forty	J
<:four	N
<:grands	H
<:grüsse	K
<:grüße	K
<:hacemos	H
<:has	Z
<:heißt	Y
<:hermano	M
<:hollow	A
<:honey	L
<:i	J
<:ich	H
<:im	M
<:in	L
<:is	R
<:ist	M
<:its	_
<:jahr	K
<:kilo	I
<:la	N
<:laden	G
<:lawn	M
<:le	D
<:les	L
<:lift	K
<:little	D
<:llama	Z
<:m	I
<:machen	K
<:make	B
<:market	K
<:me	G
<:mit	N
<:model	H
<:name	I
<:ne	N
<:negocio	X
<:no	K
<:nombre	Q
<:not	H
<:number	L
<:office	M
<:on	D
<:one	N
<:or	P
<:outside	E
<:own	H
<:paar	M
<:phone	L
<:prices	I
<:put	E
<:que	H
<:re	]
<:ring	N
<:s	P
<:saltmarrow	I
<:sam	L
<:say	a
<:schön	M
<:se	K
<:since	M
<:small	I
<:so	N
<:somos	V
<:st	J
<:sunday	U
<:t	H
<:tannery	J
<:the	E
<:then	N
<:to	N
<:torben	G
<:tree	N
<:two	L
<:un	L
<:une	J
<:unser	J
<:us	N
<:valley	M
<:vier	L
<:voir	M
<:vom	J
<:we	E
<:web	N
<:website	S
<:wir	F
<:y	N
<:you	J
<:young	N
<:zweite	M
<:à	M
CAPS	S
addressee	#
after in	E
after with	B
all caps first	]
also in address	G
at	2
bottom	H
common:all	A
common:first	K
common:last	L
common:none	W
common:trade	J
count:1	P
count:1&domain:-	R
count:1&domain:all	S
count:1&domain:initials	V
count:1&domain:much	W
count:1&domain:none	G
count:1&domain:same	F
count:1&domain:some	Q
count:1&domain:within	L
count:1&legal	K
count:1&part of longer	Q
count:1&person	P
count:1&trade	T
count:1&words:1	L
count:1&words:2	N
count:1&words:4	R
count:1&words:6	M
count:2	S
count:2&domain:-	M
count:2&domain:all	Q
count:2&domain:begins	R
count:2&domain:much	K
count:2&domain:none	N
count:2&domain:same	K
count:2&domain:some	L
count:2&domain:within	M
count:2&part of longer	K
count:2&words:1	L
count:2&words:3	U
count:2&words:4	P
count:3	S
count:3&domain:-	K
count:3&domain:all	K
count:3&domain:same	M
count:3&domain:some	P
count:3&kind	R
count:3&pair	L
count:3&person	N
count:3&trade	P
count:3&words:1	M
count:3&words:2	Q
count:3&words:3	L
count:4	W
count:4&domain:-	L
count:4&domain:all	Q
count:4&domain:begins	Q
count:4&domain:same	T
count:4&domain:some	Q
count:4&kind	K
count:4&person	K
count:4&trade	J
count:4&words:2	J
dateline	-
designer says	D
digit	D
domain:-&legal	J
domain:-&pair	J
domain:-&part of longer	L
domain:-&trade	Q
domain:all	b
domain:all&domain:same	H
domain:all&domain:within	M
domain:all&kind	I
domain:all&legal	G
domain:all&pair	M
domain:all&part of longer	W
domain:all&person	U
domain:all&trade	R
domain:begins	W
domain:begins&kind	H
domain:begins&legal	G
domain:begins&part of longer	J
domain:begins&person	T
domain:begins&trade	N
domain:initials	^
domain:initials&kind	V
domain:initials&trade	V
domain:much	a
domain:much&domain:begins	N
domain:much&kind	V
domain:much&legal	U
domain:much&pair	S
domain:much&part of longer	I
domain:much&person	R
domain:much&trade	Z
domain:none	A
domain:none&domain:begins	T
domain:none&domain:initials	U
domain:none&kind	T
domain:none&pair	Q
domain:none&part of longer	L
domain:none&person	M
domain:none&trade	N
domain:same	e
domain:same&domain:begins	I
domain:same&kind	C
domain:same&part of longer	?
domain:same&person	H
domain:same&trade	=
domain:some	S
domain:some&domain:begins	Q
domain:some&kind	J
domain:some&legal	M
domain:some&pair	K
domain:some&part of longer	I
domain:some&person	Q
domain:some&trade	U
domain:within	C
domain:within&domain:begins	M
domain:within&trade	L
ends in figures	7
ends open	-
from	M
given only	4
goes back	D
goes on	C
greeted	!
how:CAPS	X
how:at	X
how:begins	N
how:called	t
how:called&count:1	W
how:called&count:2	M
how:called&count:3	U
how:called&domain:-	T
how:called&domain:all	Y
how:called&domain:begins	T
how:called&domain:same	V
how:called&domain:some	P
how:called&how:line	M
how:called&kind	J
how:called&part of longer	H
how:called&person	T
how:called&top:0	X
how:called&trade	Q
how:called&words:1	K
how:called&words:2	S
how:called&words:3	K
how:called&words:4	[
how:called&words:5	?
how:caps	c
how:cell	L
how:closing	L
how:domain	j
how:is the name	z
how:led	h
how:line	V
how:line&count:1	Q
how:line&count:3	S
how:line&domain:-	V
how:line&domain:all	M
how:line&domain:much	Y
how:line&domain:none	L
how:line&domain:same	Q
how:line&label:name	M
how:line&label:other	Q
how:line&label:person	K
how:line&label:whole	M
how:line&legal	Q
how:line&pair	L
how:line&top:0	Q
how:line&trade	S
how:line&under:name	S
how:line&words:1	R
how:line&words:2	M
how:line&words:3	M
how:line&words:4	V
how:line&words:5	Q
how:line&words:6	M
how:low kind	U
how:low trade	L
how:opening	[
how:quoted	Z
how:quoted&count:1	W
how:quoted&count:2	I
how:quoted&count:3	W
how:quoted&domain:all	G
how:quoted&domain:begins	M
how:quoted&domain:none	W
how:quoted&domain:some	W
how:quoted&kind	Q
how:quoted&label:name	Q
how:quoted&label:part	Q
how:quoted&pair	W
how:quoted&part of longer	M
how:quoted&trade	]
how:quoted&words:1	T
how:quoted&words:2	J
how:quoted&words:3	H
how:quoted&words:4	R
how:quoted&words:5	Y
how:quoted&words:6	Y
how:rest	K
how:short	g
how:trades as	u
how:we are	g
how:with trade	_
in address	3
in:heading	U
in:item	K
in:line	M
in:row	F
in:sentence	Q
in:value	K
is	V
is&count:1	M
is&count:2	S
is&domain:all	T
is&domain:begins	U
is&domain:much	J
is&domain:same	R
is&kind	N
is&pair	Y
is&person	M
is&trade	M
is&words:1	K
is&words:2	M
is&words:3	X
kind	]
kind only	/
kind&legal	I
kind&pair	S
kind&person	L
kind&trade	P
kind:ag	J
kind:asocia	Y
kind:atelie	Q
kind:betrie	G
kind:boat	Q
kind:church	?
kind:club	W
kind:counci	M
kind:daught	M
kind:e. v	T
kind:farm	I
kind:ferry	E
kind:gmbh	G
kind:guild	C
kind:herman	Q
kind:hire	M
kind:hof	F
kind:house	L
kind:inc	H
kind:limite	J
kind:ltd	D
kind:mairie	E
kind:maison	J
kind:museum	P
kind:railwa	Z
kind:remova	Q
kind:repair	C
kind:schäfe	P
kind:shop	N
kind:societ	G
kind:store	K
kind:taller	N
kind:trust	]
kind:werkst	J
kind:works	Z
kind:worksh	M
kind:yard	H
kind:étude	G
known:all	I
label:name&count:1	L
label:name&count:2	V
label:name&count:3	R
label:name&count:4	M
label:name&domain:-	L
label:name&domain:all	S
label:name&domain:much	W
label:name&domain:none	L
label:name&domain:same	L
label:name&is	M
label:name&label:other	P
label:name&label:part	S
label:name&label:whole	M
label:name&legal	M
label:name&pair	K
label:name&part of longer	T
label:name&person	F
label:name&trade	K
label:name&under:name	W
label:name&words:1	M
label:name&words:4	T
label:name&words:5	N
label:name&words:6	K
label:other	G
label:other&count:1	I
label:other&count:2	T
label:other&domain:all	M
label:other&domain:begins	P
label:other&domain:much	I
label:other&domain:none	L
label:other&pair	P
label:other&part of longer	L
label:other&person	M
label:other&trade	W
label:other&under:name	F
label:other&words:1	L
label:other&words:2	K
label:other&words:5	Q
label:other&words:6	N
label:part	_
label:part&count:2	U
label:part&count:4	M
label:part&domain:-	X
label:part&domain:all	R
label:part&domain:much	M
label:part&domain:none	N
label:part&domain:same	N
label:part&is	M
label:part&kind	M
label:part&label:other	P
label:part&legal	E
label:part&pair	I
label:part&part of longer	T
label:part&person	E
label:part&trade	L
label:part&words:1	M
label:part&words:2	U
label:part&words:3	P
label:part&words:4	R
label:part&words:5	A
label:part&words:6	L
label:person	/
label:person&count:1	L
label:person&count:3	Q
label:person&count:4	N
label:person&domain:-	H
label:person&domain:some	Q
label:person&is	K
label:person&pair	R
label:person&part of longer	M
label:person&trade	P
label:person&words:2	M
label:person&words:3	P
label:whole	y
label:whole&count:1	L
label:whole&count:2	U
label:whole&count:3	Z
label:whole&domain:-	I
label:whole&domain:much	W
label:whole&domain:none	J
label:whole&domain:same	M
label:whole&kind	S
label:whole&legal	R
label:whole&person	S
label:whole&trade	L
label:whole&under:name	X
label:whole&words:1	N
label:whole&words:2	J
label:whole&words:3	J
label:whole&words:4	X
label:whole&words:5	Z
label:whole&words:6	L
legal	F
legal&pair	L
legal&part of longer	M
low	$
low as all	B
no name	3
of any brief	=
pair	T
pair&part of longer	R
part of longer	I
person	E
person behind	A
person of a trade	-
person&part of longer	H
person:kind	L
person:plain	E
quoted mail	K
role:aside	B
role:dont	;
role:fact	Q
role:greeting	M
role:note	K
role:other	S
role:quoted	>
role:style	C
role:unsettled	D
role:wish	G
runs into figures	0
same after	C
same before	D
small words	!
stops	<
street	E
subject	X
the	T
things only	P
title	3
to	#
told more	P
top:0	[
top:0&count:1	S
top:0&count:2	R
top:0&count:3	M
top:0&domain:-	Z
top:0&domain:all	J
top:0&domain:much	M
top:0&domain:same	J
top:0&domain:some	M
top:0&how:line	R
top:0&how:quoted	N
top:0&is	V
top:0&kind	Z
top:0&label:name	E
top:0&label:part	L
top:0&label:whole	F
top:0&legal	M
top:0&pair	E
top:0&person	T
top:0&trade	K
top:0&under:name	I
top:0&words:1	Q
top:0&words:2	Q
top:0&words:3	P
top:0&words:4	Q
top:0&words:5	K
top:0&words:6	I
top:0:CAPS	Y
top:0:begins	S
top:0:called	X
top:0:caps	Q
top:0:domain	I
top:0:is the name	]
top:0:led	L
top:0:line	J
top:0:low trade	N
top:0:opening	G
top:0:rest	L
top:1	a
top:1:called	S
top:1:caps	W
top:1:domain	G
top:1:is the name	_
top:1:line	I
top:1:low kind	V
top:1:low trade	X
top:1:opening	I
top:1:rest	J
top:1:short	]
top:1:we are	K
top:1:with trade	F
trade	U
trade&legal	M
trade&pair	J
trade&person	Y
under:name	o
under:name&count:1	W
under:name&count:2	M
under:name&count:4	I
under:name&domain:-	Q
under:name&domain:all	R
under:name&domain:begins	L
under:name&domain:none	J
under:name&domain:same	J
under:name&domain:some	S
under:name&kind	J
under:name&legal	I
under:name&pair	Y
under:name&part of longer	R
under:name&trade	K
under:name&words:1	K
under:name&words:2	M
under:name&words:3	G
under:name&words:4	R
under:name&words:5	X
week	$
with trade only	[
words:1	C
words:1&domain:-	J
words:1&domain:all	M
words:1&domain:begins	M
words:1&domain:much	N
words:1&domain:none	M
words:1&domain:same	N
words:1&domain:some	N
words:1&domain:within	M
words:1&pair	M
words:1&part of longer	N
words:2	R
words:2&domain:-	Q
words:2&domain:all	S
words:2&domain:begins	L
words:2&domain:much	E
words:2&domain:none	I
words:2&domain:same	F
words:2&domain:some	Q
words:2&domain:within	M
words:2&part of longer	P
words:2&person	H
words:2&trade	T
words:3	U
words:3&domain:-	S
words:3&domain:all	Q
words:3&domain:begins	Y
words:3&domain:initials	J
words:3&domain:much	Q
words:3&domain:none	J
words:3&domain:same	I
words:3&legal	I
words:3&pair	M
words:3&part of longer	L
words:3&person	V
words:3&trade	Q
words:4	R
words:4&domain:all	Q
words:4&domain:initials	K
words:4&domain:much	Y
words:4&domain:none	M
words:4&domain:some	R
words:4&kind	G
words:4&legal	J
words:4&pair	J
words:4&part of longer	R
words:4&person	]
words:4&trade	M
words:5	L
words:5&domain:-	K
words:5&domain:begins	H
words:5&domain:much	U
words:5&domain:none	Q
words:5&domain:some	J
words:5&kind	W
words:5&legal	U
words:5&pair	Q
words:5&trade	L
words:6	C
words:6&domain:-	H
words:6&domain:all	F
words:6&domain:much	E
words:6&domain:none	S
words:6&legal	L
words:6&pair	R`,
};
