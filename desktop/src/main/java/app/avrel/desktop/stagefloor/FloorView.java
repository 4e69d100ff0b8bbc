package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.house.HouseRules;
import app.avrel.motion.Pose;
import app.avrel.rules.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The floor for one count. */
public final class FloorView extends Drawing {

    /** Below so many lines of text across, the floor is tight. */
    private static final int TIGHT = 12;

    private Optional<FloorPicture> picture = Optional.empty();
    private final FloorDrag drag = new FloorDrag(this, this::refresh);
    private boolean balance;
    private Optional<Finding> finding = Optional.empty();
    private HouseRules rules = HouseRules.LARGE_FRAME;

    public FloorView() {
        super("floor");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /** Lets hands change what is shown; {@link FloorEdits#NONE} for looking only. */
    public void edits(FloorEdits newEdits) {
        drag.edits(newEdits);
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
            draw(g, drag.pose().map(shown::withAfter).orElse(shown));
            if (!shown.recorded()) {
                waiting(g);
            }
            drag.words(shown).ifPresent(words -> told(g, words, accent(), paper()));
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

    FloorScale scale(FloorPicture shown) {
        double rim = textSize() * (tight() ? 1.4 : 2.2);
        FloorScale scale = FloorScale.fitting(
                points(shown), 0.22, 1.0, Math.max(50, getWidth() - 3.6 * rim), Math.max(50, getHeight() - 2 * rim));
        return new FloorScale(scale.centre(), scale.pixels(), getWidth(), getHeight());
    }

    /** Where letters would cover the feet, only what is told nowhere else is written. */
    private boolean tight() {
        return Math.min(getWidth(), getHeight()) < textSize() * TIGHT;
    }

    private void draw(GraphicsContext g, FloorPicture shown) {
        FloorScale scale = scale(shown);
        FloorGround ground = new FloorGround(g, scale, pens(), getWidth(), getHeight());
        ground.grid();
        ground.rim(shown.directions(), tight());
        FloorBody standing = new FloorBody(g, scale, pens(), shown);
        Sole sole = new Sole(g, scale, shown.body());
        for (Side side : Side.values()) {
            standing.moved(sole, side);
        }
        standing.weightLine();
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
        standing.centre(balance || tight());
        if (!tight()) {
            standing.load(Side.LEFT);
            standing.load(Side.RIGHT);
        }
        if (balance && drag.pose().isEmpty()) {
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
}
