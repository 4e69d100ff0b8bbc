package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.FootPose;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Gaze;
import app.avrel.rules.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.TextAlignment;

/** The floor for one count. */
public final class FloorView extends Drawing {

    private static final double GRID = 0.25;

    private Optional<FloorPicture> picture = Optional.empty();
    private FloorEdits edits = FloorEdits.NONE;
    private Optional<Grip> grip = Optional.empty();
    private boolean balance;
    private Optional<Finding> finding = Optional.empty();
    private HouseRules rules = HouseRules.LARGE_FRAME;
    private Optional<Pose> dragged = Optional.empty();

    public FloorView() {
        super("floor");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> release());
        addEventHandler(MouseEvent.MOUSE_MOVED, this::hover);
    }

    /** Lets hands change what is shown; {@link FloorEdits#NONE} for looking only. */
    public void edits(FloorEdits newEdits) {
        edits = newEdits;
    }

    private Optional<Grip> under(MouseEvent event) {
        return edits == FloorEdits.NONE
                ? Optional.empty()
                : picture.flatMap(shown -> Grip.at(place(event, shown), shown.after(), shown.body()));
    }

    private FloorPoint place(MouseEvent event, FloorPicture shown) {
        return scale(shown).place(event.getX(), event.getY());
    }

    private void hover(MouseEvent event) {
        setCursor(under(event).isPresent() ? Cursor.HAND : Cursor.DEFAULT);
    }

    private void press(MouseEvent event) {
        grip = under(event);
        dragged = Optional.empty();
    }

    private void drag(MouseEvent event) {
        if (grip.isPresent() && picture.isPresent()) {
            FloorPicture shown = picture.get();
            dragged = Optional.of(Grip.dragged(grip.get(), place(event, shown), shown.after(), shown.body()));
            refresh();
            event.consume();
        }
    }

    private void release() {
        Optional<Pose> done = dragged;
        Optional<Grip> held = grip;
        grip = Optional.empty();
        dragged = Optional.empty();
        if (done.isPresent()) {
            Pose pose = done.get();
            switch (held.orElseThrow()) {
                case Grip.OfFoot foot ->
                    edits.step(foot.side(), pose.foot(foot.side()).heel().value());
                case Grip.OfEnd end ->
                    edits.turn(
                            end.side(),
                            end.on(),
                            Heading.wrapping(
                                    pose.foot(end.side()).heading().value().degrees()));
                case Grip.OfWeight _ -> edits.weight(pose.weight().leastLeft());
            }
            refresh();
        }
    }

    /** Shows the support and the balance in eight directions, or no longer. */
    public void toggleBalance() {
        balance = !balance;
        refresh();
    }

    /** Draws what a finding is about under the house rules in force, or nothing. */
    public void mark(Optional<Finding> looked, HouseRules inForce) {
        if (!finding.equals(looked) || !rules.equals(inForce)) {
            finding = looked;
            rules = inForce;
            refresh();
        }
    }

    public boolean showsBalance() {
        return balance;
    }

    public void show(FloorPicture shown, String inWords) {
        if (picture.equals(Optional.of(shown))) {
            return;
        }
        picture = Optional.of(shown);
        setAccessibleText(Words.of("stagefloor.floor", inWords));
        refresh();
    }

    public Optional<FloorPicture> shown() {
        return picture;
    }

    @Override
    protected void draw(GraphicsContext g) {
        picture.ifPresent(shown -> {
            Optional<FloorPicture> moving = dragged.map(shown::withAfter);
            draw(g, moving.orElse(shown));
            if (!shown.recorded()) {
                waiting(g);
            }
            dragged.ifPresent(pose -> told(
                    g,
                    Grip.words(grip.orElseThrow(), shown.after(), pose, shown.body(), shown.directions()),
                    accent(),
                    paper()));
        });
    }

    /** A frame in dashes, and what would record it. */
    private void waiting(GraphicsContext g) {
        g.setStroke(accent());
        g.setLineWidth(1.5);
        g.setLineDashes(6, 5);
        g.strokeRoundRect(1, 1, getWidth() - 2, getHeight() - 2, 8, 8);
        g.setLineDashes();
        told(g, Words.of("common.not_recorded_yet"), panel(), accent());
    }

    /** What is being dragged to, or how the balance is, over the picture. */
    private void told(GraphicsContext g, String words, Color under, Color letters) {
        double room = getWidth() - textSize() * 1.6;
        double times = 1.05 * Math.min(1, room / width(words, bold(1.05, words)));
        g.setFont(bold(times, words));
        double wide = width(words, g.getFont()) + textSize() * 1.2;
        double left = (getWidth() - wide) / 2;
        double top = textSize() * 1.9;
        g.setFill(under);
        g.fillRoundRect(left, top, wide, textSize() * 1.9, 10, 10);
        g.setFill(letters);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(words, getWidth() / 2, top + textSize() * 0.95);
    }

    private FloorScale scale(FloorPicture shown) {
        double rim = textSize() * 2.2;
        FloorScale scale = FloorScale.fitting(
                points(shown), 0.22, 1.0, Math.max(50, getWidth() - 3.6 * rim), Math.max(50, getHeight() - 2 * rim));
        return new FloorScale(scale.centre(), scale.pixels(), getWidth(), getHeight());
    }

    private void draw(GraphicsContext g, FloorPicture shown) {
        FloorScale scale = scale(shown);
        grid(g, scale);
        rim(g, shown);
        Sole sole = new Sole(g, scale, shown.body());
        for (Side side : Side.values()) {
            moved(g, scale, sole, shown, side);
        }
        weightLine(g, scale, shown);
        boolean rose = balance && BalancePainter.known(shown.after());
        for (Side side : Side.values()) {
            double load = shown.after().weight().middle(side) / 100;
            sole.draw(side, shown.after().foot(side), load, side(side));
        }
        if (rose) {
            new BalancePainter(g, scale, ink(), caution()).paint(shown.after(), shown.body());
        }
        finding.ifPresent(looked -> new FindingPainter(g, scale, rules, caution(), ink())
                .paint(looked, shown.before(), shown.after(), shown.body()));
        centre(g, scale, shown);
        for (Side side : Side.values()) {
            load(g, scale, shown, side);
        }
        if (balance && dragged.isEmpty()) {
            told(g, BalancePainter.words(shown.after(), shown.body(), shown.directions()), panel(), ink());
        }
    }

    private static List<FloorPoint> points(FloorPicture shown) {
        List<FloorPoint> points = new ArrayList<>();
        for (Pose pose : shown.all()) {
            for (Side side : Side.values()) {
                points.add(pose.foot(side).heel().value());
                points.add(pose.foot(side).point(shown.body(), 1));
            }
        }
        return points;
    }

    private void grid(GraphicsContext g, FloorScale scale) {
        g.setFill(line());
        double across = getWidth() / scale.pixels() / 2;
        double along = getHeight() / scale.pixels() / 2;
        for (double at = floor(scale.centre().right() - across);
                at < scale.centre().right() + across;
                at += GRID) {
            double x = Math.rint(scale.x(new FloorPoint(at, 0))) + 0.5;
            g.fillRect(x - 0.5, 0, 1, getHeight());
        }
        for (double at = floor(scale.centre().ahead() - along);
                at < scale.centre().ahead() + along;
                at += GRID) {
            double y = Math.rint(scale.y(new FloorPoint(0, at))) + 0.5;
            g.fillRect(0, y - 0.5, getWidth(), 1);
        }
    }

    private static double floor(double metres) {
        return Math.floor(metres / GRID) * GRID;
    }

    /** The names of eight directions around the rim, in the chosen vocabulary. */
    private void rim(GraphicsContext g, FloorPicture shown) {
        double inset = textSize() * 1.1;
        for (int i = 0; i < 8; i++) {
            Heading heading = new Heading(i * 45);
            double sin = Math.sin(Math.toRadians(heading.degrees()));
            double cos = Math.cos(Math.toRadians(heading.degrees()));
            double x = getWidth() / 2 + Math.signum(Math.rint(sin * 2)) * (getWidth() / 2 - inset);
            double y = getHeight() / 2 - Math.signum(Math.rint(cos * 2)) * (getHeight() / 2 - inset);
            String words = shown.directions().say(heading);
            boolean main = i % 2 == 0;
            g.setFont(main ? bold(1.1, words) : font(0.9, words));
            g.setTextAlign(sin > 0.1 ? TextAlignment.RIGHT : sin < -0.1 ? TextAlignment.LEFT : TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            double shift = sin > 0.1 ? inset * 0.5 : sin < -0.1 ? -inset * 0.5 : 0;
            double wide = width(words, g.getFont()) + inset * 0.6;
            g.setFill(paper());
            double left = sin > 0.1 ? x + shift - wide : sin < -0.1 ? x + shift : x - wide / 2;
            left = left + (sin > 0.1 ? 0 : sin < -0.1 ? -inset * 0.3 : 0);
            g.fillRect(left, y - textSize() * 0.7, wide, textSize() * 1.4);
            g.setFill(main ? ink() : soft());
            g.fillText(words, x + shift, y);
        }
    }

    private void moved(GraphicsContext g, FloorScale scale, Sole sole, FloorPicture shown, Side side) {
        FootPose from = shown.before().foot(side);
        FootPose to = shown.after().foot(side);
        boolean stayed = from.heel().equals(to.heel()) && from.heading().equals(to.heading());
        if (stayed) {
            return;
        }
        sole.drawGhost(side, from, side(side));
        FloorPoint start = from.point(shown.body(), 0.5);
        FloorPoint end = to.point(shown.body(), 0.5);
        g.setStroke(side(side));
        g.setLineWidth(1.8);
        g.setLineDashes(2, 4);
        g.strokeLine(scale.x(start), scale.y(start), scale.x(end), scale.y(end));
        g.setLineDashes();
    }

    /** The line between the pressure points, along which the centre of mass goes. */
    private void weightLine(GraphicsContext g, FloorScale scale, FloorPicture shown) {
        FloorPoint left = CentreOfMass.pressurePoint(shown.after().left(), shown.body());
        FloorPoint right = CentreOfMass.pressurePoint(shown.after().right(), shown.body());
        g.setStroke(soft());
        g.setLineWidth(1);
        g.setLineDashes(3, 4);
        g.strokeLine(scale.x(left), scale.y(left), scale.x(right), scale.y(right));
        g.setLineDashes();
    }

    /** The centre of mass, a fan for where the body faces, a tick for the eyes. */
    private void centre(GraphicsContext g, FloorScale scale, FloorPicture shown) {
        FloorPoint centre = CentreOfMass.of(shown.after(), shown.body());
        double x = scale.x(centre);
        double y = scale.y(centre);
        double reach = scale.pixels() * 0.26;
        fan(g, x, y, reach, shown.after().facing(), 30);
        eyes(g, x, y, reach, gaze(shown.after()));
        double radius = textSize() * (balance ? 0.28 : 0.5);
        g.setFill(paper());
        g.fillOval(x - radius - 2, y - radius - 2, 2 * radius + 4, 2 * radius + 4);
        g.setFill(accent());
        g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    private void fan(GraphicsContext g, double x, double y, double reach, Bearing facing, double spread) {
        g.setFill(ink().deriveColor(0, 1, 1, 0.08));
        g.fillArc(
                x - reach, y - reach, 2 * reach, 2 * reach, 90 - facing.degrees() - spread, 2 * spread, ArcType.ROUND);
        g.setStroke(ink());
        g.setLineWidth(3);
        g.strokeArc(
                x - reach, y - reach, 2 * reach, 2 * reach, 90 - facing.degrees() - spread, 2 * spread, ArcType.OPEN);
    }

    private void eyes(GraphicsContext g, double x, double y, double reach, Bearing eyes) {
        double sin = Math.sin(Math.toRadians(eyes.degrees()));
        double cos = Math.cos(Math.toRadians(eyes.degrees()));
        g.setStroke(ink());
        g.setLineWidth(2);
        g.strokeLine(x + sin * reach * 0.92, y - cos * reach * 0.92, x + sin * reach * 1.22, y - cos * reach * 1.22);
    }

    private static Bearing gaze(Pose pose) {
        return switch (pose.gaze()) {
            case Gaze.Ahead _ -> pose.facing();
            case Gaze.AtHand(Side hand, var _) -> pose.facing().plus(new Turn(hand.sign() * 20));
            case Gaze.Toward(Direction.OfPosture(Bearing bearing)) -> bearing;
            case Gaze.Toward(Direction.OfBody(Turn turn)) -> pose.facing().plus(turn);
        };
    }

    /** What each foot bears, beside it, away from the other foot. */
    private void load(GraphicsContext g, FloorScale scale, FloorPicture shown, Side side) {
        FootPose foot = shown.after().foot(side);
        FloorPoint middle = foot.point(shown.body(), 0.5);
        FloorPoint other = shown.after().foot(side.other()).point(shown.body(), 0.5);
        Bearing away = middle.distance(other) < 0.01
                ? foot.heading().value().plus(new Turn(90 * side.sign()))
                : middle.minus(other).bearing();
        FloorPoint at = middle.plus(away.vector(0.14 + textSize() / scale.pixels()));
        String words =
                (side == Side.LEFT ? Words.of("stagefloor.l") : Words.of("stagefloor.r")) + share(shown.after(), side);
        g.setFont(bold(1.2, words));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(paper());
        double wide = width(words, g.getFont()) + textSize() * 0.4;
        g.fillRoundRect(scale.x(at) - wide / 2, scale.y(at) - textSize() * 0.8, wide, textSize() * 1.6, 8, 8);
        g.setFill(side(side));
        g.fillText(words, scale.x(at), scale.y(at));
    }

    private static String share(Pose pose, Side side) {
        int least = pose.weight().least(side);
        int most = pose.weight().most(side);
        if (least == most) {
            return Integer.toString(least);
        }
        return least == 0 && most == 100 ? "?" : least + "–" + most;
    }
}
