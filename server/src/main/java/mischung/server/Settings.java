package mischung.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What is set on the command line.
 *
 * @param data folder that holds the one database file
 * @param demo fill an empty database with the demonstration cases
 */
@ConfigurationProperties("mischung")
public record Settings(Path data, boolean demo) {}
