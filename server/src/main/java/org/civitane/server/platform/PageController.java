package org.civitane.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Serves the one page that all screens live in, whatever screen the address names; anyone may load it. */
@Controller
class PageController {
    private final Starting starting;
    private final SharedTime time;
    private volatile boolean ready;

    PageController(Starting starting, SharedTime time) {
        this.starting = starting;
        this.time = time;
    }

    @GetMapping({
        "/sign-in",
        "/sign-up",
        "/forgotten",
        "/new-password",
        "/account",
        "/confirm-address",
        "/accounts",
        "/counter-account",
        "/programmes/**",
        "/apply/**",
        "/my/**",
        "/day-sheet",
        "/desk",
        "/claims/**",
        "/answer",
        "/carry/**",
        "/rulebook",
        "/outside",
        "/misuse",
        "/identities",
        "/handing-over/**",
        "/letter",
        "/check/**"
    })
    String page() {
        return "forward:/index.html";
    }

    /**
     * An address that leads nowhere, opened in a browser: the same page, which says so and where to go on. Whoever does
     * not ask for a page in so many words is a program, and gets a problem.
     */
    @GetMapping("/{nowhere:(?!api|standins|assets)[^.]*}/**")
    String nowhere(
            @RequestHeader(value = HttpHeaders.ACCEPT, defaultValue = "") String accept,
            HttpServletRequest request,
            HttpServletResponse response)
            throws NoResourceFoundException {
        if (!accept.contains(MediaType.TEXT_HTML_VALUE)) {
            throw new NoResourceFoundException(HttpMethod.GET, request.getRequestURI(), request.getRequestURI());
        }
        response.setStatus(HttpStatus.NOT_FOUND.value());
        return "forward:/index.html";
    }

    /** @param step how many of the steps of starting are done @param of how many there are */
    record Health(String status, int step, int of) {}

    /** Answers 503 until everything is there to work with, and how far it is; also while this machine's clock is off. */
    @GetMapping("/api/health")
    @ResponseBody
    ResponseEntity<Health> health() {
        boolean isOff = time.isOff();
        HttpStatus status = ready && !isOff ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE;
        String said = !ready ? "starts" : isOff ? "clock-off" : "answers";
        return ResponseEntity.status(status).body(new Health(said, starting.done(), starting.all()));
    }

    @EventListener(ApplicationReadyEvent.class)
    void isReady() {
        ready = true;
    }
}
