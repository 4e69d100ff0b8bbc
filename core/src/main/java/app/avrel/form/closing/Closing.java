package app.avrel.form.closing;

import app.avrel.body.Body;
import app.avrel.form.Form;
import app.avrel.form.Performances;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Looks for the changes that close a form: one amount, else two, else three; of as many the smallest. Each that is found
 * was tried on the whole walk, with the amounts as they would be recorded.
 *
 * <p>How far the end moves with an amount is measured by trying, and followed by Newton's way of steps until the end is
 * where it should be: lengths move it evenly, turns do not.
 */
public final class Closing {

    private static final int MOST_CHANGES = 3;
    private static final int STEPS = 12;
    private static final int FOUND = 6;
    private static final double TRIED_METRES = 0.02;
    private static final double TRIED_DEGREES = 2;

    /** Steps end when the rest is under a tenth of what nobody sees. */
    private static final double SETTLED = 1e-4;

    private final Form form;
    private final Shelf shelf;
    private final Performer performer;
    private final BooleanSupplier cancelled;
    private final List<Amount> amounts;
    private Performances known;

    /**
     * A search.
     *
     * @param cancelled is asked between tries; the search then ends with what it has
     */
    public Closing(Form form, Shelf shelf, Performer performer, BooleanSupplier cancelled) {
        this.form = form;
        this.shelf = shelf;
        this.performer = performer;
        this.cancelled = cancelled;
        this.known = new Performances(performer, Optional.empty());
        Amounts all = new Amounts(performer.rules(), body());
        this.amounts = form.entries().stream()
                .map(entry -> entry.posture())
                .distinct()
                .flatMap(id -> shelf.posture(id).stream())
                .flatMap(posture -> all.of(posture).stream())
                .toList();
    }

    private Body body() {
        return performer.body();
    }

    /** {@return how the form ends as it is recorded} */
    public Gap gap() {
        return tried(List.of());
    }

    /** {@return the ways to close it, the smallest first; none where it is closed, or where three amounts do not do it} */
    public List<Closure> search() {
        Gap gap = gap();
        if (gap.closed()) {
            return List.of();
        }
        List<Effect> effects = amounts.stream()
                .map(amount -> effect(amount, gap))
                .filter(Effect::any)
                .toList();
        for (int many = 1; many <= MOST_CHANGES; many++) {
            List<Closure> found = new ArrayList<>();
            choose(effects, many, 0, new ArrayList<>(), gap, found);
            if (!found.isEmpty()) {
                return found.stream()
                        .sorted(Comparator.comparingDouble(Closure::size))
                        .limit(FOUND)
                        .toList();
            }
        }
        return List.of();
    }

    /** How the end moves with an amount: the change of the gap with a metre or a degree. */
    private record Effect(Amount amount, double[] gap) {

        boolean any() {
            return Math.abs(gap[0]) > 1e-6 || Math.abs(gap[1]) > 1e-6 || Math.abs(gap[2]) > 1e-6;
        }

        boolean turns() {
            return amount.kind() == Amount.Kind.TURN;
        }
    }

    private Effect effect(Amount amount, Gap at) {
        double by = amount.kind() == Amount.Kind.TURN ? TRIED_DEGREES : TRIED_METRES;
        double sign = amount.allows(amount.said() + by) ? 1 : -1;
        Gap there = tried(List.of(new Closure.Change(amount, amount.said() + sign * by)));
        return new Effect(amount, rows(there, at, sign * by));
    }

    private static double[] rows(Gap there, Gap here, double by) {
        return new double[] {
            (there.right() - here.right()) / by,
            (there.ahead() - here.ahead()) / by,
            Math.IEEEremainder(there.turned() - here.turned(), 360) / by
        };
    }

    private void choose(List<Effect> all, int many, int from, List<Effect> chosen, Gap gap, List<Closure> found) {
        if (cancelled.getAsBoolean()) {
            return;
        }
        if (chosen.size() == many) {
            if (promising(chosen, gap)) {
                solve(chosen, gap).ifPresent(found::add);
            }
            return;
        }
        for (int i = from; i < all.size(); i++) {
            chosen.add(all.get(i));
            choose(all, many, i + 1, chosen, gap, found);
            chosen.removeLast();
        }
    }

    /** Lengths alone move the end evenly: where they cannot close it by that, they need not be tried. */
    private static boolean promising(List<Effect> chosen, Gap gap) {
        if (chosen.stream().anyMatch(Effect::turns)) {
            return true;
        }
        if (Math.abs(gap.turned()) > 1) {
            return false;
        }
        double[] by = LeastChange.of(matrix(chosen), units(chosen), new double[] {-gap.right(), -gap.ahead(), 0});
        double right = gap.right();
        double ahead = gap.ahead();
        boolean within = true;
        for (int i = 0; i < chosen.size(); i++) {
            right += chosen.get(i).gap()[0] * by[i];
            ahead += chosen.get(i).gap()[1] * by[i];
            within &= chosen.get(i).amount().allows(chosen.get(i).amount().said() + by[i]);
        }
        return within && Math.hypot(right, ahead) < 0.02;
    }

    private static double[][] matrix(List<Effect> chosen) {
        return chosen.stream().map(Effect::gap).toArray(double[][]::new);
    }

    private static double[] units(List<Effect> chosen) {
        return chosen.stream()
                .mapToDouble(effect -> effect.amount().kind().unit())
                .toArray();
    }

    /** Newton's steps from what is recorded, each as small as it can be, measured anew where turns are among them. */
    private Optional<Closure> solve(List<Effect> chosen, Gap start) {
        double[] by = new double[chosen.size()];
        List<Effect> effects = chosen;
        Gap gap = start;
        for (int step = 0; step < STEPS && miss(gap) > SETTLED; step++) {
            double[] next = LeastChange.of(
                    matrix(effects), units(chosen), new double[] {-gap.right(), -gap.ahead(), -gap.turned()});
            for (int i = 0; i < by.length; i++) {
                by[i] += next[i];
                if (!chosen.get(i).amount().allows(chosen.get(i).amount().said() + by[i])) {
                    return Optional.empty();
                }
            }
            gap = tried(changes(chosen, by));
            if (step > 5 && miss(gap) > miss(start) / 2) {
                return Optional.empty();
            }
            effects = chosen.stream().anyMatch(Effect::turns) ? measured(chosen, by, gap) : effects;
        }
        return recorded(chosen, by);
    }

    private static double miss(Gap gap) {
        return gap.distance() + Math.abs(gap.turned()) / 60;
    }

    private List<Effect> measured(List<Effect> chosen, double[] by, Gap gap) {
        List<Effect> effects = new ArrayList<>();
        for (int i = 0; i < by.length; i++) {
            double[] more = by.clone();
            double tried = chosen.get(i).turns() ? TRIED_DEGREES : TRIED_METRES;
            more[i] += tried;
            effects.add(new Effect(chosen.get(i).amount(), rows(tried(changes(chosen, more)), gap, tried)));
        }
        return effects;
    }

    private static List<Closure.Change> changes(List<Effect> chosen, double[] by) {
        List<Closure.Change> changes = new ArrayList<>();
        for (int i = 0; i < by.length; i++) {
            Amount amount = chosen.get(i).amount();
            changes.add(new Closure.Change(amount, amount.said() + by[i]));
        }
        return changes;
    }

    /** The changes as they would be recorded, if the form is closed by them. */
    private Optional<Closure> recorded(List<Effect> chosen, double[] by) {
        List<Closure.Change> changes = changes(chosen, by).stream()
                .map(change -> new Closure.Change(
                        change.amount(),
                        change.amount()
                                .recorded(
                                        change.to(),
                                        shelf.posture(change.amount().posture()).orElseThrow(),
                                        body())))
                .toList();
        Gap gap = tried(changes);
        boolean all = changes.stream().allMatch(change -> change.size() > 0);
        return gap.closed() && all ? Optional.of(new Closure(changes, gap)) : Optional.empty();
    }

    private Gap tried(List<Closure.Change> changes) {
        Map<PostureId, Posture> postures = new HashMap<>(shelf.postures());
        for (Closure.Change change : changes) {
            postures.computeIfPresent(
                    change.amount().posture(), (_, posture) -> change.amount().in(posture, change.to(), body()));
        }
        known = new Performances(performer, Optional.of(known));
        return Gap.of(Unroll.form(form, new Shelf(postures, shelf.links()), known));
    }
}
