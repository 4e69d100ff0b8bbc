package app.avrel.desktop.parts;

import app.avrel.desktop.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableDoubleProperty;
import javafx.css.Styleable;
import javafx.css.StyleablePropertyFactory;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/**
 * How every room is laid out: a list, the middle, a card, the line to type in where the room has one, and the ribbon
 * below.
 *
 * <p>List and card are as wide as their text asks for, but never so wide that the middle is squeezed; the dividers
 * between them can be moved.
 */
public final class RoomPane extends Region {

    private static final double LIST_SHARE = 0.215;
    private static final double CARD_SHARE = 0.345;
    private static final double RIBBON_SHARE = 0.4;
    private static final double MOST_RIBBON = 0.5;

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
    /** Shares of the width and height where the text is large for the window. */
    private static final double FOLDED_SHARE = 0.42;

    private static final double LOW_RIBBON = 0.27;

    /** How much of the height above the ribbon the line may take with what it says; more where the text is large. */
    private static final double MOST_LINE = 0.5;

    private static final double HIGH_LINE = 0.62;

    /** A ribbon that needs less than this share of its height has nothing to show. */
    private static final double NO_RIBBON = 0.4;

    /** The middle must be so many times as wide as the card, and the room so many times as high as the ribbon. */
    private static final double MIDDLE = 0.87;

    private static final double HIGH_ENOUGH = 3;

    private static final double LEAST = 0.6;
    private static final double MOST = 1.8;

    private final Node list;
    private final Node middle;
    private final Node card;
    private final Optional<Node> line;
    private final Node ribbon;
    private final Divider listEdge;
    private final Divider cardEdge;
    private final Divider ribbonEdge;
    private final Rectangle sight = new Rectangle();
    private final Button fold = Buttons.pill("☰", Words.of("parts.fold_list"), this::unfold);
    private boolean unfolded;

    /** A room without a line to type in. */
    public RoomPane(String styleClass, Node list, Node middle, Node card, Node ribbon) {
        this(styleClass, list, middle, card, Optional.empty(), ribbon);
    }

    /** A room with a line to type in, as wide as all that is right of the list. */
    public RoomPane(String styleClass, Node list, Node middle, Node card, Optional<Node> line, Node ribbon) {
        this.list = list;
        this.middle = middle;
        this.card = card;
        this.line = line;
        this.ribbon = ribbon;
        listEdge = divider(styleClass, "list", Orientation.VERTICAL, x -> x / list());
        cardEdge = divider(styleClass, "card", Orientation.VERTICAL, x -> (getWidth() - x) / card());
        ribbonEdge = divider(styleClass, "ribbon", Orientation.HORIZONTAL, y -> (getHeight() - y) / low());
        getStyleClass().addAll("room", styleClass);
        List<Node> all = new ArrayList<>(List.of(list, middle, card));
        line.ifPresent(all::add);
        all.addAll(List.of(ribbon, listEdge, cardEdge, ribbonEdge, fold));
        all.remove(list);
        all.add(all.size() - 1, list);
        fold.setManaged(false);
        middle.setClip(sight);
        getChildren().addAll(all);
        listWidth.addListener(_ -> requestLayout());
        cardWidth.addListener(_ -> requestLayout());
    }

    private Divider divider(String room, String edge, Orientation way, DoubleUnaryOperator placeAt) {
        Divider divider = new Divider(room + "-" + edge, way, 1, LEAST, MOST, placeAt);
        divider.setAccessibleText(Words.of("parts.divider." + edge));
        divider.placeProperty().addListener(_ -> requestLayout());
        return divider;
    }

    private double list() {
        return Math.min(listWidth.get(), getWidth() * (folds() ? FOLDED_SHARE : LIST_SHARE));
    }

    private double card() {
        return Math.min(cardWidth.get(), getWidth() * (folds() ? FOLDED_SHARE : CARD_SHARE));
    }

    private double low() {
        boolean low = getHeight() < ribbon.prefHeight(getWidth()) * HIGH_ENOUGH;
        double least = ribbon.minHeight(getWidth());
        if (low && least < NO_RIBBON * ribbon.prefHeight(getWidth())) {
            return least;
        }
        return Math.min(ribbon.prefHeight(getWidth()), getHeight() * (low ? LOW_RIBBON : RIBBON_SHARE));
    }

    /** Whether the text is so large for the window that the list folds away and comes only when it is asked for. */
    private boolean folds() {
        return getWidth() - listWidth.get() - cardWidth.get() < MIDDLE * cardWidth.get();
    }

    private void unfold() {
        unfolded = !unfolded;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double low = Math.rint(Math.min(low() * ribbonEdge.place(), getHeight() * MOST_RIBBON));
        double height = getHeight() - low;
        boolean folds = folds();
        double beside = Math.rint(list() * listEdge.place());
        double left = folds ? Math.rint(fold.prefWidth(-1) + 4) : beside;
        double right = Math.rint(card() * cardEdge.place());
        double typed = line.map(
                        node -> Math.min(node.prefHeight(width - left), height * (folds ? HIGH_LINE : MOST_LINE)))
                .orElse(0.0);
        fold.setVisible(folds);
        list.setVisible(!folds || unfolded);
        listEdge.setVisible(!folds);
        list.resizeRelocate(0, 0, beside, height);
        fold.autosize();
        fold.relocate(unfolded ? beside + 4 : 4, 4);
        middle.resizeRelocate(left, 0, width - left - right, height - typed);
        card.resizeRelocate(width - right, 0, right, height - typed);
        line.ifPresent(node -> node.resizeRelocate(left, height - typed, width - left, typed));
        ribbon.resizeRelocate(0, height, width, low);
        double half = Divider.WIDTH / 2;
        listEdge.resizeRelocate(left - half, 0, Divider.WIDTH, height);
        sight.setWidth(width - left - right);
        sight.setHeight(height - typed);
        cardEdge.resizeRelocate(width - right - half, 0, Divider.WIDTH, height - typed);
        ribbonEdge.resizeRelocate(0, height - half, width, Divider.WIDTH);
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
