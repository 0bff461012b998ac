package org.civitane.server.platform;

import java.net.URI;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Turns failures into problem details (RFC 9457); the log has the cause, never personal data. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail known(Problem problem) {
        ProblemDetail detail = detail(problem.status(), problem.code(), problem.getMessage());
        problem.more().forEach(detail::setProperty);
        return detail;
    }

    /** Whoever asked is gone, so there is nobody to tell. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException e) {
        LOG.debug("The other side closed the connection: {}", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail changedMeanwhile(OptimisticLockingFailureException e) {
        return detail(
                HttpStatus.CONFLICT,
                "changed-meanwhile",
                "Someone changed this while you were at it. Nothing of theirs is lost, and yours was not saved: look again and repeat it.");
    }

    @ExceptionHandler({
        HttpMessageNotReadableException.class,
        MethodArgumentNotValidException.class,
        MethodArgumentTypeMismatchException.class
    })
    ProblemDetail unreadable(Exception e) {
        return detail(
                HttpStatus.BAD_REQUEST, "unreadable", "This request could not be read. Reload the page and try again.");
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class,
        QueryTimeoutException.class,
        JpaSystemException.class
    })
    ProblemDetail outOfReach(Exception e) {
        LOG.error("The database is out of reach", e);
        return detail(
                HttpStatus.SERVICE_UNAVAILABLE,
                "out-of-reach",
                "We cannot reach our records for a moment. What you saved before is safe. Please try again in a minute.");
    }

    @ExceptionHandler
    ProblemDetail denied(AccessDeniedException e) {
        return detail(HttpStatus.FORBIDDEN, "forbidden", "Your account may not do this.");
    }

    @ExceptionHandler
    ProblemDetail nothingThere(NoResourceFoundException e) {
        return detail(HttpStatus.NOT_FOUND, "not-found", "There is nothing at this address.");
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        LOG.error("Unexpected failure", e);
        return detail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Something went wrong on our side. What you saved before is safe. Please try again.");
    }

    private static ProblemDetail detail(HttpStatus status, String code, String sentence) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        detail.setType(URI.create("urn:civitane:problem:" + code));
        detail.setProperty("code", code);
        return detail;
    }
}
