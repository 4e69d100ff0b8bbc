package app.avrel.rules.join;

import app.avrel.form.Join;
import app.avrel.form.Moment;
import app.avrel.label.Labels;
import app.avrel.motion.FootPose;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.InForce;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Looks for the shortest sound way from the pose in which one arrives to the start of a posture.
 *
 * <p>A search by cost over single moves: shifts, turns of a foot, steps, lifting and lowering, the hips under the chest,
 * the height; the hands go with the last of them. A way is sound where no stage of it is worth a look for anything that
 * is not already so standing still in one of the two poses.
 */
public final class Linking {

    /** Most poses looked at, and most moves in a way; what needs more is not a link. */
    private static final int MOST_POSES = 1500;

    private static final double LONGEST = 8;

    private final Pose arrived;
    private final StartPose start;
    private final Performer posing;
    private final InForce inForce;
    private final Where where;
    private final Set<String> allowed = new HashSet<>();
    private final Set<String> blocked = new LinkedHashSet<>();

    /**
     * A way that was looked for.
     *
     * @param counts of the link; empty where there is none
     * @param why there is none, in a sentence; empty where there is one
     */
    public record Way(List<Count> counts, String why) {
        public Way {
            counts = List.copyOf(counts);
        }

        public boolean found() {
            return why.isEmpty();
        }
    }

    /**
     * @param arrived the pose in which the posture before ends, in the frame of the way in
     * @param start of the next posture, as it is done
     * @param where the way would stand
     */
    Linking(Pose arrived, StartPose start, Performer posing, Where where) {
        this.arrived = arrived;
        this.start = start;
        this.posing = posing;
        this.inForce = new InForce(posing);
        this.where = where;
        still(arrived);
        still(wanted(arrived));
    }

    /** {@return the way} */
    public static Way of(Pose arrived, StartPose start, Performer posing, Where where) {
        return new Linking(arrived, start, posing, where).way();
    }

    /** The start laid where a pose stands, in the frame of that pose. */
    private Pose wanted(Pose from) {
        return Starting.placed(start, from, posing.body()).of(Starting.of(start, posing.body()));
    }

    private void still(Pose pose) {
        Moment moment = new Moment(new Moment.Place(Moment.Section.LINK, 0, 0), Count.blank(), Stage.STILL, pose, pose);
        serious(moment).forEach(finding -> allowed.add(kind(finding)));
    }

    private static String kind(Finding finding) {
        return finding.rule().key() + finding.spot();
    }

    private List<Finding> serious(Moment moment) {
        List<Finding> found = new ArrayList<>();
        Checkup.examine(moment, inForce, where, found::add);
        return found.stream().filter(Finding::serious).toList();
    }

    /** A pose that can be reached, and how. */
    private record Reached(Pose pose, List<Stage> stages, double cost, int open) {

        /** What it costs at least to get from the first pose through this one to the start: one move may close several. */
        double least() {
            return cost + 0.3 * open;
        }
    }

    private Way way() {
        Optional<List<Stage>> sound = search(true);
        if (sound.isPresent()) {
            return new Way(LinkCounts.of(sound.get()), "");
        }
        String why = search(false).isPresent() && !blocked.isEmpty()
                ? Labels.say("rules.every_way_from", blocked.stream().limit(3).collect(Collectors.joining("; ")))
                : Labels.say("rules.no_way_was");
        return new Way(List.of(), why);
    }

    private Optional<List<Stage>> search(boolean soundly) {
        PriorityQueue<Reached> open = new PriorityQueue<>(Comparator.comparingDouble(Reached::least));
        Map<String, Double> best = new HashMap<>();
        open.add(new Reached(arrived, List.of(), 0, open(arrived)));
        for (int looked = 0; looked < MOST_POSES && !open.isEmpty(); looked++) {
            Reached here = open.poll();
            if (here.open() == 0) {
                return Optional.of(here.stages());
            }
            for (LinkMoves.Option option : new LinkMoves(here.pose(), start, posing).all()) {
                Optional<Reached> next =
                        here.cost() + option.cost() > LONGEST ? Optional.empty() : then(here, option, soundly);
                next.filter(to -> to.cost() < best.getOrDefault(key(to.pose()), Double.MAX_VALUE))
                        .ifPresent(to -> {
                            best.put(key(to.pose()), to.cost());
                            open.add(to);
                        });
            }
        }
        return Optional.empty();
    }

    /** How many things still differ. */
    private int open(Pose pose) {
        return Join.between(pose, wanted(pose), posing).mismatches().size();
    }

    private Optional<Reached> then(Reached here, LinkMoves.Option option, boolean soundly) {
        Stage stage = Stage.of(option.moves());
        Pose after = posing.after(here.pose(), stage);
        Moment.Place place = new Moment.Place(Moment.Section.LINK, 0, 0);
        List<Finding> found = serious(new Moment(place, Count.of(stage), stage, here.pose(), after)).stream()
                .filter(finding -> !allowed.contains(kind(finding)))
                .toList();
        if (soundly && !found.isEmpty()) {
            found.forEach(finding -> blocked.add(finding.headline().toLowerCase(Locale.ROOT)));
            return Optional.empty();
        }
        List<Stage> stages = new ArrayList<>(here.stages());
        stages.add(stage);
        return Optional.of(new Reached(after, stages, here.cost() + option.cost(), open(after)));
    }

    /** Poses that a search need not tell apart, in centimetres, degrees and percent. */
    private static String key(Pose pose) {
        return foot(pose.left()) + foot(pose.right()) + pose.weight()
                + Math.round(pose.drop().value() * 100) + "/"
                + Math.round(pose.hips().value().degrees()) + "/"
                + pose.leftHand().hashCode() + "/"
                + pose.rightHand().hashCode() + pose.prop().hashCode();
    }

    private static String foot(FootPose foot) {
        return Math.round(foot.heel().value().right() * 100) + ","
                + Math.round(foot.heel().value().ahead() * 100) + ","
                + Math.round(foot.heading().value().degrees()) + foot.contact();
    }
}
