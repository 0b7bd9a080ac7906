/** First names common in the places whose languages briefs come in: what begins with one is likely a person. */
export const GIVEN_NAMES = new Set(
  `Aadi Aadidev Aadinath Aaditya Aadrika Aagam Aagney Aagneya Aaliyah Aalok Aaltje Aamod Aanand Aanandaswarup
Aanandinii Aanjaneya Aaratrika Aaron Aarón Aarya Aaryan Aasa Aasha Aashritha Aatmaj Aatmaja Aatreya
Aayushmaan Aayushman Aba Abaco Abadon Abagail Abak Abaka Abakan Abakay Abani Abar Abay Abbey Abbie Abbigail
Abbondanza Abbondanzio Abbondio Abby Abd Abdallah Abdel Abdelkader Abdellah Abderrahmane Abdiel Abdon Abdone
Abdonie Abdou Abdoul Abdoulaye Abdourahmane Abdramane Abdul Abdullah Abe Abel Abelard Abelardo Abele Abelin
Abeline Abena Abenzio Abélard Abhaidev Abhaya Abhirath Abhisyanta Abibo Abigaelle Abigaël Abigaëlle Abigail
Abigaïl Abigale Abigayle Abluç Abner Abondance Aboubacar Aboubakar Abraham Abrahám Abramio Abramo Abril
Absalon Absolon Absolón Aby Acace Acacie Acacio Acanthe Acario Acaryatanaya Accursio Achaire Achalesvara
Acharyanandana Acharyasuta Achil Achiles Achille Achim Achintya Achraf Achyut Acilia Acilio Aciscolo Acrisio
Açuk Ada Adaeze Adah Adalan Adalard Adalardo Adalbald Adalbaude Adalbert Adalberta Adalberto Adalbéron
Adalfredo Adalgisa Adalgiso Adaline Adalric Adalrico Adalsinde Adam Adama Adame Adamo Adan Adar Adán
Adberilgen Addie Addison Addo Addolorata Adegrin Adegrine Adel Adela Adelaida Adelaide Adelaïde Adelajda
Adelardo Adelasia Adelbert Adelberto Adelchi Adele Adelfo Adelgardo Adelheid Adelia Adelie Adelin Adelina
Adeline Adell Adella Adelle Adelmo Adelphe Adeltrude Adem Aden Adenet Adeodato Adèle Adéla Adélaïde Adélie
Adéodat Adheesh Adhémar Adhiraj Adhrit Adib Adikavi Adil Adin Adina Adinath Aditeya Aditya Adityanandan
Adityanandana Adja Adjutor Adolf Adolfa Adolfína Adolfo Adolph Adolphe Adolphie Adolphus Adone Adonis
Adonise Adrain Adraman Adrastée Adrehilde Adria Adrian Adriana Adrianna Adriano Adrián Adriána Adriel Adrien
Adriena Adrienne Adrione Adripathi Advaya Adwitiya Adwoa Afra Afro Afton Agabio Agamennone Agape Agapet
Agapito Agasti Agastya Agata Agatha Agathange Agathe Agathon Agaton Agazio Agáta Agenore Agesilao Agilbert
Agilberte Aglae Aglaé Aglaja Agnan Agnane Agneflète Agnes Agnese Agneta Agneya Agnès Agnieszka Agnimitra
Agniprava Agnivesh Agostina Agostino Agrata Agrippa Agrippin Agrippine Agrypina Agustin Agustina Agustín
Ahalya Ahilya Ahmad Ahmed Ahmet Aiace Aicha Aida Aidan Aidano Aiden Ailean Aileen Ailsa Aimable Aimee Aimé
Aimée Aimone Aina Ainhoa Aisha Aishani Aissatou Aitor Aiyana Aïcha Ajeet Ajit Ak Akata Akbay Akbörü Akbudak
Akbulak Akça Akçakoca Akçora Akdemir Akeem Akkun Akkunlu Akkurt Akram Akroor Aksel Akshainie Akshaj Akshat
Akshata Akshayakeerti Akshita Aksil Aksungur Aktan Akula Al Ala Alaban Alabörü Aladino Alain Alaina Alaine
Alaïs Alakurt Alamanno Alan Alana Alanis Alanna Alano Alarico Alasdair Alassane Alastair Alayna Alayunt
Alayuntlu Alba Alban Albane Albano Albena Alberico Albert Alberta Alberte Albertha Albertina Albertine
Alberto Albertýna Albérade Albéric Albin Albina Albino Albín Albína Alboino Albrecht Albrico Alceo Alceste
Alcibiade Alcide Alcidie Alcime Alcina Alcine Alcino Alcyone Alda Aldegonde Aldemir Alden Aldo Aldobrando
Aldonce Aldric Alea Aleandro Aleardo Aleaume Alec Aled Aleen Alejandra Alejandrin Alejandro Alek Aleksandar
Aleksander Aleksandra Aleksy Alen Alena Alene Aleramo Alessa Alessandra Alessandro Alessia Alessio Aleth
Aletha Alex Alexa Alexander Alexandr Alexandra Alexandre Alexandrea Alexandria Alexandrine Alexandro Alexane
Alexanne Alexej Alexia Alexie Alexine Alexis Alexys Alexzander Aleyna Alf Alfie Alfio Alfons Alfonsa Alfonso
Alfonzo Alford Alfred Alfreda Alfredo Alfréd Alfréda Algiso Algu Ali Alia Alica Alice Alicia Alicja Alida
Alienor Aliette Aliénor Alighiero Alima Alina Aline Aliou Alisa Alisha Alison Alissa Alistair Alivia Alix
Alixe Aliya Aliyah Aliza Alize Alizee Alizé Alka Alkabölük Alkaevli Alkan Allan Allegra Allen Allene
Alliaume Allie Allison Ally Alma Almerigo Almine Almire Almiro Alois Aloisia Aloisie Aloisio Aloïs Aloïse
Alojz Alojzije Alok Alon Alone Alonzo Aloys Aloyse Alp Alpagut Alparslan Alpata Alpay Alpaya Alpbilge
Alpdirek Alper Alperen Alpertunga Alpgerey Alpha Alphée Alphonse Alphonsine Alphonso Alpilig Alpinien
Alpkara Alpkutlu Alpkülük Alptegin Alptunga Alpturan Alptutuk Alpurungu Alpurungututuk Alpyörük Alta Altan
Altankan Altay Altea Althea Althée Alton Altuga Alun Alva Alvah Alvar Alvaro Alvena Alvera Alverède Alverta
Alviero Alvin Alvina Alvis Alvise Alwar Alwin Aly Alya Alyah Alyce Alycia Alysa Alysha Alyson Alyssa Alyssia
Alysson Ama Amabela Amabile Amaç Amadeo Amadeus Amadou Amaël Amaia Amalia Amaliane Amalie Amalric Amalthée
Amand Amanda Amande Amandin Amandine Amando Amani Amant Amante Amanzio Amar Amara Amaranaath Amarande
Amaranthe Amaranto Amaresh Amari Amarnath Amaryllis Amata Amato Amatore Amauri Amaury Amaya Amálie Amát
Amáta Ambar Amber Ambra Ambre Ambrine Ambrogio Ambroise Ambroisie Ambrose Ambrosiano Amedeo Amel Amelia
Amelie Ameline Amelio Amely America Americo Amerigo Ameyatma Amédée Améliane Amélie Amélien Améthyste Amicie
Amico Amie Amiel Amilcare Amin Amina Aminata Amine Aminte Amintore Amir Amira Amish Amiya Amleto Amodini
Amogh Amon Amone Amore Amos Amour Amparo Ampelio Amrak Amrit Amrita Amritambu Amul Amy Amya Ana Anaadi
Anabel Anabela Anabelle Anacleto Anae Anael Anaelle Anaël Anaëlle Anagh Anahi Anais Anaïs Anal Anala Anamika
Anand Ananda Anandamayi Anang Ananta Anas Anasooya Anass Anastacio Anastase Anastasia Anastasie Anastazja
Anastáz Anastázie Anasuya Anatázie Anatol Anatole Anatolia Anatolie Anatólie Ancelin Anceline Ancilla Ançuk
Ander Anders Anderson Andéol Andi Andoche Andoni Andre Andrea Andreane Andreanne Andreas Andrei Andrej
Andres Andreu Andrew André Andréa Andréas Andrée Andrés Andromeda Andrzej Andy Ane Anes Aneta Anette Aneurin
Anémone Angadrême Ange Angel Angela Angelica Angelika Angelina Angeline Angelines Angelique Angelita Angelo
Angèle Angélina Angélique Angharad Angie Angilbe Angilberte Angilran Angoustan Angus Angustias Ania Anibal
Anicet Aniceto Anicette Anicée Aniello Anika Anil Anila Anilaabh Anilabh Anis Anish Anissa Anita Aniya
Aniyah Anja Anjali Anjaneya Anjushree Anjushri Ankal Anke Ann Anna Annabel Annabell Annabella Annabelle
Annaëlle Annagrazia Annalena Annalise Annamae Annamaria Annamarie Annapurna Anne Annegret Anneke Anneli
Annelie Anneliese Annemarie Annemijn Annetta Annette Anni Annibal Annibale Annick Annie Annika Annonciade
Annunziata Anny Anouck Anouk Ansaldo Ansbert Ansberte Ansel Anselm Anselma Anselme Anselmo Ansgar Ansgary
Anshula Ansley Ansovino Anstrudie Ant Antal Antea Antelmo Antero Anthelme Anthelmette Anthony Antide
Antigone Antimo Antino Antioco Antía Antje Antoine Antoinette Anton Antone Antonella Antonello Antonetta
Antonette Antoni Antonia Antonie Antonietta Antonin Antonina Antonine Antonio Antonín Antony Antón Antwan
Antwon Anuja Anunay Anuraag Anurag Anusuya Anwen Anwesha Anxo Anya Aoibheann Aoibhín Aoife Aonghas Apa Apak
Apatarkan Aphélie Apolena Apollina Apollinaire Apollinare Apollinary Apolline Apollo Apollonia Appia
Appoline Aprançur April Apsara Apuleio Aquilin Aquiline Aquilino Ara Arabela Arabella Arabelle Araceli
Aracely Arademir Aral Araldo Aram Aranka Arantxa Aratone Arbay Arbuz Arcade Arcadie Arcadio Arch Archambaud
Archan Archange Archibald Archie Archimede Archippo Arcibaldo Arçuk Arda Ardella Arden Ardith Ardito Arduino
Arely Aresio Areta Argelia Argimiro Argine Argo Argu Argun Ari Ariadna Arialdo Arian Ariana Ariane Arianna
Ariberto Aric Aricie Arie Ariel Ariela Ariele Arielle Arij Arindam Ariosto Aris Aristarco Ariste Aristeo
Aristid Aristide Aristione Aristo Aristofane Aristotele Arjun Arkadiusz Arkady Arkád Arlene Arleta Arlette
Arlie Arlo Arman Armance Armand Armande Armandine Armando Armani Armel Armeline Armelle Armida Armide Armin
Armine Arminio Arna Arnaç Arnaldo Arnau Arnaud Arnaude Arne Arnesh Arno Arnold Arnolda Arnoldo Arnould
Arnulfo Arolde Aron Aronne Arpat Arpád Arrigo Arsal Arsen Arseniusz Arsène Arsènie Arsinoé Arslan
Arslanargun Arslanbörü Arslansungur Arslantegin Arslanyabgu Art Artemis Artemisa Artémis Arthaud Arthème
Arthur Arthurine Arthus Arto Artuk Artukaç Artur Arturo Artus Artut Aruk Arun Aruna Arved Arvel Arvid
Arvilla Arwa Arwen Arya Aryan Aryanna Arystarch Arzen Asa Asartegin Ascanio Ascelin Asceline Ascension
Asdrubale Asel Asella Asha Ashlee Ashleigh Ashlesh Ashley Ashly Ashlynn Ashok Ashton Ashtyn Asia Asier
Asimodeo Asiya Aslesha Asma Asmaa Assa Assetou Assia Assil Assomption Assunta Assunto Assya Astarté Asterio
Astérie Astianatte Astou Astrée Astrid Astrida Astride Asunción Asya Ataç Atakan Atalan Ataleo Ataman Atanas
Atanasia Atanasio Atanazy Atanázie Atasagun Atasu Atberilgen Athalie Athanase Athanasie Athena Athenaïs
Athéna Athénaïs Athina Athos Atila Atmaca Atmaja Atmanand Atmananda Atreyee Atreyi Attila Attilano Attilio
Atunçu Aube Aubertine Auberto Aubin Aubree Aubrey Aubry Audace Aude Audebert Audeline Audie Audouin Audra
Audran Audreanne Audrey August Augusta Auguste Augustin Augustina Augustine Augusto Augustus Augustýn
Augustýna Aura Aure Aurel Aurelia Aureliano Aurelián Aurelie Aurelien Aurelio Aurelle Aurèle Aurélie
Aurélien Aurélienne Aurian Auriane Auro Aurora Aurore Ausilia Ausiliatrice Ausilio Austen Austin Austyn
Autumn Auxane Auxence Ava Avadhesh Avani Avantika Avar Ave Aveline Averardo Avery Avi Aviel Avigaëlle Avis
Avital Avluç Avoye Avril Awa Axel Axeline Axelle Ay Aya Ayaan Ayah Ayana Ayas Ayaz Aybalta Ayban Aybars
Aydan Aydemir Ayden Ayem Aykan Aykurt Ayla Aylan Ayleen Aylin Ayline Ayluç Ayluçtarkan Ayma Ayman Aymane
Aymard Aymardine Aymen Aymeric Aymon Aymonde Ayodele Ayruk Ayse Ayşe Aytak Ayushmati Aza Azak Azalée Azban
Azeglio Azelia Azeline Azelio Azélie Azgan Azganaz Azra Azzurra Ángel Ángela Åke Åsa Baala Baalaaditya
Baalagopaal Babeta Babette Babila Babur Baby Bacco Badabul Badruk Badur Bahula Baidehi Baijayanti Bailee
Bailey Bakula Bala Balaaditya Balaban Balachandra Baladitya Balagopal Balagovind Balaka Balakatay Balamani
Balçar Baldassarre Balderico Baldo Baldomero Baldovino Baldu Baldwin Balgopal Balta Baltar Baltazar
Balthasar Balthazar Baltur Balwinder Bambina Bandhu Bandhul Bangu Bankim Bankimchandra Baptiste Barak
Baraktöre Baran Barbara Barbarigo Barbe Barbol Barbora Barbro Barbulsun Barça Bardo Bardomiano Bargan Baris
Barkan Barkdurdu Barlas Barmaklak Barman Barnaba Barnabas Barnabé Barnaby Barney Baron Barrett Barry Bars
Barsaba Barsgan Barsimeo Barskan Barsurungu Bart Barthélemy Bartholome Bartholomew Bartimée Bartolo
Bartolomea Bartolomeo Bartomeu Barton Bartosz Bartu Bas Basanti Basil Basile Basileo Basilia Basilio
Basilisse Bassiano Bassilla Bastian Bastiano Bastien Bathilde Batilda Battista Batuhan Baudouin Baylee Baz
Bazil Bazyli Bea Beat Beata Beate Beato Beatrice Beatrix Beatriz Beatrycze Beatus Beau Beaulah Beáta Becky
Begoña Bela Belina Belinda Bell Bella Belle Bellino Beltramo Ben Benedetta Benedetto Benedict Benedikt
Benedikta Benedykt Bengt Beniamin Beniamina Beniamino Benigna Benigno Benito Benjamin Benjamín Bennet
Bennett Bennie Benno Benny Benoît Bent Bente Benthe Benton Benvenuta Benvenuto Berardo Berat Berengario
Berenice Berenika Berit Berkay Bernabé Bernadetta Bernadette Bernadine Bernard Bernarda Bernarde Bernardo
Bernd Berneice Bernhard Bernice Bernie Berniece Bernita Beronico Berry Bert Berta Bertha Berthe Bertie
Bertille Bertold Bertolda Bertoldo Bertolfo Bertram Bertrand Beryl Bessie Beth Bethan Bethany Bethel Beto
Betsy Betta Bette Bettie Bettina Betty Bettye Beulah Beuve Beverly Bex Béatrice Bénédicte Bénigne Béranger
Bérangère Bérard Bhaanumati Bhaasvan Bhaaswar Bhadra Bhadrak Bhadraksh Bhadran Bhagavaan Bhagirathi Bhagvan
Bhagwanti Bhagwati Bhamini Bhanumati Bharadwaj Bharat Bhardwaj Bhargava Bhargavi Bhasvan Bhaswar Bhaumik
Bhavani Bhaves Bheeshma Bhilangana Bhima Bhisham Bhishma Bhoj Bhoopat Bhoopati Bhooshan Bhooshit Bhramar
Bhudev Bhudeva Bhupati Bhupen Bhushan Bhushit Bhuvanesh Bhuvaneshwar Biagio Bianca Bianka Bibi Bibiana
Bibianna Biel Bilal Bill Billie Billy Bilva Bilwa Bim Bina Binta Birdie Birgit Birgita Birgitta Birjesh
Birte Bishnu Bittor Bivoj Bjarne Björn Blahomil Blahomila Blahomír Blahomíra Blahoslav Blahoslava Blair
Blaise Blake Blanca Blanche Blandine Blanka Blas Blaze Bo Bob Bobbi Bobbie Bobby Bodhan Bodo Bohdan Bohdana
Bohémond Bohuchval Bohumil Bohumila Bohumír Bohumíra Bohun Bohuna Bohuslav Bohuslava Bojan Bojana Boje
Bojislava Bolemír Boleslav Boleslava Bon Boniface Bonifác Bonita Bonnie Borek Boris Borislav Borislava Borys
Boubacar Bouchard Bowie Boyd Brad Braden Bradford Bradley Bradly Brady Braeden Brahma Brahmaanand
Brahmabrata Brahmanandam Brahmdev Brain Brais Brajan Brajendra Brajesh Bram Brandi Brando Brandon Brandt
Brandy Brandyn Branimír Branimíra Branislav Branislava Brannon Branson Brant Bratislav Bratislava Braulio
Braxton Brayan Breana Breanna Breanne Breixo Brenda Brendan Brenden Brendon Brenna Brennan Brennon Brent
Bret Brett Bria Briac Brian Briana Brianne Brice Bridget Bridgette Bridie Brielle Brieuc Brigita Brigitta
Brigitte Brijesh Brionna Brisa Brit Brita Britney Britt Brittany Bríd Brock Broderick Brody Bronagh
Bronislav Bronislava Bronwen Brook Brooke Brooklyn Brooks Brown Bruce Bruna Brunehaut Brunehilde Brunhilda
Bruno Bryan Bryana Bryant Bryce Brycen Brygida Bryn Bryon Bubba Buck Bud Buddhana Buddy Budhil Budimír
Budislav Budivoj Buford Bulah Burak Burdette Burgi Burkhard Burley Burnice Buster Byron Cade Caden Caesar
Caitlin Caitlyn Cale Caleb Caleigh Cali Calista Calixte Callie Callum Calvin Camden Cameron Camélien Camila
Camilla Camille Camillien Camino Camren Camron Camryn Camylle Can Candace Candela Candelaria Candelario
Candice Candida Candide Candido Capucine Cara Carey Caribert Caridad Carina Carine Carissa Carl Carla Carlee
Carles Carleton Carley Carli Carlie Carlijn Carlo Carloman Carlos Carlota Carlotta Carlton Carmel Carmela
Carmella Carmelo Carmen Carmine Carol Carolanne Carole Carolin Carolina Caroline Carolyn Carolyne Carrie
Carroll Carson Carsten Carter Cary Carys Casandra Casey Casimer Casimir Caspar Casper Cassandra Cassandre
Cassidy Cassie Cassien Cataleya Catalina Caterina Cathal Catharina Catharine Catherine Cathrine Cathryn
Cathy Cato Catrin Catriona Cayetano Cayla Ceasar Cecelia Cecil Cecile Cecilia Cecilie Cecílie Cecylia
Cecyliusz Cedric Cedrick Cedrik Celestin Celestina Celestine Celestino Celestýn Celestýna Celia Celie Celina
Celine Celso Cem Ceri Ceridwen Cerys Cesar Ceyda Ceylin Cezary Cécile Cédric Céleste Célestin Célestine
Célien Céline Césaire César Cézar Chaanakya Chaaruchandra Chad Chadd Chadrick Chaim Chaitan Chakor
Chakradhar Chakravartee Chakravarti Chakrika Chanakya Chance Chanda Chandak Chandan Chandani Chandi Chandini
Chandira Chandler Chandni Chandra Chandraayan Chandrabhaga Chandrabhan Chandradev Chandrakala Chandraketu
Chandrakin Chandramani Chandramauli Chandramohan Chandran Chandranath Chandrani Chandraprabha
Chandraswaroopa Chandravati Chanel Chanelle Chantal Chapal Chapala Charak Charity Charlaine Charleen
Charlemagne Charlene Charles Charley Charlie Charline Charlotta Charlotte Charuchandra Charumati Charuvrat
Charvi Chase Chasity Chaten Chatur Chatura Chaturaanan Chaturbhuj Chauncey Chaya Chayenne Chaz Chelo Chelsea
Chelsey Chelsie Chema Cheryl Chesley Chester Chet Chetan Chetanaanand Cheyanne Cheyenne Chiara Chidaakaash
Chidaatma Chidambar Chidambaram Chidananda Chidi Childebert Chilpéric Chinedu Chinmayanand Chinmayananda
Chioma Chiranjeev Chiranjeeve Chitraksh Chitrali Chitramala Chitrangada Chloe Chloé Chon Chraniboj Chranibor
Chranislav Chranislava Chrétien Chris Christ Christa Christel Christelle Christer Christian Christiana
Christiane Christiano Christie Christin Christina Christine Christodule Christof Christoffer Christop
Christoph Christophe Christopher Christy Chrysole Chrysostome Chus Chuy Chval Chyna Ciara Ciarán Cicero
Cielo Cierra Cillian Cindy Citlali Citlalli Claas Claes Clair Claire Clara Clarabelle Clare Clarence
Clarissa Clarisse Clark Claud Claude Claudia Claudie Claudien Claudine Claudio Claus Clay Clayton Cledwyn
Clemens Clement Clemente Clementina Clementine Clemmie Cleo Cleora Cleta Cletus Cleve Cleveland Cléandre
Clélie Clémence Clément Clémentine Cléry Clifford Clifton Clint Clinton Clio Clive Clotaire Clotilde Clovis
Cloyd Clyde Coby Coco Cody Coinneach Col Colby Cole Coleman Colette Colin Coline Colleen Collien Collin Colt
Colten Colton Columbus Concepcion Concepción Conception Concha Conchi Conchita Conner Connie Connor Conny
Conor Conrad Constance Constant Constantin Consuelo Cooper Cora Coralie Coraline Corbin Cordelia Cordell
Cordia Cordie Corene Corentin Corentine Corey Corine Corinna Corinne Cormac Cornelia Cornelius Cornell
Corrine Cortez Cortney Corvin Cory Cosima Cosme Coty Courtney Covadonga Coy Côme Craig Crawford Creola
Cristal Cristian Cristián Cristina Cristobal Cristopher Cristóbal Cruz Crystal Crystel Ctibor Ctibora Ctirad
Ctirada Ctislav Ctislava Cullen Curt Curtis Cuthbert Cydney Cynthia Cyntie Cyprián Cyprien Cyra Cyriaque
Cyrielle Cyril Cyrila Cyrille Cyrus Cyryl D'angelo Daan Daantje Daevi Daevika Dafydd Dag Dagmar Dagmara
Dahlia Dai Daija Daisha Daisy Daiwik Dakota Daksha Dakshayani Dale Dalibor Dalibora Dalida Dalie Dalila
Dalimil Dalimila Dalimír Dalimíra Dallas Dallin Dalton Damaris Damayanti Dameon Damian Damiana Damián
Damiána Damien Damion Damodara Damon Dan Dana Dandak Dandapaani Dandre Dane Dangelo Dani Danial Danica
Daniel Daniela Daniele Daniella Danielle Danika Danilo Danique Dannie Danny Dante Danuta Danyka Daphne
Daphnee Daphney Daphné Darby Darek Daren Daria Darian Dariana Darie Darien Darin Darina Dario Darion Darius
Dariusz Darja Darla Darleen Darlene Darnell Daron Darrel Darrell Darren Darrick Darrin Darrion Darron Darryl
Darshan Darshwana Darwin Daryl Dashawn Dasia Datta Dave David Davida Davide Davin Davina Davion Davon
Davonte Dawid Dawn Dawson Dax Dayaamay Dayaananda Dayaanidhi Dayamayee Dayana Dayna Dayne Dayton Dean
Deangelo Deanna Deb Debbie Deborah Debra Debs Declan Dedric Dedrick Dee Deeksha Deenabandhu Deepa Deepak
Deepali Deepan Deepankar Deependra Deepesh Deeptanshu Deeptendu Deeptiman Defne Deion Deirdre Deja Dejah
Dejon Dejuan Delaney Delbert Delfina Delia Delilah Dell Della Delmer Delores Delpha Delphia Delphin Delphine
Delroy Delta Delyth Demarco Demarcus Demario Demelza Demetris Demetrius Demetriusz Demi Demond Dena Denis
Denise Deniz Dennis Denny Denzil Deon Deondre Deontae Deonte Dereck Derek Derick Dermot Deron Derrick
Deshaun Deshawn Desiree Desmond Dessie Destany Destin Destinee Destiney Destini Destiny Detlef Detlev Dev
Devan Devante Deven Devin Devon Devonte Devyn Dewayne Dewey Dewi Dewitt Dexter Débora Désiré Di Diamond
Diana Diane Dianna Dianne Dickon Didier Diede Diego Dieke Dieter Dietmar Dietrich Dieudonné Dieudonnée Digby
Dilara Dillan Dillon Dilys Dimitri Dina Dinah Dino Dion Dionisio Dionizy Dirk Dixie Djenna Dmitri Dock Dolly
Dolores Domenic Domenica Domenick Domenico Domenik Domhnall Domingo Dominic Dominick Dominik Dominique Don
Donal Donald Donato Donavon Donna Donncha Donnell Donnie Donny Dora Dorcas Doreen Dorian Doriane Dorine
Doris Dorota Dorotea Dorothea Dorothée Dorothy Dorris Dortha Dorthy Dottie Douce Doug Dougal Douglas Dovie
Doyle Dörte Dragan Drake Drew Dua Duane Dudley Dulce Duncan Durward Dustin Dusty Dwayne Dwight Dylan Dympna
Eamon Earl Earlene Earline Earnest Earnestine Easter Easton Ebba Eberhard Ebony Eckhard Ecrin Ed Eda Edd
Eddi Eddie Eddy Edeltraud Eden Edgar Edgard Edgardo Edilberto Edison Edith Edmée Edmond Edmund Edna Eduard
Eduardo Edurne Eduviges Edvin Edward Edwardo Edwin Edwina Edyta Edyth Edythe Eef Eefje Efe Effie Efraim
Efrain Efrem Efren Ege Egon Eike Eileen Eilidh Einar Eino Eira Eirik Eirlys Ela Eladio Elaina Elaine Elanur
Elbert Elda Eldon Eldora Eldred Eldridge Elea Eleanor Eleanora Eleanore Eleazar Electa Elen Elena Eleni
Elenor Elenora Eleonora Eleonore Eleri Elfed Elfrieda Elfriede Eli Elia Eliah Elian Eliana Eliane Elias
Eliasz Eliezer Elif Elijah Elin Elina Eline Elinor Elinore Elisa Elisabeth Elise Eliseo Elisha Elissa Eliza
Elizabeth Elize Elías Elke Ella Elle Ellen Ellery Elli Ellie Elliot Elliott Ellis Ellsworth Elly Elmer
Elmira Elmo Elmore Elna Elnora Elodie Elody Eloisa Eloise Elouise Eloy Elroy Elsa Elsbeth Else Elsie Elspeth
Elta Elton Eluned Elva Elvera Elvie Elvira Elvis Elwin Elwira Elwyn Elynn Elyse Elyssa Elza Emanuel Emelia
Emelie Emely Emerald Emerson Emery Emie Emil Emile Emilia Emilian Emiliano Emilie Emilio Emily Emir Emirhan
Emlyn Emma Emmalee Emmanuel Emmanuelle Emmelie Emmely Emmet Emmett Emmi Emmie Emmitt Emmy Emory Emre Emrys
Emyr Ena Encarna Encarnación Eneko Enes Engelbert Enguerrand Enid Enie Enna Enno Enoch Enola Enora Enos
Enrico Enrique Enya Enzo Ephraim Era Erast Eren Erhard Eriberto Eric Erica Erich Erick Ericka Erik Erika
Erin Erling Erma Erna Ernest Ernestina Ernestine Ernesto Ernie Ernst Ervin Erwan Erwin Eryn Esma Esmee
Esmeralda Esmé Esmée Esperanza Esra Essie Esta Esteban Estefania Estefanía Estel Estela Estell Estella
Estelle Ester Estera Estevan Esther Estrella Etha Ethan Ethel Ethelyn Ethyl Etienne Ettie Euan Eubert Eudes
Eudokia Eudoksja Eudora Eudoxe Eudoxie Eufemia Eugen Eugene Eugenia Eugeniusz Eugène Eugénie Eula Eulah
Eulalia Eulalie Euna Eunice Euphrasie Eusebia Eusebio Eusèbe Eusébie Eustache Eustracjusz Eva Evalyn Evan
Evangeline Evans Evaristo Eve Evelien Evelin Evelina Eveline Evelyn Evelyne Even Everardo Everett Everette
Evert Evi Evie Evy Ewa Ewald Ewan Ewelina Ewell Ezekiel Ezequiel Ezra Ève Édith Édouard Églantine Éleuthère
Éléonore Élia Éliane Élie Élisabeth Élise Élisée Élodie Éloïse Élzéar Émeline Émeric Émérance Émérencie
Émile Émilie Émilien Épiphane Éric Étienne Évangéline Évariste Évelyne Évrard Fabian Fabien Fabienne
Fabiënne Fabio Fabiola Fabrice Fae Faith Falba Falk Famke Fannie Fanny Fantin Fantine Farah Fardau Farhan
Farida Fatima Fatma Fatou Faustine Faustino Fausto Favian Fay Faya Faye Fayen Fayenne Febe Federico Felicia
Felicita Felicitas Felicity Feliks Felina Feline Felipa Felipe Felisa Felix Felton Fem Femi Femke Femm Fenja
Fenna Fenne Ferdie Ferdinand Ferdl Ferdynanda Fergus Fermin Fermina Fermín Fern Fernand Fernande Fernando
Ferne Ferran Félicie Félicité Féline Félix Ffion Fiacre Fidel Fidèle Fieke Fien Fiene Fiep Fiete Filemon
Filiberto Filip Filipa Filomena Filou Finbar Fine Finia Finja Finlay Finley Finn Finnja Finnley Fintan Fiona
Fionn Fionnuala Firmin Fitz Flavia Flavie Flavien Flavio Fleta Fletcher Fleur Flo Flodoard Floor Floortje
Flora Flore Florence Florencia Florencio Florencja Florent Florentine Florentino Florestan Florian Florida
Florie Florine Flossie Floy Floyd Folake Ford Forest Forrest Fortuné Fortunée Foster Foulques France Frances
Francesca Francesco Francette Francia Francine Francis Francisca Francisco Francisque Franciszek Franciszka
Franco François Françoise Frank Franka Frankie Franklin Franz Franzi Franziska Franzl Frauke Fred Freda
Freddie Freddy Frederic Frederick Frederik Frederike Frederique Fredrick Fredrik Fredy Freeda Freeman Freida
Freya Frédéric Frédérique Frida Fridolin Frieda Friederike Friedhelm Friedrich Fritz Fryderyk Fulbert
Fulcran Fulgence Furkan Furman Fynn Gabe Gabi Gabin Gabriel Gabriela Gabriele Gabriella Gabrielle Gael
Gaetano Gaël Gaëlle Gage Gaia Gail Galfryd Garance Garazi Gardner Gareth Garett Garfield Garland Garnet
Garnett Garnier Garret Garrett Garrick Garrison Garry Garth Gary Gaspar Gaspard Gaston Gatien Gaud Gautier
Gavin Gayle Gaz Gedeon Gene General Genesis Geneva Genevieve Geneviève Gennaro Genoveva Geo Geoff Geoffrey
Geoffroy Georg George Georges Georgette Georgia Georgiana Georgianna Geovanni Geovanny Geovany Geraint
Gerald Geraldine Gerard Gerardo Gerazym Gerberge Gerbert Gerd Gerda Gerhard Gerhild Gerlinde Germain
Germaine German Germán Gernot Gerold Gerrit Gerry Gerson Gertrud Gertruda Gertrude Gervais Gesa Gethin
Gédéon Gérald Gérard Géraud Ghislain Ghislaine Gia Giada Gian Gianluca Gianni Gideon Gigi Gilbert Gilberte
Gilberto Gilda Gildardo Gildas Giles Gilles Gillian Gina Ginette Ginewra Ginger Gino Gioia Giorgio Giovani
Giovanna Giovanni Giovanny Girart Gisela Giselle Gisèle Gislebert Gisselle Gitta Giulia Giuliana Giuliano
Giuseppe Gladyce Gladys Glen Glenda Glenn Glenna Glennie Glenys Gloria Glyn Glynis Godfrey Golda Golden
Gondebaud Gonsalwy Gonthier Gontran Gonzague Gonzalo Gordon Gorka Goronwy Gottfried Goyo Göran Grace Gracie
Graciela Gracja Grady Graham Grant Granville Grayce Grayson Gráinne Green Greg Gregg Gregor Gregoria
Gregorio Gregory Greta Gretchen Greyson Grégoire Griffin Grit Grover Grzegorz Guadalupe Gudrun Guenièvre
Guénolé Guérin Gui Guido Guilhemine Guillaume Guillemette Guillermina Guillermo Guiseppe Gun Gundula Gunilla
Gunnar Gunnel Gunner Gurpreet Gus Gussie Gust Gustav Gustave Gustavine Gustavo Guusje Guy Guyot Güicho
Günter Günther Gwen Gwenaël Gwenaëlle Gwenda Gwendolen Gwendolyn Gwenllian Gwido Gwilym Gwyn Gwyneth Gwynfor
Hadley Hafsa Hagen Hailee Hailey Hailie Haizea Hakan Hal Haleigh Haley Halie Halle Hallie Hamish Hamza Hana
Hank Hanna Hannah Hanne Hannelore Hannes Hanno Hans Hansjörg Hanspeter Hansruedi Hansueli Harald Hardouin
Hardy Harlan Harley Harmon Harmony Harold Harpreet Harriet Harrison Harry Hartmut Hartung Hartwig Harvey
Hasan Haskell Hassan Hassie Hattie Hauke Haven Hayden Haylee Hayley Haylie Hazel Hazle Håkan Håkon Heath
Heather Heaven Heber Hector Hedda Hedwig Hefin Heidi Heidrun Heike Heiko Heiner Heinrich Heinz Heledd Helen
Helena Helene Helga Helin Hellen Helmer Helmut Heloise Henderson Hendrik Hendrika Hennes Henning Henri
Henrick Henrietta Henriette Henrik Henrike Henry Henryk Henryka Herbert Heribert Herluin Herman Hermann
Hermenegildo Hermina Hermine Herminia Herminio Hernando Hernán Hershel Herta Hertha Hervé Hester Hettie
Hetty Heulwen Hédelin Hélène Hélier Héloïse Hias Hidaya Hieronim Hieronymus Hilaire Hilario Hilarion Hilary
Hilbert Hilda Hildebert Hildegard Hilke Hillard Hillary Hilma Hilton Hiltrud Hincmar Hinnerk Hinrich Hipolit
Hipolito Hippolyte Hira Hiram Hobart Holden Holger Hollie Hollis Holly Homer Homero Honor Honoré Honorine
Honorio Hope Horace Horacio Horacy Horst Hortense Hortensia Hosea Houston Howard Howell Hoyt Hubert Hudson
Hugh Hugo Hugues Huguette Hulda Humberto Humphrey Hunter Hussein Huw Hyman Hywel Iain Ian Ibrahim Ibrahima
Icie Ida Idell Idella Idoia Idris Idwal Iestyn Ieuan Ifan Ifeoma Ignacio Ignacy Ignatius Ignaz Igone Igor
Ike Iker Ila Ilaria Ilayda Ildefonso Ilene Iliana Ilias Ilja Ilka Ilona Ilse Ilyas Ima Imani Imelda Imke
Immanuel Imogen Imogene Imran Ina Inara Inaya Indy Ines Inez Inès Inés Inga Inge Ingeborg Inger Ingo Ingrid
Inka Inken Inmaculada Innes Innocent Innocenty Iñaki Iñigo Ioan Ioana Iolo Iona Iqbal Ira Iratxe Irem Irena
Irene Ireneusz Irène Iria Irina Iris Irma Irmgard Irvin Irving Irwin Isa Isaac Isabeau Isabel Isabela
Isabell Isabella Isabelle Isac Isadore Isai Isaiah Isaias Isak Isaure Ise Iseult Ishbel Isidore Isidoro
Isidro Isla Ismael Ismail Ismérie Isobel Isolde Isom Isra Israel Issac Itzel Itziar Iva Ivah Ivan Ivanna
Iván Iven Ivo Ivonne Ivor Ivory Ivy Iwan Izaak Izabela Izabella Izaiah Izajasz Ize Izolda Izydor Izzy Jabari
Jabez Jace Jacey Jacinthe Jacinto Jack Jackeline Jackie Jacklyn Jackson Jacky Jaclyn Jacob Jacoba Jacobo
Jacqueline Jacquelyn Jacques Jacynthe Jada Jade Jaden Jadon Jadwiga Jadyn Jaeden Jaelynn Jago Jaida Jaiden
Jailey Jailyn Jaime Jaimy Jairo Jakayla Jake Jakob Jakub Jakubina Jaleel Jalen Jalon Jalou Jalyn Jamaal
Jamal Jamar Jamarcus Jamel James Jameson Jamey Jamie Jamil Jamila Jamir Jamison Jammie Jan Jana Janae Jane
Janek Janelle Janessa Janet Janice Janick Janie Janin Janina Janine Janis Janiya Janna Janne Jannek Jannes
Jannie Jannik Jannis Jano Janosch Janusz Jany Japhet Jaquan Jaquelin Jaqueline Jara Jared Jaren Jari Jarne
Jarno Jarod Jaron Jarred Jarrell Jarret Jarrett Jarrod Jarvis Jas Jasen Jasmijn Jasmin Jasmina Jasmine Jason
Jasper Jaswinder Jaume Jaunita Javi Javier Javon Javonte Jay Jayce Jaycee Jayda Jayde Jayden Jaydon Jaylan
Jaylen Jaylin Jaylinn Jaylon Jayme Jayne Jayson Jazlyn Jazmin Jazmyn Jazmyne Jazz Jazzlyn Jazzlynn Jean
Jeanette Jeanie Jeanne Jeannel Jeannette Jeannie Jeannine Jeannot Jeb Jed Jedediah Jedidiah Jeff Jefferey
Jeffery Jeffrey Jeffry Jehanne Jella Jem Jena Jenifer Jenna Jennie Jennifer Jennings Jenny Jennyfer Jens
Jensen Jente Jerad Jerald Jeramie Jeramy Jerel Jeremi Jeremiah Jeremias Jeremiasz Jeremie Jeremy Jermain
Jermaine Jermey Jerod Jerome Jeromy Jerónimo Jerrell Jerrod Jerrold Jerry Jerzy Jesper Jess Jesse Jessica
Jessie Jessika Jesslyn Jesslynn Jessy Jessyca Jesus Jesús Jet Jethro Jett Jette Jettie Jevon Jewel Jewell
Jérémie Jérôme Jil Jill Jillian Jim Jimena Jimmie Jimmy Jinte Jinthe Jip Jo Joachim Joakim Joan Joana Joanie
Joann Joanna Joanne Joannie Joanny Joany Joaquin Joaquina Joaquín Job Jocelyn Jocelyne Jochen Jodi Jodie
Jody Joe Joel Joelina Joeline Joelle Joesph Joey Joël Joëlle Johan Johann Johanna Johanne Johannes Johathan
John Johnathan Johnathon Johnnie Johnny Johnpaul Johnson Jokin Jolanda Joleen Jolene Jolie Jolien Jolijn
Jolin Jolina Joline Jon Jona Jonah Jonas Jonatan Jonathan Jonathon Jone Jonna Jonte Jonty Jools Joost Jordan
Jordane Jordi Jordon Jordy Jordyn Jorge Joris Jory Joscha Joschua Jose Josef Josefa Josefien Josefin
Josefina Josefine Josep Joseph Josephin Josephine Josette José Joséphine Josh Joshua Joshuah Josi Josiah
Josiane Josianne Josie Josse Josselin Jost Josua Josue Josune Josy Jourdain Jovan Jovani Jovanny Jovany Joy
Joya Joyce Jozue Józef Józefina Jörg Jörgen Jörn Juan Juana Juanita Judah Judd Jude Judge Judicaël Judith
Judson Judy Judyta Jula Jule Jules Julia Julian Juliana Juliane Julianne Julián Julie Julien Julienne Juliet
Julieta Juliette Juliëtte Julika Julina Julio Julita Julius Juliusz Juna June Junior Junius Juno Juri Juste
Justen Justice Justin Justina Justine Juston Justus Justyn Justyna Jutta Juul Juvenal Juwan Jürg Jürgen
Jørgen Kaan Kacey Kaci Kacie Kade Kaden Kader Kadin Kaela Kaelyn Kai Kaia Kailee Kailey Kailyn Kaitlin
Kaitlyn Kaja Kale Kaleb Kaleigh Kaley Kali Kalistrat Kalle Kallie Kameron Kamila Kamille Kamren Kamron
Kamryn Kane Kara Kareem Karelle Karen Kari Kariane Karianne Karim Karin Karina Karine Karl Karla Karlee
Karley Karlheinz Karli Karlie Karlijn Karlo Karlotta Karol Karolann Karolina Karoline Karson Karsten
Kasandra Kasey Kasper Kassandra Katarina Katarzyna Kate Katelin Katell Katelyn Katelynn Katharina Katherine
Katheryn Kathi Kathleen Kathlyn Kathrin Kathryn Kathryne Kathy Katie Katja Katlyn Katlynn Kato Katrin
Katrina Katrine Kattie Kavon Kay Kaya Kaycee Kayden Kayla Kaylah Kaylee Kayleigh Kayley Kayli Kaylie Kaylin
Kayra Kazimierz Käthe Keagan Keanu Keara Keaton Keegan Keeley Keely Keenan Keira Keisha Keith Kellen Kelley
Kelli Kellie Kelly Kelsi Kelsie Kelton Kelvin Ken Kenan Kendall Kendra Kendrick Kenna Kennedi Kennedy
Kenneth Kennith Kenny Keno Kent Kenton Kenya Kenyatta Kenyon Keon Kepa Kerem Kerensa Kerim Kerry Kerstin
Keshaun Keshawn Kev Keven Kevin Kevon Keyon Keyshawn Khalid Khalil Kian Kiana Kianna Kiara Kiarra Kiel Kiera
Kieran Kiley Kilian Kim Kimberley Kimberly Kimi King Kip Kira Kirk Kirsteen Kirsten Kirstin Kirsty Kit Kitty
Kjell Klaas Klara Klarencjusz Klaudia Klaudiusz Klaus Klaus-Dieter Klemens Klementyna Kleopatra Knut Kobe
Koby Kody Kofi Kolby Koldo Kole Konrad Konstancja Konstantin Konstanty Konstantyn Koralia Koray Korbin
Korbinian Korey Korinna Kornel Korneli Kornelia Korneliusz Kory Kraig Kris Krista Kristen Kristi Kristian
Kristie Kristin Kristina Kristine Kristofer Kristoffer Kristopher Kristy Krystal Krystel Krystian Krystina
Krystyna Krzysztof Ksawera Ksawery Ksenia Ksenofont Kurt Kurtis Kwaku Kwame Kwintyn Kyla Kyle Kylee Kyleigh
Kyler Kylie Kyra Lacey Lachie Lachlan Lacy Ladarius Ladislaus Lafayette Laia Laila Laisha Lakshmi Lale Lamar
Lambert Lamont Lamorna Lana Lance Landen Landry Lane Laney Lara Larissa Laron Larry Lars Larue Larysa Lasse
LaToya Latoya Laura Laurane Laure Laureen Laurel Laureline Lauren Laurence Laurencja Laurencjusz Laurens
Laurent Laurenty Laurentyna Laurenz Lauretta Laurène Lauriane Laurianne Laurie Laurin Laurine Laury Lauryn
Lavada Lavern Laverna Laverne Lavina Lavinia Lavon Lavonne Lawrence Lawson Layla Layne Lazare Lazaro Lea
Leah Lean Leana Leander Leandra Leandro Leann Leanna Leanne Leatha Leberecht Leda Lee Leif Leigh Leila
Leilani Leire Lela Lelah Leland Lelia Lempi Lemuel Len Lena Lene Leni Lenia Lenja Lenn Lenna Lennard Lennart
Lennert Lennie Lennox Lenny Lenora Lenore Lenya Leo Leobardo Leola Leon Leona Leonard Leonardo Leone Leonel
Leonhard Leoni Leonid Leonidas Leonie Leonor Leonora Leopold Leopoldo Leora Lera Leroy Lesley Leslie Lesly
Lessie Lester Leta Letha Leticia Letitia Letizia Lettie Leu Leufroy Levent Levi Levin Levke Lew Lewin Lewis
Lexi Lexie Lexus Leyla Léa Léandre Léna Léon Léonard Léonie Léonne Léontine Léopold Léopoldine Lia Liah Liam
Lian Liana Lias Libbie Libby Libère Lidia Lieke Liesel Liétald Lila Lili Lilia Lilian Liliana Liliane
Lilianna Lilith Lilla Lilli Lillian Lilliana Lillie Lilly Lily Lilyan Lina Lincoln Linda Lindsay Lindsey
Line Linn Linnea Linnéa Linnie Lino Linus Linwood Lio Lion Lionel Lisa Lisandro Lisann Lisanne Lisbeth
Liselotte Lisette Lisi Lisl Litzy Liv Livia Liz Liza Lizbeth Lizeth Lizzie Llew Llewellyn Llinos Llorenç
Lloyd Lluís Logan Lois Loisl Loïc Lola Loli Lolita Loma Lon London Longin Lonie Lonnie Lonny Lonzo Lora
Loraine Lorcan Loreen Loren Lorena Lorene Lorenz Lorenza Lorenzo Loretta Lori Lorine Loris Lorna Lorrain
Lorraine Lothaire Lothar Lotta Lotte Lottie Lou Louie Louis Louisa Louise Loup Lourdes Louvenia Loveday
Lovisa Lowell Lowri Loy Loyal Loyce Luan Luana LuAnn Luc Luca Lucas Lucette Lucia Lucian Luciano Lucie
Lucien Lucienne Lucile Lucille Lucinda Lucio Lucious Lucius Lucía Lucja Lucjan Lucy Ludger Ludie Ludivine
Ludolphe Ludovic Ludvig Ludwig Ludwik Ludwika Lue Luella Luigi Luis Luisa Luise Luiz Luiza Luk Luka Lukas
Luke Lula Lulu Luna Lupe Lupita Lura Lurleen Lurline Luther Lutz Luuk Luz Luzie Luzmila Lya Lyda Lydia Lydie
Lyla Lyle Lyn Lynda Lynette Lynn Lynne Lyric Lysanne Maarten Mabel Mabelle Mable Mac Macaire Macarena Macey
Maci Macie Mack Mackenzie Macsen Macy Madaline Madalyn Maddalen Maddison Maddox Madeleine Madeline Madelyn
Madelynn Madge Madie Madilyn Madisen Madison Madisyn Madita Madleen Madlen Madonna Mads Madyson Mae Maegan
Maeve Maëlle Maëlys Mafalda Magali Magda Magdalen Magdalena Maggie Magnolia Magnus Maguelone Mahaut Mahmoud
Maia Maica Maida Maider Maik Maike Mailin Mair Maira Mairi Maisie Maite Maiya Maïwenn Maja Major Makary
Makayla Makenna Makenzie Maksim Maksym Maksymilian Mal Malachi Malachy Malcolm Malena Mali Malia Malik
Malika Malin Malina Malinda Mallaury Mallie Mallory Malo Malte Malvina Malwina Mamadou Mamert Mamie Manassé
Mandy Manfred Manjit Manley Manolo Manon Manuel Manuela Mara Marah Marc Marceau Marcel Marcela Marceli
Marcelin Marcelina Marceline Marcelino Marcella Marcelle Marcelline Marcellus Marcelo Marcia Marcin Marco
Marcos Marcus Mareike Marek Maren Margaret Margareta Margarete Margarett Margaretta Margarette Margarita
Marge Marged Margie Margot Margret Margrit Margrith Marguerite Mari Maria Mariah Mariam Marian Mariana
Mariane Marianna Marianne Mariano Maribel Maricarmen Marie Marieke Mariela Mariella Marielle Marietta
Marijke Marika Marilie Marilou Marilu Marilú Marilyn Marilyne Marina Marine Mario Marion Marisa Marisela
Marisol Marissa Marit Maritza Marius María Marjolaine Marjorie Marjory Mark Marko Markus Marla Marlee
Marleen Marlen Marlena Marlene Marley Marlène Marlies Marlin Marlis Marlo Marlon Marques Marquis Marquise
Marsha Marshall Marta Marte Marten Martha Marthe Martial Martin Martina Martine Martí Martín Marty Martyna
Marvin Marwin Mary Maryam Maryann Maryjane Maryna Maryse Mason Massimo Mateo Mateusz Mathew Mathias Mathieu
Mathilda Mathilde Mathis Mathurin Matilda Matilde Matis Matías Mats Matt Matteo Mattes Matthew Matthias
Matthieu Matthis Matti Mattias Mattie Mattis Matylda Maud Maude Maudie Maugis Maura Maureen Maurice
Mauricette Mauricio Maurine Maurycy Maverick Mavis Max Maxellende Maxence Maxi Maxie Maxim Maxima Maxime
Maximilian Maximiliano Maximilien Maximillia Maximillian Maximo Maximus Maxine Maxwell May Maya Maybell
Maybelle Maye Mayeul Maymie Maynard Mayra Mayte Mazie Máire Mckayla Mckenna Mckenzie Meagan Meaghan
Mechthild Meda Medina Medine Meera Megan Megane Meggie Meghan Mehmet Meik Meike Meinhard Meirion Mekhi
Melania Melanie Melany Melba Melchior Melek Melike Melina Melinda Melis Melisa Melissa Melitta Mellie Melody
Melvin Melvina Melyna Melyssa Memo Mence Menna Mercedes Mercè Meredith Merfyn Meritxell Merl Merle Merlin
Merritt Merryn Mert Mertie Merve Mervin Mervyn Meryem Meta Mette Médéric Mégane Mélanie Mélisande Mélissa
Mélissandre Mélodie Mérovée Mhairi Mia Micaela Micah Michael Michaela Michaël Michale Michalina Micheal
Michel Michele Micheline Michelle Michèle Mick Mieke Miguel Mihai Mika Mikael Mikaela Mikail Mikayla Mike
Mikel Mikkel Mila Milagros Milan Milana Mildred Milena Miles Milford Milla Miller Millicent Millie Milo
Milton Mina Mindy Minerva Minna Minnie Mio Mira Mirac Miracle Miranda Miray Mirco Mireia Mireille Miren
Mireya Miriam Mirja Mirko Miron Misael Missouri Misty Mitchel Mitchell Mittie Moa Modest Modesta Modesto
Modou Mohamed Mohammad Mohammed Moira Moises Moïse Moïsette Mollie Molly Momme Mona Moncho Moni Monica
Monika Monique Monroe Monserrat Monserrate Montana Monte Montse Montserrat Monty Morag Morgan Morgane Moriah
Moritz Morris Morten Mortimer Morton Morwenna Mose Moses Moshe Mossie Moussa Mozell Mozelle Mónica Muhammad
Muhammed Muireann Murat Murdo Muriel Murl Murphy Murray Mustafa Mya Myah Myfanwy Mylene Myles Mylène Myra
Myriam Myrl Myrna Myron Myrtice Myrtie Myrtis Myrtle Nacho Nadège Nadia Nadine Nadja Nadzieja Naemi Nakia
Name Nancy Nannie Naomi Naomie Napoleon Narciso Narcisse Nash Nasir Nasreen Nat Natalia Natalie Natan
Natanael Natasha Nathalie Nathan Nathanael Nathanaël Nathanial Nathaniel Nathen Naudet Nayeli Nazariusz
Nazary Neal Ned Nedra Neele Neha Neil Nekane Nela Nelcy Nelda Nele Nell Nella Nelle Nelli Nellie Nelly Nels
Nelson Neo Neoma Nerea Nerys Nesta Nestor Nettie Neus Neva Neville Nevio Newell Newton Néhémie Néstor Ngozi
Nia Niall Niamh Nicanor Nicéphore Nicholas Nicholaus Nichole Nick Nicklaus Nickolas Niclas Nico Nicola
Nicolai Nicolas Nicolás Nicole Nicolette Niels Nieves Nigel Nika Nike Nikhil Nikita Nikki Nikko Niklas
Niklaus Niko Nikodem Nikola Nikolai Nikolas Nikolaus Nila Nils Nina Nine Nino Nisa Noa Noah Noble Noe Noel
Noelia Noemi Noemie Noemy Noé Noémie Noël Noëlle Noëmi Nola Nolan Nolwenn Nona Noor Nora Norbert Norberto
Noreen Norene Norma Norman Normand Norris Norval Norwood Notburga Nova Novella Nuria Núria Nya Nyah Nyasia
Obadiah Obie Obinna Oceane Océane Ocie Ocke Octave Octavia Octavio Oda Odell Odessa Odette Odie Odile Odilon
Odin Odon Ofelia Oger Oihane Oisín Oke Okey Oksana Ola Olaf Olatz Ole Oleg Olen Oleta Olga Olimpia Olin
Olive Oliver Olivia Olivier Oliwia Oliwier Olle Ollie Olof Oluwaseun Olwen Olwyn Olympe Oma Omar Omari
Ombline Omer Ona Ondřej Onie Onno Onofre Onufry Onur Oonagh Opal Ophelia Ophélie Ora Oral Oran Oren Orestes
Oriande Oriane Orie Orin Oriol Orion Orla Orland Orlando Orlane Orlo Orpha Orrin Orson Ortrud Orval Orville
Osbaldo Osbert Osborne Oscar Osian Oskar Osmund Osvaldo Oswald Oswaldo Otha Otho Otilia Otis Otmar Ottilie
Ottis Otto Ottoline Oury Ousmane Ova Owain Owen Ozanne Ozella Óscar Ömer Pablo Paco Pacôme Padma Padraig
Paige Palémon Palma Paloma Pam Pamela Pankracy Pansy Pantaleon Paola Paolo Paqui Parfait Paris Parker
Parveen Pascal Pascale Pascaline Pascual Pasquale Pat Paterne Patience Patrice Patricia Patricio Patrick
Patrik Patrizia Patrycja Patrycjusz Patrycy Patryk Patsy Patti Pattie Patty Patxi Pau Paul Paula Paule
Paulette Paulina Pauline Paxton Payton Pádraig Pearl Pearlie Pearline Pedro Peer Peggie Peggy Pelagia
Penelopa Penelope Penny Pep Pepe Per Perceval Percival Percy Pere Pernilla Perpetua Perran Perrine Perry
Pete Peter Petra Petroc Petronila Peyton Pécine Pélagie Pénélope Pépin Pétronille Phil Philémon Philibert
Philine Philip Philipp Philippa Philippe Philippine Phillip Philomène Philothée Phoebe Phyllida Phyllis Pia
Pie Pierce Pierre Pierrette Pierrick Piet Pieter Pietro Pilar Pink Pinkie Piotr Piper Piran Pit Pius Pío
Platon Plácido Poldi Polly Ponciano Pontus Poppy Porter Posy Precious Presley Preston Price Primerose Prince
Princess Priscilla Priscille Priska Priya Prosper Providenci Pru Prudence Prue Pulchérie Pura Purificación
Queen Queenie Quentin Quentine Queralt Quiéta Quim Quincy Quinn Quinten Quintia Quinton Quique Quirin
Rachael Rachel Rachelle Rachid Radu Rae Raegan Rafa Rafael Rafaela Raheem Rahel Rahsaan Rahul Raik Raina
Rainer Rajesh Rajinder Raleigh Ralf Ralph Ramiro Ramon Ramona Ramón Randal Randall Randi Randolph Randy
Rania Ransom Raoul Raphael Raphaelle Raphaël Raphaëlle Raquel Rashad Rashawn Rasheed Rashid Rasmus Raul Raúl
Raven Ravi Ravinder Ray Rayan Raymond Raymonde Raymundo Reagan Reanna Reba Rebeca Rebecca Rebeka Rebekah
Rebekka Reece Reed Reese Reg Regan Reggie Regina Reginald Regula Reid Reilly Reimar Reina Reine Reiner
Reinhard Reinhild Reinhold Remedios Remington Remo Rena Renata Renate Renato Renaud Rene Renee René Renée
Resi Ressie Reta Retha Reto Retta Reuben Reva Rex Rey Reybaud Reyes Reymundo Reyna Reynold Régine Régis
Réjean Réjeanne Rémi Rhea Rhett Rhian Rhianna Rhiannon Rhoda Rhodri Rhonda Rhys Riana Ricarda Ricardo
Riccardo Richard Richie Richmond Rick Rickard Rickey Rickie Ricky Rico Rieke Rigoberto Rike Riley Rita River
Robb Robbie Robert Roberta Roberto Robin Robyn Rocco Roch Rochelle Rocio Rocío Rocky Rod Roderick Rodger
Rodney Rodolfo Rodolphe Rodrick Rodrigo Rodrigue Roel Rogelio Roger Rogers Roisin Roland Rolande Rolando
Rolf Rollin Roma Romain Romaine Roman Romana Romane Román Romeo Roméo Romina Romuald Romy Ron Ronald Ronaldo
Ronan Ronja Ronnie Ronny Roos Roosevelt Rory Rosa Rosaire Rosalba Rosalee Rosalia Rosalie Rosalind Rosalinda
Rosalía Rosalyn Rosamond Rosamund Rosanna Rosario Roscoe Rose Roselin Roseline Rosella Roselyn Roselyne
Rosemarie Rosemary Rosendo Roser Rosetta Rosie Rosina Rosita Roslyn Rosmarie Ross Rossie Roswitha Rowan
Rowena Rowland Roxane Roxanne Roy Royal Royce Roz Rozella Rozenn Róisín Ruairí Ruaridh Ruben Rubén Rubie
Ruby Rubye Rudi Rudolf Rudolph Rudy Ruedi Rufino Rufus Rukhsana Rupert Ruprecht Russ Russel Russell Rusty
Ruth Ruthe Ruthie Rüdiger Ryan Ryann Ryder Rylan Rylee Ryleigh Ryley Sabela Sabina Sabine Sabrina Sabryna
Sadie Sadye Sage Sagrario Sahra Said Saige Salih Sallie Sally Salma Salome Salomé Salomon Salvador Salvatore
Sam Samanta Samantha Samara Sami Samia Samir Samira Sammie Sammy Samson Samuel Sancho Sander Sandor Sandra
Sandrine Sandro Sandy Sanford Sanja Sanjay Sanne Santa Santi Santiago Santina Santino Santos Saoirse Saphira
Sara Sarah Sarai Sarina Sascha Sasha Saskia Saul Sauveur Saúl Savanah Savanna Savannah Savin Savinien Savion
Scarlett Scholastique Schorsch Schuyler Scot Scott Scottie Scotty Seamus Sean Sebald Sebastian Sedrick
Segundo Selena Selim Selin Selina Selma Selmer Selwyn Sem Semih Sena Sepp Septimus Seren Serena Serenity
Serge Sergi Sergio Seth Sébastien Ségolène Séraphin Séverin Séverine Shabnam Shad Shahid Shaina Shakira
Shana Shane Shanel Shanelle Shania Shanice Shanie Shaniqua Shaniya Shanna Shannon Shanny Shanon Shany Shari
Sharon Shaun Shawn Shawna Shaylee Shayna Shayne Shaz Shea Sheila Sheldon Shelia Shelley Shelly Shemar Sheri
Sheridan Sherman Sherri Sherry Sherwood Sheryl Shirin Shirley Shyann Shyanne Sian Siân Sibyl Sibylle Sid
Sidney Sidoine Sidonie Siegfried Sienna Sierra Sigebert Sigismond Sigmund Sigrid Sigurd Silas Silja Silje
Silke Silvère Silvia Silvio Sim Simen Simeon Simon Simone Sina Sinan Sincere Sindre Sinja Siobhan Sioned
Sister Siv Sixte Sixtine Sky Skye Skyla Skylar Smilla Sofia Sofie Sofía Soizic Solange Sole Soledad Solène
Soline Solon Solveig Sondre Sonia Sonja Sonny Sonya Sophia Sophie Soraya Sorcha Sönke Sören Spencer Stacey
Stacy Stan Stanford Stanislas Stanley Stanton Steeve Stefan Stefanie Steffen Steffi Stella Stephan Stephania
Stephanie Stephany Stephen Stephon Sterling Steve Steven Stevie Stewart Stéphane Stéphanie Stig Stijn Stina
Stone Struan Stuart Sude Sue Sukhdev Summer Sunita Sunniva Sunny Susan Susana Susanna Susanne Susie Suso
Suzanne Suzon Svea Sven Svenja Svetlana Swantje Swassane Sybil Syble Syd Sydnee Sydney Sydni Sydnie Sylvain
Sylvan Sylvester Sylvestre Sylvia Sylviane Sylvie Synne Søren Tabea Tabitha Tad Tadeo Tadeusz Tadhg Taha
Talea Talia Talon Tamara Tami Tamia Tamika Tamina Tamino Tammo Tammy Tamsin Tancrède Tanguy Tania Tanja
Tanner Tanya Tara Tarik Tariq Tarja Taryn Tasha Tate Tatiana Tatum Tatyana Taurean Taurin Tavares Taya
Tayler Taylor Teagan Tecwyn Ted Tegan Tegwen Telly Telmo Telse Teo Teodoro Tere Terence Teresa Teresita Teri
Terrance Terrell Terrence Terri Terrill Terry Tess Tessa Tessie Tevin Thad Thaddäus Thaddeus Thaïs Thalea
Thalia Thea Thekla Thelma Theo Theodor Theodora Theodore Theresa Therese Theresia Theron Théo Théodora
Théodore Théodose Théophile Théophraste Thérèse Thibault Thibert Thierry Thies Thijs Thilo Thomas Thora
Thorben Thore Thorge Thorsten Thurman Tia Tiago Tiana Tianna Tiara Tierra Tiffany Til Till Tillman Tillmann
Tilly Tim Timm Timmothy Timmy Timo Timoléon Timon Timoteo Timotheus Timothée Timothy Tina Tino Tiphaine
Tiril Titien Tito Titus Tizian Tjark Tobias Tobin Toby Tod Todd Tom Tomas Tomasa Tomasz Tomás Tomke Tommie
Tommy Tomos Toney Toni Tonnin Tony Tonya Toñi Toñín Toño Torben Torbjörn Tore Torey Torquil Torrance Torrey
Torsten Toussaint Toy Trace Tracey Traci Tracy Trajan Traudl Traugott Travis Travon Tre Tremaine Tremayne
Trent Trenton Tressa Tressie Trev Treva Trever Trevion Trevor Trey Tricia Trinity Trisha Tristan Tristian
Tristin Triston Troy Trudi Trudie Trycia Trystan Tschack Tuana Tucker Tudur Tunde Turner Turold Tuva Twila
Txema Tyler Tyra Tyree Tyreek Tyrel Tyrell Tyrese Tyrique Tyron Tyrone Tyshawn Tyson Ubaldo Udo Ueli Ulf Uli
Ulices Ulises Ulla Ulli Ulrich Ulrika Ulrike Ulysse Umut Una Unai Unique Urbain Urban Uriah Uriel Urs Ursel
Ursula Ursule Uschi Usman Ute Uwe Uxía Vada Valentin Valentina Valentine Valentino Valentín Valeria Valerie
Valère Valérie Valéry Vallie Van Vance Vanessa Vasile Vaughn Veda Veit Velda Vella Velma Velva Vena Venance
Venceslas Vera Verda Verdie Verena Vergie Verity Verla Verlie Vern Verna Verne Verner Vernice Vernie Vernon
Verona Veronica Veronika Verónica Vesna Vesta Véronique Vianney Vicent Vicenta Vicente Vicki Vickie Vicky
Victoire Victor Victoria Victorien Victorin Vida Vidal Vigile Vijay Viktor Viktoria Vilde Vilma Vin Vince
Vincent Vincenza Vincenzo Vinciane Vinnie Vinzenz Viola Violaine Violet Violette Virgie Virgil Virginia
Virginie Visitación Vita Vital Vito Vitus Viva Vivian Viviane Vivianne Vivien Vivienne Víctor Vladimir
Volker Vroni Wade Waino Walburga Waldemar Waldo Waleran Walker Wallace Wally Walt Walter Walton Waltraud
Wanda Wandrille Ward Warren Wast Watson Wava Waylon Wayne Wálter Webster Weldon Wellington Wendelin Wendell
Wendy Wenzel Werner Wesley Westley Weston Whitney Wibke Wiebke Wilber Wilbert Wilbur Wilburn Wiley Wilf
Wilford Wilfred Wilfredo Wilfrid Wilhelm Wilhelmina Wilhelmine Will Willa Willard Willem Willi William
Willie Willis Willow Willy Wilma Wilmer Wilson Wilton Winfield Winifred Winnie Winnifred Winona Winston Wm
Wojciech Wolf Wolfgang Wolfram Woodrow Wyatt Wyman Wyn Xabi Xabier Xander Xaver Xaverl Xavi Xavier Xavière
Xenia Xénophon Ximena Xoán Xochitl Xoel Xóchitl Xulia Xurxo Xzavier Yadira Yamileth Yann Yannic Yannick
Yannig Yannik Yannis Yara Yaren Yaretzi Yasin Yasmeen Yasmin Yasmine Yaw Yazmin Yesenia Yessenia Yilmaz Ylvi
Ylvie Yoann Yolanda Yolande Yoshiko Youssef Ysaline Yseult Yuliana Yunus Yuri Yusuf Yven Yves Yvette Yvon
Yvonne Zachariah Zacharie Zachary Zachery Zaché Zack Zackary Zackery Zahra Zainab Zakary Zander Zane Zara
Zaria Zdenka Zechariah Zehra Zeke Zelda Zella Zelma Zena Zenzi Zetta Zeynep Zélie Zéphirin Zion Zita Zoe
Zoey Zoé Zoéva Zoë Zofia Zoie Zoila Zola Zora Zoran Zula Zuriñe`.split(/\s+/),
);
