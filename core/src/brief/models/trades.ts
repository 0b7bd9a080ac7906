import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03859,
  bias: [0],
  weights: `at>=16	F
at>=2	R
at>=4	Q
at>=8	;
done>=1	V
done>=2	e
done>=3	a
kind of name:false	@
kind of name:none	C
kind of name:true	Q
lead>=0.3	Q
lead>=0.5	C
lead>=0.7	S
lead>=0.8	f
lead>=0.9	F
lean>=0.3	T
lean>=0.6	K
long>=2	K
long>=3	G
met begins	T
met ends there	R
met first own	F
met first plain	R
met first plain foreign	_
met for others	:
met goes on	?
met heading plain	Y
met label own	R
met label plain	h
met label plain foreign	^
met list plain	Z
met list plain foreign	L
met name plain	V
met name plain foreign	]
met not for others	Z
met role aside	N
met role dont	H
met role fact	M
met role fact foreign	l
met role greeting	I
met role name	V
met role name foreign	]
met role note	G
met role other	q
met role quoted	V
met role said	2
met role visitors	H
met role visitors foreign	6
met role wish	!
met role wish foreign	J
met said plain	2
met service first	E
met service heading	C
met service label	R
met service list	[
met service name	;
met service text	_
met spread	V
met spread first	s
met spread heading	M
met spread label	:
met spread list	@
met spread name	P
met spread text	X
met text others	]
met text own	g
met text plain	B
met text plain foreign	_
met thing first	P
met thing list	^
met thing name	W
met thing text	Y
met>=2	Y
met>=3	G
met>=5	H
name and service	[
names>=1	R
names>=2	@
names>=3	n
none	^
none called>=1	Q
none called>=3	M
none named>=1	S
none of>=2	X
none of>=5	Y
none of>=9	T
none own>=1	<
none score>=2	D
none score>=5	R
none score>=8	J
of a club	:
of all>=0.2	S
of all>=0.3	Z
of all>=0.4	L
of all>=0.5	W
of all>=0.65	E
of all>=0.8	;
rank>=1	<
rank>=2	G
rank>=4	>
score>=1	c
score>=12	h
score>=2	a
score>=3	U
score>=5	Y
score>=8	U
services>=1	b
services>=2	X
services>=3	Q
share>=0.3	R
share>=0.5	X
share>=0.9	G
spread	f
things>=1	V
things>=2	g
things>=3	V
trade	A`,
};
