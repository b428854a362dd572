package knollwind.voice;

/** Turns a script into speech. */
interface SpeechMaker {
    /**
     * @param voice as the maker calls it
     * @param perMinute words a minute, about
     */
    Speech say(String script, String voice, double perMinute);
}
