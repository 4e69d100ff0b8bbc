package app.avrel.rules;

import app.avrel.body.Body;
import app.avrel.floor.Numbers;
import app.avrel.label.Labels;

/** Lengths and depths in the words and units of findings: whole centimetres, tenths of a fist; and how words begin. */
public final class Measures {

    private Measures() {}

    /** {@return such as {@code 51 cm}} */
    public static String cm(double metres) {
        return Labels.say("rules.cm", Numbers.whole(Math.abs(metres) * 100));
    }

    /** {@return such as {@code 1.9 fists}, rounded up so that it suffices} */
    public static String fists(double metres, Body body) {
        double fists = Math.ceil(metres / body.fist() * 10 - 0.01) / 10;
        return Numbers.plain(fists) + (fists == 1 ? Labels.say("rules.fist") : Labels.say("rules.fists"));
    }

    /** {@return a length and its number of foot-lengths, such as {@code 51 cm (2 foot-lengths)}} */
    public static String length(double metres, Body body) {
        return Labels.say("rules.foot_lengths", cm(metres), Numbers.plain(Numbers.tenths(metres / body.footLength())));
    }

    /** {@return a word with its first letter large} */
    public static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
