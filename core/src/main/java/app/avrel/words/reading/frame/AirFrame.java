package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** What leaves the floor and comes back to it: heels, toes, lifted knees, kicks, feet set down and stamped. */
final class AirFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> WhichFoot.foot(item)
                || item.is(Term.Act.KICK)
                || item.is(Term.Act.STAMP)
                || item.is(Term.Act.LOWER)
                || item.is(Term.Act.LAND)
                || item.is(Term.Act.RAISE)
                || item.is(Term.Act.HOVER)
                || item.is(Term.Act.PULL_BACK)
                || item.is(Term.Manner.FLAT)
                || item.is(Term.Manner.HIGHER)
                || item.is(Term.Way.DOWN) && clause.size() == 1);
    }

    /** The right heel pushes to three: it kicks there. */
    static boolean strikes(Clause clause) {
        return clause.has(Term.Act.PUSH)
                && !clause.has(Term.Part.TOES)
                && clause.has(item -> item.is(Term.Part.HEEL) && item.sidedLimb())
                && clause.has(item -> item.term() instanceof Term.Hall
                        || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
        }

        /** The left toes sweep in: they turn on the heel, and nothing is in the air. */
        private boolean toesOnly() {
            return now.lifted().isEmpty()
                    && !clause.has(Term.Manner.HEIGHT)
                    && (clause.has(Term.Way.IN) || clause.has(Term.Way.OUT));
        }

        Optional<Fit> read() {
            if (clause.has(item -> HandWords.hand(item) && item.rel() == null) || clause.has(Term.Part.WEIGHT)) {
                return Optional.empty();
            }
            if (risesOn() || heelThenKnee() || handToKnee()) {
                return Optional.empty();
            }
            KickReading kicks = new KickReading(clause, now);
            boolean kicking = clause.has(Term.Act.KICK)
                    || clause.has(Term.Act.SWEEP)
                            && clause.has(item -> WhichFoot.foot(item)
                                    && !item.is(Term.Part.KNEE)
                                    && !item.is(Term.Part.THIGH)
                                    && !(item.is(Term.Part.TOES) && toesOnly())
                                    && (item.rel() == null || item.rel() == Term.Rel.WITH))
                            && (clause.has(Term.Manner.INNER)
                                    || clause.has(Term.Manner.OUTER)
                                    || !clause.has(Term.Way.ROUND)
                                            && !clause.has(Term.Way.BACK)
                                            && !KickReading.along(clause))
                    || clause.has(Term.Act.PUSH)
                            && (clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == Term.Rel.WITH)
                                    || clause.has(Term.Part.HEEL)
                                            && (now.lifted().isPresent() || clause.has(Term.Manner.HEIGHT)));
            if (kicking || strikes(clause)) {
                return kicks.kick();
            }
            if (clause.takeAll(Term.Act.STAMP)) {
                return kicks.stamp();
            }
            boolean part = clause.has(WhichFoot::foot);
            boolean back = clause.has(Term.Act.PULL_BACK)
                    || part && clause.has(Term.Way.BACK) && (clause.has(Term.Act.DRAW) || clause.has(Term.Part.KNEE));
            boolean brought = part
                    && now.lifted().isPresent()
                    && clause.has(Term.Way.BACK)
                    && (clause.has(Term.Act.MOVE) || clause.has(Term.Act.RETURN))
                    && !clause.has(Term.Measure.class)
                    && !clause.has(Term.Act.STEP)
                    && !clause.has(Term.Act.LOWER)
                    && !clause.has(Term.Act.LAND);
            if (back || brought) {
                Optional<Fit> drawn = kicks.drawBack();
                if (drawn.isPresent()) {
                    return drawn;
                }
            }
            if (clause.has(Term.Act.HALF_STEP)) {
                return Optional.empty();
            }
            boolean up = clause.has(Term.Act.RAISE)
                    || part && clause.has(Term.Act.TAKE) && !clause.has(Term.Measure.class) && !FootPlaces.said(clause)
                    || clause.has(Term.Act.RISE)
                    || clause.has(Term.Way.UP)
                    || clause.has(Term.Manner.HIGHER) && clause.has(item -> WhichFoot.foot(item) && item.sidedLimb())
                    || clause.has(Term.Act.HOVER)
                    || clause.has(item -> item.is(Term.Part.FLOOR) && item.rel() == Term.Rel.FROM)
                    || clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == null)
                            && clause.has(Term.Measure.class)
                            && clause.has(Term.Manner.HEIGHT);
            boolean kneeAt = clause.has(Term.Part.KNEE)
                    && clause.has(item -> Landmarks.of(item.term()).isPresent()
                                    && !calfOfALeg(item)
                                    && !item.is(Term.Part.FLOOR)
                                    && (item.rel() == Term.Rel.TO
                                            || item.rel() == Term.Rel.AT
                                            || item.rel() == Term.Rel.LEVEL_WITH)
                            || item.is(Term.Manner.HEIGHT));
            boolean thigh = clause.has(item -> item.is(Term.Part.FOOT))
                    && clause.has(item -> item.is(Term.Part.KNEE)
                            && item.rel() != null
                            && item.who() != null
                            && item.rel() != Term.Rel.WITH);
            boolean it = clause.has(item -> item.bareSide() && item.who() == Term.Who.IT && item.rel() == null)
                    && (now.topic() == Situation.Topic.FOOT || now.topic() == Situation.Topic.WEIGHT)
                    && now.foot(Term.Who.IT).isPresent()
                    && (clause.has(Term.Act.RAISE) || clause.has(Term.Act.TAKE) || clause.has(Term.Act.RISE));
            boolean again = clause.size() == 1
                    && clause.has(Term.Act.RAISE)
                    && now.topic() == Situation.Topic.FOOT
                    && now.lastFoot().isPresent()
                    && (now.lifted().isPresent() || now.raised().isPresent());
            boolean level = clause.has(item -> item.is(Term.Part.THIGH)
                            && (item.rel() == null || item.rel() == Term.Rel.WITH)
                            && item.who() != null)
                    && clause.has(Term.Manner.HEIGHT);
            boolean stretched = clause.has(item -> item.is(Term.Part.LEG) && item.rel() == null)
                    && clause.has(Term.Manner.EXTENDED)
                    && clause.has(item -> item.is(Term.Manner.HEIGHT)
                            || item.rel() == Term.Rel.AT
                                    && Landmarks.of(item.term()).isPresent());
            boolean upper = up || stretched || kneeAt || thigh || level;
            if (upper && (part || it || again || now.lifted().isPresent() && clause.has(Term.Act.HOVER))) {
                return new LiftReading(clause, now).up();
            }
            return new LowerReading(clause, now).down(part);
        }

        /** The right hand to the chest, the left to the knee: the hand goes there, and no knee is lifted. */
        private boolean handToKnee() {
            return now.topic() == Situation.Topic.HAND
                    && clause.has(item -> item.bareSide()
                            && item.rel() == null
                            && item.who().side().isPresent())
                    && clause.has(item -> item.is(Term.Part.KNEE) && item.rel() == Term.Rel.TO)
                    && !clause.has(item -> WhichFoot.foot(item) && item.rel() == null);
        }

        /** Stand tall on the left leg: that leg bears, and none is lifted. */
        private boolean risesOn() {
            return clause.has(Term.Act.RISE)
                    && clause.has(item -> WhichFoot.foot(item) && item.rel() == Term.Rel.ON)
                    && !clause.has(item -> WhichFoot.foot(item) && item.rel() != Term.Rel.ON);
        }

        /** The right heel up, knee in: it is the heel that is lifted. */
        private boolean heelThenKnee() {
            int raise = clause.find(item -> item.is(Term.Act.RAISE) || item.is(Term.Way.UP));
            int knee = clause.find(item -> item.is(Term.Part.KNEE) && item.rel() == null);
            int heel = clause.find(item -> item.is(Term.Part.HEEL) && item.rel() == null);
            return heel >= 0 && raise > heel && knee > raise && clause.parted(raise, knee);
        }

        /** A calf with its side is what something touches, no height to lift to. */
        private static boolean calfOfALeg(Item item) {
            return item.is(Term.Part.SHIN) && item.who() != null;
        }
    }
}
