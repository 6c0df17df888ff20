package wrenlane.server.platform.problem;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
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
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.ServletRequestBindingException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import wrenlane.finding.Finding;
import wrenlane.server.platform.http.ReaderUnits;
import wrenlane.server.platform.storage.NotACopyException;
import wrenlane.server.platform.storage.SqliteTrouble;
import wrenlane.server.platform.storage.StartException;
import wrenlane.server.platform.storage.UnavailableException;

/** Turns everything that can go wrong into a problem document (RFC 9457), never a stack trace. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ProblemDetail refused(RefusedException e) {
        return withFindings(e.findings());
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFoundException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, message(e));
    }

    @ExceptionHandler
    ProblemDetail conflict(ConflictException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, message(e));
    }

    /** Both states, so that a person can choose. */
    @ExceptionHandler
    ProblemDetail changed(ChangedException e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.PRECONDITION_FAILED, message(e));
        problem.setProperty("current", e.current());
        e.wanted().forEach(wanted -> problem.setProperty("wanted", wanted));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail tooLarge(TooLargeException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, message(e));
    }

    @ExceptionHandler
    ProblemDetail tooSlow(TooSlowException e) {
        LOG.debug("Too slow", e);
        return ProblemDetail.forStatusAndDetail(HttpStatus.REQUEST_TIMEOUT, StatusWords.of(408));
    }

    @ExceptionHandler
    ProblemDetail unavailable(UnavailableException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, message(e));
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail data(Exception e) {
        Optional<SqliteTrouble> trouble = SqliteTrouble.of(e);
        if (trouble.isEmpty()) {
            return unexpected(e);
        }
        return ProblemDetail.forStatusAndDetail(
                status(trouble.get()), trouble.get().sentence());
    }

    /** What a file of copies is not: said in the sentence that names it. */
    @ExceptionHandler
    ProblemDetail copies(StartException e) {
        if (e instanceof NotACopyException) {
            return withFindings(List.of(new Finding("not-a-copy", "copy", message(e))));
        }
        HttpStatus status = SqliteTrouble.of(e).map(ProblemHandler::status).orElse(HttpStatus.SERVICE_UNAVAILABLE);
        LOG.warn("Copies", e);
        return ProblemDetail.forStatusAndDetail(status, message(e));
    }

    private static HttpStatus status(SqliteTrouble trouble) {
        return switch (trouble) {
            case REFERENCE -> HttpStatus.CONFLICT;
            case FULL -> HttpStatus.INSUFFICIENT_STORAGE;
            case BUSY, READ_ONLY, UNREADABLE -> HttpStatus.SERVICE_UNAVAILABLE;
        };
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(BusyException e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.after().toSeconds()))
                .body(ProblemDetail.forStatusAndDetail(HttpStatus.TOO_MANY_REQUESTS, message(e)));
    }

    /** Who sent the newer request does not read this one; anybody else is told why it ended. */
    @ExceptionHandler
    ProblemDetail gone(GoneException e) {
        LOG.debug("Gone", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "A newer request of the same page took the place of this one.");
    }

    /** What stands behind the question mark of the address is not text. */
    @ExceptionHandler
    ProblemDetail address(InvalidParameterException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, StatusWords.of(400));
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        LOG.error("Unexpected", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here; nothing was stored. Try again.");
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Finding> findings = e.getBindingResult().getFieldErrors().stream()
                .map(error -> finding(error, e.getParameter().getParameterType()))
                .toList();
        return handleExceptionInternal(e, withFindings(findings), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
    }

    /** The core's own sentences are whole; those of a constraint go on from the field's name. */
    private static Finding finding(FieldError error, Class<?> body) {
        String said = String.valueOf(error.getDefaultMessage());
        String field = fieldInJson(error.getField(), body);
        return new Finding("not-valid", field, said.endsWith(".") ? said : field + " " + said + ".");
    }

    /** Drops the name of a part whose fields stand beside the others in the JSON. */
    private static String fieldInJson(String path, Class<?> body) {
        int dot = path.indexOf('.');
        boolean isUnwrapped = dot > 0
                && body.isRecord()
                && Arrays.stream(body.getRecordComponents())
                        .filter(c -> c.getName().equals(path.substring(0, dot)))
                        .anyMatch(c -> c.getAccessor().isAnnotationPresent(JsonUnwrapped.class));
        return isUnwrapped ? path.substring(dot + 1) : path;
    }

    /** What is changed or deleted has to be named with the version that was read. */
    @Override
    protected @Nullable ResponseEntity<Object> handleServletRequestBindingException(
            ServletRequestBindingException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (e instanceof MissingRequestHeaderException missing
                && missing.getHeaderName().equals(HttpHeaders.IF_MATCH)) {
            ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                    HttpStatus.PRECONDITION_REQUIRED,
                    "Say in If-Match which version was read: the ETag of what is changed or deleted.");
            return handleExceptionInternal(e, problem, headers, HttpStatus.PRECONDITION_REQUIRED, request);
        }
        return super.handleServletRequestBindingException(e, headers, status, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "The address must say " + e.getParameterName() + ".");
        return handleExceptionInternal(e, problem, headers, status, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String what = e instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : "The address";
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, what + " must be " + JsonErrorDescriber.expected(e.getRequiredType()) + ".");
        return handleExceptionInternal(e, problem, headers, status, request);
    }

    /** Whatever Spring itself refuses is said in words of ours, and nothing of the request is said back. */
    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception e, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Object said = body instanceof ProblemDetail
                ? body
                : ProblemDetail.forStatusAndDetail(status, StatusWords.of(status.value()));
        return super.handleExceptionInternal(e, said, headers, status, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, JsonErrorDescriber.said(e.getCause()));
        return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    private static ProblemDetail withFindings(List<Finding> findings) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                findings.stream().map(Finding::message).map(ReaderUnits::said).collect(Collectors.joining(" ")));
        problem.setProperty("findings", findings);
        return problem;
    }

    private static String message(Exception e) {
        return String.valueOf(e.getMessage());
    }
}
