package app.avrel.desktop.figure;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.desktop.parts.Drawing;
import app.avrel.desktop.words.Words;
import app.avrel.floor.Directions;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.floor.SpacePoint;
import app.avrel.mechanics.Rig;
import app.avrel.mechanics.Skeleton;
import app.avrel.rules.Spot;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;

/**
 * The figure as a control: it shows a rig from a viewpoint.
 *
 * <p>Dragging turns it; F, B, L, R and A look from the front, behind, left, right and above; M mirrors.
 */
public final class FigureView extends Drawing {

    private static final double RING = 0.5;
    private static final double TURN = 0.45;

    /** Metres about the pelvis that are always seen: the ground with its names. */
    private static final double LEAST = 0.58;

    private static final double MARGIN = 0.05;

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
        Optional<Viewpoint> from = switch (event.getCode()) {
            case F -> Optional.of(view.at(Viewpoint.FRONT));
            case B -> Optional.of(view.at(Viewpoint.BACK));
            case L -> Optional.of(view.at(Viewpoint.LEFT));
            case R -> Optional.of(view.at(Viewpoint.RIGHT));
            case A -> Optional.of(view.at(Viewpoint.ABOVE));
            case M -> Optional.of(view.mirror());
            case COMMA -> Optional.of(view.moved(-15, 0));
            case PERIOD -> Optional.of(view.moved(15, 0));
            default -> Optional.empty();
        };
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
        return shown.flatMap(picture -> {
            Projection seen = projection(picture);
            Skeleton skeleton = Skeleton.of(picture.rig(), picture.body());
            double near = 0.06 * picture.body().stature() * seen.pixels();
            return Stream.of(Side.values())
                    .filter(side -> {
                        Projection.Seen palm = seen.of(skeleton.limbs(side).palm());
                        return Math.hypot(palm.x() - x, palm.y() - y) < near;
                    })
                    .findFirst()
                    .map(side -> new HandGrip(side, nearest(picture, seen, y)));
        });
    }

    private static Landmark nearest(Picture picture, Projection seen, double y) {
        double up = (seen.y() - y) / seen.pixels();
        return HandGrip.nearest(up, picture.body().stature(), picture.rig().drop());
    }

    private void drag(MouseEvent event) {
        if (grip.isPresent() && shown.isPresent()) {
            Landmark at = nearest(shown.get(), projection(shown.get()), event.getY());
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
        ring(g, seen, picture.directions());
        Tones tones = Tones.of(paper(), panel(), ink(), side(Side.LEFT), side(Side.RIGHT));
        Skeleton skeleton = Skeleton.of(picture.rig(), picture.body());
        picture.traces().forEach(trace -> trace(g, seen, trace));
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
        grip.ifPresent(hand -> heights(g, seen, picture, hand));
        g.setFill(soft());
        g.setFont(font(0.92, view.words()));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.fillText(Words.of("figure.seen", view.words()), getWidth() / 2, textSize() * 0.3);
    }

    /** The heights a hand can go to, the one it is over marked. */
    private void heights(GraphicsContext g, Projection seen, Picture picture, HandGrip hand) {
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        for (Landmark landmark : Landmark.values()) {
            double up = HandGrip.height(
                    landmark, picture.body().stature(), picture.rig().drop());
            double y = seen.y() - up * seen.pixels();
            boolean over = landmark == hand.at();
            g.setStroke(over ? side(hand.hand()) : line());
            g.setLineWidth(over ? 2.5 : 1);
            g.strokeLine(textSize() * 0.5, y, getWidth() - textSize() * 0.5, y);
            if (over) {
                g.setFont(bold(1.1, Words.of(landmark)));
                g.setFill(side(hand.hand()));
                g.fillText(Words.of(landmark), textSize() * 0.6, y - textSize() * 0.8);
            }
        }
    }

    private Projection projection(Picture picture) {
        SpacePoint centre = SpacePoint.over(picture.rig().pelvis(), 0);
        Projection unit = new Projection(view, SpacePoint.over(FloorPoint.ORIGIN, 0), 1, 0, 0);
        double up = Math.toRadians(view.height());
        double low = RING * Math.sin(up) + 0.06;
        double top = 0;
        double across = LEAST;
        for (SpacePoint point : picture.reach().points()) {
            Projection.Seen seen = unit.of(point);
            top = Math.max(top, -seen.y());
            low = Math.max(low, seen.y());
            across = Math.max(across, Math.abs(seen.x()));
        }
        double pixels = Math.min(
                (getHeight() - 1.5 * textSize()) / (top + low + 2 * MARGIN), getWidth() / (2 * (across + MARGIN)));
        double spare = getHeight() - 1.5 * textSize() - (top + low + 2 * MARGIN) * pixels;
        double foot = getHeight() - (low + MARGIN) * pixels - Math.max(0, spare) / 2;
        return new Projection(view, centre, pixels, getWidth() / 2, foot);
    }

    /** A way, the fainter the longer ago. */
    private void trace(GraphicsContext g, Projection seen, Trace trace) {
        List<SpacePoint> points = trace.points();
        g.setLineWidth(2.4);
        g.setLineCap(StrokeLineCap.ROUND);
        for (int i = 1; i < points.size(); i++) {
            Projection.Seen from = seen.of(points.get(i - 1));
            Projection.Seen to = seen.of(points.get(i));
            g.setStroke(side(trace.side()).deriveColor(0, 1, 1, 0.15 + 0.75 * i / points.size()));
            g.strokeLine(from.x(), from.y(), to.x(), to.y());
        }
    }

    /** The ground with the names of four directions. */
    private void ring(GraphicsContext g, Projection seen, Directions directions) {
        Projection.Seen[] corners = new Projection.Seen[28];
        for (int i = 0; i < corners.length; i++) {
            corners[i] = seen.of(seen.centre()
                    .plus(SpacePoint.along(360.0 * i / corners.length).times(RING)));
        }
        Shape.through(corners).fill(g, panel().deriveColor(0, 1, 1, 0.7));
        Shape.through(corners).stroke(g, line(), 1);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(soft());
        for (int i = 0; i < 4; i++) {
            Heading heading = new Heading(i * 90);
            String words = directions.say(heading);
            g.setFont(font(0.85, words));
            Projection.Seen at = seen.of(
                    seen.centre().plus(SpacePoint.along(heading.degrees()).times(RING + 0.08)));
            g.fillText(words, at.x(), at.y());
        }
    }
}
