package knollwind.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** Starts the server on loopback, or a worker, which serves nothing and takes exports from the queue. */
@SpringBootApplication
@EnableConfigurationProperties(Settings.class)
public class App {
    /** The first argument of a worker. */
    static final String WORKER = "worker";

    public static void main(String[] arguments) throws InterruptedException {
        SpringApplication application = new SpringApplication(App.class);
        if (arguments.length > 0 && arguments[0].equals(WORKER)) {
            application.setWebApplicationType(WebApplicationType.NONE);
            // Of all that there is it needs little, and what it needs asks for the rest.
            application.setLazyInitialization(true);
            DatabaseWait.forIt();
        }
        application.run(arguments);
    }
}
