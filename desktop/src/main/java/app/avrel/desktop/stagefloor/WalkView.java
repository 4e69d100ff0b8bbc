package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.form.Occurrence;
import app.avrel.form.hall.HallPlan;
import app.avrel.motion.CentreOfMass;
import app.avrel.motion.Pose;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The walk of a form, in its hall: where its postures end, and the path of the centre of mass between them. */
public final class WalkView extends Drawing {

    private static final double GRID = 0.5;

    /** Heights of a line of text. */
    private static final double ROUND_THE_HALL = 1.7;

    private final WalkPlaying playing = new WalkPlaying();

    @SuppressWarnings("NullAway.Init") // asked for before use
    private WalkPicture picture;

    private Sight sight = Sight.WHOLE;
    private double heldX;
    private double heldY;
    private List<Stops.Stop> stops = List.of();
    private IntConsumer choose = _ -> {};
    private final Tooltip named = new Tooltip();
    private boolean inset;

    public WalkView() {
        super("walk");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        addEventHandler(ScrollEvent.SCROLL, this::wheel);
        addEventHandler(ZoomEvent.ZOOM, event -> zoom(event.getZoomFactor(), event.getX(), event.getY()));
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::pull);
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> point(event.getX(), event.getY()));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        Tooltip.install(this, named);
    }

    /** A small picture of the whole in a corner: not to be taken hold of, and without words. {@return it} */
    public static WalkView small() {
        WalkView view = new WalkView();
        view.inset = true;
        view.setMouseTransparent(true);
        view.setFocusTraversable(false);
        view.getStyleClass().add("walk-inset");
        return view;
    }

    /** Is told which entry is chosen on the walk. */
    public void onChoose(IntConsumer chosen) {
        choose = chosen;
    }

    private void wheel(ScrollEvent event) {
        if (event.getDeltaY() != 0) {
            zoom(event.getDeltaY() > 0 ? 1.15 : 1 / 1.15, event.getX(), event.getY());
            event.consume();
        }
    }

    private void zoom(double times, double x, double y) {
        if (picture != null) {
            sight = sight.nearer(times, whole(), x, y);
            refresh();
        }
    }

    private void press(MouseEvent event) {
        heldX = event.getX();
        heldY = event.getY();
        if (event.getClickCount() == 2) {
            sight = Sight.WHOLE;
            refresh();
        } else {
            Stops.near(stops, event.getX(), event.getY(), textSize()).ifPresent(stop -> choose.accept(stop.entry()));
        }
    }

    private void pull(MouseEvent event) {
        if (picture != null) {
            sight = sight.pulled(event.getX() - heldX, event.getY() - heldY, whole());
            heldX = event.getX();
            heldY = event.getY();
            refresh();
        }
    }

    private void point(double x, double y) {
        Optional<Stops.Stop> stop = Stops.near(stops, x, y, textSize());
        named.setText(stop.map(Stops.Stop::name).orElse(nearer()));
    }

    private void key(KeyEvent event) {
        switch (event.getCode()) {
            case PLUS, ADD, EQUALS -> zoom(1.25, getWidth() / 2, getHeight() / 2);
            case MINUS, SUBTRACT -> zoom(0.8, getWidth() / 2, getHeight() / 2);
            case DIGIT0, NUMPAD0 -> zoom(0, getWidth() / 2, getHeight() / 2);
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** {@return what is to be laid over this: whoever moves through the hall while the form plays} */
    public Region over() {
        return playing;
    }

    /** Shows a walk. */
    public void show(WalkPicture shown) {
        picture = shown;
        setAccessibleText(Words.of(
                "stagefloor.walk_form_postures", shown.track().occurrences().size()));
        requestLayout();
    }

    /** Shows where playing is: a pose of the track, or nobody. */
    public void playing(Optional<Pose> pose) {
        if (picture != null) {
            playing.show(picture, scale(), pose);
        }
    }

    private FloorScale scale() {
        return sight.of(whole());
    }

    private FloorScale whole() {
        return picture.plan()
                .map(this::hallScale)
                .orElseGet(() -> FloorScale.fitting(new WalkPath(picture).extent(), 0.5, 2.2, getWidth(), getHeight()));
    }

    /** The hall fills the picture but for a line of words on each side. */
    private FloorScale hallScale(HallPlan plan) {
        double round = inset ? textSize() * 0.6 : 2 * ROUND_THE_HALL * textSize();
        FloorScale fitted = FloorScale.fitting(
                HallPainter.corners(plan.hall()),
                0,
                2,
                Math.max(40, getWidth() - round),
                Math.max(40, getHeight() - round));
        return new FloorScale(fitted.centre(), fitted.pixels(), getWidth(), getHeight());
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (picture == null) {
            return;
        }
        FloorScale scale = scale();
        Optional<HallPainter> hall =
                picture.plan().map(plan -> new HallPainter(g, scale, plan, ink(), soft(), textSize()));
        hall.ifPresentOrElse(this::hall, () -> grid(g, scale));
        WalkPath path = new WalkPath(picture);
        walked(g, scale, path.atLarge(), line().interpolate(soft(), 0.4), 1);
        walked(g, scale, path.steps(), soft().deriveColor(0, 1, 1, 0.55), 1.6);
        Sole sole = new Sole(g, scale, picture.body());
        feet(sole, picture.track().start().drawn(), 0.35);
        for (Occurrence done : path.standings()) {
            feet(sole, done.end().drawn(), done.entry() == picture.entry() ? 1 : 0.35);
        }
        lit(g, scale);
        if (inset) {
            stops = List.of();
            return;
        }
        ends(g, scale, path);
        stops = Stops.of(picture, path.standings(), scale, textSize() * 1.5);
        stops.forEach(stop -> number(g, stop));
        hall.ifPresentOrElse(of -> of.lookout(picture.part(), font(1, ""), accent()), () -> frontWords(g));
    }

    private void hall(HallPainter hall) {
        hall.floor(paper(), line());
        if (picture.plan().filter(HallPlan::fits).isPresent()) {
            hall.room(panel());
        }
        if (inset) {
            hall.walls(paper(), font(0.01, ""));
            return;
        }
        hall.learners();
        hall.walls(paper(), font(0.9, ""));
    }

    private void feet(Sole sole, Pose ofTrack, double strength) {
        Pose pose = picture.at(ofTrack);
        for (Side side : Side.values()) {
            double load = pose.weight().middle(side) / 100;
            sole.draw(side, pose.foot(side), load * strength, side(side).deriveColor(0, 1, 1, strength));
        }
    }

    private void grid(GraphicsContext g, FloorScale scale) {
        g.setStroke(line());
        g.setLineWidth(1);
        double across = getWidth() / scale.pixels() / 2 + GRID;
        double along = getHeight() / scale.pixels() / 2 + GRID;
        FloorPoint centre = scale.centre();
        for (double at = Math.floor((centre.right() - across) / GRID) * GRID;
                at < centre.right() + across;
                at += GRID) {
            double x = Math.rint(scale.x(new FloorPoint(at, 0))) + 0.5;
            g.strokeLine(x, 0, x, getHeight());
        }
        for (double at = Math.floor((centre.ahead() - along) / GRID) * GRID; at < centre.ahead() + along; at += GRID) {
            double y = Math.rint(scale.y(new FloorPoint(0, at))) + 0.5;
            g.strokeLine(0, y, getWidth(), y);
        }
    }

    private void walked(GraphicsContext g, FloorScale scale, List<FloorPoint> path, Color colour, double width) {
        double[] xs = new double[path.size()];
        double[] ys = new double[path.size()];
        int kept = 0;
        for (FloorPoint point : path) {
            double x = scale.x(point);
            double y = scale.y(point);
            if (kept == 0 || Math.abs(x - xs[kept - 1]) + Math.abs(y - ys[kept - 1]) > 1) {
                xs[kept] = x;
                ys[kept++] = y;
            }
        }
        g.setStroke(colour);
        g.setLineWidth(width);
        g.strokePolyline(xs, ys, kept);
    }

    private void ends(GraphicsContext g, FloorScale scale, WalkPath path) {
        boolean near = path.start().distance(path.end()) * scale.pixels() < textSize() * 5;
        if (near) {
            mark(g, scale, path.end(), "", 1);
            mark(g, scale, path.start(), Words.of("stagefloor.start_end"), -1);
        } else {
            mark(g, scale, path.start(), Words.of("common.start"), -1);
            mark(g, scale, path.end(), Words.of("stagefloor.end"), 1);
        }
    }

    /** The number of a stop, on a little paper. */
    private void number(GraphicsContext g, Stops.Stop stop) {
        boolean lit = stop.entry() == picture.entry();
        g.setFont(lit ? bold(1.1, stop.number()) : font(0.85, stop.number()));
        double wide = width(stop.number(), g.getFont()) + textSize() * 0.4;
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(paper().deriveColor(0, 1, 1, 0.8));
        g.fillRoundRect(stop.x() - wide / 2, stop.y() - textSize() * 0.6, wide, textSize() * 1.2, 6, 6);
        g.setFill(lit ? accent() : ink());
        g.fillText(stop.number(), stop.x(), stop.y());
    }

    private void mark(GraphicsContext g, FloorScale scale, FloorPoint at, String words, int below) {
        double radius = textSize() * 0.55;
        double x = scale.x(at);
        double y = scale.y(at);
        g.setStroke(ink());
        g.setLineWidth(2);
        g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
        if (scale.pixels() < textSize() * 2.2) {
            return;
        }
        double lift = below * Math.max(textSize() * 1.6, scale.pixels() * 0.28);
        g.setFont(bold(1, words));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        double wide = width(words, g.getFont()) + textSize() * 0.4;
        g.setFill(paper().deriveColor(0, 1, 1, 0.8));
        g.fillRect(x - wide / 2, y + lift - textSize() * 0.7, words.isEmpty() ? 0 : wide, textSize() * 1.4);
        g.setFill(ink());
        g.fillText(words, x, y + lift);
    }

    private void lit(GraphicsContext g, FloorScale scale) {
        picture.track().lastOf(picture.entry()).ifPresent(done -> {
            Pose end = picture.at(done.end().drawn());
            FloorPoint at = CentreOfMass.of(end, picture.body());
            double radius = textSize() * 0.5;
            FloorPoint ahead = at.plus(end.facing().vector(0.3));
            g.setStroke(accent());
            g.setLineWidth(3);
            g.strokeLine(scale.x(at), scale.y(at), scale.x(ahead), scale.y(ahead));
            g.setFill(accent());
            g.fillOval(scale.x(at) - radius, scale.y(at) - radius, 2 * radius, 2 * radius);
        });
    }

    private void frontWords(GraphicsContext g) {
        g.setFont(bold(1.1, picture.front()));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.setFill(ink());
        g.fillText(picture.front(), getWidth() / 2, textSize() * 0.5);
    }

    private static String nearer() {
        return Words.of("stagefloor.wheel_or_zoom");
    }
}
