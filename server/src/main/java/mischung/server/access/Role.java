package mischung.server.access;

/** What somebody does here; each may all that the one before may. */
public enum Role {
    /** Nobody has said who works at this screen. */
    ANYBODY,
    ASSISTANT,
    COLOURIST,
    OWNER
}
