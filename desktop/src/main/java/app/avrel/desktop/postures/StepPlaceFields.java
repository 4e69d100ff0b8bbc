package app.avrel.desktop.postures;

import app.avrel.body.Length;
import app.avrel.body.Side;
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

    private static final List<String> WAYS = List.of(
            "in a direction",
            "beside the other foot",
            "heels level",
            "onto the other heel's line",
            "across in front",
            "across behind",
            "where the left foot was",
            "where the right foot was",
            "where the left toes were",
            "where the right toes were");

    private final Wording saying;

    StepPlaceFields(Wording saying) {
        this.saying = saying;
    }

    List<MoveField> of(StepPlace place, Function<StepPlace, Move> change) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(
                MoveFields.oneOf("Goes", WAYS, way(place), at -> change.apply(at == way(place) ? place : fresh(at))));
        switch (place) {
            case StepPlace.Along along -> fields.addAll(along(along, change));
            case StepPlace.Beside beside -> {
                fields.add(MoveFields.length(
                        "Gap", beside.gap(), "1 fist", gap -> change.apply(new StepPlace.Beside(gap, beside.ahead()))));
                fields.add(MoveFields.length(
                        "Ahead",
                        beside.ahead(),
                        "1 fist · -1 fist is behind",
                        ahead -> change.apply(new StepPlace.Beside(beside.gap(), ahead))));
            }
            case StepPlace.LevelWithHeel level ->
                fields.add(MoveFields.length(
                        "Width",
                        level.width(),
                        "1 shoulder width",
                        width -> change.apply(new StepPlace.LevelWithHeel(width))));
            case StepPlace.Across across ->
                fields.add(MoveFields.length(
                        "Distance",
                        across.distance(),
                        "1 foot-length",
                        far -> change.apply(new StepPlace.Across(across.over(), far))));
            case StepPlace.WhereWas _, StepPlace.AtToes _ -> {}
            case StepPlace.OnHeelLine line ->
                fields.add(MoveFields.length(
                        "Ahead",
                        line.ahead(),
                        "2 foot-lengths",
                        ahead -> change.apply(new StepPlace.OnHeelLine(ahead))));
        }
        return fields;
    }

    private List<MoveField> along(StepPlace.Along along, Function<StepPlace, Move> change) {
        Optional<Length> distance = along.distance();
        Optional<Length> width = along.width();
        return List.of(
                MoveFields.line(
                        "Direction",
                        DirectionText.say(along.direction(), saying),
                        "forward · back left · 25 right · 1:30",
                        text -> DirectionText.parse(text, saying)
                                .map(direction -> change.apply(new StepPlace.Along(direction, distance, width)))),
                MoveFields.length(
                        "Distance",
                        distance,
                        "2 foot-lengths · 50 cm",
                        changed -> change.apply(new StepPlace.Along(along.direction(), changed, width))),
                MoveFields.length(
                        "Width",
                        width,
                        "0.5 shoulder widths · 0 cm",
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
}
