import { latin, type Language } from '../reading/span.js';
import { CUES } from './cues.js';

/** Cues that make of “we mend …” something else than what is done: it is wished for, asked, doubted, refused, or gossip. */
const BESIDE = [
  'greeting',
  'site',
  'you',
  'ask',
  'wish',
  'dont',
  'unsettled',
  'aside',
  'quoted',
  'saidby',
  'future',
  'third',
];
/** Verbs of talk, thought and wish: what “we think”, “wir hoffen” or “nous pensons” is not what is done. */
const OF_MIND: Record<Language, string> = {
  en: "still|am|are|was|were|be|been|have|had|has|got|get|do|did|done|don[’']t|didn[’']t|can|can[’']t|cannot|could|will|won[’']t|would|should|shall|may|might|must|need|want|like|love|hate|prefer|think|thought|hope|wish|know|knew|believe|guess|suppose|mean|meant|feel|felt|see|saw|say|said|tell|told|talk|talked|speak|spoke|write|wrote|send|sent|enclose|attach|ask|asked|hear|heard|read|understand|trust|owe|owed|pay|paid|lost|found|met|agree|agreed|decide|decided|put|forgot|forget|remember|tried|try|never|not|just|only|really|already|went|go|came|come|left|leave|gave|give|took|take|let|keep|look|used|live|stay|sit|sat|stand|wait|suspect|assume|expect|doubt|wonder|promise|apologi[sz]e|thank|invoice|called|rang|ring",
  de: 'bin|sind|war|waren|habe|haben|hatte|hatten|werde|werden|kann|können|könnte|muss|müssen|möchten?|will|wollen|soll|sollen|darf|dürfen|würden?|denken?|glauben?|hoffen?|wünschen?|wissen|weiß|weiss|finden?|meinen?|sagen?|schreiben?|schicken?|bitten?|brauchen?|danken?|freuen?|kommen?|gehen?|gebe|geben|lassen?|nehmen?|sehen?|warten?|zahlen?|schulden?',
  fr: "(?:suis|sommes|est|étais|étions|ai|avons|avais|avions|vais|allons|va|peux|pouvons|peut|pourrais|dois|devons|doit|veux|voulons|voudrais|voudrions|veut|aimerais|aimerions|souhaite|souhaitons|pense|pensons|crois|croyons|espère|espérons|sais|savons|trouve|trouvons|dis|disons|envoie|envoyons|demande|demandons|remercie|remercions|attends|attendons|prends|laisse|laissons|mets|mettons|ne|n[’']|me|m[’']|te|t[’']|vous|nous|y|en)(?![\\p{L}])",
  es: '(?:somos|soy|estamos|estoy|hemos|he|queremos|quiero|quisiera|podemos|puedo|debemos|debo|creemos|creo|pensamos|pienso|esperamos|espero|sabemos|sé|decimos|digo|mandamos|mando|pedimos|pido|vamos|voy|tenemos que|necesitamos|necesito|gracias|saludos)(?![\\p{L}])',
};
const BEGINS: Record<Language, string> = {
  en: "(?:we|i) (?:also |still |mostly |both |all |mainly )?(?!(?:MIND)(?![\\p{L}’']))(?!\\p{Ll}+ed(?!\\p{L}))\\p{Ll}{3,}",
  de: '(?:wir|ich) (?!(?:MIND)(?!\\p{L}))\\p{Ll}{3,}',
  fr: "(?:nous |on |je |j[’'])(?!MIND)(?:\\p{Ll}{3,}(?:ons|e))(?!\\p{L})",
  es: '(?!MIND)\\p{L}{3,}(?:amos|emos|imos)(?!\\p{L})',
};

const MADE = new Map<Language, RegExp>();
function pattern(language: Language): RegExp {
  let made = MADE.get(language);
  if (!made) {
    made = latin(new RegExp(`^(?:${BEGINS[language].replace('MIND', OF_MIND[language])}),?\\s+[\\p{L}\\d]`, 'iu'));
    MADE.set(language, made);
  }
  return made;
}

/** True for a sentence that says in plain words what somebody makes, mends or sells, and nothing else: it is for everybody. */
export const tellsTheTrade = (text: string, language: Language): boolean =>
  pattern(language).test(text.trim()) &&
  text.split(/\s+/).length <= 30 &&
  !BESIDE.some((cue) => CUES[cue]!.test(text)) &&
  !/[?!]|\d{3}|@/.test(text);
