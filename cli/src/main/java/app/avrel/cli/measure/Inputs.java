package app.avrel.cli.measure;

import app.avrel.body.Body;
import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.mechanics.Sole;
import app.avrel.mechanics.Stand;
import app.avrel.posture.move.Contact;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** The fields of one object of the input, read with their units. */
record Inputs(JsonNode node, String place) {

    boolean has(String field) {
        return node.has(field) && !node.get(field).isNull();
    }

    double number(String field) {
        if (!has(field)) {
            throw new BadInput(place + ": the field \"" + field + "\" is missing. Add it as a number.");
        }
        return finite(node.get(field), field);
    }

    double number(String field, double otherwise) {
        return has(field) ? number(field) : otherwise;
    }

    private double finite(JsonNode value, String field) {
        if (!value.isNumber() || !Double.isFinite(value.doubleValue())) {
            throw new BadInput(place + "." + field + ": must be a number, but was " + value + ".");
        }
        return value.doubleValue();
    }

    String text(String field) {
        if (!has(field) || !node.get(field).isString()) {
            throw new BadInput(place + ": the field \"" + field + "\" must be a text.");
        }
        return node.get(field).stringValue();
    }

    Bearing heading(String field) {
        return Bearing.wrapping(number(field, 0));
    }

    Body body() {
        return sound("stature_m", () -> Body.ofStature(number("stature_m", 1.7)));
    }

    /** {@return the metres of {@code drop_cm} or {@code drop_fists}} */
    double drop() {
        if (has("drop_cm")) {
            return number("drop_cm") / 100;
        }
        return number("drop_fists", 0) * body().fist();
    }

    Side side(String field) {
        return switch (text(field).toLowerCase(Locale.ROOT)) {
            case "l", "left" -> Side.LEFT;
            case "r", "right" -> Side.RIGHT;
            default ->
                throw new BadInput(place + "." + field + ": must be left or right, but was " + text(field) + ".");
        };
    }

    Contact contact(String field, Contact otherwise) {
        return has(field) ? named(Contact.class, field) : otherwise;
    }

    Landmark landmark(String field) {
        return named(Landmark.class, field);
    }

    private <T extends Enum<T>> T named(Class<T> kind, String field) {
        String wanted = text(field).toUpperCase(Locale.ROOT).replace(' ', '_');
        return Arrays.stream(kind.getEnumConstants())
                .filter(some -> some.name().equals(wanted))
                .findFirst()
                .orElseThrow(() -> new BadInput(place + "." + field + ": must be one of "
                        + Arrays.stream(kind.getEnumConstants())
                                .map(some -> some.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + ", but was \"" + text(field) + "\"."));
    }

    FloorPoint point(String field) {
        JsonNode pair = node.get(field);
        if (pair == null || !pair.isArray() || pair.size() != 2) {
            throw new BadInput(place + "." + field + ": must be two numbers in metres, such as [0, 0.5].");
        }
        return new FloorPoint(finite(pair.get(0), field), finite(pair.get(1), field));
    }

    Optional<Inputs> inner(String field) {
        return has(field) ? Optional.of(new Inputs(node.get(field), place + "." + field)) : Optional.empty();
    }

    Sole sole(String field) {
        Inputs foot = inner(field)
                .orElseThrow(() -> new BadInput(place + ": the foot \"" + field
                        + "\" is missing. Add it as {\"heel\": [x, y], \"heading_deg\": 0, \"contact\": \"flat\"}."));
        Contact contact = foot.contact("contact", Contact.FLAT);
        return foot.sound(
                "pitch_deg",
                () -> new Sole(
                        foot.point("heel"),
                        foot.heading("heading_deg"),
                        contact,
                        foot.number("pitch_deg", Sole.usualPitch(contact)),
                        foot.number("lift_m", 0)));
    }

    Stand stand() {
        Bearing facing = heading("facing_deg");
        return sound(
                "share_left",
                () -> new Stand(
                        sole("left"),
                        sole("right"),
                        number("share_left", 0.5),
                        facing,
                        has("pelvis_heading_deg") ? heading("pelvis_heading_deg") : facing,
                        drop(),
                        number("lean_deg", 0),
                        number("arm_com_forward_m", 0)));
    }

    private <T> T sound(String field, Supplier<T> made) {
        try {
            return made.get();
        } catch (IllegalArgumentException notSound) {
            throw new BadInput(place + "." + field + ": " + notSound.getMessage() + ".");
        }
    }
}
