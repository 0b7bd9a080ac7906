import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03854,
  bias: [0],
  weights: `at>=16	F
at>=2	R
at>=4	Q
at>=8	;
done>=1	U
done>=2	e
done>=3	_
kind of name:false	@
kind of name:none	C
kind of name:true	Q
lead>=0.3	R
lead>=0.5	C
lead>=0.7	T
lead>=0.8	f
lead>=0.9	E
lean>=0.3	T
lean>=0.6	L
long>=2	K
long>=3	G
met begins	T
met ends there	R
met first own	F
met first plain	Q
met first plain foreign	_
met for others	:
met goes on	@
met heading plain	Y
met label own	R
met label plain	g
met label plain foreign	^
met list plain	Z
met list plain foreign	L
met name plain	V
met name plain foreign	]
met not for others	Z
met role dont	J
met role fact	N
met role fact foreign	k
met role greeting	J
met role name	V
met role name foreign	]
met role note	G
met role other	q
met role quoted	L
met role said	2
met role unsettled	N
met role visitors	F
met role visitors foreign	7
met role wish	!
met role wish foreign	K
met said plain	2
met service first	F
met service heading	C
met service label	R
met service list	[
met service name	;
met service text	_
met spread	V
met spread first	r
met spread heading	L
met spread label	:
met spread list	A
met spread said	P
met spread text	X
met text others	^
met text own	h
met text plain	B
met text plain foreign	^
met thing first	Q
met thing list	^
met thing name	W
met thing text	X
met>=2	Y
met>=3	H
met>=5	I
name and service	[
name and thing	P
names>=1	R
names>=2	@
names>=3	m
none	^
none called>=1	Q
none called>=3	L
none named>=1	S
none of>=2	X
none of>=5	Y
none of>=9	T
none own>=1	<
none score>=2	D
none score>=5	S
none score>=8	J
of a club	:
of all>=0.2	T
of all>=0.3	Z
of all>=0.4	K
of all>=0.5	X
of all>=0.65	E
of all>=0.8	;
rank>=1	<
rank>=2	H
rank>=4	>
score>=1	c
score>=12	h
score>=2	_
score>=3	W
score>=5	W
score>=8	U
services>=1	c
services>=2	X
services>=3	Q
share>=0.3	R
share>=0.5	Y
share>=0.7	M
share>=0.9	G
spread	f
things>=1	V
things>=2	f
things>=3	V
trade	A`,
};
