package app.avrel.desktop.postures;

import app.avrel.desktop.parts.EntryField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.SeenCount;
import app.avrel.project.Holder;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import app.avrel.words.say.Scene;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What is said in a count: the generated words, and the instructor's own in their place. */
final class CountSaid extends VBox {

    private final Session session;
    private final Label guide = Texts.wrapped("", "said-guide");
    private final EntryField ownGuide = field(Words.of("postures.your_words_full"));
    private final EntryField ownPrompt = field(Words.of("postures.your_words_short"));

    CountSaid(Session session) {
        this.session = session;
        getStyleClass().add("said");
        getChildren()
                .addAll(
                        Texts.of(Words.of("common.cue"), "section"),
                        guide,
                        Texts.of(Words.of("postures.your_words_full"), "field-label"),
                        ownGuide,
                        Texts.of(Words.of("postures.your_words_short"), "field-label"),
                        ownPrompt);
    }

    private static EntryField field(String label) {
        EntryField field = new EntryField(label, "", _ -> false);
        Tips.whole(field.field());
        return field;
    }

    void show(Desk desk, Holder holder, int index, Wording saying) {
        Count count = holder.counts(desk.project()).get(index);
        CountWords words = new CountWords(Words.language(), saying);
        List<Scene> done = scenes(desk, holder, index);
        guide.setText(words.generated(done, CueLevel.EXPLAIN));
        show(ownGuide, CueLevel.GUIDE, holder, index, count, words, done);
        show(ownPrompt, CueLevel.PROMPT, holder, index, count, words, done);
    }

    /** The count as it is done, by which what is so already need not be said. */
    private static List<Scene> scenes(Desk desk, Holder holder, int index) {
        return desk.occurrence(holder).stream()
                .flatMap(done -> done.moments().stream())
                .filter(moment -> moment.place().section() == holder.section()
                        && moment.place().count() == index)
                .map(moment -> new Scene(moment.stage(), moment.before(), moment.after()))
                .toList();
    }

    private void show(
            EntryField field,
            CueLevel level,
            Holder holder,
            int index,
            Count count,
            CountWords words,
            List<Scene> done) {
        field.field().setPromptText(words.generated(done, level));
        field.show(words.own(count, level, 1).orElse(""), text -> {
            boolean settled = session.settled();
            if (settled) {
                session.apply(CountEdits.change(
                        holder,
                        new SeenCount(index, count),
                        Words.of("common.change_said"),
                        "said" + level,
                        whole -> withOwn(whole, level, text)));
            }
            return settled;
        });
    }

    private static Count withOwn(Count count, CueLevel level, String text) {
        return text.isBlank()
                ? count.notSaying(Words.language(), level, Optional.empty())
                : count.saying(OwnWords.of(Words.language(), level, text));
    }
}
