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
 */
@ConfigurationProperties("mischung")
public record Settings(Path data, boolean demo, boolean demoToday, String reader) {}
