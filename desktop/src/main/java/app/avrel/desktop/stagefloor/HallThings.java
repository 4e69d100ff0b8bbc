package app.avrel.desktop.stagefloor;

import app.avrel.desktop.words.Words;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.FloorVector;
import app.avrel.floor.NamedPlace;
import app.avrel.form.hall.Door;
import app.avrel.form.hall.Hall;
import app.avrel.form.hall.Pillar;
import app.avrel.form.hall.Wall;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints what stands in a hall: doors, pillars, and places with a name. */
final class HallThings {

    private final GraphicsContext g;
    private final FloorScale scale;
    private final Hall hall;
    private final Color ink;
    private final Color soft;
    private final double text;

    HallThings(GraphicsContext g, FloorScale scale, Hall hall, Color ink, Color soft, double text) {
        this.g = g;
        this.scale = scale;
        this.hall = hall;
        this.ink = ink;
        this.soft = soft;
        this.text = text;
    }

    void paint(Color paper, Font font) {
        hall.doors().forEach(door -> door(door, paper, font));
        hall.pillars().forEach(this::pillar);
        hall.places().forEach(place -> place(place, font));
    }

    private double x(double fromLeft) {
        return scale.x(new FloorPoint(fromLeft, 0));
    }

    private double y(double fromFront) {
        return scale.y(new FloorPoint(0, -fromFront));
    }

    /** A place stands at the wall that one comes to in its direction from the middle. */
    private void place(NamedPlace place, Font font) {
        FloorVector way = place.toward().vector(1);
        double across = way.right() == 0 ? Double.MAX_VALUE : hall.width() / 2 / Math.abs(way.right());
        double along = way.ahead() == 0 ? Double.MAX_VALUE : hall.depth() / 2 / Math.abs(way.ahead());
        double far = Math.min(across, along);
        double x = x(hall.width() / 2 + way.right() * far);
        double y = y(hall.depth() / 2 - way.ahead() * far);
        double half = text * 0.28;
        g.setFill(ink);
        g.fillRect(x - half, y - half, 2 * half, 2 * half);
        boolean side = across < along;
        double in = text * 0.9;
        g.setFont(font);
        g.setFill(soft);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(!side ? TextAlignment.CENTER : way.right() > 0 ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.fillText(
                place.name(),
                side ? x - Math.signum(way.right()) * in : x,
                side ? y : y + Math.signum(way.ahead()) * in);
    }

    private void door(Door door, Color paper, Font font) {
        boolean level = door.wall() == Wall.FRONT || door.wall() == Wall.BACK;
        double from = door.from();
        double to = Math.min(from + door.width(), level ? hall.width() : hall.depth());
        double wall = switch (door.wall()) {
            case FRONT, LEFT -> 0;
            case BACK -> hall.depth();
            case RIGHT -> hall.width();
        };
        double x1 = x(level ? from : wall);
        double x2 = x(level ? to : wall);
        double y1 = y(level ? wall : from);
        double y2 = y(level ? wall : to);
        g.setStroke(paper);
        g.setLineWidth(5);
        g.strokeLine(x1, y1, x2, y2);
        double middle = level ? (x1 + x2) / 2 : x1 + (x1 > x(hall.width() / 2) ? -text * 1.8 : text * 1.8);
        double beside = level ? y1 + (y1 > y(hall.depth() / 2) ? -text * 0.8 : text * 0.8) : (y1 + y2) / 2;
        g.setFont(font);
        g.setFill(soft);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(Words.of("stagefloor.door"), middle, beside);
    }

    private void pillar(Pillar pillar) {
        double half = pillar.width() / 2;
        double size = pillar.width() * scale.pixels();
        g.setFill(soft.deriveColor(0, 1, 1, 0.35));
        g.fillRect(x(pillar.fromLeft() - half), y(pillar.fromFront() - half), size, size);
        g.setStroke(soft);
        g.setLineWidth(1.5);
        g.strokeRect(x(pillar.fromLeft() - half), y(pillar.fromFront() - half), size, size);
    }
}
