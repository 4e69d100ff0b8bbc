package app.avrel.lesson;

/** From where a class looks at the one who shows. */
public enum SeenFrom {
    FRONT,
    BEHIND,
    LEFT,
    RIGHT
}
