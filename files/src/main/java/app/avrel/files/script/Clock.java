package app.avrel.files.script;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times of captions: {@code 00:01:02.500}, {@code 01:02,500}. */
final class Clock {

    private static final Pattern TIME = Pattern.compile("(?:(\\d{1,3}):)?(\\d{1,2}):(\\d{2})[.,](\\d{3})");

    private Clock() {}

    /** {@return hours, minutes, seconds and thousandths, with the sign that parts the thousandths} */
    static String say(double seconds, char point) {
        long thousandths = Math.round(seconds * 1000);
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d%c%03d",
                thousandths / 3_600_000,
                thousandths / 60_000 % 60,
                thousandths / 1000 % 60,
                point,
                thousandths % 1000);
    }

    /** {@return minutes and seconds, as people read them} */
    static String minutes(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }

    /** {@return the seconds that a time says} */
    static OptionalDouble parse(String text) {
        Matcher time = TIME.matcher(text.strip());
        if (!time.matches()) {
            return OptionalDouble.empty();
        }
        double hours = time.group(1) == null ? 0 : Integer.parseInt(time.group(1));
        return OptionalDouble.of(hours * 3600
                + Integer.parseInt(time.group(2)) * 60.0
                + Integer.parseInt(time.group(3))
                + Integer.parseInt(time.group(4)) / 1000.0);
    }
}
