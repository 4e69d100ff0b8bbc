package app.avrel.words.lexicon;

import app.avrel.floor.Heading;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Numbers as Chinese writes them: 四十五度, 百分之七十, 三分之二, 七成, 七三, 一点半, 两拍. */
final class ChineseNumbers {

    private static final String DIGITS = "零一二三四五六七八九";
    private static final String N = "([零一二两三四五六七八九十百]+|\\d+(?:\\.\\d+)?)";
    private static final Pattern PERCENT = Pattern.compile("百分之" + N);
    private static final Pattern PART_OF_TURN = Pattern.compile(N + "分之" + N + "[圈周]");
    private static final Pattern PART = Pattern.compile(N + "分之" + N);
    private static final Pattern TENTHS =
            Pattern.compile("([一二两三四五六七八九])成(半|[一二三四五六七八九](?![成分拍步点點厘度拳寸个]))?(?![左右]?(?:马|弓|虚|仆|独|歇|丁))");
    private static final Pattern FROM_TENTHS =
            Pattern.compile("([一二两三四五六七八九])(?=[到至、~]?[一二两三四五六七八九]成(?![左右]?(?:马|弓|虚|仆|独|歇|丁)))");
    private static final Pattern HOUR = Pattern.compile(N + "[点點](半)?(?:钟)?(?:方向)?(?!地)");
    /** After these one o'clock is a little: 左转一点, 再沉一点; to one o'clock is 转到一点. */
    private static final String MORE_OR_LESS = "转轉拧沉升起移开倾扣撇摆屈蹲落降";

    private static final Pattern RATIO = Pattern.compile("([一二三四五六七八九])([一二三四五六七八九])(?:分|开)?");
    /** Sixty-five on the right: 右六五; the two digits end there, or the other side follows. */
    private static final Pattern SHARE_OF_SIDE = Pattern.compile("(?<=[左右])([一二三四五六七八九])([一二三四五六七八九])(?=[左右，,。；;]|$)");
    /** Fifty-five to forty-five: 五五四五. */
    private static final Pattern HUNDREDTHS = Pattern.compile("([一二三四五六七八九])([一二三四五六七八九])([一二三四五六七八九])([一二三四五六七八九])");

    private static final Pattern BEATS = Pattern.compile(N + "(?:个)?拍(?:子)?(半)?");
    private static final Pattern NTH_BEAT = Pattern.compile("第" + N + "拍");
    private static final Pattern DEGREES = Pattern.compile(N + "度");
    private static final Pattern HALF = Pattern.compile("一半|半(?=[个一拳脚肩拃米尺寸])");
    private static final Pattern AND_HALF = Pattern.compile(N + "个?半(?=[拳脚肩拃])");
    private static final Pattern PLAIN = Pattern.compile("([零一二三四五六七八九十百]+|两(?=[拳寸个厘公米肩尺]|脚长))");

    /** What begins here: its term and where it ends. */
    record Found(Term term, int end) {}

    private ChineseNumbers() {}

    static Optional<Found> at(CharSequence text, int from) {
        Matcher percent = find(PERCENT, text, from);
        if (percent != null) {
            return found(new Term.Share(value(percent.group(1))), percent);
        }
        Matcher round = find(PART_OF_TURN, text, from);
        if (round != null && value(round.group(1)) > 0) {
            return found(new Term.Angle(value(round.group(2)) * 360 / value(round.group(1))), round);
        }
        Matcher part = find(PART, text, from);
        if (part != null) {
            double whole = value(part.group(1));
            return whole == 0
                    ? Optional.empty()
                    : found(new Term.Share(Math.round(value(part.group(2)) * 100 / whole)), part);
        }
        Matcher tenths = find(TENTHS, text, from);
        if (tenths != null) {
            return found(new Term.Share(value(tenths.group(1)) * 10 + hundredths(tenths.group(2))), tenths);
        }
        Matcher fromTenths = find(FROM_TENTHS, text, from);
        if (fromTenths != null) {
            return found(new Term.Num(value(fromTenths.group(1)) * 10), fromTenths);
        }
        Matcher hour = find(HOUR, text, from);
        if (hour != null && hour.group().equals("一点") && from > 0 && MORE_OR_LESS.indexOf(text.charAt(from - 1)) >= 0) {
            return found(Term.Manner.LITTLE, hour);
        }
        if (hour != null && value(hour.group(1)) >= 1 && value(hour.group(1)) <= 12) {
            double half = hour.group(2) == null ? 0 : 15;
            return found(new Term.Hall(Heading.wrapping(value(hour.group(1)) * 30 + half)), hour);
        }
        Matcher parts = find(HUNDREDTHS, text, from);
        if (parts != null) {
            int first = digit(parts.group(1)) * 10 + digit(parts.group(2));
            int second = digit(parts.group(3)) * 10 + digit(parts.group(4));
            if (first + second == 100) {
                return found(new Term.Ratio(first, second), parts);
            }
        }
        Matcher ratio = find(RATIO, text, from);
        if (ratio != null && digit(ratio.group(1)) + digit(ratio.group(2)) == 10) {
            return found(new Term.Ratio(digit(ratio.group(1)) * 10, digit(ratio.group(2)) * 10), ratio);
        }
        Matcher share = find(SHARE_OF_SIDE, text, from);
        if (share != null) {
            return found(new Term.Share(digit(share.group(1)) * 10.0 + digit(share.group(2))), share);
        }
        return counted(text, from);
    }

    private static Optional<Found> counted(CharSequence text, int from) {
        Matcher beat = find(NTH_BEAT, text, from);
        if (beat != null) {
            double nth = value(beat.group(1));
            return found(nth >= 1 && nth <= 64 ? new Term.OnBeat(nth) : Term.Mark.UNKNOWN, beat);
        }
        Matcher beats = find(BEATS, text, from);
        if (beats != null) {
            return found(new Term.Beats(value(beats.group(1)) + (beats.group(2) == null ? 0 : 0.5)), beats);
        }
        Matcher degrees = find(DEGREES, text, from);
        if (degrees != null) {
            return found(new Term.Angle(value(degrees.group(1))), degrees);
        }
        Matcher more = find(AND_HALF, text, from);
        if (more != null) {
            return found(new Term.Num(value(more.group(1)) + 0.5), more);
        }
        Matcher half = find(HALF, text, from);
        if (half != null) {
            return found(new Term.Num(0.5), half);
        }
        Matcher plain = find(PLAIN, text, from);
        return plain == null ? Optional.empty() : found(new Term.Num(value(plain.group(1))), plain);
    }

    /** Six tenths and a half, six tenths and five: 六成半, 六成五. */
    private static double hundredths(@Nullable String more) {
        return more == null ? 0 : more.equals("半") ? 5 : digit(more);
    }

    private static @Nullable Matcher find(Pattern pattern, CharSequence text, int from) {
        Matcher matcher = pattern.matcher(text);
        matcher.region(from, text.length());
        matcher.useTransparentBounds(true);
        return matcher.lookingAt() ? matcher : null;
    }

    private static Optional<Found> found(Term term, Matcher matcher) {
        return Optional.of(new Found(term, matcher.end()));
    }

    private static int digit(String letter) {
        return DIGITS.indexOf(letter);
    }

    /** 一百八 is short for 一百八十; 一百零八 is a hundred and eight. */
    private static double value(String text) {
        if (Character.isDigit(text.charAt(0))) {
            return Double.parseDouble(text);
        }
        boolean short100 = text.length() > 1 && text.charAt(text.length() - 2) == '百' && !text.endsWith("十");
        if (short100) {
            return value(text + '十');
        }
        int sum = 0;
        int last = 0;
        for (char letter : text.toCharArray()) {
            int digit = letter == '两' ? 2 : DIGITS.indexOf(letter);
            if (letter == '十') {
                sum += (last == 0 ? 1 : last) * 10;
                last = 0;
            } else if (letter == '百') {
                sum += (last == 0 ? 1 : last) * 100;
                last = 0;
            } else {
                last = digit;
            }
        }
        return sum + last;
    }
}
