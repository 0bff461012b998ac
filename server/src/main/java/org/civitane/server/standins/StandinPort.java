package org.civitane.server.standins;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.AbstractProtocol;
import org.civitane.server.platform.ProblemText;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Profile;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Simulated services answer on a port of their own and nowhere else, and nothing else answers there. */
@Component
@Profile(Simulated.PROFILE)
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class StandinPort extends OncePerRequestFilter implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final int port;

    StandinPort(@Value("${civitane.standins-port}") int port) {
        this.port = port;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        Connector connector = new Connector(TomcatServletWebServerFactory.DEFAULT_PROTOCOL);
        connector.setPort(port);
        ((AbstractProtocol<?>) connector.getProtocolHandler()).setAddress(InetAddress.getLoopbackAddress());
        factory.addAdditionalConnectors(connector);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isForThem = request.getRequestURI().startsWith("/standins/");
        boolean isTheirs = request.getLocalPort() == port;
        if (isForThem == isTheirs) {
            chain.doFilter(request, response);
        } else {
            ProblemText.write(response, HttpServletResponse.SC_NOT_FOUND);
        }
    }
}
