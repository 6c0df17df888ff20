package wrenlane.server.http;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
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
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import wrenlane.finding.Finding;

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

    @ExceptionHandler
    ProblemDetail tooLarge(TooLargeException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, message(e));
    }

    /** SQLite reports a foreign key it would break in words only. */
    @ExceptionHandler
    ProblemDetail data(DataAccessException e) {
        if (String.valueOf(NestedExceptionUtils.getMostSpecificCause(e).getMessage())
                .contains("FOREIGN KEY")) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.CONFLICT, "This is still used elsewhere, or refers to something that is not there.");
        }
        return unexpected(e);
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
                .map(f -> new Finding("not-valid", f.getField(), f.getField() + " " + f.getDefaultMessage() + "."))
                .toList();
        return handleExceptionInternal(e, withFindings(findings), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (NestedExceptionUtils.getMostSpecificCause(e) instanceof TooLargeException tooLarge) {
            return handleExceptionInternal(e, tooLarge(tooLarge), headers, HttpStatus.CONTENT_TOO_LARGE, request);
        }
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, unreadable(e.getCause()));
        return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    private static String unreadable(@Nullable Throwable cause) {
        if (cause instanceof InvalidFormatException format
                && format.getTargetType().isEnum()) {
            return place(format) + " must be one of "
                    + Arrays.stream(format.getTargetType().getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "))
                    + ".";
        }
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return place(unknown) + " is not known here.";
        }
        if (cause instanceof DatabindException binding) {
            return place(binding) + " is not what is expected there.";
        }
        return "The request is not the JSON expected here.";
    }

    private static String place(DatabindException e) {
        String path = e.getPath().stream()
                .map(p -> p.getPropertyName() == null ? "[" + p.getIndex() + "]" : p.getPropertyName())
                .collect(Collectors.joining("."));
        return path.isEmpty() ? "The request" : path;
    }

    private static ProblemDetail withFindings(List<Finding> findings) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                findings.stream().map(Finding::message).collect(Collectors.joining(" ")));
        problem.setProperty("findings", findings);
        return problem;
    }

    private static String message(Exception e) {
        return String.valueOf(e.getMessage());
    }
}
