package app.avrel.lesson;

import app.avrel.label.Language;
import app.avrel.lesson.course.TeachingFactors;
import app.avrel.words.Wording;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What a lesson is worked out from.
 *
 * @param wording the house's words, as the form stands in the hall
 * @param language in which it is said
 * @param factors what teaching takes
 */
@RecordBuilder
public record Teaching(FormDone done, Wording wording, Language language, TeachingFactors factors)
        implements TeachingBuilder.With {}
