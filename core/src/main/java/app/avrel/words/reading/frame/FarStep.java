package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.FootWay;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.words.lexicon.Term;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A step or slide to a place: where, by which way, and how the foot lands. */
final class FarStep {

    private final Clause clause;
    private final Situation now;

    FarStep(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    @Nullable
    Fit step(Side foot, boolean slides, @Nullable Term subjectPart, boolean toesLand, boolean beside) {
        ToesReading reading = new ToesReading(now, foot);
        Optional<Toes> toes =
                reading.parallel(clause).or(() -> toesLand ? Optional.empty() : reading.afterWord(clause));
        Optional<FootWay> way = way();
        FootPlaces places = new FootPlaces(clause, now);
        Optional<StepPlace> place = places.find(foot)
                .or(this::opened)
                .or(this::heardBack)
                .or(() -> beside
                        ? Optional.of(new StepPlace.Beside(Optional.empty(), Optional.empty()))
                        : Optional.empty());
        boolean aligned = place.filter(
                        found -> found instanceof StepPlace.LevelWithHeel || found instanceof StepPlace.OnHeelLine)
                .isPresent();
        Optional<Contact> landing = landing(subjectPart, aligned, toesLand);
        if (aligned) {
            keepToes();
        }
        clause.takeAll(
                Term.Part.FOOT,
                Term.Part.LEG,
                Term.Manner.FIRST,
                Term.Manner.NONE,
                Term.Way.DOWN,
                Term.Part.FLOOR,
                Term.Part.SOLE,
                Term.Way.UP);
        reaches();
        clause.takeItem(item -> item.is(Term.Rel.THROUGH));
        boolean bareLength =
                place.filter(StepPlace.LevelWithHeel.class::isInstance).isPresent()
                        && clause.items().stream()
                                .anyMatch(item -> item.term() instanceof Term.Measure(var _, boolean wide) && !wide)
                        && clause.indexOf(Term.Act.STEP) < 0
                        && clause.indexOf(Term.Act.OPEN) < 0
                        && clause.indexOf(Term.Act.SPREAD) < 0
                        && !aligns();
        if (bareLength) {
            return null;
        }
        if (place.isEmpty()) {
            if (clause.has(Term.Mark.UNKNOWN)
                    || clause.has(Term.Named.class)
                    || !(subjectPart == null || subjectPart == Term.Part.FOOT || subjectPart == Term.Part.LEG)) {
                return null;
            }
            return new Fit()
                    .refuse(clause.text(), foot == Side.LEFT ? "foot_where_left" : "foot_where_right", Map.of());
        }
        Move move = slides
                ? new Move.Slide(foot, place.get(), landing, toes)
                : new Move.Step(foot, place.get(), landing, toes, way);
        return Fit.of(move).heading(places.hall());
    }

    /** Reach with the foot, stretch the leg back: that is how it goes; a foot that steps long is kept as it was said. */
    private void reaches() {
        clause.takeItem(far -> far.is(Term.Manner.EXTENDED)
                && (clause.said(Term.Part.LEG)
                        || clause.items().stream()
                                .anyMatch(verb -> verb.term() instanceof Term.Act && verb.from() == far.from())));
    }

    /** The left foot goes back: one who only listens need not ask whether that is where it was. */
    private Optional<StepPlace> heardBack() {
        return now.hears() && clause.said(Term.Act.RETURN)
                ? Optional.of(new StepPlace.Along(Direction.BACK, Optional.empty(), Optional.empty()))
                : Optional.empty();
    }

    /** Open the left foot a shoulder width: level with the other, so far from it. */
    private Optional<StepPlace> opened() {
        return clause.said(Term.Act.OPEN) || clause.said(Term.Act.SPREAD)
                ? clause.take(Term.Measure.class).map(width -> new StepPlace.LevelWithHeel(Optional.of(width.length())))
                : Optional.empty();
    }

    /** Until its toes are level with the heel: a foot is measured at its heel, and no place holds where the toes end. */
    private void keepToes() {
        int toes = clause.indexOf(Term.Part.TOES);
        boolean level = toes >= 0
                && clause.near(toes, 1)
                        .filter(heel -> heel.is(Term.Part.HEEL) && heel.rel() == Term.Rel.LEVEL_WITH)
                        .isPresent();
        if (level && clause.item(toes).rel() == null) {
            clause.keep(toes);
        }
    }

    private boolean aligns() {
        return clause.items().stream()
                .anyMatch(item -> item.rel() == Term.Rel.LEVEL_WITH || item.is(Term.Way.OUT) || item.is(Term.Way.SIDE));
    }

    private Optional<FootWay> way() {
        if (clause.take(Term.Manner.BY_THE_ANKLE)) {
            return Optional.of(FootWay.BY_THE_ANKLE);
        }
        boolean leads = clause.has(item -> item.is(Term.Way.FORWARD)
                || item.is(Term.Way.BACK)
                || item.is(Term.Way.OUT)
                || item.is(Term.Way.SIDE)
                || item.term() instanceof Term.Hall
                || item.rel() == Term.Rel.TO && item.term() instanceof Term.Num
                || item.is(Term.Way.ACROSS));
        if (leads
                && clause.takeItem(item -> item.is(Term.Part.ANKLE) && item.rel() != null)
                        .isPresent()) {
            clause.takeAll(Term.Manner.INWARD_ARC);
            return Optional.of(FootWay.BY_THE_ANKLE);
        }
        boolean arcsIn = clause.has(Term.Manner.ARC) && clause.take(Term.Way.IN) && clause.takeAll(Term.Manner.ARC);
        if (arcsIn || clause.takeAll(Term.Manner.INWARD_ARC)) {
            return Optional.of(FootWay.INWARD_ARC);
        }
        if (clause.takeAll(Term.Manner.OUTWARD_ARC, Term.Manner.ARC)) {
            return Optional.of(FootWay.OUTWARD_ARC);
        }
        return clause.takeAll(Term.Manner.STRAIGHT) ? Optional.of(FootWay.STRAIGHT) : Optional.empty();
    }

    private int subjectHeel() {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean own = item.rel() == null
                    || item.rel() == Term.Rel.WITH
                    || item.rel() == Term.Rel.ON
                    || item.rel() == Term.Rel.OF;
            if (item.is(Term.Part.HEEL) && own) {
                return i;
            }
        }
        return -1;
    }

    /** Heel, and then, after a comma, the whole sole: it comes down on the heel, and only then flat. */
    private boolean rolls() {
        int heel = subjectHeel();
        int flat = clause.indexOf(Term.Manner.FLAT);
        return heel >= 0
                && heel < flat
                && clause.items().subList(heel, flat).stream().anyMatch(item -> item.is(Term.Mark.COMMA));
    }

    private Optional<Contact> landing(Term subject, boolean aligned, boolean toesLand) {
        if (!rolls() && clause.takeAll(Term.Manner.FLAT)) {
            return Optional.of(Contact.FLAT);
        }
        if (clause.takeAll(Term.Manner.HEEL_FIRST)) {
            return Optional.of(Contact.HEEL);
        }
        if (clause.takeAll(Term.Manner.TOES_FIRST)) {
            return Optional.of(Contact.BALL);
        }
        if (clause.takeAll(Term.Manner.NOT_DOWN)) {
            return Optional.of(Contact.LIFTED);
        }
        int heel = subject == Term.Part.HEEL
                ? subjectHeel()
                : clause.find(item ->
                        item.is(Term.Part.HEEL) && item.rel() != Term.Rel.LEVEL_WITH && item.rel() != Term.Rel.LINE_OF);
        boolean touches = heel >= 0
                && clause.near(heel, 1)
                        .filter(next -> next.is(Term.Manner.FIRST) || next.is(Term.Act.LAND))
                        .isPresent();
        if (aligned && heel >= 0 && !touches) {
            clause.takeAll(Term.Part.HEEL);
            heel = -1;
        }
        if (heel >= 0) {
            boolean raised = !(subject == Term.Part.HEEL && clause.has(Term.Act.RAISE))
                    && clause.near(heel, 1)
                            .filter(next -> next.is(Term.Way.UP) || next.is(Term.Act.RAISE) || next.is(Term.Act.STAY))
                            .isPresent();
            boolean lowered =
                    clause.near(heel, 1).filter(next -> next.is(Term.Act.LOWER)).isPresent();
            clause.takeAll(Term.Part.HEEL);
            if (lowered) {
                clause.takeAll(Term.Act.LOWER);
            }
            if (raised) {
                clause.takeAll(Term.Way.UP, Term.Act.RAISE, Term.Act.STAY);
            }
            return Optional.of(raised ? Contact.BALL : Contact.HEEL);
        }
        if (subject == Term.Part.BALL || clause.takeAll(Term.Part.BALL)) {
            return Optional.of(Contact.BALL);
        }
        if (toesLand) {
            clause.takeAll(Term.Part.TOES);
            return Optional.of(Contact.BALL);
        }
        return Optional.empty();
    }

    /** Between commas, or after one: cross behind, toes only. */
    private boolean alone(int at) {
        boolean begins = at > 0 && clause.item(at - 1).soft();
        boolean ends = at + 1 == clause.size() || clause.item(at + 1).soft();
        return begins && ends && clause.item(at).rel() == null;
    }

    /** Toes first; toes touch; on the toes; toes alone. */
    boolean toesLand(boolean lands) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            if (!item.is(Term.Part.TOES)) {
                continue;
            }
            boolean touches = clause.near(i, 1)
                    .filter(next -> next.is(Term.Manner.FIRST) || next.is(Term.Act.LAND))
                    .isPresent();
            boolean before = lands
                    && clause.near(i, -1)
                            .filter(last -> last.is(Term.Manner.FIRST) || last.is(Term.Act.LAND))
                            .isPresent();
            boolean down = i > 0
                    && clause.item(i - 1).soft()
                    && clause.near(i, 1).filter(next -> next.is(Term.Way.DOWN)).isPresent();
            boolean beside =
                    clause.near(i, 1).filter(next -> next.is(Term.Way.DOWN)).isPresent()
                            && clause.has(place -> WhichFoot.foot(place) && place.rel() == Term.Rel.BESIDE
                                    || place.bareSide() && place.rel() == Term.Rel.BESIDE);
            boolean themselves = lands
                    && item.sidedLimb()
                    && clause.items().getLast().is(Term.Act.LAND)
                    && !clause.has(Term.Part.HEEL);
            boolean onThem = item.rel() == Term.Rel.ON || item.rel() == Term.Rel.OF && item.who() == null;
            if (themselves || beside || touches || before || down || onThem || alone(i)) {
                return true;
            }
        }
        return false;
    }
}
