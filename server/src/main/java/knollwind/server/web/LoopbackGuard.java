package knollwind.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Optional;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.server.files.UploadKind;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what comes from this machine's own pages: a foreign Host (a name made to point here) and a foreign Origin
 * (another site's page) are refused, and so are bodies above the limits.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackGuard extends OncePerRequestFilter {
    private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]", "::1");

    /** Bytes: many times the largest document of the demo; what is larger is no patch. */
    private static final long MOST_JSON = 8L << 20;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!HERE.contains(request.getServerName())) {
            refuse(response, HttpStatus.FORBIDDEN, "Requests must be addressed to 127.0.0.1 or localhost.");
            return;
        }
        String origin = request.getHeader("Origin");
        if (origin != null && !isHere(origin, request.getServerPort())) {
            refuse(response, HttpStatus.FORBIDDEN, "Requests from pages of other addresses are refused.");
            return;
        }
        Optional<UploadKind> upload = UploadKind.at(request.getRequestURI());
        if (request.getRequestURI().equals("/error")) {
            // The container's own page of faults is none that can be asked for.
            refuse(response, HttpStatus.NOT_FOUND, "There is nothing at this address.");
            return;
        }
        boolean body =
                !request.getMethod().equals("GET") && !request.getMethod().equals("HEAD");
        if (body
                && request.getContentLengthLong() < 0
                && request.getHeader("Transfer-Encoding") != null
                && upload.isEmpty()) {
            refuse(response, HttpStatus.LENGTH_REQUIRED, "Say how long the request is (Content-Length).");
            return;
        }
        if (request.getContentLengthLong() > upload.map(UploadKind::most).orElse(MOST_JSON)) {
            refuse(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    upload.map(kind -> "A file of this kind may have at most " + kind.megabytes() + " MB.")
                            .orElse("A request may have at most 8 MB."));
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean isHere(String origin, int port) {
        try {
            URI uri = URI.create(origin);
            // An opaque origin, "null" for instance, has no host.
            return "http".equals(uri.getScheme())
                    && uri.getHost() != null
                    && HERE.contains(uri.getHost())
                    && uri.getPort() == port;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(DocumentJson.MAPPER.writeValueAsBytes(ProblemDetail.forStatusAndDetail(status, detail)));
    }
}
