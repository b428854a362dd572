package knollwind.server.web;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells whether the server and its database answer. */
@RestController
class HealthController {
    /** Always "ok"; anything else is a problem detail. */
    record Health(String state) {}

    private final DataSource dataSource;

    HealthController(DataSource dataSource) {
        this.dataSource = dataSource;
    }

    @GetMapping("/api/health")
    Health health() {
        try (Connection connection = dataSource.getConnection()) {
            if (connection.isValid(2)) {
                return new Health("ok");
            }
            throw new DataAccessResourceFailureException("the connection is not valid");
        } catch (SQLException e) {
            throw new DataAccessResourceFailureException("no connection", e);
        }
    }
}
