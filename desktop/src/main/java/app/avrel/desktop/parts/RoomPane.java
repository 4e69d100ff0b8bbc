package app.avrel.desktop.parts;

import java.util.List;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableDoubleProperty;
import javafx.css.Styleable;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/**
 * How every room is laid out: a list, the middle, a card, and the ribbon below.
 *
 * <p>List and card are as wide as their text asks for, but never so wide that the middle is squeezed.
 */
public final class RoomPane extends Region {

    private static final double LIST_SHARE = 0.215;
    private static final double CARD_SHARE = 0.345;

    private static final StyleablePropertyFactory<RoomPane> CSS =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());
    private static final CssMetaData<RoomPane, Number> LIST_WIDTH =
            CSS.createSizeCssMetaData("-list-width", s -> s.listWidth, 230.0);
    private static final CssMetaData<RoomPane, Number> CARD_WIDTH =
            CSS.createSizeCssMetaData("-card-width", s -> s.cardWidth, 380.0);
    private static final List<CssMetaData<? extends Styleable, ?>> ALL = CSS.getCssMetaData();

    private final SimpleStyleableDoubleProperty listWidth =
            new SimpleStyleableDoubleProperty(LIST_WIDTH, this, "listWidth", 230.0);
    private final SimpleStyleableDoubleProperty cardWidth =
            new SimpleStyleableDoubleProperty(CARD_WIDTH, this, "cardWidth", 380.0);
    private final Node list;
    private final Node middle;
    private final Node card;
    private final Node ribbon;

    public RoomPane(String styleClass, Node list, Node middle, Node card, Node ribbon) {
        this.list = list;
        this.middle = middle;
        this.card = card;
        this.ribbon = ribbon;
        getStyleClass().addAll("room", styleClass);
        getChildren().addAll(list, middle, card, ribbon);
        listWidth.addListener(_ -> requestLayout());
        cardWidth.addListener(_ -> requestLayout());
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double low = Math.min(ribbon.prefHeight(width), getHeight() * 0.4);
        double height = getHeight() - low;
        double left = Math.min(listWidth.get(), width * LIST_SHARE);
        double right = Math.min(cardWidth.get(), width * CARD_SHARE);
        list.resizeRelocate(0, 0, left, height);
        middle.resizeRelocate(left, 0, width - left - right, height);
        card.resizeRelocate(width - right, 0, right, height);
        ribbon.resizeRelocate(0, height, width, low);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 1100;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 600;
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return ALL;
    }
}
