package mischung.server.words;

import java.util.Locale;

/** Languages the program speaks, each with its own way to write days and numbers. */
public enum Language {
    EN(Locale.UK),
    DE(Locale.GERMANY);

    private final Locale locale;

    Language(Locale locale) {
        this.locale = locale;
    }

    public Locale locale() {
        return locale;
    }

    /** The one that is spoken there; English where none of them is. */
    public static Language of(Locale locale) {
        return locale.getLanguage().equals(Locale.GERMAN.getLanguage()) ? DE : EN;
    }
}
