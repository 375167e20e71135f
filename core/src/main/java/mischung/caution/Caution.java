package mischung.caution;

/**
 * Something that can hurt someone.
 *
 * @param sentence what to do, in one or two sentences
 * @param lifts what settles it
 */
public record Caution(Strength strength, String title, String sentence, String lifts) {
    /** How strongly it speaks. */
    public enum Strength {
        REMIND,
        WARN
    }
}
