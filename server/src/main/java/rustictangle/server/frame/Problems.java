package rustictangle.server.frame;

import jakarta.servlet.http.HttpServletRequest;
import java.io.UncheckedIOException;
import java.net.URI;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import rustictangle.core.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * The one place that turns errors into RFC 9457 problem details.
 *
 * <p>The type says whose it is: {@link #REFUSED}, what was said cannot be, and saying it again will not help; {@link
 * #BUSY}, the same again will do; {@link #DEFECT}, ours, with an id that is in the log, too.
 */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {

    public static final URI REFUSED = URI.create("urn:rustic-tangle:refused");
    public static final URI BUSY = URI.create("urn:rustic-tangle:busy");
    static final URI FILE_GONE = URI.create("urn:rustic-tangle:file-gone");
    static final URI DEFECT = URI.create("urn:rustic-tangle:defect");
    /** Long enough for whoever writes just now, short enough for an owner who waits. Seconds. */
    private static final int RETRY_AFTER = 2;

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");

    /** @param message what is wrong with it, what is allowed, how to mend it */
    record FieldProblem(String field, String message) {}

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> fields = e.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldProblem(
                        error.getField(),
                        error.getDefaultMessage()
                                + (error.getRejectedValue() == null
                                        ? ""
                                        : " You gave " + shortened(error.getRejectedValue()) + ".")))
                // The validator finds them in any order; the owner reads them in one.
                .sorted(Comparator.comparing(FieldProblem::field))
                .toList();
        return badInput(fields);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyLimit.TooLarge large) {
                return answer(large.problem());
            }
            if (cause instanceof Refused refused) {
                return refused(refused);
            }
        }
        if (e.getCause() instanceof JacksonException wrong && !wrong.getPath().isEmpty()) {
            return badInput(List.of(new FieldProblem(path(wrong), message(wrong))));
        }
        return answer(problem(
                HttpStatus.BAD_REQUEST,
                REFUSED,
                "Not readable",
                "The request is not valid JSON. Nothing was changed."));
    }

    private static String message(JacksonException wrong) {
        if (wrong instanceof UnrecognizedPropertyException) {
            return "There is no such field here; leave it out.";
        }
        if (!(wrong instanceof MismatchedInputException mismatch) || mismatch.getTargetType() == null) {
            return "This cannot be read; is it whole?";
        }
        Class<?> type = mismatch.getTargetType();
        if (wrong instanceof InvalidFormatException format) {
            return "\"" + shortened(format.getValue()) + "\" is not known here. " + Expected.of(type);
        }
        return (type.isPrimitive() && String.valueOf(wrong.getOriginalMessage()).contains("null") ? "Missing. " : "")
                + Expected.of(type);
    }

    /** A path or query value that is not what belongs there. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field = e instanceof MethodArgumentTypeMismatchException argument
                ? argument.getName()
                : String.valueOf(e.getPropertyName());
        Class<?> type = e.getRequiredType() == null ? String.class : e.getRequiredType();
        if (e instanceof MethodArgumentTypeMismatchException argument && !type.isEnum()) {
            type = argument.getParameter().nested().getNestedParameterType();
        }
        return badInput(List.of(
                new FieldProblem(field, "\"" + shortened(e.getValue()) + "\" cannot be. " + Expected.of(type))));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Class<?> type = e.getMethodParameter() == null
                ? String.class
                : e.getMethodParameter().getParameterType();
        return badInput(List.of(new FieldProblem(e.getParameterName(), "Missing. " + Expected.of(type))));
    }

    @ExceptionHandler(Refused.class)
    ResponseEntity<Object> refused(Refused e) {
        return e.field()
                .map(field -> badInput(List.of(new FieldProblem(field, words(e)))))
                .orElseGet(() -> answer(problem(HttpStatus.CONFLICT, REFUSED, "Does not fit", words(e))));
    }

    @ExceptionHandler(NotThere.class)
    ResponseEntity<Object> notThere(NotThere e) {
        return answer(problem(HttpStatus.NOT_FOUND, REFUSED, "Not there", words(e)));
    }

    @ExceptionHandler(BodyLimit.TooLarge.class)
    ResponseEntity<Object> tooLarge(BodyLimit.TooLarge e) {
        return answer(e.problem());
    }

    @ExceptionHandler(Busy.class)
    ResponseEntity<Object> busy(Busy e) {
        return again(problem(HttpStatus.SERVICE_UNAVAILABLE, BUSY, "Not now", words(e)));
    }

    @ExceptionHandler(FileGone.class)
    ResponseEntity<Object> fileGone(FileGone e) {
        LOG.error("Nothing more is written: {}", e.getMessage());
        return again(problem(HttpStatus.SERVICE_UNAVAILABLE, FILE_GONE, "Not stored", words(e)));
    }

    /** A full disk may be met beside the data file, too. */
    @ExceptionHandler(UncheckedIOException.class)
    @Nullable
    ResponseEntity<Object> notWritten(UncheckedIOException e, HttpServletRequest request) {
        return Trouble.of(e) == Trouble.OURS ? defect(e, request) : notStored(e, request);
    }

    @ExceptionHandler(DataAccessException.class)
    @Nullable
    ResponseEntity<Object> notStored(RuntimeException e, HttpServletRequest request) {
        Trouble trouble = Trouble.of(e);
        if (trouble == Trouble.OURS) {
            return defect(e, request);
        }
        LOG.error("The data file did not do what was asked: {}", trouble.words(), e);
        return again(problem(
                trouble.status(),
                trouble == Trouble.DAMAGED ? DEFECT : BUSY,
                "Not stored",
                "The data file cannot be used: "
                        + trouble.words() + ". Nothing was changed; what was stored before is kept."
                        + (trouble == Trouble.DAMAGED
                                ? " Put a copy back, see the settings."
                                : " Try again when that is mended.")));
    }

    /** A defect of ours, whatever its kind. */
    @ExceptionHandler(Exception.class)
    @Nullable
    ResponseEntity<Object> defect(Exception e, HttpServletRequest request) {
        if (e instanceof ClientAbortException) {
            // Nobody is there to read an answer.
            return null;
        }
        String id = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Defect {} at {} {}", id, request.getMethod(), request.getRequestURI(), e);
        ProblemDetail problem = problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                DEFECT,
                "A defect of Rustic Tangle",
                "This went wrong on our side, not on yours. What was stored before is kept. The log tells more under "
                        + id + ".");
        problem.setProperty("id", id);
        return answer(problem);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception e, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (status.is5xxServerError() && request instanceof ServletWebRequest web) {
            return defect(e, web.getRequest());
        }
        return super.handleExceptionInternal(e, body, headers, status, request);
    }

    /** What was said when it was thrown. */
    static String words(Exception e) {
        return Objects.requireNonNullElse(e.getMessage(), "");
    }

    private static ResponseEntity<Object> badInput(List<FieldProblem> fields) {
        ProblemDetail problem =
                problem(HttpStatus.BAD_REQUEST, REFUSED, "Please check what you entered", "Nothing was changed.");
        problem.setProperty("fields", fields);
        return answer(problem);
    }

    public static ProblemDetail problem(HttpStatus status, URI type, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(type);
        problem.setTitle(title);
        problem.setProperty("version", Version.TEXT);
        return problem;
    }

    private static ResponseEntity<Object> again(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(RETRY_AFTER))
                .body(problem);
    }

    private static ResponseEntity<Object> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private static String shortened(@Nullable Object value) {
        String text = String.valueOf(value);
        return text.length() <= 60 ? text : text.substring(0, 60) + "…";
    }

    private static String path(JacksonException wrong) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference part : wrong.getPath()) {
            if (part.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(part.getPropertyName());
            } else {
                path.append('[').append(part.getIndex()).append(']');
            }
        }
        return path.toString();
    }
}
