package org.civitane.server.access;

import jakarta.servlet.http.HttpServletResponse;
import java.util.function.Supplier;
import org.civitane.server.platform.ProblemText;
import org.civitane.server.platform.SecurityHeaders;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderNotFoundException;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may call what: everything not named here is closed. Whose claim it is, each service checks itself. */
@Configuration(proxyBeanMethods = false)
@EnableMethodSecurity
class SecurityRules {
    private static final String[] WORKS_CLAIMS = {"CASEWORKER", "SUPERVISOR"};
    /** Sent, not addressed, since what is looked for is about people; nothing is changed by them. */
    private static final String[] ONLY_LOOKING = {
        "/api/search", "/api/claims/*/what-if", "/api/claims/*/letter-preview", "/api/claims/*/letter-preview/text"
    };

    /** What whoever carries a claim's pictures may call of it; the rest of it is the applicant's. */
    private static final String[] WITH_THE_PHONE = {
        "/api/my/claims/{claim}/identity",
        "/api/my/claims/{claim}/identity/uploads",
        "/api/my/claims/{claim}/identity/uploads/*",
        "/api/my/claims/{claim}/identity/documents/**",
        "/api/my/claims/{claim}/papers/*/picture"
    };

    private static final String[] STAFF = {"CASEWORKER", "SUPERVISOR", "AUDITOR"};
    private static final String[] HALFWAY_OR_IN = {"HALFWAY", "APPLICANT", "CASEWORKER", "SUPERVISOR", "AUDITOR"};

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SecurityContextRepository contexts, BoundTokens tokens)
            throws Exception {
        return http.authorizeHttpRequests(calls -> calls.requestMatchers(
                                "/api/health",
                                "/api/broken",
                                "/api/openapi",
                                "/api/session",
                                "/api/account",
                                "/api/account/confirm",
                                "/api/address",
                                "/api/password",
                                "/api/password/forgotten",
                                "/api/programmes",
                                "/api/programmes/*",
                                "/api/programmes/*/screening",
                                "/api/policy",
                                "/api/carry",
                                "/api/carry/look",
                                "/api/letter",
                                "/api/letter/answer",
                                "/api/check/*",
                                "/api/pay-notices",
                                "/api/link/**",
                                "/api/link")
                        .permitAll()
                        .requestMatchers("/standins/**")
                        .permitAll()
                        .requestMatchers("/api/session/code", "/api/session/code/again")
                        .hasRole("HALFWAY")
                        .requestMatchers(HttpMethod.GET, "/api/account/second-factor")
                        .hasAnyRole(HALFWAY_OR_IN)
                        .requestMatchers(HttpMethod.POST, "/api/account/second-factor")
                        .hasAnyRole(HALFWAY_OR_IN)
                        .requestMatchers(HttpMethod.PUT, "/api/account/second-factor")
                        .hasAnyRole(HALFWAY_OR_IN)
                        .requestMatchers(
                                "/api/account/password",
                                "/api/account/sessions",
                                "/api/account/sign-ins",
                                "/api/account/second-factor/end")
                        .hasAnyRole("APPLICANT", "CASEWORKER", "SUPERVISOR", "AUDITOR")
                        .requestMatchers("/api/account/close")
                        .hasRole("APPLICANT")
                        .requestMatchers(HttpMethod.GET, "/api/accounts")
                        .hasAnyRole("SUPERVISOR", "AUDITOR")
                        .requestMatchers("/api/accounts/**")
                        .hasRole("SUPERVISOR")
                        .requestMatchers("/api/counter/**")
                        .hasAnyRole(WORKS_CLAIMS)
                        .requestMatchers(WITH_THE_PHONE)
                        .access(SecurityRules::mayShowIdentity)
                        .requestMatchers("/api/drafts/**", "/api/drafts", "/api/my/**")
                        .hasRole("APPLICANT")
                        .requestMatchers(
                                HttpMethod.GET,
                                "/api/claims/**",
                                "/api/day-sheet/**",
                                "/api/day-sheet",
                                "/api/handovers/**",
                                "/api/post-list",
                                "/api/staff",
                                "/api/identities",
                                "/api/outside")
                        .hasAnyRole(STAFF)
                        .requestMatchers(HttpMethod.POST, ONLY_LOOKING)
                        .hasAnyRole(STAFF)
                        .requestMatchers("/api/claims/*/documents/*/revoke")
                        .hasRole("SUPERVISOR")
                        .requestMatchers(HttpMethod.GET, "/api/misuse", "/api/audit")
                        .hasAnyRole("SUPERVISOR", "AUDITOR")
                        .requestMatchers("/api/misuse/**")
                        .hasRole("SUPERVISOR")
                        .requestMatchers(
                                "/api/claims/**",
                                "/api/day-sheet/**",
                                "/api/outside/**",
                                "/api/post",
                                "/api/handovers/**",
                                "/api/post-list")
                        .hasAnyRole(WORKS_CLAIMS)
                        .requestMatchers(HttpMethod.PUT, "/api/session/keys")
                        .hasAnyRole(STAFF)
                        .requestMatchers("/api/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa()
                        .csrfTokenRepository(tokens)
                        .ignoringRequestMatchers("/standins/**", "/api/pay-notices", "/api/check/file"))
                .addFilterBefore(new OtherTab(), AuthorizationFilter.class)
                .securityContext(context -> context.securityContextRepository(contexts))
                .sessionManagement(session -> session.sessionFixation(fixation -> fixation.changeSessionId()))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .exceptionHandling(failures ->
                        failures.authenticationEntryPoint(signInFirst()).accessDeniedHandler(mayNot()))
                .headers(headers -> headers.contentSecurityPolicy(
                                csp -> csp.policyDirectives(SecurityHeaders.CONTENT_SECURITY_POLICY))
                        .frameOptions(frames -> frames.sameOrigin())
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    private static AuthorizationDecision mayShowIdentity(
            Supplier<? extends @Nullable Authentication> who, RequestAuthorizationContext call) {
        String carries = Sessions.CARRIES + call.getVariables().get("claim");
        Authentication authentication = who.get();
        return new AuthorizationDecision(authentication != null
                && authentication.getAuthorities().stream()
                        .map(GrantedAuthority::getAuthority)
                        .anyMatch(each -> "ROLE_APPLICANT".equals(each) || carries.equals(each)));
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** Passwords are checked by {@link Accounts} alone. */
    @Bean
    AuthenticationManager noOtherWayIn() {
        return attempt -> {
            throw new ProviderNotFoundException("Sign in through /api/session.");
        };
    }

    /** What the firewall refuses never reaches the filters that set the headers. */
    @Bean
    RequestRejectedHandler unreadable() {
        return (request, response, refused) -> {
            SecurityHeaders.ALL.forEach(response::setHeader);
            ProblemText.write(response, HttpServletResponse.SC_BAD_REQUEST);
        };
    }

    private static AuthenticationEntryPoint signInFirst() {
        return (request, response, failure) -> ProblemText.write(response, HttpServletResponse.SC_UNAUTHORIZED);
    }

    private static AccessDeniedHandler mayNot() {
        return (request, response, failure) -> ProblemText.write(response, HttpServletResponse.SC_FORBIDDEN);
    }
}
