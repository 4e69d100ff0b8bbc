package app.avrel.desktop.postures;

import app.avrel.desktop.session.Session;
import app.avrel.posture.Posture;
import app.avrel.words.SheetText;
import javafx.scene.Parent;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/** Copies the chosen posture's sheet for another program. */
final class SheetCopy {

    private SheetCopy() {}

    static void text(Session session) {
        session.desk().get().posture().ifPresent(posture -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(words(session, posture));
            Clipboard.getSystemClipboard().setContent(content);
        });
    }

    static void picture(Session session, Parent like) {
        session.desk().get().posture().ifPresent(posture -> {
            ClipboardContent content = new ClipboardContent();
            content.putImage(SheetPicture.of(
                    like, posture, words(session, posture), session.desk().get()));
            Clipboard.getSystemClipboard().setContent(content);
        });
    }

    private static String words(Session session, Posture posture) {
        return new SheetText(session.desk().get().saying()).of(posture);
    }
}
