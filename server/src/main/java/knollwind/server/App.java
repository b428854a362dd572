package knollwind.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** Starts the server on loopback. */
@SpringBootApplication
@EnableConfigurationProperties(Settings.class)
public class App {
    public static void main(String[] arguments) {
        SpringApplication.run(App.class, arguments);
    }
}
