package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;

/**
 * The figure as a control: it shows a rig from a viewpoint.
 *
 * <p>Dragging turns it; F, B, L, R and A look from the front, behind, left, right and above; M mirrors.
 */
public final class FigureView extends Drawing {

    private static final double TURN = 0.45;

    /**
     * What is shown.
     *
     * @param reach what there must be room for, so that the picture stands still from pose to pose
     * @param traces the ways to be drawn behind it
     * @param recorded whether it is in the record; what is only typed is drawn in dashes
     * @param description in words, for those who cannot see it
     */
    public record Picture(
            Rig rig,
            Body body,
            Directions directions,
            Reach reach,
            List<Trace> traces,
            boolean recorded,
            String description) {

        public Picture {
            traces = List.copyOf(traces);
        }

        /** A pose of the record, without ways. */
        public Picture(Rig rig, Body body, Directions directions, Reach reach, String description) {
            this(rig, body, directions, reach, List.of(), true, description);
        }
    }

    private static final double[] DASHES = {4, 3};

    private Optional<Picture> shown = Optional.empty();
    private Viewpoint view = Viewpoint.FRONT.moved(28, 0);
    private HandGrip.LetGo letGo = (_, _) -> {};
    private Optional<HandGrip> grip = Optional.empty();
    private Runnable looked = () -> {};
    private Optional<Spot> spot = Optional.empty();
    private double pressedX;
    private double pressedY;

    public FigureView() {
        super("figure");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            pressedX = event.getX();
            pressedY = event.getY();
            grip = handAt(event.getX(), event.getY());
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> {
            Optional<HandGrip> held = grip;
            grip = Optional.empty();
            held.ifPresent(hand -> letGo.accept(hand.hand(), hand.at()));
            refresh();
        });
    }

    public void show(Picture picture) {
        if (shown.equals(Optional.of(picture))) {
            return;
        }
        shown = Optional.of(picture);
        describe();
        refresh();
    }

    private void describe() {
        shown.ifPresent(picture -> setAccessibleText(Words.of("figure.figure", view.words(), picture.description())));
    }

    /** Rings the part of the body that a finding is about, or none. */
    public void mark(Optional<Spot> part) {
        if (!spot.equals(part)) {
            spot = part;
            refresh();
        }
    }

    /** Looks from somewhere else. */
    public void look(Viewpoint from) {
        view = from;
        looked.run();
        describe();
        refresh();
    }

    /** Is told when one looks from somewhere else. */
    public void onLook(Runnable told) {
        looked = told;
    }

    public Viewpoint view() {
        return view;
    }

    private void key(KeyEvent event) {
        if (event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        Optional<Viewpoint> from = view.by(event.getCode());
        from.ifPresent(this::look);
        if (from.isPresent()) {
            event.consume();
        }
    }

    /** Lets hands be dragged among the heights of the body. */
    public void onHand(BiConsumer<Side, Landmark> newLetGo) {
        letGo = newLetGo::accept;
    }

    private Optional<HandGrip> handAt(double x, double y) {
        return shown.flatMap(picture -> HandGrip.at(picture.rig(), picture.body(), projection(picture), x, y));
    }

    private void drag(MouseEvent event) {
        if (grip.isPresent() && shown.isPresent()) {
            Picture picture = shown.get();
            Landmark at = HandGrip.nearest(picture.rig(), picture.body(), projection(picture), event.getY());
            grip = Optional.of(new HandGrip(grip.get().hand(), at));
            refresh();
            return;
        }
        double sign = view.mirrored() ? -1 : 1;
        look(view.moved((event.getX() - pressedX) * TURN * sign, (event.getY() - pressedY) * TURN * 0.6));
        pressedX = event.getX();
        pressedY = event.getY();
    }

    @Override
    protected void draw(GraphicsContext g) {
        shown.ifPresent(picture -> draw(g, picture));
    }

    private void draw(GraphicsContext g, Picture picture) {
        Projection seen = projection(picture);
        FigureGround about = new FigureGround(g, seen, pens());
        about.ring(picture.directions());
        Tones tones = Tones.of(paper(), panel(), ink(), side(Side.LEFT), side(Side.RIGHT));
        Skeleton skeleton = Skeleton.of(picture.rig(), picture.body());
        picture.traces().forEach(about::trace);
        g.setLineDashes(picture.recorded() ? null : DASHES);
        FigurePainter painter = new FigurePainter(g, seen, tones, picture.body());
        picture.rig().prop().ifPresent(held -> {
            double near = seen.of(skeleton.limbs(held.held()).palm()).near();
            PropPainter prop = new PropPainter(g, seen, tones, picture.body().stature());
            painter.with(near, () -> prop.draw(held, skeleton));
        });
        painter.draw(skeleton);
        g.setLineDashes();
        double stature = picture.body().stature();
        spot.ifPresent(part -> new SpotPainter(g, seen, stature, caution(), paper()).draw(skeleton, part));
        grip.ifPresent(hand -> about.heights(picture.rig(), picture.body(), hand, getWidth()));
        g.setFill(soft());
        g.setFont(font(0.92, view.words()));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.fillText(Words.of("figure.seen", view.words()), getWidth() / 2, textSize() * 0.3);
    }

    private Projection projection(Picture picture) {
        return Projection.fitting(view, picture.rig(), picture.reach(), getWidth(), getHeight(), 1.5 * textSize());
    }
}
