package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Turning;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** The body that has just turned turns back: as far as it went, by less, to the front; or as far to the other side. */
final class TurnBackFrame implements Frame {

    /** What only says that one comes back, and how far. */
    private static final List<Term> WORDS = List.of(
            Term.Act.TURN,
            Term.Act.RETURN,
            Term.Act.MOVE,
            Term.Act.FACE,
            Term.Way.BACK,
            Term.Way.FORWARD,
            Term.Manner.MIDDLE,
            Term.Manner.CENTRE_LINE,
            Term.Rel.OWN_PLACE,
            Term.Ref.SAME,
            Term.Ref.TOO,
            Term.Part.BODY,
            Term.Part.WAIST,
            Term.Part.CHEST,
            Term.Part.HIPS);

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Way.BACK)
                || clause.has(Term.Act.RETURN)
                || clause.has(Term.Ref.SAME)
                || clause.has(Term.Rel.OWN_PLACE)
                || clause.has(Term.Manner.MIDDLE);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        if (!now.turned() || now.turn().isEmpty() || !clause.items().stream().allMatch(TurnBackFrame::fits)) {
            return Optional.empty();
        }
        Move.TurnBody before = now.turn().get();
        Turning turned = before.turning().orElseThrow();
        boolean same = clause.has(Term.Ref.SAME);
        boolean front = clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT)
                        .isPresent()
                || clause.has(Term.Way.FORWARD);
        Optional<Side> to = new Ways(clause, now).leftOrRight();
        Optional<Double> said = new Ways(clause, now).degrees();
        WORDS.forEach(clause::takeAll);
        double gone = sideOf(turned);
        double sign = to.map(side -> (double) side.sign()).orElse(-gone);
        if (sign == gone && !same) {
            return Optional.empty();
        }
        Turning back =
                front ? new Turning.To(now.ofPosture(Heading.FRONT), Way.SHORTER) : back(turned, sign, said, now);
        return Optional.of(Fit.of(new Move.TurnBody(before.part(), Optional.of(back))));
    }

    /** As far as it went; where that was not said, to where one faced before. */
    private static Turning back(Turning turned, double sign, Optional<Double> said, Situation now) {
        Optional<Double> far = said.or(
                () -> turned instanceof Turning.By by ? Optional.of(by.turn().degrees()) : Optional.empty());
        return far.<Turning>map(degrees -> new Turning.By(new Turn(sign * Math.abs(degrees))))
                .orElseGet(() -> new Turning.To(now.pose().facing(), Way.SHORTER));
    }

    private static double sideOf(Turning turned) {
        return switch (turned) {
            case Turning.By by -> Math.signum(by.turn().degrees());
            case Turning.Between between ->
                Math.signum(between.least().degrees() + between.most().degrees());
            case Turning.Some some -> some.to().sign();
            case Turning.To _ -> 0;
        };
    }

    private static boolean fits(Item item) {
        boolean trunk = item.rel() == null || item.rel() == Term.Rel.WITH;
        boolean word = WORDS.stream().anyMatch(item::is) && (!item.part() || trunk);
        boolean side = item.bareSide()
                && (item.who() == Term.Who.FRONT || item.who().side().isPresent());
        return word
                || side
                || item.soft()
                || Leftover.small(item)
                || Ways.amount(item.term()).isPresent();
    }
}
