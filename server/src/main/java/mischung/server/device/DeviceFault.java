package mischung.server.device;

import mischung.said.Said;

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
    private final transient Said said;

    DeviceFault(Kind kind, Said said) {
        super(said.text());
        this.kind = kind;
        this.said = said;
    }

    public Kind kind() {
        return kind;
    }

    /** What is wrong and what to do. */
    public Said said() {
        return said;
    }
}
