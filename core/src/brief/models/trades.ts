import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03778,
  bias: [0],
  weights: `at>=16	C
at>=2	S
at>=4	R
at>=8	=
done>=1	V
done>=2	_
done>=3	a
kind of name:false	@
kind of name:none	C
kind of name:true	R
lead>=0.3	R
lead>=0.5	E
lead>=0.7	S
lead>=0.8	_
lead>=0.9	H
lean>=0.3	U
lean>=0.6	M
long>=2	M
long>=3	B
met begins	V
met first own	H
met first plain foreign	a
met for others	>
met goes on	_
met heading plain	]
met label own	S
met label plain	_
met label plain foreign	]
met list plain	Y
met list plain foreign	J
met name plain	U
met name plain foreign	]
met not for others	Y
met role aside	Q
met role dont	B
met role fact	S
met role fact foreign	n
met role greeting	Y
met role name	U
met role name foreign	]
met role note	=
met role other	m
met role quoted	D
met role said	3
met role unsettled	?
met role visitors	C
met role visitors foreign	5
met role wish	!
met role wish foreign	J
met said plain	3
met service first	F
met service heading	A
met service label	R
met service list	Y
met service name	:
met service text	a
met spread	V
met spread first	s
met spread label	:
met spread list	B
met spread name	S
met spread said	Q
met spread text	V
met text others	a
met text own	g
met text plain	D
met text plain foreign	b
met thing first	S
met thing label	N
met thing list	[
met thing name	V
met thing text	W
met>=2	X
met>=3	J
met>=5	F
name and service	X
names>=1	R
names>=2	C
names>=3	p
none	]
none called>=1	S
none called>=3	K
none named>=1	P
none of>=2	W
none of>=5	X
none of>=9	U
none own>=1	<
none score>=2	F
none score>=5	Q
none score>=8	G
of a club	7
of all>=0.2	R
of all>=0.3	]
of all>=0.4	L
of all>=0.5	R
of all>=0.65	K
of all>=0.8	;
rank>=1	:
rank>=2	E
rank>=4	?
score>=1	e
score>=12	o
score>=2	^
score>=3	W
score>=5	X
score>=8	Q
services>=1	b
services>=2	V
services>=3	h
share>=0.3	S
share>=0.5	Y
share>=0.7	L
share>=0.9	G
spread	f
things>=1	W
things>=2	g
things>=3	T
trade	B`,
};
