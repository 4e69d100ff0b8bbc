package app.avrel.posture;

import app.avrel.body.Side;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.posture.count.Count;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.Mistake;
import app.avrel.posture.teaching.PostureSheet;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A posture as recorded.
 *
 * @param names at least one; the first is the one shown
 * @param side the foot in front or the standing leg; empty where it is neither
 * @param mirroring whether its other side may be derived
 * @param counts its own, in order; those of the way in belong to a link
 * @param end what is claimed of its end
 * @param note for the instructor
 * @param teaching what a teacher knows of it; empty where nothing is said yet
 * @param otherSide what is not the mirror on the other side
 * @param ownRules house rules that are otherwise for this posture alone, each within its rule's range
 */
@RecordBuilder
public record Posture(
        PostureId id,
        List<PostureName> names,
        Optional<Side> side,
        Mirroring mirroring,
        Start start,
        List<Count> counts,
        EndClaim end,
        String note,
        Optional<PostureSheet> teaching,
        List<SideDifference> otherSide,
        Map<HouseRule, Integer> ownRules)
        implements PostureBuilder.With {

    /** Whether the other side of a posture is taught. */
    public enum Mirroring {
        BOTH_SIDES,
        THIS_SIDE_ONLY
    }

    public Posture {
        if (names.isEmpty()) {
            throw new IllegalArgumentException("a posture must have a name (posture " + id + ")");
        }
        names = List.copyOf(names);
        counts = List.copyOf(counts);
        otherSide = List.copyOf(otherSide);
        ownRules = HouseRules.checked(ownRules);
    }

    /** {@return an empty posture, shoulder-wide at the start} */
    public static Posture blank(PostureId id, String name) {
        return new Posture(
                id,
                List.of(PostureName.of(Language.ENGLISH, name)),
                Optional.empty(),
                Mirroring.BOTH_SIDES,
                new Start.Recorded(StartPose.SHOULDER_WIDE),
                List.of(),
                EndClaim.NONE,
                "",
                Optional.empty(),
                List.of(),
                Map.of());
    }

    /** {@return the name shown first} */
    public String name() {
        return names.getFirst().written();
    }

    /** {@return the name in a language, where it has one} */
    public Optional<PostureName> name(Language language) {
        return names.stream().filter(name -> name.language() == language).findFirst();
    }

    /** {@return what it is called in a language; its first name where it has none there} */
    public String called(Language language) {
        return name(language).map(PostureName::written).orElse(name());
    }

    /** {@return what a teacher knows of it} */
    public PostureSheet sheet() {
        return teaching.orElse(PostureSheet.EMPTY);
    }

    public Posture withSheet(PostureSheet changed) {
        Optional<PostureSheet> said = changed.equals(PostureSheet.EMPTY) ? Optional.empty() : Optional.of(changed);
        return new Posture(id, names, side, mirroring, start, counts, end, note, said, otherSide, ownRules);
    }

    /** {@return this posture as a mistake makes it, up to the count where it is made; empty where no moves show it} */
    public Optional<Posture> wrongly(Mistake mistake) {
        int at = mistake.count().orElse(-1);
        return mistake.shown().filter(_ -> at >= 0 && at < counts.size()).map(wrong -> {
            List<Count> done = new ArrayList<>(counts.subList(0, at));
            done.add(wrong);
            return withCounts(done).withEnd(EndClaim.NONE);
        });
    }

    /** {@return this posture in a gentler version; counts it no longer has are left out} */
    public Posture in(GentlerVersion version) {
        int start = Math.min(version.from(), counts.size());
        int end = Math.min(version.to(), counts.size());
        List<Count> done = new ArrayList<>(counts.subList(0, start));
        done.addAll(version.counts());
        done.addAll(counts.subList(end, counts.size()));
        return withCounts(done).withEnd(EndClaim.NONE);
    }
}
