package mischung.server;

import java.io.IOException;

/** More was sent than any case can hold. */
public final class BodyTooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    private final long limitBytes;

    BodyTooLarge(long limitBytes) {
        super("More than " + limitBytes + " bytes were sent");
        this.limitBytes = limitBytes;
    }

    public long limitBytes() {
        return limitBytes;
    }
}
