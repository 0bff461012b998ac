package org.civitane.server.standins;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Stands before every simulated service but its pages for browsers: only whoever has the key gets through, and only as its mood allows. */
@Component
@Profile(Simulated.PROFILE)
class Gate implements HandlerInterceptor, WebMvcConfigurer {
    private static final long SLOW_MILLISECONDS = 6_000;

    private final Moods moods;
    private final byte[] key;

    Gate(Moods moods, @Value("${civitane.register-key}") String key) {
        this.moods = moods;
        this.key = key.getBytes(StandardCharsets.UTF_8);
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this)
                .addPathPatterns("/standins/**")
                .excludePathPatterns("/standins/pay-page/**", "/standins/mail-page");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException, InterruptedException {
        String given = Optional.ofNullable(request.getHeader("X-Register-Key")).orElse("");
        if (!MessageDigest.isEqual(key, given.getBytes(StandardCharsets.UTF_8))) {
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            return false;
        }
        Mood mood = Service.at(request.getRequestURI()).map(moods::of).orElse(Mood.ANSWERS);
        return switch (mood) {
            case ANSWERS -> true;
            case SLOW -> {
                Thread.sleep(SLOW_MILLISECONDS);
                yield true;
            }
            case DOWN -> refused(response);
            case FLAPPING -> moods.isUpThisTime() || refused(response);
            case WRONG -> {
                response.setContentType("text/html");
                response.getWriter().print("<html><title>Welcome</title></html>");
                yield false;
            }
        };
    }

    private static boolean refused(HttpServletResponse response) {
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        return false;
    }
}
