import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.04009,
  bias: [0],
  weights: `at>=16	J
at>=8	@
done>=1	U
done>=2	c
done>=3	_
kind of name:false	A
kind of name:none	E
kind of name:true	P
lead>=0.3	S
lead>=0.5	C
lead>=0.6	T
lead>=0.7	S
lead>=0.8	b
lead>=0.9	J
lean>=0.01	N
lean>=0.3	T
lean>=0.6	J
long>=2	L
long>=3	J
met begins	P
met first others	K
met first own	D
met for others	:
met goes on	B
met heading plain	E
met label own	R
met label plain	c
met label plain foreign	_
met list plain	_
met list plain foreign	K
met name plain	T
met name plain foreign	a
met not for others	X
met role aside	Q
met role dont	W
met role fact	Q
met role fact foreign	o
met role greeting	N
met role name	T
met role name foreign	a
met role note	U
met role other	_
met role quoted	K
met role said	1
met role visitors	K
met role visitors foreign	8
met role wish	!
met said plain	1
met service first	I
met service heading	E
met service label	R
met service list	Z
met service name	:
met service text	]
met spread	W
met spread first	s
met spread heading	[
met spread label	=
met spread list	B
met spread name	R
met spread said	^
met spread text	U
met text others	W
met text own	b
met text plain	I
met text plain foreign	b
met thing list	X
met thing name	]
met thing text	V
met>=2	Z
met>=3	F
met>=5	M
name and service	Y
names>=2	@
names>=3	l
none	]
none called>=1	S
none named>=1	S
none of>=2	Y
none of>=5	Z
none of>=9	U
none own>=1	=
none score>=2	F
none score>=5	R
none score>=8	K
of a club	;
of all>=0.2	W
of all>=0.3	Z
of all>=0.4	L
of all>=0.5	X
of all>=0.65	E
of all>=0.8	?
rank>=1	>
rank>=2	I
rank>=4	C
score>=1	a
score>=12	h
score>=2	^
score>=3	W
score>=5	]
score>=8	S
services>=1	e
services>=2	V
services>=3	S
share>=0.3	R
share>=0.5	X
share>=0.7	K
share>=0.9	K
spread	e
things>=1	W
things>=2	g
things>=3	Y
trade	B`,
};
