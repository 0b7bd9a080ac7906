/** First names common in the places whose languages briefs come in: what begins with one is likely a person. */
export const GIVEN_NAMES = new Set(
  `Aadi Aadidev Aadinath Aaditya Aadrika Aagam Aagney Aagneya Aaliyah Aalok Aaltje Aamod Aanand Aanandaswarup
Aanandinii Aanjaneya Aaratrika Aaron Aarya Aaryan Aarón Aasa Aasha Aashritha Aatmaj Aatmaja Aatreya Aayushmaan
Aayushman Aba Abaco Abadon Abagail Abak Abaka Abakan Abakay Abani Abar Abay Abbey Abbie Abbigail Abbondanza
Abbondanzio Abbondio Abby Abd Abdallah Abdel Abdelkader Abdellah Abderrahmane Abdiel Abdon Abdone Abdonie
Abdou Abdoul Abdoulaye Abdourahmane Abdramane Abdul Abdullah Abe Abel Abelard Abelardo Abele Abelin Abeline
Abenzio Abhaidev Abhaya Abhirath Abhisyanta Abibo Abigaelle Abigail Abigale Abigayle Abigaël Abigaëlle Abigaïl
Abluç Abner Abondance Aboubacar Aboubakar Abraham Abrahám Abramio Abramo Abril Absalon Absolon Absolón Aby
Abélard Acace Acacie Acacio Acanthe Acario Acaryatanaya Accursio Achaire Achalesvara Acharyanandana
Acharyasuta Achil Achiles Achille Achim Achintya Achraf Achyut Acilia Acilio Aciscolo Acrisio Ada Adaeze Adah
Adalan Adalard Adalardo Adalbald Adalbaude Adalbert Adalberta Adalberto Adalbéron Adalfredo Adalgisa Adalgiso
Adaline Adalric Adalrico Adalsinde Adam Adama Adame Adamo Adan Adar Adberilgen Addie Addison Addo Addolorata
Adegrin Adegrine Adel Adela Adelaida Adelaide Adelajda Adelardo Adelasia Adelaïde Adelbert Adelberto Adelchi
Adele Adelfo Adelgardo Adelheid Adelia Adelie Adelin Adelina Adeline Adell Adella Adelle Adelmo Adelphe
Adeltrude Adem Aden Adenet Adeodato Adheesh Adhiraj Adhrit Adhémar Adib Adikavi Adil Adin Adina Adinath
Aditeya Aditya Adityanandan Adityanandana Adja Adjutor Adolf Adolfa Adolfo Adolfína Adolph Adolphe Adolphie
Adolphus Adone Adonis Adonise Adrain Adraman Adrastée Adrehilde Adria Adrian Adriana Adrianna Adriano Adriel
Adrien Adriena Adrienne Adrione Adripathi Adrián Adriána Advaya Adwitiya Adán Adèle Adéla Adélaïde Adélie
Adéodat Afra Afro Afton Agabio Agamennone Agape Agapet Agapito Agasti Agastya Agata Agatha Agathange Agathe
Agathon Agaton Agazio Agenore Agesilao Agilbert Agilberte Aglae Aglaja Aglaé Agnan Agnane Agneflète Agnes
Agnese Agneta Agneya Agnieszka Agnimitra Agniprava Agnivesh Agnès Agostina Agostino Agrata Agrippa Agrippin
Agrippine Agrypina Agustin Agustina Agustín Agáta Ahalya Ahilya Ahmad Ahmed Ahmet Aiace Aicha Aida Aidan
Aidano Aiden Aileen Ailsa Aimable Aimee Aimone Aimé Aimée Aina Ainhoa Aisha Aishani Aissatou Aitor Aiyana
Ajeet Ajit Ak Akata Akbay Akbudak Akbulak Akbörü Akdemir Akeem Akkun Akkunlu Akkurt Akram Akroor Aksel
Akshainie Akshaj Akshat Akshata Akshayakeerti Akshita Aksil Aksungur Aktan Akula Akça Akçakoca Akçora Al Ala
Alaban Alabörü Aladino Alain Alaina Alaine Alakurt Alamanno Alan Alana Alanis Alanna Alano Alarico Alasdair
Alassane Alayna Alayunt Alayuntlu Alaïs Alba Alban Albane Albano Albena Alberico Albert Alberta Alberte
Albertha Albertina Albertine Alberto Albertýna Albin Albina Albino Alboino Albrecht Albrico Albérade Albéric
Albín Albína Alceo Alceste Alcibiade Alcide Alcidie Alcime Alcina Alcine Alcino Alcyone Alda Aldegonde Aldemir
Alden Aldo Aldobrando Aldonce Aldric Alea Aleandro Aleardo Aleaume Alec Aled Aleen Alejandra Alejandrin
Alejandro Alek Aleksandar Aleksander Aleksandra Aleksy Alen Alena Alene Aleramo Alessa Alessandra Alessandro
Alessia Alessio Aleth Aletha Alex Alexa Alexander Alexandr Alexandra Alexandre Alexandrea Alexandria
Alexandrine Alexandro Alexane Alexanne Alexej Alexia Alexie Alexine Alexis Alexys Alexzander Aleyna Alf Alfie
Alfio Alfons Alfonsa Alfonso Alfonzo Alford Alfred Alfreda Alfredo Alfréd Alfréda Algiso Algu Ali Alia Alica
Alice Alicia Alicja Alida Alienor Aliette Alighiero Alima Alina Aline Aliou Alisa Alisha Alison Alissa
Alistair Alivia Alix Alixe Aliya Aliyah Aliza Alize Alizee Alizé Aliénor Alka Alkabölük Alkaevli Alkan Allan
Allegra Allen Allene Alliaume Allie Allison Ally Alma Almerigo Almine Almire Almiro Alois Aloisia Aloisie
Aloisio Alojz Alojzije Alok Alon Alone Alonzo Aloys Aloyse Aloïs Aloïse Alp Alpagut Alparslan Alpata Alpay
Alpaya Alpbilge Alpdirek Alper Alperen Alpertunga Alpgerey Alpha Alphonse Alphonsine Alphonso Alphée Alpilig
Alpinien Alpkara Alpkutlu Alpkülük Alptegin Alptunga Alpturan Alptutuk Alpurungu Alpurungututuk Alpyörük Alta
Altan Altankan Altay Altea Althea Althée Alton Altuga Alun Alva Alvah Alvar Alvaro Alvena Alvera Alverta
Alverède Alviero Alvin Alvina Alvis Alvise Alwar Alwin Aly Alya Alyah Alyce Alycia Alysa Alysha Alyson Alyssa
Alyssia Alysson Amabela Amabile Amadeo Amadeus Amadou Amaia Amalia Amaliane Amalie Amalric Amalthée Amand
Amanda Amande Amandin Amandine Amando Amani Amant Amante Amanzio Amar Amara Amaranaath Amarande Amaranthe
Amaranto Amaresh Amari Amarnath Amaryllis Amata Amato Amatore Amauri Amaury Amaya Amaç Amaël Ambar Amber Ambra
Ambre Ambrine Ambrogio Ambroise Ambroisie Ambrose Ambrosiano Amedeo Amel Amelia Amelie Ameline Amelio Amely
America Americo Amerigo Ameyatma Amicie Amico Amie Amiel Amilcare Amin Amina Aminata Amine Aminte Amintore
Amir Amira Amish Amiya Amleto Amodini Amogh Amon Amone Amore Amos Amour Amparo Ampelio Amrak Amrit Amrita
Amritambu Amul Amy Amya Amálie Amát Amáta Amédée Améliane Amélie Amélien Améthyste Ana Anaadi Anabel Anabela
Anabelle Anacleto Anae Anael Anaelle Anagh Anahi Anais Anal Anala Anamika Anand Ananda Anandamayi Anang Ananta
Anas Anasooya Anass Anastacio Anastase Anastasia Anastasie Anastazja Anastáz Anastázie Anasuya Anatol Anatole
Anatolia Anatolie Anatázie Anatólie Anaël Anaëlle Anaïs Ancelin Anceline Ancilla Anders Anderson Andi Andoche
Andoni Andre Andrea Andreane Andreanne Andreas Andrei Andrej Andres Andreu Andrew Andromeda Andrzej André
Andréa Andréas Andrée Andrés Andy Andéol Anes Aneta Anette Aneurin Angadrême Ange Angel Angela Angelica
Angelika Angelina Angeline Angelines Angelique Angelita Angelo Angie Angilbe Angilberte Angilran Angoustan
Angus Angustias Angèle Angélina Angélique Ania Anibal Anicet Aniceto Anicette Anicée Aniello Anika Anil Anila
Anilaabh Anilabh Anis Anish Anissa Anita Aniya Aniyah Anja Anjali Anjaneya Anjushree Anjushri Ankal Anke Ann
Anna Annabel Annabell Annabella Annabelle Annagrazia Annalena Annalise Annamae Annamaria Annamarie Annapurna
Annaëlle Anne Annegret Anneke Anneli Annelie Anneliese Annemarie Annemijn Annetta Annette Anni Annibal
Annibale Annick Annie Annika Annonciade Annunziata Anny Anouck Anouk Ansaldo Ansbert Ansberte Ansel Anselm
Anselma Anselme Anselmo Ansgar Ansgary Anshula Ansley Ansovino Anstrudie Ant Antal Antea Antelmo Antero
Anthelme Anthelmette Anthony Antide Antigone Antimo Antino Antioco Antje Antoine Antoinette Anton Antone
Antonella Antonello Antonetta Antonette Antoni Antonia Antonie Antonietta Antonin Antonina Antonine Antonio
Antony Antonín Antwan Antwon Antía Antón Anuja Anunay Anuraag Anurag Anusuya Anwen Anwesha Anxo Anya Ançuk
Anémone Aoibhín Aoife Apa Apak Apatarkan Aphélie Apolena Apollina Apollinaire Apollinare Apollinary Apolline
Apollo Apollonia Appia Appoline Aprançur April Apsara Apuleio Aquilin Aquiline Aquilino Ara Arabela Arabella
Arabelle Araceli Aracely Arademir Aral Araldo Aram Aranka Arantxa Aratone Arbay Arbuz Arcade Arcadie Arcadio
Arch Archambaud Archan Archange Archibald Archie Archimede Archippo Arcibaldo Arda Ardella Arden Ardith Ardito
Arduino Arely Aresio Areta Argelia Argimiro Argine Argo Argu Argun Ari Ariadna Arialdo Arian Ariana Ariane
Arianna Ariberto Aric Aricie Arie Ariel Ariela Ariele Arielle Arij Arindam Ariosto Aris Aristarco Ariste
Aristeo Aristid Aristide Aristione Aristo Aristofane Aristotele Arjun Arkadiusz Arkady Arkád Arlene Arleta
Arlette Arlie Arlo Arman Armance Armand Armande Armandine Armando Armani Armel Armeline Armelle Armida Armide
Armin Armine Arminio Arna Arnaldo Arnau Arnaud Arnaude Arnaç Arne Arnesh Arno Arnold Arnolda Arnoldo Arnould
Arnulfo Arolde Aron Aronne Arpat Arpád Arrigo Arsal Arsen Arseniusz Arsinoé Arslan Arslanargun Arslanbörü
Arslansungur Arslantegin Arslanyabgu Arsène Arsènie Art Artemis Artemisa Arthaud Arthur Arthurine Arthus
Arthème Arto Artuk Artukaç Artur Arturo Artus Artut Artémis Aruk Arun Aruna Arved Arvel Arvid Arvilla Arwa
Arwen Arya Aryan Aryanna Arystarch Arzen Arçuk Asa Asartegin Ascanio Ascelin Asceline Ascension Asdrubale Asel
Asella Asha Ashlee Ashleigh Ashlesh Ashley Ashly Ashlynn Ashok Ashton Ashtyn Asia Asimodeo Asiya Aslesha Asma
Asmaa Assa Assetou Assia Assil Assomption Assunta Assunto Assya Astarté Asterio Astianatte Astou Astrid
Astrida Astride Astrée Astérie Asunción Asya Atakan Atalan Ataleo Ataman Atanas Atanasia Atanasio Atanazy
Atanázie Atasagun Atasu Ataç Atberilgen Athalie Athanase Athanasie Athena Athenaïs Athina Athos Athéna
Athénaïs Atila Atmaca Atmaja Atmanand Atmananda Atreyee Atreyi Attila Attilano Attilio Atunçu Aube Aubertine
Auberto Aubin Aubree Aubrey Aubry Audace Aude Audebert Audeline Audie Audouin Audra Audran Audreanne Audrey
August Augusta Auguste Augustin Augustina Augustine Augusto Augustus Augustýn Augustýna Aura Aure Aurel
Aurelia Aureliano Aurelie Aurelien Aurelio Aurelián Aurelle Aurian Auriane Auro Aurora Aurore Aurèle Aurélie
Aurélien Aurélienne Ausilia Ausiliatrice Ausilio Austen Austin Austyn Autumn Auxane Auxence Ava Avadhesh Avani
Avantika Avar Ave Aveline Averardo Avery Avi Aviel Avigaëlle Avis Avital Avluç Avoye Avril Awa Axel Axeline
Axelle Ay Aya Ayaan Ayah Ayana Ayas Ayaz Aybalta Ayban Aybars Aydan Aydemir Ayden Ayem Aykan Aykurt Ayla Aylan
Ayleen Aylin Ayline Ayluç Ayluçtarkan Ayma Ayman Aymane Aymard Aymardine Aymen Aymeric Aymon Aymonde Ayruk
Ayse Aytak Ayushmati Ayşe Aza Azak Azalée Azban Azeglio Azelia Azeline Azelio Azgan Azganaz Azra Azzurra
Azélie Açuk Aïcha Baala Baalaaditya Baalagopaal Babeta Babette Babila Babur Baby Bacco Badabul Badruk Badur
Bahula Baidehi Baijayanti Bailee Bailey Bakula Bala Balaaditya Balaban Balachandra Baladitya Balagopal
Balagovind Balaka Balakatay Balamani Baldassarre Balderico Baldo Baldomero Baldovino Baldu Baldwin Balgopal
Balta Baltar Baltazar Balthasar Balthazar Baltur Balçar Bambina Bandhu Bandhul Bangu Bankim Bankimchandra
Baptiste Barak Baraktöre Baran Barbara Barbarigo Barbe Barbol Barbora Barbro Barbulsun Bardo Bardomiano Bargan
Baris Barkan Barkdurdu Barlas Barmaklak Barman Barnaba Barnabas Barnaby Barnabé Barney Baron Barrett Barry
Bars Barsaba Barsgan Barsimeo Barskan Barsurungu Bart Bartholome Barthélemy Bartimée Bartolo Bartolomea
Bartolomeo Bartomeu Barton Bartosz Bartu Barça Bas Basanti Basil Basile Basileo Basilia Basilio Basilisse
Bassiano Bassilla Bastian Bastiano Bastien Bathilde Batilda Battista Batuhan Baudouin Baylee Baz Bazil Bazyli
Beat Beata Beate Beato Beatrice Beatrix Beatriz Beatrycze Beatus Beau Beaulah Becky Begoña Bela Belina Belinda
Bell Bella Belle Bellino Beltramo Ben Benedetta Benedetto Benedict Benedikt Benedikta Benedykt Bengt Beniamin
Beniamina Beniamino Benigna Benigno Benito Benjamin Benjamín Bennet Bennett Bennie Benno Benny Benoît Bent
Bente Benthe Benton Benvenuta Benvenuto Berardo Berat Berengario Berenice Berenika Berit Berkay Bernabé
Bernadetta Bernadette Bernadine Bernard Bernarda Bernarde Bernardo Bernd Berneice Bernhard Bernice Bernie
Berniece Bernita Beronico Berry Bert Berta Bertha Berthe Bertille Bertold Bertolda Bertoldo Bertolfo Bertram
Bertrand Beryl Bessie Beth Bethan Bethany Bethel Beto Betsy Betta Bette Bettie Bettina Betty Bettye Beulah
Beuve Beverly Bex Beáta Bhaanumati Bhaasvan Bhaaswar Bhadra Bhadrak Bhadraksh Bhadran Bhagavaan Bhagirathi
Bhagvan Bhagwanti Bhagwati Bhamini Bhanumati Bharadwaj Bharat Bhardwaj Bhargava Bhargavi Bhasvan Bhaswar
Bhaumik Bhavani Bhaves Bheeshma Bhilangana Bhima Bhisham Bhishma Bhoj Bhoopat Bhoopati Bhooshan Bhooshit
Bhramar Bhudev Bhudeva Bhupati Bhupen Bhushan Bhushit Bhuvanesh Bhuvaneshwar Biagio Bianca Bianka Bibi Bibiana
Bibianna Biel Bilal Bill Billie Billy Bilva Bilwa Bim Birdie Birgit Birgita Birgitta Birjesh Birte Bishnu
Bivoj Bjarne Björn Blahomil Blahomila Blahomír Blahomíra Blahoslav Blahoslava Blair Blaise Blake Blanca
Blanche Blandine Blanka Blas Blaze Bo Bob Bobbi Bobbie Bobby Bodhan Bodo Bohdan Bohdana Bohuchval Bohumil
Bohumila Bohumír Bohumíra Bohun Bohuna Bohuslav Bohuslava Bohémond Bojan Bojana Boje Bojislava Bolemír
Boleslav Boleslava Bon Boniface Bonifác Bonita Bonnie Borek Boris Borislav Borislava Borys Bouchard Bowie Boyd
Brad Braden Bradford Bradley Bradly Brady Braeden Brahma Brahmaanand Brahmabrata Brahmanandam Brahmdev Brain
Brais Brajan Brajendra Brajesh Bram Brandi Brando Brandon Brandt Brandy Brandyn Branimír Branimíra Branislav
Branislava Brannon Branson Brant Bratislav Bratislava Braulio Braxton Brayan Breana Breanna Breanne Breixo
Brenda Brendan Brenden Brendon Brenna Brennan Brennon Brent Bret Brett Bria Briac Brian Briana Brianne Brice
Bridget Bridgette Bridie Brielle Brieuc Brigita Brigitta Brigitte Brijesh Brionna Brisa Brit Brita Britney
Britt Brittany Brock Broderick Brody Bronagh Bronislav Bronislava Brook Brooke Brooklyn Brooks Brown Bruce
Bruna Brunehaut Brunehilde Brunhilda Bruno Bryan Bryana Bryant Bryce Brycen Brygida Bryn Bryon Bríd Buck Bud
Buddhana Buddy Budhil Budimír Budislav Budivoj Buford Bulah Burak Burdette Burgi Burkhard Burley Burnice
Buster Byron Béatrice Bénigne Bénédicte Béranger Bérangère Bérard Cade Caden Caesar Caitlin Caitlyn Cale Caleb
Caleigh Cali Calista Calixte Callie Callum Calvin Camden Cameron Camila Camilla Camille Camillien Camino
Camren Camron Camryn Camylle Camélien Can Candace Candela Candelaria Candelario Candice Candida Candide
Candido Capucine Cara Carey Caribert Caridad Carina Carine Carissa Carl Carla Carlee Carles Carleton Carley
Carli Carlie Carlijn Carlo Carloman Carlos Carlota Carlotta Carlton Carmel Carmela Carmella Carmelo Carmen
Carmine Carol Carolanne Carole Carolin Carolina Caroline Carolyn Carolyne Carrie Carroll Carson Carsten Carter
Cary Carys Casandra Casey Casimer Casimir Caspar Casper Cassandra Cassandre Cassidy Cassie Cassien Cataleya
Catalina Caterina Cathal Catharina Catharine Catherine Cathrine Cathryn Cathy Cato Catrin Catriona Cayetano
Cayla Ceasar Cecelia Cecil Cecile Cecilia Cecilie Cecylia Cecyliusz Cecílie Cedric Cedrick Cedrik Celestin
Celestina Celestine Celestino Celestýn Celestýna Celia Celie Celina Celine Celso Cem Cesar Ceyda Ceylin Cezary
Chaanakya Chaaruchandra Chad Chadd Chadrick Chaim Chaitan Chakor Chakradhar Chakravartee Chakravarti Chakrika
Chanakya Chance Chanda Chandak Chandan Chandani Chandi Chandini Chandira Chandler Chandni Chandra Chandraayan
Chandrabhaga Chandrabhan Chandradev Chandrakala Chandraketu Chandrakin Chandramani Chandramauli Chandramohan
Chandran Chandranath Chandrani Chandraprabha Chandraswaroopa Chandravati Chanel Chanelle Chantal Chapal
Chapala Charak Charity Charlaine Charleen Charlemagne Charlene Charles Charley Charlie Charline Charlotta
Charlotte Charuchandra Charumati Charuvrat Charvi Chase Chasity Chaten Chatur Chatura Chaturaanan Chaturbhuj
Chauncey Chaya Chayenne Chaz Chelo Chelsea Chelsey Chelsie Chema Cheryl Chesley Chester Chet Chetan
Chetanaanand Cheyanne Cheyenne Chiara Chidaakaash Chidaatma Chidambar Chidambaram Chidananda Childebert
Chilpéric Chinmayanand Chinmayananda Chiranjeev Chiranjeeve Chitraksh Chitrali Chitramala Chitrangada Chloe
Chloé Chon Chraniboj Chranibor Chranislav Chranislava Chris Christ Christa Christel Christelle Christer
Christian Christiana Christiane Christiano Christie Christin Christina Christine Christodule Christof
Christoffer Christop Christoph Christophe Christopher Christy Chrysole Chrysostome Chrétien Chus Chuy Chval
Chyna Ciara Ciarán Cicero Cielo Cierra Cillian Cindy Citlali Citlalli Claas Claes Clair Claire Clara
Clarabelle Clare Clarence Clarissa Clarisse Clark Claud Claude Claudia Claudie Claudien Claudine Claudio Claus
Clay Clayton Cledwyn Clemens Clement Clemente Clementina Clementine Clemmie Cleo Cleora Cleta Cletus Cleve
Cleveland Clifford Clifton Clint Clinton Clio Clive Clotaire Clotilde Clovis Cloyd Clyde Cléandre Clélie
Clémence Clément Clémentine Cléry Coby Coco Cody Col Colby Cole Coleman Colette Colin Coline Colleen Collien
Collin Colt Colten Colton Columbus Concepcion Concepción Conception Concha Conchita Conner Connie Connor Conny
Conor Conrad Constance Constant Constantin Consuelo Cooper Cora Coralie Coraline Corbin Cordelia Cordell
Cordia Cordie Corene Corentin Corentine Corey Corine Corinna Corinne Cormac Cornelia Cornelius Cornell Corrine
Cortez Cortney Corvin Cory Cosima Cosme Coty Courtney Covadonga Coy Craig Crawford Creola Cristal Cristian
Cristina Cristián Cristobal Cristopher Cristóbal Cruz Crystal Crystel Ctibor Ctibora Ctirad Ctirada Ctislav
Ctislava Cullen Curt Curtis Cydney Cynthia Cyntie Cyprien Cyprián Cyra Cyriaque Cyrielle Cyril Cyrila Cyrille
Cyrus Cyryl Cécile Cédric Céleste Célestin Célestine Célien Céline Césaire César Cézar Côme D'angelo Daan
Daantje Daevi Daevika Dafydd Dag Dagmar Dagmara Dahlia Dai Daija Daisha Daisy Daiwik Dakota Daksha Dakshayani
Dale Dalibor Dalibora Dalida Dalie Dalila Dalimil Dalimila Dalimír Dalimíra Dallas Dallin Dalton Damaris
Damayanti Dameon Damian Damiana Damien Damion Damián Damiána Damodara Damon Dan Dana Dandak Dandapaani Dandre
Dane Dangelo Dani Danial Danica Daniel Daniela Daniele Daniella Danielle Danika Danilo Danique Dannie Danny
Dante Danuta Danyka Daphne Daphnee Daphney Daphné Darby Darek Daren Daria Darian Dariana Darie Darien Darin
Darina Dario Darion Darius Dariusz Darja Darla Darleen Darlene Darnell Daron Darrel Darrell Darren Darrick
Darrin Darrion Darron Darryl Darshan Darshwana Darwin Daryl Dashawn Dasia Datta Dave David Davida Davide Davin
Davina Davion Davon Davonte Dawid Dawn Dawson Dax Dayaamay Dayaananda Dayaanidhi Dayamayee Dayana Dayna Dayne
Dayton Dean Deangelo Deanna Deb Debbie Deborah Debra Debs Declan Dedric Dedrick Dee Deeksha Deenabandhu Deepak
Deepali Deepan Deepankar Deependra Deepesh Deeptanshu Deeptendu Deeptiman Defne Deion Deirdre Deja Dejah Dejon
Dejuan Delaney Delbert Delfina Delia Delilah Dell Della Delmer Delores Delpha Delphia Delphin Delphine Delta
Delyth Demarco Demarcus Demario Demelza Demetris Demetrius Demetriusz Demi Demond Dena Denis Denise Deniz
Dennis Denny Deon Deondre Deontae Deonte Dereck Derek Derick Dermot Deron Derrick Deshaun Deshawn Desiree
Desmond Dessie Destany Destin Destinee Destiney Destini Destiny Detlef Detlev Devan Devante Deven Devin Devon
Devonte Devyn Dewayne Dewey Dewi Dewitt Dexter Di Diamond Diana Diane Dianna Dianne Didier Diede Diego Dieke
Dieter Dietmar Dietrich Dieudonné Dieudonnée Dilara Dillan Dillon Dilys Dimitri Dina Dinah Dino Dion Dionisio
Dionizy Dirk Dixie Djenna Dock Dolly Dolores Domenic Domenica Domenick Domenico Domenik Domingo Dominic
Dominick Dominik Dominique Don Donal Donald Donato Donavon Donna Donncha Donnell Donnie Donny Dora Dorcas
Doreen Dorian Doriane Dorine Doris Dorota Dorotea Dorothea Dorothy Dorothée Dorris Dortha Dorthy Douce Doug
Dougal Douglas Dovie Doyle Drake Drew Dua Duane Dudley Dulce Duncan Durward Dustin Dusty Dwayne Dwight Dylan
Dympna Débora Désiré Eamon Earl Earlene Earline Earnest Earnestine Easter Easton Ebba Eberhard Ebony Eckhard
Ecrin Ed Eda Edd Eddi Eddie Eddy Edeltraud Eden Edgar Edgard Edgardo Edilberto Edison Edith Edmond Edmund
Edmée Edna Eduard Eduardo Eduviges Edvin Edward Edwardo Edwin Edwina Edyta Edyth Edythe Eef Eefje Efe Effie
Efraim Efrain Efrem Efren Ege Egon Eike Eileen Eilidh Einar Eino Eirik Eirlys Ela Eladio Elaina Elaine Elanur
Elbert Elda Eldon Eldora Eldred Eldridge Elea Eleanor Eleanora Eleanore Eleazar Electa Elena Eleni Elenor
Elenora Eleonora Eleonore Elfed Elfrieda Elfriede Eli Elia Eliah Elian Eliana Eliane Elias Eliasz Eliezer Elif
Elijah Elin Elina Eline Elinor Elinore Elisa Elisabeth Elise Eliseo Elisha Elissa Eliza Elizabeth Elize Elke
Ella Elle Ellen Elli Ellie Elliot Elliott Ellis Ellsworth Elly Elmer Elmira Elmo Elmore Elna Elnora Elodie
Elody Eloisa Eloise Elouise Eloy Elroy Elsa Elsbeth Else Elsie Elta Elton Eluned Elva Elvera Elvie Elvira
Elvis Elwin Elwira Elwyn Elynn Elyse Elyssa Elza Elías Emanuel Emelia Emelie Emely Emerald Emerson Emery Emie
Emil Emile Emilia Emilian Emiliano Emilie Emilio Emily Emir Emirhan Emlyn Emma Emmalee Emmanuel Emmanuelle
Emmelie Emmely Emmet Emmett Emmi Emmie Emmitt Emmy Emory Emre Emrys Ena Encarna Encarnación Eneko Enes
Engelbert Enguerrand Enid Enie Enna Enno Enoch Enola Enora Enos Enrico Enrique Enya Ephraim Era Erast Eren
Erhard Eriberto Eric Erica Erich Erick Ericka Erik Erika Erin Erling Erma Erna Ernest Ernestina Ernestine
Ernesto Ernie Ernst Ervin Erwan Erwin Eryn Esma Esmee Esmeralda Esmé Esmée Esperanza Esra Essie Esta Esteban
Estefania Estefanía Estel Estela Estell Estella Estelle Ester Estera Estevan Esther Estrella Etha Ethan Ethel
Ethelyn Ethyl Etienne Ettie Euan Eubert Eudes Eudokia Eudoksja Eudora Eudoxe Eudoxie Eufemia Eugen Eugene
Eugenia Eugeniusz Eugène Eugénie Eula Eulah Eulalia Eulalie Euna Eunice Euphrasie Eusebia Eusebio Eustache
Eustracjusz Eusèbe Eusébie Eva Evalyn Evan Evangeline Evans Evaristo Eve Evelien Evelin Evelina Eveline Evelyn
Evelyne Even Everardo Everett Everette Evert Evi Evie Evy Ewa Ewald Ewan Ewelina Ewell Ezekiel Ezequiel Ezra
Fabian Fabien Fabienne Fabio Fabiola Fabiënne Fabrice Fae Faith Falba Falk Famke Fannie Fanny Fantin Fantine
Farah Fardau Fatima Fatma Faustine Faustino Fausto Favian Fay Faya Faye Fayen Fayenne Febe Federico Felicia
Felicita Felicitas Felicity Feliks Felina Feline Felipa Felipe Felix Felton Fem Femi Femke Femm Fenja Fenna
Fenne Ferdinand Ferdl Ferdynanda Fergus Fermin Fermina Fermín Fern Fernand Fernande Fernando Ferne Ferran
Ffion Fiacre Fidel Fidèle Fieke Fien Fiene Fiep Fiete Filemon Filiberto Filip Filipa Filomena Filou Finbar
Fine Finia Finja Finlay Finley Finn Finnja Finnley Fintan Fiona Firmin Fitz Flavia Flavie Flavien Flavio Fleta
Fletcher Fleur Flo Flodoard Floor Floortje Flora Flore Florence Florencia Florencio Florencja Florent
Florentine Florentino Florestan Florian Florida Florie Florine Flossie Floy Floyd Ford Forest Forrest Fortuné
Fortunée Foster Foulques France Frances Francesca Francesco Francette Francia Francine Francis Francisca
Francisco Francisque Franciszek Franciszka Franco Frank Franka Frankie Franklin Franz Franziska Franzl
François Françoise Frauke Fred Freda Freddie Freddy Frederic Frederick Frederik Frederike Frederique Fredrick
Fredrik Fredy Freeda Freeman Freida Freya Frida Fridolin Frieda Friederike Friedhelm Friedrich Fritz Fryderyk
Frédéric Frédérique Fulbert Fulcran Fulgence Furkan Furman Fynn Félicie Félicité Féline Félix Gabe Gabi Gabin
Gabriel Gabriela Gabriele Gabriella Gabrielle Gael Gaetano Gage Gaia Gail Galfryd Garance Gardner Gareth
Garett Garfield Garland Garnet Garnett Garnier Garret Garrett Garrick Garrison Garry Garth Gary Gaspar Gaspard
Gaston Gatien Gaud Gautier Gavin Gayle Gaz Gaël Gaëlle Gedeon Gene General Genesis Geneva Genevieve Geneviève
Gennaro Genoveva Geo Geoff Geoffrey Geoffroy Georg George Georges Georgette Georgia Georgiana Georgianna
Geovanni Geovanny Geovany Geraint Gerald Geraldine Gerard Gerardo Gerazym Gerberge Gerbert Gerd Gerda Gerhard
Gerlinde Germain Germaine German Germán Gernot Gerold Gerrit Gerry Gerson Gertrud Gertruda Gertrude Gervais
Gesa Ghislain Ghislaine Gia Giada Gian Gianluca Gianni Gideon Gigi Gilbert Gilberte Gilberto Gilda Gildardo
Gildas Giles Gilles Gillian Gina Ginette Ginewra Ginger Gino Gioia Giorgio Giovani Giovanna Giovanni Giovanny
Girart Gisela Giselle Gislebert Gisselle Gisèle Giulia Giuliana Giuliano Giuseppe Gladyce Gladys Glen Glenda
Glenn Glenna Glennie Glenys Gloria Glyn Glynis Godfrey Golda Golden Gondebaud Gonsalwy Gonthier Gontran
Gonzague Gonzalo Gordon Gorka Goronwy Gottfried Grace Gracie Graciela Gracja Grady Graham Grant Granville
Grayce Grayson Green Greg Gregg Gregor Gregoria Gregorio Gregory Greta Gretchen Greyson Griffin Grit Grover
Grzegorz Gráinne Grégoire Guadalupe Gudrun Guenièvre Gui Guido Guilhemine Guillaume Guillemette Guillermina
Guillermo Guiseppe Gun Gundula Gunilla Gunnar Gunnel Gunner Gus Gussie Gust Gustav Gustave Gustavine Gustavo
Guusje Guy Guyot Guérin Gwen Gwenaël Gwenaëlle Gwendolen Gwendolyn Gwido Gwilym Gwyneth Gédéon Gérald Gérard
Géraud Göran Güicho Günter Günther Hadley Hafsa Hagen Hailee Hailey Hailie Hal Haleigh Haley Halie Halle
Hallie Hamish Hamza Hana Hank Hanna Hannah Hanne Hannelore Hannes Hanno Hans Hansjörg Hanspeter Hansruedi
Hansueli Harald Hardouin Hardy Harley Harmon Harmony Harold Harriet Harrison Harry Hartmut Hartung Hartwig
Harvey Hasan Haskell Hassan Hassie Hattie Hauke Haven Hayden Haylee Hayley Haylie Hazel Hazle Heath Heather
Heaven Heber Hector Hedda Hedwig Hefin Heidi Heidrun Heike Heiner Heinrich Heinz Helen Helena Helene Helga
Helin Hellen Helmer Helmut Heloise Henderson Hendrik Hendrika Hennes Henning Henri Henrick Henrietta Henriette
Henrik Henrike Henry Henryk Henryka Herbert Heribert Herluin Herman Hermann Hermenegildo Hermina Hermine
Herminia Herminio Hernando Hernán Hershel Herta Hertha Hervé Hester Hettie Heulwen Hias Hidaya Hieronim
Hieronymus Hilaire Hilario Hilarion Hilary Hilbert Hilda Hildebert Hildegard Hilke Hillard Hillary Hilma
Hilton Hincmar Hinnerk Hinrich Hipolit Hipolito Hippolyte Hira Hiram Hobart Holden Holger Hollie Hollis Holly
Homer Homero Honorine Honorio Honoré Hope Horace Horacio Horacy Horst Hortense Hortensia Hosea Houston Howard
Howell Hoyt Hubert Hudson Hugh Hugo Hugues Huguette Hulda Humberto Hunter Hussein Huw Hyman Håkan Håkon
Hédelin Hélier Héloïse Hélène Ian Ibrahim Icie Ida Idell Idella Idris Idwal Iestyn Ieuan Ifan Ignacio Ignacy
Ignatius Ignaz Igor Ike Iker Ila Ilayda Ildefonso Ilene Iliana Ilias Ilja Ilka Ilona Ilse Ilyas Ima Imani
Imelda Imke Immanuel Imogen Imogene Ina Inara Inaya Indy Ines Inez Inga Inge Ingeborg Inger Ingo Ingrid Inka
Inken Inmaculada Innocent Innocenty Inès Inés Ioan Iona Ira Irem Irena Irene Ireneusz Iria Irina Iris Irma
Irmgard Irvin Irving Irwin Irène Isa Isaac Isabeau Isabel Isabela Isabell Isabella Isabelle Isac Isadore Isai
Isaiah Isaias Isak Ise Iseult Ishbel Isidore Isidoro Isidro Ismael Ismail Ismérie Isobel Isolde Isom Isra
Israel Issac Itzel Itziar Iva Ivah Ivan Ivanna Iven Ivo Ivonne Ivor Ivory Ivy Iván Iwan Izaak Izabela Izabella
Izaiah Izajasz Ize Izolda Izydor Izzy Iñaki Jabari Jace Jacey Jacinthe Jacinto Jack Jackeline Jackie Jacklyn
Jackson Jacky Jaclyn Jacob Jacoba Jacobo Jacqueline Jacquelyn Jacques Jacynthe Jada Jade Jaden Jadon Jadwiga
Jadyn Jaeden Jaelynn Jago Jaida Jaiden Jailey Jailyn Jaime Jaimy Jairo Jakayla Jake Jakob Jakub Jakubina
Jaleel Jalen Jalon Jalou Jalyn Jamaal Jamal Jamar Jamarcus Jamel James Jameson Jamey Jamie Jamil Jamila Jamir
Jamison Jammie Jan Jana Janae Jane Janek Janelle Janessa Janet Janice Janick Janie Janin Janina Janine Janis
Janiya Janna Janne Jannek Jannes Jannie Jannik Jannis Jano Janosch Janusz Jany Japhet Jaquan Jaquelin
Jaqueline Jara Jared Jaren Jari Jarne Jarno Jarod Jaron Jarred Jarrell Jarret Jarrett Jarrod Jarvis Jas Jasen
Jasmijn Jasmin Jasmina Jasmine Jason Jasper Jaume Jaunita Javier Javon Javonte Jay Jayce Jaycee Jayda Jayde
Jayden Jaydon Jaylan Jaylen Jaylin Jaylinn Jaylon Jayme Jayne Jayson Jazlyn Jazmin Jazmyn Jazmyne Jazz Jazzlyn
Jazzlynn Jean Jeanette Jeanie Jeanne Jeannel Jeannette Jeannie Jeannot Jed Jedediah Jedidiah Jeff Jefferey
Jeffery Jeffrey Jeffry Jehanne Jella Jem Jena Jenifer Jenna Jennie Jennifer Jennings Jenny Jennyfer Jens
Jensen Jente Jerad Jerald Jeramie Jeramy Jerel Jeremi Jeremiah Jeremias Jeremiasz Jeremie Jeremy Jermain
Jermaine Jermey Jerod Jerome Jeromy Jerrell Jerrod Jerrold Jerry Jerzy Jerónimo Jesper Jess Jesse Jessica
Jessie Jessika Jesslyn Jesslynn Jessy Jessyca Jesus Jesús Jet Jett Jette Jettie Jevon Jewel Jewell Jil Jill
Jillian Jim Jimena Jimmie Jimmy Jinte Jinthe Jip Jo Joachim Joakim Joan Joana Joanie Joann Joanna Joanne
Joannie Joanny Joany Joaquin Joaquín Job Jocelyn Jocelyne Jochen Jodi Jodie Jody Joe Joel Joelina Joeline
Joelle Joesph Joey Johan Johann Johanna Johanne Johannes Johathan John Johnathan Johnathon Johnnie Johnny
Johnpaul Johnson Jokin Jolanda Joleen Jolie Jolien Jolijn Jolin Jolina Joline Jon Jona Jonah Jonas Jonatan
Jonathan Jonathon Jonna Jonte Jonty Joost Jordan Jordane Jordi Jordon Jordy Jordyn Jorge Joris Joscha Joschua
Jose Josef Josefa Josefien Josefin Josefina Josefine Josep Joseph Josephin Josephine Josette Josh Joshua
Joshuah Josi Josiah Josiane Josianne Josie Josse Josselin Josua Josue Josy José Joséphine Jourdain Jovan
Jovani Jovanny Jovany Joy Joya Joyce Jozue Joël Joëlle Juan Juana Juanita Judah Judd Jude Judge Judicaël
Judith Judson Judy Judyta Jula Jule Jules Julia Julian Juliana Juliane Julianne Julie Julien Julienne Juliet
Julieta Juliette Julika Julina Julio Julita Julius Juliusz Julián Juliëtte Juna June Junior Junius Juno Juri
Juste Justen Justice Justin Justina Justine Juston Justus Justyn Justyna Jutta Juul Juvenal Juwan Jérémie
Jérôme Józef Józefina Jörg Jörgen Jörn Jørgen Jürg Jürgen Kaan Kacey Kaci Kacie Kade Kaden Kadin Kaela Kaelyn
Kai Kaia Kailee Kailey Kailyn Kaitlin Kaitlyn Kaja Kale Kaleb Kaleigh Kaley Kali Kalistrat Kalle Kallie
Kameron Kamila Kamille Kamren Kamron Kamryn Kane Kara Kareem Karelle Karen Kari Kariane Karianne Karim Karin
Karina Karine Karl Karla Karlee Karley Karli Karlie Karlijn Karlo Karlotta Karol Karolann Karolina Karoline
Karson Karsten Kasandra Kasey Kasper Kassandra Katarina Katarzyna Kate Katelin Katelyn Katelynn Katharina
Katherine Katheryn Kathi Kathleen Kathlyn Kathrin Kathryn Kathryne Kathy Katie Katja Katlyn Katlynn Kato
Katrin Katrina Katrine Kattie Kavon Kay Kaya Kaycee Kayden Kayla Kaylah Kaylee Kayleigh Kayley Kayli Kaylie
Kaylin Kayra Kazimierz Keagan Keanu Keara Keaton Keegan Keeley Keely Keenan Keira Keith Kellen Kelley Kelli
Kellie Kelly Kelsi Kelsie Kelton Kelvin Ken Kenan Kendall Kendra Kendrick Kenna Kennedi Kennedy Kenneth
Kennith Kenny Keno Kent Kenton Kenya Kenyatta Kenyon Keon Kerem Kerim Kerry Kerstin Keshaun Keshawn Kev Keven
Kevin Kevon Keyon Keyshawn Khalid Khalil Kian Kiana Kianna Kiara Kiarra Kiel Kiera Kieran Kiley Kilian Kim
Kimberley Kimberly Kimi King Kip Kira Kirk Kirsten Kirstin Kirsty Kit Kitty Kjell Klaas Klara Klarencjusz
Klaudia Klaudiusz Klaus Klemens Klementyna Kleopatra Kobe Koby Kody Kolby Koldo Kole Konrad Konstancja
Konstantin Konstanty Konstantyn Koralia Koray Korbin Korbinian Korey Korinna Kornel Korneli Kornelia
Korneliusz Kory Kraig Kris Krista Kristen Kristi Kristian Kristie Kristin Kristina Kristine Kristofer
Kristoffer Kristopher Kristy Krystal Krystel Krystian Krystina Krystyna Krzysztof Ksawera Ksawery Ksenia
Ksenofont Kurt Kurtis Kwame Kwintyn Kyla Kyle Kylee Kyleigh Kyler Kylie Kyra Lacey Lachlan Lacy Ladarius
Ladislaus Lafayette Laia Laila Laisha Lamar Lambert Lamont Lana Lance Landen Landry Lane Laney Lara Larissa
Laron Larry Lars Larue Larysa Lasse Latoya Laura Laurane Laure Laureen Laurel Laureline Lauren Laurence
Laurencja Laurencjusz Laurens Laurent Laurenty Laurentyna Laurenz Lauretta Lauriane Laurianne Laurie Laurin
Laurine Laury Lauryn Laurène Lavada Lavern Laverna Laverne Lavina Lavinia Lavon Lavonne Lawrence Lawson Layla
Layne Lazare Lazaro Lea Leah Lean Leana Leander Leandra Leandro Leann Leanna Leanne Leatha Leberecht Leda Lee
Leif Leigh Leila Leilani Lela Lelah Leland Lelia Lempi Lemuel Len Lena Lene Leni Lenia Lenja Lenn Lenna
Lennard Lennart Lennert Lennie Lennox Lenny Lenora Lenore Lenya Leo Leobardo Leola Leon Leona Leonard Leonardo
Leone Leonel Leonhard Leoni Leonid Leonidas Leonie Leonor Leonora Leopold Leopoldo Leora Lera Leroy Lesley
Leslie Lesly Lessie Lester Leta Letha Leticia Letitia Letizia Lettie Leu Leufroy Levent Levi Levin Levke Lew
Lewin Lewis Lexi Lexie Lexus Leyla Lia Liah Liam Lian Liana Lias Libbie Libby Libère Lidia Lieke Lila Lili
Lilia Lilian Liliana Liliane Lilianna Lilith Lilla Lilli Lillian Lilliana Lillie Lilly Lily Lilyan Lina
Lincoln Linda Lindsay Lindsey Line Linn Linnea Linnie Linnéa Lino Linus Linwood Lio Lion Lionel Lisa Lisandro
Lisann Lisanne Lisbeth Liselotte Lisette Litzy Liv Livia Liz Liza Lizbeth Lizeth Lizzie Liétald Llewellyn
Llinos Llorenç Lloyd Logan Lois Loisl Lola Loli Lolita Loma Lon London Longin Lonie Lonnie Lonny Lonzo Lora
Loraine Lorcan Loreen Loren Lorena Lorene Lorenz Lorenza Lorenzo Loretta Lori Lorine Loris Lorna Lorrain
Lorraine Lothaire Lothar Lotta Lotte Lottie Lou Louie Louis Louisa Louise Loup Lourdes Louvenia Loveday Lovisa
Lowell Lowri Loy Loyal Loyce Loïc Luan Luana Luc Luca Lucas Lucette Lucia Lucian Luciano Lucie Lucien Lucienne
Lucile Lucille Lucinda Lucio Lucious Lucius Lucja Lucjan Lucy Lucía Ludger Ludie Ludivine Ludolphe Ludovic
Ludvig Ludwig Ludwik Ludwika Lue Luella Luigi Luis Luisa Luise Luiz Luiza Luk Luka Lukas Luke Lula Lulu Luna
Lupe Lura Lurline Luther Lutz Luuk Luz Luzie Luzmila Lya Lyda Lydia Lydie Lyla Lyle Lyn Lynda Lynette Lynn
Lynne Lyric Lysanne Léa Léandre Léna Léon Léonard Léonie Léonne Léontine Léopold Léopoldine Mabel Mabelle
Mable Mac Macaire Macarena Macey Maci Macie Mack Mackenzie Macsen Macy Madaline Madalyn Maddalen Maddison
Maddox Madeleine Madeline Madelyn Madelynn Madge Madie Madilyn Madisen Madison Madisyn Madita Madleen Madlen
Madonna Mads Madyson Mae Maegan Maeve Mafalda Magali Magda Magdalen Magdalena Maggie Magnolia Magnus Maguelone
Mahaut Mahmoud Maia Maica Maida Maik Maike Mailin Mair Maira Maisie Maite Maiya Maja Major Makary Makayla
Makenna Makenzie Maksim Maksym Maksymilian Mal Malachi Malcolm Malena Malia Malik Malika Malin Malina Malinda
Mallaury Mallie Mallory Malo Malte Malvina Malwina Mamert Mamie Manassé Mandy Manfred Manley Manon Manuel
Manuela Mara Marah Marc Marceau Marcel Marcela Marceli Marcelin Marcelina Marceline Marcelino Marcella
Marcelle Marcellus Marcelo Marcia Marcin Marco Marcos Marcus Mareike Marek Maren Margaret Margareta Margarete
Margarett Margaretta Margarette Margarita Marge Marged Margie Margot Margret Margrit Margrith Marguerite Mari
Maria Mariah Mariam Marian Mariana Mariane Marianna Marianne Mariano Maribel Maricarmen Marie Marieke Mariela
Mariella Marielle Marietta Marika Marilie Marilou Marilu Marilyn Marilyne Marilú Marina Marine Mario Marion
Marisa Marisela Marisol Marissa Marit Maritza Marius Marjolaine Marjorie Marjory Mark Marko Markus Marla
Marlee Marleen Marlen Marlena Marlene Marley Marlies Marlin Marlis Marlo Marlon Marlène Marques Marquis
Marquise Marsha Marshall Marta Marte Marten Martha Marthe Martial Martin Martina Martine Marty Martyna Martí
Martín Marvin Marwin Mary Maryam Maryann Maryjane Maryna Maryse María Mason Massimo Mateo Mateusz Mathew
Mathias Mathieu Mathilda Mathilde Mathis Mathurin Matilda Matilde Matis Mats Matt Matteo Mattes Matthew
Matthias Matthieu Matthis Matti Mattias Mattie Mattis Matylda Matías Maud Maude Maudie Maugis Maura Maureen
Maurice Mauricette Mauricio Maurine Maurycy Maverick Mavis Max Maxellende Maxence Maxi Maxie Maxim Maxima
Maxime Maximilian Maximiliano Maximilien Maximillia Maximillian Maximo Maximus Maxine Maxwell May Maya Maybell
Maybelle Maye Mayeul Maymie Maynard Mayra Mayte Mazie Maëlle Maïwenn Mckayla Mckenna Mckenzie Meagan Meaghan
Mechthild Meda Medina Medine Meera Megan Megane Meggie Meghan Mehmet Meik Meike Meinhard Meirion Mekhi Melania
Melanie Melany Melba Melchior Melek Melike Melina Melinda Melis Melisa Melissa Melitta Mellie Melody Melvin
Melvina Melyna Melyssa Memo Mence Menna Mercedes Meredith Merfyn Meritxell Merl Merle Merlin Merritt Merryn
Mert Mertie Merve Mervin Meryem Meta Mette Mhairi Mia Micaela Micah Michael Michaela Michale Michalina Michaël
Micheal Michel Michele Micheline Michelle Michèle Mick Mieke Miguel Mika Mikael Mikaela Mikail Mikayla Mike
Mikel Mikkel Mila Milagros Milan Milana Mildred Milena Miles Milford Milla Miller Millicent Millie Milo Milton
Mina Mindy Minerva Minna Minnie Mio Mira Mirac Miracle Miranda Miray Mirco Mireia Mireille Mireya Miriam Mirja
Mirko Miron Misael Missouri Misty Mitchel Mitchell Mittie Moa Modest Modesta Modesto Mohamed Mohammad Mohammed
Moira Moises Mollie Molly Momme Mona Moncho Moni Monica Monika Monique Monroe Monserrat Monserrate Montana
Monte Montse Montserrat Monty Morag Morgan Morgane Moriah Moritz Morris Morten Mortimer Morton Morwenna Mose
Moses Moshe Mossie Moussa Mozell Mozelle Moïse Moïsette Muhammad Muhammed Murat Muriel Murl Murphy Murray
Mustafa Mya Myah Mylene Myles Mylène Myra Myriam Myrl Myrna Myron Myrtice Myrtie Myrtis Myrtle Máire Médéric
Mégane Mélanie Mélisande Mélissa Mélissandre Mélodie Mérovée Mónica Nacho Nadia Nadine Nadja Nadzieja Nadège
Naemi Nakia Name Nancy Nannie Naomi Naomie Napoleon Narciso Narcisse Nash Nasir Nat Natalia Natalie Natan
Natanael Natasha Nathalie Nathan Nathanael Nathanaël Nathanial Nathaniel Nathen Naudet Nayeli Nazariusz Nazary
Neal Ned Nedra Neele Neha Neil Nekane Nela Nelcy Nelda Nele Nell Nella Nelle Nelli Nellie Nelly Nels Nelson
Neo Neoma Nerys Nesta Nestor Nettie Neus Neva Neville Nevio Newell Newton Ngozi Nia Niamh Nicanor Nicholas
Nicholaus Nichole Nick Nicklaus Nickolas Niclas Nico Nicola Nicolai Nicolas Nicole Nicolette Nicolás Nicéphore
Niels Nieves Nigel Nika Nike Nikita Nikki Nikko Niklas Niklaus Niko Nikodem Nikola Nikolai Nikolas Nikolaus
Nila Nils Nina Nine Nino Nisa Noa Noah Noble Noe Noel Noelia Noemi Noemie Noemy Nola Nolan Nolwenn Nona Nora
Norbert Norberto Noreen Norene Norma Norman Normand Norris Norval Norwood Notburga Nova Novella Noé Noémie
Noël Noëlle Noëmi Nuria Nya Nyah Nyasia Néhémie Néstor Núria Obie Oceane Ocie Ocke Octave Octavia Octavio
Océane Oda Odell Odessa Odette Odie Odile Odilon Odin Odon Ofelia Oger Oisín Oke Okey Ola Olaf Ole Oleg Olen
Oleta Olga Olimpia Olin Olive Oliver Olivia Olivier Oliwia Oliwier Olle Ollie Olof Olwen Olympe Oma Omar Omari
Ombline Omer Ona Onie Onno Onufry Onur Oonagh Opal Ophelia Ophélie Ora Oral Oran Oren Orestes Oriande Oriane
Orie Orin Oriol Orion Orla Orland Orlando Orlane Orlo Orpha Orrin Orson Orval Orville Osbaldo Osborne Oscar
Osian Oskar Osmund Osvaldo Oswald Oswaldo Otha Otho Otilia Otis Otmar Ottilie Ottis Otto Ottoline Oury Ova
Owen Ozanne Ozella Pablo Paco Pacôme Padraig Paige Palma Paloma Palémon Pam Pamela Pankracy Pansy Pantaleon
Paola Paolo Parfait Paris Parker Pascal Pascale Pascual Pasquale Pat Paterne Patience Patrice Patricia
Patricio Patrick Patrik Patrizia Patrycja Patrycjusz Patrycy Patryk Patsy Patti Pattie Patty Pau Paul Paula
Paule Paulette Paulina Pauline Paxton Payton Pearl Pearlie Pearline Pedro Peer Peggie Peggy Pelagia Penelopa
Penelope Penny Pep Pepe Per Perceval Percival Percy Pere Pernilla Perpetua Perran Perrine Perry Pete Peter
Petra Petronila Peyton Phil Philibert Philine Philip Philipp Philippa Philippe Philippine Phillip Philomène
Philothée Philémon Phoebe Phyllis Pia Pie Pierce Pierre Pierrette Pierrick Piet Pieter Pietro Pilar Pink
Pinkie Piotr Piper Piran Pit Pius Platon Plácido Poldi Polly Ponciano Pontus Poppy Porter Precious Presley
Preston Price Primerose Prince Princess Priscilla Priscille Priska Priya Prosper Providenci Pru Prudence Prue
Pulchérie Purificación Pécine Pélagie Pénélope Pépin Pétronille Pío Queen Queenie Quentin Quentine Queralt
Quim Quincy Quinn Quinten Quintia Quinton Quique Quirin Quiéta Rachael Rachel Rachelle Rachid Rae Raegan
Rafael Rafaela Raheem Rahel Rahsaan Rahul Raik Raina Rainer Rajesh Raleigh Ralf Ralph Ramiro Ramon Ramona
Ramón Randal Randall Randi Randolph Randy Rania Ransom Raoul Raphael Raphaelle Raphaël Raphaëlle Raquel Rashad
Rashawn Rasheed Rasmus Raul Raven Ravi Ray Rayan Raymond Raymonde Raymundo Raúl Reagan Reanna Reba Rebeca
Rebecca Rebeka Rebekah Rebekka Reece Reed Reese Reg Regan Reggie Regina Reginald Regula Reid Reilly Reina
Reine Reiner Reinhard Reinhold Remedios Remington Remo Rena Renata Renate Renato Renaud Rene Renee René Renée
Resi Ressie Reta Retha Reto Retta Reuben Reva Rex Rey Reybaud Reyes Reymundo Reyna Reynold Rhea Rhett Rhianna
Rhiannon Rhoda Rhodri Rhonda Rhys Riana Ricarda Ricardo Riccardo Richard Richie Richmond Rick Rickard Rickey
Rickie Ricky Rico Rieke Rigoberto Rike Riley Rita River Robb Robbie Robert Roberta Roberto Robin Robyn Rocco
Roch Rochelle Rocio Rocky Rocío Rod Roderick Rodger Rodney Rodolfo Rodolphe Rodrick Rodrigo Rodrigue Roel
Rogelio Roger Rogers Roland Rolande Rolando Rolf Rollin Roma Romain Romaine Roman Romana Romane Romeo Romina
Romuald Romy Román Roméo Ron Ronald Ronaldo Ronan Ronja Ronnie Ronny Roos Roosevelt Rory Rosa Rosaire Rosalba
Rosalee Rosalia Rosalie Rosalind Rosalinda Rosalyn Rosalía Rosamond Rosanna Rosario Roscoe Rose Roselin
Roseline Rosella Roselyn Roselyne Rosemarie Rosemary Rosendo Roser Rosetta Rosie Rosina Rosita Roslyn Ross
Rossie Roswitha Rowan Rowena Rowland Roxane Roxanne Roy Royal Royce Roz Rozella Ruben Rubie Ruby Rubye Rubén
Rudi Rudolf Rudolph Rudy Ruedi Rufino Rufus Rupert Russ Russel Russell Rusty Ruth Ruthe Ruthie Ryan Ryann
Ryder Rylan Rylee Ryleigh Ryley Régine Régis Réjean Réjeanne Rémi Sabela Sabina Sabine Sabrina Sabryna Sadie
Sadye Sage Sahra Said Saige Salih Sallie Sally Salma Salome Salomon Salomé Salvador Salvatore Sam Samanta
Samantha Samara Sami Samia Samir Samira Sammie Sammy Samson Samuel Sancho Sander Sandor Sandra Sandrine Sandro
Sandy Sanford Sanja Sanne Santa Santiago Santina Santino Santos Saoirse Saphira Sara Sarah Sarai Sarina Sascha
Sasha Saskia Saul Sauveur Savanah Savanna Savannah Savin Savinien Savion Saúl Scarlett Scholastique Schorsch
Schuyler Scot Scott Scottie Scotty Seamus Sean Sebastian Sedrick Segundo Selena Selim Selin Selina Selma
Selmer Sem Semih Sena Sepp Seren Serena Serenity Serge Sergi Sergio Seth Shad Shaina Shakira Shana Shane
Shanel Shanelle Shania Shanie Shaniya Shanna Shannon Shanny Shanon Shany Shari Sharon Shaun Shawn Shawna
Shaylee Shayna Shayne Shaz Shea Sheila Sheldon Shelia Shelley Shelly Shemar Sheri Sheridan Sherman Sherri
Sherry Sherwood Sheryl Shirley Shyann Shyanne Sibyl Sibylle Sid Sidney Sidoine Siegfried Sienna Sierra
Sigebert Sigismond Sigmund Sigrid Sigurd Silas Silja Silje Silke Silvia Silvio Silvère Sim Simen Simeon Simon
Simone Sina Sinan Sincere Sindre Sinja Siobhan Sioned Sister Siv Sixte Sixtine Siân Sky Skye Skyla Skylar
Smilla Sofia Sofie Sofía Solange Soledad Soline Solon Solène Sondre Sonia Sonja Sonny Sonya Sophia Sophie
Soraya Sorcha Spencer Stacey Stacy Stan Stanford Stanislas Stanley Stanton Steeve Stefan Stefanie Steffen
Steffi Stella Stephan Stephania Stephanie Stephany Stephen Stephon Sterling Steve Steven Stevie Stewart Stig
Stijn Stina Stone Struan Stuart Stéphane Stéphanie Sude Sue Summer Sunita Sunniva Sunny Susan Susana Susanna
Susanne Susie Suso Suzanne Suzon Svea Sven Svenja Svetlana Swantje Swassane Sybil Syble Sydnee Sydney Sydni
Sydnie Sylvain Sylvan Sylvester Sylvestre Sylvia Sylviane Sylvie Synne Sébastien Ségolène Séraphin Séverin
Séverine Sönke Sören Tabea Tabitha Tad Tadeo Tadeusz Tadhg Taha Talea Talia Talon Tamara Tami Tamia Tamina
Tamino Tammo Tammy Tamsin Tancrède Tanguy Tania Tanja Tanner Tanya Tara Tarik Tarja Taryn Tasha Tate Tatiana
Tatum Tatyana Taurean Taurin Tavares Taya Tayler Taylor Teagan Tecwyn Ted Tegan Tegwen Telly Telmo Telse Teo
Teodoro Tere Terence Teresa Teresita Teri Terrance Terrell Terrence Terri Terrill Terry Tess Tessa Tessie
Tevin Thad Thaddeus Thaddäus Thalea Thalia Thaïs Thea Thekla Thelma Theo Theodor Theodora Theodore Theresa
Therese Theresia Theron Thibault Thibert Thierry Thies Thijs Thilo Thomas Thora Thorben Thore Thorge Thorsten
Thurman Théo Théodora Théodore Théodose Théophile Théophraste Thérèse Tia Tiago Tiana Tianna Tiara Tierra
Tiffany Til Till Tillman Tillmann Tilly Tim Timm Timmothy Timmy Timo Timoléon Timon Timoteo Timotheus
Timothy Timothée Tina Tino Tiphaine Tiril Titien Tito Titus Tizian Tjark Tobias Tobin Toby Tod Todd Tom Tomas
Tomasa Tomke Tommie Tommy Tomás Toney Toni Tonnin Tony Tonya Torben Torbjörn Tore Torey Torquil Torrance
Torrey Torsten Toussaint Toy Toñi Toño Toñín Trace Tracey Traci Tracy Trajan Traudl Traugott Travis Travon Tre
Tremaine Tremayne Trent Trenton Tressa Tressie Trev Treva Trever Trevion Trevor Trey Tricia Trinity Trisha
Tristan Tristian Tristin Triston Troy Trudi Trudie Trycia Trystan Tschack Tuana Tunde Turner Turold Tuva Twila
Tyler Tyra Tyree Tyreek Tyrel Tyrell Tyrese Tyrique Tyron Tyrone Tyshawn Tyson Ubaldo Udo Ueli Ulf Uli Ulices
Ulises Ulla Ulli Ulrich Ulrika Ulrike Ulysse Umut Una Unai Unique Urbain Urban Uriah Uriel Ursula Ursule Uschi
Ute Uwe Uxía Vada Valentin Valentina Valentine Valentino Valentín Valeria Valerie Vallie Valère Valérie Valéry
Van Vance Vanessa Vasile Vaughn Veda Veit Velda Vella Velma Velva Vena Venance Venceslas Vera Verda Verdie
Verena Vergie Verity Verla Verlie Vern Verna Verner Vernice Vernie Vernon Verona Veronica Veronika Verónica
Vesta Vianney Vicent Vicenta Vicente Vicki Vickie Vicky Victoire Victor Victoria Victorien Victorin Vida Vidal
Vigile Viktor Viktoria Vilde Vilma Vin Vince Vincent Vincenza Vincenzo Vinciane Vinnie Vinzenz Viola Violet
Violette Virgie Virgil Virginia Virginie Visitación Vita Vital Vito Vitus Viva Vivian Viviane Vivianne Vivien
Vivienne Vladimir Volker Vroni Véronique Víctor Wade Waino Walburga Waldemar Waldo Waleran Walker Wallace
Wally Walt Walter Walton Waltraud Wanda Wandrille Ward Warren Wast Watson Wava Waylon Wayne Webster Weldon
Wellington Wendelin Wendell Wendy Werner Wesley Westley Weston Whitney Wibke Wiebke Wilber Wilbert Wilbur
Wilburn Wiley Wilf Wilford Wilfred Wilfredo Wilfrid Wilhelm Wilhelmina Wilhelmine Will Willa Willard Willem
Willi William Willie Willis Willow Willy Wilma Wilmer Wilson Wilton Winfield Winifred Winnie Winnifred Winona
Winston Wm Wojciech Wolf Wolfgang Woodrow Wyatt Wyman Wyn Wálter Xabier Xander Xaver Xaverl Xavier Xavière
Xenia Ximena Xochitl Xoán Xurxo Xzavier Xénophon Xóchitl Yadira Yamileth Yann Yannic Yannick Yannig Yannik
Yannis Yara Yaren Yaretzi Yasin Yasmeen Yasmin Yasmine Yazmin Yesenia Yessenia Ylvi Ylvie Yoann Yolanda
Yolande Yoshiko Youssef Ysaline Yseult Yuliana Yunus Yusuf Yven Yves Yvette Yvonne Zachariah Zacharie Zachary
Zachery Zaché Zack Zackary Zackery Zakary Zander Zane Zara Zaria Zechariah Zehra Zelda Zella Zelma Zena Zenzi
Zetta Zeynep Zion Zita Zoe Zoey Zofia Zoie Zoila Zola Zora Zoran Zoé Zoéva Zoë Zula Zélie Zéphirin Ángel
Ángela Åke Åsa Ève Édith Édouard Éleuthère Élia Éliane Élie Élisabeth Élise Élisée Élodie Éloïse Élzéar
Éléonore Émeline Émeric Émile Émilie Émérance Émérencie Épiphane Éric Étienne Évangéline Évariste Évelyne
Évrard Óscar Ömer`.split(/\s+/),
);
