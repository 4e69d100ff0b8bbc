package app.avrel.desktop.postures;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Direction;
import app.avrel.posture.move.Crossing;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.words.DirectionText;
import app.avrel.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The fields of a place that a foot goes to. */
final class StepPlaceFields {

    static final StepPlace FORWARD = new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty());

    private final Wording saying;

    StepPlaceFields(Wording saying) {
        this.saying = saying;
    }

    List<MoveField> of(StepPlace place, Function<StepPlace, Move> change) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(MoveFields.oneOf(
                Words.of("postures.step_place_fields.goes"),
                ways(),
                way(place),
                at -> change.apply(at == way(place) ? place : fresh(at))));
        switch (place) {
            case StepPlace.Along along -> fields.addAll(along(along, change));
            case StepPlace.Beside beside -> {
                fields.add(MoveFields.length(
                        Words.of("postures.related_fields.gap"),
                        beside.gap(),
                        Words.of("postures.related_fields.1_fist"),
                        gap -> change.apply(new StepPlace.Beside(gap, beside.ahead()))));
                fields.add(MoveFields.length(
                        Words.of("postures.step_place_fields.ahead"),
                        beside.ahead(),
                        Words.of("postures.step_place_fields.1_fist_1_fist_is_behind"),
                        ahead -> change.apply(new StepPlace.Beside(beside.gap(), ahead))));
            }
            case StepPlace.LevelWithHeel level ->
                fields.add(MoveFields.length(
                        Words.of("postures.start_fields.width"),
                        level.width(),
                        Words.of("postures.step_place_fields.1_shoulder_width"),
                        width -> change.apply(new StepPlace.LevelWithHeel(width))));
            case StepPlace.Across across ->
                fields.add(MoveFields.length(
                        Words.of("postures.step_place_fields.distance"),
                        across.distance(),
                        Words.of("postures.step_place_fields.1_foot_length"),
                        far -> change.apply(new StepPlace.Across(across.over(), far))));
            case StepPlace.WhereWas _, StepPlace.AtToes _ -> {}
            case StepPlace.OnHeelLine line ->
                fields.add(MoveFields.length(
                        Words.of("postures.step_place_fields.ahead"),
                        line.ahead(),
                        Words.of("postures.step_place_fields.2_foot_lengths"),
                        ahead -> change.apply(new StepPlace.OnHeelLine(ahead))));
        }
        return fields;
    }

    private List<MoveField> along(StepPlace.Along along, Function<StepPlace, Move> change) {
        Optional<Length> distance = along.distance();
        Optional<Length> width = along.width();
        return List.of(
                MoveFields.line(
                        Words.of("postures.step_place_fields.direction"),
                        DirectionText.say(along.direction(), saying),
                        Words.of("postures.step_place_fields.forward_back_left_25_right_1"),
                        text -> DirectionText.parse(text, saying)
                                .map(direction -> change.apply(new StepPlace.Along(direction, distance, width)))),
                MoveFields.length(
                        Words.of("postures.step_place_fields.distance"),
                        distance,
                        Words.of("postures.step_place_fields.2_foot_lengths_50_cm"),
                        changed -> change.apply(new StepPlace.Along(along.direction(), changed, width))),
                MoveFields.length(
                        Words.of("postures.start_fields.width"),
                        width,
                        Words.of("postures.step_place_fields.0_5_shoulder_widths_0_cm"),
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
                Words.of("postures.step_place_fields.in_a_direction"),
                Words.of("postures.step_place_fields.beside_the_other_foot"),
                Words.of("postures.step_place_fields.heels_level"),
                Words.of("postures.step_place_fields.onto_the_other_heels_line"),
                Words.of("postures.step_place_fields.across_in_front"),
                Words.of("postures.step_place_fields.across_behind"),
                Words.of("postures.step_place_fields.where_the_left_foot_was"),
                Words.of("postures.step_place_fields.where_the_right_foot_was"),
                Words.of("postures.step_place_fields.where_the_left_toes_were"),
                Words.of("postures.step_place_fields.where_the_right_toes_were"));
    }
}
