package mischung.server.store;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;

/**
 * A transaction that could not begin, since another program held the database for longer than was waited, leaves a connection
 * behind that believes itself within one: what is written on it next is kept at once, and then said not to be. Such a connection is
 * not used again.
 */
public final class LeftHanging implements SQLExceptionOverride {
    private static final int PRIMARY = 0xff;

    /** SQLITE_BUSY (sqlite.org, Result and Error Codes). */
    private static final int BUSY = 5;

    @java.lang.Override
    public Override adjudicate(SQLException wrong) {
        return (wrong.getErrorCode() & PRIMARY) == BUSY ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
