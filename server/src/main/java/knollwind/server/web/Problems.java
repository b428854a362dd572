package knollwind.server.web;

import java.io.EOFException;
import java.io.IOException;
import java.util.stream.Collectors;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.document.DocumentException;
import knollwind.core.document.ReadingFault;
import knollwind.server.project.ConflictException;
import knollwind.server.project.DamagedException;
import knollwind.server.project.MissingException;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;

/** Faults as problem details (RFC 9457), with a sentence that says what is wrong and what to do. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail document(DocumentException e) {
        ProblemDetail problem = of(HttpStatus.UNPROCESSABLE_CONTENT, sentence(e.reason()));
        problem.setProperty("path", e.path());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail direction(DirectionException e) {
        ProblemDetail problem = of(HttpStatus.UNPROCESSABLE_CONTENT, sentence(e.getMessage()));
        problem.setProperty("position", e.position());
        problem.setProperty("end", e.end());
        problem.setProperty("suggestions", e.suggestions());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail refused(IllegalArgumentException e) {
        return of(HttpStatus.UNPROCESSABLE_CONTENT, sentence(e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail conflict(ConflictException e) {
        ProblemDetail problem = of(HttpStatus.CONFLICT, e.getMessage());
        problem.setProperty("revision", e.revision());
        problem.setProperty("document", e.document());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail damaged(DamagedException e) {
        return of(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail missing(MissingException e) {
        return of(HttpStatus.NOT_FOUND, e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail nowhere(NoResourceFoundException e) {
        return of(HttpStatus.NOT_FOUND, "There is nothing at this address.");
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException e) {
        Throwable cause = e.getMostSpecificCause();
        if (cause instanceof IllegalArgumentException) {
            return of(HttpStatus.UNPROCESSABLE_CONTENT, sentence(cause.getMessage()));
        }
        String reason = e.getCause() instanceof JacksonException fault
                ? ReadingFault.words(fault)
                : "its body is missing or broken off";
        return of(HttpStatus.BAD_REQUEST, sentence("the request cannot be read: " + reason));
    }

    /** A body that was broken off before it was whole. */
    @ExceptionHandler({ClientAbortException.class, EOFException.class})
    ProblemDetail brokenOff(IOException e) {
        LOG.debug("A request was broken off", e);
        return of(HttpStatus.BAD_REQUEST, "The request was broken off before all of it had come.");
    }

    /** A method, a type of content or a parameter that the address does not take. */
    @ExceptionHandler
    ProblemDetail method(HttpRequestMethodNotSupportedException e) {
        return of(HttpStatus.METHOD_NOT_ALLOWED, "This address does not take " + e.getMethod() + " requests.");
    }

    @ExceptionHandler
    ProblemDetail type(HttpMediaTypeNotSupportedException e) {
        return of(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                "This address does not take bodies of the type "
                        + (e.getContentType() == null ? "that was sent" : e.getContentType()) + ".");
    }

    @ExceptionHandler
    ProblemDetail answer(HttpMediaTypeNotAcceptableException e) {
        return of(HttpStatus.NOT_ACCEPTABLE, "This address does not answer in the form that was asked for.");
    }

    @ExceptionHandler
    ProblemDetail parameter(MissingServletRequestParameterException e) {
        return of(HttpStatus.BAD_REQUEST, "The parameter '" + e.getParameterName() + "' is missing.");
    }

    @ExceptionHandler
    ProblemDetail wrong(MethodArgumentTypeMismatchException e) {
        return of(HttpStatus.BAD_REQUEST, "'" + e.getValue() + "' cannot stand for " + e.getName() + ".");
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException e) {
        return of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                e.getFieldErrors().stream()
                        .map(error -> error.getField() + " " + error.getDefaultMessage())
                        .sorted()
                        .collect(Collectors.joining("; ", "", ".")));
    }

    /** The database is there but refuses what it is given: trying again would not help. */
    @ExceptionHandler
    ProblemDetail refusedByDatabase(DataIntegrityViolationException e) {
        LOG.warn("The database refused a value: {}", e.getMostSpecificCause().getMessage());
        return of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This cannot be stored: it holds a character that no text may hold, is too long, or is there already.");
    }

    /** The database cannot be reached or gave up: nothing was saved, and trying again later is right. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail database(Exception e) {
        LOG.warn("The database could not be used: {}", e.getMessage());
        return of(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database does not answer. Your change is kept in this page and saved as soon as it is back.");
    }

    /** The page has gone away in the middle of an answer; there is no one to tell. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException e) {
        LOG.debug("A page went away", e);
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        if (e instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            return of(HttpStatus.valueOf(known.getStatusCode().value()), "The request cannot be answered as it is.");
        }
        LOG.error("Unexpected fault", e);
        return of(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong inside the server; its log says what.");
    }

    private static ProblemDetail of(HttpStatus status, String detail) {
        return ProblemDetail.forStatusAndDetail(status, detail);
    }

    private static String sentence(String reason) {
        String text = reason == null || reason.isBlank() ? "the request was refused" : reason;
        String capital = text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
        return capital.endsWith(".") ? capital : capital + ".";
    }
}
