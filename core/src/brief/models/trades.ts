import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03916,
  bias: [0],
  weights: `at>=16	E
at>=2	R
at>=4	R
at>=8	:
done>=1	W
done>=2	c
done>=3	b
kind of name:false	@
kind of name:none	C
kind of name:true	Q
lead>=0.3	S
lead>=0.5	D
lead>=0.6	L
lead>=0.7	R
lead>=0.8	f
lead>=0.9	E
lean>=0.3	T
lean>=0.6	I
long>=2	K
long>=3	F
met begins	S
met ends there	Q
met first own	D
met first plain	P
met for others	;
met goes on	@
met heading plain	X
met label own	R
met label plain	f
met label plain foreign	]
met list plain	X
met list plain foreign	K
met name plain	U
met name plain foreign	_
met not for others	Z
met role aside	S
met role dont	I
met role fact	Q
met role fact foreign	m
met role greeting	j
met role name	U
met role name foreign	_
met role note	K
met role other	h
met role quoted	K
met role said	3
met role unsettled	R
met role visitors	J
met role visitors foreign	7
met role wish	!
met said plain	3
met service first	J
met service heading	C
met service label	Q
met service list	[
met service name	:
met service text	^
met spread	V
met spread first	r
met spread label	:
met spread list	@
met spread name	Q
met spread said	_
met spread text	X
met text others	]
met text own	_
met text plain	C
met text plain foreign	_
met thing heading	N
met thing list	]
met thing name	Z
met thing text	W
met>=2	Y
met>=3	H
met>=5	J
name and service	Y
names>=1	R
names>=2	A
names>=3	m
none	^
none called>=1	Q
none named>=1	T
none of>=2	X
none of>=5	Y
none of>=9	T
none own>=1	;
none score>=2	B
none score>=5	V
none score>=8	J
of a club	8
of all>=0.2	R
of all>=0.3	[
of all>=0.4	K
of all>=0.5	U
of all>=0.65	F
of all>=0.8	6
rank>=1	<
rank>=2	G
rank>=4	@
score>=1	a
score>=12	j
score>=2	a
score>=3	Y
score>=5	Y
score>=8	U
services>=1	c
services>=2	V
services>=3	T
share>=0.3	R
share>=0.5	Y
share>=0.7	M
share>=0.9	I
spread	e
things>=1	W
things>=2	d
things>=3	W
trade	A`,
};
