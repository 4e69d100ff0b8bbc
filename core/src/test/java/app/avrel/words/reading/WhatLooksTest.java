package app.avrel.words.reading;

import app.avrel.label.Language;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** "With the palm looking out": it is the palm that faces there, or the fingers that point, and the eyes do nothing. */
class WhatLooksTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ENGLISH | right hand in front of the chest with the palm looking to the left | right hand, at the chest, centre line, palm to the left
            ENGLISH | right hand at the chest with the fingers looking up | right hand, at the chest, fingers up
            SPANISH | la mano derecha queda delante del pecho con la palma mirando al frente | right hand, at the chest, centre line, palm forward
            SPANISH | mano derecha al pecho con los dedos mirando arriba | right hand, at the chest, fingers up
            SPANISH | la rodilla izquierda sube con la punta del pie mirando abajo | lift the left knee, toes hanging
            CHINESE | 右手放在胸前，掌心看着身体 | right hand, at the chest, centre line, palm in
            """)
    void aPalmThatLooksFacesThere(Language language, String typed, String canonical) {
        Typed.assertRecords(language, typed, canonical);
    }
}
