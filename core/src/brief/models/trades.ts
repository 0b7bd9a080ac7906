import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03899,
  bias: [0],
  weights: `at>=16	F
at>=2	R
at>=4	P
at>=8	:
done>=1	V
done>=2	d
done>=3	b
kind of name:false	@
kind of name:none	C
kind of name:true	Q
lead>=0.3	R
lead>=0.5	C
lead>=0.6	M
lead>=0.7	S
lead>=0.8	f
lead>=0.9	E
lean>=0.3	T
lean>=0.6	G
long>=2	L
long>=3	E
met begins	T
met ends there	Q
met first own	E
met for others	;
met goes on	@
met heading plain	Y
met label own	R
met label plain	f
met label plain foreign	^
met list plain	X
met list plain foreign	K
met name plain	U
met name plain foreign	_
met not for others	Z
met role aside	T
met role dont	H
met role fact	P
met role fact foreign	n
met role greeting	j
met role name	U
met role name foreign	_
met role note	J
met role other	h
met role quoted	K
met role said	3
met role unsettled	Q
met role visitors	K
met role visitors foreign	7
met role wish	!
met said plain	3
met service first	J
met service heading	D
met service label	Q
met service list	[
met service name	:
met service text	^
met spread	W
met spread first	r
met spread label	:
met spread list	?
met spread name	Q
met spread said	^
met spread text	X
met text others	]
met text own	_
met text plain	D
met text plain foreign	a
met thing heading	M
met thing list	b
met thing name	Z
met thing text	V
met>=2	Z
met>=3	G
met>=5	I
name and service	Z
names>=1	R
names>=2	A
names>=3	n
none	^
none called>=1	Q
none named>=1	U
none of>=2	X
none of>=5	Y
none of>=9	U
none own>=1	<
none score>=2	B
none score>=5	V
none score>=8	J
of a club	9
of all>=0.2	R
of all>=0.3	Y
of all>=0.4	L
of all>=0.5	V
of all>=0.65	F
of all>=0.8	7
rank>=1	=
rank>=2	G
rank>=4	@
score>=1	a
score>=12	i
score>=2	a
score>=3	[
score>=5	X
score>=8	V
services>=1	c
services>=2	V
services>=3	T
share>=0.3	R
share>=0.5	Y
share>=0.7	M
share>=0.9	I
spread	f
things>=1	W
things>=2	d
things>=3	W
trade	A`,
};
