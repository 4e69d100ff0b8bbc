package app.avrel.desktop.stagefloor;

import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.form.hall.HallPlan;
import app.avrel.motion.Pose;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;
import javafx.scene.layout.Region;

/** The walk of a form, in its hall: where its postures end, and the path of the centre of mass between them. */
public final class WalkView extends Drawing {

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
    private final Tooltip named = Tips.saying("");
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
        return new WholeWalk(picture, inset ? textSize() * 0.6 : 2 * ROUND_THE_HALL * textSize())
                .in(getWidth(), getHeight());
    }

    @Override
    protected void draw(GraphicsContext g) {
        if (picture == null) {
            return;
        }
        FloorScale scale = scale();
        Optional<HallPainter> hall =
                picture.plan().map(plan -> new HallPainter(g, scale, plan, ink(), soft(), textSize()));
        WalkPainter painter = new WalkPainter(g, scale, pens(), picture, getWidth(), getHeight());
        hall.ifPresentOrElse(this::hall, painter::grid);
        WalkPath path = new WalkPath(picture);
        painter.walked(path.atLarge(), line().interpolate(soft(), 0.4), 1);
        painter.walked(path.steps(), soft().deriveColor(0, 1, 1, 0.55), 1.6);
        Sole sole = new Sole(g, scale, picture.body());
        painter.feet(sole, picture.track().start().drawn(), 0.35);
        for (Occurrence done : path.standings()) {
            painter.feet(sole, done.end().drawn(), done.entry() == picture.entry() ? 1 : 0.35);
        }
        painter.lit();
        if (inset) {
            stops = List.of();
            return;
        }
        painter.ends(path);
        stops = Stops.of(picture, path.standings(), scale, textSize() * 1.5);
        stops.forEach(painter::number);
        hall.ifPresentOrElse(of -> of.lookout(picture.part(), font(1, ""), accent()), painter::front);
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

    private static String nearer() {
        return Words.of("stagefloor.wheel_or_zoom");
    }
}
