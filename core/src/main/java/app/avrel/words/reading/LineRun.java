package app.avrel.words.reading;

import app.avrel.body.Body;
import app.avrel.label.Language;
import app.avrel.mechanics.Performing;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.words.Wording;
import app.avrel.words.lexicon.Spelling;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Asked;
import app.avrel.words.reading.frame.CountManner;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import app.avrel.words.reading.frame.Question;
import app.avrel.words.reading.frame.Refusal;
import app.avrel.words.reading.frame.Situation;
import app.avrel.words.say.Asking;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One line, while it is read: its stages one after the other, with what they say and what they leave open. */
final class LineRun {

    private final Language language;
    private final Asking asking;
    private final Body body;
    private final Wording saying;
    private final String typed;
    private final List<Stage> stages = new ArrayList<>();
    private final LineWords words;
    private final List<Question> questions = new ArrayList<>();
    private final List<Refusal> refusals = new ArrayList<>();
    private final List<String> holds = new ArrayList<>();
    private CountManner manner;
    private Situation now;
    private int moves;
    /** The stages of another count that are done again after this one. */
    private final List<Stage> again = new ArrayList<>();

    private boolean waited;
    /** How many beats each stage takes, where nothing else is said. */
    private final List<Double> lasting = new ArrayList<>();
    /** The words of each clause of this stage. */
    private final List<String> texts = new ArrayList<>();
    /** The shares of weight that a stance by name brought into this stage; one that is said outdoes them. */
    private final List<Move> ofStance = new ArrayList<>();
    /** The moves of this stage that were told without a verb. */
    private final List<Move> onlyWhere = new ArrayList<>();

    LineRun(Language language, Wording saying, Body body, String typed, Situation before, CountManner manner) {
        this.language = language;
        this.asking = new Asking(language);
        this.saying = saying;
        this.body = body;
        this.typed = typed;
        this.words = new LineWords(typed);
        this.now = before;
        this.manner = manner;
    }

    LineWords words() {
        return words;
    }

    /** {@return what was read, with the words that were mended} */
    LineReading reading(List<LineReading.Mended> mended) {
        return new LineReading(typed, stages, words.inOrder(), manner, questions, refusals, holds, mended, now.pose());
    }

    void stage(List<List<Item>> pieces) {
        List<Move> stage = new ArrayList<>();
        texts.clear();
        ofStance.clear();
        onlyWhere.clear();
        Optional<Double> on = Optional.empty();
        for (List<Item> whole : pieces) {
            Optional<Double> said = whole.stream()
                    .map(Item::term)
                    .filter(Term.OnBeat.class::isInstance)
                    .map(beat -> ((Term.OnBeat) beat).beat())
                    .findFirst();
            on = on.or(() -> said);
            Optional<Double> waits = waits(whole);
            if (said.isPresent() && still(whole) || waits.isPresent()) {
                whole.forEach(item -> words.add(item, LineReading.Role.COUNT, -1));
                stages.add(Stage.STILL.withOn(said));
                lasting.add(waits.orElse(1.0));
                waited |= waits.isPresent();
                continue;
            }
            whole.stream()
                    .filter(item -> item.term() instanceof Term.OnBeat)
                    .forEach(item -> words.add(item, LineReading.Role.COUNT, -1));
            List<Item> piece = whole.stream()
                    .filter(item -> !(item.term() instanceof Term.OnBeat))
                    .toList();
            int before = stage.size();
            Search.Found found = Search.of(piece, now);
            Situation here = now;
            now = found.now();
            for (int i = 0; i < found.clauses().size(); i++) {
                Search.Said next = found.clauses().get(i);
                if (next.fit() != null && Undoing.of(next.fit().moves(), stage.subList(before, stage.size()))) {
                    end(stage, before, on);
                    on = Optional.empty();
                    before = 0;
                }
                clause(next, stage, here, besideUnknown(found.clauses(), i));
                here = next.fit() == null ? here : next.fit().after(here);
            }
            Tidying.together(stage, before);
        }
        end(stage, stage.size(), on);
        again.forEach(this::again);
        again.clear();
    }

    /** Ends a stage: what comes next is done after it. */
    private void end(List<Move> stage, int from, Optional<Double> on) {
        Tidying.together(stage, from);
        Tidying.whole(stage, ofStance, onlyWhere);
        if (!stage.isEmpty()) {
            Stage done = Stage.of(stage).withOn(on);
            stages.add(done);
            lasting.add(1.0);
            now = now.standing(Performing.of(body, saying.rules()).after(now.pose(), done));
        }
        stage.clear();
        texts.clear();
        ofStance.clear();
        onlyWhere.clear();
    }

    private void again(Stage once) {
        stages.add(once);
        lasting.add(1.0);
        moves += once.moves().size();
        now = now.standing(Performing.of(body, saying.rules()).after(now.pose(), once));
    }

    private static Optional<Double> waits(List<Item> piece) {
        return piece.stream()
                .map(Item::term)
                .filter(Term.Waits.class::isInstance)
                .map(waits -> ((Term.Waits) waits).beats())
                .findFirst();
    }

    private static boolean still(List<Item> piece) {
        return piece.stream()
                .allMatch(item -> item.term() instanceof Term.OnBeat
                        || item.is(Term.Act.HOLD)
                        || item.is(Term.Act.STAY)
                        || Leftover.small(item));
    }

    /** Gives every stage its beat where one waits between them, and the count as many beats as are spoken of. */
    void timed() {
        if (waited && stages.stream().noneMatch(stage -> stage.on().isPresent())) {
            double on = 1;
            for (int i = 0; i < stages.size(); i++) {
                stages.set(i, stages.get(i).on(Math.min(on, Count.MOST_BEATS)));
                on += lasting.get(i);
            }
        }
        double last = stages.stream()
                .flatMap(stage -> stage.on().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
        double spoken = lasting.isEmpty() ? last : Math.ceil(last) - 1 + Math.max(1, lasting.getLast());
        if (last > 0) {
            double beats = Math.min(Count.MOST_BEATS, Math.max(manner.beats().orElse(0.0), spoken));
            manner = manner.with(
                    new CountManner(Optional.empty(), Optional.empty(), Optional.of(beats), Optional.empty()));
        }
    }

    /** {@return whether what belongs to no clause stands in a run with a word that nobody knows: "let the tide go out"} */
    private static boolean besideUnknown(List<Search.Said> clauses, int at) {
        int from = at;
        while (from > 0 && unfitted(clauses.get(from - 1))) {
            from--;
        }
        int to = at;
        while (to < clauses.size() && unfitted(clauses.get(to))) {
            to++;
        }
        return clauses.subList(from, to).stream()
                .anyMatch(said -> said.items().getFirst().is(Term.Mark.UNKNOWN));
    }

    private static boolean unfitted(Search.Said said) {
        return said.fit() == null && !said.items().getFirst().soft();
    }

    /** Takes a clause into a stage; what says the same once more adds nothing. */
    private void clause(Search.Said said, List<Move> stage, Situation before, boolean strange) {
        Fit fit = said.fit();
        Unheard unheard = new Unheard(said, before);
        List<Move> fresh = fit == null ? List.of() : fresh(fit.moves(), said, stage);
        for (int i = 0; i < said.items().size(); i++) {
            Item item = said.items().get(i);
            boolean taken = fit != null && (fit.uses(i) && !unheard.at(i) || Leftover.small(item));
            boolean unspoken = item.text().isEmpty();
            if (taken || unspoken || fit == null && Leftover.small(item)) {
                if (!item.soft() && (taken || !unspoken)) {
                    words.add(item, role(item, fit), moves);
                }
            } else {
                boolean weighty = LineWords.weighty(item) && !(strange && item.term() instanceof Term.Way);
                words.add(item, LineReading.Role.UNKNOWN, -1, weighty);
                refusals.add(refused(item));
            }
        }
        if (fit != null) {
            boolean stance = said.items().stream().anyMatch(item -> item.term() instanceof Term.Standing);
            boolean does = said.items().stream().anyMatch(item -> item.term() instanceof Term.Act);
            ofStance.addAll(stance ? fit.moves() : List.of());
            onlyWhere.addAll(does ? List.of() : fit.moves());
            texts.addAll(Collections.nCopies(fresh.size(), said.text()));
            moves += fresh.size();
            stage.addAll(fresh);
            again.addAll(fit.stages());
            fit.questions().forEach(asked -> questions.add(question(asked)));
            fit.refusals()
                    .forEach(asked -> refusals.add(new Refusal(
                            asked.word(), true, Optional.empty(), asking.refusal(asked.key(), asked.gaps()))));
            holds.addAll(fit.holds());
            boolean held = fit.manner().pace().isPresent() && manner.pace().isPresent();
            manner = held ? manner : manner.with(fit.manner());
        }
    }

    private Question question(Asked asked) {
        return new Question(
                asked.word(),
                asked.key(),
                asking.question(asked.key(), asked.gaps()),
                asked.answers().stream()
                        .map(answer -> new Question.Choice(
                                asking.label(answer, asked.gaps()), asking.add(answer, asked.gaps())))
                        .toList());
    }

    private static LineReading.Role role(Item item, Fit fit) {
        if (fit != null && !fit.stages().isEmpty()) {
            return LineReading.Role.MOVE;
        }
        boolean only = fit != null && fit.moves().isEmpty() && !fit.holds().isEmpty();
        if (fit != null && fit.stays()) {
            return LineReading.Role.IMAGE;
        }
        if (item.is(Term.Manner.IMAGE) || only && item.is(Term.Manner.GENTLY)) {
            return LineReading.Role.IMAGE;
        }
        return fit == null || fit.moves().isEmpty() ? LineReading.Role.FILLER : LineReading.Role.MOVE;
    }

    /** What says the same as before in other words adds nothing. */
    private List<Move> fresh(List<Move> said, Search.Said clause, List<Move> stage) {
        return said.stream()
                .filter(move -> !stage.contains(move) || texts.contains(clause.text()))
                .toList();
    }

    private Refusal refused(Item item) {
        boolean known = !item.is(Term.Mark.UNKNOWN);
        Optional<String> near = known ? Optional.empty() : Spelling.nearest(item.text(), language);
        return new Refusal(item.text(), known, near, message(item, near));
    }

    private String message(Item item, Optional<String> near) {
        Map<String, String> word = Map.of("word", item.text());
        if (item.term() instanceof Term.Ref || item.term() instanceof Term.CountsAgo) {
            return asking.refusal("no_count_before", word);
        }
        if (item.term() instanceof Term.Named) {
            return asking.refusal("no_such_place", word);
        }
        if (!item.is(Term.Mark.UNKNOWN)) {
            return asking.refusal("no_place", word);
        }
        return near.map(meant -> asking.refusal("unknown_near", Map.of("word", item.text(), "near", meant)))
                .orElseGet(() -> asking.refusal("unknown", word));
    }
}
