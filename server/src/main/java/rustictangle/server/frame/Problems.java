package rustictangle.server.frame;

import java.util.Comparator;
import java.util.List;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;

/** The one place that turns errors into RFC 9457 problem details, with a list of the fields at fault. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    /** @param message what is wrong with it, what is allowed, how to mend it */
    record FieldProblem(String field, String message) { }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(MethodArgumentNotValidException e,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> fields = e.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldProblem(error.getField(), error.getDefaultMessage()
                        + (error.getRejectedValue() == null ? "" : " You gave " + error.getRejectedValue() + ".")))
                // The validator finds them in any order; the owner reads them in one.
                .sorted(Comparator.comparing(FieldProblem::field))
                .toList();
        return badInput(fields);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(HttpMessageNotReadableException e,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (e.getCause() instanceof JacksonException wrong && !wrong.getPath().isEmpty()) {
            String message = wrong instanceof InvalidFormatException format && format.getTargetType().isEnum()
                    ? "\"" + format.getValue() + "\" is not known here. Allowed: "
                            + List.of(format.getTargetType().getEnumConstants()) + "."
                    : "Cannot be read as what belongs here.";
            return badInput(List.of(new FieldProblem(path(wrong), message)));
        }
        return answer(problem(HttpStatus.BAD_REQUEST, "Not readable",
                "The request is not valid JSON. Nothing was changed."));
    }

    @ExceptionHandler(BadField.class)
    ResponseEntity<Object> badField(BadField e) {
        return badInput(List.of(new FieldProblem(e.field(), e.getMessage())));
    }

    @ExceptionHandler(NotThere.class)
    ResponseEntity<Object> notThere(NotThere e) {
        return answer(problem(HttpStatus.NOT_FOUND, "Not there", e.getMessage()));
    }

    /** The core refuses what does not fit the state of things. */
    @ExceptionHandler(IllegalStateException.class)
    ResponseEntity<Object> doesNotFit(IllegalStateException e) {
        return answer(problem(HttpStatus.CONFLICT, "Does not fit", e.getMessage()));
    }

    /** The core refuses what no valid input can be. */
    @ExceptionHandler(IllegalArgumentException.class)
    ResponseEntity<Object> notAllowed(IllegalArgumentException e) {
        return answer(problem(HttpStatus.BAD_REQUEST, "Not allowed", e.getMessage() + ". Nothing was changed."));
    }

    @ExceptionHandler(DataAccessException.class)
    ResponseEntity<Object> notStored(DataAccessException e) {
        logger.error("The data file did not take it", e);
        return answer(problem(HttpStatus.SERVICE_UNAVAILABLE, "Not stored",
                "The data file did not take it; what was stored before is unchanged. Is the disk full? Try again."));
    }

    private static ResponseEntity<Object> badInput(List<FieldProblem> fields) {
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "Please check what you entered",
                "Nothing was changed.");
        problem.setProperty("fields", fields);
        return answer(problem);
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static ResponseEntity<Object> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
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
