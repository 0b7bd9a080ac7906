import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03808,
  bias: [0],
  weights: `at>=16	C
at>=2	S
at>=4	R
at>=8	>
done>=1	V
done>=2	^
done>=3	b
kind of name:false	@
kind of name:none	C
kind of name:true	R
lead>=0.3	R
lead>=0.5	F
lead>=0.6	M
lead>=0.7	T
lead>=0.8	_
lead>=0.9	H
lean>=0.3	S
lean>=0.6	M
long>=2	L
long>=3	B
met begins	V
met first own	G
met first plain foreign	a
met for others	>
met goes on	_
met heading plain	^
met label own	S
met label plain	_
met label plain foreign	]
met list plain	Y
met list plain foreign	J
met name plain	U
met name plain foreign	]
met not for others	Y
met role aside	U
met role dont	B
met role fact	R
met role fact foreign	m
met role greeting	X
met role name	U
met role name foreign	]
met role note	=
met role other	k
met role quoted	9
met role said	3
met role unsettled	?
met role visitors	D
met role visitors foreign	5
met role wish	!
met role wish foreign	J
met said plain	3
met service first	F
met service heading	A
met service label	S
met service list	Y
met service name	:
met service text	_
met spread	V
met spread first	s
met spread label	:
met spread list	B
met spread name	S
met spread said	Q
met spread text	V
met text others	b
met text own	g
met text plain	D
met text plain foreign	b
met thing first	S
met thing label	M
met thing list	[
met thing name	V
met thing text	W
met>=2	W
met>=3	J
met>=5	F
name and service	W
names>=1	R
names>=2	C
names>=3	p
none	]
none called>=1	R
none called>=3	K
none named>=1	P
none of>=2	W
none of>=5	X
none of>=9	U
none own>=1	<
none score>=2	F
none score>=5	Q
none score>=8	G
of a club	8
of all>=0.2	Q
of all>=0.3	_
of all>=0.4	M
of all>=0.5	Q
of all>=0.65	J
of all>=0.8	:
rank>=1	:
rank>=2	E
rank>=4	?
score>=1	d
score>=12	o
score>=2	^
score>=3	U
score>=5	X
score>=8	Q
services>=1	b
services>=2	V
services>=3	h
share>=0.3	S
share>=0.5	X
share>=0.7	L
share>=0.9	H
spread	f
things>=1	W
things>=2	f
things>=3	T
trade	B`,
};
