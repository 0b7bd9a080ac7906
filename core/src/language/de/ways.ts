import { wayWords } from '../way-words.js';

/** What people ask and how it goes, in German, by way of working; see `way-words.ts` for how it is written. */
export const ways = wayWords(`# woodwork
? Geht es auch nach meiner eigenen Zeichnung? = Ja. Bringen Sie sie mit, dazu die Maße und ein Bild des Raums.
? Welches Holz wird verwendet?
? Wird geliefert und eingebaut?
? Was soll ich vorher messen? = Höhe, Breite und Tiefe, an mehr als einer Stelle: Kaum eine Wand ist gerade.
> Was und wohin = Die Größe des Platzes, was hineinsoll und was daneben steht.
> Zeichnung, Holz und Preis = Alles auf einem Blatt, bevor ein Brett geschnitten wird.
> Gebaut und gebracht = An Ort und Stelle eingepasst, bis jede Tür schließt.
# wares
? Gibt es Stücke zum Mitnehmen? = Einiges steht fertig da; was, das ändert sich von Woche zu Woche.
? Kann ich einen ganzen Satz bestellen? = Ja. Sagen Sie, wie viele, wie groß und bis wann.
? Wie pflege ich es? = Ein Zettel dazu liegt jedem Stück bei.
? Gibt es Stücke zweiter Wahl?
> Ansehen und aussuchen = Was fertig ist, können Sie in die Hand nehmen.
> Oder machen lassen = Größe, Farbe und Anzahl werden aufgeschrieben, mit einem Termin.
> Eingepackt oder verschickt = So, dass es heil ankommt.
# cloth
? Kann ich eigenen Stoff mitbringen?
? Wie wird es gewaschen? = Wie und wie heiß, steht auf einer Karte, die mitgeht.
? Wie oft wird anprobiert?
? Wird es vor einer Hochzeit noch fertig? = Fragen Sie, sobald der Tag feststeht; die Wochen vor dem Sommer sind zuerst voll.
> Den Stoff aussuchen = Gewicht, Faser und Farbe entscheidet man am besten mit der Hand und bei Tageslicht.
> Maß und Probe = Zuerst ein kleines Stück, damit niemand überrascht wird.
> Genäht und fertig = Gebügelt, mit etwas Garn für später.
# leather
? Ist altes Leder noch zu retten? = Oft. Trockenes Leder wird erst gefettet, dann genäht; brüchiges muss ersetzt werden.
? Wird es dem Tier oder dem Menschen angepasst?
? Was soll ich mitbringen? = Das Stück selbst, möglichst sauber, und jeden Riemen und jede Schnalle, die sich gelöst hat.
? Wie lange hält es?
> Bringen Sie es vorbei = Nähte, Futter und Beschläge werden mit Ihnen angesehen.
> Leder und Faden wählen = Und der Preis steht vor dem ersten Schnitt fest.
> Genäht und gewachst = Mit einem Rat, wie es geschmeidig bleibt.
# metal
? Wird es auch montiert?
? Lässt sich ein altes Stück nachmachen? = Bringen Sie es mit, oder ein Bild mit einem Maßstab daneben.
? Rostet es? = Das hängt von der Oberfläche ab: Öl, Farbe, Wachs oder Zink. Was passt, wird vorher besprochen.
? Wie schwer ist es?
> Skizze und Maße = Mit einem Bild der Stelle und dessen, was es halten soll.
> Muster und Preis = In voller Größe gezeichnet, wo es hilft.
> Gefertigt und nachgearbeitet = Jede Kante wird gebrochen, bevor es das Haus verlässt.
# jewellery
? Kann mein altes Gold oder Silber verwendet werden?
? Wie finde ich meine Ringgröße? = Mit Musterringen hier im Laden; morgens und bei Kälte sind Finger schmaler.
? Lässt sich ein Ring später weiten? = Die meisten um eine oder zwei Größen.
? Ist es gestempelt?
> Reden und ansehen = Steine, Metalle und was Sie schon haben.
> Zeichnung oder Wachsmodell = Damit Sie es sehen, bevor es da ist.
> Nach Maß gemacht = Und anprobiert, bevor es fertig ist.
# print
? In welcher Form wird der Text gebraucht? = Als reiner Text, einmal öfter gelesen, als Sie für nötig halten.
? Wie groß ist die kleinste Auflage?
? Bekomme ich einen Abzug zu sehen? = Immer. Gedruckt wird erst, wenn Sie ihn unterschrieben haben.
? Welche Papiere gibt es?
> Text, Format, Auflage = Und der Tag, an dem Sie es brauchen.
> Ein Abzug = Zum Lesen, Verbessern, Unterschreiben.
> Gedruckt und verarbeitet = Geschnitten, gefalzt oder gebunden, und gezählt.
# boats
? Kann das Boot an seinem Liegeplatz angesehen werden?
? Wann ist Platz? = Der Winter füllt sich im Herbst. Eine Zeile im Sommer hält einen Platz frei.
? Was müssen Sie zuerst wissen? = Länge, Breite, Tiefgang, Baustoff, und wann es zuletzt an Land stand.
? Arbeiten Sie nach einem Gutachten?
> Erzählen Sie vom Boot = Länge, Baujahr, Baustoff und was Ihnen Sorgen macht.
> Es wird angesehen = An Land oder im Wasser, bevor ein Preis fällt.
> Arbeiten, mit Bescheid zwischendurch = Was sich unterwegs zeigt, sehen Sie, bevor es angefasst wird.
# instruments
? Kann ich erst eines probieren? = Ja, nach Absprache und so lange Sie mögen.
? Was braucht ein Instrument im Winter? = Luft, die nicht zu trocken ist: Die Heizung schadet mehr als die Kälte.
? Wie lange wartet man auf ein neues?
? Was ist meines wert?
> Spielen und hören = Was nicht stimmt, hört man leichter, als man es sagt.
> Was es braucht = Und was das kostet, bevor etwas geöffnet wird.
> Gebaut oder gerichtet = Und eingespielt, bevor Sie es bekommen.
# commissions
? Darf ich sagen, wie es aussehen soll? = Natürlich; und der Entwurf wird geändert, bis auch Sie es sehen.
? Wem gehört die Zeichnung?
? Kann es im Freien stehen?
? Wie wird bezahlt?
> Eine Idee und ein Ort = Wo es zu sehen sein soll, für wen und wie lange.
> Entwürfe = Zwei oder drei, und einer wird ausgearbeitet.
> Ausgeführt und angebracht = Die Befestigung ist vorher besprochen.
# parts
? Wie klein darf die Serie sein?
? Welche Zeichnungen brauchen Sie? = Solche mit Maßen und Toleranzen; wo es keine gibt, genügt ein verschlissenes Teil.
? Werden die Teile gemessen und dokumentiert?
? Ist ein Termin verbindlich? = Der Termin steht im Angebot; verschiebt ihn etwas, hören Sie es sofort.
> Zeichnung oder Muster = Dazu Werkstoff, Stückzahl und Termin.
> Ein Angebot = Für das Stück und für die Serie.
> Erst eines, dann der Rest = Das erste geht zur Freigabe an Sie.
# restoring
? Sieht es danach wie neu aus? = Nein: gepflegt. Wie weit es gehen soll, wird zuerst besprochen.
? Verliert es an Wert? = Gute Arbeit nimmt keinen. Was getan wird, lässt sich nach Möglichkeit rückgängig machen.
? Wird festgehalten, was gemacht wurde?
? Wie bringe ich es am besten her? = So, wie es zu Hause steht, wenig verpackt, lose Teile in einem Beutel.
> Ansehen und beurteilen = Was alt ist, was verändert wurde und was fehlt.
> Ein Plan mit Preisen = Schritt für Schritt, sodass Sie nach jedem aufhören können.
> Getan und festgehalten = Mit Bildern von vorher und nachher.
# bench
? Kann ich darauf warten?
? Was soll ich mitbringen? = Das Gerät selbst, mit Kabel, Ladegerät oder Schlüssel, und was Ihnen aufgefallen ist.
? Gibt es so lange ein anderes?
? Und wenn es nicht zu reparieren ist? = Dann kommt es zurück, wie es war, und kostet nicht mehr als vereinbart.
> Abgeben = Mit Name, Nummer und einer Zeile zum Fehler.
> Sie werden angerufen = Mit Fehler, Preis und Tag.
> Abholen = Geprüft, auf Wunsch mit den alten Teilen.
# vehicles
? Brauche ich einen Termin? = Für Kleinigkeiten nicht, für eine Tagesarbeit schon.
? Wird es geholt oder gebracht?
? Welche Marken kennen Sie?
? Werden die alten Teile aufgehoben? = Bis Sie sie gesehen haben.
> Sagen, was es tut = Marke, Baujahr, Kilometer oder Stunden, und wann das Geräusch kommt.
> Zuerst geprüft = Sie hören, was sein muss, was sein sollte und was warten kann.
> Gefahren, bevor es zurückgeht = Oder unter Last gelaufen, bis es stimmt.
# walls-and-roofs
? Ist das Gerüst im Preis?
? Geht das im Winter? = Manches. Frost hält Mörtel, Putz und Farbe auf; was gegen Wasser hilft, wartet nicht.
? Kennen Sie sich mit alten Häusern aus?
? Brauche ich eine Genehmigung? = Bei Denkmälern meistens. Was zu fragen ist und wen, hören Sie beim ersten Termin.
> Von allen Seiten angesehen = Von oben, von innen und wenn nötig bei Regen.
> Gemessen und gerechnet = Mit dem, was sicher ist, und dem, was sich erst beim Öffnen zeigt.
> Jeden Abend dicht = Über Nacht bleibt nichts offen.
# pipes-and-wires
? Kommen Sie sofort, wenn etwas ausfällt?
? Was soll ich bis dahin tun? = Abstellen: den Haupthahn am Zähler oder den Schalter im Kasten.
? Wird es geprüft und bescheinigt?
? Betreuen Sie auch, was andere eingebaut haben?
> Sagen, was passiert ist = Mit Fabrikat und Alter, wenn sie auf dem Schild stehen.
> Erst gesichert = Dann wird die Ursache gesucht.
> Behoben und geprüft = Und erklärt, damit Sie es beim nächsten Mal wissen.
# rooms
? Kann ich Muster zu Hause ansehen? = Ja. Farben und Böden sehen in Ihrem Licht anders aus.
? Wer rückt die Möbel?
? Wie lange ist das Zimmer nicht zu benutzen?
? Machen Sie auch kleine Arbeiten? = Kleine werden mit anderen in der Nähe zusammengelegt.
> Gemessen und ausgesucht = Im Zimmer selbst, mit den Mustern auf dem Tisch.
> Ein Preis und ein Tag = Und wie lange der Raum ausfällt.
> Abgedeckt, getan, gefegt = Und gemeinsam angesehen, bevor eingepackt wird.
# rounds
? Wie oft lohnt es sich?
? Muss ich zu Hause sein? = Nicht immer; sagen Sie, wie man hineinkommt.
? Bringen Sie alles mit? = Gerät und Tücher ja. Wasser und Strom kommen von Ihnen, wo es welche gibt.
? Kann ich einmal aussetzen?
> Wie viel und wie oft = Meist genügt ein Anruf.
> Ein erster Besuch = Damit der Preis zum Ort passt.
> Dann auf der Runde = Am selben Tag, soweit das Wetter es zulässt.
# gardens
? Können Sie mitten im Jahr übernehmen?
? Gibt es einen Plan? = Für neue Gärten ja, mit Pflanzen, Wegen und der Pflege danach.
? Darf im Sommer gefällt werden? = Wo Vögel brüten, wartet es bis zum Herbst, außer bei Gefahr.
? Was kann ich selbst tun? = Vieles. Was Ihnen Geld spart, wird gesagt.
> Gemeinsam durchgehen = Boden, Sonne, nasse Ecken und was bleiben soll.
> Zuerst das Gerüst = Boden, Kanten, Wege; die Pflanzen, wenn ihre Zeit ist.
> Pflege, die passt = Wöchentlich, monatlich oder zweimal im Jahr.
# animals
? Was müssen Sie vorher wissen? = Alter, Gesundheit, Impfungen und wovor das Tier Angst hat.
? Können wir es uns ansehen? = Ja, und bringen Sie das Tier mit.
? Was ist, wenn es krank wird?
? Was sollen wir mitbringen? = Sein Futter und seine Decke, die Papiere und eine Nummer, unter der Sie zu erreichen sind.
> Sich kennenlernen = Tier und Mensch, ohne Eile.
> Die Tage ausmachen = Mit allem, was es gewohnt ist.
> Bescheid zwischendurch = Und ein Anruf, wenn etwas ungewöhnlich ist.
# farm-gate
? Was gibt es gerade?
? Darf man selbst pflücken oder sich umsehen?
? Wie wird angebaut oder gehalten?
? Wie lange hält es sich? = Bei Frischem steht der Tag dabei; fragen Sie, wie man den Rest lagert.
> Sehen, was da ist = Es ändert sich mit der Woche und dem Wetter.
> Mehr als einen Korb vorbestellen = Einen Tag vorher, damit für Sie geerntet wird.
> Abholen = Kisten, Gläser und Kartons kommen bitte zurück: Sie werden wieder gebraucht.
# drink
? Kann man probieren?
? Verkaufen Sie an Wirte und Läden?
? Wie lagert man es? = Kühl, dunkel und stehend; einmal offen, will es getrunken sein.
? Nehmen Sie Flaschen zurück?
> Erst probieren = Soweit es der Heimweg erlaubt.
> Flasche oder Kiste = Auf Wunsch gemischt.
> Abgeholt oder geschickt = Aufrecht verpackt, mit einem Wort dazu, wann man sie öffnet.
# larder
? Was ist drin? = Es steht auf jedem Etikett, auch was manche nicht vertragen.
? Wie lange hält es sich, und wie?
? Kann ich für ein Fest bestellen? = Ja. Vor Feiertagen ist eine Woche vorher nicht zu früh.
? Wo ist es sonst zu haben?
> Ein wenig probieren = Wenn Sie nicht wissen, welches, lassen Sie sich von jedem etwas geben.
> Mitnehmen oder bestellen = Am Stück, geschnitten oder im Glas.
> Gut aufbewahren = Wie, steht auf dem Papier.
# catering
? Für wie viele kochen Sie?
? Wie ist es mit Allergien? = Sagen Sie sie bei der Bestellung und noch einmal am Tag selbst.
? Was wird vor Ort gebraucht? = Wasser, Strom und ein ebener Platz.
? Sind Geschirr und Bedienung dabei?
> Wann, wo, wie viele = Und was für ein Tag es wird.
> Speisenfolge und Preis = Mit zwei Möglichkeiten, sie zu ändern.
> Am Tag selbst = Aufgebaut vor dem ersten Gast, fort nach dem letzten.
# second-hand
? Kaufen Sie auch an?
? Woher kommen die Sachen? = Was über ein Stück bekannt ist, wird dazu gesagt.
? Suchen Sie etwas für mich? = Lassen Sie eine Beschreibung und eine Nummer da; es kann dauern.
? Kann ich etwas zurücklegen lassen?
> Sich umsehen = Nicht alles steht im Fenster.
> Danach fragen = Alter, Reparaturen und was nicht ganz stimmt.
> Mitnehmen = Oder bringen lassen.
# provisions
? Kann ich telefonisch bestellen?
? Woher kommt die Ware? = Aus möglichst großer Nähe; es steht auf dem Schild.
? Darf ich eigene Gläser und Taschen mitbringen?
? Was gibt es an welchem Tag?
> Sehen, was gekommen ist = Morgens steht es auf der Tafel an der Tür.
> Schneiden oder wiegen lassen = So viel Sie brauchen, nicht mehr.
> Zurückgelegt = Ein Anruf vor Mittag, und es liegt am Abend bereit.
# materials
? Verkaufen Sie nach Stück, Meter und Gewicht?
? Können Sie mir sagen, wie man es verwendet? = So gut wie jeder, der es selbst tut, und Sie dürfen zweimal fragen.
? Gibt es Muster?
? Werden größere Mengen geliefert?
> Sagen, was es werden soll = Dann bekommen Sie, was passt, und nicht zu viel davon.
> Abgemessen = Nach Meter, Kilo oder einzelner Schraube.
> Was übrig bleibt = Ungeöffnet kann es meist zurück.
# plants
? Was wächst in einem Garten wie meinem? = Sagen Sie, wie sonnig, windig und nass er ist, und bringen Sie ein Bild mit.
? Wann wird gepflanzt?
? Kommt es im nächsten Jahr wieder? = Das steht auf jedem Schild.
? Liefern oder pflanzen Sie auch?
> Sagen, wo es stehen soll = Sonne, Boden und Größe entscheiden mehr als der Geschmack.
> Hier aussuchen = Und gut eingepackt mitnehmen.
> Durchbringen = Mit einem Rat zu Wasser, Schnitt und Frost.
# fitted
? Kann ich es erst probieren? = Ja, und lassen Sie sich Zeit dabei.
? Kann es geändert werden?
? Und wenn es zu Hause nicht passt?
? Reparieren Sie, was Sie verkaufen?
> Sagen, wofür es ist = Wie oft, wo und von wem es gebraucht wird.
> Probieren = Mit jemandem daneben, der die Größen kennt.
> Angepasst = Und nach ein paar Wochen noch einmal, wenn es nötig ist.
# guest-rooms
? Gibt es Frühstück, und wann?
? Können wir Räder oder einen Hund mitbringen?
? Wie kommen wir spät noch hinein? = Sagen Sie, wann Sie kommen; dann ist jemand wach, oder ein Schlüssel liegt bereit.
? Gibt es ein Zimmer im Erdgeschoss?
> Die Nächte nennen = Und wie viele Betten Sie brauchen.
> Gebucht, sobald Sie Antwort haben = Mit dem Preis und dem Weg hierher.
> Ankommen = Man zeigt Ihnen, wo alles ist.
# own-door
? Was ist da, und was bringen wir mit?
? Sind Bettwäsche und Handtücher dabei?
? Wie weit ist es zum Laden und zum Wasser?
? Dürfen am Tag noch andere dazukommen?
> Die Woche wählen = Im Sommer sind die Anreisetage fest.
> Eine Anzahlung hält sie frei = Der Rest ist vor der Ankunft fällig.
> Der Schlüssel = Wie Sie ihn bekommen, kommt mit der Wegbeschreibung.
# players
? Muss ich Noten lesen oder Schritte kennen? = Nein; wer mitmacht, lernt es dabei, und es sitzt immer jemand daneben.
? Wann wird geprobt?
? Kann man Sie für ein Fest bestellen?
? Brauche ich ein eigenes Instrument oder eine Tracht?
> Zu einer Probe kommen = Hinsetzen und zuhören; Sie müssen nichts tun.
> Ein paar Wochen mitmachen = Mit geliehenen Noten und jemandem an der Seite.
> Bleiben = Und da sein, wenn es darauf ankommt.
# sport
? Gibt es eine Gruppe für Anfänger?
? Was brauche ich beim ersten Mal? = Kleidung, in der Sie sich bewegen können. Der Rest wird geliehen.
? Ab welchem Alter, und bis zu welchem?
? Gibt es Wettkämpfe?
> Kommen und ausprobieren = Zwei- oder dreimal, ohne dazuzugehören.
> Die passende Gruppe finden = Nach Alter, Tempo und Wochentag.
> Mitglied werden = Dann sind Sie versichert und an der Reihe.
# pursuits
? Gibt es eine Warteliste?
? Werden Werkzeug und Bücher geteilt?
? Dürfen Kinder mit? = Ja, mit jemandem, der auf sie achtet.
? Kann ich einfach hereinschauen? = Jederzeit, wenn jemand da ist.
> Hereinschauen = An jedem Tag, an dem die Tür offen ist.
> Um einen Platz fragen = Ein Beet, eine Bank, ein Stuhl.
> Mitmachen = Mit eigener Arbeit und ein wenig gemeinsamer.
# cause
? Wohin geht das Geld?
? Wie kann ich helfen? = Mit Zeit, mit Sachen oder mit Geld; das Erste ist am seltensten.
? Wer darf kommen?
? Kostet die Hilfe etwas?
> Anrufen oder vorbeikommen = Für ein erstes Gespräch brauchen Sie keine Papiere.
> Sagen, was Sie brauchen oder geben können = Beides ist am selben Tag willkommen.
> Jemand nimmt sich der Sache an = Mit Namen und Nummer.
# sights
? Wie viel Zeit soll man einplanen?
? Gibt es etwas für Kinder?
? Darf man Bilder machen?
? Und wenn es regnet? = Ein Teil liegt unter Dach; für den Rest braucht man feste Schuhe.
> Nachsehen, wann offen ist = Manche Tage gibt es nur im Sommer.
> Allein kommen oder zu vielen = Ab zehn bitte vorher eine Zeile.
> Sehen, fragen, wiederkommen = Nicht alles zeigt sich beim ersten Mal.
# house-and-stage
? Wie viele Menschen passen hinein?
? Was ist da: Stühle, Küche, Ton?
? Wie erfahren wir, ob ein Tag frei ist? = Fragen Sie mit Tag und Stunden; eine Antwort kommt bald.
? Wer schließt auf, und wer fegt?
> Sehen, was läuft, oder nach einem Tag fragen = Beides steht auf diesen Seiten.
> Buchen = Einen Platz oder das ganze Haus.
> Hereinkommen = Die Türen gehen eine halbe Stunde vorher auf.
# papers
? Muss ich selbst kommen?
? Welche Unterlagen soll ich mitbringen? = Alles, was mit der Post kam, auch Ungeöffnetes, und einen Ausweis.
? Was kostet es, und wann erfahre ich das? = Bevor etwas begonnen wird, schriftlich.
? Wer erfährt noch davon? = Ohne Ihre Erlaubnis niemand.
> Ein erstes Gespräch = Was geschehen ist und bis wann etwas getan sein muss.
> Worauf es hinausläuft = Weg, Dauer und Kosten auf einer Seite.
> Erledigt und abgelegt = Mit Abschriften für Sie und dem, was aufzuheben ist.
# plans
? Sehen Sie sich den Ort an?
? Welche Zeichnungen bekomme ich?
? Sprechen Sie mit Ämtern und Nachbarn?
? Ab welcher Größe lohnt es sich? = Auch Kleines wird günstiger, wenn es einmal durchdacht ist.
> An Ort und Stelle = Gemessen, fotografiert und zugehört.
> Ein Entwurf = Grob genug, um geändert zu werden.
> Der Plan = Mit Zahlen, nach denen andere bauen und rechnen können.
# media
? Was brauchen Sie zum Anfangen? = Jemanden, der entscheidet, und das, was es schon gibt.
? Wie viele Entwürfe gibt es?
? Wem gehört das Ergebnis?
? Wie geht es danach weiter?
> Wofür es ist = Wer es sehen und was er dann tun soll.
> Eine erste Fassung = Früh, solange Ändern wenig kostet.
> Fertig und übergeben = Mit allen Dateien und einem Wort dazu, wie man sie benutzt.
# occasions
? Wie früh sollen wir fragen? = Sobald an den Tag gedacht wird; fragen kostet nichts.
? Und wenn der Tag verschoben wird?
? Wie weit fahren Sie?
? Können wir uns vorher sehen? = Ja, und das sollten Sie.
> Ein erstes Treffen = Wer Sie sind, für wen es ist und was nicht passieren darf.
> Ein Ablauf = Stunde für Stunde, mit Namen.
> Der Tag = Jemand ist vor Ihnen da und geht nach Ihnen.
# lessons
? Gibt es eine Probestunde?
? Was muss ich mitbringen?
? Kann man als Erwachsener anfangen? = Ja. Viele tun es, und sie wissen, warum.
? Was ist in den Ferien?
> Eine erste Stunde = Um zu sehen, was Sie können und was Sie möchten.
> Ein Tag in der Woche = Möglichst immer derselbe.
> Jeden Tag ein wenig = Kurz und oft hilft mehr als lang und selten.
# treatment
? Wie lange dauert es?
? Brauche ich eine Überweisung?
? Was soll ich vorher sagen? = Was Sie nehmen, was Sie nicht vertragen und was schon versucht wurde.
? Kann ich ohne Termin kommen?
> Einen Termin ausmachen = Morgens, mittags oder abends.
> Sagen, was ist = Und was anders werden soll.
> Danach = Sie hören, was Sie zu Hause tun können und wann Sie wiederkommen.
# care
? Wer kommt, und ist es immer dieselbe Person?
? Ab wann ist ein Platz frei?
? Was übernimmt das Amt oder die Kasse?
? Dürfen wir es uns ansehen? = Bitte, und bringen Sie mit, um wen es geht.
> Ein Gespräch zu Hause = Mit denen, die den Tageslauf kennen.
> Schriftlich vereinbart = Tage, Stunden und was nicht gemacht wird.
> Ein paar Tage zum Eingewöhnen = Dann wird noch einmal gesprochen.
# hire
? Wird eine Kaution verlangt?
? Und wenn etwas kaputtgeht? = Sagen Sie es bei der Rückgabe; das meiste lässt sich richten.
? Kann es gebracht und geholt werden?
? Für wie lange mindestens?
> Sagen, was und wann = Mit dem Tag, an dem es zurückkommt.
> Für Sie zurückgestellt = Geprüft, geladen oder gefüllt.
> Gezeigt, bevor Sie gehen = Wie es geht, und was zu tun ist, wenn es nicht geht.
# carrying
? Wie viel können Sie mitnehmen?
? Fahren Sie nachts und sonntags?
? Ist es unterwegs versichert?
? Wer lädt?
> Von wo nach wo = Mit Treppen, Toren und allem, was schwer ist.
> Ein Preis und eine Zeit = Fest, wenn Sie alles gesagt haben.
> Unterwegs = Wer fährt, ist für Sie zu erreichen.
# outings
? Wie gut muss ich in Form sein?
? Was ziehe ich an, was nehme ich mit? = Mehrere Schichten, feste Schuhe, etwas zu trinken. Eine Liste kommt mit der Buchung.
? Ab welchem Alter?
? Und wenn das Wetter umschlägt? = Dann wird verschoben oder verkürzt, und Sie hören es rechtzeitig.
> Einen Tag wählen = Und einen zweiten, des Wetters wegen.
> Bescheid am Vorabend = Ob es stattfindet und wo man sich trifft.
> Hinaus und zurück = Mit jemandem, der den Weg kennt.
# keeping
? Komme ich jederzeit heran?
? Ist es trocken, und wird es bewacht?
? Wie viel Platz brauche ich? = Sagen Sie, was es ist; die meisten brauchen weniger, als sie denken.
? Wie kündige ich?
> Den Platz ansehen = Und messen, was Sie bringen.
> Unterschreiben = Für einen Monat oder ein Jahr.
> Einziehen = Mit einem Schlüssel, einem Code oder der Nummer eines Liegeplatzes.`);
