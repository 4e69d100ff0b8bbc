package app.avrel.desktop.form;

import app.avrel.desktop.parts.BackgroundTask;
import app.avrel.desktop.parts.Buttons;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Edit;
import app.avrel.project.JoinMending;
import app.avrel.rules.JoinWords;
import app.avrel.rules.join.JoinProposal;
import app.avrel.words.CountWords;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** What is open where one posture meets the next, and what can be done about it; nothing where they join. */
final class JoinBox extends VBox {

    private final BackgroundTask search = new BackgroundTask();

    private final Session session;
    private final VBox proposals = new VBox();
    private Optional<Asked> shown = Optional.empty();

    /** What the shown proposals answer. */
    private record Asked(Pose arrived, Posture posture, List<Posture> shelf) {}

    /** A proposal with what else it does. */
    private record Weighed(JoinProposal proposal, JoinMending.Effects effects) {}

    /** What came of looking. */
    private record Answer(List<Weighed> proposals, Optional<String> noLink) {}

    JoinBox(Session session) {
        this.session = session;
        getStyleClass().add("join-box");
        proposals.getStyleClass().add("join-proposals");
    }

    /** Shows the first open join of an entry. */
    void show(Desk desk, int entry) {
        List<Occurrence> all =
                desk.survey().track(desk.choice().form()).orElseThrow().occurrences();
        Optional<Occurrence> open = all.stream()
                .filter(done -> done.entry() == entry && !done.join().fits())
                .findFirst();
        setVisible(open.isPresent());
        setManaged(open.isPresent());
        if (open.isEmpty()) {
            shown = Optional.empty();
            search.forget();
            return;
        }
        Occurrence done = open.get();
        Asked asked =
                new Asked(done.done().reached(), done.posture(), desk.project().postures());
        getChildren().setAll(differences(desk, done), proposals);
        if (!shown.equals(Optional.of(asked))) {
            shown = Optional.of(asked);
            look(new JoinMending(desk.survey(), desk.choice().form(), all.indexOf(done)), desk, done);
        }
    }

    private static VBox differences(Desk desk, Occurrence done) {
        JoinWords words = new JoinWords(desk.project().setting().chosenBody());
        VBox box = new VBox(Texts.wrapped(Words.of("form.they_do_not"), "finding-headline"));
        box.getStyleClass().add("join-differences");
        done.join()
                .mismatches()
                .forEach(mismatch -> box.getChildren().add(Texts.wrapped(words.sentence(mismatch), "join-words")));
        return box;
    }

    private void look(JoinMending mending, Desk desk, Occurrence done) {
        proposals.getChildren().setAll(Texts.wrapped(Words.of("form.looking_ways_join"), "quiet"));
        search.ask(() -> answer(mending), answer -> show(answer, mending, desk, done));
    }

    private static Answer answer(JoinMending mending) {
        List<Weighed> all = mending.all().stream()
                .map(proposal -> new Weighed(proposal, mending.effects(proposal)))
                .toList();
        boolean linked = all.stream().anyMatch(one -> one.proposal() instanceof JoinProposal.InsertLink);
        return new Answer(
                all, linked ? Optional.empty() : Optional.of(mending.link().why()));
    }

    private void show(Answer answer, JoinMending mending, Desk desk, Occurrence done) {
        proposals.getChildren().clear();
        answer.noLink()
                .ifPresent(why -> proposals
                        .getChildren()
                        .addAll(Texts.of(Words.of("form.no_link_joins"), "section"), Texts.wrapped(why, "join-words")));
        answer.proposals().forEach(one -> proposal(one, mending, desk, done));
    }

    private void proposal(Weighed weighed, JoinMending mending, Desk desk, Occurrence done) {
        switch (weighed.proposal()) {
            case JoinProposal.InsertLink(List<Count> counts) -> {
                proposals.getChildren().add(Texts.of(Words.of("form.link_would_join"), "section"));
                lines(counts, desk, done);
                button(Words.of("form.insert_link"), Words.of("form.put_these_counts"), true, weighed, mending);
            }
            case JoinProposal.AdjustEnd(Posture before, Posture becomes) -> {
                button(
                        Words.of("form.adjust_end", Words.name(before)),
                        Words.of("form.change_how_one"),
                        false,
                        weighed,
                        mending);
                said(weighed, ended(before, becomes));
            }
            case JoinProposal.AdjustStart(Posture before, Posture _) -> {
                button(
                        Words.of("form.adjust_start", Words.name(before)),
                        Words.of("form.let_posture_start"),
                        false,
                        weighed,
                        mending);
                said(weighed, "");
            }
        }
    }

    private static String ended(Posture before, Posture becomes) {
        int more = becomes.counts().size() - before.counts().size();
        return more == 0 ? Words.of("form.its_last_count") : Words.of("form.with_x_x", more);
    }

    private void said(Weighed weighed, String how) {
        int joins = weighed.effects().joins();
        int findings = weighed.effects().findings();
        String elsewhere = joins > 0 ? Words.of("form.opens_2", joins) : "";
        String more = findings > 0 ? Words.of("form.brings", findings) : "";
        List<String> all = Stream.of(how, elsewhere, more)
                .filter(words -> !words.isEmpty())
                .toList();
        if (!all.isEmpty()) {
            proposals.getChildren().add(Texts.wrapped(String.join("; ", all), "quiet"));
        }
    }

    /** Takes the first way to join that is proposed: a link, where one does. */
    void takeFirst() {
        proposals.getChildren().stream()
                .filter(Button.class::isInstance)
                .map(Button.class::cast)
                .findFirst()
                .ifPresent(Button::fire);
    }

    private void button(String words, String says, boolean accent, Weighed weighed, JoinMending mending) {
        Button button = Buttons.words(
                words,
                says,
                () -> session.apply(Edit.of(words, project -> mending.applied(project, weighed.proposal()))));
        button.setWrapText(true);
        if (accent) {
            button.getStyleClass().setAll("button", "accent");
        }
        proposals.getChildren().add(button);
    }

    private void lines(List<Count> counts, Desk desk, Occurrence done) {
        CountWords words = new CountWords(Words.language(), desk.saying(done, Moment.Section.LINK));
        for (int i = 0; i < counts.size(); i++) {
            proposals
                    .getChildren()
                    .add(Texts.wrapped((i + 1) + "  " + words.say(counts.get(i), CueLevel.GUIDE), "join-words"));
        }
    }
}
