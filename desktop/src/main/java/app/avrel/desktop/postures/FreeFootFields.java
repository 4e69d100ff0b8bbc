package app.avrel.desktop.postures;

import app.avrel.desktop.words.Words;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.words.reading.FieldText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields of kicks, slides, stamps and a foot drawn back. */
final class FreeFootFields {

    private final FieldText said;

    FreeFootFields(FieldText said) {
        this.said = said;
    }

    List<MoveField> slide(Move.Slide slide) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(
                Fields.foot(slide.foot(), side -> new Move.Slide(side, slide.place(), slide.landing(), slide.toes())));
        fields.addAll(new StepPlaceFields(said)
                .of(slide.place(), place -> new Move.Slide(slide.foot(), place, slide.landing(), slide.toes())));
        fields.add(Fields.choice(
                Words.of("postures.on_its"),
                Contact.values(),
                Words::of,
                slide.landing(),
                landing -> new Move.Slide(slide.foot(), slide.place(), landing, slide.toes())));
        fields.add(new MoveFields(said)
                .toes(slide.toes(), toes -> new Move.Slide(slide.foot(), slide.place(), slide.landing(), toes)));
        return fields;
    }

    List<MoveField> kick(Move.Kicking kick) {
        return List.of(
                Fields.foot(kick.foot(), side -> new Move.Kicking(side, kick.kick(), kick.toward(), kick.height())),
                Fields.oneOf(
                        Words.of("postures.with"),
                        Stream.of(Kick.values()).map(Words::of).toList(),
                        kick.kick().ordinal(),
                        at -> new Move.Kicking(kick.foot(), Kick.values()[at], kick.toward(), kick.height())),
                Fields.line(
                        Words.of("postures.toward"),
                        kick.toward().map(said::say).orElse(""),
                        Words.of("postures.forward_1_30"),
                        Fields.unsaidOr(
                                said::direction,
                                toward -> new Move.Kicking(kick.foot(), kick.kick(), toward, kick.height()))),
                Fields.landmark(
                        Words.of("postures.height"),
                        kick.height(),
                        height -> new Move.Kicking(kick.foot(), kick.kick(), kick.toward(), height)));
    }

    List<MoveField> stamp(Move.Stamp stamp) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(Fields.foot(stamp.foot(), side -> new Move.Stamp(side, stamp.place())));
        fields.addAll(placed(stamp.place(), place -> new Move.Stamp(stamp.foot(), place)));
        return fields;
    }

    /** Where it is, or the fields of another place. */
    List<MoveField> placed(Optional<StepPlace> place, Function<Optional<StepPlace>, Move> change) {
        List<MoveField> fields = new ArrayList<>();
        fields.add(Fields.oneOf(
                Words.of("postures.where"),
                List.of(Words.of("postures.where_2"), Words.of("postures.another_place")),
                place.isPresent() ? 1 : 0,
                at -> change.apply(at == 0 ? Optional.empty() : place.or(() -> Optional.of(StepPlaceFields.FORWARD)))));
        place.ifPresent(some ->
                fields.addAll(new StepPlaceFields(said).of(some, changed -> change.apply(Optional.of(changed)))));
        return fields;
    }
}
