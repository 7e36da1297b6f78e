/** The device's own voice and ears, where it has them: a card is read aloud, and 'next' or 'back' is heard. Nothing that is heard leaves the device. */

/** Recognition that stays on the device; not every browser has it. */
interface Ears {
  lang: string;
  continuous: boolean;
  processLocally: boolean;
  onresult: ((event: { resultIndex: number; results: ArrayLike<ArrayLike<object>> }) => void) | null;
  onend: (() => void) | null;
  onerror: (() => void) | null;
  start(): void;
  stop(): void;
}
type EarsMaker = (new () => Ears) & {
  available?: (asked: { langs: string[]; processLocally: boolean }) => Promise<string>;
};

export class Aloud {
  canSpeak = $state(false);
  canListen = $state(false);
  speaking = $state(false);
  listening = $state(false);
  #ears: Ears | undefined;

  constructor(
    readonly language: string,
    readonly heard: (said: string) => void,
  ) {}

  /** Finds out what the device can. Call in the browser; returns what ends it. */
  begin(): () => void {
    this.canSpeak = 'speechSynthesis' in window;
    // Whether they are there is asked when they are wanted: a browser may have to wake them for the answer.
    this.canListen = maker()?.available !== undefined;
    return () => {
      this.quiet();
      this.deafen();
    };
  }

  /** Reads each text from now on, this one first. */
  speak(text: string): void {
    this.speaking = true;
    this.read(text);
  }

  /** Reads a text where texts are read. */
  read(text: string): void {
    if (!this.speaking || !this.canSpeak) return;
    window.speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(text);
    said.lang = this.language;
    window.speechSynthesis.speak(said);
  }

  quiet(): void {
    this.speaking = false;
    if (this.canSpeak) window.speechSynthesis.cancel();
  }

  async listen(): Promise<void> {
    const Maker = maker();
    const asked = { langs: [this.language], processLocally: true };
    const found = await Maker?.available?.(asked).catch(() => '');
    this.canListen = found === 'available';
    if (!Maker || !this.canListen) return;
    const ears = new Maker();
    Object.assign(ears, { lang: this.language, continuous: true, processLocally: true });
    ears.onresult = ({ resultIndex, results }) => {
      for (let i = resultIndex; i < results.length; i += 1) this.heard(textIn(results[i]![0]!));
    };
    // It stops by itself after a silence.
    ears.onend = () => void (this.listening && ears.start());
    ears.onerror = () => this.deafen();
    this.#ears = ears;
    this.listening = true;
    ears.start();
  }

  deafen(): void {
    this.listening = false;
    this.#ears?.stop();
    this.#ears = undefined;
  }
}

/** What was understood: the one text among the parts of an answer, beside how sure the browser is of it. */
function textIn(understood: object): string {
  for (const part in understood) {
    const value: unknown = understood[part as keyof typeof understood];
    if (typeof value === 'string') return value.trim().toLowerCase();
  }
  return '';
}

const maker = () => (window as unknown as { SpeechRecognition?: EarsMaker }).SpeechRecognition;
