package app.avrel.desktop.postures;

import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.house.Stance;
import app.avrel.posture.EndClaim;
import app.avrel.posture.Posture;
import app.avrel.project.Edit;
import app.avrel.words.Wording;
import app.avrel.words.reading.FieldText;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields of what is claimed of a posture's end. */
final class EndFields {

    private final Session session;
    private final ChoiceField stance;
    private final EntryField weight;
    private final EntryField facing;
    private final EntryField counts;

    EndFields(Session session, FieldGrid grid) {
        this.session = session;
        grid.section(Words.of("postures.end_as_you"));
        stance = grid.choice(Words.of("common.stance"));
        weight = grid.line(Words.of("postures.weight"), Words.of("postures.70_left"));
        facing = grid.line(Words.of("postures.facing"), "1:30");
        counts = grid.line(Words.of("common.counts"), "5");
    }

    void show(Desk desk, Posture posture) {
        EndClaim end = posture.end();
        Wording saying = desk.saying();
        FieldText shares = new FieldText(Words.language(), saying);
        List<String> stances = Stream.concat(
                        Stream.of(Fields.UNSAID), Arrays.stream(Stance.values()).map(Words::of))
                .toList();
        stance.show(
                stances,
                end.stance().map(s -> s.ordinal() + 1).orElse(0),
                i -> change(
                        posture,
                        "stance",
                        end.withStance(i == 0 ? Optional.empty() : Optional.of(Stance.values()[i - 1]))));
        weight.show(
                end.weight().map(shares::say).orElse(""),
                text -> take(posture, "weight", text, shares::split, end::withWeight));
        facing.show(
                end.facing().map(saying::heading).orElse(""),
                text -> take(
                        posture,
                        "facing",
                        text,
                        said -> saying.directions().parse(said).map(saying::bearing),
                        end::withFacing));
        counts.show(
                end.counts().map(Object::toString).orElse(""),
                text -> take(posture, "counts", text, EndFields::whole, end::withCounts));
    }

    private static Optional<Integer> whole(String text) {
        return text.strip().matches("\\d{1,3}") ? Optional.of(Integer.parseInt(text.strip())) : Optional.empty();
    }

    private <T> boolean take(
            Posture posture,
            String field,
            String text,
            Function<String, Optional<T>> parse,
            Function<Optional<T>, EndClaim> claim) {
        Optional<T> said = text.isBlank() ? Optional.empty() : parse.apply(text);
        if (said.isEmpty() && !text.isBlank()) {
            return false;
        }
        change(posture, field, claim.apply(said));
        return true;
    }

    private void change(Posture posture, String field, EndClaim end) {
        session.apply(Edit.running(
                Words.of("postures.change_claimed"),
                posture.id() + "/end/" + field,
                project -> project.changePosture(posture.id(), whole -> whole.withEnd(end))));
    }
}
