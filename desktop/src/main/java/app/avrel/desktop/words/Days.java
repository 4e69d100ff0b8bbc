package app.avrel.desktop.words;

import app.avrel.label.Language;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.format.TextStyle;
import java.util.Locale;

/** Days as the language of the window writes them. */
public final class Days {

    private Days() {}

    private static Locale locale() {
        return Words.language() == Language.ENGLISH
                ? Locale.UK
                : Locale.of(Words.language().code());
    }

    /** {@return with the day of the week and the year} */
    public static String whole(LocalDate day) {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.FULL)
                .withLocale(locale())
                .format(day);
    }

    /** {@return without the year} */
    public static String brief(LocalDate day) {
        String pattern = switch (Words.language()) {
            case ENGLISH, SPANISH -> "d MMM";
            case CHINESE -> "M月d日";
        };
        return DateTimeFormatter.ofPattern(pattern, locale()).format(day);
    }

    /** {@return the day of the week, shortened} */
    public static String of(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, locale());
    }
}
