import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03864,
  bias: [0],
  weights: `at>=16	F
at>=2	S
at>=4	Q
at>=8	:
done>=1	T
done>=2	g
done>=3	a
kind of name:false	?
kind of name:none	D
kind of name:true	Q
lead>=0.3	Q
lead>=0.5	D
lead>=0.6	N
lead>=0.7	Q
lead>=0.8	g
lead>=0.9	F
lean>=0.3	R
lean>=0.6	G
long>=2	L
long>=3	G
met begins	S
met ends there	R
met first own	G
met first plain	R
met first plain foreign	a
met for others	:
met goes on	>
met heading plain	Y
met label own	R
met label plain	f
met label plain foreign	[
met list plain	Z
met list plain foreign	K
met name plain	V
met name plain foreign	]
met not for others	Z
met role aside	M
met role dont	H
met role fact	M
met role fact foreign	l
met role greeting	H
met role name	V
met role name foreign	]
met role note	F
met role other	r
met role quoted	U
met role said	2
met role visitors	H
met role visitors foreign	5
met role wish	!
met role wish foreign	K
met said plain	2
met service first	J
met service heading	C
met service label	V
met service list	S
met service name	8
met service text	b
met spread	U
met spread first	t
met spread heading	M
met spread label	<
met spread list	@
met spread name	R
met spread said	R
met spread text	T
met text others	^
met text own	f
met text plain	B
met text plain foreign	_
met thing label	K
met thing list	]
met thing name	W
met thing text	X
met>=2	Y
met>=3	G
met>=5	I
name and service	[
names>=1	R
names>=2	@
names>=3	n
none	^
none called>=1	Q
none called>=3	N
none named>=1	S
none of>=2	X
none of>=5	X
none of>=9	T
none own>=1	=
none score>=2	B
none score>=5	S
none score>=8	J
of a club	8
of all>=0.2	S
of all>=0.3	W
of all>=0.4	N
of all>=0.5	W
of all>=0.65	F
of all>=0.8	;
rank>=1	<
rank>=2	G
rank>=4	>
score>=1	c
score>=12	j
score>=2	a
score>=3	W
score>=5	Z
score>=8	T
services>=1	b
services>=2	W
services>=3	R
share>=0.3	S
share>=0.5	X
share>=0.9	I
spread	f
things>=1	Y
things>=2	e
things>=3	X
trade	A`,
};
