package app.avrel.desktop.postures;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Direction;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.words.reading.FieldText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The fields of a place that a foot goes to. */
final class StepPlaceFields {

    static final StepPlace FORWARD = new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty());

    private final FieldText said;

    StepPlaceFields(FieldText said) {
        this.said = said;
    }

    List<MoveField> of(StepPlace place, Function<StepPlace, Move> change) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(Fields.oneOf(
                Words.of("postures.goes"),
                ways(),
                way(place),
                at -> change.apply(at == way(place) ? place : fresh(at))));
        switch (place) {
            case StepPlace.Along along -> fields.addAll(along(along, change));
            case StepPlace.Beside beside -> fields.addAll(beside(beside, change));
            case StepPlace.LevelWithHeel level -> fields.add(level(level, change));
            case StepPlace.Across across -> fields.add(across(across, change));
            case StepPlace.WhereWas _, StepPlace.AtToes _ -> {}
            case StepPlace.OnHeelLine line -> fields.add(onHeelLine(line, change));
        }
        return fields;
    }

    private List<MoveField> beside(StepPlace.Beside beside, Function<StepPlace, Move> change) {
        return List.of(
                length(
                        "postures.gap",
                        beside.gap(),
                        "postures.1_fist",
                        gap -> change.apply(new StepPlace.Beside(gap, beside.ahead()))),
                length(
                        "postures.ahead",
                        beside.ahead(),
                        "postures.1_fist_1",
                        ahead -> change.apply(new StepPlace.Beside(beside.gap(), ahead))));
    }

    private MoveField level(StepPlace.LevelWithHeel level, Function<StepPlace, Move> change) {
        return length(
                "postures.width",
                level.width(),
                "postures.1_shoulder_width",
                width -> change.apply(new StepPlace.LevelWithHeel(width)));
    }

    private MoveField across(StepPlace.Across across, Function<StepPlace, Move> change) {
        return length(
                "postures.distance",
                across.distance(),
                "postures.1_foot_length",
                far -> change.apply(new StepPlace.Across(across.over(), far)));
    }

    private MoveField onHeelLine(StepPlace.OnHeelLine line, Function<StepPlace, Move> change) {
        return length(
                "postures.ahead",
                line.ahead(),
                "postures.2_foot_lengths",
                ahead -> change.apply(new StepPlace.OnHeelLine(ahead)));
    }

    private MoveField length(
            String name, Optional<Length> value, String example, Function<Optional<Length>, Move> change) {
        return Fields.length(said, Words.of(name), value, Words.of(example), change);
    }

    private List<MoveField> along(StepPlace.Along along, Function<StepPlace, Move> change) {
        Optional<Length> distance = along.distance();
        Optional<Length> width = along.width();
        return List.of(
                Fields.line(
                        Words.of("postures.direction"),
                        said.say(along.direction()),
                        Words.of("postures.forward_back_left"),
                        text -> said.direction(text)
                                .map(direction -> change.apply(new StepPlace.Along(direction, distance, width)))),
                Fields.length(
                        said,
                        Words.of("postures.distance"),
                        distance,
                        Words.of("postures.2_foot_lengths_50"),
                        changed -> change.apply(new StepPlace.Along(along.direction(), changed, width))),
                Fields.length(
                        said,
                        Words.of("postures.width"),
                        width,
                        Words.of("postures.0_5_shoulder_widths"),
                        changed -> change.apply(new StepPlace.Along(along.direction(), distance, changed))));
    }

    private static int way(StepPlace place) {
        return switch (place) {
            case StepPlace.Along _ -> 0;
            case StepPlace.Beside _ -> 1;
            case StepPlace.LevelWithHeel _ -> 2;
            case StepPlace.OnHeelLine _ -> 3;
            case StepPlace.Across across -> 4 + across.over().ordinal();
            case StepPlace.WhereWas was -> 6 + was.foot().ordinal();
            case StepPlace.AtToes at -> 8 + at.foot().ordinal();
        };
    }

    private static StepPlace fresh(int way) {
        return switch (way) {
            case 0 -> FORWARD;
            case 1 -> new StepPlace.Beside(Optional.empty(), Optional.empty());
            case 2 -> new StepPlace.LevelWithHeel(Optional.empty());
            case 3 -> new StepPlace.OnHeelLine(Optional.empty());
            case 4, 5 -> new StepPlace.Across(Crossing.values()[way - 4], Optional.empty());
            case 6, 7 -> new StepPlace.WhereWas(Side.values()[way - 6]);
            default -> new StepPlace.AtToes(Side.values()[way - 8]);
        };
    }

    private static List<String> ways() {
        return List.of(
                Words.of("postures.direction_2"),
                Words.of("postures.beside_other_foot"),
                Words.of("postures.heels_level"),
                Words.of("postures.onto_other_heels"),
                Words.of("postures.across_front"),
                Words.of("postures.across_behind"),
                Words.of("postures.where_left_foot"),
                Words.of("postures.where_right_foot"),
                Words.of("postures.where_left_toes"),
                Words.of("postures.where_right_toes"));
    }
}
