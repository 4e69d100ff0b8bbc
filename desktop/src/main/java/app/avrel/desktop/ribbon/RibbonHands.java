package app.avrel.desktop.ribbon;

import app.avrel.desktop.parts.Tips;
import app.avrel.desktop.words.Words;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/** What keys, pointer and wheel do on a ribbon. */
final class RibbonHands {

    private final Ribbon ribbon;
    private final Tooltip named = Tips.saying("");

    private RibbonHands(Ribbon ribbon) {
        this.ribbon = ribbon;
    }

    static void give(Ribbon ribbon) {
        RibbonHands hands = new RibbonHands(ribbon);
        ribbon.addEventHandler(KeyEvent.KEY_PRESSED, hands::key);
        ribbon.addEventHandler(MouseEvent.MOUSE_PRESSED, hands::press);
        ribbon.addEventHandler(ScrollEvent.SCROLL, hands::scroll);
        ribbon.addEventHandler(MouseEvent.MOUSE_MOVED, event -> hands.point(event.getX()));
        Tooltip.install(ribbon, hands.named);
    }

    private void key(KeyEvent event) {
        if (event.isAltDown() || event.isShortcutDown() || event.isShiftDown()) {
            return;
        }
        switch (event.getCode()) {
            case LEFT -> ribbon.choose(ribbon.chosen() - 1);
            case RIGHT -> ribbon.choose(ribbon.chosen() + 1);
            case HOME -> ribbon.choose(0);
            case END -> ribbon.choose(ribbon.cells().size() - 1);
            case PLUS, ADD, EQUALS -> ribbon.zoom(1.25);
            case MINUS, SUBTRACT -> ribbon.zoom(0.8);
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void press(MouseEvent event) {
        ribbon.scale().cellAt(event.getX()).ifPresent(ribbon::choose);
    }

    /** Says whole what the pointer is over: the posture, the count and its words. */
    private void point(double x) {
        ribbon.scale().cellAt(x).ifPresentOrElse(at -> named.setText(whole(at)), () -> named.setText(nearer()));
    }

    private String whole(int at) {
        RibbonCell cell = ribbon.cells().get(at);
        int named = at;
        while (named > 0 && ribbon.cells().get(named).group().isEmpty()) {
            named--;
        }
        String group = ribbon.cells().get(named).group();
        return (group.isEmpty() ? "" : group + " · ") + cell.label() + " · " + cell.words();
    }

    private void scroll(ScrollEvent event) {
        if (event.isShortcutDown()) {
            ribbon.zoom(event.getDeltaY() > 0 ? 1.1 : 0.9);
        } else {
            double by = event.getDeltaX() == 0 ? event.getDeltaY() : event.getDeltaX();
            ribbon.scrollBy(by);
        }
        event.consume();
    }

    private static String nearer() {
        return Words.of("ribbon.or_wheel_ctrl");
    }
}
