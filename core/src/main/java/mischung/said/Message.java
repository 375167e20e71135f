package mischung.said;

import java.util.Set;

/** One of the messages there are. Its key is kept with what somebody signed, so it stays as it is. */
public interface Message {
    /** "caution.PATCH_TOO_OLD". */
    String key();

    /** Names of the figures it is said with, such as {@code weeks}; empty where it needs none. */
    Set<String> figures();

    /** To be given its figures. */
    default Saying say() {
        return new Saying(this);
    }

    /** Said as it is, within another. */
    default Figure figure() {
        return new Figure.Part(alone());
    }

    /** Said as it is: it needs no figures. */
    default Said alone() {
        return Said.of(this);
    }
}
