package app.avrel.desktop.postures;

import app.avrel.body.Body;
import app.avrel.desktop.figure.FigureView;
import app.avrel.desktop.figure.Reach;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Occurrence;
import app.avrel.mechanics.Rig;
import app.avrel.posture.Posture;
import java.util.stream.Stream;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.Image;
import javafx.scene.layout.HBox;

/** A posture's sheet as a picture: its end as a figure, and its text beside. */
final class SheetPicture {

    private static final double WIDTH = 900;
    private static final double FIGURE = 300;

    private SheetPicture() {}

    /**
     * {@return the picture}
     *
     * @param like whose style sheets and theme it takes
     */
    static Image of(Parent like, Posture posture, String text, Desk desk) {
        Occurrence done =
                desk.survey().track(posture.id()).orElseThrow().occurrences().getFirst();
        Body body = desk.project().setting().chosenBody();
        FigureView figure = new FigureView();
        figure.setMinSize(FIGURE, FIGURE * 1.5);
        figure.setMaxSize(FIGURE, FIGURE * 1.5);
        Rig rig = Rig.of(done.done().end(), body);
        figure.show(new FigureView.Picture(
                rig, body, desk.project().directions(), Reach.of(Stream.of(rig), body), Words.name(posture)));
        HBox sheet = new HBox(figure, Texts.wrapped(text, "sheet-text"));
        sheet.getStyleClass().addAll("avrel", "sheet-picture");
        sheet.setPrefWidth(WIDTH);
        Scene scene = new Scene(sheet);
        scene.getStylesheets().setAll(like.getScene().getStylesheets());
        sheet.applyCss();
        sheet.layout();
        return sheet.snapshot(new SnapshotParameters(), null);
    }
}
