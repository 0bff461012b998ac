package org.civitane.server.platform;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.MismatchedInputException;

/**
 * Turns failures into problem details (RFC 9457); the log has the cause, never personal data. Whatever the one who asks
 * did wrong is told to them, at its field where there is one.
 */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private final Texts texts;

    Problems(Texts texts) {
        this.texts = texts;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> known(Problem problem) {
        ResponseEntity<ProblemDetail> answer = answer(problem.status(), ProblemText.detail(problem));
        String after = problem.more().get(Problem.RETRY_AFTER);
        return after == null
                ? answer
                : ResponseEntity.status(answer.getStatusCode())
                        .headers(answer.getHeaders())
                        .header(HttpHeaders.RETRY_AFTER, after)
                        .body(answer.getBody());
    }

    /** Whoever asked is gone, so there is nobody to tell. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, ClientAbortException.class})
    void gone(IOException e) {
        LOG.debug("The other side closed the connection: {}", e.getMessage());
    }

    /** Two at once: one was first, by version, by lock, or by what may be there only once. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> changedMeanwhile(ConcurrencyFailureException e) {
        return known(Problem.conflict("changed-meanwhile", Phrase.of("problem.changed-meanwhile")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> doesNotFit(DataIntegrityViolationException e) {
        String state =
                NestedExceptionUtils.getMostSpecificCause(e) instanceof SQLException sql && sql.getSQLState() != null
                        ? sql.getSQLState()
                        : "";
        if (state.equals("23505")) {
            return known(Problem.conflict("changed-meanwhile", Phrase.of("problem.changed-meanwhile")));
        }
        LOG.error("The database refused what should have been refused before, {}", state);
        return state.startsWith("22") ? known(Problem.invalid("", Phrase.of("problem.unreadable"))) : unexpected(e);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> invalid(MethodArgumentNotValidException e) {
        FieldError first =
                e.getBindingResult().getFieldErrors().stream().findFirst().orElse(null);
        return first == null
                ? known(Problem.invalid("", Phrase.of("problem.unreadable")))
                : known(Problem.invalid(asPath(first.getField()), Phrase.text(words(first))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> invalid(HandlerMethodValidationException e) {
        String path = e.getParameterValidationResults().stream()
                .map(result -> Optional.ofNullable(result.getMethodParameter().getParameterName())
                        .orElse(""))
                .findFirst()
                .orElse("");
        return known(Problem.invalid(
                path,
                e.getAllErrors().stream()
                        .map(this::words)
                        .map(Phrase::text)
                        .findFirst()
                        .orElse(Phrase.of("problem.unreadable"))));
    }

    /** A part of the address that cannot name anything names nothing; another value is wrong where it stands. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> mismatch(MethodArgumentTypeMismatchException e) {
        return e.getParameter().hasParameterAnnotation(PathVariable.class)
                ? known(Problem.notFound(Phrase.of("problem.nothing-there")))
                : known(Problem.invalid(e.getName(), Phrase.of("problem.field.type")));
    }

    /** What stands in an address is no text. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> undecodable(InvalidParameterException e) {
        return known(Problem.unreadable(Phrase.of("problem.unreadable")));
    }

    /** What is JSON but not what was expected is wrong at its field; the rest is wrong as a whole. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException e) {
        if (e.getCause() instanceof MismatchedInputException mismatch
                && !mismatch.getPath().isEmpty()) {
            Class<?> wanted = mismatch.getTargetType();
            String kind = wanted == null ? "type" : wanted.getSimpleName().toLowerCase(Locale.ROOT);
            return known(Problem.invalid(
                    pathOf(mismatch), Phrase.text(texts.sayOr("problem.field." + kind, "problem.field.type"))));
        }
        return known(Problem.unreadable(Phrase.of("problem.unreadable")));
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class,
        QueryTimeoutException.class,
        JpaSystemException.class
    })
    ResponseEntity<ProblemDetail> outOfReach(Exception e) {
        LOG.error("The database is out of reach", WithoutWords.of(e));
        HttpStatus status = HttpStatus.SERVICE_UNAVAILABLE;
        return ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, OutOfReach.RETRY_AFTER)
                .contentType(ProblemText.TYPE)
                .body(ProblemText.detail(status));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> denied(AccessDeniedException e) {
        return known(Problem.forbidden(Phrase.text(ProblemText.MAY_NOT)));
    }

    /** What the framework refuses by itself: a method, a type, a part that is missing. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception e) {
        if (e instanceof ErrorResponse refused && refused.getStatusCode().is4xxClientError()) {
            ProblemDetail detail = ProblemText.detail(refused.getStatusCode());
            return ResponseEntity.status(refused.getStatusCode())
                    .headers(refused.getHeaders())
                    .contentType(ProblemText.TYPE)
                    .body(detail);
        }
        if (OutOfReach.isDatabaseAway(e)) {
            return outOfReach(e);
        }
        LOG.error("Unexpected failure", WithoutWords.of(e));
        HttpStatus status = HttpStatus.INTERNAL_SERVER_ERROR;
        return answer(status, ProblemText.detail(status));
    }

    private static ResponseEntity<ProblemDetail> answer(HttpStatusCode status, ProblemDetail detail) {
        return ResponseEntity.status(status).contentType(ProblemText.TYPE).body(detail);
    }

    private String words(MessageSourceResolvable fault) {
        String[] codes = fault.getCodes() == null ? new String[] {""} : fault.getCodes();
        Object[] arguments = fault.getArguments() == null ? new Object[0] : fault.getArguments();
        Object[] limits = java.util.Arrays.stream(arguments)
                .filter(Number.class::isInstance)
                .toArray();
        String code = codes[codes.length - 1];
        return texts.sayOr("problem.field." + code.toLowerCase(Locale.ROOT), "problem.field.type", limits);
    }

    private static String asPath(String field) {
        return field.replace("].", "/").replace('[', '/').replace("]", "").replace('.', '/');
    }

    private static String pathOf(JacksonException e) {
        return e.getPath().stream()
                .map(each -> each.getPropertyName() == null ? String.valueOf(each.getIndex()) : each.getPropertyName())
                .collect(Collectors.joining("/"));
    }
}
