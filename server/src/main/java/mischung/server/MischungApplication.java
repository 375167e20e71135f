package mischung.server;

import java.time.Clock;
import java.time.ZoneId;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** {@code java -jar mischung.jar --mischung.data=DIR [--mischung.port=8080] [--mischung.demo=true]}. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class MischungApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(MischungApplication.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }
}
