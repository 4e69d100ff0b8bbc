package app.avrel.words;

import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.floor.Numbers;
import java.util.List;

/** Lengths as they are said: "half a shoulder width", "one and a half foot-lengths". */
final class Lengths {

    private static final List<String> NUMBERS =
            List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");

    private Lengths() {}

    static String say(Length length) {
        double amount = Math.abs(length.amount());
        LengthUnit unit = length.unit();
        boolean tape = unit == LengthUnit.CENTIMETRE || unit == LengthUnit.INCH;
        if (amount == 0.5 && !tape) {
            return "half a " + unit.one();
        }
        return number(amount, tape) + " " + (amount == 1 ? unit.one() : unit.many());
    }

    private static String number(double amount, boolean tape) {
        if (tape || amount > 10) {
            return Numbers.plain(amount);
        }
        if (amount == Math.rint(amount)) {
            return NUMBERS.get((int) amount);
        }
        if (amount - Math.floor(amount) == 0.5) {
            return NUMBERS.get((int) amount) + " and a half";
        }
        return Numbers.plain(amount);
    }
}
