package app.avrel.lesson.course;

import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Track;
import app.avrel.lesson.SoFar;
import app.avrel.motion.Pose;
import app.avrel.posture.Posture;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A form as what is to be taught: its entries in order, and what a lesson takes that teaches some of them.
 *
 * <p>A unit takes an explained pass, runs of the feet, of the hands and of the whole with a pause after each, more for
 * turns and for time on one leg; what is known already takes a share of that. A lesson takes its arrival, a list of all
 * so far, a review of the last few, its units, a run through review and units where there is more than one, and its
 * closing: what is repeated grows by two seconds an entry.
 */
public final class Syllabus {

    private static final double QUARTER = 90;

    private final List<Unit> units;
    private final TeachingFactors factors;
    private final int[] effort;
    private final double[] plain;
    private final int[] names;

    private Syllabus(List<Unit> units, TeachingFactors factors) {
        this.units = List.copyOf(units);
        this.factors = factors;
        effort = new int[units.size() + 1];
        plain = new double[units.size() + 1];
        names = new int[units.size() + 1];
        for (int i = 0; i < units.size(); i++) {
            Unit unit = units.get(i);
            effort[i + 1] = effort[i] + unit.effort().seconds();
            plain[i + 1] = plain[i] + unit.effort().plain();
            boolean folded = i > 0
                    && SoFar.together(
                            units.get(i - 1).stretch().getLast(), unit.stretch().getFirst());
            names[i + 1] = names[i] + (folded ? 0 : 1);
        }
    }

    /** {@return the units of a form; entries whose posture is missing are passed over} */
    public static Syllabus of(Form form, Track track, Course course) {
        Map<Integer, List<Occurrence>> byEntry = new HashMap<>();
        track.occurrences()
                .forEach(done -> byEntry.computeIfAbsent(done.entry(), _ -> new ArrayList<>())
                        .add(done));
        List<Unit> units = new ArrayList<>();
        Novelty novelty = new Novelty(course.factors());
        List<Entry> entries = form.entries();
        for (int i = 0; i < entries.size(); i++) {
            List<Occurrence> stretch = byEntry.getOrDefault(i, List.of());
            if (!stretch.isEmpty()) {
                boolean tied = !units.isEmpty() && tied(entries, units.getLast(), i, stretch.getFirst());
                units.add(new Unit(i, entries.get(i).id(), stretch, tied, effort(stretch, novelty, course)));
            }
        }
        return new Syllabus(units, course.factors());
    }

    private static boolean tied(List<Entry> entries, Unit before, int entry, Occurrence first) {
        String group = entries.get(entry).group();
        boolean grouped =
                !group.isBlank() && group.equals(entries.get(before.number()).group());
        return grouped || SoFar.together(before.stretch().getLast(), first);
    }

    private static Effort effort(List<Occurrence> stretch, Novelty novelty, Course course) {
        TeachingFactors factors = course.factors();
        List<Novelty.Share> shares = stretch.stream().map(novelty::next).toList();
        Occurrence first = stretch.getFirst();
        double plain = plain(stretch, course.secondsPerBeat());
        double runs = factors.explained() + factors.feet() + factors.hands() + factors.whole();
        double pauses = (1.0 + factors.feet() + factors.hands() + factors.whole()) * factors.pauseSeconds();
        double passes = plain(List.of(first), course.secondsPerBeat()) * runs + pauses;
        Novelty.Share share = shares.getFirst();
        double again = shares.stream().skip(1).mapToDouble(Novelty.Share::share).sum();
        return new Effort(
                plain,
                passes,
                turned(first) / QUARTER * factors.turnSeconds(),
                onOneLeg(first, course.secondsPerBeat()) * factors.oneLeg(),
                Math.min(1, share.share() + again * factors.least()),
                share.why(),
                share.like());
    }

    /** {@return seconds of one plain run} */
    public static double plain(List<Occurrence> stretch, double secondsPerBeat) {
        return stretch.stream()
                        .flatMap(done -> Moment.byCount(done.moments()).stream())
                        .mapToDouble(count -> Playing.measures(count.getFirst().count()))
                        .sum()
                * secondsPerBeat;
    }

    private static double turned(Occurrence done) {
        return done.moments().stream()
                .mapToDouble(moment -> Math.abs(moment.after().chest().value().degrees()
                        - moment.before().chest().value().degrees()))
                .sum();
    }

    private static double onOneLeg(Occurrence done, double secondsPerBeat) {
        return Moment.byCount(done.moments()).stream()
                        .filter(count -> lifted(count.getLast().after()))
                        .mapToDouble(count -> Playing.measures(count.getFirst().count()))
                        .sum()
                * secondsPerBeat;
    }

    private static boolean lifted(Pose pose) {
        return pose.left().lifted() || pose.right().lifted();
    }

    public List<Unit> units() {
        return units;
    }

    /** {@return seconds of arriving and closing} */
    public int around() {
        return factors.arrivalSeconds() + factors.closingSeconds();
    }

    /** {@return seconds of what is repeated where so many units are known} */
    public int recap(int known) {
        if (known == 0) {
            return 0;
        }
        double list = names[known] * factors.secondsPerName();
        double review = (plain[known] - plain[Math.max(0, known - factors.reviewed())]) * factors.reviewTimes();
        double pauses = (double) factors.reviewTimes() * factors.pauseSeconds();
        return (int) Math.round(list + review + pauses);
    }

    /** {@return seconds of new material} */
    public int teaching(int from, int to) {
        return effort[to] - effort[from];
    }

    /** {@return seconds of running through what is new together with what came right before; of the whole where nothing is new, and at the end} */
    public int joining(int from, int to) {
        boolean whole = from == to || to == units.size();
        double run = whole ? plain[to] : 2 * (plain[to] - plain[Math.max(0, from - 1)]);
        return to == 0 ? 0 : (int) Math.round(run + factors.pauseSeconds());
    }

    /** {@return seconds of a lesson that teaches the units {@code from} to before {@code to}} */
    public int load(int from, int to) {
        return around() + recap(from) + teaching(from, to) + joining(from, to);
    }

    /** {@return the bare names of some units' postures, each once} */
    public String titled(List<Integer> some) {
        List<String> bare = some.stream()
                .map(units::get)
                .map(unit -> unit.stretch().getFirst().posture())
                .map(Posture::name)
                .distinct()
                .toList();
        return String.join(", ", bare);
    }
}
