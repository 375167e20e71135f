package mischung.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What is set on the command line.
 *
 * @param data folder that holds the one database file
 * @param demo fill an empty database with the demonstration cases
 * @param demoToday move the demonstration cases by so many days that the first of them is today
 * @param reader {@code simulated}, or the port of this machine at which a colour reader listens
 * @param scale {@code simulated}, or the port at which a scale listens
 * @param hasten how much faster than real the program's clock runs, 1–600; for demonstrations
 * @param hastenFrom when it showed the real time, as 2026-11-25T09:00:00Z; empty: when the program started
 */
@ConfigurationProperties("mischung")
public record Settings(
        Path data, boolean demo, boolean demoToday, String reader, String scale, double hasten, String hastenFrom) {}
