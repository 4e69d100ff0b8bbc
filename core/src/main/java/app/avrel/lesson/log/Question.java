package app.avrel.lesson.log;

import app.avrel.posture.PostureId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A question that was asked in a lesson.
 *
 * @param posture what it is about; empty where it is about none
 * @param answer empty where it is still open
 */
@RecordBuilder
public record Question(Optional<PostureId> posture, String asked, String answer) implements QuestionBuilder.With {

    public boolean open() {
        return answer.isBlank();
    }
}
