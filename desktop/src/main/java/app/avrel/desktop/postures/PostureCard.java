package app.avrel.desktop.postures;

import app.avrel.body.Side;
import app.avrel.desktop.parts.ChoiceField;
import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.RuleRows;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import app.avrel.project.Edit;
import app.avrel.rules.Where;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.layout.VBox;

/** The card for a posture as a whole: names, side, start, and what is claimed of its end. */
final class PostureCard extends VBox {

    private final Session session;
    private final FieldGrid grid = new FieldGrid();
    private final EntryField name;
    private final EntryField chinese;
    private final EntryField romanised;
    private final EntryField spanish;
    private final EntryField meaning;
    private final ChoiceField side;
    private final ChoiceField mirroring;
    private final StartFields start;
    private final EndFields end;
    private final EntryField note;
    private final TeachingFields teaching;

    private final WaysHere ways;
    private final RuleRows ownRules = new RuleRows();

    PostureCard(Session session, Consumer<Where> go, Runnable named) {
        this.session = session;
        getStyleClass().add("posture-card");
        grid.section(Words.of("postures.names"));
        name = grid.line(Words.of("common.english"), Words.of("postures.name"));
        name.field().setOnAction(_ -> named.run());
        meaning = grid.line(Words.of("postures.meaning"), Words.of("postures.means"));
        chinese = grid.line("中文", "名称");
        romanised = grid.line(Words.of("postures.romanised"), Words.of("postures.tone_marks"));
        spanish = grid.line("Español", "un nombre");
        grid.section(Words.of("postures.sides"));
        side = grid.choice(Words.of("common.side"));
        mirroring = grid.choice(Words.of("postures.taught"));
        start = new StartFields(session, grid);
        end = new EndFields(session, grid);
        grid.section(Words.of("common.note"));
        note = new EntryField(Words.of("common.note"), Words.of("postures.yourself"), _ -> false);
        grid.wide(note);
        grid.section(Words.of("postures.house_rules_its"));
        grid.wide(ownRules);
        teaching = new TeachingFields(session);
        ways = new WaysHere(go);
        getChildren().addAll(Texts.of(Words.of("common.posture"), "count-number"), ways, grid, teaching);
    }

    /** Puts the keyboard into the name, all of it selected. */
    void focusName() {
        name.field().requestFocus();
        name.field().selectAll();
    }

    void show(Desk desk, Posture posture) {
        ways.show(desk, posture);
        names(posture);
        side.show(
                List.of(Words.of("postures.neither"), Words.of("common.left"), Words.of("common.right")),
                posture.side().map(s -> s.ordinal() + 1).orElse(0),
                i -> change(
                        posture,
                        "side",
                        whole -> whole.withSide(i == 0 ? Optional.empty() : Optional.of(Side.values()[i - 1]))));
        mirroring.show(
                List.of(Words.of("postures.on_both_sides"), Words.of("postures.on_side_only")),
                posture.mirroring().ordinal(),
                i -> change(
                        posture,
                        Words.of("common.taught"),
                        whole -> whole.withMirroring(Posture.Mirroring.values()[i])));
        start.show(desk, posture);
        end.show(desk, posture);
        ownRules.show(
                posture.ownRules(),
                desk.project().setting().rules().answers(),
                answers -> change(posture, "rules", whole -> whole.withOwnRules(answers)));
        teaching.show(posture);
        note.show(posture.note(), text -> change(posture, "note", whole -> whole.withNote(text)));
    }

    private void names(Posture posture) {
        name.show(posture.name(), text -> !text.isBlank() && rename(posture, Language.ENGLISH, text.strip()));
        Optional<PostureName> zh = posture.name(Language.CHINESE);
        chinese.show(zh.map(PostureName::written).orElse(""), text -> rename(posture, Language.CHINESE, text.strip()));
        romanised.show(
                zh.flatMap(PostureName::romanised).orElse(""),
                text -> zh.isPresent()
                        && change(
                                posture,
                                "romanised",
                                whole -> named(
                                        whole,
                                        new PostureName(
                                                Language.CHINESE,
                                                zh.get().written(),
                                                said(text),
                                                zh.get().meaning()))));
        spanish.show(
                posture.name(Language.SPANISH).map(PostureName::written).orElse(""),
                text -> rename(posture, Language.SPANISH, text.strip()));
        PostureName first = posture.names().getFirst();
        meaning.show(
                first.meaning().orElse(""),
                text -> change(
                        posture,
                        "meaning",
                        whole -> named(
                                whole,
                                new PostureName(first.language(), first.written(), first.romanised(), said(text)))));
    }

    private static Optional<String> said(String text) {
        return text.isBlank() ? Optional.empty() : Optional.of(text.strip());
    }

    private boolean rename(Posture posture, Language language, String written) {
        return change(posture, "name" + language, whole -> {
            boolean first = language == Language.ENGLISH;
            PostureName old =
                    first ? whole.names().getFirst() : whole.name(language).orElse(PostureName.of(language, written));
            return written.isEmpty()
                    ? without(whole, language)
                    : named(whole, new PostureName(old.language(), written, old.romanised(), old.meaning()));
        });
    }

    private static Posture without(Posture posture, Language language) {
        return posture.withNames(posture.names().stream()
                .filter(name -> name.language() != language)
                .toList());
    }

    /** The posture with one name put in the place of the one in its language, or after all others. */
    private static Posture named(Posture posture, PostureName name) {
        List<PostureName> names = new ArrayList<>(posture.names());
        for (int i = 0; i < names.size(); i++) {
            if (names.get(i).language() == name.language()) {
                names.set(i, name);
                return posture.withNames(names);
            }
        }
        names.add(name);
        return posture.withNames(names);
    }

    private boolean change(Posture posture, String field, UnaryOperator<Posture> edit) {
        session.apply(Edit.running(
                Words.of("postures.change_posture"),
                posture.id() + "/" + field,
                project -> project.changePosture(posture.id(), edit)));
        return true;
    }
}
