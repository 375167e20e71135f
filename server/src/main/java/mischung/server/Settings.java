package mischung.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What is set on the command line.
 *
 * @param data folder that holds the one database file
 * @param copies folder for safety copies, better on another disk; empty: {@code copies} in the data folder
 * @param restore a safety copy that takes the database's place before it is opened; empty: none
 * @param housePort at which devices of the house are answered once their network is let in; 0: a free one
 * @param certificate a certificate of the house's own as a PEM file; empty: the program makes one
 * @param certificateKey the key to it as a PEM file
 * @param withoutNames people no longer say who they are, for an owner who has forgotten the PIN
 * @param demo fill an empty database with the demonstration cases
 * @param demoToday move the demonstration cases by so many days that the first of them is today
 * @param mostMegabytes the database may take; 0: as much as the disk has
 * @param start when the program's clock begins, as 2026-11-25T09:00:00Z, to try a day out; empty: as the computer's
 * @param reader the port of this machine at which a colour reader listens, or {@code simulated}; empty: none, but in the
 *     demonstration
 * @param scale the port at which a scale listens, or {@code simulated}; empty: none, but in the demonstration
 * @param ahead think today's visits through once the program has started
 * @param hasten how much faster than real the program's clock runs, 1–600; for demonstrations
 * @param hastenFrom when it showed the real time, as 2026-11-25T09:00:00Z; empty: when the program started
 */
@ConfigurationProperties("mischung")
public record Settings(
        Path data,
        String copies,
        String restore,
        int housePort,
        String certificate,
        String certificateKey,
        boolean withoutNames,
        boolean demo,
        boolean demoToday,
        int mostMegabytes,
        String start,
        String reader,
        String scale,
        boolean ahead,
        double hasten,
        String hastenFrom) {
    /** What speaks for a device that is made of software. */
    public static final String SIMULATED = "simulated";

    /** Where safety copies lie. */
    public Path copiesIn() {
        return copies.isEmpty()
                ? data.toAbsolutePath().resolve("copies")
                : Path.of(copies).toAbsolutePath();
    }

    /** The port of the colour reader, {@value #SIMULATED}, or nothing where none is set up. */
    public String readerAt() {
        return at(reader);
    }

    /** The same of the scale. */
    public String scaleAt() {
        return at(scale);
    }

    /** Only the demonstration has stand-ins of itself: at work a made-up weight would be booked as a real one. */
    private String at(String set) {
        return set.isEmpty() && demo ? SIMULATED : set;
    }
}
