package mischung.server.access;

/**
 * What may be asked of the API.
 *
 * @param method GET, POST, PUT or DELETE
 * @param pattern of the address, with the names of its parts in braces
 * @param least who may
 * @param from where
 * @param trail what the trail keeps of it
 */
public record Operation(String method, String pattern, Role least, From from, Trail trail) {
    /** From which screens. */
    public enum From {
        /** The machine the program runs on, and no other. */
        MAIN,
        /** That and every paired device. */
        ANYWHERE
    }

    /** What was done to what somebody keeps here. */
    public enum Trail {
        NOTHING,
        SAW,
        CHANGED,
        EXPORTED,
        ERASED
    }

    /** As it stands in the trail. */
    public String name() {
        return method + " " + pattern;
    }
}
