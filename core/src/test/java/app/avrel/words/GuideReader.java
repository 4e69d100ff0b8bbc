package app.avrel.words;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.LengthUnit;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Direction;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A learner who has nothing but the plain sentences: rebuilds what feet and weight do from them.
 *
 * <p>Written apart from the words it reads, to prove that they leave nothing out.
 */
final class GuideReader {

    private static final List<String> NUMBERS =
            List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");
    private static final Pattern FOOT = Pattern.compile("the (left|right) (?:foot|heel|toes|knee)");
    private static final Pattern TOES_WERE = Pattern.compile("to where the (left|right) toes were");
    private static final Pattern OF_FORWARD = Pattern.compile("(\\S+)° (left|right) of forward");

    private GuideReader() {}

    static Move read(String sentence) {
        String said = sentence.substring(0, sentence.length() - 1);
        String[] parts = said.split(", ");
        String verb = parts[0].split(" ")[0];
        return switch (verb) {
            case "Step" -> step(parts);
            case "Draw" -> new Move.DrawIn(foot(said), said.contains("hover") ? DrawnTo.HOVERING : DrawnTo.BALL_BESIDE);
            case "Bring" -> new Move.HalfStep(foot(said), Optional.empty());
            case "Lower" -> lower(said, parts);
            case "Raise" -> new Move.Raise(foot(said), said.endsWith("heel") ? FootPart.HEEL : FootPart.TOES);
            case "Lift" -> new Move.Lift(foot(said), knee(said), Optional.empty());
            case "Turn" ->
                new Move.TurnFoot(
                        foot(said), pivot(parts[0]), parts.length > 1 ? Optional.of(toes(parts[1])) : Optional.empty());
            case "Shift", "Share" -> new Move.Shift(new Split.Said(share(said)));
            default -> throw new IllegalArgumentException(sentence);
        };
    }

    private static Side foot(String said) {
        Matcher matcher = FOOT.matcher(said);
        if (!matcher.find()) {
            throw new IllegalArgumentException("no foot in: " + said);
        }
        return side(matcher.group(1));
    }

    private static Side side(String word) {
        return word.equals("left") ? Side.LEFT : Side.RIGHT;
    }

    private static Move step(String[] parts) {
        Optional<Contact> landing = Optional.empty();
        Optional<Toes> toes = Optional.empty();
        for (String part : parts) {
            landing = landing.or(() -> landing(part));
            if (part.startsWith("toes ")) {
                toes = Optional.of(toes(part));
            }
        }
        return new Move.Step(foot(parts[0]), place(parts), landing, toes, Optional.empty());
    }

    private static Optional<Contact> landing(String part) {
        return switch (part) {
            case "landing flat" -> Optional.of(Contact.FLAT);
            case "heel first" -> Optional.of(Contact.HEEL);
            case "ball first" -> Optional.of(Contact.BALL);
            case "without touching down" -> Optional.of(Contact.LIFTED);
            default -> Optional.empty();
        };
    }

    private static StepPlace place(String[] parts) {
        String head = parts[0];
        if (head.contains("beside the other")) {
            return new StepPlace.Beside(
                    find(parts, " between them"),
                    find(parts, " ahead of it")
                            .or(() -> find(parts, " behind it").map(Length::negated)));
        }
        Matcher toesWere = TOES_WERE.matcher(head);
        if (toesWere.find()) {
            return new StepPlace.AtToes(side(toesWere.group(1)));
        }
        if (Arrays.stream(parts).anyMatch(part -> part.startsWith("heels level"))) {
            return new StepPlace.LevelWithHeel(width(parts));
        }
        if (head.contains("line of the other heel")) {
            return new StepPlace.OnHeelLine(
                    find(parts, " ahead").or(() -> find(parts, " behind").map(Length::negated)));
        }
        Optional<Length> distance = Arrays.stream(parts)
                .skip(1)
                .flatMap(part -> length(part).stream())
                .findFirst();
        return new StepPlace.Along(direction(head), distance, width(parts));
    }

    private static Optional<Length> width(String[] parts) {
        if (Arrays.asList(parts).contains("heels on one line")) {
            return Optional.of(Length.centimetres(0));
        }
        return find(parts, " wide")
                .or(() -> Arrays.stream(parts)
                        .filter(part -> part.startsWith("crossing by "))
                        .flatMap(part -> length(part.substring("crossing by ".length())).stream())
                        .map(Length::negated)
                        .findFirst());
    }

    private static Optional<Length> find(String[] parts, String ending) {
        return Arrays.stream(parts)
                .filter(part -> part.endsWith(ending))
                .flatMap(part -> length(part.substring(0, part.length() - ending.length())).stream())
                .findFirst();
    }

    /** A length as it is said, or nothing. */
    static Optional<Length> length(String said) {
        for (LengthUnit unit : LengthUnit.values()) {
            for (String word : List.of(unit.one(), unit.many())) {
                if (said.endsWith(" " + word)) {
                    return amount(said.substring(0, said.length() - word.length() - 1))
                            .map(amount -> new Length(amount, unit));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Double> amount(String said) {
        if (said.equals("half a")) {
            return Optional.of(0.5);
        }
        String whole = said.replace(" and a half", "");
        double half = whole.equals(said) ? 0 : 0.5;
        if (NUMBERS.contains(whole)) {
            return Optional.of(NUMBERS.indexOf(whole) + half);
        }
        return said.matches("\\d+(\\.\\d+)?") ? Optional.of(Double.parseDouble(said)) : Optional.empty();
    }

    private static Direction direction(String head) {
        String said = head.replaceFirst("^(Step|Lower the \\w+ foot) ", "").replaceFirst(" ?with the \\w+ foot.*", "");
        if (said.startsWith("toward ")) {
            return new Direction.OfPosture(
                    Directions.CLOCK.parse(said.substring(7)).orElseThrow().from(Heading.FRONT));
        }
        return ofBody(said);
    }

    private static Direction ofBody(String said) {
        Matcher angle = OF_FORWARD.matcher(said);
        double degrees = switch (said) {
            case "forward" -> 0;
            case "back" -> 180;
            case "to the left", "to the right" -> 90;
            case "diagonally forward left", "diagonally forward right" -> 45;
            case "diagonally back left", "diagonally back right" -> 135;
            default -> angle.matches() ? Double.parseDouble(angle.group(1)) : Double.NaN;
        };
        boolean left = said.contains("left");
        return new Direction.OfBody(new Turn(left ? -degrees : degrees));
    }

    private static Toes toes(String part) {
        String said = part.substring("toes ".length());
        if (said.endsWith("as far as they go")) {
            return said.startsWith("out") ? new Toes.OutAsFarAsTheyGo() : new Toes.InAsFarAsTheyGo();
        }
        if (said.equals("out") || said.equals("in")) {
            return new Toes.TurnedSome(said.equals("out") ? Toes.TurnedSome.Way.OUT : Toes.TurnedSome.Way.IN);
        }
        if (said.equals("straight with the hips")) {
            return new Toes.AgainstPelvis(0);
        }
        if (said.startsWith("pointing ")) {
            String where = said.substring("pointing ".length());
            return new Toes.Toward(where.startsWith("toward ") ? direction(where) : ofBody(where));
        }
        Matcher by = Pattern.compile("(in|out) by (\\S+)°").matcher(said);
        if (by.matches()) {
            return new Toes.Turned(signed(by.group(2), by.group(1)));
        }
        Matcher against = Pattern.compile("(\\S+)° (in|out)").matcher(said);
        if (against.matches()) {
            return new Toes.AgainstPelvis(signed(against.group(1), against.group(2)));
        }
        throw new IllegalArgumentException(part);
    }

    private static double signed(String size, String way) {
        double degrees = Double.parseDouble(size);
        return way.equals("in") ? -degrees : degrees;
    }

    private static Move lower(String said, String[] parts) {
        Contact to = said.endsWith("flat") ? Contact.FLAT : said.endsWith("on the heel") ? Contact.HEEL : Contact.BALL;
        String bare = said.replaceFirst(" until it is .*", "");
        String where = bare.replaceFirst("^Lower the (left|right) foot", "").strip();
        Optional<StepPlace> place = where.isEmpty() ? Optional.empty() : Optional.of(place(bare.split(", ")));
        return new Move.Lower(foot(said), to, place, Optional.empty());
    }

    private static Optional<Landmark> knee(String said) {
        return Arrays.stream(Landmark.values())
                .filter(landmark -> said.endsWith("to " + landmark.word() + " height"))
                .findFirst();
    }

    private static Pivot pivot(String said) {
        return Arrays.stream(Pivot.values())
                .filter(pivot -> said.endsWith(" on its " + pivot.word()))
                .findFirst()
                .orElseThrow();
    }

    private static WeightShare share(String said) {
        Matcher between = Pattern.compile(".*between (\\d+) and (\\d+) percent on the left")
                .matcher(said);
        if (between.matches()) {
            return new WeightShare(Integer.parseInt(between.group(1)), Integer.parseInt(between.group(2)));
        }
        if (said.startsWith("Share the weight evenly")) {
            return WeightShare.EVEN;
        }
        Matcher all = Pattern.compile("Shift all the weight onto the (left|right) foot.*")
                .matcher(said);
        if (all.matches()) {
            return WeightShare.on(side(all.group(1)), 100);
        }
        Matcher exact =
                Pattern.compile("Shift the weight to (\\d+) (left|right), .*").matcher(said);
        return exact.matches()
                ? WeightShare.on(side(exact.group(2)), Integer.parseInt(exact.group(1)))
                : WeightShare.UNKNOWN;
    }
}
