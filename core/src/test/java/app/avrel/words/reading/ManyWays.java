package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.label.Language;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Lines made of known moves, in the forms people give them and the ways they join them: what each means is known. */
final class ManyWays {

    /** How a move may be said: raise the hand, the hand rises, raising the hand, hand up. */
    private enum Form {
        IMPERATIVE,
        FINITE,
        PARTICIPLE,
        NAMED
    }

    /**
     * A move, said for one side.
     *
     * @param limb what it moves: two moves of one limb are never joined
     * @param forms in the order of {@link Form}
     */
    private record Said(String limb, String records, List<String> forms) {

        Set<String> limbs() {
            return switch (limb) {
                case "hand" -> Set.of(records.substring(0, records.indexOf(' ')));
                case "hands" -> Set.of("left", "right");
                case "feet" -> Set.of("feet", "weight", "depth");
                default -> Set.of(limb);
            };
        }
    }

    private record Join(String text, String stages) {}

    /** A line, and what it must record: for each stage its moves, in no order. */
    record Made(String typed, List<Set<String>> records) {}

    private final Language language;
    private final List<List<String>> moves;
    private final List<Join> joins;

    private ManyWays(Language language, List<List<String>> rows) {
        this.language = language;
        this.moves = rows.stream()
                .filter(row -> row.getFirst().equals(language.code()))
                .toList();
        this.joins = rows.stream()
                .filter(row -> row.getFirst().equals("join") && row.get(1).equals(language.code()))
                .map(row -> new Join(row.get(2), row.get(3)))
                .toList();
    }

    static ManyWays of(Language language) {
        try (var in = ManyWays.class.getResourceAsStream("ways.txt")) {
            return new ManyWays(
                    language,
                    new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(line -> !line.startsWith("#") && !line.isBlank())
                            .map(line -> List.of(line.split(" \\| ")))
                            .toList());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** {@return the line of a seed} */
    Made line(int seed) {
        Random random = new Random(seed);
        Join join = joins.get(random.nextInt(joins.size()));
        List<Said> chosen = new ArrayList<>();
        int many = join.text().contains("{3:") ? 3 : 2;
        while (chosen.size() < many) {
            Said said = said(moves.get(random.nextInt(moves.size())), random.nextBoolean() ? Side.LEFT : Side.RIGHT);
            boolean free =
                    chosen.stream().noneMatch(other -> other.limbs().stream().anyMatch(said.limbs()::contains));
            if (free) {
                chosen.add(said);
            }
        }
        String typed = join.text();
        for (int i = 0; i < many; i++) {
            for (Form form : Form.values()) {
                String gap = "{%d:%s}".formatted(i + 1, form.name().toLowerCase());
                typed = typed.replace(gap, chosen.get(i).forms().get(form.ordinal()));
            }
        }
        return new Made(typed, records(join, chosen));
    }

    private static List<Set<String>> records(Join join, List<Said> chosen) {
        return Stream.of(join.stages().split(";"))
                .map(stage -> Stream.of(stage.strip().split(" "))
                        .map(number -> chosen.get(Integer.parseInt(number) - 1))
                        .flatMap(said -> Stream.of(said.records().split("\\. ")))
                        .collect(Collectors.toSet()))
                .toList();
    }

    private Said said(List<String> row, Side side) {
        UnaryOperator<String> spoken = text -> spoken(text, side);
        return new Said(
                row.get(1),
                row.get(2)
                        .replace("{s}", side.word())
                        .replace("{o}", side.other().word()),
                row.subList(3, 7).stream().map(spoken).toList());
    }

    /** Puts the words for a side and the other one into their gaps, with the ending that agrees. */
    private String spoken(String text, Side side) {
        String said = text;
        for (String ending : List.of("", "a", "o")) {
            said = said.replace("{s" + ending + "}", Typed.side(language, side) + ending)
                    .replace("{o" + ending + "}", Typed.side(language, side.other()) + ending);
        }
        return said;
    }
}
