package app.avrel.rules.fix;

import app.avrel.form.Link;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Performance;
import app.avrel.motion.Performer;
import app.avrel.motion.Placement;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.rules.Finding;
import app.avrel.rules.Fix;
import app.avrel.rules.Where;
import java.util.List;
import java.util.stream.Stream;

/**
 * What could be done about a finding in a way in, the gentlest change first: the way in is looked at as if it were a posture.
 *
 * <p>Whether a proposal is sound only the form can tell: the way must still lead to where the posture starts.
 */
public final class WayInFixes {

    private static final PostureId WAY = new PostureId("way-in");

    private WayInFixes() {}

    /**
     * {@return proposals}
     *
     * @param done the way in with its posture, as it was done
     */
    public static Stream<Fix> of(Finding finding, Performance done, Performer posing) {
        Posture way = Posture.blank(
                        WAY,
                        done.link().name().isBlank() ? WAY.key() : done.link().name())
                .withCounts(done.link().counts());
        return new FixCandidates(way, new Occurrence(0, 0, 0, alone(way, done), Placement.HERE), posing)
                .of(finding.moved(new Where.InPosture(WAY, finding.where().count()), ""));
    }

    private static Moment own(Moment moment) {
        Moment.Place at = moment.place();
        return new Moment(
                new Moment.Place(Moment.Section.POSTURE, at.count(), at.stage()),
                moment.count(),
                moment.stage(),
                moment.before(),
                moment.after());
    }

    private static Performance alone(Posture way, Performance done) {
        List<Moment> moments = done.wayIn().stream().map(WayInFixes::own).toList();
        return new Performance(
                way,
                1,
                Link.NONE,
                done.from(),
                List.of(),
                Placement.HERE,
                done.from(),
                done.from(),
                moments,
                moments.isEmpty() ? done.from() : moments.getLast().after(),
                done.join());
    }
}
