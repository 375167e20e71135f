package mischung.server.device;

/** A device did not give a reading. */
public final class DeviceFault extends Exception {
    private static final long serialVersionUID = 1L;

    /** What went wrong. */
    public enum Kind {
        /** Nobody is at its address. */
        ABSENT,
        /** It is there and says nothing. */
        SILENT,
        /** What it says cannot be understood. */
        GARBLED,
        /** It was cut off in the middle. */
        UNPLUGGED,
        /** It says itself why it cannot. */
        REFUSED
    }

    private final Kind kind;

    DeviceFault(Kind kind, String words) {
        super(words);
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    public String words() {
        return String.valueOf(getMessage());
    }
}
