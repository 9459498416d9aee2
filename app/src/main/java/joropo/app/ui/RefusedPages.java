package joropo.app.ui;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import joropo.core.units.RefusedInput;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;

/**
 * What a page does not say at a field is said in a sentence: a job that is closed meanwhile, a store that cannot be
 * written. A script gets the sentence alone.
 */
@ControllerAdvice(annotations = Controller.class)
class RefusedPages {
    private static final Logger LOG = LoggerFactory.getLogger(RefusedPages.class);
    private static final String FULL =
            "The store could not be written: the disk may be full, read-only or busy. " + "Nothing of this was stored.";

    private static final String FAULT =
            "This is a fault of the program, not yours: what was sent does not go together with what is stored. "
                    + "Nothing of this was stored.";

    @ExceptionHandler
    Object refused(RefusedInput refused, HttpServletRequest request) {
        return said(HttpStatus.CONFLICT, Errors.sentence(refused.errors().get(0).message()), request);
    }

    @ExceptionHandler
    Object closed(Closed closed, HttpServletRequest request) {
        return said(HttpStatus.CONFLICT, closed.getMessage(), request);
    }

    @ExceptionHandler
    Object tooLarge(MaxUploadSizeExceededException large, HttpServletRequest request) {
        return said(HttpStatus.CONTENT_TOO_LARGE, "The file is too large: up to 10 MB are kept.", request);
    }

    @ExceptionHandler
    Object noFile(MultipartException none, HttpServletRequest request) {
        return said(HttpStatus.BAD_REQUEST, "A file is needed here, and none has come whole. Send it again.", request);
    }

    /** A rule of the database that a page let through is a fault of this program, and never the disk's. */
    @ExceptionHandler
    Object inconsistent(DataIntegrityViolationException failed, HttpServletRequest request) {
        LOG.error("Not stored: {} {}", request.getMethod(), request.getRequestURI(), failed);
        return said(HttpStatus.INTERNAL_SERVER_ERROR, FAULT, request);
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    Object unwritten(RuntimeException failed, HttpServletRequest request) {
        LOG.warn("Not stored: {} {}", request.getMethod(), request.getRequestURI(), failed);
        return said(HttpStatus.SERVICE_UNAVAILABLE, FULL, request);
    }

    private static Object said(HttpStatus status, String sentence, HttpServletRequest request) {
        if ("true".equals(request.getHeader("HX-Request"))) {
            return ResponseEntity.status(status)
                    .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                    .body(sentence);
        }
        var page = new ModelAndView("error", status);
        page.addObject("status", status.value());
        page.addObject("sentence", sentence);
        return page;
    }
}
