package app.avrel.desktop.form;

import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Form;
import app.avrel.form.FormClaim;
import app.avrel.form.Part;
import app.avrel.project.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.layout.GridPane;

/** What is said of a form and of its parts: so many postures, so many counts, and which way it ends. */
final class ClaimFields {

    private final Session session;
    private final GridPane grid;
    private final List<EntryField> postures = new ArrayList<>();
    private final List<EntryField> counts = new ArrayList<>();
    private final List<EntryField> facings = new ArrayList<>();

    /** @param grid the fields stand in, a column for each part */
    ClaimFields(Session session, GridPane grid) {
        this.session = session;
        this.grid = grid;
    }

    boolean empty() {
        return postures.isEmpty();
    }

    void clear() {
        postures.clear();
        counts.clear();
        facings.clear();
    }

    /** What a hand-out says: checked against what is recorded. */
    void show(int row, Form form, int columns) {
        grid.add(Texts.of(Words.of("form.said_postures"), "field-label"), 0, row);
        grid.add(Texts.of(Words.of("form.said_counts"), "field-label"), 0, row + 1);
        grid.add(Texts.of(Words.of("form.said_ends_facing"), "field-label"), 0, row + 2);
        Directions directions = session.project().directions();
        for (int i = 0; i < columns; i++) {
            if (postures.size() <= i) {
                postures.add(new EntryField(Words.of("form.number_postures_as"), "27", _ -> false));
                counts.add(new EntryField(Words.of("form.number_counts_as"), "153", _ -> false));
                grid.add(postures.get(i), i + 1, row);
                facings.add(new EntryField(Words.of("form.facing_at_end"), "12", _ -> false));
                grid.add(counts.get(i), i + 1, row + 1);
                grid.add(facings.get(i), i + 1, row + 2);
            }
            int part = i == columns - 1 ? -1 : i;
            FormClaim claim = part < 0 ? form.claim() : form.parts().get(part).claim();
            postures.get(i).show(said(claim.postures()), text -> take(text, part, (of, many) -> of.withPostures(many)));
            counts.get(i).show(said(claim.counts()), text -> take(text, part, (of, many) -> of.withCounts(many)));
            facings.get(i).show(claim.facing().map(directions::say).orElse(""), text -> facing(text, part, directions));
        }
    }

    private static String said(Optional<Integer> many) {
        return many.map(String::valueOf).orElse("");
    }

    private interface With {
        FormClaim with(FormClaim claim, Optional<Integer> many);
    }

    private boolean take(String text, int part, With with) {
        if (!text.isBlank() && !text.strip().matches("\\d{1,5}")) {
            return false;
        }
        Optional<Integer> many = text.isBlank() ? Optional.empty() : Optional.of(Integer.valueOf(text.strip()));
        claim(part, claim -> with.with(claim, many));
        return true;
    }

    private boolean facing(String text, int part, Directions directions) {
        Optional<Heading> said = text.isBlank() ? Optional.empty() : directions.parse(text);
        if (said.isEmpty() && !text.isBlank()) {
            return false;
        }
        claim(part, claim -> claim.withFacing(said));
        return true;
    }

    /** Changes what is said of a part, or of the whole where that is below 0. */
    private void claim(int part, UnaryOperator<FormClaim> edit) {
        UnaryOperator<Form> inForm = form -> {
            if (part < 0) {
                return form.withClaim(edit.apply(form.claim()));
            }
            List<Part> parts = new ArrayList<>(form.parts());
            parts.set(part, parts.get(part).withClaim(edit.apply(parts.get(part).claim())));
            return form.withParts(parts);
        };
        session.apply(Edit.running(
                Words.of("form.say_total"),
                session.choice().form() + "/said/" + part,
                project -> project.changeForm(session.choice().form(), inForm)));
    }
}
