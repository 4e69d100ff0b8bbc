package app.avrel.lesson.course;

import app.avrel.body.Side;
import app.avrel.form.Comparison;
import app.avrel.form.Difference;
import app.avrel.form.Link;
import app.avrel.form.Occurrence;
import app.avrel.label.Labels;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How new a posture is to those who know all that came before: a repeat costs its differences only. */
final class Novelty {

    /** From this share of unlike moves on, two postures are held to be nothing like each other. */
    private static final double UNLIKE = 0.7;

    record Share(double share, Effort.Why why, String like) {}

    private record Done(PostureId posture, Optional<Side> side) {}

    private record Way(Done done, Link link) {}

    private final TeachingFactors factors;
    private final Set<Done> known = new HashSet<>();
    private final Set<Way> ways = new HashSet<>();
    private final Map<PostureId, Posture> postures = new LinkedHashMap<>();

    Novelty(TeachingFactors factors) {
        this.factors = factors;
    }

    /** {@return how new it is; it is known from now on} */
    Share next(Occurrence occurrence) {
        Posture posture = occurrence.posture();
        Done done = new Done(posture.id(), posture.side());
        Share share = share(occurrence, posture, done);
        known.add(done);
        ways.add(new Way(done, occurrence.link()));
        postures.putIfAbsent(posture.id(), posture);
        return share;
    }

    private Share share(Occurrence occurrence, Posture posture, Done done) {
        if (known.contains(done)) {
            if (ways.contains(new Way(done, occurrence.link()))) {
                return new Share(factors.least(), Effort.Why.KNOWN, posture.called(Labels.language()));
            }
            double way = (double) occurrence.link().counts().size() / Math.max(1, occurrence.counts());
            return new Share(Math.max(factors.least(), way), Effort.Why.NEW_WAY, posture.called(Labels.language()));
        }
        if (postures.containsKey(posture.id())) {
            return new Share(
                    Math.max(factors.least(), factors.otherSide()),
                    Effort.Why.OTHER_SIDE,
                    posture.called(Labels.language()));
        }
        return nearest(posture);
    }

    private Share nearest(Posture posture) {
        double least = UNLIKE;
        String like = "";
        for (Posture other : postures.values()) {
            double unlike = unlike(posture, other);
            if (unlike < least) {
                least = unlike;
                like = other.name();
            }
        }
        return like.isEmpty()
                ? new Share(1, Effort.Why.NEW, "")
                : new Share(Math.max(factors.least(), least), Effort.Why.LIKE, like);
    }

    /** {@return the share of a posture's moves that the known one does not have, 0 to 1; what drops out need not be learnt} */
    private static double unlike(Posture posture, Posture known) {
        long all = posture.counts().stream()
                .mapToLong(count -> count.moves().count())
                .sum();
        long other = Comparison.of(known.counts(), posture.counts()).differences().stream()
                .filter(difference -> !(difference instanceof Difference.Dropped))
                .count();
        return all == 0 ? 1 : (double) other / all;
    }
}
