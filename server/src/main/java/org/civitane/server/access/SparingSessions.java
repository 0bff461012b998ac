package org.civitane.server.access;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/**
 * Sessions as they are kept in the database, but that one was used is written down once a minute, not with every request:
 * a page asks for several things at once, and each would wait until the one before is on the disk.
 */
final class SparingSessions<S extends Session> implements FindByIndexNameSessionRepository<SparingSessions.Spared<S>> {
    private static final Duration OFTEN_ENOUGH = Duration.ofMinutes(1);

    private final FindByIndexNameSessionRepository<S> kept;

    private SparingSessions(FindByIndexNameSessionRepository<S> kept) {
        this.kept = kept;
    }

    /** Stands before the repository that was made for the database. */
    @Configuration(proxyBeanMethods = false)
    static class InPlace {
        @Bean
        static BeanPostProcessor sparingSessions() {
            return new BeanPostProcessor() {
                @Override
                public Object postProcessAfterInitialization(Object bean, String name) {
                    return bean instanceof JdbcIndexedSessionRepository kept ? sparing(kept) : bean;
                }
            };
        }

        private static <S extends Session> SparingSessions<S> sparing(FindByIndexNameSessionRepository<S> kept) {
            return new SparingSessions<>(kept);
        }
    }

    @Override
    public Spared<S> createSession() {
        return new Spared<>(kept.createSession());
    }

    /** Writes what changed; where nothing did, nothing. */
    @Override
    public void save(Spared<S> session) {
        kept.save(session.kept());
    }

    @Override
    public @Nullable Spared<S> findById(String id) {
        S found = kept.findById(id);
        return found == null ? null : new Spared<>(found);
    }

    @Override
    public void deleteById(String id) {
        kept.deleteById(id);
    }

    @Override
    public Map<String, Spared<S>> findByIndexNameAndIndexValue(String name, String value) {
        return kept.findByIndexNameAndIndexValue(name, value).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, found -> new Spared<>(found.getValue())));
    }

    /** A session whose last use is as exact as it is kept. */
    record Spared<S extends Session>(S kept) implements Session {
        @Override
        public void setLastAccessedTime(Instant used) {
            if (!used.isBefore(kept.getLastAccessedTime().plus(OFTEN_ENOUGH))) {
                kept.setLastAccessedTime(used);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return kept.getLastAccessedTime();
        }

        @Override
        public String getId() {
            return kept.getId();
        }

        @Override
        public String changeSessionId() {
            return kept.changeSessionId();
        }

        @Override
        public <T> @Nullable T getAttribute(String name) {
            return kept.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return kept.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, @Nullable Object value) {
            kept.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            kept.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return kept.getCreationTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration idle) {
            kept.setMaxInactiveInterval(idle);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return kept.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return kept.isExpired();
        }
    }
}
