import type { LinearModel } from '../roles/linear.js';

/** Learned by `npm run train`; not written by hand. */
export const tradesModel: LinearModel = {
  classes: ["score"],
  step: 0.03875,
  bias: [0],
  weights: `at>=16	G
at>=2	R
at>=4	Q
at>=8	:
done>=1	V
done>=2	d
done>=3	a
kind of name:false	@
kind of name:none	C
kind of name:true	Q
lead>=0.3	T
lead>=0.5	C
lead>=0.6	N
lead>=0.7	S
lead>=0.8	f
lead>=0.9	E
lean>=0.3	S
lean>=0.6	M
long>=2	L
long>=3	E
met begins	S
met ends there	R
met first own	C
met first plain	Q
met for others	9
met goes on	?
met heading plain	X
met label own	R
met label plain	f
met label plain foreign	^
met list plain	[
met list plain foreign	K
met name plain	V
met name plain foreign	_
met not for others	Z
met role aside	T
met role dont	I
met role fact foreign	n
met role greeting	g
met role name	V
met role name foreign	_
met role note	L
met role other	h
met role quoted	E
met role said	3
met role unsettled	L
met role visitors	T
met role visitors foreign	7
met role wish	!
met said plain	3
met service first	K
met service heading	C
met service label	Q
met service list	[
met service name	9
met service text	^
met spread	W
met spread first	r
met spread label	:
met spread list	A
met spread name	Q
met spread said	^
met spread text	Y
met text others	[
met text own	^
met text plain	B
met text plain foreign	_
met thing first	P
met thing heading	N
met thing list	^
met thing name	Y
met thing text	V
met>=2	X
met>=3	G
met>=5	I
name and service	Y
names>=1	R
names>=2	@
names>=3	o
none	_
none called>=1	Q
none named>=1	T
none of>=2	X
none of>=5	Y
none of>=9	U
none own>=1	;
none score>=2	B
none score>=5	V
none score>=8	J
of a club	8
of all>=0.2	S
of all>=0.3	Y
of all>=0.4	J
of all>=0.5	W
of all>=0.65	E
of all>=0.8	7
rank>=1	<
rank>=2	J
rank>=4	?
score>=1	b
score>=12	i
score>=2	b
score>=3	Y
score>=5	X
score>=8	T
services>=1	d
services>=2	V
services>=3	S
share>=0.3	Q
share>=0.5	[
share>=0.7	M
share>=0.9	G
spread	f
things>=1	V
things>=2	d
things>=3	X
trade	@`,
};
