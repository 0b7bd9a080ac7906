import { wayWords } from '../way-words.js';

/** What people ask and how it goes, in English, by way of working; see `way-words.ts` for how it is written. */
export const ways = wayWords(`# woodwork
? Can it be made from my own drawing? = Yes. Bring it with the measurements, and a picture of the room.
? Which wood is used?
? Is it delivered and fitted?
? What should I measure beforehand? = Height, width and depth of the place, at more than one point: few walls are straight.
> Say what and where = The size of the place, what it should hold or do, and what stands beside it.
> Drawing, wood and price = All three on one sheet, before a board is cut.
> Built and brought = Fitted where it will stand, and adjusted until it closes.
# wares
? Are there pieces to buy at once? = Some stand ready; what is there changes from week to week.
? Can I have a set made? = Yes. Say how many, which size and by when.
? How do I look after it? = A note on that goes with every piece.
? Are there seconds?
> Look and choose = What is ready can be held in the hand before you decide.
> Or have it made = Size, colour and number are written down, with a day.
> Wrapped or sent = Packed so that it arrives whole.
# cloth
? Can I bring my own material?
? How should it be washed? = How, and how hot, is written on a card that goes with it.
? How many fittings are there?
? Is there time before a wedding or a feast? = Ask as soon as the day is known; the weeks before summer fill first.
> Choose the stuff = Weight, fibre and colour are best settled with the hand, by daylight.
> Measure and sample = A small piece first, so that nobody is surprised.
> Made and finished = Pressed, with a thread or two of the same for later.
# leather
? Can old leather be saved? = Often. Dry leather is fed before anything is sewn; cracked leather has to be replaced.
? Do you fit it to the animal or the person?
? What should I bring? = The piece itself, cleaned if possible, and any strap or buckle that came off.
? How long should it last?
> Bring it in = Stitching, lining and fittings are looked at with you.
> Leather and thread are chosen = And the price is named before the first cut.
> Sewn and waxed = It goes home with a word on how to keep it supple.
# metal
? Do you fit it as well?
? Can you match an old piece? = Bring it, or a picture with a ruler beside it.
? Does it rust? = That depends on the finish: oil, paint, wax or zinc. Which suits is talked over first.
? What does it weigh?
> A sketch and sizes = With a picture of where it is to go, and what holds it there.
> Pattern and price = Drawn full size where it helps.
> Made and finished = Every edge is gone over before it leaves.
# jewellery
? Can old gold or silver be used?
? How do I find out my ring size? = By trying on a set of rings here; fingers are smaller in the morning and in the cold.
? Can a ring be made larger later? = Most can, by a size or two.
? Is it hallmarked?
> Talk and look = At stones, metals and what you already have.
> A drawing or a wax = So that you see it before it is there.
> Made to size = And tried on before it is finished.
# print
? In which form do you need the text? = As plain text, read through once more than you think necessary.
? What is the smallest number?
? Can I see a proof? = Always. Nothing is printed before you have signed one.
? Which papers are there?
> Text, size and number = With a day by which it is needed.
> A proof = To read, correct and sign.
> Printed and finished = Cut, folded or bound, and counted.
# boats
? Can she be looked at where she lies?
? When is there room? = Winter fills in autumn. A line in summer keeps a place.
? What do you need to know first? = Length, beam, draught, what she is built of, and when she last came out of the water.
? Do you work to a survey?
> Tell us about her = Length, year, material, and what troubles you.
> She is looked at = Ashore or afloat, before a price is named.
> Work, with word in between = Whatever is found on the way is shown before it is touched.
# instruments
? Can I try one first? = Yes, by appointment, and as long as you like.
? What does an instrument need in winter? = Air that is not too dry: heated rooms harm more than cold ones.
? How long is the wait for a new one?
? What is mine worth?
> Play and listen = What is wrong is easier heard than told.
> What it needs = And what it would cost, before anything is opened.
> Made or mended = And played in before it is handed over.
# commissions
? May I say how it should look? = Of course; and the sketch is changed until you see it too.
? Who owns the drawing?
? Can it stand outdoors?
? How is it paid?
> An idea and a place = Where it will be seen, by whom, and for how long.
> Sketches = Two or three, and one of them is worked out.
> Made and put up = With the fixing agreed beforehand.
# parts
? What is the smallest batch?
? Which drawings do you take? = Drawings with measures and tolerances; a worn part will do where there is none.
? Are the parts measured and recorded?
? Can you keep to a date? = A date is given with the offer, and you hear at once if anything moves it.
> Drawing or pattern = With material, number and the day it is needed.
> An offer = By the piece and by the batch.
> First piece, then the rest = The first one goes to you to be approved.
# restoring
? Will it look new? = No: it will look cared for. How far to go is agreed first.
? Does it lose value? = Good work does not. What is done can be undone, as far as that is possible.
? Is what is done written down?
? How should it be carried here? = As little wrapped as possible, standing as it stands at home, with loose parts in a bag.
> Seen and judged = What is old, what was changed, what is missing.
> A plan with a price = Step by step, so that you can stop after any of them.
> Done, and recorded = With pictures from before and after.
# bench
? Can I wait for it?
? What should I bring? = The thing itself, with lead, charger or key, and what you have noticed.
? Is there something to use meanwhile?
? What if it cannot be mended? = Then it comes back as it was, and you pay no more than was agreed.
> Hand it over = With your name, your number and a line about the trouble.
> You are rung = With the fault, the price and a day.
> Fetch it = Tried out, and with the old parts if you want them.
# vehicles
? Do I need an appointment? = For small things no; for a day’s work yes.
? Can it be fetched, or driven home?
? Which makes do you know?
? Are the old parts kept? = Until you have seen them.
> Say what it does = Make, year, mileage or hours, and when the noise comes.
> Checked first = You are told what must be done, what should, and what can wait.
> Driven before it goes back = Or run under load, until it is right.
# walls-and-roofs
? Is scaffolding in the price?
? Can it be done in winter? = Some of it. Frost stops mortar, plaster and paint; repairs against water do not wait.
? Do you know old houses?
? Do I need permission? = For listed houses mostly yes. What to ask, and whom, is said at the first visit.
> Looked at from all sides = Above, inside and in the rain, if it must be.
> Measured and priced = With what is sure and what only shows once it is open.
> Dry every evening = Nothing is left open overnight.
# pipes-and-wires
? Do you come at once when something fails?
? What should I do until somebody is here? = Turn it off at the main: the tap by the meter, or the switch in the box.
? Will it be tested and certified?
? Do you look after what others have fitted?
> Say what has happened = With the make and the age, if it is on a plate.
> Made safe first = Then the cause is looked for.
> Mended and tried = And explained, so that you know the next time.
# rooms
? May I see samples at home? = Yes. Colours and floors look different in your light.
? Who moves the furniture?
? How long can we not use the room?
? Do you do small jobs as well? = Small ones are put together with others nearby.
> Measured and chosen = In the room itself, with samples on the table.
> A price and a day = And how long the room will be out of use.
> Covered, done, swept = And looked at together before the tools are packed.
# rounds
? How often is it worth coming?
? Must I be at home? = Not for every job; say how one gets in.
? Do you bring everything? = Tools and cloths yes. Water and a socket are used where there are some.
? Can I skip a visit?
> How much and how often = A call is enough for most.
> A first visit = So that the price fits the place.
> Then on the round = On the same day, as far as the weather lets it.
# gardens
? Can you take over in the middle of the year?
? Is there a plan to look at? = For new gardens yes, with plants, paths and what it needs later.
? May trees be felled in summer? = Where birds nest it waits until autumn, unless there is danger.
? What can I do myself? = Much. What saves you money is said.
> Walk round together = Soil, sun, wet corners, and what should stay.
> First the bones = Ground, edges, paths; plants when it is their time.
> Care that suits = Weekly, monthly or twice a year.
# animals
? What do you need to know first? = Age, health, vaccinations, and what the animal fears.
? Can we come and look? = Yes, and bring it along.
? What happens if it falls ill?
? What should we bring? = Its own food and blanket, papers, and a number where you can be reached.
> Get to know each other = Animal and people, without hurry.
> Agree on the days = With what it is used to.
> Word in between = And a call if anything is unusual.
# farm-gate
? What is ready just now?
? Can we pick or look round ourselves?
? How is it grown or kept?
? How long does it keep? = What is fresh says itself by when to eat it; ask how to store the rest.
> See what there is = It changes with the week and the weather.
> Order more than a basket = A day before, so that it is picked for you.
> Fetch it = Bring back boxes, jars and cartons: they are used again.
# drink
? Can we taste?
? Do you sell to inns and shops?
? How should it be stored? = Cool, dark and standing; once open it wants to be drunk.
? Are bottles taken back?
> Taste first = As far as your way home allows.
> By the bottle or the case = Mixed, if you like.
> Fetched or sent = Packed upright, with a word on when to open it.
# larder
? What is in it? = It stands on every label, with what may not agree with somebody.
? How long does it keep, and how?
? Can I order for a feast? = Yes. Before holidays a week ahead is not too early.
? Where else can it be bought?
> Try a little = If you do not know which, ask for the edge of each.
> Take or order = Whole, cut, or in the jar.
> Keep it well = How to store it is written on the paper.
# catering
? For how many do you cook?
? What about allergies? = Say them when you order, and again on the day.
? What do you need on the spot? = Water, a socket and a level place to stand.
? Are dishes and service included?
> Say when, where, how many = And what kind of day it is.
> A menu and a price = With two ways to change it.
> On the day = Set up before the first guest, gone after the last.
# second-hand
? Do you buy as well?
? Where do things come from? = What is known of a piece is told with it.
? Can you look for something for me? = Leave a description and a number; it may take a while.
? Can I put something by?
> Look round = Not everything is in the window.
> Ask about it = Age, repairs, and what is not quite right.
> Take it along = Or have it carried.
# provisions
? Can I order by telephone?
? Where does it come from? = From as near as possible; the label says it.
? Can I bring my own jars and bags?
? What is there on which day?
> See what came in = The board at the door says it in the morning.
> Have it cut or weighed = As much as you need, not more.
> Put by = A call before noon, and it is kept for the evening.
# materials
? Do you sell by the piece, the metre and the weight?
? Can you tell me how to use it? = As well as anybody who does it, and you may ask twice.
? Are there samples?
? Can large amounts be delivered?
> Say what you are making = So that you get what fits, and no more of it.
> Measured out = By the metre, the kilo or the single screw.
> What is left over = Unopened, it can mostly come back.
# plants
? What grows in a garden like mine? = Say how much sun, wind and wet there is, and bring a picture.
? When is it planted?
? Does it come back next year? = That stands on every label.
? Do you deliver, or plant as well?
> Say where it will stand = Sun, soil and size decide more than taste.
> Choose it here = And take it home well wrapped.
> Get it through = With a word on water, cuts and frost.
# fitted
? Can I try it first? = Yes, and take your time over it.
? Can it be altered?
? What if it does not suit at home?
? Do you repair what you sell?
> Say what it is for = How often, where, and by whom it is used.
> Try it on or out = With somebody beside you who knows the size.
> Adjusted = And again after some weeks, if need be.
# guest-rooms
? Is there breakfast, and when?
? Can we bring bicycles or a dog?
? How do we get in late? = Say when you come; then somebody is up, or a key is left.
? Is there a room on the ground floor?
> Say the nights = And how many beds you need.
> Booked when you hear back = With the price and the way here.
> Arrive = You are shown where everything is.
# own-door
? What is there, and what should we bring?
? Are there beds and towels?
? How far is it to shops and water?
? May more of us come for a day?
> Choose the week = Days of arrival are fixed in summer.
> A deposit keeps it = The rest is due before you come.
> The key = How to get it is sent with the way.
# players
? Must I read music or know the part? = No; who joins in learns by doing, and there is always somebody to sit beside.
? When do you practise?
? Can you be booked for a feast?
? Do I need my own instrument or dress?
> Come to a rehearsal = Sit and listen; you need not do anything.
> Join in for a few weeks = With borrowed notes, and somebody at your side.
> Stay = And be there when it counts.
# sport
? Is there a group for beginners?
? What do I need the first time? = Clothes you can move in. The rest is lent.
? From which age, and up to which?
? Are there competitions?
> Come and try = Twice or three times without belonging.
> Find your group = By age, by pace, by day.
> Become a member = Then you are insured and have your turn.
# pursuits
? Is there a waiting list?
? Do you share tools and books?
? May children come? = Yes, with somebody who looks after them.
? Can I only look in? = Any time somebody is there.
> Look in = On any day on which the door is open.
> Ask for a place = Or a bench, a bed, a chair.
> Take part = With your own work, and a little of the common one.
# cause
? Where does the money go?
? How can I help? = With time, with things or with money; the first is rarest.
? Who can come to you?
? Does help cost anything?
> Ring or come by = You need no papers for a first talk.
> Say what you need, or can give = Both are welcome on the same day.
> It is taken on = By somebody with a name and a number.
# sights
? How long should we plan for?
? Is there something for children?
? May pictures be taken?
? What if it rains? = Part of it is under a roof; the rest asks for boots.
> See when it is open = Some days only in summer.
> Come, alone or with many = For more than ten, a line beforehand.
> Look, ask, come again = Not everything shows itself the first time.
# house-and-stage
? How many people does it hold?
? What is there: chairs, kitchen, sound?
? How do we see whether a day is free? = Ask with the day and the hours; an answer comes soon.
? Who opens and who sweeps?
> See what is on, or ask for a day = Both stand on these pages.
> Book = A place or the whole house.
> Come in = The doors open half an hour before.
# papers
? Must I come in person?
? Which papers should I bring? = Whatever came by post, unopened too, and something that shows who you are.
? What does it cost, and when is it said? = Before anything is begun, in writing.
? Who else sees what I tell? = Nobody without your leave.
> A first talk = What has happened, and by when something must be done.
> What it comes to = The way, the time and the cost, on one page.
> Done and filed = With copies for you, and what to keep.
# plans
? Do you come to look at the place?
? Which drawings do I get?
? Do you deal with offices and neighbours?
? From which size is it worth it? = Even a small job gets cheaper if it is thought through once.
> On the spot = Measured, photographed, and listened to.
> A draft = Rough enough to be changed.
> The plan = With figures that others can build and count by.
# media
? What do you need to begin? = One person who decides, and what there already is.
? How many drafts are there?
? Who owns the result?
? What happens afterwards?
> What is it for = Who should see it, and do what then.
> A first version = Early, while changing it is cheap.
> Finished and handed over = With all files and a word on how to use them.
# occasions
? How early should we ask? = As soon as the day is thought of; it costs nothing to ask.
? What if the day is moved?
? How far do you travel?
? Can we meet first? = Yes, and you should.
> A first meeting = Who you are, whom it is for, and what must not happen.
> A plan = Hour by hour, with names.
> The day = Somebody is there before you, and leaves after you.
# lessons
? Is there a first lesson to try?
? What do I need to bring?
? Can one begin as a grown-up? = Yes. Many do, and they know why.
? What happens in the holidays?
> A first hour = To see what you can do, and what you would like to.
> A day in the week = Always the same, as far as possible.
> A little every day = Short and often beats long and seldom.
# treatment
? How long does it take?
? Do I need a referral?
? What should I say beforehand? = What you take, what you do not agree with, and what was tried.
? Can I come without an appointment?
> Make a time = Morning, noon or evening.
> Say what it is = And what you would like to be different.
> Afterwards = You hear what to do at home, and when to come again.
# care
? Who comes, and is it always the same person?
? From when is there a place?
? What does the office pay?
? May we come and see? = Please do, and bring the one it is about.
> A talk at home = With those who know the daily round.
> Agreed in writing = Days, hours and what is not done.
> A few days to get used to it = Then it is talked over once more.
# hire
? Is there a deposit?
? What if something breaks? = Say it when you bring it back; most things can be put right.
? Can it be delivered and fetched?
? For how long at the least?
> Say what and when = With the day you bring it back.
> It is kept for you = Checked, charged or filled.
> Shown before you go = How it works, and what to do if it does not.
# carrying
? How much can you take?
? Do you drive at night and on Sundays?
? Is it insured on the way?
? Who loads?
> From where to where = With stairs, gates and anything heavy.
> A price and a time = Fixed, if you have told everything.
> Under way = You can ring whoever drives.
# outings
? How fit must I be?
? What should I wear and bring? = Layers, firm shoes, something to drink. A list comes with the booking.
? From which age?
? What if the weather turns? = Then it is moved or shortened, and you are told in time.
> Choose a day = And a second one, for the weather.
> Word the evening before = Whether it goes, and where to meet.
> Out and back = With somebody who knows the way.
# keeping
? Can I get at it any time?
? Is it dry, and is it watched?
? How much room do I need? = Say what it is; most people need less than they think.
? How do I give notice?
> See the place = And measure what you bring.
> Sign for it = By the month or the year.
> Move in = With a key, a code or a number on a berth.`);
