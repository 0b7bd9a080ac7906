import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const namesModel: LinearModel = {
  classes: ["score"],
  step: 0.09302,
  bias: [0],
  weights: `<:a	@
<:about	J
<:als	S
<:an	I
<:and	M
<:appelle	T
<:are	V
<:as	X
<:at	P
<:au	X
<:auf	M
<:avec	E
<:be	]
<:behind	E
<:beim	K
<:between	L
<:by	N
<:called	F
<:das	T
<:de	F
<:der	S
<:die	Y
<:do	L
<:does	N
<:dont	G
<:dry	M
<:du	K
<:ein	M
<:einem	K
<:el	X
<:en	V
<:es	L
<:est	G
<:estamos	M
<:every	M
<:ex	C
<:example	N
<:fait	M
<:following	M
<:for	D
<:forty	K
<:grands	H
<:grüsse	J
<:grüße	I
<:hacemos	G
<:has	Z
<:heißt	X
<:hollow	B
<:honey	K
<:i	K
<:ich	H
<:im	M
<:in	L
<:is	T
<:ist	M
<:its	_
<:jahr	K
<:je	N
<:kilo	K
<:la	J
<:laden	G
<:lawn	M
<:le	D
<:les	L
<:lift	K
<:little	D
<:llama	X
<:m	J
<:machen	K
<:make	C
<:market	L
<:me	G
<:mit	N
<:model	H
<:name	H
<:ne	N
<:negocio	Z
<:no	L
<:nombre	Q
<:not	G
<:number	L
<:office	N
<:on	D
<:one	M
<:outside	E
<:own	K
<:paar	M
<:phone	L
<:polígono	M
<:public	N
<:put	E
<:que	J
<:re	[
<:s	P
<:saltmarrow	J
<:sam	L
<:say	Y
<:schön	N
<:se	L
<:since	N
<:small	H
<:so	N
<:somos	V
<:st	J
<:sunday	U
<:t	I
<:tannery	L
<:the	E
<:then	N
<:to	N
<:torben	G
<:tree	N
<:two	L
<:un	L
<:unser	J
<:us	M
<:valley	M
<:vier	L
<:voir	M
<:vom	J
<:we	F
<:web	N
<:website	S
<:wir	G
<:you	K
<:young	N
<:zur	N
<:zweite	N
<:à	M
CAPS	S
addressee	#
after in	G
after with	G
all caps first	^
also in address	G
at	3
bottom	H
common:all	A
common:first	L
common:last	I
common:none	W
common:trade	J
count:1	P
count:1&domain:-	S
count:1&domain:all	S
count:1&domain:initials	V
count:1&domain:much	W
count:1&domain:none	F
count:1&domain:same	E
count:1&domain:some	Q
count:1&domain:within	L
count:1&legal	K
count:1&part of longer	Q
count:1&person	P
count:1&trade	T
count:1&words:1	L
count:1&words:2	N
count:1&words:4	R
count:1&words:6	N
count:2	S
count:2&domain:-	L
count:2&domain:all	Q
count:2&domain:begins	S
count:2&domain:much	K
count:2&domain:none	N
count:2&domain:same	L
count:2&domain:some	M
count:2&domain:within	M
count:2&part of longer	K
count:2&person	N
count:2&words:1	M
count:2&words:3	U
count:2&words:4	P
count:3	S
count:3&domain:-	K
count:3&domain:all	K
count:3&domain:same	M
count:3&domain:some	P
count:3&kind	Q
count:3&pair	L
count:3&person	M
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
count:4&kind	L
count:4&person	K
count:4&trade	J
count:4&words:2	K
dateline	,
designer says	D
digit	E
domain:-&legal	J
domain:-&pair	H
domain:-&part of longer	K
domain:-&person	L
domain:-&trade	Q
domain:all	b
domain:all&domain:same	H
domain:all&domain:within	M
domain:all&kind	H
domain:all&legal	F
domain:all&pair	M
domain:all&part of longer	W
domain:all&person	W
domain:all&trade	R
domain:begins	W
domain:begins&kind	J
domain:begins&legal	G
domain:begins&part of longer	J
domain:begins&person	V
domain:begins&trade	M
domain:initials	^
domain:initials&kind	V
domain:initials&trade	V
domain:much	a
domain:much&domain:begins	M
domain:much&kind	W
domain:much&legal	U
domain:much&pair	S
domain:much&part of longer	I
domain:much&person	R
domain:much&trade	Y
domain:none	@
domain:none&domain:begins	T
domain:none&domain:initials	U
domain:none&kind	T
domain:none&legal	N
domain:none&pair	R
domain:none&part of longer	M
domain:none&person	N
domain:none&trade	N
domain:same	e
domain:same&domain:begins	J
domain:same&kind	D
domain:same&part of longer	?
domain:same&person	I
domain:same&trade	=
domain:some	S
domain:some&domain:begins	R
domain:some&kind	I
domain:some&legal	M
domain:some&pair	L
domain:some&part of longer	J
domain:some&person	Q
domain:some&trade	T
domain:within	C
domain:within&domain:begins	M
domain:within&trade	K
ends in figures	7
ends open	,
from	M
given only	4
goes back	D
goes on	C
greeted	!
how:CAPS	Y
how:at	X
how:begins	N
how:called	u
how:called&count:1	X
how:called&count:2	M
how:called&count:3	U
how:called&domain:-	U
how:called&domain:all	X
how:called&domain:begins	S
how:called&domain:same	U
how:called&how:line	N
how:called&kind	J
how:called&pair	Q
how:called&part of longer	H
how:called&person	U
how:called&top:0	X
how:called&trade	R
how:called&words:1	M
how:called&words:2	R
how:called&words:3	J
how:called&words:4	[
how:called&words:5	A
how:caps	b
how:cell	M
how:closing	L
how:domain	j
how:is the name	{
how:led	g
how:line	V
how:line&count:1	Q
how:line&count:2	N
how:line&count:3	T
how:line&domain:-	V
how:line&domain:all	M
how:line&domain:much	Y
how:line&domain:none	L
how:line&domain:same	Q
how:line&kind	N
how:line&label:name	L
how:line&label:other	Q
how:line&label:person	L
how:line&label:whole	L
how:line&legal	Q
how:line&pair	M
how:line&person	R
how:line&top:0	Q
how:line&trade	S
how:line&under:name	S
how:line&words:1	R
how:line&words:2	M
how:line&words:3	N
how:line&words:4	U
how:line&words:5	Q
how:line&words:6	M
how:low kind	U
how:low trade	L
how:opening	Z
how:quoted	Z
how:quoted&count:1	W
how:quoted&count:2	I
how:quoted&count:3	U
how:quoted&domain:all	G
how:quoted&domain:begins	L
how:quoted&domain:none	X
how:quoted&domain:same	P
how:quoted&domain:some	X
how:quoted&kind	Q
how:quoted&label:name	Q
how:quoted&label:part	Q
how:quoted&pair	W
how:quoted&part of longer	L
how:quoted&trade	]
how:quoted&words:1	U
how:quoted&words:2	J
how:quoted&words:3	I
how:quoted&words:4	R
how:quoted&words:5	Y
how:quoted&words:6	Y
how:rest	K
how:short	g
how:trades as	v
how:we are	i
how:with trade	_
in address	5
in:heading	U
in:item	K
in:line	M
in:row	F
in:sentence	Q
in:value	K
is	T
is&count:1	K
is&count:2	T
is&domain:-	L
is&domain:all	U
is&domain:begins	W
is&domain:much	I
is&domain:same	Q
is&kind	N
is&words:1	L
is&words:3	Q
kind	]
kind only	/
kind&legal	I
kind&pair	S
kind&person	M
kind&trade	Q
kind:ag	J
kind:atelie	Q
kind:betrie	H
kind:boat	U
kind:church	?
kind:club	Y
kind:counci	M
kind:daught	L
kind:e. v	T
kind:farm	I
kind:ferry	E
kind:gmbh	G
kind:guild	B
kind:herman	P
kind:hire	M
kind:hof	F
kind:house	L
kind:inc	H
kind:limite	J
kind:ltd	D
kind:mairie	F
kind:maison	K
kind:meiste	F
kind:mill	H
kind:railwa	Z
kind:remova	Q
kind:repair	B
kind:schäfe	Q
kind:societ	M
kind:store	K
kind:trust	[
kind:werkst	K
kind:works	Z
kind:worksh	N
kind:yard	F
kind:étude	G
known:all	I
label:name&count:1	L
label:name&count:2	U
label:name&count:3	S
label:name&count:4	M
label:name&domain:-	L
label:name&domain:all	S
label:name&domain:much	W
label:name&domain:none	L
label:name&domain:same	L
label:name&is	M
label:name&label:other	P
label:name&label:part	S
label:name&label:person	N
label:name&label:whole	L
label:name&legal	M
label:name&pair	L
label:name&part of longer	S
label:name&person	G
label:name&trade	K
label:name&under:name	[
label:name&words:1	M
label:name&words:3	M
label:name&words:4	T
label:name&words:5	N
label:name&words:6	K
label:other	G
label:other&count:1	H
label:other&count:2	U
label:other&domain:all	N
label:other&domain:begins	Q
label:other&domain:much	I
label:other&domain:none	L
label:other&domain:same	P
label:other&pair	P
label:other&part of longer	K
label:other&person	M
label:other&trade	W
label:other&under:name	F
label:other&words:1	M
label:other&words:2	K
label:other&words:3	P
label:other&words:5	Q
label:other&words:6	N
label:part	_
label:part&count:2	U
label:part&count:4	M
label:part&domain:-	X
label:part&domain:all	R
label:part&domain:much	M
label:part&domain:same	M
label:part&domain:some	M
label:part&is	M
label:part&kind	L
label:part&label:other	Q
label:part&label:person	N
label:part&legal	F
label:part&pair	I
label:part&part of longer	S
label:part&person	E
label:part&trade	L
label:part&words:1	M
label:part&words:2	V
label:part&words:4	R
label:part&words:5	A
label:part&words:6	L
label:person	/
label:person&count:1	L
label:person&count:3	Q
label:person&count:4	N
label:person&domain:-	G
label:person&domain:same	N
label:person&domain:some	Q
label:person&is	J
label:person&pair	R
label:person&part of longer	M
label:person&trade	P
label:person&words:2	M
label:person&words:3	Q
label:whole	y
label:whole&count:1	L
label:whole&count:2	U
label:whole&count:3	[
label:whole&domain:-	H
label:whole&domain:much	W
label:whole&domain:none	K
label:whole&domain:same	M
label:whole&kind	S
label:whole&legal	R
label:whole&pair	P
label:whole&person	S
label:whole&trade	L
label:whole&words:1	N
label:whole&words:2	I
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
of any brief	>
pair	T
pair&part of longer	S
part of longer	I
person	E
person behind	=
person of a trade	-
person&part of longer	I
person:kind	M
person:plain	E
quoted mail	K
rare:last	Q
role:aside	C
role:dont	:
role:fact	R
role:greeting	M
role:note	H
role:other	S
role:quoted	?
role:style	C
role:unsettled	D
role:visitors	N
role:wish	G
runs into figures	0
same after	C
same before	D
small words	!
stops	<
street	F
subject	Y
the	T
things only	P
title	3
to	#
told more	Q
top:0	[
top:0&count:1	S
top:0&count:2	Q
top:0&count:3	M
top:0&domain:-	Z
top:0&domain:all	J
top:0&domain:much	M
top:0&domain:same	J
top:0&domain:some	M
top:0&how:line	S
top:0&how:quoted	N
top:0&is	W
top:0&kind	Y
top:0&label:name	E
top:0&label:part	M
top:0&label:whole	F
top:0&legal	M
top:0&pair	F
top:0&person	W
top:0&trade	K
top:0&under:name	H
top:0&words:1	R
top:0&words:2	Q
top:0&words:4	Q
top:0&words:5	Q
top:0&words:6	J
top:0:CAPS	Y
top:0:begins	S
top:0:called	X
top:0:caps	R
top:0:domain	I
top:0:is the name	]
top:0:led	K
top:0:line	J
top:0:low trade	M
top:0:opening	G
top:0:rest	L
top:0:we are	M
top:1	a
top:1:called	T
top:1:caps	W
top:1:domain	G
top:1:is the name	_
top:1:line	H
top:1:low kind	V
top:1:low trade	W
top:1:opening	I
top:1:rest	J
top:1:short	]
top:1:we are	K
top:1:with trade	I
trade	U
trade&legal	M
trade&pair	K
trade&person	W
under:name	o
under:name&count:1	W
under:name&count:2	M
under:name&count:4	H
under:name&domain:-	R
under:name&domain:all	R
under:name&domain:begins	L
under:name&domain:none	J
under:name&domain:same	J
under:name&domain:some	S
under:name&kind	J
under:name&legal	I
under:name&pair	Y
under:name&part of longer	R
under:name&trade	J
under:name&words:1	J
under:name&words:2	M
under:name&words:3	F
under:name&words:4	R
under:name&words:5	X
week	$
with trade only	[
words:1	C
words:1&domain:-	J
words:1&domain:all	M
words:1&domain:begins	N
words:1&domain:much	N
words:1&domain:none	M
words:1&domain:some	N
words:1&domain:within	M
words:1&pair	M
words:1&part of longer	N
words:2	Q
words:2&domain:-	Q
words:2&domain:all	R
words:2&domain:begins	L
words:2&domain:much	C
words:2&domain:none	I
words:2&domain:same	F
words:2&domain:some	Q
words:2&domain:within	M
words:2&kind	N
words:2&part of longer	P
words:2&person	H
words:2&trade	T
words:3	U
words:3&domain:-	R
words:3&domain:all	Q
words:3&domain:begins	Z
words:3&domain:initials	I
words:3&domain:much	R
words:3&domain:none	K
words:3&domain:same	I
words:3&kind	Q
words:3&legal	H
words:3&pair	M
words:3&part of longer	L
words:3&person	T
words:3&trade	Q
words:4	R
words:4&domain:all	R
words:4&domain:initials	I
words:4&domain:much	Y
words:4&domain:none	M
words:4&domain:some	R
words:4&kind	G
words:4&legal	I
words:4&pair	I
words:4&part of longer	R
words:4&person	^
words:4&trade	M
words:5	L
words:5&domain:-	L
words:5&domain:begins	H
words:5&domain:much	U
words:5&domain:some	K
words:5&kind	U
words:5&legal	U
words:5&pair	Q
words:5&trade	M
words:6	C
words:6&domain:-	H
words:6&domain:all	F
words:6&domain:much	E
words:6&domain:none	S
words:6&legal	L
words:6&pair	S`,
};
