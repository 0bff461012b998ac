package org.civitane.server.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the container itself refuses, such as an address that is none, is answered like everything else. */
@Configuration(proxyBeanMethods = false)
class ContainerProblems {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> answersLikeTheRest() {
        return factory -> factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new Answer()));
    }

    /** Writes the problem of a status that came without a body. */
    static final class Answer extends ErrorReportValve {
        /** A version or an encoding that is none is no fault of the server's, whatever HTTP calls it. */
        private static final Set<Integer> UNKNOWN_HERE =
                Set.of(HttpServletResponse.SC_NOT_IMPLEMENTED, HttpServletResponse.SC_HTTP_VERSION_NOT_SUPPORTED);

        @Override
        protected void report(Request request, Response response, Throwable cause) {
            if (UNKNOWN_HERE.contains(response.getStatus())) {
                response.setStatus(HttpServletResponse.SC_BAD_REQUEST);
            }
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            SecurityHeaders.ALL.forEach(response::setHeader);
            response.setContentType(ProblemText.TYPE.toString());
            byte[] body = ProblemText.json(status).getBytes(StandardCharsets.UTF_8);
            response.setContentLength(body.length);
            try {
                response.getOutputStream().write(body);
                response.finishResponse();
            } catch (IOException e) {
                container.getLogger().debug("The other side closed the connection", e);
            }
        }
    }
}
