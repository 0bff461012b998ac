package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** The cookie of a session; what cannot be the id of one never reaches the database. */
@Configuration(proxyBeanMethods = false)
class SessionCookie {
    private static final Pattern ID = Pattern.compile("[0-9a-f-]{36}");

    @Bean
    CookieSerializer cookieSerializer(@Value("${server.servlet.session.cookie.name}") String name) {
        DefaultCookieSerializer serializer = new DefaultCookieSerializer() {
            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return super.readCookieValues(request).stream()
                        .filter(value -> ID.matcher(value).matches())
                        .toList();
            }
        };
        serializer.setCookieName(name);
        serializer.setUseHttpOnlyCookie(true);
        serializer.setSameSite("Lax");
        return serializer;
    }
}
