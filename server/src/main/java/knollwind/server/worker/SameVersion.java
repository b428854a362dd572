package knollwind.server.worker;

import org.flywaydb.core.api.FlywayException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnNotWebApplication;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** A worker changes no database: it asks whether it is of the same version as the server that made it. */
@Configuration
@ConditionalOnNotWebApplication
class SameVersion {
    @Bean
    FlywayMigrationStrategy onlyLook() {
        return flyway -> {
            try {
                flyway.validate();
            } catch (FlywayException e) {
                throw new IllegalStateException(
                        "The database is of another version of Knollwind than this worker, or no server has used it yet."
                                + " Start the server first, and bring server and workers to the same version.",
                        e);
            }
        };
    }
}
